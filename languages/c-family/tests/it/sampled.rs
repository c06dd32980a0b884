//! Macro calls sampled from a real C library, each unfolded here and by the compiler, token for token.
//!
//! Long: run by `scripts/test --long`, over the library in `COMPASS_C_LIBRARY` (a folder; include folders and defines in
//! `COMPASS_C_INCLUDES` and `COMPASS_C_DEFINES`, separated by blanks).

use compass_facts::{Cancel, Kind};
use compass_index::{Disk, FileId, Index};
use compass_unfold::{Options, unfold};
use language_c_family::lexer::CLexer;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::process::Command;
use testkit::{has, indexed};

const WANTED: usize = 500;

/// A call: where it begins and ends, and the tokens ours becomes.
struct Sample {
    from: u32,
    to: u32,
    ours: Vec<String>,
    steps: usize,
}

#[test]
#[ignore = "long: needs a C library in COMPASS_C_LIBRARY"]
fn sampled_calls_give_the_tokens_of_the_compiler() {
    let Ok(library) = std::env::var("COMPASS_C_LIBRARY") else {
        testkit::skipped("COMPASS_C_LIBRARY names no C library: nothing was sampled");
        return;
    };
    if !has("gcc") {
        return;
    }
    let project = testkit::Project::new();
    copy(Path::new(&library), &project.root());
    let index = indexed(&project);
    let words = |name: &str| std::env::var(name).unwrap_or_default().split_whitespace().map(str::to_owned).collect::<Vec<_>>();
    let mut includes: Vec<PathBuf> = words("COMPASS_C_INCLUDES").iter().map(|i| project.root().join(i)).collect();
    let own = includes.clone();
    includes.extend(system_folders());
    let mut defines = predefined();
    defines.extend(words("COMPASS_C_DEFINES"));
    let options = Options { defines, includes, ..Options::default() };
    let calls = calls(&index);
    let stride = (calls.len() / (WANTED * 2)).max(1);
    let mut samples: BTreeMap<FileId, Vec<Sample>> = BTreeMap::new();
    let mut count = 0;
    for (file, offset) in calls.iter().step_by(stride).copied() {
        if count >= WANTED * 5 / 4 {
            break;
        }
        if samples.get(&file).is_some_and(|s: &Vec<Sample>| s.iter().any(|s| s.from <= offset && offset < s.to)) {
            continue;
        }
        let Ok(found) = unfold(&index, &Disk, file, offset, &options, &Cancel::new()) else { continue };
        let written = found.state(0);
        let end = written.pieces.last().and_then(|p| p.trail.last()).and_then(|t| t.1.as_ref()).map(|l| l.span.end);
        let Some(to) = end.filter(|_| found.place.span.start == offset && !found.steps.is_empty()) else { continue };
        let text = found.state(found.steps.len());
        let ours = text.pieces.iter().map(|p| p.span.of(&text.text).to_owned()).collect();
        samples.entry(file).or_default().push(Sample { from: offset, to, ours, steps: found.steps.len() });
        count += 1;
    }
    let (mut same, mut left_out, mut steps, mut wrong) = (0, 0, 0, Vec::new());
    for (file, samples) in &mut samples {
        samples.sort_by_key(|s| s.from);
        let path = index.path_of(*file);
        let theirs = compiled(&project.root(), &path, samples, &own, &words("COMPASS_C_DEFINES"));
        for (n, sample) in samples.iter().enumerate() {
            match theirs.get(&n) {
                None => left_out += 1,
                Some(tokens) if same_but_for_the_name(tokens, &sample.ours, &path) => {
                    same += 1;
                    steps += sample.steps;
                }
                Some(tokens) => wrong.push(format!("{path}:{}\n  ours   {}\n  theirs {}", sample.from, sample.ours.join(" "), tokens.join(" "))),
            }
        }
    }
    eprintln!(
        "sampled {count} calls of {}: {same} the same ({steps} steps), {} differ, {left_out} stand in branches the build leaves out",
        calls.len(),
        wrong.len()
    );
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
    assert!(same >= WANTED, "only {same} calls were compared");
}

/// The copy has a name of its own, which `__FILE__` shows.
fn same_but_for_the_name(theirs: &[String], ours: &[String], path: &str) -> bool {
    let is_name = |a: &str, b: &str| a.ends_with("marked_copy.c\"") && b.trim_matches('"') == path;
    theirs.len() == ours.len() && theirs.iter().zip(ours).all(|(a, b)| a == b || is_name(a, b))
}

