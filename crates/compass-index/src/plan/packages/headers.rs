//! Headers of the system and of libraries outside the roots: those that own files include, and what these include.
//!
//! Which headers are needed is told by the text of the files alone: lines that begin with `#include`. Branches of conditionals are no matter;
//! a header too many does no harm.

use super::{Found, Package};
use crate::plan::manifests::Ecosystem;
use crate::plan::{Machine, Plan, Skip};
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
    let folders: Vec<PathBuf> = plan.build.outside_folders.iter().cloned().chain(machine.headers.iter().cloned()).collect();
    let own: Vec<&crate::plan::PlannedFile> = plan.files.iter().filter(|f| f.language.is_c_family()).collect();
    if folders.is_empty() || own.is_empty() {
        return;
    }
    if own.len() > MAX_FILES {
        let (count, example) = (own.len() as u64, own[0].path.clone());
        plan.skipped.push((Skip::HeadersOutside, count, example));
        return;
    }
    let mut open: Vec<PathBuf> = own.iter().map(|f| f.full.clone()).collect();
    let mut headers: FxHashSet<PathBuf> = FxHashSet::default();
    while let Some(file) = open.pop() {
        for (path, system) in includes_of(&file) {
            let beside = file.parent().map(|d| super::tidy(&d.join(&path))).filter(|p| !system && p.is_file());
            let place = beside.or_else(|| folders.iter().map(|f| f.join(&path)).find(|p| p.is_file()));
            let Some(place) = place.filter(|p| plan.roots.iter().all(|r| !p.starts_with(r)) && headers.len() < MAX_HEADERS) else { continue };
            if headers.insert(place.clone()) {
                open.push(place);
            }
        }
    }
    mount(plan, &folders, headers, found);
}

/// One package for each folder of headers.
fn mount(plan: &Plan, folders: &[PathBuf], headers: FxHashSet<PathBuf>, found: &mut Found) {
    let mut headers: Vec<PathBuf> = headers.into_iter().collect();
    headers.sort();
    let users: Vec<usize> = (0..plan.units.len()).filter(|u| plan.files.iter().any(|f| f.unit == *u && f.language.is_c_family())).collect();
    // The innermost folder that holds a header is the one it belongs to.
    let base_of = |h: &Path| folders.iter().filter(|f| h.starts_with(f)).max_by_key(|f| f.components().count()).cloned();
    let mut bases: Vec<PathBuf> = headers.iter().filter_map(|h| base_of(h)).collect();
    bases.sort();
    bases.dedup();
    for base in bases {
        let files = headers.iter().filter(|h| base_of(h).as_ref() == Some(&base)).cloned().collect();
        let package = found.add(Package::of_files(Ecosystem::Plain, &format!("headers of {}", base.display()), &base, files));
        found.own.extend(users.iter().map(|u| (*u, base.display().to_string(), package)));
    }
}

/// The paths that a file includes, and whether in angles.
fn includes_of(file: &Path) -> Vec<(String, bool)> {
    let mut bytes = Vec::new();
    let read = std::fs::File::open(file).and_then(|f| std::io::Read::read_to_end(&mut std::io::Read::take(f, LOOKED_AT), &mut bytes));
    if read.is_err() {
        return Vec::new();
    }
    let mut out = Vec::new();
    for at in memchr::memmem::find_iter(&bytes, b"include") {
        let before = bytes[..at].iter().rev().find(|b| !matches!(b, b' ' | b'\t'));
        if before != Some(&b'#') {
            continue;
        }
        let rest = String::from_utf8_lossy(&bytes[at + 7..bytes.len().min(at + 300)]);
        let rest = rest.strip_prefix("_next").unwrap_or(&rest).trim_start_matches([' ', '\t']);
        let close = match rest.chars().next() {
            Some('<') => '>',
            Some('"') => '"',
            _ => continue,
        };
        if let Some((path, _)) = rest[1..].split_once(close).filter(|(p, _)| !p.contains('\n')) {
            out.push((path.to_owned(), close == '>'));
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
        let wanted = [("rack.h", true), ("wash/salt.h", false), ("next.h", true)].map(|(p, s)| (p.to_owned(), s));
        assert_eq!(includes_of(&file), wanted);
        assert_eq!(includes_of(&dir.path().join("gone.c")), []);
    }
}
