//! Modules of a project as units: those that its code names, and what these name.

use testkit::{Project, ask, engine, places};

const MODULES: [(&str, &str); 4] = [
    ("bin/turn.pl", "use strict;\nuse lib 'lib';\nuse Larder::Rack qw(turn);\nturn(1);\n"),
    (
        "local/lib/perl5/Larder/Rack.pm",
        "package Larder::Rack;\nuse Salt::Box;\nour $VERSION = '1.4';\nour @EXPORT_OK = qw(turn);\nsub turn { Salt::Box::wash() }\n1;\n",
    ),
    ("local/lib/perl5/Salt/Box.pm", "package Salt::Box;\nsub wash { 1 }\n1;\n"),
    ("local/lib/perl5/Oak/Unused.pm", "package Oak::Unused;\nsub unused { 1 }\n1;\n"),
];

#[test]
fn modules_of_the_project_are_read_as_far_as_they_are_named() {
    let project = Project::with(&MODULES);
    let engine = engine(&project);
    let turned = places(&ask(&engine, "where is bin/turn.pl:4:1"));
    assert!(matches!(&turned[..], [only] if only.ends_with("local/lib/perl5/Larder/Rack.pm:5")), "{turned:?}");
    let washed = places(&ask(&engine, "who calls Salt::Box::wash"));
    assert!(matches!(&washed[..], [only] if only.ends_with("Larder/Rack.pm:5")), "{washed:?}");
    assert!(ask(&engine, "where is Oak::Unused::unused").answers.is_empty(), "what nobody names is left where it is");
}
