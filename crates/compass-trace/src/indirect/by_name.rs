//! Members that are called by a name which is put together: `visit_` and what is met.
//!
//! Only where the value itself is asked, `self` or `this`, it is known whose members are meant: those of the type around, of its bases and
//! of what is derived from it.

use super::page::{Page, flows_of};
use super::{Indirect, IndirectCall, MAX_DEPTH, MOST, Put, Target, Walk};
use crate::answer::may_be_pasted;
use crate::{AnswerError, Engine};
use compass_facts::reading::by_name::ANY_MEMBER;
use compass_facts::{DefId, Flags, FlowPart, Kind, Language, Role, UseId};
use compass_index::{FileId, SymbolId};
use rayon::prelude::*;
use rustc_hash::{FxHashMap, FxHashSet};
use std::sync::{Arc, Mutex};

/// Types of a tree at most.
const MOST_TYPES: usize = 400;
/// So many members at most are guessed to be called where any name may be meant.
const MOST_GUESSED: usize = 100;

/// Where members are called by names that fit a pattern, for each language as far as it was asked for.
#[derive(Default)]
pub(crate) struct KnownSites(Mutex<FxHashMap<Language, Arc<Vec<Site>>>>);

/// Such a call.
struct Site {
    file: FileId,
    usage: UseId,
    pattern: String,
    /// The type whose members are meant, with those of its tree.
    class: SymbolId,
    /// That type and all its bases.
    above: FxHashSet<SymbolId>,
}

impl Site {
    /// Are members of a type meant, given that type and its bases?
    fn is_of(&self, owner: SymbolId, above: &[SymbolId]) -> bool {
        self.above.contains(&owner) || above.contains(&self.class)
    }
}

impl Engine {
    /// What the call at a use may run, if it calls by a name that is put together.
    pub(super) fn members_by_name(&self, page: &Page, usage: UseId) -> Result<Option<Indirect>, AnswerError> {
        let facts = &page.facts.facts;
        let u = facts.usage(usage);
        let mut patterns = flows_of(page, u.span.start).filter_map(|f| if let FlowPart::Member(p) = f.part { Some(facts.name(p)) } else { None }).peekable();
        if patterns.peek().is_none() {
            return Ok(None);
        }
        let patterns: Vec<&str> = patterns.collect();
        let mut out = Indirect::default();
        let Some(class) = class_around(page, u.enclosing) else { return Ok(Some(out)) };
        let any = patterns.contains(&ANY_MEMBER);
        if any && patterns.len() == 1 && !is_taken(page, usage) {
            return Ok(Some(out));
        }
        let put = Put { guessed: any, ..Put::at(page.id, usage) };
        let of_language = self.members_of_language(page.id);
        let may_be_any = |name: &str| any && !of_language.makers.contains(&name) && !of_language.is_called_unwritten(name);
        for of in self.whole_tree(class)? {
            for member in self.members_of(of)? {
                let Some((facts, def)) = self.index.definition(member)? else { continue };
                let d = facts.facts.def(def);
                // Of a member with several signatures the code is meant.
                let name = facts.facts.def_name(def);
                let is_code = d.kind.is_callable() && !d.flags.has(Flags::BODILESS) && !d.flags.has(Flags::PROPERTY);
                let fits = is_code && (may_be_any(name) || patterns.iter().any(|p| may_be_pasted(p, name)));
                // Of very many members none is worth a guess.
                if fits && out.calls.len() == if any { MOST_GUESSED } else { MOST } {
                    if any {
                        out.calls.clear();
                    }
                    out.cut = true;
                    return Ok(Some(out));
                }
                if fits {
                    out.calls.push(IndirectCall { file: page.id, usage, from: page.around(u.enclosing), to: member, put, outside: None });
                }
            }
        }
        Ok(Some(out))
    }

    /// Calls of a member by names that are put together.
    pub(super) fn called_by_name(&self, function: SymbolId, out: &mut Indirect) -> Result<(), AnswerError> {
        let Some((facts, def)) = self.index.definition(function)? else { return Ok(()) };
        let Some(language) = self.index.file(function.file).map(|f| f.language) else { return Ok(()) };
        let name = facts.facts.def_name(def);
        let is_member = facts.facts.def(def).container.is_some_and(|c| facts.facts.def(c).kind.is_type());
        let may_be = self.is_pattern_of(language, |p| p == ANY_MEMBER || may_be_pasted(p, name));
        if !is_member || !may_be {
            return Ok(());
        }
        let Some(owner) = facts.facts.def(def).container.map(|c| SymbolId { file: function.file, number: facts.number(c) }) else { return Ok(()) };
        let above = self.types_from(owner, true)?;
        let sites = self.sites_of(language)?;
        for site in sites.iter().filter(|s| s.is_of(owner, &above) && (s.pattern == ANY_MEMBER || may_be_pasted(&s.pattern, name))) {
            let page = self.page(site.file)?;
            let found = self.members_by_name(&page, site.usage)?.into_iter().flat_map(|m| m.calls).find(|c| c.to == function);
            let Some(call) = found else { continue };
            let put = call.put;
            out.calls.push(call);
            // What is taken by its name may be called elsewhere.
            let taken: Vec<_> = flows_of(&page, page.facts.facts.usage(site.usage).span.start).filter(|f| f.of == FlowPart::Given).copied().collect();
            for flow in taken.into_iter().filter(|f| f.part != FlowPart::Called) {
                for target in self.targets(&page, flow.into, flow.part)? {
                    if let Target::Slot(slot) = target {
                        let mut walk = Walk { of: (function, put), seen: FxHashSet::default(), out };
                        self.calls_through(slot, MAX_DEPTH, &mut walk)?;
                    }
                }
            }
        }
        Ok(())
    }

