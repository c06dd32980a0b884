//! All distinct names of an index, packed for search by fragments.
//!
//! # How it works
//! Names come in order, so that neighbours are alike. What a group of them has in common is kept beside: the letters any
//! of them has and those all of them have, and for each pair of letters in which groups it stands side by side. Most
//! groups are out by that, and only the text of the others is searched.

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
    /// What each [`GROUP`] names have in common.
    groups: Vec<Group>,
    pairs: Pairs,
    /// Of each beginning of the name added last: its letters, and those that begin words.
    beginnings: Vec<(u64, u64)>,
    /// How common each byte is among names, in small letters: prose is another matter.
    ranks: std::sync::OnceLock<Ranks>,
}

/// So many names in order are passed over together.
pub const GROUP: usize = 64;

/// The letters of a group of names, as in the masks.
#[derive(Debug, Clone, Copy)]
pub struct Group {
    /// Those that any of them has.
    pub any: u64,
    /// Those that each of them has.
    pub all: u64,
    /// Those that begin a word in any of them.
    pub starts: u64,
}

impl Group {
    const EMPTY: Group = Group { any: 0, all: u64::MAX, starts: 0 };
}

/// In which groups two letters stand side by side: a bit for each group, for each pair of [`CLASSES`].
#[derive(Debug, Default)]
struct Pairs(Vec<Vec<u64>>);

/// Letters in either case, digits, the underscore, and whatever else there is.
const CLASSES: usize = 38;

fn class(byte: u8) -> usize {
    match byte {
        b'a'..=b'z' => usize::from(byte - b'a'),
        b'A'..=b'Z' => usize::from(byte - b'A'),
        b'0'..=b'9' => usize::from(26 + byte - b'0'),
        b'_' => 36,
        _ => CLASSES - 1,
    }
}

impl Pairs {
    fn add(&mut self, group: usize, text: &[u8]) {
        if self.0.is_empty() {
            self.0 = vec![Vec::new(); CLASSES * CLASSES];
        }
        for pair in text.windows(2) {
            let words = &mut self.0[class(pair[0]) * CLASSES + class(pair[1])];
            if words.len() <= group / 64 {
                words.resize(group / 64 + 1, 0);
            }
            words[group / 64] |= 1 << (group % 64);
        }
    }

