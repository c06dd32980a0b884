//! Readers: one folder per language, each a single walk over the syntax tree that fills a [`Builder`].

mod builder;
pub(crate) mod c;
pub(crate) mod components;
pub(crate) mod go;
pub(crate) mod hidden;
pub(crate) mod interface;
pub(crate) mod java;
pub(crate) mod perl;
pub(crate) mod python;
pub(crate) mod rust;
pub(crate) mod signals;
pub(crate) mod sql;
pub(crate) mod syntax;
pub(crate) mod templates;
pub(crate) mod tree;
pub(crate) mod typescript;

pub use builder::{Builder, Lookup, NewDefinition, TypeScopes};

#[cfg(test)]
mod tests;
