//! Sorting more uses than memory should hold: sorted runs in temporary files, merged in the end.
//!
//! The files have no name and vanish with the process, however that ends.

use super::StoreError;
use super::blocks::UseEntry;
use super::columns::{Input, UseCodec};
use crate::{FileId, SymbolId};
use std::cmp::Reverse;
use std::collections::BinaryHeap;
use std::fs::File;
use std::io::{Read, Seek, Write};
use std::path::{Path, PathBuf};

/// So many uses are sorted at once: about 50 MB.
const PER_RUN: usize = 1_400_000;
/// Uses in one frame of a run.
const PER_FRAME: usize = 8192;

/// The order of uses: by target, then by place.
type Order = (SymbolId, FileId, u32);

fn order(entry: &UseEntry) -> Order {
    (entry.target, entry.file, entry.usage)
}

/// Collects uses. One per thread.
pub(crate) struct UseRuns {
    folder: PathBuf,
    waiting: Vec<UseEntry>,
    runs: Vec<File>,
    limit: usize,
}

impl UseRuns {
    /// Runs are kept in files of that folder.
    pub(crate) fn new(folder: &Path) -> UseRuns {
        UseRuns { folder: folder.to_owned(), waiting: Vec::new(), runs: Vec::new(), limit: PER_RUN }
    }

    /// Adds a use.
    ///
    /// # Errors
    /// [`StoreError::Folder`] when the temporary file cannot be written.
    pub(crate) fn push(&mut self, entry: UseEntry) -> Result<(), StoreError> {
        self.waiting.push(entry);
        if self.waiting.len() >= self.limit { self.flush() } else { Ok(()) }
    }

    fn flush(&mut self) -> Result<(), StoreError> {
        self.waiting.sort_unstable_by_key(order);
        let mut file = tempfile::tempfile_in(&self.folder).map_err(StoreError::Folder)?;
        let mut out = std::io::BufWriter::with_capacity(1 << 20, &mut file);
        for frame in self.waiting.chunks(PER_FRAME) {
            let mut codec = UseCodec::new();
            let mut bytes = Vec::with_capacity(frame.len() * 8);
            frame.iter().for_each(|e| codec.put(e, &mut bytes));
            let header = [(bytes.len() as u32).to_le_bytes(), (frame.len() as u32).to_le_bytes()].concat();
            out.write_all(&header).and_then(|()| out.write_all(&bytes)).map_err(StoreError::Folder)?;
        }
        out.flush().map_err(StoreError::Folder)?;
        drop(out);
        self.runs.push(file);
        self.waiting.clear();
        Ok(())
    }
}

/// All uses of several collectors in order.
///
/// # Errors
/// [`StoreError::Folder`] when a temporary file cannot be read.
pub(crate) fn merge(all: Vec<UseRuns>) -> Result<Merge, StoreError> {
    let mut sources = Vec::new();
    for mut runs in all {
        runs.waiting.sort_unstable_by_key(order);
        sources.push(Source { file: None, frame: std::mem::take(&mut runs.waiting).into_iter() });
        for mut file in runs.runs {
            file.rewind().map_err(StoreError::Folder)?;
            sources.push(Source { file: Some(std::io::BufReader::with_capacity(1 << 18, file)), frame: Vec::new().into_iter() });
        }
    }
    let mut merge = Merge { sources, heap: BinaryHeap::new() };
    for i in 0..merge.sources.len() {
        merge.refill(i)?;
    }
    Ok(merge)
}

struct Source {
    file: Option<std::io::BufReader<File>>,
    frame: std::vec::IntoIter<UseEntry>,
}

impl Source {
    fn next(&mut self) -> Result<Option<UseEntry>, StoreError> {
        if let Some(entry) = self.frame.next() {
            return Ok(Some(entry));
        }
        let Some(file) = &mut self.file else { return Ok(None) };
        let mut header = [0u8; 8];
        match file.read_exact(&mut header) {
            Ok(()) => {}
            Err(e) if e.kind() == std::io::ErrorKind::UnexpectedEof => return Ok(None),
            Err(e) => return Err(StoreError::Folder(e)),
        }
        let number = |at: usize| u32::from_le_bytes([header[at], header[at + 1], header[at + 2], header[at + 3]]) as usize;
        let mut bytes = vec![0; number(0)];
        file.read_exact(&mut bytes).map_err(StoreError::Folder)?;
        let (mut input, mut codec) = (Input::new(&bytes), UseCodec::new());
        let entries: Result<Vec<UseEntry>, StoreError> = (0..number(4)).map(|_| codec.take(&mut input)).collect();
        self.frame = entries?.into_iter();
        Ok(self.frame.next())
    }
}

/// Gives uses in order, each with an error in its place where a file fails.
pub(crate) struct Merge {
    sources: Vec<Source>,
    heap: BinaryHeap<Reverse<(Order, usize, Packed)>>,
}

/// An entry in the heap; its order is settled by what stands before it.
struct Packed(UseEntry);

impl PartialEq for Packed {
    fn eq(&self, _: &Self) -> bool {
        true
    }
}
impl Eq for Packed {}
impl PartialOrd for Packed {
    fn partial_cmp(&self, other: &Self) -> Option<std::cmp::Ordering> {
        Some(self.cmp(other))
    }
}
impl Ord for Packed {
    fn cmp(&self, _: &Self) -> std::cmp::Ordering {
        std::cmp::Ordering::Equal
    }
}

impl Merge {
    fn refill(&mut self, source: usize) -> Result<(), StoreError> {
        if let Some(entry) = self.sources[source].next()? {
            self.heap.push(Reverse((order(&entry), source, Packed(entry))));
        }
        Ok(())
    }
}

impl Iterator for Merge {
    type Item = Result<UseEntry, StoreError>;

    fn next(&mut self) -> Option<Self::Item> {
        let Reverse((_, source, entry)) = self.heap.pop()?;
        Some(self.refill(source).map(|()| entry.0))
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::{Certainty, FileNo, SymbolNo, UnitId};
    use compass_facts::Role;

    #[test]
    fn runs_in_files_and_in_memory_come_out_in_one_order() {
        let folder = tempfile::tempdir().expect("folder");
        let file = |n| FileId { unit: UnitId(0), number: FileNo(n) };
        let mut all = Vec::new();
        let mut collectors: Vec<UseRuns> = (0..2).map(|_| UseRuns { limit: 700, ..UseRuns::new(folder.path()) }).collect();
        for i in 0..5000u32 {
            let target = SymbolId { file: file(i * 7919 % 97), number: SymbolNo(i % 5) };
            let entry = UseEntry { target, file: file(i % 13), usage: i, role: Role::Call, certainty: Certainty::Proven, first: true, enclosing: None };
            all.push(entry);
            collectors[i as usize % 2].push(entry).expect("pushed");
        }
        all.sort_by_key(order);
        let merged: Vec<UseEntry> = merge(collectors).expect("merged").map(|e| e.expect("read")).collect();
        assert_eq!(merged, all);
        assert_eq!(std::fs::read_dir(folder.path()).expect("folder").count(), 0, "temporary files have no names");
    }
}
