//! What happened to which paths since the last run, so that the next one need not walk all folders, and which files are read, so that
//! it links those first.

use compass_index::refresh::{Request, SessionCache};
use std::collections::BTreeSet;
use std::path::PathBuf;
use std::sync::{Arc, Mutex, MutexGuard};

/// More paths than this are as good as all.
const MANY: usize = 1000;

/// Shared by the thread that watches and the one that indexes.
#[derive(Debug, Clone, Default)]
pub struct Recent(Arc<Mutex<Known>>);

#[derive(Debug, Default)]
struct Known {
    /// What the last run left, and what it was made for.
    session: Option<(Arc<SessionCache>, String)>,
    /// What was touched since that run began; `None` for anything.
    paths: Option<BTreeSet<PathBuf>>,
    /// Files that were read, as the index shows them; the last at the end.
    read: Vec<String>,
}

/// So many files that were read are kept.
const MOST_READ: usize = 100;

impl Recent {
    fn lock(&self) -> MutexGuard<'_, Known> {
        self.0.lock().unwrap_or_else(|e| e.into_inner())
    }

    /// Something happened to these paths; to none in particular means to any.
    pub fn touch(&self, paths: &[PathBuf]) {
        let mut known = self.lock();
        if paths.is_empty() || known.paths.as_ref().is_some_and(|p| p.len() + paths.len() > MANY) {
            known.paths = None;
        } else if let Some(all) = &mut known.paths {
            all.extend(paths.iter().cloned());
        }
    }

    /// Somebody reads a file.
    pub fn read(&self, path: &str) {
        let mut known = self.lock();
        known.read.retain(|p| p != path);
        known.read.push(path.to_owned());
        let over = known.read.len().saturating_sub(MOST_READ);
        known.read.drain(..over);
    }

    /// The files that were read, the last first.
    pub fn read_last(&self) -> Vec<String> {
        self.lock().read.iter().rev().cloned().collect()
    }

    /// What a run for `request` may rely on. What is touched from now on is for the run after it.
    pub fn begin(&self, request: &Request) -> Option<(Arc<SessionCache>, Vec<PathBuf>)> {
        let mut known = self.lock();
        let paths = known.paths.replace(BTreeSet::new());
        let (session, of) = known.session.take()?;
        Some((session, paths?.into_iter().collect())).filter(|_| of == key(request))
    }

    /// A run for `request` is over and knows all that was touched before it.
    pub fn finish(&self, request: &Request, session: Arc<SessionCache>) {
        self.lock().session = Some((session, key(request)));
    }
}

fn key(request: &Request) -> String {
    format!("{:?}", request.options)
}

#[cfg(test)]
mod tests {
    use super::*;

    fn paths(names: &[&str]) -> Vec<PathBuf> {
        names.iter().map(PathBuf::from).collect()
    }

    #[test]
    fn what_was_read_last_comes_first() {
        let recent = Recent::default();
        ["a", "b", "a"].iter().for_each(|p| recent.read(p));
        assert_eq!(recent.read_last(), ["a", "b"]);
        (0..2 * MOST_READ).for_each(|i| recent.read(&i.to_string()));
        assert_eq!((recent.read_last().len(), recent.read_last()[0].as_str()), (MOST_READ, "199"));
    }

    #[test]
    fn a_run_gets_what_was_touched_since_the_last_began() {
        let (recent, request) = (Recent::default(), Request::default());
        recent.touch(&paths(&["a"]));
        assert!(recent.begin(&request).is_none(), "there was no plan");
        recent.touch(&paths(&["b", "c"]));
        recent.finish(&request, Arc::default());
        recent.touch(&paths(&["c", "d"]));
        assert_eq!(recent.begin(&request).expect("a plan").1, paths(&["b", "c", "d"]));
        assert!(recent.begin(&request).is_none(), "a run that failed leaves no plan");
    }

    #[test]
    fn unknown_paths_too_many_and_another_request_need_a_walk() {
        let (recent, request) = (Recent::default(), Request::default());
        let many: Vec<PathBuf> = (0..=MANY).map(|i| PathBuf::from(i.to_string())).collect();
        for touched in [paths(&[]), many] {
            recent.begin(&request);
            recent.finish(&request, Arc::default());
            recent.touch(&touched);
            recent.touch(&paths(&["a"]));
            assert!(recent.begin(&request).is_none());
        }
        recent.begin(&request);
        recent.finish(&request, Arc::default());
        let mut other = Request::default();
        other.options.deps = compass_index::plan::Deps::All;
        assert!(recent.begin(&other).is_none());
    }
}
