//! Reads the files that changed, on several threads, while facts are written in batches.

use super::changes::Changed;
use super::read_scheduler::ReadScheduler;
use super::shared_macros::{Asking, Files, SharedMacros, key};
use super::sharing::Packages;
use super::{FRESH_NS, RefreshError};
use crate::identity::Numbers;
use crate::link::LoadedFacts;
use crate::plan::{Plan, PlannedFile};
use crate::store::{FileRow, Generation, PackageCache, PackedFacts, Reader, StoreError, Writer, pack_facts};
use crate::{FileId, PackedMacros, Phase, Progress, Provenance, Tree};
use compass_facts::surroundings::{Alone, Surroundings};
use compass_facts::{Cancel, Facts, Gap, GapCause, Source, SourceError, Span, read_among};
use rustc_hash::{FxHashMap, FxHashSet};
use std::sync::Arc;
use std::sync::atomic::{AtomicU64, AtomicUsize, Ordering};

/// Facts are committed when this many files or bytes have come together.
pub(super) const BATCH_FILES: usize = 256;
const BATCH_BYTES: u64 = 16 << 20;
/// The walkers of the readers recurse; stack is grown on demand, this is where they begin.
const STACK_BYTES: usize = 16 << 20;

/// Of so many bytes of source the facts stay whole in memory until they are linked; of what is beyond only the outer part does.
pub(super) const WHOLE_BYTES: u64 = 24 << 20;

/// So many files a thread loads at a time.
const LOAD_FILES: usize = 64;

/// So few changed files are read, whatever a killed run may have left of them.
const FEW_FILES: usize = 500;

/// Facts until they are linked.
#[derive(Default)]
pub(super) struct Held {
    pub(super) facts: LoadedFacts,
    pub(super) numbers: Numbers,
    /// Or is it their outer part alone?
    pub(super) whole: bool,
}

/// What to read.
pub(super) struct Job<'j> {
    pub(super) whole_bytes: u64,
    pub(super) index: &'j std::path::Path,
    pub(super) plan: &'j Plan,
    pub(super) package_cache: Option<&'j std::path::Path>,
    pub(super) old: Option<&'j Generation>,
    pub(super) verify: bool,
    pub(super) threads: usize,
    pub(super) sources: &'j dyn Tree,
    pub(super) cancel: &'j Cancel,
    pub(super) progress: &'j dyn Progress,
}

impl<'j> Job<'j> {
    fn files(&self, rows: &[FileRow]) -> Files<'j> {
        let ids = rows.iter().map(|r| r.id).collect();
        Files { plan: self.plan, ids, sources: self.sources, threads: self.threads, cancel: self.cancel }
    }
}

/// What reading gave.
pub(super) struct Read {
    /// By file.
    pub(super) facts: Vec<Option<Held>>,
    /// Files with new content, added or removed.
    pub(super) changed: u64,
    /// Files whose facts the shared package cache had.
    pub(super) from_cache: u64,
    /// Files of declared standard libraries among those that changed.
    pub(super) declared: u64,
    /// What that changes for others.
    pub(super) changes: Vec<Changed>,
    /// What files asked for of macros of others.
    pub(super) macros: Arc<PackedMacros>,
    /// Of so many bytes of source facts may still be kept whole.
    room: u64,
}

/// What a thread found out about a file.
enum Found {
    /// As before, or as a killed run left it.
    Same { hash: u64 },
    /// New content of a file that was there before: its definitions keep their numbers, which the collecting thread knows.
    Changed { hash: u64, facts: Box<Facts> },
    /// A file that was not there: packed, and cut down, by the thread that read it.
    New { hash: u64, held: Box<Held>, packed: Result<PackedFacts, StoreError>, from_cache: bool },
}

/// A file that was looked at.
struct Seen {
    /// Its position.
    file: usize,
    /// Hash of its content.
    content: u64,
    provenance: Provenance,
    /// What it asked for of macros of other files, if it was read.
    asked: Option<Asking>,
    found: Found,
}

