//! C and C++, construct by construct.

use compass_facts::Language;
use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::pointers_to_functions("typedef int (*turn_t)(struct rack *, int);\nstatic int (*handlers[2])(void);\nint (*choose(int a))(int b);", &["alias turn_t", "var handlers", "fn choose", "param choose.a"])]
#[case::bits_and_unions("struct s { unsigned a : 3, : 0, b : 1; union { int c; float d; }; struct { int e; } f; };", &["struct s", "field s.a", "field s.b", "field s.c", "field s.d", "field s..e", "field s.f"])]
#[case::enums("enum { A = 1, B = A << 1, };\ntypedef enum kind { C } kind_t;", &["variant .A", "variant .B", "enum kind", "variant kind.C", "alias kind_t"])]
#[case::macros("#define EACH(i, all) for (int i = 0; i < (all); i++)\n#define EMPTY\n#undef EMPTY\n#define CAT(a, ...) a ## __VA_ARGS__", &["macro EACH", "param EACH.i", "param EACH.all", "var EACH.i", "macro EMPTY", "macro CAT", "param CAT.a"])]
#[case::old_style("int f(a, b) int a; char *b; { return a; }", &["fn f", "param f.a", "param f.b"])]
#[case::labels("void f(void) { goto out; out: return; }", &["fn f", "label f.out"])]
#[case::several("int a, *b, c[3] = {1}, d(void);", &["var a", "var b", "var c", "fn d"])]
#[case::attributes("static inline __attribute__((always_inline)) int f(int n __attribute__((unused))) { return 0; }", &["fn f", "param f.n"])]
#[case::branches("#ifdef X\nint f(void) { return 1; }\n#else\nint f(void) { return 2; }\n#endif", &["fn f", "fn f"])]
fn definitions_of_c(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::C, text)), wanted);
}

#[rstest]
#[case::namespaces("namespace a::b { inline namespace v1 { int c; } namespace { int d; } }", &["module a", "module a.b", "module a.b.v1", "var a.b.v1.c", "var a.b..d"])]
#[case::classes("class Rack final : public Base { public: Rack() = default; explicit Rack(int n) : size_(n) {} ~Rack(); virtual int turn(int by) const override; static int count; private: int size_ = 0; friend class Other; };",
    &["class Rack", "constructor Rack.Rack", "constructor Rack.Rack", "param Rack.Rack.n", "method Rack.~Rack", "method Rack.turn", "param Rack.turn.by", "field Rack.count", "field Rack.size_"])]
#[case::templates("template <typename T, int N = 3> class Box { T all[N]; template <class U> void put(U u); };\ntemplate <class T> using Pair = std::pair<T, T>;",
    &["typeparam Box.T", "typeparam Box.N", "class Box", "field Box.all", "typeparam Box.put.U", "method Box.put", "param Box.put.u", "typeparam Pair.T", "alias Pair"])]
#[case::operators("struct A { A &operator=(const A &o); bool operator<(const A &) const; operator bool() const; void operator()(int n); };\nstd::ostream &operator<<(std::ostream &out, const A &a);",
    &["struct A", "method A.operator=", "param A.operator=.o", "method A.operator<", "method A.operator bool", "method A.operator()", "param A.operator().n", "fn operator<<", "param operator<<.out", "param operator<<.a"])]
#[case::enums("enum class Kind : unsigned char { Oak, Ash };", &["enum Kind", "variant Kind.Oak", "variant Kind.Ash"])]
#[case::lambdas("void f() { auto g = [&, n = 1](int a, auto b) -> int { return a; }; }", &["fn f", "var f.g", "var f.n", "param f.a", "param f.b"])]
#[case::bindings("void f(P p) { auto [a, b] = p; for (const auto &[k, v] : m) {} if (int n = g(); n) {} }", &["fn f", "param f.p", "var f.a", "var f.b", "var f.k", "var f.v", "var f.n"])]
#[case::outside("int Rack::turn(int by) const { return by; }\nint Rack::count = 0;", &["method turn", "param turn.by", "var count"])]
#[case::concepts("template <typename T> concept Turns = requires(T t) { t.turn(); };", &["typeparam Turns.T", "trait Turns", "param t"])]
fn definitions_of_cpp(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::CPP, text)), wanted);
}

#[rstest]
#[case::designated("struct s a = { .b = c, .d[0] = e, [F] = g };", &["type s", "write b", "read c", "write d", "read e", "read F", "read g"])]
#[case::compound("void f(void) { g((struct s){ .a = 1 }, &(int){ b }); }", &["call g", "type s", "write a", "read b"])]
#[case::members("void f(struct s *a) { a->b.c[d] = *e; (*a).f(); a->g->h++; }", &["type s", "read a*", "read b", "write c", "read d", "read e", "read a*", "call f", "read a*", "read g", "write h"])]
#[case::addresses("void f(void) { g(&a, b, h); p = &c; q = d; }", &["call g", "ref a", "pass b", "pass h", "write p", "ref c", "write q", "read d"])]
#[case::sized("int a[sizeof(struct s)]; int b = sizeof c;", &["type s", "read c"])]
#[case::generic("void f(int a) { _Generic(a, int: g, default: h)(a); }", &["read a*", "read g", "read h", "pass a*"])]
fn uses_of_c(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::C, text)), wanted);
}

/// Found by fuzzing: open brackets right at the end of the file.
#[rstest]
#[case::cpp(languages::CPP, b"z\x83\xc3S*\x83\xc3\x8b*\xc3\xbe(((((")]
#[case::c(
    languages::C,
    b"#ifndef LARDER_UTIn ar\xcc\xcc\xcc (sizeof(a) / sizeof((a)[0]))\n\xf4\xdc\x9b\xdc\x96\x99\x91\x9bef LARDER_UTIL_HOth regiefine MIN(a, b) ((\n#deaf"
)]
fn gaps_stand_within_their_file(#[case] language: Language, #[case] bytes: &[u8]) {
    let source = compass_facts::Source::decode(bytes.to_vec()).expect("text");
    let facts = compass_facts::read(language, &source, &compass_facts::Cancel::new()).expect("facts");
    for gap in &facts.gaps {
        assert!(gap.span.start <= gap.span.end && gap.span.end as usize <= source.text.len(), "{gap:?} of {}", source.text.len());
    }
}
