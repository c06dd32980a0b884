//! What an answer may lack.
//!
//! An answer is complete when no use of the names it is about is left that might belong to it: none without a target, none in code that
//! could not be read, none that may mean more definitions than are listed for it. Only uses in languages that can name the symbols count;
//! what joins languages are crossings, which are told apart.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use compass_facts::{Kind, Language, Role, UseId};
use compass_index::{Cause, Certainty, FileId, SymbolId};

/// So many uses without a target are listed at most.
const MOST_ROWS: usize = 20_000;

/// The languages whose code can name some symbols, and whether any of these is a member of a type.
pub(super) struct Namers {
    languages: Vec<Language>,
    members: bool,
}

impl Namers {
    fn concerns(&self, language: Language) -> bool {
        self.languages.is_empty() || self.languages.iter().any(|l| l.is_kin_of(language))
    }

    /// May a use with that cause mean one of the symbols? A value of a type that is not here may be one of ours, whose member is
    /// called; a name of a package that is not here is not.
    fn may_mean(&self, cause: Cause) -> bool {
        cause.may_hide_use() || self.members && cause == Cause::UnitAbsent
    }
}

impl Engine {
    pub(super) fn namers(&self, symbols: impl Iterator<Item = SymbolId>) -> Result<Namers, AnswerError> {
        let mut out = Namers { languages: Vec::new(), members: false };
        for symbol in symbols {
            let Some(file) = self.index.file(symbol.file) else { continue };
            if !out.languages.contains(&file.language) {
                out.languages.push(file.language);
            }
            if !out.members {
                out.members = self.index.definition(symbol)?.is_some_and(|(f, d)| matches!(f.facts.def(d).kind, Kind::Method | Kind::Field));
            }
        }
        Ok(out)
    }

    /// Code that nobody could go through may hold what was asked for: code of the symbols' languages, or of any language where
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

    /// Uses of these names that have no target, or are not listed for all they may mean.
    pub(super) fn miss_unlinked(&self, names: &[String], namers: &Namers, found: &mut Found) -> Result<(), AnswerError> {
        for name in names {
            for entry in self.index.unlinked(name)? {
                let concerns = self.index.file(entry.file).is_some_and(|f| namers.concerns(f.language));
                if concerns && namers.may_mean(entry.cause) {
                    found.miss(entry.cause.word(), entry.count);
                }
            }
        }
        Ok(())
    }

    /// Definitions of these names that could not be read.
    pub(super) fn miss_unread(&self, names: &[String], namers: &Namers, found: &mut Found) -> Result<(), AnswerError> {
        for name in names {
            for entry in self.index.unlinked(name)?.into_iter().filter(|e| e.cause == Cause::Unreadable) {
                if self.index.file(entry.file).is_some_and(|f| namers.concerns(f.language)) {
                    found.miss(entry.cause.word(), entry.count);
                }
            }
        }
        Ok(())
    }

    /// Rows for what [`Engine::miss_unlinked`] counts: uses of the names in those roles that may mean the symbols, as guesses.
    pub(super) fn unlinked_rows(&self, names: &[String], namers: &Namers, roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        let mut files: Vec<FileId> = Vec::new();
        for name in names {
            let entries = self.index.unlinked(name)?;
            let may = |file: FileId, cause| self.index.file(file).is_some_and(|f| namers.concerns(f.language)) && namers.may_mean(cause);
            files.extend(entries.into_iter().filter(|e| may(e.file, e.cause)).map(|e| e.file));
        }
        files.sort_unstable();
        files.dedup();
        for file in files {
            let facts = self.index.facts(file)?;
            let links = self.index.links(file)?;
            for (i, u) in facts.facts.uses.iter().enumerate() {
                let is_named = || names.iter().any(|n| n == facts.facts.name(u.name));
                if u.local.is_some() || !roles.contains(&u.role) || !is_named() {
                    continue;
                }
                let usage = UseId(i as u32);
                // What is linked to something else for sure is no guess.
                let is_open = match links.find(usage) {
                    Some(link) => link.certainty == Certainty::Guessed || link.total as usize > link.targets.len(),
                    None => links.find_cause(usage).is_some_and(|c| namers.may_mean(c)),
                };
                if is_open {
                    found.rows.push(Raw::usage(file, &facts.facts, usage, Some(Certainty::Guessed), None));
                }
            }
            if found.rows.len() > MOST_ROWS {
                found.miss("too_many", 1);
                break;
            }
        }
        // Counted as missing before, shown now.
        found.missing.retain(|m| !Cause::ALL.iter().any(|c| c.word() == m.cause && *c != Cause::Unreadable));
        Ok(())
    }
}
