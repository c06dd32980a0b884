//! Rust: the tree of modules from each crate's root, crates by the names code uses, macros by text order, what the standard library passes on.

mod given_away;
mod library;
mod standard;

use compass_facts::bounds::Levels;
use compass_facts::{Import, ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, TypeExpr, TypeId, Use};
use compass_index::linking::{
    DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Modules, Namespace, Prepared, Reason, Rules, Target, Ty, World, is_builtin, join,
    normalise, sure, usual_namespace,
};
use compass_index::{Cause, Certainty, StepKind, SymbolId};
use easy_ext::ext;
use rustc_hash::FxHashMap;
use std::rc::Rc;

/// See the module.
pub(super) struct Rust;

/// The modules of all crates, and the crates themselves.
#[derive(Default)]
struct Crates {
    /// File → the module that declares it.
    parents: FxHashMap<u32, (u32, ScopeId)>,
    /// File and import of a `mod name;` → file.
    children: FxHashMap<(u32, u32), u32>,
    /// Crates by the names that code uses.
    named: FxHashMap<String, Vec<u32>>,
    /// The root file of each crate.
    roots: FxHashMap<u32, u32>,
    given_away: given_away::GivenAway,
    /// Units that hold the standard library.
    library: Vec<u32>,
}

impl Rules for Rust {
    fn prepare(&self, world: &World, all: &Modules) -> Option<Prepared> {
        let mut crates = Crates::default();
        if !world.is_lazy() {
            for (i, unit) in all.units(world) {
                crates.named.entry(name_in_code(&unit.name)).or_default().push(i);
                let entry = unit.entries.iter().find_map(|e| world.by_path.get(&(unit.root, below(&unit.dir, e).as_str())).copied());
                crates.roots.extend(entry.filter(|f| world.language(*f) == crate::RUST).map(|f| (i, f)));
            }
            crates.library = library::units(world);
            crates.add_modules(world);
            crates.given_away = given_away::GivenAway::new(world);
        }
        Some(Box::new(crates))
    }

