//! The screen of units: one indented list.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::{State, UnitLine};
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};
use ratatui::style::Style;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let (theme, body, area) = (&state.theme, layout::body(state), layout::units(state));
    let units: Vec<&UnitLine> = state.units.lines.iter().filter(|l| l.depth == 0).collect();
    let own = units.iter().filter(|l| l.entry.own).count();
    let others = units.iter().filter(|l| !l.entry.own && l.entry.tag != compass_index::plan::declared::WORD).count();
    let head = if state.units.loaded { format!(" units  {own} own, {others} of dependencies") } else { " units  …".to_owned() };
    put_line(buffer, row(body, 0), vec![(head, theme.strong)]);
    rule(buffer, row(body, 1), theme.rule);
    let top = layout::units_top(state);
    for (n, line) in state.units.lines.iter().enumerate().skip(top).take(area.height as usize) {
        draw_line(state, line, n, row(area, n - top), buffer);
    }
}

fn draw_line(state: &State, line: &UnitLine, n: usize, at: Rect, buffer: &mut Buffer) {
    let theme = &state.theme;
    let here = n == state.units.selected;
    let number = n + 1 - layout::units_top(state);
    let number = if number <= 9 { format!("{number} ") } else { "  ".to_owned() };
    let waits = here && state.units.waiting == Some(line.entry.node);
    let sign = match (line.entry.opens, line.open) {
        _ if waits => "… ",
        (true, false) => "+ ",
        (true, true) => "- ",
        (false, _) => "  ",
    };
    let plain: Style = if line.entry.own { theme.plain } else { theme.dim };
    let indent = "  ".repeat(line.depth as usize);
    let front = format!("{number}{indent}{sign}{:10} ", line.entry.tag);
    let width = at.width as usize;
    let detail = cut(&line.entry.detail, width / 2);
    let room = width.saturating_sub(front.chars().count() + detail.chars().count() + 3);
    // The end of a path says more than its front.
    let name = if line.entry.name.contains('/') { cut_front(&line.entry.name, room) } else { cut(&line.entry.name, room) };
    let pieces = vec![(" ".to_owned(), plain), (front, theme.dim), (name, if here { theme.here } else { plain })];
    put_line(buffer, at, pieces);
    let x = at.x + at.width.saturating_sub(detail.chars().count() as u16 + 1);
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &detail, theme.dim);
}

/// The row of the list at a place on the screen.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    layout::row_in(layout::units(state), layout::units_top(state), state.units.lines.len(), at)
}
