//! Links all files on several threads and turns the results into what is stored.

use crate::link::resolve::evaluate::{Evaluator, Extensions};
use crate::link::resolve::file::{link_file, types_of};
use crate::link::reuse::portable_links::{Places, PortableLinks};
use crate::link::types::ty::{Entity, Ty};
use crate::link::world::modules::Modules;
use crate::link::world::{BatchView, DefRef, FileInput, GlobalIndex, GlobalNameId, World, is_member};
use crate::lock;
use crate::store::{
    ChoiceEntry, DependencyEntry, Entry, ImportEntry, NameEntry, PackedLinks, Relation, RelationEntry, SmallPostings, StoreError, UnlinkedEntry, UseEntry,
    UseRuns, pack_links,
};
use crate::{Cause, FileId, FileLinks, Phase, Progress, SymbolId, UnitRow};
use compass_facts::{Cancel, Extension, Facts, Flags, ScopeId, UseId};
use rustc_hash::{FxHashMap, FxHashSet};
use serde::{Deserialize, Serialize};
use std::panic::{AssertUnwindSafe, catch_unwind};
use std::path::Path;
use std::sync::Mutex;
use std::sync::atomic::{AtomicUsize, Ordering};

/// What linking needs beside the files themselves.
pub(crate) struct Request<'r> {
    pub(crate) units: &'r [UnitRow],
    pub(crate) build: &'r crate::plan::BuildSettings,
    pub(crate) threads: usize,
    /// Where sorted runs are kept meanwhile.
    pub(crate) folder: &'r Path,
    /// Only these files, by position; all without.
    pub(crate) only: Option<&'r FxHashSet<usize>>,
    /// Where facts come from that are not among the files'.
    pub(crate) lazy_facts: Option<&'r super::LazyFacts>,
    /// Links of packages that were made before.
    pub(crate) places: Option<&'r dyn Places>,
    pub(crate) cancel: &'r Cancel,
    pub(crate) progress: &'r dyn Progress,
}

/// Gives whole facts of files of which only the outer part is kept; one per thread. Fails rather than leave a file without its uses.
pub(crate) type Load = Box<dyn FnMut(&FileInput) -> Result<Facts, StoreError>>;

/// Looks for links made before.
type Find<'p> = Box<dyn FnMut(usize) -> Option<PortableLinks> + 'p>;

/// Takes what is ready while the threads go on.
pub(crate) trait Sink {
    /// All definitions, sorted by name; comes first.
    fn names(&mut self, names: &mut dyn Iterator<Item = NameEntry>) -> Result<(), StoreError>;
    /// The links of some files.
    fn links(&mut self, batch: Vec<(FileId, PackedLinks)>) -> Result<(), StoreError>;
}

/// Counts of a file's uses.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub(crate) struct Tally {
    pub(crate) uses: u64,
    pub(crate) local: u64,
    pub(crate) certainties: [u64; 3],
    pub(crate) unlinked: [u64; Cause::ALL.len()],
    pub(crate) imports: u64,
    /// Imports that lead to nothing that is indexed, by cause.
    pub(crate) absent: [u64; Cause::ALL.len()],
}

/// What linking gives beside what the sink took.
pub(crate) struct Linked {
    /// By file; empty for files whose links the sink took.
    pub(crate) links: Vec<(FileId, FileLinks)>,
    pub(crate) tallies: Vec<Tally>,
    pub(crate) uses: Vec<UseRuns>,
    pub(crate) small: SmallPostings,
}

/// Stack of a linking thread: evaluation goes 48 levels deep through several functions each, in debug builds up to
/// 20 KiB a level and more where lookups follow imports.
const STACK_BYTES: usize = 64 << 20;
/// Files whose whole facts are loaded at once; they stand side by side, and so share much of what they mention.
const BATCH_FILES: usize = 96;
const BATCH_BYTES: usize = 4 << 20;

/// May crossings begin or end in such a file? Its links wait for them; others are written as soon as they are there.
pub(crate) fn waits_for_passes(language: compass_facts::Language) -> bool {
    language.profile().has_crossings
}

