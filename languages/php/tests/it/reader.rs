//! What the reader tells of constructs.

use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::types(
    "namespace A\\B; abstract class Rack extends Shelf implements Turns { use Counts; const DEPTH = 3; public ?Wheel $wheel; abstract function turn(): int; } enum Kind: string { case Oak = 'o'; } trait Counts { } interface Turns { }",
    &["class Rack", "const Rack.DEPTH", "field Rack.wheel", "method Rack.turn", "enum Kind", "variant Kind.Oak", "trait Counts", "interface Turns"],
    &["type Shelf", "type Turns", "type Counts", "type Wheel"]
)]
#[case::promoted_parameters("class Rack { function __construct(private Wheel $wheel, int $n = 1) {} }", &["constructor Rack.__construct", "field Rack.wheel"], &["type Wheel"])]
#[case::magic_members("/**\n * @property Wheel $front\n * @method static Wheel made(int $n)\n */\nclass Rack { }", &["field Rack.front", "method Rack.made"], &[])]
#[case::defined_constants("define('DEPTH', 3); define(\"WIDTH\", 4); const HEIGHT = 5; echo DEPTH;", &["const DEPTH", "const WIDTH", "const HEIGHT"], &["call define", "read DEPTH"])]
#[case::properties_without_a_declaration("class Rack { function fill() { $this->wheels = []; } }", &["field Rack.wheels"], &["write wheels"])]
#[case::lists_without_a_first_value("$racks['oak'][] = turn($n); function f($given) { $given[1] = 2; $_SESSION[1] = 3; $own[1] = 4; return $own; } f($racks);", &["var $racks", "var f.$own"], &["call turn", "call f"])]
#[case::uses("use A\\{Rack, Wheel as W}; use function A\\turn; new Rack; W::made(); turn();", &[], &["import Rack", "import Wheel", "import turn", "call Rack", "type W", "call made", "call turn"])]
#[case::callables("usort($all, 'by_depth'); array_map('Rack::made', $all); $f = [$this, 'nothing'];", &[], &["ref by_depth", "ref made"])]
#[case::named_in_texts("$c = 'Larder\\\\Rack'; $d = 'no class'; $e = \"Larder\\\\Rack\";", &[], &["ref Rack"])]
#[case::attributes("#[Mark(1)] class A { #[Test] function t() {} }", &["class A"], &["mark Mark", "mark Test"])]
#[case::between_pages("<p><?php echo $title ?></p><?= turn() ?>", &[], &["call turn"])]
#[case::matched("$x = match (true) { $a instanceof Rack => Rack::DEPTH, default => null };", &[], &["type Rack", "read DEPTH"])]
fn constructs_are_read(#[case] text: &str, #[case] wanted: &[&str], #[case] used: &[&str]) {
    let text = if text.starts_with('<') { text.to_owned() } else { format!("<?php\n{text}\n") };
    let facts = facts(languages::PHP, &text);
    let (definitions, uses) = (definitions(&facts), uses(&facts));
    for name in wanted {
        assert!(definitions.iter().any(|d| d.starts_with(name)), "{name}: {definitions:?}");
    }
    for name in used {
        assert!(uses.iter().any(|u| u.starts_with(name)), "{name}: {uses:?}");
    }
    assert!(facts.gaps.is_empty(), "{:?}", facts.gaps);
}

/// What cannot be read is a gap, and costs no other names.
#[rstest]
#[case("<?php\nclass A { function f( { } function g() { } }\nfunction h() { }\n")]
#[case("<?php\n$x = ;\nfunction h() { }\n")]
fn what_is_no_program_is_a_gap(#[case] text: &str) {
    let facts = facts(languages::PHP, text);
    assert!(definitions(&facts).iter().any(|d| d.starts_with("fn h")), "{:?}", definitions(&facts));
    assert!(!facts.gaps.is_empty());
}
