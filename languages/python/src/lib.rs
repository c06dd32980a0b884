//! Python: what is particular to it, in one room.

mod frameworks;
mod introduction;
mod ladder;
mod packages;
mod profile;
mod reader;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));
include!(concat!(env!("OUT_DIR"), "/declared.rs"));

pub use packages::DISTRIBUTIONS;
pub use profile::PYTHON;
