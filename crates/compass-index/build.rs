//! Tells the program which sources decide what links say, as one number: links that packages carry from one workspace to another are
//! of no use to a program that links otherwise.

use std::hash::{DefaultHasher, Hash, Hasher};
use std::path::{Path, PathBuf};

fn main() -> std::io::Result<()> {
    let mut hasher = DefaultHasher::new();
    for folder in ["src/link", "src/plan", "../compass-facts/src"] {
        println!("cargo::rerun-if-changed={folder}");
        let mut files = Vec::new();
        collect(Path::new(folder), &mut files)?;
        files.sort();
        for file in files {
            std::fs::read(&file)?.hash(&mut hasher);
        }
    }
    println!("cargo::rustc-env=COMPASS_LINKING={}", hasher.finish());
    Ok(())
}

fn collect(folder: &Path, files: &mut Vec<PathBuf>) -> std::io::Result<()> {
    for entry in std::fs::read_dir(folder)? {
        let path = entry?.path();
        if path.is_dir() {
            collect(&path, files)?;
        } else {
            files.push(path);
        }
    }
    Ok(())
}
