//! Blocks of postings as bytes: differences to the entry before, names without what they share with it.

use super::StoreError;
use super::blocks::{DependencyEntry, ImportEntry, NameEntry, UseEntry};
use crate::{Certainty, FileId, FileNo, SymbolId, SymbolNo, UnitId};
use compass_facts::{Flags, Kind, Role};

const SHAPE: StoreError = StoreError::Shape { what: "postings" };

/// Appends a number, seven bits a byte.
pub(super) fn put(out: &mut Vec<u8>, mut n: u32) {
    while n >= 0x80 {
        out.push(n as u8 | 0x80);
        n >>= 7;
    }
    out.push(n as u8);
}

/// Appends the difference of two numbers, small ones in one byte whatever their sign.
pub(super) fn put_change(out: &mut Vec<u8>, from: u32, to: u32) {
    let delta = to.wrapping_sub(from) as i32;
    put(out, (delta << 1 ^ delta >> 31) as u32);
}

/// Reads what [`put`] and [`put_change`] wrote.
pub(super) struct Input<'b> {
    bytes: &'b [u8],
    at: usize,
}

impl<'b> Input<'b> {
    pub(super) fn new(bytes: &'b [u8]) -> Self {
        Input { bytes, at: 0 }
    }

    pub(super) fn is_done(&self) -> bool {
        self.at >= self.bytes.len()
    }

    pub(super) fn byte(&mut self) -> Result<u8, StoreError> {
        // An error made beforehand would be dropped for each byte.
        let Some(&byte) = self.bytes.get(self.at) else { return Err(SHAPE) };
        self.at += 1;
        Ok(byte)
    }

    pub(super) fn number(&mut self) -> Result<u32, StoreError> {
        let mut n = 0u32;
        for shift in (0..35).step_by(7) {
            let byte = self.byte()?;
            n |= u32::from(byte & 0x7f).checked_shl(shift).unwrap_or(0);
            if byte & 0x80 == 0 {
                return Ok(n);
            }
        }
        Err(SHAPE)
    }

    pub(super) fn change(&mut self, from: u32) -> Result<u32, StoreError> {
        let n = self.number()?;
        Ok(from.wrapping_add((n >> 1) ^ (n & 1).wrapping_neg()))
    }

    fn take(&mut self, count: usize) -> Result<&'b [u8], StoreError> {
        let Some(part) = self.bytes.get(self.at..self.at.saturating_add(count)) else { return Err(SHAPE) };
        self.at += count;
        Ok(part)
    }
}

/// A symbol after another.
fn put_symbol(out: &mut Vec<u8>, before: SymbolId, symbol: SymbolId) {
    put_change(out, before.file.unit.0, symbol.file.unit.0);
    put_change(out, before.file.number.0, symbol.file.number.0);
    put_change(out, before.number.0, symbol.number.0);
}

fn symbol(input: &mut Input, before: SymbolId) -> Result<SymbolId, StoreError> {
    let unit = UnitId(input.change(before.file.unit.0)?);
    let number = FileNo(input.change(before.file.number.0)?);
    Ok(SymbolId { file: FileId { unit, number }, number: SymbolNo(input.change(before.number.0)?) })
}

const ORIGIN: SymbolId = SymbolId { file: FileId { unit: UnitId(0), number: FileNo(0) }, number: SymbolNo(0) };

pub(super) fn names_out(entries: &[NameEntry]) -> Vec<u8> {
    let mut out = Vec::with_capacity(entries.len() * 16);
    let (mut name, mut before) = ("", ORIGIN);
    for entry in entries {
        let shared = name.bytes().zip(entry.name.bytes()).take_while(|(a, b)| a == b).count();
        put(&mut out, shared as u32);
        put(&mut out, (entry.name.len() - shared) as u32);
        out.extend_from_slice(&entry.name.as_bytes()[shared..]);
        put_symbol(&mut out, before, entry.symbol);
        out.push(entry.kind.number());
        put(&mut out, u32::from(entry.flags.0));
        (name, before) = (&entry.name, entry.symbol);
    }
    out
}

pub(super) fn names_in(bytes: &[u8]) -> Result<Vec<NameEntry>, StoreError> {
    let mut out: Vec<NameEntry> = Vec::new();
    each_name(bytes, &mut |name, symbol, kind, flags| out.push(NameEntry { name: name.to_owned(), symbol, kind, flags }))?;
    Ok(out)
}

