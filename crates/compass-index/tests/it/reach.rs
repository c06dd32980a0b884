//! What a change reaches: files that are not said to hang on it keep their links, whatever is edited.
//!
//! A project is made of slots with several texts each. Every step puts other texts into a few slots: signatures, bases,
//! imports, shadowing names, macro bodies, conditionals. After each the links of all files that are said to be out of reach must
//! be what they were.

use crate::request;
use crate::sets::{GRAPHQL, KOTLIN, LISP, LUA, MANIFEST, MARKUP, PHP, PROTOBUF, RUBY, SCALA, SHELL};
use compass_facts::Cancel;
use compass_index::refresh::{AffectedFiles, Request, run};
use compass_index::{Disk, FileLinks, Index, Silent, SymbolId};
use rstest::rstest;
use std::collections::BTreeMap;
use std::sync::Arc;
use testkit::Project;

/// A file: its path, and the texts of each slot.
pub type File = (&'static str, &'static [&'static [&'static str]]);

pub const PYTHON: &[File] = &[
    (
        "wheel.py",
        &[
            &["class Wheel:", "class Wheel(Disc):", "class Round:"],
            &["    def turn(self): return self", "    def turn(self): return Crumb()", "    def wash(self): pass"],
            &["    age = 3", "    # nothing"],
            &["", "class Disc:\n    def roll(self): return Crumb()"],
            &["class Crumb:\n    def eat(self): pass", "class Crumb:\n    def turn(self): pass\n    def eat(self): return 1"],
        ],
    ),
    (
        "rack.py",
        &[
            &["from wheel import Wheel, Crumb", "from wheel import Wheel as Wheel", "import wheel\nWheel = wheel.Wheel", "from shelf import Wheel"],
            &["class Rack:", "class Rack(Wheel):"],
            &["    def first(self): return Wheel()", "    def first(self): return make()", "    def last(self): pass"],
            &["def make(): return Wheel()", "def make(): return None", "make = Wheel"],
        ],
    ),
    ("shelf.py", &[&["from wheel import *", "from rack import *", ""], &["def make(): return 1", "", "class Wheel:\n    def turn(self): pass"]]),
    (
        "use.py",
        &[
            &["from rack import Rack, make", "from rack import *"],
            &["Rack().first().turn()", "make().turn().eat()"],
            &["Rack().first().roll().eat()", "make().age"],
        ],
    ),
    (
        "far.py",
        &[&["import use, shelf", "from shelf import make"], &["shelf.make()", "def turn(): pass"], &["x = shelf.Wheel()", "x = 1"], &["x.turn()", "x.wash()"]],
    ),
];

pub const TYPESCRIPT: &[File] = &[
    (
        "wheel.ts",
        &[
            &["export class Wheel {", "export class Wheel extends Disc {", "export interface Wheel {"],
            &["  turn(): Crumb { return null! }", "  turn(): Wheel { return this }", "  age = 3;"],
            &["}"],
            &["export class Disc { roll() { return new Crumb(); } }", "class Disc { wash() {} }"],
            &["export class Crumb { eat() {} }", "export type Crumb = { eat(): void; turn(): void }"],
            &["export default Crumb;", "export default function pick(): Crumb { return null! }", ""],
        ],
    ),
    (
        "rack.ts",
        &[
            &["import { Wheel } from './wheel';", "import { Wheel as Wheel, Crumb } from './wheel';", "import * as w from './wheel'; type Wheel = w.Wheel;"],
            &[
                "export function make(): Wheel { return null!; }",
                "export const make = (by: number) => new Wheel();",
                "export function make() { return [] as Wheel[]; }",
            ],
            &["export function each(f: (w: Wheel) => void) {}", "export function each(n: number, f: (w: Wheel) => void) {}"],
            &["export { Wheel };", "export * from './wheel';", ""],
        ],
    ),
    (
        "index.ts",
        &[
            &["export * from './rack';", "export { make, each } from './rack';"],
            &["export { default as pick } from './wheel';", "export { default } from './wheel';", ""],
        ],
    ),
    (
        "use.ts",
        &[
            &["import { make, each } from './index';", "import { make, each, Wheel } from './rack';"],
            &["make().turn().eat();", "each((w) => w.turn());"],
            &["each((w) => { w.roll().eat(); });", "make()[0].turn();"],
        ],
    ),
    (
        "far.ts",
        &[
            &["import pick from './index';", "import { pick } from './index';"],
            &["pick().eat();", "new pick().eat();"],
            &["function turn() {} turn();", "declare const w: Wheel; w.turn();"],
        ],
    ),
];

