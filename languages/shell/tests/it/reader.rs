//! Shell scripts, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, places, uses};

#[rstest]
#[case::functions("a() { b() { :; }; }\nfunction c { :; }", &["fn a", "fn b", "fn c"])]
#[case::variables("a=1\na=2\nexport b=3 c\nreadonly d=4\nf() { local e=5 g; h=6; }\nread -r i j\nfor k in 1; do :; done\nl[0]=7", &["var a", "var b", "var d", "fn f", "var f.e", "var f.g", "var h", "var i", "var j", "var k", "var l"])]
#[case::aliases("alias ll='ls -l'", &["alias ll"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    let mut all = definitions(&facts(languages::SHELL, text));
    let mut wanted = wanted.to_vec();
    all.sort_unstable();
    wanted.sort_unstable();
    assert_eq!(all, wanted);
}

#[rstest]
#[case::commands("a b | c && d; e=$(f \"$g\")", &["call a", "call c", "call d", "call f", "read g"])]
#[case::runners("sudo -u x a; exec b; env C=1 d", &["call sudo", "call a", "call exec", "call b", "call env", "call d"])]
#[case::expansions("x \"${a:-$b}\" ${c[$d]} $((e + 1)) $1 $@", &["call x", "read a", "read b", "read c", "read d", "read e"])]
#[case::tests("[[ -n $a && $b == c ]] && [ \"$d\" ]", &["read a", "read b", "read d"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::SHELL, text)), wanted);
}

/// The grammar's scanner looks every character up in a table of the Latin ones.
#[test]
fn characters_of_any_plane_behind_a_brace() {
    for c in (0x80_u32..0x11_0000).step_by(0x3fff).filter_map(char::from_u32) {
        let read = facts(languages::SHELL, &format!("echo {{{c}..3}} # {c}\nfill() {{ pour \"{c}\"; }}\n"));
        assert_eq!(definitions(&read), ["fn fill"], "{c:?}");
        assert_eq!(uses(&read), ["call echo", "call pour"], "{c:?}");
    }
}

#[test]
fn scripts_that_run_and_source_others_import_them() {
    let project = Project::with(&[
        ("lib/a.sh", "greet() { :; }\n"),
        ("tool.py", "print(1)\n"),
        ("run.sh", "#!/bin/sh\nhere=$(dirname \"$0\")\n. \"$here/lib/a.sh\"\npython3 tool.py --fast\n./other.sh\ngreet\nunheard-of\n$FAR\n"),
        ("other.sh", "bash ./run.sh\n"),
    ]);
    let asked = engine(&project);
    assert_eq!(places(&ask(&asked, "who imports lib/a.sh")), ["run.sh:3"]);
    assert_eq!(places(&ask(&asked, "who imports tool.py")), ["run.sh:4"]);
    assert_eq!(places(&ask(&asked, "who imports run.sh")), ["other.sh:1"]);
    assert_eq!(places(&ask(&asked, "who calls greet")), ["run.sh:6"]);
    for place in ["run.sh:7:1", "run.sh:8:2"] {
        let none = ask(&asked, &format!("where is {place}"));
        assert!(none.answers.is_empty() && !none.missing.is_empty(), "{place}");
    }
}
