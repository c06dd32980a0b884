"""Writes the declarations of the Scala library that code mostly uses. Argument: the folder to write to.

Collections are declared with what their methods give for each of them: the library itself says so through types of types, which nobody reads with pleasure.
"""

import os
import sys

# Methods of every collection: name and type parameters, parameters, result; C is the collection itself, A what it holds.
COMMON = """
size: Int
isEmpty: Boolean
nonEmpty: Boolean
head: A
headOption: Option[A]
last: A
lastOption: Option[A]
tail: C[A]
init: C[A]
iterator: Iterator[A]
foreach[U](f: A => U): Unit
exists(p: A => Boolean): Boolean
forall(p: A => Boolean): Boolean
count(p: A => Boolean): Int
find(p: A => Boolean): Option[A]
filter(p: A => Boolean): C[A]
filterNot(p: A => Boolean): C[A]
withFilter(p: A => Boolean): C[A]
partition(p: A => Boolean): (C[A], C[A])
span(p: A => Boolean): (C[A], C[A])
splitAt(n: Int): (C[A], C[A])
take(n: Int): C[A]
takeRight(n: Int): C[A]
takeWhile(p: A => Boolean): C[A]
drop(n: Int): C[A]
dropRight(n: Int): C[A]
dropWhile(p: A => Boolean): C[A]
slice(from: Int, until: Int): C[A]
map[B](f: A => B): C[B]
flatMap[B](f: A => IterableOnce[B]): C[B]
flatten[B](implicit each: A => IterableOnce[B]): C[B]
collect[B](pf: PartialFunction[A, B]): C[B]
collectFirst[B](pf: PartialFunction[A, B]): Option[B]
fold[B](z: B)(op: (B, B) => B): B
foldLeft[B](z: B)(op: (B, A) => B): B
foldRight[B](z: B)(op: (A, B) => B): B
reduce[B](op: (A, A) => A): A
reduceLeft[B](op: (A, A) => A): A
reduceRight[B](op: (A, A) => A): A
reduceOption[B](op: (A, A) => A): Option[A]
reduceLeftOption[B](op: (A, A) => A): Option[A]
scanLeft[B](z: B)(op: (B, A) => B): C[B]
groupBy[K](f: A => K): Map[K, C[A]]
groupMap[K, B](key: A => K)(f: A => B): Map[K, C[B]]
groupMapReduce[K, B](key: A => K)(f: A => B)(reduce: (B, B) => B): Map[K, B]
grouped(size: Int): Iterator[C[A]]
sliding(size: Int): Iterator[C[A]]
zip[B](that: IterableOnce[B]): C[(A, B)]
zipWithIndex: C[(A, Int)]
unzip[B, D](implicit parts: A => (B, D)): (C[B], C[D])
sum: A
product: A
min: A
max: A
minBy[B](f: A => B): A
maxBy[B](f: A => B): A
minOption: Option[A]
maxOption: Option[A]
tapEach[U](f: A => U): C[A]
mkString: String
mkString(sep: String): String
mkString(start: String, sep: String, end: String): String
addString(b: StringBuilder): StringBuilder
copyToArray[B](xs: Array[B]): Int
to[B](factory: B): B
toList: List[A]
toVector: Vector[A]
toSeq: Seq[A]
toIndexedSeq: IndexedSeq[A]
toIterable: Iterable[A]
toSet[B]: Set[A]
toArray[B]: Array[A]
toBuffer[B]: scala.collection.mutable.Buffer[A]
toMap[K, V](implicit each: A => (K, V)): Map[K, V]
view: View[A]
knownSize: Int
corresponds[B](that: IterableOnce[B])(p: (A, B) => Boolean): Boolean
"""
ORDERED = """
apply(i: Int): A
length: Int
isDefinedAt(i: Int): Boolean
lift: Int => Option[A]
indices: Range
contains(elem: A): Boolean
indexOf(elem: A): Int
lastIndexOf(elem: A): Int
indexWhere(p: A => Boolean): Int
reverse: C[A]
reverseIterator: Iterator[A]
sorted: C[A]
sortBy[B](f: A => B): C[A]
sortWith(lt: (A, A) => Boolean): C[A]
distinct: C[A]
distinctBy[B](f: A => B): C[A]
startsWith[B](that: IterableOnce[B]): Boolean
endsWith[B](that: Iterable[B]): Boolean
updated(i: Int, elem: A): C[A]
prepended(elem: A): C[A]
appended(elem: A): C[A]
appendedAll(that: IterableOnce[A]): C[A]
prependedAll(that: IterableOnce[A]): C[A]
concat(that: IterableOnce[A]): C[A]
patch(from: Int, other: IterableOnce[A], replaced: Int): C[A]
padTo(len: Int, elem: A): C[A]
diff(that: Seq[A]): C[A]
intersect(that: Seq[A]): C[A]
permutations: Iterator[C[A]]
combinations(n: Int): Iterator[C[A]]
sameElements(that: IterableOnce[A]): Boolean
"""
OF_SET = """
apply(elem: A): Boolean
contains(elem: A): Boolean
subsetOf(that: Set[A]): Boolean
union(that: Set[A]): C[A]
intersect(that: Set[A]): C[A]
diff(that: Set[A]): C[A]
incl(elem: A): C[A]
excl(elem: A): C[A]
concat(that: IterableOnce[A]): C[A]
"""
OF_BUFFER = """
append(elem: A): this.type
appendAll(elems: IterableOnce[A]): this.type
prepend(elem: A): this.type
addOne(elem: A): this.type
addAll(elems: IterableOnce[A]): this.type
insert(i: Int, elem: A): Unit
remove(i: Int): A
update(i: Int, elem: A): Unit
clear(): Unit
result(): C[A]
trimEnd(n: Int): Unit
sizeHint(n: Int): Unit
subtractOne(elem: A): this.type
filterInPlace(p: A => Boolean): this.type
mapInPlace(f: A => A): this.type
"""
OF_MUTABLE_SET = """
add(elem: A): Boolean
remove(elem: A): Boolean
addOne(elem: A): this.type
addAll(elems: IterableOnce[A]): this.type
subtractOne(elem: A): this.type
clear(): Unit
filterInPlace(p: A => Boolean): this.type
"""
OF_MAP = """
size: Int
isEmpty: Boolean
nonEmpty: Boolean
get(key: K): Option[V]
getOrElse(key: K, default: => V): V
apply(key: K): V
contains(key: K): Boolean
isDefinedAt(key: K): Boolean
keys: Iterable[K]
keySet: Set[K]
keysIterator: Iterator[K]
values: Iterable[V]
valuesIterator: Iterator[V]
iterator: Iterator[(K, V)]
head: (K, V)
headOption: Option[(K, V)]
last: (K, V)
tail: C[K, V]
foreach[U](f: ((K, V)) => U): Unit
exists(p: ((K, V)) => Boolean): Boolean
forall(p: ((K, V)) => Boolean): Boolean
count(p: ((K, V)) => Boolean): Int
find(p: ((K, V)) => Boolean): Option[(K, V)]
filter(p: ((K, V)) => Boolean): C[K, V]
filterNot(p: ((K, V)) => Boolean): C[K, V]
withFilter(p: ((K, V)) => Boolean): C[K, V]
filterKeys(p: K => Boolean): C[K, V]
partition(p: ((K, V)) => Boolean): (C[K, V], C[K, V])
map[B](f: ((K, V)) => B): Iterable[B]
flatMap[B](f: ((K, V)) => IterableOnce[B]): Iterable[B]
collect[B](pf: PartialFunction[(K, V), B]): Iterable[B]
collectFirst[B](pf: PartialFunction[(K, V), B]): Option[B]
mapValues[W](f: V => W): C[K, W]
transform[W](f: (K, V) => W): C[K, W]
foldLeft[B](z: B)(op: (B, (K, V)) => B): B
foldRight[B](z: B)(op: ((K, V), B) => B): B
groupBy[G](f: ((K, V)) => G): Map[G, C[K, V]]
take(n: Int): C[K, V]
drop(n: Int): C[K, V]
minBy[B](f: ((K, V)) => B): (K, V)
maxBy[B](f: ((K, V)) => B): (K, V)
updated(key: K, value: V): C[K, V]
removed(key: K): C[K, V]
removedAll(keys: IterableOnce[K]): C[K, V]
concat(that: IterableOnce[(K, V)]): C[K, V]
withDefaultValue(value: V): C[K, V]
withDefault(f: K => V): C[K, V]
zipWithIndex: Iterable[((K, V), Int)]
mkString: String
mkString(sep: String): String
mkString(start: String, sep: String, end: String): String
toList: List[(K, V)]
toSeq: Seq[(K, V)]
toVector: Vector[(K, V)]
toSet[B]: Set[(K, V)]
toArray[B]: Array[(K, V)]
toMap[B, W]: Map[K, V]
view: View[(K, V)]
"""
OF_MUTABLE_MAP = """
put(key: K, value: V): Option[V]
update(key: K, value: V): Unit
getOrElseUpdate(key: K, value: => V): V
updateWith(key: K)(f: Option[V] => Option[V]): Option[V]
remove(key: K): Option[V]
addOne(elem: (K, V)): this.type
addAll(elems: IterableOnce[(K, V)]): this.type
subtractOne(key: K): this.type
clear(): Unit
filterInPlace(p: (K, V) => Boolean): this.type
"""