/// What is declared for all: by the language, by files without imports, by blocks within others.
pub const AMBIENT: &[File] = &[
    ("node_modules/typescript/package.json", &[&["{\"name\": \"typescript\", \"version\": \"5.9.0\"}"]]),
    (
        "node_modules/typescript/lib/lib.es5.d.ts",
        &[
            &["interface String { trim(): string }", "interface String { trim(): string; wash(): Wheel }", "interface String { }"],
            &["interface Array<T> { first(): T; map<U>(f: (v: T) => U): U[] }", "interface Array<T> { first(): T | undefined }"],
            &["interface Wheel { turn(): Wheel }", "declare var Wheel: WheelConstructor;", "interface Wheel { turn(): string; roll(): string }"],
            &["interface WheelConstructor { make(): Wheel }", "declare function turn(): Wheel;", ""],
        ],
    ),
    (
        "node_modules/typescript/lib/lib.es2015.core.d.ts",
        &[
            &["interface Array<T> { last(): T }", "interface Wheel { last(): string }", ""],
            &["declare var Wheel: WheelConstructor;", "", "interface String { first(): Wheel }"],
        ],
    ),
    (
        "all.d.ts",
        &[
            &["declare const rack: Wheel[];", "declare const rack: string;", "declare function rack(): Wheel;"],
            &["interface Wheel { eat(): void }", "", "declare namespace shelf { const wheel: Wheel; }"],
            &["", "export {};", "import './use';"],
            &["", "interface Number { weigh(): Wheel }", "interface Function { late(): string }"],
        ],
    ),
    (
        "block.ts",
        &[
            &["export {};", "import { here } from './use';", ""],
            &["declare global { interface Wheel { salt(): Wheel } }", "declare global { var salted: Wheel }", "interface Wheel { salt(): void }"],
        ],
    ),
    (
        "use.ts",
        &[
            &[
                "export function here(w: Wheel) { return w.turn(); }",
                "export const here = (w: Wheel) => w.salt();",
                "interface Wheel { turn(): Wheel } export const here = 1;",
            ],
            &["rack.first().turn();", "rack.trim().wash().turn();", "rack().eat();"],
            &["Wheel.make().turn().last();", "'a'.first().eat();", "[1].map((n) => n).last();"],
            &["(3).weigh();", "here.late();", "[].last();"],
        ],
    ),
    (
        "far.ts",
        &[
            &["salted.turn();", "shelf.wheel.eat();", "turn().roll().trim();"],
            &["import { here } from './use'; here(salted);", "const rack = 'x'; rack.trim();"],
        ],
    ),
];

pub const PERL: &[File] = &[
    (
        "lib/Wheel.pm",
        &[
            &["package Wheel;", "package Wheel;\nuse parent 'Disc';", "package Round;"],
            &["sub new { my $class = shift; return bless {}, $class }", "sub new { return Crumb->new }"],
            &["sub turn { my $self = shift; return $self }", "sub turn { my $self = shift; return Crumb->new }", "sub wash { 1 }"],
            &["our $age = 3;", "our @ISA = ('Disc');", ""],
            &["package Disc;\nsub roll { my $self = shift; $self->turn }", "package Disc { sub wash { 2 } }", ""],
        ],
    ),
    (
        "lib/Crumb.pm",
        &[&[
            "package Crumb;\nsub new { bless {}, shift }\nsub eat { my $self = shift; return $self }",
            "package Crumb;\nour @ISA = qw(Wheel);\nsub eat { shift->turn }",
        ]],
    ),
    (
        "lib/Tools.pm",
        &[
            &["package Tools;", "package Other;"],
            &["our @EXPORT = qw(make);", "our @EXPORT_OK = qw(make salt);", ""],
            &["sub make { return Wheel->new }", "sub make { return Crumb->new }", "sub salt { make() }"],
        ],
    ),
    (
        "use.pm",
        &[
            &["use Wheel; use Tools;", "use Tools qw(make);", "use Tools qw(salt); use Disc;", ""],
            &["my $w = Wheel->new; $w->turn->eat;", "make()->turn;", "Tools::make(1)->roll;"],
            &["print $Wheel::age; $w->roll->wash;", "salt(2); Disc->roll;", "sub make { 3 }\nmake();"],
        ],
    ),
    (
        "far.pm",
        &[&["require Crumb; Crumb->new->eat->turn;", "sub turn { 1 }\nturn();"], &["use Tools;\nmake()->eat;", "Other::salt();", "new Wheel(1)->wash;"]],
    ),
];

