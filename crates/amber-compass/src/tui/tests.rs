//! Events in, state and screens out: no terminal needed.

mod glance;
mod history_and_coverage;
mod kept;
mod kin;
mod mouse;
mod pages;
mod reading;
mod trace;
mod typing;

use super::state::{AskMode, Page, PageLine, Part, Screen, Spot, State, SurveyData};
use super::theme::Theme;
use super::update::{Effect, Event, update};
use super::view;
use compass_facts::{GapCause, Kind, Role};
use compass_index::Certainty;
use compass_session::jobs::{Job, Lane, Outcome};
use compass_session::page::BandCell;
use compass_session::watch::Watched;
use compass_trace::{Answer, AnswerKind, Answers};
use crossterm::event::{KeyCode, KeyEvent, KeyModifiers};
use mouse::click;
use ratatui::Terminal;
use ratatui::backend::TestBackend;
use rstest::rstest;

fn page(path: &str, lines: usize) -> Page {
    let line = |i| PageLine { text: format!("    name_{i} = call_{}(name_{})", i % 7, i % 3), ..PageLine::default() };
    Page {
        path: path.to_owned(),
        full: format!("/src/{path}"),
        lines: (1..=lines).map(line).collect(),
        band: (0..30).map(|i| BandCell { name: format!("part_{i}"), line: i * 10 + 1, end_line: i * 10 + 9, has_gap: i == 3 }).collect(),
        parts: (0..30).map(|i| Part { first: i * 10 + 1, last: i * 10 + 9 }).collect(),
        about: "larder · python".to_owned(),
        changed: false,
    }
}

fn answer(path: &str, line: u32, unit: &str) -> Answer {
    Answer {
        path: path.to_owned(),
        line,
        column: 5,
        end_line: line,
        end_column: 9,
        name: Some("turn".to_owned()),
        kind: Some(AnswerKind::Symbol(Kind::Function)),
        role: Some(Role::Call),
        certainty: Some(Certainty::Proven),
        evidence: Vec::new(),
        unit: Some(unit.to_owned()),
        language: None,
        enclosing: Some("Planner.plan".to_owned()),
        text: Some("    turn(wheel)".to_owned()),
        caller: Some("serve".to_owned()),
        remark: None,
        made_by: None,
        opens: None,
        level: None,
        via: None,
        steps: None,
        crossing: None,
        symbol: None,
        start: 0,
        file: None,
        definition: None,
    }
}

fn answers(question: &str, rows: usize) -> Answers {
    let all = (0..rows).map(|i| answer(&format!("routes/file_{i}.py"), i as u32 + 1, if i % 2 == 0 { "larder" } else { "board" })).collect::<Vec<_>>();
    Answers { question: question.to_owned(), total: rows as u64, answers: all, complete: true, missing: Vec::new(), notes: Vec::new() }
}

fn desk(size: (u16, u16)) -> State {
    let mut state = State::new("larder-hollow".to_owned(), size, Theme::dark());
    state.ready = true;
    state.screen = Screen::Desk;
    done(&mut state, Lane::Page, Outcome::Page(spot("a.py", 40), Ok(Box::new(page("a.py", 300)))));
    state
}

fn spot(path: &str, line: u32) -> Spot {
    Spot { path: path.to_owned(), line, column: 5 }
}

fn done(state: &mut State, lane: Lane, outcome: Outcome) -> Vec<Effect> {
    let number = state.latest[lane as usize];
    update(state, Event::Done((lane, number, outcome)))
}

fn press(state: &mut State, code: KeyCode) -> Vec<Effect> {
    update(state, Event::Key(KeyEvent::new(code, KeyModifiers::NONE)))
}

fn type_text(state: &mut State, text: &str) -> Vec<Effect> {
    text.chars().flat_map(|c| press(state, KeyCode::Char(c))).collect()
}

fn screen(state: &State) -> Vec<String> {
    let mut terminal = Terminal::new(TestBackend::new(state.size.0, state.size.1)).expect("a terminal in memory");
    terminal.draw(|frame| view::draw(state, frame)).expect("drawn");
    let buffer = terminal.backend().buffer().clone();
    (0..state.size.1).map(|y| (0..state.size.0).map(|x| buffer[(x, y)].symbol().to_owned()).collect::<String>()).collect()
}

