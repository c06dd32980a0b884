//! Whole tasks on the demo, from the first key to the last.

use e2e::{Screen, program};
use rstest::rstest;
use std::path::{Path, PathBuf};
use std::time::Duration;

/// The demo laid out in a home of its own, opened.
fn open(home: &Path, cols: u16, rows: u16, environment: &str) -> Screen {
    let command = format!("{environment} {} demo --to {}", program().display(), home.join("demo").display());
    let screen = Screen::start(cols, rows, home, &command);
    screen.survey();
    screen
}

/// The same code base, opened once more.
fn again(home: &Path) -> Screen {
    let root = std::fs::read_dir(home.join("demo")).expect("the demo").flatten().map(|e| e.path()).find(|p| p.is_dir()).expect("its folder");
    let screen = Screen::start(140, 40, home, &format!("{} {} --deps none", program().display(), root.display()));
    screen.survey();
    screen
}

fn quit(screen: &Screen) {
    screen.keys(&["Escape"]);
    screen.keys(&["q"]);
    screen.wait("the shell", |s| !s.contains(" F2"));
}

fn file(home: &Path, name: &str) -> PathBuf {
    let mut open = vec![home.join("demo")];
    while let Some(dir) = open.pop() {
        for path in std::fs::read_dir(dir).into_iter().flatten().flatten().map(|e| e.path()) {
            if path.is_dir() {
                open.push(path);
            } else if path.ends_with(name) {
                return path;
            }
        }
    }
    panic!("{name} is part of the demo");
}

/// The rows of the track.
fn track(shown: &str) -> Vec<&str> {
    shown.lines().skip(1).take_while(|l| !l.starts_with(" band")).collect()
}

/// Is one at a place that the track tells so?
fn is_here(shown: &str, place: &str) -> bool {
    track(shown).iter().any(|l| l.starts_with(" here") && l.contains(place))
}

/// Jumps to the method that plans a turn.
fn to_plan_turn(screen: &Screen) {
    screen.keys(&["j"]);
    screen.text("pl tu");
    screen.wait_text("Planner.plan_turn");
    screen.keys(&["Enter"]);
    screen.wait("the method", |s| s.contains("planner.py:50") && s.contains("def plan_turn"));
}

/// From there to the call of `find`, and a glance at it.
fn glance_at_find(screen: &Screen) -> String {
    for _ in 0..5 {
        screen.keys(&["Down"]);
    }
    screen.wait_text("planner.py:55");
    // Past `wheel`, `self` and `wheels` to `find`.
    screen.keys(&["Tab", "Tab", "Tab"]);
    screen.keys(&["g"]);
    screen.wait("the glance", |s| s.contains("glance ") && s.contains("store/wheels.py:23"))
}

#[rstest]
#[case::wide(160, 45, "")]
#[case::middle(100, 30, "")]
#[case::small(80, 24, "")]
#[case::without_colour(140, 40, "NO_COLOR=1")]
fn fragments_callers_glance_and_back_the_same_way(#[case] cols: u16, #[case] rows: u16, #[case] environment: &str) {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), cols, rows, environment);
    to_plan_turn(&screen);
    screen.keys(&["c"]);
    screen.wait("its callers", |s| s.contains("who calls") && s.contains("row ·"));
    screen.keys(&["Enter"]);
    screen.wait("a caller", |s| track(s).iter().any(|l| l.contains("planner.py:50")) && s.contains("here "));
    screen.keys(&["BSpace"]);
    screen.wait("the method again", |s| is_here(s, "planner.py:50"));
    let shown = glance_at_find(&screen);
    assert!(is_here(&shown, "planner.py:55"), "one has not left:\n{shown}");
    // On from there: a name in the text that is looked at.
    for _ in 0..4 {
        screen.keys(&["Down"]);
    }
    screen.keys(&["Tab", "Tab"]);
    screen.keys(&["g"]);
    screen.wait("a further glance", |s| track(s).iter().filter(|l| l.starts_with(" glance")).count() == 2 || s.contains("look 2"));
    screen.keys(&["Enter"]);
    let shown = screen.wait("both looks on the track", |s| track(s).iter().filter(|l| l.contains("wheels.py") || l.contains("planner.py")).count() >= 2);
    assert!(!shown.contains("glance  "), "{shown}");
    screen.keys(&["BSpace"]);
    screen.keys(&["BSpace"]);
    screen.wait("the way back", |s| is_here(s, "planner.py:55"));
    screen.keys(&["f"]);
    screen.wait("forward again", |s| is_here(s, "wheels.py"));
}

