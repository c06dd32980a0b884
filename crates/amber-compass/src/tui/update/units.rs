//! Units: unfolding and folding rows, opening what they stand for.

use super::{Action, Effect, desk, lists, start};
use crate::tui::layout;
use crate::tui::state::{AskMode, Spot, State, UnitLine};
use compass_session::jobs::Job;
use compass_session::roots::Change;
use compass_trace::units::{Entry, Node};

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    if let Some(by) = lists::step(action, layout::units(state)) {
        return select(state, by);
    }
    match action {
        Action::Right => unfold(state, effects),
        Action::Left => fold(state),
        Action::Follow => follow(state, effects),
        Action::Draw => {
            let job = Job::Draw { sort: compass_session::figures::Sort::Units, of: String::new(), name: "units".to_owned() };
            start(state, job, effects);
        }
        Action::AddRoot => state.ask.open(AskMode::Root),
        Action::RemoveRoot => remove_root(state, effects),
        Action::Digit(n) => {
            let row = layout::units_top(state) + n as usize - 1;
            if row < state.units.lines.len() {
                state.units.selected = row;
                follow(state, effects);
            }
        }
        _ => {}
    }
}

/// Asks for the list, unless it is there.
pub fn show(state: &mut State, effects: &mut Vec<Effect>) {
    if state.ready && !state.units.loaded {
        start(state, Job::Units(None), effects);
    }
}

/// Moves the selection.
pub fn select(state: &mut State, by: i64) {
    state.units.selected = lists::moved(state.units.selected, by, state.units.lines.len());
}

/// Takes rows that were asked for: the whole list, or what a row holds.
pub fn take(state: &mut State, of: Option<Node>, found: Result<Vec<Entry>, compass_session::Failure>) {
    let entries = match found {
        Ok(entries) => entries,
        Err(why) => return state.complain(why),
    };
    match of {
        None => {
            // Where one stood is found again, as far as it is still there.
            let before = state.units.current().map(|l| (l.entry.tag.clone(), l.entry.name.clone()));
            state.units.lines = entries.into_iter().map(|entry| UnitLine { depth: 0, entry, open: false }).collect();
            let again = state.units.lines.iter().position(|l| before.as_ref().is_some_and(|(tag, name)| l.entry.tag == *tag && l.entry.name == *name));
            state.units.selected = again.unwrap_or(0);
            state.units.loaded = true;
        }
        Some(node) => {
            state.units.waiting = None;
            // The same unit may stand in several places: the one selected is meant.
            if state.units.current().is_some_and(|l| l.entry.node == node) {
                state.units.unfold(state.units.selected, entries);
            }
        }
    }
}

fn unfold(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(line) = state.units.current() else { return };
    if line.open {
        select(state, 1);
    } else if line.entry.opens {
        let node = line.entry.node;
        state.units.waiting = Some(node);
        start(state, Job::Units(Some(node)), effects);
    }
}

/// Folds the row, or the one it stands in.
fn fold(state: &mut State) {
    let at = state.units.selected;
    if state.units.current().is_some_and(|l| l.open) {
        state.units.fold(at);
    } else if let Some(holder) = state.units.holder(at) {
        state.units.selected = holder;
        state.units.fold(holder);
    }
}

fn remove_root(state: &mut State, effects: &mut Vec<Effect>) {
    match state.units.current().and_then(|l| l.entry.root.clone()) {
        Some(root) => effects.push(Effect::Roots(Change::Remove(root.into()))),
        None => state.complain("only a root that was added can be removed"),
    }
}

fn follow(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(line) = state.units.current() else { return };
    match &line.entry.place {
        Some((path, at, column)) => {
            let (spot, how) = (Spot { path: path.clone(), line: *at, column: *column }, format!("units: {}", line.entry.name));
            desk::jump(state, spot, &how, effects);
        }
        None if line.open => fold(state),
        None => unfold(state, effects),
    }
}
