//! What the code base says: which files there are, what their names mean, and where that is kept.
//!
//! [`plan`] walks the roots and finds units; [`refresh`] reads what changed, links it and writes it; [`store`] keeps it
//! in SQLite; [`Index`] answers the elementary questions everything else is made of.
//!
//! # Guarantees
//! Sources are only read, through one [`Tree`] trait. Nothing here knows a terminal, the home folder or a clock on
//! the screen's behalf: the caller gives paths, a cancel flag and a progress callback.

mod claim;
pub mod config;
mod crossing;
mod evidence;
mod id;
mod identity;
mod index;
mod layers;
mod link;
mod macro_record;
mod names;
pub mod plan;
mod progress;
mod provenance;
pub mod refresh;
pub mod store;
mod summary;
mod tests_told;
pub mod tree;

pub use crossing::{Crossing, CrossingEntry, CrossingKind, LinkPass, Loose, LooseCause, PassFile, PassInput, PassOutput, Passes, Place};
pub use evidence::{Cause, Certainty, Chain, FileLinks, Link, Step, StepKind, StepPlace};
pub use id::{FileId, FileNo, SymbolId, SymbolNo, UnitId};
pub use index::{FileFacts, FileSource, Index, IndexError, Missing, UseAlone};
pub use layers::LayerRow;
pub use link::linking;
pub use macro_record::{MacroRecord, PackedMacros};
pub use names::{GROUP, Group, LETTERS, Names, begins_word, mask};
pub use progress::{Phase, Progress, Silent};
pub use provenance::Provenance;
pub use store::{FileRow, NameEntry, OpenError, UnitRow, UnlinkedEntry, UseEntry};
pub use summary::{Shares, Summary};
pub use tests_told::is_test_path;
pub use tree::{Disk, Origin, Stamp, Tree};

/// What a mutex holds, also after somebody panicked with it: nothing is left half done behind one here.
pub(crate) fn lock<T>(mutex: &std::sync::Mutex<T>) -> std::sync::MutexGuard<'_, T> {
    mutex.lock().unwrap_or_else(std::sync::PoisonError::into_inner)
}
