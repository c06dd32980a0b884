//! Reads files of the disk that nobody vouches for.
//!
//! A tree may hold pipes, devices and links to them, and files of the kernel that never end. Only regular files are opened, also behind
//! links, and no more of them is read than a limit by their kind allows. So nothing here waits for somebody to write, and memory is bounded.

use std::fs::File;
use std::io::{Error, ErrorKind, Read, Result};
use std::path::Path;

/// The largest manifest, lock file or setting that is read, in bytes: lock files of large workspaces have a few million.
pub const MANIFEST_BYTES: u64 = 64 << 20;
/// The largest source that is read, in bytes: no reader takes more.
pub const SOURCE_BYTES: u64 = 512 << 20;
/// The largest report of tests or coverage, in bytes.
pub const REPORT_BYTES: u64 = 256 << 20;
/// The largest file of patterns to ignore, in bytes.
const IGNORE_BYTES: u64 = 4 << 20;

/// File systems whose files are made up by the kernel.
const PSEUDO: [&str; 3] = ["/proc", "/sys", "/dev"];

/// Is it a regular file, also behind links, and none of the kernel's?
pub fn is_plain(path: &Path) -> bool {
    let Ok(meta) = std::fs::symlink_metadata(path) else { return false };
    if !meta.is_symlink() {
        return meta.is_file() && !is_pseudo(path);
    }
    path.canonicalize().is_ok_and(|real| !is_pseudo(&real) && std::fs::metadata(&real).is_ok_and(|m| m.is_file()))
}

fn is_pseudo(path: &Path) -> bool {
    PSEUDO.iter().any(|folder| path.starts_with(folder))
}

fn open(path: &Path) -> Result<File> {
    // What is not there at all is said as such.
    std::fs::metadata(path)?;
    if !is_plain(path) {
        return Err(Error::new(ErrorKind::InvalidInput, "no regular file"));
    }
    File::open(path)
}

/// All bytes of a file.
///
/// # Errors
/// What the system says; [`ErrorKind::InvalidInput`] for what is no regular file, [`ErrorKind::FileTooLarge`] for one of more than `limit`
/// bytes.
pub fn read(path: &Path, limit: u64) -> Result<Vec<u8>> {
    let file = open(path)?;
    let size = file.metadata()?.len();
    let mut bytes = Vec::with_capacity(size.min(limit) as usize + 1);
    file.take(limit + 1).read_to_end(&mut bytes)?;
    if bytes.len() as u64 > limit { Err(Error::new(ErrorKind::FileTooLarge, "too large")) } else { Ok(bytes) }
}

/// The text of a manifest, lock file or setting.
///
/// # Errors
/// As [`read`], with [`MANIFEST_BYTES`] as the limit; [`ErrorKind::InvalidData`] for bytes that are no UTF-8.
pub fn read_text(path: impl AsRef<Path>) -> Result<String> {
    String::from_utf8(read(path.as_ref(), MANIFEST_BYTES)?).map_err(|e| Error::new(ErrorKind::InvalidData, e))
}

/// The first bytes of a file, at most `count`.
///
/// # Errors
/// As [`read`], without a limit on the file.
pub fn head(path: &Path, count: u64) -> Result<Vec<u8>> {
    let mut bytes = Vec::new();
    open(path)?.take(count).read_to_end(&mut bytes)?;
    Ok(bytes)
}

/// Folders right below the root of the file system that belong to the system, or to all people of the machine. Others may be somebody's
/// code: containers keep it in `/app`, `/src` and the like.
const OF_THE_SYSTEM: [&str; 22] = [
    "bin",
    "boot",
    "etc",
    "home",
    "lib",
    "lib32",
    "lib64",
    "media",
    "mnt",
    "opt",
    "root",
    "run",
    "sbin",
    "srv",
    "tmp",
    "usr",
    "var",
    "Applications",
    "Library",
    "System",
    "Users",
    "Volumes",
];

/// Is a folder so much of the machine that no manifest can mean it: the root of the file system, a folder of the system, somebody's home?
pub fn is_too_wide(folder: &Path) -> bool {
    let real = folder.canonicalize().unwrap_or_else(|_| folder.to_owned());
    let of_people = ["/home", "/Users", "/var/home"].iter().any(|homes| real.parent() == Some(Path::new(homes)));
    let of_system = || real.parent() == Some(Path::new("/")) && real.file_name().is_some_and(|n| OF_THE_SYSTEM.iter().any(|s| n == *s));
    real.parent().is_none() && real.is_absolute() || of_people || of_system() || is_pseudo(&real)
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

/// Can the files that say what is ignored in a folder be read without harm? Those who read them do not ask.
pub(crate) fn has_plain_ignore_files(folder: &Path) -> bool {
    [".gitignore", ".ignore", ".git/info/exclude"].iter().all(|name| {
        let path = folder.join(name);
        match std::fs::symlink_metadata(&path) {
            Err(_) => true,
            Ok(meta) if meta.is_file() => meta.len() <= IGNORE_BYTES,
            Ok(_) => is_plain(&path) && std::fs::metadata(&path).is_ok_and(|m| m.len() <= IGNORE_BYTES),
        }
    })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[cfg(unix)]
    #[rstest::rstest]
    #[case::root("/", true)]
    #[case::below_root("/usr", true)]
    #[case::home("/home/somebody", true)]
    #[case::kernel("/proc/self/fd", true)]
    #[case::of_a_container("/app", false)]
    #[case::headers("/usr/include", false)]
    #[case::project("/home/somebody/larder", false)]
    fn folders_that_are_half_the_machine_are_told(#[case] folder: &str, #[case] wide: bool) {
        assert_eq!(is_too_wide(Path::new(folder)), wide);
    }

    #[cfg(unix)]
    #[test]
    fn only_regular_files_are_read_and_no_more_than_the_limit() {
        let folder = tempfile::tempdir().expect("a folder");
        let at = |name: &str| folder.path().join(name);
        std::fs::write(at("plain"), "twelve bytes").expect("a file");
        for (link, to) in [("link", at("plain")), ("zero", "/dev/zero".into()), ("status", "/proc/self/status".into())] {
            std::os::unix::fs::symlink(to, at(link)).expect("a link");
        }
        assert!(std::process::Command::new("mkfifo").arg(at("pipe")).status().expect("mkfifo").success());
        assert_eq!(read_text(at("plain")).expect("text"), "twelve bytes");
        assert_eq!(read_text(at("link")).expect("text"), "twelve bytes");
        assert_eq!(head(&at("plain"), 6).expect("bytes"), b"twelve");
        assert_eq!(read(&at("plain"), 11).expect_err("too large").kind(), ErrorKind::FileTooLarge);
        for name in ["zero", "status", "pipe"] {
            assert_eq!(read_text(at(name)).expect_err(name).kind(), ErrorKind::InvalidInput);
        }
        assert_eq!(read_text(at("nothing")).expect_err("absent").kind(), ErrorKind::NotFound);
    }
}
