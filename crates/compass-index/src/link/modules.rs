//! From the text of an import to the files it means, by the rules of each language's packages.
//!
//! # How it works
//! All paths are known beforehand, so nothing touches the disk. Python: dotted names below each source root; JavaScript:
//! relative paths with the usual endings, then package folders upwards, then packages of that name anywhere under the
//! roots; Rust: the tree of `mod` declarations from each crate's root; C: the including folder, configured folders,
//! folders called `include`, and last the one file whose path ends so.

use super::includes::Includes;
use super::needs::Needs;
use super::ty::Entity;
use super::world::World;
use crate::Certainty;
use crate::plan::manifests::FOR_REQUIRE;
use compass_facts::{Import, ImportKind, Language, ScopeId, ScopeKind};
use rustc_hash::FxHashMap;
use std::borrow::Cow;

/// Where an import leads: modules with certainty and whether a package stands in for another.
#[derive(Debug, Clone, PartialEq)]
pub(super) struct Target {
    pub(super) entity: Entity,
    pub(super) certainty: Certainty,
    pub(super) stands_in: bool,
}

/// Maps from names of modules to files.
#[derive(Default)]
pub(super) struct Modules {
    /// Dotted Python names.
    python: FxHashMap<String, Vec<u32>>,
    /// Folders that are Python packages without a file: `(root, path)`.
    pub(super) folders: Vec<(u32, String)>,
    folder_ids: FxHashMap<(u32, String), u32>,
    /// Java: the package each file says it is part of, and all there are.
    packages: FxHashMap<u32, String>,
    /// The first file of each package and the one behind its last: names of a package are looked for between them.
    package_files: FxHashMap<String, (u32, u32)>,
    /// Go: structs by the names of the types they embed.
    pub(super) embedding: FxHashMap<super::world::GlobalNameId, Vec<super::world::DefRef>>,
    /// Go: a file of the package in each folder.
    go_folders: FxHashMap<(u32, String), u32>,
    known_packages: rustc_hash::FxHashSet<String>,
    /// Last part of a path → files, for suffix search.
    by_file_name: FxHashMap<String, Vec<u32>>,
    /// Unit name → unit positions.
    units: FxHashMap<String, Vec<u32>>,
    /// Folder → unit of scripts: `(root, path)`.
    unit_at: FxHashMap<(u32, String), u32>,
    /// Units with modules of Go by the length of their path, longest first: path, unit.
    pub(super) go_modules: Vec<(String, u32)>,
    /// Roots of headers outside the own ones, in the compiler's order, and whether C++ alone looks there.
    pub(super) header_roots: Vec<(u32, bool)>,
    /// Links to folders of packages: `(root, path)` → path.
    links: FxHashMap<(u32, String), String>,
    pub(super) needs: Needs,
    /// Entry file of a unit.
    entries: FxHashMap<u32, u32>,
    /// The one for `require`, where a package says so.
    required: FxHashMap<u32, u32>,
    /// JavaScript and TypeScript: declaration files.
    pub(super) headers: super::declaration_files::DeclarationFiles,
    /// JavaScript and TypeScript: what is declared for all.
    pub(super) globals: super::globals::Globals,
    /// Modules that declaration files declare by name: `declare module "url"`.
    ambient: FxHashMap<String, Vec<(u32, ScopeId)>>,
    includes: Includes,
    /// Rust: file → the module that declares it.
    parents: FxHashMap<u32, (u32, ScopeId)>,
    /// Rust: `(file, scope, import position)` of a `mod name;` → file.
    children: FxHashMap<(u32, u32), u32>,
}

/// Declarations of a script that is named with its ending.
const DECLARED: [(&str, &str); 6] = [(".js", ".d.ts"), (".mjs", ".d.mts"), (".cjs", ".d.cts"), (".ts", ".d.ts"), (".mts", ".d.mts"), (".cts", ".d.cts")];

const ENDINGS: [&str; 9] = [".ts", ".tsx", ".mts", ".cts", ".js", ".jsx", ".mjs", ".cjs", ".d.ts"];

