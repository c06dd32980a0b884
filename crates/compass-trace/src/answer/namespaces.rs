//! Namespaces and packages that no definition stands for: the files that say they are part of one.

use super::subject::{Resolution, Resolved};
use super::{AnswerError, Engine};
use compass_facts::{ImportId, ImportKind};
use compass_index::{Cause, Certainty, FileFacts, FileId, SymbolId};

/// Files shown of a namespace.
const MOST_SHOWN: usize = 40;

/// Files that are asked where no folder is called like the namespace.
const MOST_ASKED: usize = 4000;

impl Engine {
    /// A place in an import that no use stands at: the module that is brought in. Tells whether there is an import.
    pub(super) fn resolve_import(&self, file: FileId, facts: &FileFacts, offset: u32, out: &mut Resolution) -> Result<bool, AnswerError> {
        let around = facts.facts.imports.iter().enumerate().filter(|(_, i)| i.span.contains(offset));
        let Some((at, import)) = around.min_by_key(|(_, i)| i.span.len()) else { return Ok(false) };
        let links = self.index.links(file)?;
        let mut targets = links.imports.get(at).cloned().unwrap_or_default();
        let absent = links.absent.iter().find(|(i, _)| *i == at as u32).map(|a| a.1);
        if targets.is_empty() {
            let family = self.index.file(file).map(|f| f.language.profile().family);
            let named = facts.facts.name(facts.facts.import(ImportId(at as u32)).module).to_owned();
            let mut files = self.files_within(&named, family)?;
            if import.kind == ImportKind::Within {
                // Another package may be called so in another folder.
                let folder = |f: &FileId| self.index.path_of(*f).rsplit_once('/').map(|p| p.0.to_owned());
                if files.iter().any(|f| folder(f) == folder(&file)) {
                    files.retain(|f| folder(f) == folder(&file));
                }
            }
            targets = files.into_iter().map(SymbolId::module).collect();
        }
        push(targets, out);
        if out.symbols.is_empty() {
            out.cause = Some(absent.unwrap_or(Cause::NoDefinition));
        }
        Ok(true)
    }

    /// A name that no definition has, as that of a namespace.
    pub(super) fn push_namespace(&self, name: &str, out: &mut Resolution) -> Result<(), AnswerError> {
        let files = self.files_within(name, None)?;
        if files.is_empty() && self.index.files().len() > MOST_ASKED && parts(name).len() > 1 {
            // Not all files of a large tree were asked.
            out.cause.get_or_insert(Cause::TooMany);
        }
        push(files.into_iter().map(SymbolId::module).collect(), out);
        Ok(())
    }

    /// The files that say they are part of a namespace, those that speak for their folder first; where no folder is called so all files of the
    /// family are asked.
    fn files_within(&self, namespace: &str, family: Option<&str>) -> Result<Vec<FileId>, AnswerError> {
        let parts = parts(namespace);
        let Some(last) = parts.last() else { return Ok(Vec::new()) };
        let fits = |f: &&compass_index::FileRow| family.is_none_or(|wanted| f.language.profile().family == wanted);
        let folder = |path: &str| path.rsplit_once('/').map_or(String::new(), |p| p.0.to_owned());
        let is_called = |path: &str| path.contains(last) && folder(path).split('/').collect::<Vec<_>>().ends_with(&parts);
        let called: Vec<FileId> = self.index.files().iter().filter(fits).filter(|f| is_called(&f.path)).map(|f| f.id).take(MOST_ASKED).collect();
        let mut out = self.those_within(&called, &parts)?;
        // Of a larger tree not all can be asked for a name alone.
        if out.is_empty() && (family.is_some() || self.index.files().len() <= MOST_ASKED) {
            let all: Vec<FileId> = self.index.files().iter().filter(fits).map(|f| f.id).take(MOST_ASKED).collect();
            out = self.those_within(&all, &parts)?;
        }
        let speaks = |f: &FileId| {
            let path = self.index.path_of(*f);
            let name = path.rsplit('/').next().unwrap_or(&path);
            self.index.file(*f).is_some_and(|row| row.language.profile().introduced.told_in.contains(&name))
        };
        out.sort_by_key(|f| !speaks(f));
        Ok(out)
    }

    fn those_within(&self, files: &[FileId], parts_wanted: &[&str]) -> Result<Vec<FileId>, AnswerError> {
        let mut out = Vec::new();
        for file in files {
            let facts = self.index.facts(*file)?;
            let within = facts.facts.imports.iter().filter(|i| i.kind == ImportKind::Within);
            if within.into_iter().any(|i| parts(facts.facts.name(i.module)) == parts_wanted) {
                out.push(*file);
            }
        }
        Ok(out)
    }
}

fn push(targets: Vec<SymbolId>, out: &mut Resolution) {
    out.total = targets.len();
    let shown = targets.into_iter().take(MOST_SHOWN);
    out.symbols.extend(shown.map(|symbol| Resolved { symbol, certainty: Some(Certainty::Proven), via: None, bodiless: false, local: false }));
}

/// The parts of a name, whichever sign stands between them.
fn parts(namespace: &str) -> Vec<&str> {
    namespace.split(['.', '\\', ':', '/']).filter(|p| !p.is_empty()).collect()
}
