//! The list of files of a generation, in parts: a change writes those parts anew that it changes, and who knows an earlier
//! generation reads no others.

use super::backend::{Batch, Blocks, Key, Unwanted};
use super::blocks;
use super::{FileRow, Generation, StoreError};
use serde::{Deserialize, Serialize};

/// So many files stand in a part.
const PART_FILES: usize = 512;

/// Where a part stands. The same of two generations means the same files.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub(crate) struct PartRef {
    /// The generation that wrote it.
    generation: i64,
    /// Its checksum.
    sum: i64,
}

/// Writes the parts that are others than those of `before`, removes what neither has, and gives where all of them stand.
pub(super) fn put(batch: &dyn Batch, generation: i64, files: &[FileRow], before: Option<&Generation>) -> Result<Vec<PartRef>, StoreError> {
    let mut parts = Vec::with_capacity(files.len().div_ceil(PART_FILES));
    for (i, rows) in files.chunks(PART_FILES).enumerate() {
        let known = before.and_then(|b| Some((b.parts.get(i)?, b.files.chunks(PART_FILES).nth(i)?)));
        if let Some((part, _)) = known.filter(|(_, old)| *old == rows)
            && batch.has(Key::Part(i as i64, part.generation))?
        {
            parts.push(*part);
            continue;
        }
        let (blob, sum) = blocks::pack(rows)?;
        batch.put(Key::Part(i as i64, generation), sum, &blob)?;
        batch.remove(Unwanted::OtherParts(i as i64, generation))?;
        parts.push(PartRef { generation, sum });
    }
    batch.remove(Unwanted::PartsFrom(parts.len() as i64))?;
    Ok(parts)
}

/// The files of all parts; those that `known` has are taken from it.
pub(super) fn read(store: &dyn Blocks, parts: &[PartRef], known: Option<&Generation>) -> Result<Vec<FileRow>, StoreError> {
    const WHAT: &str = "files";
    let mut out = Vec::with_capacity(parts.len() * PART_FILES);
    for (i, part) in parts.iter().enumerate() {
        if let Some(rows) = known.filter(|k| k.parts.get(i) == Some(part)).and_then(|k| k.files.chunks(PART_FILES).nth(i)) {
            out.extend_from_slice(rows);
            continue;
        }
        let block = store.block(Key::Part(i as i64, part.generation))?.ok_or(StoreError::Damaged { what: WHAT })?;
        let rows: Vec<FileRow> = blocks::unpack(&block.bytes, part.sum, WHAT)?;
        out.extend(rows);
    }
    Ok(out)
}
