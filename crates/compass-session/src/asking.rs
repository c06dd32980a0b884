//! Questions: answered with what is there early, in pages, and as they are made from places and from what is typed.

use crate::Failure;
use crate::page::Spot;
use compass_trace::question::{Filter, Form, Mode, Place, Question, Subject, What, parse};
use compass_trace::{Answer, Answers, Context, Early, Engine};
use std::sync::atomic::{AtomicBool, Ordering};
use std::sync::{Arc, Mutex};
use std::time::Duration;

/// Rows that a long search has found are told this often.
const EARLY_EVERY: Duration = Duration::from_millis(60);
/// More rows than this are told before it is known who calls what they stand in.
const ROWS_AT_ONCE: usize = 12;

/// So many rows of an outline are listed at most.
const MOST_OUTLINED: u64 = 100_000;

/// So many gaps are listed at most.
const MOST_GAPS: u64 = 5000;

/// Answers a question; what is there early is told early: rows of a long search, and rows before it is known who calls what they stand in.
pub(crate) fn ask(engine: &Engine, question: &str, context: Context, so_far: &(dyn Fn(Answers) + Sync)) -> Result<Answers, Failure> {
    let found_early = Arc::new(Mutex::new(Vec::new()));
    let early = {
        let found_early = found_early.clone();
        Early(Arc::new(move |answer: &Answer| found_early.lock().unwrap_or_else(|e| e.into_inner()).push(answer.clone())))
    };
    let part = |answers: Vec<Answer>, total: u64| Answers {
        question: question.to_owned(),
        answers,
        total,
        complete: false,
        missing: Vec::new(),
        notes: vec!["still searching".to_owned()],
    };
    let over = AtomicBool::new(false);
    let mut answers = std::thread::scope(|scope| {
        let teller = scope.spawn(|| {
            let mut told = 0;
            while !over.load(Ordering::Relaxed) {
                std::thread::park_timeout(EARLY_EVERY);
                let known = found_early.lock().unwrap_or_else(|e| e.into_inner()).clone();
                if known.len() > told && !over.load(Ordering::Relaxed) {
                    told = known.len();
                    so_far(part(known, told as u64));
                }
            }
        });
        let found = engine.ask(question, &Context { early: Some(early), ..context }).map_err(Failure::from);
        over.store(true, Ordering::Relaxed);
        teller.thread().unpark();
        found
    })?;
    if answers.answers.len() > ROWS_AT_ONCE {
        so_far(Answers { notes: answers.notes.clone(), missing: answers.missing.clone(), ..part(answers.answers.clone(), answers.total) });
    }
    answers.answers.iter_mut().for_each(|a| engine.add_caller(a));
    Ok(answers)
}

/// A further page of a question.
pub(crate) fn more(engine: &Engine, question: &str, after: u64, context: &Context) -> Result<Answers, Failure> {
    let (mut parsed, _) = parse(question)?;
    parsed.filters.push(Filter::After(after));
    let mut found = engine.answer(&parsed, context)?;
    found.answers.iter_mut().for_each(|a| engine.add_caller(a));
    Ok(found)
}

/// The declaration of what a name means, or the code of it: the one that the place is not.
pub(crate) fn other_side(engine: &Engine, spot: &Spot, context: &Context) -> Result<Answers, Failure> {
    let ask = |mode| {
        let mut question = where_is(spot);
        if let Form::WhereIs { mode: asked, .. } = &mut question.form {
            *asked = mode;
        }
        engine.answer(&question, context).map_err(Failure::from)
    };
    let (declared, implemented) = (ask(Mode::Declared)?, ask(Mode::Implemented)?);
    let is_here = |a: &Answer| a.path == spot.path && a.line == spot.line;
    let is_declared_here = declared.answers.iter().any(is_here) && !implemented.answers.first().is_some_and(is_here);
    // From a use the declaration comes first, from there the code.
    Ok(if is_declared_here || declared.answers.is_empty() { implemented } else { declared })
}

/// What is typed for a jump: fragments, with the filters of any question behind them (`pl tu in open`, `pl unit larder`). While one of
/// these is being typed it is a fragment like others.
pub(crate) fn jump(text: &str) -> Question {
    const MOST: u64 = 60;
    let limit = Filter::AtMost(MOST);
    match parse(&format!("symbols {text}")) {
        Ok((mut question, _)) => {
            question.filters.push(limit);
            question
        }
        Err(_) => Question { form: Form::Symbols(text.split_whitespace().map(str::to_owned).collect()), filters: vec![limit] },
    }
}

/// What a file brings in and defines.
pub(crate) fn outline(path: &str) -> Question {
    let subject = Subject { what: What::Name { text: path.to_owned(), quoted: true }, defined_in: None };
    Question { form: Form::Outline(subject), filters: vec![Filter::AtMost(MOST_OUTLINED)] }
}

/// What could not be read or linked.
pub(crate) fn gaps() -> Question {
    Question { form: Form::Gaps(None), filters: vec![Filter::AtMost(MOST_GAPS)] }
}

/// Where the name at a place leads.
pub(crate) fn where_is(spot: &Spot) -> Question {
    let place = Place { path: spot.path.clone(), line: spot.line, column: Some(spot.column) };
    Question { form: Form::WhereIs { subject: Subject { what: What::Place(place), defined_in: None }, mode: Mode::Any }, filters: Vec::new() }
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
        assert_eq!(jump(text).to_string(), wanted);
    }
}
