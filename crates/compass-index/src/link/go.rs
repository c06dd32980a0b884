//! Go: names of a package are those of all its files; imports lead to folders; types made like others have their elements.
//!
//! # How it works
//! A package is a folder and the name its files give (tests of their own stand beside it in the same folder). An import
//! path is the path of a module, known from its manifest, and a folder below it. Files for other systems come after those
//! of the usual one (Linux, x86-64), by the ending of their names and by their build lines.

use super::evaluate::Evaluator;
use super::lookup::Namespace;
use super::modules::{Modules, Target};
use super::ty::{Entity, Lookup, Meaning, Ty};
use super::world::{DefRef, GlobalNameId, World};
use crate::{Cause, Certainty};
use compass_facts::{Flags, Import, ImportId, ImportKind, Kind, Language, ScopeId};

impl Evaluator<'_, '_> {
    /// What a plain name means that is bound in no function: those the reader linked, since it knows from where on they hold.
    /// The package, then imports of the file, then what the language brings along.
    pub(super) fn plain_go(&mut self, file: u32, name: GlobalNameId) -> Lookup {
        let package = self.modules.package_of(file).unwrap_or_default().to_owned();
        let own = self.go_in_package(&package, name);
        if !own.is_empty() {
            return own;
        }
        let facts = self.world.facts(file);
        let word = self.world.name(name);
        let mut cause = Cause::NoDefinition;
        for (i, import) in facts.imports.iter().enumerate() {
            let id = ImportId(i as u32);
            match import.kind {
                ImportKind::Module if self.go_import_name(file, id, import) == Some(word) => return self.follow(file, id),
                ImportKind::Glob => {
                    let targets = self.import_targets(file, id);
                    if targets.is_empty() {
                        cause = Cause::UnitAbsent;
                    }
                    for target in targets.iter() {
                        let found = self.entity_member(file, target.entity, name);
                        if !found.is_empty() {
                            return found;
                        }
                    }
                }
                _ => {}
            }
        }
        if super::uses::is_builtin(Language::Go, word) {
            cause = Cause::Builtin;
        }
        Lookup::none(cause)
    }

    /// The name an import is used by: its alias, the name its package gives itself, or what its path suggests.
    fn go_import_name(&mut self, file: u32, id: ImportId, import: &Import) -> Option<&str> {
        let facts = self.world.facts(file);
        if let Some(alias) = import.bound {
            return Some(facts.name(alias));
        }
        let targets = self.import_targets(file, id);
        if let Some(Entity::Module(target, _)) = targets.first().map(|t| t.entity) {
            return self.modules.package_of(target).and_then(|p| p.rsplit_once(':')).map(|p| p.1);
        }
        Some(likely_name(facts.name(import.module)))
    }

    /// A name of a package, from whichever of its files.
    pub(super) fn go_in_package(&self, package: &str, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let is_in =
            |s: &&DefRef| world.language(s.file) == Language::Go && world.def(**s).scope == ScopeId::FILE && self.modules.package_of(s.file) == Some(package);
        let mut found: Vec<DefRef> =
            self.modules.within_package(package, world.named(name)).iter().filter(is_in).take(super::imports::MOST_HITS).copied().collect();
        found.sort_by_key(|s| (world.def(*s).flags.has(Flags::BODILESS), *s));
        usual(world, &mut found, &|s| Some(*s));
        let certainty = if found.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition }
    }

    /// Of a method that several files define for one type those of the usual system.
    pub(super) fn keep_usual(&self, found: &mut Lookup) {
        usual(self.world, &mut found.hits, &|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
    }

    /// A name of the package a file belongs to, as others see it.
    pub(super) fn go_package_member(&self, file: u32, name: GlobalNameId) -> Lookup {
        match self.modules.package_of(file) {
            Some(package) => self.go_in_package(package, name),
            None => Lookup::none(Cause::NoDefinition),
        }
    }

    /// The package an import leads to, by one of its files.
    pub(super) fn go_targets(&self, file: u32, import: &Import, module: &str) -> Vec<Target> {
        if import.kind == ImportKind::Within {
            return vec![Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false }];
        }
        self.modules.go_package(self.world, file, module).into_iter().collect()
    }

    /// The type a method belongs to.
    pub(super) fn go_receiver(&self, method: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(method.file);
        let d = facts.def(method.def);
        if self.world.language(method.file) != Language::Go || d.kind != Kind::Method {
            return None;
        }
        self.extensions.of.get(&(method.file, d.scope)).copied()
    }

    /// What a type that is made like another one is made of; other types are themselves.
    pub(super) fn go_underlying(&mut self, ty: Ty) -> Ty {
        let mut ty = ty;
        for _ in 0..8 {
            let Ty::Value(sym, args) = &ty else { break };
            let def = self.world.def(*sym);
            let (Kind::Alias | Kind::TypeParameter, Some(made_like)) = (def.kind, def.ty) else { break };
            if self.world.language(sym.file) != Language::Go {
                break;
            }
            let target = self.evaluate(sym.file, made_like).ty;
            let target = self.instance(target);
            let (sym, args) = (*sym, args.clone());
            ty = if args.is_empty() { target } else { self.substitute(target, sym, &args) };
        }
        ty
    }

    /// Members of what an import nobody can follow brought in: types and values by name, nothing more.
    pub(super) fn go_of_absent(&self, owner: Meaning, name: GlobalNameId) -> Meaning {
        Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner }
    }

    /// A key of a literal that is no field: the key of a map by a name of the package.
    pub(super) fn go_key(&mut self, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        (*self.plain(file, scope, name, Namespace::Value)).clone()
    }
}

