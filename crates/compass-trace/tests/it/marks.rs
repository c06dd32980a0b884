//! Marks: annotations, attributes, decorators, macros that mark; who is marked, and by what.

use compass_trace::Context;
use compass_trace::highlights::Highlight;
use rstest::rstest;
use testkit::{Project, ask, engine, places};

#[rstest]
#[case::java("A.java", "@interface Marked { String value(); }\n@Marked(\"x\")\nclass A {\n  @Marked(\"y\") @Override public String toString() { return \"\"; }\n}\n", "Marked", &["A.java:2", "A.java:4"])]
#[case::kotlin("a.kt", "annotation class Marked\n@Marked\nclass A {\n  @Marked fun go() {}\n}\n", "Marked", &["a.kt:2", "a.kt:4"])]
#[case::scala("a.scala", "class marked extends scala.annotation.StaticAnnotation\n@marked\nclass A {\n  @marked def go(): Int = 1\n}\n", "marked", &["a.scala:2", "a.scala:4"])]
#[case::csharp("a.cs", "class MarkedAttribute : System.Attribute { }\n[Marked]\nclass A {\n  [Marked] void Go() { }\n}\n", "MarkedAttribute", &["a.cs:2", "a.cs:4"])]
#[case::php("a.php", "<?php\n#[Attribute]\nclass Marked {}\n#[Marked]\nclass A {\n  #[Marked] function go() {}\n}\n", "Marked", &["a.php:4", "a.php:6"])]
#[case::python("a.py", "def marked(f):\n    return f\n\n\n@marked\ndef go():\n    pass\n\n\n@marked\nclass A:\n    pass\n", "marked", &["a.py:5", "a.py:10"])]
#[case::typescript("a.ts", "function Marked(x: string) { return (t: any) => t; }\n@Marked(\"a\")\nclass A {\n  @Marked(\"b\") go() {}\n}\n", "Marked", &["a.ts:2", "a.ts:4"])]
#[case::rust("a.rs", "trait Turn {}\n#[derive(Clone, Turn)]\nstruct A;\n", "Turn", &["a.rs:2"])]
#[case::cpp("a.hpp", "#define MARKED(...)\n#define KNOWN\nMARKED(1)\nclass A {\n  KNOWN\npublic:\n  MARKED(2)\n  int a;\n  MARKED(3) void go();\n};\n", "MARKED", &["a.hpp:3", "a.hpp:7", "a.hpp:9"])]
#[case::graphql("a.graphql", "directive @marked on OBJECT | FIELD_DEFINITION\ntype A @marked {\n  a: Int @marked\n}\n", "marked", &["a.graphql:2", "a.graphql:3"])]
fn who_is_marked(#[case] path: &str, #[case] text: &str, #[case] name: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[(path, text)]);
    let asked = engine(&project);
    assert_eq!(places(&ask(&asked, &format!("who uses {name} as mark"))), wanted);
    assert_eq!(places(&ask(&asked, &format!("who uses {name}"))), wanted, "a mark is a use");
    let told = asked.highlights(path, &Default::default()).expect("highlights");
    let marked = told.iter().filter(|(_, h)| *h == Highlight::Mark).count();
    assert!(marked >= wanted.len(), "marks are told apart in the text: {told:?}");
}

/// The bearings of what is marked list its marks, each leading to its definition.
#[rstest]
#[case::of_a_method("A.java", "@interface Marked {}\n@interface Other {}\n@Other class A {\n  @Marked @Gone(1) <T> void go(T t) {}\n  void plain() {}\n}\n", (4, 29), &["A.java:1", "A.java:4"])]
#[case::of_a_type("A.java", "@interface Marked {}\n@interface Other {}\n@Other class A {\n  @Marked void go() {}\n}\n", (3, 14), &["A.java:2"])]
#[case::of_a_function("a.py", "def cached(f):\n    return f\n\n\n@cached\ndef go():\n    pass\n\n\ndef plain():\n    pass\n", (6, 5), &["a.py:1"])]
#[case::derived("a.rs", "trait Turn {}\n#[derive(Clone, Turn)]\nstruct A;\nfn f(a: A) {}\n", (3, 8), &["rust/clone.rs", "a.rs:1"])]
#[case::unmarked("a.py", "def cached(f):\n    return f\n\n\n@cached\ndef go():\n    pass\n\n\ndef plain():\n    pass\n", (10, 5), &[])]
fn bearings_list_marks(#[case] path: &str, #[case] text: &str, #[case] (line, column): (u32, u32), #[case] wanted: &[&str]) {
    let project = Project::with(&[(path, text)]);
    let asked = engine(&project);
    let bearings = asked.bearings(path, line, column, &Context::default()).expect("no failure").expect("bearings");
    let group = bearings.groups.iter().find(|g| g.title == "marks");
    let found: Vec<String> = group.map(|g| g.rows.iter().map(|r| format!("{}:{}", r.path, r.line)).collect()).unwrap_or_default();
    assert_eq!(found.len(), wanted.len(), "{found:?}");
    for (found, wanted) in found.iter().zip(wanted) {
        assert!(found.ends_with(wanted) || found.contains(wanted), "{found} is {wanted}");
    }
    assert!(group.is_none_or(|g| g.question.starts_with("who uses ") && g.question.ends_with(" as mark")));
}

/// The name of a mark as code writes it is understood.
#[test]
fn a_mark_is_found_by_its_short_name() {
    let project = Project::with(&[("a.cs", "class MarkedAttribute : System.Attribute { }\n[Marked]\nclass A { }\n")]);
    let answers = ask(&engine(&project), "who uses Marked as mark");
    assert_eq!(places(&answers), ["a.cs:2"]);
    assert!(answers.notes.iter().any(|n| n == "Marked is short for MarkedAttribute"), "{:?}", answers.notes);
}
