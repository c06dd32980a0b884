//! Which of two languages that share endings? Most files say it by their ending; of the others their text does, or what stands around them.

use super::walk::ancestors;
use super::{PlannedFile, PlannedUnit};
use crate::tree::Tree;
use compass_facts::Language;
use compass_facts::profile::Sibling;
use rayon::prelude::*;
use rustc_hash::FxHashMap;
use std::path::Path;

/// So much of a file tells how it reads, in bytes: every plan may look at it, so it must not cost a whole reading.
const LOOKED_AT: u64 = 64 << 10;

/// What an earlier run found out about the beginning of a file that has not changed since.
pub type Known<'k> = dyn Fn(&PlannedFile) -> Option<bool> + Sync + 'k;

/// Where there is the other language at all, a file of a shared ending that reads like it, or that only it stands around, is in it.
pub(super) fn settle(files: &mut [PlannedFile], units: &[PlannedUnit], tree: &dyn Tree, known: &Known) {
    for language in Language::all() {
        if let Some(sibling) = &language.profile().sibling {
            settle_between(files, units, (*language, sibling), tree, known);
        }
    }
}

fn settle_between(files: &mut [PlannedFile], units: &[PlannedUnit], (one, sibling): (Language, &Sibling), tree: &dyn Tree, known: &Known) {
    let other = (sibling.language)();
    // Declarations that come with this program are what their endings say, and tell nothing of the code.
    let is_declared = |f: &PlannedFile| units[f.unit].is_declared();
    if !files.iter().any(|f| f.language == other && !is_declared(f)) {
        return;
    }
    let mut counts: FxHashMap<(usize, &str), (u32, u32)> = FxHashMap::default();
    for file in files.iter().filter(|f| !is_declared(f)) {
        let sources = match file.language {
            language if language == other => (0, 1),
            language if language == one && !(sibling.is_shared)(&file.path) => (1, 0),
            _ => continue,
        };
        for ancestor in ancestors(folder(&file.path)) {
            let entry = counts.entry((file.root, ancestor)).or_default();
            *entry = (entry.0 + sources.0, entry.1 + sources.1);
        }
    }
    let only_other = |file: &PlannedFile| {
        let around = ancestors(folder(&file.path)).find_map(|a| counts.get(&(file.root, a)));
        around.is_some_and(|(ones, others)| *ones == 0 && *others > 0)
    };
    let shared: Vec<usize> =
        (0..files.len()).filter(|i| files[*i].language == one && !is_declared(&files[*i]) && (sibling.is_shared)(&files[*i].path)).collect();
    // Most of the time goes into opening files.
    let verdict = |i: &usize| {
        let reads_so = known(&files[*i]).unwrap_or_else(|| reads_like(tree, &files[*i].full, sibling));
        (*i, reads_so, reads_so || only_other(&files[*i]))
    };
    let found: Vec<(usize, bool, bool)> = shared.par_iter().map(verdict).collect();
    for (i, reads_so, is_other) in found {
        files[i].reads_as_sibling = Some(reads_so);
        if is_other {
            files[i].language = other;
        }
    }
}

/// Does the beginning of a file read like the other language?
pub(super) fn reads_like(tree: &dyn Tree, path: &Path, sibling: &Sibling) -> bool {
    tree.head(path, LOOKED_AT).is_ok_and(|b| (sibling.reads_like)(&String::from_utf8_lossy(&b)))
}

/// The pair of languages that a file may be in one of, where both are among those of the plan.
pub(super) fn siblings(files: &[PlannedFile], units: &[PlannedUnit], path: &str) -> Option<&'static Sibling> {
    let pairs = Language::all().iter().filter_map(|l| l.profile().sibling.as_ref()).filter(|s| (s.is_shared)(path));
    pairs.into_iter().find(|s| files.iter().any(|f| f.language == (s.language)() && !units[f.unit].is_declared()))
}

fn folder(path: &str) -> &str {
    path.rsplit_once('/').map_or("", |(d, _)| d)
}
