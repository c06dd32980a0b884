//! Actions that hold on every screen, and the ask line.

use super::{Action, Effect, answers, chains, desk, gaps, go_to, kin, logbook, start, unfold, units};
use crate::tui::state::{AskMode, Screen, Spot, State};
use compass_session::jobs::Job;
use compass_session::watch::Watched;
use crossterm::event::{KeyCode, KeyEvent, KeyModifiers};

/// So many rows of the ask line are a page.
const PAGE: usize = 10;

/// Does what a key stands for.
pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    match action {
        Action::Quit => effects.push(Effect::Quit),
        Action::Keys => state.help = true,
        Action::Guide => state.guide = true,
        Action::Ask => state.ask.open(AskMode::Question),
        Action::Jump => state.ask.open(AskMode::Jump),
        Action::Actions => state.ask.open(AskMode::Actions),
        Action::NextGap => gaps::step(state, true, effects),
        Action::PreviousGap => gaps::step(state, false, effects),
        Action::Leave => leave(state),
        Action::Refresh => refresh(state, effects),
        Action::Back if state.screen != Screen::Desk => go_to(state, Screen::Desk),
        _ => match state.screen {
            Screen::Survey => on_survey(state, action, effects),
            Screen::Desk => desk::act(state, action, effects),
            Screen::Answers => answers::act(state, action, effects),
            Screen::Chains => chains::act(state, action, effects),
            Screen::Unfold => unfold::act(state, action, effects),
            Screen::Units => units::act(state, action, effects),
            Screen::Logbook => logbook::act(state, action, effects),
            Screen::Kin => kin::act(state, action, effects),
            Screen::Gaps => gaps::act(state, action, effects),
        },
    }
}

/// Leads back, one step at a time, to the code being read.
fn leave(state: &mut State) {
    if state.desk.change.is_some() && state.screen == Screen::Desk {
        state.desk.change = None;
    } else if state.unfold.panel && state.screen == Screen::Desk {
        state.unfold.panel = false;
    } else if state.tree.is_some() && state.screen == Screen::Desk {
        state.tree = None;
    } else if !state.glance.looks.is_empty() && state.screen == Screen::Desk {
        state.glance.looks.pop();
    } else if state.desk.reading.is_some() && state.screen == Screen::Desk {
        state.desk.reading = None;
    } else if state.desk.alone && state.screen == Screen::Desk {
        state.desk.alone = false;
        desk::keep_in_view(state);
    } else if state.desk.bearings.focused {
        state.desk.bearings.focused = false;
    } else if !state.asides.is_empty() && state.screen == Screen::Desk {
        state.asides.remove(0);
    } else if state.screen != Screen::Desk && state.desk.page.is_some() {
        go_to(state, Screen::Desk);
    }
}

/// Brings the index up to date.
pub fn refresh(state: &mut State, effects: &mut Vec<Effect>) {
    if state.survey.working.is_some() {
        state.say("indexing is under way");
        return;
    }
    if let Some(request) = state.request.clone() {
        state.quiet = false;
        state.survey.working = Some(super::indexing::beginning());
        state.say("bringing the index up to date");
        start(state, Job::Index(request), effects);
    }
}

/// Files changed: the index follows, without a word unless it has something to tell.
pub fn watched(state: &mut State, what: Watched, effects: &mut Vec<Effect>) {
    if what == Watched::Blind {
        state.complain("the system watches no more folders: files are looked at every few seconds");
    }
    if !state.ready || state.survey.working.is_some() {
        // What runs may have passed the file already.
        state.changed_meanwhile = true;
    } else if let Some(request) = state.request.clone() {
        state.quiet = true;
        state.survey.working = Some(super::indexing::beginning());
        start(state, Job::Index(request), effects);
    }
}

