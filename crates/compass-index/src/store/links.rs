//! Links of a file as bytes: what several uses share is written once.

use super::columns::{Input, put, put_change};
use super::{StoreError, blocks};
use crate::{Cause, Certainty, Crossing, FileLinks, Link, Loose, SymbolId, evidence::Chain};
use compass_facts::UseId;
use serde::{Deserialize, Serialize};

#[derive(Serialize, Deserialize)]
struct Wire<'b> {
    links: Vec<Link>,
    count: u32,
    of_uses: &'b [u8],
    unlinked: &'b [u8],
    evidence: Vec<Chain>,
    imports: Vec<Vec<SymbolId>>,
    absent: Vec<(u32, Cause)>,
    bases: Vec<(SymbolId, SymbolId, Certainty)>,
    members: Vec<(SymbolId, SymbolId)>,
    declared: Vec<(SymbolId, SymbolId)>,
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
    let mut of_uses = Vec::with_capacity(links.of_uses.len() * 3);
    let mut before = 0;
    for (usage, link) in &links.of_uses {
        put(&mut of_uses, usage.0.wrapping_sub(before));
        put(&mut of_uses, *link);
        before = usage.0;
    }
    let mut unlinked = Vec::with_capacity(links.unlinked.len() * 2);
    let mut before = 0;
    for (usage, cause) in &links.unlinked {
        put_change(&mut unlinked, before, usage.0);
        unlinked.push(cause.number());
        before = usage.0;
    }
    let wire = WireRef {
        links: &links.links,
        count: links.of_uses.len() as u32,
        of_uses: &of_uses,
        unlinked: &unlinked,
        evidence: &links.evidence,
        imports: &links.imports,
        absent: &links.absent,
        bases: &links.bases,
        members: &links.members,
        declared: &links.declared,
        crossings: &links.crossings,
        loose: &links.loose,
    };
    let (blob, sum) = blocks::pack(&wire)?;
    Ok(PackedLinks { blob, sum })
}

/// [`Wire`] borrowed; the fields must stand in the same order.
#[derive(Serialize)]
struct WireRef<'l> {
    links: &'l [Link],
    count: u32,
    of_uses: &'l [u8],
    unlinked: &'l [u8],
    evidence: &'l [Chain],
    imports: &'l [Vec<SymbolId>],
    absent: &'l [(u32, Cause)],
    bases: &'l [(SymbolId, SymbolId, Certainty)],
    members: &'l [(SymbolId, SymbolId)],
    declared: &'l [(SymbolId, SymbolId)],
    crossings: &'l [Crossing],
    loose: &'l [Loose],
}

/// The links of packed bytes.
pub(super) fn unpack_links(blob: &[u8], sum: i64) -> Result<FileLinks, StoreError> {
    let shape = || StoreError::Shape { what: "links" };
    blocks::with_unpacked(blob, sum, "links", |bytes| links_in(postcard::from_bytes(bytes).map_err(|_| shape())?))
}

fn links_in(wire: Wire) -> Result<FileLinks, StoreError> {
    let shape = || StoreError::Shape { what: "links" };
    let mut input = Input::new(wire.of_uses);
    let mut of_uses = Vec::with_capacity((wire.count as usize).min(wire.of_uses.len()));
    let mut usage = 0u32;
    for _ in 0..wire.count {
        usage = usage.wrapping_add(input.number()?);
        let link = input.number()?;
        if link as usize >= wire.links.len() {
            return Err(shape());
        }
        of_uses.push((UseId(usage), link));
    }
    let mut input = Input::new(wire.unlinked);
    let mut unlinked = Vec::new();
    let mut usage = 0;
    while !input.is_done() {
        usage = input.change(usage)?;
        unlinked.push((UseId(usage), Cause::from_number(input.byte()?).ok_or_else(shape)?));
    }
    Ok(FileLinks {
        of_uses,
        links: wire.links,
        unlinked,
        evidence: wire.evidence,
        imports: wire.imports,
        absent: wire.absent,
        bases: wire.bases,
        members: wire.members,
        declared: wire.declared,
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
        let link = |n| Link { targets: [symbol(n), symbol(n + 1)].into_iter().collect(), total: 2, certainty: Certainty::Inferred, evidence: n };
        let links = FileLinks {
            of_uses: vec![(UseId(1), 1), (UseId(4), 1), (UseId(900), 0)],
            links: vec![link(1), link(70_000)],
            unlinked: vec![(UseId(2), Cause::Unreadable), (UseId(3), Cause::UnitAbsent)],
            bases: vec![(symbol(1), symbol(2), Certainty::Inferred)],
            members: vec![(symbol(1), symbol(7))],
            declared: vec![(symbol(5), symbol(6))],
            ..FileLinks::default()
        };
        let packed = pack_links(&links).expect("packed");
        assert_eq!(unpack_links(&packed.blob, packed.sum).expect("whole"), links);
        assert!(matches!(unpack_links(&packed.blob, packed.sum + 1), Err(StoreError::Damaged { .. })));
        let broken = FileLinks { of_uses: vec![(UseId(1), 2)], ..links };
        let packed = pack_links(&broken).expect("packed");
        assert!(matches!(unpack_links(&packed.blob, packed.sum), Err(StoreError::Shape { .. })), "a link that is not there");
        assert!(Cause::ALL.iter().enumerate().all(|(i, c)| *c as usize == i));
    }
}
