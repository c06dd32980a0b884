//! The terminal: raw mode, alternate screen, mouse; given back on every way out, also after a panic.

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
        std::panic::set_hook(Box::new(move |info| {
            give_back();
            old(info);
            let trace = std::backtrace::Backtrace::force_capture().to_string();
            tracing::error!("panic: {info}");
            if let Ok(path) = crate::log::report(&crate::places::data_folder().join("reports"), &info.to_string(), &trace) {
                eprintln!("amber-compass: a fault of this program; what is known of it stands in {}", path.display());
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
