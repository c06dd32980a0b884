//! What readers say of small programs, and that nothing makes them stumble.

use compass_facts::{Cancel, Facts, Flags, GapCause, Language, Role, Source, read};
mod constructs;
mod signals;

use proptest::prelude::*;
use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::python(languages::PYTHON, "class Rack:\n    size = 3\n    def take(self, slot):\n        self.taken = slot\nLIMIT = 2\n",
    &["class Rack", "field Rack.size", "method Rack.take", "param Rack.take.self", "param Rack.take.slot", "field Rack.taken", "const LIMIT"])]
#[case::rust(languages::RUST, "pub struct Rack { size: u32 }\nenum Kind { Oak }\nimpl Rack { fn take(&self, slot: u32) { let a = slot; } }\nmacro_rules! m { () => {} }\nmod inner { const N: u8 = 1; }",
    &["struct Rack", "field Rack.size", "enum Kind", "variant Kind.Oak", "method take", "param take.self", "param take.slot", "var take.a", "macro m", "module inner", "const inner.N"])]
#[case::typescript(languages::TYPESCRIPT, "export interface Rack { size: number }\nclass Oak { #age = 1; constructor(private kind: string) {} grow(): void {} }\nenum E { A }\ntype T = Rack;\nconst f = (x) => x;",
    &["interface Rack", "field Rack.size", "class Oak", "field Oak.#age", "constructor Oak.constructor", "param Oak.constructor.kind", "field Oak.kind", "method Oak.grow", "enum E", "variant E.A", "alias T", "fn f", "param f.x"])]
#[case::c(languages::C, "#define LIMIT 3\nstruct rack { int size; };\ntypedef unsigned slot_t;\nenum kind { OAK };\nstatic int take(struct rack *r) { int n = r->size; return n; }\nint give(int);\n",
    &["macro LIMIT", "struct rack", "field rack.size", "alias slot_t", "enum kind", "variant kind.OAK", "fn take", "param take.r", "var take.n", "fn give"])]
#[case::java(languages::JAVA, "package a.b;\nenum Kind { OAK { int age() { return 1; } }, PINE }\nrecord Rack(int size) { Rack { } }\nabstract class Shelf<T> { static final int N = 1, M[] = {2}; Shelf(T... all) { } abstract T take(int at); @interface Mark { int value() default 1; } }\n",
    &["enum Kind", "variant Kind.OAK", "method Kind.OAK.age", "variant Kind.PINE", "class Rack", "field Rack.size", "constructor Rack.Rack", "class Shelf", "typeparam Shelf.T", "field Shelf.N", "field Shelf.M", "constructor Shelf.Shelf", "param Shelf.Shelf.all", "method Shelf.take", "param Shelf.take.at", "interface Shelf.Mark", "method Shelf.Mark.value"])]
#[case::go(languages::GO, "package a\nconst N, M = 1, 2\nvar v int\ntype Rack struct {\n\tSize, depth int\n\t*Slot\n}\ntype Named int\ntype I interface { Weigh() int }\nfunc (r *Rack) Take(at int) (n int, err error) { x, y := f(); return }\nfunc F[T any](all ...T) { }\n",
    &["const N", "const M", "var v", "struct Rack", "field Rack.Size", "field Rack.depth", "field Rack.Slot", "alias Named", "interface I", "method I.Weigh", "param Take.r", "method Take", "param Take.at", "param Take.n", "param Take.err", "var Take.x", "var Take.y", "fn F", "typeparam F.T", "param F.all"])]
fn definitions_are_found(#[case] language: Language, #[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(language, text)), wanted);
}

#[rstest]
#[case::python(languages::PYTHON, "def f(a, b=LIMIT):\n    c = g(a)\n    c.d = b\n    return [x for x in c]\n",
    &["pass LIMIT", "call g", "pass a*", "read c*", "write d", "read b*", "read x*", "read c*"])]
#[case::rust(languages::RUST, "fn f(a: Rack) -> u8 { let b = a.size; g(b); h!(b + c); b }",
    &["type Rack", "read a*", "read size", "call g", "pass b*", "call h", "read b*", "read c", "read b*"])]
#[case::typescript(languages::TYPESCRIPT, "function f(a: Rack) { const { b, c: d } = a; g(b).h = d; }",
    &["type Rack", "read b", "read c", "read a*", "call g", "pass b*", "write h", "read d*"])]
