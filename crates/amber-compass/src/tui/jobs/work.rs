//! What the jobs do.

use super::page::page;
use super::{EngineSlot, Job, Outcome};
use crate::cli::failure_chain;
use crate::tui::recent::Recent;
use crate::tui::state::{Amount, EntryRow, Spot, SurveyData, at_commit};
use compass_trace::question::{Form, Mode, Place, Question, Subject, What};
use compass_trace::{Answer, Answers, Context, Early, Engine};
use std::sync::{Arc, Mutex};
use std::time::Duration;

/// Rows that a long search has found are shown this often.
const EARLY_EVERY: Duration = Duration::from_millis(60);
/// More rows than this are shown before it is known who calls what they stand in.
const ROWS_AT_ONCE: usize = 12;

/// Tests and changes are looked up when the cursor rests for so long.
const RESTING: Duration = Duration::from_millis(90);

/// So much is offered while one types.
const MOST_OFFERS: usize = 40;

/// So many rows of an outline are listed at most.
const MOST_OUTLINED: u64 = 100_000;

/// So many packages that are not here are told in the survey.
const MOST_ABSENT: usize = 6;

/// So many gaps are listed at most.
const MOST_GAPS: u64 = 5000;

/// A further page of a question.
fn more(engine: &Engine, question: &str, after: u64, context: &Context) -> Result<Answers, String> {
    let (mut parsed, _) = compass_trace::question::parse(question).map_err(|e| e.to_string())?;
    parsed.filters.push(compass_trace::question::Filter::After(after));
    let mut found = engine.answer(&parsed, context).map_err(|e| mistake(&e))?;
    found.answers.iter_mut().for_each(|a| engine.add_caller(a));
    Ok(found)
}

/// What is typed for a jump: fragments, with the filters of any question behind them (`pl tu in open`, `pl unit larder`). While one of
/// these is being typed it is a fragment like others.
fn jump_question(text: &str) -> Question {
    const MOST: u64 = 60;
    let limit = compass_trace::question::Filter::AtMost(MOST);
    match compass_trace::question::parse(&format!("symbols {text}")) {
        Ok((mut question, _)) => {
            question.filters.push(limit);
            question
        }
        Err(_) => Question { form: Form::Symbols(text.split_whitespace().map(str::to_owned).collect()), filters: vec![limit] },
    }
}

