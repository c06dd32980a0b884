//! What conditionals of the preprocessor come to under the usual configuration: Linux, x86-64, GNU dialect.
//!
//! Three answers: compiled, left out, or not known from this file alone. Two compilers are followed side by side; where they differ it
//! is not known. Nothing is left unread for it: the answer only ranks what stands side by side.

mod usual;

use super::scan::Spellings;
use super::tokens::{T, Tok};
use crate::constants::{self, Tokens, Value, Wrong, character, number};
use rustc_hash::FxHashMap;
use std::cell::Cell;
use usual::COMPILERS;

/// Is a branch compiled?
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Truth {
    Yes,
    No,
    Unknown,
}

impl Truth {
    fn not(self) -> Truth {
        match self {
            Truth::Yes => Truth::No,
            Truth::No => Truth::Yes,
            Truth::Unknown => Truth::Unknown,
        }
    }

    fn and(self, other: Truth) -> Truth {
        match (self, other) {
            (Truth::No, _) | (_, Truth::No) => Truth::No,
            (Truth::Yes, Truth::Yes) => Truth::Yes,
            _ => Truth::Unknown,
        }
    }

    fn of(value: bool) -> Truth {
        if value { Truth::Yes } else { Truth::No }
    }
}

/// The same, as each of the compilers sees it.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) struct Views([Truth; COMPILERS]);

impl Views {
    pub(super) const YES: Views = Views([Truth::Yes; COMPILERS]);
    pub(super) const UNKNOWN: Views = Views([Truth::Unknown; COMPILERS]);

    pub(super) fn not(self) -> Views {
        Views(self.0.map(Truth::not))
    }

    pub(super) fn and(self, other: Views) -> Views {
        Views(std::array::from_fn(|i| self.0[i].and(other.0[i])))
    }

    pub(super) fn or(self, other: Views) -> Views {
        self.not().and(other.not()).not()
    }

    /// What all see alike.
    pub(super) fn agreed(self) -> Truth {
        if self.0.iter().all(|t| *t == self.0[0]) { self.0[0] } else { Truth::Unknown }
    }
}

/// What is known of a macro.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Known {
    /// Not defined.
    Absent,
    /// Defined as a number.
    Value(Value),
    /// Defined as tokens, ranges of those beside the program: its parameters if it has a list of them, and its body.
    Body(Option<(u32, u32)>, (u32, u32)),
    /// Defined as something else.
    Defined,
    /// Nobody can tell from here.
    Unknown,
}

impl Known {
    fn is_defined(self) -> Truth {
        match self {
            Known::Absent => Truth::No,
            Known::Unknown => Truth::Unknown,
            _ => Truth::Yes,
        }
    }
}

/// What the file has said of macros so far, by number of the spelling.
#[derive(Debug, Default)]
pub(super) struct Macros {
    said: FxHashMap<u32, [Known; COMPILERS]>,
}

impl Macros {
    /// `#define` or `#undef` in a region that is compiled, or of which that is not known.
    pub(super) fn say(&mut self, id: u32, name: &str, cpp: bool, known: Known, region: Views) {
        let before = self.said.get(&id).copied();
        let now = std::array::from_fn(|i| match region.0[i] {
            Truth::Yes => known,
            Truth::Unknown => Known::Unknown,
            Truth::No => before.map_or_else(|| usual::predefined(name, cpp, i), |b| b[i]),
        });
        if region.agreed() != Truth::No {
            self.said.insert(id, now);
        }
    }

    fn find(&self, id: u32, name: &str, cpp: bool, compiler: usize) -> Known {
        self.said.get(&id).map_or_else(|| usual::predefined(name, cpp, compiler), |k| k[compiler])
    }

    /// Is a macro defined?
    pub(super) fn is_defined(&self, id: u32, name: &str, cpp: bool) -> Views {
        Views(std::array::from_fn(|i| self.find(id, name, cpp, i).is_defined()))
    }
}

/// Macros within macros are followed so far.
const MAX_DEPTH: u32 = 12;
/// So many operands of one condition are looked at: macros that double each other do not end.
const MAX_OPERANDS: u32 = 2_000;

/// The tokens of `#if`, under what the file has said of macros so far.
pub(super) struct Condition<'a> {
    pub(super) text: &'a str,
    pub(super) spellings: &'a Spellings<'a>,
    /// Parameters and bodies of macros.
    pub(super) side: &'a [Tok],
    pub(super) macros: &'a Macros,
    pub(super) cpp: bool,
    /// Operands that may still be looked at in this file: conditions that double each other in every line must not cost more than it is long.
    pub(super) left: &'a Cell<usize>,
}

impl Condition<'_> {
    /// Does it hold? What is wrong with an expression is for the compiler to say; here it is not known.
    pub(super) fn truth(&self, tokens: &[Tok]) -> Views {
        Views(std::array::from_fn(|compiler| {
            let most = MAX_OPERANDS.min(self.left.get() as u32);
            let left = Cell::new(most);
            let value = Expression { of: self, tokens, compiler, depth: 0, left: &left }.value();
            self.left.set(self.left.get().saturating_sub((most - left.get()) as usize));
            value.map_or(Truth::Unknown, |v| Truth::of(v.bits != 0))
        }))
    }
}

/// One expression, as one compiler sees it.
struct Expression<'a> {
    of: &'a Condition<'a>,
    tokens: &'a [Tok],
    compiler: usize,
    depth: u32,
    left: &'a Cell<u32>,
}

