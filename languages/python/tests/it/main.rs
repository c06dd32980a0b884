//! What is particular to the language, and its compiler as oracle.

mod marked;
mod reader;
mod standard;
mod unfold;
