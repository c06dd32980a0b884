//! Protocol Buffers: a name is looked for in the message around, in those around that, in the package, in the packages around it; of
//! files that are imported, or that an imported file hands on.
//!
//! Source of the rules: the language's published specification, chapters "Packages and Name Resolution" and "Importing Definitions".

use compass_facts::{Facts, ImportId, Kind, NameId, Role, ScopeId, ScopeKind, TypeExpr, TypeId, Use};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, IMPORTS, Lookup, Meaning, Namespace, Rules, Target};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// See the module.
pub(super) struct ProtobufRules;

/// Files handed on by files handed on, above this many steps, are not looked at.
const MOST_STEPS: usize = 16;
/// Types of options within options, above this many, are not looked at.
const DEEPEST: u32 = 16;

impl Rules for ProtobufRules {
    fn words(&self) -> &'static [&'static str] {
        &["google", "protobuf", IMPORTS]
    }

    fn namespace(&self, _: &Evaluator, _: u32, _: &Use) -> Namespace {
        Namespace::Any
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, _: Namespace) -> Lookup {
        let word = e.world.name(name).to_owned();
        e.proto_path(file, scope, &[word])
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let path = facts.name(facts.import(id).module);
        let Some(found) = e.proto_imported(file, id) else { return Vec::new() };
        let is_whole = e.world.files[found as usize].path.ends_with(path);
        let certainty = if is_whole { Certainty::Proven } else { Certainty::Inferred };
        vec![Target { entity: Entity::Module(found, ScopeId::FILE), certainty, stands_in: false }]
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        e.follow_targets(file, id)
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let word = e.world.name(name).to_owned();
        e.proto_member(file, of, u.scope, &word, 0)
    }

    /// The value of an enumeration, where one is told as a value.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let word = e.world.name(name).to_owned();
        if e.proto_chain(file, of).is_none() {
            return e.proto_member(file, of, u.scope, &word, 0);
        }
        match e.proto_type_of(file, of, u.scope, 0) {
            Some(owner) => e.proto_held(owner, &word),
            None => Lookup::none(Cause::UnitAbsent),
        }
    }

    fn member_meaning(&self, _: &mut Evaluator, _: u32, _: TypeId, _: GlobalNameId) -> Meaning {
        Meaning::unknown(Cause::NoDefinition)
    }

    fn settle(&self, e: &mut Evaluator, _: u32, _: &Facts, _: compass_facts::UseId, u: &Use, found: Lookup) -> Lookup {
        let hits = found.hits.into_iter().filter(|h| match h.entity {
            Entity::DefRef(s) => (u.role == Role::Type) <= e.proto_is_type(s),
            _ => true,
        });
        Lookup { hits: hits.collect(), cause: found.cause }
    }
}

#[ext(ProtobufNames)]
impl Evaluator<'_, '_> {
    fn proto_is_type(&self, s: DefRef) -> bool {
        matches!(self.world.def(s).kind, Kind::Struct | Kind::Enum)
    }

