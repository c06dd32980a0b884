//! What is linked first when a change reaches very many files: what changed, and what was read last.
//!
//! That makes a generation of its own within about the time a small change takes; the others keep their links of before until all is
//! linked, and the generation says how many they are.

use super::incremental::{self, Before};
use super::{AffectedFiles, Request, has_same_files};
use crate::FileId;
use crate::store::Generation;

/// More changed files than this are linked with all others.
const MANY_CHANGED: usize = 500;
/// So many of the files that were read last are linked first.
const MOST_READ: usize = 100;

/// The files to link first, of those that can be, and how many wait; nothing where all are linked soon, or nobody reads.
pub(super) fn first(
    request: &Request,
    before: &Before,
    overview: &Generation,
    reach: &AffectedFiles,
    can_be: &dyn Fn(&FileId) -> bool,
) -> Option<(Vec<FileId>, u64)> {
    let old = before.overview;
    let all = match reach {
        AffectedFiles::Files(files) => files.len(),
        AffectedFiles::Everything(_) => overview.files.len(),
    };
    let is_large = all > request.many_files.unwrap_or(incremental::MANY_FILES);
    if request.read_last.is_empty() || !is_large || !old.linked || old.pending > 0 || before.changed.len() > MANY_CHANGED || !has_same_files(old, overview) {
        return None;
    }
    let is_reached = |f: &FileId| match reach {
        AffectedFiles::Files(files) => files.binary_search(f).is_ok(),
        AffectedFiles::Everything(_) => true,
    };
    let read = request.read_last.iter().copied().filter(is_reached).take(MOST_READ);
    let mut files: Vec<FileId> = before.changed.iter().map(|c| c.file).chain(read).filter(can_be).collect();
    files.sort_unstable();
    files.dedup();
    let waiting = all.saturating_sub(files.len()) as u64;
    (waiting > 0 && !files.is_empty()).then_some((files, waiting))
}
