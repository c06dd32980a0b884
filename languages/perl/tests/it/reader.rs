//! What the reader of Perl says of little programs.

use compass_facts::{GapCause, Kind, Shape};
use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::packages(
    "package Larder::Rack;\nsub new { my ($class, %args) = @_; return bless { %args }, $class }\nsub turn { my $self = shift; $self->wash(1, 2); helper() }\nsub helper { 1 }\n\
    package Larder::Shelf { sub full { 0 } }\n1;\n",
    "class Larder::Rack; method Larder::Rack.new; var Larder::Rack.new.$class; var Larder::Rack.new.%args; method Larder::Rack.turn; var Larder::Rack.turn.$self; \
    fn Larder::Rack.helper; class Larder::Shelf; fn Larder::Shelf.full",
    "read %args*; read $class*; read $self*; call wash; call helper"
)]
#[case::signatures(
    "sub turn ($rack, $by = size(), @more) { return $rack + $by + @more }\nsub proto($$;@) { shift }\nturn(1);\n",
    "fn turn; param turn.$rack; param turn.$by; param turn.@more; fn proto",
    "call size; read $rack*; read $by*; read @more*; call turn"
)]
#[case::elements(
    "sub f { my (@list, %of, $x); $list[0] = 1; $of{a}{b} .= 'x'; push @list, $x; $x->[0]; @of{qw(a b)}; $#list; $x{y} }\n",
    "fn f; var f.@list; var f.%of; var f.$x",
    "write @list*; write %of*; read @list*; read $x*; read $x*; read %of*; read @list*; read %x"
)]
#[case::shadowing("sub f { my $x = 1; { my $x = $x + 1; g($x); } h($x) }\n", "fn f; var f.$x; var f.$x", "read $x*; call g; read $x*; call h; read $x*")]
#[case::texts(
    "sub f { my ($n, @l, %h) = @_; print \"$n of @l, $h{a} and $l[0] \\$no @{[ 1 ]} ${n}s\"; my $t = <<\"END\"; '$n'\nto $n\nEND\n}\n",
    "fn f; var f.$n; var f.@l; var f.%h; var f.$t",
    "read $n*; read @l*; read %h*; read @l*; read $n*; read $n*"
)]
#[case::calls(
    "use Larder::Rack qw(turn wash);\nsub own;\nsub own { &turn(1); turn 2; Larder::Rack::salt(3); my $f = \\&wash; own; new Larder::Rack(4); grep { $_ } keys %ENV }\n",
    "fn own; fn own; var own.$f",
    "import Larder::Rack; import turn; import wash; call turn; call turn; ref Larder::Rack; call salt; pass wash; call own; call new; ref Larder::Rack"
)]
#[case::keys("sub f { my %h = (turn => 1, s => 2); $h{turn}; $h{y}; f() } sub turn {}\n", "fn f; var f.%h; fn turn", "read %h*; read %h*; call f")]
#[case::bases(
    "package Larder::Wheel;\nuse parent -norequire, 'Larder::Disc';\nour @ISA = ('Larder::Round');\nour @EXPORT_OK = qw(roll);\nsub roll { $_[0]->SUPER::roll(1) }\n",
    "class Larder::Wheel; var Larder::Wheel.@ISA; var Larder::Wheel.@EXPORT_OK; fn Larder::Wheel.roll",
    "import parent; type Larder::Disc; type Larder::Round; ref roll; call roll"
)]
#[case::constants(
    "use constant SIZE => 3;\nuse constant { DEEP => SIZE, WIDE => 2 };\nprint SIZE + DEEP / 2; f(WIDE) / 3 # not a pattern\n",
    "const SIZE; const DEEP; const WIDE",
    "import constant; import constant; call SIZE; call SIZE; call DEEP; call f; call WIDE"
)]
#[case::loops(
    "for my $r (@racks) { next unless $r->full; while (my $l = shift @{$r->list}) { print $l } }\n",
    "var $r; var $l",
    "read @racks; read $r; call full; read $r; call list; read $l*"
)]
#[case::globals(
    "our $size = 3;\nmy @all = (1);\nsub f { $size++; $main::size; $Larder::size = 1; @all }\n",
    "var $size; var @all; fn f",
    "write $size; read $size; write $size; read @all"
)]
#[case::chains(
    "package P; sub f { my $self = shift; my $r = Larder::Rack->new(by => 1); $r->turn->wash('x')->{a}->salt; $self->{r}->turn; __PACKAGE__->f; shift->g }\n",
    "class P; method P.f; var P.f.$self; var P.f.$r",
    "ref Larder::Rack; call new; read $r*; call turn; call wash; call salt; read $self*; call turn; call f; call g"
)]
#[case::lists(
    "sub f { my $x = shift; croak \"full: $x\" unless $x; confess $x, 1; print STDERR 'x'; print LOG $x; return }\n",
    "fn f; var f.$x",
    "call croak; read $x*; read $x*; call confess; read $x*; read $x*"
)]
#[case::functions_in_blocks("package A;\nBEGIN { my $n = 1; sub g { $n } }\nsub h { g() }\n", "class A; var A.$n; fn A.g; fn A.h", "read $n*; call g")]
#[case::package_in_a_block("package A;\nBEGIN { package B; sub g { 1 } }\nsub h { i() }\nsub i { 2 }\n", "class A; class B; fn B.g; fn A.h; fn A.i", "call i")]
#[case::patterns(
    "sub f { my ($x, $y) = @_; return $x / $y if $x =~ m{^/a/$y} and $y !~ /b/x; (split /,/, $x)[0]; s/a/b/ for $y; f($x) / 2; y/a/b/ }\n",
    "fn f; var f.$x; var f.$y",
    "read $x*; read $y*; read $x*; read $y*; read $y*; read $x*; read $y*; call f; read $x*"
)]
fn constructs_of_perl(#[case] text: &str, #[case] wanted_definitions: &str, #[case] wanted_uses: &str) {
    let facts = facts(languages::PERL, text);
    assert_eq!(definitions(&facts).join("; "), wanted_definitions, "definitions");
    assert_eq!(uses(&facts).join("; "), wanted_uses, "uses");
    assert_eq!(facts.gaps, [], "gaps");
}

