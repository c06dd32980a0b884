//! What a plain name means: outwards through scopes and classes, then the file, its imports, its packages.

use super::members::ScalaMembers as _;
use super::paths::Paths as _;
use super::{Space, definition, is_value};
use crate::rules::JavaNames as _;
use compass_facts::{Flags, ImportId, Kind, ScopeId, ScopeKind};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Reason, Ty};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// Packages and objects that need no import, the nearest first.
const DEFAULT_OBJECT: &str = "scala.Predef";
const DEFAULT: &[&str] = &["scala", "java.lang"];

/// What is looked for.
#[derive(Clone, Copy)]
pub(super) struct Wanted {
    pub(super) name: GlobalNameId,
    pub(super) space: Space,
    pub(super) number: Option<usize>,
    /// How many paths led here.
    pub(super) depth: u32,
}

#[ext(ScalaScopes)]
pub(super) impl Evaluator<'_, '_> {
    /// What a plain name means. Where the number of arguments is known, functions that do not take so many are passed over, as long as there are
    /// others farther out.
    fn scala_plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, space: Space, number: Option<usize>) -> Lookup {
        self.scala_plain_at(file, scope, Wanted { name, space, number, depth: 0 })
    }

    fn scala_plain_at(&mut self, file: u32, scope: ScopeId, wanted: Wanted) -> Lookup {
        let facts = self.world.facts(file);
        let mut cause = Cause::NoDefinition;
        let mut first = None;
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = match (s.kind, s.owner) {
                (ScopeKind::File, _) => self.scala_file(file, wanted),
                (ScopeKind::Type, Some(owner)) => self.scala_in_class(file, id, DefRef { file, def: owner }, wanted),
                _ => self.scala_in_scope(file, id, wanted),
            };
            if !found.is_empty() {
                if wanted.number.is_none_or(|n| found.hits.iter().any(|h| self.scala_takes(h, n))) {
                    return found;
                }
                first.get_or_insert(found);
            } else if found.cause != Cause::NoDefinition {
                cause = found.cause;
            }
            at = s.parent;
        }
        first.unwrap_or(Lookup::none(cause))
    }

    /// May it be called with so many arguments? Only functions tell.
    fn scala_takes(&self, hit: &Hit, number: usize) -> bool {
        let Some(s) = definition(hit) else { return true };
        let d = self.world.def(s);
        if !d.kind.is_callable() || d.flags.has(Flags::PROPERTY) || d.kind == Kind::Constructor {
            return true;
        }
        // A use without brackets takes none.
        number == 0 || d.arity == 255 && number >= d.required as usize || (d.required as usize..=d.arity as usize).contains(&number)
    }

    /// Of definitions those of a space: terms are values, functions and objects, else classes for what makes their values.
    fn scala_of_space(&self, all: Vec<DefRef>, space: Space) -> Vec<DefRef> {
        let world = self.world;
        let is_object = |s: &DefRef| world.language(s.file) == crate::SCALA && world.def(*s).kind.is_type() && world.def(*s).flags.has(Flags::STATIC);
        match space {
            Space::Types => {
                let is_type = |s: &DefRef| (world.def(*s).kind.is_type() || matches!(world.def(*s).kind, Kind::TypeParameter | Kind::Alias)) && !is_object(s);
                all.into_iter().filter(is_type).collect()
            }
            Space::Terms => {
                let is_term = |s: &DefRef| {
                    let d = world.def(*s);
                    is_value(d.kind) || d.kind.is_callable() && d.kind != Kind::Constructor || is_object(s)
                };
                let terms: Vec<DefRef> = all.iter().filter(|s| is_term(s)).copied().collect();
                if !terms.is_empty() {
                    return terms;
                }
                all.into_iter().filter(|s| world.def(*s).kind.is_type()).collect()
            }
        }
    }

    /// What a scope binds, and what imports in it bring.
    fn scala_in_scope(&mut self, file: u32, scope: ScopeId, wanted: Wanted) -> Lookup {
        let Wanted { name, space, .. } = wanted;
        let mut own = Vec::new();
        let mut imports = Vec::new();
        for binding in self.world.bindings(file, scope, name) {
            match binding {
                Binding::Def(def) => own.push(DefRef { file, def }),
                Binding::Import(id) => imports.push(id),
            }
        }
        let own = self.scala_of_space(own, space);
        if !own.is_empty() {
            return Lookup { hits: own.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect(), cause: Cause::NoDefinition };
        }
        let (found, cause) = self.scala_imported(file, &imports, wanted);
        if !found.is_empty() {
            return Lookup { hits: found, cause: Cause::NoDefinition };
        }
        let all = self.scala_by_globs(file, scope, wanted, true);
        if all.is_empty() && cause != Cause::NoDefinition { Lookup::none(cause) } else { all }
    }

    fn scala_imported(&mut self, file: u32, imports: &[ImportId], wanted: Wanted) -> (Vec<Hit>, Cause) {
        let mut cause = Cause::NoDefinition;
        let mut out = Vec::new();
        for id in imports {
            let import = self.world.facts(file).import(*id);
            let found = self.scala_follow(file, import, Some(wanted.space), wanted.depth);
            let is_external = found.hits.iter().any(|h| matches!(h.entity, Entity::External(_)));
            if is_external || found.is_empty() && found.cause == Cause::UnitAbsent {
                cause = Cause::UnitAbsent;
            }
            out.extend(found.hits.into_iter().filter(|h| definition(h).is_some()));
        }
        if out.is_empty() && cause == Cause::NoDefinition && !imports.is_empty() {
            // It may be there in the other space only.
            for id in imports {
                let all = self.follow(file, *id);
                if all.hits.iter().any(|h| matches!(h.entity, Entity::External(_))) {
                    cause = Cause::UnitAbsent;
                }
            }
        }
        (out, cause)
    }

    /// What imports of everything in a scope bring; those that are written, or those that packages are seen by.
    fn scala_by_globs(&mut self, file: u32, scope: ScopeId, wanted: Wanted, written: bool) -> Lookup {
        let Wanted { name, space, depth, .. } = wanted;
        let facts = self.world.facts(file);
        let mut cause = Cause::NoDefinition;
        let globs: Vec<ImportId> = self.world.globs(file).iter().filter(|g| g.0 == scope).map(|g| g.1).collect();
        for id in globs.into_iter().rev() {
            let import = facts.import(id);
            if import.name_span.is_empty() == written {
                continue;
            }
            let module = facts.name(import.module).to_owned();
            if module.split('.').next() == Some(self.world.name(name)) {
                continue;
            }
            // Far on the way to a path only packages lead on: paths within values may need one another.
            if depth > 1 && !self.java_packages().leads_on(module.split('.').next().unwrap_or_default()) {
                continue;
            }
            let place = self.scala_path(file, scope, &module, Some(name), depth);
            let mut found = self.scala_in_place(place.as_ref(), name, space);
            if place.is_none() && written {
                cause = Cause::UnitAbsent;
            }
            if !found.is_empty() {
                if written {
                    let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
                    found.iter_mut().for_each(|h| h.reasons.insert(0, reason));
                }
                return Lookup { hits: found, cause: Cause::NoDefinition };
            }
        }
        Lookup::none(cause)
    }

    /// Type parameters, members, what the class says of itself, what is imported within.
    fn scala_in_class(&mut self, file: u32, scope: ScopeId, owner: DefRef, wanted: Wanted) -> Lookup {
        let Wanted { name, space, number, .. } = wanted;
        let own: Vec<DefRef> =
            self.world.bindings(file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None }).collect();
        let hidden = |s: &&DefRef| matches!(self.world.def(**s).kind, Kind::TypeParameter | Kind::Parameter);
        let parameters = self.scala_of_space(own.iter().filter(hidden).copied().collect(), space);
        if !parameters.is_empty() {
            return Lookup { hits: parameters.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect(), cause: Cause::NoDefinition };
        }
        let value = Ty::Value(owner, Ty::no_args());
        let (found, why) = self.scala_members_of(&value, name, space, number);
        if !found.is_empty() {
            return Lookup { hits: found.into_iter().map(|f| f.hit).collect(), cause: Cause::NoDefinition };
        }
        let (besides, _) = self.scala_besides(owner, name, space, number);
        if !besides.is_empty() {
            return Lookup { hits: besides.into_iter().map(|f| f.hit).collect(), cause: Cause::NoDefinition };
        }
        let imported = self.scala_in_scope(file, scope, wanted);
        if imported.is_empty() && why == Cause::UnitAbsent { Lookup::none(why) } else { imported }
    }

    /// The file, its imports, its package, packages around it, what needs no import.
    fn scala_file(&mut self, file: u32, wanted: Wanted) -> Lookup {
        let Wanted { name, space, number, .. } = wanted;
        let own: Vec<DefRef> =
            self.world.bindings(file, ScopeId::FILE, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None }).collect();
        let own = self.scala_of_space(own, space);
        if !own.is_empty() {
            return Lookup { hits: own.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect(), cause: Cause::NoDefinition };
        }
        let mut cause = Cause::NoDefinition;
        for level in 0..5 {
            let found = match level {
                0 => self.scala_in_scope(file, ScopeId::FILE, wanted),
                1 => {
                    let package = self.java_packages().of(file).unwrap_or("").to_owned();
                    Lookup { hits: self.scala_in_package(&package, name, space), cause: Cause::NoDefinition }
                }
                2 => self.scala_by_globs(file, ScopeId::FILE, wanted, false),
                3 => {
                    let object = self.scala_class(DEFAULT_OBJECT);
                    let hits = object.map(|o| self.scala_members_of(&Ty::Item(o, Ty::no_args(), None), name, space, number).0).unwrap_or_default();
                    Lookup { hits: hits.into_iter().map(|f| f.hit).collect(), cause: Cause::NoDefinition }
                }
                _ => {
                    let mut hits = Vec::new();
                    for package in DEFAULT {
                        if hits.is_empty() {
                            hits = self.scala_in_package(package, name, space);
                        }
                    }
                    Lookup { hits, cause: Cause::NoDefinition }
                }
            };
            if !found.is_empty() {
                return found;
            }
            if found.cause != Cause::NoDefinition {
                cause = found.cause;
            }
        }
        Lookup::none(cause)
    }
}
