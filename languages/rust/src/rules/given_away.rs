//! Traits that are implemented for types of the language and of libraries that are not here: `impl Turner for [u8]`, `impl<T: Turner> Turner for &T`.
//! Such types have no definition that members could hang on, so a member is found by its trait.

use compass_facts::{Facts, Kind, Literal, ScopeId, TypeExpr, TypeId};
use compass_index::linking::{Entity, Evaluator, GlobalNameId, Hit, Lookup, Ty, World};
use compass_index::{Cause, Certainty};
use rustc_hash::FxHashSet;

/// What a type without a definition is at its outermost.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
enum Head {
    Literal(Literal),
    List,
    Tuple,
    Function,
    Named(GlobalNameId),
    /// Any type that bounds allow: what is implemented for a type parameter.
    Any,
}

/// Names of traits, and what they are implemented for.
#[derive(Default)]
pub(super) struct GivenAway {
    implemented: FxHashSet<(GlobalNameId, Head)>,
}

impl GivenAway {
    pub(super) fn new(world: &World) -> GivenAway {
        let mut out = GivenAway::default();
        for (index, _) in world.files.iter().enumerate().filter(|(_, f)| f.language == crate::RUST) {
            let (index, facts) = (index as u32, world.facts(index as u32));
            for extension in &facts.extensions {
                let named = extension.implements.and_then(|t| name_of(facts, t)).map(|n| world.gid(index, n));
                if let Some((name, head)) = named.zip(written(world, index, facts, extension.scope, extension.of)) {
                    out.implemented.insert((name, head));
                }
            }
        }
        out
    }

    /// Is a trait of that name implemented for such types, and how sure is that? Bounds of type parameters are not looked at.
    fn has(&self, name: GlobalNameId, heads: &[Head]) -> Option<Certainty> {
        if heads.iter().any(|h| self.implemented.contains(&(name, *h))) {
            return Some(Certainty::Proven);
        }
        self.implemented.contains(&(name, Head::Any)).then_some(Certainty::Guessed)
    }
}

/// The last name of a path, without arguments.
fn name_of(facts: &Facts, ty: TypeId) -> Option<compass_facts::NameId> {
    match facts.ty(ty) {
        TypeExpr::Generic { of, .. } | TypeExpr::Instance(of) => name_of(facts, *of),
        TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } | TypeExpr::Member { name, .. } => Some(*name),
        TypeExpr::Import(id) => facts.import(*id).name,
        TypeExpr::Def(def) => Some(facts.def(*def).name),
        _ => None,
    }
}

/// What a written type is at its outermost; none for types whose definition is in the file.
fn written(world: &World, file: u32, facts: &Facts, scope: ScopeId, ty: TypeId) -> Option<Head> {
    match facts.ty(ty) {
        TypeExpr::Literal(literal) => Some(Head::Literal(*literal)),
        TypeExpr::List(_) => Some(Head::List),
        TypeExpr::Tuple(_) => Some(Head::Tuple),
        TypeExpr::Function { .. } | TypeExpr::Signature { .. } => Some(Head::Function),
        TypeExpr::Def(def) if facts.def(*def).kind == Kind::TypeParameter => Some(Head::Any),
        TypeExpr::Generic { of, .. } | TypeExpr::Instance(of) => written(world, file, facts, scope, *of),
        _ => {
            let name = name_of(facts, ty)?;
            let is_parameter = facts.definitions.iter().any(|d| d.scope == scope && d.name == name && d.kind == Kind::TypeParameter);
            Some(if is_parameter { Head::Any } else { Head::Named(world.gid(file, name)) })
        }
    }
}

/// What values of a type without a definition may be taken for.
fn heads(world: &World, ty: &Ty) -> Vec<Head> {
    match ty {
        Ty::Literal(literal) => vec![Head::Literal(*literal)],
        Ty::List(_) => vec![Head::List],
        Ty::Tuple(_) => vec![Head::Tuple],
        Ty::Function(_) => vec![Head::Function],
        Ty::External(name, _) | Ty::ExternalType(name, _) => match world.name(*name) {
            "String" => vec![Head::Named(*name), Head::Literal(Literal::Text)],
            _ => vec![Head::Named(*name)],
        },
        _ => Vec::new(),
    }
}

/// A member that a trait gives to a type of the language.
pub(super) fn member(e: &Evaluator, given_away: &GivenAway, file: u32, owner: &Ty, name: GlobalNameId) -> Option<Lookup> {
    let world = e.world;
    let heads = heads(world, owner);
    if heads.is_empty() {
        return None;
    }
    let own = world.files[file as usize].id.unit.0;
    let mut hits = Vec::new();
    for sym in world.named_members(name) {
        let d = world.def(*sym);
        let Some(owner) = d.container.filter(|c| d.kind == Kind::Method && world.facts(sym.file).def(*c).kind == Kind::Trait) else { continue };
        let of = world.gid(sym.file, world.facts(sym.file).def(owner).name);
        if world.language(sym.file) != crate::RUST || !e.modules.needs.sees(own, world.files[sym.file as usize].id.unit.0) {
            continue;
        }
        hits.extend(given_away.has(of, &heads).map(|certainty| e.by_name_hit(*sym, certainty)));
    }
    if hits.iter().any(|h| h.certainty == Certainty::Proven) {
        hits.retain(|h| h.certainty == Certainty::Proven);
    }
    // A trait must be in scope: one of the own crate mostly is.
    let is_own = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if world.files[s.file as usize].id.unit.0 == own);
    if hits.iter().any(is_own) {
        hits.retain(is_own);
    }
    if hits.len() > 1 {
        hits.iter_mut().for_each(|h| h.certainty = Certainty::Guessed);
        hits.truncate(8);
    }
    (!hits.is_empty()).then_some(Lookup { hits, cause: Cause::Builtin })
}