pub const JAVASCRIPT: &[File] = &[
    (
        "wheel.js",
        &[
            &[
                "class Wheel { turn() { return new Crumb(); } }",
                "function Wheel() {} Wheel.prototype.turn = function () { return new Crumb(); };",
                "const Wheel = { turn() {} };",
            ],
            &["class Crumb { eat() {} }", "/** @typedef {Object} Crumb\n * @property {Wheel} eat */"],
            &["module.exports = { Wheel, Crumb };", "module.exports = Wheel; module.exports.Crumb = Crumb;", "exports.Wheel = Wheel;"],
        ],
    ),
    (
        "rack.js",
        &[
            &["const { Wheel } = require('./wheel');", "const Wheel = require('./wheel');", "const { Crumb } = require('./wheel');"],
            &["/** @returns {Wheel} */\nfunction make() {}", "function make() { return new Wheel(); }"],
            &["exports.make = make;", "module.exports = make;", "module.exports = { make, Wheel };"],
        ],
    ),
    (
        "use.js",
        &[
            &["const { make } = require('./rack');", "const rack = require('./rack'); const make = rack.make;"],
            &["make().turn().eat();", "new rack.Wheel().turn();"],
        ],
    ),
];

pub const RUST: &[File] = &[
    ("Cargo.toml", &[&["[package]\nname = \"rack\"\nversion = \"1.0.0\"\n"]]),
    (
        "src/lib.rs",
        &[
            &["pub mod wheel;\npub mod rack;\nmod far;"],
            &["pub use wheel::Wheel;", "pub use wheel::*;", "pub use rack::make;"],
            &["macro_rules! roll { () => { 1 } }", "macro_rules! roll { ($a:expr) => { $a } }", "fn roll() {}"],
        ],
    ),
    (
        "src/wheel.rs",
        &[
            &["pub struct Wheel { pub age: Crumb }", "pub struct Wheel;", "pub enum Wheel { Oak, Ash }"],
            &["pub struct Crumb;"],
            &[
                "impl Wheel { pub fn turn(&self) -> Crumb { Crumb } }",
                "impl Wheel { pub fn turn(&self) -> &Wheel { self } }",
                "impl Crumb { pub fn turn(&self) {} }",
            ],
            &["pub trait Eat { fn eat(&self) -> Crumb { Crumb } }", "pub trait Eat { fn eat(&self); fn gulp(&self) -> Wheel; }"],
            &["impl Eat for Crumb { }", "impl Eat for Wheel { }", ""],
        ],
    ),
    (
        "src/rack.rs",
        &[
            &["use crate::wheel::{Wheel, Eat};", "use super::wheel::*;", "use crate::*;"],
            &["pub fn make() -> Wheel { todo!() }", "pub fn make() -> Vec<Wheel> { vec![] }", "pub fn make() -> Option<Wheel> { None }"],
            &["pub fn each(f: impl Fn(&Wheel)) {}", "pub fn each<T: Eat>(f: T) -> T { f }"],
            &["fn own() { make().turn().eat(); }", "fn own() { each(|w| { w.turn(); }); roll!(); }"],
        ],
    ),
    (
        "src/far.rs",
        &[
            &["use crate::rack::make;", "use crate::rack::*;"],
            &["fn a() { make().turn(); }", "fn a() { for w in make() { w.turn().eat(); } }"],
            &["fn b() { crate::rack::make().age; }", "fn b() { each(|w| w.turn()); }"],
        ],
    ),
];

