//! The declared library, packages, who uses what: what comes with the room.

use rstest::rstest;
use testkit::{Project, ask, engine, places};

const PROGRAM: &str = "<?php\nfunction go(\\PDO $db, array $all) {\n    $s = $db->prepare('select 1');\n    $s->fetchAll();\n    return implode(',', $all) . PHP_EOL . (new DateTime())->format('Y');\n}\n";

/// A place, and what is written where it leads.
#[rstest]
#[case::type_by_its_whole_name("a.php:2:14", "class PDO")]
#[case::method("a.php:3:15", "function prepare(")]
#[case::of_what_a_method_gives("a.php:4:9", "function fetchAll(")]
#[case::function("a.php:5:12", "function implode(")]
#[case::constant("a.php:5:33", "const PHP_EOL")]
#[case::of_what_is_made("a.php:5:65", "function format(")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.php", PROGRAM)]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!((first.unit.as_deref(), first.remark.as_deref()), (Some("php-std"), Some("declared, source not on this machine")));
}

/// Code goes before what the library declares under the same name.
#[test]
fn functions_of_the_code_go_first() {
    let project = Project::with(&[(
        "a.php",
        "<?php\nif (!function_exists('str_contains')) {\n    function str_contains($a, $b) { return true; }\n}\nstr_contains('a', 'b');\n",
    )]);
    let answers = ask(&engine(&project), "where is a.php:5:1");
    assert_eq!(places(&answers), ["a.php:3"]);
}

/// `new Rack` names the type, and leads to its constructor.
#[test]
fn who_makes_a_class_uses_it() {
    let project = Project::with(&[("a.php", "<?php\nclass Rack { function __construct() {} }\nclass Shelf { }\nnew Rack;\nnew Shelf;\n")]);
    let engine = engine(&project);
    assert_eq!(places(&ask(&engine, "who uses Rack")), ["a.php:4"]);
    assert_eq!(places(&ask(&engine, "who uses Shelf")), ["a.php:5"]);
    assert_eq!(places(&ask(&engine, "where is a.php:4:5")), ["a.php:2"]);
}

/// What an interface asks for comes first, what implements it follows; none is proven.
#[test]
fn implementations_follow() {
    let project = Project::with(&[
        (
            "a.php",
            "<?php\ninterface Turns { function turn(); }\nclass Wheel implements Turns { function turn() {} }\nclass Disc implements Turns { function turn() {} }\n",
        ),
        ("b.php", "<?php\nfunction go(Turns $t) { $t->turn(); }\n"),
    ]);
    let answers = ask(&engine(&project), "where is b.php:2:29");
    assert_eq!(places(&answers), ["a.php:2", "a.php:3", "a.php:4"]);
    assert!(answers.answers.iter().all(|a| a.certainty_word().is_some()));
}

/// A variable of a file is one for all files that include each other.
#[test]
fn variables_without_a_function_are_shared() {
    let project = Project::with(&[
        ("setup.php", "<?php\nclass Store { function open() {} }\n$store = new Store;\n"),
        ("page.php", "<?php\ninclude 'setup.php';\n$store->open();\nfunction f() { global $store; $store->open(); }\n"),
    ]);
    let engine = engine(&project);
    let answers = ask(&engine, "who calls Store.open");
    let sure: Vec<(u32, Option<&str>)> = answers.answers.iter().map(|a| (a.line, a.certainty_word())).collect();
    assert_eq!(sure, [(3, Some("inferred")), (4, Some("inferred"))]);
}

#[test]
fn packages_and_tests_are_told_apart() {
    let project = Project::with(&[
        ("composer.json", "{\"name\":\"oak/larder\",\"require\":{\"oak/rack\":\"^1\"}}"),
        ("src/Use.php", "<?php\nnamespace Larder;\nuse Oak\\Rack;\nclass Uses { function a(Rack $r) { $r->take(); } }\n"),
        ("tests/UseTest.php", "<?php\nclass UseTest { public function testTakes() { (new \\Oak\\Rack)->take(); } }\n"),
        ("vendor/oak/rack/composer.json", "{\"name\":\"oak/rack\",\"version\":\"1.2.0\"}"),
        ("vendor/oak/rack/src/Rack.php", "<?php\nnamespace Oak;\nclass Rack { public function take() {} }\n"),
    ]);
    let engine = engine(&project);
    let answers = ask(&engine, "who calls take");
    assert_eq!(places(&answers), ["src/Use.php:4", "tests/UseTest.php:2"]);
    assert_eq!(places(&ask(&engine, "who calls take outside tests")), ["src/Use.php:4"]);
    assert_eq!(ask(&engine, "where is src/Use.php:4:41").answers[0].unit.as_deref(), Some("oak/rack"));
}

#[test]
fn comments_are_told() {
    let project = Project::with(&[(
        "a.php",
        "<?php\n/**\n * Turns the wheel.\n *\n * @param int $by so far\n * @return int\n */\nfunction turn(int $by): int { return $by; }\n",
    )]);
    let engine = engine(&project);
    let symbol = ask(&engine, "where is turn").answers[0].symbol.expect("a symbol");
    let told = engine.facts_of(symbol).expect("looked up").expect("there");
    let words: String = told.blocks.iter().flat_map(|b| b.pieces.iter().map(|p| p.text.as_str())).collect();
    assert!(words.starts_with("Turns the wheel."), "{words}");
    assert!(!words.contains("@param"), "{words}");
}
