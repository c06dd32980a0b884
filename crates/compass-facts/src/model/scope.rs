//! Scopes: regions in which names are bound, and the types that get members from elsewhere.

use super::{DefId, NameId, ScopeId, Span, TypeId};
use serde::{Deserialize, Serialize};

/// What a scope is, which decides how names are looked up through it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum ScopeKind {
    /// The whole file.
    File,
    /// A module or namespace inside the file.
    Module,
    /// The members of a type: seen by plain names only from the scope itself, or nowhere, as the language says.
    Type,
    /// Parameters and body of a function, where any order of binding and use is fine.
    Function,
    /// A block whose names are bound from their place on; a later binding shadows an earlier one.
    Ordered,
    /// A block whose names are bound throughout.
    Block,
}

crate::stored_by_number!(ScopeKind { File = 0, Module = 1, Type = 2, Function = 3, Ordered = 4, Block = 5 });

impl ScopeKind {
    /// Do names bound here stay inside a function?
    pub fn is_local(self) -> bool {
        matches!(self, ScopeKind::Function | ScopeKind::Ordered | ScopeKind::Block)
    }
}

/// One scope.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Scope {
    /// What it is.
    pub kind: ScopeKind,
    /// The scope around it; `None` only for the file.
    pub parent: Option<ScopeId>,
    /// The definition that opened it.
    pub owner: Option<DefId>,
    /// Its region.
    pub span: Span,
}

/// A scope whose definitions are members of a type that is defined elsewhere: `impl` blocks, methods assigned to
/// a prototype, members written out of their class.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Extension {
    /// The scope with the members.
    pub scope: ScopeId,
    /// The type that gets them.
    pub of: TypeId,
    /// The interface or trait that they implement.
    pub implements: Option<TypeId>,
}

/// A region that is compiled only if a macro is defined, or only if it is not.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct Condition {
    /// The region.
    pub span: Span,
    /// The macro.
    pub name: NameId,
    /// Compiled if it is defined; else if it is not.
    pub defined: bool,
    /// Of the conditions of one region that say so, one is enough; of the others all must hold.
    pub one_of: bool,
}