/// Links all files. `None` when cancelled.
///
/// # Errors
/// What the sink or a temporary file fails with.
pub(crate) fn link_all(files: &[FileInput], request: &Request, load: &(dyn Fn() -> Load + Sync), sink: &mut dyn Sink) -> Result<Option<Linked>, StoreError> {
    let base = GlobalIndex::new(files, request.units, request.build, request.lazy_facts, request.cancel);
    if request.cancel.is_cancelled() {
        return Ok(None);
    }
    let modules = Modules::new(&World::new(&base, None));
    let (extensions, by_all) = on_big_stack(|| {
        // Only languages whose types have no extensions are linked that way.
        if request.lazy_facts.is_some() {
            return Default::default();
        }
        let whole = World::new(&base, None);
        let extensions = find_extensions(&whole, &modules);
        (extensions, whole.dependency_log.finish())
    });
    let batches = batches(files, request.only);
    let (next, done) = (AtomicUsize::new(0), AtomicUsize::new(0));
    let (sender, receiver) = crossbeam_channel::bounded::<Vec<(FileId, PackedLinks)>>(64);
    let (base, modules, extensions, batches) = (&base, &modules, &extensions, &batches);
    let failed: Mutex<Option<StoreError>> = Mutex::new(None);
    let mut parts: Vec<Part> = std::thread::scope(|scope| {
        let handles: Vec<_> = (0..request.threads.max(1))
            .map(|_| {
                let (sender, next, done, failed) = (sender.clone(), &next, &done, &failed);
                let work = move || {
                    let mut part = Part::new(request.folder);
                    let mut load = load();
                    let mut package_cache = request.places.map(|p| (p, p.finder()));
                    while let Some(batch) = batches.get(next.fetch_add(1, Ordering::Relaxed)) {
                        if request.cancel.is_cancelled() || lock(failed).is_some() {
                            break;
                        }
                        let result = part.link(base, modules, extensions, batch.clone(), &mut load, package_cache.as_mut(), request.cancel);
                        match result {
                            Ok(packed) => {
                                let count = done.fetch_add(batch.len(), Ordering::Relaxed) + batch.len();
                                request.progress.report(Phase::Link, count as u64, files.len() as u64);
                                if sender.send(packed).is_err() {
                                    break;
                                }
                            }
                            Err(e) => {
                                lock(failed).get_or_insert(e);
                                break;
                            }
                        }
                    }
                    part
                };
                std::thread::Builder::new().stack_size(STACK_BYTES).spawn_scoped(scope, work).expect("a thread can be started")
            })
            .collect();
        drop(sender);
        let mut taken = write_names(base, sink, request);
        for batch in receiver {
            taken = taken.and_then(|()| sink.links(batch));
            if taken.is_err() {
                break;
            }
        }
        if let Err(e) = taken {
            lock(&failed).get_or_insert(e);
        }
        handles.into_iter().map(|h| h.join().unwrap_or_else(|e| std::panic::resume_unwind(e))).collect()
    });
    if let Some(error) = failed.into_inner().unwrap_or_else(|e| e.into_inner()) {
        return Err(error);
    }
    if request.cancel.is_cancelled() {
        return Ok(None);
    }
    let mut linked = join(files, &mut parts);
    let for_all = by_all.into_iter().map(|n| DependencyEntry { name: DependencyEntry::hash(base.name(n)), file: DependencyEntry::EVERY });
    linked.small.dependencies.extend(for_all);
    linked.small.dependencies.sort_unstable();
    linked.small.dependencies.dedup();
    Ok(Some(linked))
}

/// Files side by side, so many as are loaded at once.
fn batches(files: &[FileInput], only: Option<&FxHashSet<usize>>) -> Vec<std::ops::Range<usize>> {
    let mut out = Vec::new();
    let (mut start, mut bytes) = (0, 0);
    for (i, file) in files.iter().enumerate() {
        if only.is_some_and(|o| !o.contains(&i)) {
            out.push(start..i);
            (start, bytes) = (i + 1, 0);
            continue;
        }
        bytes += file.bytes as usize;
        if i + 1 - start >= BATCH_FILES || bytes >= BATCH_BYTES {
            out.push(start..i + 1);
            (start, bytes) = (i + 1, 0);
        }
    }
    out.push(start..files.len());
    out.retain(|r| !r.is_empty());
    out
}

fn write_names<'w>(base: &'w GlobalIndex<'w>, sink: &mut dyn Sink, request: &Request) -> Result<(), StoreError> {
    let sorted = match request.only {
        Some(only) => base.names_of(only),
        None => base.sorted_names(),
    };
    // Names of a run that is cancelled are never shown: the rest need not be written.
    let mut entries = sorted.into_iter().take_while(|_| !request.cancel.is_cancelled()).filter_map(|(gid, sym)| {
        let facts = base.facts(sym.file);
        let def = facts.def(sym.def);
        let flags = if is_member(facts, def) { def.flags.with(Flags::MEMBER) } else { def.flags };
        (!def.name_span.is_empty()).then(|| NameEntry { name: base.name(gid).to_owned(), symbol: base.symbol(sym), kind: def.kind, flags })
    });
    sink.names(&mut entries)
}

