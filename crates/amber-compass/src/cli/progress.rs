//! Progress on standard error: one living line on a terminal, a line per phase elsewhere.

use compass_index::{Phase, Progress};
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
        eprint!("\r\x1b[K{}", text(phase, done, total, now - state.began));
        let _ = std::io::stderr().flush();
    }

    fn waiting(&self, process: u32) {
        let mut state = self.state.lock().unwrap_or_else(|e| e.into_inner());
        if !std::mem::replace(&mut state.waited, true) {
            eprintln!("amber-compass: {}", waiting(process));
        }
    }
}

/// Who writes the index.
pub fn waiting(process: u32) -> String {
    let who = if process == 0 { "another program".to_owned() } else { format!("process {process}") };
    format!("{who} is bringing this index up to date; waiting for it")
}

/// Phase, how far, how fast, how long still.
pub fn text(phase: Phase, done: u64, total: u64, elapsed: Duration) -> String {
    let seconds = elapsed.as_secs_f64();
    let rate = if seconds > 0.2 { done as f64 / seconds } else { 0.0 };
    let amount = |n: f64| if phase == Phase::Read { format!("{:.1} MB", n / 1e6) } else { format!("{n:.0} files") };
    let mut out = format!("{:5} {}", phase.word(), amount(done as f64));
    if total > 0 {
        out += &format!(" of {} ({:.0} %)", amount(total as f64), 100.0 * done as f64 / total as f64);
    }
    if rate > 0.0 {
        out += &format!(", {}/s", amount(rate));
        if total > done {
            out += &format!(", {:.0} s left", (total - done) as f64 / rate);
        }
    }
    out
}
