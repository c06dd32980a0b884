//! The call that a place stands in the brackets of: what is called, its parameters, and which of them is being given.
//!
//! # How it works
//! Calls before the place are looked at from the nearest on; of each the brackets are followed to their end, over texts and comments.
//! The first that has not ended is the innermost. Parameters are those of the signature as it is written.

use crate::answer::{AnswerError, Context, Engine};
use crate::question::{Form, Mode, Place, Question, Subject, What};
use compass_facts::Language;

/// So far back a call is looked for, in bytes.
const REACH: usize = 6000;

/// A call around a place.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct CallAround {
    /// What is called.
    pub name: String,
    /// The line of its name in the call.
    pub line: u32,
    /// How sure it is that this is called.
    pub certainty: Option<String>,
    /// Its parameters as they are written where it is defined.
    pub parameters: Vec<String>,
    /// The parameter that is being given.
    pub current: Option<usize>,
}

/// Brackets around a place.
#[derive(Debug, Clone, PartialEq, Eq)]
struct Brackets {
    /// How many commas stand before the place.
    commas: usize,
    /// What is written of the argument before the place and behind it, up to the next comma or bracket.
    argument: String,
}

impl Engine {
    /// The innermost call that a place stands in the brackets of, if its target is known.
    ///
    /// # Errors
    /// Those of the index.
    pub fn call_around(&self, path: &str, line: u32, column: u32, context: &Context) -> Result<Option<CallAround>, AnswerError> {
        let index = self.index();
        let Some(file) = index.find_path(path) else { return Ok(None) };
        let Some(row) = index.file(file) else { return Ok(None) };
        let source = index.source(file)?;
        let stored = index.facts(file)?;
        let facts = source.changed.as_ref().unwrap_or(&stored.facts);
        let text = source.source.text.as_str();
        let Some(at) = source.source.lines.offset(line, column) else { return Ok(None) };
        let before = facts.uses.partition_point(|u| u.span.end <= at);
        let near = facts.uses[..before].iter().rev().take_while(|u| (at as usize).saturating_sub(u.span.end as usize) <= REACH);
        for usage in near.filter(|u| u.role.is_call()) {
            let Some(brackets) = brackets(text, usage.span.end as usize, at as usize, row.language) else { continue };
            let (line, column) = source.source.lines.locate(usage.span.start);
            let Some((signature, name, certainty)) = self.called(path, line, column, context)? else { return Ok(None) };
            let written = facts.name(usage.name);
            let by_member = text[..usage.span.start as usize].trim_end().ends_with('.') || text[..usage.span.start as usize].ends_with("->");
            let parameters = without_receiver(parameters(&signature, name.rsplit('.').next().unwrap_or(written)), row.language, by_member);
            let current = given(&brackets, &parameters, row.language);
            return Ok(Some(CallAround { name, line, certainty, parameters, current }));
        }
        Ok(None)
    }

    /// Signature, name and certainty of what a name at a place leads to.
    fn called(&self, path: &str, line: u32, column: u32, context: &Context) -> Result<Option<(String, String, Option<String>)>, AnswerError> {
        let place = Place { path: path.to_owned(), line, column: Some(column) };
        let subject = Subject { what: What::Place(place), defined_in: None };
        let question = Question { form: Form::WhereIs { subject, mode: Mode::Any }, filters: Vec::new() };
        let answers = self.answer(&question, context)?;
        let Some((symbol, first)) = answers.answers.first().and_then(|a| Some((a.symbol?, a))) else { return Ok(None) };
        Ok(self.facts_of(symbol)?.map(|f| (f.signature, f.name, first.certainty_word().map(str::to_owned))))
    }
}