/// Appends the entries of one name; the block is sorted, so what comes after it is not looked at.
pub(super) fn pick_names(bytes: &[u8], key: &[u8], out: &mut Vec<NameEntry>) -> Result<(), StoreError> {
    walk_names(bytes, &mut |name, symbol, kind, flags| {
        if name == key {
            let name = std::str::from_utf8(name).map_err(|_| SHAPE)?.to_owned();
            out.push(NameEntry { name, symbol, kind, flags });
        }
        Ok(name <= key)
    })
}

/// Goes through a block without keeping it.
pub(super) fn each_name(bytes: &[u8], visit: &mut dyn FnMut(&str, SymbolId, Kind, Flags)) -> Result<(), StoreError> {
    walk_names(bytes, &mut |name, symbol, kind, flags| {
        visit(std::str::from_utf8(name).map_err(|_| SHAPE)?, symbol, kind, flags);
        Ok(true)
    })
}

/// Told a name and what it names; says whether to go on.
type VisitName<'v> = dyn FnMut(&[u8], SymbolId, Kind, Flags) -> Result<bool, StoreError> + 'v;

/// Goes through a block until `visit` has seen enough.
fn walk_names(bytes: &[u8], visit: &mut VisitName) -> Result<(), StoreError> {
    let mut input = Input::new(bytes);
    let mut name: Vec<u8> = Vec::new();
    let mut before = ORIGIN;
    while !input.is_done() {
        let shared = input.number()? as usize;
        let further = input.number()? as usize;
        name.truncate(shared);
        name.extend_from_slice(input.take(further)?);
        before = symbol(&mut input, before)?;
        let kind = Kind::from_number(input.byte()?).ok_or(SHAPE)?;
        let flags = Flags(u16::try_from(input.number()?).map_err(|_| SHAPE)?);
        if !visit(&name, before, kind, flags)? {
            break;
        }
    }
    Ok(())
}

const FIRST: u8 = 32;
const ENCLOSED: u8 = 64;
const SAME_TARGET: u8 = 128;

/// Writes uses one after the other; keeps what the next one is told from.
pub(super) struct UseCodec {
    target: SymbolId,
    file: FileId,
    usage: u32,
    enclosing: u32,
    begun: bool,
}

impl UseCodec {
    pub(super) fn new() -> Self {
        UseCodec { target: ORIGIN, file: ORIGIN.file, usage: 0, enclosing: 0, begun: false }
    }

    pub(super) fn put(&mut self, entry: &UseEntry, out: &mut Vec<u8>) {
        let same = self.begun && entry.target == self.target;
        let mut marks = entry.role.number() | (entry.certainty.number()) << 3;
        marks |= if entry.first { FIRST } else { 0 } | if entry.enclosing.is_some() { ENCLOSED } else { 0 } | if same { SAME_TARGET } else { 0 };
        out.push(marks);
        if !same {
            put_symbol(out, self.target, entry.target);
            self.target = entry.target;
        }
        put_change(out, self.file.unit.0, entry.file.unit.0);
        put_change(out, self.file.number.0, entry.file.number.0);
        if entry.file != self.file {
            self.usage = 0;
        }
        put_change(out, self.usage, entry.usage);
        if let Some(enclosing) = entry.enclosing {
            put_change(out, self.enclosing, enclosing.0);
            self.enclosing = enclosing.0;
        }
        (self.file, self.usage, self.begun) = (entry.file, entry.usage, true);
    }

    pub(super) fn take(&mut self, input: &mut Input) -> Result<UseEntry, StoreError> {
        let marks = input.byte()?;
        if marks & SAME_TARGET == 0 {
            self.target = symbol(input, self.target)?;
        }
        let unit = UnitId(input.change(self.file.unit.0)?);
        let file = FileId { unit, number: FileNo(input.change(self.file.number.0)?) };
        if file != self.file {
            self.usage = 0;
        }
        self.file = file;
        self.usage = input.change(self.usage)?;
        let enclosing = if marks & ENCLOSED != 0 {
            self.enclosing = input.change(self.enclosing)?;
            Some(SymbolNo(self.enclosing))
        } else {
            None
        };
        let role = Role::from_number(marks & 7).ok_or(SHAPE)?;
        let certainty = Certainty::from_number(marks >> 3 & 3).ok_or(SHAPE)?;
        Ok(UseEntry { target: self.target, file, usage: self.usage, role, certainty, first: marks & FIRST != 0, enclosing })
    }
}

