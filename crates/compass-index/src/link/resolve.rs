//! What a name, an expression, a member or an import means.

pub(super) mod evaluate;
pub(super) mod file;
pub(super) mod imports;
mod kept;
mod likeness;
pub(super) mod lookup;
pub(super) mod members;
pub(super) mod uses;
