//! Forms, filters, pages, completeness.

use crate::support::{ask, engine, places};
use compass_trace::{Answer, AnswerError, Context, Early, Engine};
use rstest::{fixture, rstest};
use std::sync::{Arc, Mutex};
use std::time::Duration;
use testkit::Project;

#[fixture]
fn caves() -> Project {
    Project::with(&[
        (
            "planner.py",
            "import model\nfrom absent_package import clock\n\ndef plan(rack):\n    \"\"\"Plans a turn.\n\n    Slowly.\n    \"\"\"\n    wheel = model.Wheel()\n    wheel.turned = 1\n    take(wheel)\n    return wheel.turned\n\ndef take(wheel):\n    clock.now()\n    wheel.unknown_thing()\n\ndef again():\n    plan(1)\n    plan(2)\n",
        ),
        (
            "model.py",
            "class Base:\n    pass\n\nclass Wheel(Base):\n    def __init__(self):\n        self.turned = 0\n\n    def rest(self):\n        self.turned = 2\n",
        ),
        ("sub/other.py", "from planner import plan\n\ndef main():\n    plan(3)\n"),
        ("notes.md", "plan the caves\n"),
    ])
}

#[rstest]
#[case::name("where is plan", &["planner.py:4"])]
#[case::qualified("where is Wheel.rest", &["model.py:8"])]
#[case::wildcard("where is t*ke", &["planner.py:14"])]
#[case::quoted("where is \"plan\"", &["planner.py:4"])]
#[case::bare("plan", &["planner.py:4"])]
#[case::calls("who calls plan", &["planner.py:19", "planner.py:20", "sub/other.py:4"])]
#[case::calls_in("who calls plan in sub/", &["sub/other.py:4"])]
#[case::calls_outside("who calls plan outside sub/", &["planner.py:19", "planner.py:20"])]
#[case::writes("who writes Wheel.turned", &["model.py:6", "model.py:9", "planner.py:10"])]
#[case::reads("who reads Wheel.turned", &["planner.py:12"])]
#[case::uses("who uses plan as import", &["sub/other.py:1"])]
#[case::alternatives("who calls take or plan in planner.py", &["planner.py:11", "planner.py:19", "planner.py:20"])]
#[case::imports("who imports planner.py", &["sub/other.py:1"])]
#[case::includes_of("what does planner.py import", &["planner.py:1", "planner.py:2"])]
#[case::what_calls("what does plan call", &["planner.py:9", "planner.py:11"])]
#[case::defines("what does Wheel define", &["model.py:5", "model.py:6", "model.py:8"])]
#[case::extends("who extends Base", &["model.py:4"])]
#[case::bases("what does Wheel extend", &["model.py:1"])]
#[case::text("text \"plan the\"", &["notes.md:1"])]
#[case::pattern("pattern /PLAN\\(\\d/i in sub", &["sub/other.py:4"])]
#[case::files("files *.md", &["notes.md:1"])]
#[case::symbols("symbols wh kind class", &["model.py:4"])]
#[case::entries("entry points", &["sub/other.py:3"])]
#[case::only("who calls plan only guessed", &[])]
#[case::least("who calls plan at least proven in sub/", &["sub/other.py:4"])]
#[case::lang("text plan lang text", &["notes.md:1"])]
#[case::page("who calls plan after 1 at most 1", &["planner.py:20"])]
#[case::module_by_name("what does planner define kind fn", &["planner.py:4", "planner.py:14", "planner.py:18"])]
#[case::module_by_dots("who imports sub.other", &[])]
fn questions_have_answers(caves: Project, #[case] question: &str, #[case] wanted: &[&str]) {
    assert_eq!(places(&ask(&engine(&caves), question)), wanted, "{question}");
}

#[rstest]
fn total_counts_more_than_the_page(caves: Project) {
    let answers = ask(&engine(&caves), "who calls plan at most 1");
    assert_eq!((answers.total, answers.answers.len()), (3, 1));
}

#[rstest]
fn rows_carry_two_levels_of_context(caves: Project) {
    let engine = engine(&caves);
    let mut answers = ask(&engine, "who calls take");
    engine.add_caller(&mut answers.answers[0]);
    let row = &answers.answers[0];
    assert_eq!((row.enclosing.as_deref(), row.caller.as_deref(), row.role_word()), (Some("plan"), Some("again"), Some("call")));
    assert_eq!(row.text.as_deref(), Some("    take(wheel)"));
}

#[rstest]
fn what_is_gives_signature_and_documentation(caves: Project) {
    let answers = ask(&engine(&caves), "what is plan");
    assert_eq!(answers.notes[0], "fn def plan(rack)");
    assert!(answers.notes.contains(&"Plans a turn.".to_owned()));
}

