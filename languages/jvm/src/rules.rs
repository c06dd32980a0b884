//! Java: names by the types around, imports and packages; members with overloads, inherited ones included.
//!
//! # How it works
//! Methods, values and types are names apart ([`Names`]). A plain name is looked for outwards through the types around,
//! each with what it inherits, then among imports, in the package, among star imports. Of the methods of a name those
//! that another one overrides are left out; of the rest the arguments choose: by number, then by types as far as these
//! are known (Java Language Specification, §15.12, in the order of its phases but without generic inference).

pub(crate) mod choice;
pub(crate) mod members;
pub(crate) mod scopes;

use crate::rules::choice::Choice as _;
use crate::rules::members::Members as _;
use crate::rules::scopes::Scopes as _;
use compass_facts::{DefId, Facts, Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, TypeExpr, TypeId, Use, UseId};
use compass_index::linking::{
    DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Modules, Namespace, Packages, Prepared, Rules, Target, Ty, World, usual_namespace,
};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// Which of the name spaces of a type is asked.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Names {
    Methods,
    Values,
    Types,
    Constructors,
}

impl Names {
    fn hold(self, kind: Kind) -> bool {
        match self {
            Names::Methods => kind == Kind::Method,
            Names::Values => matches!(kind, Kind::Field | Kind::Variant | Kind::Variable | Kind::Constant | Kind::Parameter),
            Names::Types => kind.is_type(),
            Names::Constructors => kind == Kind::Constructor,
        }
    }
}

/// A member, and the type it was found in with its arguments.
#[derive(Clone)]
pub(crate) struct Found {
    pub(crate) hit: Hit,
    pub(crate) of: Ty,
}

/// See the module.
pub(super) struct JavaRules;

/// The package each file says it is part of.
#[derive(Default)]
struct JavaPackages(Packages);

impl Rules for JavaRules {
    fn prepare(&self, world: &World, _: &Modules) -> Option<Prepared> {
        let mut out = JavaPackages::default();
        let files = world.files.iter().enumerate().filter(|(_, f)| crate::is_jvm(f.language) && !world.is_lazy());
        for (index, file) in files {
            let within = file.facts.imports.iter().find(|i| i.kind == ImportKind::Within);
            out.0.add(index as u32, within.map_or("", |i| file.facts.name(i.module)).to_owned());
        }
        Some(Box::new(out))
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.plain_java(file, scope, name, wanted)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        e.java_targets(file, import, facts.name(import.module))
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let import = e.world.facts(file).import(id);
        e.follow_java(file, import)
    }

    fn follows_unbound(&self, import: &Import) -> bool {
        import.kind == ImportKind::Name
    }

    /// Methods for calls and references, else values, then types.
    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = e.evaluate(file, of);
        let is_own_name = matches!(&owner.ty, Ty::Item(s, ..) if e.world.gid(s.file, e.world.def(*s).name) == name);
        let order: &[Names] = match u.role {
            Role::Call if is_own_name => &[Names::Constructors],
            Role::Call => &[Names::Methods],
            Role::Ref => &[Names::Methods, Names::Values],
            Role::Type => &[Names::Types],
            _ => &[Names::Values, Names::Types],
        };
        let mut found = Lookup::none(Cause::NoDefinition);
        for names in order {
            found = e.java_members(&owner.ty, name, *names);
            if !found.is_empty() {
                break;
            }
        }
        if found.is_empty() && order == [Names::Constructors] {
            return e.java_made_constructor(&owner);
        }
        if found.is_empty() {
            return e.without_member(file, &owner.ty, found.cause, u, name);
        }
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        found
    }

    /// A label of a switch that is no constant of an enum.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let found = e.link_key(file, of, name);
        if !found.is_empty() {
            return found;
        }
        let plain = (*e.plain(file, u.scope, name, Namespace::Any)).clone();
        if plain.is_empty() { found } else { plain }
    }

    /// Of several methods of a name the one that the arguments choose.
    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        if found.is_empty() || u.role != Role::Call {
            return found;
        }
        let args: &[TypeId] = facts.arguments.binary_search_by_key(&id, |a| a.0).map_or(&[], |i| &facts.arguments[i].1);
        let given: Vec<Ty> = args.iter().map(|a| e.evaluate(file, *a).ty).collect();
        let all = found.hits.into_iter().map(|hit| Found { hit, of: Ty::Unknown(Cause::NoDefinition) }).collect();
        let chosen = e.java_choose(all, &given);
        let hits = chosen.into_iter().map(|(f, how)| Hit { certainty: f.hit.certainty.min(how), ..f.hit }).collect();
        Lookup { hits, cause: found.cause }
    }

    fn settles_overloads(&self) -> bool {
        true
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    fn super_is_one_class(&self) -> bool {
        true
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        e.java_member_meaning(file, of, name)
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        e.java_call(file, of, arguments)
    }

    fn handed(&self, e: &mut Evaluator, handed: Handed) -> Option<Meaning> {
        let found = e.java_given(handed.file, handed.by, handed.argument, handed.parameter);
        Some(found.unwrap_or_else(|| self.handed_by_receiver(e, handed)))
    }

    /// Functions handed to a method mostly get what its receiver holds; what is summed up or kept under a key stands beside it.
    fn handed_by_receiver(&self, e: &mut Evaluator, handed: Handed) -> Meaning {
        let TypeExpr::Member { of, .. } = *e.world.facts(handed.file).ty(handed.by) else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let of = e.evaluate(handed.file, of);
        let ty = e.element(handed.file, of.ty.clone());
        let most = if handed.only { Certainty::Proven } else { Certainty::Inferred };
        Meaning { ty, certainty: of.certainty.min(most), reasons: of.reasons }
    }

    /// The parameter of the one method of an interface; of those of the standard library by their type arguments.
    fn functional(&self, e: &mut Evaluator, file: u32, ty: TypeId, parameter: usize) -> Option<Option<Ty>> {
        Some(e.java_functional(file, ty, parameter))
    }
}

