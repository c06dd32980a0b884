//! Answers questions.
//!
//! # How it works
//! A form first gives light rows (file, range, what it is), all of them, sorted; filters drop some; only the page wanted
//! is made into full answers with text and evidence. So `total` counts everything at the cost of a page.

mod absent;
mod chained;

pub(crate) use chained::word_of;
mod completeness;
mod completing;
pub use completing::{Offer, Offers};
mod declared;
mod deriving;
mod entries;
mod filters;
mod finders;
mod following;
mod importing;
mod initial;
mod introducing;
pub(crate) use introducing::Introduction;
mod levels;
mod listing;
mod marks;
pub(crate) use completeness::may_be_pasted;
pub(crate) use filters::known;
pub(crate) use marks::marks_before;
mod namespaces;
mod naming;
mod no_way;
mod outside_callers;
mod overrides;
mod positions;
mod relations;
mod rows;
mod run_time_names;
mod scan;
pub(crate) mod side_by_side;
mod subject;
mod through_macros;
mod through_values;

use crate::history_and_coverage::{GitError, KeptReports, Testing};
use crate::question::{Filter, Form, ParseError, Question, parse};
use compass_facts::{Cancel, DefId, GapCause, Kind, Role, Span, UseId};
use compass_index::{Certainty, CrossingKind, FileId, Index, IndexError, Missing, SymbolId};
use rows::Raw;
use serde::Serialize;
use std::sync::Arc;
use std::time::Duration;

/// The first page.
pub const PAGE: u64 = 200;

/// A reason with its place.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
pub struct EvidenceLine {
    /// The reason in words.
    pub text: String,
    /// Where the named thing stands.
    pub path: String,
    /// From 1.
    pub line: u32,
}

/// One answer. Fields that do not apply are `None`.
#[derive(Debug, Clone, PartialEq, Serialize)]
pub struct Answer {
    /// Relative to the first root.
    pub path: String,
    /// From 1.
    pub line: u32,
    /// In UTF-8 bytes, from 1.
    pub column: u32,
    /// From 1.
    pub end_line: u32,
    /// One past the last byte, from 1.
    pub end_column: u32,
    /// Qualified by the types around it; its last part stands at the place.
    pub name: Option<String>,
    /// What it is.
    #[serde(serialize_with = "words::kind")]
    pub kind: Option<AnswerKind>,
    /// What is done there.
    #[serde(serialize_with = "words::role")]
    pub role: Option<Role>,
    /// How sure the link behind it is.
    #[serde(serialize_with = "words::certainty")]
    pub certainty: Option<Certainty>,
    /// Reasons, from the use outwards.
    pub evidence: Vec<EvidenceLine>,
    /// Unit name.
    pub unit: Option<String>,
    /// Language word.
    pub language: Option<String>,
    /// The definition it stands in.
    pub enclosing: Option<String>,
    /// The line.
    pub text: Option<String>,
    /// How far from the start of a chain, from 1.
    pub level: Option<u32>,
    /// In a chain the symbol it hangs on; in a step of a way how it joins: `call`, `implements` or the kind of crossing.
    pub via: Option<String>,
    /// The steps of a way.
    pub steps: Option<Vec<Answer>>,
    /// The kind of crossing, if it is one.
    #[serde(skip)]
    pub crossing: Option<CrossingKind>,
    /// Who calls the definition it stands in: the second level of context; see [`Engine::add_caller`].
    #[serde(skip)]
    pub caller: Option<String>,
    /// What else is to be said of it in a few words: how a test came out, why something follows.
    #[serde(skip)]
    pub remark: Option<String>,
    /// The macro that makes it where it is called: nobody wrote it.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub made_by: Option<String>,
    /// The question that lists what this row stands for together with itself: the other forward declarations of a type, say.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub opens: Option<String>,
    /// The symbol this is about.
    #[serde(skip)]
    pub symbol: Option<SymbolId>,
    /// First byte in its file.
    #[serde(skip)]
    pub start: u32,
    /// The file it stands in.
    #[serde(skip)]
    pub file: Option<FileId>,
    /// The definition of the file that it is or stands in.
    #[serde(skip)]
    pub definition: Option<DefId>,
}

