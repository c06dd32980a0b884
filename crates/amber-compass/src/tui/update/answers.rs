//! The answers' rows: selecting, narrowing, opening.

use super::{Action, Effect, desk, lists, start};
use crate::tui::layout;
use crate::tui::state::{Spot, State};
use compass_session::exports::Form;
use compass_session::jobs::Job;
use crossterm::event::{KeyCode, KeyEvent};

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    if let Some(by) = lists::step(action, layout::answers(state).rows) {
        return select(state, by, effects);
    }
    match action {
        Action::Narrow => state.answers.narrowing = state.answers.shown().is_some(),
        Action::EarlierQuestion => other_question(state, false, effects),
        Action::LaterQuestion => other_question(state, true, effects),
        Action::Follow => open_row(state, effects),
        Action::Keep => keep(state, Form::Markdown, effects),
        Action::KeepTable => keep(state, Form::Csv, effects),
        Action::KeepData => keep(state, Form::Json, effects),
        Action::OrGuessed => or_guessed(state, effects),
        Action::Digit(n) => {
            if let Some(kept) = state.answers.shown_mut()
                && kept.rows().len() >= n as usize
            {
                kept.selected = n as usize - 1;
                open_row(state, effects);
            }
        }
        _ => {}
    }
}

/// Writes the rows that narrowing leaves to a file.
fn keep(state: &mut State, form: Form, effects: &mut Vec<Effect>) {
    let Some(kept) = state.answers.shown() else { return state.say("there are no answers to keep yet") };
    let text = compass_session::exports::text(form, &kept.answers, &kept.rows());
    effects.push(Effect::Keep(kept.answers.question.clone(), form.ending(), text));
}

/// Asks the same with guesses, or without them again.
fn or_guessed(state: &mut State, effects: &mut Vec<Effect>) {
    const WORDS: &str = " or guessed";
    let Some(kept) = state.answers.shown() else { return };
    let asked = kept.answers.question.trim_end();
    let question = asked.strip_suffix(WORDS).map_or_else(|| format!("{asked}{WORDS}"), str::to_owned);
    super::actions::ask(state, question, effects);
}

/// The answers of the last time are looked for again, and stand as they were left.
pub fn show(state: &mut State, effects: &mut Vec<Effect>) {
    if !state.ready || !state.answers.kept.is_empty() || state.answers.waiting.is_some() {
        return;
    }
    if let Some(asked) = state.remembered.asked.take() {
        let question = asked.question.clone();
        state.answers.again = Some(asked);
        super::actions::ask(state, question, effects);
    }
}

/// Moves the selection and shows the code there.
pub fn select(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    if let Some(kept) = state.answers.shown_mut() {
        kept.selected = lists::moved(kept.selected, by, kept.rows().len());
    }
    load_more(state, effects);
    preview(state, effects);
}

/// Rows are loaded before one comes to the last of those that are there.
const AHEAD: usize = 60;

/// Loads further rows where one is near the end of those that are there, or narrows.
pub fn load_more(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(kept) = state.answers.shown_mut() else { return };
    let Some((after, narrow)) = kept.next_page() else { return };
    // What narrowing leaves is looked for at once, a further page when one comes near it.
    let is_far = || kept.rows().len() > kept.selected + AHEAD;
    if (after > 0 || narrow.is_empty()) && is_far() {
        return;
    }
    // What is typed next replaces this: nothing to wait for.
    kept.loading = narrow.is_empty() || after > 0;
    let (question, (open, these)) = (kept.answers.question.clone(), kept.asked_of.clone());
    start(state, Job::More { question, after, narrow, open, these }, effects);
}

/// Further rows are there.
pub fn more(state: &mut State, question: &str, after: u64, narrow: Vec<String>, found: Result<compass_trace::Answers, compass_session::Failure>) {
    let Some(kept) = state.answers.kept.iter_mut().find(|k| k.answers.question == question) else { return };
    kept.loading = false;
    match found {
        Ok(found) => kept.take_more(after, narrow, found),
        Err(why) => state.complain(why),
    }
}

/// Loads the code around the selected row, unless it is there.
pub fn preview(state: &mut State, effects: &mut Vec<Effect>) {
    let spot = state.answers.shown().and_then(|k| k.current()).map(|a| Spot { path: a.path.clone(), line: a.line, column: a.column });
    preview_of(state, spot, effects);
}

/// Loads the code of a row, unless it is there.
pub fn preview_of(state: &mut State, spot: Option<Spot>, effects: &mut Vec<Effect>) {
    let Some(spot) = spot else { return };
    if state.answers.preview.as_ref().is_none_or(|p| p.path != spot.path) {
        start(state, Job::Preview(spot), effects);
    }
}

fn other_question(state: &mut State, later: bool, effects: &mut Vec<Effect>) {
    let last = state.answers.kept.len().saturating_sub(1);
    let current = &mut state.answers.current;
    *current = if later { (*current + 1).min(last) } else { current.saturating_sub(1) };
    preview(state, effects);
}

fn open_row(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(kept) = state.answers.shown() else { return };
    let Some(answer) = kept.current() else { return };
    if let Some(question) = answer.opens.clone() {
        return super::actions::ask(state, question, effects);
    }
    let spot = Spot { path: answer.path.clone(), line: answer.line, column: answer.column };
    let how = kept.answers.question.clone();
    desk::jump(state, spot, &how, effects);
}

/// Keys while letters go into the narrowing.
pub fn type_in_narrowing(state: &mut State, key: KeyEvent, effects: &mut Vec<Effect>) {
    match key.code {
        KeyCode::Esc => state.answers.narrowing = false,
        KeyCode::Enter => {
            state.answers.narrowing = false;
            open_row(state, effects);
        }
        KeyCode::Up => select(state, -1, effects),
        KeyCode::Down => select(state, 1, effects),
        KeyCode::Backspace => {
            if let Some(kept) = state.answers.shown_mut() {
                kept.narrow.pop();
            }
            select(state, 0, effects);
        }
        KeyCode::Char(c) => {
            if let Some(kept) = state.answers.shown_mut() {
                kept.narrow.push(c);
                kept.selected = 0;
            }
            select(state, 0, effects);
        }
        _ => {}
    }
}