impl Expression<'_> {
    fn value(&self) -> Option<Value> {
        let (value, end) = constants::evaluate(self).ok()?;
        value.filter(|_| self.depth == 0 || end == self.tokens.len())
    }

    fn find(&self, at: usize) -> Known {
        let Some(token) = self.tokens.get(at) else { return Known::Unknown };
        self.of.macros.find(token.id, self.spelling(at), self.of.cpp, self.compiler)
    }

    /// `defined NAME`, `defined(NAME)`: `at` is behind the word.
    fn defined(&self, at: usize) -> (Option<Value>, usize) {
        let bracket = usize::from(self.spelling(at) == "(");
        let value = match self.find(at + bracket).is_defined() {
            Truth::No => Some(Value::of(0)),
            Truth::Unknown => None,
            Truth::Yes => Some(Value::of(1)),
        };
        (value, at + 1 + 2 * bracket)
    }

    /// Behind the brackets of a call that begin at a token.
    fn behind_call(&self, at: usize) -> usize {
        behind_brackets(self.tokens, at)
    }

    /// What a macro's text comes to; only a text that stays one operand wherever it is put.
    fn body(&self, tokens: &[Tok]) -> Option<Value> {
        let is_short = self.depth < MAX_DEPTH && tokens.len() < 200 && is_operand(tokens);
        let inner = Expression { of: self.of, tokens, compiler: self.compiler, depth: self.depth + 1, left: self.left };
        is_short.then(|| inner.value()).flatten()
    }

    /// The name at a token with the call behind it.
    fn call(&self, at: usize, end: usize) -> Option<Value> {
        let arguments = self.tokens.get(at + 2..end.saturating_sub(1))?;
        let (parameters, body) = match self.find(at) {
            Known::Body(Some(parameters), body) => (self.side(parameters)?, self.side(body)?),
            Known::Defined => {
                let text = compass_facts::Span { start: arguments.first()?.start, end: arguments.last()?.end };
                return usual::asked(self.spelling(at), text.of(self.of.text));
            }
            _ => return None,
        };
        let given = parted(arguments);
        if given.len() != parameters.len() {
            return None;
        }
        let mut text: Vec<Tok> = Vec::with_capacity(body.len());
        for token in body {
            match parameters.iter().position(|p| token.k == T::Name && p.id == token.id) {
                Some(nth) => text.extend_from_slice(given[nth]),
                None => text.push(*token),
            }
        }
        self.body(&text)
    }

    fn side(&self, range: (u32, u32)) -> Option<&[Tok]> {
        self.of.side.get(range.0 as usize..range.1 as usize)
    }
}

/// Behind the brackets that begin at a token.
fn behind_brackets(tokens: &[Tok], mut at: usize) -> usize {
    let mut depth = 0;
    while let Some(token) = tokens.get(at) {
        at += 1;
        match token.k {
            T::LParen => depth += 1,
            T::RParen => {
                depth -= 1;
                if depth == 0 {
                    break;
                }
            }
            _ => {}
        }
    }
    at
}

/// The arguments of a call, at the commas between them.
fn parted(arguments: &[Tok]) -> Vec<&[Tok]> {
    let (mut out, mut depth, mut from) = (Vec::new(), 0, 0);
    for (i, token) in arguments.iter().enumerate() {
        match token.k {
            T::LParen => depth += 1,
            T::RParen => depth -= 1,
            T::Comma if depth == 0 => {
                out.push(&arguments[from..i]);
                from = i + 1;
            }
            _ => {}
        }
    }
    out.push(&arguments[from..]);
    out
}

/// One token, a call, or what stands in brackets, with signs before it.
fn is_operand(tokens: &[Tok]) -> bool {
    match tokens {
        [sign, rest @ ..] if sign.k == T::Not && !rest.is_empty() => is_operand(rest),
        [one] => one.k != T::Not,
        [open, ..] if open.k == T::LParen => behind_brackets(tokens, 0) == tokens.len(),
        [name, open, ..] if name.k == T::Name && open.k == T::LParen => behind_brackets(tokens, 1) == tokens.len(),
        _ => false,
    }
}

impl Tokens for Expression<'_> {
    fn spelling(&self, at: usize) -> &str {
        self.tokens.get(at).map_or("", |t| match t.k {
            T::Name => self.of.spellings.get(t.id),
            _ => self.of.text.get(t.start as usize..t.end as usize).unwrap_or(""),
        })
    }

    fn operand(&self, at: usize) -> Result<(Option<Value>, usize), Wrong> {
        let Some(token) = self.tokens.get(at) else { return Err("an operand is missing") };
        let left = self.left.get().checked_sub(1).ok_or("too many operands")?;
        self.left.set(left);
        let (spelling, next) = (self.spelling(at), at + 1);
        let value = match token.k {
            T::Number => number(spelling).ok(),
            T::Char => character(spelling).ok(),
            T::Literal => Some(Value::of(i64::from(spelling == "true"))),
            T::Name if spelling == "defined" => return Ok(self.defined(next)),
            T::Name if self.spelling(next) == "(" => {
                let end = self.behind_call(next);
                return Ok((self.call(at, end), end));
            }
            T::Name => match self.find(at) {
                Known::Absent => Some(Value::of(0)),
                Known::Value(value) => Some(value),
                Known::Body(None, body) => self.side(body).and_then(|tokens| self.body(tokens)),
                _ => None,
            },
            _ => return Err("this is no operand"),
        };
        Ok((value, next))
    }
}
