//! Folders and files in the place of the bearings.

use super::{clear, cut, put, put_line, row};
use crate::tui::layout;
use crate::tui::state::State;
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};

/// Where its rows are, and which is the first that is shown.
fn rows(state: &State) -> (Rect, usize) {
    let area = layout::glance(state);
    let inner = Rect { x: area.x + 1, width: area.width.saturating_sub(2), y: area.y + 1, height: area.height.saturating_sub(1) };
    let height = usize::from(inner.height).max(1);
    let top = state.tree.as_ref().map_or(0, |t| t.selected.saturating_sub(height / 2).min(t.rows.len().saturating_sub(height)));
    (inner, top)
}

/// The row that stands at a place of the screen.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    let (area, top) = rows(state);
    layout::row_in(area, top, state.tree.as_ref()?.rows.len(), at)
}

pub fn draw(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let Some(tree) = &state.tree else { return };
    clear(buffer, layout::glance(state), theme.plain);
    let (area, top) = rows(state);
    let head = if tree.loaded { format!("folders  {} files", tree.paths.len()) } else { "folders  …".to_owned() };
    put(buffer, Rect { y: area.y - 1, height: 1, ..area }, &head, theme.dim);
    let here = state.desk.page.as_ref().map(|p| p.path.as_str());
    for (i, entry) in tree.rows.iter().enumerate().skip(top).take(usize::from(area.height)) {
        let indent = "  ".repeat(entry.depth.min(12));
        let sign = match entry.files {
            Some(_) if entry.open => "▾ ",
            Some(_) => "▸ ",
            None => "  ",
        };
        let count = entry.files.map_or(String::new(), |n| format!("  {n}"));
        let is_read = here == Some(entry.path.as_str());
        let style = if i == tree.selected {
            theme.here
        } else if is_read {
            theme.strong
        } else {
            theme.plain
        };
        let name = cut(entry.name(), usize::from(area.width).saturating_sub(indent.len() + 3 + count.len()));
        let read = if is_read { "  read now" } else { "" };
        put_line(buffer, row(area, i - top), vec![(format!("{indent}{sign}"), theme.dim), (name, style), (format!("{count}{read}"), theme.dim)]);
    }
}
