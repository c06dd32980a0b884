//! The macros of all files, as readers ask for them.
//!
//! # How it works
//! Before a first run reads, every file of a language with shared macros is looked through for definitions. What a macro makes is told when
//! the first reader asks for it, and kept. A later run knows from the [record](crate::macro_record) of the one before which macros were
//! asked for by whom, and which definitions that hung on: only where one of these changed are all files looked through again, and files
//! that asked for what is another thing now are read again.
//!
//! Packages are read without the macros of other files: their facts are shared with other workspaces. Their macros count for the
//! workspace's own files.

mod definitions;
mod family;

use crate::macro_record::{MacroRecord, PackedMacros};
use crate::plan::Plan;
use crate::store::Generation;
use crate::{FileId, Tree};
use compass_facts::surroundings::{MacroShape, Surroundings};
use compass_facts::{Cancel, Language};
use family::Family;
use rustc_hash::{FxHashMap, FxHashSet};
use std::cell::RefCell;
use std::path::Path;
use std::sync::Arc;

/// What looking through files needs.
pub(super) struct Files<'r> {
    pub(super) plan: &'r Plan,
    /// Ids by position.
    pub(super) ids: Vec<FileId>,
    pub(super) sources: &'r dyn Tree,
    pub(super) threads: usize,
    pub(super) cancel: &'r Cancel,
}

impl Files<'_> {
    fn full(&self, file: usize) -> &Path {
        &self.plan.files[file].full
    }

    fn bytes(&self, file: usize) -> Vec<u8> {
        // A file that cannot be read is a gap of its own.
        self.sources.source(self.full(file)).unwrap_or_default()
    }
}

/// The macros of a run.
pub(super) struct SharedMacros<'r> {
    files: Files<'r>,
    families: Vec<Family<'r>>,
    /// What the run before knew.
    old: Option<(&'r Arc<PackedMacros>, &'r MacroRecord)>,
    /// Files that are not there any more.
    gone: FxHashSet<FileId>,
}

impl<'r> SharedMacros<'r> {
    /// Of a run that reads the files at the positions `open`; `old` is the generation before.
    pub(super) fn new(files: Files<'r>, open: &[usize], old: Option<&'r Generation>, record: Option<&'r MacroRecord>) -> SharedMacros<'r> {
        let mut words: Vec<&'static str> = Vec::new();
        let mut families = Vec::new();
        for file in &files.plan.files {
            let profile = file.language.profile();
            if let Some(shared) = profile.shared_macros
                && !words.contains(&profile.family)
            {
                words.push(profile.family);
                let of_family = record.and_then(|r| r.0.iter().find(|r| r.family == profile.family));
                families.push(Family::new(profile.family, shared, of_family));
            }
        }
        let gone = old.map(|o| gone(o, &files.ids)).unwrap_or_default();
        families.iter_mut().for_each(|f| f.compare(&files, open, &gone));
        SharedMacros { files, families, old: old.map(|o| &o.macros).zip(record), gone }
    }

    /// Files that must be read again although they are what they were: macros that they call make other names now.
    pub(super) fn reached(&self) -> FxHashSet<FileId> {
        self.families.iter().flat_map(|f| f.reached(&self.files)).collect()
    }

    /// The surroundings of one file; nothing where it is read by itself.
    pub(super) fn around(&self, file: usize) -> Option<Around<'_>> {
        let planned = &self.files.plan.files[file];
        let family = self.family(planned.language).filter(|_| self.files.plan.units[planned.unit].own)?;
        Some(Around { files: &self.files, family, path: &planned.path, asked: RefCell::default() })
    }

    /// What the next run has to know; `asked` is what files asked for that were read, by position.
    pub(super) fn record(&self, asked: FxHashMap<usize, Asking>) -> Arc<PackedMacros> {
        let mut by_family: FxHashMap<&str, FxHashMap<FileId, Asking>> = FxHashMap::default();
        for (file, asking) in asked {
            let family = self.files.plan.files[file].language.profile().family;
            by_family.entry(family).or_default().insert(self.files.ids[file], asking);
        }
        let of = |f: &Family| by_family.get(f.word);
        if let Some((old, _)) =
            self.old.filter(|(_, o)| self.gone.is_empty() && self.families.len() == o.0.len() && self.families.iter().all(|f| f.is_as_before(of(f))))
        {
            return old.clone();
        }
        let families = self.families.iter().map(|f| f.record(&self.files, by_family.remove(f.word).unwrap_or_default()));
        Arc::new(PackedMacros::of(&MacroRecord(families.collect())))
    }

    fn family(&self, language: Language) -> Option<&Family<'r>> {
        language.profile().shared_macros?;
        self.families.iter().find(|f| f.word == language.profile().family)
    }
}

/// Files that were there before and are not now.
fn gone(old: &Generation, ids: &[FileId]) -> FxHashSet<FileId> {
    if old.files.iter().map(|f| f.id).eq(ids.iter().copied()) {
        return FxHashSet::default();
    }
    let now: FxHashSet<FileId> = ids.iter().copied().collect();
    old.files.iter().map(|f| f.id).filter(|id| !now.contains(id)).collect()
}

/// Macros that a file asked for, and what each was then.
pub(super) type Asking = Vec<(String, u64)>;

/// The macros of other files, as the reader of one file sees them.
pub(super) struct Around<'s> {
    files: &'s Files<'s>,
    family: &'s Family<'s>,
    path: &'s str,
    asked: RefCell<FxHashMap<String, u64>>,
}

impl Around<'_> {
    /// What was asked for, by name.
    pub(super) fn into_asked(self) -> Asking {
        let mut asked: Asking = self.asked.into_inner().into_iter().collect();
        asked.sort_unstable();
        asked
    }
}

impl Surroundings for Around<'_> {
    fn shape(&self, name: &str) -> Option<Arc<MacroShape>> {
        let shape = self.family.shape(name, self.files);
        self.asked.borrow_mut().entry(name.to_owned()).or_insert(shape.digest);
        shape.value.is_some().then_some(shape)
    }

    fn path(&self) -> &str {
        self.path
    }
}

/// Under which number facts of a text are kept that asked for these macros: the hash of the text where none was asked for.
pub(super) fn key(content: u64, asked: &Asking) -> u64 {
    if asked.is_empty() {
        return content;
    }
    let mut hasher = xxhash_rust::xxh3::Xxh3::new();
    hasher.update(&content.to_le_bytes());
    for (name, digest) in asked {
        hasher.update(name.as_bytes());
        hasher.update(&[0]);
        hasher.update(&digest.to_le_bytes());
    }
    hasher.digest()
}
