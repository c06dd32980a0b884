//! Writing: facts in batches, then a generation made current at once.

use super::blocks::{self, DerivedEntry, Entry, ImportEntry, NameEntry, UnlinkedEntry, UseEntry};
use super::{FileRow, OpenError, StoreError, UnitRow, schema};
use crate::identity::Numbers;
use crate::{FileId, FileLinks, Summary};
use compass_facts::Facts;
use rusqlite::{Connection, params};
use serde::{Deserialize, Serialize};
use std::path::Path;

/// The sorted postings of a generation.
#[derive(Debug, Default)]
pub struct Postings {
    /// Definitions by name.
    pub names: Vec<NameEntry>,
    /// Uses by target.
    pub uses: Vec<UseEntry>,
    /// Imports by the file they lead to.
    pub imports: Vec<ImportEntry>,
    /// Types by base.
    pub derived: Vec<DerivedEntry>,
    /// Uses without a target by name.
    pub unlinked: Vec<UnlinkedEntry>,
    /// Crossings by target.
    pub crossings: Vec<crate::CrossingEntry>,
}

/// What a generation says as a whole.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub struct Generation {
    /// Roots, absolute.
    pub roots: Vec<String>,
    /// Units, by id.
    pub units: Vec<UnitRow>,
    /// Files, by id.
    pub files: Vec<FileRow>,
    /// Next free file number, by unit.
    pub next_file: Vec<u32>,
    /// Counts.
    pub summary: Summary,
    /// Symbols of the workspace's own units with the most uses, and how many.
    pub most_used: Vec<(crate::SymbolId, u64)>,
    /// Layers from the top.
    pub layers: Vec<crate::LayerRow>,
    /// Crossings by kind and by the layers they lead from and to.
    pub matrix: Vec<(crate::CrossingKind, Option<u16>, Option<u16>, u64)>,
    /// Are links there, or only facts?
    pub linked: bool,
    /// When the run began, in nanoseconds since 1970: files changed about then are looked at again.
    pub began_ns: i64,
    /// What the run was asked to include, for telling a change of mind from a change of files.
    pub request: String,
}

/// The one that writes.
pub struct Writer {
    connection: Connection,
}

impl Writer {
    /// Opens the store for writing and makes it if needed. One of another version, or that is no store, is replaced;
    /// then the second value says why.
    ///
    /// # Errors
    /// [`StoreError`] if the folder or file cannot be made.
    pub fn open(path: &Path) -> Result<(Writer, Option<OpenError>), StoreError> {
        if let Some(folder) = path.parent() {
            std::fs::create_dir_all(folder).map_err(StoreError::Folder)?;
        }
        match Self::try_open(path) {
            Ok(writer) => Ok((writer, None)),
            Err(why) => {
                remove(path).map_err(StoreError::Folder)?;
                let connection = Connection::open(path)?;
                schema::configure(&connection)?;
                schema::create(&connection)?;
                Ok((Writer { connection }, Some(why)))
            }
        }
    }

    fn try_open(path: &Path) -> Result<Writer, OpenError> {
        let damaged = |e: rusqlite::Error| OpenError::Damaged(Box::new(e));
        let connection = Connection::open(path).map_err(damaged)?;
        let found = schema::version(&connection).map_err(damaged)?;
        let is_new = found == 0 && connection.query_row("SELECT count(*) FROM sqlite_master", [], |r| r.get::<_, i64>(0)).map_err(damaged)? == 0;
        if !is_new && found != schema::SCHEMA_VERSION {
            return Err(OpenError::Version { found, wanted: schema::SCHEMA_VERSION });
        }
        schema::configure(&connection).map_err(damaged)?;
        if is_new {
            schema::create(&connection).map_err(damaged)?;
        }
        Ok(Writer { connection })
    }

