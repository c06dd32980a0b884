//! Where an index is kept for a root: below the user's cache folder, never in the source tree.

use compass_index::plan::find_root;
use std::path::{Path, PathBuf};

/// The default index file of a root.
pub fn index_file(root: &Path) -> PathBuf {
    cache_folder().join(name_of(root)).join("index.sqlite")
}

/// The folder of the shared package cache.
pub fn package_cache_folder() -> PathBuf {
    cache_folder().join("depot")
}

/// The folder of declarations of standard libraries.
pub fn declarations_folder() -> PathBuf {
    cache_folder().join("declarations")
}

/// What a root is known by among others: readable, and different for each place.
pub fn name_of(root: &Path) -> String {
    let full = root.canonicalize().unwrap_or_else(|_| root.to_owned());
    let name: String = full.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_else(|| "root".to_owned());
    let name: String = name.chars().map(|c| if c.is_alphanumeric() || "-_.".contains(c) { c } else { '_' }).collect();
    let hash = xxhash_rust::xxh3::xxh3_64(full.as_os_str().as_encoded_bytes());
    format!("{name}-{hash:016x}")
}

/// The user's data folder for this program; the cache folder where the system names none.
pub fn data_folder() -> PathBuf {
    directories::ProjectDirs::from("", "", "amber-compass").map_or_else(cache_folder, |d| d.data_dir().to_owned())
}

/// The user's configuration folder for this program; the data folder where the system names none.
pub fn config_folder() -> PathBuf {
    directories::ProjectDirs::from("", "", "amber-compass").map_or_else(data_folder, |d| d.config_dir().to_owned())
}

/// The user's cache folder for this program; the temporary folder where the system names none.
pub fn cache_folder() -> PathBuf {
    directories::ProjectDirs::from("", "", "amber-compass").map_or_else(|| std::env::temp_dir().join("amber-compass"), |d| d.cache_dir().to_owned())
}

/// The root for questions asked in a folder: the nearest folder above that is indexed, else the one its markers name.
pub fn root_for(folder: &Path) -> PathBuf {
    let indexed = folder.ancestors().find(|d| index_file(d).is_file());
    indexed.map_or_else(|| find_root(folder), Path::to_owned)
}
