//! Case files: small sources, marked places, the expected answers. Adding a case needs no Rust.

use crate::support::{ask, engine, indexed};
use compass_index::refresh::Request;
use rstest::rstest;
use std::path::PathBuf;
use testkit::{Project, case_parts, line_of};

#[rstest]
fn names_lead_where_the_case_says(#[files("tests/cases/link/*.txt")] path: PathBuf) {
    let text = std::fs::read_to_string(&path).expect("a case file");
    let parts = case_parts(&text);
    let (expected, files): (Vec<_>, Vec<_>) = parts.iter().partition(|p| p.0 == "expect");
    let sources: Vec<(&str, &str)> = files.iter().map(|p| (p.0.as_str(), p.1.as_str())).collect();
    let project = Project::with(&sources);
    let engine = engine(&project);
    let mut wrong = Vec::new();
    let lines: Vec<&str> = expected.iter().flat_map(|p| p.1.lines()).filter(|l| !l.is_empty()).collect();
    assert!(!lines.is_empty(), "a case expects something");
    for line in lines {
        let (place, target) = line.split_once(" -> ").expect("PLACE -> TARGET CERTAINTY");
        let answers = ask(&engine, &format!("where is {place}"));
        let found = match answers.answers.first() {
            Some(a) => format!("{}:{} {}", a.path, a.line, a.certainty_word().unwrap_or("-")),
            None => format!("none {}", answers.missing.first().map_or("-", |m| m.cause.as_str())),
        };
        if found != target {
            wrong.push(format!("{place}: wanted {target}, found {found}"));
        }
        for answer in &answers.answers {
            for step in &answer.evidence {
                assert!(opens_at_the_named_thing(&project, step), "{place}: nothing named stands at {step:?}");
            }
        }
    }
    assert!(wrong.is_empty(), "{}\n{}", path.display(), wrong.join("\n"));
}

/// Large trees are linked with little more than the outer part of their facts in memory.
#[rstest]
fn facts_cut_down_link_as_whole_ones(#[files("tests/cases/link/*.txt")] path: PathBuf) {
    let text = std::fs::read_to_string(&path).expect("a case file");
    let parts = case_parts(&text);
    let sources: Vec<(&str, &str)> = parts.iter().filter(|p| p.0 != "expect").map(|p| (p.0.as_str(), p.1.as_str())).collect();
    let links = |whole_bytes| {
        let project = Project::with(&sources);
        let index = indexed(&project, Request { whole_bytes: Some(whole_bytes), ..Request::default() });
        index.files().iter().map(|f| (f.path.clone(), index.links(f.id).expect("links"))).collect::<Vec<_>>()
    };
    let whole = links(1 << 20);
    assert!(!whole.is_empty(), "something is indexed");
    assert_eq!(links(0), whole);
}

/// Every reason has a place, and the line there holds the thing it names.
fn opens_at_the_named_thing(project: &Project, step: &compass_trace::EvidenceLine) -> bool {
    let line = line_of(&project.root().join(&step.path), step.line);
    if step.text.starts_with("unit ") {
        return project.root().join(&step.path).is_file();
    }
    let is_word = |c: char| c.is_alphanumeric() || c == '_' || matches!(c, '.' | '/' | '*');
    step.text.split(|c: char| !is_word(c)).filter(|w| !w.is_empty()).any(|w| line.contains(w))
}

/// The compiler takes the cases for programs, so that what they expect is worth something.
#[rstest]
#[case::java("java-", &["javac", "-Xlint:none", "-nowarn"], ".java")]
#[case::rust("rust-closures", &["rustc", "--edition=2021", "--crate-type=lib", "--emit=metadata", "-Awarnings"], ".rs")]
#[case::go("go-", &["go", "vet"], ".go")]
#[case::perl("perl-", &["perl", "-c"], ".pl")]
fn cases_are_programs(#[case] front: &str, #[case] compiler: &[&str], #[case] ending: &str) {
    if std::process::Command::new(compiler[0])
        .arg(match compiler[0] {
            "go" => "version",
            "rustc" | "perl" => "--version",
            _ => "-version",
        })
        .output()
        .is_err()
    {
        testkit::skipped(&format!("{} is not installed: cases {front}* were NOT compiled", compiler[0]));
        return;
    }
    let folder = std::path::Path::new("tests/cases/link");
    let cases = std::fs::read_dir(folder).expect("cases").flatten().map(|e| e.path());
    for case in cases.filter(|p| p.file_name().is_some_and(|n| n.to_string_lossy().starts_with(front))) {
        let text = std::fs::read_to_string(&case).expect("a case file");
        let parts = case_parts(&text);
        let sources: Vec<(&str, &str)> = parts.iter().filter(|p| p.0 != "expect").map(|p| (p.0.as_str(), p.1.as_str())).collect();
        let project = Project::with(&sources);
        let mut command = std::process::Command::new(compiler[0]);
        command.args(&compiler[1..]).current_dir(project.root());
        match ending {
            ".go" => command.args(["./..."]).env("GOFLAGS", "-mod=mod").env("GOPROXY", "off").env("GOTOOLCHAIN", "local"),
            ".rs" => command.arg("src/lib.rs"),
            // One that brings in what is not there cannot be compiled.
            ".pl" => command.args(sources.iter().filter(|s| s.0.ends_with(ending) && !s.1.contains("Absent")).map(|s| s.0).take(1)),
            _ => command.args(["-d", "classes"]).args(sources.iter().map(|s| s.0).filter(|p| p.ends_with(ending))),
        };
        let output = command.output().expect("a compiler");
        assert!(output.status.success(), "{}: {}", case.display(), String::from_utf8_lossy(&output.stderr));
    }
}