fn follow(state: &mut State, to: &str, line: u32) -> Vec<Effect> {
    let mut target = answers("", 1);
    target.answers[0] = answer(to, line, "larder");
    let effects = done(state, Lane::Page, Outcome::Followed(Ok(target)));
    let loads = effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(_))));
    if loads {
        done(state, Lane::Page, Outcome::Page(spot(to, line), Ok(Box::new(page(to, 300)))));
    }
    effects
}

#[rstest]
#[case::wide((160, 45))]
#[case::small((80, 24))]
fn everything_that_can_be_done_is_found_by_typing(#[case] size: (u16, u16)) {
    let mut state = desk(size);
    press(&mut state, KeyCode::Char('.'));
    assert!(screen(&state).join("\n").contains("things to do here"));
    type_text(&mut state, "who calls");
    let shown = screen(&state).join("\n");
    assert!(shown.contains("1 thing to do here") && shown.contains("who calls it"), "{shown}");
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Ask { question, .. })] if question.starts_with("who calls")), "{effects:?}");
    press(&mut state, KeyCode::Char('.'));
    type_text(&mut state, "fly to the moon");
    assert!(screen(&state).join("\n").contains("no action on this screen"));
    assert!(press(&mut state, KeyCode::Enter).is_empty());
}

#[test]
fn following_leaves_a_track_and_backspace_goes_back_the_same_way() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Enter);
    follow(&mut state, "b.py", 12);
    follow(&mut state, "c.py", 30);
    assert_eq!(state.desk.track.iter().map(|h| (h.from.path.as_str(), h.from.line)).collect::<Vec<_>>(), [("a.py", 40), ("b.py", 12)]);
    let shown = screen(&state);
    assert!(shown[1].contains("came by") && shown[1].contains("a.py:40") && shown[2].contains("b.py:12") && shown[3].contains("here"), "{shown:#?}");
    press(&mut state, KeyCode::Backspace);
    done(&mut state, Lane::Page, Outcome::Page(spot("b.py", 12), Ok(Box::new(page("b.py", 300)))));
    assert_eq!((state.desk.spot.path.as_str(), state.desk.spot.line, state.desk.track.len()), ("b.py", 12, 1));
    press(&mut state, KeyCode::Char('f'));
    assert_eq!(state.desk.loading.as_ref().map(|s| s.path.as_str()), Some("c.py"));
}

#[test]
fn what_is_pressed_while_a_newer_index_is_opened_holds() {
    // A reload that came back put the cursor where it had stood, and took the place of a jump under way: keys were lost.
    let mut state = desk((160, 45));
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Reload(s)) if *s == spot("a.py", 40))), "{effects:?}");
    let top = state.desk.top;
    press(&mut state, KeyCode::Down);
    done(&mut state, Lane::Reload, Outcome::Reloaded(Ok(Box::new(page("a.py", 299)))));
    assert_eq!((state.desk.spot.line, state.desk.top, state.desk.page.as_ref().map(|p| p.lines.len())), (41, top, Some(299)));
    // A file that has become shorter ends where it ends.
    done(&mut state, Lane::Reload, Outcome::Reloaded(Ok(Box::new(page("a.py", 20)))));
    assert_eq!(state.desk.spot.line, 20);
    press(&mut state, KeyCode::Enter);
    let mut target = answers("", 1);
    target.answers[0] = answer("b.py", 12, "larder");
    done(&mut state, Lane::Page, Outcome::Followed(Ok(target)));
    let effects = done(&mut state, Lane::Index, Outcome::Opened);
    assert!(!effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(_)))), "the jump goes on: {effects:?}");
    done(&mut state, Lane::Page, Outcome::Page(spot("b.py", 12), Ok(Box::new(page("b.py", 300)))));
    done(&mut state, Lane::Reload, Outcome::Reloaded(Ok(Box::new(page("a.py", 300)))));
    assert_eq!(state.desk.page.as_ref().map(|p| p.path.as_str()), Some("b.py"), "a file that was left is not shown again");
}

#[test]
fn the_track_folds_older_rows_into_a_count() {
    let mut state = desk((160, 45));
    for i in 0..8 {
        follow(&mut state, &format!("f{i}.py"), 10 + i);
    }
    let shown = screen(&state);
    assert!(shown[1].contains("+4"), "{}", shown[1]);
    assert!(shown[5].contains("here") && shown[5].contains("f7.py:17"), "{}", shown[5]);
}

