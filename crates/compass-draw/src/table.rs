//! Lays a table out: names on the left, a column each, a ground behind every other row.

use crate::figure::{Cell, Table};
use crate::scene::{Ink, LINE_PT, Scene, Shape};
use crate::sheet::{MARGIN_PT, Sheet, cut, letters_pt};

/// Texts of cells, and names of rows, are cut behind so many letters.
const MOST_LETTERS: usize = 26;
const MOST_NAME_LETTERS: usize = 44;
const GAP: usize = 2;

/// Lays out.
pub(crate) fn lay_out(table: &Table) -> Scene {
    let mut sheet = Sheet::new(&table.title, &table.subtitle);
    let shown = |c: &Cell, most: usize| cut(&c.text, most);
    let columns = table.head.len().max(table.rows.iter().map(|r| r.cells.len() + 1).max().unwrap_or(1));
    let wide = |n: usize| -> usize {
        let head = table.head.get(n).map_or(0, |c| shown(c, if n == 0 { MOST_NAME_LETTERS } else { MOST_LETTERS }).chars().count());
        let cells = table.rows.iter().map(|r| match n {
            0 => 2 * r.indent + shown(&r.name, MOST_NAME_LETTERS).chars().count(),
            _ => r.cells.get(n - 1).map_or(0, |c| shown(c, MOST_LETTERS).chars().count()),
        });
        cells.max().unwrap_or(0).max(head)
    };
    let mut starts = vec![MARGIN_PT];
    for n in 0..columns {
        starts.push(starts[n] + letters_pt(wide(n) + GAP));
    }
    let right = starts[columns] - letters_pt(GAP);
    for (cell, x) in table.head.iter().zip(&starts) {
        let most = if *x == MARGIN_PT { MOST_NAME_LETTERS } else { MOST_LETTERS };
        sheet.linked(*x, &shown(cell, most), cell.tone.ink(), true, cell.place.as_deref());
    }
    let y = sheet.y + LINE_PT * 0.4;
    sheet.shapes.push(Shape::Line { x1: MARGIN_PT, y1: y, x2: right, y2: y, ink: Ink::Rule, dashed: false });
    sheet.y += LINE_PT * 1.2;
    for (n, row) in table.rows.iter().enumerate() {
        if n % 2 == 1 {
            let (x, width) = (MARGIN_PT - 8.0, right - MARGIN_PT + 16.0);
            sheet.shapes.push(Shape::Box { x, y: sheet.y - LINE_PT * 0.72, width, height: LINE_PT, fill: Ink::Band });
        }
        let x = MARGIN_PT + letters_pt(2 * row.indent);
        sheet.linked(x, &shown(&row.name, MOST_NAME_LETTERS), row.name.tone.ink(), true, row.name.place.as_deref());
        for (cell, x) in row.cells.iter().zip(&starts[1..]) {
            sheet.linked(*x, &shown(cell, MOST_LETTERS), cell.tone.ink(), false, cell.place.as_deref());
        }
        sheet.y += LINE_PT;
    }
    sheet.finish(&table.title, &table.subtitle, &table.notes)
}
