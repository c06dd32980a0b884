//! `who tests`, and `what follows from`: the direct effects of a change.

use super::rows::Raw;
use super::{AnswerError, Context, Engine, EvidenceLine, Found};
use crate::history_and_coverage::{CoveringTest, changed_since};
use crate::question::Subject;
use compass_facts::{DefId, Role};
use compass_index::{FileId, SymbolId};
use rustc_hash::FxHashSet;

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
        self.add_effects(&symbols, &mut found, context)?;
        Ok(found)
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
