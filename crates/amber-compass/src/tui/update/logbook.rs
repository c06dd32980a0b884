//! The logbook: setting and opening bookmarks, walking the branches of the track, exporting.

use super::{Action, Effect, desk, lists, start};
use crate::tui::layout;
use crate::tui::state::{AskMode, Hop, LogRow, Spot, State};
use compass_session::jobs::Job;
use compass_session::logbook::Step;

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    if let Some(by) = lists::step(action, layout::logbook(state)) {
        return select(state, by);
    }
    match action {
        Action::Follow => open_row(state, effects),
        Action::Note => write_note(state),
        Action::Remove => remove(state, effects),
        Action::Keep => {
            let book = state.logbook.book.clone();
            let name = state.name.clone();
            start(state, Job::ExportLogbook(Box::new(book), name), effects);
        }
        Action::Digit(n) => {
            let rows = state.logbook.rows();
            let shown = rows.iter().enumerate().skip(layout::logbook_top(state)).filter(|(_, r)| !matches!(r, LogRow::Heading(_)));
            if let Some((row, _)) = shown.into_iter().nth(n as usize - 1) {
                state.logbook.selected = row;
                open_row(state, effects);
            }
        }
        _ => {}
    }
}

/// Asks where the bookmarks stand now.
pub fn show(state: &mut State, effects: &mut Vec<Effect>) {
    effects.push(Effect::ListKept);
    if state.ready && !state.logbook.book.bookmarks.is_empty() {
        let anchors = state.logbook.book.bookmarks.iter().map(|b| (b.number, b.anchor.clone())).collect();
        start(state, Job::FindMarks(anchors), effects);
    }
    let last = state.logbook.rows().len().saturating_sub(1);
    state.logbook.selected = state.logbook.selected.min(last);
    if matches!(state.logbook.current(), Some(LogRow::Heading(_))) {
        select(state, 1);
    }
}

/// Moves the selection, past headings.
pub fn select(state: &mut State, by: i64) {
    let rows = state.logbook.rows();
    let last = rows.len().saturating_sub(1) as i64;
    let mut at = (state.logbook.selected as i64).saturating_add(by).clamp(0, last);
    let step = if by < 0 { -1 } else { 1 };
    while matches!(rows.get(at as usize), Some(LogRow::Heading(_))) && (0..=last).contains(&(at + step)) {
        at += step;
    }
    if !matches!(rows.get(at as usize), Some(LogRow::Heading(_))) {
        state.logbook.selected = at as usize;
    }
}

/// A jump was made: the trail gets a branch or goes on.
pub fn jumped(state: &mut State, from: &Spot, text: &str, to: &Spot, how: &str) {
    let step = |spot: &Spot, text: &str, how: &str| Step {
        from: None,
        path: spot.path.clone(),
        line: spot.line,
        column: spot.column,
        text: text.to_owned(),
        how: how.to_owned(),
        name: String::new(),
    };
    state.logbook.book.trail.jump(step(from, text, ""), step(to, "", how));
}

/// A place was reached: the trail gets the line that stands there.
pub fn arrived(state: &mut State) {
    let spot = &state.desk.spot;
    let text = state.desk.page.as_ref().and_then(|p| p.lines.get(spot.line as usize - 1)).map(|l| l.told().to_owned());
    let trail = &mut state.logbook.book.trail;
    if let (Some(at), Some(text)) = (trail.at, text)
        && let Some(step) = trail.steps.get_mut(at).filter(|s| s.path == spot.path && s.line == spot.line)
    {
        step.text = text;
    }
}

/// A bookmark is wanted where the cursor stands: the note is typed in the ask line.
pub fn begin_mark(state: &mut State) {
    if !state.ready || state.desk.page.is_none() {
        return state.complain("there is nothing to set a bookmark on yet");
    }
    if !state.logbook.writable {
        return state.complain("the logbook cannot be written");
    }
    state.ask.open(AskMode::Mark);
}

