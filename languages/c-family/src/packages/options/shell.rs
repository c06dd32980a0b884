//! Statements of a shell script that is written with M4 macros, as far as they set variables or choose between branches.

use super::MAX_DEPTH;

/// A text that is put into a command is looked through so far for its end.
const MOST_LINES: usize = 2_000;

#[derive(Debug, PartialEq, Eq)]
pub(super) enum Node {
    /// `NAME=VALUE`, the value as written.
    Assign(String, String),
    /// Conditions as written, with what hangs on them; the last may hang on nothing.
    If(Vec<(Option<String>, Vec<Node>)>),
    /// A word as written, and patterns with what hangs on them.
    Case(String, Vec<(Vec<String>, Vec<Node>)>),
    /// What runs any number of times.
    Loop(Vec<Node>),
    /// `NAME (ARGUMENT, …)`, each without its outermost brackets.
    Macro(String, Vec<String>),
}

/// What stands in a script.
pub(super) fn parse(text: &str) -> Vec<Node> {
    parse_within(text, 0)
}

fn parse_within(text: &str, depth: usize) -> Vec<Node> {
    let mut parser = Parser { text, at: 0, depth };
    parser.block(&[]).0
}

struct Parser<'a> {
    text: &'a str,
    at: usize,
    depth: usize,
}

