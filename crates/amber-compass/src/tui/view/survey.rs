//! The survey: what is here; while indexing, how far it is.

use super::{cut, cut_front, layout, put, put_line, row};
use crate::tui::state::{EntryRow, State, SurveyData};
use compass_index::Phase;
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};
use ratatui::style::Style;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let body = layout::body(state);
    let area = inner(body);
    let Some(data) = &state.survey.data else {
        working(state, buffer, area);
        return;
    };
    if area.width >= 120 {
        let left = Rect { width: area.width * 3 / 10, ..area };
        let right = Rect { x: area.x + area.width - area.width * 3 / 10, width: area.width * 3 / 10, ..area };
        units(state, data, buffer, left);
        rows(state, data, buffer, rows_area(area));
        // Layers and what crosses between them come before the shares.
        let used = layers(state, data, buffer, right) as u16;
        let right = Rect { y: right.y + used.min(right.height), height: right.height.saturating_sub(used), ..right };
        shares(state, data, buffer, right);
    } else {
        // Where to go matters more than how much there is: the rows keep their width.
        let left = Rect { width: 30.min(area.width / 2), ..area };
        let used = shares(state, data, buffer, left);
        let below = (used as u16 + 1).min(left.height);
        units(state, data, buffer, Rect { y: left.y + below, height: left.height - below, ..left });
        rows(state, data, buffer, rows_area(area));
    }
}

fn inner(body: Rect) -> Rect {
    Rect { x: body.x + 1, y: body.y + 1, width: body.width.saturating_sub(2), height: body.height.saturating_sub(1) }
}

/// Where entry points and most used symbols stand: between the others, or to the right.
fn rows_area(area: Rect) -> Rect {
    if area.width >= 120 {
        let side = area.width * 3 / 10;
        return Rect { x: area.x + side + 2, width: area.width.saturating_sub(2 * side + 4), ..area };
    }
    let left = 30.min(area.width / 2);
    Rect { x: area.x + left + 2, width: area.width.saturating_sub(left + 2), ..area }
}

/// The row that can be opened at a place of the screen.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    let data = state.survey.data.as_ref()?;
    let area = rows_area(inner(layout::body(state)));
    let line = usize::from(at.y.checked_sub(area.y)?);
    let entries = data.entries.len();
    // A heading above each list, and an empty row between them.
    let row = match line {
        n if n > entries + 2 => n - 3,
        n if n >= 1 && n <= entries => n - 1,
        _ => return None,
    };
    (area.contains(at) && row < entries + data.used.len()).then_some(row)
}

/// Phases with rate and time left, in the place where the numbers will be.
fn working(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let Some(working) = &state.survey.working else {
        let text = if state.message.is_some() { "no index" } else { "opening the index …" };
        put(buffer, row(area, 0), text, theme.dim);
        return;
    };
    put(buffer, row(area, 0), "indexing", theme.strong);
    for (i, phase) in Phase::ALL.into_iter().enumerate() {
        let at = row(area, 2 + i);
        let (text, style) = if phase == working.phase {
            (crate::cli::progress_text(phase, working.done, working.total, working.elapsed), theme.plain)
        } else if working.over.contains(&phase) {
            (format!("{:5} done", phase.word()), theme.dim)
        } else {
            (format!("{:5} –", phase.word()), theme.dim)
        };
        put(buffer, at, &text, style);
    }
    put(buffer, row(area, 7), "what is read so far is kept if you quit", theme.dim);
}

fn heading(buffer: &mut Buffer, area: Rect, line: &mut usize, text: &str, style: Style) {
    if *line > 0 {
        *line += 1;
    }
    put(buffer, row(area, *line), text, style);
    *line += 1;
}

fn units(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let width = area.width as usize;
    let mut line = 0;
    heading(buffer, area, &mut line, "roots", theme.dim);
    for root in &data.roots {
        put(buffer, row(area, line), &cut_front(root, width), theme.plain);
        line += 1;
    }
    let own = data.units.iter().filter(|u| u.3).count();
    heading(buffer, area, &mut line, &format!("units  {own} own, {} of dependencies", data.units.len() - own), theme.dim);
    let room = (area.height as usize).saturating_sub(line + data.summary.languages.len() + 3).max(3);
    for (name, version, files, own) in data.units.iter().take(room) {
        let name = cut(&format!("{name} {version}"), width.saturating_sub(12));
        let style = if *own { theme.plain } else { theme.dim };
        put_line(buffer, row(area, line), vec![(format!("{name:w$}", w = width.saturating_sub(12)), style), (format!("{files:>6} files"), theme.dim)]);
        line += 1;
    }
    if data.units.len() > room {
        put(buffer, row(area, line), &format!("and {} more", data.units.len() - room), theme.dim);
        line += 1;
    }
    heading(buffer, area, &mut line, "languages", theme.dim);
    let most = data.summary.languages.values().copied().max().unwrap_or(1);
    for (language, files) in &data.summary.languages {
        let room = width.saturating_sub(24);
        let bar = "▪".repeat((room as u64 * files / most).max(1) as usize);
        put_line(buffer, row(area, line), vec![(format!("{language:12}{files:>6} "), theme.plain), (bar, theme.dim)]);
        line += 1;
    }
}

fn rows(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let mut line = 0;
    heading(buffer, area, &mut line, &format!("entry points  {}", data.entries.len()), theme.dim);
    for (i, entry) in data.entries.iter().enumerate() {
        let parts = [(cut(&entry.text, area.width as usize / 2), theme.plain)];
        entry_row(state, buffer, row(area, line), i, entry, &parts);
        line += 1;
    }
    heading(buffer, area, &mut line, "most used", theme.dim);
    for (i, (entry, kind, uses)) in data.used.iter().enumerate() {
        let parts = [(format!("{uses:>5} × "), theme.dim), (format!("{kind:9} "), theme.dim), (cut(&entry.text, area.width as usize / 2), theme.plain)];
        entry_row(state, buffer, row(area, line), data.entries.len() + i, entry, &parts);
        line += 1;
    }
}

