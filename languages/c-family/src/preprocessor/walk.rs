//! Walks a file and what it includes, line by line, and so knows the definitions in force at a place.
//!
//! Only directives are looked at on the way; text between them is replaced when everything is asked for ([`Preprocessor::run_all`]) and
//! passed over when only the definitions are ([`Preprocessor::run_until`]).

use super::conditions;
use super::definition::{Definition, Table};
use super::expander::{Expander, Lines};
use crate::lexer::{CLexer, Lexed};
use compass_expand::{MAX_TOKENS, Note, Place, SourceNo, Token, TokenKind};
use compass_facts::{LineIndex, Span};
use rustc_hash::{FxHashMap, FxHashSet};
use std::sync::Arc;

/// Includes nested deeper than this are not followed; compilers stop at 200.
const MAX_INCLUDES: usize = 200;
/// So many files are entered in all, however deep: files that include one another twice would double without end.
const MAX_ENTERED: usize = 20_000;

/// The texts of a program, brought by the caller.
pub trait Files {
    /// The text of a file.
    fn text(&mut self, source: SourceNo) -> Option<Arc<str>>;
    /// Its path, as `__FILE__` and messages show it.
    fn path(&self, source: SourceNo) -> String;
    /// The file an include leads to. `next` asks for the one behind the including file in the search order.
    fn include(&mut self, by: SourceNo, spelled: &str, system: bool, next: bool) -> Option<SourceNo>;
}

/// Where to stop.
#[derive(Debug, Clone, Copy)]
pub struct Stop {
    /// In which text.
    pub source: SourceNo,
    /// Before the line of this byte.
    pub offset: u32,
}

/// One open `#if`.
#[derive(Debug, Clone)]
struct Condition {
    /// As written, for people.
    text: Arc<str>,
    active: bool,
    /// A branch was taken already, or the whole stands in a part that is left out.
    done: bool,
    /// The file it stands in.
    source: SourceNo,
    /// It only keeps a file from being read twice: nothing a reader must know.
    guard: bool,
    /// Something else was met inside since it was opened.
    touched: bool,
}

/// See the module.
pub struct Preprocessor<'f> {
    /// Definitions in force.
    pub table: Table,
    /// Definitions that were in force or stand in branches left out, by name, in the order met.
    pub seen: FxHashMap<Arc<str>, Vec<Arc<Definition>>>,
    /// What could not be done.
    pub notes: Vec<Note>,
    files: &'f mut dyn Files,
    conditions: Vec<Condition>,
    once: FxHashSet<SourceNo>,
    lines: FxHashMap<SourceNo, Arc<LineIndex>>,
    depth: usize,
    entered: usize,
    counter: u32,
    cpp: bool,
    wanted: Option<Stop>,
    stopped: bool,
    out: Option<Vec<Token>>,
}

struct Texts<'a> {
    lines: &'a FxHashMap<SourceNo, Arc<LineIndex>>,
    files: &'a dyn Files,
}

impl Lines for Texts<'_> {
    fn line(&self, place: Place) -> u32 {
        self.lines.get(&place.source).map_or(0, |l| l.locate(place.span.start).0)
    }

    fn path(&self, place: Place) -> String {
        self.files.path(place.source)
    }
}

impl<'f> Preprocessor<'f> {
    /// Begins with what the command line defines.
    pub fn new(files: &'f mut dyn Files, given: &[Definition], cpp: bool) -> Self {
        let table: Table = given.iter().map(|d| (d.name.clone(), Arc::new(d.clone()))).collect();
        Preprocessor {
            table,
            seen: FxHashMap::default(),
            notes: Vec::new(),
            files,
            conditions: Vec::new(),
            once: FxHashSet::default(),
            lines: FxHashMap::default(),
            depth: 0,
            entered: 0,
            counter: 0,
            cpp,
            wanted: None,
            stopped: false,
            out: None,
        }
    }

    /// Walks a file and gives all its tokens, macros replaced.
    pub fn run_all(&mut self, source: SourceNo) -> Vec<Token> {
        self.out = Some(Vec::new());
        self.file(source);
        self.out.take().unwrap_or_default()
    }

