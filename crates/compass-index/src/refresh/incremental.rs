//! Links again only the files that a change reaches, and writes a small run beside the one that linked everything.

use super::changes::Changed;
use super::{RefreshError, Request, loader, statistics, whole_again};
use crate::link::{self, FileInput};
use crate::plan::Plan;
use crate::store::{self, Generation, LaterRun, NameEntry, PackedLinks, Retired, StoreError, Writer, pack_links};
use crate::{FileId, FileLinks, Progress, Summary};
use compass_facts::Cancel;
use rustc_hash::{FxHashMap, FxHashSet};
use std::time::Instant;

/// More files than this are linked with all others.
pub(super) const MANY_FILES: usize = 2000;

/// Is it worth while to link only these, beside those that were linked since everything was?
pub(super) fn is_small(files: &[FileId], old: &Generation, request: &Request) -> bool {
    let later = old.later.as_ref().map_or(0, |l| l.files.len());
    files.len() <= request.many_files.unwrap_or(MANY_FILES) && later + files.len() <= MANY_FILES.max(old.files.len() / 4)
}

/// The generation that the new one is made from.
pub(super) struct Before<'b> {
    pub(super) number: i64,
    pub(super) overview: &'b Generation,
    pub(super) changed: &'b [Changed],
    /// Who includes whom there, if that is known.
    pub(super) includes: Option<super::session_cache::IncludePairs>,
}

/// What is asked for.
pub(super) struct Order<'o> {
    pub(super) request: &'o Request,
    pub(super) plan: &'o Plan,
    pub(super) threads: usize,
    pub(super) cancel: &'o Cancel,
    pub(super) progress: &'o dyn Progress,
}

/// Keeps what linking gives until all is there.
#[derive(Default)]
struct Collected {
    names: Vec<NameEntry>,
    links: Vec<(FileId, PackedLinks)>,
}

impl link::Sink for Collected {
    fn names(&mut self, names: &mut dyn Iterator<Item = NameEntry>) -> Result<(), StoreError> {
        self.names.extend(names);
        Ok(())
    }

    fn links(&mut self, batch: Vec<(FileId, PackedLinks)>) -> Result<(), StoreError> {
        self.links.extend(batch);
        Ok(())
    }
}

/// Links some files and makes the generation; gives its counts. With a lazy fact store only some of `inputs` have their facts, and passes
/// have nothing to say.
pub(super) fn link(
    writer: &mut Writer,
    before: &Before,
    files: &[FileId],
    overview: &mut Generation,
    inputs: &mut [FileInput],
    lazy_facts: Option<&link::LazyFacts>,
    order: &Order,
) -> Result<Summary, RefreshError> {
    let linking = Instant::now();
    let wanted: FxHashSet<FileId> = files.iter().copied().collect();
    let only: FxHashSet<usize> = inputs.iter().enumerate().filter(|(_, i)| wanted.contains(&i.id)).map(|(n, _)| n).collect();
    let folder = order.request.index.parent().filter(|p| !p.as_os_str().is_empty()).unwrap_or(std::path::Path::new(".")).to_owned();
    let index = order.request.index.clone();
    let load = move || loader(&index);
    let mut collected = Collected::default();
    let mut linked = {
        let request = link::Request {
            units: &overview.units,
            build: &order.plan.build,
            threads: order.threads,
            folder: &folder,
            only: Some(&only),
            lazy_facts,
            places: None,
            cancel: order.cancel,
            progress: order.progress,
        };
        link::link_all(inputs, &request, &load, &mut collected)?.ok_or(RefreshError::Cancelled)?
    };
    if let Some(why) = lazy_facts.and_then(link::LazyFacts::failure) {
        return Err(why.into());
    }
    let crossed = match lazy_facts {
        Some(_) => None,
        None => cross(writer, before, inputs, &mut linked, &only, &load, order)?,
    };
    let mut summary = before.overview.summary.clone();
    statistics::count_files(&mut summary, order.plan, overview);
    count(writer, before, inputs, &linked, &only, &load, &mut summary)?;
    if lazy_facts.is_some() {
        keep_layers(overview, before.overview);
    } else {
        overview.layers = crate::layers::assign(&order.plan.layers, &mut overview.files, &linked.links);
        overview.matrix = statistics::matrix(&overview.files, &linked.links);
    }
    overview.native = match crossed {
        Some(_) => statistics::native_names(&linked.links),
        None => before.overview.native.clone(),
    };
    if crossed.is_some() {
        (summary.crossings, summary.loose) = Default::default();
        for links in linked.links.iter().map(|l| &l.1) {
            links.crossings.iter().for_each(|c| *summary.crossings.entry(c.kind.word().to_owned()).or_default() += 1);
            links.loose.iter().for_each(|l| *summary.loose.entry(l.kind.word().to_owned()).or_default() += 1);
        }
    }
    summary.seconds.link = linking.elapsed().as_secs_f64();

    let writing = Instant::now();
    let number = before.number.max(before.overview.names) + 1;
    settle(overview, before, files, number);
    summary.relinked_files = files.len() as u64;
    overview.summary = summary.clone();
    let mut links = collected.links;
    let anew = only.iter().copied().filter(|i| link::waits_for_passes(inputs[*i].language)).chain(crossed.iter().flatten().copied());
    for i in anew {
        links.push((linked.links[i].0, pack_links(&linked.links[i].1)?));
    }
    linked.small.crossings = match crossed {
        Some(_) => linked.links.iter().flat_map(|(file, l)| entries(*file, l)).collect(),
        None => writer.all_crossings(before.overview)?,
    };
    overview.retired.links = links.iter().map(|l| l.0).collect();
    let uses = store::merge(std::mem::take(&mut linked.uses))?.collect::<Result<Vec<_>, _>>()?;
    let part = store::Part { files: &wanted, names: collected.names, links, uses, small: std::mem::take(&mut linked.small) };
    writer.put_part(number, (before.number, before.overview), part, overview)?;
    summary.seconds.write = writing.elapsed().as_secs_f64();
    Ok(summary)
}

