//! The keys of the screen one is on.

use super::{put, put_line, row};
use crate::tui::state::State;
use crate::tui::update::Action;
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

/// Keys that do what they do everywhere.
fn is_plain(action: Action) -> bool {
    use Action::{Down, First, Last, Left, PageDown, PageUp, Right, Up};
    matches!(action, Up | Down | Left | Right | PageUp | PageDown | First | Last)
}

pub fn draw(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let mut all = state.keys.rows(state.screen);
    // Those that everybody finds without being told come last.
    all.sort_by_key(|r| is_plain(r.action()));
    let columns = if area.width >= 130 { 2 } else { 1 };
    let rows = all.len().div_ceil(columns);
    let height = (rows as u16 + 7).min(area.height.saturating_sub(2));
    let cell_width = ((area.width.saturating_sub(4)) / columns as u16).min(76);
    let width = (columns as u16 * cell_width + 4).min(area.width);
    let at = Rect { x: area.x + (area.width - width) / 2, y: area.y + 1, width, height };
    super::clear(buffer, at, theme.plain.patch(theme.here_line));
    let ground = |s: ratatui::style::Style| s.patch(theme.here_line);
    put(buffer, row(at, 0), "  keys of this screen", ground(theme.strong));
    // On a small screen not all of them have room: that is said.
    let room = (at.height as usize).saturating_sub(7);
    for (i, binding) in all.iter().enumerate() {
        let (column, line) = (i / rows, i % rows);
        if line >= room {
            continue;
        }
        let x = column as u16 * cell_width;
        let cell = Rect { x: at.x + 2 + x, width: (cell_width - 2).min(at.width.saturating_sub(2 + x)), ..row(at, line + 2) };
        put_line(buffer, cell, vec![(format!("{:>10}  ", binding.key), ground(theme.strong)), (binding.text().to_owned(), ground(theme.plain))]);
    }
    let legend = ["  = proven   ~ inferred   ? guessed   ! gap", "  F1-F9 or Alt+1-9 screens · 1-9 rows and groups"];
    let first = (at.height as usize).saturating_sub(4);
    if rows > room {
        let hidden: usize = (0..columns).map(|c| all.len().min((c + 1) * rows).saturating_sub(c * rows + room)).sum();
        put(buffer, row(at, first - 1), &format!("  … {hidden} more: . lists all of them, found by typing"), ground(theme.plain));
    }
    for (i, text) in legend.iter().enumerate() {
        put(buffer, row(at, first + i), text, ground(theme.dim));
    }
    let said = |text: &str, style| (text.to_owned(), ground(style));
    let names = vec![
        said("  names in the text: ", theme.dim),
        said("defined here", theme.defined),
        said(", ", theme.dim),
        said("a macro", theme.by_macro),
        said(", ", theme.dim),
        said("a mark", theme.marking),
        said(", ", theme.dim),
        said("in a dependency", theme.outside),
        said(", ", theme.dim),
        said("target unknown", theme.unknown),
    ];
    put_line(buffer, row(at, first + 2), names);
}
