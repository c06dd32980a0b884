//! `through N` and `how does … reach …`.

use super::no_way::NOT_FOLLOWED;
use super::rows::Raw;
use super::subject::Resolution;
use super::{About, Answer, AnswerError, Context, Engine, Found, Marks};
use crate::chains::{Chain, ChainNode, Direction, Edge, Join, Way};
use crate::question::{Depth, Goal, Subject};
use compass_facts::Kind;
use compass_index::{Cause, Certainty, SymbolId};

/// `through all` goes this far: beyond, a reader is lost and the machine busy.
const ALL: u32 = 64;

impl Engine {
    /// `who calls S through N`, `what does S call through N`.
    pub(super) fn through(&self, subjects: &[Subject], direction: Direction, depth: Depth, context: &Context) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        let mut starts = Vec::new();
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            starts.extend(symbols(&resolution));
        }
        let chain = self.chain(&starts, direction, levels(depth), context)?;
        self.say(&chain, &mut found);
        if direction == Direction::Up {
            self.miss_on_the_way(&starts, &chain, &mut found)?;
        }
        for node in &chain.nodes {
            let mut row = self.edge_row(&node.edge)?;
            row.level = Some(node.level);
            row.near = Some(if direction == Direction::Up { node.edge.to } else { node.edge.from });
            found.rows.push(row);
        }
        Ok(found)
    }

    fn say(&self, chain: &Chain, found: &mut Found) {
        if chain.cycles > 0 {
            found.notes.push(format!("{} of them lead back to a symbol on their own way", chain.cycles));
        }
        found.miss("no_target", chain.unknown);
        found.miss(Cause::Dynamic.word(), chain.held);
        found.miss("time_limit", u64::from(chain.cut));
    }

    /// What may lead up without being followed: uses of the names on the way that have no target, and functions that others have as values.
    fn miss_on_the_way(&self, starts: &[SymbolId], chain: &Chain, found: &mut Found) -> Result<(), AnswerError> {
        let by_value = chain.nodes.iter().filter(|n| matches!(n.edge.join, Join::Use(_)) && n.edge.certainty < Certainty::Proven).count();
        found.miss(Cause::Dynamic.word(), by_value as u64);
        let mut symbols = starts.to_vec();
        symbols.extend(chain.nodes.iter().map(|n| n.edge.from));
        symbols.sort_unstable();
        symbols.dedup();
        for symbol in &symbols {
            if let Some((facts, def)) = self.index.definition(*symbol)? {
                self.miss_unwritten_calls(*symbol, facts.facts.def_name(def), found)?;
                self.miss_calls_by_any_name(*symbol, found)?;
            }
        }
        self.miss_unlinked_of(symbols, found)
    }

    /// `how does A reach B`.
    pub(super) fn how_reach(&self, from: &Subject, goal: &Goal, depth: Option<Depth>, context: &Context) -> Result<(Found, Vec<Way>, u64), AnswerError> {
        let mut found = Found::default();
        let to = match goal {
            Goal::Subject(to) => to,
            Goal::Any(kind) => {
                self.note_subject(&self.resolve(from)?, &mut found);
                let ways = self.ways_to_any(&self.symbols_of(from)?, kind, depth.map(levels), context)?;
                if ways.ways.is_empty() {
                    found.notes.push(format!("no {kind} was reached; {NOT_FOLLOWED}"));
                }
                found.miss("no_target", ways.unlinked);
                found.miss(Cause::Dynamic.word(), ways.held);
                found.miss(Cause::UnitAbsent.word(), ways.absent);
                found.miss("time_limit", u64::from(ways.cut));
                return Ok((found, ways.ways, ways.total));
            }
        };
        let (a, b) = (self.resolve(from)?, self.resolve(to)?);
        self.note_subject(&a, &mut found);
        self.note_subject(&b, &mut found);
        let ways = self.ways(&self.symbols_of(from)?, &self.symbols_of(to)?, depth.map(levels), context)?;
        if ways.guessed {
            found.notes.push("only guesses lead there".to_owned());
        }
        if ways.ways.is_empty() && !a.symbols.is_empty() && !b.symbols.is_empty() {
            let reason = self.why_no_way(&ways, from, goal)?;
            found.notes.push("no way was found".to_owned());
            found.notes.extend(reason.notes);
            for (cause, count) in reason.missing {
                found.miss(&cause, count);
            }
        } else if !ways.cut {
            self.miss_other_ways(&ways, &mut found)?;
        }
        found.miss("time_limit", u64::from(ways.cut));
        Ok((found, ways.ways, ways.total))
    }

    /// The answer of a way: where it begins, and its steps.
    pub(crate) fn way_answer(&self, way: &Way) -> Result<Option<Answer>, AnswerError> {
        let (Some(first), Some(last)) = (way.edges.first(), way.edges.last()) else { return Ok(None) };
        let mut steps = Vec::new();
        for edge in &way.edges {
            let mut step = self.full(&self.edge_row(edge)?)?;
            step.via = Some(word_of(edge.join).to_owned());
            steps.push(step);
        }
        steps.push(self.symbol_answer(last.to)?);
        let mut answer = self.symbol_answer(first.from)?;
        answer.certainty = way.certainty();
        answer.steps = Some(steps);
        Ok(Some(answer))
    }

    /// The place of an edge as an answer.
    ///
    /// # Errors
    /// Those of the index.
    pub fn edge_answer(&self, edge: &Edge) -> Result<Answer, AnswerError> {
        self.full(&self.edge_row(edge)?)
    }

    /// All symbols a subject stands for, as in questions.
    ///
    /// # Errors
    /// Those of the index.
    pub fn symbols_of(&self, subject: &Subject) -> Result<Vec<SymbolId>, AnswerError> {
        let all = symbols(&self.resolve(subject)?);
        // Of several symbols of a name, those that hold code or rows are meant before fields and columns.
        let mut leading = Vec::new();
        for symbol in &all {
            let field = self
                .index
                .definition(*symbol)?
                .is_some_and(|(f, d)| matches!(f.facts.def(d).kind, Kind::Field | Kind::Column | Kind::Variable | Kind::Constant));
            if !field {
                leading.push(*symbol);
            }
        }
        Ok(if leading.is_empty() { all } else { leading })
    }

    /// A symbol as an answer.
    ///
    /// # Errors
    /// Those of the index.
    pub fn symbol_answer(&self, symbol: SymbolId) -> Result<Answer, AnswerError> {
        let row = match self.index.definition(symbol)? {
            Some((facts, def)) => Raw::definition(symbol, &facts, def),
            None => Raw::module(symbol.file),
        };
        self.full(&row)
    }

    /// The answer of a row of a chain.
    ///
    /// # Errors
    /// Those of the index.
    pub fn node_answer(&self, node: &ChainNode) -> Result<Answer, AnswerError> {
        let mut answer = self.full(&self.edge_row(&node.edge)?)?;
        answer.level = Some(node.level);
        answer.via = Some(word_of(node.edge.join).to_owned());
        Ok(answer)
    }

    /// Places of an edge as a row.
    pub(super) fn edge_row(&self, edge: &Edge) -> Result<Raw, AnswerError> {
        let facts = self.index.facts(edge.file)?;
        Ok(match edge.join {
            Join::Use(usage) => Raw::usage(edge.file, &facts.facts, usage, Some(edge.certainty), Some(edge.to)),
            Join::Crossing(_, number) => Raw::crossing(edge.file, number, edge),
            Join::Implements => {
                let def = facts.facts.find_definition_at(edge.at.start);
                let marks = Marks { kind: def.map(|d| facts.facts.def(d).kind), role: None, certainty: Some(edge.certainty), span: edge.at };
                let about = def.map_or(About::Line, About::Definition);
                Raw { about, marks, symbol: Some(edge.to), ..Raw::line(edge.file, edge.at) }
            }
        })
    }
}

/// How an edge joins, in a word.
pub(crate) fn word_of(join: Join) -> &'static str {
    match join {
        Join::Use(_) => "call",
        Join::Crossing(kind, _) => kind.word(),
        Join::Implements => "implements",
    }
}

fn symbols(resolution: &Resolution) -> Vec<SymbolId> {
    // At a place the first target is meant; a name stands for all its symbols.
    let most = if resolution.by_name { usize::MAX } else { 1 };
    resolution.symbols.iter().take(most).map(|r| r.symbol).collect()
}

pub(super) fn levels(depth: Depth) -> u32 {
    match depth {
        Depth::Levels(n) => n.min(ALL),
        Depth::All => ALL,
    }
}
