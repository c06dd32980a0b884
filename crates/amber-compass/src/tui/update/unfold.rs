//! Unfold: from step to step, from piece to piece, and to where both come from.

use super::{Action, Effect, desk, start};
use crate::tui::layout;
use crate::tui::state::{Focus, Spot, State};
use compass_session::jobs::Job;

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    let Some(shown) = &state.unfold.shown else { return };
    let steps = shown.states.len().saturating_sub(1);
    let pane = &mut state.unfold;
    match (action, pane.focus) {
        (Action::NextName, _) => pane.focus = if pane.focus == Focus::Steps { Focus::Result } else { Focus::Steps },
        (Action::Alone, _) => {
            pane.alone = !pane.alone;
            let taken = pane.taken;
            take(state, taken);
        }
        (Action::Digit(n), _) => take(state, (n as usize).min(steps)),
        (Action::First, _) => take(state, 0),
        (Action::Last, _) => take(state, steps),
        (Action::Up, Focus::Steps) => {
            let taken = pane.taken.saturating_sub(1);
            take(state, taken);
        }
        (Action::Down, Focus::Steps) => {
            let taken = (pane.taken + 1).min(steps);
            take(state, taken);
        }
        (Action::EarlierQuestion, Focus::Result) => step_piece(state, -1),
        (Action::LaterQuestion, Focus::Result) => step_piece(state, 1),
        (Action::Up, Focus::Result) => step_line(state, false),
        (Action::Down, Focus::Result) => step_line(state, true),
        (Action::PageUp, _) => scroll(state, false),
        (Action::PageDown, _) => scroll(state, true),
        (Action::Follow, _) => open(state, effects),
        _ => {}
    }
}

/// What came of unfolding, or why nothing did.
pub fn found(state: &mut State, found: Result<Box<compass_session::unfolding::Unfolded>, compass_session::Failure>) {
    let pane = &mut state.unfold;
    pane.waiting = false;
    match found {
        Ok(found) => {
            let last = found.states.len().saturating_sub(1);
            (pane.shown, pane.why) = (Some(found), None);
            pane.alone = false;
            pane.focus = crate::tui::state::Focus::Steps;
            take(state, last);
        }
        Err(why) => (pane.shown, pane.why) = (None, Some(why.to_string())),
    }
}

/// Shows the state after so many steps, the piece that step made first under the cursor.
pub fn take(state: &mut State, taken: usize) {
    let pane = &mut state.unfold;
    pane.taken = taken;
    pane.piece = pane.result().and_then(|t| t.pieces.iter().position(|p| p.fresh)).unwrap_or(0);
    pane.top = 0;
    keep_in_view(state);
}

fn step_piece(state: &mut State, by: i64) {
    let last = state.unfold.result().map_or(0, |t| t.pieces.len().saturating_sub(1)) as i64;
    state.unfold.piece = (state.unfold.piece as i64 + by).clamp(0, last) as usize;
    keep_in_view(state);
}

/// Line of a byte, from 0, and the byte's place on it.
fn line_of(text: &str, byte: u32) -> (usize, usize) {
    let before = &text[..(byte as usize).min(text.len())];
    (before.matches('\n').count(), before.rfind('\n').map_or(before.len(), |n| before.len() - n - 1))
}

/// The piece nearest below or above.
fn step_line(state: &mut State, down: bool) {
    let Some(text) = state.unfold.result() else { return };
    let Some(here) = text.pieces.get(state.unfold.piece) else { return };
    let (line, column) = line_of(&text.text, here.span.start);
    let places = text.pieces.iter().enumerate().map(|(n, p)| (n, line_of(&text.text, p.span.start)));
    let wanted: Vec<(usize, (usize, usize))> = places.filter(|(_, (l, _))| if down { *l > line } else { *l < line }).collect();
    let nearest = wanted.iter().map(|w| w.1.0).min_by_key(|l| l.abs_diff(line));
    let found = wanted.iter().filter(|w| Some(w.1.0) == nearest).min_by_key(|w| w.1.1.abs_diff(column)).map(|w| w.0);
    if let Some(found) = found {
        state.unfold.piece = found;
        keep_in_view(state);
    }
}

fn scroll(state: &mut State, down: bool) {
    let height = usize::from(layout::unfold(state).result.height).max(2) - 1;
    let last = state.unfold.result().map_or(0, |t| t.text.lines().count().saturating_sub(1));
    let top = &mut state.unfold.top;
    *top = if down { (*top + height).min(last) } else { top.saturating_sub(height) };
}

fn keep_in_view(state: &mut State) {
    let height = usize::from(layout::unfold(state).result.height).max(1);
    let Some(text) = state.unfold.result() else { return };
    let Some(piece) = text.pieces.get(state.unfold.piece) else { return };
    let line = line_of(&text.text, piece.span.start).0;
    let top = state.unfold.top;
    if line < top {
        state.unfold.top = line;
    } else if line >= top + height {
        state.unfold.top = line + 1 - height;
    }
}

/// Opens the definition of the step, or where the piece was written.
fn open(state: &mut State, effects: &mut Vec<Effect>) {
    let pane = &state.unfold;
    let found: Option<(Option<Spot>, String)> = match pane.focus {
        Focus::Steps if pane.taken == 0 => pane.shown.as_ref().map(|s| (Some(s.spot.clone()), "unfold".to_owned())),
        Focus::Steps => {
            let step = pane.shown.as_ref().and_then(|s| s.steps.get(pane.taken - 1));
            step.and_then(|s| s.defined.as_ref().map(|d| (d.1.clone(), format!("unfold {}", s.by))))
        }
        Focus::Result => pane.trail().into_iter().filter_map(|o| o.1).next_back().map(|p| (p.1, "unfold: written here".to_owned())),
    };
    match found {
        Some((Some(spot), how)) => desk::jump(state, spot, &how, effects),
        Some((None, _)) => state.say("that file is not in the index"),
        None => state.say("nobody wrote this"),
    }
}

/// Unfolds what stands at the cursor.
pub fn ask(state: &mut State, effects: &mut Vec<Effect>) {
    if !state.ready {
        state.complain("there is no index to ask yet");
        return;
    }
    state.unfold.waiting = true;
    state.unfold.why = None;
    let spot = state.desk.spot.clone();
    start(state, Job::Unfold(spot), effects);
}
