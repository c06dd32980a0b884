//! The band: the file's definitions in order as cells of one row, the current one marked.

use super::put_line;
use crate::tui::layout;
use crate::tui::state::{Page, State};
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};
use ratatui::style::Style;
use unicode_width::UnicodeWidthStr;

/// A piece of the row: its text, its style, and the cell of the band it belongs to.
type Cell = (String, Style, Option<usize>);

/// The row in pieces.
fn pieces(state: &State, page: &Page, width: u16) -> Vec<Cell> {
    let theme = &state.theme;
    let line = state.desk.spot.line;
    // Cells stand by line: the innermost one around the line is the last before it that reaches so far.
    let before = page.band.partition_point(|c| c.line <= line);
    let current = page.band[..before].iter().rposition(|c| line <= c.end_line);
    let room = usize::from(width).saturating_sub(11);
    let start = band_start(page, current.unwrap_or_else(|| page.band.partition_point(|c| c.line < line)), room);
    let mut pieces: Vec<Cell> = vec![(" band     ".to_owned(), theme.dim, None)];
    if start > 0 {
        pieces.push(("… ".to_owned(), theme.dim, None));
    }
    let mut used = 0;
    for (i, cell) in page.band.iter().enumerate().skip(start) {
        used += cell.name.chars().count() + 3;
        if used > room {
            pieces.push(("…".to_owned(), theme.dim, None));
            break;
        }
        pieces.push((cell.name.clone(), if Some(i) == current { theme.here } else { theme.dim }, Some(i)));
        if cell.has_gap {
            pieces.push(("!".to_owned(), theme.wrong, Some(i)));
        }
        pieces.push((" │ ".to_owned(), theme.rule, None));
    }
    pieces
}

pub fn draw(state: &State, page: &Page, buffer: &mut Buffer, area: Rect) {
    let all = pieces(state, page, area.width);
    put_line(buffer, area, all.into_iter().map(|(text, style, _)| (text, style)).collect());
}

/// The line of the definition whose cell stands at a place of the screen.
pub fn line_at(state: &State, at: Position) -> Option<u32> {
    let page = state.desk.page.as_ref()?;
    let area = layout::desk(state).band;
    let mut x = area.x;
    for (text, _, cell) in pieces(state, page, area.width) {
        x += crate::shown::harmless(&text).width() as u16;
        if at.x < x {
            return Some(page.band.get(cell?)?.line);
        }
    }
    None
}

/// The first cell shown: as many before the current one as fill a third of the room.
fn band_start(page: &Page, current: usize, room: usize) -> usize {
    let mut used = 0;
    let mut start = current.min(page.band.len());
    while start > 0 {
        used += page.band[start - 1].name.chars().count() + 3;
        if used > room / 3 {
            break;
        }
        start -= 1;
    }
    start
}