/// Steps over what is neither code nor bracket: a text, a comment. Gives the byte behind it.
fn skipped(bytes: &[u8], i: usize, language: Language) -> Option<usize> {
    let rest = &bytes[i..];
    let until =
        |end: &[u8], from: usize| rest[from.min(rest.len())..].windows(end.len()).position(|w| w == end).map_or(bytes.len(), |p| i + from + p + end.len());
    let lexis = &language.profile().lexis;
    if let Some(mark) = lexis.line_comments.iter().find(|m| rest.starts_with(m.as_bytes())) {
        return Some(until(b"\n", mark.len()));
    }
    let blocks = lexis.block_comments.iter().copied().chain(lexis.long_quotes.iter().map(|q| (*q, *q)));
    if let Some((open, close)) = blocks.into_iter().find(|b| rest.starts_with(b.0.as_bytes())) {
        return Some(until(close.as_bytes(), open.len()));
    }
    match rest[0] {
        // A lifetime is no text.
        b'\'' if lexis.has_lifetimes && !rest.get(2..4).is_some_and(|r| r[0] == b'\'' || rest[1] == b'\\') => Some(i + 1),
        quote @ (b'"' | b'\'' | b'`') => {
            let mut at = i + 1;
            while at < bytes.len() && bytes[at] != quote {
                // What never ends ends with its line.
                if bytes[at] == b'\n' && quote != b'`' {
                    return Some(at);
                }
                at += 1 + usize::from(bytes[at] == b'\\');
            }
            Some((at + 1).min(bytes.len()))
        }
        _ => None,
    }
}

/// The brackets that open behind a name, if they hold the byte `at`.
fn brackets(text: &str, from: usize, at: usize, language: Language) -> Option<Brackets> {
    let bytes = text.as_bytes();
    let open = opening(bytes, from)?;
    if open >= at {
        return None;
    }
    let (mut commas, mut start, mut depth) = (0, open + 1, 0usize);
    let mut i = open + 1;
    while i < bytes.len() && i < open + 2 * REACH {
        if let Some(next) = skipped(bytes, i, language) {
            i = next;
            continue;
        }
        match bytes[i] {
            b'(' | b'[' | b'{' => depth += 1,
            b')' | b']' | b'}' if depth == 0 => {
                return (i >= at).then(|| Brackets { commas, argument: text.get(start..i).unwrap_or("").to_owned() });
            }
            b')' | b']' | b'}' => depth -= 1,
            // The parameters of a closure are no arguments.
            b'|' if language.profile().lexis.has_bars && depth == 0 && text[start..i].trim().trim_end_matches("move").is_empty() => {
                i += bytes[i + 1..].iter().position(|b| *b == b'|').map_or(0, |p| p + 1);
            }
            b',' if depth == 0 && i >= at => return Some(Brackets { commas, argument: text.get(start..i).unwrap_or("").to_owned() }),
            b',' if depth == 0 => {
                commas += 1;
                start = i + 1;
            }
            _ => {}
        }
        i += 1;
    }
    // It is being written: nothing closes it yet.
    (i >= bytes.len()).then(|| Brackets { commas, argument: text.get(start..).unwrap_or("").to_owned() })
}

/// The opening bracket behind a name, over a macro's sign and over what stands in angles.
fn opening(bytes: &[u8], from: usize) -> Option<usize> {
    let mut i = from;
    let mut angles = 0usize;
    while i < bytes.len() && i < from + 200 {
        match bytes[i] {
            b'(' if angles == 0 => return Some(i),
            b'<' => angles += 1,
            b'>' if i > 0 && matches!(bytes[i - 1], b'-' | b'=') => {}
            b'>' => angles = angles.checked_sub(1)?,
            b' ' | b'\t' | b'\n' | b'\r' | b'!' | b':' | b'?' | b'.' if angles == 0 => {}
            _ if angles > 0 => {}
            _ => return None,
        }
        i += 1;
    }
    None
}

