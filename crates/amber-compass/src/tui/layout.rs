//! Where things are on the screen: the same answer for drawing and for the mouse.

use crate::tui::state::{AskMode, Page, Screen, State};
use ratatui::layout::{Position, Rect};

/// Tabs of the first row.
pub const TABS: [(Screen, &str, &str); 9] = [
    (Screen::Survey, "survey", "F1"),
    (Screen::Desk, "desk", "F2"),
    (Screen::Answers, "answers", "F3"),
    (Screen::Chains, "chains", "F4"),
    (Screen::Unfold, "unfold", "F5"),
    (Screen::Kin, "kin", "F6"),
    (Screen::Units, "units", "F7"),
    (Screen::Logbook, "logbook", "F8"),
    (Screen::Gaps, "gaps", "F9"),
];

/// At most this many rows of the track are shown.
pub const TRACK_ROWS: u16 = 5;

/// Everything between the first row and the ask line.
pub fn body(state: &State) -> Rect {
    let (cols, rows) = state.size;
    Rect { x: 0, y: 1, width: cols, height: rows.saturating_sub(3) }
}

/// The row of the ask line.
pub fn ask_row(state: &State) -> Rect {
    Rect { x: 0, y: state.size.1.saturating_sub(2), width: state.size.0, height: 1 }
}

/// The row of keys and messages.
pub fn key_row(state: &State) -> Rect {
    Rect { x: 0, y: state.size.1.saturating_sub(1), width: state.size.0, height: 1 }
}

/// Where rows that belong to the ask line stand: in the place of the bearings, or in the lower half.
pub fn beside_ask(state: &State) -> Rect {
    let body = body(state);
    let side = desk(state).bearings;
    let column = match side.width {
        0 => body,
        // The track and the band stay whole.
        _ if state.screen == Screen::Desk => side,
        _ => Rect { y: body.y, height: body.height, ..side },
    };
    let height = match (state.ask.mode, side.width > 0) {
        // What may be typed next stands right above what is typed, and takes no more room than it needs.
        (AskMode::Question, _) => (state.ask.offers.offers.len() as u16 + 1).min(body.height / 2),
        (_, true) => column.height,
        (_, false) => body.height / 2,
    };
    Rect { y: column.y + column.height - height, height, ..column }
}

/// Lines a row of the ask line takes there, and the first row that is shown: the selected one is in view.
pub fn ask_rows(state: &State) -> (usize, usize) {
    let lines = if state.ask.mode == AskMode::Jump { 2 } else { 1 };
    let visible = usize::from(beside_ask(state).height).saturating_sub(1) / lines;
    (lines, state.ask.selected.saturating_sub(visible.saturating_sub(1)))
}

/// The row of the ask line at a position.
pub fn ask_row_at(state: &State, at: Position) -> Option<usize> {
    let area = beside_ask(state);
    let (lines, top) = ask_rows(state);
    (area.contains(at) && at.y > area.y).then(|| top + usize::from(at.y - area.y - 1) / lines)
}

/// Is there no room for the keys of the screens beside their names?
pub fn is_narrow(state: &State) -> bool {
    state.size.0 < 100
}

/// Cells of the tabs, right-aligned in the first row.
pub fn tabs(state: &State) -> Vec<(Screen, Rect)> {
    // On a narrow screen the keys are left out: they are what they always are.
    let key = |t: &(Screen, &str, &str)| if is_narrow(state) { 0 } else { 1 + t.2.len() as u16 };
    let widths: Vec<u16> = TABS.iter().map(|t| t.1.len() as u16 + key(t)).collect();
    let gap = if state.size.0 < 130 { 1 } else { 3 };
    let total: u16 = widths.iter().sum::<u16>() + gap * (TABS.len() as u16 - 1) + 1;
    let mut x = state.size.0.saturating_sub(total);
    let mut out = Vec::new();
    for (tab, width) in TABS.iter().zip(widths) {
        out.push((tab.0, Rect { x, y: 0, width, height: 1 }));
        x += width + gap;
    }
    out
}

