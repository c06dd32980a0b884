//! Chains over a project of several layers: levels, ways, cycles, bounds.

use crate::support::{ask, engine};
use compass_trace::chains::SectionRow;
use compass_trace::{Context, Engine};
use rstest::rstest;
use std::time::Duration;
use testkit::Project;

fn larder() -> Project {
    Project::with(&[
        (
            "amber-compass.toml",
            "[[layers]]\nname='page'\npaths=['board/**']\n[[layers]]\nname='route'\npaths=['web/*.py']\n[[layers]]\nname='store'\npaths=['store/*.py']\n[[layers]]\nname='table'\npaths=['*.sql']\n",
        ),
        (
            "board/turn.ts",
            "export async function onTurn(id: number) {\n  await send(id);\n}\n\nasync function send(id: number) {\n  await fetch(`/wheels/${id}/turn`, { method: \"POST\" });\n}\n",
        ),
        (
            "web/app.py",
            "from flask import Flask\nfrom store.turns import Turns\n\napp = Flask(__name__)\n\n\n@app.post(\"/wheels/<int:wheel>/turn\")\ndef turn(wheel):\n    turns = Turns()\n    turns.insert(wheel)\n    turns.insert(wheel + 1)\n    return again(wheel)\n\n\ndef again(wheel):\n    if wheel:\n        return again(wheel - 1)\n    return turn(0)\n",
        ),
        ("store/__init__.py", ""),
        (
            "store/turns.py",
            "class Turns:\n    def insert(self, wheel):\n        self.run(\"INSERT INTO turns (wheel) VALUES (?)\", wheel)\n\n    def run(self, sql, *values):\n        pass\n",
        ),
        ("schema.sql", "CREATE TABLE turns (wheel INTEGER);\n"),
    ])
}

fn rows(engine: &Engine, question: &str) -> Vec<String> {
    let answers = ask(engine, question);
    answers.answers.iter().map(|a| format!("{} {} {}:{}", a.level.unwrap_or(0), a.enclosing.as_deref().unwrap_or("-"), a.path, a.line)).collect()
}

#[test]
fn callers_come_level_by_level_across_crossings() {
    let project = larder();
    let engine = engine(&project);
    let rows = rows(&engine, "who calls insert through 3");
    assert_eq!(
        rows,
        [
            "1 turn web/app.py:10",
            "2 again web/app.py:18",
            "2 send board/turn.ts:6",
            "3 turn web/app.py:12",
            "3 again web/app.py:17",
            "3 onTurn board/turn.ts:2"
        ]
    );
}

#[test]
fn circles_are_counted_and_end() {
    let project = larder();
    let engine = engine(&project);
    let answers = ask(&engine, "what does turn call through all");
    assert!(answers.notes.iter().any(|n| n.contains("lead back")), "{:?}", answers.notes);
    assert!(answers.total < 12);
    let again = answers.answers.iter().filter(|a| a.name.as_deref() == Some("again")).count();
    assert_eq!(again, 2, "the call from turn, and its own");
}

#[test]
fn a_way_leads_from_the_page_to_the_table() {
    let project = larder();
    let engine = engine(&project);
    let answers = ask(&engine, "how does onTurn reach turns");
    assert_eq!(answers.total, 1);
    let way = &answers.answers[0];
    assert_eq!((way.path.as_str(), way.certainty_word()), ("board/turn.ts", Some("inferred")));
    let steps = way.steps.as_ref().expect("steps");
    let shown: Vec<String> = steps.iter().map(|s| format!("{} {}:{}", s.via.as_deref().unwrap_or("end"), s.path, s.line)).collect();
    assert_eq!(shown, ["call board/turn.ts:2", "http board/turn.ts:6", "call web/app.py:10", "sql store/turns.py:3", "end schema.sql:1"]);
}

#[test]
fn a_section_names_layers_and_what_is_unusual() {
    let project = larder();
    let engine = engine(&project);
    let (question, _) = compass_trace::question::parse("how does onTurn reach turns").expect("a question");
    let compass_trace::question::Form::HowReach { from, to, .. } = &question.form else { panic!("a way") };
    let (a, b) = (engine.symbols_of(from).expect("known"), engine.symbols_of(to.subject().expect("a symbol")).expect("known"));
    let ways = engine.ways(&a, &b, None, &Context::default()).expect("ways");
    let section = engine.section(&ways.ways[0]).expect("a section");
    let layers: Vec<&str> = section.rows.iter().filter_map(|r| if let SectionRow::Layer { name, .. } = r { Some(name.as_str()) } else { None }).collect();
    assert_eq!(layers, ["page", "route", "store", "table"]);
    assert_eq!((section.steps, section.crossings), (4, 2));
    let others: Vec<u32> = section.rows.iter().filter_map(|r| if let SectionRow::Step { others, .. } = r { Some(*others) } else { None }).collect();
    assert_eq!(others, [0, 0, 1, 0], "insert is called twice");
    let text = section.to_markdown();
    assert!(text.starts_with("## From `onTurn` to `turns`") && text.contains("*http*: POST /wheels/<int:wheel>/turn (proven)"), "{text}");
}