#[test]
fn methods_are_told_from_functions_and_have_the_arguments_of_their_callers() {
    let text = "package P;\nsub a ($self, $x, $y = 1) { }\nsub b { my ($class, $x) = @_; }\nsub c { return shift->d }\nsub d ($x) { }\nsub e;\n";
    let facts = facts(languages::PERL, text);
    let told: Vec<(String, Kind, u8)> =
        facts.definitions.iter().filter(|d| d.kind.is_callable()).map(|d| (facts.name(d.name).to_owned(), d.kind, d.arity)).collect();
    let wanted = [("a", Kind::Method, 2), ("b", Kind::Method, 255), ("c", Kind::Method, 255), ("d", Kind::Function, 1), ("e", Kind::Function, 255)];
    assert_eq!(told, wanted.map(|(n, k, a)| (n.to_owned(), k, a)));
}

#[rstest]
#[case::before("=head2 other\n\nTurns.\n\n=cut\n\nsub turn { }\n", "turn", Some("=head2 other\n\nTurns.\n\n=cut\n"))]
#[case::elsewhere(
    "sub turn { }\n1;\n__END__\n\n=head1 NAME\n\nx\n\n=head2 turn(X)\n\nTurns.\n\n=head2 wash\n\nNo.\n",
    "turn",
    Some("=head2 turn(X)\n\nTurns.\n\n")
)]
#[case::comment("# not this\n\n# Turns\n# twice.\nsub turn { }\n", "turn", Some("# Turns\n# twice."))]
#[case::none("my $x;\nsub turn { }\n", "turn", None)]
#[case::package("package L;\n=head1 NAME\n\nL - labels\n\n=head1 SYNOPSIS\n\n    L->x\n\n=cut\nsub x { }\n", "L", Some("=head1 NAME\n\nL - labels\n\n"))]
fn documentation_is_found_where_it_stands(#[case] text: &str, #[case] name: &str, #[case] wanted: Option<&str>) {
    let facts = facts(languages::PERL, text);
    let def = facts.definitions.iter().find(|d| facts.name(d.name) == name).expect("a definition");
    assert_eq!(def.doc.map(|d| d.of(text)), wanted);
}

