//! What is particular to pages, templates and style sheets.

mod marked;
mod reader;
