//! Manifests: what ties units together, in one room. Rules of make, stages of container images, services, scripts of packages,
//! descriptions of interfaces.

mod commands;
mod docker;
mod document;
mod frameworks;
mod make;
mod profile;
mod rules;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));

pub use profile::{DOCKER, MAKE, MANIFEST};
