package scala.util.control

/** Any throwable that a program may go on after. */
object NonFatal {
  def apply(t: Throwable): Boolean
  def unapply(t: Throwable): Option[Throwable]
}
/** What is thrown to leave a block, without a trace of calls. */
trait ControlThrowable extends Throwable
trait NoStackTrace extends Throwable
class Breaks {
  def breakable(op: => Unit): Unit
  def break(): Nothing
}
object Breaks extends Breaks
