//! Changes the state by events, and says what effects are wanted. No I/O, no clock.

mod actions;
mod answers;
mod aside;
mod chains;
mod change;
mod desk;
mod done;
mod gaps;
mod glance;
mod indexing;
mod keys;
mod kin;
mod lists;
mod logbook;
mod mouse;
mod outline;
mod tree;
mod unfold;
mod units;

pub use actions::{found_actions, refresh};
#[cfg(test)]
pub(in crate::tui) use desk::jump;
pub use keys::{Action, KeyMap, Row};

use super::state::{AskMode, Screen, State};
use compass_session::jobs::{Done, Job};
use compass_session::watch::Watched;
use crossterm::event::{KeyCode, KeyEvent, MouseEvent};

/// All that can happen.
#[derive(Debug)]
pub enum Event {
    /// A key.
    Key(KeyEvent),
    /// The mouse.
    Mouse(MouseEvent),
    /// The terminal has another size now.
    Resize(u16, u16),
    /// A job said something.
    Done(Done),
    /// The logbook could not be written, and why.
    Unwritten(String),
    /// Files changed, or may have.
    Watched(Watched),
}

/// All that may be asked for.
#[derive(Debug, Clone)]
pub enum Effect {
    /// Work on a thread.
    Start(u64, Job),
    /// Open a file in the person's editor: path and line.
    Edit(String, u32),
    /// Write a kept chain or list among the person's own data: its name, the ending of its file, its text.
    Keep(String, &'static str, String),
    /// Compare a text with what was kept last under its name.
    Compare(String, String),
    /// Write the logbook.
    SaveLogbook(Box<compass_session::logbook::Logbook>),
    /// Put a text on the clipboard of the terminal.
    Copy(String),
    /// See which chains were kept.
    ListKept,
    /// Add a root, or take one out, and bring the index up to date.
    Roots(compass_session::roots::Change),
    /// Watch the folders of what is indexed now.
    Watch,
    /// End the program.
    Quit,
}

/// Changes the state.
pub fn update(state: &mut State, event: Event) -> Vec<Effect> {
    let mut effects = Vec::new();
    match event {
        Event::Resize(cols, rows) => {
            state.size = (cols, rows);
            desk::keep_in_view(state);
        }
        Event::Key(key) => {
            state.message = None;
            key_pressed(state, key, &mut effects);
        }
        Event::Mouse(mouse) => mouse::moved(state, mouse, &mut effects),
        Event::Done(done) => done::take(state, done, &mut effects),
        Event::Unwritten(why) => state.complain(why),
        Event::Watched(what) => actions::watched(state, what, &mut effects),
    }
    if state.screen == Screen::Desk {
        // Whatever took room from the code: the line one is on stays in view.
        desk::keep_in_view(state);
    }
    effects
}

fn key_pressed(state: &mut State, key: KeyEvent, effects: &mut Vec<Effect>) {
    if state.help {
        state.help = false;
        return;
    }
    // What one reads there is tried at once.
    if std::mem::take(&mut state.guide) && matches!(key.code, KeyCode::Esc | KeyCode::Enter | KeyCode::Char(' ' | 'G')) {
        return;
    }
    if let Some(screen) = keys::screen_key(key) {
        state.ask.close();
        show(state, screen, effects);
        return;
    }
    if state.ask.mode != AskMode::Closed {
        actions::type_in_ask_line(state, key, effects);
        return;
    }
    if state.screen == Screen::Answers && state.answers.narrowing {
        answers::type_in_narrowing(state, key, effects);
        return;
    }
    if let Some(action) = state.keys.action(state.screen, key) {
        actions::act(state, action, effects);
    }
}

/// Shows a screen.
pub fn go_to(state: &mut State, screen: Screen) {
    state.screen = screen;
    state.answers.narrowing = false;
}

/// Shows a screen, and asks for what it shows.
fn show(state: &mut State, screen: Screen, effects: &mut Vec<Effect>) {
    go_to(state, screen);
    match screen {
        Screen::Answers => answers::show(state, effects),
        Screen::Units => units::show(state, effects),
        Screen::Logbook => logbook::show(state, effects),
        Screen::Gaps => gaps::show(state, effects),
        _ => {}
    }
}

/// Starts a job in its lane; answers to older ones there will be dropped.
pub fn start(state: &mut State, job: Job, effects: &mut Vec<Effect>) {
    state.next_job += 1;
    state.latest[job.lane() as usize] = state.next_job;
    effects.push(Effect::Start(state.next_job, job));
}
