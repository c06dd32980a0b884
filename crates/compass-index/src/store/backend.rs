//! What keeps the bytes of an index: blocks by family and key, and a few values by name. The typed reader and writer stand on it.
//!
//! A backend knows nothing of what is in a block. What stands in the store for one moment is seen whole ([`Backend::at_one_moment`]), and
//! what one piece of work writes is seen at once or never ([`Backend::write`]).

use super::StoreError;
use crate::FileId;

/// Bytes as they are kept, with the checksum they were written with; 0 where the reference to the block has it.
#[derive(Debug, Clone, PartialEq, Eq)]
pub(crate) struct Block {
    /// The checksum.
    pub(crate) sum: i64,
    /// The bytes.
    pub(crate) bytes: Vec<u8>,
}

/// Where a block stands.
#[derive(Debug, Clone, Copy)]
pub(crate) enum Key<'k> {
    /// What a generation says as a whole.
    Overview(i64),
    /// A part of the list of files, and the generation that wrote it.
    Part(i64, i64),
    /// Facts of a file as read from content with that hash.
    Facts(FileId, u64),
    /// Links of a file as a generation wrote them.
    Links(FileId, i64),
    /// Sorted entries: the run that wrote them, their family, the key of the first of them, the number of the block.
    Postings(i64, i64, &'k [u8], i64),
}

/// Blocks that are no longer wanted.
#[derive(Debug, Clone, Copy)]
pub(crate) enum Unwanted<'k> {
    /// Overviews of generations before one.
    OverviewsBefore(i64),
    /// Parts of the list of files from a number on.
    PartsFrom(i64),
    /// A part of the list of files as other generations than one wrote it.
    OtherParts(i64, i64),
    /// Facts of a content.
    Facts(FileId, u64),
    /// Links that generations before the first or after the second wrote.
    LinksOutside(i64, i64),
    /// Links of a file but for the newest that is not newer than a generation, and those newer than it.
    LinksBehind(FileId, i64),
    /// Postings of a run.
    Postings(i64),
    /// Postings of all runs but these.
    OtherPostings(&'k [i64]),
}

/// What can be read.
pub(crate) trait Blocks {
    /// A value by its name.
    fn value(&self, name: &str) -> Result<Option<String>, StoreError>;

    /// A block.
    fn block(&self, key: Key) -> Result<Option<Block>, StoreError>;

    /// Is it there?
    fn has(&self, key: Key) -> Result<bool, StoreError> {
        Ok(self.block(key)?.is_some())
    }

    /// Of the links of a file the newest that is not newer than a generation.
    fn newest_links(&self, file: FileId, generation: i64) -> Result<Option<Block>, StoreError>;

    /// Visits the postings of a family backwards, from the last block whose first key is `key` or before it, until told to stop.
    fn postings_back_from(&self, run: i64, family: i64, key: &[u8], visit: &mut Visit) -> Result<(), StoreError>;

    /// Visits the postings of a family in order.
    fn each_postings(&self, run: i64, family: i64, visit: &mut VisitEach) -> Result<(), StoreError>;

    /// Visits the keys of all facts.
    fn each_fact_key(&self, visit: &mut dyn FnMut(FileId, u64)) -> Result<(), StoreError>;
}

/// Takes the first key, the checksum and the bytes of a block; tells whether to go on.
pub(crate) type Visit<'v> = dyn FnMut(&[u8], i64, &[u8]) -> Result<bool, StoreError> + 'v;

/// Takes the checksum and the bytes of a block.
pub(crate) type VisitEach<'v> = dyn FnMut(i64, &[u8]) -> Result<(), StoreError> + 'v;

/// Takes what a block is, its checksum and its bytes.
pub(crate) type VisitAll<'v> = dyn FnMut(&'static str, i64, &[u8]) -> Result<(), StoreError> + 'v;

/// What can be written within one piece of work.
pub(crate) trait Batch: Blocks {
    /// Sets a value by its name.
    fn set(&self, name: &str, value: &str) -> Result<(), StoreError>;

    /// Puts a block, in the place of the one there.
    fn put(&self, key: Key, sum: i64, bytes: &[u8]) -> Result<(), StoreError>;

    /// Removes blocks; gives how many.
    fn remove(&self, unwanted: Unwanted) -> Result<usize, StoreError>;

    /// Makes what was written so far last, whatever becomes of the rest: a piece of work without bounds needs no room without bounds.
    fn settle(&self) -> Result<(), StoreError>;
}

/// Keeps blocks.
pub(crate) trait Backend: Blocks + Send {
    /// Reads several things of one moment, whatever is written meanwhile.
    fn at_one_moment(&self, work: &mut dyn FnMut(&dyn Blocks) -> Result<(), StoreError>) -> Result<(), StoreError>;

    /// Writes all that a piece of work writes, or nothing if it fails.
    fn write(&self, work: &mut dyn FnMut(&dyn Batch) -> Result<(), StoreError>) -> Result<(), StoreError>;

    /// Visits all facts, links and postings: what it is, its checksum, its bytes.
    fn each_block(&self, visit: &mut VisitAll) -> Result<(), StoreError>;

    /// How much room it takes, in bytes.
    fn size(&self) -> Result<u64, StoreError>;

    /// Is what it keeps whole, as far as it can tell by itself?
    fn is_whole(&self) -> Result<bool, StoreError>;
}
