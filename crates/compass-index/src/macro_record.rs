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

/// A record as it is kept: only who writes an index looks into it, and who asks must not pay for that.
#[derive(Debug, Clone, Default, PartialEq)]
pub struct PackedMacros(Vec<u8>);

impl PackedMacros {
    /// Packs a record.
    pub(crate) fn of(record: &MacroRecord) -> PackedMacros {
        // What cannot be packed is looked for anew by the next run.
        PackedMacros(postcard::to_stdvec(record).unwrap_or_default())
    }

    /// The record; nothing where there is none, or it is damaged.
    pub(crate) fn unpack(&self) -> Option<MacroRecord> {
        postcard::from_bytes(&self.0).ok()
    }
}

impl Serialize for PackedMacros {
    fn serialize<S: serde::Serializer>(&self, to: S) -> Result<S::Ok, S::Error> {
        to.serialize_bytes(&self.0)
    }
}

impl<'de> Deserialize<'de> for PackedMacros {
    fn deserialize<D: serde::Deserializer<'de>>(from: D) -> Result<PackedMacros, D::Error> {
        struct Bytes;
        impl serde::de::Visitor<'_> for Bytes {
            type Value = PackedMacros;

            fn expecting(&self, f: &mut std::fmt::Formatter) -> std::fmt::Result {
                f.write_str("bytes")
            }

            fn visit_bytes<E: serde::de::Error>(self, bytes: &[u8]) -> Result<PackedMacros, E> {
                Ok(PackedMacros(bytes.to_vec()))
            }
        }
        from.deserialize_bytes(Bytes)
    }
}
