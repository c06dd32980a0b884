//! Tokens as readable text.

use compass_expand::SourceNo;
use compass_facts::Span;
use compass_unfold::lay_out;
use rstest::rstest;

fn laid(text: &str) -> String {
    let tokens = language_rust::macros::tokens(SourceNo(0), text, Span::new(0, text.len()));
    lay_out(&tokens.iter().collect::<Vec<_>>()).0
}

#[rstest]
#[case::short("a  +   b", "a + b")]
#[case::as_spaced("f(a,b)", "f(a,b)")]
#[case::statements("{ a(); b(); }", "{\n    a();\n    b();\n}")]
#[case::for_head("{ for (i = 0; i < n; i += 1) { a(); } }", "{\n    for (i = 0; i < n; i += 1) {\n        a();\n    }\n}")]
#[case::after_brace("do { a(); b(); } while (0);", "do {\n    a();\n    b();\n} while (0);")]
#[case::empty_braces("{ a(); struct A {} b(); }", "{\n    a();\n    struct A {}\n    b();\n}")]
fn results_read_like_code(#[case] text: &str, #[case] expected: &str) {
    assert_eq!(laid(text), expected);
}

#[test]
fn tokens_that_would_join_are_kept_apart() {
    let mut tokens = language_rust::macros::tokens(SourceNo(0), "- -", Span::new(0, 3));
    tokens[1].spaced = false;
    assert_eq!(lay_out(&tokens.iter().collect::<Vec<_>>()).0, "- -");
}

proptest::proptest! {
    #[test]
    fn spans_hold_their_tokens(text in "[a-z(){};, .+<>-]{0,200}") {
        let tokens = language_rust::macros::tokens(SourceNo(0), &text, Span::new(0, text.len()));
        let (laid, spans) = lay_out(&tokens.iter().collect::<Vec<_>>());
        for (token, span) in tokens.iter().zip(spans) {
            proptest::prop_assert_eq!(span.of(&laid), &*token.text);
        }
    }
}
