//! The reader of C and C++: what real code does to it, and that nothing makes it stumble.

use compass_facts::{Cancel, Facts, Flags, GapCause, Kind, Language, Role, ScopeKind, Shape, Source, TypeExpr, read};
use proptest::prelude::*;
use rstest::rstest;
use testkit::{definitions, facts, uses};

fn c(text: &str) -> Facts {
    facts(languages::C, text)
}

fn cpp(text: &str) -> Facts {
    facts(languages::CPP, text)
}

/// Definitions that are no parameters or variables of functions.
fn outer(facts: &Facts) -> Vec<String> {
    definitions(facts).into_iter().filter(|d| !d.starts_with("param ") && !d.starts_with("typeparam ")).collect()
}

#[rstest]
#[case::old_style("int turn(wheel, by)\nstruct wheel *wheel; int by;\n{ return by; }", &["fn turn", "param turn.wheel", "param turn.by"])]
#[case::implicit_int("main(argc, argv) char **argv; { return argc; }", &["fn main", "param main.argc", "param main.argv"])]
#[case::pointer_to_function("int (*turn)(int by), *(*rest[3])(void);", &["var turn", "var rest"])]
#[case::typedefs("typedef struct rack { int n; } rack_t, *rack_p;\ntypedef int (*op_t)(rack_t *);", &["struct rack", "field rack.n", "alias rack_t", "alias rack_p", "alias op_t"])]
#[case::unnamed_members("struct a { union { int x; struct { int y; }; }; struct { int z; } in; };", &["struct a", "field a.x", "field a.y", "field a.in", "field a..z"])]
#[case::bits("struct a { unsigned b : 3, : 2, c : sizeof(int); };", &["struct a", "field a.b", "field a.c"])]
#[case::enums("enum kind { OAK = 1, PINE = OAK << 2, LAST_KIND };", &["enum kind", "variant kind.OAK", "variant kind.PINE", "variant kind.LAST_KIND"])]
#[case::attributes("static __attribute__((unused)) int a __attribute__((aligned(8))) = 1;\nint b(void) __attribute__((noreturn));", &["var a", "fn b"])]
#[case::macro_before("EXPORT_API struct rack *rack_new(void) { return 0; }\nSTATIC_INLINE u32 twice(u32 n) { return n; }", &["fn rack_new", "fn twice", "param twice.n"])]
#[case::macro_between("int __init turn_init(void) { return 0; }\nstatic u8 __iomem *base;\nvoid ZCALL rest(void);", &["fn turn_init", "var base", "fn rest"])]
#[case::macro_behind("static int debug __read_mostly;\nint f(void) __must_check;\nstatic int g __section(\".x\") = 3;", &["var debug", "fn f", "var g"])]
#[case::macros_behind("struct task first\n#ifdef STACK\n\t__first_data\n#endif\n\t__aligned(8)\n= {\n\t.n = 1,\n};\nint after;", &["var first", "var after"])]
#[case::macro_behind_a_type("struct a { int n; } __packed;\nstruct b { int n; } __packed __aligned(8);\nstruct c { int n; } __c;\nstruct { int n; } __d;\ntypedef struct e { int n; } __e;", &["struct a", "field a.n", "struct b", "field b.n", "struct c", "field c.n", "field .n", "var __d", "struct e", "field e.n", "alias __e"])]
#[case::macros_behind_parameters("static int __turn_locked(struct rack *r)\n\t__releases(r->lock)\n\t__acquires(r->other)\n{\n\treturn 0;\n}\nvoid __printf(1, 2) note(const char *s, ...);", &["fn __turn_locked", "fn note"])]
#[case::several_macros_behind(
    "LIB_API(int) turn(\n\tconst rack_t *rack) rack_nothrow rack_attr(pure);\nrack_t after;",
    &["fn turn", "var after"]
)]
#[case::macro_around_parameters("int deflate OF((int level, int flush));", &["fn deflate", "param deflate.level", "param deflate.flush"])]
#[case::macro_as_type("LIB_FUNC(int) turn(void);\nLIB_FUNC(char *) name(void) { return 0; }", &["fn turn", "fn name"])]
#[case::macro_instead("MODULE_NOTE(\"turns\");\nDEFINE_LOCK(turn_lock);\nint f(void) { return take(&turn_lock); }\nEXPORT(f)\nint g;", &["fn f", "var turn_lock", "var g"])]
#[case::made_function("SYSCALL(turn, int, by)\n{\n\tint twice = by;\n\treturn twice;\n}\nint after;", &["var after"])]
#[case::function_behind_unknown_macro("TEST(Rack, turns)\n{\n\tint twice = 2;\n}\nCHECKED(one)\n{\n}\nTEXT(\"three\")\n{\n}\nint after;", &["fn turns", "var turns.twice", "fn one", "var after"])]
#[case::statements_of_gnu("#define max(a, b) ({ typeof(a) _a = (a); _a > (b) ? _a : (b); })\nint f(int x) { return max(x, 1); }", &["macro max", "fn f"])]
#[case::nested_function_types("void (*signal(int sig, void (*handler)(int)))(int);", &["fn signal"])]
#[case::arrays("int board[3][LIMIT] = { { 1 }, [2] = { 2 } };", &["var board"])]
#[case::c23("[[nodiscard]] int f(void);\nconstexpr_int x;\nenum e : unsigned char { A };", &["fn f", "var x", "enum e", "variant e.A"])]
#[case::static_assert("_Static_assert(sizeof(int) == 4, \"small\");\nint x;", &["var x"])]
#[case::part_of_a_list("{ .vendor = 1, .data = &probe },\n{ 0x62, 0xf6 }, 6, \"text\",\n", &[])]
#[case::extern_c_of_cpp("#ifdef __cplusplus\nextern \"C\" {\n#endif\nint a(void);\n#ifdef __cplusplus\n}\n#endif\n", &["fn a"])]
#[case::joined_lines("int tu\\\nrn(void);\n#define A \\\n  1\nint b;", &["fn turn", "macro A", "var b"])]
fn declarations_of_c(#[case] text: &str, #[case] wanted: &[&str]) {
    let found = c(text);
    let mut have = definitions(&found);
    let locals = |d: &String| {
        !["var f.", "var max.", "param max", "param f.", "param turn_", "param signal", "var turn_init", "param name", "var twice", "var by", "param __turn"]
            .iter()
            .any(|p| d.starts_with(p))
    };
    have.retain(locals);
    for line in wanted {
        assert!(have.iter().any(|h| h == line), "{line} is missing from {have:?}");
    }
    let extra: Vec<&String> = have.iter().filter(|h| !wanted.contains(&h.as_str()) && !h.starts_with("param ")).collect();
    assert!(extra.is_empty(), "{extra:?} should not be there");
    assert!(found.gaps.is_empty(), "{:?}", found.gaps);
}

