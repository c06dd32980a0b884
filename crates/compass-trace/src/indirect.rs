//! Calls that are not written as calls: of what a field, a variable or a table was given, and of what is handed to others.
//!
//! # How it works
//! Readers record where values are put ([`compass_facts::Flow`]). From a function its uses as a value lead to places (a field, a variable, the
//! elements of a table, a parameter), and from these the calls of such a place back to code. Places that are put into others are followed a few
//! levels deep. Everything found is inferred: which of the functions a call runs is decided when it runs.

use crate::{AnswerError, Engine};
use compass_facts::{DefId, FlowPart, Kind, Role, Span, UseId};
use compass_index::{Certainty, FileFacts, FileId, FileLinks, SymbolId};
use rustc_hash::FxHashSet;
use std::sync::Arc;

/// What may hold functions: a variable, field or parameter, or what is in it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
struct Slot {
    symbol: SymbolId,
    inside: bool,
}

/// Where a function is put.
enum Target {
    Slot(Slot),
    /// It is handed to something whose code is not here; the name of that.
    Outside(String),
}

/// A use of a function as a value.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub struct Put {
    /// The file.
    pub file: FileId,
    /// The use.
    pub usage: UseId,
}

/// A call that may run a function, though its name does not stand there.
#[derive(Debug, Clone)]
pub struct IndirectCall {
    /// The file of the call.
    pub file: FileId,
    /// What is called there; the use of the function itself where it is handed to code that is not here.
    pub usage: UseId,
    /// The function around, or the file.
    pub from: SymbolId,
    /// The function that may run.
    pub to: SymbolId,
    /// Where that was put.
    pub put: Put,
    /// What it was handed to, if that is not here.
    pub outside: Option<String>,
}

/// Slots that are put into others are followed this far.
const MAX_DEPTH: u32 = 4;
/// So many calls through slots are listed for one function, and so many functions for one call.
const MOST: usize = 400;
/// So many files are looked at for what one slot is put into.
const MOST_LOOKED_AT: usize = 64;
/// So many files are looked at for what is put into one slot.
const MOST_FILES: usize = 1_500;

/// One file with what it says and means.
struct Page {
    id: FileId,
    facts: Arc<FileFacts>,
    links: Arc<FileLinks>,
}

impl Page {
    /// What the name at an offset means.
    fn meaning(&self, offset: u32) -> Option<SymbolId> {
        let facts = &self.facts.facts;
        let symbol = |def: DefId| SymbolId { file: self.id, number: self.facts.number(def) };
        match facts.find_use_at(offset) {
            Some(usage) => match facts.usage(usage).local {
                Some(def) => Some(symbol(def)),
                None => self.links.find(usage).filter(|l| l.certainty > Certainty::Guessed).and_then(|l| l.targets.first().copied()),
            },
            None => facts.find_definition_at(offset).map(symbol),
        }
    }

    fn around(&self, def: Option<DefId>) -> SymbolId {
        def.map_or(SymbolId::module(self.id), |d| SymbolId { file: self.id, number: self.facts.number(d) })
    }
}

/// What is found, and whether that is all.
#[derive(Debug, Default)]
pub struct Indirect {
    /// By place.
    pub calls: Vec<IndirectCall>,
    /// More there is than was looked at.
    pub cut: bool,
}

/// A search for calls of one function through what it was put into.
struct Walk<'o> {
    /// The function, and where it was put.
    of: (SymbolId, Put),
    seen: FxHashSet<Slot>,
    out: &'o mut Indirect,
}

/// A search for what one call may run.
struct Search {
    /// The call: its file, what is called, the function around.
    call: (FileId, UseId, SymbolId),
    seen: FxHashSet<Slot>,
    out: Indirect,
}

impl Search {
    fn found(&mut self, to: SymbolId, put: Put) {
        let (file, usage, from) = self.call;
        self.out.calls.push(IndirectCall { file, usage, from, to, put, outside: None });
    }
}

impl Engine {
    fn page(&self, file: FileId) -> Result<Page, AnswerError> {
        Ok(Page { id: file, facts: self.index.facts(file)?, links: self.index.links(file)? })
    }

