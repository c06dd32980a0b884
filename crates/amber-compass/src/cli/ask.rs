//! `ask`.

use super::Failure;
use super::args::AskArgs;
use super::index::print;
use crate::shown;
use compass_index::Certainty;
use compass_session::{Session, failure_chain, places};
use compass_trace::{Answer, AnswerError, Answers, Context, Early, plural};
use std::io::{BufRead, Write};
use std::path::Path;
use std::process::ExitCode;
use std::sync::atomic::{AtomicUsize, Ordering};
use std::sync::{Arc, Mutex};
use std::time::Duration;

/// Runs the command.
pub fn run(args: &AskArgs) -> Result<ExitCode, Failure> {
    let question = joined(&args.question);
    if question.is_empty() == args.batch.is_none() {
        return Err(Failure::user("ask takes a question, or --batch FILE").hint("e.g. amber-compass ask where is main"));
    }
    let session = session(args.root.as_deref(), args.index.as_deref())?;
    let context = Context { time_limit: args.time_limit.map(Duration::from_millis), ..Context::default() };
    match &args.batch {
        Some(from) => batch(&session, &context, from),
        None => one(&session, &context, &question, args.json),
    }
}

/// A session over the index of a root, or of the indexed folder around the current one.
pub(super) fn session(root: Option<&Path>, index: Option<&Path>) -> Result<Session, Failure> {
    let root = match root {
        Some(root) if !root.exists() => return Err(Failure::user(format!("{}: no such file or folder", root.display()))),
        Some(root) => root.to_owned(),
        None => places::root_for(&std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?),
    };
    let file = index.map_or_else(|| places::index_file(&root), Path::to_owned);
    Session::open(&file).map_err(|e| Failure::open(&e, &root.display().to_string()))
}

/// Words of the shell, put together again: those with blanks were quoted.
pub(super) fn joined(words: &[String]) -> String {
    if let [only] = words {
        return only.clone();
    }
    let part = |w: &String| if w.contains(char::is_whitespace) && !w.contains('"') && !w.starts_with('/') { format!("\"{w}\"") } else { w.clone() };
    words.iter().map(part).collect::<Vec<_>>().join(" ")
}

fn one(session: &Session, context: &Context, question: &str, as_json: bool) -> Result<ExitCode, Failure> {
    let face: Arc<dyn Face> = if as_json { Arc::new(Json { question: question.to_owned() }) } else { Arc::new(Plain::default()) };
    let out = Out::default();
    match answer(session, context, question, &face, &out) {
        Ok(total) => {
            out.put("", true);
            Ok(ExitCode::from(u8::from(total == 0)))
        }
        Err(error) if as_json && !matches!(error, AnswerError::Index(_)) => {
            print(&(error_json(question, &error) + "\n"));
            Ok(ExitCode::from(2))
        }
        Err(error) => Err(explain(question, &error)),
    }
}

/// Where answers go.
#[derive(Clone)]
struct Out(Arc<Mutex<std::io::BufWriter<std::io::Stdout>>>);

impl Default for Out {
    fn default() -> Self {
        Out(Arc::new(Mutex::new(std::io::BufWriter::new(std::io::stdout()))))
    }
}

impl Out {
    /// Writes, and sends on what was written; `false` when nobody reads any more.
    fn put(&self, text: &str, send: bool) -> bool {
        let mut out = self.0.lock().unwrap_or_else(|e| e.into_inner());
        out.write_all(text.as_bytes()).is_ok() && (!send || out.flush().is_ok())
    }
}

/// Answers on stdout, the first of them while the last are still searched. Gives how many there are.
fn answer(session: &Session, context: &Context, question: &str, face: &Arc<dyn Face>, out: &Out) -> Result<u64, AnswerError> {
    let engine = session.current().expect("a session that was opened has an index");
    let printed = Arc::new(AtomicUsize::new(0));
    let early = {
        let (face, printed, out, engine) = (face.clone(), printed.clone(), out.clone(), engine.clone());
        Early(Arc::new(move |answer: &Answer| {
            let mut answer = answer.clone();
            if face.wants_callers() {
                engine.add_caller(&mut answer);
            }
            out.put(&face.row(&answer, printed.fetch_add(1, Ordering::Relaxed)), true);
        }))
    };
    // Rows that are out already are not asked for again.
    let (engine, found) = session.answer(engine, question, &Context { early: Some(early), ..context.clone() }, &|| printed.load(Ordering::Relaxed) > 0);
    let begun = printed.load(Ordering::Relaxed);
    let mut answers = match found {
        Err(error) if begun > 0 => broken_off(question, begun, &error),
        found => found?,
    };
    let mut text = String::new();
    for (number, answer) in answers.answers.iter_mut().enumerate().skip(begun) {
        if face.wants_callers() {
            engine.add_caller(answer);
        }
        text += &face.row(answer, number);
    }
    text += &face.end(&answers, begun > 0);
    out.put(&text, false);
    Ok(answers.total)
}