#[case::c(languages::C, "int f(struct rack *r) { slot_t s = { .row = LIMIT }; r->size++; return g(&s); }",
    &["type rack", "type slot_t", "write row", "read LIMIT", "read r*", "write size", "call g", "ref s*"])]
#[case::java(languages::JAVA, "class A { void f(Rack r, int n) { n++; this.size = r.size; g(r, n).h(); new Rack(n); Rack::take; List<Slot> l = null; } }",
    &["type Rack", "write n*", "write size", "read r*", "read size", "call g", "pass r*", "pass n*", "call h", "call Rack", "pass n*", "read Rack", "ref take", "type List", "type Slot"])]
#[case::java_names_apart(languages::JAVA, "class A { void f() { int size = 1; size(); Runnable r = () -> { size(size); }; } }",
    &["call size", "type Runnable", "call size", "pass size*"])]
#[case::go(languages::GO, "package a\nfunc f(r *Rack) { s := Slot{Row: r.Size}; s.Row++; g(s, h); go s.run(); for i := range r.All { use(i) } }",
    &["type Rack", "type Slot", "write Row", "read r*", "read Size", "read s*", "write Row", "call g", "pass s*", "pass h", "read s*", "call run", "read r*", "read All", "call use", "pass i*"])]
#[case::go_order(languages::GO, "package a\nfunc f(flag *flag.Flag) { x := x; { x := g(x) } }",
    &["ref flag", "type Flag", "read x", "call g", "pass x*"])]
fn uses_have_roles_and_local_ones_are_linked(#[case] language: Language, #[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(language, text)), wanted);
}

#[rstest]
#[case::tsx(languages::TSX, "const a = <Gauge value={x} />;", &["call Gauge", "pass x"])]
#[case::closing(languages::TSX, "const a = <Row><b/></Row>;", &["call Row", "ref Row"])]
fn components_are_called(#[case] language: Language, #[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(language, text)), wanted);
}

#[rstest]
#[case::docstring(languages::PYTHON, "def f():\n    \"\"\"Turns.\"\"\"\n", "Turns.")]
#[case::lines(languages::RUST, "/// Turns.\n/// Twice.\nfn f() {}", "/// Turns.\n/// Twice.\n")]
#[case::block(languages::TYPESCRIPT, "/** Turns. */\nexport function f() {}", "/** Turns. */")]
#[case::c(languages::C, "/* Turns. */\nint f(void) { return 0; }", "/* Turns. */")]
#[case::java(languages::JAVA, "/** Turns. */\n@Deprecated\nclass A { }", "/** Turns. */")]
#[case::go(languages::GO, "// Turns.\n// Twice.\ntype A struct { }", "// Turns.\n// Twice.")]
fn documentation_belongs_to_what_follows(#[case] language: Language, #[case] text: &str, #[case] doc: &str) {
    let facts = facts(language, text);
    let span = facts.definitions[0].doc.expect("documented");
    assert_eq!(span.of(text).trim_end(), doc.trim_end());
}

#[test]
fn a_comment_at_the_end_of_a_line_of_code_documents_nothing_below() {
    let facts = facts(languages::C, "int a; /* the first */\nint b;\n");
    assert_eq!(facts.definitions[1].doc, None);
}

#[rstest]
#[case::python(languages::PYTHON, "def f(:\n  ((\n")]
#[case::rust(languages::RUST, "fn f( { let = ; }")]
#[case::typescript(languages::TYPESCRIPT, "class { const ( = ")]
#[case::c(languages::C, "int f(int a { return +* ; }")]
fn what_does_not_fit_the_grammar_is_a_gap(#[case] language: Language, #[case] text: &str) {
    assert!(facts(language, text).gaps.iter().any(|g| g.cause == GapCause::Syntax));
}

#[rstest]
#[case::python(languages::PYTHON, "(", ")")]
#[case::rust(languages::RUST, "fn f() {", "}")]
#[case::typescript(languages::TYPESCRIPT, "[", "]")]
#[case::c(languages::C, "{", "}")]
fn deep_nesting_is_a_gap_not_a_crash(#[case] language: Language, #[case] open: &str, #[case] close: &str) {
    let text = format!("{}{}", open.repeat(20_000), close.repeat(20_000));
    let facts = facts(language, &text);
    assert!(facts.gaps.iter().any(|g| matches!(g.cause, GapCause::TooDeep | GapCause::Syntax)));
}

