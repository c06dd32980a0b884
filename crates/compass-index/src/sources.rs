//! Where source bytes come from: the disk today, archives and git objects later.

use std::io;
use std::path::Path;
use std::time::{Duration, SystemTime};

/// Gives the bytes of a file. One door for all readers of sources.
pub trait Sources: Sync + Send {
    /// All bytes of the file.
    ///
    /// # Errors
    /// Whatever opening or reading gives; the caller makes a gap of it.
    fn read(&self, path: &Path) -> io::Result<Vec<u8>>;

    /// What tells that a file is what it was when it was read; nothing where that cannot be told.
    fn stamp(&self, path: &Path) -> Option<Stamp> {
        let _ = path;
        None
    }
}

/// Size, time of the last change and number of a file. Of two changes within a moment the second may leave the time as it is: a stamp is given
/// only for files that have not changed for a while.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Stamp {
    bytes: u64,
    changed: SystemTime,
    inode: u64,
}

/// So long a file must not have changed to be known again.
const QUIET: Duration = Duration::from_secs(1);

/// Files on disk.
#[derive(Debug, Clone, Copy, Default)]
pub struct DiskSources;

impl Sources for DiskSources {
    fn read(&self, path: &Path) -> io::Result<Vec<u8>> {
        crate::disk::read(path, crate::disk::SOURCE_BYTES)
    }

    fn stamp(&self, path: &Path) -> Option<Stamp> {
        let meta = std::fs::metadata(path).ok()?;
        let changed = meta.modified().ok()?;
        let is_quiet = SystemTime::now().duration_since(changed).is_ok_and(|d| d >= QUIET);
        is_quiet.then(|| Stamp { bytes: meta.len(), changed, inode: inode(&meta) })
    }
}

#[cfg(unix)]
fn inode(meta: &std::fs::Metadata) -> u64 {
    std::os::unix::fs::MetadataExt::ino(meta)
}

#[cfg(not(unix))]
fn inode(_: &std::fs::Metadata) -> u64 {
    0
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn only_files_that_have_been_quiet_have_a_stamp() {
        let folder = tempfile::tempdir().expect("a folder");
        let path = folder.path().join("a.c");
        std::fs::write(&path, "int a;").expect("a file");
        assert_eq!(DiskSources.stamp(&path), None, "it may change within the same moment");
        let old = |seconds| {
            let file = std::fs::File::options().write(true).open(&path).expect("a file");
            file.set_modified(SystemTime::now() - Duration::from_secs(seconds)).expect("older");
            DiskSources.stamp(&path)
        };
        let first = old(60);
        assert!(first.is_some() && first == DiskSources.stamp(&path));
        assert_ne!(first, old(50));
        assert_eq!(DiskSources.stamp(&folder.path().join("none")), None);
    }
}
