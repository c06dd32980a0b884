//! Units: one list that unfolds, from packages down to members.

use compass_trace::units::{Entry, Node};

/// A row of the list.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct UnitLine {
    /// How deep it stands.
    pub depth: u16,
    /// What it is.
    pub entry: Entry,
    /// Are the rows behind it, deeper than it, its own?
    pub open: bool,
}

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct UnitsPane {
    /// All rows that are unfolded, in order.
    pub lines: Vec<UnitLine>,
    /// The row selected.
    pub selected: usize,
    /// Is the list that of the index as it is?
    pub loaded: bool,
    /// What is being unfolded.
    pub waiting: Option<Node>,
}

impl UnitsPane {
    /// The row selected.
    pub fn current(&self) -> Option<&UnitLine> {
        self.lines.get(self.selected)
    }

    /// Puts in what a row holds.
    pub fn unfold(&mut self, at: usize, entries: Vec<Entry>) {
        let Some(line) = self.lines.get_mut(at).filter(|l| !l.open) else { return };
        line.open = true;
        let depth = line.depth + 1;
        self.lines.splice(at + 1..at + 1, entries.into_iter().map(|entry| UnitLine { depth, entry, open: false }));
    }

    /// Takes out what a row holds.
    pub fn fold(&mut self, at: usize) {
        let Some(line) = self.lines.get_mut(at).filter(|l| l.open) else { return };
        line.open = false;
        let depth = line.depth;
        let behind = self.lines[at + 1..].iter().position(|l| l.depth <= depth).map_or(self.lines.len(), |n| at + 1 + n);
        self.lines.drain(at + 1..behind);
    }

    /// The row that a row stands in.
    pub fn holder(&self, at: usize) -> Option<usize> {
        let depth = self.lines.get(at)?.depth;
        self.lines[..at].iter().rposition(|l| l.depth < depth)
    }
}
