//! The tolerant parser: its state, and how it steps over tokens. The grammar stands in the files beside.
//!
//! # How it works
//! Recursive descent over the tokens of the whole file, partners of brackets known beforehand, so that anything can be stepped over at
//! once. Nothing is tried twice beyond a bounded look ahead: time grows with the text alone. What fits no rule is stepped over as a gap,
//! at most to the end of the declaration.

use super::balance::{NONE, mates};
use super::made_elsewhere::Called;
use super::sink::{Sink, Val};
use super::tokens::{T, Tok, mark};
use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::surroundings::Surroundings;
use compass_facts::*;
use rustc_hash::FxHashSet;

/// Deepest nesting that is followed.
pub(super) const MAX_DEPTH: u32 = 900;
/// The farthest that a decision looks ahead, in tokens.
pub(super) const LOOK_AHEAD: usize = 160;

const END: Tok = Tok { k: T::Eof, marks: 0, id: 0, start: u32::MAX, end: u32::MAX };

/// Where a declaration stands.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Ctx {
    /// In a file or namespace.
    File,
    /// Among the members of a type of that spelling.
    Class(Option<u32>),
    /// In a function.
    Local,
}

/// A value and the use that names it.
#[derive(Debug, Clone, Copy)]
pub(super) struct Value {
    pub(super) val: Val,
    pub(super) used: Option<UseId>,
    /// Only a name, or members of one: what can be passed, assigned, kept.
    pub(super) named: bool,
    /// Something in what is named, by an index.
    pub(super) element: bool,
}

impl Value {
    pub(super) const NOTHING: Value = Value { val: Val::None, used: None, named: false, element: false };

    pub(super) fn of(val: Val) -> Value {
        Value { val, ..Value::NOTHING }
    }
}

/// See the module.
pub(super) struct Parser<'s, 't> {
    pub(super) text: &'t str,
    pub(super) cpp: bool,
    pub(super) toks: &'s [Tok],
    pub(super) mate: Vec<u32>,
    /// The next token.
    pub(super) p: usize,
    pub(super) s: Sink<'s, 't>,
    /// What the values being read are put in.
    pub(super) filled: Option<super::flows::Into>,
    /// What is called with the arguments being read.
    pub(super) calling: Option<u32>,
    bounds: Bounds,
    /// Labels of the function, by spelling, and jumps to them.
    pub(super) labels: Vec<(u32, DefId)>,
    pub(super) jumps: Vec<(u32, UseId)>,
    /// Names of labels that the file jumps to anywhere, once that was asked for.
    pub(super) jumped_to: Option<FxHashSet<u32>>,
    /// Template parameters whose owner has not come yet.
    pub(super) parameters: Vec<DefId>,
    /// Names that macros may declare: the name's token, and the call.
    pub(super) made: Vec<(Tok, Span)>,
    /// Calls of macros in the place of declarations: the macro's name, the call, and the scope.
    pub(super) called: Vec<Called>,
    /// The macros of other files.
    pub(super) among: &'s dyn Surroundings,
    /// Type names that this file defines, by spelling.
    pub(super) types: Vec<bool>,
    /// Macros of the file that are sets of members, by spelling.
    pub(super) sets: rustc_hash::FxHashSet<u32>,
    /// Macros of the file that stand for heads of functions, by spelling.
    pub(super) heads: rustc_hash::FxHashMap<u32, &'s [Tok]>,
    /// Macros of the file that stand for statements, or parts of them, by spelling.
    pub(super) statements: rustc_hash::FxHashSet<u32>,
    /// Functions that this file names so far, by spelling.
    pub(super) functions: rustc_hash::FxHashSet<u32>,
    /// `override` or `final` stood behind the last parameters.
    pub(super) overrides: bool,
    /// `template` without a list of parameters: what follows is no new thing, but a body of one that is there.
    pub(super) instantiates: bool,
    /// The last built-in type was that of characters.
    pub(super) is_char: bool,
    /// The type of a cast whose operand comes next.
    pub(super) cast_type: Option<TypeId>,
}

