//! Go, construct by construct.

use rstest::rstest;
use testkit::{definitions, facts, uses};

fn file(text: &str) -> String {
    format!("package a\n{text}")
}

#[rstest]
#[case::constants("const (\n\tA = iota\n\tB\n\t_\n\tC, D = 1, 2\n)", &["const A", "const B", "const C", "const D"])]
#[case::interfaces("type I interface {\n\tio.Reader\n\t~int | string\n\tTurn(by int) (n int, err error)\n}", &["interface I", "method I.Turn", "param I.Turn.by", "param I.Turn.n", "param I.Turn.err"])]
#[case::generics("type Box[K comparable, V any] struct { all map[K]V }\nfunc (b *Box[K, V]) Put(k K) {}", &["struct Box", "typeparam Box.K", "typeparam Box.V", "field Box.all", "param Put.b", "typeparam K", "typeparam V", "method Put", "param Put.k"])]
#[case::type_switch("func f(a any) {\n\tswitch v := a.(type) {\n\tcase int:\n\t\t_ = v\n\t}\n}", &["fn f", "param f.a", "var f.v"])]
#[case::ranges("func f(m map[string]int) {\n\tfor k, v := range m {\n\t\t_, _ = k, v\n\t}\n\tfor range 3 {\n\t}\n}", &["fn f", "param f.m", "var f.k", "var f.v"])]
#[case::select("func f(c chan int) {\n\tselect {\n\tcase x, ok := <-c:\n\t\t_, _ = x, ok\n\tdefault:\n\t}\n}", &["fn f", "param f.c", "var f.x", "var f.ok"])]
#[case::labels("func f() {\nouter:\n\tfor {\n\t\tbreak outer\n\t}\n}", &["fn f"])]
#[case::closures("func f() {\n\tg := func(a, b int) (c int) { return a }\n\t_ = g\n}", &["fn f", "var f.g", "param f.a", "param f.b", "param f.c"])]
#[case::anonymous_structs("var x = struct{ A int }{1}\nvar (\n\ty, z int\n)", &["var x", "field .A", "var y", "var z"])]
#[case::conditions("func f() {\n\tif err := g(); err != nil {\n\t}\n\tswitch n := h(); {\n\t}\n}", &["fn f", "var f.err", "var f.n"])]
#[case::unnamed("func f(int, string) error { return nil }", &["fn f"])]
#[case::aliases("type (\n\tA = B\n\tC func(d int) E\n)", &["alias A", "alias C", "param C.d"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::GO, &file(text))), wanted);
}

#[rstest]
#[case::written("func f(a *A) {\n\ta.b = 1\n\ta.c++\n\t*a.d, a.e[0] = 1, 2\n\ta.f += 1\n}", &["type A", "read a*", "write b", "read a*", "write c", "read a*", "write d", "read a*", "write e", "read a*", "write f"])]
#[case::method_values("func f(a A) {\n\tg := a.Turn\n\tg()\n\tA.Turn(a)\n}", &["type A", "read a*", "read Turn", "call g*", "read A", "call Turn", "pass a*"])]
#[case::literals("var x = map[string]A{\"a\": {B: c}, \"d\": e}", &["type string", "type A", "write B", "read c", "read e"])]
#[case::deferred("func f(a A) {\n\tdefer a.Close()\n\tgo func() { g(a) }()\n}", &["type A", "read a*", "call Close", "call g", "pass a*"])]
#[case::channels("func f(c chan<- A, d A) {\n\tc <- d\n\tfor x := range c {\n\t\tg(x)\n\t}\n}", &["type A", "type A", "read c*", "read d*", "read c*", "call g", "pass x*"])]
#[case::instantiated("var x = g[A, b.C](d)", &["call g", "type A", "ref b", "type C", "pass d"])]
#[case::asserted("func f(a any) {\n\tb, ok := a.(C)\n\t_, _ = b, ok\n}", &["type any", "read a*", "type C", "read b*", "read ok*"])]
#[case::embedded("type A struct {\n\t*b.C\n\tD\n}", &["ref b", "type C", "type D"])]
#[case::converted("var x = A(b)\nvar y = (*C)(d)", &["call A", "pass b", "call C", "pass d"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::GO, &file(text))), wanted);
}

/// The module and the name bound here.
#[rstest]
#[case::plain("import \"a/b\"", &["a -", "a/b -"])]
#[case::grouped("import (\n\tc \"a/b\"\n\t. \"d\"\n\t_ \"e\"\n)", &["a -", "a/b c", "d -", "e -"])]
fn imports_of(#[case] text: &str, #[case] wanted: &[&str]) {
    let facts = facts(languages::GO, &file(text));
    let told = |i: &compass_facts::Import| format!("{} {}", facts.name(i.module), i.bound.map_or("-", |n| facts.name(n)));
    assert_eq!(facts.imports.iter().map(told).collect::<Vec<_>>(), wanted);
}
