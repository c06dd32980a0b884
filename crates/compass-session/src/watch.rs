//! Notices changes of files while the program is open.
//!
//! # How it works
//! The folders that hold indexed files, and those above them, are watched one by one: what ignore files hide is not, however large.
//! A new folder is a change of the one around it; once its files are indexed it is watched, too. Changes are told
//! together, after a moment of quiet or when they go on for too long, so that a storm of them is one refresh. Where the system
//! has no more watches to give, or none at all, time alone passes: then the refresh itself finds out, every few seconds.
//!
//! # Not here
//! Which files changed: the refresh knows from sizes, times and contents. A watch that misses something is mended by the next.

use crate::Session;
use compass_index::Index;
use crossbeam_channel::{Receiver, RecvTimeoutError, Sender, unbounded};
use notify::{RecursiveMode, Watcher};
use std::collections::HashSet;
use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

/// After so long without a further change what changed is told.
const QUIET: Duration = Duration::from_millis(60);
/// And after so long at most.
const PATIENCE: Duration = Duration::from_millis(1500);
/// Without watches one looks again after this.
const BLIND: Duration = Duration::from_secs(5);

/// What is told.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Watched {
    /// Something changed.
    Changed,
    /// Nobody can watch: it is time to look again.
    Due,
    /// From now on nobody can watch everything.
    Blind,
}

/// Watches on a thread of its own, which ends with it.
pub struct Watch {
    again: Sender<()>,
}

impl Watch {
    /// Begins to watch what a session has indexed, once [`Watch::follow`] is called; tells `sender`. Changes of the index itself
    /// count for nothing, should it stand among the sources. What was touched is noted in the session.
    pub fn start(session: &Session, index: &Path, sender: Sender<Watched>) -> Watch {
        let (again, asked) = unbounded();
        let (session, index) = (session.clone(), index.to_owned());
        std::thread::spawn(move || serve(&session, &index, &asked, &sender));
        Watch { again }
    }

    /// Watches the folders of the files that are indexed now.
    pub fn follow(&self) {
        // The thread is there as long as this is.
        let _ = self.again.send(());
    }
}

fn serve(session: &Session, index: &Path, asked: &Receiver<()>, sender: &Sender<Watched>) {
    // The log and the shared memory of the index stand beside it under its name.
    let index = index.canonicalize().unwrap_or_else(|_| index.to_owned()).into_os_string();
    let (changes_in, changes) = unbounded::<()>();
    let noted = session.recent.clone();
    let tell = move |event: notify::Result<notify::Event>| {
        let is_index = |p: &PathBuf| p.as_os_str().as_encoded_bytes().starts_with(index.as_encoded_bytes());
        // Reading a file is no change of it.
        let Ok(event) = event else {
            noted.touch(&[]);
            let _ = changes_in.send(());
            return;
        };
        if event.need_rescan() || event.paths.is_empty() {
            noted.touch(&[]);
        } else if event.kind.is_access() || event.paths.iter().all(is_index) {
            return;
        } else {
            noted.touch(&event.paths);
        }
        let _ = changes_in.send(());
    };
    let mut watcher = notify::recommended_watcher(tell).ok();
    let mut watched: HashSet<PathBuf> = HashSet::new();
    let mut blind = false;
    loop {
        let wait = if blind { BLIND } else { Duration::from_secs(3600) };
        crossbeam_channel::select! {
            recv(asked) -> again => {
                if again.is_err() {
                    return;
                }
                let wanted = session.current().map(|e| folders(e.index())).unwrap_or_default();
                let is_new = wanted.iter().any(|w| !watched.contains(w));
                let all = watcher.as_mut().is_some_and(|w| watch(w, &mut watched, wanted));
                // Before these folders were watched anything may have happened in them.
                if is_new {
                    session.recent.touch(&[]);
                    if all && sender.send(Watched::Changed).is_err() {
                        return;
                    }
                }
                if !all && !std::mem::replace(&mut blind, true) && sender.send(Watched::Blind).is_err() {
                    return;
                }
            }
            recv(changes) -> _ => {
                settle(&changes);
                if sender.send(Watched::Changed).is_err() {
                    return;
                }
            }
            default(wait) => {
                session.recent.touch(&[]);
                if blind && sender.send(Watched::Due).is_err() {
                    return;
                }
            }
        }
    }
}

/// Waits until changes come to rest, or have gone on for long.
fn settle(changes: &Receiver<()>) {
    let until = Instant::now() + PATIENCE;
    while Instant::now() < until {
        match changes.recv_timeout(QUIET) {
            Ok(()) => {}
            Err(RecvTimeoutError::Timeout | RecvTimeoutError::Disconnected) => return,
        }
    }
}