#[test]
fn a_glance_is_dropped_without_a_trace() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 160, 45, "");
    to_plan_turn(&screen);
    glance_at_find(&screen);
    screen.keys(&["Escape"]);
    screen.wait("the bearings again", |s| !s.contains("glance  ") && s.contains("planner.py:55") && !s.contains("came by"));
}

#[test]
fn a_bookmark_stays_on_its_symbol_whatever_happens_meanwhile() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 140, 40, "");
    to_plan_turn(&screen);
    screen.keys(&["m"]);
    screen.text("who frees the slot?");
    screen.keys(&["Enter"]);
    screen.wait_text("bookmark set");
    quit(&screen);
    drop(screen);
    let planner = file(home.path(), "planner.py");
    let text = std::fs::read_to_string(&planner).expect("its text");
    std::fs::write(&planner, format!("# one\n# two\n# three\n{text}")).expect("written");
    // The demo keeps its index beside it; here another one is made: the logbook is the person's own.
    let _ = std::fs::remove_dir_all(home.path().join("cache"));
    let screen = again(home.path());
    screen.keys(&["F8"]);
    screen.wait("the bookmark, three lines further down", |s| s.contains("who frees the slot?") && s.contains("planner.py:53"));
    screen.keys(&["Enter"]);
    screen.wait("its line", |s| s.contains("def plan_turn") && is_here(s, "planner.py:53"));
    screen.keys(&["F8"]);
    screen.keys(&["k"]);
    screen.wait_text("kept in");
    let kept = std::fs::read_dir(home.path().join("data/amber-compass/kept")).expect("kept").flatten().next().expect("a file");
    let markdown = std::fs::read_to_string(kept.path()).expect("text");
    assert!(markdown.contains("who frees the slot?") && markdown.contains("def plan_turn"), "{markdown}");
}

#[test]
fn answers_stand_as_they_were_left_also_after_a_restart() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 140, 40, "");
    screen.keys(&["/"]);
    screen.text("who uses Wheel");
    screen.keys(&["Enter"]);
    screen.wait("answers", |s| s.contains("rows ·"));
    screen.keys(&["n"]);
    screen.text("store");
    let narrowed = screen.wait("narrowed rows", |s| s.contains(" of ") && s.contains("rows ·") && s.contains("store"));
    let count = |s: &str| {
        s.lines().find(|l| l.contains("rows ·")).and_then(|l| l.split("rows ·").next()).map(|l| l.trim().rsplit("  ").next().unwrap_or("").to_owned())
    };
    let before = count(&narrowed);
    screen.keys(&["Down"]);
    screen.keys(&["Enter"]);
    screen.wait("a row on the desk", |s| s.contains("band"));
    screen.keys(&["F3"]);
    let back = screen.wait("the same answers", |s| s.contains("who uses Wheel") && s.contains("rows ·"));
    assert_eq!(count(&back), before, "{back}");
    quit(&screen);
    drop(screen);
    let screen = again(home.path());
    screen.keys(&["F3"]);
    let later = screen.wait("the same answers after a restart", |s| s.contains("who uses Wheel") && s.contains("rows ·"));
    assert_eq!(count(&later), before, "{later}");
    screen.keys(&["F2"]);
    screen.wait("the place one read", |s| s.contains("band") && s.contains("here "));
}

#[test]
fn gaps_one_after_the_other() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 140, 40, "");
    screen.keys(&["F9"]);
    screen.wait("gaps, what hides code first", |s| s.contains("import not found") && !s.contains("Not here: nothing among"));
    screen.keys(&["End"]);
    let shown = screen.wait("what an import that nobody answers means", |s| s.contains("Not here: nothing among"));
    assert!(shown.lines().any(|l| l.trim_start().starts_with("gaps ")), "{shown}");
    screen.keys(&["Enter"]);
    let first = screen.wait("the first on the desk", |s| s.contains("band"));
    screen.keys(&[">"]);
    screen.wait("the next", |s| track(s).last() != track(&first).last() && s.contains("band"));
    screen.keys(&["<"]);
    screen.wait("the first again", |s| track(s).last() == track(&first).last());
}

/// Asks a question in the ask line.
fn ask(screen: &Screen, question: &str) {
    screen.keys(&["/"]);
    screen.text(question);
    screen.keys(&["Enter"]);
}

