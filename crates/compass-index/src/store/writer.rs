//! Writing: facts in batches, then a generation made current at once.

use super::backend::{Backend, Batch, Key, Unwanted};
use super::blocks::{self, ChoiceEntry, DependencyEntry, Entry, ImportEntry, NameEntry, RelationEntry, UnlinkedEntry, UseEntry};
use super::listing::{self, PartRef};
use super::reader::{self, GENERATION, OLDEST};
use super::{FileRow, OpenError, PackedLinks, StoreError, UnitRow, sqlite};
use crate::identity::Numbers;
use crate::{FileId, FileLinks, Summary};
use compass_facts::Facts;
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
    /// Macros that files share, and who asked for them.
    pub macros: std::sync::Arc<crate::PackedMacros>,
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
    backend: Box<dyn Backend>,
}

impl Writer {
    /// Opens the store for writing and makes it if needed. One of another version, or that is no store, is replaced;
    /// then the second value says why.
    ///
    /// # Errors
    /// [`StoreError`] if the folder or file cannot be made.
    pub fn open(path: &Path) -> Result<(Writer, Option<OpenError>), StoreError> {
        let (connection, why) = sqlite::open_or_make(path)?;
        Ok((Writer { backend: Box::new(connection) }, why))
    }

    /// Writes where another backend keeps it.
    #[cfg(test)]
    pub(super) fn over(backend: Box<dyn Backend>) -> Writer {
        Writer { backend }
    }

    /// Writes the facts of some files, packed by [`pack_facts`], in one transaction.
    pub fn put_facts(&mut self, batch: &[(FileId, u64, PackedFacts)]) -> Result<(), StoreError> {
        self.backend.write(&mut |to| batch.iter().try_for_each(|(file, hash, packed)| to.put(Key::Facts(*file, *hash), packed.sum, &packed.blob)))
    }

    /// Every row of facts there is: those of the current generation, and those a killed run left.
    pub fn fact_keys(&self) -> Result<FxHashSet<(FileId, u64)>, StoreError> {
        let mut out = FxHashSet::default();
        self.backend.each_fact_key(&mut |file, hash| {
            out.insert((file, hash));
        })?;
        Ok(out)
    }

    /// Facts left by a run that never finished, or read for the current generation.
    pub fn facts(&self, file: FileId, hash: u64) -> Result<Option<(Facts, Numbers)>, StoreError> {
        reader::packed_facts(&*self.backend, file, hash)?.map(reader::StoredFacts::unpack).transpose()
    }

    /// How much room the store takes, in bytes.
    pub fn size(&self) -> Result<u64, StoreError> {
        self.backend.size()
    }

    /// Looks at everything a generation is made of: every blob has its checksum, every file its facts and links.
    ///
    /// # Errors
    /// [`StoreError::is_damage`] where something is not as it was written.
    pub fn verify(&self, generation: &Generation) -> Result<(), StoreError> {
        if !self.backend.is_whole()? {
            return Err(StoreError::Damaged { what: "file" });
        }
        self.backend.each_block(&mut |what, sum, bytes| if blocks::checksum(bytes) == sum { Ok(()) } else { Err(StoreError::Damaged { what }) })?;
        let facts = self.fact_keys()?;
        for file in generation.files.iter().filter(|_| generation.linked) {
            if !facts.contains(&(file.id, file.hash)) || self.backend.newest_links(file.id, i64::MAX)?.is_none() {
                return Err(StoreError::Damaged { what: "rows" });
            }
        }
        Ok(())
    }

    /// The current generation, if any is complete.
    pub fn current(&self) -> Result<Option<(i64, Generation)>, StoreError> {
        reader::current(&*self.backend, None)
    }

    /// What tells this store from others that stood or will stand at its place.
    pub(crate) fn made(&self) -> Result<Option<String>, StoreError> {
        reader::made(&*self.backend)
    }

    /// The number of the current generation.
    pub(crate) fn current_number(&self) -> Result<Option<i64>, StoreError> {
        reader::current_number(&*self.backend)
    }

    /// Packed links as the current generation has them.
    pub fn links(&self, generation: i64, file: FileId) -> Result<Option<FileLinks>, StoreError> {
        reader::packed_links(&*self.backend, generation, file)?.map(reader::StoredLinks::unpack).transpose()
    }

