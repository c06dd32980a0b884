//! Java and Kotlin, one world of types: what is particular to them, in one room.

mod frameworks;
mod grammar;
mod kotlin;
mod native_names;
mod packages;
mod profile;
mod reader;
mod rules;
mod scala;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));
include!(concat!(env!("OUT_DIR"), "/declared.rs"));

pub use kotlin::KOTLIN;
pub use packages::{GRADLE, MAVEN, SBT};
pub use profile::JAVA;
pub use scala::SCALA;

/// Is it a language of this world?
fn is_jvm(language: compass_facts::Language) -> bool {
    language == JAVA || language == KOTLIN || language == SCALA
}
