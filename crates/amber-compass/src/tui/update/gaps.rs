//! Gaps: one after the other, and the code at each.

use super::{Action, Effect, desk, lists, start};
use crate::tui::layout;
use crate::tui::state::{Spot, State};
use compass_session::jobs::Job;

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    if let Some(by) = lists::step(action, layout::gaps(state).rows) {
        return select(state, by, effects);
    }
    match action {
        // A row that stands for many is shown one by one first.
        Action::Follow if state.gaps.is_folded() => {
            state.gaps.unfold(Some(true));
        }
        Action::Right => {
            state.gaps.unfold(Some(true));
        }
        Action::Left => {
            state.gaps.unfold(Some(false));
        }
        Action::NextCause => {
            state.gaps.next_cause();
            preview(state, effects);
        }
        Action::Follow => open_row(state, effects),
        Action::Digit(n) => {
            let row = layout::gaps_top(state) + n as usize - 1;
            if row < state.gaps.rows.len() {
                state.gaps.selected = row;
                open_row(state, effects);
            }
        }
        _ => {}
    }
}

/// Asks for the list, unless it is there.
pub fn show(state: &mut State, effects: &mut Vec<Effect>) {
    if state.ready && !state.gaps.loaded {
        start(state, Job::Gaps, effects);
    }
}

/// Moves the selection and shows the code there.
pub fn select(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    state.gaps.selected = lists::moved(state.gaps.selected, by, state.gaps.rows.len());
    preview(state, effects);
}

/// Loads the code around the selected row, unless it is there.
pub fn preview(state: &mut State, effects: &mut Vec<Effect>) {
    let spot = state.gaps.current().map(|a| Spot { path: a.path.clone(), line: a.line, column: a.column });
    super::answers::preview_of(state, spot, effects);
}

/// The next or previous gap, from wherever one is.
pub fn step(state: &mut State, forward: bool, effects: &mut Vec<Effect>) {
    if state.gaps.rows.is_empty() {
        return state.say("no gaps are listed; F9 looks for them");
    }
    let count = state.gaps.rows.len();
    state.gaps.selected = if forward { (state.gaps.selected + 1) % count } else { (state.gaps.selected + count - 1) % count };
    open_row(state, effects);
}

fn open_row(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(row) = state.gaps.current() else { return };
    let spot = Spot { path: row.path.clone(), line: row.line, column: row.column };
    let how = format!("gap: {}", row.kind_word().unwrap_or("").replace('_', " "));
    desk::jump(state, spot, &how, effects);
}
