//! Programs of many variants: what `reach` and `moves` change, file by file.

use crate::reach::File;

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
