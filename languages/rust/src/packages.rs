//! Crates, by `Cargo.lock`: from the registry's sources, from checkouts of git repositories, from folders beside the workspace.

use compass_index::plan::Environment;
use compass_index::plan::ecosystems;
use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging, toml_text};
use compass_index::plan::{Found, Package, own_units, tidy};
use compass_index::plan::{Machine, Plan};
use compass_index::tree::disk;
use rustc_hash::FxHashMap;
use serde::Deserialize;
use std::path::{Path, PathBuf};

/// Crates.
pub const CARGO: Ecosystem = Ecosystem(&Cargo);

struct Cargo;

impl Packaging for Cargo {
    fn word(&self) -> &'static str {
        "cargo"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["Cargo.toml"]
    }

    fn read(&self, _: &Path, _: &str, text: &str) -> Option<Manifest> {
        manifest(text)
    }

    fn foreign_folders(&self) -> &'static [&'static str] {
        &["target"]
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        find(plan, machine, found);
    }

    fn beside(&self, plan: &Plan) -> Vec<(usize, String, usize)> {
        beside_by_path(plan)
    }

    /// The package manager's folder, in which `registry/src` and `git/checkouts` stand; the sources of the standard library.
    fn folders(&self, environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        let library = rust_library(environment);
        vec![("cargo", environment.folder("CARGO_HOME", ".cargo").into_iter().collect()), ("rust library", library.into_iter().collect())]
    }
}

fn manifest(text: &str) -> Option<Manifest> {
    let manifest: toml::Table = text.parse().ok()?;
    let package = manifest.get("package")?;
    let path_of = |section: &str| manifest.get(section).and_then(|s| s.get("path")).and_then(|p| p.as_str()).map(str::to_owned);
    let entries = path_of("lib").into_iter().chain(["src/lib.rs".to_owned(), "src/main.rs".to_owned()]).collect();
    // A crate may rename its library: then that is the name others use.
    let lib_name = manifest.get("lib").and_then(|l| l.get("name")).and_then(|n| n.as_str());
    let name = lib_name.or_else(|| package.get("name").and_then(|n| n.as_str()));
    Some(Manifest { entries, ..Manifest::new(CARGO, name.map(str::to_owned), toml_text(package.get("version"))) })
}

/// The sources of the standard library in the toolchain that is the default, or in any.
fn rust_library(e: &Environment) -> Option<PathBuf> {
    const SOURCES: &str = "lib/rustlib/src/rust/library";
    let rustup = e.folder("RUSTUP_HOME", ".rustup");
    let toolchains = rustup.as_ref().map(|r| r.join("toolchains"));
    let settings = rustup.and_then(|r| disk::read_text(r.join("settings.toml")).ok()).unwrap_or_default();
    let default = settings.lines().find_map(|l| l.strip_prefix("default_toolchain")).map(|l| l.trim_matches([' ', '=', '"']).to_owned());
    let mut folders: Vec<PathBuf> = default.iter().filter_map(|d| Some(toolchains.as_ref()?.join(d))).collect();
    folders.extend(toolchains.iter().flat_map(disk::entries));
    folders.extend(e.programs("rustc").iter().filter_map(|p| Some(disk::real(p)?.parent()?.parent()?.to_owned())));
    folders.into_iter().map(|f| f.join(SOURCES)).find(|p| disk::is_folder(p))
}
/// Crates of the standard library that code names.
const LIBRARY: [&str; 5] = ["std", "core", "alloc", "proc_macro", "test"];

#[derive(Debug, Default, Deserialize)]
struct Lock {
    #[serde(default)]
    package: Vec<Locked>,
}

#[derive(Debug, Deserialize)]
struct Locked {
    name: String,
    version: String,
    source: Option<String>,
    #[serde(default)]
    dependencies: Vec<String>,
}

/// What a manifest says of one dependency.
#[derive(Debug, PartialEq)]
struct Named {
    /// The name code uses, if the manifest gives another than the package's.
    alias: String,
    package: String,
    requirement: Option<semver::VersionReq>,
    path: Option<String>,
    /// The workspace says the rest.
    inherited: bool,
}

