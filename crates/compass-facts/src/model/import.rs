//! Imports, includes and exports.

use super::{NameId, ScopeId, Span, TypeId};
use serde::{Deserialize, Serialize};

/// What an import does.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum ImportKind {
    /// Binds the module itself: `import a.b as c`, `import * as ns from "m"`.
    Module,
    /// Binds one name out of the module.
    Name,
    /// Brings in everything: `from m import *`, `use m::*`, `export * from`.
    Glob,
    /// Puts the text of a file here: `#include`.
    Include,
    /// A child module in a file of its own: `mod name;`.
    Child,
    /// Only runs the module: `import "m"`.
    Effect,
    /// Says which package the file is part of: `package a.b;`.
    Within,
}

crate::stored_by_number!(ImportKind { Module = 0, Name = 1, Glob = 2, Include = 3, Child = 4, Effect = 5, Within = 6 });

/// The name of a use that stands for an import whose module is known at run time only.
pub const AT_RUN_TIME: &str = "<module at run time>";

/// One import: at most one name bound.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Import {
    /// What it does.
    pub kind: ImportKind,
    /// The module as written, in the language's own form: `..pkg.mod`, `./file`, `crate::a::b`, `dir/x.h`.
    pub module: NameId,
    /// The name taken out of the module.
    pub name: Option<NameId>,
    /// The name bound here.
    pub bound: Option<NameId>,
    /// The scope it is bound in.
    pub scope: ScopeId,
    /// The whole statement or clause.
    pub span: Span,
    /// The token of the bound name, or of the module's text.
    pub name_span: Span,
    /// Seen by those who import this file.
    pub reexport: bool,
    /// `<…>` includes: looked for outside the including folder only. Static imports: what is bound is a member. `require`.
    pub system: bool,
}

/// A name this file offers under its own or another name.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Export {
    /// The name others see; `default` and `=` (the module as a whole) are ordinary names here.
    pub name: NameId,
    /// What it stands for.
    pub what: TypeId,
    /// Where it is said.
    pub span: Span,
}
