//! Where the bytes of a file are: on disk, in an archive, in a commit.

use std::fmt;
use std::path::{Path, PathBuf};

/// Between an archive and the path of an entry in it.
const IN_ARCHIVE: &str = "!/";
/// Between a repository and a commit of it, and between that and a path in it.
const AT_COMMIT: &str = "@commit:";

/// Endings of archives.
const ARCHIVES: [&str; 17] = ["zip", "jar", "war", "aar", "whl", "nupkg", "tar", "gz", "tgz", "bz2", "xz", "zst", "crate", "gem", "phar", "ear", "egg"];

/// Where a file is. Every origin prints as a path, and that path is read as the origin again.
#[derive(Debug, Clone, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Origin {
    /// A file on disk.
    Disk(PathBuf),
    /// An entry of an archive, which may be one of another: `archive!/entry`.
    Entry {
        /// The archive.
        archive: Box<Origin>,
        /// The path in it.
        path: String,
    },
    /// A file of a commit: `repository@commit:HASH/path`.
    Commit {
        /// The repository.
        repository: PathBuf,
        /// The hash of the commit, in full.
        hash: String,
        /// The path in it.
        path: String,
    },
}

/// Why a tree cannot give what an origin names.
#[derive(Debug, Clone, PartialEq, Eq, thiserror::Error)]
#[error("{origin}: no tree here reads {what}")]
pub struct OriginError {
    /// The origin.
    pub origin: Origin,
    /// What it is in.
    pub what: &'static str,
}

impl Origin {
    /// Reads what an origin prints as. What is on disk under that very path is on disk, whatever it is called.
    #[must_use]
    pub fn of(path: &Path, is_on_disk: impl Fn(&Path) -> bool) -> Origin {
        let on_disk = || Origin::Disk(path.to_owned());
        let Some(text) = path.to_str() else { return on_disk() };
        if !text.contains(IN_ARCHIVE) && !text.contains(AT_COMMIT) || is_on_disk(path) {
            return on_disk();
        }
        Origin::parse(text).unwrap_or_else(on_disk)
    }

    fn parse(text: &str) -> Option<Origin> {
        // The last archive is the innermost one.
        let entries = text.rmatch_indices(IN_ARCHIVE).filter(|(at, _)| is_archive(&text[..*at]));
        for (at, sign) in entries {
            let (archive, path) = (&text[..at], &text[at + sign.len()..]);
            if !path.is_empty() {
                let archive = Box::new(Origin::parse(archive).unwrap_or_else(|| Origin::Disk(PathBuf::from(archive))));
                return Some(Origin::Entry { archive, path: path.to_owned() });
            }
        }
        let (repository, rest) = text.split_once(AT_COMMIT)?;
        let (hash, path) = rest.split_once('/')?;
        let is_hash = matches!(hash.len(), 40 | 64) && hash.bytes().all(|b| b.is_ascii_hexdigit());
        (is_hash && !path.is_empty() && !repository.is_empty()).then(|| Origin::Commit {
            repository: PathBuf::from(repository),
            hash: hash.to_owned(),
            path: path.to_owned(),
        })
    }

    /// The file on disk that holds it.
    #[must_use]
    pub fn on_disk(&self) -> &Path {
        match self {
            Origin::Disk(path) | Origin::Commit { repository: path, .. } => path,
            Origin::Entry { archive, .. } => archive.on_disk(),
        }
    }
}

fn is_archive(path: &str) -> bool {
    let name = path.rsplit('/').next().unwrap_or(path);
    name.rsplit_once('.').is_some_and(|(stem, ending)| !stem.is_empty() && ARCHIVES.contains(&ending.to_ascii_lowercase().as_str()))
}

impl fmt::Display for Origin {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Origin::Disk(path) => path.display().fmt(f),
            Origin::Entry { archive, path } => write!(f, "{archive}{IN_ARCHIVE}{path}"),
            Origin::Commit { repository, hash, path } => write!(f, "{}{AT_COMMIT}{hash}/{path}", repository.display()),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;
    use rstest::rstest;

    fn disk(path: &str) -> Box<Origin> {
        Box::new(Origin::Disk(PathBuf::from(path)))
    }

    #[rstest]
    #[case::plain("/larder/rack.py", *disk("/larder/rack.py"))]
    #[case::entry("/larder/label.jar!/a/Rack.java", Origin::Entry { archive: disk("/larder/label.jar"), path: "a/Rack.java".to_owned() })]
    #[case::no_archive("/larder/rack!/a.py", *disk("/larder/rack!/a.py"))]
    #[case::nothing_in_it("/larder/label.jar!/", *disk("/larder/label.jar!/"))]
    #[case::no_hash("/larder@commit:main/a.py", *disk("/larder@commit:main/a.py"))]
    fn paths_tell_origins(#[case] path: &str, #[case] wanted: Origin) {
        assert_eq!(Origin::of(Path::new(path), |_| false), wanted);
    }

    #[test]
    fn an_archive_in_an_archive_is_the_inner_one() {
        let inner = Origin::of(Path::new("/a.war!/lib/b.jar!/C.java"), |_| false);
        let archive = Box::new(Origin::Entry { archive: disk("/a.war"), path: "lib/b.jar".to_owned() });
        assert_eq!(inner, Origin::Entry { archive, path: "C.java".to_owned() });
        assert_eq!(inner.on_disk(), Path::new("/a.war"));
    }

    #[test]
    fn what_is_on_disk_under_that_name_is_there() {
        assert_eq!(Origin::of(Path::new("/x.zip!/a.py"), |_| true), *disk("/x.zip!/a.py"));
    }

    fn origin() -> impl Strategy<Value = Origin> {
        let path = "[a-z]{1,4}(/[a-z]{1,4}){0,2}\\.(py|rs)";
        let on_disk = path.prop_map(|p| Origin::Disk(PathBuf::from(format!("/{p}"))));
        let commit = ("/[a-z]{1,6}", "[0-9a-f]{40}", path).prop_map(|(r, hash, path)| Origin::Commit { repository: PathBuf::from(r), hash, path });
        let entry = ("/[a-z]{1,6}\\.(jar|zip)", path).prop_map(|(a, path)| Origin::Entry { archive: Box::new(Origin::Disk(PathBuf::from(a))), path });
        let nested = ("/[a-z]{1,6}\\.war", "[a-z]{1,5}\\.jar", path).prop_map(|(a, b, path)| {
            let outer = Origin::Entry { archive: Box::new(Origin::Disk(PathBuf::from(a))), path: b };
            Origin::Entry { archive: Box::new(outer), path }
        });
        prop_oneof![on_disk, commit, entry, nested]
    }

    proptest! {
        #[test]
        fn every_origin_prints_and_is_read_again(origin in origin()) {
            prop_assert_eq!(Origin::of(Path::new(&origin.to_string()), |_| false), origin);
        }

        #[test]
        fn any_path_is_read(path in "[ -~]{0,60}") {
            let _ = Origin::of(Path::new(&path), |_| false);
        }
    }
}
