//! Perl: what is particular to it, in one room.

mod documentation;
mod frameworks;
mod packages;
mod profile;
mod reader;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));
include!(concat!(env!("OUT_DIR"), "/declared.rs"));

pub use packages::LIBRARIES;
pub use profile::PERL;
