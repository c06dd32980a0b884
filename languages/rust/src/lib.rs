//! Rust: what is particular to it, in one room.

mod frameworks;
mod introduction;
mod ladder;
pub mod macros;
mod packages;
mod profile;
mod reader;
mod rules;
mod shared_macros;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));
include!(concat!(env!("OUT_DIR"), "/declared.rs"));

pub use packages::CARGO;
pub use profile::RUST;
