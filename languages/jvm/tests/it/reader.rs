//! Java, construct by construct.

use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::records("record Slot(int row, @Min(1) int column) implements Place { static int n; Slot { row++; } int sum() { return row; } }",
    &["class Slot", "field Slot.row", "field Slot.column", "field Slot.n", "constructor Slot.Slot", "method Slot.sum"])]
#[case::sealed("sealed interface Kind permits Oak, Ash { default int age() { return 1; } }", &["interface Kind", "method Kind.age"])]
#[case::patterns("class A { void f(Object o) { if (o instanceof Slot s && s.row > 1) {} switch (o) { case Slot(int r, var c) -> {} case String t -> {} default -> {} } } }",
    &["class A", "method A.f", "param A.f.o", "var A.f.s", "var A.f.r", "var A.f.c", "var A.f.t"])]
#[case::anonymous("class A { Runnable r = new Runnable() { int n; public void run() {} }; }", &["class A", "field A.r", "field A..n", "method A..run"])]
#[case::local_classes("class A { void f() { class B { void g() {} } record C(int d) {} } }", &["class A", "method A.f", "class A.f.B", "method A.f.B.g", "class A.f.C", "field A.f.C.d"])]
#[case::initialisers("class A { static { int n = 1; } { int m = 2; } }", &["class A", "var A.n", "var A.m"])]
#[case::resources("class A { void f() { try (var a = open(); b) {} catch (X | Y e) {} finally {} } }", &["class A", "method A.f", "var A.f.a", "var A.f.e"])]
#[case::loops("class A { void f(int[] v) { outer: for (int i = 0, j = 1; ; ) {} for (var x : v) {} } }", &["class A", "method A.f", "param A.f.v", "var A.f.i", "var A.f.j", "var A.f.x"])]
#[case::lambdas("class A { F f = (a, b) -> a; F g = c -> { int d = c; }; }", &["class A", "field A.f", "param A.a", "param A.b", "field A.g", "param A.c", "var A.d"])]
#[case::generics("class A<T extends B & C> { <U> U f(T... all) { return null; } }", &["class A", "typeparam A.T", "typeparam A.f.U", "method A.f", "param A.f.all"])]
#[case::annotations("@interface Mark { String value() default \"x\"; int n() default 1; }", &["interface Mark", "method Mark.value", "method Mark.n"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::JAVA, text)), wanted);
}

#[rstest]
#[case::heritage("class A<T> extends B<T> implements C, d.E {}", &["type B", "type T", "type C", "type E"])]
#[case::annotated("@Route(path = P, roles = {A.B})\nclass C { @Override void f() {} }", &["mark Route", "call path", "read P", "call roles", "read A", "read B", "mark Override"])]
#[case::chained("class A { void f(B b) { b.c().d.e(this.g); super.h(); } int g; }", &["type B", "read b*", "call c", "read d", "call e", "pass g", "call h"])]
#[case::references("class A { F f = B::new; F g = this::h; F k = String[]::new; void h() {} }", &["type F", "read B", "type F", "ref h", "type F", "type String"])]
#[case::written("class A { void f(B b, int[] v) { b.c = 1; b.d += 2; v[0] = 3; ++b.e; } }", &["type B", "read b*", "write c", "read b*", "write d", "read v*", "read b*", "write e"])]
#[case::switched("class A { int f(Kind k) { return switch (k) { case OAK, ASH -> g(k); default -> 0; }; } }", &["type Kind", "read k*", "read OAK", "read ASH", "call g", "pass k*"])]
#[case::created("class A { Object f(int n) { return new B<C>(n) { }; } Object g = new int[N]; }", &["type Object", "call B", "type C", "pass n*", "type Object", "read N"])]
#[case::cast("class A { void f(Object o) { ((B) o).c(); o.<D>e(); } }", &["type Object", "type B", "read o*", "call c", "read o*", "type D", "call e"])]
#[case::of_another_type("class A implements Map.Entry<K, V> { Map.Entry<K, V> e; java.util.List<K> l; }", &["type Map", "type Entry", "type K", "type V", "type Map", "type Entry", "type K", "type V", "type List", "type K"])]
#[case::thrown("class A { void f() throws X, y.Z { throw new W(\"\"); } }", &["type X", "type Z", "call W"])]
#[case::class_literals("class A { Object o = B.class; int n = c.D.E; }", &["type Object", "type B", "read c", "read D", "read E"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::JAVA, text)), wanted);
}
