//! Gives each reader a version: a number that changes with its sources, with what all readers share, and with the grammars.

#[path = "../../build/sources.rs"]
mod sources;

use std::collections::BTreeMap;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::path::{Path, PathBuf};

fn main() -> std::io::Result<()> {
    println!("cargo::rerun-if-changed=../../Cargo.lock");
    let mut files = sources::files_of("src")?;
    files.retain(|f| !f.components().any(|c| c.as_os_str() == "tests" || c.as_os_str() == "tests.rs"));
    let mut shared = DefaultHasher::new();
    let mut own: BTreeMap<String, DefaultHasher> = BTreeMap::new();
    for file in &files {
        let bytes = std::fs::read(file)?;
        match reader_of(file) {
            Some(reader) => bytes.hash(own.entry(reader).or_default()),
            None => bytes.hash(&mut shared),
        }
    }
    grammars()?.hash(&mut shared);
    let shared = shared.finish();
    let mut out = format!("/// Readers with a folder of their own, and their versions.\nconst OWN: [(&str, u64); {}] = [", own.len());
    for (reader, hasher) in own {
        out += &format!("({reader:?}, {}), ", shared ^ hasher.finish());
    }
    out += &format!("];\n/// The version of what all readers share.\nconst SHARED: u64 = {shared};\n");
    let folder = std::env::var_os("OUT_DIR").map(PathBuf::from).ok_or(std::io::ErrorKind::NotFound)?;
    std::fs::write(folder.join("reader_versions.rs"), out)
}

/// The reader a file is part of: `src/readers/NAME.rs` and what stands in `src/readers/NAME/`. Others belong to all.
fn reader_of(file: &Path) -> Option<String> {
    let within = file.strip_prefix("src/readers").ok()?;
    let name = within.components().next()?.as_os_str().to_str()?.trim_end_matches(".rs").to_owned();
    let has_folder = Path::new("src/readers").join(&name).is_dir();
    (has_folder || name == "sql").then_some(name)
}

/// The grammars with their versions, as the lock file has them; none where there is no such file.
fn grammars() -> std::io::Result<Vec<String>> {
    let text = match std::fs::read_to_string("../../Cargo.lock") {
        Ok(text) => text,
        Err(e) if e.kind() == std::io::ErrorKind::NotFound => return Ok(Vec::new()),
        Err(e) => return Err(e),
    };
    let packages = text.split("[[package]]");
    Ok(packages.filter(|p| p.trim_start().starts_with("name = \"tree-sitter")).map(str::to_owned).collect())
}
