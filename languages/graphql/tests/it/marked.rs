//! GraphQL: little schemas and operations with marks.

use rstest::rstest;
use testkit::marked::check;

#[rstest]
#[case::schema_and_operations(&[
    ("schema.graphql", r#"directive @⟦audit:audit⟧(⟦by:by⟧: «Role=Role») on FIELD_DEFINITION

"""A rack of wheels."""
type ⟦Rack:Rack⟧ implements «Node=Node» {
  id: ID!
  ⟦wheels:wheels⟧(⟦first:first⟧: Int = 10, ⟦where:where⟧: «Filter=Filter»): [«Wheel=Wheel»!]! @«audit=audit»(«by=by»: «KEEPER=KEEPER»)
}
interface ⟦Node:Node⟧ { ⟦id:id⟧: ID! }
type ⟦Wheel:Wheel⟧ { ⟦name:name⟧: String «» ⟦on:on⟧: «Rack=Rack» }
enum ⟦Role:Role⟧ { ⟦KEEPER:KEEPER⟧ GUEST }
input ⟦Filter:Filter⟧ { ⟦min:min⟧: Int ⟦also:also⟧: «Filter=Filter» ⟦role:role⟧: «Role=Role» }
union ⟦Thing:Thing⟧ = «Rack=Rack» | «Wheel=Wheel»
type ⟦Query:Query⟧ { ⟦rack:rack⟧(⟦id2:id⟧: ID!): «Rack=Rack» ⟦things:things⟧: [«Thing=Thing»] }
"#),
    ("more.graphql", "extend type «» Rack { ⟦cave:cave⟧: String }\ntype Mutation { ⟦turn:turn⟧(⟦rackId:rackId⟧: ID!): «Rack=Rack» }\n"),
    ("ops.graphql", r#"query Racks($⟦id3:id⟧: ID!, $n: Int = 3) {
  «rack=rack»(«id2=id»: $«id3=id») {
    ...«Shown=Shown»
    «wheels=wheels»(«first=first»: $n, «where=where»: { «min=min»: 1, «also=also»: { «role=role»: «KEEPER=KEEPER» } }) { «name=name» «on=on» { «cave=cave» } }
  }
  «things=things» { __typename ... on «Wheel=Wheel» { «name=name» } }
}
fragment ⟦Shown:Shown⟧ on «Rack=Rack» { «cave=cave» «wheels=wheels» { «on=on» { «cave=cave» } } }
mutation { «turn=turn»(«rackId=rackId»: "1") { «cave=cave» } }
"#),
])]
#[case::roots_by_the_schema(&[
    ("a.graphqls", "schema { query: «Root=Root» }\ntype ⟦Root:Root⟧ { ⟦caves:caves⟧: [«Cave=Cave»] }\ntype ⟦Cave:Cave⟧ { ⟦name:name⟧: String }\ntype Query { caves: Int }\n"),
    ("b.gql", "{ «caves=caves» { «name=name» } }\n"),
])]
fn names_of_graphql(#[case] files: &[(&str, &str)]) {
    let plain: Vec<(String, String)> = files.iter().map(|(p, t)| ((*p).to_owned(), t.replace("«» ", ""))).collect();
    let plain: Vec<(&str, &str)> = plain.iter().map(|(p, t)| (p.as_str(), t.as_str())).collect();
    check(&plain);
}