#[test]
fn letters_are_text_in_the_ask_line_and_commands_elsewhere() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('/'));
    type_text(&mut state, "who calls q");
    assert_eq!((state.ask.mode, state.ask.text.as_str()), (AskMode::Question, "who calls q"));
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Ask { question, .. })] if question == "who calls q"));
    assert!(matches!(press(&mut state, KeyCode::Char('q'))[..], [Effect::Quit]));
}

#[test]
fn a_mistake_comes_back_to_be_mended() {
    let mut state = desk((160, 45));
    done(
        &mut state,
        Lane::Ask,
        Outcome::Answers("who cals x".to_owned(), Err(compass_session::Failure::UnknownFile("cals is not understood here".to_owned()))),
    );
    assert_eq!(state.ask.text, "who cals x");
    assert!(state.is_wrong && screen(&state)[44].contains("cals is not understood"));
}

#[test]
fn escape_leads_back_to_the_code() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Ask, Outcome::Answers("q".to_owned(), Ok(answers("q", 9))));
    press(&mut state, KeyCode::Char('n'));
    type_text(&mut state, "file_3");
    assert_eq!(state.answers.shown().expect("answers").rows().len(), 1);
    press(&mut state, KeyCode::Esc);
    assert_eq!(state.screen, Screen::Answers);
    press(&mut state, KeyCode::Esc);
    assert_eq!(state.screen, Screen::Desk);
}

#[test]
fn answers_stand_as_they_were_left() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Ask, Outcome::Answers("first".to_owned(), Ok(answers("first", 9))));
    press(&mut state, KeyCode::Down);
    press(&mut state, KeyCode::Down);
    done(&mut state, Lane::Ask, Outcome::Answers("second".to_owned(), Ok(answers("second", 3))));
    press(&mut state, KeyCode::Left);
    let kept = state.answers.shown().expect("answers");
    assert_eq!((kept.answers.question.as_str(), kept.selected), ("first", 2));
    press(&mut state, KeyCode::Enter);
    assert_eq!(state.desk.loading.as_ref().map(|s| s.path.as_str()), Some("routes/file_2.py"));
    press(&mut state, KeyCode::F(3));
    assert_eq!(state.answers.shown().expect("answers").selected, 2);
}

#[test]
fn answers_of_older_jobs_are_dropped() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('j'));
    type_text(&mut state, "tu");
    let old = state.latest[Lane::Jump as usize] - 1;
    update(&mut state, Event::Done((Lane::Jump, old, Outcome::Jump(Ok(answers("old", 5))))));
    assert!(state.ask.rows.is_empty());
    done(&mut state, Lane::Jump, Outcome::Jump(Ok(answers("new", 5))));
    assert_eq!(state.ask.rows.len(), 5);
}

#[test]
fn digits_choose_rows_and_groups() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Ask, Outcome::Answers("q".to_owned(), Ok(answers("q", 9))));
    press(&mut state, KeyCode::Char('4'));
    assert_eq!(state.desk.loading.as_ref().map(|s| s.path.as_str()), Some("routes/file_3.py"));
}

#[test]
fn mentions_are_walked_around_the_end() {
    let mut state = desk((160, 45));
    let first = state.desk.spot.clone();
    press(&mut state, KeyCode::Char('p'));
    press(&mut state, KeyCode::Char('n'));
    assert_eq!((state.desk.spot.line, state.desk.spot.column), (first.line, first.column));
}

#[test]
fn the_cursor_stays_in_view_when_the_terminal_changes() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::End);
    update(&mut state, Event::Resize(100, 20));
    let rows = u32::from(crate::tui::layout::desk(&state).code.height);
    assert!(state.desk.top <= state.desk.spot.line && state.desk.spot.line < state.desk.top + rows);
}

#[rstest]
#[case::wide(160, 45)]
#[case::middle(100, 30)]
#[case::narrow(80, 24)]
#[case::smallest(60, 15)]
#[case::too_small(50, 12)]
#[case::tiny(1, 1)]
fn every_screen_is_drawn_at_every_size(#[case] cols: u16, #[case] rows: u16) {
    let mut state = desk((cols, rows));
    state.survey.data = Some(SurveyData {
        linked: true,
        roots: vec!["/work/larder-hollow".to_owned()],
        units: vec![("larder".into(), "1.0".into(), 12, true)],
        ..SurveyData::default()
    });
    done(&mut state, Lane::Ask, Outcome::Answers("who calls turn".to_owned(), Ok(answers("who calls turn", 40))));
    for which in [Screen::Survey, Screen::Desk, Screen::Answers] {
        state.screen = which;
        for help in [false, true] {
            state.help = help;
            let shown = screen(&state);
            assert_eq!(shown.len(), rows as usize);
            if (cols, rows) == (50, 12) {
                assert!(shown[0].contains("Amber Compass needs 60"), "{}", shown[0]);
            }
        }
    }
    state.help = false;
    state.ask.open(AskMode::Jump);
    state.ask.rows = answers("", 30).answers;
    screen(&state);
}

