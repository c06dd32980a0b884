//! Writing: facts in batches, then a generation made current at once.

use super::blocks::{self, ChoiceEntry, DependencyEntry, Entry, ImportEntry, NameEntry, RelationEntry, UnlinkedEntry, UseEntry};
use super::listing::{self, PartRef};
use super::{FileRow, OpenError, PackedLinks, StoreError, UnitRow, schema};
use crate::identity::Numbers;
use crate::{FileId, FileLinks, Summary};
use compass_facts::Facts;
use rusqlite::{Connection, params};
use rustc_hash::FxHashSet;
use serde::{Deserialize, Serialize};
use std::path::Path;

/// The smaller postings of a generation, sorted.
#[derive(Debug, Default)]
pub(crate) struct SmallPostings {
    /// Imports by the file they lead to.
    pub(crate) imports: Vec<ImportEntry>,
    /// Types by base and the reverse, members by type and the reverse.
    pub(crate) relations: Vec<RelationEntry>,
    /// Uses without a target by name.
    pub(crate) unlinked: Vec<UnlinkedEntry>,
    /// Crossings by target.
    pub(crate) crossings: Vec<crate::CrossingEntry>,
    /// Files by the names they hang on.
    pub(crate) dependencies: Vec<DependencyEntry>,
    /// Macros by name, and what they choose.
    pub(crate) choices: Vec<ChoiceEntry>,
}

/// A run that linked some files again; what the base says of them is void.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub struct LaterRun {
    /// Its number.
    pub run: i64,
    /// The files, sorted: those linked in it or in one that it took over.
    pub files: Vec<FileId>,
}

/// Rows to be removed by the next run.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub struct Retired {
    /// The number of an earlier later run.
    pub run: Option<i64>,
    /// Facts of contents that are gone.
    pub facts: Vec<(FileId, u64)>,
    /// Files with more than one row of links.
    pub links: Vec<FileId>,
}

/// What linking some files again gave; see [`Writer::put_part`].
pub(crate) struct Part<'p> {
    /// The files.
    pub(crate) files: &'p FxHashSet<FileId>,
    /// Their names, sorted.
    pub(crate) names: Vec<NameEntry>,
    /// Links, also of other files whose crossings are others.
    pub(crate) links: Vec<(FileId, PackedLinks)>,
    /// Uses, sorted.
    pub(crate) uses: Vec<UseEntry>,
    /// The smaller postings; crossings of all files.
    pub(crate) small: SmallPostings,
}

/// What a generation says as a whole.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub struct Generation {
    /// Roots, absolute.
    pub roots: Vec<String>,
    /// How many of them were asked for; the others hold packages.
    pub own_roots: u32,
    /// How far dependencies were followed.
    pub deps: crate::plan::Deps,
    /// Units, by id.
    pub units: Vec<UnitRow>,
    /// Files, by id.
    #[serde(skip)]
    pub files: Vec<FileRow>,
    /// Where these stand in the store they were read from or written to.
    #[serde(skip)]
    pub(crate) parts: Vec<PartRef>,
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
    /// Files whose links are those of before a change that reaches them.
    pub pending: u64,
    /// The run that linked everything.
    pub base: i64,
    /// The run that wrote its names: known before the links are.
    pub names: i64,
    /// The run since, which linked some files again.
    pub later: Option<LaterRun>,
    /// The run that wrote the crossings of all files.
    pub crossings: i64,
    /// Names that files ask the system's linker for, sorted: definitions of these are reached from elsewhere.
    pub native: Vec<String>,
    /// What readers of the generation before may still look at.
    pub retired: Retired,
    /// When the run began, in nanoseconds since 1970: files changed about then are looked at again.
    pub began_ns: i64,
    /// What the run was asked to include, for telling a change of mind from a change of files.
    pub request: String,
}

