//! What is particular to the language, and its compiler as oracle.

mod macros;
mod marked;
mod oracle;
mod reader;
mod unfold;
