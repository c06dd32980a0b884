//! Posting entries, their keys and blocks; checksummed, compressed blobs.

use super::{StoreError, columns};
use crate::{Certainty, FileId, SymbolId, SymbolNo};
use compass_facts::{Flags, Kind, Role};
use rustc_hash::FxHashSet;
use serde::{Deserialize, Serialize, de::DeserializeOwned};
use std::cmp::Ordering;
use std::sync::Arc;

/// A definition under its name.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct NameEntry {
    /// The name.
    pub name: String,
    /// The symbol.
    pub symbol: SymbolId,
    /// What it is.
    pub kind: Kind,
    /// Yes-or-no facts.
    pub flags: Flags,
}

/// A use under the symbol it refers to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct UseEntry {
    /// What it refers to.
    pub target: SymbolId,
    /// The file it stands in.
    pub file: FileId,
    /// Its number there.
    pub usage: u32,
    /// What is done.
    pub role: Role,
    /// How sure.
    pub certainty: Certainty,
    /// Is this target the link's first?
    pub first: bool,
    /// The definition it stands in.
    pub enclosing: Option<SymbolNo>,
}

/// An import under the file it leads to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct ImportEntry {
    /// The file imported.
    pub target: FileId,
    /// The importing file.
    pub file: FileId,
    /// The import's number there.
    pub import: u32,
}

/// How two types, or a type and a member, belong together.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub enum Relation {
    /// From a type to one derived from it.
    Derived = 0,
    /// From a type to one of its bases.
    Base = 1,
    /// From a type to a member that is written outside its body.
    Member = 2,
    /// From such a member to its type.
    Owner = 3,
}

compass_facts::stored_by_number!(Relation { Derived = 0, Base = 1, Member = 2, Owner = 3 });

/// Two symbols that belong together, under the first.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct RelationEntry {
    /// Under which it is found.
    pub from: SymbolId,
    /// How they belong together.
    pub relation: Relation,
    /// The other.
    pub to: SymbolId,
    /// How sure.
    pub certainty: crate::Certainty,
    /// The file that says so.
    pub file: FileId,
}

/// Uses of a name that have no target, by cause.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct UnlinkedEntry {
    /// The name.
    pub name: String,
    /// Why.
    pub cause: crate::Cause,
    /// The file they stand in.
    pub file: FileId,
    /// How many.
    pub count: u64,
}

/// A file under a name that was looked up while it was linked, where its uses do not tell.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize)]
pub struct DependencyEntry {
    /// The hash of the name: see [`DependencyEntry::hash`].
    pub name: u32,
    /// The file; [`DependencyEntry::EVERY`] for what all files hang on.
    pub file: FileId,
}

impl DependencyEntry {
    /// Stands for all files.
    pub const EVERY: FileId = FileId { unit: crate::UnitId(u32::MAX), number: crate::FileNo(u32::MAX) };

    /// The hash of a name. Two names that share one only mean that a file is linked again for nothing.
    pub fn hash(name: &str) -> u32 {
        xxhash_rust::xxh3::xxh3_64(name.as_bytes()) as u32
    }
}

/// A macro that chooses between branches of a file: see [`crate::link`], `world`.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct ChoiceEntry {
    /// The macro.
    pub name: String,
    /// The file with the branches.
    pub file: FileId,
    /// Bytes in the branches with the macro.
    pub with: u64,
    /// Bytes in those without it.
    pub without: u64,
}

impl Entry for ChoiceEntry {
    const FAMILY: i64 = 8;
    fn key(&self) -> Vec<u8> {
        self.name.as_bytes().to_vec()
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (&a.name, a.file).cmp(&(&b.name, b.file))
    }

    fn has_key(&self, key: &[u8]) -> bool {
        self.name.as_bytes() == key
    }
}

impl Entry for DependencyEntry {
    const FAMILY: i64 = 7;
    const PER_BLOCK: usize = 8192;
    fn key(&self) -> Vec<u8> {
        self.name.to_be_bytes().to_vec()
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        a.cmp(b)
    }

    fn has_key(&self, key: &[u8]) -> bool {
        self.name.to_be_bytes() == key
    }