#[test]
fn longer_ways_come_on_request() {
    let project = Project::with(&[(
        "a.py",
        "def a():\n    b()\n    c()\n\n\ndef b():\n    d()\n\n\ndef c():\n    b()\n    e()\n\n\ndef e():\n    d()\n\n\ndef d():\n    pass\n",
    )]);
    let engine = engine(&project);
    let shortest = ask(&engine, "how does a reach d");
    assert_eq!((shortest.total, shortest.answers[0].steps.as_ref().map(Vec::len)), (1, Some(3)));
    let all = ask(&engine, "how does a reach d through 4");
    let lengths: Vec<usize> = all.answers.iter().filter_map(|w| w.steps.as_ref().map(Vec::len)).collect();
    assert_eq!(lengths, [3, 4, 4]);
}

#[rstest]
#[case::no_way("how does turns reach onTurn", "no way was found")]
#[case::unknown("how does onTurn reach nobody_there", "nobody_there")]
fn what_is_not_reached_is_said(#[case] question: &str, #[case] said: &str) {
    let project = larder();
    let engine = engine(&project);
    let answers = ask(&engine, question);
    assert_eq!(answers.total, 0);
    assert!(answers.notes.iter().any(|n| n.contains(said)), "{:?}", answers.notes);
}

#[test]
fn a_search_out_of_time_says_that_there_is_more() {
    let project = larder();
    let engine = engine(&project);
    let context = Context { time_limit: Some(Duration::ZERO), ..Context::default() };
    let answers = engine.ask("how does onTurn reach turns", &context).expect("answered");
    assert!(!answers.complete && answers.missing.iter().any(|m| m.cause == "time_limit"));
}

#[test]
fn an_interface_leads_to_what_implements_it() {
    let project = Project::with(&[(
        "src/lib.rs",
        "pub trait Probe { fn read(&mut self) -> u8; }\npub struct Bus;\nimpl Probe for Bus { fn read(&mut self) -> u8 { deep() } }\nfn deep() -> u8 { 1 }\npub fn level(p: &mut dyn Probe) -> u8 { p.read() }\n",
    )]);
    let engine = engine(&project);
    let answers = ask(&engine, "how does level reach deep");
    let steps = answers.answers[0].steps.as_ref().expect("steps");
    let via: Vec<&str> = steps.iter().filter_map(|s| s.via.as_deref()).collect();
    assert_eq!(via, ["call", "implements", "call"]);
    assert_eq!(answers.answers[0].certainty_word(), Some("inferred"));
}

#[test]
fn questions_after_a_table_find_its_statements() {
    let project = larder();
    let engine = engine(&project);
    let writers = ask(&engine, "who writes turns");
    let sql: Vec<String> =
        writers.answers.iter().filter(|a| a.kind_word() == Some("sql")).map(|a| format!("{}:{} {}", a.path, a.line, a.name.as_deref().unwrap_or(""))).collect();
    assert_eq!(sql, ["store/turns.py:3 write turns"]);
    let on_text = ask(&engine, "where is store/turns.py:3:32");
    assert_eq!(on_text.answers[0].path, "schema.sql");
    let on_path = ask(&engine, "where is board/turn.ts:6:22");
    assert_eq!((on_path.answers[0].path.as_str(), on_path.answers[0].line), ("web/app.py", 8));
}

#[test]
fn layers_narrow_answers() {
    let project = larder();
    let engine = engine(&project);
    let answers = ask(&engine, "who calls turn layer page");
    assert!(answers.answers.iter().all(|a| a.path.starts_with("board/")) && answers.total == 1);
    let error = engine.ask("who calls turn layer pages", &Context::default()).expect_err("no such layer").to_string();
    assert!(error.contains("no layer is called pages"), "{error}");
}

#[test]
fn layers_are_read_off_the_code_where_nobody_settled_them() {
    let project = larder();
    project.remove("amber-compass.toml");
    let engine = engine(&project);
    let index = engine.index();
    let layer = |path: &str| index.find_path(path).and_then(|f| index.layer(f)).map(|l| l.1.to_owned());
    assert_eq!(layer("board/turn.ts").as_deref(), Some("page"));
    assert_eq!(layer("web/app.py").as_deref(), Some("route"));
    assert_eq!(layer("store/turns.py").as_deref(), Some("store"));
    assert_eq!(layer("schema.sql").as_deref(), Some("table"));
    assert!(index.layers().iter().all(|l| !l.configured));
}

#[test]
fn sides_without_another_are_gaps() {
    let project = larder();
    project.write("board/lost.ts", "export const lost = () => fetch(\"/nowhere\");\n");
    let engine = engine(&project);
    let gaps = ask(&engine, "gaps in board/");
    let lost = gaps.answers.iter().find(|a| a.name.as_deref() == Some("GET /nowhere")).expect("listed");
    assert_eq!(lost.evidence[0].text, "no route answers this path");
}

