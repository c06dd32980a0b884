//! The desk: track, band, code, bearings.

use super::{columns, cut, cut_front, layout, put, put_line, row, rule, wrap};
use crate::tui::state::{Page, PageLine, State};
use compass_facts::TokenClass;
use compass_index::Certainty;
use compass_trace::Answer;
use compass_trace::bearings::{Bearings, Group};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let parts = layout::desk(state);
    let theme = &state.theme;
    let Some(page) = &state.desk.page else {
        let text = match &state.desk.loading {
            Some(spot) => format!("opening {} …", spot.path),
            None => "nothing is open: j jumps to a symbol, / asks a question, F1 shows what is here".to_owned(),
        };
        put(buffer, Rect { x: parts.track.x + 1, ..row(layout::body(state), 1) }, &text, theme.dim);
        return;
    };
    track(state, page, buffer, parts.track);
    band(state, page, buffer, parts.band);
    rule(buffer, parts.rule, theme.rule);
    match &state.desk.change {
        Some(change) => super::change::draw(state, change, buffer, parts.code),
        None => code(state, page, buffer, parts.code),
    }
    if parts.bearings.width > 0 {
        let x = parts.bearings.x - 1;
        put(buffer, Rect { x, width: 1, ..parts.rule }, "┬", theme.rule);
        for y in 0..parts.bearings.height {
            put(buffer, Rect { x, y: parts.bearings.y + y, width: 1, height: 1 }, "│", theme.rule);
        }
        let inner = Rect { x: parts.bearings.x + 1, width: parts.bearings.width - 2, ..parts.bearings };
        bearings(state, buffer, inner);
    }
}

/// The way walked: one row per jump, the line one left from, and how.
fn track(state: &State, page: &Page, buffer: &mut Buffer, area: Rect) {
    let hops = &state.desk.track;
    let looks = &state.glance.looks;
    let rows = (area.height as usize).saturating_sub(looks.len().min(area.height as usize - 1));
    let shown = rows.saturating_sub(1).min(hops.len());
    let hidden = hops.len() - shown;
    for (i, hop) in hops[hidden..].iter().enumerate() {
        let label = match (i, hidden) {
            (0, 0) => " came by  ".to_owned(),
            (0, n) => format!(" +{n:<3} by  "),
            _ => "          ".to_owned(),
        };
        track_row(state, buffer, row(area, i), &label, &format!("{}:{}", hop.from.path, hop.from.line), &hop.text, &hop.how, false);
    }
    let line = page.lines.get(state.desk.spot.line as usize - 1).map_or("", |l| l.text.trim());
    let how = if page.changed { "changed since indexed" } else { page.about.as_str() };
    track_row(state, buffer, row(area, rows.saturating_sub(1)), " here     ", &format!("{}:{}", page.path, state.desk.spot.line), line, how, true);
    for (i, look) in looks.iter().rev().take(area.height as usize - rows).rev().enumerate() {
        let text = look.page.as_ref().and_then(|p| p.lines.get(look.spot.line as usize - 1)).map_or("", |l| l.text.trim());
        track_row(state, buffer, row(area, rows + i), " glance   ", &format!("{}:{}", look.spot.path, look.spot.line), text, &look.name, false);
    }
}

#[expect(clippy::too_many_arguments, reason = "a row of cells; a struct would name the same eight things once more")]
fn track_row(state: &State, buffer: &mut Buffer, at: Rect, label: &str, place: &str, text: &str, how: &str, here: bool) {
    let theme = &state.theme;
    let width = at.width as usize;
    let place_width = (width / 4).clamp(16, 40);
    let how_width = (width / 5).min(36);
    let text_width = width.saturating_sub(10 + place_width + how_width + 4);
    let place = cut_front(place, place_width);
    let gap = " ".repeat(place_width + 2 - place.chars().count());
    let text = format!("{:text_width$}  ", cut(text, text_width));
    let place_style = if here { theme.here } else { theme.plain };
    let label_style = if here { theme.strong } else { theme.dim };
    put_line(
        buffer,
        at,
        vec![
            (label.to_owned(), label_style),
            (place, place_style),
            (gap, theme.plain),
            (text, if here { theme.plain } else { theme.dim }),
            (cut(how, how_width), theme.dim),
        ],
    );
}

