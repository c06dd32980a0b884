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

#[test]
fn a_compiler_takes_them() {
    let folder = concat!(env!("CARGO_MANIFEST_DIR"), "/std/c");
    let mut headers = Vec::new();
    let mut open = vec![std::path::PathBuf::from(folder)];
    while let Some(at) = open.pop() {
        for entry in std::fs::read_dir(&at).expect("a folder") {
            let path = entry.expect("an entry").path();
            if path.is_dir() { open.push(path) } else { headers.push(path) }
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
