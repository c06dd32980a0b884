//! Turns uses into links: scopes, imports, members, and at last names alone.
//!
//! Input: the facts of all files and the units they belong to. Output: a [`FileLinks`] per file. Knows facts, never syntax.
//!
//! # How it works
//! [`world`] interns all names and sorts the bindings of every scope. [`world::modules`] finds the files that imports lead to.
//! A [`resolve::evaluate::Evaluator`] per thread answers "what does this name, expression or member mean" with memory of what it
//! already knows; [`resolve::uses`] asks it once per use and falls back to the name alone.
//!
//! # Guarantees
//! The result depends neither on the order of files nor on the number of threads: an answer that was cut short by a cycle
//! is not remembered, so every remembered answer is what a fresh evaluator would say.

mod output;
mod resolve;
mod reuse;
mod rules;
mod types;
mod world;

pub(crate) use output::{Linked, Load, Request, Sink, Tally, link_all, tally, waits_for_passes};
pub(crate) use reuse::portable_links::{Places, PortableLinks};
pub(crate) use rules::{changes_for_all, hangs_on_includes, links_on_demand, members_shape_their_type};
pub(crate) use world::lazy_facts::LazyFacts;
pub(crate) use world::loaded_facts::LoadedFacts;
pub(crate) use world::{FileInput, choices, is_feature};

/// What rules of languages are made with: the evaluator and what it knows.
pub mod linking {
    pub use super::resolve::evaluate::Evaluator;
    pub use super::resolve::imports::MOST_HITS;
    pub use super::resolve::lookup::Namespace;
    pub use super::resolve::uses::{is_builtin, known_to_have_none, usual_namespace};
    pub use super::reuse::dependency_log::Names;
    pub use super::rules::{Handed, Prepared, Rules, RulesPart, Site};
    pub use super::types::functions::MOST_CHOICES;
    pub use super::types::generics::put_in;
    pub use super::types::ty::{Entity, Hit, Lookup, Meaning, Reason, Ty};
    pub use super::world::loaded_facts::LoadedFacts;
    pub use super::world::modules::{Modules, Target, closeness, join, nearest, normalise, sure};
    pub use super::world::packages::Packages;
    pub use super::world::{Binding, DefRef, FileInput, GlobalNameId, IMPORTS, World};
}
