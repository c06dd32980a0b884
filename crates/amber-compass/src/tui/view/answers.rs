//! Answers: rows led by role and the function they stand in, code below.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::layout::ListLine;
use crate::tui::state::{Kept, State};
use compass_index::Certainty;
use compass_trace::{Answer, Answers};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let parts = layout::answers(state);
    let theme = &state.theme;
    if let Some(question) = &state.answers.waiting {
        put(buffer, parts.head, &format!(" {question}  …"), theme.dim);
    }
    let Some(kept) = state.answers.shown() else {
        if state.answers.waiting.is_none() {
            put(buffer, parts.head, " nothing was asked yet: / opens the ask line", theme.dim);
        }
        return;
    };
    let shown = kept.rows();
    let rows = shown.len();
    if state.answers.waiting.as_ref() == Some(&kept.answers.question) {
        let right = format!("{rows} so far ");
        let x = parts.head.width.saturating_sub(right.chars().count() as u16);
        put(buffer, Rect { x, width: parts.head.width - x, ..parts.head }, &right, theme.plain);
    }
    if state.answers.waiting.is_none() {
        let plural = if kept.answers.total == 1 { "" } else { "s" };
        let count = count(kept, rows, plural);
        let place =
            if state.answers.kept.len() > 1 { format!(" · question {} of {}", state.answers.current + 1, state.answers.kept.len()) } else { String::new() };
        let complete = if kept.answers.complete { "complete" } else { "incomplete" };
        let right = format!("{count} · {complete}{place} ");
        put(buffer, parts.head, &format!(" {}", cut(&kept.answers.question, parts.head.width as usize - right.chars().count() - 2)), theme.strong);
        let x = parts.head.width.saturating_sub(right.chars().count() as u16);
        put(buffer, Rect { x, width: parts.head.width - x, ..parts.head }, &right, theme.plain);
    }
    second_line(state, &kept.answers, &kept.narrow, buffer, parts.notes);
    rule(buffer, Rect { y: parts.notes.y + 1, ..parts.notes }, theme.rule);
    let lines = layout::answer_lines(state);
    let top = layout::answers_top(state, &lines);
    if shown.is_empty() {
        let text = if kept.narrow.is_empty() { " nothing found".to_owned() } else { format!(" no row holds {}; Backspace widens", kept.narrow) };
        put(buffer, parts.rows, &text, theme.dim);
    }
    for (y, line) in lines.iter().skip(top).take(parts.rows.height as usize).enumerate() {
        match line {
            ListLine::Heading(unit) => put(buffer, row(parts.rows, y), &format!(" {unit}"), theme.dim),
            ListLine::Row(i) => answer_row(state, shown[*i], buffer, row(parts.rows, y), *i == kept.selected),
        }
    }
    if parts.preview.height > 0 {
        rule(buffer, Rect { y: parts.preview.y - 1, height: 1, ..parts.preview }, theme.rule);
        preview(state, kept.current(), buffer, parts.preview);
    }
}

/// How many rows are left of how many. Of rows that are not loaded the narrowing knows the paths alone: that is said.
fn count(kept: &Kept, rows: usize, plural: &str) -> String {
    let total = kept.answers.total;
    if rows as u64 == total {
        return format!("{rows} row{plural}");
    }
    if !kept.is_cut() || kept.words().is_empty() {
        return format!("{rows} of {total} row{plural}");
    }
    match kept.further.as_ref().filter(|f| f.words == kept.words()) {
        Some(f) => format!("{} by path, {rows} loaded, of {total} rows", f.total),
        None => format!("{rows} of {} loaded, of {total} rows", kept.answers.answers.len()),
    }
}

/// What is missing and what to hear; to the right the narrowing.
fn second_line(state: &State, answers: &Answers, narrow: &str, buffer: &mut Buffer, at: Rect) {
    let theme = &state.theme;
    let missing: Vec<String> = answers.missing.iter().map(|m| format!("{} × {}", m.count, m.cause.replace('_', " "))).collect();
    let mut pieces = Vec::new();
    if !missing.is_empty() {
        pieces.push((format!(" not here: {}  ", missing.join(", ")), theme.wrong));
    }
    let notes = answers.notes.join(" · ");
    let narrowing = state.answers.narrowing || !narrow.is_empty();
    let right = if narrowing { format!("narrow: {narrow}") } else { String::new() };
    let used: usize = pieces.iter().map(|p| p.0.chars().count()).sum();
    pieces.push((format!(" {}", cut(&notes, (at.width as usize).saturating_sub(used + right.chars().count() + 4))), theme.dim));
    put_line(buffer, at, pieces);
    if narrowing {
        let width = right.chars().count() as u16 + 2;
        let x = at.width.saturating_sub(width);
        let caret = if state.answers.narrowing { theme.here } else { theme.plain };
        put_line(buffer, Rect { x, width, ..at }, vec![(right, theme.plain), (" ".to_owned(), caret)]);
    }
}

fn answer_row(state: &State, answer: &Answer, buffer: &mut Buffer, at: Rect, here: bool) {
    let theme = &state.theme;
    let width = at.width as usize;
    let mark = answer.certainty.map_or(' ', Certainty::mark);
    let what = answer.crossing_word().or(answer.role_word()).or(answer.kind_word()).unwrap_or("");
    let lead = match (&answer.role, &answer.enclosing) {
        (Some(_), Some(enclosing)) => answer.caller.as_ref().map_or(enclosing.clone(), |c| format!("{enclosing} ← {c}")),
        (Some(_), None) => "(file)".to_owned(),
        (None, _) => answer.name.clone().or_else(|| answer.enclosing.clone()).unwrap_or_default(),
    };
    let lead_width = (width * 3 / 10).min(48);
    let place_width = (width / 4).min(44);
    // A long word takes its room from the code.
    let longer = what.chars().count().saturating_sub(6);
    let code_width = width.saturating_sub(lead_width + place_width + 15 + longer);
    let place = cut_front(&format!("{}:{}", answer.path, answer.line), place_width.saturating_sub(1));
    // What else is to be said of a row stands before its code.
    let code = answer.text.as_deref().unwrap_or("").trim();
    let code = answer.remark.as_ref().map_or_else(|| code.to_owned(), |r| format!("{r} · {code}"));
    let lead_style = if here { theme.here } else { theme.plain };
    put_line(
        buffer,
        at,
        vec![
            (format!(" {} {what:6} ", if here { '▸' } else { ' ' }), if answer.crossing.is_some() { theme.crossing } else { theme.dim }),
            (cut(&lead, lead_width), lead_style),
            (" ".repeat(lead_width.saturating_sub(cut(&lead, lead_width).chars().count())), theme.plain),
            (format!("  {:code_width$}", cut(&code, code_width)), theme.plain),
            (format!(" {mark} "), theme.plain),
            (place, theme.dim),
        ],
    );
}

/// The code around the selected row.
fn preview(state: &State, answer: Option<&Answer>, buffer: &mut Buffer, area: Rect) {
    if let Some(answer) = answer {
        code(state, state.answers.preview.as_ref(), &answer.path, answer.line, buffer, area);
    }
}

/// The code around a line, once its file is there.
pub(super) fn code(state: &State, page: Option<&crate::tui::state::Page>, path: &str, line: u32, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let Some(page) = page.filter(|p| p.path == path) else {
        put(buffer, area, " …", theme.dim);
        return;
    };
    super::excerpt::draw(state, page, (super::excerpt::top_for(line, area), line), theme.here, buffer, area);
}
