//! What is particular to the language.

mod marked;
mod reader;
