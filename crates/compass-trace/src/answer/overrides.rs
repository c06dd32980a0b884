//! Members that stand in for members of bases: what a member overrides or implements, and what overrides it.
//!
//! A call through a base type or an interface may arrive at any of them. So uses of what a member overrides belong to its uses,
//! marked as such; no call is proven to arrive there.

use super::{AnswerError, Engine};
use compass_facts::{DefId, Facts, Kind, Language, TypeExpr, TypeId};
use compass_index::{FileFacts, SymbolId};
use rustc_hash::FxHashSet;

/// Types above or below a type are followed so far.
const MOST_TYPES: usize = 2000;

/// Members that nobody calls through a base.
const OWN: [&str; 4] = ["__init__", "__new__", "constructor", "__class_getitem__"];

impl Engine {
    /// Members of bases and interfaces that a member overrides or implements, nearest first.
    pub(crate) fn overridden(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        self.along(member, true, &|of| self.bases_of(of))
    }

    /// Of those the nearest on each way: what these override in their turn is theirs.
    pub(crate) fn nearest_overridden(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        self.along(member, false, &|of| self.bases_of(of))
    }

    /// Members of derived types that override or implement a member, nearest first.
    pub(crate) fn overriding(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        self.along(member, true, &|of| Ok(self.index.derived(of)?))
    }

    /// Of those the nearest on each way.
    pub(crate) fn nearest_overriding(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        self.along(member, false, &|of| Ok(self.index.derived(of)?))
    }

    /// Members of that name in the types one comes to; `beyond` one that has it, too.
    fn along(&self, member: SymbolId, beyond: bool, next: &dyn Fn(SymbolId) -> Result<Vec<SymbolId>, AnswerError>) -> Result<Vec<SymbolId>, AnswerError> {
        let Some((facts, def)) = self.index.definition(member)? else { return Ok(Vec::new()) };
        let name = facts.facts.def_name(def);
        if !matches!(facts.facts.def(def).kind, Kind::Method | Kind::Function) || OWN.contains(&name) {
            return Ok(Vec::new());
        }
        let mut open = self.owners(member, &facts, def)?;
        let mut seen: FxHashSet<SymbolId> = open.iter().copied().collect();
        let mut out = Vec::new();
        let mut at = 0;
        while at < open.len() && open.len() < MOST_TYPES {
            for other in next(open[at])? {
                if !seen.insert(other) {
                    continue;
                }
                let found = self.members_named(other, name)?;
                if beyond || found.is_empty() {
                    open.push(other);
                }
                out.extend(found.into_iter().filter(|m| *m != member));
            }
            at += 1;
        }
        let mut met = FxHashSet::default();
        out.retain(|m| met.insert(*m));
        Ok(out)
    }

    /// The types a member belongs to: the one it is written in, or that its extension extends.
    pub(crate) fn owners(&self, member: SymbolId, facts: &FileFacts, def: DefId) -> Result<Vec<SymbolId>, AnswerError> {
        let d = facts.facts.def(def);
        if let Some(class) = d.container.filter(|c| facts.facts.def(*c).kind.is_type()) {
            return Ok(vec![SymbolId { file: member.file, number: facts.number(class) }]);
        }
        let Some(extension) = facts.facts.extensions.iter().find(|e| e.scope == d.scope) else { return Ok(Vec::new()) };
        let Some(name) = type_name(&facts.facts, extension.of) else { return Ok(Vec::new()) };
        // An implementation of a trait stands for that one alone.
        let only = extension.implements.and_then(|t| type_name(&facts.facts, t));
        let unit = member.file.unit;
        let is_type = |e: &compass_index::NameEntry| e.kind.is_type() && e.symbol.file.unit == unit;
        let mut found: Vec<SymbolId> = self.index.named(name)?.into_iter().filter(is_type).map(|e| e.symbol).collect();
        if let Some(only) = only {
            let links = self.index.links(member.file)?;
            found.retain(|t| {
                let base = |b: &SymbolId| self.index.definition(*b).ok().flatten().is_some_and(|(f, d)| f.facts.def_name(d) == only);
                links.bases.iter().any(|(base_of, derived)| derived == t && base(base_of))
            });
        }
        let nearest = found.iter().any(|t| t.file == member.file);
        found.retain(|t| !nearest || t.file == member.file);
        Ok(found)
    }

    pub(crate) fn bases_of(&self, of: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let links = self.index.links(of.file)?;
        Ok(links.bases.iter().filter(|b| b.1 == of).map(|b| b.0).collect())
    }

    /// Members of that name in a type, with a body or without: written in it, or in extensions in its unit.
    pub(crate) fn members_named(&self, class: SymbolId, name: &str) -> Result<Vec<SymbolId>, AnswerError> {
        let Some((facts, class_def)) = self.index.definition(class)? else { return Ok(Vec::new()) };
        let class_name = facts.facts.def_name(class_def).to_owned();
        let mut out = Vec::new();
        for (i, d) in facts.facts.definitions.iter().enumerate().filter(|(_, d)| facts.facts.name(d.name) == name) {
            let def = DefId(i as u32);
            let extends = facts.facts.extensions.iter().any(|e| e.scope == d.scope && type_name(&facts.facts, e.of) == Some(class_name.as_str()));
            if d.kind.is_callable() && (d.container == Some(class_def) || extends) {
                out.push(SymbolId { file: class.file, number: facts.number(def) });
            }
        }
        if !out.is_empty() {
            return Ok(out);
        }
        // Methods of Go and implementations of Rust may stand in other files of the package.
        if !self.index.file(class.file).is_some_and(|f| matches!(f.language, Language::Go | Language::Rust)) {
            return Ok(out);
        }
        for entry in self.index.named(name)?.into_iter().filter(|e| e.symbol.file.unit == class.file.unit && e.symbol.file != class.file) {
            let Some((facts, def)) = self.index.definition(entry.symbol)? else { continue };
            let scope = facts.facts.def(def).scope;
            if facts.facts.extensions.iter().any(|e| e.scope == scope && type_name(&facts.facts, e.of) == Some(class_name.as_str())) {
                out.push(entry.symbol);
            }
        }
        Ok(out)
    }
}

/// The last name of a type expression.
pub(super) fn type_name(facts: &Facts, ty: TypeId) -> Option<&str> {
    match facts.ty(ty) {
        TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } | TypeExpr::Member { name, .. } => Some(facts.name(*name)),
        TypeExpr::Def(def) => Some(facts.def_name(*def)),
        TypeExpr::Generic { of, .. } | TypeExpr::Instance(of) | TypeExpr::Deref(of) => type_name(facts, *of),
        _ => None,
    }
}
