//! Members of what an expression means: own, from extensions, inherited.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{Entity, Hit, Lookup, Reason, Ty};
use crate::link::world::{Binding, DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Flags, Kind, ScopeId};
use std::rc::Rc;

impl Evaluator<'_, '_> {
    /// The members of that name.
    pub fn members(&mut self, from: u32, of: &Ty, name: GlobalNameId) -> Lookup {
        match of {
            Ty::Value(sym, _) | Ty::Item(sym, ..) => {
                if let Some(found) = self.behind_conditional(of, |this, behind| this.members(from, &behind, name)) {
                    return found;
                }
                if matches!(of, Ty::Item(..))
                    && let Some(found) = self.rules(sym.file).side_of_type(self, from, *sym, name)
                {
                    return found;
                }
                let mut seen = Vec::new();
                let mut found = self.members_of(from, *sym, name, &mut seen);
                self.prefer_bodies(&mut found);
                if found.is_empty() { self.rules(sym.file).beside_the_whole(self, *sym, name).unwrap_or(found) } else { found }
            }
            Ty::Module(entity) => self.entity_member(from, *entity, name),
            Ty::Union(parts) => self.members_of_any(from, &parts.clone(), name),
            Ty::Mapped(mapped) => self.members(from, &mapped.of, name),
            Ty::External(_, args) => self.rules(from).through_holder(self, from, args, name).unwrap_or(Lookup::none(Cause::UnitAbsent)),
            Ty::ExternalType(..) => Lookup::none(Cause::UnitAbsent),
            Ty::Unknown(cause) => Lookup::none(match cause {
                Cause::UnitAbsent | Cause::Builtin => *cause,
                _ => Cause::ReceiverUnknown,
            }),
            // What was nothing when it was written holds something when a member of it is asked for.
            Ty::Literal(compass_facts::Literal::Nothing) => Lookup::none(Cause::ReceiverUnknown),
            _ => Lookup::none(Cause::Builtin),
        }
    }

    fn members_of_any(&mut self, from: u32, parts: &[Ty], name: GlobalNameId) -> Lookup {
        let mut out = Lookup::none(Cause::NoDefinition);
        // A part that nobody can look into may have the member as well.
        let mut is_open = false;
        for part in parts {
            let found = self.members(from, part, name);
            is_open |= found.is_empty() && matches!(found.cause, Cause::UnitAbsent | Cause::ReceiverUnknown);
            if found.is_empty() && out.is_empty() {
                out.cause = found.cause;
            }
            for hit in found.hits {
                if !out.hits.iter().any(|h| h.entity == hit.entity) {
                    out.hits.push(hit);
                }
            }
        }
        if out.hits.len() > 1 || is_open {
            for hit in &mut out.hits {
                hit.certainty = hit.certainty.min(Certainty::Inferred);
            }
        }
        out
    }

    fn members_of(&mut self, from: u32, sym: DefRef, name: GlobalNameId, seen: &mut Vec<DefRef>) -> Lookup {
        if seen.len() > 64 || seen.contains(&sym) {
            return Lookup::none(Cause::NoDefinition);
        }
        seen.push(sym);
        let own = self.own_members(sym, name);
        if !own.is_empty() {
            return self.with_brought_in(sym, name, own);
        }
        let def = self.world.def(sym);
        let mut cause = Cause::NoDefinition;
        if let (Kind::Alias | Kind::TypeParameter | Kind::Variant | Kind::Variable | Kind::Constant, Some(ty)) = (def.kind, def.ty) {
            let target = self.evaluate(sym.file, ty).ty;
            if !matches!(target, Ty::Item(s, ..) | Ty::Value(s, _) if s == sym) {
                let found = self.members_within(from, &target, name, seen);
                if !found.is_empty() {
                    return found;
                }
                cause = found.cause;
            }
        }
        if def.kind == Kind::TypeParameter && def.ty.is_none() {
            let found = self.members_of_default(from, sym, name, seen);
            if !found.is_empty() {
                return found;
            }
            cause = Cause::ReceiverUnknown;
        }
        for base in self.bases(sym).iter() {
            let found = self.members_within(from, base, name, seen);
            if !found.is_empty() {
                return self.inherited(found, base);
            }
            if matches!(base, Ty::ExternalType(..) | Ty::External(..) | Ty::Unknown(_)) {
                cause = Cause::UnitAbsent;
            }
        }
        Lookup::none(cause)
    }

