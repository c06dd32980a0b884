//! Tells the program which sources decide what it stores, as numbers. What was stored by other sources is made again: links that packages
//! carry from one workspace to another (`COMPASS_LINKING`), and whole indexes (`COMPASS_MAKERS`).

#[path = "../../build/sources.rs"]
mod sources;

use std::hash::{DefaultHasher, Hash, Hasher};

/// What decides what links say.
const LINKING: [&str; 3] = ["src/link", "src/plan", "../compass-facts/src"];
/// What decides what else stands in an index: postings, summaries, crossings.
const BESIDES: [&str; 3] = ["src", "../compass-trace/src/crossings", "../compass-trace/src/crossings.rs"];

fn main() -> std::io::Result<()> {
    let linking = hash_of(&LINKING)?;
    println!("cargo::rustc-env=COMPASS_LINKING={linking}");
    println!("cargo::rustc-env=COMPASS_MAKERS={}", linking ^ hash_of(&BESIDES)?);
    Ok(())
}

fn hash_of(places: &[&str]) -> std::io::Result<u64> {
    let mut hasher = DefaultHasher::new();
    for place in places {
        for file in sources::files_of(place)? {
            std::fs::read(&file)?.hash(&mut hasher);
        }
    }
    Ok(hasher.finish())
}
