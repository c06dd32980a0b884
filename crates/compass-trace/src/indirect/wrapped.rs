//! Functions that a mark before a definition puts in its place: a call of what is marked runs these.

use super::held::{Held, namesakes};
use super::page::Page;
use super::{Holds, Indirect, IndirectCall, MOST, Put, Slot, Walk};
use crate::{AnswerError, Engine};
use compass_facts::{DefId, FlowPart, Kind, Language, Role, UseId};
use compass_index::{FileFacts, FileId, SymbolId};
use std::sync::Arc;

/// So many names at most stand between a mark and the name behind it: arguments of the mark and of others.
const MOST_BETWEEN: usize = 64;

impl Engine {
    /// Does a mark of a language stand for a call that makes another function of what is marked?
    pub(super) fn marks_wrap(&self, language: Language) -> bool {
        language.profile().members.marks_wrap
    }

    /// May something else run where a function is called by its name: does a mark stand before it, or is the name given another value?
    pub(super) fn may_be_another(&self, file: FileId, facts: &FileFacts, def: DefId) -> bool {
        if is_given_another(facts, def) {
            return true;
        }
        let name = facts.facts.def(def).name_span.start;
        // Marks stand close before the name: most functions have none.
        let before = facts.facts.uses.partition_point(|u| u.span.start < name);
        let may_be_marked = facts.facts.uses[..before].iter().rev().take(MOST_BETWEEN).any(|u| u.role == Role::Mark);
        may_be_marked && !self.is_declared(file) && !crate::answer::marks_before(&facts.facts, def).is_empty()
    }

    /// What runs where a function is called by its name, beside that: what marks of this code base give for it, and what its name is given.
    pub(super) fn instead_of(&self, function: SymbolId, nested: u32) -> Result<Option<Arc<Held>>, AnswerError> {
        let wraps = self.index.file(function.file).is_some_and(|f| self.marks_wrap(f.language));
        let Some((facts, def)) = self.index.definition(function)?.filter(|_| wraps) else { return Ok(None) };
        let mut out = Held::default();
        let page = self.page(function.file)?;
        for usage in crate::answer::marks_before(&facts.facts, def) {
            let put = Put::at(page.id, usage);
            for given in self.given_by_mark(&page, usage, nested)? {
                out.functions.push((given, put));
            }
        }
        if is_given_another(&facts, def) {
            let other = self.held_within(Slot { symbol: function, part: Holds::Itself }, nested)?;
            out.functions.extend(other.functions.iter().copied());
        }
        out.functions.retain(|(f, _)| *f != function);
        Ok((!out.functions.is_empty()).then(|| Arc::new(out)))
    }

    /// Functions that a mark gives for what stands behind it.
    pub(super) fn given_by_mark(&self, page: &Page, usage: UseId, nested: u32) -> Result<Vec<SymbolId>, AnswerError> {
        let Some(mark) = self.meaning(page, page.facts.facts.usage(usage).span.start)? else { return Ok(Vec::new()) };
        if !self.is_function(mark)? {
            return Ok(Vec::new());
        }
        let given =
            |of: SymbolId| Ok::<_, AnswerError>(self.held_within(Slot { symbol: of, part: Holds::Given }, nested)?.functions.iter().map(|f| f.0).collect());
        let first: Vec<SymbolId> = given(mark)?;
        if !self.is_called_mark(page, usage) {
            return Ok(first);
        }
        // `@timed (limit)`: what is given takes the function, and gives another.
        let mut out = Vec::new();
        for taker in first {
            out.extend(given(taker)?);
        }
        Ok(out)
    }

    /// Is the mark a call itself, with arguments or none?
    pub(super) fn is_called_mark(&self, page: &Page, usage: UseId) -> bool {
        let end = page.facts.facts.usage(usage).span.end as usize;
        self.index.source(page.id).is_ok_and(|s| s.source.text.get(end..).is_some_and(|t| t.trim_start_matches([' ', '\t']).starts_with('(')))
    }

