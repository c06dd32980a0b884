//! Roots that a person wants indexed together with a first one: kept in the user's data folder, never in a source tree.

use crate::places;
use std::io;
use std::path::{Path, PathBuf};

/// The further roots of a root, those of its `amber-compass.toml` first.
pub fn all(root: &Path) -> Vec<PathBuf> {
    let settled = compass_index::config::Config::read(root).map(|c| c.roots).unwrap_or_default();
    let mut out: Vec<PathBuf> = std::iter::once(root.to_owned()).chain(settled.iter().map(|r| root.join(r))).chain(further(root)).collect();
    let mut seen = std::collections::BTreeSet::new();
    // A folder that was taken away says so when it is listed, not at every start.
    out.retain(|r| r == root || r.is_dir());
    out.retain(|r| seen.insert(r.canonicalize().unwrap_or_else(|_| r.clone())));
    out
}

/// The further roots kept for a root.
pub fn further(root: &Path) -> Vec<PathBuf> {
    let text = std::fs::read_to_string(file_of(root)).unwrap_or_default();
    serde_json::from_str(&text).unwrap_or_default()
}

/// Keeps the further roots of a root, by rename.
///
/// # Errors
/// What the system says.
pub fn keep(root: &Path, further: &[PathBuf]) -> io::Result<()> {
    let path = file_of(root);
    let folder = path.parent().unwrap_or(Path::new("."));
    std::fs::create_dir_all(folder)?;
    let mut file = tempfile::NamedTempFile::new_in(folder)?;
    serde_json::to_writer(&mut file, further)?;
    file.persist(path).map(|_| ()).map_err(|e| e.error)
}

fn file_of(root: &Path) -> PathBuf {
    places::data_folder().join("roots").join(format!("{}.json", places::name_of(root)))
}