/// What the row of a file says from now on.
struct Row {
    file: usize,
    content: u64,
    hash: u64,
    lines: u32,
    provenance: Provenance,
}

/// Reads what has new content. Facts of the other files are not loaded yet: see [`load_rest`].
pub(super) fn read_all(job: &Job, rows: &mut [FileRow], writer: &mut Writer) -> Result<Read, RefreshError> {
    let old: FxHashMap<FileId, &FileRow> = job.old.map(|o| o.files.iter().map(|f| (f.id, f)).collect()).unwrap_or_default();
    let mut out = Read {
        facts: (0..rows.len()).map(|_| None).collect(),
        changed: 0,
        from_cache: 0,
        declared: 0,
        changes: Vec::new(),
        macros: Arc::default(),
        room: job.whole_bytes,
    };
    let mut open = Vec::new();
    for (i, (row, planned)) in rows.iter_mut().zip(&job.plan.files).enumerate() {
        match old.get(&row.id).filter(|o| !job.verify && is_unchanged(o, planned, job.old)) {
            Some(o) => {
                (row.content, row.hash) = (o.content, o.hash);
                row.lines = o.lines;
                row.provenance = o.provenance;
                row.renumbered = o.renumbered;
            }
            None => open.push(i),
        }
    }
    let record = job.old.and_then(|o| o.macros.unpack());
    let macros = SharedMacros::new(job.files(rows), &open, job.old, record.as_ref());
    let reached = macros.reached();
    open.extend((0..rows.len()).filter(|i| reached.contains(&rows[*i].id)));
    open.sort_unstable();
    open.dedup();
    // What a killed run left is worth looking for where much is to be read.
    let known = if job.old.is_none_or(|o| !o.linked) || open.len() > FEW_FILES { writer.fact_keys()? } else { FxHashSet::default() };
    out.changed = old.len().saturating_sub(rows.iter().filter(|r| old.contains_key(&r.id)).count()) as u64;
    let total = open.iter().map(|i| job.plan.files[*i].bytes).sum();
    let context =
        Context { job, old: &old, known: &known, macros: &macros, reached: &reached, room: AtomicU64::new(job.whole_bytes), done: AtomicU64::new(0), total };
    let mut asked = FxHashMap::default();
    let mut rounds = ReadScheduler::new(job.plan, job.package_cache, &open);
    while let Some(round) = rounds.next(job.cancel) {
        for read in read_open(&round.files, job, rows, &context, &mut out, &mut asked, writer)? {
            let row = &mut rows[read.file];
            // What a killed run left may have been numbered after a content that is forgotten.
            row.renumbered = old.get(&row.id).map_or_else(|| known.contains(&(row.id, read.hash)), |o| o.renumbered || o.hash != read.hash);
            (row.content, row.hash, row.lines, row.provenance) = (read.content, read.hash, read.lines, read.provenance);
        }
    }
    if job.cancel.is_cancelled() {
        return Err(RefreshError::Cancelled);
    }
    out.room = context.room.into_inner();
    out.macros = macros.record(asked);
    Ok(out)
}

/// Loads the facts of all files that are not there yet.
pub(super) fn load_rest(job: &Job, rows: &mut [FileRow], read: &mut Read, writer: &mut Writer) -> Result<(), RefreshError> {
    let (old, known, reached) = Default::default();
    let record = job.old.and_then(|o| o.macros.unpack());
    let macros = SharedMacros::new(job.files(rows), &[], job.old, record.as_ref());
    let context =
        Context { job, old: &old, known: &known, macros: &macros, reached: &reached, room: AtomicU64::new(read.room), done: AtomicU64::new(0), total: 0 };
    load_unchanged(rows, read, writer, &context)
}

fn is_unchanged(old: &FileRow, planned: &PlannedFile, generation: Option<&Generation>) -> bool {
    let began = generation.map_or(0, |g| g.began_ns);
    old.bytes == planned.bytes && old.mtime_ns == planned.mtime_ns && old.inode == planned.inode && planned.mtime_ns < began - FRESH_NS
}

