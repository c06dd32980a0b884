//! Classes of tokens for reading on screen: comments, strings, numbers, keywords.
//!
//! Input: language and text. Output: tokens by place, gaps between them are plain. Own classification over the leaves of
//! the syntax tree; names are left to the facts, which know what they are.

use crate::{Cancel, Language, Span, SqlToken};
use tree_sitter::Node;

/// What a stretch of text is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum TokenClass {
    Comment,
    Text,
    Number,
    Keyword,
}

/// A classified stretch.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Token {
    /// Where.
    pub span: Span,
    /// What.
    pub class: TokenClass,
}

/// Texts above this size are not classified, in bytes.
pub const LARGEST_CLASSIFIED: usize = 2 << 20;

/// Classifies `text`; empty for languages without a grammar, above 2 MiB, and when cancelled.
pub fn tokens(language: Language, text: &str, cancel: &Cancel) -> Vec<Token> {
    if text.len() > LARGEST_CLASSIFIED || !language.is_read() {
        return Vec::new();
    }
    if let Some(own) = language.profile().tokens {
        return own(text);
    }
    let Some(tree) = crate::registry::parse(language, text, cancel) else { return Vec::new() };
    let mut out = Vec::new();
    let mut cursor = tree.walk();
    // Depth first without recursion: nesting may be as deep as the text is long.
    loop {
        let node = cursor.node();
        let class = classify(node);
        if let Some(class) = class {
            out.push(Token { span: Span::new(node.start_byte(), node.end_byte()), class });
        }
        if class.is_none() && cursor.goto_first_child() {
            continue;
        }
        while !cursor.goto_next_sibling() {
            if !cursor.goto_parent() {
                return out;
            }
        }
    }
}

/// Comments are what stands between the tokens and is no blank.
pub(crate) fn c_classes(text: &str, cpp: bool) -> Vec<Token> {
    use crate::c_lexer::{CLexer, LexKind};
    let mut out = Vec::new();
    let mut end = 0u32;
    let mut after_hash = false;
    let add_comment = |out: &mut Vec<Token>, from: u32, to: u32| {
        let gap = Span { start: from, end: to };
        let between = gap.of(text);
        let trimmed = between.trim_matches([' ', '\t', '\r', '\n', '\\', '\x0b', '\x0c']);
        if !trimmed.is_empty() {
            let start = from + (trimmed.as_ptr() as usize - between.as_ptr() as usize) as u32;
            out.push(Token { span: Span { start, end: start + trimmed.len() as u32 }, class: TokenClass::Comment });
        }
    };
    for token in CLexer::new(text, cpp) {
        add_comment(&mut out, end, token.span.start);
        end = token.span.end;
        let word = token.span.of(text);
        let class = match token.kind {
            LexKind::Text | LexKind::Char => Some(TokenClass::Text),
            LexKind::Number => Some(TokenClass::Number),
            LexKind::Name if after_hash || crate::readers::c::is_keyword(word, cpp) => Some(TokenClass::Keyword),
            LexKind::Punct if token.first && word == "#" => Some(TokenClass::Keyword),
            _ => None,
        };
        after_hash = token.first && word == "#";
        out.extend(class.map(|class| Token { span: token.span, class }));
    }
    add_comment(&mut out, end, text.len() as u32);
    out
}

pub(crate) fn sql_classes(text: &str) -> Vec<Token> {
    let class = |t: SqlToken| match t {
        SqlToken::Comment => Some(TokenClass::Comment),
        SqlToken::Text => Some(TokenClass::Text),
        SqlToken::Number => Some(TokenClass::Number),
        SqlToken::Word { text, quoted: false } if crate::sql::is_keyword(text) => Some(TokenClass::Keyword),
        _ => None,
    };
    crate::sql::sql_tokens(text).into_iter().filter_map(|(t, span)| Some(Token { span, class: class(t)? })).collect()
}

fn classify(node: Node) -> Option<TokenClass> {
    let kind = node.kind();
    if kind.contains("comment") {
        return Some(TokenClass::Comment);
    }
    if node.child_count() == 0 && !node.is_named() {
        let is_word = kind.starts_with(|c: char| c.is_ascii_alphabetic() || c == '#');
        return match kind {
            "\"" | "'" | "`" => Some(TokenClass::Text),
            _ if is_word => Some(TokenClass::Keyword),
            _ => None,
        };
    }
    match kind {
        "string_content" | "string_fragment" | "string_start" | "string_end" | "escape_sequence" | "char_literal" | "system_lib_string" | "regex"
        | "raw_string_literal" | "character" => Some(TokenClass::Text),
        "string_literal" if node.named_child_count() == 0 => Some(TokenClass::Text),
        "integer" | "float" | "number" | "number_literal" | "integer_literal" | "float_literal" => Some(TokenClass::Number),
        "true"
        | "false"
        | "none"
        | "null"
        | "undefined"
        | "boolean_literal"
        | "self"
        | "this"
        | "super"
        | "crate"
        | "mutable_specifier"
        | "primitive_type"
        | "predefined_type"
        | "storage_class_specifier"
        | "type_qualifier"
        | "preproc_directive" => Some(TokenClass::Keyword),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn keywords_strings_and_comments_are_told_apart() {
        let text = "// note\nlet rack = \"oak\"; return 12;";
        let found: Vec<(&str, TokenClass)> = tokens(Language::TypeScript, text, &Cancel::new()).iter().map(|t| (t.span.of(text), t.class)).collect();
        assert!(found.contains(&("// note", TokenClass::Comment)));
        assert!(found.contains(&("let", TokenClass::Keyword)));
        assert!(found.contains(&("oak", TokenClass::Text)));
        assert!(found.contains(&("12", TokenClass::Number)));
    }

    #[test]
    fn text_without_grammar_has_no_tokens() {
        assert!(tokens(Language::Text, "select 1", &Cancel::new()).is_empty());
    }
}
