//! Members that stand in for members of bases: what a member overrides or implements, and what overrides it.
//!
//! A call through a base type or an interface may arrive at any of them. So uses of what a member overrides belong to its uses,
//! marked as such; no call is proven to arrive there.

use super::{AnswerError, Engine};
use compass_facts::{DefId, Facts, Flags, Kind, TypeExpr, TypeId};
use compass_index::{FileFacts, SymbolId};
use rustc_hash::FxHashSet;

/// Types above or below a type are followed so far.
const MOST_TYPES: usize = 2000;
/// Types that take a member over are followed so far.
const MOST_HEIRS: usize = 300;

/// What stands for a type that has no member of the name, given the types met so far.
type Instead<'a> = &'a dyn Fn(SymbolId, &FxHashSet<SymbolId>) -> Result<Vec<SymbolId>, AnswerError>;

impl Engine {
    /// Members of bases and interfaces that a member overrides or implements, nearest first. Where a derived type takes the member over
    /// as it is, what that implements counts, too: a call through the interface arrives here.
    /// And whether there may be more than are followed.
    pub(super) fn overridden(&self, member: SymbolId) -> Result<(Vec<SymbolId>, bool), AnswerError> {
        self.above(member, true)
    }

    /// Of those the nearest on each way: what these override in their turn is theirs.
    pub(crate) fn nearest_overridden(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        Ok(self.above(member, false)?.0)
    }

    /// Members of derived types that override or implement a member, nearest first; for types that take theirs over from another base,
    /// that one's.
    pub(crate) fn overriding(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        Ok(self.below(member, true)?.0)
    }

    /// The same, and whether there may be more than are followed.
    pub(super) fn overriding_and_more(&self, member: SymbolId) -> Result<(Vec<SymbolId>, bool), AnswerError> {
        self.below(member, true)
    }

    /// Of those the nearest on each way.
    pub(crate) fn nearest_overriding(&self, member: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        Ok(self.below(member, false)?.0)
    }

    /// The name of a member that can stand in for others, and its types.
    fn replaceable(&self, member: SymbolId) -> Result<Option<(String, Vec<SymbolId>)>, AnswerError> {
        let Some((facts, def)) = self.index.definition(member)? else { return Ok(None) };
        let name = facts.facts.def_name(def);
        if !matches!(facts.facts.def(def).kind, Kind::Method | Kind::Function) || self.members_of_language(member.file).own.contains(&name) {
            return Ok(None);
        }
        Ok(Some((name.to_owned(), self.owners(member, &facts, def)?)))
    }

    fn above(&self, member: SymbolId, beyond: bool) -> Result<(Vec<SymbolId>, bool), AnswerError> {
        let Some((name, mut open)) = self.replaceable(member)? else { return Ok((Vec::new(), false)) };
        // Types below that have no such member of their own have this one.
        let mut heirs = open.clone();
        let mut seen: FxHashSet<SymbolId> = open.iter().copied().collect();
        let mut at = 0;
        // What an interface only asks for, nobody takes over: another base of the heir has it.
        let is_asked_for = self.is_asked_for(member)?;
        while !is_asked_for && at < heirs.len() && heirs.len() < MOST_HEIRS {
            for heir in self.index.derived(heirs[at])? {
                if seen.insert(heir) && self.members_named(heir, &name)?.is_empty() {
                    heirs.push(heir);
                }
            }
            at += 1;
        }
        let is_cut = !is_asked_for && at < heirs.len();
        open.extend(heirs.into_iter().skip(open.len()));
        if let Some(asked) = self.written_for(member)? {
            // What is written for one trait stands in for that one's member alone.
            let mut traits = Vec::new();
            for of in open {
                for base in self.bases_of(of)? {
                    let is_it = self.index.definition(base)?.is_some_and(|(f, d)| f.facts.def_name(d) == asked);
                    traits.extend(is_it.then_some(base));
                }
            }
            let mut out: Vec<SymbolId> = Vec::new();
            for of in &traits {
                out.extend(self.members_named(*of, &name)?);
            }
            out.sort_unstable();
            out.dedup();
            out.retain(|m| *m != member);
            return Ok((out, is_cut));
        }
        let (found, is_cut_above) = self.walk_types(open, &name, beyond, member, &|of| self.bases_of(of), &|_, _| Ok(Vec::new()))?;
        Ok((found, is_cut || is_cut_above))
    }

