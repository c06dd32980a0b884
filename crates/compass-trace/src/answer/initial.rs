//! Values that are given where something is defined: the first write of it.
//!
//! Facts do not tell an initial value from a declaration without one, so the text behind the name is looked at.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use compass_facts::{Cancel, Definition, Kind, LARGEST_CLASSIFIED, Role, Token, TokenClass};
use compass_index::{Cause, Certainty, FileId, SymbolId};

/// Of more symbols than this nobody asks for the writes of one.
const FEW: usize = 60;

impl Engine {
    /// Adds definitions of these symbols that give a value at once, as writes; what could not be looked at is missing.
    pub(super) fn initial_writes(&self, symbols: &[SymbolId], found: &mut Found) -> Result<(), AnswerError> {
        found.miss(Cause::TooMany.word(), symbols.len().saturating_sub(FEW) as u64);
        // Symbols of one file mostly stand together: it is gone through once.
        let mut classified: Option<(FileId, Vec<Token>)> = None;
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
            if source.changed.is_some() {
                found.miss(Cause::Unreadable.word(), 1);
                continue;
            }
            let Some(language) = self.index.file(symbol.file).map(|f| f.language) else { continue };
            let text = &source.source.text;
            let is_given = match text_behind(text, d) {
                _ if is_parameter => true,
                None => false,
                // What is a comment there is not known.
                Some(_) if text.len() > LARGEST_CLASSIFIED => {
                    found.miss(Cause::Unreadable.word(), 1);
                    false
                }
                Some((from, behind)) => {
                    if classified.as_ref().is_none_or(|c| c.0 != symbol.file) {
                        classified = Some((symbol.file, compass_facts::tokens(language, text, &Cancel::new())));
                    }
                    gives_value(from, behind, classified.as_ref().map_or(&[], |c| &c.1))
                }
            };
            if is_given {
                let mut row = Raw::definition(*symbol, &facts, def);
                row.marks.role = Some(Role::Write);
                row.marks.certainty = Some(Certainty::Proven);
                found.rows.push(row);
            }
        }
        Ok(())
    }
}

/// What is written behind a name, and where that begins, if a value may stand there.
fn text_behind<'t>(text: &'t str, d: &Definition) -> Option<(usize, &'t str)> {
    let from = d.name_span.end as usize;
    let line_end = text.get(from..).and_then(|t| t.find('\n')).map_or(text.len(), |i| from + i);
    let to = line_end.max(d.whole.end as usize);
    text.get(from..to).filter(|t| t.contains(['=', '{'])).map(|behind| (from, behind))
}

/// Does a value stand in what is behind a name? Comments and texts say nothing of it.
fn gives_value(from: usize, behind: &str, tokens: &[Token]) -> bool {
    let (mut behind, to) = (behind.to_owned(), from + behind.len());
    let is_other = |t: &&Token| matches!(t.class, TokenClass::Comment | TokenClass::Text);
    for token in tokens.iter().filter(is_other) {
        let (start, end) = ((token.span.start as usize).clamp(from, to) - from, (token.span.end as usize).clamp(from, to) - from);
        if start < end {
            // A text may itself be the value: it is something, and holds no signs.
            let blank: String = behind[start..end].bytes().map(|_| '.').collect();
            behind.replace_range(start..end, &blank);
        }
    }
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
    use compass_facts::{Language, Source, read};
    use rstest::rstest;

    #[rstest]
    #[case::plain("int a = 1;", true)]
    #[case::none("int a;", false)]
    #[case::of_another("int a, b = 1;", false)]
    #[case::braces("int a{1};", true)]
    #[case::array("int a[2] = {1, 2};", true)]
    fn values_are_told_by_the_text(#[case] text: &str, #[case] wanted: bool) {
        assert_eq!(tells(languages::CPP, text), wanted);
    }

    #[rstest]
    #[case::in_a_comment(languages::GO, "package p\ntype T struct {\n\ta int // = 3\n}\n", false)]
    #[case::in_a_tag(languages::GO, "package p\ntype T struct {\n\ta int `gorm:\"default=1\"`\n}\n", false)]
    #[case::in_a_remark(languages::PYTHON, "class T:\n    a: int  # = 3\n", false)]
    #[case::a_text(languages::PYTHON, "class T:\n    a: str = \"b\"\n", true)]
    #[case::in_an_interface(languages::TYPESCRIPT, "interface T {\n  a: number /* = 1 */;\n}\n", false)]
    #[case::beside_a_comment(languages::RUST, "struct T {\n    a: u32, // a = 1\n}\n", false)]
    fn comments_and_texts_give_no_value(#[case] language: Language, #[case] text: &str, #[case] wanted: bool) {
        assert_eq!(tells(language, text), wanted);
    }

    fn tells(language: Language, text: &str) -> bool {
        let facts = read(language, &Source::decode(text.as_bytes().to_vec()).expect("text"), &Cancel::new()).expect("facts");
        let d = facts.definitions.iter().find(|d| facts.name(d.name) == "a").expect("a definition");
        text_behind(text, d).is_some_and(|(from, behind)| gives_value(from, behind, &compass_facts::tokens(language, text, &Cancel::new())))
    }
}
