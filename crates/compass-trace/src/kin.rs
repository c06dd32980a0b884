//! Kin of a type: what it is derived from, what is derived from it, and who has which of its members.
//!
//! Input: a type, or a member of one. Output: the tree of types with the type in its middle, and for each of them where each member of
//! the type stands: written there, taken over from above, or not there at all. Where a language lets nobody say what he implements, the
//! types that lack little are told too.

use crate::answer::{Answer, AnswerError, Engine};
use crate::bearings::SymbolFacts;
use compass_facts::{Flags, Kind};
use compass_index::SymbolId;
use rustc_hash::{FxHashMap, FxHashSet};

/// Types of a tree at most.
const MOST_TYPES: usize = 400;
/// Members at most.
const MOST_MEMBERS: usize = 120;
/// Types are followed so far up and down.
const DEPTH: i32 = 12;
/// Of a name with more methods than this nobody looks who has almost all of the others.
const MOST_METHODS: usize = 400;

/// Where a type has a member.
#[derive(Debug, Clone, PartialEq)]
pub enum Cell {
    /// Written in the type.
    Own(Box<Answer>),
    /// Taken over from a type above: that one's name.
    Inherited(String, Box<Answer>),
    /// Not there.
    Lacking,
}

impl Cell {
    /// The place, if there is one.
    pub fn place(&self) -> Option<&Answer> {
        match self {
            Cell::Own(at) | Cell::Inherited(_, at) => Some(at),
            Cell::Lacking => None,
        }
    }
}

/// A type of the tree.
#[derive(Debug, Clone, PartialEq)]
pub struct KinType {
    /// Steps away: below zero what the type is derived from, above what is derived from it.
    pub level: i32,
    /// The type.
    pub at: Answer,
    /// By member.
    pub cells: Vec<Cell>,
}

/// A type that lacks little.
#[derive(Debug, Clone, PartialEq)]
pub struct Almost {
    /// The type.
    pub at: Answer,
    /// Members it lacks.
    pub lacks: Vec<String>,
}

/// See the module.
#[derive(Debug, Clone, PartialEq)]
pub struct Kin {
    /// The type in the middle.
    pub of: SymbolFacts,
    /// Names of its members, and their places.
    pub members: Vec<(String, Answer)>,
    /// The tree: what it is derived from first, then itself, then what is derived from it.
    pub types: Vec<KinType>,
    /// Types that lack little.
    pub almost: Vec<Almost>,
    /// There are more types or members than are told.
    pub cut: bool,
}

impl Engine {
    /// Kin of the type that a symbol is, or is a member of; `None` for what is neither.
    ///
    /// # Errors
    /// Those of the index.
    pub fn kin(&self, symbol: SymbolId) -> Result<Option<Kin>, AnswerError> {
        let Some(of) = self.type_of_member(symbol)? else { return Ok(None) };
        let Some(facts) = self.facts_of(of)? else { return Ok(None) };
        let members = self.members_of_type(of)?;
        let mut cut = members.len() > MOST_MEMBERS;
        let members: Vec<(String, SymbolId)> = members.into_iter().take(MOST_MEMBERS).collect();
        let mut tree = self.tree(of)?;
        cut |= tree.len() > MOST_TYPES;
        tree.truncate(MOST_TYPES);
        let mut types = Vec::with_capacity(tree.len());
        for (level, symbol) in &tree {
            let cells = members.iter().map(|(name, _)| self.cell(*symbol, name)).collect::<Result<_, _>>()?;
            types.push(KinType { level: *level, at: self.symbol_answer(*symbol)?, cells });
        }
        let almost = self.almost(of, &members, &tree)?;
        let members = members.into_iter().map(|(name, at)| Ok((name, self.symbol_answer(at)?))).collect::<Result<_, AnswerError>>()?;
        Ok(Some(Kin { of: facts, members, types, almost, cut }))
    }

