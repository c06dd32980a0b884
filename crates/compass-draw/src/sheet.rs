//! A page on which things are put one below the other.

use crate::figure::Tone;
use crate::scene::{ADVANCE_PT, Ink, LINE_PT, Scene, Shape};

/// Around everything.
pub(crate) const MARGIN_PT: f64 = 24.0;

/// So wide are so many letters.
pub(crate) fn letters_pt(count: usize) -> f64 {
    count as f64 * ADVANCE_PT
}

/// The first letters, and a sign that there are more. Control characters show as blanks.
pub(crate) fn cut(text: &str, most: usize) -> String {
    let clean: String = text.trim().chars().map(|c| if c.is_control() { ' ' } else { c }).collect();
    if clean.chars().count() <= most {
        return clean;
    }
    clean.chars().take(most.saturating_sub(1)).chain(['…']).collect()
}

impl Tone {
    /// What it is written with.
    pub(crate) fn ink(self) -> Ink {
        match self {
            Tone::Plain => Ink::Text,
            Tone::Quiet => Ink::Dim,
            Tone::Middle => Ink::Amber,
            Tone::Crossing => Ink::Cool,
            Tone::Alarming => Ink::Red,
        }
    }
}

/// See the module.
pub(crate) struct Sheet {
    pub shapes: Vec<Shape>,
    /// The baseline of the next line.
    pub y: f64,
    /// The right edge of what was put so far.
    pub right: f64,
}

impl Sheet {
    /// A page that begins with what it shows.
    pub fn new(title: &str, subtitle: &str) -> Sheet {
        let mut sheet = Sheet { shapes: Vec::new(), y: MARGIN_PT + LINE_PT, right: 0.0 };
        sheet.text(MARGIN_PT, &cut(title, 160), Ink::Text, true);
        sheet.y += LINE_PT;
        sheet.text(MARGIN_PT, &cut(subtitle, 160), Ink::Dim, false);
        sheet.y += LINE_PT * 1.5;
        sheet
    }

    /// Puts a text on the line.
    pub fn text(&mut self, x: f64, text: &str, ink: Ink, bold: bool) {
        let text: String = text.chars().map(|c| if c.is_control() { ' ' } else { c }).collect();
        if !text.trim().is_empty() {
            self.right = self.right.max(x + letters_pt(text.chars().count()));
            self.shapes.push(Shape::Text { x, y: self.y, text, ink, bold });
        }
    }

    /// A text that leads to a place.
    pub fn linked(&mut self, x: f64, text: &str, ink: Ink, bold: bool, place: Option<&str>) {
        self.text(x, text, ink, bold);
        if let Some(place) = place.filter(|p| !p.is_empty()) {
            let width = letters_pt(text.chars().count());
            self.shapes.push(Shape::Link { x, y: self.y - LINE_PT * 0.7, width, height: LINE_PT, place: place.to_owned() });
        }
    }

    /// The page with what stands below everything.
    pub fn finish(mut self, title: &str, subtitle: &str, notes: &[String]) -> Scene {
        if !notes.is_empty() {
            self.y += LINE_PT * 0.5;
        }
        for note in notes {
            self.text(MARGIN_PT, &cut(note, 160), Ink::Dim, false);
            self.y += LINE_PT;
        }
        let title = if subtitle.is_empty() { title.to_owned() } else { format!("{title} ({subtitle})") };
        Scene { width: self.right + MARGIN_PT, height: self.y + MARGIN_PT, title, shapes: self.shapes }
    }
}
