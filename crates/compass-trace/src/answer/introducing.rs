//! The documentation of what is imported as a whole: a file, a package, a namespace.
//!
//! Four places are looked at, in this order: what the definition says of itself; the opening of its file; the files that speak for
//! their folder, as the language has it; the README beside it, up to the one of the unit.

use super::{AnswerError, Engine};
use crate::documentation::{self, Block};
use compass_facts::{DefId, Language};
use compass_index::{FileFacts, FileId};

/// What a module says of itself.
#[derive(Debug, Clone, PartialEq, Eq)]
pub(crate) struct Introduction {
    /// Its text, comment signs removed.
    pub(crate) text: String,
    /// The same as it is read.
    pub(crate) blocks: Vec<Block>,
    /// The file it stands in.
    pub(crate) path: String,
}

/// How READMEs are called.
const READMES: [&str; 7] = ["README.md", "README", "README.rst", "README.txt", "readme.md", "Readme.md", "README.markdown"];

/// What is shown of a README, in bytes.
const LARGEST_README: usize = 4 << 10;

/// Files of a folder that are asked whether they document it.
const MOST_ASKED: usize = 64;

impl Engine {
    /// What documents a file that others bring in.
    pub(crate) fn introduction(&self, file: FileId) -> Result<Option<Introduction>, AnswerError> {
        let Some(row) = self.index.file(file) else { return Ok(None) };
        let told_in = &row.language.profile().introduced;
        let path = self.index.path_of(file);
        let (folder, name) = path.rsplit_once('/').unwrap_or(("", &path));
        if READMES.contains(&name) {
            return self.readme(file, folder);
        }
        if let Some(own) = self.opening_of(file, told_in.by_any_file)? {
            return Ok(Some(own));
        }
        if told_in.by_any_file || !told_in.told_in.is_empty() && !row.language.profile().modules.by_file {
            for other in self.speakers(row.language, folder).into_iter().filter(|f| *f != file) {
                if let Some(found) = self.opening_of(other, told_in.by_any_file)? {
                    return Ok(Some(found));
                }
            }
            return self.readme(file, folder);
        }
        if told_in.told_in.contains(&name) { self.readme(file, folder) } else { Ok(None) }
    }

    /// The file that stands for a unit of that name: its README, else what a plain import of it means.
    pub(super) fn file_of_unit(&self, name: &str) -> Option<FileId> {
        let unit = self.index.units().iter().find(|u| u.name == name)?;
        let files = || self.index.files().iter().filter(|f| f.id.unit == unit.id);
        let below = |name: &str| if unit.dir.is_empty() { name.to_owned() } else { format!("{}/{name}", unit.dir) };
        let called = |wanted: &str| {
            let path = below(wanted);
            files().find(|f| f.path == path).map(|f| f.id)
        };
        READMES.iter().find_map(|n| called(n)).or_else(|| unit.entries.iter().find_map(|e| called(e)))
    }

    /// The files of a folder, which is named by its path, or by the name of its unit and the path below that, as packages are imported:
    /// those that speak for it first.
    pub(super) fn files_of_folder(&self, name: &str) -> Vec<FileId> {
        let name = name.trim_matches('/');
        let below = |u: &&compass_index::UnitRow| name.strip_prefix(u.name.as_str()).is_some_and(|rest| rest.starts_with('/'));
        // A unit may be called like the beginning of another one.
        let of_unit = self.index.units().iter().filter(below).max_by_key(|u| u.name.len()).map(|u| {
            let rest = &name[u.name.len() + 1..];
            if u.dir.is_empty() { rest.to_owned() } else { format!("{}/{rest}", u.dir) }
        });
        let folder = of_unit.as_deref().unwrap_or(name);
        let is_here = |f: &&compass_index::FileRow| f.path.rsplit_once('/').is_some_and(|p| p.0 == folder);
        let mut here: Vec<&compass_index::FileRow> = self.index.files().iter().filter(is_here).take(MOST_ASKED).collect();
        let rank = |f: &compass_index::FileRow| {
            let name = f.path.rsplit('/').next().unwrap_or(&f.path);
            let told_in = f.language.profile().introduced.told_in.contains(&name);
            (!told_in, !READMES.contains(&name), !f.language.is_read(), f.path.clone())
        };
        here.sort_by_key(|f| rank(f));
        here.into_iter().map(|f| f.id).collect()
    }

