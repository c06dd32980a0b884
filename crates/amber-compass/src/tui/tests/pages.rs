//! Answers of more rows than are loaded: further pages, and narrowing among all of them.

use super::*;
use compass_session::Failure;

/// 200 rows of 5,000 are loaded.
fn many(size: (u16, u16)) -> State {
    let mut state = desk(size);
    press(&mut state, KeyCode::Char('/'));
    type_text(&mut state, "who uses turn");
    press(&mut state, KeyCode::Enter);
    let found = Answers { total: 5000, ..answers("who uses turn", 200) };
    done(&mut state, Lane::Ask, Outcome::Answers("who uses turn".to_owned(), Ok(found)));
    state
}

fn asked(effects: &[Effect]) -> Option<(u64, Vec<String>)> {
    effects.iter().find_map(|e| match e {
        Effect::Start(_, Job::More { question, after, narrow, .. }) if question == "who uses turn" => Some((*after, narrow.clone())),
        _ => None,
    })
}

/// Rows of other files, as a further page brings them.
fn page_of(from: usize, rows: usize, total: u64) -> Answers {
    let all = (from..from + rows).map(|i| answer(&format!("deep/more_{i}.py"), i as u32 + 1, "larder")).collect();
    Answers { total, answers: all, ..answers("who uses turn", 0) }
}

fn more(state: &mut State, after: u64, narrow: &[&str], found: Answers) {
    let narrow = narrow.iter().map(|w| (*w).to_owned()).collect();
    done(state, Lane::More, Outcome::More { question: "who uses turn".to_owned(), after, narrow, found: Ok(found) });
}

#[test]
fn going_down_loads_the_next_page_before_one_comes_to_the_end() {
    let mut state = many((160, 45));
    assert!(screen(&state)[1].contains("200 of 5000 rows"), "{}", screen(&state)[1]);
    assert_eq!(asked(&press(&mut state, KeyCode::PageDown)), None, "the end is far");
    let effects: Vec<Effect> = (0..10).flat_map(|_| press(&mut state, KeyCode::PageDown)).collect();
    assert_eq!(asked(&effects), Some((200, Vec::new())), "once, while it is on its way");
    assert_eq!(effects.iter().filter(|e| matches!(e, Effect::Start(_, Job::More { .. }))).count(), 1);
    let before = state.answers.shown().expect("answers").selected;
    more(&mut state, 200, &[], page_of(200, 200, 5000));
    let kept = state.answers.shown().expect("answers");
    assert_eq!((kept.answers.answers.len(), kept.selected), (400, before));
    // The same page once more is not taken twice.
    more(&mut state, 200, &[], page_of(200, 200, 5000));
    assert_eq!(state.answers.shown().expect("answers").answers.answers.len(), 400);
}

#[test]
fn narrowing_shows_loaded_rows_at_once_and_those_beyond_by_their_paths() {
    let mut state = many((160, 45));
    press(&mut state, KeyCode::Char('n'));
    let effects = type_text(&mut state, "more_3");
    assert_eq!(asked(&effects[effects.len() - 1..]), Some((0, vec!["more_3".to_owned()])));
    assert!(screen(&state)[1].contains("0 of 200 loaded, of 5000 rows"), "{}", screen(&state)[1]);
    more(&mut state, 0, &["more_3"], page_of(300, 100, 111));
    assert!(screen(&state)[1].contains("111 by path, 100 loaded, of 5000 rows"), "{}", screen(&state)[1]);
    // What came for other words is not shown.
    more(&mut state, 0, &["more_"], page_of(300, 100, 4000));
    press(&mut state, KeyCode::Backspace);
    assert_eq!(state.answers.shown().expect("answers").rows().len(), 100, "it is what was typed now");
    let effects = press(&mut state, KeyCode::Char('9'));
    assert_eq!(asked(&effects), Some((0, vec!["more_9".to_owned()])));
    press(&mut state, KeyCode::Backspace);
    // Near the end of what was found by path its next page is loaded.
    more(&mut state, 0, &["more_"], page_of(300, 100, 4000));
    press(&mut state, KeyCode::Esc);
    let effects: Vec<Effect> = (0..4).flat_map(|_| press(&mut state, KeyCode::PageDown)).collect();
    assert_eq!(asked(&effects), Some((100, vec!["more_".to_owned()])));
    more(&mut state, 100, &["more_"], page_of(400, 100, 4000));
    assert_eq!(state.answers.shown().expect("answers").rows().len(), 200);
}

#[test]
fn a_row_that_is_loaded_and_found_by_path_stands_there_once() {
    let mut state = many((160, 45));
    press(&mut state, KeyCode::Char('n'));
    type_text(&mut state, "file_1");
    let loaded = state.answers.shown().expect("answers").rows().len();
    let again = Answers { total: loaded as u64, ..answers("who uses turn", 200) };
    let only: Vec<Answer> = again.answers.iter().filter(|a| a.path.contains("file_1")).cloned().collect();
    more(&mut state, 0, &["file_1"], Answers { answers: only, ..again });
    assert_eq!(state.answers.shown().expect("answers").rows().len(), loaded);
}

#[test]
fn as_many_as_somebody_asked_for_are_all_and_mistakes_are_told() {
    let mut state = desk((160, 45));
    let question = "who uses turn at most 200";
    let found = Answers { total: 5000, ..answers(question, 200) };
    done(&mut state, Lane::Ask, Outcome::Answers(question.to_owned(), Ok(found)));
    let effects = press(&mut state, KeyCode::End);
    assert!(!effects.iter().any(|e| matches!(e, Effect::Start(_, Job::More { .. }))));
    let mut state = many((160, 45));
    press(&mut state, KeyCode::End);
    done(
        &mut state,
        Lane::More,
        Outcome::More { question: "who uses turn".to_owned(), after: 200, narrow: Vec::new(), found: Err(Failure::UnknownFile("it is gone".to_owned())) },
    );
    assert!(state.is_wrong && !state.answers.shown().expect("answers").loading, "it can be tried again");
}
