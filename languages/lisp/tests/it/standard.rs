//! The declared library, systems, documentation: what comes with the room.

use rstest::rstest;
use testkit::{Project, ask, engine, places};

#[rstest]
#[case::function("a.lisp:1:17", "(defun mapcar (function list &rest more-lists)")]
#[case::macro_("a.lisp:1:2", "(defmacro defun (")]
#[case::variable("a.lisp:1:35", "(defvar *standard-output*")]
#[case::class("a.lisp:2:25", "(defclass error (serious-condition)")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.lisp", "(defun f (all) (mapcar #'car all) *standard-output*)\n(define-condition deep (error) ())\n")]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!((first.unit.as_deref(), first.remark.as_deref()), (Some("lisp-std"), Some("declared, source not on this machine")));
}

/// Systems are units; what they load comes in their order, and what they leave out goes behind what they load.
#[test]
fn systems_say_what_is_loaded() {
    let project = Project::with(&[
        (
            "larder.asd",
            "(defsystem \"larder\" :version \"1.0\" :components ((:module \"src\" :components ((:file \"b\") #+lispworks (:file \"works\") (:file \"other\" :if-feature :ccl) (:file \"a\")))))\n",
        ),
        ("src/a.lisp", "(defmethod turn ((x integer)) (port))\n"),
        ("src/b.lisp", "(defmethod turn ((x null)) x)\n(defun port () 1)\n"),
        ("src/works.lisp", "(defun port () 2)\n"),
        ("src/other.lisp", "(defun port () 3)\n"),
        ("use.lisp", "(turn 1) (port)\n"),
    ]);
    let engine = engine(&project);
    assert_eq!(places(&ask(&engine, "where is use.lisp:1:11")), ["src/b.lisp:2"]);
    assert_eq!(places(&ask(&engine, "where is use.lisp:1:2")), ["src/b.lisp:1", "src/a.lisp:1"]);
    let units: Vec<(String, String)> = engine.index().units().iter().filter(|u| u.ecosystem == "asdf").map(|u| (u.name.clone(), u.version.clone())).collect();
    assert_eq!(units, [("larder".to_owned(), "1.0".to_owned())]);
    assert_eq!(places(&ask(&engine, "who imports src/a.lisp")), ["larder.asd:1"]);
    // What nothing in a file says is no import of it.
    assert!(places(&ask(&engine, "what does src/a.lisp import")).is_empty());
}

/// Who asks for a function hears of every mention: calls, `#'name`, exports, templates of macros.
#[test]
fn uses_of_a_function_are_all_told() {
    let project = Project::with(&[(
        "a.lisp",
        "(defpackage :a (:use :cl) (:export #:turn))\n(in-package :a)\n(defun turn (x) x)\n(defun f () (turn 1))\n(mapcar #'turn nil)\n(defmacro m () `(turn 2))\n(a:turn 3)\n(apply 'turn nil)\n",
    )]);
    let engine = engine(&project);
    assert_eq!(places(&ask(&engine, "who uses turn")), ["a.lisp:1", "a.lisp:4", "a.lisp:5", "a.lisp:6", "a.lisp:7", "a.lisp:8"]);
    assert_eq!(places(&ask(&engine, "who calls turn")), ["a.lisp:4", "a.lisp:7"]);
}

#[test]
fn texts_document_what_they_stand_in() {
    let project = Project::with(&[("a.lisp", "(defun turn (wheel)\n  \"Turns WHEEL once.\"\n  wheel)\n(defpackage :oak (:documentation \"Oak alone.\"))\n")]);
    let engine = engine(&project);
    let told = |name: &str| {
        let symbol = ask(&engine, &format!("where is {name}")).answers[0].symbol.expect("a symbol");
        let told = engine.facts_of(symbol).expect("looked up").expect("there");
        told.blocks.iter().flat_map(|b| b.pieces.iter().map(|p| p.text.as_str())).collect::<String>()
    };
    assert_eq!(told("turn"), "Turns wheel once.");
    assert_eq!(told("oak"), "Oak alone.");
}

#[test]
fn tests_are_told_apart() {
    let project =
        Project::with(&[("a.lisp", "(defun turn () 1)\n(defun f () (turn))\n"), ("t/a.lisp", "(deftest turns (turn))\n"), ("a-test.lisp", "(turn)\n")]);
    let engine = engine(&project);
    assert_eq!(places(&ask(&engine, "who calls turn outside tests")), ["a.lisp:2"]);
}
