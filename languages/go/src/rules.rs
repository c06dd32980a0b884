//! Go: names of a package are those of all its files; imports lead to folders; types made like others have their elements.
//!
//! # How it works
//! A package is a folder and the name its files give (tests of their own stand beside it in the same folder). An import
//! path is the path of a module, known from its manifest, and a folder below it. Files for other systems come after those
//! of the usual one (Linux, x86-64), by the ending of their names and by their build lines.

use crate::rules::implementers::Implementers as _;
use compass_facts::{DefId, Definition, Flags, Import, ImportId, ImportKind, Kind, ScopeId, TypeId, Use};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Lookup, Meaning, Modules, Namespace, Packages, Prepared, Rules, Target, Ty, World};
use compass_index::{Cause, Certainty, FileLinks};
use easy_ext::ext;
use rustc_hash::{FxHashMap, FxHashSet};

mod implementers;

/// See the module.
pub(super) struct Go;

/// Packages of all files, modules of all units.
#[derive(Default)]
pub(crate) struct GoPackages {
    packages: Packages,
    /// A file of the package in each folder.
    folders: FxHashMap<(u32, String), u32>,
    /// Units by the path of their module, longest first.
    modules: Vec<(String, u32)>,
    /// Structs by the names of the types they embed.
    embedding: FxHashMap<GlobalNameId, Vec<DefRef>>,
}

impl Rules for Go {
    fn prepare(&self, world: &World, all: &Modules) -> Option<Prepared> {
        let mut out = GoPackages::default();
        let modules = all.units(world).filter(|(_, unit)| unit.ecosystem == "go");
        out.modules.extend(modules.map(|(i, unit)| (unit.name.clone(), i)));
        let declared = compass_index::plan::declared::unit_name(crate::GO);
        out.modules.extend(all.units(world).filter(|(_, unit)| unit.name == declared).map(|(i, _)| ("std".to_owned(), i)));
        out.modules.sort_by_key(|(name, unit)| (std::cmp::Reverse(name.len()), *unit));
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::GO && !world.is_lazy());
        for (index, file) in files {
            let name = file.facts.imports.iter().find(|i| i.kind == ImportKind::Within).map_or("", |i| file.facts.name(i.module));
            // What others import is not the tests beside it.
            if !name.ends_with("_test") && !file.path.ends_with("_test.go") {
                let dir = file.path.rsplit_once('/').map_or("", |p| p.0);
                out.folders.entry((file.root, dir.to_owned())).or_insert(index as u32);
            }
            out.packages.add(index as u32, package_key(file.root, &file.path, name));
            out.add_embedding(world, index as u32);
        }
        Some(Box::new(out))
    }

    fn is_looked_up_by_file(&self) -> bool {
        true
    }

    fn plain(&self, e: &mut Evaluator, file: u32, _: ScopeId, name: GlobalNameId, _: Namespace) -> Lookup {
        e.plain_go(file, name)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        if import.kind == ImportKind::Within {
            return vec![Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false }];
        }
        e.go_packages().find(e.world, e.modules, file, facts.name(import.module)).into_iter().collect()
    }

    fn behind_module(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        if scope == ScopeId::FILE { e.go_package_member(file, name) } else { e.module_member(from, file, scope, name) }
    }

    fn keep_usual(&self, e: &Evaluator, found: &mut Lookup) {
        usual(e.world, &mut found.hits, &|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
    }

    /// A key of a literal that is no field is the key of a map by a name of the package.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let found = e.link_key(file, of, name);
        if found.is_empty() { (*e.plain(file, u.scope, name, Namespace::Value)).clone() } else { found }
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    /// Types and values by name, nothing more.
    fn member_of_absent(&self, _: &mut Evaluator, _: u32, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        matches!(owner.ty, Ty::ExternalType(..)).then(|| Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner.clone() })
    }

    fn is_type_of_its_own(&self, alias: &Definition) -> bool {
        alias.inner.is_some()
    }

    fn underlying(&self, e: &mut Evaluator, ty: Ty) -> Ty {
        let mut ty = ty;
        for _ in 0..8 {
            let Ty::Value(sym, args) = &ty else { break };
            let def = e.world.def(*sym);
            let (Kind::Alias | Kind::TypeParameter, Some(made_like)) = (def.kind, def.ty) else { break };
            if e.world.language(sym.file) != crate::GO {
                break;
            }
            let target = e.evaluate(sym.file, made_like).ty;
            let target = e.instance(target);
            let (sym, args) = (*sym, args.clone());
            ty = if args.is_empty() { target } else { e.substitute(target, sym, &args) };
        }
        ty
    }

    fn implied(&self, e: &mut Evaluator, file: u32, out: &mut FileLinks) {
        let world = e.world;
        let interfaces = world.facts(file).definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Interface && !d.name_span.is_empty());
        for (i, _) in interfaces {
            let interface = DefRef { file, def: DefId(i as u32) };
            let found = e.go_implementers(interface);
            out.bases.extend(found.into_iter().map(|f| (world.symbol(interface), world.symbol(f.0), f.1)));
        }
    }
}

