//! Facts of other files, taken out of the store when somebody asks for them.
//!
//! # The problem
//! Linking one file of a kernel looks into a few hundred others. To load all of them first, number their names and sort
//! their bindings takes seconds; what the one file asks for takes milliseconds.
//!
//! # How it works
//! All a linker finds it finds by name or by file. Names are numbered as they come up; what stands under one is read from
//! the index of names, and a file from its row of facts, each once and then kept. Files with new content are not in the store:
//! they are given, and what the store says of them is void.
//!
//! # Not here
//! Whether a run may work so: only C does, whose rules ask for nothing else. See [`crate::refresh`].

use super::{FileInput, is_feature};
use crate::FileId;
use crate::identity::Numbers;
use crate::link::world::{DefRef, GlobalNameId, Made, choices_by, made_of};
use crate::lock;
use crate::store::{FileRow, ImportEntry, Reader, Runs, StoreError};
use compass_facts::{DefId, Facts, Flags, Kind};
use rustc_hash::{FxHashMap, FxHashSet};
use std::path::{Path, PathBuf};
use std::sync::{Arc, Mutex, OnceLock};

/// See the module.
pub(crate) struct LazyFacts {
    index: PathBuf,
    runs: Runs,
    /// Connections that nobody uses at the moment.
    readers: Mutex<Vec<Reader>>,
    positions: Positions,
    /// Positions of files whose facts were given.
    given: FxHashSet<u32>,
    renumbered: FxHashSet<u32>,
    kept: Vec<OnceLock<Box<Kept>>>,
    names: boxcar::Vec<Word>,
    numbers: Mutex<FxHashMap<Box<str>, u32>>,
    failed: Mutex<Option<StoreError>>,
    /// Who includes whom by what the store says, if that is known already.
    known_includes: Option<Arc<Vec<(u32, u32)>>>,
    /// The same as it is now.
    includes: OnceLock<Vec<(u32, u32)>>,
}

/// Where each file stands, by unit and number.
#[derive(Default)]
struct Positions(Vec<Vec<u32>>);

impl Positions {
    fn of(files: &[FileRow]) -> Positions {
        let mut out = Positions::default();
        for (position, file) in files.iter().enumerate() {
            let (unit, number) = (file.id.unit.0 as usize, file.id.number.0 as usize);
            if out.0.len() <= unit {
                out.0.resize_with(unit + 1, Vec::new);
            }
            let own = &mut out.0[unit];
            if own.len() <= number {
                own.resize(number + 1, u32::MAX);
            }
            own[number] = position as u32;
        }
        out
    }

    fn find(&self, id: FileId) -> Option<u32> {
        let position = *self.0.get(id.unit.0 as usize)?.get(id.number.0 as usize)?;
        (position != u32::MAX).then_some(position)
    }
}

/// A file that was asked for.
struct Kept {
    /// None where the facts were given.
    facts: Option<Facts>,
    numbers: Numbers,
    gids: Vec<GlobalNameId>,
    made: Made,
}

/// A name, and what stands under it once somebody asked.
struct Word {
    text: Box<str>,
    found: OnceLock<Found>,
    choice: OnceLock<bool>,
}

/// Definitions of one name in the order of files, and what the index of names says of each.
#[derive(Default)]
struct Found {
    outer: Listed,
    members: Listed,
}

#[derive(Default)]
struct Listed {
    syms: Vec<DefRef>,
    said: Vec<(Kind, Flags)>,
}

impl Listed {
    const NOTHING: Listed = Listed { syms: Vec::new(), said: Vec::new() };

    fn of(mut found: Vec<(DefRef, Kind, Flags)>) -> Listed {
        found.sort_unstable_by_key(|f| f.0);
        Listed { syms: found.iter().map(|f| f.0).collect(), said: found.into_iter().map(|f| (f.1, f.2)).collect() }
    }
}

impl LazyFacts {
    /// The files of an index; those at the positions `given` bring their facts themselves.
    /// `includes` are the pairs that [`LazyFacts::into_includes`] gave for the state the index is in.
    pub(crate) fn new(index: &Path, runs: Runs, files: &[FileRow], given: FxHashSet<u32>, includes: Option<Arc<Vec<(u32, u32)>>>) -> LazyFacts {
        let renumbered = files.iter().enumerate().filter(|(_, f)| f.renumbered).map(|(i, _)| i as u32).collect();
        LazyFacts {
            index: index.to_owned(),
            runs,
            readers: Mutex::default(),
            positions: Positions::of(files),
            given,
            renumbered,
            kept: (0..files.len()).map(|_| OnceLock::new()).collect(),
            names: boxcar::Vec::new(),
            numbers: Mutex::default(),
            failed: Mutex::default(),
            known_includes: includes,
            includes: OnceLock::new(),
        }
    }

