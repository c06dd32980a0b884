//! The logbook's screen: bookmarks, the track with its branches, what was kept.

use compass_session::logbook::{Bookmark, Found, Logbook};
use std::collections::BTreeMap;

/// A row of the list.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum LogRow {
    /// A heading.
    Heading(String),
    /// A bookmark, by its number.
    Mark(u64),
    /// A step of the trail, and how deep its branch is.
    Step(usize, usize),
    /// A kept file, by position.
    Kept(usize),
}

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct LogbookPane {
    /// The logbook itself.
    pub book: Logbook,
    /// May it be written?
    pub writable: bool,
    /// Where bookmarks stand now; none for what is gone.
    pub found: BTreeMap<u64, Option<Found>>,
    /// Names of kept chains, and where they are.
    pub kept: Vec<(String, String)>,
    /// The row selected.
    pub selected: usize,
}

impl LogbookPane {
    /// All rows, headings included.
    pub fn rows(&self) -> Vec<LogRow> {
        let mut out = Vec::new();
        let marks = &self.book.bookmarks;
        out.push(LogRow::Heading(if marks.is_empty() {
            "bookmarks  none yet: m on the desk sets one".to_owned()
        } else {
            format!("bookmarks  {}", marks.len())
        }));
        out.extend(marks.iter().map(|b| LogRow::Mark(b.number)));
        out.push(LogRow::Heading(String::new()));
        let steps = self.book.trail.tree();
        out.push(LogRow::Heading(if steps.is_empty() { "track  it begins with the first jump".to_owned() } else { format!("track  {} places", steps.len()) }));
        out.extend(steps.into_iter().map(|(step, depth)| LogRow::Step(step, depth)));
        if !self.kept.is_empty() {
            out.push(LogRow::Heading(String::new()));
            out.push(LogRow::Heading(format!("kept  {}", self.kept.len())));
            out.extend((0..self.kept.len()).map(LogRow::Kept));
        }
        out
    }

    /// The row selected.
    pub fn current(&self) -> Option<LogRow> {
        self.rows().get(self.selected).cloned()
    }

    /// A bookmark by its number.
    pub fn mark(&self, number: u64) -> Option<&Bookmark> {
        self.book.bookmarks.iter().find(|b| b.number == number)
    }
}
