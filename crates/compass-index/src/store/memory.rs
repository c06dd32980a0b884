//! Blocks in memory: a second backend, for tests. What [`super::backend`] asks for is all that the store above it knows.

use super::StoreError;
use super::backend::{Backend, Batch, Block, Blocks, Key, Unwanted, Visit, VisitAll, VisitEach};
use crate::FileId;
use std::cell::RefCell;
use std::collections::BTreeMap;
use std::sync::{Arc, Mutex};

/// Keys of blocks in the order of their families.
#[derive(Debug, Clone, PartialEq, Eq, PartialOrd, Ord)]
enum OwnKey {
    Overview(i64),
    Part(i64, i64),
    Facts(FileId, u64),
    Links(FileId, i64),
    Postings(i64, i64, Vec<u8>, i64),
}

impl From<Key<'_>> for OwnKey {
    fn from(key: Key) -> OwnKey {
        match key {
            Key::Overview(generation) => OwnKey::Overview(generation),
            Key::Part(part, generation) => OwnKey::Part(part, generation),
            Key::Facts(file, hash) => OwnKey::Facts(file, hash),
            Key::Links(file, generation) => OwnKey::Links(file, generation),
            Key::Postings(run, family, first, block) => OwnKey::Postings(run, family, first.to_vec(), block),
        }
    }
}

#[derive(Debug, Clone, Default, PartialEq)]
pub(super) struct Tables {
    values: BTreeMap<String, String>,
    blocks: BTreeMap<OwnKey, Block>,
}

impl Tables {
    /// The postings of a family, in order.
    fn postings(&self, run: i64, family: i64) -> impl DoubleEndedIterator<Item = (&[u8], &Block)> {
        let all = OwnKey::Postings(run, family, Vec::new(), i64::MIN)..OwnKey::Postings(run, family + 1, Vec::new(), i64::MIN);
        self.blocks.range(all).filter_map(|(key, block)| if let OwnKey::Postings(_, _, first, _) = key { Some((first.as_slice(), block)) } else { None })
    }

    fn newest(&self, file: FileId, generation: i64) -> Option<(i64, &Block)> {
        let (key, block) = self.blocks.range(OwnKey::Links(file, i64::MIN)..=OwnKey::Links(file, generation)).next_back()?;
        if let OwnKey::Links(_, generation) = key { Some((*generation, block)) } else { None }
    }
}

impl Blocks for Tables {
    fn value(&self, name: &str) -> Result<Option<String>, StoreError> {
        Ok(self.values.get(name).cloned())
    }

    fn block(&self, key: Key) -> Result<Option<Block>, StoreError> {
        Ok(self.blocks.get(&key.into()).cloned())
    }

    fn newest_links(&self, file: FileId, generation: i64) -> Result<Option<Block>, StoreError> {
        Ok(self.newest(file, generation).map(|n| n.1.clone()))
    }

    fn postings_back_from(&self, run: i64, family: i64, key: &[u8], visit: &mut Visit) -> Result<(), StoreError> {
        for (first, block) in self.postings(run, family).rev().filter(|(first, _)| *first <= key) {
            if !visit(first, block.sum, &block.bytes)? {
                break;
            }
        }
        Ok(())
    }

    fn each_postings(&self, run: i64, family: i64, visit: &mut VisitEach) -> Result<(), StoreError> {
        self.postings(run, family).try_for_each(|(_, block)| visit(block.sum, &block.bytes))
    }

    fn each_fact_key(&self, visit: &mut dyn FnMut(FileId, u64)) -> Result<(), StoreError> {
        for key in self.blocks.keys() {
            if let OwnKey::Facts(file, hash) = key {
                visit(*file, *hash);
            }
        }
        Ok(())
    }
}

/// One piece of work, on a copy of its own.
struct Work<'w> {
    tables: RefCell<Tables>,
    kept: &'w Mutex<Arc<Tables>>,
}

impl Blocks for Work<'_> {
    fn value(&self, name: &str) -> Result<Option<String>, StoreError> {
        self.tables.borrow().value(name)
    }

    fn block(&self, key: Key) -> Result<Option<Block>, StoreError> {
        self.tables.borrow().block(key)
    }

    fn newest_links(&self, file: FileId, generation: i64) -> Result<Option<Block>, StoreError> {
        self.tables.borrow().newest_links(file, generation)
    }

    fn postings_back_from(&self, run: i64, family: i64, key: &[u8], visit: &mut Visit) -> Result<(), StoreError> {
        self.tables.borrow().postings_back_from(run, family, key, visit)
    }

    fn each_postings(&self, run: i64, family: i64, visit: &mut VisitEach) -> Result<(), StoreError> {
        self.tables.borrow().each_postings(run, family, visit)
    }

    fn each_fact_key(&self, visit: &mut dyn FnMut(FileId, u64)) -> Result<(), StoreError> {
        self.tables.borrow().each_fact_key(visit)
    }
}

