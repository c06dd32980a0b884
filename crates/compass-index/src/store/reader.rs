//! Reading: one connection, any number of readers beside the one that writes.

use super::backend::{Backend, Block, Blocks, Key};
use super::blocks::{self, ChoiceEntry, DependencyEntry, Entry, ImportEntry, NameEntry, PackedEntries, RelationEntry, UnlinkedEntry, UseEntry};
use super::listing::{self, PartRef};
use super::{Generation, OpenError, StoreError, sqlite};
use crate::identity::Numbers;
use crate::{FileId, FileLinks, SymbolId};
use compass_facts::wire::PickedUse;
use compass_facts::{Facts, Flags, Kind, UseId};
use rustc_hash::FxHashSet;
use std::path::Path;
use std::sync::Arc;

/// Facts as they lie in the store; unpacking them needs no connection.
pub struct StoredFacts(i64, Vec<u8>);

impl StoredFacts {
    /// Facts with their checksum.
    pub(super) fn new(sum: i64, blob: Vec<u8>) -> StoredFacts {
        StoredFacts(sum, blob)
    }

    /// As they are written again.
    pub(crate) fn repack(self) -> super::PackedFacts {
        super::PackedFacts::stored(self.0, self.1)
    }

    /// The facts, and the numbers of their definitions, without giving the packed ones away.
    pub(crate) fn unpack_ref(&self) -> Result<(Facts, Numbers), StoreError> {
        unpack_facts(&self.1, self.0)
    }

    /// The facts, and the numbers of their definitions.
    pub fn unpack(self) -> Result<(Facts, Numbers), StoreError> {
        unpack_facts(&self.1, self.0)
    }

    /// What other files may ask for, and the numbers of definitions.
    pub fn unpack_outer(&self) -> Result<(Facts, Numbers), StoreError> {
        let shape = || StoreError::Shape { what: "facts" };
        blocks::with_unpacked(&self.1, self.0, "facts", |bytes| {
            let (numbers, facts) = parts(bytes)?;
            let numbers = postcard::from_bytes(numbers).map_err(|_| shape())?;
            Ok((compass_facts::wire::decode_outer(facts).map_err(|_| shape())?, numbers))
        })
    }

    /// Some uses without the rest; see [`compass_facts::wire::pick_uses`].
    pub fn pick(&self, wanted: &[UseId]) -> Result<Option<Vec<PickedUse>>, StoreError> {
        let shape = || StoreError::Shape { what: "facts" };
        blocks::with_unpacked(&self.1, self.0, "facts", |bytes| {
            let (_, facts) = parts(bytes)?;
            compass_facts::wire::pick_uses(facts, wanted).map_err(|_| shape())
        })
    }
}

/// Links as they lie in the store; unpacking them needs no connection.
pub struct StoredLinks(i64, Vec<u8>);

impl StoredLinks {
    /// The links.
    pub fn unpack(self) -> Result<FileLinks, StoreError> {
        super::links::unpack_links(&self.1, self.0)
    }
}

/// Which rows make up a generation: those of the run that linked everything, and those of the run that linked some files again.
#[derive(Debug, Clone, Default)]
pub struct Runs {
    /// The generation itself.
    pub(super) current: i64,
    /// The run that linked everything.
    pub(super) base: i64,
    /// The run that wrote its names: known before the links are.
    pub(super) names: i64,
    /// The run that wrote the crossings of all files.
    pub(super) crossings: i64,
    /// The run since, and the files it linked.
    pub(super) later: Option<(i64, Arc<FxHashSet<FileId>>)>,
}

impl Runs {
    /// The rows of a generation.
    pub fn of(current: i64, overview: &Generation) -> Runs {
        let later = overview.later.as_ref().map(|l| (l.run, Arc::new(l.files.iter().copied().collect())));
        Runs { current, base: overview.base, names: overview.names, crossings: overview.crossings, later }
    }
}

impl Runs {
    /// Did the same runs link everything and write all names?
    pub(crate) fn has_same_base(&self, other: &Runs) -> bool {
        (self.base, self.names) == (other.base, other.names)
    }
}

/// Reads a store.
pub struct Reader {
    backend: Box<dyn Backend>,
}

impl Reader {
    /// Opens an existing store.
    ///
    /// # Errors
    /// [`OpenError`] says what to do: a missing or unfinished index is built, one of another version or damaged is
    /// rebuilt.
    pub fn open(path: &Path) -> Result<Reader, OpenError> {
        Ok(Reader { backend: Box::new(sqlite::open(path)?) })
    }

    /// Reads what another backend keeps.
    #[cfg(test)]
    pub(super) fn over(backend: Box<dyn Backend>) -> Reader {
        Reader { backend }
    }

    /// The current generation, if any is complete.
    pub fn current(&self) -> Result<Option<(i64, Generation)>, StoreError> {
        current(&*self.backend, None)
    }

    /// The same for one who knows an earlier generation: of its list of files only what changed is read.
    pub fn current_after(&self, known: &Generation) -> Result<Option<(i64, Generation)>, StoreError> {
        current(&*self.backend, Some(known))
    }

