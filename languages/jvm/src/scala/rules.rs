//! Scala: names by the scopes, imports and packages around; members through classes, traits and what a class says of itself; companions.
//!
//! Values and types are named apart. Types, packages and members are one world with those of Java and Kotlin.

mod calls;
mod members;
mod paths;
mod scopes;

use calls::ScalaCalls as _;
use compass_facts::{Facts, Import, ImportId, ImportKind, Kind, Role, ScopeId, Shape, TypeId, Use, UseId};
use compass_index::Cause;
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Namespace, Rules, Target, Ty, usual_namespace};
use members::ScalaMembers as _;
use paths::Paths as _;
use scopes::ScalaScopes as _;
use std::rc::Rc;

/// Values and types are looked for apart.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Space {
    Terms,
    Types,
}

impl Space {
    fn of(wanted: Namespace) -> Space {
        if wanted == Namespace::Type { Space::Types } else { Space::Terms }
    }
}

/// See the module.
pub(crate) struct ScalaRules;

impl Rules for ScalaRules {
    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass | Role::Ref | Role::Write => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.scala_plain(file, scope, name, Space::of(wanted), None)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let import = e.world.facts(file).import(id);
        e.scala_targets(file, import)
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let import = e.world.facts(file).import(id);
        e.scala_follow(file, import, None, 0)
    }

    fn follows_unbound(&self, import: &Import) -> bool {
        import.kind == ImportKind::Name
    }

    fn is_receiver(&self, parameter: &str) -> bool {
        parameter.starts_with('<')
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let space = if u.role == Role::Type { Space::Types } else { Space::Terms };
        let number = (u.role == Role::Call).then_some(u.args as usize);
        let owner = e.evaluate(file, of);
        let (found, cause) = e.scala_member(file, of, &owner, name, space, number);
        if found.is_empty() {
            return e.without_member(file, &owner.ty, cause, u, name);
        }
        let hits = found.into_iter().map(|f| {
            let reasons = owner.reasons.iter().copied().chain(f.hit.reasons).take(10).collect();
            Hit { certainty: f.hit.certainty.min(owner.certainty), reasons, ..f.hit }
        });
        Lookup { hits: hits.collect(), cause }
    }

    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        e.scala_key(file, of, name)
    }

    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        if found.is_empty() || u.role != Role::Call {
            return found;
        }
        let number = u.args as usize;
        let mut found = found;
        if matches!(u.shape, Shape::Plain) && found.hits.len() > 1 | usize::from(!found.hits.iter().any(|h| e.scala_takes(h, number))) {
            let name = e.world.gid(file, u.name);
            found = e.scala_plain(file, u.scope, name, Space::Terms, Some(number));
        }
        let args: &[TypeId] = facts.arguments.binary_search_by_key(&id, |a| a.0).map_or(&[], |i| &facts.arguments[i].1);
        let given: Vec<Ty> = args.iter().map(|a| e.evaluate(file, *a).ty).collect();
        let all = found.hits.into_iter().map(|hit| crate::rules::Found { hit, of: Ty::Unknown(Cause::NoDefinition) }).collect();
        let chosen = e.scala_choose(all, &given, number);
        let hits: Vec<Hit> = chosen.into_iter().map(|(f, how)| Hit { certainty: f.hit.certainty.min(how), ..f.hit }).collect();
        e.scala_made_by(Lookup { hits, cause: found.cause }, &given, number)
    }

    fn settles_overloads(&self) -> bool {
        true
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        e.scala_member_meaning(file, of, name)
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        e.scala_call(file, of, arguments)
    }

    fn handed(&self, e: &mut Evaluator, handed: Handed) -> Option<Meaning> {
        Some(e.scala_handed(handed))
    }

    fn functional(&self, e: &mut Evaluator, file: u32, ty: TypeId, parameter: usize) -> Option<Option<Ty>> {
        let of = e.evaluate(file, ty).ty;
        Some(e.scala_parameter_of(file, ty, &of, parameter))
    }

    /// What `foreach` hands on goes through what the type is made of.
    fn element_of(&self, e: &mut Evaluator, of: DefRef, arguments: &Rc<[Ty]>) -> Option<Ty> {
        e.scala_element(of, arguments)
    }
}

/// The definition of a hit.
pub(super) fn definition(hit: &Hit) -> Option<DefRef> {
    match hit.entity {
        Entity::DefRef(s) => Some(s),
        _ => None,
    }
}

/// Is that a value, or what makes one?
pub(super) fn is_value(kind: Kind) -> bool {
    matches!(kind, Kind::Field | Kind::Variant | Kind::Variable | Kind::Constant | Kind::Parameter)
}
