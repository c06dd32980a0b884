//! Lists of answers as text for other programs and other people: Markdown, CSV, JSON.

use compass_trace::{Answer, Answers};

/// A form that answers are written in.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Form {
    /// A list for people.
    Markdown,
    /// A table (RFC 4180).
    Csv,
    /// The same as the command line gives with `--json`, with these rows alone.
    Json,
}

impl Form {
    /// The ending of a file.
    pub fn ending(self) -> &'static str {
        match self {
            Form::Markdown => "md",
            Form::Csv => "csv",
            Form::Json => "json",
        }
    }
}

/// Some rows of answers in a form.
pub fn text(form: Form, answers: &Answers, rows: &[&Answer]) -> String {
    match form {
        Form::Markdown => markdown(answers, rows),
        Form::Csv => csv(rows),
        Form::Json => json(answers, rows),
    }
}

/// What is missing, in words.
fn completeness(answers: &Answers) -> String {
    if answers.complete {
        return "complete".to_owned();
    }
    let missing: Vec<String> = answers.missing.iter().map(|m| format!("{} × {}", m.count, m.cause.replace('_', " "))).collect();
    format!("incomplete: {}", missing.join(", "))
}

fn markdown(answers: &Answers, rows: &[&Answer]) -> String {
    let mut out = format!("## `{}`\n\n{} of {} rows, {}.\n\n", answers.question, rows.len(), answers.total, completeness(answers));
    for row in rows {
        let role = row.role_word().or(row.kind_word()).unwrap_or("");
        let sure = row.certainty_word().map_or_else(String::new, |c| format!(", {c}"));
        let around = row.enclosing.as_deref().map_or_else(String::new, |e| format!(" in `{e}`"));
        let code = row.text.as_deref().unwrap_or("").trim().replace('`', "'");
        out += &format!("- {role}{around}: `{code}` ({}:{}{sure})\n", row.path, row.line);
    }
    out
}

fn csv(rows: &[&Answer]) -> String {
    let mut writer = csv::WriterBuilder::new().terminator(csv::Terminator::CRLF).from_writer(Vec::new());
    let head = ["path", "line", "column", "name", "kind", "role", "certainty", "unit", "language", "enclosing", "text"];
    let mut records = vec![head.map(str::to_owned).to_vec()];
    for row in rows {
        let (name, unit, language) = (row.name.as_deref(), row.unit.as_deref(), row.language.as_deref());
        let optional = [name, row.kind_word(), row.role_word(), row.certainty_word(), unit, language, row.enclosing.as_deref(), row.text.as_deref()];
        let mut cells = vec![cell(&row.path), row.line.to_string(), row.column.to_string()];
        cells.extend(optional.iter().map(|c| cell(c.unwrap_or("").trim())));
        records.push(cells);
    }
    // Writing to memory does not fail.
    let written = records.iter().try_for_each(|r| writer.write_record(r)).is_ok();
    writer.into_inner().ok().filter(|_| written).map(|bytes| String::from_utf8_lossy(&bytes).into_owned()).unwrap_or_default()
}

/// Programs that calculate take these signs for a formula.
fn cell(text: &str) -> String {
    if text.starts_with(['=', '+', '-', '@']) { format!(" {text}") } else { text.to_owned() }
}

fn json(answers: &Answers, rows: &[&Answer]) -> String {
    let shown = Answers { answers: rows.iter().map(|r| (*r).clone()).collect(), ..answers.clone() };
    serde_json::to_string_pretty(&shown).map(|t| t + "\n").unwrap_or_default()
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn answers() -> Answers {
        let row = Answer {
            path: "a,b.py".to_owned(),
            line: 3,
            column: 5,
            end_line: 3,
            end_column: 9,
            name: Some("turn".to_owned()),
            kind: Some(compass_trace::AnswerKind::Symbol(compass_facts::Kind::Function)),
            role: Some(compass_facts::Role::Call),
            certainty: Some(compass_index::Certainty::Proven),
            evidence: Vec::new(),
            unit: None,
            language: None,
            enclosing: Some("run".to_owned()),
            text: Some("  turn(\"x\", `y`)".to_owned()),
            level: None,
            via: None,
            steps: None,
            crossing: None,
            caller: None,
            remark: None,
            made_by: None,
            opens: None,
            symbol: None,
            start: 0,
            file: None,
            definition: None,
        };
        let missing = vec![compass_index::Missing { cause: "receiver_unknown".to_owned(), count: 2 }];
        Answers { question: "who calls turn".to_owned(), answers: vec![row], total: 7, complete: false, missing, notes: Vec::new() }
    }

    #[rstest]
    #[case::markdown(
        Form::Markdown,
        "## `who calls turn`\n\n1 of 7 rows, incomplete: 2 × receiver unknown.\n\n- call in `run`: `turn(\"x\", 'y')` (a,b.py:3, proven)\n"
    )]
    #[case::csv(
        Form::Csv,
        "path,line,column,name,kind,role,certainty,unit,language,enclosing,text\r\n\"a,b.py\",3,5,turn,fn,call,proven,,,run,\"turn(\"\"x\"\", `y`)\"\r\n"
    )]
    fn rows_are_written_for_others(#[case] form: Form, #[case] wanted: &str) {
        let answers = answers();
        assert_eq!(text(form, &answers, &answers.answers.iter().collect::<Vec<_>>()), wanted);
    }

    #[test]
    fn json_is_that_of_the_command_line() {
        let answers = answers();
        let value: serde_json::Value = serde_json::from_str(&text(Form::Json, &answers, &[&answers.answers[0]])).expect("JSON");
        assert_eq!((&value["answers"][0]["path"], &value["total"], &value["missing"][0]["count"]), (&"a,b.py".into(), &7.into(), &2.into()));
    }

    #[test]
    fn cells_that_look_like_formulas_are_none() {
        assert_eq!(cell("=1+1"), " =1+1");
    }
}