#[test]
fn of_several_definitions_of_one_name_the_row_tells_which_is_which() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 160, 45, "");
    ask(&screen, "where is main");
    let shown = screen.wait("all of them", |s| s.contains("rows ·") && s.contains("watch.c"));
    let row = |part: &str| shown.lines().find(|l| l.contains(part)).unwrap_or_else(|| panic!("{part}:\n{shown}")).to_owned();
    assert!(row("board/src/main.ts").contains("export async function main()"), "{shown}");
    assert!(row("web/app.py").contains("def main()"), "{shown}");
    assert!(row("sensors/src/watch.c").contains("int main(int argc"), "{shown}");
    for _ in 0..4 {
        if screen.shown().lines().any(|l| l.contains('▸') && l.contains("watch.c")) {
            break;
        }
        screen.keys(&["Down"]);
    }
    screen.keys(&["Enter"]);
    screen.wait("the one that was chosen", |s| track(s).iter().any(|l| l.starts_with(" here") && l.contains("sensors/src/watch.c") && l.contains("int main(")));
}

#[test]
fn from_a_use_to_the_declaration_to_the_code_that_runs_and_back() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 140, 40, "");
    ask(&screen, "who calls bus_open");
    screen.wait("calls", |s| s.contains("row ·"));
    screen.keys(&["Enter"]);
    screen.wait("a call", |s| is_here(s, "bus_open("));
    screen.keys(&["d"]);
    let shown = screen.wait("its declaration", |s| s.contains("the declaration") && is_here(s, "bus.h"));
    assert!(shown.contains("proven") || shown.contains("inferred"), "it is said how sure that is:\n{shown}");
    screen.keys(&["d"]);
    screen.wait("the code that runs", |s| s.contains("the code that runs") && is_here(s, "bus.c"));
    screen.keys(&["d"]);
    screen.wait("the declaration again", |s| is_here(s, "bus.h"));
}

#[test]
fn who_writes_a_field_in_which_function_and_who_calls_that() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 160, 45, "");
    ask(&screen, "who writes Wheel.slot in routes/");
    let shown = screen.wait("the writes", |s| s.contains("row") && s.contains("planner.py:61"));
    let row = shown.lines().find(|l| l.contains("planner.py:61")).expect("a row").to_owned();
    assert!(row.contains("write") && row.contains("Planner.plan_turn ← ") && row.contains("wheel.slot = slot"), "{row}");
    assert!(shown.lines().any(|l| l.contains("model.py:40") && l.contains("slot: Optional[Slot] = None")), "its first value is a write:\n{shown}");
    screen.keys(&["Down", "Enter"]);
    screen.wait("the line", |s| is_here(s, "wheel.slot = slot"));
}

#[test]
fn a_failing_test_leads_to_the_change_that_broke_it_and_to_its_author() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 160, 45, "");
    ask(&screen, "where is HeavyLow.rank");
    screen.wait("the method", |s| s.contains("row ·"));
    screen.keys(&["Enter"]);
    let shown = screen.wait("the note at its line", |s| s.lines().any(|l| l.contains("def rank") && l.contains("failing: test_heavy_wheels_go_low")));
    assert!(!shown.lines().any(|l| l.contains("def plan_turn") && l.contains("failing")), "what is well is silent:\n{shown}");
    let shown = screen.wait("tests and changes", |s| s.contains("1 fails: test_heavy_wheels_go_low") && s.contains("2 changes, 1 new"));
    let number = |what: &str| {
        let at = shown.lines().find_map(|l| l.split(" │ ").last().filter(|r| r.contains(what))).expect("a group").trim().to_owned();
        at.split(' ').next().expect("its number").to_owned()
    };
    let (tests, upkeep) = (number(" tests "), number(" upkeep "));
    screen.keys(&["1"]);
    screen.keys(&[tests.as_str()]);
    screen.wait_text("calls it: assert 0 < -3");
    screen.keys(&[upkeep.as_str()]);
    screen.wait_text("new 2025-03-06");
    screen.keys(&["b"]);
    screen.keys(&["Down"]);
    screen.keys(&["Enter"]);
    let shown = screen.wait("the change", |s| s.contains("change 1 of 2") && s.contains("weight_grams / 1000"));
    assert!(shown.contains("joren@larder-hollow.example") && shown.contains("LH-16"), "{shown}");
    assert!(shown.lines().any(|l| l.trim_start().starts_with("- ") && l.contains("heavy = wheel.weight_grams >=")), "{shown}");
    screen.keys(&["y"]);
    screen.wait_text("clipboard: joren@larder-hollow.example");
    screen.keys(&["n"]);
    screen.wait("the change before", |s| s.contains("change 2 of 2") && s.contains("Mira Tolle"));
    screen.keys(&["Escape"]);
    screen.wait("the code again", |s| s.contains("class HeavyLow") && !s.contains("change 2 of 2"));
    screen.keys(&["Enter"]);
    screen.wait_text("change 1 of 2");
    screen.keys(&["n"]);
    screen.wait_text("change 2 of 2");
    screen.keys(&["Enter"]);
    screen.wait("the file as that change left it", |s| s.contains("as commit ") && s.contains("heavy = wheel.weight_grams >= self.heavy_grams"));
    screen.keys(&["Y"]);
    let told = screen.wait("the place with its commit", |s| s.contains("clipboard: routes/larder/planner.py:") && s.contains(" @ "));
    let place = told.lines().find_map(|l| l.split("clipboard: ").nth(1)).expect("a place").trim().to_owned();
    screen.keys(&["BSpace"]);
    screen.wait("back where one was", |s| s.contains("weight_grams / 1000 >="));
    quit(&screen);
    drop(screen);
    let root = std::fs::read_dir(home.path().join("demo")).expect("the demo").flatten().map(|e| e.path()).find(|p| p.is_dir()).expect("its folder");
    let command = format!("sh -c \"cd {} && exec {} --deps none '{place}'\"", root.display(), program().display());
    let screen = Screen::start(140, 40, home.path(), &command);
    // The index is brought up to date first, beside whatever else the machine does.
    screen.wait_within(std::time::Duration::from_secs(120), "the same place from the command line", |s| {
        s.contains("as commit ") && s.contains("def __init__(self, heavy_grams")
    });
}

