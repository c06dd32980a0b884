//! Questions about programs of Perl.

use crate::support::{ask, engine};
use compass_trace::Context;
use rstest::rstest;
use testkit::Project;

const FILES: [(&str, &str); 3] = [
    (
        "lib/Larder/Label.pm",
        "package Larder::Label;\nuse strict;\nuse parent 'Larder::Paper';\n\n=head1 NAME\n\nLarder::Label - what is stuck on a wheel\n\n=head1 METHODS\n\n=head2 text(WHEEL)\n\nThe B<text> of a C<WHEEL>.\n\n=cut\n\n\
         our $size = 3;\nsub text { my ($self, $wheel) = @_; return $wheel . $self->width($size) }\nsub print_all { my ($self, @wheels) = @_; print $self->text($_) for @wheels; $size = 4 }\n1;\n",
    ),
    ("lib/Larder/Paper.pm", "package Larder::Paper;\nsub new { my $class = shift; return bless {}, $class }\nsub width { 40 }\nsub text { '' }\n1;\n"),
    (
        "bin/labels.pl",
        "#!/usr/bin/perl\nuse Larder::Label;\nmy $label = Larder::Label->new;\n$label->print_all(1, 2);\nprint Larder::Label::text($label, 3);\n",
    ),
];

#[rstest]
#[case::package("where is Larder::Label", &["lib/Larder/Label.pm:1"])]
#[case::its_function("where is Larder::Label::print_all", &["lib/Larder/Label.pm:19"])]
#[case::by_dots("where is Label.print_all", &["lib/Larder/Label.pm:19"])]
#[case::callers("who calls Larder::Label::text", &["bin/labels.pl:5", "lib/Larder/Label.pm:19"])]
#[case::inherited("who calls Larder::Paper::width", &["lib/Larder/Label.pm:18"])]
#[case::writers("who writes $size", &["lib/Larder/Label.pm:17", "lib/Larder/Label.pm:19"])]
#[case::overrides("who overrides Larder::Paper::text", &["lib/Larder/Label.pm:18"])]
#[case::calls("what does print_all call", &["lib/Larder/Label.pm:19"])]
#[case::imports("who imports Larder::Label", &["bin/labels.pl:2"])]
#[case::language("symbols text lang perl", &["lib/Larder/Label.pm:18", "lib/Larder/Paper.pm:4"])]
fn questions_are_answered(#[case] question: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&FILES);
    let engine = engine(&project);
    let mut found: Vec<String> = ask(&engine, question).answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect();
    found.sort();
    assert_eq!(found, wanted);
}

#[test]
fn documentation_is_that_of_the_section() {
    let project = Project::with(&FILES);
    let engine = engine(&project);
    let answers = ask(&engine, "where is Larder::Label::text");
    let answer = answers.answers.first().expect("an answer");
    let bearings = engine.bearings(&answer.path, answer.line, answer.column, &Context::default()).expect("no failure").expect("bearings");
    let text: Vec<String> = bearings.facts.blocks.iter().map(|b| b.pieces.iter().map(|p| p.text.as_str()).collect()).collect();
    assert_eq!(text, ["text(WHEEL)", "The text of a WHEEL."]);
}