impl Modules {
    /// The package of an import path: below a module of that name, in a folder of copies, or the one folder that ends so.
    pub(super) fn go_package(&self, world: &World, from: u32, path: &str) -> Option<Target> {
        let root = world.files[from as usize].root;
        let own = world.unit(from);
        let vendored = self.go_folder(root, &below(&below(&own.dir, "vendor"), path));
        if let Some(file) = vendored {
            return Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false });
        }
        // Of several modules that hold the path the longest counts; of two versions the one that this unit needs.
        for (name, unit) in &self.go_modules {
            let Some(rest) = rest_of(path, name).filter(|_| *unit == own.id.0 || self.needs.sees(own.id.0, *unit)) else { continue };
            let needed = self.needs.named(own.id.0, name);
            let row = &world.units[*unit as usize];
            let is_other_version = needed.is_some_and(|n| n != *unit);
            if let Some(file) = self.go_folder(row.root, &below(&row.dir, rest)).filter(|_| !is_other_version) {
                // Modules side by side under one root stand for each other.
                let stands_in = row.id != own.id && row.own && needed.is_none();
                return Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Proven, stands_in });
            }
        }
        let file = self.go_folder_ending(root, path)?;
        Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Inferred, stands_in: false })
    }
}

/// What follows the path of a module; nothing for another module.
fn rest_of<'p>(path: &'p str, module: &str) -> Option<&'p str> {
    // The standard library is a module of which paths do not say so.
    if module == "std" {
        return Some(path);
    }
    let rest = path.strip_prefix(module)?;
    if rest.is_empty() { Some("") } else { rest.strip_prefix('/') }
}

fn below(dir: &str, path: &str) -> String {
    match (dir, path) {
        ("", p) => p.to_owned(),
        (d, "") => d.to_owned(),
        (d, p) => format!("{d}/{p}"),
    }
}

/// The name of a package by its path: the last part, versions left out.
fn likely_name(path: &str) -> &str {
    let is_version = |p: &str| p.strip_prefix('v').is_some_and(|n| !n.is_empty() && n.bytes().all(|b| b.is_ascii_digit()));
    let mut parts = path.rsplit('/');
    let last = parts.next().unwrap_or(path);
    let last = if is_version(last) { parts.next().unwrap_or(last) } else { last };
    let last = last.split_once(".v").filter(|(_, v)| v.bytes().all(|b| b.is_ascii_digit())).map_or(last, |(name, _)| name);
    last.strip_prefix("go-").unwrap_or(last)
}

/// Beside what is for the usual system the rest are alternatives, not targets of this build. Where nothing is (alternatives by the version
/// of the language, none of which the newest takes) the newest of them, which comes last by name, stands first.
fn usual<T>(world: &World, found: &mut Vec<T>, sym: &dyn Fn(&T) -> Option<DefRef>) {
    let is_here = |one: &T| sym(one).is_some_and(|s| !is_elsewhere(world, s));
    if found.iter().any(is_here) {
        found.retain(is_here);
    } else {
        found.sort_by_key(|one| std::cmp::Reverse(sym(one).map(|s| &world.files[s.file as usize].path)));
    }
}

/// Is a definition for another system, by its build line or by the ending of its file's name?
fn is_elsewhere(world: &World, sym: DefRef) -> bool {
    if world.def(sym).flags.has(Flags::INACTIVE) {
        return true;
    }
    const OTHERS: [&str; 29] = [
        "aix",
        "android",
        "darwin",
        "dragonfly",
        "freebsd",
        "illumos",
        "ios",
        "js",
        "nacl",
        "netbsd",
        "openbsd",
        "plan9",
        "solaris",
        "wasip1",
        "windows",
        "zos",
        "386",
        "arm",
        "arm64",
        "loong64",
        "mips",
        "mips64",
        "mips64le",
        "mipsle",
        "ppc64",
        "ppc64le",
        "riscv64",
        "s390x",
        "wasm",
    ];
    let path = &world.files[sym.file as usize].path;
    let name = path.rsplit('/').next().unwrap_or(path);
    let stem = name.strip_suffix(".go").unwrap_or(name);
    let stem = stem.strip_suffix("_test").unwrap_or(stem);
    stem.split('_').skip(1).any(|p| OTHERS.contains(&p))
}

/// The folder a package is known by, with its root and its name: `root:dir:name`.
pub(super) fn package_key(root: u32, path: &str, name: &str) -> String {
    let dir = path.rsplit_once('/').map_or("", |(d, _)| d);
    format!("{root}:{dir}:{name}")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("fmt", "fmt")]
    #[case::path("example.org/larder/rack", "rack")]
    #[case::version("example.org/larder/v3", "larder")]
    #[case::dotted("example.org/yaml.v2", "yaml")]
    #[case::habit("example.org/go-rack", "rack")]
    fn paths_suggest_names(#[case] path: &str, #[case] name: &str) {
        assert_eq!(likely_name(path), name);
    }

    #[rstest]
    #[case::itself("a.b/c", "a.b/c", Some(""))]
    #[case::below("a.b/c/d/e", "a.b/c", Some("d/e"))]
    #[case::longer_name("a.b/cd", "a.b/c", None)]
    #[case::standard_library("net/http", "std", Some("net/http"))]
    fn modules_hold_paths(#[case] path: &str, #[case] module: &str, #[case] rest: Option<&str>) {
        assert_eq!(rest_of(path, module), rest);
    }
}
