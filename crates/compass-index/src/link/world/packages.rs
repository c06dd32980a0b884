//! Files that say which package they are part of.

use crate::link::world::DefRef;
use rustc_hash::{FxHashMap, FxHashSet};

/// Packages by file, and which files there are of each.
#[derive(Default)]
pub struct Packages {
    of_file: FxHashMap<u32, String>,
    /// The first file of each package and the one behind its last: names of a package are looked for between them.
    spans: FxHashMap<String, (u32, u32)>,
    /// What names of packages begin with, up to a dot.
    beginnings: FxHashSet<String>,
}

impl Packages {
    /// Notes that a file is part of a package.
    pub fn add(&mut self, file: u32, package: String) {
        let span = self.spans.entry(package.clone()).or_insert((file, file + 1));
        *span = (span.0.min(file), span.1.max(file + 1));
        for (at, _) in package.match_indices('.') {
            if !self.beginnings.contains(&package[..at]) {
                self.beginnings.insert(package[..at].to_owned());
            }
        }
        self.of_file.insert(file, package);
    }

    /// The package a file says it is part of.
    pub fn of(&self, file: u32) -> Option<&str> {
        self.of_file.get(&file).map(String::as_str)
    }

    /// Is any file part of that package?
    pub fn has(&self, package: &str) -> bool {
        self.spans.contains_key(package)
    }

    /// Is there such a package, or one within it?
    pub fn leads_on(&self, path: &str) -> bool {
        self.spans.contains_key(path) || self.beginnings.contains(path)
    }

    /// Of definitions in the order of files those that can be in a package.
    pub fn within<'s>(&self, package: &str, named: &'s [DefRef]) -> &'s [DefRef] {
        let Some((first, behind)) = self.spans.get(package) else { return &[] };
        let from = named.partition_point(|s| s.file < *first);
        let to = named.partition_point(|s| s.file < *behind);
        &named[from..to]
    }
}
