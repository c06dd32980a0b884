//! What people write to name a thing from outside.

use crate::support::{ask, engine, places};
use rstest::rstest;
use testkit::Project;

type Files = &'static [(&'static str, &'static str)];

const GO: Files = &[
    ("go.mod", "module example.org/larder\n"),
    (
        "store/tsdb/db.go",
        "package tsdb\n\n// DB holds readings.\ntype DB struct{}\n\nfunc (d *DB) Close() error { return nil }\n\nfunc Open() *DB { return nil }\n",
    ),
    (
        "store/querier.go",
        "package storage\n\ntype Querier interface{ LabelValues() []string }\n\ntype baseQuerier struct{}\n\nfunc (b *baseQuerier) LabelValues() []string { return nil }\n\ntype blockQuerier struct{ *baseQuerier }\n",
    ),
    ("models/issue.go", "package issues\n\ntype Issue struct{ handler int }\n"),
    ("web/handler.go", "package web\n\nimport issues_model \"example.org/larder/models\"\n\ntype Handler struct{ i issues_model.Issue }\n\nfunc DB() {}\n"),
];
const PYTHON: Files = &[
    ("larder/__init__.py", "from .app import Larder\n"),
    ("larder/app.py", "class Larder:\n    def turn(self):\n        pass\n"),
    ("use.py", "import larder.app as la\n\nla.Larder().turn()\n"),
];
const JAVA: Files = &[("src/org/larder/Rack.java", "package org.larder;\npublic class Rack { void take() {} }\n")];
const RUST: Files = &[
    ("Cargo.toml", "[package]\nname = \"larder-core\"\nversion = \"1.0.0\"\n"),
    ("src/lib.rs", "pub mod rack;\n"),
    ("src/rack.rs", "pub struct Rack;\nimpl Rack {\n    pub fn take(&self) {}\n}\n"),
];
const CPP: Files = &[
    ("rack.h", "namespace larder {\nclass Rack { public: struct Slot { int at(); }; void take(); };\n}\n"),
    ("rack.cpp", "#include \"rack.h\"\nnamespace larder {\nvoid Rack::take() {}\n}\nint larder::Rack::Slot::at() { return 1; }\n"),
];

#[rstest]
#[case::go_package(GO, "where is tsdb.DB", &["store/tsdb/db.go:4"])]
#[case::go_package_is_not_the_folder(GO, "where is storage.Querier", &["store/querier.go:3"])]
#[case::go_never_the_file(GO, "where is handler.Handler", &[])]
#[case::go_alias(GO, "where is issues_model.Issue", &["models/issue.go:3"])]
#[case::go_method(GO, "where is tsdb.DB.Close", &["store/tsdb/db.go:6"])]
#[case::go_promoted(GO, "where is blockQuerier.LabelValues", &["store/querier.go:7"])]
#[case::go_absent(GO, "where is chi.Handler", &[])]
#[case::go_types_first(GO, "where is DB", &["store/tsdb/db.go:4", "web/handler.go:7"])]
#[case::python_reexported(PYTHON, "where is larder.Larder", &["larder/app.py:1"])]
#[case::python_module(PYTHON, "where is larder.app.Larder", &["larder/app.py:1"])]
#[case::python_alias(PYTHON, "where is la.Larder", &["larder/app.py:1"])]
#[case::java_package(JAVA, "where is org.larder.Rack", &["src/org/larder/Rack.java:2"])]
#[case::java_member(JAVA, "where is Rack.take", &["src/org/larder/Rack.java:2"])]
#[case::rust_path(RUST, "where is larder_core::rack::Rack::take", &["src/rack.rs:3"])]
#[case::rust_crate(RUST, "where is larder_core::Rack", &["src/rack.rs:1"])]
#[case::cpp_namespace(CPP, "where is larder::Rack::take", &["rack.cpp:3", "rack.h:2"])]
#[case::cpp_nested(CPP, "where is larder::Rack::Slot::at", &["rack.cpp:5", "rack.h:2"])]
fn qualifiers_are_those_of_code(#[case] files: Files, #[case] question: &str, #[case] wanted: &[&str]) {
    let answers = ask(&engine(&Project::with(files)), question);
    assert_eq!(places(&answers), wanted, "{question}: {:?}", answers.notes);
}

