//! The model of facts: plain, serialisable values in arenas, tied together by small ids.
//!
//! One [`Facts`] per file. Ids index the arena of their kind within that file only; across files a symbol is named by
//! unit, file and number (see `compass-index`).

mod definition;
mod facts;
mod gap;
mod ids;
mod import;
mod scope;
mod typeexpr;
mod usage;

pub use definition::{Definition, Flags, Kind};
pub use facts::{Facts, NameTable};
pub use gap::{Gap, GapCause};
pub use ids::{DefId, GapId, ImportId, NameId, ScopeId, Span, TypeId, UseId};
pub use import::{Export, Import, ImportKind};
pub use scope::{Extension, Scope, ScopeKind};
pub use typeexpr::{Literal, TypeExpr};
pub use usage::{Role, Shape, Use};
