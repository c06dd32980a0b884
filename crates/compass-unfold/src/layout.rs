//! Lays tokens out for reading: short results on one line, long ones with a line per statement, braces indented.

use compass_expand::{Token, TokenKind};
use compass_facts::Span;

/// Results up to this many bytes with at most one statement stay on one line.
const ONE_LINE: usize = 96;
const INDENT: usize = 4;

/// The text, and where each token stands in it.
pub fn lay_out(tokens: &[&Token]) -> (String, Vec<Span>) {
    let length: usize = tokens.iter().map(|t| t.text.len() + usize::from(t.spaced)).sum();
    let statements = tokens.iter().filter(|t| t.is(";")).count();
    let lines = length > ONE_LINE || (statements > 1 && tokens.iter().any(|t| t.is("{")));
    let mut pen = Pen { text: String::with_capacity(length + 16), braces: 0, parens: 0, fresh: true };
    let mut spans = Vec::with_capacity(tokens.len());
    for (n, token) in tokens.iter().enumerate() {
        let next = tokens.get(n + 1).copied();
        let before = n.checked_sub(1).and_then(|p| tokens.get(p)).copied();
        if lines && token.is("}") {
            pen.braces = pen.braces.saturating_sub(1);
            if !before.is_some_and(|b| b.is("{")) {
                pen.line();
            }
        }
        pen.blank(before, token);
        let start = pen.text.len();
        pen.text.push_str(&token.text);
        pen.fresh = false;
        spans.push(Span::new(start, pen.text.len()));
        pen.count(token);
        if lines && pen.breaks_after(token, next) {
            pen.line();
        }
    }
    let end = pen.text.trim_end().len();
    pen.text.truncate(end);
    (pen.text, spans)
}

struct Pen {
    text: String,
    braces: usize,
    parens: usize,
    /// Nothing stands on this line yet.
    fresh: bool,
}

impl Pen {
    fn line(&mut self) {
        if self.fresh {
            // Only the indent may have changed.
            while self.text.ends_with(' ') {
                self.text.pop();
            }
        } else {
            self.text.push('\n');
        }
        if !self.text.is_empty() {
            self.text.extend(std::iter::repeat_n(' ', self.braces * INDENT));
        }
        self.fresh = true;
    }

    fn blank(&mut self, before: Option<&Token>, token: &Token) {
        let Some(before) = before.filter(|_| !self.fresh) else { return };
        // Signs that stood side by side where they come from are one sign, which the lexer of another language took apart.
        let side_by_side = matches!((before.place, token.place), (Some(a), Some(b)) if a.source == b.source && a.span.end == b.span.start);
        if token.spaced || would_join(before, token) && !side_by_side {
            self.text.push(' ');
        }
    }

    fn count(&mut self, token: &Token) {
        if token.kind != TokenKind::Punct {
            return;
        }
        match &*token.text {
            "(" | "[" => self.parens += 1,
            ")" | "]" => self.parens = self.parens.saturating_sub(1),
            "{" => self.braces += 1,
            _ => {}
        }
    }

    fn breaks_after(&self, token: &Token, next: Option<&Token>) -> bool {
        let Some(next) = next else { return false };
        let ends_value = next.is(";") || next.is(",") || next.is(")") || next.is("]") || next.is(".") || next.is("?");
        match &*token.text {
            "{" if token.kind == TokenKind::Punct => !next.is("}"),
            "}" if token.kind == TokenKind::Punct => !(ends_value || next.is("else") || next.is("while")),
            ";" if token.kind == TokenKind::Punct => self.parens == 0,
            "," if token.kind == TokenKind::Punct => self.parens == 0 && self.braces > 0,
            _ => false,
        }
    }
}

/// Would two tokens without a blank between be read as something else?
fn would_join(a: &Token, b: &Token) -> bool {
    let word = |t: &Token| matches!(t.kind, TokenKind::Name | TokenKind::Number);
    if word(a) && (word(b) || matches!(b.kind, TokenKind::Text | TokenKind::Char)) {
        return true;
    }
    if a.kind != TokenKind::Punct || b.kind != TokenKind::Punct {
        return false;
    }
    let pair = format!("{}{}", a.text, b.text);
    let joins = |o: &&str| pair.match_indices(*o).any(|(at, _)| at < a.text.len() && a.text.len() < at + o.len());
    ["++", "--", "+=", "-=", "->", "<<", ">>", "<=", ">=", "==", "!=", "&&", "||", "::", "..", "//", "/*", "##", "=>", "*=", "&=", "|="].iter().any(joins)
}
