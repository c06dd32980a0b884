//! What is written at a place, and what it becomes step by step.

use crate::building;
use crate::page::Spot;
use compass_facts::Cancel;
use compass_index::config::ConfigError;
use compass_index::{Disk, IndexError};
use compass_trace::Engine;
use compass_unfold::{Location, StepKind, Text, UnfoldError, Unfolding};
use std::path::PathBuf;

/// More states than this are not kept: nobody walks through them one by one.
const MAX_STATES: usize = 400;

/// A step as a list tells it.
#[derive(Debug, Clone, PartialEq)]
pub struct StepRow {
    /// The macro or lowering.
    pub by: String,
    /// `macro`, `rule 2`, `lowering`.
    pub kind: String,
    /// Where it is defined: to show, and to go to if the index has the file.
    pub defined: Option<(String, Option<Spot>)>,
    /// What else is to say: conditions, competing definitions.
    pub about: Vec<String>,
    /// How deep inside other steps.
    pub depth: usize,
}

/// An unfolding with all its states, ready to be read.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct Unfolded {
    /// Where it stands.
    pub spot: Spot,
    /// The text after 0, 1, … steps.
    pub states: Vec<Text>,
    /// The text when one step alone is taken, with those it needs.
    pub alone: Vec<Text>,
    /// Steps, outermost first.
    pub steps: Vec<StepRow>,
    /// Things to hear.
    pub notes: Vec<String>,
}

/// Why nothing was unfolded.
#[derive(Debug, thiserror::Error)]
pub enum UnfoldingError {
    /// The file is not in the index.
    #[error("no file {0} in the index")]
    NoFile(String),
    /// The file has no such line or column.
    #[error("{path} has no place {line}:{column}")]
    NoPlace {
        /// The file.
        path: String,
        /// From 1.
        line: u32,
        /// In bytes from 1.
        column: u32,
    },
    /// `amber-compass.toml` cannot be used.
    #[error(transparent)]
    Config(#[from] ConfigError),
    /// The text or the facts of the file.
    #[error(transparent)]
    Index(#[from] IndexError),
    /// Nothing there unfolds, or it goes wrong.
    #[error(transparent)]
    Unfold(#[from] UnfoldError),
}

/// Unfolds what stands at a place, under the options of the build; `defines` and `includes` of a person count last, and so most.
///
/// # Errors
/// What is wrong with the place, the configuration or the code.
pub fn unfolding(engine: &Engine, spot: &Spot, defines: &[String], includes: &[PathBuf], cancel: &Cancel) -> Result<Unfolding, UnfoldingError> {
    let index = engine.index();
    let file = index.find_path(&spot.path).ok_or_else(|| UnfoldingError::NoFile(spot.path.clone()))?;
    let source = index.source(file)?;
    let no_place = || UnfoldingError::NoPlace { path: spot.path.clone(), line: spot.line, column: spot.column };
    let offset = source.source.lines.offset(spot.line, spot.column).ok_or_else(no_place)?;
    let options = building::options_for(index, file, defines, includes)?;
    Ok(compass_unfold::unfold(index, &Disk, file, offset, &options, cancel)?)
}

/// All states of the unfolding at a place.
pub(crate) fn unfolded(engine: &Engine, spot: &Spot, cancel: &Cancel) -> Result<Unfolded, UnfoldingError> {
    let found = unfolding(engine, spot, &[], &[], cancel)?;
    let states = (0..=found.steps.len().min(MAX_STATES)).map(|n| found.state(n)).collect();
    let alone = (0..found.steps.len().min(MAX_STATES)).map(|n| found.only(n)).collect();
    let steps = found.steps.iter().map(step).collect();
    let spot = Spot { path: found.place.path.clone(), line: found.place.line, column: found.place.column };
    Ok(Unfolded { spot, states, alone, steps, notes: found.notes.clone() })
}

fn step(step: &compass_unfold::Step) -> StepRow {
    let mut about = Vec::new();
    if !step.conditions.is_empty() {
        about.push(format!("defined under #{}", step.conditions.join(", #")));
    }
    for other in &step.competing {
        let under = if other.conditions.is_empty() { String::new() } else { format!(" under #{}", other.conditions.join(", #")) };
        about.push(format!("another definition: {}:{}{under}", other.at.path, other.at.line));
    }
    if about.is_empty() && step.defined.is_some() {
        about.push("one definition visible".to_owned());
    }
    let kind = match step.kind {
        StepKind::Rule(n) => format!("rule {n}"),
        other => other.word().to_owned(),
    };
    StepRow { by: step.by.clone(), kind, defined: step.defined.as_ref().map(place), about, depth: step.depth }
}

fn place(location: &Location) -> (String, Option<Spot>) {
    let spot = location.file.map(|_| Spot { path: location.path.clone(), line: location.line, column: location.column });
    (format!("{}:{}", location.path, location.line), spot)
}
