//! Headers of the system and of libraries outside the roots: those that own files include, and what these include.
//!
//! Which headers are needed is told by the text of the files alone: lines that begin with `#include`. Branches of conditionals are no matter;
//! a header too many does no harm.

use compass_index::plan::ecosystems::{Ecosystem, Packaging};
use compass_index::plan::{BuildSettings, Environment};
use compass_index::plan::{Found, Package};
use compass_index::plan::{Machine, Plan, Skip};
use compass_index::tree::disk;
use rustc_hash::FxHashSet;
use std::path::{Path, PathBuf};

mod commands;
mod options;

pub use commands::defines_for;

/// Headers outside the roots, and what a build says of its compiler. They are packages without a manifest.
pub const HEADERS: Ecosystem = Ecosystem(&Headers);

struct Headers;

impl Packaging for Headers {
    fn word(&self) -> &'static str {
        "headers"
    }

    fn build_files(&self) -> &'static [&'static str] {
        &commands::PLACES
    }

    fn take_build(&self, text: &str, root: &Path, settings: &mut BuildSettings) -> Result<(), String> {
        let found = commands::read(text, root)?;
        settings.include_folders.extend(found.folders);
        settings.outside_folders.extend(found.outside);
        settings.defines.extend(found.defines);
        Ok(())
    }

    fn names_options(&self, file_name: &str, below_one: bool) -> bool {
        options::is_followed(file_name) || below_one && options::may_say_more(file_name)
    }

    fn take_options(&self, files: &[(String, String)], settings: &mut BuildSettings) {
        let found = options::read(files);
        settings.options.extend(found.options);
        settings.unbuilt_folders.extend(found.unbuilt);
        settings.spoken_of.get_or_insert_default().extend(options::spoken_of(files));
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        find(plan, machine, found);
    }

    fn comes_last(&self) -> bool {
        true
    }

    /// Folders that the compiler looks into, in its order.
    fn folders(&self, environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        vec![("headers", headers(environment))]
    }
}

/// Folders of headers in the order of the GNU compiler, those of C++ first.
fn headers(e: &Environment) -> Vec<PathBuf> {
    let include = e.system.join("usr/include");
    let newest = |folder: &Path| disk::entries(folder).into_iter().filter(|p| disk::is_folder(p)).max_by_key(|p| version_of(p));
    let mut out: Vec<PathBuf> = Vec::new();
    let triples: Vec<PathBuf> = disk::entries(e.system.join("usr/lib/gcc"));
    let triple = triples.first().and_then(|t| t.file_name()).map(PathBuf::from);
    if let Some(cpp) = newest(&include.join("c++")) {
        let version = cpp.file_name().map(PathBuf::from).unwrap_or_default();
        out.push(cpp.clone());
        out.extend(triple.as_ref().map(|t| include.join(t).join("c++").join(&version)));
        out.push(cpp.join("backward"));
    }
    out.extend(triples.first().and_then(|t| newest(t)).map(|v| v.join("include")));
    out.push(e.system.join("usr/local/include"));
    out.extend(triple.map(|t| include.join(t)));
    out.push(include);
    out.retain(|p| disk::is_folder(p));
    out
}

/// The version that a folder is called by.
fn version_of(folder: &Path) -> Vec<u32> {
    let name = folder.file_name().and_then(|n| n.to_str()).unwrap_or("");
    name.split('.').map(|n| n.parse().unwrap_or(0)).collect()
}
/// So much of a file is looked through: includes stand at the top.
const LOOKED_AT: u64 = 256 << 10;
/// In a tree with more files than this nobody looks for what they include outside: it is mostly self-contained, and reading it takes seconds.
const MAX_FILES: usize = 10_000;
/// More headers than this are not followed.
const MAX_HEADERS: usize = 20_000;

/// Finds headers in the folders of the compiler and in folders that the build names outside the roots.
fn find(plan: &mut Plan, machine: &Machine, found: &mut Found) {
    let named = plan.build.outside_folders.iter().filter(|f| !disk::is_too_wide(f));
    let folders: Vec<PathBuf> = named.cloned().chain(machine.all("headers").iter().cloned()).collect();
    let own: Vec<&compass_index::plan::PlannedFile> = plan.files.iter().filter(|f| f.language.is_kin_of(crate::C)).collect();
    if folders.is_empty() || own.is_empty() {
        return;
    }
    if own.len() > MAX_FILES {
        let (count, example) = (own.len() as u64, own[0].path.clone());
        plan.skipped.push((Skip::HeadersOutside, count, example));
        return;
    }
    // Headers of a tree with C++ may be of either language: C++ finds what C does.
    let has_cpp = own.iter().any(|f| f.language == crate::CPP);
    let is_cpp = |f: &compass_index::plan::PlannedFile| f.language == crate::CPP || has_cpp && f.path.ends_with(".h");
    let mut open: Vec<(PathBuf, bool)> = own.iter().map(|f| (f.full.clone(), is_cpp(f))).collect();
    let mut seen: FxHashSet<(PathBuf, bool)> = FxHashSet::default();
    while let Some((file, cpp)) = open.pop() {
        for include in includes_of(&file) {
            let beside = file.parent().map(|d| compass_index::plan::tidy(&d.join(&include.path))).filter(|p| !include.system && disk::is_file(p));
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
    usable.map(|f| f.join(&include.path)).find(|p| disk::is_file(p))
}

/// The folder that a header belongs to.
fn innermost<'f>(folders: &'f [PathBuf], header: &Path) -> Option<&'f PathBuf> {
    folders.iter().filter(|f| header.starts_with(f)).max_by_key(|f| f.components().count())
}

/// One package for each folder of headers; the folders stay in their order.
fn mount(plan: &mut Plan, folders: &[PathBuf], headers: std::collections::BTreeSet<PathBuf>, found: &mut Found) {
    let users: Vec<usize> = (0..plan.units.len()).filter(|u| plan.files.iter().any(|f| f.unit == *u && f.language.is_kin_of(crate::C))).collect();
    plan.build.outside_folders.clear();
    for base in folders {
        let files: Vec<PathBuf> = headers.iter().filter(|h| innermost(folders, h) == Some(base)).cloned().collect();
        if files.is_empty() || plan.build.outside_folders.contains(base) {
            continue;
        }
        plan.build.outside_folders.push(base.clone());
        let package = Package::of_files(Ecosystem::PLAIN, &format!("headers of {}", base.display()), base, files);
        // Headers are told by who includes them: those of C++ have no ending.
        let package = found.add(Package { language: Some(crate::CPP), ..package });
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
    let Ok(bytes) = disk::head(file, LOOKED_AT) else { return Vec::new() };
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

/// Do only programs of C++ look for headers in the folder?
pub(crate) fn is_of_cpp(folder: &Path) -> bool {
    folder.components().any(|c| c.as_os_str() == "c++")
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
