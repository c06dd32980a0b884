package kotlin.coroutines

import kotlin.coroutines.CoroutineContext.Element
import kotlin.coroutines.CoroutineContext.Key
import kotlin.coroutines.intrinsics.*

interface Continuation<in T> {
    val context: CoroutineContext
    fun resumeWith(result: Result<T>)
}
annotation class RestrictsSuspension
fun <T> Continuation<T>.resume(value: T): Unit
fun <T> Continuation<T>.resumeWithException(exception: Throwable): Unit
fun <T> Continuation(context: CoroutineContext, resumeWith: (Result<T>) -> Unit): Continuation<T>
fun <T>(suspend () -> T).createCoroutine(completion: Continuation<T>): Continuation<Unit>
fun <R, T>(suspend R.() -> T).createCoroutine(receiver: R, completion: Continuation<T>): Continuation<Unit>
fun <T>(suspend () -> T).startCoroutine(completion: Continuation<T>)
fun <R, T>(suspend R.() -> T).startCoroutine(receiver: R, completion: Continuation<T>)
suspend fun <T> suspendCoroutine(block: (Continuation<T>) -> Unit): T
suspend val coroutineContext: CoroutineContext
interface ContinuationInterceptor: CoroutineContext.Element {
    companion object Key: CoroutineContext.Key<ContinuationInterceptor>
    fun <T> interceptContinuation(continuation: Continuation<T>): Continuation<T>
    fun releaseInterceptedContinuation(continuation: Continuation<*>)
    override operator fun <E: CoroutineContext.Element> get(key: CoroutineContext.Key<E>): E?
    override fun minusKey(key: CoroutineContext.Key<*>): CoroutineContext
}
interface CoroutineContext {
    operator fun <E: Element> get(key: Key<E>): E?
    fun <R> fold(initial: R, operation: (R, Element) -> R): R
    operator fun plus(context: CoroutineContext): CoroutineContext
    fun minusKey(key: Key<*>): CoroutineContext
    interface Key<E: Element>
    interface Element: CoroutineContext {
        val key: Key<*>
        override operator fun <E: Element> get(key: Key<E>): E?
        override fun <R> fold(initial: R, operation: (R, Element) -> R): R
        override fun minusKey(key: Key<*>): CoroutineContext
    }
}
abstract class AbstractCoroutineContextElement(override val key: Key<*>): Element
abstract class AbstractCoroutineContextKey<B: Element, E: B>(baseKey: Key<B>, private val safeCast: (element: Element) -> E?): Key<E>
fun <E: Element> Element.getPolymorphicElement(key: Key<E>): E?
fun Element.minusPolymorphicKey(key: Key<*>): CoroutineContext
object EmptyCoroutineContext: CoroutineContext {
    override fun <E: Element> get(key: Key<E>): E?
    override fun <R> fold(initial: R, operation: (R, Element) -> R): R
    override fun plus(context: CoroutineContext): CoroutineContext
    override fun minusKey(key: Key<*>): CoroutineContext
    override fun hashCode(): Int
    override fun toString(): String
}
