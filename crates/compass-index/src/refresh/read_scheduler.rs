//! In which order files are read: own ones first, then packages, each by one program at a time.
//!
//! A package that another program is reading just now is left for later: then its facts are in the shared package cache. Claims are given back before
//! anybody waits, so no two programs wait for each other; a program that reads for too long is not waited for, since reading something
//! twice does no harm.

use crate::claim::{Attempt, Claim};
use crate::plan::{Plan, PlannedUnit};
use compass_facts::Cancel;
use std::collections::VecDeque;
use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

/// So many claims are held at once: each is an open file.
const CLAIMS: usize = 200;
/// So often a program that waits looks again.
const LOOKS: Duration = Duration::from_millis(50);
/// So long nobody is waited for without getting anything.
const PATIENCE: Duration = Duration::from_secs(20);

/// Files still to be read.
pub(super) struct ReadScheduler<'j> {
    plan: &'j Plan,
    /// The folder of claims; without one nobody is waited for.
    folder: Option<PathBuf>,
    own: Vec<usize>,
    packages: VecDeque<(usize, Vec<usize>)>,
    patience: Duration,
}

/// Files that are read now, and the claims that are held meanwhile.
pub(super) struct ReadBatch {
    pub(super) files: Vec<usize>,
    _claims: Vec<Claim>,
}

impl<'j> ReadScheduler<'j> {
    pub(super) fn new(plan: &'j Plan, package_cache: Option<&Path>, open: &[usize]) -> ReadScheduler<'j> {
        let is_own = |i: &usize| plan.units[plan.files[*i].unit].own;
        let (own, others): (Vec<usize>, Vec<usize>) = open.iter().copied().partition(|i| is_own(i));
        let mut packages: VecDeque<(usize, Vec<usize>)> = VecDeque::new();
        for i in others {
            let unit = plan.files[i].unit;
            match packages.back_mut().filter(|p| p.0 == unit) {
                Some((_, files)) => files.push(i),
                None => packages.push_back((unit, vec![i])),
            }
        }
        ReadScheduler { plan, folder: package_cache.map(|d| d.join("claims")), own, packages, patience: PATIENCE }
    }

    /// What is read next; nothing when all is read, or cancelled.
    pub(super) fn next(&mut self, cancel: &Cancel) -> Option<ReadBatch> {
        let mut round = ReadBatch { files: std::mem::take(&mut self.own), _claims: Vec::new() };
        let began = Instant::now();
        loop {
            self.take_free(&mut round);
            if !round.files.is_empty() || self.packages.is_empty() || cancel.is_cancelled() {
                return Some(round).filter(|r| !r.files.is_empty());
            }
            if began.elapsed() >= self.patience {
                self.folder = None;
            }
            std::thread::sleep(LOOKS);
        }
    }

    /// Adds the packages that nobody else is reading.
    fn take_free(&mut self, round: &mut ReadBatch) {
        for _ in 0..self.packages.len() {
            if round._claims.len() >= CLAIMS {
                return;
            }
            let Some((unit, files)) = self.packages.pop_front() else { return };
            match self.folder.as_ref().map(|f| Claim::try_take(&f.join(name_of(&self.plan.units[unit])))) {
                Some(Ok(Attempt::HeldBy(_))) => {
                    self.packages.push_back((unit, files));
                    continue;
                }
                Some(Ok(Attempt::Taken(claim))) => round._claims.push(claim),
                // Without a folder for claims everybody reads.
                Some(Err(_)) | None => {}
            }
            round.files.extend(files);
        }
    }
}

/// What the claim on a package is called, by all programs of a machine.
fn name_of(unit: &PlannedUnit) -> String {
    let told = format!("{}\0{}\0{}", unit.ecosystem.word(), unit.name, unit.version);
    format!("{:032x}", xxhash_rust::xxh3::xxh3_128(told.as_bytes()))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::plan::{Ecosystem, Found, Machine, Options, Package, Packaging};

    /// An ecosystem whose packages lie in one folder, a folder each.
    struct Shelf;

    impl Packaging for Shelf {
        fn word(&self) -> &'static str {
            "shelf"
        }

        fn find(&self, _: &mut Plan, machine: &Machine, found: &mut Found) {
            for name in ["rack", "oak"] {
                let Some(base) = machine.first("shelf") else { return };
                let files = vec![base.join(name).join("lib.txt")];
                let package = found.add(Package { dir: name.to_owned(), ..Package::of_files(Ecosystem(&Shelf), name, base, files) });
                found.own.push((0, name.to_owned(), package));
            }
        }
    }

