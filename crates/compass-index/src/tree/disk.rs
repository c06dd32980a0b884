//! Reads files of the disk that nobody vouches for.
//!
//! A tree may hold pipes, devices and links to them, and files of the kernel that never end. Only regular files are opened, also behind
//! links, and no more of them is read than a limit by their kind allows. So nothing here waits for somebody to write, and memory is bounded.

use super::{Entry, IgnoreFiles, Kind, Meta, Origin, OriginError, Stamp, Tree, Visit, Walk};
use std::fs::File;
use std::io::{Error, ErrorKind, Read, Result};
use std::path::{Path, PathBuf};
use std::time::{Duration, SystemTime};

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

/// Files on disk.
#[derive(Debug, Clone, Copy, Default)]
pub struct Disk;

impl Tree for Disk {
    fn meta(&self, path: &Path) -> Result<Meta> {
        std::fs::metadata(path).map(|m| meta_of(&m))
    }

    fn link_meta(&self, path: &Path) -> Result<Meta> {
        std::fs::symlink_metadata(path).map(|m| meta_of(&m))
    }

    fn real(&self, path: &Path) -> Result<PathBuf> {
        path.canonicalize()
    }

    fn entries(&self, folder: &Path) -> Result<Vec<PathBuf>> {
        let mut out: Vec<PathBuf> = std::fs::read_dir(folder)?.flatten().map(|e| e.path()).collect();
        out.sort();
        Ok(out)
    }

    fn read(&self, path: &Path, limit: u64) -> Result<Vec<u8>> {
        only_on_disk(path)?;
        read(path, limit)
    }

    fn head(&self, path: &Path, count: u64) -> Result<Vec<u8>> {
        head(path, count)
    }

    fn walk(&self, walk: &Walk, visit: &Visit) {
        let mut builder = ignore::WalkBuilder::new(&walk.top);
        builder.follow_links(false).require_git(false).hidden(true).parents(false);
        match walk.ignore {
            IgnoreFiles::Count => {}
            IgnoreFiles::PassOver => {
                builder.ignore(false).git_ignore(false).git_exclude(false).git_global(false);
            }
            IgnoreFiles::ShowAll => {
                builder.standard_filters(false);
            }
            IgnoreFiles::ShowAllButHidden => {
                builder.standard_filters(false).hidden(true);
            }
        }
        let (top, enter) = (walk.top.clone(), walk.enter.clone());
        builder.filter_entry(move |e| e.path() == top || enter(&Disk, &entry_of(e)));
        let walker = builder.threads(std::thread::available_parallelism().map_or(1, |n| n.get())).build_parallel();
        walker.run(|| {
            Box::new(|entry| {
                let goes_on = match &entry {
                    Ok(entry) => visit(Some(&entry_of(entry))),
                    Err(_) => visit(None),
                };
                if goes_on { ignore::WalkState::Continue } else { ignore::WalkState::Quit }
            })
        });
    }

    fn stamp(&self, path: &Path) -> Option<Stamp> {
        let meta = std::fs::metadata(path).ok()?;
        let changed = meta.modified().ok()?;
        let is_quiet = SystemTime::now().duration_since(changed).is_ok_and(|d| d >= QUIET);
        is_quiet.then(|| Stamp { bytes: meta.len(), changed, inode: stamps(&meta).1 })
    }

    fn has_plain_ignore_files(&self, folder: &Path) -> bool {
        has_plain_ignore_files(folder)
    }
}

/// Says what reads an origin that is not on disk: nothing here.
fn only_on_disk(path: &Path) -> Result<()> {
    let what = match Origin::of(path, Path::exists) {
        Origin::Disk(_) => return Ok(()),
        Origin::Entry { .. } => "archives",
        Origin::Commit { .. } => "commits",
    };
    Err(Error::new(ErrorKind::Unsupported, OriginError { origin: Origin::of(path, Path::exists), what }))
}

/// So long a file must not have changed to be known again.
const QUIET: Duration = Duration::from_secs(1);

fn kind_of(kind: std::fs::FileType) -> Kind {
    match () {
        () if kind.is_symlink() => Kind::Link,
        () if kind.is_dir() => Kind::Folder,
        () if kind.is_file() => Kind::File,
        () => Kind::Other,
    }
}

fn entry_of(entry: &ignore::DirEntry) -> Entry<'_> {
    Entry { path: entry.path(), kind: entry.file_type().map_or(Kind::Other, kind_of) }
}

fn meta_of(meta: &std::fs::Metadata) -> Meta {
    let (mtime_ns, inode) = stamps(meta);
    Meta { kind: kind_of(meta.file_type()), bytes: meta.len(), mtime_ns, inode }
}

#[cfg(unix)]
fn stamps(meta: &std::fs::Metadata) -> (i64, u64) {
    use std::os::unix::fs::MetadataExt;
    (meta.mtime().saturating_mul(1_000_000_000).saturating_add(meta.mtime_nsec()), meta.ino())
}

#[cfg(not(unix))]
fn stamps(meta: &std::fs::Metadata) -> (i64, u64) {
    let since = meta.modified().ok().and_then(|t| t.duration_since(std::time::UNIX_EPOCH).ok());
    (since.map_or(0, |d| d.as_nanos() as i64), 0)
}

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

/// Is it a file, also behind links?
pub fn is_file(path: impl AsRef<Path>) -> bool {
    path.as_ref().is_file()
}

/// Is it a folder, also behind links?
pub fn is_folder(path: impl AsRef<Path>) -> bool {
    path.as_ref().is_dir()
}

/// Is it a link?
pub fn is_link(path: impl AsRef<Path>) -> bool {
    path.as_ref().is_symlink()
}

/// Is there anything at a path?
pub fn is_there(path: impl AsRef<Path>) -> bool {
    path.as_ref().exists()
}

/// What stands in a folder, by name; nothing for what cannot be opened.
pub fn entries(folder: impl AsRef<Path>) -> Vec<PathBuf> {
    Disk.entries(folder.as_ref()).unwrap_or_default()
}

/// The path without links; nothing for what is not there.
pub fn real(path: impl AsRef<Path>) -> Option<PathBuf> {
    path.as_ref().canonicalize().ok()
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
