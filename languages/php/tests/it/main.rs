//! What is particular to the language, and its own syntax check as oracle.

mod includes;
mod marked;
mod reader;
mod standard;
