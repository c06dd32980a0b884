//! What readers share: the syntax tree laid out flat, a builder of facts, signals of crossings, words that no reader sees.
//!
//! A reader stands in the room of its language: a single walk over a text or its tree that fills a [`Builder`].

mod builder;
pub mod by_name;
pub mod flows;
pub mod graft;
pub(crate) mod hidden;
pub mod interface;
pub mod models;
mod settling;
pub mod signals;
pub mod sql;
pub mod syntax;
pub mod templates;
pub mod tree;

pub use crate::registry::{error_bytes, parse, parse_part, read_by_grammar, read_tree};
pub use builder::{Builder, Lookup, NewDefinition, Place, TypeScopes, sort};
