//! A picture before it has a format: boxes, lines and texts, in points.

/// What a thing is drawn with. Amber is for the two ends, the cool one for crossings, red for guesses.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Ink {
    Paper,
    Band,
    Rule,
    Text,
    Dim,
    Amber,
    Cool,
    Red,
}

impl Ink {
    /// As SVG writes it.
    pub fn hex(self) -> &'static str {
        match self {
            Ink::Paper => "#fbf7ef",
            Ink::Band => "#f1eadb",
            Ink::Rule => "#c9bda4",
            Ink::Text => "#2b2620",
            Ink::Dim => "#7a6f5e",
            Ink::Amber => "#a85f00",
            Ink::Cool => "#1f6f7a",
            Ink::Red => "#a8322a",
        }
    }
}

/// A shape; places are points from the left top.
#[derive(Debug, Clone, PartialEq)]
#[allow(missing_docs)]
pub enum Shape {
    Box {
        x: f64,
        y: f64,
        width: f64,
        height: f64,
        fill: Ink,
    },
    Line {
        x1: f64,
        y1: f64,
        x2: f64,
        y2: f64,
        ink: Ink,
        dashed: bool,
    },
    /// What is there leads to a place, `path:line`.
    Link {
        x: f64,
        y: f64,
        width: f64,
        height: f64,
        place: String,
    },
    /// `y` is the baseline.
    Text {
        x: f64,
        y: f64,
        text: String,
        ink: Ink,
        bold: bool,
    },
}

/// A picture.
#[derive(Debug, Clone, PartialEq)]
pub struct Scene {
    /// In points.
    pub width: f64,
    /// In points.
    pub height: f64,
    /// What it shows, for those who cannot see it.
    pub title: String,
    /// From back to front.
    pub shapes: Vec<Shape>,
}

/// Size of letters.
pub(crate) const FONT_PT: f64 = 10.0;
/// Width of a letter: the font is as wide everywhere.
pub(crate) const ADVANCE_PT: f64 = FONT_PT * 0.602_05;
/// Height of a line.
pub(crate) const LINE_PT: f64 = 16.0;