/// Finds the crates of all own units.
fn find(plan: &Plan, machine: &Machine, found: &mut Found) {
    let own = own_units(plan, CARGO);
    let mut locks: FxHashMap<PathBuf, Vec<(usize, PathBuf)>> = FxHashMap::default();
    for (unit, dir) in &own {
        // The lock file of a workspace stands at its top, which may be above the root.
        if let Some(lock) = dir.ancestors().map(|d| d.join("Cargo.lock")).find(|l| disk::is_file(l)) {
            locks.entry(lock).or_default().push((*unit, dir.clone()));
        }
    }
    let library = library(machine, found);
    for (unit, _) in &own {
        found.own.extend(library.iter().map(|(name, p)| (*unit, name.clone(), *p)));
    }
    let mut locks: Vec<_> = locks.into_iter().collect();
    locks.sort();
    for (lock, units) in locks {
        let Some(text) = disk::read_text(&lock).ok() else { continue };
        let Ok(lock) = toml::from_str::<Lock>(&text) else { continue };
        let mut tree = Tree { lock: &lock, machine, by_name: FxHashMap::default(), places: FxHashMap::default(), library: &library, own: &own };
        for (i, package) in lock.package.iter().enumerate() {
            tree.by_name.entry(&package.name).or_default().push(i);
        }
        for (unit, dir) in units {
            tree.own_unit(unit, &dir, found);
        }
    }
}

/// What own crates mean by the names of others beside them, as their manifests say it: no lock file is needed for that.
fn beside_by_path(plan: &Plan) -> Vec<(usize, String, usize)> {
    let own = own_units(plan, CARGO);
    let mut out = Vec::new();
    for (unit, dir) in &own {
        let Some(manifest) = read_manifest(dir) else { continue };
        for named in dependencies_in(dir, &manifest) {
            let Some(place) = named.path.as_ref().map(|p| tidy(&dir.join(p))) else { continue };
            let Some((other, _)) = own.iter().find(|(_, d)| *d == place) else { continue };
            let name = if named.alias.is_empty() { plan.units[*other].name.clone() } else { named.alias.clone() };
            out.push((*unit, name.replace('-', "_"), *other));
        }
    }
    out
}

/// The standard library, where its sources are installed.
fn library(machine: &Machine, found: &mut Found) -> Vec<(String, usize)> {
    let Some(base) = machine.first("rust library").filter(|b| disk::is_file(b.join("core/src/lib.rs"))) else { return Vec::new() };
    let mut out = Vec::new();
    for name in LIBRARY.iter().filter(|n| disk::is_file(base.join(n).join("src/lib.rs"))) {
        let entries = vec!["src/lib.rs".to_owned()];
        let package = Package {
            ecosystem: CARGO,
            name: (*name).to_owned(),
            version: String::new(),
            base: base.clone(),
            dir: (*name).to_owned(),
            entries,
            needs: Vec::new(),
            files: None,
            language: None,
        };
        out.push(((*name).to_owned(), found.add(package)));
    }
    for (_, at) in &out {
        found.packages[*at].needs = out.iter().filter(|o| o.1 != *at).cloned().collect();
    }
    out
}

/// Follows one lock file.
struct Tree<'l> {
    lock: &'l Lock,
    machine: &'l Machine,
    by_name: FxHashMap<&'l str, Vec<usize>>,
    /// Packages found already, by position in the lock file.
    places: FxHashMap<usize, Option<usize>>,
    library: &'l [(String, usize)],
    own: &'l [(usize, PathBuf)],
}

