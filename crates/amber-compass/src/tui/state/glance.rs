//! A look at targets without leaving.

use super::{Page, Spot};

/// A target being looked at.
#[derive(Debug, Clone, PartialEq)]
pub struct Look {
    /// What it is called.
    pub name: String,
    /// How sure it is that this is meant.
    pub certainty: Option<compass_index::Certainty>,
    /// Where: also the cursor in its text.
    pub spot: Spot,
    /// Where the name that led there stands, and its line.
    pub from: (Spot, String),
    /// Its file, once that is loaded.
    pub page: Option<Page>,
    /// First line shown.
    pub top: u32,
}

/// The looks, each begun from the one before, the latest last; none while nothing is looked at.
#[derive(Debug, Clone, Default)]
pub struct Glance {
    /// See the type.
    pub looks: Vec<Look>,
}

impl Glance {
    /// The text on the screen.
    pub fn current(&self) -> Option<&Look> {
        self.looks.last()
    }

    /// The same, to change it.
    pub fn current_mut(&mut self) -> Option<&mut Look> {
        self.looks.last_mut()
    }
}