pub const GO: &[File] = &[
    ("go.mod", &[&["module example.org/larder\n"]]),
    (
        "wheel/wheel.go",
        &[
            &["package wheel"],
            &["type Wheel struct { Crumb }", "type Wheel struct { Age int }", "type Wheel interface { Turn() *Crumb }"],
            &["type Crumb struct { Salt int }"],
            &["func (c *Crumb) Eat() *Crumb { return c }", "func (c *Crumb) Turn() *Crumb { return c }", "func (c Crumb) Age() int { return 1 }"],
        ],
    ),
    (
        "wheel/more.go",
        &[
            &["package wheel"],
            &["func (w *Wheel) Turn() *Crumb { return nil }", "func Turn() {}", ""],
            &["type Turner interface { Turn() *Crumb }", "type Turner interface { Turn() *Crumb; Eat() *Crumb }"],
        ],
    ),
    (
        "rack/rack.go",
        &[
            &["package rack"],
            &["import \"example.org/larder/wheel\"", "import w \"example.org/larder/wheel\"", "import . \"example.org/larder/wheel\""],
            &["func Make() *wheel.Wheel { return nil }", "func Make() (*wheel.Wheel, error) { return nil, nil }", "func Make() []wheel.Wheel { return nil }"],
            &["type Rack struct { *wheel.Wheel }", "type Rack struct { first wheel.Wheel }"],
        ],
    ),
    (
        "main.go",
        &[
            &["package main"],
            &["import \"example.org/larder/rack\""],
            &["func main() { rack.Make().Turn().Eat() }", "func main() { a, _ := rack.Make(); a.Turn().Salt = 1 }"],
            &["func more() { var r rack.Rack; r.Turn(); r.Eat() }", "func more() { for _, w := range rack.Make() { w.Turn() } }"],
        ],
    ),
];

pub const JAVA: &[File] = &[
    (
        "wheel/Wheel.java",
        &[
            &["package wheel;"],
            &["public class Wheel extends Disc {", "public class Wheel implements Turner {", "public interface Wheel {"],
            &["  public Crumb turn() { return null; }", "  public Crumb turn(int by) { return null; }", "  public Wheel turn() { return this; }"],
            &["  public int age;", "  public Wheel() {}", "  public Wheel(int age) {}"],
            &["}"],
        ],
    ),
    (
        "wheel/Disc.java",
        &[&["package wheel;"], &["public class Disc { public Crumb roll() { return null; } }", "public class Disc { public Crumb turn() { return null; } }"]],
    ),
    (
        "wheel/Crumb.java",
        &[
            &["package wheel;"],
            &["public class Crumb { public void eat() {} }", "public class Crumb extends Disc { public void eat(Disc d) {} public void eat() {} }"],
        ],
    ),
    (
        "wheel/Turner.java",
        &[
            &["package wheel;"],
            &[
                "public interface Turner { Crumb turn(); }",
                "public interface Turner { Crumb turn(); default void wash() {} }",
                "public interface Turner { Crumb spin(Wheel w); }",
            ],
        ],
    ),
    (
        "rack/Rack.java",
        &[
            &["package rack;"],
            &["import wheel.Wheel; import wheel.Turner;", "import wheel.*;"],
            &["public class Rack {"],
            &["  public Wheel make() { return null; }", "  public static Wheel make() { return new Wheel(); }"],
            &["  public void each(Turner t) {}", "  public void each(Wheel w) {}"],
            &["}"],
        ],
    ),
    (
        "use/Use.java",
        &[
            &["package use;"],
            &["import rack.Rack;", "import rack.*; import static rack.Rack.make;"],
            &["class Use {"],
            &["  void a(Rack r) { r.make().turn().eat(); }", "  void a() { make().roll().eat(); }"],
            &["  void b(Rack r) { r.each(w -> w.turn()); }", "  void b(Rack r) { r.make().age = 1; r.make().wash(); }"],
            &["}"],
        ],
    ),
];

