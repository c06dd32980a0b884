//! The screens of chains and unfolding.

use super::*;
use crate::tui::state::{ChainRow, Focus, Grown, Shown, Unfolded};
use compass_facts::Span;
use compass_session::Failure;
use compass_session::unfolding::StepRow;
use compass_trace::chains::{Section, SectionRow};
use compass_unfold::{Location, Piece, PieceKind, Text};

/// The screen as one text.
fn screen(state: &State) -> String {
    super::screen(state).join("\n")
}

pub(super) fn section(steps: usize) -> Section {
    let at = |n: u32| Box::new(answer("routes/wheels.py", n, "larder"));
    let mut rows =
        vec![SectionRow::Layer { name: "page".to_owned(), unusual: None }, SectionRow::Symbol(at(1)), SectionRow::Step { at: at(2), how: "call", others: 2 }];
    rows.push(SectionRow::Crossing { kind: "http", label: "POST /wheels/{id}/turn".to_owned(), at: at(2), answered: Some("web/app.py:9".to_owned()) });
    rows.push(SectionRow::Layer { name: "table".to_owned(), unusual: Some("skips layers") });
    for n in 0..steps {
        rows.push(SectionRow::Symbol(at(10 + n as u32)));
    }
    Section { from: "onTurn".to_owned(), to: "turns".to_owned(), steps, crossings: 1, weakest: Some("inferred".to_owned()), rows }
}

pub(super) fn ways(size: (u16, u16), sections: Vec<Section>) -> State {
    let mut state = desk(size);
    state.screen = Screen::Chains;
    let shown = Shown::Ways { question: "how does onTurn reach turns".to_owned(), total: sections.len() as u64, sections, note: String::new(), current: 0 };
    done(&mut state, Lane::Chain, Outcome::Chain(Some("how does onTurn reach turns".to_owned()), Ok(shown)));
    state
}

pub(super) fn grown(rows: i32) -> Shown {
    let row = |level: i32| ChainRow {
        level,
        spot: spot("routes/wheels.py", level.unsigned_abs() + 1),
        name: format!("step_{level}"),
        kind: "fn".to_owned(),
        code: "turn(wheel)".to_owned(),
        mark: '=',
        crossing: (level == 2).then(|| "POST /turn".to_owned()),
        met_before: level == 3,
        others: 1,
        layer: "route".to_owned(),
    };
    Shown::Grown(Box::new(Grown {
        name: "step_0".to_owned(),
        spot: spot("a.py", 40),
        depth: 2,
        rows: (-rows..=rows).map(row).collect(),
        note: "2 callers".to_owned(),
    }))
}

fn unfolded(steps: usize) -> Unfolded {
    let place = Location { file: None, path: "probe.h".to_owned(), line: 9, column: 1, span: Span::new(0, 3) };
    let piece = |n: u32, fresh| Piece {
        span: Span { start: n * 4, end: n * 4 + 3 },
        kind: PieceKind::Made,
        fresh,
        trail: vec![("text of EACH".to_owned(), Some(place.clone()))],
    };
    let text = |n: usize| Text { text: "abc def ghi\njkl\n".repeat(1 + n), pieces: (0..3).map(|i| piece(i, i as usize == n % 3)).collect() };
    let step = |n: usize| StepRow {
        by: format!("STEP_{n}"),
        kind: "macro".to_owned(),
        defined: Some(("probe.h:9".to_owned(), Some(spot("include/probe.h", 9)))),
        about: vec!["one definition visible".to_owned()],
        depth: n,
    };
    Unfolded {
        spot: spot("probe.c", 44),
        states: (0..=steps).map(text).collect(),
        alone: (0..steps).map(|_| Text { text: "alone".to_owned(), pieces: Vec::new() }).collect(),
        steps: (0..steps).map(step).collect(),
        notes: vec!["a note".to_owned()],
    }
}

