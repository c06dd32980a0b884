//! What a change of a file changes for others, as names.
//!
//! # How it works
//! What others may ask for of a file is told as a list of descriptions under each name: kind, flags, type, the scope it stands
//! in, what is compiled when; never an offset, so that moved lines change nothing. A name is changed when its list is another
//! one; the order of a list counts, since symbols of one name are told apart by it. What has no name of its own counts
//! under that of what it belongs to. Since a linker finds everything by name, what hangs on the change has looked up one of the
//! changed names: see [`crate::link`], `dependencies`.
//!
//! Some changes have no name: which modules or packages there are, what a star import brings in. Then everything is
//! linked again, and the reason is told.

use crate::FileId;
use compass_facts::{DefId, Facts, ImportId, ImportKind, Language, ScopeId, ScopeKind, TypeExpr, TypeId};
use rustc_hash::{FxHashMap, FxHashSet, FxHasher};
use std::cell::RefCell;
use std::collections::BTreeSet;
use std::hash::{Hash, Hasher};

/// A macro, and the bytes in the branches with and without it: before, now.
pub(crate) type Choice = (String, (u64, u64), (u64, u64));

/// A changed file.
#[derive(Debug, Clone)]
pub(crate) struct Changed {
    /// Which.
    pub(crate) file: FileId,
    /// Its facts before.
    pub(crate) old: Option<Box<Facts>>,
    /// What that means for others.
    pub(crate) what: Change,
    /// Included paths of before or now that are not in both.
    pub(crate) included: Vec<String>,
    /// How many bytes stand in the branches that a macro chooses, where that changed: name, before, now.
    pub(crate) choices: Vec<Choice>,
}

impl Changed {
    /// Compares a file before and now.
    pub(crate) fn of(file: FileId, language: Language, old: &Facts, new: &Facts) -> Changed {
        let paths = |facts: &Facts| -> BTreeSet<String> {
            facts.imports.iter().filter(|i| i.kind == ImportKind::Include).map(|i| facts.name(i.module).to_owned()).collect()
        };
        let included = paths(old).symmetric_difference(&paths(new)).cloned().collect();
        let (before, now) = (crate::link::choices(old), crate::link::choices(new));
        let names: BTreeSet<&String> = before.keys().chain(now.keys()).collect();
        let of = |all: &FxHashMap<String, (u64, u64)>, name: &String| all.get(name).copied().unwrap_or_default();
        let choices = names.into_iter().map(|n| (n.clone(), of(&before, n), of(&now, n))).filter(|c| c.1 != c.2).collect();
        Changed { file, old: None, what: between(language, old, new), included, choices }
    }

    /// A file of which nothing is known from before.
    pub(crate) fn unknown(file: FileId, why: &'static str) -> Changed {
        Changed { file, old: None, what: Change::Everything(why), included: Vec::new(), choices: Vec::new() }
    }
}

/// What a changed file changes for others.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Change {
    /// Anything, and why.
    Everything(&'static str),
    /// What is found under these names.
    Names {
        /// Sorted.
        names: BTreeSet<String>,
        /// Are other files included than before?
        includes: bool,
    },
}

/// Compares what others may ask for of a file before and now.
pub fn between(language: Language, old: &Facts, new: &Facts) -> Change {
    let (before, now) = (old, new);
    let (old, new) = (Described::of(language, old), Described::of(language, new));
    if old.unnamed != new.unnamed {
        return Change::Everything("what belongs to no name has changed");
    }
    if old.modules != new.modules {
        return Change::Everything("other modules, packages or star imports than before");
    }
    let differs = |name: &&String| old.named.get(*name) != new.named.get(*name);
    let mut names: BTreeSet<String> = old.named.keys().chain(new.named.keys()).filter(differs).cloned().collect();
    if old.qualifiers != new.qualifiers {
        names.extend(mentioned(before));
        names.extend(mentioned(now));
    }
    if crate::link::changes_for_all(language, before, now) {
        names.extend([before, now].iter().flat_map(|facts| declared_by(facts)));
    }
    Change::Names { names, includes: old.includes != new.includes }
}

/// Names that a file declares by itself.
fn declared_by(facts: &Facts) -> impl Iterator<Item = String> {
    facts.definitions[..facts.outer_count()].iter().filter(|d| d.scope == ScopeId::FILE).map(|d| facts.name(d.name).to_owned())
}

