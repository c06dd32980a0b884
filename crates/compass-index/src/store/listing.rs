//! The list of files of a generation, in parts: a change writes those parts anew that it changes, and who knows an earlier
//! generation reads no others.

use super::blocks;
use super::{FileRow, Generation, StoreError};
use rusqlite::{Connection, OptionalExtension, Transaction, params};
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
pub(super) fn put(transaction: &Transaction, generation: i64, files: &[FileRow], before: Option<&Generation>) -> Result<Vec<PartRef>, StoreError> {
    let mut insert = transaction.prepare_cached("INSERT OR REPLACE INTO files (part, generation, blob) VALUES (?, ?, ?)")?;
    let mut is_there = transaction.prepare_cached("SELECT 1 FROM files WHERE part = ? AND generation = ?")?;
    let mut forget = transaction.prepare_cached("DELETE FROM files WHERE part = ? AND generation <> ?")?;
    let mut parts = Vec::with_capacity(files.len().div_ceil(PART_FILES));
    for (i, rows) in files.chunks(PART_FILES).enumerate() {
        let known = before.and_then(|b| Some((b.parts.get(i)?, b.files.chunks(PART_FILES).nth(i)?)));
        if let Some((part, _)) = known.filter(|(_, old)| *old == rows)
            && is_there.exists(params![i as i64, part.generation])?
        {
            parts.push(*part);
            continue;
        }
        let (blob, sum) = blocks::pack(rows)?;
        insert.execute(params![i as i64, generation, blob])?;
        forget.execute(params![i as i64, generation])?;
        parts.push(PartRef { generation, sum });
    }
    transaction.execute("DELETE FROM files WHERE part >= ?", params![parts.len() as i64])?;
    Ok(parts)
}

/// The files of all parts; those that `known` has are taken from it.
pub(super) fn read(connection: &Connection, parts: &[PartRef], known: Option<&Generation>) -> Result<Vec<FileRow>, StoreError> {
    const WHAT: &str = "files";
    let mut select = connection.prepare_cached("SELECT blob FROM files WHERE part = ? AND generation = ?")?;
    let mut out = Vec::with_capacity(parts.len() * PART_FILES);
    for (i, part) in parts.iter().enumerate() {
        if let Some(rows) = known.filter(|k| k.parts.get(i) == Some(part)).and_then(|k| k.files.chunks(PART_FILES).nth(i)) {
            out.extend_from_slice(rows);
            continue;
        }
        let blob: Option<Vec<u8>> = select.query_row(params![i as i64, part.generation], |row| row.get(0)).optional()?;
        let rows: Vec<FileRow> = blocks::unpack(&blob.ok_or(StoreError::Damaged { what: WHAT })?, part.sum, WHAT)?;
        out.extend(rows);
    }
    Ok(out)
}
