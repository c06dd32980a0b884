//! Makes an index and keeps it new; what is there early is opened early.

use crate::jobs::Outcome;
use crate::{Session, failure_chain, places};
use compass_facts::Cancel;
use compass_index::plan::{Deps, Options};
use compass_index::refresh::{self, Request};
use compass_index::{Disk, Index, Phase, Progress};
use std::path::PathBuf;
use std::sync::atomic::{AtomicBool, Ordering};
use std::sync::{Arc, Mutex};
use std::time::{Duration, Instant};

/// What brings an index up to date as all faces do it: with the passes that find crossings, and the package cache of this machine unless
/// another is named.
pub fn request(options: Options, index: PathBuf, package_cache: Option<PathBuf>) -> Request {
    let package_cache = Some(package_cache.unwrap_or_else(places::package_cache_folder));
    Request { options, index, package_cache, passes: compass_trace::crossings::passes(), ..Request::default() }
}

struct Teller<'t> {
    tell: &'t (dyn Fn(Outcome) + Sync),
    state: Mutex<(Option<Phase>, Instant, Instant)>,
    /// Did another program write meanwhile?
    waited: AtomicBool,
}

impl Progress for Teller<'_> {
    fn report(&self, phase: Phase, done: u64, total: u64) {
        let now = Instant::now();
        let mut state = self.state.lock().unwrap_or_else(|e| e.into_inner());
        let is_new = state.0 != Some(phase);
        if is_new {
            state.0 = Some(phase);
            state.1 = now;
        }
        if !is_new && now - state.2 < Duration::from_millis(60) {
            return;
        }
        state.2 = now;
        (self.tell)(Outcome::Progress { phase, done, total, elapsed: now - state.1 });
    }

    fn waiting(&self, process: u32) {
        self.waited.store(true, Ordering::Relaxed);
        let mut state = self.state.lock().unwrap_or_else(|e| e.into_inner());
        if state.2.elapsed() > Duration::from_secs(1) || state.0.is_none() {
            state.0 = Some(Phase::Walk);
            state.2 = Instant::now();
            (self.tell)(Outcome::Waiting(process));
        }
    }
}

/// Brings the index of a session up to date, own code first; opens what is there early, and tells how far it is.
pub(crate) fn run(request: &Request, cancel: &Cancel, session: &Session, tell: &(dyn Fn(Outcome) + Sync)) {
    let known = || session.current().map(|e| e.index().clone());
    // Gives whether names can be asked for; before that texts can be read.
    let open = || match known().filter(|i| i.path() == request.index).map_or_else(|| Index::open(&request.index), |i| i.newer()) {
        Ok(index) => {
            let is_read = index.is_read();
            session.take(Arc::new(index));
            tell(Outcome::Opened);
            is_read
        }
        Err(_) => false,
    };
    let was_open = known().is_some_and(|i| i.is_read()) || open();
    let now = Instant::now();
    let teller = Opening {
        teller: Teller { tell, state: Mutex::new((None, now, now)), waited: AtomicBool::new(false) },
        // Nothing newer: it is not opened again.
        open: &|| was_open || known().is_none_or(|i| i.is_outdated()) && open(),
        again: &|| open(),
        opened: Mutex::new(was_open),
    };
    // What is not indexed yet is opened as soon as the own code is there; what that names itself follows, then all the rest.
    let before = [Deps::None, Deps::Direct].into_iter().filter(|d| !was_open && *d != request.options.deps && request.options.deps != Deps::None);
    for deps in before {
        let mut part = request.clone();
        part.options.deps = deps;
        if deps != Deps::None {
            tell(Outcome::Packages(deps));
        }
        match refresh::run(&part, &Disk, cancel, &teller) {
            Ok(_) => {
                open();
            }
            Err(e) => return tell(Outcome::Indexed(Err(e.into()))),
        }
    }
    let has = known().map(|i| i.deps());
    if request.options.deps != Deps::None && has != Some(request.options.deps) {
        tell(Outcome::Packages(request.options.deps));
    }
    let touched = session.recent.begin(request);
    let read_last = known().map_or_else(Vec::new, |index| session.recent.read_last().iter().filter_map(|path| index.find_path(path)).collect());
    let result = refresh::run(&Request { touched, read_last, ..request.clone() }, &Disk, cancel, &teller);
    match result {
        Ok(outcome) => {
            let s = &outcome.summary;
            tracing::info!(
                files = s.files,
                read = s.refreshed_files,
                linked = s.relinked_files,
                walk = s.seconds.walk,
                reading = s.seconds.read,
                linking = s.seconds.link,
                writing = s.seconds.write,
                seconds = s.seconds.total,
                "indexed {}",
                request.index.display()
            );
            outcome.warnings.iter().for_each(|w| tracing::warn!("{w}"));
            session.recent.finish(request, outcome.session);
            if outcome.summary.refreshed_files > 0 || outcome.summary.relinked_files > 0 || !was_open || teller.teller.waited.load(Ordering::Relaxed) {
                open();
            }
            tell(Outcome::Indexed(Ok((Box::new(outcome.summary), outcome.warnings))));
        }
        Err(e) => {
            tracing::warn!("indexing failed: {}", failure_chain(&e));
            tell(Outcome::Indexed(Err(e.into())));
        }
    }
}

/// Opens the facts of a first run as soon as linking begins: names and text can be asked for from then on.
struct Opening<'e> {
    teller: Teller<'e>,
    open: &'e (dyn Fn() -> bool + Sync),
    again: &'e (dyn Fn() -> bool + Sync),
    opened: Mutex<bool>,
}

impl Progress for Opening<'_> {
    fn report(&self, phase: Phase, done: u64, total: u64) {
        if phase == Phase::Link {
            let mut opened = self.opened.lock().unwrap_or_else(|e| e.into_inner());
            if !*opened {
                // Names are written while linking goes on: until they are there, the next report tries again.
                *opened = (self.open)();
            }
        }
        self.teller.report(phase, done, total);
    }

    fn waiting(&self, process: u32) {
        // What the other writes can be asked as soon as it is there.
        let mut opened = self.opened.lock().unwrap_or_else(|e| e.into_inner());
        if !*opened {
            *opened = (self.open)();
        }
        self.teller.waiting(process);
    }

    fn published(&self) {
        (self.again)();
    }
}