#[test]
fn a_large_tree_can_be_read_and_searched_before_it_is_indexed() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let tree = home.path().join("caves");
    let filler: String = (0..60).map(|i| format!("    slot_{i} = wheel.find(rack, row={i}, column={i} + 1)\n")).collect();
    for i in 0..2500 {
        let folder = tree.join(format!("cave{}", i % 50));
        std::fs::create_dir_all(&folder).expect("folders");
        std::fs::write(folder.join(format!("shelf{i}.py")), format!("def shelf_{i}(wheel, rack):\n{filler}    return slot_1\n")).expect("a file");
    }
    std::fs::write(tree.join("pyproject.toml"), "[project]\nname = 'caves'\n").expect("a file");
    std::fs::write(tree.join("cave7/note.py"), "def wash_the_north_wall():\n    return 'brine'\n").expect("a file");
    let command = format!("{} {} --deps none", program().display(), tree.join("cave7/note.py").display());
    let screen = Screen::start(140, 40, home.path(), &command);
    let shown = screen.wait("the file, while the others are still read", |s| s.contains("def wash_the_north_wall"));
    assert!(!shown.contains("files read,"), "before the end of indexing:\n{shown}");
    ask(&screen, "text brine");
    let shown = screen.wait("the text", |s| s.contains("1 row"));
    assert!(shown.contains("note.py") && shown.contains("not read yet"), "found, and said to be partial:\n{shown}");
    screen.keys(&["F1"]);
    screen.wait("phases with numbers", |s| s.contains("read ") && s.contains('%') || s.contains("files read,"));
    screen.wait_within(Duration::from_secs(120), "the end of indexing", |s| s.contains("2502 files read"));
    ask(&screen, "where is wash_the_north_wall");
    let shown = screen.wait("the definition", |s| s.contains("note.py:1"));
    assert!(!shown.contains("not read yet") && !shown.contains("not linked yet"), "{shown}");
}

#[test]
fn settings_choose_keys_and_mistakes_in_them_are_pointed_at() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let settings = home.path().join(".config/amber-compass/settings.toml");
    std::fs::create_dir_all(settings.parent().expect("a folder")).expect("folders");
    std::fs::write(&settings, "[keys]\nwho-calls = \"C\"\n").expect("a file");
    let screen = open(home.path(), 140, 40, "");
    to_plan_turn(&screen);
    screen.keys(&["?"]);
    screen.wait("the key in the help", |s| s.lines().any(|l| l.contains("C  who calls it")));
    screen.keys(&["Escape"]);
    screen.keys(&["C"]);
    screen.wait("its callers", |s| s.contains("who calls") && s.contains("row"));
    quit(&screen);
    drop(screen);
    std::fs::write(&settings, "[keys]\nwho-calls = \"u\"\n").expect("a file");
    let screen = Screen::start(140, 40, home.path(), &format!("{} demo --to {}", program().display(), home.path().join("other").display()));
    screen.wait("what is wrong", |s| s.contains("line 2") && s.contains("that key is taken"));
}

