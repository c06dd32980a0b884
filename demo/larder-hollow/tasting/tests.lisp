(in-package :tasting)

(defmacro check (form)
  "Ends with an error unless FORM is true."
  `(assert ,form () "~S does not hold" ',form))

(defun run-tests ()
  (let* ((quarry (make-instance 'blue :name "Old Quarry" :ripe 90))
         (good (make-tasted :cheese quarry :days 95 :rind :mouldy))
         (late (make-tasted :cheese quarry :days 300 :rind :cracked :salt 9)))
    (check (eq :prime (judge good)))
    (check (eq :kitchen (judge late)))
    (check (search "cracked" (with-output-to-string (out) (explain late out))))))
