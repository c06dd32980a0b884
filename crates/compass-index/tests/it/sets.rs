//! Programs of many variants: what `reach` and `moves` change, file by file.

/// A file: its path, and the texts of each slot.
pub type File = (&'static str, &'static [&'static [&'static str]]);

pub const PHP: &[File] = &[
    (
        "wheel/Wheel.php",
        &[
            &["<?php\nnamespace Larder\\Wheels;"],
            &["class Wheel extends Disc {", "class Wheel implements Turner {", "class Wheel { use Spins;"],
            &[
                "  public function turn(): Crumb { return new Crumb; }",
                "  public function turn(int $by): static { return $this; }",
                "  public function spin() {}",
            ],
            &["  public int $age;", "  public function __construct() {}", "  public function __construct(private Crumb $crumb) {}"],
            &["}"],
        ],
    ),
    (
        "wheel/Disc.php",
        &[
            &["<?php\nnamespace Larder\\Wheels;"],
            &["class Disc { public function roll(): Crumb { return new Crumb; } }", "abstract class Disc { abstract public function turn(); public $age; }"],
            &["", "trait Spins { private $age; public function spin(): Wheel { return $this; } }"],
        ],
    ),
    (
        "wheel/Turner.php",
        &[
            &["<?php\nnamespace Larder\\Wheels;", "<?php\nnamespace Larder;"],
            &[
                "interface Turner { public function turn(); }",
                "interface Turner { public function spin(): Wheel; }",
                "/** @method Wheel turn() */ interface Turner { }",
            ],
        ],
    ),
    (
        "wheel/Crumb.php",
        &[
            &["<?php\nnamespace Larder\\Wheels;"],
            &["class Crumb { public function eat() {} const SALT = 1; }", "enum Crumb { case Salt; public function eat(Wheel $w) {} }"],
            &["function bake(): Crumb { return new Crumb; }", "const OVEN = 1;", ""],
        ],
    ),
    (
        "setup.php",
        &[
            &["<?php"],
            &["$wheel = new \\Larder\\Wheels\\Wheel;", "$wheel = null;", "$crumb = new Larder\\Wheels\\Crumb;"],
            &["function bake() { return new Larder\\Wheels\\Wheel; }", "define('OVEN', 2);", ""],
        ],
    ),
    (
        "rack/Rack.php",
        &[
            &["<?php\nnamespace Larder\\Racks;"],
            &[
                "use Larder\\Wheels\\Wheel;\nuse Larder\\Wheels\\{Crumb, Disc as D};",
                "use Larder\\Wheels\\Disc as Wheel;\nuse Larder\\Turner;",
                "use Larder\\Wheels;\nuse function Larder\\Wheels\\bake;",
            ],
            &["class Rack {\n  /** @var Wheel[] */ private $all;", "class Rack extends Wheel {\n  private Wheels\\Wheel $all;", "class Rack {"],
            &["  public function first(): Wheel { return $this->all[0]; }", "  public function first() { return new Wheel; }"],
            &["  public function all() { foreach ($this->all as $w) { $w->turn()->eat(); $w->age = 1; } bake()->eat(); return OVEN; }"],
            &["}"],
        ],
    ),
    (
        "page.php",
        &[
            &["<?php\nuse Larder\\Racks\\Rack;\n$rack = new Rack;", "<?php\ninclude 'setup.php';\n$rack = $wheel;"],
            &["$rack->first()->turn()->eat();", "bake()->turn(); echo OVEN;", "$wheel->turn(); $crumb->eat();"],
            &["function go() { global $wheel; $wheel->spin(); }", "array_map('bake', []); $c = 'Larder\\Wheels\\Crumb';", ""],
        ],
    ),
];