impl Generation {
    /// Are facts there, or is it the list of files alone, which a first run shows while it reads?
    pub fn is_read(&self) -> bool {
        self.linked || self.names > 0
    }
}

/// Takes a block: its first key, its number and its bytes.
type PutBlock<'p> = dyn FnMut(&[u8], i64, &[u8]) -> Result<(), StoreError> + 'p;

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
            // A full disk or a lack of rights says nothing about what is there: only what is no store is replaced.
            Err(OpenError::Damaged(why)) if !is_no_store(why.as_ref()) => Err(StoreError::Open(why)),
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
        if !is_new && found != schema::schema_version() {
            return Err(OpenError::Version { found, wanted: schema::schema_version() });
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
        super::reader::packed_facts(&self.connection, file, hash)?.map(super::reader::StoredFacts::unpack).transpose()
    }

    /// Looks at everything a generation is made of: every blob has its checksum, every file its facts and links.
    ///
    /// # Errors
    /// [`StoreError::is_damage`] where something is not as it was written.
    pub fn verify(&self, generation: &Generation) -> Result<(), StoreError> {
        let said: String = self.connection.query_row("PRAGMA quick_check(1)", [], |r| r.get(0))?;
        if said != "ok" {
            return Err(StoreError::Damaged { what: "file" });
        }
        for (what, select) in
            [("facts", "SELECT sum, blob FROM facts"), ("links", "SELECT sum, blob FROM links"), ("postings", "SELECT sum, blob FROM postings")]
        {
            let mut select = self.connection.prepare(select)?;
            let mut rows = select.query([])?;
            while let Some(row) = rows.next()? {
                let sum: i64 = row.get(0)?;
                let is_whole = row.get_ref(1)?.as_blob().is_ok_and(|b| blocks::checksum(b) == sum);
                if !is_whole {
                    return Err(StoreError::Damaged { what });
                }
            }
        }
        let facts = self.fact_keys()?;
        let mut select = self.connection.prepare("SELECT count(*) FROM links WHERE unit = ? AND file = ?")?;
        for file in generation.files.iter().filter(|_| generation.linked) {
            let links: i64 = select.query_row(params![file.id.unit.0, file.id.number.0], |r| r.get(0))?;
            if !facts.contains(&(file.id, file.hash)) || links == 0 {
                return Err(StoreError::Damaged { what: "rows" });
            }
        }
        Ok(())
    }

    /// The current generation, if any is complete.
    pub fn current(&self) -> Result<Option<(i64, Generation)>, StoreError> {
        super::reader::current(&self.connection, None)
    }

    /// What tells this store from others that stood or will stand at its place.
    pub(crate) fn made(&self) -> Result<Option<String>, StoreError> {
        super::reader::made(&self.connection)
    }

    /// The number of the current generation.
    pub(crate) fn current_number(&self) -> Result<Option<i64>, StoreError> {
        super::reader::current_number(&self.connection)
    }

    /// Packed links as the current generation has them.
    pub fn links(&self, generation: i64, file: FileId) -> Result<Option<FileLinks>, StoreError> {
        super::reader::packed_links(&self.connection, generation, file)?.map(super::reader::StoredLinks::unpack).transpose()
    }

    /// Makes room for a new generation; gives the highest number in use, 0 without one: names may stand under a number whose links never came.
    ///
    /// # Errors
    /// [`StoreError::Sqlite`].
    pub fn begin(&mut self) -> Result<i64, StoreError> {
        let current = self.current().ok().flatten();
        let (old, base, names) = current.as_ref().map_or((0, 0, 0), |(g, o)| (*g, o.base, o.names));
        let (later, crossings) = current.as_ref().map_or((base, base), |(_, o)| (o.later.as_ref().map_or(base, |l| l.run), o.crossings));
        // What a killed run may have left, and what readers of an earlier generation have had time to finish with.
        let transaction = self.connection.transaction()?;
        let links = transaction.execute("DELETE FROM links WHERE generation > ? OR generation < ?", params![old, base])?;
        let postings = transaction.execute("DELETE FROM postings WHERE generation NOT IN (?, ?, ?, ?)", params![base, names, later, crossings])?;
        if links + postings > 0 {
            put_oldest(&transaction, old)?;
        }
        transaction.commit()?;
        Ok(old.max(names))
    }

    /// Writes links of some files in one transaction.
    pub fn put_links(&mut self, generation: i64, batch: &[(FileId, PackedLinks)]) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        {
            let mut insert = transaction.prepare_cached("INSERT OR REPLACE INTO links (generation, unit, file, sum, blob) VALUES (?, ?, ?, ?, ?)")?;
            for (file, packed) in batch {
                insert.execute(params![generation, file.unit.0, file.number.0, packed.sum, packed.blob])?;
            }
        }
        transaction.commit()?;
        Ok(())
    }

    /// Writes all definitions, sorted by name.
    pub fn put_names(&mut self, generation: i64, names: &mut dyn Iterator<Item = NameEntry>) -> Result<(), StoreError> {
        self.put_postings(generation, names.map(Ok))
    }

    /// Writes all uses, sorted by target.
    pub(crate) fn put_uses(&mut self, generation: i64, uses: impl Iterator<Item = Result<UseEntry, StoreError>> + Send) -> Result<(), StoreError> {
        self.put_blocks::<UseEntry>(generation, |put| blocks::cut_on_threads(uses, put))
    }

    /// Writes the smaller postings.
    pub(crate) fn put_small(&mut self, generation: i64, small: SmallPostings) -> Result<(), StoreError> {
        self.put_postings(generation, small.imports.into_iter().map(Ok))?;
        self.put_postings(generation, small.relations.into_iter().map(Ok))?;
        self.put_postings(generation, small.unlinked.into_iter().map(Ok))?;
        self.put_postings(generation, small.crossings.into_iter().map(Ok))?;
        self.put_postings(generation, small.choices.into_iter().map(Ok))?;
        self.put_blocks::<DependencyEntry>(generation, |put| blocks::cut_on_threads(small.dependencies.into_iter().map(Ok), put))
    }

    /// Makes a generation out of the one before and some files linked again, all in one transaction.
    ///
    /// The later run of before is taken over: there is never more than one.
    ///
    /// # Errors
    /// Store errors; nothing is changed then.
    pub(crate) fn put_part(&mut self, generation: i64, before: (i64, &Generation), part: Part, overview: &mut Generation) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        let taken = before.1.later.as_ref().map(|l| l.run);
        remove_retired(&transaction, before, overview)?;
        {
            let mut insert = transaction.prepare_cached("INSERT OR REPLACE INTO links (generation, unit, file, sum, blob) VALUES (?, ?, ?, ?, ?)")?;
            for (file, packed) in &part.links {
                insert.execute(params![generation, file.unit.0, file.number.0, packed.sum, packed.blob])?;
            }
        }
        let files = part.files;
        take_over(&transaction, generation, taken, files, part.names)?;
        take_over(&transaction, generation, taken, files, part.uses)?;
        take_over(&transaction, generation, taken, files, part.small.imports)?;
        take_over(&transaction, generation, taken, files, part.small.relations)?;
        take_over(&transaction, generation, taken, files, part.small.unlinked)?;
        take_over(&transaction, generation, taken, files, part.small.dependencies)?;
        take_over(&transaction, generation, taken, files, part.small.choices)?;
        take_over(&transaction, generation, None, files, part.small.crossings)?;
        overview.parts = put_overview(&transaction, generation, overview, Some(before.1))?;
        Ok(transaction.commit()?)
    }

    /// All crossings of a generation.
    pub(crate) fn all_crossings(&self, overview: &Generation) -> Result<Vec<crate::CrossingEntry>, StoreError> {
        super::reader::all(&self.connection, overview.crossings)
    }

    /// Shows which files there are, before any of them is read; facts that a killed run left stay.
    pub(crate) fn announce(&mut self, overview: &mut Generation) -> Result<(), StoreError> {
        let number = self.begin()? + 1;
        self.make_current(number, overview)
    }

    /// Makes a generation the current one, and forgets facts nobody needs any more.
    pub fn finish(&mut self, generation: i64, overview: &mut Generation) -> Result<(), StoreError> {
        self.make_current(generation, overview)?;
        self.forget_old(generation, overview)
    }

    fn put_postings<E: Entry>(&mut self, generation: i64, entries: impl Iterator<Item = Result<E, StoreError>>) -> Result<(), StoreError> {
        self.put_blocks::<E>(generation, |put| blocks::cut(entries, put))
    }

    fn put_blocks<E: Entry>(&mut self, generation: i64, cut: impl FnOnce(&mut PutBlock) -> Result<(), StoreError>) -> Result<(), StoreError> {
        // Transactions of bounded size: the log beside the file grows no larger.
        self.connection.execute_batch("BEGIN")?;
        let connection = &self.connection;
        let mut insert = connection.prepare_cached("INSERT INTO postings (generation, family, first, block, sum, blob) VALUES (?, ?, ?, ?, ?, ?)")?;
        let written = cut(&mut |first, block, bytes| {
            insert.execute(params![generation, E::FAMILY, first, block, blocks::checksum(bytes), bytes])?;
            if block % 512 == 511 {
                connection.execute_batch("COMMIT; BEGIN")?;
            }
            Ok(())
        });
        drop(insert);
        match written {
            Ok(()) => Ok(self.connection.execute_batch("COMMIT")?),
            Err(e) => {
                // What is there is hidden by its number; the error is what matters.
                let _ = self.connection.execute_batch("ROLLBACK");
                Err(e)
            }
        }
    }

    /// The one moment in which readers begin to see the new generation.
    fn make_current(&mut self, generation: i64, overview: &mut Generation) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        overview.parts = put_overview(&transaction, generation, overview, None)?;
        Ok(transaction.commit()?)
    }

    /// Facts that the current generation does not use. The previous generation's links stay for readers in mid-answer.
    fn forget_old(&mut self, generation: i64, overview: &Generation) -> Result<(), StoreError> {
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
        put_oldest(&transaction, generation)?;
        transaction.commit()?;
        Ok(())
    }
}

