//! The declared library: what its methods give, and that it is there.

use rstest::rstest;
use testkit::{Project, ask, engine};

#[rstest]
#[case::of_a_text("a.rb:1:8", "def split(separator = nil, limit = 0); end")]
#[case::of_what_it_gives("a.rb:1:19", "def first(n = nil); end")]
#[case::of_an_element("a.rb:1:25", "def upcase; end")]
#[case::a_class("a.rb:2:1", "class File < IO")]
#[case::of_a_class("a.rb:2:6", "def self.read(path, *args); end")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.rb", "\"a b\".split(\" \").first.upcase\nFile.read(\"x\")\n")]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!(first.unit.as_deref(), Some("ruby-std"));
}

#[test]
fn nothing_of_it_is_missing_or_counted_as_own() {
    let project = Project::with(&[("a.rb", "puts [1, 2].map { |n| n }.join(\",\").strip\nraise ArgumentError, \"x\" if File.exist?(\"y\")\n")]);
    let index = testkit::indexed_as(&project, Default::default());
    assert_eq!(index.summary().units.own, 1);
    assert_eq!(index.summary().own.unlinked.values().sum::<u64>(), 0, "{:?}", index.summary().own.unlinked);
}