/// What an answer is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub enum AnswerKind {
    /// A definition.
    Symbol(Kind),
    /// Something that crosses languages, processes or layers, met or not.
    Crossing(CrossingKind),
    /// A stretch that was not understood.
    Gap(GapCause),
}

impl AnswerKind {
    /// The word for people.
    #[must_use]
    pub fn word(self) -> &'static str {
        match self {
            AnswerKind::Symbol(kind) => kind.word(),
            AnswerKind::Crossing(kind) => kind.word(),
            AnswerKind::Gap(cause) => cause.word(),
        }
    }
}

impl Answer {
    /// The word for what it is.
    #[must_use]
    pub fn kind_word(&self) -> Option<&'static str> {
        self.kind.map(AnswerKind::word)
    }

    /// The word for what is done there.
    #[must_use]
    pub fn role_word(&self) -> Option<&'static str> {
        self.role.map(Role::word)
    }

    /// The word for how sure it is.
    #[must_use]
    pub fn certainty_word(&self) -> Option<&'static str> {
        self.certainty.map(Certainty::word)
    }

    /// The word for the crossing it is.
    #[must_use]
    pub fn crossing_word(&self) -> Option<&'static str> {
        self.crossing.map(CrossingKind::word)
    }
}

/// Types as the words that answers are written with.
mod words {
    use super::AnswerKind;
    use compass_facts::Role;
    use compass_index::Certainty;
    use serde::{Serialize, Serializer};

    pub(super) fn kind<S: Serializer>(value: &Option<AnswerKind>, to: S) -> Result<S::Ok, S::Error> {
        value.map(AnswerKind::word).serialize(to)
    }

    pub(super) fn role<S: Serializer>(value: &Option<Role>, to: S) -> Result<S::Ok, S::Error> {
        value.map(Role::word).serialize(to)
    }

    pub(super) fn certainty<S: Serializer>(value: &Option<Certainty>, to: S) -> Result<S::Ok, S::Error> {
        value.map(Certainty::word).serialize(to)
    }
}

/// What a question gives.
#[derive(Debug, Clone, PartialEq, Serialize)]
pub struct Answers {
    /// The question, as understood.
    pub question: String,
    /// A page of answers.
    pub answers: Vec<Answer>,
    /// All there are.
    pub total: u64,
    /// Was everything searched, read and linked?
    pub complete: bool,
    /// If not, why.
    #[serde(serialize_with = "serialize_missing")]
    pub missing: Vec<Missing>,
    /// Things to hear.
    pub notes: Vec<String>,
}

fn serialize_missing<S: serde::Serializer>(missing: &[Missing], serializer: S) -> Result<S::Ok, S::Error> {
    use serde::ser::SerializeSeq;
    #[derive(Serialize)]
    struct Row<'m> {
        cause: &'m str,
        count: u64,
    }
    let mut seq = serializer.serialize_seq(Some(missing.len()))?;
    for m in missing {
        seq.serialize_element(&Row { cause: &m.cause, count: m.count })?;
    }
    seq.end()
}

