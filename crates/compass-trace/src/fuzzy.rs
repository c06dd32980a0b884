//! Finding names by fragments and initials.
//!
//! # How it works
//! A 64-bit mask of the letters of each name drops most names at once; those left are scored by a matcher that favours
//! starts of words, so that initials find their names. Several fragments must all match, in any order. Where nothing
//! matches, the names nearest by spelling are given: a slip of the finger.

use compass_facts::Cancel;
use compass_index::{GROUP, Group, LETTERS, Names, begins_word, mask};
use nucleo_matcher::pattern::{AtomKind, CaseMatching, Normalization, Pattern};
use nucleo_matcher::{Config, Utf32Str};

/// Scores names against fragments.
pub struct Matcher {
    matcher: nucleo_matcher::Matcher,
    patterns: Vec<Pattern>,
    mask: u64,
    buffer: Vec<char>,
}

impl Matcher {
    /// A matcher for fragments that must all match.
    pub fn new(fragments: &[String]) -> Matcher {
        let patterns = fragments.iter().map(|f| Pattern::new(f, CaseMatching::Smart, Normalization::Smart, AtomKind::Fuzzy)).collect();
        let mask = fragments.iter().fold(0, |m, f| m | mask(f));
        Matcher { matcher: nucleo_matcher::Matcher::new(Config::DEFAULT), patterns, mask, buffer: Vec::new() }
    }

    /// The score of a name; higher is better, `None` when a fragment does not match.
    pub fn score(&mut self, name: &str) -> Option<u32> {
        if mask(name) & self.mask != self.mask {
            return None;
        }
        let mut total = 0;
        for pattern in &self.patterns {
            let text = Utf32Str::new(name, &mut self.buffer);
            total += pattern.score(text, &mut self.matcher)?;
        }
        // Short names with the same score are closer to what was typed.
        Some((total * 16).saturating_sub(name.len().min(255) as u32))
    }

    /// The same for a path: matches in the file's name count more.
    pub fn score_path(&mut self, path: &str) -> Option<u32> {
        let name = path.rsplit('/').next().unwrap_or(path);
        let in_name = self.score(name).map(|s| s + 4096);
        in_name.or_else(|| self.score(path))
    }
}

/// So many names are scored with care; the others were less likely by a cheap look.
const CAREFUL: usize = 1500;

/// The best `most` names for the fragments.
pub fn find<'n>(names: &'n Names, fragments: &[String], most: usize, cancel: &Cancel) -> Vec<&'n str> {
    let wanted: Vec<Fragment> = fragments.iter().filter(|f| !f.is_empty()).map(|f| Fragment::new(f)).collect();
    let candidates = match &wanted[..] {
        [] => (0..names.len().min(most)).map(|i| (0, i)).collect(),
        [only] if only.text.len() == 1 => beginnings(names, only),
        // Names that begin with the letters come before all others: where they fill the list, nothing else can be in it.
        [only] if only.text.len() <= SHORT => Some(beginnings(names, only)).filter(|b| b.len() >= most).unwrap_or_else(|| likely(names, &wanted, cancel)),
        all => likely(names, all, cancel),
    };
    if cancel.is_cancelled() {
        return Vec::new();
    }
    let mut matcher = Matcher::new(fragments);
    let mut scored: Vec<(u32, usize)> = candidates.into_iter().filter_map(|(_, i)| Some((matcher.score(names.get(i))?, i))).collect();
    if scored.is_empty() {
        return alike(names, &fragments.join(""), most.min(20));
    }
    scored.sort_by_key(|s| (std::cmp::Reverse(s.0), names.get(s.1).len(), s.1));
    scored.truncate(most);
    scored.into_iter().map(|s| names.get(s.1)).collect()
}

/// A fragment for the cheap look.
struct Fragment {
    text: Vec<u8>,
    mask: u64,
    /// A capital in it: letters count as they are.
    exact: bool,
}

impl Fragment {
    fn new(text: &str) -> Fragment {
        Fragment { text: text.bytes().collect(), mask: mask(text), exact: text.bytes().any(|b| b.is_ascii_uppercase()) }
    }

