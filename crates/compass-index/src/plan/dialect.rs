//! C or C++? Sources say it by their ending; headers serve both.

use super::PlannedFile;
use super::walk::ancestors;
use compass_facts::Language;
use rayon::prelude::*;
use rustc_hash::FxHashMap;
use std::path::Path;

/// What an earlier run found out about the beginning of a header that has not changed since.
pub type Known<'k> = dyn Fn(&PlannedFile) -> Option<bool> + Sync + 'k;

/// Where there is C++ at all, a header that reads like it, or that only C++ stands around, is C++.
pub(super) fn settle(files: &mut [PlannedFile], known: &Known) {
    if !files.iter().any(|f| f.language == Language::Cpp) {
        return;
    }
    let mut counts: FxHashMap<(usize, &str), (u32, u32)> = FxHashMap::default();
    for file in files.iter() {
        let sources = match (file.language, is_header(&file.path)) {
            (Language::Cpp, _) => (0, 1),
            (Language::C, false) => (1, 0),
            _ => continue,
        };
        for ancestor in ancestors(folder(&file.path)) {
            let entry = counts.entry((file.root, ancestor)).or_default();
            *entry = (entry.0 + sources.0, entry.1 + sources.1);
        }
    }
    let only_cpp = |file: &PlannedFile| {
        let around = ancestors(folder(&file.path)).find_map(|a| counts.get(&(file.root, a)));
        around.is_some_and(|(c, cpp)| *c == 0 && *cpp > 0)
    };
    let headers: Vec<usize> = (0..files.len()).filter(|i| files[*i].language == Language::C && is_header(&files[*i].path)).collect();
    // Most of the time goes into opening files.
    let verdict = |i: &usize| {
        let reads_cpp = known(&files[*i]).unwrap_or_else(|| reads_like_cpp(&files[*i].full));
        (*i, reads_cpp, reads_cpp || only_cpp(&files[*i]))
    };
    let found: Vec<(usize, bool, bool)> = headers.par_iter().map(verdict).collect();
    for (i, reads_cpp, is_cpp) in found {
        files[i].reads_cpp = Some(reads_cpp);
        if is_cpp {
            files[i].language = Language::Cpp;
        }
    }
}

pub(super) fn reads_like_cpp(path: &Path) -> bool {
    head_of(path).is_ok_and(|b| compass_facts::looks_like_cpp(&String::from_utf8_lossy(&b)))
}

/// The beginning of a file: every plan may look at it, so it must not cost a whole reading.
fn head_of(path: &Path) -> std::io::Result<Vec<u8>> {
    crate::disk::head(path, 64 << 10)
}

fn folder(path: &str) -> &str {
    path.rsplit_once('/').map_or("", |(d, _)| d)
}

pub(super) fn is_header(path: &str) -> bool {
    path.ends_with(".h") || path.ends_with(".H") || path.ends_with(".inc")
}
