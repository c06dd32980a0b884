//! What each language's constructs come to: the definitions of a little program, in order, and its uses with their roles; `*` marks those that
//! the reader linked itself. None of them has a gap.

use compass_facts::Language;
use rstest::rstest;
use testkit::{definitions, facts, uses};

/// Lists of definitions and uses as they are written in the cases: parted by `; `.
fn says(language: Language, text: &str, wanted: (&str, &str)) {
    let facts = facts(language, text);
    assert_eq!(definitions(&facts).join("; "), wanted.0, "definitions");
    assert_eq!(uses(&facts).join("; "), wanted.1, "uses");
    assert_eq!(facts.gaps, [], "gaps");
}

#[rstest]
#[case::decorated(
    "@app.route(\"/wheels\")\n\
    @cache\n\
    def turn(rack: \"Rack\", *wheels, by=1, **rest) -> Wheel:\n\
    \x20   return wheels[0]\n",
    "fn turn; param turn.rack; param turn.wheels; param turn.by; param turn.rest",
    "read app; mark route; mark cache; type Rack; type Wheel; read wheels*"
)]
#[case::properties(
    "class Rack:\n\
    \x20   @property\n\
    \x20   def oldest(self):\n\
    \x20       return self._oldest\n\
    \x20   @oldest.setter\n\
    \x20   def oldest(self, wheel):\n\
    \x20       self._oldest = wheel\n",
    "class Rack; method Rack.oldest; param Rack.oldest.self; method Rack.oldest; param Rack.oldest.self; \
    param Rack.oldest.wheel; field Rack._oldest",
    "mark property; read self*; read _oldest; read oldest; mark setter; read self*; read wheel*"
)]
#[case::comprehensions(
    "def f(rows):\n\
    \x20   return {w.name: w for row in rows for w in row if w.old}, [x for x in rows], (y for y in rows)\n",
    "fn f; param f.rows; var f.row; var f.w; var f.x; var f.y",
    "read w*; read name; read w*; read rows*; read row*; read w*; read old; read x*; read rows*; read y*; read rows*"
)]
#[case::matching(
    "def f(plan):\n\
    \x20   match plan:\n\
    \x20       case Turn(by=n) if n > 1:\n\
    \x20           return n\n\
    \x20       case [first, *rest]:\n\
    \x20           return first\n\
    \x20       case _:\n\
    \x20           return None\n",
    "fn f; param f.plan; var f.n; var f.first; var f.rest",
    "read plan*; type Turn; read n*; read n*; read first*"
)]
#[case::with_and_try(
    "def f(path):\n\
    \x20   with open(path) as file, lock():\n\
    \x20       try:\n\
    \x20           read(file)\n\
    \x20       except (OSError, ValueError) as error:\n\
    \x20           log(error)\n\
    \x20       finally:\n\
    \x20           done()\n",
    "fn f; param f.path; var f.file; var f.error",
    "call open; pass path*; call lock; call read; pass file*; read OSError; read ValueError; call log; pass error*; call done"
)]
#[case::global_and_nonlocal(
    "count = 0\n\
    def f():\n\
    \x20   global count\n\
    \x20   count += 1\n\
    \x20   n = 0\n\
    \x20   def g():\n\
    \x20       nonlocal n\n\
    \x20       n += count\n\
    \x20   return g\n",
    "var count; fn f; var f.n; fn f.g",
    "ref count; write count; ref n*; write n*; read count; read g*"
)]
#[case::walrus_and_lambda(
    "def f(rows):\n\
    \x20   if (n := len(rows)) > 1:\n\
    \x20       return sorted(rows, key=lambda r, k=n: r.age + k)\n",
    "fn f; param f.rows; var f.n; param f.r; param f.k",
    "call len; pass rows*; call sorted; pass rows*; write key; pass n*; read r*; read age; read k*"
)]
#[case::slots_and_nested(
    "class Rack(Base, metaclass=Meta):\n\
    \x20   LIMIT: int = 3\n\
    \x20   wheels: list[\"Wheel\"]\n\
    \x20   class Slot:\n\
    \x20       def take(self): pass\n\
    \x20   def make(cls): return cls.Slot()\n",
    "class Rack; field Rack.LIMIT; field Rack.wheels; class Rack.Slot; method Rack.Slot.take; param Rack.Slot.take.self; \
    method Rack.make; param Rack.make.cls",
    "type Base; type Meta; type int; type list; type Wheel; read cls*; call Slot"
)]
#[case::conditional(
    "try:\n\
    \x20   import json\n\
    except ImportError:\n\
    \x20   json = None\n\
    if TYPE:\n\
    \x20   def turn(): pass\n\
    else:\n\
    \x20   turn = None\n",
    "var json; fn turn; var turn",
    "import json; read ImportError; read TYPE"
)]
#[case::unpacking(
    "a, (b, *c) = f()\n\
    for i, (k, v) in g(): h(i, k, v)\n\
    del a.x\n",
    "var a; var b; var c; var i; var k; var v",
    "call f; call g; call h; pass i; pass k; pass v; read a; read x"
)]
#[case::asynchronous(
    "async def f(rack):\n\
    \x20   async for w in rack.wheels():\n\
    \x20       await w.turn()\n\
    \x20   async with rack as r:\n\
    \x20       yield r\n",
    "fn f; param f.rack; var f.w; var f.r",
    "read rack*; call wheels; read w*; call turn; read rack*; read r*"
)]
#[case::texts(
    "def f(w):\n\
    \x20   return f\"{w.name!r:>{w.width}} {g(w)}\"\n",
    "fn f; param f.w",
    "read w*; read name; read w*; read width; call g; pass w*"
)]
fn constructs_of_python(#[case] text: &str, #[case] definitions: &str, #[case] uses: &str) {
    says(languages::PYTHON, text, (definitions, uses));
}

