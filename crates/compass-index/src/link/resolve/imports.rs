//! What an import binds, followed through re-exports to the definition itself.

use crate::link::resolve::evaluate::{Evaluator, StarSearch};
use crate::link::resolve::lookup::Namespace;
use crate::link::types::ty::{Entity, Hit, Lookup, Reason, Ty};
use crate::link::world::modules::Target;
use crate::link::world::{Binding, DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Flags, Import, ImportId, ImportKind, Kind, ScopeId, ScopeKind, TypeExpr};
use rustc_hash::FxHashSet;
use std::rc::Rc;

/// Longest chain of re-exports followed.
const MAX_CHAIN: u32 = 24;
/// Of more definitions of one name in one scope the first are enough: nothing tells them apart.
pub const MOST_HITS: usize = 120;
/// Star imports are followed so far, one behind the other.
const MOST_STARS: u32 = 2_000;

impl Evaluator<'_, '_> {
    fn find_targets(&mut self, file: u32, id: ImportId) -> Vec<Target> {
        self.rules(file).targets(self, file, id)
    }

    /// The files and modules an import leads to.
    pub fn import_targets(&mut self, file: u32, id: ImportId) -> Rc<[Target]> {
        if let Some((known, names)) = self.targets.get(&(file, id.0)) {
            self.world.dependency_log.again(names);
            return known.clone();
        }
        // A path that leads back to this import ends here.
        self.targets.insert((file, id.0), (Rc::from([]), Rc::from([])));
        let start = self.world.dependency_log.begin();
        let found: Rc<[Target]> = self.find_targets(file, id).into();
        self.targets.insert((file, id.0), (found.clone(), self.world.dependency_log.since(start)));
        found
    }

    /// The module a scope belongs to.
    pub fn module_around(&self, file: u32, scope: ScopeId) -> Entity {
        let facts = self.world.facts(file);
        let mut at = scope;
        loop {
            let s = facts.scope(at);
            match (s.kind, s.parent) {
                (ScopeKind::Module | ScopeKind::File, _) | (_, None) => return Entity::Module(file, at),
                (_, Some(parent)) => at = parent,
            }
        }
    }

    /// What the name bound by an import means.
    pub fn follow(&mut self, file: u32, id: ImportId) -> Lookup {
        if let Some((known, names)) = self.followed.get(&(file, id.0)) {
            self.world.dependency_log.again(names);
            return known.clone();
        }
        if self.chain >= MAX_CHAIN || !self.following.insert((file, id.0)) {
            self.cut();
            return Lookup::none(Cause::NoDefinition);
        }
        self.chain += 1;
        let before = self.cuts;
        let start = self.world.dependency_log.begin();
        let found = self.rules(file).follow(self, file, id);
        self.chain -= 1;
        self.following.remove(&(file, id.0));
        if self.cuts == before || self.following.is_empty() && self.evaluating.is_empty() {
            self.followed.insert((file, id.0), (found.clone(), self.world.dependency_log.since(start)));
        }
        found
    }

