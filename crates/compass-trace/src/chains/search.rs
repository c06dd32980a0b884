//! The search for ways, from both ends at once.
//!
//! # How it works
//! Breadth first from the starts downwards and from the ends upwards, always a whole level on the side where fewer symbols wait: two small
//! circles that meet hold far fewer symbols than one large one (bidirectional breadth-first search, I. Pohl, "Bi-directional search", 1971).
//! Levels are taken whole, so that all shortest ways lie between: of each edge on a way either the beginning was unfolded downwards or
//! the end upwards.

use super::edges::{Edge, EdgesOut, Things};
use super::ways::best_edges;
use crate::answer::side_by_side;
use crate::{AnswerError, Context, Engine};
use compass_index::{Certainty, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::time::{Duration, Instant};

/// So many symbols are looked at before the search gives up.
const MAX_SYMBOLS: usize = 200_000;
/// So many symbols are asked at once what leads to them; between, the clock is looked at.
const AT_ONCE: usize = 32;
/// As many downwards: there each may need files of its own, and a call of a field all that is put into it.
const AT_ONCE_DOWN: usize = 8;
/// Where there is no way, the other side is followed so much longer: what it reaches says why.
const FOR_THE_REASON: Duration = Duration::from_millis(150);

/// What bounds a search.
pub(super) struct Bounds<'c> {
    pub least: Certainty,
    /// Where there is no way, look why: nobody searches after this.
    pub explains: bool,
    pub limit: Instant,
    pub context: &'c Context,
}

/// What was found from one end.
#[derive(Default)]
struct Side {
    /// Steps from the end.
    distance: FxHashMap<SymbolId, u32>,
    /// Symbols that were not unfolded yet.
    level: Vec<SymbolId>,
    edges: Vec<Edge>,
    steps: u32,
}

impl Side {
    fn new(ends: &[SymbolId]) -> Side {
        Side { distance: ends.iter().map(|e| (*e, 0)).collect(), level: ends.to_vec(), ..Side::default() }
    }

    fn is_closed(&self) -> bool {
        self.level.is_empty()
    }

    fn reached(&self) -> Reached {
        let steps = self.distance.values().copied().max().unwrap_or(0);
        let last = self.distance.iter().filter(|(_, d)| **d == steps && steps > 0).map(|(s, _)| *s).min();
        Reached { symbols: self.distance.keys().copied().collect(), all: self.is_closed(), steps, last }
    }
}

#[derive(Clone, Copy, PartialEq, Eq)]
enum Toward {
    Starts,
    Ends,
}

/// What both sides found.
pub(super) struct Search {
    down: Side,
    up: Side,
    /// A bound was met before the search was done.
    pub cut: bool,
    /// Calls without a target in what was unfolded downwards.
    pub unlinked: u64,
    /// Calls there of what variables and fields hold.
    pub held: u64,
    /// Calls there of what is not here.
    pub absent: u64,
}

/// Edges by their beginning, each with the steps that are left from its end.
pub(super) type Between = FxHashMap<SymbolId, Vec<(Edge, u32)>>;

impl Search {
    /// Steps that were taken from both ends together.
    pub fn steps(&self) -> u32 {
        self.down.steps + self.up.steps
    }

    /// Edges that lie on some way to an end, the surest first.
    pub fn between(&self) -> Between {
        let mut into: FxHashMap<SymbolId, Vec<&Edge>> = FxHashMap::default();
        for edge in self.down.edges.iter().chain(&self.up.edges) {
            into.entry(edge.to).or_default().push(edge);
        }
        let mut level: Vec<SymbolId> = self.up.distance.iter().filter(|(_, d)| **d == 0).map(|(s, _)| *s).collect();
        level.sort_unstable();
        let mut left: FxHashSet<SymbolId> = level.iter().copied().collect();
        let mut out = Between::default();
        let mut steps = 0;
        while !level.is_empty() {
            let mut further = Vec::new();
            for symbol in level {
                for edge in into.get(&symbol).into_iter().flatten() {
                    let known = out.entry(edge.from).or_default();
                    match known.iter_mut().find(|(e, _)| e.to == edge.to) {
                        Some((e, _)) if edge.certainty > e.certainty => *e = **edge,
                        Some(_) => {}
                        None => known.push((**edge, steps)),
                    }
                    if left.insert(edge.from) {
                        further.push(edge.from);
                    }
                }
            }
            steps += 1;
            level = further;
        }
        for edges in out.values_mut() {
            edges.sort_by_key(|(e, left)| (*left, e.at, e.to));
        }
        out
    }

