//! The bearings: what the name under the cursor is, what it is related to, and why.

use super::{cut, cut_front, put, put_line, row, wrap};
use crate::tui::layout;
use crate::tui::state::State;
use compass_index::Certainty;
use compass_trace::Answer;
use compass_trace::bearings::{Bearings, Group};
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};
use ratatui::style::Style;

/// What stands in a row of the bearings and can be chosen.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum InBearings {
    /// The heading of a group, by its position.
    Group(usize),
    /// A row, by its position among those of the open groups.
    Row(usize),
}

/// What stands at a place of the screen.
pub fn at(state: &State, at: Position) -> Option<InBearings> {
    let area = inner(layout::desk(state).bearings);
    let mut unseen = Buffer::empty(area);
    let found = drawn(state, &mut unseen, area);
    found.into_iter().find(|f| f.0 == at.y && area.contains(at)).map(|f| f.1)
}

/// The panel without the blanks at its sides.
pub fn inner(area: Rect) -> Rect {
    Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area }
}

pub fn draw(state: &State, buffer: &mut Buffer, area: Rect) {
    drawn(state, buffer, area);
}

/// Draws, and says what can be chosen in which row of the screen.
fn drawn(state: &State, buffer: &mut Buffer, area: Rect) -> Vec<(u16, InBearings)> {
    let mut hits = Vec::new();
    let theme = &state.theme;
    let pane = &state.desk.bearings;
    let used = call(state, buffer, area);
    let area = Rect { y: area.y + used, height: area.height.saturating_sub(used), ..area };
    let Some(b) = &pane.shown else {
        for (i, why) in pane.why.iter().flat_map(|w| wrap(w, area.width as usize)).enumerate() {
            put(buffer, row(area, i), &why, theme.dim);
        }
        return hits;
    };
    let mut line = facts(state, b, buffer, area);
    let rows = pane.rows();
    for (i, group) in b.groups.iter().enumerate() {
        let open = pane.open.contains(&i);
        hits.push((area.y + line as u16, InBearings::Group(i)));
        put_line(
            buffer,
            row(area, line),
            vec![
                (format!("{} {}", i + 1, group.title), theme.strong),
                (format!("  {}", group.total), theme.plain),
                (if open { String::new() } else { "  …".to_owned() }, theme.dim),
            ],
        );
        line += 1;
        if open {
            let selected = rows.get(pane.selected).filter(|r| r.0 == i && pane.focused).map(|r| r.1);
            let left = (area.height as usize).saturating_sub(line + pane.group_count() - i + evidence_rows(b));
            let room = Rect { y: area.y + line as u16, height: (left as u16).min(area.height.saturating_sub(line as u16)), ..area };
            let (used, top, shown) = group_rows(state, group, buffer, room, selected);
            let place = |n: usize| rows.iter().position(|r| *r == (i, top + n));
            hits.extend((0..shown).filter_map(|n| Some((room.y + n as u16, InBearings::Row(place(n)?)))));
            line += used;
        }
    }
    for (n, further) in pane.upkeep.groups().into_iter().enumerate() {
        let number = b.groups.len() + n;
        let selected = rows.get(pane.selected).filter(|r| r.0 == number && pane.focused).map(|r| r.1);
        let room = Rect { y: area.y + line as u16, height: area.height.saturating_sub(line as u16), ..area };
        let (used, top) = super::history_and_coverage::group(state, further, number, selected, buffer, room, evidence_rows(b));
        hits.push((room.y, InBearings::Group(number)));
        let place = |n: usize| rows.iter().position(|r| *r == (number, top + n));
        hits.extend((0..used - 1).filter_map(|n| Some((room.y + 1 + n as u16, InBearings::Row(place(n)?)))));
        line += used;
    }
    why(state, b, buffer, Rect { y: area.y + line as u16, height: area.height.saturating_sub(line as u16), ..area });
    // What found no room cannot be chosen.
    hits.retain(|h| h.0 < area.y + area.height);
    hits
}

