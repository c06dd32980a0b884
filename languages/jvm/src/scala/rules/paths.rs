//! Paths: packages, objects, and what lies within values.

use super::members::ScalaMembers as _;
use super::scopes::{ScalaScopes as _, Wanted};
use super::{Space, definition};
use crate::rules::JavaNames as _;
use compass_facts::{Import, ImportKind, ScopeId, TypeExpr, TypeId};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Reason, Target, Ty};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// Paths that lead to paths are followed so far.
const MOST_PATHS: u32 = 3;

/// What a path leads to.
#[derive(Clone)]
pub(super) enum Place {
    Package(String),
    Value(Ty, Certainty),
}

#[ext(Paths)]
pub(super) impl Evaluator<'_, '_> {
    /// What a path written in a file leads to; `asking` is the name that is looked for through it.
    fn scala_path(&mut self, file: u32, scope: ScopeId, path: &str, asking: Option<GlobalNameId>, depth: u32) -> Option<Place> {
        if depth > MOST_PATHS {
            return None;
        }
        let path = path.strip_prefix("_root_.").unwrap_or(path);
        let parts: Vec<&str> = path.split('.').collect();
        // A value or object of that name goes before a package.
        if let Some(gid) = self.world.find_gid(parts[0])
            && asking != Some(gid)
            && !self.java_packages().leads_on(parts[0])
        {
            let found = self.scala_plain_at(file, scope, Wanted { name: gid, space: Space::Terms, number: None, depth: depth + 1 });
            if let Some(hit) = found.hits.first() {
                let meaning = self.meaning_of(&Lookup { hits: vec![hit.clone()], cause: Cause::NoDefinition }, gid);
                if !meaning.ty.is_unknown() {
                    return self.scala_path_within(meaning.ty, meaning.certainty, &parts[1..]);
                }
            }
        }
        for base in self.scala_visible_packages(file) {
            let whole = if base.is_empty() { path.to_owned() } else { format!("{base}.{path}") };
            if let Some(place) = self.scala_absolute(&whole, !base.is_empty()) {
                return Some(place);
            }
        }
        None
    }

    /// Packages whose content needs no import, and at the end the outermost.
    fn scala_visible_packages(&mut self, file: u32) -> Vec<String> {
        let facts = self.world.facts(file);
        let mut out: Vec<String> = self.java_packages().of(file).map(str::to_owned).into_iter().collect();
        for (_, id) in self.world.globs(file) {
            let import = facts.import(*id);
            if import.name_span.is_empty() {
                out.push(facts.name(import.module).to_owned());
            }
        }
        out.push(String::new());
        out
    }

    /// A path from the outermost package on.
    fn scala_absolute(&mut self, path: &str, is_relative: bool) -> Option<Place> {
        let first = path.split('.').next().unwrap_or_default();
        if !self.java_packages().leads_on(first) {
            return None;
        }
        let parts: Vec<&str> = path.split('.').collect();
        for length in (1..=parts.len()).rev() {
            let package = parts[..length].join(".");
            if !self.java_packages().leads_on(&package) {
                continue;
            }
            if length == parts.len() {
                return Some(Place::Package(package));
            }
            let gid = self.world.find_gid(parts[length])?;
            self.world.dependency_log.note(gid);
            let mut found = self.scala_in_package(&package, gid, Space::Terms);
            if found.is_empty() {
                found = self.scala_in_package(&package, gid, Space::Types);
            }
            if let Some(hit) = found.first() {
                let meaning = self.meaning_of(&Lookup { hits: vec![hit.clone()], cause: Cause::NoDefinition }, gid);
                return self.scala_path_within(meaning.ty, meaning.certainty, &parts[length + 1..]);
            }
            if !is_relative {
                return None;
            }
        }
        None
    }

    fn scala_path_within(&mut self, of: Ty, certainty: Certainty, rest: &[&str]) -> Option<Place> {
        let mut of = of;
        for part in rest {
            let gid = self.world.find_gid(part)?;
            self.world.dependency_log.note(gid);
            let mut found = self.scala_members(&of, gid, Space::Terms, None).0;
            if found.is_empty() {
                found = self.scala_members(&of, gid, Space::Types, None).0;
            }
            let first = found.into_iter().next()?;
            let sym = definition(&first.hit)?;
            of = self.scala_value_of(sym, &first.of).ty;
        }
        Some(Place::Value(of, certainty))
    }

    /// The package that an expression of plain names stands for.
    fn scala_package_of(&mut self, file: u32, of: TypeId) -> Option<String> {
        let facts = self.world.facts(file);
        let (path, leads_on) = match facts.ty(of) {
            TypeExpr::Name { name, scope, .. } => {
                if let Some(package) = self.scala_imported_package(file, *scope, self.world.gid(file, *name)) {
                    return Some(package);
                }
                (facts.name(*name).to_owned(), true)
            }
            TypeExpr::Member { of, name } => {
                let outer = self.scala_package_of(file, *of)?;
                (format!("{outer}.{}", facts.name(*name)), false)
            }
            _ => return None,
        };
        if path == "_root_" {
            return Some(path);
        }
        let path = path.strip_prefix("_root_.").unwrap_or(&path).to_owned();
        if leads_on {
            for base in self.scala_visible_packages(file) {
                let whole = if base.is_empty() { path.clone() } else { format!("{base}.{path}") };
                if self.java_packages().leads_on(&whole) {
                    return Some(whole);
                }
            }
            return None;
        }
        self.java_packages().leads_on(&path).then_some(path)
    }