    /// Members of what stands for a type parameter where nobody says another type.
    fn members_of_default(&mut self, from: u32, parameter: DefRef, name: GlobalNameId, seen: &mut Vec<DefRef>) -> Lookup {
        let default = self.world.facts(parameter.file).defaults.iter().find(|d| d.0 == parameter.def).map(|d| d.1);
        let Some(default) = default else { return Lookup::none(Cause::ReceiverUnknown) };
        let default = self.evaluate(parameter.file, default).ty;
        let mut found = self.members_within(from, &default, name, seen);
        found.hits.iter_mut().for_each(|h| h.certainty = h.certainty.min(Certainty::Inferred));
        found
    }

    /// The type's own members, and those of a base that it puts beside them: `using Base::turn;`.
    fn with_brought_in(&mut self, sym: DefRef, name: GlobalNameId, mut own: Lookup) -> Lookup {
        let Some(scope) = self.world.def(sym).inner.filter(|_| self.rules(sym.file).has_many_overloads()) else { return own };
        let import = |b| if let Binding::Import(id) = b { Some(id) } else { None };
        let brought: Vec<_> = self.world.bindings(sym.file, scope, name).filter_map(import).collect();
        for id in brought {
            own.hits.extend(self.follow(sym.file, id).hits);
        }
        own
    }

    fn members_within(&mut self, from: u32, ty: &Ty, name: GlobalNameId, seen: &mut Vec<DefRef>) -> Lookup {
        match ty {
            Ty::Item(sym, ..) | Ty::Value(sym, _) => self.members_of(from, *sym, name, seen),
            Ty::Union(parts) => {
                let mut out = Lookup::none(Cause::NoDefinition);
                for part in parts.iter() {
                    let found = self.members_within(from, part, name, seen);
                    out.cause = if out.is_empty() { found.cause } else { out.cause };
                    out.hits.extend(found.hits);
                }
                out
            }
            // A union starts the search anew: not from within one.
            Ty::External(..) | Ty::ExternalType(..) | Ty::Unknown(_) => Lookup::none(Cause::UnitAbsent),
            other => self.members(from, other, name),
        }
    }

    fn inherited(&self, mut found: Lookup, base: &Ty) -> Lookup {
        if let Ty::Item(sym, ..) = base {
            let d = self.world.def(*sym);
            let reason = Reason { kind: StepKind::Base, file: sym.file, def: Some(sym.def), at: d.name_span.start, len: d.name_span.len() };
            for hit in &mut found.hits {
                hit.reasons.insert(0, reason);
            }
        }
        found
    }

    /// Members written in the type or in an extension of it.
    fn own_members(&mut self, sym: DefRef, name: GlobalNameId) -> Lookup {
        let def = self.world.def(sym);
        let mut out = Lookup::none(Cause::NoDefinition);
        let rules = self.rules(sym.file);
        let parts = rules.parts(self, sym);
        for part in &parts {
            if let Some(scope) = self.world.def(*part).inner {
                self.add_members(*part, part.file, scope, name, &mut out);
            }
        }
        if parts.is_empty()
            && let Some(scope) = def.inner
            && self.world.facts(sym.file).scope(scope).kind == compass_facts::ScopeKind::Type
        {
            self.add_members(sym, sym.file, scope, name, &mut out);
        }
        if def.kind == Kind::Enum && rules.enumerators_stand_around() {
            if out.is_empty() {
                // Enumerators stand in the scope around and are members all the same.
                for binding in self.world.bindings(sym.file, def.scope, name) {
                    if let Binding::Def(variant) = binding
                        && self.world.facts(sym.file).def(variant).container == Some(sym.def)
                    {
                        out.hits.push(Hit {
                            entity: Entity::DefRef(DefRef { file: sym.file, def: variant }),
                            certainty: Certainty::Proven,
                            reasons: Vec::new(),
                        });
                    }
                }
            }
            return out;
        }
        // Inherent members hide those of traits; a trait's method is the trait's, unless the trait is unknown.
        let extensions = self.extensions;
        for (file, scope) in extensions.inherent.get(&(sym, name)).into_iter().flatten() {
            self.add_members(sym, *file, *scope, name, &mut out);
        }
        if out.hits.len() > 1 {
            rules.keep_usual(self, &mut out);
        }
        if !out.is_empty() {
            return out;
        }
        let traits = extensions.traits.get(&sym).into_iter().flatten().copied();
        for (file, scope, of) in traits {
            if let Entity::DefRef(t) = of {
                let inner = self.world.def(t).inner;
                if let Some(inner) = inner {
                    self.add_members(t, t.file, inner, name, &mut out);
                }
                if !out.is_empty() {
                    return out;
                }
            }
            self.add_members(sym, file, scope, name, &mut out);
            if !out.is_empty() {
                return out;
            }
        }
        out
    }

