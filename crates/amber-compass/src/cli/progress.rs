//! Progress on standard error: one living line on a terminal, a line per phase elsewhere.

use compass_index::{Phase, Progress};
use compass_session::progress;
use std::io::{IsTerminal, Write};
use std::sync::Mutex;
use std::time::{Duration, Instant};

/// How often the living line is drawn.
const EVERY: Duration = Duration::from_millis(100);

/// See the module.
pub struct Line {
    living: bool,
    state: Mutex<State>,
}

struct State {
    phase: Option<Phase>,
    began: Instant,
    drawn: Instant,
    waited: bool,
}

impl Line {
    /// A line for this run.
    pub fn new() -> Line {
        let now = Instant::now();
        Line { living: std::io::stderr().is_terminal(), state: Mutex::new(State { phase: None, began: now, drawn: now - EVERY, waited: false }) }
    }

    /// Takes the living line away.
    pub fn clear(&self) {
        if self.living {
            eprint!("\r\x1b[K");
        }
    }
}

impl Progress for Line {
    fn report(&self, phase: Phase, done: u64, total: u64) {
        let mut state = self.state.lock().unwrap_or_else(|e| e.into_inner());
        let now = Instant::now();
        if state.phase != Some(phase) {
            state.phase = Some(phase);
            state.began = now;
            if !self.living {
                eprintln!("{} …", phase.word());
            }
        } else if now - state.drawn < EVERY {
            return;
        }
        if !self.living {
            return;
        }
        state.drawn = now;
        eprint!("\r\x1b[K{}", progress::text(phase, done, total, now - state.began));
        let _ = std::io::stderr().flush();
    }

    fn waiting(&self, process: u32) {
        let mut state = self.state.lock().unwrap_or_else(|e| e.into_inner());
        if !std::mem::replace(&mut state.waited, true) {
            eprintln!("amber-compass: {}", progress::waiting(process));
        }
    }
}
