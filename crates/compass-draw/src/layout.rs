//! Lays a chain out: a band per layer, a row per symbol and step, a dashed rule per crossing.

use crate::scene::{ADVANCE_PT, Ink, LINE_PT, Scene, Shape};
use crate::sheet::{MARGIN_PT, cut, letters_pt};
use serde::Serialize;

/// One row of a drawing.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[serde(tag = "row", rename_all = "lowercase")]
pub enum Row {
    /// A band begins.
    Band {
        /// The layer's name.
        name: String,
        /// What is unusual about the step into it.
        note: Option<String>,
    },
    /// A symbol.
    Symbol {
        /// `path:line`.
        place: String,
        /// Its name.
        name: String,
        /// Its kind.
        kind: String,
        /// The first or last one.
        end: bool,
        /// Levels it stands in from the left.
        indent: usize,
    },
    /// A line of code the chain goes through.
    Step {
        /// `path:line`.
        place: String,
        /// The line.
        code: String,
        /// `=`, `~` or `?`.
        mark: char,
        /// More about it.
        note: String,
        /// Levels it stands in from the left.
        indent: usize,
    },
    /// A crossing.
    Crossing {
        /// Kind and label.
        label: String,
        /// `=`, `~` or `?`.
        mark: char,
    },
}

/// A chain as rows.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct Drawing {
    /// What it shows.
    pub title: String,
    /// Counts, and how sure it is.
    pub subtitle: String,
    /// From top to bottom.
    pub rows: Vec<Row>,
}

const BAND_LETTERS: usize = 11;
/// Lines of code longer than this are cut: the page would get too wide to print.
const CODE_LETTERS: usize = 96;

/// Names and notes longer than this are cut.
const NOTE_LETTERS: usize = 48;

/// The row with nothing in it that would leave the page.
fn bounded(row: &Row) -> Row {
    match row {
        Row::Band { name, note } => Row::Band { name: name.clone(), note: note.as_ref().map(|n| cut(n, CODE_LETTERS)) },
        Row::Symbol { place, name, kind, end, indent } => {
            Row::Symbol { place: place.clone(), name: cut(name, CODE_LETTERS), kind: cut(kind, NOTE_LETTERS), end: *end, indent: *indent }
        }
        Row::Step { place, code, mark, note, indent } => {
            Row::Step { place: place.clone(), code: cut(code, CODE_LETTERS), mark: *mark, note: cut(note, NOTE_LETTERS), indent: *indent }
        }
        Row::Crossing { label, mark } => Row::Crossing { label: cut(label, CODE_LETTERS), mark: *mark },
    }
}

/// Lays out.
pub fn lay_out(drawing: &Drawing) -> Scene {
    let drawing = &Drawing {
        title: cut(&drawing.title, 2 * CODE_LETTERS),
        subtitle: cut(&drawing.subtitle, 2 * CODE_LETTERS),
        rows: drawing.rows.iter().map(bounded).collect(),
    };
    let places = drawing.rows.iter().map(|r| place_of(r).chars().count()).max().unwrap_or(0).clamp(8, 48);
    let letters = drawing.rows.iter().map(|r| body_of(r).chars().count()).max().unwrap_or(0);
    let head = drawing.title.chars().count().max(drawing.subtitle.chars().count());
    let columns = (BAND_LETTERS + places + 3 + letters + 2).max(head);
    let mut pen = Pen {
        shapes: Vec::new(),
        y: MARGIN_PT + LINE_PT,
        left: MARGIN_PT,
        place_x: MARGIN_PT + letters_pt(BAND_LETTERS),
        body_x: MARGIN_PT + letters_pt(BAND_LETTERS + places + 3),
        right: MARGIN_PT + letters_pt(columns),
        places,
    };
    pen.text(pen.left, &drawing.title, Ink::Text, true);
    pen.y += LINE_PT;
    pen.text(pen.left, &drawing.subtitle, Ink::Dim, false);
    pen.y += LINE_PT * 1.5;
    pen.bands(&drawing.rows);
    for row in &drawing.rows {
        pen.row(row);
    }
    let legend = "= proven   ~ inferred   ? guessed";
    pen.y += LINE_PT * 0.5;
    pen.text(pen.left, legend, Ink::Dim, false);
    Scene { width: pen.right + MARGIN_PT, height: pen.y + MARGIN_PT, title: format!("{} ({})", drawing.title, drawing.subtitle), shapes: pen.shapes }
}

