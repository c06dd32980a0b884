//! An index and a package cache that an earlier release wrote: told, made anew, nothing of them served.
//!
//! `fixtures/earlier` was written by the release before readers and rules became part of the version, from the project below.

use crate::program::{json, run};
use testkit::Project;

fn project() -> Project {
    let project = Project::with(&[
        ("package.json", "{\"name\":\"larder\",\"version\":\"1.0.0\",\"dependencies\":{\"shelf\":\"1.0.0\"}}\n"),
        ("node_modules/shelf/package.json", "{\"name\":\"shelf\",\"version\":\"1.0.0\",\"main\":\"index.js\"}\n"),
        ("node_modules/shelf/index.js", "exports.put = function put(wheel) { return wheel; };\n"),
        // One line further down than when the fixture was written.
        ("main.js", "\nconst shelf = require(\"shelf\");\nfunction ripen() { return shelf.put(1); }\nripen();\n"),
    ]);
    for name in ["index.sqlite", "depot.sqlite"] {
        let from = format!("{}/tests/fixtures/earlier/{name}", env!("CARGO_MANIFEST_DIR"));
        std::fs::create_dir_all(project.home()).expect("a folder");
        std::fs::copy(from, project.home().join(name)).expect("a copy");
    }
    project
}

#[test]
fn an_earlier_index_and_depot_are_told_and_made_anew() {
    let project = project();
    let (index, package_cache) = (project.home().join("index.sqlite"), project.home().to_owned());
    let (index, package_cache) = (index.to_str().expect("a path"), package_cache.to_str().expect("a path"));
    let asked = run(&project, &["ask", "--index", index, "who calls put"]);
    assert!(asked.code != 0 && asked.out.is_empty(), "nothing is served: {}", asked.out);
    assert!(asked.err.contains("version"), "{}", asked.err);
    let made = run(&project, &["index", ".", "--deps", "all", "--depot", package_cache, "--index", index]);
    assert!(made.code == 0 && made.err.contains("built anew"), "{}", made.err);
    let reply = json(&run(&project, &["ask", "--json", "--index", index, "who calls put"]).out);
    assert_eq!((reply["total"].as_u64(), reply["answers"][0]["line"].as_u64()), (Some(1), Some(3)), "{reply}");
}
