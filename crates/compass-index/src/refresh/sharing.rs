//! Facts of packages go into the depot while they are read.

use super::reading::BATCH_FILES;
use crate::plan::{Plan, PlannedFile, PlannedUnit};
use crate::store::{Depot, PackedFacts};
use compass_facts::Language;
use rustc_hash::FxHashMap;
use std::path::Path;

/// Puts facts of packages into the depot. A depot that fails is done without: it only saves time.
pub(super) struct Packages {
    depot: Depot,
    numbers: FxHashMap<usize, i64>,
    waiting: Vec<(u64, Language, i64, PackedFacts)>,
}

impl Packages {
    /// Notes which packages are used; `None` without packages or without a depot.
    pub(super) fn open(folder: &Path, plan: &Plan) -> Option<Packages> {
        if plan.units.iter().all(|u| u.own) {
            return None;
        }
        let now = std::time::SystemTime::now().duration_since(std::time::UNIX_EPOCH).map_or(0, |d| d.as_secs() as i64);
        let mut out = Packages { depot: Depot::open(folder).ok()?, numbers: FxHashMap::default(), waiting: Vec::new() };
        let units: Vec<(usize, &PlannedUnit)> = plan.units.iter().enumerate().filter(|(_, u)| !u.own).collect();
        let named: Vec<(&str, &str, &str)> = units.iter().map(|(_, u)| (u.ecosystem.word(), u.name.as_str(), u.version.as_str())).collect();
        let numbers = out.depot.packages_used(&named, now).ok()?;
        out.numbers = units.iter().map(|(i, _)| *i).zip(numbers).collect();
        Some(out)
    }

    /// Facts of a file, if it is one of a package.
    pub(super) fn add(&mut self, planned: &PlannedFile, hash: u64, packed: &PackedFacts) {
        if let Some(number) = self.numbers.get(&planned.unit) {
            self.waiting.push((hash, planned.language, *number, packed.clone()));
        }
        if self.waiting.len() >= BATCH_FILES {
            self.finish();
        }
    }

    /// Writes what waits.
    pub(super) fn finish(&mut self) {
        let batch = std::mem::take(&mut self.waiting);
        if !batch.is_empty() && self.depot.put(&batch).is_err() {
            // Nothing more is put: whoever comes next reads again.
            self.numbers.clear();
        }
    }
}