    /// Where the type of a member, or one of its tree, calls members of itself by names of which nothing is known.
    ///
    /// # Errors
    /// Those of the index.
    pub(crate) fn called_by_any_name(&self, member: SymbolId) -> Result<Option<Put>, AnswerError> {
        let Some((facts, def)) = self.index.definition(member)? else { return Ok(None) };
        let Some(language) = self.index.file(member.file).map(|f| f.language) else { return Ok(None) };
        if !self.is_pattern_of(language, |p| p == ANY_MEMBER) {
            return Ok(None);
        }
        let sites = self.sites_of(language)?;
        for owner in self.owners(member, &facts, def)? {
            let above = self.types_from(owner, true)?;
            if let Some(site) = sites.iter().find(|s| s.pattern == ANY_MEMBER && s.is_of(owner, &above)) {
                return Ok(Some(Put::at(site.file, site.usage)));
            }
        }
        Ok(None)
    }

    /// Is any pattern of names in a language and its kin such? They are known without looking into a file.
    fn is_pattern_of(&self, language: Language, is_such: impl Fn(&str) -> bool) -> bool {
        let is_kin = |word: &str| Language::all().iter().any(|l| l.word() == word && l.is_kin_of(language));
        let pasted = self.index.summary().pasted.iter().filter(|(word, _)| is_kin(word));
        pasted.flat_map(|(_, patterns)| patterns.keys()).any(|p| is_such(p))
    }

    /// All such calls in own files of a language and its kin.
    fn sites_of(&self, language: Language) -> Result<Arc<Vec<Site>>, AnswerError> {
        if let Some(known) = self.known_sites.0.lock().ok().and_then(|k| k.get(&language).cloned()) {
            return Ok(known);
        }
        let files: Vec<FileId> =
            self.index.files().iter().filter(|f| f.language.is_kin_of(language) && self.index.unit(f.id).is_none_or(|u| u.own)).map(|f| f.id).collect();
        let of_file = |file: &FileId| {
            let page = self.page(*file)?;
            let facts = &page.facts.facts;
            let site = |f: &compass_facts::Flow| {
                let FlowPart::Member(p) = f.part else { return None };
                let usage = facts.find_use_at(f.value)?;
                let class = class_around(&page, facts.usage(usage).enclosing)?;
                let above = self.types_from(class, true);
                Some(above.map(|a| Site { file: *file, usage, pattern: facts.name(p).to_owned(), class, above: a.into_iter().collect() }))
            };
            facts.flows.iter().filter_map(site).collect::<Result<Vec<Site>, AnswerError>>()
        };
        let found: Result<Vec<Vec<Site>>, AnswerError> = files.par_iter().map(of_file).collect();
        let found = Arc::new(found?.into_iter().flatten().collect::<Vec<Site>>());
        if let Ok(mut known) = self.known_sites.0.lock() {
            known.insert(language, Arc::clone(&found));
        }
        Ok(found)
    }

    /// Fields of the same name in the tree of a field's type, where the language has one field for all of them.
    pub(super) fn same_fields(&self, field: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let mut out = Vec::new();
        let Some((facts, def)) = self.index.definition(field)? else { return Ok(out) };
        let d = facts.facts.def(def);
        let of_values = self.index.file(field.file).is_some_and(|f| f.language.profile().members.fields_of_values);
        let Some(owner) = d.container.filter(|_| d.kind == Kind::Field && of_values) else { return Ok(out) };
        for class in self.whole_tree(SymbolId { file: field.file, number: facts.number(owner) })?.into_iter().skip(1) {
            for member in self.members_of(class)? {
                let is_same =
                    |(f, m): &(Arc<compass_index::FileFacts>, DefId)| f.facts.def(*m).kind == Kind::Field && f.facts.def_name(*m) == facts.facts.def_name(def);
                if self.index.definition(member)?.as_ref().is_some_and(is_same) {
                    out.push(member);
                }
            }
        }
        Ok(out)
    }

    /// A type, its bases, and what is derived from it.
    fn whole_tree(&self, class: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let mut out = self.types_from(class, true)?;
        let below = self.types_from(class, false)?;
        let known: FxHashSet<SymbolId> = out.iter().copied().collect();
        out.extend(below.into_iter().filter(|c| !known.contains(c)));
        Ok(out)
    }

    /// A type, and either its bases or what is derived from it, the closest first.
    pub(super) fn types_from(&self, class: SymbolId, up: bool) -> Result<Vec<SymbolId>, AnswerError> {
        let mut seen: FxHashSet<SymbolId> = std::iter::once(class).collect();
        let mut out = vec![class];
        let mut at = 0;
        while at < out.len() && out.len() < MOST_TYPES {
            let next = if up { self.bases_of(out[at])? } else { self.index.derived(out[at])? };
            at += 1;
            out.extend(next.into_iter().filter(|o| !o.is_module() && seen.insert(*o)));
        }
        Ok(out)
    }
}

/// Is what is taken by its name called, or given to something?
fn is_taken(page: &Page, usage: UseId) -> bool {
    let u = page.facts.facts.usage(usage);
    flows_of(page, u.span.start).any(|f| f.of == FlowPart::Given || f.part == FlowPart::Called || matches!(f.part, FlowPart::Member(_)) && u.role != Role::Call)
}

/// The type that a function is a member of, however deep it stands in it.
fn class_around(page: &Page, def: Option<DefId>) -> Option<SymbolId> {
    let mut at = def;
    while let Some(def) = at {
        let d = page.facts.facts.def(def);
        if d.kind.is_type() && d.kind != Kind::TypeParameter {
            return Some(SymbolId { file: page.id, number: page.facts.number(def) });
        }
        at = d.container;
    }
    None
}
