//! The record and definitions by themselves.

use crate::support::{Texts, spelled};
use compass_expand::{Part, Place, Record, SourceNo, Step, StepNo, Token, TokenKind};
use compass_facts::Span;
use language_c_family::preprocessor::{Definition, ItemKind, Preprocessor};
use rstest::rstest;
use std::sync::Arc;

fn token(record: &mut Record, text: &str, step: Option<u32>) -> compass_expand::TokenId {
    let place = Place { source: SourceNo(0), span: Span::new(0, text.len()) };
    let token = Token {
        part: if step.is_some() { Part::Body } else { Part::Written },
        step: step.map(StepNo),
        ..Token::written(text.into(), TokenKind::Name, true, place)
    };
    record.add(token)
}

fn step(by: &str, consumed: Vec<compass_expand::TokenId>, produced: Vec<compass_expand::TokenId>) -> Step {
    Step { by: by.into(), rule: 0, defined: None, parameters: Arc::default(), consumed, produced }
}

/// `a b`: `a` becomes `c d`, `c` becomes `e`, `b` becomes nothing; recorded in another order than read.
fn record() -> Record {
    let mut r = Record::default();
    let (a, b) = (token(&mut r, "a", None), token(&mut r, "b", None));
    let (c, d) = (token(&mut r, "c", Some(0)), token(&mut r, "d", Some(0)));
    let e = token(&mut r, "e", Some(1));
    r.start = vec![a, b];
    r.steps = vec![step("A", vec![a], vec![c, d]), step("C", vec![c], vec![e]), step("B", vec![b], vec![])];
    r
}

fn text(r: &Record, ids: &[compass_expand::TokenId]) -> String {
    ids.iter().map(|t| &*r.token(*t).text).collect::<Vec<_>>().join(" ")
}

#[test]
fn states_follow_the_steps() {
    let r = record();
    let states: Vec<String> = (0..=3).map(|n| text(&r, &r.state(n))).collect();
    assert_eq!(states, ["a b", "c d b", "e d b", "e d"]);
}

#[test]
fn shallow_steps_come_before_deep_ones_and_the_end_is_the_same() {
    let mut r = record();
    let end = text(&r, &r.end());
    r.order_outermost_first();
    let by: Vec<&str> = r.steps.iter().map(|s| &*s.by).collect();
    assert_eq!(by, ["A", "B", "C"]);
    assert_eq!(text(&r, &r.end()), end);
    assert_eq!(r.depth(&r.steps[2]), 1);
    let made_by: Vec<Option<StepNo>> = r.end().iter().map(|t| r.token(*t).step).collect();
    assert_eq!(made_by, [Some(StepNo(2)), Some(StepNo(0))], "tokens know the new numbers of their steps");
}

#[test]
fn one_step_brings_only_those_it_needs() {
    let r = record();
    assert_eq!(text(&r, &r.state_of(&[StepNo(1)])), "e d b");
    assert_eq!(text(&r, &r.state_of(&[StepNo(2)])), "a");
}

#[rstest]
#[case::name("DEBUG", None, "1")]
#[case::value("LEVEL=3 + 4", None, "3 + 4")]
#[case::empty("NOTHING=", None, "")]
#[case::with_parameters("F(a,b)=a b", Some(2), "a b")]
fn macros_are_given_on_the_command_line(#[case] given: &str, #[case] parameters: Option<usize>, #[case] body: &str) {
    let definition = Definition::given(given).expect("a definition");
    assert_eq!(definition.parameters.as_ref().map(Vec::len), parameters);
    assert_eq!(definition.place, None);
    let parts = definition.body.iter().map(|i| match &i.kind {
        ItemKind::Token { text, .. } => text.to_string(),
        ItemKind::Parameter(n) => definition.parameters.as_ref().map_or(String::new(), |p| p[*n as usize].to_string()),
        _ => "?".to_owned(),
    });
    assert_eq!(parts.collect::<Vec<_>>(), spelled(body));
}

#[rstest]
#[case::no_name("=1")]
#[case::unclosed("F(a=1")]
#[case::two_names_for_one("F(a b)=1")]
fn what_is_no_macro_is_refused(#[case] given: &str) {
    assert_eq!(Definition::given(given), None);
}

#[test]
fn a_guard_around_a_file_is_no_condition() {
    let text = "#ifndef A_H\n#define A_H\n#ifdef X\n#define N 1\n#endif\n#define M 2\n#endif\n";
    let mut texts = Texts::new(&[("a.h", text)]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    preprocessor.run_all(SourceNo(0));
    assert!(preprocessor.table["M"].conditions.is_empty());
    assert_eq!(preprocessor.seen["N"][0].conditions.iter().map(|c| &**c).collect::<Vec<_>>(), ["ifdef X"]);
}
