//! Python, construct by construct.

use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::walrus("def f(a):\n    if (n := len(a)) > 3:\n        return n\n", &["fn f", "param f.a", "var f.n"])]
#[case::loops("for a, (b, *c) in d:\n    pass\n", &["var a", "var b", "var c"])]
#[case::with_as("with open(p) as f, lock as (g, h):\n    pass\n", &["var f", "var g", "var h"])]
#[case::except_as("try:\n    pass\nexcept (A, B) as e:\n    pass\n", &["var e"])]
#[case::nested("def f():\n    def g():\n        class C:\n            x = 1\n", &["fn f", "fn f.g", "class f.g.C", "field f.g.C.x"])]
#[case::lambdas("key = lambda a, *b, c=1, **d: a\n", &["var key", "param a", "param b", "param c", "param d"])]
#[case::all_parameters("async def f(a, /, b, *args, c, **kw): pass\n", &["fn f", "param f.a", "param f.b", "param f.args", "param f.c", "param f.kw"])]
#[case::match_captures("match p:\n    case Point(x=a, y=0):\n        pass\n    case [b, *rest]:\n        pass\n    case {'k': v, **others}:\n        pass\n    case str() as s:\n        pass\n",
    &["var a", "var b", "var rest", "var v", "var others", "var s"])]
#[case::annotated("class Slot:\n    row: int\n    column: int = 0\n    kinds: ClassVar[list] = []\n", &["class Slot", "field Slot.row", "field Slot.column", "field Slot.kinds"])]
#[case::fields_by_self("class A:\n    def __init__(self, n):\n        self.n = n\n        self.a, self.b = 1, 2\n        self.n += 1\n",
    &["class A", "method A.__init__", "param A.__init__.self", "param A.__init__.n", "field A.n", "field A.a", "field A.b"])]
#[case::properties("class A:\n    @property\n    def size(self): return 1\n    @size.setter\n    def size(self, v): pass\n", &["class A", "method A.size", "param A.size.self", "method A.size", "param A.size.self", "param A.size.v"])]
#[case::type_parameters("class Box[T]:\n    pass\n\ndef first[K](a: K) -> K: pass\n\ntype Pair[V] = tuple[V, V]\n", &["class Box", "typeparam Box.T", "fn first", "typeparam first.K", "param first.a", "alias Pair", "typeparam Pair.V"])]
#[case::constants("LIMIT = 3\n_private = 2\nA = B = 1\n", &["const LIMIT", "var _private", "const A", "const B"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::PYTHON, text)), wanted);
}

#[rstest]
#[case::augmented("x = 1\nx += y\n", &["write x", "read y"])]
#[case::deleted("def f(a):\n    del a.b, a[0]\n", &["read a*", "read b", "read a*"])]
#[case::f_strings("def f(a):\n    return f\"{a.b!r:>{w}} {g(a)}\"\n", &["read a*", "read b", "read w", "call g", "pass a*"])]
#[case::comprehensions("def f(a):\n    return {k: v for k, v in a.items() if k in LIMIT}\n", &["read k*", "read v*", "read a*", "call items", "read k*", "read LIMIT"])]
#[case::decorators("@cached(size=LIMIT)\ndef f(): pass\n", &["mark cached", "write size", "pass LIMIT"])]
#[case::bases("class A(B, metaclass=M): pass\n", &["type B", "type M"])]
#[case::annotations("def f(a: 'Rack', b: list[Slot] | None) -> Turn: pass\n", &["type Rack", "type list", "type Slot", "type Turn"])]
#[case::outer_names("def f():\n    n = 0\n    def g():\n        nonlocal n\n        n = 1\n    g()\n", &["ref n*", "write n*", "call g*"])]
#[case::names_of_the_module("n = 0\ndef f():\n    global n\n    n, m = 1, 2\n", &["ref n", "write n"])]
#[case::type_parameters("def first[K: Rack](a: K) -> list[K]:\n    b: K = a\n", &["type Rack", "type K*", "type list", "type K*", "type K*", "read a*"])]
#[case::of_a_class("class Box[T](Base[T]):\n    def put(self, a: T) -> T: pass\n", &["type Base", "type T*", "type T*", "type T*"])]
#[case::raised("def f():\n    raise Full(1) from cause\n", &["call Full", "read cause"])]
#[case::star_arguments("def f(a, b):\n    g(*a, **b, c=a)\n", &["call g", "read a*", "read b*", "write c", "pass a*"])]
#[case::awaited("async def f(a):\n    async with a.lock() as l:\n        await l.take()\n", &["read a*", "call lock", "read l*", "call take"])]
#[case::chained("def f(a):\n    return a.b.c().d[0].e\n", &["read a*", "read b", "call c", "read d", "read e"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::PYTHON, text)), wanted);
}

/// The module, the name taken out of it, the name bound here.
fn imports(text: &str) -> Vec<String> {
    let facts = facts(languages::PYTHON, text);
    let word = |n: Option<compass_facts::NameId>| n.map_or("-", |n| facts.name(n));
    let told = |i: &compass_facts::Import| format!("{} {} {}", facts.name(i.module), word(i.name), word(i.bound));
    facts.imports.iter().map(told).collect()
}

#[rstest]
#[case::plain("import a.b, c\n", &["a - a", "a.b - -", "c - c"])]
#[case::renamed("import a.b as d\n", &["a.b - d"])]
#[case::names("from a import b, c as d\n", &["a b b", "a c d"])]
#[case::relative("from . import b\nfrom ..x import y\n", &[". b b", "..x y y"])]
#[case::tried("try:\n    import json5 as json\nexcept ImportError:\n    import json\n", &["json5 - json", "json - json"])]
#[case::within("def f():\n    from a import b\n", &["a b b"])]
fn imports_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(imports(text), wanted);
}
