//! Tokens: what the standard reader of the language takes for one.

use compass_facts::Span;

/// What a token is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Lexeme {
    /// `(`, and `#(`.
    Open,
    /// `)`.
    Close,
    /// `'`.
    Quote,
    /// `` ` ``.
    Backquote,
    /// `,`, `,@`, `,.`.
    Comma,
    /// `#'`.
    Function,
    /// `#+`.
    With,
    /// `#-`.
    Without,
    /// `#.`, `#p`, `#1=` and other signs before a form.
    Prefix,
    /// `"…"`.
    Text,
    /// `#\a`.
    Character,
    /// A number.
    Number,
    /// A name, with its package.
    Symbol,
    /// `;` up to the end of the line, `#| … |#`.
    Comment,
    /// A text or comment that nothing ends.
    Broken,
}

/// All tokens of a text.
pub(crate) fn lex(text: &str) -> Vec<(Lexeme, Span)> {
    let mut lexer = Lexer { text, bytes: text.as_bytes(), at: 0 };
    let mut out = Vec::new();
    // A script may begin with the program that runs it.
    if text.starts_with("#!") {
        lexer.skip_line();
        out.push((Lexeme::Comment, Span::new(0, lexer.at)));
    }
    while lexer.skip_blanks() {
        let start = lexer.at;
        let lexeme = lexer.next();
        out.push((lexeme, Span::new(start, lexer.at)));
    }
    out
}

struct Lexer<'t> {
    text: &'t str,
    bytes: &'t [u8],
    at: usize,
}

impl Lexer<'_> {
    fn peek(&self, ahead: usize) -> u8 {
        self.bytes.get(self.at + ahead).copied().unwrap_or(0)
    }

    /// Is anything left?
    fn skip_blanks(&mut self) -> bool {
        while self.at < self.bytes.len() && (self.bytes[self.at].is_ascii_whitespace() || self.bytes[self.at] == 0) {
            self.at += 1;
        }
        self.at < self.bytes.len()
    }

    fn skip_line(&mut self) {
        self.at = self.text[self.at..].find('\n').map_or(self.text.len(), |i| self.at + i);
    }

    fn next(&mut self) -> Lexeme {
        let one = |this: &mut Self, lexeme| {
            this.at += 1;
            lexeme
        };
        match self.peek(0) {
            b'(' => one(self, Lexeme::Open),
            b')' => one(self, Lexeme::Close),
            b'\'' => one(self, Lexeme::Quote),
            b'`' => one(self, Lexeme::Backquote),
            b',' => {
                self.at += 1 + usize::from(matches!(self.peek(1), b'@' | b'.'));
                Lexeme::Comma
            }
            b';' => {
                self.skip_line();
                Lexeme::Comment
            }
            b'"' => self.quoted(b'"'),
            b'#' => self.dispatched(),
            _ => self.token(),
        }
    }

    /// A text up to its closing sign; `\` takes the next sign along.
    fn quoted(&mut self, close: u8) -> Lexeme {
        self.at += 1;
        while self.at < self.bytes.len() {
            match self.bytes[self.at] {
                b'\\' => self.at += 2,
                b if b == close => {
                    self.at += 1;
                    return Lexeme::Text;
                }
                _ => self.at += 1,
            }
        }
        self.at = self.bytes.len();
        Lexeme::Broken
    }

    /// What begins with `#`.
    fn dispatched(&mut self) -> Lexeme {
        let digits = self.bytes[self.at + 1..].iter().take_while(|b| b.is_ascii_digit()).count();
        let sign = self.peek(1 + digits).to_ascii_lowercase();
        let step = |this: &mut Self, lexeme| {
            this.at += 2 + digits;
            lexeme
        };
        match sign {
            b'\'' => step(self, Lexeme::Function),
            b'+' => step(self, Lexeme::With),
            b'-' => step(self, Lexeme::Without),
            b'(' => step(self, Lexeme::Open),
            b'|' => self.block_comment(),
            b'\\' => {
                self.at += 2 + digits;
                self.at += self.text[self.at..].chars().next().map_or(0, char::len_utf8);
                self.constituents();
                Lexeme::Character
            }
            b'"' | b'?' if self.peek(1) != b'"' || digits == 0 => step_over_sign(self, sign),
            b':' => {
                self.at += 2;
                self.constituents();
                Lexeme::Symbol
            }
            b'x' | b'b' | b'o' | b'r' | b'*' => {
                self.at += 2 + digits;
                self.constituents();
                Lexeme::Number
            }
            0 => {
                self.at = self.bytes.len();
                Lexeme::Prefix
            }
            _ => {
                // A sign of more bytes is one sign.
                let whole = self.text[self.at + 1 + digits..].chars().next().map_or(1, char::len_utf8);
                self.at += 1 + digits + whole;
                Lexeme::Prefix
            }
        }
    }

    fn block_comment(&mut self) -> Lexeme {
        self.at += 2;
        let mut depth = 1;
        while self.at < self.bytes.len() {
            match (self.bytes[self.at], self.peek(1)) {
                (b'|', b'#') => {
                    self.at += 2;
                    depth -= 1;
                    if depth == 0 {
                        return Lexeme::Comment;
                    }
                }
                (b'#', b'|') => {
                    self.at += 2;
                    depth += 1;
                }
                _ => self.at += 1,
            }
        }
        Lexeme::Broken
    }

    /// A number or symbol.
    fn token(&mut self) -> Lexeme {
        let start = self.at;
        self.constituents();
        if self.at == start {
            // A lone bar or backslash at the end.
            self.at += self.text[self.at..].chars().next().map_or(1, char::len_utf8);
        }
        if is_number(&self.text[start..self.at]) { Lexeme::Number } else { Lexeme::Symbol }
    }

    fn constituents(&mut self) {
        while self.at < self.bytes.len() {
            match self.bytes[self.at] {
                b'\\' => {
                    self.at += 1;
                    self.at += self.text[self.at..].chars().next().map_or(0, char::len_utf8);
                }
                b'|' => {
                    self.quoted(b'|');
                }
                b'(' | b')' | b'\'' | b'"' | b';' | b'`' | b',' => break,
                b if b.is_ascii_whitespace() => break,
                _ => self.at += 1,
            }
        }
        self.at = self.at.min(self.bytes.len());
    }
}

