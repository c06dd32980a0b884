//! Unfolding: a macro call or a construct of a language, and what it stands for, step by step.
//!
//! Input: an index and a place. Output: an [`Unfolding`]: what was written, the steps, the text after each, and for every piece of a text
//! where it came from. Works on the code as it is now; nothing is written.

mod layout;
mod model;
mod texts;

pub use layout::lay_out;
pub use model::{Competing, Content, Depth, Location, Piece, PieceKind, Step, StepKind, Text, Unfolding};
pub use texts::{Entry, Include, Texts};

use compass_facts::{Cancel, Language};
use compass_index::{FileId, Index, IndexError, Tree};
use std::path::PathBuf;

/// What may settle an unfolding beside the code.
#[derive(Debug, Clone, Default)]
pub struct Options {
    /// `NAME`, `NAME=VALUE`, `NAME(X)=VALUE`: macros that the build defines.
    pub defines: Vec<String>,
    /// What compilers define by themselves, in the form of their own lists (`#define NAME VALUE`, a line each), by language; without one the
    /// table of a usual platform holds.
    pub compilers: Vec<(Language, String)>,
    /// Folders that hold what files include.
    pub includes: Vec<PathBuf>,
}

/// A byte of a file.
#[derive(Debug, Clone, Copy)]
pub struct Place {
    /// The file.
    pub file: FileId,
    /// Where in it.
    pub offset: u32,
}

/// What a language's constructs stand for.
pub trait Ladder: Sync {
    /// Unfolds what stands at a place.
    ///
    /// # Errors
    /// [`UnfoldError`] as for [`unfold`].
    fn unfold(&self, index: &Index, sources: &dyn Tree, at: Place, options: &Options, cancel: &Cancel) -> Result<Unfolding, UnfoldError>;
}

/// A ladder, as the room of its language hands it in.
pub struct LadderPart(pub &'static dyn Ladder);

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
pub fn unfold(index: &Index, sources: &dyn Tree, file: FileId, offset: u32, options: &Options, cancel: &Cancel) -> Result<Unfolding, UnfoldError> {
    let row = index.file(file).ok_or_else(|| IndexError::NoFile(format!("{file:?}")))?;
    let at = Place { file, offset };
    match row.language.profile().ladder.and_then(|part| part.downcast_ref::<LadderPart>()) {
        Some(ladder) => ladder.0.unfold(index, sources, at, options, cancel),
        None => Err(UnfoldError::Nothing { place: index.path_of(file), why: format!("nothing of {} can be unfolded yet", row.language.word()) }),
    }
}
