//! Walks the roots, tells languages and units.

use super::dialect;
use super::ecosystems::{self, Aliases, Ecosystem, Manifest, known};
use super::look::{Look, Seen};
use super::{Deps, Options, Plan, PlannedFile, PlannedUnit, Skip, slashed};
use crate::config::{Config, ConfigError};
use crate::tree::{Enter, Entry, IgnoreFiles, Kind, Tree};
use compass_facts::Cancel;
use rustc_hash::FxHashMap;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::sync::{Arc, Mutex};

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
    /// A pattern of the configuration nests braces too deep to be read.
    #[error("exclude pattern {pattern:?}…: braces are nested too deep")]
    DeepPattern {
        /// Its beginning.
        pattern: String,
    },
    /// Somebody asked to stop.
    #[error("cancelled")]
    Cancelled,
}

/// Folders of version control: nothing in them is written by hand.
const VERSION_CONTROL: [&str; 3] = [".git", ".hg", ".svn"];

/// Is it the name of a folder that holds packages of others?
#[must_use]
pub fn holds_packages(name: &str) -> bool {
    known().iter().any(|e| e.0.package_folders().contains(&name))
}

/// Is it the name of a folder with nothing written by hand?
fn is_built_folder(name: &str) -> bool {
    known().iter().any(|e| e.0.built_folders().contains(&name))
}

/// Is a folder an environment of its own, no part of the tree it stands in?
fn is_environment(tree: &dyn Tree, folder: &Path) -> bool {
    known().iter().filter_map(|e| e.0.environment_mark()).any(|mark| tree.is_file(&folder.join(mark)))
}

pub(super) fn make(options: &Options, tree: &dyn Tree, known: &dialect::Known, cancel: &Cancel, walked: &dyn Fn(u64)) -> Result<Plan, PlanError> {
    let mut plan = Plan::default();
    for (index, root) in options.roots.iter().enumerate() {
        let full = tree.real(root).map_err(|source| PlanError::Root { path: root.clone(), source })?;
        let config = Config::read_from(tree, &full)?;
        if index == 0 {
            plan.build.include_folders = config.include_folders.clone();
            plan.layers = config.layers.clone();
            plan.build.defines = config.defines.iter().map(|d| d.split('=').next().unwrap_or(d).trim().to_owned()).collect();
            add_commands(tree, &full, &mut plan);
        }
        let mut walk = Walk::new((tree, &full), index, &config, options.deps, cancel, walked)?;
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
    super::options::add(&mut plan, tree);
    if options.deps != Deps::None {
        super::packages::add(&mut plan, tree, &options.machine, options.deps, cancel);
    }
    super::packages::add_own(&mut plan);
    super::declared::add(&mut plan, tree, &options.machine);
    plan.files.sort_by(|a, b| (a.root, &a.path).cmp(&(b.root, &b.path)));
    dialect::settle(&mut plan.files, &plan.units, tree, known);
    Ok(plan)
}

/// What the configuration says of paths that are not there.
fn warn_of_config(config: &Config, walk: &Walk, root: &Path, warnings: &mut Vec<String>) {
    for further in config.roots.iter().filter(|r| walk.tree.is_folder(&root.join(r)) && crate::tree::disk::is_too_wide(&root.join(r))) {
        warnings.push(format!("{}: roots {further:?} is half of this machine, and is not followed", crate::config::FILE_NAME));
    }
    let mut nothing = |what: &str, pattern: &str| warnings.push(format!("{}: {what} {pattern:?} matches nothing", crate::config::FILE_NAME));
    for (_, pattern) in config.exclude.iter().enumerate().filter(|(i, _)| !walk.excluding.contains(i)) {
        nothing("exclude", pattern);
    }
    for folder in config.include_folders.iter().filter(|f| !walk.tree.is_folder(&root.join(f))) {
        nothing("include_folders", folder);
    }
    for further in config.roots.iter().filter(|r| !walk.tree.is_folder(&root.join(r))) {
        nothing("roots", further);
    }
    for layer in &config.layers {
        let matches = |p: &&String| {
            crate::tree::is_shallow(p) && globset::Glob::new(p).map(|g| g.compile_matcher()).is_ok_and(|m| walk.files.iter().any(|f| m.is_match(&f.0.path)))
        };
        for pattern in layer.paths.iter().filter(|p| !matches(p)) {
            nothing(&format!("layer {:?}", layer.name), pattern);
        }
    }
}

/// Folders and macros of a build that left its commands behind.
fn add_commands(tree: &dyn Tree, root: &Path, plan: &mut Plan) {
    for (ecosystem, place) in known().iter().flat_map(|e| e.0.build_files().iter().map(move |p| (e, p))) {
        let path = root.join(place);
        let Ok(text) = tree.text(&path) else { continue };
        if let Err(why) = ecosystem.0.take_build(&text, root, &mut plan.build) {
            plan.warnings.push(format!("{}: {why}", path.display()));
        }
    }
}

struct Walk<'a> {
    tree: &'a dyn Tree,
    root: &'a Path,
    index: usize,
    deps: Deps,
    exclude: globset::GlobSet,
    /// Patterns of the configuration that excluded something.
    excluding: rustc_hash::FxHashSet<usize>,
    cancel: &'a Cancel,
    walked: &'a dyn Fn(u64),
    files: Vec<(PlannedFile, String)>,
    /// By folder and ecosystem: one folder may be the root of several units.
    manifests: BTreeMap<(String, Ecosystem), Manifest>,
    /// Files that may be manifests: folder, name, path.
    to_read: Vec<(String, String, PathBuf)>,
    aliases: Vec<Aliases>,
    links: Vec<(usize, String, String)>,
    skipped: BTreeMap<Skip, (u64, PathBuf)>,
}

