//! Namespaces that macros open and close: `RACK_BEGIN`, alone on its line, stands for `namespace rack {`.
//!
//! # How it works
//! What such a macro stands for is put in its place before the file is parsed, so that all that follows is in its namespace. It is done
//! for a whole file or not at all: where what macros open and close does not come out even, braces of the file would be taken for theirs.

use super::parser::is_capitals;
use super::scan::{Scan, Spellings};
use super::tokens::{T, Tok, mark};
use crate::shared_macros::{Braces, NameTemplates, Opened, Part};
use compass_facts::surroundings::Surroundings;
use rustc_hash::FxHashMap;
use std::borrow::Cow;

/// A macro that stands alone: its place among the tokens, and what it stands for.
struct Alone {
    at: usize,
    /// Behind it and its arguments.
    end: usize,
    braces: Braces,
}

/// Puts namespaces in the place of the macros that stand for them.
pub(super) fn put_namespaces(scan: &mut Scan, among: &dyn Surroundings) {
    let found = find(scan, among);
    if found.is_empty() || !comes_out_even(&scan.toks, &found) {
        return;
    }
    let old = std::mem::take(&mut scan.toks);
    let mut new: Vec<Tok> = Vec::with_capacity(old.len() + found.len() * 6);
    let mut from = 0;
    for one in &found {
        new.extend_from_slice(&old[from..one.at]);
        put(&mut scan.spellings, &mut new, &old, one);
        scan.mentions.push(old[one.at]);
        from = one.end;
    }
    new.extend_from_slice(&old[from..]);
    scan.toks = new;
}

/// Macros that stand alone on their lines and open or close namespaces.
fn find(scan: &Scan, among: &dyn Surroundings) -> Vec<Alone> {
    let mut known: FxHashMap<u32, Option<Braces>> = FxHashMap::default();
    let begins_line = |at: usize| scan.toks.get(at).is_none_or(|t| t.is(mark::LINE) || t.is(mark::BRANCH));
    let mut out = Vec::new();
    for (at, token) in scan.toks.iter().enumerate() {
        if token.k != T::Name || !begins_line(at) {
            continue;
        }
        let Some(end) = end_of_call(&scan.toks, at).filter(|e| begins_line(*e)) else { continue };
        let name = scan.spellings.get(token.id);
        if !is_capitals(name) {
            continue;
        }
        let braces = known.entry(token.id).or_insert_with(|| {
            let shape = among.shape(name)?;
            shape.value.as_ref()?.downcast_ref::<NameTemplates>()?.braces.clone()
        });
        out.extend(braces.clone().map(|braces| Alone { at, end, braces }));
    }
    out
}

/// Behind a name, or behind its arguments if those are words.
fn end_of_call(toks: &[Tok], at: usize) -> Option<usize> {
    const MOST_TOKENS: usize = 16;
    if toks.get(at + 1).is_none_or(|t| t.k != T::LParen) {
        return Some(at + 1);
    }
    let inner = toks.iter().skip(at + 2).take(MOST_TOKENS);
    let words = inner.take_while(|t| matches!(t.k, T::Name | T::Comma)).count();
    toks.get(at + 2 + words).filter(|t| t.k == T::RParen).map(|_| at + 3 + words)
}

/// Does each macro that closes namespaces close what macros opened, and is none left open?
fn comes_out_even(toks: &[Tok], found: &[Alone]) -> bool {
    let mut macros = found.iter().peekable();
    // Is what is open a macro's?
    let mut open: Vec<bool> = Vec::new();
    for (at, token) in toks.iter().enumerate() {
        if let Some(one) = macros.next_if(|m| m.at == at) {
            match &one.braces {
                Braces::Open(opened) => open.extend(opened.iter().map(|_| true)),
                Braces::Close(count) => {
                    let is_theirs = open.len() >= *count && open[open.len() - count..].iter().all(|o| *o);
                    if !is_theirs {
                        return false;
                    }
                    open.truncate(open.len() - count);
                }
            }
        }
        match token.k {
            T::LBrace => open.push(false),
            T::RBrace if open.pop() != Some(false) => return false,
            _ => {}
        }
    }
    open.is_empty()
}

fn put(spellings: &mut Spellings, new: &mut Vec<Tok>, old: &[Tok], one: &Alone) {
    let by = old[one.at];
    let token = |k: T| Tok { k, marks: (by.marks & mark::INACTIVE) | mark::MADE, id: by.id, start: by.start, end: by.end };
    match &one.braces {
        Braces::Close(count) => new.extend(std::iter::repeat_n(token(T::RBrace), *count)),
        Braces::Open(opened) => {
            for Opened { inline, path } in opened {
                new.extend(inline.then(|| token(T::Qualifier)));
                new.push(token(T::Namespace));
                for (nth, parts) in path.iter().enumerate() {
                    new.extend((nth > 0).then(|| token(T::Path)));
                    new.push(named(spellings, parts, &old[one.at..one.end], token(T::Name)));
                }
                new.push(token(T::LBrace));
            }
        }
    }
    // What stood first of its line leads the way for those who look where a declaration begins.
    if let Some(first) = new.iter_mut().rev().take_while(|t| t.start == by.start).last() {
        first.marks |= by.marks & (mark::LINE | mark::BRANCH);
    }
}

/// The name of a namespace: the very argument where it is one, else a name that stands nowhere.
fn named(spellings: &mut Spellings, parts: &[Part], call: &[Tok], made: Tok) -> Tok {
    let arguments: Vec<Tok> = call.iter().skip(2).filter(|t| t.k == T::Name).copied().collect();
    if let [Part::Argument(n)] = parts
        && let Some(argument) = arguments.get(*n as usize)
    {
        return Tok { marks: made.marks & mark::INACTIVE, ..*argument };
    }
    let mut text = String::new();
    for part in parts {
        match part {
            Part::Text(letters) => text.push_str(letters),
            Part::Argument(n) => text.push_str(arguments.get(*n as usize).map_or("", |t| spellings.get(t.id))),
        }
    }
    Tok { id: spellings.add(Cow::Owned(text), true).0, ..made }
}