    /// Writes the facts of some files, packed by [`pack_facts`], in one transaction.
    pub fn put_facts(&mut self, batch: &[(FileId, u64, PackedFacts)]) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        {
            let mut insert = transaction.prepare_cached("INSERT OR REPLACE INTO facts (unit, file, hash, sum, blob) VALUES (?, ?, ?, ?, ?)")?;
            for (file, hash, packed) in batch {
                insert.execute(params![file.unit.0, file.number.0, *hash as i64, packed.sum, packed.blob])?;
            }
        }
        transaction.commit()?;
        Ok(())
    }

    /// Every row of facts there is: those of the current generation, and those a killed run left.
    pub fn fact_keys(&self) -> Result<rustc_hash::FxHashSet<(FileId, u64)>, StoreError> {
        let mut select = self.connection.prepare("SELECT unit, file, hash FROM facts")?;
        let mut rows = select.query([])?;
        let mut out = rustc_hash::FxHashSet::default();
        while let Some(row) = rows.next()? {
            let file = FileId { unit: crate::UnitId(row.get(0)?), number: crate::FileNo(row.get(1)?) };
            out.insert((file, row.get::<_, i64>(2)? as u64));
        }
        Ok(out)
    }

    /// Facts left by a run that never finished, or read for the current generation.
    pub fn facts(&self, file: FileId, hash: u64) -> Result<Option<(Facts, Numbers)>, StoreError> {
        super::reader::facts_of(&self.connection, file, hash)
    }

    /// The current generation, if any is complete.
    pub fn current(&self) -> Result<Option<(i64, Generation)>, StoreError> {
        super::reader::current(&self.connection)
    }

    /// Packed links as the current generation has them.
    pub fn links(&self, generation: i64, file: FileId) -> Result<Option<FileLinks>, StoreError> {
        super::reader::links_of(&self.connection, generation, file)
    }

    /// Writes a generation and makes it the current one. `wrote` hears how many files' links are written.
    pub fn publish(&mut self, overview: &Generation, links: &[(FileId, FileLinks)], postings: &Postings, wrote: &dyn Fn(u64)) -> Result<(), StoreError> {
        let old = self.current()?.map_or(0, |(g, _)| g);
        let generation = old + 1;
        // What a killed run may have left under this number.
        self.connection.execute("DELETE FROM links WHERE generation <> ?", params![old])?;
        self.connection.execute("DELETE FROM postings WHERE generation <> ?", params![old])?;
        let mut files = 0;
        for batch in links.chunks(512) {
            let transaction = self.connection.transaction()?;
            {
                let mut insert = transaction.prepare_cached("INSERT INTO links (generation, unit, file, sum, blob) VALUES (?, ?, ?, ?, ?)")?;
                for (file, links) in batch {
                    let (blob, sum) = blocks::pack(links)?;
                    insert.execute(params![generation, file.unit.0, file.number.0, sum, blob])?;
                }
            }
            transaction.commit()?;
            files += batch.len() as u64;
            wrote(files);
        }
        self.put_postings(generation, &postings.names)?;
        self.put_postings(generation, &postings.uses)?;
        self.put_postings(generation, &postings.imports)?;
        self.put_postings(generation, &postings.derived)?;
        self.put_postings(generation, &postings.unlinked)?;
        self.put_postings(generation, &postings.crossings)?;
        self.make_current(generation, overview)?;
        self.forget_old(overview)
    }

    fn put_postings<E: Entry>(&mut self, generation: i64, entries: &[E]) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        {
            let mut insert = transaction.prepare_cached("INSERT INTO postings (generation, family, first, block, sum, blob) VALUES (?, ?, ?, ?, ?, ?)")?;
            blocks::cut(entries, |first, block, bytes| {
                insert.execute(params![generation, E::FAMILY, first, block, blocks::checksum(bytes), bytes])?;
                Ok(())
            })?;
        }
        transaction.commit()?;
        Ok(())
    }

    /// The one moment in which readers begin to see the new generation.
    fn make_current(&mut self, generation: i64, overview: &Generation) -> Result<(), StoreError> {
        let (blob, sum) = blocks::pack(overview)?;
        let transaction = self.connection.transaction()?;
        transaction.execute("DELETE FROM generations WHERE generation < ?", params![generation - 1])?;
        transaction.execute("INSERT OR REPLACE INTO generations (generation, sum, overview) VALUES (?, ?, ?)", params![generation, sum, blob])?;
        transaction.execute("INSERT OR REPLACE INTO meta (key, value) VALUES ('generation', ?)", params![generation.to_string()])?;
        transaction.commit()?;
        Ok(())
    }

    /// Facts that the current generation does not use. The previous generation's links stay for readers in mid-answer.
    fn forget_old(&mut self, overview: &Generation) -> Result<(), StoreError> {
        let used: rustc_hash::FxHashSet<(u32, u32, i64)> = overview.files.iter().map(|f| (f.id.unit.0, f.id.number.0, f.hash as i64)).collect();
        let mut stale = Vec::new();
        {
            let mut select = self.connection.prepare("SELECT unit, file, hash FROM facts")?;
            let mut rows = select.query([])?;
            while let Some(row) = rows.next()? {
                let key: (u32, u32, i64) = (row.get(0)?, row.get(1)?, row.get(2)?);
                if !used.contains(&key) {
                    stale.push(key);
                }
            }
        }
        if stale.is_empty() {
            return Ok(());
        }
        let transaction = self.connection.transaction()?;
        for (unit, file, hash) in stale {
            transaction.execute("DELETE FROM facts WHERE unit = ? AND file = ? AND hash = ?", params![unit, file, hash])?;
        }
        transaction.commit()?;
        Ok(())
    }
}

/// Facts ready to be written; packed by the reading threads.
#[derive(Debug)]
pub struct PackedFacts {
    blob: Vec<u8>,
    sum: i64,
}

/// Packs the facts of a file with the numbers of its definitions.
pub fn pack_facts(facts: &Facts, numbers: &Numbers) -> Result<PackedFacts, StoreError> {
    let (blob, sum) = blocks::pack(&(facts, numbers))?;
    Ok(PackedFacts { blob, sum })
}

/// Removes a store and the files SQLite keeps beside it.
fn remove(path: &Path) -> std::io::Result<()> {
    for suffix in ["", "-wal", "-shm"] {
        let mut name = path.as_os_str().to_owned();
        name.push(suffix);
        match std::fs::remove_file(&name) {
            Err(e) if e.kind() != std::io::ErrorKind::NotFound => return Err(e),
            _ => {}
        }
    }
    Ok(())
}