pub const CSHARP: &[File] = &[
    (
        "wheel/Wheel.cs",
        &[
            &["namespace Larder.Wheels {"],
            &["public partial class Wheel : Disc {", "public partial class Wheel : ITurner {", "public class Wheel {"],
            &["  public Crumb Turn() { return null; }", "  public Crumb Turn(int by = 1) { return null; }", "  public Wheel Turn() { return this; }"],
            &["  public int Age { get; set; }", "  public Wheel() {}", "  public Wheel(int age) {}"],
            &["} }"],
        ],
    ),
    (
        "wheel/More.cs",
        &[
            &["namespace Larder.Wheels;"],
            &["public partial class Wheel { public int Size; }", "public static class More { public static Wheel Wash(this Wheel w) { return w; } }", ""],
        ],
    ),
    (
        "wheel/Disc.cs",
        &[
            &["namespace Larder.Wheels {"],
            &["public class Disc { public Crumb Roll() { return null; } }", "public class Disc { public virtual Crumb Turn() { return null; } }"],
            &["}"],
        ],
    ),
    (
        "wheel/Crumb.cs",
        &[
            &["namespace Larder.Wheels {"],
            &["public class Crumb { public void Eat() {} }", "public class Crumb : Disc { public void Eat(Disc d) {} public void Eat() {} }"],
            &["}"],
        ],
    ),
    (
        "wheel/ITurner.cs",
        &[
            &["namespace Larder.Wheels {"],
            &["public interface ITurner { Crumb Turn(); }", "public interface ITurner { Crumb Spin(Wheel w); }", "public delegate Crumb ITurner(Wheel w);"],
            &["}"],
        ],
    ),
    (
        "rack/Rack.cs",
        &[
            &["using Larder.Wheels;", "using W = Larder.Wheels.Wheel; using Larder.Wheels;"],
            &["namespace Larder.Racks { public class Rack {"],
            &["  public Wheel Make() { return null; }", "  public static Wheel Make() { return new Wheel(); }"],
            &["  public void Each(System.Action<Wheel> t) {}", "  public void Each(Wheel w) {}"],
            &["} }"],
        ],
    ),
    (
        "use/Use.cs",
        &[
            &["using Larder.Racks;", "using Larder.Racks; using Larder.Wheels;", "using static Larder.Racks.Rack; using Larder.Wheels;"],
            &["class Use {"],
            &["  void A(Rack r) { r.Make().Turn().Eat(); }", "  void A() { Make().Roll().Eat(); }"],
            &["  void B(Rack r) { r.Each(w => w.Turn()); }", "  void B(Rack r) { r.Make().Age = 1; r.Make().Wash().Size++; }"],
            &["}"],
        ],
    ),
];

pub const C: &[File] = &[
    (
        "wheel.h",
        &[
            &["struct crumb { int salt; };"],
            &["struct wheel { struct crumb *crumb; int age; };", "struct wheel { struct wheel *crumb; int salt; };", "typedef struct wheel wheel_t;"],
            &["#define TURN(w) ((w)->crumb)", "#define TURN(w) ((w)->age)", "int TURN(struct wheel *w);"],
            &["int turn(struct wheel *w);", "static inline int turn(struct wheel *w) { return w->age; }", ""],
            &["#ifdef OAK\nint oak(void);\n#else\nint ash(void);\n#endif", "int oak(void);\nint ash(void);"],
        ],
    ),
    (
        "wheel.c",
        &[
            &["#include \"wheel.h\""],
            &["int turn(struct wheel *w) { return w->age; }", "static int turn(struct wheel *w) { return oak(); }"],
            &["int oak(void) { return 1; }", ""],
            &["struct wheel *make(void) { return 0; }", "struct crumb *make(void) { return 0; }"],
        ],
    ),
    (
        "rack.h",
        &[
            &["#include \"wheel.h\"", ""],
            &["struct rack { struct wheel first; };", "struct rack { struct wheel *first; int (*turn)(struct wheel *); };"],
            &["#define OAK 1", "#define ASH 1"],
            &["#define SHELF(n) STACK(shelf, n)", "#define SHELF(n) static struct wheel shelf_##n;", "#define SHELF(n, by) int turn_##n(int by)", ""],
            &["struct wheel *make(void);", "extern struct crumb *make(void);"],
        ],
    ),
    (
        "stack.h",
        &[
            &["#define STACK(a, n) int a##_##n(void);", "#define STACK(a, n) enum { a##_##n, last_##n };", "#define STACK 1", ""],
            &["", "#define SHELF(n) STACK(stack, n)"],
        ],
    ),
    (
        "shelf.c",
        &[
            &["#include \"rack.h\"\n#include \"stack.h\"", "#include \"stack.h\""],
            &["SHELF(upper)", "SHELF(lower)", "SHELF(upper, by) { return by + oak(); }", "#define SHELF(n) int own_##n;\nSHELF(upper)"],
            &["int shelved(void) { return shelf_upper() + turn_upper(2); }", "int shelved(void) { return shelf_lower.age + last_upper; }"],
        ],
    ),
    (
        "rack.c",
        &[
            &["#include \"rack.h\"", "#include \"rack.h\"\n#include \"wheel.h\"", "#include \"wheel.h\""],
            &["static int wash(struct rack *r) { return r->first.crumb->salt; }", "static int wash(struct rack *r) { return TURN(r->first)->salt; }"],
            &["int all(void) { return turn(make()) + oak(); }", "int all(void) { return make()->age + ash(); }"],
            &["static int turn(int a) { return a; }", ""],
        ],
    ),
    (
        "far.c",
        &[
            &["int ash(void) { return 2; }", "static int turn(void) { return 1; }", ""],
            &["int far(void) { return turn(0) + oak() + all(); }", "int far(void) { struct wheel w; return w.age + w.salt; }"],
        ],
    ),
];

