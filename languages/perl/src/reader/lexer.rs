//! Tokens of Perl.
//!
//! # How it works
//! What a sign means hangs on whether a term or an operator is due (`/` divides or begins a pattern, `%` is a remainder or a hash): one
//! flag kept from token to token says which, as perlop has it. Here-documents are taken at the end of the line that announces them.
//! Documentation (POD) is one token a block. Behind `__END__` only documentation counts.

use compass_facts::Span;

/// What a token is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum PerlToken {
    /// A name, with its packages: `Larder::turn`.
    Word,
    /// A name with its sign: `$x`, `@x`, `%x`, `&x`, `$#x`.
    Variable,
    /// A text, whole; do variables in it stand for their values?
    Text {
        /// They do.
        filled: bool,
    },
    /// The list of `qw`.
    Words,
    Number,
    Comment,
    /// From `=word` to `=cut`.
    Pod,
    /// Anything else.
    Sign,
    /// A text without an end.
    Broken,
}

/// Words of the language that take nothing, mostly: an operator is due behind them.
const TAKE_NOTHING: [&str; 10] = ["shift", "pop", "time", "times", "wait", "wantarray", "getppid", "__FILE__", "__LINE__", "__SUB__"];

/// Quotes by name, and how many parts they have.
const QUOTES: [(&str, u8); 9] = [("q", 1), ("qq", 1), ("qw", 1), ("qr", 1), ("qx", 1), ("m", 1), ("s", 2), ("tr", 2), ("y", 2)];

/// The tokens of a text, in order; blanks are left out.
pub(crate) fn perl_tokens(text: &str) -> Vec<(PerlToken, Span)> {
    let patience = text.len().saturating_mul(8) + (64 << 10);
    let mut lexer = Lexer { text, bytes: text.as_bytes(), at: 0, wants_term: true, awaited: Vec::new(), out: Vec::new(), patience };
    while lexer.at < lexer.bytes.len() {
        lexer.next();
    }
    lexer.out
}

/// A here-document that begins on the next line.
struct Awaited {
    end: String,
    indented: bool,
    filled: bool,
}

struct Lexer<'t> {
    text: &'t str,
    bytes: &'t [u8],
    at: usize,
    wants_term: bool,
    awaited: Vec<Awaited>,
    out: Vec<(PerlToken, Span)>,
    /// So many bytes may still be looked at for ends that are not there: each such search goes to the end of the file.
    patience: usize,
}

fn is_word_start(b: u8) -> bool {
    b.is_ascii_alphabetic() || b == b'_' || b >= 0x80
}

fn is_word(b: u8) -> bool {
    is_word_start(b) || b.is_ascii_digit()
}

impl<'t> Lexer<'t> {
    fn peek(&self, ahead: usize) -> u8 {
        self.bytes.get(self.at + ahead).copied().unwrap_or(0)
    }

    fn push(&mut self, token: PerlToken, start: usize) {
        self.out.push((token, Span::new(start, self.at)));
    }

    /// A term ends here: an operator is due.
    fn term(&mut self, token: PerlToken, start: usize) {
        self.push(token, start);
        self.wants_term = false;
    }

    fn next(&mut self) {
        let b = self.peek(0);
        let at_line = self.at == 0 || self.bytes[self.at - 1] == b'\n';
        if at_line && b == b'=' && self.peek(1).is_ascii_alphabetic() {
            return self.pod();
        }
        match b {
            b'\n' => {
                self.at += 1;
                self.documents();
            }
            b' ' | b'\t' | b'\r' | 0x0c => self.at += 1,
            b'#' => {
                let start = self.at;
                self.at = self.line_end();
                self.push(PerlToken::Comment, start);
            }
            b'"' | b'\'' | b'`' => self.quoted(self.at, b != b'\'', 1, false),
            b'0'..=b'9' => self.number(),
            b'.' if self.wants_term && self.peek(1).is_ascii_digit() => self.number(),
            b'$' => self.scalar(),
            b'@' if is_word_start(self.peek(1)) || matches!(self.peek(1), b'$' | b'{' | b':') => self.sigil(),
            b'%' | b'&' if self.wants_term && (is_word_start(self.peek(1)) || matches!(self.peek(1), b'$' | b'{' | b':')) => self.sigil(),
            b'/' if self.wants_term => self.quoted(self.at, true, 1, false),
            b'<' if self.wants_term && self.peek(1) == b'<' && self.document() => {}
            _ if is_word_start(b) => self.word(),
            b'(' if self.prototype() => {}
            _ => self.sign(),
        }
    }

