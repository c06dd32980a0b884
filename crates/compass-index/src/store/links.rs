//! Links of a file as bytes: what several uses share is written once.

use super::columns::{Input, put, put_change};
use super::{StoreError, blocks};
use crate::{Cause, Certainty, Crossing, FileLinks, Link, Loose, Step, SymbolId};
use compass_facts::UseId;
use rustc_hash::FxHashMap;
use serde::{Deserialize, Serialize};

/// What a link says beside the use it is of.
#[derive(Serialize, Deserialize, Clone)]
struct Outcome {
    targets: Vec<SymbolId>,
    total: u32,
    certainty: Certainty,
    evidence: u32,
}

impl Outcome {
    fn is_of(&self, link: &Link) -> bool {
        self.evidence == link.evidence && self.total == link.total && self.certainty == link.certainty && self.targets == link.targets
    }
}

fn fingerprint(link: &Link) -> u64 {
    use std::hash::{Hash, Hasher};
    let mut hasher = rustc_hash::FxHasher::default();
    (&link.targets, link.total, link.certainty, link.evidence).hash(&mut hasher);
    hasher.finish()
}

#[derive(Serialize, Deserialize)]
struct Wire {
    outcomes: Vec<Outcome>,
    count: u32,
    links: Vec<u8>,
    unlinked: Vec<u8>,
    evidence: Vec<Vec<Step>>,
    imports: Vec<Vec<SymbolId>>,
    absent: Vec<(u32, Cause)>,
    bases: Vec<(SymbolId, SymbolId)>,
    held: Vec<(SymbolId, SymbolId, UseId)>,
    crossings: Vec<Crossing>,
    loose: Vec<Loose>,
}

/// Links ready to be written; packed by the linking threads.
#[derive(Debug)]
pub struct PackedLinks {
    pub(super) blob: Vec<u8>,
    pub(super) sum: i64,
}

/// Packs the links of a file.
pub(crate) fn pack_links(links: &FileLinks) -> Result<PackedLinks, StoreError> {
    let mut known: FxHashMap<u64, Vec<u32>> = FxHashMap::default();
    let mut outcomes: Vec<Outcome> = Vec::new();
    let mut bytes = Vec::with_capacity(links.links.len() * 3);
    let mut before = 0;
    for link in &links.links {
        let same = known.entry(fingerprint(link)).or_default();
        let number = same.iter().copied().find(|n| outcomes[*n as usize].is_of(link)).unwrap_or_else(|| {
            outcomes.push(Outcome { targets: link.targets.clone(), total: link.total, certainty: link.certainty, evidence: link.evidence });
            same.push(outcomes.len() as u32 - 1);
            outcomes.len() as u32 - 1
        });
        put(&mut bytes, link.usage.0.wrapping_sub(before));
        put(&mut bytes, number);
        before = link.usage.0;
    }
    let mut unlinked = Vec::with_capacity(links.unlinked.len() * 2);
    let mut before = 0;
    for (usage, cause) in &links.unlinked {
        put_change(&mut unlinked, before, usage.0);
        unlinked.push(*cause as u8);
        before = usage.0;
    }
    let wire = WireRef {
        outcomes: &outcomes,
        count: links.links.len() as u32,
        links: &bytes,
        unlinked: &unlinked,
        evidence: &links.evidence,
        imports: &links.imports,
        absent: &links.absent,
        bases: &links.bases,
        held: &links.held,
        crossings: &links.crossings,
        loose: &links.loose,
    };
    let (blob, sum) = blocks::pack(&wire)?;
    Ok(PackedLinks { blob, sum })
}

/// [`Wire`] borrowed; the fields must stand in the same order.
#[derive(Serialize)]
struct WireRef<'l> {
    outcomes: &'l [Outcome],
    count: u32,
    links: &'l Vec<u8>,
    unlinked: &'l Vec<u8>,
    evidence: &'l [Vec<Step>],
    imports: &'l [Vec<SymbolId>],
    absent: &'l [(u32, Cause)],
    bases: &'l [(SymbolId, SymbolId)],
    held: &'l [(SymbolId, SymbolId, UseId)],
    crossings: &'l [Crossing],
    loose: &'l [Loose],
}

/// The links of packed bytes.
pub(super) fn unpack_links(blob: &[u8], sum: i64) -> Result<FileLinks, StoreError> {
    let shape = || StoreError::Shape { what: "links" };
    let wire: Wire = blocks::unpack(blob, sum, "links")?;
    let mut input = Input::new(&wire.links);
    let mut links = Vec::with_capacity((wire.count as usize).min(wire.links.len()));
    let mut usage = 0u32;
    for _ in 0..wire.count {
        usage = usage.wrapping_add(input.number()?);
        let outcome = wire.outcomes.get(input.number()? as usize).ok_or_else(shape)?;
        let Outcome { targets, total, certainty, evidence } = outcome.clone();
        links.push(Link { usage: UseId(usage), targets, total, certainty, evidence });
    }
    let mut input = Input::new(&wire.unlinked);
    let mut unlinked = Vec::new();
    let mut usage = 0;
    while !input.is_done() {
        usage = input.change(usage)?;
        unlinked.push((UseId(usage), *Cause::ALL.get(input.byte()? as usize).ok_or_else(shape)?));
    }
    Ok(FileLinks {
        links,
        unlinked,
        evidence: wire.evidence,
        imports: wire.imports,
        absent: wire.absent,
        bases: wire.bases,
        held: wire.held,
        crossings: wire.crossings,
        loose: wire.loose,
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::{FileId, FileNo, SymbolNo, UnitId};

    #[test]
    fn links_come_back_as_they_were() {
        let symbol = |n| SymbolId { file: FileId { unit: UnitId(0), number: FileNo(n) }, number: SymbolNo(n * 3) };
        let link = |usage, n| Link { usage: UseId(usage), targets: vec![symbol(n), symbol(n + 1)], total: 2, certainty: Certainty::Inferred, evidence: n };
        let links = FileLinks {
            links: vec![link(1, 1), link(4, 1), link(900, 70_000)],
            unlinked: vec![(UseId(2), Cause::Unreadable), (UseId(3), Cause::UnitAbsent)],
            bases: vec![(symbol(1), symbol(2))],
            held: vec![(symbol(3), symbol(4), UseId(4))],
            ..FileLinks::default()
        };
        let packed = pack_links(&links).expect("packed");
        assert_eq!(unpack_links(&packed.blob, packed.sum).expect("whole"), links);
        assert!(matches!(unpack_links(&packed.blob, packed.sum + 1), Err(StoreError::Damaged { .. })));
        assert!(Cause::ALL.iter().enumerate().all(|(i, c)| *c as usize == i));
    }
}
