//! Refreshes that load no more than they ask for, and plans without a walk.

use compass_facts::Cancel;
use compass_index::plan::{Options, Plan};
use compass_index::refresh::{AffectedFiles, Outcome, Request, SessionCache, run};
use compass_index::{Disk, Index, Silent};
use rstest::rstest;
use std::path::PathBuf;
use std::sync::Arc;
use testkit::Project;

fn refreshed(project: &Project, touched: Option<(Arc<SessionCache>, Vec<PathBuf>)>) -> Outcome {
    let options = Options { roots: vec![project.root()], ..Options::default() };
    let request = Request { options, index: project.index(), threads: 2, touched, ..Request::default() };
    run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed")
}

/// Every link of the index in words: place of the use, names and places of the targets, certainty.
fn links(project: &Project) -> Vec<String> {
    let index = Index::open(&project.index()).expect("an index");
    let mut out = Vec::new();
    for file in index.files() {
        let (facts, links) = (index.facts(file.id).expect("facts"), index.links(file.id).expect("links"));
        for (usage, link) in links.iter() {
            let u = facts.facts.usage(usage);
            let target = |symbol: &compass_index::SymbolId| match index.definition(*symbol).expect("read") {
                Some((f, d)) => format!("{}:{}@{}", index.path_of(symbol.file), f.facts.def_name(d), f.facts.def(d).name_span.start),
                None => index.path_of(symbol.file),
            };
            let targets: Vec<String> = link.targets.iter().map(target).collect();
            out.push(format!("{}:{} {} -> {} {:?}", file.path, u.span.start, facts.facts.name(u.name), targets.join(", "), link.certainty));
        }
        out.extend(links.unlinked.iter().map(|(usage, cause)| format!("{}:{} {cause:?}", file.path, facts.facts.usage(*usage).span.start)));
    }
    out.sort();
    out
}

const RACK_H: &str = "#ifndef RACK_H\n#define RACK_H\nstruct wheel { int id; struct rack *in; };\nstruct rack { struct wheel wheels[8]; int (*turn)(struct rack *, int); };\n#define LIMIT 8\n#ifdef WITH_SALT\n#define SALT(x) ((x) * 2)\n#else\n#define SALT(x) (x)\n#endif\nint rack_turn(struct rack *r, int by);\nstatic inline int twice(int n) { return 2 * n; }\n#endif\n";
const RACK_C: &str = "#include \"rack.h\"\nstatic int spin(struct wheel *w, int by) { return w->id + SALT(by); }\nint rack_turn(struct rack *r, int by)\n{\n\tfor (int i = 0; i < LIMIT; i++)\n\t\tspin(&r->wheels[i], twice(by));\n\treturn r->turn ? r->turn(r, by) : 0;\n}\n";
const MAIN_C: &str = "#include \"rack.h\"\n#include \"missing.h\"\nstatic int spin(void) { return 1; }\nint main(void)\n{\n\tstruct rack r = { .turn = rack_turn };\n\treturn rack_turn(&r, spin()) + r.wheels[0].in->wheels[1].id + unknown(LIMIT);\n}\n";

fn caves() -> Project {
    Project::with(&[
        ("rack.h", RACK_H),
        ("rack.c", RACK_C),
        ("main.c", MAIN_C),
        ("other/spin.c", "int spin(int a, int b) { return a + b; }\nint id;\nint LIMITS = 3;\n"),
        ("tools/report.py", "import os\n\ndef total(n):\n    return os.path.join(n)\n"),
        ("tools/box.cpp", "namespace box { struct Lid { int wide; int open() { return wide; } }; }\nint use() { box::Lid l; return l.open(); }\n"),
    ])
}

