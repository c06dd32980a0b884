//! Declarations of standard libraries, put where they can be read like any other file.

use compass_index::plan::declared;
use std::io::{self, Write as _};
use std::path::{Path, PathBuf};
use xxhash_rust::xxh3::Xxh3;

/// Writes the declarations of all languages below a folder, where they are not there yet. Gives the folder they stand in: its name is a
/// hash of all texts, so that programs of several versions share one cache.
///
/// # Errors
/// What the system says of a folder or file that cannot be written.
pub fn write_out(cache: &Path) -> io::Result<PathBuf> {
    let mut hash = Xxh3::new();
    for (path, text) in declared::texts() {
        hash.update(path.as_os_str().as_encoded_bytes());
        hash.update(text.as_bytes());
    }
    let base = cache.join(format!("{:016x}", hash.digest()));
    for (path, text) in declared::texts() {
        let place = base.join(path);
        if place.metadata().is_ok_and(|m| m.len() == text.len() as u64) {
            continue;
        }
        let folder = place.parent().unwrap_or(&base);
        std::fs::create_dir_all(folder)?;
        // Two programs may do this at once: each file appears whole.
        let mut file = tempfile::NamedTempFile::new_in(folder)?;
        file.write_all(text.as_bytes())?;
        file.persist(&place).map_err(|e| e.error)?;
    }
    Ok(base)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn texts_are_written_once_and_mended() {
        languages::register();
        let dir = tempfile::tempdir().expect("a folder");
        let base = write_out(dir.path()).expect("written");
        let (path, text) = declared::texts().next().expect("a language that brings declarations");
        let place = base.join(path);
        assert_eq!(std::fs::read_to_string(&place).expect("a file"), text);
        std::fs::write(&place, "cut").expect("a file");
        assert_eq!(write_out(dir.path()).expect("written"), base);
        assert_eq!(std::fs::read_to_string(&place).expect("a file"), text);
        assert_eq!(std::fs::read_dir(dir.path()).expect("a folder").count(), 1);
    }

    #[test]
    fn a_folder_that_cannot_be_made_is_an_error() {
        languages::register();
        let dir = tempfile::tempdir().expect("a folder");
        let file = dir.path().join("file");
        std::fs::write(&file, "").expect("a file");
        assert!(write_out(&file).is_err());
    }
}
