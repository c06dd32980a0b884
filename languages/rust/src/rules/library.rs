//! The standard library where it is there, as sources or as declarations.
//!
//! What its types hold and pass on is known by their names ([`super::standard`]), whether their sources are there or not: following its
//! own generic code costs much and says less. So to code outside it a type of it is known by name, and its members are looked up
//! among the types of that name.

use super::Crates;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, Literal};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, MOST_HITS, Meaning, Ty, World};
use compass_index::{Cause, Certainty};
use std::rc::Rc;

/// What units of the standard library are called.
pub(crate) const UNITS: [&str; 3] = ["std", "core", "alloc"];

/// The units that hold it: packages, not the workspace's own.
pub(super) fn units(world: &World) -> Vec<u32> {
    let declared = compass_index::plan::declared::unit_name(crate::RUST);
    let is_library = |name: &str| UNITS.contains(&name) || name == declared;
    world.units.iter().enumerate().filter(|(_, u)| !u.own && is_library(&u.name)).map(|(i, _)| i as u32).collect()
}

/// A meaning with the types of the library by their names, for code outside it.
pub(super) fn known_by_name(e: &Evaluator, file: u32, meaning: Meaning) -> Meaning {
    let library = &e.modules.of::<Crates>().library;
    if library.is_empty() || is_in(e.world, library, file) {
        return meaning;
    }
    let ty = named(e, library, &meaning.ty, Levels::TYPES).unwrap_or(meaning.ty);
    Meaning { ty, ..meaning }
}

fn is_in(world: &World, library: &[u32], file: u32) -> bool {
    library.contains(&world.files[file as usize].id.unit.0)
}

/// The same type by names; `None` where nothing of it is of the library.
fn named(e: &Evaluator, library: &[u32], ty: &Ty, levels: Levels) -> Option<Ty> {
    let levels = levels.down()?;
    let all = |parts: &Rc<[Ty]>| -> Option<Rc<[Ty]>> {
        let new: Vec<Option<Ty>> = parts.iter().map(|p| named(e, library, p, levels)).collect();
        new.iter().any(Option::is_some).then(|| new.into_iter().zip(parts.iter()).map(|(new, old)| new.unwrap_or_else(|| old.clone())).collect())
    };
    let one = |inner: &Rc<Ty>| named(e, library, inner, levels).map(Rc::new);
    let is_type = |s: &DefRef| is_in(e.world, library, s.file) && e.world.def(*s).kind.is_type() && e.world.def(*s).kind != Kind::TypeParameter;
    let name = |s: &DefRef| e.world.gid(s.file, e.world.def(*s).name);
    match ty {
        Ty::Item(s, args, _) if is_type(s) => Some(Ty::ExternalType(name(s), all(args).unwrap_or_else(|| args.clone()))),
        Ty::Value(s, args) if is_type(s) => Some(Ty::External(name(s), all(args).unwrap_or_else(|| args.clone()))),
        Ty::Item(s, args, through) => all(args).map(|args| Ty::Item(*s, args, through.clone())),
        Ty::Value(s, args) => all(args).map(|args| Ty::Value(*s, args)),
        Ty::External(g, args) => all(args).map(|args| Ty::External(*g, args)),
        Ty::ExternalType(g, args) => all(args).map(|args| Ty::ExternalType(*g, args)),
        Ty::Tuple(parts) => all(parts).map(Ty::Tuple),
        Ty::Union(parts) => all(parts).map(|p| Ty::union(p.to_vec())),
        Ty::List(inner) => one(inner).map(Ty::List),
        Ty::Map(inner) => one(inner).map(Ty::Map),
        Ty::Function(inner) => one(inner).map(Ty::Function),
        _ => None,
    }
}

/// A member of a type of the library, by the name of the type.
pub(super) fn member(e: &mut Evaluator, file: u32, owner: &Ty, name: GlobalNameId) -> Lookup {
    let mut out = Lookup::none(Cause::NoDefinition);
    if e.modules.of::<Crates>().library.is_empty() {
        return out;
    }
    let world = e.world;
    let words: &[&str] = match owner {
        Ty::External(g, _) | Ty::ExternalType(g, _) => &[world.name(*g)],
        Ty::List(_) => &["Vec", "Iterator"],
        Ty::Literal(Literal::Text) => &["String"],
        _ => return out,
    };
    for word in words {
        let Some(gid) = world.find_gid(word) else { continue };
        for of in types(e, gid) {
            let found = e.members(file, &Ty::Value(of, Ty::no_args()), name);
            out.hits.extend(found.hits.into_iter().filter(|h| matches!(h.entity, Entity::DefRef(_))));
        }
        if !out.hits.is_empty() {
            break;
        }
    }
    out.hits.truncate(MOST_HITS);
    let most = if out.hits.len() == 1 { Certainty::Inferred } else { Certainty::Guessed };
    for Hit { certainty, .. } in &mut out.hits {
        *certainty = (*certainty).min(most);
    }
    out
}

/// What a name means that needs no import: a type or trait of the library.
pub(super) fn brought(e: &Evaluator, name: GlobalNameId) -> Lookup {
    let found = types(e, name);
    let [only] = found[..] else { return Lookup::none(Cause::NoDefinition) };
    Lookup { hits: vec![e.by_name_hit(only, Certainty::Proven)], cause: Cause::NoDefinition }
}

/// The types of a name that the library defines for others.
fn types(e: &Evaluator, name: GlobalNameId) -> Vec<DefRef> {
    /// Of a name that more types have nothing is told apart.
    const MOST: usize = 8;
    let library = &e.modules.of::<Crates>().library;
    let is_it = |s: &&DefRef| is_in(e.world, library, s.file) && e.world.def(**s).kind.is_type() && e.world.def(**s).kind != Kind::TypeParameter;
    let found: Vec<DefRef> = e.world.all_named(name).filter(is_it).copied().take(MOST + 1).collect();
    if found.len() > MOST { Vec::new() } else { found }
}