def methods(text, name, indent="  "):
    return [f"{indent}def {line.replace('C[', name + '[')}" for line in text.strip().split("\n")]


def collection(doc, head, name, *texts):
    lines = [f"/** {doc} */", f"{head} {{"]
    for text in texts:
        lines += methods(text, name)
    return lines + ["}", ""]


def factory(name, params="A", made=None):
    made = made or f"{name}[{params}]"
    if params == "K, V":
        body = [f"  def apply[K, V](elems: (K, V)*): {made}", f"  def empty[K, V]: {made}", f"  def from[K, V](it: IterableOnce[(K, V)]): {made}", f"  def newBuilder[K, V]: scala.collection.mutable.Builder[(K, V), {made}]"]
    else:
        body = [
            f"  def apply[A](elems: A*): {made}", f"  def empty[A]: {made}", f"  def from[A](it: IterableOnce[A]): {made}", f"  def fill[A](n: Int)(elem: => A): {made}",
            f"  def tabulate[A](n: Int)(f: Int => A): {made}", f"  def newBuilder[A]: scala.collection.mutable.Builder[A, {made}]", f"  def unapplySeq[A](x: {made}): Option[Seq[A]]", f"  def range(start: Int, end: Int): {name}[Int]",
            f"  def iterate[A](start: A, len: Int)(f: A => A): {made}", f"  def concat[A](xss: Iterable[A]*): {made}",
        ]
    return [f"object {name} {{", *body, "}", ""]