impl Modules {
    pub(super) fn new(world: &World) -> Modules {
        let mut modules = Modules::default();
        modules.take_units(world);
        // What is taken from a lazy fact store is asked for by C alone: its includes lead to files by paths and units.
        if world.lazy_facts.is_none() {
            modules.take_files(world);
            modules.find_entries(world);
            modules.headers = super::declaration_files::DeclarationFiles::new(world);
            modules.globals = super::globals::Globals::new(world);
            modules.rust_tree(world);
        }
        modules.includes = Includes::new(world, &modules);
        modules
    }

    fn take_files(&mut self, world: &World) {
        for (index, file) in world.files.iter().enumerate() {
            let index = index as u32;
            let (dir, name) = file.path.rsplit_once('/').unwrap_or(("", &file.path));
            self.by_file_name.entry(name.to_owned()).or_default().push(index);
            let within = || file.facts.imports.iter().find(|i| i.kind == ImportKind::Within).map_or("", |i| file.facts.name(i.module));
            match file.language {
                Language::Go => {
                    let name = within();
                    // What others import is not the tests beside it.
                    if !name.ends_with("_test") && !file.path.ends_with("_test.go") {
                        self.go_folders.entry((file.root, dir.to_owned())).or_insert(index);
                    }
                    self.packages.insert(index, super::go::package_key(file.root, &file.path, name));
                    self.add_embedding(world, index);
                }
                Language::Java => {
                    self.known_packages.insert(within().to_owned());
                    self.packages.insert(index, within().to_owned());
                }
                Language::Python => {
                    self.python.entry(dotted(world, file.root, &file.path)).or_default().push(index);
                    self.add_folders(file.root, &file.path);
                }
                _ if super::declaration_files::is_header(&file.path) => self.add_ambient(world, index),
                _ => {}
            }
        }
        for (file, package) in &self.packages {
            let span = self.package_files.entry(package.clone()).or_insert((*file, *file + 1));
            *span = (span.0.min(*file), span.1.max(*file + 1));
        }
    }

    fn take_units(&mut self, world: &World) {
        self.needs = Needs::new(world.units);
        self.links = world.build.links.iter().map(|(root, from, to)| ((*root as u32, from.clone()), to.clone())).collect();
        let root_of = |folder: &std::path::PathBuf| world.units.iter().find(|u| u.home == folder.to_string_lossy() && !u.own).map(|u| u.root);
        let folders = world.build.outside_folders.iter();
        self.header_roots = folders.filter_map(|f| Some((root_of(f)?, crate::plan::is_of_cpp(f)))).collect();
        let live: rustc_hash::FxHashSet<u32> = world.files.iter().map(|f| f.id.unit.0).collect();
        for (i, unit) in world.units.iter().enumerate().filter(|(i, _)| live.contains(&(*i as u32))) {
            if unit.ecosystem == "npm" {
                self.unit_at.insert((unit.root, unit.dir.clone()), i as u32);
            }
            if unit.ecosystem == "go" {
                self.go_modules.push((unit.name.clone(), i as u32));
            }
            self.units.entry(crate_name(&unit.name)).or_default().push(i as u32);
            if unit.name.contains(['-', '/', '@']) {
                self.units.entry(unit.name.clone()).or_default().push(i as u32);
            }
        }
        self.go_modules.sort_by_key(|(name, unit)| (std::cmp::Reverse(name.len()), *unit));
    }

    /// Notes what the structs of a file embed: fields that are bases, too.
    fn add_embedding(&mut self, world: &World, index: u32) {
        let facts = world.facts(index);
        let structs: rustc_hash::FxHashSet<compass_facts::DefId> = facts.bases.iter().map(|b| b.0).collect();
        if structs.is_empty() {
            return;
        }
        for field in facts.definitions.iter().filter(|d| d.kind == compass_facts::Kind::Field) {
            if let Some(of) = field.container.filter(|c| structs.contains(c) && !facts.def(*c).name_span.is_empty()) {
                self.embedding.entry(world.gid(index, field.name)).or_default().push(super::world::DefRef { file: index, def: of });
            }
        }
    }

