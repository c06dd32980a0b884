//! What macro engines share: tokens in, tokens that know where they came from out.
//!
//! Input: the tokens of a call, and definitions through a lookup the caller brings. Output: a [`Record`]: every token there ever was,
//! and every replacement as a [`Step`] that names the macro, its place, what it consumed and what it produced.
//!
//! # Guarantees
//! No engine reads the disk, runs for ever or panics on any input: work is bounded by [`MAX_TOKENS`], and what is cut off is said.

mod note;
mod record;
mod token;

pub use note::Note;
pub use record::{Record, Step, StepNo};
pub use token::{Part, Place, SourceNo, Token, TokenId, TokenKind};

/// So many tokens one unfolding may make; the largest real one met in the kits makes 41,000.
pub const MAX_TOKENS: usize = 1 << 17;

/// The most replacements, and the most tokens they take and give together: nobody reads more, and macros that double what they are given
/// would make as much as there is memory.
pub const MAX_STEPS: usize = 20_000;
/// See [`MAX_STEPS`].
pub const MAX_WORK: usize = 1 << 20;