#[test]
fn the_desk_shows_band_code_and_where_one_is() {
    let state = desk((160, 45));
    let shown = screen(&state);
    assert!(shown[1].contains("here") && shown[1].contains("a.py:40"), "{}", shown[1]);
    assert!(shown[2].contains("band") && shown[2].contains("part_3!"), "{}", shown[2]);
    assert!(shown.iter().any(|l| l.contains("40") && l.contains("name_40 = call_5(name_1)")));
    assert!(shown[44].contains("Enter follow"));
}

#[test]
fn answers_lead_with_role_function_and_caller() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Ask, Outcome::Answers("who calls turn".to_owned(), Ok(answers("who calls turn", 3))));
    let shown = screen(&state);
    assert!(shown[1].contains("who calls turn") && shown[1].contains("3 rows · complete"), "{}", shown[1]);
    assert!(shown[5].contains("call") && shown[5].contains("Planner.plan ← serve") && shown[5].contains("= routes/file_0.py:1"), "{}", shown[5]);
}

#[test]
fn the_keys_of_a_screen_are_shown_by_a_question_mark() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('?'));
    let shown = screen(&state).join("\n");
    assert!(shown.contains("keys of this screen") && shown.contains("who calls it") && shown.contains("~ inferred"));
    press(&mut state, KeyCode::Char('x'));
    assert!(!state.help);
}

#[test]
fn hostile_text_is_shown_as_symbols() {
    let mut state = desk((160, 45));
    if let Some(page) = &mut state.desk.page {
        page.lines[39].text = "a \u{1b}[2J \u{202E} b".to_owned();
    }
    let shown = screen(&state).join("\n");
    assert!(!shown.contains('\u{1b}') && !shown.contains('\u{202E}') && shown.contains('␛'));
}

#[test]
fn without_colour_nothing_is_coloured() {
    use ratatui::style::Color;
    let mut state = desk((100, 30));
    state.theme = Theme::plain();
    let mut terminal = Terminal::new(TestBackend::new(100, 30)).expect("a terminal in memory");
    terminal.draw(|frame| view::draw(&state, frame)).expect("drawn");
    assert!(terminal.backend().buffer().content.iter().all(|c| c.fg == Color::Reset && c.bg == Color::Reset));
}

#[test]
fn indexing_fills_in_while_it_runs() {
    let mut state = State::new("larder-hollow".to_owned(), (100, 30), Theme::dark());
    update(
        &mut state,
        Event::Done((
            Lane::Index,
            0,
            Outcome::Progress { phase: compass_index::Phase::Read, done: 5_000_000, total: 10_000_000, elapsed: std::time::Duration::from_secs(2) },
        )),
    );
    let shown = screen(&state).join("\n");
    assert!(shown.contains("indexing") && shown.contains("50 %") && shown.contains("2 s left"), "{shown}");
    let effects = update(&mut state, Event::Done((Lane::Index, 0, Outcome::Opened)));
    assert!(state.ready && matches!(effects[..], [Effect::Start(_, Job::Survey), Effect::Start(_, Job::Names)]));
}

#[test]
fn packages_follow_own_code_and_another_writer_is_named() {
    let mut state = State::new("larder-hollow".to_owned(), (160, 45), Theme::dark());
    let mut told = |outcome| {
        update(&mut state, Event::Done((Lane::Index, 0, outcome)));
        screen(&state).join("\n")
    };
    told(Outcome::Opened);
    told(Outcome::Packages(compass_index::plan::Deps::Direct));
    let progress = |done| Outcome::Progress { phase: compass_index::Phase::Read, done, total: 10_000_000, elapsed: std::time::Duration::from_secs(2) };
    let shown = told(progress(5_000_000));
    assert!(shown.contains("direct packages: read  5.0 MB of 10.0 MB"), "{shown}");
    told(Outcome::Packages(compass_index::plan::Deps::All));
    let shown = told(progress(1_000_000));
    assert!(shown.contains(" packages: read  1.0 MB") && !shown.contains("direct"), "{shown}");
    assert!(told(Outcome::Waiting(4711)).contains("process 4711 is bringing this index up to date"));
}