#[rstest]
#[case::a_body("rack.c", &RACK_C.replace("+ SALT(by)", "+ 2 * SALT(by) + LIMITS"), true)]
#[case::lines_above("rack.c", &format!("/* moved */\n\n{RACK_C}"), true)]
#[case::a_new_function("rack.c", &format!("{RACK_C}int unknown(int n) {{ return n; }}\n"), true)]
#[case::a_function_less("rack.c", "#include \"rack.h\"\n", true)]
#[case::a_field_more("rack.h", &RACK_H.replace("int id;", "int id; int salt;"), true)]
#[case::a_field_of_another_type("rack.h", &RACK_H.replace("struct rack *in;", "struct wheel *in;"), true)]
#[case::a_field_less("rack.h", &RACK_H.replace("int id; ", ""), true)]
#[case::a_macro_of_another_value("rack.h", &RACK_H.replace("LIMIT 8", "LIMIT 9"), true)]
#[case::a_macro_less("rack.h", &RACK_H.replace("#define LIMIT 8\n", ""), true)]
#[case::a_branch_less("rack.h", &RACK_H.replace("#ifdef WITH_SALT\n#define SALT(x) ((x) * 2)\n#else\n", "").replace("(x)\n#endif\nint", "(x)\nint"), true)]
#[case::an_include_less("main.c", &MAIN_C.replace("#include \"rack.h\"\n", ""), true)]
#[case::an_include_more("rack.c", &format!("#include \"other/spin.c\"\n{RACK_C}"), true)]
#[case::something_not_static_any_more("rack.c", &RACK_C.replace("static int spin", "int spin"), true)]
#[case::python("tools/report.py", "def total(n):\n    return n\n", false)]
#[case::cpp("tools/box.cpp", "namespace box { struct Lid { long wide; }; }\n", false)]
#[case::a_name_that_another_language_looks_for("rack.c", &format!("{RACK_C}int wide(void);\n"), false)]
fn what_is_linked_by_need_is_what_a_full_index_says(#[case] path: &str, #[case] text: &str, #[case] by_need: bool) {
    let project = caves();
    assert!(!refreshed(&project, None).by_need, "the first time there is nothing to take from");
    project.write(path, text);
    let outcome = refreshed(&project, None);
    assert_eq!(outcome.by_need, by_need, "{:?}", outcome.reach);
    let after = links(&project);
    // Once more from there: what was written can be taken from, too.
    project.write("main.c", &MAIN_C.replace("return rack_turn", "return twice(1) + rack_turn"));
    refreshed(&project, None);
    let twice = links(&project);
    let fresh = Project::new();
    for (name, _) in [("rack.h", ""), ("rack.c", ""), ("main.c", ""), ("other/spin.c", ""), ("tools/report.py", ""), ("tools/box.cpp", "")] {
        fresh.write(name, &std::fs::read_to_string(project.root().join(name)).expect("text"));
    }
    refreshed(&fresh, None);
    assert_eq!(twice, links(&fresh));
    if path != "main.c" {
        fresh.write("main.c", MAIN_C);
    } else {
        fresh.write("main.c", text);
    }
    refreshed(&fresh, None);
    assert_eq!(after, links(&fresh));
}

#[test]
fn a_file_that_is_written_many_times_keeps_being_found() {
    let project = caves();
    refreshed(&project, None);
    for round in 0..12 {
        let extra: String = (0..=round).map(|n| format!("int turned_{n}(int a) {{ return a + {round}; }}\n")).collect();
        // Old ones move, new ones come first: numbers and places drift apart.
        let text = if round % 2 == 0 { format!("{extra}{RACK_C}") } else { format!("{RACK_C}{extra}") };
        project.write("rack.c", &text);
        let outcome = refreshed(&project, None);
        assert!(outcome.by_need && matches!(outcome.reach, AffectedFiles::Files(_)), "{round}");
        let index = Index::open(&project.index()).expect("an index");
        for n in 0..=round {
            assert_eq!(index.named(&format!("turned_{n}")).expect("names").len(), 1, "{round} {n}");
        }
    }
}

