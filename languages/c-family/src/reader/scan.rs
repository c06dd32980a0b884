//! From text to tokens with the directives taken out: macros, includes and conditionals, every branch kept.
//!
//! # How it works
//! Branches of one conditional stand side by side in the result, in order. Brackets that only some of them open or close would make the
//! rest of the file unreadable: one branch of each conditional (the one that the usual configuration compiles, else the first) settles
//! the structure, and what the others leave open or close beyond it is dropped.

use super::conditions::{Condition, Known, Macros, Truth, Views};
use super::tokens::{T, Tok, mark, punctuator, word};
use crate::constants::number;
use crate::lexer::{CLexer, LexKind, Lexed};
use compass_facts::Span;
use rustc_hash::FxHashMap;
use std::borrow::Cow;
use std::cell::Cell;
use std::ops::Range;

/// The distinct names and words of a file, by number.
#[derive(Default)]
pub(super) struct Spellings<'t> {
    texts: Vec<(Cow<'t, str>, T)>,
    known: FxHashMap<Cow<'t, str>, u32>,
}

impl<'t> Spellings<'t> {
    pub(super) fn add(&mut self, text: Cow<'t, str>, cpp: bool) -> (u32, T) {
        if let Some(&id) = self.known.get(text.as_ref()) {
            return (id, self.texts[id as usize].1);
        }
        let id = self.texts.len() as u32;
        let kind = word(&text, cpp);
        self.texts.push((text.clone(), kind));
        self.known.insert(text, id);
        (id, kind)
    }

    pub(super) fn get(&self, id: u32) -> &str {
        self.texts.get(id as usize).map_or("", |t| t.0.as_ref())
    }

    pub(super) fn len(&self) -> usize {
        self.texts.len()
    }

    pub(super) fn find(&self, text: &str) -> Option<u32> {
        self.known.get(text).copied()
    }
}

/// `#define`.
pub(super) struct MacroLine {
    pub(super) name: Tok,
    /// `None` for object-like ones; else a range of the tokens in [`Scan::side`].
    pub(super) parameters: Option<Range<usize>>,
    /// A range of the tokens in [`Scan::side`].
    pub(super) body: Range<usize>,
    /// From the `#` to the last token.
    pub(super) whole: Span,
}

/// `#include`.
pub(super) struct IncludeLine {
    /// The path between its marks.
    pub(super) path: Span,
    pub(super) whole: Span,
    pub(super) system: bool,
}

/// A region compiled only if the macro is defined, or only if it is not.
pub(super) struct Region {
    pub(super) span: Span,
    pub(super) id: u32,
    pub(super) defined: bool,
    /// One of those of the same region is enough.
    pub(super) one_of: bool,
}

/// See the module.
pub(super) struct Scan<'t> {
    pub(super) text: &'t str,
    pub(super) cpp: bool,
    pub(super) spellings: Spellings<'t>,
    /// The program.
    pub(super) toks: Vec<Tok>,
    /// Parameters and bodies of macros.
    pub(super) side: Vec<Tok>,
    pub(super) macros: Vec<MacroLine>,
    pub(super) includes: Vec<IncludeLine>,
    /// Names in conditions, and after `#undef`.
    pub(super) mentions: Vec<Tok>,
    /// Names after `#undef`.
    pub(super) undone: Vec<u32>,
    pub(super) regions: Vec<Region>,
    said: Macros,
    groups: Vec<Group>,
    truth: Views,
    at_branch: bool,
    dropped: bool,
    /// How many tokens may still be looked at for unmatched brackets: nested conditionals stay linear.
    budget: usize,
    /// Operands of conditions that may still be looked at.
    operands: Cell<usize>,
}

/// Simple conditions: macros, and whether each must be defined.
#[derive(Default)]
struct Atoms {
    /// All of these hold in the branch.
    all: Vec<(u32, bool)>,
    /// One of these holds, where there are any.
    any: Vec<(u32, bool)>,
    /// All of these hold where the branch is not taken.
    negated: Vec<(u32, bool)>,
}

/// Longer conditions are not taken apart.
const MOST_TOKENS: usize = 40;

/// So many conditions of earlier branches are kept.
const MOST_ATOMS: usize = 24;

/// One conditional being read.
struct Group {
    outer: Views,
    /// Of the branch by itself.
    own: Views,
    /// `#ifndef X` begins it: what it says of `X` is the default where nobody has settled it.
    default_of: Option<u32>,
    /// Was a branch before this one compiled?
    before: Views,
    branches: Vec<(Range<usize>, Truth)>,
    atoms: Atoms,
    begin: u32,
    /// Names whose defaults the branch sets.
    defaults: Vec<u32>,
    /// `#ifndef X`, of which nothing has followed yet.
    guard: Option<u32>,
    first_of_file: bool,
}