#[rstest]
fn an_absent_dependency_makes_an_answer_incomplete(caves: Project) {
    let answers = ask(&engine(&caves), "what does take call");
    assert!(!answers.complete);
    assert!(answers.missing.iter().any(|m| m.cause == "unit_absent"), "{:?}", answers.missing);
}

/// A name that is used has a definition somewhere, if only in a macro or a package that is not here.
#[rstest]
fn what_is_used_but_not_defined_is_somewhere(caves: Project) {
    caves.write("flags.c", "#include <absent/flags.h>\nint run(void) { return gear_is_set(3); }\n");
    let answers = ask(&engine(&caves), "where is gear_is_set");
    assert!(answers.total == 0 && !answers.complete, "{answers:?}");
    assert!(ask(&engine(&caves), "where is gear_is_lost").complete, "nobody writes that name");
}

#[rstest]
fn a_gap_makes_answers_incomplete_about_names_that_stand_in_it(caves: Project) {
    caves.write("broken.py", "def half(:\n    ((((\n");
    let engine = engine(&caves);
    assert!(ask(&engine, "where is rest").complete, "nothing of that name is hidden");
    for question in ["where is half", "who calls half"] {
        let answers = ask(&engine, question);
        assert!(answers.missing.iter().any(|m| m.cause == "unreadable"), "{question}: {:?}", answers.missing);
        assert!(!answers.complete);
    }
}

#[rstest]
fn a_gap_in_another_language_hides_nothing(caves: Project) {
    caves.write("broken.c", "int rest(int a { return +* ; }\n");
    assert!(ask(&engine(&caves), "where is Wheel.rest").complete);
    assert!(!ask(&engine(&caves), "where is rest lang c").complete);
}

#[rstest]
fn uses_without_a_target_are_counted_and_one_word_away(caves: Project) {
    caves.write("far.py", "def far(thing):\n    thing.rest()\n    thing.other()\n");
    let engine = engine(&caves);
    let answers = ask(&engine, "who calls Wheel.rest");
    let missing: u64 = answers.missing.iter().map(|m| m.count).sum();
    let shown = ask(&engine, "who calls Wheel.rest or guessed");
    let guessed: Vec<String> = places(&shown);
    assert!(guessed.contains(&"far.py:2".to_owned()), "{guessed:?}");
    assert!(answers.total == shown.total || missing > 0, "{answers:?}");
    // A name that nobody defines has uses all the same.
    assert_eq!(places(&ask(&engine, "who calls unknown_thing or guessed")), ["planner.py:16"]);
}

#[rstest]
fn a_guess_among_many_is_missing_from_those_it_is_not_listed_for(caves: Project) {
    for i in 0..6 {
        caves.write(&format!("many/m{i}.py"), &format!("class M{i}:\n    def spin(self):\n        pass\n"));
    }
    caves.write("use.py", "def use(x):\n    x.spin()\n");
    let engine = engine(&caves);
    for i in 0..6 {
        let answers = ask(&engine, &format!("who calls M{i}.spin"));
        assert!(answers.total == 1 || !answers.complete, "M{i}: {answers:?}");
    }
}

#[rstest]
fn a_time_limit_makes_an_answer_incomplete(caves: Project) {
    let context = Context { time_limit: Some(Duration::ZERO), ..Context::default() };
    let answers = engine(&caves).ask("text plan", &context).expect("answers");
    assert!(!answers.complete);
    assert_eq!(answers.missing[0].cause, "time_limit");
}

#[rstest]
fn an_unknown_receiver_is_said(caves: Project) {
    caves.write("more.py", "def f(x):\n    x.rest_of_it()\n\nclass A:\n    def rest_of_that(self): pass\n");
    let answers = ask(&engine(&caves), "where is more.py:2:7");
    assert_eq!((answers.total, answers.missing[0].cause.as_str()), (0, "receiver_unknown"));
}

#[rstest]
fn names_nobody_defines_have_nearest_names(caves: Project) {
    let answers = ask(&engine(&caves), "where is plann");
    assert_eq!(answers.total, 0);
    assert!(answers.notes.iter().any(|n| n.contains("nearest: plan")), "{:?}", answers.notes);
}

#[rstest]
fn several_symbols_of_one_name_are_offered(caves: Project) {
    caves.write("two.py", "def plan(): pass\n");
    let answers = ask(&engine(&caves), "who calls plan");
    assert!(answers.notes.iter().any(|n| n.contains("defined in two.py")), "{:?}", answers.notes);
    assert_eq!(places(&ask(&engine(&caves), "where is plan defined in two.py")), ["two.py:1"]);
}

