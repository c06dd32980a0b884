;;; Runs the tests of the rules.
(require :asdf)
(asdf:load-asd (merge-pathnames "tasting.asd" *load-truename*))
(asdf:load-system "tasting/tests")
(tasting::run-tests)
