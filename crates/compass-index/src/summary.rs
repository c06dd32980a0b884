//! The numbers of an index: what the survey shows and `index --json` prints.

use serde::{Deserialize, Serialize};
use std::collections::BTreeMap;

/// Links by certainty.
#[derive(Debug, Clone, Default, PartialEq, Eq, Serialize, Deserialize)]
#[allow(missing_docs)]
pub struct Linked {
    pub proven: u64,
    pub inferred: u64,
    pub guessed: u64,
}

/// Units by whose they are.
#[derive(Debug, Clone, Default, PartialEq, Eq, Serialize, Deserialize)]
#[allow(missing_docs)]
pub struct Units {
    pub own: u64,
    pub dependencies: u64,
}

/// Seconds per phase.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
#[allow(missing_docs)]
pub struct Seconds {
    pub walk: f64,
    pub read: f64,
    pub link: f64,
    pub write: f64,
    pub total: f64,
}

/// What became of uses.
#[derive(Debug, Clone, Default, PartialEq, Eq, Serialize, Deserialize)]
pub struct Shares {
    /// Uses of names.
    pub uses: u64,
    /// Uses linked across definitions that are not local.
    pub linked: Linked,
    /// Uses of names local to a function.
    pub local: u64,
    /// Uses without a target, by cause.
    pub unlinked: BTreeMap<String, u64>,
}

/// Everything that is counted. `uses` = sum of `linked` + `local` + sum of `unlinked`.
#[derive(Debug, Clone, Default, PartialEq, Serialize, Deserialize)]
pub struct Summary {
    /// Files, text files included.
    pub files: u64,
    /// Their size.
    pub bytes: u64,
    /// Their lines.
    pub lines: u64,
    /// Files by language.
    pub languages: BTreeMap<String, u64>,
    /// Files that nobody wrote by hand: generated, minified.
    pub made: BTreeMap<String, u64>,
    /// Units.
    pub units: Units,
    /// Definitions that are not variables inside functions.
    pub symbols: u64,
    /// Uses of names.
    pub uses: u64,
    /// Uses linked across definitions that are not local.
    pub linked: Linked,
    /// Uses of names local to a function.
    pub local: u64,
    /// Uses without a target, by cause.
    pub unlinked: BTreeMap<String, u64>,
    /// The same of the workspace's own units alone.
    pub own: Shares,
    /// Import statements, includes among them.
    pub imports: u64,
    /// Those that lead to nothing that is indexed, by cause.
    pub imports_absent: BTreeMap<String, u64>,
    /// Crossings, by kind.
    pub crossings: BTreeMap<String, u64>,
    /// Sides of crossings that have no other, by kind.
    pub loose: BTreeMap<String, u64>,
    /// Gaps.
    pub gaps: u64,
    /// Gaps by cause.
    pub gaps_by_cause: BTreeMap<String, u64>,
    /// Gaps whose words nobody knows, by language and cause: code of one language cannot hide names of another. Others hide the names that
    /// stand in them, and are counted under these.
    pub hidden: BTreeMap<String, BTreeMap<String, u64>>,
    /// Definitions that macros make where they are called.
    pub made_by_macros: u64,
    /// Names that macros paste together, a `*` for what calls give, by language, and how many files do so. JSON tells how many there are.
    #[serde(with = "counted_for_people")]
    pub pasted: BTreeMap<String, BTreeMap<String, u64>>,
    /// Time by phase.
    pub seconds: Seconds,
    /// Most memory held, where the system tells.
    pub peak_rss_bytes: u64,
    /// Size of the index on disk.
    pub index_bytes: u64,
    /// Files read in this run.
    pub refreshed_files: u64,
    /// Files of packages whose facts the shared package cache had.
    #[serde(rename = "depot_files")]
    pub cached_files: u64,
    /// Files of packages whose links the shared package cache had.
    #[serde(rename = "depot_links")]
    pub cached_links: u64,
    /// Files linked in this run.
    pub relinked_files: u64,
}

/// Names by language, of which people are told how many there are.
mod counted_for_people {
    use serde::{Deserialize, Deserializer, Serialize, Serializer};
    use std::collections::BTreeMap;

    type ByLanguage = BTreeMap<String, BTreeMap<String, u64>>;

    pub(super) fn serialize<S: Serializer>(names: &ByLanguage, to: S) -> Result<S::Ok, S::Error> {
        if to.is_human_readable() { to.serialize_u64(names.values().map(|n| n.len() as u64).sum()) } else { names.serialize(to) }
    }

    pub(super) fn deserialize<'de, D: Deserializer<'de>>(from: D) -> Result<ByLanguage, D::Error> {
        if from.is_human_readable() {
            u64::deserialize(from)?;
            return Ok(BTreeMap::new());
        }
        BTreeMap::deserialize(from)
    }
}