/// Runs a job and tells what came of it.
pub(super) fn run(job: Job, context: Context, (slot, recent): (&EngineSlot, &Recent), tell: &(dyn Fn(Outcome) + Sync)) {
    let engine = || {
        let found = slot.lock().unwrap_or_else(|e| e.into_inner()).clone().ok_or_else(|| "there is no index yet".to_owned())?;
        // Files may have changed since the last answer: each job looks at them anew.
        found.index().forget_texts();
        Ok::<_, String>(found)
    };
    match job {
        Job::Index(request) => super::index::run(&request, &context.cancel, (slot, recent), tell),
        Job::Page(spot) => {
            recent.read(&spot.path);
            let page = engine().and_then(|e| page(&e, &spot, &context.cancel));
            tell(Outcome::Page(spot, page.map(Box::new)));
        }
        Job::Reload(spot) => tell(Outcome::Reloaded(engine().and_then(|e| page(&e, &spot, &context.cancel)).map(Box::new))),
        Job::Preview(spot) => {
            let page = engine().and_then(|e| page(&e, &spot, &context.cancel));
            tell(Outcome::Preview(page.map(Box::new)));
        }
        Job::Bearings(spot) => {
            let found = engine().and_then(|e| e.bearings(&spot.path, spot.line, spot.column, &context).map_err(|e| e.to_string()));
            tell(Outcome::Bearings(spot, found));
        }
        Job::Call(spot) => {
            let found = engine().ok().and_then(|e| e.call_around(&spot.path, spot.line, spot.column, &context).ok().flatten());
            tell(Outcome::Call(spot, found.map(Box::new)));
        }
        Job::Asides(spots) => {
            let Ok(e) = engine() else { return };
            let pages = spots.into_iter().filter_map(|spot| page(&e, &spot, &context.cancel).ok().map(|p| (spot, p)));
            tell(Outcome::Asides(pages.collect()));
        }
        Job::Paths => {
            let Ok(e) = engine() else { return };
            let mut paths: Vec<String> = e.index().files().iter().map(|f| e.index().path_of(f.id)).collect();
            paths.sort_unstable();
            tell(Outcome::Paths(paths));
        }
        Job::Names => {
            // What cannot be read is told when somebody asks for it.
            let _ = engine().map(|e| e.index().names().map(drop));
        }
        Job::Highlights(path) => {
            if let Some(highlights) = engine().ok().and_then(|e| super::page::highlights(&e, &path, &context.cancel)) {
                tell(Outcome::Highlights(path, highlights));
            }
        }
        Job::Follow(spot) => {
            let found = engine().and_then(|e| e.answer(&where_is(&spot), &context).map_err(|e| e.to_string()));
            tell(Outcome::Followed(found));
        }
        Job::Glance(spot) => {
            let found = engine().and_then(|e| e.answer(&where_is(&spot), &context).map_err(|e| e.to_string()));
            tell(Outcome::Glanced(spot, found));
        }
        Job::GlancePage(spot) => {
            let page = engine().and_then(|e| page(&e, &spot, &context.cancel));
            tell(Outcome::GlancePage(spot, page.map(Box::new)));
        }
        Job::OtherSide(spot) => tell(Outcome::OtherSide(engine().and_then(|e| other_side(&e, &spot, &context)))),
        Job::FindMarks(anchors) => {
            if let Ok(engine) = engine() {
                tell(Outcome::Marks(anchors.iter().map(|(number, anchor)| (*number, crate::logbook::find(engine.index(), anchor))).collect()));
            }
        }
        Job::Mark(spot, note) => {
            let anchor = engine().ok().and_then(|e| crate::logbook::place(e.index(), &spot.path, spot.line, spot.column));
            tell(Outcome::Marked(anchor, note));
        }
        Job::ExportLogbook(book, name) => {
            tell(Outcome::Exported(engine().map(|e| crate::logbook::markdown(&name, &book, e.index()))));
        }
        Job::HistoryAndCoverage(spot, symbol) => {
            // Whoever goes on at once does not read them.
            std::thread::sleep(RESTING);
            if !context.cancel.is_cancelled()
                && let Ok(engine) = engine()
            {
                tell(Outcome::HistoryAndCoverage(spot, Box::new(super::history_and_coverage::of(&engine, symbol, &context))));
            }
        }
        Job::AtCommit(spot) => tell(Outcome::AtCommit(engine().and_then(|e| {
            let root = e.index().own_roots().first().cloned().unwrap_or_default();
            let (path, commit) = match at_commit(&spot.path) {
                Some((path, commit)) => (path.to_owned(), commit.to_owned()),
                None => (spot.path.clone(), compass_trace::history_and_coverage::head(std::path::Path::new(&root)).map_err(|e| failure_chain(&e))?),
            };
            Ok(format!("{path}:{} @ {}", spot.line, commit.get(..10).unwrap_or(&commit)))
        }))),
        Job::Kin(spot) => {
            let found = engine().and_then(|e| {
                let at = e.answer(&where_is(&spot), &context).map_err(|e| e.to_string())?;
                let Some(symbol) = at.answers.first().and_then(|a| a.symbol) else { return Ok(None) };
                e.kin(symbol).map(|k| k.map(Box::new)).map_err(|e| e.to_string())
            });
            tell(Outcome::Kin(found));
        }
        Job::Notes(path) => {
            if let Ok(engine) = engine() {
                let notes = super::history_and_coverage::notes(&engine, &path, &context);
                tell(Outcome::Notes(path, notes));
            }
        }
        Job::Change { full, id, path } => {
            let lines = compass_trace::history_and_coverage::diff(std::path::Path::new(&full), &id, &path);
            tell(Outcome::Change(id, lines.map_err(|e| failure_chain(&e))));
        }
        Job::Gaps => {
            let question = Question { form: Form::Gaps(None), filters: vec![compass_trace::question::Filter::AtMost(MOST_GAPS)] };
            tell(Outcome::Gaps(engine().and_then(|e| e.answer(&question, &context).map_err(|e| e.to_string()))));
        }
        Job::Ask { question, open, these } => {
            let found = engine().and_then(|e| ask(&e, &question, Context { open, these, ..context }, tell));
            tell(Outcome::Answers(question, found));
        }
        Job::More { question, after, narrow, open, these } => {
            let context = Context { open, these, narrow: narrow.clone(), ..context };
            let found = engine().and_then(|e| more(&e, &question, after, &context));
            tell(Outcome::More { question, after, narrow, found });
        }
        Job::Jump(text, open) => {
            let question = jump_question(&text);
            let context = Context { open, ..context };
            let found = engine().and_then(|e| e.answer(&question, &context).map_err(|e| e.to_string()));
            tell(Outcome::Jump(found));
        }
        Job::Complete(before) => {
            // Names that are not there yet are no reason to complain about while one types.
            if let Some(offers) = engine().ok().and_then(|e| e.complete(&before, MOST_OFFERS, &context.cancel).ok()) {
                tell(Outcome::Offers(before, offers));
            }
        }
        Job::Outline(path) => {
            let subject = Subject { what: What::Name { text: path.clone(), quoted: true }, defined_in: None };
            let question = Question { form: Form::Outline(subject), filters: vec![compass_trace::question::Filter::AtMost(MOST_OUTLINED)] };
            let found = engine().and_then(|e| e.answer(&question, &context).map_err(|e| e.to_string()));
            tell(Outcome::Outline(path, found));
        }
        Job::Grow { spot, depth } => {
            let found = engine().and_then(|e| super::trace::grow(&e, &spot, depth, &context));
            tell(Outcome::Chain(None, found));
        }
        Job::Ways(question) => {
            let found = engine().and_then(|e| super::trace::ways(&e, &question, &context));
            tell(Outcome::Chain(Some(question), found));
        }
        Job::Beside(spot) => {
            let page = engine().and_then(|e| page(&e, &spot, &context.cancel));
            tell(Outcome::Beside(page.map(Box::new)));
        }
        Job::Unfold(spot) => {
            let found = engine().and_then(|e| super::trace::unfold(&e, &spot, &context));
            tell(Outcome::Unfolded(found.map(Box::new)));
        }
        Job::Units(node) => {
            let found = engine().and_then(|e| match node {
                None => Ok(e.units()),
                Some(node) => e.inside(node).map_err(|e| failure_chain(&e)),
            });
            tell(Outcome::Units(node, found));
        }
        Job::Survey => tell(Outcome::Survey(engine().and_then(|e| survey(&e, &context)).map(Box::new))),
    }
}

