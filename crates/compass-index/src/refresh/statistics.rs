//! Counting: what a whole index, or some files of it, add up to.

use crate::UnitRow;
use crate::link::{self, FileInput};
use crate::plan::Plan;
use crate::store::{FileRow, Generation};
use crate::summary::{Linked, Shares};
use crate::{FileId, FileLinks, Summary};
use compass_facts::Facts;
use compass_facts::reading::by_name::{ANY_MEMBER, ANY_MODULE};
use rustc_hash::FxHashMap;
use std::collections::{BTreeMap, BTreeSet};

/// The counts of a whole index.
pub(super) fn summarise(plan: &Plan, overview: &Generation, inputs: &[FileInput], linked: &link::Linked) -> Summary {
    let mut s = Summary::default();
    count_files(&mut s, plan, overview);
    for ((file, tally), (_, links)) in inputs.iter().zip(&linked.tallies).zip(&linked.links) {
        add_file(&mut s, overview, file, &file.facts, tally, links);
    }
    s
}

/// Names that files ask the system's linker for, each once.
pub(super) fn native_names(links: &[(FileId, FileLinks)]) -> Vec<String> {
    let crossings = links.iter().flat_map(|(_, l)| &l.crossings).map(|c| (c.kind, &c.label));
    let loose = links.iter().flat_map(|(_, l)| &l.loose).map(|l| (l.kind, &l.label));
    let names: BTreeSet<&String> = crossings.chain(loose).filter(|c| c.0 == crate::CrossingKind::Native).map(|c| c.1).collect();
    names.into_iter().cloned().collect()
}

/// Counts what is known without facts.
pub(super) fn count_files(s: &mut Summary, plan: &Plan, overview: &Generation) {
    // Declarations of a standard library come with the program: they are no part of what was indexed.
    let is_counted = |row: &&FileRow| !overview.units.get(row.id.unit.0 as usize).is_some_and(UnitRow::is_declared);
    let counted = || overview.files.iter().filter(is_counted);
    (s.files, s.bytes, s.lines) = (counted().count() as u64, counted().map(|f| f.bytes).sum(), 0);
    s.units = Default::default();
    for unit in plan.units.iter().filter(|u| !u.is_declared()) {
        if unit.own {
            s.units.own += 1;
        } else {
            s.units.dependencies += 1;
        }
    }
    let (mut languages, mut made): (FxHashMap<&str, u64>, FxHashMap<&str, u64>) = Default::default();
    for row in counted() {
        s.lines += u64::from(row.lines);
        *languages.entry(row.language.word()).or_default() += 1;
        if let Some(word) = row.provenance.word() {
            *made.entry(word).or_default() += 1;
        }
    }
    let owned = |counts: FxHashMap<&str, u64>| counts.into_iter().map(|(word, count)| (word.to_owned(), count)).collect();
    (s.languages, s.made) = (owned(languages), owned(made));
}

/// Adds what a file counts.
pub(super) fn add_file(s: &mut Summary, overview: &Generation, file: &FileInput, facts: &Facts, tally: &link::Tally, links: &FileLinks) {
    let language = file.language;
    if overview.units.get(file.id.unit.0 as usize).is_some_and(UnitRow::is_declared) {
        return;
    }
    if overview.units.get(file.id.unit.0 as usize).is_none_or(|u| u.own) {
        add_shares(&mut s.own, tally);
    }
    s.symbols += facts.definitions.iter().filter(|d| !d.is_inner()).count() as u64;
    s.made_by_macros += facts.made.len() as u64;
    let is_own = overview.units.get(file.id.unit.0 as usize).is_none_or(|u| u.own);
    // What a package loads or picks for itself is nothing of ours.
    for name in facts.pasted.iter().filter(|n| is_own || ![ANY_MODULE, ANY_MEMBER].contains(&facts.name(**n))) {
        *s.pasted.entry(language.word().to_owned()).or_default().entry(facts.name(*name).to_owned()).or_default() += 1;
    }
    s.uses += tally.uses;
    s.local += tally.local;
    add_certainties(&mut s.linked, tally);
    add_causes(&mut s.unlinked, &tally.unlinked);
    // What is hidden is known by its words, but for text that nobody could go through.
    for gap in facts.gaps.iter().filter(|g| facts.hides_more && g.cause.hides_code()) {
        *s.hidden.entry(language.word().to_owned()).or_default().entry(gap.cause.word().to_owned()).or_default() += 1;
    }
    for gap in &facts.gaps {
        *s.gaps_by_cause.entry(gap.cause.word().to_owned()).or_default() += 1;
    }
    // What the language brings along is no gap.
    let absent = tally.absent.iter().sum::<u64>() - tally.absent[crate::Cause::Builtin as usize];
    if absent > 0 {
        *s.gaps_by_cause.entry("import_not_found".to_owned()).or_default() += absent;
    }
    s.imports += tally.imports;
    add_causes(&mut s.imports_absent, &tally.absent);
    for crossing in &links.crossings {
        *s.crossings.entry(crossing.kind.word().to_owned()).or_default() += 1;
    }
    for loose in &links.loose {
        *s.loose.entry(loose.kind.word().to_owned()).or_default() += 1;
    }
    s.gaps += facts.gaps.len() as u64 + absent;
}

