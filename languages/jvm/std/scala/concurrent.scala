package scala.concurrent

import scala.util.Try
import scala.concurrent.duration.Duration

/** A value that is there some day. */
trait Future[+T] {
  def onComplete[U](f: Try[T] => U)(implicit executor: ExecutionContext): Unit
  def map[S](f: T => S)(implicit executor: ExecutionContext): Future[S]
  def flatMap[S](f: T => Future[S])(implicit executor: ExecutionContext): Future[S]
  def foreach[U](f: T => U)(implicit executor: ExecutionContext): Unit
  def filter(p: T => Boolean)(implicit executor: ExecutionContext): Future[T]
  def withFilter(p: T => Boolean)(implicit executor: ExecutionContext): Future[T]
  def recover[U](pf: PartialFunction[Throwable, U])(implicit executor: ExecutionContext): Future[T]
  def recoverWith[U](pf: PartialFunction[Throwable, Future[U]])(implicit executor: ExecutionContext): Future[T]
  def transform[S](f: Try[T] => Try[S])(implicit executor: ExecutionContext): Future[S]
  def andThen[U](pf: PartialFunction[Try[T], U])(implicit executor: ExecutionContext): Future[T]
  def zip[U](that: Future[U]): Future[(T, U)]
  def fallbackTo[U](that: Future[U]): Future[T]
  def collect[S](pf: PartialFunction[T, S])(implicit executor: ExecutionContext): Future[S]
  def value: Option[Try[T]]
  def isCompleted: Boolean
  def failed: Future[Throwable]
}

object Future {
  def apply[T](body: => T)(implicit executor: ExecutionContext): Future[T]
  def successful[T](result: T): Future[T]
  def failed[T](exception: Throwable): Future[T]
  def fromTry[T](result: Try[T]): Future[T]
  def sequence[A](in: Seq[Future[A]])(implicit executor: ExecutionContext): Future[Seq[A]]
  def traverse[A, B](in: Seq[A])(fn: A => Future[B])(implicit executor: ExecutionContext): Future[Seq[B]]
  val unit: Future[Unit]
  def never: Future[Nothing]
}

/** Keeps the value of a future. */
trait Promise[T] {
  def future: Future[T]
  def isCompleted: Boolean
  def success(value: T): this.type
  def trySuccess(value: T): Boolean
  def failure(cause: Throwable): this.type
  def tryFailure(cause: Throwable): Boolean
  def complete(result: Try[T]): this.type
  def tryComplete(result: Try[T]): Boolean
  def completeWith(other: Future[T]): this.type
}
object Promise {
  def apply[T](): Promise[T]
}

/** Runs what futures do. */
trait ExecutionContext {
  def execute(runnable: Runnable): Unit
  def reportFailure(cause: Throwable): Unit
}
object ExecutionContext {
  val global: ExecutionContext
  val parasitic: ExecutionContext
  def fromExecutor(e: java.util.concurrent.Executor): ExecutionContext
}

/** Waits. */
object Await {
  def result[T](awaitable: Future[T], atMost: Duration): T
  def ready[T](awaitable: Future[T], atMost: Duration): Future[T]
}