    /// The names of what lies around a scope, outermost first.
    fn proto_around(&self, file: u32, scope: ScopeId) -> Vec<String> {
        let facts = self.world.facts(file);
        let mut out = Vec::new();
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            if let Some(owner) = s.owner.filter(|o| s.kind != ScopeKind::File && facts.def(*o).kind != Kind::Method) {
                out.push(facts.def_name(owner).to_owned());
            }
            at = s.parent;
        }
        out.reverse();
        out
    }

    /// Is the definition called so, with all that is around it?
    fn proto_is_called(&self, s: DefRef, path: &[String]) -> bool {
        let Some((_, around)) = path.split_last() else { return false };
        let mut real = self.proto_around(s.file, self.world.def(s).scope);
        // The values of an enumeration stand beside it.
        if self.world.def(s).kind == Kind::Variant {
            real.pop();
        }
        real == around
    }

    /// Definitions with that full name, those of the files a file sees first.
    fn proto_called(&mut self, file: u32, path: &[String]) -> Vec<Hit> {
        let Some(gid) = path.last().and_then(|n| self.world.find_gid(n)) else { return Vec::new() };
        let world = self.world;
        let all: Vec<DefRef> = world.all_named(gid).filter(|s| world.language(s.file) == crate::PROTOBUF && self.proto_is_called(**s, path)).copied().collect();
        if all.is_empty() {
            return Vec::new();
        }
        let seen = self.proto_seen(file);
        let mut found: Vec<DefRef> = all.iter().filter(|s| seen.contains(&s.file)).copied().collect();
        let is_seen = !found.is_empty();
        if !is_seen {
            found = all;
        }
        // A package is opened by each of its files; the file's own comes first.
        found.sort_by_key(|s| (s.file != file, s.file));
        if found.first().is_some_and(|s| world.def(*s).kind == Kind::Module) {
            found.truncate(1);
        }
        found.truncate(8);
        let certainty = if is_seen && found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect()
    }

    /// The file, what it imports, and what that hands on.
    fn proto_seen(&mut self, file: u32) -> Vec<u32> {
        self.world.note_imports();
        let mut out = vec![file];
        let mut at = 0;
        for step in 0..MOST_STEPS {
            let end = out.len();
            let newest: Vec<u32> = out[at..end].to_vec();
            for f in newest {
                let imports = self.world.facts(f).imports.iter().enumerate().filter(|(_, i)| step == 0 || i.reexport);
                for id in imports.map(|(i, _)| ImportId(i as u32)).collect::<Vec<_>>() {
                    if let Some(to) = self.proto_imported(f, id).filter(|to| !out.contains(to)) {
                        out.push(to);
                    }
                }
            }
            at = end;
        }
        // The messages of options are known without an import.
        if let Some(options) = self.modules.by_suffix(self.world, file, "google/protobuf/descriptor.proto") {
            out.push(options);
        }
        out
    }

    /// The file that an import names. Paths may begin with the address of a repository, of which no folder here is called.
    fn proto_imported(&self, file: u32, id: ImportId) -> Option<u32> {
        /// An end of a path with fewer parts than this says too little.
        const FEWEST: usize = 3;
        let facts = self.world.facts(file);
        let mut path = facts.name(facts.import(id).module);
        loop {
            if let Some(found) = self.modules.by_suffix(self.world, file, path) {
                return Some(found).filter(|f| self.world.language(*f) == crate::PROTOBUF);
            }
            path = path.split_once('/').map(|p| p.1).filter(|rest| rest.split('/').count() >= FEWEST)?;
        }
    }

    /// What a name with dots means in a scope; with an empty first part it is looked for from the top.
    fn proto_path(&mut self, file: u32, scope: ScopeId, path: &[String]) -> Lookup {
        let around = if path.first().is_some_and(String::is_empty) { Vec::new() } else { self.proto_around(file, scope) };
        let path: Vec<String> = path.iter().filter(|p| !p.is_empty()).cloned().collect();
        for depth in (0..=around.len()).rev() {
            let whole: Vec<String> = around[..depth].iter().chain(&path).cloned().collect();
            let hits = self.proto_called(file, &whole);
            if !hits.is_empty() {
                return Lookup { hits, cause: Cause::NoDefinition };
            }
        }
        // A package that no file here is part of, or a file that is imported and not here.
        let imports = self.world.facts(file).imports.len() as u32;
        let is_absent = (0..imports).any(|i| self.proto_imported(file, ImportId(i)).is_none());
        Lookup::none(if is_absent { Cause::UnitAbsent } else { Cause::NoDefinition })
    }

    /// The names of a chain, where it is one of names alone.
    fn proto_chain(&self, file: u32, of: TypeId) -> Option<(Vec<String>, ScopeId)> {
        let facts = self.world.facts(file);
        let word = |name: NameId| facts.name(name).to_owned();
        match *facts.ty(of) {
            TypeExpr::Name { name, scope, .. } => Some((vec![word(name)], scope)),
            TypeExpr::Member { of, name } => {
                let (mut chain, scope) = self.proto_chain(file, of)?;
                chain.push(word(name));
                Some((chain, scope))
            }
            _ => None,
        }
    }

    /// A name behind a chain of names, or a field behind an option.
    fn proto_member(&mut self, file: u32, of: TypeId, scope: ScopeId, word: &str, depth: u32) -> Lookup {
        if let Some((mut chain, _)) = self.proto_chain(file, of) {
            chain.push(word.to_owned());
            return self.proto_path(file, scope, &chain);
        }
        let TypeExpr::Deref(field) = *self.world.facts(file).ty(of) else { return Lookup::none(Cause::ReceiverUnknown) };
        let Some(owner) = self.proto_type_of(file, field, scope, depth) else { return Lookup::none(Cause::UnitAbsent) };
        self.proto_held(owner, word)
    }

    /// What stands in a message or enumeration under a name.
    fn proto_held(&mut self, owner: DefRef, word: &str) -> Lookup {
        let Some(inner) = self.world.def(owner).inner else { return Lookup::none(Cause::NoDefinition) };
        let Some(gid) = self.world.find_gid(word) else { return Lookup::none(Cause::NoDefinition) };
        let found = self.world.bindings(owner.file, inner, gid).find_map(|b| match b {
            compass_index::linking::Binding::Def(def) => Some(DefRef { file: owner.file, def }),
            _ => None,
        });
        let hits = found.map(|s| self.by_name_hit(s, Certainty::Proven)).into_iter().collect();
        Lookup { hits, cause: Cause::NoDefinition }
    }

    /// The message or enumeration that a field is declared with.
    fn proto_type_of(&mut self, file: u32, field: TypeId, scope: ScopeId, depth: u32) -> Option<DefRef> {
        if depth > DEEPEST {
            return None;
        }
        let hits = match self.proto_chain(file, field) {
            Some((chain, _)) => self.proto_path(file, scope, &chain).hits,
            None => {
                let TypeExpr::Member { of, name } = *self.world.facts(file).ty(field) else { return None };
                let word = self.world.facts(file).name(name).to_owned();
                self.proto_member(file, of, scope, &word, depth + 1).hits
            }
        };
        let found = hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None })?;
        if self.proto_is_type(found) {
            return Some(found);
        }
        let d = self.world.def(found);
        let (ty, inside) = (d.ty?, d.scope);
        let (chain, _) = self.proto_chain(found.file, ty)?;
        let hits = self.proto_path(found.file, inside, &chain).hits;
        hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None })
    }
}
