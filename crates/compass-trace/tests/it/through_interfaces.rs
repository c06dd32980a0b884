//! Calls through interfaces, wherever the parts stand; members in other files than their type; functions handed on.

use crate::support::{ask, engine, places};
use rstest::rstest;
use testkit::Project;

type Files = &'static [(&'static str, &'static str)];

const GO: Files = &[
    ("go.mod", "module larder\n"),
    ("turn/doer.go", "package turn\n\ntype Doer interface {\n\tDo(n int) error\n}\n\nfunc Run(d Doer) error {\n\treturn d.Do(1)\n}\n"),
    ("other/other.go", "package other\n\ntype Other struct{}\n"),
    ("other/methods.go", "package other\n\nfunc (o *Other) Do(n int) error { return nil }\n\nfunc (o *Other) Rest() {}\n"),
    ("other/lazy.go", "package other\n\ntype Lazy struct{ *Other }\n\ntype Wrong struct{}\n\nfunc (w Wrong) Do(n string) error { return nil }\n"),
];
const JAVA: Files = &[
    ("a/Doer.java", "package a;\npublic interface Doer { void go(int n); }\n"),
    ("a/Base.java", "package a;\npublic class Base { public void go(int n) {} }\n"),
    ("b/Other.java", "package b;\nimport a.*;\npublic class Other extends Base implements Doer { }\n"),
    ("c/Run.java", "package c;\nimport a.Doer;\nclass Run { void all(Doer d) { d.go(1); } }\n"),
    ("c/Own.java", "package c;\nclass Own { void all(a.Base b) { b.go(2); } }\n"),
];
const TYPESCRIPT: Files = &[
    ("doer.ts", "export interface Doer { go(n: number): void }\n"),
    ("other.ts", "import { Doer } from './doer';\nexport class Other implements Doer {\n  go(n: number): void {}\n}\n"),
    ("run.ts", "import { Doer } from './doer';\nexport function run(d: Doer) {\n  d.go(1);\n}\n"),
];
const RUST: Files = &[
    ("Cargo.toml", "[package]\nname = \"larder\"\nversion = \"1.0.0\"\n"),
    ("src/lib.rs", "mod doer;\nmod other;\nmod wheel;\n"),
    ("src/doer.rs", "pub trait Doer {\n    fn go(&self, n: u32);\n}\npub fn run(d: &dyn Doer) {\n    d.go(1);\n}\n"),
    ("src/wheel.rs", "pub struct Wheel;\n"),
    ("src/other.rs", "use crate::doer::Doer;\nuse crate::wheel::Wheel;\nimpl Doer for Wheel {\n    fn go(&self, n: u32) {}\n}\n"),
];
const PYTHON: Files = &[
    ("doer.py", "class Doer:\n    def go(self, n):\n        raise NotImplementedError\n\ndef run(d: Doer):\n    d.go(1)\n"),
    ("other.py", "from doer import Doer\n\nclass Other(Doer):\n    def go(self, n):\n        pass\n"),
];
const CPP: Files = &[
    ("doer.h", "struct Doer { virtual void go(int n) = 0; };\n"),
    ("other.h", "#include \"doer.h\"\nstruct Other : Doer { void go(int n) override; };\n"),
    ("other.cpp", "#include \"other.h\"\nvoid Other::go(int n) {}\n"),
    ("run.cpp", "#include \"doer.h\"\nvoid run(Doer *d) {\n  d->go(1);\n}\n"),
];

#[rstest]
#[case::go(GO, "who calls Other.Do", &["turn/doer.go:8"])]
#[case::go_promoted(GO, "who implements Doer", &["other/lazy.go:3", "other/other.go:3"])]
#[case::go_member(GO, "who implements Doer.Do", &["other/methods.go:3"])]
#[case::java_taken_over(JAVA, "who calls Base.go", &["c/Own.java:2", "c/Run.java:3"])]
#[case::java_asked_for(JAVA, "who calls Doer.go", &["c/Run.java:3"])]
#[case::java_member(JAVA, "who implements Doer.go", &["a/Base.java:2"])]
#[case::typescript(TYPESCRIPT, "who calls Other.go", &["run.ts:3"])]
#[case::rust(RUST, "who calls Wheel.go", &["src/doer.rs:5"])]
#[case::python(PYTHON, "who calls Other.go", &["doer.py:6"])]
#[case::cpp(CPP, "who calls Other.go", &["run.cpp:3"])]
fn callers_through_what_is_implemented_are_found_in_any_file(#[case] files: Files, #[case] question: &str, #[case] wanted: &[&str]) {
    assert_eq!(places(&ask(&engine(&Project::with(files)), question)), wanted, "{question}");
}

