//! What is particular to the language, and its compiler as oracle.

mod documentation;
mod marked;
mod packages;
mod reader;
