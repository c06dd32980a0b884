//! What is called by way of macros.

use super::{AnswerError, Engine, Found, PAGE};
use crate::chains::Things;
use compass_facts::{Flags, Kind, Use, UseId};
use compass_index::{Cause, FileId, FileLinks, SymbolId};
use rustc_hash::FxHashSet;

/// So many macros are looked into for one answer.
const MOST_MACROS: usize = 64;

impl Engine {
    /// Is a macro named here, without arguments or as an argument of another, whose text calls something?
    pub(super) fn names_a_macro_that_calls(&self, links: &FileLinks, u: &Use, usage: UseId) -> Result<bool, AnswerError> {
        if u.local.is_some() || !u.role.is_value() {
            return Ok(false);
        }
        let Some(target) = links.find(usage).and_then(|l| l.targets.first()) else { return Ok(false) };
        self.macro_leads_on(*target)
    }

    /// May a name in a file be that of a macro though nothing at it says so?
    pub(super) fn has_macros_without_signs(&self, file: FileId) -> bool {
        self.index.file(file).is_some_and(|f| f.language.profile().shared_macros.is_some())
    }

    /// A macro that is called may call, itself or over other macros, what it puts the name together of: that is not listed.
    pub(super) fn miss_pasted_calls(&self, found: &mut Found) -> Result<(), AnswerError> {
        let may_paste = |s: &SymbolId| self.has_macros_without_signs(s.file);
        let mut open: Vec<SymbolId> = found.rows.iter().take(PAGE as usize).filter_map(|r| r.symbol).filter(may_paste).collect();
        let mut seen: FxHashSet<SymbolId> = FxHashSet::default();
        let (mut macros, mut pasting) = (0, 0);
        while let Some(symbol) = open.pop() {
            if !seen.insert(symbol) || macros > MOST_MACROS {
                continue;
            }
            let Some((facts, def)) = self.index.definition(symbol)? else { continue };
            let d = facts.facts.def(def);
            if d.kind != Kind::Macro {
                continue;
            }
            macros += 1;
            pasting += u64::from(d.flags.has(Flags::PASTES));
            open.extend(self.edges_out(symbol, Things::LeftOut)?.edges.iter().map(|e| e.to));
        }
        if pasting > 0 {
            found.miss(Cause::MacroMade.word(), pasting);
            found.notes.push("a macro that is called here puts names together: what it calls by them is seen where it is unfolded".to_owned());
        }
        found.miss(Cause::TooMany.word(), u64::from(macros > MOST_MACROS));
        Ok(())
    }
}