pub const LISP: &[File] = &[
    (
        "packages.lisp",
        &[
            &[
                "(defpackage :wheels (:use :cl) (:export #:turn #:spin))",
                "(defpackage :wheels (:use :cl) (:export #:turn #:wheel #:wheel-age #:*all*) (:nicknames :w))",
            ],
            &[
                "(defpackage :racks (:use :cl :wheels))",
                "(defpackage :racks (:use :cl) (:import-from :wheels #:turn #:wheel))",
                "(defpackage :racks (:use :cl :wheels) (:shadow #:turn))",
            ],
        ],
    ),
    (
        "wheels.lisp",
        &[
            &["(in-package :wheels)", "(in-package :cl-user)"],
            &["(defun turn (w) w)", "(defgeneric turn (w))", "(defmacro turn (w) `(spin ,w))"],
            &["(defstruct wheel age)", "(defstruct (wheel (:include disc)) (crumb (turn 1)))", "(defclass wheel () ((age :accessor wheel-age)))"],
            &["(defvar *all* nil)", "(defparameter *all* (make-wheel))", ""],
            &["(defun spin () (turn *all*))", "(defmethod spin ((w wheel)) (wheel-age w))"],
        ],
    ),
    (
        "disc.lisp",
        &[
            &["(in-package :wheels)"],
            &["(defstruct disc age weight)", "(defstruct (disc (:conc-name d-)) weight)", "(defclass disc () ())"],
            &["(defmethod turn ((d disc)) d)", "#-sbcl (defun spin () 2)", "(defoak spin (turn 1))"],
        ],
    ),
    (
        "larder.asd",
        &[&[
            "(defsystem :larder :components ((:file \"packages\") (:file \"wheels\") (:file \"racks\")))",
            "(defsystem :larder :components (#+ccl (:file \"wheels\") (:file \"disc\")))",
        ]],
    ),
    (
        "racks.lisp",
        &[
            &["(in-package :racks)", "(in-package :wheels)", "(in-package :nowhere)"],
            &["(defun go (w) (turn w) (wheels:turn w) (wheel-age w) (wheel-weight w))", "(defun turn (w) (setf (wheels::wheel-age w) 1))"],
            &["(defun all (&aux (x (spin))) (let ((*all* x)) (mapcar #'turn *all*) (wheel-p x)))", "(flet ((turn (x) x)) (turn 1))"],
            &["(defmethod turn ((w wheel)) (make-wheel))", "(print 'turn)", ""],
        ],
    ),
];

/// Kotlin beside Java, with a declaration for several platforms.
pub const KOTLIN: &[File] = &[
    (
        "wheel/Wheel.kt",
        &[
            &["package larder.wheels", "package larder"],
            &["import java.util.ArrayList\n", ""],
            &["class Wheel(val age: Int) : Disc(), Turner {", "actual class Wheel : Disc() {", "class Wheel(private val crumb: Crumb) {"],
            &["  fun turn(): Crumb = Crumb()", "  fun turn(by: Int) = this", "  val turn: Crumb get() = Crumb()"],
            &["  companion object { fun made() = Wheel(1) }", "  var name = \"\"", ""],
            &["}", "}\nfun Wheel.spin(): Crumb = turn()"],
        ],
    ),
    (
        "wheel/Disc.java",
        &[
            &["package larder.wheels;"],
            &[
                "public class Disc { public String getName() { return \"\"; } public Crumb roll() { return null; } }",
                "public abstract class Disc { abstract Crumb roll(); public int age; }",
                "class Disc { static Disc of() { return new Wheel(1); } }",
            ],
        ],
    ),
    (
        "wheel/Turner.kt",
        &[
            &["package larder.wheels", "package larder"],
            &["interface Turner { fun turn(): Crumb }", "expect class Wheel { fun turn(): Crumb }", "fun interface Turner { fun spin(c: Crumb) }"],
        ],
    ),
    (
        "wheel/Crumb.kt",
        &[
            &["package larder.wheels"],
            &[
                "class Crumb { fun eat() = 1; operator fun component1() = this }",
                "data class Crumb(val wheel: Wheel? = null)",
                "enum class Crumb { SALT; fun eat() = 2 }",
            ],
            &["fun bake() = Crumb()", "const val OVEN = 1", "typealias Bread = Crumb"],
        ],
    ),
    (
        "rack/Rack.kt",
        &[
            &["package larder.racks"],
            &["import larder.wheels.*", "import larder.wheels.Wheel\nimport larder.wheels.spin\nimport larder.wheels.Crumb as Piece", "import larder.*"],
            &[
                "class Rack(private val all: List<Wheel>) {",
                "class Rack : Wheel(1) {\n  val all = ArrayList<Wheel>()",
                "object Rack {\n  val all by lazy { listOf(Wheel(1)) }",
            ],
            &[
                "  fun first() = all.first().turn()",
                "  fun first() = with(all.first()) { spin() }",
                "  fun first() = all.map { it.turn() }.firstOrNull()?.eat()",
            ],
            &["  fun go(w: Any) { if (w is Wheel) w.turn().eat(); for (x in all) x.name = x.name; all.forEach { it.spin().eat() } }"],
            &["}"],
        ],
    ),
    (
        "rack/Main.java",
        &[
            &["package larder.racks;\nimport larder.wheels.*;"],
            &[
                "class Main { int go(Rack r, Wheel w) { r.first(); w.setName(w.getName()); Wheel.Companion.made(); return w.getAge() + Rack.INSTANCE.hashCode(); } }",
                "class Main { Crumb go(Wheel w) { return w.turn(); } }",
            ],
        ],
    ),
];

