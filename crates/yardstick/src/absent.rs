//! Targets that are not there: uses whose definition stands outside what is indexed get no sure answer inside it.
//!
//! Where they come from: rows of the truth tables whose definition is in another package than the use (each package is indexed
//! alone, without its dependencies), and uses of the standard library: what Python's own table of modules knows, and what Rust names
//! by a path from `std`, in sources that compile.

use crate::failure::{Failure, amber_compass, output};
use crate::report;
use serde_json::Value;
use std::collections::BTreeMap;
use std::fmt::Write as _;
use std::io::Write;
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};

/// So many uses of a language at most.
const MOST: usize = 300;

/// Uses of modules of the standard library, printed as `path line column`: what a file imports and never binds otherwise.
const PYTHON: &str = r#"
import ast, pathlib, sys
root = pathlib.Path(sys.argv[1])
for path in sorted(root.rglob("*.py")):
    try:
        text = path.read_text(); tree = ast.parse(text)
    except (SyntaxError, UnicodeDecodeError):
        continue
    lines = text.split("\n")
    known, bound = {}, {}
    for node in ast.walk(tree):
        if isinstance(node, ast.Import):
            for a in node.names:
                if "." not in a.name and a.name in sys.stdlib_module_names:
                    known[a.asname or a.name] = "module"
        elif isinstance(node, ast.ImportFrom) and node.level == 0 and node.module in sys.stdlib_module_names:
            for a in node.names:
                known[a.asname or a.name] = "name"
        for name in ([node.id] if isinstance(node, ast.Name) and not isinstance(node.ctx, ast.Load) else [node.arg] if isinstance(node, ast.arg)
                     else [node.name] if isinstance(node, (ast.FunctionDef, ast.ClassDef)) else []):
            bound[name] = True
    for node in ast.walk(tree):
        if isinstance(node, ast.Attribute) and isinstance(node.value, ast.Name) and known.get(node.value.id) == "module" and node.value.id not in bound:
            start = node.end_col_offset - len(node.attr)
            if lines[node.end_lineno - 1].isascii():
                print(path.relative_to(root), node.end_lineno, start + 1)
        elif isinstance(node, ast.Name) and isinstance(node.ctx, ast.Load) and known.get(node.id) == "name" and node.id not in bound:
            print(path.relative_to(root), node.lineno, node.col_offset + 1)
"#;

/// Indexes packages alone, asks, prints and records.
pub fn run(languages: &[String], truth: &Path, kits: &Path) -> Result<(), Failure> {
    let program = amber_compass()?;
    let mut out = String::from("| language | uses | no answer | guessed | inferred | proven |\n|---|---|---|---|---|---|\n");
    for language in languages {
        let corpus = kits.join(language);
        let mut groups = from_table(truth, language, &corpus)?;
        match language.as_str() {
            "py" => add_python(&corpus, &mut groups)?,
            "rust" => add_std(&corpus, &mut groups),
            _ => {}
        }
        let groups = spread(groups);
        let mut counts: BTreeMap<String, usize> = BTreeMap::new();
        for (root, places) in &groups {
            for (place, said) in places.iter().zip(ask(&program, root, places)?) {
                if matches!(said.as_str(), "proven" | "inferred") {
                    println!("{said}: {}", root.join(place).display());
                }
                *counts.entry(said).or_default() += 1;
            }
        }
        let of = |word: &str| counts.get(word).copied().unwrap_or(0);
        let all: usize = counts.values().sum();
        let line = format!("| {language} | {all} | {} | {} | {} | {} |", of("none"), of("guessed"), of("inferred"), of("proven"));
        println!("{line}");
        let _ = writeln!(out, "{line}");
    }
    report::write("absent", &out)
}

/// Places to ask about, by the folder that is indexed alone; relative to it.
type Groups = BTreeMap<PathBuf, Vec<String>>;

/// Takes places from all over, so that no file fills the list.
fn spread(groups: Groups) -> Groups {
    let all: Vec<(&PathBuf, &String)> = groups.iter().flat_map(|(root, places)| places.iter().map(move |p| (root, p))).collect();
    let step = all.len().div_ceil(MOST).max(1);
    let mut out = Groups::new();
    for (root, place) in all.into_iter().step_by(step) {
        out.entry(root.clone()).or_default().push(place.clone());
    }
    out
}

/// Rows whose definition is in another package than the use.
fn from_table(truth: &Path, language: &str, corpus: &Path) -> Result<Groups, Failure> {
    let table = output(Command::new("gzip").arg("-dc").arg(truth.join(format!("{language}-dev.tsv.gz"))))?;
    let mut groups = Groups::new();
    for line in table.lines().skip(1) {
        let fields: Vec<&str> = line.split('\t').collect();
        let [_, path, row, column, _, _, target, _] = fields[..] else { continue };
        if let Some(root) = alone(language, path, target) {
            let inside = path[root.len()..].trim_start_matches('/');
            groups.entry(corpus.join(root)).or_default().push(format!("{inside}:{row}:{column}"));
        }
    }
    for places in groups.values_mut() {
        places.sort();
        places.dedup();
    }
    Ok(groups)
}

/// The folder with the use that does not hold the target; packages below `node_modules` are left out where they are not asked for.
fn alone<'p>(language: &str, path: &'p str, target: &str) -> Option<&'p str> {
    let depth = if language == "rust" { 2 } else { 1 };
    let end = path.match_indices('/').nth(depth - 1).map_or(path.len(), |m| m.0);
    let root = &path[..end];
    let is_below = target.strip_prefix(root).is_some_and(|t| t.starts_with('/'));
    let is_package = !path.contains("node_modules") && target.contains("node_modules");
    (!is_below || is_package).then_some(root)
}