#[rstest]
#[case::generics(
    "pub struct Rack<T: Turn, const N: usize> where T: Clone { wheels: [T; N] }\nimpl<T: Turn, const N: usize> Rack<T, N> { pub fn first(&self) -> Option<&T> { self.wheels.first() } }",
    "struct Rack; typeparam Rack.T; typeparam Rack.N; field Rack.wheels; typeparam T; typeparam N; method first; \
    param first.self",
    "type Turn; type T*; type Clone; type T*; read N*; type Turn; type Rack; type T*; type N*; type Option; type T*; \
    read self*; read wheels; call first"
)]
#[case::traits(
    "trait Turn: Wash { const BY: u8 = 1; type Out; fn turn(&self) -> Self::Out; fn twice(&self) { self.turn(); } }\nimpl Turn for Wheel { type Out = u8; fn turn(&self) -> u8 { Self::BY } }",
    "trait Turn; const Turn.BY; alias Turn.Out; method Turn.turn; param Turn.turn.self; method Turn.twice; \
    param Turn.twice.self; alias Out; method turn; param turn.self",
    "type Wash; type Out; read self*; call turn; type Turn; type Wheel; read BY"
)]
#[case::patterns(
    "fn f(p: Plan) { match p { Plan::Turn { by, at: Some(n) } if by > 1 => g(n), Plan::Wash(x, ..) | Plan::Salt(x) => h(x), y @ Plan::Rest => k(y), _ => {} } if let Some(z) = p.next() { z; } let Slot { a, b: (c, d) } = s else { return }; }",
    "fn f; param f.p; var f.by; var f.n; var f.x; var f.x; var f.y; var f.z; var f.a; var f.c; var f.d",
    "type Plan; read p*; ref Plan; type Turn; read by; read at; read Some; read by*; call g; pass n*; ref Plan; type Wash; \
    ref Plan; type Salt; call h; pass x*; ref Plan; read Rest; call k; pass y*; read Some; read p*; call next; read z*; \
    type Slot; read a; read b; read s"
)]
#[case::closures(
    "fn f(v: Vec<Wheel>) { let by = 2; v.iter().map(|w| w.age + by).filter(move |(a, b)| a == b); }",
    "fn f; param f.v; var f.by; param f.w; param f.a; param f.b",
    "type Vec; type Wheel; read v*; call iter; call map; read w*; read age; read by*; call filter; read a*; read b*"
)]
#[case::paths(
    "use std::{io::{self, Read as R}, fmt::*};\n\
    mod inner { pub(super) use super::Rack; pub fn f() { crate::g(); self::h(); } }\n\
    fn g() { inner::f(); <Rack as Turn>::turn(); Vec::<u8>::new(); }",
    "module inner; fn inner.f; fn g",
    "import std; import io; import Read; import fmt; import Rack; call g; call h; ref inner; call f; type Rack; type Turn; \
    call turn; type Vec; call new"
)]
#[case::loops_and_labels(
    "fn f(n: u32) { 'outer: for i in 0..n { while let Some(x) = g(i) { if x > LIMIT { break 'outer; } } } loop { return; } }",
    "fn f; param f.n; var f.i; var f.x",
    "read n*; read Some; call g; pass i*; read x*; read LIMIT"
)]
#[case::statics(
    "static mut COUNT: u32 = 0;\n\
    const NAMES: [&str; 2] = [A, B];\n\
    extern \"C\" { fn probe(n: i32) -> i32; static LEVEL: i32; }\n\
    union U { a: u8, b: f32 }\n\
    type Pair<T> = (T, T);",
    "const COUNT; const NAMES; fn probe; param probe.n; const LEVEL; union U; field U.a; field U.b; alias Pair; typeparam Pair.T",
    "read A; read B; type T*; type T*"
)]
#[case::macros(
    "macro_rules! turn { ($w:expr) => { $w.turn(by()) }; }\nfn f(r: Rack) { turn!(r.first); println!(\"{}\", r.age()); vec![wash(r), 1]; }",
    "macro turn; fn f; param f.r",
    "call turn; call by; type Rack; call turn; read r*; read first; call println; read r*; call age; call vec; call wash; \
    read r*"
)]
#[case::asynchronous(
    "async fn f(r: &Rack) -> Result<(), E> { let w = r.take().await?; w.turn()?; Ok(()) }",
    "fn f; param f.r; var f.w",
    "type Rack; type Result; type E; read r*; call take; read w*; call turn; call Ok"
)]
#[case::attributes(
    "#[derive(Debug, Clone)]\n\
    #[serde(default)]\n\
    pub enum Kind { #[x] Oak = 1, Ash(u8, Rack), Elm { age: u8 } }\n\
    #[test]\n\
    fn t() { assert_eq!(Kind::Oak, kind()); }",
    "method fmt; method clone; enum Kind; variant Kind.Oak; variant Kind.Ash; variant Kind.Elm; field Kind.Elm.age; fn t",
    "mark Debug; mark Clone; mark serde; type Rack; call assert_eq; read Kind; read Oak; call kind"
)]
#[case::let_chains(
    "fn f(a: Option<A>) { if let Some(x) = a && x.ready() { x.go(); } let n: usize = if c { 1 } else { x2 }; }",
    "fn f; param f.a; var f.x; var f.n",
    "type Option; type A; read Some; read a*; read x*; call ready; read x*; call go; read c; read x2"
)]
#[case::struct_update(
    "fn f(o: Slot) -> Slot { let w = 1; Slot { w, age: o.age, ..Default::default() } }",
    "fn f; param f.o; var f.w",
    "type Slot; type Slot; type Slot; write w; read w*; write age; read o*; read age; ref Default; call default"
)]
fn constructs_of_rust(#[case] text: &str, #[case] definitions: &str, #[case] uses: &str) {
    says(languages::RUST, text, (definitions, uses));
}

