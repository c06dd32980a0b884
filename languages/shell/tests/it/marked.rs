//! Shell scripts: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::one_script(&[(
    "turn.sh",
    r#"#!/bin/bash
⟦rack:rack⟧=${1:-3}
export ⟦CAVE:CAVE⟧="north-$«rack=rack»"

# Turns one wheel.
⟦turn:turn⟧() {
  local ⟦by:by⟧=$1 ⟦inner:rack⟧
  «inner=rack»=$((«by=by» + 1))
  for ⟦wheel:wheel⟧ in "${⟦list:wheels⟧[@]}"; do echo "$«wheel=wheel» $«inner=rack»"; done
  «helper=helper» "$«by=by»"
}
function ⟦helper:helper⟧ {
  echo "$«rack=rack» $«CAVE=CAVE»"
  if ! «turn=turn» 1; then return 1; fi
}
trap «helper=helper» EXIT
«turn=turn» 2 | while read -r ⟦line:line⟧; do echo "$«line=line»"; done
sudo «turn=turn» 3
cat <<END
$«rack=rack» ${«line=line»:-$(«helper=helper»)}
END
"#,
)])]
#[case::sourced(&[
    ("lib/common.sh", "⟦log:log⟧() { echo \"$«level~level» $1\"; }\n⟦COLOUR:COLOUR⟧=amber\n"),
    ("run.sh", "source \"$(dirname \"$0\")/lib/common.sh\"\n⟦level:level⟧=3\n«log~log» \"$«COLOUR~COLOUR»\"\n"),
    ("lib/deep.sh", ". ./common.sh\n«log=log» x\n"),
])]
fn names_of_shell(#[case] files: &[(&str, &str)]) {
    let plain: Vec<(String, String)> = files.iter().map(|(p, t)| ((*p).to_owned(), t.replace("⟦list:wheels⟧", "wheels"))).collect();
    let plain: Vec<(&str, &str)> = plain.iter().map(|(p, t)| (p.as_str(), t.as_str())).collect();
    check(&plain);
    for (path, _) in &plain {
        compiles(&plain, &["bash", "-n", path], &[]);
    }
}
