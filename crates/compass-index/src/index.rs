//! The elementary questions to an index, answered from one generation.
//!
//! Facts and links of files are loaded when asked for and kept for a while. Cheap to open; share one per thread that asks.

use crate::evidence::Chain;
use crate::identity::Numbers;
use crate::lock;
use crate::names::Names;
use crate::store::{FileRow, Generation, NameEntry, OpenError, Reader, Relation, Runs, StoreError, UnitRow, UseEntry};
use crate::tree::Stamp;
use crate::{Disk, FileId, FileLinks, Origin, Summary, SymbolId, Tree};
use compass_facts::wire::PickedUse;
use compass_facts::{Cancel, DefId, Facts, Source, SourceError, UseId, read};
use lru::LruCache;
use rustc_hash::FxHashMap;
use std::num::NonZeroUsize;
use std::path::{Path, PathBuf};
use std::sync::atomic::{AtomicU64, Ordering};
use std::sync::{Arc, Mutex, OnceLock};

/// So many files' facts, links and texts are kept in memory.
const KEPT_FILES: NonZeroUsize = NonZeroUsize::new(800).unwrap();
/// So many lists of uses are kept, of symbols with so many uses.
const KEPT_USES: NonZeroUsize = NonZeroUsize::new(160).unwrap();
const MANY_USES: usize = 200;
/// And of all of them so many: a name may have a hundred symbols, all used everywhere.
const MOST_USES: usize = 1_000_000;

/// Why an elementary question failed.
#[derive(Debug, thiserror::Error)]
pub enum IndexError {
    /// The store failed.
    #[error(transparent)]
    Store(#[from] StoreError),
    /// The index holds no such file.
    #[error("the index has no file {0}")]
    NoFile(String),
    /// The index was renewed while somebody answered from an older state of it: parts of that are gone. Ask again with
    /// [`Index::newer`].
    #[error("the index was renewed meanwhile")]
    Outdated,
    /// The source cannot be read any more.
    #[error("{path} cannot be read")]
    Source {
        /// Its path.
        path: String,
        /// What the system said.
        source: std::io::Error,
    },
    /// The source is no text any more.
    #[error("{path}: {source}")]
    NoText {
        /// Its path.
        path: String,
        /// What was found instead.
        source: SourceError,
    },
}

/// Why an answer may be incomplete: a cause and how often.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Missing {
    /// The cause's word.
    pub cause: String,
    /// How often.
    pub count: u64,
}

/// Facts with the numbers of their definitions.
#[derive(Debug, Default)]
pub struct FileFacts {
    /// What the file says.
    pub facts: Facts,
    numbers: Numbers,
}

impl FileFacts {
    /// The definition with that number.
    pub fn find(&self, number: crate::SymbolNo) -> Option<DefId> {
        self.numbers.find(number)
    }

    /// The number of a definition.
    pub fn number(&self, def: DefId) -> crate::SymbolNo {
        self.numbers.number(def)
    }
}

/// A use by itself, with the number of its targets and the reasons of its link.
#[derive(Debug, Clone, PartialEq)]
pub struct UseAlone {
    /// What its file says of it.
    pub told: PickedUse,
    /// How many targets, and why; none where nobody asked, or the reader linked it.
    pub link: Option<(u32, Chain)>,
}

/// The text of a file as it is now.
#[derive(Debug)]
pub struct FileSource {
    /// Text and lines.
    pub source: Source,
    /// Facts read just now, when the file is not what was indexed.
    pub changed: Option<Facts>,
}

/// What was loaded lately.
type Kept<T> = Mutex<LruCache<FileId, Arc<T>>>;

/// A text with the moment it was last looked at, and what tells that its file is still the same.
struct KeptText {
    looked: u64,
    stamp: Option<Stamp>,
    text: Arc<FileSource>,
}

/// Texts of more bytes than this are not kept over the next look.
const MOST_TEXT_BYTES: usize = 64 << 20;

/// Where files are found, by what they are asked for.
struct Places {
    by_id: FxHashMap<FileId, usize>,
    by_path: FxHashMap<String, FileId>,
}

