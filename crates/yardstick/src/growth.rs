//! How time and memory grow: indexes of four parts of one tree, each against parsing the same files with the generic grammar.

use crate::failure::{Failure, amber_compass};
use crate::report;
use crate::speed::{full_index, over};
use compass_facts::Language;
use std::fmt::Write as _;
use std::path::{Path, PathBuf};

/// Shares of the tree, in eighths.
const SIZES: [u64; 4] = [1, 2, 4, 8];
/// The least of so many runs counts: other work of the machine only adds.
const RUNS: usize = 3;

/// Measures, prints and records under the language's name.
pub fn run(language: &str, folder: &Path, threads: usize, most: u64) -> Result<(), Failure> {
    let program = amber_compass()?;
    let wanted = Language::all().iter().copied().find(|l| l.word() == language);
    let wanted = wanted.ok_or_else(|| Failure::Unexpected(format!("{language} is no language")))?;
    let files = sources(folder, wanted, most);
    let all: u64 = files.iter().map(|f| f.1).sum();
    let mut out = String::from("| MB | files | parsing s | index s | × parsing | ms a KB | peak MiB |\n|---|---|---|---|---|---|---|\n");
    println!("{language}: {} files, {:.1} MB below {}", files.len(), all as f64 / 1e6, folder.display());
    let kept = std::env::temp_dir().join("yardstick-growth.sqlite");
    for size in SIZES {
        let part: Vec<&(PathBuf, u64)> = files[..first(&files, all * size / 8)].iter().collect();
        let place = tempfile::tempdir().map_err(|source| Failure::File { path: folder.to_owned(), source })?;
        copy(folder, &part, place.path())?;
        let paths: Vec<PathBuf> = part.iter().map(|f| f.0.clone()).collect();
        let (mut parsing, mut indexing, mut peak) = (f64::MAX, f64::MAX, 0.0f64);
        for _ in 0..RUNS {
            parsing = parsing.min(over(&paths, threads, &parse).0);
            let (seconds, summary) = full_index(&program, place.path(), &kept, threads)?;
            indexing = indexing.min(seconds);
            peak = peak.max(summary["peak_rss_bytes"].as_f64().unwrap_or(0.0));
        }
        let bytes: u64 = part.iter().map(|f| f.1).sum();
        let line = format!(
            "| {:.1} | {} | {parsing:.2} | {indexing:.2} | {:.2} | {:.3} | {:.0} |",
            bytes as f64 / 1e6,
            part.len(),
            indexing / parsing,
            indexing * 1e6 / bytes as f64,
            peak / f64::from(1 << 20)
        );
        println!("{line}");
        let _ = writeln!(out, "{line}");
    }
    report::write(&format!("growth {language}"), &out)
}

/// Files of the language by path, up to so many bytes.
fn sources(folder: &Path, language: Language, most: u64) -> Vec<(PathBuf, u64)> {
    let walk = ignore::WalkBuilder::new(folder).standard_filters(false).sort_by_file_path(Ord::cmp).build().flatten();
    let of = |p: &Path| p.file_name().and_then(|n| n.to_str()).and_then(Language::of_name).is_some_and(|l| l.is_kin_of(language));
    let found = walk.filter(|e| e.file_type().is_some_and(|t| t.is_file()) && of(e.path())).map(|e| (e.metadata().map_or(0, |m| m.len()), e.into_path()));
    // What is too large for a reader is not parsed either.
    let mut found: Vec<(PathBuf, u64)> = found.filter(|f| f.0 < 1 << 20).map(|(size, path)| (path, size)).collect();
    found.truncate(first(&found, most));
    found
}

/// How many of the first files hold so many bytes.
fn first(files: &[(PathBuf, u64)], bytes: u64) -> usize {
    let mut sum = 0;
    files
        .iter()
        .position(|f| {
            let full = sum >= bytes;
            sum += f.1;
            full
        })
        .unwrap_or(files.len())
}

/// The files at the same places below another folder, with the manifests above them.
fn copy(folder: &Path, files: &[&(PathBuf, u64)], to: &Path) -> Result<(), Failure> {
    for (path, _) in files {
        let failed = |source| Failure::File { path: path.clone(), source };
        let inside = path.strip_prefix(folder).unwrap_or(path);
        if let Some(dir) = to.join(inside).parent() {
            std::fs::create_dir_all(dir).map_err(failed)?;
        }
        std::fs::copy(path, to.join(inside)).map_err(failed)?;
        for dir in inside.ancestors().skip(1) {
            for manifest in ["Cargo.toml", "package.json", "go.mod", "pom.xml"] {
                let from = folder.join(dir).join(manifest);
                if from.is_file() && !to.join(dir).join(manifest).is_file() {
                    std::fs::copy(&from, to.join(dir).join(manifest)).map_err(failed)?;
                }
            }
        }
    }
    Ok(())
}

/// 1 for a file that has a grammar.
fn parse(path: &Path, text: &str) -> u64 {
    let language = path.file_name().and_then(|n| n.to_str()).and_then(Language::of_name);
    let Some(grammar) = language.and_then(|l| l.profile().grammar) else { return 0 };
    let mut parser = tree_sitter::Parser::new();
    if parser.set_language(&grammar().language()).is_ok() {
        drop(parser.parse(grammar().parser_input(text), None));
    }
    1
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn parts_keep_their_places_and_manifests() {
        languages::register();
        let from = tempfile::tempdir().expect("a folder");
        let write = |path: &str, text: &str| {
            let path = from.path().join(path);
            std::fs::create_dir_all(path.parent().expect("a parent")).expect("folders");
            std::fs::write(path, text).expect("a file");
        };
        write("rack/Cargo.toml", "[package]\nname = 'rack'\n");
        write("rack/src/lib.rs", "pub fn turn() {}\n");
        write("rack/src/wash.py", "x = 1\n");
        write("salt/src/lib.rs", "pub fn grind() {}\n");
        let found = sources(from.path(), languages::RUST, 1 << 20);
        assert_eq!(found.iter().map(|f| f.1).collect::<Vec<_>>(), [17, 18], "of that language, by path");
        assert_eq!(sources(from.path(), languages::RUST, 10).len(), 1, "no more than asked for");
        let to = tempfile::tempdir().expect("a folder");
        copy(from.path(), &[&found[0]], to.path()).expect("copied");
        assert!(to.path().join("rack/Cargo.toml").is_file() && to.path().join("rack/src/lib.rs").is_file());
        assert!(!to.path().join("salt").exists());
    }
}
