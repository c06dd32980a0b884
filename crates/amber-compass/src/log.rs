//! A log in the cache folder, for when something went wrong; and the report of a panic, among the person's data.

use std::fs::{File, OpenOptions};
use std::path::{Path, PathBuf};
use std::sync::Mutex;
use std::time::{SystemTime, UNIX_EPOCH};

/// A log of this size becomes the old one.
const MOST_BYTES: u64 = 1 << 20;

/// Where the log is.
pub fn file() -> PathBuf {
    compass_session::places::cache_folder().join("amber-compass.log")
}

/// Begins to log; where no file can be written nothing is logged. `AMBER_COMPASS_LOG` chooses how much: `error`, `warn`, `info` (without it), `debug`.
pub fn start() {
    let Ok(log) = open(&file()) else { return };
    let level = std::env::var("AMBER_COMPASS_LOG").ok().and_then(|l| l.parse().ok()).unwrap_or(tracing::Level::INFO);
    // A second call, as in tests, changes nothing.
    let _ = tracing_subscriber::fmt().with_writer(Mutex::new(log)).with_ansi(false).with_max_level(level).try_init();
}

fn open(path: &Path) -> std::io::Result<File> {
    if let Some(folder) = path.parent() {
        std::fs::create_dir_all(folder)?;
    }
    if std::fs::metadata(path).is_ok_and(|m| m.len() > MOST_BYTES) {
        std::fs::rename(path, path.with_extension("log.old"))?;
    }
    OpenOptions::new().create(true).append(true).open(path)
}

/// Writes what is known of a panic to a file of its own; gives its place.
pub fn report(folder: &Path, what: &str, trace: &str) -> std::io::Result<PathBuf> {
    std::fs::create_dir_all(folder)?;
    let seconds = SystemTime::now().duration_since(UNIX_EPOCH).map_or(0, |d| d.as_secs());
    let path = folder.join(format!("panic-{seconds}-{}.txt", std::process::id()));
    std::fs::write(&path, format!("amber-compass {}\n{what}\n\n{trace}\n", env!("CARGO_PKG_VERSION")))?;
    Ok(path)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_log_that_has_grown_is_put_aside() {
        let folder = tempfile::tempdir().expect("a folder");
        let path = folder.path().join("deep/amber-compass.log");
        drop(open(&path).expect("made"));
        std::fs::write(&path, vec![b'x'; MOST_BYTES as usize + 1]).expect("grown");
        drop(open(&path).expect("opened"));
        let size = |p: &Path| std::fs::metadata(p).map(|m| m.len()).ok();
        assert_eq!((size(&path), size(&path.with_extension("log.old"))), (Some(0), Some(MOST_BYTES + 1)));
    }

    #[test]
    fn a_report_says_what_and_where() {
        let folder = tempfile::tempdir().expect("a folder");
        let path = report(&folder.path().join("reports"), "it broke", "at turn").expect("written");
        let text = std::fs::read_to_string(path).expect("text");
        assert!(text.contains("it broke") && text.contains("at turn") && text.contains(env!("CARGO_PKG_VERSION")));
    }
}
