//! Functions that a file gives to other languages: rows of tables, calls of an interpreter's interface, heads that are macros.
//!
//! Works on the tokens alone and only where a file has one of the words of `data/given.txt`, so that other files cost nothing.

use super::sink::Sink;
use super::tokens::is_keyword;
use crate::lexer::{CLexer, LexKind, Lexed};
use compass_facts::{GivenName, Signal, SignalKind, Span};
use rustc_hash::FxHashMap;
use std::ops::Range;
use std::sync::LazyLock;

/// Names of one function at most that are kept.
const MOST_NAMES: usize = 4;
/// Between the type of a table and its first row stand so many tokens at most.
const MOST_BEFORE_ROWS: usize = 16;
/// A call is looked at so far; a bracket that nothing closes would lead to the end of the file, from every such call.
const MOST_TOKENS: usize = 1_000;
/// Rows and arguments of one table or call at most.
const MOST_PARTS: usize = 4_000;

#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum How {
    Rows,
    Calls,
    Owned,
    Classes,
    Heads,
    Takes,
    Keeps,
    Modules,
}

/// A line of the table, for one of its names.
#[derive(Debug)]
struct Rule {
    to: &'static str,
    how: How,
    only_if: Vec<&'static str>,
    with: Vec<&'static str>,
}

static RULES: LazyLock<FxHashMap<&'static str, Rule>> = LazyLock::new(|| include_str!("../data/given.txt").lines().flat_map(rules_of).collect());

fn rules_of(line: &'static str) -> Vec<(&'static str, Rule)> {
    let mut words = line.split_whitespace().peekable();
    let (Some(to), Some(how)) = (words.next().filter(|w| !w.starts_with('#')), words.next()) else { return Vec::new() };
    let how = match how {
        "rows" => How::Rows,
        "calls" => How::Calls,
        "owned" => How::Owned,
        "classes" => How::Classes,
        "heads" => How::Heads,
        "takes" => How::Takes,
        "keeps" => How::Keeps,
        _ => How::Modules,
    };
    let mut names = Vec::new();
    let (mut only_if, mut with) = (Vec::new(), Vec::new());
    let mut part = 0;
    for word in words {
        match (word, part) {
            ("if", _) => part = 1,
            ("with", _) => part = 2,
            (_, 0) => names.push(word),
            (_, 1) => only_if.push(word),
            _ => with.push(word),
        }
    }
    names.into_iter().map(|name| (name, Rule { to, how, only_if: only_if.clone(), with: with.clone() })).collect()
}

/// Records what a file gives to other languages.
pub(super) fn record(text: &str, cpp: bool, sink: &mut Sink) {
    let has = |word: &&str| sink.spellings.find(word).is_some();
    let rules: FxHashMap<&str, &Rule> =
        RULES.iter().filter(|(name, rule)| has(name) && (rule.only_if.is_empty() || rule.only_if.iter().any(has))).map(|(n, r)| (*n, r)).collect();
    if rules.is_empty() {
        return;
    }
    let mut walk = Walk { text, cpp, tokens: without_directives(text, cpp), rules, classes: FxHashMap::default(), class: None, kept: None };
    // A type may be made behind the function that gives it its members.
    walk.find_classes();
    walk.run(sink);
}

/// The class that one has come to stands for everything that follows in one chain of calls.
struct Walk<'t> {
    text: &'t str,
    cpp: bool,
    tokens: Vec<Lexed>,
    rules: FxHashMap<&'static str, &'static Rule>,
    /// Values for types, by their names.
    classes: FxHashMap<&'t str, &'t str>,
    class: Option<&'t str>,
    /// Names of a function that the next text names.
    kept: Option<Vec<&'t str>>,
}

