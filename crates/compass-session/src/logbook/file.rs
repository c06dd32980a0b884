//! The logbook on disk.

use super::Logbook;
use serde::{Deserialize, Serialize};
use std::io::{ErrorKind, Write};
use std::path::{Path, PathBuf};

/// Raised when the shape changes; [`migrate`] takes older ones over.
const VERSION: u32 = 1;

#[derive(Serialize, Deserialize)]
struct Stored {
    version: u32,
    #[serde(flatten)]
    book: Logbook,
}

/// What was found.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Loaded {
    /// The logbook.
    pub book: Logbook,
    /// What a person should hear.
    pub message: Option<String>,
    /// May it be written?
    pub writable: bool,
}

/// Where the logbook of a root is kept.
pub fn path_for(root: &Path) -> PathBuf {
    crate::places::data_folder().join("logbooks").join(format!("{}.json", crate::places::name_of(root)))
}

/// Reads a logbook; without a file it is empty.
pub fn load(path: &Path) -> Loaded {
    let text = match std::fs::read_to_string(path) {
        Ok(text) => text,
        Err(e) if e.kind() == ErrorKind::NotFound => return Loaded { book: Logbook::default(), message: None, writable: true },
        Err(e) if e.kind() != ErrorKind::InvalidData => {
            return Loaded { book: Logbook::default(), message: Some(format!("the logbook cannot be read, and is left alone: {e}")), writable: false };
        }
        Err(_) => return set_aside(path),
    };
    let Ok(value) = serde_json::from_str::<serde_json::Value>(&text) else { return set_aside(path) };
    let version = value.get("version").and_then(serde_json::Value::as_u64).unwrap_or(0);
    if version > u64::from(VERSION) {
        let message = format!("the logbook was written by a newer version of the program (format {version}): it is shown as far as possible and not changed");
        let book = serde_json::from_value::<Stored>(value).map(|s| s.book).unwrap_or_default();
        return Loaded { book: sound(book), message: Some(message), writable: false };
    }
    match serde_json::from_value::<Stored>(migrate(value, version)) {
        Ok(stored) => Loaded { book: sound(stored.book), message: None, writable: true },
        Err(_) => set_aside(path),
    }
}

/// Takes a file of an older version over.
fn migrate(mut value: serde_json::Value, version: u64) -> serde_json::Value {
    // Format 0, before there was a number: kept marks as plain places without a trail.
    if version == 0
        && let Some(object) = value.as_object_mut()
    {
        object.entry("trail").or_insert_with(|| serde_json::json!({ "steps": [], "at": null }));
        let count = object.get("bookmarks").and_then(serde_json::Value::as_array).map_or(0, Vec::len);
        object.entry("next").or_insert_with(|| serde_json::json!(count));
        object.insert("version".to_owned(), serde_json::json!(VERSION));
    }
    value
}

/// Positions that lead nowhere are taken out: files come from anywhere.
fn sound(mut book: Logbook) -> Logbook {
    let count = book.trail.steps.len();
    for (i, step) in book.trail.steps.iter_mut().enumerate() {
        step.from = step.from.filter(|from| *from < i);
    }
    book.trail.at = book.trail.at.filter(|at| *at < count);
    book.next = book.next.max(book.bookmarks.iter().map(|b| b.number).max().unwrap_or(0));
    book
}

/// Gives a damaged file another name, so that nothing of it is lost.
fn set_aside(path: &Path) -> Loaded {
    for number in 1..1000 {
        let aside = path.with_extension(format!("damaged-{number}.json"));
        if aside.exists() {
            continue;
        }
        let message = match std::fs::rename(path, &aside) {
            Ok(()) => format!("the logbook was damaged: it is kept as {}, a new one begins", aside.display()),
            Err(e) => {
                return Loaded { book: Logbook::default(), message: Some(format!("the logbook is damaged and cannot be set aside: {e}")), writable: false };
            }
        };
        return Loaded { book: Logbook::default(), message: Some(message), writable: true };
    }
    Loaded { book: Logbook::default(), message: Some("the logbook is damaged".to_owned()), writable: false }
}

/// Writes a logbook: a new file beside the old one takes its name.
///
/// # Errors
/// What the system says; the old file is left then.
pub fn save(path: &Path, book: &Logbook) -> std::io::Result<()> {
    let folder = path.parent().unwrap_or(Path::new("."));
    std::fs::create_dir_all(folder)?;
    let text = serde_json::to_string_pretty(&Stored { version: VERSION, book: book.clone() })?;
    let mut file = tempfile::NamedTempFile::new_in(folder)?;
    file.write_all(text.as_bytes())?;
    file.as_file().sync_all()?;
    file.persist(path).map_err(|e| e.error)?;
    Ok(())
}
