//! Manifests: names of the file, of what it includes, of what includes it; targets may be files, or made by a rule with a pattern.

use compass_facts::{ImportId, ImportKind, Kind, Role, ScopeId, TypeExpr, TypeId, Use};
use compass_index::linking::{
    Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, IMPORTS, Lookup, Meaning, Namespace, Rules, Target, is_builtin, join, normalise,
};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// See the module.
pub(super) struct ManifestRules;

/// Files included by files included, above this many, are not looked at.
const MOST_INCLUDED: usize = 128;
/// More definitions than this say nothing.
const MOST: usize = 12;
/// Names of makefiles, in the order in which make looks for them.
const MAKEFILES: [&str; 3] = ["GNUmakefile", "makefile", "Makefile"];

impl Rules for ManifestRules {
    fn words(&self) -> &'static [&'static str] {
        &[IMPORTS]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Type => Namespace::Type,
            Role::Read | Role::Write => Namespace::Value,
            _ => Namespace::Any,
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, _: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.manifest_plain(file, name, wanted)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let found = e.manifest_file(file, id);
        found.map(|(f, certainty)| Target { entity: Entity::Module(f, ScopeId::FILE), certainty, stands_in: false }).into_iter().collect()
    }

    /// A target of the makefile of another folder.
    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        let TypeExpr::Name { name: folder, .. } = *e.world.facts(file).ty(of) else { return Lookup::none(Cause::Dynamic) };
        let folder = e.world.facts(file).name(folder).to_owned();
        match e.manifest_of_folder(file, &folder) {
            Some(other) => e.manifest_plain(other, name, Namespace::Method),
            None => Lookup::none(if folder.contains('$') { Cause::Dynamic } else { Cause::UnitAbsent }),
        }
    }

    fn member_meaning(&self, _: &mut Evaluator, _: u32, _: TypeId, _: GlobalNameId) -> Meaning {
        Meaning::unknown(Cause::Dynamic)
    }
}

fn is_wanted(kind: Kind, wanted: Namespace) -> bool {
    match wanted {
        Namespace::Method => kind == Kind::Function,
        Namespace::Type => kind == Kind::Struct,
        Namespace::Value => kind == Kind::Variable,
        _ => matches!(kind, Kind::Function | Kind::Variable | Kind::Struct),
    }
}

/// Does a name fit a pattern with one `%`?
fn fits(pattern: &str, name: &str) -> bool {
    let Some((front, end)) = pattern.split_once('%') else { return false };
    name.len() > front.len() + end.len() && name.starts_with(front) && name.ends_with(end)
}

