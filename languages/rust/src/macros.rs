//! `macro_rules!` of Rust: matching a call against rules and writing out the one that fits.
//!
//! After the Rust reference, chapter "Macros by example". Calls are unfolded from the outside in, as the language does it, so that a macro
//! sees its arguments as they were written. What a fragment variable other than `ident`, `lifetime` and `tt` matched stays one piece: it is kept
//! in a group without signs and gets parentheses only where its neighbours would tear it apart.

mod expander;
mod fragments;
mod lexer;
mod matcher;
mod rules;
mod transcriber;
mod tree;

pub use expander::{Found, Rules, expand};
pub use lexer::tokens;
pub use rules::MacroRules;
