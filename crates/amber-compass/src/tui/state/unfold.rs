//! Unfold: what was written, and what it becomes step by step.

use super::{Spot, Unfolded};
use compass_unfold::Text;

/// Where a piece came from: words, place, and where to go.
pub type Origin = (String, Option<(String, Option<Spot>)>);

/// What arrows move.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum Focus {
    /// From step to step.
    #[default]
    Steps,
    /// From piece to piece of the result.
    Result,
}

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct UnfoldPane {
    /// What is shown.
    pub shown: Option<Box<Unfolded>>,
    /// Steps taken: 0 shows what was written.
    pub taken: usize,
    /// Is the step chosen shown alone, the others left as they are?
    pub alone: bool,
    /// What arrows move.
    pub focus: Focus,
    /// The piece selected in the result.
    pub piece: usize,
    /// First line of the result that is shown.
    pub top: usize,
    /// Something is being unfolded.
    pub waiting: bool,
    /// Why nothing could be.
    pub why: Option<String>,
    /// Is it shown on the desk, in the bearings' place?
    pub panel: bool,
}

impl UnfoldPane {
    /// The text of the state shown.
    pub fn result(&self) -> Option<&Text> {
        let shown = self.shown.as_ref()?;
        let alone = self.taken.checked_sub(1).filter(|_| self.alone).and_then(|n| shown.alone.get(n));
        if alone.is_some() {
            return alone;
        }
        shown.states.get(self.taken).or(shown.states.last())
    }

    /// Where the piece selected came from.
    pub fn trail(&self) -> Vec<Origin> {
        let Some(piece) = self.result().and_then(|t| t.pieces.get(self.piece)) else { return Vec::new() };
        let origin = |(words, place): &(String, Option<compass_unfold::Location>)| {
            let place = place.as_ref().map(|p| {
                let spot = p.file.map(|_| Spot { path: p.path.clone(), line: p.line, column: p.column });
                (format!("{}:{}", p.path, p.line), spot)
            });
            (words.clone(), place)
        };
        piece.trail.iter().map(origin).collect()
    }
}
