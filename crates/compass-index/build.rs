//! Tells the program which sources decide what it stores, as numbers. What was stored by other sources is made again: links that packages
//! carry from one workspace to another (`COMPASS_LINKING`), and whole indexes (`COMPASS_MAKERS`). Rooms of languages say the same of themselves.

#[path = "../../build/sources.rs"]
mod sources;

/// What decides what links say.
const LINKING: [&str; 3] = ["src/link", "src/plan", "../compass-facts/src"];
/// What decides what else stands in an index: postings, summaries, crossings.
const BESIDES: [&str; 3] = ["src", "../compass-trace/src/crossings", "../compass-trace/src/crossings.rs"];

fn main() -> std::io::Result<()> {
    let linking = sources::hash_of(&LINKING)?;
    println!("cargo::rustc-env=COMPASS_LINKING={linking}");
    println!("cargo::rustc-env=COMPASS_MAKERS={}", linking ^ sources::hash_of(&BESIDES)?);
    Ok(())
}
