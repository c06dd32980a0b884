//! What stays: bookmarks, the branches of the track, places, what is remembered; and gaps.

use super::*;

fn anchor(path: &str, line: u32) -> compass_session::logbook::Anchor {
    compass_session::logbook::Anchor { path: path.to_owned(), line, column: 5, text: format!("line {line}"), symbol: None }
}

#[test]
fn a_bookmark_is_asked_for_noted_written_and_opened() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('m'));
    assert_eq!(state.ask.mode, AskMode::Mark);
    "why".chars().for_each(|c| {
        press(&mut state, KeyCode::Char(c));
    });
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Mark(at, note))] if *at == spot("a.py", 40) && note == "why"), "{effects:?}");
    let effects = done(&mut state, Lane::Mark, Outcome::Marked(Some(anchor("a.py", 40)), "why".to_owned()));
    assert!(matches!(&effects[..], [Effect::SaveLogbook(book)] if book.bookmarks.len() == 1), "{effects:?}");
    press(&mut state, KeyCode::F(8));
    let number = state.logbook.book.bookmarks[0].number;
    let moved = compass_session::logbook::Found { path: "b.py".to_owned(), line: 12, column: 3, text: "def turn".to_owned() };
    done(&mut state, Lane::Logbook, Outcome::Marks(vec![(number, Some(moved))]));
    let shown = drawn(&state);
    assert!(shown.contains("why") && shown.contains("b.py:12"), "{shown}");
    let effects = press(&mut state, KeyCode::Char('1'));
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if (to.path.as_str(), to.line) == ("b.py", 12))), "{effects:?}");
}

#[test]
fn a_place_is_copied_as_others_open_it() {
    let mut state = desk((160, 45));
    let effects = press(&mut state, KeyCode::Char('y'));
    assert!(matches!(&effects[..], [Effect::Copy(text)] if text == "a.py:40"), "{effects:?}");
}

#[test]
fn a_row_that_stands_for_others_asks_for_them() {
    let mut state = desk((160, 45));
    let mut found = answers("where is Board", 2);
    found.answers[1].opens = Some("where is Board declared".to_owned());
    found.answers[1].remark = Some("and 3 more forward declarations".to_owned());
    done(&mut state, Lane::Ask, Outcome::Answers("where is Board".to_owned(), Ok(found)));
    assert!(drawn(&state).contains("and 3 more forward declarations"));
    let effects = press(&mut state, KeyCode::Char('2'));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Ask { question, .. })] if question == "where is Board declared"), "{effects:?}");
}

#[test]
fn what_is_gone_is_marked_and_not_opened() {
    let mut state = desk((160, 45));
    state.logbook.book.mark(anchor("gone.py", 3), String::new());
    press(&mut state, KeyCode::F(8));
    done(&mut state, Lane::Logbook, Outcome::Marks(vec![(1, None)]));
    assert!(drawn(&state).contains("no longer there"));
    press(&mut state, KeyCode::Enter);
    assert_eq!((state.screen, state.is_wrong), (Screen::Logbook, true));
    let effects = press(&mut state, KeyCode::Delete);
    assert!(matches!(&effects[..], [Effect::SaveLogbook(book)] if book.bookmarks.is_empty()), "{effects:?}");
}

#[test]
fn a_logbook_that_must_not_be_written_is_not() {
    let mut state = desk((160, 45));
    state.logbook.writable = false;
    press(&mut state, KeyCode::Char('m'));
    assert!(state.is_wrong && state.ask.mode == AskMode::Closed);
    state.logbook.book.mark(anchor("a.py", 3), String::new());
    press(&mut state, KeyCode::F(8));
    assert!(drawn(&state).contains("cannot be written"));
    assert!(press(&mut state, KeyCode::Delete).is_empty());
}

#[test]
fn a_branch_of_the_track_is_walked_again() {
    let mut state = desk((160, 45));
    let go = |state: &mut State, path: &str, line: u32| {
        crate::tui::update::jump(state, spot(path, line), "follow x", &mut Vec::new());
        done(state, Lane::Page, Outcome::Page(spot(path, line), Ok(Box::new(page(path, 300)))));
    };
    go(&mut state, "b.py", 7);
    go(&mut state, "c.py", 8);
    press(&mut state, KeyCode::Backspace);
    done(&mut state, Lane::Page, Outcome::Page(spot("b.py", 7), Ok(Box::new(page("b.py", 300)))));
    go(&mut state, "d.py", 9);
    assert_eq!(hops(&state), [("a.py".to_owned(), 40), ("b.py".to_owned(), 7)]);
    press(&mut state, KeyCode::F(8));
    let shown = drawn(&state);
    assert!(shown.contains("c.py:8") && shown.contains("d.py:9"), "the branch one left is there:\n{shown}");
    let c = state.logbook.rows().iter().position(|r| matches!(r, crate::tui::state::LogRow::Step(s, _) if state.logbook.book.trail.steps[*s].path == "c.py"));
    state.logbook.selected = c.expect("the row");
    press(&mut state, KeyCode::Enter);
    done(&mut state, Lane::Page, Outcome::Page(spot("c.py", 8), Ok(Box::new(page("c.py", 300)))));
    assert_eq!((state.screen, hops(&state)), (Screen::Desk, vec![("a.py".to_owned(), 40), ("b.py".to_owned(), 7)]));
    assert_eq!(state.desk.spot, spot("c.py", 8));
}

