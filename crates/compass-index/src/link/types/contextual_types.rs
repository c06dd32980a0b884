//! What functions that stand as arguments are given: told by what they are handed to.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::rules::Handed;
use crate::link::types::ty::{Entity, Meaning, Ty};
use crate::link::world::DefRef;
use crate::{Cause, Certainty};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Kind, TypeExpr, TypeId};

impl Evaluator<'_, '_> {
    /// The parameter of a function handed to what is called.
    pub fn given(&mut self, file: u32, by: TypeId, argument: usize, parameter: usize, only: bool) -> Meaning {
        let rules = self.rules(file);
        let handed = Handed { file, by, argument, parameter, only };
        if let Some(ty) = rules.handed_by_language(self, handed) {
            return Meaning { ty, certainty: Certainty::Inferred, reasons: Vec::new() };
        }
        if argument == TypeExpr::WANTED as usize {
            let found = self.parameter_of_type(file, by, parameter, Levels::ALIASES).filter(|t| !t.is_unknown());
            return found.map_or(Meaning::unknown(Cause::ReceiverUnknown), |ty| Meaning { ty, certainty: Certainty::Inferred, reasons: Vec::new() });
        }
        if let Some(meaning) = rules.handed(self, handed) {
            return meaning;
        }
        let callee = self.callee(file, by);
        let parts = match &callee.ty {
            Ty::Union(parts) => parts.to_vec(),
            one => vec![one.clone()],
        };
        let found = parts.iter().find_map(|p| self.given_by(p, argument, parameter)).filter(|t| !t.is_unknown());
        match found {
            Some(ty) => Meaning { ty, certainty: callee.certainty.min(Certainty::Inferred), reasons: callee.reasons },
            None => rules.handed_by_receiver(self, handed),
        }
    }

    fn given_by(&mut self, callee: &Ty, argument: usize, parameter: usize) -> Option<Ty> {
        let Ty::Item(called, args, receiver) = callee else { return None };
        let kind = self.world.def(*called).kind;
        // Whoever calls a type calls its constructor.
        let sym = &if kind.is_callable() { *called } else { self.constructor_of(*called)? };
        // The receiver of a method may stand among its parameters.
        let rules = self.rules(sym.file);
        let is_receiver = |d: &DefId| rules.is_receiver(self.world.facts(sym.file).def_name(*d));
        let declared = self.parameters_of(*sym).into_iter().filter(|d| !is_receiver(d)).nth(argument)?;
        let ty = self.world.facts(sym.file).def(declared).ty?;
        let found = match parameter == TypeExpr::ITSELF as usize {
            true => self.evaluate(sym.file, ty).ty,
            false => self.parameter_of_type(sym.file, ty, parameter, Levels::ALIASES)?,
        };
        let found = match receiver.as_deref() {
            Some(Ty::Value(owner, args)) if !args.is_empty() => self.substitute(found, *owner, args),
            _ => found,
        };
        // What is said of the function's own parameters, or of those of the type that is made.
        Some(self.substitute(found, *called, args))
    }

    /// The first constructor that a class writes.
    fn constructor_of(&self, class: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(class.file);
        let d = facts.def(class.def);
        let inner = d.inner.filter(|_| d.kind.is_type())?;
        let at = facts.definitions.iter().position(|d| d.scope == inner && d.kind == Kind::Constructor)?;
        Some(DefRef { file: class.file, def: DefId(at as u32) })
    }

    /// The parameter of a function type, however it is written.
    fn parameter_of_type(&mut self, file: u32, ty: TypeId, parameter: usize, levels: Levels) -> Option<Ty> {
        let levels = levels.down()?;
        let written = self.world.facts(file).ty(ty);
        if !matches!(written, TypeExpr::Signature { .. } | TypeExpr::Union(_) | TypeExpr::Instance(_) | TypeExpr::Def(_))
            && let Some(found) = self.rules(file).functional(self, file, ty, parameter)
        {
            return found;
        }
        match written.clone() {
            TypeExpr::Signature { parameters, .. } => parameters.get(parameter).map(|p| self.evaluate(file, *p).ty),
            TypeExpr::Conditional { outcomes, .. } => outcomes.into_iter().find_map(|p| self.parameter_of_type(file, p, parameter, levels)),
            TypeExpr::Union(parts) => parts.into_iter().find_map(|p| self.parameter_of_type(file, p, parameter, levels)),
            TypeExpr::Instance(of) => self.parameter_of_type(file, of, parameter, levels),
            TypeExpr::Def(def) => self.parameter_of_alias(DefRef { file, def }, parameter, levels),
            TypeExpr::Generic { .. } | TypeExpr::Name { .. } | TypeExpr::TypeName { .. } | TypeExpr::Member { .. } | TypeExpr::Import(_) => {
                let named = self.evaluate(file, ty).ty;
                match (self.defaulted(named), written) {
                    (Ty::Item(alias, args, _), _) if !self.world.def(alias).kind.is_callable() => {
                        let found = self.parameter_of_alias(alias, parameter, levels)?;
                        Some(self.substitute(found, alias, &args))
                    }
                    (_, TypeExpr::Member { of, name }) => self.parameter_of_member(file, *of, *name, parameter, levels),
                    _ => None,
                }
            }
            _ => None,
        }
    }

    /// The parameter of a function that a member is or holds.
    fn parameter_of_member(&mut self, file: u32, of: TypeId, name: compass_facts::NameId, parameter: usize, levels: Levels) -> Option<Ty> {
        let owner = self.evaluate(file, of).ty;
        let gid = self.world.gid(file, name);
        let found = self.members(file, &owner, gid);
        for hit in found.hits {
            let Entity::DefRef(member) = hit.entity else { continue };
            let def = self.world.def(member);
            let told = if def.kind.is_callable() {
                let declared = self.parameters_of(member).into_iter().nth(parameter);
                declared.and_then(|d| self.world.facts(member.file).def(d).ty).map(|ty| self.evaluate(member.file, ty).ty)
            } else {
                def.ty.and_then(|ty| self.parameter_of_type(member.file, ty, parameter, levels))
            };
            if let Some(told) = told.filter(|t| !t.is_unknown()) {
                return Some(self.seen_through(told, Some(&owner)));
            }
        }
        None
    }

    fn parameter_of_alias(&mut self, alias: DefRef, parameter: usize, levels: Levels) -> Option<Ty> {
        let def = self.world.def(alias);
        // `F: Fn(Turn)`: a bound of the parameter says what it takes; the type of an interface is how its values are called.
        let ty = def.ty.filter(|_| matches!(def.kind, Kind::Alias | Kind::TypeParameter | Kind::Interface))?;
        self.parameter_of_type(alias.file, ty, parameter, levels)
    }
}