/// Gives where the list of files stands; what `before` has of it is not written again.
fn put_overview(transaction: &rusqlite::Transaction, generation: i64, overview: &Generation, before: Option<&Generation>) -> Result<Vec<PartRef>, StoreError> {
    let parts = listing::put(transaction, generation, &overview.files, before)?;
    let (blob, sum) = blocks::pack(&(&parts, overview))?;
    transaction.execute("DELETE FROM generations WHERE generation < ?", params![generation])?;
    transaction.execute("INSERT OR REPLACE INTO generations (generation, sum, overview) VALUES (?, ?, ?)", params![generation, sum, blob])?;
    transaction.execute("INSERT OR REPLACE INTO meta (key, value) VALUES ('generation', ?)", params![generation.to_string()])?;
    Ok(parts)
}

/// Notes the oldest generation of which everything is still there: whoever answers from an older one begins anew.
fn put_oldest(transaction: &rusqlite::Transaction, generation: i64) -> Result<(), StoreError> {
    transaction.execute("INSERT OR REPLACE INTO meta (key, value) VALUES ('oldest', ?)", params![generation.to_string()])?;
    Ok(())
}

/// Removes what the generation before had retired: nobody answers from the one before that any more.
fn remove_retired(transaction: &rusqlite::Transaction, (current, before): (i64, &Generation), now: &Generation) -> Result<(), StoreError> {
    put_oldest(transaction, current)?;
    let retired = &before.retired;
    // A content may have come back meanwhile.
    let gone: FxHashSet<FileId> = retired.facts.iter().map(|f| f.0).collect();
    let used: FxHashSet<(FileId, u64)> = now.files.iter().chain(&before.files).filter(|f| gone.contains(&f.id)).map(|f| (f.id, f.hash)).collect();
    if let Some(run) = retired.run {
        transaction.execute("DELETE FROM postings WHERE generation = ?", params![run])?;
    }
    let mut facts = transaction.prepare_cached("DELETE FROM facts WHERE unit = ? AND file = ? AND hash = ?")?;
    for (file, hash) in retired.facts.iter().filter(|f| !used.contains(f)) {
        facts.execute(params![file.unit.0, file.number.0, *hash as i64])?;
    }
    let mut links = transaction.prepare_cached(
        "DELETE FROM links WHERE unit = ?1 AND file = ?2 AND generation < (SELECT max(generation) FROM links WHERE unit = ?1 AND file = ?2 AND generation <= ?3)",
    )?;
    for file in &retired.links {
        links.execute(params![file.unit.0, file.number.0, current])?;
    }
    Ok(())
}

