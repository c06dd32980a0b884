//! What the reader tells of constructs.

use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::types(
    "namespace A.B { public delegate int Turn(Rack r); enum Kind { Oak, Pine } struct S<T> where T : IThing { event Turn Turned; int this[int i] { get { return i; } } ~S() { } } }",
    &["interface Turn", "enum Kind", "variant Kind.Oak", "struct S", "typeparam S.T", "field S.Turned", "method S.this"],
    &["type Rack", "type IThing", "type Turn"]
)]
#[case::attributes("[Serializable, Mark(1, Name = nameof(A))] class A { }", &["class A"], &["mark Serializable", "mark Mark", "pass A"])]
#[case::records("record Rack(int Depth, Wheel Wheel) { }", &["class Rack", "field Rack.Depth", "field Rack.Wheel"], &["type Wheel"])]
#[case::top_level("using System;\nvar name = \"a\";\nConsole.WriteLine(name);\n", &["var name"], &["read Console", "call WriteLine", "pass name"])]
fn constructs_are_read(#[case] text: &str, #[case] wanted: &[&str], #[case] used: &[&str]) {
    let facts = facts(languages::CSHARP, text);
    let (definitions, uses) = (definitions(&facts), uses(&facts));
    for name in wanted {
        assert!(definitions.iter().any(|d| d.starts_with(name)), "{name}: {definitions:?}");
    }
    for name in used {
        assert!(uses.iter().any(|u| u.starts_with(name)), "{name}: {uses:?}");
    }
    assert!(facts.gaps.is_empty(), "{:?}", facts.gaps);
}

/// Branches that begin or end within a statement: the file is read as the usual build sees it.
#[rstest]
#[case::in_an_expression("class A { int F() { return 1\n#if NET20\n + x;\n#else\n + 2;\n#endif\n} void G() { } }")]
#[case::in_a_head("class A\n#if NET20\n : Old\n#endif\n{ void G() { } }")]
#[case::pointers("class A { unsafe void G(void* p) { (*(int*)p)++; } }")]
fn what_the_grammar_cannot_read_costs_no_names(#[case] text: &str) {
    let facts = facts(languages::CSHARP, text);
    assert!(definitions(&facts).iter().any(|d| d.starts_with("method A.G")), "{:?}", definitions(&facts));
    // A branch that was not read is a gap: what stands there may be a use of anything.
    let unread: Vec<&str> = facts.gaps.iter().map(|g| g.span.of(text).trim()).collect();
    assert_eq!(unread, if text.contains("#else") { vec!["+ x;"] } else { Vec::new() });
}
