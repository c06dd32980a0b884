//! `unfold`.

use super::args::UnfoldArgs;
use super::index::print;
use super::{Failure, ask};
use crate::shown::harmless;
use compass_facts::Cancel;
use compass_session::failure_chain;
use compass_session::page::Spot;
use compass_session::unfolding::{UnfoldingError, unfolding};
use compass_unfold::{Step, StepKind, Unfolding};
use std::process::ExitCode;

/// Runs the command.
pub fn run(args: &UnfoldArgs) -> Result<ExitCode, Failure> {
    let session = ask::session(args.root.as_deref(), args.index.as_deref())?;
    let spot = place(&args.place)?;
    if let Some(wrong) = args.defines.iter().find(|d| !d.starts_with(|c: char| c.is_alphabetic() || c == '_')) {
        return Err(Failure::user(format!("--define {wrong}: NAME or NAME=VALUE is expected")));
    }
    let engine = session.engine().map_err(Failure::index)?;
    let found = match unfolding(&engine, &spot, &args.defines, &args.includes, &Cancel::new()) {
        Ok(found) => found,
        Err(why @ UnfoldingError::Unfold(_)) => {
            Failure::user(failure_chain(&why)).report();
            return Ok(ExitCode::from(1));
        }
        Err(why @ UnfoldingError::NoFile(_)) => return Err(Failure::user(why).hint("paths are relative to the root")),
        Err(why) => return Err(Failure::user(failure_chain(&why))),
    };
    let taken = taken(args, &found)?;
    let after = match args.only {
        Some(n) => found.only(n - 1).text,
        None => found.state(taken).text,
    };
    let text = if args.json { json(&found, taken, &after)? } else { human(&found, taken, &after) };
    print(&text);
    Ok(ExitCode::from(u8::from(found.steps.is_empty())))
}

/// `PATH:LINE:COL`; a path may hold colons.
fn place(text: &str) -> Result<Spot, Failure> {
    let wrong = || Failure::user(format!("{text}: PATH:LINE:COL is expected")).hint("e.g. amber-compass unfold sensors/src/probe.c:44:5");
    let (rest, column) = text.rsplit_once(':').ok_or_else(wrong)?;
    let (path, line) = rest.rsplit_once(':').ok_or_else(wrong)?;
    let path = path.trim_start_matches("./").to_owned();
    Ok(Spot { path, line: line.parse().map_err(|_| wrong())?, column: column.parse().map_err(|_| wrong())? })
}

/// How many steps are taken.
fn taken(args: &UnfoldArgs, found: &Unfolding) -> Result<usize, Failure> {
    let all = found.steps.len();
    if let Some(name) = &args.depth {
        let names: Vec<&str> = found.depths.iter().map(|d| d.name).collect();
        let at = names.iter().position(|n| n == name);
        let known = if names.is_empty() { "this unfolding has steps, no named depths".to_owned() } else { format!("depths: {}", names.join(", ")) };
        return at.map(|n| n + 1).ok_or_else(|| Failure::user(format!("there is no depth {name}")).hint(known));
    }
    if let Some(step) = args.only.or(args.step) {
        if args.only == Some(0) {
            return Err(Failure::user("steps count from 1"));
        }
        return if step <= all { Ok(step) } else { Err(Failure::user(format!("there is no step {step}: {all} in all"))) };
    }
    Ok(if args.once { all.min(1) } else { all })
}

fn json(found: &Unfolding, taken: usize, after: &str) -> Result<String, Failure> {
    let step = |s: &Step| {
        let place = |l: &compass_unfold::Location| serde_json::json!({ "path": l.path, "line": l.line, "column": l.column });
        let competing: Vec<_> = s.competing.iter().map(|c| serde_json::json!({ "path": c.at.path, "line": c.at.line, "conditions": c.conditions })).collect();
        let rule = if let StepKind::Rule(n) = s.kind { Some(n) } else { None };
        serde_json::json!({
            "by": s.by, "kind": s.kind.word(), "rule": rule, "depth": s.depth, "defined": s.defined.as_ref().map(place),
            "conditions": s.conditions, "competing": competing, "before": s.before, "after": s.after
        })
    };
    let value = serde_json::json!({
        "place": { "path": found.place.path, "line": found.place.line, "column": found.place.column },
        "written": found.state(0).text,
        "steps": found.steps.iter().take(taken).map(step).collect::<Vec<_>>(),
        "text": after,
        "notes": found.notes,
    });
    Ok(serde_json::to_string(&value).map_err(Failure::index)? + "\n")
}

/// Steps and what becomes of them, for people.
fn human(found: &Unfolding, taken: usize, after: &str) -> String {
    let mut out = format!("{}:{}:{}\n{}\n\n", found.place.path, found.place.line, found.place.column, indented(&found.state(0).text));
    for (n, step) in found.steps.iter().enumerate().take(taken) {
        let kind = match step.kind {
            StepKind::Rule(rule) => format!("rule {rule}"),
            other => other.word().to_owned(),
        };
        let defined = step.defined.as_ref().map_or(String::new(), |d| format!("  {}:{}", d.path, d.line));
        out += &format!("{:>3} {:24} {kind}{}\n", n + 1, step.by, harmless(&defined));
        if !step.conditions.is_empty() {
            out += &format!("      under #{}\n", harmless(&step.conditions.join(", #")));
        }
        for other in &step.competing {
            let under = if other.conditions.is_empty() { String::new() } else { format!(" under #{}", other.conditions.join(", #")) };
            out += &format!("      another definition: {}\n", harmless(&format!("{}:{}{under}", other.at.path, other.at.line)));
        }
    }
    if !found.steps.is_empty() {
        out += &format!("\n{}\n", indented(after));
    }
    for note in &found.notes {
        out += &format!("note: {}\n", harmless(note));
    }
    out
}

fn indented(text: &str) -> String {
    text.trim_end().lines().map(|l| format!("  {}", harmless(l))).collect::<Vec<_>>().join("\n")
}
