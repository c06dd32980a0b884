//! Macros of C through the index: includes, defines, competing definitions, headers by themselves.

use compass_unfold::{Options, PieceKind, StepKind, UnfoldError};
use testkit::Project;
use testkit::{has, indexed, unfolded_at};

const UTIL: &str = "#ifndef UTIL_H\n#define UTIL_H\n#define COUNT(a) (sizeof(a) / sizeof((a)[0]))\n#endif\n";
const PROBE: &str = "#include \"util.h\"\n#define EACH(ps, i) for (int i = 0; i < (int)COUNT(ps); i++)\n#define READ_ALL(ps, field) EACH(ps, i_) READ(&(ps)[i_], field)\n#ifdef FAST\n#define READ(p, field) fast(p)\n#else\n#define READ(p, field) do { (p)->field = bus(OFFSET_##field); } while (0)\n#endif\n#define OFFSET_level 3\n";
const MAIN: &str = "#include \"probe.h\"\nvoid all(void)\n{\n    READ_ALL(probes,\n             level);\n}\n";

fn project() -> Project {
    Project::with(&[("include/util.h", UTIL), ("include/probe.h", PROBE), ("src/main.c", MAIN), ("amber-compass.toml", "include_folders = ['include']\n")])
}

#[test]
fn a_call_is_unfolded_through_includes() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/main.c", "READ_ALL", 0, &Options::default()).expect("a call");
    let by: Vec<&str> = unfolding.steps.iter().map(|s| s.by.as_str()).collect();
    assert_eq!(by, ["READ_ALL", "EACH", "READ", "COUNT", "OFFSET_level"]);
    assert_eq!(unfolding.steps[3].defined.as_ref().map(|d| (d.path.as_str(), d.line)), Some(("include/util.h", 3)));
    assert_eq!(unfolding.steps[0].kind, StepKind::Macro);
    assert_eq!(unfolding.notes, Vec::<String>::new());
    let text = unfolding.state(5);
    assert!(text.text.contains("(&(probes)[i_])->level = bus(3);"), "{}", text.text);
}

#[test]
fn the_cursor_may_stand_in_the_arguments() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/main.c", "level", 0, &Options::default()).expect("a call around");
    assert_eq!(unfolding.steps[0].by, "READ_ALL");
}

#[test]
fn defines_choose_the_branch_and_the_other_one_competes() {
    let project = project();
    let index = indexed(&project);
    let options = Options { defines: vec!["FAST".to_owned()], ..Options::default() };
    let unfolding = unfolded_at(&index, "src/main.c", "READ_ALL", 0, &options).expect("a call");
    let read = unfolding.steps.iter().find(|s| s.by == "READ").expect("a step");
    assert_eq!(read.defined.as_ref().map(|d| d.line), Some(5));
    assert_eq!(read.conditions, ["ifdef FAST"]);
    assert_eq!(read.competing.len(), 1);
    assert_eq!((read.competing[0].at.line, read.competing[0].conditions.as_slice()), (7, &["else of ifdef FAST".to_owned()][..]));
    assert!(unfolding.state(9).text.contains("fast("));
}

#[test]
fn a_piece_leads_back_to_the_argument_that_was_written() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/main.c", "READ_ALL", 0, &Options::default()).expect("a call");
    let text = unfolding.state(unfolding.steps.len());
    let piece = text.find(text.text.find("probes").expect("there") as u32).expect("a piece");
    assert_eq!(piece.kind, PieceKind::Argument);
    let words: Vec<&str> = piece.trail.iter().map(|t| t.0.as_str()).collect();
    assert_eq!(words, ["argument a of COUNT", "argument ps of EACH", "argument ps of READ_ALL", "written here"]);
    let origin = piece.trail[3].1.as_ref().expect("a place");
    assert_eq!((origin.path.as_str(), origin.line, origin.column), ("src/main.c", 4, 14));
}

#[test]
fn what_no_include_shows_is_taken_from_the_index_and_said() {
    let project = Project::with(&[("a.c", "#include \"gone.h\"\nint x = LOST(1);\n"), ("other/lost.h", "#define LOST(a) ((a) + DEEP)\n#define DEEP 2\n")]);
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "a.c", "LOST", 0, &Options::default()).expect("found by name");
    assert_eq!(unfolding.state(2).text, "((1) + 2)");
    assert!(unfolding.notes.iter().any(|n| n.contains("not visible") && n.contains("other/lost.h:1")), "{:?}", unfolding.notes);
}

#[test]
fn what_all_includes_do_not_show_is_no_macro() {
    let project = Project::with(&[("a.c", "int x = LOST(1);\n"), ("other/lost.h", "#define LOST(a) (a)\n")]);
    let index = indexed(&project);
    assert!(matches!(unfolded_at(&index, "a.c", "LOST", 0, &Options::default()), Err(UnfoldError::Nothing { .. })));
}

#[test]
fn include_folders_may_lie_outside_the_index() {
    let outside = Project::with(&[("far.h", "#define FAR(x) [x]\n")]);
    let project = Project::with(&[("a.c", "#include <far.h>\nint x FAR(3);\n")]);
    let index = indexed(&project);
    let options = Options { includes: vec![outside.root()], ..Options::default() };
    let unfolding = unfolded_at(&index, "a.c", "FAR", 0, &options).expect("a call");
    assert_eq!(unfolding.state(1).text, "[3]");
    let defined = unfolding.steps[0].defined.as_ref().expect("a place");
    assert!(defined.path.ends_with("far.h") && defined.file.is_none());
}

#[test]
fn nothing_to_unfold_says_what_stands_there() {
    let project = project();
    let index = indexed(&project);
    let error = |mention| match unfolded_at(&index, "src/main.c", mention, 0, &Options::default()) {
        Err(UnfoldError::Nothing { why, .. }) => why,
        other => panic!("{:?}", other.map(|u| u.steps)),
    };
    assert_eq!(error("void"), "no macro is called here");
    let on_definition = match unfolded_at(&index, "include/util.h", "COUNT", 0, &Options::default()) {
        Err(UnfoldError::Nothing { why, .. }) => why,
        other => panic!("{:?}", other.map(|u| u.steps)),
    };
    assert!(on_definition.contains("definition"));
}

#[test]
fn one_step_alone_leaves_the_others_as_they_are() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/main.c", "READ_ALL", 0, &Options::default()).expect("a call");
    let text = unfolding.only(2).text;
    assert!(text.contains("EACH(") && text.contains("do {"), "{text}");
}

#[test]
fn states_are_what_the_compiler_makes_of_the_file() {
    if !has("gcc") {
        return;
    }
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/main.c", "READ_ALL", 0, &Options::default()).expect("a call");
    let out = std::process::Command::new("gcc").args(["-E", "-P", "-Iinclude", "src/main.c"]).current_dir(project.root()).output().expect("gcc runs");
    let bare = |t: &str| t.split_whitespace().collect::<String>();
    let theirs = bare(&String::from_utf8_lossy(&out.stdout));
    assert!(theirs.contains(&bare(&unfolding.state(99).text)));
}
