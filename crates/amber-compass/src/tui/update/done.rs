//! What jobs say.

use super::{Effect, answers, desk, indexing, start};
use crate::tui::state::{AskMode, Screen, Spot, State, Working};
use compass_session::Failure;
use compass_session::jobs::{Done, Job, Lane, Outcome};
use compass_session::page::Page;
use compass_trace::Answers;

/// Takes what a job said, unless a newer one of its lane was started since.
pub fn take(state: &mut State, (lane, number, outcome): Done, effects: &mut Vec<Effect>) {
    if lane != Lane::Index && state.latest[lane as usize] != number {
        return;
    }
    match outcome {
        Outcome::Packages(deps) => state.survey.working = Some(Working { packages: Some(deps), ..indexing::beginning() }),
        Outcome::Waiting(process) => state.say(compass_session::progress::waiting(process)),
        Outcome::Progress { phase, done, total, elapsed } => indexing::progress(state, phase, done, total, elapsed),
        Outcome::Fault(why) => state.complain(why),
        Outcome::Opened => indexing::opened(state, effects),
        Outcome::Indexed(result) => indexing::indexed(state, result, effects),
        Outcome::Page(spot, page) => page_read(state, spot, page, effects),
        Outcome::Reloaded(page) => with(state, page, |state, page| desk::reloaded(state, *page, effects)),
        Outcome::Preview(page) => state.answers.preview = page.ok().map(|p| *p),
        Outcome::Bearings(spot, found) => bearings(state, &spot, found, effects),
        Outcome::Call(spot, found) if spot == state.desk.spot => state.desk.call = found.map(|c| *c),
        Outcome::HistoryAndCoverage(spot, found) if spot == state.desk.spot => state.desk.bearings.upkeep = *found,
        Outcome::Notes(path, notes) if state.desk.page.as_ref().is_some_and(|p| p.path == path) => state.desk.notes = notes,
        // One has gone on to another place meanwhile.
        Outcome::Call(..) | Outcome::HistoryAndCoverage(..) | Outcome::Notes(..) => {}
        Outcome::Highlights(path, highlights) => desk::toned(state, &path, highlights),
        Outcome::Asides(pages) => super::aside::loaded(state, pages),
        Outcome::Paths(paths) => super::tree::loaded(state, paths),
        Outcome::Change(id, lines) => super::change::take(state, &id, lines),
        Outcome::Followed(found) => with(state, found, |state, found| followed(state, &found, effects)),
        Outcome::SoFar(answers) => some_answers(state, answers, true, effects),
        Outcome::Answers(question, found) => answered(state, &question, found, effects),
        Outcome::More { question, after, narrow, found } => answers::more(state, &question, after, narrow, found),
        Outcome::Jump(found) => names_found(state, found),
        Outcome::Offers(before, offers) => offered(state, &before, offers),
        Outcome::Outline(path, found) => super::outline::found(state, &path, found),
        Outcome::Chain(question, found) => chained(state, question, found, effects),
        Outcome::Beside(page) => state.chains.preview = page.ok().map(|p| *p),
        Outcome::Unfolded(found) => super::unfold::found(state, found),
        Outcome::Glanced(from, found) => super::glance::found(state, from, found, effects),
        Outcome::GlancePage(spot, page) => super::glance::loaded(state, &spot, page),
        Outcome::OtherSide(found) => with(state, found, |state, found| other_side(state, &found, effects)),
        Outcome::Marks(found) => state.logbook.found = found.into_iter().collect(),
        Outcome::Marked(anchor, note) => super::logbook::marked(state, anchor, note, effects),
        Outcome::Exported(text) => with(state, text, |_, text| effects.push(Effect::Keep("logbook".to_owned(), "md", text))),
        Outcome::Drawn(name, drawn) => with(state, drawn, |state, drawn| match drawn {
            Some(svg) => effects.push(Effect::Keep(name, "svg", svg)),
            None => state.say("there is nothing to draw"),
        }),
        Outcome::Gaps(found) => with(state, found, |state, found| {
            state.gaps.take(found);
            super::gaps::preview(state, effects);
        }),
        Outcome::AtCommit(place) => with(state, place, |_, place| effects.push(Effect::Copy(place))),
        Outcome::Kin(found) => super::kin::take(state, found, effects),
        Outcome::Units(of, found) => super::units::take(state, of, found),
        Outcome::Survey(data) => with(state, data, |state, data| state.survey.data = Some(*data)),
    }
}