#[rstest]
#[case::defined_in("where is plan defined in model.py", "none of them defined in model.py; the first is in planner.py")]
#[case::folder("who calls plan in nowhere/", "the filters leave none of 3 answers")]
#[case::kind("symbols plan kind class", "the filters leave none of 1 answers")]
fn filters_that_leave_nothing_are_said(caves: Project, #[case] question: &str, #[case] note: &str) {
    let answers = ask(&engine(&caves), question);
    assert_eq!(answers.total, 0);
    assert!(answers.notes.iter().any(|n| n.contains(note)), "{:?}", answers.notes);
}

#[rstest]
#[case::symbol("where is planner.py:9:19", "model.py:4")]
#[case::line_with_definition("where is model.py:8", "model.py:8")]
#[case::line_with_use("where is planner.py:11", "planner.py:14")]
#[case::end_of_path("where is other.py:4:5", "planner.py:4")]
#[case::from_the_root("where is ./sub/other.py:4:5", "planner.py:4")]
#[case::key_or_local("where is planner.py:12:12", "planner.py:9")]
fn places_lead_to_definitions(caves: Project, #[case] question: &str, #[case] wanted: &str) {
    assert_eq!(places(&ask(&engine(&caves), question)).first().map(String::as_str), Some(wanted));
}

#[rstest]
#[case::no_file("where is gone.py:1:1", "no file gone.py")]
#[case::no_place("where is model.py:99:1", "has no place 99:1")]
#[case::blank("where is planner.py:10:18", "there is no name at this place")]
fn places_where_nothing_stands_are_said(caves: Project, #[case] question: &str, #[case] note: &str) {
    let answers = ask(&engine(&caves), question);
    assert_eq!(answers.total, 0);
    assert!(answers.notes.iter().any(|n| n.contains(note)), "{:?}", answers.notes);
}

#[rstest]
fn of_these_needs_earlier_answers(caves: Project) {
    let engine = engine(&caves);
    assert!(matches!(engine.ask("who calls plan of these", &Context::default()), Err(AnswerError::Parse(_))));
    let first = ask(&engine, "who calls plan in sub/");
    let these = first.answers.iter().filter_map(|a| a.file.map(|f| (f, a.start))).collect();
    let context = Context { these: Some(these), ..Context::default() };
    assert_eq!(engine.ask("who calls plan of these", &context).expect("answers").total, 1);
}

#[rstest]
#[case::unit("who calls plan unit nothing")]
#[case::kind("symbols pl kind functoin")]
#[case::language("text plan lang cobol")]
fn unknown_words_of_filters_have_nearest_ones(caves: Project, #[case] question: &str) {
    match engine(&caves).ask(question, &Context::default()) {
        Err(AnswerError::Parse(e)) => assert!(!e.expected.is_empty()),
        other => panic!("{question}: {other:?}"),
    }
}

#[rstest]
fn a_changed_file_is_read_anew_for_the_answer(caves: Project) {
    let engine = engine(&caves);
    let text = std::fs::read_to_string(caves.root().join("planner.py")).expect("readable");
    caves.write("planner.py", &format!("# one\n# two\n{text}"));
    assert_eq!(places(&ask(&engine, "where is take")), ["planner.py:16"]);
    assert_eq!(places(&ask(&engine, "who calls plan in planner.py")), ["planner.py:21", "planner.py:22"]);
    assert_eq!(places(&ask(&engine, "where is planner.py:13:5")), ["planner.py:16"]);
}

/// An open program once went on showing the text it had read first.
#[rstest]
fn a_file_changed_between_two_answers_is_seen_once_texts_are_forgotten(caves: Project) {
    let engine = engine(&caves);
    assert_eq!(places(&ask(&engine, "where is take")), ["planner.py:14"]);
    let text = std::fs::read_to_string(caves.root().join("planner.py")).expect("readable");
    caves.write("planner.py", &format!("# one\n{text}"));
    engine.index().forget_texts();
    assert_eq!(places(&ask(&engine, "where is take")), ["planner.py:15"]);
}

#[rstest]
fn a_prototype_and_its_body_are_one_entity() {
    let project = Project::with(&[
        ("a.h", "int turn(int n);\n"),
        ("a.c", "#include \"a.h\"\nint turn(int n) { return n; }\n"),
        ("b.c", "#include \"a.h\"\nint b(void) { return turn(1); }\n"),
    ]);
    let engine = engine(&project);
    assert_eq!(places(&ask(&engine, "where is turn")), ["a.c:2", "a.h:1"]);
    assert_eq!(places(&ask(&engine, "where is b.c:2:22 declared")), ["a.h:1"]);
    let at_place = ask(&engine, "where is b.c:2:22");
    assert_eq!((places(&at_place), at_place.notes.join(" ")), (vec!["a.c:2".to_owned()], "declared at a.h:1".to_owned()));
}