    fn encode(entries: &[Self]) -> Result<Vec<u8>, StoreError> {
        Ok(columns::dependencies_out(entries))
    }

    fn decode(bytes: &[u8]) -> Result<Vec<Self>, StoreError> {
        columns::dependencies_in(bytes)
    }
}

impl Entry for UnlinkedEntry {
    const FAMILY: i64 = 5;
    // Every answer looks here for what it may be missing.
    const PER_BLOCK: usize = SMALL_BLOCK;
    fn key(&self) -> Vec<u8> {
        self.name.as_bytes().to_vec()
    }

    fn has_key(&self, key: &[u8]) -> bool {
        self.name.as_bytes() == key
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (&a.name, a.cause, a.file).cmp(&(&b.name, b.cause, b.file))
    }
}

/// Entries of a block where the kind is rare: size matters less than time to find one.
const SMALL_BLOCK: usize = 128;

/// Something kept in sorted blocks.
pub trait Entry: Serialize + DeserializeOwned {
    /// Number of the family of postings.
    const FAMILY: i64;
    /// Entries of a block.
    const PER_BLOCK: usize = 1024;
    /// Sorts as the entry does.
    fn key(&self) -> Vec<u8>;
    /// The file whose linking made the entry: it goes when that file is linked again.
    fn owner(&self) -> FileId;
    /// The order of entries.
    fn order(a: &Self, b: &Self) -> Ordering;

    /// Has it that very key? Asked for every entry of a block.
    fn has_key(&self, key: &[u8]) -> bool {
        self.key() == key
    }

    /// Appends those of a block's entries that have that very key.
    fn pick(bytes: &[u8], key: &[u8], out: &mut Vec<Self>) -> Result<(), StoreError> {
        out.extend(Self::decode(bytes)?.into_iter().filter(|e| e.has_key(key)));
        Ok(())
    }

    /// The bytes of a block.
    fn encode(entries: &[Self]) -> Result<Vec<u8>, StoreError> {
        encode(entries)
    }

    /// The entries of a block.
    fn decode(bytes: &[u8]) -> Result<Vec<Self>, StoreError> {
        postcard::from_bytes(bytes).map_err(|_| StoreError::Shape { what: "postings" })
    }
}

impl Entry for NameEntry {
    const FAMILY: i64 = 1;
    /// Of many names some are looked up one by one: small blocks are soon unpacked.
    const PER_BLOCK: usize = 256;
    fn key(&self) -> Vec<u8> {
        self.name.as_bytes().to_vec()
    }

    fn owner(&self) -> FileId {
        self.symbol.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (&a.name, a.symbol).cmp(&(&b.name, b.symbol))
    }

    fn has_key(&self, key: &[u8]) -> bool {
        self.name.as_bytes() == key
    }

    fn pick(bytes: &[u8], key: &[u8], out: &mut Vec<Self>) -> Result<(), StoreError> {
        columns::pick_names(bytes, key, out)
    }

    fn encode(entries: &[Self]) -> Result<Vec<u8>, StoreError> {
        Ok(columns::names_out(entries))
    }

    fn decode(bytes: &[u8]) -> Result<Vec<Self>, StoreError> {
        columns::names_in(bytes)
    }
}

impl Entry for UseEntry {
    const FAMILY: i64 = 2;
    fn key(&self) -> Vec<u8> {
        self.target.to_key().to_vec()
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (a.target, a.file, a.usage).cmp(&(b.target, b.file, b.usage))
    }

    fn has_key(&self, key: &[u8]) -> bool {
        self.target.to_key() == key
    }

    fn pick(bytes: &[u8], key: &[u8], out: &mut Vec<Self>) -> Result<(), StoreError> {
        columns::pick_uses(bytes, key, out)
    }

    fn encode(entries: &[Self]) -> Result<Vec<u8>, StoreError> {
        Ok(columns::uses_out(entries))
    }

    fn decode(bytes: &[u8]) -> Result<Vec<Self>, StoreError> {
        columns::uses_in(bytes)
    }
}

impl Entry for ImportEntry {
    const FAMILY: i64 = 3;
    fn key(&self) -> Vec<u8> {
        SymbolId::module(self.target).to_key().to_vec()
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (a.target, a.file, a.import).cmp(&(b.target, b.file, b.import))
    }

