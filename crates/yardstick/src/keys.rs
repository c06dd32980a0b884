//! From a key to the frame that shows what it did, in a terminal of 160 by 47.
//!
//! The program runs behind a pseudo-terminal. A key is sent; what comes back at once, until nothing comes for a moment, is the frame. What comes
//! later, until it is quiet, is the bearings. Times are those at which bytes arrive: the terminal's own drawing is not in them.

use crate::failure::{Failure, amber_compass};
use crate::report;
use portable_pty::{CommandBuilder, PtySize, native_pty_system};
use std::io::{Read, Write};
use std::path::{Path, PathBuf};
use std::sync::mpsc::{Receiver, RecvTimeoutError, channel};
use std::time::{Duration, Instant};

/// A frame is over when nothing came for this long.
const GAP: Duration = Duration::from_millis(3);
/// And all is, when nothing came for this long.
const QUIET: Duration = Duration::from_millis(150);
/// A key that shows nothing within this time shows nothing.
const PATIENCE: Duration = Duration::from_millis(400);

/// What is measured.
pub struct Order {
    /// A file of a code base.
    pub file: PathBuf,
    /// Its index; that of the program's own place without.
    pub index: Option<PathBuf>,
    /// How often each key is pressed.
    pub presses: usize,
}

/// The program behind its terminal.
struct Terminal {
    keys: Box<dyn Write + Send>,
    output: Receiver<(Instant, usize)>,
    child: Box<dyn portable_pty::Child + Send + Sync>,
    _master: Box<dyn portable_pty::MasterPty + Send>,
}

fn unexpected(e: impl std::fmt::Display) -> Failure {
    Failure::Unexpected(e.to_string())
}

impl Terminal {
    fn start(program: &Path, arguments: &[&std::ffi::OsStr]) -> Result<Terminal, Failure> {
        let pair = native_pty_system().openpty(PtySize { rows: 47, cols: 160, pixel_width: 0, pixel_height: 0 }).map_err(unexpected)?;
        let mut command = CommandBuilder::new(program);
        command.args(arguments);
        command.env("TERM", "xterm-256color");
        let child = pair.slave.spawn_command(command).map_err(unexpected)?;
        let mut reader = pair.master.try_clone_reader().map_err(unexpected)?;
        let keys = pair.master.take_writer().map_err(unexpected)?;
        let (sender, output) = channel();
        std::thread::spawn(move || {
            let mut bytes = [0u8; 65_536];
            while let Ok(count) = reader.read(&mut bytes) {
                if count == 0 || sender.send((Instant::now(), count)).is_err() {
                    break;
                }
            }
        });
        Ok(Terminal { keys, output, child, _master: pair.master })
    }

    /// Waits until nothing came for a while.
    fn settle(&self, quiet: Duration, limit: Duration) {
        let end = Instant::now() + limit;
        while Instant::now() < end && self.output.recv_timeout(quiet).is_ok() {}
    }

    /// Sends a key; gives the time to the end of its frame, and to the end of all that it brought.
    fn press(&mut self, key: &[u8]) -> Result<Option<(Duration, Duration)>, Failure> {
        while self.output.try_recv().is_ok() {}
        let sent = Instant::now();
        self.keys.write_all(key).and_then(|()| self.keys.flush()).map_err(unexpected)?;
        let Ok((mut last, _)) = self.output.recv_timeout(PATIENCE) else { return Ok(None) };
        let mut frame = None;
        loop {
            match self.output.recv_timeout(if frame.is_none() { GAP } else { QUIET }) {
                Ok((at, _)) => last = at,
                Err(RecvTimeoutError::Timeout) if frame.is_none() => frame = Some(last),
                Err(_) => break,
            }
        }
        Ok(Some((frame.unwrap_or(last) - sent, last - sent)))
    }
}

impl Drop for Terminal {
    fn drop(&mut self) {
        let _ = self.child.kill();
        let _ = self.child.wait();
    }
}

const PAGE_DOWN: &[u8] = b"\x1b[6~";
/// Keys there and back again, so that each of them changes what is shown: down and up, a page down and up, right and left.
const KEYS: [[&[u8]; 2]; 3] = [[b"\x1b[B", b"\x1b[A"], [PAGE_DOWN, b"\x1b[5~"], [b"\x1b[C", b"\x1b[D"]];

/// Measures, prints and records.
pub fn run(order: &Order) -> Result<(), Failure> {
    let program = amber_compass()?;
    let large = tempfile::tempdir().map_err(unexpected)?;
    let made = |name: &str, text: String| {
        let path = large.path().join(name);
        std::fs::write(&path, text).map_err(|source| Failure::File { path: path.clone(), source })?;
        Ok::<_, Failure>(path)
    };
    let lines = made("shelves.c", (0..100_000).map(|i| format!("int shelf_{i}(int rack) {{ return rack + {i}; }}\n")).collect())?;
    let line = made("line.txt", "oak ash ".repeat(10 << 17))?;
    let mut out = Vec::new();
    for (what, file, index) in [("the code base", &order.file, order.index.as_ref()), ("100,000 lines of C", &lines, None), ("one line of 10 MB", &line, None)]
    {
        let mut arguments: Vec<&std::ffi::OsStr> = Vec::new();
        let own = large.path().join("index.sqlite");
        arguments.extend([std::ffi::OsStr::new("--deps"), std::ffi::OsStr::new("none"), std::ffi::OsStr::new("--index")]);
        arguments.push(index.unwrap_or(&own).as_os_str());
        arguments.push(file.as_os_str());
        let mut terminal = Terminal::start(&program, &arguments)?;
        terminal.settle(Duration::from_secs(3), Duration::from_secs(90));
        // Away from the first line, where going up shows nothing.
        terminal.press(PAGE_DOWN)?;
        let (mut frames, mut settled) = (Vec::new(), Vec::new());
        // Of a single line only its characters can be gone through.
        let keys = if file == &line { &KEYS[2..] } else { &KEYS[..] };
        for key in keys.iter().flat_map(|k| std::iter::repeat_n(k, order.presses / 2)).flatten() {
            if let Some((frame, all)) = terminal.press(key)? {
                frames.push(frame);
                settled.push(all);
            }
        }
        out.push(format!("- {what}: {} keys, frame {}, bearings settled {}", frames.len(), shares(&mut frames), shares(&mut settled)));
        println!("{}", out[out.len() - 1]);
    }
    report::write("keys", &out.join("\n"))
}

/// Median, p99 and longest, in milliseconds.
fn shares(all: &mut [Duration]) -> String {
    all.sort_unstable();
    let at = |share: f64| all.get(((all.len() as f64 * share) as usize).min(all.len().saturating_sub(1))).map_or(0.0, |d| d.as_secs_f64() * 1e3);
    format!("median {:.1}, p95 {:.1}, p99 {:.1}, longest {:.1} ms", at(0.5), at(0.95), at(0.99), at(1.0))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn shares_are_those_of_the_sorted_times() {
        let mut times: Vec<Duration> = (1..=200).rev().map(Duration::from_millis).collect();
        assert_eq!(shares(&mut times), "median 101.0, p95 191.0, p99 199.0, longest 200.0 ms");
        assert_eq!(shares(&mut []), "median 0.0, p95 0.0, p99 0.0, longest 0.0 ms");
    }
}
