//! What others rely on: fields, exit codes, the batch, dependencies of the core.

use crate::program::{indexed, json, run, run_with_input};
use rstest::rstest;
use testkit::Project;

fn sample() -> Project {
    Project::with(&[("a.py", "from b import turn\n\ndef go():\n    turn(1)\n"), ("b.py", "def turn(n):\n    return n\n")])
}

#[test]
fn the_summary_has_its_fields_and_adds_up() {
    let project = sample();
    let done = run(&project, &["index", ".", "--json"]);
    assert_eq!(done.code, 0);
    let s = json(&done.out);
    for field in [
        "files",
        "bytes",
        "languages",
        "units",
        "symbols",
        "uses",
        "linked",
        "local",
        "unlinked",
        "gaps",
        "seconds",
        "peak_rss_bytes",
        "index_bytes",
        "refreshed_files",
        "relinked_files",
    ] {
        assert!(!s[field].is_null(), "{field}: {s}");
    }
    let sum: u64 = ["proven", "inferred", "guessed"].iter().map(|c| s["linked"][c].as_u64().expect("a count")).sum();
    let unlinked: u64 = s["unlinked"].as_object().expect("a map").values().filter_map(|v| v.as_u64()).sum();
    assert_eq!(s["uses"].as_u64(), Some(sum + s["local"].as_u64().expect("a count") + unlinked));
    assert!(s["seconds"]["total"].as_f64().expect("seconds") > 0.0);
}

#[test]
fn an_answer_has_its_fields() {
    let project = sample();
    indexed(&project);
    let done = run(&project, &["ask", "--json", "where is a.py:4:5"]);
    assert_eq!(done.code, 0);
    let reply = json(&done.out);
    let a = &reply["answers"][0];
    assert_eq!((a["path"].as_str(), a["line"].as_u64(), a["column"].as_u64(), a["end_column"].as_u64()), (Some("b.py"), Some(1), Some(5), Some(9)));
    assert_eq!((a["name"].as_str(), a["kind"].as_str(), a["certainty"].as_str()), (Some("turn"), Some("fn"), Some("proven")));
    assert_eq!(a["evidence"][0]["line"].as_u64(), Some(1));
    for field in ["role", "enclosing", "unit", "language", "text"] {
        assert!(a.get(field).is_some(), "{field} is there, if null");
    }
    for field in ["question", "total", "complete", "missing", "notes"] {
        assert!(reply.get(field).is_some(), "{field}");
    }
}

#[test]
fn a_batch_goes_on_after_a_mistake_in_the_same_order() {
    let project = sample();
    indexed(&project);
    let done = run_with_input(&project, &["ask", "--batch", "-"], "where is turn\nwho cals turn\nwho calls turn\n");
    assert_eq!(done.code, 0);
    let replies: Vec<serde_json::Value> = done.out.lines().map(json).collect();
    assert_eq!(replies.len(), 3);
    assert_eq!(replies[1]["error"]["nearest"], "calls");
    assert_eq!(replies[1]["error"]["at"], 4);
    assert_eq!(replies[2]["answers"][0]["enclosing"], "go");
}

#[rstest]
#[case::answered(&["ask", "where", "is", "turn"], 0)]
#[case::flags_after_the_question(&["ask", "where is turn", "--json"], 0)]
#[case::nothing_found(&["ask", "where is trun"], 1)]
#[case::mistake(&["ask", "who cals turn"], 2)]
#[case::through_writes(&["ask", "who writes turn through 2"], 1)]
#[case::through_imports(&["ask", "who imports b.py through 2"], 0)]
#[case::what_follows(&["ask", "what follows from turn"], 0)]
#[case::no_such_commit(&["ask", "what follows from changes since yesterday"], 2)]
#[case::no_question(&["ask"], 2)]
#[case::wrong_flag(&["ask", "--nonsense"], 2)]
#[case::no_index(&["ask", "--index", "nowhere.sqlite", "where is turn"], 3)]
#[case::help(&["--help"], 0)]
fn exit_codes_are_kept(#[case] args: &[&str], #[case] code: i32) {
    let project = sample();
    indexed(&project);
    let done = run(&project, args);
    assert_eq!(done.code, code, "{} {}", done.out, done.err);
}

#[test]
fn a_missing_index_says_what_to_run() {
    let done = run(&sample(), &["ask", "where is turn"]);
    assert_eq!(done.code, 3);
    assert!(done.err.contains("amber-compass index"), "{}", done.err);
}