#[ext(GoNames)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn go_packages(&self) -> &'m GoPackages {
        self.modules.of()
    }

    /// What a plain name means that is bound in no function: those the reader linked, since it knows from where on they hold.
    /// The package, then imports of the file, then what the language brings along.
    fn plain_go(&mut self, file: u32, name: GlobalNameId) -> Lookup {
        let package = self.go_packages().packages.of(file).unwrap_or_default().to_owned();
        let own = self.go_in_package(&package, name);
        if !own.is_empty() {
            return own;
        }
        let facts = self.world.facts(file);
        let word = self.world.name(name);
        let mut cause = Cause::NoDefinition;
        for (i, import) in facts.imports.iter().enumerate() {
            let id = ImportId(i as u32);
            match import.kind {
                ImportKind::Module if self.go_import_name(file, id, import) == Some(word) => return self.follow(file, id),
                ImportKind::Glob => {
                    let targets = self.import_targets(file, id);
                    if targets.is_empty() {
                        cause = Cause::UnitAbsent;
                    }
                    for target in targets.iter() {
                        let found = self.entity_member(file, target.entity, name);
                        if !found.is_empty() {
                            return found;
                        }
                    }
                }
                _ => {}
            }
        }
        if compass_index::linking::is_builtin(crate::GO, word) {
            cause = Cause::Builtin;
        }
        Lookup::none(cause)
    }

    /// The name an import is used by: its alias, the name its package gives itself, or what its path suggests.
    fn go_import_name(&mut self, file: u32, id: ImportId, import: &Import) -> Option<&str> {
        let facts = self.world.facts(file);
        if let Some(alias) = import.bound {
            return Some(facts.name(alias));
        }
        let targets = self.import_targets(file, id);
        if let Some(Entity::Module(target, _)) = targets.first().map(|t| t.entity) {
            return self.go_packages().packages.of(target).and_then(|p| p.rsplit_once(':')).map(|p| p.1);
        }
        Some(likely_name(facts.name(import.module)))
    }

    /// A name of a package, from whichever of its files.
    fn go_in_package(&self, package: &str, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let is_in = |s: &&DefRef| {
            world.language(s.file) == crate::GO && world.def(**s).scope == ScopeId::FILE && self.go_packages().packages.of(s.file) == Some(package)
        };
        let mut found: Vec<DefRef> =
            self.go_packages().packages.within(package, world.named(name)).iter().filter(is_in).take(compass_index::linking::MOST_HITS).copied().collect();
        found.sort_by_key(|s| (world.def(*s).flags.has(Flags::BODILESS), *s));
        usual(world, &mut found, &|s| Some(*s));
        let certainty = if found.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition }
    }

    /// A name of the package a file belongs to, as others see it.
    fn go_package_member(&self, file: u32, name: GlobalNameId) -> Lookup {
        match self.go_packages().packages.of(file) {
            Some(package) => self.go_in_package(package, name),
            None => Lookup::none(Cause::NoDefinition),
        }
    }

    /// The type a method belongs to.
    fn go_receiver(&self, method: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(method.file);
        let d = facts.def(method.def);
        if self.world.language(method.file) != crate::GO || d.kind != Kind::Method {
            return None;
        }
        self.extensions.of.get(&(method.file, d.scope)).copied()
    }
}

impl GoPackages {
    /// The package of an import path: below a module of that name, in a folder of copies, or the one folder that ends so.
    fn find(&self, world: &World, all: &Modules, from: u32, path: &str) -> Option<Target> {
        let root = world.files[from as usize].root;
        let own = world.unit(from);
        let vendored = self.folder(root, &below(&below(&own.dir, "vendor"), path));
        if let Some(file) = vendored {
            return Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false });
        }
        // Of several modules that hold the path the longest counts; of two versions the one that this unit needs.
        for (name, unit) in &self.modules {
            let Some(rest) = rest_of(path, name).filter(|_| *unit == own.id.0 || all.needs.sees(own.id.0, *unit)) else { continue };
            let needed = all.needs.named(own.id.0, name);
            let row = &world.units[*unit as usize];
            let is_other_version = needed.is_some_and(|n| n != *unit);
            if let Some(file) = self.folder(row.root, &below(&row.dir, rest)).filter(|_| !is_other_version) {
                // Modules side by side under one root stand for each other.
                let stands_in = row.id != own.id && row.own && needed.is_none();
                return Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Proven, stands_in });
            }
        }
        let file = self.folder_ending(root, path)?;
        Some(Target { entity: Entity::Module(file, ScopeId::FILE), certainty: Certainty::Inferred, stands_in: false })
    }

    /// Notes what the structs of a file embed: fields that are bases, too.
    fn add_embedding(&mut self, world: &World, index: u32) {
        let facts = world.facts(index);
        let structs: FxHashSet<DefId> = facts.bases.iter().map(|b| b.0).collect();
        if structs.is_empty() {
            return;
        }
        for field in facts.definitions.iter().filter(|d| d.kind == Kind::Field) {
            if let Some(of) = field.container.filter(|c| structs.contains(c) && !facts.def(*c).name_span.is_empty()) {
                self.embedding.entry(world.gid(index, field.name)).or_default().push(DefRef { file: index, def: of });
            }
        }
    }

    /// A file of the package in a folder.
    fn folder(&self, root: u32, dir: &str) -> Option<u32> {
        self.folders.get(&(root, dir.to_owned())).copied()
    }

    /// A file of the package in the one folder whose path ends so.
    fn folder_ending(&self, root: u32, path: &str) -> Option<u32> {
        if !path.contains('/') {
            return None;
        }
        let mut found = self.folders.iter().filter(|((r, dir), _)| *r == root && dir.strip_suffix(path).is_some_and(|d| d.is_empty() || d.ends_with('/')));
        let first = found.next()?;
        found.next().is_none().then_some(*first.1)
    }
}

