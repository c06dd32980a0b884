//! `draw`.

use super::args::DrawArgs;
use super::{Failure, ask};
use compass_draw::Figure;
use compass_session::figures::{Sort, figure};
use compass_trace::Context;
use std::path::Path;
use std::process::ExitCode;

/// Runs the command.
pub fn run(args: &DrawArgs) -> Result<ExitCode, Failure> {
    let sorts = || Sort::ALL.map(Sort::word).join(", ");
    let sort = Sort::ALL.into_iter().find(|s| s.word() == args.kind);
    let sort = sort.ok_or_else(|| Failure::user(format!("there is no drawing of kind {}", args.kind)).hint(format!("there are: {}", sorts())))?;
    let form = Form::of(&args.output)?;
    let text = ask::joined(&args.question);
    if text.is_empty() && !matches!(sort, Sort::Units | Sort::Layers | Sort::Survey) {
        return Err(Failure::user(format!("draw {} needs: {}", sort.word(), sort.asks())));
    }
    let engine = ask::session(args.root.as_deref(), args.index.as_deref())?.engine().map_err(Failure::index)?;
    let (figure, notes) = figure(&engine, sort, &text, &Context::default()).map_err(Failure::user)?;
    for note in notes {
        eprintln!("note: {}", crate::shown::harmless(&note));
    }
    let Some(figure) = figure else {
        eprintln!("amber-compass: nothing to draw: {}", nothing(sort));
        return Ok(ExitCode::from(1));
    };
    write(&args.output, &form.written(&figure, sort)?)?;
    eprintln!("{}: {}", args.output.display(), crate::shown::harmless(figure.heading().1));
    Ok(ExitCode::SUCCESS)
}

/// Why there is nothing to draw.
fn nothing(sort: Sort) -> &'static str {
    match sort {
        Sort::Chain => "no way was found",
        Sort::Layers => "no layers are known",
        Sort::Kin => "no type of that name is known",
        _ => "nothing of that name is known",
    }
}

/// A form a figure is written in.
#[derive(Clone, Copy)]
enum Form {
    Svg,
    Pdf,
    Markdown,
    Dot,
    Json,
}

impl Form {
    /// By the ending of the file.
    fn of(path: &Path) -> Result<Form, Failure> {
        match path.extension().and_then(|e| e.to_str()) {
            Some("svg") => Ok(Form::Svg),
            Some("pdf") => Ok(Form::Pdf),
            Some("md") => Ok(Form::Markdown),
            Some("dot" | "gv") => Ok(Form::Dot),
            Some("json") => Ok(Form::Json),
            _ => Err(Failure::user(format!("{}: drawings are written as .svg, .pdf, .md, .dot or .json", path.display()))),
        }
    }

    fn written(self, figure: &Figure, sort: Sort) -> Result<Vec<u8>, Failure> {
        Ok(match self {
            Form::Svg => compass_draw::to_svg(&figure.scene()).into_bytes(),
            Form::Pdf => compass_draw::to_pdf(&figure.scene()).map_err(Failure::user)?,
            Form::Markdown => compass_draw::to_markdown(figure).into_bytes(),
            Form::Dot => {
                let dot = compass_draw::to_dot(figure);
                dot.ok_or_else(|| Failure::user(format!("draw {} has no form as .dot: it joins nothing", sort.word())))?.into_bytes()
            }
            Form::Json => compass_draw::to_json(figure).map_err(Failure::user)?.into_bytes(),
        })
    }
}

fn write(path: &Path, bytes: &[u8]) -> Result<(), Failure> {
    std::fs::write(path, bytes).map_err(|e| Failure::user(format!("{} cannot be written: {e}", path.display())))
}
