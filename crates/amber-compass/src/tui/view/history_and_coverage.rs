//! Tests and changes in the bearings, and the short notes at the end of a definition's line.

use super::{cut, put, put_line, row};
use crate::tui::columns;
use crate::tui::state::{Further, State};
use compass_trace::history_and_coverage::{CaseState, Change, CoveringTest, History, Sidenote, Unusual};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;

/// A group with its rows, if it is open; gives the rows used and the first row that is shown. `below` rows are kept for what follows.
pub fn group(state: &State, of: Further, number: usize, selected: Option<usize>, buffer: &mut Buffer, area: Rect, below: usize) -> (usize, usize) {
    let theme = &state.theme;
    let pane = &state.desk.bearings;
    let upkeep = &pane.upkeep;
    let open = pane.open.contains(&number);
    let mut pieces = vec![];
    match of {
        Further::Tests => {
            pieces.push((format!("{} tests", number + 1), theme.strong));
            pieces.push((format!("  {}", upkeep.tests.len()), theme.plain));
            let failing = upkeep.failing().count();
            if let Some(first) = upkeep.failing().next() {
                pieces.push((format!("  {failing} fail{}: {}", if failing == 1 { "s" } else { "" }, name_of(first)), theme.wrong));
            }
        }
        Further::Changes => {
            pieces.push((format!("{} upkeep", number + 1), theme.strong));
            match &upkeep.history {
                Some(Ok(history)) => pieces.push((format!("  {}", said(history)), theme.plain)),
                Some(Err(why)) => pieces.push((format!("  {why}"), theme.wrong)),
                None => {}
            }
        }
    }
    if !open {
        pieces.push(("  …".to_owned(), theme.dim));
    }
    put_line(buffer, row(area, 0), pieces);
    if !open {
        return (1, 0);
    }
    let room = usize::from(area.height).saturating_sub(1 + below);
    let count = upkeep.count(of);
    let shown = count.min(room);
    let top = selected.map_or(0, |s| (s + 1).saturating_sub(shown));
    for at in top..top + shown {
        let (y, here) = (row(area, 1 + at - top), selected == Some(at));
        match of {
            Further::Tests => test_row(state, &upkeep.tests[at], buffer, y, here),
            Further::Changes => change_row(state, &upkeep.changes()[at], buffer, y, here),
        }
    }
    (1 + shown, top)
}

fn name_of(test: &CoveringTest) -> &str {
    let path = &test.test.path;
    match test.test.name.as_deref().filter(|_| test.test.kind_word() != Some("module")) {
        Some(name) => name.rsplit('.').next().unwrap_or(name),
        // Of tests without definitions of their own the file is told.
        None => path.rsplit('/').next().unwrap_or(path),
    }
}

/// How many changes, and what of them is new.
fn said(history: &History) -> String {
    let count = history.changes.len();
    let mut out = format!("{count} change{}", if count == 1 { "" } else { "s" });
    let since = history.changes.iter().filter(|c| c.since_pull).count();
    if since > 0 {
        out += &format!(", {since} new");
    }
    if history.uncommitted {
        out += ", more not committed";
    }
    if history.cut {
        out += ", older ones not looked for";
    }
    out
}

fn test_row(state: &State, test: &CoveringTest, buffer: &mut Buffer, at: Rect, here: bool) {
    let theme = &state.theme;
    let (word, style) = match test.state {
        Some(CaseState::Failed) => ("fails  ", theme.wrong),
        Some(s) => (if s == CaseState::Passed { "passes " } else { "skipped" }, theme.dim),
        None => ("not run", theme.dim),
    };
    let how = match (test.is_older, test.calls) {
        (true, _) => "changed since".to_owned(),
        (_, Some(1)) => "calls it".to_owned(),
        (_, Some(n)) => format!("{n} calls away"),
        (_, None) => "ran it".to_owned(),
    };
    let told = if test.message.is_empty() { how } else { format!("{how}: {}", test.message) };
    let name = cut(name_of(test), usize::from(at.width) / 2);
    put_line(buffer, at, vec![(format!(" {word} "), style), (name, if here { theme.here } else { theme.plain }), (format!("  {told}"), theme.dim)]);
}

fn change_row(state: &State, change: &Change, buffer: &mut Buffer, at: Rect, here: bool) {
    let theme = &state.theme;
    let mark = if change.since_pull { "new" } else { "   " };
    let text = cut(&change.summary, usize::from(at.width).saturating_sub(20 + change.author.chars().count()));
    put_line(
        buffer,
        at,
        vec![
            (format!(" {mark} {}  ", day(change.time)), theme.dim),
            (text, if here { theme.here } else { theme.plain }),
            (format!("  {}", change.author), theme.dim),
        ],
    );
}

/// The day of a moment, in the calendar of the whole world.
pub(super) fn day(seconds: i64) -> String {
    time::OffsetDateTime::from_unix_timestamp(seconds).map_or_else(|_| "?".to_owned(), |t| t.date().to_string())
}

/// A note at the end of a line, where that leaves room: the code is never cut for it.
pub fn sidenote(state: &State, note: &Sidenote, line: &str, buffer: &mut Buffer, at: Rect, scroll: usize, ground: Style) {
    let theme = &state.theme;
    let (text, style) = match &note.what {
        Unusual::Failing(name, 0) => (format!("failing: {name}"), theme.wrong),
        Unusual::Failing(name, more) => (format!("failing: {name} +{more}"), theme.wrong),
        Unusual::Changed => ("changed since the last pull".to_owned(), theme.dim),
        Unusual::NeverRun => ("no test runs it".to_owned(), theme.dim),
        Unusual::Unused => ("used nowhere".to_owned(), theme.dim),
    };
    let taken = columns::cell_of(line, line.len()).saturating_sub(scroll) + 2;
    let width = text.chars().count();
    let room = usize::from(at.width).saturating_sub(taken + 1);
    // A name may be cut; less than half of it says nothing.
    if room < width.min(20) {
        return;
    }
    let text = cut(&text, room);
    let x = at.x + at.width - 1 - text.chars().count() as u16;
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &text, style.patch(ground));
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn days_are_those_of_the_calendar() {
        assert_eq!((day(0).as_str(), day(1_741_252_500).as_str(), day(i64::MAX).as_str()), ("1970-01-01", "2025-03-06", "?"));
    }

    #[test]
    fn what_is_new_of_a_history_is_said() {
        let change = |since_pull| Change {
            since_pull,
            id: String::new(),
            author: String::new(),
            email: String::new(),
            time: 0,
            summary: String::new(),
            issues: Vec::new(),
            path: String::new(),
        };
        assert_eq!(said(&History { changes: vec![change(false)], ..History::default() }), "1 change");
        let all = History { changes: vec![change(true), change(false)], uncommitted: true, cut: true };
        assert_eq!(said(&all), "2 changes, 1 new, more not committed, older ones not looked for");
    }
}
