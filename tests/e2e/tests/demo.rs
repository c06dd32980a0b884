//! Walks on the demo, as a person would.

use e2e::{Screen, program};
use rstest::rstest;

fn open(cols: u16, rows: u16) -> (tempfile::TempDir, Screen) {
    let home = tempfile::tempdir().expect("a temporary folder");
    let command = format!("{} demo --to {}", program().display(), home.path().join("demo").display());
    let screen = Screen::start(cols, rows, home.path(), &command);
    screen.survey();
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
    // A picture may be taken while a frame is being drawn: the last row is waited for, not looked up in the first one.
    screen.wait("both callers", |s| s.contains("plan_turn") && s.contains("2 rows ·") && s.contains("weigh"));
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

#[rstest]
#[case::wide(160, 47)]
#[case::middle(100, 30)]
fn from_the_button_to_the_table_and_back(#[case] cols: u16, #[case] rows: u16) {
    let (_home, screen) = open(cols, rows);
    screen.keys(&["/"]);
    screen.text("how does onTurn reach turn_climates");
    screen.keys(&["Enter"]);
    let shown = screen.wait("the way", |s| s.contains("from TurningBoard.onTurn to turn_clim") && s.contains("way 1 of"));
    for text in ["page", "http  POST", "route", "service"] {
        assert!(shown.contains(text), "{text}:\n{shown}");
    }
    // Every place of the way opens, and one comes back to it.
    let places = [
        "turn.ts:50",
        "turn.ts:51",
        "store.ts:37",
        "store.ts:40",
        "client.ts:56",
        "client.ts:57",
        "wheels.py:24",
        "wheels.py:26",
        "planner.py:50",
        "planner.py:65",
        "ripening.py:34",
        "ripening.py:36",
    ];
    for (n, place) in places.iter().enumerate() {
        screen.keys(&["F4"]);
        screen.wait("the chains", |s| s.contains("way 1 of"));
        if n > 0 {
            screen.keys(&["Down"]);
        }
        screen.keys(&["Enter"]);
        screen.wait(place, |s| s.lines().any(|l| l.starts_with(" here") && l.contains(place)));
        screen.keys(&["BSpace"]);
    }
    screen.keys(&["F4", "End"]);
    screen.keys(&["Enter"]);
    screen.wait("the table", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("schema.sql")));
    screen.keys(&["F4", "k"]);
    screen.wait_text("kept in");
}

#[test]
fn four_steps_of_a_macro() {
    let (_home, screen) = open(160, 47);
    screen.keys(&["j"]);
    screen.text("probe refresh all");
    screen.wait_text("probe_refresh_all");
    screen.keys(&["Enter"]);
    screen.wait_text("READ_ALL(probes, centi_celsius)");
    screen.keys(&["Down", "Down", "Tab", "x"]);
    screen.wait("the panel", |s| s.contains("unfolded") && s.contains("step 4 of 4"));
    screen.keys(&["F5", "Home"]);
    for (n, text) in ["READ_ALL(probes", "EACH(probes, i_)", "COUNT(probes)", "do {", "sizeof(probes)"].iter().enumerate() {
        if n > 0 {
            screen.keys(&["Down"]);
        }
        screen.wait(text, |s| s.contains(&format!("step {n} of 4")) && s.contains(text));
    }
    screen.keys(&["Tab", "Right"]);
    screen.wait_text("from here");
    screen.keys(&["Tab", "Enter"]);
    screen.wait("the macro", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("util.h")));
    screen.keys(&["BSpace"]);
    screen.wait("back at the call", |s| s.lines().any(|l| l.starts_with(" here") && l.contains("probe.c:39")));
    screen.keys(&["Escape"]);
    screen.wait("no panel", |s| !s.contains("Esc closes"));
}

#[test]
fn callers_and_callees_grow_by_levels() {
    let (_home, screen) = open(160, 47);
    screen.keys(&["j"]);
    screen.text("plan tu");
    screen.wait_text("Planner.plan_turn");
    screen.keys(&["Enter"]);
    screen.wait_text("def plan_turn");
    screen.keys(&["t"]);
    let shown = screen.wait("the list", |s| s.contains("chain of Planner.plan_turn") && s.contains("2 levels"));
    assert!(shown.contains("LarderClient.turn") && shown.contains("http"), "the crossing is above:\n{shown}");
    screen.keys(&["Right"]);
    screen.wait("a level more", |s| s.contains("3 levels") && s.contains("BoardStore.turn"));
}

#[test]
fn a_generator_is_lowered_on_the_screen() {
    let (_home, screen) = open(160, 47);
    screen.keys(&["j"]);
    screen.text("last of each");
    screen.wait_text("last_of_each");
    screen.keys(&["Enter"]);
    screen.wait_text("def last_of_each");
    screen.keys(&["x"]);
    screen.wait("the panel", |s| s.contains("class LastOfEach") && s.contains("primitive"));
    screen.keys(&["F5", "1"]);
    screen.wait("a depth", |s| s.contains("depth states") && s.contains("gen.latest"));
}