#[rstest]
#[case::classes("class Rack : public Base { public: Rack(int n) : n_(n) {} ~Rack(); int n() const { return n_; } private: int n_ = 0; };",
    &["class Rack", "constructor Rack.Rack", "method Rack.~Rack", "method Rack.n", "field Rack.n_"])]
#[case::macro_in_head("class API_EXPORT Rack final : public Base { FRAME_OBJECT\n public: void f(); };", &["class Rack", "method Rack.f"])]
#[case::namespaces("namespace a::b { inline namespace v1 { int f(); } } namespace { int g(); }", &["module a", "module a.b", "module a.b.v1", "fn a.b.v1.f", "fn .g"])]
#[case::out_of_class("int Rack::n() const { return n_; }\nRack::Rack() {}\ntemplate <class T> void Box<T>::put(T t) {}", &["method n", "constructor Rack", "method put"])]
#[case::templates("template <typename T, int N = 3> struct Box { T items[N]; template <class U> U as() const; };", &["struct Box", "field Box.items", "method Box.as"])]
#[case::operators("struct A { A operator+(const A& o) const; bool operator()(int) const; explicit operator bool() const; A& operator=(A&&) = default; };",
    &["struct A", "method A.operator+", "method A.operator()", "method A.operator bool", "method A.operator="])]
