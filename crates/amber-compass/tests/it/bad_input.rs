//! Input nobody hopes for: a clear message or the right answer, never a panic.

use crate::program::{indexed, json, run};
use rstest::rstest;
use testkit::Project;

#[test]
fn a_missing_path_is_named() {
    let done = run(&Project::new(), &["index", "no/such/folder"]);
    assert_eq!(done.code, 2);
    assert!(done.err.contains("no/such/folder"), "{}", done.err);
}

#[test]
fn an_empty_folder_has_nothing_to_index() {
    let done = run(&Project::new(), &["index", "."]);
    assert_eq!(done.code, 2);
    assert!(done.err.contains("nothing to index"), "{}", done.err);
}

#[test]
fn no_known_language_says_which_are_known() {
    let project = Project::with(&[("a.zzz", "x"), ("b.qqq", "y")]);
    let done = run(&project, &["index", "."]);
    assert_eq!(done.code, 2);
    assert!(done.err.contains("2 files skipped") && done.err.contains("known languages"), "{}", done.err);
}

#[rstest]
#[case::marked_utf8(b"\xef\xbb\xbfdef turn(): pass\n".to_vec(), 1, 5)]
#[case::utf16("def turn(): pass\n".encode_utf16().flat_map(|u| u.to_le_bytes()).collect(), 1, 5)]
#[case::utf16_marked([vec![0xff, 0xfe], "def turn(): pass\n".encode_utf16().flat_map(|u| u.to_le_bytes()).collect()].concat(), 1, 5)]
#[case::latin1(b"# caf\xe9\ndef turn(): pass\n".to_vec(), 2, 5)]
#[case::crlf(b"# one\r\ndef turn(): pass\r\n".to_vec(), 2, 5)]
#[case::lone_cr(b"# one\rdef turn(): pass\r".to_vec(), 2, 5)]
#[case::control(b"x = '\x1b[31m'\ndef turn(): pass\n".to_vec(), 2, 5)]
#[case::direction("x = '\u{202E}'\ndef turn(): pass\n".as_bytes().to_vec(), 2, 5)]
fn every_encoding_and_line_end_gives_the_right_place(#[case] bytes: Vec<u8>, #[case] line: u64, #[case] column: u64) {
    let project = Project::new();
    project.write_bytes("a.py", &bytes);
    indexed(&project);
    let reply = json(&run(&project, &["ask", "--json", "where is turn"]).out);
    let a = &reply["answers"][0];
    assert_eq!((a["line"].as_u64(), a["column"].as_u64()), (Some(line), Some(column)), "{reply}");
}

#[test]
fn hostile_characters_are_shown_as_symbols() {
    let project = Project::with(&[("a.py", "turn = '\u{1b}]0;x\u{7}' # \u{202E}\n")]);
    indexed(&project);
    let done = run(&project, &["ask", "where is turn"]);
    assert!(!done.out.contains('\u{1b}') && !done.out.contains('\u{202E}'));
    assert!(done.out.contains('␛') && done.out.contains("‹U+202E›"), "{}", done.out);
}

#[cfg(unix)]
#[test]
fn paths_that_are_not_utf8_are_indexed_and_read() {
    use std::os::unix::ffi::OsStrExt;
    let project = Project::with(&[("a.py", "import x\n")]);
    let name = std::ffi::OsStr::from_bytes(b"caf\xe9.py");
    std::fs::write(project.root().join(name), "def turn(): pass\n").expect("written");
    indexed(&project);
    let reply = json(&run(&project, &["ask", "--json", "where is turn"]).out);
    assert_eq!(reply["answers"][0]["text"], "def turn(): pass");
    assert_eq!(json(&run(&project, &["ask", "--json", "text pass"]).out)["total"], 1);
}

