//! C and C++ in the index: what is kept of them, and that batches, threads and refreshes do not show.

use super::{index, links, request};
use compass_facts::{Cancel, Kind};
use compass_index::refresh::{RefreshError, run};
use compass_index::{Disk, Index, Phase, Progress, Silent, SymbolId};
use testkit::Project;

fn open(project: &Project) -> Index {
    Index::open(&project.index()).expect("an index")
}

fn symbol(index: &Index, name: &str, kind: Kind) -> SymbolId {
    index.named(name).expect("names").into_iter().find(|e| e.kind == kind).expect("defined").symbol
}

/// Many files over several batches, with statics of one name and macros in a shared header.
fn many(count: usize) -> Project {
    let project = Project::with(&[("include/rack.h", "struct rack { int slots; };\nint turn(struct rack *r);\n#define LIMIT 3\n")]);
    for i in 0..count {
        let text = format!(
            "#include \"rack.h\"\nstatic int own(int n) {{ return n + {i}; }}\nint use_{i}(struct rack *r) {{ return own(r->slots) + turn(r) + LIMIT + use_{}(r); }}\n",
            (i + 1) % count
        );
        project.write(&format!("src/part{:02}/f{i}.c", i % 7), &text);
    }
    project.write("src/turn.c", "#include \"../include/rack.h\"\nint turn(struct rack *r) { return r->slots; }\n");
    project
}

#[test]
fn batches_and_threads_do_not_show() {
    let project = many(230);
    let mut seen = Vec::new();
    for threads in [1, 2, 5] {
        let _ = std::fs::remove_file(project.index());
        run(&request(&project, threads), &Disk, &Cancel::new(), &Silent).expect("indexed");
        seen.push((links(&project), std::fs::metadata(project.index()).expect("an index").len()));
    }
    assert!(seen[0].0.len() >= 230 * 5);
    assert!(seen.windows(2).all(|w| w[0].0 == w[1].0), "links differ between numbers of threads");
}

#[test]
fn statics_stay_in_their_file_and_prototypes_lead_to_bodies() {
    let project = many(3);
    index(&project);
    let all = links(&project);
    let of = |name: &str| all.iter().filter(|l| l.contains(&format!(" {name} -> "))).collect::<Vec<_>>();
    assert!(of("own").iter().all(|l| l.split(':').next() == l.split(" -> ").nth(1).and_then(|t| t.split(' ').next())), "{:?}", of("own"));
    assert!(of("turn").iter().all(|l| l.contains("-> src/turn.c turn")), "{:?}", of("turn"));
    assert!(of("LIMIT").iter().all(|l| l.ends_with("include/rack.h LIMIT proven")));
}

#[test]
fn a_refresh_of_a_header_gives_what_a_full_index_gives() {
    let project = many(40);
    index(&project);
    project.write("include/rack.h", "#define LIMIT 4\nstruct slot { int row; };\nstruct rack { struct slot first; int slots; };\nint turn(struct rack *r);\n");
    index(&project);
    let refreshed = links(&project);
    std::fs::remove_file(project.index()).expect("removed");
    index(&project);
    assert_eq!(refreshed, links(&project));
}

#[test]
fn what_is_local_never_reaches_the_postings() {
    let project = Project::with(&[("a.c", "int f(int n) { int twice = n * 2; out: return twice + n; }\nint g(void) { return f(1); }\n")]);
    index(&project);
    let index = open(&project);
    let mut kinds = Vec::new();
    for name in ["f", "g", "n", "twice", "out"] {
        kinds.push(index.named(name).expect("names").len());
    }
    assert_eq!(kinds, [1, 1, 0, 0, 0]);
    assert_eq!(index.names().expect("names").iter().collect::<Vec<_>>(), ["f", "g"]);
    assert_eq!(index.uses(symbol(&index, "f", Kind::Function)).expect("uses").len(), 1);
}

#[test]
fn overriding_members_are_recorded_under_what_they_replace() {
    let project = Project::with(&[
        ("a.h", "class Slot { public: virtual int weigh(int by) = 0; int row(); };\n"),
        ("b.cc", "#include \"a.h\"\nclass Shelf : public Slot { int weigh(int by) override { return by; } int row(int other); };\n"),
    ]);
    index(&project);
    let index = open(&project);
    let of = |class: &str, name: &str| {
        let entries = index.named(name).expect("names");
        let is_in = |s: SymbolId| index.definition(s).expect("facts").is_some_and(|(f, d)| f.facts.container_path(d) == [class]);
        entries.into_iter().map(|e| e.symbol).find(|s| is_in(*s)).expect("a member")
    };
    assert_eq!(index.derived(of("Slot", "weigh")).expect("derived"), [of("Shelf", "weigh")]);
    assert!(index.derived(of("Slot", "row")).expect("derived").is_empty());
}

#[test]
fn headers_are_cpp_where_they_read_like_it() {
    let project = Project::with(&[
        ("c/plain.c", "#include \"plain.h\"\n"),
        ("c/plain.h", "struct class_like { int template_; };\n"),
        ("cpp/a.cc", "#include \"a.h\"\n"),
        ("cpp/a.h", "int shared(void);\n"),
        ("mixed/b.h", "namespace larder { int c(); }\n"),
        ("mixed/b.c", "int b;\n"),
    ]);
    index(&project);
    let index = open(&project);
    let language = |path: &str| index.file(index.find_path(path).expect("a file")).expect("a row").language;
    assert_eq!([language("c/plain.h"), language("cpp/a.h"), language("mixed/b.h")], [languages::C, languages::CPP, languages::CPP]);
}

