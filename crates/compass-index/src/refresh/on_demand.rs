//! A few changed files of C among very many: linked without loading the others.
//!
//! The linker takes what it needs from a [`LazyFacts`]. That is right where nothing else is asked for: names and includes, as C
//! does; other languages look at all files at once (extensions, packages, modules by path), and so do passes that look for
//! crossings. Then nothing is linked here, and all facts are loaded.

use super::incremental::{self, Before, Order};
use super::session_cache::IncludePairs;
use super::{AffectedFiles, RefreshError, affected_files, has_same_files, inputs, priority, reading::Held};
use crate::link::{FileInput, LazyFacts};
use crate::store::{Generation, Reader, Runs, StoreError, Writer};
use crate::{FileId, Summary};
use compass_facts::{Facts, Flags, Kind, Language, ScopeId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::borrow::Cow;

/// More changed files than this are not a few.
const MANY: usize = 200;

/// Of so many files of C++ the namespaces are looked at beside those of C.
const FEW_OF_SCOPES: usize = 400;

/// What came of it.
pub(super) enum Done {
    /// Not possible so.
    Nothing,
    /// All that the changes reach is linked: its counts, and what it is.
    All { summary: Box<Summary>, reach: AffectedFiles, includes: Option<IncludePairs> },
    /// They reach too much: what comes first is linked.
    First,
}

/// Links what the changes reach, if that can be done so, or what comes first of it.
pub(super) fn link(
    writer: &mut Writer,
    before: &Before,
    overview: &mut Generation,
    facts: &mut Vec<Option<Held>>,
    order: &Order,
) -> Result<Done, RefreshError> {
    if !is_possible(before, overview, facts) {
        return Ok(Done::Nothing);
    }
    let Ok(reader) = Reader::open(&order.request.index) else { return Ok(Done::Nothing) };
    let outer = &mut |i: usize| match &facts[i] {
        Some(held) => Ok(Cow::Borrowed(&*held.facts)),
        None => load(&reader, overview, i).map(Cow::Owned),
    };
    let reach = affected_files(&order.request.index, before, overview, outer)?;
    let languages: FxHashMap<FileId, Language> = overview.files.iter().map(|f| (f.id, f.language)).collect();
    let is_one = |f: &FileId| languages.get(f).is_some_and(|l| crate::link::links_on_demand(*l));
    let (first, waiting) = match &reach {
        AffectedFiles::Files(files) if incremental::is_small(files, before.overview, order.request) => (files.clone(), 0),
        _ => match priority::first(order.request, before, overview, &reach, &is_one) {
            Some(first) => first,
            None => return Ok(Done::Nothing),
        },
    };
    if waiting == 0 && !first.iter().all(is_one) {
        return Ok(Done::Nothing);
    }
    let given: FxHashSet<u32> = facts.iter().enumerate().filter(|(_, f)| f.is_some()).map(|(i, _)| i as u32).collect();
    let runs = Runs::of(before.number, before.overview);
    let lazy_facts = LazyFacts::new(&order.request.index, runs, &overview.files, given.clone(), before.includes.clone());
    let mut inputs = inputs(overview, std::mem::take(facts));
    if waiting == 0 {
        let done = incremental::link(writer, before, &first, overview, &mut inputs, Some(&lazy_facts), order)?;
        return Ok(Done::All { summary: Box::new(done), reach, includes: lazy_facts.into_includes(&overview.files) });
    }
    let mut overview = Generation { pending: waiting, ..overview.clone() };
    incremental::link(writer, before, &first, &mut overview, &mut inputs, Some(&lazy_facts), order)?;
    order.progress.published();
    let held = |(i, input): (usize, FileInput)| given.contains(&(i as u32)).then_some(Held { facts: input.facts, numbers: input.numbers, whole: input.whole });
    *facts = inputs.into_iter().enumerate().map(held).collect();
    Ok(Done::First)
}

fn load(reader: &Reader, overview: &Generation, position: usize) -> Result<Facts, StoreError> {
    let file = &overview.files[position];
    let stored = reader.facts(file.id, file.hash)?.ok_or(StoreError::Damaged { what: "facts" })?;
    Ok(stored.unpack_outer()?.0)
}

/// Are the changes such that names and includes are all that counts?
fn is_possible(before: &Before, overview: &Generation, facts: &[Option<Held>]) -> bool {
    let changed = before.changed;
    let old = before.overview;
    if !old.linked || changed.is_empty() || changed.len() > MANY || !has_same_files(old, overview) {
        return false;
    }
    if old.files.iter().filter(|f| crate::link::hangs_on_includes(f.language) && !crate::link::links_on_demand(f.language)).count() > FEW_OF_SCOPES {
        return false;
    }
    let known: FxHashSet<FileId> = changed.iter().map(|c| c.file).collect();
    let given = overview.files.iter().zip(facts).filter(|(row, _)| known.contains(&row.id));
    let asked: FxHashSet<&str> = old.native.iter().map(String::as_str).collect();
    let is_plain = |facts: &Facts| facts.signals.is_empty() && !answers(facts, &asked);
    changed.iter().all(|c| c.old.as_deref().is_some_and(is_plain))
        && given.clone().count() == changed.len()
        && given.into_iter().all(|(row, held)| crate::link::links_on_demand(row.language) && held.as_ref().is_some_and(|h| is_plain(&h.facts)))
}

/// Does a file define what others ask the system's linker for?
fn answers(facts: &Facts, asked: &FxHashSet<&str>) -> bool {
    !asked.is_empty()
        && facts.definitions.iter().any(|d| {
            matches!(d.kind, Kind::Function | Kind::Variable)
                && d.scope == ScopeId::FILE
                && !d.flags.has(Flags::STATIC)
                && !d.flags.has(Flags::PRIVATE)
                && asked.contains(facts.name(d.name))
        })
}
