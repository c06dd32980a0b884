//! Unfolding: a macro call or a construct of a language, and what it stands for, step by step.
//!
//! Input: an index and a place. Output: an [`Unfolding`]: what was written, the steps, the text after each, and for every piece of a text
//! where it came from. Works on the code as it is now; nothing is written.

mod c;
mod layout;
mod model;
mod platform;
mod python;
mod rust;
mod texts;

pub use model::{Competing, Depth, Location, Piece, PieceKind, Step, StepKind, Text, Unfolding};

use compass_facts::{Cancel, Language};
use compass_index::{FileId, Index, IndexError, Sources};
use std::path::PathBuf;

/// What may settle an unfolding beside the code.
#[derive(Debug, Clone, Default)]
pub struct Options {
    /// `NAME`, `NAME=VALUE`, `NAME(X)=VALUE`: macros of C that the build defines.
    pub defines: Vec<String>,
    /// What the compiler defines by itself, in the form of its own list (`#define NAME VALUE`, a line each), for C and for C++; without it
    /// a table of the usual platform (Linux, x86-64, GNU dialect) holds.
    pub compiler: Option<CompilerMacros>,
    /// Folders that hold what C files include.
    pub includes: Vec<PathBuf>,
}

/// Macros that a compiler defines by itself; see [`Options::compiler`].
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct CompilerMacros {
    /// Of C.
    pub c: String,
    /// Of C++.
    pub cpp: String,
}

/// Why a place cannot be unfolded.
#[derive(Debug, thiserror::Error)]
pub enum UnfoldError {
    /// Nothing there stands for something else.
    #[error("nothing to unfold at {place}: {why}")]
    Nothing {
        /// The place as asked.
        place: String,
        /// What stands there instead.
        why: String,
    },
    /// The construct is known but has no lowering.
    #[error("{what} cannot be unfolded: {why}")]
    Unsupported {
        /// The construct.
        what: String,
        /// What is in the way.
        why: String,
    },
    /// The index or the file failed.
    #[error(transparent)]
    Index(#[from] IndexError),
}

/// Unfolds what stands at a byte of a file.
///
/// # Errors
/// [`UnfoldError`]. A macro that is found but cannot be replaced is no error: the unfolding has no steps and its notes say why.
pub fn unfold(index: &Index, sources: &dyn Sources, file: FileId, offset: u32, options: &Options, cancel: &Cancel) -> Result<Unfolding, UnfoldError> {
    let row = index.file(file).ok_or_else(|| IndexError::NoFile(format!("{file:?}")))?;
    let at = c::Place { file, offset };
    match row.language {
        Language::C | Language::Cpp => c::unfold(index, sources, at, options, cancel),
        Language::Rust => rust::unfold(index, at),
        Language::Python => python::unfold(index, at),
        other => Err(UnfoldError::Nothing { place: index.path_of(file), why: format!("nothing of {} can be unfolded yet", other.word()) }),
    }
}
