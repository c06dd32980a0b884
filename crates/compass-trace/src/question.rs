//! The question language: plain words, one line, the same in the ask line and on the command line.
//!
//! `parse(print(q)) == q` for every question that [`parse`] can give, also where names are keywords.

mod error;
mod expected;
mod name;
mod parser;
mod phrases;
mod print;
mod syntax;
mod words;

pub use error::ParseError;
pub use expected::{Expected, Thing, expected};
pub use name::NamePattern;
pub use parser::parse;
pub use syntax::{Depth, Does, Filter, Form, Goal, Mode, Place, Question, Scope, Subject, What, WhoDoes};

/// A text as one word of a question: in quotes where it would be read otherwise.
pub(crate) fn quoted_if_needed(text: &str) -> String {
    if words::is_one_word(text) && !parser::is_filter(text) { text.to_owned() } else { words::quote(text) }
}

#[cfg(test)]
mod tests;
