//! Indexes a project and asks it.

pub use testkit::{ask, engine, indexed_as as indexed, places};
