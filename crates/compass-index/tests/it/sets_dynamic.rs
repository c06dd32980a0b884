//! Programs of many variants in languages without a compiler, and in TypeScript.

use crate::sets::File;

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