/// Rows are out already when a search fails: they are closed with what went wrong.
fn broken_off(question: &str, rows: usize, error: &AnswerError) -> Answers {
    let missing = vec![compass_index::Missing { cause: "unreadable".to_owned(), count: 1 }];
    let notes = vec![failure_chain(error)];
    Answers { question: question.to_owned(), answers: Vec::new(), total: rows as u64, complete: false, missing, notes }
}

/// How answers are put down, row by row.
trait Face: Send + Sync {
    /// A row; the first one comes with what stands above.
    fn row(&self, answer: &Answer, number: usize) -> String;
    /// What stands below all rows; `begun` when there are rows out already.
    fn end(&self, answers: &Answers, begun: bool) -> String;
    /// Does a row say who calls what it stands in?
    fn wants_callers(&self) -> bool;
}

/// The object of the contract, in pieces.
struct Json {
    question: String,
}

impl Face for Json {
    fn row(&self, answer: &Answer, number: usize) -> String {
        let head = if number == 0 { self.head() } else { ",".to_owned() };
        head + &json(answer)
    }

    fn end(&self, answers: &Answers, begun: bool) -> String {
        let head = if begun || !answers.answers.is_empty() { String::new() } else { self.head() };
        // The same fields in the same order as the whole object has: what follows the answers is cut off it.
        let rest = json(&Answers { answers: Vec::new(), question: String::new(), ..answers.clone() });
        head + rest.strip_prefix(r#"{"question":"","answers":["#).unwrap_or("]}") + "\n"
    }

    fn wants_callers(&self) -> bool {
        false
    }
}

impl Json {
    fn head(&self) -> String {
        format!(r#"{{"question":{},"answers":["#, json(&self.question))
    }
}

fn json<T: serde::Serialize>(value: &T) -> String {
    // Texts, numbers and lists of them always serialise.
    serde_json::to_string(value).unwrap_or_default()
}

/// Rows for people, grouped by unit.
#[derive(Default)]
struct Plain {
    unit: Mutex<Option<String>>,
}

impl Face for Plain {
    fn row(&self, answer: &Answer, number: usize) -> String {
        let mut unit = self.unit.lock().unwrap_or_else(|e| e.into_inner());
        let is_new = number == 0 || *unit != answer.unit;
        unit.clone_from(&answer.unit);
        let heading = if is_new { format!("{}\n", shown::harmless(answer.unit.as_deref().unwrap_or(""))) } else { String::new() };
        heading + &row(answer)
    }

    fn end(&self, answers: &Answers, _begun: bool) -> String {
        closing(answers)
    }

