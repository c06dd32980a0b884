//! Ruby, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, uses};

#[rstest]
#[case::classes("module A\n class B < C\n  D = 1\n  attr_reader :e\n  def f(g, h = 1, *i, j:, **k, &l)\n   m = 1\n   @n, o = 1, 2\n  end\n  def self.p; end\n  Q = Struct.new(:r)\n end\nend",
    &["trait A", "class A.B", "const A.B.D", "method A.B.e", "method A.B.f", "param A.B.f.g", "param A.B.f.h", "param A.B.f.i", "param A.B.f.j", "param A.B.f.k", "param A.B.f.l", "var A.B.f.m", "field A.B.@n", "var A.B.f.o", "method A.B.p", "class A.B.Q", "method A.B.Q.r", "method A.B.Q.r="])]
#[case::blocks("a.each { |b, (c, d)| e = b }\nf = ->(g) { g }\nfor h in i do end\n$j = 1", &["param b", "param c", "param d", "var e", "var f", "param g", "var h", "var $j"])]
#[case::made_by_words("class A\n attr_accessor :b\n alias_method :c, :b\n define_method(:d) { |e| e }\n alias f b\nend", &["class A", "method A.b", "method A.b=", "method A.c", "method A.d", "param A.e", "method A.f"])]
#[case::patterns("case a\nin {b:, c: D => d} then b\nin [e, *f] then e\nend\nbegin\nrescue G, H => i\nend", &["var b", "var d", "var e", "var f", "var i"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::RUBY, text)), wanted);
}

#[rstest]
#[case::calls("a.b(c, d: e).f { |g| g.h }\ni&.j\nk[l]", &["call a", "call b", "call c", "call e", "call f", "read g*", "call h", "call i", "call j", "call k", "call l"])]
#[case::written("class A\n def b\n  @c = 1\n  @c = @d\n  self.e = 1\n  f += 1\n end\nend", &["write @c", "read @d", "call e="])]
#[case::names_of_methods("class A\n before_action :b\n def c\n  send(:d)\n  e.map(&:f)\n  method(:g)\n end\nend", &["call before_action", "ref b", "call send", "ref d", "call e", "call map", "ref f", "call method", "ref g"])]
#[case::texts("\"a #{b} c\"\n%W[d#{e}]\n/f#{g}/\n<<~H\n i #{j}\nH", &["call b", "call e", "call g", "call j"])]
#[case::constants("A::B.new\n::C\nclass D < E::F; include G; end", &["ref A", "ref B", "call new", "ref C", "ref E", "type F", "type G"])]
#[case::locals("a = 1\na + b\nc { a }\ndef d; a; end", &["read a", "call b", "call c", "read a", "call a"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::RUBY, text)), wanted);
}

#[rstest]
#[case::beside("lib/larder/rack.rb:1:21", "lib/larder/wheel.rb")]
#[case::by_path("lib/larder/rack.rb:2:13", "lib/larder/disc.rb")]
#[case::on_demand("lib/larder/rack.rb:3:20", "lib/larder/disc.rb")]
fn files_are_required(#[case] place: &str, #[case] wanted: &str) {
    let project = Project::with(&[
        ("lib/larder/rack.rb", "require_relative \"wheel\"\nrequire \"larder/disc\"\nautoload :Disc, \"larder/disc\"\n"),
        ("lib/larder/wheel.rb", "class Wheel; end\n"),
        ("lib/larder/disc.rb", "class Disc; end\n"),
    ]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    assert_eq!(answers.answers.first().map(|a| a.path.as_str()), Some(wanted), "{:?}", answers.missing);
}

/// A class that answers to everything: what it has not is not known, and said so.
#[test]
fn what_method_missing_answers_is_a_gap() {
    let project = Project::with(&[("a.rb", "class Rack\n  def method_missing(name, *args); end\nend\nRack.new.anything_else\n")]);
    let answers = ask(&engine(&project), "where is a.rb:4:10");
    assert!(answers.answers.is_empty());
    assert_eq!(answers.missing.first().map(|m| m.cause.as_str()), Some("dynamic"));
}

/// A method that a derived class defines anew may be either.
#[test]
fn values_may_be_of_a_derived_class() {
    let project = Project::with(&[("a.rb", "class Disc\n  def turn; end\n  def go = turn\nend\nclass Wheel < Disc\n  def turn; end\nend\n")]);
    let answers = ask(&engine(&project), "where is a.rb:3:12");
    let lines: Vec<u32> = answers.answers.iter().map(|a| a.line).collect();
    assert_eq!(lines, [2, 6]);
    assert!(answers.answers.iter().all(|a| a.certainty_word() == Some("inferred")));
}

/// What a module does to the classes that include it.
#[test]
fn modules_add_to_classes_when_they_are_included() {
    let text = "module Equal\n  def self.included(base)\n    base.extend(ClassMethods)\n    base.instance_eval do\n      def new(*args) = super\n    end\n  end\n  module ClassMethods\n    def made; end\n  end\nend\nclass Rack\n  include Equal\n  def initialize; end\nend\nRack.made\nRack.new\n";
    let project = Project::with(&[("a.rb", text)]);
    let engine = engine(&project);
    for (place, line) in [("a.rb:16:6", 9), ("a.rb:17:6", 5)] {
        let answers = ask(&engine, &format!("where is {place}"));
        assert_eq!(answers.answers.iter().map(|a| (a.line, a.certainty_word())).collect::<Vec<_>>(), [(line, Some("inferred"))], "{place}");
    }
}