#[rstest]
fn forward_declarations_are_one_row_that_opens_them() {
    let forward: Vec<(String, String)> = (0..4).map(|i| (format!("use{i}.hpp"), "namespace larder { class Board; }\n".to_owned())).collect();
    let mut files: Vec<(&str, &str)> = forward.iter().map(|(p, t)| (p.as_str(), t.as_str())).collect();
    files.push(("board.hpp", "namespace larder { class Board { public: int n; }; }\n"));
    files.push(("board.cpp", "#include \"board.hpp\"\nint f(larder::Board *b) { return b->n; }\n"));
    let project = Project::with(&files);
    let engine = engine(&project);
    let found = ask(&engine, "where is Board");
    assert_eq!((places(&found), found.total, found.complete), (vec!["board.hpp:1".to_owned(), "use0.hpp:1".to_owned()], 2, true));
    assert_eq!(found.answers[1].remark.as_deref(), Some("and 3 more forward declarations"));
    let opened = ask(&engine, found.answers[1].opens.as_deref().expect("it opens"));
    assert_eq!(places(&opened), ["use0.hpp:1", "use1.hpp:1", "use2.hpp:1", "use3.hpp:1"]);
}

#[rstest]
#[case::at_the_tag("who uses a.c:1:16", &["a.c:1", "a.c:3", "a.c:3"])]
#[case::at_the_body("who uses a.c:2:8", &["a.c:1", "a.c:3", "a.c:3"])]
#[case::of_another_alias("who uses b.c:2:8", &["b.c:3"])]
fn an_alias_of_a_types_own_name_is_the_type(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        ("a.c", "typedef struct rack rack;\nstruct rack { int n; };\nint f(rack *r) { struct rack *q = r; return q->n; }\n"),
        ("b.c", "struct shelf { int n; };\nstruct row { int n; };\nint g(struct row *r) { return r->n; }\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted);
}

#[rstest]
fn members_of_a_type_without_a_tag_go_by_its_other_name() {
    let project = Project::with(&[("a.c", "typedef struct { int left; } stream_t;\nvoid f(stream_t *s) { s->left = 1; }\n")]);
    let answers = ask(&engine(&project), "who writes stream_t.left");
    assert_eq!((places(&answers), answers.notes.len()), (vec!["a.c:2".to_owned()], 0), "{:?}", answers.notes);
}

#[rstest]
fn bearings_gather_facts_and_relations(caves: Project) {
    let found = engine(&caves).bearings("sub/other.py", 4, 5, &Context::default()).expect("no failure").expect("bearings");
    assert_eq!((found.facts.name.as_str(), found.facts.kind.as_str(), found.facts.line), ("plan", "fn", 4));
    let groups: Vec<(&str, u64)> = found.groups.iter().map(|g| (g.title, g.total)).collect();
    assert_eq!(groups, [("called from", 3), ("calls", 2), ("all uses", 4)]);
    for group in &found.groups {
        assert_eq!(ask(&engine(&caves), &group.question).total, group.total, "{}", group.question);
    }
}

#[rstest]
fn bearings_say_why_there_are_none(caves: Project) {
    let why = engine(&caves).bearings("planner.py", 15, 11, &Context::default()).expect("no failure").expect_err("nothing to find");
    assert!(why.join(" ").contains("not indexed"), "{why:?}");
}

/// Files enough for several blocks of a search, each with two lines that match.
#[fixture]
fn shelves() -> Project {
    let files: Vec<(String, String)> = (0..90).map(|i| (format!("shelf_{i:02}.py"), "def wheel():\n    pass  # wheel\n".to_owned())).collect();
    let files: Vec<(&str, &str)> = files.iter().map(|f| (f.0.as_str(), f.1.as_str())).collect();
    Project::with(&files)
}

#[rstest]
#[case::first_page("text wheel", 180, 180)]
#[case::cut("text wheel at most 7", 180, 7)]
#[case::later("text wheel after 100 at most 30", 180, 30)]
#[case::beyond("text wheel after 500", 180, 0)]
#[case::filtered("pattern /whe+l/ in shelf_3*", 20, 20)]
fn rows_of_a_search_are_told_early_and_in_order(shelves: Project, #[case] question: &str, #[case] total: u64, #[case] rows: usize) {
    let told: Arc<Mutex<Vec<Answer>>> = Arc::default();
    let early = {
        let told = told.clone();
        Early(Arc::new(move |a: &Answer| told.lock().expect("no panic").push(a.clone())))
    };
    let answers = engine(&shelves).ask(question, &Context { early: Some(early), ..Context::default() }).expect("answers");
    assert_eq!((answers.total, answers.answers.len()), (total, rows));
    assert_eq!(*told.lock().expect("no panic"), answers.answers);
    assert!(answers.answers.is_sorted_by_key(|a| (a.path.clone(), a.line)));
}

#[rstest]
fn a_filter_that_leaves_no_row_of_a_search_says_so(shelves: Project) {
    let engine = engine(&shelves);
    let context = Context { these: Some(Vec::new()), ..Context::default() };
    let answers = engine.ask("text wheel of these", &context).expect("answers");
    assert_eq!(answers.notes, ["the filters leave none of 180 answers"]);
}

#[rstest]
fn a_search_can_be_stopped(shelves: Project) {
    let context = Context::default();
    context.cancel.cancel();
    assert!(matches!(engine(&shelves).ask("text wheel", &context), Err(AnswerError::Cancelled)));
}

#[rstest]
fn pages_of_a_name_with_many_definitions_follow_each_other(shelves: Project) {
    let engine = engine(&shelves);
    let whole = places(&ask(&engine, "where is wheel"));
    assert_eq!(whole.len(), 90);
    let pages: Vec<String> = (0..9).flat_map(|i| places(&ask(&engine, &format!("where is wheel after {} at most 10", i * 10)))).collect();
    assert_eq!(pages, whole);
    assert_eq!(ask(&engine, "where is wheel after 80").total, 90);
}

/// More uses than are looked at one by one, of two symbols of one name.
#[fixture]
fn crowd() -> Project {
    let calls = "    turn()\n".repeat(40);
    let mut files: Vec<(String, String)> =
        (0..12).map(|i| (format!("use_{i:02}.py"), format!("from wheel import turn\n\ndef f():\n{calls}    x = turn\n"))).collect();
    files.push(("wheel.py".to_owned(), "def turn(): pass\n".to_owned()));
    files.push(("zz/other.py".to_owned(), "def turn(): pass\n\ndef g():\n    turn()\n".to_owned()));
    let files: Vec<(&str, &str)> = files.iter().map(|f| (f.0.as_str(), f.1.as_str())).collect();
    Project::with(&files)
}

#[rstest]
#[case::calls("who calls turn", 481)]
#[case::uses("who uses turn", 505)]
fn pages_of_very_many_uses_are_those_of_the_whole(crowd: Project, #[case] question: &str, #[case] total: u64) {
    let engine = engine(&crowd);
    let pages: Vec<String> = (0..13).flat_map(|i| places(&ask(&engine, &format!("{question} after {} at most 40", i * 40)))).collect();
    // A filter makes every use be looked at.
    let whole = engine.ask(&format!("{question} outside nowhere at most 1000"), &Context::default()).expect("answers");
    assert_eq!((whole.total, ask(&engine, question).total), (total, total));
    assert_eq!(pages, places(&whole));
}

#[rstest]
#[case::by_its_methods("who implements Weighed", &["rack.go:4", "rack.go:9", "rack.go:15"])]
#[case::with_what_it_holds("who implements Heavy", &["rack.go:15"])]
#[case::not_by_number_of_parameters("who implements Turned", &[])]
fn types_of_go_implement_what_they_have_the_methods_of(#[case] question: &str, #[case] wanted: &[&str]) {
    let text = "package rack\n\ntype Weighed interface{ Weigh() int }\ntype Heavy interface {\n\tWeighed\n\tLift(by int)\n}\ntype Turned interface{ Turn() }\ntype Slot struct{}\n\nfunc (s Slot) Weigh() int { return 1 }\n\nfunc (s *Slot) Turn(by int) {}\n\ntype Shelf struct{ *Slot }\n\nfunc (s Shelf) Lift(by int) {}\n";
    let project = Project::with(&[("rack.go", text)]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted);
}

#[rstest]
fn methods_of_go_are_named_with_their_type() {
    let project = Project::with(&[("rack.go", "package rack\n\ntype Slot struct{}\n\nfunc (s *Slot) Turn() {}\n\nfunc Turn() {}\n")]);
    let answers = ask(&engine(&project), "where is Slot.Turn");
    assert_eq!((places(&answers), answers.answers[0].name.as_deref()), (vec!["rack.go:5".to_owned()], Some("Slot.Turn")));
}

#[rstest]
fn uses_inside_a_function_stand_among_very_many(crowd: Project) {
    crowd.write("zz/inner.py", "def outer():\n    def turn(): pass\n    turn()\n    turn()\n");
    assert_eq!(ask(&engine(&crowd), "who calls turn").total, 483);
}

/// One of several files of a package is compiled: by the system, or by the version of the language.
#[rstest]
#[case::by_the_system("where is rack.go:6:4", &["rack_other.go:5"])]
#[case::by_the_version_the_newest_first("where is rack.go:7:2", &["rack_go119_test.go:5", "rack_go117_test.go:5"])]
fn alternatives_of_go_are_the_usual_one_or_the_newest_first(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        ("rack.go", "package rack\n\ntype Rack struct{}\n\nfunc run(r *Rack) {\n\tr.Turn()\n\twash()\n}\n"),
        ("rack_js.go", "package rack\n\n// Turn turns.\n\nfunc (r *Rack) Turn() {}\n"),
        ("rack_other.go", "//go:build !js\n\npackage rack\n\nfunc (r *Rack) Turn() {}\n"),
        ("rack_go117_test.go", "//go:build go1.17 && !go1.18\n\npackage rack\n\nfunc wash() {}\n"),
        ("rack_go119_test.go", "//go:build go1.19 && !go1.20\n\npackage rack\n\nfunc wash() {}\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted);
}

#[rstest]
fn looking_for_gaps_ends_when_nobody_wants_them_any_more(caves: Project) {
    let engine = engine(&caves);
    assert!(engine.ask("gaps", &Context::default()).is_ok());
    let context = Context::default();
    context.cancel.cancel();
    assert!(matches!(engine.ask("gaps", &context), Err(AnswerError::Cancelled)));
}

#[rstest]
#[case::a_type_and_a_member("symbols Rack.ta", &["Rack.take"])]
#[case::by_colons("symbols rack::take", &["Rack.take"])]
#[case::a_file("symbols store.take", &["Shelf.take"])]
#[case::nothing_in_it("symbols Planner.take", &[])]
#[case::both_ways("symbols ta", &["Rack.take", "Shelf.take"])]
#[case::signs_alone("symbols ::", &[])]
fn fragments_may_be_qualified(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = testkit::Project::with(&[
        ("rack.py", "class Rack:\n    def take(self):\n        pass\n"),
        ("store.py", "class Shelf:\n    def take(self):\n        pass\n"),
        ("planner.py", "class Planner:\n    pass\n"),
    ]);
    let answers = ask(&engine(&project), question);
    let names: Vec<&str> = answers.answers.iter().filter_map(|a| a.name.as_deref()).collect();
    assert_eq!(names, wanted);
    assert_eq!(answers.total, wanted.len() as u64);
}

#[rstest]
#[case::handed_on("who calls turn_all", &["handed on as a value in 1 place: whoever has it may call it; who uses … as pass, read, ref lists them"])]
#[case::both("who writes limit", &["other uses: 1 × read, 1 × ref; who uses lists them"])]
#[case::called("who calls hand", &[])]
#[case::nothing("who calls lonely", &[])]
fn other_uses_are_told_where_there_are_none_of_the_kind(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[(
        "turn.c",
        "static int limit;\nvoid turn_all(int by) { (void)by; }\nstatic void lonely(void) {}\nvoid hand(void (*f)(int), int *to);\nvoid run(void) { hand(turn_all, &limit); if (limit) return; }\n",
    )]);
    let engine = engine(&project);
    assert_eq!(ask(&engine, question).notes, wanted);
}

#[rstest]
#[case::callers("who calls turn.h:1:5", &["run.c:2"])]
#[case::what_it_calls("what does turn.h:1:5 call", &["turn.c:3"])]
#[case::callers_of_the_body("who calls turn.c:3:5", &["run.c:2"])]
#[case::no_code("who calls turn.h:2:5", &["run.c:2"])]
fn at_a_declaration_the_code_counts_as_well(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        ("turn.h", "int turn(int by);\nint elsewhere(void);\n"),
        ("turn.c", "#include \"turn.h\"\nstatic int half(int n) { return n / 2; }\nint turn(int by) { return half(by); }\n"),
        ("run.c", "#include \"turn.h\"\nint run(void) { return turn(2) + elsewhere(); }\n"),
    ]);
    let engine = engine(&project);
    assert_eq!(places(&ask(&engine, question)), wanted);
}