/// The parameters of a signature as they are written.
fn parameters(signature: &str, name: &str) -> Vec<String> {
    let bytes = signature.as_bytes();
    let is_word = |b: Option<&u8>| b.is_some_and(|b| b.is_ascii_alphanumeric() || *b == b'_' || *b >= 0x80);
    let mut named = signature.match_indices(name).filter(|(i, _)| !is_word(i.checked_sub(1).and_then(|i| bytes.get(i))) && !is_word(bytes.get(i + name.len())));
    let behind = |at: usize| opening(bytes, at).or_else(|| bytes[at..].iter().position(|b| *b == b'(').map(|p| at + p));
    let direct = named.clone().find_map(|(i, _)| opening(bytes, i + name.len()));
    let Some(open) = direct.or_else(|| named.next().and_then(|(i, _)| behind(i + name.len()))) else { return Vec::new() };
    let mut out = Vec::new();
    let (mut depth, mut start) = (0usize, open + 1);
    for (i, b) in bytes.iter().enumerate().skip(open + 1) {
        let is_arrow = i > 0 && matches!(bytes[i - 1], b'-' | b'=');
        match b {
            b'(' | b'[' | b'{' | b'<' => depth += 1,
            b'>' if is_arrow => {}
            b')' | b']' | b'}' | b'>' if depth > 0 => depth -= 1,
            b')' => {
                out.push(&signature[start..i]);
                break;
            }
            b',' if depth == 0 => {
                out.push(&signature[start..i]);
                start = i + 1;
            }
            _ => {}
        }
    }
    let folded = out.into_iter().map(|p| p.split_whitespace().collect::<Vec<_>>().join(" "));
    // What only separates kinds of parameters is none: a lone `/` or `*`.
    folded.filter(|p| !p.is_empty() && p != "void" && p != "/" && p != "*").collect()
}

/// Without the one that stands before the dot.
fn without_receiver(mut parameters: Vec<String>, language: Language, by_member: bool) -> Vec<String> {
    let is_receiver = |p: &String| (language.profile().calls.is_receiver)(p, by_member);
    if parameters.first().is_some_and(is_receiver) {
        parameters.remove(0);
    }
    parameters
}

