//! Where source bytes come from: the disk today, archives and git objects later.

use std::io;
use std::path::Path;

/// Gives the bytes of a file. One door for all readers of sources.
pub trait Sources: Sync + Send {
    /// All bytes of the file.
    ///
    /// # Errors
    /// Whatever opening or reading gives; the caller makes a gap of it.
    fn read(&self, path: &Path) -> io::Result<Vec<u8>>;
}

/// Files on disk.
#[derive(Debug, Clone, Copy, Default)]
pub struct DiskSources;

impl Sources for DiskSources {
    fn read(&self, path: &Path) -> io::Result<Vec<u8>> {
        std::fs::read(path)
    }
}
