(in-package :tasting)

(define-rule ripeness (wheel)
    "A wheel is cut when it is ripe."
  (let ((age (age wheel)))
    (cond ((< age 1/2) (note "cut far too early") (grade -4))
          ((between 9/10 age 13/10) (grade 1))
          ((> age 2) (note "~,1F times too old" age) (grade -3)))))

(define-rule rind (wheel)
    "The rind suits the cheese."
  (unless (suits (tasted-cheese wheel) (tasted-rind wheel))
    (note "a ~(~A~) rind" (tasted-rind wheel))
    (grade -2)))

(define-rule salt (wheel)
    "Neither flat nor brine."
  (unless (between 3 (tasted-salt wheel) 7)
    (note "salt ~D" (tasted-salt wheel))
    (grade (- (abs (- 5 (tasted-salt wheel)))))))

(define-rule nose (wheel)
    "The nose goes first."
  (when (< (tasted-nose wheel) 4)
    (note "a weak nose")
    (grade -1)))