/// Scala beside Java.
pub const SCALA: &[File] = &[
    (
        "wheel/Wheel.scala",
        &[
            &["package larder.wheels", "package larder\npackage wheels"],
            &["import scala.collection.mutable\n", "import larder.racks._\n", ""],
            &["class Wheel(val age: Int) extends Disc with Turner {", "case class Wheel(age: Int) {", "trait Wheel { self: Turner =>"],
            &["  def turn: Crumb = new Crumb", "  def turn(by: Int): Wheel = this", "  val turn = Crumb.bake"],
            &["}", "}\nobject Wheel {\n  def made = new Wheel(1)\n  implicit class More(val w: Wheel) { def spin: Crumb = w.turn }\n}"],
        ],
    ),
    (
        "wheel/Disc.java",
        &[
            &["package larder.wheels;"],
            &[
                "public class Disc { public Crumb roll() { return null; } }",
                "public abstract class Disc { abstract Crumb roll(); public int age; }",
                "class Disc { static Disc of() { return null; } }",
            ],
        ],
    ),
    (
        "wheel/Turner.scala",
        &[
            &["package larder.wheels", "package larder"],
            &[
                "trait Turner { def turn: Crumb }",
                "trait Turner { this: Wheel => def spin: Crumb = turn }",
                "package object wheels { type Ring = Wheel; val oven = 1 }",
            ],
        ],
    ),
    (
        "wheel/Crumb.scala",
        &[
            &["package larder.wheels"],
            &["class Crumb { def eat: Int = 1 }", "case class Crumb(wheel: Wheel) { def eat = wheel.turn }", "enum Crumb:\n  case Salt\n  def eat = 2"],
            &["object Crumb { def bake = new Crumb; def apply(n: Int): Wheel = null }", "object Crumb extends Turner", ""],
        ],
    ),
    (
        "rack/Rack.scala",
        &[
            &["package larder.racks", "package larder\npackage racks"],
            &["import larder.wheels._", "import larder.wheels.{Wheel, Crumb => Piece}\nimport Wheel._", "import wheels.Wheel"],
            &[
                "class Rack(all: List[Wheel]) {",
                "class Rack extends Wheel(1) {\n  val all = List(new Wheel(1))",
                "object Rack {\n  lazy val all = Option(Wheel.made)",
            ],
            &["  def first = all.head.turn", "  def first = all.map(_.turn).headOption.map(_.eat)", "  def first = for (w <- all) yield w.spin"],
            &["  def go(w: Any) = w match { case x: Wheel => x.turn.eat; case Wheel(a) => a; case y @ Crumb(_) => y.eat }"],
            &["}"],
        ],
    ),
];

/// Ruby: classes opened in several files, modules, constants.
pub const RUBY: &[File] = &[
    (
        "wheel/wheel.rb",
        &[
            &["require_relative \"disc\"\n", "require \"crumb\"\n", ""],
            &["class Wheel < Disc\n", "module Larder\nclass Wheel\n  include Spins\n", "class Wheel\n  extend Spins\n"],
            &["  attr_accessor :crumb\n", "  attr_reader :crumb, :age\n", ""],
            &["  def turn = Crumb.new\n", "  def turn(by) = @crumb\n", "  def self.turn = new\n"],
            &["end\n", "end\nWIDE = 1\n"],
            &["", "def bake = Wheel.new\n"],
        ],
    ),
    (
        "wheel/disc.rb",
        &[&["class Disc\n  def roll = Crumb.new\nend\n", "module Larder\n  class Disc\n    def roll; super; end\n  end\nend\n", "class Disc < Wheel\nend\n"]],
    ),
    (
        "wheel/spins.rb",
        &[&[
            "module Spins\n  def spin = turn\nend\n",
            "module Larder::Spins\n  def spin; end\n  WIDE = 2\nend\n",
            "class Wheel\n  def spin = roll\n  def method_missing(*); end\nend\n",
        ]],
    ),
    (
        "wheel/crumb.rb",
        &[
            &["class Crumb\n  SALT = 1\n", "module Larder\nclass Crumb < Struct.new(:salt)\n", "Crumb = Struct.new(:wheel) do\n"],
            &["  def eat = SALT\n", "  # @return [Wheel]\n  def eat; end\n"],
            &["end\n", "end\n$oven = Crumb\n"],
        ],
    ),
    (
        "rack/rack.rb",
        &[
            &["module Larder\n", "class Larder\n", ""],
            &["class Rack\n  def initialize\n    @all = [Wheel.new]\n  end\n", "class Rack < Larder::Wheel\n", "class Wheel\n  @@all = {}\n"],
            &["  def first = @all.first.turn\n", "  def first\n    @all.map(&:turn).each { |w| w.eat }\n  end\n"],
            &["  def go(w)\n    w.spin.eat\n    bake.turn\n    self.crumb = Crumb::SALT\n    $oven\n  end\n"],
            &["end\n"],
        ],
    ),
];

