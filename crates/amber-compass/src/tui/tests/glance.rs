//! Looks at targets without leaving.

use super::*;
use compass_session::Failure;

/// Looks at a place of a file from where one is.
fn look(state: &mut State, path: &str, line: u32) {
    press(state, KeyCode::Char('g'));
    let from = state.glance.current().map_or_else(|| state.desk.spot.clone(), |l| l.spot.clone());
    let found = Answers { answers: vec![answer(path, line, "larder")], ..answers("where is x", 1) };
    done(state, Lane::Glance, Outcome::Glanced(from, Ok(found)));
    let to = state.glance.current().expect("a look").spot.clone();
    done(state, Lane::Glance, Outcome::GlancePage(to, Ok(Box::new(page(path, 300)))));
}

#[rstest]
#[case::wide((160, 45))]
#[case::middle((100, 30))]
#[case::small((80, 24))]
fn a_look_stands_beside_the_code_and_on_the_track(#[case] size: (u16, u16)) {
    let mut state = desk(size);
    look(&mut state, "b.py", 70);
    let shown = drawn(&state);
    assert!(shown.contains("glance") && shown.contains("b.py:70") && shown.contains("a.py:40"), "{shown}");
    assert_eq!(state.desk.spot, spot("a.py", 40), "one has not left");
    press(&mut state, KeyCode::Down);
    assert_eq!((state.glance.current().expect("a look").spot.line, state.desk.spot.line), (71, 40));
    press(&mut state, KeyCode::Esc);
    assert!(state.glance.looks.is_empty());
    assert!(hops(&state).is_empty(), "nothing of it is left");
}

#[test]
fn looks_that_were_taken_are_jumps_from_where_one_looked() {
    let mut state = desk((160, 45));
    look(&mut state, "b.py", 70);
    press(&mut state, KeyCode::Down);
    look(&mut state, "c.py", 9);
    let effects = press(&mut state, KeyCode::Enter);
    assert_eq!(hops(&state), [("a.py".to_owned(), 40), ("b.py".to_owned(), 71)]);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Page(to))] if *to == spot("c.py", 9)), "{effects:?}");
    let trail = &state.logbook.book.trail;
    assert_eq!(trail.steps.iter().map(|s| s.path.as_str()).collect::<Vec<_>>(), ["a.py", "b.py", "c.py"]);
}

#[test]
fn a_look_that_leads_nowhere_says_why() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('g'));
    done(&mut state, Lane::Glance, Outcome::Glanced(spot("a.py", 40), Ok(answers("where is x", 0))));
    assert!(state.glance.looks.is_empty() && state.is_wrong);
    look(&mut state, "b.py", 70);
    press(&mut state, KeyCode::Char('g'));
    done(&mut state, Lane::Glance, Outcome::Glanced(spot("b.py", 70), Ok(answers("where is x", 1))));
    let to = state.glance.current().expect("a look").spot.clone();
    done(&mut state, Lane::Glance, Outcome::GlancePage(to, Err(Failure::UnknownFile("gone".to_owned()))));
    assert_eq!(state.glance.looks.len(), 1, "the look before stays");
}

#[test]
fn a_look_that_was_dropped_takes_no_other_with_it() {
    let mut state = desk((160, 45));
    look(&mut state, "b.py", 70);
    press(&mut state, KeyCode::Char('g'));
    done(&mut state, Lane::Glance, Outcome::Glanced(spot("b.py", 70), Ok(answers("where is x", 1))));
    press(&mut state, KeyCode::Esc);
    done(&mut state, Lane::Glance, Outcome::GlancePage(spot("routes/file_0.py", 1), Err(Failure::UnknownFile("gone".to_owned()))));
    assert_eq!(state.glance.looks.len(), 1);
    // What was asked for elsewhere comes too late, and another place has nothing beside it.
    done(&mut state, Lane::Glance, Outcome::Glanced(spot("z.py", 3), Ok(answers("where is x", 1))));
    assert_eq!(state.glance.looks.len(), 1);
    crate::tui::update::jump(&mut state, spot("c.py", 7), "follow x", &mut Vec::new());
    assert!(state.glance.looks.is_empty());
}

#[test]
fn names_of_a_look_are_gone_through_without_words_of_the_language() {
    let mut state = desk((160, 45));
    look(&mut state, "b.py", 70);
    let line = PageLine { text: "if wheel: turn".to_owned(), tokens: vec![(0, 2, compass_facts::TokenClass::Keyword)], ..PageLine::default() };
    let look = state.glance.current_mut().expect("a look");
    look.page.as_mut().expect("a page").lines[70] = line;
    look.spot.column = 300.min(look.page.as_ref().expect("a page").lines[69].text.len() as u32 + 1);
    press(&mut state, KeyCode::Tab);
    let look = state.glance.current().expect("a look");
    assert_eq!((look.spot.line, look.spot.column), (71, 4));
}
