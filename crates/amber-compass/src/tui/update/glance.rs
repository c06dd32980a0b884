//! Glancing: a target's text in the place of the bearings. A further glance goes on from there; one becomes the way, or is dropped.

use super::{Action, Effect, desk, start};
use crate::tui::layout;
use crate::tui::state::{Look, Page, Spot, State};
use compass_session::jobs::Job;
use compass_trace::Answers;

/// Rows kept above the target's line.
const ABOVE: u32 = 2;

/// Looks at what the name under the cursor leads to: in the code, or in the text looked at.
pub fn begin(state: &mut State, effects: &mut Vec<Effect>) {
    if !state.ready {
        return state.complain("there is no index to follow names with yet");
    }
    let (page, spot) = match state.glance.current() {
        Some(look) => (look.page.as_ref(), look.spot.clone()),
        None => (state.desk.page.as_ref(), state.desk.spot.clone()),
    };
    // One thing at a time in the place of the bearings.
    state.unfold.panel = false;
    if page.is_none_or(|p| p.word_at(spot.line, spot.column).is_none()) {
        return state.say("there is no name here");
    }
    start(state, Job::Glance(spot), effects);
}

/// The target is known: its text is asked for.
pub fn found(state: &mut State, from: Spot, answers: Result<Answers, compass_session::Failure>, effects: &mut Vec<Effect>) {
    let answers = match answers {
        Ok(answers) => answers,
        Err(why) => return state.complain(why),
    };
    // One may have gone on meanwhile.
    if from != *state.glance.current().map_or(&state.desk.spot, |l| &l.spot) {
        return;
    }
    let Some(first) = answers.answers.first() else {
        let why = answers.notes.first().cloned().or_else(|| answers.missing.first().map(|m| compass_trace::bearings::why_missing(&m.cause)));
        return state.complain(why.unwrap_or_else(|| "nothing is known of this name".to_owned()));
    };
    let page = state.glance.current().and_then(|l| l.page.as_ref()).or(state.desk.page.as_ref());
    let text = page.and_then(|p| p.lines.get(from.line as usize - 1)).map(|l| l.told().to_owned()).unwrap_or_default();
    let spot = Spot { path: first.path.clone(), line: first.line, column: first.column };
    let top = spot.line.saturating_sub(ABOVE).max(1);
    let name = first.name.clone().unwrap_or_default();
    state.glance.looks.push(Look { name, certainty: first.certainty, spot: spot.clone(), from: (from, text), page: None, top });
    start(state, Job::GlancePage(spot), effects);
}

/// The text is there.
pub fn loaded(state: &mut State, spot: &Spot, page: Result<Box<Page>, compass_session::Failure>) {
    // One may have dropped it meanwhile.
    let Some(look) = state.glance.current_mut().filter(|l| l.page.is_none() && l.spot == *spot) else { return };
    match page {
        Ok(page) => look.page = Some(*page),
        Err(why) => {
            state.glance.looks.pop();
            state.complain(why);
        }
    }
}

/// Keys while something is looked at; `false` for those that mean the same as ever.
pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) -> bool {
    let rows = layout::glance(state).height.saturating_sub(3);
    match action {
        Action::Glance => begin(state, effects),
        Action::Leave | Action::Back => {
            state.glance.looks.pop();
        }
        Action::Follow => take(state, effects),
        Action::Up => step(state, -1, rows),
        Action::Down => step(state, 1, rows),
        Action::PageUp => step(state, -i64::from(rows.max(2)) + 1, rows),
        Action::PageDown => step(state, i64::from(rows.max(2)) - 1, rows),
        Action::Left => columns(state, false),
        Action::Right => columns(state, true),
        Action::NextName => next_name(state),
        _ => return false,
    }
    true
}

/// What was looked at becomes the way: a jump for each look.
fn take(state: &mut State, effects: &mut Vec<Effect>) {
    let looks = std::mem::take(&mut state.glance.looks);
    let Some(last) = looks.len().checked_sub(1) else { return };
    for (i, look) in looks.into_iter().enumerate() {
        let how = format!("glance {}", look.name);
        if i == last {
            // The place looked at is reached at its name, or where the cursor went in it.
            desk::jump_from(state, look.from, look.spot, &how, effects);
        } else {
            desk::note_hop(state, look.from, &look.spot, &how);
        }
    }
}

fn step(state: &mut State, by: i64, rows: u16) {
    let Some(look) = state.glance.current_mut() else { return };
    let Some(page) = &look.page else { return };
    let last = page.lines.len().max(1) as i64;
    look.spot.line = (i64::from(look.spot.line).saturating_add(by)).clamp(1, last) as u32;
    let text = page.lines.get(look.spot.line as usize - 1).map_or("", |l| l.text.as_str());
    let mut at = (look.spot.column as usize - 1).min(text.len());
    while !text.is_char_boundary(at) {
        at -= 1;
    }
    look.spot.column = at as u32 + 1;
    let rows = u32::from(rows).max(1);
    if look.spot.line < look.top {
        look.top = look.spot.line;
    } else if look.spot.line >= look.top + rows {
        look.top = look.spot.line + 1 - rows;
    }
}

fn columns(state: &mut State, forward: bool) {
    let Some(look) = state.glance.current_mut() else { return };
    if let Some(page) = &look.page {
        look.spot.column = page.beside(&look.spot, forward);
    }
}

fn next_name(state: &mut State) {
    let rows = layout::glance(state).height.saturating_sub(3);
    let Some(look) = state.glance.current_mut() else { return };
    let found = look.page.as_ref().and_then(|p| p.next_name(&look.spot));
    if let Some((line, column)) = found {
        let by = i64::from(line) - i64::from(look.spot.line);
        look.spot.column = column;
        step(state, by, rows);
        if let Some(look) = state.glance.current_mut() {
            look.spot.column = column;
        }
    }
}