    fn words(&self) -> &'static [&'static str] {
        &["self", "super", "crate", "Self"]
    }

    fn namespace(&self, e: &Evaluator, file: u32, u: &Use) -> Namespace {
        if u.role == Role::Call && is_macro_call(e, file, u) { Namespace::Macro } else { usual_namespace(u.role) }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.plain_rust(file, scope, name, wanted)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        e.rust_targets(file, id, import, facts.name(import.module))
    }

    fn is_own_path(&self, module: &str) -> bool {
        matches!(module.split("::").next(), Some("crate" | "self" | "super"))
    }

    fn exported(&self, e: &mut Evaluator, from: u32, of: Entity, name: GlobalNameId, import: ImportId) -> Lookup {
        match of {
            Entity::Module(f, s) => e.module_member_except(from, f, s, name, if f == from { Some(import) } else { None }),
            _ => e.entity_member(from, of, name),
        }
    }

    fn behind_module(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let above = match e.world.name(name) {
            "self" => Some(Entity::Module(file, scope)),
            "super" => e.module_above(file, scope),
            _ => return e.module_member(from, file, scope, name),
        };
        above.map_or(Lookup::none(Cause::NoDefinition), proven)
    }

    /// A module in a file of its own is shown where `mod name;` declares it.
    fn declared_at(&self, e: &Evaluator, file: u32) -> Option<SymbolId> {
        let world = e.world;
        let crates = e.modules.of::<Crates>();
        let (parent, scope) = crates.parent(file)?;
        let facts = world.facts(parent);
        let import = facts.imports.iter().enumerate().find(|(i, _)| crates.child(parent, *i as u32) == Some(file))?.1;
        let at = facts.definitions.iter().position(|d| d.scope == scope && d.name_span == import.name_span)?;
        Some(world.symbol(DefRef { file: parent, def: compass_facts::DefId(at as u32) }))
    }

    /// Smart pointers and the like: a member they do not have themselves is one of what they hold.
    fn through_holder(&self, e: &mut Evaluator, from: u32, held: &[Ty], name: GlobalNameId) -> Option<Lookup> {
        let [only] = held else { return None };
        let found = e.members(from, only, name);
        (!found.is_empty()).then_some(found)
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    fn element_members(&self) -> &'static [&'static str] {
        &["iter", "into_iter", "next"]
    }

    fn passed_on(&self, e: &mut Evaluator, file: u32, of: &Ty, name: GlobalNameId) -> Option<Ty> {
        standard::passed_on(e, file, of, name, Levels::TYPES)
    }

    fn member_of_language(&self, e: &mut Evaluator, file: u32, owner: &Ty, name: GlobalNameId) -> Option<(Lookup, Option<Ty>)> {
        given_away::member(e, &e.modules.of::<Crates>().given_away, file, owner, name).map(|found| (found, Some(owner.clone())))
    }

    /// `std::result::Result`: what a path leads to that is not here has its last name.
    fn member_of_absent(&self, e: &mut Evaluator, _: u32, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        let Ty::ExternalType(of, args) = &owner.ty else { return None };
        let is_module = e.world.name(*of).starts_with(|c: char| c.is_lowercase());
        (is_module && args.is_empty()).then(|| Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner.clone() })
    }

    fn underlying(&self, e: &mut Evaluator, ty: Ty) -> Ty {
        match ty {
            Ty::Value(sym, _) if e.is_associated(sym) => e.bounds_of(sym).filter(|t| !matches!(t, Ty::Value(s, _) if *s == sym)).unwrap_or(ty),
            _ => ty,
        }
    }

    fn has_associated_types(&self) -> bool {
        true
    }

    fn element_of_absent(&self, e: &mut Evaluator, file: u32, of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
        standard::element(e, file, of, arguments)
    }

    fn indexed_of_absent(&self, e: &mut Evaluator, file: u32, of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
        standard::indexed(e, file, of, arguments)
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        standard::called(e, file, of, arguments)
    }

    fn is_receiver(&self, parameter: &str) -> bool {
        parameter == "self"
    }

    fn known_by_name(&self, e: &Evaluator, file: u32, meaning: Meaning) -> Meaning {
        library::known_by_name(e, file, meaning)
    }

    fn without_member(&self, e: &mut Evaluator, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        let found = library::member(e, file, owner, name);
        if found.is_empty() { e.usual_without_member(file, owner, cause, u, name) } else { found }
    }

    /// Functions handed to a method mostly get what its receiver holds, where that is all they get.
    fn handed_by_receiver(&self, e: &mut Evaluator, handed: Handed) -> Meaning {
        let facts = e.world.facts(handed.file);
        let TypeExpr::Member { of, name } = *facts.ty(handed.by) else { return Meaning::unknown(Cause::ReceiverUnknown) };
        if !handed.only {
            return Meaning::unknown(Cause::ReceiverUnknown);
        }
        let of = e.evaluate(handed.file, of);
        // What is done with errors is given the error.
        if let (Ty::External(_, args), "map_err" | "or_else" | "inspect_err" | "unwrap_or_else") = (&of.ty, facts.name(name))
            && let [_, error] = &args[..]
        {
            return Meaning { ty: e.held(handed.file, error), certainty: of.certainty, reasons: of.reasons };
        }
        let held = e.element(handed.file, of.ty.clone());
        // Options are looked through where they arise: what is mapped is the value then.
        let is_looked_through = held.is_unknown() && matches!(of.ty, Ty::Value(..));
        let ty = if is_looked_through { of.ty } else { held };
        let most = if is_looked_through { Certainty::Inferred } else { Certainty::Proven };
        Meaning { ty, certainty: of.certainty.min(most), reasons: of.reasons }
    }
}

fn proven(entity: Entity) -> Lookup {
    Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition }
}

