//! Which version of a reader made facts.

use crate::Language;

include!(concat!(env!("OUT_DIR"), "/reader_versions.rs"));

/// A number that changes with the sources of the reader of a language, of all that readers share, and of the grammars. Facts are kept under
/// it: those of an earlier reader are never served.
#[must_use]
pub fn reader_version(language: Language) -> u64 {
    let folder = language.profile().reader;
    OWN.iter().find(|o| o.0 == folder).map_or(SHARED, |o| o.1)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    fn readers_have_versions_of_their_own() {
        let version = |l| reader_version(l);
        assert_ne!(version(Language::Python), version(Language::Rust));
        assert_ne!(version(Language::Go), version(Language::Text));
        assert_eq!(version(Language::JavaScript), version(Language::Tsx), "one reader");
        for language in Language::ALL {
            let folder = language.profile().reader;
            assert!(folder.is_empty() || OWN.iter().any(|o| o.0 == folder), "{folder}");
        }
    }
}