    /// Walks a file up to a place in it or in something it includes; tells whether the place was met.
    pub fn run_until(&mut self, source: SourceNo, stop: Stop) -> bool {
        self.wanted = Some(stop);
        self.file(source);
        if self.stopped
            && let Some(out) = self.conditions.iter().find(|c| !c.active)
        {
            self.notes.push(Note::LeftOut { by: out.text.to_string() });
        }
        self.stopped
    }

    /// Conditionals that are open where the walk stopped, outermost first.
    pub fn open_conditions(&self) -> Vec<Arc<str>> {
        self.conditions.iter().filter(|c| !c.guard).map(|c| c.text.clone()).collect()
    }

    /// Replaces macros from a place on: in all of `written`, or in the first call only.
    pub fn expander(&self) -> Expander<'_> {
        let mut expander = Expander::new(&self.table, self);
        expander.counter = self.counter;
        expander
    }

    fn file(&mut self, source: SourceNo) {
        if self.once.contains(&source) {
            return;
        }
        if self.depth >= MAX_INCLUDES || self.entered >= MAX_ENTERED {
            if !self.notes.iter().any(|n| matches!(n, Note::TooManyIncludes { .. })) {
                self.notes.push(Note::TooManyIncludes { path: self.files.path(source) });
            }
            return;
        }
        self.entered += 1;
        let Some(text) = self.files.text(source) else { return };
        self.lines.entry(source).or_insert_with(|| Arc::new(LineIndex::new(&text)));
        self.depth += 1;
        let open = self.conditions.len();
        self.walk(source, &text);
        if !self.stopped {
            self.conditions.truncate(open);
        }
        self.depth -= 1;
    }

    fn walk(&mut self, source: SourceNo, text: &str) {
        let stop = self.wanted.filter(|s| s.source == source);
        let mut tokens = CLexer::new(text, self.cpp).peekable();
        let mut run: Vec<Token> = Vec::new();
        while let Some(token) = tokens.next() {
            if stop.is_some_and(|s| token.span.end > s.offset) {
                self.stopped = true;
                return;
            }
            let directive = token.first && token.kind == TokenKind::Punct && matches!(token.spelling(text).as_ref(), "#" | "%:");
            if !directive {
                if self.out.is_some() && self.is_active() {
                    run.push(written(source, text, &token));
                }
                continue;
            }
            let mut line = Vec::new();
            while let Some(next) = tokens.next_if(|t| !t.first) {
                line.push(next);
            }
            // A definition that reaches over the place is still being made.
            if stop.is_some_and(|s| line.last().is_some_and(|l| l.span.end > s.offset)) {
                self.stopped = true;
                return;
            }
            self.flush(&mut run);
            self.directive(source, text, &line);
            if self.stopped {
                return;
            }
        }
        self.flush(&mut run);
        if stop.is_some() {
            self.stopped = true;
        }
    }

    fn flush(&mut self, run: &mut Vec<Token>) {
        let full = self.out.as_ref().is_none_or(|o| o.len() > MAX_TOKENS * 8);
        if run.is_empty() || full {
            run.clear();
            return;
        }
        let texts = Texts { lines: &self.lines, files: &*self.files };
        let mut expander = Expander::new(&self.table, &texts);
        expander.counter = self.counter;
        let ids = expander.run(std::mem::take(run));
        self.counter = expander.counter;
        let tokens: Vec<Token> = ids.iter().map(|id| expander.record.token(*id).clone()).collect();
        let notes = std::mem::take(&mut expander.notes);
        drop(expander);
        self.notes.extend(notes);
        if let Some(out) = &mut self.out {
            out.extend(tokens);
        }
    }

    fn is_active(&self) -> bool {
        self.conditions.last().is_none_or(|c| c.active)
    }

    fn directive(&mut self, source: SourceNo, text: &str, line: &[Lexed]) {
        let Some((word, rest)) = line.split_first() else { return };
        let shown = || -> Arc<str> { shown_line(text, line).into() };
        match word.spelling(text).as_ref() {
            "if" => {
                let active = self.is_active() && self.condition(source, text, rest);
                self.open(source, shown(), active);
            }
            "ifdef" => {
                let active = self.is_active() && self.is_named_defined(text, rest);
                self.open(source, shown(), active);
            }
            "ifndef" => {
                let active = self.is_active() && !self.is_named_defined(text, rest);
                self.open(source, shown(), active);
            }
            "elif" => self.branch(shown(), |me| me.condition(source, text, rest)),
            "elifdef" => self.branch(shown(), |me| me.is_named_defined(text, rest)),
            "elifndef" => self.branch(shown(), |me| !me.is_named_defined(text, rest)),
            "else" => {
                let before = self.conditions.last().map_or_else(String::new, |c| c.text.to_string());
                self.branch(format!("else of {before}").into(), |_| true);
            }
            "endif" => {
                self.conditions.pop();
            }
            "define" => self.define(source, text, rest),
            _ if !self.is_active() => {}
            "undef" => {
                if let Some(name) = rest.first() {
                    self.table.remove(name.spelling(text).as_ref());
                }
            }
            "include" | "import" => self.include(source, text, rest, false),
            "include_next" => self.include(source, text, rest, true),
            "pragma" if rest.first().is_some_and(|t| t.span.of(text) == "once") => {
                self.once.insert(source);
            }
            _ => {}
        }
    }

    fn open(&mut self, source: SourceNo, text: Arc<str>, active: bool) {
        let done = active || !self.is_active();
        self.conditions.push(Condition { text, active, done, source, guard: false, touched: false });
    }

    fn branch(&mut self, text: Arc<str>, test: impl FnOnce(&mut Self) -> bool) {
        let Some(open) = self.conditions.last() else { return };
        let done = open.done;
        let active = !done && test(self);
        if let Some(open) = self.conditions.last_mut() {
            *open = Condition { text, active, done: done || active, guard: false, touched: true, ..open.clone() };
        }
    }

    fn define(&mut self, source: SourceNo, text: &str, rest: &[Lexed]) {
        let Some(mut definition) = Definition::read(source, text, rest) else { return };
        if let Some(last) = self.conditions.last_mut() {
            last.guard |= !last.touched && *last.text == format!("ifndef {}", definition.name) && definition.body.is_empty();
            last.touched = true;
        }
        definition.conditions = self.conditions.iter().filter(|c| !c.guard && c.source == source).map(|c| c.text.clone()).collect();
        let definition = Arc::new(definition);
        self.seen.entry(definition.name.clone()).or_default().push(definition.clone());
        if self.is_active() {
            self.table.insert(definition.name.clone(), definition);
        }
    }

    fn is_named_defined(&self, text: &str, rest: &[Lexed]) -> bool {
        rest.first().is_some_and(|t| self.is_defined(&t.spelling(text)))
    }

    fn is_defined(&self, name: &str) -> bool {
        self.table.contains_key(name) || matches!(name, "__LINE__" | "__FILE__" | "__COUNTER__" | "__has_include" | "__has_include_next")
    }

    fn condition(&mut self, source: SourceNo, text: &str, rest: &[Lexed]) -> bool {
        let tokens = self.answer_defined(source, text, rest);
        let texts = Texts { lines: &self.lines, files: &*self.files };
        let mut expander = Expander::new(&self.table, &texts);
        let ids = expander.run(tokens);
        let spelled: Vec<(TokenKind, String)> = ids.iter().map(|id| expander.record.token(*id)).map(|t| (t.kind, t.text.to_string())).collect();
        match conditions::evaluate(&spelled) {
            Ok(value) => value,
            Err(why) => {
                self.notes.push(Note::Condition { text: shown_line(text, rest), why });
                false
            }
        }
    }

    /// Replaces `defined X`, `__has_include(…)` and questions after compiler features by numbers.
    fn answer_defined(&mut self, source: SourceNo, text: &str, rest: &[Lexed]) -> Vec<Token> {
        let mut out = Vec::new();
        let mut at = 0;
        let word = |i: usize| rest.get(i).map_or(std::borrow::Cow::Borrowed(""), |t| t.spelling(text));
        while at < rest.len() {
            let token = written(source, text, &rest[at]);
            let answer = match &*token.text {
                "defined" if word(at + 1) == "(" && word(at + 3) == ")" => Some((self.is_defined(&word(at + 2)), 4)),
                "defined" => Some((self.is_defined(&word(at + 1)), 2)),
                "__has_include" | "__has_include_next" => self.has_include(source, text, &rest[at..]),
                name if name.starts_with("__has_") && !self.table.contains_key(name) && word(at + 1) == "(" => {
                    let close = rest[at..].iter().position(|t| t.span.of(text) == ")");
                    close.map(|n| (false, n + 1))
                }
                _ => None,
            };
            match answer {
                Some((yes, used)) => {
                    out.push(Token { text: if yes { "1" } else { "0" }.into(), kind: TokenKind::Number, ..token });
                    at += used;
                }
                None => {
                    out.push(token);
                    at += 1;
                }
            }
        }
        out
    }

    fn has_include(&mut self, source: SourceNo, text: &str, rest: &[Lexed]) -> Option<(bool, usize)> {
        let close = rest.iter().position(|t| t.span.of(text) == ")")?;
        let (spelled, system) = included(text, rest.get(2..close)?)?;
        Some((self.files.include(source, &spelled, system, false).is_some(), close + 1))
    }

    fn include(&mut self, source: SourceNo, text: &str, rest: &[Lexed], next: bool) {
        let found = included(text, rest).or_else(|| self.computed_include(source, text, rest));
        let Some((spelled, system)) = found else { return };
        match self.files.include(source, &spelled, system, next) {
            Some(file) => self.file(file),
            None => {
                let by = self.files.path(source);
                let spelled = if system { format!("<{spelled}>") } else { format!("\"{spelled}\"") };
                let note = Note::IncludeNotFound { spelled, by };
                if !self.notes.contains(&note) {
                    self.notes.push(note);
                }
            }
        }
    }

    /// `#include MACRO`.
    fn computed_include(&mut self, source: SourceNo, text: &str, rest: &[Lexed]) -> Option<(String, bool)> {
        let tokens = rest.iter().map(|t| written(source, text, t)).collect();
        let texts = Texts { lines: &self.lines, files: &*self.files };
        let mut expander = Expander::new(&self.table, &texts);
        let ids = expander.run(tokens);
        let spelled: String = ids.iter().map(|id| expander.record.token(*id).text.to_string()).collect();
        let lexed: Vec<Lexed> = CLexer::new(&spelled, false).collect();
        included(&spelled, &lexed)
    }
}