impl Tree<'_> {
    fn own_unit(&mut self, unit: usize, dir: &Path, found: &mut Found) {
        let Some(manifest) = read_manifest(dir) else { return };
        let Some((name, version)) = package_of(&manifest) else { return };
        let named = dependencies_in(dir, &manifest);
        let Some(at) = self.position(&name, version.as_deref()) else { return };
        found.known.insert(unit);
        for dependency in self.lock.package[at].dependencies.iter() {
            let Some(target) = self.dependency(dependency) else { continue };
            if self.lock.package[target].source.is_none() {
                self.beside(unit, dir, target, &named, found);
            } else if let Some(package) = self.package(target, found) {
                let names = self.names(target, &named, &found.packages[package].name);
                found.own.extend(names.into_iter().map(|n| (unit, n, package)));
            }
        }
    }

    /// A dependency given by its path: mostly another unit under the roots.
    fn beside(&mut self, unit: usize, dir: &Path, target: usize, named: &[Named], found: &mut Found) {
        let name = &self.lock.package[target].name;
        let of_path = named.iter().find(|n| n.package == *name).and_then(|n| n.path.as_ref()).map(|p| tidy(&dir.join(p)));
        let by_name = || self.own.iter().find(|(_, d)| read_manifest(d).as_ref().and_then(package_of).is_some_and(|(n, _)| n == *name)).map(|(_, d)| d.clone());
        let Some(place) = of_path.or_else(by_name) else { return };
        let lib = ecosystems::read(&compass_index::Disk, &place, "Cargo.toml").and_then(|m| m.name).unwrap_or_else(|| name.clone());
        match self.own.iter().find(|(_, d)| *d == place) {
            Some((other, _)) => found.between.extend(self.names(target, named, &lib).into_iter().map(|n| (unit, n, *other))),
            None => {
                if let Some(package) = self.package_at(target, &place, found) {
                    found.own.extend(self.names(target, named, &lib).into_iter().map(|n| (unit, n, package)));
                }
            }
        }
    }

    /// The names that code uses for a package.
    fn names(&self, target: usize, named: &[Named], library: &str) -> Vec<String> {
        let locked = &self.lock.package[target];
        let version = semver::Version::parse(&locked.version).ok();
        let meant = |n: &&Named| n.package == locked.name && version.as_ref().is_none_or(|v| n.requirement.as_ref().is_none_or(|r| r.matches(v)));
        let mut out: Vec<String> = named.iter().filter(meant).map(|n| if n.alias == n.package { code_name(library) } else { code_name(&n.alias) }).collect();
        if out.is_empty() {
            out.push(code_name(library));
        }
        out.sort();
        out.dedup();
        out
    }

    fn position(&self, name: &str, version: Option<&str>) -> Option<usize> {
        let all = self.by_name.get(name)?;
        let exact = version.and_then(|v| all.iter().find(|i| self.lock.package[**i].version == v));
        exact.or_else(|| all.iter().find(|i| self.lock.package[**i].source.is_none())).or_else(|| all.first()).copied()
    }

    /// `name`, `name version` or `name version (source)`.
    fn dependency(&self, text: &str) -> Option<usize> {
        let mut words = text.split(' ');
        let name = words.next()?;
        let version = words.next();
        let all = self.by_name.get(name)?;
        let fits = |i: &&usize| version.is_none_or(|v| self.lock.package[**i].version == v);
        let source = words.next().map(|s| s.trim_matches(['(', ')']));
        let exact = all.iter().filter(fits).find(|i| source.is_none_or(|s| self.lock.package[**i].source.as_deref() == Some(s)));
        exact.or_else(|| all.iter().find(fits)).copied()
    }

    /// A package of the lock file, with all it needs; `None` if it is not on the machine.
    fn package(&mut self, at: usize, found: &mut Found) -> Option<usize> {
        if let Some(known) = self.places.get(&at) {
            return *known;
        }
        let place = self.place(at);
        if place.is_none() {
            let locked = &self.lock.package[at];
            found.absent.insert(format!("{} {}", locked.name, locked.version));
        }
        match place {
            Some(place) => self.package_at(at, &place, found),
            None => {
                self.places.insert(at, None);
                None
            }
        }
    }

    fn package_at(&mut self, at: usize, place: &Path, found: &mut Found) -> Option<usize> {
        if let Some(known) = self.places.get(&at) {
            return *known;
        }
        let manifest = ecosystems::read(&compass_index::Disk, place, "Cargo.toml")?;
        let locked = &self.lock.package[at];
        let (base, dir) = self.base_of(place);
        let package = found.add(Package {
            ecosystem: CARGO,
            name: manifest.name.unwrap_or_else(|| locked.name.clone()),
            version: locked.version.clone(),
            base,
            dir,
            entries: manifest.entries,
            needs: self.library.to_vec(),
            files: None,
            language: None,
        });
        // Known before its needs are followed: development dependencies go in circles.
        self.places.insert(at, Some(package));
        let named = read_manifest(place).map(|m| dependencies_in(place, &m)).unwrap_or_default();
        for dependency in locked.dependencies.iter() {
            let Some(target) = self.dependency(dependency) else { continue };
            let needed = if self.lock.package[target].source.is_some() {
                self.package(target, found)
            } else {
                let path = named.iter().find(|n| n.package == self.lock.package[target].name).and_then(|n| n.path.clone());
                path.and_then(|p| self.package_at(target, &tidy(&place.join(p)), found))
            };
            let Some(needed) = needed else { continue };
            let names = self.names(target, &named, &found.packages[needed].name);
            found.packages[package].needs.extend(names.into_iter().map(|n| (n, needed)));
        }
        Some(package)
    }

    /// The folder that holds packages, and the package's below it.
    fn base_of(&self, place: &Path) -> (PathBuf, String) {
        let cargo = self.machine.first("cargo").map(PathBuf::as_path).unwrap_or(Path::new("/"));
        for (caches, depth) in [("registry/src", 1), ("git/checkouts", 0)] {
            let caches = cargo.join(caches);
            if let Ok(rest) = place.strip_prefix(&caches) {
                let mut parts = rest.components();
                let base = parts.by_ref().take(depth).fold(caches, |b, p| b.join(p));
                return (base, compass_index::plan::slashed(parts.as_path()));
            }
        }
        (place.to_owned(), String::new())
    }

    /// Where a package of the lock file stands.
    fn place(&self, at: usize) -> Option<PathBuf> {
        let locked = &self.lock.package[at];
        let source = locked.source.as_deref()?;
        let cargo = self.machine.first("cargo").map(PathBuf::as_path)?;
        if let Some(git) = source.strip_prefix("git+") {
            return checkout(&cargo.join("git/checkouts"), git, &locked.name);
        }
        let folder = format!("{}-{}", locked.name, locked.version);
        disk::entries(cargo.join("registry/src")).into_iter().map(|r| r.join(&folder)).find(|p| disk::is_file(p.join("Cargo.toml")))
    }
}

