//! The texts an unfolding touches: files of the index, and files on include paths that are not indexed.

use crate::model::Location;
use compass_expand::{Place, SourceNo};
use compass_facts::{ImportKind, LineIndex, Source};
use compass_index::{FileId, Index, Tree};
use std::path::{Path, PathBuf};
use std::sync::Arc;

/// A text and where it is from.
#[derive(Debug, Clone)]
pub struct Entry {
    /// The file of the index; none for one that is not indexed.
    pub file: Option<FileId>,
    /// Where it is.
    pub full: PathBuf,
    /// Its path for people.
    pub shown: String,
    /// The text.
    pub text: Arc<str>,
    /// Its lines.
    pub lines: Arc<LineIndex>,
}

/// Texts by number.
#[derive(Debug, Clone, Default)]
pub struct Texts {
    /// The texts, by number.
    pub entries: Vec<Entry>,
}

impl Texts {
    /// A place as people see it.
    pub fn location(&self, place: Place) -> Location {
        let Some(entry) = self.entries.get(place.source.0 as usize) else {
            return Location { file: None, path: String::new(), line: 0, column: 0, span: place.span };
        };
        let (line, column) = entry.lines.locate(place.span.start.min(entry.text.len() as u32));
        Location { file: entry.file, path: entry.shown.clone(), line, column, span: place.span }
    }

    /// The number of a file of the index; reads it when it is new.
    pub fn indexed(&mut self, index: &Index, file: FileId) -> Option<SourceNo> {
        if let Some(known) = self.entries.iter().position(|e| e.file == Some(file)) {
            return Some(SourceNo(known as u32));
        }
        let row = index.file(file)?;
        let source = index.source(file).ok()?;
        let text: Arc<str> = source.source.text.as_str().into();
        let lines = Arc::new(LineIndex::new(&text));
        self.entries.push(Entry { file: Some(file), full: index.full_path(row), shown: index.path_of(file), text, lines });
        Some(SourceNo(self.entries.len() as u32 - 1))
    }

    /// The number of a file by path; indexed ones are taken from the index.
    fn by_path(&mut self, index: &Index, sources: &dyn Tree, path: &Path) -> Option<SourceNo> {
        let full = sources.real(path).ok()?;
        if let Some(known) = self.entries.iter().position(|e| e.full == full) {
            return Some(SourceNo(known as u32));
        }
        if let Some(file) = index.find_path(&full.to_string_lossy()) {
            return self.indexed(index, file);
        }
        let source = Source::decode(sources.source(&full).ok()?).ok()?;
        let text: Arc<str> = source.text.as_str().into();
        let lines = Arc::new(LineIndex::new(&text));
        self.entries.push(Entry { file: None, shown: full.display().to_string(), full, text, lines });
        Some(SourceNo(self.entries.len() as u32 - 1))
    }

    /// Where an include leads: beside the file, then the folders given, then what the index linked it to.
    pub fn included(&mut self, index: &Index, sources: &dyn Tree, folders: &[PathBuf], by: SourceNo, wanted: Include) -> Option<SourceNo> {
        let entry = self.entries.get(by.0 as usize)?.clone();
        let beside = entry.full.parent().map(Path::to_owned);
        let mut search: Vec<PathBuf> = Vec::new();
        if !wanted.system && !wanted.next {
            search.extend(beside.clone());
        }
        let from = if wanted.next { folders.iter().position(|f| entry.full.starts_with(f)).map_or(0, |n| n + 1) } else { 0 };
        search.extend(folders.iter().skip(from).cloned());
        for folder in search {
            let path = folder.join(wanted.spelled);
            if sources.is_file(&path) {
                return self.by_path(index, sources, &path);
            }
        }
        let file = entry.file?;
        let facts = index.facts(file).ok()?;
        let links = index.links(file).ok()?;
        let same = |i: &compass_facts::Import| i.kind == ImportKind::Include && facts.facts.name(i.module) == wanted.spelled;
        let import = facts.facts.imports.iter().position(same)?;
        self.indexed(index, links.imports.get(import)?.first()?.file)
    }
}

/// An include as written.
#[derive(Debug, Clone, Copy)]
pub struct Include<'s> {
    /// The path as written.
    pub spelled: &'s str,
    /// Does it stand in angles?
    pub system: bool,
    /// Is the next file of that name asked for?
    pub next: bool,
}
