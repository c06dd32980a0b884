//! Python: modules by dotted names and folders, attributes of classes that may be overridden, what test runners hand to parameters.

mod builtins;

use crate::rules::builtins::Builtins as _;
use compass_facts::{Facts, Flags, ImportId, Kind, ScopeId, ScopeKind, TypeExpr, TypeId};
use compass_index::linking::{
    DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Meaning, Modules, Namespace, Prepared, Rules, Site, Target, Ty, World, join, nearest, sure,
};
use compass_index::{Cause, Certainty};
use rustc_hash::FxHashMap;
use std::borrow::Cow;
use std::rc::Rc;

/// See the module.
pub(super) struct Python;

/// Modules and packages of all files.
#[derive(Default)]
struct PythonModules {
    /// Dotted names.
    named: FxHashMap<String, Vec<u32>>,
    /// Folders that are packages without a file: `(root, path)`.
    folders: Vec<(u32, String)>,
    folder_ids: FxHashMap<(u32, String), u32>,
    /// The file of what is there without any import.
    builtins: Option<u32>,
}

impl Rules for Python {
    fn prepare(&self, world: &World, _: &Modules) -> Option<Prepared> {
        let mut modules = PythonModules::default();
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::PYTHON && !world.is_lazy());
        for (index, file) in files {
            modules.named.entry(dotted(world, file.root, &file.path)).or_default().push(index as u32);
            modules.add_folders(file.root, &file.path);
        }
        // The library itself, or a package that stands in for a part of it, comes before its declarations.
        let is_there = |f: &u32| !world.unit(*f).own && !builtins::is_declared(world, *f);
        for files in modules.named.values_mut().filter(|files| files.iter().any(is_there)) {
            files.retain(|f| !builtins::is_declared(world, *f));
        }
        let declared = world.files.iter().enumerate().filter(|(i, f)| f.language == crate::PYTHON && builtins::is_declared(world, *i as u32));
        modules.builtins = declared.filter(|(_, f)| f.path.ends_with(builtins::FILE)).map(|(i, _)| i as u32).next();
        Some(Box::new(modules))
    }

    fn words(&self) -> &'static [&'static str] {
        &builtins::STANDING
    }

    fn beyond_scopes(&self, e: &mut Evaluator, file: u32, name: GlobalNameId, _: Namespace, cause: Cause) -> Lookup {
        let Some(found) = e.builtin(name).filter(|_| cause == Cause::NoDefinition) else { return Lookup::none(cause) };
        // What a star import of an absent module may bring comes first.
        let certainty = if e.has_absent_glob(file) { Certainty::Inferred } else { Certainty::Proven };
        Lookup { hits: vec![Hit { certainty, ..found }], cause }
    }

    fn member_of_language(&self, e: &mut Evaluator, file: u32, owner: &Ty, name: GlobalNameId) -> Option<(Lookup, Option<Ty>)> {
        e.member_of_written(file, owner, name)
    }

    fn keep_likely(&self, e: &Evaluator, _: u32, found: &mut Vec<(DefRef, Kind, Flags)>) {
        builtins::keep_likely(e.world, found);
    }

    fn functions_hide_members(&self) -> bool {
        true
    }

    fn in_scope(&self, e: &mut Evaluator, at: Site, name: GlobalNameId, wanted: Namespace) -> Lookup {
        match e.world.facts(at.file).scope(at.scope).kind {
            ScopeKind::Type if !at.direct => Lookup::none(Cause::NoDefinition),
            _ => e.in_one_scope(at, name, wanted),
        }
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let modules = e.modules.of::<PythonModules>();
        modules.find(e.world, e.modules, file, facts.name(facts.import(id).module)).into_iter().collect()
    }

    fn behind_module(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let found = e.module_member(from, file, scope, name);
        if found.is_empty() { child(e, Entity::Module(file, scope), name).unwrap_or(found) } else { found }
    }

    fn behind_folder(&self, e: &mut Evaluator, folder: u32, name: GlobalNameId) -> Lookup {
        child(e, Entity::Folder(folder), name).unwrap_or(Lookup::none(Cause::NoDefinition))
    }

    /// `Class(name=…)`: a parameter of `__init__`, or a field where the constructor is made by a decorator.
    fn key_of_type(&self, e: &mut Evaluator, file: u32, _: &Ty, class: DefRef, name: GlobalNameId) -> Lookup {
        let value = Ty::Value(class, Ty::no_args());
        if let Some(init) = e.world.find_gid("__init__") {
            let found = e.members(file, &value, init);
            if let Some(Hit { entity: Entity::DefRef(method), .. }) = found.hits.first() {
                return e.parameter(*method, name);
            }
        }
        e.members(file, &value, name)
    }

    fn members_are_dynamic(&self) -> bool {
        true
    }

    fn is_told_by_members(&self, e: &mut Evaluator, class: DefRef) -> bool {
        let facts = e.world.facts(class.file);
        facts.bases.iter().filter(|b| b.0 == class.def).any(|b| says_protocol(facts, b.1))
    }

    fn is_receiver(&self, parameter: &str) -> bool {
        parameter == "self"
    }

    fn call_member(&self) -> Option<&'static str> {
        Some("__call__")
    }

    fn element_members(&self) -> &'static [&'static str] {
        &["__iter__"]
    }

    fn indexed(&self, e: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
        let Some(gid) = e.world.find_gid("__getitem__") else { return Ty::Unknown(Cause::ReceiverUnknown) };
        let found = e.members(of.file, &Ty::Value(of, arguments), gid);
        match found.hits.first().map(|h| h.entity) {
            Some(Entity::DefRef(method)) => e.result_of_item(method, Ty::no_args(), None).ty,
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    fn promises(&self) -> &'static [&'static str] {
        &["Awaitable", "Coroutine", "Future", "Task"]
    }

    fn passed_on(&self, e: &mut Evaluator, _: u32, of: &Ty, name: GlobalNameId) -> Option<Ty> {
        let word = e.world.name(name);
        let function = |t: Ty| Some(Ty::Function(Rc::new(t)));
        match of {
            Ty::List(inner) => match word {
                "pop" | "popleft" | "remove" | "get" => function((**inner).clone()),
                "copy" | "reverse" | "sort" => function(of.clone()),
                _ => None,
            },
            Ty::Map(inner) => match word {
                "get" | "pop" | "setdefault" => function((**inner).clone()),
                "values" => function(Ty::List(inner.clone())),
                "items" => {
                    let pair = [Ty::Unknown(Cause::Builtin), (**inner).clone()];
                    function(Ty::List(Rc::new(Ty::Tuple(Rc::from(pair)))))
                }
                "copy" => function(of.clone()),
                _ => None,
            },
            Ty::External(_, args) if !args.is_empty() => match word {
                "pop" | "get" | "popleft" | "get_nowait" | "result" => function(args[0].clone()),
                "copy" => function(of.clone()),
                "values" => function(Ty::List(Rc::new(args.last().cloned().unwrap_or(Ty::Unknown(Cause::Builtin))))),
                "keys" => function(Ty::List(Rc::new(args[0].clone()))),
                _ => None,
            },
            _ => None,
        }
    }

    /// Parameters of tests in Python are given by functions of their name, in the file or in a `conftest.py` of a folder around:
    /// a convention of its test runners.
    fn handed_by_name(&self, e: &mut Evaluator, parameter: DefRef) -> Option<Meaning> {
        let world = e.world;
        let file = &world.files[parameter.file as usize];
        let (dir, name) = file.path.rsplit_once('/').unwrap_or(("", &file.path));
        let is_test = name.starts_with("test_") || name.ends_with("_test.py") || name == "conftest.py";
        if file.language != crate::PYTHON || !is_test || world.def(parameter).kind != Kind::Parameter {
            return None;
        }
        let word = world.gid(parameter.file, world.def(parameter).name);
        let reaches = |s: &DefRef| {
            let path = &world.files[s.file as usize].path;
            let around = path.strip_suffix("conftest.py").map(|d| d.trim_end_matches('/'));
            s.file == parameter.file || around.is_some_and(|d| d.is_empty() || dir == d || dir.strip_prefix(d).is_some_and(|r| r.starts_with('/')))
        };
        let is_function = |s: &DefRef| world.language(s.file) == crate::PYTHON && world.def(*s).kind == Kind::Function && world.def(*s).scope == ScopeId::FILE;
        let found = world.named(word).iter().filter(|s| is_function(s) && reaches(s));
        // The nearest one: that of the file, else of the deepest folder.
        let giver = *found.max_by_key(|s| (s.file == parameter.file, world.files[s.file as usize].path.len()))?;
        let result = e.result(Ty::Item(giver, Ty::no_args(), None));
        let ty = if world.def(giver).flags.has(Flags::GENERATOR) { e.element(giver.file, result.ty) } else { result.ty };
        Some(Meaning { ty, certainty: result.certainty.min(Certainty::Inferred), reasons: result.reasons })
    }
}

