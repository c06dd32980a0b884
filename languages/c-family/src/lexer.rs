//! Preprocessing tokens of C and its kin.
//!
//! Input: the text of a file. Output: its tokens in order, each with its bytes and whether blanks or a new line stand before it.
//! Comments are blanks. A backslash at the end of a line joins it with the next one, also within a token: [`Lexed::spelling`] gives
//! the token without such joints.
//!
//! # Guarantees
//! Any text gives tokens: a byte that begins none is [`LexKind::Other`]; a string that is not closed ends with its line. Tokens never
//! overlap and come in order. One pass, no allocation.

pub use compass_expand::TokenKind as LexKind;
use compass_facts::Span;
use std::borrow::Cow;

/// One preprocessing token.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Lexed {
    /// What it is.
    pub kind: LexKind,
    /// Its bytes, joints included.
    pub span: Span,
    /// Blanks, a comment or a new line stand before it.
    pub spaced: bool,
    /// It is the first one of its (joined) line.
    pub first: bool,
    /// A backslash and a new line stand within it.
    pub joined: bool,
}

impl Lexed {
    /// The token as the language sees it: without joints.
    pub fn spelling<'t>(&self, text: &'t str) -> Cow<'t, str> {
        let raw = self.span.of(text);
        if !self.joined {
            return Cow::Borrowed(raw);
        }
        Cow::Owned(raw.replace("\\\r\n", "").replace("\\\n", ""))
    }
}

/// Longest first: the first that fits is the token.
const PUNCTUATORS: [&str; 30] = [
    "%:%:", "...", "<<=", ">>=", "->*", "<=>", "##", "->", "++", "--", "<<", ">>", "<=", ">=", "==", "!=", "&&", "||", "+=", "-=", "*=", "/=", "%=", "&=",
    "|=", "^=", "::", ".*", "<:", ":>",
];
const DIGRAPHS: [&str; 3] = ["<%", "%>", "%:"];
/// Tokens of C++ only; in C their parts are tokens of their own.
const ONLY_CPP: [&str; 4] = ["->*", "<=>", "::", ".*"];

/// The tokens of a text.
#[derive(Debug, Clone)]
pub struct CLexer<'t> {
    bytes: &'t [u8],
    at: usize,
    cpp: bool,
    fresh_line: bool,
}

impl<'t> CLexer<'t> {
    /// Starts at the beginning of `text`; `cpp` tells C++ from C.
    pub fn new(text: &'t str, cpp: bool) -> Self {
        CLexer { bytes: text.as_bytes(), at: 0, cpp, fresh_line: true }
    }

    /// Starts somewhere in the text.
    pub fn new_at(text: &'t str, cpp: bool, offset: u32) -> Self {
        let at = (offset as usize).min(text.len());
        let fresh_line = at == 0 || text.as_bytes()[at - 1] == b'\n';
        CLexer { bytes: text.as_bytes(), at, cpp, fresh_line }
    }

    /// Length of a joint (backslash, new line) at `at`.
    fn joint(&self, at: usize) -> usize {
        match self.bytes.get(at..) {
            Some([b'\\', b'\n', ..]) => 2,
            Some([b'\\', b'\r', b'\n', ..]) => 3,
            _ => 0,
        }
    }

    /// The byte at `at` after any joints, and where it stands.
    fn peek(&self, mut at: usize) -> (u8, usize) {
        loop {
            match self.joint(at) {
                0 => return (self.bytes.get(at).copied().unwrap_or(0), at),
                n => at += n,
            }
        }
    }

    /// Skips blanks and comments; tells whether there were any.
    fn skip_blanks(&mut self) -> bool {
        let begin = self.at;
        loop {
            // The common case without a joint, byte by byte.
            while matches!(self.bytes.get(self.at), Some(b' ' | b'\t')) {
                self.at += 1;
            }
            let (byte, at) = self.peek(self.at);
            if at >= self.bytes.len() {
                self.at = self.bytes.len();
                return self.at > begin;
            }
            match byte {
                b'\n' => {
                    self.fresh_line = true;
                    self.at = at + 1;
                }
                b' ' | b'\t' | b'\r' | 0x0b | 0x0c => self.at = at + 1,
                b'/' => match self.peek(at + 1) {
                    (b'/', next) => self.skip_line(next + 1),
                    (b'*', next) => self.skip_block(next + 1),
                    _ => return self.at > begin,
                },
                _ => return self.at > begin,
            }
        }
    }

    fn skip_line(&mut self, from: usize) {
        self.at = from;
        while let Some(next) = memchr::memchr(b'\n', &self.bytes[self.at.min(self.bytes.len())..]) {
            let end = self.at + next;
            let joined = matches!(&self.bytes[..end], [.., b'\\'] | [.., b'\\', b'\r']);
            self.at = if joined { end + 1 } else { end };
            if !joined {
                return;
            }
        }
        self.at = self.bytes.len();
    }