/// Types above this many are not gone through for one name.
const MAX_BASES: usize = 128;

#[ext(JavaNames)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn java_packages(&self) -> &'m Packages {
        &self.modules.of::<JavaPackages>().0
    }

    /// The files an import leads to: that of the type it names.
    fn java_targets(&mut self, file: u32, import: &Import, module: &str) -> Vec<Target> {
        let package = Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false };
        let to_file = |s: DefRef| Target { entity: Entity::Module(s.file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false };
        if import.kind == ImportKind::Within || import.kind == ImportKind::Glob && self.java_packages().has(module) {
            return vec![package];
        }
        if import.kind == ImportKind::Glob || import.system {
            return self.java_class(module).map(to_file).into_iter().collect();
        }
        let found = self.follow_java(file, import);
        found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(to_file(s)) } else { None }).take(1).collect()
    }

    fn java_functional(&mut self, file: u32, ty: TypeId, parameter: usize) -> Option<Ty> {
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

    /// A parameter of a lambda handed to a method: of the first that takes a function there.
    fn java_given(&mut self, file: u32, by: TypeId, argument: usize, parameter: usize) -> Option<Meaning> {
        let (found, _, owner, _) = self.java_called(file, by)?;
        // Overloads are told apart by what the function takes: with one method nothing is left open.
        let most = if found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        found.into_iter().find_map(|found| {
            let Entity::DefRef(method) = found.hit.entity else { return None };
            let declared = *self.parameters_of(method).get(argument)?;
            let ty = self.world.facts(method.file).def(declared).ty?;
            let given = self.java_functional(method.file, ty, parameter).filter(|t| !t.is_unknown())?;
            let ty = match &found.of {
                Ty::Value(class, args) | Ty::Item(class, args, _) if !args.is_empty() => self.substitute(given, *class, args),
                _ => given,
            };
            Some(Meaning { ty, certainty: owner.certainty.min(most), reasons: owner.reasons.clone() })
        })
    }

    /// The only method of an interface that has no body.
    fn only_method(&self, interface: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(interface.file);
        // What every object has is no method to be implemented (Java Language Specification, §9.8).
        let is_open = |d: &compass_facts::Definition| {
            let is_method = d.container == Some(interface.def) && d.kind == Kind::Method && d.body.is_none() && !d.flags.has(Flags::STATIC);
            is_method && !matches!((facts.name(d.name), d.arity), ("equals", 1) | ("hashCode" | "toString", 0))
        };
        let mut open = facts.definitions.iter().enumerate().filter(|(_, d)| is_open(d));
        let only = open.next()?.0;
        open.next().is_none().then_some(DefRef { file: interface.file, def: DefId(only as u32) })
    }
}
