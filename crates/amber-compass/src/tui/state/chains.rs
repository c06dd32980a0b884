//! Chains: callers above a symbol and callees below it, or the ways between two symbols as cross-sections.

use super::{Page, Spot};
use compass_trace::chains::{Section, SectionRow};

/// A row of the growing list.
#[derive(Debug, Clone, PartialEq)]
pub struct ChainRow {
    /// Below 0 for callers, 0 for the symbol itself, above 0 for callees.
    pub level: i32,
    /// Where to go.
    pub spot: Spot,
    /// The symbol at the far end.
    pub name: String,
    /// Its kind, or the kind of crossing.
    pub kind: String,
    /// The line of code.
    pub code: String,
    /// Certainty's mark.
    pub mark: char,
    /// Does it cross?
    pub crossing: Option<String>,
    /// The symbol's own rows stand elsewhere in the list.
    pub met_before: bool,
    /// Further places that join the same two.
    pub others: u32,
    /// The layer of the place.
    pub layer: String,
}

/// The list of one symbol.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct Grown {
    /// The symbol.
    pub name: String,
    /// Where it was asked for.
    pub spot: Spot,
    /// Levels upwards and downwards.
    pub depth: u32,
    /// Callers, then the symbol, then callees.
    pub rows: Vec<ChainRow>,
    /// Counts and bounds, in words.
    pub note: String,
}

/// What is shown.
#[derive(Debug, Clone, PartialEq)]
pub enum Shown {
    /// Callers and callees.
    Grown(Box<Grown>),
    /// The ways of a question.
    Ways {
        /// The question.
        question: String,
        /// Each way.
        sections: Vec<Section>,
        /// All there are.
        total: u64,
        /// Notes and bounds, in words.
        note: String,
        /// The one shown.
        current: usize,
    },
}

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct ChainsPane {
    /// What is shown.
    pub shown: Option<Shown>,
    /// The row selected.
    pub selected: usize,
    /// Something is being traced.
    pub waiting: Option<String>,
    /// Code around the selected row.
    pub preview: Option<Page>,
}

impl ChainsPane {
    /// Number of rows that can be selected.
    pub fn len(&self) -> usize {
        match &self.shown {
            Some(Shown::Grown(g)) => g.rows.len(),
            Some(Shown::Ways { .. }) => self.steps().len(),
            None => 0,
        }
    }

    /// The section shown.
    pub fn section(&self) -> Option<&Section> {
        match &self.shown {
            Some(Shown::Ways { sections, current, .. }) => sections.get(*current),
            _ => None,
        }
    }

    /// Positions of the rows of the section that can be selected.
    pub fn steps(&self) -> Vec<usize> {
        let rows = self.section().map_or(&[][..], |s| &s.rows);
        rows.iter().enumerate().filter(|(_, r)| matches!(r, SectionRow::Symbol(_) | SectionRow::Step { .. })).map(|(i, _)| i).collect()
    }

    /// The place of the row selected, and how one comes there.
    pub fn current(&self) -> Option<(Spot, String)> {
        match self.shown.as_ref()? {
            Shown::Grown(g) => g.rows.get(self.selected).map(|r| (r.spot.clone(), format!("chain of {}", g.name))),
            Shown::Ways { sections, current, .. } => {
                let section = sections.get(*current)?;
                let row = section.rows.get(*self.steps().get(self.selected)?)?;
                let (SectionRow::Symbol(at) | SectionRow::Step { at, .. }) = row else { return None };
                Some((Spot { path: at.path.clone(), line: at.line, column: at.column }, format!("way from {} to {}", section.from, section.to)))
            }
        }
    }
}