    /// What the starts lead to and what leads to the ends, as far as it is known.
    pub fn nearness(&self) -> (Reached, Reached) {
        (self.down.reached(), self.up.reached())
    }
}

/// What is reached from an end.
#[derive(Debug, Clone, Default)]
pub struct Reached {
    /// In no order, the end included.
    pub symbols: Vec<SymbolId>,
    /// These are all.
    pub all: bool,
    /// Steps to the farthest.
    pub steps: u32,
    /// One of the farthest, other than the end.
    pub last: Option<SymbolId>,
}

impl Engine {
    /// Searches until the shortest ways are found, or all of at most `longest` steps.
    pub(super) fn search_from_both_ends(&self, starts: &[SymbolId], ends: &[SymbolId], longest: Option<u32>, bounds: &Bounds) -> Result<Search, AnswerError> {
        let mut search = Search { down: Side::new(starts), up: Side::new(ends), cut: false, unlinked: 0, held: 0, absent: 0 };
        let mut met = ends.iter().any(|e| search.down.distance.contains_key(e));
        while !longest.map_or(met, |l| search.steps() >= l) && !search.down.is_closed() && !search.up.is_closed() {
            // What only an end may be, a column for one, is not listed downwards: the first step is one from the ends.
            let up = search.up.steps == 0 || search.up.level.len() <= search.down.level.len();
            let toward = if up { Toward::Starts } else { Toward::Ends };
            match self.unfold(&mut search, toward, bounds)? {
                Some(meets) => met |= meets,
                None => {
                    search.cut = true;
                    return Ok(search);
                }
            }
        }
        if !met && longest.is_none() && bounds.explains {
            self.look_for_the_reason(&mut search, bounds)?;
        }
        Ok(search)
    }

    /// Where one side is closed and does not hold the other, the other one is followed for a while.
    fn look_for_the_reason(&self, search: &mut Search, bounds: &Bounds) -> Result<(), AnswerError> {
        let limit = bounds.limit.min(Instant::now() + FOR_THE_REASON);
        let bounds = Bounds { limit, ..*bounds };
        for toward in [Toward::Starts, Toward::Ends] {
            loop {
                let side = if toward == Toward::Starts { &search.up } else { &search.down };
                if side.is_closed() || self.unfold(search, toward, &bounds)?.is_none() {
                    break;
                }
            }
        }
        Ok(())
    }

    /// One more level on one side: whether it meets the other; nothing where a bound was met.
    fn unfold(&self, search: &mut Search, toward: Toward, bounds: &Bounds) -> Result<Option<bool>, AnswerError> {
        let Search { down, up, unlinked, held, absent, .. } = search;
        let (side, other) = if toward == Toward::Starts { (up, &*down) } else { (down, &*up) };
        let mut further = Vec::new();
        let mut meets = false;
        for symbols in side.level.chunks(if toward == Toward::Starts { AT_ONCE } else { AT_ONCE_DOWN }) {
            if bounds.context.cancel.is_cancelled() {
                return Err(AnswerError::Cancelled);
            }
            if Instant::now() > bounds.limit || side.distance.len() > MAX_SYMBOLS {
                return Ok(None);
            }
            let edges = side_by_side::each_alone(symbols, &|symbol| {
                let mut out = match toward {
                    Toward::Starts => EdgesOut { edges: self.edges_in(*symbol)?, ..EdgesOut::default() },
                    Toward::Ends => self.edges_out(*symbol, Things::ThatLeadOn)?,
                };
                out.edges = best_edges(out.edges, bounds.least);
                Ok::<_, AnswerError>(out)
            })?;
            for out in edges {
                *unlinked += out.unlinked;
                *held += out.held;
                *absent += out.absent;
                for edge in out.edges {
                    let reached = if toward == Toward::Starts { edge.from } else { edge.to };
                    side.edges.push(edge);
                    if let std::collections::hash_map::Entry::Vacant(place) = side.distance.entry(reached) {
                        place.insert(side.steps + 1);
                        meets |= other.distance.contains_key(&reached);
                        further.push(reached);
                    }
                }
            }
        }
        side.steps += 1;
        side.level = further;
        Ok(Some(meets))
    }
}
