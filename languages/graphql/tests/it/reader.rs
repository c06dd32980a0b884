//! GraphQL, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, places, uses};

#[rstest]
#[case::types("type A { b(c: D): E }\ninterface F { g: H }\nunion I = A | F\nscalar J", &["class A", "field A.b", "param A.b.c", "interface F", "field F.g", "union I", "alias J"])]
#[case::inputs("input A { b: C = D }\nenum E { F G }\ndirective @h(i: J) on FIELD", &["struct A", "field A.b", "enum E", "variant E.F", "variant E.G", "fn h", "param h.i"])]
#[case::operations("query A($b: C) { d }\nfragment E on F { g }", &["fn A", "param A.b", "fn E"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::GRAPHQL, text)), wanted);
}

#[rstest]
#[case::selections("query A($b: C) { d(e: $b) { f ...G ... on H { i } } }", &["type C", "read d", "write e", "read b*", "read f", "call G", "type H", "read i"])]
#[case::marks("type A @b(c: D) { e: F @g }", &["mark b", "write c", "read D", "type F", "mark g"])]
#[case::bases("type A implements B & C { d: [E!]! }", &["type B", "type C", "type E"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::GRAPHQL, text)), wanted);
}

#[test]
fn who_uses_a_field_and_who_spreads_a_fragment() {
    let schema = "type Query { racks: [Rack] }\ntype Rack { name: String @deprecated }\n";
    let operations = "query A { racks { name ...More } }\nfragment More on Rack { name }\nquery B { racks { none } }\n";
    let project = Project::with(&[("schema.graphql", schema), ("ops.graphql", operations)]);
    let asked = engine(&project);
    assert_eq!(places(&ask(&asked, "who uses Rack.name")), ["ops.graphql:1", "ops.graphql:2"]);
    assert_eq!(places(&ask(&asked, "who calls More")), ["ops.graphql:1"]);
    assert_eq!(places(&ask(&asked, "who uses deprecated as mark")), ["schema.graphql:2"]);
    let none = ask(&asked, "where is ops.graphql:3:19");
    assert!(none.answers.is_empty() && !none.missing.is_empty(), "a field that no type has");
}
