//! Which tests cover a definition, how they came out, and what of a file's definitions is unusual.
//!
//! # How it works
//! A test covers what it reaches by calls, and what a report says it ran. Cases of reports are found among the definitions that readers
//! mark as tests, by name and by what of their suite stands in path and container; where tests have no definitions of their own
//! (functions handed to a runner) the file of the test stands for them. From every test that fails one walk goes down its calls: what it
//! meets carries the failure.

use super::lines::Range;
use super::reports::{CaseState, Reports, TestCase};
use crate::chains::Direction;
use crate::{Answer, AnswerError, Context, Engine};
use compass_facts::profile::TestMarks;
use compass_facts::{DefId, Facts, Flags};
use compass_index::{FileId, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::path::PathBuf;
use std::sync::Arc;
use std::time::Duration;

/// So many calls a test may be away from what it covers.
const DEPTH: u32 = 5;
/// A walk over calls ends after this.
const LIMIT: Duration = Duration::from_millis(800);
/// Of more failing tests than this the others carry no failure to what they call.
const MOST_FAILING: usize = 50;

/// A test that covers a definition.
#[derive(Debug, Clone, PartialEq)]
pub struct CoveringTest {
    /// The test.
    pub test: Answer,
    /// How it came out, if a report says so.
    pub state: Option<CaseState>,
    /// What it said when it failed.
    pub message: String,
    /// The report that says so.
    pub report: Option<PathBuf>,
    /// So many calls away; none where a report says that it ran the lines.
    pub calls: Option<u32>,
    /// Did the test's file change since the report was written?
    pub is_older: bool,
}

/// Reports, with what of them stands where in the index.
#[derive(Debug, Default)]
pub struct Testing {
    /// The reports.
    pub reports: Arc<Reports>,
    /// Cases by the test they are of.
    cases: FxHashMap<SymbolId, Vec<usize>>,
    /// Failing cases by what they reach.
    failing: FxHashMap<SymbolId, Vec<usize>>,
}

/// What is unusual about a definition.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Unusual {
    /// Tests that cover it fail: the name of one, and how many more.
    Failing(String, usize),
    /// It came with the last pull, or after it.
    Changed,
    /// Coverage is known, and none of its lines ran.
    NeverRun,
    /// Nobody uses it, and nobody outside its file could.
    Unused,
}

/// A note at a definition's line.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Sidenote {
    /// The line of its name.
    pub line: u32,
    /// What is unusual.
    pub what: Unusual,
}