pub const CPP: &[File] = &[
    (
        "wheel.hpp",
        &[
            &["namespace larder {"],
            &["struct Crumb { int salt; Crumb* eat(); };"],
            &[
                "class Wheel : public Disc { public: Crumb turn(); int age; };",
                "class Wheel { public: virtual Crumb turn(); Crumb turn(int by); };",
                "template <class T> class Wheel { public: T turn(); };",
            ],
            &["Wheel* make();", "Crumb make(int a);\nCrumb make(Wheel* w);"],
            &["}"],
        ],
    ),
    ("disc.hpp", &[&["namespace larder {"], &["struct Disc { virtual int roll(); int age; };", "struct Disc { int turn(); };"], &["}"]]),
    (
        "wheel.cpp",
        &[
            &["#include \"disc.hpp\"\n#include \"wheel.hpp\"", "#include \"wheel.hpp\""],
            &["namespace larder {", "using namespace larder;"],
            &["Crumb Wheel::turn() { return Crumb(); }", "Crumb* Crumb::eat() { return this; }"],
            &["}", ""],
        ],
    ),
    (
        "use.cpp",
        &[
            &["#include \"disc.hpp\"\n#include \"wheel.hpp\""],
            &["using namespace larder;", "using larder::make;\nusing larder::Wheel;"],
            &["int a() { return make()->turn().salt; }", "int a() { auto w = larder::make(); return w->roll() + w->age; }"],
            &["int b(Wheel& w) { return w.turn(2).salt; }", "struct Oak : larder::Wheel { larder::Crumb turn() override; };"],
        ],
    ),
];

/// Numbers that look random and are the same each time (Marsaglia, Xorshift RNGs, 2003).
pub struct Random(pub u64);

impl Random {
    pub fn below(&mut self, limit: usize) -> usize {
        self.0 ^= self.0 << 13;
        self.0 ^= self.0 >> 7;
        self.0 ^= self.0 << 17;
        (self.0 % limit as u64) as usize
    }
}

fn write(project: &Project, file: &File, chosen: &[usize]) {
    let text: Vec<&str> = file.1.iter().zip(chosen).map(|(slot, i)| slot[*i]).collect();
    project.write(file.0, &format!("{}\n", text.join("\n")));
}

fn links(project: &Project) -> BTreeMap<compass_index::FileId, (String, Arc<FileLinks>)> {
    let index = Index::open(&project.index()).expect("an index");
    index.files().iter().map(|f| (f.id, (f.path.clone(), index.links(f.id).expect("links")))).collect()
}