#[test]
fn a_mistake_is_pointed_at() {
    let project = sample();
    indexed(&project);
    let done = run(&project, &["ask", "who cals turn"]);
    assert!(done.err.contains("    ^^^^") && done.err.contains("nearest: calls"), "{}", done.err);
}

#[rstest]
#[case::index(&["index", "--help"])]
#[case::ask(&["ask", "--help"])]
#[case::demo(&["demo", "--help"])]
#[case::all(&["--help"])]
fn help_has_two_examples(#[case] args: &[&str]) {
    let done = run(&sample(), args);
    let examples = done.out.split("Examples:").nth(1).expect("examples");
    assert_eq!(examples.matches("amber-compass").count(), 2, "{examples}");
}

#[test]
fn the_plan_shows_what_would_be_indexed() {
    let project = sample();
    project.write("node_modules/paint/package.json", "{\"name\":\"paint\"}");
    let done = run(&project, &["index", ".", "--plan"]);
    assert_eq!(done.code, 0);
    assert!(done.out.contains("python: 2 files") && done.out.contains("package folder"), "{}", done.out);
}

#[test]
fn the_demo_is_a_repository_with_fixed_history() {
    let project = Project::new();
    let to = project.root().join("out");
    let done = run(&project, &["demo", "--lay-out-only", "--to", to.to_str().expect("utf-8")]);
    assert_eq!(done.code, 0, "{}", done.err);
    let log = std::process::Command::new("git")
        .args(["log", "--format=%H %ad %an", "--date=short"])
        .current_dir(to.join("larder-hollow"))
        .output()
        .expect("git runs");
    let log = String::from_utf8_lossy(&log.stdout).into_owned();
    assert_eq!(log.lines().count(), 24);
    assert!(log.lines().last().is_some_and(|l| l.ends_with("2025-01-03 Ansa Pell")), "{log}");
    let again = run(&project, &["demo", "--lay-out-only", "--to", to.to_str().expect("utf-8")]);
    assert_eq!(again.code, 2);
    assert!(again.err.contains("not empty"));
}

#[test]
fn the_core_has_no_terminal_and_no_network() {
    let root = std::path::Path::new(env!("CARGO_MANIFEST_DIR")).join("..");
    let order = ["compass-facts", "compass-index", "compass-trace"];
    let workspace = std::fs::read_to_string(root.join("../Cargo.toml")).expect("the workspace");
    assert!(workspace.lines().any(|l| l.starts_with("git2 = ") && l.contains("default-features = false") && !l.contains("http") && !l.contains("ssh")));
    for (rank, name) in order.iter().enumerate() {
        let text = std::fs::read_to_string(root.join(name).join("Cargo.toml")).expect("a manifest");
        let own = text.split("[dev-dependencies]").next().unwrap_or("");
        for forbidden in ["ratatui", "crossterm", "clap", "directories", "reqwest", "hyper", "tokio", "testkit"] {
            assert!(!own.contains(&format!("{forbidden}.workspace")), "{name} must not depend on {forbidden}");
        }
        // HistoryAndCoverage reads working copies; without features git reaches no network.
        assert!(*name == "compass-trace" || !own.contains("git2"), "{name} must not depend on git2");
        for later in &order[rank + 1..] {
            assert!(!own.contains(&format!("{later}.workspace")), "{name} must not depend on {later}");
        }
    }
}

#[test]
fn the_service_knows_no_terminal_and_no_command_line() {
    let root = std::path::Path::new(env!("CARGO_MANIFEST_DIR")).join("../compass-session");
    let manifest = std::fs::read_to_string(root.join("Cargo.toml")).expect("a manifest");
    for forbidden in ["ratatui", "crossterm", "clap", "unicode-width", "reqwest", "hyper", "tokio", "amber-compass"] {
        assert!(!manifest.contains(&format!("{forbidden}.workspace")), "the service must not depend on {forbidden}");
    }
}

/// Overrides by name of the quick profile reach the one for shipping unless that names the same packages.
#[rstest::rstest]
fn what_is_built_quickly_is_shipped_optimised() {
    let path = format!("{}/../../Cargo.toml", env!("CARGO_MANIFEST_DIR"));
    let manifest: toml::Table = std::fs::read_to_string(path).expect("a manifest").parse().expect("TOML");
    let packages = |profile: &str| manifest["profile"][profile]["package"].as_table().expect("a table").clone();
    let shipped = packages("dist");
    for name in packages("release").keys() {
        assert_eq!(shipped.get(name).and_then(|p| p["opt-level"].as_integer()), Some(3), "{name}");
    }
}
