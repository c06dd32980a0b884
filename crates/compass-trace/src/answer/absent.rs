//! Imports of what is not here, by package: what is missing, how often, and what would bring it.

use super::rows::Raw;
use super::{About, AnswerError, Engine, Found};
use crate::plural;
use crate::question::ParseError;
use compass_facts::{GapCause, Language};
use compass_index::{CrossingKind, FileId};
use std::collections::BTreeMap;

/// So many packages are told in the notes of an answer.
const MOST_TOLD: usize = 8;

/// The words of causes that a person may mean by one: all there are for an unknown one, as advice.
pub(super) fn causes_of(word: &str) -> Result<Vec<&'static str>, ParseError> {
    let all: Vec<&'static str> = GapCause::ALL.iter().map(|c| c.word()).chain(CrossingKind::ALL.iter().map(|k| k.word())).collect();
    let meant: &[&'static str] = match word {
        "import" | "imports" | "include" | "includes" | "package" | "packages" => &["import_not_found"],
        "crossing" | "crossings" => &["http", "sql", "native"],
        _ => &[],
    };
    if !meant.is_empty() {
        return Ok(meant.to_vec());
    }
    let found: Vec<&'static str> = all.iter().copied().filter(|w| *w == word || w.replace('_', " ") == word).collect();
    if !found.is_empty() {
        return Ok(found);
    }
    let nearest = crate::question_nearest(word, all.iter().copied());
    let mut error = ParseError::new(format!("gaps have no cause called {word}"), 0, 0).expecting(&all);
    error.suggestion = nearest.as_ref().map(|n| format!("gaps of {n}"));
    error.nearest = nearest;
    Err(error)
}

/// An import that leads nowhere.
pub(super) struct AbsentImport {
    /// Of the file it stands in.
    pub(super) language: Language,
    /// What it would have to bring.
    pub(super) package: String,
    /// The whole of it.
    statement: compass_facts::Span,
}

impl Engine {
    /// The package that a gap of an import is about, and its language.
    pub(super) fn absent_package(&self, file: FileId, at: u32) -> Result<Option<AbsentImport>, AnswerError> {
        let Some(language) = self.index.file(file).map(|f| f.language) else { return Ok(None) };
        let facts = self.index.facts(file)?;
        let import = facts.facts.imports.iter().find(|i| i.name_span.start == at);
        Ok(import.map(|i| {
            let module = facts.facts.name(i.module);
            let name = i.name.map(|n| facts.facts.name(n));
            let package = (language.profile().packages.of_import)(if module.is_empty() { name.unwrap_or(module) } else { module });
            AbsentImport { language, package, statement: i.span }
        }))
    }

    /// Packages that own code asks for and that are not here: name, imports, files; the commonest first.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn absent_packages(&self, most: usize, cancel: &compass_facts::Cancel) -> Result<Vec<(String, u64, u64)>, AnswerError> {
        let mut counts: BTreeMap<String, (u64, u64)> = BTreeMap::new();
        for file in self.index.files().iter().filter(|f| f.language.is_read() && self.index.unit(f.id).is_none_or(|u| u.own)) {
            if cancel.is_cancelled() {
                return Err(AnswerError::Cancelled);
            }
            let (facts, links) = self.index.in_passing(file.id)?;
            // Several names taken out of one module are one import.
            let mut here: BTreeMap<String, std::collections::BTreeSet<compass_facts::Span>> = BTreeMap::new();
            for (import, _) in links.absent.iter().filter(|a| a.1 == compass_index::Cause::UnitAbsent) {
                let import = facts.import(compass_facts::ImportId(*import));
                let (module, name) = (facts.name(import.module), import.name.map_or("", |n| facts.name(n)));
                let package = (file.language.profile().packages.of_import)(if module.is_empty() { name } else { module });
                here.entry(package).or_default().insert(import.span);
            }
            for (package, statements) in here {
                let count = counts.entry(package).or_default();
                *count = (count.0 + statements.len() as u64, count.1 + 1);
            }
        }
        let mut out: Vec<(String, u64, u64)> = counts.into_iter().map(|(package, (imports, files))| (package, imports, files)).collect();
        out.sort_by(|a, b| b.1.cmp(&a.1).then_with(|| a.0.cmp(&b.0)));
        out.truncate(most);
        Ok(out)
    }

    /// Says which packages are asked for most and are not here.
    pub(super) fn note_absent_packages(&self, found: &mut Found) -> Result<(), AnswerError> {
        // Several names taken out of one module are one import.
        let mut counts: BTreeMap<(Language, String), rustc_hash::FxHashSet<(FileId, compass_facts::Span)>> = BTreeMap::new();
        for row in found.rows.iter().filter(|r| r.about == About::Gap(GapCause::ImportNotFound)) {
            if let Some(import) = self.absent_package(row.file, row.marks.span.start)? {
                counts.entry((import.language, import.package)).or_default().insert((row.file, import.statement));
            }
        }
        let mut most: Vec<_> = counts.into_iter().collect();
        most.sort_by_key(|m| std::cmp::Reverse(m.1.len()));
        let packages = most.len();
        for ((language, package), imports) in most.into_iter().take(MOST_TOLD) {
            let files: rustc_hash::FxHashSet<FileId> = imports.iter().map(|i| i.0).collect();
            let (imports, files) = (plural(imports.len() as u64, "import"), plural(files.len() as u64, "file"));
            found.notes.push(format!("{package}: {imports} in {files}, no such package here · {}", language.profile().packages.advice));
        }
        if packages > MOST_TOLD {
            found.notes.push(format!("and {} more packages", packages - MOST_TOLD));
        }
        Ok(())
    }
}

impl Raw {
    /// Is it an import that leads nowhere?
    pub(super) fn is_absent_import(&self) -> bool {
        self.about == About::Gap(GapCause::ImportNotFound)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::go(languages::GO, "github.com/x/y/z/a", "github.com/x/y")]
    #[case::go_other(languages::GO, "gopkg.in/yaml.v3", "gopkg.in/yaml.v3")]
    #[case::python(languages::PYTHON, "numpy.linalg", "numpy")]
    #[case::scoped(languages::TYPESCRIPT, "@larder/ui/button", "@larder/ui")]
    #[case::plain(languages::JAVASCRIPT, "left/pad", "left")]
    #[case::java(languages::JAVA, "org.larder.rack.Slot", "org.larder.rack")]
    #[case::header(languages::CPP, "boost/any.hpp", "boost/")]
    fn imports_ask_for_packages(#[case] language: Language, #[case] module: &str, #[case] package: &str) {
        assert_eq!((language.profile().packages.of_import)(module), package);
    }

    #[test]
    fn unknown_causes_get_advice() {
        assert_eq!(causes_of("import").expect("known"), ["import_not_found"]);
        assert_eq!(causes_of("sintax").expect_err("unknown").suggestion.as_deref(), Some("gaps of syntax"));
    }
}