/// Which parameter is given: by its name where the language can say it, else by its place.
fn given(brackets: &Brackets, parameters: &[String], language: Language) -> Option<usize> {
    let calls = &language.profile().calls;
    if calls.by_name
        && let Some((name, value)) = brackets.argument.split_once('=')
        && !value.starts_with('=')
        && !name.trim().is_empty()
        && name.trim().chars().all(|c| c.is_alphanumeric() || c == '_')
    {
        let is_it = |p: &String| p.trim_start_matches('*').split([':', '=', ' ']).next() == Some(name.trim());
        return parameters.iter().position(is_it).or_else(|| parameters.iter().position(|p| p.starts_with("**")));
    }
    let last = parameters.len().checked_sub(1)?;
    let open_ended = parameters.iter().position(|p| (calls.takes_rest)(p));
    match open_ended {
        Some(at) if brackets.commas >= at => Some(at),
        _ => (brackets.commas <= last).then_some(brackets.commas),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::c("int rack_turn(struct rack *r, int (*by)(int, int))", "rack_turn", &["struct rack *r", "int (*by)(int, int)"])]
    #[case::nothing("int main(void)", "main", &[])]
    #[case::go("func (p *Planner) PlanTurn(ctx context.Context, req *TurnRequest) (*TurnPlan, error)", "PlanTurn", &["ctx context.Context", "req *TurnRequest"])]
    #[case::rust("pub fn turn<F: Fn(u32) -> u32>(&self, by: F, rest: HashMap<u32, Vec<u8>>) -> bool", "turn", &["&self", "by: F", "rest: HashMap<u32, Vec<u8>>"])]
    #[case::python("def turn(self, a, /, b: int = 3, *, c=None, **more)", "turn", &["self", "a", "b: int = 3", "c=None", "**more"])]
    #[case::typescript("async post<T>(url: string, then: (x: T) => void, body?: T): Promise<T>", "post", &["url: string", "then: (x: T) => void", "body?: T"])]
    #[case::arrow("const turn = (wheel: Wheel, by = 1) =>", "turn", &["wheel: Wheel", "by = 1"])]
    #[case::java("public <T> Slot find(final Rack rack, T... more)", "find", &["final Rack rack", "T... more"])]
    #[case::a_macro("#define EACH(i, all) for (int i = 0; i < COUNT(all); i++)", "EACH", &["i", "all"])]
    #[case::name_in_a_type("Turn turn(Turn turn)", "turn", &["Turn turn"])]
    #[case::none("struct rack", "rack", &[])]
    fn parameters_as_they_are_written(#[case] signature: &str, #[case] name: &str, #[case] wanted: &[&str]) {
        assert_eq!(parameters(signature, name), wanted);
    }

    /// `‸` is the place, the call's name is `turn`.
    #[rstest]
    #[case::first("turn(‸a, b)", languages::C, Some(0))]
    #[case::second("turn(a, ‸b)", languages::C, Some(1))]
    #[case::at_the_comma("turn(a‸, b)", languages::C, Some(0))]
    #[case::behind("turn(a, b)‸;", languages::C, None)]
    #[case::before("turn‸(a, b)", languages::C, None)]
    #[case::inner_commas("turn(f(x, y), [1, 2], {p, q}, ‸b)", languages::TYPESCRIPT, Some(3))]
    #[case::commas_in_texts("turn(\"a, b\", 'c', /* d, e */ ‸b)", languages::GO, Some(2))]
    #[case::a_line_comment("turn(a, // one, two\n ‸b)", languages::RUST, Some(1))]
    #[case::python_comment("turn(a, # one, two\n ‸b)", languages::PYTHON, Some(1))]
    #[case::python_divides("turn(a // 2, ‸b)", languages::PYTHON, Some(1))]
    #[case::perl_comment("turn(a, # one, two\n ‸b)", languages::PERL, Some(1))]
    #[case::perl_divides("turn(a // 2, ‸b)", languages::PERL, Some(1))]
    #[case::a_long_text("turn('''one,\n two)''', ‸b)", languages::PYTHON, Some(1))]
    #[case::a_lifetime("turn(&'a x, ‸b)", languages::RUST, Some(1))]
    #[case::a_closure("turn(|x, y| x + y, ‸b)", languages::RUST, Some(1))]
    #[case::angles("turn::<A, B>(a, ‸b)", languages::RUST, Some(1))]
    #[case::a_macro("turn!(a, ‸b)", languages::RUST, Some(1))]
    #[case::being_written("turn(a, ‸", languages::JAVA, Some(1))]
    #[case::an_open_text("turn(\"a, ‸\nb)", languages::C, Some(0))]
    #[case::over_lines("turn(\n  a,\n  ‸b,\n)", languages::RUST, Some(1))]
    #[case::no_call("turn = (‸a)", languages::C, None)]
    fn which_argument_a_place_is_in(#[case] text: &str, #[case] language: Language, #[case] wanted: Option<usize>) {
        let at = text.find('‸').expect("a place");
        let text = text.replace('‸', "");
        assert_eq!(brackets(&text, 4, at, language).map(|b| b.commas), wanted);
    }

    #[rstest]
    #[case::by_place(1, "b", &["a", "b"], languages::C, Some(1))]
    #[case::too_many(2, "c", &["a", "b"], languages::C, None)]
    #[case::open_ended(5, "c", &["char *format", "..."], languages::C, Some(1))]
    #[case::rest(3, "x", &["a", "...rest: T[]"], languages::TYPESCRIPT, Some(1))]
    #[case::by_name(0, "c=1", &["a", "b: int = 2", "c=None"], languages::PYTHON, Some(2))]
    #[case::by_any_name(0, "z=1", &["a", "**more"], languages::PYTHON, Some(1))]
    #[case::a_comparison(0, "a == 1", &["a", "b"], languages::PYTHON, Some(0))]
    #[case::star(4, "x", &["a", "*args"], languages::PYTHON, Some(1))]
    #[case::none(0, "x", &[], languages::C, None)]
    fn the_parameter_that_is_given(
        #[case] commas: usize,
        #[case] argument: &str,
        #[case] parameters: &[&str],
        #[case] language: Language,
        #[case] wanted: Option<usize>,
    ) {
        let parameters: Vec<String> = parameters.iter().map(|p| (*p).to_owned()).collect();
        assert_eq!(given(&Brackets { commas, argument: argument.to_owned() }, &parameters, language), wanted);
    }

    proptest::proptest! {
        /// Whatever is written, and wherever one stands in it.
        #[test]
        fn any_text_is_looked_through(text in "[a(){}\\[\\]<>,'\"|/*#\n ]{0,60}", at in 0usize..70) {
            for language in Language::all().iter().copied() {
                brackets(&text, 0, at, language);
            }
            parameters(&text, "a");
        }
    }
}