#[rstest]
#[case::embedding(
    "package a\n\
    type Rack struct {\n\
    \tsync.Mutex\n\
    \t*Base\n\
    \tItems []Item `json:\"items\"`\n\
    }\n",
    "struct Rack; field Rack.Mutex; field Rack.Base; field Rack.Items",
    "ref sync; type Mutex; type Base; type Item"
)]
#[case::generic_types(
    "package a\n\
    type Set[K comparable, V any] struct { m map[K]V }\n\
    func (s *Set[K, V]) Get(k K) (V, bool) { v, ok := s.m[k]; return v, ok }\n\
    func Map[T, U any](in []T, f func(T) U) []U { var out []U; for _, x := range in { out = append(out, f(x)) }; return out }\n",
    "struct Set; typeparam Set.K; typeparam Set.V; field Set.m; param Get.s; typeparam K; typeparam V; method Get; \
    param Get.k; var Get.v; var Get.ok; fn Map; typeparam Map.T; typeparam Map.U; param Map.in; param Map.f; var Map.out; \
    var Map.x",
    "type comparable; type any; type K*; type V*; type Set; type K*; type V*; type K*; type V*; type bool; read s*; read m; \
    read k*; read v*; read ok*; type any; type T*; type T*; type U*; type U*; type U*; read in*; write out*; call append; \
    pass out*; call f*; pass x*; read out*"
)]
#[case::switches(
    "package a\n\
    func f(x any, c chan int) {\n\
    \tswitch v := x.(type) {\n\
    \tcase int, Rack:\n\
    \t\tuse(v)\n\
    \tcase nil:\n\
    \tdefault:\n\
    \t\tlog(v)\n\
    \t}\n\
    \tswitch n := g(); { case n > LIMIT: h(n) }\n\
    \tselect {\n\
    \tcase m := <-c:\n\
    \t\tuse(m)\n\
    \tcase c <- n2:\n\
    \t}\n\
    }\n",
    "fn f; param f.x; param f.c; var f.v; var f.v; var f.v; var f.n; var f.m",
    "type any; type int; read x*; type int; type Rack; call use; pass v*; type nil; call log; pass v*; call g; read n*; \
    read LIMIT; call h; pass n*; read c*; call use; pass m*; read c*; read n2"
)]
#[case::closures(
    "package a\n\
    func f() func() int {\n\
    \tn := 0\n\
    \tdefer func() { recover() }()\n\
    \tgo g(n)\n\
    \treturn func() int { n++; return n }\n\
    }\n",
    "fn f; var f.n",
    "type int; call recover; call g; pass n*; type int; write n*; read n*"
)]
#[case::literals(
    "package a\n\
    var all = []Rack{{Size: 1, Slots: map[string]*Slot{\"a\": {Row: ROW}}}, {2, nil}}\n\
    var p = &Rack{Size: size}\n\
    var f = func(r Rack) int { return r.Size }\n",
    "var all; var p; var f; param r",
    "type Rack; write Size; write Slots; type string; type Slot; write Row; read ROW; type Rack; write Size; read size; \
    type Rack; type int; read r*; read Size"
)]
#[case::constants(
    "package a\n\
    const (\n\
    \tA = iota\n\
    \tB\n\
    \t_\n\
    \tC Kind = \"c\" + D\n\
    )\n\
    var x, y = 1, f()\n\
    var z *pkg.Type\n",
    "const A; const B; const C; var x; var y; var z",
    "type Kind; read D; call f; ref pkg; type Type"
)]
#[case::interfaces(
    "package a\n\
    type Turner interface {\n\
    \tWasher\n\
    \tTurn(by int) error\n\
    \t~int | ~string\n\
    }\n\
    type F func(r *Rack) (n int, err error)\n\
    type Alias = Rack\n",
    "interface Turner; method Turner.Turn; param Turner.Turn.by; alias F; param F.r; param F.n; param F.err; alias Alias",
    "type Washer; type int; type error; type int; type string; type Rack; type int; type error; type Rack"
)]
#[case::labels(
    "package a\n\
    func f(rows [][]int) {\n\
    outer:\n\
    \tfor i, row := range rows {\n\
    \t\tfor j := 0; j < len(row); j++ {\n\
    \t\t\tif row[j] == i { continue outer }\n\
    \t\t\tgoto done\n\
    \t\t}\n\
    \t}\n\
    done:\n\
    }\n",
    "fn f; param f.rows; var f.i; var f.row; var f.j",
    "type int; read rows*; read j*; call len; pass row*; write j*; read row*; read j*; read i*"
)]
#[case::imports(
    "package a\n\
    import (\n\
    \t\"fmt\"\n\
    \tr \"example.org/rack\"\n\
    \t_ \"embed\"\n\
    \t. \"math\"\n\
    )\n\
    func f() { fmt.Println(r.New(), Pi) }\n",
    "fn f",
    "read fmt; call Println; read r; call New; pass Pi"
)]
#[case::methods_as_values(
    "package a\n\
    func (Rack) Turn() {}\n\
    func f(r Rack) { g := r.Turn; h := Rack.Turn; g(); h(r); k(r.Turn, (*Rack).Wash) }\n",
    "method Turn; fn f; param f.r; var f.g; var f.h",
    "type Rack; type Rack; read r*; read Turn; read Rack; read Turn; call g*; call h*; pass r*; call k; read r*; pass Turn; \
    read Rack; pass Wash"
)]
fn constructs_of_go(#[case] text: &str, #[case] definitions: &str, #[case] uses: &str) {
    says(languages::GO, text, (definitions, uses));
}