fn add_shares(s: &mut Shares, tally: &link::Tally) {
    s.uses += tally.uses;
    s.local += tally.local;
    add_certainties(&mut s.linked, tally);
    add_causes(&mut s.unlinked, &tally.unlinked);
}

fn add_certainties(linked: &mut Linked, tally: &link::Tally) {
    linked.guessed += tally.certainties[crate::Certainty::Guessed as usize];
    linked.inferred += tally.certainties[crate::Certainty::Inferred as usize];
    linked.proven += tally.certainties[crate::Certainty::Proven as usize];
}

fn add_causes(to: &mut BTreeMap<String, u64>, counts: &[u64; crate::Cause::ALL.len()]) {
    for (cause, count) in crate::Cause::ALL.iter().zip(*counts).filter(|(_, n)| *n > 0) {
        *to.entry(cause.word().to_owned()).or_default() += count;
    }
}

/// Puts the counts of some files as they are now in the place of those of before.
pub(super) fn replace(s: &mut Summary, before: &Summary, now: &Summary) {
    let count = |to: &mut u64, before: u64, now: u64| *to = (*to + now).saturating_sub(before);
    count(&mut s.symbols, before.symbols, now.symbols);
    count(&mut s.made_by_macros, before.made_by_macros, now.made_by_macros);
    replace_by_language(&mut s.pasted, &before.pasted, &now.pasted);
    count(&mut s.uses, before.uses, now.uses);
    count(&mut s.local, before.local, now.local);
    count(&mut s.linked.proven, before.linked.proven, now.linked.proven);
    count(&mut s.linked.inferred, before.linked.inferred, now.linked.inferred);
    count(&mut s.linked.guessed, before.linked.guessed, now.linked.guessed);
    count(&mut s.gaps, before.gaps, now.gaps);
    count(&mut s.imports, before.imports, now.imports);
    replace_counts(&mut s.imports_absent, &before.imports_absent, &now.imports_absent);
    count(&mut s.own.uses, before.own.uses, now.own.uses);
    count(&mut s.own.local, before.own.local, now.own.local);
    count(&mut s.own.linked.proven, before.own.linked.proven, now.own.linked.proven);
    count(&mut s.own.linked.inferred, before.own.linked.inferred, now.own.linked.inferred);
    count(&mut s.own.linked.guessed, before.own.linked.guessed, now.own.linked.guessed);
    replace_counts(&mut s.own.unlinked, &before.own.unlinked, &now.own.unlinked);
    replace_counts(&mut s.unlinked, &before.unlinked, &now.unlinked);
    replace_counts(&mut s.gaps_by_cause, &before.gaps_by_cause, &now.gaps_by_cause);
    replace_by_language(&mut s.hidden, &before.hidden, &now.hidden);
}

/// Counts of words, by language.
type ByLanguage = BTreeMap<String, BTreeMap<String, u64>>;

fn replace_by_language(counts: &mut ByLanguage, before: &ByLanguage, now: &ByLanguage) {
    let none = BTreeMap::new();
    let languages: BTreeSet<&String> = before.keys().chain(now.keys()).collect();
    for language in languages {
        let (old, new) = (before.get(language).unwrap_or(&none), now.get(language).unwrap_or(&none));
        replace_counts(counts.entry(language.clone()).or_default(), old, new);
    }
    counts.retain(|_, counts| !counts.is_empty());
}

fn replace_counts(counts: &mut BTreeMap<String, u64>, before: &BTreeMap<String, u64>, now: &BTreeMap<String, u64>) {
    now.iter().for_each(|(cause, n)| *counts.entry(cause.clone()).or_default() += n);
    before.iter().for_each(|(cause, n)| {
        let count = counts.entry(cause.clone()).or_default();
        *count = count.saturating_sub(*n);
    });
    counts.retain(|_, n| *n > 0);
}

/// Counts crossings by kind and layers.
pub(super) fn matrix(files: &[FileRow], links: &[(FileId, FileLinks)]) -> Vec<(crate::CrossingKind, Option<u16>, Option<u16>, u64)> {
    let layer: FxHashMap<FileId, Option<u16>> = files.iter().map(|f| (f.id, f.layer)).collect();
    let mut counts: std::collections::BTreeMap<(crate::CrossingKind, Option<u16>, Option<u16>), u64> = Default::default();
    for (file, links) in links {
        for crossing in &links.crossings {
            let key = (crossing.kind, layer.get(file).copied().flatten(), layer.get(&crossing.to.file).copied().flatten());
            *counts.entry(key).or_default() += 1;
        }
    }
    counts.into_iter().map(|((kind, from, to), count)| (kind, from, to, count)).collect()
}
