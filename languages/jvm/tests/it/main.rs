//! What is particular to the language, and its compiler as oracle.

mod kotlin;
mod marked;
mod reader;
mod scala;
mod standard;