#[test]
fn a_cancelled_reading_gives_nothing() {
    let cancel = Cancel::new();
    cancel.cancel();
    let source = Source::decode("x = 1\n".repeat(100_000).into_bytes()).expect("text");
    assert_eq!(read(languages::PYTHON, &source, &cancel), None);
}

#[test]
fn a_file_too_large_for_the_grammar_is_a_gap() {
    let source = Source::decode(vec![b'x'; 7 << 20]).expect("text");
    let facts = read(languages::PYTHON, &source, &Cancel::new()).expect("facts");
    assert_eq!(facts.gaps[0].cause, GapCause::TooLarge);
}

#[test]
fn latin_text_is_marked() {
    let source = Source::decode(b"name = 'caf\xe9'\n".to_vec()).expect("text");
    let facts = read(languages::PYTHON, &source, &Cancel::new()).expect("facts");
    assert_eq!(facts.gaps[0].cause, GapCause::Encoding);
    assert_eq!(definitions(&facts), ["var name"]);
}

#[test]
fn generators_async_functions_and_tests_are_flagged() {
    let facts = facts(languages::PYTHON, "def g():\n    yield 1\nasync def a(): pass\ndef test_x(): pass\n");
    let has = |i: usize, flag| facts.definitions[i].flags.has(flag);
    assert!(has(0, Flags::GENERATOR) && has(1, Flags::ASYNC) && has(2, Flags::TEST));
}

#[test]
fn chained_exports_are_read_once() {
    let chain = (0..300).map(|i| format!("exports.e{i} = ")).collect::<String>();
    let facts = facts(languages::JAVASCRIPT, &format!("{chain}function value() {{}};"));
    assert_eq!(facts.exports.len(), 300);
    assert_eq!(facts.uses.iter().filter(|u| u.role == Role::Call).count(), 0);
}

fn soup() -> impl Strategy<Value = String> {
    let word = prop::sample::select(vec![
        "def",
        "class",
        "fn",
        "impl",
        "struct",
        "{",
        "}",
        "(",
        ")",
        "[",
        "]",
        ":",
        ";",
        ",",
        ".",
        "::",
        "=",
        "=>",
        "->",
        "\n",
        "    ",
        "x",
        "Rack",
        "self",
        "use",
        "import",
        "from",
        "export",
        "const",
        "let",
        "match",
        "#define",
        "#if",
        "#include <a.h>",
        "typedef",
        "*",
        "&",
        "'",
        "\"",
        "`",
        "/*",
        "//",
        "é",
        "\u{202E}",
        "\0",
        "if",
        "for",
        "in",
        "lambda",
        "async",
        "await",
        "yield",
        "return",
        "@",
        "!",
        "<",
        ">",
        "macro_rules!",
        "$x:expr",
        "module.exports",
        "prototype",
        "?",
        "package",
        "func",
        ":=",
        "range",
        "chan",
        "...",
        "record",
        "extends",
        "new",
        "->",
        "::",
        "switch",
        "case",
        "void",
    ]);
    prop::collection::vec(word, 0..60).prop_map(|w| w.join(" "))
}

proptest! {
    #![proptest_config(ProptestConfig::with_cases(250))]

    #[test]
    fn readers_survive_any_text(text in prop_oneof![soup(), ".{0,200}"], which in 0..languages::ALL.len()) {
        let language = languages::ALL[which];
        if let Ok(source) = Source::decode(text.into_bytes()) {
            let facts = testkit::read_soundly(language, &source);
            let end = source.text.len() as u32;
            prop_assert!(facts.definitions.iter().all(|d| d.name_span.end <= end && d.whole.end <= end));
            prop_assert!(facts.uses.windows(2).all(|w| w[0].span <= w[1].span));
            prop_assert!(facts.uses.iter().all(|u| source.text.is_char_boundary(u.span.start as usize)));
        }
    }
}

