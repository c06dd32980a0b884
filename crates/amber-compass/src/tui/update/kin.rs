//! Kin: through the grid, and to the code of its cells.

use super::{Action, Effect, desk, go_to, lists, start};
use crate::tui::layout;
use crate::tui::state::{Screen, Spot, State};
use compass_session::jobs::Job;
use compass_trace::kin::Kin;

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    if let Some(by) = lists::step(action, layout::kin(state).rows) {
        return select(state, by, effects);
    }
    match action {
        Action::Left | Action::EarlierQuestion => column(state, -1, effects),
        Action::Right | Action::LaterQuestion => column(state, 1, effects),
        Action::Follow => open_cell(state, effects),
        Action::Draw => draw(state, effects),
        Action::Digit(n) => {
            let row = layout::kin_top(state) + n as usize - 1;
            if row < state.kin.rows() {
                state.kin.row = row;
                open_cell(state, effects);
            }
        }
        _ => {}
    }
}

/// Looks for the kin of what is under the cursor of the desk.
pub fn ask(state: &mut State, effects: &mut Vec<Effect>) {
    go_to(state, Screen::Kin);
    if state.desk.page.is_some() && state.ready {
        (state.kin.waiting, state.kin.why) = (true, None);
        let spot = state.desk.spot.clone();
        start(state, Job::Kin(spot), effects);
    }
}

/// Draws what is shown.
fn draw(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(kin) = &state.kin.shown else { return };
    let Some(middle) = kin.types.iter().find(|t| t.level == 0) else { return };
    let at = &middle.at;
    let (name, of) = (format!("kin of {}", at.name.as_deref().unwrap_or("a type")), format!("{}:{}:{}", at.path, at.line, at.column));
    let job = Job::Draw { sort: compass_session::figures::Sort::Kin, of, name };
    start(state, job, effects);
}

/// What was found; the type in the middle is selected.
pub fn take(state: &mut State, found: Result<Option<Box<Kin>>, compass_session::Failure>, effects: &mut Vec<Effect>) {
    let pane = &mut state.kin;
    pane.waiting = false;
    match found {
        Ok(Some(kin)) => {
            pane.row = kin.types.iter().position(|t| t.level == 0).unwrap_or(0);
            pane.column = 0;
            pane.shown = Some(kin);
            preview(state, effects);
        }
        Ok(None) => (pane.shown, pane.why) = (None, Some("the name under the cursor is no type and no member of one".to_owned())),
        Err(why) => (pane.shown, pane.why) = (None, Some(why.to_string())),
    }
}

/// Moves to another row and shows the code there.
pub fn select(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    state.kin.row = lists::moved(state.kin.row, by, state.kin.rows());
    preview(state, effects);
}

fn column(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    state.kin.column = lists::moved(state.kin.column, by, state.kin.columns());
    preview(state, effects);
}

/// Loads the code of the selected cell, unless it is there.
pub fn preview(state: &mut State, effects: &mut Vec<Effect>) {
    let spot = state.kin.current().map(|a| Spot { path: a.path.clone(), line: a.line, column: a.column });
    super::answers::preview_of(state, spot, effects);
}

fn open_cell(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(at) = state.kin.current() else { return };
    let spot = Spot { path: at.path.clone(), line: at.line, column: at.column };
    let how = format!("kin of {}", state.kin.shown.as_ref().map_or("", |k| k.of.name.as_str()));
    desk::jump(state, spot, &how, effects);
}