    /// Which files include which, as they are now, if anybody had to know: pairs of positions in the order of the store.
    pub(crate) fn into_includes(self, files: &[FileRow]) -> Option<Arc<Vec<(u32, u32)>>> {
        let mut pairs = self.includes.into_inner()?;
        // What was added stands at the end: nearly sorted, which the stable sort is quick with.
        pairs.sort_by_key(|(from, to)| (files[*to as usize].id, files[*from as usize].id));
        Some(Arc::new(pairs))
    }

    /// Takes note of who includes whom now.
    pub(in crate::link) fn note_includes(&self, pairs: Vec<(u32, u32)>) {
        // Only the first who finds out tells.
        let _ = self.includes.set(pairs);
    }

    /// What went wrong meanwhile: with it, nothing that was linked counts.
    pub(crate) fn failure(&self) -> Option<StoreError> {
        lock(&self.failed).take()
    }

    fn with_reader<T: Default>(&self, work: impl FnOnce(&Reader) -> Result<T, StoreError>) -> T {
        let free = lock(&self.readers).pop();
        let opened = match free {
            Some(reader) => Ok(reader),
            None => Reader::open(&self.index).map_err(|_| StoreError::Damaged { what: "index" }),
        };
        let (reader, done) = match opened {
            Ok(reader) => {
                let done = work(&reader);
                (Some(reader), done)
            }
            Err(e) => (None, Err(e)),
        };
        lock(&self.readers).extend(reader);
        done.unwrap_or_else(|e| {
            lock(&self.failed).get_or_insert(e);
            T::default()
        })
    }

    pub(in crate::link) fn intern(&self, name: &str) -> GlobalNameId {
        let mut numbers = lock(&self.numbers);
        if let Some(known) = numbers.get(name) {
            return GlobalNameId(*known);
        }
        let number = self.names.push(Word { text: name.into(), found: OnceLock::new(), choice: OnceLock::new() }) as u32;
        numbers.insert(name.into(), number);
        GlobalNameId(number)
    }

    pub(in crate::link) fn name(&self, gid: GlobalNameId) -> &str {
        self.names.get(gid.0 as usize).map_or("", |w| &w.text)
    }

    fn kept(&self, files: &[FileInput], file: u32) -> &Kept {
        self.kept[file as usize].get_or_init(|| {
            let input = &files[file as usize];
            if self.given.contains(&file) {
                let gids: Vec<GlobalNameId> = input.facts.names.iter().map(|n| self.intern(n)).collect();
                let made = made_of(&input.facts, &gids, input.language, file);
                return Box::new(Kept { facts: None, numbers: input.numbers.clone(), gids, made });
            }
            let missing = || StoreError::Damaged { what: "facts" };
            // What no reader reads has no facts.
            let (facts, numbers) = if input.language.is_read() {
                self.with_reader(|r| r.facts(input.id, input.hash)?.ok_or_else(missing)?.unpack_outer())
            } else {
                Default::default()
            };
            let gids: Vec<GlobalNameId> = facts.names.iter().map(|n| self.intern(n)).collect();
            let made = made_of(&facts, &gids, input.language, file);
            Box::new(Kept { facts: Some(facts), numbers, gids, made })
        })
    }

    pub(in crate::link) fn facts<'s>(&'s self, files: &'s [FileInput], file: u32) -> &'s Facts {
        self.kept(files, file).facts.as_ref().unwrap_or(&files[file as usize].facts)
    }

    pub(in crate::link) fn gids(&self, files: &[FileInput], file: u32) -> &[GlobalNameId] {
        &self.kept(files, file).gids
    }

    pub(in crate::link) fn numbers(&self, files: &[FileInput], file: u32) -> &Numbers {
        &self.kept(files, file).numbers
    }

    pub(in crate::link) fn made(&self, files: &[FileInput], file: u32) -> &Made {
        &self.kept(files, file).made
    }