    fn line_end(&self) -> usize {
        memchr::memchr(b'\n', &self.bytes[self.at..]).map_or(self.bytes.len(), |i| self.at + i)
    }

    fn pod(&mut self) {
        let start = self.at;
        loop {
            let end = self.line_end();
            let is_last = self.text[self.at..end].starts_with("=cut");
            self.at = (end + 1).min(self.bytes.len());
            if is_last || self.at >= self.bytes.len() {
                break;
            }
        }
        self.push(PerlToken::Pod, start);
    }

    /// `__END__`: nothing is run from here on; documentation still counts.
    fn rest(&mut self) {
        while self.at < self.bytes.len() {
            if self.peek(0) == b'=' && self.peek(1).is_ascii_alphabetic() {
                self.pod();
            } else {
                self.at = (self.line_end() + 1).min(self.bytes.len());
            }
        }
    }

    fn word(&mut self) {
        let start = self.at;
        self.name();
        let word = &self.text[start..self.at];
        if matches!(word, "__END__" | "__DATA__") && (start == 0 || self.bytes[start - 1] == b'\n') {
            self.at = (self.line_end() + 1).min(self.bytes.len());
            return self.rest();
        }
        if let Some((_, parts)) = QUOTES.iter().find(|q| q.0 == word)
            && self.is_quote(start)
        {
            let filled = !matches!(word, "q" | "qw" | "tr" | "y");
            let is_list = word == "qw";
            while self.peek(0).is_ascii_whitespace() {
                self.at += 1;
            }
            return self.quoted(start, filled, *parts, is_list);
        }
        let after_arrow = self.out.last().is_some_and(|t| t.0 == PerlToken::Sign && t.1.of(self.text) == "->");
        let due = super::chain::is_of_language(word) && !TAKE_NOTHING.contains(&word) && !after_arrow;
        self.push(PerlToken::Word, start);
        self.wants_term = due;
    }

    /// A name with its packages.
    fn name(&mut self) {
        loop {
            while is_word(self.peek(0)) {
                self.at += 1;
            }
            if self.peek(0) == b':' && self.peek(1) == b':' && is_word_start(self.peek(2)) {
                self.at += 2;
            } else {
                break;
            }
        }
    }

    /// Does the word that began there and ends here begin a quote? `{s}`, `y => 1`, `->m` do not.
    fn is_quote(&self, start: usize) -> bool {
        let behind = self.text[self.at..].trim_start();
        let is_close = behind.len() == self.bytes.len() - self.at;
        let before = self.out.last().filter(|t| t.0 == PerlToken::Sign).map_or("", |t| t.1.of(self.text));
        let names_sub = self.out.last().is_some_and(|t| t.0 == PerlToken::Word && t.1.of(self.text) == "sub");
        let Some(first) = behind.bytes().next() else { return false };
        let is_key = before == "{" && first == b'}' && self.out.last().is_some_and(|t| t.1.end as usize == start);
        let is_delimiter = !is_word(first) && !matches!(first, b',' | b';' | b')' | b'=') && (is_close || first != b'#');
        is_delimiter && !is_key && !names_sub && before != "->"
    }

    /// A quote whose first delimiter stands here; the token begins at `start`.
    fn quoted(&mut self, start: usize, filled: bool, parts: u8, is_list: bool) {
        let open = self.peek(0);
        let filled = filled && open != b'\'' || open == b'"' && start == self.at;
        let mut whole = self.part(open);
        if whole && parts == 2 {
            if closing(open) == open {
                self.at -= 1;
            } else {
                while self.peek(0).is_ascii_whitespace() {
                    self.at += 1;
                }
            }
            whole = self.at < self.bytes.len() && self.part(self.peek(0));
        }
        // Flags of a pattern.
        if parts == 2 || self.bytes[start] == b'/' || self.text[start..].starts_with("qr") || self.bytes[start] == b'm' {
            while self.peek(0).is_ascii_alphabetic() {
                self.at += 1;
            }
        }
        let token = match (whole, is_list) {
            (false, _) => PerlToken::Broken,
            (true, true) => PerlToken::Words,
            (true, false) => PerlToken::Text { filled },
        };
        self.term(token, start);
    }

