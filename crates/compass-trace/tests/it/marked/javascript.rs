//! JavaScript.

use super::{check, compiles};
use rstest::rstest;

#[rstest]
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
