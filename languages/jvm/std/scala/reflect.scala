package scala.reflect

/** Keeps the class of a type. */
trait ClassTag[T] {
  def runtimeClass: Class[_]
  def newArray(len: Int): Array[T]
  def unapply(x: Any): Option[T]
}
object ClassTag {
  def apply[T](c: Class[_]): ClassTag[T]
}