/// Keys of the survey.
pub fn on_survey(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    let count = state.survey.rows().len();
    let last = count.saturating_sub(1);
    let selected = &mut state.survey.selected;
    match action {
        Action::Up => *selected = selected.saturating_sub(1),
        Action::Down => *selected = (*selected + 1).min(last),
        Action::PageUp | Action::First => *selected = 0,
        Action::PageDown | Action::Last => *selected = last,
        Action::Digit(n) => {
            *selected = (n as usize - 1).min(last);
            open_survey_row(state, effects);
        }
        Action::Follow => open_survey_row(state, effects),
        Action::Draw if state.ready => {
            let job = compass_session::jobs::Job::Draw { sort: compass_session::figures::Sort::Survey, of: String::new(), name: "survey".to_owned() };
            super::start(state, job, effects);
        }
        _ => {}
    }
}

fn open_survey_row(state: &mut State, effects: &mut Vec<Effect>) {
    let row = state.survey.rows().get(state.survey.selected).map(|r| Spot { path: r.path.clone(), line: r.line, column: r.column });
    if let Some(spot) = row {
        desk::jump(state, spot, "survey", effects);
    }
}

/// Keys while the ask line has the caret.
pub fn type_in_ask_line(state: &mut State, key: KeyEvent, effects: &mut Vec<Effect>) {
    let choosing = state.ask.mode == AskMode::Actions;
    let asking = state.ask.mode == AskMode::Question;
    let choices = state.ask.choices();
    match key.code {
        KeyCode::Esc => state.ask.close(),
        KeyCode::Enter => enter(state, effects),
        KeyCode::Backspace if state.ask.text.is_empty() => state.ask.close(),
        KeyCode::Backspace => {
            state.ask.erase();
            typed(state, effects);
        }
        KeyCode::Left => state.ask.step(false),
        KeyCode::Right => state.ask.step(true),
        KeyCode::Home => state.ask.caret = 0,
        KeyCode::End => state.ask.caret = state.ask.text.len(),
        KeyCode::Up if choosing => state.ask.selected = state.ask.selected.saturating_sub(1),
        KeyCode::Down if choosing => state.ask.selected = (state.ask.selected + 1).min(found_actions(state).len().saturating_sub(1)),
        KeyCode::PageUp if choices > 0 => state.ask.selected = state.ask.selected.saturating_sub(PAGE),
        KeyCode::PageDown if choices > 0 => state.ask.selected = (state.ask.selected + PAGE).min(choices - 1),
        KeyCode::Up if choices > 0 => state.ask.selected = state.ask.selected.saturating_sub(1),
        KeyCode::Down if choices > 0 => state.ask.selected = (state.ask.selected + 1).min(choices - 1),
        KeyCode::Up | KeyCode::Down if !asking => {}
        KeyCode::Tab if asking && state.ask.take_offer() => typed(state, effects),
        KeyCode::Up => state.ask.recall(true),
        KeyCode::Down => state.ask.recall(false),
        KeyCode::Char('c') if key.modifiers.contains(KeyModifiers::CONTROL) => state.ask.close(),
        KeyCode::Char(c) if !key.modifiers.intersects(KeyModifiers::CONTROL | KeyModifiers::ALT) => {
            state.ask.insert(c);
            typed(state, effects);
        }
        _ => {}
    }
}

/// What can be done on the screen one is on and has all the typed words in it, with its key.
pub fn found_actions(state: &State) -> Vec<&super::Row> {
    let words: Vec<String> = state.ask.text.split_whitespace().map(str::to_lowercase).collect();
    let has_all = |row: &&super::Row| {
        let told = format!("{} {}", row.text().to_lowercase(), super::keys::name_of(row.action()));
        words.iter().all(|w| told.contains(w.as_str()))
    };
    state.keys.rows(state.screen).into_iter().filter(has_all).collect()
}