    fn plan(folder: &Path) -> Plan {
        crate::plan::register(&[Ecosystem(&Shelf)]);
        for path in ["larder/a.txt", "shelf/rack/lib.txt", "shelf/oak/lib.txt"] {
            let path = folder.join(path);
            std::fs::create_dir_all(path.parent().expect("a folder")).expect("folders");
            std::fs::write(path, "text").expect("a file");
        }
        let machine = Machine::default().with("shelf", vec![folder.join("shelf")]);
        let options = Options { roots: vec![folder.join("larder")], deps: crate::plan::Deps::All, machine, ..Options::default() };
        Plan::make(&options, &crate::Disk, &Cancel::new(), &|_| {}).expect("a plan")
    }

    fn units(plan: &Plan, round: Option<ReadBatch>) -> Vec<String> {
        let mut out: Vec<String> = round.iter().flat_map(|r| &r.files).map(|i| plan.units[plan.files[*i].unit].name.clone()).collect();
        out.dedup();
        out
    }

    #[test]
    fn a_package_that_somebody_else_reads_comes_later() {
        let folder = tempfile::tempdir().expect("a folder");
        let plan = plan(folder.path());
        let package_cache = folder.path().join("depot");
        let open: Vec<usize> = (0..plan.files.len()).collect();
        let rack = plan.units.iter().find(|u| u.name == "rack").expect("rack");
        let Attempt::Taken(claim) = Claim::try_take(&package_cache.join("claims").join(name_of(rack))).expect("an attempt") else { panic!("free") };
        let mut rounds = ReadScheduler::new(&plan, Some(&package_cache), &open);
        assert_eq!(units(&plan, rounds.next(&Cancel::new())), ["larder", "oak"]);
        let waited = std::thread::scope(|scope| {
            let next = scope.spawn(|| units(&plan, rounds.next(&Cancel::new())));
            std::thread::sleep(LOOKS * 2);
            assert!(!next.is_finished(), "it waits");
            drop(claim);
            next.join().expect("no panic")
        });
        assert_eq!(waited, ["rack"]);
        assert!(rounds.next(&Cancel::new()).is_none());
    }

    #[test]
    fn nobody_is_waited_for_without_end() {
        let folder = tempfile::tempdir().expect("a folder");
        let plan = plan(folder.path());
        let package_cache = folder.path().join("depot");
        let open: Vec<usize> = (0..plan.files.len()).collect();
        let mut mine = ReadScheduler::new(&plan, Some(&package_cache), &open);
        let held = mine.next(&Cancel::new());
        let mut theirs = ReadScheduler { patience: LOOKS, ..ReadScheduler::new(&plan, Some(&package_cache), &open) };
        assert_eq!(units(&plan, theirs.next(&Cancel::new())), ["larder"]);
        let mut both = units(&plan, theirs.next(&Cancel::new()));
        both.sort();
        assert_eq!(both, ["oak", "rack"], "read twice rather than never");
        drop(held);
        let stopped = Cancel::new();
        stopped.cancel();
        let mut again = ReadScheduler::new(&plan, None, &open);
        assert_eq!(units(&plan, again.next(&stopped)).len(), 3);
        assert!(again.next(&stopped).is_none());
    }
}
