//! Gives what all readers share a version: a number that changes with these sources and with the grammars.

#[path = "../../build/sources.rs"]
mod sources;

fn main() -> std::io::Result<()> {
    sources::write_versions("shared_version.rs", &[("SHARED", &["src"])])
}