/// Plain names that types others may ask for are made of.
fn mentioned(facts: &Facts) -> Vec<String> {
    let types = &facts.types[..(facts.outer.types as usize).min(facts.types.len())];
    let names = types.iter().filter(|t| matches!(t, TypeExpr::Name { .. } | TypeExpr::TypeName { .. })).filter_map(TypeExpr::name);
    names.map(|n| facts.name(n).to_owned()).collect()
}

/// Everything a file says to others, told by hashes.
#[derive(Default)]
struct Described {
    named: FxHashMap<String, Vec<u64>>,
    /// Imports that bind no name: they say where names come from.
    modules: Vec<u64>,
    includes: Vec<u64>,
    /// Imports whose module alone knows the name they bind: packages whose name is not that of their path.
    qualifiers: Vec<u64>,
    /// Members of types whose name cannot be told.
    unnamed: Vec<u64>,
}

impl Described {
    fn of(language: Language, facts: &Facts) -> Described {
        let teller = Teller { facts, language, types: RefCell::default(), open: RefCell::default() };
        let mut out = Described::default();
        for i in 0..facts.outer_count() {
            out.definition(&teller, DefId(i as u32));
        }
        for (i, import) in facts.imports.iter().enumerate() {
            let hash = teller.import(ImportId(i as u32));
            match import.kind {
                ImportKind::Include => out.includes.push(hash),
                ImportKind::Glob | ImportKind::Child | ImportKind::Within => out.modules.push(hash),
                ImportKind::Module | ImportKind::Name if import.bound.is_none() => out.qualifiers.push(hash),
                ImportKind::Module | ImportKind::Name | ImportKind::Effect => {}
            }
            out.add(crate::linking::IMPORTS, &(hash, i));
            if let Some(bound) = import.bound {
                // Reasons name imports by their number.
                out.add(facts.name(bound), &(hash, i));
            }
        }
        for export in &facts.exports {
            out.add(facts.name(export.name), &("export", teller.ty(export.what)));
        }
        for (def, base) in &facts.bases {
            out.add_to(&teller, *def, &("base", teller.ty(*base)));
        }
        for (def, default) in &facts.defaults {
            out.add_to(&teller, *def, &("default", teller.ty(*default)));
        }
        for (def, written) in &facts.signatures {
            out.add_to(&teller, *def, &("signature", facts.name(*written)));
        }
        for extension in &facts.extensions {
            let hash = ("extension", teller.ty(extension.of), extension.implements.map(|t| teller.ty(t)));
            match teller.last_name(extension.of) {
                Some(name) => out.add(name, &hash),
                None => out.unnamed.push(hashed(&hash)),
            }
        }
        out
    }

    fn add(&mut self, name: &str, what: &impl Hash) {
        match self.named.get_mut(name) {
            Some(list) => list.push(hashed(what)),
            None => {
                self.named.insert(name.to_owned(), vec![hashed(what)]);
            }
        }
    }

    /// Adds to a definition, or to the nearest around it that has a name.
    fn add_to(&mut self, teller: &Teller, def: DefId, what: &impl Hash) {
        let facts = teller.facts;
        let mut at = Some(def);
        while let Some(id) = at {
            if !facts.def_name(id).is_empty() {
                return self.add(facts.def_name(id), what);
            }
            at = facts.def(id).container.or(facts.scope(facts.def(id).scope).owner);
        }
        self.unnamed.push(hashed(what));
    }

    fn definition(&mut self, teller: &Teller, id: DefId) {
        let facts = teller.facts;
        let hash = teller.def(id);
        self.add_to(teller, id, &hash);
        // Modules that a declaration file names are found by files that were looked for elsewhere before.
        let def = facts.def(id);
        if def.kind == compass_facts::Kind::Module && def.name_span.len() as usize == facts.def_name(id).len() + 2 {
            self.modules.push(hashed(&("ambient", facts.def_name(id))));
        }
        let scope = facts.scope(facts.def(id).scope);
        // Parameters are found through their function; of types some languages look at all members at once.
        let with_owner = match scope.kind {
            ScopeKind::Type => crate::link::members_shape_their_type(teller.language),
            ScopeKind::File | ScopeKind::Module => false,
            _ => true,
        };
        if let (true, Some(owner)) = (with_owner, scope.owner) {
            self.add_to(teller, owner, &("within", hash, facts.def_name(id)));
        }
    }
}

fn hashed(what: &impl Hash) -> u64 {
    let mut hasher = FxHasher::default();
    what.hash(&mut hasher);
    hasher.finish()
}

