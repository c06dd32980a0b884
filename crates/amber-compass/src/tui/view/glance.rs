//! A look at a target in the place of the bearings.

use super::{clear, cut, cut_front, layout, put, put_line, row, rule};
use crate::tui::state::{Look, State};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let area = layout::glance(state);
    let Some(look) = state.glance.current() else { return };
    clear(buffer, area, theme.plain);
    let inner = Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area };
    let mark = super::bearings::certainty(look.certainty.as_deref()).0;
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
    let theme = &state.theme;
    let Some(page) = &look.page else { return };
    let gutter = layout::gutter(page) - 1;
    for y in 0..area.height {
        let number = look.top + u32::from(y);
        let Some(line) = page.lines.get(number as usize - 1) else { break };
        let here = number == look.spot.line;
        let at = Rect { y: area.y + y, height: 1, ..area };
        let ground = if here { theme.here_line } else { ratatui::style::Style::new() };
        if here {
            buffer.set_style(at, theme.here_line);
        }
        let wide = gutter as usize - 1;
        put(buffer, Rect { width: gutter, ..at }, &format!("{number:>wide$}"), if here { theme.here } else { theme.dim });
        let text_at = Rect { x: at.x + gutter, width: at.width.saturating_sub(gutter), ..at };
        super::desk::code_line(state, line, buffer, text_at, 0, ground, None);
        if here && let Some((_, span)) = page.word_at(look.spot.line, look.spot.column) {
            super::desk::cursor(state, line, buffer, text_at, 0, span.start as usize, span.end as usize);
        }
    }
}
