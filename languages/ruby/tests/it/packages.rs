//! Gems as units: what a lock file chose, where it lies.

use testkit::{Project, ask, engine, places};

const GEMS: [(&str, &str); 6] = [
    ("Gemfile", "source 'https://gems.example'\ngem 'rack'\ngem 'gone'\n"),
    ("Gemfile.lock", "GEM\n  specs:\n    rack (2.2.8)\n      wash (>= 1)\n    wash (1.0)\n\nDEPENDENCIES\n  rack\n"),
    ("vendor/bundle/ruby/3.1.0/gems/rack-2.2.8/lib/rack.rb", "require 'wash'\nmodule Rack\n  def self.turn = Wash.once\nend\n"),
    ("vendor/bundle/ruby/3.1.0/gems/rack-3.0.0/lib/rack.rb", "module Rack\n  def self.turn = 2\nend\n"),
    ("vendor/bundle/ruby/3.1.0/gems/wash-1.0/lib/wash.rb", "module Wash\n  def self.once = 1\nend\n"),
    ("app.rb", "require 'rack'\nRack.turn\n"),
];

#[test]
fn the_version_that_was_chosen_is_read() {
    let project = Project::with(&GEMS);
    let engine = engine(&project);
    let turned = places(&ask(&engine, "where is app.rb:2:6"));
    assert!(matches!(&turned[..], [only] if only.ends_with("rack-2.2.8/lib/rack.rb:3")), "{turned:?}");
    let needed = places(&ask(&engine, "who calls Wash.once"));
    assert!(matches!(&needed[..], [only] if only.ends_with("rack-2.2.8/lib/rack.rb:3")), "what a gem needs is there too: {needed:?}");
    let brought = places(&ask(&engine, "where is app.rb:1:10"));
    assert!(matches!(&brought[..], [only] if only.ends_with("rack-2.2.8/lib/rack.rb:1")), "{brought:?}");
}
