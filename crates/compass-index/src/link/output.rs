//! Links all files on several threads and turns the results into what is stored.

use super::carried::{Carried, Places};
use super::evaluate::{Evaluator, Extensions};
use super::modules::Modules;
use super::ty::{Entity, Hit, Lookup, Reason, Ty};
use super::uses::MAX_TARGETS;
use super::world::{Base, FileInput, Gid, Here, Sym, World, is_member};
use crate::evidence::Chain;
use crate::store::{
    ChoiceEntry, ConsultEntry, DerivedEntry, Entry, ImportEntry, NameEntry, PackedLinks, SmallPostings, StoreError, UnlinkedEntry, UseEntry, UseRuns,
    pack_links,
};
use crate::{Cause, FileId, FileLinks, Link, Phase, Progress, Step, StepPlace, SymbolId, SymbolNo, UnitRow};
use compass_facts::{Cancel, DefId, Facts, Flags, ImportId, ScopeId, UseId};
use rustc_hash::{FxHashMap, FxHashSet};
use serde::{Deserialize, Serialize};
use smallvec::SmallVec;
use std::hash::BuildHasher;
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
    pub(crate) shelf: Option<&'r super::Shelf>,
    /// Links of packages that were made before.
    pub(crate) places: Option<&'r dyn Places>,
    pub(crate) cancel: &'r Cancel,
    pub(crate) progress: &'r dyn Progress,
}

/// Gives whole facts of files of which only the outer part is kept; one per thread. Fails rather than leave a file without its uses.
pub(crate) type Load = Box<dyn FnMut(&FileInput) -> Result<Facts, StoreError>>;

/// Looks for links made before.
type Find<'p> = Box<dyn FnMut(usize) -> Option<Carried> + 'p>;

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
    !language.is_c_family()
}

