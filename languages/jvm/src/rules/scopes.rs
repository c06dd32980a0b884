//! What a plain name means in Java: outwards through scopes, the file, its imports, its package.

use super::members::Members as _;
use super::{JavaNames as _, Names};
use compass_facts::{Import, ImportId, Kind, ScopeId, ScopeKind};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Namespace, Reason, Ty, is_builtin};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// The package that needs no import.
const LANGUAGE: &str = "java.lang";

#[ext(Scopes)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// What a plain name means.
    fn plain_java(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        match wanted {
            Namespace::Method => self.java_outwards(file, scope, name, Names::Methods),
            Namespace::Type => self.java_outwards(file, scope, name, Names::Types),
            Namespace::Value => self.java_outwards(file, scope, name, Names::Values),
            _ => {
                let value = self.java_outwards(file, scope, name, Names::Values);
                if value.is_empty() { self.java_outwards(file, scope, name, Names::Types) } else { value }
            }
        }
    }

    fn java_outwards(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, names: Names) -> Lookup {
        let facts = self.world.facts(file);
        let mut cause = Cause::NoDefinition;
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = match (s.kind, s.owner) {
                (ScopeKind::File, _) => self.java_file(file, name, names),
                (ScopeKind::Type, Some(owner)) => {
                    let own = self.java_parameter(file, id, name, names);
                    if own.is_empty() { self.java_members(&Ty::Item(DefRef { file, def: owner }, Ty::no_args(), None), name, names) } else { own }
                }
                _ => self.java_bound(file, id, name, names),
            };
            if !found.is_empty() {
                return found;
            }
            if matches!(found.cause, Cause::UnitAbsent | Cause::Builtin) {
                cause = found.cause;
            }
            at = s.parent;
        }
        if names == Names::Types {
            // What every file imports (Java Language Specification, §7.5.5).
            let found = self.java_in_package(LANGUAGE, name);
            if !found.is_empty() {
                return found;
            }
        }
        if is_builtin(crate::JAVA, self.world.name(name)) && names != Names::Values {
            cause = Cause::Builtin;
        }
        Lookup::none(cause)
    }

    /// A type parameter of the type around.
    fn java_parameter(&self, file: u32, scope: ScopeId, name: GlobalNameId, names: Names) -> Lookup {
        let found = if names == Names::Types { self.java_bound(file, scope, name, names) } else { Lookup::none(Cause::NoDefinition) };
        Lookup {
            hits: found.hits.into_iter().filter(|h| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).kind == Kind::TypeParameter)).collect(),
            cause: Cause::NoDefinition,
        }
    }

    /// What a scope itself binds.
    fn java_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId, names: Names) -> Lookup {
        let mut out = Lookup::none(Cause::NoDefinition);
        for binding in self.world.bindings(file, scope, name) {
            if let Binding::Def(def) = binding
                && names.hold(self.world.facts(file).def(def).kind)
            {
                out.hits.push(self.by_name_hit(DefRef { file, def }, Certainty::Proven));
            }
        }
        out
    }

    /// Types of the file, imports, the package, star imports, in that order.
    fn java_file(&mut self, file: u32, name: GlobalNameId, names: Names) -> Lookup {
        let own = self.java_bound(file, ScopeId::FILE, name, names);
        if !own.is_empty() {
            return own;
        }
        let mut cause = Cause::NoDefinition;
        let facts = self.world.facts(file);
        let imports: Vec<ImportId> = self
            .world
            .bindings(file, ScopeId::FILE, name)
            .filter_map(|b| if let Binding::Import(id) = b { Some(id) } else { None })
            .filter(|id| facts.import(*id).system || names == Names::Types)
            .collect();
        for id in imports {
            let mut found = self.follow(file, id);
            found.hits.retain(|h| !matches!(h.entity, Entity::DefRef(s) if !names.hold(self.world.def(s).kind)));
            if !found.is_empty() {
                return found;
            }
            cause = found.cause;
        }
        if names == Names::Types
            && let Some(package) = self.java_packages().of(file)
        {
            let found = self.java_in_package(package, name);
            if !found.is_empty() {
                return found;
            }
        }
        let globs: Vec<ImportId> = self.world.globs(file).iter().map(|g| g.1).collect();
        for id in globs {
            let import = facts.import(id);
            let module = facts.name(import.module);
            let found = self.java_glob(import, module, name, names);
            if !found.is_empty() {
                let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
                let hits = found.hits.into_iter().map(|h| Hit { reasons: std::iter::once(reason).chain(h.reasons).collect(), ..h });
                return Lookup { hits: hits.collect(), cause: Cause::NoDefinition };
            }
            if found.cause == Cause::UnitAbsent {
                cause = Cause::UnitAbsent;
            }
        }
        Lookup::none(cause)
    }

    fn java_glob(&mut self, import: &Import, module: &str, name: GlobalNameId, names: Names) -> Lookup {
        if self.java_packages().has(module) {
            return if names == Names::Types { self.java_in_package(module, name) } else { Lookup::none(Cause::NoDefinition) };
        }
        match self.java_class(module) {
            Some(class) if import.system || names == Names::Types => self.java_members(&Ty::Item(class, Ty::no_args(), None), name, names),
            Some(_) => Lookup::none(Cause::NoDefinition),
            None => Lookup::none(Cause::UnitAbsent),
        }
    }

    /// A type of a package, by the files that say they are part of it.
    fn java_in_package(&self, package: &str, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let is_in = |s: &DefRef| {
            crate::is_jvm(world.language(s.file))
                && world.def(*s).scope == ScopeId::FILE
                && world.def(*s).kind.is_type()
                && self.java_packages().of(s.file) == Some(package)
        };
        let hits: Vec<Hit> =
            self.java_packages().within(package, world.named(name)).iter().filter(|s| is_in(s)).map(|s| self.by_name_hit(*s, Certainty::Proven)).collect();
        Lookup { hits, cause: Cause::NoDefinition }
    }

    /// Is it a type of the package that needs no import?
    fn java_is_of_language(&self, sym: DefRef) -> bool {
        self.world.def(sym).scope == ScopeId::FILE && self.java_packages().of(sym.file) == Some(LANGUAGE)
    }

    /// A type of that package.
    fn java_of_language(&self, word: &str) -> Option<DefRef> {
        let name = self.world.find_gid(word)?;
        self.java_in_package(LANGUAGE, name).hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None })
    }

    /// A type by its full name: `a.b.Outer.Inner`.
    fn java_class(&mut self, path: &str) -> Option<DefRef> {
        let (front, last) = path.rsplit_once('.').unwrap_or(("", path));
        let name = self.world.find_gid(last)?;
        let first = |l: &Lookup| l.hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
        if self.java_packages().has(front)
            && let Some(found) = first(&self.java_in_package(front, name))
        {
            return Some(found);
        }
        if front.is_empty() {
            return None;
        }
        let outer = self.java_class(front)?;
        first(&self.java_members(&Ty::Item(outer, Ty::no_args(), None), name, Names::Types))
    }

    /// What the name bound by an import means.
    fn follow_java(&mut self, file: u32, import: &Import) -> Lookup {
        let facts = self.world.facts(file);
        let module = facts.name(import.module).to_owned();
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let absent =
            |gid| Lookup { hits: vec![Hit { entity: Entity::External(gid), certainty: Certainty::Proven, reasons: vec![reason] }], cause: Cause::UnitAbsent };
        let Some(name) = import.name.map(|n| self.world.gid(file, n)) else { return Lookup::none(Cause::NoDefinition) };
        let mut found = if self.java_packages().has(&module) && !import.system {
            self.java_in_package(&module, name)
        } else if let Some(class) = self.java_class(&module) {
            let of = Ty::Item(class, Ty::no_args(), None);
            let mut all = Lookup::none(Cause::NoDefinition);
            for names in [Names::Types, Names::Values, Names::Methods] {
                all.hits.extend(self.java_members(&of, name, names).hits);
            }
            all
        } else {
            return absent(name);
        };
        if found.is_empty() {
            return absent(name);
        }
        for hit in &mut found.hits {
            hit.reasons.insert(0, reason);
        }
        found
    }
}
