//! What a plain name means at a place: scopes outwards, then what the language brings along.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::rules::Site;
use crate::link::types::ty::{Entity, Hit, Lookup, Reason};
use crate::link::world::modules::closeness;
use crate::link::world::{DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Flags, Kind, ScopeId, ScopeKind};
use rustc_hash::FxHashMap;
use std::rc::Rc;

/// What kind of thing is wanted, where a language keeps several namespaces under one spelling.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Namespace {
    /// Whatever bears the name.
    Any,
    /// A type.
    Type,
    /// What can stand in an expression.
    Value,
    /// A macro.
    Macro,
    /// What is called without a receiver.
    Method,
    /// What stands after the word for a kind of type: `struct`, `union`, `enum`.
    Tag,
}

impl Evaluator<'_, '_> {
    /// What the plain name means. Names local to a function were linked by the reader; they are not looked for again.
    pub fn plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Rc<Lookup> {
        let scope = self.world.anchor(file, scope);
        let rules = self.rules(file);
        let key = if rules.is_looked_up_by_file() { (file, ScopeId::FILE, name, Namespace::Any) } else { (file, scope, name, wanted) };
        if let Some((known, names)) = self.plain.get(&key) {
            self.world.dependency_log.again(names);
            return known.clone();
        }
        let before = self.cuts;
        let start = self.world.dependency_log.begin();
        self.world.dependency_log.note(name);
        let found = Rc::new(rules.plain(self, file, scope, name, wanted));
        // Each scope keeps what it found: of a name that thousands share, that would fill the memory.
        if self.cuts == before && (key.1 == ScopeId::FILE || found.hits.len() <= crate::link::types::functions::MOST_CHOICES) {
            self.plain.insert(key, (found.clone(), self.world.dependency_log.since(start)));
        }
        found
    }

