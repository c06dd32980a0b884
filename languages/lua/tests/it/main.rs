//! What is particular to the language, and its own syntax check as oracle.

mod marked;
mod reader;
mod standard;
