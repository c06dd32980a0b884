//! Classes of tokens.

use compass_facts::*;

#[test]
fn keywords_strings_and_comments_are_told_apart() {
    let text = "// note\nlet rack = \"oak\"; return 12;";
    let found: Vec<(&str, TokenClass)> = tokens(languages::TYPESCRIPT, text, &Cancel::new()).iter().map(|t| (t.span.of(text), t.class)).collect();
    assert!(found.contains(&("// note", TokenClass::Comment)));
    assert!(found.contains(&("let", TokenClass::Keyword)));
    assert!(found.contains(&("oak", TokenClass::Text)));
    assert!(found.contains(&("12", TokenClass::Number)));
}

#[test]
fn text_without_grammar_has_no_tokens() {
    assert!(tokens(Language::TEXT, "select 1", &Cancel::new()).is_empty());
}
