//! What a plain name means at a place: scopes outwards, then what the language brings along.

use super::evaluate::Evaluator;
use super::modules::closeness;
use super::ty::{Entity, Hit, Lookup, Reason};
use super::world::{DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Flags, Kind, Language, ScopeId, ScopeKind};
use std::rc::Rc;

/// What kind of thing is wanted, where a language keeps several namespaces under one spelling.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub(super) enum Namespace {
    Any,
    Type,
    Value,
    Macro,
    /// Java: what is called without a receiver.
    Method,
    /// C: what stands after `struct`, `union`, `enum`.
    Tag,
}

impl Evaluator<'_, '_> {
    /// What the plain name means. Names local to a function were linked by the reader; they are not looked for again.
    pub(super) fn plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Rc<Lookup> {
        let scope = self.world.anchor(file, scope);
        // In Go what is left over to be looked for hangs on the file alone.
        let is_go = self.world.language(file) == Language::Go;
        let key = if is_go { (file, ScopeId::FILE, name, Namespace::Any) } else { (file, scope, name, wanted) };
        if let Some((known, names)) = self.plain.get(&key) {
            self.world.dependency_log.again(names);
            return known.clone();
        }
        let before = self.cuts;
        let start = self.world.dependency_log.begin();
        self.world.dependency_log.note(name);
        let found = Rc::new(match self.world.language(file) {
            Language::C => self.plain_c(file, name, wanted),
            Language::Cpp => self.plain_cpp(file, scope, name, wanted),
            Language::Rust => self.plain_rust(file, scope, name, wanted),
            Language::Java => self.plain_java(file, scope, name, wanted),
            Language::Go => self.plain_go(file, name),
            _ => self.plain_outwards(file, scope, name, wanted),
        });
        // Each scope keeps what it found: of a name that thousands share, that would fill the memory.
        if self.cuts == before && (key.1 == ScopeId::FILE || found.hits.len() <= super::overloads::MOST_CHOICES) {
            self.plain.insert(key, (found.clone(), self.world.dependency_log.since(start)));
        }
        found
    }

    fn plain_outwards(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let facts = self.world.facts(file);
        let is_python = self.world.language(file) == Language::Python;
        let is_perl = self.world.language(file) == Language::Perl;
        let mut at = Some(scope);
        let mut direct = true;
        let mut cause = Cause::NoDefinition;
        while let Some(id) = at {
            let s = facts.scope(id);
            let seen = s.kind != ScopeKind::Type || (is_python && direct) || is_perl;
            if !is_python && self.modules.globals.has(file, id) {
                // What others declare for all counts here as well: the other parts of one thing.
                let found = self.global(file, name, wanted);
                if !found.is_empty() {
                    return found;
                }
            }
            if seen {
                let mut found = self.bound(file, id, name, None);
                // `exports.a = …` puts no `a` into the scope: an `a` that a script brings in from elsewhere is that one.
                if !is_python && found.hits.iter().any(|h| matches!(h.entity, Entity::External(_))) {
                    found.hits.retain(|h| matches!(h.entity, Entity::External(_)));
                }
                // A package that is brought in where it is defined is one.
                if is_perl {
                    found.hits.dedup_by_key(|h| h.entity);
                }
                let chosen = self.choose(found, wanted);
                if !chosen.is_empty() {
                    return chosen;
                }
                if chosen.cause != Cause::NoDefinition {
                    cause = chosen.cause;
                }
                if matches!(s.kind, ScopeKind::File | ScopeKind::Module) {
                    let found = self.module_member(file, file, id, name);
                    if !found.is_empty() {
                        return self.choose(found, wanted);
                    }
                }
            }
            direct = direct && !matches!(s.kind, ScopeKind::Function | ScopeKind::Type);
            at = s.parent;
        }
        if is_perl {
            let found = self.perl_package(file, name, wanted);
            if !found.is_empty() {
                return found;
            }
        }
        if cause == Cause::NoDefinition && self.world.language(file).is_kin_of(Language::TypeScript) {
            let found = self.global(file, name, wanted);
            if !found.is_empty() {
                return found;
            }
        }
        if super::uses::is_builtin(self.world.language(file), self.world.name(name)) {
            cause = Cause::Builtin;
        } else if cause == Cause::NoDefinition && self.has_absent_glob(file) {
            cause = Cause::UnitAbsent;
        }
        Lookup::none(cause)
    }

