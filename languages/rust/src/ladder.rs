//! `macro_rules!` calls of Rust: definitions are found in the file, in its unit, then in the units it depends on.

use crate::macros::{Found, MacroRules, Rules, expand, tokens};
use compass_expand::{Record, Token, TokenKind};
use compass_facts::Cancel;
use compass_facts::{Kind, Span};
use compass_index::Tree;
use compass_index::{FileId, Index, SymbolId};
use compass_unfold::Place;
use compass_unfold::Texts;
use compass_unfold::{Content, Location, Step, StepKind, Unfolding};
use compass_unfold::{Ladder, Options, UnfoldError};
use rustc_hash::FxHashMap;
use std::cell::RefCell;
use std::sync::Arc;

/// Macros of the compiler and its library that are not rules, or whose rules only call such.
const OPAQUE: &str = include_str!("data/opaque_macros.txt");

/// The ladder of Rust.
pub(crate) struct MacrosByExample;

impl Ladder for MacrosByExample {
    fn unfold(&self, index: &Index, _: &dyn Tree, at: Place, _: &Options, _: &Cancel) -> Result<Unfolding, UnfoldError> {
        unfold(index, at)
    }
}

fn unfold(index: &Index, at: Place) -> Result<Unfolding, UnfoldError> {
    let nothing = |why: &str| UnfoldError::Nothing { place: index.path_of(at.file), why: why.to_owned() };
    let mut texts = Texts::default();
    let source = texts.indexed(index, at.file).ok_or_else(|| nothing("the file cannot be read"))?;
    let text = texts.entries[0].text.clone();
    let all = tokens(source, &text, Span::new(0, text.len()));
    let Some((from, to)) = call_around(&all, at.offset) else {
        return Err(nothing("no macro is called here"));
    };
    let lookup = IndexRules { index, home: at.file, texts: RefCell::new(texts), known: RefCell::default() };
    let (mut record, notes) = expand(all[from..=to].to_vec(), &lookup, true);
    record.order_outermost_first();
    let texts = lookup.texts.into_inner();
    let place = record.start.first().and_then(|t| record.token(*t).place).map(|p| texts.location(p));
    let steps = record.steps.iter().map(|s| step(&record, &texts, s)).collect();
    let place = place.unwrap_or(Location { file: None, path: String::new(), line: 0, column: 0, span: Span::default() });
    let notes = notes.iter().map(ToString::to_string).collect();
    Ok(Unfolding { place, steps, notes, depths: Vec::new(), content: Content::Tokens { record: Box::new(record), texts } })
}

fn step(record: &Record, texts: &Texts, step: &compass_expand::Step) -> Step {
    let text = |ids: &[compass_expand::TokenId]| compass_unfold::lay_out(&ids.iter().map(|t| record.token(*t)).collect::<Vec<_>>()).0;
    Step {
        by: step.by.to_string(),
        kind: StepKind::Rule(step.rule + 1),
        defined: step.defined.map(|p| texts.location(p)),
        conditions: Vec::new(),
        competing: Vec::new(),
        depth: record.depth(step),
        before: text(&step.consumed),
        after: text(&step.produced),
    }
}

/// The innermost call around a byte, as positions of its first and last token; one whose name is meant comes first.
fn call_around(all: &[Token], offset: u32) -> Option<(usize, usize)> {
    let end = |n: usize| all[n].place.map_or(0, |p| p.span.end);
    let start = |n: usize| all[n].place.map_or(0, |p| p.span.start);
    let mut best = None;
    let mut n = 0;
    while n + 2 < all.len() {
        let definition = all[n].is("macro_rules") && all[n + 1].is("!");
        if definition && let Some(close) = (n + 3 < all.len()).then(|| closing(all, n + 3)).flatten() {
            // Calls in rules are text until the rule is written out.
            n = close + 1;
            continue;
        }
        let is_call = all[n].kind == TokenKind::Name && all[n + 1].is("!") && ["(", "[", "{"].iter().any(|b| all[n + 2].is(b));
        if is_call && let Some(close) = closing(all, n + 2) {
            let first = path_start(all, n);
            if start(first) <= offset && offset < end(close) {
                best = Some((first, close));
            }
        }
        n += 1;
    }
    best
}

fn path_start(all: &[Token], mut n: usize) -> usize {
    while n >= 1 && all[n - 1].is("::") {
        n -= 1;
        if n >= 1 && all[n - 1].kind == TokenKind::Name {
            n -= 1;
        }
    }
    n
}

/// Where the bracket at `open` closes.
fn closing(all: &[Token], open: usize) -> Option<usize> {
    let mut depth = 0usize;
    for (n, token) in all.iter().enumerate().skip(open) {
        match &*token.text {
            "(" | "[" | "{" if token.kind == TokenKind::Punct => depth += 1,
            ")" | "]" | "}" if token.kind == TokenKind::Punct => {
                depth = depth.checked_sub(1)?;
                if depth == 0 {
                    return Some(n);
                }
            }
            _ => {}
        }
    }
    None
}

/// Definitions by way of the index.
struct IndexRules<'a> {
    index: &'a Index,
    home: FileId,
    texts: RefCell<Texts>,
    known: RefCell<FxHashMap<SymbolId, Option<Arc<MacroRules>>>>,
}

impl Rules for IndexRules<'_> {
    fn find(&self, path: &[Arc<str>], from: Option<compass_expand::Place>) -> Found {
        let Some(name) = path.last() else { return Found::Unknown };
        let from = from.and_then(|p| self.texts.borrow().entries.get(p.source.0 as usize).and_then(|e| e.file)).unwrap_or(self.home);
        let unit = path.first().filter(|_| path.len() > 1).map(|u| u.replace("r#", ""));
        let is_rust = |s: SymbolId| self.index.file(s.file).is_some_and(|f| f.language == crate::RUST);
        let mut symbols: Vec<SymbolId> =
            self.index.named(name).unwrap_or_default().into_iter().filter(|n| n.kind == Kind::Macro && is_rust(n.symbol)).map(|n| n.symbol).collect();
        let unit_name = |s: &SymbolId| self.index.unit(s.file).map_or(String::new(), |u| u.name.replace('-', "_"));
        symbols
            .sort_by_key(|s| (unit.as_ref().is_some_and(|u| unit_name(s) != *u), s.file != from, s.file.unit != from.unit, s.file.unit != self.home.unit, *s));
        for symbol in symbols {
            if let Some(rules) = self.read(symbol) {
                return Found::Rules(rules);
            }
        }
        if OPAQUE.lines().any(|l| l == &**name) { Found::Opaque } else { Found::Unknown }
    }
}

impl IndexRules<'_> {
    fn read(&self, symbol: SymbolId) -> Option<Arc<MacroRules>> {
        if let Some(known) = self.known.borrow().get(&symbol) {
            return known.clone();
        }
        let read = self.read_new(symbol).map(Arc::new);
        self.known.borrow_mut().insert(symbol, read.clone());
        read
    }

    fn read_new(&self, symbol: SymbolId) -> Option<MacroRules> {
        let (facts, def) = self.index.definition(symbol).ok()??;
        let source = self.texts.borrow_mut().indexed(self.index, symbol.file)?;
        let text = self.texts.borrow().entries[source.0 as usize].text.clone();
        let own = symbol.file.unit == self.home.unit;
        let unit = self.index.unit(symbol.file).map_or(String::new(), |u| u.name.replace('-', "_"));
        let crate_name = if own { "crate" } else { &unit };
        MacroRules::read(tokens(source, &text, facts.facts.def(def).whole), crate_name)
    }
}