impl<'a> Parser<'a> {
    fn rest(&self) -> &'a str {
        &self.text[self.at..]
    }

    /// Statements up to a word of `ends`, which is given back.
    fn block(&mut self, ends: &[&'static str]) -> (Vec<Node>, Option<&'static str>) {
        let mut out = Vec::new();
        self.depth += 1;
        let mut end = None;
        while self.skip_separators() && self.depth <= MAX_DEPTH {
            if ends.contains(&";;") && self.rest().starts_with(";;") {
                self.at += 2;
                end = Some(";;");
                break;
            }
            let word = self.peek();
            end = ends.iter().copied().find(|e| *e == word);
            if end.is_some() {
                self.at += word.len();
                break;
            }
            let before = self.at;
            self.statement(word, &mut out);
            if self.at == before {
                self.at += self.rest().chars().next().map_or(1, char::len_utf8);
            }
        }
        self.depth -= 1;
        (out, end)
    }

    fn statement(&mut self, word: &'a str, out: &mut Vec<Node>) {
        match word {
            "if" => {
                self.at += word.len();
                out.push(self.branches());
            }
            "case" => {
                self.at += word.len();
                out.push(self.case());
            }
            "for" | "while" | "until" => {
                self.skip_statement();
                let mut body = self.block(&["do", "done"]);
                if body.1 == Some("do") {
                    body = self.block(&["done"]);
                }
                out.push(Node::Loop(body.0));
            }
            "then" | "do" | "{" | "}" | "(" => self.at += word.len(),
            word => {
                let behind = &self.rest()[word.len()..];
                if is_name(word) && behind.starts_with('(') {
                    self.at += word.len() + 1;
                    out.push(Node::Macro(word.to_owned(), self.arguments()));
                } else if is_name(word) && behind.starts_with('=') {
                    self.at += word.len() + 1;
                    out.push(Node::Assign(word.to_owned(), self.word()));
                } else {
                    self.skip_statement();
                }
            }
        }
    }

    fn branches(&mut self) -> Node {
        let mut out = Vec::new();
        let mut condition = Some(self.condition());
        loop {
            let (body, end) = self.block(&["elif", "else", "fi"]);
            out.push((condition, body));
            condition = match end {
                Some("elif") => Some(self.condition()),
                Some("else") => None,
                _ => return Node::If(out),
            };
        }
    }

    /// Up to `then`, which stands behind `;` or at the beginning of a line.
    fn condition(&mut self) -> String {
        let from = self.at;
        let mut quotes = Quotes::default();
        let (mut at_statement, mut end) = (false, self.text.len());
        for (at, c) in self.rest().char_indices() {
            let here = from + at;
            if at_statement && !quotes.are_open() && self.text[here..].starts_with("then") && !self.text[here + 4..].starts_with(is_word) {
                end = here;
                break;
            }
            quotes.pass(c);
            at_statement = matches!(c, ';' | '\n') || at_statement && c.is_whitespace();
        }
        self.at = (end + 4).min(self.text.len());
        self.text[from..end].trim().trim_end_matches(';').trim().to_owned()
    }

    fn case(&mut self) -> Node {
        self.at += self.rest().len() - self.rest().trim_start().len();
        let word = self.word();
        if let Some(at) = self.rest().find("in").filter(|at| self.rest()[..*at].trim().is_empty()) {
            self.at += at + 2;
        }
        let mut out = Vec::new();
        while self.skip_separators() && self.peek() != "esac" {
            let Some(close) = self.rest().find(')') else {
                self.at = self.text.len();
                break;
            };
            let patterns = self.rest()[..close].trim().trim_start_matches('(').split('|').map(|p| p.trim().trim_matches(['"', '\'']).to_owned()).collect();
            self.at += close + 1;
            let (body, end) = self.block(&[";;", "esac"]);
            out.push((patterns, body));
            if end != Some(";;") {
                return Node::Case(word, out);
            }
        }
        self.at = (self.at + 4).min(self.text.len());
        Node::Case(word, out)
    }

    /// The arguments of a macro up to its closing bracket.
    fn arguments(&mut self) -> Vec<String> {
        let (mut out, mut from) = (Vec::new(), self.at);
        let (mut square, mut round) = (0_usize, 0_usize);
        for (at, c) in self.rest().char_indices() {
            let here = self.at + at;
            match c {
                '[' => square += 1,
                ']' => square = square.saturating_sub(1),
                '(' if square == 0 => round += 1,
                ')' if square == 0 && round > 0 => round -= 1,
                ')' if square == 0 => {
                    out.push(unquoted(&self.text[from..here]));
                    self.at = here + 1;
                    return out;
                }
                ',' if square == 0 && round == 0 => {
                    out.push(unquoted(&self.text[from..here]));
                    from = here + 1;
                }
                _ => {}
            }
        }
        self.at = self.text.len();
        out
    }

    /// A word of the shell with its quotes.
    fn word(&mut self) -> String {
        let mut quotes = Quotes::default();
        let len = self.rest().char_indices().find(|(_, c)| {
            let ends = !quotes.are_open() && (c.is_whitespace() || matches!(c, ';' | '&' | '|' | ')'));
            quotes.pass(*c);
            ends
        });
        let len = len.map_or(self.rest().len(), |l| l.0);
        let word = self.rest()[..len].to_owned();
        self.at += len;
        word
    }

    /// The next word: a name, or anything up to a blank.
    fn peek(&self) -> &'a str {
        let rest = self.rest();
        let name = rest.find(|c: char| !is_word(c)).unwrap_or(rest.len());
        if name > 0 {
            return &rest[..name];
        }
        &rest[..rest.chars().next().map_or(0, char::len_utf8)]
    }

    /// Passes over blanks, ends of statements and comments; says whether something is left. Two semicolons are left to who waits for them.
    fn skip_separators(&mut self) -> bool {
        loop {
            let rest = self.rest().trim_start();
            self.at = self.text.len() - rest.len();
            let is_comment = rest.starts_with('#') || rest.starts_with("dnl") && !rest[3..].starts_with(is_word);
            if is_comment {
                self.at += rest.find('\n').unwrap_or(rest.len());
            } else if rest.starts_with(['&', '|']) || rest.starts_with(';') && !rest.starts_with(";;") || rest.starts_with(";;") && self.depth <= 1 {
                self.at += 1;
            } else {
                return !rest.is_empty();
            }
        }
    }

    /// Passes over a statement that sets nothing, and over texts that are put into it.
    fn skip_statement(&mut self) {
        let rest = self.rest();
        let mut quotes = Quotes::default();
        let end = rest.char_indices().find(|(_, c)| {
            let ends = !quotes.are_open() && matches!(c, '\n' | ';' | '&' | '|');
            quotes.pass(*c);
            ends
        });
        let end = end.map_or(rest.len(), |e| e.0);
        self.at += end;
        if let Some((_, mark)) = rest[..end].rsplit_once("<<") {
            let mark = mark.trim_start_matches('-').trim().trim_matches(['\'', '"', '\\']);
            let closing = (!mark.is_empty()).then(|| self.rest().lines().take(MOST_LINES).position(|l| l.trim() == mark)).flatten();
            if let Some(lines) = closing {
                self.at += self.rest().split_inclusive('\n').take(lines + 1).map(str::len).sum::<usize>();
            }
        }
    }
}

