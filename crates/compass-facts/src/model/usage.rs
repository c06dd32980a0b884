//! Uses: every place where a name is mentioned that is not its definition.

use super::{DefId, ImportId, NameId, ScopeId, Span, TypeId};
use serde::{Deserialize, Serialize};

/// What is done with the name.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
#[allow(missing_docs)]
pub enum Role {
    Call,
    Read,
    Write,
    Pass,
    Type,
    Import,
    Ref,
    /// An annotation, attribute, decorator or marking macro at what is defined next.
    Mark,
}

crate::stored_by_number!(Role { Call = 0, Read = 1, Write = 2, Pass = 3, Type = 4, Import = 5, Ref = 6, Mark = 7 });

impl Role {
    /// Every role, in the order lists show them.
    pub const ALL: [Role; 8] = [Role::Call, Role::Write, Role::Read, Role::Pass, Role::Type, Role::Import, Role::Ref, Role::Mark];

    /// The roles of what runs a function: a mark in front of a definition may, where marks are functions.
    pub const CALLS: [Role; 2] = [Role::Call, Role::Mark];

    /// Is what is mentioned so a value? A function then is for others to call.
    pub fn is_value(self) -> bool {
        matches!(self, Role::Pass | Role::Read | Role::Ref)
    }

    /// Does it run what it names?
    pub fn is_call(self) -> bool {
        Role::CALLS.contains(&self)
    }

    /// The word of the question language.
    pub fn word(self) -> &'static str {
        match self {
            Role::Call => "call",
            Role::Read => "read",
            Role::Write => "write",
            Role::Pass => "pass",
            Role::Type => "type",
            Role::Import => "import",
            Role::Ref => "ref",
            Role::Mark => "mark",
        }
    }
}

/// How the name is reached.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub enum Shape {
    /// A name by itself: looked up through scopes.
    Plain,
    /// A tag after `struct`, `union` or `enum`: a namespace of its own.
    Tag,
    /// A member of a value or of a type: `a.name`, `a->name`, `a::name`.
    Member(TypeId),
    /// A key that names a field of what is made or taken apart: `Slot { name: 1 }`, `f(name=1)`, `{ name } = a`.
    Key(TypeId),
    /// The name of an import statement.
    Import(ImportId),
}

/// One use.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Use {
    /// The name used.
    pub name: NameId,
    /// Its token.
    pub span: Span,
    /// The scope it stands in.
    pub scope: ScopeId,
    /// What is done with it.
    pub role: Role,
    /// How it is reached.
    pub shape: Shape,
    /// The innermost function, method, type or macro it stands in.
    pub enclosing: Option<DefId>,
    /// The definition in this file, where the reader itself could tell.
    pub local: Option<DefId>,
    /// Number of arguments of a call; 255 when open-ended, 0 for other uses.
    pub args: u8,
}
