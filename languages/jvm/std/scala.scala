package scala

/** The root of all types. */
abstract class Any {
  def equals(that: Any): Boolean
  def hashCode(): Int
  def toString(): String
  def getClass(): Class[_]
  def isInstanceOf[T]: Boolean
  def asInstanceOf[T]: T
}
abstract class AnyVal extends Any
class AnyRef extends Any {
  def synchronized[T](body: => T): T
  def notify(): Unit
  def notifyAll(): Unit
  def wait(): Unit
}
abstract final class Nothing extends Any
abstract final class Null extends AnyRef
final class Unit extends AnyVal
final class Boolean extends AnyVal

final class Byte extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Byte
  def max(that: N): Byte
  def min(that: N): Byte
  def signum: Int
  def to(end: Byte): Range
  def until(end: Byte): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Byte
  def ceil: Byte
}
object Byte {
  val MaxValue: Byte
  val MinValue: Byte
}

final class Short extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Short
  def max(that: N): Short
  def min(that: N): Short
  def signum: Int
  def to(end: Short): Range
  def until(end: Short): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Short
  def ceil: Short
}
object Short {
  val MaxValue: Short
  val MinValue: Short
}

final class Char extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Char
  def max(that: N): Char
  def min(that: N): Char
  def signum: Int
  def to(end: Char): Range
  def until(end: Char): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Char
  def ceil: Char
  def isDigit: Boolean
  def isLetter: Boolean
  def isLetterOrDigit: Boolean
  def isWhitespace: Boolean
  def isUpper: Boolean
  def isLower: Boolean
  def toUpper: Char
  def toLower: Char
  def asDigit: Int
}
object Char {
  val MaxValue: Char
  val MinValue: Char
}

final class Int extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Int
  def max(that: N): Int
  def min(that: N): Int
  def signum: Int
  def to(end: Int): Range
  def until(end: Int): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Int
  def ceil: Int
}
object Int {
  val MaxValue: Int
  val MinValue: Int
}

final class Long extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Long
  def max(that: N): Long
  def min(that: N): Long
  def signum: Int
  def to(end: Long): Range
  def until(end: Long): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Long
  def ceil: Long
}
object Long {
  val MaxValue: Long
  val MinValue: Long
}

final class Float extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Float
  def max(that: N): Float
  def min(that: N): Float
  def signum: Int
  def to(end: Float): Range
  def until(end: Float): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Float
  def ceil: Float
}
object Float {
  val MaxValue: Float
  val MinValue: Float
}

final class Double extends AnyVal {
  def toByte: Byte
  def toShort: Short
  def toChar: Char
  def toInt: Int
  def toLong: Long
  def toFloat: Float
  def toDouble: Double
  def abs: Double
  def max(that: N): Double
  def min(that: N): Double
  def signum: Int
  def to(end: Double): Range
  def until(end: Double): Range
  def toHexString: String
  def toBinaryString: String
  def isNaN: Boolean
  def round: Long
  def floor: Double
  def ceil: Double
}
object Double {
  val MaxValue: Double
  val MinValue: Double
}

