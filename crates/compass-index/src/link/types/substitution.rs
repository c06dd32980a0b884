//! Arguments of types in place of their parameters.

use crate::Cause;
use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{MappedType, Meaning, Ty};
use crate::link::world::DefRef;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, TypeExpr, TypeId};
use rustc_hash::FxHashMap;
use std::rc::Rc;

/// Types of more parts are unknown: nobody writes such, and their copies would fill the memory.
const LARGEST_TYPE: u32 = 2_000;

/// Nobody writes longer chains of members in the head of a type.
const MOST_MEMBERS: usize = 8;

impl Evaluator<'_, '_> {
    /// Puts what a type gives its bases in place of their parameters: a member of `Holder<T>` in a type derived from `Holder<Rack>`.
    pub(in crate::link) fn filled_from_bases(&mut self, ty: Ty, of: DefRef, levels: Levels) -> Ty {
        let Some(levels) = levels.down().filter(|_| self.has_parameter(&ty, Levels::TYPES)) else { return ty };
        for base in self.bases(of).iter() {
            if let Ty::Item(base, args, _) | Ty::Value(base, args) = base {
                let inner = self.filled_from_bases(ty.clone(), *base, levels);
                let filled = if args.is_empty() { inner } else { self.substitute(inner, *base, args) };
                if filled != ty {
                    return filled;
                }
            }
        }
        ty
    }

    /// A type that a member names, as it is seen through the value it is a member of: with what that gives its own type and its bases.
    pub(in crate::link) fn seen_through(&mut self, ty: Ty, of: Option<&Ty>) -> Ty {
        if let Some(Ty::Union(parts)) = of
            && self.has_parameter(&ty, Levels::TYPES)
        {
            // Each part says what its own parameters stand for.
            let mut seen: Vec<Ty> = parts.iter().map(|part| self.seen_through(ty.clone(), Some(part))).collect();
            seen.retain(|s| *s != ty);
            return if seen.is_empty() { ty } else { Ty::union(seen) };
        }
        if let Some(behind) = of.and_then(|of| self.behind_conditional(of, |this, behind| this.seen_through(ty.clone(), Some(&behind)))) {
            return behind;
        }
        let Some(Ty::Value(owner, args) | Ty::Item(owner, args, _)) = of else { return ty };
        let ty = self.filled_from_bases(ty, *owner, Levels::BASES);
        let ty = self.substitute(ty, *owner, args);
        self.settled(ty)
    }

    /// What a type written in the head of another means with its arguments. Members of a parameter, `T["slots"]`, are those of its argument.
    pub(in crate::link) fn filled_in(&mut self, file: u32, ty: TypeId, owner: DefRef, args: &Rc<[Ty]>) -> Ty {
        if let TypeExpr::Member { of, name } = *self.world.facts(file).ty(ty)
            && self.begins_with_parameter(file, of, owner)
        {
            let gid = self.world.gid(file, name);
            let of = self.filled_in(file, of, owner, args);
            return self.member_of(file, Meaning::sure(of), gid).ty;
        }
        if let TypeExpr::Conditional { .. } = self.world.facts(file).ty(ty) {
            return self.conditional(file, ty, Some((owner, args)), &mut Vec::new(), Levels::ALIASES);
        }
        let ty = self.evaluate(file, ty).ty;
        let ty = self.substitute(ty, owner, args);
        self.settled(ty)
    }

    /// Is it a parameter of the type, or a member of such?
    fn begins_with_parameter(&mut self, file: u32, ty: TypeId, owner: DefRef) -> bool {
        let mut at = ty;
        for _ in 0..MOST_MEMBERS {
            at = match *self.world.facts(file).ty(at) {
                TypeExpr::Member { of, .. } => of,
                TypeExpr::Instance(of) => of,
                TypeExpr::Name { .. } | TypeExpr::TypeName { .. } | TypeExpr::Def(_) => {
                    return matches!(self.evaluate(file, at).ty, Ty::Item(s, ..) if self.parameter_index(s, owner).is_some());
                }
                _ => return false,
            };
        }
        false
    }

    /// Does a type parameter stand in it?
    pub(in crate::link) fn has_parameter(&self, ty: &Ty, levels: Levels) -> bool {
        let Some(levels) = levels.down() else { return false };
        let any = |parts: &[Ty]| parts.iter().any(|p| self.has_parameter(p, levels));
        match ty {
            Ty::Value(sym, args) | Ty::Item(sym, args, _) => self.world.def(*sym).kind == Kind::TypeParameter || any(args),
            Ty::External(_, args) | Ty::ExternalType(_, args) | Ty::Tuple(args) | Ty::Union(args) => any(args),
            Ty::List(inner) | Ty::Map(inner) | Ty::Function(inner) => self.has_parameter(inner, levels),
            Ty::Mapped(mapped) => self.has_parameter(&mapped.of, levels) || self.has_parameter(&mapped.value, levels),
            _ => false,
        }
    }