fn unit_entry(number: u32, name: &str, own: bool, place: Option<(&str, u32)>) -> compass_trace::units::Entry {
    compass_trace::units::Entry {
        node: compass_trace::units::Node::Unit(compass_index::UnitId(number)),
        tag: "cargo".to_owned(),
        name: name.to_owned(),
        detail: "3 files".to_owned(),
        place: place.map(|(p, l)| (p.to_owned(), l, 1)),
        opens: place.is_none(),
        own,
        root: None,
    }
}

/// The list of units with two of them, the screen shown.
fn units(size: (u16, u16)) -> State {
    let mut state = State::new("larder-hollow".to_owned(), size, Theme::dark());
    state.ready = true;
    let effects = press(&mut state, KeyCode::F(7));
    assert!(matches!(effects[..], [Effect::Start(_, Job::Units(None))]), "{effects:?}");
    let entries = vec![unit_entry(0, "board 0.1.0", true, None), unit_entry(1, "rack 1.2.0", false, None)];
    let number = state.latest[Lane::Units as usize];
    update(&mut state, Event::Done((Lane::Units, number, Outcome::Units(None, Ok(entries)))));
    state
}

/// Unfolds the selected row into one file.
fn unfolded(state: &mut State) {
    let node = state.units.current().expect("a row").entry.node;
    let effects = press(state, KeyCode::Right);
    assert!(matches!(&effects[..], [Effect::Start(_, Job::Units(Some(n)))] if *n == node), "{effects:?}");
    let number = state.latest[Lane::Units as usize];
    let entries = vec![unit_entry(7, "src/lib.rs", true, Some(("board/src/lib.rs", 4)))];
    update(state, Event::Done((Lane::Units, number, Outcome::Units(Some(node), Ok(entries)))));
}

#[rstest]
#[case::wide(160, 45)]
#[case::middle(100, 30)]
#[case::narrow(80, 24)]
#[case::smallest(60, 15)]
fn units_unfold_and_fold(#[case] cols: u16, #[case] rows: u16) {
    let mut state = units((cols, rows));
    let shown = screen(&state).join("\n");
    assert!(shown.contains("1 own, 1 of dependencies") && shown.contains("+ cargo      board 0.1.0") && shown.contains("UNITS"), "{shown}");
    unfolded(&mut state);
    let shown = screen(&state).join("\n");
    assert!(shown.contains("- cargo      board 0.1.0") && shown.contains("src/lib.rs"), "{shown}");
    // Right again goes into what is open; left folds what one stands in.
    press(&mut state, KeyCode::Right);
    assert_eq!(state.units.selected, 1);
    press(&mut state, KeyCode::Left);
    assert_eq!((state.units.selected, state.units.lines.len(), state.units.lines[0].open), (0, 2, false));
}

#[test]
fn a_row_of_units_with_a_place_opens_it() {
    let mut state = units((120, 40));
    unfolded(&mut state);
    let effects = press(&mut state, KeyCode::Char('2'));
    let is_it = |e: &Effect| matches!(e, Effect::Start(_, Job::Page(spot)) if spot.path == "board/src/lib.rs" && spot.line == 4);
    assert!(effects.iter().any(is_it), "{effects:?}");
}

#[test]
fn roots_are_added_by_typing_and_taken_out_by_their_units() {
    let mut state = units((120, 40));
    press(&mut state, KeyCode::Char('a'));
    assert!(screen(&state).join("\n").contains("Enter add this folder as a root"));
    type_text(&mut state, "../ripening");
    let effects = press(&mut state, KeyCode::Enter);
    assert!(matches!(&effects[..], [Effect::Roots(compass_session::roots::Change::Add(p))] if p.ends_with("ripening")), "{effects:?}");
    assert!(press(&mut state, KeyCode::Delete).is_empty() && state.is_wrong, "the first root stays");
    state.units.lines[0].entry.root = Some("/work/ripening".to_owned());
    let effects = press(&mut state, KeyCode::Delete);
    assert!(matches!(&effects[..], [Effect::Roots(compass_session::roots::Change::Remove(p))] if p.ends_with("ripening")), "{effects:?}");
}

