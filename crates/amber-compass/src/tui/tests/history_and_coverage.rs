//! Tests and changes beside the relations, notes in the code, and a change that is read.

use super::*;
use crate::tui::state::HistoryAndCoverage;
use compass_session::Failure;
use compass_trace::history_and_coverage::{CaseState, Change, CoveringTest, DiffLine, DiffSign, History, Sidenote, Unusual};

fn change(id: &str, author: &str, since_pull: bool) -> Change {
    Change {
        id: id.to_owned(),
        author: author.to_owned(),
        email: format!("{author}@larder-hollow.example"),
        time: 1_741_252_500,
        summary: format!("What {author} did"),
        issues: vec!["LH-16".to_owned()],
        since_pull,
        path: "a.py".to_owned(),
    }
}

fn test(name: &str, state: Option<CaseState>) -> CoveringTest {
    let mut answer = answer("tests/test_a.py", 7, "larder");
    answer.name = Some(format!("tests.{name}"));
    CoveringTest { test: answer, state, message: String::new(), report: None, calls: Some(1), is_older: false }
}

pub(super) fn some_bearings() -> compass_trace::bearings::Bearings {
    use compass_trace::bearings::{Bearings, Group, SymbolFacts};
    let facts = SymbolFacts {
        name: "Rack.turn".to_owned(),
        kind: "method".to_owned(),
        signature: "def turn(self)".to_owned(),
        documentation: String::new(),
        blocks: Vec::new(),
        documented_in: None,
        path: "a.py".to_owned(),
        line: 40,
        unit: "larder".to_owned(),
        own: true,
        declared: false,
    };
    let group = |title, question: &str| Group { title, question: question.to_owned(), total: 2, rows: answers(question, 2).answers };
    Bearings { facts, target: answer("a.py", 40, "larder"), others: 0, groups: vec![group("called from", "who calls a"), group("calls", "what does a call")] }
}

/// The desk with relations, a failing test and two changes.
fn kept_up(size: (u16, u16)) -> State {
    let mut state = desk(size);
    let at = state.desk.spot.clone();
    done(&mut state, Lane::Bearings, Outcome::Bearings(at.clone(), Ok(Ok(Box::new(some_bearings())))));
    let history = History { changes: vec![change("aaaaaaaaaaaa", "joren", true), change("bbbbbbbbbbbb", "mira", false)], uncommitted: false, cut: false };
    let tests = vec![test("full", Some(CaseState::Failed)), test("rest", Some(CaseState::Passed))];
    let upkeep = HistoryAndCoverage { tests, history: Some(Ok(history)), full: "/x/a.py".to_owned(), is_known: true };
    done(&mut state, Lane::HistoryAndCoverage, Outcome::HistoryAndCoverage(at, Box::new(upkeep)));
    state
}

#[rstest]
#[case::wide((160, 45))]
#[case::middle((100, 30))]
fn tests_and_changes_are_numbered_behind_the_relations(#[case] size: (u16, u16)) {
    let mut state = kept_up(size);
    let relations = state.desk.bearings.shown.as_ref().expect("relations").groups.len();
    let shown = drawn(&state);
    assert!(shown.contains(&format!("{} tests  2  1 fails: full", relations + 1)), "{shown}");
    assert!(shown.contains(&format!("{} upkeep  2 changes, 1 new", relations + 2)), "{shown}");
    press(&mut state, KeyCode::Char('1'));
    press(&mut state, KeyCode::Char(char::from_digit(relations as u32 + 1, 10).expect("a digit")));
    let shown = drawn(&state);
    assert!(shown.contains("fails   full") && shown.contains("passes  rest"), "{shown}");
    press(&mut state, KeyCode::Char('b'));
    press(&mut state, KeyCode::Down);
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Page(s))] if s.path == "tests/test_a.py" && s.line == 7), "{effects:?}");
}

