//! Values that are given where something is defined: the first write of it.
//!
//! Facts do not tell an initial value from a declaration without one, so the text behind the name is looked at.

use super::rows::Raw;
use super::{AnswerError, Engine};
use compass_facts::{Definition, Kind, Role};
use compass_index::{Certainty, SymbolId};

/// Of more symbols than this nobody asks for the writes of one.
const FEW: usize = 60;

impl Engine {
    /// Definitions of these symbols that give a value at once, as writes.
    pub(super) fn initial_writes(&self, symbols: &[SymbolId]) -> Result<Vec<Raw>, AnswerError> {
        let mut out = Vec::new();
        for symbol in symbols.iter().take(FEW) {
            let Some((facts, def)) = self.index.definition(*symbol)? else { continue };
            let d = facts.facts.def(def);
            if !matches!(d.kind, Kind::Field | Kind::Variable | Kind::Constant) {
                continue;
            }
            let source = self.index.source(symbol.file)?;
            // A parameter of a constructor that is a field as well gets its value there.
            let takes = |o: &Definition| o.kind.is_callable() && o.container == d.container && o.whole.covers(d.whole);
            let is_parameter = d.kind == Kind::Field && facts.facts.definitions.iter().any(takes);
            let is_changed = source.changed.is_some();
            if !is_changed && (is_parameter || gives_value(&source.source.text, d)) {
                let mut row = Raw::definition(*symbol, &facts, def);
                row.marks.role = Some(Role::Write);
                row.marks.certainty = Some(Certainty::Proven);
                out.push(row);
            }
        }
        Ok(out)
    }
}

/// Does a value stand behind the name?
fn gives_value(text: &str, d: &Definition) -> bool {
    let from = d.name_span.end as usize;
    let line_end = text.get(from..).and_then(|t| t.find('\n')).map_or(text.len(), |i| from + i);
    let Some(behind) = text.get(from..line_end.max(d.whole.end as usize)) else { return false };
    let mut depth = 0i32;
    let mut before = ' ';
    let mut chars = behind.chars().peekable();
    while let Some(c) = chars.next() {
        match c {
            '{' if depth == 0 && before == ' ' && behind.trim_start().starts_with('{') => return true,
            '(' | '[' | '{' => depth += 1,
            ')' | ']' | '}' => depth -= 1,
            '=' if depth == 0 => match chars.peek() {
                Some('=' | '>') => {
                    chars.next();
                }
                _ => return !matches!(before, '!' | '<' | '>' | '+' | '-' | '*' | '/'),
            },
            ',' | ';' if depth <= 0 => return false,
            '\n' if depth <= 0 => return false,
            _ => {}
        }
        if depth < 0 {
            return false;
        }
        before = if c.is_whitespace() { before } else { c };
    }
    false
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_facts::{Cancel, Language, Source, read};
    use rstest::rstest;

    #[rstest]
    #[case::plain("int a = 1;", true)]
    #[case::none("int a;", false)]
    #[case::of_another("int a, b = 1;", false)]
    #[case::braces("int a{1};", true)]
    #[case::array("int a[2] = {1, 2};", true)]
    fn values_are_told_by_the_text(#[case] text: &str, #[case] wanted: bool) {
        let facts = read(Language::Cpp, &Source::decode(text.as_bytes().to_vec()).expect("text"), &Cancel::new()).expect("facts");
        let d = facts.definitions.iter().find(|d| facts.name(d.name) == "a").expect("a definition");
        assert_eq!(gives_value(text, d), wanted);
    }
}
