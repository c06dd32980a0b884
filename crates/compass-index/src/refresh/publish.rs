//! What everybody sees, and when: the list of files, names, and in the end all that was linked.

use super::{RefreshError, statistics};
use crate::link::{self, FileInput};
use crate::plan::Plan;
use crate::store::{FileRow, Generation, StoreError, UnitRow, Writer};
use crate::{FileId, FileLinks, Phase, Progress};
use compass_facts::Cancel;

/// Writes what linking gives while it goes on.
pub(super) struct Publishing<'w> {
    pub(super) writer: &'w mut Writer,
    pub(super) number: i64,
    /// Shown as soon as the names are there.
    pub(super) early: Option<Generation>,
    pub(super) plan: u64,
    pub(super) cancel: &'w Cancel,
}

impl link::Sink for Publishing<'_> {
    fn names(&mut self, names: &mut dyn Iterator<Item = crate::store::NameEntry>) -> Result<(), StoreError> {
        self.writer.put_names(self.number, names)?;
        // Names that were cut short must not be shown.
        match self.early.take().filter(|_| !self.cancel.is_cancelled()) {
            Some(mut overview) => {
                overview.summary.bytes = self.plan;
                self.writer.finish(self.number - 1, &mut overview)
            }
            None => Ok(()),
        }
    }

    fn links(&mut self, batch: Vec<(FileId, crate::store::PackedLinks)>) -> Result<(), StoreError> {
        self.writer.put_links(self.number, &batch)
    }
}

/// A generation that is the list of files alone.
pub(super) fn listed(overview: &Generation, plan: &Plan) -> Generation {
    let mut listed = overview.clone();
    statistics::count_files(&mut listed.summary, plan, overview);
    listed
}

/// A generation with names but no links, so that a large first run can be asked early.
pub(super) fn early_overview(overview: &Generation) -> Generation {
    let mut early = overview.clone();
    early.linked = false;
    early.base = early.names - 1;
    early.summary.files = overview.files.len() as u64;
    early
}

/// Writes what comes when all is linked, and makes the generation the current one.
#[allow(clippy::too_many_arguments, reason = "one call from one place; each is a different thing")]
pub(super) fn publish(
    writer: &mut Writer,
    overview: &mut Generation,
    plan: &Plan,
    inputs: &[FileInput],
    mut linked: link::Linked,
    number: i64,
    progress: &dyn Progress,
    finish: &mut dyn FnMut(&mut Generation),
) -> Result<(), RefreshError> {
    let size = linked.links.len() as u64;
    overview.linked = true;
    (overview.base, overview.crossings) = (number, number);
    overview.native = statistics::native_names(&linked.links);
    overview.layers = crate::layers::assign(&plan.layers, &mut overview.files, &linked.links);
    overview.matrix = statistics::matrix(&overview.files, &linked.links);
    overview.summary = statistics::summarise(plan, overview, inputs, &linked);
    for (file, links) in linked.links.iter().map(|(f, l)| (*f, l)) {
        let entries = links.crossings.iter().enumerate().map(|(i, c)| crate::CrossingEntry { target: c.to, file, number: i as u32 });
        linked.small.crossings.extend(entries);
    }
    linked.small.crossings.sort_by_key(|c| (c.target, c.file, c.number));
    let mut done = 0;
    each_packed(inputs, &linked.links, &mut |batch| {
        done += batch.len() as u64;
        progress.report(Phase::Write, done, size);
        writer.put_links(number, &batch)
    })?;
    let mut most = MostUsed::new(&overview.units, &overview.files);
    let uses = crate::store::merge(std::mem::take(&mut linked.uses))?;
    writer.put_uses(number, uses.inspect(|u| most.see(u.as_ref().ok())))?;
    overview.most_used = most.finish();
    writer.put_small(number, std::mem::take(&mut linked.small))?;
    finish(overview);
    progress.report(Phase::Write, size, size);
    writer.finish(number, overview)?;
    Ok(())
}

/// Packs the links that waited for passes on all cores, and hands them over in batches.
fn each_packed(
    inputs: &[FileInput],
    links: &[(FileId, FileLinks)],
    put: &mut dyn FnMut(Vec<(FileId, crate::store::PackedLinks)>) -> Result<(), StoreError>,
) -> Result<(), StoreError> {
    const BATCH: usize = 256;
    let waiting: Vec<&(FileId, FileLinks)> = links.iter().zip(inputs).filter(|(_, i)| link::waits_for_passes(i.language)).map(|(l, _)| l).collect();
    let threads = std::thread::available_parallelism().map_or(1, |n| n.get());
    let next = std::sync::atomic::AtomicUsize::new(0);
    let (sender, receiver) = crossbeam_channel::bounded(2 * threads);
    std::thread::scope(|scope| {
        for _ in 0..threads {
            let (sender, next, waiting) = (sender.clone(), &next, &waiting);
            scope.spawn(move || {
                while let Some(batch) = waiting.chunks(BATCH).nth(next.fetch_add(1, std::sync::atomic::Ordering::Relaxed)) {
                    let packed: Result<Vec<_>, StoreError> = batch.iter().map(|(file, links)| Ok((*file, crate::store::pack_links(links)?))).collect();
                    if sender.send(packed).is_err() {
                        break;
                    }
                }
            });
        }
        drop(sender);
        receiver.into_iter().try_for_each(|batch| put(batch?))
    })
}

/// The symbols of own units with the most uses that are more than guesses; whole files do not count.
struct MostUsed<'u> {
    units: &'u [UnitRow],
    /// Tests, and what nobody wrote by hand: neither their uses count nor what they define.
    aside: rustc_hash::FxHashSet<FileId>,
    current: Option<crate::SymbolId>,
    count: u64,
    found: Vec<(crate::SymbolId, u64)>,
}

impl<'u> MostUsed<'u> {
    fn new(units: &'u [UnitRow], files: &[FileRow]) -> Self {
        let aside = files.iter().filter(|f| f.provenance.word().is_some() || crate::is_test_path(&f.path, f.language)).map(|f| f.id).collect();
        MostUsed { units, aside, current: None, count: 0, found: Vec::new() }
    }

    /// Uses come sorted by target.
    fn see(&mut self, entry: Option<&crate::UseEntry>) {
        let Some(entry) = entry else { return };
        if self.current != Some(entry.target) {
            self.close();
            self.current = Some(entry.target);
        }
        self.count += u64::from(!self.aside.contains(&entry.file) && entry.certainty > crate::Certainty::Guessed && entry.role != compass_facts::Role::Import);
    }

    fn close(&mut self) {
        let count = std::mem::take(&mut self.count);
        let Some(target) = self.current.take() else { return };
        let own = self.units.get(target.file.unit.0 as usize).is_some_and(|u| u.own);
        if count > 1 && own && !target.is_module() && !self.aside.contains(&target.file) {
            self.found.push((target, count));
            if self.found.len() > 4000 {
                self.shrink();
            }
        }
    }

    fn shrink(&mut self) {
        self.found.sort_by_key(|c| (std::cmp::Reverse(c.1), c.0));
        self.found.truncate(40);
    }

    fn finish(mut self) -> Vec<(crate::SymbolId, u64)> {
        self.close();
        self.shrink();
        self.found
    }
}
