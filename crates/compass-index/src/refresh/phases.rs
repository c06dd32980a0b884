//! One run in its phases: what is there, what is to be there, reading, linking as little as will do, publishing.

use super::incremental::{Before, Order};
use super::publish::{Publishing, early_overview, listed, publish};
use super::reading::{self, Read};
use super::session_cache::{IncludePairs, State};
use super::{AffectedFiles, EARLY_BYTES, NextGeneration, Opened, Outcome, RefreshError, Request, SessionCache};
use super::{affected_files, incremental, inputs, loader, on_demand, open, planned, priority, same_shape, sharing, whole_again};
use crate::link::{self, FileInput};
use crate::plan::Plan;
use crate::store::{Generation, OpenError, Writer};
use crate::summary::Seconds;
use crate::{Phase, Progress, Summary, Tree};
use compass_facts::Cancel;
use std::borrow::Cow;
use std::path::Path;
use std::sync::Arc;
use std::time::Instant;

/// Does what a request asks for, if nothing it meets is damaged.
pub(super) fn attempt(request: &Request, sources: &dyn Tree, cancel: &Cancel, progress: &dyn Progress) -> Result<Outcome, RefreshError> {
    let (mut run, mut writer, by_touch) = Run::begin(request, sources, cancel, progress)?;
    let mut next = run.next_generation(&writer, by_touch)?;
    let early = run.announce(&mut writer, &mut next)?;
    let plan = run.plan.clone();
    let old = run.current.as_ref().map(|c| c.1.clone());
    let job = run.job(&plan, old.as_deref(), sources);
    let reading = Instant::now();
    let mut read = reading::read_all(&job, &mut next.overview.files, &mut writer)?;
    next.overview.macros = read.macros.clone();
    run.seconds.read = reading.elapsed().as_secs_f64();
    if read.changed == 0
        && let Some(outcome) = run.unchanged(&next)
    {
        return Ok(outcome);
    }
    let changes = std::mem::take(&mut read.changes);
    let before = run.current.clone();
    let before = before.as_ref().map(|(number, overview)| Before { number: *number, overview, changed: &changes, includes: run.includes.clone() });
    run.link(&mut writer, &job, read, next, before.as_ref(), early)
}

/// A run: what it was asked, what it found, how long its phases took.
struct Run<'r> {
    request: &'r Request,
    cancel: &'r Cancel,
    progress: &'r dyn Progress,
    began: Instant,
    began_ns: i64,
    seconds: Seconds,
    threads: usize,
    plan: Arc<Plan>,
    /// The generation before, if one stands in the store.
    current: Option<(i64, Arc<Generation>)>,
    rebuilt: Option<OpenError>,
    /// Which store it is. Without it nothing is taken over the next time: no harm.
    made: Option<String>,
    /// Did the run before this one leave the state that stands in the store?
    is_known: bool,
    includes: Option<IncludePairs>,
}

impl<'r> Run<'r> {
    /// Plans and opens: with a run comes the writer, and whether the plan was known without a walk.
    fn begin(request: &'r Request, sources: &dyn Tree, cancel: &'r Cancel, progress: &'r dyn Progress) -> Result<(Run<'r>, Writer, bool), RefreshError> {
        let began = Instant::now();
        let began_ns = std::time::SystemTime::now().duration_since(std::time::UNIX_EPOCH).map_or(0, |d| d.as_nanos() as i64);
        // Before anything is made there must be something to index: an index that is not there yet is opened later.
        let opened = request.index.is_file().then(|| open(request)).transpose()?;
        let (plan, by_touch) = planned(request, sources, opened.as_ref().and_then(|o| o.current.as_ref()).map(|c| &*c.1), cancel, progress)?;
        if plan.files.is_empty() {
            let root = request.options.roots.first().map(|r| r.display().to_string()).unwrap_or_default();
            return Err(RefreshError::Empty { root, skipped: plan.skipped.iter().map(|s| s.1).sum() });
        }
        let seconds = Seconds { walk: began.elapsed().as_secs_f64(), ..Seconds::default() };
        progress.report(Phase::Walk, plan.files.len() as u64, plan.files.len() as u64);
        let Opened { writer, current, rebuilt } = match opened {
            Some(opened) => opened,
            None => open(request)?,
        };
        // A list of files alone is no state to go on from.
        let current = current.filter(|c| c.1.is_read());
        let known = request.touched.as_ref().map(|t| &t.0).filter(|w| current.is_some() && w.is_in(&writer));
        let run = Run {
            request,
            cancel,
            progress,
            began,
            began_ns,
            seconds,
            threads: if request.threads > 0 { request.threads } else { std::thread::available_parallelism().map_or(2, |n| n.get()) },
            plan: Arc::new(plan),
            current,
            rebuilt,
            made: writer.made().ok().flatten(),
            is_known: known.is_some(),
            includes: known.and_then(|w| w.includes()),
        };
        Ok((run, writer, by_touch))
    }

