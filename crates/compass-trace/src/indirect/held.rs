//! What a call of a variable, a field or an element may run.

use super::page::{Page, flows_of};
use super::{Indirect, IndirectCall, MAX_DEPTH, MOST, MOST_FILES, Put, Slot};
use crate::{AnswerError, Engine};
use compass_facts::{DefId, FlowPart, Kind, Role, Span, UseId};
use compass_index::{FileFacts, FileId, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::sync::{Arc, Mutex};

/// So many places are remembered with what is put there; then all are forgotten.
const MOST_KNOWN: usize = 4_096;

/// What is put into places that were asked for before: a chain meets the same table at many calls.
#[derive(Default)]
pub(crate) struct KnownHeld(Mutex<FxHashMap<Slot, Arc<Held>>>);

/// What is put into one place.
#[derive(Default)]
struct Held {
    functions: Vec<(SymbolId, Put)>,
    cut: bool,
}

/// A search for what a place holds.
struct Search {
    seen: FxHashSet<Slot>,
    out: Held,
}

impl Search {
    fn is_full(&mut self) -> bool {
        let full = self.out.functions.len() >= MOST;
        self.out.cut |= full;
        full
    }
}

impl Engine {
    /// Functions that the call at a use may run, if what is called there is no function: what a field, a variable, a table may hold.
    /// Nothing where a function is called.
    ///
    /// # Errors
    /// Those of the index.
    pub fn may_run(&self, file: FileId, usage: UseId) -> Result<Option<Indirect>, AnswerError> {
        let page = self.page(file)?;
        let u = page.facts.facts.usage(usage);
        if let Some(named) = self.members_by_name(&page, usage)? {
            return Ok(Some(named));
        }
        let Some(symbol) = self.meaning(&page, u.span.start)? else { return Ok(None) };
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(None) };
        let kind = facts.facts.def(def).kind;
        if !(kind.is_variable() || matches!(kind, Kind::Field)) {
            return Ok(None);
        }
        let called_inside = flows_of(&page, u.span.start).any(|f| f.part == FlowPart::Called && f.of == FlowPart::Element);
        let called_itself = u.role == Role::Call || flows_of(&page, u.span.start).any(|f| f.part == FlowPart::Called && f.of == FlowPart::Whole);
        if !called_inside && !called_itself {
            return Ok(None);
        }
        let held = self.known_held(Slot { symbol, inside: called_inside })?;
        let from = page.around(u.enclosing);
        let calls = held.functions.iter().map(|(to, put)| IndirectCall { file, usage, from, to: *to, put: *put, outside: None }).collect();
        Ok(Some(Indirect { calls, cut: held.cut }))
    }

    /// What a place holds, each function once.
    fn known_held(&self, slot: Slot) -> Result<Arc<Held>, AnswerError> {
        if let Some(known) = self.known_held.0.lock().ok().and_then(|k| k.get(&slot).cloned()) {
            return Ok(known);
        }
        let mut search = Search { seen: FxHashSet::default(), out: Held::default() };
        self.held_in(slot, MAX_DEPTH, &mut search)?;
        let mut told = FxHashSet::default();
        search.out.functions.retain(|(to, _)| told.insert(*to));
        let held = Arc::new(search.out);
        if let Ok(mut known) = self.known_held.0.lock() {
            if known.len() >= MOST_KNOWN {
                known.clear();
            }
            known.insert(slot, Arc::clone(&held));
        }
        Ok(held)
    }

    /// Uses in a stretch of a file that call what something holds.
    ///
    /// # Errors
    /// Those of the index.
    pub fn calls_of_held(&self, file: FileId, within: Option<Span>) -> Result<Vec<UseId>, AnswerError> {
        let facts = self.index.facts(file)?;
        let covers = |at: Span| within.is_none_or(|w| w.covers(at));
        let by_flow =
            facts.facts.flows.iter().filter(|f| matches!(f.part, FlowPart::Called | FlowPart::Member(_))).filter_map(|f| facts.facts.find_use_at(f.value));
        let mut out: Vec<UseId> = by_flow.filter(|u| covers(facts.facts.usage(*u).span)).collect();
        let links = self.index.links(file)?;
        let first = within.map_or(0, |w| facts.facts.uses.partition_point(|u| u.span.start < w.start));
        for (i, u) in facts.facts.uses.iter().enumerate().skip(first).take_while(|(_, u)| within.is_none_or(|w| u.span.start <= w.end)) {
            if u.role != Role::Call || !covers(u.span) {
                continue;
            }
            let usage = UseId(i as u32);
            let holds = match u.local {
                Some(def) => facts.facts.def(def).kind.is_variable(),
                None => match links.find(usage).and_then(|l| l.targets.first()) {
                    Some(target) => {
                        self.index.definition(*target)?.is_some_and(|(f, d)| f.facts.def(d).kind.is_variable() || f.facts.def(d).kind == Kind::Field)
                    }
                    None => false,
                },
            };
            if holds {
                out.push(usage);
            }
        }
        out.sort_unstable();
        out.dedup();
        Ok(out)
    }

    /// Functions that are put into a slot.
    fn held_in(&self, slot: Slot, depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        if !search.seen.insert(slot) || slot.symbol.is_module() {
            return Ok(());
        }
        let Some((facts, def)) = self.index.definition(slot.symbol)? else { return Ok(()) };
        let d = facts.facts.def(def);
        if d.kind == Kind::Parameter {
            return self.given_to(slot, &facts, def, depth, search);
        }
        // Where the slot is named, and where it is declared.
        let uses = self.uses_with_local(slot.symbol)?;
        let mut files: Vec<FileId> = uses.iter().filter(|e| e.role != Role::Import).map(|e| e.file).collect();
        files.push(slot.symbol.file);
        files.sort_unstable();
        files.dedup();
        search.out.cut |= files.len() > MOST_FILES;
        files.truncate(MOST_FILES);
        for file in files {
            if search.is_full() {
                break;
            }
            let page = self.page(file)?;
            let starts: FxHashSet<u32> = uses.iter().filter(|e| e.file == file).map(|e| page.facts.facts.usage(UseId(e.usage)).span.start).collect();
            let declared = (file == slot.symbol.file).then_some(d.name_span.start);
            let puts = page.facts.facts.flows.iter().filter(|f| {
                let fits = match f.part {
                    FlowPart::Whole => !slot.inside,
                    FlowPart::Element | FlowPart::Field(_) => slot.inside,
                    FlowPart::Within => true,
                    _ => false,
                };
                fits && (starts.contains(&f.into) || declared == Some(f.into))
            });
            for flow in puts {
                self.held(&page, (flow.value, flow.of), depth, search)?;
            }
        }
        if d.kind == Kind::Field {
            self.by_position_in(slot.symbol, depth, search)?;
        }
        Ok(())
    }

    /// One value that is put somewhere.
    fn held(&self, page: &Page, (value, of): (u32, FlowPart), depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        if search.is_full() {
            return Ok(());
        }
        let Some(symbol) = self.meaning(page, value)? else { return Ok(()) };
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(()) };
        let kind = facts.facts.def(def).kind;
        if kind.is_callable() && of == FlowPart::Whole {
            let Some(usage) = page.facts.facts.find_use_at(value) else { return Ok(()) };
            let put = Put { file: page.id, usage };
            search.out.functions.push((symbol, put));
        } else if depth > 0 && (kind.is_variable() || kind == Kind::Field) {
            self.held_in(Slot { symbol, inside: of == FlowPart::Element }, depth - 1, search)?;
        }
        Ok(())
    }

    /// What callers of a function give it.
    fn given_to(&self, slot: Slot, facts: &FileFacts, def: DefId, depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        let Some(owner) = facts.facts.def(def).container else { return Ok(()) };
        let Some(position) = self.parameters(slot.symbol.file, facts, owner).iter().position(|p| *p == def) else { return Ok(()) };
        let name = facts.facts.def_name(def);
        let symbol = |d: DefId| SymbolId { file: slot.symbol.file, number: facts.number(d) };
        let mut callees = vec![symbol(owner)];
        let o = facts.facts.def(owner);
        if let Some(class) =
            o.container.filter(|_| o.kind == Kind::Constructor || self.members_of_language(slot.symbol.file).makers.contains(&facts.facts.def_name(owner)))
        {
            callees.push(symbol(class));
        }
        for callee in callees {
            for of_file in self.uses_with_local(callee)?.chunk_by(|a, b| a.file == b.file) {
                let page = self.page(of_file[0].file)?;
                let starts: FxHashSet<u32> = of_file.iter().filter(|e| e.role.is_call()).map(|e| page.facts.facts.usage(UseId(e.usage)).span.start).collect();
                let given = page.facts.facts.flows.iter().filter(|f| {
                    let fits = match f.part {
                        FlowPart::Argument(n) => n as usize == position,
                        FlowPart::Keyword(n) => page.facts.facts.name(n) == name,
                        _ => false,
                    };
                    fits && starts.contains(&f.into)
                });
                for flow in given {
                    self.held(&page, (flow.value, flow.of), depth, search)?;
                }
            }
        }
        // What a decorator takes stands behind it.
        let registers = facts.facts.def(owner).container.filter(|c| facts.facts.def(*c).kind.is_callable()).unwrap_or(owner);
        if position == 0 && depth > 0 {
            self.marked_by(symbol(registers), search)?;
        }
        Ok(())
    }

    /// Functions that a decorator stands before.
    fn marked_by(&self, decorator: SymbolId, search: &mut Search) -> Result<(), AnswerError> {
        for of_file in self.uses_with_local(decorator)?.chunk_by(|a, b| a.file == b.file) {
            if of_file.iter().all(|e| e.role != Role::Mark) {
                continue;
            }
            let facts = self.index.facts(of_file[0].file)?;
            for entry in of_file.iter().filter(|e| e.role == Role::Mark) {
                let usage = UseId(entry.usage);
                let at = facts.facts.usage(usage).span;
                let behind =
                    facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.name_span.start > at.end && matches!(d.kind, Kind::Function | Kind::Method));
                let Some((i, _)) = behind.min_by_key(|(_, d)| d.name_span.start) else { continue };
                let to = SymbolId { file: of_file[0].file, number: facts.number(DefId(i as u32)) };
                search.out.functions.push((to, Put { file: of_file[0].file, usage }));
            }
        }
        Ok(())
    }

    /// Functions that values of a type have at the position of a field.
    fn by_position_in(&self, field: SymbolId, depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        let Some((facts, def)) = self.index.definition(field)? else { return Ok(()) };
        let Some(owner) = facts.facts.def(def).container else { return Ok(()) };
        let fields = facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.container == Some(owner) && d.kind == Kind::Field);
        let Some(position) = fields.map(|(i, _)| i).position(|i| i == def.index()) else { return Ok(()) };
        let of = SymbolId { file: field.file, number: facts.number(owner) };
        let uses = self.uses_with_local(of)?;
        for of_file in uses.chunk_by(|a, b| a.file == b.file).take(MOST_FILES) {
            if search.is_full() {
                break;
            }
            let page = self.page(of_file[0].file)?;
            let by_position: Vec<_> = page.facts.facts.flows.iter().filter(|f| f.part == FlowPart::Field(position as u16)).collect();
            if by_position.is_empty() {
                continue;
            }
            let spans: Vec<Span> = of_file.iter().map(|e| page.facts.facts.usage(UseId(e.usage)).span).collect();
            for flow in by_position {
                let is_of_type = page.facts.facts.find_definition_at(flow.into).is_some_and(|d| {
                    let whole = page.facts.facts.def(d).whole;
                    spans.iter().any(|s| whole.covers(*s))
                });
                if is_of_type {
                    self.held(&page, (flow.value, flow.of), depth, search)?;
                }
            }
        }
        Ok(())
    }
}