/// Writes entries, and those of an earlier run that are of other files.
fn take_over<E: Entry>(
    transaction: &rusqlite::Transaction,
    generation: i64,
    earlier: Option<i64>,
    files: &FxHashSet<FileId>,
    entries: Vec<E>,
) -> Result<(), StoreError> {
    let mut all: Vec<E> = match earlier {
        Some(run) => super::reader::all(transaction, run)?,
        None => Vec::new(),
    };
    all.retain(|e| !files.contains(&e.owner()));
    all.extend(entries);
    all.sort_by(E::order);
    let mut insert = transaction.prepare_cached("INSERT INTO postings (generation, family, first, block, sum, blob) VALUES (?, ?, ?, ?, ?, ?)")?;
    blocks::cut(all.into_iter().map(Ok), |first, block, bytes| {
        insert.execute(params![generation, E::FAMILY, first, block, blocks::checksum(bytes), bytes])?;
        Ok(())
    })
}

/// Facts ready to be written; packed by the reading threads.
#[derive(Debug, Clone)]
pub struct PackedFacts {
    blob: Vec<u8>,
    sum: i64,
}

impl PackedFacts {
    /// Facts out of a store, as they lie there.
    pub(super) fn stored(sum: i64, blob: Vec<u8>) -> PackedFacts {
        PackedFacts { blob, sum }
    }