fn place_of(row: &Row) -> &str {
    match row {
        Row::Symbol { place, .. } | Row::Step { place, .. } => place,
        _ => "",
    }
}

fn body_of(row: &Row) -> String {
    match row {
        Row::Band { note, .. } => note.clone().unwrap_or_default(),
        Row::Symbol { name, kind, indent, .. } => format!("{}{name}  {kind}", "  ".repeat(*indent)),
        Row::Step { code, note, indent, .. } => format!("{}{}    {note}", "  ".repeat(*indent), cut(code, CODE_LETTERS)),
        Row::Crossing { label, .. } => format!("{label}    "),
    }
}

struct Pen {
    shapes: Vec<Shape>,
    y: f64,
    left: f64,
    place_x: f64,
    body_x: f64,
    right: f64,
    places: usize,
}

impl Pen {
    fn text(&mut self, x: f64, text: &str, ink: Ink, bold: bool) {
        let text: String = text.chars().map(|c| if c.is_control() { ' ' } else { c }).collect();
        if !text.trim().is_empty() {
            self.shapes.push(Shape::Text { x, y: self.y, text, ink, bold });
        }
    }

    /// Grounds behind the bands, before anything is written on them.
    fn bands(&mut self, rows: &[Row]) {
        let mut y = self.y - LINE_PT;
        let mut begin: Option<f64> = None;
        let mut end = y;
        for row in rows {
            match row {
                Row::Band { .. } => {
                    self.ground(begin, end);
                    begin = Some(y + LINE_PT * 0.35);
                }
                Row::Crossing { .. } => {
                    self.ground(begin, end);
                    begin = None;
                }
                _ => {}
            }
            y += height_of(row);
            if !matches!(row, Row::Crossing { .. }) {
                end = y;
            }
            if matches!(row, Row::Crossing { .. }) {
                begin = begin.or(Some(y + LINE_PT * 0.35));
            }
        }
        self.ground(begin, end);
    }

    fn ground(&mut self, begin: Option<f64>, end: f64) {
        if let Some(y) = begin.filter(|y| end > *y) {
            self.shapes.push(Shape::Box { x: self.left - 8.0, y, width: self.right - self.left + 16.0, height: end - y + LINE_PT * 0.3, fill: Ink::Band });
        }
    }

    fn row(&mut self, row: &Row) {
        match row {
            Row::Band { name, note } => {
                // The name stands beside the band's first row: its note, or the first symbol.
                self.text(self.left, &cut(name, BAND_LETTERS - 1), Ink::Text, true);
                if let Some(note) = note {
                    self.text(self.body_x, note, Ink::Red, false);
                }
            }
            Row::Symbol { place, name, kind, end, indent } => {
                let x = self.body_x + letters_pt(indent * 2);
                self.place(place);
                self.text(x, name, if *end { Ink::Amber } else { Ink::Text }, true);
                self.text(x + letters_pt(name.chars().count() + 2), kind, Ink::Dim, false);
            }
            Row::Step { place, code, mark, note, indent } => {
                let x = self.body_x + letters_pt(indent * 2);
                let code = cut(code, CODE_LETTERS);
                self.place(place);
                self.text(x, &code, Ink::Text, false);
                self.text(x + letters_pt(code.chars().count() + 2), note, Ink::Dim, false);
                self.mark(*mark);
            }
            Row::Crossing { label, mark } => {
                let y = self.y - LINE_PT * 0.3;
                let from = self.body_x + letters_pt(label.chars().count() + 2);
                let line = |x1, x2| Shape::Line { x1, y1: y, x2, y2: y, ink: Ink::Cool, dashed: true };
                self.shapes.push(line(self.left, self.body_x - ADVANCE_PT));
                self.shapes.push(line(from, self.right - ADVANCE_PT * 2.0));
                self.text(self.body_x, label, Ink::Cool, true);
                self.mark(*mark);
            }
        }
        self.y += height_of(row);
    }

    fn place(&mut self, place: &str) {
        let count = place.chars().count();
        let shown: String =
            if count > self.places { std::iter::once('…').chain(place.chars().skip(count - self.places + 1)).collect() } else { place.to_owned() };
        self.text(self.place_x, &shown, Ink::Dim, false);
        if count > 0 {
            let width = letters_pt(shown.chars().count());
            self.shapes.push(Shape::Link { x: self.place_x, y: self.y - LINE_PT * 0.7, width, height: LINE_PT, place: place.to_owned() });
        }
    }

