//! What joins two symbols directly.

use crate::{AnswerError, Engine};
use compass_facts::{DefId, Flags, Kind, Role, Span, UseId};
use compass_index::{Cause, Certainty, CrossingKind, FileFacts, FileId, FileLinks, Link, SymbolId};

/// So many macros are looked into for what one of them leads to.
const MOST_MACROS: usize = 32;

/// How an edge joins its ends.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Join {
    /// A use in the file of its beginning.
    Use(UseId),
    /// A crossing of that file, by position.
    Crossing(CrossingKind, u32),
    /// From a member of an interface to one that implements it.
    Implements,
}

/// Two symbols, one of which leads to the other.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Edge {
    /// Where it begins: a function, or a file as a module.
    pub from: SymbolId,
    /// Where it leads.
    pub to: SymbolId,
    /// The file of the place.
    pub file: FileId,
    /// The place: the call's name, the crossing's text, the implementing member's name.
    pub at: Span,
    /// How.
    pub join: Join,
    /// What is done.
    pub role: Role,
    /// How sure.
    pub certainty: Certainty,
}

/// What sort of thing an edge reaches: what leads there differs.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Reached {
    /// Code: whoever calls it or hands it on.
    Function,
    /// A macro: whoever names it has its text.
    Macro,
    /// A type, or a file: whoever makes a value of it.
    Type,
    /// Anything else: whoever does something with it.
    Thing,
}

impl Reached {
    fn of(kind: Option<Kind>) -> Reached {
        match kind {
            Some(Kind::Function | Kind::Method) => Reached::Function,
            Some(Kind::Macro) => Reached::Macro,
            Some(kind) if !kind.is_callable() && !kind.is_type() => Reached::Thing,
            _ => Reached::Type,
        }
    }
}

/// What a symbol leads to directly.
#[derive(Default)]
pub struct EdgesOut {
    /// By place.
    pub edges: Vec<Edge>,
    /// Calls in it without a target, or with one that is only guessed.
    pub unlinked: u64,
    /// Calls in it of what a variable or field holds: other functions than the known ones may be put there unseen.
    pub held: u64,
    /// Calls in it of what a package defines that is not here: what that calls is not seen.
    pub absent: u64,
}

/// Are variables, fields and the like listed among what a symbol leads to?
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Things {
    /// They are not.
    LeftOut,
    /// Those are whose own code leads on: a variable with calls in its first value.
    ThatLeadOn,
}

impl Things {
    /// May a use in such a role lead somewhere, beside calls?
    fn counts(self, role: Role) -> bool {
        role.is_value() || self == Things::ThatLeadOn && role == Role::Write
    }
}

impl Engine {
    /// Everything that leads to a symbol directly, by place.
    ///
    /// # Errors
    /// Those of the index.
    pub fn edges_in(&self, to: SymbolId) -> Result<Vec<Edge>, AnswerError> {
        let mut out = Vec::new();
        let definition = self.index.definition(to)?;
        let reached = Reached::of(definition.as_ref().map(|(f, d)| f.facts.def(*d).kind));
        let mut followed = rustc_hash::FxHashSet::default();
        if reached == Reached::Function {
            for call in self.indirect_callers(to)?.calls.iter().filter(|c| c.outside.is_none()) {
                followed.insert((call.put.file, call.put.usage));
                out.push(self.indirect_edge(call)?);
            }
        }
        for entry in self.index.uses(to)?.iter() {
            let counts = match reached {
                Reached::Function => entry.role.is_call() || entry.role.is_value(),
                Reached::Type => entry.role == Role::Call,
                Reached::Macro | Reached::Thing => entry.role != Role::Import,
            };
            if !counts || !entry.first {
                continue;
            }
            if followed.contains(&(entry.file, UseId(entry.usage))) {
                continue;
            }
            // Whoever hands a function on leads to it, though somebody else calls it.
            let handed_on = reached == Reached::Function && entry.role.is_value();
            let certainty = if handed_on { entry.certainty.min(Certainty::Inferred) } else { entry.certainty };
            let facts = self.index.facts(entry.file)?;
            let usage = UseId(entry.usage);
            let u = facts.facts.usage(usage);
            let from = around(&facts, entry.file, u.enclosing);
            out.push(Edge { from, to, file: entry.file, at: u.span, join: Join::Use(usage), role: u.role, certainty });
        }
        if let Some((facts, def)) = &definition {
            for (i, u) in facts.facts.uses.iter().enumerate().filter(|(i, u)| {
                let leads = u.role.is_call()
                    || matches!(reached, Reached::Function | Reached::Macro) && u.role.is_value() && !followed.contains(&(to.file, UseId(*i as u32)));
                u.local == Some(*def) && leads
            }) {
                let from = around(facts, to.file, u.enclosing);
                let certainty = if u.role.is_call() { Certainty::Proven } else { Certainty::Inferred };
                out.push(Edge { from, to, file: to.file, at: u.span, join: Join::Use(UseId(i as u32)), role: u.role, certainty });
            }
            for base in self.implemented(to, facts, *def)? {
                let at = facts.facts.def(*def).name_span;
                out.push(Edge { from: base, to, file: to.file, at, join: Join::Implements, role: Role::Ref, certainty: Certainty::Inferred });
            }
        }
        out.extend(self.crossings_in(to)?);
        Ok(out)
    }