impl<'a> Walk<'a> {
    fn new(
        (tree, root): (&'a dyn Tree, &'a Path),
        index: usize,
        config: &Config,
        deps: Deps,
        cancel: &'a Cancel,
        walked: &'a dyn Fn(u64),
    ) -> Result<Self, PlanError> {
        let mut builder = globset::GlobSetBuilder::new();
        for pattern in &config.exclude {
            if !crate::tree::is_shallow(pattern) {
                return Err(PlanError::DeepPattern { pattern: pattern.chars().take(40).collect() });
            }
            builder.add(globset::Glob::new(pattern).map_err(|source| PlanError::Pattern { pattern: pattern.clone(), source })?);
        }
        let exclude = builder.build().map_err(|source| PlanError::Pattern { pattern: config.exclude.join(", "), source })?;
        Ok(Walk {
            tree,
            root,
            index,
            deps,
            exclude,
            excluding: rustc_hash::FxHashSet::default(),
            cancel,
            walked,
            files: Vec::new(),
            manifests: BTreeMap::new(),
            to_read: Vec::new(),
            aliases: Vec::new(),
            links: Vec::new(),
            skipped: BTreeMap::new(),
        })
    }

    fn skip(&mut self, why: Skip, path: &Path) {
        let path = path.strip_prefix(self.root).unwrap_or(path);
        let entry = self.skipped.entry(why).or_insert_with(|| (0, path.to_owned()));
        entry.0 += 1;
        // Which comes first is chance: the example is not.
        if path < entry.1.as_path() {
            entry.1 = path.to_owned();
        }
    }

    /// Everything below `dir`. In a package folder ignore files do not count.
    fn folder(&mut self, dir: &Path, in_packages: bool) -> Result<(), PlanError> {
        let is_odd = !in_packages && !self.tree.has_plain_ignore_files(dir);
        self.folder_with(dir, in_packages, !in_packages && !is_odd)
    }

