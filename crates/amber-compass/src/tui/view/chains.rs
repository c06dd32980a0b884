//! The screen of chains: a growing list, or a way as a cross-section of layers; code below.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::{ChainRow, Grown, Shown, State};
use compass_index::Certainty;
use compass_trace::Answer;
use compass_trace::chains::{Section, SectionRow};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let parts = layout::chains(state);
    let theme = &state.theme;
    match (&state.chains.shown, &state.chains.waiting) {
        (None, Some(waiting)) => put(buffer, parts.head, &format!(" {waiting}  …"), theme.dim),
        (None, None) => {
            put(buffer, parts.head, " no chain yet: t on a name of the desk, or ask: how does A reach B", theme.dim);
            return;
        }
        (Some(Shown::Grown(grown)), _) => draw_grown(state, grown, buffer),
        (Some(Shown::Ways { sections, total, note, current, .. }), _) => match sections.get(*current) {
            Some(section) => draw_section(state, section, (*current, sections.len(), *total), note, buffer),
            None => {
                put(buffer, parts.head, " no way was found", theme.plain);
                put(buffer, parts.notes, &format!(" {note}"), theme.dim);
            }
        },
    }
    rule(buffer, Rect { y: parts.notes.y + 1, ..parts.notes }, theme.rule);
    if parts.preview.height > 0 {
        rule(buffer, Rect { y: parts.preview.y - 1, height: 1, ..parts.preview }, theme.rule);
        if let Some(changes) = &state.chains.compared {
            draw_changes(state, changes, buffer, parts.preview);
        } else if let Some((spot, _)) = state.chains.current() {
            super::answers::code(state, state.chains.preview.as_ref(), &spot.path, spot.line, buffer, parts.preview);
        }
    }
}

/// What changed since a chain was kept: lines that are gone and lines that are new, each with its sign.
fn draw_changes(state: &State, changes: &compass_session::kept::Changes, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let width = area.width as usize;
    let head = if changes.gone.is_empty() && changes.new.is_empty() {
        format!(" as it was kept on {}", changes.since)
    } else {
        format!(" since it was kept on {}: {} gone, {} new", changes.since, changes.gone.len(), changes.new.len())
    };
    put(buffer, row(area, 0), &cut(&head, width), theme.strong);
    let signed = changes.gone.iter().map(|l| ("gone", l)).chain(changes.new.iter().map(|l| ("new ", l)));
    let room = usize::from(area.height).saturating_sub(1);
    let count = changes.gone.len() + changes.new.len();
    let shown = if count > room { room.saturating_sub(1) } else { count };
    for (y, (sign, line)) in signed.take(shown).enumerate() {
        put(buffer, row(area, y + 1), &cut(&format!("   {sign}  {line}"), width), if sign == "gone" { theme.dim } else { theme.plain });
    }
    if count > shown {
        put(buffer, row(area, shown + 1), &format!("   and {} more", count - shown), theme.dim);
    }
}

/// The row of the list at a place on the screen.
pub fn row_at(state: &State, at: ratatui::layout::Position) -> Option<usize> {
    let area = layout::chains(state).rows;
    let height = usize::from(area.height);
    match state.chains.shown.as_ref()? {
        Shown::Grown(grown) => layout::row_in(area, top(state.chains.selected, grown.rows.len(), height), grown.rows.len(), at),
        Shown::Ways { .. } => {
            let lines = section_lines(state.chains.section()?);
            let steps = state.chains.steps();
            let selected = steps.get(state.chains.selected).copied().unwrap_or(0);
            let first = top(lines.iter().position(|l| l.1 == selected).unwrap_or(0), lines.len(), height);
            let row = lines.get(layout::row_in(area, first, lines.len(), at)?)?.1;
            steps.iter().position(|s| *s == row)
        }
    }
}

