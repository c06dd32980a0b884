//! What a unit means by the name of another, and which units it can mean at all.
//!
//! Units whose needs are all known (a lock file says them) see themselves, the workspace's own units if they are one of them, and what
//! they reach by what they need. Others see everything: nobody said what they use.

use crate::store::UnitRow;
use rustc_hash::FxHashMap;

/// Needs of all units; see the module.
#[derive(Default)]
pub struct Needs {
    named: FxHashMap<(u32, String), u32>,
    /// By unit, a bit for each unit that is seen.
    seen: Vec<Option<Vec<u64>>>,
}

impl Needs {
    pub fn new(units: &[UnitRow]) -> Needs {
        let mut out = Needs::default();
        if units.iter().all(|u| u.needs.is_empty() && !u.knows_needs) {
            return out;
        }
        for (i, unit) in units.iter().enumerate() {
            for (name, to) in &unit.needs {
                out.named.entry((i as u32, name.clone())).or_insert(to.0);
            }
        }
        let own: Vec<u32> = units.iter().filter(|u| u.own).map(|u| u.id.0).collect();
        out.seen = units.iter().map(|u| u.knows_needs.then(|| reached(units, u, &own))).collect();
        out
    }

    /// The unit that a unit means by a name.
    pub fn named(&self, unit: u32, name: &str) -> Option<u32> {
        if self.named.is_empty() {
            return None;
        }
        self.named.get(&(unit, name.to_owned())).copied()
    }

    /// Can code of the one unit mean something of the other?
    pub fn sees(&self, from: u32, to: u32) -> bool {
        let bits = self.seen.get(from as usize).and_then(Option::as_ref);
        bits.is_none_or(|bits| bits[to as usize / 64] & 1 << (to % 64) != 0)
    }

    /// Do units differ in what they see?
    pub fn matter(&self) -> bool {
        !self.seen.is_empty()
    }
}

fn reached(units: &[UnitRow], unit: &UnitRow, own: &[u32]) -> Vec<u64> {
    let mut bits = vec![0u64; units.len().div_ceil(64)];
    let mut open = vec![unit.id.0];
    let mut mark = |at: u32| {
        let (word, bit) = (at as usize / 64, 1 << (at % 64));
        let is_new = bits[word] & bit == 0;
        bits[word] |= bit;
        is_new
    };
    mark(unit.id.0);
    while let Some(at) = open.pop() {
        open.extend(units[at as usize].needs.iter().map(|n| n.1.0).filter(|to| mark(*to)));
    }
    if unit.own {
        own.iter().for_each(|o| {
            mark(*o);
        });
    }
    bits
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::UnitId;

    fn unit(id: u32, own: bool, knows_needs: bool, needs: &[(&str, u32)]) -> UnitRow {
        let needs = needs.iter().map(|(n, to)| ((*n).to_owned(), UnitId(*to))).collect();
        UnitRow {
            id: UnitId(id),
            name: format!("u{id}"),
            version: String::new(),
            ecosystem: "cargo".to_owned(),
            root: 0,
            home: String::new(),
            dir: String::new(),
            own,
            entries: Vec::new(),
            needs,
            knows_needs,
        }
    }

    #[test]
    fn units_see_what_they_reach() {
        let units = [
            unit(0, true, true, &[("rack", 2)]),
            unit(1, true, true, &[("rack", 4)]),
            unit(2, false, true, &[("salt", 3), ("back", 2)]),
            unit(3, false, true, &[]),
            unit(4, false, true, &[]),
            unit(5, true, false, &[]),
        ];
        let needs = Needs::new(&units);
        assert_eq!((needs.named(0, "rack"), needs.named(1, "rack"), needs.named(0, "salt")), (Some(2), Some(4), None));
        let seen = |from: u32| (0..6).filter(|to| needs.sees(from, *to)).collect::<Vec<_>>();
        assert_eq!(seen(0), [0, 1, 2, 3, 5], "itself, the own units, what it needs and what that needs");
        assert_eq!(seen(1), [0, 1, 4, 5]);
        assert_eq!(seen(2), [2, 3], "nothing of the workspace");
        assert_eq!(seen(5), [0, 1, 2, 3, 4, 5], "nobody said what it uses");
    }

    #[test]
    fn without_lock_files_all_units_see_all() {
        let needs = Needs::new(&[unit(0, true, false, &[]), unit(1, false, false, &[])]);
        assert!(!needs.matter() && needs.sees(1, 0));
    }
}