/// Why a question has no answers.
#[derive(Debug, thiserror::Error)]
pub enum AnswerError {
    /// It could not be understood.
    #[error(transparent)]
    Parse(#[from] ParseError),
    /// The index failed.
    #[error(transparent)]
    Index(#[from] IndexError),
    /// Git says nothing.
    #[error(transparent)]
    Git(#[from] GitError),
    /// Somebody asked to stop.
    #[error("cancelled")]
    Cancelled,
}

/// What surrounds a question.
#[derive(Debug, Clone, Default)]
pub struct Context {
    /// Paths of the places open on the desk: `in open`.
    pub open: Vec<String>,
    /// The places of the last answer: `of these`.
    pub these: Option<Vec<(FileId, u32)>>,
    /// Words, in small letters, that the path of a row's file must hold.
    pub narrow: Vec<String>,
    /// Searching texts stops after this long.
    pub time_limit: Option<Duration>,
    /// Raised to stop.
    pub cancel: Cancel,
    /// Told answers of the page in order while a search through texts goes on.
    pub early: Option<Early>,
}

/// Hears of answers before the last of them is found.
#[derive(Clone)]
pub struct Early(pub Arc<dyn Fn(&Answer) + Send + Sync>);

impl std::fmt::Debug for Early {
    fn fmt(&self, f: &mut std::fmt::Formatter) -> std::fmt::Result {
        f.write_str("Early")
    }
}

/// Answers questions from one index.
pub struct Engine {
    pub(crate) index: Arc<Index>,
    /// Reports of tests, once somebody asked for them; engines over newer indexes share them.
    reports: Arc<std::sync::Mutex<KeptReports>>,
    /// What of the reports stands where.
    testing: std::sync::Mutex<Option<Arc<Testing>>>,
    /// The uses that were listed last, if there were very many: they are narrowed and gone through.
    last_listed: std::sync::Mutex<Option<Arc<listing::Listed>>>,
    /// Languages in which code of this code base opens libraries.
    library_openers: std::sync::OnceLock<Vec<compass_facts::Language>>,
    /// What tables and fields of functions hold, as far as it was asked for.
    pub(crate) known_held: crate::indirect::KnownHeld,
    /// Where members are called by names that fit a pattern.
    pub(crate) known_sites: crate::indirect::KnownSites,
}

/// What a form found, before filters and pages.
#[derive(Default)]
struct Found {
    rows: Vec<Raw>,
    missing: Vec<Missing>,
    notes: Vec<String>,
    /// The rows are the page asked for already; so many there are in all.
    paged: Option<u64>,
    /// The page, where a search has made it already: `paged` is set then, and there are no rows.
    ready: Vec<Answer>,
}

impl Found {
    fn miss(&mut self, cause: &str, count: u64) {
        if count == 0 {
            return;
        }
        match self.missing.iter_mut().find(|m| m.cause == cause) {
            Some(m) => m.count += count,
            None => self.missing.push(Missing { cause: cause.to_owned(), count }),
        }
    }
}

impl Engine {
    /// An engine over an index.
    pub fn new(index: Arc<Index>) -> Engine {
        Engine {
            index,
            reports: Arc::default(),
            testing: std::sync::Mutex::default(),
            last_listed: std::sync::Mutex::default(),
            library_openers: std::sync::OnceLock::new(),
            known_held: crate::indirect::KnownHeld::default(),
            known_sites: crate::indirect::KnownSites::default(),
        }
    }

    /// An engine over a newer index of the same code: reports that were found already are kept.
    pub fn over(&self, newer: Arc<Index>) -> Engine {
        Engine {
            index: newer,
            reports: self.reports.clone(),
            testing: std::sync::Mutex::default(),
            last_listed: std::sync::Mutex::default(),
            library_openers: std::sync::OnceLock::new(),
            known_held: crate::indirect::KnownHeld::default(),
            known_sites: crate::indirect::KnownSites::default(),
        }
    }

    /// The reports of tests that a build left behind; read again when they changed.
    ///
    /// # Errors
    /// Those of the index, and [`AnswerError::Cancelled`].
    pub fn testing(&self, context: &Context) -> Result<Arc<Testing>, AnswerError> {
        let mut known = self.testing.lock().unwrap_or_else(|e| e.into_inner());
        let roots: Vec<std::path::PathBuf> = self.index.own_roots().iter().map(std::path::PathBuf::from).collect();
        // Settings that cannot be used are told when the index is made.
        let settings = roots.first().and_then(|r| compass_index::config::Config::read(r).ok()).unwrap_or_default();
        let reports = self.reports.lock().unwrap_or_else(|e| e.into_inner()).find(roots, settings.reports);
        if let Some(testing) = known.as_ref().filter(|t| Arc::ptr_eq(&t.reports, &reports)) {
            return Ok(testing.clone());
        }
        let testing = Arc::new(Testing::new(reports, self, context)?);
        *known = Some(testing.clone());
        Ok(testing)
    }

    /// The index.
    pub fn index(&self) -> &Arc<Index> {
        &self.index
    }

    /// Was an answer given up because the index was renewed meanwhile?
    pub fn is_outdated(error: &AnswerError) -> bool {
        matches!(error, AnswerError::Index(IndexError::Outdated))
    }

    /// Parses and answers a line.
    ///
    /// # Errors
    /// [`AnswerError`].
    pub fn ask(&self, line: &str, context: &Context) -> Result<Answers, AnswerError> {
        let (question, notes) = parse(line)?;
        let mut answers = self.answer(&question, context)?;
        answers.question = line.to_owned();
        answers.notes.splice(0..0, notes);
        Ok(answers)
    }

    /// Answers a question.
    ///
    /// # Errors
    /// [`AnswerError`]. A name nobody defines is no error: the answer is empty and its notes have the nearest names.
    pub fn answer(&self, question: &Question, context: &Context) -> Result<Answers, AnswerError> {
        let answers = self.answer_from(question, context)?;
        // Rows of two generations must not meet in one answer.
        self.index.check_whole()?;
        Ok(answers)
    }

    fn answer_from(&self, question: &Question, context: &Context) -> Result<Answers, AnswerError> {
        let filters = filters::Filters::new(self, &question.filters, context)?;
        if let Form::HowReach { from, to, through } = &question.form {
            return self.answer_ways(question, from, to, *through, context);
        }
        let mut found = self.form(question, &filters, context)?;
        if question.filters.contains(&Filter::OrGuessed) && !question.form.takes_guesses() {
            found.notes.push("or guessed adds nothing here: it is for who calls, uses, reads and writes".to_owned());
        }
        let all = found.rows.len();
        let mut kept = Vec::with_capacity(all);
        for row in found.rows {
            if filters.keeps(self, &row)? {
                kept.push(row);
            }
        }
        if kept.is_empty() && all > 0 {
            found.notes.push(format!("the filters leave none of {all} answers"));
        }
        let total = found.paged.unwrap_or(kept.len() as u64);
        let (after, most) = if found.paged.is_some() { (0, PAGE.max(total)) } else { page(&question.filters) };
        let wanted: Vec<Raw> = kept.into_iter().skip(after as usize).take(most as usize).collect();
        let mut answers = found.ready;
        answers.extend(side_by_side::each(&wanted, &|row| self.full(row))?);
        found.missing.extend(self.links_to_come());
        let complete = found.missing.is_empty();
        Ok(Answers { question: question.to_string(), answers, total, complete, missing: found.missing, notes: found.notes })
    }

    /// A way is one answer with its steps; filters of place, unit and the like keep ways that touch what they name.
    fn answer_ways(
        &self,
        question: &Question,
        from: &crate::question::Subject,
        to: &crate::question::Goal,
        depth: Option<crate::question::Depth>,
        context: &Context,
    ) -> Result<Answers, AnswerError> {
        let (mut found, ways, total) = self.how_reach(from, to, depth, context)?;
        let (after, most) = page(&question.filters);
        let mut answers = Vec::new();
        for way in ways.iter().skip(after as usize).take(most as usize) {
            answers.extend(self.way_answer(way)?);
        }
        found.missing.extend(self.links_to_come());
        let complete = found.missing.is_empty();
        Ok(Answers { question: question.to_string(), answers, total, complete, missing: found.missing, notes: found.notes })
    }

    /// What is missing because links are still made.
    fn links_to_come(&self) -> Option<Missing> {
        if !self.index.is_linked() {
            // The files: all of them, whatever has been read of them by now.
            let count = self.index.files().len() as u64;
            let cause = if self.index.is_read() { "not_linked_yet" } else { "not_read_yet" };
            return Some(Missing { cause: cause.to_owned(), count });
        }
        Some(Missing { cause: "not_linked_again_yet".to_owned(), count: self.index.pending() }).filter(|m| m.count > 0)
    }

    fn form(&self, question: &Question, filters: &filters::Filters, context: &Context) -> Result<Found, AnswerError> {
        use crate::question::{Does, WhoDoes};
        let guesses = question.filters.contains(&Filter::OrGuessed);
        match &question.form {
            Form::WhereIs { subject, mode } => self.where_is(subject, *mode, early_page(&question.filters, filters)),
            Form::WhatIs(subject) => self.what_is(subject),
            Form::Who { does, subjects, through: Some(depth) } => self.who_through(*does, subjects, *depth, context),
            Form::WhatDoes { subject, does, through: Some(depth) } => self.what_through(subject, *does, *depth, context),
            Form::Who { does: WhoDoes::Overrides, subjects, .. } => self.overrides(subjects, false),
            Form::Who { does: WhoDoes::Tests, subjects, .. } => self.who_tests(subjects, context),
            Form::Who { does, subjects, .. } => self.who(*does, subjects, guesses, files_page(&question.filters, filters)),
            Form::WhoUses { subjects, roles } => self.who_uses(subjects, roles, guesses, files_page(&question.filters, filters)),
            Form::WhatDoes { subject, does: Does::Override, .. } => self.overrides(std::slice::from_ref(subject), true),
            Form::WhatDoes { subject, does, .. } => self.what_does(subject, *does),
            Form::HowReach { .. } => unreachable!("ways are answered before"),
            Form::Follows(subject) => self.follows(subject, context),
            Form::FollowsChanges(since) => self.follows_changes(since, context),
            Form::Text(text) => self.text(text, &question.filters, context),
            Form::Pattern { regex, ignore_case } => self.pattern(regex, *ignore_case, &question.filters, context),
            Form::Files(word) => self.files(word),
            Form::Symbols(fragments) => self.symbols(fragments, &question.filters, context),
            Form::Outline(subject) => self.outline(subject),
            Form::EntryPoints => self.entry_points(),
            Form::Gaps(of) => self.gaps(of.as_deref(), context),
        }
    }
}

/// The page, where no filter has to look at every row first.
fn early_page(filters: &[Filter], ready: &filters::Filters) -> Option<(u64, u64)> {
    (!ready.has_narrow() && filters.iter().all(|f| matches!(f, Filter::AtMost(_) | Filter::After(_)))).then(|| page(filters))
}

/// A page of rows of the files that filters leave.
#[derive(Clone, Copy)]
struct FilesPage<'f> {
    after: u64,
    most: u64,
    filters: &'f filters::Filters,
}

/// The page, where filters look at nothing but the file of a row.
fn files_page<'f>(filters: &[Filter], ready: &'f filters::Filters) -> Option<FilesPage<'f>> {
    let of_files = filters.iter().all(filters::is_of_files);
    let (after, most) = page(filters);
    of_files.then_some(FilesPage { after, most, filters: ready })
}

fn page(filters: &[Filter]) -> (u64, u64) {
    let after = filters.iter().filter_map(|f| if let Filter::After(n) = f { Some(*n) } else { None }).sum();
    let most = filters.iter().filter_map(|f| if let Filter::AtMost(n) = f { Some(*n) } else { None }).min();
    (after, most.unwrap_or(PAGE))
}

/// What a light row is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum About {
    Definition(DefId),
    Use(UseId),
    Import(compass_facts::ImportId),
    Gap(compass_facts::GapCause),
    Crossing(u32),
    Loose(u32),
    Line,
    File,
}

/// Facts of a light row that filters look at.
#[derive(Debug, Clone, Copy)]
struct Marks {
    kind: Option<Kind>,
    role: Option<Role>,
    certainty: Option<Certainty>,
    span: Span,
}
