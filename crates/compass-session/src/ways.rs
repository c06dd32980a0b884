//! Ways as cross-sections, and cross-sections as drawings: shared by all faces.

use crate::Failure;
use compass_draw::{Drawing, Row};
use compass_index::Certainty;
use compass_trace::chains::{Section, SectionRow};
use compass_trace::question::{Depth, Form, Goal, Question};
use compass_trace::{Answer, Context, Engine, plural};

/// Ways of a question.
pub struct Found {
    /// Each way.
    pub sections: Vec<Section>,
    /// All there are.
    pub total: u64,
    /// What to hear.
    pub notes: Vec<String>,
}

/// Finds the ways a question asks for.
///
/// # Errors
/// Another question, or what the engine says.
pub fn find(engine: &Engine, question: &Question, context: &Context) -> Result<Found, Failure> {
    let Form::HowReach { from, to, through } = &question.form else {
        return Err(Failure::NotAWay);
    };
    let a = engine.symbols_of(from)?;
    let b = to.subject().map(|to| engine.symbols_of(to)).transpose()?;
    let mut notes = Vec::new();
    if a.is_empty() {
        notes.push(format!("nothing is called {from}"));
    }
    if b.as_ref().is_some_and(Vec::is_empty) {
        notes.push(format!("nothing is called {to}"));
    }
    let longest = through.map(|d| match d {
        Depth::Levels(n) => n.min(64),
        Depth::All => 64,
    });
    let ways = match (&b, to) {
        (Some(b), _) => engine.ways(&a, b, longest, context)?,
        (None, Goal::Any(kind)) => engine.ways_to_any(&a, kind, longest, context)?,
        (None, Goal::Subject(_)) => return Err(Failure::NotAWay),
    };
    if ways.ways.is_empty() && notes.is_empty() {
        let reason = engine.why_no_way(&ways, from, to)?;
        notes.extend(reason.notes);
        if !reason.missing.is_empty() {
            let causes: Vec<String> = reason.missing.iter().map(|(cause, count)| format!("{count} × {cause}")).collect();
            notes.push(format!("incomplete: {}", causes.join(", ")));
        }
    }
    if ways.guessed {
        notes.push("only guesses lead there".to_owned());
    }
    if ways.cut {
        notes.push("the search was cut short: there may be more".to_owned());
    }
    let sections = ways.ways.iter().map(|w| engine.section(w)).collect::<Result<Vec<_>, _>>()?;
    Ok(Found { sections, total: ways.total, notes })
}

/// The counts of a section in words.
pub fn counts(section: &Section) -> String {
    let weakest = section.weakest.as_deref().unwrap_or("proven");
    format!("{} · {} · weakest link {weakest}", plural(section.steps as u64, "step"), plural(section.crossings as u64, "crossing"))
}

fn mark(answer: &Answer) -> char {
    answer.certainty.unwrap_or(Certainty::Proven).mark()
}

fn place(answer: &Answer) -> String {
    format!("{}:{}", answer.path, answer.line)
}

/// A section as a drawing.
pub fn drawing(section: &Section) -> Drawing {
    let mut rows = Vec::new();
    let last = section.rows.iter().rposition(|r| matches!(r, SectionRow::Symbol(_)));
    let first = section.rows.iter().position(|r| matches!(r, SectionRow::Symbol(_)));
    for (n, row) in section.rows.iter().enumerate() {
        rows.push(match row {
            SectionRow::Layer { name, unusual } => Row::Band { name: name.clone(), note: unusual.map(str::to_owned) },
            SectionRow::Symbol(a) => Row::Symbol {
                place: place(a),
                name: a.name.clone().unwrap_or_default(),
                kind: a.kind_word().unwrap_or_default().to_owned(),
                end: Some(n) == last || Some(n) == first,
                indent: 0,
            },
            SectionRow::Step { at, others, .. } => Row::Step {
                place: place(at),
                code: at.text.clone().unwrap_or_default(),
                mark: mark(at),
                note: if *others > 0 { format!("+ {others} other places") } else { String::new() },
                indent: 1,
            },
            SectionRow::Crossing { kind, label, at, .. } => Row::Crossing { label: format!("{kind}  {label}"), mark: mark(at) },
        });
    }
    Drawing { title: format!("from {} to {}", section.from, section.to), subtitle: counts(section), rows }
}

/// Rows of `through N` as a drawing: a level is an indent.
pub fn drawing_of_levels(question: &str, answers: &compass_trace::Answers) -> Drawing {
    let complete = if answers.complete { "complete" } else { "incomplete" };
    let mut rows = Vec::new();
    let mut unit: Option<&str> = None;
    for answer in &answers.answers {
        if unit != answer.unit.as_deref() {
            unit = answer.unit.as_deref();
            rows.push(Row::Band { name: unit.unwrap_or("").to_owned(), note: None });
        }
        let level = answer.level.unwrap_or(1).saturating_sub(1) as usize;
        let name = answer.enclosing.clone().or_else(|| answer.name.clone()).unwrap_or_default();
        let kind = format!("level {} via {}", level + 1, answer.via.as_deref().unwrap_or(""));
        rows.push(Row::Symbol { place: place(answer), name, kind, end: false, indent: level });
        rows.push(Row::Step {
            place: String::new(),
            code: answer.text.clone().unwrap_or_default(),
            mark: mark(answer),
            note: String::new(),
            indent: level + 1,
        });
    }
    Drawing { title: question.to_owned(), subtitle: format!("{} rows · {complete}", answers.total), rows }
}