    /// Of definitions in the order of files those that can be in a package.
    pub(super) fn within_package<'s>(&self, package: &str, named: &'s [super::world::DefRef]) -> &'s [super::world::DefRef] {
        let Some((first, behind)) = self.package_files.get(package) else { return &[] };
        let from = named.partition_point(|s| s.file < *first);
        let to = named.partition_point(|s| s.file < *behind);
        &named[from..to]
    }

    /// Notes the modules that a declaration file declares by a quoted name.
    fn add_ambient(&mut self, world: &World, index: u32) {
        let facts = world.facts(index);
        for d in facts.definitions.iter().filter(|d| d.kind == compass_facts::Kind::Module && d.scope == ScopeId::FILE) {
            let name = facts.name(d.name);
            // The token of a quoted name holds its quotes.
            if let Some(inner) = d.inner.filter(|_| d.name_span.len() as usize == name.len() + 2) {
                self.ambient.entry(name.to_owned()).or_default().push((index, inner));
            }
        }
    }

    /// The modules that declaration files declare by that name, or by what is left of it without its scheme.
    pub(super) fn ambient(&self, module: &str) -> Vec<Target> {
        let found = self.ambient.get(module).or_else(|| self.ambient.get(module.strip_prefix("node:")?));
        found.into_iter().flatten().map(|(file, scope)| sure(Entity::Module(*file, *scope))).collect()
    }

    fn add_folders(&mut self, root: u32, path: &str) {
        let mut at = path;
        while let Some((dir, _)) = at.rsplit_once('/') {
            let next = self.folders.len() as u32;
            let key = (root, dir.to_owned());
            if self.folder_ids.contains_key(&key) {
                break;
            }
            self.folder_ids.insert(key.clone(), next);
            self.folders.push(key);
            at = dir;
        }
    }

    fn find_entries(&mut self, world: &World) {
        for (i, unit) in world.units.iter().enumerate().filter(|(_, u)| u.root != u32::MAX && !u.entries.is_empty()) {
            let root = unit.root;
            let find = |e: &str| {
                let path = below(&unit.dir, e);
                world.by_path.get(&(root, path.as_str())).copied().or_else(|| self.script_file(world, root, &path))
            };
            let (declared, code): (Vec<&String>, Vec<&String>) =
                unit.entries.iter().filter(|e| !e.starts_with(FOR_REQUIRE)).partition(|e| super::declaration_files::is_header(e));
            let found = code.into_iter().chain(declared).find_map(|e| find(e));
            // Code before declarations; a package that has its source here is meant by that however it is brought in.
            let is_source = |f: &u32| world.files[*f as usize].path.strip_prefix(&unit.dir).is_some_and(|p| p.trim_start_matches('/').starts_with("src/"));
            let for_require = || unit.entries.iter().filter_map(|e| e.strip_prefix(FOR_REQUIRE));
            let required = match found.filter(is_source) {
                Some(_) => None,
                None => for_require().filter(|e| !e.contains(".d.")).find_map(find).or_else(|| for_require().find_map(find)),
            };
            if let Some(file) = found {
                self.entries.insert(i as u32, file);
            }
            if let Some(file) = required {
                self.required.insert(i as u32, file);
            }
        }
    }

    /// The files that include a file.
    pub(super) fn includers(&self, file: u32) -> &[u32] {
        self.includes.includers(file)
    }

    /// The files a file includes itself.
    pub(super) fn included(&self, file: u32) -> &[u32] {
        self.includes.included(file)
    }

    /// Follows `mod name;` from every Rust file: the child's path depends on the parent's.
    fn rust_tree(&mut self, world: &World) {
        for (index, file) in world.files.iter().enumerate() {
            if file.language != Language::Rust {
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
    pub(super) fn rust_child(&self, file: u32, import: u32) -> Option<u32> {
        self.children.get(&(file, import)).copied()
    }

    /// The module that declares a file.
    pub(super) fn rust_parent(&self, file: u32) -> Option<(u32, ScopeId)> {
        self.parents.get(&file).copied()
    }

    /// The root file of a file's crate.
    pub(super) fn rust_root(&self, file: u32) -> u32 {
        let mut at = file;
        for _ in 0..64 {
            match self.parents.get(&at) {
                Some((parent, _)) if *parent != at => at = *parent,
                _ => break,
            }
        }
        at
    }

    /// A file of the Go package in a folder.
    pub(super) fn go_folder(&self, root: u32, dir: &str) -> Option<u32> {
        self.go_folders.get(&(root, dir.to_owned())).copied()
    }

    /// A file of the Go package in the one folder whose path ends so.
    pub(super) fn go_folder_ending(&self, root: u32, path: &str) -> Option<u32> {
        if !path.contains('/') {
            return None;
        }
        let mut found = self.go_folders.iter().filter(|((r, dir), _)| *r == root && dir.strip_suffix(path).is_some_and(|d| d.is_empty() || d.ends_with('/')));
        let first = found.next()?;
        found.next().is_none().then_some(*first.1)
    }

    /// The package a file says it is part of.
    pub(super) fn package_of(&self, file: u32) -> Option<&str> {
        self.packages.get(&file).map(String::as_str)
    }

    /// Is any file part of that package?
    pub(super) fn has_package(&self, name: &str) -> bool {
        self.known_packages.contains(name)
    }

    /// A crate by the name used in code: its own, or the one that `extern crate … as …` at the root gives it everywhere in this crate.
    pub(super) fn rust_crate(&self, world: &World, from: u32, name: &str) -> Option<Target> {
        self.crate_named(world, from, name).or_else(|| {
            let root = world.facts(self.rust_root(from));
            let renames = |i: &&Import| i.kind == ImportKind::Module && i.scope == ScopeId::FILE && i.bound.is_some_and(|b| root.name(b) == name);
            let module = root.name(root.imports.iter().find(renames)?.module);
            if module == name { None } else { self.crate_named(world, from, module) }
        })
    }

    fn crate_named(&self, world: &World, from: u32, name: &str) -> Option<Target> {
        let own = world.files[from as usize].id.unit.0;
        if let Some(entry) = self.needs.named(own, name).and_then(|u| self.entries.get(&u)) {
            return Some(sure(Entity::Module(*entry, ScopeId::FILE)));
        }
        let is_seen = |u: &u32| world.units[*u as usize].ecosystem == "cargo" && self.needs.sees(own, *u);
        let units: Vec<u32> = self.units.get(&crate_name(name))?.iter().copied().filter(is_seen).collect();
        let unit = units.iter().copied().find(|u| *u == own).or_else(|| units.iter().copied().find(|u| self.entries.contains_key(u)))?;
        let entry = *self.entries.get(&unit)?;
        if world.language(entry) != Language::Rust {
            return None;
        }
        let certainty = if unit == own { Certainty::Proven } else { Certainty::Inferred };
        Some(Target { entity: Entity::Module(entry, ScopeId::FILE), certainty, stands_in: unit != own })
    }

    /// A Python module: leading dots are relative.
    pub(super) fn python(&self, world: &World, from: u32, module: &str) -> Option<Target> {
        let file = &world.files[from as usize];
        let dots = module.len() - module.trim_start_matches('.').len();
        let rest = &module[dots..];
        let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
        if dots > 0 {
            let mut base = dir;
            for _ in 1..dots {
                base = base.rsplit_once('/').map_or("", |(d, _)| d);
            }
            let path = join(base, &rest.replace('.', "/"));
            return self.python_path(world, file.root, &path).map(sure);
        }
        let seen: Cow<[u32]> = self.python.get(rest).map(|all| self.seen(world, from, all)).unwrap_or_default();
        if !seen.is_empty() {
            let candidates = &seen;
            let found = nearest(world, from, candidates)?;
            let other_unit = world.files[found as usize].id.unit != file.id.unit;
            let stands_in = other_unit && world.unit(found).own;
            let certainty = if stands_in || candidates.len() > 1 && other_unit { Certainty::Inferred } else { Certainty::Proven };
            return Some(Target { entity: Entity::Module(found, ScopeId::FILE), certainty, stands_in });
        }
        // Scripts import their neighbours; folders without `__init__` are packages by their path.
        let path = rest.replace('.', "/");
        let beside = self.python_path(world, file.root, &join(dir, &path));
        let at_root = beside.or_else(|| self.python_path(world, file.root, &path)).or_else(|| self.python_installed(world, from, &path));
        let found = at_root.or_else(|| self.python_by_suffix(world, from, &path))?;
        Some(Target { entity: found, certainty: Certainty::Inferred, stands_in: false })
    }

    /// The module or package at a path.
    pub(super) fn python_path(&self, world: &World, root: u32, path: &str) -> Option<Entity> {
        for candidate in [join(path, "__init__.py"), format!("{path}.py"), join(path, "__init__.pyi"), format!("{path}.pyi")] {
            if let Some(&file) = world.by_path.get(&(root, candidate.as_str())) {
                return Some(Entity::Module(file, ScopeId::FILE));
            }
        }
        self.folder_ids.get(&(root, path.to_owned())).map(|f| Entity::Folder(*f))
    }

    /// A folder of an installed distribution that is a package without a file.
    fn python_installed(&self, world: &World, from: u32, path: &str) -> Option<Entity> {
        let own = world.files[from as usize].id.unit.0;
        let mut roots: Vec<u32> = world.units.iter().filter(|u| u.ecosystem == "python" && !u.own && self.needs.sees(own, u.id.0)).map(|u| u.root).collect();
        roots.sort_unstable();
        roots.dedup();
        roots.into_iter().find_map(|root| self.python_path(world, root, path))
    }

    /// The files that code of a file's unit can mean.
    fn seen<'f>(&self, world: &World, from: u32, files: &'f [u32]) -> Cow<'f, [u32]> {
        if !self.needs.matter() {
            return Cow::Borrowed(files);
        }
        let own = world.files[from as usize].id.unit.0;
        files.iter().copied().filter(|f| self.needs.sees(own, world.files[*f as usize].id.unit.0)).collect()
    }

    fn python_by_suffix(&self, world: &World, from: u32, path: &str) -> Option<Entity> {
        if !path.contains('/') {
            return None;
        }
        [format!("{path}.py"), format!("{path}/__init__.py")].iter().find_map(|p| Some(Entity::Module(self.by_suffix(world, from, p)?, ScopeId::FILE)))
    }

    /// Is it what others get who bring in the unit?
    pub(super) fn is_entry(&self, unit: u32, file: u32) -> bool {
        self.entries.get(&unit) == Some(&file) || self.required.get(&unit) == Some(&file)
    }

    /// A part of a package: module or sub-package.
    pub(super) fn python_child(&self, world: &World, of: Entity, name: &str) -> Option<Entity> {
        match of {
            Entity::Module(file, ScopeId::FILE) => {
                let f = &world.files[file as usize];
                let dir = f.path.strip_suffix("/__init__.py").or_else(|| f.path.strip_suffix("/__init__.pyi"))?;
                self.python_path(world, f.root, &join(dir, name))
            }
            Entity::Folder(id) => {
                let (root, dir) = &self.folders[id as usize];
                self.python_path(world, *root, &join(dir, name))
            }
            _ => None,
        }
    }

    /// A JavaScript or TypeScript module.
    pub(super) fn script(&self, world: &World, from: u32, module: &str, required: bool) -> Option<Target> {
        let file = &world.files[from as usize];
        let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
        let module = module.strip_prefix("node:").unwrap_or(module);
        if module.starts_with('.') || module.starts_with('/') {
            let path = normalise(&join(dir, module));
            // A folder with a manifest is meant as a package; data of any kind by its very name.
            let as_package = || self.unit_at.get(&(file.root, path.clone())).and_then(|u| self.in_package(world, file.root, *u, &path, "", required));
            let as_data = || world.by_path.get(&(file.root, path.as_str())).copied().filter(|_| path.ends_with(".json"));
            let found = self.script_file(world, file.root, &path).or_else(as_package).or_else(as_data);
            return found.map(|f| sure(Entity::Module(f, ScopeId::FILE)));
        }
        let parts = module.splitn(if module.starts_with('@') { 3 } else { 2 }, '/').collect::<Vec<_>>();
        let package_parts = if module.starts_with('@') { parts.len().min(2) } else { 1 };
        let package = parts[..package_parts].join("/");
        let rest = parts.get(package_parts).copied().unwrap_or("");
        let aliased = self.aliased(world, (file.root, dir), module);
        // Of a package that is not there, or has no types, the types may stand in one of their own.
        let types = || format!("@types/{}", package.trim_start_matches('@').replace('/', "__"));
        aliased
            .or_else(|| self.installed(world, (file.root, dir), &package, rest, required))
            .or_else(|| self.standing_in(world, from, &package, rest))
            .or_else(|| self.installed(world, (file.root, dir), &types(), rest, false))
    }

    /// A file that the settings of a folder above mean by the name. Those of the nearest hold; what only others say is likely.
    fn aliased(&self, world: &World, (root, dir): (u32, &str), module: &str) -> Option<Target> {
        let holds = |a: &&crate::plan::Aliases| {
            a.root == root as usize && dir.strip_prefix(a.dir.as_str()).is_some_and(|d| a.dir.is_empty() || d.is_empty() || d.starts_with('/'))
        };
        // They are sorted by folder: of those above one file the longest is the nearest.
        let above = world.build.aliases.iter().rev().filter(holds);
        above.enumerate().find_map(|(i, aliases)| {
            let found = aliases.candidates(module).iter().find_map(|path| self.script_file(world, root, &normalise(path)))?;
            let certainty = if i == 0 { Certainty::Proven } else { Certainty::Inferred };
            Some(Target { entity: Entity::Module(found, ScopeId::FILE), certainty, stands_in: false })
        })
    }

    /// The package folder nearest upwards.
    fn installed(&self, world: &World, (root, dir): (u32, &str), package: &str, rest: &str, required: bool) -> Option<Target> {
        let mut at = Some(dir);
        while let Some(dir) = at {
            let folder = join(&join(dir, "node_modules"), package);
            let folder = self.links.get(&(root, folder.clone())).cloned().unwrap_or(folder);
            if let Some(&unit) = self.unit_at.get(&(root, folder.clone())) {
                let found = self.in_package(world, root, unit, &folder, rest, required);
                if let Some(f) = found {
                    return Some(sure(Entity::Module(f, ScopeId::FILE)));
                }
            }
            at = match dir.rsplit_once('/') {
                Some((up, _)) => Some(up),
                None if dir.is_empty() => None,
                None => Some(""),
            };
        }
        None
    }

    fn in_package(&self, world: &World, root: u32, unit: u32, folder: &str, rest: &str, required: bool) -> Option<u32> {
        if rest.is_empty() {
            let own = if required { self.required.get(&unit) } else { None };
            return own.or(self.entries.get(&unit)).copied();
        }
        let source = join(&join(folder, "src"), rest);
        self.script_file(world, root, &source).or_else(|| self.script_file(world, root, &join(folder, rest)))
    }

    /// A package of that name under the same roots, not installed.
    fn standing_in(&self, world: &World, from: u32, package: &str, rest: &str) -> Option<Target> {
        let units = self.units.get(package)?;
        let own = world.files[from as usize].id.unit.0;
        let is_one = |u: &&u32| world.units[**u as usize].own && world.units[**u as usize].ecosystem == "npm";
        let unit = *units.iter().find(is_one)?;
        let file = self.in_package(world, world.units[unit as usize].root, unit, &world.units[unit as usize].dir, rest, false)?;
        let certainty = if unit == own { Certainty::Proven } else { Certainty::Inferred };
        Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty, stands_in: unit != own })
    }

    /// A script by path: as it is, with an ending, TypeScript behind a `.js`, or the folder's index. True source before
    /// declarations.
    fn script_file(&self, world: &World, root: u32, path: &str) -> Option<u32> {
        let get = |p: &str| world.by_path.get(&(root, p)).copied().filter(|f| world.language(*f).is_kin_of(Language::TypeScript));
        for (built, source) in [(".js", ".ts"), (".js", ".tsx"), (".mjs", ".mts"), (".cjs", ".cts"), (".jsx", ".tsx")] {
            if let Some(found) = path.strip_suffix(built).and_then(|stem| get(&format!("{stem}{source}"))) {
                return Some(found);
            }
        }
        if let Some(found) = get(path) {
            return Some(found);
        }
        let with_ending = |p: &str| ENDINGS.iter().find_map(|e| get(&format!("{p}{e}")));
        with_ending(path)
            .or_else(|| with_ending(&join(path, "index")))
            .or_else(|| DECLARED.iter().find_map(|(code, header)| get(&format!("{}{header}", path.strip_suffix(code)?))))
    }

    /// The one file whose path ends so, the nearest if several.
    pub(super) fn by_suffix(&self, world: &World, from: u32, path: &str) -> Option<u32> {
        let path = path.trim_start_matches("../").trim_start_matches("./");
        let name = path.rsplit('/').next()?;
        let ends_so = |f: &u32| {
            let p = &world.files[*f as usize].path;
            p.strip_suffix(path).is_some_and(|front| front.is_empty() || front.ends_with('/'))
        };
        // With a lazy fact store few ask: a look at all paths is quicker than a map of them.
        let scanned: Vec<u32> = match world.lazy_facts {
            Some(_) => (0..world.files.len() as u32).filter(|f| ends_so(f)).collect(),
            None => Vec::new(),
        };
        let all = if scanned.is_empty() { self.by_file_name.get(name)? } else { &scanned };
        let named = self.seen(world, from, all);
        let candidates: Vec<u32> = named.iter().copied().filter(ends_so).collect();
        nearest(world, from, &candidates)
    }
}

