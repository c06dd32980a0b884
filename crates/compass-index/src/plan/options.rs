//! What a build is set to as long as nobody sets anything, as the files of the build say it.

use super::Plan;
use super::ecosystems::known;
use crate::tree::Tree;
use std::path::Path;

/// More files of a build are not read: those nearest to the root come first.
const MAX_FILES: usize = 2_000;
/// A file of a build that is longer is no file that people write.
const MAX_BYTES: u64 = 1 << 20;

/// Reads the files of builds under the first root.
pub(super) fn add(plan: &mut Plan, tree: &dyn Tree) {
    let mut own: Vec<(&str, &Path)> = plan.files.iter().filter(|f| f.root == 0 && f.bytes <= MAX_BYTES).map(|f| (f.path.as_str(), f.full.as_path())).collect();
    own.retain(|(path, _)| known().iter().any(|e| e.0.names_options(name_of(path), true)));
    own.sort_unstable_by_key(|(path, _)| (path.matches('/').count(), *path));
    let build = &mut plan.build;
    for (path, _) in own.iter().filter(|(path, _)| known().iter().any(|e| e.0.names_options(name_of(path), false))) {
        let folder = path.rsplit_once('/').map_or("", |p| p.0);
        if !build.option_folders.iter().any(|outer| is_below(folder, outer)) {
            build.option_folders.push(folder.to_owned());
        }
    }
    own.retain(|(path, _)| build.option_folders.iter().any(|folder| is_below(path, folder)));
    own.truncate(MAX_FILES);
    for ecosystem in known() {
        let meant = own.iter().filter(|(path, _)| ecosystem.0.names_options(name_of(path), true));
        let texts: Vec<(String, String)> = meant.filter_map(|(path, full)| Some(((*path).to_owned(), tree.text(full).ok()?))).collect();
        if !texts.is_empty() {
            ecosystem.0.take_options(&texts, build);
        }
    }
}

/// May a file that was written say something else of a build now? Only those of the plan's own build do, and those that begin one.
pub(super) fn may_change(plan: &Plan, path: &Path) -> bool {
    let name = path.file_name().map(|n| n.to_string_lossy()).unwrap_or_default();
    let is_of_build = || {
        let inside = plan.roots.first().and_then(|root| path.strip_prefix(root).ok());
        inside.map(super::slashed).is_some_and(|inside| plan.build.option_folders.iter().any(|folder| is_below(&inside, folder)))
    };
    known().iter().any(|e| e.0.names_options(&name, false) || e.0.names_options(&name, true) && is_of_build())
}

fn name_of(path: &str) -> &str {
    path.rsplit('/').next().unwrap_or(path)
}

/// Is a path the folder, or something below it? Both with `/`, relative to the same root; the root itself is the empty path.
#[must_use]
pub fn is_below(path: &str, folder: &str) -> bool {
    folder.is_empty() || path.strip_prefix(folder).is_some_and(|rest| rest.is_empty() || rest.starts_with('/'))
}