fn planned(project: &Project) -> Plan {
    Plan::make(&Options { roots: vec![project.root()], ..Options::default() }, &compass_index::Disk, &Cancel::new(), &|_| {}).expect("a plan")
}

/// What may happen to a tree between two plans.
type Happens = fn(&Project) -> Vec<&'static str>;

#[rstest]
#[case::a_file_written(|p: &Project| { p.write("rack.c", "int longer_than_before(void) { return 12345; }\n"); vec!["rack.c"] }, true)]
#[case::two_files(|p: &Project| { p.write("rack.c", "int a;\n"); p.write("tools/report.py", "x = 1\n"); vec!["rack.c", "tools/report.py"] }, true)]
#[case::saved_by_renaming(|p: &Project| { p.write("rack.c.tmp", "int b;\n"); std::fs::rename(p.root().join("rack.c.tmp"), p.root().join("rack.c")).expect("renamed"); vec!["rack.c.tmp", "rack.c"] }, true)]
#[case::what_editors_leave(|p: &Project| { p.write(".rack.c.swp", "x"); p.write("rack.c~", "x"); vec![".rack.c.swp", "rack.c~"] }, true)]
#[case::something_came_and_went(|_: &Project| vec!["4913"], true)]
#[case::a_folder_itself(|_: &Project| vec!["other"], true)]
#[case::a_new_file(|p: &Project| { p.write("new.c", "int n;\n"); vec!["new.c"] }, false)]
#[case::a_new_folder(|p: &Project| { p.write("fresh/new.c", "int n;\n"); vec!["fresh"] }, false)]
#[case::a_file_gone(|p: &Project| { p.remove("rack.c"); vec!["rack.c"] }, false)]
#[case::a_folder_gone(|p: &Project| { std::fs::remove_dir_all(p.root().join("other")).expect("gone"); vec!["other"] }, false)]
#[case::a_manifest(|p: &Project| { p.write("package.json", "{\"name\":\"x\"}"); vec!["package.json"] }, false)]
#[case::an_ignore_file(|p: &Project| { p.write(".gitignore", "*.py\n"); vec![".gitignore"] }, false)]
#[case::a_setting(|p: &Project| { p.write("amber-compass.toml", "exclude = []\n"); vec!["amber-compass.toml"] }, false)]
#[case::a_header_that_is_cpp_now(|p: &Project| { p.write("rack.h", "#pragma once\nnamespace rack { template <class T> class Box { public: T t; }; }\n"); vec!["rack.h"] }, false)]
fn a_plan_without_a_walk_is_what_a_walk_gives(#[case] happens: Happens, #[case] without: bool) {
    let project = caves();
    let before = planned(&project);
    let paths: Vec<PathBuf> = happens(&project).into_iter().map(|p| before.roots[0].join(p)).collect();
    let touched = before.touched(&compass_index::Disk, &paths);
    assert_eq!(touched.is_some(), without);
    if let Some(plan) = touched {
        let walked = planned(&project);
        assert_eq!(plan.files, walked.files);
        assert_eq!(plan.units, walked.units);
    }
}

#[test]
fn a_run_told_what_was_touched_reads_that() {
    let project = caves();
    let first = refreshed(&project, None).session;
    let place = |name: &str| first.plan().roots[0].join(name);
    project.write("rack.c", &format!("{RACK_C}int turned_now;\n"));
    let outcome = refreshed(&project, Some((first.clone(), vec![place("rack.c")])));
    assert_eq!((outcome.summary.refreshed_files, outcome.by_need), (1, true));
    assert_eq!(Index::open(&project.index()).expect("an index").named("turned_now").expect("names").len(), 1);
    // A new file needs a walk, and gets one.
    project.write("new.c", "int newly_made;\n");
    let outcome = refreshed(&project, Some((outcome.session, vec![place("new.c")])));
    assert_eq!(outcome.summary.files, 7);
}

