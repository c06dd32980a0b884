//! What an index remembers of macros that files share: which file asked for which, and where they are defined.

use crate::FileId;
use serde::{Deserialize, Serialize};

/// Of all families of languages.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub struct MacroRecord(pub(crate) Vec<FamilyRecord>);

/// Of the languages of one family.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub(crate) struct FamilyRecord {
    /// Its word.
    pub(crate) family: String,
    /// Macros that were looked for, by name.
    pub(crate) looked_for: Vec<LookedFor>,
    /// Macros that files asked for.
    pub(crate) asked: Vec<Asked>,
    /// What each file asked for, by position in `asked`.
    pub(crate) files: Vec<(FileId, Vec<u32>)>,
}

/// A macro that was looked for.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub(crate) struct LookedFor {
    pub(crate) name: String,
    /// The files whose definitions counted, and a hash of these.
    pub(crate) definers: Vec<(FileId, u64)>,
}

/// A macro that files asked for.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub(crate) struct Asked {
    pub(crate) name: String,
    /// See `MacroShape::digest`.
    pub(crate) digest: u64,
    /// Macros that were looked for to tell it, by position in `looked_for`.
    pub(crate) needs: Vec<u32>,
}