#[rstest]
#[case::within_a_namespace("what does Rack.take call", &["rack.cpp:4"])]
#[case::by_a_longer_path("what does Slot.at call", &["rack.cpp:6"])]
fn members_written_out_of_their_class_are_the_class_s(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(CPP);
    project.write(
        "rack.cpp",
        "#include \"rack.h\"\nvoid help();\nnamespace larder {\nvoid Rack::take() { help(); }\n}\nint larder::Rack::Slot::at() { help(); return 1; }\n",
    );
    assert_eq!(places(&ask(&engine(&project), question)), wanted);
}

#[test]
fn what_is_takes_the_type_first_and_says_that_there_are_others() {
    let project = Project::with(&[("a/first.py", "class Shelf:\n    def rack(self):\n        pass\n"), ("b/rack.py", "class rack:\n    pass\n")]);
    let answers = ask(&engine(&project), "what is rack");
    assert_eq!(places(&answers), ["b/rack.py:1", "a/first.py:2"]);
    assert!(answers.notes.iter().any(|n| n.contains("1 other")), "{:?}", answers.notes);
}

/// A crate beside this one goes by the name its manifest gives it, also without a lock file: its names were "of a package that is not here",
/// and answers about them were called complete.
#[test]
fn a_crate_beside_goes_by_the_name_its_manifest_gives_it() {
    let project = Project::with(&[
        ("core/Cargo.toml", "[package]\nname = \"larder-core\"\nversion = \"1.0.0\"\n"),
        ("core/src/lib.rs", "pub struct Rack;\nimpl Rack {\n    pub fn take(&self) {}\n}\n"),
        ("py/Cargo.toml", "[package]\nname = \"py\"\nversion = \"1.0.0\"\n[dependencies]\nlc = { package = \"larder-core\", path = \"../core\" }\n"),
        ("py/src/lib.rs", "use lc::Rack;\nfn f(r: Rack) {\n    r.take();\n}\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), "who calls Rack.take")), ["py/src/lib.rs:3"]);
    assert_eq!(places(&ask(&engine(&project), "who uses Rack")), ["core/src/lib.rs:2", "py/src/lib.rs:1", "py/src/lib.rs:2"]);
}

/// The library of a binding often has the name of what it binds: `extern crate` means the other one.
#[test]
fn an_extern_crate_is_another_one_than_this() {
    let project = Project::with(&[
        ("core/Cargo.toml", "[package]\nname = \"larder\"\nversion = \"1.0.0\"\n"),
        ("core/src/lib.rs", "pub struct Rack;\nimpl Rack {\n    pub fn take(&self) {}\n}\n"),
        ("py/Cargo.toml", "[package]\nname = \"larder-py\"\nversion = \"1.0.0\"\n[lib]\nname = \"larder\"\n[dependencies.larder]\npath = \"../core\"\n"),
        ("py/src/lib.rs", "extern crate larder as lc;\nmod shelf;\n"),
        ("py/src/shelf.rs", "use lc::Rack;\nfn f(r: Rack) {\n    r.take();\n}\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), "who calls Rack.take")), ["py/src/shelf.rs:3"]);
}

#[test]
fn what_was_nothing_at_first_may_be_anything_later() {
    let project = Project::with(&[("a.py", "class Rack:\n    def take_all(self):\n        pass\n"), ("b.py", "def f(racks=None):\n    racks.take_all()\n")]);
    let answers = ask(&engine(&project), "who calls Rack.take_all");
    assert!(answers.total == 1 || !answers.complete, "{answers:?}");
}

/// What attributes are given may name types: of a macro that is not here nobody knows more, but the name is a use.
#[test]
fn types_in_attributes_are_uses() {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"larder\"\nversion = \"1.0.0\"\n"),
        (
            "src/lib.rs",
            "pub struct Rack;\n#[pyclass(extends = Rack, module = \"larder.Rack\", subclass)]\npub struct Shelf;\n#[clap(default = Mode::Fast)]\npub struct Options;\npub enum Mode { Fast }\n",
        ),
    ]);
    assert_eq!(places(&ask(&engine(&project), "who uses Rack")), ["src/lib.rs:2"]);
    assert_eq!(places(&ask(&engine(&project), "who uses Mode")), ["src/lib.rs:4"]);
}

/// A type has what its base asks for, though nobody has written it yet.
#[test]
fn a_member_that_a_base_asks_for_goes_by_the_names_of_derived_types() {
    let project = testkit::Project::with(&[(
        "a.php",
        "<?php\nabstract class Shelf { abstract function turn(); }\nabstract class Rack extends Shelf { }\nclass Wheel { function turn() { } }\n",
    )]);
    let answers = testkit::ask(&testkit::engine(&project), "where is Rack::turn");
    assert_eq!(testkit::places(&answers), ["a.php:2"]);
}

/// Who points at the sign of a name means the name.
#[test]
fn the_sign_of_a_name_belongs_to_it() {
    let project = testkit::Project::with(&[("a.sh", "rack=1\necho \"$rack\" \"${rack}\"\n"), ("a.py", "def turned(f): return f\n@turned\ndef go(): pass\n")]);
    let engine = testkit::engine(&project);
    for (place, wanted) in [("a.sh:2:7", "a.sh:1"), ("a.sh:2:15", "a.sh:1"), ("a.py:2:1", "a.py:1")] {
        assert_eq!(testkit::places(&testkit::ask(&engine, &format!("where is {place}"))), [wanted], "{place}");
    }
}

/// A namespace whose folder is called otherwise is not looked for in all of a large tree: nothing found is not nothing there.
#[test]
fn a_namespace_of_a_large_tree_may_not_be_found() {
    let files: Vec<(String, &str)> = (0..4_010).map(|i| (format!("racks/r{i}.php"), "<?php\nnamespace Cellar\\Salt;\n")).collect();
    let files: Vec<(&str, &str)> = files.iter().map(|(p, t)| (p.as_str(), *t)).collect();
    let project = Project::with(&files);
    let found = ask(&engine(&project), "what is Cellar\\Salt");
    assert!(!found.answers.is_empty() || !found.complete, "{:?} {:?}", found.missing, found.notes);
}

#[rstest::rstest]
#[case::at_the_end("who calls full?")]
#[case::left_out("who calls full")]
#[case::quoted("who calls \"full?\"")]
#[case::before_a_filter("who calls full? in rack.rb")]
fn a_sign_of_asking_may_belong_to_a_name(#[case] question: &str) {
    let text = "class Rack\n  def full?\n    true\n  end\n\n  def put\n    return if full?\n  end\nend\n";
    let project = testkit::Project::with(&[("rack.rb", text)]);
    let answers = crate::support::ask(&crate::support::engine(&project), question);
    assert_eq!(answers.answers.iter().map(|a| a.line).collect::<Vec<_>>(), [7], "{:?}", answers.notes);
}

#[rstest::rstest]
#[case::of_danger("who calls fill", "fill!", 8)]
#[case::of_writing("where is label", "label=", 2)]
fn other_signs_at_the_end_may_be_left_out_too(#[case] question: &str, #[case] name: &str, #[case] line: u32) {
    let text = format!("class Rack\n  def {name}(n)\n    n\n  end\nend\n\ndef put(rack)\n  Rack.new.fill!(1)\n  Rack.new.label = 2\nend\n");
    let project = testkit::Project::with(&[("rack.rb", text.as_str())]);
    let answers = crate::support::ask(&crate::support::engine(&project), question);
    assert_eq!(answers.answers.iter().map(|a| a.line).collect::<Vec<_>>(), [line], "{:?}", answers.notes);
}