    fn type_of_member(&self, symbol: SymbolId) -> Result<Option<SymbolId>, AnswerError> {
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(None) };
        if facts.facts.def(def).kind.is_type() {
            return Ok(Some(symbol));
        }
        Ok(self.owners(symbol, &facts, def)?.first().copied())
    }

    /// Members that can be called, each name once, in the order in which they are written.
    fn members_of_type(&self, of: SymbolId) -> Result<Vec<(String, SymbolId)>, AnswerError> {
        let mut seen = FxHashSet::default();
        let mut out = Vec::new();
        for member in self.members_of(of)? {
            let Some((facts, def)) = self.index.definition(member)? else { continue };
            let d = facts.facts.def(def);
            let name = facts.facts.name(d.name);
            let is_member = d.kind.is_callable() && d.kind != Kind::Constructor && !d.is_inner();
            if is_member && !name.is_empty() && !self.members_of_language(member.file).makers.contains(&name) && seen.insert(name.to_owned()) {
                out.push((name.to_owned(), member));
            }
        }
        Ok(out)
    }

    /// The types above and below, with their levels, in the order in which they are shown.
    fn tree(&self, of: SymbolId) -> Result<Vec<(i32, SymbolId)>, AnswerError> {
        let mut seen: FxHashSet<SymbolId> = std::iter::once(of).collect();
        let mut above = Vec::new();
        self.walk(of, -1, &mut seen, &mut above)?;
        above.reverse();
        above.push((0, of));
        self.walk(of, 1, &mut seen, &mut above)?;
        Ok(above)
    }

    fn walk(&self, of: SymbolId, level: i32, seen: &mut FxHashSet<SymbolId>, out: &mut Vec<(i32, SymbolId)>) -> Result<(), AnswerError> {
        if level.abs() > DEPTH || out.len() > MOST_TYPES {
            return Ok(());
        }
        let mut next = if level < 0 { self.bases_of(of)? } else { self.index.derived(of)? };
        next.sort_unstable();
        for other in next.into_iter().filter(|o| !o.is_module()) {
            if seen.insert(other) {
                out.push((level, other));
                self.walk(other, level + level.signum(), seen, out)?;
            }
        }
        Ok(())
    }

    /// Where a type has a member of that name.
    fn cell(&self, of: SymbolId, name: &str) -> Result<Cell, AnswerError> {
        if let Some(own) = self.members_named(of, name)?.first() {
            return Ok(Cell::Own(Box::new(self.symbol_answer(*own)?)));
        }
        let mut open = self.bases_of(of)?;
        let mut seen: FxHashSet<SymbolId> = open.iter().copied().collect();
        let mut at = 0;
        while let Some(base) = open.get(at).copied() {
            at += 1;
            if let Some(found) = self.members_named(base, name)?.first() {
                let Some((facts, def)) = self.index.definition(*found)? else { continue };
                // What a base only asks for is not there.
                if facts.facts.def(def).flags.has(Flags::BODILESS) || facts.facts.def(def).flags.has(Flags::ABSTRACT) {
                    continue;
                }
                let from = self.symbol_answer(base)?.name.unwrap_or_default();
                return Ok(Cell::Inherited(from, Box::new(self.symbol_answer(*found)?)));
            }
            open.extend(self.bases_of(base)?.into_iter().filter(|b| seen.insert(*b)));
        }
        Ok(Cell::Lacking)
    }

    /// Types that have all members of an interface but one, or two of many, where having them is implementing it.
    fn almost(&self, of: SymbolId, members: &[(String, SymbolId)], tree: &[(i32, SymbolId)]) -> Result<Vec<Almost>, AnswerError> {
        let is_interface = self.index.definition(of)?.is_some_and(|(f, d)| f.facts.def(d).kind == Kind::Interface);
        let by_shape = self.index.file(of.file).is_some_and(|f| f.language.profile().implements_by_shape);
        if !is_interface || !by_shape || members.len() < 2 {
            return Ok(Vec::new());
        }
        let allowed = if members.len() >= 6 { 2 } else { 1 };
        let known: FxHashSet<SymbolId> = tree.iter().map(|t| t.1).collect();
        let mut has: FxHashMap<SymbolId, Vec<&str>> = FxHashMap::default();
        for (name, _) in members {
            let methods: Vec<SymbolId> =
                self.index.named(name)?.into_iter().filter(|e| e.kind == Kind::Method && !self.is_declared(e.symbol.file)).map(|e| e.symbol).collect();
            if methods.len() > MOST_METHODS {
                return Ok(Vec::new());
            }
            for method in methods {
                let Some((facts, def)) = self.index.definition(method)? else { continue };
                for owner in self.owners(method, &facts, def)?.into_iter().filter(|o| !known.contains(o)) {
                    let names = has.entry(owner).or_default();
                    if !names.contains(&name.as_str()) {
                        names.push(name);
                    }
                }
            }
        }
        let mut near: Vec<(SymbolId, Vec<&str>)> =
            has.into_iter().filter(|(_, names)| members.len() - names.len() <= allowed && names.len() < members.len()).collect();
        near.sort_by_key(|n| n.0);
        let lacks = |names: &[&str]| members.iter().map(|m| m.0.clone()).filter(|m| !names.contains(&m.as_str())).collect();
        near.into_iter().take(20).map(|(symbol, names)| Ok(Almost { at: self.symbol_answer(symbol)?, lacks: lacks(&names) })).collect()
    }
}