    /// How likely: its letters in order at all, side by side, at the start of a word, at the start.
    fn look(&self, names: &Names, i: usize) -> Option<u32> {
        let (first, rest) = self.text.split_first()?;
        let (name, letters) = self.letters(names, i);
        let mut best = None;
        let mut at = 0;
        // Side by side somewhere?
        while let Some(found) = letters.get(at..).and_then(|l| memchr::memchr(*first, l)) {
            at += found;
            if letters[at + 1..].starts_with(rest) {
                let grade = if at == 0 { 4 } else { 1 + u32::from(begins_word(name, at)) * 2 };
                best = best.max(Some(grade));
                if grade > 1 {
                    break;
                }
            }
            at += 1;
        }
        best.or_else(|| self.scattered(names, i))
    }

    /// In order, with others between; at the starts of words that is as good as a piece.
    fn scattered(&self, names: &Names, i: usize) -> Option<u32> {
        let (name, letters) = self.letters(names, i);
        let mut starts = 0;
        let mut at = 0;
        for letter in &self.text {
            at += memchr::memchr(*letter, letters.get(at..)?)?;
            starts += usize::from(begins_word(name, at));
            at += 1;
        }
        Some(if starts == self.text.len() { 2 } else { 0 })
    }

    /// The name as written, and with the letters that count.
    fn letters<'n>(&self, names: &'n Names, i: usize) -> (&'n [u8], &'n [u8]) {
        let name = names.get(i).as_bytes();
        (name, if self.exact { name } else { names.small(i).as_bytes() })
    }
}

/// Fragments up to this length are looked for at the beginnings of names first.
const SHORT: usize = 3;

/// Names that begin with the letters, in whichever case where they have no capital; short ones first.
fn beginnings(names: &Names, fragment: &Fragment) -> Vec<(u32, usize)> {
    let mut spellings = vec![Vec::new()];
    for letter in &fragment.text {
        let both = if fragment.exact || !letter.is_ascii_lowercase() { vec![*letter] } else { vec![letter.to_ascii_uppercase(), *letter] };
        spellings = both.iter().flat_map(|l| spellings.iter().map(|s| [&s[..], &[*l]].concat())).collect();
    }
    let mut found: Vec<(usize, usize)> = Vec::new();
    for prefix in spellings.iter().filter_map(|s| std::str::from_utf8(s).ok()) {
        found.extend(names.with_prefix(prefix).map(|i| (names.length(i), i)));
    }
    if found.len() > CAREFUL {
        found.select_nth_unstable(CAREFUL);
        found.truncate(CAREFUL);
    }
    found.into_iter().map(|(_, i)| (4, i)).collect()
}

/// The likeliest names by a cheap look, on two threads where there are many: letters side by side first; scattered ones
/// only where those are few.
fn likely(names: &Names, wanted: &[Fragment], cancel: &Cancel) -> Vec<(u32, usize)> {
    let mut found = on_halves(names, &|range| side_by_side(names, wanted, range, cancel));
    if found.len() < ENOUGH && !cancel.is_cancelled() {
        let further = by_letters(names, wanted, cancel).unwrap_or_else(|| on_halves(names, &|range| scattered(names, wanted, range, cancel)));
        found.extend(further);
        found.sort_unstable_by_key(|(grade, i)| (*i, std::cmp::Reverse(*grade)));
        found.dedup_by_key(|f| f.1);
    }
    keep_best(names, &mut found);
    found
}

/// Names that hold all letters, where those are so few that each can be looked at.
fn by_letters(names: &Names, wanted: &[Fragment], cancel: &Cancel) -> Option<Vec<(u32, usize)>> {
    let letters = wanted.iter().fold(0, |m, f| m | f.mask);
    let with_all = on_halves(names, &|range| {
        let mut found = Vec::new();
        in_groups(names, range, |g| g.any & letters == letters, &mut |i, mask| {
            if mask & letters == letters {
                found.push((0, i));
            }
            found.len() < FEW_NAMES
        });
        found
    });
    if with_all.len() >= FEW_NAMES || cancel.is_cancelled() {
        return None;
    }
    let look = |(_, i): &(u32, usize)| Some((wanted.iter().try_fold(0, |sum, f| Some(sum + f.look(names, *i)?))?, *i));
    let (first, second) = with_all.split_at(with_all.len() / 2);
    let (mut found, other): (Vec<_>, Vec<_>) = rayon::join(|| first.iter().filter_map(look).collect(), || second.iter().filter_map(look).collect());
    found.extend(other);
    keep_best(names, &mut found);
    Some(found)
}

