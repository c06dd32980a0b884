//! Where source bytes come from. A tree has folders and files; the disk is the one there is, archives and git objects are others.

pub mod disk;
mod origin;

pub use disk::Disk;
pub use origin::{Origin, OriginError};

use std::io;
use std::path::{Path, PathBuf};
use std::sync::Arc;
use std::time::SystemTime;

/// A tree of sources: the one door to them. Paths are those that [`Origin`] prints.
pub trait Tree: Sync + Send {
    /// What a path leads to, links followed.
    ///
    /// # Errors
    /// What is not there, or cannot be looked at.
    fn meta(&self, path: &Path) -> io::Result<Meta>;

    /// What stands at a path, a link as such.
    ///
    /// # Errors
    /// As for [`Tree::meta`].
    fn link_meta(&self, path: &Path) -> io::Result<Meta>;

    /// The path without links.
    ///
    /// # Errors
    /// As for [`Tree::meta`].
    fn real(&self, path: &Path) -> io::Result<PathBuf>;

    /// What stands in a folder, by name.
    ///
    /// # Errors
    /// What is no folder, or cannot be opened.
    fn entries(&self, folder: &Path) -> io::Result<Vec<PathBuf>>;

    /// All bytes of a file of at most `limit`.
    ///
    /// # Errors
    /// Whatever opening or reading gives; `InvalidInput` for what is no file, `FileTooLarge` for one of more than `limit` bytes.
    fn read(&self, path: &Path, limit: u64) -> io::Result<Vec<u8>>;

    /// The first bytes of a file, at most `count`.
    ///
    /// # Errors
    /// As for [`Tree::read`], without a limit on the file.
    fn head(&self, path: &Path, count: u64) -> io::Result<Vec<u8>>;

    /// Goes through a folder and all below it, on several threads and in no order.
    fn walk(&self, walk: &Walk, visit: &Visit);

    /// What tells that a file is what it was when it was read; nothing where that cannot be told.
    fn stamp(&self, _: &Path) -> Option<Stamp> {
        None
    }

    /// Can the files that say what is ignored in a folder be read without harm? Those who read them do not ask.
    fn has_plain_ignore_files(&self, _: &Path) -> bool {
        true
    }

    /// Is it a file, also behind links?
    fn is_file(&self, path: &Path) -> bool {
        self.meta(path).is_ok_and(|m| m.kind == Kind::File)
    }

    /// Is it a folder, also behind links?
    fn is_folder(&self, path: &Path) -> bool {
        self.meta(path).is_ok_and(|m| m.kind == Kind::Folder)
    }

    /// All bytes of a source.
    ///
    /// # Errors
    /// As for [`Tree::read`]; the caller makes a gap of it.
    fn source(&self, path: &Path) -> io::Result<Vec<u8>> {
        self.read(path, disk::SOURCE_BYTES)
    }

    /// The text of a manifest or setting.
    ///
    /// # Errors
    /// As for [`Tree::read`]; `InvalidData` for bytes that are no UTF-8.
    fn text(&self, path: &Path) -> io::Result<String> {
        String::from_utf8(self.read(path, disk::MANIFEST_BYTES)?).map_err(|e| io::Error::new(io::ErrorKind::InvalidData, e))
    }
}

/// What stands at a path.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Kind {
    /// A file with bytes.
    File,
    /// A folder.
    Folder,
    /// A link to another path.
    Link,
    /// A pipe, a device and the like.
    Other,
}

/// What is known of a file without reading it.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Meta {
    /// What it is.
    pub kind: Kind,
    /// Its size.
    pub bytes: u64,
    /// Time of the last change, in nanoseconds since 1970.
    pub mtime_ns: i64,
    /// Its number; 0 where a tree has none.
    pub inode: u64,
}

impl Meta {
    /// The time of the last change.
    #[must_use]
    pub fn changed(&self) -> SystemTime {
        SystemTime::UNIX_EPOCH + std::time::Duration::from_nanos(u64::try_from(self.mtime_ns).unwrap_or(0))
    }
}

/// Something met on a walk.
#[derive(Debug, Clone, Copy)]
pub struct Entry<'e> {
    /// Where.
    pub path: &'e Path,
    /// What.
    pub kind: Kind,
}

/// What files that say what is ignored do on a walk.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum IgnoreFiles {
    /// They count; what is hidden is left out.
    Count,
    /// They are passed over; what is hidden is left out.
    PassOver,
    /// Nothing is left out.
    ShowAll,
    /// Nothing is left out but what is hidden.
    ShowAllButHidden,
}

/// Says whether a walk goes on into an entry of the tree.
pub type Enter = Arc<dyn Fn(&dyn Tree, &Entry) -> bool + Send + Sync>;

/// Takes what a walk meets, nothing for what cannot be opened; says whether it goes on.
pub type Visit<'v> = dyn Fn(Option<&Entry>) -> bool + Sync + 'v;

/// A walk through a folder.
pub struct Walk {
    /// Where it begins.
    pub top: PathBuf,
    /// What is left out.
    pub ignore: IgnoreFiles,
    /// What else is.
    pub enter: Enter,
}

/// Size, time of the last change and number of a file. Of two changes within a moment the second may leave the time as it is: a stamp is given
/// only for files that have not changed for a while.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Stamp {
    bytes: u64,
    changed: SystemTime,
    inode: u64,
}

/// Brackets in settings are nested no deeper than this, or their parsers would run out of stack.
const DEEPEST: u32 = 120;

/// Are brackets and braces in a text nested no deeper than parsers that call themselves can follow?
pub fn is_shallow(text: &str) -> bool {
    let mut depth = 0u32;
    text.bytes().all(|b| {
        match b {
            b'{' | b'[' | b'(' => depth += 1,
            b'}' | b']' | b')' => depth = depth.saturating_sub(1),
            _ => {}
        }
        depth <= DEEPEST
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use std::time::Duration;

    #[test]
    fn only_files_that_have_been_quiet_have_a_stamp() {
        let folder = tempfile::tempdir().expect("a folder");
        let path = folder.path().join("a.c");
        std::fs::write(&path, "int a;").expect("a file");
        assert_eq!(Disk.stamp(&path), None, "it may change within the same moment");
        let old = |seconds| {
            let file = std::fs::File::options().write(true).open(&path).expect("a file");
            file.set_modified(SystemTime::now() - Duration::from_secs(seconds)).expect("older");
            Disk.stamp(&path)
        };
        let first = old(60);
        assert!(first.is_some() && first == Disk.stamp(&path));
        assert_ne!(first, old(50));
        assert_eq!(Disk.stamp(&folder.path().join("none")), None);
    }
}