/// The screen whose tab is at a position.
pub fn tab_at(state: &State, at: Position) -> Option<Screen> {
    tabs(state).into_iter().find(|t| t.1.contains(at)).map(|t| t.0)
}

/// Rows of the list of units.
pub fn units(state: &State) -> Rect {
    let body = body(state);
    Rect { y: body.y + 2.min(body.height), height: body.height.saturating_sub(2), ..body }
}

/// The first row of that list that is shown: the selected one stands in view.
pub fn units_top(state: &State) -> usize {
    let height = usize::from(units(state).height).max(1);
    state.units.selected.saturating_sub(height / 2).min(state.units.lines.len().saturating_sub(height))
}

/// Rows of the logbook.
pub fn logbook(state: &State) -> Rect {
    units(state)
}

/// The first row of the logbook that is shown.
pub fn logbook_top(state: &State) -> usize {
    let height = usize::from(logbook(state).height).max(1);
    let rows = state.logbook.rows().len();
    state.logbook.selected.saturating_sub(height / 2).min(rows.saturating_sub(height))
}

/// The parts of the screen of gaps.
pub fn gaps(state: &State) -> AnswersParts {
    answers(state)
}

/// The first gap that is shown.
pub fn gaps_top(state: &State) -> usize {
    let height = usize::from(gaps(state).rows.height).max(1);
    state.gaps.selected.saturating_sub(height / 2).min(state.gaps.rows.len().saturating_sub(height))
}

/// The parts of the screen of kin.
pub fn kin(state: &State) -> AnswersParts {
    answers(state)
}

/// The first row of kin that is shown.
pub fn kin_top(state: &State) -> usize {
    let height = usize::from(kin(state).rows.height).max(1);
    state.kin.row.saturating_sub(height / 2).min(state.kin.rows().saturating_sub(height))
}

/// Where a glance is shown: the place of the bearings, or the lower half of the code where there are none.
pub fn glance(state: &State) -> Rect {
    let parts = desk(state);
    if parts.bearings.width > 0 {
        return parts.bearings;
    }
    // The code has the upper half then, so that the line one is on stays in view.
    let all = parts.code.height + below_code(state, parts.code.y);
    let height = all / 2;
    Rect { y: parts.code.y + all - height, height, ..parts.code }
}

/// Is something shown in the place of the bearings that was asked for?
fn has_beside(state: &State) -> bool {
    state.tree.is_some() || !state.glance.looks.is_empty() || state.desk.reading.is_some() || !state.asides.is_empty()
}

/// Rows below the code that are taken by what stands in the place of the bearings, where there is no room beside it.
fn below_code(state: &State, top: u16) -> u16 {
    let body = body(state);
    let rest = (body.y + body.height).saturating_sub(top);
    if side_width(body.width) == 0 && has_beside(state) { rest / 2 } else { 0 }
}

/// Parts of the desk.
#[derive(Debug, Clone, Copy)]
pub struct DeskParts {
    /// Rows of the track, the current one last.
    pub track: Rect,
    /// The band.
    pub band: Rect,
    /// The rule below it.
    pub rule: Rect,
    /// The code with its line numbers.
    pub code: Rect,
    /// The bearings; no width where there is no room.
    pub bearings: Rect,
}

