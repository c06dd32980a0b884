package scala.collection.mutable

import scala.collection.{IterableOnce, View}

/** Makes a collection from what it is given. */
trait Builder[-A, +To] {
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def result(): To
  def clear(): Unit
  def sizeHint(n: Int): Unit
}

/** Values in an order. */
trait Seq[A] extends scala.collection.Seq[A] {
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
  def update(i: Int, elem: A): Unit
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

/** Values in an order that grows and shrinks. */
trait Buffer[A] extends Seq[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Buffer[A]
  def init: Buffer[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Buffer[A]
  def filterNot(p: A => Boolean): Buffer[A]
  def withFilter(p: A => Boolean): Buffer[A]
  def partition(p: A => Boolean): (Buffer[A], Buffer[A])
  def span(p: A => Boolean): (Buffer[A], Buffer[A])
  def splitAt(n: Int): (Buffer[A], Buffer[A])
  def take(n: Int): Buffer[A]
  def takeRight(n: Int): Buffer[A]
  def takeWhile(p: A => Boolean): Buffer[A]
  def drop(n: Int): Buffer[A]
  def dropRight(n: Int): Buffer[A]
  def dropWhile(p: A => Boolean): Buffer[A]
  def slice(from: Int, until: Int): Buffer[A]
  def map[B](f: A => B): Buffer[B]
  def flatMap[B](f: A => IterableOnce[B]): Buffer[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Buffer[B]
  def collect[B](pf: PartialFunction[A, B]): Buffer[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Buffer[B]
  def groupBy[K](f: A => K): Map[K, Buffer[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Buffer[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Buffer[A]]
  def sliding(size: Int): Iterator[Buffer[A]]
  def zip[B](that: IterableOnce[B]): Buffer[(A, B)]
  def zipWithIndex: Buffer[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Buffer[B], Buffer[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Buffer[A]
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
  def reverse: Buffer[A]
  def reverseIterator: Iterator[A]
  def sorted: Buffer[A]
  def sortBy[B](f: A => B): Buffer[A]
  def sortWith(lt: (A, A) => Boolean): Buffer[A]
  def distinct: Buffer[A]
  def distinctBy[B](f: A => B): Buffer[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): Buffer[A]
  def prepended(elem: A): Buffer[A]
  def appended(elem: A): Buffer[A]
  def appendedAll(that: IterableOnce[A]): Buffer[A]
  def prependedAll(that: IterableOnce[A]): Buffer[A]
  def concat(that: IterableOnce[A]): Buffer[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): Buffer[A]
  def padTo(len: Int, elem: A): Buffer[A]
  def diff(that: Seq[A]): Buffer[A]
  def intersect(that: Seq[A]): Buffer[A]
  def permutations: Iterator[Buffer[A]]
  def combinations(n: Int): Iterator[Buffer[A]]
  def sameElements(that: IterableOnce[A]): Boolean
  def append(elem: A): this.type
  def appendAll(elems: IterableOnce[A]): this.type
  def prepend(elem: A): this.type
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def insert(i: Int, elem: A): Unit
  def remove(i: Int): A
  def update(i: Int, elem: A): Unit
  def clear(): Unit
  def result(): Buffer[A]
  def trimEnd(n: Int): Unit
  def sizeHint(n: Int): Unit
  def subtractOne(elem: A): this.type
  def filterInPlace(p: A => Boolean): this.type
  def mapInPlace(f: A => A): this.type
}

object Buffer {
  def apply[A](elems: A*): Buffer[A]
  def empty[A]: Buffer[A]
  def from[A](it: IterableOnce[A]): Buffer[A]
  def fill[A](n: Int)(elem: => A): Buffer[A]
  def tabulate[A](n: Int)(f: Int => A): Buffer[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Buffer[A]]
  def unapplySeq[A](x: Buffer[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Buffer[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Buffer[A]
  def concat[A](xss: Iterable[A]*): Buffer[A]
}

/** A buffer, quick by position. */
class ArrayBuffer[A] extends Buffer[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: ArrayBuffer[A]
  def init: ArrayBuffer[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): ArrayBuffer[A]
  def filterNot(p: A => Boolean): ArrayBuffer[A]
  def withFilter(p: A => Boolean): ArrayBuffer[A]
  def partition(p: A => Boolean): (ArrayBuffer[A], ArrayBuffer[A])
  def span(p: A => Boolean): (ArrayBuffer[A], ArrayBuffer[A])
  def splitAt(n: Int): (ArrayBuffer[A], ArrayBuffer[A])
  def take(n: Int): ArrayBuffer[A]
  def takeRight(n: Int): ArrayBuffer[A]
  def takeWhile(p: A => Boolean): ArrayBuffer[A]
  def drop(n: Int): ArrayBuffer[A]
  def dropRight(n: Int): ArrayBuffer[A]
  def dropWhile(p: A => Boolean): ArrayBuffer[A]
  def slice(from: Int, until: Int): ArrayBuffer[A]
  def map[B](f: A => B): ArrayBuffer[B]
  def flatMap[B](f: A => IterableOnce[B]): ArrayBuffer[B]
  def flatten[B](implicit each: A => IterableOnce[B]): ArrayBuffer[B]
  def collect[B](pf: PartialFunction[A, B]): ArrayBuffer[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): ArrayBuffer[B]
  def groupBy[K](f: A => K): Map[K, ArrayBuffer[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, ArrayBuffer[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[ArrayBuffer[A]]
  def sliding(size: Int): Iterator[ArrayBuffer[A]]
  def zip[B](that: IterableOnce[B]): ArrayBuffer[(A, B)]
  def zipWithIndex: ArrayBuffer[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (ArrayBuffer[B], ArrayBuffer[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): ArrayBuffer[A]
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
  def reverse: ArrayBuffer[A]
  def reverseIterator: Iterator[A]
  def sorted: ArrayBuffer[A]
  def sortBy[B](f: A => B): ArrayBuffer[A]
  def sortWith(lt: (A, A) => Boolean): ArrayBuffer[A]
  def distinct: ArrayBuffer[A]
  def distinctBy[B](f: A => B): ArrayBuffer[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): ArrayBuffer[A]
  def prepended(elem: A): ArrayBuffer[A]
  def appended(elem: A): ArrayBuffer[A]
  def appendedAll(that: IterableOnce[A]): ArrayBuffer[A]
  def prependedAll(that: IterableOnce[A]): ArrayBuffer[A]
  def concat(that: IterableOnce[A]): ArrayBuffer[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): ArrayBuffer[A]
  def padTo(len: Int, elem: A): ArrayBuffer[A]
  def diff(that: Seq[A]): ArrayBuffer[A]
  def intersect(that: Seq[A]): ArrayBuffer[A]
  def permutations: Iterator[ArrayBuffer[A]]
  def combinations(n: Int): Iterator[ArrayBuffer[A]]
  def sameElements(that: IterableOnce[A]): Boolean
  def append(elem: A): this.type
  def appendAll(elems: IterableOnce[A]): this.type
  def prepend(elem: A): this.type
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def insert(i: Int, elem: A): Unit
  def remove(i: Int): A
  def update(i: Int, elem: A): Unit
  def clear(): Unit
  def result(): ArrayBuffer[A]
  def trimEnd(n: Int): Unit
  def sizeHint(n: Int): Unit
  def subtractOne(elem: A): this.type
  def filterInPlace(p: A => Boolean): this.type
  def mapInPlace(f: A => A): this.type
  def size: Int
}

object ArrayBuffer {
  def apply[A](elems: A*): ArrayBuffer[A]
  def empty[A]: ArrayBuffer[A]
  def from[A](it: IterableOnce[A]): ArrayBuffer[A]
  def fill[A](n: Int)(elem: => A): ArrayBuffer[A]
  def tabulate[A](n: Int)(f: Int => A): ArrayBuffer[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, ArrayBuffer[A]]
  def unapplySeq[A](x: ArrayBuffer[A]): Option[Seq[A]]
  def range(start: Int, end: Int): ArrayBuffer[Int]
  def iterate[A](start: A, len: Int)(f: A => A): ArrayBuffer[A]
  def concat[A](xss: Iterable[A]*): ArrayBuffer[A]
}

/** A buffer that becomes a list. */
class ListBuffer[A] extends Buffer[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: ListBuffer[A]
  def init: ListBuffer[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): ListBuffer[A]
  def filterNot(p: A => Boolean): ListBuffer[A]
  def withFilter(p: A => Boolean): ListBuffer[A]
  def partition(p: A => Boolean): (ListBuffer[A], ListBuffer[A])
  def span(p: A => Boolean): (ListBuffer[A], ListBuffer[A])
  def splitAt(n: Int): (ListBuffer[A], ListBuffer[A])
  def take(n: Int): ListBuffer[A]
  def takeRight(n: Int): ListBuffer[A]
  def takeWhile(p: A => Boolean): ListBuffer[A]
  def drop(n: Int): ListBuffer[A]
  def dropRight(n: Int): ListBuffer[A]
  def dropWhile(p: A => Boolean): ListBuffer[A]
  def slice(from: Int, until: Int): ListBuffer[A]
  def map[B](f: A => B): ListBuffer[B]
  def flatMap[B](f: A => IterableOnce[B]): ListBuffer[B]
  def flatten[B](implicit each: A => IterableOnce[B]): ListBuffer[B]
  def collect[B](pf: PartialFunction[A, B]): ListBuffer[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): ListBuffer[B]
  def groupBy[K](f: A => K): Map[K, ListBuffer[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, ListBuffer[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[ListBuffer[A]]
  def sliding(size: Int): Iterator[ListBuffer[A]]
  def zip[B](that: IterableOnce[B]): ListBuffer[(A, B)]
  def zipWithIndex: ListBuffer[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (ListBuffer[B], ListBuffer[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): ListBuffer[A]
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
  def reverse: ListBuffer[A]
  def reverseIterator: Iterator[A]
  def sorted: ListBuffer[A]
  def sortBy[B](f: A => B): ListBuffer[A]
  def sortWith(lt: (A, A) => Boolean): ListBuffer[A]
  def distinct: ListBuffer[A]
  def distinctBy[B](f: A => B): ListBuffer[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): ListBuffer[A]
  def prepended(elem: A): ListBuffer[A]
  def appended(elem: A): ListBuffer[A]
  def appendedAll(that: IterableOnce[A]): ListBuffer[A]
  def prependedAll(that: IterableOnce[A]): ListBuffer[A]
  def concat(that: IterableOnce[A]): ListBuffer[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): ListBuffer[A]
  def padTo(len: Int, elem: A): ListBuffer[A]
  def diff(that: Seq[A]): ListBuffer[A]
  def intersect(that: Seq[A]): ListBuffer[A]
  def permutations: Iterator[ListBuffer[A]]
  def combinations(n: Int): Iterator[ListBuffer[A]]
  def sameElements(that: IterableOnce[A]): Boolean
  def append(elem: A): this.type
  def appendAll(elems: IterableOnce[A]): this.type
  def prepend(elem: A): this.type
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def insert(i: Int, elem: A): Unit
  def remove(i: Int): A
  def update(i: Int, elem: A): Unit
  def clear(): Unit
  def result(): ListBuffer[A]
  def trimEnd(n: Int): Unit
  def sizeHint(n: Int): Unit
  def subtractOne(elem: A): this.type
  def filterInPlace(p: A => Boolean): this.type
  def mapInPlace(f: A => A): this.type
  def size: Int
}

object ListBuffer {
  def apply[A](elems: A*): ListBuffer[A]
  def empty[A]: ListBuffer[A]
  def from[A](it: IterableOnce[A]): ListBuffer[A]
  def fill[A](n: Int)(elem: => A): ListBuffer[A]
  def tabulate[A](n: Int)(f: Int => A): ListBuffer[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, ListBuffer[A]]
  def unapplySeq[A](x: ListBuffer[A]): Option[Seq[A]]
  def range(start: Int, end: Int): ListBuffer[Int]
  def iterate[A](start: A, len: Int)(f: A => A): ListBuffer[A]
  def concat[A](xss: Iterable[A]*): ListBuffer[A]
}

/** A buffer, quick at both ends. */
class ArrayDeque[A] extends Buffer[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: ArrayDeque[A]
  def init: ArrayDeque[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): ArrayDeque[A]
  def filterNot(p: A => Boolean): ArrayDeque[A]
  def withFilter(p: A => Boolean): ArrayDeque[A]
  def partition(p: A => Boolean): (ArrayDeque[A], ArrayDeque[A])
  def span(p: A => Boolean): (ArrayDeque[A], ArrayDeque[A])
  def splitAt(n: Int): (ArrayDeque[A], ArrayDeque[A])
  def take(n: Int): ArrayDeque[A]
  def takeRight(n: Int): ArrayDeque[A]
  def takeWhile(p: A => Boolean): ArrayDeque[A]
  def drop(n: Int): ArrayDeque[A]
  def dropRight(n: Int): ArrayDeque[A]
  def dropWhile(p: A => Boolean): ArrayDeque[A]
  def slice(from: Int, until: Int): ArrayDeque[A]
  def map[B](f: A => B): ArrayDeque[B]
  def flatMap[B](f: A => IterableOnce[B]): ArrayDeque[B]
  def flatten[B](implicit each: A => IterableOnce[B]): ArrayDeque[B]
  def collect[B](pf: PartialFunction[A, B]): ArrayDeque[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): ArrayDeque[B]
  def groupBy[K](f: A => K): Map[K, ArrayDeque[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, ArrayDeque[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[ArrayDeque[A]]
  def sliding(size: Int): Iterator[ArrayDeque[A]]
  def zip[B](that: IterableOnce[B]): ArrayDeque[(A, B)]
  def zipWithIndex: ArrayDeque[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (ArrayDeque[B], ArrayDeque[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): ArrayDeque[A]
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
  def reverse: ArrayDeque[A]
  def reverseIterator: Iterator[A]
  def sorted: ArrayDeque[A]
  def sortBy[B](f: A => B): ArrayDeque[A]
  def sortWith(lt: (A, A) => Boolean): ArrayDeque[A]
  def distinct: ArrayDeque[A]
  def distinctBy[B](f: A => B): ArrayDeque[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): ArrayDeque[A]
  def prepended(elem: A): ArrayDeque[A]
  def appended(elem: A): ArrayDeque[A]
  def appendedAll(that: IterableOnce[A]): ArrayDeque[A]
  def prependedAll(that: IterableOnce[A]): ArrayDeque[A]
  def concat(that: IterableOnce[A]): ArrayDeque[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): ArrayDeque[A]
  def padTo(len: Int, elem: A): ArrayDeque[A]
  def diff(that: Seq[A]): ArrayDeque[A]
  def intersect(that: Seq[A]): ArrayDeque[A]
  def permutations: Iterator[ArrayDeque[A]]
  def combinations(n: Int): Iterator[ArrayDeque[A]]
  def sameElements(that: IterableOnce[A]): Boolean
  def append(elem: A): this.type
  def appendAll(elems: IterableOnce[A]): this.type
  def prepend(elem: A): this.type
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def insert(i: Int, elem: A): Unit
  def remove(i: Int): A
  def update(i: Int, elem: A): Unit
  def clear(): Unit
  def result(): ArrayDeque[A]
  def trimEnd(n: Int): Unit
  def sizeHint(n: Int): Unit
  def subtractOne(elem: A): this.type
  def filterInPlace(p: A => Boolean): this.type
  def mapInPlace(f: A => A): this.type
  def enqueue(elem: A): this.type
  def dequeue(): A
  def push(elem: A): this.type
  def pop(): A
  def top: A
  def removeHead(): A
  def removeLast(): A
}

object ArrayDeque {
  def apply[A](elems: A*): ArrayDeque[A]
  def empty[A]: ArrayDeque[A]
  def from[A](it: IterableOnce[A]): ArrayDeque[A]
  def fill[A](n: Int)(elem: => A): ArrayDeque[A]
  def tabulate[A](n: Int)(f: Int => A): ArrayDeque[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, ArrayDeque[A]]
  def unapplySeq[A](x: ArrayDeque[A]): Option[Seq[A]]
  def range(start: Int, end: Int): ArrayDeque[Int]
  def iterate[A](start: A, len: Int)(f: A => A): ArrayDeque[A]
  def concat[A](xss: Iterable[A]*): ArrayDeque[A]
}

/** First in, first out. */
class Queue[A] extends Buffer[A] {
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
  def append(elem: A): this.type
  def appendAll(elems: IterableOnce[A]): this.type
  def prepend(elem: A): this.type
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def insert(i: Int, elem: A): Unit
  def remove(i: Int): A
  def update(i: Int, elem: A): Unit
  def clear(): Unit
  def result(): Queue[A]
  def trimEnd(n: Int): Unit
  def sizeHint(n: Int): Unit
  def subtractOne(elem: A): this.type
  def filterInPlace(p: A => Boolean): this.type
  def mapInPlace(f: A => A): this.type
  def enqueue(elem: A): this.type
  def dequeue(): A
  def push(elem: A): this.type
  def pop(): A
  def top: A
  def removeHead(): A
  def removeLast(): A
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

/** Last in, first out. */
class Stack[A] extends Buffer[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Stack[A]
  def init: Stack[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Stack[A]
  def filterNot(p: A => Boolean): Stack[A]
  def withFilter(p: A => Boolean): Stack[A]
  def partition(p: A => Boolean): (Stack[A], Stack[A])
  def span(p: A => Boolean): (Stack[A], Stack[A])
  def splitAt(n: Int): (Stack[A], Stack[A])
  def take(n: Int): Stack[A]
  def takeRight(n: Int): Stack[A]
  def takeWhile(p: A => Boolean): Stack[A]
  def drop(n: Int): Stack[A]
  def dropRight(n: Int): Stack[A]
  def dropWhile(p: A => Boolean): Stack[A]
  def slice(from: Int, until: Int): Stack[A]
  def map[B](f: A => B): Stack[B]
  def flatMap[B](f: A => IterableOnce[B]): Stack[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Stack[B]
  def collect[B](pf: PartialFunction[A, B]): Stack[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Stack[B]
  def groupBy[K](f: A => K): Map[K, Stack[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Stack[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Stack[A]]
  def sliding(size: Int): Iterator[Stack[A]]
  def zip[B](that: IterableOnce[B]): Stack[(A, B)]
  def zipWithIndex: Stack[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Stack[B], Stack[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Stack[A]
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
  def reverse: Stack[A]
  def reverseIterator: Iterator[A]
  def sorted: Stack[A]
  def sortBy[B](f: A => B): Stack[A]
  def sortWith(lt: (A, A) => Boolean): Stack[A]
  def distinct: Stack[A]
  def distinctBy[B](f: A => B): Stack[A]
  def startsWith[B](that: IterableOnce[B]): Boolean
  def endsWith[B](that: Iterable[B]): Boolean
  def updated(i: Int, elem: A): Stack[A]
  def prepended(elem: A): Stack[A]
  def appended(elem: A): Stack[A]
  def appendedAll(that: IterableOnce[A]): Stack[A]
  def prependedAll(that: IterableOnce[A]): Stack[A]
  def concat(that: IterableOnce[A]): Stack[A]
  def patch(from: Int, other: IterableOnce[A], replaced: Int): Stack[A]
  def padTo(len: Int, elem: A): Stack[A]
  def diff(that: Seq[A]): Stack[A]
  def intersect(that: Seq[A]): Stack[A]
  def permutations: Iterator[Stack[A]]
  def combinations(n: Int): Iterator[Stack[A]]
  def sameElements(that: IterableOnce[A]): Boolean
  def append(elem: A): this.type
  def appendAll(elems: IterableOnce[A]): this.type
  def prepend(elem: A): this.type
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def insert(i: Int, elem: A): Unit
  def remove(i: Int): A
  def update(i: Int, elem: A): Unit
  def clear(): Unit
  def result(): Stack[A]
  def trimEnd(n: Int): Unit
  def sizeHint(n: Int): Unit
  def subtractOne(elem: A): this.type
  def filterInPlace(p: A => Boolean): this.type
  def mapInPlace(f: A => A): this.type
  def enqueue(elem: A): this.type
  def dequeue(): A
  def push(elem: A): this.type
  def pop(): A
  def top: A
  def removeHead(): A
  def removeLast(): A
}

object Stack {
  def apply[A](elems: A*): Stack[A]
  def empty[A]: Stack[A]
  def from[A](it: IterableOnce[A]): Stack[A]
  def fill[A](n: Int)(elem: => A): Stack[A]
  def tabulate[A](n: Int)(f: Int => A): Stack[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Stack[A]]
  def unapplySeq[A](x: Stack[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Stack[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Stack[A]
  def concat[A](xss: Iterable[A]*): Stack[A]
}

/** Makes an array. */
class ArrayBuilder[A] extends Builder[A, Array[A]] {
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def result(): Array[A]
  def clear(): Unit
  def sizeHint(n: Int): Unit
}

/** Values, each once. */
trait Set[A] extends scala.collection.Set[A] {
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
  def add(elem: A): Boolean
  def remove(elem: A): Boolean
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def subtractOne(elem: A): this.type
  def clear(): Unit
  def filterInPlace(p: A => Boolean): this.type
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
  def add(elem: A): Boolean
  def remove(elem: A): Boolean
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def subtractOne(elem: A): this.type
  def clear(): Unit
  def filterInPlace(p: A => Boolean): this.type
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
class LinkedHashSet[A] extends Set[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: LinkedHashSet[A]
  def init: LinkedHashSet[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): LinkedHashSet[A]
  def filterNot(p: A => Boolean): LinkedHashSet[A]
  def withFilter(p: A => Boolean): LinkedHashSet[A]
  def partition(p: A => Boolean): (LinkedHashSet[A], LinkedHashSet[A])
  def span(p: A => Boolean): (LinkedHashSet[A], LinkedHashSet[A])
  def splitAt(n: Int): (LinkedHashSet[A], LinkedHashSet[A])
  def take(n: Int): LinkedHashSet[A]
  def takeRight(n: Int): LinkedHashSet[A]
  def takeWhile(p: A => Boolean): LinkedHashSet[A]
  def drop(n: Int): LinkedHashSet[A]
  def dropRight(n: Int): LinkedHashSet[A]
  def dropWhile(p: A => Boolean): LinkedHashSet[A]
  def slice(from: Int, until: Int): LinkedHashSet[A]
  def map[B](f: A => B): LinkedHashSet[B]
  def flatMap[B](f: A => IterableOnce[B]): LinkedHashSet[B]
  def flatten[B](implicit each: A => IterableOnce[B]): LinkedHashSet[B]
  def collect[B](pf: PartialFunction[A, B]): LinkedHashSet[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): LinkedHashSet[B]
  def groupBy[K](f: A => K): Map[K, LinkedHashSet[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, LinkedHashSet[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[LinkedHashSet[A]]
  def sliding(size: Int): Iterator[LinkedHashSet[A]]
  def zip[B](that: IterableOnce[B]): LinkedHashSet[(A, B)]
  def zipWithIndex: LinkedHashSet[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (LinkedHashSet[B], LinkedHashSet[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): LinkedHashSet[A]
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
  def union(that: Set[A]): LinkedHashSet[A]
  def intersect(that: Set[A]): LinkedHashSet[A]
  def diff(that: Set[A]): LinkedHashSet[A]
  def incl(elem: A): LinkedHashSet[A]
  def excl(elem: A): LinkedHashSet[A]
  def concat(that: IterableOnce[A]): LinkedHashSet[A]
  def add(elem: A): Boolean
  def remove(elem: A): Boolean
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def subtractOne(elem: A): this.type
  def clear(): Unit
  def filterInPlace(p: A => Boolean): this.type
}

object LinkedHashSet {
  def apply[A](elems: A*): LinkedHashSet[A]
  def empty[A]: LinkedHashSet[A]
  def from[A](it: IterableOnce[A]): LinkedHashSet[A]
  def fill[A](n: Int)(elem: => A): LinkedHashSet[A]
  def tabulate[A](n: Int)(f: Int => A): LinkedHashSet[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, LinkedHashSet[A]]
  def unapplySeq[A](x: LinkedHashSet[A]): Option[Seq[A]]
  def range(start: Int, end: Int): LinkedHashSet[Int]
  def iterate[A](start: A, len: Int)(f: A => A): LinkedHashSet[A]
  def concat[A](xss: Iterable[A]*): LinkedHashSet[A]
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
  def add(elem: A): Boolean
  def remove(elem: A): Boolean
  def addOne(elem: A): this.type
  def addAll(elems: IterableOnce[A]): this.type
  def subtractOne(elem: A): this.type
  def clear(): Unit
  def filterInPlace(p: A => Boolean): this.type
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

/** Values by key. */
trait Map[K, V] extends scala.collection.Map[K, V] {
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
  def put(key: K, value: V): Option[V]
  def update(key: K, value: V): Unit
  def getOrElseUpdate(key: K, value: => V): V
  def updateWith(key: K)(f: Option[V] => Option[V]): Option[V]
  def remove(key: K): Option[V]
  def addOne(elem: (K, V)): this.type
  def addAll(elems: IterableOnce[(K, V)]): this.type
  def subtractOne(key: K): this.type
  def clear(): Unit
  def filterInPlace(p: (K, V) => Boolean): this.type
}

object Map {
  def apply[K, V](elems: (K, V)*): Map[K, V]
  def empty[K, V]: Map[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): Map[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), Map[K, V]]
}

/** A map by hash. */
class HashMap[K, V] extends Map[K, V] {
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
  def put(key: K, value: V): Option[V]
  def update(key: K, value: V): Unit
  def getOrElseUpdate(key: K, value: => V): V
  def updateWith(key: K)(f: Option[V] => Option[V]): Option[V]
  def remove(key: K): Option[V]
  def addOne(elem: (K, V)): this.type
  def addAll(elems: IterableOnce[(K, V)]): this.type
  def subtractOne(key: K): this.type
  def clear(): Unit
  def filterInPlace(p: (K, V) => Boolean): this.type
}

object HashMap {
  def apply[K, V](elems: (K, V)*): HashMap[K, V]
  def empty[K, V]: HashMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): HashMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), HashMap[K, V]]
}

/** A map in the order of insertion. */
class LinkedHashMap[K, V] extends Map[K, V] {
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
  def tail: LinkedHashMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): LinkedHashMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): LinkedHashMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): LinkedHashMap[K, V]
  def filterKeys(p: K => Boolean): LinkedHashMap[K, V]
  def partition(p: ((K, V)) => Boolean): (LinkedHashMap[K, V], LinkedHashMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): LinkedHashMap[K, W]
  def transform[W](f: (K, V) => W): LinkedHashMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, LinkedHashMap[K, V]]
  def take(n: Int): LinkedHashMap[K, V]
  def drop(n: Int): LinkedHashMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): LinkedHashMap[K, V]
  def removed(key: K): LinkedHashMap[K, V]
  def removedAll(keys: IterableOnce[K]): LinkedHashMap[K, V]
  def concat(that: IterableOnce[(K, V)]): LinkedHashMap[K, V]
  def withDefaultValue(value: V): LinkedHashMap[K, V]
  def withDefault(f: K => V): LinkedHashMap[K, V]
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
  def put(key: K, value: V): Option[V]
  def update(key: K, value: V): Unit
  def getOrElseUpdate(key: K, value: => V): V
  def updateWith(key: K)(f: Option[V] => Option[V]): Option[V]
  def remove(key: K): Option[V]
  def addOne(elem: (K, V)): this.type
  def addAll(elems: IterableOnce[(K, V)]): this.type
  def subtractOne(key: K): this.type
  def clear(): Unit
  def filterInPlace(p: (K, V) => Boolean): this.type
}

object LinkedHashMap {
  def apply[K, V](elems: (K, V)*): LinkedHashMap[K, V]
  def empty[K, V]: LinkedHashMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): LinkedHashMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), LinkedHashMap[K, V]]
}

/** A map in the order of its keys. */
class TreeMap[K, V] extends Map[K, V] {
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
  def put(key: K, value: V): Option[V]
  def update(key: K, value: V): Unit
  def getOrElseUpdate(key: K, value: => V): V
  def updateWith(key: K)(f: Option[V] => Option[V]): Option[V]
  def remove(key: K): Option[V]
  def addOne(elem: (K, V)): this.type
  def addAll(elems: IterableOnce[(K, V)]): this.type
  def subtractOne(key: K): this.type
  def clear(): Unit
  def filterInPlace(p: (K, V) => Boolean): this.type
}

object TreeMap {
  def apply[K, V](elems: (K, V)*): TreeMap[K, V]
  def empty[K, V]: TreeMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): TreeMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), TreeMap[K, V]]
}

/** A map that holds its keys weakly. */
class WeakHashMap[K, V] extends Map[K, V] {
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
  def tail: WeakHashMap[K, V]
  def foreach[U](f: ((K, V)) => U): Unit
  def exists(p: ((K, V)) => Boolean): Boolean
  def forall(p: ((K, V)) => Boolean): Boolean
  def count(p: ((K, V)) => Boolean): Int
  def find(p: ((K, V)) => Boolean): Option[(K, V)]
  def filter(p: ((K, V)) => Boolean): WeakHashMap[K, V]
  def filterNot(p: ((K, V)) => Boolean): WeakHashMap[K, V]
  def withFilter(p: ((K, V)) => Boolean): WeakHashMap[K, V]
  def filterKeys(p: K => Boolean): WeakHashMap[K, V]
  def partition(p: ((K, V)) => Boolean): (WeakHashMap[K, V], WeakHashMap[K, V])
  def map[B](f: ((K, V)) => B): Iterable[B]
  def flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
  def collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
  def collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
  def mapValues[W](f: V => W): WeakHashMap[K, W]
  def transform[W](f: (K, V) => W): WeakHashMap[K, W]
  def foldLeft[B](z: B)(op: (B, (K, V)) => B): B
  def foldRight[B](z: B)(op: ((K, V), B) => B): B
  def groupBy[G](f: ((K, V)) => G): Map[G, WeakHashMap[K, V]]
  def take(n: Int): WeakHashMap[K, V]
  def drop(n: Int): WeakHashMap[K, V]
  def minBy[B](f: ((K, V)) => B): (K, V)
  def maxBy[B](f: ((K, V)) => B): (K, V)
  def updated(key: K, value: V): WeakHashMap[K, V]
  def removed(key: K): WeakHashMap[K, V]
  def removedAll(keys: IterableOnce[K]): WeakHashMap[K, V]
  def concat(that: IterableOnce[(K, V)]): WeakHashMap[K, V]
  def withDefaultValue(value: V): WeakHashMap[K, V]
  def withDefault(f: K => V): WeakHashMap[K, V]
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
  def put(key: K, value: V): Option[V]
  def update(key: K, value: V): Unit
  def getOrElseUpdate(key: K, value: => V): V
  def updateWith(key: K)(f: Option[V] => Option[V]): Option[V]
  def remove(key: K): Option[V]
  def addOne(elem: (K, V)): this.type
  def addAll(elems: IterableOnce[(K, V)]): this.type
  def subtractOne(key: K): this.type
  def clear(): Unit
  def filterInPlace(p: (K, V) => Boolean): this.type
}

object WeakHashMap {
  def apply[K, V](elems: (K, V)*): WeakHashMap[K, V]
  def empty[K, V]: WeakHashMap[K, V]
  def from[K, V](it: IterableOnce[(K, V)]): WeakHashMap[K, V]
  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), WeakHashMap[K, V]]
}

/** A text that is put together. */
class StringBuilder extends CharSequence {
  def append(x: Any): StringBuilder
  def addAll(s: String): this.type
  def addOne(c: Char): this.type
  def result(): String
  def length: Int
  def clear(): Unit
  def setLength(n: Int): Unit
  def insert(i: Int, x: Any): StringBuilder
  def toString: String
}
