//! Where lines of a text stood in the text before it.

/// Lines from one to another, both included, from 1.
pub(super) type Range = (u32, u32);

/// A changed stretch: first line and count in the old text, and in the new one. Of an empty stretch the line before it is told, as in
/// unified diffs.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) struct Hunk {
    pub(super) old: (u32, u32),
    pub(super) new: (u32, u32),
}

impl Hunk {
    /// The same change the other way round.
    pub(super) fn reversed(self) -> Hunk {
        Hunk { old: self.new, new: self.old }
    }
}

/// What a range of the new text was in the old one.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) struct Before {
    /// Did anything within it change?
    pub(super) touched: bool,
    /// Where it stood; none if all of it is new.
    pub(super) range: Option<Range>,
}

/// Changed stretches between two texts.
pub(super) fn hunks(old: &[u8], new: &[u8]) -> Result<Vec<Hunk>, git2::Error> {
    let mut options = git2::DiffOptions::new();
    options.context_lines(0);
    let patch = git2::Patch::from_buffers(old, None, new, None, Some(&mut options))?;
    (0..patch.num_hunks())
        .map(|i| {
            let (hunk, _) = patch.hunk(i)?;
            Ok(Hunk { old: (hunk.old_start(), hunk.old_lines()), new: (hunk.new_start(), hunk.new_lines()) })
        })
        .collect()
}

/// Follows a range back over changes, which stand in order.
pub(super) fn before(hunks: &[Hunk], (start, end): Range) -> Before {
    let mut touched = false;
    let mut shift = 0i64;
    let (mut from, mut to) = (None, None);
    for hunk in hunks {
        let (new, count) = hunk.new;
        let first = if count == 0 { new + 1 } else { new };
        let last = if count == 0 { new } else { new + count - 1 };
        let moved = i64::from(hunk.old.1) - i64::from(count);
        if last < start && first <= start {
            // A stretch taken out just before the range is none of its own.
            shift += moved;
            continue;
        }
        if first > end {
            break;
        }
        touched = true;
        let (old_first, old_last) = if hunk.old.1 == 0 { (hunk.old.0 + 1, hunk.old.0) } else { (hunk.old.0, hunk.old.0 + hunk.old.1 - 1) };
        from.get_or_insert(if first <= start { i64::from(old_first) } else { i64::from(start) + shift });
        if last >= end && count > 0 {
            to = Some(i64::from(old_last));
        }
        shift += moved;
    }
    let from = from.unwrap_or(i64::from(start) + shift);
    let to = to.unwrap_or(i64::from(end) + shift);
    let range = (from >= 1 && from <= to).then_some((from as u32, to as u32));
    Before { touched, range }
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;
    use rstest::rstest;

    fn back(old: &str, new: &str, range: Range) -> Before {
        before(&hunks(old.as_bytes(), new.as_bytes()).expect("texts"), range)
    }

    #[rstest]
    #[case::nothing_changed("a\nb\nc\n", "a\nb\nc\n", (2, 3), false, Some((2, 3)))]
    #[case::lines_added_above("a\nb\nc\n", "x\ny\na\nb\nc\n", (4, 5), false, Some((2, 3)))]
    #[case::lines_taken_out_above("x\ny\na\nb\n", "a\nb\n", (1, 2), false, Some((3, 4)))]
    #[case::below("a\nb\nc\n", "a\nb\nz\n", (1, 2), false, Some((1, 2)))]
    #[case::within("a\nb\nc\nd\n", "a\nB\nc\nd\n", (1, 3), true, Some((1, 3)))]
    #[case::grown("a\nb\nc\n", "a\nx\ny\nb\nc\n", (1, 4), true, Some((1, 2)))]
    #[case::shrunk("a\nb\nc\nd\n", "a\nd\n", (1, 2), true, Some((1, 4)))]
    #[case::first_line("a\nb\nc\n", "A\nb\nc\n", (1, 3), true, Some((1, 3)))]
    #[case::all_of_it("a\nd\n", "a\nb\nc\nd\n", (2, 3), true, None)]
    #[case::the_whole_file("", "a\nb\n", (1, 2), true, None)]
    fn a_range_is_followed_back(#[case] old: &str, #[case] new: &str, #[case] range: Range, #[case] touched: bool, #[case] wanted: Option<Range>) {
        assert_eq!(back(old, new, range), Before { touched, range: wanted });
    }

    proptest! {
        /// What is said to be untouched reads the same in both texts.
        #[test]
        fn untouched_lines_are_the_same(old in proptest::collection::vec(0..4u8, 0..12), new in proptest::collection::vec(0..4u8, 1..12), at in 0..12usize, count in 1..4usize) {
            let text = |lines: &[u8]| lines.iter().map(|l| format!("{l}\n")).collect::<String>();
            let start = at % new.len();
            let end = (start + count).min(new.len());
            let found = back(&text(&old), &text(&new), (start as u32 + 1, end as u32));
            if !found.touched {
                let (from, to) = found.range.expect("it was there");
                prop_assert_eq!(&new[start..end], &old[from as usize - 1..to as usize]);
            }
            if let Some((from, to)) = found.range {
                prop_assert!(from >= 1 && to as usize <= old.len(), "{:?}", found);
            }
        }
    }
}
