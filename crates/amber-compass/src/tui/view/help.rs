//! The keys of the screen one is on.

use super::{put, put_line, row};
use crate::tui::state::State;
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

pub fn draw(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let all = state.keys.rows(state.screen);
    let columns = if area.width >= 130 { 2 } else { 1 };
    let rows = all.len().div_ceil(columns);
    let height = (rows as u16 + 6).min(area.height.saturating_sub(2));
    let width = (columns as u16 * 58 + 4).min(area.width);
    let at = Rect { x: area.x + (area.width - width) / 2, y: area.y + 1, width, height };
    super::clear(buffer, at, theme.plain.patch(theme.here_line));
    let ground = |s: ratatui::style::Style| s.patch(theme.here_line);
    put(buffer, row(at, 0), "  keys of this screen", ground(theme.strong));
    for (i, binding) in all.iter().enumerate() {
        let (column, line) = (i / rows, i % rows);
        let cell = Rect { x: at.x + 2 + column as u16 * 58, width: 56.min(at.width.saturating_sub(2 + column as u16 * 58)), ..row(at, line + 2) };
        put_line(buffer, cell, vec![(format!("{:>10}  ", binding.key), ground(theme.strong)), (binding.text().to_owned(), ground(theme.plain))]);
    }
    let legend = ["  = proven   ~ inferred   ? guessed   ! gap", "  F1-F9 or Alt+1-9 screens · 1-9 rows and groups"];
    for (i, text) in legend.iter().enumerate() {
        put(buffer, row(at, (at.height as usize).saturating_sub(3) + i), text, ground(theme.dim));
    }
}
