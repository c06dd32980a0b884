//! Kin of types: the tree, and who has which member.

use crate::support::{ask, engine};
use compass_trace::Engine;
use compass_trace::kin::{Cell, Kin};
use rstest::rstest;
use testkit::Project;

fn kin(engine: &Engine, name: &str) -> Kin {
    let symbol = ask(engine, &format!("where is {name}")).answers[0].symbol.expect("a symbol");
    engine.kin(symbol).expect("looked up").expect("kin")
}

/// A row a type: level, name, and for each member the line it is written on, where it comes from, or `-`.
fn told(kin: &Kin) -> Vec<String> {
    let cell = |c: &Cell| match c {
        Cell::Own(at) => at.line.to_string(),
        Cell::Inherited(from, at) => format!("{from}:{}", at.line),
        Cell::Lacking => "-".to_owned(),
    };
    kin.types
        .iter()
        .map(|t| format!("{} {} {}", t.level, t.at.name.clone().unwrap_or_default(), t.cells.iter().map(cell).collect::<Vec<_>>().join(" ")))
        .collect()
}

#[test]
fn classes_show_what_they_write_and_what_they_take_over() {
    let project = Project::with(&[(
        "rules.py",
        "class Base:\n    def note(self): pass\n\nclass Rule(Base):\n    def __init__(self): pass\n    def rank(self): pass\n    def why(self): return ''\n\nclass Heavy(Rule):\n    def rank(self): return 1\n\nclass VeryHeavy(Heavy):\n    def why(self): return 'x'\n\nclass Light(Rule):\n    pass\n",
    )]);
    let engine = engine(&project);
    let rule = kin(&engine, "Rule");
    assert_eq!(rule.members.iter().map(|m| m.0.as_str()).collect::<Vec<_>>(), ["rank", "why"]);
    assert_eq!(told(&rule), ["-1 Base - -", "0 Rule 6 7", "1 Heavy 10 Rule:7", "2 VeryHeavy Heavy:10 13", "1 Light Rule:6 Rule:7"]);
    assert_eq!(kin(&engine, "VeryHeavy.why").of.name, "VeryHeavy", "a member stands for its type");
    let file = engine.index().find_path("rules.py").expect("a file");
    assert_eq!(engine.kin(compass_index::SymbolId::module(file)).expect("looked up"), None, "a file has none");
}

#[test]
fn interfaces_of_go_show_who_lacks_little() {
    let project = Project::with(&[
        ("go.mod", "module larder\n"),
        (
            "turns.go",
            "package larder\n\ntype TurnStore interface {\n\tInsert(n int) error\n\tLast(n int) (int, error)\n}\n\ntype sqlTurns struct{}\n\nfunc (s *sqlTurns) Insert(n int) error { return nil }\nfunc (s *sqlTurns) Last(n int) (int, error) { return 0, nil }\n",
        ),
        (
            "mem.go",
            "package larder\n\ntype memTurns struct{ sqlTurns }\n\nfunc (m *memTurns) Insert(n int) error { return nil }\n\ntype dryRun struct{}\n\nfunc (d dryRun) Insert(n int) error { return nil }\n",
        ),
    ]);
    let engine = engine(&project);
    let store = kin(&engine, "TurnStore");
    let mut rows = told(&store);
    rows.sort();
    assert_eq!(rows, ["0 TurnStore 4 5", "1 memTurns 5 sqlTurns:11", "1 sqlTurns 10 11"]);
    let almost: Vec<(String, Vec<String>)> = store.almost.iter().map(|a| (a.at.name.clone().unwrap_or_default(), a.lacks.clone())).collect();
    assert_eq!(almost, [("dryRun".to_owned(), vec!["Last".to_owned()])]);
}

#[rstest]
#[case::rust("a.rs", "trait Turn { fn turn(&self); fn rest(&self) {} }\nstruct Wheel;\nimpl Turn for Wheel { fn turn(&self) {} }\n", "Turn", &["0 Turn 1 1", "1 Wheel 3 Turn:1"])]
#[case::java("Turn.java", "interface Turn { void turn(); }\nabstract class Base implements Turn {}\nclass Wheel extends Base { public void turn() {} }\n", "Turn", &["0 Turn 1", "1 Base -", "2 Wheel 3"])]
#[case::typescript("turn.ts", "interface Turn { turn(): void }\nclass Wheel implements Turn { turn() {} }\nclass Big extends Wheel {}\n", "Turn", &["0 Turn 1", "1 Wheel 2", "2 Big Wheel:2"])]
#[case::go_unnamed("turn.go", "package a\n\ntype Wheel struct{}\n\nfunc (w *Wheel) Turn() {}\n\ntype Turn interface {\n\tTurn()\n}\n\nvar rack = struct{ *Wheel }{}\n", "Turn kind interface", &["0 Turn 8", "1 Wheel 5", "2 (struct) Wheel:5"])]
#[case::cpp("turn.cpp", "struct Turn { virtual void turn() = 0; };\nstruct Wheel : Turn { void turn() override {} };\n", "Turn", &["0 Turn 1", "1 Wheel 2"])]
fn implementers_in_other_languages(#[case] path: &str, #[case] text: &str, #[case] name: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[(path, text)]);
    assert_eq!(told(&kin(&engine(&project), name)), wanted);
}
