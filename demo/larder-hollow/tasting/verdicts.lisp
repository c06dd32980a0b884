(in-package :tasting)

(defparameter *grades* '((9 . :prime) (6 . :sound) (0 . :kitchen))
  "From which grade on a wheel is called what.")

(defun judge (wheel)
  "Tastes WHEEL by all rules and returns what it is called, and the verdict."
  (let ((verdict (with-tasting (wheel)
                   (when (null (verdict-notes *verdict*))
                     (note "nothing to say against it")))))
    (values (called (verdict-grade verdict)) verdict)))

(defun called (grade)
  (loop for (least . name) in *grades*
        when (>= grade least) return name))

(defun explain (wheel &optional (stream *standard-output*))
  "Writes what all rules say of WHEEL to STREAM."
  (multiple-value-bind (name verdict) (judge wheel)
    (format stream "~A: ~(~A~), ~D of 10~%" (name (tasted-cheese wheel)) name (verdict-grade verdict))
    (dolist (line (reverse (verdict-notes verdict)))
      (format stream "  ~A~%" line))))
