//! What an answer may lack: code that could not be read, uses that could not be linked.

use super::{AnswerError, Engine, Found};
use compass_facts::Language;
use compass_index::SymbolId;

impl Engine {
    /// Code that could not be read may hold what was asked for: code of the symbols' languages, or of any language where
    /// nothing was found yet.
    pub(super) fn miss_hidden_code(&self, symbols: impl Iterator<Item = SymbolId>, found: &mut Found) {
        let mut languages: Vec<Language> = Vec::new();
        for language in symbols.filter_map(|s| self.index.file(s.file)).map(|f| f.language) {
            if !languages.contains(&language) {
                languages.push(language);
            }
        }
        let concerns = |word: &str| {
            let kin = |l: &Language| Language::ALL.iter().any(|other| other.word() == word && other.is_kin_of(*l));
            languages.is_empty() || languages.iter().any(kin)
        };
        for (language, causes) in &self.index.summary().hidden {
            for (cause, count) in causes.iter().filter(|_| concerns(language)) {
                found.miss(cause, *count);
            }
        }
    }

    /// Uses of these names that have no target: any of them may mean what was asked for.
    pub(super) fn miss_unlinked(&self, names: &[String], found: &mut Found) -> Result<(), AnswerError> {
        for name in names {
            for (cause, count) in self.index.unlinked(name)? {
                if cause.may_hide_use() {
                    found.miss(cause.word(), count);
                }
            }
        }
        Ok(())
    }
}
