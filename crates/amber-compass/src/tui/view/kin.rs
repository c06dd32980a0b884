//! The screen of kin: the type tree, and beside each type where it has each member; the code of the selected cell below.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::State;
use compass_trace::kin::{Cell, Kin};
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};
use ratatui::style::Style;

/// Columns of members are this wide at least and at most.
const NARROWEST: usize = 7;
const WIDEST: usize = 16;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let parts = layout::kin(state);
    let pane = &state.kin;
    let Some(kin) = &pane.shown else {
        let text = match (&pane.why, pane.waiting) {
            (_, true) => " looking for kin …".to_owned(),
            (Some(why), _) => format!(" {why}"),
            _ => " nothing is shown: k on a type of the desk, or on a member of one".to_owned(),
        };
        put(buffer, parts.head, &text, theme.dim);
        return;
    };
    put_line(buffer, parts.head, head(state, kin));
    let (from, shown) = columns(state, kin, parts.rows.width);
    heading(state, kin, (from, &shown), buffer, parts.notes);
    let top = layout::kin_top(state);
    for (n, y) in (top..pane.rows()).zip(0..usize::from(parts.rows.height)) {
        let number = if y < 9 { format!(" {} ", y + 1) } else { "   ".to_owned() };
        let at = row(parts.rows, y);
        match kin.types.get(n) {
            Some(_) => type_row(state, kin, n, (from, &shown), buffer, at),
            None => almost_row(state, kin, n, buffer, at),
        }
        put(buffer, Rect { width: 3, ..at }, &number, theme.dim);
    }
    if parts.preview.height > 0
        && let Some(current) = pane.current()
    {
        rule(buffer, Rect { y: parts.preview.y - 1, height: 1, ..parts.preview }, theme.rule);
        super::answers::code(state, state.answers.preview.as_ref(), &current.path, current.line, buffer, parts.preview);
    }
}

fn head(state: &State, kin: &Kin) -> Vec<(String, Style)> {
    let theme = &state.theme;
    let count = |n: usize, what: &str| format!("{n} {what}{}", if n == 1 { "" } else { "s" });
    let above = kin.types.iter().filter(|t| t.level < 0).count();
    let below = kin.types.iter().filter(|t| t.level > 0).count();
    let more = if kin.cut { " · there is more than is shown" } else { "" };
    vec![
        (format!(" {}", kin.of.name), theme.strong),
        (format!("  {} · {}:{}", kin.of.kind, kin.of.path, kin.of.line), theme.dim),
        (format!("   {} · {above} above · {below} below{more}", count(kin.members.len(), "member")), theme.plain),
    ]
}

/// Width of the column of types.
fn first_width(width: u16) -> usize {
    usize::from(width) * 2 / 5
}

/// The first column of members that is shown, and their widths: the selected one is among them.
fn columns(state: &State, kin: &Kin, width: u16) -> (usize, Vec<usize>) {
    let room = usize::from(width).saturating_sub(first_width(width) + 1);
    let wide = |m: &(String, compass_trace::Answer)| m.0.chars().count().clamp(NARROWEST, WIDEST) + 2;
    let widths: Vec<usize> = kin.members.iter().map(wide).collect();
    let selected = state.kin.column.saturating_sub(1);
    let mut from = 0;
    while from < selected && widths[from..=selected.min(widths.len() - 1)].iter().sum::<usize>() > room {
        from += 1;
    }
    let mut used = 0;
    let fitting = widths[from..].iter().take_while(|w| {
        used += **w;
        used <= room
    });
    (from, fitting.copied().collect())
}

fn heading(state: &State, kin: &Kin, (from, widths): (usize, &[usize]), buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let mut pieces = vec![(" ".repeat(first_width(at.width) + 1), theme.plain)];
    for (i, width) in widths.iter().enumerate() {
        let (name, style) = (&kin.members[from + i].0, if state.kin.column == from + i + 1 { theme.strong } else { theme.dim });
        pieces.push((format!("{:<width$}", cut(name, width - 2)), style));
    }
    let hidden = kin.members.len() - widths.len();
    if hidden > 0 {
        pieces.push((format!("+{hidden}"), theme.dim));
    }
    put_line(buffer, at, pieces);
}

fn type_row(state: &State, kin: &Kin, n: usize, (from, widths): (usize, &[usize]), buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let of = &kin.types[n];
    let here = n == state.kin.row;
    let highest = kin.types.iter().map(|t| -t.level).max().unwrap_or(0).max(0);
    // What is above stands less far to the right: the nearest base just above the type.
    let indent = 2 * usize::try_from(highest + of.level).unwrap_or(0).min(10);
    let name = of.at.name.as_deref().unwrap_or(&of.at.path);
    let width = first_width(at.width).saturating_sub(4);
    let file = of.at.path.rsplit('/').next().unwrap_or(&of.at.path);
    let place = cut_front(&format!("{file}:{}", of.at.line), width / 2);
    let room = width.saturating_sub(indent + place.chars().count() + 2);
    let style = match (here && state.kin.column == 0, of.level) {
        (true, _) => theme.here,
        (_, 0) => theme.strong,
        _ => theme.plain,
    };
    let told = cut(name, room);
    let gap = " ".repeat(width.saturating_sub(indent + told.chars().count() + place.chars().count()) + 1);
    let mut pieces = vec![(" ".repeat(3 + indent), theme.plain), (told, style), (gap, theme.plain), (place, theme.dim)];
    for (i, width) in widths.iter().enumerate() {
        let selected = here && state.kin.column == from + i + 1;
        let (text, plain) = match &of.cells[from + i] {
            Cell::Own(at) => (format!(":{}", at.line), theme.plain),
            Cell::Inherited(name, _) => (format!("as {}", name.rsplit('.').next().unwrap_or(name)), theme.dim),
            Cell::Lacking => ("-".to_owned(), theme.dim),
        };
        let text = cut(&text, width - 2);
        let pad = " ".repeat(width - text.chars().count() - 1);
        pieces.push((" ".to_owned(), theme.plain));
        pieces.push((text, if selected { theme.here } else { plain }));
        pieces.push((pad, theme.plain));
    }
    put_line(buffer, at, pieces);
}

fn almost_row(state: &State, kin: &Kin, n: usize, buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let almost = &kin.almost[n - kin.types.len()];
    let name = almost.at.name.as_deref().unwrap_or(&almost.at.path);
    let file = almost.at.path.rsplit('/').next().unwrap_or(&almost.at.path);
    let style = if n == state.kin.row { theme.here } else { theme.plain };
    let rest = format!(" lacks {}   {file}:{}", almost.lacks.join(", "), almost.at.line);
    put_line(buffer, at, vec![("   almost: ".to_owned(), theme.dim), (name.to_owned(), style), (rest, theme.dim)]);
}

/// The row of the grid at a place on the screen.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    layout::row_in(layout::kin(state).rows, layout::kin_top(state), state.kin.rows(), at)
}
