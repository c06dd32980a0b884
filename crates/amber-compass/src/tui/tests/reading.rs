//! Reading on the desk: folding, white space, the code alone, documentation, the call one is in, places set aside, folders.

use super::*;
use compass_trace::call::CallAround;
use compass_trace::documentation::read;

fn joined(state: &State) -> String {
    screen(state).join("\n")
}

/// The numbers of the lines that are shown.
fn numbers(state: &State) -> Vec<u32> {
    let code = crate::tui::layout::desk(state).code;
    let shown = screen(state);
    let rows = &shown[code.y as usize..(code.y + code.height) as usize];
    rows.iter().filter_map(|l| l.trim_start().split([' ', '!']).next()?.parse().ok()).collect()
}

#[test]
fn a_definition_is_folded_and_unfolded_where_one_is() {
    let mut state = desk((160, 45));
    state.desk.spot.line = 35;
    assert!(numbers(&state).contains(&40));
    press(&mut state, KeyCode::Char('-'));
    assert_eq!(state.desk.spot.line, 31, "one stands on the line that stays");
    let now = numbers(&state);
    assert!(now.contains(&31) && !now.contains(&32) && !now.contains(&39) && now.contains(&40), "{now:?}");
    assert!(joined(&state).contains("… 8 lines"));
    press(&mut state, KeyCode::Down);
    assert_eq!(state.desk.spot.line, 40, "hidden lines are stepped over");
    press(&mut state, KeyCode::Up);
    press(&mut state, KeyCode::Char('-'));
    assert!(numbers(&state).contains(&35));
}

#[test]
fn an_excerpt_shows_the_definition_one_is_in_and_the_first_lines_of_the_others() {
    let mut state = desk((160, 45));
    state.desk.spot.line = 45;
    press(&mut state, KeyCode::Char('+'));
    let now = numbers(&state);
    assert!((41..=49).all(|l| now.contains(&l)) && now.contains(&31) && !now.contains(&33) && now.contains(&51) && !now.contains(&52), "{now:?}");
    press(&mut state, KeyCode::End);
    assert_eq!(state.desk.spot.line, 300);
    press(&mut state, KeyCode::Home);
    press(&mut state, KeyCode::Char('+'));
    assert!(numbers(&state).contains(&5), "everything is there again");
}

#[test]
fn what_leads_into_a_folded_part_unfolds_it() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('+'));
    follow(&mut state, "a.py", 155);
    let now = numbers(&state);
    assert_eq!(state.desk.spot.line, 155);
    assert!(now.contains(&155) && now.contains(&151) && !now.contains(&145), "{now:?}");
    // Another file begins unfolded, and a click leads to the line that is shown there.
    follow(&mut state, "b.py", 12);
    assert!(state.desk.folds.is_empty());
    press(&mut state, KeyCode::Char('-'));
    let code = crate::tui::layout::desk(&state).code;
    let row = numbers(&state).iter().position(|n| *n == 20).expect("line 20") as u16;
    click(&mut state, code.x + 12, code.y + row);
    assert_eq!(state.desk.spot.line, 20);
}

#[test]
fn a_file_that_changed_keeps_what_can_still_be_folded() {
    let mut state = desk((160, 45));
    state.desk.spot.line = 35;
    press(&mut state, KeyCode::Char('-'));
    let mut newer = page("a.py", 300);
    done(&mut state, Lane::Reload, Outcome::Reloaded(Ok(Box::new(newer.clone()))));
    assert!(!state.desk.folds.is_empty());
    newer.parts.clear();
    done(&mut state, Lane::Reload, Outcome::Reloaded(Ok(Box::new(newer))));
    assert!(state.desk.folds.is_empty());
    press(&mut state, KeyCode::Char('-'));
    assert_eq!(state.message.as_deref(), Some("nothing here can be folded"));
}

