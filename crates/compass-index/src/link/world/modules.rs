//! From the text of an import to the files it means, by the rules of each language's packages.
//!
//! # How it works
//! All paths are known beforehand, so nothing touches the disk. What a language needs to know of all files is prepared by its rules and
//! kept here; what they share is which units see one another, and files by the ends of their paths.

use crate::Certainty;
use crate::link::reuse::needs::Needs;
use crate::link::rules::Prepared;
use crate::link::types::ty::Entity;
use crate::link::world::World;
use rustc_hash::{FxHashMap, FxHashSet};
use std::any::TypeId;
use std::borrow::Cow;

/// Where an import leads: modules with certainty and whether a package stands in for another.
#[derive(Debug, Clone, PartialEq)]
pub struct Target {
    /// What it leads to.
    pub entity: Entity,
    /// How sure that is.
    pub certainty: Certainty,
    /// Does a package stand in for another?
    pub stands_in: bool,
}

/// What is known of all files and units before the first is linked.
#[derive(Default)]
pub struct Modules {
    /// Last part of a path → files, for suffix search.
    by_file_name: FxHashMap<String, Vec<u32>>,
    /// Which units see one another.
    pub needs: Needs,
    /// Units with files, by position.
    live: Vec<u32>,
    prepared: FxHashMap<TypeId, Prepared>,
}

impl Modules {
    /// Asks the rules of all languages what they need to know.
    pub fn new(world: &World) -> Modules {
        let live: FxHashSet<u32> = world.files.iter().map(|f| f.id.unit.0).collect();
        let live = (0..world.units.len() as u32).filter(|u| live.contains(u)).collect();
        let mut modules = Modules { needs: Needs::new(world.units), live, ..Modules::default() };
        if !world.is_lazy() {
            for (index, file) in world.files.iter().enumerate() {
                let name = file.path.rsplit_once('/').map_or(file.path.as_str(), |p| p.1);
                modules.by_file_name.entry(name.to_owned()).or_default().push(index as u32);
            }
        }
        for rules in crate::link::rules::all() {
            if let Some(prepared) = rules.prepare(world, &modules) {
                modules.prepared.insert((*prepared).type_id(), prepared);
            }
        }
        modules
    }

    /// What a language found out about all files: the value that its [`crate::link::rules::Rules::prepare`] gave.
    pub fn of<T: 'static>(&self) -> &T {
        let found = self.prepared.get(&TypeId::of::<T>()).and_then(|p| p.downcast_ref());
        found.expect("rules ask for what they prepared")
    }

    /// Units that have files, with their positions.
    pub fn units<'w>(&self, world: &World<'w>) -> impl Iterator<Item = (u32, &'w crate::UnitRow)> {
        let units = world.units;
        self.live.iter().map(move |u| (*u, &units[*u as usize]))
    }
    /// The files that code of a file's unit can mean.
    pub fn seen<'f>(&self, world: &World, from: u32, files: &'f [u32]) -> Cow<'f, [u32]> {
        if !self.needs.matter() {
            return Cow::Borrowed(files);
        }
        let own = world.files[from as usize].id.unit.0;
        files.iter().copied().filter(|f| self.needs.sees(own, world.files[*f as usize].id.unit.0)).collect()
    }

    /// The one file whose path ends so, the nearest if several.
    pub fn by_suffix(&self, world: &World, from: u32, path: &str) -> Option<u32> {
        let path = path.trim_start_matches("../").trim_start_matches("./");
        let name = path.rsplit('/').next()?;
        let ends_so = |f: &u32| {
            let p = &world.files[*f as usize].path;
            p.strip_suffix(path).is_some_and(|front| front.is_empty() || front.ends_with('/'))
        };
        // With a lazy fact store few ask: a look at all paths is quicker than a map of them.
        let scanned: Vec<u32> = match world.lazy_facts {
            Some(_) => (0..world.files.len() as u32).filter(|f| ends_so(f)).collect(),
            None => Vec::new(),
        };
        let all = if scanned.is_empty() { self.by_file_name.get(name)? } else { &scanned };
        let named = self.seen(world, from, all);
        let candidates: Vec<u32> = named.iter().copied().filter(ends_so).collect();
        nearest(world, from, &candidates)
    }
}

/// Where an import surely leads.
pub fn sure(entity: Entity) -> Target {
    Target { entity, certainty: Certainty::Proven, stands_in: false }
}

/// The candidate in the same unit and with the longest common folder; earlier ones win ties.
pub fn nearest(world: &World, from: u32, candidates: &[u32]) -> Option<u32> {
    candidates.iter().copied().min_by_key(|c| std::cmp::Reverse(closeness(world, from, *c)))
}

/// How near a file is: same file, same unit, common folders, source before stub.
pub fn closeness(world: &World, from: u32, to: u32) -> (bool, bool, usize, bool) {
    let (a, b) = (&world.files[from as usize], &world.files[to as usize]);
    let common = if a.root == b.root { 1 + common_folders(a.path.as_bytes(), b.path.as_bytes()) } else { 0 };
    let is_stub = b.language.profile().stub_endings.iter().any(|e| b.path.ends_with(e));
    (from == to, a.id.unit == b.id.unit, common, !is_stub)
}

/// How many folders two paths share from the top.
fn common_folders(a: &[u8], b: &[u8]) -> usize {
    a.iter().zip(b).take_while(|(x, y)| x == y).filter(|(x, _)| **x == b'/').count()
}

/// A path below a folder, either of which may be empty.
pub fn join(dir: &str, path: &str) -> String {
    match (dir, path) {
        ("", p) => p.to_owned(),
        (d, "") => d.to_owned(),
        (d, p) => format!("{d}/{p}"),
    }
}

/// Takes `.` and `..` out of a path.
pub fn normalise(path: &str) -> String {
    let mut parts: Vec<&str> = Vec::new();
    for part in path.split('/') {
        match part {
            "" | "." => {}
            ".." => {
                parts.pop();
            }
            p => parts.push(p),
        }
    }
    parts.join("/")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("a/b", "a/b")]
    #[case::dots("a/./b/../c", "a/c")]
    #[case::above_the_root("../../a", "a")]
    fn paths_are_normalised(#[case] path: &str, #[case] wanted: &str) {
        assert_eq!(normalise(path), wanted);
    }
}
