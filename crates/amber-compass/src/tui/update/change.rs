//! A change read in the place of the code: scrolling, the change before and after, the author's address.

use super::{Action, Effect, start};
use crate::tui::layout;
use crate::tui::state::{ChangeView, Spot, State};
use compass_session::jobs::Job;
use compass_trace::history_and_coverage::{DiffLine, DiffSign};

/// Opens a change of what the bearings show.
pub fn open(state: &mut State, at: usize, effects: &mut Vec<Effect>) {
    let upkeep = &state.desk.bearings.upkeep;
    let (changes, full) = (upkeep.changes().to_vec(), upkeep.full.clone());
    if at < changes.len() {
        state.desk.change = Some(ChangeView { at, changes, full, lines: None, top: 0 });
        load(state, effects);
    }
}

fn load(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(view) = &state.desk.change else { return };
    let Some(change) = view.changes.get(view.at) else { return };
    start(state, Job::Change { full: view.full.clone(), id: change.id.clone(), path: change.path.clone() }, effects);
}

/// The file as the change left it, at the first line that is shown of the change.
fn as_it_was(state: &mut State, effects: &mut Vec<Effect>) {
    let Some((view, change)) = state.desk.change.as_ref().and_then(|v| Some((v, v.changes.get(v.at)?))) else { return };
    let places = view.lines.iter().flatten().skip(view.top).chain(view.lines.iter().flatten());
    let line = places.filter(|l| l.sign == DiffSign::Place).find_map(|l| first_line(&l.text)).unwrap_or(1);
    let path = format!("{} @ {}", change.path, change.id.get(..10).unwrap_or(&change.id));
    let how = format!("change {}", change.summary);
    state.desk.change = None;
    super::desk::jump(state, Spot { path, line, column: 1 }, &how, effects);
}

/// The first new line of a stretch: 40 of `@@ -35,7 +40,7 @@`.
fn first_line(place: &str) -> Option<u32> {
    place.split('+').nth(1)?.split([',', ' ']).next()?.parse().ok()
}

/// What a change did is known.
pub fn take(state: &mut State, id: &str, lines: Result<Vec<DiffLine>, compass_session::Failure>) {
    let rows = rows(state);
    let Some(view) = state.desk.change.as_mut().filter(|v| v.changes.get(v.at).is_some_and(|c| c.id == id)) else { return };
    match lines {
        Ok(lines) => {
            let signature = state.desk.bearings.shown.as_ref().map_or("", |b| b.facts.signature.as_str());
            view.top = beginning(&lines, signature, rows);
            view.lines = Some(lines);
        }
        Err(why) => {
            state.desk.change = None;
            state.complain(why);
        }
    }
}

/// Rows of a change that are seen at once.
fn rows(state: &State) -> usize {
    usize::from(layout::desk(state).code.height.saturating_sub(2)).max(1)
}

/// Where reading begins: at the definition, if the change has it and the first page does not.
fn beginning(lines: &[DiffLine], signature: &str, rows: usize) -> usize {
    const ABOVE: usize = 3;
    let head = signature.lines().next().unwrap_or("").trim();
    let is_head = |l: &DiffLine| matches!(l.sign, DiffSign::Added | DiffSign::Same) && l.text.trim_start().starts_with(head);
    let at = lines.iter().position(is_head).filter(|at| !head.is_empty() && *at >= rows);
    at.map_or(0, |at| at.saturating_sub(ABOVE))
}

/// Keys while a change is read; `false` for those that mean the same as ever.
pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) -> bool {
    let rows = rows(state);
    let Some(view) = &mut state.desk.change else { return false };
    let last = view.lines.as_ref().map_or(0, |l| l.len().saturating_sub(1));
    match action {
        Action::Up => view.top = view.top.saturating_sub(1),
        Action::Down => view.top = (view.top + 1).min(last),
        Action::PageUp => view.top = view.top.saturating_sub(rows),
        Action::PageDown => view.top = (view.top + rows).min(last),
        Action::First => view.top = 0,
        Action::Last => view.top = last.saturating_sub(rows - 1),
        Action::NextMention | Action::PreviousMention => {
            let next = if action == Action::NextMention { view.at + 1 } else { view.at.wrapping_sub(1) };
            if next < view.changes.len() {
                (view.at, view.lines, view.top) = (next, None, 0);
                load(state, effects);
            }
        }
        Action::CopyPlace => {
            if let Some(change) = view.changes.get(view.at) {
                effects.push(Effect::Copy(change.email.clone()));
            }
        }
        Action::Follow => as_it_was(state, effects),
        Action::Back => state.desk.change = None,
        // The cursor of the code that is not shown stays where it is.
        Action::Left | Action::Right | Action::NextName => {}
        _ => return false,
    }
    true
}
