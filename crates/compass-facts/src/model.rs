//! The model of facts: plain, serialisable values in arenas, tied together by small ids.
//!
//! One [`Facts`] per file. Ids index the arena of their kind within that file only; across files a symbol is named by
//! unit, file and number (see `compass-index`).

mod definition;
mod facts;
pub(crate) mod flow;
mod gap;
mod ids;
mod import;
mod scope;
mod signal;
mod typeexpr;
mod usage;

pub use definition::{Definition, Flags, Kind};
pub use facts::{Facts, NameTable, Outer};
pub use flow::{Flow, FlowPart};
pub use gap::{Gap, GapCause};
pub use ids::{DefId, GapId, ImportId, NameId, ScopeId, Span, TypeId, UseId};
pub use import::{AT_RUN_TIME, Export, Import, ImportKind};
pub use scope::{Condition, Extension, Scope, ScopeKind};
pub use signal::{Argument, CallSignal, GivenName, PageUse, Signal, SignalKind, SqlName, SqlVerb, TextPart};
pub use typeexpr::{Literal, TypeExpr};
pub use usage::{Role, Shape, Use};

/// A number that changes whenever the shape of facts may have changed: a hash (FNV-1a) of the sources of the model.
///
/// Facts are stored as bytes without names; bytes of another shape must never be read as if they were of this one.
pub const SHAPE: u32 = {
    const SOURCES: [&str; 9] = [
        include_str!("model/definition.rs"),
        include_str!("model/facts.rs"),
        include_str!("model/gap.rs"),
        include_str!("model/ids.rs"),
        include_str!("model/import.rs"),
        include_str!("model/scope.rs"),
        include_str!("model/signal.rs"),
        include_str!("model/typeexpr.rs"),
        include_str!("model/usage.rs"),
    ];
    let mut hash: u32 = 0x811C_9DC5;
    let mut i = 0;
    while i < SOURCES.len() {
        let bytes = SOURCES[i].as_bytes();
        let mut at = 0;
        while at < bytes.len() {
            hash = (hash ^ bytes[at] as u32).wrapping_mul(0x0100_0193);
            at += 1;
        }
        i += 1;
    }
    hash
};
