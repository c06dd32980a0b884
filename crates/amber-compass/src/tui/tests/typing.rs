//! What is offered while one types, the outline that narrows, and the guide.

use super::*;
use compass_session::Failure;
use compass_trace::{Offer, Offers};

fn offers(from: usize, texts: &[&str]) -> Offers {
    Offers { from, offers: texts.iter().map(|t| Offer { text: (*t).to_owned(), what: "fn" }).collect() }
}

#[rstest]
#[case::wide((160, 45))]
#[case::small((80, 24))]
fn what_is_offered_is_taken_with_tab(#[case] size: (u16, u16)) {
    let mut state = desk(size);
    press(&mut state, KeyCode::Char('/'));
    let effects = type_text(&mut state, "who calls pl");
    assert!(matches!(effects.last(), Some(Effect::Start(_, Job::Complete(before))) if before == "who calls pl"), "{effects:?}");
    done(&mut state, Lane::Jump, Outcome::Offers("who calls pl".to_owned(), offers(10, &["plan_turn", "plan_wash", "planner/"])));
    let shown = screen(&state).join("\n");
    assert!(shown.contains("plan_turn") && shown.contains("plan_wash") && shown.contains("Tab takes"), "{shown}");
    press(&mut state, KeyCode::Down);
    let effects = press(&mut state, KeyCode::Tab);
    assert_eq!((state.ask.text.as_str(), state.ask.caret), ("who calls plan_wash ", 20));
    assert!(matches!(effects.last(), Some(Effect::Start(_, Job::Complete(before))) if before == "who calls plan_wash "), "on to what follows");
    // What comes too late is not offered.
    done(&mut state, Lane::Jump, Outcome::Offers("who calls pl".to_owned(), offers(10, &["plan_turn"])));
    assert_eq!(state.ask.offers, Offers::default());
    assert!(press(&mut state, KeyCode::Tab).is_empty());
    assert_eq!(state.ask.text, "who calls plan_wash ");
}

#[test]
fn a_folder_goes_on_without_a_blank_and_the_text_behind_the_caret_stays() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('/'));
    type_text(&mut state, "files p lang go");
    (0.." lang go".len()).for_each(|_| drop(press(&mut state, KeyCode::Left)));
    let before = state.ask.text[..state.ask.caret].to_owned();
    done(&mut state, Lane::Jump, Outcome::Offers(before, offers(6, &["planner/"])));
    press(&mut state, KeyCode::Tab);
    assert_eq!(&state.ask.text, "files planner/lang go");
    assert_eq!(state.ask.caret, "files planner/".len());
}

#[test]
fn earlier_questions_are_still_one_key_away() {
    let mut state = desk((160, 45));
    state.ask.history = vec!["gaps".to_owned(), "who calls turn".to_owned()];
    press(&mut state, KeyCode::Char('/'));
    press(&mut state, KeyCode::Up);
    assert_eq!(state.ask.text, "who calls turn");
    press(&mut state, KeyCode::Up);
    assert_eq!(state.ask.text, "gaps");
    assert_eq!(state.ask.choices(), 0, "arrows go through the questions");
}

fn outlined(size: (u16, u16)) -> State {
    let mut state = desk(size);
    let effects = press(&mut state, KeyCode::Char('o'));
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Outline(path)) if path == "a.py")));
    let brought = Answer { role: Some(Role::Import), name: None, text: Some("from rack import Wheel".to_owned()), ..answer("a.py", 1, "larder") };
    let definition = |name: &str, kind: Kind, line| Answer {
        role: None,
        name: Some(name.to_owned()),
        kind: Some(AnswerKind::Symbol(kind)),
        ..answer("a.py", line, "larder")
    };
    let rows =
        vec![brought, definition("Planner", Kind::Class, 10), definition("Planner.plan_turn", Kind::Method, 20), definition("Planner.undo", Kind::Method, 60)];
    done(&mut state, Lane::Jump, Outcome::Outline("a.py".to_owned(), Ok(Answers { answers: rows, ..answers("outline", 0) })));
    state
}

#[rstest]
#[case::wide((160, 45))]
#[case::small((80, 24))]
fn the_outline_narrows_by_typing_and_leads_there(#[case] size: (u16, u16)) {
    let mut state = outlined(size);
    let shown = screen(&state).join("\n");
    assert!(shown.contains("outline  4") && shown.contains("brings in  from rack import Wheel") && shown.contains("  plan_turn"), "{shown}");
    assert_eq!(state.ask.outlined()[state.ask.selected].line, 20, "where one is");
    type_text(&mut state, "un");
    let shown = screen(&state).join("\n");
    assert!(shown.contains("outline  1 of 4") && !shown.contains("plan_turn "), "{shown}");
    press(&mut state, KeyCode::Enter);
    assert_eq!((state.desk.spot.line, state.ask.mode), (60, AskMode::Closed));
    assert_eq!(state.desk.track.last().map(|h| (h.from.line, h.how.as_str())), Some((40, "outline Planner.undo")));
}

#[test]
fn the_outline_of_a_file_that_was_left_does_not_open() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('o'));
    press(&mut state, KeyCode::Esc);
    done(&mut state, Lane::Jump, Outcome::Outline("a.py".to_owned(), Ok(answers("outline", 3))));
    assert!(state.ask.rows.is_empty() && state.ask.mode == AskMode::Closed);
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('o'));
    done(&mut state, Lane::Jump, Outcome::Outline("a.py".to_owned(), Err(Failure::UnknownFile("it is gone".to_owned()))));
    assert!(state.is_wrong && state.ask.mode == AskMode::Closed);
}

#[rstest]
#[case::wide((160, 45))]
#[case::middle((100, 30))]
#[case::small((80, 24))]
fn the_guide_tells_how_to_begin_and_what_is_pressed_is_done(#[case] size: (u16, u16)) {
    let mut state = desk(size);
    press(&mut state, KeyCode::Char('G'));
    let shown = screen(&state).join("\n");
    assert!(shown.contains("how to begin") && shown.contains("glance") && shown.contains("any key closes it"), "{shown}");
    press(&mut state, KeyCode::Esc);
    assert!(!state.guide && state.screen == Screen::Desk);
    press(&mut state, KeyCode::Char('G'));
    press(&mut state, KeyCode::Char('j'));
    assert!(!state.guide && state.ask.mode == AskMode::Jump);
    state.guide = true;
    click(&mut state, 3, 3);
    assert!(!state.guide);
}

#[test]
fn what_was_typed_before_there_was_an_index_is_looked_for_when_there_is_one() {
    let mut state = desk((160, 45));
    state.ready = false;
    press(&mut state, KeyCode::Char('j'));
    type_text(&mut state, "pl tu");
    done(&mut state, Lane::Jump, Outcome::Jump(Err(Failure::NoIndex)));
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Jump(text, _)) if text == "pl tu")), "{effects:?}");
    // What is there already is not taken away under one's hands.
    done(&mut state, Lane::Jump, Outcome::Jump(Ok(answers("symbols", 3))));
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(!effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Jump(..)))));
}