/// So few names are looked at one by one rather than searched through as one text.
const FEW_NAMES: usize = 100_000;

/// With so many names found, likelier than those still to be looked for, the search is over.
const ENOUGH: usize = 300;

fn on_halves(names: &Names, look: &(dyn Fn(std::ops::Range<usize>) -> Vec<(u32, usize)> + Sync)) -> Vec<(u32, usize)> {
    let half = names.len() / 2 / GROUP * GROUP;
    if half < 50_000 {
        return look(0..names.len());
    }
    let (mut found, other) = rayon::join(|| look(0..half), || look(half..names.len()));
    found.extend(other);
    found
}

/// Shows the names of those groups that may hold some, with their letters, until `visit` says no. The range begins with a group.
#[inline]
fn in_groups(names: &Names, range: std::ops::Range<usize>, may_hold: impl Fn(&Group) -> bool, visit: &mut impl FnMut(usize, u64) -> bool) {
    let first = range.start / GROUP;
    let groups = names.groups().get(first..range.end.div_ceil(GROUP)).unwrap_or_default();
    for (g, _) in groups.iter().enumerate().filter(|(_, g)| may_hold(g)) {
        let start = (first + g) * GROUP;
        for (i, mask) in names.masks(start..(start + GROUP).min(range.end)).iter().enumerate() {
            if !visit(start + i, *mask) {
                return;
            }
        }
    }
}

/// Names that hold the longest fragment in one piece, and the others somehow.
fn side_by_side(names: &Names, wanted: &[Fragment], range: std::ops::Range<usize>, cancel: &Cancel) -> Vec<(u32, usize)> {
    let Some(longest) = wanted.iter().max_by_key(|f| f.text.len()) else { return Vec::new() };
    let letters = String::from_utf8_lossy(&longest.text).into_owned();
    let mut found: Vec<(u32, usize)> = Vec::new();
    let mut count = 0u32;
    names.each_holding(range, &letters, longest.exact, &mut |i, at| {
        count += 1;
        let name = names.get(i).as_bytes();
        let own = if at == 0 { 4 } else { 1 + 2 * u32::from(begins_word(name, at)) };
        let others = wanted.iter().filter(|f| !std::ptr::eq(*f, longest)).try_fold(0, |sum, f| Some(sum + f.look(names, i)?));
        found.extend(others.map(|o| (own + o, i)));
        if found.len() > 16 * CAREFUL {
            keep_best(names, &mut found);
        }
        !(count.is_multiple_of(1 << 14) && cancel.is_cancelled())
    });
    keep_best(names, &mut found);
    found
}

/// Names in which the letters of each fragment stand in order, the first of them at the start of a word.
fn scattered(names: &Names, wanted: &[Fragment], range: std::ops::Range<usize>, cancel: &Cancel) -> Vec<(u32, usize)> {
    let letters = wanted.iter().fold(0, |m, f| m | f.mask);
    let firsts = wanted.iter().fold(0, |m, f| m | mask(&String::from_utf8_lossy(&f.text[..1])));
    // In very long names any letters stand in some order.
    let longest = 12 + 4 * wanted.iter().map(|f| f.text.len()).sum::<usize>();
    let mut found: Vec<(u32, usize)> = Vec::new();
    let may_hold = |g: &Group| g.any & letters == letters && g.starts & firsts == firsts;
    let mut count = 0u32;
    in_groups(names, range, may_hold, &mut |i, mask| {
        if mask & letters != letters || names.starts(i) & firsts != firsts || names.length(i) > longest {
            return true;
        }
        // Several fragments: only the longest is known not to stand there in one piece.
        let look = |f: &Fragment| if wanted.len() == 1 { f.scattered(names, i) } else { f.look(names, i) };
        let grade = wanted.iter().try_fold(0, |sum, f| Some(sum + look(f)?));
        found.extend(grade.map(|g| (g, i)));
        if found.len() > 16 * CAREFUL {
            keep_best(names, &mut found);
        }
        count += 1;
        !(count.is_multiple_of(1 << 14) && cancel.is_cancelled())
    });
    keep_best(names, &mut found);
    found
}

fn keep_best(names: &Names, found: &mut Vec<(u32, usize)>) {
    if found.len() > CAREFUL {
        found.select_nth_unstable_by_key(CAREFUL, |(grade, i)| (std::cmp::Reverse(*grade), names.length(*i), *i));
        found.truncate(CAREFUL);
    }
}

