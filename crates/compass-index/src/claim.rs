//! Who may write an index: one program at a time, told by a lock of the system on a file beside it.
//!
//! The system gives the lock back when its holder ends, however that ends: nobody has to guess from a clock whether a writer is still
//! alive. The file holds the holder's process, for people. Readers need no claim.

use std::fs::{File, OpenOptions, TryLockError};
use std::io::{Read, Seek, Write};
use std::path::{Path, PathBuf};

/// The right to write an index, until it is dropped.
#[derive(Debug)]
pub struct Claim {
    _file: File,
}

/// What came of an attempt.
#[derive(Debug)]
pub enum Attempt {
    /// The claim is ours.
    Taken(Claim),
    /// A process has it; 0 if it has not said yet which.
    HeldBy(u32),
}

impl Claim {
    /// Tries to take the claim on an index.
    ///
    /// # Errors
    /// What the system says if the file cannot be made; where it knows no locks everybody gets the claim.
    pub fn try_take(index: &Path) -> std::io::Result<Attempt> {
        let path = file_of(index);
        if let Some(folder) = path.parent() {
            std::fs::create_dir_all(folder)?;
        }
        let mut file = OpenOptions::new().read(true).write(true).create(true).truncate(false).open(&path)?;
        match file.try_lock() {
            Ok(()) => {}
            Err(TryLockError::WouldBlock) => {
                let mut text = String::new();
                // Who holds it may be in the middle of saying so.
                let _ = file.read_to_string(&mut text);
                return Ok(Attempt::HeldBy(text.trim().parse().unwrap_or(0)));
            }
            // A file system without locks: SQLite's own are there too, or none would help.
            Err(TryLockError::Error(_)) => return Ok(Attempt::Taken(Claim { _file: file })),
        }
        file.set_len(0)?;
        file.rewind()?;
        writeln!(file, "{}", std::process::id())?;
        Ok(Attempt::Taken(Claim { _file: file }))
    }
}

/// The file that is locked.
fn file_of(index: &Path) -> PathBuf {
    let mut name = index.file_name().unwrap_or_default().to_owned();
    name.push(".writer");
    index.with_file_name(name)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn one_has_it_at_a_time() {
        let folder = tempfile::tempdir().expect("a folder");
        let index = folder.path().join("deep/index.sqlite");
        let Attempt::Taken(claim) = Claim::try_take(&index).expect("an attempt") else { panic!("free") };
        match Claim::try_take(&index).expect("an attempt") {
            Attempt::HeldBy(process) => assert_eq!(process, std::process::id()),
            Attempt::Taken(_) => panic!("it is taken"),
        }
        let other = folder.path().join("deep/other.sqlite");
        assert!(matches!(Claim::try_take(&other).expect("an attempt"), Attempt::Taken(_)), "another index has a claim of its own");
        drop(claim);
        assert!(matches!(Claim::try_take(&index).expect("an attempt"), Attempt::Taken(_)));
    }
}
