//! What an import binds, followed through re-exports to the definition itself.

use super::evaluate::{Evaluator, StarSearch};
use super::modules::Target;
use super::ty::{Entity, Hit, Lookup, Reason, Ty};
use super::world::{Binding, DefRef, GlobalNameId};
use crate::{Cause, Certainty, StepKind};
use compass_facts::{Export, Flags, Import, ImportId, ImportKind, Language, ScopeId, ScopeKind};
use rustc_hash::FxHashSet;
use std::rc::Rc;

/// Longest chain of re-exports followed.
const MAX_CHAIN: u32 = 24;
/// Of more definitions of one name in one scope the first are enough: nothing tells them apart.
pub(super) const MOST_HITS: usize = 120;
/// Star imports are followed so far, one behind the other.
const MOST_STARS: u32 = 2_000;

impl Evaluator<'_, '_> {
    /// The files and modules an import leads to.
    pub(super) fn import_targets(&mut self, file: u32, id: ImportId) -> Rc<[Target]> {
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

    fn find_targets(&mut self, file: u32, id: ImportId) -> Vec<Target> {
        let facts = self.world.facts(file);
        let import = facts.import(id);
        let module = facts.name(import.module);
        let (world, modules) = (self.world, self.modules);
        match world.language(file) {
            Language::Python => modules.python(world, file, module).into_iter().collect(),
            Language::C | Language::Cpp if import.kind != ImportKind::Include => Vec::new(),
            Language::C | Language::Cpp => modules.include(world, file, module, import.system).into_iter().collect(),
            Language::Rust => self.rust_targets(file, id, import, module),
            Language::Java => self.java_targets(file, import, module),
            Language::Go => self.go_targets(file, import, module),
            Language::Perl => self.perl_import(import.kind, module),
            _ => match modules.script(world, file, module, import.system) {
                Some(found) => vec![found],
                None => modules.ambient(module),
            },
        }
    }

    fn rust_targets(&mut self, file: u32, id: ImportId, import: &Import, module: &str) -> Vec<Target> {
        if import.kind == ImportKind::Child {
            let child = self.modules.rust_child(file, id.0);
            return child.map(|c| Target { entity: Entity::Module(c, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false }).into_iter().collect();
        }
        if import.kind == ImportKind::Module {
            return self.modules.rust_crate(self.world, file, module).into_iter().collect();
        }
        let parts: Vec<&str> = module.split("::").filter(|p| !p.is_empty()).collect();
        let Some((first, rest)) = parts.split_first() else {
            // `use name;`: a crate, or a module beside.
            let Some(name) = import.name.map(|n| self.world.facts(file).name(n).to_owned()) else { return Vec::new() };
            return self.modules.rust_crate(self.world, file, &name).into_iter().collect();
        };
        let mut at = self.rust_first(file, import.scope, first, module.starts_with("::"), Some(id));
        for part in rest {
            let Some(gid) = self.world.find_gid(part) else { return Vec::new() };
            let mut next = Vec::new();
            for hit in at {
                next.extend(self.entity_member(file, hit.entity, gid).hits.into_iter().map(|h| Hit { certainty: h.certainty.min(hit.certainty), ..h }));
            }
            at = next;
        }
        at.into_iter().map(|h| Target { stands_in: h.reasons.iter().any(|r| r.kind == StepKind::StandIn), entity: h.entity, certainty: h.certainty }).collect()
    }

    /// The first part of a Rust path in a `use`.
    fn rust_first(&mut self, file: u32, scope: ScopeId, word: &str, from_crates: bool, not: Option<ImportId>) -> Vec<Hit> {
        let hit = |entity| vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }];
        match word {
            "crate" => return hit(Entity::Module(self.modules.rust_root(file), ScopeId::FILE)),
            "self" => return hit(self.module_around(file, scope)),
            "super" => return self.module_above(file, scope).map(hit).unwrap_or_default(),
            _ => {}
        }
        if !from_crates && let Some(gid) = self.world.find_gid(word) {
            let around = self.module_around(file, scope);
            if let Entity::Module(f, s) = around {
                let found = self.module_member_except(file, f, s, gid, not);
                if !found.is_empty() {
                    return found.hits;
                }
            }
        }
        match self.modules.rust_crate(self.world, file, word) {
            Some(t) => {
                let entry = if let Entity::Module(f, _) = t.entity { f } else { file };
                let reason = Reason { kind: if t.stands_in { StepKind::StandIn } else { StepKind::Import }, file: entry, def: None, at: 0, len: 0 };
                vec![Hit { entity: t.entity, certainty: t.certainty, reasons: vec![reason] }]
            }
            None => match self.world.find_gid(word) {
                Some(gid) => vec![Hit { entity: Entity::External(gid), certainty: Certainty::Proven, reasons: Vec::new() }],
                None => Vec::new(),
            },
        }
    }

