//! Programs of many variants in languages that are compiled.

use crate::sets::File;

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