/** A value, or none. */
sealed abstract class Option[+A] extends scala.collection.IterableOnce[A] {
  def isEmpty: Boolean
  def isDefined: Boolean
  def nonEmpty: Boolean
  def get: A
  def getOrElse[B](default: => A): A
  def orNull[B]: A
  def map[B](f: A => B): Option[B]
  def flatMap[B](f: A => Option[B]): Option[B]
  def flatten[B]: A
  def fold[B](ifEmpty: => B)(f: A => B): B
  def filter(p: A => Boolean): Option[A]
  def filterNot(p: A => Boolean): Option[A]
  def withFilter(p: A => Boolean): Option[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def contains[B](elem: B): Boolean
  def collect[B](pf: PartialFunction[A, B]): Option[B]
  def orElse[B](alternative: => Option[A]): Option[A]
  def toList: List[A]
  def toSeq: Seq[A]
  def toRight[X](left: => X): Either[X, A]
  def toLeft[X](right: => X): Either[A, X]
  def zip[B](that: Option[B]): Option[(A, B)]
  def iterator: Iterator[A]
  def size: Int
}

object Option {
  def apply[A](x: A): Option[A]
  def empty[A]: Option[A]
  def when[A](cond: Boolean)(a: => A): Option[A]
}
final case class Some[+A](value: A) extends Option[A]
case object None extends Option[Nothing]

/** Values by position, of a fixed number. */
final class Array[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Array[A]
  def init: Array[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Array[A]
  def filterNot(p: A => Boolean): Array[A]
  def withFilter(p: A => Boolean): Array[A]
  def partition(p: A => Boolean): (Array[A], Array[A])
  def span(p: A => Boolean): (Array[A], Array[A])
  def splitAt(n: Int): (Array[A], Array[A])
  def take(n: Int): Array[A]
  def takeRight(n: Int): Array[A]
  def takeWhile(p: A => Boolean): Array[A]
  def drop(n: Int): Array[A]
  def dropRight(n: Int): Array[A]
  def dropWhile(p: A => Boolean): Array[A]
  def slice(from: Int, until: Int): Array[A]
  def map[B](f: A => B): Array[B]
  def flatMap[B](f: A => IterableOnce[B]): Array[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Array[B]
  def collect[B](pf: PartialFunction[A, B]): Array[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Array[B]
  def groupBy[K](f: A => K): Map[K, Array[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Array[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Array[A]]
  def sliding(size: Int): Iterator[Array[A]]
  def zip[B](that: IterableOnce[B]): Array[(A, B)]
  def zipWithIndex: Array[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Array[B], Array[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Array[A]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def addString(b: StringBuilder): StringBuilder
  def copyToArray[B](xs: Array[B]): Int
  def to[B](factory: B): B
  def toList: List[A]
  def toVector: Vector[A]
  def toSeq: Seq[A]
  def toIndexedSeq: IndexedSeq[A]
  def toIterable: Iterable[A]
  def toSet[B]: Set[A]
  def toArray[B]: Array[A]
  def toBuffer[B]: scala.collection.mutable.Buffer[A]
  def toMap[K, V](implicit each: A => (K, V)): Map[K, V]
  def view: View[A]
  def knownSize: Int
  def corresponds[B](that: IterableOnce[B])(p: (A, B) => Boolean): Boolean
  def apply(i: Int): A
  def length: Int
  def isDefinedAt(i: Int): Boolean
  def lift: Int => Option[A]
  def indices: Range
  def contains(elem: A): Boolean
  def indexOf(elem: A): Int
  def lastIndexOf(elem: A): Int
  def indexWhere(p: A => Boolean): Int
  def reverse: Array[A]
  def reverseIterator: Iterator[A]
  def sorted: Array[A]
  def sortBy[B](f: A => B): Array[A]
  def sortWith(lt: (A, A) => Boolean): Array[A]
  def distinct: Array[A]
  def distinctBy[B](f: A => B): Array[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): Array[A]
  def prepended(elem: A): Array[A]
  def appended(elem: A): Array[A]
  def appendedAll(that: IterableOnce[A]): Array[A]
  def prependedAll(that: IterableOnce[A]): Array[A]
  def concat(that: IterableOnce[A]): Array[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): Array[A]
  def padTo(len: Int, elem: A): Array[A]
  def diff(that: Seq[A]): Array[A]
  def intersect(that: Seq[A]): Array[A]
  def permutations: Iterator[Array[A]]
  def combinations(n: Int): Iterator[Array[A]]
  def sameElements(that: IterableOnce[A]): Boolean
  def update(i: Int, elem: A): Unit
  def clone(): Array[A]
}

object Array {
  def apply[A](elems: A*): Array[A]
  def empty[A]: Array[A]
  def from[A](it: IterableOnce[A]): Array[A]
  def fill[A](n: Int)(elem: => A): Array[A]
  def tabulate[A](n: Int)(f: Int => A): Array[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Array[A]]
  def unapplySeq[A](x: Array[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Array[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Array[A]
  def concat[A](xss: Iterable[A]*): Array[A]
}

trait PartialFunction[-A, +B] extends Function1[A, B] {
  def isDefinedAt(x: A): Boolean
  def lift: A => Option[B]
  def applyOrElse[C, D](x: C, default: C => D): D
}
trait Function0[+R] {
  def apply(): R
}
trait Function1[-T1, +R] {
  def apply(v0: T1): R
}
trait Function2[-T1, -T2, +R] {
  def apply(v0: T1, v1: T2): R
}
trait Function3[-T1, -T2, -T3, +R] {
  def apply(v0: T1, v1: T2, v2: T3): R
}
trait Function4[-T1, -T2, -T3, -T4, +R] {
  def apply(v0: T1, v1: T2, v2: T3, v3: T4): R
}
trait Function5[-T1, -T2, -T3, -T4, -T5, +R] {
  def apply(v0: T1, v1: T2, v2: T3, v3: T4, v4: T5): R
}
trait Function6[-T1, -T2, -T3, -T4, -T5, -T6, +R] {
  def apply(v0: T1, v1: T2, v2: T3, v3: T4, v4: T5, v5: T6): R
}
final case class Tuple1[+T1](_1: T1)
final case class Tuple2[+T1, +T2](_1: T1, _2: T2)
final case class Tuple3[+T1, +T2, +T3](_1: T1, _2: T2, _3: T3)
final case class Tuple4[+T1, +T2, +T3, +T4](_1: T1, _2: T2, _3: T3, _4: T4)
final case class Tuple5[+T1, +T2, +T3, +T4, +T5](_1: T1, _2: T2, _3: T3, _4: T4, _5: T5)
final case class Tuple6[+T1, +T2, +T3, +T4, +T5, +T6](_1: T1, _2: T2, _3: T3, _4: T4, _5: T5, _6: T6)
trait Product {
  def productArity: Int
  def productElement(n: Int): Any
  def productIterator: Iterator[Any]
  def productPrefix: String
}
trait Serializable
final class StringContext(val parts: String*)
class MatchError(obj: Any) extends RuntimeException
class NotImplementedError(msg: String) extends Error
trait Dynamic
class deprecated(message: String, since: String)
class inline
class volatile
class transient
class throws[T]
class native
class unchecked
class specialized

type List[A] = scala.collection.immutable.List[A]
type Seq[A] = scala.collection.immutable.Seq[A]
type Vector[A] = scala.collection.immutable.Vector[A]
type Iterable[A] = scala.collection.Iterable[A]
type IterableOnce[A] = scala.collection.IterableOnce[A]
type Iterator[A] = scala.collection.Iterator[A]
type IndexedSeq[A] = scala.collection.immutable.IndexedSeq[A]
type LazyList[A] = scala.collection.immutable.LazyList[A]
type Either[A, B] = scala.util.Either[A, B]
type Left[A, B] = scala.util.Left[A, B]
type Right[A, B] = scala.util.Right[A, B]
type Range = scala.collection.immutable.Range
type StringBuilder = scala.collection.mutable.StringBuilder
type BigInt = scala.math.BigInt
type BigDecimal = scala.math.BigDecimal
type Ordering[T] = scala.math.Ordering[T]
type Ordered[T] = scala.math.Ordered[T]
type Numeric[T] = scala.math.Numeric[T]
type Equiv[T] = scala.math.Equiv[T]
type Throwable = java.lang.Throwable
type Exception = java.lang.Exception
type Error = java.lang.Error
type RuntimeException = java.lang.RuntimeException
type IllegalArgumentException = java.lang.IllegalArgumentException
type IndexOutOfBoundsException = java.lang.IndexOutOfBoundsException
type NoSuchElementException = java.util.NoSuchElementException
type UnsupportedOperationException = java.lang.UnsupportedOperationException
type NullPointerException = java.lang.NullPointerException
type ClassCastException = java.lang.ClassCastException
type NumberFormatException = java.lang.NumberFormatException
type InterruptedException = java.lang.InterruptedException
val List = scala.collection.immutable.List
val Nil = scala.collection.immutable.Nil
val Seq = scala.collection.immutable.Seq
val Vector = scala.collection.immutable.Vector
val Iterable = scala.collection.Iterable
val Iterator = scala.collection.Iterator
val IndexedSeq = scala.collection.immutable.IndexedSeq
val LazyList = scala.collection.immutable.LazyList
val Either = scala.util.Either
val Left = scala.util.Left
val Right = scala.util.Right
val Range = scala.collection.immutable.Range
val BigInt = scala.math.BigInt
val BigDecimal = scala.math.BigDecimal
val Ordering = scala.math.Ordering
val Numeric = scala.math.Numeric

/** What every file sees without an import. */
object Predef {
  type String = java.lang.String
  type Class[T] = java.lang.Class[T]
  type Map[K, V] = scala.collection.immutable.Map[K, V]
  type Set[A] = scala.collection.immutable.Set[A]
  type Function[A, B] = Function1[A, B]
  val Map = scala.collection.immutable.Map
  val Set = scala.collection.immutable.Set
  def println(x: Any): Unit
  def println(): Unit
  def print(x: Any): Unit
  def printf(text: String, xs: Any*): Unit
  def require(requirement: Boolean): Unit
  def require(requirement: Boolean, message: => Any): Unit
  def assert(assertion: Boolean): Unit
  def assert(assertion: Boolean, message: => Any): Unit
  def assume(assumption: Boolean): Unit
  def implicitly[T](implicit e: T): T
  def summon[T](implicit e: T): T
  def locally[T](x: T): T
  def identity[A](x: A): A
  def classOf[T]: Class[T]
  def valueOf[T]: T
  def ??? : Nothing
  implicit class StringOps(val self: String) {
    def toInt: Int
    def toLong: Long
    def toDouble: Double
    def toFloat: Float
    def toBoolean: Boolean
    def toIntOption: Option[Int]
    def toLongOption: Option[Long]
    def r: scala.util.matching.Regex
    def stripMargin: String
    def stripPrefix(prefix: String): String
    def stripSuffix(suffix: String): String
    def capitalize: String
    def linesIterator: Iterator[String]
    def format(args: Any*): String
    def split(separator: Char): Array[String]
    def map[B](f: Char => B): String
    def flatMap(f: Char => String): String
    def filter(p: Char => Boolean): String
    def filterNot(p: Char => Boolean): String
    def foreach[U](f: Char => U): Unit
    def exists(p: Char => Boolean): Boolean
    def forall(p: Char => Boolean): Boolean
    def count(p: Char => Boolean): Int
    def find(p: Char => Boolean): Option[Char]
    def head: Char
    def headOption: Option[Char]
    def last: Char
    def lastOption: Option[Char]
    def tail: String
    def init: String
    def take(n: Int): String
    def takeRight(n: Int): String
    def takeWhile(p: Char => Boolean): String
    def drop(n: Int): String
    def dropRight(n: Int): String
    def dropWhile(p: Char => Boolean): String
    def slice(from: Int, until: Int): String
    def span(p: Char => Boolean): (String, String)
    def splitAt(n: Int): (String, String)
    def partition(p: Char => Boolean): (String, String)
    def reverse: String
    def nonEmpty: Boolean
    def indexWhere(p: Char => Boolean): Int
    def mkString(sep: String): String
    def zipWithIndex: IndexedSeq[(Char, Int)]
    def toList: List[Char]
    def toSeq: Seq[Char]
    def toSet[B]: Set[Char]
    def toVector: Vector[Char]
    def size: Int
    def iterator: Iterator[Char]
    def padTo(len: Int, elem: Char): String
    def foldLeft[B](z: B)(op: (B, Char) => B): B
    def sorted: String
    def distinct: String
  }
  implicit class ArrowAssoc[A](val self: A) {
    def ->[B](y: B): (A, B)
  }
  implicit class Tapped[A](val self: A) {
    def tap[U](f: A => U): A
    def pipe[B](f: A => B): B
  }
}
