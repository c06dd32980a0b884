//! Names that are told apart in the text.

use crate::support::engine;
use compass_facts::Cancel;
use compass_trace::highlights::Highlight;
use rstest::rstest;
use testkit::Project;

/// `name macro`, `name dependency`, `name unknown`, in the order of the text.
fn told(project: &Project, path: &str) -> Vec<String> {
    let text = std::fs::read_to_string(project.root().join(path)).expect("text");
    let word = |t: Highlight| match t {
        Highlight::Macro => "macro",
        Highlight::Mark => "mark",
        Highlight::Dependency => "dependency",
        Highlight::Unknown => "unknown",
    };
    let highlights = engine(project).highlights(path, &Cancel::new()).expect("highlights");
    highlights.into_iter().map(|(span, highlight)| format!("{} {}", span.of(&text), word(highlight))).collect()
}

const C: &str =
    "#define COUNT(a) (sizeof(a) / sizeof((a)[0]))\nint level(int *all) { return COUNT(all) + nowhere(1); }\nint twice(int *all) { return level(all); }\n";
const RUST: &str = "macro_rules! twice { ($e:expr) => { $e + $e } }\nfn f(x: u32) -> u32 { g(twice!(x)) }\nfn g(x: u32) -> u32 { x }\n";
const PYTHON: &str = "import missing\n\ndef f(x):\n    missing.turn(x)\n    return len(g(x))\n\ndef g(x):\n    return x\n";

#[rstest]
#[case::c("a.c", C, &["COUNT macro", "nowhere unknown"])]
#[case::rust("src/lib.rs", RUST, &["twice macro"])]
#[case::python("a.py", PYTHON, &["missing unknown", "missing unknown", "turn unknown"])]
fn macros_and_names_without_a_target(#[case] path: &str, #[case] text: &str, #[case] wanted: &[&str]) {
    let found = told(&Project::with(&[(path, text)]), path);
    assert!(wanted.iter().all(|w| found.iter().any(|f| f == w)), "{found:?}");
    assert!(
        !found.iter().any(|f| f.starts_with("level") || f.starts_with("g ") || f.starts_with("len")),
        "own names and those of the language are as ever: {found:?}"
    );
}

#[test]
fn names_of_dependencies_and_files_that_changed() {
    let project = Project::with(&[
        ("package.json", "{\"name\":\"board\",\"version\":\"1.0.0\",\"dependencies\":{\"rack\":\"1.2.0\"}}"),
        ("board.js", "import { turn } from \"rack\";\nexport function go() { turn(own()); }\nfunction own() { return 1; }\n"),
        ("node_modules/rack/package.json", "{\"name\":\"rack\",\"version\":\"1.2.0\",\"main\":\"index.js\"}"),
        ("node_modules/rack/index.js", "export function turn(x) { return x; }\n"),
    ]);
    let engine = engine(&project);
    let highlights = engine.highlights("board.js", &Cancel::new()).expect("highlights");
    assert!(highlights.iter().any(|t| t.1 == Highlight::Dependency) && highlights.iter().all(|t| t.1 != Highlight::Macro), "{highlights:?}");
    assert!(engine.highlights("nothing.js", &Cancel::new()).expect("highlights").is_empty());
    project.write("board.js", "function go() {}\n");
    engine.index().forget_texts();
    assert!(engine.highlights("board.js", &Cancel::new()).expect("highlights").is_empty(), "places of before mean nothing now");
    let cancel = Cancel::new();
    cancel.cancel();
    engine.index().forget_texts();
    project.write("board.js", "import { turn } from \"rack\";\nexport function go() { turn(own()); }\nfunction own() { return 1; }\n");
    assert!(engine.highlights("board.js", &cancel).is_err());
}