fn unfold(size: (u16, u16), steps: usize) -> State {
    let mut state = desk(size);
    state.screen = Screen::Unfold;
    done(&mut state, Lane::Unfold, Outcome::Unfolded(Ok(Box::new(unfolded(steps)))));
    state
}

#[rstest]
#[case::wide((160, 45))]
#[case::middle((100, 30))]
#[case::small((80, 24))]
#[case::least((60, 15))]
#[case::tiny((1, 1))]
fn screens_of_any_size_are_drawn(#[case] size: (u16, u16)) {
    for state in [ways(size, vec![section(3)]), unfold(size, 4), unfold(size, 0)] {
        let shown = screen(&state).to_lowercase();
        if size.0 >= 60 {
            assert!(shown.contains("chains") && shown.contains("unfold"), "{shown}");
        }
    }
    let mut state = desk(size);
    state.screen = Screen::Chains;
    done(&mut state, Lane::Chain, Outcome::Chain(None, Ok(grown(30))));
    screen(&state);
    state.screen = Screen::Desk;
    state.unfold.panel = true;
    screen(&state);
}

#[test]
fn a_way_shows_layers_crossings_and_what_is_unusual() {
    let shown = screen(&ways((160, 45), vec![section(2), section(5)]));
    for text in ["from onTurn to turns", "way 1 of 2", "page", "http  POST /wheels/{id}/turn", "web/app.py:9", "skips layers", "+ 2 other places"] {
        assert!(shown.contains(text), "{text}:\n{shown}");
    }
}

#[test]
fn arrows_go_from_step_to_step_and_enter_opens_it() {
    let mut state = ways((160, 45), vec![section(2), section(5)]);
    press(&mut state, KeyCode::Down);
    assert_eq!(state.chains.current().map(|c| c.0), Some(spot("routes/wheels.py", 2)));
    press(&mut state, KeyCode::Right);
    assert!(screen(&state).contains("way 2 of 2"));
    let effects = press(&mut state, KeyCode::Enter);
    assert_eq!(state.screen, Screen::Desk);
    assert!(matches!(&effects[..], [.., Effect::Start(_, Job::Page(s))] if s.path == "routes/wheels.py"), "{effects:?}");
    assert_eq!(state.desk.track.last().map(|h| h.how.as_str()), Some("way from onTurn to turns"));
}

#[test]
fn the_list_begins_at_the_symbol_and_grows_by_a_level() {
    let mut state = desk((160, 45));
    let effects = press(&mut state, KeyCode::Char('t'));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Grow { depth: 2, .. })]), "{effects:?}");
    done(&mut state, Lane::Chain, Outcome::Chain(None, Ok(grown(3))));
    assert_eq!(state.chains.selected, 3, "callers stand above it");
    let shown = screen(&state);
    assert!(shown.contains("↑ step_-1") && shown.contains("↓ step_1") && shown.contains("step_3 …"), "{shown}");
    let effects = press(&mut state, KeyCode::Right);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Grow { depth: 3, .. })]), "{effects:?}");
}

#[test]
fn a_question_after_ways_goes_to_the_chains() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('/'));
    for c in "how does a reach b".chars() {
        press(&mut state, KeyCode::Char(c));
    }
    let effects = press(&mut state, KeyCode::Enter);
    assert_eq!(state.screen, Screen::Chains);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Ways(q))] if q == "how does a reach b"), "{effects:?}");
    done(&mut state, Lane::Chain, Outcome::Chain(Some("how does a reach b".to_owned()), Err(Failure::UnknownFile("no such thing".to_owned()))));
    assert_eq!(state.ask.text, "how does a reach b", "the question comes back to be mended");
}

#[test]
fn a_chain_is_kept_as_markdown() {
    let mut state = ways((160, 45), vec![section(2)]);
    let effects = press(&mut state, KeyCode::Char('k'));
    assert!(matches!(&effects[..], [Effect::Keep(name, "md", text)] if name.starts_with("how does") && text.starts_with("## From `onTurn`")), "{effects:?}");
}