/// Lua: modules as tables, what stands behind them, names left to all.
pub const LUA: &[File] = &[
    (
        "wheel/wheel.lua",
        &[
            &["local Wheel = {}\n", "local Wheel = { age = 1 }\n", "local disc = require(\"disc\")\nlocal Wheel = setmetatable({}, { __index = disc })\n"],
            &["Wheel.__index = Wheel\n", ""],
            &[
                "function Wheel.new() return setmetatable({}, Wheel) end\n",
                "function Wheel.new(n) local self = setmetatable({}, Wheel) self.n = n return self end\n",
            ],
            &["function Wheel:turn() return Wheel.new() end\n", "Wheel.turn = function(by) return by end\n", "function Wheel:turn() return self.n end\n"],
            &["return Wheel\n", "return { turn = Wheel.turn, new = Wheel.new }\n", "return Wheel.new\n"],
        ],
    ),
    ("disc.lua", &[&["local M = {}\nfunction M:roll() end\nreturn M\n", "return function() return 1 end\n", "Disc = {}\nfunction Disc.roll() end\n"]]),
    (
        "all.lua",
        &[&["function bake() return require(\"wheel.wheel\") end\n", "bake = 1\n", "local function bake() end\n"], &["", "Oven = { heat = function() end }\n"]],
    ),
    (
        "rack/rack.lua",
        &[
            &["local Wheel = require(\"wheel.wheel\")\n", "local Wheel = require \"disc\"\n"],
            &["local w = Wheel.new()\n", "local w = Wheel.new(2)\n"],
            &["w:turn():turn()\n", "w.n = w.age\n", "Wheel:roll()\n"],
            &["bake().new()\n", "Oven.heat()\n", "Disc.roll()\nlocal new = Wheel.new\nnew(1):turn()\n"],
        ],
    ),
];

/// Protocol Buffers: packages, files that hand others on, options.
pub const PROTOBUF: &[File] = &[
    (
        "larder/rack.proto",
        &[
            &["syntax = \"proto3\";\npackage larder;\n", "syntax = \"proto3\";\npackage larder.racks;\n", "syntax = \"proto3\";\n"],
            &["import \"larder/wheel.proto\";\n", "import public \"larder/wheel.proto\";\n", ""],
            &["message Rack { Wheel first = 1; message Wheel { int32 n = 1; } }\n", "message Rack { larder.Wheel first = 1; }\n", "enum Rack { WHEEL = 0; }\n"],
        ],
    ),
    (
        "larder/wheel.proto",
        &[&["package larder;\nmessage Wheel { int32 age = 1; }\n", "package larder;\nmessage Disc {}\nenum Wheel { AGE = 0; }\n", "message Wheel {}\n"]],
    ),
    (
        "larder/plan/plan.proto",
        &[
            &["package larder.plan;\n", "package other;\n"],
            &["import \"larder/rack.proto\";\n", "import \"wheel.proto\";\n"],
            &["service Planner { rpc Turn (Rack) returns (Wheel); }\n", "message Plan { .larder.Wheel w = 1 [deprecated = true]; Rack.Wheel inner = 2; }\n"],
        ],
    ),
];

/// GraphQL: types in parts, selections through them.
pub const GRAPHQL: &[File] = &[
    (
        "schema.graphql",
        &[
            &["type Query { rack(id: ID): Rack }\n", "schema { query: Root }\ntype Root { rack: Rack }\n", "type Query { rack: [Thing] }\n"],
            &["type Rack { wheel(n: Int): Wheel }\n", "interface Rack { wheel: Wheel }\n", "union Rack = Wheel | Thing\n"],
            &["type Wheel { name: String }\n", "type Wheel implements Rack { wheel: Wheel }\n", ""],
        ],
    ),
    (
        "more.graphqls",
        &[
            &["extend type Rack { age: Int }\n", "type Thing { wheel: Wheel }\n", "extend type Wheel { name: Thing }\n"],
            &["directive @mark(by: Int) on FIELD\n", ""],
        ],
    ),
    (
        "ops.gql",
        &[
            &["query A($id: ID) { rack(id: $id) { ...Shown wheel(n: 1) { name } } }\n", "{ rack { age wheel { name @mark(by: 2) } } }\n"],
            &["fragment Shown on Rack { age wheel { name } }\n", "fragment Shown on Wheel { name }\n", ""],
        ],
    ),
];

