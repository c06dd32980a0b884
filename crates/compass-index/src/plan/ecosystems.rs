//! Ecosystems of packages: what a manifest says, and how one is told from others.

use super::{BuildSettings, Found, Machine, Plan};
use crate::plan::machine::Environment;
use crate::tree::Tree;
use std::path::{Path, PathBuf};
use std::sync::RwLock;

/// What a manifest says.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Manifest {
    /// Where it comes from.
    pub ecosystem: Ecosystem,
    /// The package's name, if given.
    pub name: Option<String>,
    /// Its version, if given.
    pub version: Option<String>,
    /// Entry files, best first, relative to the manifest.
    pub entries: Vec<String>,
    /// Position of its file name among all that are known.
    pub rank: usize,
    /// Names of packages it asks for, where they say which of the installed ones it uses itself.
    pub asks_for: Vec<String>,
}

impl Manifest {
    /// One that says no more than this.
    #[must_use]
    pub fn new(ecosystem: Ecosystem, name: Option<String>, version: Option<String>) -> Manifest {
        Manifest { ecosystem, name, version, entries: Vec::new(), rank: 0, asks_for: Vec::new() }
    }
}

/// A text of a manifest in TOML.
#[must_use]
pub fn toml_text(value: Option<&toml::Value>) -> Option<String> {
    value.and_then(|v| v.as_str()).map(str::to_owned)
}

/// What an ecosystem of packages is: its manifests, where its packages lie, what its settings say. Each has a room of its own, with a
/// language or without one.
pub trait Packaging: Sync {
    /// The word kept in the store.
    fn word(&self) -> &'static str;

    /// File names that make a folder a unit, best first.
    fn manifests(&self) -> &'static [&'static str] {
        &[]
    }

    /// Reads a manifest of a folder; `None` when it names no package.
    fn read(&self, _dir: &Path, _file: &str, _text: &str) -> Option<Manifest> {
        None
    }

    /// Is a manifest without a name that of a package, below the root?
    fn has_nameless_packages(&self) -> bool {
        false
    }

    /// File names of settings that say which paths names of modules stand for.
    fn settings(&self) -> &'static [&'static str] {
        &[]
    }

    /// What such a file says: its root, the position of that among the roots, the file.
    fn aliases(&self, _root: &Path, _index: usize, _file: &Path) -> Option<Aliases> {
        None
    }

    /// Where builds leave what they give to their compiler, below a root.
    fn build_files(&self) -> &'static [&'static str] {
        &[]
    }

    /// Adds what such a file says.
    ///
    /// # Errors
    /// What is wrong with the text, for people.
    fn take_build(&self, _text: &str, _root: &Path, _settings: &mut BuildSettings) -> Result<(), String> {
        Ok(())
    }

    /// Is it the name of a file that says what a build is set to as long as nobody sets anything? Some files say so by themselves; others only
    /// below the folder of such a file.
    fn names_options(&self, _file_name: &str, _below_one: bool) -> bool {
        false
    }

    /// Adds what such files say; paths below the first root, those nearest to it first, and their texts.
    fn take_options(&self, _files: &[(String, String)], _settings: &mut BuildSettings) {}

    /// Names of folders that hold packages of others, though ignore files mostly hide them.
    fn package_folders(&self) -> &'static [&'static str] {
        &[]
    }

    /// Names of folders with nothing written by hand.
    fn built_folders(&self) -> &'static [&'static str] {
        &[]
    }

    /// Names of folders in a package that hold nothing of it, beside those of packages of others and those that are built.
    fn foreign_folders(&self) -> &'static [&'static str] {
        &[]
    }

    /// A file that marks a folder as an environment of its own: no part of the tree it stands in.
    fn environment_mark(&self) -> Option<&'static str> {
        None
    }

    /// A file beside the packages of a folder that says what is installed there: names of packages have two parts then.
    fn record(&self) -> Option<&'static str> {
        None
    }

    /// Is a folder below a package a package of its own?
    fn is_apart(&self, _folder: &Path) -> bool {
        false
    }

    /// Does it look for packages after the others? Headers come after the code that includes them.
    fn comes_last(&self) -> bool {
        false
    }

    /// Finds packages that the own units depend on and that stand outside the roots.
    fn find(&self, _plan: &mut Plan, _machine: &Machine, _found: &mut Found) {}

    /// What own units mean by the names of other own ones: unit, name, unit.
    fn beside(&self, _plan: &Plan) -> Vec<(usize, String, usize)> {
        Vec::new()
    }

    /// Where its package manager and its language keep what they brought on a machine: by word.
    fn folders(&self, _environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        Vec::new()
    }
}

/// What one settings file says of names of modules; paths are relative to the root.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Aliases {
    /// Position of the root.
    pub root: usize,
    /// The folder it holds for.
    pub dir: String,
    /// Where modules without a leading dot are looked for first.
    pub base: Option<String>,
    /// Patterns with at most one `*`, and what they stand for, best first.
    pub paths: Vec<(String, Vec<String>)>,
}

