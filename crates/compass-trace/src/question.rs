//! The question language: plain words, one line, the same in the ask line and on the command line.
//!
//! `parse(print(q)) == q` for every question that [`parse`] can give, also where names are keywords.

mod error;
mod name;
mod parser;
mod print;
mod syntax;
mod words;

pub use error::ParseError;
pub use name::NamePattern;
pub use parser::parse;
pub use syntax::{Depth, Does, Filter, Form, Mode, Place, Question, Scope, Subject, What, WhoDoes};

#[cfg(test)]
mod tests;
