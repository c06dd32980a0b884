//! Rows made without the facts of their files, and the two places of one thing.

use crate::support::{ask, engine, places};
use compass_trace::{Answers, Context};
use rstest::rstest;
use testkit::Project;

/// A function called in many files, in several languages, from functions, methods and file level.
fn many_callers() -> Project {
    let mut files = vec![
        ("turn.c".to_owned(), "int turn(int row) { return row; }\nstruct rack { int size; };\n".to_owned()),
        ("turn.h".to_owned(), "int turn(int row);\n".to_owned()),
        (
            "wheel.rs".to_owned(),
            "pub struct Wheel;\nimpl Wheel { pub fn turn_all(&self) { self.step(); } fn step(&self) { again(); } }\npub fn again() {}\n".to_owned(),
        ),
        ("wash.py".to_owned(), "class Tub:\n    def wash(self):\n        return rinse(self)\n\ndef rinse(tub):\n    return tub\n\nrinse(Tub())\n".to_owned()),
    ];
    for i in 0..260 {
        let call = if i % 2 == 0 { format!("turn({i})") } else { format!("1 +\n    turn({i}) + turn(2)") };
        files.push((format!("c/part_{i:03}.c"), format!("#include \"../turn.h\"\nint part_{i}(void)\n{{\n    int row = {call};\n    return row;\n}}\n")));
    }
    let borrowed: Vec<(&str, &str)> = files.iter().map(|(p, t)| (p.as_str(), t.as_str())).collect();
    Project::with(&borrowed)
}

/// What a person sees of answers.
fn seen(answers: &Answers) -> Vec<String> {
    let reasons = |a: &compass_trace::Answer| a.evidence.iter().map(|e| format!("{} {}:{}", e.text, e.path, e.line)).collect::<Vec<_>>().join(" · ");
    let line = |a: &compass_trace::Answer| {
        format!("{}:{}:{} {:?} {:?} {:?} {:?} {:?} {}", a.path, a.line, a.column, a.name, a.kind, a.role, a.certainty, a.enclosing, reasons(a))
    };
    answers.answers.iter().map(line).collect()
}

#[rstest]
#[case::few("who calls rinse")]
#[case::methods("who calls again")]
#[case::first_page("who calls turn")]
#[case::second_page("who calls turn after 200")]
#[case::some_of_a_file("who calls turn after 1 at most 2")]
#[case::every_role("who uses turn at most 300")]
#[case::narrowed("who calls turn in c at most 7")]
#[case::narrowed_by_certainty("who uses turn at least inferred at most 30")]
#[case::several_subjects("who calls turn or again or rinse at most 20")]
fn a_page_says_the_same_with_and_without_the_facts_of_its_files(#[case] question: &str) {
    let project = many_callers();
    let engine = engine(&project);
    let alone = ask(&engine, question);
    let again = ask(&engine, question);
    for file in engine.index().files() {
        engine.index().facts(file.id).expect("facts");
    }
    let whole = ask(&engine, question);
    assert!(!alone.answers.is_empty());
    assert_eq!(seen(&alone), seen(&whole));
    assert_eq!(seen(&alone), seen(&again));
    assert_eq!((alone.total, &alone.missing), (whole.total, &whole.missing));
}

#[test]
fn pages_follow_one_another_without_a_gap() {
    let project = many_callers();
    let engine = engine(&project);
    let all = ask(&engine, "who calls turn at most 1000");
    assert_eq!(all.total, 390);
    let mut paged = Vec::new();
    for after in (0..390).step_by(37) {
        let page = ask(&engine, &format!("who calls turn after {after} at most 37"));
        assert_eq!(page.total, all.total);
        paged.extend(seen(&page));
    }
    assert_eq!(paged, seen(&all));
}

#[test]
fn rows_of_a_file_that_changed_are_found_again() {
    let project = many_callers();
    let engine = engine(&project);
    project.write("c/part_004.c", "#include \"../turn.h\"\n\n\nint part_4(void)\n{\n    int row = turn(4);\n    return row;\n}\n");
    project.write("c/part_006.c", "int nothing;\n");
    let answers = ask(&engine, "who calls turn at most 300");
    let of = |path: &str| answers.answers.iter().find(|a| a.path == path).expect("a row");
    assert_eq!(of("c/part_004.c").line, 6, "two lines further down");
    assert!(of("c/part_006.c").evidence.iter().any(|e| e.text.contains("not found again")), "{:?}", of("c/part_006.c").evidence);
    assert_eq!(of("c/part_008.c").line, 4);
}

#[rstest]
#[case::calls("what does part_1 call", &["c/part_001.c:5", "c/part_001.c:5"])]
#[case::several_of_a_name("what does step or again call", &[])]
fn what_something_does_is_told_in_order(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = many_callers();
    let engine = engine(&project);
    match engine.ask(question, &Context::default()) {
        Ok(answers) => assert_eq!(places(&answers), wanted),
        Err(_) => assert!(wanted.is_empty(), "only one subject can be asked for"),
    }
}

