//! PHP: names of classes by their whole names, functions and constants by the namespace around and then by none, members by types.
//!
//! The reader tells whole names; here they are led to what bears them. Methods, and properties with constants, are names apart. A value may
//! be of any class that is derived from its type: a member is proven where no class of the index defines it anew.

use compass_facts::{Facts, Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, TypeId, Use, UseId};
use compass_index::linking::{
    Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Modules, Namespace, Prepared, Reason, Rules, Target, Ty, World, is_builtin, usual_namespace,
};
use compass_index::{Cause, Certainty, StepKind};
use rustc_hash::FxHashMap;

/// See the module.
pub(super) struct PhpRules;

/// Namespaces of all blocks.
struct PhpFiles {
    blocks: FxHashMap<(u32, ScopeId), String>,
}

impl PhpFiles {
    fn space(&self, file: u32, scope: ScopeId) -> &str {
        self.blocks.get(&(file, scope)).map_or("", String::as_str)
    }
}

/// Which of the names of a language's spaces is asked.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Wanted {
    Class,
    Function,
    Constant,
}

impl Wanted {
    fn holds(self, kind: Kind) -> bool {
        match self {
            Wanted::Class => kind.is_type() && kind != Kind::TypeParameter,
            Wanted::Function => kind == Kind::Function,
            Wanted::Constant => kind == Kind::Constant,
        }
    }
}

impl Rules for PhpRules {
    fn prepare(&self, world: &World, _: &Modules) -> Option<Prepared> {
        let mut blocks = FxHashMap::default();
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::PHP && !world.is_lazy());
        for (index, file) in files {
            for import in file.facts.imports.iter().filter(|i| i.kind == ImportKind::Within) {
                blocks.insert((index as u32, import.scope), file.facts.name(import.module).to_owned());
            }
        }
        Some(Box::new(PhpFiles { blocks }))
    }

    fn words(&self) -> &'static [&'static str] {
        &["__construct", "current", "getIterator", compass_index::linking::IMPORTS]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass | Role::Write | Role::Ref => Namespace::Value,
            role => usual_namespace(role),
        }
    }

    /// What stands in no function: of the namespace around, then of none.
    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let word = e.world.name(name);
        if word.starts_with('$') {
            return variable(e, file, scope, name);
        }
        let kinds: &[Wanted] = match wanted {
            Namespace::Method => &[Wanted::Function],
            // What a name stands for in a type is mostly called.
            Namespace::Any => &[Wanted::Function, Wanted::Constant],
            _ => &[Wanted::Constant],
        };
        let space = space_around(e, file, scope);
        for (space, kind) in kinds.iter().flat_map(|k| [(space, *k), ("", *k)]) {
            let found = within(e, file, space, name, kind);
            if !found.is_empty() {
                return found;
            }
        }
        Lookup::none(if is_builtin(crate::PHP, word) { Cause::Builtin } else { Cause::NoDefinition })
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        if e.world.facts(file).import(id).kind == ImportKind::Effect {
            return taken_in(e, file, id).into_iter().collect();
        }
        let found = self.follow(e, file, id);
        let to_file = |h: &Hit| match h.entity {
            Entity::Module(f, _) => Some(Target { entity: Entity::Module(f, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false }),
            Entity::DefRef(s) => Some(Target { entity: Entity::Module(s.file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false }),
            _ => None,
        };
        found.hits.iter().filter_map(to_file).take(1).collect()
    }

    fn is_import(&self, import: &Import) -> bool {
        import.kind != ImportKind::Within && import.span != import.name_span
    }

    fn is_own_path(&self, module: &str) -> bool {
        module.starts_with('.')
    }

    fn follows_unbound(&self, import: &Import) -> bool {
        import.kind == ImportKind::Name
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        let Some(name) = import.name else { return Lookup::none(Cause::NoDefinition) };
        let gid = e.world.gid(file, name);
        if e.world.name(gid).starts_with('$') {
            return global(e, file, gid);
        }
        let wanted = match (import.system, import.reexport) {
            (true, _) => Wanted::Function,
            (_, true) => Wanted::Constant,
            _ => Wanted::Class,
        };
        let space = facts.name(import.module);
        let mut found = within(e, file, space, gid, wanted);
        if !found.is_empty() {
            let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
            found.hits.iter_mut().for_each(|h| h.reasons.insert(0, reason));
            return found;
        }
        if wanted == Wanted::Class
            && let Some(file) = file_of_namespace(e, space, e.world.name(gid))
        {
            let hit = Hit { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Proven, reasons: Vec::new() };
            return Lookup { hits: vec![hit], cause: Cause::NoDefinition };
        }
        let cause = if space.is_empty() && is_builtin(crate::PHP, e.world.name(gid)) { Cause::Builtin } else { Cause::UnitAbsent };
        Lookup { hits: vec![Hit { entity: Entity::External(gid), certainty: Certainty::Proven, reasons: Vec::new() }], cause }
    }

    fn members_are_dynamic(&self) -> bool {
        true
    }

    /// `parent::__construct()`.
    fn constructors_are_members(&self) -> bool {
        true
    }

    fn super_is_one_class(&self) -> bool {
        true
    }

    /// A value of an interface that is not here is one of the classes that say they implement it.
    fn without_member(&self, e: &mut Evaluator, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        let found = e.usual_without_member(file, owner, cause, u, name);
        if !found.is_empty() || found.cause != Cause::UnitAbsent {
            return found;
        }
        let hits = members_below(e, owner, name);
        if hits.is_empty() { found } else { Lookup { hits, cause: found.cause } }
    }

    /// Methods for calls; properties and constants for everything else.
    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let mut found = e.link_member(file, of, u, name);
        let is_callable = |e: &Evaluator, h: &Hit| matches!(h.entity, Entity::DefRef(s) if e.world.def(s).kind.is_callable());
        let wants = u.role == Role::Call;
        if found.hits.iter().any(|h| is_callable(e, h) == wants) {
            found.hits.retain(|h| is_callable(e, h) == wants);
        }
        if let [Hit { entity: Entity::DefRef(own), certainty, .. }] = &mut found.hits[..]
            && has_others(e, *own, name)
        {
            *certainty = (*certainty).min(Certainty::Inferred);
        }
        found
    }

    /// `new Rack`: the constructor that the class writes.
    fn settle(&self, e: &mut Evaluator, _: u32, _: &Facts, _: UseId, u: &Use, found: Lookup) -> Lookup {
        let Some(name) = e.world.find_gid("__construct").filter(|_| u.role == Role::Call) else { return found };
        let hits = found.hits.into_iter().map(|h| {
            let Entity::DefRef(class) = h.entity else { return h };
            if !Wanted::Class.holds(e.world.def(class).kind) {
                return h;
            }
            let Some(inner) = e.world.def(class).inner else { return h };
            let own =
                e.world.bindings(class.file, inner, name).find_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: class.file, def }) } else { None });
            match own {
                Some(own) => Hit { entity: Entity::DefRef(own), ..h },
                None => h,
            }
        });
        Lookup { hits: hits.collect(), cause: found.cause }
    }
}

