(defpackage :tasting
  (:use :cl)
  (:documentation "Rules of tasting, written as rules: a language of a few words for those who taste.")
  (:export #:tasted #:make-tasted #:tasted-cheese #:tasted-days
           #:define-rule #:with-tasting #:note #:grade
           #:judge #:verdict #:verdict-grade #:verdict-notes #:explain))
