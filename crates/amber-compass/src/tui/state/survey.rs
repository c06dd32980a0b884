//! The survey: what is here, and how far indexing is.

use compass_index::{Phase, Summary};
use std::time::Duration;

/// An entry point with enough to pick the right one.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct EntryRow {
    /// Path.
    pub path: String,
    /// Line.
    pub line: u32,
    /// Column.
    pub column: u32,
    /// Unit.
    pub unit: String,
    /// The line of code.
    pub text: String,
    /// What it is, in a few words: `program larder`.
    pub told: String,
}

/// So much of something: lines and files.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Amount {
    /// Its name.
    pub name: String,
    /// Lines.
    pub lines: u64,
    /// Files.
    pub files: u64,
}

/// Numbers and lists, gathered by a job.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct SurveyData {
    /// Counts.
    pub summary: Summary,
    /// Roots.
    pub roots: Vec<String>,
    /// Units: name, version, files, own.
    pub units: Vec<(String, String, u64, bool)>,
    /// Where programs begin.
    pub entries: Vec<EntryRow>,
    /// Symbols with the most uses: name, kind, uses, place.
    pub used: Vec<(EntryRow, String, u64)>,
    /// Languages of own code by lines, the most first; what nobody wrote by hand left out.
    pub languages: Vec<Amount>,
    /// Lines of own code by layer, in their order.
    pub layer_lines: Vec<Amount>,
    /// What nobody wrote by hand, by sort.
    pub made: Vec<Amount>,
    /// Own tests.
    pub tests: Amount,
    /// Packages that are asked for and not here: name, imports, files.
    pub absent: Vec<(String, u64, u64)>,
    /// Are links there already?
    pub linked: bool,
    /// Layers from the top, and whether they are settled by hand.
    pub layers: Vec<(String, bool)>,
    /// Crossings by kind and by the layers they lead from and to.
    pub matrix: Vec<(&'static str, Option<u16>, Option<u16>, u64)>,
}

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