    fn add_members(&self, owner: DefRef, file: u32, scope: ScopeId, name: GlobalNameId, out: &mut Lookup) {
        let owner_def = self.world.def(owner);
        let reason = Reason { kind: StepKind::Member, file: owner.file, def: Some(owner.def), at: owner_def.name_span.start, len: owner_def.name_span.len() };
        let rules = self.rules(file);
        for binding in self.world.bindings(file, scope, name) {
            if out.hits.len() >= crate::link::resolve::imports::MOST_HITS && !rules.has_many_overloads() {
                break;
            }
            if let Binding::Def(def) = binding
                && !matches!(self.world.facts(file).def(def).kind, Kind::TypeParameter)
                && (rules.constructors_are_members() || self.world.facts(file).def(def).kind != Kind::Constructor)
            {
                // An unnamed owner has no place to show.
                let reasons = if owner_def.name_span.is_empty() { Vec::new() } else { vec![reason] };
                out.hits.push(Hit { entity: Entity::DefRef(DefRef { file, def }), certainty: Certainty::Proven, reasons });
            }
        }
    }

    /// Of overloads the one with a body, of a getter and a setter the first.
    pub fn prefer_bodies(&self, found: &mut Lookup) {
        let bodiless = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).flags.has(Flags::BODILESS));
        let signature = |h: &Hit| if let Entity::DefRef(s) = h.entity { self.world.def(s).signature } else { 0 };
        if found.hits.iter().any(|h| signature(h) != 0) {
            // Overloads: each body stands for its own declaration only.
            // A member without a body of its own is meant even where somebody writes one for it elsewhere.
            let abstract_ones: Vec<u32> =
                found.hits.iter().filter(|h| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).flags.has(Flags::ABSTRACT))).map(signature).collect();
            found
                .hits
                .retain(|h| !abstract_ones.contains(&signature(h)) || matches!(h.entity, Entity::DefRef(s) if self.world.def(s).flags.has(Flags::ABSTRACT)));
            let with_body: Vec<u32> = found.hits.iter().filter(|h| !bodiless(h)).map(signature).collect();
            found.hits.retain(|h| !bodiless(h) || !with_body.contains(&signature(h)));
            // The declaration says where a body is; several bodies are branches of a condition.
            let mut kept: Vec<Hit> = std::mem::take(&mut found.hits);
            kept.sort_by_key(|h| matches!(h.entity, Entity::DefRef(s) if self.rules(s.file).is_left_out(self, s)));
            found.hits = kept;
            return;
        }
        if found.hits.len() > 1 && found.hits.iter().any(bodiless) && !found.hits.iter().all(bodiless) {
            found.hits.retain(|h| !bodiless(h));
        }
    }

    /// The bases of a type, in order, traits of its extensions last.
    pub fn bases(&mut self, sym: DefRef) -> Rc<[Ty]> {
        if let Some((known, names)) = self.based.get(&sym) {
            self.world.dependency_log.again(names);
            return known.clone();
        }
        // A type that is its own base has none.
        self.based.insert(sym, (Rc::from([]), Rc::from([])));
        let before = self.cuts;
        let start = self.world.dependency_log.begin();
        let facts = self.world.facts(sym.file);
        let mut out: Vec<Ty> = Vec::new();
        for (_, base) in facts.bases.iter().filter(|b| b.0 == sym.def) {
            out.push(self.evaluate(sym.file, *base).ty);
        }
        for (_, _, entity) in self.extensions.traits.get(&sym).into_iter().flatten().copied() {
            if let Entity::DefRef(t) = entity {
                out.push(Ty::Item(t, Ty::no_args(), None));
            }
        }
        let out: Rc<[Ty]> = out.into();
        match self.cuts == before {
            true => self.based.insert(sym, (out.clone(), self.world.dependency_log.since(start))),
            false => self.based.remove(&sym),
        };
        out
    }
}