#[case::aliases("using Names = std::vector<Name>;\ntemplate <class T> using Ptr = std::shared_ptr<T>;\nnamespace fs = std::filesystem;", &["alias Names", "alias Ptr", "alias fs"])]
#[case::enums("enum class Kind : int { Oak, Pine }; enum Old { OLD_A };", &["enum Kind", "variant Kind.Oak", "variant Kind.Pine", "enum Old", "variant Old.OLD_A"])]
#[case::trailing("auto f(int a) noexcept -> Box<int> { return {}; }\ntemplate <class T> auto g(T t) -> decltype(t.x()) { return t.x(); }", &["fn f", "fn g"])]
#[case::concepts("template <typename T> concept Sized = requires(T t) { t.size(); };\ntemplate <Sized T> requires (sizeof(T) > 1) int f(T t);", &["trait Sized", "fn f"])]
#[case::friends("class A { friend class B; friend int peek(const A&); int x; };", &["class A", "fn peek", "field A.x"])]
#[case::guarded("class A { Status error_ GUARDED_BY(mutex_); std::deque<B*> queue_ GUARDED_BY(mutex_); };", &["class A", "field A.error_", "field A.queue_"])]
#[case::modules("export module a.b;\nimport std;\nexport int f();", &["fn f"])]
#[case::literal_operator("long double operator\"\" _deg(long double d);", &["fn operator\"\"_deg"])]
fn declarations_of_cpp(#[case] text: &str, #[case] wanted: &[&str]) {
    let found = cpp(text);
    assert_eq!(outer(&found), wanted);
    assert!(found.gaps.is_empty(), "{:?}", found.gaps);
}

#[rstest]
#[case::loops("void f(void) { list_for_each(pos, &head) { use(pos); } for_all(x)\n  go(x); }", &["call list_for_each", "pass pos", "ref head", "call use", "pass pos", "call for_all", "pass x", "call go", "pass x"])]
#[case::casts("int f(long n) { return (size_t)n + (struct a *)n->b + (n)(1) + (u32)-n; }",
    &["type size_t", "read n*", "type a", "read n*", "read b", "call n*", "type u32", "read n*"])]
#[case::members("int f(struct a *p) { return p->b[1].c->d(p); }", &["type a", "read p*", "read b", "read c", "call d", "pass p*"])]
#[case::designators("struct ops o = { .open = my_open, .in.size = 3, [2] = four };", &["type ops", "write open", "read my_open", "write in", "write size", "read four"])]
#[case::labels("int f(void) { goto out; out: return 1; }", &["ref out*"])]
#[case::writes("void f(int a) { a = b; c += 1; ++d.e; g->h--; *i = 2; }",
    &["write a*", "read b", "write c", "read d", "write e", "read g", "write h", "write i"])]
#[case::offsets("int x = offsetof(struct rack, slot.row);\nint *y = container_of(p, struct rack, link);",
    &["call offsetof", "type rack", "read slot", "read row", "call container_of", "pass p", "type rack", "read link"])]
#[case::shadowing("int a; int f(void) { int a = 1; { int a = 2; use(a); } return a; }", &["call use", "pass a*", "read a*"])]
#[case::assembly("void f(int n) { asm volatile (\"mov %0, %1\" : \"=r\" (n) : [x] \"i\" (LIMIT) : \"memory\"); }", &["read n*", "read LIMIT"])]
#[case::statement_macros("void f(void) { if (A) B(x); else C; while (0) D(({ E; })); }", &["read A", "call B", "pass x", "read C", "call D", "read E"])]
#[case::generic("int f(int n) { return _Generic(n, int: g, default: h)(n); }", &["read n*", "read g", "read h", "pass n*"])]
fn uses_of_c(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&c(text)), wanted);
}

#[rstest]
#[case::paths("int f() { return a::b<c>::d(1) + ::e(); }", &["type a", "type b", "type c", "call d", "call e"])]
#[case::made("void f() { auto* p = new a::Rack(1); Box<int> b{2}; throw Oops(\"x\"); }", &["type a", "call Rack", "type Box", "call Oops"])]
#[case::lambdas("void f(int n) { auto g = [&, m = n](int k) mutable { return k + m; }; g(n); }", &["read n*", "read k*", "read m*", "call g*", "pass n*"])]
#[case::ranges("void f(Racks& all) { for (const auto& [k, v] : all) use(k, v); for (Rack r : all) r.go(); }",
    &["type Racks", "read all*", "call use", "pass k*", "pass v*", "type Rack", "read all*", "read r*", "call go"])]
