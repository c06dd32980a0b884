//! Who changed what is under the cursor, its tests, and a change that is read.

use super::Further;
use super::desk::BearingsPane;
use compass_trace::history_and_coverage::{Change, DiffLine};

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