/// What follows the path of a module; nothing for another module.
fn rest_of<'p>(path: &'p str, module: &str) -> Option<&'p str> {
    // The standard library is a module of which paths do not say so.
    if module == "std" {
        return Some(path);
    }
    let rest = path.strip_prefix(module)?;
    if rest.is_empty() { Some("") } else { rest.strip_prefix('/') }
}

fn below(dir: &str, path: &str) -> String {
    match (dir, path) {
        ("", p) => p.to_owned(),
        (d, "") => d.to_owned(),
        (d, p) => format!("{d}/{p}"),
    }
}

/// The name of a package by its path: the last part, versions left out.
fn likely_name(path: &str) -> &str {
    let is_version = |p: &str| p.strip_prefix('v').is_some_and(|n| !n.is_empty() && n.bytes().all(|b| b.is_ascii_digit()));
    let mut parts = path.rsplit('/');
    let last = parts.next().unwrap_or(path);
    let last = if is_version(last) { parts.next().unwrap_or(last) } else { last };
    let last = last.split_once(".v").filter(|(_, v)| v.bytes().all(|b| b.is_ascii_digit())).map_or(last, |(name, _)| name);
    last.strip_prefix("go-").unwrap_or(last)
}

/// Beside what is for the usual system the rest are alternatives, not targets of this build. Where nothing is (alternatives by the version
/// of the language, none of which the newest takes) the newest of them, which comes last by name, stands first.
fn usual<T>(world: &World, found: &mut Vec<T>, sym: &dyn Fn(&T) -> Option<DefRef>) {
    let is_here = |one: &T| sym(one).is_some_and(|s| !is_elsewhere(world, s));
    if found.iter().any(is_here) {
        found.retain(is_here);
    } else {
        found.sort_by_key(|one| std::cmp::Reverse(sym(one).map(|s| &world.files[s.file as usize].path)));
    }
}

/// Is a definition for another system, by its build line or by the ending of its file's name?
fn is_elsewhere(world: &World, sym: DefRef) -> bool {
    if world.def(sym).flags.has(Flags::INACTIVE) {
        return true;
    }
    const OTHERS: [&str; 29] = [
        "aix",
        "android",
        "darwin",
        "dragonfly",
        "freebsd",
        "illumos",
        "ios",
        "js",
        "nacl",
        "netbsd",
        "openbsd",
        "plan9",
        "solaris",
        "wasip1",
        "windows",
        "zos",
        "386",
        "arm",
        "arm64",
        "loong64",
        "mips",
        "mips64",
        "mips64le",
        "mipsle",
        "ppc64",
        "ppc64le",
        "riscv64",
        "s390x",
        "wasm",
    ];
    let path = &world.files[sym.file as usize].path;
    let name = path.rsplit('/').next().unwrap_or(path);
    let stem = name.strip_suffix(".go").unwrap_or(name);
    let stem = stem.strip_suffix("_test").unwrap_or(stem);
    stem.split('_').skip(1).any(|p| OTHERS.contains(&p))
}

/// The folder a package is known by, with its root and its name: `root:dir:name`.
pub(super) fn package_key(root: u32, path: &str, name: &str) -> String {
    let dir = path.rsplit_once('/').map_or("", |(d, _)| d);
    format!("{root}:{dir}:{name}")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("fmt", "fmt")]
    #[case::path("example.org/larder/rack", "rack")]
    #[case::version("example.org/larder/v3", "larder")]
    #[case::dotted("example.org/yaml.v2", "yaml")]
    #[case::habit("example.org/go-rack", "rack")]
    fn paths_suggest_names(#[case] path: &str, #[case] name: &str) {
        assert_eq!(likely_name(path), name);
    }

    #[rstest]
    #[case::itself("a.b/c", "a.b/c", Some(""))]
    #[case::below("a.b/c/d/e", "a.b/c", Some("d/e"))]
    #[case::longer_name("a.b/cd", "a.b/c", None)]
    #[case::standard_library("net/http", "std", Some("net/http"))]
    fn modules_hold_paths(#[case] path: &str, #[case] module: &str, #[case] rest: Option<&str>) {
        assert_eq!(rest_of(path, module), rest);
    }
}