/// Layers hang on paths and crossings, which are what they were.
fn keep_layers(overview: &mut Generation, old: &Generation) {
    (overview.layers, overview.matrix) = (old.layers.clone(), old.matrix.clone());
    overview.files.iter_mut().zip(&old.files).for_each(|(row, old)| row.layer = old.layer);
}

/// Crossings of a file by what they reach.
fn entries(file: FileId, links: &FileLinks) -> impl Iterator<Item = crate::CrossingEntry> {
    links.crossings.iter().enumerate().map(move |(i, c)| crate::CrossingEntry { target: c.to, file, number: i as u32 })
}

/// What the new generation takes from the one before.
fn settle(overview: &mut Generation, before: &Before, files: &[FileId], number: i64) {
    let old = before.overview;
    let mut all: Vec<FileId> = old.later.iter().flat_map(|l| &l.files).chain(files).copied().collect();
    all.sort_unstable();
    all.dedup();
    let hashes: FxHashMap<FileId, u64> = overview.files.iter().map(|f| (f.id, f.hash)).collect();
    let gone = old.files.iter().filter(|f| hashes.get(&f.id).is_some_and(|h| *h != f.hash)).map(|f| (f.id, f.hash)).collect();
    overview.linked = true;
    (overview.base, overview.names, overview.crossings) = (old.base, old.names, number);
    overview.most_used = old.most_used.clone();
    overview.retired = Retired { run: old.later.as_ref().map(|l| l.run), facts: gone, links: Vec::new() };
    overview.later = Some(LaterRun { run: number, files: all });
}

/// Lets the passes look for crossings in all files, where there can be any; gives the files that were not linked and have others
/// than before, by position.
fn cross(
    writer: &Writer,
    before: &Before,
    inputs: &mut [FileInput],
    linked: &mut link::Linked,
    only: &FxHashSet<usize>,
    load: &(dyn Fn() -> link::Load + Sync),
    order: &Order,
) -> Result<Option<Vec<usize>>, RefreshError> {
    let passes = &order.request.passes;
    let by_signals = passes.iter().all(|p| p.begins_with_signals());
    if passes.is_empty() || by_signals && inputs.iter().all(|i| i.facts.signals.is_empty()) && before.overview.summary.crossings.is_empty() {
        return Ok(None);
    }
    let mut was: FxHashMap<usize, (Vec<crate::Crossing>, Vec<crate::Loose>)> = FxHashMap::default();
    for (i, input) in inputs.iter().enumerate().filter(|(i, input)| !only.contains(i) && link::waits_for_passes(input.language)) {
        let mut links = writer.links(before.number, input.id)?.unwrap_or_default();
        was.insert(i, (std::mem::take(&mut links.crossings), std::mem::take(&mut links.loose)));
        linked.links[i].1 = links;
    }
    whole_again(inputs, &linked.links, load, order.threads, by_signals)?;
    crate::crossing::run(passes, inputs, &mut linked.links);
    let others = was.into_iter().filter(|(i, (crossings, loose))| linked.links[*i].1.crossings != *crossings || linked.links[*i].1.loose != *loose);
    let mut others: Vec<usize> = others.map(|(i, _)| i).collect();
    others.sort_unstable();
    Ok(Some(others))
}

/// Puts the counts of the linked files in the place of those of before.
fn count(
    writer: &Writer,
    before: &Before,
    inputs: &[FileInput],
    linked: &link::Linked,
    only: &FxHashSet<usize>,
    load: &(dyn Fn() -> link::Load + Sync),
    summary: &mut Summary,
) -> Result<(), StoreError> {
    let old: FxHashMap<FileId, &compass_facts::Facts> = before.changed.iter().filter_map(|c| Some((c.file, c.old.as_deref()?))).collect();
    let (mut was, mut is) = (Summary::default(), Summary::default());
    let mut load = load();
    for i in only.iter().copied() {
        let input = &inputs[i];
        let loaded = if input.whole || !input.language.is_read() { None } else { Some(load(input)?) };
        let facts = loaded.as_ref().unwrap_or(&input.facts);
        statistics::add_file(&mut is, before.overview, input, facts, &linked.tallies[i], &linked.links[i].1);
        let links = writer.links(before.number, input.id)?.unwrap_or_default();
        let facts = old.get(&input.id).copied().unwrap_or(facts);
        statistics::add_file(&mut was, before.overview, input, facts, &link::tally(facts, &links), &links);
    }
    statistics::replace(summary, &was, &is);
    Ok(())
}