/// Clicks on the first place where a text stands, from a row of the screen on.
fn click(screen: &Screen, text: &str, from: usize) {
    let shown = screen.wait(text, |s| s.lines().skip(from).any(|l| l.contains(text)));
    let (row, line) = shown.lines().enumerate().skip(from).find(|(_, l)| l.contains(text)).expect("it is there");
    let column = line.split(text).next().map_or(0, |l| l.chars().count()) + 2;
    screen.text(&format!("\u{1b}[<0;{column};{}M\u{1b}[<0;{column};{}m", row + 1, row + 1));
}

#[test]
fn the_same_way_with_the_mouse() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 160, 45, "");
    screen.keys(&["j"]);
    screen.text("pl tu");
    click(&screen, "Planner.plan_turn", 2);
    screen.wait("the method", |s| is_here(s, "planner.py:50"));
    click(&screen, "find(wheel_id)", 4);
    screen.wait("the name under the cursor", |s| s.contains("WheelStore.find"));
    click(&screen, "find(wheel_id)", 4);
    screen.wait("a second click follows", |s| is_here(s, "store/wheels.py:23"));
    screen.text("\u{1b}[<65;20;20M");
    screen.wait("the wheel scrolls", |s| is_here(s, "store/wheels.py:26"));
    click(&screen, "came by", 0);
    screen.wait("a row of the track leads back", |s| is_here(s, "planner.py:55") && !s.contains("came by"));
    ask(&screen, "who calls plan_turn");
    click(&screen, "blueprint.turned", 3);
    screen.wait("a row of the answers", |s| s.contains("DESK F2") && is_here(s, "plan_turn"));
    click(&screen, "answers F3", 0);
    screen.wait("the answers again", |s| s.contains("who calls plan_turn") && s.contains("ANSWERS F3"));
}

#[test]
fn the_way_is_the_same_while_two_thousand_files_change_underneath() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 140, 40, "");
    let storm = file(home.path(), "README.md").parent().expect("the root").join("storm");
    let writing = std::thread::spawn(move || {
        std::fs::create_dir_all(&storm).expect("a folder");
        for i in 0..2000 {
            std::fs::write(storm.join(format!("rack{i}.py")), format!("def storm_{i}(): return {i}\n")).expect("a file");
            std::thread::sleep(std::time::Duration::from_millis(2));
        }
    });
    to_plan_turn(&screen);
    glance_at_find(&screen);
    screen.keys(&["Enter"]);
    screen.wait("the target", |s| is_here(s, "wheels.py:23"));
    screen.keys(&["BSpace"]);
    screen.wait("the way back", |s| is_here(s, "planner.py:55"));
    writing.join().expect("written");
    for _ in 0..40 {
        ask(&screen, "where is storm_1999");
        let shown = screen.wait("an answer", |s| s.contains("where is storm_1999") && s.contains(" row"));
        if shown.contains("rack1999.py") {
            return;
        }
        std::thread::sleep(std::time::Duration::from_millis(250));
    }
    panic!("what was written last is known in the end:\n{}", screen.shown());
}

/// The second half of the tour: one question over three languages of the JVM, marks, a package that documents itself, a script.
#[test]
fn a_question_goes_through_the_other_languages_of_the_demo() {
    let home = tempfile::tempdir().expect("a temporary folder");
    let screen = open(home.path(), 160, 45, "");
    ask(&screen, "who calls PriceList.cheese");
    screen.wait("callers in Java and in Scala", |s| s.contains("Ledger.java:36") && s.contains("Forecast.scala:22"));
    screen.keys(&["Enter"]);
    screen.wait("the first of them", |s| is_here(s, "Ledger.java:36"));
    screen.keys(&["Enter"]);
    screen.wait("where it is written, in Kotlin", |s| is_here(s, "Prices.kt:22"));
    screen.keys(&["BSpace"]);
    screen.wait("back in Java", |s| is_here(s, "Ledger.java:36"));

    ask(&screen, "who uses Booked as mark");
    screen.wait("what is marked", |s| s.contains("@Booked(Account.Kind.MILK)") && s.contains("4 rows"));
    ask(&screen, "what is larder.ledger");
    screen.wait("what a package says of itself", |s| s.contains("The books of the cooperative"));
    ask(&screen, "who calls define-rule");
    screen.wait("rules in Lisp", |s| s.contains("(define-rule ripeness (wheel)"));
    ask(&screen, "who calls scripts/messages.sh");
    screen.wait("who runs a script", |s| s.contains("Makefile:17"));
    ask(&screen, "who imports parts/wheel.html");
    screen.wait("a template", |s| s.contains("templates/rack.html:9"));
}