/// Parts of the desk for this size and track.
pub fn desk(state: &State) -> DeskParts {
    let body = body(state);
    if state.desk.alone {
        return alone(state, body);
    }
    // A row for each look stands below those of the jumps.
    let hops = ((state.desk.track.len() + state.glance.looks.len()) as u16).min(TRACK_ROWS - 1);
    let track_rows = if body.height < 14 { 1 } else { hops + 1 }.min(body.height);
    let head = track_rows + 2;
    let lower = Rect { y: body.y + head.min(body.height), height: body.height.saturating_sub(head), ..body };
    let side = side_width(body.width);
    let taken = below_code(state, lower.y);
    let code = Rect { width: lower.width.saturating_sub(if side > 0 { side + 1 } else { 0 }), height: lower.height.saturating_sub(taken), ..lower };
    DeskParts {
        track: Rect { height: track_rows, ..body },
        band: Rect { y: body.y + track_rows, height: 1.min(body.height.saturating_sub(track_rows)), ..body },
        rule: Rect { y: body.y + track_rows + 1, height: 1.min(body.height.saturating_sub(track_rows + 1)), ..body },
        code,
        bearings: Rect { x: code.x + code.width + u16::from(side > 0), width: side, ..lower },
    }
}

/// The code alone: no track, no band, and beside it only what is asked for.
fn alone(state: &State, body: Rect) -> DeskParts {
    let nothing = Rect { height: 0, ..body };
    let side = if has_beside(state) || state.desk.bearings.focused { side_width(body.width) } else { 0 };
    let code = Rect { width: body.width.saturating_sub(if side > 0 { side + 1 } else { 0 }), ..body };
    DeskParts { track: nothing, band: nothing, rule: nothing, code, bearings: Rect { x: code.x + code.width + u16::from(side > 0), width: side, ..body } }
}

/// Cells for what stands beside the code.
fn side_width(width: u16) -> u16 {
    match width {
        140.. => 62,
        110.. => 46,
        90.. => 38,
        _ => 0,
    }
}

/// Cells of the line numbers, with a blank on both sides.
pub fn gutter(page: &Page) -> u16 {
    (page.lines.len().max(1).ilog10() + 1).max(4) as u16 + 2
}

/// Cells scrolled to the right so that the cursor is shown.
pub fn scroll(state: &State, code: Rect) -> usize {
    let Some(page) = &state.desk.page else { return 0 };
    let width = usize::from(code.width.saturating_sub(gutter(page) + 1)).max(1);
    let Some(line) = page.lines.get(state.desk.spot.line as usize - 1) else { return 0 };
    let cell = crate::tui::columns::cell_in(&line.text, &line.stops, state.desk.spot.column as usize - 1);
    if cell < width { 0 } else { cell - width / 2 }
}

/// Parts of the answers.
#[derive(Debug, Clone, Copy)]
pub struct AnswersParts {
    /// Question, count, narrowing.
    pub head: Rect,
    /// What is missing, notes.
    pub notes: Rect,
    /// The rows.
    pub rows: Rect,
    /// Code around the selected row.
    pub preview: Rect,
}

/// Parts of the answers for this size.
pub fn answers(state: &State) -> AnswersParts {
    let body = body(state);
    let head = Rect { height: 1.min(body.height), ..body };
    let notes = Rect { y: body.y + 1, height: 1.min(body.height.saturating_sub(1)), ..body };
    let rest = Rect { y: body.y + 3.min(body.height), height: body.height.saturating_sub(3), ..body };
    if rest.height >= 16 {
        let below = (rest.height / 2).saturating_sub(1);
        let rows = Rect { height: rest.height - below - 1, ..rest };
        AnswersParts { head, notes, rows, preview: Rect { y: rows.y + rows.height + 1, height: below, ..rest } }
    } else {
        AnswersParts { head, notes, rows: rest, preview: Rect { y: rest.y + rest.height, height: 0, ..rest } }
    }
}

/// A line of the answers' list.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum ListLine {
    /// A heading: unit and role.
    Heading(String),
    /// An answer, by its position among the narrowed rows.
    Row(usize),
}

/// All lines of the list: rows under headings of unit.
pub fn answer_lines(state: &State) -> Vec<ListLine> {
    let Some(kept) = state.answers.shown() else { return Vec::new() };
    let mut out = Vec::new();
    let mut unit: Option<&str> = None;
    for (i, answer) in kept.rows().iter().enumerate() {
        if i == 0 || unit != answer.unit.as_deref() {
            unit = answer.unit.as_deref();
            out.push(ListLine::Heading(unit.unwrap_or("").to_owned()));
        }
        out.push(ListLine::Row(i));
    }
    out
}

