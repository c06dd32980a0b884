//! Reading on the demo: what helps while one reads, driven as a person would.

use e2e::{Screen, program};
use rstest::rstest;
use std::path::Path;

fn command(home: &Path) -> String {
    demo_in(home, "demo")
}

fn demo_in(home: &Path, folder: &str) -> String {
    format!("{} demo --to {}", program().display(), home.join(folder).display())
}

/// The demo at the method that plans a turn.
fn at_plan_turn(home: &Path, cols: u16, rows: u16) -> Screen {
    let screen = Screen::start(cols, rows, home, &command(home));
    screen.survey();
    screen.keys(&["j"]);
    screen.text("pl tu");
    screen.wait_text("Planner.plan_turn");
    screen.keys(&["Enter"]);
    screen.wait("the method", |s| s.contains("planner.py:50") && s.contains("def plan_turn"));
    screen
}

#[test]
fn the_first_time_somebody_is_told_how_to_begin() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = Screen::start_first(120, 40, home.path(), &command(home.path()));
    screen.wait("the guide", |s| s.contains("how to begin with larder-hollow") && s.contains("any key closes it"));
    // What one reads there is tried at once.
    screen.keys(&["j"]);
    screen.text("pl tu");
    screen.wait("a jump", |s| s.contains("Planner.plan_turn") && !s.contains("how to begin"));
    screen.keys(&["Escape"]);
    screen.wait("the survey", |s| !s.contains("pl tu"));
    screen.keys(&["q"]);
    screen.wait("the shell", |s| !s.contains(" F2"));
    let again = Screen::start_first(120, 40, home.path(), &demo_in(home.path(), "another"));
    let shown = again.survey();
    assert!(!shown.contains("how to begin"), "{shown}");
}

#[rstest]
#[case::wide(160, 45)]
#[case::middle(100, 30)]
#[case::small(80, 24)]
fn a_question_is_carried_on_by_what_is_offered(#[case] cols: u16, #[case] rows: u16) {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = Screen::start(cols, rows, home.path(), &command(home.path()));
    screen.survey();
    screen.keys(&["/"]);
    screen.text("who ca");
    screen.wait("the relation", |s| s.contains("Tab takes") && s.contains("calls"));
    screen.keys(&["Tab"]);
    screen.text("plan_t");
    screen.wait("the name", |s| s.contains("plan_turn"));
    screen.keys(&["Tab"]);
    screen.text("in rou");
    screen.wait("the folder", |s| s.contains("routes/"));
    screen.keys(&["Tab"]);
    screen.wait("the question", |s| s.contains("who calls plan_turn in routes/"));
    screen.keys(&["Enter"]);
    screen.wait("answers", |s| s.contains("complete") && s.contains("wheels.py"));
}

#[test]
fn the_outline_narrows_and_leads_there_and_back() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = at_plan_turn(home.path(), 140, 40);
    screen.keys(&["o"]);
    let shown = screen.wait("the outline", |s| s.contains("outline ") && s.contains("brings in") && s.contains("slot_for"));
    assert!(shown.contains("from .errors import RackFull, TooSoon"), "{shown}");
    screen.text("slot_f");
    screen.wait("one row", |s| s.contains("outline  1 of "));
    screen.keys(&["Enter"]);
    screen.wait("the method", |s| s.contains("planner.py:68") && s.contains("came by"));
    screen.keys(&["BSpace"]);
    screen.wait("back", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("planner.py:50")));
}

#[test]
fn a_file_is_folded_to_an_excerpt_and_the_call_one_is_in_is_told() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = at_plan_turn(home.path(), 160, 45);
    for _ in 0..5 {
        screen.keys(&["Down"]);
    }
    screen.wait_text("planner.py:55");
    // Past `wheel`, `self`, `wheels` and `find` to its argument.
    screen.keys(&["Tab", "Tab", "Tab", "Tab"]);
    screen.wait("the call", |s| s.contains("in  WheelStore.find(wheel_id: int)"));
    screen.keys(&["+"]);
    let shown = screen.wait("an excerpt", |s| s.contains("class HeavyLow: … 8 lines"));
    assert!(shown.contains("wheel = self.wheels.find(wheel_id)") && !shown.contains("return min(free"), "{shown}");
    screen.keys(&["+"]);
    screen.wait("everything", |s| !s.contains("… 8 lines"));
    screen.keys(&["-"]);
    screen.wait("the method folded", |s| s.contains("def plan_turn(self, wheel_id: int, by: str) -> Turn: … 16 lines"));
    screen.keys(&["-"]);
    screen.keys(&["W"]);
    screen.wait("blanks", |s| s.contains("····wheel·=·self.wheels.find(wheel_id)↵"));
    screen.keys(&["W"]);
    screen.keys(&["a"]);
    screen.wait("the code alone", |s| !s.contains(" band ") && s.contains("def plan_turn"));
    screen.keys(&["Escape"]);
    screen.wait("all of it", |s| s.contains(" band "));
}

#[rstest]
#[case::wide(160, 45)]
#[case::small(80, 24)]
fn a_place_stays_aside_while_one_reads_on(#[case] cols: u16, #[case] rows: u16) {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = at_plan_turn(home.path(), cols, rows);
    screen.keys(&["s"]);
    screen.wait_text("aside  ");
    screen.keys(&["j"]);
    screen.text("probe_refresh_all");
    screen.wait_text("probe.c:37");
    screen.keys(&["Enter"]);
    screen.wait("both", |s| s.contains("probe.c:37") && s.contains("planner.py:50") && s.contains("def plan_turn"));
    screen.keys(&["S"]);
    screen.wait("swapped", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("planner.py:50")) && s.contains("probe_refresh_all"));
}

#[rstest]
#[case::wide(160, 45)]
#[case::small(80, 24)]
fn folders_unfold_in_place_and_a_file_is_opened_from_them(#[case] cols: u16, #[case] rows: u16) {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = at_plan_turn(home.path(), cols, rows);
    screen.keys(&["h"]);
    screen.wait("the folders", |s| s.contains("folders ") && s.contains("read now"));
    screen.keys(&["End"]);
    screen.keys(&["Up", "Up", "Up", "Up", "Up", "Up"]);
    screen.wait("a folder", |s| s.contains("▸ sensors/"));
    screen.keys(&["Right"]);
    screen.wait("what it holds", |s| s.contains("▾ sensors/") && s.contains("include/"));
    screen.wait("the place stays", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("planner.py:50")));
    screen.keys(&["End"]);
    screen.keys(&["Up", "Up"]);
    screen.keys(&["Enter"]);
    screen.wait("a file", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("README.md:1")));
}

#[test]
fn names_are_looked_for_in_open_places_alone() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = at_plan_turn(home.path(), 140, 40);
    screen.keys(&["j"]);
    screen.text("turn in open");
    let shown = screen.wait("those of one file", |s| s.contains("Planner.plan_turn") && !s.contains("turns.py"));
    assert!(shown.contains("planner.py:50"), "{shown}");
}
