//! Names that are there without any import, and the members of values that the language writes itself: texts, numbers, lists.
//!
//! Both are read off the declarations that come with this program (`std/builtins.pyi`): the module itself is made in C wherever Python is
//! installed. Lists, sets, tuples and whatever an annotation says can be gone through are one type in the facts, so that a member of one
//! is inferred at best.

use super::PythonModules;
use compass_facts::{Flags, Kind, Literal, ScopeId};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Reason, Ty, World};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// The file they are declared in.
pub(super) const FILE: &str = "builtins.pyi";

/// The classes of values that the language writes itself: looked up though nobody mentions them.
pub(super) const STANDING: [&str; 12] = ["__init__", "str", "bytes", "int", "float", "complex", "bool", "list", "set", "frozenset", "tuple", "dict"];

const TEXTS: &[&str] = &["str", "bytes"];
const NUMBERS: &[&str] = &["int", "float", "complex"];
const SEQUENCES: &[&str] = &["list", "set", "frozenset", "tuple"];
const TUPLES: &[&str] = &["tuple"];

/// Classes that values of unknown type are met with so often that a member may be guessed by its name.
const COMMON: [&str; 4] = ["str", "list", "dict", "set"];

/// Does a file declare what comes with the language?
pub(super) fn is_declared(world: &World, file: u32) -> bool {
    world.unit(file).is_declared()
}

/// Is it a file of the standard library, declared or as the interpreter brings it?
pub(super) fn is_library(world: &World, file: u32) -> bool {
    let unit = world.unit(file);
    unit.is_declared() || !unit.own && unit.name == crate::packages::LIBRARY
}

/// Of guesses by a name alone: own code comes before what the language declares, of which only what is common is meant.
pub(super) fn keep_likely(world: &World, found: &mut Vec<(DefRef, Kind, Flags)>) {
    let declared = |s: &DefRef| is_declared(world, s.file);
    let has_own = found.iter().any(|f| !declared(&f.0));
    let is_common = |s: &DefRef| world.def(*s).container.is_some_and(|c| COMMON.contains(&world.facts(s.file).def_name(c)));
    found.retain(|f| !declared(&f.0) || !has_own && is_common(&f.0));
}

#[ext(Builtins)]
pub(super) impl Evaluator<'_, '_> {
    /// What a name means that neither scopes nor imports bind.
    fn builtin(&self, name: GlobalNameId) -> Option<Hit> {
        let file = self.modules.of::<PythonModules>().builtins?;
        let world = self.world;
        let mut own = world.bindings(file, ScopeId::FILE, name).filter_map(|b| match b {
            Binding::Def(def) => Some(def),
            Binding::Import(_) => None,
        });
        let def = own.next()?;
        let d = world.facts(file).def(def);
        let reason = Reason { kind: StepKind::Scope, file, def: Some(def), at: d.name_span.start, len: d.name_span.len() };
        Some(Hit { entity: Entity::DefRef(DefRef { file, def }), certainty: Certainty::Proven, reasons: vec![reason] })
    }

    /// A member of a value that the language writes itself, and the value as one of the class that has it.
    fn member_of_written(&mut self, file: u32, of: &Ty, name: GlobalNameId) -> Option<(Lookup, Option<Ty>)> {
        let (classes, args): (&[&str], Vec<Ty>) = match of {
            Ty::Literal(Literal::Text) => (TEXTS, vec![]),
            Ty::Literal(Literal::Number) => (NUMBERS, vec![]),
            Ty::Literal(Literal::Bool) => (&["bool", "int"], vec![]),
            Ty::List(inner) => (SEQUENCES, vec![(**inner).clone()]),
            Ty::Tuple(parts) => (TUPLES, vec![Ty::union(parts.to_vec())]),
            Ty::Map(inner) => (&["dict"], vec![Ty::Unknown(Cause::Builtin), (**inner).clone()]),
            _ => return None,
        };
        let mut having = Vec::new();
        for class in classes {
            let Some(Hit { entity: Entity::DefRef(class), .. }) = self.world.find_gid(class).and_then(|gid| self.builtin(gid)) else { continue };
            let value = Ty::Value(class, args.clone().into());
            let found = self.members(file, &value, name);
            if !found.is_empty() {
                having.push((found, value));
            }
        }
        let is_sure = having.len() == 1 && matches!(of, Ty::Literal(_) | Ty::Tuple(_));
        let (mut found, value) = having.into_iter().next()?;
        for hit in found.hits.iter_mut().filter(|_| !is_sure) {
            hit.certainty = hit.certainty.min(Certainty::Inferred);
        }
        Some((found, Some(value)))
    }
}