impl Testing {
    /// Finds the tests of some reports in the index, and what the failing ones reach.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn new(reports: Arc<Reports>, engine: &Engine, context: &Context) -> Result<Testing, AnswerError> {
        let mut out = Testing { reports, ..Testing::default() };
        for (i, case) in out.reports.cases.iter().enumerate() {
            if let Some(symbol) = find_test(engine, case)? {
                out.cases.entry(symbol).or_default().push(i);
            }
        }
        let is_failing = |cases: &[usize]| cases.iter().copied().find(|i| out.reports.cases[*i].state == CaseState::Failed);
        let mut failing: Vec<(SymbolId, usize)> = out.cases.iter().filter_map(|(s, c)| Some((*s, is_failing(c)?))).collect();
        failing.sort_unstable();
        let limited = Context { time_limit: Some(LIMIT), ..context.clone() };
        for (symbol, case) in failing.into_iter().take(MOST_FAILING) {
            let chain = engine.chain(&[symbol], Direction::Down, DEPTH, &limited)?;
            let reached: FxHashSet<SymbolId> = chain.nodes.iter().map(|n| n.symbol).chain([symbol]).collect();
            reached.into_iter().for_each(|s| out.failing.entry(s).or_default().push(case));
        }
        Ok(out)
    }

    /// The tests that cover a symbol, failing ones first, then the nearest.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn covering(&self, engine: &Engine, symbol: SymbolId, context: &Context) -> Result<Vec<CoveringTest>, AnswerError> {
        let mut found: FxHashMap<SymbolId, Option<u32>> = FxHashMap::default();
        let limited = Context { time_limit: Some(LIMIT), ..context.clone() };
        for node in engine.chain(&[symbol], Direction::Up, DEPTH, &limited)?.nodes {
            stop_if_cancelled(context)?;
            if is_test(engine, node.symbol)? {
                let calls = found.entry(node.symbol).or_insert(Some(node.level));
                *calls = (*calls).min(Some(node.level));
            }
        }
        for test in self.ran_in(engine, symbol)? {
            found.entry(test).or_insert(None);
        }
        let mut out = Vec::with_capacity(found.len());
        for (test, calls) in found {
            out.push(self.covering_test(engine, test, calls)?);
        }
        out.sort_by(|a, b| {
            (std::cmp::Reverse(a.state), a.calls, &a.test.path, a.test.line).cmp(&(std::cmp::Reverse(b.state), b.calls, &b.test.path, b.test.line))
        });
        Ok(out)
    }

    fn covering_test(&self, engine: &Engine, test: SymbolId, calls: Option<u32>) -> Result<CoveringTest, AnswerError> {
        let answer = engine.symbol_answer(test)?;
        let cases = self.cases.get(&test).map_or(&[][..], Vec::as_slice).iter().map(|i| &self.reports.cases[*i]);
        let Some(worst) = cases.max_by_key(|c| c.state) else {
            return Ok(CoveringTest { test: answer, state: None, message: String::new(), report: None, calls, is_older: false });
        };
        let report = &self.reports.files[worst.report];
        let changed = engine.index().file(test.file).and_then(|row| engine.index().tree().meta(&engine.index().full_path(row)).ok());
        let is_older = changed.zip(report.written).is_some_and(|(file, report)| file.changed() > report);
        Ok(CoveringTest { test: answer, state: Some(worst.state), message: worst.message.clone(), report: Some(report.path.clone()), calls, is_older })
    }

    /// Tests of which a report says that they ran lines of the symbol.
    fn ran_in(&self, engine: &Engine, symbol: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let Some(lines) = self.reports.lines_of(&engine.index().path_of(symbol.file)).filter(|l| !l.by_test.is_empty()) else { return Ok(Vec::new()) };
        let Some((facts, def)) = engine.index().definition(symbol)? else { return Ok(Vec::new()) };
        let Some((first, last)) = lines_of(engine, symbol.file, &facts.facts, def)? else { return Ok(Vec::new()) };
        let mut out = Vec::new();
        for (name, ran) in &lines.by_test {
            if ran.iter().any(|l| (first..=last).contains(l)) {
                let case = TestCase { suite: String::new(), name: name.clone(), state: CaseState::Passed, message: String::new(), file: None, report: 0 };
                out.extend(find_test(engine, &case)?);
            }
        }
        Ok(out)
    }

    /// What is unusual about the definitions of a file; `changed` are its lines that came with the last pull.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn sidenotes(&self, engine: &Engine, file: FileId, changed: &[Range], context: &Context) -> Result<Vec<Sidenote>, AnswerError> {
        let facts = engine.index().facts(file)?;
        let coverage = self.reports.lines_of(&engine.index().path_of(file));
        let own = engine.index().unit(file).is_some_and(|u| u.own);
        let mut out: Vec<Sidenote> = Vec::new();
        for (i, d) in facts.facts.definitions.iter().enumerate() {
            let def = DefId(i as u32);
            stop_if_cancelled(context)?;
            if !(d.kind.is_callable() || d.kind.is_type()) || d.is_inner() || d.name_span.is_empty() {
                continue;
            }
            let Some((first, last)) = lines_of(engine, file, &facts.facts, def)? else { continue };
            let symbol = SymbolId { file, number: facts.number(def) };
            let within = |line: u32| (first..=last).contains(&line);
            let ran = |hits: bool| coverage.is_some_and(|c| c.hits.range(first + 1..=last).any(|h| (*h.1 > 0) == hits));
            let what = if let Some(cases) = self.failing.get(&symbol) {
                Unusual::Failing(self.reports.cases[cases[0]].name.clone(), cases.len() - 1)
            } else if changed.iter().any(|(a, b)| within(*a) || within(*b) || (*a < first && *b > last)) {
                Unusual::Changed
            } else if d.kind.is_callable() && ran(false) && !ran(true) {
                Unusual::NeverRun
            } else if own && is_hidden(engine, file, &facts.facts, def) && is_unused(engine, symbol, facts.facts.name(d.name))? {
                Unusual::Unused
            } else {
                continue;
            };
            let line = line_of(engine, file, d.name_span.start)?;
            // A type says it for its members.
            if out.last().is_none_or(|n| n.line != line) {
                out.push(Sidenote { line, what });
            }
        }
        Ok(out)
    }
}

