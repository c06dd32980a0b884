//! Type expressions: what a file says about the meaning of its expressions, as symbols.
//!
//! They are recorded by readers and evaluated only by the linker, by one evaluator for all languages. An expression
//! such as `self.racks.find(id)?.slot` is a chain of them: `Member(Try(Call(Member(Member(Receiver, racks), find))),
//! slot)`. A value and the type it is declared with are told apart by [`TypeExpr::Instance`].

use super::{DefId, ImportId, NameId, ScopeId, TypeId};
use serde::{Deserialize, Serialize};

/// Built-in values whose type the language fixes.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
#[allow(missing_docs)]
pub enum Literal {
    Text,
    Bytes,
    Number,
    Bool,
    Nothing,
    Regex,
    Function,
}

crate::stored_by_number!(Literal { Text = 0, Bytes = 1, Number = 2, Bool = 3, Nothing = 4, Regex = 5, Function = 6 });

/// One type expression.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub enum TypeExpr {
    /// Nothing is known.
    Unknown,
    /// What the plain name means in the scope at the byte `at`.
    Name {
        /// The name.
        name: NameId,
        /// Where the search starts.
        scope: ScopeId,
        /// Offset of the mention.
        at: u32,
    },
    /// What the plain name means there as a type or namespace; things of other kinds are passed over.
    TypeName {
        /// The name.
        name: NameId,
        /// Where the search starts.
        scope: ScopeId,
        /// Offset of the mention.
        at: u32,
    },
    /// A type named by its tag: `struct name`, a namespace of its own in C.
    Tag(NameId),
    /// A definition of this file.
    Def(DefId),
    /// A module or name bound by an import of this file.
    Import(ImportId),
    /// The member of that name.
    Member {
        /// The value or type that has it.
        of: TypeId,
        /// Its name.
        name: NameId,
    },
    /// What a call gives; calling a type makes a value of it.
    Call {
        /// What is called.
        of: TypeId,
        /// What is passed.
        args: Vec<TypeId>,
    },
    /// A value of the type.
    Instance(TypeId),
    /// What going through the value yields one by one.
    Element(TypeId),
    /// What indexing the value gives.
    Index(TypeId),
    /// The type with arguments.
    Generic {
        /// The type.
        of: TypeId,
        /// Its arguments.
        args: Vec<TypeId>,
    },
    /// Any of them.
    Union(Vec<TypeId>),
    /// A tuple of values.
    Tuple(Vec<TypeId>),
    /// The n-th part of a tuple.
    Part {
        /// The tuple.
        of: TypeId,
        /// Which, from 0.
        index: u32,
    },
    /// A sequence of values.
    List(TypeId),
    /// A map from keys to values.
    Map(TypeId),
    /// A value of the type around the scope: `self`, `this`.
    Receiver(ScopeId),
    /// The type around the scope itself: `Self`, `cls`.
    ReceiverType(ScopeId),
    /// The base of the type around the scope: `super`.
    Super(ScopeId),
    /// What a reference or pointer leads to.
    Deref(TypeId),
    /// What waiting for the value gives.
    Await(TypeId),
    /// The good case: `?`.
    Try(TypeId),
    /// A built-in value.
    Literal(Literal),
    /// A built-in value that is one text or number alone: the type `"round"`.
    Exactly {
        /// What kind of value.
        of: Literal,
        /// The value, as a key of [`TypeExpr::Told`].
        key: NameId,
    },
    /// The parts of a union that a condition leaves: those whose member is one of some values, or none of them.
    Told {
        /// A value of the union.
        of: TypeId,
        /// The member.
        member: NameId,
        /// Values: a literal as it is written, with double quotes where it is a text, and `.Name` for a member of an enum or object. None at
        /// all: any value, the part must have the member.
        keys: Box<[NameId]>,
        /// Is the member one of the values?
        holds: bool,
    },
    /// A value of which a function said what it is: `isRound (shape)`.
    Guarded {
        /// The value.
        of: TypeId,
        /// What was called.
        by: TypeId,
    },
    /// What is called where a value of a type is expected of the call.
    Expected {
        /// What is called.
        of: TypeId,
        /// The type.
        ty: TypeId,
    },
    /// One of two types, told by what a third one is: `T extends List<infer U> ? U : T`.
    Conditional {
        /// What is looked at.
        of: TypeId,
        /// What it may be. Type parameters that it names for the first time are told by `of`.
        like: TypeId,
        /// The type where it is such, and where it is not.
        outcomes: Box<[TypeId; 2]>,
    },
    /// A type with the members of another one, each of a type that is told from its own: `{ [K in keyof T]: Box<T[K]> }`.
    Mapped {
        /// The type whose members it has.
        of: TypeId,
        /// What each of them is.
        value: TypeId,
        /// The type parameter that stands in `value` for what the member is in `of`.
        key: DefId,
    },
    /// A function value with its result.
    Function {
        /// What calling it gives.
        result: TypeId,
    },
    /// A function value of which also the parameters are told.
    Signature {
        /// What it takes.
        parameters: Vec<TypeId>,
        /// What calling it gives.
        result: TypeId,
    },
    /// What a function that stands as an argument of a call is given itself, by what is called.
    Given {
        /// What is called; the function's own type where `argument` is [`TypeExpr::WANTED`].
        by: TypeId,
        /// Which argument the function is, from 0.
        argument: u32,
        /// Which of its parameters is meant, from 0.
        parameter: u32,
        /// Has it no other?
        only: bool,
    },
}

