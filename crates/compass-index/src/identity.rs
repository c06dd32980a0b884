//! Keeps symbol numbers over a change of their file.
//!
//! The definitions of a changed file are matched to the old ones by container path, name, kind and ordinal among equals.
//! Matched ones keep their number, new ones get the next free one, none is reused.

use crate::SymbolNo;
use compass_facts::{DefId, Facts, Kind};
use rustc_hash::FxHashMap;
use serde::{Deserialize, Serialize};

/// The numbers of a file's definitions, by position.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize, Deserialize)]
pub struct Numbers {
    /// By definition; empty means that every definition has its own position as number.
    by_definition: Vec<u32>,
    /// The next number nobody had.
    next: u32,
}

type Key<'f> = (Vec<&'f str>, &'f str, Kind, u32);

impl Numbers {
    /// Numbers for a file seen for the first time.
    pub fn fresh(facts: &Facts) -> Numbers {
        Numbers { by_definition: Vec::new(), next: facts.definitions.len() as u32 }
    }

    /// Numbers for `new`, which replaces `old`.
    pub fn matched(old: &Facts, numbers: &Numbers, new: &Facts) -> Numbers {
        let known: FxHashMap<Key, SymbolNo> = keys(old).into_iter().enumerate().map(|(i, k)| (k, numbers.number(DefId(i as u32)))).collect();
        let mut next = numbers.next;
        let mut take = || {
            next += 1;
            next - 1
        };
        let by_definition = keys(new).iter().map(|k| known.get(k).map_or_else(&mut take, |n| n.0)).collect();
        Numbers { by_definition, next }
    }

    /// The number of a definition.
    pub fn number(&self, def: DefId) -> SymbolNo {
        SymbolNo(if self.by_definition.is_empty() { def.0 } else { self.by_definition.get(def.index()).copied().unwrap_or(u32::MAX - 1) })
    }

    /// The definition with that number, if it still lives.
    pub fn find(&self, number: SymbolNo) -> Option<DefId> {
        if self.by_definition.is_empty() {
            return (number.0 < self.next).then_some(DefId(number.0));
        }
        self.by_definition.iter().position(|n| *n == number.0).map(|i| DefId(i as u32))
    }
}

fn keys(facts: &Facts) -> Vec<Key<'_>> {
    let mut seen: FxHashMap<(Vec<&str>, &str, Kind), u32> = FxHashMap::default();
    (0..facts.definitions.len())
        .map(|i| {
            let id = DefId(i as u32);
            let key = (facts.container_path(id), facts.def_name(id), facts.def(id).kind);
            let ordinal = seen.entry(key.clone()).or_default();
            *ordinal += 1;
            (key.0, key.1, key.2, *ordinal)
        })
        .collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_facts::{Cancel, Source, read};

    fn facts(text: &str) -> Facts {
        let source = Source::decode(text.as_bytes().to_vec()).expect("text");
        read(languages::PYTHON, &source, &Cancel::new()).expect("not cancelled")
    }

    fn number_of(facts: &Facts, numbers: &Numbers, name: &str) -> SymbolNo {
        let def = (0..facts.definitions.len() as u32).map(DefId).find(|d| facts.def_name(*d) == name).expect("defined");
        numbers.number(def)
    }

    #[test]
    fn moved_definitions_keep_their_numbers_and_new_ones_get_fresh_ones() {
        let old = facts("def turn(): pass\ndef rest(): pass\n");
        let numbers = Numbers::fresh(&old);
        let new = facts("def wash(): pass\ndef rest(): pass\ndef turn(): pass\n");
        let matched = Numbers::matched(&old, &numbers, &new);
        assert_eq!(number_of(&new, &matched, "turn"), number_of(&old, &numbers, "turn"));
        assert_eq!(number_of(&new, &matched, "rest"), number_of(&old, &numbers, "rest"));
        assert_eq!(number_of(&new, &matched, "wash"), SymbolNo(2));
    }

    #[test]
    fn numbers_of_removed_definitions_are_not_reused() {
        let first = facts("def turn(): pass\n");
        let second = facts("x = 1\n");
        let third = facts("def turn(): pass\n");
        let a = Numbers::fresh(&first);
        let b = Numbers::matched(&first, &a, &second);
        let c = Numbers::matched(&second, &b, &third);
        assert_eq!(number_of(&third, &c, "turn"), SymbolNo(2));
        assert_eq!(c.find(SymbolNo(0)), None);
    }
}