/// Answers a question; what is there early is told early: rows of a long search, and rows before it is known who calls what they stand in.
fn ask(engine: &Arc<Engine>, question: &str, context: Context, tell: &(dyn Fn(Outcome) + Sync)) -> Result<Answers, String> {
    let so_far = Arc::new(Mutex::new(Vec::new()));
    let early = {
        let so_far = so_far.clone();
        Early(Arc::new(move |answer: &Answer| so_far.lock().unwrap_or_else(|e| e.into_inner()).push(answer.clone())))
    };
    let part = |answers: Vec<Answer>, total: u64| Answers {
        question: question.to_owned(),
        answers,
        total,
        complete: false,
        missing: Vec::new(),
        notes: vec!["still searching".to_owned()],
    };
    let over = std::sync::atomic::AtomicBool::new(false);
    let mut answers = std::thread::scope(|scope| {
        let teller = scope.spawn(|| {
            let mut told = 0;
            while !over.load(std::sync::atomic::Ordering::Relaxed) {
                std::thread::park_timeout(EARLY_EVERY);
                let known = so_far.lock().unwrap_or_else(|e| e.into_inner()).clone();
                if known.len() > told && !over.load(std::sync::atomic::Ordering::Relaxed) {
                    told = known.len();
                    tell(Outcome::SoFar(part(known, told as u64)));
                }
            }
        });
        let found = engine.ask(question, &Context { early: Some(early), ..context }).map_err(|e| mistake(&e));
        over.store(true, std::sync::atomic::Ordering::Relaxed);
        teller.thread().unpark();
        found
    })?;
    if answers.answers.len() > ROWS_AT_ONCE {
        tell(Outcome::SoFar(Answers { notes: answers.notes.clone(), missing: answers.missing.clone(), ..part(answers.answers.clone(), answers.total) }));
    }
    answers.answers.iter_mut().for_each(|a| engine.add_caller(a));
    Ok(answers)
}

/// The declaration of what a name means, or the code of it: the one that the place is not.
fn other_side(engine: &Engine, spot: &Spot, context: &Context) -> Result<Answers, String> {
    let ask = |mode| {
        let mut question = where_is(spot);
        if let Form::WhereIs { mode: asked, .. } = &mut question.form {
            *asked = mode;
        }
        engine.answer(&question, context).map_err(|e| e.to_string())
    };
    let (declared, implemented) = (ask(Mode::Declared)?, ask(Mode::Implemented)?);
    let is_here = |a: &Answer| a.path == spot.path && a.line == spot.line;
    let is_declared_here = declared.answers.iter().any(is_here) && !implemented.answers.first().is_some_and(is_here);
    // From a use the declaration comes first, from there the code.
    Ok(if is_declared_here || declared.answers.is_empty() { implemented } else { declared })
}

fn where_is(spot: &Spot) -> Question {
    let place = Place { path: spot.path.clone(), line: spot.line, column: Some(spot.column) };
    Question { form: Form::WhereIs { subject: Subject { what: What::Place(place), defined_in: None }, mode: Mode::Any }, filters: Vec::new() }
}