    /// The generation to be, before anything is read.
    fn next_generation(&self, writer: &Writer, by_touch: bool) -> Result<NextGeneration, RefreshError> {
        let old = self.current.as_ref().map(|c| &*c.1);
        if let Some(old) = old.filter(|_| self.request.verify) {
            writer.verify(old)?;
        }
        let mut next = match old {
            Some(old) if by_touch && self.is_known => NextGeneration::again(&self.plan, old, self.request),
            _ => NextGeneration::new(&self.plan, old, self.request),
        };
        next.overview.began_ns = self.began_ns;
        Ok(next)
    }

    /// Shows the list of files of a large first run at once; tells whether it did.
    fn announce(&self, writer: &mut Writer, next: &mut NextGeneration) -> Result<bool, RefreshError> {
        let early = self.current.is_none() && self.plan.bytes_of_code() > EARLY_BYTES;
        if early {
            writer.announce(&mut listed(&next.overview, &self.plan))?;
            self.progress.published();
        }
        Ok(early)
    }

    fn job<'j>(&self, plan: &'j Plan, old: Option<&'j Generation>, sources: &'j dyn Tree) -> reading::Job<'j>
    where
        'r: 'j,
    {
        reading::Job {
            whole_bytes: self.request.whole_bytes.unwrap_or(reading::WHOLE_BYTES),
            index: &self.request.index,
            package_cache: self.request.package_cache.as_deref(),
            plan,
            old,
            verify: self.request.verify,
            threads: self.threads,
            sources,
            cancel: self.cancel,
            progress: self.progress,
        }
    }

    /// The outcome where nothing is otherwise than before.
    fn unchanged(&mut self, next: &NextGeneration) -> Option<Outcome> {
        let (number, old) = self.current.as_ref()?;
        if !old.linked || old.pending > 0 || !same_shape(old, &next.overview) {
            return None;
        }
        let mut summary = old.summary.clone();
        summary.refreshed_files = 0;
        summary.cached_files = 0;
        summary.cached_links = 0;
        summary.relinked_files = 0;
        summary.seconds = Seconds { total: self.began.elapsed().as_secs_f64(), ..self.seconds.clone() };
        let state = State { made: self.made.take(), number: *number, overview: old.clone(), includes: self.includes.take() };
        let session = Arc::new(SessionCache { plan: self.plan.clone(), state: Some(state) });
        let rebuilt = self.rebuilt.take();
        Some(Outcome { summary, warnings: self.plan.warnings.clone(), rebuilt, reach: AffectedFiles::Files(Vec::new()), by_need: true, session })
    }

    /// Links what the changes reach where that is little, else everything.
    fn link(
        mut self,
        writer: &mut Writer,
        job: &reading::Job,
        mut read: Read,
        mut next: NextGeneration,
        before: Option<&Before>,
        early: bool,
    ) -> Result<Outcome, RefreshError> {
        let plan = self.plan.clone();
        let order = Order { request: self.request, plan: &plan, threads: self.threads, cancel: self.cancel, progress: self.progress };
        let mut some_came_first = false;
        if let Some(before) = before {
            match on_demand::link(writer, before, &mut next.overview, &mut read.facts, &order)? {
                on_demand::Done::All { summary, reach, includes } => {
                    let done = Summary { index_bytes: writer.size()?, ..*summary };
                    return Ok(self.linked_some(done, read.changed, next.overview, includes, reach, true));
                }
                on_demand::Done::First => some_came_first = true,
                on_demand::Done::Nothing => {}
            }
        }
        let loading = Instant::now();
        reading::load_rest(job, &mut next.overview.files, &mut read, writer)?;
        self.seconds.read += loading.elapsed().as_secs_f64();
        let mut inputs = inputs(&next.overview, std::mem::take(&mut read.facts));
        let reach = match before {
            Some(before) => affected_files(&self.request.index, before, &next.overview, &mut |i| Ok(Cow::Borrowed(&*inputs[i].facts)))?,
            None => AffectedFiles::Everything("nothing was linked before"),
        };
        if let (AffectedFiles::Files(files), Some(before)) = (&reach, before)
            && incremental::is_small(files, before.overview, self.request)
        {
            let done = incremental::link(writer, before, files, &mut next.overview, &mut inputs, None, &order)?;
            let done = Summary { index_bytes: writer.size()?, ..done };
            return Ok(self.linked_some(done, read.changed, next.overview, None, reach, false));
        }
        if let Some(before) = before.filter(|_| !some_came_first)
            && let Some((first, waiting)) = priority::first(self.request, before, &next.overview, &reach, &|_| true)
        {
            let mut overview = Generation { pending: waiting, ..next.overview.clone() };
            incremental::link(writer, before, &first, &mut overview, &mut inputs, None, &order)?;
            self.progress.published();
        }
        self.link_everything(writer, &read, next, inputs, reach, early)
    }

    /// The outcome of a run that linked a part.
    fn linked_some(
        mut self,
        mut done: Summary,
        changed: u64,
        overview: Generation,
        includes: Option<IncludePairs>,
        reach: AffectedFiles,
        by_need: bool,
    ) -> Outcome {
        (self.seconds.link, self.seconds.write, self.seconds.total) = (done.seconds.link, done.seconds.write, self.began.elapsed().as_secs_f64());
        (done.seconds, done.refreshed_files) = (self.seconds, changed);
        let number = overview.later.as_ref().map_or(overview.base, |l| l.run);
        let state = State { made: self.made, number, overview: Arc::new(overview), includes };
        let session = Arc::new(SessionCache { plan: self.plan.clone(), state: Some(state) });
        Outcome { summary: done, warnings: self.plan.warnings.clone(), rebuilt: None, reach, by_need, session }
    }

    fn link_everything(
        mut self,
        writer: &mut Writer,
        read: &Read,
        mut next: NextGeneration,
        mut inputs: Vec<FileInput>,
        reach: AffectedFiles,
        early: bool,
    ) -> Result<Outcome, RefreshError> {
        let linking = Instant::now();
        let number = writer.begin()? + 1 + i64::from(early);
        next.overview.names = number;
        let index = self.request.index.clone();
        let folder = index.parent().filter(|p| !p.as_os_str().is_empty()).unwrap_or(Path::new(".")).to_owned();
        let load = move || loader(&index);
        let units = next.overview.units.clone();
        let shared = self.request.package_cache.as_deref().and_then(|d| sharing::SharedLinks::open(d, &units, &inputs));
        let places = shared.as_ref().map(|s| s as &dyn link::Places);
        let order = link::Request {
            units: &units,
            build: &self.plan.build,
            only: None,
            threads: self.threads,
            folder: &folder,
            lazy_facts: None,
            places,
            cancel: self.cancel,
            progress: self.progress,
        };
        let early = early.then(|| early_overview(&next.overview));
        let mut sink = Publishing { writer, number, early, plan: self.plan.bytes(), cancel: self.cancel };
        let linked = link::link_all(&inputs, &order, &load, &mut sink)?;
        let linked_before = shared.map_or(0, |s| {
            s.finish();
            s.found()
        });
        let mut linked = linked.ok_or(RefreshError::Cancelled)?;
        let by_signals = self.request.passes.iter().all(|p| p.begins_with_signals());
        if !by_signals || inputs.iter().any(|i| !i.facts.signals.is_empty()) {
            whole_again(&mut inputs, &linked.links, &load, self.threads, by_signals)?;
            crate::crossing::run(&self.request.passes, &inputs, &mut linked.links);
        }
        self.seconds.link = linking.elapsed().as_secs_f64();

        let writing = Instant::now();
        let (began, mut seconds) = (self.began, self.seconds.clone());
        publish(writer, &mut next.overview, &self.plan, &inputs, linked, number, self.progress, &mut |overview| {
            overview.summary.refreshed_files = read.changed - read.declared;
            overview.summary.cached_files = read.from_cache;
            overview.summary.cached_links = linked_before;
            overview.summary.relinked_files = overview.summary.files;
            seconds.total = began.elapsed().as_secs_f64();
            overview.summary.seconds = seconds.clone();
        })?;
        drop(inputs);
        self.seconds.write = writing.elapsed().as_secs_f64();
        self.seconds.total = self.began.elapsed().as_secs_f64();
        let mut summary = next.overview.summary.clone();
        summary.seconds = self.seconds;
        summary.index_bytes = writer.size()?;
        let state = State { made: self.made, number, overview: Arc::new(next.overview), includes: None };
        let session = Arc::new(SessionCache { plan: self.plan.clone(), state: Some(state) });
        Ok(Outcome { summary, warnings: self.plan.warnings.clone(), rebuilt: self.rebuilt, reach, by_need: false, session })
    }
}