    fn mark(&mut self, mark: char) {
        let ink = if mark == '?' { Ink::Red } else { Ink::Dim };
        self.text(self.right - ADVANCE_PT, &mark.to_string(), ink, true);
    }
}

fn height_of(row: &Row) -> f64 {
    match row {
        Row::Band { note: Some(_), .. } => LINE_PT,
        Row::Band { note: None, .. } => 0.0,
        Row::Crossing { .. } => LINE_PT * 1.3,
        _ => LINE_PT,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn drawing() -> Drawing {
        let symbol = |name: &str, end| Row::Symbol { place: "board/turn.ts:38".into(), name: name.into(), kind: "method".into(), end, indent: 0 };
        Drawing {
            title: "from onTurn to turns".into(),
            subtitle: "2 steps, 1 crossing".into(),
            rows: vec![
                Row::Band { name: "page".into(), note: None },
                symbol("onTurn", true),
                Row::Step { place: "board/turn.ts:41".into(), code: "await post(\u{1b}`/wheels`)".into(), mark: '=', note: String::new(), indent: 0 },
                Row::Crossing { label: "http POST /wheels".into(), mark: '~' },
                Row::Band { name: "route".into(), note: Some("skips layers".into()) },
                symbol("turn_wheel", true),
            ],
        }
    }

    /// The box a text covers.
    fn extent(shape: &Shape) -> Option<(f64, f64, f64, f64)> {
        match shape {
            Shape::Text { x, y, text, .. } => Some((*x, y - 9.0, letters_pt(text.chars().count()), 11.0)),
            _ => None,
        }
    }

    #[test]
    fn no_texts_overlap_and_all_lie_on_the_page() {
        let scene = lay_out(&drawing());
        let boxes: Vec<_> = scene.shapes.iter().filter_map(extent).collect();
        for (n, a) in boxes.iter().enumerate() {
            assert!(a.0 >= 0.0 && a.0 + a.2 <= scene.width && a.1 >= 0.0 && a.1 + a.3 <= scene.height, "{a:?} leaves the page");
            for b in &boxes[n + 1..] {
                let apart = a.0 + a.2 <= b.0 + 0.01 || b.0 + b.2 <= a.0 + 0.01 || a.1 + a.3 <= b.1 || b.1 + b.3 <= a.1;
                assert!(apart, "{a:?} lies over {b:?}");
            }
        }
    }

    #[test]
    fn long_code_is_cut_and_control_characters_are_gone() {
        let mut long = drawing();
        long.rows.push(Row::Step { place: "x".repeat(80), code: "y".repeat(500), mark: '?', note: "n".into(), indent: 0 });
        let scene = lay_out(&long);
        assert!(scene.width < 1200.0);
        let texts: Vec<&String> = scene.shapes.iter().filter_map(|s| if let Shape::Text { text, .. } = s { Some(text) } else { None }).collect();
        assert!(texts.iter().all(|t| !t.chars().any(char::is_control)));
        assert!(texts.iter().any(|t| t.ends_with('…')) && texts.iter().any(|t| t.starts_with('…')));
    }

    #[test]
    fn the_same_drawing_gives_the_same_bytes() {
        let scene = lay_out(&drawing());
        assert_eq!(crate::to_svg(&scene), crate::to_svg(&lay_out(&drawing())));
        let pdf = crate::to_pdf(&scene).expect("a page");
        assert_eq!(pdf, crate::to_pdf(&scene).expect("a page"));
        assert!(pdf.starts_with(b"%PDF-"));
    }

    #[test]
    fn text_is_written_harmless() {
        let mut hostile = drawing();
        hostile.title = "<script>&\"'".into();
        let svg = crate::to_svg(&lay_out(&hostile));
        assert!(svg.contains("&lt;script&gt;&amp;") && !svg.contains("<script"));
    }

    #[test]
    fn nothing_to_draw_is_a_page_with_its_title() {
        let scene = lay_out(&Drawing { title: "empty".into(), ..Drawing::default() });
        assert!(scene.width > 0.0 && scene.shapes.len() >= 2);
    }
}