fn head(state: &State, left: &str, right: &str, note: &str, buffer: &mut Buffer) {
    let parts = layout::chains(state);
    let right = format!("{right} ");
    let width = parts.head.width as usize;
    put(buffer, parts.head, &format!(" {}", cut(left, width.saturating_sub(right.chars().count() + 3))), state.theme.strong);
    let x = parts.head.width.saturating_sub(right.chars().count() as u16);
    put(buffer, Rect { x, width: parts.head.width - x, ..parts.head }, &right, state.theme.plain);
    put(buffer, parts.notes, &format!(" {}", cut(note, width.saturating_sub(2))), state.theme.dim);
}

/// So that the selected one of `lines` is shown.
fn top(selected: usize, lines: usize, height: usize) -> usize {
    if selected + 2 < height { 0 } else { (selected + 2 + height / 3).saturating_sub(height).min(lines.saturating_sub(height)) }
}

fn draw_grown(state: &State, grown: &Grown, buffer: &mut Buffer) {
    let parts = layout::chains(state);
    let waiting = state.chains.waiting.as_ref().map_or(String::new(), |w| format!("  {w} …"));
    let right = format!("{} level{} up and down{waiting}", grown.depth, if grown.depth == 1 { "" } else { "s" });
    head(state, &format!("chain of {}", grown.name), &right, &grown.note, buffer);
    let height = usize::from(parts.rows.height);
    let first = top(state.chains.selected, grown.rows.len(), height);
    for (y, (n, entry)) in grown.rows.iter().enumerate().skip(first).take(height).enumerate() {
        grown_row(state, entry, n == state.chains.selected, buffer, row(parts.rows, y));
    }
}

fn grown_row(state: &State, entry: &ChainRow, here: bool, buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let width = at.width as usize;
    let lead_width = (width * 4 / 10).min(64);
    let place_width = (width / 4).min(40);
    let code_width = width.saturating_sub(lead_width + place_width + 8);
    let indent = "  ".repeat(entry.level.unsigned_abs().min(16) as usize);
    let arrow = match entry.level {
        0 => "",
        ..0 => "↑ ",
        _ => "↓ ",
    };
    let again = if entry.met_before { " …" } else { "" };
    let kind = entry.crossing.as_ref().map_or(String::new(), |c| format!("  {} {c}", entry.kind));
    let name = cut(&format!("{}{again}", entry.name), lead_width.saturating_sub(indent.len() + 4));
    let used = indent.len() + arrow.chars().count() + name.chars().count();
    let kind = cut(&kind, lead_width.saturating_sub(used));
    let fill = lead_width.saturating_sub(used + kind.chars().count());
    let style = match (here, entry.level) {
        (true, _) => theme.here,
        (_, 0) => theme.strong,
        _ => theme.plain,
    };
    let others = if entry.others > 0 { format!("  + {}", entry.others) } else { String::new() };
    put_line(
        buffer,
        at,
        vec![
            (format!(" {}{indent}{arrow}", if here { '▸' } else { ' ' }), theme.dim),
            (name, style),
            (kind, theme.crossing),
            (" ".repeat(fill), theme.plain),
            (format!("  {:code_width$}", cut(&format!("{}{others}", entry.code), code_width)), if entry.level == 0 { theme.dim } else { theme.plain }),
            (format!(" {} ", entry.mark), theme.plain),
            (cut_front(&format!("{}:{}", entry.spot.path, entry.spot.line), place_width), theme.dim),
        ],
    );
}

const LAYER: usize = 10;

fn draw_section(state: &State, section: &Section, (current, ways, total): (usize, usize, u64), note: &str, buffer: &mut Buffer) {
    let parts = layout::chains(state);
    let of = if total > ways as u64 { format!("{ways} of {total}") } else { ways.to_string() };
    let right = format!("way {} of {of} · {}", current + 1, compass_session::ways::counts(section));
    head(state, &format!("from {} to {}", section.from, section.to), &right, note, buffer);
    let height = usize::from(parts.rows.height);
    let steps = state.chains.steps();
    let selected = steps.get(state.chains.selected).copied().unwrap_or(0);
    let lines = section_lines(section);
    let selected_line = lines.iter().position(|l| l.1 == selected).unwrap_or(0);
    let first = top(selected_line, lines.len(), height);
    for (y, (layer, n)) in lines.iter().skip(first).take(height).enumerate() {
        section_row(state, layer.as_deref(), &section.rows[*n], *n == selected, buffer, row(parts.rows, y));
    }
}

