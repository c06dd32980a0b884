//! The loop: events in, effects out, a frame after each event.

use super::state::{Spot, State};
use super::term::Guard;
use super::theme::Theme;
use super::update::{self, Effect, Event};
use super::view;
use compass_index::refresh::Request;
use compass_session::Session;
use compass_session::jobs::{Done, Jobs, Tell};
use compass_session::logbook::Keeper;
use compass_session::watch::{Watch, Watched};
use crossbeam_channel::{Receiver, Sender, select, unbounded};
use crossterm::event;
use std::process::Command;
use std::sync::Arc;
use std::sync::atomic::{AtomicBool, Ordering};
use std::time::Duration;

/// What the program opens with.
pub struct Start {
    /// Name of the code base.
    pub name: String,
    /// What to index.
    pub request: Request,
    /// A file to open, as the index will show it.
    pub file: Option<Spot>,
    /// What the person settled.
    pub settings: crate::settings::Settings,
}

/// What works beside the loop.
struct Threads {
    jobs: Jobs,
    watch: Watch,
    /// Another program has the terminal.
    paused: Arc<AtomicBool>,
    keeper: Keeper,
}

/// Runs the interface until somebody quits.
///
/// # Errors
/// When the terminal cannot be taken or drawn on.
pub fn run(start: Start) -> std::io::Result<()> {
    let mut guard = Guard::take()?;
    let size = crossterm::terminal::size()?;
    let mut state = State::new(start.name, size, Theme::chosen(start.settings.theme));
    (state.keys, state.editor) = (start.settings.keys, start.settings.editor);
    let index = start.request.index.clone();
    state.request = Some(Box::new(start.request));
    state.pending = start.file;
    let root = state.request.as_ref().and_then(|r| r.options.roots.first().cloned()).unwrap_or_default();
    let book = compass_session::logbook::path_for(&root);
    let read = compass_session::logbook::load(&book);
    let (keeper, unwritten) = Keeper::start(book, read.book.clone());
    (state.logbook.book, state.logbook.writable) = (read.book, read.writable);
    let known = compass_session::remembered::path_for(&root);
    state.remembered = compass_session::remembered::load(&known);
    state.ask.history = std::mem::take(&mut state.remembered.history);
    state.guide = compass_session::remembered::is_first_time();
    let session = Session::default();
    let (sender, done) = unbounded::<Done>();
    let tell: Tell = Arc::new(move |(lane, number, mut outcome)| {
        // Here, and not in the thread that draws: a line may be megabytes long.
        outcome.pages_mut().into_iter().flat_map(|p| &mut p.lines).for_each(|l| l.stops = crate::tui::columns::stops(&l.text));
        let _ = sender.send((lane, number, outcome));
    });
    let jobs = Jobs::start(&session, &tell);
    let (keys_in, keys) = unbounded::<event::Event>();
    let (changes_in, changes) = unbounded();
    let watch = Watch::start(&session, &index, changes_in);
    let paused = Arc::new(AtomicBool::new(false));
    listen(keys_in, paused.clone());

    let mut effects = Vec::new();
    update::refresh(&mut state, &mut effects);
    state.message = None;
    if let Some(message) = read.message {
        state.complain(message);
    }
    let threads = Threads { jobs, watch, paused, keeper };
    let inputs = Inputs { keys, done, changes, unwritten };
    let mut quit = carry_out(&mut guard, &threads, &mut state, effects)?;
    while !quit {
        guard.terminal.draw(|frame| view::draw(&state, frame))?;
        let effects = next(&mut state, &inputs);
        quit = carry_out(&mut guard, &threads, &mut state, effects)?;
    }
    threads.jobs.stop();
    // Without it the next time begins afresh; nothing else is lost.
    let _ = compass_session::remembered::save(&known, &state.to_remember());
    // The track goes on where it ended.
    if state.logbook.writable {
        threads.keeper.keep(state.logbook.book);
    }
    threads.keeper.finish();
    inputs.unwritten.try_iter().last().map_or(Ok(()), |why| Err(std::io::Error::other(why)))
}

/// Where events come from.
struct Inputs {
    keys: Receiver<event::Event>,
    done: Receiver<Done>,
    changes: Receiver<Watched>,
    /// What of the logbook could not be written.
    unwritten: Receiver<String>,
}

/// Waits for one event, then takes all that are there already: one frame for all of them.
fn next(state: &mut State, inputs: &Inputs) -> Vec<Effect> {
    let Inputs { keys, done, changes, unwritten } = inputs;
    let first = select! {
        recv(keys) -> e => e.ok().and_then(to_event),
        recv(done) -> e => e.ok().map(Event::Done),
        recv(changes) -> e => e.ok().map(Event::Watched),
        recv(unwritten) -> e => e.ok().map(Event::Unwritten),
    };
    let mut effects = first.map(|e| update::update(state, e)).unwrap_or_default();
    for _ in 0..64 {
        let more = keys.try_recv().ok().and_then(to_event).or_else(|| done.try_recv().ok().map(Event::Done));
        let Some(more) = more else { break };
        effects.extend(update::update(state, more));
    }
    effects
}