    fn has_key(&self, key: &[u8]) -> bool {
        SymbolId::module(self.target).to_key() == key
    }

    fn encode(entries: &[Self]) -> Result<Vec<u8>, StoreError> {
        Ok(columns::imports_out(entries))
    }

    fn decode(bytes: &[u8]) -> Result<Vec<Self>, StoreError> {
        columns::imports_in(bytes)
    }
}

impl Entry for crate::CrossingEntry {
    const FAMILY: i64 = 6;
    const PER_BLOCK: usize = SMALL_BLOCK;
    fn key(&self) -> Vec<u8> {
        self.target.to_key().to_vec()
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (a.target, a.file, a.number).cmp(&(b.target, b.file, b.number))
    }
}

impl Entry for RelationEntry {
    const FAMILY: i64 = 4;
    const PER_BLOCK: usize = SMALL_BLOCK;
    fn key(&self) -> Vec<u8> {
        self.from.to_key().to_vec()
    }

    fn owner(&self) -> FileId {
        self.file
    }

    fn order(a: &Self, b: &Self) -> Ordering {
        (a.from, a.relation, a.to, a.file).cmp(&(b.from, b.relation, b.to, b.file))
    }
}

/// Cuts sorted entries into blocks; calls `put` with the first key, the block's number and its bytes.
pub(super) fn cut<E: Entry>(
    entries: impl Iterator<Item = Result<E, StoreError>>,
    mut put: impl FnMut(&[u8], i64, &[u8]) -> Result<(), StoreError>,
) -> Result<(), StoreError> {
    let mut waiting: Vec<E> = Vec::with_capacity(E::PER_BLOCK);
    let mut block = 0;
    let mut flush = |waiting: &mut Vec<E>| -> Result<(), StoreError> {
        if let Some(first) = waiting.first() {
            put(&first.key(), block, &squeeze(&E::encode(waiting)?)?)?;
            block += 1;
            waiting.clear();
        }
        Ok(())
    };
    for entry in entries {
        waiting.push(entry?);
        if waiting.len() >= E::PER_BLOCK {
            flush(&mut waiting)?;
        }
    }
    flush(&mut waiting)
}

/// As [`cut`], for very many entries: they are made and packed on threads of their own while `put` writes.
pub(super) fn cut_on_threads<E: Entry + Send>(
    entries: impl Iterator<Item = Result<E, StoreError>> + Send,
    mut put: impl FnMut(&[u8], i64, &[u8]) -> Result<(), StoreError>,
) -> Result<(), StoreError> {
    let (made, to_pack) = crossbeam_channel::bounded::<Result<Vec<E>, StoreError>>(64);
    let (packed, to_write) = crossbeam_channel::bounded::<Result<(Vec<u8>, Vec<u8>), StoreError>>(64);
    std::thread::scope(|scope| {
        // A side that fails ends, and with its channel the one before it.
        scope.spawn(move || {
            let mut entries = entries;
            loop {
                let block: Result<Vec<E>, StoreError> = entries.by_ref().take(E::PER_BLOCK).collect();
                let is_last = !matches!(&block, Ok(b) if b.len() == E::PER_BLOCK);
                if made.send(block).is_err() || is_last {
                    break;
                }
            }
        });
        scope.spawn(move || {
            for block in to_pack {
                let block = block.and_then(|b| b.first().map(|first| Ok((first.key(), squeeze(&E::encode(&b)?)?))).transpose());
                if block.transpose().is_some_and(|b| packed.send(b).is_err()) {
                    break;
                }
            }
        });
        for (number, block) in to_write.into_iter().enumerate() {
            let (first, bytes) = block?;
            put(&first, number as i64, &bytes)?;
        }
        Ok(())
    })
}