#[test]
fn blanks_tabs_and_line_ends_are_shown_when_asked_for() {
    use crate::tui::state::LineEnd;
    let mut state = desk((160, 45));
    let lines = &mut state.desk.page.as_mut().expect("a page").lines;
    lines[39] = PageLine { text: "\tx = 1".to_owned(), end: LineEnd::ReturnFeed, ..PageLine::default() };
    lines[40] = PageLine { text: "y  ".to_owned(), end: LineEnd::Feed, ..PageLine::default() };
    assert!(!joined(&state).contains('→'));
    press(&mut state, KeyCode::Char('W'));
    let shown = joined(&state);
    assert!(shown.contains("→   x·=·1␍↵") && shown.contains("y··↵"), "{shown}");
    press(&mut state, KeyCode::Char('W'));
    assert!(!joined(&state).contains('↵'));
}

#[rstest]
#[case::wide((160, 45))]
#[case::small((80, 24))]
fn the_code_has_the_screen_alone(#[case] size: (u16, u16)) {
    let mut state = desk(size);
    press(&mut state, KeyCode::Char('a'));
    let code = crate::tui::layout::desk(&state).code;
    assert_eq!((code.width, code.height), (size.0, size.1 - 3));
    let shown = joined(&state);
    assert!(!shown.contains("came by") && !shown.contains(" band "), "{shown}");
    press(&mut state, KeyCode::Esc);
    assert!(joined(&state).contains(" band "));
}

#[test]
fn the_call_one_is_in_is_told_with_the_parameter_that_is_given() {
    let mut state = desk((160, 45));
    let call =
        CallAround { name: "Rack.turn".to_owned(), line: 40, certainty: None, parameters: vec!["wheel: int".to_owned(), "by=1".to_owned()], current: Some(1) };
    let at = state.desk.spot.clone();
    done(&mut state, Lane::Call, Outcome::Call(at.clone(), Some(Box::new(call.clone()))));
    assert!(joined(&state).contains("in  Rack.turn(wheel: int, by=1)"), "{}", joined(&state));
    // What came too late is not shown, and behind the brackets there is nothing to tell.
    done(&mut state, Lane::Call, Outcome::Call(Spot { line: 7, ..at.clone() }, None));
    assert!(state.desk.call.is_some());
    done(&mut state, Lane::Call, Outcome::Call(at.clone(), None));
    assert!(state.desk.call.is_none());
    // Of many parameters the one that is given is in view.
    let parameters = (0..40).map(|i| format!("parameter_{i}: Wheel")).collect();
    done(&mut state, Lane::Call, Outcome::Call(at, Some(Box::new(CallAround { parameters, current: Some(35), ..call }))));
    assert!(joined(&state).contains("parameter_35"));
}

fn documented(comment: &str) -> State {
    let mut state = desk((160, 45));
    let mut bearings = history_and_coverage::some_bearings();
    bearings.facts.blocks = read(compass_facts::Language::TEXT, comment);
    let at = state.desk.spot.clone();
    done(&mut state, Lane::Bearings, Outcome::Bearings(at, Ok(Ok(Box::new(bearings)))));
    state
}

#[test]
fn documentation_is_read_in_full_beside_the_code() {
    let lines: String = (0..60).map(|i| format!("/// - item_{i}\n")).collect();
    let mut state = documented(&format!("/// Turns a wheel.\n///\n{lines}"));
    let shown = joined(&state);
    assert!(shown.contains("Turns a wheel.") && shown.contains("more rows: i") && !shown.contains("item_30"), "{shown}");
    press(&mut state, KeyCode::Char('i'));
    let shown = joined(&state);
    assert!(shown.contains("about  Rack.turn") && shown.contains("item_30") && shown.contains("rows further down"), "{shown}");
    (0..30).for_each(|_| drop(press(&mut state, KeyCode::PageDown)));
    assert!(joined(&state).contains("item_59") && !joined(&state).contains("further down"));
    press(&mut state, KeyCode::Esc);
    assert!(state.desk.reading.is_none());
    let mut state = documented("");
    press(&mut state, KeyCode::Char('i'));
    assert_eq!(state.message.as_deref(), Some("nothing is written about it"));
}