/// The file's definitions in order, the current one marked.
fn band(state: &State, page: &Page, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let line = state.desk.spot.line;
    // Cells stand by line: the innermost one around the line is the last before it that reaches so far.
    let before = page.band.partition_point(|c| c.line <= line);
    let current = page.band[..before].iter().rposition(|c| line <= c.end_line);
    let room = (area.width as usize).saturating_sub(11);
    let start = band_start(page, current.unwrap_or_else(|| page.band.partition_point(|c| c.line < line)), room);
    let mut pieces = vec![(" band     ".to_owned(), theme.dim)];
    if start > 0 {
        pieces.push(("… ".to_owned(), theme.dim));
    }
    let mut used = 0;
    for (i, cell) in page.band.iter().enumerate().skip(start) {
        used += cell.name.chars().count() + 3;
        if used > room {
            pieces.push(("…".to_owned(), theme.dim));
            break;
        }
        pieces.push((cell.name.clone(), if Some(i) == current { theme.here } else { theme.dim }));
        if cell.has_gap {
            pieces.push(("!".to_owned(), theme.wrong));
        }
        pieces.push((" │ ".to_owned(), theme.rule));
    }
    put_line(buffer, area, pieces);
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

fn code(state: &State, page: &Page, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let gutter = layout::gutter(page);
    let scroll = layout::scroll(state, area);
    let spot = &state.desk.spot;
    let word = page.word_at(spot.line, spot.column);
    for y in 0..area.height {
        let number = state.desk.top + u32::from(y);
        let Some(line) = page.lines.get(number as usize - 1) else { break };
        let here = number == spot.line;
        let at = Rect { y: area.y + y, height: 1, ..area };
        if here {
            buffer.set_style(at, theme.here_line);
        }
        let number_style = if here && state.glance.looks.is_empty() {
            theme.here
        } else if line.in_gap {
            theme.wrong
        } else {
            theme.dim
        };
        let width = gutter as usize - 2;
        put_line(
            buffer,
            Rect { width: gutter, ..at },
            vec![(format!("{number:>width$}"), number_style), (if line.in_gap { "!".to_owned() } else { String::new() }, theme.wrong)],
        );
        let text_at = Rect { x: at.x + gutter, width: at.width.saturating_sub(gutter), ..at };
        let ground = if here { theme.here_line } else { Style::new() };
        code_line(state, line, buffer, text_at, scroll, ground, word.map(|w| w.0));
        if let Some(note) = state.desk.notes.iter().find(|n| n.line == number) {
            super::upkeep::sidenote(state, note, &line.text, buffer, text_at, scroll, ground);
        }
        // While something is looked at, one is there.
        if !state.glance.looks.is_empty() {
            continue;
        }
        if here && let Some((_, span)) = word {
            cursor(state, line, buffer, text_at, scroll, span.start as usize, span.end as usize);
        } else if here {
            let start = spot.column as usize - 1;
            cursor(state, line, buffer, text_at, scroll, start, start + 1);
        }
    }
}

/// Of a long line so many bytes are looked at from the first that is shown on.
const STRETCH: usize = 2 * columns::STOP;

/// A line of code: each character with the style of its stretch.
pub(super) fn code_line(state: &State, line: &PageLine, buffer: &mut Buffer, at: Rect, scroll: usize, ground: Style, word: Option<&str>) {
    let theme = &state.theme;
    // Of a line of millions of characters what stands before the screen is stepped over at once.
    let (from, mut cell) = columns::start_of(&line.stops, scroll);
    let until = line.text.ceil_char_boundary(from + STRETCH.max(8 * at.width as usize));
    let text = if line.stops.is_empty() { line.text.as_str() } else { &line.text[..until] };
    let mentions: Vec<(usize, usize)> = word.map(|w| mentions(&text[from..], w).into_iter().map(|(a, b)| (a + from, b + from)).collect()).unwrap_or_default();
    let mut token = line.tokens.partition_point(|t| t.1 as usize <= from);
    for (i, c) in text[from..].char_indices().map(|(i, c)| (i + from, c)) {
        let (shown, width) = columns::shown(c, cell);
        if cell + width > scroll + at.width as usize {
            break;
        }
        if cell >= scroll {
            while line.tokens.get(token).is_some_and(|t| t.1 as usize <= i) {
                token += 1;
            }
            let class = line.tokens.get(token).filter(|t| t.0 as usize <= i).map(|t| t.2);
            let defined = line.defined.iter().any(|d| d.0 as usize <= i && i < d.1 as usize);
            let mut style = if crate::shown::is_hostile(c) && c != '\t' { theme.wrong } else { style_of(state, class, defined) };
            if mentions.iter().any(|m| m.0 <= i && i < m.1) {
                style = style.patch(theme.mention);
            }
            buffer.set_stringn(at.x + (cell - scroll) as u16, at.y, shown, width, style.patch(ground));
        }
        cell += width;
    }
}

fn style_of(state: &State, class: Option<TokenClass>, defined: bool) -> Style {
    let theme = &state.theme;
    match class {
        Some(TokenClass::Comment) => theme.comment,
        Some(TokenClass::Text) => theme.text,
        Some(TokenClass::Number) => theme.number,
        Some(TokenClass::Keyword) => theme.keyword,
        None if defined => theme.defined,
        None => theme.plain,
    }
}

/// Whole-word mentions of a word, by byte.
fn mentions(text: &str, word: &str) -> Vec<(usize, usize)> {
    let is_word = |c: char| c.is_alphanumeric() || c == '_' || c == '$';
    text.match_indices(word).map(|(i, _)| (i, i + word.len())).filter(|(s, e)| !text[..*s].ends_with(is_word) && !text[*e..].starts_with(is_word)).collect()
}

/// The name under the cursor, in amber.
pub(super) fn cursor(state: &State, line: &PageLine, buffer: &mut Buffer, at: Rect, scroll: usize, start: usize, end: usize) {
    let from = columns::cell_in(&line.text, &line.stops, start);
    let to = columns::cell_in(&line.text, &line.stops, end.min(line.text.len().max(start))).max(from + 1);
    for cell in from.max(scroll)..to.min(scroll + at.width as usize) {
        let x = at.x + (cell - scroll) as u16;
        if let Some(c) = buffer.cell_mut((x, at.y)) {
            c.set_style(state.theme.here);
        }
    }
}

fn bearings(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let pane = &state.desk.bearings;
    let Some(b) = &pane.shown else {
        for (i, why) in pane.why.iter().flat_map(|w| wrap(w, area.width as usize)).enumerate() {
            put(buffer, row(area, i), &why, theme.dim);
        }
        return;
    };
    let mut line = facts(state, b, buffer, area);
    let rows = pane.rows();
    for (i, group) in b.groups.iter().enumerate() {
        let open = pane.open.contains(&i);
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
            line += group_rows(
                state,
                group,
                buffer,
                Rect { y: area.y + line as u16, height: (left as u16).min(area.height.saturating_sub(line as u16)), ..area },
                selected,
            );
        }
    }
    for (n, further) in pane.upkeep.groups().into_iter().enumerate() {
        let number = b.groups.len() + n;
        let selected = rows.get(pane.selected).filter(|r| r.0 == number && pane.focused).map(|r| r.1);
        let room = Rect { y: area.y + line as u16, height: area.height.saturating_sub(line as u16), ..area };
        line += super::upkeep::group(state, further, number, selected, buffer, room, evidence_rows(b));
    }
    why(state, b, buffer, Rect { y: area.y + line as u16, height: area.height.saturating_sub(line as u16), ..area });
}