    /// Is it a member of an interface that has no body, or one that a class leaves to those derived from it?
    pub(super) fn is_asked_for(&self, member: SymbolId) -> Result<bool, AnswerError> {
        let Some((facts, def)) = self.index.definition(member)? else { return Ok(false) };
        let d = facts.facts.def(def);
        let of_interface = d.container.is_some_and(|c| matches!(facts.facts.def(c).kind, Kind::Interface | Kind::Trait));
        Ok((of_interface || d.flags.has(Flags::ABSTRACT)) && d.body.is_none())
    }

    fn below(&self, member: SymbolId, beyond: bool) -> Result<(Vec<SymbolId>, bool), AnswerError> {
        let Some((name, open)) = self.replaceable(member)? else { return Ok((Vec::new(), false)) };
        let taken_over = |of: SymbolId, seen: &FxHashSet<SymbolId>| self.taken_over(of, &name, seen);
        self.walk_types(open, &name, beyond, member, &|of| Ok(self.index.derived(of)?), &taken_over)
    }

    /// Members of that name in the types one comes to; `beyond` one that has it, too. `instead` says what stands for a type without one.
    fn walk_types(
        &self,
        mut open: Vec<SymbolId>,
        name: &str,
        beyond: bool,
        member: SymbolId,
        next: &dyn Fn(SymbolId) -> Result<Vec<SymbolId>, AnswerError>,
        instead: Instead<'_>,
    ) -> Result<(Vec<SymbolId>, bool), AnswerError> {
        let mut seen: FxHashSet<SymbolId> = open.iter().copied().collect();
        let mut out = Vec::new();
        let mut at = 0;
        while at < open.len() && open.len() < MOST_TYPES {
            for other in next(open[at])? {
                if !seen.insert(other) {
                    continue;
                }
                let mut found = self.members_named(other, name)?;
                let above = self.index.definition(open[at])?.map(|(f, d)| f.facts.def_name(d).to_owned());
                let mut kept = Vec::with_capacity(found.len());
                for one in found {
                    if self.written_for(one)?.is_none_or(|t| above.as_ref().is_none_or(|a| t == *a)) {
                        kept.push(one);
                    }
                }
                found = kept;
                if beyond || found.is_empty() {
                    open.push(other);
                }
                if found.is_empty() {
                    found = instead(other, &seen)?;
                }
                out.extend(found.into_iter().filter(|m| *m != member));
            }
            at += 1;
        }
        let mut met = FxHashSet::default();
        out.retain(|m| met.insert(*m));
        Ok((out, at < open.len()))
    }

    /// The trait that a member is written for, by name, where the language says so.
    pub(super) fn written_for(&self, member: SymbolId) -> Result<Option<String>, AnswerError> {
        let Some((facts, def)) = self.index.definition(member)? else { return Ok(None) };
        let scope = facts.facts.def(def).scope;
        let asked = facts.facts.extensions.iter().find(|e| e.scope == scope).and_then(|e| e.implements);
        Ok(asked.and_then(|t| type_name(&facts.facts, t)).map(str::to_owned))
    }

    /// The member a type has from its other bases: those that `seen` does not hold.
    pub(super) fn taken_over(&self, of: SymbolId, name: &str, seen: &FxHashSet<SymbolId>) -> Result<Vec<SymbolId>, AnswerError> {
        self.had_from_above(of, name, seen, false)
    }