    /// What documents a definition that is a module and says nothing of itself.
    pub(crate) fn introduction_of(&self, file: FileId, facts: &FileFacts, def: DefId) -> Result<Option<Introduction>, AnswerError> {
        // A module that is declared here may be written in a file of its own, which the declaration brings in.
        let name = facts.facts.def(def).name_span;
        let brought = facts.facts.imports.iter().position(|i| i.span.contains(name.start));
        let links = self.index.links(file)?;
        let written = brought.and_then(|i| links.imports.get(i)?.iter().find(|s| s.is_module() && s.file != file).copied());
        match written {
            Some(module) => self.introduction(module.file),
            None => self.introduction(file),
        }
    }

    /// The files of a folder that may speak for it.
    fn speakers(&self, language: Language, folder: &str) -> Vec<FileId> {
        let introduced = &language.profile().introduced;
        let join = |name: &str| if folder.is_empty() { name.to_owned() } else { format!("{folder}/{name}") };
        let mut out: Vec<FileId> = introduced.told_in.iter().filter_map(|n| self.index.find_path(&join(n))).collect();
        if introduced.by_any_file {
            let is_here = |path: &str| path.rsplit_once('/').map_or("", |p| p.0) == folder;
            let here = self.index.files().iter().filter(|f| f.language == language && folder.ends_with(f.path.rsplit_once('/').map_or("", |p| p.0)));
            out.extend(here.map(|f| f.id).filter(|id| is_here(&self.index.path_of(*id))).take(MOST_ASKED));
        }
        out
    }

    fn opening_of(&self, file: FileId, attached: bool) -> Result<Option<Introduction>, AnswerError> {
        let Some(row) = self.index.file(file) else { return Ok(None) };
        let source = self.index.source(file)?;
        let facts = self.index.facts(file)?;
        let found = documentation::opening(row.language, &source.source.text, &facts.facts, attached);
        Ok(found.map(|comment| Introduction {
            text: documentation::clean(&comment),
            blocks: documentation::read(row.language, &comment),
            path: self.index.path_of(file),
        }))
    }

    /// The nearest README above a file, within its unit.
    fn readme(&self, file: FileId, folder: &str) -> Result<Option<Introduction>, AnswerError> {
        let unit = self.index.unit(file).map(|u| u.id);
        let mut folder = Some(folder);
        while let Some(here) = folder {
            let path = |name: &str| if here.is_empty() { name.to_owned() } else { format!("{here}/{name}") };
            let found = READMES.iter().find_map(|n| self.index.find_path(&path(n)));
            if let Some(readme) = found.filter(|f| self.index.unit(*f).map(|u| u.id) == unit) {
                let source = self.index.source(readme)?;
                let text = shortened(&source.source.text);
                return Ok(Some(Introduction { blocks: documentation::read_markdown(&text), text, path: self.index.path_of(readme) }));
            }
            folder = match here {
                "" => None,
                _ => Some(here.rsplit_once('/').map_or("", |p| p.0)),
            };
        }
        Ok(None)
    }
}

/// The beginning of a README, without the pictures and frames that many begin with.
fn shortened(text: &str) -> String {
    let is_picture = |line: &str| ["<", "![", "[!["].iter().any(|s| line.trim_start().starts_with(s));
    let mut out = String::new();
    for line in text.lines().filter(|l| !is_picture(l)) {
        if out.len() + line.len() > LARGEST_README {
            break;
        }
        out.push_str(line);
        out.push('\n');
    }
    out.trim().to_owned()
}