/// Facts and rows of an older state are removed two changes later. Chains walked on over what was left and read behind its end.
#[rstest]
#[case::ways("how does main reach take")]
#[case::callers("who calls take through 3")]
#[case::uses("who uses plan")]
fn no_answer_mixes_two_states_of_an_index(caves: Project, #[case] question: &str) {
    let old = engine(&caves);
    for round in 0..3 {
        // Other content each time, so that the facts of before are of no more use.
        caves.write("planner.py", &format!("def take(w{round}):\n    pass\n\ndef plan(r):\n    take(r)\n"));
        let _ = engine(&caves);
    }
    let error = old.ask(question, &Context::default()).expect_err("the old state is gone");
    assert!(Engine::is_outdated(&error), "{error}");
    let newer = Engine::new(Arc::new(old.index().newer().expect("an index")));
    assert!(newer.ask(question, &Context::default()).is_ok());
}

#[test]
fn entry_points_come_by_weight_and_say_what_they_are() {
    let go = "package main\n\nfunc main() {}\n";
    let project = Project::with(&[
        ("go.mod", "module example.org/larder\n"),
        ("build/gen.go", go),
        ("cmd/larder/main.go", go),
        ("contrib/tool/main.go", go),
        ("docs/examples/show/main.go", go),
        ("planner/turn_test.go", "package planner\n\nfunc main() {}\n"),
        ("planner/main.go", "package planner\n\nfunc main() {}\n"),
        ("scripts/nightly.py", "def main():\n    pass\n"),
        ("Sole.java", "class Sole { public static void main(String[] a) {} }\n"),
    ]);
    let answers = ask(&engine(&project), "entry points");
    let told: Vec<String> = answers.answers.iter().map(|a| format!("{} {}", a.path, a.remark.as_deref().unwrap_or(""))).collect();
    let wanted = [
        "cmd/larder/main.go program larder",
        "Sole.java program Sole",
        "build/gen.go tool gen",
        "scripts/nightly.py tool nightly",
        "contrib/tool/main.go tool tool",
        "docs/examples/show/main.go example show",
    ];
    assert_eq!(told, wanted);
}