fn typed(state: &mut State, effects: &mut Vec<Effect>) {
    if state.ask.mode == AskMode::Actions {
        state.ask.selected = 0;
        return;
    }
    state.ask.selected = 0;
    if state.ask.mode == AskMode::Question {
        return look_for_offers(state, effects);
    }
    if state.ask.mode == AskMode::Outline && state.ask.text.trim().is_empty() {
        return super::outline::select_here(state);
    }
    if state.ask.mode != AskMode::Jump {
        return;
    }
    if state.ask.text.trim().is_empty() {
        state.ask.rows.clear();
        state.ask.looking = false;
    } else {
        let text = state.ask.text.clone();
        state.ask.looking = true;
        let open = open_places(state);
        start(state, Job::Jump(text, open), effects);
    }
}

/// There is a newer index: what is being typed is looked for in that. The row that is selected stays.
pub fn look_again(state: &mut State, effects: &mut Vec<Effect>) {
    if matches!(state.ask.mode, AskMode::Jump | AskMode::Question) && !state.ask.text.is_empty() && state.ask.choices() == 0 {
        typed(state, effects);
    }
}

/// What may be typed next.
fn look_for_offers(state: &mut State, effects: &mut Vec<Effect>) {
    state.ask.recalled = None;
    state.ask.offers = compass_trace::Offers::default();
    let before = state.ask.text[..state.ask.caret].to_owned();
    if state.ready && !before.is_empty() {
        start(state, Job::Complete(before), effects);
    }
}

fn enter(state: &mut State, effects: &mut Vec<Effect>) {
    let text = state.ask.text.trim().to_owned();
    if state.ask.mode == AskMode::Actions {
        let chosen = found_actions(state).get(state.ask.selected).map(|r| r.action());
        state.ask.close();
        if let Some(action) = chosen {
            act(state, action, effects);
        }
        return;
    }
    if state.ask.mode == AskMode::Root {
        state.ask.close();
        if !text.is_empty() {
            effects.push(Effect::Roots(compass_session::roots::Change::Add(text.into())));
        }
        return;
    }
    if state.ask.mode == AskMode::Outline {
        return super::outline::take(state, effects);
    }
    if let mode @ (AskMode::Mark | AskMode::Note) = state.ask.mode {
        state.ask.close();
        logbook::noted(state, mode, text, effects);
        return;
    }
    if state.ask.mode == AskMode::Question {
        if !text.is_empty() {
            state.ask.history.retain(|h| *h != text);
            state.ask.history.push(text.clone());
            state.ask.close();
            ask(state, text, effects);
        }
        return;
    }
    let row = state.ask.rows.get(state.ask.selected).map(|a| (Spot { path: a.path.clone(), line: a.line, column: a.column }, a.name.clone()));
    if let Some((spot, name)) = row {
        state.ask.close();
        desk::jump(state, spot, &format!("symbol {}", name.unwrap_or_default()), effects);
    }
}

/// Files on the track, set aside, and the one being read: `in open`.
fn open_places(state: &State) -> Vec<String> {
    let mut open: Vec<String> = state.desk.track.iter().map(|h| h.from.path.clone()).collect();
    open.extend(state.asides.iter().map(|a| a.spot.path.clone()));
    open.extend(state.desk.page.iter().map(|p| p.path.clone()));
    open
}

/// Asks a question and shows its answers when they come.
pub fn ask(state: &mut State, question: String, effects: &mut Vec<Effect>) {
    if !state.ready {
        state.complain("there is no index to ask yet");
        return;
    }
    if compass_session::asks_for_ways(&question) {
        state.chains.waiting = Some(question.clone());
        go_to(state, Screen::Chains);
        start(state, Job::Ways(question), effects);
        return;
    }
    let open = open_places(state);
    let these = state.answers.shown().map(|k| k.answers.answers.iter().filter_map(|a| a.file.map(|f| (f, a.start))).collect());
    state.answers.ask(question.clone());
    state.answers.asked_of = (open.clone(), these.clone());
    start(state, Job::Ask { question, open, these }, effects);
}
