//! Links all files on several threads and turns the results into what is stored.

use super::evaluate::{Evaluator, Extensions};
use super::modules::Modules;
use super::ty::{Entity, Hit, Lookup, Reason, Ty};
use super::uses::MAX_TARGETS;
use super::world::{FileInput, Sym, World};
use crate::store::{DerivedEntry, ImportEntry, NameEntry, Postings, UnlinkedEntry, UseEntry};
use crate::{Cause, FileId, FileLinks, Link, Phase, Progress, Step, SymbolId, SymbolNo, UnitRow};
use compass_facts::{Cancel, DefId, ImportId, ScopeId, UseId};
use rustc_hash::FxHashMap;
use std::sync::Mutex;
use std::sync::atomic::{AtomicUsize, Ordering};

/// Everything linking gives.
pub(crate) struct Linked {
    pub(crate) links: Vec<(FileId, FileLinks)>,
    pub(crate) postings: Postings,
}

/// Stack of a linking thread: evaluation goes 48 levels deep through several functions each, in debug builds up to
/// 20 KiB a level and more where lookups follow imports.
const STACK_BYTES: usize = 64 << 20;

/// Links all files. `None` when cancelled.
#[allow(clippy::too_many_arguments, reason = "one call from one place; each is a different thing")]
pub(crate) fn link_all(
    files: &[FileInput],
    units: &[UnitRow],
    include_folders: &[String],
    passes: &crate::Passes,
    threads: usize,
    cancel: &Cancel,
    progress: &dyn Progress,
) -> Option<Linked> {
    let world = World::new(files, units, include_folders);
    let modules = Modules::new(&world);
    let extensions = on_big_stack(|| find_extensions(&world, &modules));
    let next = AtomicUsize::new(0);
    let done: Mutex<Vec<(usize, FileLinks)>> = Mutex::new(Vec::with_capacity(files.len()));
    std::thread::scope(|scope| {
        for _ in 0..threads.max(1) {
            std::thread::Builder::new()
                .stack_size(STACK_BYTES)
                .spawn_scoped(scope, || {
                    let mut evaluator = Evaluator::new(&world, &modules, &extensions);
                    loop {
                        let index = next.fetch_add(1, Ordering::Relaxed);
                        if index >= files.len() || cancel.is_cancelled() {
                            break;
                        }
                        let links = link_file(&mut evaluator, index as u32);
                        done.lock().unwrap_or_else(|e| e.into_inner()).push((index, links));
                        if index.is_multiple_of(16) {
                            progress.report(Phase::Link, index as u64, files.len() as u64);
                        }
                    }
                })
                .expect("a thread can be started");
        }
    });
    if cancel.is_cancelled() {
        return None;
    }
    let mut done = done.into_inner().unwrap_or_else(|e| e.into_inner());
    done.sort_by_key(|d| d.0);
    let mut links: Vec<(FileId, FileLinks)> = done.into_iter().map(|(i, l)| (files[i].id, l)).collect();
    crate::crossing::run(passes, files, &mut links);
    let postings = postings(files, &links);
    Some(Linked { links, postings })
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
        for extension in &file.facts.extensions {
            let of = evaluator.evaluate(index, extension.of).ty;
            let implements = extension.implements.map(|t| match evaluator.evaluate(index, t).ty {
                Ty::Item(sym, ..) => Entity::Sym(sym),
                Ty::ExternalType(gid, _) => Entity::External(gid),
                _ => Entity::Module(index, ScopeId::FILE),
            });
            for sym in types_of(&of) {
                found.entry(sym).or_default().push((index, extension.scope, implements));
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

fn link_file(evaluator: &mut Evaluator, index: u32) -> FileLinks {
    let world = evaluator.world;
    let file = &world.files[index as usize];
    let facts = &file.facts;
    let mut out = FileLinks::default();
    let mut known: FxHashMap<Vec<Step>, u32> = FxHashMap::default();
    for (i, u) in facts.uses.iter().enumerate() {
        if u.local.is_some() {
            continue;
        }
        let usage = UseId(i as u32);
        let found = evaluator.link_use(index, facts, u);
        let Some(link) = to_link(evaluator, usage, &found, &mut out, &mut known) else {
            out.unlinked.push((usage, found.cause));
            continue;
        };
        out.links.push(link);
    }
    link_imports(evaluator, index, &mut out);
    link_bases(evaluator, index, &mut out);
    out
}

fn to_link(evaluator: &Evaluator, usage: UseId, found: &Lookup, out: &mut FileLinks, known: &mut FxHashMap<Vec<Step>, u32>) -> Option<Link> {
    let world = evaluator.world;
    let first = found.hits.first()?;
    let targets: Vec<SymbolId> = found.hits.iter().filter_map(|h| declared_module(evaluator, h).or_else(|| symbol(world, h))).take(MAX_TARGETS).collect();
    if targets.is_empty() {
        return None;
    }
    let steps: Vec<Step> = first.reasons.iter().map(|r| step(world, r)).collect();
    let evidence = *known.entry(steps).or_insert_with_key(|steps| {
        out.evidence.push(steps.clone());
        out.evidence.len() as u32 - 1
    });
    Some(Link { usage, targets, total: found.hits.len() as u32, certainty: first.certainty, evidence })
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

fn symbol_id(world: &World, sym: Sym) -> SymbolId {
    let file = &world.files[sym.file as usize];
    SymbolId { file: file.id, number: file.numbers.number(sym.def) }
}

fn step(world: &World, reason: &Reason) -> Step {
    let file = &world.files[reason.file as usize];
    let number = reason.def.map_or(SymbolNo::MODULE, |d| file.numbers.number(d));
    Step { kind: reason.kind, symbol: SymbolId { file: file.id, number }, at: reason.at, len: reason.len }
}

fn link_imports(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    let facts = world.facts(index);
    for (i, import) in facts.imports.iter().enumerate() {
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

/// Definitions alone as sorted postings.
pub(crate) fn names_only(files: &[FileInput]) -> Postings {
    postings(files, &[])
}

/// Definitions and links as sorted postings.
fn postings(files: &[FileInput], links: &[(FileId, FileLinks)]) -> Postings {
    let mut out = Postings::default();
    for file in files {
        for (i, def) in file.facts.definitions.iter().enumerate() {
            if !def.is_inner() && !def.name_span.is_empty() {
                let symbol = SymbolId { file: file.id, number: file.numbers.number(DefId(i as u32)) };
                out.names.push(NameEntry { name: file.facts.name(def.name).to_owned(), symbol, kind: def.kind, flags: def.flags });
            }
        }
    }
    let mut unlinked: FxHashMap<(&str, Cause), u64> = FxHashMap::default();
    let by_id: FxHashMap<FileId, &FileInput> = files.iter().map(|f| (f.id, f)).collect();
    for (id, file_links) in links {
        let file = by_id[id];
        add_uses(file, file_links, &mut out);
        for (usage, cause) in &file_links.unlinked {
            *unlinked.entry((file.facts.name(file.facts.usage(*usage).name), *cause)).or_default() += 1;
        }
    }
    out.unlinked = unlinked.into_iter().map(|((name, cause), count)| UnlinkedEntry { name: name.to_owned(), cause, count }).collect();
    out.unlinked.sort_by(|a, b| (&a.name, a.cause).cmp(&(&b.name, b.cause)));
    out.names.sort_by(|a, b| (&a.name, a.symbol).cmp(&(&b.name, b.symbol)));
    out.uses.sort_by_key(|u| (u.target, u.file, u.usage));
    out.imports.sort_by_key(|i| (i.target, i.file, i.import));
    out.derived.sort_by_key(|d| (d.base, d.derived));
    out.derived.dedup();
    out.crossings.sort_by_key(|c| (c.target, c.file, c.number));
    out
}

fn add_uses(file: &FileInput, links: &FileLinks, out: &mut Postings) {
    for link in &links.links {
        let u = file.facts.usage(link.usage);
        let enclosing = u.enclosing.map(|d| file.numbers.number(d));
        for (i, target) in link.targets.iter().enumerate() {
            // Of a guess among many only the nearest few are listed as uses.
            if i >= 3 && link.certainty == crate::Certainty::Guessed {
                break;
            }
            out.uses.push(UseEntry { target: *target, file: file.id, usage: link.usage.0, role: u.role, certainty: link.certainty, first: i == 0, enclosing });
        }
    }
    for (i, targets) in links.imports.iter().enumerate() {
        for target in targets {
            out.imports.push(ImportEntry { target: target.file, file: file.id, import: i as u32 });
        }
    }
    let entries = links.crossings.iter().enumerate().map(|(i, c)| crate::CrossingEntry { target: c.to, file: file.id, number: i as u32 });
    out.crossings.extend(entries);
    out.derived.extend(links.bases.iter().map(|(base, derived)| DerivedEntry { base: *base, derived: *derived }));
}
