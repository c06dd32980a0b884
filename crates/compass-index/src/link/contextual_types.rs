//! What functions that stand as arguments are given: told by what they are handed to.

use super::evaluate::Evaluator;
use super::ty::{Meaning, Ty};
use super::world::DefRef;
use crate::{Cause, Certainty};
use compass_facts::{DefId, Flags, Kind, Language, ScopeId, TypeExpr, TypeId};

/// Aliases and unions are looked through so deep.
const MAX_DEPTH: u32 = 8;

impl Evaluator<'_, '_> {
    /// The parameter of a function handed to what is called.
    pub(super) fn given(&mut self, file: u32, by: TypeId, argument: usize, parameter: usize, only: bool) -> Meaning {
        if let Some(ty) = self.given_by_list(file, by, argument, parameter) {
            return Meaning { ty, certainty: Certainty::Inferred, reasons: Vec::new() };
        }
        if argument == TypeExpr::WANTED as usize {
            let found = self.parameter_of_type(file, by, parameter, 0).filter(|t| !t.is_unknown());
            return found.map_or(Meaning::unknown(Cause::ReceiverUnknown), |ty| Meaning { ty, certainty: Certainty::Inferred, reasons: Vec::new() });
        }
        if self.world.language(file) == Language::Java {
            return self.java_given(file, by, argument, parameter).unwrap_or_else(|| self.given_by_receiver(file, by, only));
        }
        let callee = self.evaluate(file, by);
        let parts = match &callee.ty {
            Ty::Union(parts) => parts.to_vec(),
            one => vec![one.clone()],
        };
        let found = parts.iter().find_map(|p| self.given_by(p, argument, parameter)).filter(|t| !t.is_unknown());
        match found {
            Some(ty) => Meaning { ty, certainty: callee.certainty.min(Certainty::Inferred), reasons: callee.reasons },
            None => self.given_by_receiver(file, by, only),
        }
    }

    /// In Java and Rust functions handed to a method mostly get what its receiver holds, where that is all they get: what is
    /// summed up or kept under a key stands beside it otherwise.
    fn given_by_receiver(&mut self, file: u32, by: TypeId, only: bool) -> Meaning {
        let language = self.world.language(file);
        match *self.world.facts(file).ty(by) {
            TypeExpr::Member { of, .. } if language == Language::Java || language == Language::Rust && only => {
                let of = self.evaluate(file, of);
                let held = self.element(of.ty.clone());
                // Options are looked through where they arise: what is mapped is the value then.
                let is_looked_through = held.is_unknown() && language == Language::Rust && matches!(of.ty, Ty::Value(..));
                let ty = if is_looked_through { of.ty } else { held };
                let most = if only && !is_looked_through { Certainty::Proven } else { Certainty::Inferred };
                Meaning { ty, certainty: of.certainty.min(most), reasons: of.reasons }
            }
            _ => Meaning::unknown(Cause::ReceiverUnknown),
        }
    }

    fn given_by(&mut self, callee: &Ty, argument: usize, parameter: usize) -> Option<Ty> {
        let Ty::Item(sym, _, receiver) = callee else { return None };
        if !self.world.def(*sym).kind.is_callable() {
            return None;
        }
        // The receiver of a method of Rust stands among its parameters.
        let is_self = |d: &DefId| self.world.language(sym.file) == Language::Rust && self.world.facts(sym.file).def_name(*d) == "self";
        let declared = self.parameters_of(*sym).into_iter().filter(|d| !is_self(d)).nth(argument)?;
        let ty = self.world.facts(sym.file).def(declared).ty?;
        let found = self.parameter_of_type(sym.file, ty, parameter, 0)?;
        Some(match receiver.as_deref() {
            Some(Ty::Value(owner, args)) if !args.is_empty() => self.substitute(found, *owner, args),
            _ => found,
        })
    }

    /// The parameter of a function type, however it is written.
    fn parameter_of_type(&mut self, file: u32, ty: TypeId, parameter: usize, depth: u32) -> Option<Ty> {
        if depth > MAX_DEPTH {
            return None;
        }
        match self.world.facts(file).ty(ty).clone() {
            TypeExpr::Signature { parameters, .. } => parameters.get(parameter).map(|p| self.evaluate(file, *p).ty),
            TypeExpr::Union(parts) => parts.into_iter().find_map(|p| self.parameter_of_type(file, p, parameter, depth + 1)),
            TypeExpr::Instance(of) => self.parameter_of_type(file, of, parameter, depth + 1),
            TypeExpr::Def(def) => self.parameter_of_alias(DefRef { file, def }, parameter, depth),
            _ if self.world.language(file) == Language::Java => self.functional(file, ty, parameter),
            TypeExpr::Generic { of, args } => {
                let Ty::Item(alias, ..) = self.evaluate(file, of).ty else { return None };
                let found = self.parameter_of_alias(alias, parameter, depth)?;
                let args = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
                Some(self.substitute(found, alias, &args))
            }
            TypeExpr::Name { .. } | TypeExpr::TypeName { .. } | TypeExpr::Member { .. } | TypeExpr::Import(_) => match self.evaluate(file, ty).ty {
                Ty::Item(alias, ..) => self.parameter_of_alias(alias, parameter, depth),
                _ => None,
            },
            _ => None,
        }
    }