/// Links all files. `None` when cancelled.
///
/// # Errors
/// What the sink or a temporary file fails with.
pub(crate) fn link_all(files: &[FileInput], request: &Request, load: &(dyn Fn() -> Load + Sync), sink: &mut dyn Sink) -> Result<Option<Linked>, StoreError> {
    let base = Base::new(files, request.units, request.build, request.shelf, request.cancel);
    if request.cancel.is_cancelled() {
        return Ok(None);
    }
    let modules = Modules::new(&World::new(&base, None));
    let (extensions, by_all) = on_big_stack(|| {
        // Types of C have no extensions.
        if request.shelf.is_some() {
            return Default::default();
        }
        let whole = World::new(&base, None);
        let extensions = find_extensions(&whole, &modules);
        (extensions, whole.consulted.finish())
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
                    let mut depot = request.places.map(|p| (p, p.finder()));
                    while let Some(batch) = batches.get(next.fetch_add(1, Ordering::Relaxed)) {
                        if request.cancel.is_cancelled() || lock(failed).is_some() {
                            break;
                        }
                        let result = part.link(base, modules, extensions, batch.clone(), &mut load, depot.as_mut(), request.cancel);
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
    let for_all = by_all.into_iter().map(|n| ConsultEntry { name: ConsultEntry::hash(base.name(n)), file: ConsultEntry::EVERY });
    linked.small.consulted.extend(for_all);
    linked.small.consulted.sort_unstable();
    linked.small.consulted.dedup();
    Ok(Some(linked))
}

fn lock<T>(mutex: &Mutex<T>) -> std::sync::MutexGuard<'_, T> {
    mutex.lock().unwrap_or_else(|e| e.into_inner())
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

fn write_names<'w>(base: &'w Base<'w>, sink: &mut dyn Sink, request: &Request) -> Result<(), StoreError> {
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
}

impl Part {
    fn new(folder: &Path) -> Part {
        Part { links: Vec::new(), tallies: Vec::new(), uses: UseRuns::new(folder), small: SmallPostings::default() }
    }

    /// Links the files of a range; gives the links of those whose facts were loaded for it.
    #[allow(clippy::too_many_arguments, reason = "one call from one place; each is a different thing")]
    fn link(
        &mut self,
        base: &Base,
        modules: &Modules,
        extensions: &Extensions,
        range: std::ops::Range<usize>,
        load: &mut Load,
        mut depot: Option<&mut (&dyn Places, Find<'_>)>,
        cancel: &Cancel,
    ) -> Result<Vec<(FileId, PackedLinks)>, StoreError> {
        let mut carried: FxHashMap<usize, Carried> = FxHashMap::default();
        if let Some((places, find)) = depot.as_mut() {
            carried.extend(range.clone().filter(|i| places.is_shared(*i)).filter_map(|i| Some((i, find(i)?))));
        }
        let is_open = |i: &usize| base.files[*i].language.is_read() && !base.files[*i].whole && !carried.contains_key(i);
        let loaded: Result<Vec<(u32, Facts)>, StoreError> = range.clone().filter(is_open).map(|i| Ok((i as u32, load(&base.files[i])?))).collect();
        let loaded = loaded?;
        let here = Here::new(base, &loaded);
        let world = World::new(base, Some(&here));
        let mut evaluator = Evaluator::new(&world, modules, extensions);
        let mut packed = Vec::new();
        for i in range {
            if cancel.is_cancelled() {
                break;
            }
            let links = match carried.remove(&i) {
                Some(carried) => self.take_over(&mut evaluator, i, carried)?,
                None => self.link_one(&mut evaluator, i, depot.as_ref().map(|d| d.0).filter(|p| p.is_shared(i)))?,
            };
            if waits_for_passes(base.files[i].language) {
                self.links.push((i, links));
            } else {
                packed.push((base.files[i].id, pack_links(&links)?));
            }
        }
        Ok(packed)
    }

    /// Links a file; what it gives is kept for other workspaces where that is asked for.
    fn link_one(&mut self, evaluator: &mut Evaluator, i: usize, keep: Option<&dyn Places>) -> Result<FileLinks, StoreError> {
        let world = evaluator.world;
        let index = i as u32;
        let (links, told) = link_file(evaluator, index);
        let facts = world.facts(index);
        let tally = tally(facts, &links);
        let carried = Carried::of(facts, &|d| world.number(index, d), links, tally, consulted_but(world, told));
        let choice = |(name, (with, without))| ChoiceEntry { name, file: world.files[i].id, with, without };
        self.small.choices.extend(super::choices(facts).into_iter().map(choice));
        if let Some(places) = keep {
            places.keep(i, carried.clone());
        }
        self.take_over(evaluator, i, carried)
    }

    /// Takes over what linking a file gave, here or in another workspace.
    fn take_over(&mut self, evaluator: &mut Evaluator, i: usize, carried: Carried) -> Result<FileLinks, StoreError> {
        let mut links = self.add(evaluator.world, i, carried)?;
        self.add_implementers(evaluator, i, &mut links);
        Ok(links)
    }

    /// Types that have the methods of an interface of the file: they may stand anywhere.
    fn add_implementers(&mut self, evaluator: &mut Evaluator, i: usize, links: &mut FileLinks) {
        let world = evaluator.world;
        let before = links.bases.len();
        link_implementers(evaluator, i as u32, links);
        let file = world.files[i].id;
        self.small.derived.extend(links.bases[before..].iter().map(|(base, derived)| DerivedEntry { base: *base, derived: *derived, file }));
        self.small.consulted.extend(consulted_but(world, Vec::new()).into_iter().map(|name| ConsultEntry { name, file }));
    }

    /// Adds the postings of a file; gives its links.
    fn add(&mut self, world: &World, index: usize, carried: Carried) -> Result<FileLinks, StoreError> {
        let file = &world.files[index];
        let Carried { links, tally, uses, unlinked, consulted } = carried;
        self.small.consulted.extend(consulted.into_iter().map(|name| ConsultEntry { name, file: file.id }));
        self.tallies.push((index, tally));
        for ((usage, link), (role, enclosing)) in links.iter().zip(uses) {
            for (i, target) in link.targets.iter().enumerate() {
                // Of a guess among many only the nearest few are listed as uses.
                if i >= 3 && link.certainty == crate::Certainty::Guessed {
                    break;
                }
                self.uses.push(UseEntry { target: *target, file: file.id, usage: usage.0, role, certainty: link.certainty, first: i == 0, enclosing })?;
            }
        }
        self.small.unlinked.extend(unlinked.into_iter().map(|(name, cause, count)| UnlinkedEntry { name, cause, file: file.id, count }));
        for (i, targets) in links.imports.iter().enumerate() {
            self.small.imports.extend(targets.iter().map(|t| ImportEntry { target: t.file, file: file.id, import: i as u32 }));
        }
        self.small.derived.extend(links.bases.iter().map(|(base, derived)| DerivedEntry { base: *base, derived: *derived, file: file.id }));
        Ok(links)
    }
}

/// Hashes of the names that were looked up. Those that uses lead to by name stand in the postings of these already.
fn consulted_but(world: &World, mut told: Vec<Gid>) -> Vec<u32> {
    told.sort_unstable();
    let rest = world.consulted.finish().into_iter().filter(|n| told.binary_search(n).is_err());
    rest.map(|n| ConsultEntry::hash(world.name(n))).collect()
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
        out.small.derived.extend(part.small.derived);
        out.small.consulted.extend(part.small.consulted);
        out.small.choices.extend(part.small.choices);
        out.small.unlinked.extend(part.small.unlinked);
    }
    out.small.unlinked.sort_by(Entry::order);
    out.small.choices.sort_by(Entry::order);
    out.small.imports.sort_by(Entry::order);
    out.small.derived.sort_by(Entry::order);
    out.small.derived.dedup();
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
    for (index, file) in world.files.iter().enumerate() {
        let index = index as u32;
        // Types with hundreds of methods are common where each method is an extension of its own: they are found by name.
        let mut inherent: FxHashMap<ScopeId, Vec<Sym>> = FxHashMap::default();
        for extension in &file.facts.extensions {
            let of = evaluator.evaluate(index, extension.of).ty;
            let implements = extension.implements.map(|t| match evaluator.evaluate(index, t).ty {
                Ty::Item(sym, ..) => Entity::Sym(sym),
                Ty::ExternalType(gid, _) => Entity::External(gid),
                _ => Entity::Module(index, ScopeId::FILE),
            });
            for sym in types_of(&of) {
                found.of.entry((index, extension.scope)).or_insert(sym);
                match implements {
                    Some(of) => found.traits.entry(sym).or_default().push((index, extension.scope, of)),
                    None => inherent.entry(extension.scope).or_default().push(sym),
                }
            }
        }
        for d in file.facts.definitions.iter().filter(|_| !inherent.is_empty()) {
            for sym in inherent.get(&d.scope).into_iter().flatten() {
                let places = found.inherent.entry((*sym, world.gid(index, d.name))).or_default();
                if places.last() != Some(&(index, d.scope)) {
                    places.push((index, d.scope));
                }
            }
        }
    }
    found
}

fn types_of(ty: &Ty) -> Vec<Sym> {
    match ty {
        Ty::Item(sym, ..) | Ty::Value(sym, _) => vec![*sym],
        Ty::Union(parts) => parts.iter().flat_map(types_of).collect(),
        _ => Vec::new(),
    }
}

/// What decides the meaning of a use in C: how it is reached, its name, the receiver, what is done.
type SameUse = (u8, u32, u32, compass_facts::Role);

/// How a use of that kind came out.
enum Settled {
    /// As the link at that position.
    Linked(u32),
    Without(Cause),
}

/// The key of a use whose meaning does not hang on where in the file it stands.
fn same_use(facts: &Facts, u: &compass_facts::Use) -> Option<SameUse> {
    use compass_facts::Shape;
    if u.enclosing.is_some_and(|d| facts.def(d).kind == compass_facts::Kind::Macro) {
        return None;
    }
    match u.shape {
        Shape::Plain => Some((0, u.name.0, 0, u.role)),
        Shape::Tag => Some((1, u.name.0, 0, u.role)),
        Shape::Member(of) => Some((2, u.name.0, of.0, u.role)),
        Shape::Key(_) | Shape::Import(_) => None,
    }
}

/// The links of a file, and the names of what its uses lead to.
fn link_file(evaluator: &mut Evaluator, index: u32) -> (FileLinks, Vec<Gid>) {
    let mut told = Vec::new();
    let world = evaluator.world;
    let facts = world.facts(index);
    let mut out = FileLinks::default();
    let mut known = Known::default();
    let mut same: FxHashMap<SameUse, Settled> = FxHashMap::default();
    let is_c = world.language(index) == compass_facts::Language::C;
    for (i, u) in facts.uses.iter().enumerate() {
        if u.local.is_some() {
            continue;
        }
        let usage = UseId(i as u32);
        // In C what a name means hangs on the file alone: said once, it holds for all uses of that kind.
        let key = if is_c { same_use(facts, u) } else { None };
        match key.and_then(|k| same.get(&k)) {
            Some(Settled::Linked(at)) => {
                out.of_uses.push((usage, *at));
                continue;
            }
            Some(Settled::Without(cause)) => {
                out.unlinked.push((usage, *cause));
                continue;
            }
            None => {}
        }
        let found = evaluator.link_use(index, facts, usage, u);
        if let Some(Hit { entity: Entity::Sym(sym), .. }) = found.hits.first() {
            told.push(world.gid(sym.file, world.def(*sym).name));
        }
        let settled = match to_link(evaluator, &found, &mut out, &mut known) {
            Some(link) => {
                out.of_uses.push((usage, link));
                Settled::Linked(link)
            }
            None => {
                out.unlinked.push((usage, found.cause));
                Settled::Without(found.cause)
            }
        };
        if let Some(key) = key {
            same.insert(key, settled);
        }
    }
    link_imports(evaluator, index, &mut out);
    link_bases(evaluator, index, &mut out);
    link_overrides(evaluator, index, &mut out);
    link_held(facts, &mut out);
    super::headers::link_declared(evaluator, index, &mut out);
    (out, told)
}

/// Functions put under names, where both the place and the function are known.
fn link_held(facts: &Facts, out: &mut FileLinks) {
    let first = |usage: UseId| out.find(usage).and_then(|l| l.targets.first().copied());
    out.held = facts.held.iter().filter_map(|(place, function)| Some((first(*place)?, first(*function)?, *place))).collect();
}

/// Types that have the methods of an interface of Go.
fn link_implementers(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    if world.language(index) != compass_facts::Language::Go {
        return;
    }
    let interfaces = world.facts(index).definitions.iter().enumerate().filter(|(_, d)| d.kind == compass_facts::Kind::Interface && !d.name_span.is_empty());
    for (i, _) in interfaces {
        let interface = Sym { file: index, def: DefId(i as u32) };
        for found in evaluator.go_implementers(interface) {
            out.bases.push((symbol_id(world, interface), symbol_id(world, found)));
        }
    }
}

/// Members that replace a virtual one of a base, in C++.
fn link_overrides(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    if world.language(index) != compass_facts::Language::Cpp {
        return;
    }
    let facts = world.facts(index);
    let classes: FxHashMap<ScopeId, DefId> = facts.bases.iter().filter_map(|b| Some((facts.def(b.0).inner?, b.0))).collect();
    let members = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == compass_facts::Kind::Method);
    for (i, member) in members {
        let Some(class) = classes.get(&member.scope) else { continue };
        let name = world.gid(index, member.name);
        let own = symbol_id(world, Sym { file: index, def: DefId(i as u32) });
        for base in evaluator.bases(Sym { file: index, def: *class }).iter() {
            let found = evaluator.members(index, base, name);
            let replaced = found.hits.iter().filter_map(|h| if let Entity::Sym(s) = h.entity { Some(s) } else { None });
            let replaced = replaced.filter(|s| world.def(*s).arity == member.arity && world.def(*s).kind == compass_facts::Kind::Method);
            out.bases.extend(replaced.map(|s| (symbol_id(world, s), own)));
        }
    }
}

/// Links and reasons of a file that are there already: very many uses say the same.
#[derive(Default)]
struct Known {
    chains: FxHashMap<Chain, u32>,
    links: FxHashMap<u64, SmallVec<[u32; 1]>>,
}

/// The number of the link that says what was found.
fn to_link(evaluator: &Evaluator, found: &Lookup, out: &mut FileLinks, known: &mut Known) -> Option<u32> {
    let world = evaluator.world;
    let first = found.hits.first()?;
    let targets: SmallVec<[SymbolId; 2]> =
        found.hits.iter().filter_map(|h| declared_module(evaluator, h).or_else(|| symbol(world, h))).take(MAX_TARGETS).collect();
    if targets.is_empty() {
        return None;
    }
    let steps: Chain = first.reasons.iter().map(|r| step(world, r)).collect();
    let evidence = *known.chains.entry(steps).or_insert_with_key(|steps| {
        out.evidence.push(steps.clone());
        out.evidence.len() as u32 - 1
    });
    let link = Link { targets, total: found.hits.len() as u32, certainty: first.certainty, evidence };
    let alike = known.links.entry(rustc_hash::FxBuildHasher.hash_one((&link.targets, link.total, link.certainty, evidence))).or_default();
    if let Some(same) = alike.iter().copied().find(|n| out.links[*n as usize] == link) {
        return Some(same);
    }
    out.links.push(link);
    alike.push(out.links.len() as u32 - 1);
    Some(out.links.len() as u32 - 1)
}

/// A Rust module in a file of its own is shown where `mod name;` declares it.
fn declared_module(evaluator: &Evaluator, hit: &Hit) -> Option<SymbolId> {
    let world = evaluator.world;
    let Entity::Module(file, ScopeId::FILE) = hit.entity else { return None };
    let (parent, scope) = evaluator.modules.rust_parent(file)?;
    let facts = world.facts(parent);
    let import = facts.imports.iter().enumerate().find(|(i, _)| evaluator.modules.rust_child(parent, *i as u32) == Some(file))?.1;
    let at = facts.definitions.iter().position(|d| d.scope == scope && d.name_span == import.name_span)?;
    Some(symbol_id(world, Sym { file: parent, def: DefId(at as u32) }))
}

fn symbol(world: &World, hit: &Hit) -> Option<SymbolId> {
    match hit.entity {
        Entity::Sym(sym) => Some(symbol_id(world, sym)),
        Entity::Module(file, ScopeId::FILE) => Some(SymbolId::module(world.files[file as usize].id)),
        Entity::Module(file, scope) => world.facts(file).scope(scope).owner.map(|def| symbol_id(world, Sym { file, def })),
        Entity::Folder(_) | Entity::External(_) => None,
    }
}

pub(super) fn symbol_id(world: &World, sym: Sym) -> SymbolId {
    world.symbol(sym)
}

fn step(world: &World, reason: &Reason) -> Step {
    let file = &world.files[reason.file as usize];
    let number = reason.def.map_or(SymbolNo::MODULE, |d| world.number(reason.file, d));
    let import = || world.facts(reason.file).imports.iter().position(|i| (i.name_span.start, i.name_span.len()) == (reason.at, reason.len));
    let place = match reason.def {
        None if reason.len > 0 => import().map_or(StepPlace::Symbol, |i| StepPlace::Import(i as u32)),
        _ => StepPlace::Symbol,
    };
    Step { kind: reason.kind, symbol: SymbolId { file: file.id, number }, place }
}

fn link_imports(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    let facts = world.facts(index);
    for (i, import) in facts.imports.iter().enumerate() {
        if world.language(index).is_c_family() && import.kind != compass_facts::ImportKind::Include {
            out.imports.push(Vec::new());
            continue;
        }
        let targets = evaluator.import_targets(index, ImportId(i as u32));
        let files: Vec<SymbolId> =
            targets.iter().filter_map(|t| symbol(world, &Hit { entity: t.entity, certainty: t.certainty, reasons: Vec::new() })).collect();
        let is_folder = targets.iter().any(|t| matches!(t.entity, Entity::Folder(_)));
        let is_external = targets.iter().any(|t| matches!(t.entity, Entity::External(_)));
        if files.is_empty() && !is_folder {
            let module = facts.name(import.module);
            let relative = module.starts_with('.') || import.kind == compass_facts::ImportKind::Child || module.starts_with("crate");
            let cause = if relative && !is_external { Cause::NoDefinition } else { Cause::UnitAbsent };
            out.absent.push((i as u32, cause));
        }
        out.imports.push(files);
    }
}

fn link_bases(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    let facts = world.facts(index);
    for (def, base) in &facts.bases {
        for base in types_of(&evaluator.evaluate(index, *base).ty) {
            out.bases.push((symbol_id(world, base), symbol_id(world, Sym { file: index, def: *def })));
        }
    }
    for extension in &facts.extensions {
        let Some(implements) = extension.implements else { continue };
        let of = types_of(&evaluator.evaluate(index, extension.of).ty);
        let base = types_of(&evaluator.evaluate(index, implements).ty);
        for (b, d) in base.iter().flat_map(|b| of.iter().map(move |d| (*b, *d))) {
            out.bases.push((symbol_id(world, b), symbol_id(world, d)));
        }
    }
}
