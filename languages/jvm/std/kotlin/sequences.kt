package kotlin.sequences

import kotlin.coroutines.*
import kotlin.coroutines.intrinsics.*
import kotlin.experimental.ExperimentalTypeInference
import kotlin.random.*
import kotlin.random.Random

fun <R> Sequence<*>.filterIsInstance(klass: Class<R>): Sequence<R>
fun <C: MutableCollection<in R>, R> Sequence<*>.filterIsInstanceTo(destination: C, klass: Class<R>): C
fun <T: Comparable<T>> Sequence<T>.toSortedSet(): java.util.SortedSet<T>
fun <T> Sequence<T>.toSortedSet(comparator: Comparator<in T>): java.util.SortedSet<T>
fun <T> Sequence<T>.sumOf(selector: (T) -> java.math.BigDecimal): java.math.BigDecimal
fun <T> Sequence<T>.sumOf(selector: (T) -> java.math.BigInteger): java.math.BigInteger
fun <T> java.util.Enumeration<T>.asSequence(): Sequence<T>
operator fun <T> Sequence<T>.contains(element: T): Boolean
fun <T> Sequence<T>.elementAt(index: Int): T
fun <T> Sequence<T>.elementAtOrElse(index: Int, defaultValue: (Int) -> T): T
fun <T> Sequence<T>.elementAtOrNull(index: Int): T?
fun <T> Sequence<T>.find(predicate: (T) -> Boolean): T?
fun <T> Sequence<T>.findLast(predicate: (T) -> Boolean): T?
fun <T> Sequence<T>.first(): T
fun <T> Sequence<T>.first(predicate: (T) -> Boolean): T
fun <T, R: Any> Sequence<T>.firstNotNullOf(transform: (T) -> R?): R
fun <T, R: Any> Sequence<T>.firstNotNullOfOrNull(transform: (T) -> R?): R?
fun <T> Sequence<T>.firstOrNull(): T?
fun <T> Sequence<T>.firstOrNull(predicate: (T) -> Boolean): T?
fun <T> Sequence<T>.indexOf(element: T): Int
fun <T> Sequence<T>.indexOfFirst(predicate: (T) -> Boolean): Int
fun <T> Sequence<T>.indexOfLast(predicate: (T) -> Boolean): Int
fun <T> Sequence<T>.last(): T
fun <T> Sequence<T>.last(predicate: (T) -> Boolean): T
fun <T> Sequence<T>.lastIndexOf(element: T): Int
fun <T> Sequence<T>.lastOrNull(): T?
fun <T> Sequence<T>.lastOrNull(predicate: (T) -> Boolean): T?
fun <T> Sequence<T>.single(): T
fun <T> Sequence<T>.single(predicate: (T) -> Boolean): T
fun <T> Sequence<T>.singleOrNull(): T?
fun <T> Sequence<T>.singleOrNull(predicate: (T) -> Boolean): T?
fun <T> Sequence<T>.drop(n: Int): Sequence<T>
fun <T> Sequence<T>.dropWhile(predicate: (T) -> Boolean): Sequence<T>
fun <T> Sequence<T>.filter(predicate: (T) -> Boolean): Sequence<T>
fun <T> Sequence<T>.filterIndexed(predicate: (index: Int, T) -> Boolean): Sequence<T>
fun <T, C: MutableCollection<in T>> Sequence<T>.filterIndexedTo(destination: C, predicate: (index: Int, T) -> Boolean): C
fun <reified R> Sequence<*>.filterIsInstance(): Sequence<R>
fun <reified R, C: MutableCollection<in R>> Sequence<*>.filterIsInstanceTo(destination: C): C
fun <T> Sequence<T>.filterNot(predicate: (T) -> Boolean): Sequence<T>
fun <T: Any> Sequence<T?>.filterNotNull(): Sequence<T>
fun <C: MutableCollection<in T>, T: Any> Sequence<T?>.filterNotNullTo(destination: C): C
fun <T, C: MutableCollection<in T>> Sequence<T>.filterNotTo(destination: C, predicate: (T) -> Boolean): C
fun <T, C: MutableCollection<in T>> Sequence<T>.filterTo(destination: C, predicate: (T) -> Boolean): C
fun <T> Sequence<T>.take(n: Int): Sequence<T>
fun <T> Sequence<T>.takeWhile(predicate: (T) -> Boolean): Sequence<T>
fun <T: Comparable<T>> Sequence<T>.sorted(): Sequence<T>
fun <T, R: Comparable<R>> Sequence<T>.sortedBy(selector: (T) -> R?): Sequence<T>
fun <T, R: Comparable<R>> Sequence<T>.sortedByDescending(selector: (T) -> R?): Sequence<T>
fun <T: Comparable<T>> Sequence<T>.sortedDescending(): Sequence<T>
fun <T> Sequence<T>.sortedWith(comparator: Comparator<in T>): Sequence<T>
fun <T, K, V> Sequence<T>.associate(transform: (T) -> Pair<K, V>): Map<K, V>
fun <T, K> Sequence<T>.associateBy(keySelector: (T) -> K): Map<K, T>
fun <T, K, V> Sequence<T>.associateBy(keySelector: (T) -> K, valueTransform: (T) -> V): Map<K, V>
fun <T, K, M: MutableMap<in K, in T>> Sequence<T>.associateByTo(destination: M, keySelector: (T) -> K): M
fun <T, K, V, M: MutableMap<in K, in V>> Sequence<T>.associateByTo(destination: M, keySelector: (T) -> K, valueTransform: (T) -> V): M
fun <T, K, V, M: MutableMap<in K, in V>> Sequence<T>.associateTo(destination: M, transform: (T) -> Pair<K, V>): M
fun <K, V> Sequence<K>.associateWith(valueSelector: (K) -> V): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Sequence<K>.associateWithTo(destination: M, valueSelector: (K) -> V): M
fun <T, C: MutableCollection<in T>> Sequence<T>.toCollection(destination: C): C
fun <T> Sequence<T>.toHashSet(): HashSet<T>
fun <T> Sequence<T>.toList(): List<T>
fun <T> Sequence<T>.toMutableList(): MutableList<T>
fun <T> Sequence<T>.toSet(): Set<T>
fun <T, R> Sequence<T>.flatMap(transform: (T) -> Iterable<R>): Sequence<R>
fun <T, R> Sequence<T>.flatMap(transform: (T) -> Sequence<R>): Sequence<R>
fun <T, R> Sequence<T>.flatMapIndexed(transform: (index: Int, T) -> Iterable<R>): Sequence<R>
fun <T, R> Sequence<T>.flatMapIndexed(transform: (index: Int, T) -> Sequence<R>): Sequence<R>
fun <T, R, C: MutableCollection<in R>> Sequence<T>.flatMapIndexedTo(destination: C, transform: (index: Int, T) -> Iterable<R>): C
fun <T, R, C: MutableCollection<in R>> Sequence<T>.flatMapIndexedTo(destination: C, transform: (index: Int, T) -> Sequence<R>): C
fun <T, R, C: MutableCollection<in R>> Sequence<T>.flatMapTo(destination: C, transform: (T) -> Iterable<R>): C
fun <T, R, C: MutableCollection<in R>> Sequence<T>.flatMapTo(destination: C, transform: (T) -> Sequence<R>): C
fun <T, K> Sequence<T>.groupBy(keySelector: (T) -> K): Map<K, List<T>>
fun <T, K, V> Sequence<T>.groupBy(keySelector: (T) -> K, valueTransform: (T) -> V): Map<K, List<V>>
fun <T, K, M: MutableMap<in K, MutableList<T>>> Sequence<T>.groupByTo(destination: M, keySelector: (T) -> K): M
fun <T, K, V, M: MutableMap<in K, MutableList<V>>> Sequence<T>.groupByTo(destination: M, keySelector: (T) -> K, valueTransform: (T) -> V): M
fun <T, K> Sequence<T>.groupingBy(keySelector: (T) -> K): Grouping<T, K>
fun <T, R> Sequence<T>.map(transform: (T) -> R): Sequence<R>
fun <T, R> Sequence<T>.mapIndexed(transform: (index: Int, T) -> R): Sequence<R>
fun <T, R: Any> Sequence<T>.mapIndexedNotNull(transform: (index: Int, T) -> R?): Sequence<R>
fun <T, R: Any, C: MutableCollection<in R>> Sequence<T>.mapIndexedNotNullTo(destination: C, transform: (index: Int, T) -> R?): C
fun <T, R, C: MutableCollection<in R>> Sequence<T>.mapIndexedTo(destination: C, transform: (index: Int, T) -> R): C
fun <T, R: Any> Sequence<T>.mapNotNull(transform: (T) -> R?): Sequence<R>
fun <T, R: Any, C: MutableCollection<in R>> Sequence<T>.mapNotNullTo(destination: C, transform: (T) -> R?): C
fun <T, R, C: MutableCollection<in R>> Sequence<T>.mapTo(destination: C, transform: (T) -> R): C
fun <T> Sequence<T>.withIndex(): Sequence<IndexedValue<T>>
fun <T> Sequence<T>.distinct(): Sequence<T>
fun <T, K> Sequence<T>.distinctBy(selector: (T) -> K): Sequence<T>
fun <T> Sequence<T>.toMutableSet(): MutableSet<T>
fun <T> Sequence<T>.all(predicate: (T) -> Boolean): Boolean
fun <T> Sequence<T>.any(): Boolean
fun <T> Sequence<T>.any(predicate: (T) -> Boolean): Boolean
fun <T> Sequence<T>.count(): Int
fun <T> Sequence<T>.count(predicate: (T) -> Boolean): Int
fun <T, R> Sequence<T>.fold(initial: R, operation: (acc: R, T) -> R): R
fun <T, R> Sequence<T>.foldIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): R
fun <T> Sequence<T>.forEach(action: (T) -> Unit): Unit
fun <T> Sequence<T>.forEachIndexed(action: (index: Int, T) -> Unit): Unit
fun Sequence<Double>.max(): Double
fun Sequence<Float>.max(): Float
fun <T: Comparable<T>> Sequence<T>.max(): T
fun <T, R: Comparable<R>> Sequence<T>.maxBy(selector: (T) -> R): T
fun <T, R: Comparable<R>> Sequence<T>.maxByOrNull(selector: (T) -> R): T?
fun <T> Sequence<T>.maxOf(selector: (T) -> Double): Double
fun <T> Sequence<T>.maxOf(selector: (T) -> Float): Float
fun <T, R: Comparable<R>> Sequence<T>.maxOf(selector: (T) -> R): R
fun <T> Sequence<T>.maxOfOrNull(selector: (T) -> Double): Double?
fun <T> Sequence<T>.maxOfOrNull(selector: (T) -> Float): Float?
fun <T, R: Comparable<R>> Sequence<T>.maxOfOrNull(selector: (T) -> R): R?
fun <T, R> Sequence<T>.maxOfWith(comparator: Comparator<in R>, selector: (T) -> R): R
fun <T, R> Sequence<T>.maxOfWithOrNull(comparator: Comparator<in R>, selector: (T) -> R): R?
fun Sequence<Double>.maxOrNull(): Double?
fun Sequence<Float>.maxOrNull(): Float?
fun <T: Comparable<T>> Sequence<T>.maxOrNull(): T?
fun <T> Sequence<T>.maxWith(comparator: Comparator<in T>): T
fun <T> Sequence<T>.maxWithOrNull(comparator: Comparator<in T>): T?
fun Sequence<Double>.min(): Double
fun Sequence<Float>.min(): Float
fun <T: Comparable<T>> Sequence<T>.min(): T
fun <T, R: Comparable<R>> Sequence<T>.minBy(selector: (T) -> R): T
fun <T, R: Comparable<R>> Sequence<T>.minByOrNull(selector: (T) -> R): T?
fun <T> Sequence<T>.minOf(selector: (T) -> Double): Double
fun <T> Sequence<T>.minOf(selector: (T) -> Float): Float
fun <T, R: Comparable<R>> Sequence<T>.minOf(selector: (T) -> R): R
fun <T> Sequence<T>.minOfOrNull(selector: (T) -> Double): Double?
fun <T> Sequence<T>.minOfOrNull(selector: (T) -> Float): Float?
fun <T, R: Comparable<R>> Sequence<T>.minOfOrNull(selector: (T) -> R): R?
fun <T, R> Sequence<T>.minOfWith(comparator: Comparator<in R>, selector: (T) -> R): R
fun <T, R> Sequence<T>.minOfWithOrNull(comparator: Comparator<in R>, selector: (T) -> R): R?
fun Sequence<Double>.minOrNull(): Double?
fun Sequence<Float>.minOrNull(): Float?
fun <T: Comparable<T>> Sequence<T>.minOrNull(): T?
fun <T> Sequence<T>.minWith(comparator: Comparator<in T>): T
fun <T> Sequence<T>.minWithOrNull(comparator: Comparator<in T>): T?
fun <T> Sequence<T>.none(): Boolean
fun <T> Sequence<T>.none(predicate: (T) -> Boolean): Boolean
fun <T> Sequence<T>.onEach(action: (T) -> Unit): Sequence<T>
fun <T> Sequence<T>.onEachIndexed(action: (index: Int, T) -> Unit): Sequence<T>
fun <S, T: S> Sequence<T>.reduce(operation: (acc: S, T) -> S): S
fun <S, T: S> Sequence<T>.reduceIndexed(operation: (index: Int, acc: S, T) -> S): S
fun <S, T: S> Sequence<T>.reduceIndexedOrNull(operation: (index: Int, acc: S, T) -> S): S?
fun <S, T: S> Sequence<T>.reduceOrNull(operation: (acc: S, T) -> S): S?
fun <T, R> Sequence<T>.runningFold(initial: R, operation: (acc: R, T) -> R): Sequence<R>
fun <T, R> Sequence<T>.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): Sequence<R>
fun <S, T: S> Sequence<T>.runningReduce(operation: (acc: S, T) -> S): Sequence<S>
fun <S, T: S> Sequence<T>.runningReduceIndexed(operation: (index: Int, acc: S, T) -> S): Sequence<S>
fun <T, R> Sequence<T>.scan(initial: R, operation: (acc: R, T) -> R): Sequence<R>
fun <T, R> Sequence<T>.scanIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): Sequence<R>
fun <T> Sequence<T>.sumOf(selector: (T) -> Double): Double
fun <T> Sequence<T>.sumOf(selector: (T) -> Int): Int
fun <T> Sequence<T>.sumOf(selector: (T) -> Long): Long
fun <T> Sequence<T>.sumOf(selector: (T) -> UInt): UInt
fun <T> Sequence<T>.sumOf(selector: (T) -> ULong): ULong
fun <T: Any> Sequence<T?>.requireNoNulls(): Sequence<T>
fun <T> Sequence<T>.chunked(size: Int): Sequence<List<T>>
fun <T, R> Sequence<T>.chunked(size: Int, transform: (List<T>) -> R): Sequence<R>
operator fun <T> Sequence<T>.minus(element: T): Sequence<T>
operator fun <T> Sequence<T>.minus(elements: Array<out T>): Sequence<T>
operator fun <T> Sequence<T>.minus(elements: Iterable<T>): Sequence<T>
operator fun <T> Sequence<T>.minus(elements: Sequence<T>): Sequence<T>
fun <T> Sequence<T>.minusElement(element: T): Sequence<T>
fun <T> Sequence<T>.partition(predicate: (T) -> Boolean): Pair<List<T>, List<T>>
operator fun <T> Sequence<T>.plus(element: T): Sequence<T>
operator fun <T> Sequence<T>.plus(elements: Array<out T>): Sequence<T>
operator fun <T> Sequence<T>.plus(elements: Iterable<T>): Sequence<T>
operator fun <T> Sequence<T>.plus(elements: Sequence<T>): Sequence<T>
fun <T> Sequence<T>.plusElement(element: T): Sequence<T>
fun <T> Sequence<T>.windowed(size: Int, step: Int = 1, partialWindows: Boolean = false): Sequence<List<T>>
fun <T, R> Sequence<T>.windowed(size: Int, step: Int = 1, partialWindows: Boolean = false, transform: (List<T>) -> R): Sequence<R>
infix fun <T, R> Sequence<T>.zip(other: Sequence<R>): Sequence<Pair<T, R>>
fun <T, R, V> Sequence<T>.zip(other: Sequence<R>, transform: (a: T, b: R) -> V): Sequence<V>
fun <T> Sequence<T>.zipWithNext(): Sequence<Pair<T, T>>
fun <T, R> Sequence<T>.zipWithNext(transform: (a: T, b: T) -> R): Sequence<R>
fun <T, A: Appendable> Sequence<T>.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((T) -> CharSequence)? = null): A
fun <T> Sequence<T>.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((T) -> CharSequence)? = null): String
fun <T> Sequence<T>.asIterable(): Iterable<T>
fun <T> Sequence<T>.asSequence(): Sequence<T>
fun Sequence<Byte>.average(): Double
fun Sequence<Short>.average(): Double
fun Sequence<Int>.average(): Double
fun Sequence<Long>.average(): Double
fun Sequence<Float>.average(): Double
fun Sequence<Double>.average(): Double
fun Sequence<Byte>.sum(): Int
fun Sequence<Short>.sum(): Int
fun Sequence<Int>.sum(): Int
fun Sequence<Long>.sum(): Long
fun Sequence<Float>.sum(): Float
fun Sequence<Double>.sum(): Double
fun Sequence<UInt>.sum(): UInt
fun Sequence<ULong>.sum(): ULong
/** Values that are made when they are asked for. */
interface Sequence<out T> {
    operator fun iterator(): Iterator<T>
}
/** Values as the block yields them. */
fun <T> sequence(block: suspend SequenceScope<T>.() -> Unit): Sequence<T>
fun <T> iterator(block: suspend SequenceScope<T>.() -> Unit): Iterator<T>
abstract class SequenceScope<in T> internal constructor() {
    abstract suspend fun yield(value: T)
    abstract suspend fun yieldAll(iterator: Iterator<T>)
    suspend fun yieldAll(elements: Iterable<T>)
    suspend fun yieldAll(sequence: Sequence<T>)
}
/** Values that are made when they are asked for. */
fun <T> Sequence(iterator: () -> Iterator<T>): Sequence<T>
fun <T> Iterator<T>.asSequence(): Sequence<T>
fun <T> sequenceOf(vararg elements: T): Sequence<T>
fun <T> emptySequence(): Sequence<T>
fun <T> Sequence<T>?.orEmpty(): Sequence<T>
fun <T> Sequence<T>.ifEmpty(defaultValue: () -> Sequence<T>): Sequence<T>
fun <T> Sequence<Sequence<T>>.flatten(): Sequence<T>
fun <T> Sequence<Iterable<T>>.flatten(): Sequence<T>
fun <T, R> Sequence<Pair<T, R>>.unzip(): Pair<List<T>, List<R>>
fun <T> Sequence<T>.shuffled(): Sequence<T>
fun <T> Sequence<T>.shuffled(random: Random): Sequence<T>
fun <T> Sequence<T>.constrainOnce(): Sequence<T>
fun <T: Any> generateSequence(nextFunction: () -> T?): Sequence<T>
fun <T: Any> generateSequence(seed: T?, nextFunction: (T) -> T?): Sequence<T>
fun <T: Any> generateSequence(seedFunction: () -> T?, nextFunction: (T) -> T?): Sequence<T>