    fn skip_block(&mut self, from: usize) {
        let rest = &self.bytes[from.min(self.bytes.len())..];
        let end = memchr::memmem::find(rest, b"*/").map_or(self.bytes.len(), |n| from + n + 2);
        self.at = end;
    }

    fn token(&mut self) -> Option<Lexed> {
        let spaced = self.skip_blanks();
        let (byte, at) = self.peek(self.at);
        if at >= self.bytes.len() {
            return None;
        }
        let start = at;
        let first = std::mem::replace(&mut self.fresh_line, false);
        self.at = at;
        let kind = match byte {
            b'"' => self.quoted(b'"'),
            b'\'' => self.quoted(b'\''),
            b'0'..=b'9' => self.number(),
            b'.' if self.peek(at + 1).0.is_ascii_digit() => self.number(),
            b if is_name_byte(b) => self.name(),
            b if b.is_ascii_punctuation() => self.punctuator(),
            _ => {
                self.at += 1;
                LexKind::Other
            }
        };
        let span = Span::new(start, self.at);
        // Nothing is joined in a raw string: its backslashes are text.
        let raw = self.cpp && kind == LexKind::Text && self.bytes[start..self.at].iter().take(3).any(|b| *b == b'R');
        let joined = !raw && memchr::memchr(b'\\', &self.bytes[start..self.at]).is_some() && self.has_joint(start);
        Some(Lexed { kind, span, spaced, first, joined })
    }

    fn has_joint(&self, start: usize) -> bool {
        (start..self.at).any(|i| self.bytes[i] == b'\\' && self.joint(i) > 0)
    }

    /// A string or character constant; one that is not closed ends with its line.
    fn quoted(&mut self, quote: u8) -> LexKind {
        self.at += 1;
        let kind = if quote == b'"' { LexKind::Text } else { LexKind::Char };
        loop {
            let (byte, at) = self.peek(self.at);
            if at >= self.bytes.len() {
                self.at = self.bytes.len();
                return LexKind::Other;
            }
            self.at = at + 1;
            match byte {
                b'\n' => {
                    self.at = at;
                    return LexKind::Other;
                }
                b'\\' => {
                    let (escaped, next) = self.peek(self.at);
                    if escaped != b'\n' && next < self.bytes.len() {
                        self.at = next + char_len(escaped);
                    }
                }
                b if b == quote => return kind,
                _ => {}
            }
        }
    }

    fn number(&mut self) -> LexKind {
        let mut previous = 0;
        loop {
            let (byte, at) = self.peek(self.at);
            let sign = matches!(byte, b'+' | b'-') && matches!(previous, b'e' | b'E' | b'p' | b'P');
            let separator = byte == b'\'' && self.cpp && is_name_byte(self.peek(at + 1).0);
            if at >= self.bytes.len() || !(is_name_byte(byte) || byte == b'.' || sign || separator) {
                return LexKind::Number;
            }
            previous = byte;
            self.at = at + 1;
        }
    }

    fn name(&mut self) -> LexKind {
        let start = self.at;
        loop {
            while self.bytes.get(self.at).is_some_and(|b| NAME_BYTES[*b as usize]) {
                self.at += 1;
            }
            if self.bytes.get(self.at) != Some(&b'\\') {
                break;
            }
            let (byte, at) = self.peek(self.at);
            if at >= self.bytes.len() || !is_name_byte(byte) {
                break;
            }
            self.at = at + 1;
        }
        if !matches!(self.bytes.get(self.at), Some(b'"' | b'\'' | b'\\')) {
            return LexKind::Name;
        }
        let (next, at) = self.peek(self.at);
        let name = &self.bytes[start..self.at];
        match next {
            b'"' if matches!(name, b"L" | b"u8" | b"u" | b"U") => {
                self.at = at;
                self.quoted(b'"')
            }
            b'"' if self.cpp && matches!(name, b"R" | b"LR" | b"u8R" | b"uR" | b"UR") => self.raw_string(at),
            b'\'' if matches!(name, b"L" | b"u8" | b"u" | b"U") => {
                self.at = at;
                self.quoted(b'\'')
            }
            _ => LexKind::Name,
        }
    }

    /// `R"mark(…)mark"`: nothing inside is special.
    fn raw_string(&mut self, quote: usize) -> LexKind {
        let rest = &self.bytes[quote + 1..];
        let Some(open) = rest.iter().take(17).position(|b| *b == b'(') else { return LexKind::Name };
        let mut close = vec![b')'];
        close.extend_from_slice(&rest[..open]);
        close.push(b'"');
        match memchr::memmem::find(&rest[open..], &close) {
            Some(n) => {
                self.at = quote + 1 + open + n + close.len();
                LexKind::Text
            }
            None => {
                self.at = self.bytes.len();
                LexKind::Other
            }
        }
    }