    /// Puts the arguments of a type in place of its parameters.
    ///
    /// An alias that names its parameters several times, and another alias with it, makes types that grow as fast as one likes: what
    /// becomes larger than [`LARGEST_TYPE`] is unknown.
    pub fn substitute(&self, ty: Ty, owner: DefRef, args: &Rc<[Ty]>) -> Ty {
        if args.is_empty() {
            return ty;
        }
        let mut left = LARGEST_TYPE;
        self.put_in(ty, owner, args, &mut left)
    }

    fn put_in(&self, ty: Ty, owner: DefRef, args: &Rc<[Ty]>, left: &mut u32) -> Ty {
        let Some(rest) = left.checked_sub(1) else { return Ty::Unknown(Cause::TooMany) };
        *left = rest;
        let mut each = |inner: &Rc<[Ty]>| -> Rc<[Ty]> { inner.iter().map(|t| self.put_in(t.clone(), owner, args, left)).collect() };
        match ty {
            Ty::Value(sym, _) | Ty::Item(sym, ..) if self.world.def(sym).kind == Kind::TypeParameter => {
                let Some(given) = self.parameter_index(sym, owner).and_then(|i| args.get(i)) else { return ty };
                // Of what nobody knows at least the bounds of the parameter are known.
                if given.is_unknown() {
                    return ty;
                }
                match left.checked_sub(given.size(*left)) {
                    Some(rest) => *left = rest,
                    None => return Ty::Unknown(Cause::TooMany),
                }
                given.clone()
            }
            Ty::Value(sym, inner) if !inner.is_empty() => Ty::Value(sym, each(&inner)),
            // A type without a name hangs on the parameters of the type that it is written in.
            Ty::Value(sym, _) if self.is_unnamed(sym) && self.parameters_around(sym) == Some(owner) => Ty::Value(sym, args.clone()),
            Ty::External(gid, inner) => Ty::External(gid, each(&inner)),
            Ty::Union(parts) => Ty::union(each(&parts).to_vec()),
            Ty::Tuple(parts) => Ty::Tuple(each(&parts)),
            Ty::List(inner) => Ty::List(Rc::new(self.put_in((*inner).clone(), owner, args, left))),
            Ty::Map(inner) => Ty::Map(Rc::new(self.put_in((*inner).clone(), owner, args, left))),
            Ty::Function(inner) => Ty::Function(Rc::new(self.put_in((*inner).clone(), owner, args, left))),
            Ty::Mapped(mapped) => {
                let mut one = |ty: &Ty| self.put_in(ty.clone(), owner, args, left);
                Ty::Mapped(Rc::new(MappedType { of: one(&mapped.of), value: one(&mapped.value), key: mapped.key }))
            }
            other => other,
        }
    }

    /// Which parameter of its type, by position; parameters of an extension count by their name in the type.
    pub(in crate::link) fn parameter_index(&self, parameter: DefRef, owner: DefRef) -> Option<usize> {
        let owner = if self.is_unnamed(owner) { self.parameters_around(owner)? } else { owner };
        let def = self.world.def(parameter);
        let facts = self.world.facts(parameter.file);
        let scope = facts.scope(def.scope);
        let of_part = || scope.owner.is_some_and(|o| self.rules(owner.file).parts(self, owner).contains(&DefRef { file: parameter.file, def: o }));
        let of_owner = parameter.file == owner.file && scope.owner == Some(owner.def) || of_part();
        let of_extension = facts.extensions.iter().any(|e| e.scope == def.scope);
        if !of_owner && !of_extension {
            return None;
        }
        let same = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::TypeParameter && d.scope == def.scope);
        same.map(|(i, _)| i).position(|i| i == parameter.def.index())
    }

    /// Is it an object type that stands where it is used?
    fn is_unnamed(&self, of: DefRef) -> bool {
        let def = self.world.def(of);
        def.kind == Kind::Alias && def.name_span.is_empty() && def.ty.is_none()
    }

    /// The nearest definition around a type whose type parameters the type may name. Asked for again and again: it is remembered.
    fn parameters_around(&self, of: DefRef) -> Option<DefRef> {
        if let Some(known) = self.own(|known: &mut Around| known.0.get(&of).copied()) {
            return known;
        }
        let facts = self.world.facts(of.file);
        let around = std::iter::successors(facts.def(of.def).container, |at| facts.def(*at).container);
        let found = around.map(|def| DefRef { file: of.file, def }).find(|around| !self.type_parameters(*around).is_empty());
        self.own(|known: &mut Around| known.0.insert(of, found));
        found
    }
}

/// What is known of types without a name.
#[derive(Default)]
struct Around(FxHashMap<DefRef, Option<DefRef>>);
