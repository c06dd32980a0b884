//! Tells which sources decide what is stored of this language: its facts, and the links of its names.

#[path = "../../build/sources.rs"]
mod sources;

fn main() -> std::io::Result<()> {
    let reader: &[&str] = &[
        "src/reader.rs",
        "src/reader",
        "src/lexer.rs",
        "src/components.rs",
        "src/profile.rs",
        "src/grammar.rs",
        "src/data",
        "src/kotlin.rs",
        "src/kotlin/reader.rs",
        "src/kotlin/reader",
        "src/scala.rs",
        "src/scala/reader.rs",
        "src/scala/reader",
    ];
    sources::write_declared_by_ending("std", &[("DECLARED", "java"), ("KOTLIN_DECLARED", "kt"), ("SCALA_DECLARED", "scala")])?;
    sources::write_versions("versions.rs", &[("READER_VERSION", reader), ("RULES_VERSION", &["src"])])
}