#[case::compare("bool f(int a, int b) { return a < b && b > (a); }", &["read a*", "read b*", "read b*", "read a*"])]
#[case::initialisers("A::A(int n) : Base(n), part_{n} {}", &["type A", "write Base", "pass n*", "write part_", "pass n*"])]
#[case::casts("T* f(void* p) { return static_cast<T*>(p); }", &["type T", "type T", "read p*"])]
#[case::conditions("void f() { if (auto it = find(1); it != end()) use(*it); }", &["call find", "read it*", "call end", "call use", "read it*"])]
#[case::macros_alone_are_marks("class A {\n  Q_SET\n  FAST\n  int f();\n  ABSENT;\n};", &["mark Q_SET", "mark FAST", "mark ABSENT"])]
#[case::sets_of_members_are_none("#define FIELDS int a; int b;\nclass A {\n  FIELDS\n  FAST\n  int f();\n};", &["ref FIELDS", "mark FAST"])]
fn uses_of_cpp(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&cpp(text)), wanted);
}

fn flagged(facts: &Facts, flag: Flags) -> Vec<&str> {
    facts.definitions.iter().filter(|d| d.flags.has(flag)).map(|d| facts.name(d.name)).collect()
}

#[rstest]
#[case::platform("#ifdef _WIN32\nint a;\n#else\nint b;\n#endif\n#if defined(__linux__) && !defined(__APPLE__)\nint c;\n#else\nint d;\n#endif\n", &["a", "d"])]
#[case::zero("#if 0\nint a;\n#elif 1\nint b;\n#endif", &["a"])]
#[case::numbers("#if __GNUC__ >= 4 && (2 + 2 == 4) ? 1 : 0\nint a;\n#else\nint b;\n#endif", &["b"])]
#[case::defined_here("#define LEVEL 2\n#if LEVEL > 3\nint a;\n#elif LEVEL == 2\nint b;\n#else\nint c;\n#endif", &["a", "c"])]
#[case::defaults("#ifndef LEVEL\n# define LEVEL 0\n#endif\n#if LEVEL >= 1\nint a;\n#else\nint b;\n#endif", &["a"])]
#[case::defaults_that_may_not_be_set("#ifdef MAKE\n# ifndef TABLE\n#  define TABLE\n# endif\n#endif\n#ifdef TABLE\nint a;\n#else\nint b;\n#endif", &[])]
#[case::unknown("#ifdef FAST\nint a;\n#else\nint b;\n#endif", &[])]
#[case::guarded_header("#ifndef A_H\n#define A_H\n#ifdef _MSC_VER\nint a;\n#endif\nint b;\n#endif", &["a"])]
#[case::macros_of_numbers("#define VERSION (__GNUC__ * 100 + __GNUC_MINOR__)\n#if VERSION && VERSION < 300\nint a;\n#else\nint b;\n#endif", &["a"])]
#[case::two_compilers("#ifdef __clang__\nint a;\n#else\nint b;\n#endif", &[])]
#[case::alike_for_both("#if defined(__clang__)\n#define AGE __clang_major__\n#else\n#define AGE __GNUC__\n#endif\n#if AGE < 3\nint a;\n#endif", &["a"])]
#[case::macros_with_parameters("#ifndef __has_feature\n#define __has_feature(x) 0\n#endif\n#define HAS(x) (1 && __has_feature(x))\n#if HAS(memory_sanitizer)\nint a;\n#else\nint b;\n#endif", &["a"])]
#[case::attributes("#if __has_attribute(__noinline__)\nint a;\n#else\nint b;\n#endif\n#if __has_attribute(nobody_has_this)\nint c;\n#else\nint d;\n#endif", &["b"])]
#[case::headers("#if __has_include(<unistd.h>)\nint a;\n#else\nint b;\n#endif\n#if __has_include(<rack.h>)\nint c;\n#endif", &["b"])]
#[case::no_operand("#define SUM 1 + 1\n#if SUM * 2 == 4\nint a;\n#else\nint b;\n#endif", &[])]
#[case::no_number("#define NOTHING\n#if NOTHING\nint a;\n#endif", &[])]
#[case::without_end("#define A B + B\n#define B (A)\n#if B\nint a;\n#endif", &[])]
#[case::wrong_count("#define TWO(a, b) 0\n#if TWO(1)\nint a;\n#endif", &[])]
#[case::nested("#if 0\n# if 1\nint a;\n# else\nint b;\n# endif\n#endif", &["a", "b"])]
fn branches_left_out_are_marked(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(flagged(&c(text), Flags::INACTIVE), wanted);
}