#[rstest]
#[case::go(GO, "how does Run reach Other.Do")]
#[case::java(JAVA, "how does Run.all reach Base.go")]
#[case::typescript(TYPESCRIPT, "how does run reach Other.go")]
#[case::rust(RUST, "how does run reach Wheel.go")]
#[case::python(PYTHON, "how does run reach Other.go")]
#[case::cpp(CPP, "how does run reach Other.go")]
fn ways_go_through_interfaces(#[case] files: Files, #[case] question: &str) {
    let answers = ask(&engine(&Project::with(files)), question);
    assert!(answers.total >= 1, "{question}: {:?}", answers.notes);
}

#[rstest]
#[case::go(GO, "what does Other define", &["other/methods.go:3", "other/methods.go:5"])]
#[case::rust(RUST, "what does Wheel define", &["src/other.rs:4"])]
#[case::cpp(CPP, "what does Other define", &["other.h:2", "other.cpp:2"])]
fn members_outside_the_body_are_members(#[case] files: Files, #[case] question: &str, #[case] wanted: &[&str]) {
    assert_eq!(places(&ask(&engine(&Project::with(files)), question)), wanted, "{question}");
}

const HANDED_ON: Files = &[
    ("go.mod", "module larder\n"),
    (
        "web/web.go",
        "package web\n\nimport \"larder/repo\"\n\ntype Mux struct{}\n\nfunc (m *Mux) Get(p string, h func()) {}\n\nfunc Routes(m *Mux) {\n\tm.Get(\"\", repo.View)\n}\n",
    ),
    ("repo/repo.go", "package repo\n\nfunc View() {}\n"),
];

#[test]
fn a_function_handed_on_is_reached_from_where_it_is() {
    let engine = engine(&Project::with(HANDED_ON));
    let answers = ask(&engine, "how does Routes reach View");
    let steps = answers.answers.first().and_then(|a| a.steps.as_ref()).expect("a way");
    assert!(steps.iter().any(|s| s.certainty_word() == Some("inferred")), "nobody is seen to call it: {steps:?}");
    // Who calls it stays open, and that is said.
    let callers = ask(&engine, "who calls View");
    assert!(callers.total == 0 && !callers.complete, "{callers:?}");
    assert!(callers.missing.iter().any(|m| m.cause == "dynamic" && m.count == 1), "{:?}", callers.missing);
}

/// Types in parentheses are what stands between them: receivers of such types were taken for tuples, and answers without their calls for complete.
#[rstest]
#[case::a_bound_in_parentheses("who calls Turner.turn", &["src/lib.rs:4", "src/lib.rs:5"])]
#[case::of_an_implementation("who calls Wheel.turn", &["src/lib.rs:4", "src/lib.rs:5"])]
fn parentheses_make_no_tuple(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"larder\"\nversion = \"1.0.0\"\n"),
        (
            "src/lib.rs",
            "pub trait Turner { fn turn(&self) -> u32; }\npub struct Wheel;\nimpl Turner for Wheel { fn turn(&self) -> u32 { 1 } }\npub fn one(by: &(dyn Turner + Send)) -> u32 { by.turn() }\npub fn two(by: &(impl Turner + ?Sized)) -> u32 { by.turn() }\n",
        ),
    ]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted);
}

#[rstest]
#[case::a_type_of_the_language("impl Turner for [u8] { fn turn(&self) {} }", false)]
#[case::behind_a_reference("impl<'a> Turner for &'a [u8] { fn turn(&self) {} }", false)]
#[case::a_number("impl Turner for u32 { fn turn(&self) {} }", false)]
#[case::an_own_type("struct Wheel;\nimpl Turner for Wheel { fn turn(&self) {} }", true)]
#[case::a_type_parameter("impl<T: Copy> Turner for T { fn turn(&self) {} }", true)]
fn who_implements_is_complete_only_if_all_that_do_have_symbols(#[case] text: &str, #[case] complete: bool) {
    let project =
        Project::with(&[("Cargo.toml", "[package]\nname = \"rack\"\n"), ("src/lib.rs", &format!("pub trait Turner {{ fn turn(&self); }}\n{text}\n"))]);
    let answers = ask(&engine(&project), "who implements Turner");
    assert_eq!((answers.complete, answers.total), (complete, u64::from(complete)), "{:?}", answers.missing);
}
