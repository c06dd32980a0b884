//! All definitions of macros in the files of a family: found by looking through every file.

use super::Files;
use compass_facts::surroundings::SharedMacros;
use std::ops::Range;
use std::sync::atomic::{AtomicUsize, Ordering};

/// A definition: a hash of its name, its file by position, its place there.
type Entry = (u64, u32, u32, u32);

/// Definitions by the hashes of their names; of one name in the order of files and places.
pub(super) struct AllDefinitions(Vec<Entry>);

pub(super) fn name_hash(name: &[u8]) -> u64 {
    xxhash_rust::xxh3::xxh3_64(name)
}

impl AllDefinitions {
    /// Looks through the files of the family.
    pub(super) fn find(files: &Files, family: &str, shared: &dyn SharedMacros) -> AllDefinitions {
        let next = AtomicUsize::new(0);
        // What the declarations of a library write as macros says nothing of how own files read.
        let is_own = |i: &usize| !files.plan.units[files.plan.files[*i].unit].is_declared();
        let is_member = |i: &usize| files.plan.files[*i].language.profile().family == family && is_own(i);
        let work = || {
            let mut found: Vec<Entry> = Vec::new();
            loop {
                let i = next.fetch_add(1, Ordering::Relaxed);
                if i >= files.ids.len() || files.cancel.is_cancelled() {
                    return found;
                }
                if is_member(&i) {
                    let bytes = files.bytes(i);
                    shared.definitions(&bytes, &mut |name, place| found.push((name_hash(name), i as u32, place.start as u32, place.end as u32)));
                }
            }
        };
        let work = &work;
        let mut found: Vec<Entry> = std::thread::scope(|scope| {
            let handles: Vec<_> = (0..files.threads.max(1)).map(|_| scope.spawn(work)).collect();
            handles.into_iter().flat_map(|h| h.join().unwrap_or_else(|e| std::panic::resume_unwind(e))).collect()
        });
        found.sort_unstable();
        AllDefinitions(found)
    }

    /// Files and places of the definitions of a name.
    pub(super) fn of(&self, name: &str) -> impl Iterator<Item = (usize, Range<usize>)> + '_ {
        let hash = name_hash(name.as_bytes());
        let from = self.0.partition_point(|e| e.0 < hash);
        self.0[from..].iter().take_while(move |e| e.0 == hash).map(|e| (e.1 as usize, e.2 as usize..e.3 as usize))
    }
}
