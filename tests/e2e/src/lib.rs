//! Drives the real program in a real terminal through tmux. Waits for text to appear, never for a fixed time, and prints
//! the screen when it does not.

use std::path::{Path, PathBuf};
use std::process::Command;
use std::sync::atomic::{AtomicU32, Ordering};
use std::time::{Duration, Instant};

/// A terminal with the program in it; killed with the value.
pub struct Screen {
    socket: String,
}

static NEXT: AtomicU32 = AtomicU32::new(0);

/// The program that Cargo built for the tests.
pub fn program() -> PathBuf {
    let mut path = std::env::current_exe().expect("the test's own path");
    path.pop();
    path.pop();
    path.join("amber-compass")
}

impl Screen {
    /// Starts a command in a terminal of that size, with a home of its own, for somebody who has seen the guide.
    pub fn start(cols: u16, rows: u16, home: &Path, command: &str) -> Screen {
        let data = home.join("data/amber-compass");
        std::fs::create_dir_all(&data).and_then(|()| std::fs::write(data.join("guide-seen"), b"")).expect("a mark can be left");
        Screen::start_first(cols, rows, home, command)
    }

    /// The same for somebody who opens the program for the first time.
    pub fn start_first(cols: u16, rows: u16, home: &Path, command: &str) -> Screen {
        let socket = format!("amber-e2e-{}-{}", std::process::id(), NEXT.fetch_add(1, Ordering::Relaxed));
        let screen = Screen { socket };
        let env = format!("env HOME={0} XDG_CACHE_HOME={0}/cache XDG_DATA_HOME={0}/data EDITOR=true {command}; sleep 60", home.display());
        screen.tmux(&["-f", "/dev/null", "new-session", "-d", "-x", &cols.to_string(), "-y", &rows.to_string(), &env]);
        screen
    }

    fn tmux(&self, args: &[&str]) -> String {
        let output = Command::new("tmux").args(["-L", &self.socket]).args(args).output().expect("tmux is installed (scripts/test does that)");
        String::from_utf8_lossy(&output.stdout).into_owned()
    }

    /// Sends keys as tmux names them.
    pub fn keys(&self, keys: &[&str]) {
        let mut args = vec!["send-keys"];
        args.extend(keys);
        self.tmux(&args);
    }

    /// Types text as it is.
    pub fn text(&self, text: &str) {
        self.tmux(&["send-keys", "-l", text]);
    }

    /// What is on the screen now.
    pub fn shown(&self) -> String {
        self.tmux(&["capture-pane", "-p"])
    }

    /// Waits until the screen satisfies `check` and stands still: a picture may be taken in the middle of a frame. Fails with the
    /// screen after 20 s.
    pub fn wait(&self, what: &str, check: impl Fn(&str) -> bool) -> String {
        self.wait_within(Duration::from_secs(20), what, check)
    }

    /// The same for what takes long on a busy machine.
    pub fn wait_within(&self, limit: Duration, what: &str, check: impl Fn(&str) -> bool) -> String {
        let began = Instant::now();
        let mut before = String::new();
        loop {
            let shown = self.shown();
            if check(&shown) && shown == before {
                return shown;
            }
            before.clone_from(&shown);
            assert!(began.elapsed() < limit, "waited for {what}; the screen shows:\n{shown}");
            std::thread::sleep(Duration::from_millis(40));
        }
    }

    /// Waits until a text is on the screen.
    pub fn wait_text(&self, text: &str) -> String {
        self.wait(text, |s| s.contains(text))
    }
}

impl Drop for Screen {
    fn drop(&mut self) {
        self.tmux(&["kill-server"]);
    }
}
