//! Packages with all they reach, told in a way that every workspace of a machine tells alike.
//!
//! # How it works
//! What the names of a package's code mean hangs on the package, on what its names for others stand for, on what these mean by theirs,
//! and so on: its closure. Its units are numbered as a walk over their needs, by name, comes to them; the key of the closure is a
//! hash over these units (name, version, the content of all files) and over who needs whom by which name. So two workspaces with the
//! same exact versions behind a package have the same key, and with another version of one of them another key. A symbol is told as
//! (number of the unit, place of the file among its files by path, place of the definition).
//!
//! # Not here
//! Units that may mean anything (nobody said what they need), and files of C, whose meaning hangs on who includes them.

use crate::link::FileInput;
use crate::store::UnitRow;
use crate::{FileId, FileNo, SymbolId, SymbolNo, UnitId};
use compass_facts::DefId;
use rustc_hash::FxHashMap;
use xxhash_rust::xxh3::Xxh3;

/// Sources that decide what links say; see `build.rs`.
const LINKING: &str = env!("COMPASS_LINKING");

/// What a package's links hang on.
pub(super) struct Closure {
    /// What tells it from others.
    pub(super) key: [u8; 16],
    units: Vec<u32>,
    numbers: FxHashMap<u32, u32>,
}

/// The closures of all packages.
pub(super) struct Closures<'i> {
    inputs: &'i [FileInput],
    /// By unit.
    closures: Vec<Option<Closure>>,
    /// By unit: positions of its files, by path.
    files: Vec<Vec<u32>>,
    /// Place of a file among those of its unit.
    places: FxHashMap<FileId, u32>,
}

impl<'i> Closures<'i> {
    pub(super) fn new(units: &[UnitRow], inputs: &'i [FileInput]) -> Closures<'i> {
        let mut files: Vec<Vec<u32>> = vec![Vec::new(); units.len()];
        for (i, input) in inputs.iter().enumerate() {
            files[input.id.unit.0 as usize].push(i as u32);
        }
        let mut places = FxHashMap::default();
        for list in &mut files {
            list.sort_by_key(|i| inputs[*i as usize].path.as_str());
            places.extend(list.iter().enumerate().map(|(place, i)| (inputs[*i as usize].id, place as u32)));
        }
        let contents: Vec<u128> = units.iter().zip(&files).map(|(unit, files)| content(unit, files, inputs)).collect();
        let is_package = |u: &UnitRow| !u.own && u.knows_needs && !files[u.id.0 as usize].is_empty();
        let closures = units.iter().map(|u| is_package(u).then(|| closure(units, u, &contents))).collect();
        Closures { inputs, closures, files, places }
    }

    /// The closure of a file's package; none for files whose links are not carried.
    pub(super) fn of(&self, file: usize) -> Option<&Closure> {
        let input = &self.inputs[file];
        self.closures[input.id.unit.0 as usize].as_ref().filter(|_| input.language.is_read() && !crate::link::hangs_on_includes(input.language))
    }

    /// The place of a file among those of its package.
    pub(super) fn place(&self, file: usize) -> u32 {
        self.places[&self.inputs[file].id]
    }

    /// All closures with the units they are of.
    pub(super) fn iter(&self) -> impl Iterator<Item = (u32, &Closure)> {
        self.closures.iter().enumerate().filter_map(|(unit, c)| Some((unit as u32, c.as_ref()?)))
    }

    /// A symbol as all workspaces tell it; `None` beyond the closure.
    pub(super) fn told(&self, closure: &Closure, symbol: SymbolId) -> Option<SymbolId> {
        let unit = *closure.numbers.get(&symbol.file.unit.0)?;
        let place = *self.places.get(&symbol.file)?;
        let numbers = &self.inputs[self.files[symbol.file.unit.0 as usize][place as usize] as usize].numbers;
        let number = if symbol.is_module() { symbol.number } else { SymbolNo(numbers.find(symbol.number)?.0) };
        Some(SymbolId { file: FileId { unit: UnitId(unit), number: FileNo(place) }, number })
    }

    /// The symbol that is told so.
    pub(super) fn meant(&self, closure: &Closure, told: SymbolId) -> Option<SymbolId> {
        let unit = *closure.units.get(told.file.unit.0 as usize)?;
        let input = &self.inputs[*self.files[unit as usize].get(told.file.number.0 as usize)? as usize];
        let number = if told.is_module() { told.number } else { input.numbers.number(DefId(told.number.0)) };
        Some(SymbolId { file: input.id, number })
    }
}

/// A hash of what a unit is by itself.
fn content(unit: &UnitRow, files: &[u32], inputs: &[FileInput]) -> u128 {
    let mut hasher = Xxh3::new();
    let mut put = |bytes: &[u8]| {
        hasher.update(&(bytes.len() as u64).to_le_bytes());
        hasher.update(bytes);
    };
    [unit.ecosystem.as_str(), &unit.name, &unit.version].into_iter().chain(unit.entries.iter().map(String::as_str)).for_each(|t| put(t.as_bytes()));
    for input in files.iter().map(|i| &inputs[*i as usize]) {
        put(input.path.strip_prefix(&unit.dir).unwrap_or(&input.path).as_bytes());
        put(input.language.word().as_bytes());
        put(&input.language.makers_version().to_le_bytes());
        put(&input.hash.to_le_bytes());
    }
    hasher.digest128()
}

fn closure(units: &[UnitRow], of: &UnitRow, contents: &[u128]) -> Closure {
    let mut order = vec![of.id.0];
    let mut numbers: FxHashMap<u32, u32> = std::iter::once((of.id.0, 0)).collect();
    let mut hasher = Xxh3::new();
    hasher.update(LINKING.as_bytes());
    let mut next = 0;
    while let Some(&at) = order.get(next) {
        next += 1;
        hasher.update(&contents[at as usize].to_le_bytes());
        let mut needs: Vec<&(String, UnitId)> = units[at as usize].needs.iter().collect();
        // Of several that one name may mean the first counts.
        needs.sort_by(|a, b| a.0.cmp(&b.0));
        for (name, to) in needs {
            let number = *numbers.entry(to.0).or_insert_with(|| {
                order.push(to.0);
                order.len() as u32 - 1
            });
            hasher.update(&(name.len() as u64).to_le_bytes());
            hasher.update(name.as_bytes());
            hasher.update(&number.to_le_bytes());
        }
    }
    Closure { key: hasher.digest128().to_le_bytes(), units: order, numbers }
}