/// The note was typed.
pub fn noted(state: &mut State, mode: AskMode, text: String, effects: &mut Vec<Effect>) {
    if mode == AskMode::Mark {
        let spot = state.desk.spot.clone();
        start(state, Job::Mark(spot, text), effects);
        return;
    }
    match state.logbook.current() {
        Some(LogRow::Mark(number)) => state.logbook.book.note(number, text),
        Some(LogRow::Step(step, _)) => {
            if let Some(step) = state.logbook.book.trail.steps.get_mut(step) {
                step.name = text;
            }
        }
        _ => return,
    }
    save(state, effects);
}

/// Sets a bookmark on what was found of a place.
pub fn marked(state: &mut State, anchor: Option<compass_session::logbook::Anchor>, note: String, effects: &mut Vec<Effect>) {
    let Some(anchor) = anchor else { return state.complain("the file is not in the index: no bookmark can be set here") };
    state.logbook.book.mark(anchor, note);
    save(state, effects);
    state.say("bookmark set; F8 shows the logbook");
}

/// Writes the logbook, where that may be.
pub fn save(state: &State, effects: &mut Vec<Effect>) {
    if state.logbook.writable {
        effects.push(Effect::SaveLogbook(Box::new(state.logbook.book.clone())));
    }
}

fn write_note(state: &mut State) {
    let text = match state.logbook.current() {
        Some(LogRow::Mark(number)) => state.logbook.mark(number).map(|b| b.note.clone()),
        Some(LogRow::Step(step, _)) => state.logbook.book.trail.steps.get(step).map(|s| s.name.clone()),
        _ => None,
    };
    if let Some(text) = text {
        state.ask.open(AskMode::Note);
        state.ask.caret = text.len();
        state.ask.text = text;
    }
}

fn remove(state: &mut State, effects: &mut Vec<Effect>) {
    if let Some(LogRow::Mark(number)) = state.logbook.current() {
        state.logbook.book.remove(number);
        select(state, 0);
        save(state, effects);
    } else {
        state.say("only bookmarks can be removed here");
    }
}

fn open_row(state: &mut State, effects: &mut Vec<Effect>) {
    match state.logbook.current() {
        Some(LogRow::Mark(number)) => {
            let Some(mark) = state.logbook.mark(number) else { return };
            let found = state.logbook.found.get(&number);
            let spot = match found {
                Some(None) => return state.complain("what this bookmark stood on is no longer there"),
                Some(Some(f)) => Spot { path: f.path.clone(), line: f.line, column: f.column },
                None => Spot { path: mark.anchor.path.clone(), line: mark.anchor.line, column: mark.anchor.column },
            };
            desk::jump(state, spot, "bookmark", effects);
        }
        Some(LogRow::Step(step, _)) => go_to_step(state, step, effects),
        Some(LogRow::Kept(n)) => {
            if let Some((_, path)) = state.logbook.kept.get(n).cloned() {
                effects.push(Effect::Edit(path, 1));
            }
        }
        _ => {}
    }
}

/// Stands at a step of the trail, with the way that leads there as the track.
fn go_to_step(state: &mut State, step: usize, effects: &mut Vec<Effect>) {
    let trail = &mut state.logbook.book.trail;
    let way = trail.way_to(step);
    let spot_of = |s: &Step| Spot { path: s.path.clone(), line: s.line, column: s.column };
    let hop = |pair: &[usize]| Hop { from: spot_of(&trail.steps[pair[0]]), text: trail.steps[pair[0]].text.clone(), how: trail.steps[pair[1]].how.clone() };
    let hops = way.windows(2).map(hop).collect();
    let Some(to) = trail.steps.get(step).map(spot_of) else { return };
    trail.go(step);
    state.desk.track = hops;
    state.desk.ahead.clear();
    desk::open(state, to, effects);
}
