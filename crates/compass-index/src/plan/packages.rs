//! Packages that the own units depend on and that stand outside the roots: where each package manager keeps them.
//!
//! # How it works
//! A finder for each ecosystem reads manifests and lock files of the own units and follows them through the caches of the machine. It
//! gives packages (a folder each), and for each package and each own unit what its code means by the names of others. Folders that hold
//! many packages become further roots, so that every path stays relative to one.
//!
//! # Guarantees
//! Versions are those of the lock file, or what the package manager would have chosen; nothing is run, downloaded or written. A package
//! that a lock file names and that is not on the machine is counted with its name.

mod cargo;
mod go;
mod headers;
mod python;
mod script;

use super::manifests::Ecosystem;
use super::{Deps, Machine, Plan, PlannedFile, PlannedUnit, Skip, tidy};
use compass_facts::Cancel;
use rustc_hash::{FxHashMap, FxHashSet};
use std::path::{Path, PathBuf};

/// A package in its place.
#[derive(Debug, Clone, PartialEq, Eq)]
struct Package {
    ecosystem: Ecosystem,
    name: String,
    version: String,
    /// The folder that holds packages.
    base: PathBuf,
    /// Its own below that, with `/`.
    dir: String,
    /// Files a plain import may mean.
    entries: Vec<String>,
    /// What its code means by names of others.
    needs: Vec<(String, usize)>,
    /// Files, where the package shares its folder with others.
    files: Option<Vec<PathBuf>>,
}

impl Package {
    /// Some files of a folder, under a name.
    fn of_files(ecosystem: Ecosystem, name: &str, base: &Path, files: Vec<PathBuf>) -> Package {
        let (entries, needs) = (Vec::new(), Vec::new());
        Package { ecosystem, name: name.to_owned(), version: String::new(), base: base.to_owned(), dir: String::new(), entries, needs, files: Some(files) }
    }

    fn full(&self) -> PathBuf {
        self.base.join(&self.dir)
    }
}

/// What the finders found.
#[derive(Debug, Default)]
struct Found {
    packages: Vec<Package>,
    by_place: FxHashMap<PathBuf, usize>,
    /// Own unit, the name its code uses, package.
    own: Vec<(usize, String, usize)>,
    /// Own unit, the name its code uses, own unit.
    between: Vec<(usize, String, usize)>,
    /// Own units whose needs are all known.
    known: FxHashSet<usize>,
    /// Packages that are named and not on the machine.
    absent: std::collections::BTreeSet<String>,
}

impl Found {
    /// Adds a package once.
    fn add(&mut self, package: Package) -> usize {
        let place = package.full();
        if let Some(&known) = self.by_place.get(&place).filter(|k| self.packages[**k].files == package.files) {
            return known;
        }
        self.by_place.insert(place, self.packages.len());
        self.packages.push(package);
        self.packages.len() - 1
    }

    /// The packages that are wanted: all that the own units reach, or only those they name themselves.
    fn wanted(&self, deps: Deps) -> FxHashSet<usize> {
        let mut open: Vec<usize> = self.own.iter().map(|o| o.2).collect();
        let mut seen: FxHashSet<usize> = open.iter().copied().collect();
        if deps == Deps::Direct {
            return seen;
        }
        while let Some(at) = open.pop() {
            for (_, next) in &self.packages[at].needs {
                if seen.insert(*next) {
                    open.push(*next);
                }
            }
        }
        seen
    }
}

/// Adds the packages outside the roots to a plan. Those of npm stand below the roots: the walk finds them, and the links to them.
pub(super) fn add(plan: &mut Plan, machine: &Machine, deps: Deps, cancel: &Cancel) {
    let mut found = Found::default();
    cargo::find(plan, machine, &mut found);
    go::find(plan, machine, &mut found);
    python::find(plan, machine, &mut found);
    headers::find(plan, machine, &mut found);
    script::find(plan, machine, &mut found);
    mount(plan, found, deps, cancel);
}

/// Adds what own units mean by the names of other own ones; no package outside the roots is looked for.
pub(super) fn add_own(plan: &mut Plan) {
    for (unit, name, other) in cargo::beside_by_path(plan) {
        if !plan.units[unit].needs.iter().any(|n| n.0 == name) {
            plan.units[unit].needs.push((name, other));
        }
    }
}