/// Where a symbol stands: of a long path at least the file's name, of a long unit what room is left for.
fn placed(f: &compass_trace::bearings::SymbolFacts, width: usize) -> String {
    let unit = if f.own { f.unit.clone() } else { format!("{} (dependency)", f.unit) };
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
    let (mark, word) = certainty(b.target.certainty.as_deref());
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
    let documentation: Vec<String> = f.documentation.split("\n\n").next().unwrap_or("").lines().flat_map(|l| wrap(l, width)).collect();
    for part in documentation.iter().filter(|l| !l.is_empty()).take(room) {
        put(buffer, row(area, line), part, theme.comment);
        line += 1;
    }
    line + 1
}

pub(super) fn certainty(word: Option<&str>) -> (char, &'static str) {
    for c in [Certainty::Proven, Certainty::Inferred, Certainty::Guessed] {
        if word == Some(c.word()) {
            return (c.mark(), c.word());
        }
    }
    (' ', "")
}

fn group_rows(state: &State, group: &Group, buffer: &mut Buffer, area: Rect, selected: Option<usize>) -> usize {
    let theme = &state.theme;
    let room = area.height as usize;
    if room == 0 {
        return 0;
    }
    let fits = group.rows.len() <= room && group.total as usize <= room;
    let shown = if fits { group.rows.len() } else { group.rows.len().min(room.saturating_sub(1)) };
    let top = selected.map_or(0, |s| (s + 1).saturating_sub(shown));
    for (i, answer) in group.rows.iter().skip(top).take(shown).enumerate() {
        bearing_row(state, answer, buffer, row(area, i), selected == Some(top + i), group.title == "calls");
    }
    if fits {
        return shown;
    }
    put(buffer, row(area, shown), &format!("   … {} more: {}", group.total as usize - shown, cut(&group.question, area.width as usize / 2)), theme.dim);
    shown + 1
}

/// Certainty, the function it stands in and who calls that, code, place.
fn bearing_row(state: &State, answer: &Answer, buffer: &mut Buffer, at: Rect, here: bool, by_name: bool) {
    let theme = &state.theme;
    let width = at.width as usize;
    let (mark, _) = certainty(answer.certainty.as_deref());
    let is_definition = answer.role.is_none();
    let name = answer.path.rsplit('/').next().unwrap_or(&answer.path);
    let place = cut_front(&format!("{name}:{}", answer.line), width / 3);
    let lead = if is_definition {
        format!("{} {}", answer.kind.as_deref().unwrap_or(""), last_part(answer.name.as_deref().unwrap_or("")))
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
            path: "rack/turn.go".to_owned(),
            line: 7,
            unit: "example.org/rack".to_owned(),
            own: false,
        };
        assert_eq!(placed(&facts, width), wanted);
        assert!(wanted.chars().count() <= width);
    }
}