    /// The edge of a call through a value.
    fn indirect_edge(&self, call: &crate::indirect::IndirectCall) -> Result<Edge, AnswerError> {
        let at = self.index.facts(call.file)?.facts.usage(call.usage).span;
        Ok(Edge { from: call.from, to: call.to, file: call.file, at, join: Join::Use(call.usage), role: Role::Call, certainty: call.certainty() })
    }

    /// Crossings that reach a symbol.
    ///
    /// # Errors
    /// Those of the index.
    pub fn crossings_in(&self, to: SymbolId) -> Result<Vec<Edge>, AnswerError> {
        let mut out = Vec::new();
        for entry in self.index.crossings(to)? {
            let links = self.index.links(entry.file)?;
            if let Some(c) = links.crossings.get(entry.number as usize) {
                let join = Join::Crossing(c.kind, entry.number);
                out.push(Edge { from: c.from, to, file: entry.file, at: c.at, join, role: c.role, certainty: c.certainty });
            }
        }
        Ok(out)
    }

    /// Everything a symbol leads to directly, by place.
    ///
    /// # Errors
    /// Those of the index.
    pub fn edges_out(&self, from: SymbolId, things: Things) -> Result<EdgesOut, AnswerError> {
        let facts = self.index.facts(from.file)?;
        let links = self.index.links(from.file)?;
        let own = if from.is_module() { None } else { facts.find(from.number) };
        let mut out = Vec::new();
        let (mut unlinked, mut held, mut absent) = (0, 0, 0);
        for (i, u) in facts.facts.uses.iter().enumerate().filter(|(_, u)| u.enclosing == own && (u.role == Role::Call || things.counts(u.role))) {
            let usage = UseId(i as u32);
            if u.role != Role::Call {
                out.extend(self.handed_on(from, &facts, &links, usage, things)?);
                continue;
            }
            let edge = |to, certainty| Edge { from, to, file: from.file, at: u.span, join: Join::Use(usage), role: u.role, certainty };
            if let Some(def) = u.local {
                if facts.facts.def(def).kind.is_callable() {
                    out.push(edge(SymbolId { file: from.file, number: facts.number(def) }, Certainty::Proven));
                }
                continue;
            }
            match links.find(usage) {
                Some(link) => {
                    unlinked += u64::from(link.certainty == Certainty::Guessed);
                    out.extend(link.targets.first().map(|to| edge(*to, link.certainty)));
                }
                None => match links.find_cause(usage) {
                    Some(Cause::UnitAbsent) => absent += 1,
                    cause => unlinked += u64::from(cause.is_none_or(|c| c.may_hide_use())),
                },
            }
        }
        let own_span = own.map(|d| facts.facts.def(d).whole);
        for usage in self.calls_of_held(from.file, own_span)?.into_iter().filter(|u| facts.facts.usage(*u).enclosing == own) {
            let Some(may_run) = self.may_run(from.file, usage)? else { continue };
            held += 1;
            for call in &may_run.calls {
                out.push(self.indirect_edge(call)?);
            }
        }
        // A statement leads to its tables; their columns are listed by questions after them.
        for (n, c) in links.crossings.iter().enumerate().filter(|(_, c)| c.from == from) {
            if self.index.definition(c.to)?.is_some_and(|(f, d)| f.facts.def(d).kind == Kind::Column) {
                continue;
            }
            let join = Join::Crossing(c.kind, n as u32);
            out.push(Edge { from, to: c.to, file: from.file, at: c.at, join, role: c.role, certainty: c.certainty });
        }
        out.sort_by_key(|e| e.at);
        if let Some(def) = own {
            let d = facts.facts.def(def);
            unlinked += u64::from(d.kind == Kind::Macro && d.flags.has(Flags::PASTES));
            out.extend(self.implementing(from)?);
            out.extend(self.constructed(from, &facts, def));
        }
        Ok(EdgesOut { edges: out, unlinked, held, absent })
    }

