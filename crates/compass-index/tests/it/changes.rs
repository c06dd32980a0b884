//! What a changed file changes for others.

use compass_facts::{Cancel, Facts, Language, Source, read};
use compass_index::refresh::{Change, between};
use rstest::rstest;
use std::collections::BTreeSet;

fn facts(language: Language, text: &str) -> Facts {
    read(language, &Source::decode(text.as_bytes().to_vec()).expect("text"), &Cancel::new()).expect("not cancelled")
}

#[rstest]
#[case::moved_lines(languages::RUST, "fn turn(a: Rack) {}\n", "// moved\n\nfn turn(a: Rack) { }\n", &[])]
#[case::a_body(languages::C, "int turn(int a) { return a; }\n", "int turn(int a) { return 2 * a; }\n", &[])]
#[case::a_result(languages::RUST, "fn turn() -> Rack { x }\nfn wash() {}\n", "fn turn() -> Wheel { x }\nfn wash() {}\n", &["turn"])]
#[case::a_field(languages::C, "struct rack { int a; };\nint b;\n", "struct rack { long a; int c; };\nint b;\n", &["c"])]
#[case::a_field_of_a_class(languages::JAVA, "class Rack { int a; }\n", "class Rack { int a; int b; }\n", &["Rack", "b"])]
#[case::an_inferred_result(languages::PYTHON, "def turn():\n    return Rack()\n", "def turn():\n    return Wheel()\n", &["turn"])]
#[case::a_base(languages::PYTHON, "class Rack(Box): pass\n", "class Rack(Shelf): pass\n", &["Rack"])]
#[case::an_import(languages::PYTHON, "from rack import turn\n", "from shelf import turn\n", &["<imports>", "turn"])]
#[case::a_new_name(languages::GO, "package rack\nfunc Turn() {}\n", "package rack\nfunc Turn() {}\nfunc Wash() {}\n", &["Wash"])]
#[case::an_implementation(languages::RUST, "struct Rack; trait Turn {}\n", "struct Rack; trait Turn {}\nimpl Turn for Rack {}\n", &["Rack"])]
#[case::a_condition(languages::C, "int a;\n", "#ifdef OAK\nint a;\n#endif\n", &["a"])]
#[case::what_is_exported(languages::TYPESCRIPT, "const a = 1; export { a };\n", "const a = 1; export { a as b };\n", &["a", "b"])]
fn changes_are_told_by_names(#[case] language: Language, #[case] old: &str, #[case] new: &str, #[case] wanted: &[&str]) {
    let Change::Names { names, includes } = between(language, &facts(language, old), &facts(language, new)) else { panic!("names") };
    assert_eq!(names.iter().map(String::as_str).collect::<Vec<_>>(), wanted);
    assert!(!includes);
}

#[rstest]
#[case::star_import(languages::PYTHON, "from rack import *\n", "from shelf import *\n")]
#[case::package(languages::GO, "package rack\n", "package shelf\n")]
#[case::child_module(languages::RUST, "mod rack;\n", "mod shelf;\n")]
fn changes_without_a_name_are_everything(#[case] language: Language, #[case] old: &str, #[case] new: &str) {
    assert!(matches!(between(language, &facts(language, old), &facts(language, new)), Change::Everything(_)));
}

#[test]
fn other_includes_are_noticed_and_their_order_counts() {
    let of = |text: &str| facts(languages::C, text);
    let change = between(languages::C, &of("#include \"a.h\"\n#include \"b.h\"\n"), &of("#include \"b.h\"\n#include \"a.h\"\n"));
    assert_eq!(change, Change::Names { names: BTreeSet::from(["<imports>".to_owned()]), includes: true });
}
