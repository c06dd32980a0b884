//! What is particular to the language, and its own compiler as oracle.

mod marked;
mod reader;
