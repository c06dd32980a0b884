//! Passes over all files: what they see, how what they find is kept, and layers.

use compass_facts::{Cancel, Role};
use compass_index::plan::{Deps, Options};
use compass_index::refresh::{Outcome, Request, run};
use compass_index::{Certainty, Crossing, CrossingKind, Disk, Index, LinkPass, Loose, LooseCause, PassInput, PassOutput, Silent, SymbolId};
use rstest::rstest;
use std::sync::Arc;
use testkit::Project;

/// Joins every call of `ask` to the definition of `answer`.
#[derive(Debug)]
struct Asking;

impl LinkPass for Asking {
    fn name(&self) -> &'static str {
        "asking"
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let mut out = PassOutput::default();
        let named = |name: &str| {
            input
                .files
                .iter()
                .find_map(|f| f.facts.definitions.iter().position(|d| f.facts.name(d.name) == name).map(|i| f.symbol(compass_facts::DefId(i as u32))))
        };
        for (file, here) in input.files.iter().enumerate() {
            for u in here.facts.uses.iter().filter(|u| here.facts.name(u.name) == "ask" && u.role == Role::Call) {
                let from = u.enclosing.map_or(SymbolId::module(here.id), |d| here.symbol(d));
                match named("answer") {
                    Some(to) => {
                        let crossing = Crossing {
                            kind: CrossingKind::Http,
                            from,
                            at: u.span,
                            to,
                            role: Role::Call,
                            label: "asked".to_owned(),
                            certainty: Certainty::Inferred,
                            evidence: Vec::new(),
                        };
                        out.crossings.push((file, crossing.clone()));
                        // Said twice, kept once.
                        out.crossings.push((file, crossing));
                    }
                    None => out.loose.push((file, Loose { kind: CrossingKind::Http, at: u.span, label: "asked".to_owned(), cause: LooseCause::NoRoute })),
                }
            }
        }
        out
    }
}

fn index(project: &Project, passes: bool) -> Outcome {
    let passes: Vec<Arc<dyn LinkPass>> = if passes { vec![Arc::new(Asking)] } else { Vec::new() };
    let options = Options { roots: vec![project.root()], files: None, deps: Deps::None, ..Default::default() };
    let request = Request { options, index: project.index(), threads: 2, verify: false, passes, ..Default::default() };
    run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed")
}

fn sample() -> Project {
    Project::with(&[
        ("board/a.ts", "export function go() { ask(1); ask(2); }\ndeclare function ask(n: number): void;\n"),
        ("web/b.py", "def answer():\n    pass\n"),
    ])
}

#[test]
fn what_a_pass_finds_is_stored_and_posted_under_what_it_reaches() {
    let project = sample();
    let outcome = index(&project, true);
    assert_eq!(outcome.summary.crossings.get("http"), Some(&2));
    let index = Index::open(&project.index()).expect("an index");
    let answer = index.named("answer").expect("readable")[0].symbol;
    let entries = index.crossings(answer).expect("readable");
    assert_eq!(entries.len(), 2);
    let links = index.links(entries[0].file).expect("readable");
    let crossing = &links.crossings[entries[0].number as usize];
    assert_eq!((crossing.to, crossing.label.as_str(), crossing.certainty), (answer, "asked", Certainty::Inferred));
    let go = index.definition(crossing.from).expect("readable").expect("there");
    assert_eq!(go.0.facts.def_name(go.1), "go");
}

#[test]
fn a_refresh_forgets_crossings_that_are_gone() {
    let project = sample();
    index(&project, true);
    project.remove("web/b.py");
    let outcome = index(&project, true);
    assert_eq!(outcome.summary.crossings.get("http"), None);
    assert_eq!(outcome.summary.loose.get("http"), Some(&2));
}

#[test]
fn another_set_of_passes_makes_an_index_stale() {
    let project = sample();
    let without = index(&project, false);
    assert!(without.summary.crossings.is_empty());
    let with = index(&project, true);
    assert_eq!(with.summary.crossings.get("http"), Some(&2), "nothing changed but the passes");
    let again = index(&project, true);
    assert_eq!(again.summary.relinked_files, 0);
}

#[rstest]
#[case::first_that_fits("[[layers]]\nname='a'\npaths=['board/**']\n[[layers]]\nname='b'\npaths=['**']\n", "board/a.ts", Some((0, "a")))]
#[case::second("[[layers]]\nname='a'\npaths=['board/**']\n[[layers]]\nname='b'\npaths=['**']\n", "web/b.py", Some((1, "b")))]
#[case::a_star_ends_at_a_slash("[[layers]]\nname='a'\npaths=['*.ts']\n", "board/a.ts", None)]
#[case::broken_pattern("[[layers]]\nname='a'\npaths=['[', 'board/**']\n", "board/a.ts", Some((0, "a")))]
fn layers_are_settled_by_hand(#[case] config: &str, #[case] path: &str, #[case] expected: Option<(u16, &str)>) {
    let project = sample();
    project.write("amber-compass.toml", config);
    index(&project, false);
    let index = Index::open(&project.index()).expect("an index");
    let file = index.find_path(path).expect("indexed");
    assert_eq!(index.layer(file), expected);
}

#[test]
fn other_layers_are_seen_without_any_other_change() {
    let project = sample();
    index(&project, false);
    project.write("amber-compass.toml", "[[layers]]\nname='page'\npaths=['board/**']\n");
    index(&project, false);
    let index = Index::open(&project.index()).expect("an index");
    assert_eq!(index.layers().len(), 1);
}

#[test]
fn one_kind_of_code_has_no_layers() {
    let project = Project::with(&[("a.py", "def f():\n    pass\n"), ("b.py", "def g():\n    pass\n")]);
    index(&project, true);
    let index = Index::open(&project.index()).expect("an index");
    assert!(index.layers().is_empty());
}

#[test]
fn the_matrix_counts_what_crosses_between_layers() {
    let project = sample();
    project.write("amber-compass.toml", "[[layers]]\nname='page'\npaths=['board/**']\n[[layers]]\nname='route'\npaths=['web/**']\n");
    index(&project, true);
    let index = Index::open(&project.index()).expect("an index");
    assert_eq!(index.matrix(), [(CrossingKind::Http, Some(0), Some(1), 2)]);
}
