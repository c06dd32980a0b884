//! Lua: what is particular to it, in one room.

mod frameworks;
mod packages;
mod profile;
mod reader;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));
include!(concat!(env!("OUT_DIR"), "/declared.rs"));

pub use packages::ROCKS;
pub use profile::LUA;
