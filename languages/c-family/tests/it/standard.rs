//! The declared headers: that a compiler takes them, that names lead there where they are included, and that own code comes before them.

use compass_index::Certainty;
use rstest::rstest;
use std::process::Command;
use testkit::{Project, ask, engine};

const PROGRAM: &str = "#include <stdio.h>
#include <string.h>
#include <sys/stat.h>
long turn(const char *rack, FILE *out) {
    struct stat known;
    char *copy = strdup(rack);
    fprintf(out, \"%s\", copy);
    if (copy == NULL || stat(rack, &known)) return EOF;
    return known.st_size + strlen(rack);
}
";

#[rstest]
#[case::a_type("a.c:4:29", "typedef struct _IO_FILE FILE")]
#[case::a_function("a.c:6:18", "char *strdup(const char *text)")]
#[case::another("a.c:7:5", "int fprintf(FILE *stream")]
#[case::a_macro_of_a_header_within("a.c:8:17", "#define NULL")]
#[case::a_function_beside_its_structure("a.c:8:25", "int stat(const char *path")]
#[case::a_structure("a.c:5:12", "struct stat {")]
#[case::its_member("a.c:9:18", "off_t st_size")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.c", PROGRAM)]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!((first.unit.as_deref(), first.remark.as_deref()), (Some("c-std"), Some("declared, source not on this machine")));
}

/// Who includes no header means something of his own, or what is not here.
#[rstest]
#[case::a_function_of_ones_own("a.c:2:15", &["b.c:1"])]
#[case::nothing_is_included("a.c:2:26", &[])]
#[case::a_header_of_ones_own("c.c:2:22", &["include/string.h:1"])]
fn own_code_comes_before_it(#[case] place: &str, #[case] wanted: &[&str]) {
    let files = [
        ("a.c", "int strdup(const char *);\nint a(void) { strdup(0); memcpy(0, 0, 0); return 0; }\n"),
        ("b.c", "int strdup(const char *text) { return 1; }\n"),
        ("c.c", "#include <string.h>\nint c(void) { return strlen(0); }\n"),
        ("include/string.h", "int strlen(const char *own);\n"),
    ];
    let project = Project::with(&files);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let places: Vec<String> = answers.answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect();
    assert_eq!(places.first().map(String::as_str), wanted.first().copied(), "{places:?}");
    assert!(answers.answers.iter().all(|a| a.unit.as_deref() != Some("c-std")), "{places:?}");
}

/// Of two branches that a build chooses between the one is meant that the library makes possible; the other one is listed.
#[rstest]
#[case::a_function_it_has("HAVE_STRDUP", 2)]
#[case::with_a_prefix("RACK_HAVE_STRDUP", 2)]
#[case::a_header_it_has("HAVE_SYS_STAT_H", 2)]
#[case::a_function_it_has_not("HAVE_TURN_RACKS", 4)]
#[case::another_word("WANT_STRDUP", 4)]
fn what_a_build_finds_out_is_asked_of_it(#[case] setting: &str, #[case] line: u32) {
    let branches = format!("#ifdef {setting}\nint rack(int a) {{ return a; }}\n#else\nint rack(int a) {{ return a + 1; }}\n#endif\n");
    let project =
        Project::with(&[("rack.h", "int rack(int a);\n"), ("rack.c", &branches), ("use.c", "#include \"rack.h\"\nint run(void) { return rack(1); }\n")]);
    let answers = ask(&engine(&project), "where is use.c:2:24");
    let places: Vec<_> = answers.answers.iter().map(|a| (a.path.as_str(), a.line)).collect();
    assert_eq!(places, [("rack.c", line), ("rack.c", 6 - line)]);
    assert!(answers.answers.iter().all(|a| a.certainty == Some(Certainty::Inferred)));
}

#[test]
fn what_cpp_declares_is_no_guess_in_c() {
    let program = "#define ENTRY(type) struct { struct type *next; }\nstruct rack;\nint run(struct rack *a) { return a->links.next != 0; }\n";
    let project = Project::with(&[("a.c", program), ("b.cpp", "#include <iterator>\nint b() { return 1; }\n")]);
    let answers = ask(&engine(&project), "where is a.c:3:43");
    assert!(answers.answers.iter().all(|a| a.unit.as_deref() != Some("c-std")), "{:?}", answers.answers);
}

const CPP_PROGRAM: &str = "#include <map>
#include <memory>
#include <string>
#include <vector>
#include <mutex>
#include <algorithm>
struct Rack { int turn(); };
int run(std::map<std::string, Rack> by, std::vector<Rack> racks) {
    auto made = std::make_shared<Rack>();
    racks.push_back(*made);
    std::string name = \"x\";
    std::lock_guard<std::mutex> held(lock);
    auto moved = std::move(made);
    return by.at(name.substr(1)).turn() + made->turn() + racks[0].turn() + moved->turn() + std::max(1, 2);
}
unsigned long wide(const std::wstring &text) { return text.length(); }
";