fn packages() -> Project {
    Project::with(&[
        ("package.json", r#"{"name": "larder", "version": "1.0.0"}"#),
        ("use.js", "const { turn, Rack } = require(\"rack\");\nturn(1);\nnew Rack().lift();\nrequire(\"./plain.js\").wash();\n"),
        ("plain.js", "exports.wash = function () {};\n"),
        ("node_modules/rack/package.json", r#"{"name": "rack", "version": "1.0.0", "main": "rack.js", "types": "rack.d.ts"}"#),
        (
            "node_modules/rack/rack.js",
            "exports.turn = function (row) {};\nclass Rack { lift() {} drop() {} }\nexports.Rack = Rack;\nexports.aft = function () {};\n",
        ),
        ("node_modules/rack/aft.js", "exports.aft = function () {};\n"),
        (
            "node_modules/rack/rack.d.ts",
            "export declare function turn(row: number): void;\nexport declare class Rack {\n  lift(): void;\n}\nexport declare function aft(): void;\n",
        ),
    ])
}

#[rstest]
#[case::a_function("where is use.js:2:1 declared", &["node_modules/rack/rack.d.ts:1"])]
#[case::a_class("where is use.js:3:5 declared", &["node_modules/rack/rack.d.ts:2"])]
#[case::a_method("where is use.js:3:12 declared", &["node_modules/rack/rack.d.ts:3"])]
#[case::by_name("where is Rack declared", &["node_modules/rack/rack.d.ts:2"])]
#[case::by_name_where_the_code_comes_first("where is aft declared", &["node_modules/rack/rack.d.ts:5"])]
#[case::no_header_at_all("where is use.js:4:23 declared", &["plain.js:1"])]
#[case::not_in_the_header("where is node_modules/rack/rack.js:2:24 declared", &[])]
fn declarations_stand_in_headers(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = packages();
    assert_eq!(places(&ask(&engine(&project), question)), wanted, "{question}");
}

#[test]
fn a_declaration_that_is_not_there_is_said_to_be_missing() {
    let project = packages();
    let answers = ask(&engine(&project), "where is node_modules/rack/rack.js:2:24 declared");
    assert!(!answers.complete);
    assert!(answers.notes.iter().any(|n| n.contains("no separate declaration")), "{:?}", answers.notes);
    let plain = ask(&engine(&project), "where is use.js:2:1");
    assert!(plain.notes.iter().any(|n| n == "declared at node_modules/rack/rack.d.ts:1"), "{:?}", plain.notes);
}

#[rstest]
#[case::in_an_expression("a.ts", "const a = 1;\nturn(a, ] 2);\nexport const b = a;\n")]
#[case::in_a_type("b.ts", "interface A { b: ??; c: string }\nexport const d = 1;\n")]
#[case::in_python("c.py", "def turn(a):\n    return (a +* 2)\n\nb = 1\n")]
#[case::in_java("D.java", "class D { int turn() { return 1 +* ; } int rest() { return 2; } }\n")]
#[case::in_go("e.go", "package e\n\nfunc turn() int { return 1 +) 2 }\n\nfunc rest() {}\n")]
#[case::in_rust("f.rs", "fn turn() -> u32 { 1 + ] 2 }\nfn rest() {}\n")]
fn what_cannot_be_read_is_a_gap_wherever_it_stands(#[case] path: &str, #[case] text: &str) {
    let project = Project::with(&[(path, text)]);
    let gaps = ask(&engine(&project), "gaps");
    assert!(gaps.answers.iter().any(|a| a.path == path && a.kind_word() == Some("syntax")), "{gaps:?}");
}

/// Members of one name in several classes, written in and out of them: a declaration goes with the body of its own class and parameters.
#[rstest]
#[case::body_of_the_class("where is store.h:3:26 implemented", &["store.cpp:2"])]
#[case::body_of_the_overload("where is store.h:4:26 implemented", &["store.cpp:3"])]
#[case::declaration("where is store.cpp:3:21 declared", &["store.h:4"])]
#[case::no_declaration("where is check.cpp:2:28 declared", &["check.cpp:2"])]
#[case::calls_of_its_own("who calls store.h:3:26", &["use.cpp:2"])]
fn a_declaration_goes_with_the_body_of_its_class(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[
        (
            "store.h",
            "namespace larder {\nclass Store { public:\n                    void put(int slot);\n                    void put(int slot, int wheel);\n};\n}\n",
        ),
        ("store.cpp", "#include \"store.h\"\nvoid larder::Store::put(int slot) {}\nvoid larder::Store::put(int slot, int wheel) {}\n"),
        ("check.cpp", "namespace larder {\nclass Check { public: void put(int a) {} void all() { put(1); } };\n}\n"),
        ("use.cpp", "#include \"store.h\"\nvoid go(larder::Store &s) { s.put(1); }\nvoid two(larder::Store &s) { s.put(1, 2); }\n"),
    ]);
    assert_eq!(places(&ask(&engine(&project), question)), wanted, "{question}");
}
