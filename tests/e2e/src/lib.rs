//! Drives the real program in a real terminal through tmux. Waits for text to appear, never for a fixed time, and prints
//! the screen when it does not.

use std::path::{Path, PathBuf};
use std::process::Command;
use std::sync::LazyLock;
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

/// What the program knows of the languages' own libraries, read once for each build of it and kept beside it.
static LIBRARIES: LazyLock<PathBuf> = LazyLock::new(|| {
    let program = program();
    let built = program.metadata().and_then(|m| m.modified()).expect("the program is built");
    let built = built.duration_since(std::time::UNIX_EPOCH).map_or(0, |d| d.as_nanos()).to_string();
    let dir = program.with_file_name("e2e-libraries");
    if std::fs::read_to_string(dir.join("built")).is_ok_and(|b| b == built) {
        return dir;
    }
    let _ = std::fs::remove_dir_all(&dir);
    let run = |args: &[&str], at: &Path| {
        let status = Command::new(&program).args(args).current_dir(at).env("XDG_CACHE_HOME", dir.join("cache")).output();
        assert!(status.is_ok_and(|s| s.status.success()), "{args:?} in {}", at.display());
    };
    std::fs::create_dir_all(&dir).expect("a folder beside the program");
    run(&["demo", "--lay-out-only", "--to", "demo"], &dir);
    run(&["index"], &dir.join("demo/larder-hollow"));
    std::fs::write(dir.join("built"), built).expect("a mark");
    dir
});

/// Gives a home what is known of the languages' own libraries, so that each test waits for the code of the demo only.
fn warm(home: &Path) {
    let to = home.join("cache/amber-compass");
    for part in ["declarations", "depot"].iter().filter(|p| !to.join(p).exists()) {
        std::fs::create_dir_all(&to).expect("a folder");
        let from = LIBRARIES.join("cache/amber-compass").join(part);
        let copied = Command::new("cp").arg("-r").arg(from).arg(&to).status();
        assert!(copied.is_ok_and(|s| s.success()), "{part} can be copied");
    }
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
        warm(home);
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

    /// Waits until the code base is indexed: on a busy machine that takes longer than what a key does.
    pub fn survey(&self) -> String {
        self.wait_within(Duration::from_secs(120), "the survey", |s| s.contains("entry points"))
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
