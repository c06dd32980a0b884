//! The survey: what is here, and how far indexing is.

use super::{EntryRow, SurveyData};
use compass_index::Phase;
use std::time::Duration;

/// Indexing as it runs.
#[derive(Debug, Clone, PartialEq)]
pub struct Working {
    /// Phase at work.
    pub phase: Phase,
    /// Done, in files or bytes.
    pub done: u64,
    /// Of how many; 0 while unknown.
    pub total: u64,
    /// Since the phase began.
    pub elapsed: Duration,
    /// Phases that are over.
    pub over: Vec<Phase>,
    /// Packages that are being added to what can be asked already.
    pub packages: Option<compass_index::plan::Deps>,
}

impl Working {
    /// What is being done, in front of how far it is.
    pub fn what(&self) -> &'static str {
        use compass_index::plan::Deps;
        match self.packages {
            None | Some(Deps::None) => "",
            Some(Deps::Direct) => "direct packages: ",
            Some(Deps::All) => "packages: ",
        }
    }
}

/// The pane.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct SurveyPane {
    /// What is known.
    pub data: Option<SurveyData>,
    /// Indexing, while it runs.
    pub working: Option<Working>,
    /// Row selected among entry points, then most used symbols.
    pub selected: usize,
}

impl SurveyPane {
    /// The rows that can be opened, in order.
    pub fn rows(&self) -> Vec<&EntryRow> {
        let Some(data) = &self.data else { return Vec::new() };
        data.entries.iter().chain(data.used.iter().map(|u| &u.0)).collect()
    }
}
