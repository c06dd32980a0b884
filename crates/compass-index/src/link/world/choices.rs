//! Which settings of a build are likely made: by what they choose between.

use compass_facts::{Facts, NameId};
use rustc_hash::FxHashMap;

/// Macros that choose between two branches of a file: bytes in the branch with each, and in the one without.
pub fn choices_by(facts: &Facts) -> FxHashMap<NameId, (u64, u64)> {
    let mut here: FxHashMap<NameId, (u64, u64)> = FxHashMap::default();
    for condition in facts.conditions.iter().filter(|c| !c.one_of) {
        let entry = here.entry(condition.name).or_default();
        let bytes = u64::from(condition.span.len());
        if condition.defined { entry.0 += bytes } else { entry.1 += bytes }
    }
    here.retain(|_, (with, without)| *with > 0 && *without > 0);
    here
}

/// The same by name.
pub fn choices(facts: &Facts) -> FxHashMap<String, (u64, u64)> {
    choices_by(facts).into_iter().map(|(name, bytes)| (facts.name(name).to_owned(), bytes)).collect()
}

/// Is a macro that chooses so many bytes likely set by the build?
pub fn is_feature(name: &str, (with, without): (u64, u64)) -> bool {
    let is_off = ["DEBUG", "TEST", "TRACE", "NO_", "DISABLE", "VERBOSE", "BENCH", "FUZZ", "SHARED", "DLL"].iter().any(|w| name.contains(w));
    (with > 0 || without > 0) && !is_off && with >= 2 * without
}
