//! What jobs say.

use super::{Effect, answers, desk, start};
use crate::tui::state::{AskMode, Screen, State, Working};
use compass_index::Phase;
use compass_session::jobs::{Done, Job, Lane, Outcome};
use compass_trace::Answers;
use std::time::Duration;

/// Indexing that has just been asked for.
pub fn beginning() -> Working {
    Working { phase: Phase::Walk, done: 0, total: 0, elapsed: Duration::ZERO, over: Vec::new(), packages: None }
}

/// Takes what a job said, unless a newer one of its lane was started since.
pub fn take(state: &mut State, (lane, number, outcome): Done, effects: &mut Vec<Effect>) {
    if lane != Lane::Index && state.latest[lane as usize] != number {
        return;
    }
    match outcome {
        Outcome::Packages(deps) => state.survey.working = Some(Working { packages: Some(deps), ..beginning() }),
        Outcome::Waiting(process) => state.say(compass_session::progress::waiting(process)),
        Outcome::Progress { phase, done, total, elapsed } => progress(state, phase, done, total, elapsed),
        Outcome::Fault(why) => state.complain(why),
        Outcome::Opened => opened(state, effects),
        Outcome::Indexed(result) => indexed(state, result, effects),
        Outcome::Page(spot, Ok(page)) => {
            if state.desk.page.as_ref().is_none_or(|p| p.path != page.path) {
                state.desk.notes.clear();
                state.desk.folds.clear();
                state.desk.call = None;
            }
            // A place at a commit that reads as it does now is the place of now.
            let spot = crate::tui::state::Spot { path: page.path.clone(), ..spot };
            state.desk.page = Some(*page);
            state.desk.loading = None;
            desk::arrive(state, spot, effects);
        }
        Outcome::Page(_, Err(why)) => {
            state.desk.loading = None;
            state.complain(why);
        }
        Outcome::Reloaded(Ok(page)) => desk::reloaded(state, *page, effects),
        Outcome::Reloaded(Err(why)) => state.complain(why),
        Outcome::Preview(page) => state.answers.preview = page.ok().map(|p| *p),
        Outcome::Bearings(spot, found) => bearings(state, &spot, found, effects),
        Outcome::Call(spot, found) => {
            if spot == state.desk.spot {
                state.desk.call = found.map(|c| *c);
            }
        }
        Outcome::Highlights(path, highlights) => desk::toned(state, &path, highlights),
        Outcome::Asides(pages) => super::aside::loaded(state, pages),
        Outcome::Paths(paths) => super::tree::loaded(state, paths),
        Outcome::HistoryAndCoverage(spot, found) if spot == state.desk.spot => state.desk.bearings.upkeep = *found,
        Outcome::HistoryAndCoverage(..) => {}
        Outcome::Notes(path, notes) if state.desk.page.as_ref().is_some_and(|p| p.path == path) => state.desk.notes = notes,
        Outcome::Notes(..) => {}
        Outcome::Change(id, lines) => super::change::take(state, &id, lines),
        Outcome::Followed(found) => followed(state, found, effects),
        Outcome::SoFar(answers) => some_answers(state, answers, true, effects),
        Outcome::Answers(question, found) => answered(state, &question, found, effects),
        Outcome::More { question, after, narrow, found } => answers::more(state, &question, after, narrow, found),
        Outcome::Jump(Ok(found)) => {
            state.ask.rows = found.answers;
            state.ask.looking = false;
            state.ask.selected = 0;
        }
        Outcome::Jump(Err(why)) => {
            state.ask.looking = false;
            state.complain(why);
        }
        Outcome::Offers(before, offers) => {
            // One may have typed on meanwhile.
            if state.ask.mode == AskMode::Question && state.ask.text[..state.ask.caret] == before {
                state.ask.offers = offers;
                state.ask.selected = 0;
            }
        }
        Outcome::Outline(path, found) => super::outline::found(state, &path, found),
        Outcome::Chain(question, found) => chained(state, question, found, effects),
        Outcome::Beside(page) => state.chains.preview = page.ok().map(|p| *p),
        Outcome::Unfolded(Ok(found)) => {
            state.unfold.waiting = false;
            state.unfold.why = None;
            let last = found.states.len().saturating_sub(1);
            state.unfold.shown = Some(found);
            state.unfold.alone = false;
            state.unfold.focus = crate::tui::state::Focus::Steps;
            super::unfold::take(state, last);
        }
        Outcome::Unfolded(Err(why)) => {
            state.unfold.waiting = false;
            state.unfold.shown = None;
            state.unfold.why = Some(why);
        }
        Outcome::Glanced(from, found) => super::glance::found(state, from, found, effects),
        Outcome::GlancePage(spot, page) => super::glance::loaded(state, &spot, page),
        Outcome::OtherSide(found) => other_side(state, found, effects),
        Outcome::Marks(found) => state.logbook.found = found.into_iter().collect(),
        Outcome::Marked(Some(anchor), note) => {
            state.logbook.book.mark(anchor, note);
            super::logbook::save(state, effects);
            state.say("bookmark set; F8 shows the logbook");
        }
        Outcome::Marked(None, _) => state.complain("the file is not in the index: no bookmark can be set here"),
        Outcome::Exported(Ok(text)) => effects.push(Effect::Keep("logbook".to_owned(), "md", text)),
        Outcome::Exported(Err(why)) => state.complain(why),
        Outcome::Gaps(Ok(found)) => {
            state.gaps.take(found);
            super::gaps::preview(state, effects);
        }
        Outcome::Gaps(Err(why)) => state.complain(why),
        Outcome::AtCommit(Ok(place)) => effects.push(Effect::Copy(place)),
        Outcome::AtCommit(Err(why)) => state.complain(why),
        Outcome::Kin(found) => super::kin::take(state, found, effects),
        Outcome::Units(of, found) => super::units::take(state, of, found),
        Outcome::Survey(Ok(data)) => state.survey.data = Some(*data),
        Outcome::Survey(Err(why)) => state.complain(why),
    }
}

