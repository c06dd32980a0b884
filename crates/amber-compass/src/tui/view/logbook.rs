//! The screen of the logbook.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::{LogRow, State};
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};

pub fn draw(state: &State, buffer: &mut Buffer) {
    let (theme, body, area) = (&state.theme, layout::body(state), layout::logbook(state));
    let locked = if state.logbook.writable { "" } else { "  it cannot be written" };
    put_line(buffer, row(body, 0), vec![(" logbook".to_owned(), theme.strong), (locked.to_owned(), theme.wrong)]);
    rule(buffer, row(body, 1), theme.rule);
    let rows = state.logbook.rows();
    let top = layout::logbook_top(state);
    let mut number = 0;
    for (n, line) in rows.iter().enumerate().skip(top).take(area.height as usize) {
        number += u32::from(!matches!(line, LogRow::Heading(_)));
        draw_row(state, line, (n, number), row(area, n - top), buffer);
    }
}

fn draw_row(state: &State, line: &LogRow, (n, number): (usize, u32), at: Rect, buffer: &mut Buffer) {
    let theme = &state.theme;
    let here = n == state.logbook.selected;
    let number = if number <= 9 { format!(" {number} ") } else { "   ".to_owned() };
    let style = if here { theme.here } else { theme.plain };
    let (front, text, side) = match line {
        LogRow::Heading(text) => return put_line(buffer, at, vec![(format!(" {text}"), theme.strong)]),
        LogRow::Mark(mark) => {
            let Some(b) = state.logbook.mark(*mark) else { return };
            let found = state.logbook.found.get(mark);
            let (path, line, code) = match found {
                Some(Some(f)) => (f.path.as_str(), f.line, f.text.as_str()),
                _ => (b.anchor.path.as_str(), b.anchor.line, b.anchor.text.as_str()),
            };
            let name = b.anchor.symbol.as_ref().map(|s| format!("{} {}", s.kind, s.names.join("."))).unwrap_or_else(|| code.to_owned());
            let gone = if found == Some(&None) { "  no longer there" } else { "" };
            let note = if b.note.is_empty() { String::new() } else { format!("   {}", b.note) };
            (format!("{name}{gone}"), note, format!("{path}:{line}"))
        }
        LogRow::Step(step, depth) => {
            let Some(s) = state.logbook.book.trail.steps.get(*step) else { return };
            let mark = if state.logbook.book.trail.at == Some(*step) { "▸ " } else { "  " };
            let name = if s.name.is_empty() { String::new() } else { format!("{}: ", s.name) };
            let how = if s.how.is_empty() { String::new() } else { format!("   {}", s.how) };
            (format!("{}{mark}{name}{}", "    ".repeat(*depth), s.text), how, format!("{}:{}", s.path, s.line))
        }
        LogRow::Kept(n) => {
            let Some((name, path)) = state.logbook.kept.get(*n) else { return };
            (name.clone(), String::new(), path.clone())
        }
    };
    let width = at.width as usize;
    let side = cut_front(&side, width * 2 / 5);
    let room = width.saturating_sub(side.chars().count() + 7);
    let front = cut(&front, room);
    let text = cut(&text, room.saturating_sub(front.chars().count()));
    put_line(buffer, at, vec![(number, theme.dim), (front, style), (text, theme.comment)]);
    let x = at.x + at.width.saturating_sub(side.chars().count() as u16 + 1);
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &side, theme.dim);
}

/// The row of the list at a place on the screen that can be chosen: no heading.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    let rows = state.logbook.rows();
    let row = layout::row_in(layout::logbook(state), layout::logbook_top(state), rows.len(), at)?;
    (!matches!(rows.get(row)?, LogRow::Heading(_))).then_some(row)
}
