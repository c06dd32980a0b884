//! What will be indexed: roots, units, files, and what is left out and why.
//!
//! Input: the paths a person named. Output: a [`Plan`], files sorted by path. Nothing is read but folders, manifests and
//! the first bytes of files whose name says nothing.

pub mod declared;
mod dialect;
pub mod ecosystems;
mod look;
mod machine;
mod options;
mod packages;
mod roots;
mod touched;
mod walk;

pub use dialect::Known;
pub use ecosystems::{Aliases, Ecosystem, Manifest, Packaging, register};
pub use machine::{Environment, Machine};
pub use options::is_below;
pub use packages::{Found, Package, files_below, own_units};
pub use roots::find_root;
pub use walk::{PlanError, holds_packages};

use crate::tree::Tree;
use compass_facts::{Cancel, Language};
use std::collections::{BTreeMap, BTreeSet};
use std::path::{Path, PathBuf};

/// How far dependencies are followed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum Deps {
    /// Only what ignore files leave.
    #[default]
    None,
    /// Packages that the own units name themselves, below the roots or in the caches of the machine.
    Direct,
    /// Those and all that they need.
    All,
}

compass_facts::stored_by_number!(Deps { None = 0, Direct = 1, All = 2 });

/// What to index.
#[derive(Debug, Clone, Default)]
pub struct Options {
    /// Roots; the first is the one paths are shown relative to.
    pub roots: Vec<PathBuf>,
    /// An explicit list of files instead of a walk.
    pub files: Option<Vec<PathBuf>>,
    /// How far dependencies are followed.
    pub deps: Deps,
    /// Where package managers keep what they brought; empty for what stands below the roots alone.
    pub machine: Machine,
}

/// A package indexed as a whole.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct PlannedUnit {
    /// Its name, from the manifest or the folder.
    pub name: String,
    /// Its version, if the manifest says one.
    pub version: String,
    /// Where its manifest comes from.
    pub ecosystem: Ecosystem,
    /// Position in [`Plan::roots`].
    pub root: usize,
    /// Folder, relative to its root, with `/`; empty for the root itself.
    pub dir: String,
    /// The workspace's own, or a dependency's.
    pub own: bool,
    /// Files a plain import of it may mean, best first, relative to `dir`.
    pub entries: Vec<String>,
    /// What its code means by names of other units: name, position in [`Plan::units`].
    pub needs: Vec<(String, usize)>,
    /// Are these all it uses?
    pub knows_needs: bool,
}

impl PlannedUnit {
    /// Is it the declarations of a standard library?
    #[must_use]
    pub fn is_declared(&self) -> bool {
        self.ecosystem == declared::DECLARED
    }
}

/// A file to index.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct PlannedFile {
    /// Position in [`Plan::units`].
    pub unit: usize,
    /// Position in [`Plan::roots`].
    pub root: usize,
    /// Path relative to the root, with `/`; bytes that are no UTF-8 are shown as replacement characters.
    pub path: String,
    /// Where it is.
    pub full: PathBuf,
    /// Its language.
    pub language: Language,
    /// Size in bytes.
    pub bytes: u64,
    /// Time of the last change, in nanoseconds since 1970.
    pub mtime_ns: i64,
    /// Number of the file on its disk.
    pub inode: u64,
    /// Does it read like the other language of its ending? Known where it might be in either.
    pub reads_as_sibling: Option<bool>,
}

/// Why something is not indexed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Skip {
    /// No known language.
    UnknownLanguage,
    /// A link to another place; what it leads to is indexed there, if at all.
    SymbolicLink,
    /// A folder that cannot be opened.
    Unreadable,
    /// Excluded by the configuration.
    Excluded,
    /// A package folder that `--deps` leaves out.
    Dependency,
    /// A package that a lock file or manifest names and that is not on the machine.
    AbsentPackage,
    /// Files of C in so large a tree that headers outside it are not looked for.
    HeadersOutside,
}

