//! What is found out about one entry of a folder, by the thread that walks there.

use super::{PlannedFile, Skip, slashed};
use crate::tree::{Entry, Kind, Tree};
use compass_facts::Language;
use std::path::{Path, PathBuf};

/// What every walking thread knows.
pub(super) struct Look<'a> {
    pub(super) tree: &'a dyn Tree,
    pub(super) root: &'a Path,
    pub(super) index: usize,
    pub(super) exclude: globset::GlobSet,
}

/// What an entry is.
pub(super) enum Seen {
    /// Folders of packages beside it.
    Packages(Vec<PathBuf>),
    /// A link.
    Link(PathBuf),
    /// A file that is excluded, and by which patterns.
    Excluded(PathBuf, Vec<usize>),
    /// A file with its folder and its name; without a plan for it, why.
    File { path: PathBuf, dir: String, name: String, planned: Result<Box<PlannedFile>, Skip> },
    /// Something that cannot be opened.
    Unreadable,
}

impl Look<'_> {
    pub(super) fn entry(&self, entry: &Entry) -> Option<Seen> {
        match entry.kind {
            Kind::Folder => {
                let packages = super::walk::package_folders(self.tree, entry.path);
                (!packages.is_empty()).then_some(Seen::Packages(packages))
            }
            Kind::Link => Some(Seen::Link(entry.path.to_owned())),
            Kind::File => Some(self.file(entry.path)),
            Kind::Other => None,
        }
    }

    pub(super) fn file(&self, path: &Path) -> Seen {
        let relative = path.strip_prefix(self.root).unwrap_or(path);
        let excluded = self.exclude.matches(relative);
        if !excluded.is_empty() {
            return Seen::Excluded(path.to_owned(), excluded);
        }
        let shown = slashed(relative);
        let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
        let dir = shown.rsplit_once('/').map_or("", |(d, _)| d).to_owned();
        Seen::File { path: path.to_owned(), dir, planned: self.plan(path, shown, &name), name }
    }

    fn language(&self, path: &Path, name: &str) -> Option<Language> {
        match Language::of_name(name) {
            Some(known) if Language::is_unsure(name) => Some(language_by_beginning(self.tree, path).unwrap_or(known)),
            Some(known) => Some(known),
            None => language_by_content(self.tree, path, name),
        }
    }

    fn plan(&self, path: &Path, shown: String, name: &str) -> Result<Box<PlannedFile>, Skip> {
        let language = self.language(path, name).ok_or(Skip::UnknownLanguage)?;
        let meta = self.tree.meta(path).map_err(|_| Skip::Unreadable)?;
        let full = path.to_owned();
        Ok(Box::new(PlannedFile {
            unit: 0,
            root: self.index,
            path: shown,
            full,
            language,
            bytes: meta.bytes,
            mtime_ns: meta.mtime_ns,
            inode: meta.inode,
            reads_as_sibling: None,
        }))
    }
}

/// So much of a file tells whether it is text, in bytes.
const LOOKED_AT: u64 = 1024;

/// What names do not tell: a script by its first line, text by having nothing else in it.
fn language_by_content(tree: &dyn Tree, path: &Path, name: &str) -> Option<Language> {
    if Language::is_binary_name(name) {
        return None;
    }
    let head = tree.head(path, LOOKED_AT).ok()?;
    told_by(&head).or_else(|| is_text(&head).then_some(Language::TEXT))
}

fn language_by_beginning(tree: &dyn Tree, path: &Path) -> Option<Language> {
    told_by(&tree.head(path, LOOKED_AT).ok()?).filter(|l| l.is_read())
}

/// What the beginning of a file says; it may be cut within a letter.
fn told_by(head: &[u8]) -> Option<Language> {
    let text = head.utf8_chunks().next().map_or("", |c| c.valid());
    Language::of_beginning(text)
}

/// Is it the beginning of a text? A letter may be cut at the end.
fn is_text(head: &[u8]) -> bool {
    let whole = match std::str::from_utf8(head) {
        Ok(_) => true,
        Err(e) => e.error_len().is_none() && !head.is_empty(),
    };
    whole && !head.is_empty() && !head.contains(&0)
}