/// Conditions that double each other in every line cost no more than the file is long: the later ones are not known.
#[test]
fn conditions_are_followed_as_far_as_a_file_is_long() {
    let mut text = String::from("#define A0 (0)\n");
    (1..10).for_each(|i| text += &format!("#define A{i} (A{} + A{})\n", i - 1, i - 1));
    (0..200).for_each(|i| text += &format!("#if A9\nint b{i};\n#endif\n"));
    let facts = c(&text);
    let left_out = flagged(&facts, Flags::INACTIVE);
    assert_eq!(left_out.first(), Some(&"b0"));
    assert!((2..150).contains(&left_out.len()), "{}", left_out.len());
}

#[test]
fn branches_that_open_the_same_block_do_not_spoil_the_rest() {
    let text = "int f(int a)\n{\n#ifdef FAST\n\tif (a) {\n#else\n\tif (!a) {\n#endif\n\t\tgo();\n\t}\n\treturn 0;\n}\n#ifdef OLD\nint g(void) {\n#else\nint g(int n) {\n#endif\n\treturn 1;\n}\nint h;\n";
    let found = c(text);
    let h = found.definitions.iter().find(|d| found.name(d.name) == "h").expect("h");
    assert_eq!((h.kind, h.container), (Kind::Variable, None));
    assert_eq!(found.definitions.iter().filter(|d| found.name(d.name) == "g").count(), 2);
    assert!(found.gaps.is_empty(), "{:?}", found.gaps);
}

#[test]
fn a_missing_brace_costs_one_function() {
    let text = "int f(void)\n{\n\tif (1) {\n\treturn 0;\n}\n\nint g(void)\n{\n\treturn 1;\n}\nint h;\n";
    let found = c(text);
    assert!(outer(&found).ends_with(&["fn g".to_owned(), "var h".to_owned()]), "{:?}", outer(&found));
}

#[test]
fn heads_that_differ_by_branch_are_two_definitions_of_one_body() {
    let found = c("#ifdef FAST\nint turn(int by)\n#else\nint turn(long by)\n#endif\n{ return by; }\n");
    let turns: Vec<bool> = found.definitions.iter().filter(|d| d.kind == Kind::Function).map(|d| d.flags.has(Flags::BODILESS)).collect();
    assert_eq!(turns, [false, false]);
}

#[test]
fn what_is_put_under_a_name_is_recorded() {
    let found = c("struct ops o = { .open = my_open };\nvoid f(struct ops *p) { p->close = my_close; int (*g)(void); g = mine; }");
    let name =
        |at: u32| found.find_use_at(at).map_or_else(|| found.find_definition_at(at).map_or("", |d| found.def_name(d)), |u| found.name(found.usage(u).name));
    let flows: Vec<(&str, &str)> = found.flows.iter().map(|f| (name(f.into), name(f.value))).collect();
    assert_eq!(flows, [("open", "my_open"), ("close", "my_close"), ("g", "mine")]);
}

#[test]
fn overloads_have_signatures_that_declarations_and_bodies_share() {
    let found = cpp("struct A { void f(const n::Name& a, int); void f(int); }; void A::f(const Name &other, int b) {} void A::f(int c) {}");
    let all: Vec<u32> = found.definitions.iter().filter(|d| found.name(d.name) == "f").map(|d| d.signature).collect();
    assert_eq!(all.len(), 4);
    assert_eq!((all[0], all[1]), (all[2], all[3]));
    assert_ne!(all[0], all[1]);
}

#[test]
fn defaults_lower_the_number_of_arguments_needed() {
    let found = cpp("void f(int a, int b = 2, ...); template <class... T> void g(T&&... t);");
    let counts: Vec<(u8, u8)> = found.definitions.iter().filter(|d| d.kind == Kind::Function).map(|d| (d.required, d.arity)).collect();
    assert_eq!(counts, [(1, 255), (0, 255)]);
}

#[test]
fn a_fixture_that_a_macro_names_is_around_its_body() {
    let found = cpp("class Rig { int n_; };\nTEST_F(Rig, Turns) { use(n_); }\n");
    let used = found.uses.iter().find(|u| found.name(u.name) == "n_").expect("a use");
    let mut at = Some(used.scope);
    let mut inside = false;
    while let Some(scope) = at {
        inside |= found.scope(scope).kind == ScopeKind::Type;
        at = found.scope(scope).parent;
    }
    assert!(inside && found.extensions.len() == 1);
}

#[test]
fn macros_with_one_expression_have_its_value() {
    let found = c("#define HEAD(q) ((q)->first)\n#define LIMIT 3\n");
    let head = found.definitions.iter().find(|d| found.name(d.name) == "HEAD").expect("a macro");
    assert!(matches!(found.ty(head.ty.expect("a value")), TypeExpr::Member { .. }));
    assert_eq!(head.arity, 1);
}

