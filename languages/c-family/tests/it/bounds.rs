//! Work is bounded, whatever is asked: macros that double what they are given, calls within calls, files that include themselves twice.

use compass_facts::Cancel;
use compass_index::plan::Options as PlanOptions;
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Index, Silent};
use compass_unfold::{Options, Unfolding, unfold};
use std::time::{Duration, Instant};
use testkit::Project;

fn unfolded(files: &[(&str, &str)], at: &str) -> Unfolding {
    let project = Project::with(files);
    let request =
        Request { options: PlanOptions { roots: vec![project.root()], ..Default::default() }, index: project.index(), threads: 1, ..Default::default() };
    run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
    let index = Index::open(&project.index()).expect("an index");
    let (path, text) = files[0];
    let began = Instant::now();
    let found = unfold(&index, &Disk, index.find_path(path).expect("the file"), text.rfind(at).expect("the call") as u32, &Options::default(), &Cancel::new());
    // Seconds in an unoptimised build beside others; without bounds it is hours and all memory there is.
    assert!(began.elapsed() < Duration::from_secs(30), "{:?}", began.elapsed());
    found.expect("unfolded")
}

#[test]
fn macros_that_double_what_they_are_given_stop_with_a_true_reason() {
    let macros: String = (1..40).map(|i| format!("#define D{i}(x) D{}(x) D{}(x)\n", i - 1, i - 1)).collect();
    let text = format!("#define D0(x) x\n{macros}int a = D39(1);\n");
    let found = unfolded(&[("a.c", &text)], "D39(1)");
    assert!(found.notes.iter().any(|n| n.contains("too much to unfold")), "{:?}", found.notes);
    assert!(!found.notes.iter().any(|n| n.contains("never closed")), "{:?}", found.notes);
}

#[test]
fn calls_within_calls_cost_what_they_show() {
    let text = format!("#define ID(x) x\nint a = {}1{};\n", "ID(".repeat(150), ")".repeat(150));
    let found = unfolded(&[("a.c", &text)], "ID(ID(ID(");
    let first = text.find("= ID(").expect("the call") as u32 + 2;
    assert!(found.place.span.start >= first && !found.steps.is_empty());
}

#[test]
fn very_many_uses_in_one_argument_are_unfolded() {
    let text = format!("#define ONE 1\n#define ID(x) x\nint a[] = {{ ID({}0) }};\n", "ONE + ".repeat(4_000));
    let found = unfolded(&[("a.c", &text)], "ID(ONE");
    assert_eq!(found.steps.len(), 4_001);
    assert!(!found.state(found.steps.len()).text.contains("ONE"));
}

#[test]
fn files_that_include_themselves_twice_end() {
    let found = unfolded(&[("a.c", "#include \"b.h\"\n#define M 3\nint a = M;\n"), ("b.h", "#include \"b.h\"\n#include \"b.h\"\n")], "M;");
    assert_eq!(found.state(1).text.trim(), "3");
    assert!(found.notes.iter().any(|n| n.contains("without end")), "{:?}", found.notes);
}

#[test]
fn the_platform_s_own_macros_choose_branches() {
    let text = "#ifdef __linux__\n#define WHERE here\n#else\n#define WHERE elsewhere\n#endif\nint a = WHERE;\n";
    assert_eq!(unfolded(&[("a.c", text)], "WHERE;").state(1).text.trim(), "here");
}

#[test]
fn a_definition_that_is_excluded_is_not_applied_where_an_include_is_missing() {
    let text = "#include \"absent.h\"\n#ifdef NO_MUTEX\n#define leave(m)\n#endif\nvoid f(void *m);\nvoid g(void *m) { leave(m); }\n";
    let project = Project::with(&[("a.c", text)]);
    let request =
        Request { options: PlanOptions { roots: vec![project.root()], ..Default::default() }, index: project.index(), threads: 1, ..Default::default() };
    run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
    let index = Index::open(&project.index()).expect("an index");
    let at = text.rfind("leave").expect("the call") as u32;
    let found = unfold(&index, &Disk, index.find_path("a.c").expect("the file"), at, &Options::default(), &Cancel::new());
    let applied: Vec<String> = found.map(|f| f.steps.iter().map(|s| s.by.clone()).collect()).unwrap_or_default();
    assert!(applied.is_empty(), "{applied:?}");
}

#[test]
fn labels_in_capitals_cost_what_they_are_long() {
    let labels: String = (0..40_000).map(|i| format!("CASE_{i}:\n")).collect();
    let project = Project::with(&[("a.c", &format!("int run(int a) {{\n{labels}goto CASE_7;\n}}\n"))]);
    let request =
        Request { options: PlanOptions { roots: vec![project.root()], ..Default::default() }, index: project.index(), threads: 1, ..Default::default() };
    let began = Instant::now();
    run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
    assert!(began.elapsed() < Duration::from_secs(30), "{:?}", began.elapsed());
}