#[rstest]
#[case::lambdas(
    "class A { Function<Wheel, Integer> f = w -> w.age(); void g() { run((a, b) -> { int c = a; return c + b; }, A::new, this::g, Wheel::age); } }",
    "class A; field A.f; param A.w; method A.g; param A.g.a; param A.g.b; var A.g.c",
    "type Function; type Wheel; type Integer; read w*; call age; call run; read a*; read c*; read b*; read A; ref g; \
    read Wheel; ref age"
)]
#[case::inner_classes(
    "class A { int n; class B { int m = n; void f() { A.this.n = m; } } static class C extends A.B { } Runnable r = new Runnable() { int k; public void run() { k++; n++; } }; }",
    "class A; field A.n; class A.B; field A.B.m; method A.B.f; class A.C; field A.r; field A..k; method A..run",
    "read n; type A; write n; read m; type A; type B; type Runnable; call Runnable; write k; write n"
)]
#[case::switches(
    "class A { int f(Object o) { return switch (o) { case Rack r when r.size() > LIMIT -> r.size(); case Kind.OAK, Kind.ASH -> 1; default -> { int x = g(); yield x; } }; } }",
    "class A; method A.f; param A.f.o; var A.f.r; var A.f.x",
    "type Object; read o*; type Rack; read r*; call size; read LIMIT; read r*; call size; read Kind; read OAK; read Kind; \
    read ASH; call g; read x*"
)]
#[case::generics(
    "class A<T extends Turn & Wash> implements B<T, ? super T> { <U> U f(List<? extends U> all, Class<U>[] c) throws E { for (U u : all) { return u; } return null; } }",
    "class A; typeparam A.T; typeparam A.f.U; method A.f; param A.f.all; param A.f.c; var A.f.u",
    "type Turn; type Wash; type B; type T; type T; type U*; type List; type U*; type Class; type U*; type E; type U*; \
    read all*; read u*"
)]
#[case::annotations(
    "@Path(\"/wheels\") class A { @Inject private Rack rack; @Override @Get(value = NAME) public void f(@Param(\"x\") int x) { } }",
    "class A; field A.rack; method A.f; param A.f.x",
    "mark Path; mark Inject; type Rack; mark Override; mark Get; call value; read NAME; mark Param"
)]
#[case::records(
    "record Rack(int size, List<Wheel> wheels) implements Turn { static int made; Rack { check(size); } Rack(int n) { this(n, List.of()); } }",
    "class Rack; field Rack.size; field Rack.wheels; field Rack.made; constructor Rack.Rack; constructor Rack.Rack; \
    param Rack.Rack.n",
    "type List; type Wheel; type Turn; call check; pass size; pass n*; read List; call of"
)]
#[case::sealed(
    "sealed interface Plan permits Turn, Wash { record Turn(int by) implements Plan { } enum Wash implements Plan { A, B(1) { void f() { } }; Wash(int... n) { } } }",
    "interface Plan; class Plan.Turn; field Plan.Turn.by; enum Plan.Wash; variant Plan.Wash.A; variant Plan.Wash.B; \
    method Plan.Wash.B.f; constructor Plan.Wash.Wash; param Plan.Wash.Wash.n",
    "type Turn; type Wash; type Plan; type Plan"
)]
#[case::tries(
    "class A { void f() { try (Reader r = open(); s) { r.read(); } catch (IOException | E e) { log(e); } finally { done(); } label: for (int i = 0, j = n; i < j; i++) { if (i instanceof Integer k && k > 1) break label; } } }",
    "class A; method A.f; var A.f.r; var A.f.e; var A.f.i; var A.f.j; var A.f.k",
    "type Reader; call open; read s; read r*; call read; type IOException; type E; call log; pass e*; call done; read n; \
    read i*; read j*; write i*; read i*; type Integer; read k*"
)]
#[case::imports(
    "package a.b;\n\
    import c.D;\n\
    import static c.E.f;\n\
    import g.*;\n\
    import static h.I.*;\n\
    class A extends D { { f(); } static { x(); } }",
    "class A",
    "import D; type E; import f; type I; type D; call f; call x"
)]
#[case::chains(
    "class A { void f() { var x = g().h(1)[2].i; super.f(); A.super.f(); new B().c().d(); ((C) x).e(); int[] a = {1, n}; a[i] += x.y; } }",
    "class A; method A.f; var A.f.x; var A.f.a",
    "call g; call h; read i; call f; read A; call f; call B; call c; call d; type C; read x*; call e; read n; read a*; \
    read i; read x*; read y"
)]
fn constructs_of_java(#[case] text: &str, #[case] definitions: &str, #[case] uses: &str) {
    says(languages::JAVA, text, (definitions, uses));
}