pub(super) fn sure(entity: Entity) -> Target {
    Target { entity, certainty: Certainty::Proven, stands_in: false }
}

/// The candidate in the same unit and with the longest common folder; earlier ones win ties.
pub(super) fn nearest(world: &World, from: u32, candidates: &[u32]) -> Option<u32> {
    candidates.iter().copied().min_by_key(|c| std::cmp::Reverse(closeness(world, from, *c)))
}

/// How near a file is: same file, same unit, common folders, source before stub.
pub(super) fn closeness(world: &World, from: u32, to: u32) -> (bool, bool, usize, bool) {
    let (a, b) = (&world.files[from as usize], &world.files[to as usize]);
    let common = if a.root == b.root { 1 + common_folders(a.path.as_bytes(), b.path.as_bytes()) } else { 0 };
    (from == to, a.id.unit == b.id.unit, common, !b.path.ends_with(".pyi") && !b.path.ends_with(".d.ts"))
}

/// How many folders two paths share from the top.
fn common_folders(a: &[u8], b: &[u8]) -> usize {
    a.iter().zip(b).take_while(|(x, y)| x == y).filter(|(x, _)| **x == b'/').count()
}

/// The dotted name of a Python file: from the outermost folder that is a package.
fn dotted(world: &World, root: u32, path: &str) -> String {
    let stem = path.strip_suffix(".pyi").or_else(|| path.strip_suffix(".py")).unwrap_or(path);
    let stem = stem.strip_suffix("/__init__").unwrap_or(stem);
    let mut start = stem.rfind('/').map_or(0, |i| i + 1);
    while start > 0 {
        let dir = &stem[..start - 1];
        let is_package = ["__init__.py", "__init__.pyi"].iter().any(|f| world_has(world, root, dir, f));
        if !is_package {
            break;
        }
        start = dir.rfind('/').map_or(0, |i| i + 1);
    }
    stem[start..].replace('/', ".")
}