impl<'t> Walk<'t> {
    fn word(&self, at: usize) -> &'t str {
        self.tokens.get(at).map_or("", |t| t.span.of(self.text))
    }

    fn rule(&self, at: usize) -> Option<&'static Rule> {
        let token = self.tokens.get(at).filter(|t| t.kind == LexKind::Name)?;
        self.rules.get(token.span.of(self.text)).copied()
    }

    /// Behind the name at `at`: where the arguments in parentheses open, past those in angles.
    fn open(&self, at: usize) -> Option<usize> {
        let mut next = at + 1;
        if self.word(next) == "<" {
            let mut depth = 0i32;
            let end = (next..self.tokens.len().min(next + 64)).find(|i| {
                depth += match self.word(*i) {
                    "<" => 1,
                    ">" => -1,
                    ">>" => -2,
                    _ => 0,
                };
                depth <= 0
            })?;
            next = end + 1;
            // `class_<Rack> rack(module, "Rack")`
            if self.tokens.get(next).is_some_and(|t| t.kind == LexKind::Name) {
                next += 1;
            }
        }
        (self.word(next) == "(").then_some(next)
    }

    /// The parts between brackets, divided by commas, and where it closes, or where looking ends.
    fn parts(&self, open: usize, most: usize) -> (Vec<Range<usize>>, usize) {
        let mut depth = 0i32;
        let mut begin = open + 1;
        let mut out = Vec::new();
        let end = self.tokens.len().min(open.saturating_add(most));
        for at in open..end {
            match self.word(at) {
                "(" | "{" | "[" => depth += 1,
                ")" | "}" | "]" => depth -= 1,
                "," if depth == 1 => {
                    out.push(begin..at);
                    begin = at + 1;
                }
                _ => {}
            }
            if depth == 0 || out.len() > MOST_PARTS {
                out.push(begin..at);
                out.retain(|r| !r.is_empty());
                return (out, at);
            }
        }
        out.push(begin..end.max(begin));
        out.retain(|r| !r.is_empty());
        (out, end)
    }

    /// The first text in a part, without its quotes.
    fn text_in(&self, part: &Range<usize>) -> Option<(&'t str, Span)> {
        let token = self.tokens[part.clone()].iter().find(|t| t.kind == LexKind::Text)?;
        let raw = token.span.of(self.text);
        let inner = raw.get(raw.find('"')? + 1..raw.rfind('"')?)?;
        Some((inner, token.span)).filter(|(t, _)| !t.is_empty() && !t.contains(['\\', ' ', '%']))
    }

    /// Names in a part of which one may be a function's, the last first; none for one that is written there.
    fn names_in(&self, part: &Range<usize>) -> Vec<&'t str> {
        if self.word(part.start) == "[" {
            return Vec::new();
        }
        let is_name = |t: &&Lexed| {
            let word = t.span.of(self.text);
            t.kind == LexKind::Name && !is_keyword(word, self.cpp) && word != "NULL" && word != "nullptr"
        };
        self.tokens[part.clone()].iter().rev().filter(is_name).take(MOST_NAMES).map(|t| t.span.of(self.text)).collect()
    }

    fn find_classes(&mut self) {
        for at in 0..self.tokens.len() {
            if self.rule(at).is_none_or(|r| r.how != How::Classes) {
                continue;
            }
            let Some(open) = self.open(at) else { continue };
            let Some((name, _)) = self.parts(open, MOST_TOKENS).0.iter().find_map(|p| self.text_in(p)) else { continue };
            // `value = made (…)`, `type value = made (…)`, `made<…> value (…)`
            let before = (0..at).rev().take(6).take_while(|i| !matches!(self.word(*i), ";" | "{" | "}")).find(|i| self.word(*i) == "=");
            let value = if open > at + 1 && self.tokens[open - 1].kind == LexKind::Name { Some(open - 1) } else { before.and_then(|b| b.checked_sub(1)) };
            if let Some(value) = value {
                self.classes.insert(self.word(value), name);
            }
        }
    }

    fn run(&mut self, sink: &mut Sink) {
        let mut at = 0;
        while at < self.tokens.len() {
            if let Some(rule) = self.rule(at) {
                at = self.apply(rule, at, sink).max(at);
            }
            at += 1;
        }
    }

    /// Records what a rule finds at its word; the last token that nothing else need look at.
    fn apply(&mut self, rule: &'static Rule, at: usize, sink: &mut Sink) -> usize {
        if rule.how == How::Rows {
            return self.rows(rule, at, sink);
        }
        let Some(open) = self.open(at) else { return at };
        let (parts, close) = self.parts(open, MOST_TOKENS);
        match rule.how {
            How::Rows => {}
            How::Classes => self.class = parts.iter().find_map(|p| self.text_in(p)).map(|t| t.0),
            How::Calls => {
                let owner = self.receiver(at);
                let angles = at + 1..open;
                self.named(rule, (&parts, owner), &angles, sink);
            }
            How::Owned => {
                let owner = parts.first().and_then(|p| self.tokens[p.clone()].iter().rev().find(|t| t.kind == LexKind::Name));
                let owner = owner.and_then(|t| self.classes.get(t.span.of(self.text))).copied();
                self.named(rule, (&parts, owner), &(at..at), sink);
            }
            How::Takes => self.kept = parts.get(1).map(|p| self.names_in(p)),
            How::Keeps => {
                if let (Some(functions), Some(name)) = (self.kept.take(), parts.iter().find_map(|p| self.text_in(p))) {
                    give(sink, rule.to, None, name, &functions);
                }
            }
            // A head without a body declares what another file defines.
            How::Heads if self.word(close + 1) != "{" => {}
            How::Heads => {
                let words: Vec<&Lexed> = parts.iter().filter(|p| p.len() == 1).map(|p| &self.tokens[p.start]).collect();
                let (owner, name) = match words[..] {
                    [name] => (None, name),
                    [owner, name] => (Some(owner.span.of(self.text)), name),
                    _ => return at,
                };
                give(sink, rule.to, owner, (name.span.of(self.text), name.span), &[]);
            }
            How::Modules => {
                let Some(first) = parts.first() else { return at };
                let token = self.tokens[first.start];
                let name = self.text_in(first).unwrap_or((token.span.of(self.text), token.span));
                let kind = SignalKind::GivesModule(sink.intern(rule.to), sink.intern(name.0));
                sink.facts.signals.push(Signal { span: name.1, enclosing: None, kind });
            }
        }
        at
    }

    /// The type that a method of a value for it, or of a chain that begins with one, belongs to.
    fn receiver(&self, at: usize) -> Option<&'t str> {
        let dot = at.checked_sub(1).filter(|i| self.word(*i) == ".")?;
        match self.word(dot.checked_sub(1)?) {
            ")" => self.class,
            value => self.classes.get(value).copied(),
        }
    }

    /// Records the function of a call or a row: the first part with a text names it, the next part with a name is the function.
    fn named(&self, rule: &Rule, (parts, owner): (&[Range<usize>], Option<&str>), angles: &Range<usize>, sink: &mut Sink) {
        let Some((position, name)) = parts.iter().enumerate().find_map(|(i, p)| Some((i, self.text_in(p)?))) else { return };
        let rest = &parts[position + 1..];
        let is_function = |p: &&Range<usize>| self.word(p.start) == "[" || self.text_in(p).is_none() && !self.names_in(p).is_empty();
        let in_angles = self.names_in(angles);
        let (functions, part) = match rest.iter().find(is_function) {
            Some(part) if in_angles.is_empty() => (self.names_in(part), part),
            _ if in_angles.is_empty() => return,
            _ => (in_angles, angles),
        };
        if rule.with.is_empty() || self.tokens[part.clone()].iter().any(|t| rule.with.contains(&t.span.of(self.text))) {
            give(sink, rule.to, owner, name, &functions);
        }
    }

    /// Rows of a table, where the type at `at` is that of one.
    fn rows(&self, rule: &Rule, at: usize, sink: &mut Sink) -> usize {
        let end = (at + MOST_BEFORE_ROWS).min(self.tokens.len());
        let Some(stop) = (at + 1..end).find(|i| matches!(self.word(*i), "{" | ";" | "(" | ")" | ",")) else { return at };
        if self.word(stop) != "{" || self.word(stop - 1) != "=" && self.word(stop - 1) != "]" {
            return at;
        }
        let (rows, close) = self.parts(stop, usize::MAX);
        let is_one = rows.first().is_some_and(|r| !matches!(self.word(r.start), "{" | "#") && self.word(r.start + 1) != "(");
        if is_one {
            self.named(rule, (&rows, None), &(at..at), sink);
        }
        for row in rows.iter().filter(|_| !is_one) {
            if let Some(open) = row.clone().find(|i| matches!(self.word(*i), "{" | "(")) {
                self.named(rule, (&self.parts(open, MOST_TOKENS).0, None), &(at..at), sink);
            }
        }
        close
    }
}

/// Directives may stand between rows and say nothing about them: every branch counts.
fn without_directives(text: &str, cpp: bool) -> Vec<Lexed> {
    let mut is_directive = false;
    let is_code = |token: &Lexed| {
        if token.first {
            is_directive = token.span.of(text) == "#";
        }
        !is_directive
    };
    CLexer::new(text, cpp).filter(is_code).collect()
}

fn give(sink: &mut Sink, to: &str, owner: Option<&str>, (name, span): (&str, Span), functions: &[&str]) {
    let functions = functions.iter().map(|f| sink.intern(f)).collect();
    let given = GivenName { to: sink.intern(to), owner: owner.map(|o| sink.intern(o)), name: sink.intern(name), functions };
    let enclosing = sink.facts.find_enclosing(span.start);
    sink.facts.signals.push(Signal { span, enclosing, kind: SignalKind::Given(Box::new(given)) });
}
