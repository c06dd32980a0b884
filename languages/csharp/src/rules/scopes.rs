//! What a plain name means: outwards through functions, types, namespaces and imports.

use super::Names;
use super::members::Members as _;
use super::spaces::{GLOBAL, Spaces as _};
use compass_facts::{Import, ImportId, ImportKind, Kind, ScopeId, ScopeKind};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Namespace, Ty};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// Types that words of the language stand for, whatever is imported: they stand in `System`.
const LANGUAGE: &str = "System";

/// What projects of the usual kind import into all their files (`ImplicitUsings`).
pub(super) const IMPLIED: [&str; 7] =
    ["System", "System.Collections.Generic", "System.IO", "System.Linq", "System.Net.Http", "System.Threading", "System.Threading.Tasks"];

#[ext(Scopes)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn csharp_plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let order: &[Names] = match wanted {
            Namespace::Method => &[Names::Methods, Names::Values],
            Namespace::Type => &[Names::Types],
            Namespace::Value => &[Names::Values, Names::Methods],
            _ => &[Names::Values, Names::Methods, Names::Types],
        };
        let facts = self.world.facts(file);
        let mut absent = false;
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = match (s.kind, s.owner) {
                (ScopeKind::Type, Some(owner)) => self.csharp_of_type(file, id, DefRef { file, def: owner }, name, order),
                (ScopeKind::Module | ScopeKind::File, _) => self.csharp_of_block(file, id, name, order),
                _ => self.csharp_bound(file, id, name, order),
            };
            if !found.is_empty() {
                return found;
            }
            absent |= found.cause == Cause::UnitAbsent;
            at = s.parent;
        }
        if order.contains(&Names::Types) {
            let found = self.csharp_of_language(name);
            if !found.is_empty() {
                return found;
            }
            let found = self.csharp_implied(name, absent);
            if !found.is_empty() {
                return found;
            }
        }
        let is_known = compass_index::linking::is_builtin(crate::CSHARP, self.world.name(name));
        Lookup::none(if is_known {
            Cause::Builtin
        } else if absent {
            Cause::UnitAbsent
        } else {
            Cause::NoDefinition
        })
    }

    fn csharp_of_language(&self, name: GlobalNameId) -> Lookup {
        match self.csharp_files().find(LANGUAGE) {
            Some(system) if is_word(self.world.name(name)) => self.csharp_in_space(system, name),
            _ => Lookup::none(Cause::NoDefinition),
        }
    }

    /// Types of namespaces that projects import without saying so: code that builds without them has found its names before. Where an
    /// imported namespace is not here, the name might stand in that one.
    fn csharp_implied(&self, name: GlobalNameId, absent: bool) -> Lookup {
        let certainty = if absent { Certainty::Inferred } else { Certainty::Proven };
        for space in IMPLIED.iter().filter_map(|s| self.csharp_files().find(s)) {
            let types = self.csharp_types_in(space, name);
            if !types.is_empty() {
                return Lookup { hits: types.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition };
            }
        }
        Lookup::none(Cause::NoDefinition)
    }

    /// What a scope itself binds.
    fn csharp_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId, order: &[Names]) -> Lookup {
        let facts = self.world.facts(file);
        let defs: Vec<DefRef> =
            self.world.bindings(file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None }).collect();
        for names in order {
            let hits: Vec<Hit> = defs.iter().filter(|s| names.hold(facts.def(s.def).kind)).map(|s| self.by_name_hit(*s, Certainty::Proven)).collect();
            if !hits.is_empty() {
                return Lookup { hits, cause: Cause::NoDefinition };
            }
        }
        Lookup::none(Cause::NoDefinition)
    }

    /// Type parameters and members of a type around.
    fn csharp_of_type(&mut self, file: u32, scope: ScopeId, owner: DefRef, name: GlobalNameId, order: &[Names]) -> Lookup {
        if order.contains(&Names::Types) {
            let mut own = self.csharp_bound(file, scope, name, &[Names::Types]);
            own.hits.retain(|h| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).kind == Kind::TypeParameter));
            if !own.is_empty() {
                return own;
            }
        }
        let of = Ty::Item(owner, Ty::no_args(), None);
        let mut cause = Cause::NoDefinition;
        for names in order {
            let found = self.csharp_members(&of, name, *names);
            if !found.is_empty() {
                return found;
            }
            cause = found.cause;
        }
        // A parameter of the head of a type is seen in all of it.
        let head = self.csharp_bound(file, scope, name, &[Names::Values]);
        if order.contains(&Names::Values) && !head.is_empty() { head } else { Lookup::none(cause) }
    }

    /// Namespaces around, and what one block of them or the file imports.
    fn csharp_of_block(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, order: &[Names]) -> Lookup {
        let files = self.csharp_files();
        let space = files.block(file, scope).unwrap_or(GLOBAL);
        let mut chain = files.upwards(space);
        if chain.is_empty() {
            chain.push(GLOBAL);
        }
        // Statements of a file stand in a function that nobody writes: so do its variables and functions (ECMA-334, §7.1.3).
        if scope == ScopeId::FILE {
            let inner: Vec<Names> = order.iter().copied().filter(|n| *n != Names::Types).collect();
            let found = self.csharp_bound(file, scope, name, &inner);
            if !found.is_empty() {
                return found;
            }
        }
        // What the block imports comes behind its own namespace, before those above it.
        if order.contains(&Names::Types) {
            let own = self.csharp_in_space(chain[0], name);
            if !own.is_empty() {
                return own;
            }
        }
        let imported = self.csharp_imported(file, scope, name, order);
        if !imported.is_empty() {
            return imported;
        }
        if order.contains(&Names::Types) {
            for above in chain.into_iter().skip(1) {
                let found = self.csharp_in_space(above, name);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        Lookup::none(imported.cause)
    }

    /// Aliases and imported namespaces of a block; of a file those of its unit as well.
    fn csharp_imported(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, order: &[Names]) -> Lookup {
        let mut cause = Cause::NoDefinition;
        if order.contains(&Names::Types) {
            let aliases: Vec<ImportId> =
                self.world.bindings(file, scope, name).filter_map(|b| if let Binding::Import(id) = b { Some(id) } else { None }).collect();
            for id in aliases {
                let found = self.csharp_alias(file, id);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        let mut hits: Vec<Hit> = Vec::new();
        for (from, id) in self.csharp_globs(file, scope) {
            let import = self.world.facts(from).import(id);
            let found = self.csharp_glob(from, import, name, order);
            absent(&mut cause, found.cause);
            for hit in found.hits {
                if !hits.iter().any(|h| h.entity == hit.entity) {
                    hits.push(hit);
                }
            }
        }
        Lookup { hits, cause }
    }

    /// Imports of whole namespaces that hold for a block: its own, of a file those of its unit as well.
    fn csharp_globs(&self, file: u32, scope: ScopeId) -> Vec<(u32, ImportId)> {
        let own = self.world.globs(file).iter().filter(|g| g.0 == scope).map(|g| (file, g.1));
        let unit = self.world.files[file as usize].id.unit.0;
        let of_unit = self.csharp_files().everywhere.get(&unit).filter(|_| scope == ScopeId::FILE);
        let is_glob = |(f, id): &(u32, ImportId)| self.world.facts(*f).import(*id).kind == ImportKind::Glob;
        own.chain(of_unit.into_iter().flatten().copied().filter(is_glob).filter(|g| g.0 != file)).collect()
    }

    fn csharp_glob(&mut self, file: u32, import: &Import, name: GlobalNameId, order: &[Names]) -> Lookup {
        let module = self.world.facts(file).name(import.module).to_owned();
        if !import.system {
            let Some(space) = self.csharp_space_named(file, import.scope, &module) else { return Lookup::none(Cause::UnitAbsent) };
            let types = if order.contains(&Names::Types) { self.csharp_types_in(space, name) } else { Vec::new() };
            let hits = types.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect();
            return Lookup { hits, cause: Cause::NoDefinition };
        }
        let Some(class) = self.csharp_path(file, import.scope, &module) else { return Lookup::none(Cause::UnitAbsent) };
        for names in order {
            let found = self.csharp_members(&Ty::Item(class, Ty::no_args(), None), name, *names);
            if !found.is_empty() {
                return found;
            }
        }
        Lookup::none(Cause::NoDefinition)
    }

    /// A namespace by a name that may leave out those around.
    fn csharp_space_named(&self, file: u32, scope: ScopeId, name: &str) -> Option<u32> {
        let files = self.csharp_files();
        let around = files.upwards(self.csharp_space_around(file, scope));
        let below = around.iter().find_map(|above| files.find(&format!("{}.{name}", files.name(*above))));
        below.or_else(|| files.find(name))
    }

    /// A type by its path.
    fn csharp_path(&mut self, file: u32, scope: ScopeId, path: &str) -> Option<DefRef> {
        let (front, last) = path.rsplit_once('.').unwrap_or(("", path));
        let name = self.world.find_gid(last)?;
        let space = if front.is_empty() { Some(GLOBAL) } else { self.csharp_space_named(file, scope, front) };
        if let Some(found) = space.and_then(|s| self.csharp_types_in(s, name).into_iter().next()) {
            return Some(found);
        }
        if front.is_empty() {
            return None;
        }
        let outer = self.csharp_path(file, scope, front)?;
        let found = self.csharp_members(&Ty::Item(outer, Ty::no_args(), None), name, Names::Types);
        found.hits.into_iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None })
    }

    /// What the alias of an import stands for: a type, or a namespace.
    fn csharp_alias(&mut self, file: u32, id: ImportId) -> Lookup {
        let facts = self.world.facts(file);
        let import = facts.import(id);
        let (Some(name), front) = (import.name, facts.name(import.module)) else { return Lookup::none(Cause::NoDefinition) };
        let last = facts.name(name);
        let path = if front.is_empty() { last.to_owned() } else { format!("{front}.{last}") };
        let (scope, gid) = (import.scope, self.world.gid(file, name));
        if let Some(class) = self.csharp_path(file, scope, &path) {
            return Lookup { hits: vec![self.by_name_hit(class, Certainty::Proven)], cause: Cause::NoDefinition };
        }
        match self.csharp_space_named(file, scope, &path) {
            Some(space) => {
                Lookup { hits: vec![Hit { entity: Entity::Folder(space), certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition }
            }
            None => Lookup { hits: vec![Hit { entity: Entity::External(gid), certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::UnitAbsent },
        }
    }

    /// A class by the name of an attribute, with the end it may leave out.
    fn csharp_attribute(&mut self, file: u32, scope: ScopeId, of: compass_facts::TypeId, name: GlobalNameId) -> Lookup {
        let owner = match self.world.facts(file).ty(of) {
            compass_facts::TypeExpr::Member { of, .. } => Some(self.evaluate(file, *of).ty),
            _ => None,
        };
        let long = self.world.find_gid(&format!("{}Attribute", self.world.name(name)));
        let mut found = Lookup::none(Cause::NoDefinition);
        for name in long.into_iter().chain([name]) {
            found = match &owner {
                Some(Ty::Module(Entity::Folder(space))) => self.csharp_in_space(*space, name),
                Some(of) => self.csharp_members(of, name, Names::Types),
                None => self.csharp_plain(file, scope, name, Namespace::Type),
            };
            found.hits.retain(|h| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).arity == 0));
            if !found.is_empty() {
                break;
            }
        }
        found
    }
}

fn absent(cause: &mut Cause, new: Cause) {
    if new == Cause::UnitAbsent {
        *cause = new;
    }
}

/// Names that words of the language stand for.
fn is_word(name: &str) -> bool {
    matches!(
        name,
        "Boolean"
            | "Byte"
            | "Char"
            | "Decimal"
            | "Double"
            | "Single"
            | "Int32"
            | "Int64"
            | "IntPtr"
            | "Object"
            | "SByte"
            | "Int16"
            | "String"
            | "UInt32"
            | "UInt64"
            | "UInt16"
            | "Type"
    )
}