impl Skip {
    /// The word for people.
    pub fn word(self) -> &'static str {
        match self {
            Skip::UnknownLanguage => "no known language",
            Skip::SymbolicLink => "symbolic link",
            Skip::Unreadable => "cannot be opened",
            Skip::Excluded => "excluded by amber-compass.toml",
            Skip::Dependency => "package folder, left out by --deps",
            Skip::HeadersOutside => "file of C, in too large a tree to look for headers outside it",
            Skip::AbsentPackage => "package that is named but not on this machine",
        }
    }
}

/// What the configuration and the build settle about names and paths.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct BuildSettings {
    /// Folders searched for includes, relative to the first root.
    pub include_folders: Vec<String>,
    /// Macros that are defined.
    pub defines: Vec<String>,
    /// Options of the build by name: are they on as long as nobody sets them?
    pub options: BTreeMap<String, bool>,
    /// Folders with files of a build that are followed, none below another.
    pub option_folders: Vec<String>,
    /// Folders of the first root that the build passes over as long as nobody sets anything.
    pub unbuilt_folders: Vec<String>,
    /// Names that files of the build speak of at all; none where nobody has read any.
    pub spoken_of: Option<BTreeSet<String>>,
    /// Folders searched for includes outside the roots, in the compiler's order; those that hold something.
    pub outside_folders: Vec<PathBuf>,
    /// Names of modules that stand for paths, by root and folder.
    pub aliases: Vec<Aliases>,
    /// Links to folders of packages: root, path of the link, path it leads to.
    pub links: Vec<(usize, String, String)>,
}

/// The whole plan.
#[derive(Debug, Clone, Default)]
pub struct Plan {
    /// Roots, absolute: first those asked for, then folders of packages.
    pub roots: Vec<PathBuf>,
    /// How many were asked for.
    pub own_roots: usize,
    /// Units; the first is the first root's own.
    pub units: Vec<PlannedUnit>,
    /// Files, by root and path.
    pub files: Vec<PlannedFile>,
    /// What is left out: how many and an example each.
    pub skipped: Vec<(Skip, u64, String)>,
    /// Things a person should hear: listed files that do not exist, and the like.
    pub warnings: Vec<String>,
    /// What the configuration and the build settle.
    pub build: BuildSettings,
    /// Layers settled by hand.
    pub layers: Vec<crate::config::Layer>,
}

impl Plan {
    /// Makes a plan.
    ///
    /// # Errors
    /// [`PlanError`] for a root that is missing or a configuration that cannot be used. Unreadable folders further down
    /// are skipped and counted.
    pub fn make(options: &Options, tree: &dyn Tree, cancel: &Cancel, walked: &dyn Fn(u64)) -> Result<Plan, PlanError> {
        walk::make(options, tree, &|_| None, cancel, walked)
    }

    /// Makes a plan as [`Plan::make`] does; `known` says what need not be looked into again.
    ///
    /// # Errors
    /// As for [`Plan::make`].
    pub fn make_again(options: &Options, tree: &dyn Tree, known: &Known, cancel: &Cancel, walked: &dyn Fn(u64)) -> Result<Plan, PlanError> {
        walk::make(options, tree, known, cancel, walked)
    }

    /// Total size of the files, in bytes.
    pub fn bytes(&self) -> u64 {
        self.files.iter().map(|f| f.bytes).sum()
    }

    /// The same without the declarations of libraries that come with this program: they are read from a cache but for the first time.
    pub fn bytes_of_code(&self) -> u64 {
        self.files.iter().filter(|f| !self.units[f.unit].is_declared()).map(|f| f.bytes).sum()
    }
}

/// The path with `/` between its parts.
#[must_use]
pub fn slashed(path: &Path) -> String {
    path.components().map(|c| c.as_os_str().to_string_lossy()).collect::<Vec<_>>().join("/")
}

/// The path without `.` and `..`, without a look at the disk.
#[must_use]
pub fn tidy(path: &Path) -> PathBuf {
    let mut out = PathBuf::new();
    for part in path.components() {
        match part {
            std::path::Component::CurDir => {}
            std::path::Component::ParentDir => {
                out.pop();
            }
            part => out.push(part),
        }
    }
    out
}