impl Bounded for Parser<'_, '_> {
    fn bounds(&mut self) -> &mut Bounds {
        &mut self.bounds
    }

    fn refused(&mut self, why: Refusal, _: Span) {
        if why == Refusal::Cancelled {
            self.p = self.toks.len();
            return;
        }
        let here = self.tok();
        let end = self.close_of(self.p).map_or(here.end, |c| self.toks[c].end);
        if here.k != T::Eof {
            self.s.gap(GapCause::TooDeep, Span { start: here.start, end });
        }
        self.p = self.past(self.p);
    }
}

impl<'s, 't> Parser<'s, 't> {
    pub(super) fn new(text: &'t str, cpp: bool, toks: &'s [Tok], s: Sink<'s, 't>, cancel: &Cancel, among: &'s dyn Surroundings) -> Self {
        let mate = mates(toks, text);
        let types = vec![false; s.spellings.len()];
        Parser {
            text,
            cpp,
            toks,
            mate,
            p: 0,
            s,
            filled: None,
            calling: None,
            bounds: Bounds::new(MAX_DEPTH, cancel),
            labels: Vec::new(),
            jumps: Vec::new(),
            jumped_to: None,
            parameters: Vec::new(),
            made: Vec::new(),
            called: Vec::new(),
            among,
            types,
            sets: rustc_hash::FxHashSet::default(),
            heads: rustc_hash::FxHashMap::default(),
            statements: rustc_hash::FxHashSet::default(),
            functions: rustc_hash::FxHashSet::default(),
            overrides: false,
            instantiates: false,
            is_char: false,
            cast_type: None,
        }
    }

    /// Parses other tokens of the file; the place among the present ones is kept.
    pub(super) fn on<R>(&mut self, toks: &'s [Tok], work: impl FnOnce(&mut Self) -> R) -> R {
        let mate = mates(toks, self.text);
        let saved = (self.toks, std::mem::replace(&mut self.mate, mate), self.p);
        self.toks = toks;
        self.p = 0;
        let result = work(self);
        (self.toks, self.mate, self.p) = saved;
        result
    }

    pub(super) fn tok(&self) -> Tok {
        self.toks.get(self.p).copied().unwrap_or(END)
    }

    pub(super) fn k(&self) -> T {
        self.at(self.p)
    }

    /// The kind of the token at a position.
    pub(super) fn at(&self, i: usize) -> T {
        self.toks.get(i).map_or(T::Eof, |t| t.k)
    }

    pub(super) fn spelled(&self, i: usize) -> &str {
        match self.toks.get(i) {
            Some(t) if t.k == T::Name => self.s.spellings.get(t.id),
            Some(t) => self.text.get(t.start as usize..t.end as usize).unwrap_or(""),
            None => "",
        }
    }

    pub(super) fn is_done(&self) -> bool {
        self.p >= self.toks.len()
    }

    pub(super) fn take(&mut self, k: T) -> bool {
        let yes = self.k() == k;
        self.p += usize::from(yes);
        yes
    }

    /// The position of the partner of the bracket at `i`, if it has one.
    pub(super) fn close_of(&self, i: usize) -> Option<usize> {
        let m = *self.mate.get(i)?;
        (m != NONE && m as usize > i).then_some(m as usize)
    }

    /// One past the partner of the bracket at `i`; one past itself without one.
    pub(super) fn past(&self, i: usize) -> usize {
        self.close_of(i).map_or(i + 1, |m| m + 1)
    }

    pub(super) fn start(&self, i: usize) -> u32 {
        self.toks.get(i).map_or(self.text.len() as u32, |t| t.start)
    }

    /// The end of the token before `i`.
    pub(super) fn end_before(&self, i: usize) -> u32 {
        i.checked_sub(1).and_then(|i| self.toks.get(i)).map_or(0, |t| t.end)
    }

    /// From the token at `from` to the one before `to`.
    pub(super) fn span(&self, from: usize, to: usize) -> Span {
        let start = self.start(from);
        Span { start, end: self.end_before(to).max(start) }
    }