#[ext(RustNames)]
pub(crate) impl Evaluator<'_, '_> {
    fn plain_rust(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let word = self.world.name(name);
        let hit = |entity| Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition };
        match word {
            "crate" => return hit(Entity::Module(self.modules.of::<Crates>().root(file), ScopeId::FILE)),
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
        if let Some(target) = self.modules.of::<Crates>().find(self.world, self.modules, file, word) {
            let entry = if let Entity::Module(f, _) = target.entity { f } else { file };
            let kind = if target.stands_in { StepKind::StandIn } else { StepKind::Import };
            return Lookup::one(target.entity, target.certainty, Reason { kind, file: entry, def: None, at: 0, len: 0 });
        }
        if is_builtin(crate::RUST, word) {
            let brought = library::brought(self, name);
            if !brought.is_empty() {
                return brought;
            }
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
        let is_macro = |s: &DefRef| world.def(*s).kind == Kind::Macro && world.language(s.file) == crate::RUST;
        let macros = world.all_named(name).copied().filter(is_macro).filter(|s| self.modules.needs.sees(here.0, unit(s).0));
        let (own, mut others): (Vec<DefRef>, Vec<DefRef>) = macros.partition(|s| unit(s) == here);
        let brought = is_builtin(crate::RUST, world.name(name));
        if brought {
            others.retain(|s| self.modules.of::<Crates>().library.contains(&unit(s).0));
        }
        let (found, certainty) = match (own.len(), others.len()) {
            (0, 0) => return Lookup::none(if brought { Cause::Builtin } else { Cause::UnitAbsent }),
            (0, _) if brought => (others, Certainty::Proven),
            (0, _) => (others, Certainty::Guessed),
            (1, _) => (own, Certainty::Proven),
            _ => (own, Certainty::Inferred),
        };
        let hits = found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect();
        Lookup { hits, cause: Cause::NoDefinition }
    }

    fn rust_targets(&mut self, file: u32, id: ImportId, import: &Import, module: &str) -> Vec<Target> {
        if import.kind == ImportKind::Child {
            let child = self.modules.of::<Crates>().child(file, id.0);
            return child.map(|c| Target { entity: Entity::Module(c, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false }).into_iter().collect();
        }
        if import.kind == ImportKind::Module {
            return self.modules.of::<Crates>().find(self.world, self.modules, file, module).into_iter().collect();
        }
        let parts: Vec<&str> = module.split("::").filter(|p| !p.is_empty()).collect();
        let Some((first, rest)) = parts.split_first() else {
            // `use name;`: a crate, or a module beside.
            let Some(name) = import.name.map(|n| self.world.facts(file).name(n).to_owned()) else { return Vec::new() };
            return self.modules.of::<Crates>().find(self.world, self.modules, file, &name).into_iter().collect();
        };
        let mut at = self.rust_first(file, import.scope, first, module.starts_with("::"), Some(id));
        for part in rest {
            let Some(gid) = self.world.find_gid(part) else { return Vec::new() };
            let mut next = Vec::new();
            for hit in at {
                next.extend(self.entity_member(file, hit.entity, gid).hits.into_iter().map(|h| Hit { certainty: h.certainty.min(hit.certainty), ..h }));
            }
            at = next;
        }
        at.into_iter().map(|h| Target { stands_in: h.reasons.iter().any(|r| r.kind == StepKind::StandIn), entity: h.entity, certainty: h.certainty }).collect()
    }

    /// The first part of a Rust path in a `use`.
    fn rust_first(&mut self, file: u32, scope: ScopeId, word: &str, from_crates: bool, not: Option<ImportId>) -> Vec<Hit> {
        let hit = |entity| vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }];
        match word {
            "crate" => return hit(Entity::Module(self.modules.of::<Crates>().root(file), ScopeId::FILE)),
            "self" => return hit(self.module_around(file, scope)),
            "super" => return self.module_above(file, scope).map(hit).unwrap_or_default(),
            _ => {}
        }
        if !from_crates && let Some(gid) = self.world.find_gid(word) {
            let around = self.module_around(file, scope);
            if let Entity::Module(f, s) = around {
                let found = self.module_member_except(file, f, s, gid, not);
                if !found.is_empty() {
                    return found.hits;
                }
            }
        }
        match self.modules.of::<Crates>().find(self.world, self.modules, file, word) {
            Some(t) => {
                let entry = if let Entity::Module(f, _) = t.entity { f } else { file };
                let reason = Reason { kind: if t.stands_in { StepKind::StandIn } else { StepKind::Import }, file: entry, def: None, at: 0, len: 0 };
                vec![Hit { entity: t.entity, certainty: t.certainty, reasons: vec![reason] }]
            }
            None => match self.world.find_gid(word) {
                Some(gid) => vec![Hit { entity: Entity::External(gid), certainty: Certainty::Proven, reasons: Vec::new() }],
                None => Vec::new(),
            },
        }
    }

    /// The module above the one a scope belongs to.
    fn module_above(&self, file: u32, scope: ScopeId) -> Option<Entity> {
        let Entity::Module(file, scope) = self.module_around(file, scope) else { return None };
        match self.world.facts(file).scope(scope).parent {
            Some(parent) => Some(self.module_around(file, parent)),
            None => self.modules.of::<Crates>().parent(file).map(|(f, s)| self.module_around(f, s)),
        }
    }
}

/// Macros that the language brings along and that have no definition here.
const MACROS: [&str; 34] = [
    "assert",
    "assert_eq",
    "assert_ne",
    "cfg",
    "column",
    "compile_error",
    "concat",
    "dbg",
    "debug_assert",
    "debug_assert_eq",
    "debug_assert_ne",
    "env",
    "eprint",
    "eprintln",
    "file",
    "format",
    "format_args",
    "include_bytes",
    "include_str",
    "line",
    "matches",
    "module_path",
    "option_env",
    "panic",
    "print",
    "println",
    "stringify",
    "thread_local",
    "todo",
    "unimplemented",
    "unreachable",
    "vec",
    "write",
    "writeln",
];

/// A call in macro position was recorded without arguments by the reader of macro calls.
fn is_macro_call(e: &Evaluator, file: u32, u: &Use) -> bool {
    let facts = e.world.facts(file);
    // The reader marks calls of functions with their arguments; what stands before `!` has none and no definition
    // of a function by that name nearby, so a macro of that name decides.
    let word = facts.name(u.name);
    let is_macro = |s: &DefRef| e.world.def(*s).kind == Kind::Macro;
    let known = || e.world.find_gid(word).is_some_and(|g| e.world.all_named(g).any(is_macro));
    u.args == 0 && (MACROS.contains(&word) || known())
}