#[rstest]
#[case::only("who calls turn in tests", &["planner/turn_test.go:4"])]
#[case::without("who calls turn outside tests", &["planner/turn.go:6"])]
fn tests_are_a_scope_of_their_own(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        ("go.mod", "module example.org/larder\n"),
        ("planner/turn.go", "package planner\n\nfunc turn() {}\n\nfunc Run() {\n\tturn()\n}\n"),
        ("planner/turn_test.go", "package planner\n\nfunc TestTurn() {\n\tturn()\n}\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted);
}

#[test]
fn a_line_without_a_name_is_the_function_around_it() {
    let project = Project::with(&[("a.go", "package p\n\nfunc Turn() {\n\t// nothing is named here\n}\n")]);
    let answers = ask(&engine(&project), "where is a.go:4");
    assert_eq!(places(&answers), ["a.go:3"]);
    assert!(answers.notes.iter().any(|n| n.contains("around it, Turn")), "{:?}", answers.notes);
}

#[test]
fn all_text_is_searched_whatever_its_ending() {
    let project = Project::with(&[
        ("a.py", "x = 1\n"),
        ("page.tmpl", "{{ turned }}\n"),
        ("odd.zzz", "turned once\n"),
        ("Turn.vue", "<template><b>turned</b></template>\n<script>\nexport function turned() {}\n</script>\n"),
    ]);
    project.write_bytes("blob.zzz", b"turned\0\xff\xfe");
    assert_eq!(places(&ask(&engine(&project), "text turned")), ["Turn.vue:1", "Turn.vue:3", "odd.zzz:1", "page.tmpl:1"]);
    assert_eq!(places(&ask(&engine(&project), "where is turned")), ["Turn.vue:3"]);
}

/// No reader follows a template: an answer about a name that one calls is not complete.
#[rstest]
#[case::method("who calls Page.Title", false)]
#[case::elsewhere("who calls Page.Close", true)]
fn names_in_templates_keep_answers_from_being_complete(#[case] question: &str, #[case] complete: bool) {
    let project = Project::with(&[
        ("go.mod", "module larder\n"),
        ("page.go", "package larder\n\ntype Page struct{}\n\nfunc (p *Page) Title() string { return \"\" }\n\nfunc (p *Page) Close() {}\n"),
        ("templates/page.tmpl", "<h1>{{ .Title }}</h1> Close\n"),
    ]);
    let answers = ask(&engine(&project), question);
    assert_eq!(answers.complete, complete, "{:?}", answers.missing);
}

/// Members given to types of the language, or of packages that are not here, are called on values that are known well: calls of them had
/// the cause "builtin", and answers without them said complete.
#[rstest]
#[case::trait_member(
    "src/lib.rs",
    "pub trait Turner { fn turn_it(&self) -> u32; }\nimpl Turner for Vec<u8> { fn turn_it(&self) -> u32 { 1 } }\npub fn a() -> u32 { vec![1u8].turn_it() }\n",
    "who calls turn_it"
)]
#[case::prototype("a.js", "Array.prototype.lastOne = function () { return this[0]; };\n[1].lastOne();\n", "who calls lastOne")]
#[case::text("b.js", "String.prototype.shout = function () { return this; };\n'a'.shout();\n", "who calls shout")]
fn members_given_to_types_of_the_language_may_be_called_anywhere(#[case] path: &str, #[case] text: &str, #[case] question: &str) {
    let project = Project::with(&[(path, text), ("Cargo.toml", "[package]\nname = \"larder\"\nversion = \"1.0.0\"\n")]);
    let answers = ask(&engine(&project), question);
    assert!(answers.total == 1 || !answers.complete, "{answers:?}");
    let shown = ask(&engine(&project), &format!("{question} or guessed"));
    assert_eq!(shown.total, 1, "{shown:?}");
}

