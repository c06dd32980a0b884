//! GraphQL: types, directives and fragments are known by name throughout a schema; what is selected is a field of the type around.
//!
//! Source of the rules: the language's published specification, chapters "Type System" and "Document", and "Introspection" for the
//! fields that every object has.

use crate::reader::ROOT;
use compass_facts::{Kind, Role, ScopeId, ScopeKind, TypeExpr, TypeId, Use};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Meaning, Namespace, Rules};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// See the module.
pub(super) struct GraphqlRules;

/// Selections within selections, above this many, are not followed.
const DEEPEST: u32 = 200;
/// A name that more schemas than this define is left open.
const MOST: usize = 12;
/// Types whose fields every object, and every root, has besides its own.
const SHARED: [&str; 2] = ["__Any", "__Root"];

impl Rules for GraphqlRules {
    fn words(&self) -> &'static [&'static str] {
        &["Query", "Mutation", "Subscription", "__Any", "__Root", "<root>query", "<root>mutation", "<root>subscription"]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Type => Namespace::Type,
            _ => Namespace::Any,
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let facts = e.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at.filter(|_| wanted != Namespace::Type) {
            if facts.scope(id).kind == ScopeKind::Function
                && let Some(found) = e.graphql_bound(file, id, name)
            {
                return Lookup { hits: vec![e.by_name_hit(found, Certainty::Proven)], cause: Cause::NoDefinition };
            }
            at = facts.scope(id).parent;
        }
        e.graphql_known(file, name, wanted == Namespace::Type)
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        e.graphql_member(file, of, name, 0)
    }

    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        let owners = e.graphql_things(file, of, 0);
        e.graphql_held(&owners, name)
    }

    fn member_meaning(&self, _: &mut Evaluator, _: u32, _: TypeId, _: GlobalNameId) -> Meaning {
        Meaning::unknown(Cause::NoDefinition)
    }

    fn parts(&self, e: &Evaluator, of: DefRef) -> Vec<DefRef> {
        let d = e.world.def(of);
        if !is_type(d.kind) {
            return Vec::new();
        }
        let name = e.world.gid(of.file, d.name);
        e.graphql_named(of.file, name).into_iter().filter(|s| is_type(e.world.def(*s).kind)).collect()
    }
}

fn is_type(kind: Kind) -> bool {
    matches!(kind, Kind::Class | Kind::Interface | Kind::Union | Kind::Enum | Kind::Struct | Kind::Alias)
}

