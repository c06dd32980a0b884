//! Tokens of Rust as macros see them: operators in one piece, documentation as attributes.
//!
//! A lifetime is a name whose text begins with a quote.

use compass_expand::{Place, SourceNo, Token, TokenKind};
use compass_facts::Span;

const OPERATORS: [&str; 25] =
    ["<<=", ">>=", "...", "..=", "::", "->", "=>", "==", "!=", "<=", ">=", "&&", "||", "+=", "-=", "*=", "/=", "%=", "^=", "&=", "|=", "<<", ">>", "..", "#"];

/// The tokens of a part of a text.
pub fn tokens(source: SourceNo, text: &str, part: Span) -> Vec<Token> {
    let end = (part.end as usize).min(text.len());
    let mut lexer = Lexer { source, text: text.get(..end).unwrap_or(text), at: part.start as usize, out: Vec::new() };
    while lexer.step() {}
    lexer.out
}

struct Lexer<'t> {
    source: SourceNo,
    text: &'t str,
    at: usize,
    out: Vec<Token>,
}

impl<'t> Lexer<'t> {
    fn rest(&self) -> &'t str {
        self.text.get(self.at..).unwrap_or("")
    }

    fn push(&mut self, text: &str, kind: TokenKind, spaced: bool, span: Span) {
        self.out.push(Token::written(text.into(), kind, spaced, Place { source: self.source, span }));
    }

    /// One token, or blanks to the end.
    fn step(&mut self) -> bool {
        let before = self.at;
        while self.skip_blank() {}
        let spaced = self.at > before;
        let rest = self.rest();
        let Some(first) = rest.chars().next() else { return false };
        if self.documentation(spaced) {
            return true;
        }
        let (len, kind) = match first {
            '"' => (quoted(rest, 0), TokenKind::Text),
            '\'' => quote(rest),
            c if c.is_ascii_digit() => (number(rest), TokenKind::Number),
            c if is_name_start(c) => prefixed(rest),
            c if c.is_ascii_punctuation() => {
                let operator = OPERATORS.iter().find(|o| rest.starts_with(**o));
                (operator.map_or(1, |o| o.len()), TokenKind::Punct)
            }
            c => (c.len_utf8(), TokenKind::Other),
        };
        let span = Span::new(self.at, self.at + len);
        self.push(&rest[..len], kind, spaced, span);
        self.at += len;
        true
    }

    fn skip_blank(&mut self) -> bool {
        let rest = self.rest();
        let blanks = rest.len() - rest.trim_start().len();
        if blanks > 0 {
            self.at += blanks;
            return true;
        }
        if rest.starts_with("//") && !is_doc_line(rest) {
            self.at += rest.find('\n').unwrap_or(rest.len());
            return true;
        }
        if rest.starts_with("/*") && !is_doc_block(rest) {
            self.at += block_comment(rest);
            return true;
        }
        false
    }

    /// `/// text` is `#[doc = " text"]` to a macro.
    fn documentation(&mut self, spaced: bool) -> bool {
        let rest = self.rest();
        let (len, body) = if rest.starts_with("//") {
            let len = rest.find('\n').unwrap_or(rest.len());
            (len, rest[3..len].trim_end_matches('\r'))
        } else if rest.starts_with("/*") {
            let len = block_comment(rest);
            (len, rest[3..len].trim_end_matches("*/"))
        } else {
            return false;
        };
        let inner = rest[2..].starts_with('!');
        let span = Span::new(self.at, self.at + len);
        let text = format!("{:?}", body);
        self.push("#", TokenKind::Punct, spaced, span);
        if inner {
            self.push("!", TokenKind::Punct, false, span);
        }
        self.push("[", TokenKind::Punct, false, span);
        self.push("doc", TokenKind::Name, false, span);
        self.push("=", TokenKind::Punct, true, span);
        self.push(&text, TokenKind::Text, true, span);
        self.push("]", TokenKind::Punct, false, span);
        self.at += len;
        true
    }
}

fn is_doc_line(rest: &str) -> bool {
    (rest.starts_with("///") && !rest.starts_with("////")) || rest.starts_with("//!")
}

fn is_doc_block(rest: &str) -> bool {
    (rest.starts_with("/**") && !rest.starts_with("/***") && !rest.starts_with("/**/")) || rest.starts_with("/*!")
}

/// Length of a comment in which others may nest.
fn block_comment(rest: &str) -> usize {
    let bytes = rest.as_bytes();
    let (mut at, mut depth) = (0, 0);
    while at < bytes.len() {
        match bytes.get(at..at + 2) {
            Some(b"/*") => {
                depth += 1;
                at += 2;
            }
            Some(b"*/") => {
                depth -= 1;
                at += 2;
                if depth == 0 {
                    return at;
                }
            }
            _ => at += 1,
        }
    }
    bytes.len()
}