impl Crates {
    /// Follows `mod name;` from every file: the child's path depends on the parent's.
    fn add_modules(&mut self, world: &World) {
        for (index, file) in world.files.iter().enumerate() {
            if file.language != crate::RUST {
                continue;
            }
            for (i, import) in file.facts.imports.iter().enumerate() {
                if import.kind != ImportKind::Child {
                    continue;
                }
                if let Some(child) = self.child_file(world, index as u32, import) {
                    self.children.insert((index as u32, i as u32), child);
                    self.parents.entry(child).or_insert((index as u32, import.scope));
                }
            }
        }
    }

    fn child_file(&self, world: &World, parent: u32, import: &compass_facts::Import) -> Option<u32> {
        let file = &world.files[parent as usize];
        let (dir, name) = file.path.rsplit_once('/').unwrap_or(("", &file.path));
        let stem = name.strip_suffix(".rs").unwrap_or(name);
        let word = file.facts.name(import.module);
        let get = |p: String| world.by_path.get(&(file.root, normalise(&p).as_str())).copied();
        if import.name.is_some() {
            return get(join(dir, word));
        }
        let mut base = if matches!(stem, "mod" | "lib" | "main") { dir.to_owned() } else { join(dir, stem) };
        let mut inline = Vec::new();
        let mut at = Some(import.scope);
        while let Some(scope) = at {
            let s = file.facts.scope(scope);
            if let (ScopeKind::Module, Some(owner)) = (s.kind, s.owner) {
                inline.push(file.facts.def_name(owner));
            }
            at = s.parent;
        }
        for part in inline.iter().rev() {
            base = join(&base, part);
        }
        get(join(&base, &format!("{word}.rs")))
            .or_else(|| get(join(&base, &format!("{word}/mod.rs"))))
            // A root that is called neither lib nor main has its children beside it.
            .or_else(|| get(join(dir, &format!("{word}.rs"))))
            .or_else(|| get(join(dir, &format!("{word}/mod.rs"))))
    }

    /// The file of a `mod name;`.
    fn child(&self, file: u32, import: u32) -> Option<u32> {
        self.children.get(&(file, import)).copied()
    }

    /// The module that declares a file.
    fn parent(&self, file: u32) -> Option<(u32, ScopeId)> {
        self.parents.get(&file).copied()
    }

    /// The root file of a file's crate.
    fn root(&self, file: u32) -> u32 {
        let mut at = file;
        for _ in 0..64 {
            match self.parents.get(&at) {
                Some((parent, _)) if *parent != at => at = *parent,
                _ => break,
            }
        }
        at
    }

    /// A crate by the name used in code: its own, or the one that `extern crate … as …` at the root gives it everywhere in this crate.
    fn find(&self, world: &World, all: &Modules, from: u32, name: &str) -> Option<Target> {
        self.named(world, all, from, name).or_else(|| {
            let root = world.facts(self.root(from));
            let renames = |i: &&Import| i.kind == ImportKind::Module && i.scope == ScopeId::FILE && i.bound.is_some_and(|b| root.name(b) == name);
            let module = root.name(root.imports.iter().find(renames)?.module);
            if module == name { None } else { self.named(world, all, from, module) }
        })
    }

    fn named(&self, world: &World, all: &Modules, from: u32, name: &str) -> Option<Target> {
        let own = world.files[from as usize].id.unit.0;
        if let Some(entry) = all.needs.named(own, name).and_then(|u| self.roots.get(&u)) {
            return Some(sure(Entity::Module(*entry, ScopeId::FILE)));
        }
        let is_seen = |u: &u32| world.units[*u as usize].ecosystem == "cargo" && all.needs.sees(own, *u);
        let units: Vec<u32> = self.named.get(&name_in_code(name))?.iter().copied().filter(is_seen).collect();
        let unit = units.iter().copied().find(|u| *u == own).or_else(|| units.iter().copied().find(|u| self.roots.contains_key(u)))?;
        let entry = *self.roots.get(&unit)?;
        if world.language(entry) != crate::RUST {
            return None;
        }
        let certainty = if unit == own { Certainty::Proven } else { Certainty::Inferred };
        Some(Target { entity: Entity::Module(entry, ScopeId::FILE), certainty, stands_in: unit != own })
    }
}

/// The name of a crate as code writes it.
fn name_in_code(name: &str) -> String {
    name.replace('-', "_")
}

/// A path that a manifest gives, below its folder.
fn below(dir: &str, path: &str) -> String {
    normalise(&join(dir, path.trim_start_matches("./")))
}