/// All an index says, by places.
pub fn told(path: &std::path::Path) -> Vec<String> {
    let index = Index::open(path).expect("an index");
    let place = |symbol: SymbolId| match index.definition(symbol).expect("facts") {
        Some((facts, def)) => format!("{}:{}", index.path_of(symbol.file), facts.facts.def(def).name_span.start),
        None => index.path_of(symbol.file),
    };
    let mut out = Vec::new();
    let mut names = std::collections::BTreeSet::new();
    for file in index.files() {
        let (facts, links) = (index.facts(file.id).expect("facts"), index.links(file.id).expect("links"));
        for (usage, link) in links.iter() {
            let targets: Vec<String> = link.targets.iter().map(|t| place(*t)).collect();
            let why: Vec<String> = links.evidence[link.evidence as usize].iter().map(|s| format!("{:?} {} {:?}", s.kind, place(s.symbol), s.place)).collect();
            out.push(format!("{} {:?} -> {targets:?} {} {:?} {why:?}", file.path, facts.facts.usage(usage).span, link.total, link.certainty));
        }
        out.push(format!("{} without {:?} {:?}", file.path, links.unlinked, links.absent));
        let mut importers: Vec<String> =
            index.importers(file.id).expect("importers").iter().map(|i| format!("{} {}", index.path_of(i.file), i.import)).collect();
        importers.sort();
        out.push(format!("{} imported by {importers:?}", file.path));
        names.extend(facts.facts.names.iter().map(str::to_owned));
        for i in 0..facts.facts.definitions.len() as u32 {
            let symbol = SymbolId { file: file.id, number: facts.number(compass_facts::DefId(i)) };
            let told = |u: &compass_index::UseEntry| format!("{} {} {:?} {:?} {}", index.path_of(u.file), u.usage, u.role, u.certainty, u.first);
            let mut uses: Vec<String> = index.uses(symbol).expect("uses").iter().map(told).collect();
            uses.sort();
            let mut derived: Vec<String> = index.derived(symbol).expect("derived").into_iter().map(place).collect();
            derived.sort();
            out.push(format!("{} used {uses:?} derived {derived:?}", place(symbol)));
        }
    }
    for name in names {
        let mut named: Vec<String> = index.named(&name).expect("names").iter().map(|n| format!("{} {:?}", place(n.symbol), n.kind)).collect();
        named.sort();
        // Files have other numbers in another index: they are told by their paths.
        let unlinked = index.unlinked(&name).expect("unlinked").into_iter().map(|u| (index.path_of(u.file), u.cause, u.count));
        let unlinked: std::collections::BTreeSet<_> = unlinked.collect();
        out.push(format!("{name}: {named:?} {unlinked:?}"));
    }
    let names = index.names().expect("names");
    out.push(format!("{:?}", names.iter().collect::<Vec<_>>()));
    let s = index.summary();
    out.push(format!("{:?} {:?}", s.own, s.made));
    out.push(format!("{:?} {:?} {} {} {} {:?} {:?}", s.linked, s.unlinked, s.local, s.uses, s.symbols, s.gaps_by_cause, s.hidden));
    out
}

/// The texts of the project, and what is linked otherwise.
fn differences(project: &Project, was: &FileLinks, is: &FileLinks) -> String {
    let index = Index::open(&project.index()).expect("an index");
    let texts = index.files().iter().map(|f| format!("--- {}\n{}", f.path, std::fs::read_to_string(project.root().join(&f.path)).unwrap_or_default()));
    let told = |l: &FileLinks| l.iter().map(|(u, link)| format!("{u:?} {link:?} {:?}", l.evidence.get(link.evidence as usize))).collect::<Vec<_>>();
    let (was_told, is_told) = (told(was), told(is));
    let only = |a: &[String], b: &[String]| a.iter().filter(|l| !b.contains(l)).cloned().collect::<Vec<_>>().join("\n");
    let rest = format!(
        "{:?}\n{:?}",
        (&was.unlinked, &was.imports, &was.bases, &was.declared, &was.absent),
        (&is.unlinked, &is.imports, &is.bases, &is.declared, &is.absent)
    );
    format!("{}\nbefore: {}\nnow: {}\n{rest}", texts.collect::<Vec<_>>().join("\n"), only(&was_told, &is_told), only(&is_told, &was_told))
}

/// What an edit changes, in a word, for the report.
fn kind_of(old: &str, new: &str) -> &'static str {
    let has = |words: &[&str]| words.iter().any(|w| old.contains(w) || new.contains(w));
    if old == new {
        "nothing"
    } else if has(&["#define", "macro_rules", "#undef"]) {
        "macro body"
    } else if has(&["#if", "#endif", "#else"]) {
        "conditional"
    } else if has(&["#include"]) {
        "includes"
    } else if has(&["import *", "::*", "export *", ".*;"]) {
        "glob"
    } else if has(&["import ", "use ", "require(", "export {", "package ", "from ", "using ", "include ", "source ", "href", "FROM "]) {
        "import"
    } else if has(&["class ", "interface ", "struct ", "impl ", "extends ", "trait ", "type ", "enum ", "namespace "]) {
        "base or type"
    } else if old.is_empty() || new.is_empty() {
        "shadowing name, there or gone"
    } else if has(&["def ", "fn ", "func ", "function ", ") {", "): ", "void ", "int "]) {
        "signature or body"
    } else {
        "use or value"
    }
}

