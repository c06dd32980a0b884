//! Walks the roots, tells languages and units.

use super::aliases::{self, Aliases};
use super::manifests::{self, Ecosystem};
use super::{Deps, Options, Plan, PlannedFile, PlannedUnit, Skip, slashed};
use crate::config::{Config, ConfigError};
use compass_facts::{Cancel, Language};
use rustc_hash::FxHashMap;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};

/// Why no plan could be made.
#[derive(Debug, thiserror::Error)]
pub enum PlanError {
    /// The path named does not exist, or cannot be opened.
    #[error("{}: {source}", path.display())]
    Root {
        /// The path.
        path: PathBuf,
        /// What the system said.
        source: std::io::Error,
    },
    /// The configuration file is wrong.
    #[error(transparent)]
    Config(#[from] ConfigError),
    /// A pattern of the configuration is no glob.
    #[error("exclude pattern {pattern:?}: {source}")]
    Pattern {
        /// The pattern.
        pattern: String,
        /// What is wrong with it.
        source: globset::Error,
    },
    /// Somebody asked to stop.
    #[error("cancelled")]
    Cancelled,
}

/// Folders that hold packages of others, though ignore files mostly hide them.
const PACKAGE_FOLDERS: [&str; 3] = ["node_modules", "vendor", "site-packages"];
/// Marks a virtual environment of Python: no part of the tree it stands in.
const ENVIRONMENT: &str = "pyvenv.cfg";
/// Folders with nothing written by hand.
const BUILT_FOLDERS: [&str; 4] = ["__pycache__", ".git", ".hg", ".svn"];

pub(super) fn make(options: &Options, cancel: &Cancel, walked: &dyn Fn(u64)) -> Result<Plan, PlanError> {
    let mut plan = Plan::default();
    for (index, root) in options.roots.iter().enumerate() {
        let full = root.canonicalize().map_err(|source| PlanError::Root { path: root.clone(), source })?;
        let config = Config::read(&full)?;
        if index == 0 {
            plan.build.include_folders = config.include_folders.clone();
            plan.layers = config.layers.clone();
            plan.build.defines = config.defines.iter().map(|d| d.split('=').next().unwrap_or(d).trim().to_owned()).collect();
            add_commands(&full, &mut plan);
        }
        let mut walk = Walk::new(&full, index, &config, options.deps, cancel, walked)?;
        match &options.files {
            Some(files) => walk.listed(files, &mut plan.warnings),
            None => {
                walk.folder(&full, false)?;
                if walk.files.is_empty() {
                    // A packager's ignore file may name everything; then it was not meant for readers.
                    walk.skipped.clear();
                    walk.folder(&full, true)?;
                    if !walk.files.is_empty() {
                        plan.warnings.push(format!("ignore files leave nothing under {}: they are passed over", full.display()));
                    }
                }
            }
        }
        warn_of_config(&config, &walk, &full, &mut plan.warnings);
        walk.finish(&mut plan);
        plan.roots.push(full);
    }
    plan.own_roots = plan.roots.len();
    if options.deps != Deps::None {
        super::packages::add(&mut plan, &options.machine, options.deps, cancel);
    }
    plan.files.sort_by(|a, b| (a.root, &a.path).cmp(&(b.root, &b.path)));
    settle_headers(&mut plan.files);
    Ok(plan)
}

/// What the configuration says of paths that are not there.
fn warn_of_config(config: &Config, walk: &Walk, root: &Path, warnings: &mut Vec<String>) {
    let mut nothing = |what: &str, pattern: &str| warnings.push(format!("{}: {what} {pattern:?} matches nothing", crate::config::FILE_NAME));
    for (_, pattern) in config.exclude.iter().enumerate().filter(|(i, _)| !walk.excluding.contains(i)) {
        nothing("exclude", pattern);
    }
    for folder in config.include_folders.iter().filter(|f| !root.join(f).is_dir()) {
        nothing("include_folders", folder);
    }
    for further in config.roots.iter().filter(|r| !root.join(r).is_dir()) {
        nothing("roots", further);
    }
    for layer in &config.layers {
        let matches = |p: &&String| globset::Glob::new(p).map(|g| g.compile_matcher()).is_ok_and(|m| walk.files.iter().any(|f| m.is_match(&f.0.path)));
        for pattern in layer.paths.iter().filter(|p| !matches(p)) {
            nothing(&format!("layer {:?}", layer.name), pattern);
        }
    }
}

/// Folders and macros of a build that left its commands behind.
fn add_commands(root: &Path, plan: &mut Plan) {
    for place in super::commands::PLACES {
        let path = root.join(place);
        let Ok(text) = std::fs::read_to_string(&path) else { continue };
        match super::commands::read(&text, root) {
            Ok(found) => {
                plan.build.include_folders.extend(found.folders);
                plan.build.outside_folders.extend(found.outside);
                plan.build.defines.extend(found.defines);
            }
            Err(why) => plan.warnings.push(format!("{}: {why}", path.display())),
        }
    }
}

/// Headers serve both languages: where there is C++ at all, one that reads like it, or that only C++ stands around, is C++.
fn settle_headers(files: &mut [PlannedFile]) {
    if !files.iter().any(|f| f.language == Language::Cpp) {
        return;
    }
    let mut counts: FxHashMap<(usize, String), (u32, u32)> = FxHashMap::default();
    for file in files.iter() {
        let sources = match (file.language, is_header(&file.path)) {
            (Language::Cpp, _) => (0, 1),
            (Language::C, false) => (1, 0),
            _ => continue,
        };
        let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
        for ancestor in ancestors(dir) {
            let entry = counts.entry((file.root, ancestor.to_owned())).or_default();
            *entry = (entry.0 + sources.0, entry.1 + sources.1);
        }
    }
    for file in files.iter_mut().filter(|f| f.language == Language::C && is_header(&f.path)) {
        let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
        let around = ancestors(dir).find_map(|a| counts.get(&(file.root, a.to_owned())));
        let only_cpp = around.is_some_and(|(c, cpp)| *c == 0 && *cpp > 0);
        let reads_like_it = || head_of(&file.full).is_ok_and(|b| compass_facts::looks_like_cpp(&String::from_utf8_lossy(&b)));
        if only_cpp || reads_like_it() {
            file.language = Language::Cpp;
        }
    }
}

/// The beginning of a file: every plan looks at it, so it must not cost a whole reading.
fn head_of(path: &Path) -> std::io::Result<Vec<u8>> {
    let mut head = Vec::new();
    std::io::Read::read_to_end(&mut std::io::Read::take(std::fs::File::open(path)?, 64 << 10), &mut head)?;
    Ok(head)
}

fn is_header(path: &str) -> bool {
    path.ends_with(".h") || path.ends_with(".H") || path.ends_with(".inc")
}

struct Walk<'a> {
    root: &'a Path,
    index: usize,
    deps: Deps,
    exclude: globset::GlobSet,
    /// Patterns of the configuration that excluded something.
    excluding: rustc_hash::FxHashSet<usize>,
    cancel: &'a Cancel,
    walked: &'a dyn Fn(u64),
    files: Vec<(PlannedFile, String)>,
    manifests: FxHashMap<String, manifests::Manifest>,
    aliases: Vec<Aliases>,
    links: Vec<(usize, String, String)>,
    skipped: BTreeMap<Skip, (u64, String)>,
}

