//! Chains: callers above a symbol and callees below it, or the ways between two symbols as cross-sections.

use super::{Page, Shown, Spot};
use compass_trace::chains::{Section, SectionRow};

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
    /// What changed since this was kept; shown in place of the code.
    pub compared: Option<compass_session::kept::Changes>,
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
