//! `draw`.

use super::args::DrawArgs;
use super::{Failure, ask};
use compass_session::ways;
use compass_trace::question::{Form, parse};
use compass_trace::{Answers, Context, Engine};
use std::path::Path;
use std::process::ExitCode;

/// Runs the command.
pub fn run(args: &DrawArgs) -> Result<ExitCode, Failure> {
    if args.kind != "chain" {
        let known = ["tree", "kin", "units", "layers", "survey"].contains(&args.kind.as_str());
        let message = if known { format!("draw {} is not there yet", args.kind) } else { format!("there is no drawing of kind {}", args.kind) };
        return Err(Failure::user(message).hint("draw chain \"how does A reach B\" -o FILE.svg"));
    }
    let pdf = match args.output.extension().and_then(|e| e.to_str()) {
        Some("svg") => false,
        Some("pdf") => true,
        _ => return Err(Failure::user(format!("{}: drawings are written as .svg or .pdf", args.output.display()))),
    };
    let engine = ask::session(args.root.as_deref(), args.index.as_deref())?.engine().map_err(Failure::index)?;
    let text = ask::joined(&args.question);
    let Some(drawing) = drawing(&engine, &text)? else {
        eprintln!("amber-compass: nothing to draw: no way was found");
        return Ok(ExitCode::from(1));
    };
    let scene = compass_draw::lay_out(&drawing);
    let bytes = if pdf { compass_draw::to_pdf(&scene).map_err(Failure::user)? } else { compass_draw::to_svg(&scene).into_bytes() };
    write(&args.output, &bytes)?;
    eprintln!("{}: {}", args.output.display(), drawing.subtitle);
    Ok(ExitCode::SUCCESS)
}

fn write(path: &Path, bytes: &[u8]) -> Result<(), Failure> {
    std::fs::write(path, bytes).map_err(|e| Failure::user(format!("{} cannot be written: {e}", path.display())))
}

fn drawing(engine: &Engine, text: &str) -> Result<Option<compass_draw::Drawing>, Failure> {
    let (question, _) = parse(text).map_err(|e| ask::explain(text, &e.into()))?;
    let context = Context::default();
    match &question.form {
        Form::HowReach { .. } => {
            let found = ways::find(engine, &question, &context).map_err(Failure::user)?;
            for note in &found.notes {
                eprintln!("note: {}", crate::shown::harmless(note));
            }
            Ok(found.sections.first().map(ways::drawing))
        }
        Form::Who { through: Some(_), .. } | Form::WhatDoes { through: Some(_), .. } => {
            let answers: Answers = engine.answer(&question, &context).map_err(|e| ask::explain(text, &e))?;
            Ok((answers.total > 0).then(|| ways::drawing_of_levels(text, &answers)))
        }
        _ => Err(Failure::user("a chain is asked for by: how does A reach B · who calls A through N · what does A call through N")),
    }
}