/// A package of a git repository: `repository-hash/revision`, and the folder whose manifest has the name.
fn checkout(checkouts: &Path, source: &str, name: &str) -> Option<PathBuf> {
    let (address, revision) = source.rsplit_once('#')?;
    let address = address.split('?').next()?;
    let repository = address.trim_end_matches('/').rsplit('/').next()?.trim_end_matches(".git");
    let name_of = |p: &PathBuf| p.file_name().and_then(|n| n.to_str()).map(str::to_owned);
    let is_of = |p: &PathBuf| name_of(p).is_some_and(|n| n.rsplit_once('-').is_some_and(|(n, _)| n == repository));
    let revisions = disk::entries(checkouts).into_iter().filter(is_of).flat_map(disk::entries);
    let at = revisions.into_iter().find(|p| name_of(p).is_some_and(|n| revision.starts_with(&n)))?;
    manifest_of(&at, name, 3)
}

/// The folder at or below `dir` whose manifest has the name.
fn manifest_of(dir: &Path, name: &str, depth: u32) -> Option<PathBuf> {
    if read_manifest(dir).as_ref().and_then(package_of).is_some_and(|(n, _)| n == name) {
        return Some(dir.to_owned());
    }
    if depth == 0 {
        return None;
    }
    let folders = disk::entries(dir).into_iter().filter(|p| disk::is_folder(p) && !p.ends_with(".git"));
    folders.into_iter().find_map(|f| manifest_of(&f, name, depth - 1))
}

fn read_manifest(dir: &Path) -> Option<toml::Table> {
    disk::read_text(dir.join("Cargo.toml")).ok()?.parse().ok()
}

/// The package's name and version; the version may be the workspace's.
fn package_of(manifest: &toml::Table) -> Option<(String, Option<String>)> {
    let package = manifest.get("package")?;
    Some((package.get("name")?.as_str()?.to_owned(), package.get("version").and_then(|v| v.as_str()).map(str::to_owned)))
}

/// All dependencies that a manifest names, those for some systems too.
fn dependencies(manifest: &toml::Table) -> Vec<Named> {
    const TABLES: [&str; 3] = ["dependencies", "dev-dependencies", "build-dependencies"];
    let mut tables: Vec<&toml::Table> = TABLES.iter().filter_map(|t| manifest.get(*t)?.as_table()).collect();
    let targets = manifest.get("target").and_then(|t| t.as_table()).into_iter().flat_map(|t| t.values());
    for target in targets.filter_map(|t| t.as_table()) {
        tables.extend(TABLES.iter().filter_map(|t| target.get(*t)?.as_table()));
    }
    tables.into_iter().flatten().map(|(alias, value)| named(alias, value)).collect()
}

/// The same, those that a manifest takes over from its workspace with the paths of that.
fn dependencies_in(dir: &Path, manifest: &toml::Table) -> Vec<Named> {
    let mut all = dependencies(manifest);
    if all.iter().all(|n| !n.inherited) {
        return all;
    }
    let tops = dir.ancestors().filter_map(|d| Some((d, read_manifest(d)?)));
    let Some((top, workspace)) = tops.into_iter().find(|(_, m)| m.contains_key("workspace")) else { return all };
    let shared = workspace.get("workspace").and_then(|w| w.get("dependencies")).and_then(|d| d.as_table());
    for own in all.iter_mut().filter(|n| n.inherited) {
        let Some(value) = shared.and_then(|s| s.get(&own.alias)) else { continue };
        let from = named(&own.alias, value);
        let path = from.path.map(|p| top.join(p).to_string_lossy().into_owned());
        *own = Named { path, ..from };
    }
    all
}