    /// Calls that may run a function without its name.
    ///
    /// # Errors
    /// Those of the index.
    pub fn indirect_callers(&self, function: SymbolId) -> Result<Indirect, AnswerError> {
        let mut out = Indirect::default();
        let mut told = FxHashSet::default();
        for of_file in self.uses_with_local(function)?.chunk_by(|a, b| a.file == b.file) {
            if of_file.iter().all(|e| !is_value(e.role)) {
                continue;
            }
            let page = self.page(of_file[0].file)?;
            for entry in of_file.iter().filter(|e| e.first && is_value(e.role) && e.certainty > Certainty::Guessed) {
                let put = Put { file: page.id, usage: UseId(entry.usage) };
                let u = page.facts.facts.usage(put.usage);
                let flows: Vec<_> = flows_of(&page, u.span.start).filter(|f| f.of == FlowPart::Whole).collect();
                // What is put into a collection is an argument only by the way.
                let is_element = flows.iter().any(|f| f.part == FlowPart::Element);
                for flow in flows {
                    for target in self.targets(&page, flow.into, flow.part)? {
                        match target {
                            Target::Outside(name) => {
                                if !is_element && told.insert((page.id, put.usage)) {
                                    let from = page.around(u.enclosing);
                                    out.calls.push(IndirectCall { file: page.id, usage: put.usage, from, to: function, put, outside: Some(name) });
                                }
                            }
                            Target::Slot(slot) => {
                                let mut walk = Walk { of: (function, put), seen: FxHashSet::default(), out: &mut out };
                                self.calls_through(slot, MAX_DEPTH, &mut walk)?;
                            }
                        }
                    }
                }
            }
        }
        for slot in self.slots_by_marks(function)? {
            let mut walk = Walk { of: (function, slot.1), seen: FxHashSet::default(), out: &mut out };
            self.calls_through(slot.0, MAX_DEPTH, &mut walk)?;
        }
        let mut seen = FxHashSet::default();
        out.calls.retain(|c| seen.insert((c.file, c.usage)));
        out.calls.sort_by_key(|c| (c.file, c.usage));
        Ok(out)
    }

