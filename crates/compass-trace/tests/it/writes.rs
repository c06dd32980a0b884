//! Who writes: initial values, literals, constructors' initialisers, destructuring.

use crate::support::{ask, engine, places};
use rstest::rstest;
use testkit::Project;

const PYTHON: &str = "class Wheel:\n    age = 1\n\n    def __init__(self):\n        self.turned = 0\n\n    def turn(self):\n        self.turned += 1\n        self.age, rest = 2, 3\n";
const DATACLASS: &str =
    "from dataclasses import dataclass\n\n@dataclass\nclass Wheel:\n    age: int = 3\n    name: str\n\ndef make():\n    return Wheel(age=4, name='a')\n";
const JAVA: &str = "class Wheel {\n  int age = 1;\n  int turned;\n  Wheel(int turned) { this.turned = turned; }\n  void turn() { turned++; age += 2; }\n}\n";
const TYPESCRIPT: &str = "class Wheel {\n  age = 1;\n  turned: number;\n  constructor(turned: number, public mark: string) { this.turned = turned; }\n  turn(o: { age: number }) { ({ age: this.age } = o); }\n}\ninterface Slot { at: number }\nconst s: Slot = { at: 1 };\n";
const GO: &str = "package p\n\ntype Wheel struct {\n\tAge int\n\tTurned int\n}\n\nvar limit = 3\n\nfunc Make() *Wheel {\n\tw := &Wheel{Age: 1}\n\tw.Turned, limit = 2, 4\n\treturn w\n}\n\nfunc Short() Wheel { return Wheel{1, 2} }\n";
const RUST: &str = "pub struct Wheel {\n    age: u32,\n    turned: u32,\n}\nstatic LIMIT: u32 = 3;\npub fn make(turned: u32) -> Wheel {\n    let mut w = Wheel { age: 1, turned };\n    w.age = 2;\n    w\n}\n";
const C: &str = "struct wheel { int age; int turned; };\nstatic int limit = 3;\nstruct wheel first = { .age = 1 };\nstruct wheel second = { 1, 2 };\nvoid turn(struct wheel *w) { w->turned++; limit = 4; }\n";
const CPP: &str = "struct Wheel {\n  int age = 1;\n  int turned;\n  Wheel() : turned(2) {}\n  void turn() { turned = 3; age++; }\n};\n";

#[rstest]
#[case::python_constructor("a.py", PYTHON, "who writes Wheel.turned", &["a.py:5", "a.py:8"])]
#[case::python_class("a.py", PYTHON, "who writes Wheel.age", &["a.py:2", "a.py:9"])]
#[case::python_keyword("a.py", DATACLASS, "who writes Wheel.age", &["a.py:5", "a.py:9"])]
#[case::python_declared_only("a.py", DATACLASS, "who writes Wheel.name", &["a.py:9"])]
#[case::java_initial("Wheel.java", JAVA, "who writes Wheel.age", &["Wheel.java:2", "Wheel.java:5"])]
#[case::java_constructor("Wheel.java", JAVA, "who writes Wheel.turned", &["Wheel.java:4", "Wheel.java:5"])]
#[case::typescript_initial("a.ts", TYPESCRIPT, "who writes Wheel.age", &["a.ts:2", "a.ts:5"])]
#[case::typescript_constructor("a.ts", TYPESCRIPT, "who writes Wheel.turned", &["a.ts:4"])]
#[case::typescript_parameter("a.ts", TYPESCRIPT, "who writes Wheel.mark", &["a.ts:4"])]
#[case::go_literal("a.go", GO, "who writes Wheel.Age", &["a.go:11"])]
#[case::go_several("a.go", GO, "who writes Wheel.Turned", &["a.go:12"])]
#[case::go_variable("a.go", GO, "who writes limit", &["a.go:8", "a.go:12"])]
#[case::rust_literal("a.rs", RUST, "who writes Wheel.age", &["a.rs:7", "a.rs:8"])]
#[case::rust_shorthand("a.rs", RUST, "who writes Wheel.turned", &["a.rs:7"])]
#[case::rust_static("a.rs", RUST, "who writes LIMIT", &["a.rs:5"])]
#[case::c_designated("a.c", C, "who writes wheel.age", &["a.c:3"])]
#[case::c_by_position("a.c", C, "who writes wheel.turned", &["a.c:5"])]
#[case::c_variable("a.c", C, "who writes limit", &["a.c:2", "a.c:5"])]
#[case::cpp_initial("a.cpp", CPP, "who writes Wheel.age", &["a.cpp:2", "a.cpp:5"])]
#[case::cpp_initialiser("a.cpp", CPP, "who writes Wheel.turned", &["a.cpp:4", "a.cpp:5"])]
fn every_way_to_give_a_value_is_a_write(#[case] path: &str, #[case] text: &str, #[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[(path, text)]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted, "{question}");
}

#[rstest]
#[case::go("a.go", GO, "who writes Wheel.Age", false)]
#[case::c("a.c", C, "who writes wheel.turned", false)]
#[case::named_only(
    "a.go",
    "package p\n\ntype Wheel struct{ Age int }\n\nfunc Make() Wheel { return Wheel{Age: 1} }\n\nfunc Old(w Wheel) Wheel {\n\treturn w\n}\n",
    "who writes Wheel.Age",
    true
)]
#[case::pointers(
    "a.c",
    "struct wheel { int age; };\nint old(struct wheel *w) { return w->age; }\nstruct wheel first = { .age = 1 };\n",
    "who writes wheel.age",
    true
)]
#[case::within_another("a.c", "struct wheel { int age; };\nstruct cart { struct wheel left; };\nstruct cart one = { { 1 } };\n", "who writes wheel.age", false)]
fn values_given_by_position_keep_an_answer_from_being_complete(#[case] path: &str, #[case] text: &str, #[case] question: &str, #[case] complete: bool) {
    let project = Project::with(&[(path, text)]);
    let answers = ask(&engine(&project), question);
    assert_eq!(answers.complete, complete, "{:?}", answers.missing);
}

/// A value that stands in a comment or in a tag of a field is none.
#[test]
fn comments_and_tags_write_nothing() {
    let text = "package p\n\ntype Wheel struct {\n\tAge int `gorm:\"default=1\"`\n\tMark int // = 3\n}\n";
    let project = Project::with(&[("a.go", text)]);
    let engine = engine(&project);
    for question in ["who writes Wheel.Age", "who writes Wheel.Mark"] {
        assert_eq!(ask(&engine, question).total, 0, "{question}");
    }
}