/// What every reading thread needs.
struct Context<'c> {
    job: &'c Job<'c>,
    old: &'c FxHashMap<FileId, &'c FileRow>,
    known: &'c FxHashSet<(FileId, u64)>,
    macros: &'c SharedMacros<'c>,
    /// Files that are read whatever their content.
    reached: &'c FxHashSet<FileId>,
    /// Bytes of source whose facts may still be kept whole.
    room: AtomicU64,
    /// Bytes read, of so many.
    done: AtomicU64,
    total: u64,
}

impl Context<'_> {
    /// Facts as they are kept.
    fn hold(&self, facts: Facts, numbers: Numbers, bytes: u64) -> Held {
        let whole = self.room.fetch_update(Ordering::Relaxed, Ordering::Relaxed, |room| room.checked_sub(bytes)).is_ok();
        Held { facts: if whole { facts } else { facts.into_outer() }.into(), numbers, whole }
    }
}

/// Reads the open files, and gives what their rows say.
fn read_open(
    open: &[usize],
    job: &Job,
    rows: &[FileRow],
    context: &Context,
    out: &mut Read,
    asked: &mut FxHashMap<usize, Asking>,
    writer: &mut Writer,
) -> Result<Vec<Row>, RefreshError> {
    let next = AtomicUsize::new(0);
    let has_packages = open.iter().any(|i| !job.plan.units[job.plan.files[*i].unit].own);
    let (sender, receiver) = crossbeam_channel::bounded::<Seen>(256);
    let read = std::thread::scope(|scope| {
        for _ in 0..job.threads.max(1) {
            let sender = sender.clone();
            let package_cache = job.package_cache.filter(|_| has_packages).and_then(|d| PackageCache::open(d).ok());
            let (next, plan) = (&next, job.plan);
            std::thread::Builder::new()
                .stack_size(STACK_BYTES)
                .spawn_scoped(scope, move || {
                    while let Some(&i) = open.get(next.fetch_add(1, Ordering::Relaxed)) {
                        let planned = &plan.files[i];
                        let package_cache = package_cache.as_ref().filter(|_| !plan.units[planned.unit].own);
                        let Some(seen) = read_one(i, &rows[i], package_cache, context) else { break };
                        let bytes = context.done.fetch_add(planned.bytes, Ordering::Relaxed) + planned.bytes;
                        context.job.progress.report(Phase::Read, bytes, context.total);
                        if sender.send(seen).is_err() {
                            break;
                        }
                    }
                })
                .expect("a thread can be started");
        }
        drop(sender);
        collect(receiver, job, rows, context, out, asked, writer)
    })?;
    if context.job.cancel.is_cancelled() { Err(RefreshError::Cancelled) } else { Ok(read) }
}