#[test]
fn bodies_and_packages_have_ends() {
    let text = "package A;\nsub f { if (1) { } }\n\npackage B;\nsub g;\n";
    let facts = facts(languages::PERL, text);
    let whole = |name: &str| facts.definitions.iter().find(|d| facts.name(d.name) == name).map(|d| d.whole.of(text));
    assert_eq!(whole("A"), Some("package A;\nsub f { if (1) { } }"));
    assert_eq!(whole("f"), Some("sub f { if (1) { } }"));
    assert_eq!(whole("B"), Some("package B;\nsub g;"));
}

#[test]
fn what_has_no_end_is_a_gap_and_the_rest_is_read() {
    let text = "sub f { g('a) }\nsub h { 1 }\n";
    let facts = facts(languages::PERL, text);
    assert_eq!(facts.gaps.iter().map(|g| (g.cause, g.span.of(text))).collect::<Vec<_>>(), [(GapCause::Syntax, "'a) }")]);
    assert_eq!(definitions(&facts), ["fn f", "fn h"]);
}

#[test]
fn the_number_of_arguments_is_counted() {
    let text = "f(); f(1); f(1, g(2, 3), [4, 5],); f(a => 1); $x->m(1, 2);\n";
    let facts = facts(languages::PERL, text);
    let counts: Vec<(String, u8)> =
        facts.uses.iter().filter(|u| u.role == compass_facts::Role::Call).map(|u| (facts.name(u.name).to_owned(), u.args)).collect();
    let wanted = [("f", 0), ("f", 1), ("f", 3), ("g", 2), ("f", 2), ("m", 2)];
    assert_eq!(counts, wanted.map(|(n, c)| (n.to_owned(), c)));
    assert!(facts.uses.iter().filter(|u| facts.name(u.name) == "m").all(|u| matches!(u.shape, Shape::Member(_))));
}

#[test]
fn deep_brackets_are_a_gap() {
    let text = format!("sub f {{ {}{} }}\nsub g {{ }}\n", "[".repeat(5000), "]".repeat(5000));
    let facts = facts(languages::PERL, &text);
    assert!(facts.gaps.iter().any(|g| g.cause == GapCause::TooDeep));
    assert_eq!(definitions(&facts), ["fn f", "fn g"]);
}

/// Every span begins and ends between letters, also where letters beyond ASCII stand in the way.
#[rstest]
#[case("my $n = 1; print \"${né} ${n} $né @né[0] ${né\";\n")]
#[case("sub é { my ($ü, %ö) = @_; $ö{é}; qéxé; s/é/ü/; \"\\é$ü\" }\n=head2 é(ü)\n\nÜ.\n")]
#[case("print <<É, <<'ü';\né\nÉ\nü\nuse é qw(ü é); $é::ü = &ü; package é { sub ü($$) {} }\n")]
#[case("\"${é")]
#[case("$#{é} $#é %é{ü} @{é} \\é ->é ->$é é->ü(é => ü)")]
fn spans_stand_between_letters(#[case] text: &str) {
    let facts = facts(languages::PERL, text);
    let spans = facts.uses.iter().map(|u| u.span).chain(facts.definitions.iter().flat_map(|d| [d.name_span, d.whole])).chain(facts.gaps.iter().map(|g| g.span));
    for span in spans.chain(facts.definitions.iter().filter_map(|d| d.doc)) {
        assert!(text.get(span.start as usize..span.end as usize).is_some(), "{span:?} of {text}");
    }
    for token in compass_facts::tokens(languages::PERL, text, &compass_facts::Cancel::new()) {
        assert!(text.get(token.span.start as usize..token.span.end as usize).is_some(), "{token:?} of {text}");
    }
}

/// Without a bound each of them would be looked for to the end of the file.
#[rstest]
#[case::quotes("q{\n".repeat(200_000))]
#[case::patterns("s/\n".repeat(200_000) + "x")]
#[case::declarations("my $x = ".repeat(100_000))]
#[case::calls("f(1, ".repeat(1_400) + &"2, ".repeat(200_000))]
fn what_never_ends_is_not_looked_for_forever(#[case] text: String) {
    assert!(facts(languages::PERL, &text).names.iter().count() < 10);
}

#[test]
fn a_variable_with_a_very_long_value_is_seen_behind_it() {
    let text = format!("sub f {{ my @all = ({}); return @all }}\n", "1, ".repeat(5_000));
    assert_eq!(uses(&facts(languages::PERL, &text)), ["read @all*"]);
}