impl TypeExpr {
    /// Stands for the argument of [`TypeExpr::Given`] where a function is put where its type is written.
    pub const WANTED: u32 = u32::MAX;

    /// Stands for the parameter of [`TypeExpr::Given`] where the argument is no function: what it is wanted to be.
    pub const ITSELF: u32 = u32::MAX;

    /// Every expression it is made of.
    pub fn for_each_part(&self, visit: &mut dyn FnMut(TypeId)) {
        match self {
            TypeExpr::Member { of, .. } | TypeExpr::Part { of, .. } => visit(*of),
            TypeExpr::Instance(t)
            | TypeExpr::Element(t)
            | TypeExpr::Index(t)
            | TypeExpr::List(t)
            | TypeExpr::Map(t)
            | TypeExpr::Deref(t)
            | TypeExpr::Await(t)
            | TypeExpr::Try(t)
            | TypeExpr::Function { result: t } => visit(*t),
            TypeExpr::Given { by, .. } => visit(*by),
            TypeExpr::Conditional { of, like, outcomes } => [of, like].into_iter().chain(outcomes.iter()).for_each(|t| visit(*t)),
            TypeExpr::Told { of, .. } => visit(*of),
            TypeExpr::Guarded { of, by: other } | TypeExpr::Expected { of, ty: other } | TypeExpr::Mapped { of, value: other, .. } => {
                visit(*of);
                visit(*other);
            }
            TypeExpr::Signature { parameters, result } => {
                parameters.iter().copied().for_each(&mut *visit);
                visit(*result);
            }
            TypeExpr::Call { of, args } | TypeExpr::Generic { of, args } => {
                visit(*of);
                args.iter().copied().for_each(visit);
            }
            TypeExpr::Union(all) | TypeExpr::Tuple(all) => all.iter().copied().for_each(visit),
            TypeExpr::Unknown
            | TypeExpr::Name { .. }
            | TypeExpr::TypeName { .. }
            | TypeExpr::Tag(_)
            | TypeExpr::Def(_)
            | TypeExpr::Import(_)
            | TypeExpr::Receiver(_)
            | TypeExpr::ReceiverType(_)
            | TypeExpr::Super(_)
            | TypeExpr::Exactly { .. }
            | TypeExpr::Literal(_) => {}
        }
    }

    /// The name in it.
    pub fn name(&self) -> Option<NameId> {
        match self {
            TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } | TypeExpr::Tag(name) | TypeExpr::Member { name, .. } => Some(*name),
            _ => None,
        }
    }

    /// Gives its parts and definitions other ids.
    pub(crate) fn rename(&mut self, ty: &dyn Fn(TypeId) -> TypeId, def: &dyn Fn(DefId) -> DefId) {
        match self {
            TypeExpr::Member { of, .. } | TypeExpr::Part { of, .. } => *of = ty(*of),
            TypeExpr::Instance(t)
            | TypeExpr::Element(t)
            | TypeExpr::Index(t)
            | TypeExpr::List(t)
            | TypeExpr::Map(t)
            | TypeExpr::Deref(t)
            | TypeExpr::Await(t)
            | TypeExpr::Try(t)
            | TypeExpr::Function { result: t } => *t = ty(*t),
            TypeExpr::Given { by, .. } => *by = ty(*by),
            TypeExpr::Conditional { of, like, outcomes } => [of, like].into_iter().chain(outcomes.iter_mut()).for_each(|t| *t = ty(*t)),
            TypeExpr::Told { of, .. } => *of = ty(*of),
            TypeExpr::Mapped { of, value, key } => {
                *of = ty(*of);
                *value = ty(*value);
                *key = def(*key);
            }
            TypeExpr::Guarded { of, by: other } | TypeExpr::Expected { of, ty: other } => {
                *of = ty(*of);
                *other = ty(*other);
            }
            TypeExpr::Signature { parameters, result } => {
                parameters.iter_mut().for_each(|p| *p = ty(*p));
                *result = ty(*result);
            }
            TypeExpr::Call { of, args } | TypeExpr::Generic { of, args } => {
                *of = ty(*of);
                args.iter_mut().for_each(|a| *a = ty(*a));
            }
            TypeExpr::Union(all) | TypeExpr::Tuple(all) => all.iter_mut().for_each(|a| *a = ty(*a)),
            TypeExpr::Def(d) => *d = def(*d),
            _ => {}
        }
    }

    /// Gives its name another id.
    pub(crate) fn rename_name(&mut self, to: &dyn Fn(NameId) -> NameId) {
        if let TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } | TypeExpr::Tag(name) | TypeExpr::Member { name, .. } = self {
            *name = to(*name);
        }
        if let TypeExpr::Exactly { key, .. } = self {
            *key = to(*key);
        }
        if let TypeExpr::Told { member, keys, .. } = self {
            *member = to(*member);
            keys.iter_mut().for_each(|k| *k = to(*k));
        }
    }
}