    /// A function that is handed on as a value, or a thing that leads on.
    fn handed_on(&self, from: SymbolId, facts: &FileFacts, links: &FileLinks, usage: UseId, things: Things) -> Result<Option<Edge>, AnswerError> {
        let u = facts.facts.usage(usage);
        let (to, certainty) = match (u.local, links.find(usage)) {
            (Some(def), _) => (SymbolId { file: from.file, number: facts.number(def) }, Certainty::Inferred),
            (None, Some(Link { targets, certainty, .. })) if *certainty > Certainty::Guessed && !targets.is_empty() => (targets[0], *certainty),
            _ => return Ok(None),
        };
        let Some((target, def)) = self.index.definition(to)? else { return Ok(None) };
        let counts = match Reached::of(Some(target.facts.def(def).kind)) {
            Reached::Function => u.role.is_value(),
            Reached::Thing => things == Things::ThatLeadOn && target.facts.uses.iter().any(|u| u.enclosing == Some(def)),
            Reached::Macro => self.macro_leads_on(to)?,
            Reached::Type => false,
        };
        // The text of a macro stands where its name does.
        let certainty = if target.facts.def(def).kind == Kind::Macro { certainty } else { certainty.min(Certainty::Inferred) };
        let edge = Edge { from, to, file: from.file, at: u.span, join: Join::Use(usage), role: u.role, certainty };
        Ok(counts.then_some(edge))
    }

    /// Does the text of a macro call something, itself or over other macros?
    ///
    /// # Errors
    /// Those of the index.
    pub(crate) fn macro_leads_on(&self, symbol: SymbolId) -> Result<bool, AnswerError> {
        let mut open = vec![symbol];
        let mut seen = rustc_hash::FxHashSet::default();
        while let Some(symbol) = open.pop() {
            if !seen.insert(symbol) || seen.len() > MOST_MACROS {
                continue;
            }
            let Some((facts, def)) = self.index.definition(symbol)? else { continue };
            let d = facts.facts.def(def);
            if d.kind != Kind::Macro {
                continue;
            }
            let inside = || facts.facts.uses.iter().enumerate().filter(|(_, u)| u.enclosing == Some(def));
            if d.flags.has(Flags::PASTES) || inside().any(|(_, u)| u.role == Role::Call) {
                return Ok(true);
            }
            let links = self.index.links(symbol.file)?;
            for (i, _) in inside().filter(|(_, u)| u.role.is_value()) {
                open.extend(links.find(UseId(i as u32)).and_then(|l| l.targets.first().copied()));
            }
        }
        Ok(false)
    }

    /// A class that is called leads to its constructor.
    fn constructed(&self, class: SymbolId, facts: &FileFacts, def: DefId) -> Option<Edge> {
        if facts.facts.def(def).kind != Kind::Class {
            return None;
        }
        let makers = self.members_of_language(class.file).makers;
        let made = facts.facts.definitions.iter().position(|d| d.container == Some(def) && makers.contains(&facts.facts.name(d.name)))?;
        let to = SymbolId { file: class.file, number: facts.number(DefId(made as u32)) };
        let at = facts.facts.definitions[made].name_span;
        Some(Edge { from: class, to, file: class.file, at, join: Join::Implements, role: Role::Call, certainty: Certainty::Proven })
    }

    /// Members of bases that a member implements or overrides; for a constructor, its class.
    fn implemented(&self, member: SymbolId, facts: &FileFacts, def: DefId) -> Result<Vec<SymbolId>, AnswerError> {
        let class = facts.facts.def(def).container.filter(|_| self.members_of_language(member.file).makers.contains(&facts.facts.def_name(def)));
        match class {
            Some(class) => Ok(vec![SymbolId { file: member.file, number: facts.number(class) }]),
            None => self.with_code(self.nearest_overridden(member)?),
        }
    }

    /// To members that implement or override a member.
    fn implementing(&self, member: SymbolId) -> Result<Vec<Edge>, AnswerError> {
        let mut out = Vec::new();
        for to in self.with_code(self.nearest_overriding(member)?)? {
            let at = self.index.definition(to)?.map(|(f, d)| f.facts.def(d).name_span).unwrap_or_default();
            out.push(Edge { from: member, to, file: to.file, at, join: Join::Implements, role: Role::Ref, certainty: Certainty::Inferred });
        }
        Ok(out)
    }

    /// Overload signatures and the like lead nowhere.
    fn with_code(&self, members: Vec<SymbolId>) -> Result<Vec<SymbolId>, AnswerError> {
        let mut out = Vec::new();
        for member in members {
            if self.index.definition(member)?.is_some_and(|(f, d)| !f.facts.def(d).flags.has(Flags::BODILESS) || is_asked_for(&f, d)) {
                out.push(member);
            }
        }
        Ok(out)
    }
}

/// Is it a member without a body of its own because others are to give it one?
fn is_asked_for(facts: &FileFacts, def: DefId) -> bool {
    let d = facts.facts.def(def);
    let of_interface = || d.container.is_some_and(|c| matches!(facts.facts.def(c).kind, Kind::Interface | Kind::Trait));
    d.flags.has(Flags::ABSTRACT) || of_interface()
}

fn around(facts: &FileFacts, file: FileId, def: Option<DefId>) -> SymbolId {
    def.map_or(SymbolId::module(file), |d| SymbolId { file, number: facts.number(d) })
}
