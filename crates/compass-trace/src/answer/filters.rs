//! Filters over light rows.

use super::{AnswerError, Context, Engine, rows::Raw};
use crate::question::{Filter, ParseError, Scope};
use compass_facts::{Kind, Language};
use compass_index::{Certainty, FileId, UnitId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::cell::RefCell;

/// A folder, file or pattern against paths.
pub(super) struct PathMatcher {
    word: String,
    glob: Option<globset::GlobMatcher>,
}

impl PathMatcher {
    pub(super) fn new(word: &str) -> PathMatcher {
        let word = word.trim_start_matches("./").to_owned();
        let has_glob = word.contains(['*', '?', '[']);
        let glob = if has_glob && compass_index::tree::is_shallow(&word) { globset::Glob::new(&word).ok().map(|g| g.compile_matcher()) } else { None };
        PathMatcher { word, glob }
    }

    /// A folder holds what lies below it, anywhere in the path; a file is matched by its end.
    pub(super) fn matches(&self, path: &str) -> bool {
        if let Some(glob) = &self.glob {
            return glob.is_match(path) || path.rsplit('/').next().is_some_and(|n| glob.is_match(n));
        }
        let word = self.word.trim_end_matches('/');
        if word.is_empty() {
            return true;
        }
        let Some(at) = path.find(word) else { return false };
        let starts = at == 0 || path.as_bytes()[at - 1] == b'/';
        let rest = &path[at + word.len()..];
        let ends = rest.is_empty() || rest.starts_with('/');
        starts && ends
            || path[at + 1..]
                .find(word)
                .is_some_and(|_| PathMatcher { word: word.to_owned(), glob: None }.matches(path[at + 1..].split_once('/').map_or("", |p| p.1)))
    }
}

/// Filters of a question, ready to test rows.
pub(super) struct Filters {
    inside: Vec<PathMatcher>,
    outside: Vec<PathMatcher>,
    open: Option<FxHashSet<String>>,
    /// Only tests, or everything but tests.
    tests: Option<bool>,
    languages: Vec<String>,
    units: Vec<UnitId>,
    has_units: bool,
    kinds: Vec<Kind>,
    layers: Vec<String>,
    only: Vec<Certainty>,
    at_least: Option<Certainty>,
    these: Option<FxHashSet<(FileId, u32)>>,
    narrow: Vec<String>,
    paths: RefCell<FxHashMap<FileId, bool>>,
}

impl Filters {
    pub(super) fn new(engine: &Engine, filters: &[Filter], context: &Context) -> Result<Filters, AnswerError> {
        let mut out = Filters {
            inside: Vec::new(),
            outside: Vec::new(),
            open: None,
            tests: None,
            languages: Vec::new(),
            units: Vec::new(),
            has_units: false,
            kinds: Vec::new(),
            layers: Vec::new(),
            only: Vec::new(),
            at_least: None,
            these: None,
            narrow: context.narrow.clone(),
            paths: RefCell::default(),
        };
        for filter in filters {
            match filter {
                Filter::In(Scope::Open) => out.open = Some(context.open.iter().cloned().collect()),
                Filter::In(Scope::Path(word)) if word == TESTS => out.tests = Some(true),
                Filter::Outside(Scope::Path(word)) if word == TESTS => out.tests = Some(false),
                Filter::In(Scope::Path(word)) => out.inside.push(PathMatcher::new(word)),
                Filter::Outside(Scope::Open) => out.outside.extend(context.open.iter().map(|p| PathMatcher::new(p))),
                Filter::Outside(Scope::Path(word)) => out.outside.push(PathMatcher::new(word)),
                Filter::Lang(word) => out.languages.push(known(word, "language", Language::all().iter().map(|l| l.word()))?),
                Filter::Unit(word) => {
                    known(word, "unit", engine.index.units().iter().map(|u| u.name.as_str()))?;
                    out.has_units = true;
                    out.units.extend(engine.index.units().iter().filter(|u| u.name == *word).map(|u| u.id));
                }
                Filter::Kind(word) => {
                    known(word, "kind", Kind::ALL.iter().map(|k| k.word()))?;
                    out.kinds.extend(Kind::ALL.into_iter().filter(|k| k.word() == word));
                }
                Filter::Layer(word) => {
                    known(word, "layer", engine.index.layers().iter().map(|l| l.name.as_str()))?;
                    out.layers.push(word.clone());
                }
                Filter::Only(c) => out.only.push(*c),
                Filter::AtLeast(c) => out.at_least = Some(out.at_least.map_or(*c, |old| old.max(*c))),
                Filter::OfThese => match &context.these {
                    Some(these) => out.these = Some(these.iter().copied().collect()),
                    None => return Err(ParseError::new("there are no earlier answers to choose from", 0, 0).into()),
                },
                Filter::AtMost(_) | Filter::After(_) | Filter::OrGuessed => {}
            }
        }
        Ok(out)
    }

    /// Does a row's file have to hold some words in its path?
    pub(super) fn has_narrow(&self) -> bool {
        !self.narrow.is_empty()
    }

    /// Is the text of a file searched? That of a declared standard library is none of the code base's: who wants it names the unit.
    pub(super) fn searches(&self, engine: &Engine, file: FileId) -> bool {
        (self.has_units || !engine.is_declared(file)) && self.keeps_file(engine, file)
    }

    /// Files that the path and language filters leave, for finders that read files.
    pub(super) fn keeps_file(&self, engine: &Engine, file: FileId) -> bool {
        let is_open = self.inside.is_empty() && self.outside.is_empty() && self.open.is_none() && self.languages.is_empty() && self.layers.is_empty();
        if is_open && self.tests.is_none() && !self.has_units && self.narrow.is_empty() {
            return true;
        }
        if let Some(known) = self.paths.borrow().get(&file) {
            return *known;
        }
        let path = engine.index.path_of(file);
        let row = engine.index.file(file);
        let language = row.map_or("", |f| f.language.word());
        let is_test = || row.is_some_and(|f| compass_index::is_test_path(&f.path, f.language));
        // Files of code may hold tests, too: rows tell.
        let keeps = (self.tests != Some(false) || !is_test())
            && (self.inside.is_empty() || self.inside.iter().any(|m| m.matches(&path)))
            && !self.outside.iter().any(|m| m.matches(&path))
            && self.open.as_ref().is_none_or(|o| o.contains(&path))
            && (self.languages.is_empty() || self.languages.iter().any(|l| l == language))
            && (self.layers.is_empty() || engine.index.layer(file).is_some_and(|l| self.layers.iter().any(|w| w == l.1)))
            && (!self.has_units || self.units.contains(&file.unit))
            && (self.narrow.is_empty() || holds_all(&path, &self.narrow));
        self.paths.borrow_mut().insert(file, keeps);
        keeps
    }

    pub(super) fn keeps(&self, engine: &Engine, row: &Raw) -> Result<bool, AnswerError> {
        if !self.keeps_file(engine, row.file) {
            return Ok(false);
        }
        if let Some(these) = &self.these
            && !these.contains(&(row.file, row.marks.span.start))
        {
            return Ok(false);
        }
        if let Some(wanted) = self.tests
            && row_is_test(engine, row)? != wanted
        {
            return Ok(false);
        }
        let certain = match row.marks.certainty {
            Some(c) => (self.only.is_empty() || self.only.contains(&c)) && self.at_least.is_none_or(|least| c >= least),
            None => true,
        };
        if !certain {
            return Ok(false);
        }
        if self.kinds.is_empty() {
            return Ok(true);
        }
        let kind = match (row.marks.kind, row.symbol) {
            (Some(kind), _) => Some(kind),
            (None, Some(symbol)) => engine.index.definition(symbol)?.map(|(f, d)| f.facts.def(d).kind),
            _ => None,
        };
        Ok(kind.is_some_and(|k| self.kinds.contains(&k)))
    }
}

/// Stands for the tests of each language, wherever they are.
const TESTS: &str = "tests";

/// Does a filter look at nothing but the file of a row? Tests stand among other code, too.
pub(super) fn is_of_files(filter: &Filter) -> bool {
    match filter {
        Filter::In(Scope::Path(word)) | Filter::Outside(Scope::Path(word)) => word != TESTS,
        Filter::AtMost(_) | Filter::After(_) | Filter::In(_) | Filter::Outside(_) | Filter::Lang(_) | Filter::Unit(_) | Filter::Layer(_) => true,
        _ => false,
    }
}

/// Does a row stand in a test: in a file of tests, or in a definition that is marked as one, or is within one?
fn row_is_test(engine: &Engine, row: &Raw) -> Result<bool, AnswerError> {
    let Some(file) = engine.index.file(row.file) else { return Ok(false) };
    if compass_index::is_test_path(&file.path, file.language) {
        return Ok(true);
    }
    if !file.language.is_read() {
        return Ok(false);
    }
    let facts = engine.index.facts(row.file)?;
    let mut at = match row.about {
        super::About::Definition(def) => Some(def),
        super::About::Use(usage) => facts.facts.usage(usage).enclosing,
        _ => facts.facts.find_enclosing(row.marks.span.start),
    };
    while let Some(def) = at {
        let d = facts.facts.def(def);
        // Code that is compiled for tests alone stands in a module of its own.
        let is_module_of_tests = d.kind == Kind::Module && matches!(facts.facts.def_name(def), "tests" | "test");
        if d.flags.has(compass_facts::Flags::TEST) || is_module_of_tests {
            return Ok(true);
        }
        at = d.container;
    }
    Ok(false)
}

/// Does the path hold all the words, whichever the case of its letters?
fn holds_all(path: &str, words: &[String]) -> bool {
    let path = path.to_lowercase();
    words.iter().all(|w| path.contains(w.as_str()))
}

/// The word, if it is one of those known.
pub(crate) fn known<'w>(word: &str, what: &str, all: impl Iterator<Item = &'w str>) -> Result<String, ParseError> {
    let all: Vec<&str> = all.collect();
    if all.contains(&word) {
        return Ok(word.to_owned());
    }
    let mut near: Vec<(f64, &str)> = all.iter().map(|w| (crate::likeness(w, word), *w)).collect();
    near.sort_by(|a, b| b.0.total_cmp(&a.0));
    near.dedup_by_key(|n| n.1);
    let words: Vec<&str> = near.iter().take(5).map(|n| n.1).collect();
    let mut error = ParseError::new(format!("no {what} is called {word}"), 0, 0).expecting(&words);
    error.nearest = words.first().map(|w| (*w).to_owned());
    Err(error)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::folder("src/", "src/a.c", true)]
    #[case::inner_folder("drivers", "linux/drivers/a.c", true)]
    #[case::part_of_a_name("driver", "linux/drivers/a.c", false)]
    #[case::file("turn.go", "planner/turn.go", true)]
    #[case::file_with_folder("planner/turn.go", "planner/turn.go", true)]
    #[case::glob("**/*.go", "planner/turn.go", true)]
    #[case::glob_on_the_name("*.go", "planner/turn.go", true)]
    #[case::other("*.rs", "planner/turn.go", false)]
    #[case::second_mention("b", "ab/b/c", true)]
    fn paths_match(#[case] word: &str, #[case] path: &str, #[case] matches: bool) {
        assert_eq!(PathMatcher::new(word).matches(path), matches);
    }
}