/// Names that differ by a slip of the finger.
fn alike<'n>(names: &'n Names, wanted: &str, most: usize) -> Vec<&'n str> {
    let letters = mask(wanted);
    let lower = wanted.to_lowercase();
    let slips = rapidfuzz::distance::osa::BatchComparator::new(lower.bytes());
    let few = rapidfuzz::distance::osa::Args::default().score_cutoff(SLIPS);
    let mut scored = on_halves(names, &|range| {
        // A slip changes few letters: most names are out by their masks, and most groups by what all of them have.
        let may_be = |g: &Group| has_few_bits(((letters & !g.any) | (g.all & !letters)) & LETTERS);
        let mut found = Vec::new();
        in_groups(names, range, may_be, &mut |i, mask| {
            if has_few_bits((mask ^ letters) & LETTERS) && names.length(i).abs_diff(wanted.len()) <= SLIPS {
                found.extend(slips.distance_with_args(names.small(i).bytes(), &few).map(|d| (d as u32, i)));
            }
            true
        });
        found
    });
    scored.sort_unstable();
    scored.into_iter().take(most).map(|s| names.get(s.1)).collect()
}

/// Are at most three bits set? Asked of every name, so without counting them all.
fn has_few_bits(mut bits: u64) -> bool {
    for _ in 0..3 {
        bits &= bits.wrapping_sub(1);
    }
    bits == 0
}

/// More slips than this make another name.
const SLIPS: usize = 2;

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn names(all: &[&str]) -> Names {
        let mut all: Vec<&str> = all.to_vec();
        all.sort_unstable();
        let mut names = Names::default();
        all.iter().for_each(|n| names.add(n));
        names
    }

    #[rstest]
    #[case::prefix(&["plan"], "plan_turn")]
    #[case::initials(&["pt"], "plan_turn")]
    #[case::two_fragments(&["turn", "pl"], "plan_turn")]
    #[case::camel(&["gCE"], "getCaveEntry")]
    #[case::one_letter(&["a"], "apartment")]
    #[case::typo(&["plna_turn"], "plan_turn")]
    #[case::short_prefix(&["pla"], "plan_turn")]
    #[case::prefix_in_capitals(&["get"], "getCaveEntry")]
    #[case::a_letter_twice(&["aptt"], "apartment")]
    #[case::many_letters_scattered(&["xplntrn"], "xplanxturnx")]
    #[case::capitals_as_written(&["CE"], "getCaveEntry")]
    fn the_best_name_comes_first(#[case] fragments: &[&str], #[case] wanted: &str) {
        let all = names(&["plan_turn", "getCaveEntry", "return_planks", "apartment", "xplanxturnx"]);
        let fragments: Vec<String> = fragments.iter().map(|f| (*f).to_owned()).collect();
        let found = find(&all, &fragments, 10, &Cancel::new());
        assert_eq!(found.first().copied(), Some(wanted));
    }

    /// Enough names that two threads look, and that not all of them are scored with care.
    #[rstest]
    #[case::short(&["wh"], "wh")]
    #[case::initials(&["wt"], "wheel_turn")]
    #[case::middle(&["k_99"], "rack_99")]
    #[case::two(&["99", "ra"], "rack_99")]
    #[case::slip(&["whele_turn"], "wheel_turn")]
    #[case::scattered(&["wheeltu"], "wheel_turn")]
    fn of_very_many_names_too(#[case] fragments: &[&str], #[case] wanted: &str) {
        let mut all: Vec<String> = (0..120_000).map(|i| format!("{}_{i}", ["shelf", "rack", "salt", "zinc"][i % 4])).collect();
        all.extend(["wh".to_owned(), "wheel_turn".to_owned(), "rack_99".to_owned()]);
        all.dedup();
        let all: Vec<&str> = all.iter().map(String::as_str).collect();
        let fragments: Vec<String> = fragments.iter().map(|f| (*f).to_owned()).collect();
        let names = names(&all);
        let found = find(&names, &fragments, 10, &Cancel::new());
        assert_eq!(found.first().copied(), Some(wanted), "{found:?}");
    }

    #[test]
    fn nothing_alike_gives_nothing() {
        assert!(find(&names(&["turn"]), &["qqqqqqqq".to_owned()], 10, &Cancel::new()).is_empty());
    }
}
