//! Places set aside: kept in view, swapped with the one being read, loaded again when their files change.

use super::{Effect, desk, start};
use crate::tui::state::{Aside, Page, Spot, State};
use compass_session::jobs::Job;

/// Sets the place being read aside; done again at that line, it is let go.
pub fn set(state: &mut State) {
    let Some(page) = &state.desk.page else { return };
    let spot = state.desk.spot.clone();
    let here = |a: &Aside| (a.spot.path.as_str(), a.spot.line) == (spot.path.as_str(), spot.line);
    if let Some(at) = state.asides.iter().position(here) {
        state.asides.remove(at);
        state.say("this place is let go");
    } else {
        state.asides.insert(0, Aside { page: page.clone(), spot });
        state.asides.truncate(Aside::MOST);
        state.say("set aside: S goes there, Esc lets it go");
    }
    desk::keep_in_view(state);
}

/// Goes to a place set aside; the one being read takes its place.
pub fn swap(state: &mut State, at: usize, effects: &mut Vec<Effect>) {
    if at >= state.asides.len() {
        return state.say("nothing is set aside: s does that");
    }
    let Some(page) = &state.desk.page else { return };
    let here = Aside { page: page.clone(), spot: state.desk.spot.clone() };
    let there = std::mem::replace(&mut state.asides[at], here);
    desk::jump(state, there.spot, "set aside", effects);
}

/// Loads their files again.
pub fn reload(state: &mut State, effects: &mut Vec<Effect>) {
    if !state.asides.is_empty() {
        let spots = state.asides.iter().map(|a| a.spot.clone()).collect();
        start(state, Job::Asides(spots), effects);
    }
}

/// They were loaded again; what cannot be read any more stays as it was.
pub fn loaded(state: &mut State, pages: Vec<(Spot, Page)>) {
    for (spot, page) in pages {
        if let Some(aside) = state.asides.iter_mut().find(|a| a.spot == spot) {
            aside.spot.line = aside.spot.line.clamp(1, page.lines.len().max(1) as u32);
            aside.page = page;
        }
    }
}
