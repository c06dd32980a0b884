//! Members that code which is not here may call: because they stand in for members of a library's types.

use super::completeness::name_of;
use super::relations::Wanted;
use super::{AnswerError, Engine, Found};
use crate::crossings::frameworks;
use compass_facts::profile::Members;
use compass_facts::{DefId, Flags, Kind, Language, SignalKind, TypeId};
use compass_index::{Cause, FileFacts, FileId, SymbolId};
use rustc_hash::FxHashSet;

/// For so many symbols of a name it is asked who may call them from outside.
const MOST_SYMBOLS: usize = 40;
/// Bases are followed so far.
const MOST_TYPES: usize = 200;

impl Engine {
    /// Says where callers may be that nobody looked at.
    pub(super) fn miss_callers_outside(&self, wanted: &[Wanted], found: &mut Found) -> Result<(), AnswerError> {
        for one in wanted.iter().filter(|w| !w.above).take(MOST_SYMBOLS) {
            let Some((facts, def)) = self.index.definition(one.symbol)? else { continue };
            let d = facts.facts.def(def);
            if d.kind.is_callable() {
                self.miss_unwritten_calls(one.symbol, facts.facts.def_name(def), found)?;
                self.miss_members_by_blocks(one.symbol, &facts, def, found);
                self.miss_found_by_name(&facts, def, found);
            }
            let is_member = matches!(d.kind, Kind::Method | Kind::Function)
                && !d.flags.has(Flags::PRIVATE)
                && !self.members_of_language(one.symbol.file).own.contains(&facts.facts.def_name(def));
            // What is asked of a library's own members is asked of its callers.
            if !is_member || self.index.unit(one.symbol.file).is_some_and(|u| !u.own) {
                continue;
            }
            for above in self.overridden(one.symbol)?.0 {
                if self.index.unit(above.file).is_some_and(|u| !u.own) {
                    let name = self.name_of(above).unwrap_or_default();
                    found.miss(Cause::Dynamic.word(), 1);
                    found.notes.push(format!("stands in for {name}, whose callers are not here"));
                    break;
                }
            }
            if let Some(base) = self.absent_base(one.symbol, &facts, def)? {
                found.miss(Cause::UnitAbsent.word(), 1);
                found.notes.push(format!("its type is derived from {base}, which is not here: code there may call it"));
            }
        }
        Ok(())
    }

    /// A member that a block makes: of which type, whoever runs the block decides.
    fn miss_members_by_blocks(&self, member: SymbolId, facts: &FileFacts, def: DefId, found: &mut Found) {
        let by_block = facts.facts.def(def).container.is_some_and(|c| facts.facts.def(c).kind.is_callable());
        if by_block && self.members_of_language(member.file).nested {
            found.miss(Cause::Dynamic.word(), 1);
            found.notes.push("it is made within a function: it becomes a member of a type that is not known, whose callers may call it".to_owned());
        }
    }

    /// What another language finds under a name, or calls when it loads a module: code that is not here may do so.
    fn miss_found_by_name(&self, facts: &FileFacts, def: DefId, found: &mut Found) {
        let d = facts.facts.def(def);
        let name = facts.facts.def_name(def);
        let given = facts.facts.signals.iter().find_map(|s| match &s.kind {
            SignalKind::Given(g) if s.span.start == d.name_span.start || g.functions.iter().any(|f| facts.facts.name(*f) == name) => Some(g.to),
            _ => None,
        });
        let is_here = |l: &Language| self.index.files().iter().any(|f| f.language == *l);
        let makes = |l: &&Language| {
            let asks = frameworks::of(**l).and_then(|f| f.asks_natives());
            asks.is_some_and(|a| a.makers.iter().any(|m| name.starts_with(m))) && is_here(l)
        };
        let note = match (given, Language::all().iter().find(makes)) {
            (Some(to), _) => format!("it is given to {}, under a name: code there may call it", facts.facts.name(to)),
            (None, Some(language)) if d.container.is_none() => format!("{} calls it when it loads the module", language.word()),
            _ => return,
        };
        found.miss(Cause::Dynamic.word(), 1);
        found.notes.push(note);
    }

