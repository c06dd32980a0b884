//! The logbook: bookmarks with notes, and the track with its branches. The person's own, kept apart from every index.
//!
//! # How it works
//! A bookmark is anchored to the symbol it stands on or in (path, qualified name, kind), with the line's distance and text for what
//! has no name: so it stays where it belongs when lines move, files are renamed or the index is made anew. Where it stands now
//! is found when it is shown: see [`anchor`].
//!
//! # Guarantees
//! One JSON file a code base in the data folder, written beside itself and renamed. A file of an older version is taken over; one of a
//! newer version is shown and never written; a damaged one is set aside under another name, never deleted. Two programs may have it
//! open: neither takes out what the other put in.

mod anchor;
mod export;
mod file;
mod keeper;
#[cfg(test)]
mod tests;
mod trail;

pub use anchor::{Anchor, Found, find, place};
pub use export::markdown;
pub use file::{load, path_for};
pub use keeper::Keeper;
pub use trail::{Step, Trail};

use file::save;
use serde::{Deserialize, Serialize};

/// A place worth coming back to.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct Bookmark {
    /// Tells it from the others, whatever their order.
    pub number: u64,
    /// What it stands on.
    pub anchor: Anchor,
    /// What the person wrote; may be empty.
    pub note: String,
}

/// See the module.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize, Deserialize)]
pub struct Logbook {
    /// Bookmarks in the order they were set.
    pub bookmarks: Vec<Bookmark>,
    /// The way walked so far.
    pub trail: Trail,
    /// The number of the next bookmark.
    pub next: u64,
}

impl Logbook {
    /// Sets a bookmark. One on the same line of the same symbol gets the new note instead.
    pub fn mark(&mut self, anchor: Anchor, note: String) {
        match self.bookmarks.iter_mut().find(|b| b.anchor.is_place_of(&anchor)) {
            Some(known) => (known.anchor, known.note) = (anchor, note),
            None => {
                self.next += 1;
                self.bookmarks.push(Bookmark { number: self.next, anchor, note });
            }
        }
    }

    /// Takes a bookmark out.
    pub fn remove(&mut self, number: u64) {
        self.bookmarks.retain(|b| b.number != number);
    }

    /// Changes what is written at a bookmark.
    pub fn note(&mut self, number: u64, note: String) {
        if let Some(found) = self.bookmarks.iter_mut().find(|b| b.number == number) {
            found.note = note;
        }
    }
}
