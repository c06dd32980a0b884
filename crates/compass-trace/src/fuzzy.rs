//! Finding names by fragments and initials.
//!
//! # How it works
//! A 64-bit mask of the letters of each name drops most names at once; those left are scored by a matcher that favours
//! starts of words, so that initials find their names. Several fragments must all match, in any order. Where nothing
//! matches, the names nearest by spelling are given: a slip of the finger.

use compass_facts::Cancel;
use compass_index::{NameEntry, SymbolId};
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

/// One bit per letter and digit, case folded.
fn mask(name: &str) -> u64 {
    name.bytes().fold(0, |m, b| match b {
        b'a'..=b'z' => m | 1 << (b - b'a'),
        b'A'..=b'Z' => m | 1 << (b - b'A'),
        b'0'..=b'9' => m | 1 << (26 + b - b'0'),
        b'_' => m | 1 << 36,
        _ => m,
    })
}

/// The best `most` entries for the fragments; names of the workspace's own units first among equals.
pub fn find(names: &[NameEntry], fragments: &[String], most: usize, cancel: &Cancel, is_own: impl Fn(SymbolId) -> bool) -> Vec<NameEntry> {
    let mut matcher = Matcher::new(fragments);
    let mut scored: Vec<(u32, usize)> = Vec::new();
    let mut last: (&str, Option<u32>) = ("", None);
    for (i, entry) in names.iter().enumerate() {
        if i.is_multiple_of(1 << 14) && cancel.is_cancelled() {
            return Vec::new();
        }
        // Entries are sorted by name: equal names share a score.
        if last.0 != entry.name {
            last = (&entry.name, matcher.score(&entry.name));
        }
        if let Some(score) = last.1 {
            scored.push((score, i));
        }
    }
    if scored.is_empty() {
        return alike(names, &fragments.join(""), most.min(20));
    }
    let order = |s: &(u32, usize)| (std::cmp::Reverse(s.0), !is_own(names[s.1].symbol), rank(&names[s.1]), s.1);
    if scored.len() > most {
        scored.select_nth_unstable_by_key(most, |s| (std::cmp::Reverse(s.0), s.1));
        scored.truncate(most);
    }
    scored.sort_by_key(order);
    scored.into_iter().map(|s| names[s.1].clone()).collect()
}

/// Definitions with bodies first, then types and functions before fields.
fn rank(entry: &NameEntry) -> (bool, bool) {
    (entry.flags.has(compass_facts::Flags::BODILESS), !(entry.kind.is_type() || entry.kind.is_callable()))
}

fn alike(names: &[NameEntry], wanted: &str, most: usize) -> Vec<NameEntry> {
    let close = names.iter().enumerate().filter(|(_, e)| e.name.len().abs_diff(wanted.len()) <= 2);
    let mut scored: Vec<(usize, usize)> =
        close.map(|(i, e)| (strsim::osa_distance(&e.name.to_lowercase(), &wanted.to_lowercase()), i)).filter(|s| s.0 <= 2).collect();
    scored.sort();
    scored.into_iter().take(most).map(|s| names[s.1].clone()).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_facts::{Flags, Kind};
    use compass_index::{FileId, FileNo, SymbolNo, UnitId};
    use rstest::rstest;

    fn names(all: &[&str]) -> Vec<NameEntry> {
        let mut all: Vec<&str> = all.to_vec();
        all.sort_unstable();
        let file = FileId { unit: UnitId(0), number: FileNo(0) };
        let entry = |(i, n): (usize, &&str)| NameEntry {
            name: (*n).to_owned(),
            symbol: SymbolId { file, number: SymbolNo(i as u32) },
            kind: Kind::Function,
            flags: Flags::default(),
        };
        all.iter().enumerate().map(entry).collect()
    }

    #[rstest]
    #[case::prefix(&["plan"], "plan_turn")]
    #[case::initials(&["pt"], "plan_turn")]
    #[case::two_fragments(&["turn", "pl"], "plan_turn")]
    #[case::camel(&["gCE"], "getCaveEntry")]
    #[case::typo(&["plna_turn"], "plan_turn")]
    fn the_best_name_comes_first(#[case] fragments: &[&str], #[case] wanted: &str) {
        let all = names(&["plan_turn", "getCaveEntry", "return_planks", "apartment", "xplanxturnx"]);
        let fragments: Vec<String> = fragments.iter().map(|f| (*f).to_owned()).collect();
        let found = find(&all, &fragments, 10, &Cancel::new(), |_| true);
        assert_eq!(found.first().map(|e| e.name.as_str()), Some(wanted));
    }

    #[test]
    fn nothing_alike_gives_nothing() {
        assert!(find(&names(&["turn"]), &["qqqqqqqq".to_owned()], 10, &Cancel::new(), |_| true).is_empty());
    }
}