    /// The same; with `asked_for` also where a base only asks for it.
    pub(super) fn had_from_above(&self, of: SymbolId, name: &str, seen: &FxHashSet<SymbolId>, asked_for: bool) -> Result<Vec<SymbolId>, AnswerError> {
        let mut open = self.bases_of(of)?;
        let mut known: FxHashSet<SymbolId> = open.iter().copied().collect();
        let mut at = 0;
        while let Some(base) = open.get(at).copied().filter(|_| open.len() < MOST_HEIRS) {
            at += 1;
            if seen.contains(&base) {
                continue;
            }
            let mut found = Vec::new();
            for member in self.members_named(base, name)? {
                // What a base only asks for is not taken over.
                if asked_for || self.index.definition(member)?.is_some_and(|(f, d)| f.facts.def(d).body.is_some()) {
                    found.push(member);
                }
            }
            if !found.is_empty() {
                return Ok(found);
            }
            open.extend(self.bases_of(base)?.into_iter().filter(|b| known.insert(*b)));
        }
        Ok(Vec::new())
    }

    /// The types a member belongs to: the one it is written in, or that its extension extends.
    pub(crate) fn owners(&self, member: SymbolId, facts: &FileFacts, def: DefId) -> Result<Vec<SymbolId>, AnswerError> {
        let d = facts.facts.def(def);
        if let Some(class) = d.container.filter(|c| facts.facts.def(*c).kind.is_type()) {
            return Ok(vec![SymbolId { file: member.file, number: facts.number(class) }]);
        }
        Ok(self.index.owners_outside(member)?)
    }

    pub(crate) fn bases_of(&self, of: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        Ok(self.index.bases(of)?.into_iter().map(|b| b.0).collect())
    }

    /// Members of that name in a type, with a body or without: written in it, or outside its body in whichever file.
    pub(crate) fn members_named(&self, class: SymbolId, name: &str) -> Result<Vec<SymbolId>, AnswerError> {
        let (mut out, mut called_fields) = (Vec::new(), Vec::new());
        for member in self.members_of(class)? {
            let Some((facts, def)) = self.index.definition(member)? else { continue };
            let d = facts.facts.def(def);
            if facts.facts.def_name(def) != name {
                continue;
            }
            if d.kind.is_callable() {
                out.push(member);
            } else if d.kind == Kind::Field && d.flags.has(Flags::PROPERTY) {
                called_fields.push(member);
            }
        }
        // A component of a record is what a base asks for, unless a method of its name is written.
        Ok(if out.is_empty() { called_fields } else { out })
    }

    /// Everything a type defines: first what its body holds, in order, then what stands outside it, by place.
    pub(crate) fn members_of(&self, class: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let facts = self.index.facts(class.file)?;
        let Some(owner) = facts.find(class.number) else { return Ok(Vec::new()) };
        let inside = facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.container == Some(owner) && !d.name_span.is_empty());
        let mut out: Vec<SymbolId> = inside.map(|(i, _)| SymbolId { file: class.file, number: facts.number(DefId(i as u32)) }).collect();
        let mut outside = self.index.members_outside(class)?;
        outside.retain(|m| !out.contains(m));
        let mut placed = Vec::with_capacity(outside.len());
        for member in outside {
            if let Some((facts, def)) = self.index.definition(member)? {
                placed.push((self.index.position(member.file), facts.facts.def(def).name_span.start, member));
            }
        }
        placed.sort_unstable();
        out.extend(placed.into_iter().map(|p| p.2));
        Ok(out)
    }
}

/// All names of a type expression that is a path, outermost first.
pub(super) fn type_path(facts: &Facts, ty: TypeId) -> Vec<String> {
    match facts.ty(ty) {
        TypeExpr::Member { of, name } => {
            let mut path = type_path(facts, *of);
            path.push(facts.name(*name).to_owned());
            path
        }
        TypeExpr::Generic { of, .. } | TypeExpr::Instance(of) | TypeExpr::Deref(of) => type_path(facts, *of),
        _ => type_name(facts, ty).map(str::to_owned).into_iter().collect(),
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
