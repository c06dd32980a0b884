//! `through N` for all relations but calls.
//!
//! # How it works
//! What is derived, included, imported or defined goes on from what was found: level by level, each symbol once. Who writes or reads
//! something is reached by those who call the functions that do; what a function uses, reads or writes it does by the functions it
//! calls, too: there the first level is the relation, and the others follow calls. Overriding members and tests are found all the way
//! in any case.

use super::rows::Raw;
use super::{About, AnswerError, Context, Engine, Found};
use crate::chains::Direction;
use crate::question::{Depth, Does, Subject, What, WhoDoes};
use compass_index::SymbolId;
use rustc_hash::FxHashSet;

/// So many rows may come of it; who needs more narrows.
const MOST_ROWS: usize = 5_000;

/// What one symbol gives: rows, and where each of them leads on.
type Step = Vec<(Raw, Option<SymbolId>)>;

impl Engine {
    /// `who extends S through N`, and its sisters.
    pub(super) fn who_through(&self, does: WhoDoes, subjects: &[Subject], depth: Depth, context: &Context) -> Result<Found, AnswerError> {
        let levels = super::chained::levels(depth);
        match does {
            WhoDoes::Calls => self.through(subjects, Direction::Up, depth, context),
            WhoDoes::Writes | WhoDoes::Reads => self.reached_by_calls(self.who(does, subjects, false, None)?, levels, context),
            WhoDoes::Tests => {
                let mut found = self.who_tests(subjects, context)?;
                found.rows.retain(|r| r.level.is_none_or(|l| l <= levels));
                Ok(found)
            }
            WhoDoes::Overrides => self.all_the_way(self.overrides(subjects, false)?),
            WhoDoes::Includes | WhoDoes::Imports => {
                let mut found = self.who(does, subjects, false, None)?;
                let first = importers(std::mem::take(&mut found.rows));
                let next = |symbol: SymbolId| {
                    let mut part = Found::default();
                    self.add_importers(symbol.file, &mut part)?;
                    Ok(importers(part.rows))
                };
                self.level_by_level(found, self.starts(subjects)?, first, levels, &next, context)
            }
            WhoDoes::Extends | WhoDoes::Implements => {
                let mut found = self.who(does, subjects, false, None)?;
                let first = definitions(std::mem::take(&mut found.rows));
                let next = |symbol: SymbolId| {
                    // What overrides a member is followed all the way at once.
                    let is_member = self.index.definition(symbol)?.is_some_and(|(f, d)| f.facts.def(d).kind.is_callable());
                    Ok(if is_member { Step::new() } else { definitions(self.derived_rows(symbol)?) })
                };
                self.level_by_level(found, self.starts(subjects)?, first, levels, &next, context)
            }
        }
    }

    /// `what does S include through N`, and its sisters.
    pub(super) fn what_through(&self, subject: &Subject, does: Does, depth: Depth, context: &Context) -> Result<Found, AnswerError> {
        let levels = super::chained::levels(depth);
        let subjects = std::slice::from_ref(subject);
        let next: &dyn Fn(SymbolId) -> Result<Step, AnswerError> = match does {
            Does::Call => return self.through(subjects, Direction::Down, depth, context),
            Does::Override => return self.all_the_way(self.overrides(subjects, true)?),
            Does::Use | Does::Read | Does::Write => return self.done_by_calls(subject, does, levels, context),
            Does::Include | Does::Import => &|symbol| Ok(modules(self.imports_of(symbol.file)?.rows)),
            Does::Extend | Does::Implement => &|symbol| {
                let mut part = Found::default();
                self.add_bases(symbol, &mut part)?;
                Ok(definitions(part.rows))
            },
            Does::Define => &|symbol| {
                let mut part = Found::default();
                self.add_definitions(symbol, &mut part)?;
                Ok(definitions(part.rows))
            },
        };
        let mut found = self.what_does(subject, does)?;
        let rows = std::mem::take(&mut found.rows);
        let first = if matches!(does, Does::Include | Does::Import) { modules(rows) } else { definitions(rows) };
        self.level_by_level(found, self.starts(subjects)?, first, levels, next, context)
    }

    fn starts(&self, subjects: &[Subject]) -> Result<Vec<SymbolId>, AnswerError> {
        let mut out = Vec::new();
        for subject in subjects {
            let file = match &subject.what {
                What::Name { text, .. } => self.find_file(text),
                What::Place(_) => None,
            };
            out.extend(file.map(SymbolId::module));
            out.extend(self.resolve(subject)?.symbols.iter().map(|r| r.symbol));
        }
        Ok(out)
    }

