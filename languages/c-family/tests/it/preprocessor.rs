//! What the engine records: steps, their order, where tokens come from; and what it does with bad input.

use crate::support::Texts;
use compass_expand::{MAX_TOKENS, Note, Part, Place, Record, SourceNo, Token, TokenKind};
use language_c_family::lexer::CLexer;
use language_c_family::preprocessor::{Preprocessor, Stop};
use rstest::rstest;

/// Replaces the first call on the line `text` begins with `USE `.
fn unfold(text: &str) -> (Record, Vec<Note>, String) {
    let at = text.find("USE ").expect("a marked use") as u32 + 4;
    let mut texts = Texts::new(&[("a.c", text)]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    assert!(preprocessor.run_until(SourceNo(0), Stop { source: SourceNo(0), offset: at }));
    let mut expander = preprocessor.expander().only_first_call();
    let written = CLexer::new_at(text, false, at).map(|t| {
        let place = Place { source: SourceNo(0), span: t.span };
        Token::written(t.spelling(text).into(), t.kind, t.spaced, place)
    });
    expander.run(written.collect());
    let notes = std::mem::take(&mut expander.notes);
    let mut record = std::mem::take(&mut expander.record);
    record.order_outermost_first();
    let end = shown(&record, record.steps.len());
    (record, notes, end)
}

fn shown(record: &Record, steps: usize) -> String {
    record.state(steps).iter().map(|t| &*record.token(*t).text).collect::<Vec<_>>().join(" ")
}

const FOUR_STEPS: &str = "\
#define COUNT(a) (sizeof(a) / sizeof(a[0]))
#define EACH(i, a) for (int i = 0; i < COUNT(a); i++)
#define BUS(p) bus_read(p.addr)
#define READ_ALL(ps, field) EACH(i_, ps) ps[i_].field = BUS(ps[i_])
USE READ_ALL(probes, level); after
";

#[test]
fn steps_come_outermost_first() {
    let (record, notes, _) = unfold(FOUR_STEPS);
    let by: Vec<&str> = record.steps.iter().map(|s| &*s.by).collect();
    assert_eq!(by, ["READ_ALL", "EACH", "BUS", "COUNT"]);
    assert!(notes.is_empty());
    assert_eq!(shown(&record, 0), "READ_ALL ( probes , level )");
    assert_eq!(shown(&record, 1), "EACH ( i_ , probes ) probes [ i_ ] . level = BUS ( probes [ i_ ] )");
    assert_eq!(
        shown(&record, 4),
        "for ( int i_ = 0 ; i_ < ( sizeof ( probes ) / sizeof ( probes [ 0 ] ) ) ; i_ ++ ) probes [ i_ ] . level = bus_read ( probes [ i_ ] . addr )"
    );
}

#[test]
fn a_token_leads_back_to_where_it_was_written() {
    let (record, _, _) = unfold(FOUR_STEPS);
    let state = record.end();
    let probes = state.iter().find(|t| &*record.token(**t).text == "probes").expect("there");
    let parts: Vec<Part> = record.history(*probes).iter().map(|t| record.token(*t).part).collect();
    assert_eq!(parts, [Part::Argument(0), Part::Argument(1), Part::Argument(0), Part::Written]);
    let place = record.token(*probes).place.expect("written somewhere");
    assert_eq!(place.span.of(FOUR_STEPS), "probes");
    assert_eq!(place.span.start as usize, FOUR_STEPS.rfind("probes").expect("there"));
    let i = state.iter().find(|t| &*record.token(**t).text == "i_").expect("there");
    let origin = *record.history(*i).last().expect("itself at least");
    assert_eq!(record.token(origin).part, Part::Body, "i_ is written in READ_ALL's body");
}

#[test]
fn one_chosen_step_takes_only_what_it_needs() {
    let (record, _, _) = unfold(FOUR_STEPS);
    let bus = record.steps.iter().position(|s| &*s.by == "BUS").expect("there");
    let state = record.state_of(&[compass_expand::StepNo(bus as u32)]);
    let text: Vec<&str> = state.iter().map(|t| &*record.token(*t).text).collect();
    assert!(text.starts_with(&["EACH"]) && text.contains(&"bus_read"));
}

#[test]
fn a_macro_replaced_inside_an_argument_is_shown_after_the_outer_one() {
    let (record, ..) = unfold("#define ONE 1\n#define TWICE(x) (x + x)\nUSE TWICE(ONE);\n");
    let by: Vec<&str> = record.steps.iter().map(|s| &*s.by).collect();
    assert_eq!(by, ["TWICE", "ONE", "ONE"]);
    assert_eq!(shown(&record, 1), "( ONE + ONE )");
    assert_eq!(shown(&record, 3), "( 1 + 1 )");
}

#[rstest]
#[case::calls_itself("#define F(x) F(x + 1)\nUSE F(0);\n", "F ( 0 + 1 )")]
#[case::two_call_each_other("#define A B\n#define B A\nUSE A;\n", "A")]
#[case::hidden_by_undef("#define A 1\n#undef A\nUSE A;\n", "A")]
fn self_reference_ends(#[case] text: &str, #[case] expected: &str) {
    let (_, _, end) = unfold(text);
    assert!(end.starts_with(expected), "{end}");
}

#[test]
fn unbalanced_arguments_stay_as_written_and_are_told() {
    let (record, notes, end) = unfold("#define F(x) x\nUSE F(1, (2;\n");
    assert!(record.steps.is_empty());
    assert_eq!(notes, [Note::Unclosed { name: "F".into() }]);
    assert!(end.starts_with("F"));
}

#[test]
fn a_wrong_number_of_arguments_is_told() {
    let (record, notes, _) = unfold("#define F(x, y) x\nUSE F(1);\n");
    assert!(record.steps.is_empty());
    assert_eq!(notes, [Note::ArgumentCount { name: "F".into(), takes: 2, given: 1 }]);
}

#[test]
fn both_parts_stay_where_pasting_makes_no_token() {
    let (_, notes, end) = unfold("#define F(x) x ## +\nUSE F(a);\n");
    assert_eq!(notes, [Note::NotAToken { text: "a+".into() }]);
    assert!(end.starts_with("a +"));
}

#[test]
fn conditionals_and_competing_definitions_are_known() {
    let text = "#ifdef WIDE\n#define N 2\n#else\n#define N 1\n#endif\n#if 1\nUSE N;\n#endif\n";
    let mut texts = Texts::new(&[("a.c", text)]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    preprocessor.run_until(SourceNo(0), Stop { source: SourceNo(0), offset: text.find("USE").expect("there") as u32 });
    let seen = &preprocessor.seen["N"];
    assert_eq!(seen.len(), 2);
    assert_eq!(seen[0].conditions.iter().map(|c| &**c).collect::<Vec<_>>(), ["ifdef WIDE"]);
    assert_eq!(preprocessor.table["N"].conditions.iter().map(|c| &**c).collect::<Vec<_>>(), ["else of ifdef WIDE"]);
    assert_eq!(preprocessor.open_conditions().iter().map(|c| &**c).collect::<Vec<_>>(), ["if 1"]);
}

#[test]
fn a_place_that_is_left_out_says_by_what() {
    let text = "#if 0\nUSE N;\n#endif\n";
    let mut texts = Texts::new(&[("a.c", text)]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    preprocessor.run_until(SourceNo(0), Stop { source: SourceNo(0), offset: 6 });
    assert_eq!(preprocessor.notes, [Note::LeftOut { by: "if 0".into() }]);
}

#[test]
fn includes_are_followed_and_missing_ones_told() {
    let mut texts = Texts::new(&[("a.c", "#include \"b.h\"\n#include <c.h>\nN\n"), ("b.h", "#pragma once\n#define N 7\n#include \"a.c\"\n")]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    let out: Vec<String> = preprocessor.run_all(SourceNo(0)).iter().map(|t| t.text.to_string()).collect();
    assert_eq!(out.last().map(String::as_str), Some("7"));
    assert!(preprocessor.notes.contains(&Note::IncludeNotFound { spelled: "<c.h>".into(), by: "a.c".into() }));
}

#[test]
fn a_bomb_of_macros_ends_with_a_note() {
    let mut text = String::from("#define A0 x x x x x x x x\n");
    for n in 1..12 {
        let line = format!("#define A{n} {}\n", format!("A{} ", n - 1).repeat(8));
        text.push_str(&line);
    }
    text.push_str("A11\n");
    let mut texts = Texts::new(&[("a.c", &text)]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    let out = preprocessor.run_all(SourceNo(0));
    assert!(out.len() < MAX_TOKENS * 2);
    assert!(matches!(preprocessor.notes[..], [Note::TooMuch { .. }]));
}

proptest::proptest! {
    #[test]
    fn engines_survive_any_tokens(pieces in proptest::collection::vec("(#define |#if |#else\n|#endif\n|#undef |F|G|\\(|\\)|,|##|#|x|\n|__VA_ARGS__|__VA_OPT__|\\.\\.\\.|\"|1| )", 0..80)) {
        let text: String = pieces.concat();
        let mut texts = Texts::new(&[("a.c", &text)]);
        let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
        let out = preprocessor.run_all(SourceNo(0));
        proptest::prop_assert!(out.iter().all(|t| !t.text.is_empty() || t.kind == TokenKind::Other));
    }
}
