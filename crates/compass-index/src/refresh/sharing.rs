//! Facts of packages go into the shared package cache while they are read, links while they are made; links that are there are taken from it.

use super::closures::{Closure, Closures};
use super::reading::BATCH_FILES;
use crate::SymbolId;
use crate::link::{FileInput, Places, PortableLinks};
use crate::plan::{Plan, PlannedFile, PlannedUnit};
use crate::store::{PackageCache, PackedFacts, PackedPortableLinks, StoreError, UnitRow, pack_portable};
use compass_facts::Language;
use rustc_hash::FxHashMap;
use std::path::{Path, PathBuf};
use std::sync::Mutex;
use std::sync::atomic::{AtomicU64, Ordering};

/// Puts facts of packages into the shared package cache. A package cache that fails is done without: it only saves time.
pub(super) struct Packages {
    package_cache: PackageCache,
    numbers: FxHashMap<usize, i64>,
    waiting: Vec<(u64, Language, i64, PackedFacts)>,
}

impl Packages {
    /// Notes which packages are used; `None` without packages or without a package cache.
    pub(super) fn open(folder: &Path, plan: &Plan) -> Option<Packages> {
        if plan.units.iter().all(|u| u.own) {
            return None;
        }
        let mut out = Packages { package_cache: PackageCache::open(folder).ok()?, numbers: FxHashMap::default(), waiting: Vec::new() };
        let units: Vec<(usize, &PlannedUnit)> = plan.units.iter().enumerate().filter(|(_, u)| !u.own).collect();
        let named: Vec<(&str, &str, &str)> = units.iter().map(|(_, u)| (u.ecosystem.word(), u.name.as_str(), u.version.as_str())).collect();
        let numbers = out.package_cache.packages_used(&named, now()).ok()?;
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
        if !batch.is_empty() && self.package_cache.put(&batch).is_err() {
            // Nothing more is put: whoever comes next reads again.
            self.numbers.clear();
        }
    }
}

fn now() -> i64 {
    std::time::SystemTime::now().duration_since(std::time::UNIX_EPOCH).map_or(0, |d| d.as_secs() as i64)
}

/// Links of packages, taken from the shared package cache and put there. A package cache that fails is done without.
pub(super) struct SharedLinks<'i> {
    folder: PathBuf,
    closures: Closures<'i>,
    inputs: &'i [FileInput],
    /// Numbers of closures in the shared package cache, by unit.
    numbers: FxHashMap<u32, i64>,
    writing: Mutex<Writing>,
    found: AtomicU64,
}

struct Writing {
    package_cache: Option<PackageCache>,
    waiting: Vec<(i64, u32, PackedPortableLinks)>,
}

impl<'i> SharedLinks<'i> {
    /// Notes which closures are used; `None` without packages or without a package cache.
    pub(super) fn open(folder: &Path, units: &[UnitRow], inputs: &'i [FileInput]) -> Option<SharedLinks<'i>> {
        if units.iter().all(|u| u.own) {
            return None;
        }
        let closures = Closures::new(units, inputs);
        let mut package_cache = PackageCache::open(folder).ok()?;
        let of: Vec<(u32, [u8; 16])> = closures.iter().map(|(unit, c)| (unit, c.key)).collect();
        let named = |(unit, _): &(u32, [u8; 16])| {
            let unit = &units[*unit as usize];
            (unit.ecosystem.as_str(), unit.name.as_str(), unit.version.as_str())
        };
        let packages = package_cache.packages_used(&of.iter().map(named).collect::<Vec<_>>(), now()).ok()?;
        let keys: Vec<(i64, [u8; 16])> = packages.into_iter().zip(&of).map(|(package, (_, key))| (package, *key)).collect();
        let numbers = package_cache.closures_used(&keys, now()).ok()?;
        let numbers = of.iter().map(|o| o.0).zip(numbers).collect();
        let writing = Mutex::new(Writing { package_cache: Some(package_cache), waiting: Vec::new() });
        Some(SharedLinks { folder: folder.to_owned(), closures, inputs, numbers, writing, found: AtomicU64::new(0) })
    }

    /// Files whose links were there.
    pub(super) fn found(&self) -> u64 {
        self.found.load(Ordering::Relaxed)
    }

    /// Writes what waits.
    pub(super) fn finish(&self) {
        self.lock().flush();
    }

    fn lock(&self) -> std::sync::MutexGuard<'_, Writing> {
        crate::lock(&self.writing)
    }

    fn closure(&self, file: usize) -> Option<(&Closure, i64)> {
        let number = *self.numbers.get(&self.inputs[file].id.unit.0)?;
        Some((self.closures.of(file)?, number))
    }

    fn own(&self, file: usize) -> SymbolId {
        SymbolId::module(self.inputs[file].id)
    }

    fn packed(&self, file: usize, carried: PortableLinks) -> Option<Result<(i64, u32, PackedPortableLinks), StoreError>> {
        let (closure, number) = self.closure(file)?;
        // What leads beyond what the package can mean hangs on this workspace.
        let told = carried.rename(self.own(file), &|s| self.closures.told(closure, s))?;
        Some(pack_portable(&told).map(|packed| (number, self.closures.place(file), packed)))
    }
}

impl Writing {
    fn flush(&mut self) {
        let batch = std::mem::take(&mut self.waiting);
        if !batch.is_empty() && self.package_cache.as_mut().is_some_and(|d| d.put_links(&batch).is_err()) {
            self.package_cache = None;
        }
    }
}

impl Places for SharedLinks<'_> {
    fn is_shared(&self, file: usize) -> bool {
        self.closure(file).is_some()
    }

    fn finder(&self) -> Box<dyn FnMut(usize) -> Option<PortableLinks> + '_> {
        let package_cache = PackageCache::open(&self.folder).ok();
        Box::new(move |file| {
            let (closure, number) = self.closure(file)?;
            let told = package_cache.as_ref()?.links(number, self.closures.place(file)).ok()??;
            let own = self.closures.told(closure, self.own(file))?;
            let carried = told.rename(own, &|s| self.closures.meant(closure, s))?;
            self.found.fetch_add(1, Ordering::Relaxed);
            Some(carried)
        })
    }

    fn keep(&self, file: usize, carried: PortableLinks) {
        let Some(Ok(packed)) = self.packed(file, carried) else { return };
        let mut writing = self.lock();
        writing.waiting.push(packed);
        if writing.waiting.len() >= BATCH_FILES {
            writing.flush();
        }
    }
}
