//! What linking a file of a package gives, carried from one workspace to another.
//!
//! Symbols are told by what all workspaces agree on (see [`Places`]), so that links made once per machine are bound where the package
//! is mounted. What hangs on the workspace is not carried: crossings, and which types have the methods of an interface that they do not name.

use crate::link::output::Tally;
use crate::{Cause, FileLinks, SymbolId, SymbolNo};
use compass_facts::{Facts, Role, UseId};
use rustc_hash::FxHashMap;
use serde::{Deserialize, Serialize};

/// Links of a file with all that is written beside them.
#[derive(Debug, Clone, PartialEq, Default, Serialize, Deserialize)]
pub(crate) struct PortableLinks {
    pub(crate) links: FileLinks,
    pub(crate) tally: Tally,
    /// Role and enclosing definition of each linked use, in the order of [`FileLinks::of_uses`].
    pub(crate) uses: Vec<(Role, Option<SymbolNo>)>,
    /// Names without a target, why, and how often.
    pub(crate) unlinked: Vec<(String, Cause, u64)>,
    /// Hashes of the names that the file hangs on.
    pub(crate) dependencies: Vec<u32>,
}

impl PortableLinks {
    /// Links with what is written beside them.
    pub(in crate::link) fn of(
        facts: &Facts,
        number: &dyn Fn(compass_facts::DefId) -> SymbolNo,
        links: FileLinks,
        tally: Tally,
        dependencies: Vec<u32>,
    ) -> PortableLinks {
        let beside = |(usage, _): &(UseId, u32)| {
            let u = facts.usage(*usage);
            (u.role, u.enclosing.map(number))
        };
        let mut counts: FxHashMap<(compass_facts::NameId, Cause), u64> = FxHashMap::default();
        links.unlinked.iter().for_each(|(usage, cause)| *counts.entry((facts.usage(*usage).name, *cause)).or_default() += 1);
        // Uses that may mean more definitions than are listed for them: each of the others lacks one.
        let is_cut = |link: &crate::Link| {
            link.total as usize > link.targets.len() || link.certainty == crate::Certainty::Guessed && link.targets.len() > crate::link::output::MOST_GUESSES
        };
        for (usage, _) in links.iter().filter(|(_, link)| is_cut(link)) {
            *counts.entry((facts.usage(usage).name, Cause::TooMany)).or_default() += 1;
        }
        for name in &facts.hidden {
            *counts.entry((*name, Cause::Unreadable)).or_default() += 1;
        }
        let unlinked = counts.into_iter().map(|((name, cause), count)| (facts.name(name).to_owned(), cause, count)).collect();
        let uses = links.of_uses.iter().map(beside).collect();
        PortableLinks { links, tally, uses, unlinked, dependencies }
    }

    /// Gives every symbol another number, those of the file's own definitions too.
    pub(crate) fn rename(mut self, own: SymbolId, to: &dyn Fn(SymbolId) -> Option<SymbolId>) -> Option<PortableLinks> {
        self.links.rename(to)?;
        for (_, enclosing) in &mut self.uses {
            if let Some(number) = enclosing {
                *number = to(SymbolId { number: *number, ..own })?.number;
            }
        }
        Some(self)
    }
}

/// Which files have links that were made before, and which are worth keeping. Positions are those among the files to link.
pub(crate) trait Places: Sync {
    /// Can links of the file be carried at all?
    fn is_shared(&self, file: usize) -> bool;
    /// Whoever looks for links, one per thread.
    fn finder(&self) -> Box<dyn FnMut(usize) -> Option<PortableLinks> + '_>;
    /// Takes new links of a file, as they are here.
    fn keep(&self, file: usize, carried: PortableLinks);
}