fn line_of(engine: &Engine, file: FileId, at: u32) -> Result<u32, AnswerError> {
    let source = engine.index().source(file)?;
    Ok(source.source.lines.locate(at.min(source.source.text.len() as u32)).0)
}

/// First and last line of a definition.
fn lines_of(engine: &Engine, file: FileId, facts: &Facts, def: DefId) -> Result<Option<Range>, AnswerError> {
    let whole = facts.def(def).whole;
    if whole.is_empty() {
        return Ok(None);
    }
    Ok(Some((line_of(engine, file, whole.start)?, line_of(engine, file, whole.end.saturating_sub(1))?)))
}

/// Can nobody outside the file mean it, nor anybody by a convention of the language?
fn is_hidden(engine: &Engine, file: FileId, facts: &Facts, def: DefId) -> bool {
    let d = facts.def(def);
    let name = facts.name(d.name);
    let is_called_by_convention = name == "main" || name == "init" || name.starts_with("__") || d.flags.has(Flags::TEST) || d.flags.has(Flags::SPECIAL);
    let hidden = !name.is_empty() && engine.index().file(file).is_some_and(|f| (f.language.profile().is_hidden)(d, name));
    hidden && !is_called_by_convention && !d.flags.has(Flags::VIRTUAL) && !d.flags.has(Flags::ABSTRACT)
}

fn is_unused(engine: &Engine, symbol: SymbolId, name: &str) -> Result<bool, AnswerError> {
    let index = engine.index();
    if !index.uses(symbol)?.is_empty() || !index.crossings(symbol)?.is_empty() || !index.derived(symbol)?.is_empty() {
        return Ok(false);
    }
    // A use without a target may mean it after all.
    Ok(!index.unlinked(name)?.iter().any(|u| u.cause.may_hide_use()))
}

fn stop_if_cancelled(context: &Context) -> Result<(), AnswerError> {
    if context.cancel.is_cancelled() { Err(AnswerError::Cancelled) } else { Ok(()) }
}

/// Is the symbol a test, or the file of tests?
fn is_test(engine: &Engine, symbol: SymbolId) -> Result<bool, AnswerError> {
    let index = engine.index();
    let Some(file) = index.file(symbol.file) else { return Ok(false) };
    match file.language.profile().tests.marks {
        TestMarks::File => return Ok(compass_index::is_test_path(&file.path, file.language)),
        // Thousands of callers need not be loaded to see that.
        TestMarks::Nothing => return Ok(false),
        TestMarks::Reader => {}
    }
    Ok(index.definition(symbol)?.is_some_and(|(f, d)| f.facts.def(d).flags.has(Flags::TEST)))
}

/// The test that a case of a report is of.
fn find_test(engine: &Engine, case: &TestCase) -> Result<Option<SymbolId>, AnswerError> {
    let index = engine.index();
    // Parameters stand behind the name.
    let name = case.name.split(['[', '(']).next().unwrap_or_default().trim();
    let name = name.rsplit("::").next().unwrap_or(name);
    let suite: Vec<&str> = case.suite.split(['.', '/', '$', ' ']).flat_map(|p| p.split("::")).filter(|p| !p.is_empty()).collect();
    let mut best: Option<(usize, SymbolId)> = None;
    for entry in index.named(name)?.into_iter().filter(|e| e.flags.has(Flags::TEST)) {
        let path = index.path_of(entry.symbol.file);
        let container = index.definition(entry.symbol)?.map(|(f, d)| f.facts.container_path(d).join(".")).unwrap_or_default();
        let told = format!("{}.{container}", path.replace('/', "."));
        let parts: FxHashSet<&str> = told.split('.').collect();
        let by_file = case.file.as_deref().is_some_and(|f| path.ends_with(f.trim_start_matches("./")));
        let score = suite.iter().filter(|p| parts.contains(**p)).count() + if by_file { 100 } else { 0 };
        if best.is_none_or(|(known, symbol)| score > known || score == known && entry.symbol < symbol) {
            best = Some((score, entry.symbol));
        }
    }
    if let Some((_, symbol)) = best {
        return Ok(Some(symbol));
    }
    let file = [case.file.as_deref(), Some(case.suite.as_str())].into_iter().flatten().find_map(|f| index.find_path(f.trim_start_matches("./")));
    let is_test = |f: &compass_index::FileId| index.file(*f).is_some_and(|row| compass_index::is_test_path(&row.path, row.language));
    Ok(file.filter(is_test).map(SymbolId::module))
}
