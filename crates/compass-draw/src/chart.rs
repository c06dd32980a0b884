//! Lays bars out: a group below the other, names on the left, numbers on the right of their bars.

use crate::figure::{Chart, Tone};
use crate::scene::{Ink, LINE_PT, Scene, Shape};
use crate::sheet::{MARGIN_PT, Sheet, cut, letters_pt};

const MOST_NAME_LETTERS: usize = 44;
/// The longest bar.
const LONGEST_PT: f64 = 260.0;

/// Lays out.
pub(crate) fn lay_out(chart: &Chart) -> Scene {
    let mut sheet = Sheet::new(&chart.title, &chart.subtitle);
    let names = chart.groups.iter().flat_map(|g| &g.bars).map(|b| cut(&b.name, MOST_NAME_LETTERS).chars().count()).max().unwrap_or(0);
    let x = MARGIN_PT + letters_pt(names + 2);
    for group in chart.groups.iter().filter(|g| !g.bars.is_empty()) {
        sheet.text(MARGIN_PT, &cut(&group.name, 80), Ink::Text, true);
        sheet.y += LINE_PT * 1.2;
        let most = group.bars.iter().map(|b| b.value).max().unwrap_or(0).max(1);
        for bar in &group.bars {
            sheet.text(MARGIN_PT, &cut(&bar.name, MOST_NAME_LETTERS), if bar.tone == Tone::Alarming { Ink::Red } else { Ink::Text }, false);
            let width = (LONGEST_PT * bar.value as f64 / most as f64).max(if bar.value > 0 { 1.0 } else { 0.0 });
            let fill = if bar.tone == Tone::Plain { Ink::Rule } else { bar.tone.ink() };
            sheet.shapes.push(Shape::Box { x, y: sheet.y - LINE_PT * 0.6, width, height: LINE_PT * 0.7, fill });
            let number = grouped(bar.value);
            let told = if bar.note.is_empty() { number } else { format!("{number}  {}", cut(&bar.note, 60)) };
            sheet.text(x + width + 6.0, &told, Ink::Dim, false);
            sheet.y += LINE_PT;
        }
        sheet.y += LINE_PT * 0.6;
    }
    sheet.finish(&chart.title, &chart.subtitle, &chart.notes)
}

/// A number with its thousands told apart: `12,345`.
pub fn grouped(value: u64) -> String {
    let digits = value.to_string();
    let parts: Vec<&str> = digits.as_bytes().rchunks(3).rev().map(|c| std::str::from_utf8(c).unwrap_or("")).collect();
    parts.join(",")
}
