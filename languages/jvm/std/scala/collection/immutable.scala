package scala.collection.immutable

import scala.collection.{IterableOnce, View}

/** What can be gone through and never changes. */
trait Iterable[+A] extends scala.collection.Iterable[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Iterable[A]
  def init: Iterable[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Iterable[A]
  def filterNot(p: A => Boolean): Iterable[A]
  def withFilter(p: A => Boolean): Iterable[A]
  def partition(p: A => Boolean): (Iterable[A], Iterable[A])
  def span(p: A => Boolean): (Iterable[A], Iterable[A])
  def splitAt(n: Int): (Iterable[A], Iterable[A])
  def take(n: Int): Iterable[A]
  def takeRight(n: Int): Iterable[A]
  def takeWhile(p: A => Boolean): Iterable[A]
  def drop(n: Int): Iterable[A]
  def dropRight(n: Int): Iterable[A]
  def dropWhile(p: A => Boolean): Iterable[A]
  def slice(from: Int, until: Int): Iterable[A]
  def map[B](f: A => B): Iterable[B]
  def flatMap[B](f: A => IterableOnce[B]): Iterable[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[A, B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Iterable[B]
  def groupBy[K](f: A => K): Map[K, Iterable[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Iterable[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Iterable[A]]
  def sliding(size: Int): Iterator[Iterable[A]]
  def zip[B](that: IterableOnce[B]): Iterable[(A, B)]
  def zipWithIndex: Iterable[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Iterable[B], Iterable[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Iterable[A]
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
}

object Iterable {
  def apply[A](elems: A*): Iterable[A]
  def empty[A]: Iterable[A]
  def from[A](it: IterableOnce[A]): Iterable[A]
  def fill[A](n: Int)(elem: => A): Iterable[A]
  def tabulate[A](n: Int)(f: Int => A): Iterable[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Iterable[A]]
  def unapplySeq[A](x: Iterable[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Iterable[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Iterable[A]
  def concat[A](xss: Iterable[A]*): Iterable[A]
}

/** Values in an order that never change. */
trait Seq[+A] extends Iterable[A] with scala.collection.Seq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Seq[A]
  def init: Seq[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Seq[A]
  def filterNot(p: A => Boolean): Seq[A]
  def withFilter(p: A => Boolean): Seq[A]
  def partition(p: A => Boolean): (Seq[A], Seq[A])
  def span(p: A => Boolean): (Seq[A], Seq[A])
  def splitAt(n: Int): (Seq[A], Seq[A])
  def take(n: Int): Seq[A]
  def takeRight(n: Int): Seq[A]
  def takeWhile(p: A => Boolean): Seq[A]
  def drop(n: Int): Seq[A]
  def dropRight(n: Int): Seq[A]
  def dropWhile(p: A => Boolean): Seq[A]
  def slice(from: Int, until: Int): Seq[A]
  def map[B](f: A => B): Seq[B]
  def flatMap[B](f: A => IterableOnce[B]): Seq[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Seq[B]
  def collect[B](pf: PartialFunction[A, B]): Seq[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Seq[B]
  def groupBy[K](f: A => K): Map[K, Seq[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Seq[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Seq[A]]
  def sliding(size: Int): Iterator[Seq[A]]
  def zip[B](that: IterableOnce[B]): Seq[(A, B)]
  def zipWithIndex: Seq[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Seq[B], Seq[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Seq[A]
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
  def reverse: Seq[A]
  def reverseIterator: Iterator[A]
  def sorted: Seq[A]
  def sortBy[B](f: A => B): Seq[A]
  def sortWith(lt: (A, A) => Boolean): Seq[A]
  def distinct: Seq[A]
  def distinctBy[B](f: A => B): Seq[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): Seq[A]
  def prepended(elem: A): Seq[A]
  def appended(elem: A): Seq[A]
  def appendedAll(that: IterableOnce[A]): Seq[A]
  def prependedAll(that: IterableOnce[A]): Seq[A]
  def concat(that: IterableOnce[A]): Seq[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): Seq[A]
  def padTo(len: Int, elem: A): Seq[A]
  def diff(that: Seq[A]): Seq[A]
  def intersect(that: Seq[A]): Seq[A]
  def permutations: Iterator[Seq[A]]
  def combinations(n: Int): Iterator[Seq[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object Seq {
  def apply[A](elems: A*): Seq[A]
  def empty[A]: Seq[A]
  def from[A](it: IterableOnce[A]): Seq[A]
  def fill[A](n: Int)(elem: => A): Seq[A]
  def tabulate[A](n: Int)(f: Int => A): Seq[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Seq[A]]
  def unapplySeq[A](x: Seq[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Seq[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Seq[A]
  def concat[A](xss: Iterable[A]*): Seq[A]
}

/** Values in an order, quick by position. */
trait IndexedSeq[+A] extends Seq[A] with scala.collection.IndexedSeq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: IndexedSeq[A]
  def init: IndexedSeq[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): IndexedSeq[A]
  def filterNot(p: A => Boolean): IndexedSeq[A]
  def withFilter(p: A => Boolean): IndexedSeq[A]
  def partition(p: A => Boolean): (IndexedSeq[A], IndexedSeq[A])
  def span(p: A => Boolean): (IndexedSeq[A], IndexedSeq[A])
  def splitAt(n: Int): (IndexedSeq[A], IndexedSeq[A])
  def take(n: Int): IndexedSeq[A]
  def takeRight(n: Int): IndexedSeq[A]
  def takeWhile(p: A => Boolean): IndexedSeq[A]
  def drop(n: Int): IndexedSeq[A]
  def dropRight(n: Int): IndexedSeq[A]
  def dropWhile(p: A => Boolean): IndexedSeq[A]
  def slice(from: Int, until: Int): IndexedSeq[A]
  def map[B](f: A => B): IndexedSeq[B]
  def flatMap[B](f: A => IterableOnce[B]): IndexedSeq[B]
  def flatten[B](implicit each: A => IterableOnce[B]): IndexedSeq[B]
  def collect[B](pf: PartialFunction[A, B]): IndexedSeq[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): IndexedSeq[B]
  def groupBy[K](f: A => K): Map[K, IndexedSeq[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, IndexedSeq[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[IndexedSeq[A]]
  def sliding(size: Int): Iterator[IndexedSeq[A]]
  def zip[B](that: IterableOnce[B]): IndexedSeq[(A, B)]
  def zipWithIndex: IndexedSeq[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (IndexedSeq[B], IndexedSeq[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): IndexedSeq[A]
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
  def reverse: IndexedSeq[A]
  def reverseIterator: Iterator[A]
  def sorted: IndexedSeq[A]
  def sortBy[B](f: A => B): IndexedSeq[A]
  def sortWith(lt: (A, A) => Boolean): IndexedSeq[A]
  def distinct: IndexedSeq[A]
  def distinctBy[B](f: A => B): IndexedSeq[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): IndexedSeq[A]
  def prepended(elem: A): IndexedSeq[A]
  def appended(elem: A): IndexedSeq[A]
  def appendedAll(that: IterableOnce[A]): IndexedSeq[A]
  def prependedAll(that: IterableOnce[A]): IndexedSeq[A]
  def concat(that: IterableOnce[A]): IndexedSeq[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): IndexedSeq[A]
  def padTo(len: Int, elem: A): IndexedSeq[A]
  def diff(that: Seq[A]): IndexedSeq[A]
  def intersect(that: Seq[A]): IndexedSeq[A]
  def permutations: Iterator[IndexedSeq[A]]
  def combinations(n: Int): Iterator[IndexedSeq[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object IndexedSeq {
  def apply[A](elems: A*): IndexedSeq[A]
  def empty[A]: IndexedSeq[A]
  def from[A](it: IterableOnce[A]): IndexedSeq[A]
  def fill[A](n: Int)(elem: => A): IndexedSeq[A]
  def tabulate[A](n: Int)(f: Int => A): IndexedSeq[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, IndexedSeq[A]]
  def unapplySeq[A](x: IndexedSeq[A]): Option[Seq[A]]
  def range(start: Int, end: Int): IndexedSeq[Int]
  def iterate[A](start: A, len: Int)(f: A => A): IndexedSeq[A]
  def concat[A](xss: Iterable[A]*): IndexedSeq[A]
}

/** Values in an order, quick at the head. */
sealed abstract class List[+A] extends Seq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: List[A]
  def init: List[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): List[A]
  def filterNot(p: A => Boolean): List[A]
  def withFilter(p: A => Boolean): List[A]
  def partition(p: A => Boolean): (List[A], List[A])
  def span(p: A => Boolean): (List[A], List[A])
  def splitAt(n: Int): (List[A], List[A])
  def take(n: Int): List[A]
  def takeRight(n: Int): List[A]
  def takeWhile(p: A => Boolean): List[A]
  def drop(n: Int): List[A]
  def dropRight(n: Int): List[A]
  def dropWhile(p: A => Boolean): List[A]
  def slice(from: Int, until: Int): List[A]
  def map[B](f: A => B): List[B]
  def flatMap[B](f: A => IterableOnce[B]): List[B]
  def flatten[B](implicit each: A => IterableOnce[B]): List[B]
  def collect[B](pf: PartialFunction[A, B]): List[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): List[B]
  def groupBy[K](f: A => K): Map[K, List[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, List[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[List[A]]
  def sliding(size: Int): Iterator[List[A]]
  def zip[B](that: IterableOnce[B]): List[(A, B)]
  def zipWithIndex: List[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (List[B], List[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): List[A]
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
  def reverse: List[A]
  def reverseIterator: Iterator[A]
  def sorted: List[A]
  def sortBy[B](f: A => B): List[A]
  def sortWith(lt: (A, A) => Boolean): List[A]
  def distinct: List[A]
  def distinctBy[B](f: A => B): List[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): List[A]
  def prepended(elem: A): List[A]
  def appended(elem: A): List[A]
  def appendedAll(that: IterableOnce[A]): List[A]
  def prependedAll(that: IterableOnce[A]): List[A]
  def concat(that: IterableOnce[A]): List[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): List[A]
  def padTo(len: Int, elem: A): List[A]
  def diff(that: Seq[A]): List[A]
  def intersect(that: Seq[A]): List[A]
  def permutations: Iterator[List[A]]
  def combinations(n: Int): Iterator[List[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object List {
  def apply[A](elems: A*): List[A]
  def empty[A]: List[A]
  def from[A](it: IterableOnce[A]): List[A]
  def fill[A](n: Int)(elem: => A): List[A]
  def tabulate[A](n: Int)(f: Int => A): List[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, List[A]]
  def unapplySeq[A](x: List[A]): Option[Seq[A]]
  def range(start: Int, end: Int): List[Int]
  def iterate[A](start: A, len: Int)(f: A => A): List[A]
  def concat[A](xss: Iterable[A]*): List[A]
}

/** A list without values. */
case object Nil extends List[Nothing]

/** A head and the rest. */
final case class ::[+A](head: A, next: List[A]) extends List[A]

/** Values in an order, quick everywhere. */
sealed abstract class Vector[+A] extends IndexedSeq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Vector[A]
  def init: Vector[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Vector[A]
  def filterNot(p: A => Boolean): Vector[A]
  def withFilter(p: A => Boolean): Vector[A]
  def partition(p: A => Boolean): (Vector[A], Vector[A])
  def span(p: A => Boolean): (Vector[A], Vector[A])
  def splitAt(n: Int): (Vector[A], Vector[A])
  def take(n: Int): Vector[A]
  def takeRight(n: Int): Vector[A]
  def takeWhile(p: A => Boolean): Vector[A]
  def drop(n: Int): Vector[A]
  def dropRight(n: Int): Vector[A]
  def dropWhile(p: A => Boolean): Vector[A]
  def slice(from: Int, until: Int): Vector[A]
  def map[B](f: A => B): Vector[B]
  def flatMap[B](f: A => IterableOnce[B]): Vector[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Vector[B]
  def collect[B](pf: PartialFunction[A, B]): Vector[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Vector[B]
  def groupBy[K](f: A => K): Map[K, Vector[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Vector[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Vector[A]]
  def sliding(size: Int): Iterator[Vector[A]]
  def zip[B](that: IterableOnce[B]): Vector[(A, B)]
  def zipWithIndex: Vector[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Vector[B], Vector[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Vector[A]
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
  def reverse: Vector[A]
  def reverseIterator: Iterator[A]
  def sorted: Vector[A]
  def sortBy[B](f: A => B): Vector[A]
  def sortWith(lt: (A, A) => Boolean): Vector[A]
  def distinct: Vector[A]
  def distinctBy[B](f: A => B): Vector[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): Vector[A]
  def prepended(elem: A): Vector[A]
  def appended(elem: A): Vector[A]
  def appendedAll(that: IterableOnce[A]): Vector[A]
  def prependedAll(that: IterableOnce[A]): Vector[A]
  def concat(that: IterableOnce[A]): Vector[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): Vector[A]
  def padTo(len: Int, elem: A): Vector[A]
  def diff(that: Seq[A]): Vector[A]
  def intersect(that: Seq[A]): Vector[A]
  def permutations: Iterator[Vector[A]]
  def combinations(n: Int): Iterator[Vector[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object Vector {
  def apply[A](elems: A*): Vector[A]
  def empty[A]: Vector[A]
  def from[A](it: IterableOnce[A]): Vector[A]
  def fill[A](n: Int)(elem: => A): Vector[A]
  def tabulate[A](n: Int)(f: Int => A): Vector[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Vector[A]]
  def unapplySeq[A](x: Vector[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Vector[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Vector[A]
  def concat[A](xss: Iterable[A]*): Vector[A]
}

/** A list whose rest is made when it is asked for. */
final class LazyList[+A] extends Seq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: LazyList[A]
  def init: LazyList[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): LazyList[A]
  def filterNot(p: A => Boolean): LazyList[A]
  def withFilter(p: A => Boolean): LazyList[A]
  def partition(p: A => Boolean): (LazyList[A], LazyList[A])
  def span(p: A => Boolean): (LazyList[A], LazyList[A])
  def splitAt(n: Int): (LazyList[A], LazyList[A])
  def take(n: Int): LazyList[A]
  def takeRight(n: Int): LazyList[A]
  def takeWhile(p: A => Boolean): LazyList[A]
  def drop(n: Int): LazyList[A]
  def dropRight(n: Int): LazyList[A]
  def dropWhile(p: A => Boolean): LazyList[A]
  def slice(from: Int, until: Int): LazyList[A]
  def map[B](f: A => B): LazyList[B]
  def flatMap[B](f: A => IterableOnce[B]): LazyList[B]
  def flatten[B](implicit each: A => IterableOnce[B]): LazyList[B]
  def collect[B](pf: PartialFunction[A, B]): LazyList[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): LazyList[B]
  def groupBy[K](f: A => K): Map[K, LazyList[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, LazyList[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[LazyList[A]]
  def sliding(size: Int): Iterator[LazyList[A]]
  def zip[B](that: IterableOnce[B]): LazyList[(A, B)]
  def zipWithIndex: LazyList[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (LazyList[B], LazyList[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): LazyList[A]
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
  def reverse: LazyList[A]
  def reverseIterator: Iterator[A]
  def sorted: LazyList[A]
  def sortBy[B](f: A => B): LazyList[A]
  def sortWith(lt: (A, A) => Boolean): LazyList[A]
  def distinct: LazyList[A]
  def distinctBy[B](f: A => B): LazyList[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): LazyList[A]
  def prepended(elem: A): LazyList[A]
  def appended(elem: A): LazyList[A]
  def appendedAll(that: IterableOnce[A]): LazyList[A]
  def prependedAll(that: IterableOnce[A]): LazyList[A]
  def concat(that: IterableOnce[A]): LazyList[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): LazyList[A]
  def padTo(len: Int, elem: A): LazyList[A]
  def diff(that: Seq[A]): LazyList[A]
  def intersect(that: Seq[A]): LazyList[A]
  def permutations: Iterator[LazyList[A]]
  def combinations(n: Int): Iterator[LazyList[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object LazyList {
  def apply[A](elems: A*): LazyList[A]
  def empty[A]: LazyList[A]
  def from[A](it: IterableOnce[A]): LazyList[A]
  def fill[A](n: Int)(elem: => A): LazyList[A]
  def tabulate[A](n: Int)(f: Int => A): LazyList[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, LazyList[A]]
  def unapplySeq[A](x: LazyList[A]): Option[Seq[A]]
  def range(start: Int, end: Int): LazyList[Int]
  def iterate[A](start: A, len: Int)(f: A => A): LazyList[A]
  def concat[A](xss: Iterable[A]*): LazyList[A]
}

/** First in, first out. */
class Queue[+A] extends Seq[A] {
  def enqueue[B](elem: B): Queue[A]
  def dequeue: (A, Queue[A])
  def dequeueOption: Option[(A, Queue[A])]
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Queue[A]
  def init: Queue[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Queue[A]
  def filterNot(p: A => Boolean): Queue[A]
  def withFilter(p: A => Boolean): Queue[A]
  def partition(p: A => Boolean): (Queue[A], Queue[A])
  def span(p: A => Boolean): (Queue[A], Queue[A])
  def splitAt(n: Int): (Queue[A], Queue[A])
  def take(n: Int): Queue[A]
  def takeRight(n: Int): Queue[A]
  def takeWhile(p: A => Boolean): Queue[A]
  def drop(n: Int): Queue[A]
  def dropRight(n: Int): Queue[A]
  def dropWhile(p: A => Boolean): Queue[A]
  def slice(from: Int, until: Int): Queue[A]
  def map[B](f: A => B): Queue[B]
  def flatMap[B](f: A => IterableOnce[B]): Queue[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Queue[B]
  def collect[B](pf: PartialFunction[A, B]): Queue[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Queue[B]
  def groupBy[K](f: A => K): Map[K, Queue[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Queue[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Queue[A]]
  def sliding(size: Int): Iterator[Queue[A]]
  def zip[B](that: IterableOnce[B]): Queue[(A, B)]
  def zipWithIndex: Queue[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Queue[B], Queue[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Queue[A]
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
  def reverse: Queue[A]
  def reverseIterator: Iterator[A]
  def sorted: Queue[A]
  def sortBy[B](f: A => B): Queue[A]
  def sortWith(lt: (A, A) => Boolean): Queue[A]
  def distinct: Queue[A]
  def distinctBy[B](f: A => B): Queue[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): Queue[A]
  def prepended(elem: A): Queue[A]
  def appended(elem: A): Queue[A]
  def appendedAll(that: IterableOnce[A]): Queue[A]
  def prependedAll(that: IterableOnce[A]): Queue[A]
  def concat(that: IterableOnce[A]): Queue[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): Queue[A]
  def padTo(len: Int, elem: A): Queue[A]
  def diff(that: Seq[A]): Queue[A]
  def intersect(that: Seq[A]): Queue[A]
  def permutations: Iterator[Queue[A]]
  def combinations(n: Int): Iterator[Queue[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object Queue {
  def apply[A](elems: A*): Queue[A]
  def empty[A]: Queue[A]
  def from[A](it: IterableOnce[A]): Queue[A]
  def fill[A](n: Int)(elem: => A): Queue[A]
  def tabulate[A](n: Int)(f: Int => A): Queue[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Queue[A]]
  def unapplySeq[A](x: Queue[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Queue[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Queue[A]
  def concat[A](xss: Iterable[A]*): Queue[A]
}

/** An array that never changes. */
sealed abstract class ArraySeq[+A] extends IndexedSeq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: ArraySeq[A]
  def init: ArraySeq[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): ArraySeq[A]
  def filterNot(p: A => Boolean): ArraySeq[A]
  def withFilter(p: A => Boolean): ArraySeq[A]
  def partition(p: A => Boolean): (ArraySeq[A], ArraySeq[A])
  def span(p: A => Boolean): (ArraySeq[A], ArraySeq[A])
  def splitAt(n: Int): (ArraySeq[A], ArraySeq[A])
  def take(n: Int): ArraySeq[A]
  def takeRight(n: Int): ArraySeq[A]
  def takeWhile(p: A => Boolean): ArraySeq[A]
  def drop(n: Int): ArraySeq[A]
  def dropRight(n: Int): ArraySeq[A]
  def dropWhile(p: A => Boolean): ArraySeq[A]
  def slice(from: Int, until: Int): ArraySeq[A]
  def map[B](f: A => B): ArraySeq[B]
  def flatMap[B](f: A => IterableOnce[B]): ArraySeq[B]
  def flatten[B](implicit each: A => IterableOnce[B]): ArraySeq[B]
  def collect[B](pf: PartialFunction[A, B]): ArraySeq[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): ArraySeq[B]
  def groupBy[K](f: A => K): Map[K, ArraySeq[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, ArraySeq[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[ArraySeq[A]]
  def sliding(size: Int): Iterator[ArraySeq[A]]
  def zip[B](that: IterableOnce[B]): ArraySeq[(A, B)]
  def zipWithIndex: ArraySeq[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (ArraySeq[B], ArraySeq[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): ArraySeq[A]
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
  def reverse: ArraySeq[A]
  def reverseIterator: Iterator[A]
  def sorted: ArraySeq[A]
  def sortBy[B](f: A => B): ArraySeq[A]
  def sortWith(lt: (A, A) => Boolean): ArraySeq[A]
  def distinct: ArraySeq[A]
  def distinctBy[B](f: A => B): ArraySeq[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): ArraySeq[A]
  def prepended(elem: A): ArraySeq[A]
  def appended(elem: A): ArraySeq[A]
  def appendedAll(that: IterableOnce[A]): ArraySeq[A]
  def prependedAll(that: IterableOnce[A]): ArraySeq[A]
  def concat(that: IterableOnce[A]): ArraySeq[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): ArraySeq[A]
  def padTo(len: Int, elem: A): ArraySeq[A]
  def diff(that: Seq[A]): ArraySeq[A]
  def intersect(that: Seq[A]): ArraySeq[A]
  def permutations: Iterator[ArraySeq[A]]
  def combinations(n: Int): Iterator[ArraySeq[A]]
  def sameElements(that: IterableOnce[A]): Boolean
}

object ArraySeq {
  def apply[A](elems: A*): ArraySeq[A]
  def empty[A]: ArraySeq[A]
  def from[A](it: IterableOnce[A]): ArraySeq[A]
  def fill[A](n: Int)(elem: => A): ArraySeq[A]
  def tabulate[A](n: Int)(f: Int => A): ArraySeq[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, ArraySeq[A]]
  def unapplySeq[A](x: ArraySeq[A]): Option[Seq[A]]
  def range(start: Int, end: Int): ArraySeq[Int]
  def iterate[A](start: A, len: Int)(f: A => A): ArraySeq[A]
  def concat[A](xss: Iterable[A]*): ArraySeq[A]
}

/** Values, each once, that never change. */
trait Set[A] extends Iterable[A] with scala.collection.Set[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Set[A]
  def init: Set[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Set[A]
  def filterNot(p: A => Boolean): Set[A]
  def withFilter(p: A => Boolean): Set[A]
  def partition(p: A => Boolean): (Set[A], Set[A])
  def span(p: A => Boolean): (Set[A], Set[A])
  def splitAt(n: Int): (Set[A], Set[A])
  def take(n: Int): Set[A]
  def takeRight(n: Int): Set[A]
  def takeWhile(p: A => Boolean): Set[A]
  def drop(n: Int): Set[A]
  def dropRight(n: Int): Set[A]
  def dropWhile(p: A => Boolean): Set[A]
  def slice(from: Int, until: Int): Set[A]
  def map[B](f: A => B): Set[B]
  def flatMap[B](f: A => IterableOnce[B]): Set[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Set[B]
  def collect[B](pf: PartialFunction[A, B]): Set[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Set[B]
  def groupBy[K](f: A => K): Map[K, Set[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Set[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Set[A]]
  def sliding(size: Int): Iterator[Set[A]]
  def zip[B](that: IterableOnce[B]): Set[(A, B)]
  def zipWithIndex: Set[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Set[B], Set[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Set[A]
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
  def apply(elem: A): Boolean
  def contains(elem: A): Boolean
  def subsetOf(that: Set[A]): Boolean
  def union(that: Set[A]): Set[A]
  def intersect(that: Set[A]): Set[A]
  def diff(that: Set[A]): Set[A]
  def incl(elem: A): Set[A]
  def excl(elem: A): Set[A]
  def concat(that: IterableOnce[A]): Set[A]
}

object Set {
  def apply[A](elems: A*): Set[A]
  def empty[A]: Set[A]
  def from[A](it: IterableOnce[A]): Set[A]
  def fill[A](n: Int)(elem: => A): Set[A]
  def tabulate[A](n: Int)(f: Int => A): Set[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Set[A]]
  def unapplySeq[A](x: Set[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Set[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Set[A]
  def concat[A](xss: Iterable[A]*): Set[A]
}

/** A set by hash. */
class HashSet[A] extends Set[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: HashSet[A]
  def init: HashSet[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): HashSet[A]
  def filterNot(p: A => Boolean): HashSet[A]
  def withFilter(p: A => Boolean): HashSet[A]
  def partition(p: A => Boolean): (HashSet[A], HashSet[A])
  def span(p: A => Boolean): (HashSet[A], HashSet[A])
  def splitAt(n: Int): (HashSet[A], HashSet[A])
  def take(n: Int): HashSet[A]
  def takeRight(n: Int): HashSet[A]
  def takeWhile(p: A => Boolean): HashSet[A]
  def drop(n: Int): HashSet[A]
  def dropRight(n: Int): HashSet[A]
  def dropWhile(p: A => Boolean): HashSet[A]
  def slice(from: Int, until: Int): HashSet[A]
  def map[B](f: A => B): HashSet[B]
  def flatMap[B](f: A => IterableOnce[B]): HashSet[B]
  def flatten[B](implicit each: A => IterableOnce[B]): HashSet[B]
  def collect[B](pf: PartialFunction[A, B]): HashSet[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): HashSet[B]
  def groupBy[K](f: A => K): Map[K, HashSet[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, HashSet[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[HashSet[A]]
  def sliding(size: Int): Iterator[HashSet[A]]
  def zip[B](that: IterableOnce[B]): HashSet[(A, B)]
  def zipWithIndex: HashSet[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (HashSet[B], HashSet[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): HashSet[A]
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
  def apply(elem: A): Boolean
  def contains(elem: A): Boolean
  def subsetOf(that: Set[A]): Boolean
  def union(that: Set[A]): HashSet[A]
  def intersect(that: Set[A]): HashSet[A]
  def diff(that: Set[A]): HashSet[A]
  def incl(elem: A): HashSet[A]
  def excl(elem: A): HashSet[A]
  def concat(that: IterableOnce[A]): HashSet[A]
}

object HashSet {
  def apply[A](elems: A*): HashSet[A]
  def empty[A]: HashSet[A]
  def from[A](it: IterableOnce[A]): HashSet[A]
  def fill[A](n: Int)(elem: => A): HashSet[A]
  def tabulate[A](n: Int)(f: Int => A): HashSet[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, HashSet[A]]
  def unapplySeq[A](x: HashSet[A]): Option[Seq[A]]
  def range(start: Int, end: Int): HashSet[Int]
  def iterate[A](start: A, len: Int)(f: A => A): HashSet[A]
  def concat[A](xss: Iterable[A]*): HashSet[A]
}

/** A set in the order of insertion. */
class ListSet[A] extends Set[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: ListSet[A]
  def init: ListSet[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): ListSet[A]
  def filterNot(p: A => Boolean): ListSet[A]
  def withFilter(p: A => Boolean): ListSet[A]
  def partition(p: A => Boolean): (ListSet[A], ListSet[A])
  def span(p: A => Boolean): (ListSet[A], ListSet[A])
  def splitAt(n: Int): (ListSet[A], ListSet[A])
  def take(n: Int): ListSet[A]
  def takeRight(n: Int): ListSet[A]
  def takeWhile(p: A => Boolean): ListSet[A]
  def drop(n: Int): ListSet[A]
  def dropRight(n: Int): ListSet[A]
  def dropWhile(p: A => Boolean): ListSet[A]
  def slice(from: Int, until: Int): ListSet[A]
  def map[B](f: A => B): ListSet[B]
  def flatMap[B](f: A => IterableOnce[B]): ListSet[B]
  def flatten[B](implicit each: A => IterableOnce[B]): ListSet[B]
  def collect[B](pf: PartialFunction[A, B]): ListSet[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): ListSet[B]
  def groupBy[K](f: A => K): Map[K, ListSet[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, ListSet[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[ListSet[A]]
  def sliding(size: Int): Iterator[ListSet[A]]
  def zip[B](that: IterableOnce[B]): ListSet[(A, B)]
  def zipWithIndex: ListSet[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (ListSet[B], ListSet[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): ListSet[A]
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
  def apply(elem: A): Boolean
  def contains(elem: A): Boolean
  def subsetOf(that: Set[A]): Boolean
  def union(that: Set[A]): ListSet[A]
  def intersect(that: Set[A]): ListSet[A]
  def diff(that: Set[A]): ListSet[A]
  def incl(elem: A): ListSet[A]
  def excl(elem: A): ListSet[A]
  def concat(that: IterableOnce[A]): ListSet[A]
}

object ListSet {
  def apply[A](elems: A*): ListSet[A]
  def empty[A]: ListSet[A]
  def from[A](it: IterableOnce[A]): ListSet[A]
  def fill[A](n: Int)(elem: => A): ListSet[A]
  def tabulate[A](n: Int)(f: Int => A): ListSet[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, ListSet[A]]
  def unapplySeq[A](x: ListSet[A]): Option[Seq[A]]
  def range(start: Int, end: Int): ListSet[Int]
  def iterate[A](start: A, len: Int)(f: A => A): ListSet[A]
  def concat[A](xss: Iterable[A]*): ListSet[A]
}

/** A set in order. */
class SortedSet[A] extends Set[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: SortedSet[A]
  def init: SortedSet[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): SortedSet[A]
  def filterNot(p: A => Boolean): SortedSet[A]
  def withFilter(p: A => Boolean): SortedSet[A]
  def partition(p: A => Boolean): (SortedSet[A], SortedSet[A])
  def span(p: A => Boolean): (SortedSet[A], SortedSet[A])
  def splitAt(n: Int): (SortedSet[A], SortedSet[A])
  def take(n: Int): SortedSet[A]
  def takeRight(n: Int): SortedSet[A]
  def takeWhile(p: A => Boolean): SortedSet[A]
  def drop(n: Int): SortedSet[A]
  def dropRight(n: Int): SortedSet[A]
  def dropWhile(p: A => Boolean): SortedSet[A]
  def slice(from: Int, until: Int): SortedSet[A]
  def map[B](f: A => B): SortedSet[B]
  def flatMap[B](f: A => IterableOnce[B]): SortedSet[B]
  def flatten[B](implicit each: A => IterableOnce[B]): SortedSet[B]
  def collect[B](pf: PartialFunction[A, B]): SortedSet[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): SortedSet[B]
  def groupBy[K](f: A => K): Map[K, SortedSet[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, SortedSet[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[SortedSet[A]]
  def sliding(size: Int): Iterator[SortedSet[A]]
  def zip[B](that: IterableOnce[B]): SortedSet[(A, B)]
  def zipWithIndex: SortedSet[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (SortedSet[B], SortedSet[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): SortedSet[A]
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
  def apply(elem: A): Boolean
  def contains(elem: A): Boolean
  def subsetOf(that: Set[A]): Boolean
  def union(that: Set[A]): SortedSet[A]
  def intersect(that: Set[A]): SortedSet[A]
  def diff(that: Set[A]): SortedSet[A]
  def incl(elem: A): SortedSet[A]
  def excl(elem: A): SortedSet[A]
  def concat(that: IterableOnce[A]): SortedSet[A]
}

object SortedSet {
  def apply[A](elems: A*): SortedSet[A]
  def empty[A]: SortedSet[A]
  def from[A](it: IterableOnce[A]): SortedSet[A]
  def fill[A](n: Int)(elem: => A): SortedSet[A]
  def tabulate[A](n: Int)(f: Int => A): SortedSet[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, SortedSet[A]]
  def unapplySeq[A](x: SortedSet[A]): Option[Seq[A]]
  def range(start: Int, end: Int): SortedSet[Int]
  def iterate[A](start: A, len: Int)(f: A => A): SortedSet[A]
  def concat[A](xss: Iterable[A]*): SortedSet[A]
}

/** A set in order. */
class TreeSet[A] extends Set[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: TreeSet[A]
  def init: TreeSet[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): TreeSet[A]
  def filterNot(p: A => Boolean): TreeSet[A]
  def withFilter(p: A => Boolean): TreeSet[A]
  def partition(p: A => Boolean): (TreeSet[A], TreeSet[A])
  def span(p: A => Boolean): (TreeSet[A], TreeSet[A])
  def splitAt(n: Int): (TreeSet[A], TreeSet[A])
  def take(n: Int): TreeSet[A]
  def takeRight(n: Int): TreeSet[A]
  def takeWhile(p: A => Boolean): TreeSet[A]
  def drop(n: Int): TreeSet[A]
  def dropRight(n: Int): TreeSet[A]
  def dropWhile(p: A => Boolean): TreeSet[A]
  def slice(from: Int, until: Int): TreeSet[A]
  def map[B](f: A => B): TreeSet[B]
  def flatMap[B](f: A => IterableOnce[B]): TreeSet[B]
  def flatten[B](implicit each: A => IterableOnce[B]): TreeSet[B]
  def collect[B](pf: PartialFunction[A, B]): TreeSet[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): TreeSet[B]
  def groupBy[K](f: A => K): Map[K, TreeSet[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, TreeSet[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[TreeSet[A]]
  def sliding(size: Int): Iterator[TreeSet[A]]
  def zip[B](that: IterableOnce[B]): TreeSet[(A, B)]
  def zipWithIndex: TreeSet[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (TreeSet[B], TreeSet[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): TreeSet[A]
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
  def apply(elem: A): Boolean
  def contains(elem: A): Boolean
  def subsetOf(that: Set[A]): Boolean
  def union(that: Set[A]): TreeSet[A]
  def intersect(that: Set[A]): TreeSet[A]
  def diff(that: Set[A]): TreeSet[A]
  def incl(elem: A): TreeSet[A]
  def excl(elem: A): TreeSet[A]
  def concat(that: IterableOnce[A]): TreeSet[A]
}

object TreeSet {
  def apply[A](elems: A*): TreeSet[A]
  def empty[A]: TreeSet[A]
  def from[A](it: IterableOnce[A]): TreeSet[A]
  def fill[A](n: Int)(elem: => A): TreeSet[A]
  def tabulate[A](n: Int)(f: Int => A): TreeSet[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, TreeSet[A]]
  def unapplySeq[A](x: TreeSet[A]): Option[Seq[A]]
  def range(start: Int, end: Int): TreeSet[Int]
  def iterate[A](start: A, len: Int)(f: A => A): TreeSet[A]
  def concat[A](xss: Iterable[A]*): TreeSet[A]
}

/** Values by key that never change. */
trait Map[K, +V] extends scala.collection.Map[K, V] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def get(key: K): Option[V]
  def getOrElse(key: K, default: => V): V
  def apply(key: K): V
  def contains(key: K): Boolean
  def isDefinedAt(key: K): Boolean
  def keys: Iterable[K]
  def keySet: Set[K]
  def keysIterator: Iterator[K]
  def values: Iterable[V]
  def valuesIterator: Iterator[V]
  def iterator: Iterator[(K, V)]
  def head: (K, V)
  def headOption: Option[(K, V)]
  def last: (K, V)
  def tail: Map[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): Map[K, V]
  def filterNot(p: ((K, V)) => Boolean): Map[K, V]
  def withFilter(p: ((K, V)) => Boolean): Map[K, V]
  def filterKeys(p: K => Boolean): Map[K, V]
  def partition(p: ((K, V)) => Boolean): (Map[K, V], Map[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): Map[K, W]
  def transform[W](f: (K, V) => W): Map[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, Map[K, V]]
  def take(n: Int): Map[K, V]
  def drop(n: Int): Map[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): Map[K, V]
  def removed(key: K): Map[K, V]
  def removedAll(keys: IterableOnce[K]): Map[K, V]
  def concat(that: IterableOnce[(K, V)]): Map[K, V]
  def withDefaultValue(value: V): Map[K, V]
  def withDefault(f: K => V): Map[K, V]
  def zipWithIndex: Iterable[((K, V), Int)]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def toList: List[(K, V)]
  def toSeq: Seq[(K, V)]
  def toVector: Vector[(K, V)]
  def toSet[B]: Set[(K, V)]
  def toArray[B]: Array[(K, V)]
  def toMap[B, W]: Map[K, V]
  def view: View[(K, V)]
}

object Map {
  def apply[K, V](elems: (K, V)*): Map[K, V]
  def empty[K, V]: Map[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): Map[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), Map[K, V]]
}

/** A map by hash. */
class HashMap[K, +V] extends Map[K, V] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def get(key: K): Option[V]
  def getOrElse(key: K, default: => V): V
  def apply(key: K): V
  def contains(key: K): Boolean
  def isDefinedAt(key: K): Boolean
  def keys: Iterable[K]
  def keySet: Set[K]
  def keysIterator: Iterator[K]
  def values: Iterable[V]
  def valuesIterator: Iterator[V]
  def iterator: Iterator[(K, V)]
  def head: (K, V)
  def headOption: Option[(K, V)]
  def last: (K, V)
  def tail: HashMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): HashMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): HashMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): HashMap[K, V]
  def filterKeys(p: K => Boolean): HashMap[K, V]
  def partition(p: ((K, V)) => Boolean): (HashMap[K, V], HashMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): HashMap[K, W]
  def transform[W](f: (K, V) => W): HashMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, HashMap[K, V]]
  def take(n: Int): HashMap[K, V]
  def drop(n: Int): HashMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): HashMap[K, V]
  def removed(key: K): HashMap[K, V]
  def removedAll(keys: IterableOnce[K]): HashMap[K, V]
  def concat(that: IterableOnce[(K, V)]): HashMap[K, V]
  def withDefaultValue(value: V): HashMap[K, V]
  def withDefault(f: K => V): HashMap[K, V]
  def zipWithIndex: Iterable[((K, V), Int)]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def toList: List[(K, V)]
  def toSeq: Seq[(K, V)]
  def toVector: Vector[(K, V)]
  def toSet[B]: Set[(K, V)]
  def toArray[B]: Array[(K, V)]
  def toMap[B, W]: Map[K, V]
  def view: View[(K, V)]
}

object HashMap {
  def apply[K, V](elems: (K, V)*): HashMap[K, V]
  def empty[K, V]: HashMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): HashMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), HashMap[K, V]]
}

/** A map in the order of insertion. */
class ListMap[K, +V] extends Map[K, V] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def get(key: K): Option[V]
  def getOrElse(key: K, default: => V): V
  def apply(key: K): V
  def contains(key: K): Boolean
  def isDefinedAt(key: K): Boolean
  def keys: Iterable[K]
  def keySet: Set[K]
  def keysIterator: Iterator[K]
  def values: Iterable[V]
  def valuesIterator: Iterator[V]
  def iterator: Iterator[(K, V)]
  def head: (K, V)
  def headOption: Option[(K, V)]
  def last: (K, V)
  def tail: ListMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): ListMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): ListMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): ListMap[K, V]
  def filterKeys(p: K => Boolean): ListMap[K, V]
  def partition(p: ((K, V)) => Boolean): (ListMap[K, V], ListMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): ListMap[K, W]
  def transform[W](f: (K, V) => W): ListMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, ListMap[K, V]]
  def take(n: Int): ListMap[K, V]
  def drop(n: Int): ListMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): ListMap[K, V]
  def removed(key: K): ListMap[K, V]
  def removedAll(keys: IterableOnce[K]): ListMap[K, V]
  def concat(that: IterableOnce[(K, V)]): ListMap[K, V]
  def withDefaultValue(value: V): ListMap[K, V]
  def withDefault(f: K => V): ListMap[K, V]
  def zipWithIndex: Iterable[((K, V), Int)]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def toList: List[(K, V)]
  def toSeq: Seq[(K, V)]
  def toVector: Vector[(K, V)]
  def toSet[B]: Set[(K, V)]
  def toArray[B]: Array[(K, V)]
  def toMap[B, W]: Map[K, V]
  def view: View[(K, V)]
}

object ListMap {
  def apply[K, V](elems: (K, V)*): ListMap[K, V]
  def empty[K, V]: ListMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): ListMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), ListMap[K, V]]
}

/** A map in the order of its keys. */
class SortedMap[K, +V] extends Map[K, V] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def get(key: K): Option[V]
  def getOrElse(key: K, default: => V): V
  def apply(key: K): V
  def contains(key: K): Boolean
  def isDefinedAt(key: K): Boolean
  def keys: Iterable[K]
  def keySet: Set[K]
  def keysIterator: Iterator[K]
  def values: Iterable[V]
  def valuesIterator: Iterator[V]
  def iterator: Iterator[(K, V)]
  def head: (K, V)
  def headOption: Option[(K, V)]
  def last: (K, V)
  def tail: SortedMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): SortedMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): SortedMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): SortedMap[K, V]
  def filterKeys(p: K => Boolean): SortedMap[K, V]
  def partition(p: ((K, V)) => Boolean): (SortedMap[K, V], SortedMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): SortedMap[K, W]
  def transform[W](f: (K, V) => W): SortedMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, SortedMap[K, V]]
  def take(n: Int): SortedMap[K, V]
  def drop(n: Int): SortedMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): SortedMap[K, V]
  def removed(key: K): SortedMap[K, V]
  def removedAll(keys: IterableOnce[K]): SortedMap[K, V]
  def concat(that: IterableOnce[(K, V)]): SortedMap[K, V]
  def withDefaultValue(value: V): SortedMap[K, V]
  def withDefault(f: K => V): SortedMap[K, V]
  def zipWithIndex: Iterable[((K, V), Int)]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def toList: List[(K, V)]
  def toSeq: Seq[(K, V)]
  def toVector: Vector[(K, V)]
  def toSet[B]: Set[(K, V)]
  def toArray[B]: Array[(K, V)]
  def toMap[B, W]: Map[K, V]
  def view: View[(K, V)]
}

object SortedMap {
  def apply[K, V](elems: (K, V)*): SortedMap[K, V]
  def empty[K, V]: SortedMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): SortedMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), SortedMap[K, V]]
}

/** A map in the order of its keys. */
class TreeMap[K, +V] extends Map[K, V] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def get(key: K): Option[V]
  def getOrElse(key: K, default: => V): V
  def apply(key: K): V
  def contains(key: K): Boolean
  def isDefinedAt(key: K): Boolean
  def keys: Iterable[K]
  def keySet: Set[K]
  def keysIterator: Iterator[K]
  def values: Iterable[V]
  def valuesIterator: Iterator[V]
  def iterator: Iterator[(K, V)]
  def head: (K, V)
  def headOption: Option[(K, V)]
  def last: (K, V)
  def tail: TreeMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): TreeMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): TreeMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): TreeMap[K, V]
  def filterKeys(p: K => Boolean): TreeMap[K, V]
  def partition(p: ((K, V)) => Boolean): (TreeMap[K, V], TreeMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): TreeMap[K, W]
  def transform[W](f: (K, V) => W): TreeMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, TreeMap[K, V]]
  def take(n: Int): TreeMap[K, V]
  def drop(n: Int): TreeMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): TreeMap[K, V]
  def removed(key: K): TreeMap[K, V]
  def removedAll(keys: IterableOnce[K]): TreeMap[K, V]
  def concat(that: IterableOnce[(K, V)]): TreeMap[K, V]
  def withDefaultValue(value: V): TreeMap[K, V]
  def withDefault(f: K => V): TreeMap[K, V]
  def zipWithIndex: Iterable[((K, V), Int)]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def toList: List[(K, V)]
  def toSeq: Seq[(K, V)]
  def toVector: Vector[(K, V)]
  def toSet[B]: Set[(K, V)]
  def toArray[B]: Array[(K, V)]
  def toMap[B, W]: Map[K, V]
  def view: View[(K, V)]
}

object TreeMap {
  def apply[K, V](elems: (K, V)*): TreeMap[K, V]
  def empty[K, V]: TreeMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): TreeMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), TreeMap[K, V]]
}

/** A map in the order of insertion. */
class VectorMap[K, +V] extends Map[K, V] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def get(key: K): Option[V]
  def getOrElse(key: K, default: => V): V
  def apply(key: K): V
  def contains(key: K): Boolean
  def isDefinedAt(key: K): Boolean
  def keys: Iterable[K]
  def keySet: Set[K]
  def keysIterator: Iterator[K]
  def values: Iterable[V]
  def valuesIterator: Iterator[V]
  def iterator: Iterator[(K, V)]
  def head: (K, V)
  def headOption: Option[(K, V)]
  def last: (K, V)
  def tail: VectorMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): VectorMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): VectorMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): VectorMap[K, V]
  def filterKeys(p: K => Boolean): VectorMap[K, V]
  def partition(p: ((K, V)) => Boolean): (VectorMap[K, V], VectorMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): VectorMap[K, W]
  def transform[W](f: (K, V) => W): VectorMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, VectorMap[K, V]]
  def take(n: Int): VectorMap[K, V]
  def drop(n: Int): VectorMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): VectorMap[K, V]
  def removed(key: K): VectorMap[K, V]
  def removedAll(keys: IterableOnce[K]): VectorMap[K, V]
  def concat(that: IterableOnce[(K, V)]): VectorMap[K, V]
  def withDefaultValue(value: V): VectorMap[K, V]
  def withDefault(f: K => V): VectorMap[K, V]
  def zipWithIndex: Iterable[((K, V), Int)]
  def mkString: String
  def mkString(sep: String): String
  def mkString(start: String, sep: String, end: String): String
  def toList: List[(K, V)]
  def toSeq: Seq[(K, V)]
  def toVector: Vector[(K, V)]
  def toSet[B]: Set[(K, V)]
  def toArray[B]: Array[(K, V)]
  def toMap[B, W]: Map[K, V]
  def view: View[(K, V)]
}

object VectorMap {
  def apply[K, V](elems: (K, V)*): VectorMap[K, V]
  def empty[K, V]: VectorMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): VectorMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), VectorMap[K, V]]
}

/** Numbers from one to another. */
sealed abstract class Range extends IndexedSeq[Int] {
  val start: Int
  val end: Int
  val step: Int
  def by(step: Int): Range
  def inclusive: Range
}
object Range {
  def apply(start: Int, end: Int): Range
  def inclusive(start: Int, end: Int): Range
}
