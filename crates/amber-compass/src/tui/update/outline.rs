//! The outline of the file being read, in the place of the bearings: typing narrows it, `Enter` goes there.

use super::{Effect, desk, start};
use crate::tui::state::{AskMode, Spot, State};
use compass_session::jobs::Job;
use compass_trace::{Answer, Answers};

/// Opens it.
pub fn open(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(path) = state.desk.page.as_ref().map(|p| p.path.clone()) else { return };
    if !state.ready {
        return state.complain("there is no index to take the outline from yet");
    }
    state.ask.open(AskMode::Outline);
    state.ask.looking = true;
    start(state, Job::Outline(path), effects);
}

/// The rows are there: the definition one is in is selected.
pub fn found(state: &mut State, path: &str, found: Result<Answers, compass_session::Failure>) {
    if state.ask.mode != AskMode::Outline || state.desk.page.as_ref().is_none_or(|p| p.path != path) {
        return;
    }
    state.ask.looking = false;
    match found {
        Ok(mut answers) => {
            // A line that brings in several names is one row.
            answers.answers.dedup_by(|next, row| row.role.is_some() && next.role == row.role && next.line == row.line);
            state.ask.rows = answers.answers;
            select_here(state);
        }
        Err(why) => {
            state.ask.close();
            state.complain(why);
        }
    }
}

/// Selects what stands at the cursor or last before it, among the rows that are shown.
pub fn select_here(state: &mut State) {
    let line = state.desk.spot.line;
    let shown = state.ask.outlined();
    state.ask.selected = shown.iter().rposition(|a| a.role.is_none() && a.line <= line).unwrap_or(0);
}

/// Goes to the selected row.
pub fn take(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(row) = state.ask.outlined().get(state.ask.selected).map(|a| (*a).clone()) else { return };
    state.ask.close();
    let Answer { path, line, column, name, .. } = row;
    let how = format!("outline {}", name.unwrap_or_default());
    desk::jump(state, Spot { path, line, column }, how.trim_end(), effects);
}
