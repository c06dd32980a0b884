//! Which names of a file lead where reading should know at a glance: to macros, into dependencies, nowhere.

use crate::answer::{AnswerError, Engine};
use compass_facts::{Cancel, Kind, Role, Span};
use compass_index::{Cause, SymbolId};
use rustc_hash::FxHashMap;

/// What is to be known of a name.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Highlight {
    /// It is a macro's: what it stands for is written elsewhere.
    Macro,
    /// It marks what is defined next: an annotation, attribute, decorator, or a macro that marks.
    Mark,
    /// It leads into a dependency.
    Dependency,
    /// Nobody knows where it leads.
    Unknown,
}

impl Engine {
    /// The names of a file that are told apart, by place; none where the file is not what was indexed, or nothing is linked.
    ///
    /// # Errors
    /// Those of the index.
    pub fn highlights(&self, path: &str, cancel: &Cancel) -> Result<Vec<(Span, Highlight)>, AnswerError> {
        let index = self.index();
        let Some(file) = index.find_path(path).filter(|_| index.is_linked()) else { return Ok(Vec::new()) };
        if index.source(file)?.changed.is_some() {
            return Ok(Vec::new());
        }
        let (stored, links) = (index.facts(file)?, index.links(file)?);
        let facts = &stored.facts;
        let mut macros: FxHashMap<SymbolId, bool> = FxHashMap::default();
        let mut out = Vec::new();
        for (usage, link) in links.iter() {
            if cancel.is_cancelled() {
                return Err(AnswerError::Cancelled);
            }
            let Some(target) = link.targets.first() else { continue };
            let usage = facts.usage(usage);
            if usage.role == Role::Mark {
                out.push((usage.span, Highlight::Mark));
                continue;
            }
            let is_macro = match macros.get(target) {
                Some(known) => *known,
                None => {
                    let found = !target.is_module() && index.named(facts.name(usage.name))?.iter().any(|e| e.symbol == *target && e.kind == Kind::Macro);
                    macros.insert(*target, found);
                    found
                }
            };
            // Names of the language itself look as they always do.
            let is_own = index.unit(target.file).is_none_or(|u| u.own || u.is_declared());
            let highlight = if is_macro { Some(Highlight::Macro) } else { (!is_own).then_some(Highlight::Dependency) };
            out.extend(highlight.map(|t| (usage.span, t)));
        }
        // What the language brings along is known well enough.
        let unknown = links.unlinked.iter().filter(|(_, cause)| *cause != Cause::Builtin);
        out.extend(unknown.map(|(usage, _)| (facts.usage(*usage).span, Highlight::Unknown)));
        out.sort_unstable_by_key(|(span, _)| (span.start, span.end));
        out.dedup_by_key(|(span, _)| *span);
        Ok(out)
    }
}