/// Makes units and files of what was found.
fn mount(plan: &mut Plan, found: Found, deps: Deps, cancel: &Cancel) {
    let wanted = found.wanted(deps);
    let mut units: FxHashMap<usize, usize> = FxHashMap::default();
    let mut order: Vec<usize> = wanted.into_iter().collect();
    order.sort_by(|a, b| place(&found.packages[*a]).cmp(&place(&found.packages[*b])));
    for at in order {
        if cancel.is_cancelled() {
            return;
        }
        let package = &found.packages[at];
        if crate::disk::is_too_wide(&package.full()) && package.files.is_none() {
            plan.warnings.push(format!("{}: a manifest names {} for it, which is half of this machine: not followed", package.name, package.full().display()));
            continue;
        }
        let root = root_of(plan, &package.base);
        let unit = plan.units.len();
        let mut files = match &package.files {
            Some(files) => files.clone(),
            None => files_below(&package.full(), package.ecosystem),
        };
        if files.len() > MOST_FILES {
            plan.warnings.push(format!("{}: {} holds more than {MOST_FILES} files: the rest is left out", package.name, package.full().display()));
            files.truncate(MOST_FILES);
        }
        let before = plan.files.len();
        plan.files.extend(files.iter().filter_map(|f| planned(f, package, root, unit)));
        if plan.files.len() == before {
            continue;
        }
        units.insert(at, unit);
        plan.units.push(PlannedUnit {
            name: package.name.clone(),
            version: package.version.clone(),
            ecosystem: package.ecosystem,
            root,
            dir: package.dir.clone(),
            own: false,
            entries: package.entries.clone(),
            needs: Vec::new(),
            knows_needs: true,
        });
    }
    let mut needs: Vec<(usize, String, usize)> = found.between;
    needs.extend(found.own.iter().filter_map(|(unit, name, p)| Some((*unit, name.clone(), *units.get(p)?))));
    for (at, unit) in &units {
        needs.extend(found.packages[*at].needs.iter().filter_map(|(name, p)| Some((*unit, name.clone(), *units.get(p)?))));
    }
    needs.sort();
    needs.dedup();
    for (unit, name, target) in needs {
        plan.units[unit].needs.push((name, target));
    }
    for unit in found.known {
        plan.units[unit].knows_needs = true;
    }
    if let Some(first) = found.absent.iter().next() {
        plan.skipped.push((Skip::AbsentPackage, found.absent.len() as u64, first.clone()));
    }
}

fn place(package: &Package) -> (&PathBuf, &String, &String) {
    (&package.base, &package.dir, &package.name)
}

/// The root for a folder of packages, added if there is none.
fn root_of(plan: &mut Plan, base: &Path) -> usize {
    match plan.roots.iter().position(|r| r == base) {
        Some(known) => known,
        None => {
            plan.roots.push(base.to_owned());
            plan.roots.len() - 1
        }
    }
}

/// A package of more files is none: a manifest led elsewhere.
const MOST_FILES: usize = 100_000;

/// Folders of a package that hold nothing of it.
const FOREIGN: [&str; 6] = ["node_modules", "site-packages", "target", "testdata", "__pycache__", "dist-packages"];

/// The files of a package of its own folder. Ignore files are of no matter: what is there was brought.
fn files_below(dir: &Path, ecosystem: Ecosystem) -> Vec<PathBuf> {
    let mut builder = ignore::WalkBuilder::new(dir);
    builder.standard_filters(false).hidden(true).follow_links(false);
    let top = dir.to_owned();
    builder.filter_entry(move |e| {
        let name = e.file_name().to_string_lossy();
        let is_dir = e.file_type().is_some_and(|t| t.is_dir());
        // A module below another is a package of its own.
        let is_other = || ecosystem == Ecosystem::Go && e.path().join("go.mod").is_file();
        !(is_dir && e.path() != top && (FOREIGN.contains(&name.as_ref()) || is_other()))
    });
    builder.build().flatten().filter(|e| e.file_type().is_some_and(|t| t.is_file())).map(ignore::DirEntry::into_path).take(MOST_FILES + 1).collect()
}

/// A file as it is planned; `None` without a known language.
fn planned(full: &Path, package: &Package, root: usize, unit: usize) -> Option<PlannedFile> {
    // Headers are told by who includes them: those of C++ have no ending.
    let header = (package.ecosystem == Ecosystem::Plain).then(|| compass_facts::Language::all().iter().copied().find(|l| l.stored_word() == "cpp")).flatten();
    let language = full.file_name().and_then(|n| n.to_str()).and_then(compass_facts::Language::of_name).or(header)?;
    let meta = std::fs::metadata(full).ok()?;
    let (mtime_ns, inode) = super::look::stamps(&meta);
    let path = super::slashed(full.strip_prefix(&package.base).ok()?);
    Some(PlannedFile { unit, root, path, full: full.to_owned(), language, bytes: meta.len(), mtime_ns, inode, reads_as_sibling: None })
}

/// The own units of an ecosystem with their folders.
fn own_units(plan: &Plan, ecosystem: Ecosystem) -> Vec<(usize, PathBuf)> {
    let is_own = |u: &PlannedUnit| u.own && u.ecosystem == ecosystem;
    plan.units.iter().enumerate().filter(|(_, u)| is_own(u)).map(|(i, u)| (i, plan.roots[u.root].join(&u.dir))).collect()
}