    /// What the name bound by an import means, by the modules that it leads to.
    pub fn follow_targets(&mut self, file: u32, id: ImportId) -> Lookup {
        let import = self.world.facts(file).import(id);
        let targets = self.import_targets(file, id);
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        if targets.is_empty() {
            return self.absent(file, import);
        }
        let mut out = Lookup::none(Cause::NoDefinition);
        for target in targets.iter() {
            let mut reasons = vec![reason];
            if target.stands_in
                && let Entity::Module(f, _) = target.entity
            {
                reasons.push(Reason { kind: StepKind::StandIn, file: f, def: None, at: 0, len: 0 });
            }
            let found = match (import.kind, import.name) {
                (ImportKind::Name, Some(name)) => {
                    let gid = self.world.gid(file, name);
                    self.rules(file).exported(self, file, target.entity, gid, id)
                }
                _ => Lookup { hits: vec![Hit { entity: target.entity, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition },
            };
            if found.is_empty() {
                out.cause = found.cause;
            }
            for hit in found.hits {
                let reasons = reasons.iter().copied().chain(hit.reasons).collect();
                out.hits.push(Hit { entity: hit.entity, certainty: hit.certainty.min(target.certainty), reasons });
            }
        }
        out
    }

    /// An import nobody here can follow: from a package that is not indexed, or wrong.
    fn absent(&self, file: u32, import: &Import) -> Lookup {
        let facts = self.world.facts(file);
        let module = facts.name(import.module);
        if self.rules(file).is_own_path(module) || import.kind == ImportKind::Child {
            return Lookup::none(Cause::NoDefinition);
        }
        let named = import.name.filter(|n| !matches!(facts.name(*n), "=" | "default")).unwrap_or(import.module);
        let entity = Entity::External(self.world.gid(file, named));
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: vec![reason] }], cause: Cause::UnitAbsent }
    }

    /// A member of each of some things.
    pub fn member_of_hits(&mut self, from: u32, of: Lookup, name: GlobalNameId) -> Lookup {
        let mut out = Lookup::none(Cause::NoDefinition);
        for hit in of.hits {
            let found = match hit.entity {
                Entity::DefRef(sym) => {
                    let ty = self.item(sym);
                    self.members(from, &ty.ty, name)
                }
                entity => self.entity_member(from, entity, name),
            };
            out.hits.extend(found.hits);
        }
        out
    }

    /// What a file exports under a name by an explicit statement.
    pub fn find_export(&mut self, name: &str, file: u32) -> Option<Lookup> {
        let gid = self.world.find_gid(name)?;
        let what = self.world.export(file, gid)?;
        if let TypeExpr::Name { name, scope, .. } = *self.world.facts(file).ty(what) {
            // A variable that is handed out stands for itself, whatever is known of its value.
            let gid = self.world.gid(file, name);
            let named = self.plain(file, scope, gid, Namespace::Value);
            let is_variable =
                |h: &Hit| matches!(h.entity, Entity::DefRef(s) if matches!(self.world.def(s).kind, Kind::Variable | Kind::Constant) && s.file == file);
            if !named.is_empty() && named.hits.iter().all(is_variable) {
                return Some((*named).clone());
            }
        }
        let meaning = self.evaluate(file, what);
        Some(self.as_lookup(&meaning.ty, meaning.certainty))
    }

    /// The things an evaluated expression names.
    pub fn as_lookup(&mut self, ty: &Ty, certainty: Certainty) -> Lookup {
        let hit = |entity| Lookup { hits: vec![Hit { entity, certainty, reasons: Vec::new() }], cause: Cause::NoDefinition };
        match ty {
            Ty::Item(sym, ..) => hit(Entity::DefRef(*sym)),
            // A value that the language makes has no place of its own.
            Ty::Value(sym, _) if self.rules(sym.file).comes_with_language(self, *sym) => Lookup::none(Cause::Dynamic),
            // An object literal without a name stands for its members.
            Ty::Value(sym, _) => hit(Entity::DefRef(*sym)),
            Ty::Module(entity) => hit(*entity),
            Ty::ExternalType(gid, _) | Ty::External(gid, _) => hit(Entity::External(*gid)),
            Ty::Union(parts) => {
                let mut out = Lookup::none(Cause::NoDefinition);
                for part in parts.iter() {
                    out.hits.extend(self.as_lookup(part, certainty).hits);
                }
                out
            }
            _ => Lookup::none(Cause::Dynamic),
        }
    }

    /// A name of a module as others see it.
    pub fn module_member(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        self.module_member_except(from, file, scope, name, None)
    }

    /// The same, but for what one import gives.
    pub fn module_member_except(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
        self.rules(file).module_member(self, from, file, scope, name, not)
    }

    /// Bindings of a scope, imports followed.
    pub fn bound(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
        let world = self.world;
        let mut out = Lookup::none(Cause::NoDefinition);
        for binding in world.bindings(file, scope, name) {
            if out.hits.len() >= MOST_HITS {
                break;
            }
            match binding {
                Binding::Def(def) => {
                    let d = world.facts(file).def(def);
                    // `mod name;` is a definition to look at; what it means is the file, bound by an import beside it.
                    if d.kind == compass_facts::Kind::Module && d.flags.has(Flags::BODILESS) {
                        continue;
                    }
                    let reason = Reason { kind: StepKind::Scope, file, def: Some(def), at: d.name_span.start, len: d.name_span.len() };
                    out.hits.push(Hit { entity: Entity::DefRef(DefRef { file, def }), certainty: Certainty::Proven, reasons: vec![reason] });
                }
                Binding::Import(id) if Some(id) != not => {
                    let found = self.follow(file, id);
                    if found.is_empty() {
                        out.cause = found.cause;
                    }
                    out.hits.extend(found.hits.into_iter().map(|mut h| {
                        // What follows the import is somebody else's import: a re-export.
                        for r in h.reasons.iter_mut().skip(1).filter(|r| r.kind == StepKind::Import) {
                            r.kind = StepKind::Reexport;
                        }
                        h
                    }));
                }
                Binding::Import(_) => {}
            }
        }
        out
    }

    /// Names brought in by star imports of a module.
    ///
    /// Modules may bring in one another in every direction: each is gone through once in a search, so that it costs no more than there
    /// are modules. What is met again adds nothing to the search, but is no answer by itself; only that of the whole search is remembered.
    pub fn through_globs(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        if self.world.globs(file).iter().all(|g| g.0 != scope) {
            return Lookup::none(Cause::NoDefinition);
        }
        let is_within = self.star_searches.last().is_some_and(|s| s.name == name);
        let met = self.star_searches.iter().any(|s| s.name == name && s.seen.contains(&(file, scope)));
        let depth = self.star_searches.iter().map(|s| s.depth).sum::<u32>();
        if met || depth >= MOST_STARS {
            if let Some(search) = self.star_searches.last_mut().filter(|_| is_within && met) {
                search.again += 1;
            }
            self.cut();
            return Lookup::none(Cause::NoDefinition);
        }
        if !is_within {
            self.star_searches.push(StarSearch { name, seen: FxHashSet::default(), again: 0, depth: 0 });
        }
        if let Some(search) = self.star_searches.last_mut() {
            search.seen.insert((file, scope));
            search.depth += 1;
        }
        let before = self.cuts;
        let found = compass_facts::bounds::with_stack(|| self.through_globs_of(from, file, scope, name));
        if is_within {
            if let Some(search) = self.star_searches.last_mut() {
                search.depth -= 1;
            }
        } else if self.star_searches.pop().is_some_and(|search| self.cuts - before == search.again) {
            // Every cut was a module met again: the search is whole.
            self.cuts = before;
        }
        found
    }

    fn through_globs_of(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let mut out = Lookup::none(Cause::NoDefinition);
        let globs: Vec<ImportId> = world.globs(file).iter().filter(|g| g.0 == scope).map(|g| g.1).collect();
        for id in globs {
            let import = world.facts(file).import(id);
            let targets = self.import_targets(file, id);
            if targets.is_empty() {
                out.cause = Cause::UnitAbsent;
            }
            for target in targets.iter() {
                if matches!(target.entity, Entity::Module(f, s) if f == file && s == scope) {
                    continue;
                }
                let found = match target.entity {
                    Entity::Module(f, s) => self.module_member(file.max(from), f, s, name),
                    entity => self.entity_member(from, entity, name),
                };
                let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
                for hit in found.hits.into_iter().filter(|h| !matches!(h.entity, Entity::External(_))) {
                    let reasons = std::iter::once(reason).chain(hit.reasons).collect();
                    out.hits.push(Hit { entity: hit.entity, certainty: hit.certainty.min(target.certainty), reasons });
                }
            }
            if !out.is_empty() {
                break;
            }
        }
        out
    }

    /// A name of a module, folder, type or package.
    pub fn entity_member(&mut self, from: u32, of: Entity, name: GlobalNameId) -> Lookup {
        match of {
            Entity::Module(file, scope) => self.rules(file).behind_module(self, from, file, scope, name),
            Entity::Folder(folder) => self.rules(from).behind_folder(self, folder, name),
            Entity::DefRef(sym) => {
                let ty = self.item(sym);
                self.members(from, &ty.ty, name)
            }
            Entity::External(_) => {
                Lookup { hits: vec![Hit { entity: Entity::External(name), certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::UnitAbsent }
            }
        }
    }
}