/// Lines of a section: a layer's name stands on its first row, unless something about it needs a line of its own.
fn section_lines(section: &Section) -> Vec<(Option<String>, usize)> {
    let mut out = Vec::new();
    let mut pending: Option<String> = None;
    for (n, row) in section.rows.iter().enumerate() {
        match row {
            SectionRow::Layer { name, unusual: None } => pending = Some(name.clone()),
            SectionRow::Layer { name, .. } => out.push((Some(name.clone()), n)),
            _ => out.push((pending.take(), n)),
        }
    }
    out
}

fn section_row(state: &State, layer: Option<&str>, entry: &SectionRow, here: bool, buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let width = at.width as usize;
    let margin = (format!(" {:LAYER$}", cut(layer.unwrap_or(""), LAYER)), theme.strong);
    match entry {
        SectionRow::Layer { unusual, .. } => {
            put_line(buffer, at, vec![margin, ("│ ".to_owned(), theme.rule), (unusual.unwrap_or("").to_owned(), theme.wrong)]);
        }
        SectionRow::Symbol(a) => {
            step_row(state, margin, a, here, buffer, at, (a.name.clone().unwrap_or_default(), theme.strong), a.kind_word().unwrap_or_default().to_owned())
        }
        SectionRow::Step { at: a, how, others } => {
            let code = format!("  {}", a.text.as_deref().unwrap_or("").trim());
            let note = match (*how, *others) {
                (_, n) if n > 0 => format!("+ {n} other places"),
                _ => String::new(),
            };
            step_row(state, margin, a, here, buffer, at, (code, theme.plain), note);
        }
        SectionRow::Crossing { kind, label, at: a, answered } => {
            let text = format!(" {kind}  {label} ");
            let answered = answered.as_ref().map_or(String::new(), |p| format!(" {} ", cut_front(p, 40)));
            let dots = |n: usize| "┈".repeat(n);
            let right = format!("{answered}{} ", mark(a));
            let fill = width.saturating_sub(LAYER + 3 + text.chars().count() + right.chars().count());
            put_line(buffer, at, vec![(dots(LAYER + 2), theme.crossing), (text, theme.crossing), (dots(fill), theme.crossing), (right, theme.crossing)]);
        }
    }
}

#[allow(clippy::too_many_arguments, reason = "the columns of one row")]
fn step_row(state: &State, margin: (String, Style), a: &Answer, here: bool, buffer: &mut Buffer, at: Rect, main: (String, Style), note: String) {
    let theme = &state.theme;
    let width = at.width as usize;
    let place_width = (width / 4).clamp(12, 40);
    let place = cut_front(&format!("{}:{}", a.path, a.line), place_width);
    let main_width = width.saturating_sub(LAYER + place_width + 10);
    let text = cut(&main.0, main_width.saturating_sub(2));
    let style = if here { theme.here } else { main.1 };
    let note = cut(&note, main_width.saturating_sub(text.chars().count() + 3));
    let fill = main_width.saturating_sub(text.chars().count() + note.chars().count() + 2);
    put_line(
        buffer,
        at,
        vec![
            margin,
            ("│ ".to_owned(), theme.rule),
            (format!("{place:place_width$}  "), theme.dim),
            (text, style),
            (format!("  {note}"), theme.dim),
            (" ".repeat(fill), theme.plain),
            (mark(a), theme.plain),
        ],
    );
}

fn mark(a: &Answer) -> String {
    a.certainty.map_or(' ', Certainty::mark).to_string()
}
