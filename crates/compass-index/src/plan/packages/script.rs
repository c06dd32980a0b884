//! The declarations of JavaScript and TypeScript themselves: `lib.*.d.ts`, which come with the compiler of TypeScript.
//!
//! A compiler below the roots is walked with the other packages. This finds the one of a folder above (a package of a larger workspace is
//! read by itself), one whose declarations stand in a package that nobody asks for by name, and the one of the machine.

use super::{Found, Package};
use crate::plan::manifests::Ecosystem;
use crate::plan::{LANGUAGE_LIBRARY, Machine, Plan, brings_language};
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};

/// The file without which there are no declarations.
const FIRST: &str = "lib.es5.d.ts";

pub(super) fn find(plan: &Plan, machine: &Machine, found: &mut Found) {
    let scripts = plan.files.iter().filter(|f| f.language.profile().family == "script");
    let users: BTreeSet<usize> = scripts.map(|f| f.unit).filter(|u| plan.units[*u].own).collect();
    let is_there = plan.files.iter().any(|f| f.path.ends_with(FIRST) && brings_language(&plan.units[f.unit].name));
    if users.is_empty() || is_there {
        return;
    }
    let folders = users.iter().map(|u| plan.roots[plan.units[*u].root].join(&plan.units[*u].dir));
    let installed = folders.flat_map(|f| f.ancestors().map(Path::to_owned).collect::<Vec<_>>()).map(|f| f.join("node_modules"));
    let packages = installed.chain(machine.node_packages.iter().cloned());
    let first = |l: &PathBuf| l.join(FIRST).canonicalize().ok();
    let walked: BTreeSet<PathBuf> = plan.files.iter().filter(|f| f.path.ends_with(FIRST)).filter_map(|f| f.full.canonicalize().ok()).collect();
    if let Some(library) = packages.flat_map(|p| libraries(&p)).find(|l| first(l).is_some()) {
        // A compiler under another name that was walked stays what it is.
        if first(&library).is_some_and(|f| walked.contains(&f)) {
            return;
        }
        // Below a root the files are shown relative to it.
        let base = plan.roots.iter().find(|r| library.starts_with(r)).unwrap_or(&library);
        let package = library_package(base, &library);
        let at = found.add(package);
        found.own.extend(users.into_iter().map(|u| (u, LANGUAGE_LIBRARY.to_owned(), at)));
    }
}

/// Where the declarations may stand in a folder of packages: with the compiler, or in the package of its machine's program.
fn libraries(packages: &Path) -> Vec<PathBuf> {
    let compiler = packages.join("typescript");
    let Ok(real) = compiler.canonicalize() else { return Vec::new() };
    let beside = [Some(packages), real.parent()].into_iter().flatten().map(|p| p.join("@typescript"));
    let mut programs: Vec<PathBuf> = beside.flat_map(|b| std::fs::read_dir(b).into_iter().flatten().flatten().map(|e| e.path())).collect();
    programs.sort();
    std::iter::once(real).chain(programs).map(|p| p.join("lib")).collect()
}

fn library_package(base: &Path, library: &Path) -> Package {
    let is_part = |p: &PathBuf| p.file_name().and_then(|n| n.to_str()).is_some_and(|n| n.starts_with("lib.") && n.ends_with(".d.ts"));
    let mut files: Vec<PathBuf> = std::fs::read_dir(library).into_iter().flatten().flatten().map(|e| e.path()).filter(is_part).collect();
    files.sort();
    let version = library.parent().and_then(|p| crate::plan::manifests::read(p, "package.json")).and_then(|m| m.version);
    let dir = super::super::slashed(library.strip_prefix(base).unwrap_or(Path::new("")));
    Package { version: version.unwrap_or_default(), dir, ..Package::of_files(Ecosystem::Npm, LANGUAGE_LIBRARY, base, files) }
}
