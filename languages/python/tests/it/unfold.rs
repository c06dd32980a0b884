//! Lowered generators run and print what the originals do, at both depths.

use compass_facts::{Flags, Kind};
use compass_unfold::{Options, PieceKind, UnfoldError};
use rstest::rstest;
use std::path::PathBuf;
use std::process::Command;
use testkit::Project;
use testkit::{has, indexed, unfolded_at};

fn run(text: &str) -> String {
    let out = Command::new("python3").arg("-c").arg(text).output().expect("python3 runs");
    format!("{}{}", String::from_utf8_lossy(&out.stdout), String::from_utf8_lossy(&out.stderr))
}

/// The program with every generator replaced by its lowering after so many steps.
fn lowered(text: &str, steps: usize) -> String {
    let project = Project::with(&[("program.py", text)]);
    let index = indexed(&project);
    let file = index.find_path("program.py").expect("indexed");
    let facts = index.facts(file).expect("readable");
    let mut spans: Vec<_> = facts.facts.definitions.iter().filter(|d| matches!(d.kind, Kind::Function | Kind::Method)).collect();
    spans.sort_by_key(|d| std::cmp::Reverse(d.name_span.start));
    let mut out = text.to_owned();
    for d in spans {
        let unfolding = match compass_unfold::unfold(&index, &compass_index::Disk, file, d.name_span.start, &Options::default(), &compass_facts::Cancel::new())
        {
            Ok(unfolding) => unfolding,
            Err(UnfoldError::Nothing { .. }) => continue,
            Err(e) => panic!("{e}"),
        };
        let place = unfolding.place.span;
        let indent = unfolding.place.column as usize - 1;
        let new = unfolding.state(steps).text;
        let new: String = new
            .trim_end()
            .lines()
            .enumerate()
            .map(|(n, l)| if n == 0 || l.is_empty() { format!("{l}\n") } else { format!("{}{l}\n", " ".repeat(indent)) })
            .collect();
        out.replace_range(place.start as usize..place.end as usize, new.trim_end());
    }
    out
}

#[rstest]
fn lowered_programs_print_the_same(#[files("tests/cases/generators/*.py")] path: PathBuf, #[values(1, 2)] steps: usize) {
    if !has("python3") {
        return;
    }
    let text = std::fs::read_to_string(&path).expect("a program");
    let made = lowered(&text, steps);
    assert!(!made.contains("\n    yield"), "no yield is left in {}", path.display());
    let (wanted, found) = (run(&text), run(&made));
    assert_eq!(found, wanted, "{} after {steps} steps:\n{made}", path.display());
}

#[test]
fn every_written_piece_is_found_again() {
    let project = Project::with(&[("a.py", include_str!("../cases/generators/latest.py"))]);
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "a.py", "latest[probe]", 0, &Options::default()).expect("a generator");
    let text = unfolding.state(1);
    let piece = text.pieces.iter().find(|p| p.span.of(&text.text).contains("latest[") && p.kind == PieceKind::Written).expect("taken over");
    let (words, place) = &piece.trail[0];
    assert_eq!(words, "written here");
    assert!(place.as_ref().is_some_and(|p| p.line == 5 || p.line == 7));
    assert_eq!(unfolding.depths.len(), 2);
    assert!(unfolding.state(0).text.starts_with("def last_of_each(readings):"));
}

#[rstest]
#[case::no_generator("def f():\n    return 1\n", "f", "no yield")]
#[case::walrus("def f(a):\n    if (n := len(a)) > 1:\n        yield n\n", "f", ":=")]
#[case::coroutine("async def f():\n    yield 1\n", "f", "asynchronous")]
#[case::group("def f():\n    try:\n        yield 1\n    except* ValueError:\n        pass\n", "f", "except*")]
#[case::captures("def f(a):\n    match a:\n        case [x, y]:\n            yield x\n", "f", "match")]
#[case::order("def f(a):\n    yield g(a) + (yield 1)\n", "f", "another")]
#[case::nothing("x = 1\n", "x", "no function")]
fn what_cannot_be_lowered_says_why(#[case] text: &str, #[case] mention: &str, #[case] why: &str) {
    let project = Project::with(&[("a.py", text)]);
    let index = indexed(&project);
    let error = unfolded_at(&index, "a.py", mention, usize::from(mention == "f"), &Options::default())
        .err()
        .or_else(|| unfolded_at(&index, "a.py", mention, 0, &Options::default()).err());
    let text = error.expect("refused").to_string();
    assert!(text.contains(why), "{text}");
}

#[test]
fn flags_of_generators_are_known() {
    let project = Project::with(&[("a.py", "def f():\n    yield 1\n")]);
    let index = indexed(&project);
    let file = index.find_path("a.py").expect("indexed");
    assert!(index.facts(file).expect("readable").facts.definitions[0].flags.has(Flags::GENERATOR));
}

#[rstest]
#[case::letters_beyond_ascii("été_ß")]
#[case::only_signs("__")]
#[case::digits("_1")]
fn any_name_of_a_generator_is_taken(#[case] name: &str) {
    let text = format!("def {name}():\n    yield 1\n\n\nprint(list({name}()))\n");
    if has("python3") {
        assert_eq!(run(&lowered(&text, 2)), "[1]\n");
    }
}
