//! What the engine of rules records, and what it does with bad input.

use crate::oracle::{Known, print};
use compass_expand::{Note, Part, Record, SourceNo};
use compass_facts::Span;
use language_rust::macros::{MacroRules, expand, tokens};
use rstest::rstest;

fn run(text: &str) -> (Record, Vec<Note>) {
    expand(tokens(SourceNo(0), text, Span::new(0, text.len())), &Known::of(text), false)
}

/// What stands behind the definitions at the end.
fn end(text: &str) -> String {
    print(&run(text).0).rsplit("} ; } ").next().unwrap_or_default().to_owned()
}

#[test]
fn steps_name_the_rule_and_its_place() {
    let text = "macro_rules! n { () => { 0 }; ($h:tt $($t:tt)*) => { 1 + n!($($t)*) }; }\nconst N: u8 = n!(a b);";
    let (record, notes) = run(text);
    assert!(notes.is_empty());
    let rules: Vec<u16> = record.steps.iter().map(|s| s.rule).collect();
    assert_eq!(rules, [1, 1, 0]);
    let place = record.steps[0].defined.expect("a rule has a place");
    assert!(text[place.span.start as usize..].starts_with("($h:tt"));
    assert_eq!(record.steps[0].parameters.iter().map(|p| &**p).collect::<Vec<_>>(), ["h", "t"]);
}

#[test]
fn tokens_lead_back_through_two_macros() {
    let text = "macro_rules! a { ($x:expr) => { b!($x) }; }\nmacro_rules! b { ($y:expr) => { [$y] }; }\nconst A: [u8; 1] = a!(seven);";
    let (record, _) = run(text);
    let seven = *record.end().iter().rfind(|t| &*record.token(**t).text == "seven").expect("there");
    let parts: Vec<Part> = record.history(seven).iter().map(|t| record.token(*t).part).collect();
    assert_eq!(parts, [Part::Argument(0), Part::Argument(0), Part::Written]);
    assert_eq!(record.token(seven).place.expect("written").span.start as usize, text.rfind("seven").expect("there"));
}

#[test]
fn no_rule_that_fits_is_told_with_what_was_expected() {
    let (record, notes) = run("macro_rules! a { (x $n:ident) => { $n }; }\nconst A: u8 = a!(y b);");
    assert!(record.steps.is_empty());
    assert_eq!(notes, [Note::NoRule { name: "a".into(), expected: "x is expected".to_owned() }]);
}

#[test]
fn a_macro_nobody_defines_stays_and_is_told() {
    let (record, notes) = run("const A: u8 = nobody!(1);");
    assert_eq!(notes, [Note::Undefined { name: "nobody".into() }]);
    assert!(print(&record).contains("nobody ! ( 1 )"));
}

#[test]
fn endless_recursion_ends_with_a_note() {
    let (_, notes) = run("macro_rules! a { ($($t:tt)*) => { a!($($t)* x) }; }\nfn f() { a!() }");
    assert_eq!(notes, [Note::TooMuch { name: "a".into() }]);
}

#[test]
fn a_doubling_macro_ends_with_a_note() {
    let (_, notes) = run("macro_rules! a { ($($t:tt)*) => { a!($($t)* $($t)*) }; }\nfn f() { a!(x x) }");
    assert!(notes.iter().any(|n| matches!(n, Note::TooMuch { .. })));
}

#[rstest]
#[case::unclosed("macro_rules! a { ($x:expr => { $x }; }\nconst A: u8 = a!(1);")]
#[case::no_rules("macro_rules! a { }\nconst A: u8 = a!(1);")]
#[case::unknown_fragment("macro_rules! a { ($x:thing) => { $x }; }\nconst A: u8 = a!(1);")]
#[case::repetition_without_sign("macro_rules! a { ($($x:tt)) => { $($x) }; }\nconst A: u8 = a!(1);")]
#[case::variable_never_bound("macro_rules! a { () => { $x }; }\nconst A: u8 = a!();")]
#[case::depth_wrong("macro_rules! a { ($($x:tt)*) => { $x }; }\nconst A: u8 = a!(1 2);")]
fn broken_definitions_do_no_harm(#[case] text: &str) {
    let (record, _) = run(text);
    assert!(print(&record).contains("const A : u8 ="));
}

#[rstest]
#[case::operators_left("macro_rules! a { ($e:expr) => { 2 * $e }; } fn f() { a!(1 + 1) }", "( 1 + 1 )")]
#[case::closure("macro_rules! a { ($e:expr) => { $e(1) }; } fn f() { a!(|x| x) }", "( | x | x ) ( 1 )")]
#[case::alone("macro_rules! a { ($e:expr) => { g($e) }; } fn f() { a!(1 + 1) }", "g ( 1 + 1 )")]
#[case::call("macro_rules! a { ($e:expr) => { 2 * $e }; } fn f() { a!(g(1).h) }", "2 * g ( 1 ) . h")]
fn parentheses_come_only_where_needed(#[case] text: &str, #[case] expected: &str) {
    let end = end(text);
    assert!(end.contains(expected), "{end}");
    let grouped = run(text).0.tokens.iter().filter(|t| t.part == Part::Grouping).count();
    assert_eq!(grouped > 0, expected.contains("( 1 + 1 )") && !expected.starts_with('g') || expected.contains("( |"));
}

#[test]
fn dollar_crate_names_the_other_crate() {
    let text = "macro_rules! a { () => { $crate::x() }; }";
    let rules = MacroRules::read(tokens(SourceNo(0), text, Span::new(0, text.len())), "larder").expect("a definition");
    let known = Known([("a".to_owned(), std::sync::Arc::new(rules))].into_iter().collect());
    let call = "const A: u8 = a!();";
    let (record, _) = expand(tokens(SourceNo(1), call, Span::new(0, call.len())), &known, false);
    assert_eq!(print(&record), "const A : u8 = :: larder :: x ( ) ;");
}

proptest::proptest! {
    #[test]
    fn engines_survive_any_tokens(pieces in proptest::collection::vec("(macro_rules! a|a!|\\{|\\}|\\(|\\)|\\$|x|:|expr|ty|tt|\\*|,|=>|;|>>|<|'a|\"|1| )", 0..60)) {
        let text: String = pieces.concat();
        let (record, _) = run(&text);
        proptest::prop_assert!(record.end().len() < 100_000);
    }
}