#[rstest]
#[case::wide((160, 45))]
#[case::small((80, 24))]
fn a_place_set_aside_stays_in_view_and_is_swapped(#[case] size: (u16, u16)) {
    let mut state = desk(size);
    press(&mut state, KeyCode::Char('s'));
    follow(&mut state, "b.py", 12);
    let shown = joined(&state);
    assert!(shown.contains("aside  a.py:40") && shown.contains("b.py:12"), "{shown}");
    let effects = press(&mut state, KeyCode::Char('S'));
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if *to == spot("a.py", 40))), "{effects:?}");
    done(&mut state, Lane::Page, Outcome::Page(spot("a.py", 40), Ok(Box::new(page("a.py", 300)))));
    assert!(joined(&state).contains("aside  b.py:12"));
    assert_eq!(state.desk.track.last().map(|h| h.from.path.as_str()), Some("b.py"), "the way is on the track");
    // Loaded again when files change, and let go at its line.
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Asides(spots)) if spots.len() == 1)));
    done(&mut state, Lane::Aside, Outcome::Asides(vec![(spot("b.py", 12), page("b.py", 8))]));
    assert_eq!(state.asides[0].spot.line, 8);
    press(&mut state, KeyCode::Char('s'));
    press(&mut state, KeyCode::Char('s'));
    assert_eq!(state.asides.iter().map(|a| a.spot.path.as_str()).collect::<Vec<_>>(), ["b.py"]);
    press(&mut state, KeyCode::Esc);
    assert!(state.asides.is_empty());
}

#[test]
fn a_group_that_is_asked_for_is_shown_before_what_is_set_aside() {
    let mut state = documented("/// Turns.");
    press(&mut state, KeyCode::Char('s'));
    assert!(joined(&state).contains("aside  a.py:40") && !joined(&state).contains("1 called from"));
    press(&mut state, KeyCode::Char('1'));
    assert!(joined(&state).contains("1 called from"));
    press(&mut state, KeyCode::Esc);
    assert!(joined(&state).contains("aside  a.py:40"));
}

#[test]
fn at_most_three_places_are_kept_aside_the_latest_first() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('S'));
    assert!(state.message.as_deref().is_some_and(|m| m.contains("nothing is set aside")));
    for i in 0..5 {
        follow(&mut state, &format!("f{i}.py"), 20);
        press(&mut state, KeyCode::Char('s'));
    }
    assert_eq!(state.asides.iter().map(|a| a.spot.path.as_str()).collect::<Vec<_>>(), ["f4.py", "f3.py", "f2.py"]);
    let area = crate::tui::layout::glance(&state);
    let effects = click(&mut state, area.x + 3, area.y + area.height - 2);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if to.path == "f2.py")), "a click goes there: {effects:?}");
}

fn with_folders(size: (u16, u16)) -> State {
    let mut state = desk(size);
    let effects = press(&mut state, KeyCode::Char('h'));
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Paths))));
    let paths = ["a.py", "b.py", "rack/deep/turn.go", "rack/wash.go"].map(str::to_owned).to_vec();
    done(&mut state, Lane::Tree, Outcome::Paths(paths));
    state
}