#[ext(GraphqlNames)]
impl Evaluator<'_, '_> {
    fn graphql_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId) -> Option<DefRef> {
        self.world.bindings(file, scope, name).find_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None })
    }

    /// What is defined at the top of files under a name, of the same unit first.
    fn graphql_named(&self, file: u32, name: GlobalNameId) -> Vec<DefRef> {
        let world = self.world;
        let own = world.files[file as usize].id.unit;
        let is_it = |s: &&DefRef| world.language(s.file) == crate::GRAPHQL && world.def(**s).scope == ScopeId::FILE;
        let all: Vec<DefRef> = world.all_named(name).filter(is_it).take(MOST + 1).copied().collect();
        let here: Vec<DefRef> = all.iter().filter(|s| world.files[s.file as usize].id.unit == own).copied().collect();
        if here.is_empty() { all } else { here }
    }

    /// A type, directive, fragment or operation. The whole of a type goes before what extends it.
    fn graphql_known(&mut self, file: u32, name: GlobalNameId, types: bool) -> Lookup {
        let world = self.world;
        let mut found: Vec<DefRef> = self.graphql_named(file, name).into_iter().filter(|s| !types || is_type(world.def(*s).kind)).collect();
        if found.len() > MOST {
            return Lookup::none(Cause::TooMany);
        }
        let extends = |s: &DefRef| self.graphql_extends(*s);
        found.sort_by_key(|s| (extends(s), s.file, s.def));
        let wholes = found.iter().filter(|s| !extends(s)).count();
        let hits = found.iter().enumerate().map(|(i, s)| {
            let is_sure = if wholes > 0 { wholes == 1 && (i == 0) } else { found.len() == 1 };
            self.by_name_hit(*s, if is_sure { Certainty::Proven } else { Certainty::Inferred })
        });
        let mut hits: Vec<Hit> = hits.collect();
        if wholes == 1 {
            hits.truncate(1);
        }
        Lookup { hits, cause: Cause::NoDefinition }
    }

    /// Does a definition only add to a type?
    fn graphql_extends(&self, s: DefRef) -> bool {
        self.world.def(s).flags.has(compass_facts::Flags::SPECIAL)
    }

    /// What a name or chain stands for: types, fields, arguments.
    fn graphql_things(&mut self, file: u32, of: TypeId, depth: u32) -> Vec<DefRef> {
        if depth > DEEPEST {
            return Vec::new();
        }
        let lookup = match *self.world.facts(file).ty(of) {
            TypeExpr::Name { name, .. } => {
                let gid = self.world.gid(file, name);
                match self.world.facts(file).name(name).strip_prefix(ROOT) {
                    Some(operation) => return self.graphql_root(file, operation, gid),
                    None => self.graphql_known(file, gid, false),
                }
            }
            TypeExpr::Member { of, name } => {
                let gid = self.world.gid(file, name);
                self.graphql_member(file, of, gid, depth + 1)
            }
            TypeExpr::Deref(of) => return self.graphql_types_of(file, of, depth + 1),
            _ => return Vec::new(),
        };
        lookup.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None }).collect()
    }

    /// The type that a kind of operation starts from: as the schema says, else the one of the usual name.
    fn graphql_root(&mut self, file: u32, operation: &str, root: GlobalNameId) -> Vec<DefRef> {
        let said = self.graphql_named(file, root);
        if !said.is_empty() {
            return said;
        }
        let usual = match operation {
            "mutation" => "Mutation",
            "subscription" => "Subscription",
            _ => "Query",
        };
        let Some(name) = self.world.find_gid(usual) else { return Vec::new() };
        self.graphql_named(file, name)
    }

    /// The types of fields or arguments; types stand for themselves.
    fn graphql_types_of(&mut self, file: u32, of: TypeId, depth: u32) -> Vec<DefRef> {
        let mut out = Vec::new();
        for thing in self.graphql_things(file, of, depth) {
            if is_type(self.world.def(thing).kind) {
                out.push(thing);
                continue;
            }
            let Some(ty) = self.world.def(thing).ty else { continue };
            let TypeExpr::Name { name, .. } = *self.world.facts(thing.file).ty(ty) else { continue };
            let gid = self.world.gid(thing.file, name);
            out.extend(self.graphql_named(thing.file, gid));
        }
        out.sort_unstable();
        out.dedup();
        out
    }

    /// A field of the type that an expression stands for, or of one of its parts.
    fn graphql_member(&mut self, file: u32, of: TypeId, name: GlobalNameId, depth: u32) -> Lookup {
        if depth > DEEPEST {
            return Lookup::none(Cause::ReceiverUnknown);
        }
        let mut owners = self.graphql_things(file, of, depth + 1);
        if owners.is_empty() {
            return Lookup::none(Cause::ReceiverUnknown);
        }
        for owner in owners.clone() {
            let gid = self.world.gid(owner.file, self.world.def(owner).name);
            owners.extend(self.graphql_named(owner.file, gid));
        }
        owners.sort_unstable();
        owners.dedup();
        let found = self.graphql_held(&owners, name);
        if !found.is_empty() || !self.world.name(name).starts_with("__") {
            return found;
        }
        let shared: Vec<DefRef> = SHARED.iter().filter_map(|n| self.world.find_gid(n)).flat_map(|n| self.graphql_named(file, n)).collect();
        self.graphql_held(&shared, name)
    }

    /// What stands in things under a name.
    fn graphql_held(&mut self, owners: &[DefRef], name: GlobalNameId) -> Lookup {
        let inner = |s: &DefRef| self.world.def(*s).inner.map(|scope| (s.file, scope));
        let found: Vec<DefRef> = owners.iter().filter_map(inner).filter_map(|(file, scope)| self.graphql_bound(file, scope, name)).collect();
        let certainty = if found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition }
    }
}