/// The call one stands in the brackets of, with the parameter that is being given; gives the rows used.
fn call(state: &State, buffer: &mut Buffer, area: Rect) -> u16 {
    let theme = &state.theme;
    let Some(call) = &state.desk.call else { return 0 };
    let width = usize::from(area.width);
    let mut lines: Vec<Vec<(String, Style)>> =
        vec![vec![("in  ".to_owned(), theme.dim), (cut(&call.name, width.saturating_sub(6)), theme.plain), ("(".to_owned(), theme.dim)]];
    let mut used = 5 + call.name.chars().count().min(width.saturating_sub(6));
    for (i, parameter) in call.parameters.iter().enumerate() {
        let parameter = cut(parameter, width.saturating_sub(6));
        let end = if i + 1 < call.parameters.len() { ", " } else { "" };
        let length = parameter.chars().count() + end.len();
        if used + length > width {
            lines.push(vec![("    ".to_owned(), theme.dim)]);
            used = 4;
        }
        used += length;
        let style = if call.current == Some(i) { theme.here } else { theme.plain };
        lines.last_mut().expect("there is a first line").extend([(parameter, style), (end.to_owned(), theme.dim)]);
    }
    lines.last_mut().expect("there is a first line").push((")".to_owned(), theme.dim));
    // The parameter that is given is in view, whatever stands before it.
    let has_current = |line: &Vec<(String, Style)>| line.iter().any(|p| p.1 == theme.here);
    let first = lines.iter().position(has_current).unwrap_or(0).saturating_sub(2);
    let shown = lines.len().min(3);
    for (i, line) in lines.into_iter().skip(first).take(3).enumerate() {
        put_line(buffer, row(area, i), line);
    }
    shown as u16 + 1
}

/// Where a symbol stands: of a long path at least the file's name, of a long unit what room is left for.
fn placed(f: &compass_trace::bearings::SymbolFacts, width: usize) -> String {
    let unit = match (f.own, f.declared) {
        (true, _) => f.unit.clone(),
        (_, true) => format!("{} (declared)", f.unit),
        _ => format!("{} (dependency)", f.unit),
    };
    let place = format!("{}:{}", f.path, f.line);
    let least = place.rsplit('/').next().map_or(0, |n| n.chars().count() + 1).min(width);
    let place = cut_front(&place, width.saturating_sub(unit.chars().count() + 8).max(least));
    let rest = width.saturating_sub(place.chars().count() + 8);
    format!("{place} · unit {}", cut_front(&unit, rest))
}

/// Name, place, signature, documentation; gives the rows used.
fn facts(state: &State, b: &Bearings, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    let width = area.width as usize;
    let f = &b.facts;
    let (mark, word) = certainty(b.target.certainty);
    let others = if b.others > 0 { format!(" +{}", b.others) } else { String::new() };
    let right = format!("{mark} {word}{others}");
    let left = cut(&format!("{}  ", f.name), width.saturating_sub(f.kind.len() + right.chars().count() + 2));
    put_line(buffer, row(area, 0), vec![(left, theme.strong), (f.kind.clone(), theme.plain)]);
    let x = area.x + area.width.saturating_sub(right.chars().count() as u16);
    put(buffer, Rect { x, width: area.x + area.width - x, ..row(area, 0) }, &right, theme.plain);
    put(buffer, row(area, 1), &placed(f, width), theme.dim);
    let mut line = 2;
    for part in wrap(&f.signature, width).into_iter().take(3) {
        put(buffer, row(area, line), &cut(&part, width), theme.plain);
        line += 1;
    }
    let room = if area.height > 30 { 7 } else { 3 };
    let all = super::documentation::rows(&f.blocks, width, theme);
    // A row more than there is room for is no reason to cut.
    let shown = if all.len() <= room + 1 { all.len() } else { room };
    for part in all.iter().take(shown) {
        put_line(buffer, row(area, line), part.clone());
        line += 1;
    }
    if shown < all.len() {
        put(buffer, row(area, line), &format!("… {} more rows: i", all.len() - shown), theme.dim);
        line += 1;
    }
    if let Some(path) = f.documented_in.as_ref().filter(|_| shown > 0) {
        put(buffer, row(area, line), &cut(&format!("said in {path}"), width), theme.dim);
        line += 1;
    }
    line + 1
}

pub(super) fn certainty(of: Option<Certainty>) -> (char, &'static str) {
    of.map_or((' ', ""), |c| (c.mark(), c.word()))
}

