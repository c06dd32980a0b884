//! What is particular to the language, and its own syntax check as oracle.

mod marked;
mod packages;
mod reader;
mod standard;
