//! Brings an index up to date: plans, reads what changed, links, writes.
//!
//! # How it works
//! A file whose size, time and inode are those of the last run is taken as unchanged, unless it was changed about when
//! that run began; then, and where they differ, its content is hashed. Only files with new content are read. Facts are
//! committed in batches while reading goes on. When anything changed all files are linked again and a new generation is
//! published; a first run of some size publishes the list of files before it reads, so that texts can be read and searched at once, and its
//! facts before it links, so that names can be asked for.
//!
//! # Guarantees
//! A run that fails, is cancelled or killed leaves the previous generation answering, and keeps the facts it had read.

mod changes;
mod closures;
mod incremental;
mod invalidation;
mod next_generation;
mod on_demand;
mod phases;
mod priority;
mod publish;
mod read_scheduler;
mod reading;
mod session_cache;
mod shared_macros;
mod sharing;
mod statistics;

pub use changes::{Change, between};
pub use invalidation::AffectedFiles;
pub use session_cache::SessionCache;

use next_generation::NextGeneration;

use crate::claim::{Attempt, Claim};
use crate::link::{self, FileInput};
use crate::plan::{Options, Plan, PlanError};
use crate::store::{FileRow, Generation, OpenError, StoreError, Writer};
use crate::{FileId, FileLinks, Phase, Progress, Summary, Tree};
use compass_facts::Cancel;
use rustc_hash::{FxHashMap, FxHashSet};
use std::borrow::Cow;
use std::path::PathBuf;
use std::sync::Arc;

/// What to bring up to date.
#[derive(Debug, Clone, Default)]
pub struct Request {
    /// Roots, files, dependencies.
    pub options: Options,
    /// The index file.
    pub index: PathBuf,
    /// Threads for reading and linking; 0 for one per core.
    pub threads: usize,
    /// Hash every file, trusting neither size nor time.
    pub verify: bool,
    /// What looks for crossings when all files are linked.
    pub passes: crate::Passes,
    /// The folder of the shared package cache, for facts of packages; without one they are read for this index alone.
    pub package_cache: Option<PathBuf>,
    /// Of so many bytes of source the facts stay whole in memory until they are linked; without a number, of 24 MiB.
    pub whole_bytes: Option<u64>,
    /// What a run before this one left, and the paths something happened to since: where that is enough to know, nothing is walked,
    /// and little is read.
    pub touched: Option<(Arc<SessionCache>, Vec<PathBuf>)>,
    /// Files that a person read, the last first: of a large change they are linked before the others.
    pub read_last: Vec<FileId>,
    /// Changes that reach more files than this are large; without a number, more than 2,000.
    pub many_files: Option<usize>,
}

/// What a run did.
#[derive(Debug)]
pub struct Outcome {
    /// Counts of the whole index and of this run.
    pub summary: Summary,
    /// Things a person should hear.
    pub warnings: Vec<String>,
    /// Why the index was built anew, if an older or damaged one was in the way.
    pub rebuilt: Option<OpenError>,
    /// Whose links what changed reaches.
    pub reach: AffectedFiles,
    /// Were facts of other files loaded only where linking asked for them?
    pub by_need: bool,
    /// For [`Request::touched`].
    pub session: Arc<SessionCache>,
}

