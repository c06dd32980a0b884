(defsystem "tasting"
  :description "Rules of tasting: what a wheel is worth once somebody has cut it."
  :version "1.3.0"
  :serial t
  :components ((:file "package")
               (:file "wheels")
               (:file "rules")
               (:file "cellar-rules")
               (:file "verdicts"))
  :in-order-to ((test-op (test-op "tasting/tests"))))

(defsystem "tasting/tests"
  :depends-on ("tasting")
  :components ((:file "tests")))
