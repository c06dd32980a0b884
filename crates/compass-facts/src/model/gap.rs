//! Gaps: what a reader could not understand.

use super::Span;
use serde::{Deserialize, Serialize};

/// Why a region has no facts.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum GapCause {
    /// The text does not fit the language's grammar.
    Syntax,
    /// Brackets or blocks nested deeper than the reader follows.
    TooDeep,
    /// The file is larger than the reader takes.
    TooLarge,
    /// The bytes are no text.
    Binary,
    /// The file could not be opened or read.
    Unreadable,
    /// The text was decoded from something else than UTF-8; characters may be wrong.
    Encoding,
    /// Reading took longer than it may.
    TimeLimit,
    /// The import or include names a file nobody found.
    ImportNotFound,
    /// A fault of this program ended the reading of the file.
    Fault,
}

crate::stored_by_number!(GapCause { Syntax = 0, TooDeep = 1, TooLarge = 2, Binary = 3, Unreadable = 4, Encoding = 5, TimeLimit = 6, ImportNotFound = 7, Fault = 8 });

impl GapCause {
    /// Every cause.
    pub const ALL: [GapCause; 9] = [
        GapCause::Syntax,
        GapCause::TooDeep,
        GapCause::TooLarge,
        GapCause::Binary,
        GapCause::Unreadable,
        GapCause::Encoding,
        GapCause::TimeLimit,
        GapCause::ImportNotFound,
        GapCause::Fault,
    ];

    /// The word that answers and summaries use.
    pub fn word(self) -> &'static str {
        match self {
            GapCause::Syntax => "syntax",
            GapCause::TooDeep => "too_deep",
            GapCause::TooLarge => "too_large",
            GapCause::Binary => "binary",
            GapCause::Unreadable => "unreadable",
            GapCause::Encoding => "encoding",
            GapCause::TimeLimit => "time_limit",
            GapCause::ImportNotFound => "import_not_found",
            GapCause::Fault => "fault",
        }
    }

    /// Does it hide code, so that answers over this file may be incomplete?
    pub fn hides_code(self) -> bool {
        !matches!(self, GapCause::Encoding | GapCause::ImportNotFound)
    }
}

/// One gap.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Gap {
    /// Why.
    pub cause: GapCause,
    /// Which region.
    pub span: Span,
}
