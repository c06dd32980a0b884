//! Links one use: asks the evaluator, then falls back to the name alone, and says why when there is nothing.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::resolve::lookup::Namespace;
use crate::link::types::ty::{Entity, Hit, Lookup, Ty};
use crate::link::world::{DefRef, GlobalNameId};
use crate::{Cause, Certainty};
use compass_facts::{Facts, Flags, ImportKind, Kind, Language, Role, Shape, TypeExpr, TypeId, Use, UseId};

/// At most this many targets are kept per use.
pub const MAX_TARGETS: usize = 10;

impl Evaluator<'_, '_> {
    /// What a use refers to. Uses linked by the reader are not asked for.
    pub fn link_use(&mut self, file: u32, facts: &Facts, id: UseId, u: &Use) -> Lookup {
        let name = self.world.gid(file, u.name);
        let rules = self.rules(file);
        let as_looked_up = (u.role == Role::Mark).then(|| Use { role: self.world.language(file).profile().marks_are, ..u.clone() });
        let u = as_looked_up.as_ref().unwrap_or(u);
        let found = match u.shape {
            Shape::Plain => self.link_plain(file, u, name),
            Shape::Tag => {
                let found = (*self.plain(file, u.scope, name, Namespace::Tag)).clone();
                if found.is_empty() && found.cause == Cause::NoDefinition { Lookup::none(Cause::NoDefinition) } else { found }
            }
            Shape::Member(of) => rules.member_use(self, file, of, u, name),
            Shape::Key(of) => rules.key_use(self, file, of, u, name),
            Shape::Import(id) => self.link_import(file, facts, id),
        };
        let mut found = rules.settle(self, file, facts, id, u, found);
        // A mark that nothing here defines comes with a package, or is read by one.
        if as_looked_up.is_some() && found.is_empty() && found.cause == Cause::NoDefinition {
            found.cause = Cause::UnitAbsent;
        }
        self.finish(file, u, name, found)
    }

    fn link_plain(&mut self, file: u32, u: &Use, name: GlobalNameId) -> Lookup {
        let rules = self.rules(file);
        let wanted = rules.namespace(self, file, u);
        let found = (*self.plain(file, u.scope, name, wanted)).clone();
        if !found.is_empty() || found.cause != Cause::NoDefinition {
            return found;
        }
        // Nothing in scope: by name, but only where the language lets names come from nowhere visible.
        let guess = self.by_name(file, name, false, u.role == Role::Call);
        if guess.is_empty() { rules.beyond_names(self, file, u, name).unwrap_or(guess) } else { guess }
    }

    /// A member of what stands before the dot.
    pub fn link_member(&mut self, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = self.evaluate(file, of);
        let mut found = self.members(file, &owner.ty, name);
        if found.is_empty() {
            return self.without_member(file, &owner.ty, found.cause, u, name);
        }
        let rules = self.rules(file);
        let is_base_itself = rules.super_is_one_class() && matches!(self.world.facts(file).ty(of), TypeExpr::Super(_));
        let may_be_derived = rules.members_are_dynamic() && !is_base_itself && matches!(owner.ty, Ty::Value(..) | Ty::Union(_));
        let dynamic = may_be_derived && !self.is_never_overridden(file, &owner.ty, &found, u, name);
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            if dynamic {
                // Another class may override it.
                hit.certainty = hit.certainty.min(Certainty::Inferred);
            }
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        if found.hits.len() > 1 {
            // Signatures give way to the one with a body, also where a module was asked for the name.
            self.prefer_bodies(&mut found);
            rules.keep_side(self, &owner.ty, &mut found);
        }
        if found.hits.len() > 1 {
            found = self.choose_overload(found, u);
        }
        found
    }

