//! What is imported documents itself: files, packages, namespaces, pragmas, units.

use rstest::rstest;
use testkit::{Project, ask, engine, places};

type Files = &'static [(&'static str, &'static str)];

const GO: Files = &[
    ("go.mod", "module example.org/larder\n\ngo 1.21\n"),
    (
        "main.go",
        "// Copyright of nobody.\n\n// Command larder turns wheels.\npackage main\n\nimport \"example.org/larder/rack\"\n\nfunc main() { rack.Size() }\n",
    ),
    ("rack/a.go", "// Sizes of what is not said here.\n\npackage rack\n\nfunc Size() int { return 1 }\n"),
    ("rack/told.go", "// Package rack says what a rack holds.\npackage rack\n"),
];
const JAVA: Files = &[
    ("src/lh/rack/package-info.java", "/**\n * What a rack holds.\n */\npackage lh.rack;\n"),
    ("src/lh/rack/Rack.java", "package lh.rack;\n/** One rack of many. */\npublic class Rack { }\nclass Other { }\n"),
    ("src/lh/app/Main.java", "package lh.app;\nimport lh.rack.*;\nimport lh.rack.Rack;\nclass Main { Rack r; }\n"),
];
const PYTHON: Files = &[
    ("rack/__init__.py", "#!/usr/bin/python3\n# Copyright of nobody.\n\"\"\"What a rack holds.\n\nMore.\n\"\"\"\nfrom . import size\n"),
    ("rack/size.py", "def size():\n    \"\"\"Not of the module.\"\"\"\n"),
    ("app.py", "import rack\nfrom rack import size\n"),
];
const RUST: Files = &[
    ("Cargo.toml", "[package]\nname = \"rack\"\nversion = \"0.1.0\"\nedition = \"2021\"\n"),
    ("README.md", "# Racks\n\n[![built](x.svg)](y)\n\nWhere wheels lie.\n"),
    ("src/lib.rs", "#![warn(missing_docs)]\n\npub mod size;\n/// Said outside.\npub mod wash;\nuse size::of;\n"),
    ("src/size.rs", "// A note.\n\n//! Sizes of racks.\n\npub fn of() {}\n"),
    ("src/wash.rs", "pub fn of() {}\n"),
];
const SCRIPT: Files = &[
    ("rack.js", "/* eslint-disable no-var */\n/**\n * @file What a rack holds.\n */\n\n/** Its size. */\nexport function size() { return 1; }\n"),
    ("bare.js", "/** Its size. */\nexport function size() { return 1; }\nexport function wash() {}\n"),
    ("app.js", "import { size } from './rack.js';\nimport * as bare from './bare.js';\n"),
];
const C: Files = &[
    (
        "rack.h",
        "/* SPDX-License-Identifier: MIT */\n/*\n * What a rack holds.\n *\n * Copyright of nobody.\n */\n#ifndef RACK_H\n#define RACK_H\nint size(void);\n#endif\n",
    ),
    ("app.c", "#include \"rack.h\"\nint main(void) { return size(); }\n"),
];
const CSHARP: Files = &[
    ("Rack.cs", "// What a rack holds.\n\nnamespace Larder.Rack;\npublic class Rack { }\npublic class Wash { }\n"),
    ("App.cs", "using Larder.Rack;\nclass App { Rack r; }\n"),
];
const PHP: Files = &[
    ("Rack.php", "<?php\n/**\n * What a rack holds.\n */\nnamespace Larder\\Rack;\n/** A rack. */\nclass Rack {}\n"),
    ("app.php", "<?php\nnamespace App;\nuse Larder\\Rack as R;\nnew R\\Rack();\n"),
];
const RUBY: Files =
    &[("rack.rb", "# frozen_string_literal: true\n#\n# What a rack holds.\nmodule Rack\n  def self.size = 1\nend\n"), ("app.rb", "require_relative 'rack'\n")];
const LUA: Files = &[("rack.lua", "--- What a rack holds.\n-- More.\nlocal M = {}\nreturn M\n"), ("app.lua", "local rack = require \"rack\"\n")];
const LISP: Files =
    &[("rack.lisp", "(defpackage :rack (:use :cl)\n  (:documentation \"What a rack holds.\"))\n"), ("app.lisp", "(defpackage :app (:use :cl :rack))\n")];
const PERL: Files = &[
    ("Larder/Rack.pm", "package Larder::Rack;\nuse strict;\nsub size { 1 }\n1;\n__END__\n\n=head1 NAME\n\nLarder::Rack - what a rack holds\n\n=cut\n"),
    ("app.pl", "use strict;\nuse Larder::Rack;\nuse parent 'Larder::Rack';\n"),
];

