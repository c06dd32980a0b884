//! The screen of unfolding: what was written and what it becomes, steps below, and where the piece under the cursor came from.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::{Focus, State, UnfoldPane, Unfolded};
use compass_unfold::{PieceKind, Text};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let parts = layout::unfold(state);
    let theme = &state.theme;
    let pane = &state.unfold;
    let Some(shown) = &pane.shown else {
        let text = match (&pane.why, pane.waiting) {
            (Some(why), _) => format!(" {why}"),
            (_, true) => " unfolding …".to_owned(),
            _ => " nothing is unfolded: x on a macro call or a generator of the desk".to_owned(),
        };
        put(buffer, parts.head, &text, theme.dim);
        return;
    };
    let last = shown.states.len() - 1;
    let depth = pane.taken.checked_sub(1).and_then(|n| shown.steps.get(n)).filter(|s| s.kind == "lowering");
    let right = match (last, depth) {
        (0, _) => "no steps ".to_owned(),
        (_, Some(depth)) => format!("depth {} · {} of {last} ", depth.by, pane.taken),
        _ if pane.alone && pane.taken > 0 => format!("step {} of {last} alone ", pane.taken),
        _ => format!("step {} of {last} · outermost first ", pane.taken),
    };
    let place = format!("{}:{}", shown.spot.path, shown.spot.line);
    let first = shown.states[0].text.lines().next().unwrap_or("");
    let width = parts.head.width as usize;
    let left = cut(&format!(" {place}   {first}"), width.saturating_sub(right.chars().count() + 2));
    put(buffer, parts.head, &left, theme.strong);
    let x = parts.head.width.saturating_sub(right.chars().count() as u16);
    put(buffer, Rect { x, width: parts.head.width - x, ..parts.head }, &right, theme.plain);
    rule(buffer, parts.rule, theme.rule);
    text_part(state, "written", &shown.states[0], None, 0, Focus::Steps, buffer, parts.written);
    if let Some(text) = pane.result() {
        text_part(state, "becomes", text, Some(pane.piece), pane.top, Focus::Result, buffer, parts.result);
    }
    separator(state, buffer, parts.written, parts.result);
    rule(buffer, parts.lower_rule, theme.rule);
    steps(state, shown, buffer, parts.steps);
    trail(state, shown, buffer, parts.trail);
    separator(state, buffer, parts.steps, parts.trail);
}

fn separator(state: &State, buffer: &mut Buffer, left: Rect, right: Rect) {
    if right.x > left.x + left.width {
        for y in left.y.min(right.y)..(left.y + left.height).max(right.y + right.height) {
            put(buffer, Rect { x: right.x - 2, y, width: 1, height: 1 }, "│", state.theme.rule);
        }
    }
}

/// A text under its heading; the piece under the cursor in amber, what the latest step made in bold.
#[allow(clippy::too_many_arguments, reason = "the parts of one panel")]
fn text_part(state: &State, title: &str, text: &Text, piece: Option<usize>, top: usize, focus: Focus, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let here = piece.is_some() && state.unfold.focus == focus;
    let lines = text.text.lines().count();
    let more = if lines > usize::from(area.height) && piece.is_some() { format!("   line {} of {lines}", top + 1) } else { String::new() };
    let heading = Rect { y: area.y - 1, height: 1, ..area };
    put(buffer, heading, &format!("{title}{more}"), if here { theme.strong } else { theme.dim });
    let (mut start, mut y) = (0usize, 0usize);
    for (n, line) in text.text.split('\n').enumerate() {
        let end = start + line.len();
        if n >= top {
            for shown in wrapped(pieces_of(state, text, piece.filter(|_| here), start, end), usize::from(area.width)) {
                put_line(buffer, row(area, y), shown);
                y += 1;
            }
        }
        if y >= usize::from(area.height) {
            break;
        }
        start = end + 1;
    }
}

/// Pieces of one line in rows of the width there is; further rows stand in by four.
fn wrapped(pieces: Vec<(String, Style)>, width: usize) -> Vec<Vec<(String, Style)>> {
    const INDENT: usize = 4;
    let mut rows: Vec<Vec<(String, Style)>> = vec![Vec::new()];
    let mut used = 0;
    for (text, style) in pieces {
        let mut rest = text.as_str();
        while !rest.is_empty() {
            let room = width.saturating_sub(used);
            let count = rest.chars().count();
            // A short piece goes to the next row whole; a long one is cut.
            if count > room && count + INDENT <= width && used > INDENT || room == 0 {
                rows.push(vec![(" ".repeat(INDENT), style)]);
                used = INDENT;
                rest = rest.trim_start();
                if width <= INDENT {
                    return rows;
                }
                continue;
            }
            let cut = rest.char_indices().nth(room).map_or(rest.len(), |c| c.0);
            rows.last_mut().expect("there is a row").push((rest[..cut].to_owned(), style));
            used += rest[..cut].chars().count();
            rest = &rest[cut..];
        }
    }
    rows
}