    /// What tells this store from others that stood or will stand at its place.
    pub(crate) fn made(&self) -> Result<Option<String>, StoreError> {
        made(&*self.backend)
    }

    /// The number of the current generation.
    pub fn current_number(&self) -> Result<Option<i64>, StoreError> {
        current_number(&*self.backend)
    }

    /// The oldest generation of which everything is still there.
    pub(crate) fn oldest_number(&self) -> Result<i64, StoreError> {
        Ok(self.backend.value(OLDEST)?.and_then(|v| v.parse().ok()).unwrap_or(0))
    }

    /// The facts of a file as read from content with that hash, still packed.
    pub fn facts(&self, file: FileId, hash: u64) -> Result<Option<StoredFacts>, StoreError> {
        packed_facts(&*self.backend, file, hash)
    }

    /// The links of a file, still packed.
    pub fn links(&self, runs: &Runs, file: FileId) -> Result<Option<StoredLinks>, StoreError> {
        packed_links(&*self.backend, runs.current, file)
    }

    /// Definitions of exactly that name.
    pub fn names(&self, runs: &Runs, name: &str) -> Result<PackedEntries<NameEntry>, StoreError> {
        self.find_from(runs.names, runs, name.as_bytes())
    }

    /// Goes through all definitions by name, without keeping them.
    pub fn each_name(&self, runs: &Runs, visit: &mut dyn FnMut(&str, SymbolId, Kind, Flags)) -> Result<(), StoreError> {
        let Some((later, hidden)) = &runs.later else { return self.each_name_of(runs.names, visit) };
        let further: Vec<NameEntry> = self.all(*later)?;
        let mut further = further.iter().peekable();
        self.each_name_of(runs.names, &mut |name, symbol, kind, flags| {
            while let Some(entry) = further.next_if(|e| (e.name.as_str(), e.symbol) < (name, symbol)) {
                visit(&entry.name, entry.symbol, entry.kind, entry.flags);
            }
            if !hidden.contains(&symbol.file) {
                visit(name, symbol, kind, flags);
            }
        })?;
        further.for_each(|e| visit(&e.name, e.symbol, e.kind, e.flags));
        Ok(())
    }

    /// The names of the files that were linked since everything was.
    pub(crate) fn later_names(&self, runs: &Runs) -> Result<Vec<NameEntry>, StoreError> {
        runs.later.as_ref().map_or(Ok(Vec::new()), |(later, _)| self.all(*later))
    }

    /// All entries of a family that a run wrote, in order.
    pub(super) fn all<E: Entry>(&self, run: i64) -> Result<Vec<E>, StoreError> {
        all(&*self.backend, run)
    }

    fn each_name_of(&self, run: i64, visit: &mut dyn FnMut(&str, SymbolId, Kind, Flags)) -> Result<(), StoreError> {
        self.each_block::<NameEntry>(run, &mut |bytes| super::columns::each_name(bytes, visit))
    }

    /// The blocks of a family that a run wrote, in order, unpacked.
    fn each_block<E: Entry>(&self, run: i64, visit: &mut dyn FnMut(&[u8]) -> Result<(), StoreError>) -> Result<(), StoreError> {
        self.backend.each_postings(run, E::FAMILY, &mut |sum, bytes| blocks::with_unpacked(bytes, sum, "postings", &mut *visit))
    }

    /// Uses of a symbol, by file and place.
    pub fn uses(&self, runs: &Runs, symbol: SymbolId) -> Result<PackedEntries<UseEntry>, StoreError> {
        self.find(runs, &symbol.to_key())
    }

    /// Imports that lead to a file.
    pub fn importers(&self, runs: &Runs, file: FileId) -> Result<PackedEntries<ImportEntry>, StoreError> {
        self.find(runs, &SymbolId::module(file).to_key())
    }

    /// Uses of a name that have no target, by cause.
    pub fn unlinked(&self, runs: &Runs, name: &str) -> Result<PackedEntries<UnlinkedEntry>, StoreError> {
        self.find(runs, name.as_bytes())
    }

    /// Files that looked a name up while they were linked, where their uses do not tell.
    pub fn dependencies(&self, runs: &Runs, name: u32) -> Result<PackedEntries<DependencyEntry>, StoreError> {
        self.find(runs, &name.to_be_bytes())
    }

    /// Files in which a macro chooses between branches.
    pub fn choices(&self, runs: &Runs, name: &str) -> Result<PackedEntries<ChoiceEntry>, StoreError> {
        self.find(runs, name.as_bytes())
    }

    /// Goes through all imports that lead to files, by what they lead to; those of files that were linked again come last.
    pub(crate) fn each_import(&self, runs: &Runs, visit: &mut dyn FnMut(ImportEntry)) -> Result<(), StoreError> {
        let Some((later, hidden)) = &runs.later else { return self.each_import_of(runs.base, visit) };
        self.each_import_of(runs.base, &mut |entry| {
            if !hidden.contains(&entry.file) {
                visit(entry);
            }
        })?;
        self.each_import_of(*later, visit)
    }

    fn each_import_of(&self, run: i64, visit: &mut dyn FnMut(ImportEntry)) -> Result<(), StoreError> {
        self.each_block::<ImportEntry>(run, &mut |bytes| super::columns::each_import(bytes, visit))
    }