impl Places {
    fn of(overview: &Generation) -> Places {
        Places {
            by_id: overview.files.iter().enumerate().map(|(i, f)| (f.id, i)).collect(),
            by_path: overview.files.iter().map(|f| (shown_path(overview, f), f.id)).collect(),
        }
    }
}

/// See the module.
pub struct Index {
    path: PathBuf,
    reader: Mutex<Reader>,
    generation: i64,
    /// Which store it is, should another one take its place.
    made: Option<String>,
    runs: Runs,
    overview: Generation,
    places: Arc<Places>,
    sources: Arc<dyn Tree>,
    facts: Kept<FileFacts>,
    links: Kept<FileLinks>,
    texts: Mutex<LruCache<FileId, KeptText>>,
    /// Texts read before the last number are looked at again.
    looked: AtomicU64,
    /// Long lists of uses.
    uses: Mutex<LruCache<SymbolId, Arc<Vec<UseEntry>>>>,
    names: OnceLock<Arc<Names>>,
}

impl Index {
    /// Opens the current generation of an index.
    ///
    /// # Errors
    /// [`OpenError`]: the message says what to run.
    pub fn open(path: &Path) -> Result<Index, OpenError> {
        Self::open_with(path, Arc::new(Disk))
    }

    /// Where its sources come from.
    #[must_use]
    pub fn tree(&self) -> &dyn Tree {
        &*self.sources
    }

    /// Where the bytes of a file are.
    #[must_use]
    pub fn origin(&self, row: &FileRow) -> Origin {
        Origin::of(&self.full_path(row), |path| self.sources.is_file(path))
    }

    /// Opens an index whose sources come from somewhere else than the disk.
    ///
    /// # Errors
    /// As [`Index::open`].
    pub fn open_with(path: &Path, sources: Arc<dyn Tree>) -> Result<Index, OpenError> {
        Self::open_after(path, sources, None)
    }

    /// The generation that is the current one now; what it has in common with this one is not read again.
    ///
    /// # Errors
    /// As [`Index::open`].
    pub fn newer(&self) -> Result<Index, OpenError> {
        Self::open_after(&self.path, self.sources.clone(), Some(self))
    }

    fn open_after(path: &Path, sources: Arc<dyn Tree>, known: Option<&Index>) -> Result<Index, OpenError> {
        let reader = Reader::open(path)?;
        let made = reader.made().map_err(|e| OpenError::Damaged(Box::new(e)))?;
        // An index that was built anew has numbers that mean something else.
        let known = known.filter(|k| made.is_some() && k.made == made);
        let current = match known {
            Some(known) => reader.current_after(&known.overview),
            None => reader.current(),
        };
        let current = current.map_err(|e| OpenError::Damaged(Box::new(e)))?;
        let Some((generation, overview)) = current else { return Err(OpenError::Unfinished) };
        let places = match known.filter(|k| has_same_places(&k.overview, &overview)) {
            Some(known) => known.places.clone(),
            None => Arc::new(Places::of(&overview)),
        };
        let runs = Runs::of(generation, &overview);
        let names = known.and_then(|k| k.names_for(&reader, &runs)).map_or_else(OnceLock::new, OnceLock::from);
        Ok(Index {
            path: path.to_owned(),
            reader: Mutex::new(reader),
            generation,
            made,
            runs,
            overview,
            places,
            sources,
            facts: kept(KEPT_FILES),
            links: kept(KEPT_FILES),
            texts: kept(KEPT_FILES),
            looked: AtomicU64::new(0),
            uses: kept(KEPT_USES),
            names,
        })
    }

    /// The names of this index, where a later one that knows the same ones may use them: those that are gone lead nowhere.
    fn names_for(&self, reader: &Reader, later: &Runs) -> Option<Arc<Names>> {
        let names = self.names.get().filter(|_| self.runs.has_same_base(later))?;
        reader.later_names(later).ok()?.iter().all(|n| names.contains(&n.name)).then(|| names.clone())
    }

    /// Is there a newer generation than the one this answers from?
    pub fn is_outdated(&self) -> bool {
        let reader = self.reader();
        !matches!(reader.current_number(), Ok(Some(n)) if n == self.generation)
    }