    /// Scopes outwards, each as the language has it; then what it brings along.
    pub fn outwards(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let rules = self.rules(file);
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        let mut direct = true;
        let mut cause = Cause::NoDefinition;
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = rules.in_scope(self, Site { file, scope: id, direct }, name, wanted);
            if !found.is_empty() {
                return found;
            }
            if found.cause != Cause::NoDefinition {
                cause = found.cause;
            }
            direct = direct && !matches!(s.kind, ScopeKind::Function | ScopeKind::Type);
            at = s.parent;
        }
        let found = rules.beyond_scopes(self, file, name, wanted, cause);
        if !found.is_empty() {
            return found;
        }
        if crate::link::resolve::uses::is_builtin(self.world.language(file), self.world.name(name)) {
            cause = Cause::Builtin;
        } else if cause == Cause::NoDefinition && self.has_absent_glob(file) {
            cause = Cause::UnitAbsent;
        }
        Lookup::none(cause)
    }

    /// What one scope binds, and what its module brings in by star imports.
    pub fn in_one_scope(&mut self, at: Site, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let found = self.bound(at.file, at.scope, name, None);
        self.or_of_module(at, found, name, wanted)
    }

    /// The same, where what is brought in from a package that is not here counts before all else.
    pub fn in_one_scope_absent_first(&mut self, at: Site, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let mut found = self.bound(at.file, at.scope, name, None);
        if found.hits.iter().any(|h| matches!(h.entity, Entity::External(_))) {
            found.hits.retain(|h| matches!(h.entity, Entity::External(_)));
        }
        self.or_of_module(at, found, name, wanted)
    }

    fn or_of_module(&mut self, at: Site, bound: Lookup, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let chosen = self.choose(bound, wanted);
        if !chosen.is_empty() || !matches!(self.world.facts(at.file).scope(at.scope).kind, ScopeKind::File | ScopeKind::Module) {
            return chosen;
        }
        let found = self.module_member(at.file, at.file, at.scope, name);
        if found.is_empty() { chosen } else { self.choose(found, wanted) }
    }

    /// Does a star import lead outside what is indexed?
    pub fn has_absent_glob(&mut self, file: u32) -> bool {
        let globs: Vec<_> = self.world.globs(file).iter().map(|g| g.1).collect();
        globs.into_iter().any(|id| self.import_targets(file, id).is_empty())
    }

    /// Of several bindings of one name: types or values as wanted, bodies before bodiless ones.
    pub fn choose(&self, found: Lookup, wanted: Namespace) -> Lookup {
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

    /// A definition that its scope, or its name alone, leads to.
    pub fn by_name_hit(&self, sym: DefRef, certainty: Certainty) -> Hit {
        let d = self.world.def(sym);
        let kind = if certainty == Certainty::Guessed { StepKind::ByName } else { StepKind::Scope };
        let reason = Reason { kind, file: sym.file, def: Some(sym.def), at: d.name_span.start, len: d.name_span.len() };
        Hit { entity: Entity::DefRef(sym), certainty, reasons: vec![reason] }
    }

    /// Definitions of that name anywhere in the language's family, nearest first.
    pub fn by_name(&self, file: u32, name: GlobalNameId, members: bool, call: bool) -> Lookup {
        let world = self.world;
        let named = if members { world.named_members(name) } else { world.named(name) };
        let own = world.files[file as usize].id.unit.0;
        // Only what the unit can mean is worth guessing.
        let some_are_hidden = self.modules.needs.matter() && named.len() <= MAX_SEEN;
        let is_seen = |s: &DefRef| !some_are_hidden || self.modules.needs.sees(own, world.files[s.file as usize].id.unit.0);
        if !some_are_hidden && named.len() > 4 * MAX_GUESSES && !named.iter().any(|s| s.file == file) {
            return Lookup::none(Cause::TooMany);
        }
        let guessed = self.guesses.borrow_mut().of(file, (name, members, call));
        let guessed = guessed.unwrap_or_else(|| {
            let found = self.guess(file, name, members, call, &is_seen);
            self.guesses.borrow_mut().keep((name, members, call), found.clone());
            found
        });
        let Some(guessed) = guessed else { return Lookup::none(Cause::TooMany) };
        Lookup { hits: guessed.iter().map(|s| self.by_name_hit(*s, Certainty::Guessed)).collect(), cause: Cause::NoDefinition }
    }

    /// What [`Evaluator::by_name`] gives; `None` for too many.
    fn guess(&self, file: u32, name: GlobalNameId, members: bool, call: bool, is_seen: &dyn Fn(&DefRef) -> bool) -> Guess {
        let world = self.world;
        let language = world.language(file);
        let mut found: Vec<(DefRef, Kind, Flags)> = world.told(name, members).filter(|f| is_seen(&f.0)).collect();
        if found.len() > 4 * MAX_GUESSES && !found.iter().any(|f| f.0.file == file) {
            return None;
        }
        let rules = self.rules(file);
        let is_of_file = rules.private_is_of_file();
        found.retain(|(sym, kind, flags)| {
            world.language(sym.file).is_kin_of(language)
                && (!call || members || !matches!(kind, Kind::Field | Kind::Module))
                && !(is_of_file && flags.has(Flags::PRIVATE) && sym.file != file)
        });
        rules.keep_likely(self, file, &mut found);
        if call && found.iter().any(|f| f.1.is_callable()) {
            // A field of the own unit may hold a function; where that makes too many, what is a function for sure is meant.
            let unit = |s: &DefRef| world.files[s.file as usize].id.unit;
            let own = world.files[file as usize].id.unit;
            let is_sure = |f: &(DefRef, Kind, Flags)| f.1.is_callable() || f.1.is_type();
            let is_held = |f: &(DefRef, Kind, Flags)| f.1 == Kind::Field && unit(&f.0) == own;
            let keeps_fields = members && rules.fields_are_called() && found.iter().filter(|f| is_sure(f) || is_held(f)).count() <= MAX_GUESSES;
            found.retain(|f| is_sure(f) || keeps_fields && is_held(f));
        }
        if found.iter().any(|f| !f.2.has(Flags::BODILESS)) {
            found.retain(|f| !f.2.has(Flags::BODILESS));
        }
        if found.len() > MAX_GUESSES {
            return None;
        }
        let mut found: Vec<DefRef> = found.into_iter().map(|f| f.0).collect();
        if !rules.rank(self, file, &mut found) {
            found.sort_by_cached_key(|s| (std::cmp::Reverse(closeness(world, file, s.file)), *s));
        }
        Some(found.into())
    }
}

/// Definitions that a name alone may mean, nearest first; none where there are too many.
pub(in crate::link) type Guess = Option<Rc<[DefRef]>>;

/// What was guessed for names of the file being linked: files of a program's making use few names very often.
#[derive(Default)]
pub(in crate::link) struct Guesses {
    file: u32,
    known: FxHashMap<(GlobalNameId, bool, bool), Guess>,
}

impl Guesses {
    /// What is known of a name, whether members are meant, and whether it is called.
    fn of(&mut self, file: u32, key: (GlobalNameId, bool, bool)) -> Option<Guess> {
        if self.file != file {
            (self.file, self.known) = (file, FxHashMap::default());
        }
        self.known.get(&key).cloned()
    }

    fn keep(&mut self, key: (GlobalNameId, bool, bool), found: Guess) {
        self.known.insert(key, found);
    }
}

/// Of more definitions of one name than this nobody looks for those that a unit sees.
const MAX_SEEN: usize = 20_000;

/// More definitions of one name than this make a guess worthless.
const MAX_GUESSES: usize = 60;