impl<'a> Walk<'a> {
    fn new(root: &'a Path, index: usize, config: &Config, deps: Deps, cancel: &'a Cancel, walked: &'a dyn Fn(u64)) -> Result<Self, PlanError> {
        let mut builder = globset::GlobSetBuilder::new();
        for pattern in &config.exclude {
            builder.add(globset::Glob::new(pattern).map_err(|source| PlanError::Pattern { pattern: pattern.clone(), source })?);
        }
        let exclude = builder.build().map_err(|source| PlanError::Pattern { pattern: config.exclude.join(", "), source })?;
        Ok(Walk {
            root,
            index,
            deps,
            exclude,
            excluding: rustc_hash::FxHashSet::default(),
            cancel,
            walked,
            files: Vec::new(),
            manifests: FxHashMap::default(),
            aliases: Vec::new(),
            links: Vec::new(),
            skipped: BTreeMap::new(),
        })
    }

    fn skip(&mut self, why: Skip, path: &Path) {
        let entry = self.skipped.entry(why).or_insert_with(|| (0, slashed(path.strip_prefix(self.root).unwrap_or(path))));
        entry.0 += 1;
    }

    /// Everything below `dir`. In a package folder ignore files do not count.
    fn folder(&mut self, dir: &Path, in_packages: bool) -> Result<(), PlanError> {
        let mut packages = Vec::new();
        let mut builder = ignore::WalkBuilder::new(dir);
        builder.follow_links(false).require_git(false).hidden(true).parents(false);
        if in_packages {
            builder.standard_filters(false);
        }
        let top = dir.to_owned();
        let asked_for = (in_packages && self.deps == Deps::Direct && dir.ends_with("node_modules")).then(|| self.asked_for());
        builder.filter_entry(move |e| {
            let name = e.file_name().to_string_lossy();
            let is_dir = e.file_type().is_some_and(|t| t.is_dir());
            if e.path() == top {
                return true;
            }
            // One package manager keeps all packages in a hidden folder and links to them.
            let is_hidden = in_packages && name.starts_with('.') && name != ".pnpm";
            let package = || e.path().strip_prefix(&top).ok().and_then(package_name);
            let is_unasked = asked_for.as_ref().is_some_and(|asked| package().is_some_and(|p| !asked.contains(&p)));
            let is_foreign = || BUILT_FOLDERS.contains(&name.as_ref()) || PACKAGE_FOLDERS.contains(&name.as_ref()) || e.path().join(ENVIRONMENT).is_file();
            !(is_hidden || is_unasked || is_dir && is_foreign())
        });
        for entry in builder.build() {
            if self.cancel.is_cancelled() {
                return Err(PlanError::Cancelled);
            }
            match entry {
                Ok(entry) => self.entry(&entry, &mut packages),
                Err(_) => self.skip(Skip::Unreadable, dir),
            }
        }
        for folder in packages {
            let is_nested = in_packages && !slashed(&folder).contains("/.pnpm/");
            if self.deps == Deps::None || (self.deps == Deps::Direct && is_nested) {
                self.skip(Skip::Dependency, &folder);
            } else {
                self.folder(&folder, true)?;
            }
        }
        Ok(())
    }

