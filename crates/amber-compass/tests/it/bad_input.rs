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
    let project = Project::with(&[("a.zzz", "x\0"), ("b.qqq", "y\0")]);
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
    // Its words are known all the same: only a name that stands in it may be missing from answers.
    assert_eq!(json(&run(&project, &["ask", "--json", "where is needle"]).out)["complete"], false);
    assert_eq!(json(&run(&project, &["ask", "--json", "where is turn"]).out)["complete"], true);
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

/// One bad file costs one gap, whatever it is made of: depths and widths nobody writes by hand, pipes, links to what never ends, manifests that
/// lead to themselves or to half the machine, modules that bring in one another in every direction.
mod attacks {
    use std::process::Command;
    use std::time::{Duration, Instant};
    use testkit::Project;

    const DEEP: usize = 100_000;

    fn around(open: &str, inner: &str, close: &str) -> String {
        format!("{}{inner}{}", open.repeat(DEEP), close.repeat(DEEP))
    }

    /// Indexes the project; the program ends by itself, in time.
    fn index(project: &Project) -> serde_json::Value {
        let began = Instant::now();
        let out = Command::new(env!("CARGO_BIN_EXE_amber-compass"))
            .args(["index", "--json", "--index"])
            .arg(project.index())
            .arg(project.root())
            .env("XDG_CACHE_HOME", project.home())
            .env("XDG_DATA_HOME", project.home())
            .output()
            .expect("the program starts");
        assert!(out.status.success(), "{:?}: {}", out.status, String::from_utf8_lossy(&out.stderr));
        assert!(began.elapsed() < Duration::from_secs(60), "{:?}", began.elapsed());
        // A panic costs users one file or its links; here it is a fault to be mended.
        assert!(!String::from_utf8_lossy(&out.stderr).contains("panicked"), "{}", String::from_utf8_lossy(&out.stderr));
        serde_json::from_slice(&out.stdout).expect("a summary")
    }

    #[rstest::rstest]
    #[case::go_pointers("a.go", format!("package p\nvar x {}int\n", "*".repeat(DEEP)))]
    #[case::go_literals("a.go", format!("package p\nvar x = {}\n", around("[]T{", "", "}")))]
    #[case::rust_references("a.rs", format!("fn f(x: {}u8) {{}}\n", "&".repeat(DEEP)))]
    #[case::rust_uses("a.rs", format!("use a::{};\n", around("{b::", "c", "}")))]
    #[case::python_annotation("a.py", format!("x: {} = 1\n", around("List[", "int", "]")))]
    #[case::python_targets("a.py", format!("{} = 1\n", around("(", "a", ",)")))]
    #[case::script_objects("a.js", format!("x = {}\n", around("{a:", "1", "}")))]
    #[case::script_assignments("a.js", format!("{}1\n", "a = exports.b = ".repeat(DEEP / 2)))]
    #[case::script_texts("a.ts", format!("const x = {}'a';\n", "'a' + ".repeat(DEEP)))]
    #[case::java_generics("A.java", format!("class A {{ {} x; }}\n", around("L<", "X", ">")))]
    #[case::c_brackets("a.c", format!("int x = {};\n", around("(", "1", ")")))]
    #[case::cpp_namespaces("a.cpp", around("namespace a {", "", "}"))]
    #[case::perl_tables("a.pl", format!("my $x = {};\n", around("{a=>", "1", "}")))]
    #[case::settings("tsconfig.json", around("{\"a\":", "1", "}"))]
    fn what_is_nested_too_deep_is_a_gap(#[case] path: &str, #[case] text: String) {
        let project = Project::with(&[(path, &text), ("whole.py", "def whole(): pass\n")]);
        assert!(index(&project)["symbols"].as_u64().expect("a count") >= 1);
    }

    #[rstest::rstest]
    #[case::conditions("a.c", format!("#if A\n{}#endif\n", (0..10_000).map(|i| format!("#elif B{i}\nint x{i};\n")).collect::<String>()))]
    #[case::one_name_python("a.py", "def f(a):\n  return f(1)\n".repeat(2_000))]
    #[case::one_name_java("A.java", format!("class A {{\n{}}}\n", "int f(int a) { return f(1); }\n".repeat(2_000)))]
    #[case::one_method("A.java", format!("class A {{\n{}}}\n", "int f(int a) { return f(1); }\n".repeat(6_000)))]
    #[case::overloads("a.cpp", format!("{}void g() {{ {} }}\n", (0..2_000).map(|i| format!("struct S{i}{{}};\nvoid f(S{i} a){{}}\n")).collect::<String>(), (0..300).map(|i| format!("f(S{i}());")).collect::<String>()))]
    #[case::modules("pom.xml", format!("<project><artifactId>p</artifactId><modules>{}</modules>{}</project>", "<module>m</module>".repeat(100_000), "<dependencies></dependencies>".repeat(5_000)))]
    fn very_many_alike_stay_linear(#[case] path: &str, #[case] text: String) {
        index(&Project::with(&[(path, &text), ("whole.py", "def whole(): pass\n")]));
    }

