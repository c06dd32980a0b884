//! What programs in other languages may use by its name is never said to be all.

use compass_index::Certainty;
use rstest::rstest;
use testkit::{Project, ask, engine};

const PROTO: &[(&str, &str)] = &[("rack.proto", "syntax = \"proto3\";\nservice Racks { rpc Turn(Wheel) returns (Wheel); }\nmessage Wheel { int32 id = 1; }\n")];
const GRAPHQL: &[(&str, &str)] = &[("rack.graphql", "type Query { wheel: Wheel }\ntype Wheel { id: ID }\n")];
const COMPOSE: &[(&str, &str)] = &[("compose.yaml", "services:\n  routes:\n    image: x\n    environment:\n      LARDER_DB: /data\n")];
const MAKE: &[(&str, &str)] = &[("Makefile", "all: board\nboard:\n\techo board\n")];

#[rstest]
#[case::service(PROTO, "who implements Racks", false)]
#[case::message(PROTO, "who uses Wheel", false)]
#[case::where_it_is(PROTO, "where is Wheel", true)]
#[case::types(GRAPHQL, "who uses Wheel", false)]
#[case::variable(COMPOSE, "who uses LARDER_DB", false)]
#[case::target(MAKE, "who calls board", true)]
fn others_may_use_it(#[case] files: &[(&str, &str)], #[case] question: &str, #[case] complete: bool) {
    let answers = ask(&engine(&Project::with(files)), question);
    assert_eq!(answers.complete, complete, "{answers:?}");
    assert_eq!(answers.notes.iter().any(|n| n.starts_with("programs in other languages")), !complete, "{:?}", answers.notes);
}

/// A place in a template that names a member of a value it is given.
#[test]
fn members_in_templates_are_guessed_and_say_so() {
    let project = Project::with(&[
        ("rack.py", "class Wheel:\n    def is_due(self): pass\n"),
        ("wheel.html", "<td class=\"{% if wheel.is_due %}due{% endif %}\">{{ wheel.is_due }}</td>\n"),
    ]);
    let engine = engine(&project);
    for place in ["wheel.html:1:24", "wheel.html:1:60"] {
        let answers = ask(&engine, &format!("where is {place}"));
        let [answer] = &answers.answers[..] else { panic!("{place}: {answers:?}") };
        assert!(!answers.complete && answer.certainty == Some(Certainty::Guessed) && answer.path == "rack.py", "{place}: {answers:?}");
    }
    let callers = ask(&engine, "who calls is_due");
    assert!(!callers.complete && callers.answers.len() == 2, "{callers:?}");
}

/// A helper of which there is one is listed, and then no page hides another use of it.
#[test]
fn helpers_in_templates_are_listed() {
    let project = Project::with(&[
        ("app/helpers/racks_helper.rb", "module RacksHelper\n  def rack_label(rack)\n    rack\n  end\nend\n"),
        ("app/views/show.html.erb", "<p><%= rack_label @rack %></p>\n"),
    ]);
    let engine = engine(&project);
    let callers = ask(&engine, "who calls rack_label");
    assert!(callers.complete && callers.answers.len() == 1, "{callers:?}");
    let target = ask(&engine, "where is app/views/show.html.erb:1:10");
    assert!(target.complete && target.answers.iter().all(|a| a.path.ends_with("racks_helper.rb")) && target.answers.len() == 1, "{target:?}");
}

/// Another place of the page has the name in a text: that hides a use. Of two definitions of one name neither is listed.
#[rstest]
#[case::in_a_text("<p><%= rack_label @rack %><%= send \"rack_label\" %></p>\n", "rack_label")]
#[case::of_a_value("<p><%= rack_label @rack %><%= { rack_label: 1 } %></p>\n", "rack_label")]
#[case::with_a_sign("<p><% if @rack.due? %></p>\n", "Rack.due?")]
fn other_places_of_a_page_hide_uses(#[case] page: &str, #[case] name: &str) {
    let project = Project::with(&[
        ("app/helpers/racks_helper.rb", "module RacksHelper\n  def rack_label(rack)\n    rack\n  end\nend\n"),
        ("app/models/rack.rb", "class Rack\n  def due?\n    true\n  end\nend\n\nclass Shelf\n  def due?\n    true\n  end\nend\n"),
        ("app/views/show.html.erb", page),
    ]);
    let callers = ask(&engine(&project), &format!("who calls {name}"));
    assert!(!callers.complete, "{callers:?}");
}

