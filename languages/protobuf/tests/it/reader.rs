//! Protocol Buffers, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, places, uses};

#[rstest]
#[case::package("package a.b;\nmessage M {}", &["module a", "module a.b", "struct a.b.M"])]
#[case::fields("message M { int32 a = 1; oneof c { string d = 2; } map<string, M> e = 3; }", &["struct M", "field M.a", "field M.c", "field M.d", "field M.e"])]
#[case::enums("enum E { A = 0; B = 1; }", &["enum E", "variant E.A", "variant E.B"])]
#[case::services("service S { rpc A (M) returns (stream N); }", &["interface S", "method S.A"])]
#[case::groups("message M { optional group G = 1 { optional int32 a = 2; } extensions 100 to max; extend M { optional int32 b = 101; } }", &["struct M", "struct M.G", "field M.G.a", "field M.b"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::PROTOBUF, text)), wanted);
}

#[rstest]
#[case::types("message M { a.B c = 1; .d.E f = 2; int32 g = 3; }", &["ref a", "type B", "ref d", "type E"])]
#[case::procedures("service S { rpc A (M) returns (stream n.N); }", &["type M", "ref n", "type N"])]
#[case::options("option java_package = \"a\";\nmessage M { int32 a = 1 [packed = true, (o.p) = { q: R }]; }", &["write java_package", "write packed", "ref o", "write p", "write q", "read R"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::PROTOBUF, text)), wanted);
}

/// What comes with the language is declared, and what is imported and not here is said.
#[test]
fn names_of_the_language_lead_to_its_declarations() {
    let text = "syntax = \"proto3\";\nimport \"google/protobuf/timestamp.proto\";\nimport \"far/away.proto\";\noption java_package = \"a\";\nmessage M {\n  google.protobuf.Timestamp at = 1;\n  far.Away b = 2;\n}\n";
    let project = Project::with(&[("a.proto", text)]);
    let asked = engine(&project);
    for (place, wanted) in [("a.proto:6:20", "message Timestamp {"), ("a.proto:4:8", "optional string java_package = 1;")] {
        let answers = ask(&asked, &format!("where is {place}"));
        assert_eq!(answers.answers.first().and_then(|a| a.text.as_deref()).map(str::trim), Some(wanted));
    }
    let answers = ask(&asked, "where is a.proto:7:7");
    assert!(answers.answers.is_empty() && !answers.missing.is_empty());
    assert_eq!(places(&ask(&asked, "who imports a.proto")), [""; 0]);
}
