//! Callers and callees, level by level.

use super::edges::{Edge, Join, Things};
use crate::{AnswerError, Context, Engine};
use compass_facts::DefId;
use compass_index::{SymbolId, SymbolNo};
use rustc_hash::FxHashSet;
use std::time::Instant;

/// Up to callers, or down to callees.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Direction {
    /// What leads to the symbol.
    Up,
    /// What the symbol leads to.
    Down,
}

/// So many rows one chain may have; who needs more narrows.
const MAX_NODES: usize = 5_000;

/// Of a file so many definitions are gone from.
const MOST_INSIDE: usize = 5_000;

/// One row: a symbol reached over an edge.
#[derive(Debug, Clone)]
pub struct ChainNode {
    /// How far from the start, from 1.
    pub level: u32,
    /// The row it hangs on; none for the start itself.
    pub parent: Option<usize>,
    /// The edge.
    pub edge: Edge,
    /// The symbol at the far end.
    pub symbol: SymbolId,
    /// Further places that join the same two.
    pub others: u32,
    /// The symbol was met before: its own rows stand there.
    pub met_before: bool,
}

/// All rows of one direction, nearest level first.
#[derive(Debug, Clone, Default)]
pub struct Chain {
    /// Rows.
    pub nodes: Vec<ChainNode>,
    /// Symbols that lead back to ones on their own way.
    pub cycles: u64,
    /// Calls on the way without a known target.
    pub unknown: u64,
    /// Calls on the way of what variables and fields hold, where more may be put than is known.
    pub held: u64,
    /// A bound was met; there is more.
    pub cut: bool,
}

impl Engine {
    /// Files with what is defined in them: what a part of a page asks for, the page asks for.
    pub(super) fn with_insides(&self, symbols: &[SymbolId]) -> Result<Vec<SymbolId>, AnswerError> {
        let mut out = symbols.to_vec();
        for symbol in symbols.iter().filter(|s| s.number == SymbolNo::MODULE) {
            let facts = self.index.facts(symbol.file)?;
            let inside = facts.facts.definitions.iter().enumerate().filter(|(_, d)| !d.is_inner());
            out.extend(inside.take(MOST_INSIDE).map(|(i, _)| SymbolId { file: symbol.file, number: facts.number(DefId(i as u32)) }));
        }
        Ok(out)
    }

    /// Goes `depth` levels up or down from some symbols.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn chain(&self, starts: &[SymbolId], direction: Direction, depth: u32, context: &Context) -> Result<Chain, AnswerError> {
        let began = Instant::now();
        let starts = &if direction == Direction::Down { self.with_insides(starts)? } else { starts.to_vec() };
        let mut chain = Chain::default();
        let mut met: FxHashSet<SymbolId> = starts.iter().copied().collect();
        let mut level: Vec<(SymbolId, Option<usize>)> = starts.iter().map(|s| (*s, None)).collect();
        for number in 1..=depth {
            let mut next = Vec::new();
            for (symbol, parent) in level {
                if context.cancel.is_cancelled() {
                    return Err(AnswerError::Cancelled);
                }
                if chain.nodes.len() >= MAX_NODES || context.time_limit.is_some_and(|l| began.elapsed() > l) {
                    chain.cut = true;
                    return Ok(chain);
                }
                for (edge, others) in self.joined(symbol, direction, &mut chain)? {
                    let far = if direction == Direction::Up { edge.from } else { edge.to };
                    let known = !met.insert(far);
                    chain.cycles += u64::from(known && leads_back(&chain, parent, far, starts));
                    chain.nodes.push(ChainNode { level: number, parent, edge, symbol: far, others, met_before: known });
                    if !known && !far.is_module() {
                        next.push((far, Some(chain.nodes.len() - 1)));
                    }
                }
            }
            if next.is_empty() {
                break;
            }
            level = next;
        }
        Ok(chain)
    }

    /// Edges of one symbol, those between the same two made one: the surest, and how many more there are.
    fn joined(&self, symbol: SymbolId, direction: Direction, chain: &mut Chain) -> Result<Vec<(Edge, u32)>, AnswerError> {
        let edges = match direction {
            Direction::Up => self.edges_in(symbol)?,
            Direction::Down => {
                let out = self.edges_out(symbol, Things::LeftOut)?;
                chain.unknown += out.unlinked;
                chain.held += out.held;
                out.edges
            }
        };
        let mut out: Vec<(Edge, u32)> = Vec::new();
        for edge in edges {
            let kind = |e: &Edge| matches!(e.join, Join::Use(_));
            match out.iter_mut().find(|(e, _)| e.from == edge.from && e.to == edge.to && kind(e) == kind(&edge)) {
                Some((known, others)) => {
                    *others += 1;
                    if edge.certainty > known.certainty {
                        *known = edge;
                    }
                }
                None => out.push((edge, 0)),
            }
        }
        Ok(out)
    }
}

/// Does the symbol stand on the way from the start to this row?
fn leads_back(chain: &Chain, mut at: Option<usize>, symbol: SymbolId, starts: &[SymbolId]) -> bool {
    if starts.contains(&symbol) {
        return true;
    }
    while let Some(n) = at {
        if chain.nodes[n].symbol == symbol {
            return true;
        }
        at = chain.nodes[n].parent;
    }
    false
}
