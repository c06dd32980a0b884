//! The ways from one symbol to another.
//!
//! # How it works
//! Breadth first from both ends until the two sides meet ([`super::search`]); then all shortest ways are read off from the starts downwards.
//! Guesses are left out first, and taken in only when nothing surer leads there. To anything of a kind the search goes downwards only.

use super::edges::{Edge, Join, Things};
use super::search::{Between, Bounds, Reached};
use crate::answer::known;
use crate::{AnswerError, Context, Engine};
use compass_facts::Kind;
use compass_index::{Certainty, CrossingKind, SymbolId};
use rustc_hash::FxHashSet;
use std::time::{Duration, Instant};

/// So many ways are listed; all are counted up to [`MAX_COUNTED`].
const MAX_WAYS: usize = 50;
const MAX_COUNTED: u64 = 10_000;
/// So many symbols are looked at before the search gives up.
const MAX_SYMBOLS: usize = 200_000;
/// Without another limit a search ends after this long: a reader waits no longer.
const TIME_LIMIT: Duration = Duration::from_millis(800);

/// One way.
#[derive(Debug, Clone, PartialEq)]
pub struct Way {
    /// Its edges, from the start to the end.
    pub edges: Vec<Edge>,
}

impl Way {
    /// The weakest of its edges.
    pub fn certainty(&self) -> Option<Certainty> {
        self.edges.iter().map(|e| e.certainty).min()
    }

    /// Crossings on it.
    pub fn crossings(&self) -> usize {
        self.edges.iter().filter(|e| matches!(e.join, Join::Crossing(..))).count()
    }
}

/// What a search gives.
#[derive(Debug, Clone, Default)]
pub struct Ways {
    /// Ways, shortest and surest first.
    pub ways: Vec<Way>,
    /// All there are.
    pub total: u64,
    /// A bound was met before the search was done.
    pub cut: bool,
    /// Guesses were needed.
    pub guessed: bool,
    /// Calls on the ways that were looked at whose target is not known.
    pub unlinked: u64,
    /// Calls there of what variables and fields hold, where more may be put than is known.
    pub held: u64,
    /// Calls there of what a package defines that is not here.
    pub absent: u64,
    /// What the starts were seen to lead to.
    pub near_starts: Reached,
    /// What was seen to lead to the ends.
    pub near_ends: Reached,
}

impl Engine {
    /// The shortest ways from any start to any end; with `longest`, all ways of at most so many steps.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn ways(&self, starts: &[SymbolId], ends: &[SymbolId], longest: Option<u32>, context: &Context) -> Result<Ways, AnswerError> {
        let starts = &self.with_insides(starts)?;
        let limit = Instant::now() + context.time_limit.unwrap_or(TIME_LIMIT);
        let sure = self.ways_of(starts, ends, longest, &Bounds { least: Certainty::Inferred, explains: false, limit, context })?;
        if !sure.ways.is_empty() || sure.cut {
            return Ok(sure);
        }
        let guessed = self.ways_of(starts, ends, longest, &Bounds { least: Certainty::Guessed, explains: true, limit, context })?;
        Ok(Ways { guessed: !guessed.ways.is_empty(), ..guessed })
    }

    fn ways_of(&self, starts: &[SymbolId], ends: &[SymbolId], longest: Option<u32>, bounds: &Bounds) -> Result<Ways, AnswerError> {
        let search = self.search_from_both_ends(starts, ends, longest, bounds)?;
        let mut out = Ways { cut: search.cut, unlinked: search.unlinked, held: search.held, absent: search.absent, ..Ways::default() };
        let next = search.between();
        let targets: FxHashSet<SymbolId> = ends.iter().copied().collect();
        // A side that ended early has all its edges: ways in circles may be longer than what was searched.
        let longest_walk = longest.unwrap_or_else(|| search.steps().max(1));
        let mut walk = Walk { next: &next, targets: &targets, longest: longest_walk, path: Vec::new(), on_path: FxHashSet::default(), out: &mut out, work: 0 };
        for start in starts.iter().filter(|s| !targets.contains(s)) {
            walk.from(*start);
        }
        (out.near_starts, out.near_ends) = search.nearness();
        out.ways.sort_by_key(|w| (w.edges.len(), std::cmp::Reverse(w.certainty())));
        if longest.is_none()
            && let Some(shortest) = out.ways.first().map(|w| w.edges.len())
        {
            let listed = out.ways.len();
            out.ways.retain(|w| w.edges.len() == shortest);
            out.total -= (listed - out.ways.len()) as u64;
        }
        Ok(out)
    }
}

/// The surest edge between each two symbols.
pub(super) fn best_edges(edges: Vec<Edge>, least: Certainty) -> Vec<Edge> {
    let mut out: Vec<Edge> = Vec::new();
    for edge in edges.into_iter().filter(|e| e.certainty >= least && e.from != e.to) {
        match out.iter_mut().find(|e| e.from == edge.from && e.to == edge.to) {
            Some(known) if edge.certainty > known.certainty => *known = edge,
            Some(_) => {}
            None => out.push(edge),
        }
    }
    out
}