#[test]
fn includes_and_conditions_are_kept() {
    let found = c("#include <sys/types.h>\n#include \"it's.h\"\n#ifdef FAST\nint a;\n#endif\n");
    let paths: Vec<(&str, bool)> = found.imports.iter().map(|i| (found.name(i.module), i.system)).collect();
    assert_eq!(paths, [("sys/types.h", true), ("it's.h", false)]);
    let conditions: Vec<(&str, bool)> = found.conditions.iter().map(|c| (found.name(c.name), c.defined)).collect();
    assert_eq!(conditions, [("FAST", true)]);
    assert!(found.uses.iter().any(|u| u.role == Role::Import && matches!(u.shape, Shape::Import(_))));
}

#[test]
fn only_the_outer_part_holds_what_others_ask_for() {
    let found = c("struct rack { struct slot *slots; };\nstatic int f(struct rack *r) { int local = r->slots->row; return local; }\n");
    let whole = found.clone();
    let part = found.into_outer();
    assert_eq!(outer(&part), ["struct rack", "field rack.slots", "fn f"]);
    for (i, d) in part.definitions.iter().enumerate() {
        assert_eq!(d, &whole.definitions[i]);
        assert!(d.ty.is_none_or(|t| t.index() < part.types.len()));
    }
}

#[rstest]
#[case::brackets("(".repeat(100_000))]
#[case::braces("{".repeat(100_000))]
#[case::mixed("([{".repeat(30_000))]
#[case::angles(format!("int x = {};", "a<".repeat(50_000)))]
#[case::closers("}".repeat(100_000))]
#[case::conditionals(format!("{}{}", "#if A\n(\n#else\n".repeat(20_000), "#endif\n".repeat(20_000)))]
#[case::operators(format!("int x = {} 1;", "- ".repeat(100_000)))]
#[case::casts(format!("int x = {} 1;", "(int)".repeat(50_000)))]
#[case::pointers(format!("int {} x;", "*".repeat(100_000)))]
#[case::templates("template <".repeat(20_000))]
#[case::one_line(format!("int a[] = {{ {} }};", "0x1, ".repeat(400_000)))]
fn nothing_nests_too_deep(#[case] text: String, #[values(languages::C, languages::CPP)] language: Language) {
    let source = Source::decode(text.into_bytes()).expect("text");
    let found = read(language, &source, &Cancel::new()).expect("facts");
    assert!(found.gaps.iter().all(|g| matches!(g.cause, GapCause::Syntax | GapCause::TooDeep)));
}

#[test]
fn a_cancelled_reading_of_c_gives_nothing() {
    let cancel = Cancel::new();
    cancel.cancel();
    let source = Source::decode("int x = 1;\n".repeat(100_000).into_bytes()).expect("text");
    assert_eq!(read(languages::C, &source, &cancel), None);
}

const PIECES: [&str; 48] = [
    "int ",
    "struct s ",
    "{",
    "}",
    "(",
    ")",
    "[",
    "]",
    ";",
    ",",
    "a",
    "b",
    "::",
    "<",
    ">",
    ">>",
    "*",
    "&",
    "&&",
    "=",
    "->",
    ".",
    "#if A\n",
    "#else\n",
    "#endif\n",
    "#define M(x) x\n",
    "template ",
    "class C ",
    "namespace n ",
    "operator",
    "~",
    "using ",
    "return ",
    "for ",
    "if ",
    "goto ",
    ": ",
    "? ",
    "\"t\"",
    "'c'",
    "1",
    "\\\n",
    "/*",
    "*/",
    "typedef ",
    "enum ",
    "static ",
    "...",
];

