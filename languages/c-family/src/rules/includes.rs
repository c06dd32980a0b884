//! C and C++: from the words of an include to the file, and who includes whom.

use crate::profile::templates;
use compass_facts::{ImportKind, ScopeId};
use compass_index::Certainty;
use compass_index::linking::{Entity, Modules, Target, World, join, nearest, normalise, sure};
use rustc_hash::FxHashMap;

/// Who includes whom, without the files between.
#[derive(Default)]
pub(super) struct Includes {
    included: Edges,
    includers: Edges,
}

/// From files to files, by position: those of one stand side by side.
#[derive(Default)]
struct Edges {
    starts: Vec<u32>,
    to: Vec<u32>,
}

impl Edges {
    fn of(files: usize, pairs: impl Iterator<Item = (u32, u32)> + Clone) -> Edges {
        let mut starts = vec![0u32; files + 1];
        pairs.clone().for_each(|(from, _)| starts[from as usize + 1] += 1);
        for i in 1..starts.len() {
            starts[i] += starts[i - 1];
        }
        let mut next = starts.clone();
        let mut to = vec![0; starts.last().map_or(0, |n| *n as usize)];
        for (from, target) in pairs {
            let place = &mut next[from as usize];
            to[*place as usize] = target;
            *place += 1;
        }
        Edges { starts, to }
    }

    fn of_file(&self, file: u32) -> &[u32] {
        let range = self.starts.get(file as usize).zip(self.starts.get(file as usize + 1));
        range.and_then(|(from, to)| self.to.get(*from as usize..*to as usize)).unwrap_or(&[])
    }
}

impl Includes {
    /// Finds what every file of C and C++ includes. The same words in the same folder lead to the same file.
    pub(super) fn new(world: &World, modules: &Modules, headers: &Headers) -> Includes {
        let mut known: FxHashMap<(u32, &str, &str, bool), Option<u32>> = FxHashMap::default();
        let mut pairs: Vec<(u32, u32)> = world.stored_includes();
        for (index, file) in world.files.iter().enumerate() {
            let from = index as u32;
            if !file.language.is_kin_of(crate::C) || !world.is_at_hand(from) {
                continue;
            }
            let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
            let mut found = Vec::new();
            for import in file.facts.imports.iter().filter(|i| i.kind == ImportKind::Include) {
                let path = file.facts.name(import.module);
                let target =
                    *known.entry((file.root, dir, path, import.system)).or_insert_with(|| match headers.include(world, modules, from, path, import.system) {
                        Some(Target { entity: Entity::Module(f, _), .. }) => Some(f),
                        _ => None,
                    });
                found.extend(target.filter(|t| *t != from));
            }
            found.sort_unstable();
            found.dedup();
            pairs.extend(found.into_iter().map(|to| (from, to)));
        }
        let files = world.files.len();
        let (included, includers) = (Edges::of(files, pairs.iter().copied()), Edges::of(files, pairs.iter().map(|(from, to)| (*to, *from))));
        world.keep_includes(pairs);
        Includes { included, includers }
    }

    pub(super) fn included(&self, file: u32) -> &[u32] {
        self.included.of_file(file)
    }

    pub(super) fn includers(&self, file: u32) -> &[u32] {
        self.includers.of_file(file)
    }
}

/// Where headers are.
pub(super) struct Headers {
    /// Folders outside the own ones, in the compiler's order, and whether C++ alone looks there.
    outside: Vec<(u32, bool)>,
    /// The root of the declarations that come with this program.
    declared: Option<u32>,
    /// Files of which the build makes headers, and where the name of the header ends in their path.
    templates: Vec<(u32, usize)>,
}

/// The folder of those declarations, below their root.
const DECLARED: &str = "c";
/// The folder of those of C++, below that of C.
const OF_CPP: &str = "c++";

impl Headers {
    pub(super) fn new(world: &World) -> Headers {
        let root_of = |folder: &std::path::PathBuf| world.units.iter().find(|u| u.home == folder.to_string_lossy() && !u.own).map(|u| u.root);
        let folders = world.build.outside_folders.iter();
        let declared = world.units.iter().find(|u| u.is_declared() && u.dir == DECLARED).map(|u| u.root);
        let outside = folders.filter_map(|f| Some((root_of(f)?, crate::packages::is_of_cpp(f)))).collect();
        let is_template = |path: &str| templates().find_map(|ending| path.strip_suffix(ending)).filter(|header| header.ends_with(".h")).map(str::len);
        let templates = world.files.iter().enumerate().filter_map(|(i, f)| Some((i as u32, is_template(&f.path)?))).collect();
        Headers { outside, declared, templates }
    }