    fn wants_callers(&self) -> bool {
        true
    }
}

/// A mistake, with a line that points at it.
pub(super) fn explain(question: &str, error: &AnswerError) -> Failure {
    match error {
        AnswerError::Parse(e) => {
            let before = question.get(..e.at).map_or(e.at, |q| q.chars().count());
            let mut hint = format!("{question}\n  {}{}", " ".repeat(before), "^".repeat(e.length.max(1)));
            if !e.expected.is_empty() {
                hint += &format!("\n  expected: {}", e.expected.join(", "));
            }
            if let Some(nearest) = &e.nearest {
                hint += &format!("\n  nearest: {nearest}");
            }
            if let Some(suggestion) = &e.suggestion {
                hint += &format!("\n  try: {suggestion}");
            }
            // The hint is laid out in lines of its own.
            eprintln!("amber-compass: {}", shown::harmless(&e.message));
            for line in hint.lines() {
                eprintln!("  {}", shown::harmless(line.strip_prefix("  ").unwrap_or(line)));
            }
            Failure::user("the question was not understood")
        }
        AnswerError::Cancelled => Failure::user(error),
        AnswerError::Index(e) => Failure::index(failure_chain(e)).hint("run: amber-compass index --verify"),
        AnswerError::Git(e) => Failure::user(failure_chain(e)).hint("the form: what follows from changes since COMMIT, in a working copy of git"),
    }
}

/// A question a line in, an object a line out, in the same order.
fn batch(session: &Session, context: &Context, from: &Path) -> Result<ExitCode, Failure> {
    let input: Box<dyn std::io::Read> = if from == Path::new("-") {
        Box::new(std::io::stdin().lock())
    } else {
        Box::new(std::fs::File::open(from).map_err(|e| Failure::user(format!("{}: {e}", from.display())))?)
    };
    let mut input = std::io::BufReader::with_capacity(1 << 16, input);
    let out = Out::default();
    loop {
        let mut line = String::new();
        match input.read_line(&mut line) {
            Ok(0) => break,
            Ok(_) => {}
            Err(e) => return Err(Failure::user(format!("a question could not be read: {e}"))),
        }
        let line = line.trim_end_matches(['\n', '\r']).to_owned();
        let face: Arc<dyn Face> = Arc::new(Json { question: line.clone() });
        if let Err(error) = answer(session, context, &line, &face, &out) {
            out.put(&(error_json(&line, &error) + "\n"), false);
        }
        // Whoever asks line by line waits for the reply before the next line.
        if !out.put("", input.buffer().is_empty()) {
            return Ok(ExitCode::SUCCESS);
        }
    }
    out.put("", true);
    Ok(ExitCode::SUCCESS)
}

/// The reply to a question that failed.
fn error_json(question: &str, error: &AnswerError) -> String {
    let value = match error {
        AnswerError::Parse(e) => serde_json::json!({
            "message": e.message, "at": e.at, "length": e.length, "expected": e.expected, "nearest": e.nearest, "try": e.suggestion
        }),
        other => serde_json::json!({
            "message": failure_chain(other), "at": 0, "length": question.len(), "expected": [], "nearest": null, "try": null
        }),
    };
    serde_json::json!({ "question": question, "error": value }).to_string()
}

/// What is said below the rows.
fn closing(answers: &Answers) -> String {
    let mut out = String::new();
    for note in &answers.notes {
        out += &format!("note: {}\n", shown::harmless(note));
    }
    let missing: Vec<String> = answers.missing.iter().map(|m| format!("{} × {}", m.count, m.cause)).collect();
    let complete = if answers.complete { "complete".to_owned() } else { format!("incomplete: {}", missing.join(", ")) };
    let shown = if (answers.answers.len() as u64) < answers.total { format!(", {} shown", answers.answers.len()) } else { String::new() };
    out += &format!("{} answers{shown} · {complete}\n", answers.total);
    out
}

fn row(answer: &Answer) -> String {
    if let Some(steps) = &answer.steps {
        return way(answer, steps);
    }
    let level = answer.level.map_or_else(String::new, |l| format!("{l:>2} "));
    format!("{level}{}", plain_row(answer))
}

/// A way: each step on a line of its own, crossings between.
fn way(answer: &Answer, steps: &[Answer]) -> String {
    let crossings = steps.iter().filter(|s| s.crossing.is_some()).count();
    let weakest = answer.certainty_word().unwrap_or("");
    let mut out = format!("  {}, {}, weakest link {weakest}\n", plural(steps.len().saturating_sub(1) as u64, "step"), plural(crossings as u64, "crossing"));
    for step in steps {
        out += &format!("  {}", plain_row(step));
    }
    out
}

fn plain_row(answer: &Answer) -> String {
    let mark = match answer.certainty_word() {
        Some("proven") => Certainty::Proven.mark(),
        Some("inferred") => Certainty::Inferred.mark(),
        Some("guessed") => Certainty::Guessed.mark(),
        _ => ' ',
    };
    let what = answer.crossing_word().or(answer.role_word()).or(answer.kind_word()).unwrap_or("");
    let place = format!("{}:{}:{}", answer.path, answer.line, answer.column);
    let mut context = answer.enclosing.clone().unwrap_or_default();
    if let Some(caller) = &answer.caller {
        context += &format!(" ← {caller}");
    }
    let text = answer.text.as_deref().unwrap_or("(the source cannot be read any more)").trim();
    let remark = answer.remark.as_ref().map_or_else(String::new, |r| format!("  · {}", shown::harmless(r)));
    format!("  {mark} {what:8} {}  {}  {}{remark}\n", shown::harmless(&place), shown::harmless(&context), shown::harmless(text))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    /// Rows that are sent on one by one make the object that the contract has as a whole.
    #[rstest]
    #[case::none(0)]
    #[case::one(1)]
    #[case::several(3)]
    fn pieces_make_the_whole_object(#[case] rows: usize) {
        let (project, index) = (tempfile::tempdir().expect("folder"), tempfile::tempdir().expect("folder"));
        std::fs::write(project.path().join("rack.py"), "def turn():\n    pass  # \"turn\"\n".repeat(2)).expect("written");
        let file = index.path().join("index.sqlite");
        let options =
            compass_index::plan::Options { roots: vec![project.path().to_owned()], files: None, deps: compass_index::plan::Deps::None, ..Default::default() };
        let request =
            compass_index::refresh::Request { options, index: file.clone(), threads: 1, verify: false, passes: Default::default(), ..Default::default() };
        compass_index::refresh::run(&request, &compass_index::Disk, &compass_facts::Cancel::new(), &compass_index::Silent).expect("indexed");
        let session = Session::open(&file).expect("index");
        let question = format!("text turn at most {rows}");
        let answers = session.current().expect("an engine").ask(&question, &Context::default()).expect("answers");
        let face = Json { question };
        let pieces: String = answers.answers.iter().enumerate().map(|(i, a)| face.row(a, i)).collect();
        assert_eq!(pieces + &face.end(&answers, false), json(&answers) + "\n");
    }
}
