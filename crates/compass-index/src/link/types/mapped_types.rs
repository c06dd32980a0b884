//! Types that have the members of another one, each of a type that is told from its own.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::generics::put_in;
use crate::link::types::ty::{MappedType, Meaning, Ty};
use crate::link::world::GlobalNameId;
use compass_facts::Kind;
use std::rc::Rc;

impl Evaluator<'_, '_> {
    /// What a member of that name means of a mapped type, of a union with such, and of what spreads one out; nothing for other types.
    pub(in crate::link) fn member_of_mapped(&mut self, file: u32, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        let behind = self.behind_conditional(&owner.ty, |this, behind| this.member_of(file, owner.clone().map(|_| behind), name));
        if behind.is_some() {
            return behind;
        }
        match &owner.ty {
            Ty::Mapped(mapped) => Some(self.mapped_member(file, mapped, owner, name)),
            Ty::Union(parts) if parts.iter().any(is_mapped) => {
                let all: Vec<Meaning> = parts.iter().map(|p| self.member_of(file, owner.clone().map(|_| p.clone()), name)).collect();
                let certainty = all.iter().filter(|m| !m.ty.is_unknown()).map(|m| m.certainty).min()?;
                Some(Meaning { ty: Ty::union(all.into_iter().map(|m| m.ty).collect()), certainty, reasons: owner.reasons.clone() })
            }
            Ty::Value(of, args) if self.is_structural(*of) && self.bases(*of).iter().any(is_mapped) => {
                let own = self.own_member_hits(*of, name);
                let bases = self.bases(*of);
                // What is spread out later is written over what stands before.
                let has = |this: &mut Self, base: &&Ty| !this.members(file, base, name).is_empty();
                let base = bases.iter().rev().find(|b| has(self, b)).filter(|b| !own && is_mapped(b))?;
                let base = self.substitute(base.clone(), *of, args);
                Some(self.member_of(file, owner.clone().map(|_| base), name))
            }
            _ => None,
        }
    }

    fn mapped_member(&mut self, file: u32, mapped: &Rc<MappedType>, owner: &Meaning, name: GlobalNameId) -> Meaning {
        let own = match &mapped.of {
            Ty::Map(inner) => Meaning::sure((**inner).clone()),
            of => self.member_of(file, Meaning::sure(of.clone()), name),
        };
        let is_open = match &mapped.of {
            Ty::Value(s, _) | Ty::Item(s, ..) => self.world.def(*s).kind == Kind::TypeParameter,
            of => of.is_unknown(),
        };
        if own.ty.is_unknown() && !is_open && self.members(file, &mapped.of, name).is_empty() {
            return own;
        }
        let reasons = owner.reasons.iter().copied().chain(own.reasons.iter().copied()).take(8).collect();
        let ty = self.settled(value_for(mapped, own.ty));
        Meaning { certainty: owner.certainty.min(own.certainty), ty, reasons }
    }

    fn own_member_hits(&mut self, of: crate::link::world::DefRef, name: GlobalNameId) -> bool {
        let Some(scope) = self.world.def(of).inner else { return false };
        self.world.bindings(of.file, scope, name).next().is_some()
    }
}

/// What a member of a mapped type is that is `own` in the type behind it.
pub(in crate::link) fn value_for(mapped: &MappedType, own: Ty) -> Ty {
    let known: &[_] = if own.is_unknown() { &[] } else { &[(mapped.key, own)] };
    put_in(&mapped.value, known)
}

fn is_mapped(ty: &Ty) -> bool {
    matches!(ty, Ty::Mapped(_))
}