    fn entry(&mut self, entry: &ignore::DirEntry, packages: &mut Vec<PathBuf>) {
        let path = entry.path();
        let Some(kind) = entry.file_type() else { return };
        if kind.is_dir() {
            for name in PACKAGE_FOLDERS {
                let folder = path.join(name);
                if folder.is_dir() && !folder.is_symlink() && !path.join(ENVIRONMENT).is_file() {
                    packages.push(folder);
                }
            }
            return;
        }
        if kind.is_symlink() {
            self.link(path);
        } else if kind.is_file() {
            self.file(path);
        }
    }

    /// A link; one from a folder of packages to a package under the same root is how that is found.
    fn link(&mut self, path: &Path) {
        let from = path.strip_prefix(self.root).map(slashed).unwrap_or_default();
        let to = path.canonicalize().ok().filter(|t| t.is_dir() && is_package_path(&from));
        match to.as_ref().and_then(|t| t.strip_prefix(self.root).ok()) {
            Some(inside) => self.links.push((self.index, from, slashed(inside))),
            None => self.skip(Skip::SymbolicLink, path),
        }
    }

    /// Names of packages that the own manifests ask for.
    fn asked_for(&self) -> rustc_hash::FxHashSet<String> {
        let own = self.manifests.iter().filter(|(dir, _)| !is_package_path(dir));
        own.flat_map(|(_, m)| m.asks_for.iter().cloned()).collect()
    }

    fn file(&mut self, path: &Path) {
        let relative = path.strip_prefix(self.root).unwrap_or(path);
        let shown = slashed(relative);
        let excluded = self.exclude.matches(relative);
        if !excluded.is_empty() {
            self.excluding.extend(excluded);
            self.skip(Skip::Excluded, path);
            return;
        }
        let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
        let dir = shown.rsplit_once('/').map_or("", |(d, _)| d).to_owned();
        if manifests::NAMES.contains(&name.as_str()) {
            self.manifest(path, &dir, &name);
        }
        // Settings that packages ship say nothing about how they are brought in.
        if aliases::NAMES.contains(&name.as_str()) && !is_package_path(&dir) {
            self.aliases.push(Aliases::read(self.root, self.index, path));
        }
        let Some(language) = Language::of_name(&name).or_else(|| language_by_content(path)) else {
            self.skip(Skip::UnknownLanguage, path);
            return;
        };
        let Ok(meta) = std::fs::metadata(path) else {
            self.skip(Skip::Unreadable, path);
            return;
        };
        let (mtime_ns, inode) = stamps(&meta);
        let file = PlannedFile { unit: 0, root: self.index, path: shown, full: path.to_owned(), language, bytes: meta.len(), mtime_ns, inode };
        self.files.push((file, dir));
        if self.files.len().is_multiple_of(256) {
            (self.walked)(self.files.len() as u64);
        }
    }

    fn manifest(&mut self, path: &Path, dir: &str, name: &str) {
        let rank = |e: Ecosystem| manifests::NAMES.iter().position(|n| matches!((*n, e), ("Cargo.toml", Ecosystem::Cargo) | ("package.json", Ecosystem::Npm)));
        let Some(found) = path.parent().and_then(|p| manifests::read(p, name)) else { return };
        let known = self.manifests.get(dir);
        let better =
            known.is_none_or(|k| (k.name.is_none() && found.name.is_some()) || rank(found.ecosystem) < rank(k.ecosystem).or(Some(9)) && found.name.is_some());
        if better {
            self.manifests.insert(dir.to_owned(), found);
        }
    }

