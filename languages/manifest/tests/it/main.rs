//! What is particular to manifests, and make as oracle.

mod marked;
mod reader;
