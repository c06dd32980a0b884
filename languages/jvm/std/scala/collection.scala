package scala.collection

/** What can be gone through at least once. */
trait IterableOnce[+A] {
  def iterator: Iterator[A]
  def knownSize: Int
  def foreach[U](f: A => U): Unit
}

/** What can be gone through. */
trait Iterable[+A] extends IterableOnce[A] {
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

/** What can be gone through once. */
trait Iterator[+A] extends IterableOnce[A] {
  def hasNext: Boolean
  def next(): A
  def buffered: BufferedIterator[A]
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: Iterator[A]
  def init: Iterator[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): Iterator[A]
  def filterNot(p: A => Boolean): Iterator[A]
  def withFilter(p: A => Boolean): Iterator[A]
  def partition(p: A => Boolean): (Iterator[A], Iterator[A])
  def span(p: A => Boolean): (Iterator[A], Iterator[A])
  def splitAt(n: Int): (Iterator[A], Iterator[A])
  def take(n: Int): Iterator[A]
  def takeRight(n: Int): Iterator[A]
  def takeWhile(p: A => Boolean): Iterator[A]
  def drop(n: Int): Iterator[A]
  def dropRight(n: Int): Iterator[A]
  def dropWhile(p: A => Boolean): Iterator[A]
  def slice(from: Int, until: Int): Iterator[A]
  def map[B](f: A => B): Iterator[B]
  def flatMap[B](f: A => IterableOnce[B]): Iterator[B]
  def flatten[B](implicit each: A => IterableOnce[B]): Iterator[B]
  def collect[B](pf: PartialFunction[A, B]): Iterator[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): Iterator[B]
  def groupBy[K](f: A => K): Map[K, Iterator[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, Iterator[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[Iterator[A]]
  def sliding(size: Int): Iterator[Iterator[A]]
  def zip[B](that: IterableOnce[B]): Iterator[(A, B)]
  def zipWithIndex: Iterator[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (Iterator[B], Iterator[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): Iterator[A]
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

object Iterator {
  def apply[A](elems: A*): Iterator[A]
  def empty[A]: Iterator[A]
  def from[A](it: IterableOnce[A]): Iterator[A]
  def fill[A](n: Int)(elem: => A): Iterator[A]
  def tabulate[A](n: Int)(f: Int => A): Iterator[A]
  def newBuilder[A]: scala.collection.mutable.Builder[A, Iterator[A]]
  def unapplySeq[A](x: Iterator[A]): Option[Seq[A]]
  def range(start: Int, end: Int): Iterator[Int]
  def iterate[A](start: A, len: Int)(f: A => A): Iterator[A]
  def concat[A](xss: Iterable[A]*): Iterator[A]
}

trait BufferedIterator[+A] extends Iterator[A] {
  def head: A
}

/** Values in an order. */
trait Seq[+A] extends Iterable[A] with PartialFunction[Int, A] {
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
trait IndexedSeq[+A] extends Seq[A] {
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

/** Values, each once. */
trait Set[A] extends Iterable[A] {
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

/** Values by key. */
trait Map[K, +V] extends Iterable[(K, V)] with PartialFunction[K, V] {
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

/** What is gone through when it is asked for. */
trait View[+A] extends Iterable[A] {
  def size: Int
  def isEmpty: Boolean
  def nonEmpty: Boolean
  def head: A
  def headOption: Option[A]
  def last: A
  def lastOption: Option[A]
  def tail: View[A]
  def init: View[A]
  def iterator: Iterator[A]
  def foreach[U](f: A => U): Unit
  def exists(p: A => Boolean): Boolean
  def forall(p: A => Boolean): Boolean
  def count(p: A => Boolean): Int
  def find(p: A => Boolean): Option[A]
  def filter(p: A => Boolean): View[A]
  def filterNot(p: A => Boolean): View[A]
  def withFilter(p: A => Boolean): View[A]
  def partition(p: A => Boolean): (View[A], View[A])
  def span(p: A => Boolean): (View[A], View[A])
  def splitAt(n: Int): (View[A], View[A])
  def take(n: Int): View[A]
  def takeRight(n: Int): View[A]
  def takeWhile(p: A => Boolean): View[A]
  def drop(n: Int): View[A]
  def dropRight(n: Int): View[A]
  def dropWhile(p: A => Boolean): View[A]
  def slice(from: Int, until: Int): View[A]
  def map[B](f: A => B): View[B]
  def flatMap[B](f: A => IterableOnce[B]): View[B]
  def flatten[B](implicit each: A => IterableOnce[B]): View[B]
  def collect[B](pf: PartialFunction[A, B]): View[B]
  def collectFirst[B](pf: PartialFunction[A, B]): Option[B]
  def fold[B](z: B)(op: (B, B) => B): B
  def foldLeft[B](z: B)(op: (B, A) => B): B
  def foldRight[B](z: B)(op: (A, B) => B): B
  def reduce[B](op: (A, A) => A): A
  def reduceLeft[B](op: (A, A) => A): A
  def reduceRight[B](op: (A, A) => A): A
  def reduceOption[B](op: (A, A) => A): Option[A]
  def reduceLeftOption[B](op: (A, A) => A): Option[A]
  def scanLeft[B](z: B)(op: (B, A) => B): View[B]
  def groupBy[K](f: A => K): Map[K, View[A]]
  def groupMap[K, B](key: A => K)(f: A => B): Map[K, View[B]]
  def groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
  def grouped(size: Int): Iterator[View[A]]
  def sliding(size: Int): Iterator[View[A]]
  def zip[B](that: IterableOnce[B]): View[(A, B)]
  def zipWithIndex: View[(A, Int)]
  def unzip[B, D](implicit parts: A => (B, D)): (View[B], View[D])
  def sum: A
  def product: A
  def min: A
  def max: A
  def minBy[B](f: A => B): A
  def maxBy[B](f: A => B): A
  def minOption: Option[A]
  def maxOption: Option[A]
  def tapEach[U](f: A => U): View[A]
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
