//! A look at a target in the place of the bearings.

use super::{clear, cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::{Look, State};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let area = layout::glance(state);
    let Some(look) = state.glance.current() else { return };
    clear(buffer, area, theme.plain);
    let inner = Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area };
    let mark = super::bearings::certainty(look.certainty).0;
    let depth = state.glance.looks.len();
    let further = if depth > 1 { format!("  look {depth}") } else { String::new() };
    let width = inner.width as usize;
    put_line(
        buffer,
        row(inner, 0),
        vec![(format!("glance  {mark} "), theme.dim), (cut(&look.name, width.saturating_sub(20)), theme.strong), (further, theme.dim)],
    );
    put(buffer, row(inner, 1), &cut_front(&format!("{}:{}", look.spot.path, look.spot.line), width), theme.dim);
    rule(buffer, row(inner, 2), theme.rule);
    match &look.page {
        Some(_) => text(state, look, buffer, Rect { y: inner.y + 3, height: inner.height.saturating_sub(3), ..inner }),
        None => put(buffer, row(inner, 3), "…", theme.dim),
    }
}

fn text(state: &State, look: &Look, buffer: &mut Buffer, area: Rect) {
    let Some(page) = &look.page else { return };
    let at = super::excerpt::draw(state, page, (look.top, look.spot.line), state.theme.here, buffer, area);
    if let (Some(at), Some((_, span)), Some(line)) = (at, page.word_at(look.spot.line, look.spot.column), page.lines.get(look.spot.line as usize - 1)) {
        super::desk::cursor(state, line, buffer, at, 0, span.start as usize, span.end as usize);
    }
}
