//! Where an index is kept: typed reading and writing over blocks of bytes ([`backend`]), which lie in one SQLite file ([`sqlite`]).
//!
//! # How it works
//! Facts are written in batches while files are read, each row valid by the hash of the content it was read from. Links,
//! postings and the list of files belong to a *generation*; a run writes its generation in batches and makes it the
//! current one in one small transaction. A run that is killed leaves its facts, and the old generation, in place.
//!
//! Postings are sorted entries cut into blocks of about 16 KiB, keyed by their first key: 4 million rows of 12 bytes take
//! 8.9 s to insert, the same bytes as blocks half a second.
//!
//! # Guarantees
//! Every blob carries a checksum; what does not match is [`StoreError::Damaged`], never an answer. Readers see one
//! generation, whatever a writer does meanwhile. See `docs/FORMAT.md` for every table.

mod backend;
mod blocks;
mod columns;
mod error;
mod links;
mod listing;
#[cfg(test)]
mod memory;
mod package_cache;
mod reader;
mod runs;
mod schema;
mod sqlite;
#[cfg(test)]
mod tests;
mod writer;

pub(crate) use blocks::Entry;
pub use blocks::{ChoiceEntry, DependencyEntry, ImportEntry, NameEntry, Relation, RelationEntry, UnlinkedEntry, UseEntry};
pub use error::{OpenError, StoreError};
pub use links::PackedLinks;
pub(crate) use links::pack_links;
pub use package_cache::{CachedPackage, PackageCache};
pub(crate) use package_cache::{PackedPortableLinks, pack_portable};
pub use reader::{Reader, Runs, StoredFacts};
pub(crate) use runs::{UseRuns, merge};
pub use schema::schema_version;
pub use writer::{Generation, LaterRun, PackedFacts, Retired, Writer, pack_facts};
pub(crate) use writer::{Part, SmallPostings, remove};

use crate::FileId;
use compass_facts::Language;
use serde::{Deserialize, Serialize};

/// A file as the index knows it.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct FileRow {
    /// Its id.
    pub id: FileId,
    /// Position of its root.
    pub root: u32,
    /// Path relative to the root.
    pub path: String,
    /// The path's bytes where they are no UTF-8.
    pub raw_path: Option<Vec<u8>>,
    /// Its language.
    pub language: Language,
    /// Size in bytes.
    pub bytes: u64,
    /// Lines.
    pub lines: u32,
    /// Time of the last change, in nanoseconds since 1970.
    pub mtime_ns: i64,
    /// Number of the file on its disk.
    pub inode: u64,
    /// Does it read like C++? Known of headers that might be either.
    pub reads_as_sibling: Option<bool>,
    /// Hash of the content the facts were read from.
    pub content: u64,
    /// The number facts are kept under: the hash of the content, and of what macros of other files made in it.
    pub hash: u64,
    /// By hand, or by a program?
    pub provenance: crate::Provenance,
    /// Did it change since it was first read, so that its symbols may have other numbers than their places?
    pub renumbered: bool,
    /// Position of its layer.
    pub layer: Option<u16>,
}

/// A unit as the index knows it.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct UnitRow {
    /// Its id.
    pub id: crate::UnitId,
    /// Its name.
    pub name: String,
    /// Its version.
    pub version: String,
    /// Its ecosystem's word.
    pub ecosystem: String,
    /// Position of its root; beyond all roots for one that is not there now.
    pub root: u32,
    /// What its root is known by: the position of an own one, the path of a folder of packages.
    pub home: String,
    /// Folder relative to its root.
    pub dir: String,
    /// The workspace's own, or a dependency's.
    pub own: bool,
    /// Entry files, relative to `dir`.
    pub entries: Vec<String>,
    /// What its code means by names of other units.
    pub needs: Vec<(String, crate::UnitId)>,
    /// Are these all it uses?
    pub knows_needs: bool,
}

impl UnitRow {
    /// Is it the declarations of a standard library?
    #[must_use]
    pub fn is_declared(&self) -> bool {
        self.ecosystem == crate::plan::declared::WORD
    }
}
