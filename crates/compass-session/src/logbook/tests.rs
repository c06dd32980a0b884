//! Bookmarks that stay on what they were set on, the trail, the file.

use super::*;
use compass_facts::Cancel;
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Index, Silent};
use rstest::rstest;
use std::path::Path;
use testkit::Project;

fn indexed(project: &Project) -> Index {
    let options = compass_index::plan::Options { roots: vec![project.root()], ..Default::default() };
    let request = Request { options, index: project.index(), threads: 1, ..Request::default() };
    run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
    Index::open(&project.index()).expect("an index")
}

const RACK: &str = "class Rack:\n    def turn(self, by):\n        rest = by\n        return rest\n\n    def wash(self):\n        pass\n\nLIMIT = 3\n";

fn found_at(index: &Index, anchor: &Anchor) -> Option<(String, u32)> {
    find(index, anchor).map(|f| (f.path, f.line))
}

#[rstest]
#[case::nothing_changed("rack.py", 2, "rack.py", RACK.to_owned(), 2)]
#[case::lines_above("rack.py", 2, "rack.py", format!("import x\n\n\n{RACK}"), 5)]
#[case::within_a_body("rack.py", 4, "rack.py", RACK.replace("        rest = by\n", "        rest = by\n        rest += 1\n        rest += 2\n"), 6)]
#[case::the_line_itself_changed("rack.py", 3, "rack.py", RACK.replace("rest = by", "rest = 2 * by"), 3)]
#[case::moved_behind_others("rack.py", 6, "rack.py", "class Rack:\n    def wash(self):\n        pass\n\n    def turn(self, by):\n        pass\n".to_owned(), 2)]
#[case::another_file("rack.py", 2, "shelf/rack.py", RACK.to_owned(), 2)]
#[case::another_name_of_the_file("rack.py", 9, "racks.py", format!("\n{RACK}"), 10)]
#[case::renamed_symbol_keeps_its_line("rack.py", 2, "rack.py", RACK.replace("turn", "spin"), 2)]
fn a_bookmark_stays_on_what_it_was_set_on(#[case] path: &str, #[case] line: u32, #[case] now: &str, #[case] text: String, #[case] wanted: u32) {
    let project = Project::with(&[(path, RACK)]);
    let anchor = place(&indexed(&project), path, line, 5).expect("an anchor");
    project.remove(path);
    project.write(now, &text);
    assert_eq!(found_at(&indexed(&project), &anchor), Some((now.to_owned(), wanted)), "{anchor:?}");
}

#[rstest]
#[case::c("rack.c", "int turn(int by);\n\nint turn(int by)\n{\n    return by;\n}\n", 5)]
#[case::rust(
    "lib.rs",
    "struct Rack;\nimpl Rack {\n    fn turn(&self) {\n        wash();\n    }\n}\nstruct Shelf;\nimpl Shelf {\n    fn turn(&self) {\n        wash();\n    }\n}\n",
    10
)]
#[case::go("rack.go", "package rack\n\nfunc (r Rack) Turn() {\n\tr.wash()\n}\n\nfunc (s Shelf) Turn() {\n\ts.wash()\n}\n", 8)]
#[case::java("Rack.java", "class Rack {\n    void turn(int by) { wash(); }\n    void turn(String by) {\n        wash();\n    }\n}\n", 4)]
#[case::text("notes.md", "turn the wheels\n\nwash them\n", 3)]
fn of_several_of_one_name_it_is_the_right_one(#[case] path: &str, #[case] text: &str, #[case] line: u32) {
    let project = Project::with(&[(path, text)]);
    let anchor = place(&indexed(&project), path, line, 1).expect("an anchor");
    project.write(path, &format!("\n\n{text}"));
    assert_eq!(found_at(&indexed(&project), &anchor), Some((path.to_owned(), line + 2)), "{anchor:?}");
}

#[test]
fn what_is_gone_is_said_to_be_gone() {
    let project = Project::with(&[("rack.py", RACK), ("other.py", "x = 1\n")]);
    let anchor = place(&indexed(&project), "rack.py", 2, 5).expect("an anchor");
    project.remove("rack.py");
    assert_eq!(find(&indexed(&project), &anchor), None);
    assert_eq!(place(&indexed(&project), "other.py", 7, 1), None, "there is no such line");
}

fn step(path: &str, line: u32) -> Step {
    Step { from: None, path: path.to_owned(), line, column: 1, text: String::new(), how: String::new(), name: String::new() }
}