#[rstest]
#[case::classes(
    "abstract class Rack<T extends Wheel = Wheel> extends Base<T> implements Turn, Wash { static #made = 0; readonly size?: number; constructor(public name: string, private n = LIMIT) { super(name); } get oldest(): T { return this.#first(); } set oldest(w) { } abstract turn(by?: number): void; #first(): T { return null!; } static { init(); } [key: string]: unknown; async *all() { yield* this.rows; } }",
    "class Rack; typeparam Rack.T; field Rack.#made; field Rack.size; constructor Rack.constructor; \
    param Rack.constructor.name; field Rack.name; param Rack.constructor.n; field Rack.n; method Rack.oldest; \
    method Rack.oldest; param Rack.oldest.w; method Rack.turn; param Rack.turn.by; method Rack.#first; method Rack.all",
    "type Wheel; type Wheel; type Base; type T*; type Turn; type Wash; pass LIMIT; pass name*; type T*; call #first; type T*; \
    call init; read rows"
)]
#[case::types(
    "type A<T> = { [K in keyof T]?: T[K] } & Pick<B, \"x\"> | (T extends (infer U)[] ? U : never);\n\
    interface C extends A<string>, ns.D { new (x: E): F; (y: G): H; m?(z: I): asserts z is J; }\n\
    type K = typeof value; let u: unique symbol;",
    "alias A; typeparam A.T; typeparam A.K; typeparam A.U; interface C; param C.x; param C.y; method C.m; param C.m.z; \
    alias K; var u",
    "type T*; type T*; type K*; type Pick; type B; type T*; type U*; type A; ref ns; type D; type E; type G; type H; type I; \
    type J; ref value"
)]
#[case::functions(
    "export default async function turn<T>(this: Rack, { by, at: [x = 1, ...rest] }: Plan = none, ...all: T[]): Promise<T> { return g(by, x, rest, all); }\nconst f = async <T,>(w: T) => w, h = function k(n) { return k(n - 1); };",
    "fn turn; typeparam turn.T; param turn.by; param turn.x; param turn.rest; param turn.all; fn f; typeparam f.T; \
    param f.w; fn h; const k; param h.n",
    "type Rack; read by; read at; type Plan; pass none; type T*; type Promise; type T*; call g; pass by*; pass x*; \
    pass rest*; pass all*; type T*; read w*; call k*; read n*"
)]
#[case::modules(
    "import d, { a as b, type C } from \"./x\";\n\
    import * as ns from \"y\";\n\
    import type { T } from \"z\";\n\
    import \"effect\";\n\
    export { b as default, ns };\n\
    export * from \"./w\";\n\
    export * as q from \"v\";\n\
    import r = require(\"u\");",
    "",
    "import d; import a; import b; import C; import T; ref b; ref ns"
)]
#[case::namespaces(
    "declare namespace A.B { const x: number; function f(): C; }\n\
    declare module \"m\" { export interface D { } }\n\
    declare global { interface Window { rack: Rack } }\n\
    declare function g(a: number): void;\n\
    declare function g(a: string): void;\n\
    declare let h: H;",
    "module A.B; const A.B.x; fn A.B.f; module m; interface m.D; module global; interface global.Window; field global.Window.rack; fn g; param g.a; fn g; \
    param g.a; var h",
    "type C; type Rack; type H"
)]
#[case::enums(
    "const enum Kind { Oak = 1, Ash = Oak << 1, \"elm-wood\" = f() }\nlet k: Kind.Oak = Kind[\"Ash\"];",
    "enum Kind; variant Kind.Oak; variant Kind.Ash; variant Kind.elm-wood; var k",
    "read Oak; call f; ref Kind; type Oak; read Kind"
)]
#[case::flow(
    "function f(rows: Row[]) { for (const { id } of rows) { label: for (const k in id) { if (k) continue label; } } try { g(); } catch ({ message }) { log(message); } switch (rows.length) { case LIMIT: { let n = 1; h(n); } } }",
    "fn f; param f.rows; var f.id; var f.k; var f.message; var f.n",
    "type Row; read id; read rows*; read id*; read k*; call g; read message; call log; pass message*; read rows*; \
    read length; read LIMIT; call h; pass n*"
)]
#[case::literals(
    "const o = { a, b: 1, [key()]: 2, get c() { return this.b; }, d(x) { return x; }, \"e-f\": () => o.a, ...rest, async g() {} };\no?.d?.(1)!.x as Y satisfies Z;",
    "const o; field o.a; field o.b; method o.c; method o.d; param o.d.x; method o.e-f; method o.g",
    "pass a; call key; read b; read x*; read o; read a; read rest; read o; call d; read x; type Y; type Z"
)]
#[case::decorators(
    "@Component({ selector: NAME })\nclass A { @Input() size = 1; @HostListener(\"x\", [\"$event\"]) on(@Inject(T) e: E) { } }",
    "field .selector; class A; field A.size; method A.on; param A.on.e",
    "mark Component; read NAME; mark Input; mark HostListener; mark Inject; pass T; type E"
)]
#[case::templates(
    "const s = `a ${f(x)} ${y.z}`; tag`b ${w}`; new Rack(1).turn(); delete o.a; void g(); typeof h; i++; [j, k.l] = [k.l, j]; ({ m: n.o } = p);",
    "const s",
    "call f; pass x; read y; read z; call tag; read w; call Rack; call turn; read o; read a; call g; read h; write i; \
    write j; read k; write l; read k; read l; read j; read n; write o; read p"
)]
fn constructs_of_typescript(#[case] text: &str, #[case] definitions: &str, #[case] uses: &str) {
    says(languages::TYPESCRIPT, text, (definitions, uses));
}