fn pieces_of(state: &State, text: &Text, piece: Option<usize>, start: usize, end: usize) -> Vec<(String, Style)> {
    let theme = &state.theme;
    let mut out: Vec<(String, Style)> = Vec::new();
    let mut at = start;
    for (n, p) in text.pieces.iter().enumerate() {
        let (from, to) = (p.span.start as usize, p.span.end as usize);
        if to <= start || from >= end {
            continue;
        }
        let (from, to) = (from.max(start), to.min(end));
        if from > at {
            out.push((text.text[at..from].to_owned(), theme.plain));
        }
        let style = match (piece == Some(n), p.fresh, p.kind) {
            (true, ..) => theme.here,
            (_, true, PieceKind::Argument) => theme.text,
            (_, true, _) => theme.strong,
            (_, _, PieceKind::Argument) => theme.text,
            (_, _, PieceKind::Made) => theme.plain,
            (_, _, PieceKind::Written) => theme.text,
        };
        out.push((text.text[from..to].to_owned(), style));
        at = to;
    }
    if at < end {
        out.push((text.text[at..end].to_owned(), theme.plain));
    }
    out
}

fn steps(state: &State, shown: &Unfolded, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let focused = state.unfold.focus == Focus::Steps;
    put(buffer, Rect { y: area.y - 1, height: 1, ..area }, "steps", if focused { theme.strong } else { theme.dim });
    let height = usize::from(area.height);
    let first = (state.unfold.taken + 2).saturating_sub(height);
    let width = area.width as usize;
    for (y, n) in (first..=shown.steps.len()).take(height).enumerate() {
        let here = n == state.unfold.taken;
        let pointer = if here { '▸' } else { ' ' };
        let style = if here && focused { theme.here } else { theme.plain };
        if n == 0 {
            put_line(buffer, row(area, y), vec![(format!("{pointer}   "), theme.dim), ("as written".to_owned(), style)]);
            continue;
        }
        let step = &shown.steps[n - 1];
        let defined = step.defined.as_ref().map_or("", |d| d.0.as_str());
        let name = format!("{}{}", "  ".repeat(step.depth.min(8)), step.by);
        let name_width = (width * 5 / 10).max(12);
        let name = cut(&name, name_width);
        let fill = name_width.saturating_sub(name.chars().count());
        put_line(
            buffer,
            row(area, y),
            vec![
                (format!("{pointer}{n:>2} "), theme.dim),
                (name, style),
                (" ".repeat(fill + 1), theme.plain),
                (format!("{:9}", step.kind), theme.dim),
                (cut_front(defined, width.saturating_sub(name_width + 15)), theme.dim),
            ],
        );
    }
}

/// Where the piece under the cursor came from, what is to say about the step, and notes.
fn trail(state: &State, shown: &Unfolded, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let pane = &state.unfold;
    put(buffer, Rect { y: area.y - 1, height: 1, ..area }, "from here", if pane.focus == Focus::Result { theme.strong } else { theme.dim });
    let width = area.width as usize;
    let mut y = 0;
    if let Some(piece) = pane.result().and_then(|t| t.pieces.get(pane.piece).map(|p| p.span.of(&t.text))) {
        put(buffer, row(area, y), &cut(&format!("  {}", piece.lines().next().unwrap_or("").trim()), width), theme.strong);
        y += 1;
    }
    for (words, place) in pane.trail() {
        let place = place.map_or(String::new(), |p| p.0);
        put_line(
            buffer,
            row(area, y),
            vec![(format!("  {words}  "), theme.plain), (cut_front(&place, width.saturating_sub(words.chars().count() + 4)), theme.dim)],
        );
        y += 1;
    }
    y += 1;
    let about = pane.taken.checked_sub(1).and_then(|n| shown.steps.get(n)).map_or(&[][..], |s| &s.about);
    for text in about {
        put(buffer, row(area, y), &cut(text, width), theme.dim);
        y += 1;
    }
    for note in &shown.notes {
        for line in super::wrap(note, width) {
            put(buffer, row(area, y), &line, if shown.steps.is_empty() { theme.wrong } else { theme.dim });
            y += 1;
        }
    }
}

/// The panel on the desk, in the bearings' place.
pub fn panel(state: &State, pane: &UnfoldPane, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    super::clear(buffer, area, theme.plain);
    let area = Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area };
    let Some(shown) = &pane.shown else {
        let text = pane.why.clone().unwrap_or_else(|| "unfolding …".to_owned());
        for (n, line) in super::wrap(&text, area.width as usize).iter().enumerate() {
            put(buffer, row(area, n), line, theme.dim);
        }
        return;
    };
    let last = shown.states.len() - 1;
    put_line(
        buffer,
        row(area, 0),
        vec![("unfolded".to_owned(), theme.strong), (format!("   step {} of {last} · F5 in full · Esc closes", pane.taken), theme.dim)],
    );
    let room = usize::from(area.height).saturating_sub(3 + shown.steps.len().min(9));
    let mut y = 2;
    if let Some(text) = pane.result() {
        let mut start = 0;
        for line in text.text.split('\n') {
            for shown in wrapped(pieces_of(state, text, None, start, start + line.len()), usize::from(area.width)) {
                if y < room + 2 {
                    put_line(buffer, row(area, y), shown);
                    y += 1;
                }
            }
            start += line.len() + 1;
        }
    }
    y += 1;
    for (n, step) in shown.steps.iter().enumerate().take(9) {
        let here = n + 1 == pane.taken;
        let defined = step.defined.as_ref().map_or("", |d| d.0.as_str());
        let lead = format!("{}{} {}", if here { '▸' } else { ' ' }, n + 1, step.by);
        put_line(buffer, row(area, y), vec![(lead, if here { theme.strong } else { theme.plain }), (format!("  {defined}"), theme.dim)]);
        y += 1;
    }
    for note in &shown.notes {
        for line in super::wrap(note, area.width as usize) {
            put(buffer, row(area, y), &line, theme.dim);
            y += 1;
        }
    }
}
