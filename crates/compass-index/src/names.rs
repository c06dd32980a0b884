//! All distinct names of an index, packed for search by fragments.

/// Distinct names in order, each with a mask of its letters.
#[derive(Debug, Default)]
pub struct Names {
    text: String,
    ends: Vec<u32>,
    masks: Vec<u64>,
    /// The same text in small letters, for search.
    lower: String,
    /// Letters that begin words, as in the masks.
    starts: Vec<u64>,
    /// How common each byte is among names, in small letters: prose is another matter.
    ranks: std::sync::OnceLock<Ranks>,
}

/// 255 for the most common byte.
#[derive(Debug)]
struct Ranks([u8; 256]);

impl Ranks {
    fn of(text: &[u8]) -> Ranks {
        // A sample will do: a byte here and there.
        let step = (text.len() / 65_536).max(1);
        let mut counts = [0u32; 256];
        text.iter().step_by(step).for_each(|b| counts[*b as usize] += 1);
        let most = counts.iter().copied().max().unwrap_or(0).max(1);
        Ranks(counts.map(|c| (u64::from(c) * 255 / u64::from(most)) as u8))
    }
}

impl memchr::arch::all::packedpair::HeuristicFrequencyRank for &Ranks {
    fn rank(&self, byte: u8) -> u8 {
        self.0[byte as usize]
    }
}

impl Names {
    /// Adds a name; they come sorted, and the same one again is passed over.
    pub fn add(&mut self, name: &str) {
        if self.ends.is_empty() || self.get(self.ends.len() - 1) != name {
            self.text.push_str(name);
            self.ends.push(self.text.len() as u32);
            self.masks.push(mask(name));
            self.starts.push(starts(name));
            self.lower.extend(name.chars().map(|c| c.to_ascii_lowercase()));
        }
    }

    /// How many there are.
    pub fn len(&self) -> usize {
        self.ends.len()
    }

    /// Is there none?
    pub fn is_empty(&self) -> bool {
        self.ends.is_empty()
    }

    /// The name at a position; empty beyond the last.
    pub fn get(&self, i: usize) -> &str {
        let start = if i == 0 { 0 } else { self.ends.get(i - 1).copied().unwrap_or(0) };
        let end = self.ends.get(i).copied().unwrap_or(start);
        self.text.get(start as usize..end as usize).unwrap_or("")
    }

    /// How long the name at a position is, in bytes.
    pub fn length(&self, i: usize) -> usize {
        let start = i.checked_sub(1).and_then(|i| self.ends.get(i)).copied().unwrap_or(0);
        self.ends.get(i).map_or(0, |end| (end - start) as usize)
    }

    /// The name at a position in small letters.
    pub fn small(&self, i: usize) -> &str {
        let start = i.checked_sub(1).and_then(|i| self.ends.get(i)).copied().unwrap_or(0);
        let end = self.ends.get(i).copied().unwrap_or(start);
        self.lower.get(start as usize..end as usize).unwrap_or("")
    }

    /// The letters that begin words of the name at a position.
    pub fn starts(&self, i: usize) -> u64 {
        self.starts.get(i).copied().unwrap_or(0)
    }

    /// Calls `visit` with the position of each name that holds the letters side by side, and where in the name they first stand, until it says no.
    pub fn each_holding(&self, range: std::ops::Range<usize>, letters: &str, as_written: bool, visit: &mut dyn FnMut(usize, usize) -> bool) {
        let text = if as_written { &self.text } else { &self.lower };
        let from = range.start.checked_sub(1).map_or(0, |i| self.ends[i] as usize);
        let to = range.end.checked_sub(1).map_or(0, |i| self.ends[i] as usize);
        let (mut name, mut at) = (range.start, from);
        let ranks = self.ranks.get_or_init(|| Ranks::of(self.lower.as_bytes()));
        let finder = memchr::memmem::FinderBuilder::new().build_forward_with_ranker(ranks, letters);
        while let Some(found) = text.as_bytes().get(at..to).and_then(|t| finder.find(t)) {
            let place = at + found;
            while self.ends[name] as usize <= place {
                name += 1;
            }
            let start = if name == 0 { 0 } else { self.ends[name - 1] as usize };
            let end = self.ends[name] as usize;
            if place + letters.len() > end {
                // It reaches over into the next name.
                at = place + 1;
                continue;
            }
            if !visit(name, place - start) {
                return;
            }
            at = end;
        }
    }

    /// The letters of the name at a position.
    pub fn mask(&self, i: usize) -> u64 {
        self.masks.get(i).copied().unwrap_or(0)
    }

    /// The letters of the names in a range of positions.
    pub fn masks(&self, range: std::ops::Range<usize>) -> impl Iterator<Item = u64> {
        self.masks.get(range).unwrap_or_default().iter().copied()
    }

