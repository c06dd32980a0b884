//! Packages: what they use, import and export, and so whose a name is.

use compass_facts::{Facts, ImportKind, Kind, ScopeId};
use compass_index::linking::{DefRef, World};
use rustc_hash::{FxHashMap, FxHashSet};

/// The package of the language itself.
pub(super) const STANDARD: &str = "common-lisp";

/// Where a text begins that says nothing of packages.
pub(super) const USER: &str = "common-lisp-user";

/// Packages that use one another are followed so far.
const DEEPEST: u32 = 12;

/// What one package says.
#[derive(Default)]
struct Package {
    definitions: Vec<DefRef>,
    uses: Vec<String>,
    imports: FxHashMap<String, String>,
    exports: FxHashSet<String>,
    shadows: FxHashSet<String>,
    /// What it calls others.
    nicknames: FxHashMap<String, String>,
    /// Packages whose exported names it exports along.
    along: Vec<String>,
}

/// All packages of the index.
pub(super) struct Packages {
    all: FxHashMap<String, Package>,
    nicknames: FxHashMap<String, String>,
    /// Packages of scopes.
    within: FxHashMap<(u32, ScopeId), String>,
    /// Files in the order in which systems load them, and whether the usual build leaves them out.
    loaded: FxHashMap<u32, (u32, bool)>,
}

