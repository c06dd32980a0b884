//! Tests and changes of a definition, and what is unusual about those of a file.

use crate::Failure;
use compass_index::SymbolId;
use compass_trace::history_and_coverage::{self, CaseState, Change, CoveringTest, GitError, History, Sidenote};
use compass_trace::{Context, Engine};
use std::path::Path;
use std::sync::Arc;
use std::time::Duration;

/// So long the history of a definition is looked for: people wait no longer.
const LIMIT: Duration = Duration::from_secs(3);

/// What is known of a definition beside its relations; looked up after these.
#[derive(Debug, Clone, Default)]
pub struct HistoryAndCoverage {
    /// Tests that cover it.
    pub tests: Vec<CoveringTest>,
    /// Its changes, or why there are none to be known.
    pub history: Option<Result<History, Arc<Failure>>>,
    /// Its file on disk.
    pub full: String,
    /// Was it looked up since the last index was opened?
    pub is_known: bool,
}

/// What may be known of a definition beside its relations.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Further {
    /// Tests that cover it.
    Tests,
    /// Its changes.
    Changes,
}

impl HistoryAndCoverage {
    /// The changes, if any are known.
    pub fn changes(&self) -> &[Change] {
        match &self.history {
            Some(Ok(h)) => &h.changes,
            _ => &[],
        }
    }

    /// What there is, in the order in which it is shown.
    pub fn groups(&self) -> Vec<Further> {
        // Also where it cannot be read: then that is said.
        let has_history = self.history.as_ref().is_some_and(|h| h.as_ref().map_or(true, |h| !h.changes.is_empty() || h.uncommitted));
        let mut out = Vec::new();
        if !self.tests.is_empty() {
            out.push(Further::Tests);
        }
        if has_history {
            out.push(Further::Changes);
        }
        out
    }

    /// Rows of a group.
    pub fn count(&self, group: Further) -> usize {
        match group {
            Further::Tests => self.tests.len(),
            Further::Changes => self.changes().len(),
        }
    }

    /// Tests that fail.
    pub fn failing(&self) -> impl Iterator<Item = &CoveringTest> {
        self.tests.iter().filter(|t| t.state == Some(CaseState::Failed))
    }
}

/// Tests and changes of a symbol.
pub(crate) fn of(engine: &Engine, symbol: SymbolId, context: &Context) -> HistoryAndCoverage {
    let mut out = HistoryAndCoverage { is_known: true, ..HistoryAndCoverage::default() };
    // What cannot be known is not there: the reports say elsewhere what is wrong with them.
    if let Ok(testing) = engine.testing(context) {
        out.tests = testing.covering(engine, symbol, context).unwrap_or_default();
    }
    let Some((full, text, lines)) = place(engine, symbol) else { return out };
    out.history = match history_and_coverage::history(Path::new(&full), &text, lines, &context.cancel, LIMIT) {
        Ok(history) => Some(Ok(history)),
        Err(GitError::NoRepository(_) | GitError::Cancelled) => None,
        Err(e) => Some(Err(Arc::new(e.into()))),
    };
    out.full = full;
    out
}

/// The file of a definition of the workspace's own, its text, and the lines it stands on.
fn place(engine: &Engine, symbol: SymbolId) -> Option<(String, String, (u32, u32))> {
    let index = engine.index();
    if symbol.is_module() || !index.unit(symbol.file)?.own {
        return None;
    }
    let (facts, def) = index.definition(symbol).ok()??;
    let source = index.source(symbol.file).ok()?;
    // Of a file that changed since it was indexed the places are others.
    let whole = match &source.changed {
        Some(changed) => changed.definitions.iter().find(|d| changed.name(d.name) == facts.facts.def_name(def))?.whole,
        None => facts.facts.def(def).whole,
    };
    let line = |at: u32| source.source.lines.locate(at.min(source.source.text.len() as u32)).0;
    let full = index.full_path(index.file(symbol.file)?).to_string_lossy().into_owned();
    Some((full, source.source.text.as_str().to_owned(), (line(whole.start), line(whole.end.saturating_sub(1)))))
}

/// What is unusual about the definitions of a file.
pub(crate) fn notes(engine: &Engine, path: &str, context: &Context) -> Vec<Sidenote> {
    let index = engine.index();
    let Some(file) = index.find_path(path) else { return Vec::new() };
    if !index.unit(file).is_some_and(|u| u.own) {
        return Vec::new();
    }
    let (Ok(testing), Ok(source), Some(row)) = (engine.testing(context), index.source(file), index.file(file)) else { return Vec::new() };
    // Places are those of the index: of a file that changed since they are not known.
    if source.changed.is_some() {
        return Vec::new();
    }
    let changed = history_and_coverage::changed_since_pull(&index.full_path(row), source.source.text.as_str()).unwrap_or_default();
    testing.sidenotes(engine, file, &changed, context).unwrap_or_default()
}