impl Aliases {
    /// The paths that a module's name may stand for, best first: an exact pattern, then the one with the longest beginning.
    pub fn candidates(&self, module: &str) -> Vec<String> {
        let fit = |pattern: &str| match pattern.split_once('*') {
            None => (pattern == module).then_some((usize::MAX, "")),
            Some((front, back)) => {
                let middle = module.strip_prefix(front)?.strip_suffix(back)?;
                Some((front.len(), middle))
            }
        };
        let best = self.paths.iter().filter_map(|(pattern, to)| Some((fit(pattern)?, to))).max_by_key(|(fit, _)| fit.0);
        let mut out: Vec<String> = best.map(|((_, middle), to)| to.iter().map(|t| t.replacen('*', middle, 1)).collect()).unwrap_or_default();
        out.extend(self.base.iter().map(|b| if b.is_empty() { module.to_owned() } else { format!("{b}/{module}") }));
        out
    }
}

/// An ecosystem: a handle on what its room says of it.
#[derive(Clone, Copy)]
pub struct Ecosystem(pub &'static dyn Packaging);

/// No manifest: a plain folder.
struct Plain;

impl Packaging for Plain {
    fn word(&self) -> &'static str {
        "plain"
    }
}

impl Ecosystem {
    /// No manifest: a plain folder.
    pub const PLAIN: Ecosystem = Ecosystem(&Plain);

    /// The word kept in the store.
    #[must_use]
    pub fn word(self) -> &'static str {
        self.0.word()
    }

    /// The ecosystem of a stored word.
    #[must_use]
    pub fn of_word(word: &str) -> Ecosystem {
        known().iter().copied().chain([super::declared::DECLARED]).find(|e| e.word() == word).unwrap_or(Ecosystem::PLAIN)
    }
}

impl PartialEq for Ecosystem {
    fn eq(&self, other: &Ecosystem) -> bool {
        self.word() == other.word()
    }
}

impl Eq for Ecosystem {}

impl PartialOrd for Ecosystem {
    fn partial_cmp(&self, other: &Ecosystem) -> Option<std::cmp::Ordering> {
        Some(self.cmp(other))
    }
}

impl Ord for Ecosystem {
    fn cmp(&self, other: &Ecosystem) -> std::cmp::Ordering {
        self.word().cmp(other.word())
    }
}

impl std::hash::Hash for Ecosystem {
    fn hash<H: std::hash::Hasher>(&self, state: &mut H) {
        self.word().hash(state);
    }
}

impl std::fmt::Debug for Ecosystem {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(self.word())
    }
}

static KNOWN: RwLock<&'static [Ecosystem]> = RwLock::new(&[]);

/// Makes ecosystems known, in this order: of manifests in one folder the first counts most.
pub fn register(ecosystems: &[Ecosystem]) {
    let mut all = KNOWN.write().unwrap_or_else(|e| e.into_inner());
    let new: Vec<Ecosystem> = ecosystems.iter().copied().filter(|e| !all.contains(e)).collect();
    if !new.is_empty() {
        // Registered once or twice in the life of a program: the lists of before are few, and somebody may still look at them.
        *all = Vec::leak([*all, &new].concat());
    }
}

/// All ecosystems that are known.
#[must_use]
pub fn known() -> &'static [Ecosystem] {
    *KNOWN.read().unwrap_or_else(|e| e.into_inner())
}

/// The ecosystem of a manifest by its file name, and the name's rank.
pub(super) fn ecosystem_of(file: &str) -> Option<(Ecosystem, usize)> {
    let names = known().iter().flat_map(|e| e.0.manifests().iter().map(move |n| (*e, *n)));
    names.enumerate().find(|(_, (_, name))| is_called(file, name)).map(|(rank, (ecosystem, _))| (ecosystem, rank))
}

/// Is that the name of a file, or the end of it behind a `*`?
pub(super) fn is_called(file: &str, name: &str) -> bool {
    match name.strip_prefix('*') {
        Some(end) => file.len() > end.len() && file.ends_with(end),
        None => file == name,
    }
}

/// File names that make a folder a unit, by rank.
pub(super) fn manifest_names() -> impl Iterator<Item = &'static str> {
    known().iter().flat_map(|e| e.0.manifests().iter().copied())
}

/// Reads the manifest of a folder; `None` when there is none, or it names no package.
#[must_use]
pub fn read(tree: &dyn Tree, dir: &Path, file: &str) -> Option<Manifest> {
    let (ecosystem, rank) = ecosystem_of(file)?;
    let text = tree.text(&dir.join(file)).ok()?;
    ecosystem.0.read(dir, file, &text).map(|manifest| Manifest { rank, ..manifest })
}