/// Shell: scripts that source others, and are sourced.
pub const SHELL: &[File] = &[
    (
        "lib/common.sh",
        &[&["log() { echo \"$level $1\"; }\n", "log() { local level=1; helper; }\n", "alias log='echo'\n"], &["colour=amber\n", "export colour\n", ""]],
    ),
    ("lib/more.sh", &[&[". ./common.sh\n", "source \"$here/common.sh\"\n", ""], &["helper() { log \"$colour\"; }\n", "level=3\n"]]),
    (
        "run.sh",
        &[
            &["source lib/more.sh\n", ". \"$(dirname $0)/lib/common.sh\"\n", ""],
            &["level=2\n", "turn() { local level; log a; }\n"],
            &["log \"$colour\"\n", "helper; trap turn EXIT\n", "./lib/common.sh && turn\n"],
        ],
    ),
];

/// Pages, templates and sheets.
pub const MARKUP: &[File] = &[
    (
        "board.css",
        &[
            &[":root { --gap: 1px }\n", "@import \"vars.css\";\n", ""],
            &[".rack { margin: var(--gap) }\n", ".rack .wheel { }\n", "#list .wheel { animation: spin 1s }\n@keyframes spin { }\n"],
        ],
    ),
    ("vars.css", &[&[":root { --gap: 2px }\n", ".rack { }\n", ""]]),
    (
        "base.html",
        &[
            &["<link href=\"board.css\">\n", "<link href=\"vars.css\">\n", ""],
            &["{% block body %}{% endblock %}\n", "{% macro body(a) %}{{ a }}{% endmacro %}\n<p id=list>\n"],
        ],
    ),
    (
        "rack.html",
        &[
            &["{% extends \"base.html\" %}\n", "{% import \"base.html\" as b %}\n", "{% from \"base.html\" import body %}\n"],
            &["{% block body %}{{ super() }}{% endblock %}\n", "{{ b.body(1) }}{{ body(2) }}\n"],
            &["<p class=\"rack wheel\">\n", "<a href=\"#list\" id=x class=\"wheel\">\n"],
        ],
    ),
];

/// Makefiles and what stands beside them.
pub const MANIFEST: &[File] = &[
    (
        "Makefile",
        &[
            &["include rules.mk\n", ""],
            &["CAVE = 1\n", "CAVE += $(FLAGS)\n"],
            &["all: board x.o\n\techo $(CAVE)\n", "all:\n\t$(MAKE) -C lib board\n"],
            &["board: all\n", ""],
        ],
    ),
    ("rules.mk", &[&["FLAGS ?= $(CAVE)\n", "define FLAGS\nx\nendef\n", ""], &["%.o: %.c\n", "board:\n"]]),
    ("lib/Makefile", &[&["board: ../rules.mk\n", "all: board\n", "include ../rules.mk\n"]]),
    ("Dockerfile", &[&["FROM a AS build\n", "ARG V=1\nFROM b AS build\n"], &["FROM build AS run\nRUN ./go.sh $V\n", "FROM c\nCOPY --from=build a b\n"]]),
    (
        "compose.yml",
        &[&["services:\n  a:\n    build: .\n", "services:\n  a: {}\n"], &["  b:\n    depends_on: [a]\n", "  b:\n    volumes: [data:/x]\nvolumes:\n  data:\n"]],
    ),
    ("package.json", &[&["{ \"scripts\": { \"a\": \"npm run b\", \"b\": \"node go.js\" } }\n", "{ \"scripts\": { \"b\": \"yarn a\" } }\n"]]),
    ("main.mk", &[&["include wheel.mk\n", "include rules.mk\n"], &["oil: $(FLAGS) board\n", "oil: x.o\n\techo $(AGE)\n"]]),
    ("wheel.mk", &[&["AGE = 3\n", "board: oil\n", "include rules.mk\n"]]),
    ("lib/disc.mk", &[&["include ../wheel.mk\n", ""], &["disc: $(AGE)\n", "AGE += 1\n"]]),
];