    /// Makes room for a new generation; gives the highest number in use, 0 without one: names may stand under a number whose links never came.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn begin(&mut self) -> Result<i64, StoreError> {
        let current = self.current().ok().flatten();
        let (old, base, names) = current.as_ref().map_or((0, 0, 0), |(g, o)| (*g, o.base, o.names));
        let (later, crossings) = current.as_ref().map_or((base, base), |(_, o)| (o.later.as_ref().map_or(base, |l| l.run), o.crossings));
        // What a killed run may have left, and what readers of an earlier generation have had time to finish with.
        self.backend.write(&mut |to| {
            let links = to.remove(Unwanted::LinksOutside(base, old))?;
            let postings = to.remove(Unwanted::OtherPostings(&[base, names, later, crossings]))?;
            if links + postings > 0 { put_oldest(to, old) } else { Ok(()) }
        })?;
        Ok(old.max(names))
    }

    /// Writes links of some files in one transaction.
    pub fn put_links(&mut self, generation: i64, batch: &[(FileId, PackedLinks)]) -> Result<(), StoreError> {
        self.backend.write(&mut |to| put_links(to, generation, batch))
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
        let taken = before.1.later.as_ref().map(|l| l.run);
        let mut part = Some(part);
        let mut parts = Vec::new();
        self.backend.write(&mut |to| {
            let Some(Part { files, names, links, uses, small }) = part.take() else { return Ok(()) };
            remove_retired(to, before, overview)?;
            put_links(to, generation, &links)?;
            take_over(to, generation, taken, files, names)?;
            take_over(to, generation, taken, files, uses)?;
            take_over(to, generation, taken, files, small.imports)?;
            take_over(to, generation, taken, files, small.relations)?;
            take_over(to, generation, taken, files, small.unlinked)?;
            take_over(to, generation, taken, files, small.dependencies)?;
            take_over(to, generation, taken, files, small.choices)?;
            take_over(to, generation, None, files, small.crossings)?;
            parts = put_overview(to, generation, overview, Some(before.1))?;
            Ok(())
        })?;
        overview.parts = parts;
        Ok(())
    }

    /// All crossings of a generation.
    pub(crate) fn all_crossings(&self, overview: &Generation) -> Result<Vec<crate::CrossingEntry>, StoreError> {
        reader::all(&*self.backend, overview.crossings)
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
        let mut cut = Some(cut);
        self.backend.write(&mut |to| {
            let Some(cut) = cut.take() else { return Ok(()) };
            // What is there when it fails half-way is hidden by its number.
            cut(&mut |first, block, bytes| {
                to.put(Key::Postings(generation, E::FAMILY, first, block), blocks::checksum(bytes), bytes)?;
                // Pieces of bounded size: the log beside the file grows no larger.
                if block % 512 == 511 { to.settle() } else { Ok(()) }
            })
        })
    }

    /// The one moment in which readers begin to see the new generation.
    fn make_current(&mut self, generation: i64, overview: &mut Generation) -> Result<(), StoreError> {
        let mut parts = Vec::new();
        self.backend.write(&mut |to| {
            parts = put_overview(to, generation, overview, None)?;
            Ok(())
        })?;
        overview.parts = parts;
        Ok(())
    }

    /// Facts that the current generation does not use. The previous generation's links stay for readers in mid-answer.
    fn forget_old(&mut self, generation: i64, overview: &Generation) -> Result<(), StoreError> {
        let used: FxHashSet<(FileId, u64)> = overview.files.iter().map(|f| (f.id, f.hash)).collect();
        let mut stale = Vec::new();
        self.backend.each_fact_key(&mut |file, hash| {
            if !used.contains(&(file, hash)) {
                stale.push((file, hash));
            }
        })?;
        if stale.is_empty() {
            return Ok(());
        }
        self.backend.write(&mut |to| {
            stale.iter().try_for_each(|(file, hash)| to.remove(Unwanted::Facts(*file, *hash)).map(drop))?;
            put_oldest(to, generation)
        })
    }
}

fn put_links(to: &dyn Batch, generation: i64, links: &[(FileId, PackedLinks)]) -> Result<(), StoreError> {
    links.iter().try_for_each(|(file, packed)| to.put(Key::Links(*file, generation), packed.sum, &packed.blob))
}

/// Gives where the list of files stands; what `before` has of it is not written again.
fn put_overview(to: &dyn Batch, generation: i64, overview: &Generation, before: Option<&Generation>) -> Result<Vec<PartRef>, StoreError> {
    let parts = listing::put(to, generation, &overview.files, before)?;
    let (blob, sum) = blocks::pack(&(&parts, overview))?;
    to.remove(Unwanted::OverviewsBefore(generation))?;
    to.put(Key::Overview(generation), sum, &blob)?;
    to.set(GENERATION, &generation.to_string())?;
    Ok(parts)
}

/// Notes the oldest generation of which everything is still there: whoever answers from an older one begins anew.
fn put_oldest(to: &dyn Batch, generation: i64) -> Result<(), StoreError> {
    to.set(OLDEST, &generation.to_string())
}

/// Removes what the generation before had retired: nobody answers from the one before that any more.
fn remove_retired(to: &dyn Batch, (current, before): (i64, &Generation), now: &Generation) -> Result<(), StoreError> {
    put_oldest(to, current)?;
    let retired = &before.retired;
    // A content may have come back meanwhile.
    let gone: FxHashSet<FileId> = retired.facts.iter().map(|f| f.0).collect();
    let used: FxHashSet<(FileId, u64)> = now.files.iter().chain(&before.files).filter(|f| gone.contains(&f.id)).map(|f| (f.id, f.hash)).collect();
    if let Some(run) = retired.run {
        to.remove(Unwanted::Postings(run))?;
    }
    for (file, hash) in retired.facts.iter().filter(|f| !used.contains(f)) {
        to.remove(Unwanted::Facts(*file, *hash))?;
    }
    retired.links.iter().try_for_each(|file| to.remove(Unwanted::LinksBehind(*file, current)).map(drop))
}

/// Writes entries, and those of an earlier run that are of other files.
fn take_over<E: Entry>(to: &dyn Batch, generation: i64, earlier: Option<i64>, files: &FxHashSet<FileId>, entries: Vec<E>) -> Result<(), StoreError> {
    let mut all: Vec<E> = match earlier {
        Some(run) => reader::all(to, run)?,
        None => Vec::new(),
    };
    all.retain(|e| !files.contains(&e.owner()));
    all.extend(entries);
    all.sort_by(E::order);
    blocks::cut(all.into_iter().map(Ok), |first, block, bytes| to.put(Key::Postings(generation, E::FAMILY, first, block), blocks::checksum(bytes), bytes))
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