#[rstest]
#[case::python(PYTHON, 11)]
#[case::typescript(TYPESCRIPT, 12)]
#[case::ambient(AMBIENT, 12)]
#[case::perl(PERL, 19)]
#[case::javascript(JAVASCRIPT, 13)]
#[case::rust(RUST, 14)]
#[case::go(GO, 15)]
#[case::java(JAVA, 16)]
#[case::csharp(CSHARP, 20)]
#[case::php(PHP, 21)]
#[case::lisp(LISP, 22)]
#[case::kotlin(KOTLIN, 23)]
#[case::scala(SCALA, 24)]
#[case::ruby(RUBY, 25)]
#[case::lua(LUA, 26)]
#[case::protobuf(PROTOBUF, 27)]
#[case::graphql(GRAPHQL, 28)]
#[case::shell(SHELL, 29)]
#[case::markup(MARKUP, 30)]
#[case::manifest(MANIFEST, 31)]
#[case::c(C, 17)]
#[case::cpp(CPP, 18)]
fn files_out_of_reach_keep_their_links(#[case] files: &[File], #[case] seed: u64) {
    let steps = std::env::var("COMPASS_REACH_STEPS").ok().and_then(|s| s.parse().ok()).unwrap_or(60);
    let mut random = Random(seed);
    let mut chosen: Vec<Vec<usize>> = files.iter().map(|f| vec![0; f.1.len()]).collect();
    let project = Project::new();
    files.iter().zip(&chosen).for_each(|(f, c)| write(&project, f, c));
    let mut session = run(&request(&project, 2), &Disk, &Cancel::new(), &Silent).expect("indexed").session;
    let mut before = links(&project);
    let (mut everything, mut some, mut kept) = (0, 0, 0);
    let mut kinds: BTreeMap<&str, usize> = BTreeMap::new();
    for step in 0..steps {
        let (mut edits, mut paths) = (Vec::new(), Vec::new());
        for _ in 0..1 + random.below(2) {
            let file = random.below(files.len());
            let slot = random.below(files[file].1.len());
            let was = files[file].1[slot][chosen[file][slot]];
            chosen[file][slot] = random.below(files[file].1[slot].len());
            *kinds.entry(kind_of(was, files[file].1[slot][chosen[file][slot]])).or_default() += 1;
            edits.push(format!("{}: {was:?} -> {:?}", files[file].0, files[file].1[slot][chosen[file][slot]]));
            // Moved lines alone change nothing for others.
            write(&project, &files[file], &chosen[file]);
            paths.push(project.root().join(files[file].0));
        }
        // A program that stays open tells what was touched; one that is started anew cannot.
        let touched = (step % 3 > 0).then(|| (session.clone(), paths));
        let outcome = run(&Request { touched, ..request(&project, 2) }, &Disk, &Cancel::new(), &Silent).expect("indexed");
        session = outcome.session;
        let after = links(&project);
        let fresh = Request { index: project.index().with_file_name("fresh.sqlite"), verify: true, ..request(&project, 1) };
        let _ = std::fs::remove_file(&fresh.index);
        testkit::sound(&run(&fresh, &Disk, &Cancel::new(), &Silent).expect("indexed").summary);
        let (ours, theirs) = (told(&project.index()), told(&fresh.index));
        let only = |a: &[String], b: &[String]| a.iter().filter(|l| !b.contains(l)).cloned().collect::<Vec<_>>().join("\n");
        assert!(ours == theirs, "step {step}, {edits:?}\nrefreshed: {}\nfull: {}", only(&ours, &theirs), only(&theirs, &ours));
        match outcome.reach {
            AffectedFiles::Everything(_) => everything += 1,
            AffectedFiles::Files(reached) => {
                some += 1;
                for (id, (path, now)) in after.iter().filter(|(id, _)| !reached.contains(id)) {
                    kept += 1;
                    let (was, is) = (&before[id].1, now);
                    assert!(was == is, "step {step}: {path} was said to be out of the reach of {edits:?}\n{}", differences(&project, was, is));
                }
            }
        }
        before = after;
    }
    assert!(kinds.keys().filter(|k| **k != "nothing").count() >= 3, "edits of several kinds: {kinds:?}");
    eprintln!("{steps} steps: {kinds:?}; everything {everything}, some files {some}; {kept} times a file kept its links");
    assert!(some > steps / 2 && kept > steps, "most changes reach few files: everything {everything}, some {some}, kept {kept}");
}
