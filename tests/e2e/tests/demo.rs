//! Walks on the demo, as a person would.

use e2e::{Screen, program};
use rstest::rstest;

fn open(cols: u16, rows: u16) -> (tempfile::TempDir, Screen) {
    let home = tempfile::tempdir().expect("a temporary folder");
    let command = format!("{} demo --to {}", program().display(), home.path().join("demo").display());
    let screen = Screen::start(cols, rows, home.path(), &command);
    screen.wait_text("entry points");
    (home, screen)
}

/// The rows of the track.
fn track(shown: &str) -> Vec<&str> {
    shown.lines().skip(1).take_while(|l| !l.starts_with(" band")).collect()
}

#[rstest]
#[case::wide(160, 45)]
#[case::middle(100, 30)]
fn jump_follow_ask_and_come_back(#[case] cols: u16, #[case] rows: u16) {
    let (_home, screen) = open(cols, rows);
    screen.keys(&["j"]);
    screen.text("plan tu");
    screen.wait_text("Planner.plan_turn");
    screen.keys(&["Enter"]);
    screen.wait("the method", |s| s.contains("planner.py:50") && s.contains("def plan_turn"));
    // Down to `self.wheels.save(wheel)`, then to the name `save`.
    for _ in 0..12 {
        screen.keys(&["Down"]);
    }
    screen.wait_text("planner.py:62");
    screen.keys(&["Tab", "Tab", "Tab"]);
    screen.keys(&["Enter"]);
    let shown = screen.wait("the store", |s| s.contains("store/wheels.py") && s.contains("def save(self"));
    assert!(track(&shown)[0].contains("planner.py:62"), "the line one left is on the track:\n{shown}");
    screen.keys(&["c"]);
    let shown = screen.wait("callers", |s| s.contains("plan_turn") && s.contains("rows ·"));
    assert!(shown.contains("weigh"), "both callers:\n{shown}");
    screen.keys(&["Escape"]);
    screen.wait_text("def save(self");
    screen.keys(&["BSpace"]);
    screen.wait("the way back", |s| track(s).iter().any(|l| l.starts_with(" here") && l.contains("planner.py:62")));
    screen.keys(&["q"]);
    screen.wait("the shell", |s| !s.contains("band"));
}

#[test]
fn a_question_with_a_mistake_can_be_mended() {
    let (_home, screen) = open(120, 35);
    screen.keys(&["/"]);
    screen.text("who cals save");
    screen.keys(&["Enter"]);
    screen.wait_text("cals is not understood here");
    for _ in 0..9 {
        screen.keys(&["BSpace"]);
    }
    screen.text("calls save");
    screen.keys(&["Enter"]);
    screen.wait("answers", |s| s.contains("2 rows"));
    screen.keys(&["n"]);
    screen.text("weigh");
    screen.wait("narrowed rows", |s| s.contains("1 of 2 rows"));
}

#[test]
fn gaps_are_listed_and_the_planted_one_is_among_them() {
    let (_home, screen) = open(140, 40);
    screen.keys(&["/"]);
    screen.text("gaps in sensors");
    screen.keys(&["Enter"]);
    let shown = screen.wait("gaps", |s| s.contains("rows ·"));
    assert!(shown.contains("syntax") && shown.contains("legacy.c") && shown.contains("import_not_found"), "{shown}");
}

#[test]
fn the_editor_opens_and_gives_the_terminal_back() {
    let (_home, screen) = open(120, 35);
    screen.keys(&["Enter"]);
    screen.wait_text("band");
    screen.keys(&["e"]);
    screen.wait("the desk again", |s| s.contains("band") && s.contains("changed since the last time"));
}

#[test]
fn a_small_terminal_gets_a_message_and_a_larger_one_the_program() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let command = format!("{} demo --to {}", program().display(), home.path().join("demo").display());
    let screen = Screen::start(50, 12, home.path(), &command);
    screen.wait_text("Amber Compass needs");
    screen.keys(&["q"]);
}