    /// Files named one by one, relative to the root or absolute.
    fn listed(&mut self, files: &[PathBuf], warnings: &mut Vec<String>) {
        let mut missing = 0u64;
        let mut example = None;
        for file in files {
            let full = self.root.join(file);
            match full.is_file() {
                true => self.file(&full),
                false => {
                    missing += 1;
                    example.get_or_insert_with(|| file.display().to_string());
                }
            }
        }
        if let Some(example) = example {
            warnings.push(format!("{missing} of {} listed files do not exist, e.g. {example}", files.len()));
        }
        for dir in self.files.iter().map(|(_, d)| d.clone()).collect::<std::collections::BTreeSet<_>>() {
            for ancestor in ancestors(&dir) {
                for name in manifests::NAMES {
                    let path = self.root.join(ancestor).join(name);
                    if path.is_file() {
                        self.manifest(&path, ancestor, name);
                    }
                }
            }
        }
    }

    /// Gives each file the unit of the nearest folder with a manifest.
    fn finish(self, plan: &mut Plan) {
        let root_name = self.root.file_name().map_or_else(|| "root".to_owned(), |n| n.to_string_lossy().into_owned());
        let mut ids: FxHashMap<String, usize> = FxHashMap::default();
        let mut dirs: Vec<&String> = self.manifests.keys().collect();
        dirs.sort();
        let mut add = |plan: &mut Plan, dir: &str, manifest: Option<&manifests::Manifest>| {
            let folder = if dir.is_empty() { root_name.clone() } else { dir.rsplit('/').next().unwrap_or(dir).to_owned() };
            ids.insert(dir.to_owned(), plan.units.len());
            plan.units.push(PlannedUnit {
                name: manifest.and_then(|m| m.name.clone()).unwrap_or(folder),
                version: manifest.and_then(|m| m.version.clone()).unwrap_or_default(),
                ecosystem: manifest.map_or(Ecosystem::Plain, |m| m.ecosystem),
                root: self.index,
                dir: dir.to_owned(),
                own: !is_package_path(dir),
                entries: manifest.map(|m| m.entries.clone()).unwrap_or_default(),
                needs: Vec::new(),
                knows_needs: false,
            });
        };
        add(plan, "", self.manifests.get(""));
        for dir in dirs {
            // A nested `package.json` without a name only sets options for its folder.
            let manifest = &self.manifests[dir];
            if !dir.is_empty() && (manifest.name.is_some() || manifest.ecosystem == Ecosystem::Python) {
                add(plan, dir, Some(manifest));
            }
        }
        for (mut file, dir) in self.files {
            file.unit = ancestors(&dir).find_map(|d| ids.get(d).copied()).unwrap_or(0);
            plan.files.push(file);
        }
        plan.build.links.extend(self.links);
        plan.build.links.sort();
        plan.build.links.dedup();
        plan.build.aliases.extend(self.aliases);
        plan.build.aliases.sort_by(|a, b| (a.root, &a.dir).cmp(&(b.root, &b.dir)));
        let skipped = self.skipped.into_iter().map(|(why, (count, example))| (why, count, example));
        plan.skipped.extend(skipped);
    }
}

/// The package of a path below a folder of packages: `name` or `@scope/name`; nothing for a scope alone or what is no package.
fn package_name(inside: &Path) -> Option<String> {
    let inside = slashed(inside);
    let parts = if inside.starts_with('@') { 2 } else { 1 };
    (inside.split('/').count() == parts && !inside.starts_with('.')).then_some(inside)
}

fn is_package_path(dir: &str) -> bool {
    dir.split('/').any(|p| PACKAGE_FOLDERS.contains(&p))
}

/// `a/b/c`, `a/b`, `a`, and the empty path.
fn ancestors(dir: &str) -> impl Iterator<Item = &str> {
    std::iter::successors(Some(dir), |d| match d.rfind('/') {
        Some(i) => Some(&d[..i]),
        None if d.is_empty() => None,
        None => Some(""),
    })
}

fn language_by_content(path: &Path) -> Option<Language> {
    // Only files without an extension are worth opening.
    if path.extension().is_some() {
        return None;
    }
    let mut head = [0u8; 128];
    let mut file = std::fs::File::open(path).ok()?;
    let count = std::io::Read::read(&mut file, &mut head).ok()?;
    let line = head[..count].split(|b| *b == b'\n').next()?;
    Language::of_first_line(std::str::from_utf8(line).ok()?)
}

#[cfg(unix)]
pub(super) fn stamps(meta: &std::fs::Metadata) -> (i64, u64) {
    use std::os::unix::fs::MetadataExt;
    (meta.mtime().saturating_mul(1_000_000_000).saturating_add(meta.mtime_nsec()), meta.ino())
}

#[cfg(not(unix))]
pub(super) fn stamps(meta: &std::fs::Metadata) -> (i64, u64) {
    let since = meta.modified().ok().and_then(|t| t.duration_since(std::time::UNIX_EPOCH).ok());
    (since.map_or(0, |d| d.as_nanos() as i64), 0)
}
