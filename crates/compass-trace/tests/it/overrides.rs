//! What members stand in for members of bases, and calls that may arrive at them.

use crate::support::{ask, engine, places};
use rstest::rstest;
use testkit::Project;

const PYTHON: &str = "class Shelf:\n    def turn(self):\n        pass\n\nclass Rack(Shelf):\n    def turn(self):\n        pass\n\nclass Low(Rack):\n    def turn(self):\n        pass\n\ndef run(s: Shelf):\n    s.turn()\n\ndef low():\n    Low().turn()\n";
const JAVA: &str = "interface Turner {\n    void turn();\n}\nclass Rack implements Turner {\n    public void turn() {}\n}\nclass Low extends Rack {\n    public void turn() {}\n}\nclass Run {\n    void all(Turner t) { t.turn(); }\n    void low(Low l) { l.turn(); }\n}\n";
const GO: &str = "package rack\n\ntype Turner interface {\n\tTurn()\n}\n\ntype Rack struct{}\n\nfunc (r *Rack) Turn() {}\n\nfunc run(t Turner) {\n\tt.Turn()\n}\n\nfunc low(r *Rack) {\n\tr.Turn()\n}\n";
const RUST: &str = "pub trait Turner {\n    fn turn(&self);\n}\npub struct Rack;\nimpl Turner for Rack {\n    fn turn(&self) {}\n}\npub struct Other;\nimpl Other {\n    fn turn(&self) {}\n}\nfn run(t: &dyn Turner) {\n    t.turn();\n}\n";
const TYPESCRIPT: &str =
    "interface Turner {\n  turn(): void;\n}\nclass Rack implements Turner {\n  turn(): void {}\n}\nfunction run(t: Turner) {\n  t.turn();\n}\n";
const CPP: &str = "struct Shelf {\n  virtual void turn();\n};\nstruct Rack : Shelf {\n  void turn() override {}\n};\nvoid run(Shelf *s) {\n  s->turn();\n}\n";

#[rstest]
#[case::python("a.py", PYTHON, "who overrides Shelf.turn", &["a.py:6", "a.py:10"])]
#[case::python_up("a.py", PYTHON, "what does Low.turn override", &["a.py:6", "a.py:2"])]
#[case::python_middle("a.py", PYTHON, "what does Rack.turn override", &["a.py:2"])]
#[case::python_none("a.py", PYTHON, "what does Shelf.turn override", &[])]
#[case::java("Rack.java", JAVA, "who overrides Turner.turn", &["Rack.java:5", "Rack.java:8"])]
#[case::java_up("Rack.java", JAVA, "what does Low.turn override", &["Rack.java:5", "Rack.java:2"])]
#[case::go("rack.go", GO, "who overrides Turner.Turn", &["rack.go:9"])]
#[case::go_up("rack.go", GO, "what does Rack.Turn override", &["rack.go:4"])]
#[case::rust("lib.rs", RUST, "who overrides Turner.turn", &["lib.rs:6"])]
#[case::rust_other("lib.rs", RUST, "what does Other.turn override", &[])]
#[case::typescript("a.ts", TYPESCRIPT, "who overrides Turner.turn", &["a.ts:5"])]
#[case::cpp("a.cpp", CPP, "who overrides Shelf.turn", &["a.cpp:5"])]
fn members_stand_in_for_those_of_bases(#[case] path: &str, #[case] text: &str, #[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[(path, text)]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted, "{question}");
}

