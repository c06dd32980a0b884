//! Classes of tokens for reading on screen: comments, strings, numbers, keywords.
//!
//! Input: language and text. Output: tokens by place, gaps between them are plain. Own classification over the leaves of
//! the syntax tree; names are left to the facts, which know what they are.

use crate::{Cancel, Language, Span};
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
