//! Items that macros make, of the file itself and of others: found by questions, with the macro that made them.

use compass_facts::DefId;
use rstest::rstest;
use testkit::{Project, ask, engine, facts};

const COUNTERS: &str =
    "macro_rules! counters { ($($name:ident),*) => { $( pub fn $name() -> Count { Count } )* }; }\npub struct Count;\nimpl Count { pub fn add(&self) {} }\n";

#[rstest]
#[case::functions("macro_rules! make { ($n:ident) => { fn $n() {} }; }\nmake!(turn);\n", &["fn turn"])]
#[case::the_last_definition_counts("macro_rules! m { ($n:ident) => { fn $n() {} }; }\nmacro_rules! m { ($n:ident) => { struct $n; }; }\nm!(Rack);\n", &["struct Rack"])]
#[case::methods("struct Rack;\nmacro_rules! get { ($n:ident) => { pub fn $n(&self) -> u8 { 0 } }; }\nimpl Rack { get!(oak); get!(pine); }\n", &["method oak", "method pine"])]
#[case::implementations("struct Rack;\nmacro_rules! turns { ($t:ty) => { impl $t { fn turn(&self) {} } }; }\nturns!(Rack);\n", &["method turn"])]
#[case::in_a_module("mod deep {\n macro_rules! make { ($n:ident) => { pub struct $n { pub age: u8 } }; }\n make!(Wheel);\n}\n", &["field age", "struct Wheel"])]
#[case::nested("macro_rules! outer { ($n:ident) => { inner!($n, u8); }; }\nmacro_rules! inner { ($n:ident, $t:ty) => { const $n: $t = 1; }; }\nouter!(LIMIT);\n", &["const LIMIT"])]
#[case::not_in_functions("macro_rules! make { ($n:ident) => { fn $n() {} }; }\nfn run() { make!(turn); }\n", &[])]
#[case::no_rule("macro_rules! make { (one) => { fn one() {} }; }\nmake!(two);\n", &[])]
fn items_that_macros_make(#[case] text: &str, #[case] wanted: &[&str]) {
    let facts = facts(languages::RUST, text);
    let made = (0..facts.definitions.len() as u32).map(DefId).filter(|d| facts.made_by(*d).is_some());
    let found: Vec<String> = made.map(|d| format!("{} {}", facts.def(d).kind.word(), facts.def_name(d))).collect();
    assert_eq!(found, wanted);
}

fn places(project: &Project, question: &str) -> Vec<String> {
    let answers = ask(&engine(project), question);
    answers.answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect()
}

#[test]
fn macros_of_other_files_make_items_that_are_typed() {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"rack\"\nversion = \"1.0.0\"\n"),
        ("src/lib.rs", "#[macro_use]\nmod counters;\nmod all;\nuse all::*;\nfn run() {\n    oak().add();\n}\n"),
        ("src/counters.rs", COUNTERS),
        ("src/all.rs", "use crate::counters::Count;\ncounters!(oak, pine);\n"),
    ]);
    assert_eq!(places(&project, "where is \"pine\""), ["src/all.rs:2"]);
    assert_eq!(places(&project, "where is src/lib.rs:6:5"), ["src/all.rs:2"]);
    assert_eq!(places(&project, "where is src/lib.rs:6:11"), ["src/counters.rs:3"]);
    assert_eq!(places(&project, "who calls \"oak\""), ["src/lib.rs:6"]);
    let made = ask(&engine(&project), "where is \"oak\"");
    assert_eq!(made.answers[0].made_by.as_deref(), Some("counters"));
    // The macro makes other items: a file that did not change says so.
    project.write("src/counters.rs", &COUNTERS.replace("{ $( pub", "{ pub fn first() {} $( pub"));
    assert_eq!(places(&project, "where is \"first\""), ["src/all.rs:2"]);
    project.write("src/counters.rs", "pub struct Count;\n");
    assert_eq!(places(&project, "where is \"oak\""), Vec::<String>::new());
}

/// Two files as near define the macro otherwise: which of them is meant is not known here, and nothing is made.
#[test]
fn macros_of_one_name_that_differ_make_nothing() {
    let rules = |item: &str| format!("macro_rules! make {{ ($n:ident) => {{ {item} }}; }}\n");
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"rack\"\nversion = \"1.0.0\"\n"),
        ("src/lib.rs", "mod oak;\nmod pine;\nmod all;\n"),
        ("src/oak.rs", &rules("fn $n() {}")),
        ("src/pine.rs", &rules("struct $n;")),
        ("src/all.rs", "make!(wheel);\n"),
    ]);
    assert_eq!(places(&project, "where is \"wheel\""), Vec::<String>::new());
    project.write("src/pine.rs", &rules("fn $n() {}"));
    assert_eq!(places(&project, "where is \"wheel\""), ["src/all.rs:1"]);
}