def main():
    folder = sys.argv[1]
    files = {}
    files["scala/collection.scala"] = (
        ["package scala.collection", "", "/** What can be gone through at least once. */", "trait IterableOnce[+A] {", "  def iterator: Iterator[A]", "  def knownSize: Int", "  def foreach[U](f: A => U): Unit", "}", ""]
        + collection("What can be gone through.", "trait Iterable[+A] extends IterableOnce[A]", "Iterable", COMMON) + factory("Iterable")
        + collection("What can be gone through once.", "trait Iterator[+A] extends IterableOnce[A]", "Iterator", "hasNext: Boolean\nnext(): A\nbuffered: BufferedIterator[A]\n" + COMMON.strip()) + factory("Iterator")
        + ["trait BufferedIterator[+A] extends Iterator[A] {", "  def head: A", "}", ""]
        + collection("Values in an order.", "trait Seq[+A] extends Iterable[A] with PartialFunction[Int, A]", "Seq", COMMON, ORDERED) + factory("Seq")
        + collection("Values in an order, quick by position.", "trait IndexedSeq[+A] extends Seq[A]", "IndexedSeq", COMMON, ORDERED) + factory("IndexedSeq")
        + collection("Values, each once.", "trait Set[A] extends Iterable[A]", "Set", COMMON, OF_SET) + factory("Set")
        + collection("Values by key.", "trait Map[K, +V] extends Iterable[(K, V)] with PartialFunction[K, V]", "Map", OF_MAP) + factory("Map", "K, V")
        + collection("What is gone through when it is asked for.", "trait View[+A] extends Iterable[A]", "View", COMMON)
    )
    immutable = ["package scala.collection.immutable", "", "import scala.collection.{IterableOnce, View}", ""]
    immutable += collection("What can be gone through and never changes.", "trait Iterable[+A] extends scala.collection.Iterable[A]", "Iterable", COMMON) + factory("Iterable")
    immutable += collection("Values in an order that never change.", "trait Seq[+A] extends Iterable[A] with scala.collection.Seq[A]", "Seq", COMMON, ORDERED) + factory("Seq")
    immutable += collection("Values in an order, quick by position.", "trait IndexedSeq[+A] extends Seq[A] with scala.collection.IndexedSeq[A]", "IndexedSeq", COMMON, ORDERED) + factory("IndexedSeq")
    immutable += collection("Values in an order, quick at the head.", "sealed abstract class List[+A] extends Seq[A]", "List", COMMON, ORDERED) + factory("List")
    immutable += ["/** A list without values. */", "case object Nil extends List[Nothing]", "", "/** A head and the rest. */", "final case class ::[+A](head: A, next: List[A]) extends List[A]", ""]
    immutable += collection("Values in an order, quick everywhere.", "sealed abstract class Vector[+A] extends IndexedSeq[A]", "Vector", COMMON, ORDERED) + factory("Vector")
    immutable += collection("A list whose rest is made when it is asked for.", "final class LazyList[+A] extends Seq[A]", "LazyList", COMMON, ORDERED) + factory("LazyList")
    immutable += collection("First in, first out.", "class Queue[+A] extends Seq[A]", "Queue", "enqueue[B](elem: B): Queue[A]\ndequeue: (A, Queue[A])\ndequeueOption: Option[(A, Queue[A])]\n" + COMMON.strip(), ORDERED) + factory("Queue")
    immutable += collection("An array that never changes.", "sealed abstract class ArraySeq[+A] extends IndexedSeq[A]", "ArraySeq", COMMON, ORDERED) + factory("ArraySeq")
    immutable += collection("Values, each once, that never change.", "trait Set[A] extends Iterable[A] with scala.collection.Set[A]", "Set", COMMON, OF_SET) + factory("Set")
    for name, doc in (("HashSet", "A set by hash."), ("ListSet", "A set in the order of insertion."), ("SortedSet", "A set in order."), ("TreeSet", "A set in order.")):
        immutable += collection(doc, f"class {name}[A] extends Set[A]", name, COMMON, OF_SET) + factory(name)
    immutable += collection("Values by key that never change.", "trait Map[K, +V] extends scala.collection.Map[K, V]", "Map", OF_MAP) + factory("Map", "K, V")
    for name, doc in (("HashMap", "A map by hash."), ("ListMap", "A map in the order of insertion."), ("SortedMap", "A map in the order of its keys."), ("TreeMap", "A map in the order of its keys."), ("VectorMap", "A map in the order of insertion.")):
        immutable += collection(doc, f"class {name}[K, +V] extends Map[K, V]", name, OF_MAP) + factory(name, "K, V")
    immutable += ["/** Numbers from one to another. */", "sealed abstract class Range extends IndexedSeq[Int] {", "  val start: Int", "  val end: Int", "  val step: Int", "  def by(step: Int): Range", "  def inclusive: Range", "}", "object Range {", "  def apply(start: Int, end: Int): Range", "  def inclusive(start: Int, end: Int): Range", "}", ""]
    files["scala/collection/immutable.scala"] = immutable
    mutable = ["package scala.collection.mutable", "", "import scala.collection.{IterableOnce, View}", "", "/** Makes a collection from what it is given. */", "trait Builder[-A, +To] {", "  def addOne(elem: A): this.type", "  def addAll(elems: IterableOnce[A]): this.type", "  def result(): To", "  def clear(): Unit", "  def sizeHint(n: Int): Unit", "}", ""]
    mutable += collection("Values in an order.", "trait Seq[A] extends scala.collection.Seq[A]", "Seq", COMMON, ORDERED, "update(i: Int, elem: A): Unit") + factory("Seq")
    mutable += collection("Values in an order that grows and shrinks.", "trait Buffer[A] extends Seq[A]", "Buffer", COMMON, ORDERED, OF_BUFFER) + factory("Buffer")
    for name, doc in (("ArrayBuffer", "A buffer, quick by position."), ("ListBuffer", "A buffer that becomes a list."), ("ArrayDeque", "A buffer, quick at both ends."), ("Queue", "First in, first out."), ("Stack", "Last in, first out.")):
        more = "enqueue(elem: A): this.type\ndequeue(): A\npush(elem: A): this.type\npop(): A\ntop: A\nremoveHead(): A\nremoveLast(): A" if name in ("Queue", "Stack", "ArrayDeque") else "size: Int"
        mutable += collection(doc, f"class {name}[A] extends Buffer[A]", name, COMMON, ORDERED, OF_BUFFER, more) + factory(name)
    mutable += collection("Makes an array.", "class ArrayBuilder[A] extends Builder[A, Array[A]]", "ArrayBuilder", "addOne(elem: A): this.type\naddAll(elems: IterableOnce[A]): this.type\nresult(): Array[A]\nclear(): Unit\nsizeHint(n: Int): Unit")
    mutable += collection("Values, each once.", "trait Set[A] extends scala.collection.Set[A]", "Set", COMMON, OF_SET, OF_MUTABLE_SET) + factory("Set")
    for name, doc in (("HashSet", "A set by hash."), ("LinkedHashSet", "A set in the order of insertion."), ("TreeSet", "A set in order.")):
        mutable += collection(doc, f"class {name}[A] extends Set[A]", name, COMMON, OF_SET, OF_MUTABLE_SET) + factory(name)
    mutable += collection("Values by key.", "trait Map[K, V] extends scala.collection.Map[K, V]", "Map", OF_MAP, OF_MUTABLE_MAP) + factory("Map", "K, V")
    for name, doc in (("HashMap", "A map by hash."), ("LinkedHashMap", "A map in the order of insertion."), ("TreeMap", "A map in the order of its keys."), ("WeakHashMap", "A map that holds its keys weakly.")):
        mutable += collection(doc, f"class {name}[K, V] extends Map[K, V]", name, OF_MAP, OF_MUTABLE_MAP) + factory(name, "K, V")
    mutable += collection("A text that is put together.", "class StringBuilder extends CharSequence", "StringBuilder", "append(x: Any): StringBuilder\naddAll(s: String): this.type\naddOne(c: Char): this.type\nresult(): String\nlength: Int\nclear(): Unit\nsetLength(n: Int): Unit\ninsert(i: Int, x: Any): StringBuilder\ntoString: String")
    files["scala/collection/mutable.scala"] = mutable
    either = "left: Option[A]\nisLeft: Boolean\nisRight: Boolean\nmap[C](f: B => C): Either[A, C]\nflatMap[C, D](f: B => Either[A, D]): Either[A, D]\nfold[C](fa: A => C, fb: B => C): C\nforeach[U](f: B => U): Unit\ngetOrElse[C](or: => B): B\ntoOption: Option[B]\nswap: Either[B, A]\nfilterOrElse[C](p: B => Boolean, zero: => A): Either[A, B]\ncontains(elem: B): Boolean\nexists(p: B => Boolean): Boolean\nforall(p: B => Boolean): Boolean\norElse[C, D](or: => Either[A, B]): Either[A, B]\ntoSeq: Seq[B]\ntoTry: Try[B]\nmerge: A"
    tried = "isSuccess: Boolean\nisFailure: Boolean\nget: T\ngetOrElse[U](default: => T): T\norElse[U](default: => Try[T]): Try[T]\nmap[U](f: T => U): Try[U]\nflatMap[U](f: T => Try[U]): Try[U]\nforeach[U](f: T => U): Unit\nfilter(p: T => Boolean): Try[T]\nrecover[U](pf: PartialFunction[Throwable, U]): Try[U]\nrecoverWith[U](pf: PartialFunction[Throwable, Try[U]]): Try[U]\nfold[U](fa: Throwable => U, fb: T => U): U\ntoOption: Option[T]\ntoEither: Either[Throwable, T]\nfailed: Try[Throwable]\ncollect[U](pf: PartialFunction[T, U]): Try[U]\ntransform[U](s: T => Try[U], f: Throwable => Try[U]): Try[U]"
    files["scala/util.scala"] = (
        ["package scala.util", ""] + collection("One of two values: by habit a failure on the left.", "sealed abstract class Either[+A, +B]", "Either", either.replace("C[", "C [")) + ["final case class Left[+A, +B](value: A) extends Either[A, B]", "final case class Right[+A, +B](value: B) extends Either[A, B]", "object Either {", "  def cond[A, B](test: Boolean, right: => B, left: => A): Either[A, B]", "}", ""]
        + collection("A value, or what was thrown in its place.", "sealed abstract class Try[+T]", "Try", tried) + ["object Try {", "  def apply[T](r: => T): Try[T]", "}", "final case class Success[+T](value: T) extends Try[T]", "final case class Failure[+T](exception: Throwable) extends Try[T]", ""]
        + ["/** Closes what was opened. */", "object Using {", "  def apply[R, A](resource: => R)(f: R => A): Try[A]", "  def resource[R, A](resource: R)(body: R => A): A", "}", "", "/** Random numbers. */", "class Random {", "  def nextInt(): Int", "  def nextInt(n: Int): Int", "  def nextLong(): Long", "  def nextDouble(): Double", "  def nextBoolean(): Boolean", "  def nextString(length: Int): String", "  def shuffle[T](xs: Seq[T]): Seq[T]", "}", "object Random extends Random"]
    )
    files["scala/util/control.scala"] = ["package scala.util.control", "", "/** Any throwable that a program may go on after. */", "object NonFatal {", "  def apply(t: Throwable): Boolean", "  def unapply(t: Throwable): Option[Throwable]", "}", "/** What is thrown to leave a block, without a trace of calls. */", "trait ControlThrowable extends Throwable", "trait NoStackTrace extends Throwable", "class Breaks {", "  def breakable(op: => Unit): Unit", "  def break(): Nothing", "}", "object Breaks extends Breaks"]
    files["scala/util/matching.scala"] = ["package scala.util.matching", "", "/** A regular expression. */", "class Regex(regex: String) {", "  def findFirstIn(source: CharSequence): Option[String]", "  def findFirstMatchIn(source: CharSequence): Option[Match]", "  def findAllIn(source: CharSequence): Iterator[String]", "  def findAllMatchIn(source: CharSequence): Iterator[Match]", "  def replaceAllIn(target: CharSequence, replacement: String): String", "  def replaceAllIn(target: CharSequence, replacer: Match => String): String", "  def matches(source: CharSequence): Boolean", "  def unapplySeq(s: CharSequence): Option[List[String]]", "  class Match {", "    def group(i: Int): String", "    def start: Int", "    def end: Int", "    def matched: String", "    def before: CharSequence", "    def after: CharSequence", "    def subgroups: List[String]", "  }", "}"]
    future = "onComplete[U](f: Try[T] => U)(implicit executor: ExecutionContext): Unit\nmap[S](f: T => S)(implicit executor: ExecutionContext): Future[S]\nflatMap[S](f: T => Future[S])(implicit executor: ExecutionContext): Future[S]\nforeach[U](f: T => U)(implicit executor: ExecutionContext): Unit\nfilter(p: T => Boolean)(implicit executor: ExecutionContext): Future[T]\nwithFilter(p: T => Boolean)(implicit executor: ExecutionContext): Future[T]\nrecover[U](pf: PartialFunction[Throwable, U])(implicit executor: ExecutionContext): Future[T]\nrecoverWith[U](pf: PartialFunction[Throwable, Future[U]])(implicit executor: ExecutionContext): Future[T]\ntransform[S](f: Try[T] => Try[S])(implicit executor: ExecutionContext): Future[S]\nandThen[U](pf: PartialFunction[Try[T], U])(implicit executor: ExecutionContext): Future[T]\nzip[U](that: Future[U]): Future[(T, U)]\nfallbackTo[U](that: Future[U]): Future[T]\ncollect[S](pf: PartialFunction[T, S])(implicit executor: ExecutionContext): Future[S]\nvalue: Option[Try[T]]\nisCompleted: Boolean\nfailed: Future[Throwable]"
    files["scala/concurrent.scala"] = ["package scala.concurrent", "", "import scala.util.Try", "import scala.concurrent.duration.Duration", ""] + collection("A value that is there some day.", "trait Future[+T]", "Future", future) + ["object Future {", "  def apply[T](body: => T)(implicit executor: ExecutionContext): Future[T]", "  def successful[T](result: T): Future[T]", "  def failed[T](exception: Throwable): Future[T]", "  def fromTry[T](result: Try[T]): Future[T]", "  def sequence[A](in: Seq[Future[A]])(implicit executor: ExecutionContext): Future[Seq[A]]", "  def traverse[A, B](in: Seq[A])(fn: A => Future[B])(implicit executor: ExecutionContext): Future[Seq[B]]", "  val unit: Future[Unit]", "  def never: Future[Nothing]", "}", "", "/** Keeps the value of a future. */", "trait Promise[T] {", "  def future: Future[T]", "  def isCompleted: Boolean", "  def success(value: T): this.type", "  def trySuccess(value: T): Boolean", "  def failure(cause: Throwable): this.type", "  def tryFailure(cause: Throwable): Boolean", "  def complete(result: Try[T]): this.type", "  def tryComplete(result: Try[T]): Boolean", "  def completeWith(other: Future[T]): this.type", "}", "object Promise {", "  def apply[T](): Promise[T]", "}", "", "/** Runs what futures do. */", "trait ExecutionContext {", "  def execute(runnable: Runnable): Unit", "  def reportFailure(cause: Throwable): Unit", "}", "object ExecutionContext {", "  val global: ExecutionContext", "  val parasitic: ExecutionContext", "  def fromExecutor(e: java.util.concurrent.Executor): ExecutionContext", "}", "", "/** Waits. */", "object Await {", "  def result[T](awaitable: Future[T], atMost: Duration): T", "  def ready[T](awaitable: Future[T], atMost: Duration): Future[T]", "}"]
    files["scala/concurrent/duration.scala"] = ["package scala.concurrent.duration", "", "/** A length of time. */", "sealed abstract class Duration {", "  def toMillis: Long", "  def toNanos: Long", "  def toSeconds: Long", "  def toMinutes: Long", "  def isFinite: Boolean", "}", "object Duration {", "  def apply(length: Long, unit: java.util.concurrent.TimeUnit): FiniteDuration", "  val Inf: Duration", "  val Zero: FiniteDuration", "  def fromNanos(nanos: Long): FiniteDuration", "}", "final class FiniteDuration extends Duration {", "  def fromNow: Deadline", "  def min(other: FiniteDuration): FiniteDuration", "  def max(other: FiniteDuration): FiniteDuration", "}", "case class Deadline(time: FiniteDuration) {", "  def timeLeft: FiniteDuration", "  def isOverdue(): Boolean", "}"]
    files["scala/reflect.scala"] = ["package scala.reflect", "", "/** Keeps the class of a type. */", "trait ClassTag[T] {", "  def runtimeClass: Class[_]", "  def newArray(len: Int): Array[T]", "  def unapply(x: Any): Option[T]", "}", "object ClassTag {", "  def apply[T](c: Class[_]): ClassTag[T]", "}"]
    files["scala/annotation.scala"] = ["package scala.annotation"] + [f"class {n} extends StaticAnnotation" for n in ("tailrec", "switch", "nowarn", "unused", "varargs", "implicitNotFound", "targetName", "experimental")] + ["trait Annotation", "trait StaticAnnotation extends Annotation"]
    files["scala/math.scala"] = ["package scala.math", "", "/** Compares values. */", "trait Ordering[T] extends java.util.Comparator[T] {", "  def compare(x: T, y: T): Int", "  def lt(x: T, y: T): Boolean", "  def gt(x: T, y: T): Boolean", "  def max(x: T, y: T): T", "  def min(x: T, y: T): T", "  def reverse: Ordering[T]", "  def on[U](f: U => T): Ordering[U]", "}", "object Ordering {", "  def by[T, S](f: T => S): Ordering[T]", "  def fromLessThan[T](cmp: (T, T) => Boolean): Ordering[T]", "}", "trait Ordered[A] {", "  def compare(that: A): Int", "}", "trait Numeric[T] extends Ordering[T] {", "  def plus(x: T, y: T): T", "  def minus(x: T, y: T): T", "  def times(x: T, y: T): T", "  def zero: T", "  def one: T", "  def toInt(x: T): Int", "}", "trait Equiv[T]"] + [f"final class {n} {{ def toInt: Int; def toLong: Long; def toDouble: Double; def pow(exp: Int): {n}; def abs: {n}; def signum: Int; def underlying: java.math.{j} }}\nobject {n} {{\n  def apply(i: Int): {n}\n  def apply(s: String): {n}\n}}" for n, j in (("BigInt", "BigInteger"), ("BigDecimal", "BigDecimal"))]
    option = "isEmpty: Boolean\nisDefined: Boolean\nnonEmpty: Boolean\nget: A\ngetOrElse[B](default: => A): A\norNull[B]: A\nmap[B](f: A => B): Option[B]\nflatMap[B](f: A => Option[B]): Option[B]\nflatten[B]: A\nfold[B](ifEmpty: => B)(f: A => B): B\nfilter(p: A => Boolean): Option[A]\nfilterNot(p: A => Boolean): Option[A]\nwithFilter(p: A => Boolean): Option[A]\nforeach[U](f: A => U): Unit\nexists(p: A => Boolean): Boolean\nforall(p: A => Boolean): Boolean\ncontains[B](elem: B): Boolean\ncollect[B](pf: PartialFunction[A, B]): Option[B]\norElse[B](alternative: => Option[A]): Option[A]\ntoList: List[A]\ntoSeq: Seq[A]\ntoRight[X](left: => X): Either[X, A]\ntoLeft[X](right: => X): Either[A, X]\nzip[B](that: Option[B]): Option[(A, B)]\niterator: Iterator[A]\nsize: Int"
    number = "toByte: Byte\ntoShort: Short\ntoChar: Char\ntoInt: Int\ntoLong: Long\ntoFloat: Float\ntoDouble: Double\nabs: N\nmax(that: N): N\nmin(that: N): N\nsignum: Int\nto(end: N): Range\nuntil(end: N): Range\ntoHexString: String\ntoBinaryString: String\nisNaN: Boolean\nround: Long\nfloor: N\nceil: N"
    root = ["package scala", "", "/** The root of all types. */", "abstract class Any {", "  def equals(that: Any): Boolean", "  def hashCode(): Int", "  def toString(): String", "  def getClass(): Class[_]", "  def isInstanceOf[T]: Boolean", "  def asInstanceOf[T]: T", "}", "abstract class AnyVal extends Any", "class AnyRef extends Any {", "  def synchronized[T](body: => T): T", "  def notify(): Unit", "  def notifyAll(): Unit", "  def wait(): Unit", "}", "abstract final class Nothing extends Any", "abstract final class Null extends AnyRef", "final class Unit extends AnyVal", "final class Boolean extends AnyVal", ""]
    for n in ("Byte", "Short", "Char", "Int", "Long", "Float", "Double"):
        more = "\nisDigit: Boolean\nisLetter: Boolean\nisLetterOrDigit: Boolean\nisWhitespace: Boolean\nisUpper: Boolean\nisLower: Boolean\ntoUpper: Char\ntoLower: Char\nasDigit: Int" if n == "Char" else ""
        root += [f"final class {n} extends AnyVal {{"] + methods("\n".join(l[:-1] + n if l.endswith(": N") else l.replace(": N)", f": {n})") for l in (number + more).split("\n")), "C") + ["}", f"object {n} {{", f"  val MaxValue: {n}", f"  val MinValue: {n}", "}", ""]
    root += collection("A value, or none.", "sealed abstract class Option[+A] extends scala.collection.IterableOnce[A]", "Option", option)
    root += ["object Option {", "  def apply[A](x: A): Option[A]", "  def empty[A]: Option[A]", "  def when[A](cond: Boolean)(a: => A): Option[A]", "}", "final case class Some[+A](value: A) extends Option[A]", "case object None extends Option[Nothing]", ""]
    root += collection("Values by position, of a fixed number.", "final class Array[A]", "Array", COMMON, ORDERED, "update(i: Int, elem: A): Unit\nclone(): Array[A]") + factory("Array") + ["trait PartialFunction[-A, +B] extends Function1[A, B] {", "  def isDefinedAt(x: A): Boolean", "  def lift: A => Option[B]", "  def applyOrElse[C, D](x: C, default: C => D): D", "}"]
    names = "T1 T2 T3 T4 T5 T6".split()
    for n in range(0, 7):
        taken = ", ".join(f"-{t}" for t in names[:n])
        parameters = ", ".join(f"v{i}: {t}" for i, t in enumerate(names[:n]))
        root += [f"trait Function{n}[{taken + ', ' if taken else ''}+R] {{", f"  def apply({parameters}): R", "}"]
    for n in range(1, 7):
        root += [f"final case class Tuple{n}[{', '.join('+' + t for t in names[:n])}]({', '.join(f'_{i + 1}: {t}' for i, t in enumerate(names[:n]))})"]
    root += ["trait Product {", "  def productArity: Int", "  def productElement(n: Int): Any", "  def productIterator: Iterator[Any]", "  def productPrefix: String", "}", "trait Serializable", "final class StringContext(val parts: String*)", "class MatchError(obj: Any) extends RuntimeException", "class NotImplementedError(msg: String) extends Error", "trait Dynamic", "class deprecated(message: String, since: String)", "class inline", "class volatile", "class transient", "class throws[T]", "class native", "class unchecked", "class specialized", ""]
    root += [f"type {n}{p} = {t}{p.replace('+', '')}" for n, p, t in (
        ("List", "[A]", "scala.collection.immutable.List"), ("Seq", "[A]", "scala.collection.immutable.Seq"), ("Vector", "[A]", "scala.collection.immutable.Vector"), ("Iterable", "[A]", "scala.collection.Iterable"), ("IterableOnce", "[A]", "scala.collection.IterableOnce"),
        ("Iterator", "[A]", "scala.collection.Iterator"), ("IndexedSeq", "[A]", "scala.collection.immutable.IndexedSeq"), ("LazyList", "[A]", "scala.collection.immutable.LazyList"), ("Either", "[A, B]", "scala.util.Either"), ("Left", "[A, B]", "scala.util.Left"), ("Right", "[A, B]", "scala.util.Right"),
        ("Range", "", "scala.collection.immutable.Range"), ("StringBuilder", "", "scala.collection.mutable.StringBuilder"), ("BigInt", "", "scala.math.BigInt"), ("BigDecimal", "", "scala.math.BigDecimal"), ("Ordering", "[T]", "scala.math.Ordering"), ("Ordered", "[T]", "scala.math.Ordered"), ("Numeric", "[T]", "scala.math.Numeric"), ("Equiv", "[T]", "scala.math.Equiv"),
        ("Throwable", "", "java.lang.Throwable"), ("Exception", "", "java.lang.Exception"), ("Error", "", "java.lang.Error"), ("RuntimeException", "", "java.lang.RuntimeException"), ("IllegalArgumentException", "", "java.lang.IllegalArgumentException"), ("IndexOutOfBoundsException", "", "java.lang.IndexOutOfBoundsException"), ("NoSuchElementException", "", "java.util.NoSuchElementException"), ("UnsupportedOperationException", "", "java.lang.UnsupportedOperationException"), ("NullPointerException", "", "java.lang.NullPointerException"), ("ClassCastException", "", "java.lang.ClassCastException"), ("NumberFormatException", "", "java.lang.NumberFormatException"), ("InterruptedException", "", "java.lang.InterruptedException"))]
    root += [f"val {n} = {t}" for n, t in (("List", "scala.collection.immutable.List"), ("Nil", "scala.collection.immutable.Nil"), ("Seq", "scala.collection.immutable.Seq"), ("Vector", "scala.collection.immutable.Vector"), ("Iterable", "scala.collection.Iterable"), ("Iterator", "scala.collection.Iterator"), ("IndexedSeq", "scala.collection.immutable.IndexedSeq"), ("LazyList", "scala.collection.immutable.LazyList"), ("Either", "scala.util.Either"), ("Left", "scala.util.Left"), ("Right", "scala.util.Right"), ("Range", "scala.collection.immutable.Range"), ("BigInt", "scala.math.BigInt"), ("BigDecimal", "scala.math.BigDecimal"), ("Ordering", "scala.math.Ordering"), ("Numeric", "scala.math.Numeric"))]
    text = "toInt: Int\ntoLong: Long\ntoDouble: Double\ntoFloat: Float\ntoBoolean: Boolean\ntoIntOption: Option[Int]\ntoLongOption: Option[Long]\nr: scala.util.matching.Regex\nstripMargin: String\nstripPrefix(prefix: String): String\nstripSuffix(suffix: String): String\ncapitalize: String\nlinesIterator: Iterator[String]\nformat(args: Any*): String\nsplit(separator: Char): Array[String]\nmap[B](f: Char => B): String\nflatMap(f: Char => String): String\nfilter(p: Char => Boolean): String\nfilterNot(p: Char => Boolean): String\nforeach[U](f: Char => U): Unit\nexists(p: Char => Boolean): Boolean\nforall(p: Char => Boolean): Boolean\ncount(p: Char => Boolean): Int\nfind(p: Char => Boolean): Option[Char]\nhead: Char\nheadOption: Option[Char]\nlast: Char\nlastOption: Option[Char]\ntail: String\ninit: String\ntake(n: Int): String\ntakeRight(n: Int): String\ntakeWhile(p: Char => Boolean): String\ndrop(n: Int): String\ndropRight(n: Int): String\ndropWhile(p: Char => Boolean): String\nslice(from: Int, until: Int): String\nspan(p: Char => Boolean): (String, String)\nsplitAt(n: Int): (String, String)\npartition(p: Char => Boolean): (String, String)\nreverse: String\nnonEmpty: Boolean\nindexWhere(p: Char => Boolean): Int\nmkString(sep: String): String\nzipWithIndex: IndexedSeq[(Char, Int)]\ntoList: List[Char]\ntoSeq: Seq[Char]\ntoSet[B]: Set[Char]\ntoVector: Vector[Char]\nsize: Int\niterator: Iterator[Char]\npadTo(len: Int, elem: Char): String\nfoldLeft[B](z: B)(op: (B, Char) => B): B\nsorted: String\ndistinct: String"
    root += ["", "/** What every file sees without an import. */", "object Predef {", "  type String = java.lang.String", "  type Class[T] = java.lang.Class[T]", "  type Map[K, V] = scala.collection.immutable.Map[K, V]", "  type Set[A] = scala.collection.immutable.Set[A]", "  type Function[A, B] = Function1[A, B]", "  val Map = scala.collection.immutable.Map", "  val Set = scala.collection.immutable.Set", "  def println(x: Any): Unit", "  def println(): Unit", "  def print(x: Any): Unit", "  def printf(text: String, xs: Any*): Unit", "  def require(requirement: Boolean): Unit", "  def require(requirement: Boolean, message: => Any): Unit", "  def assert(assertion: Boolean): Unit", "  def assert(assertion: Boolean, message: => Any): Unit", "  def assume(assumption: Boolean): Unit", "  def implicitly[T](implicit e: T): T", "  def summon[T](implicit e: T): T", "  def locally[T](x: T): T", "  def identity[A](x: A): A", "  def classOf[T]: Class[T]", "  def valueOf[T]: T", "  def ??? : Nothing", "  implicit class StringOps(val self: String) {", *methods(text, "C", "    "), "  }", "  implicit class ArrowAssoc[A](val self: A) {", "    def ->[B](y: B): (A, B)", "  }", "  implicit class Tapped[A](val self: A) {", "    def tap[U](f: A => U): A", "    def pipe[B](f: A => B): B", "  }", "}"]
    files["scala.scala"] = root
    files["scala/jdk.scala"] = ["package scala.jdk", "", "/** Between the collections of Java and Scala. */", "object CollectionConverters {", "  implicit class OfList[A](val self: java.util.List[A]) {", "    def asScala: scala.collection.mutable.Buffer[A]", "  }", "  implicit class OfSet[A](val self: java.util.Set[A]) {", "    def asScala: scala.collection.mutable.Set[A]", "  }", "  implicit class OfMap[K, V](val self: java.util.Map[K, V]) {", "    def asScala: scala.collection.mutable.Map[K, V]", "  }", "  implicit class OfIterator[A](val self: java.util.Iterator[A]) {", "    def asScala: Iterator[A]", "  }", "  implicit class OfIterable[A](val self: java.lang.Iterable[A]) {", "    def asScala: Iterable[A]", "  }", "  implicit class ToMap[K, V](val self: scala.collection.Map[K, V]) {", "    def asJava: java.util.Map[K, V]", "  }", "  implicit class ToList[A](val self: scala.collection.Seq[A]) {", "    def asJava: java.util.List[A]", "  }", "  implicit class ToIterable[A](val self: scala.collection.Iterable[A]) {", "    def asJava: java.lang.Iterable[A]", "  }", "}"]
    for place, lines in files.items():
        path = os.path.join(folder, place)
        os.makedirs(os.path.dirname(path), exist_ok=True)
        with open(path, "w") as out:
            out.write("\n".join(lines).rstrip() + "\n")


main()