/// Why a run failed.
#[derive(Debug, thiserror::Error)]
pub enum RefreshError {
    /// The plan could not be made.
    #[error(transparent)]
    Plan(#[from] PlanError),
    /// There is nothing to index.
    #[error("nothing to index under {root}: {skipped} files skipped, none of a known language")]
    Empty {
        /// The first root.
        root: String,
        /// Files left out.
        skipped: u64,
    },
    /// The index could not be read or written.
    #[error(transparent)]
    Store(#[from] StoreError),
    /// Somebody asked to stop; what was read is kept.
    #[error("cancelled")]
    Cancelled,
}

/// Below this a first run links so soon that facts need not be shown before.
const EARLY_BYTES: u64 = 4 << 20;

/// Changes within this time before a run began may have come after the file was read.
const FRESH_NS: i64 = 2_000_000_000;

/// Runs a request.
///
/// # Errors
/// See [`RefreshError`].
pub fn run(request: &Request, sources: &dyn Tree, cancel: &Cancel, progress: &dyn Progress) -> Result<Outcome, RefreshError> {
    let _claim = claim(&request.index, cancel, progress)?;
    match phases::attempt(request, sources, cancel, progress) {
        // What was found damaged on the way is built anew like what was found so at once.
        Err(RefreshError::Store(why)) if why.is_damage() => {
            crate::store::remove(&request.index).map_err(StoreError::Folder)?;
            let outcome = phases::attempt(request, sources, cancel, progress)?;
            Ok(Outcome { rebuilt: Some(OpenError::Damaged(Box::new(why))), ..outcome })
        }
        done => done,
    }
}

/// The index before the run.
struct Opened {
    writer: Writer,
    current: Option<(i64, Arc<Generation>)>,
    rebuilt: Option<OpenError>,
}

fn open(request: &Request) -> Result<Opened, StoreError> {
    let (writer, rebuilt) = Writer::open(&request.index)?;
    let known = request.touched.as_ref().and_then(|(session, _)| session.state.as_ref());
    // What was written by the run that left it need not be read again, unless somebody doubts it.
    if let Some(state) = known.filter(|s| !request.verify && s.is_in(&writer)) {
        return Ok(Opened { writer, current: Some((state.number, state.overview.clone())), rebuilt });
    }
    match writer.current() {
        Ok(current) => Ok(Opened { writer, current: current.map(|(n, overview)| (n, Arc::new(overview))), rebuilt }),
        // Facts are valid by themselves: they are kept.
        Err(e) if e.is_damage() => Ok(Opened { writer, current: None, rebuilt: Some(OpenError::Damaged(Box::new(e))) }),
        Err(e) => Err(e),
    }
}

/// What is to be indexed, and whether that was known without a walk.
fn planned(request: &Request, tree: &dyn Tree, old: Option<&Generation>, cancel: &Cancel, progress: &dyn Progress) -> Result<(Plan, bool), PlanError> {
    if let Some(plan) = request.touched.as_ref().and_then(|(session, paths)| session.plan.touched(tree, paths)) {
        return Ok((plan, true));
    }
    let rows = old.iter().flat_map(|o| &o.files).filter(|row| row.reads_as_sibling.is_some());
    let known: FxHashMap<(u64, &str), &FileRow> = rows.map(|row| ((row.inode, row.path.as_str()), row)).collect();
    let began = old.map_or(0, |o| o.began_ns);
    let reads_as_sibling = |file: &crate::plan::PlannedFile| {
        let row = known.get(&(file.inode, file.path.as_str()))?;
        let same = (row.bytes, row.mtime_ns) == (file.bytes, file.mtime_ns) && file.mtime_ns < began - FRESH_NS;
        row.reads_as_sibling.filter(|_| same)
    };
    let plan = Plan::make_again(&request.options, tree, &reads_as_sibling, cancel, &|n| progress.report(Phase::Walk, n, 0))?;
    Ok((plan, false))
}

/// So often a program that waits for the writer looks again.
const LOOKS: std::time::Duration = std::time::Duration::from_millis(100);

/// The right to write the index; another program that has it is waited for.
fn claim(index: &std::path::Path, cancel: &Cancel, progress: &dyn Progress) -> Result<Claim, RefreshError> {
    loop {
        match Claim::try_take(index).map_err(StoreError::Folder)? {
            Attempt::Taken(claim) => return Ok(claim),
            Attempt::HeldBy(process) => progress.waiting(process),
        }
        if cancel.is_cancelled() {
            return Err(RefreshError::Cancelled);
        }
        std::thread::sleep(LOOKS);
    }
}

/// Whose links may be others than before. `outer` gives what others may ask for of the file at a position.
fn affected_files<'f>(
    index: &std::path::Path,
    before: &incremental::Before,
    new: &Generation,
    outer: &mut dyn FnMut(usize) -> Result<Cow<'f, compass_facts::Facts>, StoreError>,
) -> Result<AffectedFiles, StoreError> {
    if !before.overview.linked {
        return Ok(AffectedFiles::Everything("nothing was linked before"));
    }
    if before.overview.pending > 0 {
        return Ok(AffectedFiles::Everything("a run before this one did not come to its end"));
    }
    if !has_same_files(before.overview, new) {
        return Ok(AffectedFiles::Everything("there are other files, units or settings than before"));
    }
    let Ok(reader) = crate::store::Reader::open(index) else { return Ok(AffectedFiles::Everything("the records of before cannot be read")) };
    invalidation::reach(&reader, before, &new.files, outer)
}

/// Are there the same files in the same units under the same settings, whatever stands in them?
fn has_same_files(old: &Generation, new: &Generation) -> bool {
    let same = |(a, b): (&FileRow, &FileRow)| a.id == b.id && a.language == b.language;
    is_same_request(old, new) && old.files.len() == new.files.len() && old.files.iter().zip(&new.files).all(same)
}

/// Loads the whole facts of files that passes look at: see [`crate::LinkPass::begins_with_signals`]. Linking is over: what it
/// kept in memory is free.
fn whole_again(
    inputs: &mut [FileInput],
    links: &[(FileId, FileLinks)],
    load: &(dyn Fn() -> link::Load + Sync),
    threads: usize,
    by_signals: bool,
) -> Result<(), StoreError> {
    let with_signals: FxHashSet<FileId> = inputs.iter().filter(|i| !i.facts.signals.is_empty()).map(|i| i.id).collect();
    let touches = |links: &FileLinks| links.links.iter().flat_map(|l| &l.targets).any(|t| with_signals.contains(&t.file));
    let wanted: FxHashSet<FileId> = links.iter().filter(|(id, l)| with_signals.contains(id) || touches(l)).map(|(id, _)| *id).collect();
    let given_to = given_to(inputs);
    let may_be_silent = |l: compass_facts::Language| l.profile().crosses_silently || given_to.iter().any(|to| to.is_kin_of(l));
    let is_wanted = |i: &FileInput| link::waits_for_passes(i.language) && (!by_signals || may_be_silent(i.language) || wanted.contains(&i.id));
    let part = inputs.len().div_ceil(threads.max(1)).max(1);
    let load_part = |part: &mut [FileInput]| {
        let mut load = load();
        for input in part.iter_mut().filter(|i| !i.whole && is_wanted(i)) {
            input.facts = load(input)?.into();
        }
        Ok(())
    };
    let load_part = &load_part;
    std::thread::scope(|scope| {
        let handles: Vec<_> = inputs.chunks_mut(part).map(|part| scope.spawn(move || load_part(part))).collect();
        handles.into_iter().try_for_each(|h| h.join().unwrap_or_else(|e| std::panic::resume_unwind(e)))
    })
}

/// Languages that code of another one gives functions under a name: any use may ask for one.
fn given_to<'i>(inputs: &'i [FileInput]) -> Vec<compass_facts::Language> {
    let word =
        |i: &'i FileInput, kind: &compass_facts::SignalKind| if let compass_facts::SignalKind::Given(g) = kind { Some(i.facts.name(g.to)) } else { None };
    let words: FxHashSet<&str> = inputs.iter().flat_map(|i| i.facts.signals.iter().filter_map(move |s| word(i, &s.kind))).collect();
    compass_facts::Language::all().iter().filter(|l| words.contains(l.word())).copied().collect()
}

