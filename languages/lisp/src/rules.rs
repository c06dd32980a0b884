//! Common Lisp: whose name a name is, by packages; then what is defined under it in the space that is asked.

mod spaces;

use compass_facts::{Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, TypeId, Use};
use compass_index::linking::{
    DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Modules, Namespace, Prepared, Reason, Rules, Target, Ty, World, is_builtin,
};
use compass_index::{Cause, Certainty, StepKind};
use spaces::Packages;

/// See the module.
pub(super) struct LispRules;

/// Of a name that more places define, so many are listed.
const MOST: usize = 12;

impl Rules for LispRules {
    fn prepare(&self, world: &World, _: &Modules) -> Option<Prepared> {
        Some(Box::new(Packages::of(world)))
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call | Role::Ref => Namespace::Method,
            Role::Read | Role::Write | Role::Pass => Namespace::Value,
            Role::Type => Namespace::Type,
            Role::Import | Role::Mark => Namespace::Any,
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let packages = e.modules.of::<Packages>();
        let space = packages.around(e.world.facts(file), file, scope);
        let word = e.world.name(name);
        let home = packages.home(space, word);
        let found = defined(e, file, home, name, wanted);
        let is_function = matches!(wanted, Namespace::Method | Namespace::Tag);
        if is_function && found.hits.iter().all(|h| matches!(h.entity, Entity::DefRef(s) if is_left_out(e, s))) {
            let structures = of_structures(e, file, space, word);
            if !structures.is_empty() {
                return Lookup { hits: structures, cause: Cause::NoDefinition };
            }
        }
        if !found.is_empty() {
            return found;
        }
        if home == spaces::STANDARD || is_builtin(crate::LISP, word) {
            return Lookup::none(Cause::Builtin);
        }
        if !packages.is_known(home) && home != spaces::USER {
            return Lookup { hits: vec![Hit { entity: Entity::External(name), certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::UnitAbsent };
        }
        // A package that is not here may be where it comes from.
        let cause = if packages.uses_unknown(space) { Cause::UnitAbsent } else { Cause::NoDefinition };
        Lookup::none(cause)
    }

    /// A slot by its name: of whichever class has one.
    fn member_use(&self, e: &mut Evaluator, file: u32, _: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let world = e.world;
        let packages = e.modules.of::<Packages>();
        let home = |file: u32, scope: ScopeId| packages.home(packages.around(world.facts(file), file, scope), world.name(name));
        let own = home(file, u.scope);
        let is_slot = |s: &&DefRef| {
            let d = world.def(**s);
            let is_it = d.kind == Kind::Field || d.kind == Kind::Method && d.body.is_none();
            is_it && world.language(s.file) == crate::LISP && home(s.file, d.scope) == own
        };
        let mut found: Vec<DefRef> = world.named_members(name).iter().chain(world.named(name)).filter(is_slot).copied().take(MOST).collect();
        found.sort_by_key(|s| (world.def(*s).kind != Kind::Field, s.file != file, packages.order(s.file), s.def.0));
        found.dedup();
        let certainty = if found.len() == 1 { Certainty::Inferred } else { Certainty::Guessed };
        Lookup { hits: found.into_iter().map(|s| e.by_name_hit(s, certainty)).collect(), cause: Cause::ReceiverUnknown }
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        if !self.is_import(import) {
            return Vec::new();
        }
        let packages = e.modules.of::<Packages>();
        if import.kind == ImportKind::Include {
            let path = spaces::path_of(&e.world.files[file as usize].path, facts.name(import.module));
            let found = e.world.files.iter().position(|f| f.path == path && f.language == crate::LISP);
            let module = |file: usize| Target { entity: Entity::Module(file as u32, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false };
            return found.map(module).into_iter().collect();
        }
        let target = |s: &DefRef| Target { entity: Entity::DefRef(*s), certainty: Certainty::Proven, stands_in: false };
        packages.definition(facts.name(import.module)).iter().map(target).collect()
    }

    /// Notes of the reader on packages are no imports.
    fn is_import(&self, import: &Import) -> bool {
        import.kind == ImportKind::Include || matches!(import.kind, ImportKind::Glob | ImportKind::Module | ImportKind::Name) && !import.system
    }

    fn follows_unbound(&self, import: &Import) -> bool {
        import.kind == ImportKind::Name
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        let packages = e.modules.of::<Packages>();
        if import.kind == ImportKind::Include {
            let hits = self.targets(e, file, id).into_iter().map(|t| Hit { entity: t.entity, certainty: t.certainty, reasons: Vec::new() }).collect();
            return Lookup { hits, cause: Cause::NoDefinition };
        }
        let from = facts.name(import.module);
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let mut found = match import.name {
            Some(name) => {
                let gid = e.world.gid(file, name);
                let home = packages.home(from, e.world.name(gid));
                defined(e, file, home, gid, Namespace::Any)
            }
            None => {
                let hits = packages.definition(from).iter().map(|s| e.by_name_hit(*s, Certainty::Proven)).collect();
                Lookup { hits, cause: Cause::UnitAbsent }
            }
        };
        if found.is_empty() {
            let cause = match packages.canonical(from) {
                spaces::STANDARD => Cause::Builtin,
                known if packages.is_known(known) => Cause::NoDefinition,
                _ => Cause::UnitAbsent,
            };
            return Lookup::none(cause);
        }
        found.hits.iter_mut().for_each(|h| h.reasons.insert(0, reason));
        found
    }
}

/// What is defined under a name of a package.
fn defined(e: &Evaluator, file: u32, home: &str, name: GlobalNameId, wanted: Namespace) -> Lookup {
    let world = e.world;
    let packages = e.modules.of::<Packages>();
    let is_it = |s: &&DefRef| {
        let d = world.def(**s);
        let facts = world.facts(s.file);
        let is_global = !d.flags.has(Flags::LOCAL) && !matches!(d.kind, Kind::Field | Kind::Module | Kind::Parameter);
        is_global && world.language(s.file) == crate::LISP && packages.home(packages.around(facts, s.file, d.scope), world.name(name)) == home
    };
    let all: Vec<DefRef> = world.named(name).iter().filter(is_it).copied().collect();
    let any_made = |s: &DefRef| {
        let by = world.facts(s.file).made_by(s.def);
        by.is_some_and(|by| by != "defstruct")
    };
    let of_space = |wanted: Space| {
        let written = |s: &&DefRef| wanted.holds(world.def(**s).kind, world.def(**s).flags) && !any_made(s);
        let found: Vec<DefRef> = all.iter().filter(written).copied().collect();
        // What a macro makes of a name may be of any space.
        if found.is_empty() { all.iter().filter(|s| any_made(s)).copied().collect() } else { found }
    };
    let found = match wanted {
        Namespace::Method => {
            let functions = of_space(Space::Functions);
            let are_made = functions.iter().all(any_made);
            // A list in what a macro is given looks like a call: where no function has the name, it may be a type.
            let types: Vec<DefRef> = if are_made { of_space(Space::Types).into_iter().filter(|s| !any_made(s)).collect() } else { Vec::new() };
            if types.is_empty() { functions } else { types }
        }
        Namespace::Tag => {
            let places = of_space(Space::Places);
            if places.is_empty() { of_space(Space::Functions) } else { places }
        }
        Namespace::Value => of_space(Space::Variables),
        Namespace::Type => of_space(Space::Types),
        _ => all.clone(),
    };
    let found = chosen(e, file, found, wanted);
    let certainty = if found.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
    let certain = |s: &DefRef| if any_made(s) { certainty.min(Certainty::Inferred) } else { certainty };
    Lookup { hits: found.iter().take(MOST).map(|s| e.by_name_hit(*s, certain(s))).collect(), cause: Cause::NoDefinition }
}

/// Does the usual build leave a definition out, or the whole of its file?
fn is_left_out(e: &Evaluator, of: DefRef) -> bool {
    e.world.def(of).flags.has(Flags::INACTIVE) || e.modules.of::<Packages>().is_left_out(of.file)
}

/// Structures that a function reads a slot of: `oak-depth`, where `oak` has the slot from the structure that it includes.
fn of_structures(e: &mut Evaluator, file: u32, space: &str, word: &str) -> Vec<Hit> {
    for (at, _) in word.match_indices('-').filter(|(at, _)| *at > 0) {
        let (Some(structure), slot) = (e.world.find_gid(&word[..at]), &word[at + 1..]) else { continue };
        e.world.dependency_log.note(structure);
        let Some(slot) = e.world.find_gid(slot) else { continue };
        e.world.dependency_log.note(slot);
        let home = e.modules.of::<Packages>().home(space, &word[..at]);
        let found = defined(e, file, home, structure, Namespace::Type);
        let has = |e: &mut Evaluator, h: &Hit| matches!(h.entity, Entity::DefRef(s) if e.world.def(s).kind == Kind::Struct && has_slot(e, s, slot));
        let hits: Vec<Hit> = found.hits.into_iter().filter(|h| has(e, h)).collect();
        if !hits.is_empty() {
            return hits;
        }
    }
    Vec::new()
}

/// Has a structure the slot, of its own or by what it includes?
fn has_slot(e: &mut Evaluator, of: DefRef, slot: GlobalNameId) -> bool {
    /// Structures that include one another are followed so far.
    const DEEPEST: usize = 8;
    let mut at = Some(of);
    for _ in 0..DEEPEST {
        let Some(structure) = at else { return false };
        e.world.dependency_log.note(e.world.gid(structure.file, e.world.def(structure).name));
        let inner = e.world.def(structure).inner;
        if inner.is_some_and(|scope| e.world.bindings(structure.file, scope, slot).next().is_some()) {
            return true;
        }
        at = e.bases(structure).iter().find_map(|b| if let Ty::Item(s, ..) = b { Some(*s) } else { None });
    }
    false
}

/// Of several: what the usual build reads, what its own unit defines, the generic function before its methods.
fn chosen(e: &Evaluator, file: u32, mut found: Vec<DefRef>, wanted: Namespace) -> Vec<DefRef> {
    let world = e.world;
    let packages = e.modules.of::<Packages>();
    let mut keep = |test: &dyn Fn(&DefRef) -> bool| {
        if found.iter().any(test) {
            found.retain(test);
        }
    };
    let flags = |s: &DefRef| world.def(*s).flags;
    keep(&|s| !is_left_out(e, *s));
    let own = world.files[file as usize].id.unit;
    keep(&|s| world.files[s.file as usize].id.unit == own);
    if matches!(wanted, Namespace::Method | Namespace::Tag) {
        keep(&|s| flags(s).has(Flags::VIRTUAL));
        // One that stands around others is not the one that is meant.
        keep(&|s| !flags(s).has(Flags::OF_TYPE));
        let methods: Vec<DefRef> = found.iter().filter(|s| world.def(**s).kind == Kind::Method).copied().collect();
        if methods.len() == found.len() && methods.len() > 1 {
            found.sort_by_key(|s| (world.def(*s).body.is_some(), packages.order(s.file), s.file, s.def.0));
        }
    }
    found
}

/// The spaces of names.
#[derive(Clone, Copy)]
enum Space {
    Functions,
    Places,
    Variables,
    Types,
}

impl Space {
    fn holds(self, kind: Kind, flags: Flags) -> bool {
        match self {
            Space::Functions => kind.is_callable() && !flags.has(Flags::SPECIAL),
            Space::Places => kind.is_callable() && (flags.has(Flags::SPECIAL) || flags.has(Flags::PROPERTY)),
            Space::Variables => matches!(kind, Kind::Variable | Kind::Constant),
            Space::Types => kind.is_type(),
        }
    }
}
