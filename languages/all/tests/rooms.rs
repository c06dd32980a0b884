//! The engines name no language: what is particular to one stands in its room.

use std::path::{Path, PathBuf};

/// What every language may ask of: the engines.
const ENGINES: [&str; 5] = ["compass-facts", "compass-index", "compass-trace", "compass-unfold", "compass-expand"];

fn sources(folder: &Path, out: &mut Vec<PathBuf>) {
    for entry in std::fs::read_dir(folder).expect("a folder").flatten() {
        let path = entry.path();
        if path.is_dir() {
            sources(&path, out);
        } else if path.extension().is_some_and(|e| e == "rs") && path.file_stem().is_none_or(|s| s != "tests") {
            out.push(path);
        }
    }
}

/// Words of languages and of what comes with them, as code would write them: in names and in texts.
fn words() -> regex::Regex {
    languages::register();
    let mut words: Vec<String> = languages::ALL.iter().flat_map(|l| [l.word(), l.stored_word()]).map(str::to_owned).collect();
    words.extend(languages::ECOSYSTEMS.iter().map(|e| e.word().to_owned()));
    words.extend(["django", "flask", "node_modules", "ctypes", "golang", "kotlin", "php", "scala", "ruby", "lua"].map(str::to_owned));
    // Words of English, and what all languages share: statements of SQL stand in texts of each, HTML in comments.
    words.retain(|w| !matches!(w.as_str(), "c" | "go" | "text" | "sql" | "headers" | "plain" | "make" | "manifest" | "shell" | "html"));
    let pattern = format!(r"(?:\b|_)(?:{})(?:\b|_)|\bis_c\b|_(?:c|go)\b|\b(?:c|go)_", words.join("|"));
    regex::RegexBuilder::new(&pattern).case_insensitive(true).build().expect("a pattern")
}

#[test]
fn the_engines_name_no_language() {
    let crates = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../crates");
    let names = words();
    let mut found = Vec::new();
    // The service under the faces is no engine: it may depend on the rooms, but names none of them.
    for engine in ENGINES.into_iter().chain(["compass-session"]) {
        let root = crates.join(engine).join("src");
        let mut files = Vec::new();
        sources(&root, &mut files);
        assert!(!files.is_empty(), "the sources of {engine} were found");
        for file in files {
            let text = std::fs::read_to_string(&file).expect("a text");
            // Tests name languages as they like, and so do sentences.
            let code = text.split("#[cfg(test)]").next().unwrap_or_default();
            for (i, line) in code.lines().enumerate().filter(|(_, l)| names.is_match(&l.split("//").next().unwrap_or_default().replace("xxhash_rust", ""))) {
                found.push(format!("{}:{}: {}", file.display(), i + 1, line.trim()));
            }
        }
    }
    assert!(found.is_empty(), "{}", found.join("\n"));
}

#[test]
fn no_engine_depends_on_a_language() {
    let crates = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../crates");
    for engine in ENGINES {
        let manifest = std::fs::read_to_string(crates.join(engine).join("Cargo.toml")).expect("a manifest");
        let before = manifest.split("[dev-dependencies]").next().unwrap_or_default();
        assert!(!before.contains("language-") && !before.contains("languages"), "{engine} is built without any language");
    }
}

/// What may look at the disk by itself: the disk's own, stores, and who asks working copies and reports.
const OF_THE_DISK: [&str; 8] = [
    "src/tree",
    "src/store",
    "src/claim.rs",
    "src/refresh/phases.rs",
    "src/history_and_coverage/history",
    "src/history_and_coverage/reports",
    "src/history_and_coverage/history.rs",
    "src/history_and_coverage/reports.rs",
];

#[test]
fn sources_come_through_trees_alone() {
    let top = Path::new(env!("CARGO_MANIFEST_DIR")).join("../..");
    let crates = ENGINES.iter().map(|e| top.join("crates").join(e));
    let rooms = std::fs::read_dir(top.join("languages")).expect("rooms").flatten().map(|e| e.path());
    let pattern = regex::Regex::new(r"\bstd::fs\b|\bfs::|\.canonicalize\(|\bread_dir\(").expect("a pattern");
    let mut found = Vec::new();
    for root in crates.chain(rooms) {
        let mut files = Vec::new();
        sources(&root.join("src"), &mut files);
        for file in files {
            let within = file.strip_prefix(&root).expect("below it");
            if OF_THE_DISK.iter().any(|p| within.starts_with(p)) {
                continue;
            }
            let text = std::fs::read_to_string(&file).expect("a text");
            let code = text.split("#[cfg(test)]").next().unwrap_or_default();
            let lines = code.lines().enumerate().filter(|(_, l)| pattern.is_match(l.split("//").next().unwrap_or_default()));
            found.extend(lines.map(|(i, l)| format!("{}:{}: {}", file.display(), i + 1, l.trim())));
        }
    }
    assert!(found.is_empty(), "{}", found.join("\n"));
}
