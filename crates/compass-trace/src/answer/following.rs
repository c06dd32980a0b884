//! `who tests`, and `what follows from`: the effects of a change, direct ones and those through others.

use super::rows::Raw;
use super::{AnswerError, Context, Engine, EvidenceLine, Found};
use crate::history_and_coverage::{CoveringTest, changed_since};
use crate::question::Subject;
use compass_facts::{DefId, Role};
use compass_index::{Certainty, FileId, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::collections::BTreeSet;

/// A change is followed so far.
const MOST_LEVELS: u32 = 24;
/// So many definitions are listed that it reaches through others.
const MOST_FURTHER: usize = 2_000;
/// Uses without a target are counted for so many of them.
const MOST_NAMES: usize = 500;
/// So long it is looked for them.
const LONGEST: std::time::Duration = std::time::Duration::from_secs(4);

impl Engine {
    /// `who tests S`.
    pub(super) fn who_tests(&self, subjects: &[Subject], context: &Context) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        let testing = self.testing(context)?;
        let mut seen = FxHashSet::default();
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            for symbol in self.symbols_of(subject)? {
                for test in testing.covering(self, symbol, context)? {
                    if test.test.symbol.is_some_and(|s| seen.insert(s)) {
                        found.rows.extend(self.test_row(&test)?);
                    }
                }
            }
        }
        found.notes.extend(testing.reports.wrong.iter().map(|w| format!("a report could not be read: {w}")));
        if testing.reports.cases.is_empty() {
            found.notes.push("no report of tests was found: how they came out is not known".to_owned());
        }
        Ok(found)
    }

    fn test_row(&self, test: &CoveringTest) -> Result<Option<Raw>, AnswerError> {
        let Some(symbol) = test.test.symbol else { return Ok(None) };
        let mut row = self.symbol_row(symbol)?;
        row.level = test.calls;
        let report = test.report.as_ref().map_or_else(|| test.test.path.clone(), |r| r.to_string_lossy().into_owned());
        let mut text = test.state.map_or("no report has it", |s| s.word()).to_owned();
        if !test.message.is_empty() {
            text += &format!(": {}", test.message);
        }
        if test.is_older {
            text += " (its file changed since)";
        }
        row.told = Some(EvidenceLine { text, path: report, line: 1 });
        Ok(Some(row))
    }

    fn symbol_row(&self, symbol: SymbolId) -> Result<Raw, AnswerError> {
        Ok(match self.index.definition(symbol)? {
            Some((facts, def)) => Raw::definition(symbol, &facts, def),
            None => Raw::module(symbol.file),
        })
    }

    /// `what follows from S`: who uses it, what stands in for it or is derived from it, and the tests that cover it.
    pub(super) fn follows(&self, subject: &Subject, context: &Context) -> Result<Found, AnswerError> {
        let mut found = self.who_uses(std::slice::from_ref(subject), &Role::ALL, false, None)?;
        let symbols = self.symbols_of(subject)?;
        self.add_further(&symbols, &mut found, context)?;
        self.add_effects(&symbols, &mut found, context)?;
        Ok(found)
    }

    /// Definitions that a change may reach through others, the nearest first: each with its distance, what it is reached through, and the
    /// weakest link on the best way there.
    fn add_further(&self, symbols: &[SymbolId], found: &mut Found, context: &Context) -> Result<(), AnswerError> {
        let started = std::time::Instant::now();
        let mut best: FxHashMap<SymbolId, Certainty> = symbols.iter().map(|s| (*s, Certainty::Proven)).collect();
        let mut layer: Vec<SymbolId> = symbols.to_vec();
        let mut told = 0;
        for level in 1..=MOST_LEVELS {
            let mut next: Vec<(SymbolId, SymbolId, Certainty)> = Vec::new();
            for symbol in &layer {
                if started.elapsed() > LONGEST || context.cancel.is_cancelled() {
                    found.miss("time_limit", 1);
                    return Ok(());
                }
                let so_far = best[symbol];
                for edge in self.edges_in(*symbol)?.into_iter().filter(|e| e.certainty > Certainty::Guessed && !e.from.is_module()) {
                    next.push((edge.from, *symbol, edge.certainty.min(so_far)));
                }
            }
            // Of several ways the surest one counts.
            next.sort_by_key(|(to, through, certainty)| (*to, std::cmp::Reverse(*certainty), *through));
            next.dedup_by_key(|n| n.0);
            next.retain(|(to, _, _)| !best.contains_key(to));
            layer.clear();
            for (to, through, certainty) in next {
                best.insert(to, certainty);
                layer.push(to);
                // What stands next to it is listed by its places already.
                if level == 1 {
                    continue;
                }
                if told == MOST_FURTHER {
                    found.miss(compass_index::Cause::TooMany.word(), 1);
                    return Ok(());
                }
                told += 1;
                let mut row = self.symbol_row(to)?;
                row.level = Some(level);
                row.marks.certainty = Some(certainty);
                let name = self.name_of(through).unwrap_or_default();
                row.told = Some(self.told_at(&format!("through {name}"), through)?);
                found.rows.push(row);
            }
            if layer.is_empty() {
                break;
            }
        }
        // Those of what changes are counted with its uses.
        self.miss_unlinked_of(best.into_keys().filter(|s| !symbols.contains(s)).collect(), found)
    }

    /// Uses of the names on the way that have no known target may belong to it.
    pub(super) fn miss_unlinked_of(&self, mut symbols: Vec<SymbolId>, found: &mut Found) -> Result<(), AnswerError> {
        if symbols.is_empty() {
            return Ok(());
        }
        symbols.sort_unstable();
        found.miss(compass_index::Cause::TooMany.word(), u64::from(symbols.len() > MOST_NAMES));
        symbols.truncate(MOST_NAMES);
        let names: Vec<String> = self.names_of(symbols.iter().copied())?.into_iter().collect();
        let namers = self.namers(symbols.iter().copied())?;
        self.miss_run_time_names(&names, &namers, found);
        self.miss_unlinked(&names, &namers, found)
    }

    /// The names of symbols, each once.
    pub(super) fn names_of(&self, symbols: impl Iterator<Item = SymbolId>) -> Result<BTreeSet<String>, AnswerError> {
        let mut names = BTreeSet::new();
        for symbol in symbols {
            names.extend(self.index.definition(symbol)?.map(|(f, d)| f.facts.def_name(d).to_owned()).filter(|n| !n.is_empty()));
        }
        Ok(names)
    }

    /// Effects of a change of symbols that are no uses of them.
    fn add_effects(&self, symbols: &[SymbolId], found: &mut Found, context: &Context) -> Result<(), AnswerError> {
        let testing = self.testing(context)?;
        let mut seen: FxHashSet<SymbolId> = symbols.iter().copied().collect();
        for symbol in symbols.iter().copied() {
            let standing = [(self.overriding(symbol)?, "stands in for it"), (self.index.derived(symbol)?, "is derived from it")];
            for (others, why) in standing {
                for other in others.into_iter().filter(|o| seen.insert(*o)) {
                    let mut row = self.symbol_row(other)?;
                    row.told = Some(self.told_at(why, other)?);
                    found.rows.push(row);
                }
            }
            for test in testing.covering(self, symbol, context)? {
                if test.test.symbol.is_some_and(|s| seen.insert(s)) {
                    found.rows.extend(self.test_row(&test)?);
                }
            }
        }
        Ok(())
    }

    fn told_at(&self, why: &str, symbol: SymbolId) -> Result<EvidenceLine, AnswerError> {
        let answer = self.symbol_answer(symbol)?;
        Ok(EvidenceLine { text: why.to_owned(), path: answer.path, line: answer.line })
    }

    /// `what follows from changes since COMMIT`: the same of all definitions that differ from it now.
    pub(super) fn follows_changes(&self, since: &str, context: &Context) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        let mut symbols = Vec::new();
        for root in self.index.own_roots() {
            for (path, lines) in changed_since(std::path::Path::new(root), since)? {
                let Some(file) = self.index.find_path(&path.to_string_lossy()) else { continue };
                symbols.extend(self.defined_at(file, &lines)?);
            }
        }
        found.notes.push(format!("{} definitions differ from {since}", symbols.len()));
        for symbol in &symbols {
            let place = self.symbol_answer(*symbol)?;
            let at = crate::question::Place { path: place.path, line: place.line, column: Some(place.column) };
            let subject = Subject { what: crate::question::What::Place(at), defined_in: None };
            let uses = self.who_uses(std::slice::from_ref(&subject), &Role::ALL, false, None)?;
            found.rows.extend(uses.rows);
        }
        self.add_further(&symbols, &mut found, context)?;
        self.add_effects(&symbols, &mut found, context)?;
        Ok(found)
    }

    /// The innermost definitions with a body that stand on some lines.
    fn defined_at(&self, file: FileId, lines: &[(u32, u32)]) -> Result<Vec<SymbolId>, AnswerError> {
        let facts = self.index.facts(file)?;
        let source = self.index.source(file)?;
        let line = |at: u32| source.source.lines.locate(at.min(source.source.text.len() as u32)).0;
        let mut out: Vec<SymbolId> = Vec::new();
        for (first, last) in lines {
            let mut best: Option<(u32, DefId)> = None;
            for (i, d) in facts.facts.definitions.iter().enumerate().filter(|(_, d)| !d.is_inner() && (d.kind.is_callable() || d.kind.is_type())) {
                let (from, to) = (line(d.whole.start), line(d.whole.end.saturating_sub(1)));
                let is_inside = from <= *last && *first <= to;
                if is_inside && best.is_none_or(|(start, _)| d.whole.start >= start) {
                    best = Some((d.whole.start, DefId(i as u32)));
                }
            }
            out.extend(best.map(|(_, def)| SymbolId { file, number: facts.number(def) }));
        }
        out.sort_unstable();
        out.dedup();
        Ok(out)
    }
}
