//! Links one file: its uses, its imports, and what its types stand below.

use super::evaluate::Evaluator;
use super::ty::{Entity, Hit, Lookup, Reason, Ty};
use super::uses::MAX_TARGETS;
use super::world::{DefRef, GlobalNameId, World};
use crate::evidence::Chain;
use crate::{Cause, Certainty, FileLinks, Link, Step, StepPlace, SymbolId, SymbolNo};
use compass_facts::{DefId, Facts, ImportId, ScopeId, UseId};
use rustc_hash::FxHashMap;
use smallvec::SmallVec;
use std::hash::BuildHasher;

pub(super) fn types_of(ty: &Ty) -> Vec<DefRef> {
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
pub(super) fn link_file(evaluator: &mut Evaluator, index: u32) -> (FileLinks, Vec<GlobalNameId>) {
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
    link_overrides(evaluator, index, &mut out);
    link_held(facts, &mut out);
    super::declaration_files::link_declared(evaluator, index, &mut out);
    (out, told)
}

/// Functions put under names, where both the place and the function are known.
fn link_held(facts: &Facts, out: &mut FileLinks) {
    let first = |usage: UseId| out.find(usage).and_then(|l| l.targets.first().copied());
    out.held = facts.held.iter().filter_map(|(place, function)| Some((first(*place)?, first(*function)?, *place))).collect();
}

/// Types that have the methods of an interface of Go.
pub(super) fn link_implementers(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    if world.language(index) != compass_facts::Language::Go {
        return;
    }
    let interfaces = world.facts(index).definitions.iter().enumerate().filter(|(_, d)| d.kind == compass_facts::Kind::Interface && !d.name_span.is_empty());
    for (i, _) in interfaces {
        let interface = DefRef { file: index, def: DefId(i as u32) };
        for found in evaluator.go_implementers(interface) {
            out.bases.push((world.symbol(interface), world.symbol(found.0), found.1));
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
        let own = world.symbol(DefRef { file: index, def: DefId(i as u32) });
        for base in evaluator.bases(DefRef { file: index, def: *class }).iter() {
            let found = evaluator.members(index, base, name);
            let replaced = found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
            let replaced = replaced.filter(|s| world.def(*s).arity == member.arity && world.def(*s).kind == compass_facts::Kind::Method);
            out.bases.extend(replaced.map(|s| (world.symbol(s), own, Certainty::Proven)));
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
    Some(world.symbol(DefRef { file: parent, def: DefId(at as u32) }))
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
    for (def, base) in &facts.bases {
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
