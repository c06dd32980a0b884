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

mod brought;
mod carried;
mod cfamily;
mod consulted;
mod cpp_standard;
mod evaluate;
mod file;
mod generics;
mod given;
mod globals;
mod go;
mod go_implementers;
mod headers;
mod held;
mod imports;
mod includes;
mod java;
mod java_choice;
mod lookup;
mod members;
mod modules;
mod needs;
mod output;
mod overloads;
mod perl;
mod shelf;
mod spaces;
mod standard;
mod ty;
mod uses;
mod world;

pub(crate) use brought::Brought;
pub(crate) use carried::{Carried, Places};
pub(crate) use globals::is_module;
pub(crate) use output::{Linked, Load, Request, Sink, Tally, link_all, tally, waits_for_passes};
pub(crate) use shelf::Shelf;
pub(crate) use world::{FileInput, choices, is_feature};
