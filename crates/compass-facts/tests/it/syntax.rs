//! The flat tree against the parser's own.

use compass_facts::reading::parse;
use compass_facts::reading::syntax::{DEEPEST, Node, Tree, Words};
use compass_facts::{Cancel, Language};
use rstest::rstest;

fn words(language: Language) -> &'static Words {
    language.profile().grammar.expect("a grammar")().words()
}

/// Both trees say the same of every node.
fn same(theirs: tree_sitter::Node, ours: Node) {
    assert_eq!((theirs.kind(), theirs.byte_range()), (ours.kind(), ours.byte_range()));
    let flags = (theirs.is_named(), theirs.is_extra(), theirs.is_missing(), theirs.has_error(), theirs.is_error());
    assert_eq!(flags, (ours.is_named(), ours.is_extra(), ours.is_missing(), ours.has_error(), ours.is_error()), "{ours:?}");
    assert_eq!(theirs.parent().map(|n| n.byte_range()), ours.parent().map(|n| n.byte_range()));
    assert_eq!(theirs.prev_sibling().map(|n| n.byte_range()), ours.prev_sibling().map(|n| n.byte_range()));
    assert_eq!((theirs.child_count(), theirs.named_child_count()), (ours.children().count(), ours.named_child_count()));
    for field in ["name", "body", "type", "value", "left", "right", "parameters", "function", "arguments", "object", "alternative"] {
        let range = |n: tree_sitter::Node| (n.kind(), n.byte_range());
        assert_eq!(theirs.child_by_field_name(field).map(range), ours.child_by_field_name(field).map(|n| (n.kind(), n.byte_range())), "{field} of {ours:?}");
    }
    let mut cursor = theirs.walk();
    for (a, b) in theirs.children(&mut cursor).zip(ours.children()) {
        same(a, b);
    }
}

#[rstest]
#[case::python(
    languages::PYTHON,
    "# rack\nclass Rack(Base):\n    def turn(self, *wheels: Wheel) -> int:\n        return [w for w in wheels if w.old] # done\n"
)]
#[case::rust(
    languages::RUST,
    "/// A rack.\npub struct Rack<T> { wheels: Vec<T> }\nimpl<T: Turn> Rack<T> { fn turn(&self) -> u32 { self.wheels.len() as u32 } }\n"
)]
#[case::go(languages::GO, "package rack\n\nfunc Turn(a, b int) (int, error) { x, err := salt(a); return x, err }\n")]
#[case::java(languages::JAVA, "/** A rack. */ class Rack { int turn(int a, String... b) { return a > 1 ? 2 : this.x; } }\n")]
#[case::markup(languages::TSX, "const A = ({ turn }: Props) => <Rack wheels={turn}>text</Rack>;\n")]
#[case::broken(languages::TYPESCRIPT, "function turn( { let a ] = ; class { b: }\n// end\n")]
#[case::broken_python(languages::PYTHON, "def turn(:\n  x = = 2\n\tclass\n")]
#[case::nothing(languages::RUST, "")]
fn it_says_what_the_parser_says(#[case] language: Language, #[case] text: &str) {
    let tree = parse(language, text, &Cancel::new()).expect("not cancelled");
    same(tree.root_node(), Tree::of(&tree, words(language), text).root_node());
}

#[rstest]
#[case::plain("fn f() { log!(a, (b, c)); }", 0)]
#[case::a_statement("fn f() { query!(a, \"SELECT id FROM racks\"); }", 5)]
fn unparsed_tokens_are_looked_into_for_statements_alone(#[case] text: &str, #[case] within: usize) {
    let tree = parse(languages::RUST, text, &Cancel::new()).expect("not cancelled");
    let flat = Tree::of(&tree, words(languages::RUST), text);
    let tokens = first(flat.root_node(), "token_tree").expect("tokens");
    assert_eq!(tokens.children().count(), within);
}

fn first<'t>(node: Node<'t>, kind: &str) -> Option<Node<'t>> {
    if node.kind() == kind { Some(node) } else { node.children().find_map(|c| first(c, kind)) }
}

#[test]
fn what_stands_too_deep_is_told_and_left_out() {
    let text = format!("x = {}1{}", "(".repeat(20_000), ")".repeat(20_000));
    let tree = parse(languages::PYTHON, &text, &Cancel::new()).expect("not cancelled");
    let flat = Tree::of(&tree, words(languages::PYTHON), &text);
    let mut at = flat.root_node();
    let mut depth = 0;
    while let Some(inner) = at.named_children().last() {
        (at, depth) = (inner, depth + 1);
    }
    assert!(depth <= DEEPEST && !flat.too_deep().is_empty(), "{depth}");
}