    #[rstest::rstest]
    #[case::script("js", "export * from \"./mNN.js\";\n", "export const aNN = 1;\n", "import { aNN, bNN } from \"./m0.js\";\naNN; bNN;\n")]
    #[case::python("py", "from mNN import *\n", "aNN = 1\ndef fNN(): return zzNN\n", "from m0 import *\nprint(aNN, bNN)\n")]
    #[case::rust("rs", "pub use crate::mNN::*;\n", "pub fn aNN() { zzNN(); }\n", "")]
    fn modules_that_bring_in_one_another_end(#[case] ending: &str, #[case] star: &str, #[case] own: &str, #[case] user: &str) {
        let project = Project::new();
        let numbered = |text: &str, n: usize| text.replace("NN", &n.to_string());
        for i in 0..14 {
            let stars: String = (0..14).filter(|j| *j != i).map(|j| numbered(star, j)).collect();
            project.write(&format!("src/m{i}.{ending}"), &format!("{stars}{}", numbered(own, i)));
        }
        let uses: String = (0..14).map(|i| numbered(user, i)).collect();
        project.write(&format!("src/user.{ending}"), &uses);
        let mods: String = (0..14).map(|i| format!("pub mod m{i};\n")).collect();
        project.write("Cargo.toml", "[package]\nname = \"x\"\nversion = \"1.0.0\"\n");
        project.write("src/lib.rs", &format!("{mods}pub fn go() {{ m0::a13(); m0::nobody(); }}\n"));
        index(&project);
    }

    #[test]
    fn aliases_that_multiply_their_arguments_end() {
        let steps: String = (0..8).map(|i| format!("type T{i}<A, B> = T{n}<T{n}<A, B>, T{n}<B, A>>;\n", n = i + 1)).collect();
        let script = format!("{steps}type T8<A, B> = {{ a: A; b: B }};\nclass X {{ m() {{}} }}\ndeclare const v: T0<X, X>;\nv.a.a.a.m();\n");
        let rust = format!("struct P<A, B> {{ a: A, b: B }}\n{steps}type T8<A, B> = P<A, B>;\nstruct X;\nfn f(v: T0<X, X>) {{ v.a.a.a.m(); }}\n");
        index(&Project::with(&[("a.ts", &script), ("a.rs", &rust)]));
    }

    #[cfg(unix)]
    #[rstest::rstest]
    fn pipes_and_endless_files_are_passed_over(
        #[values(
            "x.py",
            "go.mod",
            "package.json",
            "Cargo.toml",
            "Cargo.lock",
            "pyproject.toml",
            "setup.cfg",
            "pom.xml",
            "tsconfig.json",
            ".gitignore",
            "deep/.gitignore",
            ".git",
            "compile_commands.json",
            "go.work",
            "junit.xml",
            "vendor/modules.txt",
            "node_modules/a/package.json",
            ".venv/pyvenv.cfg"
        )]
        name: &str,
        #[values(true, false)] is_pipe: bool,
    ) {
        let project = Project::with(&[("a.py", "def whole(): pass\n"), ("deep/b.py", "def deep(): pass\n"), ("c.ts", "export const c = 1;\n")]);
        let path = project.root().join(name);
        std::fs::create_dir_all(path.parent().expect("a folder")).expect("folders");
        if is_pipe {
            assert!(Command::new("mkfifo").arg(&path).status().expect("mkfifo").success());
        } else {
            std::os::unix::fs::symlink("/dev/zero", &path).expect("a link");
        }
        assert!(index(&project)["symbols"].as_u64().expect("a count") >= 3, "{name}");
    }

    #[test]
    fn settings_that_extend_themselves_end() {
        let text = r#"{"extends": ["./tsconfig.json", "./tsconfig.json"], "references": [{"path": "./tsconfig.json"}]}"#;
        index(&Project::with(&[("tsconfig.json", text), ("a.ts", "export const a = 1;\n")]));
    }

    #[cfg(unix)]
    #[rstest::rstest]
    #[case::replaced("go.mod", "module x\nrequire a/b v1.0.0\nreplace a/b => /\n")]
    #[case::roots("amber-compass.toml", "roots = [\"/\", \"/usr\"]\n")]
    fn a_manifest_does_not_lead_to_half_the_machine(#[case] path: &str, #[case] text: &str) {
        let project = Project::with(&[(path, text), ("a.go", "package a\nimport _ \"a/b\"\nfunc A() {}\n")]);
        assert!(index(&project)["files"].as_u64().expect("a count") <= 3);
    }
}