fn world_has(world: &World, root: u32, dir: &str, file: &str) -> bool {
    world.by_path.contains_key(&(root, join(dir, file).as_str()))
}

/// The name of a crate as code writes it.
fn crate_name(name: &str) -> String {
    name.replace('-', "_")
}

/// A path that a manifest gives, below its folder.
pub(super) fn below(dir: &str, path: &str) -> String {
    normalise(&join(dir, path.trim_start_matches("./")))
}

pub(super) fn join(dir: &str, path: &str) -> String {
    match (dir, path) {
        ("", p) => p.to_owned(),
        (d, "") => d.to_owned(),
        (d, p) => format!("{d}/{p}"),
    }
}

/// Takes `.` and `..` out of a path.
pub(super) fn normalise(path: &str) -> String {
    let mut parts: Vec<&str> = Vec::new();
    for part in path.split('/') {
        match part {
            "" | "." => {}
            ".." => {
                parts.pop();
            }
            p => parts.push(p),
        }
    }
    parts.join("/")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("a/b", "a/b")]
    #[case::dots("a/./b/../c", "a/c")]
    #[case::above_the_root("../../a", "a")]
    fn paths_are_normalised(#[case] path: &str, #[case] wanted: &str) {
        assert_eq!(normalise(path), wanted);
    }
}