#[test]
fn a_chain_is_drawn() {
    let mut state = ways((160, 45), vec![section(2)]);
    let effects = press(&mut state, KeyCode::Char('d'));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Draw { sort: compass_session::figures::Sort::Chain, of, name })] if of == name), "{effects:?}");
    let effects = done(&mut state, Lane::Drawing, Outcome::Drawn("how does a reach b".to_owned(), Ok(Some("<svg/>".to_owned()))));
    assert!(matches!(&effects[..], [Effect::Keep(name, "svg", text)] if name == "how does a reach b" && text == "<svg/>"), "{effects:?}");
}

#[test]
fn what_changed_since_a_chain_was_kept_is_shown_until_something_else_is_done() {
    let mut state = ways((160, 45), vec![section(2)]);
    let effects = press(&mut state, KeyCode::Char('c'));
    assert!(matches!(&effects[..], [Effect::Compare(name, text)] if name.starts_with("how does") && text.starts_with("## From `onTurn`")), "{effects:?}");
    let changes = compass_session::kept::Changes { since: "2026-11-30 10:00 UTC".to_owned(), gone: vec!["- turn `a.py:3`".to_owned()], new: Vec::new() };
    state.chains.compared = Some(changes);
    let shown = screen(&state);
    assert!(shown.contains("since it was kept on 2026-11-30 10:00 UTC: 1 gone, 0 new") && shown.contains("gone  - turn `a.py:3`"), "{shown}");
    press(&mut state, KeyCode::Down);
    assert!(!screen(&state).contains("since it was kept"));
}

#[test]
fn steps_are_walked_and_lead_to_their_macros() {
    let mut state = unfold((160, 45), 4);
    assert_eq!(state.unfold.taken, 4);
    press(&mut state, KeyCode::Home);
    press(&mut state, KeyCode::Down);
    press(&mut state, KeyCode::Down);
    let shown = screen(&state);
    assert!(shown.contains("step 2 of 4") && shown.contains("STEP_1"), "{shown}");
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [.., Effect::Start(_, Job::Page(s))] if s.path == "include/probe.h" && s.line == 9), "{effects:?}");
}

#[test]
fn one_step_is_shown_alone() {
    let mut state = unfold((160, 45), 4);
    press(&mut state, KeyCode::Char('2'));
    press(&mut state, KeyCode::Char('o'));
    let shown = screen(&state);
    assert!(shown.contains("step 2 of 4 alone") && shown.lines().any(|l| l.trim_end().ends_with("alone")), "{shown}");
    press(&mut state, KeyCode::Char('o'));
    assert!(screen(&state).contains("outermost first"));
}

#[test]
fn a_piece_of_the_result_says_where_it_came_from() {
    let mut state = unfold((160, 45), 4);
    press(&mut state, KeyCode::Tab);
    assert_eq!(state.unfold.focus, Focus::Result);
    press(&mut state, KeyCode::Left);
    press(&mut state, KeyCode::Right);
    let shown = screen(&state);
    assert!(shown.contains("text of EACH") && shown.contains("probe.h:9"), "{shown}");
    press(&mut state, KeyCode::Enter);
    assert!(screen(&state).contains("that file is not in the index"));
}

#[test]
fn the_panel_on_the_desk_closes_with_escape() {
    let mut state = desk((160, 45));
    let effects = press(&mut state, KeyCode::Char('x'));
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Unfold(_))]), "{effects:?}");
    done(&mut state, Lane::Unfold, Outcome::Unfolded(Ok(Box::new(unfolded(2)))));
    press(&mut state, KeyCode::Char('1'));
    assert!(screen(&state).contains("step 1 of 2"));
    press(&mut state, KeyCode::Esc);
    assert!(!state.unfold.panel && state.screen == Screen::Desk);
    done(&mut state, Lane::Unfold, Outcome::Unfolded(Err(Failure::UnknownFile("nothing to unfold".to_owned()))));
    state.screen = Screen::Unfold;
    assert_eq!(state.unfold.shown, None);
}
