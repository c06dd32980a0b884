//! Kotlin: names by the scopes, receivers, imports and packages around; members, and functions that extend types.
//!
//! Types, packages and members are one world with Java's: what stands in either is found from the other. Of several functions of a name the
//! arguments choose, by number and then by types as far as these are known.

pub(crate) mod calls;
mod expected;
pub(crate) mod from_java;
mod mapped;
pub(crate) mod members;
mod scopes;

use calls::Calls as _;
use compass_facts::{Facts, Import, ImportId, ImportKind, Kind, Role, ScopeId, Shape, TypeId, Use, UseId};
use compass_index::Cause;
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Namespace, Rules, Target, Ty, usual_namespace};
use expected::Expected as _;
use members::{Asked, KotlinMembers as _};
use scopes::KotlinScopes as _;
use std::rc::Rc;

/// What of a name is asked for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Wanted {
    Functions,
    Values,
    Types,
}

impl Wanted {
    pub(super) fn holds(self, kind: Kind) -> bool {
        match self {
            Wanted::Functions => matches!(kind, Kind::Function | Kind::Method),
            Wanted::Values => matches!(kind, Kind::Field | Kind::Variant | Kind::Variable | Kind::Constant | Kind::Parameter),
            Wanted::Types => kind.is_type(),
        }
    }

    /// What a role asks for, in this order.
    pub(super) fn of(wanted: Namespace) -> &'static [Wanted] {
        match wanted {
            Namespace::Method => &[Wanted::Functions, Wanted::Types, Wanted::Values],
            Namespace::Type => &[Wanted::Types],
            Namespace::Value => &[Wanted::Values],
            _ => &[Wanted::Values, Wanted::Types, Wanted::Functions],
        }
    }
}

/// See the module.
pub(crate) struct KotlinRules;

impl Rules for KotlinRules {
    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass | Role::Ref => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.kotlin_plain(file, scope, name, wanted, None)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let import = e.world.facts(file).import(id);
        let module = e.world.facts(file).name(import.module).to_owned();
        e.kotlin_targets(file, import, &module)
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let import = e.world.facts(file).import(id);
        e.kotlin_follow(file, import)
    }

    fn follows_unbound(&self, import: &Import) -> bool {
        import.kind == ImportKind::Name
    }

    fn is_receiver(&self, parameter: &str) -> bool {
        parameter == super::reader::RECEIVER
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = e.evaluate(file, of);
        let wanted: &[Wanted] = match u.role {
            Role::Call => &[Wanted::Functions, Wanted::Values, Wanted::Types],
            Role::Type => &[Wanted::Types],
            Role::Ref => &[Wanted::Functions, Wanted::Values, Wanted::Types],
            _ => &[Wanted::Values, Wanted::Types],
        };
        let is_written = u.role == Role::Write;
        let number = (u.role == Role::Call).then_some(u.args as usize);
        let (found, cause) = e.kotlin_members(file, u.scope, &owner.ty, name, Asked { wanted, is_written, number });
        if found.is_empty() {
            return e.without_member(file, &owner.ty, cause, u, name);
        }
        let hits = found.into_iter().map(|f| {
            let reasons = owner.reasons.iter().copied().chain(f.hit.reasons).take(10).collect();
            Hit { certainty: f.hit.certainty.min(owner.certainty), reasons, ..f.hit }
        });
        Lookup { hits: hits.collect(), cause }
    }

    /// An argument by its name: a parameter of what is called.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        e.kotlin_key(file, of, name)
    }

    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        if found.is_empty() || u.role != Role::Call {
            return e.with_declarations(found);
        }
        let number = u.args as usize;
        let mut found = found;
        if matches!(u.shape, Shape::Plain) && !found.hits.iter().any(|h| e.kotlin_takes(h, number) && e.kotlin_is_function(h)) {
            let name = e.world.gid(file, u.name);
            found = e.kotlin_plain(file, u.scope, name, Namespace::Method, Some(number));
        }
        let args: &[TypeId] = facts.arguments.binary_search_by_key(&id, |a| a.0).map_or(&[], |i| &facts.arguments[i].1);
        let given: Vec<Ty> = args.iter().map(|a| e.evaluate(file, *a).ty).collect();
        let all = found.hits.into_iter().map(|hit| crate::rules::Found { hit, of: Ty::Unknown(Cause::NoDefinition) }).collect();
        let chosen = e.kotlin_choose(all, &given, u.args as usize);
        let hits = chosen.into_iter().map(|(f, how)| Hit { certainty: f.hit.certainty.min(how), ..f.hit }).collect();
        e.with_declarations(Lookup { hits, cause: found.cause })
    }

    fn settles_overloads(&self) -> bool {
        true
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    fn super_is_one_class(&self) -> bool {
        true
    }

    fn super_reaches_interfaces(&self) -> bool {
        true
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        e.kotlin_member_meaning(file, of, name)
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        e.kotlin_call(file, of, arguments)
    }

    fn handed(&self, e: &mut Evaluator, handed: Handed) -> Option<Meaning> {
        Some(e.kotlin_handed(handed))
    }

    fn functional(&self, e: &mut Evaluator, file: u32, ty: TypeId, parameter: usize) -> Option<Option<Ty>> {
        let of = e.evaluate(file, ty).ty;
        Some(e.kotlin_parameter_of(file, ty, &of, parameter))
    }

    /// What `iterator` gives goes through what the type is made of.
    fn element_of(&self, e: &mut Evaluator, of: DefRef, arguments: &Rc<[Ty]>) -> Option<Ty> {
        e.kotlin_held(of, arguments, false)
    }

    fn indexed(&self, e: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
        e.kotlin_held(of, &arguments, true).unwrap_or(Ty::Unknown(Cause::ReceiverUnknown))
    }
}

/// The definition of a hit.
pub(super) fn definition(hit: &Hit) -> Option<DefRef> {
    match hit.entity {
        Entity::DefRef(s) => Some(s),
        _ => None,
    }
}
