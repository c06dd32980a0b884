//! Who changed what is under the cursor, its tests, and a change that is read.

use super::desk::BearingsPane;
use compass_trace::history_and_coverage::{CaseState, Change, CoveringTest, DiffLine, History};

/// What is known of a definition beside its relations; looked up after these.
#[derive(Debug, Clone, Default)]
pub struct HistoryAndCoverage {
    /// Tests that cover it.
    pub tests: Vec<CoveringTest>,
    /// Its changes, or why there are none to be known.
    pub history: Option<Result<History, String>>,
    /// Its file on disk.
    pub full: String,
    /// Was it looked up since the last index was opened?
    pub is_known: bool,
}

/// A group of the bearings that is no relation.
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

impl BearingsPane {
    /// The further group at a position behind the relations.
    pub fn further(&self, group: usize) -> Option<Further> {
        let relations = self.shown.as_ref()?.groups.len();
        self.upkeep.groups().get(group.checked_sub(relations)?).copied()
    }

    /// All groups.
    pub fn group_count(&self) -> usize {
        self.shown.as_ref().map_or(0, |b| b.groups.len() + self.upkeep.groups().len())
    }
}

/// A change that is read in the place of the code.
#[derive(Debug, Clone, Default)]
pub struct ChangeView {
    /// Which of the changes.
    pub at: usize,
    /// All of them.
    pub changes: Vec<Change>,
    /// The file they are of, on disk.
    pub full: String,
    /// What the change did; none while it is looked up.
    pub lines: Option<Vec<DiffLine>>,
    /// The first line shown.
    pub top: usize,
}
