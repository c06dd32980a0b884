//! Why no way was found: what is known from either side, and what is missing between; and what may hide further ways.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use crate::chains::{Reached, Ways};
use crate::question::{Goal, Subject};
use compass_facts::UseId;
use compass_index::{Cause, Certainty, FileId, SymbolId};
use rustc_hash::FxHashSet;
use std::collections::BTreeSet;

/// From so many symbols near the end it is asked what could lead to them.
const MOST_NEAR: usize = 500;
/// And where ways were found.
const MOST_BESIDE: usize = 100;
/// So many calls are named that may close the gap.
const MOST_NAMED: usize = 3;

/// Said where no way was found, beside that.
pub(crate) const NOT_FOLLOWED: &str = "calls without a known target are not followed";

/// Why no way was found.
#[derive(Debug, Default)]
pub struct NoWay {
    /// For a reader.
    pub notes: Vec<String>,
    /// What may hide a way, by cause.
    pub missing: Vec<(String, u64)>,
}

impl Engine {
    /// What is known where a search found nothing.
    ///
    /// # Errors
    /// Those of the index.
    pub fn why_no_way(&self, ways: &Ways, from: &Subject, to: &Goal) -> Result<NoWay, AnswerError> {
        let (starts, ends) = (&ways.near_starts, &ways.near_ends);
        let mut out = NoWay::default();
        out.notes.push(format!("{}; {}", self.side(&format!("{from} leads to"), starts)?, self.side(&format!("{to} is reached from"), ends)?));
        if ways.cut {
            // The search ended for lack of time; the reason shall not take more of it.
            return Ok(out);
        }
        let mut found = Found::default();
        let between = self.unlinked_between(ways, &mut found)?;
        // What is handed over as a value may come from code that nobody sees.
        found.miss(Cause::Dynamic.word(), ways.held);
        // Code that is not here may call what it was handed, or what is derived from its types.
        found.miss(Cause::UnitAbsent.word(), ways.absent);
        if !between.is_empty() {
            out.notes.push(format!("what may lead on between them: {}", between.join(", ")));
        }
        if !found.missing.is_empty() {
            out.notes.push(NOT_FOLLOWED.to_owned());
        }
        out.missing = found.missing.into_iter().map(|m| (m.cause, m.count)).collect();
        Ok(out)
    }

    /// Where ways were found: what may hide others that are as short.
    pub(super) fn miss_other_ways(&self, ways: &Ways, found: &mut Found) -> Result<(), AnswerError> {
        // Another way begins as these do and goes on over a call without a target, or comes over such a call to where these end.
        let guessed = ways.ways.iter().flat_map(|w| &w.edges).filter(|e| e.certainty == Certainty::Guessed).count() as u64;
        found.miss("no_target", ways.unlinked.max(guessed));
        found.miss(Cause::Dynamic.word(), ways.held);
        found.miss(Cause::UnitAbsent.word(), ways.absent);
        let mut near = ways.near_ends.symbols.clone();
        near.sort_unstable();
        found.miss(Cause::TooMany.word(), u64::from(near.len() > MOST_BESIDE));
        near.truncate(MOST_BESIDE);
        let names: Vec<String> = self.names_of(near.iter().copied())?.into_iter().collect();
        let namers = self.namers(near.into_iter())?;
        self.miss_run_time_names(&names, &namers, found);
        self.miss_unlinked(&names, &namers, found)
    }

    /// One side in words.
    fn side(&self, verb: &str, reached: &Reached) -> Result<String, AnswerError> {
        let others = reached.symbols.len().saturating_sub(1) as u64;
        let Some(last) = reached.last else {
            return Ok(format!("{verb} nothing else"));
        };
        let answer = self.symbol_answer(last)?;
        let more = if reached.all { "" } else { " at least" };
        let name = answer.name.unwrap_or_else(|| answer.path.clone());
        let symbols = crate::plural(others, "symbol");
        let steps = crate::plural(u64::from(reached.steps), "step");
        Ok(format!("{verb}{more} {symbols}, as far as {name} ({}:{}, {steps})", answer.path, answer.line))
    }

    /// Calls whose name leads to an end and whose target is not known; where all is known that the starts lead to, only those in it.
    fn unlinked_between(&self, ways: &Ways, found: &mut Found) -> Result<Vec<String>, AnswerError> {
        let (starts, ends) = (&ways.near_starts, &ways.near_ends);
        if !ends.all && starts.all {
            // Which names lead to the end is not known, so each call may.
            found.miss("no_target", ways.unlinked);
            return Ok(Vec::new());
        }
        let mut near = ends.symbols.clone();
        near.sort_unstable();
        let names: BTreeSet<String> = self.names_of(near.iter().take(MOST_NEAR).copied())?;
        let namers = self.namers(near.iter().take(MOST_NEAR).copied())?;
        let from: FxHashSet<SymbolId> = starts.symbols.iter().copied().collect();
        let files: Option<FxHashSet<FileId>> = starts.all.then(|| from.iter().map(|s| s.file).collect());
        let names: Vec<String> = names.into_iter().collect();
        self.miss_run_time_names(&names, &namers, found);
        self.miss_unlinked_in(&names, &namers, files.as_ref(), found)?;
        found.miss(Cause::TooMany.word(), u64::from(near.len() > MOST_NEAR));
        let files: BTreeSet<FileId> = from.iter().map(|s| s.file).collect();
        self.places_between(&names, &from, &files)
    }

    /// The first calls of these names without a target in symbols that the starts lead to.
    fn places_between(&self, names: &[String], from: &FxHashSet<SymbolId>, files: &BTreeSet<FileId>) -> Result<Vec<String>, AnswerError> {
        let mut out = Vec::new();
        for name in names {
            for entry in self.index.unlinked(name)?.into_iter().filter(|e| files.contains(&e.file) && e.cause.may_hide_use()) {
                let (facts, links) = (self.index.facts(entry.file)?, self.index.links(entry.file)?);
                for (n, u) in facts.facts.uses.iter().enumerate().filter(|(_, u)| u.role.is_call() && facts.facts.name(u.name) == name) {
                    let around = u.enclosing.map_or(SymbolId::module(entry.file), |d| SymbolId { file: entry.file, number: facts.number(d) });
                    if links.find(UseId(n as u32)).is_none() && from.contains(&around) {
                        let call = self.full(&Raw::usage(entry.file, &facts.facts, UseId(n as u32), None, None))?;
                        out.push(format!("{name} at {}:{}", call.path, call.line));
                        if out.len() == MOST_NAMED {
                            return Ok(out);
                        }
                    }
                }
            }
        }
        Ok(out)
    }
}
