//! Roots that a person wants indexed together with a first one: kept in the user's data folder, never in a source tree.

use crate::places;
use std::path::{Path, PathBuf};

/// A wish to change the roots.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Change {
    /// A folder that is indexed together with the others from now on.
    Add(PathBuf),
    /// A folder that no longer is.
    Remove(PathBuf),
}

/// Why the roots stay as they are.
#[derive(Debug, thiserror::Error)]
pub enum RootsError {
    /// The path cannot be opened.
    #[error("{}: {source}", path.display())]
    Path {
        /// As it was given.
        path: PathBuf,
        /// What the system said.
        source: std::io::Error,
    },
    /// It is no folder.
    #[error("{} is no folder", .0.display())]
    NoFolder(PathBuf),
    /// It stands below the first root.
    #[error("{} stands below {}: it is indexed already", folder.display(), root.display())]
    Below {
        /// The folder.
        folder: PathBuf,
        /// The first root.
        root: PathBuf,
    },
    /// Nobody added it.
    #[error("{} is no further root of {}", folder.display(), root.display())]
    Unknown {
        /// The folder.
        folder: PathBuf,
        /// The first root.
        root: PathBuf,
    },
    /// They could not be written down.
    #[error("the roots could not be kept: {0}")]
    Keep(std::io::Error),
}

/// A root with its further roots, those of its `amber-compass.toml` first.
pub fn all(root: &Path) -> Vec<PathBuf> {
    let settled = compass_index::config::Config::read(root).map(|c| c.roots).unwrap_or_default();
    // What a file of the tree names is looked at twice; what a person added is meant.
    let settled = settled.iter().map(|r| root.join(r)).filter(|r| !compass_index::tree::disk::is_too_wide(r));
    let mut out: Vec<PathBuf> = std::iter::once(root.to_owned()).chain(settled).chain(further(root)).collect();
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

/// Changes the further roots of a root; relative paths are taken from `here`. All changes are made, or none.
///
/// # Errors
/// See [`RootsError`].
pub fn change(root: &Path, here: &Path, changes: &[Change]) -> Result<Vec<PathBuf>, RootsError> {
    let root = existing(root)?;
    let mut further = further(&root);
    for change in changes {
        match change {
            Change::Add(folder) => {
                let folder = existing(&here.join(folder))?;
                if folder.starts_with(&root) {
                    return Err(RootsError::Below { folder, root });
                }
                if !further.contains(&folder) {
                    further.push(folder);
                }
            }
            Change::Remove(folder) => {
                // One that is gone from the disk can still be taken out.
                let folder = here.join(folder);
                let folder = folder.canonicalize().unwrap_or(folder);
                let before = further.len();
                further.retain(|f| *f != folder);
                if further.len() == before {
                    return Err(RootsError::Unknown { folder, root });
                }
            }
        }
    }
    if !changes.is_empty() {
        keep(&root, &further).map_err(RootsError::Keep)?;
    }
    Ok(further)
}

fn existing(folder: &Path) -> Result<PathBuf, RootsError> {
    let full = folder.canonicalize().map_err(|source| RootsError::Path { path: folder.to_owned(), source })?;
    if full.is_dir() { Ok(full) } else { Err(RootsError::NoFolder(folder.to_owned())) }
}

/// Keeps the further roots of a root, by rename.
fn keep(root: &Path, further: &[PathBuf]) -> std::io::Result<()> {
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