    /// Does a star import lead outside what is indexed?
    fn has_absent_glob(&mut self, file: u32) -> bool {
        let globs: Vec<_> = self.world.globs(file).iter().map(|g| g.1).collect();
        globs.into_iter().any(|id| self.import_targets(file, id).is_empty())
    }

    /// Of several bindings of one name: types or values as wanted, bodies before bodiless ones.
    fn choose(&self, found: Lookup, wanted: Namespace) -> Lookup {
        if found.hits.len() < 2 {
            return found;
        }
        let fits = |h: &Hit| match (h.entity, wanted) {
            (Entity::DefRef(sym), Namespace::Type) => self.world.def(sym).kind.is_type(),
            (Entity::DefRef(sym), Namespace::Value) => !matches!(self.world.def(sym).kind, Kind::Interface | Kind::Alias | Kind::TypeParameter),
            (Entity::DefRef(sym), Namespace::Macro) => self.world.def(sym).kind == Kind::Macro,
            _ => true,
        };
        let mut hits: Vec<Hit> = found.hits.iter().filter(|h| fits(h)).cloned().collect();
        if hits.is_empty() {
            hits = found.hits;
        }
        // Overload signatures give way to the one with a body.
        let bodiless = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).flags.has(Flags::BODILESS));
        if hits.iter().any(bodiless) && !hits.iter().all(bodiless) {
            hits.retain(|h| !bodiless(h));
        }
        Lookup { hits, cause: found.cause }
    }

    fn plain_rust(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let word = self.world.name(name);
        let hit = |entity| Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition };
        match word {
            "crate" => return hit(Entity::Module(self.modules.rust_root(file), ScopeId::FILE)),
            "self" => return hit(self.module_around(file, scope)),
            "super" => return self.module_above(file, scope).map_or(Lookup::none(Cause::NoDefinition), hit),
            _ => {}
        }
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        let mut cause = Cause::NoDefinition;
        while let Some(id) = at {
            let s = facts.scope(id);
            if s.kind != ScopeKind::Type {
                let found = self.rust_bound(file, id, name, wanted);
                if !found.is_empty() {
                    return found;
                }
                if found.cause != Cause::NoDefinition {
                    cause = found.cause;
                }
            }
            if matches!(s.kind, ScopeKind::Module | ScopeKind::File) && wanted != Namespace::Macro {
                break;
            }
            at = s.parent;
        }
        if wanted == Namespace::Macro {
            return self.rust_macro(file, name);
        }
        if let Some(target) = self.modules.rust_crate(self.world, file, word) {
            let entry = if let Entity::Module(f, _) = target.entity { f } else { file };
            let kind = if target.stands_in { StepKind::StandIn } else { StepKind::Import };
            return Lookup::one(target.entity, target.certainty, Reason { kind, file: entry, def: None, at: 0, len: 0 });
        }
        if super::uses::is_builtin(Language::Rust, word) {
            cause = Cause::Builtin;
        }
        Lookup::none(cause)
    }

    fn rust_bound(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let is_macro = |this: &Self, h: &Hit| matches!(h.entity, Entity::DefRef(s) if this.world.def(s).kind == Kind::Macro);
        let mut found = self.bound(file, scope, name, None);
        found.hits.retain(|h| is_macro(self, h) == (wanted == Namespace::Macro) || matches!(h.entity, Entity::External(_)));
        let found = self.choose(found, wanted);
        if !found.is_empty() {
            return found;
        }
        let cause = found.cause;
        let mut through = self.module_member(file, file, scope, name);
        through.hits.retain(|h| is_macro(self, h) == (wanted == Namespace::Macro) || matches!(h.entity, Entity::External(_)));
        let through = self.choose(through, wanted);
        if through.is_empty() && cause != Cause::NoDefinition { Lookup::none(cause) } else { through }
    }

    /// `macro_rules!` are seen by text order across the crate: any of the crate serves, then exported ones of what it can mean. Those
    /// that the language brings are its own, whoever else defines one of that name.
    fn rust_macro(&self, file: u32, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let unit = |s: &DefRef| world.files[s.file as usize].id.unit;
        let here = world.files[file as usize].id.unit;
        let is_macro = |s: &DefRef| world.def(*s).kind == Kind::Macro && world.language(s.file) == Language::Rust;
        let macros = world.all_named(name).copied().filter(is_macro).filter(|s| self.modules.needs.sees(here.0, unit(s).0));
        let (own, mut others): (Vec<DefRef>, Vec<DefRef>) = macros.partition(|s| unit(s) == here);
        let brought = super::uses::is_builtin(Language::Rust, world.name(name));
        if brought {
            others.retain(|s| matches!(world.units[unit(s).0 as usize].name.as_str(), "std" | "core" | "alloc"));
        }
        let (found, certainty) = match (own.len(), others.len()) {
            (0, 0) => return Lookup::none(if brought { Cause::Builtin } else { Cause::UnitAbsent }),
            (0, _) => (others, Certainty::Guessed),
            (1, _) => (own, Certainty::Proven),
            _ => (own, Certainty::Inferred),
        };
        let hits = found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect();
        Lookup { hits, cause: Cause::NoDefinition }
    }

    pub(super) fn by_name_hit(&self, sym: DefRef, certainty: Certainty) -> Hit {
        let d = self.world.def(sym);
        let kind = if certainty == Certainty::Guessed { StepKind::ByName } else { StepKind::Scope };
        let reason = Reason { kind, file: sym.file, def: Some(sym.def), at: d.name_span.start, len: d.name_span.len() };
        Hit { entity: Entity::DefRef(sym), certainty, reasons: vec![reason] }
    }

    /// Definitions of that name anywhere in the language's family, nearest first.
    pub(super) fn by_name(&self, file: u32, name: GlobalNameId, members: bool, call: bool) -> Lookup {
        let world = self.world;
        let language = world.language(file);
        let named = if members { world.named_members(name) } else { world.named(name) };
        let own = world.files[file as usize].id.unit.0;
        // Only what the unit can mean is worth guessing.
        let some_are_hidden = self.modules.needs.matter() && named.len() <= MAX_SEEN;
        let is_seen = |s: &DefRef| !some_are_hidden || self.modules.needs.sees(own, world.files[s.file as usize].id.unit.0);
        if !some_are_hidden && named.len() > 4 * MAX_GUESSES && !named.iter().any(|s| s.file == file) {
            return Lookup::none(Cause::TooMany);
        }
        let mut found: Vec<(DefRef, Kind, Flags)> = world.told(name, members).filter(|f| is_seen(&f.0)).collect();
        if found.len() > 4 * MAX_GUESSES && !found.iter().any(|f| f.0.file == file) {
            return Lookup::none(Cause::TooMany);
        }
        found.retain(|(sym, kind, flags)| {
            world.language(sym.file).is_kin_of(language)
                && (!call || members || !matches!(kind, Kind::Field | Kind::Module))
                && !(flags.has(Flags::PRIVATE) && sym.file != file && language.is_c_family())
        });
        if call && found.iter().any(|f| f.1.is_callable()) {
            found.retain(|f| f.1.is_callable() || f.1.is_type());
        }
        if found.iter().any(|f| !f.2.has(Flags::BODILESS)) {
            found.retain(|f| !f.2.has(Flags::BODILESS));
        }
        if language.is_kin_of(Language::TypeScript) {
            self.keep_likely(file, &mut found);
        }
        if found.len() > MAX_GUESSES {
            return Lookup::none(Cause::TooMany);
        }
        let mut found: Vec<DefRef> = found.into_iter().map(|f| f.0).collect();
        if language.is_c_family() {
            self.rank_c(file, &mut found);
        } else {
            found.sort_by_cached_key(|s| (std::cmp::Reverse(closeness(world, file, s.file)), *s));
        }
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, Certainty::Guessed)).collect(), cause: Cause::NoDefinition }
    }
}

/// Of more definitions of one name than this nobody looks for those that a unit sees.
const MAX_SEEN: usize = 20_000;

/// More definitions of one name than this make a guess worthless.
const MAX_GUESSES: usize = 60;
