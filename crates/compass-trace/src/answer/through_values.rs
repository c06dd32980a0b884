//! Rows of calls that are not written as calls: through fields, tables and what is handed on.

use super::relations::Wanted;
use super::rows::Raw;
use super::{AnswerError, Engine, EvidenceLine, Found};
use crate::indirect::{IndirectCall, Put};
use compass_facts::{Kind, Role, Span, UseId};
use compass_index::{Cause, FileId, SymbolId};

/// For so many symbols of a name calls through values are looked for.
const MOST_SYMBOLS: usize = 40;

impl Engine {
    /// Adds calls that may run the functions without naming them.
    pub(super) fn add_indirect_callers(&self, wanted: &[Wanted], found: &mut Found) -> Result<(), AnswerError> {
        for one in wanted.iter().filter(|w| !w.above).take(MOST_SYMBOLS) {
            let is_function = self.index.definition(one.symbol)?.is_some_and(|(f, d)| matches!(f.facts.def(d).kind, Kind::Function | Kind::Method));
            if !is_function {
                continue;
            }
            let indirect = self.indirect_callers(one.symbol)?;
            found.miss(Cause::TooMany.word(), u64::from(indirect.cut));
            // Who has it may hand it on.
            let is_told = found.missing.iter().any(|m| m.cause == Cause::Dynamic.word());
            found.miss(Cause::Dynamic.word(), u64::from(!indirect.calls.is_empty() && !is_told));
            for call in &indirect.calls {
                found.rows.push(self.indirect_row(call, false)?);
            }
            self.miss_calls_by_any_name(one.symbol, found)?;
        }
        Ok(())
    }

    /// A type that calls its own members by whatever name it is given may call this one.
    pub(super) fn miss_calls_by_any_name(&self, member: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        if let Some(put) = self.called_by_any_name(member)? {
            found.miss(Cause::Dynamic.word(), 1);
            let at = self.put_line(put, None, None)?;
            let note = format!("its type calls members of itself by names made at run time, at {}:{}", at.path, at.line);
            if !found.notes.contains(&note) {
                found.notes.push(note);
            }
        }
        Ok(())
    }

    /// Adds what calls of fields, variables and tables in a stretch of a file may run.
    pub(super) fn add_indirect_calls(&self, file: FileId, within: Option<Span>, found: &mut Found) -> Result<(), AnswerError> {
        for usage in self.calls_of_held(file, within)? {
            let Some(indirect) = self.may_run(file, usage)? else { continue };
            // What is put there elsewhere, or by code that is not understood, may run as well.
            found.miss(Cause::Dynamic.word(), 1);
            found.miss(Cause::TooMany.word(), u64::from(indirect.cut));
            for call in &indirect.calls {
                found.rows.push(self.indirect_row(call, true)?);
            }
        }
        let handed = self.handed_outside(file, within)?;
        found.miss(Cause::TooMany.word(), u64::from(handed.cut));
        for call in &handed.calls {
            found.rows.push(self.indirect_row(call, true)?);
        }
        Ok(())
    }

    /// Marks that other code reads: what reads them may call what they stand before.
    pub(super) fn miss_marked(&self, wanted: &[Wanted], found: &mut Found) -> Result<(), AnswerError> {
        for one in wanted.iter().filter(|w| !w.above).take(MOST_SYMBOLS) {
            let Some((facts, def)) = self.index.definition(one.symbol)? else { continue };
            if !matches!(facts.facts.def(def).kind, Kind::Function | Kind::Method) {
                continue;
            }
            // A mark that makes it answer requests is understood: who asks is listed.
            if !self.crossings_in(one.symbol)?.is_empty() {
                continue;
            }
            let links = self.index.links(one.symbol.file)?;
            for usage in super::marks::marks_before(&facts.facts, def) {
                let u = facts.facts.usage(usage);
                let is_outside = match links.find(usage) {
                    Some(link) => link.targets.first().is_some_and(|t| self.index.unit(t.file).is_some_and(|unit| !unit.own) && !self.is_declared(t.file)),
                    None => u.local.is_none() && links.find_cause(usage).is_some_and(|c| c == Cause::UnitAbsent),
                };
                if is_outside {
                    found.miss(Cause::Dynamic.word(), 1);
                    found.notes.push(format!("marked with {}, whose code is not looked into: it may call this", facts.facts.name(u.name)));
                }
            }
        }
        Ok(())
    }

    /// A call through a value as a row: the call, and where the function was put; with `names` also what runs.
    pub(super) fn indirect_row(&self, call: &IndirectCall, names: bool) -> Result<Raw, AnswerError> {
        let facts = self.index.facts(call.file)?;
        let mut row = Raw::usage(call.file, &facts.facts, call.usage, Some(call.certainty()), Some(call.to));
        if call.outside.is_none() {
            row.marks.role = Some(Role::Call);
        }
        let mut told = self.put_line(call.put, Some((call.file, call.usage)), call.outside.as_deref())?;
        if let Some(name) = self.name_of(call.to).filter(|_| names) {
            told.text = format!("{name}, {}", told.text);
        }
        row.told = Some(told);
        Ok(row)
    }

    fn put_line(&self, put: Put, call: Option<(FileId, UseId)>, outside: Option<&str>) -> Result<EvidenceLine, AnswerError> {
        let facts = self.index.facts(put.file)?;
        let path = self.index.path_of(put.file);
        let line = self.index.source(put.file).map_or(0, |s| s.source.lines.locate(facts.facts.usage(put.usage).span.start).0);
        let text = match outside {
            Some(name) if !name.is_empty() => format!("handed to {name}"),
            Some(_) => "handed on".to_owned(),
            None if call == Some((put.file, put.usage)) => "by a name made at run time".to_owned(),
            None => format!("put there at {path}:{line}"),
        };
        Ok(EvidenceLine { text, path, line })
    }
}
