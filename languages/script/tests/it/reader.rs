//! TypeScript and JavaScript, construct by construct.

use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::overloads("export function f(a: string): void;\nexport function f(a: number): void;\nexport function f(a: any) {}", &["fn f", "param f.a", "fn f", "param f.a", "fn f", "param f.a"])]
#[case::namespaces("namespace a.b { export const c = 1; }\ndeclare module \"x\" { function g(): void; }", &["module a.b", "const a.b.c", "module x", "fn x.g"])]
#[case::classes("abstract class A<T> { static n = 1; readonly #p: T; get size(): number { return 1 } set size(v) {} abstract turn(): void; static { } [key: string]: any; }",
    &["class A", "typeparam A.T", "field A.n", "field A.#p", "method A.size", "method A.size", "param A.size.v", "method A.turn"])]
#[case::interfaces("interface A extends B { a?: number; b(c: string): void; (d: number): string; new (e: number): A; readonly f: F; }", &["interface A", "field A.a", "method A.b", "param A.b.c", "param A.d", "param A.e", "field A.f"])]
#[case::patterns("function f({ a, b: { c }, ...rest }: P, [d, , e = 1]: number[]) { const [g, { h }] = k; }",
    &["fn f", "param f.a", "param f.c", "param f.rest", "param f.d", "param f.e", "const f.g", "const f.h"])]
#[case::loops("for (const [k, v] of m) { let x; }\nfor (var i = 0; i < 1; i++) {}", &["var k", "var v", "var x", "var i"])]
#[case::enums("const enum Kind { Oak = 1, 'Red Oak' = 2 }", &["enum Kind", "variant Kind.Oak", "variant Kind.Red Oak"])]
#[case::types("type M<K extends string> = { [P in K]: P };\ntype C<T> = T extends (infer U)[] ? U : never;", &["alias M", "typeparam M.K", "typeparam M.P", "alias C", "typeparam C.T", "typeparam C.U"])]
#[case::objects("const o = { a: 1, b() {}, get c() { return 1 }, ['d']: 2, e: () => 1 };", &["const o", "field o.a", "method o.b", "method o.c", "method o.e"])]
#[case::caught("try {} catch (e) {}", &["var e"])]
#[case::default_exports("export default class { turn() {} }", &["class default", "method default.turn"])]
#[case::generators("async function* f() { yield 1; }", &["fn f"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::TYPESCRIPT, text)), wanted);
}

#[rstest]
#[case::optional("function f(a: A) { a?.b?.(a!.c)?.[0]; }", &["type A", "read a*", "call b", "read a*", "pass c"])]
#[case::heritage("class A extends B<C> implements D, e.F {}", &["type B", "type C", "type D", "ref e", "type F"])]
#[case::asserted("const a = b as C; const d = <E>f; const g = { h } satisfies I;", &["read b", "type C", "type E", "read f", "pass h", "type I"])]
#[case::templates("function f(a: string) { g`x ${a} y`; return `${a}${h(a)}`; }", &["call g", "read a*", "read a*", "call h", "pass a*"])]
#[case::written("function f(a: A) { a.b = 1; a.c++; [a.d] = e; delete a.f; }", &["type A", "read a*", "write b", "read a*", "write c", "read a*", "write d", "read e", "read a*", "read f"])]
#[case::decorated("@Component({ selector: s })\nclass A { @Input() b: B; }", &["mark Component", "read s", "mark Input", "type B"])]
#[case::type_queries("type A = typeof b.c; type D = keyof E; type F = G['h'];", &["read b", "ref c", "type E", "type G"])]
#[case::hoisted("f(); function f() { return g; } const g = 1;", &["call f", "read g"])]
#[case::shadowed("function f(a: number) { { const a = 1; g(a); } return a; }", &["call g", "pass a*", "read a*"])]
#[case::spread("function f(a: A) { g(...a); return { ...a, b: a }; }", &["type A", "call g", "read a*", "read a*", "read a*"])]
#[case::made("const a = new b.C<D>(e);", &["read b", "call C", "type D", "pass e"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::TYPESCRIPT, text)), wanted);
}

/// The module, the name taken out of it, the name bound here.
#[rstest]
#[case::names("import a, { b, c as d } from './x';", &["./x default a", "./x b b", "./x c d"])]
#[case::all("import * as a from 'x';", &["x - a"])]
#[case::types("import type { A } from 'x';", &["x A A"])]
#[case::effects("import 'x';", &["x - -"])]
#[case::required("const a = require('x'); const { b, c: d } = require('y');", &["x = a", "y b b", "y c d"])]
#[case::exported("export { a as b } from 'x'; export * from 'y'; export * as c from 'z';", &["x a b", "y - -", "z - c"])]
fn imports_of(#[case] text: &str, #[case] wanted: &[&str]) {
    let facts = facts(languages::TYPESCRIPT, text);
    let word = |n: Option<compass_facts::NameId>| n.map_or("-", |n| facts.name(n));
    let told = |i: &compass_facts::Import| format!("{} {} {}", facts.name(i.module), word(i.name), word(i.bound));
    assert_eq!(facts.imports.iter().map(told).collect::<Vec<_>>(), wanted);
}
