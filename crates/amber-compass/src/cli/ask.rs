//! `ask`.

use super::args::AskArgs;
use super::index::print;
use super::{Failure, failure};
use crate::{places, shown};
use compass_index::{Certainty, Index};
use compass_trace::{Answer, AnswerError, Answers, Context, Engine};
use std::io::{BufRead, Write};
use std::path::Path;
use std::process::ExitCode;
use std::sync::Arc;
use std::time::Duration;

/// Runs the command.
pub fn run(args: &AskArgs) -> Result<ExitCode, Failure> {
    let question = joined(&args.question);
    if question.is_empty() == args.batch.is_none() {
        return Err(Failure::user("ask takes a question, or --batch FILE").hint("e.g. amber-compass ask where is main"));
    }
    let engine = engine(args.root.as_deref(), args.index.as_deref())?;
    let context = Context { time_limit: args.time_limit.map(Duration::from_millis), ..Context::default() };
    match &args.batch {
        Some(from) => batch(&engine, &context, from),
        None => one(&engine, &context, &question, args.json),
    }
}

/// The engine over the index of a root, or of the indexed folder around the current one.
pub(super) fn engine(root: Option<&Path>, index: Option<&Path>) -> Result<Engine, Failure> {
    let root = match root {
        Some(root) if !root.exists() => return Err(Failure::user(format!("{}: no such file or folder", root.display()))),
        Some(root) => root.to_owned(),
        None => places::root_for(&std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?),
    };
    let file = index.map_or_else(|| places::index_file(&root), Path::to_owned);
    let index = Index::open(&file).map_err(|e| Failure::open(&e, &root.display().to_string()))?;
    Ok(Engine::new(Arc::new(index)))
}

/// Words of the shell, put together again: those with blanks were quoted.
pub(super) fn joined(words: &[String]) -> String {
    if let [only] = words {
        return only.clone();
    }
    let part = |w: &String| if w.contains(char::is_whitespace) && !w.contains('"') && !w.starts_with('/') { format!("\"{w}\"") } else { w.clone() };
    words.iter().map(part).collect::<Vec<_>>().join(" ")
}

fn one(engine: &Engine, context: &Context, question: &str, as_json: bool) -> Result<ExitCode, Failure> {
    match engine.ask(question, context) {
        Ok(answers) => {
            let text = if as_json { to_json(&answers)? } else { human(&answers) };
            print(&text);
            Ok(ExitCode::from(u8::from(answers.total == 0)))
        }
        Err(error) if as_json && !matches!(error, AnswerError::Index(_)) => {
            print(&(error_json(question, &error) + "\n"));
            Ok(ExitCode::from(2))
        }
        Err(error) => Err(explain(question, &error)),
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
        AnswerError::NotYet { .. } | AnswerError::Cancelled => Failure::user(error),
        AnswerError::Index(e) => Failure::index(failure::chain(e)).hint("run: amber-compass index"),
    }
}

/// A question a line in, an object a line out, in the same order.
fn batch(engine: &Engine, context: &Context, from: &Path) -> Result<ExitCode, Failure> {
    let input: Box<dyn std::io::Read> = if from == Path::new("-") {
        Box::new(std::io::stdin().lock())
    } else {
        Box::new(std::fs::File::open(from).map_err(|e| Failure::user(format!("{}: {e}", from.display())))?)
    };
    let mut input = std::io::BufReader::with_capacity(1 << 16, input);
    let mut out = std::io::BufWriter::new(std::io::stdout().lock());
    loop {
        let mut line = String::new();
        match input.read_line(&mut line) {
            Ok(0) => break,
            Ok(_) => {}
            Err(e) => return Err(Failure::user(format!("a question could not be read: {e}"))),
        }
        let line = line.trim_end_matches(['\n', '\r']).to_owned();
        let reply = match engine.ask(&line, context) {
            Ok(answers) => to_json(&answers)?,
            Err(error) => error_json(&line, &error) + "\n",
        };
        // Whoever asks line by line waits for the reply before the next line.
        let waits = input.buffer().is_empty();
        if out.write_all(reply.as_bytes()).is_err() || waits && out.flush().is_err() {
            return Ok(ExitCode::SUCCESS);
        }
    }
    let _ = out.flush();
    Ok(ExitCode::SUCCESS)
}

fn to_json(answers: &Answers) -> Result<String, Failure> {
    Ok(serde_json::to_string(answers).map_err(Failure::index)? + "\n")
}

/// The reply to a question that failed.
fn error_json(question: &str, error: &AnswerError) -> String {
    let value = match error {
        AnswerError::Parse(e) => serde_json::json!({
            "message": e.message, "at": e.at, "length": e.length, "expected": e.expected, "nearest": e.nearest, "try": e.suggestion
        }),
        other => serde_json::json!({
            "message": failure::chain(other), "at": 0, "length": question.len(), "expected": [], "nearest": null, "try": null
        }),
    };
    serde_json::json!({ "question": question, "error": value }).to_string()
}

/// Answers for people: rows grouped by unit.
fn human(answers: &Answers) -> String {
    let mut out = String::new();
    let mut unit: Option<&str> = None;
    for answer in &answers.answers {
        if unit != answer.unit.as_deref() {
            unit = answer.unit.as_deref();
            out += &format!("{}\n", shown::harmless(unit.unwrap_or("")));
        }
        out += &row(answer);
    }
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
    let weakest = answer.certainty.as_deref().unwrap_or("");
    let plural = |n: usize, what: &str| format!("{n} {what}{}", if n == 1 { "" } else { "s" });
    let mut out = format!("  {}, {}, weakest link {weakest}\n", plural(steps.len().saturating_sub(1), "step"), plural(crossings, "crossing"));
    for step in steps {
        out += &format!("  {}", plain_row(step));
    }
    out
}

fn plain_row(answer: &Answer) -> String {
    let mark = match answer.certainty.as_deref() {
        Some("proven") => Certainty::Proven.mark(),
        Some("inferred") => Certainty::Inferred.mark(),
        Some("guessed") => Certainty::Guessed.mark(),
        _ => ' ',
    };
    let what = answer.crossing.as_deref().or(answer.role.as_deref()).or(answer.kind.as_deref()).unwrap_or("");
    let place = format!("{}:{}:{}", answer.path, answer.line, answer.column);
    let mut context = answer.enclosing.clone().unwrap_or_default();
    if let Some(caller) = &answer.caller {
        context += &format!(" ← {caller}");
    }
    let text = answer.text.as_deref().unwrap_or("(the source cannot be read any more)").trim();
    format!("  {mark} {what:8} {}  {}  {}\n", shown::harmless(&place), shown::harmless(&context), shown::harmless(text))
}