proptest! {
    #![proptest_config(ProptestConfig::default())]

    #[test]
    fn any_row_of_pieces_gives_facts_that_hold_together(picks in proptest::collection::vec(0usize..PIECES.len(), 0..120), is_cpp: bool) {
        let text: String = picks.into_iter().map(|i| PIECES[i]).collect();
        let found = facts(if is_cpp { languages::CPP } else { languages::C }, &text);
        let len = text.len() as u32;
        for d in &found.definitions {
            prop_assert!(d.name_span.end <= len && d.whole.start <= d.whole.end && d.whole.end <= len);
            prop_assert!(d.scope.index() < found.scopes.len() && d.ty.is_none_or(|t| t.index() < found.types.len()));
            prop_assert!(d.container.is_none_or(|c| c.index() < found.definitions.len()));
        }
        for u in &found.uses {
            prop_assert!(u.span.end <= len && u.name.index() < found.names.len() && u.local.is_none_or(|l| l.index() < found.definitions.len()));
        }
        prop_assert!(found.uses.windows(2).all(|w| w[0].span.start <= w[1].span.start));
        let outer = found.clone().into_outer();
        for t in &outer.types {
            let mut inside = true;
            t.for_each_part(&mut |p| inside &= p.index() < outer.types.len());
            prop_assert!(inside && t.name().is_none_or(|n| n.index() < outer.names.len()));
            prop_assert!(!matches!(t, TypeExpr::Def(d) if d.index() >= outer.definitions.len()));
        }
        prop_assert_eq!(compass_facts::wire::decode(&compass_facts::wire::encode(&found).expect("encoded")).expect("decoded"), found);
    }

    #[test]
    fn any_bytes_give_facts(bytes in proptest::collection::vec(0u8..=255, 0..400), is_cpp: bool) {
        if let Ok(source) = Source::decode(bytes) {
            let language = if is_cpp { languages::CPP } else { languages::C };
            testkit::read_soundly(language, &source);
        }
    }
}

/// Expanding what stands at the top of a file is bounded: the rest is a gap, and what stands behind it is read.
#[test]
fn calls_that_grow_without_end_are_gaps() {
    let mut text = String::from("#define X0(x) int x##_made(int n);\n");
    for i in 1..24 {
        text += &format!("#define X{i}(x) X{}(x##l) X{}(x##r)\n", i - 1, i - 1);
    }
    text += "X0(first)\nX23(k)\nX23(k)\nX0(second)\nint last(void) { return 1; }\n";
    let facts = c(&text);
    let made = outer(&facts);
    assert!(made.contains(&"fn first_made".to_owned()) && made.contains(&"fn last".to_owned()), "{:?}", made.len());
    assert!(!made.contains(&"fn second_made".to_owned()));
    assert!(facts.gaps.iter().any(|g| g.cause == GapCause::TooDeep && g.span.of(&text).ends_with("X0(second)")), "{:?}", facts.gaps);
}

/// Lists are expanded several times, each time by another definition; what stands in a namespace or has no type is left alone.
#[rstest]
#[case::again("#define X(n) int n##_a;\nX(oak)\n#undef X\n#define X(n) int n##_b;\nX(oak)\n", &["var oak_a", "var oak_b"], &[])]
#[case::before_it_is_defined("X(oak)\n#define X(n) int n##_a;\n", &[], &["var oak_a"])]
#[case::in_c_blocks("extern \"C\" {\n#define X(n) int n##_a;\nX(oak)\n}\n", &["var oak_a"], &[])]
#[case::in_a_namespace("#define X(n) int n##_a;\nnamespace larder {\nX(oak)\n}\n", &[], &["var oak_a"])]
#[case::macros_of_other_files("#define X(n) static keep_lock(n##_lock); int n##_a;\nX(oak)\n", &["var oak_a"], &["fn keep_lock"])]
fn what_own_macros_make(#[case] text: &str, #[case] there: &[&str], #[case] absent: &[&str]) {
    let made = outer(&cpp(text));
    assert!(there.iter().all(|d| made.contains(&(*d).to_owned())) && !absent.iter().any(|d| made.contains(&(*d).to_owned())), "{made:?}");
}

/// What is made stands at the argument that its name is made of, or at the call.
#[test]
fn made_definitions_stand_where_their_names_come_from() {
    let text = "#define FNS(name) static int get_##name(void) { return 1; } extern int fixed;\nFNS(dirty)\n";
    let facts = c(text);
    let of = |name: &str| facts.definitions.iter().find(|d| facts.name(d.name) == name).unwrap_or_else(|| panic!("{name}"));
    assert_eq!((of("get_dirty").name_span.of(text), of("fixed").name_span.of(text)), ("dirty", "FNS"));
    assert_eq!(of("get_dirty").whole.of(text), "FNS(dirty)");
    assert!(of("get_dirty").flags.has(Flags::PRIVATE) && !of("get_dirty").flags.has(Flags::BODILESS) && of("fixed").flags.has(Flags::BODILESS));
}
