//! Shell scripts: names of the function and the file, then of the scripts that are sourced; then of those that source the file, which the
//! shell sees as one.

use compass_facts::{ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, Use};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, IMPORTS, Lookup, Namespace, Rules, Target};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// See the module.
pub(super) struct ShellRules;

/// Scripts sourced by scripts sourced, above this many, are not looked at.
const MOST_SOURCED: usize = 64;
/// A name that more files than this define says nothing.
const MOST: usize = 12;

impl Rules for ShellRules {
    fn words(&self) -> &'static [&'static str] {
        &[IMPORTS]
    }

    /// Functions and variables have names of their own.
    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call | Role::Pass => Namespace::Method,
            _ => Namespace::Any,
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.shell_plain(file, scope, name, wanted == Namespace::Method)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let import = e.world.facts(file).import(id);
        // What stands in front of the end of a path is known at run time only.
        let certainty = if import.system { Certainty::Inferred } else { Certainty::Proven };
        let found = e.shell_file(file, id);
        found.map(|f| Target { entity: Entity::Module(f, ScopeId::FILE), certainty, stands_in: false }).into_iter().collect()
    }

    fn beyond_names(&self, _: &mut Evaluator, _: u32, _: &Use, _: GlobalNameId) -> Option<Lookup> {
        None
    }
}

#[ext(ShellNames)]
impl Evaluator<'_, '_> {
    /// The file that a path names: from the folder of the script, from the top, or by its end.
    fn shell_file(&self, file: u32, id: ImportId) -> Option<u32> {
        let facts = self.world.facts(file);
        let path = facts.name(facts.import(id).module).trim_start_matches("./");
        let row = &self.world.files[file as usize];
        let folder = row.path.rsplit_once('/').map_or("", |p| p.0);
        let whole = compass_index::linking::normalise(&compass_index::linking::join(folder, path));
        let at = |p: &str| self.world.by_path.get(&(row.root, p)).copied();
        at(&whole).or_else(|| at(path)).or_else(|| self.modules.by_suffix(self.world, file, path)).filter(|f| *f != file)
    }

    fn shell_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId, functions: bool) -> Vec<DefRef> {
        let world = self.world;
        let found = world.bindings(file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None });
        found.filter(|s| is_wanted(world.def(*s).kind, functions)).take(MOST).collect()
    }

    fn shell_hits(&mut self, found: &[DefRef], most: Certainty) -> Lookup {
        let certainty = if found.len() == 1 { most } else { Certainty::Inferred };
        Lookup { hits: found.iter().map(|s| self.by_name_hit(*s, certainty)).collect(), cause: Cause::NoDefinition }
    }

    fn shell_plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, functions: bool) -> Lookup {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            let found = self.shell_bound(file, id, name, functions);
            if !found.is_empty() {
                return self.shell_hits(&found, Certainty::Proven);
            }
            at = facts.scope(id).parent;
        }
        for (sourced, certainty) in self.shell_sourced(file) {
            let found = self.shell_bound(sourced, ScopeId::FILE, name, functions);
            if !found.is_empty() {
                return self.shell_hits(&found, certainty);
            }
        }
        let around = self.shell_seen_from_around(file, name, functions);
        if !around.is_empty() {
            return self.shell_hits(&around, Certainty::Inferred);
        }
        let is_known = compass_index::linking::is_builtin(crate::SHELL, self.world.name(name));
        // A command may be a program of the machine; a variable comes from whoever starts the script.
        Lookup::none(if is_known {
            Cause::Builtin
        } else if functions {
            Cause::UnitAbsent
        } else {
            Cause::Dynamic
        })
    }

    /// Scripts that a script sources, and what those source; sure where the whole path is written.
    fn shell_sourced(&self, file: u32) -> Vec<(u32, Certainty)> {
        self.world.note_imports();
        let mut out = vec![(file, Certainty::Proven)];
        let mut at = 0;
        while at < out.len() && out.len() < MOST_SOURCED {
            let (from, sure) = out[at];
            at += 1;
            let facts = self.world.facts(from);
            for id in (0..facts.imports.len() as u32).map(ImportId).filter(|id| facts.import(*id).kind == ImportKind::Include) {
                if let Some(to) = self.shell_file(from, id).filter(|to| out.iter().all(|(f, _)| f != to) && self.world.language(*to) == crate::SHELL) {
                    let certainty = if facts.import(id).system { Certainty::Inferred } else { sure };
                    out.push((to, certainty));
                }
            }
        }
        out.remove(0);
        out
    }

    /// What the scripts that source the file define, beside what they source; and what a function that calls this one declares for itself.
    fn shell_seen_from_around(&self, file: u32, name: GlobalNameId, functions: bool) -> Vec<DefRef> {
        let world = self.world;
        let facts = world.facts(file);
        let locals = facts
            .definitions
            .iter()
            .enumerate()
            .filter(|(_, d)| !functions && d.kind == Kind::Variable && facts.scope(d.scope).kind == ScopeKind::Function && world.gid(file, d.name) == name);
        let mut out: Vec<DefRef> = locals.map(|(i, _)| DefRef { file, def: compass_facts::DefId(i as u32) }).collect();
        let unit = world.files[file as usize].id.unit;
        let others = world.named(name).iter().filter(|s| {
            let d = world.def(**s);
            world.language(s.file) == crate::SHELL && world.files[s.file as usize].id.unit == unit && d.scope == ScopeId::FILE && is_wanted(d.kind, functions)
        });
        out.extend(others.take(MOST).filter(|s| self.shell_sources(s.file, file) || self.shell_meets(s.file, file)));
        out
    }

    fn shell_sources(&self, file: u32, other: u32) -> bool {
        self.shell_sourced(file).iter().any(|(f, _)| *f == other)
    }

    /// Does a script source both files?
    fn shell_meets(&self, a: u32, b: u32) -> bool {
        let world = self.world;
        let folder = |f: u32| world.files[f as usize].path.rsplit_once('/').map_or("", |p| p.0).to_owned();
        if folder(a) != folder(b) {
            return false;
        }
        let scripts =
            (0..world.files.len() as u32).filter(|f| world.language(*f) == crate::SHELL && world.files[*f as usize].root == world.files[a as usize].root);
        scripts.take(200).any(|f| self.shell_sources(f, a) && self.shell_sources(f, b))
    }
}

fn is_wanted(kind: Kind, functions: bool) -> bool {
    if functions { matches!(kind, Kind::Function | Kind::Alias) } else { matches!(kind, Kind::Variable) }
}
