//! Names in the code of a template that what it is given may answer: helpers, filters, tags, members of values.

use super::template::{Piece, pieces};
use compass_facts::profile::{Words, words};
use compass_facts::reading::Builder;
use compass_facts::reading::templates::marked;
use compass_facts::{PageUse, SignalKind, Span};
use rustc_hash::FxHashSet;

/// See `data/template_words.txt`.
static WORDS: Words = Words::new(|| words(include_str!("../data/template_words.txt")));

/// Words of code that begin no value.
const JOINING: [&str; 12] = ["do", "if", "unless", "and", "or", "then", "in", "while", "until", "rescue", "end", "else"];

/// Records them. Variables of the template are none.
pub(super) fn record(b: &mut Builder) {
    let text = b.text;
    let parts: Vec<(Span, Vec<(Piece, Span)>)> = marked(text).into_iter().map(|part| (part, pieces(text, part))).collect();
    let own: FxHashSet<&str> = parts.iter().flat_map(|(_, all)| bound(all)).collect();
    for (part, all) in &parts {
        let is_code = part.start >= 2 && &text[part.start as usize - 2..part.start as usize] == "<%";
        let is_statement = part.start >= 2 && &text[part.start as usize - 2..part.start as usize] == "{%";
        let first = all.iter().position(|(p, _)| matches!(p, Piece::Word(_)));
        for i in 0..all.len() {
            let (Piece::Word(word), at) = all[i] else { continue };
            let Some(is) = told(all, i, (is_code, first == Some(i) && !is_code && (is_statement || has_arguments(all, i)))) else { continue };
            if is != PageUse::Member && (own.contains(word) || !is_code && WORDS.contains(word)) {
                continue;
            }
            // A sign that belongs to the name follows it at once.
            let sign = all.get(i + 1).filter(|(p, s)| matches!(p, Piece::Sign('?' | '!')) && s.start == at.end && is_code);
            let is_compared = all.get(i + 2).is_some_and(|(p, s)| *p == Piece::Sign('=') && Some(s.start) == sign.map(|s| s.1.end));
            let end = sign.filter(|_| !is_compared).map_or(at.end, |s| s.1.end);
            let whole = Span { start: at.start, end };
            let name = b.intern(whole.of(text));
            // No variable has a sign at its end.
            let is = if end > at.end && is == PageUse::Plain { PageUse::Call } else { is };
            b.signal(whole, SignalKind::PageName(name, is));
        }
    }
}

/// How a word stands in a part, if it may name something outside; `is_first` where it begins what is not code of a programming language.
fn told(all: &[(Piece, Span)], i: usize, (is_code, is_first): (bool, bool)) -> Option<PageUse> {
    let sign = |at: Option<usize>| {
        at.and_then(|a| all.get(a)).and_then(|(p, s)| match p {
            Piece::Sign(c) => Some((*c, *s)),
            _ => None,
        })
    };
    let before = sign(i.checked_sub(1));
    let after = sign(Some(i + 1));
    let at = all[i].1;
    let is_called = after.is_some_and(|a| a.0 == '(');
    match before {
        // `a.b`, `.Title`; in `a..b` nothing is a member.
        Some(('.', s)) if s.end == at.start => {
            let twice = sign(i.checked_sub(2)).is_some_and(|b| b.0 == '.');
            return (!twice).then_some(PageUse::Member);
        }
        // Symbols, and variables of the object that shows the page.
        Some((':' | '@', s)) if s.end == at.start => return None,
        Some(('|', _)) if !is_code => return Some(PageUse::Call),
        _ => {}
    }
    // A key is no name, nor is what a value is given to.
    if after.is_some_and(|a| a.0 == ':' && a.1.start == at.end) && is_code {
        return None;
    }
    if is_called || is_first || is_code && is_given(all, i) {
        return Some(PageUse::Call);
    }
    is_code.then_some(PageUse::Plain)
}

/// Is a word of code followed by a value, as a function is without brackets: `rack_label @rack`, `label :rack`?
fn is_given(all: &[(Piece, Span)], i: usize) -> bool {
    match all.get(i + 1) {
        Some((Piece::Word(word), _)) => !JOINING.contains(word),
        Some((Piece::Text(_), _)) => true,
        Some((Piece::Sign('@' | ':'), s)) => s.start > all[i].1.end && all.get(i + 2).is_some_and(|n| n.1.start == s.end),
        _ => false,
    }
}

/// Is a word followed by values, as a function is in templates that write no brackets?
fn has_arguments(all: &[(Piece, Span)], i: usize) -> bool {
    let end = all[i].1.end;
    match all.get(i + 1) {
        Some((Piece::Word(_) | Piece::Text(_), _)) => true,
        Some((Piece::Sign(c), s)) => matches!(c, '.' | '$') && s.start > end,
        None => false,
    }
}

/// Names that a part binds: `rack = …`, `|rack, at|`.
fn bound<'t>(all: &[(Piece<'t>, Span)]) -> Vec<&'t str> {
    let mut out = Vec::new();
    let mut is_between = false;
    for (i, (piece, _)) in all.iter().enumerate() {
        match piece {
            Piece::Sign('|') => {
                let begins = i > 0 && matches!(all[i - 1].0, Piece::Word("do") | Piece::Sign('{'));
                is_between = !is_between && begins;
            }
            Piece::Word(word) => {
                let next = |n: usize| all.get(i + n).map(|p| p.0);
                let is_given = next(1) == Some(Piece::Sign('=')) && !matches!(next(2), Some(Piece::Sign('=' | '>' | '~')));
                if is_between || is_given {
                    out.push(*word);
                }
            }
            _ => {}
        }
    }
    out
}