#[test]
fn units_follow_the_index_and_keep_the_selected_one() {
    let mut state = units((120, 40));
    press(&mut state, KeyCode::Down);
    assert_eq!(state.units.current().map(|l| l.entry.name.as_str()), Some("rack 1.2.0"));
    let effects = update(&mut state, Event::Done((Lane::Index, 0, Outcome::Opened)));
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Units(None)))), "{effects:?}");
    let number = state.latest[Lane::Units as usize];
    let entries = vec![unit_entry(0, "board 0.1.0", true, None), unit_entry(2, "ash 1.0.0", false, None), unit_entry(1, "rack 1.2.0", false, None)];
    update(&mut state, Event::Done((Lane::Units, number, Outcome::Units(None, Ok(entries)))));
    assert_eq!(state.units.selected, 2);
    // A click chooses, a second one unfolds.
    let y = crate::tui::layout::units(&state).y;
    click(&mut state, 8, y);
    assert_eq!(state.units.selected, 0);
    assert!(matches!(click(&mut state, 8, y)[..], [Effect::Start(_, Job::Units(Some(_)))]));
}

#[test]
fn long_lists_keep_the_selected_row_in_view() {
    let mut state = desk((100, 30));
    done(&mut state, Lane::Ask, Outcome::Answers("q".to_owned(), Ok(answers("q", 120))));
    for _ in 0..70 {
        press(&mut state, KeyCode::Down);
    }
    assert!(screen(&state).iter().any(|l| l.contains('▸') && l.contains("file_70.py:71")));
    press(&mut state, KeyCode::End);
    assert!(screen(&state).iter().any(|l| l.contains('▸') && l.contains("file_119.py:120")));
}

#[test]
fn the_editor_is_asked_for_with_path_and_line() {
    let mut state = desk((160, 45));
    assert!(matches!(&press(&mut state, KeyCode::Char('e'))[..], [Effect::Edit(path, 40)] if path == "/src/a.py"));
}

#[test]
fn a_failed_load_is_said_and_the_page_stays() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Page, Outcome::Page(spot("gone.py", 1), Err(compass_session::Failure::UnknownFile("gone.py cannot be read".to_owned()))));
    assert!(state.is_wrong && state.desk.page.as_ref().is_some_and(|p| p.path == "a.py"));
}

#[test]
fn following_into_the_unknown_says_why() {
    let mut state = desk((160, 45));
    let mut none = answers("q", 0);
    none.missing.push(compass_index::Missing { cause: "unit_absent".to_owned(), count: 1 });
    done(&mut state, Lane::Page, Outcome::Followed(Ok(none)));
    assert!(state.message.as_deref().is_some_and(|m| m.contains("not indexed")));
    assert!(state.desk.track.is_empty());
}

#[test]
fn several_targets_are_said() {
    let mut state = desk((160, 45));
    done(&mut state, Lane::Page, Outcome::Followed(Ok(answers("q", 3))));
    assert!(state.message.as_deref().is_some_and(|m| m.contains("first of 3")));
}

#[test]
fn tab_goes_from_name_to_name_over_lines() {
    let mut state = desk((160, 45));
    let columns: Vec<(u32, u32)> = (0..4)
        .map(|_| {
            press(&mut state, KeyCode::Tab);
            (state.desk.spot.line, state.desk.spot.column)
        })
        .collect();
    assert_eq!(columns, [(40, 15), (40, 22), (41, 5), (41, 15)]);
}

#[test]
fn history_of_questions_is_recalled_in_the_ask_line() {
    let mut state = desk((160, 45));
    for question in ["first", "second"] {
        press(&mut state, KeyCode::Char('/'));
        type_text(&mut state, question);
        press(&mut state, KeyCode::Enter);
    }
    press(&mut state, KeyCode::Char('/'));
    press(&mut state, KeyCode::Up);
    assert_eq!(state.ask.text, "second");
    press(&mut state, KeyCode::Up);
    assert_eq!(state.ask.text, "first");
    press(&mut state, KeyCode::Down);
    assert_eq!(state.ask.text, "second");
}

#[test]
fn editing_in_the_ask_line_respects_wide_characters() {
    let mut state = desk((160, 45));
    press(&mut state, KeyCode::Char('/'));
    type_text(&mut state, "aé日");
    press(&mut state, KeyCode::Left);
    press(&mut state, KeyCode::Backspace);
    type_text(&mut state, "x");
    assert_eq!(state.ask.text, "ax日");
}