    /// Parses something one level deeper; where that is refused, it is stepped over.
    pub(super) fn down<R>(&mut self, work: impl FnOnce(&mut Self) -> R) -> Option<R> {
        self.deeper(Span::default(), work)
    }

    /// Steps over a token that fits nothing.
    pub(super) fn lose(&mut self) {
        let t = self.tok();
        if t.k != T::Eof {
            if !t.is(mark::INACTIVE) {
                self.s.gap(GapCause::Syntax, Span { start: t.start, end: t.end });
            }
            self.p += 1;
        }
    }

    /// Parses what stands between the bracket at `p` and its partner, then goes past that.
    pub(super) fn within(&mut self, work: impl FnOnce(&mut Self, usize)) {
        let open = self.p;
        let Some(close) = self.close_of(open) else {
            self.p += 1;
            return;
        };
        self.p += 1;
        self.down(|p| work(p, close));
        self.p = close + 1;
    }

    /// The comment right before the token at `i`.
    pub(super) fn doc_before(&self, i: usize) -> Option<Span> {
        doc_before(self.text, self.start(i) as usize)
    }

    /// Does the name look like a macro: capitals only, or two low lines in front?
    pub(super) fn looks_macro(&self, i: usize) -> bool {
        let name = self.spelled(i);
        name.starts_with("__") || is_capitals(name)
    }

    /// Does the name look like an attribute that a macro hides?
    pub(super) fn looks_attribute(&self, i: usize) -> bool {
        let name = self.spelled(i);
        const WORDS: [&str; 10] =
            ["noinline", "asmlinkage", "notrace", "pascal", "cdecl", "fastcall", "noinstr", "randomized_struct_fields_start", "inline_", "near"];
        (name.starts_with("__") && !name.ends_with("_t") && !is_sized(name.trim_start_matches('_'))) || is_capitals(name) || WORDS.contains(&name)
    }
}

/// Capitals, digits and low lines, a capital among them.
pub(super) fn is_capitals(name: &str) -> bool {
    name.len() > 1 && name.bytes().all(|b| b.is_ascii_uppercase() || b.is_ascii_digit() || b == b'_') && name.bytes().any(|b| b.is_ascii_uppercase())
}

/// `u8`, `s64`, `le32`: types by the look of them.
pub(super) fn is_sized(name: &str) -> bool {
    let digits = name.trim_start_matches(|c: char| c.is_ascii_alphabetic());
    let letters = &name[..name.len() - digits.len()];
    matches!(digits, "8" | "16" | "32" | "64" | "128")
        && matches!(letters, "u" | "s" | "i" | "f" | "U" | "S" | "I" | "F" | "le" | "be" | "u_int" | "uint" | "int")
}

/// The comment that ends right before `start`: no empty line between, nothing else on its lines.
pub(super) fn doc_before(text: &str, start: usize) -> Option<Span> {
    let before = text.get(..start)?;
    let trimmed = before.trim_end_matches([' ', '\t', '\r', '\n']);
    let gap = &before[trimmed.len()..];
    if gap.len() > 64 || gap.bytes().filter(|b| *b == b'\n').count() > 1 {
        return None;
    }
    if trimmed.ends_with("*/") {
        let bytes = trimmed.as_bytes();
        let from = bytes.len().saturating_sub(32 << 10);
        let open = memchr::memmem::rfind(&bytes[from..bytes.len() - 1], b"/*")? + from;
        let leads = bytes[..open].iter().rev().take_while(|b| **b != b'\n').all(|b| b.is_ascii_whitespace());
        return leads.then(|| Span::new(open, trimmed.len()));
    }
    let mut first = None;
    let mut end = trimmed.len();
    for _ in 0..200 {
        let line_start = trimmed.as_bytes()[..end].iter().rposition(|b| *b == b'\n').map_or(0, |n| n + 1);
        let line = &trimmed[line_start..end];
        let body = line.trim_start();
        if !body.starts_with("//") {
            break;
        }
        first = Some(line_start + (line.len() - body.len()));
        if line_start == 0 {
            break;
        }
        end = line_start - 1;
    }
    first.map(|f| Span::new(f, trimmed.len()))
}
