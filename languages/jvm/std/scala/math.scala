package scala.math

/** Compares values. */
trait Ordering[T] extends java.util.Comparator[T] {
  def compare(x: T, y: T): Int
  def lt(x: T, y: T): Boolean
  def gt(x: T, y: T): Boolean
  def max(x: T, y: T): T
  def min(x: T, y: T): T
  def reverse: Ordering[T]
  def on[U](f: U => T): Ordering[U]
}
object Ordering {
  def by[T, S](f: T => S): Ordering[T]
  def fromLessThan[T](cmp: (T, T) => Boolean): Ordering[T]
}
trait Ordered[A] {
  def compare(that: A): Int
}
trait Numeric[T] extends Ordering[T] {
  def plus(x: T, y: T): T
  def minus(x: T, y: T): T
  def times(x: T, y: T): T
  def zero: T
  def one: T
  def toInt(x: T): Int
}
trait Equiv[T]
final class BigInt { def toInt: Int; def toLong: Long; def toDouble: Double; def pow(exp: Int): BigInt; def abs: BigInt; def signum: Int; def underlying: java.math.BigInteger }
object BigInt {
  def apply(i: Int): BigInt
  def apply(s: String): BigInt
}
final class BigDecimal { def toInt: Int; def toLong: Long; def toDouble: Double; def pow(exp: Int): BigDecimal; def abs: BigDecimal; def signum: Int; def underlying: java.math.BigDecimal }
object BigDecimal {
  def apply(i: Int): BigDecimal
  def apply(s: String): BigDecimal
}