#[test]
fn runs_of_one_program_one_after_another_say_what_a_full_one_says() {
    let project = caves();
    let mut session = refreshed(&project, None).session;
    let mut open = Index::open(&project.index()).expect("an index");
    let texts = [
        ("rack.c", format!("#include \"other/spin.c\"\n{RACK_C}")),
        ("main.c", MAIN_C.replace("#include \"rack.h\"\n", "")),
        ("rack.c", RACK_C.to_owned()),
        ("rack.h", RACK_H.replace("LIMIT 8", "LIMIT 9")),
        ("main.c", MAIN_C.to_owned()),
        ("tools/report.py", "def total(n):\n    return n\n".to_owned()),
        ("rack.h", RACK_H.replace("int id;", "int id; int salt;")),
    ];
    for (round, (path, text)) in texts.iter().enumerate() {
        project.write(path, text);
        if round == 4 {
            // Another program was quicker: what this one knows is old.
            refreshed(&project, None);
        }
        let touched = vec![session.plan().roots[0].join(path)];
        let outcome = refreshed(&project, Some((session, touched)));
        assert_eq!(outcome.summary.refreshed_files, u64::from(round != 4), "{path}");
        let fresh = Project::new();
        for file in open.files() {
            fresh.write(&file.path, &std::fs::read_to_string(project.root().join(&file.path)).expect("text"));
        }
        refreshed(&fresh, None);
        assert_eq!(links(&project), links(&fresh), "{round}: {path}");
        // What is taken from the index of before is what would be read.
        open = open.newer().expect("an index");
        let anew = Index::open(&project.index()).expect("an index");
        assert!(!open.is_outdated() && open.files() == anew.files(), "{round}: {path}");
        assert_eq!(open.find_path(path), anew.find_path(path));
        session = outcome.session;
    }
}

#[test]
fn an_index_that_was_built_anew_is_not_taken_for_the_one_before() {
    let project = caves();
    let number = || -> String {
        let store = rusqlite::Connection::open(project.index()).expect("a store");
        store.query_row("SELECT value FROM meta WHERE key = 'generation'", [], |r| r.get(0)).expect("a number")
    };
    refreshed(&project, None);
    // It came later: its number is the last, though it is the first by name.
    project.write("aaa.c", "int first_of_all(void) { return 1; }\n");
    let session = refreshed(&project, None).session;
    let (before, open) = (number(), Index::open(&project.index()).expect("an index"));
    open.names().expect("names");
    // Another program takes the index away and makes it anew: files have other numbers then, generations may have the same.
    std::fs::remove_file(project.index()).expect("gone");
    refreshed(&project, None);
    while number() < before {
        project.write("main.c", &format!("{MAIN_C}/* {} */\n", number()));
        refreshed(&project, None);
    }
    assert_eq!(number(), before);
    project.write("rack.c", &format!("{RACK_C}int turned_now;\n"));
    let touched = vec![session.plan().roots[0].join("rack.c")];
    let outcome = refreshed(&project, Some((session, touched)));
    // The facts of before are looked for under the numbers that files have now, and are found.
    assert!(matches!(outcome.reach, AffectedFiles::Files(_)) && outcome.rebuilt.is_none(), "{:?} {:?}", outcome.reach, outcome.rebuilt);
    let anew = Index::open(&project.index()).expect("an index");
    let newer = open.newer().expect("an index");
    assert!(newer.files() == anew.files() && newer.find_path("aaa.c").is_some());
    assert!(newer.names().expect("names").contains("first_of_all"));
    let fresh = Project::new();
    for file in anew.files() {
        fresh.write(&file.path, &std::fs::read_to_string(project.root().join(&file.path)).expect("text"));
    }
    refreshed(&fresh, None);
    assert_eq!(links(&project), links(&fresh));
}