fn named(alias: &str, value: &toml::Value) -> Named {
    let field = |name: &str| value.get(name).and_then(|v| v.as_str());
    let requirement = value.as_str().or_else(|| field("version")).and_then(|v| semver::VersionReq::parse(v).ok());
    let inherited = value.get("workspace").and_then(toml::Value::as_bool) == Some(true);
    Named { alias: alias.to_owned(), package: field("package").unwrap_or(alias).to_owned(), requirement, path: field("path").map(str::to_owned), inherited }
}

/// The name of a crate as code writes it.
fn code_name(name: &str) -> String {
    name.replace('-', "_")
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn manifests_name_dependencies_with_other_names_and_for_some_systems() {
        let manifest: toml::Table = "
            [dependencies]
            rack = '1'
            old-rack = { package = 'rack', version = '0.9' }
            wash = { path = '../wash' }
            [target.'cfg(unix)'.dev-dependencies]
            salt = { version = '2', features = ['fine'] }
        "
        .parse()
        .expect("a manifest");
        let all = dependencies(&manifest);
        let of = |alias: &str| all.iter().find(|n| n.alias == alias).expect("named");
        assert_eq!((of("rack").package.as_str(), of("old-rack").package.as_str()), ("rack", "rack"));
        let old = of("old-rack").requirement.as_ref().expect("a requirement");
        assert!(old.matches(&"0.9.4".parse().expect("a version")) && !old.matches(&"1.0.0".parse().expect("a version")));
        assert_eq!(of("wash").path.as_deref(), Some("../wash"));
        assert_eq!(all.len(), 4);
    }

    #[test]
    fn what_the_workspace_says_of_a_dependency_counts() {
        let dir = tempfile::tempdir().expect("a folder");
        let top = dir.path();
        std::fs::create_dir_all(top.join("crates/wash")).expect("folders");
        let workspace =
            "[workspace]\nmembers = ['crates/*']\n[workspace.dependencies]\nrack = { path = 'crates/rack' }\nsalt = { package = 'sea-salt', version = '2' }\n";
        std::fs::write(top.join("Cargo.toml"), workspace).expect("a file");
        let manifest: toml::Table =
            "[dependencies]\nrack.workspace = true\nsalt = { workspace = true, features = ['fine'] }\noil = '1'\n".parse().expect("a manifest");
        let all = dependencies_in(&top.join("crates/wash"), &manifest);
        let of = |alias: &str| all.iter().find(|n| n.alias == alias).expect("named");
        assert_eq!(of("rack").path.as_deref(), Some(&*top.join("crates/rack").to_string_lossy()));
        assert_eq!((of("salt").package.as_str(), of("salt").requirement.is_some()), ("sea-salt", true));
        assert!(!of("oil").inherited && of("oil").path.is_none());
    }

    #[test]
    fn checkouts_are_found_by_revision_and_name() {
        let dir = tempfile::tempdir().expect("a folder");
        let place = dir.path().join("larder-0123456789abcdef/fedcba9/crates/rack");
        std::fs::create_dir_all(&place).expect("folders");
        std::fs::write(place.join("Cargo.toml"), "[package]\nname = 'rack'\nversion = '0.1.0'\n").expect("a file");
        let source = "https://git.example.org/hollow/larder.git?branch=main#fedcba98765432100123";
        assert_eq!(checkout(dir.path(), source, "rack"), Some(place));
        assert_eq!(checkout(dir.path(), source, "wash"), None);
        assert_eq!(checkout(dir.path(), "https://git.example.org/hollow/larder#aaaa", "rack"), None);
    }

    #[test]
    fn workspace_manifests_without_a_package_are_no_unit() {
        assert_eq!(manifest("[workspace]\nmembers = []"), None);
    }

    #[test]
    fn a_renamed_library_is_known_by_its_new_name() {
        let found = manifest("[package]\nname = 'oak-rack'\nversion = '1.2.0'\n[lib]\nname = 'rack'\npath = 'core.rs'").expect("package");
        assert_eq!((found.name.as_deref(), found.entries[0].as_str()), (Some("rack"), "core.rs"));
    }
}
