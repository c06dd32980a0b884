//! Very many uses: listed once, read a page at a time.

use super::relations::{OfFile, Wanted};
use super::{AnswerError, Engine, FilesPage, Found};
use compass_facts::{Role, UseId};
use compass_index::{Certainty, FileId, SymbolId, UseEntry};

/// Uses of one file that stand side by side in a list.
struct Run {
    order: (u8, u32),
    file: FileId,
    list: usize,
    entries: std::ops::Range<usize>,
}

/// Very many uses by file and place: a page of them, or those of some files, are found without asking the index again.
#[derive(Default)]
pub(super) struct Listed {
    /// The question.
    pub(super) asked: String,
    notes: Vec<String>,
    missing: Vec<compass_index::Missing>,
    /// What is referred to.
    symbols: Vec<SymbolId>,
    /// Files in order, and which of the uses stand in each.
    files: Vec<(FileId, std::ops::Range<usize>)>,
    /// Number of the use, position of the symbol, certainty.
    uses: Vec<(u32, u32, Certainty)>,
}

impl Engine {
    /// Very many uses by file and place, without a look at the files.
    pub(super) fn listed(&self, asked: String, said: Found, symbols: &[Wanted], roles: &[Role]) -> Listed {
        let is_wanted = |e: &UseEntry| roles.contains(&e.role);
        let mut out = Listed { asked, notes: said.notes, missing: said.missing, symbols: symbols.iter().map(|w| w.symbol).collect(), ..Listed::default() };
        let mut here: Vec<(u32, u32, Certainty)> = Vec::new();
        for of_file in self.by_file(symbols).chunk_by(|a, b| a.file == b.file) {
            // A use with several targets stands in several lists: the first one counts.
            here.clear();
            let first = &symbols[of_file[0].list].uses[of_file[0].entries.clone()];
            for run in of_file {
                let wanted = &symbols[run.list];
                let entries = &wanted.uses[run.entries.clone()];
                // Several symbols of one name are most often meant by the very same uses.
                let again = run.list != of_file[0].list && entries.len() == first.len() && entries.iter().zip(first).all(|(a, b)| a.usage == b.usage);
                if !again {
                    here.extend(entries.iter().filter(|e| is_wanted(e)).map(|e| (e.usage, run.list as u32, wanted.certainty(e.certainty))));
                }
            }
            if here.last().is_some_and(|h| h.1 != of_file[0].list as u32) {
                here.sort_unstable_by_key(|h| (h.0, h.1));
                here.dedup_by_key(|h| h.0);
            }
            if !here.is_empty() {
                out.files.push((of_file[0].file, out.uses.len()..out.uses.len() + here.len()));
                out.uses.extend_from_slice(&here);
            }
        }
        out
    }

    /// The page asked for of listed uses in the files that filters leave.
    pub(super) fn page_of(&self, listed: &Listed, page: FilesPage) -> Result<Found, AnswerError> {
        let mut found = Found { notes: listed.notes.clone(), missing: listed.missing.clone(), ..Found::default() };
        let (mut total, mut wanted) = (0u64, Vec::<OfFile>::new());
        for (file, range) in listed.files.iter().filter(|f| page.filters.keeps_file(self, f.0)) {
            let before = total;
            total += range.len() as u64;
            if total > page.after && before < page.after + page.most {
                let here = &listed.uses[range.clone()];
                let shown = page.after.saturating_sub(before) as usize..(page.after + page.most - before).min(here.len() as u64) as usize;
                let uses = here[shown].iter().map(|(usage, list, certainty)| (UseId(*usage), *certainty, listed.symbols[*list as usize])).collect();
                wanted.push(OfFile { file: *file, uses });
            }
        }
        found.paged = Some(total);
        found.rows = self.rows_of(&wanted, true)?;
        Ok(found)
    }

    /// Where in the lists the uses of each file stand: own files, generated ones, dependencies, each by path.
    fn by_file(&self, symbols: &[Wanted]) -> Vec<Run> {
        let mut runs = Vec::new();
        for (list, wanted) in symbols.iter().enumerate() {
            let mut start = 0;
            for of_file in wanted.uses.chunk_by(|a, b| a.file == b.file) {
                runs.push(Run { order: (0, 0), file: of_file[0].file, list, entries: start..start + of_file.len() });
                start += of_file.len();
            }
        }
        // Each list is sorted by file already; a file is looked up once.
        runs.sort_by_key(|r| r.file);
        for of_file in runs.chunk_by_mut(|a, b| a.file == b.file) {
            let file = of_file[0].file;
            let order = (self.distance(file), self.index.position(file));
            of_file.iter_mut().for_each(|r| r.order = order);
        }
        runs.sort_by_key(|r| r.order);
        runs
    }
}
