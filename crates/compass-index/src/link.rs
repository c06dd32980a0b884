//! Turns uses into links: scopes, imports, members, and at last names alone.
//!
//! Input: the facts of all files and the units they belong to. Output: a [`FileLinks`] per file. Knows facts, never syntax.
//!
//! # How it works
//! [`world`] interns all names and sorts the bindings of every scope. [`modules`] finds the files that imports lead to.
//! A [`evaluate::Evaluator`] per thread answers "what does this name, expression or member mean" with memory of what it
//! already knows; [`uses`] asks it once per use and falls back to the name alone.
//!
//! # Guarantees
//! The result depends neither on the order of files nor on the number of threads: an answer that was cut short by a cycle
//! is not remembered, so every remembered answer is what a fresh evaluator would say.

mod contextual_types;
mod dependency_log;
mod element_types;
mod evaluate;
mod file;
mod functions;
mod generics;
mod imports;
mod lazy_facts;
mod loaded_facts;
mod lookup;
mod members;
mod modules;
mod needs;
mod output;
mod packages;
mod portable_links;
mod rules;
mod ty;
mod uses;
mod world;

pub(crate) use lazy_facts::LazyFacts;
pub(crate) use loaded_facts::LoadedFacts;
pub(crate) use output::{Linked, Load, Request, Sink, Tally, link_all, tally, waits_for_passes};
pub(crate) use portable_links::{Places, PortableLinks};
pub(crate) use rules::{changes_for_all, hangs_on_includes, links_on_demand, members_shape_their_type};
pub(crate) use world::{FileInput, choices, is_feature};

/// What rules of languages are made with: the evaluator and what it knows.
pub mod linking {
    pub use super::dependency_log::Names;
    pub use super::evaluate::Evaluator;
    pub use super::functions::MOST_CHOICES;
    pub use super::generics::put_in;
    pub use super::imports::MOST_HITS;
    pub use super::loaded_facts::LoadedFacts;
    pub use super::lookup::Namespace;
    pub use super::modules::{Modules, Target, closeness, join, nearest, normalise, sure};
    pub use super::packages::Packages;
    pub use super::rules::{Handed, Prepared, Rules, RulesPart, Site};
    pub use super::ty::{Entity, Hit, Lookup, Meaning, Reason, Ty};
    pub use super::uses::{is_builtin, known_to_have_none, usual_namespace};
    pub use super::world::{Binding, DefRef, FileInput, GlobalNameId, World};
}
