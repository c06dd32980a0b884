//! Links one file: its uses, its imports, and what its types stand below.

use crate::evidence::Chain;
use crate::link::resolve::evaluate::Evaluator;
use crate::link::resolve::uses::MAX_TARGETS;
use crate::link::types::ty::{Entity, Hit, Lookup, Reason, Ty};
use crate::link::world::{DefRef, GlobalNameId, World};
use crate::{Cause, FileLinks, Link, Step, StepPlace, SymbolId, SymbolNo};
use compass_facts::{DefId, Facts, ImportId, ScopeId, UseId};
use rustc_hash::{FxHashMap, FxHashSet};
use smallvec::SmallVec;
use std::hash::BuildHasher;

pub(in crate::link) fn types_of(ty: &Ty) -> Vec<DefRef> {
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
pub(in crate::link) fn link_file(evaluator: &mut Evaluator, index: u32) -> (FileLinks, Vec<GlobalNameId>) {
    let mut told = Vec::new();
    let world = evaluator.world;
    let facts = world.facts(index);
    let mut out = FileLinks::default();
    let mut known = Known::default();
    let mut same: FxHashMap<SameUse, Settled> = FxHashMap::default();
    let rules = evaluator.rules(index);
    let hangs_on_file = rules.names_hang_on_file();
    let by_place = if hangs_on_file { rules.names_by_place(facts) } else { FxHashSet::default() };
    for (i, u) in facts.uses.iter().enumerate() {
        if u.local.is_some() {
            continue;
        }
        let usage = UseId(i as u32);
        // Where what a name means hangs on the file alone, it is said once for all uses of that kind.
        let key = if hangs_on_file && !by_place.contains(&u.name) { same_use(facts, u) } else { None };
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
        if let Some(Hit { entity: Entity::DefRef(sym), .. }) = found.hits.first() {
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
    rules.further_links(evaluator, index, &mut out);
    (out, told)
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
    let targets: SmallVec<[SymbolId; 2]> = found.hits.iter().filter_map(|h| declared_at(evaluator, h).or_else(|| symbol(world, h))).take(MAX_TARGETS).collect();
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

/// Where a module that is a file of its own is declared.
fn declared_at(evaluator: &Evaluator, hit: &Hit) -> Option<SymbolId> {
    match hit.entity {
        Entity::Module(file, ScopeId::FILE) => evaluator.rules(file).declared_at(evaluator, file),
        _ => None,
    }
}

fn symbol(world: &World, hit: &Hit) -> Option<SymbolId> {
    match hit.entity {
        Entity::DefRef(sym) => Some(world.symbol(sym)),
        Entity::Module(file, ScopeId::FILE) => Some(SymbolId::module(world.files[file as usize].id)),
        Entity::Module(file, scope) => world.facts(file).scope(scope).owner.map(|def| world.symbol(DefRef { file, def })),
        Entity::Folder(_) | Entity::External(_) => None,
    }
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
    let rules = evaluator.rules(index);
    for (i, import) in facts.imports.iter().enumerate() {
        if !rules.is_import(import) {
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
            let relative = import.kind == compass_facts::ImportKind::Child || rules.is_own_path(module);
            let cause = if (world.language(index).profile().standard.is_module)(module) {
                Cause::Builtin
            } else if relative && !is_external {
                Cause::NoDefinition
            } else {
                Cause::UnitAbsent
            };
            out.absent.push((i as u32, cause));
        }
        out.imports.push(files);
    }
}

fn link_bases(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    let facts = world.facts(index);
    let rules = evaluator.rules(index);
    for (def, base) in facts.bases.iter().filter(|b| rules.has_kin(facts.def(b.0))) {
        let base = evaluator.evaluate(index, *base);
        for of in types_of(&base.ty) {
            out.bases.push((world.symbol(of), world.symbol(DefRef { file: index, def: *def }), base.certainty));
        }
    }
    let mut extended: FxHashMap<ScopeId, Vec<DefRef>> = FxHashMap::default();
    for extension in &facts.extensions {
        let of = evaluator.evaluate(index, extension.of);
        let types = types_of(&of.ty);
        if let Some(implements) = extension.implements {
            let base = evaluator.evaluate(index, implements);
            for (b, d) in types_of(&base.ty).iter().flat_map(|b| types.iter().map(move |d| (*b, *d))) {
                out.bases.push((world.symbol(b), world.symbol(d), base.certainty.min(of.certainty)));
            }
        }
        extended.entry(extension.scope).or_default().extend(types);
    }
    for (i, d) in facts.definitions.iter().enumerate().filter(|(_, d)| !extended.is_empty() && !d.is_inner() && !d.name_span.is_empty()) {
        let member = DefRef { file: index, def: DefId(i as u32) };
        let of = extended.get(&d.scope).into_iter().flatten().filter(|of| **of != member);
        out.members.extend(of.map(|of| (world.symbol(*of), world.symbol(member))));
    }
}