    /// As [`Self::folder`]; `patterns` says whether files of patterns to ignore are read.
    fn folder_with(&mut self, dir: &Path, in_packages: bool, patterns: bool) -> Result<(), PlanError> {
        let mut packages = Vec::new();
        // Folders in which those who read such files would wait for ever: they are walked without them.
        let odd: Arc<Mutex<Vec<PathBuf>>> = Arc::default();
        let ignore = match (in_packages, patterns) {
            (true, _) => IgnoreFiles::ShowAll,
            (false, true) => IgnoreFiles::Count,
            (false, false) => IgnoreFiles::PassOver,
        };
        let enter = self.enter(dir, in_packages, patterns, odd.clone());
        let look = Look { tree: self.tree, root: self.root, index: self.index, exclude: self.exclude.clone() };
        let (sender, receiver) = crossbeam_channel::bounded::<Seen>(1024);
        let cancel = self.cancel;
        let tree = self.tree;
        std::thread::scope(|scope| {
            let look = &look;
            scope.spawn(move || {
                let visit = |entry: Option<&Entry>| {
                    let seen = match entry {
                        Some(entry) => look.entry(entry),
                        None => Some(Seen::Unreadable),
                    };
                    !cancel.is_cancelled() && seen.is_none_or(|seen| sender.send(seen).is_ok())
                };
                tree.walk(&crate::tree::Walk { top: dir.to_owned(), ignore, enter }, &visit);
                drop(sender);
            });
            for seen in receiver {
                self.take(seen, dir, &mut packages);
            }
        });
        if cancel.is_cancelled() {
            return Err(PlanError::Cancelled);
        }
        self.read_manifests();
        let mut odd = std::mem::take(&mut *odd.lock().unwrap_or_else(|e| e.into_inner()));
        odd.sort();
        for folder in odd {
            self.folder_with(&folder, false, false)?;
        }
        packages.sort();
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

    /// Which entries a walk goes into; folders that are walked by themselves later are noted.
    fn enter(&self, dir: &Path, in_packages: bool, patterns: bool, odd: Arc<Mutex<Vec<PathBuf>>>) -> Enter {
        let top = dir.to_owned();
        let has_record = known().iter().filter_map(|e| e.0.record()).any(|record| self.tree.is_file(&dir.join(record)));
        // Which of the installed packages are asked for is said by the manifests of the ecosystems that install there alone.
        let names_it = |n: &str| known().iter().any(|e| !e.0.settings().is_empty() && e.0.package_folders().contains(&n));
        let says_who_asks = || dir.file_name().and_then(|n| n.to_str()).is_some_and(names_it);
        let asked_for = (in_packages && self.deps == Deps::Direct && (has_record || says_who_asks())).then(|| self.asked_for());
        Arc::new(move |tree, e| {
            let name = e.path.file_name().unwrap_or_default().to_string_lossy();
            let is_dir = e.kind == Kind::Folder;
            // One package manager keeps all packages in a hidden folder and links to them.
            let is_hidden = in_packages && name.starts_with('.') && name != ".pnpm";
            let package = || e.path.strip_prefix(&top).ok().and_then(|p| package_name(p, has_record));
            let is_unasked = asked_for.as_ref().is_some_and(|asked| package().is_some_and(|p| !asked.contains(&p)));
            let is_foreign = || VERSION_CONTROL.contains(&name.as_ref()) || is_built_folder(&name) || holds_packages(&name) || is_environment(tree, e.path);
            if is_hidden || is_unasked || is_dir && is_foreign() {
                return false;
            }
            let is_plain = !is_dir || !patterns || tree.has_plain_ignore_files(e.path);
            if !is_plain {
                odd.lock().unwrap_or_else(|e| e.into_inner()).push(e.path.to_owned());
            }
            is_plain
        })
    }

    fn take(&mut self, seen: Seen, dir: &Path, packages: &mut Vec<PathBuf>) {
        match seen {
            Seen::Packages(found) => packages.extend(found),
            Seen::Link(path) => self.link(&path),
            Seen::Excluded(path, patterns) => {
                self.excluding.extend(patterns);
                self.skip(Skip::Excluded, &path);
            }
            Seen::File { path, dir, name, planned } => self.file(path, dir, name, planned),
            Seen::Unreadable => self.skip(Skip::Unreadable, dir),
        }
    }

    /// A link; one from a folder of packages to a package under the same root is how that is found.
    fn link(&mut self, path: &Path) {
        let from = path.strip_prefix(self.root).map(slashed).unwrap_or_default();
        let to = self.tree.real(path).ok().filter(|t| self.tree.is_folder(t) && is_package_path(&from));
        match to.as_ref().and_then(|t| t.strip_prefix(self.root).ok()) {
            Some(inside) => self.links.push((self.index, from, slashed(inside))),
            None => self.skip(Skip::SymbolicLink, path),
        }
    }

    /// Names of packages that the own manifests ask for.
    fn asked_for(&self) -> rustc_hash::FxHashSet<String> {
        let own = self.manifests.iter().filter(|((dir, _), _)| !is_package_path(dir));
        own.flat_map(|(_, m)| m.asks_for.iter().cloned()).collect()
    }

    fn file(&mut self, path: PathBuf, dir: String, name: String, planned: Result<Box<PlannedFile>, Skip>) {
        // Settings that packages ship say nothing about how they are brought in.
        if !is_package_path(&dir) {
            let says = known().iter().filter(|e| e.0.settings().contains(&name.as_str()));
            self.aliases.extend(says.filter_map(|e| e.0.aliases(self.root, self.index, &path)));
        }
        match planned {
            Ok(file) => self.files.push((*file, dir.clone())),
            Err(why) => self.skip(why, &path),
        }
        if ecosystems::ecosystem_of(&name).is_some() {
            self.to_read.push((dir, name, path));
        }
        if self.files.len().is_multiple_of(256) {
            (self.walked)(self.files.len() as u64);
        }
    }

    /// Reads the manifests met so far; their order is that of folders and names, not that in which they were met.
    fn read_manifests(&mut self) {
        let mut found = std::mem::take(&mut self.to_read);
        found.sort();
        for (dir, name, path) in found {
            self.manifest(&path, &dir, &name);
        }
    }

    /// Of several manifests of one ecosystem in a folder the first with a name counts, by rank.
    fn manifest(&mut self, path: &Path, dir: &str, name: &str) {
        let Some(found) = path.parent().and_then(|p| ecosystems::read(self.tree, p, name)) else { return };
        let rank = |m: &Manifest| (m.name.is_none(), m.rank);
        let key = (dir.to_owned(), found.ecosystem);
        if self.manifests.get(&key).is_none_or(|known| rank(&found) < rank(known)) {
            self.manifests.insert(key, found);
        }
    }

    /// Files named one by one, relative to the root or absolute.
    fn listed(&mut self, files: &[PathBuf], warnings: &mut Vec<String>) {
        let look = Look { tree: self.tree, root: self.root, index: self.index, exclude: self.exclude.clone() };
        let mut missing = 0u64;
        let mut example = None;
        for file in files {
            let full = self.root.join(file);
            match self.tree.is_file(&full) {
                true => self.take(look.file(&full), &full, &mut Vec::new()),
                false => {
                    missing += 1;
                    example.get_or_insert_with(|| file.display().to_string());
                }
            }
        }
        if let Some(example) = example {
            warnings.push(format!("{missing} of {} listed files do not exist, e.g. {example}", files.len()));
        }
        self.read_manifests();
        for dir in self.files.iter().map(|(_, d)| d.clone()).collect::<std::collections::BTreeSet<_>>() {
            for ancestor in ancestors(&dir) {
                for name in ecosystems::manifest_names() {
                    let path = self.root.join(ancestor).join(name);
                    if self.tree.is_file(&path) {
                        self.manifest(&path, ancestor, name);
                    }
                }
            }
        }
    }

    /// Makes the units, and gives each file the unit of the nearest folder that has one of its language's ecosystem; where no folder
    /// above has, the nearest unit of any.
    fn finish(self, plan: &mut Plan) {
        let root_name = self.root.file_name().map_or_else(|| "root".to_owned(), |n| n.to_string_lossy().into_owned());
        let mut ids: FxHashMap<&str, Vec<(Ecosystem, usize)>> = FxHashMap::default();
        let mut ranked: Vec<(&String, &Manifest)> = self.manifests.iter().map(|((dir, _), m)| (dir, m)).collect();
        // The first unit of a folder takes what belongs to no ecosystem.
        ranked.sort_by_key(|(dir, m)| (dir.as_str(), m.name.is_none(), m.rank));
        // A nested manifest without a name mostly sets options for its folder.
        ranked.retain(|(dir, m)| dir.is_empty() || m.name.is_some() || m.ecosystem.0.has_nameless_packages());
        let mut add = |dir: &'_ str, manifest: Option<&Manifest>| {
            let folder = if dir.is_empty() { root_name.clone() } else { dir.rsplit('/').next().unwrap_or(dir).to_owned() };
            plan.units.push(PlannedUnit {
                name: manifest.and_then(|m| m.name.clone()).unwrap_or(folder),
                version: manifest.and_then(|m| m.version.clone()).unwrap_or_default(),
                ecosystem: manifest.map_or(Ecosystem::PLAIN, |m| m.ecosystem),
                root: self.index,
                dir: dir.to_owned(),
                own: !is_package_path(dir),
                entries: manifest.map(|m| m.entries.clone()).unwrap_or_default(),
                needs: Vec::new(),
                knows_needs: false,
            });
            plan.units.len() - 1
        };
        if ranked.first().is_none_or(|(dir, _)| !dir.is_empty()) {
            ids.insert("", vec![(Ecosystem::PLAIN, add("", None))]);
        }
        for (dir, manifest) in ranked {
            ids.entry(dir).or_default().push((manifest.ecosystem, add(dir, Some(manifest))));
        }
        for (mut file, dir) in self.files {
            let name = file.path.rsplit('/').next().unwrap_or_default();
            let of_manifest = ecosystems::ecosystem_of(name).map(|e| e.0.word());
            let wanted = of_manifest.as_ref().map_or(file.language.profile().ecosystems, std::slice::from_ref);
            let fits = |d: &str| ids.get(d)?.iter().find(|(e, _)| wanted.contains(&e.word())).map(|(_, unit)| *unit);
            let any = |d: &str| ids.get(d)?.first().map(|(_, unit)| *unit);
            // What stands in a package of others is part of that package, whatever it is written in.
            let foreign = || ancestors(&dir).find_map(any).filter(|u| !plan.units[*u].own);
            file.unit =
                ancestors(&dir).find_map(fits).filter(|u| !plan.units[*u].own || foreign().is_none()).or_else(|| ancestors(&dir).find_map(any)).unwrap_or(0);
            plan.files.push(file);
        }
        plan.build.links.extend(self.links);
        plan.build.links.sort();
        plan.build.links.dedup();
        plan.build.aliases.extend(self.aliases);
        plan.build.aliases.sort_by(|a, b| (a.root, &a.dir).cmp(&(b.root, &b.dir)));
        let skipped = self.skipped.into_iter().map(|(why, (count, example))| (why, count, slashed(&example)));
        plan.skipped.extend(skipped);
    }
}

