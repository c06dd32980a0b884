//! What stands above and below types and their members.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use crate::question::Subject;
use compass_facts::Kind;
use compass_index::{Cause, Certainty, SymbolId};
use rustc_hash::FxHashSet;

impl Engine {
    /// A type whose base could not be told may be above or below those of a member.
    fn miss_bases(&self, member: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        let Some((facts, def)) = self.index.definition(member)? else { return Ok(()) };
        let owners = self.owners(member, &facts, def)?;
        let mut names = Vec::new();
        for owner in &owners {
            names.extend(self.index.definition(*owner)?.map(|(f, d)| f.facts.def_name(d).to_owned()));
        }
        let namers = self.namers(owners.into_iter())?;
        self.miss_unlinked(&names, &namers, found)
    }

    /// `who overrides S`, and with `up` what S itself overrides.
    pub(super) fn overrides(&self, subjects: &[Subject], up: bool) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            self.miss_other_languages(resolution.symbols.iter().map(|r| r.symbol), &mut found);
            for resolved in &resolution.symbols {
                let (members, is_cut) = if up { self.overridden(resolved.symbol)? } else { self.overriding_and_more(resolved.symbol)? };
                found.miss(Cause::TooMany.word(), u64::from(is_cut));
                self.miss_bases(resolved.symbol, &mut found)?;
                for member in members {
                    if let Some((facts, def)) = self.index.definition(member)? {
                        found.rows.push(Raw::definition(member, &facts, def));
                    }
                }
            }
        }
        let symbols: Vec<SymbolId> = found.rows.iter().filter_map(|r| r.symbol).collect();
        self.miss_hidden_code(symbols.into_iter(), &mut found);
        Ok(found)
    }

    pub(super) fn who_derives(&self, subjects: &[Subject]) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            self.miss_other_languages(resolution.symbols.iter().map(|r| r.symbol), &mut found);
            // Where the name of a type is also one of members, the type is meant.
            let (mut types, mut members) = (Vec::new(), 0);
            for resolved in resolution.symbols.iter().filter(|_| resolution.by_name) {
                match self.index.definition(resolved.symbol)?.map(|(f, d)| f.facts.def(d).kind) {
                    Some(kind) if kind.is_type() => types.push(resolved.symbol),
                    Some(kind) if kind != Kind::Constructor => members += 1,
                    _ => {}
                }
            }
            if !types.is_empty() && members > 0 {
                found.notes.push("members of that name are not asked for: put their type in front".to_owned());
            }
            let all = || resolution.symbols.iter().map(|r| r.symbol).collect();
            let asked: Vec<SymbolId> = if types.is_empty() { all() } else { types };
            let mut known: FxHashSet<SymbolId> = FxHashSet::default();
            for symbol in asked {
                let rows = self.derived_rows(symbol)?;
                self.miss_given_away(symbol, &mut found)?;
                found.rows.extend(rows.into_iter().filter(|r| r.symbol.is_none_or(|s| known.insert(s))));
            }
            // A type whose base could not be told may be one of them.
            let namers = self.namers(resolution.symbols.iter().map(|r| r.symbol))?;
            self.miss_unlinked(&resolution.names, &namers, &mut found)?;
        }
        let symbols: Vec<SymbolId> = found.rows.iter().filter_map(|r| r.symbol).collect();
        self.miss_hidden_code(symbols.into_iter(), &mut found);
        Ok(found)
    }

    /// What is right below a type; of a member, the members that stand in for it.
    pub(super) fn derived_rows(&self, of: SymbolId) -> Result<Vec<Raw>, AnswerError> {
        let mut below = self.index.derived_surely(of)?;
        if self.index.definition(of)?.is_some_and(|(f, d)| f.facts.def(d).kind.is_callable()) {
            let known: Vec<SymbolId> = below.iter().map(|b| b.0).collect();
            below.extend(self.overriding(of)?.into_iter().filter(|m| !known.contains(m)).map(|m| (m, Certainty::Inferred)));
        }
        let mut rows = Vec::new();
        for (derived, certainty) in below {
            if let Some((facts, def)) = self.index.definition(derived)? {
                let mut row = Raw::definition(derived, &facts, def);
                row.marks.certainty = Some(certainty);
                rows.push(row);
            }
        }
        Ok(rows)
    }

    /// What a type has from the types above it is said, not listed: it is defined there.
    pub(super) fn note_inherited(&self, symbol: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        for base in self.bases_of(symbol)? {
            let count = self.members_of(base)?.len();
            if let Some((facts, def)) = self.index.definition(base)?.filter(|_| count > 0) {
                let name = self.qualified(base.file, &facts, def);
                found.notes.push(format!("inherits from {name}, which defines {count} more: what does {name} define"));
            }
        }
        Ok(())
    }

    pub(super) fn add_bases(&self, symbol: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        for (base, certainty) in self.index.bases(symbol)? {
            if let Some((facts, def)) = self.index.definition(base)? {
                let mut row = Raw::definition(base, &facts, def);
                row.marks.certainty = Some(certainty);
                found.rows.push(row);
            }
        }
        Ok(())
    }
}
