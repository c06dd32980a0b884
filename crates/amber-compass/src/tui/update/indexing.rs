//! What is said while the index is made and renewed.

use super::{Effect, desk, start};
use crate::tui::state::{State, Working};
use compass_index::Phase;
use compass_session::Failure;
use compass_session::jobs::Job;
use std::time::Duration;

/// Indexing that has just been asked for.
pub fn beginning() -> Working {
    Working { phase: Phase::Walk, done: 0, total: 0, elapsed: Duration::ZERO, over: Vec::new(), packages: None }
}

/// How far indexing is.
pub(super) fn progress(state: &mut State, phase: Phase, done: u64, total: u64, elapsed: Duration) {
    let old = state.survey.working.take().unwrap_or_else(beginning);
    let mut over = old.over;
    if old.phase != phase && !over.contains(&old.phase) {
        over.push(old.phase);
    }
    state.survey.working = Some(Working { phase, done, total, elapsed, over, packages: old.packages });
}

/// A generation can be asked: the first, or a newer one.
pub(super) fn opened(state: &mut State, effects: &mut Vec<Effect>) {
    let is_first = !std::mem::replace(&mut state.ready, true);
    (state.units.loaded, state.gaps.loaded) = (false, false);
    state.logbook.found.clear();
    state.desk.bearings.upkeep.is_known = false;
    super::show(state, state.screen, effects);
    start(state, Job::Survey, effects);
    if is_first {
        // A newer index takes them over, or reads them when somebody types.
        start(state, Job::Names, effects);
    }
    let read_last = std::mem::take(&mut state.remembered.path);
    if let Some(spot) = state.pending.take() {
        desk::open(state, spot, effects);
    } else if state.desk.page.is_none() && state.desk.loading.is_none() && !read_last.is_empty() {
        // The desk is as it was left; what is on the screen stays there.
        let spot = crate::tui::state::Spot { path: read_last, line: state.remembered.line, column: state.remembered.column };
        start(state, Job::Page(spot), effects);
    } else if state.desk.page.is_some() {
        let spot = state.desk.spot.clone();
        start(state, Job::Reload(spot), effects);
    }
    super::actions::look_again(state, effects);
    super::aside::reload(state, effects);
    super::tree::reload(state, effects);
}

/// Indexing is over.
pub(super) fn indexed(state: &mut State, result: Result<(Box<compass_index::Summary>, Vec<String>), Failure>, effects: &mut Vec<Effect>) {
    state.survey.working = None;
    match result {
        Ok((summary, warnings)) => {
            // What was said once is not said again after every saved file.
            match warnings.first().filter(|w| state.warned.as_ref() != Some(*w)) {
                Some(warning) => {
                    state.warned = Some(warning.clone());
                    state.complain(warning.clone());
                }
                None if summary.refreshed_files > 0 => {
                    state.say(format!("{} files read, {} linked in {:.1} s", summary.refreshed_files, summary.relinked_files, summary.seconds.total))
                }
                None if state.quiet => {}
                None => state.say("nothing changed since the last time"),
            }
            start(state, Job::Survey, effects);
        }
        Err(why) => state.complain(why),
    }
    effects.push(Effect::Watch);
    if std::mem::take(&mut state.changed_meanwhile) {
        super::actions::watched(state, compass_session::watch::Watched::Changed, effects);
    }
}
