//! From a place in the text to what it stands on, and back when the text has changed.

use compass_facts::{DefId, Facts, Flags, Kind};
use compass_index::Index;
use serde::{Deserialize, Serialize};

/// What a bookmark stands on.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize, Deserialize)]
pub struct Anchor {
    /// The file, as the index shows it.
    pub path: String,
    /// The line it stood on, from 1.
    pub line: u32,
    /// The byte of that line, from 1.
    pub column: u32,
    /// The line's text without its indentation.
    pub text: String,
    /// The definition it stands on or in.
    #[serde(default)]
    pub symbol: Option<Symbol>,
}

/// A definition by its names.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct Symbol {
    /// Its own name behind those around it.
    pub names: Vec<String>,
    /// The word of its kind.
    pub kind: String,
    /// How many of the same names and kind stand before it in the file.
    #[serde(default)]
    pub ordinal: u32,
    /// Lines from the one with its name.
    pub below: i64,
}

impl Anchor {
    /// Is it the same place, wherever its lines are now?
    pub fn is_place_of(&self, other: &Anchor) -> bool {
        self.path == other.path && self.text == other.text && self.symbol == other.symbol && (self.symbol.is_some() || self.line == other.line)
    }
}

/// Where an anchor stands now.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Found {
    /// The file.
    pub path: String,
    /// From 1.
    pub line: u32,
    /// From 1.
    pub column: u32,
    /// The line's text without its indentation.
    pub text: String,
}

/// The anchor of a place; `None` where there is no such file or line.
pub fn place(index: &Index, path: &str, line: u32, column: u32) -> Option<Anchor> {
    let id = index.find_path(path)?;
    let source = index.source(id).ok()?;
    let stored = index.facts(id).ok()?;
    let facts = source.changed.as_ref().unwrap_or(&stored.facts);
    let text = source.source.text.as_str();
    let lines = &source.source.lines;
    if line == 0 || line > lines.count() {
        return None;
    }
    let shown = lines.line(line, text).trim().to_owned();
    let span = lines.line_span(line, text);
    let on_line = facts.definitions.iter().position(|d| is_anchor(facts, d) && span.contains(d.name_span.start)).map(|i| DefId(i as u32));
    let around = || facts.find_enclosing(lines.offset(line, 1).unwrap_or(0)).filter(|d| is_anchor(facts, facts.def(*d)));
    let symbol = on_line.or_else(around).map(|def| {
        let names = names_of(facts, def);
        let kind = facts.def(def).kind;
        let ordinal = same(facts, &names, kind).position(|d| d == def).unwrap_or(0) as u32;
        let own_line = lines.locate(facts.def(def).name_span.start).0;
        Symbol { names, kind: kind.word().to_owned(), ordinal, below: i64::from(line) - i64::from(own_line) }
    });
    Some(Anchor { path: path.to_owned(), line, column, text: shown, symbol })
}

/// Where an anchor stands now; `None` if nothing of it is left.
pub fn find(index: &Index, anchor: &Anchor) -> Option<Found> {
    if let Some(symbol) = &anchor.symbol {
        if let Some(found) = in_file(index, &anchor.path, anchor, symbol) {
            return Some(found);
        }
        if let Some(found) = elsewhere(index, anchor, symbol) {
            return Some(found);
        }
    }
    by_text(index, anchor)
}

/// The symbol in a file of that path.
fn in_file(index: &Index, path: &str, anchor: &Anchor, symbol: &Symbol) -> Option<Found> {
    let id = index.find_path(path)?;
    let source = index.source(id).ok()?;
    let stored = index.facts(id).ok()?;
    let facts = source.changed.as_ref().unwrap_or(&stored.facts);
    let kind = Kind::ALL.iter().copied().find(|k| k.word() == symbol.kind)?;
    let all: Vec<DefId> = same(facts, &symbol.names, kind).collect();
    let def = *all.get(symbol.ordinal as usize).or(all.last())?;
    let lines = &source.source.lines;
    let text = source.source.text.as_str();
    let own = lines.locate(facts.def(def).name_span.start).0;
    let (first, last) = (lines.locate(facts.def(def).whole.start).0, lines.locate(facts.def(def).whole.end.saturating_sub(1)).0);
    let wanted = i64::from(own) + symbol.below;
    // Within a body lines come and go: the nearest one with that text is the place.
    let nearest = (first..=last.max(own)).filter(|l| lines.line(*l, text).trim() == anchor.text).min_by_key(|l| (i64::from(*l) - wanted).abs());
    let line = nearest.unwrap_or_else(|| wanted.clamp(i64::from(first.min(own)), i64::from(last.max(own))) as u32);
    let column = if symbol.below == 0 { lines.locate(facts.def(def).name_span.start).1 } else { anchor.column };
    Some(Found { path: path.to_owned(), line, column, text: lines.line(line, text).trim().to_owned() })
}

/// The symbol in a file that has another name now: the one whose path is most like the old one.
fn elsewhere(index: &Index, anchor: &Anchor, symbol: &Symbol) -> Option<Found> {
    let name = symbol.names.last()?;
    let entries = index.named(name).ok()?;
    let mut paths: Vec<String> = entries.iter().filter(|e| e.kind.word() == symbol.kind).map(|e| index.path_of(e.symbol.file)).collect();
    paths.sort();
    paths.dedup();
    let like = |path: &str| path.split('/').rev().zip(anchor.path.split('/').rev()).take_while(|(a, b)| a == b).count();
    let common = |path: &str| path.bytes().zip(anchor.path.bytes()).take_while(|(a, b)| a == b).count();
    paths.sort_by_key(|p| (std::cmp::Reverse(like(p)), std::cmp::Reverse(common(p))));
    paths.iter().filter(|p| **p != anchor.path).find_map(|p| in_file(index, p, anchor, symbol))
}

/// The nearest line of that text in the file, else the line of that number.
fn by_text(index: &Index, anchor: &Anchor) -> Option<Found> {
    let id = index.find_path(&anchor.path)?;
    let source = index.source(id).ok()?;
    let (lines, text) = (&source.source.lines, source.source.text.as_str());
    let has_it = |l: &u32| !anchor.text.is_empty() && lines.line(*l, text).trim() == anchor.text;
    let nearest = (1..=lines.count()).filter(has_it).min_by_key(|l| l.abs_diff(anchor.line));
    let line = nearest.unwrap_or_else(|| anchor.line.clamp(1, lines.count().max(1)));
    Some(Found { path: anchor.path.clone(), line, column: anchor.column, text: lines.line(line, text).trim().to_owned() })
}

fn is_anchor(facts: &Facts, d: &compass_facts::Definition) -> bool {
    !d.name_span.is_empty() && !facts.name(d.name).is_empty() && !d.flags.has(Flags::LOCAL) && !matches!(d.kind, Kind::Parameter | Kind::TypeParameter)
}

fn names_of(facts: &Facts, def: DefId) -> Vec<String> {
    facts.container_path(def).into_iter().chain([facts.def_name(def)]).map(str::to_owned).collect()
}

/// Definitions of those names and that kind, in order.
fn same<'f>(facts: &'f Facts, names: &'f [String], kind: Kind) -> impl Iterator<Item = DefId> + 'f {
    let all = (0..facts.definitions.len()).map(|i| DefId(i as u32));
    all.filter(move |d| facts.def(*d).kind == kind && names.last().is_some_and(|n| n == facts.def_name(*d)) && names_of(facts, *d) == *names)
}