impl<'t> Scan<'t> {
    pub(super) fn new(text: &'t str, cpp: bool) -> Scan<'t> {
        Scan {
            text,
            cpp,
            spellings: Spellings::default(),
            toks: Vec::with_capacity(text.len() / 6),
            side: Vec::new(),
            macros: Vec::new(),
            includes: Vec::new(),
            mentions: Vec::new(),
            undone: Vec::new(),
            regions: Vec::new(),
            said: Macros::default(),
            groups: Vec::new(),
            truth: Views::YES,
            at_branch: false,
            dropped: false,
            budget: 0,
            operands: Cell::new(text.len().saturating_mul(16).clamp(1 << 16, 1 << 30)),
        }
    }

    /// Reads all tokens. `None` when `stop` says so.
    pub(super) fn run(&mut self, stop: &dyn Fn() -> bool) -> Option<()> {
        let mut lexer = CLexer::new(self.text, self.cpp);
        let mut line: Vec<Tok> = Vec::new();
        let mut next = lexer.next();
        self.budget = self.text.len().saturating_mul(4).max(4096);
        let mut steps = 0u32;
        while let Some(token) = next {
            steps += 1;
            if steps.is_multiple_of(1 << 16) && stop() {
                return None;
            }
            if token.first && token.kind == LexKind::Punct && matches!(token.span.of(self.text), "#" | "%:") {
                line.clear();
                loop {
                    next = lexer.next();
                    match next {
                        Some(t) if !t.first => {
                            let t = self.tok(&t);
                            line.push(t);
                        }
                        _ => break,
                    }
                }
                self.directive(token.span, &line);
                continue;
            }
            let tok = self.tok(&token);
            let mut marks = if self.is_left_out() { mark::INACTIVE } else { 0 };
            if std::mem::take(&mut self.at_branch) {
                marks |= mark::BRANCH;
            }
            if token.first {
                marks |= mark::LINE;
            }
            self.toks.push(Tok { marks, ..tok });
            next = lexer.next();
        }
        while let Some(group) = self.groups.pop() {
            self.close_group(group, self.text.len() as u32);
        }
        if self.dropped {
            self.toks.retain(|t| !t.is(mark::DROPPED));
        }
        Some(())
    }

    fn tok(&mut self, token: &Lexed) -> Tok {
        let Span { start, end } = token.span;
        let (k, id) = match token.kind {
            LexKind::Name => {
                let (id, k) = self
                    .spellings
                    .add(if token.joined { Cow::Owned(token.spelling(self.text).into_owned()) } else { Cow::Borrowed(token.span.of(self.text)) }, self.cpp);
                (k, id)
            }
            LexKind::Number => (T::Number, 0),
            LexKind::Text => (T::Text, 0),
            LexKind::Char => (T::Char, 0),
            LexKind::Punct if token.joined => (punctuator(&token.spelling(self.text)), 0),
            LexKind::Punct => (punctuator(token.span.of(self.text)), 0),
            LexKind::Other => (T::Other, 0),
        };
        Tok { k, marks: 0, id, start, end }
    }

    fn directive(&mut self, hash: Span, line: &[Tok]) {
        let Some(first) = line.first() else { return };
        let end = line.last().map_or(hash.end, |t| t.end);
        let whole = Span { start: hash.start, end };
        let word = Span { start: first.start, end: first.end }.of(self.text);
        let rest = &line[1..];
        let is_guard = word == "define" || matches!(word, "pragma" | "include");
        if !is_guard && let Some(group) = self.groups.last_mut() {
            group.guard = None;
        }
        match word {
            "include" | "include_next" | "import" => self.include(whole, rest),
            "define" => self.define(whole, rest),
            // In templates of headers: the build says whether it is defined.
            "cmakedefine" => rest.first().into_iter().for_each(|name| self.mention(*name)),
            "undef" => {
                if let Some(name) = rest.first() {
                    self.mention(*name);
                    self.undone.push(name.id);
                    self.said.say(name.id, self.spellings.get(name.id), self.cpp, Known::Absent, self.truth);
                }
            }
            "if" | "ifdef" | "ifndef" => self.open_group(word, rest, whole),
            "elif" | "elifdef" | "elifndef" | "else" => self.next_branch(word, rest, whole),
            "endif" => {
                if let Some(group) = self.groups.pop() {
                    self.close_group(group, hash.start);
                }
                self.at_branch = true;
            }
            _ => {}
        }
    }

    fn mention(&mut self, token: Tok) {
        let marks = if self.is_left_out() { mark::INACTIVE } else { 0 };
        if token.k == T::Name && self.spellings.get(token.id) != "defined" {
            self.mentions.push(Tok { marks, ..token });
        }
    }

    fn include(&mut self, whole: Span, rest: &[Tok]) {
        let Some(first) = rest.first() else { return };
        let text = Span { start: first.start, end: whole.end }.of(self.text);
        let (open, close) = match first.k {
            T::Text => ('"', '"'),
            T::Less => ('<', '>'),
            _ => {
                for token in rest {
                    self.mention(*token);
                }
                return;
            }
        };
        // A path may hold what begins a comment elsewhere: it is taken from the text, not from the tokens.
        let line = self.text[first.start as usize..].lines().next().unwrap_or(text);
        let Some(close) = line[1..].find(close).filter(|_| line.starts_with(open)) else { return };
        let path = Span { start: first.start + 1, end: first.start + 1 + close as u32 };
        self.includes.push(IncludeLine { path, whole: Span { start: whole.start, end: path.end + 1 }, system: first.k == T::Less });
    }

    fn define(&mut self, whole: Span, rest: &[Tok]) {
        let Some(name) = rest.first().copied().filter(|t| t.k != T::Eof && !self.spellings.get(t.id).is_empty() && t.start < t.end) else { return };
        if !self.text[name.start as usize..].starts_with(|c: char| c.is_alphabetic() || c == '_' || c == '$') {
            return;
        }
        let mut body = 1;
        let mut parameters = None;
        if rest.get(1).is_some_and(|t| t.k == T::LParen && t.start == name.end) {
            let close = rest.iter().position(|t| t.k == T::RParen).unwrap_or(rest.len() - 1);
            let from = self.side.len();
            self.side.extend(rest[2..close.max(2)].iter().filter(|t| !matches!(t.k, T::Comma)));
            parameters = Some(from..self.side.len());
            body = close + 1;
        }
        let body = rest.get(body..).unwrap_or(&[]);
        let from = self.side.len();
        self.side.extend_from_slice(body);
        let known = match body {
            [t] if parameters.is_none() && t.k == T::Number => number(Span { start: t.start, end: t.end }.of(self.text)).map_or(Known::Defined, Known::Value),
            _ => Known::Body(parameters.clone().map(as_numbers), as_numbers(from..self.side.len())),
        };
        let mut region = if self.is_default(name.id) { Views::YES } else { self.truth };
        self.keep_default(name.id);
        if let Some(group) = self.groups.last_mut()
            && group.guard.take() == Some(name.id)
        {
            // The default of a setting, or a guard against a second inclusion.
            if group.first_of_file {
                group.atoms = Atoms::default();
                self.truth = Views::YES;
                region = Views::YES;
                if let Some(branch) = group.branches.last_mut() {
                    branch.1 = Truth::Yes;
                }
            }
        }
        self.said.say(name.id, self.spellings.get(name.id), self.cpp, known, region);
        let marks = if self.is_left_out() { mark::INACTIVE } else { 0 };
        self.macros.push(MacroLine { name: Tok { marks, ..name }, parameters, body: from..self.side.len(), whole });
    }

    /// Does `#define` stand where it gives a name its default, under conditions that hold?
    fn is_default(&self, id: u32) -> bool {
        if self.is_left_out() {
            return false;
        }
        for group in self.groups.iter().rev() {
            if group.default_of == Some(id) {
                return true;
            }
            if group.own != Views::YES {
                return false;
            }
        }
        false
    }

    /// A default that may not be set at all counts as long as the branch lasts of which that is not known.
    fn keep_default(&mut self, id: u32) {
        let Some(of) = self.groups.iter().rposition(|g| g.default_of == Some(id) && g.outer != Views::YES) else { return };
        if let Some(around) = self.groups[..of].iter_mut().rev().find(|g| g.own != Views::YES) {
            around.defaults.push(id);
        }
    }

    /// Do the usual compilers pass over what stands here?
    fn is_left_out(&self) -> bool {
        self.truth.agreed() == Truth::No
    }

    fn evaluate(&mut self, word: &str, rest: &[Tok]) -> Views {
        for token in rest {
            self.mention(*token);
        }
        if matches!(word, "ifdef" | "ifndef" | "elifdef" | "elifndef") {
            let Some(name) = rest.first() else { return Views::UNKNOWN };
            let truth = self.said.is_defined(name.id, self.spellings.get(name.id), self.cpp);
            return if word.ends_with("ndef") { truth.not() } else { truth };
        }
        self.condition().truth(rest)
    }

    /// The simple conditions a branch depends on.
    fn atoms(&self, word: &str, rest: &[Tok]) -> Atoms {
        if let ("ifdef" | "ifndef" | "elifdef" | "elifndef", Some(name)) = (word, rest.first()) {
            let defined = !word.ends_with("ndef");
            return Atoms { all: vec![(name.id, defined)], any: Vec::new(), negated: vec![(name.id, !defined)] };
        }
        if rest.len() > MOST_TOKENS {
            return Atoms::default();
        }
        let (or, parts) = self.operands(rest);
        // What is known from this file alone neither makes nor breaks the rest.
        let neutral = if or { Truth::No } else { Truth::Yes };
        let parts = parts.into_iter().filter(|p| self.condition().truth(p).agreed() != neutral);
        let atoms: Vec<Option<(u32, bool)>> = parts.map(|p| self.atom(p)).collect();
        let known: Vec<(u32, bool)> = atoms.iter().flatten().copied().collect();
        let complete = atoms.iter().all(Option::is_some);
        let negated = if complete && (or || known.len() == 1) { known.iter().map(|(id, d)| (*id, !d)).collect() } else { Vec::new() };
        match (or, known.len()) {
            (true, 2..) if complete => Atoms { all: Vec::new(), any: known, negated },
            (true, _) if !complete => Atoms::default(),
            _ => Atoms { all: known, any: Vec::new(), negated },
        }
    }

    /// The operands of `||`, or else of `&&`, that stand in no brackets but those around all; and whether it is `||`.
    fn operands<'r>(&self, mut rest: &'r [Tok]) -> (bool, Vec<&'r [Tok]>) {
        let text = |t: &Tok| Span { start: t.start, end: t.end }.of(self.text);
        let mut depths = depths(rest);
        while let [open, inner @ .., close] = rest
            && open.k == T::LParen
            && close.k == T::RParen
            && depths[1..rest.len()].iter().all(|d| *d > 0)
        {
            rest = inner;
            depths = self::depths(rest);
        }
        let is_top = |i: usize| depths[i] == 0;
        let or = (0..rest.len()).any(|i| is_top(i) && text(&rest[i]) == "||");
        let mut parts = Vec::new();
        let mut from = 0;
        for i in 0..rest.len() {
            if is_top(i) && (if or { text(&rest[i]) == "||" } else { rest[i].k == T::AmpAmp }) {
                parts.push(&rest[from..i]);
                from = i + 1;
            }
        }
        parts.push(&rest[from..]);
        (or, parts)
    }