/// What macros of another language paste is no use of a function of this one.
#[test]
fn names_that_another_language_pastes_are_of_no_account() {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"rack\"\nversion = \"1.0.0\"\n"),
        ("src/lib.rs", "fn rack_show() {}\nfn run() { rack_show(); }\n"),
        ("show.h", "#define SHOW(n) n##_show()\n"),
        ("show.c", "int wheel_show(void) { return 1; }\nint all(void) { return wheel_show(); }\n"),
    ]);
    let engine = engine(&project);
    assert!(ask(&engine, "who calls \"rack_show\"").complete);
    assert!(!ask(&engine, "who calls \"wheel_show\"").complete);
}

#[test]
fn what_is_derived_is_known() {
    let text = "#[derive(Clone, Default, PartialEq)]\npub struct Wheel<T> {\n    pub age: T,\n}\nimpl<T> Wheel<T> {\n    pub fn turn(&self) {}\n}\npub trait Own {\n    fn clone(&self) -> u8;\n}\nfn run(w: Wheel<u8>) {\n    w.clone().turn();\n    Wheel::<u8>::default().turn();\n}\n";
    let project = Project::with(&[("Cargo.toml", "[package]\nname = \"rack\"\nversion = \"1.0.0\"\n"), ("src/lib.rs", text)]);
    assert_eq!(places(&project, "where is src/lib.rs:12:7"), ["src/lib.rs:1"]);
    assert_eq!(places(&project, "where is src/lib.rs:12:15"), ["src/lib.rs:6"]);
    assert_eq!(places(&project, "where is src/lib.rs:13:18"), ["src/lib.rs:1"]);
    assert_eq!(places(&project, "where is src/lib.rs:13:28"), ["src/lib.rs:6"]);
    let answers = ask(&engine(&project), "where is src/lib.rs:12:7");
    assert_eq!((answers.answers[0].made_by.as_deref(), answers.answers[0].certainty_word()), (Some("derive"), Some("proven")));
    assert_eq!(places(&project, "who calls Wheel.clone"), ["src/lib.rs:12"]);
}

const PIECES: [&str; 28] = [
    "$n",
    "$($t:tt)*",
    "$n:ident",
    "=>",
    "{",
    "}",
    "(",
    ")",
    "[",
    "]",
    ";",
    ",",
    "fn ",
    "struct ",
    "impl ",
    "mod ",
    "trait ",
    "pub ",
    "turn ",
    "Rack ",
    "make!(a)",
    "make!",
    "u8 ",
    ": ",
    "#[derive(Clone)] ",
    "'a ",
    "\"text\" ",
    "$crate::",
];

proptest::proptest! {
    #![proptest_config(proptest::prelude::ProptestConfig::with_cases(300))]

    /// Whatever rules say, reading ends, and what is made stands within the file.
    #[test]
    fn any_rules_make_items_within_the_file(rules in proptest::collection::vec(0usize..28, 0..40), around in proptest::collection::vec(0usize..28, 0..30)) {
        let spell = |pieces: &[usize]| pieces.iter().map(|i| PIECES[*i]).collect::<String>();
        let text = format!("macro_rules! make {{ ($n:ident) => {{ {} }}; }}\nmake!(turn);\nimpl Rack {{ make!(wash); }}\n{}", spell(&rules), spell(&around));
        let facts = facts(languages::RUST, &text);
        for (def, _) in &facts.made {
            let d = facts.def(*def);
            proptest::prop_assert!(d.whole.end as usize <= text.len() && (d.scope.0 as usize) < facts.scopes.len());
        }
    }
}

#[test]
fn macros_that_grow_without_end_are_bounded() {
    let text =
        "macro_rules! grow { ($($t:tt)*) => { grow!($($t)* $($t)*); }; }\ngrow!(a);\nmacro_rules! make { ($n:ident) => { fn $n() {} }; }\nmake!(turn);\n";
    let facts = facts(languages::RUST, text);
    assert!(facts.definitions.len() < 20);
}