/// A mistake in one line, with what may have been meant.
fn mistake(error: &compass_trace::AnswerError) -> String {
    match error {
        compass_trace::AnswerError::Parse(e) => match &e.suggestion {
            Some(s) => format!("{} · try: {s}", e.message),
            None => e.message.clone(),
        },
        other => failure_chain(other),
    }
}

fn entry(answer: &Answer) -> EntryRow {
    EntryRow {
        path: answer.path.clone(),
        line: answer.line,
        column: answer.column,
        unit: answer.unit.clone().unwrap_or_default(),
        text: answer.text.as_deref().unwrap_or("").trim().to_owned(),
        told: answer.remark.clone().unwrap_or_default(),
    }
}

/// Own files by something, with their lines.
#[derive(Default)]
struct Amounts(std::collections::BTreeMap<String, (u64, u64)>);

impl Amounts {
    fn add(&mut self, name: &str, lines: u32) {
        let entry = self.0.entry(name.to_owned()).or_default();
        entry.0 += u64::from(lines);
        entry.1 += 1;
    }

    /// The most lines first.
    fn by_lines(self) -> Vec<Amount> {
        let mut out: Vec<Amount> = self.0.into_iter().map(|(name, (lines, files))| Amount { name, lines, files }).collect();
        out.sort_by_key(|a| std::cmp::Reverse(a.lines));
        out
    }
}

fn survey(engine: &Engine, context: &Context) -> Result<SurveyData, String> {
    let index = engine.index();
    let question = Question { form: Form::EntryPoints, filters: vec![compass_trace::question::Filter::AtMost(12)] };
    let entries = engine.answer(&question, context).map_err(|e| e.to_string())?;
    let mut counts: std::collections::HashMap<compass_index::UnitId, u64> = std::collections::HashMap::new();
    for file in index.files() {
        *counts.entry(file.id.unit).or_default() += 1;
    }
    let mut units: Vec<(String, String, u64, bool)> =
        index.units().iter().filter_map(|u| counts.get(&u.id).map(|n| (u.name.clone(), u.version.clone(), *n, u.own))).collect();
    units.sort_by_key(|u| (!u.3, std::cmp::Reverse(u.2)));
    let used = engine.most_used(12).map_err(|e| e.to_string())?;
    let [mut languages, mut unread, mut made, mut layer_lines] = [(); 4].map(|()| Amounts::default());
    let mut tests = Amount { name: "tests".to_owned(), ..Amount::default() };
    for file in index.files().iter().filter(|f| index.unit(f.id).is_none_or(|u| u.own)) {
        match file.provenance.word() {
            Some(word) => made.add(word, file.lines),
            None if !file.language.is_read() => unread.add(file.language.word(), file.lines),
            None => languages.add(file.language.word(), file.lines),
        }
        if let (None, Some((_, layer))) = (file.provenance.word(), index.layer(file.id)) {
            layer_lines.add(layer, file.lines);
        }
        if file.language.is_read() && compass_index::is_test_path(&file.path, file.language) {
            tests.lines += u64::from(file.lines);
            tests.files += 1;
        }
    }
    let mut layer_lines = layer_lines.by_lines();
    layer_lines.sort_by_key(|a| index.layers().iter().position(|l| l.name == a.name));
    let absent = engine.absent_packages(MOST_ABSENT, &context.cancel).map_err(|e| e.to_string())?;
    Ok(SurveyData {
        summary: index.summary().clone(),
        roots: index.own_roots().to_vec(),
        units,
        entries: entries.answers.iter().map(entry).collect(),
        used: used
            .iter()
            .map(|(a, n)| (EntryRow { text: a.name.clone().unwrap_or_default(), ..entry(a) }, a.kind_word().unwrap_or_default().to_owned(), *n))
            .collect(),
        // Text that no reader understands may be the larger part; it is not what one came for.
        languages: languages.by_lines().into_iter().chain(unread.by_lines()).collect(),
        layer_lines,
        made: made.by_lines(),
        tests,
        absent,
        linked: index.is_linked(),
        layers: index.layers().iter().map(|l| (l.name.clone(), l.configured)).collect(),
        matrix: index.matrix().iter().map(|(k, a, b, n)| (k.word(), *a, *b, *n)).collect(),
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::fragments("pl tu", "symbols pl tu at most 60")]
    #[case::open_places("pl in open", "symbols pl in open at most 60")]
    #[case::a_unit("pl unit larder", "symbols pl unit larder at most 60")]
    #[case::being_typed("pl unit", "symbols pl \"unit\" at most 60")]
    #[case::a_name_like_a_filter("in", "symbols \"in\" at most 60")]
    fn a_jump_takes_fragments_and_filters(#[case] text: &str, #[case] wanted: &str) {
        assert_eq!(jump_question(text).to_string(), wanted);
    }
}