#[ext(ManifestNames)]
impl Evaluator<'_, '_> {
    fn manifest_bound(&self, file: u32, name: GlobalNameId, wanted: Namespace) -> Vec<DefRef> {
        let world = self.world;
        let found = world.bindings(file, ScopeId::FILE, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None });
        found.filter(|s| is_wanted(world.def(*s).kind, wanted)).take(MOST).collect()
    }

    fn manifest_hits(&mut self, found: &[DefRef], most: Certainty) -> Lookup {
        let certainty = if found.len() == 1 { most } else { Certainty::Inferred };
        Lookup { hits: found.iter().map(|s| self.by_name_hit(*s, certainty)).collect(), cause: Cause::NoDefinition }
    }

    fn manifest_plain(&mut self, file: u32, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let is_make = self.world.language(file) == crate::MAKE;
        // What is called may be a variable that holds a function.
        let kinds = if is_make && wanted == Namespace::Method { &[wanted, Namespace::Value][..] } else { &[wanted] };
        for wanted in kinds {
            for file in [vec![file], self.manifest_included(file)].concat() {
                let found = self.manifest_bound(file, name, *wanted);
                if !found.is_empty() {
                    return self.manifest_hits(&found, Certainty::Proven);
                }
            }
        }
        if !is_make {
            let is_elsewhere = wanted == Namespace::Type && !self.world.facts(file).imports.is_empty();
            return Lookup::none(if is_elsewhere { Cause::UnitAbsent } else { Cause::NoDefinition });
        }
        let around = self.manifest_of_includers(file, name, wanted);
        if !around.is_empty() {
            return self.manifest_hits(&around, Certainty::Inferred);
        }
        if wanted != Namespace::Value
            && let Some(made) = self.manifest_made(file, name)
        {
            return made;
        }
        let is_known = is_builtin(crate::MAKE, self.world.name(name));
        Lookup::none(if is_known { Cause::Builtin } else { Cause::Dynamic })
    }

    /// A target that is a file of the code base, or that a rule with a pattern makes.
    fn manifest_made(&mut self, file: u32, name: GlobalNameId) -> Option<Lookup> {
        let word = self.world.name(name);
        let row = &self.world.files[file as usize];
        let folder = row.path.rsplit_once('/').map_or("", |p| p.0);
        let path = normalise(&join(folder, word.trim_start_matches("./")));
        if let Some(found) = self.world.by_path.get(&(row.root, path.as_str())) {
            let hit = Hit { entity: Entity::Module(*found, ScopeId::FILE), certainty: Certainty::Proven, reasons: Vec::new() };
            return Some(Lookup { hits: vec![hit], cause: Cause::NoDefinition });
        }
        let mut found = Vec::new();
        for file in [vec![file], self.manifest_included(file)].concat() {
            let facts = self.world.facts(file);
            let patterns = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Function && fits(facts.name(d.name), word));
            found.extend(patterns.map(|(i, _)| DefRef { file, def: compass_facts::DefId(i as u32) }));
        }
        found.truncate(MOST);
        (!found.is_empty()).then(|| self.manifest_hits(&found, Certainty::Inferred))
    }

    /// Files that a file includes, and those that they do.
    fn manifest_included(&self, file: u32) -> Vec<u32> {
        self.world.note_imports();
        let mut out = vec![file];
        let mut at = 0;
        while at < out.len() && out.len() < MOST_INCLUDED {
            let from = out[at];
            at += 1;
            let facts = self.world.facts(from);
            for id in (0..facts.imports.len() as u32).map(ImportId).filter(|id| facts.import(*id).kind == ImportKind::Include) {
                if let Some((to, _)) = self.manifest_file(from, id).filter(|(to, _)| !out.contains(to)) {
                    out.push(to);
                }
            }
        }
        out.remove(0);
        out
    }

    /// What files that include a file define beside it.
    fn manifest_of_includers(&self, file: u32, name: GlobalNameId, wanted: Namespace) -> Vec<DefRef> {
        let world = self.world;
        let unit = world.files[file as usize].id.unit;
        let is_it = |s: &&DefRef| {
            let d = world.def(**s);
            world.language(s.file) == crate::MAKE && world.files[s.file as usize].id.unit == unit && d.scope == ScopeId::FILE && is_wanted(d.kind, wanted)
        };
        let all: Vec<DefRef> = world.named(name).iter().filter(is_it).take(MOST).copied().collect();
        all.into_iter().filter(|s| self.manifest_included(s.file).contains(&file)).collect()
    }

    fn manifest_of_folder(&self, file: u32, folder: &str) -> Option<u32> {
        let row = &self.world.files[file as usize];
        let own = row.path.rsplit_once('/').map_or("", |p| p.0);
        let folder = normalise(&join(own, folder.trim_start_matches("./").trim_end_matches('/')));
        MAKEFILES.iter().find_map(|name| self.world.by_path.get(&(row.root, join(&folder, name).as_str())).copied())
    }

    /// The file that a path names: from the folder of the file, from the top, or by its end.
    fn manifest_file(&self, file: u32, id: ImportId) -> Option<(u32, Certainty)> {
        let facts = self.world.facts(file);
        let path = facts.name(facts.import(id).module);
        let row = &self.world.files[file as usize];
        let folder = row.path.rsplit_once('/').map_or("", |p| p.0);
        let near = normalise(&join(folder, path.trim_start_matches("./").trim_start_matches('/')));
        let at = |p: &str| self.world.by_path.get(&(row.root, p)).copied().filter(|f| *f != file);
        if let Some(found) = at(&near).or_else(|| at(path)) {
            return Some((found, Certainty::Proven));
        }
        // Within an image paths begin elsewhere.
        let by_end = self.modules.by_suffix(self.world, file, path.trim_start_matches('/')).filter(|f| *f != file);
        by_end.map(|f| (f, Certainty::Inferred))
    }
}
