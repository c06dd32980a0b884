//! What is known as figures.

use compass_draw::{Figure, Row, Tone};
use compass_facts::Cancel;
use compass_index::plan::{Deps, Options};
use compass_index::{Disk, Silent};
use compass_session::figures::{Sort, figure};
use compass_session::{Failure, Session, request};
use compass_trace::Context;
use rstest::rstest;
use testkit::Project;

fn drawn(project: &Project, sort: Sort, text: &str) -> Result<Option<Figure>, Failure> {
    let options = Options { roots: vec![project.root()], deps: Deps::None, ..Default::default() };
    let request = request(options, project.index(), Some(project.home()));
    compass_index::refresh::run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
    let engine = Session::open(&project.index()).expect("an index").engine().expect("an engine");
    Ok(figure(&engine, sort, text, &Context::default())?.0)
}

fn racks() -> Project {
    Project::with(&[(
        "Rack.java",
        "interface Rack { void turn(); int count(); }\nclass Shelf implements Rack { public void turn() { spin(); } public int count() { return 1; } void spin() { turn(); } }\nclass Cold extends Shelf { public int count() { return 2; } }\nclass Use { void all(Shelf s) { s.turn(); } }\n",
    )])
}

#[test]
fn kin_is_types_by_members() {
    let figure = drawn(&racks(), Sort::Kin, "Rack").expect("drawn").expect("a type");
    let Figure::Table(table) = figure else { panic!("a table") };
    let head: Vec<&str> = table.head.iter().map(|c| c.text.as_str()).collect();
    assert_eq!(head, ["type", "turn", "count"]);
    let rows: Vec<(usize, &str, Vec<&str>)> =
        table.rows.iter().map(|r| (r.indent, r.name.text.as_str(), r.cells.iter().map(|c| c.text.as_str()).collect())).collect();
    assert_eq!(
        rows,
        [(0, "Rack", vec!["Rack.java:1", "Rack.java:1"]), (1, "Shelf", vec!["Rack.java:2", "Rack.java:2"]), (2, "Cold", vec!["from Shelf", "Rack.java:3"])]
    );
    assert_eq!(table.rows[0].name.tone, Tone::Middle);
    assert_eq!(table.rows[2].cells[1].place.as_deref(), Some("Rack.java:3"));
}

#[rstest]
#[case::down("what does all call through 3", &[(0, "Use.all"), (1, "Shelf.turn"), (2, "Shelf.spin")])]
#[case::up("who calls spin through 2", &[(0, "Shelf.spin"), (1, "Shelf.turn"), (2, "Rack.turn"), (2, "Use.all")])]
fn a_tree_has_each_call_under_its_caller(#[case] question: &str, #[case] expected: &[(usize, &str)]) {
    let Some(Figure::Rows(drawing)) = drawn(&racks(), Sort::Tree, question).expect("drawn") else { panic!("rows") };
    let rows: Vec<(usize, &str)> =
        drawing.rows.iter().filter_map(|r| if let Row::Symbol { indent, name, .. } = r { Some((*indent, name.as_str())) } else { None }).collect();
    for row in expected {
        assert!(rows.contains(row), "{row:?} in {rows:?}");
    }
    assert_eq!(rows[0], expected[0]);
}

#[test]
fn units_that_need_each_other_are_joined() {
    let manifest =
        |name: &str, needs: &str| format!("[package]\nname = \"{name}\"\nversion = \"0.1.0\"\n\n[dependencies]\n{needs} = {{ path = \"../{needs}\" }}\n");
    let (a, b) = (manifest("racks", "wheels"), manifest("wheels", "racks"));
    let project = Project::with(&[
        ("racks/Cargo.toml", &a),
        ("racks/src/lib.rs", "pub fn turn() {}\n"),
        ("wheels/Cargo.toml", &b),
        ("wheels/src/lib.rs", "pub fn spin() {}\n"),
    ]);
    let Some(Figure::Graph(graph)) = drawn(&project, Sort::Units, "").expect("drawn") else { panic!("a graph") };
    let names: Vec<&str> = graph.nodes.iter().map(|n| n.name.as_str()).collect();
    let at = |name: &str| names.iter().position(|n| *n == name).expect("a unit");
    assert!(graph.edges.contains(&(at("racks"), at("wheels"))) && graph.edges.contains(&(at("wheels"), at("racks"))), "{:?}", graph.edges);
}

#[test]
fn what_follows_stands_by_layer_and_tests_last() {
    let project = Project::with(&[
        ("rack.py", "def turn():\n    pass\n\n\ndef serve():\n    turn()\n"),
        ("test_rack.py", "from rack import serve\n\n\ndef test_serve():\n    serve()\n"),
    ]);
    let Some(Figure::Rows(drawing)) = drawn(&project, Sort::Impact, "turn").expect("drawn") else { panic!("rows") };
    let told: Vec<String> = drawing
        .rows
        .iter()
        .map(|r| match r {
            Row::Band { name, .. } => format!("[{name}]"),
            Row::Step { code, indent, .. } => format!("{indent} {code}"),
            _ => String::new(),
        })
        .collect();
    let tests = told.iter().position(|t| t == "[tests]").expect("a band of tests");
    assert!(told[..tests].contains(&"0 serve".to_owned()) && told[tests..].contains(&"1 test_serve".to_owned()), "{told:?}");
}

#[rstest]
#[case::no_type(Sort::Kin)]
#[case::no_symbol(Sort::Tree)]
#[case::nothing_follows(Sort::Impact)]
fn what_is_unknown_is_no_figure(#[case] sort: Sort) {
    let figure = drawn(&Project::with(&[("a.py", "x = 1\n")]), sort, "nobody_there").expect("no failure");
    assert_eq!(figure, None);
}

#[test]
fn layers_are_joined_by_what_crosses_them() {
    let layers = "[[layers]]\nname='page'\npaths=['*.ts']\n[[layers]]\nname='route'\npaths=['*.py']\n[[layers]]\nname='table'\npaths=['*.sql']\n";
    let app = "from flask import Flask\nimport sqlite3\n\napp = Flask(__name__)\n\n\n@app.get('/racks')\ndef racks():\n    return sqlite3.connect('x').execute('SELECT id FROM racks')\n";
    let page = "export async function load() { await fetch('/racks'); }\n";
    let project = Project::with(&[("amber-compass.toml", layers), ("board.ts", page), ("app.py", app), ("schema.sql", "CREATE TABLE racks (id INTEGER);\n")]);
    let Some(Figure::Table(table)) = drawn(&project, Sort::Layers, "").expect("drawn") else { panic!("a table") };
    let cells: Vec<Vec<&str>> = table.rows.iter().map(|r| r.cells.iter().map(|c| c.text.as_str()).collect()).collect();
    assert_eq!(cells[0], ["", "1 http", ""]);
    assert!(cells[1][2].ends_with(" sql") && cells[1][0].is_empty(), "{cells:?}");
}

#[test]
fn another_question_is_refused_with_what_is_asked_for() {
    let why = drawn(&racks(), Sort::Impact, "who calls turn").expect_err("another question");
    assert!(why.to_string().contains("what follows from NAME"), "{why}");
}