    /// One part of a quote, its delimiters included; `false` where it has no end.
    fn part(&mut self, open: u8) -> bool {
        let close = closing(open);
        let (start, mut depth) = (self.at, 0u32);
        self.at += 1;
        while self.at < self.bytes.len() && self.patience > 0 {
            let b = self.peek(0);
            self.at += 1;
            if b == b'\\' {
                self.at += 1;
            } else if b == close && depth == 0 {
                // A delimiter of several bytes is told by the first of them; no token ends within a letter.
                while !self.text.is_char_boundary(self.at) {
                    self.at += 1;
                }
                return true;
            } else if b == close {
                depth -= 1;
            } else if b == open {
                depth += 1;
            }
        }
        // What never ends is no quote for the rest of the file: one line is.
        self.patience = self.patience.saturating_sub(self.at - start);
        self.at = start;
        self.at = self.line_end();
        false
    }

    fn number(&mut self) {
        let start = self.at;
        let is_digit = |b: u8| b.is_ascii_alphanumeric() || b == b'_';
        while is_digit(self.peek(0)) || self.peek(0) == b'.' && self.peek(1) != b'.' && self.peek(1).is_ascii_digit() {
            let is_exponent = matches!(self.peek(0), b'e' | b'E') && matches!(self.peek(1), b'-' | b'+') && self.peek(2).is_ascii_digit();
            self.at += if is_exponent { 2 } else { 1 };
        }
        self.at = self.at.max(start + 1);
        self.term(PerlToken::Number, start);
    }

    fn scalar(&mut self) {
        let start = self.at;
        if self.peek(1) == b'#' && (is_word_start(self.peek(2)) || matches!(self.peek(2), b'{' | b'$')) {
            self.at += 2;
            self.name();
            // `$#{…}` and `$#$x`: what follows is read by itself.
            return if self.at == start + 2 { self.push(PerlToken::Sign, start) } else { self.term(PerlToken::Variable, start) };
        }
        self.sigil();
    }

    /// `$x`, `@x`, `%x`, `&x`, `${x}`, `$::x`; the sign alone before braces and other variables.
    fn sigil(&mut self) {
        let start = self.at;
        let sign = self.peek(0);
        self.at += 1;
        match self.peek(0) {
            b if is_word_start(b) => self.name(),
            b':' if self.peek(1) == b':' && is_word_start(self.peek(2)) => {
                self.at += 2;
                self.name();
            }
            b'{' => {
                let inner = self.text[self.at + 1..].trim_start_matches('^');
                let length = inner.bytes().take_while(|b| is_word(*b)).count();
                let from = self.bytes.len() - inner.len();
                if length == 0 || self.bytes.get(from + length) != Some(&b'}') {
                    return self.push(PerlToken::Sign, start);
                }
                self.at = from + length + 1;
            }
            b'$' if is_word_start(self.peek(1)) || matches!(self.peek(1), b'{' | b'$') => return self.push(PerlToken::Sign, start),
            b'0'..=b'9' => {
                while self.peek(0).is_ascii_digit() {
                    self.at += 1;
                }
            }
            b'^' if self.peek(1).is_ascii_uppercase() => self.at += 2,
            // Variables of the language: `$!`, `$@`, `$/`.
            b if sign == b'$' && b.is_ascii_punctuation() => self.at += 1,
            _ => {}
        }
        self.term(PerlToken::Variable, start);
    }