    fn parameter_of_alias(&mut self, alias: DefRef, parameter: usize, depth: u32) -> Option<Ty> {
        let def = self.world.def(alias);
        // `F: Fn(Turn)`: a bound of the parameter says what it takes.
        let ty = def.ty.filter(|_| matches!(def.kind, Kind::Alias | Kind::TypeParameter))?;
        self.parameter_of_type(alias.file, ty, parameter, depth + 1)
    }

    /// The parameter of the one method of an interface of Java; of those of the standard library by their type arguments.
    pub(super) fn functional(&mut self, file: u32, ty: TypeId, parameter: usize) -> Option<Ty> {
        match self.evaluate(file, ty).ty {
            Ty::Value(interface, args) | Ty::Item(interface, args, _) if self.world.def(interface).kind == Kind::Interface => {
                let method = self.only_method(interface)?;
                let declared = self.parameters_of(method).get(parameter).copied()?;
                let found = self.evaluate(method.file, self.world.facts(method.file).def(declared).ty?).ty;
                Some(self.substitute(found, interface, &args))
            }
            Ty::External(name, args) | Ty::ExternalType(name, args) => {
                let same = ["Comparator", "BinaryOperator", "UnaryOperator"].contains(&self.world.name(name));
                args.get(if same { 0 } else { parameter }).cloned()
            }
            _ => None,
        }
    }

    /// The only method of an interface that has no body.
    fn only_method(&self, interface: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(interface.file);
        let is_open =
            |d: &compass_facts::Definition| d.container == Some(interface.def) && d.kind == Kind::Method && d.body.is_none() && !d.flags.has(Flags::STATIC);
        let mut open = facts.definitions.iter().enumerate().filter(|(_, d)| is_open(d));
        let only = open.next()?.0;
        open.next().is_none().then_some(DefRef { file: interface.file, def: DefId(only as u32) })
    }

    /// Parameters of tests in Python are given by functions of their name, in the file or in a `conftest.py` of a folder around:
    /// a convention of its test runners.
    pub(super) fn given_by_name(&mut self, parameter: DefRef) -> Option<Meaning> {
        let world = self.world;
        let file = &world.files[parameter.file as usize];
        let (dir, name) = file.path.rsplit_once('/').unwrap_or(("", &file.path));
        let is_test = name.starts_with("test_") || name.ends_with("_test.py") || name == "conftest.py";
        if file.language != Language::Python || !is_test || world.def(parameter).kind != Kind::Parameter {
            return None;
        }
        let word = world.gid(parameter.file, world.def(parameter).name);
        let reaches = |s: &DefRef| {
            let path = &world.files[s.file as usize].path;
            let around = path.strip_suffix("conftest.py").map(|d| d.trim_end_matches('/'));
            s.file == parameter.file || around.is_some_and(|d| d.is_empty() || dir == d || dir.strip_prefix(d).is_some_and(|r| r.starts_with('/')))
        };
        let is_function =
            |s: &DefRef| world.language(s.file) == Language::Python && world.def(*s).kind == Kind::Function && world.def(*s).scope == ScopeId::FILE;
        let found = world.named(word).iter().filter(|s| is_function(s) && reaches(s));
        // The nearest one: that of the file, else of the deepest folder.
        let giver = *found.max_by_key(|s| (s.file == parameter.file, world.files[s.file as usize].path.len()))?;
        let result = self.result(Ty::Item(giver, Ty::no_args(), None));
        let ty = if world.def(giver).flags.has(Flags::GENERATOR) { self.element(result.ty) } else { result.ty };
        Some(Meaning { ty, certainty: result.certainty.min(Certainty::Inferred), reasons: result.reasons })
    }

    /// `list.map(x => …)`: an element; `list.reduce((sum, x) => …)`: the second one is.
    fn given_by_list(&mut self, file: u32, by: TypeId, argument: usize, parameter: usize) -> Option<Ty> {
        let TypeExpr::Member { of, name } = *self.world.facts(file).ty(by) else { return None };
        if !self.world.language(file).is_kin_of(Language::TypeScript) {
            return None;
        }
        let word = self.world.facts(file).name(name);
        let which = match word {
            "map" | "forEach" | "filter" | "find" | "some" | "every" | "findIndex" | "flatMap" | "findLast" => 0,
            "reduce" | "reduceRight" => 1,
            "sort" if parameter < 2 => parameter,
            "then" => 0,
            _ => return None,
        };
        if argument != 0 || parameter != which {
            return None;
        }
        match (word, self.evaluate(file, of).ty) {
            ("then", ty) => self.brought(&ty).filter(|b| b.0 == "Promise").and_then(|b| b.1.first().cloned()),
            (_, Ty::List(inner)) => Some((*inner).clone()),
            ("forEach", Ty::Map(inner)) => Some((*inner).clone()),
            (word, ty) => {
                let holds = |name: &str| name == "ReadonlyArray" || word == "forEach" && matches!(name, "Set" | "ReadonlySet");
                self.brought(&ty).filter(|b| holds(b.0)).and_then(|b| b.1.first().cloned())
            }
        }
    }
}
