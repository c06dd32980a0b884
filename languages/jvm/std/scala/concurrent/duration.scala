package scala.concurrent.duration

/** A length of time. */
sealed abstract class Duration {
  def toMillis: Long
  def toNanos: Long
  def toSeconds: Long
  def toMinutes: Long
  def isFinite: Boolean
}
object Duration {
  def apply(length: Long, unit: java.util.concurrent.TimeUnit): FiniteDuration
  val Inf: Duration
  val Zero: FiniteDuration
  def fromNanos(nanos: Long): FiniteDuration
}
final class FiniteDuration extends Duration {
  def fromNow: Deadline
  def min(other: FiniteDuration): FiniteDuration
  def max(other: FiniteDuration): FiniteDuration
}
case class Deadline(time: FiniteDuration) {
  def timeLeft: FiniteDuration
  def isOverdue(): Boolean
}