/// `kind module name as bound` of every import, `^` for those that others see.
fn imports(facts: &Facts) -> Vec<String> {
    let word = |id: Option<compass_facts::NameId>| id.map_or("-".to_owned(), |n| facts.name(n).to_owned());
    let line = |i: &compass_facts::Import| {
        let seen = if i.reexport { "^" } else { "" };
        format!("{:?} {} {} as {}{seen}", i.kind, facts.name(i.module), word(i.name), word(i.bound))
    };
    facts.imports.iter().map(line).collect()
}

#[rstest]
#[case::python_plain(languages::PYTHON, "import a.b\n", &["Module a - as a^", "Effect a.b - as -^"])]
#[case::python_alias(languages::PYTHON, "import a.b as c\n", &["Module a.b - as c^"])]
#[case::python_from(languages::PYTHON, "from ..a import b as c, d\n", &["Name ..a b as c^", "Name ..a d as d^"])]
#[case::python_star(languages::PYTHON, "from . import *\n", &["Glob . - as -^"])]
#[case::rust_tree(languages::RUST, "use a::{b as c, d::{self, e}, f::*};", &["Name a b as c", "Name a d as d", "Name a::d e as e", "Glob a::f - as -"])]
#[case::rust_public(languages::RUST, "pub use crate::a::B;", &["Name crate::a B as B^"])]
#[case::rust_child(languages::RUST, "mod a; pub mod b;", &["Child a - as a", "Child b - as b^"])]
#[case::rust_path(languages::RUST, "#[path = \"x/y.rs\"]\nmod a;", &["Child x/y.rs a as a"])]
#[case::rust_crate(languages::RUST, "extern crate a as b;", &["Module a - as b"])]
#[case::script_names(languages::TYPESCRIPT, "import d, { a as b, type T } from './m';", &["Name ./m default as d", "Name ./m a as b", "Name ./m T as T"])]
#[case::script_all(languages::TYPESCRIPT, "import * as n from 'm'; import 'e';", &["Module m - as n", "Effect e - as -"])]
#[case::script_again(languages::TYPESCRIPT, "export { a as b } from 'm'; export * from 'n'; export * as o from 'p';",
    &["Name m a as b^", "Glob n - as -^", "Module p - as o^"])]
#[case::script_required(languages::JAVASCRIPT, "const a = require('m'); const { b, c: d } = require('n'); const e = require('o').f;",
    &["Name m = as a", "Name n b as b", "Name n c as d", "Name o f as e"])]
#[case::c(languages::C, "#include \"a/b.h\"\n#include <c.h>\n", &["Include a/b.h - as -^", "Include c.h - as -^"])]
fn imports_say_what_they_bind(#[case] language: Language, #[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(imports(&facts(language, text)), wanted);
}

#[rstest]
#[case::named("export { a as b }; const a = 1;", &["b"])]
#[case::default_function("export default function f() {}", &["default"])]
#[case::default_value("export default { a: 1 };", &["default"])]
#[case::assignment("class A {} export = A;", &["="])]
#[case::commonjs("module.exports = f; exports.g = () => 1; module.exports.h = 2;", &["=", "g", "h"])]
#[case::announced("exports.a = exports.b = void 0; exports.a = 1;", &["a"])]
fn exports_have_their_outer_names(#[case] text: &str, #[case] wanted: &[&str]) {
    let facts = facts(languages::TYPESCRIPT, text);
    let mut names: Vec<&str> = facts.exports.iter().map(|e| facts.name(e.name)).collect();
    names.dedup();
    let wanted: Vec<&str> = wanted.to_vec();
    assert!(wanted.iter().all(|w| names.contains(w)), "{names:?}");
}

#[test]
fn dunder_all_exports_and_mentions_names() {
    let facts = facts(languages::PYTHON, "__all__ = ['turn', \"rest\"]\ndef turn(): pass\n");
    let names: Vec<&str> = facts.exports.iter().map(|e| facts.name(e.name)).collect();
    assert_eq!(names, ["turn", "rest"]);
    assert!(uses(&facts).contains(&"ref turn".to_owned()));
}

#[rstest]
#[case::python(languages::PYTHON, "class A(B, metaclass=M):\n    pass\n", 1)]
#[case::typescript(languages::TYPESCRIPT, "class A extends B implements C, D {}", 3)]
#[case::interface(languages::TYPESCRIPT, "interface A extends B, C<D> {}", 2)]
#[case::trait_bounds(languages::RUST, "trait A: B + C {}", 2)]
#[case::cpp(languages::CPP, "class A : public B, private virtual n::C<int> {};", 2)]
fn bases_are_recorded(#[case] language: Language, #[case] text: &str, #[case] count: usize) {
    assert_eq!(facts(language, text).bases.len(), count);
}

