//! Shell scripts: what is particular to them, in one room.

mod frameworks;
mod profile;
mod reader;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));

pub use profile::SHELL;
