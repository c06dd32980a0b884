//! Packages of Perl: one name for all files, found by the name alone.

use compass_facts::{ImportId, ImportKind, Kind};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Namespace, Reason, Rules, Site, Target};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// Of a package that more files define, so many count.
const MAX_FILES: usize = 4;

/// See the module.
pub(super) struct Perl;

impl Rules for Perl {
    fn in_scope(&self, e: &mut Evaluator, at: Site, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let mut found = e.in_one_scope_absent_first(at, name, wanted);
        // A package that is brought in where it is defined is one.
        found.hits.dedup_by_key(|h| h.entity);
        found
    }

    fn beyond_scopes(&self, e: &mut Evaluator, file: u32, name: GlobalNameId, wanted: Namespace, cause: Cause) -> Lookup {
        let found = e.perl_package(file, name, wanted);
        if found.is_empty() { Lookup::none(cause) } else { found }
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        e.perl_import(import.kind, facts.name(import.module))
    }
}

#[ext(PerlNames)]
pub(crate) impl Evaluator<'_, '_> {
    /// The packages of a name: those of the file that its path names, else all.
    fn perl_packages(&self, name: &str) -> Vec<Target> {
        let Some(gid) = self.world.find_gid(name) else { return Vec::new() };
        let world = self.world;
        let is_package = |s: &&DefRef| world.language(s.file) == crate::PERL && world.def(**s).kind == Kind::Class;
        let mut found: Vec<DefRef> = world.named(gid).iter().filter(is_package).copied().collect();
        let path = format!("{}.pm", name.replace("::", "/"));
        let is_its_file = |s: &DefRef| {
            let rest = world.files[s.file as usize].path.strip_suffix(&path);
            rest.is_some_and(|r| r.is_empty() || r.ends_with('/'))
        };
        if found.iter().any(is_its_file) {
            found.retain(is_its_file);
        }
        let certainty = if found.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
        found.truncate(MAX_FILES);
        found.into_iter().map(|s| Target { entity: Entity::DefRef(s), certainty, stands_in: false }).collect()
    }

    /// The packages that a statement brings in. Which names come along without a list is said at run time.
    fn perl_import(&self, kind: ImportKind, name: &str) -> Vec<Target> {
        let most = if kind == ImportKind::Glob { Certainty::Inferred } else { Certainty::Proven };
        self.perl_packages(name).into_iter().map(|t| Target { certainty: t.certainty.min(most), ..t }).collect()
    }

    /// A package by its name, whoever brought it in: at run time there is one of each name.
    fn perl_package(&self, file: u32, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let word = self.world.name(name);
        let hit = |t: Target| {
            let Entity::DefRef(s) = t.entity else { return None };
            let d = self.world.def(s);
            let reason = Reason { kind: StepKind::Scope, file: s.file, def: Some(s.def), at: d.name_span.start, len: d.name_span.len() };
            // Nobody here says that the package is brought in.
            let certainty = if s.file == file { t.certainty } else { t.certainty.min(Certainty::Inferred) };
            Some(Hit { entity: t.entity, certainty, reasons: vec![reason] })
        };
        let hits: Vec<Hit> = self.perl_packages(word).into_iter().filter_map(hit).collect();
        // A name in parts is that of a package, here or not; so is one that is asked for as such.
        match hits.is_empty() && (word.contains("::") || wanted == Namespace::Type) {
            true => Lookup { hits: vec![Hit { entity: Entity::External(name), certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::UnitAbsent },
            false => Lookup { hits, cause: Cause::NoDefinition },
        }
    }
}
