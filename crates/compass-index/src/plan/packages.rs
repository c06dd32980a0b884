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

use super::ecosystems::{Ecosystem, known};
use super::{Deps, Machine, Plan, PlannedFile, PlannedUnit, Skip};
use crate::tree::{Enter, Entry, IgnoreFiles, Kind, Tree, Walk};
use compass_facts::Cancel;
use rustc_hash::{FxHashMap, FxHashSet};
use std::path::{Path, PathBuf};
use std::sync::{Arc, Mutex};

/// A package in its place.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Package {
    /// Where it comes from.
    pub ecosystem: Ecosystem,
    /// Its name.
    pub name: String,
    /// Its version.
    pub version: String,
    /// The folder that holds packages.
    pub base: PathBuf,
    /// Its own below that, with `/`.
    pub dir: String,
    /// Files a plain import may mean.
    pub entries: Vec<String>,
    /// What its code means by names of others.
    pub needs: Vec<(String, usize)>,
    /// Files, where the package shares its folder with others.
    pub files: Option<Vec<PathBuf>>,
    /// The language of files whose names say none.
    pub language: Option<compass_facts::Language>,
}

impl Package {
    /// Some files of a folder, under a name.
    #[must_use]
    pub fn of_files(ecosystem: Ecosystem, name: &str, base: &Path, files: Vec<PathBuf>) -> Package {
        let (entries, needs) = (Vec::new(), Vec::new());
        Package {
            ecosystem,
            name: name.to_owned(),
            version: String::new(),
            base: base.to_owned(),
            dir: String::new(),
            entries,
            needs,
            files: Some(files),
            language: None,
        }
    }

    /// Where it stands.
    #[must_use]
    pub fn full(&self) -> PathBuf {
        self.base.join(&self.dir)
    }
}

/// What the finders found.
#[derive(Debug, Default)]
pub struct Found {
    /// The packages.
    pub packages: Vec<Package>,
    by_place: FxHashMap<PathBuf, usize>,
    /// Own unit, the name its code uses, package.
    pub own: Vec<(usize, String, usize)>,
    /// Own unit, the name its code uses, own unit.
    pub between: Vec<(usize, String, usize)>,
    /// Own units whose needs are all known.
    pub known: FxHashSet<usize>,
    /// Packages that are named and not on the machine.
    pub absent: std::collections::BTreeSet<String>,
}

impl Found {
    /// Adds a package once.
    pub fn add(&mut self, package: Package) -> usize {
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
pub(super) fn add(plan: &mut Plan, tree: &dyn Tree, machine: &Machine, deps: Deps, cancel: &Cancel) {
    let mut found = Found::default();
    let (last, first): (Vec<Ecosystem>, Vec<Ecosystem>) = known().iter().partition(|e| e.0.comes_last());
    for ecosystem in first.into_iter().chain(last) {
        ecosystem.0.find(plan, machine, &mut found);
    }
    mount(plan, tree, found, deps, cancel);
}

/// Adds what own units mean by the names of other own ones; no package outside the roots is looked for.
pub(super) fn add_own(plan: &mut Plan) {
    for (unit, name, other) in known().iter().flat_map(|e| e.0.beside(plan)).collect::<Vec<_>>() {
        if !plan.units[unit].needs.iter().any(|n| n.0 == name) {
            plan.units[unit].needs.push((name, other));
        }
    }
}

/// Makes units and files of what was found.
fn mount(plan: &mut Plan, tree: &dyn Tree, found: Found, deps: Deps, cancel: &Cancel) {
    let wanted = found.wanted(deps);
    let mut units: FxHashMap<usize, usize> = FxHashMap::default();
    let mut order: Vec<usize> = wanted.into_iter().collect();
    order.sort_by(|a, b| place(&found.packages[*a]).cmp(&place(&found.packages[*b])));
    for at in order {
        if cancel.is_cancelled() {
            return;
        }
        let package = &found.packages[at];
        if crate::tree::disk::is_too_wide(&package.full()) && package.files.is_none() {
            plan.warnings.push(format!("{}: a manifest names {} for it, which is half of this machine: not followed", package.name, package.full().display()));
            continue;
        }
        let root = root_of(plan, &package.base);
        let unit = plan.units.len();
        let mut files = match &package.files {
            Some(files) => files.clone(),
            None => files_below(tree, &package.full(), package.ecosystem),
        };
        if files.len() > MOST_FILES {
            plan.warnings.push(format!("{}: {} holds more than {MOST_FILES} files: the rest is left out", package.name, package.full().display()));
            files.truncate(MOST_FILES);
        }
        let before = plan.files.len();
        plan.files.extend(files.iter().filter_map(|f| planned_in(tree, f, &package.base, package.language, root, unit)));
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
pub(super) fn root_of(plan: &mut Plan, base: &Path) -> usize {
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

/// The files of a package of its own folder. Ignore files are of no matter: what is there was brought.
#[must_use]
pub fn files_below(tree: &dyn Tree, dir: &Path, ecosystem: Ecosystem) -> Vec<PathBuf> {
    let enter: Enter = Arc::new(move |_, e| {
        let name = e.path.file_name().unwrap_or_default().to_string_lossy();
        let is_foreign = |k: &Ecosystem| {
            let folders = [k.0.built_folders(), k.0.foreign_folders()].concat();
            folders.contains(&&*name) || k.0.package_folders().contains(&&*name) && name != "vendor"
        };
        !(e.kind == Kind::Folder && (known().iter().any(is_foreign) || ecosystem.0.is_apart(e.path)))
    });
    let found = Mutex::new(Vec::new());
    let visit = |entry: Option<&Entry>| {
        let mut found = found.lock().unwrap_or_else(|e| e.into_inner());
        found.extend(entry.filter(|e| e.kind == Kind::File).map(|e| e.path.to_owned()));
        found.len() <= MOST_FILES
    };
    tree.walk(&Walk { top: dir.to_owned(), ignore: IgnoreFiles::ShowAllButHidden, enter }, &visit);
    let mut found = found.into_inner().unwrap_or_else(|e| e.into_inner());
    found.sort();
    found
}

/// A file as it is planned; `None` without a known language.
pub(super) fn planned_in(
    tree: &dyn Tree,
    full: &Path,
    base: &Path,
    language: Option<compass_facts::Language>,
    root: usize,
    unit: usize,
) -> Option<PlannedFile> {
    let language = full.file_name().and_then(|n| n.to_str()).and_then(compass_facts::Language::of_name).or(language)?;
    let meta = tree.meta(full).ok()?;
    let path = super::slashed(full.strip_prefix(base).ok()?);
    Some(PlannedFile {
        unit,
        root,
        path,
        full: full.to_owned(),
        language,
        bytes: meta.bytes,
        mtime_ns: meta.mtime_ns,
        inode: meta.inode,
        reads_as_sibling: None,
    })
}

/// The own units of an ecosystem with their folders.
#[must_use]
pub fn own_units(plan: &Plan, ecosystem: Ecosystem) -> Vec<(usize, PathBuf)> {
    let is_own = |u: &PlannedUnit| u.own && u.ecosystem == ecosystem;
    plan.units.iter().enumerate().filter(|(_, u)| is_own(u)).map(|(i, u)| (i, plan.roots[u.root].join(&u.dir))).collect()
}