/// Takes what the threads found, numbers definitions, writes batches.
fn collect(
    receiver: crossbeam_channel::Receiver<Seen>,
    job: &Job,
    rows: &[FileRow],
    context: &Context,
    out: &mut Read,
    asked: &mut FxHashMap<usize, Asking>,
    writer: &mut Writer,
) -> Result<Vec<Row>, RefreshError> {
    let mut results = Vec::new();
    let mut batch = Vec::new();
    let mut batch_bytes = 0;
    let mut packages = job.package_cache.and_then(|d| Packages::open(d, job.plan));
    for Seen { file: i, content, provenance, asked: wanted, found } in receiver {
        let id = rows[i].id;
        if let Some(wanted) = wanted {
            asked.insert(i, wanted);
        }
        let (hash, held, packed) = match found {
            Found::Same { hash } => {
                let before = context.old.get(&id);
                results.push(Row { file: i, content, hash, lines: before.map_or(0, |o| o.lines), provenance });
                if before.is_none_or(|o| o.hash != hash) {
                    out.changed += 1;
                    out.changes.push(Changed::unknown(id, "a run before this one had read the file already"));
                }
                continue;
            }
            Found::Changed { hash, facts } => {
                let before = context.old.get(&id).and_then(|o| writer.facts(id, o.hash).ok().flatten());
                out.changes.push(match &before {
                    Some((old, _)) => Changed::of(id, rows[i].language, old, &facts),
                    None => Changed::unknown(id, "the facts of before are damaged"),
                });
                let numbers = before.as_ref().map_or_else(|| Numbers::fresh(&facts), |(f, n)| Numbers::matched(f, n, &facts));
                if let (Some(change), Some((old, _))) = (out.changes.last_mut(), before) {
                    change.old = Some(Box::new(old));
                }
                let packed = pack_facts(&facts, &numbers)?;
                (hash, context.hold(*facts, numbers, job.plan.files[i].bytes), packed)
            }
            Found::New { hash, held, packed, from_cache } => {
                let is_declared = job.plan.units[job.plan.files[i].unit].is_declared();
                out.from_cache += u64::from(from_cache && !is_declared);
                out.declared += u64::from(is_declared);
                if !from_cache && let (Some(packages), Ok(packed)) = (packages.as_mut(), &packed) {
                    packages.add(&job.plan.files[i], hash, packed);
                }
                out.changes.push(Changed::unknown(id, "there are other files than before"));
                (hash, *held, packed?)
            }
        };
        out.changed += 1;
        results.push(Row { file: i, content, hash, lines: held.facts.lines, provenance });
        batch.push((id, hash, packed));
        batch_bytes += job.plan.files[i].bytes;
        out.facts[i] = Some(held);
        if batch.len() >= BATCH_FILES || batch_bytes >= BATCH_BYTES {
            writer.put_facts(&batch)?;
            batch.clear();
            batch_bytes = 0;
        }
    }
    writer.put_facts(&batch)?;
    if let Some(mut packages) = packages {
        packages.finish();
    }
    Ok(results)
}

/// Hashes a file and reads it if its content is new. `None` when cancelled.
fn read_one(i: usize, row: &FileRow, package_cache: Option<&PackageCache>, context: &Context) -> Option<Seen> {
    let planned = &context.job.plan.files[i];
    if context.job.cancel.is_cancelled() {
        return None;
    }
    let Ok(bytes) = context.job.sources.source(&planned.full) else {
        let found = found(planned, row, 0, gap_only(GapCause::Unreadable, 0), context);
        return Some(Seen { file: i, content: 0, provenance: Provenance::ByHand, asked: Some(Asking::new()), found });
    };
    let provenance = Provenance::of(&planned.path, planned.language, &bytes);
    let content = xxhash_rust::xxh3::xxh3_64(&bytes);
    let seen = |asked, found| Seen { file: i, content, provenance, asked, found };
    if let Some(same) = context.old.get(&row.id).filter(|o| o.content == content && !context.reached.contains(&row.id)) {
        return Some(seen(None, Found::Same { hash: same.hash }));
    }
    // Under the hash of a content alone stand facts that asked for no macro.
    if context.known.contains(&(row.id, content)) {
        return Some(seen(Some(Asking::new()), Found::Same { hash: content }));
    }
    if let Some(found) = package_cache.and_then(|d| from_cache(d, content, planned, row, context)) {
        return Some(seen(None, found));
    }
    let around = context.macros.around(i);
    let facts = facts_of(planned, bytes, context.job.cancel, around.as_ref().map_or(&Alone, |a| a as &dyn Surroundings))?;
    let asked = around.map(|a| a.into_asked()).unwrap_or_default();
    let found = found(planned, row, key(content, &asked), facts, context);
    Some(seen(Some(asked), found))
}

/// Facts just read: those of a file that was there before wait for its numbers.
fn found(planned: &PlannedFile, row: &FileRow, hash: u64, facts: Facts, context: &Context) -> Found {
    if context.old.contains_key(&row.id) {
        return Found::Changed { hash, facts: Box::new(facts) };
    }
    let numbers = Numbers::fresh(&facts);
    let packed = pack_facts(&facts, &numbers);
    Found::New { hash, held: Box::new(context.hold(facts, numbers, planned.bytes)), packed, from_cache: false }
}