#[test]
fn a_refresh_finds_what_a_full_index_finds() {
    let project = larder();
    drop(engine(&project));
    project.write("board/turn.ts", "export async function onTurn(id: number) {\n  await fetch(`/wheels/${id}/turn`, { method: \"PUT\" });\n}\n");
    let refreshed = crate::crossings::all(engine(&project).index());
    std::fs::remove_file(project.index()).expect("there");
    let full = crate::crossings::all(engine(&project).index());
    assert_eq!(refreshed, full);
    assert!(refreshed.iter().any(|l| l.starts_with("loose PUT")), "{refreshed:?}");
}

#[rstest]
fn no_way_is_complete_only_where_every_call_is_known() {
    let linked = Project::with(&[("a.py", "def start():\n    pass\n\ndef end():\n    pass\n")]);
    let found = ask(&engine(&linked), "how does start reach end");
    assert!(found.total == 0 && found.complete, "{found:?}");
    let dynamic = Project::with(&[
        ("a.py", "def start(given):\n    given.middle()\n\ndef end():\n    pass\n"),
        (
            "b.py",
            "from absent import Base\nimport a\n\nclass Wheel(Base):\n    def middle(self):\n        a.end()\n\nclass Rack(Base):\n    def middle(self):\n        pass\n",
        ),
    ]);
    let found = ask(&engine(&dynamic), "how does start reach end");
    assert!(found.total > 0 || !found.complete, "{found:?}");
}

/// A page, a route, a procedure that another language serves, a table.
const FROM_PAGE_TO_TABLE: [(&str, &str); 6] = [
    ("pages/night.html", "{% block content %}\n<form method=\"post\" action=\"/caves/{{ cave }}/night\"></form>\n{% endblock %}\n"),
    (
        "routes/app.py",
        "from flask import Flask\nfrom larder import planner_pb2_grpc\n\napp = Flask(__name__)\nstub = planner_pb2_grpc.PlannerStub(None)\n\n\n@app.post(\"/caves/<cave>/night\")\ndef night(cave):\n    return stub.PlanNight(cave)\n",
    ),
    ("messages/planner.proto", "syntax = \"proto3\";\nservice Planner { rpc PlanNight(Ask) returns (Ask); }\nmessage Ask {}\n"),
    (
        "planner/server.go",
        "package planner\n\nimport \"example.org/gen\"\n\ntype Server struct{ db DB }\n\nvar _ gen.PlannerServer = (*Server)(nil)\n\nfunc (s *Server) PlanNight(a *gen.Ask) (*gen.Ask, error) { return nil, s.racks() }\n\nfunc (s *Server) racks() error { return s.db.Query(\"SELECT id FROM wheels\") }\n\ntype DB struct{}\n\nfunc (DB) Query(q string) error { return nil }\n",
    ),
    ("planner/go.mod", "module example.org/planner\n"),
    ("schema.sql", "CREATE TABLE wheels (id INTEGER);\n"),
];

#[rstest]
#[case::the_file("how does pages/night.html reach wheels", &["http", "rpc", "call", "sql"])]
#[case::the_route("how does night reach wheels", &["rpc", "call", "sql"])]
#[case::the_server("how does racks reach wheels", &["sql"])]
fn a_page_reaches_a_table_through_a_procedure(#[case] question: &str, #[case] expected: &[&str]) {
    let project = testkit::Project::with(&FROM_PAGE_TO_TABLE);
    let found = ask(&engine(&project), question);
    let steps = found.answers[0].steps.as_deref().expect("steps");
    let joins: Vec<&str> = steps.iter().filter_map(|s| s.via.as_deref()).collect();
    assert_eq!(joins, expected);
}

#[test]
fn what_a_page_calls_is_gone_through() {
    let project = testkit::Project::with(&FROM_PAGE_TO_TABLE);
    let found = ask(&engine(&project), "what does pages/night.html call through 3");
    let places: Vec<&str> = found.answers.iter().map(|a| a.path.as_str()).collect();
    assert!(places.contains(&"pages/night.html") && places.contains(&"routes/app.py") && places.contains(&"planner/server.go"), "{places:?}");
}

#[rstest]
#[case::table("how does onTurn reach any table", "turns", 1)]
#[case::crossing("how does onTurn reach any http", "turn", 1)]
#[case::route("how does onTurn reach any route", "turn", 1)]
#[case::nothing("how does onTurn reach any process", "", 0)]
#[case::too_far("how does onTurn reach any table through 2", "", 0)]
fn ways_lead_to_anything_of_a_kind(#[case] question: &str, #[case] end: &str, #[case] ways: u64) {
    let project = larder();
    let engine = engine(&project);
    let found = ask(&engine, question);
    assert_eq!(found.total, ways, "{:?}", found.notes);
    let last = found.answers.first().and_then(|a| a.steps.as_ref()?.last()?.name.clone()).unwrap_or_default();
    assert_eq!(last, end);
}

#[test]
fn a_kind_that_there_is_not_is_an_error_with_what_there_is() {
    let project = larder();
    let wrong = engine(&project).ask("how does onTurn reach any tabel", &Context::default()).expect_err("no such kind");
    assert!(wrong.to_string().contains("tabel"), "{wrong}");
}
