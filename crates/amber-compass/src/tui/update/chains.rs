//! Chains: selecting rows, opening their code, going deeper, other ways, keeping one.

use super::{Action, Effect, desk, lists, start};
use crate::tui::layout;
use crate::tui::state::{Shown, Spot, State};
use compass_session::figures::Sort;
use compass_session::jobs::Job;

/// The deepest list: beyond, `who calls … through all` is asked.
const DEEPEST: u32 = 12;

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    // Whatever is done next, the code is shown again.
    let was_compared = state.chains.compared.take().is_some();
    if let Some(by) = lists::step(action, layout::chains(state).rows) {
        return select(state, by, effects);
    }
    match action {
        Action::Compare if !was_compared => compare(state, effects),
        Action::Draw => draw(state, effects),
        Action::EarlierQuestion => turn(state, false, effects),
        Action::LaterQuestion => turn(state, true, effects),
        Action::Follow => open(state, effects),
        Action::Keep => keep(state, effects),
        Action::Digit(n) if n as usize <= state.chains.len() => {
            state.chains.selected = n as usize - 1;
            open(state, effects);
        }
        _ => {}
    }
}

/// Moves the selection and shows the code there.
pub fn select(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    state.chains.compared = None;
    state.chains.selected = lists::moved(state.chains.selected, by, state.chains.len());
    preview(state, effects);
}

/// Loads the code around the selected row, unless it is there.
pub fn preview(state: &mut State, effects: &mut Vec<Effect>) {
    let Some((spot, _)) = state.chains.current() else { return };
    if state.chains.preview.as_ref().is_none_or(|p| p.path != spot.path) {
        start(state, Job::Beside(spot), effects);
    }
}

fn open(state: &mut State, effects: &mut Vec<Effect>) {
    if let Some((spot, how)) = state.chains.current() {
        desk::jump(state, spot, &how, effects);
    }
}

/// The way before or after; for a list, a level less or more.
fn turn(state: &mut State, more: bool, effects: &mut Vec<Effect>) {
    match &mut state.chains.shown {
        Some(Shown::Ways { sections, current, .. }) => {
            let last = sections.len().saturating_sub(1);
            *current = if more { (*current + 1).min(last) } else { current.saturating_sub(1) };
            state.chains.selected = 0;
            preview(state, effects);
        }
        Some(Shown::Grown(grown)) => {
            let depth = if more { (grown.depth + 1).min(DEEPEST) } else { grown.depth.saturating_sub(1).max(1) };
            let spot = grown.spot.clone();
            grow(state, spot, depth, effects);
        }
        None => {}
    }
}

/// Traces callers and callees of the name at a place.
pub fn grow(state: &mut State, spot: Spot, depth: u32, effects: &mut Vec<Effect>) {
    if !state.ready {
        state.complain("there is no index to ask yet");
        return;
    }
    state.chains.waiting = Some(format!("{depth} levels up and down"));
    start(state, Job::Grow { spot, depth }, effects);
}

fn keep(state: &mut State, effects: &mut Vec<Effect>) {
    if let Some((name, text)) = shown_as_text(state) {
        effects.push(Effect::Keep(name, "md", text));
    }
}

/// Compares what is shown with what was kept of it last.
fn compare(state: &mut State, effects: &mut Vec<Effect>) {
    if let Some((name, text)) = shown_as_text(state) {
        effects.push(Effect::Compare(name, text));
    }
}

/// Draws what is shown.
fn draw(state: &mut State, effects: &mut Vec<Effect>) {
    let job = match &state.chains.shown {
        Some(Shown::Ways { question, .. }) => Job::Draw { sort: Sort::Chain, of: question.clone(), name: question.clone() },
        Some(Shown::Grown(grown)) => {
            let Spot { path, line, column } = &grown.spot;
            let of = format!("who calls {path}:{line}:{column} through {}", grown.depth);
            Job::Draw { sort: Sort::Tree, of, name: format!("who calls {}", grown.name) }
        }
        None => return,
    };
    start(state, job, effects);
}

/// A name for what is shown, and that as Markdown.
fn shown_as_text(state: &State) -> Option<(String, String)> {
    match &state.chains.shown {
        Some(Shown::Ways { question, .. }) => state.chains.section().map(|s| (question.clone(), s.to_markdown())),
        Some(Shown::Grown(grown)) => Some((grown.name.clone(), grown_markdown(grown))),
        None => None,
    }
}

/// A list of callers and callees as Markdown.
fn grown_markdown(grown: &crate::tui::state::Grown) -> String {
    let mut out = format!("## Chain of `{}`\n\n{}\n\n", grown.name, grown.note);
    for row in &grown.rows {
        let indent = "  ".repeat(row.level.unsigned_abs() as usize);
        let crossing = row.crossing.as_ref().map_or(String::new(), |c| format!(" *{}*: {c}", row.kind));
        out += &format!("{indent}- **{}** `{}:{}`{crossing} {} {}\n", row.name, row.spot.path, row.spot.line, row.mark, row.code);
    }
    out
}