/// Whole facts from the store, by a connection of its own.
fn loader(index: &std::path::Path) -> link::Load {
    const MISSING: StoreError = StoreError::Damaged { what: "facts" };
    let reader = crate::store::Reader::open(index).ok();
    Box::new(move |file| {
        let found = reader.as_ref().ok_or(MISSING)?.facts(file.id, file.hash)?;
        found.map(crate::store::StoredFacts::unpack).transpose()?.map(|(facts, _)| facts).ok_or(MISSING)
    })
}

/// Are files, units and request what they were?
fn same_shape(old: &Generation, new: &Generation) -> bool {
    let same = |(a, b): (&FileRow, &FileRow)| (a.id, &a.path, a.hash) == (b.id, &b.path, b.hash);
    is_same_request(old, new) && old.files.len() == new.files.len() && old.files.iter().zip(&new.files).all(same)
}

/// Are roots, units and what was asked for what they were?
fn is_same_request(old: &Generation, new: &Generation) -> bool {
    old.roots == new.roots && old.units == new.units && old.request == new.request
}

fn inputs(of: &Generation, facts: Vec<Option<reading::Held>>) -> Vec<FileInput> {
    let input = |(row, held): (&FileRow, Option<reading::Held>)| {
        let reading::Held { facts, numbers, whole } = held.unwrap_or_default();
        let declared = of.units[row.id.unit.0 as usize].is_declared();
        FileInput {
            id: row.id,
            root: row.root,
            path: row.path.clone(),
            language: row.language,
            bytes: row.bytes,
            hash: row.hash,
            facts,
            numbers,
            whole,
            declared,
        }
    };
    of.files.iter().zip(facts).map(input).collect()
}