    fn condition(&self) -> Condition<'_> {
        Condition { text: self.text, spellings: &self.spellings, side: &self.side, macros: &self.said, cpp: self.cpp, left: &self.operands }
    }

    /// `X`, `defined(X)`, `defined X`, with or without `!`.
    fn atom(&self, part: &[Tok]) -> Option<(u32, bool)> {
        let inner: Vec<&Tok> = part.iter().filter(|t| !matches!(t.k, T::LParen | T::RParen)).collect();
        let (negated, rest) = match inner.as_slice() {
            [not, rest @ ..] if not.k == T::Not => (true, rest),
            rest => (false, rest),
        };
        match rest {
            [word, name] if self.spellings.get(word.id) == "defined" && name.k == T::Name => Some((name.id, !negated)),
            [name] if name.k == T::Name => Some((name.id, !negated)),
            // `@NAME@` in the template of a header: what the build puts there.
            [open, name, close] if name.k == T::Name && [open, close].iter().all(|t| Span { start: t.start, end: t.end }.of(self.text) == "@") => {
                Some((name.id, !negated))
            }
            _ => None,
        }
    }

    fn open_group(&mut self, word: &str, rest: &[Tok], whole: Span) {
        let truth = self.evaluate(word, rest);
        let atoms = self.atoms(word, rest);
        let first_of_file = self.groups.is_empty() && self.toks.is_empty() && self.macros.is_empty() && self.includes.is_empty();
        let guard = match word {
            "ifndef" => rest.first().map(|t| t.id),
            _ => atoms.negated.first().filter(|n| atoms.negated.len() == 1 && n.1).map(|n| n.0),
        };
        let default_of = guard;
        let mut group = Group {
            outer: self.truth,
            own: truth,
            default_of,
            before: truth,
            branches: Vec::new(),
            atoms,
            begin: whole.end,
            defaults: Vec::new(),
            guard,
            first_of_file,
        };
        self.truth = group.outer.and(truth);
        group.branches.push((self.toks.len()..self.toks.len(), self.truth.agreed()));
        self.groups.push(group);
        self.at_branch = true;
    }

    fn next_branch(&mut self, word: &str, rest: &[Tok], whole: Span) {
        let Some(mut group) = self.groups.pop() else { return };
        self.end_branch(&mut group, whole.start);
        self.truth = group.outer;
        let truth = if word == "else" { Views::YES } else { self.evaluate(word, rest) };
        let mut atoms = if word == "else" { Atoms::default() } else { self.atoms(word, rest) };
        // After a branch whose condition is not simple nothing simple holds.
        // Of long chains the first conditions are enough: each branch would repeat all those before it.
        let earlier = std::mem::take(&mut group.atoms.negated);
        if truth.agreed() == Truth::No {
            atoms.negated.clone_from(&earlier);
        } else if !atoms.negated.is_empty() {
            atoms.negated = earlier.iter().copied().chain(atoms.negated).take(MOST_ATOMS).collect();
        }
        atoms.all.splice(0..0, earlier);
        group.atoms = atoms;
        group.own = truth.and(group.before.not());
        group.default_of = None;
        self.truth = group.outer.and(group.own);
        group.before = group.before.or(truth);
        group.begin = whole.end;
        group.branches.push((self.toks.len()..self.toks.len(), self.truth.agreed()));
        self.groups.push(group);
        self.at_branch = true;
    }

    fn end_branch(&mut self, group: &mut Group, end: u32) {
        for id in group.defaults.drain(..) {
            self.said.say(id, self.spellings.get(id), self.cpp, Known::Unknown, Views::YES);
        }
        let tokens = self.toks.len();
        if let Some(branch) = group.branches.last_mut() {
            branch.0.end = tokens;
            if branch.1 == Truth::Unknown {
                let span = Span { start: group.begin, end };
                let region = |(id, defined): &(u32, bool), one_of: bool| Region { span, id: *id, defined: *defined, one_of };
                self.regions.extend(group.atoms.all.iter().map(|a| region(a, false)).chain(group.atoms.any.iter().map(|a| region(a, true))));
            }
        }
    }

    fn close_group(&mut self, mut group: Group, end: u32) {
        self.end_branch(&mut group, end);
        self.truth = group.outer;
        let shape = group.branches.iter().position(|b| b.1 == Truth::Yes).or(group.branches.iter().position(|b| b.1 == Truth::Unknown));
        for (i, (range, truth)) in group.branches.iter().enumerate() {
            let alone = group.branches.len() == 1 && *truth != Truth::No;
            if !alone && Some(i) != shape {
                self.drop_unmatched(range.clone());
            }
        }
    }

    /// Marks brackets that are not matched within the range.
    fn drop_unmatched(&mut self, range: Range<usize>) {
        if range.len() > self.budget {
            return;
        }
        self.budget -= range.len();
        let mut open: Vec<usize> = Vec::new();
        for i in range {
            let k = self.toks[i].k;
            let partner = match k {
                T::LParen | T::LBrace | T::LBracket => {
                    if !self.toks[i].is(mark::DROPPED) {
                        open.push(i);
                    }
                    continue;
                }
                T::RParen => T::LParen,
                T::RBrace => T::LBrace,
                T::RBracket => T::LBracket,
                _ => continue,
            };
            if self.toks[i].is(mark::DROPPED) {
                continue;
            }
            match open.iter().rposition(|o| self.toks[*o].k == partner) {
                Some(at) => {
                    for lost in open.drain(at + 1..) {
                        self.toks[lost].marks |= mark::DROPPED;
                    }
                    open.pop();
                }
                None => self.toks[i].marks |= mark::DROPPED,
            }
            self.dropped = true;
        }
        for i in open {
            self.toks[i].marks |= mark::DROPPED;
            self.dropped = true;
        }
    }
}

/// How many brackets stand around each token, its own among them.
fn depths(tokens: &[Tok]) -> Vec<u32> {
    let mut depth = 0_u32;
    let of = |t: &Tok| match t.k {
        T::LParen => {
            depth += 1;
            depth
        }
        T::RParen => {
            depth = depth.saturating_sub(1);
            depth + 1
        }
        _ => depth,
    };
    tokens.iter().map(of).collect()
}

fn as_numbers(range: Range<usize>) -> (u32, u32) {
    (range.start as u32, range.end as u32)
}