    fn punctuator(&mut self) -> LexKind {
        let first = self.bytes[self.at];
        let alone = matches!(first, b'(' | b')' | b'{' | b'}' | b'[' | b']' | b';' | b',' | b'?' | b'~' | b'"' | b'@' | b'`' | b'\\');
        // Most stand alone: what follows settles that for the others without a look at the list.
        let follower = self.bytes.get(self.at + 1).copied().unwrap_or(0);
        let can_grow = matches!(follower, b'%' | b':' | b'.' | b'<' | b'=' | b'>' | b'-' | b'#' | b'+' | b'&' | b'|' | b'*' | b'\\');
        if alone || !can_grow {
            self.at += 1;
            return LexKind::Punct;
        }
        let known = |p: &&&str| p.as_bytes()[0] == first && (self.cpp || !ONLY_CPP.contains(p));
        let found = PUNCTUATORS.iter().chain(&DIGRAPHS).filter(known).find_map(|p| self.matches(p.as_bytes()));
        match found {
            Some(end) => self.at = end,
            None => self.at += 1,
        }
        LexKind::Punct
    }

    fn matches(&self, wanted: &[u8]) -> Option<usize> {
        let mut at = self.at;
        for byte in wanted {
            let (found, place) = self.peek(at);
            if found != *byte {
                return None;
            }
            at = place + 1;
        }
        Some(at)
    }
}

impl Iterator for CLexer<'_> {
    type Item = Lexed;

    fn next(&mut self) -> Option<Lexed> {
        self.token()
    }
}

/// Letters, digits, `_`, `$`, and every byte of a character beyond ASCII.
fn is_name_byte(byte: u8) -> bool {
    NAME_BYTES[byte as usize]
}

static NAME_BYTES: [bool; 256] = {
    let mut table = [false; 256];
    let mut byte = 0;
    while byte < 256 {
        let b = byte as u8;
        table[byte] = b.is_ascii_alphanumeric() || b == b'_' || b == b'$' || b >= 0x80;
        byte += 1;
    }
    table
};

fn char_len(first: u8) -> usize {
    match first {
        0xf0.. => 4,
        0xe0.. => 3,
        0xc0.. => 2,
        _ => 1,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn spelled(text: &str, cpp: bool) -> Vec<String> {
        CLexer::new(text, cpp).map(|t| t.spelling(text).into_owned()).collect()
    }

    #[rstest]
    #[case::arrow_in_c("a->*b", false, &["a", "->", "*", "b"])]
    #[case::arrow_in_cpp("a->*b", true, &["a", "->*", "b"])]
    #[case::numbers("0x1p-3 1.e+5f .5 1..2 0xe+1", false, &["0x1p-3", "1.e+5f", ".5", "1..2", "0xe+1"])]
    #[case::digit_separator_in_c("1'000", false, &["1", "'000"])]
    #[case::digit_separator_in_cpp("1'000", true, &["1'000"])]
    #[case::comments("a/*x*/b// c\nd", false, &["a", "b", "d"])]
    #[case::joined_name("ab\\\ncd", false, &["abcd"])]
    #[case::joined_comment("a // b \\\n c\nd", false, &["a", "d"])]
    #[case::joined_operator("a <\\\n<= b", false, &["a", "<<=", "b"])]
    #[case::strings("L\"a\\\"b\" u8'c' \"\\\\\"", false, &["L\"a\\\"b\"", "u8'c'", "\"\\\\\""])]
    #[case::raw_string("R\"x(a\")\"b)x\" y", true, &["R\"x(a\")\"b)x\"", "y"])]
    #[case::unclosed_string("\"abc\nd", false, &["\"abc", "d"])]
    #[case::unclosed_comment("a /* b", false, &["a"])]
    #[case::digraphs("<: %: %:%: :>", false, &["<:", "%:", "%:%:", ":>"])]
    #[case::ellipsis("f(...)..", false, &["f", "(", "...", ")", ".", "."])]
    #[case::letters_beyond_ascii("größe=1", false, &["größe", "=", "1"])]
    fn text_falls_into_tokens(#[case] text: &str, #[case] cpp: bool, #[case] expected: &[&str]) {
        assert_eq!(spelled(text, cpp), expected);
    }

    #[test]
    fn blanks_and_first_of_line_are_told() {
        let text = "a b\n  #c/**/d";
        let told: Vec<(bool, bool)> = CLexer::new(text, false).map(|t| (t.spaced, t.first)).collect();
        assert_eq!(told, [(false, true), (true, false), (true, true), (false, false), (true, false)]);
    }

    proptest::proptest! {
        #[test]
        fn any_text_gives_ordered_tokens(text in "[ -~\\n\\\\\"'/*é]{0,200}") {
            let mut end = 0;
            for token in CLexer::new(&text, true) {
                proptest::prop_assert!(token.span.start >= end && !token.span.is_empty());
                proptest::prop_assert!(text.get(token.span.start as usize..token.span.end as usize).is_some());
                end = token.span.end;
            }
        }
    }
}