    /// Goes on from rows to rows; a symbol that was met before is a row once more, and leads no further.
    fn level_by_level(
        &self,
        mut found: Found,
        starts: Vec<SymbolId>,
        first: Step,
        levels: u32,
        next: &dyn Fn(SymbolId) -> Result<Step, AnswerError>,
        context: &Context,
    ) -> Result<Found, AnswerError> {
        let mut met: FxHashSet<SymbolId> = starts.iter().copied().collect();
        let mut circles = 0u64;
        let mut level = vec![(None, first)];
        for number in 1..=levels {
            let mut reached = Vec::new();
            for (near, step) in level {
                for (row, to) in step {
                    if found.rows.len() >= MOST_ROWS {
                        return Ok(cut(found));
                    }
                    circles += u64::from(to.is_some_and(|t| starts.contains(&t)));
                    found.rows.push(Raw { level: Some(number), near, ..row });
                    reached.extend(to.filter(|t| met.insert(*t)));
                }
            }
            if number == levels || reached.is_empty() {
                break;
            }
            level = Vec::with_capacity(reached.len());
            for symbol in reached {
                if context.cancel.is_cancelled() {
                    return Err(AnswerError::Cancelled);
                }
                level.push((Some(symbol), next(symbol)?));
            }
        }
        if circles > 0 {
            found.notes.push(format!("{circles} of them lead back to where they began"));
        }
        Ok(found)
    }

    /// The functions the rows stand in are called by others, and those by others.
    fn reached_by_calls(&self, mut found: Found, levels: u32, context: &Context) -> Result<Found, AnswerError> {
        let mut starts = Vec::new();
        for row in &mut found.rows {
            row.level = Some(1);
            starts.extend(self.standing_in(row)?.filter(|s| !s.is_module()));
        }
        starts.sort_unstable();
        starts.dedup();
        if levels > 1 {
            let chain = self.chain(&starts, Direction::Up, levels - 1, context)?;
            self.add_calls(&chain, &mut found)?;
        }
        Ok(found)
    }

    /// What a function does by the functions it calls.
    fn done_by_calls(&self, subject: &Subject, does: Does, levels: u32, context: &Context) -> Result<Found, AnswerError> {
        let mut found = self.what_does(subject, does)?;
        found.rows.iter_mut().for_each(|r| r.level = Some(1));
        if levels == 1 {
            return Ok(found);
        }
        let chain = self.chain(&self.starts(std::slice::from_ref(subject))?, Direction::Down, levels - 1, context)?;
        for node in chain.nodes.iter().filter(|n| !n.met_before && !n.symbol.is_module()) {
            let mut part = Found::default();
            self.add_used(node.symbol, super::relations::roles_of(does), &mut part)?;
            found.rows.extend(part.rows.into_iter().map(|r| Raw { level: Some(node.level + 1), near: Some(node.symbol), ..r }));
            part.missing.iter().for_each(|m| found.miss(&m.cause, m.count));
            if found.rows.len() >= MOST_ROWS {
                found = cut(found);
                break;
            }
        }
        found.miss("no_target", chain.unknown);
        Ok(found)
    }

    /// Calls of a chain as rows, each a level further than the chain says.
    fn add_calls(&self, chain: &crate::chains::Chain, found: &mut Found) -> Result<(), AnswerError> {
        for node in &chain.nodes {
            let row = self.edge_row(&node.edge)?;
            found.rows.push(Raw { level: Some(node.level + 1), near: Some(node.edge.to), ..row });
        }
        found.miss("no_target", chain.unknown);
        found.miss("time_limit", u64::from(chain.cut));
        Ok(())
    }

    /// The definition that a row stands in.
    fn standing_in(&self, row: &Raw) -> Result<Option<SymbolId>, AnswerError> {
        Ok(match row.about {
            About::Use(usage) => {
                let facts = self.index.facts(row.file)?;
                let def = facts.facts.usage(usage).enclosing;
                def.map(|d| SymbolId { file: row.file, number: facts.number(d) })
            }
            About::Crossing(number) => self.index.links(row.file)?.crossings.get(number as usize).map(|c| c.from),
            _ => None,
        })
    }

    fn all_the_way(&self, mut found: Found) -> Result<Found, AnswerError> {
        found.notes.push("members that override one another are followed all the way in any case".to_owned());
        found.rows.iter_mut().for_each(|r| r.level = Some(1));
        Ok(found)
    }
}

/// There are more than are listed, and the answer says so.
fn cut(mut found: Found) -> Found {
    found.miss("time_limit", 1);
    found.notes.push(format!("no more than {MOST_ROWS} are followed: narrow the question"));
    found
}

/// Rows of imports, which lead on to the file they stand in.
fn importers(rows: Vec<Raw>) -> Step {
    rows.into_iter().map(|r| (Some(SymbolId::module(r.file)), r)).map(|(to, r)| (r, to)).collect()
}

/// Rows of definitions, which lead on themselves.
fn definitions(rows: Vec<Raw>) -> Step {
    rows.into_iter().map(|r| (r.symbol, r)).map(|(to, r)| (r, to)).collect()
}

/// Rows of imports, which lead on to the file they bring in.
fn modules(rows: Vec<Raw>) -> Step {
    rows.into_iter().map(|r| (r.symbol.map(|s| SymbolId::module(s.file)), r)).map(|(to, r)| (r, to)).collect()
}