pub(super) fn uses_out(entries: &[UseEntry]) -> Vec<u8> {
    let mut out = Vec::with_capacity(entries.len() * 8);
    let mut codec = UseCodec::new();
    entries.iter().for_each(|e| codec.put(e, &mut out));
    out
}

/// Appends the uses of one target; the block is sorted, so what comes after it is not looked at.
pub(super) fn pick_uses(bytes: &[u8], key: &[u8], out: &mut Vec<UseEntry>) -> Result<(), StoreError> {
    let Some(target) = SymbolId::of_key(key) else { return Ok(()) };
    let (mut input, mut codec) = (Input::new(bytes), UseCodec::new());
    while !input.is_done() {
        let entry = codec.take(&mut input)?;
        if entry.target == target {
            out.push(entry);
        } else if entry.target > target {
            break;
        }
    }
    Ok(())
}

pub(super) fn uses_in(bytes: &[u8]) -> Result<Vec<UseEntry>, StoreError> {
    let (mut input, mut codec, mut out) = (Input::new(bytes), UseCodec::new(), Vec::new());
    while !input.is_done() {
        out.push(codec.take(&mut input)?);
    }
    Ok(out)
}

pub(super) fn dependencies_out(entries: &[DependencyEntry]) -> Vec<u8> {
    let mut out = Vec::with_capacity(entries.len() * 3);
    let (mut name, mut file) = (0, ORIGIN.file);
    for entry in entries {
        put(&mut out, entry.name.wrapping_sub(name));
        put_change(&mut out, file.unit.0, entry.file.unit.0);
        put_change(&mut out, file.number.0, entry.file.number.0);
        (name, file) = (entry.name, entry.file);
    }
    out
}

pub(super) fn dependencies_in(bytes: &[u8]) -> Result<Vec<DependencyEntry>, StoreError> {
    let mut input = Input::new(bytes);
    let (mut name, mut file, mut out) = (0u32, ORIGIN.file, Vec::new());
    while !input.is_done() {
        name = name.wrapping_add(input.number()?);
        file = FileId { unit: UnitId(input.change(file.unit.0)?), number: FileNo(input.change(file.number.0)?) };
        out.push(DependencyEntry { name, file });
    }
    Ok(out)
}

pub(super) fn imports_out(entries: &[ImportEntry]) -> Vec<u8> {
    let mut out = Vec::with_capacity(entries.len() * 5);
    let (mut target, mut file) = (ORIGIN.file, ORIGIN.file);
    for entry in entries {
        for (from, to) in [(target, entry.target), (file, entry.file)] {
            put_change(&mut out, from.unit.0, to.unit.0);
            put_change(&mut out, from.number.0, to.number.0);
        }
        put(&mut out, entry.import);
        (target, file) = (entry.target, entry.file);
    }
    out
}

pub(super) fn imports_in(bytes: &[u8]) -> Result<Vec<ImportEntry>, StoreError> {
    let mut out = Vec::new();
    each_import(bytes, &mut |entry| out.push(entry))?;
    Ok(out)
}

pub(super) fn each_import(bytes: &[u8], visit: &mut dyn FnMut(ImportEntry)) -> Result<(), StoreError> {
    let mut input = Input::new(bytes);
    let (mut target, mut file) = (ORIGIN.file, ORIGIN.file);
    while !input.is_done() {
        target = FileId { unit: UnitId(input.change(target.unit.0)?), number: FileNo(input.change(target.number.0)?) };
        file = FileId { unit: UnitId(input.change(file.unit.0)?), number: FileNo(input.change(file.number.0)?) };
        visit(ImportEntry { target, file, import: input.number()? });
    }
    Ok(())
}

#[cfg(test)]
mod tests {
    use super::*;

    fn id(unit: u32, file: u32, number: u32) -> SymbolId {
        SymbolId { file: FileId { unit: UnitId(unit), number: FileNo(file) }, number: SymbolNo(number) }
    }

