//! The desk: the file being read, the track, the band, the bearings.

use super::{Folds, Page, Spot};
use compass_trace::bearings::Bearings;
use compass_trace::call::CallAround;

/// One jump: where one left from and how.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Hop {
    /// The place left.
    pub from: Spot,
    /// The line left.
    pub text: String,
    /// How: followed, a caller, a symbol, an answer.
    pub how: String,
}

/// What is known of the name under the cursor.
#[derive(Debug, Clone, Default)]
pub struct BearingsPane {
    /// Facts and relations.
    pub shown: Option<Box<Bearings>>,
    /// Why there is nothing.
    pub why: Vec<String>,
    /// Groups that are open, by position.
    pub open: Vec<usize>,
    /// Do arrows go through the rows?
    pub focused: bool,
    /// The row selected.
    pub selected: usize,
    /// Tests and changes.
    pub upkeep: super::HistoryAndCoverage,
}

impl BearingsPane {
    /// Rows of the open groups: group and row. Tests and changes come behind the relations.
    pub fn rows(&self) -> Vec<(usize, usize)> {
        let Some(b) = &self.shown else { return Vec::new() };
        let relations = b.groups.iter().map(|g| g.rows.len());
        let further = self.upkeep.groups().into_iter().map(|g| self.upkeep.count(g));
        let open = relations.chain(further).enumerate().filter(|(i, _)| self.open.contains(i));
        open.flat_map(|(i, count)| (0..count).map(move |r| (i, r))).collect()
    }
}

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct Desk {
    /// The file being read.
    pub page: Option<Page>,
    /// Where.
    pub spot: Spot,
    /// First line shown, from 1.
    pub top: u32,
    /// The column wanted while going up and down, in characters.
    pub wanted: usize,
    /// Jumps that led here, oldest first.
    pub track: Vec<Hop>,
    /// Places gone back from, latest last.
    pub ahead: Vec<(Spot, String)>,
    /// What is beside the code.
    pub bearings: BearingsPane,
    /// A place being loaded.
    pub loading: Option<Spot>,
    /// What is unusual about definitions of the file.
    pub notes: Vec<compass_trace::history_and_coverage::Sidenote>,
    /// Parts of the file that are not shown.
    pub folds: Folds,
    /// Are blanks, tabs and line ends shown?
    pub signs: bool,
    /// Is the code alone on the screen?
    pub alone: bool,
    /// The call one stands in the brackets of.
    pub call: Option<CallAround>,
    /// The documentation in full, in the place of the bearings, from which of its rows on.
    pub reading: Option<usize>,
    /// A change that is read in the place of the code.
    pub change: Option<super::history_and_coverage::ChangeView>,
}