/// Jumps along places of files named by single letters; `<` goes back.
fn walked(way: &str) -> Trail {
    let mut trail = Trail::default();
    let mut here = None;
    for c in way.chars() {
        match (c, here) {
            ('<', _) => {
                trail.back();
                here = trail.at.map(|at| trail.steps[at].path.clone().remove(0));
            }
            (c, None) => here = Some(c),
            (c, Some(from)) => {
                trail.jump(step(&from.to_string(), 1), step(&c.to_string(), 1));
                here = Some(c);
            }
        }
    }
    trail
}

#[rstest]
#[case::straight("abc", "a b c", "a b c")]
#[case::a_branch("abc<d", "a b  c  d", "a b d")]
#[case::the_same_way_again("abc<c", "a b c", "a b c")]
#[case::back_to_the_start("abc<<d", "a  b  c  d", "a d")]
#[case::two_branches("ab<c<d", "a  b  c  d", "a d")]
fn the_trail_keeps_what_was_left(#[case] way: &str, #[case] tree: &str, #[case] current: &str) {
    let trail = walked(way);
    let names = |steps: &[usize]| steps.iter().map(|s| trail.steps[*s].path.as_str()).collect::<Vec<_>>().join(" ");
    let flat: Vec<usize> = trail.tree().iter().map(|t| t.0).collect();
    assert_eq!(names(&flat), tree.split_whitespace().collect::<Vec<_>>().join(" "));
    assert_eq!(names(&trail.way_to(trail.at.expect("a place"))), current);
    // Only where it branches does the list go deeper.
    let branches = trail.tree().iter().any(|t| t.1 > 0);
    assert_eq!(branches, tree.contains("  "), "{:?}", trail.tree());
}

#[test]
fn old_walks_are_forgotten_and_the_present_one_is_not() {
    let mut trail = Trail::default();
    for i in 0..5000 {
        // A walk of its own every hundred places.
        let from = if i % 100 == 0 { format!("start{i}") } else { format!("f{}", i - 1) };
        trail.jump(step(&from, 1), step(&format!("f{i}"), 1));
    }
    assert!(trail.steps.len() <= 2001, "{}", trail.steps.len());
    let at = trail.at.expect("a place");
    assert_eq!(trail.steps[at].path, "f4999");
    assert_eq!(trail.way_to(at).len(), 101);
    assert!(trail.steps.iter().enumerate().all(|(i, s)| s.from.is_none_or(|f| f < i)));
}

fn book() -> Logbook {
    let mut book = Logbook::default();
    let anchor = Anchor { path: "rack.py".to_owned(), line: 2, column: 5, text: "def turn(self, by):".to_owned(), symbol: None };
    book.mark(anchor.clone(), "why twice?".to_owned());
    book.mark(Anchor { line: 9, ..anchor }, String::new());
    book.trail = walked("abc<d");
    book
}

#[test]
fn the_file_comes_back_as_it_was_written() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("deep/er/book.json");
    assert_eq!(load(&path).book, Logbook::default());
    save(&path, &book()).expect("written");
    let loaded = load(&path);
    assert_eq!((loaded.book, loaded.message, loaded.writable), (book(), None, true));
    save(&path, &book()).expect("written over");
    assert_eq!(std::fs::read_dir(path.parent().expect("a folder")).expect("there").count(), 1, "nothing is left beside it");
}

#[test]
fn two_programs_take_nothing_from_one_another() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("book.json");
    let mark = |line| Anchor { path: "rack.py".to_owned(), line, column: 1, text: format!("line {line}"), symbol: None };
    let with = |mut book: Logbook, line: u32| {
        book.mark(mark(line), String::new());
        book
    };
    let lines = || load(&path).book.bookmarks.iter().map(|b| b.anchor.line).collect::<Vec<_>>();
    let (first, second) = (with(Logbook::default(), 1), with(Logbook::default(), 2));
    keeper::put(&path, &Logbook::default(), &first).expect("written");
    keeper::put(&path, &Logbook::default(), &second).expect("written");
    assert_eq!(lines(), [1, 2], "each began with nothing");
    keeper::put(&path, &first, &with(first.clone(), 3)).expect("written");
    assert_eq!(lines(), [1, 2, 3]);
    // What one takes out is gone; what it never knew stays.
    keeper::put(&path, &second, &Logbook::default()).expect("written");
    assert_eq!(lines(), [1, 3]);
    let numbers: std::collections::BTreeSet<u64> = load(&path).book.bookmarks.iter().map(|b| b.number).collect();
    assert_eq!(numbers.len(), 2);
    written(&path, "{\"version\":1,");
    keeper::put(&path, &first, &with(first.clone(), 4)).expect("written");
    assert_eq!(lines(), [1, 4], "all that is known, where the file was damaged meanwhile");
}