/// Compressed bytes, their size in front.
fn squeeze(bytes: &[u8]) -> Result<Vec<u8>, StoreError> {
    let mut out = (bytes.len() as u32).to_le_bytes().to_vec();
    // A compressor asks for megabytes when it is made: each thread keeps one.
    thread_local! {
        static COMPRESSOR: std::cell::RefCell<Option<zstd::bulk::Compressor<'static>>> = const { std::cell::RefCell::new(None) };
    }
    let shape = |_| StoreError::Shape { what: "compressing" };
    COMPRESSOR.with_borrow_mut(|kept| {
        let compressor = match kept {
            Some(compressor) => compressor,
            None => kept.insert(zstd::bulk::Compressor::new(1).map_err(shape)?),
        };
        out.extend_from_slice(&compressor.compress(bytes).map_err(shape)?);
        Ok(out)
    })
}

/// The largest space for expanding that a thread keeps, in bytes.
const KEPT_SPACE: usize = 8 << 20;

/// Does something with what [`squeeze`] made smaller. The space is kept from one time to the next: fresh memory would cost more than the work.
fn expanded<R>(bytes: &[u8], what: &'static str, work: impl FnOnce(&[u8]) -> Result<R, StoreError>) -> Result<R, StoreError> {
    let (size, packed) = bytes.split_first_chunk::<4>().ok_or(StoreError::Damaged { what })?;
    let size = u32::from_le_bytes(*size) as usize;
    thread_local! {
        static KEPT: std::cell::RefCell<Option<(zstd::bulk::Decompressor<'static>, Vec<u8>)>> = const { std::cell::RefCell::new(None) };
    }
    let damaged = |_| StoreError::Damaged { what };
    let (mut decompressor, mut space) = match KEPT.take() {
        Some(kept) => kept,
        None => (zstd::bulk::Decompressor::new().map_err(damaged)?, Vec::new()),
    };
    space.clear();
    space.reserve(size);
    let result = decompressor.decompress_to_buffer(packed, &mut space).map_err(damaged).and_then(|_| work(&space));
    if space.capacity() <= KEPT_SPACE {
        KEPT.set(Some((decompressor, space)));
    }
    result
}

pub(super) fn encode<T: Serialize + ?Sized>(value: &T) -> Result<Vec<u8>, StoreError> {
    postcard::to_allocvec(value).map_err(|_| StoreError::Shape { what: "encoding" })
}

/// A value as compressed bytes, with their checksum.
pub(super) fn pack<T: Serialize + ?Sized>(value: &T) -> Result<(Vec<u8>, i64), StoreError> {
    pack_bytes(&encode(value)?)
}

/// Bytes compressed, with the checksum of that.
pub(super) fn pack_bytes(bytes: &[u8]) -> Result<(Vec<u8>, i64), StoreError> {
    let blob = squeeze(bytes)?;
    let sum = checksum(&blob);
    Ok((blob, sum))
}

/// The value of compressed bytes, if their checksum holds.
pub(super) fn unpack<T: DeserializeOwned>(blob: &[u8], sum: i64, what: &'static str) -> Result<T, StoreError> {
    with_unpacked(blob, sum, what, |bytes| postcard::from_bytes(bytes).map_err(|_| StoreError::Shape { what }))
}

/// Does something with compressed bytes as they were, if their checksum holds.
pub(super) fn with_unpacked<R>(blob: &[u8], sum: i64, what: &'static str, work: impl FnOnce(&[u8]) -> Result<R, StoreError>) -> Result<R, StoreError> {
    if checksum(blob) != sum {
        return Err(StoreError::Damaged { what });
    }
    expanded(blob, what, work)
}

/// Blocks with their checksums.
pub(super) type Blocks = Vec<(i64, Vec<u8>)>;

/// Blocks that hold all entries of a key, still packed: unpacking needs no connection.
pub struct PackedEntries<E> {
    key: Vec<u8>,
    blocks: Blocks,
    /// Blocks of the files that were linked again since, and these files.
    later: Option<(Blocks, Arc<FxHashSet<FileId>>)>,
    entry: std::marker::PhantomData<E>,
}

impl<E: Entry> PackedEntries<E> {
    pub(super) fn new(key: &[u8], blocks: Blocks, later: Option<(Blocks, Arc<FxHashSet<FileId>>)>) -> Self {
        PackedEntries { key: key.to_vec(), blocks, later, entry: std::marker::PhantomData }
    }

    /// The entries of the key.
    ///
    /// # Errors
    /// [`StoreError::Damaged`] and [`StoreError::Shape`].
    pub fn unpack(self) -> Result<Vec<E>, StoreError> {
        let mut out = Vec::new();
        pick(&self.blocks, &self.key, &mut out)?;
        if let Some((blocks, hidden)) = &self.later {
            out.retain(|e: &E| !hidden.contains(&e.owner()));
            let before = out.len();
            pick(blocks, &self.key, &mut out)?;
            if before > 0 && out.len() > before {
                out.sort_by(E::order);
            }
        }
        Ok(out)
    }
}

fn pick<E: Entry>(blocks: &Blocks, key: &[u8], out: &mut Vec<E>) -> Result<(), StoreError> {
    blocks.iter().try_for_each(|(sum, blob)| with_unpacked(blob, *sum, "postings", |bytes| E::pick(bytes, key, out)))
}

/// The entries of a block.
#[cfg(test)]
pub(super) fn unblock<E: Entry>(blob: &[u8], sum: i64) -> Result<Vec<E>, StoreError> {
    with_unpacked(blob, sum, "postings", E::decode)
}

pub(super) fn checksum(bytes: &[u8]) -> i64 {
    xxhash_rust::xxh3::xxh3_64(bytes) as i64
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_flipped_bit_is_noticed() {
        let (mut blob, sum) = pack(&vec![1u32, 2, 3]).expect("packed");
        assert_eq!(unpack::<Vec<u32>>(&blob, sum, "test").expect("whole"), [1, 2, 3]);
        let last = blob.len() - 1;
        blob[last] ^= 1;
        assert!(matches!(unpack::<Vec<u32>>(&blob, sum, "test"), Err(StoreError::Damaged { .. })));
    }

    #[test]
    fn blocks_hold_all_entries_in_order() {
        let entries = relations(5000);
        let mut back = Vec::new();
        cut(entries.iter().copied().map(Ok), |_, _, bytes| {
            back.extend(unblock::<RelationEntry>(bytes, checksum(bytes))?);
            Ok(())
        })
        .expect("cut");
        assert_eq!(back, entries);
    }

    fn relations(count: u32) -> Vec<RelationEntry> {
        let symbol = |n| SymbolId { file: FileId { unit: crate::UnitId(0), number: crate::FileNo(n) }, number: SymbolNo(n) };
        (0..count)
            .map(|i| RelationEntry {
                from: symbol(i),
                relation: Relation::Derived,
                to: symbol(i * 7),
                certainty: crate::Certainty::Proven,
                file: symbol(i).file,
            })
            .collect()
    }

    type Cut = Vec<(Vec<u8>, i64, Vec<u8>)>;

    #[rstest::rstest]
    #[case::none(0)]
    #[case::less_than_a_block(7)]
    #[case::whole_blocks(2048)]
    #[case::many(150_000)]
    fn threads_cut_the_same_blocks(#[case] count: u32) {
        let entries = relations(count);
        let (mut one, mut many): (Cut, Cut) = Default::default();
        let keep = |to: &mut Cut, first: &[u8], block: i64, bytes: &[u8]| {
            to.push((first.to_vec(), block, bytes.to_vec()));
            Ok(())
        };
        cut(entries.iter().copied().map(Ok), |f, n, b| keep(&mut one, f, n, b)).expect("cut");
        cut_on_threads(entries.iter().copied().map(Ok), |f, n, b| keep(&mut many, f, n, b)).expect("cut");
        assert!(one == many, "{} blocks and {}", one.len(), many.len());
    }

    #[test]
    fn an_entry_that_fails_ends_the_threads() {
        let broken = || StoreError::Shape { what: "test" };
        let entries = relations(9000).into_iter().map(Ok).chain([Err(broken())]).chain(relations(9000).into_iter().map(Ok));
        let result = cut_on_threads(entries, |_, _, _| Ok(()));
        assert!(matches!(result, Err(StoreError::Shape { what: "test" })));
        let result = cut_on_threads(relations(200_000).into_iter().map(Ok), |_, n, _| if n < 3 { Ok(()) } else { Err(broken()) });
        assert!(result.is_err(), "who writes may fail too");
    }
}
