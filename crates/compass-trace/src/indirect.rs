//! Calls that are not written as calls: of what a field, a variable or a table was given, and of what is handed to others.
//!
//! # How it works
//! Readers record where values are put ([`compass_facts::Flow`]). From a function its uses as a value lead to places (a field, a variable, the
//! elements of a table, a parameter), and from these the calls of such a place back to code. Places that are put into others are followed a few
//! levels deep. Everything found is inferred: which of the functions a call runs is decided when it runs.

mod by_name;
mod held;
mod page;
mod wrapped;

pub(crate) use by_name::KnownSites;
pub(crate) use held::KnownHeld;

use crate::{AnswerError, Engine};
use compass_facts::{DefId, FlowPart, Kind, Role, UseId};
use compass_index::{Certainty, FileFacts, FileId, SymbolId};
use page::{Page, flows_of};
use rustc_hash::FxHashSet;
use std::sync::Arc;

/// What may hold functions: a variable, field or parameter, what is in it, or what a function gives.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
struct Slot {
    symbol: SymbolId,
    part: Holds,
}

/// Which part of a symbol holds them.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
enum Holds {
    /// The symbol.
    Itself,
    /// What is in it, or in what a function gives.
    Inside,
    /// What a call of it gives.
    Given,
}

impl Holds {
    /// What a flow takes from its value, as far as it can hold functions.
    fn of(part: FlowPart) -> Option<Holds> {
        match part {
            FlowPart::Whole => Some(Holds::Itself),
            FlowPart::Element => Some(Holds::Inside),
            FlowPart::Given => Some(Holds::Given),
            _ => None,
        }
    }
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
    /// Any name may be meant: that it is this one is a guess.
    pub guessed: bool,
}

impl Put {
    fn at(file: FileId, usage: UseId) -> Put {
        Put { file, usage, guessed: false }
    }

    /// A guess, if what it hangs on is one.
    fn as_sure_as(self, other: Put) -> Put {
        Put { guessed: self.guessed || other.guessed, ..self }
    }
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

impl IndirectCall {
    /// How sure it is.
    pub fn certainty(&self) -> Certainty {
        if self.put.guessed { Certainty::Guessed } else { Certainty::Inferred }
    }
}

/// Slots that are put into others are followed this far.
const MAX_DEPTH: u32 = 4;
/// So many calls through slots are listed for one function, and so many functions for one call.
const MOST: usize = 400;
/// So many of the functions that a variable may hold are looked at for where an argument of its call goes.
const MOST_CALLEES: usize = 8;
/// So many files are looked at for what one slot is put into.
const MOST_LOOKED_AT: usize = 64;
/// So many files are looked at for what is put into one slot.
const MOST_FILES: usize = 1_500;

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

impl Engine {
    /// Calls that may run a function without its name.
    ///
    /// # Errors
    /// Those of the index.
    pub fn indirect_callers(&self, function: SymbolId) -> Result<Indirect, AnswerError> {
        let mut out = Indirect::default();
        self.through_values(function, function, MAX_DEPTH, &mut out)?;
        for slot in self.slots_by_marks(function)? {
            let mut walk = Walk { of: (function, slot.1), seen: FxHashSet::default(), out: &mut out };
            self.calls_through(slot.0, MAX_DEPTH, &mut walk)?;
        }
        self.called_by_name(function, &mut out)?;
        let mut seen = FxHashSet::default();
        out.calls.retain(|c| seen.insert((c.file, c.usage)));
        out.calls.sort_by_key(|c| (c.file, c.usage));
        Ok(out)
    }