impl Lines for Preprocessor<'_> {
    fn line(&self, place: Place) -> u32 {
        self.lines.get(&place.source).map_or(0, |l| l.locate(place.span.start).0)
    }

    fn path(&self, place: Place) -> String {
        self.files.path(place.source)
    }
}

/// What an include names: `"x"` or `<x>`.
fn included(text: &str, rest: &[Lexed]) -> Option<(String, bool)> {
    let first = rest.first()?;
    let raw = first.span.of(text);
    if let Some(inner) = raw.strip_prefix('"').and_then(|r| r.strip_suffix('"')) {
        return Some((inner.to_owned(), false));
    }
    if !raw.starts_with('<') {
        return None;
    }
    let close = rest.iter().find(|t| t.span.of(text).ends_with('>'))?;
    let inner = Span { start: first.span.start + 1, end: close.span.end - 1 };
    Some((inner.of(text).to_owned(), true))
}

fn written(source: SourceNo, text: &str, token: &Lexed) -> Token {
    Token::written(token.spelling(text).into(), token.kind, token.spaced, Place { source, span: token.span })
}

/// A directive on one line, blanks made single.
fn shown_line(text: &str, line: &[Lexed]) -> String {
    let mut shown = String::new();
    for token in line {
        if token.spaced && !shown.is_empty() {
            shown.push(' ');
        }
        shown.push_str(&token.spelling(text));
    }
    shown
}
