//! From the text of an import to a script: relative paths with the usual endings, aliases that settings give, then package folders upwards,
//! then packages of that name anywhere under the roots, and modules that declaration files declare by name.

use super::declaration_files::is_header;
use crate::packages::FOR_REQUIRE;
use compass_facts::{Kind, ScopeId};
use compass_index::Certainty;
use compass_index::linking::{Entity, Modules, Target, World, join, normalise, sure};
use rustc_hash::FxHashMap;

/// Declarations of a script that is named with its ending.
const DECLARED: [(&str, &str); 6] = [(".js", ".d.ts"), (".mjs", ".d.mts"), (".cjs", ".d.cts"), (".ts", ".d.ts"), (".mts", ".d.mts"), (".cts", ".d.cts")];

/// Endings of scripts, in the order in which they are tried.
const ENDINGS: [&str; 9] = [".ts", ".tsx", ".mts", ".cts", ".js", ".jsx", ".mjs", ".cjs", ".d.ts"];

/// Packages and modules of all files.
#[derive(Default)]
pub(super) struct ScriptPackages {
    /// Unit name → units of packages.
    units: FxHashMap<String, Vec<u32>>,
    /// Folder → unit: `(root, path)`.
    unit_at: FxHashMap<(u32, String), u32>,
    /// Links to folders of packages: `(root, path)` → path.
    links: FxHashMap<(u32, String), String>,
    /// Entry file of a unit.
    entries: FxHashMap<u32, u32>,
    /// The one for `require`, where a package says so.
    required: FxHashMap<u32, u32>,
    /// Modules that declaration files declare by name: `declare module "url"`.
    ambient: FxHashMap<String, Vec<(u32, ScopeId)>>,
}

impl ScriptPackages {
    pub(super) fn new(world: &World, all: &Modules) -> ScriptPackages {
        let links = world.build.links.iter().map(|(root, from, to)| ((*root as u32, from.clone()), to.clone())).collect();
        let mut out = ScriptPackages { links, ..ScriptPackages::default() };
        for (i, unit) in all.units(world).filter(|(_, u)| u.ecosystem == "npm") {
            out.unit_at.insert((unit.root, unit.dir.clone()), i);
            out.units.entry(unit.name.clone()).or_default().push(i);
        }
        for (index, _) in world.files.iter().enumerate().filter(|(_, f)| is_header(&f.path)) {
            out.add_ambient(world, index as u32);
        }
        out.find_entries(world);
        out
    }

    /// Notes the modules that a declaration file declares by a quoted name.
    fn add_ambient(&mut self, world: &World, index: u32) {
        let facts = world.facts(index);
        for d in facts.definitions.iter().filter(|d| d.kind == Kind::Module && d.scope == ScopeId::FILE) {
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

    fn find_entries(&mut self, world: &World) {
        for (i, unit) in world.units.iter().enumerate().filter(|(_, u)| u.root != u32::MAX && !u.entries.is_empty()) {
            let root = unit.root;
            let find = |e: &str| {
                let path = below(&unit.dir, e);
                world.by_path.get(&(root, path.as_str())).copied().or_else(|| self.script_file(world, root, &path))
            };
            let (declared, code): (Vec<&String>, Vec<&String>) = unit.entries.iter().filter(|e| !e.starts_with(FOR_REQUIRE)).partition(|e| is_header(e));
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

    /// Is it what others get who bring in the unit?
    pub(super) fn is_entry(&self, unit: u32, file: u32) -> bool {
        self.entries.get(&unit) == Some(&file) || self.required.get(&unit) == Some(&file)
    }

    /// A JavaScript or TypeScript module.
    pub(super) fn find(&self, world: &World, from: u32, module: &str, required: bool) -> Option<Target> {
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
        let holds = |a: &&compass_index::plan::Aliases| {
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
        let get = |p: &str| world.by_path.get(&(root, p)).copied().filter(|f| world.language(*f).is_kin_of(crate::TYPESCRIPT));
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
}

/// A path that a manifest gives, below its folder.
pub(super) fn below(dir: &str, path: &str) -> String {
    normalise(&join(dir, path.trim_start_matches("./")))
}