/// Goes on with what a job found, or says why it found nothing.
fn with<T>(state: &mut State, found: Result<T, Failure>, then: impl FnOnce(&mut State, T)) {
    match found {
        Ok(found) => then(state, found),
        Err(why) => state.complain(why),
    }
}

/// A file is there to be read.
fn page_read(state: &mut State, spot: Spot, page: Result<Box<Page>, Failure>, effects: &mut Vec<Effect>) {
    state.desk.loading = None;
    with(state, page, |state, page| {
        if state.desk.page.as_ref().is_none_or(|p| p.path != page.path) {
            state.desk.notes.clear();
            state.desk.folds.clear();
            state.desk.call = None;
        }
        // A place at a commit that reads as it does now is the place of now.
        let spot = Spot { path: page.path.clone(), ..spot };
        state.desk.page = Some(*page);
        desk::arrive(state, spot, effects);
    });
}

/// Names for what is typed.
fn names_found(state: &mut State, found: Result<Answers, Failure>) {
    state.ask.looking = false;
    with(state, found, |state, found| {
        state.ask.rows = found.answers;
        state.ask.selected = 0;
    });
}

fn offered(state: &mut State, before: &str, offers: compass_trace::Offers) {
    // One may have typed on meanwhile.
    if state.ask.mode == AskMode::Question && &state.ask.text[..state.ask.caret] == before {
        state.ask.offers = offers;
        state.ask.selected = 0;
    }
}

fn chained(state: &mut State, question: Option<String>, found: Result<crate::tui::state::Shown, Failure>, effects: &mut Vec<Effect>) {
    use crate::tui::state::Shown;
    state.chains.waiting = None;
    match found {
        Ok(shown) => {
            state.chains.selected = match &shown {
                Shown::Grown(g) => g.rows.iter().position(|r| r.level == 0).unwrap_or(0),
                Shown::Ways { .. } => 0,
            };
            state.chains.shown = Some(shown);
            state.chains.compared = None;
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

type Found = Result<Result<Box<compass_trace::bearings::Bearings>, Vec<String>>, Failure>;

fn bearings(state: &mut State, spot: &Spot, found: Found, effects: &mut Vec<Effect>) {
    if *spot != state.desk.spot {
        return;
    }
    let pane = &mut state.desk.bearings;
    pane.selected = 0;
    match found {
        Ok(Ok(b)) => {
            let first_use = pane.shown.as_ref().is_none_or(|old| old.facts.kind != b.facts.kind);
            if first_use || pane.open.is_empty() {
                // Marks are few, and say what a definition is.
                let marks = b.groups.iter().position(|g| g.title == "marks" && g.rows.len() <= 4);
                pane.open = vec![0];
                pane.open.extend(marks.filter(|m| *m > 0));
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
            pane.why = vec![why.to_string()];
        }
    }
}

fn followed(state: &mut State, answers: &Answers, effects: &mut Vec<Effect>) {
    let Some(first) = answers.answers.first() else {
        let why = answers.notes.first().cloned().or_else(|| answers.missing.first().map(|m| compass_trace::bearings::why_missing(&m.cause)));
        return state.complain(why.unwrap_or_else(|| "nothing is known of this name".to_owned()));
    };
    let to = Spot { path: first.path.clone(), line: first.line, column: first.column };
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
fn other_side(state: &mut State, answers: &Answers, effects: &mut Vec<Effect>) {
    let spot = state.desk.spot.clone();
    let Some(other) = answers.answers.iter().find(|a| (&a.path, a.line) != (&spot.path, spot.line)) else {
        return state.say("declaration and code are one here: there is no other side");
    };
    let is_declared = answers.question.ends_with("declared");
    let what = if is_declared { "declaration" } else { "code that runs" };
    let sure = other.certainty_word().map_or_else(String::new, |c| format!(", {c}"));
    let more = if answers.total > 1 { format!(", the first of {}", answers.total) } else { String::new() };
    let to = Spot { path: other.path.clone(), line: other.line, column: other.column };
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

fn answered(state: &mut State, question: &str, found: Result<Answers, Failure>, effects: &mut Vec<Effect>) {
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
