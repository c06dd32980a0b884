//! Shared by build scripts: which files decide what a program stores.

use std::hash::{DefaultHasher, Hash, Hasher};
use std::path::{Path, PathBuf};

/// All files of a place, a folder or a file, by path; the build is made again when one of them changes. What is not there holds none, and
/// is not watched: Cargo takes what is missing for changed, and would make every build anew. Who names such a place watches a folder around it.
pub fn files_of(place: &str) -> std::io::Result<Vec<PathBuf>> {
    let mut files = Vec::new();
    if Path::new(place).exists() {
        println!("cargo::rerun-if-changed={place}");
        collect(Path::new(place), &mut files)?;
    }
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

/// A number that changes with the content of any file of these places.
pub fn hash_of(places: &[&str]) -> std::io::Result<u64> {
    let mut hasher = DefaultHasher::new();
    for place in places {
        for file in files_of(place)? {
            std::fs::read(&file)?.hash(&mut hasher);
        }
    }
    Ok(hasher.finish())
}

/// Writes a `const NAME: u64` with such a number for each name into a file of the build's output folder, which sources include.
#[allow(dead_code, reason = "not every build script writes one")]
pub fn write_versions(file: &str, versions: &[(&str, &[&str])]) -> std::io::Result<()> {
    let mut grammars_hash = DefaultHasher::new();
    grammars()?.hash(&mut grammars_hash);
    let grammars_hash = grammars_hash.finish();
    let mut out = String::new();
    for (name, places) in versions {
        out += &format!("/// A number that changes with sources.\nconst {name}: u64 = {};\n", hash_of(places)? ^ grammars_hash);
    }
    let folder = std::env::var_os("OUT_DIR").map(PathBuf::from).ok_or(std::io::ErrorKind::NotFound)?;
    std::fs::write(folder.join(file), out)
}

/// The grammars with their versions, as the lock file has them; none where there is no such file.
fn grammars() -> std::io::Result<Vec<String>> {
    println!("cargo::rerun-if-changed=../../Cargo.lock");
    let text = match std::fs::read_to_string("../../Cargo.lock") {
        Ok(text) => text,
        Err(e) if e.kind() == std::io::ErrorKind::NotFound => return Ok(Vec::new()),
        Err(e) => return Err(e),
    };
    let packages = text.split("[[package]]");
    Ok(packages.filter(|p| p.trim_start().starts_with("name = \"tree-sitter")).map(str::to_owned).collect())
}

/// Writes a `const DECLARED` with path and text of each file of a folder's declarations into `declared.rs` of the build's output folder.
/// What stands in `make` there is how they were made.
#[allow(dead_code, reason = "not every language brings declarations")]
pub fn write_declared(folder: &str) -> std::io::Result<()> {
    write_declared_by_ending(folder, &[("DECLARED", "")])
}

/// [`write_declared`] for several languages that share a folder: a constant for the files of each ending.
#[allow(dead_code, reason = "not every language brings declarations")]
pub fn write_declared_by_ending(folder: &str, constants: &[(&str, &str)]) -> std::io::Result<()> {
    let top = std::env::current_dir()?.join(folder);
    let mut files = files_of(folder)?;
    // What a plain import of the library means comes first.
    files.sort_by_key(|f| f.file_stem() != Some("lib".as_ref()));
    let mut out = String::new();
    for (constant, ending) in constants {
        out += &format!("/// Declarations of the standard library: path and text.\npub(crate) const {constant}: &[(&str, &str)] = &[\n");
        for file in &files {
            let Ok(path) = file.strip_prefix(folder) else { continue };
            let is_of_ending = ending.is_empty() || file.extension().is_some_and(|e| e == *ending);
            if is_of_ending && !path.starts_with("make") {
                out += &format!("    ({path:?}, include_str!({:?})),\n", top.join(path));
            }
        }
        out += "];\n";
    }
    let folder = std::env::var_os("OUT_DIR").map(PathBuf::from).ok_or(std::io::ErrorKind::NotFound)?;
    std::fs::write(folder.join("declared.rs"), out)
}
