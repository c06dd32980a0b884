//! Rows that belong to the ask line: what is chosen from while one types.

use super::{cut, cut_front, put, put_line, row};
use crate::tui::layout;
use crate::tui::state::{AskMode, State};
use crate::tui::update;
use compass_trace::Answer;
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

/// Draws those of what is being typed.
pub fn draw(state: &State, buffer: &mut Buffer) {
    match state.ask.mode {
        AskMode::Jump => jump_rows(state, buffer),
        AskMode::Actions => action_rows(state, buffer),
        AskMode::Outline => outline_rows(state, buffer),
        AskMode::Question if state.ask.chooses_offers() => offer_rows(state, buffer),
        _ => {}
    }
}

/// What may be typed next.
fn offer_rows(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let area = beside(state, buffer);
    let offers = &state.ask.offers.offers;
    put(buffer, row(area, 0), "Tab takes", theme.dim);
    let visible = usize::from(area.height).saturating_sub(1);
    let top = layout::ask_rows(state).1;
    for (i, offer) in offers.iter().enumerate().skip(top).take(visible) {
        let style = if i == state.ask.selected { theme.here } else { theme.plain };
        let text = cut(&offer.text, usize::from(area.width).saturating_sub(13));
        put_line(buffer, row(area, 1 + i - top), vec![(format!("{:11}", offer.what), theme.dim), (text, style)]);
    }
}

/// What the file brings in and what it defines.
fn outline_rows(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let area = beside(state, buffer);
    let shown = state.ask.outlined();
    let head = match (state.ask.looking, shown.len(), state.ask.rows.len()) {
        (true, ..) => "looking …".to_owned(),
        (_, 0, 0) => "this file defines nothing".to_owned(),
        (_, n, all) if n < all => format!("outline  {n} of {all}"),
        (_, n, _) => format!("outline  {n}"),
    };
    put(buffer, row(area, 0), &head, theme.dim);
    let visible = usize::from(area.height).saturating_sub(1);
    let top = layout::ask_rows(state).1;
    for (i, answer) in shown.iter().enumerate().skip(top).take(visible) {
        outline_row(state, answer, i == state.ask.selected, buffer, row(area, 1 + i - top));
    }
}

/// Kind, name below what it stands in, line.
fn outline_row(state: &State, answer: &Answer, here: bool, buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let width = usize::from(at.width);
    let place = answer.line.to_string();
    let (kind, text, depth) = match (&answer.role, &answer.name) {
        (None, Some(name)) => {
            let depth = name.matches('.').count();
            (answer.kind_word().unwrap_or(""), name.rsplit('.').next().unwrap_or(name).to_owned(), depth)
        }
        // What is brought in stands there as it is written.
        _ => ("brings in", answer.text.as_deref().unwrap_or("").trim().to_owned(), 0),
    };
    let indent = "  ".repeat(depth.min(6));
    let room = width.saturating_sub(11 + indent.len() + place.len() + 1);
    let style = if here { theme.here } else { theme.plain };
    put_line(buffer, at, vec![(format!("{kind:11}{indent}"), theme.dim), (cut(&text, room), style)]);
    let x = at.x + at.width.saturating_sub(place.len() as u16);
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &place, theme.dim);
}

/// Room for rows that belong to the ask line.
fn beside(state: &State, buffer: &mut Buffer) -> Rect {
    let area = layout::beside_ask(state);
    super::clear(buffer, area, state.theme.plain);
    // What stands beside is cut there.
    if area.x > 0 {
        (0..area.height).for_each(|y| put(buffer, Rect { width: 1, ..row(area, usize::from(y)) }, "│", state.theme.rule));
    }
    Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area }
}

/// What can be done here, with its keys.
fn action_rows(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let area = beside(state, buffer);
    let found = update::found_actions(state);
    let head = if found.is_empty() {
        "no action on this screen has that name".to_owned()
    } else {
        format!("{} thing{} to do here", found.len(), if found.len() == 1 { "" } else { "s" })
    };
    put(buffer, row(area, 0), &head, theme.dim);
    let visible = usize::from(area.height).saturating_sub(1);
    let top = layout::ask_rows(state).1;
    for (i, action) in found.iter().enumerate().skip(top).take(visible) {
        let style = if i == state.ask.selected { theme.here } else { theme.plain };
        let text = cut(action.text(), usize::from(area.width).saturating_sub(11));
        put_line(buffer, row(area, 1 + i - top), vec![(format!("{:>9}  ", action.key), theme.strong), (text, style)]);
    }
}

/// Symbols that match.
fn jump_rows(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let area = beside(state, buffer);
    let count = state.ask.rows.len();
    let head = if state.ask.text.trim().is_empty() {
        "fragments or initials of a name".to_owned()
    } else if state.ask.looking && count == 0 {
        "looking …".to_owned()
    } else {
        format!("{count} symbols")
    };
    put(buffer, row(area, 0), &head, theme.dim);
    let visible = (area.height as usize).saturating_sub(1) / 2;
    let top = layout::ask_rows(state).1;
    for (i, answer) in state.ask.rows.iter().enumerate().skip(top).take(visible) {
        let here = i == state.ask.selected;
        let line = 1 + 2 * (i - top);
        let style = if here { theme.here } else { theme.strong };
        let kind = answer.kind_word().unwrap_or("");
        put_line(
            buffer,
            row(area, line),
            vec![(format!("{kind:10}"), theme.dim), (cut(answer.name.as_deref().unwrap_or(""), (area.width as usize).saturating_sub(10)), style)],
        );
        let place = cut_front(&format!("{}:{}", answer.path, answer.line), (area.width as usize).saturating_sub(10));
        put(buffer, row(area, line + 1), &format!("          {place}"), theme.dim);
    }
}
