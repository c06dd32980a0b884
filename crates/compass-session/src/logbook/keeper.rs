//! Writes the logbook beside the interface, and beside other programs that have it open.
//!
//! What another program wrote meanwhile stays: of bookmarks only what was changed here is put into the file as it is then. The track is
//! the one of who writes last.

use super::{Bookmark, Logbook, load, save};
use crossbeam_channel::{Receiver, Sender, unbounded};
use std::path::{Path, PathBuf};
use std::thread::JoinHandle;

/// A thread that writes what it is handed.
pub struct Keeper {
    books: Sender<Logbook>,
    thread: JoinHandle<()>,
}

impl Keeper {
    /// Begins with the logbook as it was read. What could not be written is told.
    pub fn start(path: PathBuf, read: Logbook) -> (Keeper, Receiver<String>) {
        let (books, incoming) = unbounded::<Logbook>();
        let (tell, told) = unbounded();
        let thread = std::thread::spawn(move || {
            let mut last = read;
            while let Ok(mut book) = incoming.recv() {
                // Only the latest counts.
                book = incoming.try_iter().last().unwrap_or(book);
                match put(&path, &last, &book) {
                    Ok(()) => last = book,
                    Err(e) => drop(tell.send(format!("the logbook could not be written: {e}"))),
                }
            }
        });
        (Keeper { books, thread }, told)
    }

    /// Hands a logbook over.
    pub fn keep(&self, book: Logbook) {
        // The thread is there as long as this is.
        let _ = self.books.send(book);
    }

    /// Waits until all is written.
    pub fn finish(self) {
        drop(self.books);
        let _ = self.thread.join();
    }
}

/// Puts what changed from `last` to `book` into the file, one program after the other.
pub(super) fn put(path: &Path, last: &Logbook, book: &Logbook) -> std::io::Result<()> {
    if last == book {
        return Ok(());
    }
    std::fs::create_dir_all(path.parent().unwrap_or(Path::new(".")))?;
    let lock = std::fs::File::create(path.with_extension("lock"))?;
    lock.lock()?;
    if !path.exists() {
        return save(path, book);
    }
    let found = load(path);
    if !found.writable {
        return Err(std::io::Error::other(found.message.unwrap_or_default()));
    }
    // One that was damaged meanwhile is set aside: all there is stands here.
    if found.message.is_some() { save(path, book) } else { save(path, &merged(found.book, last, book)) }
}

/// The logbook of the file with what changed from `last` to `book`.
fn merged(mut file: Logbook, last: &Logbook, book: &Logbook) -> Logbook {
    let same = |a: &Bookmark, b: &Bookmark| (&a.anchor, &a.note) == (&b.anchor, &b.note);
    let is_in = |all: &Logbook, one: &Bookmark| all.bookmarks.iter().any(|b| same(b, one));
    file.bookmarks.retain(|b| !is_in(last, b) || is_in(book, b));
    for new in book.bookmarks.iter().filter(|b| !is_in(last, b)) {
        file.mark(new.anchor.clone(), new.note.clone());
    }
    file.trail = book.trail.clone();
    file
}