#[test]
fn what_is_handed_over_is_written_and_what_cannot_be_is_told() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("book.json");
    let (keeper, told) = Keeper::start(path.clone(), Logbook::default());
    keeper.keep(book());
    keeper.finish();
    assert_eq!((load(&path).book, told.try_iter().count()), (book(), 0));
    // A file stands where a folder should.
    let (keeper, told) = Keeper::start(path.join("below.json"), Logbook::default());
    keeper.keep(book());
    keeper.finish();
    let told: Vec<String> = told.try_iter().collect();
    assert!(told.len() == 1 && told[0].contains("could not be written"), "{told:?}");
    assert_eq!(load(&path).book, book());
}

#[test]
fn a_mark_on_the_same_place_gets_the_new_note() {
    let mut book = book();
    let first = book.bookmarks[0].anchor.clone();
    book.mark(first, "because of the rind".to_owned());
    assert_eq!(book.bookmarks.len(), 2);
    assert_eq!(book.bookmarks[0].note, "because of the rind");
    book.remove(1);
    book.note(2, "later".to_owned());
    assert_eq!(book.bookmarks.iter().map(|b| (b.number, b.note.as_str())).collect::<Vec<_>>(), [(2, "later")]);
}

fn written(path: &Path, text: &str) {
    std::fs::write(path, text).expect("written");
}

#[test]
fn an_older_file_is_taken_over() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("book.json");
    written(&path, r#"{"bookmarks":[{"number":1,"anchor":{"path":"a.py","line":3,"column":1,"text":"x"},"note":"old"}]}"#);
    let loaded = load(&path);
    assert!(loaded.writable && loaded.message.is_none());
    assert_eq!((loaded.book.bookmarks[0].note.as_str(), loaded.book.next), ("old", 1));
}

#[test]
fn a_newer_file_is_shown_and_left_alone() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("book.json");
    written(&path, r#"{"version":99,"bookmarks":[],"trail":{"steps":[],"at":null},"next":4,"more":true}"#);
    let loaded = load(&path);
    assert!(!loaded.writable && loaded.message.is_some_and(|m| m.contains("newer")));
}

#[rstest]
#[case::cut("{\"version\":1,\"bookm")]
#[case::no_book("[1, 2, 3]")]
#[case::other_shape("{\"version\":1,\"bookmarks\":7}")]
#[case::nothing("")]
fn a_damaged_file_is_set_aside(#[case] text: &str) {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("book.json");
    written(&path, text);
    let loaded = load(&path);
    assert!(loaded.writable && loaded.message.is_some());
    let aside = folder.path().join("book.damaged-1.json");
    assert_eq!(std::fs::read_to_string(aside).expect("kept"), text);
    assert!(!path.exists());
}

#[test]
fn positions_that_lead_nowhere_do_no_harm() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("book.json");
    let step = |from: i64| format!(r#"{{"from":{from},"path":"a","line":1,"column":1,"text":"","how":""}}"#);
    written(&path, &format!(r#"{{"version":1,"bookmarks":[],"trail":{{"steps":[{},{}],"at":9}},"next":0}}"#, step(1), step(0)));
    let book = load(&path).book;
    assert_eq!((book.trail.at, book.trail.steps[0].from), (None, None));
    assert_eq!(book.trail.way_to(1), [0, 1]);
    assert_eq!(book.trail.tree().len(), 2);
}

#[test]
fn the_export_has_notes_code_and_branches() {
    let project = Project::with(&[("rack.py", RACK)]);
    let index = indexed(&project);
    let mut book = Logbook::default();
    book.mark(place(&index, "rack.py", 2, 9).expect("an anchor"), "why `by`?".to_owned());
    book.mark(Anchor { path: "gone.py".to_owned(), line: 4, text: "x = 1".to_owned(), ..Anchor::default() }, String::new());
    book.trail = walked("abc<d");
    let text = markdown("larder", &book, &index);
    for part in [
        "# Logbook of larder",
        "### method Rack.turn",
        "why `by`?",
        "`rack.py:2`",
        "```python\nclass Rack:",
        "No longer there; it was at `gone.py:4`",
        "## Track",
        "  - d:1",
    ] {
        assert!(text.contains(part), "{part}\n{text}");
    }
}