fn is_name_start(c: char) -> bool {
    c == '_' || c.is_alphabetic()
}

fn name(rest: &str) -> usize {
    rest.find(|c: char| c != '_' && !c.is_alphanumeric()).unwrap_or(rest.len())
}

/// Length of a quoted text that begins at `from`.
fn quoted(rest: &str, from: usize) -> usize {
    let bytes = rest.as_bytes();
    let quote = bytes[from];
    let mut at = from + 1;
    while at < bytes.len() {
        match bytes[at] {
            b'\\' => at += 2,
            b if b == quote => return at + 1,
            _ => at += 1,
        }
    }
    rest.len()
}

/// A character or a lifetime.
fn quote(rest: &str) -> (usize, TokenKind) {
    let mut chars = rest[1..].char_indices();
    match (chars.next(), chars.next()) {
        (Some((_, '\\')), _) => (quoted(rest, 0), TokenKind::Char),
        (Some(_), Some((end, '\''))) => (1 + end + 1, TokenKind::Char),
        (Some((_, c)), _) if is_name_start(c) => (1 + name(&rest[1..]), TokenKind::Name),
        _ => (1, TokenKind::Other),
    }
}

fn number(rest: &str) -> usize {
    let bytes = rest.as_bytes();
    let word = |from: usize| bytes[from..].iter().take_while(|b| b.is_ascii_alphanumeric() || **b == b'_').count();
    let mut len = word(0);
    let radix = rest.starts_with("0x") || rest.starts_with("0b") || rest.starts_with("0o");
    if !radix && bytes.get(len) == Some(&b'.') && !matches!(bytes.get(len + 1), Some(b'.' | b'_' | b'a'..=b'z' | b'A'..=b'Z')) {
        len += 1;
        len += word(len);
    }
    if !radix && matches!(bytes.get(len - 1), Some(b'e' | b'E')) && matches!(bytes.get(len), Some(b'+' | b'-')) {
        len += 1;
        len += word(len);
    }
    len
}

/// A name, or a text that begins with letters: `r"…"`, `b'…'`, `br#"…"#`, `c"…"`, `r#name`.
fn prefixed(rest: &str) -> (usize, TokenKind) {
    let len = name(rest);
    let after = &rest[len..];
    match (&rest[..len], after.as_bytes().first()) {
        ("b", Some(b'\'')) => (quoted(rest, len), TokenKind::Char),
        ("b" | "c", Some(b'"')) => (quoted(rest, len), TokenKind::Text),
        ("r" | "br" | "cr", Some(b'"' | b'#')) => {
            let hashes = after.len() - after.trim_start_matches('#').len();
            if after[hashes..].starts_with('"') {
                let close = format!("\"{}", "#".repeat(hashes));
                let from = len + hashes + 1;
                let end = rest[from..].find(&close).map_or(rest.len(), |n| from + n + close.len());
                return (end, TokenKind::Text);
            }
            let raw = name(&after[hashes..]);
            if hashes == 1 && raw > 0 { (len + 1 + raw, TokenKind::Name) } else { (len, TokenKind::Name) }
        }
        _ => (len, TokenKind::Name),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::operators("a>>=b..=c=>d", &["a", ">>=", "b", "..=", "c", "=>", "d"])]
    #[case::lifetimes_and_characters("'a 'b' '\\'' 'static", &["'a", "'b'", "'\\''", "'static"])]
    #[case::numbers("1.0 1..2 1.max 0xffu8 1e-3 2.5e+7f64 1_000", &["1.0", "1", "..", "2", "1", ".", "max", "0xffu8", "1e-3", "2.5e+7f64", "1_000"])]
    #[case::texts("r#\"a\"b\"# b'x' c\"y\" \"q\\\"\" r#type", &["r#\"a\"b\"#", "b'x'", "c\"y\"", "\"q\\\"\"", "r#type"])]
    #[case::comments("a // b\nc /* d /* e */ f */ g //// no", &["a", "c", "g"])]
    #[case::documentation("/// He said \"x\"\nfn", &["#", "[", "doc", "=", "\" He said \\\"x\\\"\"", "]", "fn"])]
    #[case::tuple_index("t.0.1", &["t", ".", "0.1"])]
    fn text_falls_into_tokens(#[case] text: &str, #[case] expected: &[&str]) {
        let spelled: Vec<String> = tokens(SourceNo(0), text, Span::new(0, text.len())).iter().map(|t| t.text.to_string()).collect();
        assert_eq!(spelled, expected);
    }

    proptest::proptest! {
        #[test]
        fn any_text_ends(text in "[ -~\\né'\"r#/*]{0,120}") {
            let all = tokens(SourceNo(0), &text, Span::new(0, text.len()));
            proptest::prop_assert!(all.len() <= text.len() * 7);
        }
    }
}