#[test]
fn what_guesses_do_not_show_stays_missing() {
    let project = Project::with(&[("a.py", "def turn():\n    pass\n\ndef give(f):\n    f()\n\ngive(turn)\n\ndef far(x):\n    x.turn()\n    give(x.turn)\n")]);
    let engine = engine(&project);
    let answers = ask(&engine, "who calls turn or guessed");
    let dynamic = answers.missing.iter().find(|m| m.cause == "dynamic").map(|m| m.count);
    assert!(dynamic.is_some() && !answers.complete, "turn is handed on, and somebody calls it: {:?}", answers.missing);
    let notes = ask(&engine, "where is turn or guessed").notes;
    assert!(notes.iter().any(|n| n.contains("or guessed adds nothing")), "{notes:?}");
}

#[rstest]
#[case::by_path("who imports larder/shelf.py", &["front.py:1", "later.py:1", "renamed.py:1", "renamed.py:3"])]
#[case::by_name("who imports larder.shelf", &["front.py:1", "later.py:1", "renamed.py:1", "renamed.py:3"])]
#[case::of_a_package("who imports larder", &["front.py:1", "whole.py:1"])]
#[case::uses("who uses larder.shelf as read", &["front.py:2", "renamed.py:2"])]
#[case::another_name("who uses board as read", &["front.py:2", "renamed.py:2"])]
#[case::another_name_of_a_function("who calls wide", &["front.py:2", "renamed.py:2", "renamed.py:4"])]
#[case::members("what does larder.shelf define", &["larder/shelf.py:1"])]
fn modules_are_called_by_their_path(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        ("larder/__init__.py", "depth = 1\n"),
        ("larder/shelf.py", "def width():\n    pass\n"),
        ("front.py", "from larder import shelf\nshelf.width()\n"),
        ("later.py", "from larder.shelf import width\n"),
        ("whole.py", "import larder\n"),
        ("renamed.py", "import larder.shelf as board\nboard.width()\nfrom larder.shelf import width as wide\nwide()\n"),
    ]);
    let answers = ask(&engine(&project), question);
    assert_eq!(places(&answers), wanted, "{question}");
    assert!(answers.complete, "{answers:?}");
}