    /// What the build makes a header of that is not there: `config.h.in`; the nearest of several.
    fn template(&self, world: &World, from: u32, path: &str) -> Option<u32> {
        let path = path.trim_start_matches("../").trim_start_matches("./");
        let is_meant = |(file, end): &&(u32, usize)| {
            let file = &world.files[*file as usize];
            let front = file.path[..*end].strip_suffix(path);
            file.root == world.files[from as usize].root && front.is_some_and(|front| front.is_empty() || front.ends_with('/'))
        };
        let candidates: Vec<u32> = self.templates.iter().filter(is_meant).map(|t| t.0).collect();
        nearest(world, from, &candidates)
    }

    /// The file that an include leads to.
    pub(super) fn include(&self, world: &World, all: &Modules, from: u32, path: &str, system: bool) -> Option<Target> {
        let file = &world.files[from as usize];
        let dir = file.path.rsplit_once('/').map_or("", |(d, _)| d);
        let get = |p: &str| world.by_path.get(&(file.root, normalise(p).as_str())).copied();
        if !system && let Some(f) = get(&join(dir, path)) {
            return Some(sure(Entity::Module(f, ScopeId::FILE)));
        }
        let unit = world.unit(from);
        let configured = world.build.include_folders.iter().map(|f| join(f, path));
        let usual = ["include", "src", "lib", ""].iter().map(|d| join(&join(&unit.dir, d), path));
        // A header that asks for its own name in angles wants the next one.
        if let Some(f) = configured.chain(usual).find_map(|p| get(&p).filter(|f| *f != from)) {
            return Some(Target { entity: Entity::Module(f, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false });
        }
        if let Some(found) = self.outside(world, from, path) {
            return Some(found);
        }
        let own = all.by_suffix(world, from, path).or_else(|| self.template(world, from, path));
        // `include/string.h` of a library of C is what its files mean; `text/string.h` is not.
        let declared = self.declared(world, from, path).filter(|_| system);
        let is_meant = |f: &u32| declared.is_none() || world.files[*f as usize].path.ends_with(&join("include", path));
        let Some(found) = own.filter(is_meant) else { return declared };
        Some(Target { entity: Entity::Module(found, ScopeId::FILE), certainty: Certainty::Inferred, stands_in: false })
    }

    /// A header of the standard library, as this program declares it. Those of C++ have no ending where they are included, and `<cstring>` is
    /// `<string.h>` where C++ says nothing of its own.
    fn declared(&self, world: &World, from: u32, path: &str) -> Option<Target> {
        let root = self.declared?;
        let of_cpp = world.language(from) == crate::CPP && !path.contains('.');
        let get = |path: &str| world.by_path.get(&(root, join(DECLARED, path).as_str())).copied();
        let in_c = || path.strip_prefix('c').and_then(|p| get(&format!("{p}.h")));
        let file = if of_cpp { get(&format!("{OF_CPP}/{path}.hpp")).or_else(in_c) } else { get(path) };
        file.filter(|f| *f != from).map(|f| sure(Entity::Module(f, ScopeId::FILE)))
    }

    /// Is it a header of the library as this program declares it?
    pub(super) fn declares(&self, world: &World, path: &str) -> bool {
        self.declared.is_some_and(|root| world.by_path.contains_key(&(root, join(DECLARED, path).as_str())))
    }

    /// A header in the folders of the compiler, in their order; never the one that asks.
    fn outside(&self, world: &World, from: u32, path: &str) -> Option<Target> {
        let cpp = world.language(from) == crate::CPP;
        let path = normalise(path);
        let usable = self.outside.iter().filter(|r| cpp || !r.1);
        let file = usable.filter_map(|(root, _)| world.by_path.get(&(*root, path.as_str()))).find(|f| **f != from)?;
        Some(sure(Entity::Module(*file, ScopeId::FILE)))
    }
}
