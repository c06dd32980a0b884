//! Chains: callers above a symbol and callees below it, or the ways between two symbols as cross-sections.

use crate::page::Spot;
use crate::{Failure, ways};
use compass_index::Certainty;
use compass_trace::chains::{ChainNode, Direction, Section};
use compass_trace::question::{Form, Place, Question, Subject, What};
use compass_trace::{Answer, Context, Engine, plural};

/// A row of the growing list.
#[derive(Debug, Clone, PartialEq)]
pub struct ChainRow {
    /// Below 0 for callers, 0 for the symbol itself, above 0 for callees.
    pub level: i32,
    /// Where to go.
    pub spot: Spot,
    /// The symbol at the far end.
    pub name: String,
    /// Its kind, or the kind of crossing.
    pub kind: String,
    /// The line of code.
    pub code: String,
    /// Certainty's mark.
    pub mark: char,
    /// Does it cross?
    pub crossing: Option<String>,
    /// The symbol's own rows stand elsewhere in the list.
    pub met_before: bool,
    /// Further places that join the same two.
    pub others: u32,
    /// The layer of the place.
    pub layer: String,
}

/// The list of one symbol.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct Grown {
    /// The symbol.
    pub name: String,
    /// Where it was asked for.
    pub spot: Spot,
    /// Levels upwards and downwards.
    pub depth: u32,
    /// Callers, then the symbol, then callees.
    pub rows: Vec<ChainRow>,
    /// Counts and bounds, in words.
    pub note: String,
}

/// What is shown.
#[derive(Debug, Clone, PartialEq)]
pub enum Shown {
    /// Callers and callees.
    Grown(Box<Grown>),
    /// The ways of a question.
    Ways {
        /// The question.
        question: String,
        /// Each way.
        sections: Vec<Section>,
        /// All there are.
        total: u64,
        /// Notes and bounds, in words.
        note: String,
        /// The one shown.
        current: usize,
    },
}

fn subject(spot: &Spot) -> Subject {
    Subject { what: What::Place(Place { path: spot.path.clone(), line: spot.line, column: Some(spot.column) }), defined_in: None }
}

/// Callers and callees of the name at a place.
pub(crate) fn grow(engine: &Engine, spot: &Spot, depth: u32, context: &Context) -> Result<Shown, Failure> {
    let index = engine.index();
    let mut symbols = engine.symbols_of(&subject(spot))?;
    if symbols.is_empty() {
        // Not on a name: the function around is meant.
        let file = index.find_path(&spot.path).ok_or_else(|| Failure::UnknownFile(spot.path.clone()))?;
        let facts = index.facts(file)?;
        let source = index.source(file)?;
        let at = source.source.lines.offset(spot.line, spot.column).unwrap_or(0);
        let def = facts.facts.find_enclosing(at).ok_or(Failure::NoFunction)?;
        symbols.push(compass_index::SymbolId { file, number: facts.number(def) });
    }
    let start = engine.symbol_answer(symbols[0])?;
    let up = engine.chain(&symbols[..1], Direction::Up, depth, context)?;
    let down = engine.chain(&symbols[..1], Direction::Down, depth, context)?;
    let mut rows = Vec::new();
    for n in ordered(&up.nodes).into_iter().rev() {
        rows.push(row(engine, &up.nodes[n], Direction::Up)?);
    }
    let place = Spot { path: start.path.clone(), line: start.line, column: start.column };
    let name = start.name.clone().unwrap_or_default();
    rows.push(ChainRow {
        level: 0,
        spot: place,
        name: name.clone(),
        kind: start.kind_word().unwrap_or_default().to_owned(),
        code: start.text.clone().unwrap_or_default().trim().to_owned(),
        mark: ' ',
        crossing: None,
        met_before: false,
        others: 0,
        layer: layer(engine, &start),
    });
    for n in ordered(&down.nodes) {
        rows.push(row(engine, &down.nodes[n], Direction::Down)?);
    }
    let mut note = format!("{} · {}", plural(up.nodes.len() as u64, "caller"), plural(down.nodes.len() as u64, "callee"));
    if up.cycles + down.cycles > 0 {
        note += &format!(" · {} recursive", up.cycles + down.cycles);
    }
    if down.unknown > 0 {
        note += &format!(" · {} calls without a known target", down.unknown);
    }
    if up.cut || down.cut {
        note += " · cut: there is more";
    }
    Ok(Shown::Grown(Box::new(Grown { name, spot: spot.clone(), depth, rows, note })))
}

/// Rows below the row they hang on.
fn ordered(nodes: &[ChainNode]) -> Vec<usize> {
    let mut children: Vec<Vec<usize>> = vec![Vec::new(); nodes.len()];
    let mut open: Vec<usize> = Vec::new();
    for (n, node) in nodes.iter().enumerate() {
        match node.parent {
            Some(p) => children[p].push(n),
            None => open.push(n),
        }
    }
    open.reverse();
    let mut out = Vec::with_capacity(nodes.len());
    while let Some(n) = open.pop() {
        out.push(n);
        open.extend(children[n].iter().rev());
    }
    out
}

fn row(engine: &Engine, node: &ChainNode, direction: Direction) -> Result<ChainRow, Failure> {
    let answer = engine.node_answer(node)?;
    let far = engine.symbol_answer(node.symbol)?;
    let level = node.level as i32;
    Ok(ChainRow {
        level: if direction == Direction::Up { -level } else { level },
        spot: Spot { path: answer.path.clone(), line: answer.line, column: answer.column },
        name: far.name.clone().unwrap_or_default(),
        kind: answer.crossing_word().or(far.kind_word()).unwrap_or_default().to_owned(),
        code: answer.text.clone().unwrap_or_default().trim().to_owned(),
        mark: answer.certainty.map_or(' ', Certainty::mark),
        crossing: answer.crossing.is_some().then(|| answer.name.clone().unwrap_or_default()),
        met_before: node.met_before,
        others: node.others,
        layer: layer(engine, &answer),
    })
}

fn layer(engine: &Engine, answer: &Answer) -> String {
    answer.file.and_then(|f| engine.index().layer(f)).map_or(String::new(), |l| l.1.to_owned())
}

/// The ways of `how does … reach …`.
pub(crate) fn ways(engine: &Engine, question: &str, context: &Context) -> Result<Shown, Failure> {
    let (parsed, notes) = compass_trace::question::parse(question)?;
    let found = ways::find(engine, &parsed, context)?;
    let mut note: Vec<String> = notes;
    note.extend(found.notes);
    Ok(Shown::Ways { question: question.to_owned(), sections: found.sections, total: found.total, note: note.join(" · "), current: 0 })
}

/// Is that a question after ways?
pub fn asks_for_ways(question: &str) -> bool {
    matches!(compass_trace::question::parse(question), Ok((Question { form: Form::HowReach { .. }, .. }, _)))
}
