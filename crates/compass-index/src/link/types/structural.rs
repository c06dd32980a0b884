//! Type parameters told by the members of what is passed, in languages where a value is of any type whose members it has.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{Meaning, Ty};
use crate::link::world::{Binding, DefRef};
use crate::{Cause, Certainty};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Flags, Kind, TypeId};
use std::rc::Rc;

/// Of types with more members than this only the first ones are compared.
const MOST_MEMBERS: usize = 60;

impl Evaluator<'_, '_> {
    /// See [`Evaluator::unify`]: where neither is the other's own type.
    pub(in crate::link) fn unify_by_structure(&mut self, declared: &Ty, given: &Ty, bound: &mut Vec<(DefRef, Ty)>, levels: Levels) {
        if !self.has_parameter(declared, Levels::TYPES) {
            return;
        }
        match (declared, given) {
            (Ty::Union(parts), _) => {
                // Of `T | List<T>` a list tells the second; a parameter by itself takes what no other part takes.
                let (bare, made): (Vec<&Ty>, Vec<&Ty>) = parts.iter().partition(|p| self.is_parameter(p));
                let before = bound.len();
                made.into_iter().for_each(|part| self.unify(part, given, bound, levels));
                if bound.len() == before {
                    bare.into_iter().for_each(|part| self.unify(part, given, bound, levels));
                }
            }
            (Ty::Value(alias, args), _) if self.is_open(*alias, args) => {
                let declared = self.alias_target(*alias, args);
                declared.iter().for_each(|declared| self.unify(declared, given, bound, levels));
            }
            (Ty::Function(result), Ty::Item(function, ..)) if self.is_structural(*function) && self.world.def(*function).kind.is_callable() => {
                let given = self.result(given.clone()).ty;
                self.unify(result, &given, bound, levels);
            }
            (Ty::Value(of, args), Ty::Value(other, _)) if self.is_structural(*of) && self.is_structural(*other) => {
                for member in self.written_members(*of) {
                    self.unify_member(&Ty::Value(*of, args.clone()), member, given, bound, levels);
                }
            }
            _ => {}
        }
    }

    /// What a call gives by the signatures that stand before a function, where its own result says nothing: the first that takes as many
    /// arguments.
    pub(in crate::link) fn result_by_signature(&mut self, file: u32, callee: &Ty, args: &[TypeId]) -> Option<Meaning> {
        let Ty::Item(function, given, receiver) = callee else { return None };
        let def = self.world.def(*function);
        if !def.kind.is_callable() || !self.is_structural(*function) {
            return None;
        }
        let name = self.world.gid(function.file, def.name);
        let count = u8::try_from(args.len()).ok()?;
        let rules = self.rules(function.file);
        let signatures: Vec<DefRef> = self
            .world
            .bindings(function.file, def.scope, name)
            .filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: function.file, def }) } else { None })
            .filter(|s| self.world.def(*s).flags.has(Flags::BODILESS) && rules.takes(self.world.def(*s), count))
            .collect();
        let first = *signatures.first()?;
        let mut result = self.result_of_item(first, given.clone(), receiver.clone());
        result.ty = self.filled(file, &Ty::Item(first, given.clone(), receiver.clone()), result.ty, args);
        let certainty = if signatures.len() > 1 { Certainty::Inferred } else { result.certainty };
        (!result.ty.is_unknown()).then_some(Meaning { certainty: result.certainty.min(certainty), ..result })
    }

    /// What any of the members that a type writes is: what `T[K]` means where nobody knows which member `K` is. Nothing is known of it where
    /// one of them is unknown, or may stand elsewhere.
    pub fn any_member(&mut self, of: DefRef, args: &Rc<[Ty]>) -> Ty {
        let unknown = Ty::Unknown(Cause::ReceiverUnknown);
        let members = self.written_members(of);
        if members.len() == MOST_MEMBERS || !self.bases(of).is_empty() || !self.rules(of.file).parts(self, of).is_empty() {
            return unknown;
        }
        let owner = Ty::Value(of, args.clone());
        let mut all = Vec::new();
        for member in members {
            let ty = self.item(member).ty;
            all.push(self.seen_through(ty, Some(&owner)));
        }
        if all.iter().any(Ty::is_unknown) { unknown } else { Ty::union(all) }
    }

    fn is_parameter(&self, ty: &Ty) -> bool {
        matches!(ty, Ty::Value(s, _) | Ty::Item(s, ..) if self.world.def(*s).kind == Kind::TypeParameter)
    }

    pub(in crate::link) fn is_structural(&self, of: DefRef) -> bool {
        self.rules(of.file).types_are_structural()
    }

    pub(in crate::link) fn written_members(&self, of: DefRef) -> Vec<DefRef> {
        let facts = self.world.facts(of.file);
        let Some(scope) = facts.def(of.def).inner else { return Vec::new() };
        let is_member = |d: &compass_facts::Definition| d.scope == scope && matches!(d.kind, Kind::Field | Kind::Method) && d.ty.is_some();
        let all = facts.definitions.iter().enumerate().filter(|(_, d)| is_member(d));
        all.map(|(i, _)| DefRef { file: of.file, def: DefId(i as u32) }).take(MOST_MEMBERS).collect()
    }

    fn unify_member(&mut self, declared: &Ty, member: DefRef, given: &Ty, bound: &mut Vec<(DefRef, Ty)>, levels: Levels) {
        let name = self.world.gid(member.file, self.world.def(member).name);
        if self.members(member.file, given, name).is_empty() {
            return;
        }
        let wanted = self.member_of(member.file, Meaning::sure(declared.clone()), name).ty;
        let wanted = if self.world.def(member).kind == Kind::Method { Ty::Function(self.result(wanted).ty.into()) } else { wanted };
        if self.has_parameter(&wanted, Levels::TYPES) {
            let has = self.member_of(member.file, Meaning::sure(given.clone()), name).ty;
            self.unify(&wanted, &has, bound, levels);
        }
    }
}
