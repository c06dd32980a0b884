//! Words of regions that no reader understood.
//!
//! A gap may hold a use of any name that stands in it, and of no other. So its words are kept: a question about one of them is told that
//! something may be missing, all others are not.

use crate::{Facts, NameId};
use rustc_hash::FxHashMap;

/// Of more distinct words than this the rest is only said to be there.
const MOST_WORDS: usize = 1 << 16;
/// So much text is gone through in one file, in bytes.
const MOST_BYTES: usize = 64 << 20;

/// Notes the distinct words of all regions that hide code, and of `further` ones that no reader looks into.
pub(crate) fn note_words(facts: &mut Facts, text: &str, further: &[crate::Span]) {
    let hiding = facts.gaps.iter().filter(|g| g.cause.hides_code());
    // What stands beside a mistake on its lines may be misunderstood with it.
    let mut spans: Vec<(usize, usize)> = hiding.clone().map(|g| lines_around(text, g.span.start as usize, g.span.end as usize)).collect();
    spans.extend(further.iter().map(|s| (s.start as usize, (s.end as usize).min(text.len()))));
    // Where only the cause is told nobody knows what is hidden.
    facts.hides_more = hiding.clone().any(|g| g.span.is_empty() && g.cause != crate::GapCause::Syntax);
    if spans.is_empty() {
        return;
    }
    spans.sort_unstable();
    let mut known: FxHashMap<String, NameId> = FxHashMap::default();
    let mut words: std::collections::BTreeSet<&str> = std::collections::BTreeSet::new();
    let (mut done, mut left) = (0, MOST_BYTES);
    for (start, end) in spans {
        let start = start.max(done);
        done = done.max(end);
        let Some(region) = text.get(start..end) else { continue };
        if region.len() > left {
            facts.hides_more = true;
            break;
        }
        left -= region.len();
        words.extend(region.split(|c: char| !(c.is_alphanumeric() || c == '_' || c == '$')).filter(|w| is_name(w)));
        if words.len() > MOST_WORDS {
            facts.hides_more = true;
            break;
        }
    }
    if words.is_empty() {
        return;
    }
    for i in 0..facts.names.len() {
        let id = NameId(i as u32);
        if words.contains(facts.names.get(id)) {
            known.insert(facts.names.get(id).to_owned(), id);
        }
    }
    facts.hidden = words.into_iter().take(MOST_WORDS).map(|w| known.get(w).copied().unwrap_or_else(|| facts.names.push(w))).collect();
}

/// The lines that a region touches, in bytes.
fn lines_around(text: &str, start: usize, end: usize) -> (usize, usize) {
    let bytes = text.as_bytes();
    let (start, end) = (start.min(bytes.len()), end.clamp(start.min(bytes.len()), bytes.len()));
    let from = bytes[..start].iter().rposition(|b| *b == b'\n').map_or(0, |i| i + 1);
    let to = bytes[end..].iter().position(|b| *b == b'\n').map_or(bytes.len(), |i| end + i);
    (from, to)
}

fn is_name(word: &str) -> bool {
    word.starts_with(|c: char| c.is_alphabetic() || c == '_' || c == '$')
}
