//! `unfold` and `draw`, and the new fields of `ask`, on the command line.

use crate::program::{indexed, json, run};
use rstest::rstest;
use testkit::Project;

fn sample() -> Project {
    Project::with(&[
        ("probe.h", "#define TWICE(x) ONCE(x) + ONCE(x)\n#ifdef WIDE\n#define ONCE(x) wide(x)\n#else\n#define ONCE(x) (x)\n#endif\n"),
        ("probe.c", "#include \"probe.h\"\nint level(void)\n{\n    return TWICE(3);\n}\n"),
        ("gen.py", "def rows(n):\n    if n < 0:\n        n = 0\n    for i in range(n):\n        yield i\n"),
        (
            "app.py",
            "import flask\n\napp = flask.Flask(__name__)\n\n\n@app.get(\"/racks\")\ndef racks():\n    return store()\n\n\ndef store():\n    return run(\"SELECT id FROM racks\")\n",
        ),
        ("page.ts", "export function load() {\n  return fetch(\"/racks\");\n}\n"),
        ("schema.sql", "CREATE TABLE racks (id INTEGER);\n"),
    ])
}

#[test]
fn an_unfolding_has_its_fields() {
    let project = sample();
    indexed(&project);
    let done = run(&project, &["unfold", "probe.c:4:12", "--json"]);
    assert_eq!(done.code, 0, "{}", done.err);
    let u = json(&done.out);
    assert_eq!((u["place"]["path"].as_str(), u["place"]["line"].as_u64()), (Some("probe.c"), Some(4)));
    assert_eq!((u["written"].as_str(), u["text"].as_str()), (Some("TWICE(3)"), Some("(3) + (3)")));
    let step = &u["steps"][1];
    assert_eq!(
        (step["by"].as_str(), step["kind"].as_str(), step["before"].as_str(), step["after"].as_str()),
        (Some("ONCE"), Some("macro"), Some("ONCE(3)"), Some("(3)"))
    );
    assert_eq!((step["defined"]["path"].as_str(), step["defined"]["line"].as_u64()), (Some("probe.h"), Some(5)));
    assert_eq!(step["competing"][0]["line"].as_u64(), Some(3));
    assert!(u["notes"].as_array().is_some());
}

#[rstest]
#[case::once(&["--once"], "ONCE(3) + ONCE(3)")]
#[case::second(&["--step", "2"], "(3) + ONCE(3)")]
#[case::all(&["--all"], "(3) + (3)")]
#[case::only_the_third(&["--only", "3"], "ONCE(3) + (3)")]
#[case::define(&["--define", "WIDE"], "wide(3) + wide(3)")]
fn steps_are_chosen(#[case] options: &[&str], #[case] text: &str) {
    let project = sample();
    indexed(&project);
    let mut arguments = vec!["unfold", "probe.c:4:12", "--json"];
    arguments.extend(options);
    assert_eq!(json(&run(&project, &arguments).out)["text"].as_str(), Some(text));
}

#[test]
fn depths_of_a_lowering_are_chosen_by_name() {
    let project = sample();
    indexed(&project);
    let text =
        |depth: &str| json(&run(&project, &["unfold", "gen.py:1:5", "--depth", depth, "--json"]).out)["text"].as_str().map(str::to_owned).expect("a text");
    assert!(text("states").contains("class Rows:") && text("states") != text("primitive"));
    let wrong = run(&project, &["unfold", "gen.py:1:5", "--depth", "deepest"]);
    assert!(wrong.code == 2 && wrong.err.contains("depths: states, primitive"), "{}", wrong.err);
}

#[rstest]
#[case::no_place(&["unfold", "probe.c"], 2, "PATH:LINE:COL")]
#[case::no_file(&["unfold", "nobody.c:1:1"], 2, "no file nobody.c")]
#[case::no_line(&["unfold", "probe.c:99:1"], 2, "no place 99:1")]
#[case::no_step(&["unfold", "probe.c:4:12", "--step", "9"], 2, "there is no step 9")]
#[case::no_step_0(&["unfold", "probe.c:4:12", "--only", "0"], 2, "from 1")]
#[case::bad_define(&["unfold", "probe.c:4:12", "--define", "=1"], 2, "NAME=VALUE")]
#[case::nothing_there(&["unfold", "probe.c:2:1"], 1, "no macro is called here")]
#[case::on_the_definition(&["unfold", "probe.h:1:9"], 1, "definition")]
#[case::other_language(&["unfold", "page.ts:1:1"], 1, "typescript")]
#[case::two_modes(&["unfold", "probe.c:4:12", "--once", "--all"], 2, "cannot be used")]
#[case::nothing_asked(&["draw", "kin", "-o", "x.svg"], 2, "draw kin needs: NAME of a type")]
#[case::another_question(&["draw", "impact", "who calls load", "-o", "x.svg"], 2, "draw impact is asked for by")]
#[case::unknown_name(&["draw", "tree", "nobody_there", "-o", "x.svg"], 1, "nothing of that name is known")]
#[case::a_table_joins_nothing(&["draw", "survey", "-o", "x.dot"], 2, "has no form as .dot")]
#[case::unknown_kind(&["draw", "moon", "x", "-o", "x.svg"], 2, "no drawing of kind moon")]
#[case::other_format(&["draw", "chain", "how does load reach racks", "-o", "x.png"], 2, ".svg, .pdf, .md, .dot or .json")]
#[case::no_chain(&["draw", "chain", "where is racks", "-o", "x.svg"], 2, "draw chain is asked for by")]
#[case::no_way(&["draw", "chain", "how does store reach load", "-o", "x.svg"], 1, "no way was found")]
#[case::no_folder(&["draw", "chain", "how does load reach store", "-o", "nowhere/x.svg"], 2, "cannot be written")]
fn wrong_calls_say_how_to_mend_them(#[case] arguments: &[&str], #[case] code: i32, #[case] said: &str) {
    let project = sample();
    indexed(&project);
    let done = run(&project, arguments);
    assert_eq!(done.code, code, "{}", done.err);
    assert!(done.err.contains(said), "{}", done.err);
}

