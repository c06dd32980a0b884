//! The desk: the track and the code; see `band` and `bearings` for the rest.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::state::{LineEnd, Page, PageLine, State};
use crate::tui::{columns, layout};
use compass_facts::TokenClass;
use compass_trace::highlights::Highlight;
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
    if !state.desk.alone {
        track(state, page, buffer, parts.track);
        super::band::draw(state, page, buffer, parts.band);
        rule(buffer, parts.rule, theme.rule);
    }
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
        super::bearings::draw(state, buffer, super::bearings::inner(parts.bearings));
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

fn code(state: &State, page: &Page, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let gutter = layout::gutter(page);
    let scroll = layout::scroll(state, area);
    let spot = &state.desk.spot;
    let word = page.word_at(spot.line, spot.column);
    let elsewhere = !state.glance.looks.is_empty() || state.tree.is_some();
    let folds = &state.desk.folds;
    let top = folds.place_of(state.desk.top);
    for y in 0..area.height {
        let number = folds.line_at(top + u32::from(y));
        let Some(line) = page.lines.get(number as usize - 1) else { break };
        let here = number == spot.line;
        let at = Rect { y: area.y + y, height: 1, ..area };
        if here {
            buffer.set_style(at, theme.here_line);
        }
        let number_style = if here && !elsewhere {
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
        let folded = folds.at(number).map(|part| match part.last - part.first {
            1 => " … 1 line".to_owned(),
            n => format!(" … {n} lines"),
        });
        if let Some(told) = &folded {
            behind(line, told, buffer, text_at, scroll, theme.dim.patch(ground));
        }
        if let Some(note) = state.desk.notes.iter().find(|n| n.line == number) {
            let shown = format!("{}{}", line.text, folded.unwrap_or_default());
            super::history_and_coverage::sidenote(state, note, &shown, buffer, text_at, scroll, ground);
        }
        // While something else is gone through, one is there.
        if elsewhere {
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

/// Writes something behind the end of a line, if the line leaves room for it.
fn behind(line: &PageLine, text: &str, buffer: &mut Buffer, at: Rect, scroll: usize, style: Style) {
    let end = columns::cell_in(&line.text, &line.stops, line.text.len());
    let x = end.saturating_sub(scroll);
    if end >= scroll && x < usize::from(at.width) {
        put(buffer, Rect { x: at.x + x as u16, width: at.width - x as u16, ..at }, text, style);
    }
}

/// Blanks, tabs and line ends as signs.
fn sign_of(c: char, shown: &str) -> Option<String> {
    match c {
        ' ' => Some("·".to_owned()),
        '\t' => Some(format!("→{}", " ".repeat(shown.len().saturating_sub(1)))),
        _ => None,
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
    let mut highlight = line.highlights.partition_point(|t| t.1 as usize <= from);
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
            while line.highlights.get(highlight).is_some_and(|t| t.1 as usize <= i) {
                highlight += 1;
            }
            let told = line.highlights.get(highlight).filter(|t| t.0 as usize <= i && class.is_none()).map(|t| t.2);
            let mut style = match told {
                _ if crate::shown::is_hostile(c) && c != '\t' => theme.wrong,
                Some(highlight) if !defined => tone_of(state, highlight),
                _ => style_of(state, class, defined),
            };
            if mentions.iter().any(|m| m.0 <= i && i < m.1) {
                style = style.patch(theme.mention);
            }
            let sign = sign_of(c, &shown).filter(|_| state.desk.signs);
            if sign.is_some() {
                style = theme.rule;
            }
            buffer.set_stringn(at.x + (cell - scroll) as u16, at.y, sign.unwrap_or(shown), width, style.patch(ground));
        }
        cell += width;
    }
    if state.desk.signs && until == line.text.len() && cell >= scroll && cell < scroll + usize::from(at.width) {
        let sign = match line.end {
            LineEnd::Open => "",
            LineEnd::Feed => "↵",
            LineEnd::ReturnFeed => "␍↵",
        };
        let x = (cell - scroll) as u16;
        buffer.set_stringn(at.x + x, at.y, sign, usize::from(at.width - x), theme.rule.patch(ground));
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

fn tone_of(state: &State, highlight: Highlight) -> Style {
    match highlight {
        Highlight::Macro => state.theme.by_macro,
        Highlight::Mark => state.theme.marking,
        Highlight::Dependency => state.theme.outside,
        Highlight::Unknown => state.theme.unknown,
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
