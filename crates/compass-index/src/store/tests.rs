//! Two backends, one behaviour; and the reader and the writer over either.

use super::backend::{Backend, Batch, Key, Unwanted};
use super::memory::Memory;
use super::{Generation, NameEntry, Reader, Runs, StoreError, Writer, pack_facts};
use crate::identity::Numbers;
use crate::{FileId, FileNo, SymbolId, SymbolNo, UnitId};
use compass_facts::{Facts, Flags, Kind};
use proptest::prelude::*;

fn file(number: u32) -> FileId {
    FileId { unit: UnitId(0), number: FileNo(number) }
}

/// Something written. Small numbers, so that keys meet.
#[derive(Debug, Clone)]
enum Step {
    Set(u8, u8),
    Overview(i64),
    Part(i64, i64),
    Facts(u32, u64),
    Links(u32, i64),
    Postings(i64, i64, Vec<u8>),
    Remove(u8, i64, i64),
    Settle,
}

fn step() -> impl Strategy<Value = Step> {
    let n = || 0i64..4;
    prop_oneof![
        (0u8..3, 0u8..9).prop_map(|(a, b)| Step::Set(a, b)),
        n().prop_map(Step::Overview),
        (n(), n()).prop_map(|(a, b)| Step::Part(a, b)),
        (0u32..3, 0u64..3).prop_map(|(a, b)| Step::Facts(a, b)),
        (0u32..3, n()).prop_map(|(a, b)| Step::Links(a, b)),
        (n(), 0i64..2, prop::collection::vec(0u8..3, 0..3)).prop_map(|(a, b, c)| Step::Postings(a, b, c)),
        (0u8..8, n(), n()).prop_map(|(a, b, c)| Step::Remove(a, b, c)),
        Just(Step::Settle),
    ]
}

fn take(to: &dyn Batch, step: &Step, number: usize) -> Result<usize, StoreError> {
    let bytes = number.to_be_bytes();
    let put = |key| to.put(key, number as i64, &bytes).map(|()| 0);
    match step {
        Step::Set(name, value) => to.set(&name.to_string(), &value.to_string()).map(|()| 0),
        Step::Overview(g) => put(Key::Overview(*g)),
        Step::Part(part, g) => put(Key::Part(*part, *g)),
        Step::Facts(f, hash) => put(Key::Facts(file(*f), *hash)),
        Step::Links(f, g) => put(Key::Links(file(*f), *g)),
        // A block is written once: its number is never used again.
        Step::Postings(run, family, first) => put(Key::Postings(*run, *family, first, number as i64)),
        Step::Remove(what, a, b) => to.remove(match what {
            0 => Unwanted::OverviewsBefore(*a),
            1 => Unwanted::PartsFrom(*a),
            2 => Unwanted::OtherParts(*a, *b),
            3 => Unwanted::Facts(file(*a as u32), *b as u64),
            4 => Unwanted::LinksOutside(*a, *b),
            5 => Unwanted::LinksBehind(file(*a as u32), *b),
            6 => Unwanted::Postings(*a),
            _ => return to.remove(Unwanted::OtherPostings(&[*a, *b])),
        }),
        Step::Settle => to.settle().map(|()| 0),
    }
}

/// Everything a backend says.
fn said(of: &dyn Backend) -> Vec<String> {
    let mut out = Vec::new();
    for name in 0..3 {
        out.push(format!("{:?}", of.value(&name.to_string()).expect("a value")));
    }
    for (a, b) in (0..4i64).flat_map(|a| (0..4i64).map(move |b| (a, b))) {
        let keys = [Key::Overview(a), Key::Part(a, b), Key::Facts(file(a as u32), b as u64), Key::Links(file(a as u32), b)];
        out.extend(keys.into_iter().map(|k| format!("{k:?}: {:?} {}", of.block(k).expect("read"), of.has(k).expect("read"))));
        out.push(format!("{:?}", of.newest_links(file(a as u32), b).expect("read")));
        of.each_postings(a, b, &mut |sum, bytes| {
            out.push(format!("{a} {b} {sum} {bytes:?}"));
            Ok(())
        })
        .expect("read");
        of.postings_back_from(a, b, &[1], &mut |first, sum, bytes| {
            out.push(format!("{a} {b} back {first:?} {sum} {bytes:?}"));
            Ok(first >= &[1][..])
        })
        .expect("read");
    }
    of.each_fact_key(&mut |file, hash| out.push(format!("{file:?} {hash}"))).expect("read");
    let mut blocks = Vec::new();
    of.each_block(&mut |what, sum, bytes| {
        blocks.push(format!("{what} {sum} {bytes:?}"));
        Ok(())
    })
    .expect("read");
    blocks.sort();
    out.extend(blocks);
    out
}

