//! Texts behind the name of what they document.

use compass_trace::documentation::Documentation;

/// The documentation of Lisp: a text of the language.
pub(crate) struct Docstrings;

impl Documentation for Docstrings {
    fn to_markdown(&self, comment: &str) -> Option<String> {
        let inner = comment.strip_prefix('"')?.strip_suffix('"')?;
        Some(lines(&inner.replace("\\\"", "\"").replace("\\\\", "\\")))
    }
}

/// The text without the blanks that its lines are pushed to the right by. Names in capitals are those of parameters.
fn lines(text: &str) -> String {
    let indent = text.lines().skip(1).filter(|l| !l.trim().is_empty()).map(|l| l.len() - l.trim_start().len()).min().unwrap_or(0);
    let mut out = String::new();
    for (i, line) in text.lines().enumerate() {
        let line = if i == 0 { line } else { line.get(indent..).unwrap_or(line.trim_start()) };
        out.push_str(&named(line.trim_end()));
        out.push('\n');
    }
    out.trim_end().to_owned()
}

/// Words in capitals stand for parameters.
fn named(line: &str) -> String {
    let is_name = |w: &str| {
        w.len() > 1
            && w.chars().any(|c| c.is_ascii_uppercase())
            && w.chars().all(|c| c.is_ascii_uppercase() || matches!(c, '-' | '*' | '+') || c.is_ascii_digit())
    };
    let word = |w: &str| {
        let core = w.trim_matches(|c: char| matches!(c, '.' | ',' | ';' | ':' | '(' | ')' | '\''));
        match is_name(core) && !core.contains('`') && core.contains('-') | (core.len() > 2) {
            true => w.replace(core, &format!("`{}`", core.to_lowercase())),
            false => w.to_owned(),
        }
    };
    line.split(' ').map(word).collect::<Vec<_>>().join(" ")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("\"Turns WHEEL by BY-HOW-MUCH.\"", Some("Turns `wheel` by `by-how-much`."))]
    #[case("\"First.\n   Second \\\"x\\\".\n     Third.\"", Some("First.\nSecond \"x\".\n  Third."))]
    #[case("; no text", None)]
    fn texts_are_markdown(#[case] text: &str, #[case] wanted: Option<&str>) {
        assert_eq!(Docstrings.to_markdown(text).as_deref(), wanted);
    }
}