/// Tells parts of facts by hashes without offsets and without numbers that shift.
struct Teller<'f> {
    facts: &'f Facts,
    language: Language,
    /// Types that are told already.
    types: RefCell<FxHashMap<TypeId, u64>>,
    /// Definitions being told: one whose type leads back to itself is told by its name there.
    open: RefCell<FxHashSet<DefId>>,
}

/// The longest way to the name of a type.
const MAX_STEPS: u32 = 12;

impl<'f> Teller<'f> {
    fn def(&self, id: DefId) -> u64 {
        let d = self.facts.def(id);
        if !self.open.borrow_mut().insert(id) {
            return hashed(&self.facts.def_name(id));
        }
        let ty = d.ty.map(|t| self.ty(t));
        self.open.borrow_mut().remove(&id);
        let shape = (d.kind.number(), d.flags.0, d.arity, d.required, d.signature, d.body.is_some(), d.inner.is_some());
        // Enumerators count on, and a body that is one expression may be evaluated: their text is not told, their type is.
        hashed(&(self.facts.def_name(id), shape, self.scope(d.scope), ty, self.conditions(d.name_span.start), d.name_span.is_empty()))
    }

    /// What must be defined for the place to be compiled.
    fn conditions(&self, at: u32) -> u64 {
        let around = self.facts.conditions.iter().take_while(|c| c.span.start <= at).filter(|c| c.span.contains(at));
        hashed(&around.map(|c| (self.facts.name(c.name), c.defined, c.one_of)).collect::<Vec<_>>())
    }

    /// A scope by those around it.
    fn scope(&self, id: ScopeId) -> u64 {
        let mut path = Vec::new();
        let mut at = Some(id);
        while let Some(id) = at {
            let scope = self.facts.scope(id);
            path.push((scope.kind.number(), scope.owner.map(|d| self.facts.def_name(d))));
            at = scope.parent;
        }
        hashed(&path)
    }

    fn import(&self, id: ImportId) -> u64 {
        let import = self.facts.import(id);
        let name = |n: compass_facts::NameId| self.facts.name(n);
        let shape = (import.kind.number(), import.reexport, import.system);
        hashed(&(shape, name(import.module), import.name.map(name), import.bound.map(name), self.scope(import.scope)))
    }

    fn ty(&self, id: TypeId) -> u64 {
        if let Some(known) = self.types.borrow().get(&id) {
            return *known;
        }
        let expr = self.facts.ty(id);
        let own = match expr {
            TypeExpr::Name { name, scope, .. } | TypeExpr::TypeName { name, scope, .. } => hashed(&(self.facts.name(*name), self.scope(*scope))),
            TypeExpr::Tag(name) | TypeExpr::Member { name, .. } => hashed(&self.facts.name(*name)),
            TypeExpr::Def(def) => self.def(*def),
            TypeExpr::Import(import) => self.import(*import),
            TypeExpr::Part { index, .. } => u64::from(*index),
            TypeExpr::Receiver(scope) | TypeExpr::ReceiverType(scope) | TypeExpr::Super(scope) => self.scope(*scope),
            TypeExpr::Literal(literal) => *literal as u64,
            TypeExpr::Given { argument, parameter, only, .. } => hashed(&(argument, parameter, only)),
            TypeExpr::Exactly { of, key } => hashed(&(*of as u64, self.facts.name(*key))),
            TypeExpr::Told { member, keys, holds, .. } => {
                hashed(&(self.facts.name(*member), keys.iter().map(|k| self.facts.name(*k)).collect::<Vec<_>>(), holds))
            }
            _ => 0,
        };
        let mut parts = Vec::new();
        expr.for_each_part(&mut |part| parts.push(self.ty(part)));
        let told = hashed(&(std::mem::discriminant(expr), own, parts));
        self.types.borrow_mut().insert(id, told);
        told
    }

    /// The name by which a type is found.
    fn last_name(&self, id: TypeId) -> Option<&'f str> {
        let mut at = id;
        for _ in 0..MAX_STEPS {
            let expr = self.facts.ty(at);
            if let Some(name) = expr.name() {
                return Some(self.facts.name(name));
            }
            at = match expr {
                TypeExpr::Def(def) => return Some(self.facts.def_name(*def)).filter(|n| !n.is_empty()),
                TypeExpr::Import(import) => return self.facts.import(*import).bound.map(|b| self.facts.name(b)),
                TypeExpr::Instance(of) | TypeExpr::Deref(of) | TypeExpr::Generic { of, .. } => *of,
                _ => return None,
            };
        }
        None
    }
}
