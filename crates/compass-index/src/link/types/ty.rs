//! What names and expressions turn out to mean.

use crate::link::world::{DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Literal, ScopeId};
use std::rc::Rc;

/// More parts of a union than these are left out.
const MOST_PARTS: usize = 32;

/// A thing a name can stand for.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Entity {
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
pub struct Reason {
    /// What kind of reason.
    pub kind: StepKind,
    /// The file it stands in.
    pub file: u32,
    /// The definition it names.
    pub def: Option<compass_facts::DefId>,
    /// Where it stands, in bytes.
    pub at: u32,
    /// How long it is, in bytes.
    pub len: u32,
}

/// One thing a name may mean, how sure and why.
#[derive(Debug, Clone, PartialEq)]
pub struct Hit {
    /// What it is.
    pub entity: Entity,
    /// How sure that is.
    pub certainty: Certainty,
    /// Why.
    pub reasons: Vec<Reason>,
}

/// Everything a name may mean; when nothing, why.
#[derive(Debug, Clone, PartialEq)]
pub struct Lookup {
    /// What was found, best first.
    pub hits: Vec<Hit>,
    /// Why there is nothing, where there is none.
    pub cause: Cause,
}

impl Lookup {
    /// Nothing, and why.
    pub fn none(cause: Cause) -> Lookup {
        Lookup { hits: Vec::new(), cause }
    }

    /// One thing.
    pub fn one(entity: Entity, certainty: Certainty, reason: Reason) -> Lookup {
        Lookup { hits: vec![Hit { entity, certainty, reasons: vec![reason] }], cause: Cause::NoDefinition }
    }

    /// Was nothing found?
    pub fn is_empty(&self) -> bool {
        self.hits.is_empty()
    }
}

/// The meaning of an expression.
#[derive(Debug, Clone, PartialEq)]
pub enum Ty {
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
    /// What has the members of another type, each of a type that is told from its own.
    Mapped(Rc<MappedType>),
}

/// See [`Ty::Mapped`].
#[derive(Debug, Clone, PartialEq)]
pub struct MappedType {
    /// The type whose members it has.
    pub of: Ty,
    /// What each of them is.
    pub value: Ty,
    /// The type parameter that stands in `value` for what the member is in `of`.
    pub key: DefRef,
}

impl Ty {
    /// No arguments.
    pub fn no_args() -> Rc<[Ty]> {
        Rc::from([])
    }

    /// The union of some meanings, flattened, the unknown ones left out.
    pub fn union(parts: Vec<Ty>) -> Ty {
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
            if !distinct.contains(&part) && distinct.len() < MOST_PARTS {
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
    pub fn size(&self, most: u32) -> u32 {
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
            Ty::Mapped(mapped) => {
                let first = mapped.of.size(most.saturating_sub(1));
                1 + first + mapped.value.size(most.saturating_sub(1 + first))
            }
            Ty::Unknown(_) | Ty::Module(_) | Ty::Literal(_) => 1,
        }
    }

    /// Is nothing known?
    pub fn is_unknown(&self) -> bool {
        matches!(self, Ty::Unknown(_))
    }
}

/// A meaning, how sure and why.
#[derive(Debug, Clone, PartialEq)]
pub struct Meaning {
    /// What it is.
    pub ty: Ty,
    /// How sure that is.
    pub certainty: Certainty,
    /// Why.
    pub reasons: Vec<Reason>,
}

impl Meaning {
    /// Nothing is known, and why.
    pub fn unknown(cause: Cause) -> Meaning {
        Meaning { ty: Ty::Unknown(cause), certainty: Certainty::Proven, reasons: Vec::new() }
    }

    /// A meaning that needs no reason.
    pub fn sure(ty: Ty) -> Meaning {
        Meaning { ty, certainty: Certainty::Proven, reasons: Vec::new() }
    }

    /// The same reasons for another meaning.
    pub fn map(self, change: impl FnOnce(Ty) -> Ty) -> Meaning {
        Meaning { ty: change(self.ty), ..self }
    }
}