    /// Does no class that is derived from that of the value define the member anew? Code of a package is linked for other workspaces as
    /// well: there only classes that the package can know of count. Into the workspace's own code a value of any class may come.
    fn is_never_overridden(&mut self, file: u32, owner: &Ty, found: &Lookup, u: &Use, name: GlobalNameId) -> bool {
        /// Of names that more types have nobody looks through all of them.
        const MOST_NAMED: usize = 60;
        let (Ty::Value(class, _), [Hit { entity: Entity::DefRef(own), .. }]) = (owner, &found.hits[..]) else { return false };
        let world = self.world;
        // A function that a variable holds may be another one.
        let is_held = u.role == Role::Call && !world.def(*own).kind.is_callable() && !world.def(*own).kind.is_type();
        let named = world.named_members(name);
        if is_held || named.len() > MOST_NAMED || self.rules(class.file).is_told_by_members(self, *class) {
            return false;
        }
        let unit = |file: u32| world.files[file as usize].id.unit.0;
        let sees_all = world.unit(file).own || !self.modules.needs.matter();
        let is_seen = |s: &DefRef| sees_all || self.modules.needs.sees(unit(file), unit(s.file));
        let others: Vec<DefRef> =
            named.iter().filter(|s| *s != own && is_seen(s)).filter_map(|s| Some(DefRef { file: s.file, def: world.def(*s).container? })).collect();
        others.into_iter().all(|other| {
            // What it is derived from is told under its name.
            world.dependency_log.note(world.gid(other.file, world.def(other).name));
            // Types of one file are often the bases of one type: who of them comes first is not known here.
            other == *class || self.derives(*class, other) || other.file != class.file && !self.derives(other, *class)
        })
    }

    /// A member nobody has: one of what the language brings along, or what its rules make of it.
    pub fn without_member(&mut self, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        let rules = self.rules(file);
        match rules.member_of_language(self, file, owner, name) {
            Some((found, _)) if found.hits.len() > 1 => self.choose_overload(found, u),
            Some((found, _)) => found,
            None => rules.without_member(self, file, owner, cause, u, name),
        }
    }

    /// Honest about types that are known and closed, a guess elsewhere.
    pub fn usual_without_member(&mut self, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        match known_to_have_none(owner, cause) {
            Some(cause) if matches!((owner, cause), (Ty::Unknown(_), Cause::UnitAbsent)) => self.rare_member(file, cause, u, name),
            Some(cause) => Lookup::none(cause),
            None => self.guessed_member(file, owner, cause, u, name),
        }
    }

    /// A member of what came through a package that is not here: it may still be a value of ours, where hardly anything else has such a
    /// member.
    fn rare_member(&mut self, file: u32, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        /// More members of one name than this are no rare ones.
        const FEW: usize = 3;
        if is_builtin(self.world.language(file), self.world.name(name)) {
            return Lookup::none(cause);
        }
        let guess = self.by_name(file, name, true, u.role == Role::Call);
        if guess.is_empty() || guess.hits.len() > FEW { Lookup::none(cause) } else { guess }
    }

    /// A member by its name alone.
    pub fn guessed_member(&mut self, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        let mut guess = self.by_name(file, name, true, u.role == Role::Call);
        self.sort_by_likeness(owner, &mut guess);
        match guess.is_empty() {
            true => Lookup::none(if guess.cause == Cause::TooMany { Cause::TooMany } else { cause }),
            false => guess,
        }
    }

