//! Names that code makes at run time, of members and of modules; and where the name of a member stands in a text.

use super::completeness::{Namers, may_be_pasted};
use super::{Engine, Found};
use compass_facts::reading::by_name::{ANY_MEMBER, ANY_MODULE};
use compass_index::{Cause, FileId};
use rayon::prelude::*;
use std::collections::BTreeSet;
use std::time::{Duration, Instant};

/// For more names nobody looks into the texts.
const MOST_NAMES: usize = 3;
/// Longer files are data that no name of a member comes out of.
const LARGEST_BYTES: usize = 1 << 20;
/// A reader waits no longer for a doubt.
const TIME_LIMIT: Duration = Duration::from_millis(100);

/// So many patterns of names are told.
const MOST_SHOWN: usize = 5;

impl Engine {
    /// Names that code makes at run time: of members it calls, of modules and classes it loads. What is called or used so stands in no list.
    pub(super) fn miss_run_time_names(&self, names: &[String], namers: &Namers, found: &mut Found) {
        let mut fitting: BTreeSet<&str> = BTreeSet::new();
        let (mut any_member, mut loads) = (false, 0);
        for (pattern, count) in self.patterns(namers, false).flatten() {
            match pattern.as_str() {
                ANY_MEMBER => any_member = true,
                ANY_MODULE => loads += count,
                pattern if names.iter().any(|name| may_be_pasted(pattern, name)) => drop(fitting.insert(pattern)),
                _ => {}
            }
        }
        if !fitting.is_empty() {
            found.miss(Cause::Dynamic.word(), fitting.len() as u64);
            let shown: Vec<&str> = fitting.into_iter().take(MOST_SHOWN).collect();
            found.notes.push(format!("members are called by texts with their names: {}", shown.join(", ")));
        }
        if any_member && namers.members {
            self.miss_named_in_texts(names, namers, found);
        }
        if loads > 0 && namers.exported {
            found.miss(Cause::Dynamic.word(), loads);
            found.notes.push("modules or classes are loaded here under names made at run time: what they give away may be used there".to_owned());
        }
    }

    /// Says where a name stands in quotes: what reads it there may call the member.
    fn miss_named_in_texts(&self, names: &[String], namers: &Namers, found: &mut Found) {
        if names.len() > MOST_NAMES {
            found.miss(Cause::Dynamic.word(), 1);
            return;
        }
        let end = Instant::now() + TIME_LIMIT;
        let files = self.index.files().iter().filter(|f| namers.concerns(f.language) && self.index.unit(f.id).is_none_or(|u| u.own));
        let files: Vec<FileId> = files.map(|f| f.id).collect();
        for name in names.iter().filter(|n| n.len() > 1) {
            // The first in the order of files is told, whichever thread finds one first.
            let first = files
                .par_iter()
                .map(|file| if Instant::now() > end { Err(()) } else { Ok(self.quoted_in(*file, name)) })
                .find_first(|r| !matches!(r, Ok(None)));
            match first {
                Some(Ok(Some(place))) => {
                    found.miss(Cause::Dynamic.word(), 1);
                    found.notes.push(format!("members are called here by names made at run time, and {name} stands in a text: {place}"));
                }
                Some(_) => found.miss(Cause::Dynamic.word(), 1),
                None => {}
            }
        }
    }

    /// Where a file has a name in quotes, first.
    fn quoted_in(&self, file: FileId, name: &str) -> Option<String> {
        let row = self.index.file(file)?;
        let bytes = self.index.tree().source(&self.index.full_path(row)).ok()?;
        if bytes.len() > LARGEST_BYTES {
            return None;
        }
        let at = memchr::memmem::find_iter(&bytes, name).find(|at| is_quoted(&bytes, *at, name.len()))?;
        let line = memchr::memchr_iter(b'\n', &bytes[..at]).count() + 1;
        Some(format!("{}:{line}", row.path))
    }
}

/// `"name"`, `'name'`, `:name`, `"module:name"`.
fn is_quoted(bytes: &[u8], at: usize, len: usize) -> bool {
    let is_word = |b: Option<&u8>| b.is_some_and(|b| b.is_ascii_alphanumeric() || *b == b'_');
    let before = at.checked_sub(1).and_then(|i| bytes.get(i));
    let after = bytes.get(at + len);
    match before {
        Some(b'"' | b'\'' | b'`') => matches!(after, Some(b'"' | b'\'' | b'`')),
        // A symbol; with two colons it would be a path, behind a word what is annotated or chosen.
        Some(b':') => {
            let further = at.checked_sub(2).and_then(|i| bytes.get(i));
            matches!(after, Some(b'"' | b'\'')) || !is_word(after) && further != Some(&b':') && !is_word(further)
        }
        _ => false,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::in_quotes("run('turn')", true)]
    #[case::in_backticks("run(`turn`)", true)]
    #[case::a_symbol("send(:turn, 1)", true)]
    #[case::behind_a_module("\"racks/hooks:turn\"", true)]
    #[case::a_call("rack.turn()", false)]
    #[case::a_path("Rack::turn", false)]
    #[case::a_longer_word("'turned'", false)]
    #[case::annotated("fn f(way:turn)", false)]
    fn names_in_texts_are_told_from_names_in_code(#[case] text: &str, #[case] expected: bool) {
        let at = text.find("turn").expect("the name");
        assert_eq!(is_quoted(text.as_bytes(), at, 4), expected);
    }
}