#[test]
fn a_change_is_read_in_the_place_of_the_code() {
    let mut state = kept_up((160, 45));
    let upkeep = state.desk.bearings.group_count();
    state.desk.bearings.open = vec![upkeep - 1];
    press(&mut state, KeyCode::Char('b'));
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Change { id, .. })] if id == "aaaaaaaaaaaa"), "{effects:?}");
    assert!(drawn(&state).contains("looking it up"));
    let line = |sign, text: &str| DiffLine { sign, text: text.to_owned() };
    let mut lines = vec![line(DiffSign::File, "a.py"), line(DiffSign::Removed, "old\u{1b}[31m"), line(DiffSign::Added, "\tnew")];
    lines.extend((0..100).map(|i| line(DiffSign::Same, &format!("line {i}"))));
    done(&mut state, Lane::Change, Outcome::Change("bbbbbbbbbbbb".to_owned(), Ok(vec![line(DiffSign::Added, "not asked for")])));
    assert!(drawn(&state).contains("looking it up"), "another change than the one that is read");
    done(&mut state, Lane::Change, Outcome::Change("aaaaaaaaaaaa".to_owned(), Ok(lines)));
    let shown = drawn(&state);
    assert!(shown.contains("change 1 of 2") && shown.contains("2025-03-06  joren <joren@larder-hollow.example>  LH-16  since the last pull"), "{shown}");
    assert!(shown.contains("+     new") && shown.contains("- old") && !shown.contains('\u{1b}'), "{shown}");
    press(&mut state, KeyCode::PageDown);
    assert!(!drawn(&state).contains("+     new"));
    assert!(matches!(&press(&mut state, KeyCode::Char('y'))[..], [Effect::Copy(address)] if address == "joren@larder-hollow.example"));
    let effects = press(&mut state, KeyCode::Char('n'));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Change { id, .. })] if id == "bbbbbbbbbbbb"), "{effects:?}");
    assert!(press(&mut state, KeyCode::Char('n')).is_empty(), "there is none after it");
    press(&mut state, KeyCode::Esc);
    assert!(state.desk.change.is_none() && state.desk.page.is_some());
}

#[test]
fn a_change_that_cannot_be_read_says_why() {
    let mut state = kept_up((160, 45));
    state.desk.bearings.open = vec![state.desk.bearings.group_count() - 1];
    press(&mut state, KeyCode::Char('b'));
    press(&mut state, KeyCode::Enter);
    done(&mut state, Lane::Change, Outcome::Change("aaaaaaaaaaaa".to_owned(), Err(Failure::UnknownFile("the history cannot be read".to_owned()))));
    assert!(state.desk.change.is_none() && drawn(&state).contains("the history cannot be read"));
}

#[test]
fn notes_stand_where_lines_leave_room() {
    let mut state = desk((160, 45));
    let note = |line, what| Sidenote { line, what };
    let long = "x = 1  # ".to_owned() + &"long ".repeat(40);
    state.desk.page.as_mut().expect("a page").lines[40].text = long;
    let notes = vec![note(40, Unusual::Failing("full".to_owned(), 2)), note(41, Unusual::Changed), note(42, Unusual::Unused)];
    done(&mut state, Lane::Notes, Outcome::Notes("other.py".to_owned(), vec![note(43, Unusual::NeverRun)]));
    done(&mut state, Lane::Notes, Outcome::Notes("a.py".to_owned(), notes));
    let shown = drawn(&state);
    assert!(shown.contains("failing: full +2") && shown.contains("used nowhere"), "{shown}");
    assert!(!shown.contains("changed since the last pull"), "the code is never cut for a note");
    assert!(!shown.contains("no test runs it"), "those of another file");
}

#[rstest]
#[case::on_the_first_page(5, 0)]
#[case::far_below(90, 87)]
#[case::not_in_it(200, 0)]
fn a_long_change_is_read_from_the_definition_on(#[case] at: usize, #[case] wanted: usize) {
    let mut state = kept_up((160, 45));
    state.desk.bearings.open = vec![state.desk.bearings.group_count() - 1];
    press(&mut state, KeyCode::Char('b'));
    press(&mut state, KeyCode::Enter);
    let text = |i: usize| if i == at { "    def turn(self):".to_owned() } else { format!("    line({i})") };
    let lines = (0..120).map(|i| DiffLine { sign: DiffSign::Added, text: text(i) }).collect();
    done(&mut state, Lane::Change, Outcome::Change("aaaaaaaaaaaa".to_owned(), Ok(lines)));
    assert_eq!(state.desk.change.as_ref().map(|c| c.top), Some(wanted));
    assert_eq!(drawn(&state).contains("def turn(self):"), at < 120);
}
