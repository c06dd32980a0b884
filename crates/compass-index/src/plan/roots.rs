//! The root of a code base, found from any file inside it.

use super::ecosystems::known;
use crate::tree::disk;
use std::path::{Path, PathBuf};

/// Does a file mark a folder as the top of a package: a manifest, or what its build leaves there?
fn is_marked(folder: &Path) -> bool {
    let marks = known().iter().flat_map(|e| e.0.manifests().iter().chain(e.0.build_files().iter().filter(|p| !p.contains('/'))));
    marks.into_iter().any(|m| disk::is_file(folder.join(m)))
}

/// The root for a path: the nearest folder with `amber-compass.toml`; else the repository's top; else the outermost
/// folder with a package marker; else the folder itself.
pub fn find_root(path: &Path) -> PathBuf {
    let start = if disk::is_folder(path) { path } else { path.parent().unwrap_or(path) };
    let above = || start.ancestors();
    if let Some(settled) = above().find(|d| disk::is_file(d.join(crate::config::FILE_NAME))) {
        return settled.to_owned();
    }
    if let Some(repository) = above().find(|d| disk::is_there(d.join(".git"))) {
        return repository.to_owned();
    }
    let marked = above().filter(|d| is_marked(d)).last();
    marked.unwrap_or(start).to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn our_own_file_settles_it() {
        let dir = tempfile::tempdir().expect("temporary folder");
        let inner = dir.path().join("a/b");
        std::fs::create_dir_all(&inner).expect("folders");
        std::fs::create_dir_all(dir.path().join(".git")).expect("folders");
        std::fs::write(inner.join("x.py"), "").expect("file");
        assert_eq!(find_root(&inner.join("x.py")), dir.path());
        std::fs::write(dir.path().join("a/amber-compass.toml"), "").expect("file");
        assert_eq!(find_root(&inner.join("x.py")), dir.path().join("a"));
    }
}
