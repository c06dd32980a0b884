//! What is particular to the language, and a shell's own syntax check as oracle.

mod marked;
mod reader;
