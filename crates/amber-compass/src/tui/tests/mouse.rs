//! The mouse: places, tabs and rows of lists.

use super::*;

fn mouse(state: &mut State, kind: crossterm::event::MouseEventKind, column: u16, row: u16) -> Vec<Effect> {
    update(state, Event::Mouse(crossterm::event::MouseEvent { kind, column, row, modifiers: KeyModifiers::NONE }))
}

pub(super) fn click(state: &mut State, column: u16, row: u16) -> Vec<Effect> {
    mouse(state, crossterm::event::MouseEventKind::Down(crossterm::event::MouseButton::Left), column, row)
}

#[test]
fn a_click_places_the_cursor_and_a_second_one_follows() {
    let mut state = desk((160, 45));
    let code = crate::tui::layout::desk(&state).code;
    let gutter = crate::tui::layout::gutter(state.desk.page.as_ref().expect("a page"));
    let (x, y) = (code.x + gutter + 6, code.y + 5);
    click(&mut state, x, y);
    assert_eq!((state.desk.spot.line, state.desk.spot.column), (state.desk.top + 5, 7));
    let effects = click(&mut state, x, y);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Follow(_)))));
}

#[test]
fn the_wheel_scrolls_and_tabs_can_be_clicked() {
    let mut state = desk((160, 45));
    mouse(&mut state, crossterm::event::MouseEventKind::ScrollDown, 10, 20);
    assert_eq!(state.desk.spot.line, 43);
    let tab = crate::tui::layout::tabs(&state)[0].1;
    click(&mut state, tab.x + 1, 0);
    assert_eq!(state.screen, Screen::Survey);
}

#[test]
fn a_row_of_answers_can_be_clicked_open() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Ask, Outcome::Answers("q".to_owned(), Ok(answers("q", 9))));
    let rows = crate::tui::layout::answers(&state).rows;
    click(&mut state, 20, rows.y + 3);
    assert_eq!(state.answers.shown().expect("answers").selected, 1);
    click(&mut state, 20, rows.y + 3);
    assert_eq!(state.desk.loading.as_ref().map(|s| s.path.as_str()), Some("routes/file_1.py"));
}

/// Row and column of a text on the screen.
fn place_of(state: &State, text: &str) -> (u16, u16) {
    let shown = screen(state);
    let row = shown.iter().position(|l| l.contains(text)).unwrap_or_else(|| panic!("{text}:\n{}", shown.join("\n")));
    let column = shown[row].split(text).next().expect("what stands before").chars().count();
    (column as u16, row as u16)
}

fn gaps_of_two_files() -> State {
    let gap = |path: &str| Answer { kind: Some(AnswerKind::Gap(GapCause::Syntax)), role: None, ..answer(path, 7, "larder") };
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::F(9));
    done(&mut state, Lane::Gaps, Outcome::Gaps(Ok(Answers { total: 2, answers: vec![gap("b.py"), gap("c.py")], ..answers("gaps", 0) })));
    state
}

fn two_bookmarks() -> State {
    let mut state = desk((160, 45));
    for path in ["b.py", "c.py"] {
        let anchor = compass_session::logbook::Anchor { path: path.to_owned(), line: 7, column: 5, text: "turn".to_owned(), symbol: None };
        state.logbook.book.mark(anchor, String::new());
    }
    press(&mut state, KeyCode::F(8));
    state
}

fn a_grown_chain() -> State {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('t'));
    done(&mut state, Lane::Chain, Outcome::Chain(None, Ok(trace::grown(3))));
    assert_eq!(state.screen, Screen::Chains);
    state
}

#[rstest]
#[case::gaps(gaps_of_two_files(), "c.py:7", "c.py")]
#[case::bookmarks(two_bookmarks(), "c.py:7", "c.py")]
#[case::kin(kin::shown((160, 45), kin::kin(2, 4)), "almost: dryRun", "dry.go")]
#[case::chain(a_grown_chain(), "↓ step_1", "routes/wheels.py")]
#[case::ways(trace::ways((160, 45), vec![trace::section(2)]), "wheels.py:11", "routes/wheels.py")]
fn a_click_chooses_a_row_and_a_second_one_opens_it(#[case] mut state: State, #[case] text: &str, #[case] path: &str) {
    let on = state.screen;
    let (column, row) = place_of(&state, text);
    // Above the list nothing is chosen, below it nothing is left to choose.
    for elsewhere in [0, state.size.1 - 1] {
        click(&mut state, 0, elsewhere);
        assert_eq!(state.screen, on);
    }
    let effects = click(&mut state, column, row);
    assert!(!effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(_)))), "one click opens nothing: {effects:?}");
    assert_eq!(state.screen, on);
    let effects = click(&mut state, column, row);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if to.path == path)), "{effects:?}");
}

#[test]
fn headings_of_the_logbook_are_not_chosen() {
    let mut state = two_bookmarks();
    let before = state.logbook.selected;
    let (column, row) = place_of(&state, "bookmarks");
    click(&mut state, column, row);
    assert_eq!(state.logbook.selected, before);
}

#[test]
fn a_cell_of_the_band_leads_to_its_definition() {
    let mut state = desk((160, 45));
    let (column, row) = place_of(&state, "part_5");
    click(&mut state, column + 1, row);
    assert_eq!(state.desk.spot.line, 51);
    assert_eq!(state.desk.track.last().map(|h| h.how.as_str()), Some("band"));
    let band = crate::tui::layout::desk(&state).band;
    click(&mut state, band.x + 2, band.y);
    assert_eq!(state.desk.spot.line, 51, "the label leads nowhere");
}

#[test]
fn headings_of_the_bearings_fold_and_their_rows_are_followed() {
    let mut state = desk((160, 45));
    let at = state.desk.spot.clone();
    done(&mut state, Lane::Bearings, Outcome::Bearings(at, Ok(Ok(Box::new(history_and_coverage::some_bearings())))));
    state.desk.bearings.open = vec![0];
    let (column, row) = place_of(&state, "2 calls");
    click(&mut state, column, row);
    assert!(state.desk.bearings.open.contains(&1));
    click(&mut state, column, row);
    assert!(!state.desk.bearings.open.contains(&1));
    let (column, row) = place_of(&state, "file_1.py:2");
    click(&mut state, column, row);
    assert!(state.desk.bearings.focused && state.desk.bearings.selected == 1);
    let effects = click(&mut state, column, row);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if to.path == "routes/file_1.py")), "{effects:?}");
}

#[test]
fn rows_of_the_survey_are_opened_by_a_second_click() {
    use crate::tui::state::EntryRow;
    let mut state = desk((160, 45));
    let entry =
        |path: &str, text: &str| EntryRow { path: path.to_owned(), line: 3, column: 1, unit: "larder".to_owned(), text: text.to_owned(), told: String::new() };
    let data = SurveyData {
        entries: vec![entry("main.py", "def main():"), entry("app.py", "def app():")],
        used: vec![(entry("rack.py", "Rack"), "class".to_owned(), 9)],
        linked: true,
        ..SurveyData::default()
    };
    press(&mut state, KeyCode::F(1));
    done(&mut state, Lane::Survey, Outcome::Survey(Ok(Box::new(data))));
    for (text, path) in [("app.py:3", "app.py"), ("rack.py:3", "rack.py"), ("main.py:3", "main.py")] {
        let mut state = state.clone();
        state.survey.selected = 9;
        let (column, row) = place_of(&state, text);
        assert!(click(&mut state, column, row).is_empty(), "{text}");
        let effects = click(&mut state, column, row);
        assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(to)) if to.path == path)), "{text}: {effects:?}");
    }
}