/// The folders that hold indexed files, and those above them up to their roots.
fn folders(index: &Index) -> HashSet<PathBuf> {
    // Tens of thousands of files stand in thousands of folders, and most beside the one before.
    let mut parents: HashSet<(u32, &str)> = HashSet::new();
    let mut last = None;
    let mut odd = Vec::new();
    for file in index.files() {
        // What package managers brought does not change under one's hands.
        let parent = (file.root, file.path.rsplit_once('/').map_or("", |p| p.0));
        if last == Some(parent) || index.unit(file.id).is_some_and(|u| !u.own) {
            continue;
        }
        if file.raw_path.is_some() {
            // What is shown is not what it is called.
            odd.extend(index.full_path(file).parent().map(|p| (file.root, p.to_owned())));
            continue;
        }
        last = Some(parent);
        parents.insert(parent);
    }
    let root_of = |root: u32| index.own_roots().get(root as usize).map(Path::new);
    let plain = parents.into_iter().filter_map(|(root, parent)| Some((root, root_of(root)?.join(parent))));
    let mut out = HashSet::new();
    for (root, parent) in plain.chain(odd) {
        let Some(root) = root_of(root) else { continue };
        for folder in parent.ancestors().take_while(|f| f.starts_with(root)) {
            if !out.insert(folder.to_owned()) {
                break;
            }
        }
    }
    out
}

/// Watches what is wanted and nothing else; says whether all of it is watched now.
fn watch(watcher: &mut dyn Watcher, watched: &mut HashSet<PathBuf>, wanted: HashSet<PathBuf>) -> bool {
    for gone in watched.difference(&wanted) {
        // It may be gone from the disk, and the watch with it.
        let _ = watcher.unwatch(gone);
    }
    let mut now = HashSet::new();
    let mut all = true;
    for folder in wanted {
        // A folder that went away since it was indexed is no reason to give up.
        if watched.contains(&folder) || watcher.watch(&folder, RecursiveMode::NonRecursive).is_ok() {
            now.insert(folder);
        } else {
            all &= !folder.is_dir();
        }
    }
    *watched = now;
    all
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_facts::Cancel;
    use compass_index::refresh::{Request, run};
    use compass_index::{Disk, Silent};
    use testkit::Project;

    fn indexed(project: &Project) -> Session {
        let options = compass_index::plan::Options { roots: vec![project.root()], ..Default::default() };
        let request = Request { options, index: project.index(), threads: 1, ..Request::default() };
        run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
        Session::open(&project.index()).expect("an index")
    }

    fn watching(project: &Project) -> (Watch, Receiver<Watched>) {
        let session = indexed(project);
        let (sender, told) = unbounded();
        let watch = Watch::start(&session, &project.index(), sender);
        watch.follow();
        // Until a change is noticed for the first time nobody knows that the watches are set.
        let until = Instant::now() + Duration::from_secs(20);
        while told.is_empty() && Instant::now() < until {
            project.write("rack/probe.py", "x = 1\n");
            std::thread::sleep(Duration::from_millis(50));
        }
        quiet(&told);
        (watch, told)
    }

    /// Takes what is told until nothing more comes.
    fn quiet(told: &Receiver<Watched>) -> usize {
        let mut count = 0;
        while told.recv_timeout(Duration::from_secs(1)).is_ok() {
            count += 1;
        }
        count
    }

    #[test]
    fn a_storm_of_changes_is_told_as_few() {
        let project = Project::with(&[("rack/turn.py", "def turn(): pass\n"), ("rack/probe.py", "x = 0\n")]);
        let (_watch, told) = watching(&project);
        for i in 0..2000 {
            project.write(&format!("rack/file_{i}.py"), "x = 1\n");
        }
        let count = quiet(&told);
        assert!((1..20).contains(&count), "{count}");
    }

    #[test]
    fn new_folders_saved_files_and_removed_ones_are_noticed() {
        let project = Project::with(&[("rack/turn.py", "def turn(): pass\n"), ("rack/probe.py", "x = 0\n")]);
        let (_watch, told) = watching(&project);
        project.write("rack/inner/wash.py", "def wash(): pass\n");
        assert!(quiet(&told) > 0, "a folder that was made and filled");
        project.write("rack/saved.tmp", "def turn(): return 1\n");
        std::fs::rename(project.root().join("rack/saved.tmp"), project.root().join("rack/turn.py")).expect("renamed");
        assert!(quiet(&told) > 0, "an editor that saves by rename");
        project.remove("rack/turn.py");
        assert!(quiet(&told) > 0, "a file that went away");
    }
}
