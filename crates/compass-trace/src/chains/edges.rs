//! What joins two symbols directly.

use crate::{AnswerError, Engine};
use compass_facts::{DefId, Flags, Kind, Role, Span, UseId};
use compass_index::{Certainty, CrossingKind, FileFacts, FileId, SymbolId};

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

impl Engine {
    /// Everything that leads to a symbol directly, by place.
    ///
    /// # Errors
    /// Those of the index.
    pub fn edges_in(&self, to: SymbolId) -> Result<Vec<Edge>, AnswerError> {
        let mut out = Vec::new();
        let definition = self.index.definition(to)?;
        let callable = definition.as_ref().is_none_or(|(f, d)| f.facts.def(*d).kind.is_callable() || f.facts.def(*d).kind.is_type());
        for entry in self.index.uses(to)?.iter() {
            let counts = if callable { entry.role == Role::Call } else { entry.role != Role::Import };
            if !counts || !entry.first {
                continue;
            }
            let facts = self.index.facts(entry.file)?;
            let usage = UseId(entry.usage);
            let u = facts.facts.usage(usage);
            let from = around(&facts, entry.file, u.enclosing);
            out.push(Edge { from, to, file: entry.file, at: u.span, join: Join::Use(usage), role: u.role, certainty: entry.certainty });
        }
        if let Some((facts, def)) = &definition {
            for (i, u) in facts.facts.uses.iter().enumerate().filter(|(_, u)| u.local == Some(*def) && u.role == Role::Call) {
                let from = around(facts, to.file, u.enclosing);
                out.push(Edge { from, to, file: to.file, at: u.span, join: Join::Use(UseId(i as u32)), role: u.role, certainty: Certainty::Proven });
            }
            for base in self.implemented(to, facts, *def)? {
                let at = facts.facts.def(*def).name_span;
                out.push(Edge { from: base, to, file: to.file, at, join: Join::Implements, role: Role::Ref, certainty: Certainty::Inferred });
            }
        }
        out.extend(self.crossings_in(to)?);
        Ok(out)
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

    /// Everything a symbol leads to directly, by place; and how many calls in it have no known target.
    ///
    /// # Errors
    /// Those of the index.
    pub fn edges_out(&self, from: SymbolId) -> Result<(Vec<Edge>, u64), AnswerError> {
        let facts = self.index.facts(from.file)?;
        let links = self.index.links(from.file)?;
        let own = if from.is_module() { None } else { facts.find(from.number) };
        let mut out = Vec::new();
        let mut unknown = 0;
        for (i, u) in facts.facts.uses.iter().enumerate().filter(|(_, u)| u.enclosing == own && u.role == Role::Call) {
            let usage = UseId(i as u32);
            let edge = |to, certainty| Edge { from, to, file: from.file, at: u.span, join: Join::Use(usage), role: u.role, certainty };
            if let Some(def) = u.local {
                if facts.facts.def(def).kind.is_callable() {
                    out.push(edge(SymbolId { file: from.file, number: facts.number(def) }, Certainty::Proven));
                }
                continue;
            }
            match links.find(usage) {
                Some(link) => out.extend(link.targets.first().map(|to| edge(*to, link.certainty))),
                None => unknown += u64::from(links.find_cause(usage).is_none_or(|c| c.may_hide_use())),
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
            out.extend(self.implementing(from)?);
            out.extend(self.constructed(from, &facts, def));
        }
        Ok((out, unknown))
    }

    /// A class that is called leads to its constructor.
    fn constructed(&self, class: SymbolId, facts: &FileFacts, def: DefId) -> Option<Edge> {
        if facts.facts.def(def).kind != Kind::Class {
            return None;
        }
        let made = facts.facts.definitions.iter().position(|d| d.container == Some(def) && matches!(facts.facts.name(d.name), "__init__" | "constructor"))?;
        let to = SymbolId { file: class.file, number: facts.number(DefId(made as u32)) };
        let at = facts.facts.definitions[made].name_span;
        Some(Edge { from: class, to, file: class.file, at, join: Join::Implements, role: Role::Call, certainty: Certainty::Proven })
    }

    /// Members of bases that a member implements or overrides; for a constructor, its class.
    fn implemented(&self, member: SymbolId, facts: &FileFacts, def: DefId) -> Result<Vec<SymbolId>, AnswerError> {
        let class = facts.facts.def(def).container.filter(|_| matches!(facts.facts.def_name(def), "__init__" | "constructor"));
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
            if self.index.definition(member)?.is_some_and(|(f, d)| !f.facts.def(d).flags.has(Flags::BODILESS)) {
                out.push(member);
            }
        }
        Ok(out)
    }
}

fn around(facts: &FileFacts, file: FileId, def: Option<DefId>) -> SymbolId {
    def.map_or(SymbolId::module(file), |d| SymbolId { file, number: facts.number(d) })
}
