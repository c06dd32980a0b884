//! `macro_rules!` through the index: other files, other crates, calls in calls.

use compass_unfold::{Options, StepKind};
use testkit::Project;
use testkit::{indexed, unfolded_at};

fn project() -> Project {
    Project::with(&[
        ("Cargo.toml", "[package]\nname = \"larder\"\nversion = \"0.1.0\"\nedition = \"2024\"\n[dependencies]\nripe-tools = { path = \"tools\" }\n"),
        (
            "src/ranges.rs",
            "macro_rules! ranges { ($($f:ident: $low:literal .. $high:literal);+ $(;)?) => { [$(range!($f, $low, $high)),+] }; }\nmacro_rules! range { ($f:ident, $a:literal, $b:literal) => { $crate::Range { of: Family::$f, low: $a, high: $b } }; }\n",
        ),
        (
            "src/lib.rs",
            "#[macro_use]\nmod ranges;\npub fn table() -> [Range; 2] {\n    ranges! { Washed: 9 .. 14; Blue: 7 .. 11 }\n}\npub fn far() -> u8 { ripe_tools::double!(2 + 1) }\npub fn shown() { println!(\"{}\", ripe_tools::double!(4)); }\n",
        ),
        ("tools/Cargo.toml", "[package]\nname = \"ripe-tools\"\nversion = \"0.1.0\"\nedition = \"2024\"\n"),
        ("tools/src/lib.rs", "#[macro_export]\nmacro_rules! double { ($e:expr) => { $crate::twice($e) }; }\npub fn twice(a: u8) -> u8 { a * 2 }\n"),
    ])
}

#[test]
fn rules_of_another_file_are_found() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/lib.rs", "ranges!", 0, &Options::default()).expect("a call");
    let by: Vec<&str> = unfolding.steps.iter().map(|s| s.by.as_str()).collect();
    assert_eq!(by, ["ranges", "range", "range"]);
    assert_eq!(unfolding.steps[0].kind, StepKind::Rule(1));
    assert_eq!(unfolding.steps[1].defined.as_ref().map(|d| (d.path.as_str(), d.line)), Some(("src/ranges.rs", 2)));
    let text = unfolding.state(3).text;
    assert!(text.contains("crate::Range { of: Family::Washed, low: 9, high: 14 }") || text.contains("of: Family::Washed"), "{text}");
    assert_eq!(unfolding.steps[1].before, "range!(Washed, 9, 14)");
}

#[test]
fn rules_of_a_dependency_name_their_crate() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/lib.rs", "double!", 0, &Options::default()).expect("a call");
    assert_eq!(unfolding.state(1).text, "::ripe_tools::twice(2 + 1)");
}

#[test]
fn a_call_inside_an_opaque_call_is_unfolded_by_itself() {
    let project = project();
    let index = indexed(&project);
    let unfolding = unfolded_at(&index, "src/lib.rs", "double!", 1, &Options::default()).expect("a call");
    assert_eq!(unfolding.state(0).text, "ripe_tools::double!(4)");
    assert_eq!(unfolding.state(1).text, "::ripe_tools::twice(4)");
}

#[test]
fn the_compilers_own_macros_stop_the_unfolding_and_say_so() {
    let project = Project::with(&[("src/lib.rs", "fn f() { println!(\"x\"); unknown!(1) }\n")]);
    let index = indexed(&project);
    let own = unfolded_at(&index, "src/lib.rs", "unknown", 0, &Options::default()).expect("a call");
    assert!(own.steps.is_empty());
    assert_eq!(own.notes, ["no definition of unknown is visible here"]);
}
