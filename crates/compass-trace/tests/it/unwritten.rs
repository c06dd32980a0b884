//! Members that the language calls by itself: no answer about their callers is complete.

use crate::support::{ask, engine};
use rstest::rstest;
use testkit::Project;

#[rstest]
#[case::a_with_block(
    "b.py",
    "class Box:\n    def __enter__(self):\n        return self\n\n\ndef use():\n    with Box() as b:\n        return b\n",
    "__enter__"
)]
#[case::an_operator("b.py", "class Box:\n    def __add__(self, other):\n        return self\n", "__add__")]
#[case::text_in_a_concatenation("B.java", "class B { public String toString() { return \"b\"; } static String all(B b) { return \"\" + b; } }", "B.toString")]
#[case::end_of_scope("b.rs", "pub struct B;\nimpl Drop for B { fn drop(&mut self) {} }\n", "B.drop")]
#[case::a_loop("b.rs", "pub struct B;\nimpl Iterator for B { type Item = u8; fn next(&mut self) -> Option<u8> { None } }\n", "B.next")]
#[case::a_destructor("b.cpp", "struct B { ~B(); };\nB::~B() {}\n", "~B")]
#[case::a_compound_operator("b.cpp", "struct B { B& operator+=(int n); };\nB& B::operator+=(int n) { return *this; }\n", "B.operator+=")]
#[case::a_loop_by_its_form("B.cs", "class B { public B GetEnumerator() { return this; } public bool MoveNext() { return false; } }", "B.GetEnumerator")]
#[case::before_main("b.go", "package b\n\nfunc init() {}\n", "init")]
#[case::an_operator_of_ruby("b.rb", "class B\n  def to_s\n    \"b\"\n  end\nend\n", "to_s")]
#[case::a_magic_member("b.php", "<?php\nclass B { public function __toString() { return 'b'; } }\n", "__toString")]
#[case::an_operator_function("b.kt", "class B { operator fun plus(o: B): B = o }\n", "B.plus")]
fn what_the_language_calls_is_not_said_to_have_no_callers(#[case] path: &str, #[case] text: &str, #[case] name: &str) {
    let answers = ask(&engine(&Project::with(&[(path, text)])), &format!("who calls {name}"));
    assert!(!answers.complete, "{:?}", answers.notes);
    assert!(answers.notes.iter().any(|n| n.contains("where its name is not written")), "{:?}", answers.notes);
}

#[rstest]
#[case::another_member("b.py", "class Box:\n    def add(self, other):\n        return self\n", "add")]
#[case::a_member_of_ones_own("b.rs", "pub struct B;\nimpl B { fn next(&mut self) -> Option<u8> { None } }\n", "B.next")]
#[case::a_plain_method("B.java", "class B { private String text() { return \"b\"; } }", "B.text")]
#[case::a_plain_function("b.cpp", "namespace { int turn() { return 1; } }\n", "turn")]
fn other_members_without_callers_are(#[case] path: &str, #[case] text: &str, #[case] name: &str) {
    let answers = ask(&engine(&Project::with(&[(path, text)])), &format!("who calls {name}"));
    assert!(answers.complete && answers.total == 0, "{:?} {:?}", answers.missing, answers.notes);
}

#[test]
fn levels_over_such_a_member_are_not_complete() {
    let text = "def fill():\n    pass\n\n\nclass Box:\n    def __enter__(self):\n        fill()\n        return self\n";
    let answers = ask(&engine(&Project::with(&[("b.py", text)])), "who calls fill through 3");
    assert_eq!((answers.total, answers.complete), (1, false), "{:?}", answers.notes);
}

#[test]
fn a_member_that_a_block_makes_has_callers_that_nobody_sees() {
    let text = "def setup\n  Other::Response.class_eval do\n    def error_page\n      1\n    end\n  end\nend\n";
    let answers = ask(&engine(&Project::with(&[("serve.rb", text)])), "who calls error_page");
    assert!(!answers.complete, "{:?}", answers.notes);
}
