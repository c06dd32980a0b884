//! Shared by build scripts: which files decide what a program stores.

use std::path::{Path, PathBuf};

/// All files of a place, a folder or a file, by path; the build is made again when one of them changes.
pub fn files_of(place: &str) -> std::io::Result<Vec<PathBuf>> {
    println!("cargo::rerun-if-changed={place}");
    let mut files = Vec::new();
    collect(Path::new(place), &mut files)?;
    files.sort();
    Ok(files)
}

fn collect(place: &Path, files: &mut Vec<PathBuf>) -> std::io::Result<()> {
    if !place.is_dir() {
        files.push(place.to_owned());
        return Ok(());
    }
    for entry in std::fs::read_dir(place)? {
        collect(&entry?.path(), files)?;
    }
    Ok(())
}