/// What one thread has made.
struct Part {
    links: Vec<(usize, FileLinks)>,
    tallies: Vec<(usize, Tally)>,
    uses: UseRuns,
    small: SmallPostings,
    /// How often rules panicked.
    faults: u32,
}

impl Part {
    fn new(folder: &Path) -> Part {
        Part { links: Vec::new(), tallies: Vec::new(), uses: UseRuns::new(folder), small: SmallPostings::default(), faults: 0 }
    }

    /// Links the files of a range; gives the links of those whose facts were loaded for it.
    #[allow(clippy::too_many_arguments, reason = "one call from one place; each is a different thing")]
    fn link(
        &mut self,
        base: &GlobalIndex,
        modules: &Modules,
        extensions: &Extensions,
        range: std::ops::Range<usize>,
        load: &mut Load,
        mut package_cache: Option<&mut (&dyn Places, Find<'_>)>,
        cancel: &Cancel,
    ) -> Result<Vec<(FileId, PackedLinks)>, StoreError> {
        let mut carried: FxHashMap<usize, PortableLinks> = FxHashMap::default();
        if let Some((places, find)) = package_cache.as_mut() {
            carried.extend(range.clone().filter(|i| places.is_shared(*i)).filter_map(|i| Some((i, find(i)?))));
        }
        let is_open = |i: &usize| base.files[*i].language.is_read() && !base.files[*i].whole && !carried.contains_key(i);
        let loaded: Result<Vec<(u32, Facts)>, StoreError> = range.clone().filter(is_open).map(|i| Ok((i as u32, load(&base.files[i])?))).collect();
        let loaded = loaded?;
        let here = BatchView::new(base, &loaded);
        let mut packed = Vec::new();
        let mut rest = range;
        while !rest.is_empty() {
            // After a fault what an evaluator and a world remember may be half done.
            let world = World::new(base, Some(&here));
            let mut evaluator = Evaluator::new(&world, modules, extensions);
            let faults = self.faults;
            for i in rest.by_ref() {
                if cancel.is_cancelled() {
                    return Ok(packed);
                }
                let links = match carried.remove(&i) {
                    Some(carried) => self.take_over(&mut evaluator, i, carried)?,
                    None => self.link_one(&mut evaluator, i, package_cache.as_ref().map(|d| d.0).filter(|p| p.is_shared(i)))?,
                };
                if waits_for_passes(base.files[i].language) {
                    self.links.push((i, links));
                } else {
                    packed.push((base.files[i].id, pack_links(&links)?));
                }
                if self.faults > faults {
                    break;
                }
            }
        }
        Ok(packed)
    }

    /// Runs rules of a language over a file; `None` if they panic: users lose the links of one file then, not the run. The hook for
    /// panics reports it.
    fn guarded<T>(&mut self, work: impl FnOnce() -> T) -> Option<T> {
        let done = catch_unwind(AssertUnwindSafe(work)).ok();
        if done.is_none() {
            self.faults += 1;
        }
        done
    }

    /// Links a file; what it gives is kept for other workspaces where that is asked for.
    fn link_one(&mut self, evaluator: &mut Evaluator, i: usize, keep: Option<&dyn Places>) -> Result<FileLinks, StoreError> {
        let world = evaluator.world;
        let index = i as u32;
        let facts = world.facts(index);
        let linked = self.guarded(|| link_file(evaluator, index));
        let keep = keep.filter(|_| linked.is_some());
        let (links, told) = linked.unwrap_or_else(|| (without_targets(facts, Cause::Fault), Vec::new()));
        let tally = tally(facts, &links);
        let carried = PortableLinks::of(facts, &|d| world.number(index, d), links, tally, dependencies_but(world, told));
        let choice = |(name, (with, without))| ChoiceEntry { name, file: world.files[i].id, with, without };
        self.small.choices.extend(super::choices(facts).into_iter().map(choice));
        if let Some(places) = keep {
            places.keep(i, carried.clone());
        }
        self.take_over(evaluator, i, carried)
    }

    /// Takes over what linking a file gave, here or in another workspace.
    fn take_over(&mut self, evaluator: &mut Evaluator, i: usize, carried: PortableLinks) -> Result<FileLinks, StoreError> {
        let mut links = self.add(evaluator.world, i, carried)?;
        self.add_implementers(evaluator, i, &mut links);
        Ok(links)
    }

    /// Types that have the methods of an interface of the file: they may stand anywhere.
    fn add_implementers(&mut self, evaluator: &mut Evaluator, i: usize, links: &mut FileLinks) {
        let world = evaluator.world;
        let before = links.bases.len();
        let file = world.files[i].id;
        let rules = evaluator.rules(i as u32);
        if self.guarded(|| rules.implied(evaluator, i as u32, links)).is_none() {
            links.bases.truncate(before);
            // Whoever asks what implements a type of the file hears that something may be missing.
            let facts = world.facts(i as u32);
            let types = facts.definitions.iter().filter(|d| d.kind.is_type()).map(|d| facts.name(d.name).to_owned());
            self.small.unlinked.extend(types.map(|name| UnlinkedEntry { name, cause: Cause::Fault, file, count: 1 }));
        }
        self.small.relations.extend(relations(&links.bases[before..], &[], file));
        self.small.dependencies.extend(dependencies_but(world, Vec::new()).into_iter().map(|name| DependencyEntry { name, file }));
    }

    /// Adds the postings of a file; gives its links.
    fn add(&mut self, world: &World, index: usize, carried: PortableLinks) -> Result<FileLinks, StoreError> {
        let file = &world.files[index];
        let PortableLinks { links, tally, uses, unlinked, dependencies } = carried;
        self.small.dependencies.extend(dependencies.into_iter().map(|name| DependencyEntry { name, file: file.id }));
        self.tallies.push((index, tally));
        for ((usage, link), (role, enclosing)) in links.iter().zip(uses) {
            for (i, target) in link.targets.iter().enumerate() {
                // Of a guess among many only the nearest few are listed as uses.
                if i >= MOST_GUESSES && link.certainty == crate::Certainty::Guessed {
                    break;
                }
                self.uses.push(UseEntry { target: *target, file: file.id, usage: usage.0, role, certainty: link.certainty, first: i == 0, enclosing })?;
            }
        }
        self.small.unlinked.extend(unlinked.into_iter().map(|(name, cause, count)| UnlinkedEntry { name, cause, file: file.id, count }));
        for (i, targets) in links.imports.iter().enumerate() {
            self.small.imports.extend(targets.iter().map(|t| ImportEntry { target: t.file, file: file.id, import: i as u32 }));
        }
        self.small.relations.extend(relations(&links.bases, &links.members, file.id));
        Ok(links)
    }
}

/// Of a guess among many so many are listed as uses.
pub(super) const MOST_GUESSES: usize = 3;

/// Bases and members as they are found from either side.
fn relations<'l>(
    bases: &'l [(SymbolId, SymbolId, crate::Certainty)],
    members: &'l [(SymbolId, SymbolId)],
    file: FileId,
) -> impl Iterator<Item = RelationEntry> + 'l {
    let entry = move |from: SymbolId, relation, to: SymbolId, certainty| RelationEntry { from, relation, to, certainty, file };
    let bases = bases.iter().flat_map(move |(base, of, sure)| [entry(*base, Relation::Derived, *of, *sure), entry(*of, Relation::Base, *base, *sure)]);
    let sure = crate::Certainty::Proven;
    bases.chain(members.iter().flat_map(move |(of, member)| [entry(*of, Relation::Member, *member, sure), entry(*member, Relation::Owner, *of, sure)]))
}

