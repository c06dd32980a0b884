package scala.jdk

/** Between the collections of Java and Scala. */
object CollectionConverters {
  implicit class OfList[A](val self: java.util.List[A]) {
    def asScala: scala.collection.mutable.Buffer[A]
  }
  implicit class OfSet[A](val self: java.util.Set[A]) {
    def asScala: scala.collection.mutable.Set[A]
  }
  implicit class OfMap[K, V](val self: java.util.Map[K, V]) {
    def asScala: scala.collection.mutable.Map[K, V]
  }
  implicit class OfIterator[A](val self: java.util.Iterator[A]) {
    def asScala: Iterator[A]
  }
  implicit class OfIterable[A](val self: java.lang.Iterable[A]) {
    def asScala: Iterable[A]
  }
  implicit class ToMap[K, V](val self: scala.collection.Map[K, V]) {
    def asJava: java.util.Map[K, V]
  }
  implicit class ToList[A](val self: scala.collection.Seq[A]) {
    def asJava: java.util.List[A]
  }
  implicit class ToIterable[A](val self: scala.collection.Iterable[A]) {
    def asJava: java.lang.Iterable[A]
  }
}
