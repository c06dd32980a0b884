//! C#: names by the types around, namespaces and imports; members with overloads, extension methods, types in several parts.
//!
//! # How it works
//! A plain name is looked for outwards: in the function, in the types around with what they inherit, in the namespaces around and what
//! their blocks import, in what the file and the whole unit import ([`scopes`]). Types of one name are told apart by how many type
//! arguments they take. Members are those of all parts of a type and of its bases; methods that another one overrides are left out
//! ([`members`]). Where a type has no method of a name that takes the arguments, extension methods of the namespaces in sight serve
//! ([`extensions`]). Of several methods the arguments choose: by number, then by types as far as these are known ([`choice`];
//! ECMA-334, §12.6.4, without its inference in phases).

mod calls;
mod choice;
mod extensions;
mod members;
mod scopes;
mod spaces;

use calls::Calls as _;
use choice::{Choice as _, Given};
use compass_facts::{Facts, ImportId, Kind, Role, ScopeId, Shape, TypeId, Use, UseId};
use compass_index::linking::{
    DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Modules, Namespace, Prepared, Rules, Target, Ty, World, usual_namespace,
};
use compass_index::{Cause, Certainty};
use extensions::Extended as _;
use members::Members as _;
use scopes::Scopes as _;
use spaces::{CsharpFiles, Spaces as _};
use std::rc::Rc;

/// Which names of a type are asked.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Names {
    Methods,
    Values,
    Types,
    Constructors,
}

impl Names {
    fn hold(self, kind: Kind) -> bool {
        match self {
            Names::Methods => matches!(kind, Kind::Method | Kind::Function),
            Names::Values => matches!(kind, Kind::Field | Kind::Variant | Kind::Variable | Kind::Constant | Kind::Parameter),
            Names::Types => kind.is_type(),
            Names::Constructors => kind == Kind::Constructor,
        }
    }
}

/// A member, and the type it was found in with its arguments.
#[derive(Clone)]
pub(super) struct Found {
    pub(super) hit: Hit,
    pub(super) of: Ty,
    /// Is it an extension method, called on its first parameter?
    pub(super) extends: bool,
}

/// See the module.
pub(super) struct CsharpRules;

impl Rules for CsharpRules {
    fn prepare(&self, world: &World, all: &Modules) -> Option<Prepared> {
        Some(Box::new(CsharpFiles::new(world, all)))
    }

    fn words(&self) -> &'static [&'static str] {
        &["this", "Object", "ValueType", "Enum", "Array", "Delegate", "Attribute", "IEnumerable", "System", "GetEnumerator", "Current"]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass | Role::Write | Role::Ref => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.csharp_plain(file, scope, name, wanted)
    }

    fn targets(&self, _: &mut Evaluator, _: u32, _: ImportId) -> Vec<Target> {
        vec![Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false }]
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        e.csharp_alias(file, id)
    }

    fn behind_folder(&self, e: &mut Evaluator, folder: u32, name: GlobalNameId) -> Lookup {
        e.csharp_in_space(folder, name)
    }

    fn parts(&self, e: &Evaluator, of: DefRef) -> Vec<DefRef> {
        e.csharp_parts(of)
    }

    /// Methods for calls, else values, then types; what a name of a type and a value share is the value's, then the type's.
    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = e.evaluate(file, of);
        let is_own_name = matches!(e.csharp_plain_type(&owner.ty), Ty::Item(s, ..) if e.world.gid(s.file, e.world.def(s).name) == name);
        let order: &[Names] = match u.role {
            Role::Call if is_own_name => return e.csharp_constructor(&owner),
            Role::Call => &[Names::Methods],
            Role::Type => &[Names::Types],
            _ => &[Names::Values, Names::Types, Names::Methods],
        };
        let mut found = e.csharp_member(file, u.scope, of, &owner, name, order);
        if found.is_empty() {
            return e.without_member(file, &owner.ty, found.cause, u, name);
        }
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        found
    }

    /// Attributes by their short name, and arguments by the names of parameters.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        if u.role == Role::Type { e.csharp_attribute(file, u.scope, of, name) } else { e.csharp_named_argument(file, of, name) }
    }

    /// Of several methods of a name the one that the arguments choose; of several types the one with as many type parameters.
    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        if u.role != Role::Call {
            return e.csharp_by_arity(found, u);
        }
        if found.is_empty() {
            return found;
        }
        let args: &[TypeId] = facts.arguments.binary_search_by_key(&id, |a| a.0).map_or(&[], |i| &facts.arguments[i].1);
        let given: Vec<Given> = args.iter().map(|a| e.csharp_given(file, *a)).collect();
        let on = match u.shape {
            Shape::Member(of) => Some(e.evaluate(file, of).ty),
            _ => None,
        };
        let all = found.hits.into_iter().map(|hit| e.csharp_found(hit, on.as_ref())).collect();
        let chosen = e.csharp_choose(all, &given, (u.args / 32).into());
        let hits = chosen.into_iter().map(|(f, how)| Hit { certainty: f.hit.certainty.min(how), ..f.hit }).collect();
        Lookup { hits, cause: found.cause }
    }

    fn settles_overloads(&self) -> bool {
        true
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        e.csharp_member_meaning(file, of, name)
    }

    fn generic_of(&self, e: &Evaluator, template: Ty, arguments: &[Ty]) -> Ty {
        e.csharp_of_arity(template, arguments.len())
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        e.csharp_call(file, of, arguments)
    }

    fn handed(&self, e: &mut Evaluator, handed: Handed) -> Option<Meaning> {
        e.csharp_handed(handed)
    }

    fn functional(&self, e: &mut Evaluator, file: u32, ty: TypeId, parameter: usize) -> Option<Option<Ty>> {
        let wanted = e.evaluate(file, ty).ty;
        Some(e.csharp_delegate_parameter(&wanted, parameter))
    }

    fn promises(&self) -> &'static [&'static str] {
        &["Task", "ValueTask"]
    }

    fn element_of(&self, e: &mut Evaluator, of: DefRef, arguments: &Rc<[Ty]>) -> Option<Ty> {
        e.csharp_element(of, arguments)
    }

    fn brought<'t>(&self, e: &Evaluator, of: &'t Ty) -> Option<(String, &'t Rc<[Ty]>)> {
        match of {
            Ty::Value(sym, args) if e.world.language(sym.file) == crate::CSHARP => Some((e.world.facts(sym.file).def_name(sym.def).to_owned(), args)),
            _ => None,
        }
    }

    fn super_is_one_class(&self) -> bool {
        true
    }

    fn indexed(&self, e: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
        e.csharp_indexed(of, &arguments)
    }
}

/// Types above this many are not gone through for one name.
const MAX_BASES: usize = 128;

fn unknown() -> Meaning {
    Meaning::unknown(Cause::ReceiverUnknown)
}