/// Gives the rows used, the first row that is shown, and how many are.
fn group_rows(state: &State, group: &Group, buffer: &mut Buffer, area: Rect, selected: Option<usize>) -> (usize, usize, usize) {
    let theme = &state.theme;
    let room = area.height as usize;
    if room == 0 {
        return (0, 0, 0);
    }
    let fits = group.rows.len() <= room && group.total as usize <= room;
    let shown = if fits { group.rows.len() } else { group.rows.len().min(room.saturating_sub(1)) };
    let top = selected.map_or(0, |s| (s + 1).saturating_sub(shown));
    for (i, answer) in group.rows.iter().skip(top).take(shown).enumerate() {
        bearing_row(state, answer, buffer, row(area, i), selected == Some(top + i), group.title == "calls");
    }
    if fits {
        return (shown, top, shown);
    }
    put(buffer, row(area, shown), &format!("   … {} more: {}", group.total as usize - shown, cut(&group.question, area.width as usize / 2)), theme.dim);
    (shown + 1, top, shown)
}

/// Certainty, the function it stands in and who calls that, code, place.
fn bearing_row(state: &State, answer: &Answer, buffer: &mut Buffer, at: Rect, here: bool, by_name: bool) {
    let theme = &state.theme;
    let width = at.width as usize;
    let (mark, _) = certainty(answer.certainty);
    let is_definition = answer.role.is_none();
    let name = answer.path.rsplit('/').next().unwrap_or(&answer.path);
    let place = cut_front(&format!("{name}:{}", answer.line), width / 3);
    let lead = if is_definition {
        format!("{} {}", answer.kind_word().unwrap_or(""), last_part(answer.name.as_deref().unwrap_or("")))
    } else if by_name {
        answer.name.clone().unwrap_or_default()
    } else {
        let enclosing = last_part(answer.enclosing.as_deref().unwrap_or("(file)")).to_owned();
        answer.caller.as_deref().map_or(enclosing.clone(), |c| format!("{enclosing} ← {}", last_part(c)))
    };
    let room = width.saturating_sub(place.chars().count() + 5);
    let lead = cut(&lead, room.min(width / 2));
    let code = answer.text.as_deref().unwrap_or("").trim();
    let code = cut(code, room.saturating_sub(lead.chars().count() + 2));
    let lead_style = if here { theme.here } else { theme.plain };
    put_line(buffer, at, vec![(format!(" {mark} "), theme.plain), (lead, lead_style), (format!("  {code}"), theme.dim)]);
    let x = at.x + at.width - (place.chars().count() as u16).min(at.width);
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &place, theme.dim);
}

fn last_part(name: &str) -> &str {
    let parts: Vec<(usize, &str)> = name.match_indices('.').collect();
    // Two parts say whose method it is.
    match parts.len() {
        0 | 1 => name,
        n => &name[parts[n - 2].0 + 1..],
    }
}

fn evidence_rows(b: &Bearings) -> usize {
    b.target.evidence.len().min(4) + 1
}

/// The reasons, nearest first.
fn why(state: &State, b: &Bearings, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    for (i, step) in b.target.evidence.iter().take(4).enumerate() {
        let label = if i == 0 { "why  " } else { "     " };
        let name = step.path.rsplit('/').next().unwrap_or(&step.path);
        put(buffer, row(area, i + 1), &cut(&format!("{label}{} ({name}:{})", step.text, step.line), area.width as usize), theme.dim);
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::room_for_all(60, "rack/turn.go:7 · unit example.org/rack (dependency)")]
    #[case::less(44, "…turn.go:7 · unit …ple.org/rack (dependency)")]
    #[case::narrow(30, "…turn.go:7 · unit …dependency)")]
    fn the_name_of_the_file_is_never_cut(#[case] width: usize, #[case] wanted: &str) {
        let facts = compass_trace::bearings::SymbolFacts {
            name: "Turn".to_owned(),
            kind: "fn".to_owned(),
            signature: String::new(),
            documentation: String::new(),
            blocks: Vec::new(),
            documented_in: None,
            path: "rack/turn.go".to_owned(),
            line: 7,
            unit: "example.org/rack".to_owned(),
            own: false,
            declared: false,
        };
        assert_eq!(placed(&facts, width), wanted);
        assert!(wanted.chars().count() <= width);
    }
}