    /// All names, in order.
    pub fn iter(&self) -> impl Iterator<Item = &str> {
        (0..self.len()).map(|i| self.get(i))
    }

    /// The positions of names that begin with the prefix, letters as they are.
    pub fn with_prefix(&self, prefix: &str) -> std::ops::Range<usize> {
        let start = self.partition(|n| n < prefix);
        // Names that begin with the prefix are no longer smaller than it when cut to its length.
        let end = self.partition(|n| n.as_bytes().get(..prefix.len()).unwrap_or(n.as_bytes()) <= prefix.as_bytes());
        start..end.max(start)
    }

    fn partition(&self, before: impl Fn(&str) -> bool) -> usize {
        let (mut low, mut high) = (0, self.len());
        while low < high {
            let middle = low + (high - low) / 2;
            if before(self.get(middle)) { low = middle + 1 } else { high = middle }
        }
        low
    }
}

/// The letters that begin words: the first one, those after a sign, capitals after small letters.
fn starts(name: &str) -> u64 {
    let bytes = name.as_bytes();
    let begins = |i: usize| i == 0 || !bytes[i - 1].is_ascii_alphanumeric() || bytes[i].is_ascii_uppercase() && bytes[i - 1].is_ascii_lowercase();
    (0..bytes.len()).filter(|i| begins(*i)).fold(0, |m, i| m | mask(std::str::from_utf8(&bytes[i..=i]).unwrap_or("")))
}

/// The bits of a mask that say which letters and digits there are.
pub const LETTERS: u64 = (1 << TWICE) - 1;
/// From this bit on: the letters that stand there more than once.
const TWICE: u32 = 37;

/// One bit per letter and digit, case folded, and one per letter that comes again. Whatever holds a piece has all its bits.
pub fn mask(name: &str) -> u64 {
    name.bytes().fold(0, |m, b| {
        let letter = match b {
            b'a'..=b'z' => b - b'a',
            b'A'..=b'Z' => b - b'A',
            b'0'..=b'9' => 26 + b - b'0',
            b'_' => 36,
            _ => return m,
        };
        let again = if letter < 26 { (m >> letter & 1) << (TWICE + u32::from(letter)) } else { 0 };
        m | 1 << letter | again
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn packed(mut all: Vec<String>) -> (Names, Vec<String>) {
        all.sort();
        all.dedup();
        let mut names = Names::default();
        all.iter().for_each(|n| names.add(n));
        (names, all)
    }

    proptest! {
        #[test]
        fn packed_names_come_back(all in proptest::collection::vec("[a-cA-C_é]{0,6}", 0..40)) {
            let (names, all) = packed(all);
            prop_assert_eq!(names.iter().collect::<Vec<_>>(), all.iter().map(String::as_str).collect::<Vec<_>>());
            for (i, name) in all.iter().enumerate() {
                prop_assert_eq!(names.length(i), name.len());
                prop_assert_eq!(names.small(i), name.to_ascii_lowercase());
                prop_assert_eq!(names.mask(i), mask(name));
            }
        }

        #[test]
        fn whatever_holds_a_piece_has_all_its_bits(name in "[a-cA-C_0-9é]{0,8}", from in 0usize..8, to in 0usize..8) {
            let piece: String = name.chars().skip(from).take(to).collect();
            prop_assert_eq!(mask(&piece) & !mask(&name), 0);
            let scattered: String = name.chars().step_by(2).collect();
            prop_assert_eq!(mask(&scattered) & !mask(&name), 0);
            let letters: std::collections::BTreeSet<char> = name.to_ascii_lowercase().chars().filter(char::is_ascii).collect();
            prop_assert_eq!((mask(&name) & LETTERS).count_ones() as usize, letters.len());
        }

        #[test]
        fn prefixes_are_found_by_halving(all in proptest::collection::vec("[a-cA-C_é]{0,6}", 0..40), prefix in "[a-cé]{0,3}") {
            let (names, all) = packed(all);
            let found: Vec<&str> = names.with_prefix(&prefix).map(|i| names.get(i)).collect();
            prop_assert_eq!(found, all.iter().map(String::as_str).filter(|n| n.starts_with(&prefix)).collect::<Vec<_>>());
        }

        #[test]
        fn pieces_are_found_in_each_name_once(all in proptest::collection::vec("[a-c_]{0,6}", 0..40), piece in "[a-c]{1,3}") {
            let (names, all) = packed(all);
            let mut found = Vec::new();
            names.each_holding(0..names.len(), &piece, true, &mut |i, at| {
                found.push((names.get(i).to_owned(), at));
                true
            });
            let wanted: Vec<(String, usize)> = all.iter().filter_map(|n| Some((n.clone(), n.find(&piece)?))).collect();
            prop_assert_eq!(found, wanted);
        }
    }
}