#[test]
fn a_huge_line_is_a_gap_and_still_searched() {
    let project = Project::with(&[("a.js", "function turn() {}\n"), ("b.py", "def rest(): pass\n")]);
    let mut line = "var x=[".to_owned();
    line.push_str(&"1,".repeat(25 << 20));
    line.push_str("needle];");
    project.write("big.js", &line);
    let done = run(&project, &["index", ".", "--json"]);
    assert_eq!(done.code, 0, "{}", done.err);
    assert_eq!(json(&done.out)["gaps_by_cause"]["too_large"], 1);
    let reply = json(&run(&project, &["ask", "--json", "text needle"]).out);
    assert_eq!(reply["total"], 1);
    assert!(reply["answers"][0]["text"].as_str().is_some_and(|t| t.len() < 1000 && t.contains("needle")));
    assert_eq!(json(&run(&project, &["ask", "--json", "where is turn"]).out)["complete"], false);
    assert_eq!(json(&run(&project, &["ask", "--json", "where is rest"]).out)["complete"], true);
}

#[cfg(unix)]
#[test]
fn a_loop_of_links_ends() {
    let project = Project::with(&[("a.py", "def turn(): pass\n")]);
    std::os::unix::fs::symlink(project.root(), project.root().join("round")).expect("a link");
    let done = run(&project, &["index", ".", "--json"]);
    assert_eq!(json(&done.out)["files"], 1);
    assert!(run(&project, &["index", ".", "--plan"]).out.contains("symbolic link"));
}

/// Root may read everything, so the file is made unreadable by being a folder's link to nothing: opened, then gone.
#[cfg(unix)]
#[test]
fn a_file_that_cannot_be_read_any_more_is_said() {
    let project = Project::with(&[("a.py", "def turn(): pass\n"), ("b.py", "from a import turn\nturn()\n")]);
    indexed(&project);
    project.remove("a.py");
    let done = run(&project, &["ask", "where is turn"]);
    assert!(done.out.contains("cannot be read"), "{}", done.out);
    let text = json(&run(&project, &["ask", "--json", "text turn"]).out);
    assert_eq!(text["complete"], false);
}

#[test]
fn a_wrong_configuration_is_pointed_at() {
    let project = Project::with(&[("a.py", ""), ("amber-compass.toml", "exclude = []\nexlude = ['x']\n")]);
    let done = run(&project, &["index", "."]);
    assert_eq!(done.code, 2);
    assert!(done.err.contains("line 2") && done.err.contains("exlude"), "{}", done.err);
}

#[test]
fn an_index_of_another_version_is_refused_with_what_to_run() {
    let project = Project::with(&[("a.py", "def turn(): pass\n")]);
    let index = project.index();
    let index = index.to_str().expect("utf-8");
    assert_eq!(run(&project, &["index", ".", "--index", index]).code, 0);
    let mut bytes = std::fs::read(index).expect("an index");
    bytes[60..64].copy_from_slice(&99u32.to_be_bytes());
    std::fs::write(index, bytes).expect("written");
    for suffix in ["-wal", "-shm"] {
        let _ = std::fs::remove_file(format!("{index}{suffix}"));
    }
    let done = run(&project, &["ask", "--index", index, "where is turn"]);
    assert_eq!(done.code, 3, "{}", done.err);
    assert!(done.err.contains("version 99"), "{}", done.err);
    let rebuilt = run(&project, &["index", ".", "--index", index]);
    assert!(rebuilt.err.contains("built anew"), "{}", rebuilt.err);
    assert_eq!(run(&project, &["ask", "--index", index, "where is turn"]).code, 0);
}

#[test]
fn the_interface_wants_a_terminal() {
    let project = Project::with(&[("a.py", "")]);
    let done = run(&project, &["."]);
    assert_eq!(done.code, 2);
    assert!(done.err.contains("needs a terminal"), "{}", done.err);
}

#[test]
fn sources_are_never_written_to() {
    let project = Project::with(&[("a.py", "def turn(): pass\n")]);
    indexed(&project);
    run(&project, &["ask", "where is turn"]);
    let names: Vec<String> =
        std::fs::read_dir(project.root()).expect("a folder").map(|e| e.expect("an entry").file_name().to_string_lossy().into_owned()).collect();
    assert_eq!(names, ["a.py"]);
}