#[test]
fn refreshing_asks_for_one_run_at_a_time() {
    let mut state = desk((160, 45));
    state.request = Some(Box::default());
    assert!(matches!(press(&mut state, KeyCode::Char('R'))[..], [Effect::Start(_, Job::Index(_))]));
    assert!(press(&mut state, KeyCode::Char('R')).is_empty());
    assert_eq!(state.message.as_deref(), Some("indexing is under way"));
}

#[test]
fn changed_files_are_followed_without_a_word_and_never_forgotten() {
    let mut state = desk((160, 45));
    state.request = Some(Box::default());
    let started = update(&mut state, Event::Watched(Watched::Changed));
    assert!(matches!(started[..], [Effect::Start(_, Job::Index(_))]));
    assert!(update(&mut state, Event::Watched(Watched::Changed)).is_empty(), "one run at a time");
    assert_eq!(state.message, None);
    let ended = |number| Event::Done((Lane::Index, number, Outcome::Indexed(Ok((Box::default(), Vec::new())))));
    let number = |effects: &[Effect]| effects.iter().find_map(|e| if let Effect::Start(n, Job::Index(_)) = e { Some(*n) } else { None });
    let first = number(&started).expect("a run");
    let again = update(&mut state, ended(first));
    let second = number(&again).expect("what changed meanwhile is looked at");
    assert!(again.iter().any(|e| matches!(e, Effect::Watch)), "new folders are watched, too");
    assert_eq!(number(&update(&mut state, ended(second))), None);
    assert_eq!(state.message, None, "nothing changed, and nobody asked");
}

#[test]
fn who_cannot_watch_says_so_and_looks() {
    let mut state = desk((160, 45));
    state.request = Some(Box::default());
    let effects = update(&mut state, Event::Watched(Watched::Blind));
    assert!(matches!(effects[..], [Effect::Start(_, Job::Index(_))]));
    assert!(state.message.as_deref().is_some_and(|m| m.contains("every few seconds")));
}

#[test]
fn rows_that_come_in_leave_the_reader_where_he_is() {
    let mut state = desk((160, 45));
    state.ready = true;
    done(&mut state, Lane::Ask, Outcome::Answers("first".to_owned(), Ok(answers("first", 9))));
    state.answers.ask("text turn".to_owned());
    done(&mut state, Lane::Ask, Outcome::SoFar(answers("text turn", 3)));
    assert!(screen(&state)[1].contains("3 so far"), "{}", screen(&state)[1]);
    press(&mut state, KeyCode::Down);
    done(&mut state, Lane::Ask, Outcome::SoFar(answers("text turn", 6)));
    assert_eq!(state.answers.shown().map(|k| (k.selected, k.answers.answers.len())), Some((1, 6)));
    // To an earlier question, then to the code: what still comes in moves nobody.
    press(&mut state, KeyCode::Left);
    done(&mut state, Lane::Ask, Outcome::SoFar(answers("text turn", 8)));
    assert_eq!(state.answers.shown().map(|k| k.answers.question.as_str()), Some("first"));
    press(&mut state, KeyCode::F(2));
    done(&mut state, Lane::Ask, Outcome::Answers("text turn".to_owned(), Ok(answers("text turn", 9))));
    assert_eq!((state.screen, state.answers.waiting.as_deref()), (Screen::Desk, None));
    assert_eq!(state.answers.kept.iter().map(|k| k.answers.answers.len()).collect::<Vec<_>>(), [9, 9]);
}

#[test]
fn a_question_broken_off_is_shown_when_it_is_asked_again() {
    let mut state = desk((160, 45));
    state.answers.ask("text turn".to_owned());
    done(&mut state, Lane::Ask, Outcome::SoFar(answers("text turn", 3)));
    press(&mut state, KeyCode::F(2));
    state.answers.ask("text turn".to_owned());
    done(&mut state, Lane::Ask, Outcome::Answers("text turn".to_owned(), Ok(answers("text turn", 5))));
    assert_eq!((state.screen, state.answers.kept.len()), (Screen::Answers, 1));
}

/// All rows as one text.
fn drawn(state: &State) -> String {
    screen(state).join("\n")
}

fn hops(state: &State) -> Vec<(String, u32)> {
    state.desk.track.iter().map(|h| (h.from.path.clone(), h.from.line)).collect()
}