    fn found(&self, files: &[FileInput], name: GlobalNameId) -> &Found {
        static NOTHING: Found = Found { outer: Listed::NOTHING, members: Listed::NOTHING };
        let Some(word) = self.names.get(name.0 as usize) else { return &NOTHING };
        word.found.get_or_init(|| {
            let (mut outer, mut members) = (Vec::new(), Vec::new());
            let entries = self.with_reader(|r| r.names(&self.runs, &word.text)?.unpack());
            for entry in entries.iter().filter(|e| !matches!(e.kind, Kind::Table | Kind::Column)) {
                let Some(file) = self.positions.find(entry.symbol.file).filter(|f| !self.given.contains(f)) else { continue };
                let number = entry.symbol.number;
                let def = if self.renumbered.contains(&file) { self.kept(files, file).numbers.find(number) } else { Some(DefId(number.0)) };
                let list = if entry.flags.has(Flags::MEMBER) { &mut members } else { &mut outer };
                list.extend(def.map(|def| (DefRef { file, def }, entry.kind, entry.flags)));
            }
            for file in &self.given {
                let kept = self.kept(files, *file);
                let facts = self.facts(files, *file);
                let said = |(_, sym): &(GlobalNameId, DefRef)| (*sym, facts.def(sym.def).kind, facts.def(sym.def).flags);
                outer.extend(kept.made.outer.iter().filter(|d| d.0 == name).map(said));
                members.extend(kept.made.members.iter().filter(|d| d.0 == name).map(said));
            }
            Found { outer: Listed::of(outer), members: Listed::of(members) }
        })
    }

    pub(in crate::link) fn outer(&self, files: &[FileInput], name: GlobalNameId) -> &[DefRef] {
        &self.found(files, name).outer.syms
    }

    pub(in crate::link) fn members(&self, files: &[FileInput], name: GlobalNameId) -> &[DefRef] {
        &self.found(files, name).members.syms
    }

    /// Kind and flags of each of [`Self::outer`] or [`Self::members`], without a look into their files.
    pub(in crate::link) fn said(&self, files: &[FileInput], name: GlobalNameId, members: bool) -> &[(Kind, Flags)] {
        let found = self.found(files, name);
        if members { &found.members.said } else { &found.outer.said }
    }

    /// See [`crate::link::world::GlobalIndex::is_feature`].
    pub(in crate::link) fn is_feature(&self, files: &[FileInput], name: GlobalNameId) -> bool {
        let Some(word) = self.names.get(name.0 as usize) else { return false };
        *word.choice.get_or_init(|| {
            let entries = self.with_reader(|r| r.choices(&self.runs, &word.text)?.unpack());
            let stored = entries.iter().filter(|e| self.positions.find(e.file).is_some_and(|f| !self.given.contains(&f))).map(|e| (e.with, e.without));
            let here = |file: &u32| {
                let facts = &files[*file as usize].facts;
                choices_by(facts).into_iter().find(|(n, _)| facts.name(*n) == &*word.text).map_or((0, 0), |c| c.1)
            };
            let all = stored.chain(self.given.iter().map(here)).fold((0, 0), |sum, c| (sum.0 + c.0, sum.1 + c.1));
            is_feature(&word.text, all)
        })
    }

    /// Which files each file of C and C++ includes itself, as far as the store knows: pairs of positions, the including one first.
    pub(in crate::link) fn includes(&self, files: &[FileInput]) -> Vec<(u32, u32)> {
        if let Some(known) = &self.known_includes {
            return known.iter().filter(|(from, _)| !self.given.contains(from)).copied().collect();
        }
        let mut pairs: Vec<(u32, u32)> = Vec::new();
        // Asked for every import there is: a look at the files themselves would be one at memory each time.
        let family: Vec<bool> = files.iter().map(|f| crate::link::hangs_on_includes(f.language)).collect();
        let stored: Vec<bool> = (0..files.len() as u32).map(|f| !self.given.contains(&f)).collect();
        let position = |id: FileId| self.positions.find(id).filter(|f| family[*f as usize]);
        let mut visit = |entry: ImportEntry| {
            let pair = position(entry.file).filter(|f| stored[*f as usize]).zip(position(entry.target));
            pairs.extend(pair.filter(|(from, to)| from != to));
        };
        self.with_reader(|r| r.each_import(&self.runs, &mut visit));
        // They come by target and file: a header that is included twice by one file stands there twice.
        pairs.dedup();
        pairs
    }

    pub(in crate::link) fn is_given(&self, file: u32) -> bool {
        self.given.contains(&file)
    }
}