/// Hashes of the names that were looked up. Those that uses lead to by name stand in the postings of these already.
fn dependencies_but(world: &World, mut told: Vec<GlobalNameId>) -> Vec<u32> {
    told.sort_unstable();
    let rest = world.dependency_log.finish().into_iter().filter(|n| told.binary_search(n).is_err());
    rest.map(|n| DependencyEntry::hash(world.name(n))).collect()
}

/// Links of a file of which nothing is known, for one cause.
fn without_targets(facts: &Facts, cause: Cause) -> FileLinks {
    let open = facts.uses.iter().enumerate().filter(|(_, u)| u.local.is_none());
    FileLinks { unlinked: open.map(|(i, _)| (UseId(i as u32), cause)).collect(), ..FileLinks::default() }
}

/// Counts the uses of a file.
pub(crate) fn tally(facts: &Facts, links: &FileLinks) -> Tally {
    let mut out = Tally { uses: facts.uses.len() as u64, imports: facts.imports.len() as u64, ..Tally::default() };
    links.absent.iter().for_each(|(_, cause)| out.absent[*cause as usize] += 1);
    out.local = facts.uses.iter().filter(|u| u.local.is_some()).count() as u64;
    links.iter().for_each(|(_, l)| out.certainties[l.certainty as usize] += 1);
    links.unlinked.iter().for_each(|(_, cause)| out.unlinked[*cause as usize] += 1);
    out
}