/// A value that is put into a path is no path.
#[test]
fn a_name_within_a_text_that_crosses_is_not_what_the_text_leads_to() {
    let project = Project::with(&[
        ("web.py", "from flask import Flask\n\napp = Flask(__name__)\n\n\n@app.route(\"/racks/<number>\")\ndef show(number):\n    return number\n"),
        ("ask.py", "import requests\n\n\ndef ask(rack):\n    return requests.get(f\"/racks/{rack.number}\")\n"),
    ]);
    let engine = engine(&project);
    let path = ask(&engine, "where is ask.py:5:29");
    assert_eq!(path.answers.iter().map(|a| a.path.as_str()).collect::<Vec<_>>(), ["web.py"], "{path:?}");
    let value = ask(&engine, "where is ask.py:5:40");
    assert!(value.answers.is_empty() && !value.complete, "{value:?}");
}

/// Pages that are written by signs and indentation are not read, and hide uses.
#[rstest]
#[case::haml("app/views/a.html.haml", "%p\n  = rack_label @rack\n")]
#[case::haml_in_a_tag("app/views/a.html.haml", "%p= rack_label @rack\n")]
#[case::slim("app/views/a.html.slim", "p = rack_label rack\n")]
#[case::pug("views/a.pug", "div.rack\n  p= rack_label(rack)\n")]
fn indented_pages_hide_uses(#[case] path: &str, #[case] text: &str) {
    let project = Project::with(&[("app/helpers/racks_helper.rb", "module RacksHelper\n  def rack_label(rack)\n    rack\n  end\nend\n"), (path, text)]);
    assert!(!ask(&engine(&project), "who calls rack_label").complete);
}

/// Templates in the language itself are code.
#[test]
fn templates_in_ruby_are_read() {
    let project = Project::with(&[
        ("app/helpers/racks_helper.rb", "module RacksHelper\n  def rack_label(rack)\n    rack\n  end\nend\n"),
        ("app/views/index.api.rsb", "api.array :racks do\n  rack_label rack\nend\n"),
    ]);
    let callers = ask(&engine(&project), "who calls rack_label");
    // What a template may call is not known to the rules of the language: the use is counted, not listed.
    assert!(!callers.complete && callers.missing.iter().any(|m| m.cause == "no_definition"), "{callers:?}");
}

/// A use that only C answers leads there.
#[test]
fn a_use_that_crosses_leads_to_the_other_side() {
    let project = Project::with(&[
        (
            "_rack.c",
            "static int rack_turn(void) { return 0; }\nstatic PyMethodDef methods[] = {{\"turn\", rack_turn, 0, 0}};\nint PyInit__rack(void) { return 0; }\n",
        ),
        ("rack.py", "import _rack\n\n\ndef twice():\n    return _rack.turn()\n"),
    ]);
    let engine = engine(&project);
    let target = ask(&engine, "where is rack.py:5:20");
    assert_eq!(target.answers.iter().map(|a| (a.path.as_str(), a.line)).collect::<Vec<_>>(), [("_rack.c", 1)], "{target:?}");
    let callers = ask(&engine, "who calls rack_turn");
    assert!(callers.answers.iter().any(|a| a.path == "rack.py" && a.line == 5), "{callers:?}");
    let by_given_name = ask(&engine, "who calls turn");
    assert_eq!(by_given_name.answers, callers.answers, "{by_given_name:?}");
    assert!(by_given_name.notes.iter().any(|n| n == "turn is the name under which another language finds rack_turn"), "{by_given_name:?}");
    let callees = ask(&engine, "what does twice call");
    assert!(callees.complete && callees.answers.len() == 1, "{callees:?}");
    let loaded = ask(&engine, "who calls PyInit__rack");
    assert!(!loaded.complete && loaded.notes.iter().any(|n| n == "python calls it when it loads the module"), "{loaded:?}");
}