#[rstest]
#[case::wide((160, 45))]
#[case::small((80, 24))]
fn folders_unfold_beside_the_code_and_the_place_stays(#[case] size: (u16, u16)) {
    let mut state = with_folders(size);
    let before = state.desk.spot.clone();
    let shown = joined(&state);
    assert!(shown.contains("folders  4 files") && shown.contains("▸ rack/  2") && shown.contains("a.py  read now"), "{shown}");
    press(&mut state, KeyCode::Home);
    press(&mut state, KeyCode::Right);
    press(&mut state, KeyCode::Right);
    press(&mut state, KeyCode::Enter);
    let shown = joined(&state);
    assert!(shown.contains("▾ rack/") && shown.contains("▾ deep/") && shown.contains("turn.go"), "{shown}");
    press(&mut state, KeyCode::Down);
    press(&mut state, KeyCode::Left);
    assert_eq!(state.tree.as_ref().and_then(|t| t.current()).map(|r| r.path.as_str()), Some("rack/deep/"), "to what it stands in");
    assert_eq!(state.desk.spot, before);
    press(&mut state, KeyCode::Down);
    let effects = press(&mut state, KeyCode::Enter);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if to.path == "rack/deep/turn.go")), "{effects:?}");
    assert!(state.tree.is_none());
}

#[test]
fn folders_follow_the_index_and_esc_leaves_them() {
    let mut state = with_folders((160, 45));
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Paths))));
    done(&mut state, Lane::Tree, Outcome::Paths(vec!["a.py".to_owned()]));
    assert_eq!(state.tree.as_ref().map(|t| t.rows.len()), Some(1));
    press(&mut state, KeyCode::Esc);
    assert!(state.tree.is_none());
    assert!(done(&mut state, Lane::Tree, Outcome::Paths(Vec::new())).is_empty(), "what comes late opens nothing");
}

#[test]
fn names_that_lead_elsewhere_are_told_apart_in_the_text() {
    use compass_trace::highlights::Highlight;
    let mut state = desk((160, 45));
    let effects = follow(&mut state, "b.py", 12);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(_)))));
    let told = vec![
        (12, 4, 11, Highlight::Macro),
        (13, 4, 11, Highlight::Dependency),
        (14, 4, 11, Highlight::Unknown),
        (15, 4, 11, Highlight::Mark),
        (999, 0, 4, Highlight::Unknown),
    ];
    done(&mut state, Lane::Highlights, Outcome::Highlights("a.py".to_owned(), told.clone()));
    assert!(state.desk.page.as_ref().is_some_and(|p| p.lines.iter().all(|l| l.highlights.is_empty())), "those of another file are not shown");
    done(&mut state, Lane::Highlights, Outcome::Highlights("b.py".to_owned(), told));
    state.desk.spot = spot("b.py", 20);
    let mut terminal = Terminal::new(TestBackend::new(160, 45)).expect("a terminal in memory");
    terminal.draw(|frame| view::draw(&state, frame)).expect("drawn");
    let buffer = terminal.backend().buffer().clone();
    let code = crate::tui::layout::desk(&state).code;
    let gutter = crate::tui::layout::gutter(state.desk.page.as_ref().expect("a page"));
    let style = |line: u32| {
        let cell = &buffer[(code.x + gutter + 5, code.y + (line - state.desk.top) as u16)];
        (cell.fg, cell.modifier)
    };
    let wanted = |s: ratatui::style::Style| (s.fg.expect("a colour"), s.add_modifier);
    let theme = Theme::dark();
    assert_eq!([12, 13, 14, 15, 16].map(style), [theme.by_macro, theme.outside, theme.unknown, theme.marking, theme.plain].map(wanted));
}

#[test]
fn on_a_small_screen_the_line_one_is_on_stays_above_what_is_shown_below() {
    let mut state = desk((80, 24));
    press(&mut state, KeyCode::Char('s'));
    for _ in 0..40 {
        press(&mut state, KeyCode::Down);
        let (code, below) = (crate::tui::layout::desk(&state).code, crate::tui::layout::glance(&state));
        assert_eq!(code.y + code.height, below.y, "they do not overlap");
        assert!(numbers(&state).contains(&state.desk.spot.line), "line {} is in view", state.desk.spot.line);
    }
    let mut state = with_folders((80, 24));
    state.desk.spot.line = 60;
    press(&mut state, KeyCode::Esc);
    press(&mut state, KeyCode::Down);
    assert!(numbers(&state).contains(&61));
}
