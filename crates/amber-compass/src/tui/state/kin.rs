//! Kin: a row a type, a column a member.

use compass_trace::Answer;
use compass_trace::kin::Kin;

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct KinPane {
    /// What is shown.
    pub shown: Option<Box<Kin>>,
    /// Why nothing is.
    pub why: Option<String>,
    /// Is it looked for?
    pub waiting: bool,
    /// The row selected: types first, then those that lack little.
    pub row: usize,
    /// The column selected; 0 for the type itself.
    pub column: usize,
}

impl KinPane {
    /// How many rows there are.
    pub fn rows(&self) -> usize {
        self.shown.as_ref().map_or(0, |k| k.types.len() + k.almost.len())
    }

    /// How many columns there are, that of the types included.
    pub fn columns(&self) -> usize {
        self.shown.as_ref().map_or(1, |k| k.members.len() + 1)
    }

    /// The place of the selected cell; that of the type where the cell is empty.
    pub fn current(&self) -> Option<&Answer> {
        let kin = self.shown.as_ref()?;
        match kin.types.get(self.row) {
            Some(of) => Some(self.column.checked_sub(1).and_then(|c| of.cells.get(c)?.place()).unwrap_or(&of.at)),
            None => kin.almost.get(self.row - kin.types.len()).map(|a| &a.at),
        }
    }
}
