(in-package :tasting)

(defstruct tasted
  "A wheel on the table: what it is, how old, what nose and tongue say, each from 0 to 10."
  cheese
  (days 0 :type integer)
  (nose 5)
  (salt 5)
  (rind :dry))

(deftype rind () '(member :dry :sticky :mouldy :cracked))

(defclass cheese ()
  ((name :initarg :name :reader name :documentation "As it stands on the label.")
   (ripe :initarg :ripe :reader ripe :documentation "Days after which it is ripe."))
  (:documentation "A cheese of the cooperative."))

(defclass washed (cheese) ()
  (:documentation "Washed with brine; may stick."))

(defclass blue (cheese)
  ((veins :initarg :veins :initform 3 :accessor veins :documentation "How many veins a cut shows at least."))
  (:documentation "Blue from within."))

(defgeneric suits (cheese rind)
  (:documentation "Does a rind suit a cheese?"))

(defmethod suits ((cheese cheese) rind)
  (eq rind :dry))

(defmethod suits ((cheese washed) rind)
  (or (eq rind :sticky) (call-next-method)))

(defmethod suits ((cheese blue) rind)
  (member rind '(:dry :mouldy)))

(defun age (wheel)
  "How ripe a WHEEL is: 1 when it is as old as it should be."
  (/ (tasted-days wheel) (ripe (tasted-cheese wheel))))
