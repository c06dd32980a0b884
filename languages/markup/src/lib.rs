//! Pages, templates and style sheets: what is particular to them, in one room.

mod css;
mod frameworks;
mod html;
mod profile;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));

pub use profile::{CSS, HTML};
