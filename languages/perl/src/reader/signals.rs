//! Calls that may reach something outside: routes, requests, programs, templates, settings.

use super::Reader;
use super::lexer::PerlToken;
use compass_facts::{Argument, CallSignal, SignalKind, Span, TextPart};

/// Arguments of a call are looked at so deep, and so far.
const DEEPEST: usize = 4;
const FARTHEST: usize = 400;

/// Words behind which a call without brackets has no more arguments.
const BEHIND: [&str; 8] = ["if", "unless", "for", "foreach", "while", "until", "or", "and"];

type Tokens<'s> = &'s [(PerlToken, Span)];

impl<'t> Reader<'t> {
    /// Records a call whose name tells something; the reader stands behind the name.
    pub(super) fn call_signal(&mut self, name: Span) {
        let receiver = self.receiver_of_call();
        let (word, before) = (name.of(self.text), receiver.map(|r| r.of(self.text)));
        let is_known = crate::frameworks::TABLE.is_telling(word, before) || crate::frameworks::NAMES.is_naming(word, before);
        if !is_known && !self.is_given_path() {
            return;
        }
        let (from, to) = self.arguments_of_call();
        if from == to {
            return;
        }
        let tokens = self.tokens[from..to].to_vec();
        let (arguments, mut named) = self.arguments(&tokens, DEEPEST);
        self.further_calls(to, &mut named);
        let call = CallSignal {
            name: self.b.intern(word),
            at: name.start,
            receiver: receiver.map(|r| r.start),
            arguments,
            named,
            decorates: None,
            marks: false,
            bound: None,
        };
        let end = tokens.last().map_or(name.end, |t| t.1.end);
        self.b.signal(Span { start: name.start, end }, SignalKind::Call(Box::new(call)));
    }

    /// Is the first argument a path, or the one behind a list: `any ['GET', 'POST'] => '/racks'`?
    fn is_given_path(&self) -> bool {
        let mut at = usize::from(self.is_sign(0, "("));
        if self.is_sign(at, "[") {
            at = (at..at + 12).find(|i| self.is_sign(*i, "]")).map_or(at, |close| close + 2);
        }
        let is_text = matches!(self.kind(at), Some(PerlToken::Text { .. }));
        is_text && self.peek(at).trim_start_matches(|c: char| c.is_ascii_alphabetic()).get(1..).is_some_and(|t| t.starts_with('/') || t.starts_with("http"))
    }

    /// `->get('/racks')->to('racks#list')`: what calls behind the brackets are given, under their names.
    fn further_calls(&mut self, close: usize, named: &mut Vec<(compass_facts::NameId, Argument)>) {
        let mut at = close + 1;
        for _ in 0..4 {
            let text = |i: usize| self.tokens.get(i).map_or("", |t| t.1.of(self.text));
            let is_call = text(at - 1) == ")" && text(at) == "->" && text(at + 2) == "(";
            let Some((PerlToken::Word, name)) = self.tokens.get(at + 1).copied().filter(|_| is_call) else { return };
            let first = self.tokens.get(at + 3).copied();
            if let (Some((PerlToken::Text { filled }, span)), ")") = (first, text(at + 4)) {
                let argument = self.text_argument(span, filled);
                named.push((self.b.intern(name.of(self.text)), argument));
                at += 5;
            } else {
                return;
            }
        }
    }

    /// `$ENV{NAME}`: something is looked up under a name.
    pub(super) fn lookup_signal(&mut self, name: &str, at: Span) {
        let (Some(key), true) = (self.token(1), self.is_sign(0, "{") && self.is_sign(2, "}")) else { return };
        if !crate::frameworks::NAMES.is_naming(name, None) {
            return;
        }
        let key = match key.0 {
            PerlToken::Word => Argument::Text(vec![TextPart::Text(self.b.intern(key.1.of(self.text)))], key.1),
            PerlToken::Text { filled } => self.text_argument(key.1, filled),
            _ => return,
        };
        let call = CallSignal {
            name: self.b.intern(name),
            at: at.start,
            receiver: None,
            arguments: vec![key],
            named: Vec::new(),
            decorates: None,
            marks: false,
            bound: None,
        };
        self.b.signal(at, SignalKind::Call(Box::new(call)));
    }

    /// The last name before the arrow that the name of the call stands behind.
    fn receiver_of_call(&self) -> Option<Span> {
        let arrow = self.at.checked_sub(2).filter(|i| self.tokens[*i].1.of(self.text) == "->")?;
        let mut at = arrow.checked_sub(1)?;
        if self.tokens[at].1.of(self.text) == ")" {
            let mut open = 0usize;
            loop {
                match self.tokens[at].1.of(self.text) {
                    ")" => open += 1,
                    "(" => open -= 1,
                    _ => {}
                }
                at = at.checked_sub(1)?;
                if open == 0 || arrow - at > FARTHEST {
                    break;
                }
            }
        }
        let (kind, span) = self.tokens[at];
        matches!(kind, PerlToken::Variable | PerlToken::Word).then_some(span)
    }