#[rstest]
#[case::a_template("a.cc:8:48", "std", "class vector")]
#[case::a_class("a.cc:8:23", "std", "class string")]
#[case::a_function("a.cc:9:22", "std", "make_shared(Args")]
#[case::a_member_of_a_template("a.cc:10:11", "std", "void push_back(const T& value)")]
#[case::a_member_of_a_class("a.cc:14:23", "std", "string substr(")]
#[case::a_member_of_a_map("a.cc:14:15", "std", "T& at(const Key& key)")]
#[case::a_member_of_another_kind_of_text("a.cc:16:60", "std", "size_type length()")]
#[case::a_header_within_another("a.cc:13:23", "std", "move(T& value)")]
#[case::an_algorithm("a.cc:14:97", "std", "max(const T& a, const T& b)")]
#[case::what_an_element_has("a.cc:14:34", "", "int turn()")]
#[case::what_an_owner_holds("a.cc:14:49", "", "int turn()")]
#[case::what_is_handed_on("a.cc:14:84", "", "int turn()")]
fn names_of_cpp_lead_to_their_declarations(#[case] place: &str, #[case] unit: &str, #[case] text: &str) {
    let project = Project::with(&[("a.cc", CPP_PROGRAM)]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!(first.unit.as_deref() == Some("c-std"), unit == "std", "{:?}", first.unit);
}

/// What the code has of a name comes before the library's, where a setting of the build chooses between them.
#[test]
fn own_members_come_before_those_of_the_library() {
    let text = "#include <string>
struct Buffer { void push_back(char letter); };
#ifdef WITH_TEXT
using Text = std::string;
#else
using Text = Buffer;
#endif
void add(Text &to) { to.push_back('x'); }
";
    let project = Project::with(&[("a.cc", text)]);
    let answers = ask(&engine(&project), "where is a.cc:8:25");
    let first = answers.answers.first().expect("an answer");
    assert_eq!((first.path.as_str(), first.line), ("a.cc", 2));
}

#[test]
fn a_compiler_takes_those_of_cpp() {
    let folder = concat!(env!("CARGO_MANIFEST_DIR"), "/std/c");
    let dir = tempfile::tempdir().expect("a folder");
    let mut text = String::new();
    for entry in std::fs::read_dir(format!("{folder}/c++")).expect("a folder") {
        let path = entry.expect("an entry").path();
        let name = path.file_stem().and_then(|n| n.to_str()).expect("a name").to_owned();
        std::fs::copy(&path, dir.path().join(&name)).expect("a copy");
        text += &format!("#include <{name}>\n");
    }
    assert!(text.lines().count() > 70, "{text}");
    let all = dir.path().join("all.cc");
    std::fs::write(&all, text).expect("a file");
    let (own, c) = (format!("-I{}", dir.path().display()), format!("-I{folder}"));
    let done = Command::new("g++").args(["-std=c++17", "-nostdinc", &own, &c, "-fsyntax-only", "-w"]).arg(&all).output().expect("g++ runs");
    assert!(done.status.success(), "{}", String::from_utf8_lossy(&done.stderr));
}

#[test]
fn a_compiler_takes_them() {
    let folder = concat!(env!("CARGO_MANIFEST_DIR"), "/std/c");
    let mut headers = Vec::new();
    let mut open = vec![std::path::PathBuf::from(folder)];
    while let Some(at) = open.pop() {
        for entry in std::fs::read_dir(&at).expect("a folder") {
            let path = entry.expect("an entry").path();
            match path.is_dir() {
                true if path.ends_with("c++") => {}
                true => open.push(path),
                false => headers.push(path),
            }
        }
    }
    assert!(headers.len() > 50, "{headers:?}");
    let text: String = headers.iter().map(|h| format!("#include \"{}\"\n", h.display())).collect();
    let dir = tempfile::tempdir().expect("a folder");
    let all = dir.path().join("all.c");
    std::fs::write(&all, text).expect("a file");
    let done = Command::new("gcc").args(["-nostdinc", "-I", folder, "-fsyntax-only", "-w"]).arg(&all).output().expect("gcc runs");
    assert!(done.status.success(), "{}", String::from_utf8_lossy(&done.stderr));
}

/// A function that the code has for systems without it, called where only the library's header is seen: whose it is, is open.
#[test]
fn what_stands_in_for_the_library_is_not_proven() {
    let files = [
        ("compat.c", "unsigned long strlen(const char *text) { return 1; }\n"),
        ("use.c", "#include <string.h>\nint use(void) { return strlen(\"x\"); }\n"),
        ("own.c", "unsigned long strlen(const char *text);\nint own(void) { return strlen(\"x\"); }\n"),
    ];
    let project = Project::with(&files);
    let answers = ask(&engine(&project), "who calls strlen defined in compat.c");
    let found: Vec<_> = answers.answers.iter().map(|a| (a.path.clone(), a.certainty)).collect();
    assert_eq!(found, [("own.c".to_owned(), Some(Certainty::Proven)), ("use.c".to_owned(), Some(Certainty::Inferred))], "{answers:?}");
}
