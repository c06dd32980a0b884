//! Protocol Buffers: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::one_file(&[(
    "rack.proto",
    r#"syntax = "proto3";
package larder.plan;

// A rack.
message ⟦Rack:Rack⟧ {
  // A wheel on it.
  message ⟦Wheel:Wheel⟧ { int32 ⟦turns:turns⟧ = 1; «Rack=Rack».«Wheel=Wheel» ⟦below:below⟧ = 2; }
  enum ⟦Side:Side⟧ { ⟦TOP:TOP⟧ = 0; BOTTOM = 1; }
  repeated «Wheel=Wheel» ⟦wheels:wheels⟧ = 1;
  «Side=Side» side = 2;
  map<string, «Wheel=Wheel»> by_name = 3;
  oneof ⟦state:state⟧ { «Wheel=Wheel» last = 4; string note = 5; }
}

service ⟦Planner:Planner⟧ {
  rpc ⟦Turn:Turn⟧ («Rack=Rack») returns (stream .larder.plan.«Rack=Rack».«Wheel=Wheel»);
}
"#,
)])]
#[case::several_files(&[
    ("larder/base.proto", "syntax = \"proto3\";\npackage larder;\nmessage ⟦Cave:Cave⟧ { string name = 1; }\nmessage ⟦Cheese:Cheese⟧ {}\n"),
    ("larder/handed.proto", "syntax = \"proto3\";\npackage larder;\nimport public \"larder/base.proto\";\n"),
    ("larder/plan/use.proto", "syntax = \"proto3\";\npackage larder.plan;\nimport \"larder/handed.proto\";\nmessage ⟦inner:Cheese⟧ {}\nmessage Plan { «Cave=Cave» cave = 1; larder.«Cave=Cave» other = 2; «inner=Cheese» cheese = 3; larder.«Cheese=Cheese» far = 4; }\n"),
])]
#[case::options(&[(
    "opt.proto",
    r#"syntax = "proto2";
package larder;
import "google/protobuf/descriptor.proto";

message ⟦Route:Route⟧ { optional string ⟦path:path⟧ = 1; optional «Verb=Verb» ⟦verb:verb⟧ = 2; }
enum ⟦Verb:Verb⟧ { ⟦GET:GET⟧ = 0; ⟦PUT:PUT⟧ = 1; }
extend google.protobuf.MethodOptions { optional «Route=Route» ⟦route:route⟧ = 50001; }

message M {
  optional «Verb=Verb» v = 1 [default = «PUT=PUT», deprecated = true];
}
service S {
  rpc A (M) returns (M) { option («route=route»).«path=path» = "/a"; }
  rpc B (M) returns (M) { option («route=route») = { «path=path»: "/b" «verb=verb»: «GET=GET» }; }
}
"#,
)])]
fn names_of_protobuf(#[case] files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["protoc", "--proto_path=.", "--descriptor_set_out=/dev/null"], &[".proto"]);
}