/// Each place stands in an import, a package clause or a path: the answer is the documentation of what is meant, and where else than in
/// the answer's own file it stands.
#[rstest]
#[case::go_path(GO, "main.go:6:20", "Package rack says what a rack holds.", Some("rack/told.go"))]
#[case::go_by_name(GO, "example.org/larder/rack", "Package rack says what a rack holds.", Some("rack/told.go"))]
#[case::go_folder(GO, "/rack", "Package rack says what a rack holds.", Some("rack/told.go"))]
#[case::go_use(GO, "main.go:8:16", "Package rack says what a rack holds.", Some("rack/told.go"))]
#[case::go_clause(GO, "main.go:4:9", "Command larder turns wheels.", None)]
#[case::java_all(JAVA, "src/lh/app/Main.java:2:12", "What a rack holds.", None)]
#[case::java_one(JAVA, "src/lh/app/Main.java:3:10", "What a rack holds.", Some("src/lh/rack/package-info.java"))]
#[case::java_by_name(JAVA, "lh.rack", "What a rack holds.", None)]
#[case::python_package(PYTHON, "app.py:1:8", "What a rack holds.", None)]
#[case::python_from(PYTHON, "app.py:2:6", "What a rack holds.", None)]
#[case::rust_inner(RUST, "src/lib.rs:3:9", "Sizes of racks.", Some("src/size.rs"))]
#[case::rust_outer(RUST, "src/lib.rs:5:9", "Said outside.", None)]
#[case::readme_of_the_unit(RUST, "src/lib.rs", "Where wheels lie.", Some("README.md"))]
#[case::script(SCRIPT, "app.js:1:25", "@file What a rack holds.", None)]
#[case::header(C, "app.c:1:12", "What a rack holds.", None)]
#[case::csharp(CSHARP, "App.cs:1:15", "What a rack holds.", None)]
#[case::php_alias(PHP, "app.php:3:14", "What a rack holds.", None)]
#[case::ruby(RUBY, "app.rb:1:20", "What a rack holds.", None)]
#[case::lua(LUA, "app.lua:1:23", "What a rack holds.", None)]
#[case::lisp(LISP, "app.lisp:1:30", "What a rack holds.", None)]
#[case::perl_package(PERL, "app.pl:2:8", "Larder::Rack - what a rack holds", None)]
#[case::perl_pragma(PERL, "app.pl:1:6", "strict - Refuses symbolic references, undeclared variables and bare words", None)]
#[case::perl_base(PERL, "app.pl:3:6", "parent - Makes packages the bases of this one, loading their files", None)]
fn what_is_imported_documents_itself(#[case] files: Files, #[case] asked: &str, #[case] said: &str, #[case] elsewhere: Option<&str>) {
    let project = Project::with(files);
    let answers = ask(&engine(&project), &format!("what is {asked}"));
    assert!(answers.notes.iter().any(|n| n.trim_matches('"') == said), "{:?}", answers.notes);
    let told: Vec<&str> = answers.notes.iter().filter_map(|n| n.strip_prefix("said in ")).collect();
    assert_eq!(told, elsewhere.into_iter().collect::<Vec<_>>());
}

/// What is said of a part, of a licence or to a tool is not said of the whole.
#[rstest]
#[case::of_a_part(SCRIPT, "bare.js")]
#[case::licence_and_part(PYTHON, "rack/size.py")]
#[case::no_readme_of_a_part(RUST, "src/wash.rs")]
fn nothing_is_put_into_its_mouth(#[case] files: Files, #[case] path: &str) {
    let project = Project::with(files);
    let answers = ask(&engine(&project), &format!("what is {path}"));
    assert_eq!(answers.notes, [format!("module {path}")]);
}

/// A place in an import that leads nowhere says so.
#[test]
fn an_import_of_what_is_not_here_is_no_complete_answer() {
    let project = Project::with(&[("app.py", "from salt.box import lid\n"), ("A.java", "import lh.salt.*;\nclass A { }\n")]);
    let engine = engine(&project);
    for place in ["app.py:1:8", "A.java:1:12"] {
        let answers = ask(&engine, &format!("what is {place}"));
        assert!(!answers.complete && answers.answers.is_empty(), "{place}: {answers:?}");
    }
}

/// A namespace that is called so comes before a name that leaves parts out.
#[test]
fn a_namespace_comes_before_what_leaves_parts_out() {
    let project = Project::with(&[("lh/rack/Rack.java", "package lh.rack;\nclass Rack { }\n"), ("lh/App.java", "package lh;\nclass App { int rack; }\n")]);
    let answers = ask(&engine(&project), "where is lh.rack");
    assert_eq!(places(&answers), ["lh/rack/Rack.java:1"]);
}

/// A unit is known by its name, and says of itself what its README says.
#[test]
fn a_unit_is_known_by_its_name() {
    let project = Project::with(&[
        ("labels/composer.json", "{\"name\": \"larder/labels\"}"),
        ("labels/README.md", "# Labels\n\nPrints labels of wheels.\n"),
        ("labels/src/a.php", "<?php\nclass A {}\n"),
    ]);
    let answers = ask(&engine(&project), "what is larder/labels");
    assert_eq!(places(&answers), ["labels/README.md:1"]);
    assert!(answers.notes.iter().any(|n| n == "Prints labels of wheels."), "{:?}", answers.notes);
}

/// A file that is only run is used by whoever runs it.
#[test]
fn who_runs_a_script_uses_it() {
    let project = Project::with(&[("Makefile", "all:\n\t./scripts/wash.sh\n"), ("scripts/wash.sh", "#!/bin/sh\necho x\n")]);
    let engine = engine(&project);
    for question in ["who calls scripts/wash.sh", "who uses scripts/wash.sh", "who imports scripts/wash.sh"] {
        assert_eq!(places(&ask(&engine, question)), ["Makefile:2"], "{question}");
    }
}

/// A namespace is found by its name wherever its files lie.
#[test]
fn a_namespace_may_lie_in_a_folder_of_another_name() {
    let project = Project::with(&[("src/Rack.cs", "namespace Larder.Kiosk;\npublic class Rack { }\n")]);
    assert_eq!(places(&ask(&engine(&project), "where is Larder.Kiosk")), ["src/Rack.cs:1"]);
}