#[test]
fn a_file_changed_by_another_program_is_read_without_asking() {
    let (home, screen) = open(140, 40);
    screen.keys(&["j"]);
    screen.text("plan tu");
    screen.wait_text("Planner.plan_turn");
    screen.keys(&["Enter"]);
    screen.wait("the method", |s| s.contains("def plan_turn"));
    let file = files(&home.path().join("demo")).into_iter().find(|p| p.ends_with("planner.py")).expect("the planner of the demo");
    let text = std::fs::read_to_string(&file).expect("its text");
    // As editors save: a new file takes the place of the old one.
    let saved = file.with_extension("saving");
    std::fs::write(&saved, format!("{text}\n\ndef turn_by_moonlight(planner):\n    return planner.plan_turn(1, 2)\n")).expect("written");
    std::fs::rename(&saved, &file).expect("renamed");
    screen.wait("what was read and linked", |s| s.contains("1 files read") || s.contains("1 file read"));
    screen.keys(&["/"]);
    screen.text("who calls plan_turn");
    screen.keys(&["Enter"]);
    screen.wait("the new caller", |s| s.contains("turn_by_moonlight"));
}

/// All files below a folder.
fn files(dir: &std::path::Path) -> Vec<std::path::PathBuf> {
    let mut out = Vec::new();
    let mut open = vec![dir.to_owned()];
    while let Some(dir) = open.pop() {
        for entry in std::fs::read_dir(dir).into_iter().flatten().flatten() {
            if entry.path().is_dir() { open.push(entry.path()) } else { out.push(entry.path()) }
        }
    }
    out
}

#[test]
fn own_code_opens_first_and_packages_follow() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let write = |path: &str, text: &str| {
        let path = home.path().join(path);
        std::fs::create_dir_all(path.parent().expect("a parent")).expect("folders");
        std::fs::write(path, text).expect("a file");
    };
    write("board/Cargo.toml", "[package]\nname = \"board\"\nversion = \"0.1.0\"\n[dependencies]\nrack = \"1\"\n");
    write(
        "board/Cargo.lock",
        "[[package]]\nname = \"board\"\nversion = \"0.1.0\"\ndependencies = [\"rack\"]\n\n[[package]]\nname = \"rack\"\nversion = \"1.2.0\"\nsource = \"registry+https://registry.example.org\"\n",
    );
    write("board/src/lib.rs", "pub fn go() {\n    rack::turn();\n}\n");
    write(".cargo/registry/src/registry.example.org-1/rack-1.2.0/Cargo.toml", "[package]\nname = \"rack\"\nversion = \"1.2.0\"\n");
    write(".cargo/registry/src/registry.example.org-1/rack-1.2.0/src/lib.rs", "/// Turns all wheels.\npub fn turn() {}\n");
    let board = home.path().join("board");
    let screen = Screen::start(
        140,
        40,
        home.path(),
        &format!("RUSTUP_HOME={0}/none CARGO_HOME={0}/.cargo {1} {2}", home.path().display(), program().display(), board.display()),
    );
    screen.wait("the package among the units", |s| s.contains("1 unit of our own, 1 of dependencies"));
    screen.keys(&["/"]);
    screen.text("who calls turn");
    screen.keys(&["Enter"]);
    screen.wait("the call in the own code", |s| s.contains("src/lib.rs:2"));
    screen.keys(&["Enter"]);
    screen.wait("the call on the desk", |s| s.contains("rack::turn();"));
    screen.keys(&["Enter"]);
    let shown = screen.wait("the definition in the package", |s| s.contains("Turns all wheels"));
    assert!(shown.contains("rack-1.2.0"), "{shown}");
}

#[test]
fn from_a_form_through_a_procedure_to_a_table() {
    let (_home, screen) = open(160, 45);
    screen.keys(&["/"]);
    screen.text("how does racks.html reach Tables.fill");
    screen.keys(&["Enter"]);
    let shown = screen.wait("the way", |s| s.contains("way 1 of") && s.contains("to Tables.fill"));
    for text in ["http  POST", "rpc", "Planner.PlanNight", "server.go:44", "store.go:53"] {
        assert!(shown.contains(text), "{text}:\n{shown}");
    }
}

#[test]
fn a_function_in_a_table_has_the_callers_of_the_table() {
    let (_home, screen) = open(160, 45);
    screen.keys(&["/"]);
    screen.text("who calls serial_exchange");
    screen.keys(&["Enter"]);
    let shown = screen.wait("the call through the field", |s| s.contains("put there at sensors/src/serial.c"));
    for text in ["bus_read", "sensors/src/bus.c:34", "incomplete"] {
        assert!(shown.contains(text), "{text}:\n{shown}");
    }
    screen.keys(&["/"]);
    screen.text("how does onTurn reach any table");
    screen.keys(&["Enter"]);
    let shown = screen.wait("ways to tables", |s| s.contains("from TurningBoard.onTurn to"));
    assert!(shown.contains("http  POST") && shown.contains("table"), "{shown}");
}