    /// Calls that run a function because a value, that function or what a mark makes it stand for, is put somewhere.
    fn through_values(&self, value: SymbolId, function: SymbolId, depth: u32, out: &mut Indirect) -> Result<(), AnswerError> {
        let mut told = FxHashSet::default();
        for of_file in self.uses_with_local(value)?.chunk_by(|a, b| a.file == b.file) {
            if of_file.iter().all(|e| !e.role.is_value()) {
                continue;
            }
            let page = self.page(of_file[0].file)?;
            for entry in of_file.iter().filter(|e| e.first && e.role.is_value() && e.certainty > Certainty::Guessed) {
                let put = Put::at(page.id, UseId(entry.usage));
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
                                let mut walk = Walk { of: (function, put), seen: FxHashSet::default(), out };
                                self.calls_through(slot, depth, &mut walk)?;
                            }
                        }
                    }
                }
            }
        }
        let Some((facts, def)) = self.index.definition(value)? else { return Ok(()) };
        for other in held::namesakes(&facts, def).filter(|d| facts.facts.def(*d).kind.is_variable()) {
            let symbol = SymbolId { file: value.file, number: facts.number(other) };
            let Some(usage) = self.uses_with_local(symbol)?.first().map(|e| UseId(e.usage)) else { continue };
            let mut walk = Walk { of: (function, Put::at(value.file, usage)), seen: FxHashSet::default(), out };
            self.calls_through(Slot { symbol, part: Holds::Itself }, depth, &mut walk)?;
        }
        Ok(())
    }

    /// Slots of a function that a decorator of the code base takes.
    fn slots_by_marks(&self, function: SymbolId) -> Result<Vec<(Slot, Put)>, AnswerError> {
        let Some((_, def)) = self.index.definition(function)? else { return Ok(Vec::new()) };
        let page = self.page(function.file)?;
        let mut out = Vec::new();
        for usage in crate::answer::marks_before(&page.facts.facts, def) {
            let Some(mark) = self.meaning(&page, page.facts.facts.usage(usage).span.start)? else { continue };
            let Some((facts, mark_def)) = self.index.definition(mark)? else { continue };
            if !matches!(facts.facts.def(mark_def).kind, Kind::Function | Kind::Method) {
                continue;
            }
            let put = Put::at(page.id, usage);
            // `@register` takes the function itself, `@register("name")` gives what takes it.
            let inner = facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.container == Some(mark_def) && d.kind == Kind::Function);
            let takers = inner.map(|(i, _)| DefId(i as u32)).chain([mark_def]);
            for taker in takers {
                if let Some(parameter) = self.parameters(mark.file, &facts, taker).first() {
                    out.push((Slot { symbol: SymbolId { file: mark.file, number: facts.number(*parameter) }, part: Holds::Itself }, put));
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
        let meaning = self.meaning(page, offset)?;
        let slots = |symbol: SymbolId, parts: &[Holds]| parts.iter().map(|part| Target::Slot(Slot { symbol, part: *part })).collect();
        Ok(match (part, meaning) {
            (FlowPart::Whole, Some(symbol)) => slots(symbol, &[Holds::Itself]),
            (FlowPart::Element, Some(symbol)) => slots(symbol, &[Holds::Inside]),
            (FlowPart::Within, Some(symbol)) if self.is_function(symbol)? => slots(symbol, &[Holds::Given, Holds::Inside]),
            (FlowPart::Within, Some(symbol)) => slots(symbol, &[Holds::Itself, Holds::Inside]),
            (FlowPart::Given, Some(symbol)) => slots(symbol, &[Holds::Given]),
            (FlowPart::Field(n), Some(symbol)) => {
                let mut out: Vec<Target> = slots(symbol, &[Holds::Inside]);
                out.extend(self.field_at(symbol, n)?.map(|field| Target::Slot(Slot { symbol: field, part: Holds::Itself })));
                out
            }
            (FlowPart::Argument(_) | FlowPart::Keyword(_), Some(symbol)) if self.is_variable(symbol)? => self.targets_of_held(page, symbol, part, named())?,
            (FlowPart::Argument(_) | FlowPart::Keyword(_), Some(symbol)) => match self.parameter(page, symbol, part)? {
                Some(Ok(slot)) => vec![Target::Slot(slot)],
                Some(Err(())) => Vec::new(),
                None => vec![Target::Outside(named())],
            },
            (FlowPart::Argument(_) | FlowPart::Keyword(_), None) => vec![Target::Outside(named())],
            _ => Vec::new(),
        })
    }

    /// Where an argument goes if a variable or a field is called.
    fn targets_of_held(&self, page: &Page, callee: SymbolId, part: FlowPart, name: String) -> Result<Vec<Target>, AnswerError> {
        let held = self.known_held(Slot { symbol: callee, part: Holds::Itself })?;
        let mut out = Vec::new();
        for (function, _) in held.functions.iter().take(MOST_CALLEES) {
            if let Some(Ok(slot)) = self.parameter(page, *function, part)? {
                out.push(Target::Slot(slot));
            }
        }
        // Nobody here says what is called.
        if held.functions.is_empty() {
            out.push(Target::Outside(name));
        }
        Ok(out)
    }

    fn is_variable(&self, symbol: SymbolId) -> Result<bool, AnswerError> {
        let is_such = |kind: Kind| kind.is_variable() || kind == Kind::Field;
        Ok(self.index.definition(symbol)?.is_some_and(|(f, d)| is_such(f.facts.def(d).kind)))
    }

    /// The parameter that an argument is for: nothing where the code is not here, an error where it cannot be told.
    fn parameter(&self, page: &Page, function: SymbolId, part: FlowPart) -> Result<Option<Result<Slot, ()>>, AnswerError> {
        let Some((facts, def)) = self.index.definition(function)? else { return Ok(Some(Err(()))) };
        let d = facts.facts.def(def);
        if d.kind.is_type() {
            // A maker that does not name an argument hands it to that of a base.
            let all = self.makers_above(function)?;
            let named = all.iter().find(|m| match part {
                FlowPart::Keyword(name) => self.has_parameter(**m, page.facts.facts.name(name)).unwrap_or(false),
                _ => true,
            });
            if let Some(maker) = named.or(all.first()) {
                return self.parameter(page, *maker, part);
            }
            if self.is_declared(function.file) {
                return Ok(None);
            }
            // What makes it is written by the language, from the fields in their order: records, data classes.
            let field = self.field_given(page, function, part)?;
            return Ok(Some(field.map(|symbol| Slot { symbol, part: Holds::Itself }).ok_or(())));
        }
        if !d.kind.is_callable() {
            return Ok(Some(Err(())));
        }
        let is_code = d.body.is_some() && !self.is_declared(function.file);
        let all = self.parameters(function.file, &facts, def);
        let wanted = match part {
            FlowPart::Argument(n) => all.get(n as usize).or(all.last()).copied(),
            FlowPart::Keyword(name) => {
                let name = page.facts.facts.name(name);
                all.iter().find(|p| facts.facts.def_name(**p) == name).or(all.last()).copied()
            }
            _ => None,
        };
        Ok(match wanted.filter(|_| is_code) {
            Some(parameter) => Some(Ok(Slot { symbol: SymbolId { file: function.file, number: facts.number(parameter) }, part: Holds::Itself })),
            None if is_code => Some(Err(())),
            None => None,
        })
    }

    /// What makes values of a type: its own maker, then those of its bases.
    fn makers_above(&self, class: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let makers = self.members_of_language(class.file).makers;
        let mut out = Vec::new();
        for class in self.types_from(class, true)? {
            for member in self.members_of(class)? {
                let is_made = |(f, d): &(Arc<FileFacts>, DefId)| f.facts.def(*d).kind == Kind::Constructor || makers.contains(&f.facts.def_name(*d));
                if self.index.definition(member)?.as_ref().is_some_and(is_made) {
                    out.push(member);
                }
            }
        }
        Ok(out)
    }

    fn has_parameter(&self, function: SymbolId, name: &str) -> Result<bool, AnswerError> {
        let Some((facts, def)) = self.index.definition(function)? else { return Ok(false) };
        Ok(self.parameters(function.file, &facts, def).iter().any(|p| facts.facts.def_name(*p) == name))
    }

    /// The field at a position of the type that a variable is declared with.
    fn field_at(&self, variable: SymbolId, position: u16) -> Result<Option<SymbolId>, AnswerError> {
        let Some((facts, def)) = self.index.definition(variable)? else { return Ok(None) };
        let page = self.page(variable.file)?;
        let whole = facts.facts.def(def).whole;
        let types = facts.facts.uses.iter().filter(|u| u.role == Role::Type && whole.covers(u.span));
        for u in types {
            let Some(of) = self.meaning(&page, u.span.start)? else { continue };
            let is_record = |(f, d): &(Arc<FileFacts>, DefId)| matches!(f.facts.def(*d).kind, Kind::Struct | Kind::Class);
            if !self.index.definition(of)?.as_ref().is_some_and(is_record) {
                continue;
            }
            return Ok(self.fields_of(of)?.get(position as usize).copied());
        }
        Ok(None)
    }

    fn fields_of(&self, of: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let mut fields = Vec::new();
        for member in self.members_of(of)? {
            if self.index.definition(member)?.is_some_and(|(f, d)| f.facts.def(d).kind == Kind::Field) {
                fields.push(member);
            }
        }
        Ok(fields)
    }

    /// The field of a type that an argument of its making is for.
    fn field_given(&self, page: &Page, of: SymbolId, part: FlowPart) -> Result<Option<SymbolId>, AnswerError> {
        let fields = self.fields_of(of)?;
        match part {
            FlowPart::Argument(n) => Ok(fields.get(n as usize).copied()),
            FlowPart::Keyword(name) => {
                let name = page.facts.facts.name(name);
                Ok(fields.into_iter().find(|f| self.name_of(*f).is_some_and(|n| n.rsplit('.').next() == Some(name))))
            }
            _ => Ok(None),
        }
    }

    fn is_function(&self, symbol: SymbolId) -> Result<bool, AnswerError> {
        Ok(self.index.definition(symbol)?.is_some_and(|(f, d)| f.facts.def(d).kind.is_callable()))
    }

    /// Calls of what a slot holds.
    fn calls_through(&self, slot: Slot, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        if !walk.seen.insert(slot) || slot.symbol.is_module() {
            return Ok(());
        }
        let (function, put) = walk.of;
        if slot.part == Holds::Given {
            self.calls_of_marked(slot.symbol, depth, walk)?;
        }
        self.calls_of_namesakes(slot, depth, walk)?;
        for symbol in self.same_fields(slot.symbol)? {
            self.calls_through(Slot { symbol, ..slot }, depth, walk)?;
        }
        let mut looked_at = 0;
        for of_file in self.uses_with_local(slot.symbol)?.chunk_by(|a, b| a.file == b.file) {
            if walk.out.calls.len() >= MOST {
                walk.out.cut = true;
                return Ok(());
            }
            // A call by the slot's own name needs no look at the file.
            for entry in of_file.iter().filter(|e| e.first && e.role == Role::Call && slot.part == Holds::Itself) {
                let file = entry.file;
                let from = entry.enclosing.map_or(SymbolId::module(file), |number| SymbolId { file, number });
                walk.out.calls.push(IndirectCall { file, usage: UseId(entry.usage), from, to: function, put, outside: None });
            }
            let mentions = of_file.iter().filter(|e| {
                let holds = match slot.part {
                    Holds::Itself => e.role.is_value(),
                    Holds::Inside => e.role.is_value() || matches!(e.role, Role::Type | Role::Call),
                    Holds::Given => e.role == Role::Call,
                };
                e.first && holds
            });
            let mut mentions = mentions.peekable();
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

    /// Where a function of the same scope has the name of a variable, uses of the name may stand for it.
    fn calls_of_namesakes(&self, slot: Slot, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        let Some((facts, def)) = self.index.definition(slot.symbol)?.filter(|_| slot.part == Holds::Itself) else { return Ok(()) };
        if !facts.facts.def(def).kind.is_variable() {
            return Ok(());
        }
        for other in held::namesakes(&facts, def).filter(|d| facts.facts.def(*d).kind.is_callable()) {
            let symbol = SymbolId { file: slot.symbol.file, number: facts.number(other) };
            self.calls_through(Slot { symbol, part: Holds::Itself }, depth, walk)?;
        }
        Ok(())
    }

    /// Calls of what a slot holds that begin at a mention of it: of something in it, or of what it is put into.
    fn through_mention(&self, page: &Page, usage: UseId, slot: Slot, depth: u32, walk: &mut Walk) -> Result<(), AnswerError> {
        let (function, put) = walk.of;
        let u = page.facts.facts.usage(usage);
        let call = |outside: Option<String>| IndirectCall { file: page.id, usage, from: page.around(u.enclosing), to: function, put, outside };
        for flow in flows_of(page, u.span.start) {
            // A table under another name, or copied, has the same in it.
            let is_other_name = slot.part == Holds::Inside && flow.of == FlowPart::Whole && matches!(flow.part, FlowPart::Whole | FlowPart::Within);
            if Holds::of(flow.of) != Some(slot.part) && !is_other_name {
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
                    Target::Slot(next) if is_other_name => self.calls_through(Slot { part: Holds::Inside, ..next }, depth - 1, walk)?,
                    Target::Slot(next) => self.calls_through(next, depth - 1, walk)?,
                    Target::Outside(name) if slot.part != Holds::Inside => walk.out.calls.push(call(Some(name))),
                    Target::Outside(_) => {}
                }
            }
        }
        Ok(())
    }

    /// The parameters of a function by position, the receiver left out.
    fn parameters(&self, file: FileId, facts: &FileFacts, function: DefId) -> Vec<DefId> {
        let receivers = self.members_of_language(file).receivers;
        let all = facts.facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Parameter && d.container == Some(function));
        let named = all.filter(|(_, d)| !receivers.contains(&facts.facts.name(d.name).trim_start_matches('_')));
        let mut out: Vec<DefId> = named.map(|(i, _)| DefId(i as u32)).collect();
        out.sort_by_key(|d| facts.facts.def(*d).name_span.start);
        out
    }
}
