//! Types of expressions: what they are made of, what generics put in, what elements and contexts give.

mod conditional_types;
mod conditions;
pub(super) mod contextual_types;
pub(super) mod element_types;
pub(super) mod functions;
pub(super) mod generics;
mod mapped_types;
mod named_types;
mod structural;
mod substitution;
pub(super) mod ty;