#[test]
fn a_way_is_one_answer_with_its_steps() {
    let project = sample();
    indexed(&project);
    let reply = json(&run(&project, &["ask", "--json", "how does load reach racks defined in schema.sql"]).out);
    let way = &reply["answers"][0];
    let via: Vec<&str> = way["steps"].as_array().expect("steps").iter().map(|s| s["via"].as_str().unwrap_or("end")).collect();
    assert_eq!(via, ["http", "call", "sql", "end"]);
    assert_eq!(way["steps"][0]["certainty"].as_str(), Some("proven"));
    let levels = json(&run(&project, &["ask", "--json", "who calls store through 2"]).out);
    let rows: Vec<(u64, &str)> =
        levels["answers"].as_array().expect("rows").iter().map(|a| (a["level"].as_u64().unwrap_or(0), a["via"].as_str().unwrap_or(""))).collect();
    assert_eq!(rows, [(1, "store"), (2, "racks")]);
}

#[test]
fn drawings_are_written_in_both_formats() {
    let project = sample();
    indexed(&project);
    let (svg, pdf) = (project.home().join("way.svg"), project.home().join("way.pdf"));
    std::fs::create_dir_all(project.home()).expect("a folder");
    for file in [&svg, &pdf] {
        let done = run(&project, &["draw", "chain", "how does load reach racks defined in schema.sql", "-o", &file.to_string_lossy()]);
        assert_eq!(done.code, 0, "{}", done.err);
    }
    let text = std::fs::read_to_string(svg).expect("written");
    assert!(text.contains("GET /racks") && text.contains("SELECT id FROM racks") && text.contains("data:font/ttf"));
    assert!(std::fs::read(pdf).expect("written").starts_with(b"%PDF-"));
}

#[rstest]
#[case::chain(&["chain", "how does load reach racks defined in schema.sql"], "load", true)]
#[case::tree(&["tree", "load"], "what it calls, 3 levels deep", true)]
#[case::tree_upwards(&["tree", "who calls store through 2"], "who calls it, 2 levels deep", true)]
#[case::units(&["units"], "of your own", true)]
#[case::layers(&["layers"], "from, to", false)]
#[case::survey(&["survey"], "lines by language", false)]
#[case::impact(&["impact", "store"], "what follows from store", true)]
fn every_sort_is_written_in_every_form(#[case] asked: &[&str], #[case] holds: &str, #[case] joins: bool) {
    let project = sample();
    indexed(&project);
    std::fs::create_dir_all(project.home()).expect("a folder");
    for ending in ["svg", "pdf", "md", "json", "dot"] {
        if ending == "dot" && !joins {
            continue;
        }
        let file = project.home().join(format!("drawing.{ending}"));
        let place = file.to_string_lossy().into_owned();
        let once = run(&project, &[&["draw"], asked, &["-o", &place]].concat());
        assert_eq!(once.code, 0, "{ending}: {}", once.err);
        let bytes = std::fs::read(&file).expect("written");
        run(&project, &[&["draw"], asked, &["-o", &place]].concat());
        assert_eq!(bytes, std::fs::read(&file).expect("written"), "the same bytes again: {ending}");
        match ending {
            "pdf" => assert!(bytes.starts_with(b"%PDF-")),
            "json" => assert!(String::from_utf8_lossy(&bytes).starts_with("{\n  \"drawing\": \"")),
            "dot" => assert!(String::from_utf8_lossy(&bytes).starts_with("digraph ")),
            _ => assert!(String::from_utf8_lossy(&bytes).contains(holds), "{ending} of {asked:?}"),
        }
    }
}
