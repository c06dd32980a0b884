//! What is particular to the language, and its compiler as oracle.

mod marked_computed_types;
mod marked_javascript;
mod marked_typescript;
mod reader;
mod standard;
