//! What is particular to the language, and its compiler as oracle.

mod macros;
mod made_names;
mod marked;
mod oracle;
mod reader;
mod standard;
mod unfold;
