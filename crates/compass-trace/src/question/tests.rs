//! Parsing, printing, mistakes.

use super::*;
use proptest::prelude::*;
use rstest::rstest;

#[rstest]
#[case("where is turn")]
#[case("where is planner/turn.go:57:18")]
#[case("where is \"my dir/a.c\":3:5 declared")]
#[case("where is turn implemented")]
#[case("what is Rack")]
#[case("who calls a or b defined in src/ through 3 in drivers lang c")]
#[case("who uses Wheel.turned_at as write,pass at least inferred")]
#[case("who includes bus.h")]
#[case("what does plan call through all")]
#[case("what does f(int, char *) define")]
#[case("how does board.turn reach turns at most 3")]
#[case("how does board.turn reach any table through 4")]
#[case("what follows from changes since HEAD~3")]
#[case("text \"two words\" in open")]
#[case("pattern /a\\/b+/i outside tests")]
#[case("files *.toml")]
#[case("symbols pl tu after 20")]
#[case("outline of a.py")]
#[case("entry points unit larder")]
#[case("gaps layer store only proven of these")]
fn a_question_prints_as_it_was_written(#[case] line: &str) {
    let (question, notes) = parse(line).expect("a question");
    assert_eq!(question.to_string(), line);
    assert!(notes.is_empty());
}

#[rstest]
#[case::unknown_first_word("whre is turn", "where", "no question begins with whre")]
#[case::missing_name("who calls in drivers/", "", "a name is missing after calls")]
#[case::nothing("", "", "the question is empty")]
#[case::stray_filter("who calls turn on src", "outside", "on does not belong here")]
#[case::stray_word("where is my turn table", "", "a name with blanks needs quotes")]
#[case::missing_reach("how does a to b", "", "to is not understood here")]
#[case::wrong_relation("who cals turn", "calls", "cals is not understood here")]
#[case::wrong_role("who uses turn as kall", "call", "kall is no role")]
#[case::wrong_number("who calls turn at most many", "", "many is no number")]
#[case::open_end("who calls", "", "a name is missing after calls")]
#[case::no_slashes("pattern a+b", "", "a pattern stands between slashes")]
fn mistakes_say_how_to_mend_them(#[case] line: &str, #[case] nearest: &str, #[case] message: &str) {
    let error = parse(line).expect_err("a mistake");
    assert!(error.message.contains(message), "{}", error.message);
    if !nearest.is_empty() && nearest != "outside" {
        assert_eq!(error.nearest.as_deref(), Some(nearest));
    }
    assert!(error.at + error.length <= line.len());
    if let Some(suggestion) = &error.suggestion
        && !suggestion.contains(['…'])
    {
        assert!(parse(suggestion).is_ok(), "{suggestion}");
    }
}

#[rstest]
#[case::quotes("where is \"turn", "quotes")]
#[case::regex("pattern /a+", "pattern")]
fn what_never_closes_is_closed_at_the_end_with_a_note(#[case] line: &str, #[case] word: &str) {
    let (_, notes) = parse(line).expect("a question");
    assert!(notes.iter().any(|n| n.contains(word)), "{notes:?}");
}

#[rstest]
#[case::rust_path("a::b:3", true)]
#[case::double_colon("a::3", false)]
#[case::plain("a.c:3", true)]
#[case::no_number("a.c:x", false)]
#[case::archive("lib.jar!/a/B.java:3:1", true)]
fn places_are_told_by_their_last_colons(#[case] text: &str, #[case] is_place: bool) {
    let (question, _) = parse(text).expect("a question");
    let Form::WhereIs { subject, .. } = question.form else { panic!("a bare subject") };
    assert_eq!(matches!(subject.what, What::Place(_)), is_place);
}

