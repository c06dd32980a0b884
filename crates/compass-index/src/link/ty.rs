//! What names and expressions turn out to mean.

use super::world::{DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Literal, ScopeId};
use std::rc::Rc;

/// A thing a name can stand for.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(super) enum Entity {
    /// A definition.
    DefRef(DefRef),
    /// A file or a module inside one.
    Module(u32, ScopeId),
    /// A folder of modules without a file of its own, by position in the list of folders.
    Folder(u32),
    /// Something of a package that is not indexed, under this name.
    External(GlobalNameId),
}

/// A reason, as the linker keeps it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub(super) struct Reason {
    pub(super) kind: StepKind,
    pub(super) file: u32,
    pub(super) def: Option<compass_facts::DefId>,
    pub(super) at: u32,
    pub(super) len: u32,
}

/// One thing a name may mean, how sure and why.
#[derive(Debug, Clone, PartialEq)]
pub(super) struct Hit {
    pub(super) entity: Entity,
    pub(super) certainty: Certainty,
    pub(super) reasons: Vec<Reason>,
}

/// Everything a name may mean; when nothing, why.
#[derive(Debug, Clone, PartialEq)]
pub(super) struct Lookup {
    pub(super) hits: Vec<Hit>,
    pub(super) cause: Cause,
}

impl Lookup {
    pub(super) fn none(cause: Cause) -> Lookup {
        Lookup { hits: Vec::new(), cause }
    }

    pub(super) fn one(entity: Entity, certainty: Certainty, reason: Reason) -> Lookup {
        Lookup { hits: vec![Hit { entity, certainty, reasons: vec![reason] }], cause: Cause::NoDefinition }
    }

    pub(super) fn is_empty(&self) -> bool {
        self.hits.is_empty()
    }
}

/// The meaning of an expression.
#[derive(Debug, Clone, PartialEq)]
pub(super) enum Ty {
    /// Nothing is known, and why.
    Unknown(Cause),
    /// The thing itself: a type, a function; for methods with what they were reached through.
    Item(DefRef, Rc<[Ty]>, Option<Rc<Ty>>),
    /// A module.
    Module(Entity),
    /// A value of the type, with its type arguments.
    Value(DefRef, Rc<[Ty]>),
    /// A type of a package that is not indexed.
    ExternalType(GlobalNameId, Rc<[Ty]>),
    /// A value of such a type.
    External(GlobalNameId, Rc<[Ty]>),
    /// A sequence.
    List(Rc<Ty>),
    /// A map, by its values.
    Map(Rc<Ty>),
    /// A tuple.
    Tuple(Rc<[Ty]>),
    /// A built-in value.
    Literal(Literal),
    /// A function value, by its result.
    Function(Rc<Ty>),
    /// Any of them.
    Union(Rc<[Ty]>),
}

impl Ty {
    /// No arguments.
    pub(super) fn no_args() -> Rc<[Ty]> {
        Rc::from([])
    }

    /// The union of some meanings, flattened, the unknown ones left out.
    pub(super) fn union(parts: Vec<Ty>) -> Ty {
        let mut flat: Vec<Ty> = Vec::new();
        let mut cause = Cause::ReceiverUnknown;
        for part in parts {
            match part {
                Ty::Unknown(c) => cause = c,
                Ty::Literal(Literal::Nothing) => {}
                Ty::Union(inner) => flat.extend(inner.iter().cloned()),
                other => flat.push(other),
            }
        }
        let mut distinct: Vec<Ty> = Vec::new();
        for part in flat {
            if !distinct.contains(&part) && distinct.len() < 8 {
                distinct.push(part);
            }
        }
        match distinct.len() {
            0 => Ty::Unknown(cause),
            1 => distinct.swap_remove(0),
            _ => Ty::Union(distinct.into()),
        }
    }

    /// How many types it is made of, itself among them; no more than `most` are counted, and one.
    pub(super) fn size(&self, most: u32) -> u32 {
        let all = |parts: &[Ty]| {
            let mut sum = 1u32;
            for part in parts {
                if sum > most {
                    break;
                }
                sum = sum.saturating_add(part.size(most - sum.min(most)));
            }
            sum
        };
        match self {
            Ty::Item(_, args, _) | Ty::Value(_, args) | Ty::ExternalType(_, args) | Ty::External(_, args) => all(args),
            Ty::Tuple(parts) | Ty::Union(parts) => all(parts),
            Ty::List(inner) | Ty::Map(inner) | Ty::Function(inner) => 1 + inner.size(most.saturating_sub(1)),
            Ty::Unknown(_) | Ty::Module(_) | Ty::Literal(_) => 1,
        }
    }

    pub(super) fn is_unknown(&self) -> bool {
        matches!(self, Ty::Unknown(_))
    }
}

/// A meaning, how sure and why.
#[derive(Debug, Clone, PartialEq)]
pub(super) struct Meaning {
    pub(super) ty: Ty,
    pub(super) certainty: Certainty,
    pub(super) reasons: Vec<Reason>,
}

impl Meaning {
    pub(super) fn unknown(cause: Cause) -> Meaning {
        Meaning { ty: Ty::Unknown(cause), certainty: Certainty::Proven, reasons: Vec::new() }
    }

    pub(super) fn sure(ty: Ty) -> Meaning {
        Meaning { ty, certainty: Certainty::Proven, reasons: Vec::new() }
    }

    /// The same reasons for another meaning.
    pub(super) fn map(self, change: impl FnOnce(Ty) -> Ty) -> Meaning {
        Meaning { ty: change(self.ty), ..self }
    }
}