    /// Is everything of this generation still there? What was answered before this says so is whole.
    ///
    /// # Errors
    /// [`IndexError::Outdated`] if not; store errors.
    pub fn check_whole(&self) -> Result<(), IndexError> {
        let reader = self.reader();
        let replaced = reader.made()? != self.made;
        if replaced || reader.oldest_number()? > self.generation { Err(IndexError::Outdated) } else { Ok(()) }
    }

    /// What a file has where no row of it is found: nothing yet, unless it is gone.
    fn absent<T: Default>(&self) -> Result<T, IndexError> {
        self.check_whole().map(|()| T::default())
    }

    /// The index file.
    pub fn path(&self) -> &Path {
        &self.path
    }

    /// Counts.
    pub fn summary(&self) -> &Summary {
        &self.overview.summary
    }

    /// Are facts there, or only the list of files? Then texts can be read and searched.
    pub fn is_read(&self) -> bool {
        self.overview.is_read()
    }

    /// Are links there already, or only facts?
    pub fn is_linked(&self) -> bool {
        self.overview.linked
    }

    /// Files whose links are those of before a change that reaches them, while they are linked again.
    pub fn pending(&self) -> u64 {
        self.overview.pending
    }

    /// Symbols of own units with the most uses, and how many.
    pub fn most_used(&self) -> &[(SymbolId, u64)] {
        &self.overview.most_used
    }

    /// Layers from the top; none where nothing settles or shows them.
    pub fn layers(&self) -> &[crate::LayerRow] {
        &self.overview.layers
    }

    /// The layer of a file.
    pub fn layer(&self, file: FileId) -> Option<(u16, &str)> {
        let number = self.file(file)?.layer?;
        self.overview.layers.get(number as usize).map(|l| (number, l.name.as_str()))
    }

    /// Crossings by kind and by the layers they lead from and to.
    pub fn matrix(&self) -> &[(crate::CrossingKind, Option<u16>, Option<u16>, u64)] {
        &self.overview.matrix
    }

    /// Roots, absolute.
    pub fn roots(&self) -> &[String] {
        &self.overview.roots
    }

    /// How far dependencies were followed.
    pub fn deps(&self) -> crate::plan::Deps {
        self.overview.deps
    }

    /// The roots that were asked for; the others hold packages.
    pub fn own_roots(&self) -> &[String] {
        self.overview.roots.get(..self.overview.own_roots as usize).unwrap_or(&self.overview.roots)
    }

    /// Files, by root and path.
    pub fn files(&self) -> &[FileRow] {
        &self.overview.files
    }

    /// Units, by id; some may have no file any more.
    pub fn units(&self) -> &[UnitRow] {
        &self.overview.units
    }

    /// The unit of a file.
    pub fn unit(&self, file: FileId) -> Option<&UnitRow> {
        self.overview.units.get(file.unit.0 as usize)
    }

    /// A file by id.
    pub fn file(&self, id: FileId) -> Option<&FileRow> {
        self.places.by_id.get(&id).map(|i| &self.overview.files[*i])
    }

    /// Where a file stands among all, by root and path; the last place for an id of another index.
    pub fn position(&self, id: FileId) -> u32 {
        self.places.by_id.get(&id).map_or(u32::MAX, |i| *i as u32)
    }

    /// A file's path as people see it: relative to the first root, absolute below other roots.
    pub fn path_of(&self, id: FileId) -> String {
        self.file(id).map_or_else(String::new, |f| shown_path(&self.overview, f))
    }

    /// Where a file is on disk.
    pub fn full_path(&self, row: &FileRow) -> PathBuf {
        #[cfg(unix)]
        if let Some(raw) = &row.raw_path {
            use std::os::unix::ffi::OsStrExt;
            return PathBuf::from(std::ffi::OsStr::from_bytes(raw));
        }
        let root = self.overview.roots.get(row.root as usize).map_or("", |r| r);
        Path::new(root).join(&row.path)
    }

    /// A file by the path people see, with or without a leading `./`, or by its absolute path.
    pub fn find_path(&self, path: &str) -> Option<FileId> {
        let path = path.trim_start_matches("./");
        if let Some(id) = self.places.by_path.get(path) {
            return Some(*id);
        }
        let root = self.overview.roots.first()?;
        let relative = path.strip_prefix(root.as_str())?.trim_start_matches('/');
        self.places.by_path.get(relative).copied()
    }

