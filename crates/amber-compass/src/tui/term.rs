//! The terminal: raw mode, alternate screen, mouse; given back when the program ends, on every way out.
//!
//! A panic in a job is written to a report, and the program goes on: its screen stays as it is. Only one in the thread that draws ends
//! the program, and with it gives the terminal back.

use crossterm::event::{DisableMouseCapture, EnableMouseCapture};
use crossterm::execute;
use crossterm::terminal::{EnterAlternateScreen, LeaveAlternateScreen, disable_raw_mode, enable_raw_mode};
use ratatui::Terminal;
use ratatui::backend::CrosstermBackend;
use std::io::{Stdout, stdout};

/// Holds the terminal; dropping it gives the terminal back.
pub struct Guard {
    /// What is drawn on.
    pub terminal: Terminal<CrosstermBackend<Stdout>>,
}

impl Guard {
    /// Takes the terminal.
    ///
    /// # Errors
    /// When standard output is no terminal, or refuses raw mode.
    pub fn take() -> std::io::Result<Guard> {
        let old = std::panic::take_hook();
        let drawing = std::thread::current().id();
        std::panic::set_hook(Box::new(move |info| {
            let ends = std::thread::current().id() == drawing;
            if ends {
                give_back();
                old(info);
            }
            let trace = std::backtrace::Backtrace::force_capture().to_string();
            tracing::error!("panic: {info}");
            match crate::log::report(&compass_session::places::data_folder().join("reports"), &info.to_string(), &trace) {
                Ok(path) if ends => eprintln!("amber-compass: a fault of this program; what is known of it stands in {}", path.display()),
                Ok(path) => compass_session::fault::described_in(path),
                Err(_) => {}
            }
        }));
        enter()?;
        Ok(Guard { terminal: Terminal::new(CrosstermBackend::new(stdout()))? })
    }

    /// Gives the terminal to another program for a while.
    ///
    /// # Errors
    /// When the terminal cannot be taken again.
    pub fn lend<T>(&mut self, work: impl FnOnce() -> T) -> std::io::Result<T> {
        give_back();
        let result = work();
        enter()?;
        self.terminal.clear()?;
        Ok(result)
    }
}

impl Drop for Guard {
    fn drop(&mut self) {
        give_back();
    }
}

fn enter() -> std::io::Result<()> {
    enable_raw_mode()?;
    execute!(stdout(), EnterAlternateScreen, EnableMouseCapture)
}

fn give_back() {
    let _ = execute!(stdout(), DisableMouseCapture, LeaveAlternateScreen, crossterm::cursor::Show);
    let _ = disable_raw_mode();
}