#[test]
fn a_backend_that_holds_more_takes_more_room() {
    let folder = tempfile::tempdir().expect("a folder");
    let (sqlite, _) = super::sqlite::open_or_make(&folder.path().join("index.sqlite")).expect("a store");
    for backend in [&sqlite as &dyn Backend, &Memory::default()] {
        let before = backend.size().expect("a size");
        let bytes = vec![7; 1 << 20];
        backend.write(&mut |to| to.put(Key::Overview(1), 0, &bytes)).expect("written");
        let more = backend.size().expect("a size") - before;
        assert!(((1 << 20)..(1 << 21)).contains(&more), "{more}");
    }
}

proptest! {
    #![proptest_config(ProptestConfig::with_cases(150))]

    #[test]
    fn backends_agree(pieces in prop::collection::vec((prop::collection::vec(step(), 0..8), any::<bool>()), 0..6)) {
        let folder = tempfile::tempdir().expect("a folder");
        let (sqlite, _) = super::sqlite::open_or_make(&folder.path().join("index.sqlite")).expect("a store");
        let memory = Memory::default();
        let mut number = 0;
        for (steps, fails) in &pieces {
            let mut gone = Vec::new();
            let from = number;
            for backend in [&sqlite as &dyn Backend, &memory] {
                number = from;
                let mut removed = 0;
                let done = backend.write(&mut |to| {
                    for step in steps {
                        number += 1;
                        removed += take(to, step, number)?;
                    }
                    if *fails { Err(StoreError::Damaged { what: "test" }) } else { Ok(()) }
                });
                prop_assert_eq!(done.is_err(), *fails);
                gone.push(removed);
            }
            prop_assert_eq!(gone[0], gone[1]);
            prop_assert_eq!(said(&sqlite), said(&memory));
        }
    }
}

/// A store with one generation of one file, one name and its facts.
fn written(mut writer: Writer) -> i64 {
    let generation = writer.begin().expect("room") + 1;
    let facts = Facts { lines: 7, ..Facts::default() };
    let packed = pack_facts(&facts, &Numbers::fresh(&facts)).expect("packed");
    writer.put_facts(&[(file(1), 5, packed.clone()), (file(1), 6, packed)]).expect("written");
    let symbol = SymbolId { file: file(1), number: SymbolNo(3) };
    let name = NameEntry { name: "turn".to_owned(), symbol, kind: Kind::Function, flags: Flags::default() };
    writer.put_names(generation, &mut std::iter::once(name)).expect("written");
    let row = super::FileRow {
        id: file(1),
        root: 0,
        path: "rack.c".to_owned(),
        raw_path: None,
        language: compass_facts::Language::TEXT,
        bytes: 3,
        lines: 7,
        mtime_ns: 1,
        inode: 1,
        reads_as_sibling: None,
        content: 5,
        hash: 5,
        provenance: crate::Provenance::ByHand,
        renumbered: false,
        layer: None,
    };
    let mut overview = Generation { files: vec![row], base: generation, names: generation, crossings: generation, ..Generation::default() };
    writer.finish(generation, &mut overview).expect("current");
    generation
}

#[test]
fn reader_and_writer_stand_on_any_backend() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("index.sqlite");
    let memory = Memory::default();
    let over_sqlite = written(Writer::open(&path).expect("a store").0);
    let over_memory = written(Writer::over(Box::new(memory.clone())));
    assert_eq!(over_sqlite, over_memory);
    for reader in [Reader::open(&path).expect("a store"), Reader::over(Box::new(memory))] {
        let (number, overview) = reader.current().expect("read").expect("a generation");
        assert_eq!((number, overview.files[0].path.as_str()), (over_sqlite, "rack.c"));
        let facts = reader.facts(file(1), 5).expect("read").expect("facts").unpack().expect("unpacked").0;
        assert_eq!(facts.lines, 7);
        assert!(reader.facts(file(1), 6).expect("read").is_none(), "a content that no generation has is forgotten");
        let mut named = Vec::new();
        reader.each_name(&Runs::of(number, &overview), &mut |name, symbol, _, _| named.push((name.to_owned(), symbol.number.0))).expect("read");
        assert_eq!(named, [("turn".to_owned(), 3)]);
        assert_eq!(reader.oldest_number().expect("read"), number);
    }
}
