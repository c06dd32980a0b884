//! What a call of a variable, a field or an element may run.

use super::page::{Page, flows_of};
use super::{Holds, Indirect, IndirectCall, MAX_DEPTH, MOST, MOST_FILES, Put, Slot, Target};
use crate::{AnswerError, Engine};
use compass_facts::{DefId, FlowPart, Kind, Role, Span, UseId};
use compass_index::{FileFacts, FileId, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::sync::{Arc, Mutex};

/// So many places are remembered with what is put there; then all are forgotten.
const MOST_KNOWN: usize = 4_096;
/// What stands for a function may have something that stands for it: so deep is looked.
const MAX_NESTED: u32 = 2;

/// What is put into places that were asked for before: a chain meets the same table at many calls.
#[derive(Default)]
pub(crate) struct KnownHeld(Mutex<FxHashMap<Slot, Arc<Held>>>);

/// What is put into one place.
#[derive(Default)]
pub(super) struct Held {
    pub functions: Vec<(SymbolId, Put)>,
    pub cut: bool,
}

/// A search for what a place holds.
struct Search {
    seen: FxHashSet<Slot>,
    /// Searches for what stands for a function that this one is part of.
    nested: u32,
    out: Held,
}

impl Search {
    /// Adds what stands for a function where its name is used.
    fn add_instead(&mut self, engine: &Engine, (function, of): (SymbolId, Put)) -> Result<(), AnswerError> {
        if self.nested < MAX_NESTED
            && let Some(instead) = engine.instead_of(function, self.nested + 1)?
        {
            self.out.functions.extend(instead.functions.iter().map(|(to, put)| (*to, put.as_sure_as(of))));
        }
        Ok(())
    }

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
        if let Some(mut named) = self.members_by_name(&page, usage)? {
            for call in named.calls.clone() {
                let instead = self.instead_of(call.to, 0)?;
                let told = instead.iter().flat_map(|w| &w.functions).map(|(to, put)| (*to, put.as_sure_as(call.put)));
                named.calls.extend(told.map(|(to, put)| IndirectCall { to, put, ..call.clone() }));
            }
            return Ok(Some(named));
        }
        let Some(symbol) = self.meaning(&page, u.span.start)? else { return Ok(None) };
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(None) };
        let kind = facts.facts.def(def).kind;
        let part_called = flows_of(&page, u.span.start).filter(|f| f.part == FlowPart::Called).find_map(|f| Holds::of(f.of));
        let mut out = Indirect::default();
        let from = page.around(u.enclosing);
        let mut add = |held: &Held| {
            out.calls.extend(held.functions.iter().map(|(to, put)| IndirectCall { file, usage, from, to: *to, put: *put, outside: None }));
            out.cut |= held.cut;
        };
        if kind.is_callable() {
            let instead = if u.role == Role::Call { self.instead_of(symbol, 0)? } else { None };
            // `@within (3)`: what the call gives is called with what stands behind.
            let calls_given = u.role == Role::Mark && self.is_called_mark(&page, usage);
            let part_called = part_called.or(calls_given.then_some(Holds::Given));
            if part_called.is_none() && instead.is_none() {
                return Ok(None);
            }
            if let Some(instead) = &instead {
                add(instead);
            }
            if let Some(part) = part_called.filter(|p| *p != Holds::Itself) {
                add(&*self.known_held(Slot { symbol, part })?);
            }
            // A mark may as well give what stands behind it.
            let says_nothing = calls_given && out.calls.is_empty();
            return Ok(Some(out).filter(|_| !says_nothing));
        }
        if !(kind.is_variable() || matches!(kind, Kind::Field)) {
            return Ok(None);
        }
        let Some(part) = part_called.or_else(|| (u.role == Role::Call).then_some(Holds::Itself)) else { return Ok(None) };
        add(&*self.known_held(Slot { symbol, part })?);
        Ok(Some(out))
    }

    /// Functions that a stretch of a file hands to code that is not here, which may call them.
    ///
    /// # Errors
    /// Those of the index.
    pub fn handed_outside(&self, file: FileId, within: Option<Span>) -> Result<Indirect, AnswerError> {
        let page = self.page(file)?;
        let flows = &page.facts.facts.flows;
        let first = within.map_or(0, |w| flows.partition_point(|f| f.value < w.start));
        let mut out = Indirect::default();
        for flow in flows[first..].iter().take_while(|f| within.is_none_or(|w| f.value < w.end)) {
            if !matches!(flow.part, FlowPart::Argument(_) | FlowPart::Keyword(_)) {
                continue;
            }
            let Some(usage) = page.facts.facts.find_use_at(flow.value) else { continue };
            let outside = self.targets(&page, flow.into, flow.part)?.into_iter().find_map(|t| if let Target::Outside(name) = t { Some(name) } else { None });
            let Some(name) = outside else { continue };
            let mut search = Search { seen: FxHashSet::default(), nested: 0, out: Held::default() };
            self.held(&page, (flow.value, flow.of), MAX_DEPTH, &mut search)?;
            let from = page.around(page.facts.facts.usage(usage).enclosing);
            let mut told = FxHashSet::default();
            for (to, put) in search.out.functions {
                if told.insert(to) && !self.is_declared(to.file) {
                    out.calls.push(IndirectCall { file, usage, from, to, put, outside: Some(name.clone()) });
                }
            }
            out.cut |= search.out.cut;
        }
        Ok(out)
    }

    /// What a place holds, each function once.
    pub(super) fn known_held(&self, slot: Slot) -> Result<Arc<Held>, AnswerError> {
        self.held_within(slot, 0)
    }

    /// The same within a search for what stands for a function, so deep.
    pub(super) fn held_within(&self, slot: Slot, nested: u32) -> Result<Arc<Held>, AnswerError> {
        if let Some(known) = self.known_held.0.lock().ok().and_then(|k| k.get(&slot).cloned()) {
            return Ok(known);
        }
        let mut search = Search { seen: FxHashSet::default(), nested, out: Held::default() };
        self.held_in(slot, MAX_DEPTH, &mut search)?;
        let mut told = FxHashSet::default();
        search.out.functions.retain(|(to, _)| told.insert(*to));
        let held = Arc::new(search.out);
        if nested == 0
            && let Ok(mut known) = self.known_held.0.lock()
        {
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
        let wraps = self.index.file(file).is_some_and(|f| self.marks_wrap(f.language));
        let holds_or_wrapped = |facts: &FileFacts, at: FileId, def: DefId| {
            let d = facts.facts.def(def);
            d.kind.is_variable() || d.kind == Kind::Field || wraps && d.kind.is_callable() && self.may_be_another(at, facts, def)
        };
        let mut out: Vec<UseId> = by_flow.filter(|u| covers(facts.facts.usage(*u).span)).collect();
        let links = self.index.links(file)?;
        let first = within.map_or(0, |w| facts.facts.uses.partition_point(|u| u.span.start < w.start));
        for (i, u) in facts.facts.uses.iter().enumerate().skip(first).take_while(|(_, u)| within.is_none_or(|w| u.span.start <= w.end)) {
            let is_mark = wraps && u.role == Role::Mark;
            if !(u.role == Role::Call || is_mark) || !covers(u.span) {
                continue;
            }
            let usage = UseId(i as u32);
            if is_mark {
                out.push(usage);
                continue;
            }
            let holds = match u.local {
                Some(def) => holds_or_wrapped(&facts, file, def),
                None => match links.find(usage).and_then(|l| l.targets.first()) {
                    Some(target) => self.index.definition(*target)?.is_some_and(|(f, d)| holds_or_wrapped(&f, target.file, d)),
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
        // What a function gives stands where it is written; its name may be given another value.
        let is_function = d.kind.is_callable();
        let uses = if is_function && slot.part != Holds::Itself { Arc::default() } else { self.uses_with_local(slot.symbol)? };
        let mut files: Vec<FileId> = uses.iter().filter(|e| e.role != Role::Import && !is_function).map(|e| e.file).collect();
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
            let mut declared: Vec<u32> = Vec::new();
            if file == slot.symbol.file {
                declared.push(d.name_span.start);
                declared.extend(namesakes(&facts, def).filter(|_| is_function).map(|other| facts.facts.def(other).name_span.start));
            }
            let puts = page.facts.facts.flows.iter().filter(|f| {
                let fits = match f.part {
                    // A table under another name has the same in it.
                    FlowPart::Whole => slot.part != Holds::Given && (slot.part == Holds::Itself || f.of == FlowPart::Whole),
                    FlowPart::Element | FlowPart::Field(_) => slot.part == Holds::Inside,
                    FlowPart::Given => slot.part == Holds::Given || slot.part == Holds::Inside && f.of == FlowPart::Whole,
                    FlowPart::Within => true,
                    _ => false,
                };
                fits && (starts.contains(&f.into) || declared.contains(&f.into))
            });
            for flow in puts {
                let is_other_name = slot.part == Holds::Inside && flow.of == FlowPart::Whole;
                if is_other_name && matches!(flow.part, FlowPart::Whole | FlowPart::Within | FlowPart::Given) {
                    self.held_in_other(&page, flow.value, depth, search)?;
                }
                if !(is_other_name && matches!(flow.part, FlowPart::Whole | FlowPart::Given)) {
                    self.held(&page, (flow.value, flow.of), depth, search)?;
                }
            }
        }
        if d.kind == Kind::Field {
            self.by_position_in(slot.symbol, depth, search)?;
            // A value has one such field, whichever of its types names it.
            for other in self.same_fields(slot.symbol)? {
                self.held_in(Slot { symbol: other, ..slot }, depth, search)?;
            }
        }
        if d.kind == Kind::Method && depth > 0 {
            for other in self.overriding(slot.symbol)? {
                self.held_in(Slot { symbol: other, ..slot }, depth - 1, search)?;
            }
        }
        Ok(())
    }

    /// What is in a table that another one is, or is a copy of.
    fn held_in_other(&self, page: &Page, value: u32, depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        let Some(symbol) = self.meaning(page, value)? else { return Ok(()) };
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(()) };
        let kind = facts.facts.def(def).kind;
        if depth > 0 && (kind.is_variable() || kind == Kind::Field) {
            self.held_in(Slot { symbol, part: Holds::Inside }, depth - 1, search)?;
        }
        Ok(())
    }

    /// One value that is put somewhere.
    fn held(&self, page: &Page, (value, of): (u32, FlowPart), depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        if search.is_full() {
            return Ok(());
        }
        let usage = page.facts.facts.find_use_at(value);
        if let Some(usage) = usage.filter(|_| of == FlowPart::Given)
            && let Some(named) = self.members_by_name(page, usage)?
        {
            for call in &named.calls {
                search.out.functions.push((call.to, call.put));
                search.add_instead(self, (call.to, call.put))?;
            }
            search.out.cut |= named.cut;
            return Ok(());
        }
        let Some(symbol) = self.meaning(page, value)? else { return Ok(()) };
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(()) };
        let kind = facts.facts.def(def).kind;
        let Some(part) = Holds::of(of) else { return Ok(()) };
        if kind.is_callable() && part == Holds::Itself {
            let Some(usage) = usage else { return Ok(()) };
            let put = Put::at(page.id, usage);
            search.out.functions.push((symbol, put));
            // What is put there is what its marks made of it.
            search.add_instead(self, (symbol, put))?;
        } else if depth > 0 && (kind.is_variable() || kind == Kind::Field || kind.is_callable()) {
            // A name that a function has and that is given another value in the same scope.
            if let Some(usage) = usage.filter(|_| part == Holds::Itself && kind.is_variable()) {
                let same = namesakes(&facts, def).filter(|other| facts.facts.def(*other).kind.is_callable());
                let put = Put::at(page.id, usage);
                search.out.functions.extend(same.map(|other| (SymbolId { file: symbol.file, number: facts.number(other) }, put)));
            }
            self.held_in(Slot { symbol, part }, depth - 1, search)?;
        }
        Ok(())
    }

    /// What callers of a function give it.
    fn given_to(&self, slot: Slot, facts: &FileFacts, def: DefId, depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        let Some(owner) = facts.facts.def(def).container else { return Ok(()) };
        let Some(position) = self.parameters(slot.symbol.file, facts, owner).iter().position(|p| *p == def) else { return Ok(()) };
        let name = facts.facts.def_name(def);
        let symbol = |d: DefId| SymbolId { file: slot.symbol.file, number: facts.number(d) };
        // By a name it may come through makers of derived types, which need not name it.
        let mut callees = vec![(symbol(owner), true)];
        let o = facts.facts.def(owner);
        if let Some(class) =
            o.container.filter(|_| o.kind == Kind::Constructor || self.members_of_language(slot.symbol.file).makers.contains(&facts.facts.def_name(owner)))
        {
            for class in self.types_from(symbol(class), false)? {
                let is_made_here = self.makers_above(class)?.first() == Some(&symbol(owner));
                callees.push((class, is_made_here));
            }
        }
        for (callee, by_position) in callees {
            for of_file in self.uses_with_local(callee)?.chunk_by(|a, b| a.file == b.file) {
                let page = self.page(of_file[0].file)?;
                let starts: FxHashSet<u32> = of_file.iter().filter(|e| e.role.is_call()).map(|e| page.facts.facts.usage(UseId(e.usage)).span.start).collect();
                let given = page.facts.facts.flows.iter().filter(|f| {
                    let fits = match f.part {
                        FlowPart::Argument(n) => by_position && n as usize == position,
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
            let page = self.page(of_file[0].file)?;
            for entry in of_file.iter().filter(|e| e.role == Role::Mark) {
                let usage = UseId(entry.usage);
                let Some(to) = self.marked_behind(&page, usage) else { continue };
                let put = Put::at(page.id, usage);
                search.out.functions.push((to, put));
                // Marks closer to the function come first: this one takes what they give.
                let Some(def) = page.facts.find(to.number).filter(|_| search.nested < MAX_NESTED) else { continue };
                for closer in crate::answer::marks_before(&page.facts.facts, def).into_iter().filter(|m| *m > usage) {
                    search.out.functions.extend(self.given_by_mark(&page, closer, search.nested + 1)?.into_iter().map(|f| (f, put)));
                }
            }
        }
        Ok(())
    }

    /// What is given for a field where a value of its type is made, by types whose makers nobody wrote.
    fn given_by_making(&self, field: SymbolId, uses: &[compass_index::UseEntry], depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        for of_file in uses.chunk_by(|a, b| a.file == b.file).take(MOST_FILES) {
            if search.is_full() || of_file.iter().all(|e| !e.role.is_call()) {
                continue;
            }
            let page = self.page(of_file[0].file)?;
            let starts: FxHashSet<u32> = of_file.iter().filter(|e| e.role.is_call()).map(|e| page.facts.facts.usage(UseId(e.usage)).span.start).collect();
            let given = page.facts.facts.flows.iter().filter(|f| matches!(f.part, FlowPart::Argument(_) | FlowPart::Keyword(_)) && starts.contains(&f.into));
            for flow in given {
                let of = self.meaning(&page, flow.into)?;
                let slot = match of {
                    Some(of) => self.parameter(&page, of, flow.part)?,
                    None => None,
                };
                if matches!(slot, Some(Ok(Slot { symbol, .. })) if symbol == field) {
                    self.held(&page, (flow.value, flow.of), depth, search)?;
                }
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
        if facts.facts.def(owner).kind.is_type() {
            self.given_by_making(field, &uses, depth, search)?;
        }
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

/// Other definitions of the same name in the same scope.
pub(super) fn namesakes(facts: &FileFacts, def: DefId) -> impl Iterator<Item = DefId> {
    let d = facts.facts.def(def);
    let all = facts.facts.definitions.iter().enumerate();
    all.filter(move |(i, other)| *i != def.index() && other.name == d.name && other.container == d.container).map(|(i, _)| DefId(i as u32))
}
