;;; Writes the declarations of the language's own names, as the running implementation knows them.
;;; Arguments: a list of names with a line of documentation each, the file to write.
(require :sb-introspect)

(defvar *docs* (make-hash-table :test #'equal))

(defun read-docs (file)
  (with-open-file (in file)
    (loop for line = (read-line in nil) while line
          for tab = (position #\Tab line)
          when tab do (setf (gethash (subseq line 0 tab) *docs*) (subseq line (1+ tab))))))

(defun name (symbol) (string-downcase (symbol-name symbol)))

(defun plain (list)
  "The parameters without their defaults; what only the implementation has is left out."
  (loop with rest = nil
        for tail = list then (if (consp tail) (cdr tail) nil)
        while tail
        for item = (if (consp tail) (car tail) tail)
        do (cond ((not (consp tail)) (return (append (nreverse rest) (list "&rest" (name item)))))
                 ((and (symbolp item) (string= (symbol-name item) "&MORE")) (return (append (nreverse rest) (list "&rest" "args"))))
                 ((symbolp item) (push (name item) rest))
                 ((and (consp item) (consp (car item))) (push (name (cadar item)) rest))
                 ((consp item) (push (name (car item)) rest)))
        finally (return (nreverse rest))))

(defun doc-line (symbol out)
  (let ((doc (gethash (name symbol) *docs*)))
    (when doc (format out "~%  ~s" doc))))

(defun declare-function (symbol out)
  (let ((list (ignore-errors (sb-introspect:function-lambda-list (or (macro-function symbol) (and (fboundp symbol) (fdefinition symbol)))))))
    (cond ((special-operator-p symbol) (format out "(defmacro ~a (&rest forms)" (name symbol)))
          ((macro-function symbol) (format out "(defmacro ~a (~{~a~^ ~})" (name symbol) (plain (ignore-errors (sb-introspect:function-lambda-list symbol)))))
          ((typep (fdefinition symbol) 'generic-function)
           (format out "(defgeneric ~a (~{~a~^ ~})" (name symbol) (plain list))
           (let ((doc (gethash (name symbol) *docs*))) (when doc (format out "~%  (:documentation ~s)" doc)))
           (format out ")~%")
           (return-from declare-function))
          (t (format out "(defun ~a (~{~a~^ ~})" (name symbol) (plain list))))
    (doc-line symbol out)
    (format out (if (gethash (name symbol) *docs*) "~%  nil)~%" ")~%"))))

(defun declare-place (symbol out)
  (when (or (fboundp `(setf ,symbol)) (sb-int:info :setf :expander symbol))
    (format out "(defsetf ~a (&rest args) (value) nil)~%" (name symbol))))

(defun declare-variable (symbol out)
  (format out (if (constantp symbol) "(defconstant ~a nil" "(defvar ~a nil") (name symbol))
  (doc-line symbol out)
  (format out ")~%"))

(defun declare-type (symbol out)
  (let ((class (find-class symbol nil)))
    (if class
        (format out "(defclass ~a (~{~a~^ ~}) ())~%" (name symbol)
                (loop for c in (sb-mop:class-direct-superclasses class)
                      for n = (class-name c)
                      when (eq (symbol-package n) (find-package :common-lisp)) collect (name n)))
        (format out "(deftype ~a (&rest args) nil)~%" (name symbol)))))

(let ((arguments (cdr (member "--" sb-ext:*posix-argv* :test #'string=))))
  (read-docs (first arguments))
  (with-open-file (out (second arguments) :direction :output :if-exists :supersede)
    (format out "(defpackage :common-lisp (:use) (:nicknames :cl)~%  (:documentation \"The language itself.\"))~%~%(in-package :common-lisp)~%~%")
    (let (symbols)
      (do-external-symbols (s :common-lisp) (push s symbols))
      (dolist (symbol (sort symbols #'string< :key #'symbol-name))
        (unless (member symbol '(nil t) :test #'eq)
          (when (or (fboundp symbol) (special-operator-p symbol)) (declare-function symbol out))
          (declare-place symbol out)
          (when (boundp symbol) (declare-variable symbol out))
          (when (or (find-class symbol nil) (sb-int:info :type :kind symbol)) (declare-type symbol out)))))))