/// A row that can be opened: what it is to the left, its place at the end.
fn entry_row(state: &State, buffer: &mut Buffer, at: Rect, index: usize, entry: &EntryRow, parts: &[(String, Style)]) {
    let theme = &state.theme;
    let here = index == state.survey.selected;
    let mut pieces: Vec<(String, Style)> = vec![(if here { "▸ ".to_owned() } else { "  ".to_owned() }, theme.plain)];
    for (text, style) in parts {
        pieces.push((text.clone(), if here { theme.here } else { *style }));
    }
    let used: usize = pieces.iter().map(|p| p.0.chars().count()).sum();
    put_line(buffer, at, pieces);
    let room = (at.width as usize).saturating_sub(used + 1);
    let place = cut_front(&format!("{}:{}", entry.path, entry.line), room);
    let x = at.x + at.width - (place.chars().count() as u16).min(at.width);
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &place, theme.dim);
}

/// Sizes, certainty, causes, gaps; gives the rows used.
/// Layers from the top with what crosses between them; gives the lines used.
fn layers(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    if data.layers.is_empty() && data.matrix.is_empty() {
        return 0;
    }
    let mut line = 0;
    let settled = data.layers.iter().any(|l| l.1);
    let title = if data.layers.is_empty() {
        "crossings"
    } else if settled {
        "layers and crossings"
    } else {
        "layers, read off the code, and crossings"
    };
    heading(buffer, area, &mut line, title, theme.dim);
    let name = |n: Option<u16>| n.and_then(|n| data.layers.get(n as usize)).map_or("elsewhere", |l| l.0.as_str());
    for (n, (layer, _)) in data.layers.iter().enumerate() {
        let mut pieces = vec![(format!("{:10}", cut(layer, 10)), theme.plain)];
        let from_here = data.matrix.iter().filter(|(_, from, to, _)| *from == Some(n as u16) && *to != Some(n as u16));
        for (kind, _, to, count) in from_here {
            pieces.push((format!(" {count} {kind}"), theme.crossing));
            pieces.push((format!(" → {}", name(*to)), theme.dim));
        }
        put_line(buffer, row(area, line), pieces);
        line += 1;
    }
    let rest: Vec<String> = data.matrix.iter().filter(|(_, from, ..)| from.is_none()).map(|(k, _, to, n)| format!("{n} {k} → {}", name(*to))).collect();
    if !rest.is_empty() {
        put_line(buffer, row(area, line), vec![("elsewhere  ".to_owned(), theme.plain), (rest.join("  "), theme.crossing)]);
        line += 1;
    }
    for (kind, count) in &data.summary.loose {
        put(buffer, row(area, line), &format!("{count} {kind} without another side"), theme.wrong);
        line += 1;
    }
    line + 1
}

fn shares(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    let s = &data.summary;
    let width = area.width as usize;
    let mut line = 0;
    let number = |buffer: &mut Buffer, line: &mut usize, label: &str, value: String, style: Style| {
        put_line(buffer, row(area, *line), vec![(format!("{label:16}"), theme.plain), (format!("{value:>w$}", w = width.saturating_sub(16)), style)]);
        *line += 1;
    };
    heading(buffer, area, &mut line, "size", theme.dim);
    number(buffer, &mut line, "files", s.files.to_string(), theme.plain);
    for (word, files) in &s.made {
        number(buffer, &mut line, &format!("  {word}"), files.to_string(), theme.dim);
    }
    number(buffer, &mut line, "lines", s.lines.to_string(), theme.plain);
    number(buffer, &mut line, "symbols", s.symbols.to_string(), theme.plain);
    number(buffer, &mut line, "uses", s.uses.to_string(), theme.plain);
    // Beside the packages it uses own code would hardly count.
    let own = data.summary.units.dependencies > 0;
    let all = compass_index::Shares { uses: s.uses, linked: s.linked.clone(), local: s.local, unlinked: s.unlinked.clone() };
    let of = if own { &s.own } else { &all };
    heading(buffer, area, &mut line, if own { "uses in own code, by certainty" } else { "uses by certainty" }, theme.dim);
    if !data.linked {
        put(buffer, row(area, line), "not linked yet: answers are partial", theme.wrong);
        return line + 1;
    }
    let share = |n: u64| if of.uses == 0 { "–".to_owned() } else { format!("{:.1} %", 100.0 * n as f64 / of.uses as f64) };
    number(buffer, &mut line, "= proven", share(of.linked.proven), theme.plain);
    number(buffer, &mut line, "= in a function", share(of.local), theme.plain);
    number(buffer, &mut line, "~ inferred", share(of.linked.inferred), theme.plain);
    number(buffer, &mut line, "? guessed", share(of.linked.guessed), theme.plain);
    heading(buffer, area, &mut line, "uses without a target", theme.dim);
    let mut causes: Vec<_> = of.unlinked.iter().collect();
    causes.sort_by_key(|c| std::cmp::Reverse(c.1));
    for (cause, count) in causes.into_iter().take(6) {
        number(buffer, &mut line, &cause.replace('_', " "), share(*count), theme.plain);
    }
    heading(buffer, area, &mut line, &format!("gaps  {}", s.gaps), theme.dim);
    for (cause, count) in &s.gaps_by_cause {
        let label = cause.replace('_', " ");
        number(buffer, &mut line, &label, count.to_string(), theme.wrong);
    }
    if s.gaps > 0 {
        put(buffer, row(area, line), "ask gaps to list them", theme.dim);
    }
    line + 1
}