#[test]
fn gaps_are_sorted_by_cause_and_gone_through_from_anywhere() {
    let gap = |path: &str, line: u32, cause: GapCause| Answer {
        kind: Some(AnswerKind::Gap(cause)),
        name: Some(path.to_owned()),
        role: None,
        ..answer(path, line, "larder")
    };
    let mut state = desk((160, 45));
    let effects = press(&mut state, KeyCode::F(9));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Gaps)]), "{effects:?}");
    let rows = vec![
        gap("a.py", 1, GapCause::Syntax),
        gap("b.py", 2, GapCause::ImportNotFound),
        gap("b.py", 2, GapCause::ImportNotFound),
        gap("c.py", 3, GapCause::ImportNotFound),
    ];
    done(&mut state, Lane::Gaps, Outcome::Gaps(Ok(Answers { total: 4, answers: rows, ..answers("gaps", 0) })));
    assert_eq!(state.gaps.rows.iter().map(|g| g.path.as_str()).collect::<Vec<_>>(), ["a.py", "b.py", "c.py"], "one row a line, imports last");
    assert!(drawn(&state).contains("could not be parsed"));
    press(&mut state, KeyCode::End);
    assert!(drawn(&state).contains("nothing among the roots"));
    press(&mut state, KeyCode::F(2));
    let effects = press(&mut state, KeyCode::Char('>'));
    assert!(
        effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if to.path == "a.py")) || state.desk.spot.path == "a.py",
        "around the end: {effects:?}"
    );
}

#[test]
fn imports_of_one_package_are_one_row_until_they_are_shown() {
    let gap = |line: u32, package: &str| Answer {
        kind: Some(AnswerKind::Gap(GapCause::ImportNotFound)),
        name: Some(package.to_owned()),
        remark: Some("go mod download fetches it".to_owned()),
        role: None,
        ..answer("a.go", line, "larder")
    };
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::F(9));
    let rows = vec![gap(1, "example.org/salt"), gap(2, "example.org/rack"), gap(3, "example.org/salt"), gap(4, "example.org/salt")];
    done(&mut state, Lane::Gaps, Outcome::Gaps(Ok(Answers { total: 4, answers: rows, ..answers("gaps", 0) })));
    let shown = drawn(&state);
    assert!(shown.contains("example.org/salt   3 places") && shown.contains("go mod download") && state.gaps.rows.len() == 2, "{shown}");
    press(&mut state, KeyCode::Enter);
    assert_eq!(state.gaps.rows.iter().map(|g| g.line).collect::<Vec<_>>(), [1, 3, 4, 2]);
    press(&mut state, KeyCode::Left);
    assert_eq!(state.gaps.rows.len(), 2);
    press(&mut state, KeyCode::Char('c'));
    assert_eq!(state.gaps.only, Some(AnswerKind::Gap(GapCause::ImportNotFound)));
    press(&mut state, KeyCode::Char('c'));
    assert_eq!(state.gaps.only, None);
}

#[test]
fn answers_are_kept_in_three_forms_and_asked_again_with_guesses() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Ask, Outcome::Answers("who calls turn".to_owned(), Ok(answers("who calls turn", 3))));
    for (key, ending, begins) in [('k', "md", "## `who calls turn`"), ('v', "csv", "path,line"), ('J', "json", "{")] {
        let effects = press(&mut state, KeyCode::Char(key));
        let [Effect::Keep(name, as_, text)] = &effects[..] else { panic!("{effects:?}") };
        assert!(name == "who calls turn" && *as_ == ending && text.starts_with(begins), "{text}");
    }
    let effects = press(&mut state, KeyCode::Char('g'));
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Ask { question, .. }) if question == "who calls turn or guessed")), "{effects:?}");
}

#[test]
fn the_other_side_is_named_and_one_without_is_said() {
    let mut state = desk((160, 45));
    let effects = press(&mut state, KeyCode::Char('d'));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::OtherSide(at))] if *at == spot("a.py", 40)), "{effects:?}");
    done(&mut state, Lane::Page, Outcome::OtherSide(Ok(Answers { answers: vec![answer("a.py", 40, "larder")], ..answers("where is x declared", 1) })));
    assert!(state.message.as_ref().is_some_and(|m| m.contains("one here")), "{:?}", state.message);
    done(&mut state, Lane::Page, Outcome::OtherSide(Ok(Answers { answers: vec![answer("a.pyi", 4, "larder")], ..answers("where is x declared", 1) })));
    assert!(state.message.as_ref().is_some_and(|m| m.contains("the declaration, proven")), "{:?}", state.message);
    assert_eq!(hops(&state), [("a.py".to_owned(), 40)]);
}

#[test]
fn what_was_asked_the_last_time_is_asked_again_and_stands_as_it_was_left() {
    let mut state = State::new("larder".to_owned(), (160, 45), Theme::dark());
    let asked = compass_session::remembered::Asked { question: "who calls turn".to_owned(), narrow: "file_3".to_owned(), selected: 0 };
    state.remembered = compass_session::remembered::Remembered { path: "a.py".to_owned(), line: 40, column: 5, asked: Some(asked), history: Vec::new() };
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if *to == spot("a.py", 40))), "{effects:?}");
    assert_eq!(state.screen, Screen::Survey, "what is on the screen stays there");
    done(&mut state, Lane::Page, Outcome::Page(spot("a.py", 40), Ok(Box::new(page("a.py", 300)))));
    let effects = press(&mut state, KeyCode::F(3));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Ask { question, .. })] if question == "who calls turn"), "{effects:?}");
    done(&mut state, Lane::Ask, Outcome::Answers("who calls turn".to_owned(), Ok(answers("who calls turn", 20))));
    let kept = state.answers.shown().expect("answers");
    assert_eq!((kept.narrow.as_str(), kept.rows().len()), ("file_3", 1));
    let left = state.to_remember();
    assert_eq!((left.path.as_str(), left.asked.expect("a question").narrow.as_str()), ("a.py", "file_3"));
}
