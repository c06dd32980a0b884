//! What the reader tells of constructs.

use proptest::prelude::*;
use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::functions(
    "(defun turn (wheel &optional (by 1) &key deep) (spin wheel by))\n(defmacro with-oven ((oven) &body body) `(heat ,oven ,@body))\n(defgeneric weigh (thing))\n(defmethod weigh ((w wheel)) 1)",
    &["fn turn", "param turn.wheel", "param turn.by", "param turn.deep", "macro with-oven", "fn weigh", "method weigh"],
    &["call spin", "ref heat", "type wheel"]
)]
#[case::variables("(defvar *racks* nil) (defparameter *deep* (depth)) (defconstant +size+ 3)", &["var *racks*", "var *deep*", "const +size+"], &["call depth"])]
#[case::classes(
    "(defclass rack (shelf) ((depth :initarg :depth :accessor depth-of :type fixnum) width))",
    &["class rack", "field rack.depth", "field rack.width", "method depth-of"],
    &["type shelf", "type fixnum"]
)]
#[case::a_slot_called_like_its_accessor("(defclass rack () ((depth :accessor depth)))", &["class rack", "method depth"], &[])]
#[case::structures(
    "(defstruct (rack (:include shelf) (:conc-name r-) (:constructor new-rack)) depth (width 3))",
    &["struct rack", "field rack.depth", "fn new-rack", "fn copy-rack", "fn rack-p", "fn r-depth", "fn r-width"],
    &["type shelf"]
)]
#[case::conditions("(define-condition too-deep (error) ()) (handler-case (turn) (too-deep (c) (say c)))", &["class too-deep"], &["type error", "type too-deep", "call turn", "call say"])]
#[case::types("(deftype grams () '(or null (satisfies heavy-p)))", &["alias grams"], &["type null", "ref heavy-p"])]
#[case::local_functions("(defun f () (labels ((g (x) (g x))) (flet ((h () 1)) (g (h)))))", &["fn f.g", "fn f.h"], &["call g", "call h"])]
#[case::places("(defun f (r) (setf (depth r) 1 *all* 2) (push r (racks *larder*)) (incf (depth r)))", &[], &["write depth", "write *all*", "write racks", "read *larder*"])]
#[case::handed_on("(mapcar #'turn (remove-if 'deep-p all :key 'depth)) (make-instance 'rack) (funcall (lambda (x) (spin x)) 1)", &[], &["ref turn", "ref deep-p", "ref depth", "type rack", "call spin"])]
#[case::loops("(loop for r in (racks) for d = (depth r) then (1+ d) when (deep-p r) collect (turn r) into out finally (return out))", &["var r", "var d", "var out"], &["call racks", "call depth", "call deep-p", "call turn"])]
#[case::conditions_of_the_reader("#+sbcl (defun a () 1) #-sbcl (defun a () (other)) #+(or lispworks ccl) (defun b () 2)", &["fn a", "fn b"], &["call other"])]
#[case::templates("(defmacro m (x) `(let ((y (make-y ,(given x)))) (turn y *all*)))", &["macro m"], &["ref make-y", "call given", "ref turn", "read *all*"])]
#[case::definers("(define-digest oak (a b) (mix a b))", &["fn oak"], &["call define-digest", "call mix"])]
#[case::slots("(with-slots (depth (w width)) rack (list depth w)) (slot-value rack 'depth)", &["var depth", "var w"], &["read depth", "read width"])]
#[case::declared("(declaim (inline turn) (ftype (function (wheel) t) spin)) (defun f (x) (declare (type rack x) (fixnum y)) x)", &[], &["ref turn", "ref spin", "type wheel", "type rack", "type fixnum"])]
#[case::tests("(deftest turns (is (= 1 (turn))))", &["fn turns"], &["call turn"])]
#[case::letters_do_not_matter("(DEFUN Turn () (SPIN)) |Odd|", &["fn turn"], &["call spin", "read Odd"])]
#[case::packages("(defpackage :larder (:use :cl) (:export #:turn) (:import-from :wheels #:spin)) (in-package :larder)", &["module larder"], &["import turn", "import spin", "import wheels"])]
fn constructs_are_read(#[case] text: &str, #[case] wanted: &[&str], #[case] used: &[&str]) {
    let facts = facts(languages::LISP, text);
    let (definitions, uses) = (definitions(&facts), uses(&facts));
    for name in wanted {
        assert!(definitions.iter().any(|d| d.starts_with(name)), "{name}: {definitions:?}");
    }
    for name in used {
        assert!(uses.iter().any(|u| u.starts_with(name)), "{name}: {uses:?}");
    }
    assert!(facts.gaps.is_empty(), "{:?}", facts.gaps);
}

/// What is no program is a gap, and costs no other names.
#[rstest]
#[case("(defun a () 1)) (defun b () 2)")]
#[case("(defun a (x) (b \"never ends")]
#[case("(defun a () (let ((x 1)")]
fn what_is_no_program_is_a_gap(#[case] text: &str) {
    let facts = facts(languages::LISP, text);
    assert!(definitions(&facts).iter().any(|d| d.starts_with("fn a")), "{:?}", definitions(&facts));
    assert!(!facts.gaps.is_empty());
}

/// Nesting as deep as one likes is stepped over, not fallen into.
#[test]
fn nesting_has_bounds() {
    for (open, close) in [("(", ")"), ("(a ", ")"), ("'", ""), ("`(b ,", ")"), ("#+a ", ""), ("(let ((x ", ")))")] {
        let text = format!("{}1{}\n(defun after () 1)", open.repeat(60_000), close.repeat(60_000));
        let facts = facts(languages::LISP, &text);
        assert!(facts.definitions.len() < 100_000);
    }
}

proptest! {
    /// Any text is read, and all places lie in it.
    #[test]
    fn any_text_is_read(text in r#"(\(|\)|'|`|,@|#'|#\+|"|;|\n| |def|defun|let|loop|for|in|flet|setf|defstruct|defclass|\*a\*|:b|a:c|1|ä){0,60}"#) {
        let facts = facts(languages::LISP, &text);
        for d in &facts.definitions {
            prop_assert!(text.get(d.name_span.start as usize..d.name_span.end as usize).is_some());
        }
        for u in &facts.uses {
            prop_assert!(text.get(u.span.start as usize..u.span.end as usize).is_some());
        }
    }
}
