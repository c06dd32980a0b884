//! What conditions leave of a type: unions whose parts a member tells apart, functions that say what a value is, and what is expected of a
//! call.

use crate::Cause;
use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{Entity, Meaning, Ty};
use crate::link::world::DefRef;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, NameId, TypeExpr, TypeId};
use std::rc::Rc;

/// A type with more values than this tells nothing apart.
const MOST_KEYS: usize = 200;

impl Evaluator<'_, '_> {
    /// See [`TypeExpr::Told`]. What no part fits is left as it is: the condition is about something else.
    pub fn told(&mut self, file: u32, of: TypeId, member: NameId, keys: &[NameId], holds: bool) -> Meaning {
        let meaning = self.evaluate(file, of);
        let Ty::Union(parts) = &meaning.ty else { return meaning };
        let facts = self.world.facts(file);
        let keys: Vec<&str> = keys.iter().map(|k| facts.name(*k)).collect();
        let member = self.world.gid(file, member);
        let fitting: Vec<Ty> = parts.iter().filter(|part| self.may_be(file, part, member, &keys, holds)).cloned().collect();
        if fitting.is_empty() { meaning } else { meaning.map(|_| Ty::union(fitting)) }
    }

    /// May the member of a type be one of some values?
    fn may_be(&mut self, file: u32, part: &Ty, member: crate::link::world::GlobalNameId, keys: &[&str], holds: bool) -> bool {
        let found = self.members(file, part, member);
        let Some(Entity::DefRef(field)) = found.hits.first().map(|h| h.entity) else {
            // Which part of an intersection says it is not known here.
            return !keys.is_empty() || !holds || found.cause != Cause::NoDefinition;
        };
        let mut values = Vec::new();
        let is_told = self.world.def(field).ty.is_some_and(|ty| self.values_of(field.file, ty, &mut values, Levels::ALIASES));
        if keys.is_empty() || !is_told || values.is_empty() {
            return keys.is_empty() == holds || !keys.is_empty();
        }
        // A member of an enum may have the very value that is written beside it.
        let is_of_enum = |word: &str| word.starts_with('.');
        if keys.iter().any(|k| values.iter().any(|v| is_of_enum(k) != is_of_enum(v))) {
            return true;
        }
        let is_among = |v: &String| keys.contains(&v.as_str());
        if holds { values.iter().any(is_among) } else { !values.iter().all(is_among) }
    }

    /// The values that a type has, if it has no others.
    fn values_of(&mut self, file: u32, ty: TypeId, out: &mut Vec<String>, levels: Levels) -> bool {
        let Some(levels) = levels.down().filter(|_| out.len() < MOST_KEYS) else { return false };
        let facts = self.world.facts(file);
        match facts.ty(ty) {
            TypeExpr::Exactly { key, .. } => {
                out.push(facts.name(*key).to_owned());
                true
            }
            TypeExpr::Union(parts) => parts.iter().all(|p| self.values_of(file, *p, out, levels)),
            TypeExpr::Instance(of) => self.values_of(file, *of, out, levels),
            TypeExpr::Name { .. } | TypeExpr::TypeName { .. } | TypeExpr::Def(_) | TypeExpr::Member { .. } => {
                let name = if let TypeExpr::Member { name, .. } = facts.ty(ty) { Some(*name) } else { None };
                match (self.evaluate(file, ty).ty, name) {
                    (Ty::Item(alias, ..), _) if self.world.def(alias).kind == Kind::Alias => {
                        let ty = self.world.def(alias).ty;
                        ty.is_some_and(|ty| self.values_of(alias.file, ty, out, levels))
                    }
                    // A member of an enum, or of an object that stands for one.
                    (Ty::Item(variant, ..), Some(name)) if self.world.def(variant).kind == Kind::Variant => {
                        out.push(format!(".{}", facts.name(name)));
                        true
                    }
                    (Ty::Literal(_), Some(name)) => {
                        out.push(format!(".{}", facts.name(name)));
                        true
                    }
                    _ => false,
                }
            }
            _ => false,
        }
    }

    /// See [`TypeExpr::Guarded`]: a function whose result is written as what it says of its argument.
    pub fn guarded(&mut self, file: u32, of: TypeId, by: TypeId) -> Meaning {
        let callee = self.evaluate(file, by);
        if let Ty::Item(function, args, receiver) = &callee.ty
            && let Some(result) = self.world.def(*function).ty
            && let TypeExpr::Generic { of: yes, args: said } = self.world.facts(function.file).ty(result)
            && matches!(self.world.facts(function.file).ty(*yes), TypeExpr::Literal(_))
            && let Some(said) = said.first()
        {
            let mut told = self.evaluate(function.file, *said);
            if let Some(Ty::Value(owner, given)) = receiver.as_deref() {
                told.ty = self.filled_from_bases(told.ty, *owner, Levels::BASES);
                told.ty = if given.is_empty() { told.ty } else { self.substitute(told.ty, *owner, given) };
            }
            if !args.is_empty() {
                told.ty = self.substitute(told.ty, *function, args);
            }
            if matches!(told.ty, Ty::Value(s, _) if self.world.def(s).kind != Kind::TypeParameter) || matches!(told.ty, Ty::Union(_)) {
                return Meaning { certainty: told.certainty.min(callee.certainty), ..told };
            }
        }
        self.evaluate(file, of)
    }

    /// See [`TypeExpr::Expected`]: type parameters that stand in a function's result are told by the type that is expected of the call.
    pub fn expected(&mut self, file: u32, of: TypeId, ty: TypeId) -> Meaning {
        let callee = self.evaluate(file, of);
        // One name may stand for a type and for a function.
        let parts = if let Ty::Union(parts) = &callee.ty { parts.to_vec() } else { vec![callee.ty.clone()] };
        let is_function = |t: &&Ty| matches!(t, Ty::Item(s, args, _) if args.is_empty() && self.world.def(*s).kind.is_callable());
        let Some(Ty::Item(function, _, receiver)) = parts.iter().find(is_function) else { return callee };
        let (function, def) = (*function, self.world.def(*function));
        let own = self.type_parameters(function);
        let Some(result) = def.ty.filter(|_| !own.is_empty()) else { return callee };
        let expected = self.evaluate(file, ty).ty;
        let result = self.evaluate(function.file, result).ty;
        let mut bound = Vec::new();
        self.unify(&result, &expected, &mut bound, Levels::TYPES);
        let given = own.into_iter().map(|p| bound.iter().find(|b| b.0 == p).map_or(Ty::Unknown(Cause::ReceiverUnknown), |b| b.1.clone()));
        let given: Rc<[Ty]> = given.collect();
        if bound.is_empty() { callee } else { Meaning { ty: Ty::Item(function, given, receiver.clone()), ..callee } }
    }

    /// The type parameters of a function, in order.
    fn type_parameters(&self, function: DefRef) -> Vec<DefRef> {
        let facts = self.world.facts(function.file);
        let Some(inner) = facts.def(function.def).inner else { return Vec::new() };
        let all = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::TypeParameter && d.scope == inner);
        all.map(|(i, _)| DefRef { file: function.file, def: compass_facts::DefId(i as u32) }).collect()
    }
}
