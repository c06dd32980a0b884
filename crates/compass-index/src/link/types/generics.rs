//! Type parameters of functions, read off the arguments of a call.
//!
//! The declared type of each parameter is laid over the type of what is passed; where a type parameter stands in the one, the
//! other says what it is. The first argument that says anything settles it, as most languages have it.

use crate::Cause;
use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{MappedType, Meaning, Ty};
use crate::link::world::DefRef;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, Literal, TypeId};
use std::rc::Rc;

impl Evaluator<'_, '_> {
    /// What a call gives, with the arguments of the call in place of the function's own type parameters.
    pub fn filled(&mut self, file: u32, callee: &Ty, result: Ty, args: &[TypeId]) -> Ty {
        let Ty::Item(function, ..) = callee else { return result };
        if args.is_empty() || !self.world.def(*function).kind.is_callable() || !self.mentions_own(&result, *function, Levels::TYPES) {
            return result;
        }
        let facts = self.world.facts(function.file);
        let rules = self.rules(function.file);
        let parameters = self.parameters_of(*function).into_iter().filter(|p| !rules.is_receiver(facts.def_name(*p)));
        let mut bound: Vec<(DefRef, Ty)> = Vec::new();
        for (argument, parameter) in args.iter().zip(parameters) {
            if let Some(declared) = facts.def(parameter).ty {
                let declared = self.evaluate(function.file, declared).ty;
                let given = self.evaluate(file, *argument).ty;
                self.unify(&declared, &given, &mut bound, Levels::TYPES);
            }
        }
        if rules.members_are_dynamic() {
            // Where types are told by comments alone, what no argument says is not known.
            let own = self.type_parameters(*function).into_iter().filter(|s| self.world.def(*s).ty.is_none());
            let left = own.filter(|s| !bound.iter().any(|b| b.0 == *s)).collect::<Vec<_>>();
            bound.extend(left.into_iter().map(|s| (s, Ty::Unknown(Cause::ReceiverUnknown))));
        }
        self.settled(put_in(&result, &bound))
    }

    /// See [`TypeExpr::Expected`]: type parameters that stand in a function's result are told by the type that is expected of the call.
    pub fn expected(&mut self, file: u32, of: TypeId, ty: TypeId) -> Meaning {
        let callee = self.evaluate(file, of);
        // One name may stand for a type and for a function.
        let parts = if let Ty::Union(parts) = &callee.ty { parts.to_vec() } else { vec![callee.ty.clone()] };
        let Some(Ty::Item(function, _, receiver)) = parts.iter().find(|t| self.is_function(t)) else { return callee };
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

    /// Does a type parameter of the function itself stand in the type?
    fn mentions_own(&self, ty: &Ty, function: DefRef, levels: Levels) -> bool {
        let Some(levels) = levels.down() else { return false };
        let own = |s: &DefRef| {
            let d = self.world.def(*s);
            d.kind == Kind::TypeParameter && s.file == function.file && self.world.def(function).inner == Some(d.scope)
        };
        let any = |parts: &[Ty]| parts.iter().any(|p| self.mentions_own(p, function, levels));
        match ty {
            Ty::Value(s, args) | Ty::Item(s, args, _) => own(s) || any(args),
            Ty::External(_, args) | Ty::ExternalType(_, args) | Ty::Tuple(args) | Ty::Union(args) => any(args),
            Ty::List(inner) | Ty::Map(inner) | Ty::Function(inner) => self.mentions_own(inner, function, levels),
            Ty::Mapped(mapped) => self.mentions_own(&mapped.of, function, levels) || self.mentions_own(&mapped.value, function, levels),
            _ => false,
        }
    }

    /// What type parameters stand for, by an argument.
    pub fn unify(&mut self, declared: &Ty, given: &Ty, bound: &mut Vec<(DefRef, Ty)>, levels: Levels) {
        let Some(levels) = levels.down() else { return };
        if given.is_unknown() || matches!(given, Ty::Literal(Literal::Nothing)) {
            return;
        }
        match (declared, given) {
            (Ty::Value(s, _) | Ty::Item(s, ..), _) if self.world.def(*s).kind == Kind::TypeParameter && !bound.iter().any(|b| b.0 == *s) => {
                bound.push((*s, given.clone()));
            }
            (Ty::List(a), Ty::List(b)) | (Ty::Map(a), Ty::Map(b)) | (Ty::Function(a), Ty::Function(b)) => self.unify(a, b, bound, levels),
            (Ty::External(_, a), Ty::External(_, b)) | (Ty::Tuple(a), Ty::Tuple(b)) => {
                a.iter().zip(b.iter()).for_each(|(a, b)| self.unify(a, b, bound, levels));
            }
            (Ty::Value(s, a), Ty::Value(t, b)) if s == t => a.iter().zip(b.iter()).for_each(|(a, b)| self.unify(a, b, bound, levels)),
            (Ty::Mapped(mapped), _) => self.unify(&mapped.of, given, bound, levels),
            (declared, given) => self.unify_by_structure(declared, given, bound, levels),
        }
    }
}

/// Puts what type parameters stand for in their place.
pub fn put_in(ty: &Ty, bound: &[(DefRef, Ty)]) -> Ty {
    if bound.is_empty() {
        return ty.clone();
    }
    let all = |parts: &[Ty]| -> Rc<[Ty]> { parts.iter().map(|p| put_in(p, bound)).collect() };
    let one = |inner: &Ty| Rc::new(put_in(inner, bound));
    match ty {
        Ty::Value(s, _) | Ty::Item(s, ..) if bound.iter().any(|b| b.0 == *s) => bound.iter().find(|b| b.0 == *s).map_or(ty.clone(), |b| b.1.clone()),
        Ty::Value(s, args) => Ty::Value(*s, all(args)),
        Ty::External(g, args) => Ty::External(*g, all(args)),
        Ty::List(inner) => Ty::List(one(inner)),
        Ty::Map(inner) => Ty::Map(one(inner)),
        Ty::Function(inner) => Ty::Function(one(inner)),
        Ty::Tuple(parts) => Ty::Tuple(all(parts)),
        Ty::Union(parts) => Ty::union(all(parts).to_vec()),
        Ty::Mapped(mapped) => Ty::Mapped(Rc::new(MappedType { of: put_in(&mapped.of, bound), value: put_in(&mapped.value, bound), key: mapped.key })),
        other => other.clone(),
    }
}