    pub(super) fn sum(&self) -> i64 {
        self.sum
    }

    pub(super) fn blob(&self) -> &[u8] {
        &self.blob
    }
}

/// Packs the facts of a file with the numbers of its definitions.
pub fn pack_facts(facts: &Facts, numbers: &Numbers) -> Result<PackedFacts, StoreError> {
    let mut bytes = blocks::encode(numbers)?;
    let head = bytes.len() as u32;
    bytes.splice(0..0, head.to_le_bytes());
    bytes.extend(compass_facts::wire::encode(facts).map_err(|_| StoreError::Shape { what: "facts" })?);
    let (blob, sum) = blocks::pack_bytes(&bytes)?;
    Ok(PackedFacts { blob, sum })
}

/// Does the error say that the file is no store, or no longer one?
pub(super) fn is_no_store(error: &(dyn std::error::Error + 'static)) -> bool {
    use rusqlite::ErrorCode::{DatabaseCorrupt, NotADatabase, SchemaChanged, TypeMismatch, Unknown};
    let code = error.downcast_ref::<rusqlite::Error>().and_then(rusqlite::Error::sqlite_error_code);
    code.is_none_or(|c| matches!(c, DatabaseCorrupt | NotADatabase | SchemaChanged | TypeMismatch | Unknown))
}

/// Removes a store and the files SQLite keeps beside it.
pub(crate) fn remove(path: &Path) -> std::io::Result<()> {
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