fn copy(from: &Path, to: &Path) {
    for entry in std::fs::read_dir(from).expect("a folder").flatten() {
        let target = to.join(entry.file_name());
        if entry.path().is_dir() {
            std::fs::create_dir_all(&target).expect("a folder");
            copy(&entry.path(), &target);
        } else {
            std::fs::copy(entry.path(), target).expect("a file");
        }
    }
}

/// Uses of macros in functions of C files.
fn calls(index: &Index) -> Vec<(FileId, u32)> {
    let mut out = Vec::new();
    for row in index.files().iter().filter(|f| f.language == languages::C && f.path.ends_with(".c")) {
        let facts = index.facts(row.id).expect("readable");
        let text = index.source(row.id).expect("readable").source.text.clone();
        for u in &facts.facts.uses {
            let in_function = u.enclosing.is_some_and(|d| facts.facts.def(d).kind == Kind::Function);
            let line = text[..u.span.start as usize].rfind('\n').map_or(0, |n| n + 1);
            let directive = text[line..].trim_start().starts_with('#');
            let is_macro = index.named(facts.facts.name(u.name)).is_ok_and(|n| n.iter().any(|n| n.kind == Kind::Macro));
            if in_function && !directive && is_macro {
                out.push((row.id, u.span.start));
            }
        }
    }
    out
}

fn system_folders() -> Vec<PathBuf> {
    let out = Command::new("gcc").args(["-E", "-v", "-x", "c", "/dev/null"]).output().expect("gcc runs");
    let text = String::from_utf8_lossy(&out.stderr).into_owned();
    let lines = text.lines().skip_while(|l| !l.starts_with("#include <")).skip(1).take_while(|l| l.starts_with(' '));
    lines.map(|l| PathBuf::from(l.trim())).collect()
}

fn predefined() -> Vec<String> {
    let out = Command::new("gcc").args(["-dM", "-E", "-x", "c", "/dev/null"]).output().expect("gcc runs");
    let text = String::from_utf8_lossy(&out.stdout).into_owned();
    let definition = |l: &str| {
        let rest = l.strip_prefix("#define ")?;
        let close = rest.find(' ').unwrap_or(rest.len());
        let close = if rest[..close].contains('(') { rest.find(')').map_or(close, |n| n + 1) } else { close };
        Some(format!("{}={}", &rest[..close], rest[close..].trim()))
    };
    text.lines().filter_map(definition).collect()
}

/// What the compiler makes of each sample, by number, from a copy of the file in which samples stand between marks.
fn compiled(root: &Path, path: &str, samples: &[Sample], includes: &[PathBuf], defines: &[String]) -> BTreeMap<usize, Vec<String>> {
    let full = root.join(path);
    let text = std::fs::read_to_string(&full).expect("a file");
    let mut marked = text.clone();
    for (n, sample) in samples.iter().enumerate().rev() {
        marked.insert_str(sample.to as usize, &format!(" MARK_END_{n} "));
        marked.insert_str(sample.from as usize, &format!(" MARK_BEGIN_{n} "));
    }
    let copy = full.with_file_name("marked_copy.c");
    std::fs::write(&copy, marked).expect("a file");
    let mut command = Command::new("gcc");
    command.args(["-E", "-w", "-x", "c"]);
    command.args(includes.iter().map(|i| format!("-I{}", i.display()))).args(defines.iter().map(|d| format!("-D{d}")));
    let out = command.arg(&copy).output().expect("gcc runs");
    std::fs::remove_file(&copy).expect("removed");
    let text: String = String::from_utf8_lossy(&out.stdout).lines().filter(|l| !l.starts_with("# ")).flat_map(|l| [l, "\n"]).collect();
    let mut found = BTreeMap::new();
    let mut open: Option<(usize, Vec<String>)> = None;
    for token in CLexer::new(&text, false).map(|t| t.spelling(&text).into_owned()) {
        if let Some(n) = token.strip_prefix("MARK_BEGIN_").and_then(|n| n.parse().ok()) {
            open = Some((n, Vec::new()));
        } else if token.starts_with("MARK_END_") {
            found.extend(open.take());
        } else if let Some((_, tokens)) = &mut open {
            tokens.push(token);
        }
    }
    found
}