#[test]
fn an_ignore_file_that_names_everything_is_passed_over() {
    let project = Project::with(&[(".gitignore", "/*\n"), ("a.c", "int a;\n")]);
    let outcome = index(&project);
    assert_eq!(outcome.summary.files, 1);
    assert!(outcome.warnings.iter().any(|w| w.contains("ignore files")), "{:?}", outcome.warnings);
}

#[test]
fn commands_of_a_build_give_folders_and_macros() {
    let project = Project::with(&[
        ("third/inc/deep/port.h", "int port(void);\n"),
        ("other/deep/port.h", "int port(void);\n"),
        (
            "a.c",
            "#include <deep/port.h>\n#ifdef FAST\nint turn(void) { return 1; }\n#else\nint turn(void) { return 2; }\n#endif\nint f(void) { return turn() + port(); }\n",
        ),
    ]);
    let first_turn = |project: &Project| links(project).into_iter().find(|l| l.contains(" turn -> ")).expect("a link");
    index(&project);
    let included = |index: &Index| {
        index.links(index.find_path("a.c").expect("a file")).expect("links").imports[0].iter().map(|s| index.path_of(s.file)).collect::<Vec<_>>()
    };
    assert_eq!(included(&open(&project)), ["other/deep/port.h"], "the first of two that are as near");
    let without = first_turn(&project);
    let root = project.root();
    project.write("compile_commands.json", &format!(r#"[{{"directory": "{}", "command": "cc -Ithird/inc -DFAST=1 -c a.c", "file": "a.c"}}]"#, root.display()));
    index(&project);
    assert_eq!(included(&open(&project)), ["third/inc/deep/port.h"]);
    let index = open(&project);
    let file = index.find_path("a.c").expect("a file");
    let facts = index.facts(file).expect("facts");
    let links = index.links(file).expect("links");
    let call = links.iter().find(|(usage, _)| facts.facts.name(facts.facts.usage(*usage).name) == "turn").expect("a link").1;
    let (at, def) = index.definition(call.targets[0]).expect("facts").expect("a target");
    let text = "#include <deep/port.h>\n#ifdef FAST\nint ";
    assert_eq!(at.facts.def(def).name_span.start as usize, text.len(), "the branch that the build takes comes first (without: {without})");
}

#[test]
fn options_of_a_build_choose_between_branches_until_they_change() {
    let short = "int turn(int by) { return by; }";
    let long = "int turn(int by) { return by + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }";
    let project = Project::with(&[
        ("rack/CMakeLists.txt", "option(LOCKS \"\" OFF)\n"),
        ("rack/turn.c", &format!("#ifdef LOCKS\n{long}\n#else\n{short}\n#endif\nint f(void) {{ return turn(1); }}\n")),
        ("shelf/turn.c", &format!("#ifdef LOCKS\nstatic {long}\n#else\nstatic {short}\n#endif\nint g(void) {{ return turn(1); }}\n")),
        ("shelf/rack_config.h", "//#define LOCKS\n"),
    ]);
    // Is the first branch meant by the call in a file?
    let means_first = |path: &str| {
        index(&project);
        let index = open(&project);
        let file = index.find_path(path).expect("a file");
        let (facts, links) = (index.facts(file).expect("facts"), index.links(file).expect("links"));
        let call = links.iter().find(|(usage, _)| facts.facts.name(facts.facts.usage(*usage).name) == "turn").expect("a link").1;
        let (at, def) = index.definition(call.targets[0]).expect("facts").expect("a target");
        at.facts.def(def).name_span.start < 40
    };
    assert!(!means_first("rack/turn.c"));
    assert!(means_first("shelf/turn.c"), "a build says nothing of other folders");
    project.write("rack/CMakeLists.txt", "option(LOCKS \"\" ON)\n");
    assert!(means_first("rack/turn.c"), "what the files of a build say anew counts at once");
    assert!(means_first("shelf/turn.c"));
}

/// Asks to stop while files are linked, as soon as the names can be asked for.
struct StopsAtLinking(Cancel, std::path::PathBuf);

impl Progress for StopsAtLinking {
    fn report(&self, phase: Phase, _: u64, _: u64) {
        for _ in 0..400 {
            if phase != Phase::Link || self.0.is_cancelled() {
                return;
            }
            if Index::open(&self.1).is_ok_and(|i| i.is_read()) {
                self.0.cancel();
            }
            std::thread::sleep(std::time::Duration::from_millis(10));
        }
    }
}

#[test]
fn a_large_first_run_that_is_stopped_answers_names_and_goes_on_later() {
    let project = many(300);
    // Large enough to be shown before it is linked.
    project.write("notes.c", &format!("/* {} */\nint noted;\n", "turn the wheel ".repeat(290_000)));
    for attempt in 0..2 {
        let cancel = Cancel::new();
        let stopped = run(&request(&project, 1), &Disk, &cancel, &StopsAtLinking(cancel.clone(), project.index()));
        assert!(matches!(stopped, Err(RefreshError::Cancelled)), "attempt {attempt}: {stopped:?}");
        let early = open(&project);
        assert!(!early.is_linked());
        assert_eq!(early.named("turn").expect("names").len(), 2);
    }
    index(&project);
    let done = open(&project);
    assert!(done.is_linked());
    assert_eq!(done.named("noted").expect("names").len(), 1);
    assert_eq!(done.uses(symbol(&done, "LIMIT", Kind::Macro)).expect("uses").len(), 300);
}