    /// Calls of functions that a mark stands before which gives what is searched for: these run it.
    pub(super) fn calls_of_marked(&self, mark: SymbolId, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        let (function, _) = walk.of;
        // What the mark's call gives may be what takes the function.
        let outer = self.function_that_gives(mark)?;
        for mark in std::iter::once(mark).chain(outer) {
            for of_file in self.uses_with_local(mark)?.chunk_by(|a, b| a.file == b.file) {
                if of_file.iter().all(|e| e.role != Role::Mark) {
                    continue;
                }
                let page = self.page(of_file[0].file)?;
                for entry in of_file.iter().filter(|e| e.role == Role::Mark) {
                    let usage = UseId(entry.usage);
                    // What the mark's own call gives is called there.
                    if self.is_called_mark(&page, usage)
                        && self.known_held(Slot { symbol: mark, part: Holds::Given })?.functions.iter().any(|f| f.0 == function)
                    {
                        let from = page.around(page.facts.facts.usage(usage).enclosing);
                        let put = walk.of.1;
                        walk.out.calls.push(IndirectCall { file: page.id, usage, from, to: function, put, outside: None });
                    }
                    if !self.given_by_mark(&page, usage, 0)?.contains(&function) {
                        continue;
                    }
                    let Some(marked) = self.marked_behind(&page, usage) else { continue };
                    self.calls_of_one_marked(marked, Put::at(page.id, usage), depth, walk)?;
                }
            }
        }
        Ok(())
    }

    /// Calls of one function that a mark stands before: by its name, by names put together, and through what holds it.
    fn calls_of_one_marked(&self, marked: SymbolId, put: Put, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        let (function, _) = walk.of;
        for call in self.uses_with_local(marked)?.iter().filter(|e| e.first && e.role == Role::Call) {
            if walk.out.calls.len() >= MOST {
                walk.out.cut = true;
                return Ok(());
            }
            let from = call.enclosing.map_or(SymbolId::module(call.file), |number| SymbolId { file: call.file, number });
            walk.out.calls.push(IndirectCall { file: call.file, usage: UseId(call.usage), from, to: function, put, outside: None });
        }
        let mut named = Indirect::default();
        self.called_by_name(marked, &mut named)?;
        walk.out.calls.extend(named.calls.into_iter().map(|call| IndirectCall { to: function, put: put.as_sure_as(call.put), ..call }));
        if depth > 0 {
            self.through_values(marked, function, depth - 1, walk.out)?;
        }
        Ok(())
    }

    /// The function around one, if that gives it to its callers.
    fn function_that_gives(&self, inner: SymbolId) -> Result<Option<SymbolId>, AnswerError> {
        let Some((facts, def)) = self.index.definition(inner)? else { return Ok(None) };
        let Some(outer) = facts.facts.def(def).container.filter(|c| facts.facts.def(*c).kind.is_callable()) else { return Ok(None) };
        let name = facts.facts.def(outer).name_span.start;
        let gives = facts.facts.flows.iter().any(|f| f.into == name && matches!(f.part, FlowPart::Given | FlowPart::Within));
        Ok(gives.then(|| SymbolId { file: inner.file, number: facts.number(outer) }))
    }

    /// The function that a mark stands before.
    pub(super) fn marked_behind(&self, page: &Page, mark: UseId) -> Option<SymbolId> {
        let at = page.facts.facts.usage(mark).span;
        let all = page.facts.facts.definitions.iter().enumerate();
        let behind = all.filter(|(_, d)| d.name_span.start > at.end && matches!(d.kind, Kind::Function | Kind::Method));
        let (i, _) = behind.min_by_key(|(_, d)| d.name_span.start)?;
        Some(SymbolId { file: page.id, number: page.facts.number(DefId(i as u32)) })
    }
}

/// Is a value put into the name of a function, as in `weigh = timed (weigh)`?
fn is_given_another(facts: &FileFacts, def: DefId) -> bool {
    if namesakes(facts, def).any(|other| facts.facts.def(other).kind.is_variable()) {
        return true;
    }
    let facts = &facts.facts;
    let is_it = |offset: u32| match facts.find_use_at(offset) {
        Some(u) => facts.usage(u).local == Some(def) && facts.usage(u).role == Role::Write,
        None => false,
    };
    facts.flows.iter().any(|f| matches!(f.part, FlowPart::Whole | FlowPart::Within) && is_it(f.into))
}