fn chained(state: &mut State, question: Option<String>, found: Result<crate::tui::state::Shown, String>, effects: &mut Vec<Effect>) {
    use crate::tui::state::Shown;
    state.chains.waiting = None;
    match found {
        Ok(shown) => {
            state.chains.selected = match &shown {
                Shown::Grown(g) => g.rows.iter().position(|r| r.level == 0).unwrap_or(0),
                Shown::Ways { .. } => 0,
            };
            state.chains.shown = Some(shown);
            super::chains::preview(state, effects);
        }
        Err(why) => {
            state.complain(why);
            if let Some(question) = question {
                state.ask.open(crate::tui::state::AskMode::Question);
                state.ask.caret = question.len();
                state.ask.text = question;
            }
        }
    }
}

fn progress(state: &mut State, phase: Phase, done: u64, total: u64, elapsed: Duration) {
    let old = state.survey.working.take().unwrap_or_else(beginning);
    let mut over = old.over;
    if old.phase != phase && !over.contains(&old.phase) {
        over.push(old.phase);
    }
    state.survey.working = Some(Working { phase, done, total, elapsed, over, packages: old.packages });
}

/// A generation can be asked: the first, or a newer one.
fn opened(state: &mut State, effects: &mut Vec<Effect>) {
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

fn indexed(state: &mut State, result: Result<(Box<compass_index::Summary>, Vec<String>), String>, effects: &mut Vec<Effect>) {
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

type Found = Result<Result<Box<compass_trace::bearings::Bearings>, Vec<String>>, String>;

fn bearings(state: &mut State, spot: &crate::tui::state::Spot, found: Found, effects: &mut Vec<Effect>) {
    if *spot != state.desk.spot {
        return;
    }
    let pane = &mut state.desk.bearings;
    pane.selected = 0;
    match found {
        Ok(Ok(b)) => {
            let first_use = pane.shown.as_ref().is_none_or(|old| old.facts.kind != b.facts.kind);
            if first_use || pane.open.is_empty() {
                pane.open = vec![0];
            }
            let symbol = |b: &compass_trace::bearings::Bearings| b.target.symbol;
            let of = symbol(&b);
            // Of the same definition tests and changes are known already.
            let is_known = pane.shown.as_deref().and_then(symbol) == of && pane.upkeep.is_known;
            pane.shown = Some(b);
            pane.why.clear();
            if let Some(of) = of.filter(|_| !is_known) {
                pane.upkeep = crate::tui::state::HistoryAndCoverage::default();
                start(state, Job::HistoryAndCoverage(spot.clone(), of), effects);
            }
        }
        Ok(Err(why)) => {
            pane.shown = None;
            pane.why = why;
        }
        Err(why) => {
            pane.shown = None;
            pane.why = vec![why];
        }
    }
}

fn followed(state: &mut State, found: Result<Answers, String>, effects: &mut Vec<Effect>) {
    let answers = match found {
        Ok(a) => a,
        Err(why) => return state.complain(why),
    };
    let Some(first) = answers.answers.first() else {
        let why = answers.notes.first().cloned().or_else(|| answers.missing.first().map(|m| compass_trace::bearings::why_missing(&m.cause)));
        return state.complain(why.unwrap_or_else(|| "nothing is known of this name".to_owned()));
    };
    let to = crate::tui::state::Spot { path: first.path.clone(), line: first.line, column: first.column };
    let spot = &state.desk.spot;
    let word = state.desk.page.as_ref().and_then(|p| p.word_at(spot.line, spot.column)).map(|(_, s)| s.start + 1);
    if (&to.path, to.line, Some(to.column)) == (&spot.path, spot.line, word) {
        return state.say("this is the definition itself; u lists its uses");
    }
    if answers.total > 1 {
        state.say(format!("the first of {} targets; ask where is for all", answers.total));
    }
    let how = first.name.clone().map_or_else(|| "followed".to_owned(), |n| format!("follow {n}"));
    desk::jump(state, to, &how, effects);
}

/// The other side of a declaration or an implementation; it is said which of them is shown.
fn other_side(state: &mut State, found: Result<Answers, String>, effects: &mut Vec<Effect>) {
    let answers = match found {
        Ok(answers) => answers,
        Err(why) => return state.complain(why),
    };
    let spot = state.desk.spot.clone();
    let Some(other) = answers.answers.iter().find(|a| (&a.path, a.line) != (&spot.path, spot.line)) else {
        return state.say("declaration and code are one here: there is no other side");
    };
    let is_declared = answers.question.ends_with("declared");
    let what = if is_declared { "declaration" } else { "code that runs" };
    let sure = other.certainty_word().map_or_else(String::new, |c| format!(", {c}"));
    let more = if answers.total > 1 { format!(", the first of {}", answers.total) } else { String::new() };
    let to = crate::tui::state::Spot { path: other.path.clone(), line: other.line, column: other.column };
    desk::jump(state, to, what, effects);
    state.say(format!("the {what}{sure}{more} · d goes to the other side"));
}

/// Shows answers; rows that are added to those on the screen leave the reader where they are.
fn some_answers(state: &mut State, answers: Answers, partial: bool, effects: &mut Vec<Effect>) {
    let goes_on = state.answers.goes_on(&answers.question);
    state.answers.add(answers, partial);
    if !goes_on {
        super::go_to(state, Screen::Answers);
        answers::preview(state, effects);
    }
}

fn answered(state: &mut State, question: &str, found: Result<Answers, String>, effects: &mut Vec<Effect>) {
    state.answers.waiting = None;
    match found {
        Ok(answers) => some_answers(state, answers, false, effects),
        Err(why) => {
            state.complain(why);
            // The question comes back to be mended.
            state.ask.open(crate::tui::state::AskMode::Question);
            state.ask.text = question.to_owned();
            state.ask.caret = question.len();
        }
    }
}
