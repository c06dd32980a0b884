//! SQL: what is particular to it, in one room.

mod profile;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));

pub use profile::SQL;
