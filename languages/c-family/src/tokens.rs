//! Classes of tokens for the screen.

use crate::lexer::{CLexer, LexKind};
use compass_facts::{Span, Token, TokenClass};

/// Comments are what stands between the tokens and is no blank.
pub(crate) fn classes(text: &str, cpp: bool) -> Vec<Token> {
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
            LexKind::Name if after_hash || crate::reader::is_keyword(word, cpp) => Some(TokenClass::Keyword),
            LexKind::Punct if token.first && word == "#" => Some(TokenClass::Keyword),
            _ => None,
        };
        after_hash = token.first && word == "#";
        out.extend(class.map(|class| Token { span: token.span, class }));
    }
    add_comment(&mut out, end, text.len() as u32);
    out
}