    /// Overloads by the number of arguments.
    fn choose_overload(&self, found: Lookup, u: &Use) -> Lookup {
        if u.role != Role::Call || found.hits.iter().any(|h| matches!(h.entity, Entity::DefRef(s) if self.rules(s.file).settles_overloads())) {
            return found;
        }
        let takes = |s: DefRef| self.rules(s.file).takes(self.world.def(s), u.args);
        let fits = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if takes(s));
        let fitting: Vec<Hit> = found.hits.iter().filter(|h| fits(h)).cloned().collect();
        let certainty = if fitting.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        let mut hits = if fitting.is_empty() { found.hits } else { fitting };
        for hit in &mut hits {
            hit.certainty = hit.certainty.min(certainty);
        }
        // A signature that also tells types apart is for few calls of its name.
        hits.sort_by_key(|h| matches!(h.entity, Entity::DefRef(s) if self.rules(s.file).is_narrow(self, s)));
        Lookup { hits, cause: found.cause }
    }

    /// A key of a literal, pattern or call.
    pub fn link_key(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Lookup {
        let owner = self.evaluate(file, of);
        let mut found = match &owner.ty {
            Ty::Item(sym, _, _) if self.world.def(*sym).kind.is_callable() => self.parameter(*sym, name),
            Ty::Item(sym, _, _) => self.rules(sym.file).key_of_type(self, file, &owner.ty, *sym, name),
            ty => self.members(file, ty, name),
        };
        if found.is_empty() && matches!(owner.ty, Ty::Unknown(_)) {
            let cause = if found.cause == Cause::NoDefinition { Cause::ReceiverUnknown } else { found.cause };
            return Lookup::none(cause);
        }
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        found
    }

    /// The parameter of that name.
    pub fn parameter(&mut self, function: DefRef, name: GlobalNameId) -> Lookup {
        let Some(scope) = self.world.def(function).inner else { return Lookup::none(Cause::Dynamic) };
        let found = self.bound(function.file, scope, name, None);
        if found.is_empty() { Lookup::none(Cause::Dynamic) } else { found }
    }

    fn link_import(&mut self, file: u32, facts: &Facts, id: compass_facts::ImportId) -> Lookup {
        let import = facts.import(id);
        let on_the_spot = self.rules(file).follows_unbound(import);
        if matches!(import.kind, ImportKind::Name | ImportKind::Module) && import.bound.is_some() || on_the_spot {
            return self.follow(file, id);
        }
        let targets = self.import_targets(file, id);
        let reason = crate::link::types::ty::Reason { kind: crate::StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let hits: Vec<Hit> = targets.iter().map(|t| Hit { entity: t.entity, certainty: t.certainty, reasons: vec![reason] }).collect();
        let is_local = matches!(import.kind, ImportKind::Child) || facts.name(import.module).starts_with('.');
        Lookup { hits, cause: if is_local { Cause::NoDefinition } else { Cause::UnitAbsent } }
    }

    /// Sorts out what cannot be shown, settles certainty where several remain, finds constructors.
    fn finish(&mut self, file: u32, u: &Use, _name: GlobalNameId, mut found: Lookup) -> Lookup {
        let external = found.hits.iter().any(|h| matches!(h.entity, Entity::External(_)));
        found.hits.retain(|h| !matches!(h.entity, Entity::External(_) | Entity::Folder(_)));
        if found.is_empty() {
            if external {
                found.cause = Cause::UnitAbsent;
            }
            return found;
        }
        let mut seen: Vec<Entity> = Vec::new();
        found.hits.retain(|h| {
            let is_new = !seen.contains(&h.entity);
            seen.push(h.entity);
            is_new
        });
        if found.hits.len() > 1 && !self.rules(file).settles_overloads() {
            self.rank(file, u, &mut found);
        }
        if found.hits.len() > 1 {
            for hit in &mut found.hits {
                hit.certainty = hit.certainty.min(Certainty::Inferred);
            }
        }
        found
    }

    /// Several targets: callable ones first for calls, definitions before declarations.
    fn rank(&self, _file: u32, u: &Use, found: &mut Lookup) {
        let world = self.world;
        let is_wrong_kind = |h: &Hit, s: DefRef| {
            let d = world.def(s);
            // Guesses stand in the order of their nearness, whatever holds the function.
            let may_hold = h.certainty == Certainty::Guessed && d.kind == Kind::Field && self.rules(s.file).fields_are_called();
            u.role == Role::Call && !(d.kind.is_callable() || d.kind.is_type() || d.kind == Kind::Variant || may_hold)
        };
        let is_mixed = found.hits.iter().any(|h| matches!(h.entity, Entity::DefRef(s) if is_wrong_kind(h, s)));
        let score = |h: &Hit| match h.entity {
            Entity::DefRef(s) => {
                let d = world.def(s);
                // What may be called but is left out does not go before what is there.
                let is_out = is_mixed && self.rules(s.file).is_left_out(self, s);
                // One name for a value and a type: the value, unless a type is asked for.
                let wrong_space = u.role != Role::Type && matches!(d.kind, Kind::Interface | Kind::Alias);
                (is_out, wrong_space, is_wrong_kind(h, s), d.flags.has(Flags::BODILESS))
            }
            _ => (false, true, false, false),
        };
        found.hits.sort_by_cached_key(score);
    }
}

/// Why a type surely has no member of a name that was not found among them; nothing where one may be guessed.
pub fn known_to_have_none(owner: &Ty, cause: Cause) -> Option<Cause> {
    match (owner, cause) {
        (Ty::Module(_), cause) => Some(cause),
        (Ty::Literal(literal), _) if *literal != compass_facts::Literal::Nothing => Some(Cause::Builtin),
        (Ty::List(_) | Ty::Map(_) | Ty::Tuple(_) | Ty::Function(_), _) => Some(Cause::Builtin),
        (Ty::External(..) | Ty::ExternalType(..), _) => Some(Cause::UnitAbsent),
        (_, Cause::UnitAbsent | Cause::Builtin) => Some(cause),
        _ => None,
    }
}

/// The names that most languages ask for a use.
pub fn usual_namespace(role: Role) -> Namespace {
    match role {
        Role::Type => Namespace::Type,
        Role::Call | Role::Read | Role::Write | Role::Pass => Namespace::Value,
        _ => Namespace::Any,
    }
}

/// Names the language brings along.
pub fn is_builtin(language: Language, name: &str) -> bool {
    (language.profile().standard.is_name)(name)
}
