//! Perl: what is particular to it, in one room.

mod documentation;
mod profile;
mod reader;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));

pub use profile::PERL;