    fn reader(&self) -> std::sync::MutexGuard<'_, Reader> {
        self.reader.lock().unwrap_or_else(|e| e.into_inner())
    }

    /// The facts of a file.
    ///
    /// # Errors
    /// [`IndexError::NoFile`] for an id of another index; store errors.
    pub fn facts(&self, id: FileId) -> Result<Arc<FileFacts>, IndexError> {
        if let Some(known) = lock(&self.facts).get(&id) {
            return Ok(known.clone());
        }
        let row = self.file(id).ok_or_else(|| IndexError::NoFile(format!("{id:?}")))?;
        // The lock is held for the reading alone, so that several threads unpack at once.
        let packed = self.reader().facts(id, row.hash)?;
        let (facts, numbers) = match packed {
            Some(packed) => packed.unpack()?,
            None => self.absent()?,
        };
        let found = Arc::new(FileFacts { facts, numbers });
        lock(&self.facts).put(id, found.clone());
        Ok(found)
    }

    /// What other files may ask for of a file (its gaps and imports are part of that), and its links: for looking through all files
    /// once. Nothing of it is kept.
    ///
    /// # Errors
    /// As [`Index::facts`] and [`Index::links`].
    pub fn in_passing(&self, id: FileId) -> Result<(compass_facts::Facts, FileLinks), IndexError> {
        let row = self.file(id).ok_or_else(|| IndexError::NoFile(format!("{id:?}")))?;
        let (facts, links) = {
            let reader = self.reader();
            (reader.facts(id, row.hash)?, reader.links(&self.runs, id)?)
        };
        let facts = match facts {
            Some(facts) => facts.unpack_outer()?.0,
            None => self.absent()?,
        };
        Ok((facts, links.map_or_else(|| Ok(FileLinks::default()), |p| p.unpack())?))
    }

    /// Some uses of a file, sorted, for rows of very many files whose facts nobody asks for otherwise; with their links where
    /// they are going to be shown. `None` where the whole facts are known already or have to be.
    ///
    /// # Errors
    /// As [`Index::facts`] and [`Index::links`].
    pub fn pick_uses(&self, id: FileId, wanted: &[UseId], shown: bool) -> Result<Option<Vec<UseAlone>>, IndexError> {
        if lock(&self.facts).contains(&id) {
            return Ok(None);
        }
        let row = self.file(id).ok_or_else(|| IndexError::NoFile(format!("{id:?}")))?;
        let (facts, links) = {
            let reader = self.reader();
            (reader.facts(id, row.hash)?, if shown { reader.links(&self.runs, id)? } else { None })
        };
        let Some(uses) = facts.map(|f| f.pick(wanted)).transpose()?.flatten() else { return Ok(None) };
        let links = links.map_or_else(|| Ok(FileLinks::default()), |p| p.unpack())?;
        let of = |usage: &UseId| {
            let link = links.find(*usage)?;
            Some((link.total, links.evidence.get(link.evidence as usize).cloned().unwrap_or_default()))
        };
        Ok(Some(uses.into_iter().zip(wanted).map(|(told, usage)| UseAlone { told, link: of(usage) }).collect()))
    }

    /// The links of a file; none before linking.
    ///
    /// # Errors
    /// Store errors.
    pub fn links(&self, id: FileId) -> Result<Arc<FileLinks>, IndexError> {
        if let Some(known) = lock(&self.links).get(&id) {
            return Ok(known.clone());
        }
        let packed = self.reader().links(&self.runs, id)?;
        let found = Arc::new(packed.map_or_else(|| Ok(FileLinks::default()), |p| p.unpack())?);
        lock(&self.links).put(id, found.clone());
        Ok(found)
    }

    /// The text of a file as it is now; where it is not what was indexed, with facts read just now.
    ///
    /// # Errors
    /// [`IndexError::Source`] or [`IndexError::NoText`].
    pub fn source(&self, id: FileId) -> Result<Arc<FileSource>, IndexError> {
        let row = self.file(id).ok_or_else(|| IndexError::NoFile(format!("{id:?}")))?;
        let path = self.full_path(row);
        let looked = self.looked.load(Ordering::Relaxed);
        if let Some(known) = lock(&self.texts).get_mut(&id) {
            if known.looked < looked && known.stamp.is_some() && self.sources.stamp(&path) == known.stamp {
                known.looked = looked;
            }
            if known.looked == looked {
                return Ok(known.text.clone());
            }
        }
        // Before the bytes: what changes in between is seen by the next look.
        let stamp = self.sources.stamp(&path);
        let bytes = self.sources.source(&path).map_err(|source| IndexError::Source { path: row.path.clone(), source })?;
        let same = xxhash_rust::xxh3::xxh3_64(&bytes) == row.content;
        let source = Source::decode(bytes).map_err(|source| IndexError::NoText { path: row.path.clone(), source })?;
        let changed = if same { None } else { read(row.language, &source, &Cancel::new()) };
        let found = Arc::new(FileSource { source, changed });
        lock(&self.texts).put(id, KeptText { looked, stamp, text: found.clone() });
        Ok(found)
    }

    /// The next answer looks at the files again: texts whose file may have changed are read anew.
    pub fn forget_texts(&self) {
        self.looked.fetch_add(1, Ordering::Relaxed);
        let mut texts = lock(&self.texts);
        if texts.iter().map(|(_, t)| t.text.source.text.len()).sum::<usize>() > MOST_TEXT_BYTES {
            texts.clear();
        }
    }

    /// Definitions of exactly that name.
    ///
    /// # Errors
    /// Store errors.
    pub fn named(&self, name: &str) -> Result<Vec<NameEntry>, IndexError> {
        let packed = self.reader().names(&self.runs, name)?;
        Ok(packed.unpack()?)
    }

    /// All distinct names; kept once loaded.
    ///
    /// # Errors
    /// Store errors.
    pub fn names(&self) -> Result<Arc<Names>, IndexError> {
        if let Some(known) = self.names.get() {
            return Ok(known.clone());
        }
        let mut names = Names::default();
        let mut add = |name: &str, _, _, _| names.add(name);
        // Of a large index this takes a second or two: other questions go on meanwhile.
        match Reader::open(&self.path) {
            Ok(reader) => reader.each_name(&self.runs, &mut add)?,
            Err(_) => self.reader().each_name(&self.runs, &mut add)?,
        }
        Ok(self.names.get_or_init(|| Arc::new(names)).clone())
    }

    /// Uses of a symbol in other scopes than its own function, by file and place.
    ///
    /// # Errors
    /// Store errors.
    pub fn uses(&self, symbol: SymbolId) -> Result<Arc<Vec<UseEntry>>, IndexError> {
        if let Some(known) = lock(&self.uses).get(&symbol) {
            return Ok(known.clone());
        }
        // The lock is held for the reading alone.
        let packed = self.reader().uses(&self.runs, symbol)?;
        let found = Arc::new(packed.unpack()?);
        if found.len() >= MANY_USES {
            let mut kept = lock(&self.uses);
            kept.put(symbol, found.clone());
            while kept.len() > 1 && kept.iter().map(|k| k.1.len()).sum::<usize>() > MOST_USES {
                kept.pop_lru();
            }
        }
        Ok(found)
    }

    /// Crossings that reach a symbol: the file each comes from, and its position there.
    ///
    /// # Errors
    /// Store errors.
    pub fn crossings(&self, target: SymbolId) -> Result<Vec<crate::CrossingEntry>, IndexError> {
        let packed = self.reader().crossings(&self.runs, target)?;
        Ok(packed.unpack()?)
    }

    /// Uses of a name that have no target, or more than are listed, by file and cause.
    ///
    /// # Errors
    /// Store errors.
    pub fn unlinked(&self, name: &str) -> Result<Vec<crate::store::UnlinkedEntry>, IndexError> {
        let packed = self.reader().unlinked(&self.runs, name)?;
        Ok(packed.unpack()?)
    }

    /// Files that may have looked a name up without finding a definition called so: those that bring it in under that name are among them.
    ///
    /// # Errors
    /// Store errors.
    pub fn consulting(&self, name: &str) -> Result<Vec<FileId>, IndexError> {
        let packed = self.reader().dependencies(&self.runs, crate::store::DependencyEntry::hash(name))?;
        Ok(packed.unpack()?.into_iter().map(|e| e.file).filter(|f| *f != crate::store::DependencyEntry::EVERY).collect())
    }

    /// Imports that lead to a file.
    ///
    /// # Errors
    /// Store errors.
    pub fn importers(&self, file: FileId) -> Result<Vec<crate::store::ImportEntry>, IndexError> {
        let packed = self.reader().importers(&self.runs, file)?;
        Ok(packed.unpack()?)
    }

    /// Types right below a type.
    ///
    /// # Errors
    /// Store errors.
    pub fn derived(&self, base: SymbolId) -> Result<Vec<SymbolId>, IndexError> {
        Ok(self.derived_surely(base)?.into_iter().map(|d| d.0).collect())
    }

    /// Types right below a type, and how sure each is.
    ///
    /// # Errors
    /// Store errors.
    pub fn derived_surely(&self, base: SymbolId) -> Result<Vec<(SymbolId, crate::Certainty)>, IndexError> {
        self.related(base, Relation::Derived)
    }

    /// Types right above a type, and how sure each is; whoever says so.
    ///
    /// # Errors
    /// Store errors.
    pub fn bases(&self, of: SymbolId) -> Result<Vec<(SymbolId, crate::Certainty)>, IndexError> {
        self.related(of, Relation::Base)
    }

    /// Members of a type that are written outside its body: methods, functions defined by a longer name, extensions.
    ///
    /// # Errors
    /// Store errors.
    pub fn members_outside(&self, of: SymbolId) -> Result<Vec<SymbolId>, IndexError> {
        Ok(self.related(of, Relation::Member)?.into_iter().map(|m| m.0).collect())
    }

    /// The types of a member that is written outside their bodies.
    ///
    /// # Errors
    /// Store errors.
    pub fn owners_outside(&self, member: SymbolId) -> Result<Vec<SymbolId>, IndexError> {
        Ok(self.related(member, Relation::Owner)?.into_iter().map(|m| m.0).collect())
    }

    fn related(&self, from: SymbolId, relation: Relation) -> Result<Vec<(SymbolId, crate::Certainty)>, IndexError> {
        let packed = self.reader().relations(&self.runs, from)?;
        let mut found: Vec<(SymbolId, crate::Certainty)> =
            packed.unpack()?.into_iter().filter(|e| e.relation == relation).map(|e| (e.to, e.certainty)).collect();
        // Several files may say so; the surest counts.
        found.sort_by_key(|f| (f.0, std::cmp::Reverse(f.1)));
        found.dedup_by_key(|f| f.0);
        Ok(found)
    }

    /// The facts of a symbol's file, and its definition there; `None` for a whole file or a symbol that is gone.
    ///
    /// # Errors
    /// Store errors.
    pub fn definition(&self, symbol: SymbolId) -> Result<Option<(Arc<FileFacts>, DefId)>, IndexError> {
        if symbol.is_module() {
            return Ok(None);
        }
        let facts = self.facts(symbol.file)?;
        Ok(facts.find(symbol.number).map(|def| (facts, def)))
    }
}

/// Are the same files at the same places?
fn has_same_places(one: &Generation, other: &Generation) -> bool {
    let place = |f: &FileRow| (f.id, f.root);
    let same = |(a, b): (&FileRow, &FileRow)| place(a) == place(b) && a.path == b.path;
    one.roots == other.roots && one.files.len() == other.files.len() && one.files.iter().zip(&other.files).all(same)
}

fn shown_path(overview: &Generation, row: &FileRow) -> String {
    if row.root == 0 {
        return row.path.clone();
    }
    let root = overview.roots.get(row.root as usize).map_or("", |r| r.as_str());
    // A folder of packages may stand below the first root.
    let below = overview.roots.first().and_then(|first| root.strip_prefix(first.as_str())?.strip_prefix('/'));
    format!("{}/{}", below.unwrap_or(root), row.path)
}

fn kept<K: std::hash::Hash + Eq, T>(most: NonZeroUsize) -> Mutex<LruCache<K, T>> {
    Mutex::new(LruCache::new(most))
}