/// The package of a path below a folder of packages: `name` or `@scope/name`, always two where a record says so; nothing for the first of two
/// alone or what is no package.
fn package_name(inside: &Path, has_record: bool) -> Option<String> {
    let inside = slashed(inside);
    let parts = if has_record || inside.starts_with('@') { 2 } else { 1 };
    (inside.split('/').count() == parts && !inside.starts_with('.')).then_some(inside)
}

fn is_package_path(dir: &str) -> bool {
    dir.split('/').any(holds_packages)
}

/// The folders of packages in a folder.
pub(super) fn package_folders(tree: &dyn Tree, dir: &Path) -> Vec<PathBuf> {
    let is_one = |folder: &PathBuf| tree.link_meta(folder).is_ok_and(|m| m.kind == Kind::Folder) && !is_environment(tree, dir);
    let mut names: Vec<&str> = known().iter().flat_map(|e| e.0.package_folders().iter().copied()).collect();
    names.sort_unstable();
    names.dedup();
    names.into_iter().map(|name| dir.join(name)).filter(is_one).collect()
}

/// `a/b/c`, `a/b`, `a`, and the empty path.
pub(super) fn ancestors(dir: &str) -> impl Iterator<Item = &str> {
    std::iter::successors(Some(dir), |d| match d.rfind('/') {
        Some(i) => Some(&d[..i]),
        None if d.is_empty() => None,
        None => Some(""),
    })
}