#[rstest]
#[case::closed_before_open(")(")]
#[case::left_open("a(b")]
#[case::never_open("a)b")]
#[case::both("f(a)")]
fn paths_with_parentheses_print_as_they_parse(#[case] path: &str) {
    let subject = Subject { what: What::Place(Place { path: path.to_owned(), line: 1, column: None }), defined_in: None };
    let question = Question { form: Form::WhereIs { subject, mode: Mode::Declared }, filters: vec![Filter::Layer(")".to_owned())] };
    assert_eq!(parse(&question.to_string()).expect("a question").0, question);
}

fn word() -> impl Strategy<Value = String> {
    prop_oneof![
        "[a-z_]{1,8}",
        "[A-Za-z:.#*~<>()\\\\\" ]{1,10}",
        prop::sample::select(vec!["in", "or", "guessed", "of", "as", "open", "where", "text", "defined", "declared", "through", "at"]).prop_map(str::to_owned),
    ]
}

fn subject() -> impl Strategy<Value = Subject> {
    let place = (word(), 1u32..9999, prop::option::of(1u32..999)).prop_map(|(path, line, column)| What::Place(Place { path, line, column }));
    // A name that was not quoted is one word that is no place; anything else is quoted.
    let name = word().prop_map(|text| What::Name { text, quoted: true });
    (prop_oneof![place, name], prop::option::of(word())).prop_map(|(what, defined_in)| Subject { what, defined_in })
}

fn filter() -> impl Strategy<Value = Filter> {
    prop_oneof![
        word().prop_map(|w| Filter::In(Scope::Path(w))),
        Just(Filter::Outside(Scope::Open)),
        word().prop_map(Filter::Unit),
        word().prop_map(Filter::Layer),
        Just(Filter::OfThese),
        Just(Filter::OrGuessed),
        (0u64..9999).prop_map(Filter::AtMost),
        (0u64..9999).prop_map(Filter::After),
    ]
}

fn form() -> impl Strategy<Value = Form> {
    prop_oneof![
        subject().prop_map(|subject| Form::WhereIs { subject, mode: Mode::Declared }),
        subject().prop_map(Form::WhatIs),
        (prop::collection::vec(subject(), 1..3), prop::option::of(1u32..9)).prop_map(|(subjects, n)| Form::Who {
            does: WhoDoes::Calls,
            subjects,
            through: n.map(Depth::Levels)
        }),
        prop::collection::vec(subject(), 1..3).prop_map(|subjects| Form::WhoUses { subjects, roles: vec![compass_facts::Role::Write] }),
        subject().prop_map(|subject| Form::WhatDoes { subject, does: Does::Call, through: None }),
        (subject(), subject()).prop_map(|(from, to)| Form::HowReach { from, to: Goal::Subject(to), through: None }),
        (subject(), word()).prop_map(|(from, kind)| Form::HowReach { from, to: Goal::Any(kind), through: None }),
        word().prop_map(Form::Text),
        word().prop_map(Form::Files),
        prop::collection::vec(word(), 1..3).prop_map(Form::Symbols),
        subject().prop_map(Form::Outline),
    ]
}

proptest! {
    #![proptest_config(ProptestConfig::with_cases(600))]

    #[test]
    fn printing_and_parsing_agree(form in form(), filters in prop::collection::vec(filter(), 0..3)) {
        let question = Question { form, filters };
        let line = question.to_string();
        let (parsed, _) = parse(&line).map_err(|e| TestCaseError::fail(format!("{line}: {e}")))?;
        prop_assert_eq!(normal(parsed), normal(question), "{}", line);
    }

    #[test]
    fn any_line_gives_a_question_or_a_mistake_inside_it(line in ".{0,60}") {
        if let Err(error) = parse(&line) {
            prop_assert!(error.at + error.length <= line.len());
        }
    }
}

/// Quotes that printing left out make no difference to what a keyword-free plain name means.
fn normal(question: Question) -> String {
    format!("{question:?}").replace("quoted: true", "quoted: _").replace("quoted: false", "quoted: _")
}