#[rstest]
#[case::prototypes(
    "function Rack(n) { this.size = n; if (!(this instanceof Rack)) return new Rack(n); }\n\
    Rack.prototype.turn = function (by) { return this.size + by; };\n\
    Rack.made = 0;\n\
    Rack.prototype = { wash() { }, salt: function () { } };",
    "fn Rack; param Rack.n; field Rack.size; method turn; param turn.by; field made; method wash; method salt",
    "read n*; read Rack; call Rack; pass n*; ref Rack; read size; read by*; ref Rack; ref Rack"
)]
#[case::commonjs(
    "const { a, b: c } = require(\"./x\"), d = require(\"y\").e;\n\
    exports.f = f; module.exports.g = () => c; module.exports = { h: 1, a };\n\
    function f() { return a(d); }",
    "fn g; const exports; field exports.h; field exports.a; fn f",
    "import a; import b; import e; write f; read f; read c; pass a; call a; pass d"
)]
#[case::classes(
    "class A extends mixin(B) { x = 1; static y; #z() { } constructor() { super(); this.w = () => this.#z(); } }\nconst C = class D { m() { return D; } };",
    "class A; field A.x; field A.y; method A.#z; constructor A.constructor; method A.w; class C; const D; method C.m",
    "call mixin; pass B; call #z; read D*"
)]
#[case::older(
    "var self = this, i; (function () { i = 1; var hidden = self; })();\n\
    for (var k in o) delete o[k];\n\
    var f = function () { return arguments.length; };",
    "var self; var i; var hidden; var k; fn f",
    "write i; read self; read o; read o; read k*; read arguments; read length"
)]
fn constructs_of_javascript(#[case] text: &str, #[case] definitions: &str, #[case] uses: &str) {
    says(languages::JAVASCRIPT, text, (definitions, uses));
}
