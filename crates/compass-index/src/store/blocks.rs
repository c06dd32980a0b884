//! Posting entries, their keys and blocks; checksummed, compressed blobs.

use super::StoreError;
use crate::{Certainty, FileId, SymbolId, SymbolNo};
use compass_facts::{Flags, Kind, Role};
use serde::{Deserialize, Serialize, de::DeserializeOwned};

/// About this many bytes go into one block.
const BLOCK_BYTES: usize = 16 << 10;

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

/// A type under one of its bases.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct DerivedEntry {
    /// The base.
    pub base: SymbolId,
    /// What derives from it.
    pub derived: SymbolId,
}

/// Uses of a name that have no target, by cause.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct UnlinkedEntry {
    /// The name.
    pub name: String,
    /// Why.
    pub cause: crate::Cause,
    /// How many.
    pub count: u64,
}

impl Entry for UnlinkedEntry {
    const FAMILY: i64 = 5;
    fn key(&self) -> Vec<u8> {
        self.name.as_bytes().to_vec()
    }
}

/// Something kept in sorted blocks.
pub(super) trait Entry: Serialize + DeserializeOwned {
    /// Number of the family of postings.
    const FAMILY: i64;
    /// Sorts as the entry does.
    fn key(&self) -> Vec<u8>;
}

impl Entry for NameEntry {
    const FAMILY: i64 = 1;
    fn key(&self) -> Vec<u8> {
        self.name.as_bytes().to_vec()
    }
}

impl Entry for UseEntry {
    const FAMILY: i64 = 2;
    fn key(&self) -> Vec<u8> {
        self.target.to_key().to_vec()
    }
}

impl Entry for ImportEntry {
    const FAMILY: i64 = 3;
    fn key(&self) -> Vec<u8> {
        SymbolId::module(self.target).to_key().to_vec()
    }
}

impl Entry for crate::CrossingEntry {
    const FAMILY: i64 = 6;
    fn key(&self) -> Vec<u8> {
        self.target.to_key().to_vec()
    }
}

impl Entry for DerivedEntry {
    const FAMILY: i64 = 4;
    fn key(&self) -> Vec<u8> {
        self.base.to_key().to_vec()
    }
}

/// Cuts sorted entries into blocks; calls `put` with the first key, the block's number and its bytes.
pub(super) fn cut<E: Entry>(entries: &[E], mut put: impl FnMut(&[u8], i64, &[u8]) -> Result<(), StoreError>) -> Result<(), StoreError> {
    let mut start = 0;
    let mut block = 0;
    while start < entries.len() {
        // Entries are 10 to 60 bytes: guess a count, then shrink it to the size wanted.
        let mut count = (entries.len() - start).min(1200);
        let mut bytes = encode(&entries[start..start + count])?;
        while bytes.len() > 2 * BLOCK_BYTES && count > 1 {
            count /= 2;
            bytes = encode(&entries[start..start + count])?;
        }
        put(&entries[start].key(), block, &bytes)?;
        start += count;
        block += 1;
    }
    Ok(())
}

fn encode<T: Serialize + ?Sized>(value: &T) -> Result<Vec<u8>, StoreError> {
    postcard::to_allocvec(value).map_err(|_| StoreError::Shape { what: "encoding" })
}

/// A value as compressed bytes, with their checksum.
pub(super) fn pack<T: Serialize + ?Sized>(value: &T) -> Result<(Vec<u8>, i64), StoreError> {
    let blob = lz4_flex::compress_prepend_size(&encode(value)?);
    let sum = checksum(&blob);
    Ok((blob, sum))
}

/// The value of compressed bytes, if their checksum holds.
pub(super) fn unpack<T: DeserializeOwned>(blob: &[u8], sum: i64, what: &'static str) -> Result<T, StoreError> {
    if checksum(blob) != sum {
        return Err(StoreError::Damaged { what });
    }
    let bytes = lz4_flex::decompress_size_prepended(blob).map_err(|_| StoreError::Damaged { what })?;
    postcard::from_bytes(&bytes).map_err(|_| StoreError::Shape { what })
}

/// The entries of an uncompressed block.
pub(super) fn unblock<E: Entry>(blob: &[u8], sum: i64) -> Result<Vec<E>, StoreError> {
    if checksum(blob) != sum {
        return Err(StoreError::Damaged { what: "postings" });
    }
    postcard::from_bytes(blob).map_err(|_| StoreError::Shape { what: "postings" })
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
        let entries: Vec<DerivedEntry> = (0..5000)
            .map(|i| {
                let symbol = |n| SymbolId { file: FileId { unit: crate::UnitId(0), number: crate::FileNo(n) }, number: SymbolNo(n) };
                DerivedEntry { base: symbol(i), derived: symbol(i * 7) }
            })
            .collect();
        let mut back = Vec::new();
        cut(&entries, |_, _, bytes| {
            back.extend(unblock::<DerivedEntry>(bytes, checksum(bytes))?);
            Ok(())
        })
        .expect("cut");
        assert_eq!(back, entries);
    }
}