    /// `<<"END"`, `<<END`, `<<~END`; `false` where none begins.
    fn document(&mut self) -> bool {
        let start = self.at;
        let indented = self.peek(2) == b'~';
        let from = start + 2 + usize::from(indented);
        let rest = &self.text[from..];
        let (end, length, filled) = match rest.bytes().next() {
            Some(quote @ (b'"' | b'\'')) => match rest[1..].find([char::from(quote), '\n']) {
                Some(i) if rest.as_bytes()[i + 1] == quote => (&rest[1..=i], i + 2, quote == b'"'),
                _ => return false,
            },
            Some(b) if is_word_start(b) && b < 0x80 => {
                let length = rest.bytes().take_while(|b| is_word(*b)).count();
                (&rest[..length], length, true)
            }
            _ => return false,
        };
        self.awaited.push(Awaited { end: end.to_owned(), indented, filled });
        self.at = from + length;
        self.term(PerlToken::Sign, start);
        true
    }

    /// The here-documents that the line before announced.
    fn documents(&mut self) {
        for document in std::mem::take(&mut self.awaited) {
            let start = self.at;
            let mut ended = false;
            let mut body_end = start;
            while self.at < self.bytes.len() && !ended {
                let end = self.line_end();
                let line = self.text[self.at..end].trim_end_matches('\r');
                ended = if document.indented { line.trim_start() == document.end } else { line == document.end };
                body_end = if ended { self.at } else { end };
                self.at = (end + 1).min(self.bytes.len());
            }
            let token = if ended { PerlToken::Text { filled: document.filled } } else { PerlToken::Broken };
            if body_end > start {
                self.out.push((token, Span::new(start, body_end)));
            }
        }
    }

    /// `($$;@)` behind a function: signs that are no variables; `false` where something else stands.
    fn prototype(&mut self) -> bool {
        let mut before = self.out.iter().rev().map(|t| t.1.of(self.text));
        let is_function = before.next() == Some("sub") || before.next() == Some("sub");
        let inner = self.text[self.at + 1..].bytes().take_while(|b| b"$@%&*;\\+_[] ".contains(b)).count();
        let close = self.at + 1 + inner;
        if !is_function || inner == 0 || self.bytes.get(close) != Some(&b')') {
            return false;
        }
        for (from, to) in [(self.at, self.at + 1), (self.at + 1, close), (close, close + 1)] {
            self.at = to;
            self.push(PerlToken::Sign, from);
        }
        self.wants_term = false;
        true
    }

    fn sign(&mut self) {
        const LONG: [&str; 32] = [
            "<=>", "**=", "||=", "&&=", "//=", "...", "<<=", ">>=", "->", "=>", "==", "!=", "=~", "!~", "++", "--", "**", "&&", "||", "//", "..", "::", "+=",
            "-=", "*=", "/=", ".=", "%=", "x=", "<=", ">=", "|=",
        ];
        let start = self.at;
        let rest = &self.text[start..];
        let length = LONG.iter().find(|l| rest.starts_with(**l)).map_or_else(|| rest.chars().next().map_or(1, char::len_utf8), |l| l.len());
        self.at += length;
        let sign = &self.text[start..self.at];
        self.push(PerlToken::Sign, start);
        self.wants_term = match sign {
            ")" | "]" | "}" => false,
            "++" | "--" => self.wants_term,
            _ => true,
        };
    }
}

