//! Draws the state. Only draws: no question, no lock, no file.

mod answers;
mod aside;
mod band;
mod bearings;
mod chains;
mod change;
mod choices;
mod desk;
mod documentation;
mod excerpt;
mod frame;
mod gaps;
mod glance;
mod guide;
mod help;
mod history_and_coverage;
pub mod kin;
mod logbook;
mod survey;
mod tree;
mod unfold;
mod units;

pub use aside::at as aside_at;
pub use band::line_at as band_line_at;
pub use bearings::{InBearings, at as bearings_at};
pub use chains::row_at as chain_row_at;
pub use documentation::total as documentation_rows;
pub use gaps::row_at as gap_row_at;
pub use kin::row_at as kin_row_at;
pub use logbook::row_at as logbook_row_at;
pub use survey::row_at as survey_row_at;
pub use tree::row_at as tree_row_at;
pub use units::row_at as unit_row_at;

use super::state::{Screen, State};
use ratatui::Frame;
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;
use ratatui::text::{Line, Span};

/// Smallest terminal that shows anything but a message.
pub const SMALLEST: (u16, u16) = (60, 15);

/// Draws everything.
pub fn draw(state: &State, frame: &mut Frame) {
    let area = frame.area();
    let buffer = frame.buffer_mut();
    buffer.set_style(area, state.theme.plain);
    if area.width < SMALLEST.0 || area.height < SMALLEST.1 {
        let text = format!("Amber Compass needs {}×{} cells; this terminal has {}×{}", SMALLEST.0, SMALLEST.1, area.width, area.height);
        for (i, part) in wrap(&text, area.width as usize).iter().enumerate().take(area.height as usize) {
            put(buffer, Rect { x: area.x, y: area.y + i as u16, width: area.width, height: 1 }, part, state.theme.plain);
        }
        return;
    }
    frame::draw(state, buffer, area);
    match state.screen {
        Screen::Survey => survey::draw(state, buffer),
        Screen::Desk => desk::draw(state, buffer),
        Screen::Answers => answers::draw(state, buffer),
        Screen::Chains => chains::draw(state, buffer),
        Screen::Unfold => unfold::draw(state, buffer),
        Screen::Units => units::draw(state, buffer),
        Screen::Logbook => logbook::draw(state, buffer),
        Screen::Kin => kin::draw(state, buffer),
        Screen::Gaps => gaps::draw(state, buffer),
    }
    if state.screen == Screen::Desk {
        beside_code(state, buffer);
    }
    if state.unfold.panel && state.screen == Screen::Desk {
        let side = crate::tui::layout::desk(state).bearings;
        let body = crate::tui::layout::body(state);
        let below = Rect { y: body.y + body.height / 2, height: body.height - body.height / 2, ..body };
        unfold::panel(state, &state.unfold, buffer, if side.width > 0 { side } else { below });
    }
    choices::draw(state, buffer);
    if state.help {
        help::draw(state, buffer, area);
    }
    if state.guide {
        guide::draw(state, buffer, area);
    }
}

/// What stands in the place of the bearings: the latest thing asked for.
fn beside_code(state: &State, buffer: &mut Buffer) {
    if state.tree.is_some() {
        tree::draw(state, buffer);
    } else if !state.glance.looks.is_empty() {
        glance::draw(state, buffer);
    } else if state.desk.reading.is_some() {
        documentation::draw(state, buffer);
    } else if !state.asides.is_empty() && !state.desk.bearings.focused {
        aside::draw(state, buffer);
    }
}

/// Writes text into the first row of an area, cut at its width.
fn put(buffer: &mut Buffer, area: Rect, text: &str, style: Style) {
    if area.height > 0 && area.width > 0 {
        buffer.set_stringn(area.x, area.y, crate::shown::harmless(text), area.width as usize, style);
    }
}

/// Writes styled pieces into the first row of an area.
fn put_line(buffer: &mut Buffer, area: Rect, pieces: Vec<(String, Style)>) {
    if area.height == 0 || area.width == 0 {
        return;
    }
    let spans: Vec<Span> = pieces.into_iter().map(|(t, s)| Span::styled(crate::shown::harmless(&t), s)).collect();
    buffer.set_line(area.x, area.y, &Line::from(spans), area.width);
}

/// Empties an area, weights and underlines included.
fn clear(buffer: &mut Buffer, area: Rect, style: Style) {
    for y in area.y..area.y.saturating_add(area.height) {
        for x in area.x..area.x.saturating_add(area.width) {
            if let Some(cell) = buffer.cell_mut((x, y)) {
                cell.reset();
                cell.set_style(style);
            }
        }
    }
}

/// The n-th row of an area; empty below it.
fn row(area: Rect, n: usize) -> Rect {
    if n < area.height as usize { Rect { y: area.y + n as u16, height: 1, ..area } } else { Rect { height: 0, ..area } }
}

/// Cuts text to a width, with a sign that something is missing.
fn cut(text: &str, width: usize) -> String {
    use unicode_width::{UnicodeWidthChar, UnicodeWidthStr};
    // Lines of millions of characters are looked at no further than they could be shown.
    let bound = text.floor_char_boundary(16 * width + 64);
    let is_whole = bound == text.len();
    let text = crate::shown::harmless(&text[..bound]);
    if is_whole && text.width() <= width {
        return text;
    }
    let mut out = String::new();
    let mut used = 0;
    for c in text.chars() {
        let w = c.width().unwrap_or(0);
        if used + w + 1 > width {
            break;
        }
        used += w;
        out.push(c);
    }
    if width > 0 {
        out.push('…');
    }
    out
}

/// Cuts the front of a text, for paths whose end says more.
fn cut_front(text: &str, width: usize) -> String {
    let count = text.chars().count();
    if count <= width {
        return text.to_owned();
    }
    let kept: String = text.chars().skip(count + 1 - width.max(1)).collect();
    format!("…{kept}")
}

/// Breaks text at blanks.
fn wrap(text: &str, width: usize) -> Vec<String> {
    let mut lines: Vec<String> = vec![String::new()];
    for word in text.split_whitespace() {
        let last = lines.last_mut().expect("there is always a last line");
        if !last.is_empty() && last.chars().count() + 1 + word.chars().count() > width {
            lines.push(word.to_owned());
        } else {
            if !last.is_empty() {
                last.push(' ');
            }
            last.push_str(word);
        }
    }
    lines
}

/// A horizontal thin rule.
fn rule(buffer: &mut Buffer, area: Rect, style: Style) {
    put(buffer, area, &"─".repeat(area.width as usize), style);
}
