//! The marks of a definition: annotations, attributes, decorators and marking macros in front of it.

use super::rows::Raw;
use super::{Answer, AnswerError, Engine};
use compass_facts::{DefId, Facts, Kind, Role, Span, UseId};
use compass_index::SymbolId;
use rustc_hash::FxHashSet;

/// A definition has no more marks than this that anybody reads.
const MOST: usize = 40;

impl Engine {
    /// The definitions of the marks of a symbol, in the order in which they stand; the mark itself where its definition is not here.
    ///
    /// # Errors
    /// [`AnswerError::Index`].
    pub fn marks_of(&self, symbol: SymbolId) -> Result<Vec<(String, Answer)>, AnswerError> {
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(Vec::new()) };
        let links = self.index.links(symbol.file)?;
        let mut out = Vec::new();
        for usage in marks_before(&facts.facts, def).into_iter().take(MOST) {
            let u = facts.facts.usage(usage);
            let local = u.local.map(|d| SymbolId { file: symbol.file, number: facts.number(d) });
            let target = local.or_else(|| links.find(usage).and_then(|l| l.targets.first().copied()));
            let defined = match target {
                Some(target) if !target.is_module() => self.index.definition(target)?.map(|(f, d)| Raw::definition(target, &f, d)),
                _ => None,
            };
            let row = defined.unwrap_or_else(|| Raw::usage(symbol.file, &facts.facts, usage, None, None));
            out.push((facts.facts.name(u.name).to_owned(), self.full(&row)?));
        }
        Ok(out)
    }
}

/// Marks that no other definition's name stands behind before that of the definition.
pub(crate) fn marks_before(facts: &Facts, def: DefId) -> Vec<UseId> {
    let name = facts.def(def).name_span;
    let marks: Vec<(UseId, Span)> =
        facts.uses.iter().enumerate().filter(|(_, u)| u.role == Role::Mark && u.span.end <= name.start).map(|(i, u)| (UseId(i as u32), u.span)).collect();
    let at: FxHashSet<Span> = marks.iter().map(|(_, m)| *m).collect();
    let counts = |i: usize, d: &compass_facts::Definition| {
        let is_own_parameter = d.kind == Kind::TypeParameter && d.container == Some(def);
        // What a mark makes stands where the mark does.
        i != def.index() && !is_own_parameter && d.name_span.start < d.name_span.end && d.name_span.end <= name.start && !at.contains(&d.name_span)
    };
    let before = facts.definitions.iter().enumerate().filter(|(i, d)| counts(*i, d)).map(|(_, d)| d.name_span.end).max().unwrap_or(0);
    let mut out: Vec<(UseId, Span)> = marks.into_iter().filter(|(_, m)| m.start >= before).collect();
    out.sort_by_key(|(_, m)| m.start);
    out.into_iter().map(|(id, _)| id).collect()
}
