//! JavaScript.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::members_are_in_no_scope(&[(
    "rack.js",
    "function ⟦turn:turn⟧(n) { return n; }\nclass Rack {\n  ⟦own:turn⟧(n) { return «turn=turn»(n) + this.«own=turn»(n - 1); }\n  static ⟦wash:wash⟧() { return «turn=turn»(1) + Rack.«wash=wash»(); }\n}\n",
)])]
#[case::commonjs(&[
    ("rack.js", "function ⟦Rack:Rack⟧(n) { this.⟦n:n⟧ = n; }\n«Rack=Rack».prototype.⟦fill:fill⟧ = function () { return this.«n=n»; };\n«Rack=Rack».⟦make:make⟧ = () => new «Rack=Rack»(1);\nmodule.exports = «Rack=Rack»;\n"),
    ("tools.js", "exports.⟦salt:salt⟧ = function () { return «dry=dry»(); };\nfunction ⟦dry:dry⟧() { return 1; }\nmodule.exports.«dry=dry» = «dry=dry»;\nconst ⟦LIMIT:LIMIT⟧ = 3;\nexports.«LIMIT=LIMIT» = «LIMIT=LIMIT»;\n"),
    (
        "use.js",
        "const ⟦unused:Rack⟧ = require('./rack');\nconst { «salt=salt», «dry=dry»: wring } = require('./tools');\nconst tools = require('./tools');\nnew «Rack=Rack»(2).«fill=fill»();\n«Rack=Rack».«make=make»().«fill~fill»();\n«salt=salt»() + «dry=wring»() + tools.«LIMIT=LIMIT» + tools.«salt=salt»();\n",
    ),
])]
#[case::classes(&[(
    "wheel.mjs",
    r#"
export class ⟦Wheel:Wheel⟧ {
  static ⟦made:made⟧ = 0;
  ⟦age:age⟧ = 1;
  constructor() { «Wheel=Wheel».«made=made» += 1; this.⟦late:late⟧ = 2; }
  ⟦turn:turn⟧(by = this.«age=age») { return this.«late=late» + by; }
  static ⟦of:of⟧() { return new this(); }
  get ⟦old:old⟧() { return this.«turn=turn»(); }
}
export const ⟦kinds:kinds⟧ = { ⟦round:round⟧: 1, ⟦flat:flat⟧() { return this.«round=round»; } };
const w = new «Wheel=Wheel»();
w.«turn~turn»(w.«old~old») + «kinds=kinds».«flat=flat»() + «kinds=kinds».«round=round»;
"#,
)])]
#[case::hoisting(&[(
    "hoist.js",
    r#"
«early=early»();
var ⟦x:x⟧ = 1;
function ⟦early:early⟧() { «inner=x» = 2; var ⟦inner:x⟧; { let ⟦block:x⟧ = 3; «block=x»; } return «inner=x»; }
if (true) { var ⟦hoisted:y⟧ = 2; }
«hoisted=y» + «x=x»;
const ⟦self:self⟧ = function ⟦named:again⟧(⟦n:n⟧) { return «n=n» ? «named=again»(«n=n» - 1) : arguments.length; };
«self=self»(2);
"#,
)])]
fn names_of_javascript_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    for (i, file) in files.iter().enumerate() {
        // One file at a time is checked.
        compiles(&files[i..=i], &["node", "--check"], &[file.0]);
    }
    check(files);
}

#[rstest]
#[case::prototypes(&[(
    "proto.js",
    r#"
function ⟦Disc:Disc⟧(grams) { this.⟦grams:grams⟧ = grams; }
«Disc=Disc».prototype = { ⟦weigh:weigh⟧() { return this.«grams=grams»; } };
function ⟦Wheel:Wheel⟧() { «Disc=Disc».call(this, 1); }
«Wheel=Wheel».prototype = Object.create(«Disc=Disc».prototype);
«Wheel=Wheel».prototype.⟦turn:turn⟧ = function ⟦unused:turning⟧(⟦by:by⟧) { return «by=by»; };
const ⟦w:w⟧ = new «Wheel=Wheel»();
«w=w».«turn~turn»(2);
"#,
)])]
#[case::closures_and_generators(&[(
    "close.mjs",
    r#"
const ⟦make:make⟧ = (⟦start:start⟧) => {
  let ⟦n:n⟧ = «start=start»;
  return { ⟦next:next⟧: () => «n=n»++, ⟦reset:reset⟧() { «n=n» = «start=start»; } };
};
function* ⟦walk:walk⟧(⟦racks:racks⟧) {
  for (const { ⟦slots:slots⟧ = [] } of «racks=racks») yield* «slots=slots»;
}
async function ⟦later:later⟧(⟦jobs:jobs⟧, { ⟦limit:limit⟧ = 3, ...⟦more:more⟧ } = {}) {
  for await (const ⟦job:job⟧ of «jobs=jobs») await «job=job»(«limit=limit», «more=more»);
  return [...«walk=walk»([])];
}
const ⟦counter:counter⟧ = «make=make»(1);
«counter=counter».«next~next»() + «counter=counter».«reset~reset»();
«later=later»([], { limit: 1 });
"#,
)])]
#[case::exports(&[
    ("one.mjs", "export let ⟦count:count⟧ = 0;\nexport function ⟦bump:bump⟧() { «count=count» += 1; }\nconst ⟦hidden:hidden⟧ = 2;\nexport { «hidden=hidden» as shown };\nexport * as self from \"./one.mjs\";\n"),
    ("two.mjs", "export { «bump=bump», «hidden=shown» as again } from \"./one.mjs\";\nexport * from \"./one.mjs\";\nexport default class ⟦Rack:Rack⟧ { ⟦fill:fill⟧() { return 1; } }\n"),
    (
        "three.mjs",
        "import Made, { «bump=bump», again, «count=count» as c } from \"./two.mjs\";\nimport * as one from \"./one.mjs\";\n«bump=bump»();\nconsole.log(«hidden=again» + «count=c» + one.«hidden=shown» + one.self.«count=count»);\nnew «Rack=Made»().«fill=fill»();\n",
    ),
])]
fn more_names_of_javascript(#[case] files: &[(&str, &str)]) {
    for (i, file) in files.iter().enumerate() {
        compiles(&files[i..=i], &["node", "--check"], &[file.0]);
    }
    check(files);
}
