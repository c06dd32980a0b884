//! Helpers of the tests: temporary projects, reading, indexing and unfolding them, and waiting with a limit.

mod asking;
pub mod marked;
mod reading;
mod unfolding;

pub use asking::{ask, engine, indexed_as, machine, places, sound};
pub use reading::{definitions, facts, read_soundly, uses};
pub use unfolding::{cases, has, indexed, unfolded_at};

use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

/// A folder of sources that goes away with the value.
pub struct Project {
    folder: tempfile::TempDir,
}

impl Project {
    /// An empty project; all languages are known from then on.
    pub fn new() -> Project {
        languages::register();
        Project { folder: tempfile::tempdir().expect("a temporary folder") }
    }

    /// A project with some files.
    pub fn with(files: &[(&str, &str)]) -> Project {
        let project = Project::new();
        for (path, text) in files {
            project.write(path, text);
        }
        project
    }

    /// Where the sources are.
    pub fn root(&self) -> PathBuf {
        let root = self.folder.path().join("src-tree");
        std::fs::create_dir_all(&root).expect("a folder");
        root
    }

    /// Where its index goes: beside the sources.
    pub fn index(&self) -> PathBuf {
        self.folder.path().join("index.sqlite")
    }

    /// A folder beside the sources for caches and data.
    pub fn home(&self) -> PathBuf {
        self.folder.path().join("home")
    }

    /// Writes a file.
    pub fn write(&self, path: &str, text: &str) {
        self.write_bytes(path, text.as_bytes());
    }

    /// Writes bytes.
    pub fn write_bytes(&self, path: &str, bytes: &[u8]) {
        let full = self.root().join(path);
        std::fs::create_dir_all(full.parent().expect("a parent")).expect("folders");
        std::fs::write(full, bytes).expect("a file");
    }

    /// Takes a file away.
    pub fn remove(&self, path: &str) {
        std::fs::remove_file(self.root().join(path)).expect("the file was there");
    }
}

impl Default for Project {
    fn default() -> Self {
        Self::new()
    }
}

/// The parts of a case file: `== name` lines begin a part.
pub fn case_parts(text: &str) -> Vec<(String, String)> {
    let mut parts: Vec<(String, String)> = Vec::new();
    for line in text.lines() {
        match line.strip_prefix("== ") {
            Some(name) => parts.push((name.trim().to_owned(), String::new())),
            None => {
                if let Some((_, body)) = parts.last_mut() {
                    body.push_str(line);
                    body.push('\n');
                }
            }
        }
    }
    parts
}

/// Calls `check` until it gives something, at most `limit` long.
pub fn wait_for<T>(limit: Duration, mut check: impl FnMut() -> Option<T>) -> Option<T> {
    let began = Instant::now();
    loop {
        if let Some(found) = check() {
            return Some(found);
        }
        if began.elapsed() > limit {
            return None;
        }
        std::thread::sleep(Duration::from_millis(30));
    }
}

/// A line of a file, from 1; empty beyond its end.
pub fn line_of(path: &Path, line: u32) -> String {
    let text = std::fs::read_to_string(path).unwrap_or_default();
    text.lines().nth(line as usize - 1).unwrap_or("").to_owned()
}

/// Says loudly that a test compared nothing, since something it needs is not on this machine. `scripts/test` counts it as skipped: it
/// names a file in `COMPASS_SKIPPED` that gets a line for each.
pub fn skipped(why: &str) {
    use std::io::Write as _;
    let thread = std::thread::current();
    let line = format!("SKIPPED {}: {why}\n", thread.name().unwrap_or("a test"));
    // Not by a macro: the runner keeps to itself what a passing test prints so.
    let _ = std::io::stderr().write_all(line.as_bytes());
    if let Some(list) = std::env::var_os("COMPASS_SKIPPED") {
        let file = std::fs::OpenOptions::new().create(true).append(true).open(list);
        let _ = file.and_then(|mut f| f.write_all(line.as_bytes()));
    }
}