/// The file that code takes in: from the folder of the file, from the top, from a folder above, or by the end of its path.
fn taken_in(e: &Evaluator, file: u32, id: ImportId) -> Option<Target> {
    let facts = e.world.facts(file);
    let import = facts.import(id);
    let path = facts.name(import.module);
    let row = &e.world.files[file as usize];
    let folder = row.path.rsplit_once('/').map_or("", |p| p.0);
    let below = |folder: &str| compass_index::linking::normalise(&compass_index::linking::join(folder, path));
    let at = |p: &str| e.world.by_path.get(&(row.root, p)).copied();
    let target = |f: u32, certainty| Target { entity: Entity::Module(f, ScopeId::FILE), certainty, stands_in: false };
    if let Some(found) = at(&below(folder)).filter(|_| !import.system) {
        return Some(target(found, Certainty::Proven));
    }
    if path.starts_with('.') {
        return None;
    }
    // Which folders are looked into is a setting: the nearest above that has the file.
    let above = std::iter::successors(Some(folder), |f| if f.is_empty() { None } else { Some(f.rsplit_once('/').map_or("", |p| p.0)) });
    let found = above.into_iter().find_map(|f| at(&below(f))).or_else(|| e.modules.by_suffix(e.world, file, path));
    found.filter(|f| *f != file).map(|f| target(f, Certainty::Inferred))
}

/// A namespace that is given another name: a file that is part of it, or of one within it.
fn file_of_namespace(e: &Evaluator, space: &str, name: &str) -> Option<u32> {
    let whole = if space.is_empty() { name.to_owned() } else { format!("{space}\\{name}") };
    let files = e.modules.of::<PhpFiles>();
    e.world.note_imports();
    let holds = |s: &str| s.strip_prefix(&whole).is_some_and(|rest| rest.is_empty() || rest.starts_with('\\'));
    let all = files.blocks.iter().filter(|(_, s)| holds(s));
    all.min_by_key(|((file, _), s)| (s.len(), *file)).map(|((file, _), _)| *file)
}

/// Is it a member without a body, and has a class of some other kind one with a body? A class may take the one from its bases and the
/// other from a trait.
fn has_others(e: &Evaluator, own: DefRef, name: GlobalNameId) -> bool {
    let world = e.world;
    let bodiless = |s: DefRef| world.def(s).kind.is_callable() && world.def(s).body.is_none();
    bodiless(own)
        && world.named_members(name).iter().any(|s| *s != own && world.language(s.file) == crate::PHP && world.def(*s).kind.is_callable() && !bodiless(*s))
}