/// `#"`, `#?"` of libraries: the sign is passed over, the text is one.
fn step_over_sign(lexer: &mut Lexer, sign: u8) -> Lexeme {
    lexer.at += if sign == b'?' { 2 } else { 1 };
    if lexer.peek(0) == b'"' { lexer.quoted(b'"') } else { Lexeme::Prefix }
}

/// Does the token read as a number: `12`, `-3/4`, `1.5d0`, `.5`, `1+` not?
fn is_number(token: &str) -> bool {
    let body = token.strip_prefix(['+', '-']).unwrap_or(token);
    let digits = |t: &str| !t.is_empty() && t.bytes().all(|b| b.is_ascii_digit());
    if let Some((over, under)) = body.split_once('/') {
        return digits(over) && digits(under);
    }
    let exponent = body.find(['e', 'E', 'd', 'D', 'f', 'F', 's', 'S', 'l', 'L']);
    let (mantissa, power) = exponent.map_or((body, None), |i| (&body[..i], Some(&body[i + 1..])));
    let (whole, part) = mantissa.split_once('.').map_or((mantissa, None), |(w, p)| (w, Some(p)));
    let is_mantissa = match part {
        None => digits(whole),
        Some("") => digits(whole),
        Some(part) => digits(part) && (whole.is_empty() || digits(whole)),
    };
    is_mantissa && power.is_none_or(|p| digits(p.strip_prefix(['+', '-']).unwrap_or(p)))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("(a)", &[Lexeme::Open, Lexeme::Symbol, Lexeme::Close])]
    #[case("'a #'b `(c ,d ,@e)", &[Lexeme::Quote, Lexeme::Symbol, Lexeme::Function, Lexeme::Symbol, Lexeme::Backquote, Lexeme::Open, Lexeme::Symbol, Lexeme::Comma, Lexeme::Symbol, Lexeme::Comma, Lexeme::Symbol, Lexeme::Close])]
    #[case("#| a #| b |# c |# 1 ; d", &[Lexeme::Comment, Lexeme::Number, Lexeme::Comment])]
    #[case("#\\( #\\Space #\\;", &[Lexeme::Character, Lexeme::Character, Lexeme::Character])]
    #[case("\"a\\\"b\" |a b| a\\ b", &[Lexeme::Text, Lexeme::Symbol, Lexeme::Symbol])]
    #[case("1 -2/3 1.5d0 .5 1. + 1+ - a1 #xFF #2r10 #*101", &[Lexeme::Number, Lexeme::Number, Lexeme::Number, Lexeme::Number, Lexeme::Number, Lexeme::Symbol, Lexeme::Symbol, Lexeme::Symbol, Lexeme::Symbol, Lexeme::Number, Lexeme::Number, Lexeme::Number])]
    #[case("#+sbcl a #-(or a) b #.c #p\"x\" #1=(a) #:g", &[Lexeme::With, Lexeme::Symbol, Lexeme::Symbol, Lexeme::Without, Lexeme::Open, Lexeme::Symbol, Lexeme::Symbol, Lexeme::Close, Lexeme::Symbol, Lexeme::Prefix, Lexeme::Symbol, Lexeme::Prefix, Lexeme::Text, Lexeme::Prefix, Lexeme::Open, Lexeme::Symbol, Lexeme::Close, Lexeme::Symbol])]
    #[case("\"never", &[Lexeme::Broken])]
    #[case("#| never", &[Lexeme::Broken])]
    #[case("#", &[Lexeme::Prefix])]
    #[case("a\\", &[Lexeme::Symbol])]
    #[case("#ä x", &[Lexeme::Prefix, Lexeme::Symbol])]
    fn texts_are_cut_into_tokens(#[case] text: &str, #[case] wanted: &[Lexeme]) {
        let found: Vec<Lexeme> = lex(text).into_iter().map(|t| t.0).collect();
        assert_eq!(found, wanted);
    }

    proptest::proptest! {
        /// Tokens come in order, end where letters end, and never stand still.
        #[test]
        fn any_text_is_cut(text in r#"[()'`,;#|"\\ +:.a-c\n*ä0-9]{0,60}"#) {
            let mut end = 0;
            for (_, span) in lex(&text) {
                assert!(span.start >= end && span.end > span.start);
                assert!(text.is_char_boundary(span.start as usize) && text.is_char_boundary(span.end as usize));
                end = span.end;
            }
        }
    }
}
