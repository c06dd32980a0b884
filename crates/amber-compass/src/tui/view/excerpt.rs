//! A piece of a file that is not the one being read: beside the code, or below a list.

use super::{desk, put};
use crate::tui::layout;
use crate::tui::state::{Page, State};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;

/// Lines from `top` on with their numbers; that of the line `here` in its own style. Gives where the text of that line stands.
pub fn draw(state: &State, page: &Page, (top, here): (u32, u32), number_style: Style, buffer: &mut Buffer, area: Rect) -> Option<Rect> {
    let theme = &state.theme;
    let gutter = layout::gutter(page) - 1;
    let wide = usize::from(gutter) - 1;
    let mut found = None;
    for y in 0..area.height {
        let number = top + u32::from(y);
        let Some(line) = page.lines.get(number as usize - 1) else { break };
        let is_here = number == here;
        let at = Rect { y: area.y + y, height: 1, ..area };
        let ground = if is_here { theme.here_line } else { Style::new() };
        if is_here {
            buffer.set_style(at, theme.here_line);
        }
        put(buffer, Rect { width: gutter.min(at.width), ..at }, &format!("{number:>wide$}"), if is_here { number_style } else { theme.dim });
        let text = Rect { x: at.x + gutter, width: at.width.saturating_sub(gutter), ..at };
        desk::code_line(state, line, buffer, text, 0, ground, None);
        found = found.or(is_here.then_some(text));
    }
    found
}

/// The first line to show so that a line stands in the upper third.
pub fn top_for(line: u32, area: Rect) -> u32 {
    line.saturating_sub(u32::from(area.height) / 3).max(1)
}
