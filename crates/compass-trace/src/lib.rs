//! What follows from an index: the question language, its answers, and the bearings of a symbol.
//!
//! [`question`] turns a line of text into a tree and back; [`Engine`] answers the tree from a
//! [`compass_index::Index`]; [`bearings`] gathers what the desk shows beside the code.
//!
//! # Guarantees
//! Nothing here reads syntax or the disk but through the index. Every answer says how complete it is.

mod answer;

pub mod bearings;
pub mod call;
pub mod chains;
pub mod crossings;
pub mod documentation;
pub mod fuzzy;
pub mod highlights;
pub mod history_and_coverage;
pub mod indirect;
pub mod kin;
pub mod question;
pub mod units;

pub use answer::{Answer, AnswerError, AnswerKind, Answers, Context, Early, Engine, EvidenceLine, Offer, Offers};

/// A number and what it counts: `1 file`, `2 files`.
pub fn plural(count: u64, what: &str) -> String {
    if count == 1 { format!("1 {what}") } else { format!("{count} {what}s") }
}

/// How alike two words are, from 0 to 1, their beginnings counting most (Jaro and Winkler).
pub(crate) fn likeness(a: &str, b: &str) -> f64 {
    rapidfuzz::distance::jaro_winkler::similarity(a.chars(), b.chars())
}

/// The word most like `written`, if any is alike at all.
pub(crate) fn question_nearest<'w>(written: &str, all: impl Iterator<Item = &'w str>) -> Option<String> {
    let scored = all.map(|w| (likeness(written, w), w));
    scored.filter(|s| s.0 > 0.7).max_by(|a, b| a.0.total_cmp(&b.0)).map(|s| s.1.to_owned())
}
