//! What may be typed next: the words that the grammar allows, and the names, paths and units there are.

use super::{AnswerError, Engine};
use crate::fuzzy;
use crate::question::{Expected, Thing, expected, quoted_if_needed};
use compass_facts::{Cancel, Kind, Language};
use std::collections::BTreeSet;

/// Something that may be typed.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Offer {
    /// What takes the place of the word that is being typed.
    pub text: String,
    /// What it is: a word of the language, a kind of symbol, `folder`, `unit` …
    pub what: &'static str,
}

/// What may follow the text before the caret.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Offers {
    /// The byte from which on the offers take the place of what was typed.
    pub from: usize,
    /// The best first.
    pub offers: Vec<Offer>,
}

impl Engine {
    /// What may follow `before`, at most so many.
    ///
    /// # Errors
    /// Those of the index.
    pub fn complete(&self, before: &str, most: usize, cancel: &Cancel) -> Result<Offers, AnswerError> {
        let expected = expected(before);
        let mut out = Offers { from: expected.from, offers: Vec::new() };
        let typed = expected.typed.as_str();
        // What stands there in full need not be offered.
        let words = expected.keywords.iter().filter(|k| begins(k, typed) && **k != typed);
        out.offers.extend(words.map(|k| Offer { text: (*k).to_owned(), what: "" }));
        if let Some(thing) = expected.thing {
            self.offer_things(thing, &expected, most, cancel, &mut out)?;
        }
        out.offers.truncate(most);
        Ok(out)
    }

    fn offer_things(&self, thing: Thing, expected: &Expected, most: usize, cancel: &Cancel, out: &mut Offers) -> Result<(), AnswerError> {
        let typed = expected.typed.as_str();
        let listed = |all: BTreeSet<String>, what: &'static str, out: &mut Offers| {
            let found = all.into_iter().filter(|w| begins(w, typed) && w != typed);
            out.offers.extend(found.map(|w| Offer { text: quoted_if_needed(&w), what }));
        };
        match thing {
            Thing::Name if typed.contains('/') => self.offer_paths(typed, most, out),
            Thing::Name if !typed.is_empty() => self.offer_names(typed, most, cancel, out)?,
            Thing::Name => {}
            Thing::Path => self.offer_paths(typed, most, out),
            Thing::Unit => {
                listed(self.index.units().iter().filter(|u| (u.root as usize) < self.index.roots().len()).map(|u| u.name.clone()).collect(), "unit", out)
            }
            Thing::Layer => listed(self.index.layers().iter().map(|l| l.name.clone()).collect(), "layer", out),
            Thing::Kind => listed(Kind::ALL.iter().map(|k| k.word().to_owned()).collect(), "kind", out),
            Thing::Goal => listed(crate::chains::goals().map(str::to_owned).collect(), "kind", out),
            Thing::Language => {
                let here: BTreeSet<Language> = self.index.files().iter().map(|f| f.language).collect();
                listed(here.iter().map(|l| l.word().to_owned()).collect(), "language", out);
            }
        }
        Ok(())
    }

    /// Symbols whose names have the letters; of a qualified name its last part is looked for.
    fn offer_names(&self, typed: &str, most: usize, cancel: &Cancel, out: &mut Offers) -> Result<(), AnswerError> {
        let start = typed.rfind(['.', ':', '#', '\\']).map_or(0, |i| i + 1);
        let (container, last) = typed.split_at(start);
        if last.is_empty() {
            return Ok(());
        }
        let names = self.index.names()?;
        let mut found = fuzzy::find(&names, &[last.to_owned()], most, cancel);
        found.retain(|n| *n != last);
        // Where names begin so, those that have the letters somewhere are not meant.
        if found.iter().any(|n| begins(n, last)) {
            found.retain(|n| begins(n, last));
        }
        for name in found {
            let Some(entry) = self.index.named(name)?.into_iter().min_by_key(|e| (!self.index.unit(e.symbol.file).is_some_and(|u| u.own), e.symbol)) else {
                continue;
            };
            out.offers.push(Offer { text: quoted_if_needed(&format!("{container}{name}")), what: entry.kind.word() });
        }
        Ok(())
    }

    /// Folders and files: those that begin so, folder by folder; then those that have it anywhere.
    fn offer_paths(&self, typed: &str, most: usize, out: &mut Offers) {
        let mut next: BTreeSet<(bool, String)> = BTreeSet::new();
        let mut elsewhere = Vec::new();
        let last = typed.trim_end_matches('/').rsplit('/').next().unwrap_or("");
        for file in self.index.files().iter().filter(|f| self.index.unit(f.id).is_some_and(|u| u.own)) {
            let path = self.index.path_of(file.id);
            if let Some(rest) = path.strip_prefix(typed) {
                // The folder typed in full is where one is.
                let length = rest.find('/').map(|i| typed.len() + i + 1);
                next.insert((length.is_none(), length.map_or(path.clone(), |l| path[..l].to_owned())));
            } else if !last.is_empty() && elsewhere.len() < most && path.rsplit('/').next().is_some_and(|name| begins(name, last)) {
                elsewhere.push(path);
            }
        }
        let offer = |path: String| {
            let what = if path.ends_with('/') { "folder" } else { "file" };
            Offer { text: quoted_if_needed(&path), what }
        };
        out.offers.extend(next.into_iter().map(|(_, path)| path).filter(|p| p != typed).chain(elsewhere).map(offer));
    }
}

/// Does the word begin with what is typed, whichever the case?
fn begins(word: &str, typed: &str) -> bool {
    word.get(..typed.len()).is_some_and(|start| start.eq_ignore_ascii_case(typed))
}