fn to_event(event: event::Event) -> Option<Event> {
    match event {
        event::Event::Key(key) if key.kind != event::KeyEventKind::Release => Some(Event::Key(key)),
        event::Event::Mouse(mouse) => Some(Event::Mouse(mouse)),
        event::Event::Resize(cols, rows) => Some(Event::Resize(cols, rows)),
        _ => None,
    }
}

/// Reads the terminal on a thread of its own; rests while another program has the terminal.
fn listen(sender: Sender<event::Event>, paused: Arc<AtomicBool>) {
    std::thread::spawn(move || {
        loop {
            if paused.load(Ordering::SeqCst) {
                std::thread::sleep(Duration::from_millis(20));
                continue;
            }
            match event::poll(Duration::from_millis(50)) {
                Ok(true) if !paused.load(Ordering::SeqCst) => match event::read() {
                    Ok(e) => {
                        if sender.send(e).is_err() {
                            return;
                        }
                    }
                    Err(_) => return,
                },
                Ok(_) => {}
                Err(_) => return,
            }
        }
    });
}

/// Does what was asked for; `true` to quit.
fn carry_out(guard: &mut Guard, threads: &Threads, state: &mut State, effects: Vec<Effect>) -> std::io::Result<bool> {
    let Threads { jobs, watch, paused, keeper } = threads;
    for effect in effects {
        match effect {
            Effect::Quit => return Ok(true),
            Effect::Start(number, job) => jobs.run(number, job),
            Effect::Watch => watch.follow(),
            Effect::Roots(change) => {
                let mut more = Vec::new();
                change_roots(state, &change, &mut more);
                carry_out(guard, threads, state, more)?;
            }
            Effect::SaveLogbook(book) => keeper.keep(*book),
            Effect::Copy(text) => match crossterm::execute!(std::io::stdout(), crossterm::clipboard::CopyToClipboard::to_clipboard_from(&text)) {
                Ok(()) => state.say(format!("handed to the terminal's clipboard: {text}")),
                Err(e) => state.complain(format!("it could not be copied: {e}")),
            },
            Effect::ListKept => state.logbook.kept = compass_session::kept::list(&compass_session::kept::folder(), &state.name),
            Effect::Keep(name, ending, text) => match compass_session::kept::keep(&compass_session::kept::folder(), &state.name, &name, ending, &text) {
                Ok(path) => state.say(format!("kept in {}", path.display())),
                Err(e) => state.complain(format!("it could not be kept: {e}")),
            },
            Effect::Compare(name, text) => match compass_session::kept::compared(&compass_session::kept::folder(), &state.name, &name, &text) {
                Ok(Some(changes)) => state.chains.compared = Some(changes),
                Ok(None) => state.say("nothing was kept of this chain yet: k keeps it"),
                Err(e) => state.complain(format!("what was kept could not be read: {e}")),
            },
            Effect::Edit(path, line) => {
                paused.store(true, Ordering::SeqCst);
                // The listener may stand in a poll of 50 ms: let it come to rest.
                std::thread::sleep(Duration::from_millis(70));
                let settled = state.editor.clone();
                let result = guard.lend(|| edit(settled.as_deref(), &path, line));
                paused.store(false, Ordering::SeqCst);
                match result? {
                    Ok(()) => {
                        let mut more = Vec::new();
                        update::refresh(state, &mut more);
                        carry_out(guard, threads, state, more)?;
                    }
                    Err(why) => state.complain(why),
                }
            }
        }
    }
    Ok(false)
}

/// Changes the roots and indexes with those there are now.
fn change_roots(state: &mut State, change: &compass_session::roots::Change, effects: &mut Vec<Effect>) {
    let Some(root) = state.request.as_ref().and_then(|r| r.options.roots.first().cloned()) else { return };
    match compass_session::roots::change(&root, &root, std::slice::from_ref(change)) {
        Ok(_) => {
            if let Some(request) = &mut state.request {
                request.options.roots = compass_session::roots::all(&root);
            }
            update::refresh(state, effects);
        }
        Err(why) => state.complain(why.to_string()),
    }
}

/// Runs the person's editor on a line: the command of the settings, or that of the environment.
fn edit(settled: Option<&str>, path: &str, line: u32) -> Result<(), String> {
    let command = match settled {
        Some(command) => command.to_owned(),
        None => {
            let editor = std::env::var("VISUAL").or_else(|_| std::env::var("EDITOR"));
            editor.map_err(|_| "neither the settings nor VISUAL nor EDITOR name an editor".to_owned())? + " +{line} {path}"
        }
    };
    let words: Vec<String> = command.split_whitespace().map(|w| w.replace("{line}", &line.to_string()).replace("{path}", path)).collect();
    let (program, arguments) = words.split_first().ok_or_else(|| "the editor's command is empty".to_owned())?;
    let status = Command::new(program).args(arguments).status().map_err(|e| format!("{program}: {e}"))?;
    if status.success() { Ok(()) } else { Err(format!("{program} ended with {status}")) }
}