#[test]
fn names_are_taken_over_where_no_new_one_came() {
    let project = caves();
    refreshed(&project, None);
    let first = Index::open(&project.index()).expect("an index");
    let names = first.names().expect("names");
    assert!(names.contains("rack_turn") && names.contains("LIMIT") && !names.contains("rack_turns") && !names.contains(""));
    // A body alone: the same names.
    project.write("rack.c", &RACK_C.replace("SALT(by)", "SALT(by + 1)"));
    refreshed(&project, None);
    let second = first.newer().expect("an index");
    assert!(Arc::ptr_eq(&names, &second.names().expect("names")));
    project.write("rack.c", &format!("{RACK_C}int newly_made;\n"));
    refreshed(&project, None);
    let third = second.newer().expect("an index");
    assert!(third.names().expect("names").contains("newly_made"));
    // One that is gone leads nowhere, whoever still lists it.
    project.write("rack.c", RACK_C);
    refreshed(&project, None);
    let fourth = third.newer().expect("an index");
    assert!(fourth.named("newly_made").expect("names").is_empty());
    assert!(fourth.names().expect("names").contains("newly_made"), "it is only listed");
}

#[test]
fn of_a_long_list_of_files_the_changed_part_is_written() {
    let project = Project::new();
    (0..1200).for_each(|n| project.write(&format!("f{n:04}.c"), &format!("int cave_{n}(void) {{ return {n}; }}\n")));
    let session = refreshed(&project, None).session;
    let written = |project: &Project| -> Vec<(i64, i64)> {
        let store = rusqlite::Connection::open(project.index()).expect("a store");
        let mut select = store.prepare("SELECT part, generation FROM files ORDER BY part").expect("rows");
        select.query_map([], |r| Ok((r.get(0)?, r.get(1)?))).expect("rows").collect::<Result<_, _>>().expect("rows")
    };
    let before = written(&project);
    assert_eq!(before.iter().map(|p| p.0).collect::<Vec<_>>(), [0, 1, 2]);
    project.write("f0700.c", "int turned_700(void) { return 7; }\n");
    let touched = session.plan().roots[0].join("f0700.c");
    refreshed(&project, Some((session, vec![touched])));
    let after = written(&project);
    assert_eq!((after[0], after[2], after.len()), (before[0], before[2], 3));
    assert!(after[1].1 > before[1].1, "{before:?} {after:?}");
    // Fewer files: what is beyond is gone, and nothing of it is missed.
    (600..1200).for_each(|n| project.remove(&format!("f{n:04}.c")));
    refreshed(&project, None);
    assert_eq!(written(&project).len(), 2);
    assert_eq!(Index::open(&project.index()).expect("an index").files().len(), 600);
}

#[test]
fn a_part_of_the_list_that_is_damaged_or_missing_is_no_answer() {
    for damage in ["UPDATE files SET blob = zeroblob(20)", "DELETE FROM files"] {
        let project = caves();
        refreshed(&project, None);
        rusqlite::Connection::open(project.index()).expect("a store").execute_batch(damage).expect("done");
        let Err(error) = Index::open(&project.index()) else { panic!("{damage}: it was opened") };
        assert!(matches!(error, compass_index::OpenError::Damaged(_)), "{damage}: {error}");
        let outcome = refreshed(&project, None);
        assert!(outcome.rebuilt.is_some(), "{damage}");
        assert_eq!(Index::open(&project.index()).expect("an index").files().len(), 6);
    }
}

#[test]
fn an_index_that_is_just_being_made_is_neither_damaged_nor_busy() {
    let folder = tempfile::tempdir().expect("a folder");
    let path = folder.path().join("index.sqlite");
    let making = rusqlite::Connection::open(&path).expect("a file");
    making.execute_batch("BEGIN EXCLUSIVE; CREATE TABLE meta (key TEXT)").expect("locked");
    let Err(error) = Index::open(&path) else { panic!("there is nothing to open yet") };
    let text = format!("{error} {:?}", std::error::Error::source(&error).map(ToString::to_string));
    assert!(text.contains("just making it") && !text.contains("locked") && !text.contains("damaged"), "{text}");
}