impl Packages {
    /// Collects what files say.
    pub(super) fn of(world: &World) -> Packages {
        let mut out = Packages { all: FxHashMap::default(), nicknames: FxHashMap::default(), within: FxHashMap::default(), loaded: FxHashMap::default() };
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::LISP && !world.is_lazy());
        for (index, file) in files {
            out.file(index as u32, &file.facts);
        }
        out.load(world);
        for (short, long) in [("cl", STANDARD), ("cl-user", USER)] {
            out.nicknames.insert(short.to_owned(), long.to_owned());
        }
        out
    }

    /// Which files systems load, and when.
    fn load(&mut self, world: &World) {
        let is_system = |path: &str| path.ends_with(".asd");
        let mut paths: FxHashMap<&str, u32> = FxHashMap::default();
        for (index, file) in world.files.iter().enumerate().filter(|(_, f)| f.language == crate::LISP && !world.is_lazy()) {
            paths.insert(file.path.as_str(), index as u32);
        }
        let mut order = 0;
        for file in world.files.iter().filter(|f| f.language == crate::LISP && !world.is_lazy() && is_system(&f.path)) {
            for import in file.facts.imports.iter().filter(|i| i.kind == ImportKind::Child) {
                let left_out = match file.facts.name(import.module) {
                    "loaded" => false,
                    "left-out" => true,
                    _ => continue,
                };
                let Some(path) = import.name.map(|n| path_of(&file.path, file.facts.name(n))) else { continue };
                if let Some(found) = paths.get(path.as_str()) {
                    order += 1;
                    let entry = self.loaded.entry(*found).or_insert((order, left_out));
                    entry.1 &= left_out;
                }
            }
        }
    }

    /// The place of a file in the order of loading; those that no system names come last.
    pub(super) fn order(&self, file: u32) -> u32 {
        self.loaded.get(&file).map_or(u32::MAX, |l| l.0)
    }

    /// Does the usual build leave the file out?
    pub(super) fn is_left_out(&self, file: u32) -> bool {
        self.loaded.get(&file).is_some_and(|l| l.1)
    }

    fn file(&mut self, file: u32, facts: &Facts) {
        for import in facts.imports.iter().filter(|i| i.kind == ImportKind::Within) {
            self.within.insert((file, import.scope), facts.name(import.module).to_owned());
        }
        let packages: FxHashMap<ScopeId, (&str, DefRef)> = facts
            .definitions
            .iter()
            .enumerate()
            .filter(|(_, d)| d.kind == Kind::Module)
            .filter_map(|(i, d)| Some((d.inner?, (facts.name(d.name), DefRef { file, def: compass_facts::DefId(i as u32) }))))
            .collect();
        for (name, def) in packages.values() {
            self.all.entry((*name).to_owned()).or_default().definitions.push(*def);
        }
        for import in facts.imports.iter().filter(|i| i.kind != ImportKind::Within) {
            // `(export 'rack)` stands in the package that is the current one.
            let around = || self.within.get(&(file, import.scope)).cloned();
            let Some(name) = packages.get(&import.scope).map(|p| p.0.to_owned()).or_else(around) else { continue };
            let package = self.all.entry(name.clone()).or_default();
            let module = facts.name(import.module).to_owned();
            let said = import.name.map(|n| facts.name(n).to_owned());
            let Some(said) = said.filter(|_| import.kind == ImportKind::Child) else {
                if import.kind == ImportKind::Glob && !package.uses.contains(&module) {
                    package.uses.push(module);
                }
                continue;
            };
            match module.split_once(':').unwrap_or((&module, "")) {
                ("from", from) => {
                    package.imports.insert(said, from.to_owned());
                }
                ("local", long) => {
                    package.nicknames.insert(said, long.to_owned());
                }
                ("export", _) => {
                    package.exports.insert(said);
                }
                ("shadow", _) => {
                    package.shadows.insert(said);
                }
                ("reexport", _) => package.along.push(said),
                ("nickname", _) => {
                    self.nicknames.insert(said, name);
                }
                _ => {}
            }
        }
    }

    /// The package by its first name.
    pub(super) fn canonical<'a>(&'a self, name: &'a str) -> &'a str {
        match self.nicknames.get(name).filter(|_| self.all.get(name).is_none_or(|p| p.definitions.is_empty())) {
            Some(long) => long,
            None => name,
        }
    }

    /// Is it here?
    pub(super) fn is_known(&self, name: &str) -> bool {
        self.all.get(name).is_some_and(|p| !p.definitions.is_empty())
    }

    /// Does a package use one that is not here?
    pub(super) fn uses_unknown(&self, name: &str) -> bool {
        let used = |u: &String| {
            let name = self.canonical(u);
            name != STANDARD && !self.is_known(name)
        };
        self.all.get(self.canonical(name)).is_some_and(|p| p.uses.iter().any(used))
    }

    /// Where a package is defined.
    pub(super) fn definition(&self, name: &str) -> &[DefRef] {
        self.all.get(self.canonical(name)).map_or(&[], |p| &p.definitions)
    }

    /// The package that a scope stands in.
    pub(super) fn around<'a>(&'a self, facts: &Facts, file: u32, scope: ScopeId) -> &'a str {
        let mut at = Some(scope);
        while let Some(id) = at {
            if let Some(name) = self.within.get(&(file, id)) {
                return self.canonical(name);
            }
            at = facts.scope(id).parent;
        }
        USER
    }

    /// The package that a name, as one package reads it, belongs to.
    pub(super) fn home<'a>(&'a self, package: &'a str, name: &str) -> &'a str {
        self.home_of(package, name, 0)
    }

    fn home_of<'a>(&'a self, package: &'a str, name: &str, depth: u32) -> &'a str {
        let package = self.canonical(package);
        if depth > DEEPEST || package == STANDARD {
            return package;
        }
        let Some(said) = self.all.get(package) else {
            return if package == USER && is_standard(name) { STANDARD } else { package };
        };
        if said.shadows.contains(name) {
            return package;
        }
        if let Some(from) = said.imports.get(name) {
            return self.home_of(from, name, depth + 1);
        }
        for used in &said.uses {
            if self.exports(used, name, depth) {
                return self.home_of(used, name, depth + 1);
            }
        }
        package
    }

    fn exports(&self, package: &str, name: &str, depth: u32) -> bool {
        let package = self.canonical(package);
        if package == STANDARD {
            return is_standard(name);
        }
        let Some(said) = self.all.get(package) else { return false };
        let along = || depth < DEEPEST && said.along.iter().any(|from| self.exports(from, name, depth + 1));
        said.exports.contains(name) || along()
    }
}

/// Is it a name of the language itself?
fn is_standard(name: &str) -> bool {
    (crate::LISP.profile().standard.is_name)(name)
}

/// The path of a file that a system names.
pub(super) fn path_of(system: &str, file: &str) -> String {
    let folder = system.rsplit_once('/').map_or("", |(folder, _)| folder);
    let ending = if file.ends_with(".lisp") { "" } else { ".lisp" };
    if folder.is_empty() { format!("{file}{ending}") } else { format!("{folder}/{file}{ending}") }
}