    /// The package that an import gives a name to.
    fn scala_imported_package(&mut self, file: u32, scope: ScopeId, name: GlobalNameId) -> Option<String> {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            let imports: Vec<_> = self.world.bindings(file, id, name).filter_map(|b| if let Binding::Import(i) = b { Some(i) } else { None }).collect();
            for import in imports {
                let import = facts.import(import);
                let word = import.name.map_or("", |n| facts.name(n));
                let module = facts.name(import.module);
                for base in self.scala_visible_packages(file) {
                    let whole = if base.is_empty() { format!("{module}.{word}") } else { format!("{base}.{module}.{word}") };
                    if self.java_packages().leads_on(&whole) {
                        return Some(whole);
                    }
                }
            }
            at = facts.scope(id).parent;
        }
        None
    }

    /// What a package has under a name, in whichever language it is written.
    fn scala_in_package(&mut self, package: &str, name: GlobalNameId, space: Space) -> Vec<Hit> {
        let world = self.world;
        let packages = self.java_packages();
        let is_in = |s: &&DefRef| crate::is_jvm(world.language(s.file)) && world.def(**s).scope == ScopeId::FILE && packages.of(s.file) == Some(package);
        let all: Vec<DefRef> = packages.within(package, world.named(name)).iter().filter(is_in).copied().collect();
        let own = self.scala_of_space(all, space);
        if !own.is_empty() {
            return own.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect();
        }
        // What the object of the package has.
        let Some(object) = world.find_gid("package") else { return Vec::new() };
        let objects: Vec<DefRef> = packages.within(package, world.named(object)).iter().filter(is_in).copied().collect();
        for object in objects {
            let found = self.scala_members_of(&Ty::Item(object, Ty::no_args(), None), name, space, None).0;
            if !found.is_empty() {
                return found.into_iter().map(|f| f.hit).collect();
            }
        }
        Vec::new()
    }

    /// What the name bound by an import means.
    fn scala_follow(&mut self, file: u32, import: &Import, space: Option<Space>, depth: u32) -> Lookup {
        let facts = self.world.facts(file);
        let module = facts.name(import.module).to_owned();
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let Some(name) = import.name.map(|n| self.world.gid(file, n)) else { return Lookup::none(Cause::NoDefinition) };
        let bound = import.bound.map(|n| self.world.gid(file, n));
        let mut hits = Vec::new();
        let place = self.scala_path(file, import.scope, &module, bound, depth);
        for space in space.map_or(vec![Space::Terms, Space::Types], |s| vec![s]) {
            for hit in self.scala_in_place(place.as_ref(), name, space) {
                if !hits.iter().any(|h: &Hit| h.entity == hit.entity) {
                    hits.push(hit);
                }
            }
        }
        if hits.is_empty() {
            let is_absent = match &place {
                None => true,
                Some(Place::Package(_)) => space.is_none(),
                Some(Place::Value(..)) => false,
            };
            if !is_absent {
                return Lookup::none(Cause::NoDefinition);
            }
            return Lookup {
                hits: vec![Hit { entity: Entity::External(name), certainty: Certainty::Proven, reasons: vec![reason] }],
                cause: Cause::UnitAbsent,
            };
        }
        hits.iter_mut().for_each(|h| h.reasons.insert(0, reason));
        Lookup { hits, cause: Cause::NoDefinition }
    }

    fn scala_in_place(&mut self, place: Option<&Place>, name: GlobalNameId, space: Space) -> Vec<Hit> {
        match place {
            Some(Place::Package(package)) => self.scala_in_package(package, name, space),
            Some(Place::Value(of, certainty)) => {
                let found = self.scala_members(of, name, space, None).0;
                found.into_iter().map(|f| Hit { certainty: f.hit.certainty.min(*certainty), ..f.hit }).collect()
            }
            None => Vec::new(),
        }
    }

    /// The files an import leads to.
    fn scala_targets(&mut self, file: u32, import: &Import) -> Vec<Target> {
        let package = Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false };
        let to_file = |s: DefRef| Target { entity: Entity::Module(s.file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false };
        let module = self.world.facts(file).name(import.module).to_owned();
        match import.kind {
            ImportKind::Within => vec![package],
            ImportKind::Glob => match self.scala_path(file, import.scope, &module, None, 0) {
                Some(Place::Package(_)) => vec![package],
                Some(Place::Value(Ty::Item(s, ..) | Ty::Value(s, _), _)) => vec![to_file(s)],
                _ => Vec::new(),
            },
            _ => {
                let found = self.scala_follow(file, import, None, 0);
                let first = found.hits.iter().filter_map(definition).map(to_file).next();
                if first.is_some() {
                    return first.into_iter().collect();
                }
                let name = import.name.map(|n| self.world.facts(file).name(n).to_owned()).unwrap_or_default();
                if self.java_packages().leads_on(&format!("{module}.{name}")) { vec![package] } else { Vec::new() }
            }
        }
    }
}