/// The first line shown so that the selected row is in view.
pub fn answers_top(state: &State, lines: &[ListLine]) -> usize {
    let height = usize::from(answers(state).rows.height).max(1);
    let selected = state.answers.shown().map_or(0, |k| k.selected);
    let at = lines.iter().position(|l| *l == ListLine::Row(selected)).unwrap_or(0);
    if at + 2 < height { 0 } else { (at + 2 + height / 3).saturating_sub(height).min(lines.len().saturating_sub(height)) }
}

/// The row of a list at a place of the screen: the list has so many rows and is shown there from its row `top` on.
pub fn row_in(area: Rect, top: usize, count: usize, at: Position) -> Option<usize> {
    let row = top + usize::from(at.y.checked_sub(area.y)?);
    (area.contains(at) && row < count).then_some(row)
}

/// The answer that stands at a place of the screen.
pub fn answer_at(state: &State, at: Position) -> Option<usize> {
    let lines = answer_lines(state);
    match lines.get(row_in(answers(state).rows, answers_top(state, &lines), lines.len(), at)?)? {
        ListLine::Row(i) => Some(*i),
        ListLine::Heading(_) => None,
    }
}

/// The parts of the screen of chains.
pub fn chains(state: &State) -> AnswersParts {
    let body = body(state);
    let head = Rect { height: 1.min(body.height), ..body };
    let notes = Rect { y: body.y + 1, height: 1.min(body.height.saturating_sub(1)), ..body };
    let rest = Rect { y: body.y + 3.min(body.height), height: body.height.saturating_sub(3), ..body };
    if rest.height < 22 {
        return AnswersParts { head, notes, rows: rest, preview: Rect { y: rest.y + rest.height, height: 0, ..rest } };
    }
    // The chain needs more room than the code around one row of it.
    let below = (rest.height / 3).max(8);
    let rows = Rect { height: rest.height - below - 1, ..rest };
    AnswersParts { head, notes, rows, preview: Rect { y: rows.y + rows.height + 1, height: below, ..rest } }
}

/// The parts of the screen of unfolding.
#[derive(Debug, Clone, Copy)]
pub struct UnfoldParts {
    /// Place and counts.
    pub head: Rect,
    /// Below it.
    pub rule: Rect,
    /// What was written, below its heading.
    pub written: Rect,
    /// What it becomes, below its heading.
    pub result: Rect,
    /// Between texts and steps.
    pub lower_rule: Rect,
    /// The steps, below their heading.
    pub steps: Rect,
    /// Where the piece came from, below its heading.
    pub trail: Rect,
}

/// Where the parts of the screen of unfolding are.
pub fn unfold(state: &State) -> UnfoldParts {
    let body = body(state);
    let lower = (body.height / 3).clamp(5, 14).min(body.height.saturating_sub(6));
    let upper = body.height.saturating_sub(lower + 3);
    let at = |x: u16, y: u16, width: u16, height: u16| Rect { x: body.x + x, y: body.y + y, width, height };
    let width = body.width;
    // What was written is mostly short: the result gets more.
    let left = if width >= 100 { width * 35 / 100 } else { width * 4 / 10 };
    UnfoldParts {
        head: at(0, 0, width, 1),
        rule: at(0, 1, width, 1),
        written: at(1, 3, left.saturating_sub(3), upper.saturating_sub(1)),
        result: at(left + 1, 3, width.saturating_sub(left + 2), upper.saturating_sub(1)),
        lower_rule: at(0, upper + 2, width, 1),
        steps: at(1, upper + 4, left.saturating_sub(3), lower.saturating_sub(1)),
        trail: at(left + 1, upper + 4, width.saturating_sub(left + 2), lower.saturating_sub(1)),
    }
}
