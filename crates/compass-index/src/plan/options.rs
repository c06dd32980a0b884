//! What a build is set to as long as nobody sets anything, as the files of the build say it.

use super::Plan;
use super::ecosystems::known;
use crate::tree::Tree;

/// More files of a build are not read: a tree with more is many trees.
const MAX_FILES: usize = 2_000;
/// A file of a build that is longer is no file that people write.
const MAX_BYTES: u64 = 1 << 20;

/// Reads the files of builds under the roots that were asked for.
pub(super) fn add(plan: &mut Plan, tree: &dyn Tree) {
    for ecosystem in known() {
        let is_meant = |path: &str| ecosystem.0.names_options(path.rsplit('/').next().unwrap_or(path));
        let found = plan.files.iter().filter(|f| f.root < plan.own_roots && f.bytes <= MAX_BYTES && is_meant(&f.path)).take(MAX_FILES);
        let mut texts: Vec<(String, String)> = found.filter_map(|f| Some((f.path.clone(), tree.text(&f.full).ok()?))).collect();
        texts.sort_unstable();
        if !texts.is_empty() {
            ecosystem.0.take_options(&texts, &mut plan.build);
        }
    }
}
