//! Headers of the system and of libraries outside the roots: those that own files include, and what these include.
//!
//! Which headers are needed is told by the text of the files alone: lines that begin with `#include`. Branches of conditionals are no matter;
//! a header too many does no harm.

use super::{Found, Package};
use crate::plan::manifests::Ecosystem;
use crate::plan::{Machine, Plan, Skip, is_of_cpp};
use rustc_hash::FxHashSet;
use std::path::{Path, PathBuf};

/// So much of a file is looked through: includes stand at the top.
const LOOKED_AT: u64 = 256 << 10;
/// In a tree with more files than this nobody looks for what they include outside: it is mostly self-contained, and reading it takes seconds.
const MAX_FILES: usize = 10_000;
/// More headers than this are not followed.
const MAX_HEADERS: usize = 20_000;

/// Finds headers in the folders of the compiler and in folders that the build names outside the roots.
pub(super) fn find(plan: &mut Plan, machine: &Machine, found: &mut Found) {
    let named = plan.build.outside_folders.iter().filter(|f| !crate::disk::is_too_wide(f));
    let folders: Vec<PathBuf> = named.cloned().chain(machine.headers.iter().cloned()).collect();
    let own: Vec<&crate::plan::PlannedFile> = plan.files.iter().filter(|f| crate::link::hangs_on_includes(f.language)).collect();
    if folders.is_empty() || own.is_empty() {
        return;
    }
    if own.len() > MAX_FILES {
        let (count, example) = (own.len() as u64, own[0].path.clone());
        plan.skipped.push((Skip::HeadersOutside, count, example));
        return;
    }
    // Headers of a tree with C++ may be of either language: C++ finds what C does.
    let has_cpp = own.iter().any(|f| f.language.stored_word() == "cpp");
    let is_cpp = |f: &crate::plan::PlannedFile| f.language.stored_word() == "cpp" || has_cpp && f.path.ends_with(".h");
    let mut open: Vec<(PathBuf, bool)> = own.iter().map(|f| (f.full.clone(), is_cpp(f))).collect();
    let mut seen: FxHashSet<(PathBuf, bool)> = FxHashSet::default();
    while let Some((file, cpp)) = open.pop() {
        for include in includes_of(&file) {
            let beside = file.parent().map(|d| super::tidy(&d.join(&include.path))).filter(|p| !include.system && p.is_file());
            let place = beside.or_else(|| in_folders(&folders, &file, &include, cpp));
            let Some(place) = place.filter(|p| plan.roots.iter().all(|r| !p.starts_with(r)) && seen.len() < MAX_HEADERS) else { continue };
            if seen.insert((place.clone(), cpp)) {
                open.push((place, cpp));
            }
        }
    }
    mount(plan, &folders, seen.into_iter().map(|s| s.0).collect(), found);
}

/// Where a header stands; one that is asked for once more, behind the folder of the file that asks.
fn in_folders(folders: &[PathBuf], file: &Path, include: &Include, cpp: bool) -> Option<PathBuf> {
    let own = folders.iter().position(|f| Some(f) == innermost(folders, file)).filter(|_| include.next);
    let usable = folders.iter().skip(own.map_or(0, |at| at + 1)).filter(|f| cpp || !is_of_cpp(f));
    usable.map(|f| f.join(&include.path)).find(|p| p.is_file())
}

/// The folder that a header belongs to.
fn innermost<'f>(folders: &'f [PathBuf], header: &Path) -> Option<&'f PathBuf> {
    folders.iter().filter(|f| header.starts_with(f)).max_by_key(|f| f.components().count())
}

/// One package for each folder of headers; the folders stay in their order.
fn mount(plan: &mut Plan, folders: &[PathBuf], headers: std::collections::BTreeSet<PathBuf>, found: &mut Found) {
    let users: Vec<usize> = (0..plan.units.len()).filter(|u| plan.files.iter().any(|f| f.unit == *u && crate::link::hangs_on_includes(f.language))).collect();
    plan.build.outside_folders.clear();
    for base in folders {
        let files: Vec<PathBuf> = headers.iter().filter(|h| innermost(folders, h) == Some(base)).cloned().collect();
        if files.is_empty() || plan.build.outside_folders.contains(base) {
            continue;
        }
        plan.build.outside_folders.push(base.clone());
        let package = found.add(Package::of_files(Ecosystem::Plain, &format!("headers of {}", base.display()), base, files));
        found.own.extend(users.iter().map(|u| (*u, base.display().to_string(), package)));
    }
}

/// A line that includes.
#[derive(Debug, PartialEq)]
struct Include {
    path: String,
    /// In angles?
    system: bool,
    /// `#include_next`: the next one of that name.
    next: bool,
}

/// What a file includes.
fn includes_of(file: &Path) -> Vec<Include> {
    let Ok(bytes) = crate::disk::head(file, LOOKED_AT) else { return Vec::new() };
    let mut out = Vec::new();
    for at in memchr::memmem::find_iter(&bytes, b"include") {
        let before = bytes[..at].iter().rev().find(|b| !matches!(b, b' ' | b'\t'));
        if before != Some(&b'#') {
            continue;
        }
        let rest = String::from_utf8_lossy(&bytes[at + 7..bytes.len().min(at + 300)]);
        let next = rest.strip_prefix("_next");
        let rest = next.unwrap_or(&rest).trim_start_matches([' ', '\t']);
        let close = match rest.chars().next() {
            Some('<') => '>',
            Some('"') => '"',
            _ => continue,
        };
        if let Some((path, _)) = rest[1..].split_once(close).filter(|(p, _)| !p.contains('\n')) {
            out.push(Include { path: path.to_owned(), system: close == '>', next: next.is_some() });
        }
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn includes_are_read_off_the_text() {
        let dir = tempfile::tempdir().expect("a folder");
        let file = dir.path().join("a.c");
        std::fs::write(&file, "#include <rack.h>\n # include \"wash/salt.h\"\n#include_next <next.h>\n// include <no.h>\n#include MACRO\n#include \"open\n")
            .expect("a file");
        let wanted = [("rack.h", true, false), ("wash/salt.h", false, false), ("next.h", true, true)];
        let wanted = wanted.map(|(path, system, next)| Include { path: path.to_owned(), system, next });
        assert_eq!(includes_of(&file), wanted);
        assert_eq!(includes_of(&dir.path().join("gone.c")), []);
    }
}