/// A part of a package: a module or a package within.
fn child(e: &Evaluator, of: Entity, name: GlobalNameId) -> Option<Lookup> {
    let entity = e.modules.of::<PythonModules>().child(e.world, of, e.world.name(name))?;
    Some(Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition })
}

impl PythonModules {
    fn add_folders(&mut self, root: u32, path: &str) {
        let mut at = path;
        while let Some((dir, _)) = at.rsplit_once('/') {
            let next = self.folders.len() as u32;
            let key = (root, dir.to_owned());
            if self.folder_ids.contains_key(&key) {
                break;
            }
            self.folder_ids.insert(key.clone(), next);
            self.folders.push(key);
            at = dir;
        }
    }

    /// A module: leading dots are relative.
    fn find(&self, world: &World, all: &Modules, from: u32, module: &str) -> Option<Target> {
        let file = &world.files[from as usize];
        let dots = module.len() - module.trim_start_matches('.').len();
        let rest = &module[dots..];
        let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
        if dots > 0 {
            let mut base = dir;
            for _ in 1..dots {
                base = base.rsplit_once('/').map_or("", |(d, _)| d);
            }
            let path = join(base, &rest.replace('.', "/"));
            return self.at_path(world, file.root, &path).map(sure);
        }
        let seen: Cow<[u32]> = self.named.get(rest).map(|files| all.seen(world, from, files)).unwrap_or_default();
        if !seen.is_empty() {
            return named_alike(world, from, &seen, rest);
        }
        // Scripts import their neighbours; folders without `__init__` are packages by their path.
        let path = rest.replace('.', "/");
        let beside = self.at_path(world, file.root, &join(dir, &path));
        let at_root = beside.or_else(|| self.at_path(world, file.root, &path)).or_else(|| self.installed(world, all, from, &path));
        let found = at_root.or_else(|| self.by_suffix(world, all, from, &path))?;
        Some(Target { entity: found, certainty: Certainty::Inferred, stands_in: false })
    }

