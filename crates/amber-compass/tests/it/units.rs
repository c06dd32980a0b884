//! Roots, dependencies and the shared package cache on the command line.

use crate::program::{json, run};
use testkit::Project;

/// A crate that needs one of a registry in the home folder.
fn with_registry() -> Project {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"board\"\nversion = \"0.1.0\"\n[dependencies]\nrack = \"1\"\n"),
        (
            "Cargo.lock",
            "[[package]]\nname = \"board\"\nversion = \"0.1.0\"\ndependencies = [\"rack\"]\n\n[[package]]\nname = \"rack\"\nversion = \"1.2.0\"\nsource = \"registry+https://registry.example.org\"\n",
        ),
        ("src/lib.rs", "pub fn go() {\n    rack::turn();\n}\n"),
    ]);
    let rack = project.home().join(".cargo/registry/src/registry.example.org-1/rack-1.2.0");
    std::fs::create_dir_all(rack.join("src")).expect("folders");
    std::fs::write(rack.join("Cargo.toml"), "[package]\nname = \"rack\"\nversion = \"1.2.0\"\n").expect("a file");
    std::fs::write(rack.join("src/lib.rs"), "pub fn turn() {}\n").expect("a file");
    project
}

#[test]
fn packages_of_the_home_folder_are_read_once_for_all_workspaces() {
    let project = with_registry();
    let first = json(&run(&project, &["index", ".", "--deps", "all", "--json"]).out);
    assert_eq!((first["units"]["dependencies"].as_u64(), first["depot_files"].as_u64()), (Some(1), Some(0)), "{first}");
    let own = &first["own"];
    assert_eq!((own["uses"].as_u64(), own["linked"]["proven"].as_u64()), (Some(2), Some(2)), "the crate and its function: {own}");
    let found = json(&run(&project, &["ask", "--json", "where is src/lib.rs:2:11"]).out);
    let path = found["answers"][0]["path"].as_str().expect("an answer");
    assert!(path.starts_with('/') && path.ends_with("rack-1.2.0/src/lib.rs"), "absolute outside the roots: {path}");
    assert_eq!((found["answers"][0]["certainty"].as_str(), found["answers"][0]["unit"].as_str()), (Some("proven"), Some("rack")));
    // Another workspace finds the facts in the shared package cache.
    let other = project.home().join("second.sqlite");
    let second = json(&run(&project, &["index", ".", "--deps", "all", "--json", "--index", other.to_str().expect("a path")]).out);
    assert_eq!((second["depot_files"].as_u64(), &second["linked"]), (Some(2), &first["linked"]), "{second}");
    let listed = json(&run(&project, &["depot", "--json"]).out);
    let packages = listed["packages"].as_array().expect("a list");
    assert_eq!(
        (packages.len(), packages[0]["name"].as_str(), packages[0]["version"].as_str(), packages[0]["files"].as_u64()),
        (1, Some("rack"), Some("1.2.0"), Some(2))
    );
    let kept = run(&project, &["depot", "--prune", "1"]);
    assert!(kept.out.contains("0 packages removed") && kept.out.contains("rack 1.2.0") && kept.out.contains("used today"), "{}", kept.out);
}

#[test]
fn an_index_keeps_its_dependencies_until_told_otherwise() {
    let project = with_registry();
    let count = |args: &[&str]| json(&run(&project, args).out)["units"]["dependencies"].as_u64();
    assert_eq!(count(&["index", ".", "--json"]), Some(0));
    assert_eq!(count(&["index", ".", "--json", "--deps", "all"]), Some(1));
    assert_eq!(count(&["index", ".", "--json"]), Some(1), "as the index has it");
    assert_eq!(count(&["index", ".", "--json", "--deps", "none"]), Some(0));
}

#[test]
fn a_plan_names_units_and_what_is_absent() {
    let project = with_registry();
    std::fs::remove_dir_all(project.home().join(".cargo/registry/src")).expect("a folder");
    let plan = run(&project, &["index", ".", "--plan", "--deps", "all"]);
    assert!(plan.out.contains("1 × package that is named but not on this machine, e.g. rack 1.2.0"), "{}", plan.out);
    assert!(plan.out.contains("unit      board 0.1.0"), "{}", plan.out);
}

#[test]
fn roots_are_added_listed_and_removed() {
    let project = Project::with(&[("a.py", "def turn(): pass\n")]);
    let beside = project.home().join("ripening");
    std::fs::create_dir_all(&beside).expect("folders");
    std::fs::write(beside.join("b.py"), "def wash(): pass\n").expect("a file");
    let beside = beside.canonicalize().expect("a path");
    let beside = beside.to_str().expect("a path");
    assert_eq!(json(&run(&project, &["roots", ".", "--json"]).out)["roots"].as_array().map(Vec::len), Some(1));
    let added = json(&run(&project, &["roots", ".", "--add", beside, "--json"]).out);
    assert_eq!(added["roots"][1].as_str(), Some(beside));
    assert_eq!(json(&run(&project, &["index", ".", "--json"]).out)["files"], 2, "both are indexed");
    let found = json(&run(&project, &["ask", "--json", "where is wash"]).out);
    assert_eq!(found["answers"][0]["path"].as_str(), Some(format!("{beside}/b.py").as_str()));
    assert_eq!(run(&project, &["roots", ".", "--add", "no/such"]).code, 2);
    assert_eq!(run(&project, &["roots", ".", "--remove", "no/such"]).code, 2);
    let removed = run(&project, &["roots", ".", "--remove", beside]);
    assert_eq!((removed.code, removed.out.lines().count()), (0, 1), "{}", removed.err);
    assert_eq!(json(&run(&project, &["index", ".", "--json"]).out)["files"], 1);
    assert_eq!(run(&project, &["ask", "where is wash"]).code, 1);
}

#[test]
fn a_root_below_another_is_no_further_root() {
    let project = Project::with(&[("deep/a.py", "x = 1\n")]);
    let done = run(&project, &["roots", ".", "--add", "deep"]);
    assert_eq!(done.code, 2);
    assert!(done.err.contains("indexed already"), "{}", done.err);
}