    /// Slots of a function that a decorator of the code base takes.
    fn slots_by_marks(&self, function: SymbolId) -> Result<Vec<(Slot, Put)>, AnswerError> {
        let Some((_, def)) = self.index.definition(function)? else { return Ok(Vec::new()) };
        let page = self.page(function.file)?;
        let mut out = Vec::new();
        for usage in crate::answer::marks_before(&page.facts.facts, def) {
            let Some(mark) = page.meaning(page.facts.facts.usage(usage).span.start) else { continue };
            let Some((facts, mark_def)) = self.index.definition(mark)? else { continue };
            if !matches!(facts.facts.def(mark_def).kind, Kind::Function | Kind::Method) {
                continue;
            }
            let put = Put { file: page.id, usage };
            // `@register` takes the function itself, `@register("name")` gives what takes it.
            let inner = facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.container == Some(mark_def) && d.kind == Kind::Function);
            let takers = inner.map(|(i, _)| DefId(i as u32)).chain([mark_def]);
            for taker in takers {
                if let Some(parameter) = parameters(&facts, taker).first() {
                    out.push((Slot { symbol: SymbolId { file: mark.file, number: facts.number(*parameter) }, inside: false }, put));
                }
            }
        }
        Ok(out)
    }

    /// What a part of what stands at an offset is.
    fn targets(&self, page: &Page, offset: u32, part: FlowPart) -> Result<Vec<Target>, AnswerError> {
        let named = || {
            let facts = &page.facts.facts;
            facts.find_use_at(offset).map_or_else(String::new, |u| facts.name(facts.usage(u).name).to_owned())
        };
        let meaning = page.meaning(offset);
        let slots = |symbol: SymbolId, inside: &[bool]| inside.iter().map(|i| Target::Slot(Slot { symbol, inside: *i })).collect();
        Ok(match (part, meaning) {
            (FlowPart::Whole, Some(symbol)) => slots(symbol, &[false]),
            (FlowPart::Element, Some(symbol)) => slots(symbol, &[true]),
            (FlowPart::Within, Some(symbol)) => slots(symbol, &[false, true]),
            (FlowPart::Field(n), Some(symbol)) => {
                let mut out: Vec<Target> = slots(symbol, &[true]);
                out.extend(self.field_at(symbol, n)?.map(|field| Target::Slot(Slot { symbol: field, inside: false })));
                out
            }
            (FlowPart::Argument(_) | FlowPart::Keyword(_), Some(symbol)) => match self.parameter(page, symbol, part)? {
                Some(Ok(slot)) => vec![Target::Slot(slot)],
                Some(Err(())) => Vec::new(),
                None => vec![Target::Outside(named())],
            },
            (FlowPart::Argument(_) | FlowPart::Keyword(_), None) => vec![Target::Outside(named())],
            _ => Vec::new(),
        })
    }

    /// The parameter that an argument is for: nothing where the code is not here, an error where it cannot be told.
    fn parameter(&self, page: &Page, function: SymbolId, part: FlowPart) -> Result<Option<Result<Slot, ()>>, AnswerError> {
        let Some((facts, def)) = self.index.definition(function)? else { return Ok(Some(Err(()))) };
        let d = facts.facts.def(def);
        if d.kind.is_type() {
            for member in self.members_of(function)? {
                let is_made =
                    |(f, d): &(Arc<FileFacts>, DefId)| f.facts.def(*d).kind == Kind::Constructor || matches!(f.facts.def_name(*d), "__init__" | "constructor");
                if self.index.definition(member)?.as_ref().is_some_and(is_made) {
                    return self.parameter(page, member, part);
                }
            }
            return Ok(if self.is_declared(function.file) { None } else { Some(Err(())) });
        }
        if !d.kind.is_callable() {
            return Ok(Some(Err(())));
        }
        let is_code = d.body.is_some() && !self.is_declared(function.file);
        let all = parameters(&facts, def);
        let wanted = match part {
            FlowPart::Argument(n) => all.get(n as usize).or(all.last()).copied(),
            FlowPart::Keyword(name) => {
                let name = page.facts.facts.name(name);
                all.iter().find(|p| facts.facts.def_name(**p) == name).or(all.last()).copied()
            }
            _ => None,
        };
        Ok(match wanted.filter(|_| is_code) {
            Some(parameter) => Some(Ok(Slot { symbol: SymbolId { file: function.file, number: facts.number(parameter) }, inside: false })),
            None if is_code => Some(Err(())),
            None => None,
        })
    }

    /// The field at a position of the type that a variable is declared with.
    fn field_at(&self, variable: SymbolId, position: u16) -> Result<Option<SymbolId>, AnswerError> {
        let Some((facts, def)) = self.index.definition(variable)? else { return Ok(None) };
        let page = self.page(variable.file)?;
        let whole = facts.facts.def(def).whole;
        let types = facts.facts.uses.iter().filter(|u| u.role == Role::Type && whole.covers(u.span));
        for u in types {
            let Some(of) = page.meaning(u.span.start) else { continue };
            let is_record = |(f, d): &(Arc<FileFacts>, DefId)| matches!(f.facts.def(*d).kind, Kind::Struct | Kind::Class);
            if !self.index.definition(of)?.as_ref().is_some_and(is_record) {
                continue;
            }
            let mut fields = Vec::new();
            for member in self.members_of(of)? {
                if self.index.definition(member)?.is_some_and(|(f, d)| f.facts.def(d).kind == Kind::Field) {
                    fields.push(member);
                }
            }
            return Ok(fields.get(position as usize).copied());
        }
        Ok(None)
    }

    /// Calls of what a slot holds.
    fn calls_through(&self, slot: Slot, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        if !walk.seen.insert(slot) || slot.symbol.is_module() {
            return Ok(());
        }
        let (function, put) = walk.of;
        let mut looked_at = 0;
        for of_file in self.uses_with_local(slot.symbol)?.chunk_by(|a, b| a.file == b.file) {
            if walk.out.calls.len() >= MOST {
                walk.out.cut = true;
                return Ok(());
            }
            // A call by the slot's own name needs no look at the file.
            for entry in of_file.iter().filter(|e| e.first && e.role == Role::Call && !slot.inside) {
                let file = entry.file;
                let from = entry.enclosing.map_or(SymbolId::module(file), |number| SymbolId { file, number });
                walk.out.calls.push(IndirectCall { file, usage: UseId(entry.usage), from, to: function, put, outside: None });
            }
            let mut mentions = of_file.iter().filter(|e| e.first && (is_value(e.role) || slot.inside && e.role == Role::Type)).peekable();
            if mentions.peek().is_none() || looked_at == MOST_LOOKED_AT {
                continue;
            }
            looked_at += 1;
            let page = self.page(of_file[0].file)?;
            for entry in mentions {
                self.through_mention(&page, UseId(entry.usage), slot, depth, walk)?;
            }
        }
        Ok(())
    }

    /// Calls of what a slot holds that begin at a mention of it: of something in it, or of what it is put into.
    fn through_mention(&self, page: &Page, usage: UseId, slot: Slot, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        let (function, put) = walk.of;
        let u = page.facts.facts.usage(usage);
        let call = |outside: Option<String>| IndirectCall { file: page.id, usage, from: page.around(u.enclosing), to: function, put, outside };
        for flow in flows_of(page, u.span.start) {
            let is_it = if slot.inside { flow.of == FlowPart::Element } else { flow.of == FlowPart::Whole };
            if !is_it {
                continue;
            }
            if flow.part == FlowPart::Called {
                walk.out.calls.push(call(None));
                continue;
            }
            if depth == 0 {
                continue;
            }
            for target in self.targets(page, flow.into, flow.part)? {
                match target {
                    Target::Slot(next) => self.calls_through(next, depth - 1, walk)?,
                    Target::Outside(name) if !slot.inside => walk.out.calls.push(call(Some(name))),
                    Target::Outside(_) => {}
                }
            }
        }
        Ok(())
    }

    /// Functions that the call at a use may run, if what is called there is no function: what a field, a variable, a table may hold.
    /// Nothing where a function is called.
    ///
    /// # Errors
    /// Those of the index.
    pub fn may_run(&self, file: FileId, usage: UseId) -> Result<Option<Indirect>, AnswerError> {
        let page = self.page(file)?;
        let u = page.facts.facts.usage(usage);
        let Some(symbol) = page.meaning(u.span.start) else { return Ok(None) };
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
        let call = (file, usage, page.around(u.enclosing));
        let mut search = Search { call, seen: FxHashSet::default(), out: Indirect::default() };
        self.held_in(Slot { symbol, inside: called_inside }, MAX_DEPTH, &mut search)?;
        let mut told = FxHashSet::default();
        search.out.calls.retain(|c| told.insert(c.to));
        Ok(Some(search.out))
    }

    /// Uses in a stretch of a file that call what something holds.
    ///
    /// # Errors
    /// Those of the index.
    pub fn calls_of_held(&self, file: FileId, within: Option<Span>) -> Result<Vec<UseId>, AnswerError> {
        let facts = self.index.facts(file)?;
        let covers = |at: Span| within.is_none_or(|w| w.covers(at));
        let by_flow = facts.facts.flows.iter().filter(|f| f.part == FlowPart::Called).filter_map(|f| facts.facts.find_use_at(f.value));
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
        if search.out.calls.len() >= MOST {
            search.out.cut = true;
            return Ok(());
        }
        let Some(symbol) = page.meaning(value) else { return Ok(()) };
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(()) };
        let kind = facts.facts.def(def).kind;
        if kind.is_callable() && of == FlowPart::Whole {
            let Some(usage) = page.facts.facts.find_use_at(value) else { return Ok(()) };
            let put = Put { file: page.id, usage };
            search.found(symbol, put);
        } else if depth > 0 && (kind.is_variable() || kind == Kind::Field) {
            self.held_in(Slot { symbol, inside: of == FlowPart::Element }, depth - 1, search)?;
        }
        Ok(())
    }

    /// What callers of a function give it.
    fn given_to(&self, slot: Slot, facts: &FileFacts, def: DefId, depth: u32, search: &mut Search) -> Result<(), AnswerError> {
        let Some(owner) = facts.facts.def(def).container else { return Ok(()) };
        let Some(position) = parameters(facts, owner).iter().position(|p| *p == def) else { return Ok(()) };
        let name = facts.facts.def_name(def);
        let symbol = |d: DefId| SymbolId { file: slot.symbol.file, number: facts.number(d) };
        let mut callees = vec![symbol(owner)];
        let o = facts.facts.def(owner);
        if let Some(class) = o.container.filter(|_| o.kind == Kind::Constructor || matches!(facts.facts.def_name(owner), "__init__" | "constructor")) {
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
                search.found(to, Put { file: of_file[0].file, usage });
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

/// Is a function that is mentioned so a value?
fn is_value(role: Role) -> bool {
    matches!(role, Role::Pass | Role::Read | Role::Ref)
}

/// Flows of the value that stands at an offset.
fn flows_of(page: &Page, offset: u32) -> impl Iterator<Item = &compass_facts::Flow> {
    let flows = &page.facts.facts.flows;
    let first = flows.partition_point(|f| f.value < offset);
    flows[first..].iter().take_while(move |f| f.value == offset)
}

/// The parameters of a function by position, the receiver left out.
fn parameters(facts: &FileFacts, function: DefId) -> Vec<DefId> {
    let all = facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Parameter && d.container == Some(function));
    let named = all.filter(|(_, d)| !matches!(facts.facts.name(d.name), "self" | "cls" | "this"));
    let mut out: Vec<DefId> = named.map(|(i, _)| DefId(i as u32)).collect();
    out.sort_by_key(|d| facts.facts.def(*d).name_span.start);
    out
}
