package scala.util

/** One of two values: by habit a failure on the left. */
sealed abstract class Either[+A, +B] {
  def left: Option[A]
  def isLeft: Boolean
  def isRight: Boolean
  def map[C](f: B => C): Either[A, C]
  def flatMap[C, D](f: B => Either[A, D]): Either[A, D]
  def fold[C](fa: A => C, fb: B => C): C
  def foreach[U](f: B => U): Unit
  def getOrElse[C](or: => B): B
  def toOption: Option[B]
  def swap: Either[B, A]
  def filterOrElse[C](p: B => Boolean, zero: => A): Either[A, B]
  def contains(elem: B): Boolean
  def exists(p: B => Boolean): Boolean
  def forall(p: B => Boolean): Boolean
  def orElse[C, D](or: => Either[A, B]): Either[A, B]
  def toSeq: Seq[B]
  def toTry: Try[B]
  def merge: A
}

final case class Left[+A, +B](value: A) extends Either[A, B]
final case class Right[+A, +B](value: B) extends Either[A, B]
object Either {
  def cond[A, B](test: Boolean, right: => B, left: => A): Either[A, B]
}

/** A value, or what was thrown in its place. */
sealed abstract class Try[+T] {
  def isSuccess: Boolean
  def isFailure: Boolean
  def get: T
  def getOrElse[U](default: => T): T
  def orElse[U](default: => Try[T]): Try[T]
  def map[U](f: T => U): Try[U]
  def flatMap[U](f: T => Try[U]): Try[U]
  def foreach[U](f: T => U): Unit
  def filter(p: T => Boolean): Try[T]
  def recover[U](pf: PartialFunction[Throwable, U]): Try[U]
  def recoverWith[U](pf: PartialFunction[Throwable, Try[U]]): Try[U]
  def fold[U](fa: Throwable => U, fb: T => U): U
  def toOption: Option[T]
  def toEither: Either[Throwable, T]
  def failed: Try[Throwable]
  def collect[U](pf: PartialFunction[T, U]): Try[U]
  def transform[U](s: T => Try[U], f: Throwable => Try[U]): Try[U]
}

object Try {
  def apply[T](r: => T): Try[T]
}
final case class Success[+T](value: T) extends Try[T]
final case class Failure[+T](exception: Throwable) extends Try[T]

/** Closes what was opened. */
object Using {
  def apply[R, A](resource: => R)(f: R => A): Try[A]
  def resource[R, A](resource: R)(body: R => A): A
}

/** Random numbers. */
class Random {
  def nextInt(): Int
  def nextInt(n: Int): Int
  def nextLong(): Long
  def nextDouble(): Double
  def nextBoolean(): Boolean
  def nextString(length: Int): String
  def shuffle[T](xs: Seq[T]): Seq[T]
}
object Random extends Random