/// Puts together what the threads made; the result does not depend on who made what.
fn join(files: &[FileInput], parts: &mut Vec<Part>) -> Linked {
    let mut out = Linked {
        links: files.iter().map(|f| (f.id, FileLinks::default())).collect(),
        tallies: vec![Tally::default(); files.len()],
        uses: Vec::new(),
        small: SmallPostings::default(),
    };
    for part in parts.drain(..) {
        part.links.into_iter().for_each(|(i, l)| out.links[i].1 = l);
        part.tallies.into_iter().for_each(|(i, t)| out.tallies[i] = t);
        out.uses.push(part.uses);
        out.small.imports.extend(part.small.imports);
        out.small.relations.extend(part.small.relations);
        out.small.dependencies.extend(part.small.dependencies);
        out.small.choices.extend(part.small.choices);
        out.small.unlinked.extend(part.small.unlinked);
    }
    out.small.unlinked.sort_by(Entry::order);
    out.small.choices.sort_by(Entry::order);
    out.small.imports.sort_by(Entry::order);
    out.small.relations.sort_by(Entry::order);
    out.small.relations.dedup();
    out
}

fn on_big_stack<T: Send>(work: impl FnOnce() -> T + Send) -> T {
    std::thread::scope(|scope| {
        let handle = std::thread::Builder::new().stack_size(STACK_BYTES).spawn_scoped(scope, work).expect("a thread can be started");
        handle.join().unwrap_or_else(|e| std::panic::resume_unwind(e))
    })
}

/// Which types the extensions of all files extend.
fn find_extensions(world: &World, modules: &Modules) -> Extensions {
    let none = Extensions::default();
    let mut evaluator = Evaluator::new(world, modules, &none);
    let mut found = Extensions::default();
    // Types that are only declared where the search led: their code may be a member that an extension has.
    let mut declared: Vec<(u32, Vec<&Extension>)> = Vec::new();
    for (index, file) in world.files.iter().enumerate() {
        let index = index as u32;
        let all: Vec<&Extension> = file.facts.extensions.iter().collect();
        let bodiless = |s: &DefRef| world.def(*s).flags.has(Flags::BODILESS);
        let again = add_extensions(&mut evaluator, index, &all, &mut found, &|types| types.iter().any(bodiless));
        if !again.is_empty() {
            declared.push((index, again));
        }
    }
    if !declared.is_empty() {
        let mut more = Extensions::default();
        let mut evaluator = Evaluator::new(world, modules, &found);
        for (index, extensions) in declared {
            add_extensions(&mut evaluator, index, &extensions, &mut more, &|_| false);
        }
        found.join(more);
    }
    found
}

/// Adds what some extensions of a file extend; gives those of which the types are such as `wanted` says.
fn add_extensions<'f>(
    evaluator: &mut Evaluator,
    index: u32,
    extensions: &[&'f Extension],
    found: &mut Extensions,
    wanted: &dyn Fn(&[DefRef]) -> bool,
) -> Vec<&'f Extension> {
    let world = evaluator.world;
    // Types with hundreds of methods are common where each method is an extension of its own: they are found by name.
    let mut inherent: FxHashMap<ScopeId, Vec<DefRef>> = FxHashMap::default();
    let mut out = Vec::new();
    for extension in extensions {
        let types = types_of(&evaluator.evaluate(index, extension.of).ty);
        let implements = extension.implements.map(|t| match evaluator.evaluate(index, t).ty {
            Ty::Item(sym, ..) => Entity::DefRef(sym),
            Ty::ExternalType(gid, _) => Entity::External(gid),
            _ => Entity::Module(index, ScopeId::FILE),
        });
        if wanted(&types) {
            out.push(*extension);
        }
        for sym in types {
            found.of.entry((index, extension.scope)).or_insert(sym);
            match implements {
                Some(of) => found.traits.entry(sym).or_default().push((index, extension.scope, of)),
                None => inherent.entry(extension.scope).or_default().push(sym),
            }
        }
    }
    for d in world.files[index as usize].facts.definitions.iter().filter(|_| !inherent.is_empty()) {
        for sym in inherent.get(&d.scope).into_iter().flatten() {
            let places = found.inherent.entry((*sym, world.gid(index, d.name))).or_default();
            if places.last() != Some(&(index, d.scope)) {
                places.push((index, d.scope));
            }
        }
    }
    out
}
