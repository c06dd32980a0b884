//! Questions name no language: what is particular to one stands in its profile.

use std::path::{Path, PathBuf};

/// What frameworks of a language cross by is theirs to say.
const OF_FRAMEWORKS: &str = "crossings";

fn sources(folder: &Path, out: &mut Vec<PathBuf>) {
    for entry in std::fs::read_dir(folder).expect("a folder").flatten() {
        let path = entry.path();
        if path.is_dir() {
            sources(&path, out);
        } else {
            out.push(path);
        }
    }
}

#[test]
fn questions_name_no_language() {
    let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("src");
    let mut files = Vec::new();
    sources(&root, &mut files);
    assert!(files.len() > 40, "the sources were found");
    let names = regex::Regex::new(r"\bLanguage::([A-Z][a-z]\w*|C\b)|\bis_c_family\b").expect("a pattern");
    let mut found = Vec::new();
    for file in files.iter().filter(|f| !f.strip_prefix(&root).is_ok_and(|f| f.starts_with(OF_FRAMEWORKS))) {
        let text = std::fs::read_to_string(file).expect("a text");
        // Tests name languages as they like.
        let code = text.split("#[cfg(test)]").next().unwrap_or_default();
        for (i, line) in code.lines().enumerate().filter(|(_, l)| names.is_match(l.split("//").next().unwrap_or_default())) {
            found.push(format!("{}:{}: {}", file.display(), i + 1, line.trim()));
        }
    }
    assert!(found.is_empty(), "{}", found.join("\n"));
}
