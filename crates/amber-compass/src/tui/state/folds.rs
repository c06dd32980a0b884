//! Folded parts of the file being read: lines that are not shown, and how lines are counted without them.

use super::Part;
use std::collections::BTreeSet;

/// Which parts of a file are folded.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Folds {
    folded: BTreeSet<Part>,
    /// Lines that are hidden, as ranges without overlap, in order.
    hidden: Vec<(u32, u32)>,
}

impl Folds {
    /// Is anything folded?
    pub fn is_empty(&self) -> bool {
        self.folded.is_empty()
    }

    /// Unfolds everything.
    pub fn clear(&mut self) {
        *self = Folds::default();
    }

    /// Folds a part, or unfolds it; says whether it is folded now.
    pub fn toggle(&mut self, part: Part) -> bool {
        let folds = !self.folded.remove(&part);
        if folds {
            self.folded.insert(part);
        }
        self.settle();
        folds
    }

    /// Folds exactly these parts.
    pub fn set(&mut self, parts: impl Iterator<Item = Part>) {
        self.folded = parts.collect();
        self.settle();
    }

    /// Unfolds whatever hides a line.
    pub fn reveal(&mut self, line: u32) {
        if self.is_hidden(line) {
            self.folded.retain(|p| line <= p.first || line > p.last);
            self.settle();
        }
    }

    /// The folded part that begins at a line, the longest of several.
    pub fn at(&self, line: u32) -> Option<Part> {
        self.folded.iter().rfind(|p| p.first == line).copied()
    }

    fn settle(&mut self) {
        self.hidden.clear();
        for part in self.folded.iter().filter(|p| p.last > p.first) {
            match self.hidden.last_mut() {
                Some(last) if part.first < last.1 => last.1 = last.1.max(part.last),
                _ => self.hidden.push((part.first + 1, part.last)),
            }
        }
    }

    /// Is a line not shown?
    pub fn is_hidden(&self, line: u32) -> bool {
        let at = self.hidden.partition_point(|h| h.1 < line);
        self.hidden.get(at).is_some_and(|h| h.0 <= line)
    }

    /// Which of the shown lines a line is, from 1; of a hidden one, the shown one before it.
    pub fn place_of(&self, line: u32) -> u32 {
        let before: u32 = self.hidden.iter().take_while(|h| h.0 <= line).map(|h| h.1.min(line) - h.0 + 1).sum();
        line - before
    }

    /// The line that is shown at a place, from 1.
    pub fn line_at(&self, place: u32) -> u32 {
        let mut line = place;
        for hidden in &self.hidden {
            if hidden.0 > line {
                break;
            }
            line += hidden.1 - hidden.0 + 1;
        }
        line
    }

    /// How many of so many lines are shown.
    pub fn shown(&self, lines: u32) -> u32 {
        self.place_of(lines.max(1))
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn part(first: u32, last: u32) -> Part {
        Part { first, last }
    }

    #[test]
    fn lines_are_counted_without_hidden_ones() {
        let mut folds = Folds::default();
        assert!(folds.toggle(part(3, 6)) && folds.toggle(part(10, 12)));
        assert_eq!((1..=14).filter(|l| folds.is_hidden(*l)).collect::<Vec<_>>(), [4, 5, 6, 11, 12]);
        assert_eq!((1..=9).map(|p| folds.line_at(p)).collect::<Vec<_>>(), [1, 2, 3, 7, 8, 9, 10, 13, 14]);
        assert_eq!([3, 4, 6, 7, 12, 13].map(|l| folds.place_of(l)), [3, 3, 3, 4, 7, 8]);
        assert_eq!((folds.shown(14), folds.at(3), folds.at(4)), (9, Some(part(3, 6)), None));
        folds.reveal(5);
        assert!(!folds.is_hidden(5) && folds.is_hidden(11));
        assert!(!folds.toggle(part(10, 12)) && folds.is_empty());
    }

    #[test]
    fn a_part_within_a_folded_one_is_hidden_with_it() {
        let mut folds = Folds::default();
        folds.set([part(1, 20), part(5, 8), part(18, 25)].into_iter());
        assert_eq!((folds.shown(30), folds.line_at(2)), (6, 26));
        folds.reveal(6);
        assert!(folds.is_hidden(19) && !folds.is_hidden(6), "what hides it is unfolded, nothing else");
    }

    proptest! {
        /// Places and lines are each other's answer, whatever is folded.
        #[test]
        fn places_lead_back_to_their_lines(parts in proptest::collection::vec((1u32..60, 0u32..20), 0..8), lines in 1u32..80) {
            let mut folds = Folds::default();
            folds.set(parts.into_iter().map(|(first, more)| part(first, first + more)));
            let shown: Vec<u32> = (1..=lines).filter(|l| !folds.is_hidden(*l)).collect();
            for (i, line) in shown.iter().enumerate() {
                prop_assert_eq!(folds.place_of(*line), i as u32 + 1);
                prop_assert_eq!(folds.line_at(i as u32 + 1), *line);
            }
            prop_assert_eq!(folds.shown(lines) as usize, shown.len());
        }
    }
}
