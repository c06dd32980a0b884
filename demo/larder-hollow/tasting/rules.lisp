(in-package :tasting)

(defvar *rules* '()
  "All rules by name, the newest first.")

(defvar *verdict* nil
  "What is being said of the wheel on the table.")

(defstruct verdict
  "What a tasting says."
  (grade 10)
  (notes '()))

(defstruct rule name says test)

(defmacro define-rule (name (wheel) says &body body)
  "Defines a rule NAME. BODY runs with WHEEL on the table and may call NOTE and GRADE; SAYS is what the rule is about."
  (let ((test (intern (format nil "~A-RULE" name))))
    `(progn
       (defun ,test (,wheel)
         ,says
         ,@body)
       (push (make-rule :name ',name :says ,says :test #',test) *rules*))))

(defmacro with-tasting ((wheel &key (verdict '(make-verdict))) &body body)
  "Runs BODY with a fresh verdict on WHEEL, which all rules have looked at, and returns the verdict."
  `(let ((*verdict* ,verdict))
     (dolist (rule (reverse *rules*))
       (funcall (rule-test rule) ,wheel))
     ,@body
     *verdict*))

(defmacro between (low value high)
  "Is VALUE neither below LOW nor above HIGH? It is computed once."
  (let ((it (gensym "VALUE")))
    `(let ((,it ,value))
       (<= ,low ,it ,high))))

(defun note (control &rest arguments)
  "Adds a note to the verdict."
  (push (apply #'format nil control arguments) (verdict-notes *verdict*)))

(defun grade (by)
  "Moves the grade, which stays between 0 and 10."
  (setf (verdict-grade *verdict*)
        (max 0 (min 10 (+ (verdict-grade *verdict*) by)))))