    /// 64 groups from that on, of which those have a bit that have all pairs of the letters.
    fn with_all(&self, letters: &[u8], word: usize) -> u64 {
        letters
            .windows(2)
            .fold(u64::MAX, |bits, pair| bits & self.0.get(class(pair[0]) * CLASSES + class(pair[1])).and_then(|w| w.get(word)).copied().unwrap_or(0))
    }
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
        let before = self.ends.len().checked_sub(1).map_or("", |last| self.get(last));
        if before == name && !self.ends.is_empty() {
            return;
        }
        let shared = before.bytes().zip(name.bytes()).take_while(|(a, b)| a == b).count();
        let (letters, starts) = self.letters_after(shared, name.as_bytes());
        let group = self.ends.len() / GROUP;
        // What the name shares with the one before it is noted already, if that is in the same group.
        let new = if self.ends.len().is_multiple_of(GROUP) { 0 } else { shared.saturating_sub(1) };
        self.pairs.add(group, &name.as_bytes()[new..]);
        if self.groups.len() <= group {
            self.groups.push(Group::EMPTY);
        }
        if let Some(group) = self.groups.last_mut() {
            *group = Group { any: group.any | letters, all: group.all & letters, starts: group.starts | starts };
        }
        self.text.push_str(name);
        self.lower.push_str(name);
        let from = self.lower.len() - name.len();
        if let Some(added) = self.lower.get_mut(from..) {
            added.make_ascii_lowercase();
        }
        self.ends.push(self.text.len() as u32);
        self.masks.push(letters);
        self.starts.push(starts);
    }

    /// Is the name among them?
    pub fn contains(&self, name: &str) -> bool {
        let (mut low, mut high) = (0, self.ends.len());
        while low < high {
            let middle = low.midpoint(high);
            match self.get(middle).cmp(name) {
                std::cmp::Ordering::Less => low = middle + 1,
                std::cmp::Ordering::Equal => return true,
                std::cmp::Ordering::Greater => high = middle,
            }
        }
        false
    }

    /// The letters of a name, and those that begin words, where the name added before begins with the same bytes.
    fn letters_after(&mut self, shared: usize, name: &[u8]) -> (u64, u64) {
        self.beginnings.truncate(shared);
        let (mut letters, mut starts) = self.beginnings.last().copied().unwrap_or_default();
        for at in self.beginnings.len()..name.len() {
            letters = with_letter(letters, name[at]);
            if begins_word(name, at) {
                starts = with_letter(starts, name[at]) & LETTERS;
            }
            self.beginnings.push((letters, starts));
        }
        (letters, starts)
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
    #[inline]
    pub fn get(&self, i: usize) -> &str {
        let start = if i == 0 { 0 } else { self.ends.get(i - 1).copied().unwrap_or(0) };
        let end = self.ends.get(i).copied().unwrap_or(start);
        self.text.get(start as usize..end as usize).unwrap_or("")
    }

    /// How long the name at a position is, in bytes.
    #[inline]
    pub fn length(&self, i: usize) -> usize {
        let start = i.checked_sub(1).and_then(|i| self.ends.get(i)).copied().unwrap_or(0);
        self.ends.get(i).map_or(0, |end| (end - start) as usize)
    }

    /// The name at a position in small letters.
    #[inline]
    pub fn small(&self, i: usize) -> &str {
        let start = i.checked_sub(1).and_then(|i| self.ends.get(i)).copied().unwrap_or(0);
        let end = self.ends.get(i).copied().unwrap_or(start);
        self.lower.get(start as usize..end as usize).unwrap_or("")
    }

    /// The letters that begin words of the name at a position.
    #[inline]
    pub fn starts(&self, i: usize) -> u64 {
        self.starts.get(i).copied().unwrap_or(0)
    }

    /// Calls `visit` with the position of each name that holds the letters side by side, and where in the name they first stand, until it says no.
    /// The range begins with a group.
    pub fn each_holding(&self, range: std::ops::Range<usize>, letters: &str, as_written: bool, visit: &mut dyn FnMut(usize, usize) -> bool) {
        let ranks = self.ranks.get_or_init(|| Ranks::of(self.lower.as_bytes()));
        let finder = memchr::memmem::FinderBuilder::new().build_forward_with_ranker(ranks, letters);
        let groups = range.start / GROUP..range.end.div_ceil(GROUP);
        for word in groups.start / 64..groups.end.div_ceil(64) {
            let mut bits = self.pairs.with_all(letters.as_bytes(), word);
            while bits != 0 {
                let group = word * 64 + bits.trailing_zeros() as usize;
                bits &= bits - 1;
                let names = (group * GROUP).max(range.start)..((group + 1) * GROUP).min(range.end);
                if !names.is_empty() && !self.each_holding_of(names, &finder, as_written, visit) {
                    return;
                }
            }
        }
    }

    fn each_holding_of(
        &self,
        range: std::ops::Range<usize>,
        finder: &memchr::memmem::Finder,
        as_written: bool,
        visit: &mut dyn FnMut(usize, usize) -> bool,
    ) -> bool {
        let text = if as_written { &self.text } else { &self.lower };
        let from = range.start.checked_sub(1).map_or(0, |i| self.ends[i] as usize);
        let to = range.end.checked_sub(1).map_or(0, |i| self.ends[i] as usize);
        let (mut name, mut at) = (range.start, from);
        while let Some(found) = text.as_bytes().get(at..to).and_then(|t| finder.find(t)) {
            let place = at + found;
            while self.ends[name] as usize <= place {
                name += 1;
            }
            let start = if name == 0 { 0 } else { self.ends[name - 1] as usize };
            let end = self.ends[name] as usize;
            if place + finder.needle().len() > end {
                // It reaches over into the next name.
                at = place + 1;
                continue;
            }
            if !visit(name, place - start) {
                return false;
            }
            at = end;
        }
        true
    }

    /// What each [`GROUP`] names have in common, in order.
    #[inline]
    pub fn groups(&self) -> &[Group] {
        &self.groups
    }

    /// The letters of the name at a position.
    #[inline]
    pub fn mask(&self, i: usize) -> u64 {
        self.masks.get(i).copied().unwrap_or(0)
    }

    /// The letters of the names in a range of positions.
    #[inline]
    pub fn masks(&self, range: std::ops::Range<usize>) -> &[u64] {
        self.masks.get(range).unwrap_or_default()
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

/// Does a word of the name begin there: its first letter, one after a sign, a capital after a small letter?
pub fn begins_word(name: &[u8], at: usize) -> bool {
    at == 0 || !name[at - 1].is_ascii_alphanumeric() || name[at].is_ascii_uppercase() && name[at - 1].is_ascii_lowercase()
}

/// The bits of a mask that say which letters and digits there are.
pub const LETTERS: u64 = (1 << TWICE) - 1;
/// From this bit on: the letters that stand there more than once.
const TWICE: u32 = 37;

/// One bit per letter and digit, case folded, and one per letter that comes again. Whatever holds a piece has all its bits.
pub fn mask(name: &str) -> u64 {
    name.bytes().fold(0, with_letter)
}

fn with_letter(letters: u64, byte: u8) -> u64 {
    let letter = match class(byte) {
        other if other == CLASSES - 1 => return letters,
        letter => letter,
    };
    let again = if letter < 26 { (letters >> letter & 1) << (TWICE + letter as u32) } else { 0 };
    letters | 1 << letter | again
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