    /// What the language itself calls: nobody writes its name there.
    pub(super) fn miss_unwritten_calls(&self, member: SymbolId, name: &str, found: &mut Found) -> Result<(), AnswerError> {
        let members = self.members_of_language(member.file);
        if members.is_called_unwritten(name) && (!members.by_trait || self.written_for(member)?.is_some()) {
            found.miss(Cause::Dynamic.word(), 1);
            let note = format!("{name} is also called where its name is not written: by the language or its library");
            if !found.notes.contains(&note) {
                found.notes.push(note);
            }
        }
        Ok(())
    }

    /// The members that the language of a file treats in its own way.
    pub(crate) fn members_of_language(&self, file: FileId) -> &'static Members {
        &self.index.file(file).map_or(Language::TEXT, |f| f.language).profile().members
    }

    /// A base of the types of a member, however far above, whose package is not here.
    fn absent_base(&self, member: SymbolId, facts: &FileFacts, def: DefId) -> Result<Option<String>, AnswerError> {
        let owners = self.owners(member, facts, def)?;
        if let Some(asked) = self.written_for(member)? {
            // What is written for one trait is called through that one alone.
            for owner in &owners {
                for base in self.bases_of(*owner)? {
                    if self.index.definition(base)?.is_some_and(|(f, d)| f.facts.def_name(d) == asked) {
                        return Ok(None);
                    }
                }
            }
            return Ok((!owners.is_empty()).then_some(asked));
        }
        let mut seen: FxHashSet<SymbolId> = owners.iter().copied().collect();
        let mut open = owners;
        let mut at = 0;
        while at < open.len() && open.len() < MOST_TYPES {
            let of = open[at];
            at += 1;
            let Some((facts, def)) = self.index.definition(of)? else { continue };
            // Embedded values hand on their members; nobody calls others through them.
            if facts.facts.def(def).kind == Kind::Struct {
                continue;
            }
            let bases = self.bases_of(of)?;
            if let Some(absent) = self.base_without_target(of, &facts, def, &bases)? {
                return Ok(Some(absent));
            }
            open.extend(bases.into_iter().filter(|b| seen.insert(*b)));
        }
        Ok(None)
    }

    /// A base in the head of a type that has no target because its package is not here.
    fn base_without_target(&self, of: SymbolId, facts: &FileFacts, def: DefId, bases: &[SymbolId]) -> Result<Option<String>, AnswerError> {
        let mut known: FxHashSet<String> = FxHashSet::default();
        for base in bases {
            known.extend(self.index.definition(*base)?.map(|(f, d)| f.facts.def_name(d).to_owned()));
        }
        let said: Vec<TypeId> = facts.facts.bases.iter().filter(|b| b.0 == def).map(|b| b.1).collect();
        let words: Vec<&str> = said.iter().filter_map(|ty| name_of(&facts.facts, *ty)).filter(|w| !known.contains(*w)).collect();
        if words.is_empty() {
            return Ok(None);
        }
        let links = self.index.links(of.file)?;
        let d = facts.facts.def(def);
        let end = d.body.map_or(d.whole.end, |b| b.start.max(d.name_span.end));
        let first = facts.facts.uses.partition_point(|u| u.span.start < d.name_span.end);
        let head = facts.facts.uses.iter().enumerate().skip(first).take_while(|(_, u)| u.span.start < end);
        let mut absent = head.filter(|(i, u)| {
            let cause = links.find_cause(compass_facts::UseId(*i as u32));
            words.contains(&facts.facts.name(u.name)) && cause == Some(Cause::UnitAbsent)
        });
        Ok(absent.next().map(|(_, u)| facts.facts.name(u.name).to_owned()))
    }
}