/// Facts that were read for another workspace. Of a file that was there before the numbers count: it is read.
fn from_cache(package_cache: &PackageCache, hash: u64, planned: &PlannedFile, row: &FileRow, context: &Context) -> Option<Found> {
    if context.old.contains_key(&row.id) {
        return None;
    }
    let stored = package_cache.facts(hash, planned.language).ok().flatten()?;
    let (facts, numbers) = stored.unpack_ref().ok()?;
    Some(Found::New { hash, held: Box::new(context.hold(facts, numbers, planned.bytes)), packed: Ok(stored.repack()), from_cache: true })
}

/// The facts of bytes; bytes that are no text give a gap. `None` when cancelled.
fn facts_of(planned: &PlannedFile, bytes: Vec<u8>, cancel: &Cancel, among: &dyn Surroundings) -> Option<Facts> {
    let size = bytes.len();
    match Source::decode(bytes) {
        Ok(source) => read_among(planned.language, &source, cancel, among),
        Err(SourceError::Binary) => Some(gap_only(GapCause::Binary, size)),
        Err(SourceError::TooLarge { .. }) => Some(gap_only(GapCause::TooLarge, 0)),
    }
}

fn gap_only(cause: GapCause, bytes: usize) -> Facts {
    Facts { gaps: vec![Gap { cause, span: Span::new(0, bytes) }], hides_more: true, ..Facts::default() }
}

/// Facts of files that did not change, from the store. A row that is damaged is read again from the source.
fn load_unchanged(rows: &mut [FileRow], out: &mut Read, writer: &mut Writer, context: &Context) -> Result<(), RefreshError> {
    let Job { plan, sources, cancel, .. } = *context.job;
    load_stored(rows, out, context);
    for (i, row) in rows.iter_mut().enumerate() {
        if cancel.is_cancelled() {
            return Err(RefreshError::Cancelled);
        }
        if out.facts[i].is_some() {
            continue;
        }
        let bytes = sources.source(&plan.files[i].full).unwrap_or_default();
        row.content = xxhash_rust::xxh3::xxh3_64(&bytes);
        let around = context.macros.around(i);
        let among = around.as_ref().map_or(&Alone as &dyn Surroundings, |a| a);
        let facts = facts_of(&plan.files[i], bytes, cancel, among).ok_or(RefreshError::Cancelled)?;
        row.hash = key(row.content, &around.map(|a| a.into_asked()).unwrap_or_default());
        let numbers = Numbers::fresh(&facts);
        writer.put_facts(&[(row.id, row.hash, pack_facts(&facts, &numbers)?)])?;
        row.lines = facts.lines;
        out.facts[i] = Some(context.hold(facts, numbers, plan.files[i].bytes));
    }
    Ok(())
}

/// Takes facts out of the store on all threads, each with a connection of its own; what is damaged stays open.
fn load_stored(rows: &mut [FileRow], out: &mut Read, context: &Context) {
    let plan = context.job.plan;
    let next = AtomicUsize::new(0);
    let open: Vec<usize> = (0..rows.len()).filter(|i| out.facts[*i].is_none()).collect();
    let seen: &[FileRow] = rows;
    let work = || {
        let mut found = Vec::new();
        let Ok(reader) = Reader::open(context.job.index) else { return found };
        while let Some(part) = open.chunks(LOAD_FILES).nth(next.fetch_add(1, Ordering::Relaxed)) {
            for &i in part.iter().take_while(|_| !context.job.cancel.is_cancelled()) {
                let stored = reader.facts(seen[i].id, seen[i].hash).ok().flatten().and_then(|s| s.unpack().ok());
                found.extend(stored.map(|(facts, numbers)| (i, context.hold(facts, numbers, plan.files[i].bytes))));
            }
        }
        found
    };
    let work = &work;
    let loaded: Vec<(usize, Held)> = std::thread::scope(|scope| {
        let handles: Vec<_> = (0..context.job.threads.max(1)).map(|_| scope.spawn(work)).collect();
        handles.into_iter().flat_map(|h| h.join().unwrap_or_else(|e| std::panic::resume_unwind(e))).collect()
    });
    for (i, held) in loaded {
        rows[i].lines = held.facts.lines;
        out.facts[i] = Some(held);
    }
}
