//! Which files hang on what changed, by the records of the generation before.

use super::changes::{Change, Changed};
use super::incremental::Before;
use crate::FileId;
use crate::link::is_feature;
use crate::store::{DependencyEntry, FileRow, Reader, Runs, StoreError};
use compass_facts::Facts;
use rustc_hash::{FxHashMap, FxHashSet};
use std::borrow::Cow;
use std::collections::BTreeSet;

/// What a change reaches.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum AffectedFiles {
    /// All files must be linked again, and why.
    Everything(&'static str),
    /// These files must be, the changed ones among them; sorted.
    Files(Vec<FileId>),
}

/// Finds the files whose links may differ from those of the generation `before`.
///
/// The files, units and settings must be those of before: only contents changed.
pub(super) fn reach<'f>(
    reader: &Reader,
    before: &Before,
    rows: &[FileRow],
    outer: &mut dyn FnMut(usize) -> Result<Cow<'f, Facts>, StoreError>,
) -> Result<AffectedFiles, StoreError> {
    let changed = before.changed;
    let records = Records { reader, runs: Runs::of(before.number, before.overview) };
    let mut names: BTreeSet<String> = records.flipped(changed)?;
    let mut files: FxHashSet<FileId> = FxHashSet::default();
    for change in changed {
        files.insert(change.file);
        match &change.what {
            Change::Everything(why) => return Ok(AffectedFiles::Everything(why)),
            Change::Names { names: found, includes } => {
                names.extend(found.iter().cloned());
                if *includes {
                    let includers = records.includers(change.file)?;
                    if includers.len() > MANY_INCLUDERS {
                        return Ok(AffectedFiles::Everything("very many files see other includes than before"));
                    }
                    for (i, _) in rows.iter().enumerate().filter(|(_, row)| includers.contains(&row.id)) {
                        names.extend(typed_names(&*outer(i)?));
                    }
                    files.extend(includers);
                    // Who is included by few is looked at together with these: see the linker of C.
                    files.extend(rows.iter().filter(|row| change.included.iter().any(|p| ends_with_path(&row.path, p))).map(|row| row.id));
                }
            }
        }
    }
    for name in &names {
        if !records.add_named(name, &mut files)? {
            return Ok(AffectedFiles::Everything("what the extensions of types hang on has changed"));
        }
    }
    let mut files: Vec<FileId> = files.into_iter().collect();
    files.sort_unstable();
    Ok(AffectedFiles::Files(files))
}

/// Of more includers than this nobody is looked up one by one.
const MANY_INCLUDERS: usize = 2000;

/// What is found by name and has a type that is looked for in the file: it may be another one when the file sees other includes.
fn typed_names(facts: &Facts) -> impl Iterator<Item = String> {
    facts.definitions[..facts.outer_count()].iter().filter(|d| d.ty.is_some()).map(|d| facts.name(d.name).to_owned())
}

fn ends_with_path(path: &str, end: &str) -> bool {
    let end = end.trim_start_matches("../").trim_start_matches("./");
    path.strip_suffix(end).is_some_and(|front| front.is_empty() || front.ends_with('/'))
}

/// The records of a generation.
struct Records<'r> {
    reader: &'r Reader,
    runs: Runs,
}

impl Records<'_> {
    /// Macros that choose between branches otherwise than before.
    fn flipped(&self, changed: &[Changed]) -> Result<BTreeSet<String>, StoreError> {
        let mut changes: FxHashMap<&str, [(u64, u64); 2]> = FxHashMap::default();
        for (name, old, new) in changed.iter().flat_map(|c| &c.choices) {
            let sums = changes.entry(name).or_default();
            *sums = [(sums[0].0 + old.0, sums[0].1 + old.1), (sums[1].0 + new.0, sums[1].1 + new.1)];
        }
        let mut out = BTreeSet::new();
        for (name, [old, new]) in changes {
            let entries = self.reader.choices(&self.runs, name)?.unpack()?;
            let before = entries.iter().fold((0, 0), |sum, e| (sum.0 + e.with, sum.1 + e.without));
            let now = ((before.0 + new.0).saturating_sub(old.0), (before.1 + new.1).saturating_sub(old.1));
            if is_feature(name, before) != is_feature(name, now) {
                out.insert(name.to_owned());
            }
        }
        Ok(out)
    }

    /// Adds the files that looked a name up; says no where all files hang on it.
    fn add_named(&self, name: &str, files: &mut FxHashSet<FileId>) -> Result<bool, StoreError> {
        for entry in self.reader.dependencies(&self.runs, DependencyEntry::hash(name))?.unpack()? {
            if entry.file == DependencyEntry::EVERY {
                return Ok(false);
            }
            files.insert(entry.file);
        }
        for named in self.reader.names(&self.runs, name)?.unpack()? {
            files.extend(self.reader.uses(&self.runs, named.symbol)?.unpack()?.iter().map(|u| u.file));
        }
        Ok(true)
    }

    /// The file, those that include it, and those that include them.
    fn includers(&self, file: FileId) -> Result<FxHashSet<FileId>, StoreError> {
        let mut open = vec![file];
        let mut seen: FxHashSet<FileId> = FxHashSet::default();
        while let Some(at) = open.pop() {
            if seen.insert(at) {
                open.extend(self.reader.importers(&self.runs, at)?.unpack()?.iter().map(|i| i.file));
            }
        }
        Ok(seen)
    }
}
