//! From the moment a file is written until a question is answered from its new content, while the program is open.
//!
//! The program runs in a terminal of its own (tmux). A definition is added to a file of the code base, which changes nothing for
//! other files but the one name; the index is asked for it until it is there. In the end the file is what it was.

use crate::failure::{Failure, amber_compass};
use crate::report;
use compass_index::Index;
use compass_trace::{Context, Engine};
use std::path::PathBuf;
use std::process::Command;
use std::sync::Arc;
use std::time::{Duration, Instant};

const SESSION: &str = "yardstick-live";
/// Longer than this nobody waits.
const PATIENCE: Duration = Duration::from_secs(120);

/// An index that is there is up to date after this.
const SETTLING: Duration = Duration::from_secs(12);

/// What is measured.
pub struct Order {
    /// The code base.
    pub folder: PathBuf,
    /// Its index; made if it is not there.
    pub index: PathBuf,
    /// The file that is written, below the folder.
    pub file: PathBuf,
    /// What is appended; `#` stands for the round.
    pub text: String,
    /// The name asked for; `#` stands for the round.
    pub name: String,
    /// How often.
    pub rounds: usize,
}

/// Gives the file its content back, however the measuring ends.
struct Restored(PathBuf, Vec<u8>);

impl Drop for Restored {
    fn drop(&mut self) {
        if std::fs::write(&self.0, &self.1).is_err() {
            eprintln!("yardstick: {} could not be restored", self.0.display());
        }
        let _ = Command::new("tmux").args(["kill-session", "-t", SESSION]).output();
    }
}

/// Measures, prints and records.
pub fn run(order: &Order) -> Result<(), Failure> {
    let path = order.folder.join(&order.file);
    let file = |source| Failure::File { path: path.clone(), source };
    let original = std::fs::read(&path).map_err(file)?;
    start(order)?;
    let _restored = Restored(path.clone(), original.clone());
    let mut text = original;
    let mut seconds = Vec::new();
    for round in 0..=order.rounds {
        let number = format!("{}_{round}", std::process::id());
        text.extend_from_slice(format!("\n{}\n", order.text.replace('#', &number)).as_bytes());
        let before = Index::open(&order.index).map_err(|e| Failure::Unexpected(e.to_string()))?;
        std::fs::write(&path, &text).map_err(file)?;
        let taken = until_answered(before, &order.name.replace('#', &number))?;
        println!("{taken:.3} s");
        // The first time nobody knows yet which folders are watched.
        if round > 0 {
            seconds.push(taken);
        }
        std::thread::sleep(Duration::from_secs(1));
    }
    seconds.sort_by(f64::total_cmp);
    let line = format!(
        "{}: written to answered, {} rounds: median {:.2} s, longest {:.2} s",
        order.file.display(),
        seconds.len(),
        seconds[seconds.len() / 2],
        seconds[seconds.len() - 1]
    );
    println!("{line}");
    report::write(&format!("live {}", order.file.display()), &format!("- {line}\n"))
}

/// Starts the program and waits until it has nothing left to do.
fn start(order: &Order) -> Result<(), Failure> {
    let program = amber_compass()?;
    let command = format!("{} {} --deps none --index {}", program.display(), order.folder.display(), order.index.display());
    let started = Command::new("tmux").args(["new-session", "-d", "-s", SESSION, "-x", "160", "-y", "45", &command]).output();
    if !started.is_ok_and(|o| o.status.success()) {
        return Err(Failure::Unexpected("tmux could not be started".to_owned()));
    }
    let until = Instant::now() + PATIENCE * 5;
    while Instant::now() < until {
        std::thread::sleep(Duration::from_secs(3));
        if Index::open(&order.index).is_ok_and(|i| i.is_linked()) {
            // It looks for changes at the start, and once more when the folders are watched.
            std::thread::sleep(SETTLING);
            return Ok(());
        }
    }
    Err(Failure::Unexpected("the program does not come to rest".to_owned()))
}

/// Seconds until the name is found in a newer generation.
fn until_answered(mut seen: Index, name: &str) -> Result<f64, Failure> {
    let begun = Instant::now();
    while begun.elapsed() < PATIENCE {
        if !seen.is_outdated() {
            std::thread::sleep(Duration::from_millis(2));
            continue;
        }
        let Ok(opened) = seen.newer() else { continue };
        let engine = Engine::new(Arc::new(opened));
        if engine.ask(&format!("where is {name}"), &Context::default()).is_ok_and(|a| a.total > 0) {
            return Ok(begun.elapsed().as_secs_f64());
        }
        let Ok(again) = seen.newer() else { continue };
        seen = again;
    }
    Err(Failure::Unexpected(format!("{name} was not found")))
}