#[rstest]
#[case::rust(languages::RUST, "impl<T> Rack<T> { fn a(&self) {} } impl Probe for Rack<u8> {}", 2, 1)]
#[case::prototype(languages::JAVASCRIPT, "Rack.prototype.take = function () {};", 1, 0)]
#[case::prototype_object(languages::JAVASCRIPT, "Rack.prototype = { take() {}, give: function () {} };", 1, 0)]
fn extensions_name_their_type(#[case] language: Language, #[case] text: &str, #[case] count: usize, #[case] of_traits: usize) {
    let facts = facts(language, text);
    assert_eq!(facts.extensions.len(), count);
    assert_eq!(facts.extensions.iter().filter(|e| e.implements.is_some()).count(), of_traits);
}

#[test]
fn words_of_macro_calls_are_uses_and_chains_keep_their_receiver() {
    let facts = facts(languages::RUST, "fn f(rack: Rack) { check!(rack.slot(1) > LIMIT, \"no {}\", crate::name::of(rack)); }");
    assert_eq!(uses(&facts), ["type Rack", "call check", "read rack*", "call slot", "read LIMIT", "read name", "call of", "read rack*"]);
}

#[test]
fn items_in_the_arguments_of_a_macro_among_items_are_definitions() {
    let text = "ast! { pub struct Rack { slot: Slot } }\nfn f() { quote!(struct Inner;); }\nmacro_rules! m { () => { struct Made; } }";
    assert_eq!(definitions(&facts(languages::RUST, text)), ["struct Rack", "field Rack.slot", "fn f", "macro m"]);
}

#[test]
fn names_in_bodies_of_c_macros_are_uses_and_parameters_are_local() {
    let facts = facts(languages::C, "#define TAKE(r, n) rack_take((r)->slots, LIMIT + (n)) /* note */\n");
    assert_eq!(uses(&facts), ["call rack_take", "read r*", "pass slots", "read LIMIT", "read n*"]);
}

#[test]
fn both_branches_of_a_conditional_are_read() {
    let facts = facts(languages::C, "#ifdef FAST\nint turn(void) { return 1; }\n#else\nint turn(void) { return 2; }\n#endif\n");
    assert_eq!(definitions(&facts), ["fn turn", "fn turn"]);
    assert_eq!(uses(&facts), ["ref FAST"]);
}

#[test]
fn quoted_annotations_are_uses_of_types() {
    let facts = facts(languages::PYTHON, "def f(a: 'Rack', b: \"m.Slot\", c: 'Rack | None') -> None: pass\n");
    assert_eq!(uses(&facts), ["type Rack", "type m", "type Slot", "type Rack"]);
}

#[rstest]
#[case::python(languages::PYTHON, "class A(B):\n    pass\n")]
#[case::typescript(languages::TYPESCRIPT, "class A extends B {}")]
#[case::interface(languages::TYPESCRIPT, "interface A extends B {}")]
fn a_base_is_mentioned_by_the_class_itself(#[case] language: Language, #[case] text: &str) {
    let facts = facts(language, text);
    assert_eq!(facts.uses[0].enclosing.map(|d| facts.def_name(d)), Some("A"));
}

#[test]
fn global_names_are_written_not_defined() {
    let facts = facts(languages::PYTHON, "count = 0\ndef add():\n    global count\n    count = 2\n");
    assert_eq!(definitions(&facts), ["var count", "fn add"]);
    assert_eq!(uses(&facts), ["ref count", "write count"]);
}

#[test]
fn spans_of_definitions_cover_decorators_and_bodies() {
    let text = "@cached\ndef turn():\n    return 1\n\nx = 1\n";
    let facts = facts(languages::PYTHON, text);
    let d = &facts.definitions[0];
    assert!(d.whole.of(text).starts_with("@cached") && d.whole.of(text).ends_with("return 1"));
    assert_eq!(d.body.map(|b| b.of(text)), Some("return 1"));
    assert_eq!(d.name_span.of(text), "turn");
}