fn add_python(corpus: &Path, groups: &mut Groups) -> Result<(), Failure> {
    for package in folders(corpus) {
        let found = output(Command::new("python3").args(["-c", PYTHON]).arg(&package))?;
        let places = found.lines().map(|l| l.rsplitn(3, ' ').collect::<Vec<_>>()).filter(|p| p.len() == 3).map(|p| format!("{}:{}:{}", p[2], p[1], p[0]));
        groups.entry(package).or_default().extend(places);
    }
    Ok(())
}

/// Last names of paths from `std`, `core` and `alloc`.
fn add_std(corpus: &Path, groups: &mut Groups) {
    for package in folders(corpus).flat_map(|f| folders(&f).collect::<Vec<_>>()) {
        let files = ignore::WalkBuilder::new(&package).standard_filters(false).sort_by_file_path(Ord::cmp).build().flatten();
        for file in files.filter(|f| f.path().extension().is_some_and(|e| e == "rs")) {
            let Ok(text) = std::fs::read_to_string(file.path()) else { continue };
            let inside = file.path().strip_prefix(&package).unwrap_or(file.path()).display().to_string();
            for (n, line) in text.lines().enumerate().filter(|(_, l)| !l.trim_start().starts_with("//") && !l.contains('"')) {
                let found = ["std::", "core::", "alloc::"].iter().find_map(|root| line.match_indices(root).map(|m| m.0).find(|at| starts_path(line, *at)));
                let place = found.and_then(|at| last_of_path(line, at)).map(|at| format!("{inside}:{}:{}", n + 1, at + 1));
                groups.entry(package.clone()).or_default().extend(place);
            }
        }
    }
}

fn starts_path(line: &str, at: usize) -> bool {
    !line[..at].ends_with(|c: char| c.is_alphanumeric() || c == '_' || c == ':')
}

/// Where the last name of a path begins that is one name after the other; lists and stars have none.
fn last_of_path(line: &str, at: usize) -> Option<usize> {
    let is_word = |c: char| c.is_alphanumeric() || c == '_';
    let length = line[at..].find(|c: char| !is_word(c) && c != ':').unwrap_or(line.len() - at);
    let path = line[at..at + length].trim_end_matches(':');
    let is_list = line[at + path.len()..].starts_with("::");
    (!is_list && path.contains("::")).then(|| at + path.rfind("::").map_or(0, |i| i + 2))
}

fn folders(of: &Path) -> impl Iterator<Item = PathBuf> {
    let mut found: Vec<PathBuf> = std::fs::read_dir(of).into_iter().flatten().flatten().map(|e| e.path()).filter(|p| p.is_dir()).collect();
    found.sort();
    found.into_iter()
}

/// What is said of each place: a certainty, or none.
fn ask(program: &Path, root: &Path, places: &[String]) -> Result<Vec<String>, Failure> {
    let index = std::env::temp_dir().join("yardstick-absent.sqlite");
    for suffix in ["", "-wal", "-shm"] {
        let _ = std::fs::remove_file(format!("{}{suffix}", index.display()));
    }
    output(Command::new(program).arg("index").arg(root).args(["--deps", "none", "--index"]).arg(&index))?;
    let failed = |source| Failure::Start { program: program.display().to_string(), source };
    let mut asked = Command::new(program);
    asked.arg("ask").arg("--root").arg(root).arg("--index").arg(&index).args(["--batch", "-"]);
    let mut child = asked.stdin(Stdio::piped()).stdout(Stdio::piped()).spawn().map_err(failed)?;
    let lines: String = places.iter().map(|p| format!("where is {p}\n")).collect();
    let input = child.stdin.take();
    let writing = std::thread::spawn(move || input.map(|mut i| i.write_all(lines.as_bytes())));
    let out = child.wait_with_output().map_err(failed)?;
    let _ = writing.join();
    let said = String::from_utf8_lossy(&out.stdout).lines().map(certainty).collect::<Vec<_>>();
    if said.len() == places.len() { Ok(said) } else { Err(Failure::Unexpected(format!("{} questions, {} replies", places.len(), said.len()))) }
}

fn certainty(reply: &str) -> String {
    let reply: Value = serde_json::from_str(reply).unwrap_or_default();
    reply["answers"][0]["certainty"].as_str().unwrap_or("none").to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::a_name("use std::fmt::Display;", Some(14))]
    #[case::a_call("let a = core::mem::take(x);", Some(19))]
    #[case::a_list("use std::{fmt, io};", None)]
    #[case::within_another_word("use my_std::fmt;", None)]
    fn names_of_std_are_found(#[case] line: &str, #[case] wanted: Option<usize>) {
        let found = ["std::", "core::"].iter().find_map(|root| line.match_indices(root).map(|m| m.0).find(|at| starts_path(line, *at)));
        assert_eq!(found.and_then(|at| last_of_path(line, at)), wanted);
    }

    #[rstest]
    #[case::another_corpus("py", "jinja/a.py", "markup/b.py", Some("jinja"))]
    #[case::another_package("rust", "fst/fst/src/a.rs", "fst/memchr/src/b.rs", Some("fst/fst"))]
    #[case::the_same("rust", "fst/fst/src/a.rs", "fst/fst/src/b.rs", None)]
    #[case::installed("ts", "board/lib/a.js", "board/node_modules/x/b.js", Some("board"))]
    fn packages_stand_alone(#[case] language: &str, #[case] path: &str, #[case] target: &str, #[case] wanted: Option<&str>) {
        assert_eq!(alone(language, path, target), wanted);
    }
}