    /// The module or package at a path.
    fn at_path(&self, world: &World, root: u32, path: &str) -> Option<Entity> {
        for candidate in [join(path, "__init__.py"), format!("{path}.py"), join(path, "__init__.pyi"), format!("{path}.pyi")] {
            if let Some(&file) = world.by_path.get(&(root, candidate.as_str())) {
                return Some(Entity::Module(file, ScopeId::FILE));
            }
        }
        self.folder_ids.get(&(root, path.to_owned())).map(|f| Entity::Folder(*f))
    }

    /// A folder of an installed distribution that is a package without a file.
    fn installed(&self, world: &World, all: &Modules, from: u32, path: &str) -> Option<Entity> {
        let own = world.files[from as usize].id.unit.0;
        let mut roots: Vec<u32> = world.units.iter().filter(|u| u.ecosystem == "python" && !u.own && all.needs.sees(own, u.id.0)).map(|u| u.root).collect();
        roots.sort_unstable();
        roots.dedup();
        roots.into_iter().find_map(|root| self.at_path(world, root, path))
    }

    fn by_suffix(&self, world: &World, all: &Modules, from: u32, path: &str) -> Option<Entity> {
        if !path.contains('/') {
            return None;
        }
        [format!("{path}.py"), format!("{path}/__init__.py")].iter().find_map(|p| Some(Entity::Module(all.by_suffix(world, from, p)?, ScopeId::FILE)))
    }

