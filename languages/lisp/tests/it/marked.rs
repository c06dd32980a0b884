//! Common Lisp: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::spaces_of_names(&[(
    "names.lisp",
    r#"(defpackage :larder (:use :cl))
(in-package :larder)

(defvar ⟦racks:*racks*⟧ '())
(defconstant ⟦size:+size+⟧ 3)

(defun ⟦listof:rack⟧ (⟦rack:rack⟧)
  (list «rack=rack»))

(defclass ⟦class:rack⟧ () ((depth :initarg :depth :accessor ⟦depth:depth-of⟧)))

(defun ⟦all:all⟧ (⟦x:x⟧)
  (let ((⟦y:y⟧ («listof=rack» «x=x»))
        («racks=*racks*» nil))
    (flet ((⟦shown:shown⟧ (⟦x2:x⟧) «x2=x»))
      (setf («depth=depth-of» «x=x») «size=+size+»)
      (push «y=y» «racks=*racks*»)
      (mapcar #'«shown=shown» (mapcar '«listof=rack» (list («shown=shown» «y=y») (make-instance '«class=rack») («depth=depth-of» «x=x»)))))))
"#,
)])]
#[case::generic_functions(&[(
    "generic.lisp",
    r#"(defgeneric ⟦weigh:weigh⟧ (thing)
  (:method ((thing null)) 0))
(defclass ⟦wheel:wheel⟧ () ())
(defclass ⟦heavy:heavy-wheel⟧ («wheel=wheel») ())
(defmethod weigh ((w «wheel=wheel»)) 1)
(defmethod weigh :around ((w «heavy=heavy-wheel»)) (call-next-method))
(defmethod ⟦alone:turn⟧ ((w wheel)) («weigh=weigh» w))
(defun go-on (w) («alone=turn» w) («weigh=weigh» w))
(define-condition ⟦deep:too-deep⟧ (error) ((depth :reader ⟦how:how-deep⟧)))
(defun try (w)
  (handler-case («weigh=weigh» w)
    («deep=too-deep» (⟦c:c⟧) («how=how-deep» «c=c»))))
"#,
)])]
#[case::structures(&[(
    "structures.lisp",
    r#"(defstruct ⟦shelf:shelf⟧ depth)
(defstruct (⟦rack:rack⟧ (:include «shelf=shelf») (:constructor new-rack (depth))) width)
(defun use-them (r)
  (setf («rack=rack-width» r) 2)
  (incf («rack=rack-depth» r))
  (list («shelf=shelf-depth» r) («rack=new-rack» 3) («shelf=make-shelf») («rack=rack-p» r)))
"#,
)])]
#[case::macros_and_places(&[(
    "macros.lisp",
    r#"(eval-when (:compile-toplevel :load-toplevel :execute)
  (defun ⟦helper:helper⟧ (x) (list 'quote x)))
(defmacro ⟦twice:twice⟧ (form) (let ((⟦f:f⟧ («helper=helper» form))) `(list ,«f=f» (⟦spun:spin⟧ ,form)))) ; the template's call is mentioned
(defun spin (x) x)
(defun ⟦door:door⟧ (rack) (car rack))
(defun (setf door) (new rack) (setf (car rack) new))
(defun use-them (⟦r:r⟧)
  («twice=twice» «r=r»)
  (let* ((⟦a:a⟧ 1) (⟦b:b⟧ «a=a»)) (list «a=a» «b=b»))
  (dolist (⟦i:i⟧ «r=r») («door=door» «i=i»))
  (loop for ⟦k:k⟧ from 0 below 3 collect («door=door» «k=k»))
  (destructuring-bind (⟦p:p⟧ &rest ⟦q:q⟧) «r=r» (list «p=p» «q=q»))
  (multiple-value-bind (⟦m:m⟧) (floor 3) «m=m»))
"#,
)])]
#[case::packages(&[
    (
        "packages.lisp",
        "(defpackage :wheels (:use :cl) (:nicknames :w) (:export #:turn #:*deep*))\n(defpackage :larder (:use :cl :wheels) (:import-from :oven #:bake) (:shadow #:search))\n(defpackage :oven (:use :cl) (:export #:bake))\n",
    ),
    ("wheels.lisp", "(in-package :wheels)\n(defun ⟦turn:turn⟧ () (hidden))\n(defun ⟦hidden:hidden⟧ () 1)\n(defvar ⟦deep:*deep*⟧ nil)\n"),
    ("oven.lisp", "(in-package #:oven)\n(defun ⟦bake:bake⟧ () 1)\n(defun turn () 'other)\n"),
    (
        "larder.lisp",
        "(in-package \"LARDER\")\n(defun ⟦search:search⟧ (x) x)\n(defun ⟦own:hidden⟧ () 2)\n(defun f () («turn=turn») («bake=bake») («search=search» 1) («own=hidden») (w::«hidden=hidden») (wheels:«turn=turn») (list «deep=*deep*»))\n",
    ),
])]
fn names_lead_where_the_language_leads_them(#[case] files: &[(&str, &str)]) {
    let program: Vec<(&str, String)> = files.iter().map(|f| (f.0, f.1.replace("⟦spun:spin⟧", "spin"))).collect();
    let program: Vec<(&str, &str)> = program.iter().map(|f| (f.0, f.1.as_str())).collect();
    check(&program);
    if let [one] = program[..] {
        compiles(&[one], &["sbcl", "--noinform", "--non-interactive", "--load"], &["lisp"]);
    }
}
