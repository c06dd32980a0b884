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

mod cfamily;
mod contextual_types;
mod cpp_standard;
mod declaration_files;
mod dependency_log;
mod element_types;
mod evaluate;
mod file;
mod generics;
mod globals;
mod go;
mod go_implementers;
mod imports;
mod includes;
mod java;
mod java_choice;
mod lazy_facts;
mod loaded_facts;
mod lookup;
mod members;
mod modules;
mod namespaces;
mod needs;
mod output;
mod overloads;
mod perl;
mod portable_links;
mod ty;
mod uses;
mod world;

pub(crate) use globals::is_module;
pub(crate) use lazy_facts::LazyFacts;
pub(crate) use loaded_facts::LoadedFacts;
pub(crate) use output::{Linked, Load, Request, Sink, Tally, link_all, tally, waits_for_passes};
pub(crate) use portable_links::{Places, PortableLinks};
pub(crate) use world::{FileInput, choices, is_feature};