/// Scripts put folders on the path of imports while they run: a package that is not here may be a module of ours.
#[rstest]
#[case::importers("who imports larder.shelf")]
#[case::importers_by_path("who imports larder/shelf.py")]
#[case::callers("who calls width")]
fn an_absent_package_called_like_a_module_may_be_it(#[case] question: &str) {
    let project = Project::with(&[
        ("larder/__init__.py", ""),
        ("larder/shelf.py", "def width():\n    pass\n"),
        ("tools/use.py", "import sys\nsys.path.append(\"..\")\nimport shelf\nshelf.width()\n"),
    ]);
    let answers = ask(&engine(&project), question);
    assert!(answers.total == 0 && !answers.complete, "{answers:?}");
    let other = Project::with(&[("larder/shelf.py", "def width():\n    pass\n"), ("tools/use.py", "import rack\nrack.width()\n")]);
    assert!(ask(&engine(&other), question).complete, "another package is none of ours");
}

/// A library is opened in one file and used in another.
#[rstest]
fn functions_of_c_may_be_called_wherever_an_opened_library_gets_to() {
    let project = Project::with(&[
        ("probe.c", "int probe_open(int n) { return n; }\n"),
        ("basic.py", "import ctypes\n\ndef load(path):\n    return Holder(ctypes.CDLL(path))\n"),
        ("use.py", "from basic import load\n\ndef run(given):\n    given.lib.probe_open(1)\n"),
    ]);
    assert!(!ask(&engine(&project), "who calls probe_open").complete);
    let without = Project::with(&[("probe.c", "int probe_open(int n) { return n; }\n"), ("use.py", "def run(given):\n    given.lib.probe_open(1)\n")]);
    assert!(ask(&engine(&without), "who calls probe_open").complete, "nothing opens a library");
}