    /// A part of a package: module or sub-package.
    fn child(&self, world: &World, of: Entity, name: &str) -> Option<Entity> {
        match of {
            Entity::Module(file, ScopeId::FILE) => {
                let f = &world.files[file as usize];
                let dir = f.path.strip_suffix("/__init__.py").or_else(|| f.path.strip_suffix("/__init__.pyi"))?;
                self.at_path(world, f.root, &join(dir, name))
            }
            Entity::Folder(id) => {
                let (root, dir) = &self.folders[id as usize];
                self.at_path(world, *root, &join(dir, name))
            }
            _ => None,
        }
    }
}

/// The file that a module's name means, of those that are called so. Where a module of the library is among them, one of the code itself is
/// meant only from its own folder and those below: from elsewhere no search path leads there.
fn named_alike(world: &World, from: u32, found: &[u32], module: &str) -> Option<Target> {
    let is_of_library = |f: &&u32| builtins::is_library(world, **f);
    let is_shared = found.iter().any(|f| is_of_library(&f)) && found.iter().any(|f| world.unit(*f).own);
    let reaches = |f: &&u32| world.unit(**f).own && is_reached(world, from, **f, module);
    let own: Vec<u32> = if is_shared { found.iter().filter(reaches).copied().collect() } else { Vec::new() };
    let candidates: Cow<[u32]> = match (is_shared, own.is_empty()) {
        (false, _) => Cow::Borrowed(found),
        (true, false) => Cow::Owned(own),
        (true, true) => found.iter().filter(is_of_library).copied().collect(),
    };
    let found = nearest(world, from, &candidates)?;
    let other_unit = world.files[found as usize].id.unit != world.files[from as usize].id.unit;
    let stands_in = other_unit && world.unit(found).own;
    let is_open = stands_in || is_shared || candidates.len() > 1 && other_unit;
    let certainty = if is_open { Certainty::Inferred } else { Certainty::Proven };
    Some(Target { entity: Entity::Module(found, ScopeId::FILE), certainty, stands_in })
}

/// Does the importing file stand in the folder that the module's name begins in, or below it?
fn is_reached(world: &World, from: u32, module_file: u32, module: &str) -> bool {
    let (file, path) = (&world.files[from as usize], &world.files[module_file as usize].path);
    let stem = path.strip_suffix("/__init__.py").or_else(|| path.strip_suffix(".py")).unwrap_or(path);
    let Some(folder) = stem.strip_suffix(&module.replace('.', "/")) else { return false };
    file.root == world.files[module_file as usize].root && file.path.starts_with(folder)
}

/// The dotted name of a Python file: from the outermost folder that is a package.
fn dotted(world: &World, root: u32, path: &str) -> String {
    let stem = path.strip_suffix(".pyi").or_else(|| path.strip_suffix(".py")).unwrap_or(path);
    let stem = stem.strip_suffix("/__init__").unwrap_or(stem);
    let mut start = stem.rfind('/').map_or(0, |i| i + 1);
    while start > 0 {
        let dir = &stem[..start - 1];
        let is_package = ["__init__.py", "__init__.pyi"].iter().any(|f| world_has(world, root, dir, f));
        if !is_package {
            break;
        }
        start = dir.rfind('/').map_or(0, |i| i + 1);
    }
    stem[start..].replace('/', ".")
}

fn world_has(world: &World, root: u32, dir: &str, file: &str) -> bool {
    world.by_path.contains_key(&(root, join(dir, file).as_str()))
}

/// `Protocol`, `typing.Protocol`, `Protocol[T]`.
fn says_protocol(facts: &Facts, base: TypeId) -> bool {
    match facts.ty(base) {
        TypeExpr::Generic { of, .. } | TypeExpr::Index(of) => says_protocol(facts, *of),
        other => other.name().is_some_and(|n| facts.name(n) == "Protocol"),
    }
}