/// What Rust gives to another language may be called there.
#[test]
fn what_is_given_to_another_language_may_be_called_there() {
    let project = Project::with(&[("src/lib.rs", "#[pyfunction]\nfn ripe(days: u32) -> bool { days > 3 }\n\nfn plain() {}\n")]);
    let engine = engine(&project);
    let ripe = ask(&engine, "who calls ripe");
    assert!(!ripe.complete && ripe.notes.iter().any(|n| n.starts_with("it is given to python")), "{ripe:?}");
    assert!(ask(&engine, "who calls plain").complete);
}

/// An ending that several languages share says less than how a file begins.
#[test]
fn how_a_file_begins_tells_its_language() {
    let project = Project::with(&[
        ("bin/wash.sh", "#!/usr/bin/env php\n<?php\nfunction wash_rack() {}\n"),
        ("bin/turn.sh", "#!/bin/sh\nturn_rack() { :; }\nturn_rack\n"),
        ("lib/racks.inc", "<?php\nfunction racks() {}\n"),
        ("lib/slots.inc", "int slots(void) { return 1; }\n"),
        ("lib/salt.module", "<?php\nfunction salt() {}\n"),
        ("cgi/cave.cgi", "#!/usr/bin/perl\nsub cave { 1 }\n"),
    ]);
    let engine = engine(&project);
    for (name, language) in [("wash_rack", "php"), ("turn_rack", "shell"), ("racks", "php"), ("slots", "c"), ("salt", "php"), ("cave", "perl")] {
        assert_eq!(ask(&engine, &format!("where is {name} lang {language}")).answers.len(), 1, "{name} is in {language}");
    }
}

/// Who imports a file is not all known where modules are chosen at run time.
#[rstest]
#[case::lua("b.lua", "return {}\n", "a.lua", "local x = require(name)\n")]
#[case::php("b.php", "<?php\n", "a.php", "<?php\nrequire $name;\n")]
#[case::ruby("b.rb", "module B; end\n", "a.rb", "require name\nrequire \"#{name}/b\"\n")]
#[case::javascript("b.js", "module.exports = 1;\n", "a.js", "const x = require(name);\n")]
fn modules_chosen_at_run_time_are_missing(#[case] path: &str, #[case] text: &str, #[case] other: &str, #[case] code: &str) {
    let question = format!("who imports {path}");
    let chosen = engine(&Project::with(&[(path, text), (other, code)]));
    assert!(!ask(&chosen, &question).complete, "{code}");
    let none = engine(&Project::with(&[(path, text)]));
    assert!(ask(&none, &question).complete);
}

/// Who uses a file is no more known than who imports it.
#[test]
fn uses_of_a_file_count_modules_chosen_at_run_time() {
    let project = Project::with(&[("b.php", "<?php\n"), ("a.php", "<?php\nrequire $name;\n")]);
    assert!(!ask(&engine(&project), "who uses b.php").complete);
}

/// Whoever asks for a route that nobody here asks for is outside: no caller is listed, and that is not all.
#[rstest]
#[case::decorator(
    "app.py",
    "from flask import Flask\napp = Flask(__name__)\n\n\n@app.get(\"/racks\")\ndef asked():\n    return \"\"\n\n\ndef helper():\n    return \"\"\n"
)]
#[case::annotation(
    "A.java",
    "import org.springframework.web.bind.annotation.*;\nclass A {\n  @GetMapping(\"/racks\")\n  String asked() { return \"\"; }\n  String helper() { return \"\"; }\n}\n"
)]
fn routes_without_a_request_are_asked_from_outside(#[case] path: &str, #[case] text: &str) {
    let project = testkit::Project::with(&[(path, text)]);
    let engine = crate::support::engine(&project);
    let asked = crate::support::ask(&engine, "who calls asked");
    assert!(!asked.complete && asked.notes.iter().any(|n| n.contains("http GET /racks is answered here")), "{:?}", asked.notes);
    assert!(crate::support::ask(&engine, "who calls helper").complete);
    let requested = testkit::Project::with(&[(path, text), ("a.js", "export const a = () => fetch(\"/racks\");\n")]);
    let engine = crate::support::engine(&requested);
    assert!(crate::support::ask(&engine, "who calls asked").complete);
}
