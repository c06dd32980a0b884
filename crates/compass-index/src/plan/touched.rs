//! The plan after some files were written, without a walk.
//!
//! Whoever watches the folders knows which paths something happened to. Where these are files of the plan and still are, the
//! plan is what it was but for their sizes and times. A new file, one that is gone, a manifest, an ignore file or a setting
//! change more than that: then there is no way around a walk.

use super::ecosystems::{ecosystem_of, known};
use super::{Plan, PlannedFile, dialect};
use crate::tree::{Kind, Tree};
use compass_facts::Language;
use rustc_hash::{FxHashMap, FxHashSet};
use std::path::{Path, PathBuf};

/// Endings of what editors leave beside a file for a while.
const PASSING: [&str; 7] = ["~", ".swp", ".swo", ".swx", ".tmp", ".bak", ".orig"];

/// So many paths outside the plan are looked at.
const MANY_UNKNOWN: usize = 20;

impl Plan {
    /// The plan after something happened to these paths; `None` where only a walk can tell.
    pub fn touched(&self, tree: &dyn Tree, paths: &[PathBuf]) -> Option<Plan> {
        let wanted: FxHashSet<&Path> = paths.iter().map(PathBuf::as_path).collect();
        let known = self.files.iter().enumerate().filter(|(_, f)| wanted.contains(f.full.as_path()));
        let known: FxHashMap<&Path, usize> = known.map(|(i, f)| (f.full.as_path(), i)).collect();
        // Each path that is not known is compared with all files: a walk is quicker than many of them.
        if wanted.len() - known.len() > MANY_UNKNOWN {
            return None;
        }
        let mut changed: Vec<(usize, (u64, i64, u64))> = Vec::new();
        for path in &wanted {
            match known.get(path) {
                Some(at) => changed.push((*at, self.looked_at(tree, &self.files[*at])?)),
                None if self.is_nothing(tree, path) => {}
                None => return None,
            }
        }
        let mut plan = self.clone();
        for (at, (bytes, mtime_ns, inode)) in changed {
            let file = &mut plan.files[at];
            (file.bytes, file.mtime_ns, file.inode) = (bytes, mtime_ns, inode);
        }
        Some(plan)
    }

    /// Size, time and number of a file of the plan that is what it was otherwise.
    fn looked_at(&self, tree: &dyn Tree, file: &PlannedFile) -> Option<(u64, i64, u64)> {
        let meta = tree.link_meta(&file.full).ok().filter(|m| m.kind == Kind::File)?;
        let is_told_by_name = file.full.file_name().and_then(|n| n.to_str()).is_some_and(|n| Language::of_name(n).is_some() && !Language::is_unsure(n));
        if settles_more(&file.full) || super::options::may_change(self, &file.full) || !is_told_by_name {
            return None;
        }
        if dialect::siblings(&self.files, &self.units, &file.path).is_some_and(|s| Some(dialect::reads_like(tree, &file.full, s)) != file.reads_as_sibling) {
            return None;
        }
        Some((meta.bytes, meta.mtime_ns, meta.inode))
    }

    /// Is it nothing that a walk would find, now or ever?
    fn is_nothing(&self, tree: &dyn Tree, path: &Path) -> bool {
        let name = path.file_name().map(|n| n.to_string_lossy()).unwrap_or_default();
        if settles_more(path) || super::options::may_change(self, path) {
            return false;
        }
        match tree.link_meta(path) {
            // It came and went. A folder that went takes its files along, and these are told, too.
            Err(_) => !self.files.iter().any(|f| f.full.starts_with(path)),
            Ok(meta) if meta.kind == Kind::Folder => self.files.iter().any(|f| f.full.starts_with(path)),
            Ok(_) => name.starts_with('.') || PASSING.iter().any(|end| name.ends_with(end)),
        }
    }
}

/// Does the file say something about other files than itself?
fn settles_more(path: &Path) -> bool {
    let name = path.file_name().map(|n| n.to_string_lossy()).unwrap_or_default();
    ecosystem_of(&name).is_some()
        || known().iter().any(|e| e.0.settings().contains(&&*name))
        || name == crate::config::FILE_NAME
        || known().iter().any(|e| e.0.build_files().iter().any(|place| path.ends_with(place)))
        || name.contains("ignore")
        || name.contains("lock")
        || name == "go.work"
        || name == "modules.txt"
}
