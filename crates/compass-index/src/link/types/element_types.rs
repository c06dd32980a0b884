//! What values hold: elements, parts, what pointers lead to, what promises give, and what members of the built-in types pass on.

use crate::Cause;
use crate::link::resolve::evaluate::{Evaluator, MAX_DEPTH};
use crate::link::types::mapped_types::value_for;
use crate::link::types::ty::{Entity, Hit, Ty};
use crate::link::world::DefRef;
use compass_facts::Kind;
use std::rc::Rc;

impl Evaluator<'_, '_> {
    /// What going through a value gives.
    pub fn element(&mut self, file: u32, ty: Ty) -> Ty {
        match self.underlying(ty) {
            Ty::List(inner) => (*inner).clone(),
            Ty::Tuple(parts) => Ty::union(parts.to_vec()),
            Ty::Map(_) => Ty::Unknown(Cause::ReceiverUnknown),
            Ty::External(name, args) => self.rules(file).element_of_absent(self, file, name, &args),
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.element(file, p.clone())).collect()),
            Ty::Value(sym, args) => self.element_of(sym, args),
            Ty::Unknown(cause) => Ty::Unknown(cause),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    /// A value of the type that an argument names.
    pub fn held(&mut self, file: u32, argument: &Ty) -> Ty {
        match argument {
            Ty::ExternalType(name, args) => Ty::External(*name, args.clone()),
            Ty::Item(sym, ..) if self.world.def(*sym).kind == Kind::Alias && self.rules(file).aliases_are_held() => self.instance(argument.clone()),
            other => other.clone(),
        }
    }

    fn element_of(&mut self, sym: DefRef, args: Rc<[Ty]>) -> Ty {
        if let Some(told) = self.rules(sym.file).element_of(self, sym, &args) {
            return told;
        }
        for name in self.rules(sym.file).element_members() {
            let Some(gid) = self.world.find_gid(name) else { continue };
            let found = self.members(sym.file, &Ty::Value(sym, args.clone()), gid);
            if let Some(Hit { entity: Entity::DefRef(method), .. }) = found.hits.first()
                && self.evaluating.len() < MAX_DEPTH / 2
            {
                let result = self.result_of_item(*method, Ty::no_args(), Some(Rc::new(Ty::Value(sym, args.clone())))).ty;
                if let Ty::List(_) | Ty::External(..) = result {
                    return self.element(sym.file, result);
                }
            }
        }
        args.first().cloned().unwrap_or(Ty::Unknown(Cause::ReceiverUnknown))
    }

    /// What an index into a value gives.
    pub fn indexed(&mut self, file: u32, ty: Ty) -> Ty {
        match self.underlying(ty) {
            Ty::Map(inner) | Ty::List(inner) => (*inner).clone(),
            Ty::Tuple(parts) => Ty::union(parts.to_vec()),
            Ty::External(name, args) => self.rules(file).indexed_of_absent(self, file, name, &args),
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.indexed(file, p.clone())).collect()),
            Ty::Mapped(mapped) => {
                let own = self.indexed(file, mapped.of.clone());
                value_for(&mapped, own)
            }
            Ty::Value(sym, args) => self.rules(sym.file).indexed(self, sym, args),
            Ty::Unknown(cause) => Ty::Unknown(cause),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    /// A part of a tuple, by position.
    pub fn part(&mut self, ty: Ty, index: u32) -> Ty {
        match ty {
            Ty::Tuple(parts) => parts.get(index as usize).cloned().unwrap_or(Ty::Unknown(Cause::ReceiverUnknown)),
            Ty::List(inner) => (*inner).clone(),
            Ty::Value(sym, args) => {
                let number = index.to_string();
                let Some(gid) = self.world.find_gid(&number) else { return Ty::Unknown(Cause::ReceiverUnknown) };
                let found = self.members(sym.file, &Ty::Value(sym, args), gid);
                match found.hits.first().map(|h| h.entity) {
                    Some(Entity::DefRef(field)) => self.item(field).ty,
                    _ => Ty::Unknown(Cause::ReceiverUnknown),
                }
            }
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.part(p.clone(), index)).collect()),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    /// The good case of an option or result, what a pointer points to; a plain value is itself.
    pub fn unwrapped(&mut self, file: u32, ty: Ty) -> Ty {
        match ty {
            Ty::External(_, args) => args.first().map_or(Ty::Unknown(Cause::UnitAbsent), |a| self.held(file, a)),
            Ty::List(inner) => (*inner).clone(),
            Ty::Value(sym, args) => self.rules(sym.file).unwrapped(self, sym, args),
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.unwrapped(file, p.clone())).collect()),
            other => other,
        }
    }

    /// What waiting for a value gives: the argument of a promise, else the value.
    pub fn awaited(&mut self, file: u32, ty: Ty) -> Ty {
        let rules = self.rules(file);
        let promised = match &ty {
            Ty::External(name, args) if rules.promises().contains(&self.world.name(*name)) => Some(args.clone()),
            other => rules.brought(self, other).filter(|b| rules.promises().contains(&b.0.as_str())).map(|b| b.1.clone()),
        };
        match (promised, ty) {
            (Some(args), _) => args.last().cloned().unwrap_or(Ty::Unknown(Cause::UnitAbsent)),
            (None, Ty::Union(parts)) => Ty::union(parts.iter().map(|p| self.awaited(file, p.clone())).collect()),
            (None, other) => other,
        }
    }

    /// What a type that is made like another one is made of; other types are themselves.
    fn underlying(&mut self, ty: Ty) -> Ty {
        match &ty {
            Ty::Value(sym, _) => self.rules(sym.file).underlying(self, ty),
            _ => ty,
        }
    }
}