    /// What belongs to a type, or to a member.
    pub fn relations(&self, runs: &Runs, from: SymbolId) -> Result<PackedEntries<RelationEntry>, StoreError> {
        self.find(runs, &from.to_key())
    }

    /// Crossings that reach a symbol.
    pub fn crossings(&self, runs: &Runs, target: SymbolId) -> Result<PackedEntries<crate::CrossingEntry>, StoreError> {
        let key = target.to_key();
        Ok(PackedEntries::new(&key, self.blocks::<crate::CrossingEntry>(runs.crossings, &key)?, None))
    }

    /// The blocks that may hold entries with that very key: backwards from the last that begins with it or before it.
    fn find<E: Entry>(&self, runs: &Runs, key: &[u8]) -> Result<PackedEntries<E>, StoreError> {
        self.find_from(runs.base, runs, key)
    }

    fn find_from<E: Entry>(&self, base: i64, runs: &Runs, key: &[u8]) -> Result<PackedEntries<E>, StoreError> {
        let later = match &runs.later {
            Some((run, files)) => Some((self.blocks::<E>(*run, key)?, files.clone())),
            None => None,
        };
        Ok(PackedEntries::new(key, self.blocks::<E>(base, key)?, later))
    }

    fn blocks<E: Entry>(&self, run: i64, key: &[u8]) -> Result<blocks::Blocks, StoreError> {
        let mut found = Vec::new();
        self.backend.postings_back_from(run, E::FAMILY, key, &mut |first, sum, bytes| {
            found.push((sum, bytes.to_vec()));
            Ok(first >= key)
        })?;
        found.reverse();
        Ok(found)
    }
}

/// The values a store keeps by name: the current generation, the oldest that is whole, and what tells it from another at its place.
pub(super) const GENERATION: &str = "generation";
pub(super) const OLDEST: &str = "oldest";
pub(super) const MADE: &str = "made";

/// What tells a store from others that stood or will stand at its place.
pub(super) fn made<B: Blocks + ?Sized>(store: &B) -> Result<Option<String>, StoreError> {
    store.value(MADE)
}

pub(super) fn current_number<B: Blocks + ?Sized>(store: &B) -> Result<Option<i64>, StoreError> {
    Ok(store.value(GENERATION)?.and_then(|t| t.parse().ok()))
}

pub(super) fn current(store: &dyn Backend, known: Option<&Generation>) -> Result<Option<(i64, Generation)>, StoreError> {
    let mut found = None;
    // Number, overview and list of files of one moment, whatever is written meanwhile.
    store.at_one_moment(&mut |moment| {
        let Some(number) = current_number(moment)? else { return Ok(()) };
        let Some(Block { sum, bytes }) = moment.block(Key::Overview(number))? else { return Err(StoreError::Damaged { what: "overview" }) };
        let (parts, mut overview): (Vec<PartRef>, Generation) = blocks::unpack(&bytes, sum, "overview")?;
        overview.files = listing::read(moment, &parts, known)?;
        overview.parts = parts;
        found = Some((number, overview));
        Ok(())
    })?;
    Ok(found)
}

pub(super) fn packed_facts<B: Blocks + ?Sized>(store: &B, file: FileId, hash: u64) -> Result<Option<StoredFacts>, StoreError> {
    Ok(store.block(Key::Facts(file, hash))?.map(|b| StoredFacts(b.sum, b.bytes)))
}

/// A file that was not linked since keeps the row of the run that did.
pub(super) fn packed_links<B: Blocks + ?Sized>(store: &B, generation: i64, file: FileId) -> Result<Option<StoredLinks>, StoreError> {
    Ok(store.newest_links(file, generation)?.map(|b| StoredLinks(b.sum, b.bytes)))
}

/// All entries of a family that a run wrote, in order.
pub(super) fn all<E: Entry, B: Blocks + ?Sized>(store: &B, run: i64) -> Result<Vec<E>, StoreError> {
    let mut out = Vec::new();
    store.each_postings(run, E::FAMILY, &mut |sum, bytes| {
        out.extend(blocks::with_unpacked(bytes, sum, "postings", E::decode)?);
        Ok(())
    })?;
    Ok(out)
}

fn unpack_facts(blob: &[u8], sum: i64) -> Result<(Facts, Numbers), StoreError> {
    let shape = || StoreError::Shape { what: "facts" };
    blocks::with_unpacked(blob, sum, "facts", |bytes| {
        let (numbers, facts) = parts(bytes)?;
        let numbers = postcard::from_bytes(numbers).map_err(|_| shape())?;
        Ok((compass_facts::wire::decode(facts).map_err(|_| shape())?, numbers))
    })
}

/// The numbers of definitions, and the facts.
fn parts(bytes: &[u8]) -> Result<(&[u8], &[u8]), StoreError> {
    let split = bytes.split_first_chunk::<4>().and_then(|(head, rest)| rest.split_at_checked(u32::from_le_bytes(*head) as usize));
    split.ok_or(StoreError::Shape { what: "facts" })
}