#[rstest]
#[case::python("a.py", PYTHON, "who calls Rack.turn", &[("a.py:14", "inferred")])]
#[case::python_lowest("a.py", PYTHON, "who calls Low.turn", &[("a.py:14", "inferred"), ("a.py:17", "proven")])]
#[case::python_highest("a.py", PYTHON, "who calls Shelf.turn", &[("a.py:14", "inferred")])]
#[case::java("Rack.java", JAVA, "who calls Low.turn", &[("Rack.java:11", "inferred"), ("Rack.java:12", "proven")])]
#[case::go("rack.go", GO, "who calls Rack.Turn", &[("rack.go:12", "inferred"), ("rack.go:16", "proven")])]
#[case::rust("lib.rs", RUST, "who calls Rack.turn", &[("lib.rs:13", "inferred")])]
#[case::rust_other("lib.rs", RUST, "who calls Other.turn", &[])]
#[case::typescript("a.ts", TYPESCRIPT, "who calls Rack.turn", &[("a.ts:8", "inferred")])]
fn a_call_through_a_base_may_arrive_at_what_overrides_it(#[case] path: &str, #[case] text: &str, #[case] question: &str, #[case] wanted: &[(&str, &str)]) {
    let project = Project::with(&[(path, text)]);
    let answers = ask(&engine(&project), question);
    let found: Vec<(String, &str)> = places(&answers).into_iter().zip(answers.answers.iter().map(|a| a.certainty_word().unwrap_or(""))).collect();
    let found: Vec<(&str, &str)> = found.iter().map(|(p, c)| (p.as_str(), *c)).collect();
    // An inferred receiver is inferred whatever it overrides: what is never there is a proof through a base.
    assert_eq!(found.iter().map(|(p, c)| (*p, if *c == "proven" { "proven" } else { "inferred" })).collect::<Vec<_>>(), wanted, "{question}");
    let through = wanted.iter().any(|w| w.1 == "inferred") && !question.contains("Shelf");
    assert_eq!(answers.notes.iter().any(|n| n.contains("which this overrides")), through, "{:?}", answers.notes);
}

#[rstest]
fn of_a_type_and_members_of_one_name_the_type_is_extended() {
    let project = Project::with(&[
        (
            "shelf.h",
            "struct Boosting { virtual void go() = 0; };\nstruct Tree : Boosting { void go() override; virtual void Boosting(); };\nstruct Leaf : Tree { void Boosting() override; };\n",
        ),
        ("shelf.cpp", "#include \"shelf.h\"\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), "who extends Boosting")), ["shelf.h:2"]);
}

/// A unit that nobody names may still derive from a class of another one, and hand its values over.
#[test]
fn a_class_of_another_own_unit_may_override() {
    let project = Project::with(&[
        ("shelf/pyproject.toml", "[project]\nname = \"shelf\"\nversion = \"1\"\n"),
        ("shelf/shelf/__init__.py", "class Shelf:\n    def turn(self):\n        return 1\n\n    def all(self):\n        return self.turn()\n"),
        ("rack/pyproject.toml", "[project]\nname = \"rack\"\nversion = \"1\"\ndependencies = [\"shelf\"]\n"),
        ("rack/rack/__init__.py", "from shelf import Shelf\n\n\nclass Rack(Shelf):\n    def turn(self):\n        return 2\n"),
    ]);
    let answers = ask(&engine(&project), "where is shelf/shelf/__init__.py:6:21");
    assert_eq!(answers.answers[0].certainty_word(), Some("inferred"), "{:?}", answers.answers[0].evidence);
}

#[test]
fn a_component_of_a_record_is_what_an_interface_asks_for() {
    let text = "record Wheel(int day, String name) implements Aged { public String name() { return \"x\"; } }\ninterface Aged { int day(); String name(); }\n";
    let project = testkit::Project::with(&[("Wheel.java", text)]);
    let engine = crate::support::engine(&project);
    let places = |question: &str| -> Vec<(u32, u32)> { crate::support::ask(&engine, question).answers.iter().map(|a| (a.line, a.column)).collect() };
    assert_eq!(places("who overrides Aged.day"), [(1, 18)]);
    assert_eq!(places("who overrides Aged.name"), [(1, 68)], "the method, not the component of that name");
}

#[rstest]
#[case::java("A.java", "class A { int size() { return 1; } }\nclass B extends A { private int size; }\n")]
#[case::cpp("a.cpp", "struct A { virtual int size() { return 1; } };\nstruct B : A { int size; };\n")]
#[case::csharp("A.cs", "class A { public virtual int size() { return 1; } }\nclass B : A { private new int size; }\n")]
fn a_field_that_happens_to_be_called_so_overrides_nothing(#[case] path: &str, #[case] text: &str) {
    let project = testkit::Project::with(&[(path, text)]);
    let answers = crate::support::ask(&crate::support::engine(&project), "who overrides A.size");
    assert_eq!(answers.total, 0, "{:?}", answers.answers);
}