/// Open quotes of the shell.
#[derive(Default)]
struct Quotes {
    open: Option<char>,
    escaped: bool,
}

impl Quotes {
    fn are_open(&self) -> bool {
        self.open.is_some() || self.escaped
    }

    fn pass(&mut self, c: char) {
        if std::mem::take(&mut self.escaped) {
            return;
        }
        match (c, self.open) {
            ('\\', None | Some('"')) => self.escaped = true,
            (c, Some(open)) if c == open => self.open = None,
            ('"' | '\'' | '`', None) => self.open = Some(c),
            _ => {}
        }
    }
}

fn is_word(c: char) -> bool {
    c.is_ascii_alphanumeric() || c == '_'
}

pub(super) fn is_name(word: &str) -> bool {
    !word.is_empty() && word.chars().all(is_word) && !word.starts_with(|c: char| c.is_ascii_digit())
}

/// An argument of a macro without its outermost brackets.
fn unquoted(argument: &str) -> String {
    let trimmed = argument.trim();
    let inner = trimmed.strip_prefix('[').and_then(|t| t.strip_suffix(']'));
    let closes_at_once = |t: &str| {
        let mut depth = 1_usize;
        t.chars().any(|c| {
            depth = if c == '[' {
                depth + 1
            } else if c == ']' {
                depth - 1
            } else {
                depth
            };
            depth == 0
        })
    };
    inner.filter(|t| !closes_at_once(t)).unwrap_or(trimmed).to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::assignments("A=1 B=\"x y\"\nC=`a; b`", r#"A=1;B="x y";C=`a; b`"#)]
    #[case::macros("AC_DEFINE([A], 1, [say, (this)])\nAC_X(b(c,d))dnl z", "AC_DEFINE(A|1|say, (this));AC_X(b(c,d))")]
    #[case::branches("if test x; then A=1\nelif [ y ]\nthen\nB=1; else C=1; fi", "?test x{A=1}?[ y ]{B=1}?else{C=1}")]
    #[case::cases("case \"$h\" in\n a*|b) X=1 ;;\n *) if c; then Y=1; fi;;\nesac\nZ=2", "\"$h\":a*,b{X=1}*{?c{Y=1}};Z=2")]
    #[case::loops("for a in b c; do D=1; done; E=2", "loop{D=1};E=2")]
    #[case::texts("cat <<EOF\nA=1\nEOF\nB=2", "B=2")]
    #[case::comments("# A=1\ndnl B=1\nC=1 # D=2", "C=1")]
    #[case::open("if a; then B=1", "?a{B=1}")]
    #[case::open_macro("AC_DEFINE([A", "AC_DEFINE()")]
    fn statements_are_told_apart(#[case] text: &str, #[case] wanted: &str) {
        assert_eq!(shown(&parse(text)), wanted);
    }

    fn shown(nodes: &[Node]) -> String {
        let one = |node: &Node| match node {
            Node::Assign(name, value) => format!("{name}={value}"),
            Node::If(all) => all.iter().map(|(c, b)| format!("?{}{{{}}}", c.as_deref().unwrap_or("else"), shown(b))).collect(),
            Node::Case(word, all) => format!("{word}:{}", all.iter().map(|(p, b)| format!("{}{{{}}}", p.join(","), shown(b))).collect::<String>()),
            Node::Loop(body) => format!("loop{{{}}}", shown(body)),
            Node::Macro(name, arguments) => format!("{name}({})", arguments.join("|")),
        };
        nodes.iter().map(one).collect::<Vec<_>>().join(";")
    }
}