impl Batch for Work<'_> {
    fn set(&self, name: &str, value: &str) -> Result<(), StoreError> {
        self.tables.borrow_mut().values.insert(name.to_owned(), value.to_owned());
        Ok(())
    }

    fn put(&self, key: Key, sum: i64, bytes: &[u8]) -> Result<(), StoreError> {
        let sum = if matches!(key, Key::Part(..)) { 0 } else { sum };
        self.tables.borrow_mut().blocks.insert(key.into(), Block { sum, bytes: bytes.to_vec() });
        Ok(())
    }

    fn remove(&self, unwanted: Unwanted) -> Result<usize, StoreError> {
        let mut tables = self.tables.borrow_mut();
        let newest = if let Unwanted::LinksBehind(file, generation) = unwanted { tables.newest(file, generation).map(|n| n.0) } else { None };
        let goes = |key: &OwnKey| match (key, unwanted) {
            (OwnKey::Overview(g), Unwanted::OverviewsBefore(first)) => *g < first,
            (OwnKey::Part(part, _), Unwanted::PartsFrom(first)) => *part >= first,
            (OwnKey::Part(part, g), Unwanted::OtherParts(of, but)) => *part == of && *g != but,
            (OwnKey::Facts(file, hash), Unwanted::Facts(of, content)) => (*file, *hash) == (of, content),
            (OwnKey::Links(_, g), Unwanted::LinksOutside(first, last)) => *g < first || *g > last,
            (OwnKey::Links(file, g), Unwanted::LinksBehind(of, _)) => *file == of && newest.is_some_and(|n| *g < n),
            (OwnKey::Postings(run, ..), Unwanted::Postings(of)) => *run == of,
            (OwnKey::Postings(run, ..), Unwanted::OtherPostings(runs)) => !runs.contains(run),
            _ => false,
        };
        let before = tables.blocks.len();
        tables.blocks.retain(|key, _| !goes(key));
        Ok(before - tables.blocks.len())
    }

    fn settle(&self) -> Result<(), StoreError> {
        *crate::lock(self.kept) = Arc::new(self.tables.borrow().clone());
        Ok(())
    }
}

/// Blocks in memory; a clone keeps the same ones.
#[derive(Debug, Clone, Default)]
pub(super) struct Memory(Arc<Mutex<Arc<Tables>>>);

impl Memory {
    fn now(&self) -> Arc<Tables> {
        crate::lock(&self.0).clone()
    }
}

impl Blocks for Memory {
    fn value(&self, name: &str) -> Result<Option<String>, StoreError> {
        self.now().value(name)
    }

    fn block(&self, key: Key) -> Result<Option<Block>, StoreError> {
        self.now().block(key)
    }

    fn newest_links(&self, file: FileId, generation: i64) -> Result<Option<Block>, StoreError> {
        self.now().newest_links(file, generation)
    }

    fn postings_back_from(&self, run: i64, family: i64, key: &[u8], visit: &mut Visit) -> Result<(), StoreError> {
        self.now().postings_back_from(run, family, key, visit)
    }

    fn each_postings(&self, run: i64, family: i64, visit: &mut VisitEach) -> Result<(), StoreError> {
        self.now().each_postings(run, family, visit)
    }

    fn each_fact_key(&self, visit: &mut dyn FnMut(FileId, u64)) -> Result<(), StoreError> {
        self.now().each_fact_key(visit)
    }
}

impl Backend for Memory {
    fn at_one_moment(&self, work: &mut dyn FnMut(&dyn Blocks) -> Result<(), StoreError>) -> Result<(), StoreError> {
        work(&*self.now())
    }

    fn write(&self, work: &mut dyn FnMut(&dyn Batch) -> Result<(), StoreError>) -> Result<(), StoreError> {
        let piece = Work { tables: RefCell::new((*self.now()).clone()), kept: &self.0 };
        work(&piece)?;
        piece.settle()
    }

    fn each_block(&self, visit: &mut VisitAll) -> Result<(), StoreError> {
        for what in ["facts", "links", "postings"] {
            for (key, block) in &self.now().blocks {
                let family = match key {
                    OwnKey::Facts(..) => "facts",
                    OwnKey::Links(..) => "links",
                    OwnKey::Postings(..) => "postings",
                    OwnKey::Overview(_) | OwnKey::Part(..) => continue,
                };
                if family == what {
                    visit(what, block.sum, &block.bytes)?;
                }
            }
        }
        Ok(())
    }

    fn size(&self) -> Result<u64, StoreError> {
        let tables = self.now();
        let values: usize = tables.values.iter().map(|(name, value)| name.len() + value.len()).sum();
        let blocks: usize = tables.blocks.values().map(|b| b.bytes.len() + size_of::<OwnKey>()).sum();
        Ok((values + blocks) as u64)
    }

    fn is_whole(&self) -> Result<bool, StoreError> {
        Ok(true)
    }
}