/// Kinds that a way may end at: those of symbols, and those of crossings.
pub fn goals() -> impl Iterator<Item = &'static str> {
    let kinds = Kind::ALL.iter().map(|k| k.word());
    kinds.chain(CrossingKind::ALL.iter().map(|k| k.word())).chain(["route"])
}

/// What ends a way.
enum End {
    Kind(Kind),
    Crossing(CrossingKind),
}

impl End {
    /// What a word means.
    fn of(word: &str) -> Result<End, AnswerError> {
        let word = known(word, "kind", goals())?;
        let crossing = if word == "route" { Some(CrossingKind::Http) } else { CrossingKind::ALL.into_iter().find(|k| k.word() == word) };
        let kind = Kind::ALL.into_iter().find(|k| k.word() == word).map(End::Kind);
        // A word that both have means the symbol.
        Ok(kind.or(crossing.map(End::Crossing)).unwrap_or(End::Kind(Kind::Table)))
    }
}

impl Engine {
    /// The shortest ways from any start to anything of a kind; with `longest`, all ways of at most so many steps to what is met on them first.
    ///
    /// # Errors
    /// A kind that there is not, those of the index, and [`AnswerError::Cancelled`].
    pub fn ways_to_any(&self, starts: &[SymbolId], kind: &str, longest: Option<u32>, context: &Context) -> Result<Ways, AnswerError> {
        let end = End::of(kind)?;
        let starts = self.with_insides(starts)?;
        let limit = Instant::now() + context.time_limit.unwrap_or(TIME_LIMIT);
        let mut seen: FxHashSet<SymbolId> = starts.iter().copied().collect();
        let mut next = Between::default();
        let mut targets: FxHashSet<SymbolId> = FxHashSet::default();
        let mut level = starts.clone();
        let mut out = Ways::default();
        let mut steps = 0;
        while !level.is_empty() && longest.map_or(targets.is_empty(), |l| steps < l) && steps < DEEPEST {
            steps += 1;
            let mut further = Vec::new();
            for symbol in level {
                if context.cancel.is_cancelled() {
                    return Err(AnswerError::Cancelled);
                }
                if Instant::now() > limit || seen.len() > MAX_SYMBOLS {
                    out.cut = true;
                    further.clear();
                    break;
                }
                let leading = self.edges_out(symbol, Things::LeftOut)?;
                out.unlinked += leading.unlinked;
                out.held += leading.held;
                out.absent += leading.absent;
                for edge in best_edges(leading.edges, Certainty::Inferred) {
                    let ends = match (&end, edge.join) {
                        (End::Crossing(kind), Join::Crossing(of, _)) => *kind == of,
                        (End::Kind(kind), _) => self.index.definition(edge.to)?.is_some_and(|(f, d)| f.facts.def(d).kind == *kind),
                        _ => false,
                    };
                    if ends {
                        targets.insert(edge.to);
                    } else if seen.insert(edge.to) {
                        further.push(edge.to);
                    }
                    next.entry(symbol).or_default().push((edge, 0));
                }
            }
            if out.cut {
                break;
            }
            level = further;
        }
        let longest_walk = longest.unwrap_or(steps.max(1));
        let mut walk = Walk { next: &next, targets: &targets, longest: longest_walk, path: Vec::new(), on_path: FxHashSet::default(), out: &mut out, work: 0 };
        for start in starts.iter().filter(|s| !targets.contains(s)) {
            walk.from(*start);
        }
        out.ways.sort_by_key(|w| (w.edges.len(), std::cmp::Reverse(w.certainty())));
        out.total = out.total.max(out.ways.len() as u64);
        Ok(out)
    }
}

/// Where nothing of the kind is met, the search ends after so many steps.
const DEEPEST: u32 = 40;

struct Walk<'w> {
    next: &'w Between,
    targets: &'w FxHashSet<SymbolId>,
    longest: u32,
    path: Vec<Edge>,
    on_path: FxHashSet<SymbolId>,
    out: &'w mut Ways,
    work: u64,
}

impl Walk<'_> {
    fn from(&mut self, symbol: SymbolId) {
        self.work += 1;
        if self.work > 2_000_000 || self.out.total >= MAX_COUNTED {
            self.out.cut = true;
            return;
        }
        if self.targets.contains(&symbol) {
            self.out.total += 1;
            if self.out.ways.len() < MAX_WAYS {
                self.out.ways.push(Way { edges: self.path.clone() });
            }
            return;
        }
        if self.path.len() as u32 >= self.longest || !self.on_path.insert(symbol) {
            return;
        }
        let edges = self.next.get(&symbol).map_or(&[][..], |e| e);
        for (edge, left) in edges {
            if self.path.len() as u32 + 1 + left > self.longest {
                // They are sorted by what is left.
                break;
            }
            self.path.push(*edge);
            self.from(edge.to);
            self.path.pop();
        }
        self.on_path.remove(&symbol);
    }
}