    /// The tokens of the arguments, with brackets around them or without.
    fn arguments_of_call(&self) -> (usize, usize) {
        let in_brackets = self.is_sign(0, "(");
        let from = self.at + usize::from(in_brackets);
        let mut depth = 0usize;
        for (i, (kind, span)) in self.tokens.iter().enumerate().skip(from).take(FARTHEST * 10) {
            let word = span.of(self.text);
            match (kind, word) {
                (PerlToken::Sign, "(" | "[" | "{") => depth += 1,
                (PerlToken::Sign, ")" | "]" | "}") if depth == 0 => return (from, i),
                (PerlToken::Sign, ")" | "]" | "}") => depth -= 1,
                (PerlToken::Sign, ";") if depth == 0 => return (from, i),
                (PerlToken::Sign, "->" | "=") if i == from => return (from, from),
                (PerlToken::Word, word) if depth == 0 && !in_brackets && BEHIND.contains(&word) => return (from, i),
                _ => {}
            }
        }
        (from, from)
    }

    /// Arguments by position, and those behind `name =>`.
    fn arguments(&mut self, tokens: Tokens, levels: usize) -> (Vec<Argument>, Vec<(compass_facts::NameId, Argument)>) {
        let (mut by_position, mut by_name) = (Vec::new(), Vec::new());
        let mut key: Option<Span> = None;
        for (piece, behind) in self.pieces(tokens) {
            if let ([(PerlToken::Word, name)], "=>") = (piece, behind) {
                key = Some(*name);
                continue;
            }
            let argument = self.argument(piece, levels);
            match key.take() {
                Some(name) => by_name.push((self.b.intern(name.of(self.text)), argument)),
                None => by_position.push(argument),
            }
        }
        (by_position, by_name)
    }

    /// What stands between commas, with the sign behind each.
    fn pieces<'s>(&self, tokens: Tokens<'s>) -> Vec<(Tokens<'s>, &'t str)> {
        let mut out = Vec::new();
        let (mut start, mut depth) = (0, 0usize);
        for (i, (kind, span)) in tokens.iter().enumerate() {
            let sign = if *kind == PerlToken::Sign { span.of(self.text) } else { "" };
            match sign {
                "(" | "[" | "{" => depth += 1,
                ")" | "]" | "}" => depth = depth.saturating_sub(1),
                "," | "=>" if depth == 0 => {
                    out.push((&tokens[start..i], sign));
                    start = i + 1;
                }
                _ => {}
            }
        }
        out.push((&tokens[start..], ""));
        out.retain(|p| !p.0.is_empty());
        out
    }

    fn argument(&mut self, tokens: Tokens, levels: usize) -> Argument {
        let sign = |i: usize| tokens.get(i).map_or("", |t| t.1.of(self.text));
        let whole = Span { start: tokens[0].1.start, end: tokens[tokens.len() - 1].1.end };
        match tokens {
            [(PerlToken::Text { filled }, span)] => self.text_argument(*span, *filled),
            [(PerlToken::Word | PerlToken::Variable, span)] => Argument::Name(span.start),
            [(PerlToken::Sign, _), (PerlToken::Variable, name)] if sign(0) == "\\" => Argument::Name(name.start + 1),
            [(PerlToken::Word, _), .., _] if sign(0) == "sub" => Argument::Function(whole),
            [(PerlToken::Sign, _), inner @ .., (PerlToken::Sign, _)] if sign(0) == "[" && levels > 0 => Argument::List(self.arguments(inner, levels - 1).0),
            [(PerlToken::Sign, _), inner @ .., (PerlToken::Sign, _)] if sign(0) == "{" && levels > 0 => Argument::Fields(self.arguments(inner, levels - 1).1),
            _ => Argument::Other,
        }
    }

    /// A text between quotes of any kind; variables in it are holes.
    fn text_argument(&mut self, whole: Span, filled: bool) -> Argument {
        let text = whole.of(self.text);
        let open = text.len() - text.trim_start_matches(|c: char| c.is_ascii_alphabetic()).trim_start().len() + 1;
        let Some(inner) = text.get(open..text.len().saturating_sub(1)).filter(|_| open < text.len()) else { return Argument::Other };
        let mut parts = Vec::new();
        let mut rest = inner;
        while let Some(at) = rest.find(['$', '@']).filter(|_| filled) {
            let name = rest[at + 1..].trim_start_matches('{');
            let length = name.find(|c: char| !c.is_alphanumeric() && c != '_').unwrap_or(name.len());
            let end = rest.len() - name.len() + length;
            let end = end + usize::from(rest[end..].starts_with('}') && rest[at + 1..].starts_with('{'));
            let before = if length == 0 { &rest[..end] } else { &rest[..at] };
            if !before.is_empty() {
                parts.push(TextPart::Text(self.b.intern(before)));
            }
            if length > 0 {
                parts.push(TextPart::Hole(None));
            }
            rest = &rest[end..];
        }
        if !rest.is_empty() || parts.is_empty() {
            parts.push(TextPart::Text(self.b.intern(rest)));
        }
        Argument::Text(parts, whole)
    }
}
