//! The declared library: that its names lead there.

use rstest::rstest;
use testkit::{Project, ask, engine};

#[rstest]
#[case::a_function("a.lua:1:1", "function print(...)")]
#[case::of_a_table("a.lua:2:8", "function string.format(...)")]
#[case::a_method_of_a_text("a.lua:3:7", "function string.upper(...)")]
#[case::a_table("a.lua:2:1", "string = {}")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.lua", "print(1)\nstring.format(\"%d\", 1)\n(\"a\"):upper()\n")]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!(first.unit.as_deref(), Some("lua-std"));
}
