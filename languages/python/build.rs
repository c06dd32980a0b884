//! Tells which sources decide what is stored of this language: its facts, and the links of its names.

#[path = "../../build/sources.rs"]
mod sources;

fn main() -> std::io::Result<()> {
    let reader: &[&str] = &["src/reader.rs", "src/reader", "src/lexer.rs", "src/components.rs", "src/profile.rs", "src/data"];
    sources::write_declared("std")?;
    sources::write_versions("versions.rs", &[("READER_VERSION", reader), ("RULES_VERSION", &["src"])])
}