/// Members of that name in the classes derived from a type that is not here, or whose bases are not all here.
fn members_below(e: &mut Evaluator, owner: &Ty, name: GlobalNameId) -> Vec<Hit> {
    /// Of names that more classes have nobody looks through all.
    const MOST_NAMED: usize = 60;
    /// More than these say nothing.
    const MOST: usize = 8;
    let named: Vec<DefRef> = e.world.named_members(name).iter().filter(|s| e.world.language(s.file) == crate::PHP).copied().take(MOST_NAMED + 1).collect();
    if named.len() > MOST_NAMED {
        return Vec::new();
    }
    let mut found: Vec<DefRef> = Vec::new();
    for member in named {
        let Some(class) = e.world.def(member).container.map(|def| DefRef { file: member.file, def }) else { continue };
        if is_below(e, class, owner) {
            found.push(member);
        }
    }
    if found.len() > MOST {
        return Vec::new();
    }
    found.into_iter().map(|s| e.by_name_hit(s, Certainty::Guessed)).collect()
}

/// Is a class derived from a type, which may be not here?
fn is_below(e: &mut Evaluator, class: DefRef, owner: &Ty) -> bool {
    /// Longer lines of bases are not followed.
    const MOST_BASES: usize = 40;
    let mut open = vec![class];
    let mut at = 0;
    while let Some(class) = open.get(at).copied().filter(|_| open.len() < MOST_BASES) {
        at += 1;
        for base in e.bases(class).iter() {
            match (base, owner) {
                (Ty::ExternalType(a, _) | Ty::External(a, _), Ty::External(b, _)) if a == b => return true,
                (Ty::Item(s, ..) | Ty::Value(s, _), Ty::Value(of, _)) if s == of => return true,
                (Ty::Item(s, ..) | Ty::Value(s, _), _) if !open.contains(s) => open.push(*s),
                _ => {}
            }
        }
    }
    false
}

/// A variable: bound in a function around, or in the file.
fn variable(e: &Evaluator, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
    let facts = e.world.facts(file);
    let mut at = Some(scope);
    while let Some(id) = at {
        let bound = e.world.bindings(file, id, name).find_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None });
        if let Some(found) = bound {
            return Lookup { hits: vec![e.by_name_hit(found, Certainty::Proven)], cause: Cause::NoDefinition };
        }
        at = facts.scope(id).parent;
    }
    let mut around = std::iter::successors(Some(scope), |s| facts.scope(*s).parent);
    let is_of_language = ["$_", "$GLOBALS", "$argv", "$argc", "$http_response_header", "$this"].iter().any(|w| e.world.name(name).starts_with(w));
    match around.any(|s| facts.scope(s).kind == ScopeKind::Function) {
        _ if is_of_language => Lookup::none(Cause::Builtin),
        true => Lookup::none(Cause::Dynamic),
        // What a file is included by gives it its variables.
        false => global(e, file, name),
    }
}

/// A variable of no function: of whichever files of the unit give it a value.
fn global(e: &Evaluator, file: u32, name: GlobalNameId) -> Lookup {
    /// More files than this that give it a value say nothing.
    const MOST: usize = 8;
    let world = e.world;
    let own = world.files[file as usize].id.unit;
    let is_it = |s: &&DefRef| {
        let d = world.def(**s);
        d.kind == Kind::Variable && d.container.is_none() && world.files[s.file as usize].id.unit == own && is_outermost(world.facts(s.file), d.scope)
    };
    let found: Vec<DefRef> = world.named(name).iter().filter(is_it).copied().take(MOST + 1).collect();
    if found.is_empty() || found.len() > MOST {
        return Lookup::none(Cause::Dynamic);
    }
    Lookup { hits: found.into_iter().map(|s| e.by_name_hit(s, Certainty::Inferred)).collect(), cause: Cause::Dynamic }
}

/// The scope of a file, or of a namespace in it.
fn is_outermost(facts: &Facts, scope: ScopeId) -> bool {
    scope == ScopeId::FILE || facts.scope(scope).kind == ScopeKind::Module
}

fn space_around<'m>(e: &Evaluator<'_, 'm>, file: u32, scope: ScopeId) -> &'m str {
    let files = e.modules.of::<PhpFiles>();
    let facts = e.world.facts(file);
    let mut at = Some(scope);
    while let Some(id) = at {
        if let Some(space) = files.blocks.get(&(file, id)) {
            return space;
        }
        at = facts.scope(id).parent;
    }
    ""
}

/// What a namespace has of a name. Of several files that define it the nearest speaks.
fn within(e: &Evaluator, file: u32, space: &str, name: GlobalNameId, wanted: Wanted) -> Lookup {
    let world = e.world;
    let files = e.modules.of::<PhpFiles>();
    let is_it = |s: &&DefRef| {
        let d = world.def(**s);
        world.language(s.file) == crate::PHP
            && wanted.holds(d.kind)
            && d.container.is_none_or(|_| wanted == Wanted::Function)
            && files.space(s.file, d.scope).eq_ignore_ascii_case(space)
    };
    let mut found: Vec<DefRef> = world.named(name).iter().filter(is_it).copied().take(16).collect();
    let own = world.files[file as usize].id.unit;
    let same: Vec<DefRef> = found.iter().filter(|s| world.files[s.file as usize].id.unit == own).copied().collect();
    if !same.is_empty() {
        found = same;
    }
    found.sort_by_key(|s| (s.file != file, world.def(*s).flags.has(Flags::ABSTRACT)));
    let certainty = if found.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
    Lookup { hits: found.into_iter().map(|s| e.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition }
}