fn closing(open: u8) -> u8 {
    match open {
        b'(' => b')',
        b'[' => b']',
        b'{' => b'}',
        b'<' => b'>',
        other => other,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn told(text: &str) -> String {
        let word = |t: PerlToken| match t {
            PerlToken::Word => "w",
            PerlToken::Variable => "v",
            PerlToken::Text { filled: true } => "t",
            PerlToken::Text { filled: false } => "q",
            PerlToken::Words => "l",
            PerlToken::Number => "n",
            PerlToken::Comment => "c",
            PerlToken::Pod => "p",
            PerlToken::Sign => "s",
            PerlToken::Broken => "b",
        };
        perl_tokens(text).iter().map(|(t, s)| format!("{}:{}", word(*t), s.of(text).replace('\n', "~"))).collect::<Vec<_>>().join(" ")
    }

    #[rstest]
    #[case::divides("$a / $b / 2", "v:$a s:/ v:$b s:/ n:2")]
    #[case::matches("split /,/, $x", "w:split t:/,/ s:, v:$x")]
    #[case::after_a_call("f() / 2 # half", "w:f s:( s:) s:/ n:2 c:# half")]
    #[case::pattern("$x =~ m{a/b}i && s/x/y/g", "v:$x s:=~ t:m{a/b}i s:&& t:s/x/y/g")]
    #[case::letters_as_delimiters("s<>éé; f", "t:s<>éé s:; w:f")]
    #[case::two_braces("s{a}{b}e; tr/a-z/A-Z/", "t:s{a}{b}e s:; q:tr/a-z/A-Z/")]
    #[case::keys("$h{s}; $h{y} = 1; (q => 1)", "v:$h s:{ w:s s:} s:; v:$h s:{ w:y s:} s:= n:1 s:; s:( w:q s:=> n:1 s:)")]
    #[case::methods("$x->m; sub s { 1 }", "v:$x s:-> w:m s:; w:sub w:s s:{ n:1 s:}")]
    #[case::lists("qw(a b) x 3", "l:qw(a b) w:x n:3")]
    #[case::texts("'a\\'b' . \"c$d\" . q(e(f)) . qq[g]", "q:'a\\'b' s:. t:\"c$d\" s:. q:q(e(f)) s:. t:qq[g]")]
    #[case::hashes("%h = (%$x, @{$y}); 5 % 3", "v:%h s:= s:( s:% v:$x s:, s:@ s:{ v:$y s:} s:) s:; n:5 s:% n:3")]
    #[case::counts("$#list + $#{$x} + $#$y", "v:$#list s:+ s:$# s:{ v:$x s:} s:+ s:$# v:$y")]
    #[case::special("$! . $@ . $1 . $_ . ${name}", "v:$! s:. v:$@ s:. v:$1 s:. v:$_ s:. v:${name}")]
    #[case::packages("Larder::Rack->new($Larder::size)", "w:Larder::Rack s:-> w:new s:( v:$Larder::size s:)")]
    #[case::numbers("0x1f 1_000 1.5e-3 1..5", "n:0x1f n:1_000 n:1.5e-3 n:1 s:.. n:5")]
    #[case::calls("&turn; $a && $b; \\&turn", "v:&turn s:; v:$a s:&& v:$b s:; s:\\ v:&turn")]
    #[case::document("f(<<END, 1);\na $b\nEND\nx", "w:f s:( s:<<END s:, n:1 s:) s:; t:a $b~ w:x")]
    #[case::raw_document("<<'E' . <<~\"F\"\n$a\nE\n  b\n  F\n", "s:<<'E' s:. s:<<~\"F\" q:$a~ t:  b~")]
    #[case::shift("1 << 2; $x << $y", "n:1 s:<< n:2 s:; v:$x s:<< v:$y")]
    #[case::pod("a;\n=head1 X\n\nb\n\n=cut\n\nc", "w:a s:; p:=head1 X~~b~~=cut~ w:c")]
    #[case::end("a;\n__END__\nb '\n=pod\n\nc\n", "w:a s:; p:=pod~~c~")]
    #[case::endless("f('a;\ng;", "w:f s:( b:'a; w:g s:;")]
    #[case::prototypes("sub f($$$) { } sub(\\@;$) { $) }", "w:sub w:f s:( s:$$$ s:) s:{ s:} w:sub s:( s:\\@;$ s:) s:{ v:$) s:}")]
    #[case::empty("", "")]
    fn tokens_are_told_apart(#[case] text: &str, #[case] wanted: &str) {
        // The signs of a shift stand by themselves.
        assert_eq!(told(text).replace("s:< s:<", "s:<<"), wanted);
    }

    proptest::proptest! {
        #[test]
        fn any_text_has_tokens_in_order(text in "[ -~\\n\u{e9}$@%&/<{}'\"=]{0,200}") {
            let mut end = 0;
            for (_, span) in perl_tokens(&text) {
                proptest::prop_assert!(span.start >= end && span.end > span.start && span.end as usize <= text.len());
                proptest::prop_assert!(text.is_char_boundary(span.start as usize) && text.is_char_boundary(span.end as usize));
                end = span.end;
            }
        }
    }
}