    #[test]
    fn names_come_back() {
        let names = ["", "turn", "turn_wheel", "turns", "wärme"];
        let entry = |(i, n): (usize, &&str)| NameEntry {
            name: (*n).to_owned(),
            symbol: id(i as u32 % 2, 70_000 * i as u32, 9),
            kind: Kind::ALL[i],
            flags: Flags(i as u16 * 700),
        };
        let entries: Vec<NameEntry> = names.iter().enumerate().map(entry).collect();
        assert_eq!(names_in(&names_out(&entries)).expect("whole"), entries);
    }

    #[test]
    fn one_key_is_picked_out_of_a_block() {
        let entry = |target: u32, file: u32| UseEntry {
            target: id(0, target, 3),
            file: FileId { unit: UnitId(0), number: FileNo(file) },
            usage: file * 7,
            role: Role::Call,
            certainty: Certainty::Proven,
            first: true,
            enclosing: None,
        };
        let entries: Vec<UseEntry> = [(1, 4), (1, 9), (5, 2), (5, 3), (8, 1)].map(|(t, f)| entry(t, f)).to_vec();
        let bytes = uses_out(&entries);
        for target in [0, 1, 5, 6, 8, 9] {
            let mut found = Vec::new();
            pick_uses(&bytes, &id(0, target, 3).to_key(), &mut found).expect("whole");
            let wanted: Vec<UseEntry> = entries.iter().copied().filter(|e| e.target == id(0, target, 3)).collect();
            assert_eq!(found, wanted, "{target}");
        }
        let name = |name: &str, n: u32| NameEntry { name: name.to_owned(), symbol: id(0, n, 0), kind: Kind::ALL[0], flags: Flags(0) };
        let entries = [name("turn", 1), name("turn", 2), name("turns", 0)];
        for wanted in ["tur", "turn", "turns", "z"] {
            let mut found = Vec::new();
            pick_names(&names_out(&entries), wanted.as_bytes(), &mut found).expect("whole");
            assert!(found.iter().eq(entries.iter().filter(|e| e.name == wanted)), "{wanted}");
        }
    }

    proptest::proptest! {
        #[test]
        fn uses_come_back(raw in proptest::collection::vec((0u32..3, 0u32..90_000, 0u32..400, 0u32..90_000, 0u32..1_000_000, 0u8..7, 0u8..3, proptest::option::of(0u32..500)), 0..200)) {
            let entry = |r: (u32, u32, u32, u32, u32, u8, u8, Option<u32>)| UseEntry {
                target: id(r.0, r.1, r.2),
                file: FileId { unit: UnitId(0), number: FileNo(r.3) },
                usage: r.4,
                role: Role::from_number(r.5).expect("a role"),
                certainty: Certainty::from_number(r.6).expect("a certainty"),
                first: r.4.is_multiple_of(2),
                enclosing: r.7.map(SymbolNo),
            };
            let entries: Vec<UseEntry> = raw.into_iter().map(entry).collect();
            proptest::prop_assert_eq!(uses_in(&uses_out(&entries)).expect("whole"), entries);
        }

        #[test]
        fn imports_come_back(raw in proptest::collection::vec((0u32..3, 0u32..=u32::MAX, 0u32..3, 0u32..=u32::MAX, 0u32..=u32::MAX), 0..100)) {
            let entry = |(u, t, v, f, import): (u32, u32, u32, u32, u32)| ImportEntry { target: id(u, t, 0).file, file: id(v, f, 0).file, import };
            let entries: Vec<ImportEntry> = raw.into_iter().map(entry).collect();
            proptest::prop_assert_eq!(imports_in(&imports_out(&entries)).expect("whole"), entries);
        }

        #[test]
        fn dependencies_names_come_back(raw in proptest::collection::vec((0u32..=u32::MAX, 0u32..3, 0u32..=u32::MAX), 0..100)) {
            let mut entries: Vec<DependencyEntry> =
                raw.into_iter().map(|(name, unit, number)| DependencyEntry { name, file: FileId { unit: UnitId(unit), number: FileNo(number) } }).collect();
            entries.sort_unstable();
            proptest::prop_assert_eq!(dependencies_in(&dependencies_out(&entries)).expect("whole"), entries);
        }

        #[test]
        fn any_bytes_are_read_without_panic(bytes in proptest::collection::vec(0u8..=255, 0..200)) {
            let _ = uses_in(&bytes);
            let _ = names_in(&bytes);
            let _ = dependencies_in(&bytes);
            let _ = imports_in(&bytes);
        }
    }
}