    /// The module a scope belongs to.
    pub(super) fn module_around(&self, file: u32, scope: ScopeId) -> Entity {
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

    /// The module above the one a scope belongs to.
    pub(super) fn module_above(&self, file: u32, scope: ScopeId) -> Option<Entity> {
        let Entity::Module(file, scope) = self.module_around(file, scope) else { return None };
        match self.world.facts(file).scope(scope).parent {
            Some(parent) => Some(self.module_around(file, parent)),
            None => self.modules.rust_parent(file).map(|(f, s)| self.module_around(f, s)),
        }
    }

    /// What the name bound by an import means.
    pub(super) fn follow(&mut self, file: u32, id: ImportId) -> Lookup {
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
        let found = self.follow_import(file, id);
        self.chain -= 1;
        self.following.remove(&(file, id.0));
        if self.cuts == before || self.following.is_empty() && self.evaluating.is_empty() {
            self.followed.insert((file, id.0), (found.clone(), self.world.dependency_log.since(start)));
        }
        found
    }

    fn follow_import(&mut self, file: u32, id: ImportId) -> Lookup {
        if self.world.language(file).is_c_family() {
            return self.follow_using(file, id);
        }
        let import = self.world.facts(file).import(id);
        if self.world.language(file) == Language::Java {
            return self.follow_java(file, import);
        }
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
                    self.exported(file, target.entity, gid, id)
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
        let is_relative =
            module.starts_with('.') || (self.world.language(file) == Language::Rust && matches!(module.split("::").next(), Some("crate" | "self" | "super")));
        if is_relative || import.kind == ImportKind::Child {
            return Lookup::none(Cause::NoDefinition);
        }
        let named = import.name.filter(|n| !matches!(facts.name(*n), "=" | "default")).unwrap_or(import.module);
        let entity = Entity::External(self.world.gid(file, named));
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: vec![reason] }], cause: Cause::UnitAbsent }
    }

    /// A name taken out of a module by an import.
    fn exported(&mut self, from: u32, of: Entity, name: GlobalNameId, import: ImportId) -> Lookup {
        let language = self.world.language(from);
        if language == Language::Rust {
            return match of {
                Entity::Module(f, s) => self.module_member_except(from, f, s, name, if f == from { Some(import) } else { None }),
                _ => self.entity_member(from, of, name),
            };
        }
        let Entity::Module(file, scope) = of else { return self.entity_member(from, of, name) };
        if !language.is_kin_of(Language::TypeScript) {
            return self.entity_member(from, of, name);
        }
        let word = self.world.name(name);
        let before = self.cuts;
        let whole = |this: &mut Self| this.whole_of(file, scope);
        match word {
            "=" => whole(self)
                .map(|found| self.declared_instead(file, found))
                .unwrap_or_else(|| Lookup { hits: vec![Hit { entity: of, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition }),
            "default" => match self.find_export("default", file).filter(|_| scope == ScopeId::FILE) {
                Some(found) => found,
                None => {
                    let found = self.module_member(from, file, scope, name);
                    if found.is_empty() { whole(self).unwrap_or(found) } else { found }
                }
            },
            _ => {
                let found = self.module_member(from, file, scope, name);
                let found = match (found.is_empty(), whole(self)) {
                    (true, Some(whole)) => self.member_of_hits(from, whole, name),
                    _ => found,
                };
                if found.is_empty() && self.cuts == before { self.in_header(from, file, name).unwrap_or(found) } else { found }
            }
        }
    }

    pub(super) fn member_of_hits(&mut self, from: u32, of: Lookup, name: GlobalNameId) -> Lookup {
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
    pub(super) fn find_export(&mut self, name: &str, file: u32) -> Option<Lookup> {
        let gid = self.world.find_gid(name)?;
        let what = self.world.export(file, gid)?;
        let meaning = self.evaluate(file, what);
        Some(self.as_lookup(&meaning.ty, meaning.certainty))
    }

    /// What a module exports as a whole; of several in one file each its own.
    fn whole_of(&mut self, file: u32, scope: ScopeId) -> Option<Lookup> {
        if scope == ScopeId::FILE {
            return self.find_export("=", file);
        }
        let facts = self.world.facts(file);
        let _ = self.world.export(file, self.world.find_gid("=")?);
        let is_here = |e: &&Export| matches!(facts.ty(e.what), compass_facts::TypeExpr::Name { scope: s, .. } if *s == scope);
        let what = facts.exports.iter().filter(|e| facts.name(e.name) == "=").find(is_here)?.what;
        let meaning = self.evaluate(file, what);
        Some(self.as_lookup(&meaning.ty, meaning.certainty))
    }

    /// A script that hands on what the language has: what it is called here counts, in the file or in its header.
    fn declared_instead(&mut self, file: u32, found: Lookup) -> Lookup {
        let of_language = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.is_of_language(s));
        if found.is_empty() || !found.hits.iter().all(of_language) {
            return found;
        }
        let header = self.modules.header(self.world, file);
        match self.name_of_whole(file).or_else(|| self.whole(header?)) {
            Some(sym) => Lookup { hits: vec![Hit { entity: Entity::DefRef(sym), certainty: Certainty::Inferred, reasons: Vec::new() }], cause: found.cause },
            None => found,
        }
    }

    /// The variable that a file exports as a whole.
    fn name_of_whole(&mut self, file: u32) -> Option<DefRef> {
        let what = self.world.export(file, self.world.find_gid("=")?)?;
        let compass_facts::TypeExpr::Name { name, scope, .. } = *self.world.facts(file).ty(what) else { return None };
        let bound = self.bound(file, scope, self.world.gid(file, name), None);
        let syms = bound.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
        syms.into_iter().find(|s| !self.is_of_language(*s))
    }

    /// The things an evaluated expression names.
    pub(super) fn as_lookup(&mut self, ty: &Ty, certainty: Certainty) -> Lookup {
        let hit = |entity| Lookup { hits: vec![Hit { entity, certainty, reasons: Vec::new() }], cause: Cause::NoDefinition };
        match ty {
            Ty::Item(sym, ..) => hit(Entity::DefRef(*sym)),
            // A value that the language makes has no place of its own.
            Ty::Value(sym, _) if self.is_of_language(*sym) => Lookup::none(Cause::Dynamic),
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
    pub(super) fn module_member(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        self.module_member_except(from, file, scope, name, None)
    }

    fn module_member_except(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
        let world = self.world;
        let outside = from != file;
        let is_script = world.language(file).is_kin_of(Language::TypeScript);
        if is_script && scope == ScopeId::FILE && outside {
            let what = world.export(file, name);
            if let Some(what) = what {
                let expr = world.facts(file).ty(what);
                if let compass_facts::TypeExpr::Name { name: own, scope, .. } = expr {
                    let own = world.gid(file, *own);
                    let found = self.bound(file, *scope, own, not);
                    if !found.is_empty() {
                        return found;
                    }
                }
                let meaning = self.evaluate(file, what);
                let found = self.as_lookup(&meaning.ty, meaning.certainty);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        let found = self.bound(file, scope, name, not);
        if !found.is_empty() {
            // Everything in a namespace of a declaration file can be seen.
            let open = !is_script || !outside || scope != ScopeId::FILE && super::declaration_files::is_header(&world.files[file as usize].path);
            let visible = open || found.hits.iter().any(|h| self.is_exported(h.entity, file));
            if visible || !world.has_exports(file) {
                return found;
            }
        }
        self.through_globs(from, file, scope, name)
    }

    fn is_exported(&self, entity: Entity, file: u32) -> bool {
        match entity {
            Entity::DefRef(sym) if sym.file == file => self.world.def(sym).flags.has(Flags::EXPORTED),
            _ => true,
        }
    }

    /// Bindings of a scope, imports followed.
    pub(super) fn bound(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
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
    fn through_globs(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
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
    pub(super) fn entity_member(&mut self, from: u32, of: Entity, name: GlobalNameId) -> Lookup {
        match of {
            Entity::Module(file, scope) if self.world.language(file).is_c_family() => self.space_member(from, file, scope, name),
            Entity::Module(file, ScopeId::FILE) if self.world.language(file) == Language::Go => self.go_package_member(file, name),
            Entity::Module(file, scope) => {
                let word = self.world.name(name);
                if self.world.language(file) == Language::Rust && matches!(word, "self" | "super") {
                    let above = if word == "self" { Some(of) } else { self.module_above(file, scope) };
                    return above.map_or(Lookup::none(Cause::NoDefinition), |entity| Lookup {
                        hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }],
                        cause: Cause::NoDefinition,
                    });
                }
                let before = self.cuts;
                let found = self.module_member(from, file, scope, name);
                if !found.is_empty() {
                    return found;
                }
                let cut = self.cuts != before;
                if scope != ScopeId::FILE && super::declaration_files::is_header(&self.world.files[file as usize].path) {
                    let whole = self.whole_of(file, scope);
                    return whole.map_or(found, |whole| self.member_of_hits(from, whole, name));
                }
                self.child_module(of, name).or_else(|| if cut { None } else { self.in_header(from, file, name) }).unwrap_or(found)
            }
            Entity::Folder(_) => self.child_module(of, name).unwrap_or(Lookup::none(Cause::NoDefinition)),
            Entity::DefRef(sym) => {
                let ty = self.item(sym);
                self.members(from, &ty.ty, name)
            }
            Entity::External(_) => {
                Lookup { hits: vec![Hit { entity: Entity::External(name), certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::UnitAbsent }
            }
        }
    }

    /// A Python submodule.
    fn child_module(&mut self, of: Entity, name: GlobalNameId) -> Option<Lookup> {
        let entity = self.modules.python_child(self.world, of, self.world.name(name))?;
        Some(Lookup { hits: vec![Hit { entity, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition })
    }
}
