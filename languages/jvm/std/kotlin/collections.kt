package kotlin.collections

import java.nio.charset.Charset
import java.util.AbstractCollection
import java.util.AbstractList
import java.util.AbstractMap
import java.util.AbstractSet
import java.util.Comparator
import java.util.Properties
import java.util.SortedMap
import java.util.TreeMap
import java.util.concurrent.ConcurrentMap
import kotlin.collections.builders.ListBuilder
import kotlin.collections.builders.MapBuilder
import kotlin.collections.builders.SetBuilder
import kotlin.js.JsName
import kotlin.random.*
import kotlin.random.Random
import kotlin.ranges.contains
import kotlin.ranges.reversed
import kotlin.reflect.KProperty

fun <T> Array<out T>.elementAt(index: Int): T
fun ByteArray.elementAt(index: Int): Byte
fun IntArray.elementAt(index: Int): Int
fun LongArray.elementAt(index: Int): Long
fun DoubleArray.elementAt(index: Int): Double
fun CharArray.elementAt(index: Int): Char
/** The elements that are of the type. */
fun <R> Array<*>.filterIsInstance(klass: Class<R>): List<R>
fun <C: MutableCollection<in R>, R> Array<*>.filterIsInstanceTo(destination: C, klass: Class<R>): C
fun <T> Array<out T>.asList(): List<T>
fun ByteArray.asList(): List<Byte>
fun IntArray.asList(): List<Int>
fun LongArray.asList(): List<Long>
fun DoubleArray.asList(): List<Double>
fun CharArray.asList(): List<Char>
fun <T> Array<out T>.binarySearch(element: T, comparator: Comparator<in T>, fromIndex: Int = 0, toIndex: Int = null): Int
fun <T> Array<out T>.binarySearch(element: T, fromIndex: Int = 0, toIndex: Int = null): Int
fun ByteArray.binarySearch(element: Byte, fromIndex: Int = 0, toIndex: Int = null): Int
fun IntArray.binarySearch(element: Int, fromIndex: Int = 0, toIndex: Int = null): Int
fun LongArray.binarySearch(element: Long, fromIndex: Int = 0, toIndex: Int = null): Int
fun DoubleArray.binarySearch(element: Double, fromIndex: Int = 0, toIndex: Int = null): Int
fun CharArray.binarySearch(element: Char, fromIndex: Int = 0, toIndex: Int = null): Int
infix fun <T> Array<out T>.contentDeepEquals(other: Array<out T>): Boolean
infix fun <T> Array<out T>?.contentDeepEquals(other: Array<out T>?): Boolean
fun <T> Array<out T>.contentDeepHashCode(): Int
fun <T> Array<out T>?.contentDeepHashCode(): Int
fun <T> Array<out T>.contentDeepToString(): String
fun <T> Array<out T>?.contentDeepToString(): String
infix fun <T> Array<out T>?.contentEquals(other: Array<out T>?): Boolean
infix fun ByteArray?.contentEquals(other: ByteArray?): Boolean
infix fun IntArray?.contentEquals(other: IntArray?): Boolean
infix fun LongArray?.contentEquals(other: LongArray?): Boolean
infix fun DoubleArray?.contentEquals(other: DoubleArray?): Boolean
infix fun CharArray?.contentEquals(other: CharArray?): Boolean
fun <T> Array<out T>?.contentHashCode(): Int
fun ByteArray?.contentHashCode(): Int
fun IntArray?.contentHashCode(): Int
fun LongArray?.contentHashCode(): Int
fun DoubleArray?.contentHashCode(): Int
fun CharArray?.contentHashCode(): Int
fun <T> Array<out T>?.contentToString(): String
fun ByteArray?.contentToString(): String
fun IntArray?.contentToString(): String
fun LongArray?.contentToString(): String
fun DoubleArray?.contentToString(): String
fun CharArray?.contentToString(): String
fun <T> Array<out T>.copyInto(destination: Array<T>, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): Array<T>
fun ByteArray.copyInto(destination: ByteArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): ByteArray
fun IntArray.copyInto(destination: IntArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): IntArray
fun LongArray.copyInto(destination: LongArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): LongArray
fun DoubleArray.copyInto(destination: DoubleArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): DoubleArray
fun CharArray.copyInto(destination: CharArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): CharArray
fun <T> Array<T>.copyOf(): Array<T>
fun ByteArray.copyOf(): ByteArray
fun IntArray.copyOf(): IntArray
fun LongArray.copyOf(): LongArray
fun DoubleArray.copyOf(): DoubleArray
fun CharArray.copyOf(): CharArray
fun ByteArray.copyOf(newSize: Int): ByteArray
fun IntArray.copyOf(newSize: Int): IntArray
fun LongArray.copyOf(newSize: Int): LongArray
fun DoubleArray.copyOf(newSize: Int): DoubleArray
fun CharArray.copyOf(newSize: Int): CharArray
fun <T> Array<T>.copyOf(newSize: Int): Array<T?>
fun <T> Array<T>.copyOfRange(fromIndex: Int, toIndex: Int): Array<T>
fun ByteArray.copyOfRange(fromIndex: Int, toIndex: Int): ByteArray
fun IntArray.copyOfRange(fromIndex: Int, toIndex: Int): IntArray
fun LongArray.copyOfRange(fromIndex: Int, toIndex: Int): LongArray
fun DoubleArray.copyOfRange(fromIndex: Int, toIndex: Int): DoubleArray
fun CharArray.copyOfRange(fromIndex: Int, toIndex: Int): CharArray
fun <T> Array<T>.fill(element: T, fromIndex: Int = 0, toIndex: Int = null): Unit
fun ByteArray.fill(element: Byte, fromIndex: Int = 0, toIndex: Int = null): Unit
fun IntArray.fill(element: Int, fromIndex: Int = 0, toIndex: Int = null): Unit
fun LongArray.fill(element: Long, fromIndex: Int = 0, toIndex: Int = null): Unit
fun DoubleArray.fill(element: Double, fromIndex: Int = 0, toIndex: Int = null): Unit
fun CharArray.fill(element: Char, fromIndex: Int = 0, toIndex: Int = null): Unit
operator fun <T> Array<T>.plus(element: T): Array<T>
operator fun ByteArray.plus(element: Byte): ByteArray
operator fun IntArray.plus(element: Int): IntArray
operator fun LongArray.plus(element: Long): LongArray
operator fun DoubleArray.plus(element: Double): DoubleArray
operator fun CharArray.plus(element: Char): CharArray
operator fun <T> Array<T>.plus(elements: Collection<T>): Array<T>
operator fun ByteArray.plus(elements: Collection<Byte>): ByteArray
operator fun IntArray.plus(elements: Collection<Int>): IntArray
operator fun LongArray.plus(elements: Collection<Long>): LongArray
operator fun DoubleArray.plus(elements: Collection<Double>): DoubleArray
operator fun CharArray.plus(elements: Collection<Char>): CharArray
operator fun <T> Array<T>.plus(elements: Array<out T>): Array<T>
operator fun ByteArray.plus(elements: ByteArray): ByteArray
operator fun IntArray.plus(elements: IntArray): IntArray
operator fun LongArray.plus(elements: LongArray): LongArray
operator fun DoubleArray.plus(elements: DoubleArray): DoubleArray
operator fun CharArray.plus(elements: CharArray): CharArray
fun <T> Array<T>.plusElement(element: T): Array<T>
fun IntArray.sort(): Unit
fun LongArray.sort(): Unit
fun ByteArray.sort(): Unit
fun DoubleArray.sort(): Unit
fun CharArray.sort(): Unit
fun <T: Comparable<T>> Array<out T>.sort(): Unit
fun <T> Array<out T>.sort(): Unit
fun <T: Comparable<T>> Array<out T>.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun ByteArray.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun IntArray.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun LongArray.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun DoubleArray.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun CharArray.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun <T> Array<out T>.sort(fromIndex: Int = 0, toIndex: Int = null): Unit
fun <T> Array<out T>.sortWith(comparator: Comparator<in T>): Unit
fun <T> Array<out T>.sortWith(comparator: Comparator<in T>, fromIndex: Int = 0, toIndex: Int = null): Unit
fun ByteArray.toTypedArray(): Array<Byte>
fun IntArray.toTypedArray(): Array<Int>
fun LongArray.toTypedArray(): Array<Long>
fun DoubleArray.toTypedArray(): Array<Double>
fun CharArray.toTypedArray(): Array<Char>
fun <T: Comparable<T>> Array<out T>.toSortedSet(): java.util.SortedSet<T>
fun ByteArray.toSortedSet(): java.util.SortedSet<Byte>
fun IntArray.toSortedSet(): java.util.SortedSet<Int>
fun LongArray.toSortedSet(): java.util.SortedSet<Long>
fun DoubleArray.toSortedSet(): java.util.SortedSet<Double>
fun CharArray.toSortedSet(): java.util.SortedSet<Char>
fun <T> Array<out T>.toSortedSet(comparator: Comparator<in T>): java.util.SortedSet<T>
fun <T> Array<out T>.sumOf(selector: (T) -> java.math.BigDecimal): java.math.BigDecimal
fun ByteArray.sumOf(selector: (Byte) -> java.math.BigDecimal): java.math.BigDecimal
fun IntArray.sumOf(selector: (Int) -> java.math.BigDecimal): java.math.BigDecimal
fun LongArray.sumOf(selector: (Long) -> java.math.BigDecimal): java.math.BigDecimal
fun DoubleArray.sumOf(selector: (Double) -> java.math.BigDecimal): java.math.BigDecimal
fun CharArray.sumOf(selector: (Char) -> java.math.BigDecimal): java.math.BigDecimal
fun <T> Array<out T>.sumOf(selector: (T) -> java.math.BigInteger): java.math.BigInteger
fun ByteArray.sumOf(selector: (Byte) -> java.math.BigInteger): java.math.BigInteger
fun IntArray.sumOf(selector: (Int) -> java.math.BigInteger): java.math.BigInteger
fun LongArray.sumOf(selector: (Long) -> java.math.BigInteger): java.math.BigInteger
fun DoubleArray.sumOf(selector: (Double) -> java.math.BigInteger): java.math.BigInteger
fun CharArray.sumOf(selector: (Char) -> java.math.BigInteger): java.math.BigInteger
/** The elements that are of the type. */
fun <R> Iterable<*>.filterIsInstance(klass: Class<R>): List<R>
fun <C: MutableCollection<in R>, R> Iterable<*>.filterIsInstanceTo(destination: C, klass: Class<R>): C
fun <T> MutableList<T>.reverse(): Unit
fun <T: Comparable<T>> Iterable<T>.toSortedSet(): java.util.SortedSet<T>
fun <T> Iterable<T>.toSortedSet(comparator: Comparator<in T>): java.util.SortedSet<T>
fun <T> Iterable<T>.sumOf(selector: (T) -> java.math.BigDecimal): java.math.BigDecimal
fun <T> Iterable<T>.sumOf(selector: (T) -> java.math.BigInteger): java.math.BigInteger
fun <K, V> Map<out K, V>.getOrDefault(key: K, defaultValue: V): V
fun <K, V> MutableMap<out K, out V>.remove(key: K, value: V): Boolean
/** What a `for` can go through. */
interface Iterable<out T> {
    operator fun iterator(): Iterator<T>
}
/** What a `for` can go through and remove from. */
interface MutableIterable<out T>: Iterable<T> {
    override fun iterator(): MutableIterator<T>
}
/** Values one can count and look for. */
interface Collection<out E>: Iterable<E> {
    val size: Int
    fun isEmpty(): Boolean
    operator fun contains(element: E): Boolean
    override fun iterator(): Iterator<E>
    fun containsAll(elements: Collection<E>): Boolean
}
/** A collection that can be changed. */
interface MutableCollection<E>: Collection<E>, MutableIterable<E> {
    override fun iterator(): MutableIterator<E>
    fun add(element: E): Boolean
    fun remove(element: E): Boolean
    fun addAll(elements: Collection<E>): Boolean
    fun removeAll(elements: Collection<E>): Boolean
    fun retainAll(elements: Collection<E>): Boolean
    fun clear(): Unit
}
/** Values in an order, by position. */
interface List<out E>: Collection<E> {
    override val size: Int
    override fun isEmpty(): Boolean
    override fun contains(element: E): Boolean
    override fun iterator(): Iterator<E>
    override fun containsAll(elements: Collection<E>): Boolean
    operator fun get(index: Int): E
    fun indexOf(element: E): Int
    fun lastIndexOf(element: E): Int
    fun listIterator(): ListIterator<E>
    fun listIterator(index: Int): ListIterator<E>
    fun subList(fromIndex: Int, toIndex: Int): List<E>
}
/** A list that can be changed. */
interface MutableList<E>: List<E>, MutableCollection<E> {
    override fun add(element: E): Boolean
    override fun remove(element: E): Boolean
    override fun addAll(elements: Collection<E>): Boolean
    fun addAll(index: Int, elements: Collection<E>): Boolean
    override fun removeAll(elements: Collection<E>): Boolean
    override fun retainAll(elements: Collection<E>): Boolean
    override fun clear(): Unit
    operator fun set(index: Int, element: E): E
    fun add(index: Int, element: E): Unit
    fun removeAt(index: Int): E
    override fun listIterator(): MutableListIterator<E>
    override fun listIterator(index: Int): MutableListIterator<E>
    override fun subList(fromIndex: Int, toIndex: Int): MutableList<E>
}
/** Values, each once. */
interface Set<out E>: Collection<E> {
    override val size: Int
    override fun isEmpty(): Boolean
    override fun contains(element: E): Boolean
    override fun iterator(): Iterator<E>
    override fun containsAll(elements: Collection<E>): Boolean
}
/** A set that can be changed. */
interface MutableSet<E>: Set<E>, MutableCollection<E> {
    override fun iterator(): MutableIterator<E>
    override fun add(element: E): Boolean
    override fun remove(element: E): Boolean
    override fun addAll(elements: Collection<E>): Boolean
    override fun removeAll(elements: Collection<E>): Boolean
    override fun retainAll(elements: Collection<E>): Boolean
    override fun clear(): Unit
}
/** Values by key. */
interface Map<K, out V> {
    val size: Int
    fun isEmpty(): Boolean
    fun containsKey(key: K): Boolean
    fun containsValue(value: V): Boolean
    operator fun get(key: K): V?
    fun getOrDefault(key: K, defaultValue: V): V
    val keys: Set<K>
    val values: Collection<V>
    val entries: Set<Map.Entry<K, V>>
    interface Entry<out K, out V> {
        val key: K
        val value: V
    }
}
/** A map that can be changed. */
interface MutableMap<K, V>: Map<K, V> {
    fun put(key: K, value: V): V?
    fun remove(key: K): V?
    fun remove(key: K, value: V): Boolean
    fun putAll(from: Map<out K, V>): Unit
    fun clear(): Unit
    override val keys: MutableSet<K>
    override val values: MutableCollection<V>
    override val entries: MutableSet<MutableMap.MutableEntry<K, V>>
    interface MutableEntry<K, V>: Map.Entry<K, V> {
        fun setValue(newValue: V): V
    }
}
/** Goes through values. */
interface Iterator<out T> {
    operator fun next(): T
    operator fun hasNext(): Boolean
}
interface MutableIterator<out T>: Iterator<T> {
    fun remove(): Unit
}
interface ListIterator<out T>: Iterator<T> {
    override fun next(): T
    override fun hasNext(): Boolean
    fun hasPrevious(): Boolean
    fun previous(): T
    fun nextIndex(): Int
    fun previousIndex(): Int
}
interface MutableListIterator<T>: ListIterator<T>, MutableIterator<T> {
    override fun next(): T
    override fun hasNext(): Boolean
    override fun remove(): Unit
    fun set(element: T): Unit
    fun add(element: T): Unit
}
abstract class AbstractMutableCollection<E> protected actual constructor(): MutableCollection<E>, AbstractCollection<E>() {
    abstract override fun add(element: E): Boolean
}
abstract class AbstractMutableList<E> protected actual constructor(): MutableList<E>, AbstractList<E>() {
    abstract override fun set(index: Int, element: E): E
    abstract override fun removeAt(index: Int): E
    abstract override fun add(index: Int, element: E)
}
abstract class AbstractMutableMap<K, V> protected actual constructor(): MutableMap<K, V>, AbstractMap<K, V>() {
    abstract override fun put(key: K, value: V): V?
}
abstract class AbstractMutableSet<E> protected actual constructor(): MutableSet<E>, AbstractSet<E>() {
    abstract override fun add(element: E): Boolean
}
fun <reified T> Array<out T>?.orEmpty(): Array<out T>
fun ByteArray.toString(charset: Charset): String
fun <reified T> Collection<T>.toTypedArray(): Array<T>
/** A list of these values. */
fun <T> listOf(element: T): List<T>
/** The elements as a list. */
fun <T> java.util.Enumeration<T>.toList(): List<T>
fun <T> Iterable<T>.shuffled(): List<T>
fun <T> Iterable<T>.shuffled(random: java.util.Random): List<T>
fun <T, K> Grouping<T, K>.eachCount(): Map<K, Int>
fun <T, K> Grouping<T, K>.eachSumOf(valueSelector: (T) -> Int): Map<K, Int>
operator fun <T> java.util.Enumeration<T>.iterator(): Iterator<T>
/** A map of these pairs. */
fun <K, V> mapOf(pair: Pair<K, V>): Map<K, V>
/** The value of a key; makes one and keeps it where there is none. */
fun <K, V> ConcurrentMap<K, V>.getOrPut(key: K, defaultValue: () -> V): V
fun <K: Comparable<K>, V> Map<out K, V>.toSortedMap(): SortedMap<K, V>
fun <K, V> Map<out K, V>.toSortedMap(comparator: Comparator<in K>): SortedMap<K, V>
fun <K: Comparable<K>, V> sortedMapOf(vararg pairs: Pair<K, V>): SortedMap<K, V>
fun <K, V> sortedMapOf(comparator: Comparator<in K>, vararg pairs: Pair<K, V>): SortedMap<K, V>
fun Map<String, String>.toProperties(): Properties
fun <T: Comparable<T>> MutableList<T>.sort(): Unit
fun <T> MutableList<T>.sortWith(comparator: Comparator<in T>): Unit
fun <T> MutableList<T>.fill(value: T)
fun <T> MutableList<T>.shuffle()
fun <T> MutableList<T>.shuffle(random: java.util.Random)
/** A set of these values. */
fun <T> setOf(element: T): Set<T>
fun <T> sortedSetOf(vararg elements: T): java.util.TreeSet<T>
fun <T> sortedSetOf(comparator: Comparator<in T>, vararg elements: T): java.util.TreeSet<T>
typealias RandomAccess = java.util.RandomAccess
typealias ArrayList<E> = java.util.ArrayList<E>
typealias LinkedHashMap<K, V> = java.util.LinkedHashMap<K, V>
typealias HashMap<K, V> = java.util.HashMap<K, V>
typealias LinkedHashSet<E> = java.util.LinkedHashSet<E>
typealias HashSet<E> = java.util.HashSet<E>
operator fun <T> Array<out T>.component1(): T
operator fun ByteArray.component1(): Byte
operator fun IntArray.component1(): Int
operator fun LongArray.component1(): Long
operator fun DoubleArray.component1(): Double
operator fun CharArray.component1(): Char
operator fun <T> Array<out T>.component2(): T
operator fun ByteArray.component2(): Byte
operator fun IntArray.component2(): Int
operator fun LongArray.component2(): Long
operator fun DoubleArray.component2(): Double
operator fun CharArray.component2(): Char
operator fun <T> Array<out T>.component3(): T
operator fun ByteArray.component3(): Byte
operator fun IntArray.component3(): Int
operator fun LongArray.component3(): Long
operator fun DoubleArray.component3(): Double
operator fun CharArray.component3(): Char
operator fun <T> Array<out T>.component4(): T
operator fun ByteArray.component4(): Byte
operator fun IntArray.component4(): Int
operator fun LongArray.component4(): Long
operator fun DoubleArray.component4(): Double
operator fun CharArray.component4(): Char
operator fun <T> Array<out T>.component5(): T
operator fun ByteArray.component5(): Byte
operator fun IntArray.component5(): Int
operator fun LongArray.component5(): Long
operator fun DoubleArray.component5(): Double
operator fun CharArray.component5(): Char
operator fun <T> Array<out T>.contains(element: T): Boolean
operator fun ByteArray.contains(element: Byte): Boolean
operator fun IntArray.contains(element: Int): Boolean
operator fun LongArray.contains(element: Long): Boolean
operator fun CharArray.contains(element: Char): Boolean
fun <T> Array<out T>.elementAtOrElse(index: Int, defaultValue: (Int) -> T): T
fun ByteArray.elementAtOrElse(index: Int, defaultValue: (Int) -> Byte): Byte
fun IntArray.elementAtOrElse(index: Int, defaultValue: (Int) -> Int): Int
fun LongArray.elementAtOrElse(index: Int, defaultValue: (Int) -> Long): Long
fun DoubleArray.elementAtOrElse(index: Int, defaultValue: (Int) -> Double): Double
fun CharArray.elementAtOrElse(index: Int, defaultValue: (Int) -> Char): Char
fun <T> Array<out T>.elementAtOrNull(index: Int): T?
fun ByteArray.elementAtOrNull(index: Int): Byte?
fun IntArray.elementAtOrNull(index: Int): Int?
fun LongArray.elementAtOrNull(index: Int): Long?
fun DoubleArray.elementAtOrNull(index: Int): Double?
fun CharArray.elementAtOrNull(index: Int): Char?
/** The first element for which the test holds, else null. */
fun <T> Array<out T>.find(predicate: (T) -> Boolean): T?
/** The first element for which the test holds, else null. */
fun ByteArray.find(predicate: (Byte) -> Boolean): Byte?
/** The first element for which the test holds, else null. */
fun IntArray.find(predicate: (Int) -> Boolean): Int?
/** The first element for which the test holds, else null. */
fun LongArray.find(predicate: (Long) -> Boolean): Long?
/** The first element for which the test holds, else null. */
fun DoubleArray.find(predicate: (Double) -> Boolean): Double?
/** The first element for which the test holds, else null. */
fun CharArray.find(predicate: (Char) -> Boolean): Char?
fun <T> Array<out T>.findLast(predicate: (T) -> Boolean): T?
fun ByteArray.findLast(predicate: (Byte) -> Boolean): Byte?
fun IntArray.findLast(predicate: (Int) -> Boolean): Int?
fun LongArray.findLast(predicate: (Long) -> Boolean): Long?
fun DoubleArray.findLast(predicate: (Double) -> Boolean): Double?
fun CharArray.findLast(predicate: (Char) -> Boolean): Char?
/** The first element, or the first for which the test holds. */
fun <T> Array<out T>.first(): T
/** The first element, or the first for which the test holds. */
fun ByteArray.first(): Byte
/** The first element, or the first for which the test holds. */
fun IntArray.first(): Int
/** The first element, or the first for which the test holds. */
fun LongArray.first(): Long
/** The first element, or the first for which the test holds. */
fun DoubleArray.first(): Double
/** The first element, or the first for which the test holds. */
fun CharArray.first(): Char
/** The first element, or the first for which the test holds. */
fun <T> Array<out T>.first(predicate: (T) -> Boolean): T
/** The first element, or the first for which the test holds. */
fun ByteArray.first(predicate: (Byte) -> Boolean): Byte
/** The first element, or the first for which the test holds. */
fun IntArray.first(predicate: (Int) -> Boolean): Int
/** The first element, or the first for which the test holds. */
fun LongArray.first(predicate: (Long) -> Boolean): Long
/** The first element, or the first for which the test holds. */
fun DoubleArray.first(predicate: (Double) -> Boolean): Double
/** The first element, or the first for which the test holds. */
fun CharArray.first(predicate: (Char) -> Boolean): Char
fun <T, R: Any> Array<out T>.firstNotNullOf(transform: (T) -> R?): R
fun <T, R: Any> Array<out T>.firstNotNullOfOrNull(transform: (T) -> R?): R?
/** The first element, or null where there is none. */
fun <T> Array<out T>.firstOrNull(): T?
/** The first element, or null where there is none. */
fun ByteArray.firstOrNull(): Byte?
/** The first element, or null where there is none. */
fun IntArray.firstOrNull(): Int?
/** The first element, or null where there is none. */
fun LongArray.firstOrNull(): Long?
/** The first element, or null where there is none. */
fun DoubleArray.firstOrNull(): Double?
/** The first element, or null where there is none. */
fun CharArray.firstOrNull(): Char?
/** The first element, or null where there is none. */
fun <T> Array<out T>.firstOrNull(predicate: (T) -> Boolean): T?
/** The first element, or null where there is none. */
fun ByteArray.firstOrNull(predicate: (Byte) -> Boolean): Byte?
/** The first element, or null where there is none. */
fun IntArray.firstOrNull(predicate: (Int) -> Boolean): Int?
/** The first element, or null where there is none. */
fun LongArray.firstOrNull(predicate: (Long) -> Boolean): Long?
/** The first element, or null where there is none. */
fun DoubleArray.firstOrNull(predicate: (Double) -> Boolean): Double?
/** The first element, or null where there is none. */
fun CharArray.firstOrNull(predicate: (Char) -> Boolean): Char?
fun <T> Array<out T>.getOrElse(index: Int, defaultValue: (Int) -> T): T
fun ByteArray.getOrElse(index: Int, defaultValue: (Int) -> Byte): Byte
fun IntArray.getOrElse(index: Int, defaultValue: (Int) -> Int): Int
fun LongArray.getOrElse(index: Int, defaultValue: (Int) -> Long): Long
fun DoubleArray.getOrElse(index: Int, defaultValue: (Int) -> Double): Double
fun CharArray.getOrElse(index: Int, defaultValue: (Int) -> Char): Char
fun <T> Array<out T>.getOrNull(index: Int): T?
fun ByteArray.getOrNull(index: Int): Byte?
fun IntArray.getOrNull(index: Int): Int?
fun LongArray.getOrNull(index: Int): Long?
fun DoubleArray.getOrNull(index: Int): Double?
fun CharArray.getOrNull(index: Int): Char?
fun <T> Array<out T>.indexOf(element: T): Int
fun ByteArray.indexOf(element: Byte): Int
fun IntArray.indexOf(element: Int): Int
fun LongArray.indexOf(element: Long): Int
fun CharArray.indexOf(element: Char): Int
fun <T> Array<out T>.indexOfFirst(predicate: (T) -> Boolean): Int
fun ByteArray.indexOfFirst(predicate: (Byte) -> Boolean): Int
fun IntArray.indexOfFirst(predicate: (Int) -> Boolean): Int
fun LongArray.indexOfFirst(predicate: (Long) -> Boolean): Int
fun DoubleArray.indexOfFirst(predicate: (Double) -> Boolean): Int
fun CharArray.indexOfFirst(predicate: (Char) -> Boolean): Int
fun <T> Array<out T>.indexOfLast(predicate: (T) -> Boolean): Int
fun ByteArray.indexOfLast(predicate: (Byte) -> Boolean): Int
fun IntArray.indexOfLast(predicate: (Int) -> Boolean): Int
fun LongArray.indexOfLast(predicate: (Long) -> Boolean): Int
fun DoubleArray.indexOfLast(predicate: (Double) -> Boolean): Int
fun CharArray.indexOfLast(predicate: (Char) -> Boolean): Int
/** The last element, or the last for which the test holds. */
fun <T> Array<out T>.last(): T
/** The last element, or the last for which the test holds. */
fun ByteArray.last(): Byte
/** The last element, or the last for which the test holds. */
fun IntArray.last(): Int
/** The last element, or the last for which the test holds. */
fun LongArray.last(): Long
/** The last element, or the last for which the test holds. */
fun DoubleArray.last(): Double
/** The last element, or the last for which the test holds. */
fun CharArray.last(): Char
/** The last element, or the last for which the test holds. */
fun <T> Array<out T>.last(predicate: (T) -> Boolean): T
/** The last element, or the last for which the test holds. */
fun ByteArray.last(predicate: (Byte) -> Boolean): Byte
/** The last element, or the last for which the test holds. */
fun IntArray.last(predicate: (Int) -> Boolean): Int
/** The last element, or the last for which the test holds. */
fun LongArray.last(predicate: (Long) -> Boolean): Long
/** The last element, or the last for which the test holds. */
fun DoubleArray.last(predicate: (Double) -> Boolean): Double
/** The last element, or the last for which the test holds. */
fun CharArray.last(predicate: (Char) -> Boolean): Char
fun <T> Array<out T>.lastIndexOf(element: T): Int
fun ByteArray.lastIndexOf(element: Byte): Int
fun IntArray.lastIndexOf(element: Int): Int
fun LongArray.lastIndexOf(element: Long): Int
fun CharArray.lastIndexOf(element: Char): Int
fun <T> Array<out T>.lastOrNull(): T?
fun ByteArray.lastOrNull(): Byte?
fun IntArray.lastOrNull(): Int?
fun LongArray.lastOrNull(): Long?
fun DoubleArray.lastOrNull(): Double?
fun CharArray.lastOrNull(): Char?
fun <T> Array<out T>.lastOrNull(predicate: (T) -> Boolean): T?
fun ByteArray.lastOrNull(predicate: (Byte) -> Boolean): Byte?
fun IntArray.lastOrNull(predicate: (Int) -> Boolean): Int?
fun LongArray.lastOrNull(predicate: (Long) -> Boolean): Long?
fun DoubleArray.lastOrNull(predicate: (Double) -> Boolean): Double?
fun CharArray.lastOrNull(predicate: (Char) -> Boolean): Char?
fun <T> Array<out T>.random(): T
fun ByteArray.random(): Byte
fun IntArray.random(): Int
fun LongArray.random(): Long
fun DoubleArray.random(): Double
fun CharArray.random(): Char
fun <T> Array<out T>.random(random: Random): T
fun ByteArray.random(random: Random): Byte
fun IntArray.random(random: Random): Int
fun LongArray.random(random: Random): Long
fun DoubleArray.random(random: Random): Double
fun CharArray.random(random: Random): Char
fun <T> Array<out T>.randomOrNull(): T?
fun ByteArray.randomOrNull(): Byte?
fun IntArray.randomOrNull(): Int?
fun LongArray.randomOrNull(): Long?
fun DoubleArray.randomOrNull(): Double?
fun CharArray.randomOrNull(): Char?
fun <T> Array<out T>.randomOrNull(random: Random): T?
fun ByteArray.randomOrNull(random: Random): Byte?
fun IntArray.randomOrNull(random: Random): Int?
fun LongArray.randomOrNull(random: Random): Long?
fun DoubleArray.randomOrNull(random: Random): Double?
fun CharArray.randomOrNull(random: Random): Char?
fun <T> Array<out T>.single(): T
fun ByteArray.single(): Byte
fun IntArray.single(): Int
fun LongArray.single(): Long
fun DoubleArray.single(): Double
fun CharArray.single(): Char
fun <T> Array<out T>.single(predicate: (T) -> Boolean): T
fun ByteArray.single(predicate: (Byte) -> Boolean): Byte
fun IntArray.single(predicate: (Int) -> Boolean): Int
fun LongArray.single(predicate: (Long) -> Boolean): Long
fun DoubleArray.single(predicate: (Double) -> Boolean): Double
fun CharArray.single(predicate: (Char) -> Boolean): Char
fun <T> Array<out T>.singleOrNull(): T?
fun ByteArray.singleOrNull(): Byte?
fun IntArray.singleOrNull(): Int?
fun LongArray.singleOrNull(): Long?
fun DoubleArray.singleOrNull(): Double?
fun CharArray.singleOrNull(): Char?
fun <T> Array<out T>.singleOrNull(predicate: (T) -> Boolean): T?
fun ByteArray.singleOrNull(predicate: (Byte) -> Boolean): Byte?
fun IntArray.singleOrNull(predicate: (Int) -> Boolean): Int?
fun LongArray.singleOrNull(predicate: (Long) -> Boolean): Long?
fun DoubleArray.singleOrNull(predicate: (Double) -> Boolean): Double?
fun CharArray.singleOrNull(predicate: (Char) -> Boolean): Char?
fun <T> Array<out T>.drop(n: Int): List<T>
fun ByteArray.drop(n: Int): List<Byte>
fun IntArray.drop(n: Int): List<Int>
fun LongArray.drop(n: Int): List<Long>
fun DoubleArray.drop(n: Int): List<Double>
fun CharArray.drop(n: Int): List<Char>
fun <T> Array<out T>.dropLast(n: Int): List<T>
fun ByteArray.dropLast(n: Int): List<Byte>
fun IntArray.dropLast(n: Int): List<Int>
fun LongArray.dropLast(n: Int): List<Long>
fun DoubleArray.dropLast(n: Int): List<Double>
fun CharArray.dropLast(n: Int): List<Char>
fun <T> Array<out T>.dropLastWhile(predicate: (T) -> Boolean): List<T>
fun ByteArray.dropLastWhile(predicate: (Byte) -> Boolean): List<Byte>
fun IntArray.dropLastWhile(predicate: (Int) -> Boolean): List<Int>
fun LongArray.dropLastWhile(predicate: (Long) -> Boolean): List<Long>
fun DoubleArray.dropLastWhile(predicate: (Double) -> Boolean): List<Double>
fun CharArray.dropLastWhile(predicate: (Char) -> Boolean): List<Char>
fun <T> Array<out T>.dropWhile(predicate: (T) -> Boolean): List<T>
fun ByteArray.dropWhile(predicate: (Byte) -> Boolean): List<Byte>
fun IntArray.dropWhile(predicate: (Int) -> Boolean): List<Int>
fun LongArray.dropWhile(predicate: (Long) -> Boolean): List<Long>
fun DoubleArray.dropWhile(predicate: (Double) -> Boolean): List<Double>
fun CharArray.dropWhile(predicate: (Char) -> Boolean): List<Char>
/** The elements for which the test holds. */
fun <T> Array<out T>.filter(predicate: (T) -> Boolean): List<T>
/** The elements for which the test holds. */
fun ByteArray.filter(predicate: (Byte) -> Boolean): List<Byte>
/** The elements for which the test holds. */
fun IntArray.filter(predicate: (Int) -> Boolean): List<Int>
/** The elements for which the test holds. */
fun LongArray.filter(predicate: (Long) -> Boolean): List<Long>
/** The elements for which the test holds. */
fun DoubleArray.filter(predicate: (Double) -> Boolean): List<Double>
/** The elements for which the test holds. */
fun CharArray.filter(predicate: (Char) -> Boolean): List<Char>
fun <T> Array<out T>.filterIndexed(predicate: (index: Int, T) -> Boolean): List<T>
fun ByteArray.filterIndexed(predicate: (index: Int, Byte) -> Boolean): List<Byte>
fun IntArray.filterIndexed(predicate: (index: Int, Int) -> Boolean): List<Int>
fun LongArray.filterIndexed(predicate: (index: Int, Long) -> Boolean): List<Long>
fun DoubleArray.filterIndexed(predicate: (index: Int, Double) -> Boolean): List<Double>
fun CharArray.filterIndexed(predicate: (index: Int, Char) -> Boolean): List<Char>
fun <T, C: MutableCollection<in T>> Array<out T>.filterIndexedTo(destination: C, predicate: (index: Int, T) -> Boolean): C
fun <C: MutableCollection<in Byte>> ByteArray.filterIndexedTo(destination: C, predicate: (index: Int, Byte) -> Boolean): C
fun <C: MutableCollection<in Int>> IntArray.filterIndexedTo(destination: C, predicate: (index: Int, Int) -> Boolean): C
fun <C: MutableCollection<in Long>> LongArray.filterIndexedTo(destination: C, predicate: (index: Int, Long) -> Boolean): C
fun <C: MutableCollection<in Double>> DoubleArray.filterIndexedTo(destination: C, predicate: (index: Int, Double) -> Boolean): C
fun <C: MutableCollection<in Char>> CharArray.filterIndexedTo(destination: C, predicate: (index: Int, Char) -> Boolean): C
/** The elements that are of the type. */
fun <reified R> Array<*>.filterIsInstance(): List<R>
fun <reified R, C: MutableCollection<in R>> Array<*>.filterIsInstanceTo(destination: C): C
/** The elements for which the test does not hold. */
fun <T> Array<out T>.filterNot(predicate: (T) -> Boolean): List<T>
/** The elements for which the test does not hold. */
fun ByteArray.filterNot(predicate: (Byte) -> Boolean): List<Byte>
/** The elements for which the test does not hold. */
fun IntArray.filterNot(predicate: (Int) -> Boolean): List<Int>
/** The elements for which the test does not hold. */
fun LongArray.filterNot(predicate: (Long) -> Boolean): List<Long>
/** The elements for which the test does not hold. */
fun DoubleArray.filterNot(predicate: (Double) -> Boolean): List<Double>
/** The elements for which the test does not hold. */
fun CharArray.filterNot(predicate: (Char) -> Boolean): List<Char>
fun <T: Any> Array<out T?>.filterNotNull(): List<T>
fun <C: MutableCollection<in T>, T: Any> Array<out T?>.filterNotNullTo(destination: C): C
fun <T, C: MutableCollection<in T>> Array<out T>.filterNotTo(destination: C, predicate: (T) -> Boolean): C
fun <C: MutableCollection<in Byte>> ByteArray.filterNotTo(destination: C, predicate: (Byte) -> Boolean): C
fun <C: MutableCollection<in Int>> IntArray.filterNotTo(destination: C, predicate: (Int) -> Boolean): C
fun <C: MutableCollection<in Long>> LongArray.filterNotTo(destination: C, predicate: (Long) -> Boolean): C
fun <C: MutableCollection<in Double>> DoubleArray.filterNotTo(destination: C, predicate: (Double) -> Boolean): C
fun <C: MutableCollection<in Char>> CharArray.filterNotTo(destination: C, predicate: (Char) -> Boolean): C
fun <T, C: MutableCollection<in T>> Array<out T>.filterTo(destination: C, predicate: (T) -> Boolean): C
fun <C: MutableCollection<in Byte>> ByteArray.filterTo(destination: C, predicate: (Byte) -> Boolean): C
fun <C: MutableCollection<in Int>> IntArray.filterTo(destination: C, predicate: (Int) -> Boolean): C
fun <C: MutableCollection<in Long>> LongArray.filterTo(destination: C, predicate: (Long) -> Boolean): C
fun <C: MutableCollection<in Double>> DoubleArray.filterTo(destination: C, predicate: (Double) -> Boolean): C
fun <C: MutableCollection<in Char>> CharArray.filterTo(destination: C, predicate: (Char) -> Boolean): C
fun <T> Array<out T>.slice(indices: IntRange): List<T>
fun ByteArray.slice(indices: IntRange): List<Byte>
fun IntArray.slice(indices: IntRange): List<Int>
fun LongArray.slice(indices: IntRange): List<Long>
fun DoubleArray.slice(indices: IntRange): List<Double>
fun CharArray.slice(indices: IntRange): List<Char>
fun <T> Array<out T>.slice(indices: Iterable<Int>): List<T>
fun ByteArray.slice(indices: Iterable<Int>): List<Byte>
fun IntArray.slice(indices: Iterable<Int>): List<Int>
fun LongArray.slice(indices: Iterable<Int>): List<Long>
fun DoubleArray.slice(indices: Iterable<Int>): List<Double>
fun CharArray.slice(indices: Iterable<Int>): List<Char>
fun <T> Array<T>.sliceArray(indices: Collection<Int>): Array<T>
fun ByteArray.sliceArray(indices: Collection<Int>): ByteArray
fun IntArray.sliceArray(indices: Collection<Int>): IntArray
fun LongArray.sliceArray(indices: Collection<Int>): LongArray
fun DoubleArray.sliceArray(indices: Collection<Int>): DoubleArray
fun CharArray.sliceArray(indices: Collection<Int>): CharArray
fun <T> Array<T>.sliceArray(indices: IntRange): Array<T>
fun ByteArray.sliceArray(indices: IntRange): ByteArray
fun IntArray.sliceArray(indices: IntRange): IntArray
fun LongArray.sliceArray(indices: IntRange): LongArray
fun DoubleArray.sliceArray(indices: IntRange): DoubleArray
fun CharArray.sliceArray(indices: IntRange): CharArray
fun <T> Array<out T>.take(n: Int): List<T>
fun ByteArray.take(n: Int): List<Byte>
fun IntArray.take(n: Int): List<Int>
fun LongArray.take(n: Int): List<Long>
fun DoubleArray.take(n: Int): List<Double>
fun CharArray.take(n: Int): List<Char>
fun <T> Array<out T>.takeLast(n: Int): List<T>
fun ByteArray.takeLast(n: Int): List<Byte>
fun IntArray.takeLast(n: Int): List<Int>
fun LongArray.takeLast(n: Int): List<Long>
fun DoubleArray.takeLast(n: Int): List<Double>
fun CharArray.takeLast(n: Int): List<Char>
fun <T> Array<out T>.takeLastWhile(predicate: (T) -> Boolean): List<T>
fun ByteArray.takeLastWhile(predicate: (Byte) -> Boolean): List<Byte>
fun IntArray.takeLastWhile(predicate: (Int) -> Boolean): List<Int>
fun LongArray.takeLastWhile(predicate: (Long) -> Boolean): List<Long>
fun DoubleArray.takeLastWhile(predicate: (Double) -> Boolean): List<Double>
fun CharArray.takeLastWhile(predicate: (Char) -> Boolean): List<Char>
fun <T> Array<out T>.takeWhile(predicate: (T) -> Boolean): List<T>
fun ByteArray.takeWhile(predicate: (Byte) -> Boolean): List<Byte>
fun IntArray.takeWhile(predicate: (Int) -> Boolean): List<Int>
fun LongArray.takeWhile(predicate: (Long) -> Boolean): List<Long>
fun DoubleArray.takeWhile(predicate: (Double) -> Boolean): List<Double>
fun CharArray.takeWhile(predicate: (Char) -> Boolean): List<Char>
fun <T> Array<T>.reverse(): Unit
fun ByteArray.reverse(): Unit
fun IntArray.reverse(): Unit
fun LongArray.reverse(): Unit
fun DoubleArray.reverse(): Unit
fun CharArray.reverse(): Unit
fun <T> Array<T>.reverse(fromIndex: Int, toIndex: Int): Unit
fun ByteArray.reverse(fromIndex: Int, toIndex: Int): Unit
fun IntArray.reverse(fromIndex: Int, toIndex: Int): Unit
fun LongArray.reverse(fromIndex: Int, toIndex: Int): Unit
fun DoubleArray.reverse(fromIndex: Int, toIndex: Int): Unit
fun CharArray.reverse(fromIndex: Int, toIndex: Int): Unit
fun <T> Array<out T>.reversed(): List<T>
fun ByteArray.reversed(): List<Byte>
fun IntArray.reversed(): List<Int>
fun LongArray.reversed(): List<Long>
fun DoubleArray.reversed(): List<Double>
fun CharArray.reversed(): List<Char>
fun <T> Array<T>.reversedArray(): Array<T>
fun ByteArray.reversedArray(): ByteArray
fun IntArray.reversedArray(): IntArray
fun LongArray.reversedArray(): LongArray
fun DoubleArray.reversedArray(): DoubleArray
fun CharArray.reversedArray(): CharArray
fun <T> Array<T>.shuffle(): Unit
fun ByteArray.shuffle(): Unit
fun IntArray.shuffle(): Unit
fun LongArray.shuffle(): Unit
fun DoubleArray.shuffle(): Unit
fun CharArray.shuffle(): Unit
fun <T> Array<T>.shuffle(random: Random): Unit
fun ByteArray.shuffle(random: Random): Unit
fun IntArray.shuffle(random: Random): Unit
fun LongArray.shuffle(random: Random): Unit
fun DoubleArray.shuffle(random: Random): Unit
fun CharArray.shuffle(random: Random): Unit
fun <T, R: Comparable<R>> Array<out T>.sortBy(selector: (T) -> R?): Unit
fun <T, R: Comparable<R>> Array<out T>.sortByDescending(selector: (T) -> R?): Unit
fun <T: Comparable<T>> Array<out T>.sortDescending(): Unit
fun ByteArray.sortDescending(): Unit
fun IntArray.sortDescending(): Unit
fun LongArray.sortDescending(): Unit
fun DoubleArray.sortDescending(): Unit
fun CharArray.sortDescending(): Unit
fun <T: Comparable<T>> Array<out T>.sorted(): List<T>
fun ByteArray.sorted(): List<Byte>
fun IntArray.sorted(): List<Int>
fun LongArray.sorted(): List<Long>
fun DoubleArray.sorted(): List<Double>
fun CharArray.sorted(): List<Char>
fun <T: Comparable<T>> Array<T>.sortedArray(): Array<T>
fun ByteArray.sortedArray(): ByteArray
fun IntArray.sortedArray(): IntArray
fun LongArray.sortedArray(): LongArray
fun DoubleArray.sortedArray(): DoubleArray
fun CharArray.sortedArray(): CharArray
fun <T: Comparable<T>> Array<T>.sortedArrayDescending(): Array<T>
fun ByteArray.sortedArrayDescending(): ByteArray
fun IntArray.sortedArrayDescending(): IntArray
fun LongArray.sortedArrayDescending(): LongArray
fun DoubleArray.sortedArrayDescending(): DoubleArray
fun CharArray.sortedArrayDescending(): CharArray
fun <T> Array<out T>.sortedArrayWith(comparator: Comparator<in T>): Array<out T>
fun <T, R: Comparable<R>> Array<out T>.sortedBy(selector: (T) -> R?): List<T>
fun <R: Comparable<R>> ByteArray.sortedBy(selector: (Byte) -> R?): List<Byte>
fun <R: Comparable<R>> IntArray.sortedBy(selector: (Int) -> R?): List<Int>
fun <R: Comparable<R>> LongArray.sortedBy(selector: (Long) -> R?): List<Long>
fun <R: Comparable<R>> DoubleArray.sortedBy(selector: (Double) -> R?): List<Double>
fun <R: Comparable<R>> CharArray.sortedBy(selector: (Char) -> R?): List<Char>
fun <T, R: Comparable<R>> Array<out T>.sortedByDescending(selector: (T) -> R?): List<T>
fun <R: Comparable<R>> ByteArray.sortedByDescending(selector: (Byte) -> R?): List<Byte>
fun <R: Comparable<R>> IntArray.sortedByDescending(selector: (Int) -> R?): List<Int>
fun <R: Comparable<R>> LongArray.sortedByDescending(selector: (Long) -> R?): List<Long>
fun <R: Comparable<R>> DoubleArray.sortedByDescending(selector: (Double) -> R?): List<Double>
fun <R: Comparable<R>> CharArray.sortedByDescending(selector: (Char) -> R?): List<Char>
fun <T: Comparable<T>> Array<out T>.sortedDescending(): List<T>
fun ByteArray.sortedDescending(): List<Byte>
fun IntArray.sortedDescending(): List<Int>
fun LongArray.sortedDescending(): List<Long>
fun DoubleArray.sortedDescending(): List<Double>
fun CharArray.sortedDescending(): List<Char>
fun <T> Array<out T>.sortedWith(comparator: Comparator<in T>): List<T>
fun ByteArray.sortedWith(comparator: Comparator<in Byte>): List<Byte>
fun IntArray.sortedWith(comparator: Comparator<in Int>): List<Int>
fun LongArray.sortedWith(comparator: Comparator<in Long>): List<Long>
fun DoubleArray.sortedWith(comparator: Comparator<in Double>): List<Double>
fun CharArray.sortedWith(comparator: Comparator<in Char>): List<Char>
val <T> Array<out T>.indices: IntRange
val ByteArray.indices: IntRange
val IntArray.indices: IntRange
val LongArray.indices: IntRange
val DoubleArray.indices: IntRange
val CharArray.indices: IntRange
fun <T> Array<out T>.isEmpty(): Boolean
fun ByteArray.isEmpty(): Boolean
fun IntArray.isEmpty(): Boolean
fun LongArray.isEmpty(): Boolean
fun DoubleArray.isEmpty(): Boolean
fun CharArray.isEmpty(): Boolean
fun <T> Array<out T>.isNotEmpty(): Boolean
fun ByteArray.isNotEmpty(): Boolean
fun IntArray.isNotEmpty(): Boolean
fun LongArray.isNotEmpty(): Boolean
fun DoubleArray.isNotEmpty(): Boolean
fun CharArray.isNotEmpty(): Boolean
val <T> Array<out T>.lastIndex: Int
val ByteArray.lastIndex: Int
val IntArray.lastIndex: Int
val LongArray.lastIndex: Int
val DoubleArray.lastIndex: Int
val CharArray.lastIndex: Int
fun <T: Comparable<T>> Array<out T>.sortDescending(fromIndex: Int, toIndex: Int): Unit
fun ByteArray.sortDescending(fromIndex: Int, toIndex: Int): Unit
fun IntArray.sortDescending(fromIndex: Int, toIndex: Int): Unit
fun LongArray.sortDescending(fromIndex: Int, toIndex: Int): Unit
fun DoubleArray.sortDescending(fromIndex: Int, toIndex: Int): Unit
fun CharArray.sortDescending(fromIndex: Int, toIndex: Int): Unit
fun Array<out Byte>.toByteArray(): ByteArray
fun Array<out Char>.toCharArray(): CharArray
fun Array<out Double>.toDoubleArray(): DoubleArray
fun Array<out Int>.toIntArray(): IntArray
fun Array<out Long>.toLongArray(): LongArray
fun <T, K, V> Array<out T>.associate(transform: (T) -> Pair<K, V>): Map<K, V>
fun <K, V> ByteArray.associate(transform: (Byte) -> Pair<K, V>): Map<K, V>
fun <K, V> IntArray.associate(transform: (Int) -> Pair<K, V>): Map<K, V>
fun <K, V> LongArray.associate(transform: (Long) -> Pair<K, V>): Map<K, V>
fun <K, V> DoubleArray.associate(transform: (Double) -> Pair<K, V>): Map<K, V>
fun <K, V> CharArray.associate(transform: (Char) -> Pair<K, V>): Map<K, V>
/** Elements by key. */
fun <T, K> Array<out T>.associateBy(keySelector: (T) -> K): Map<K, T>
/** Elements by key. */
fun <K> ByteArray.associateBy(keySelector: (Byte) -> K): Map<K, Byte>
/** Elements by key. */
fun <K> IntArray.associateBy(keySelector: (Int) -> K): Map<K, Int>
/** Elements by key. */
fun <K> LongArray.associateBy(keySelector: (Long) -> K): Map<K, Long>
/** Elements by key. */
fun <K> DoubleArray.associateBy(keySelector: (Double) -> K): Map<K, Double>
/** Elements by key. */
fun <K> CharArray.associateBy(keySelector: (Char) -> K): Map<K, Char>
/** Elements by key. */
fun <T, K, V> Array<out T>.associateBy(keySelector: (T) -> K, valueTransform: (T) -> V): Map<K, V>
/** Elements by key. */
fun <K, V> ByteArray.associateBy(keySelector: (Byte) -> K, valueTransform: (Byte) -> V): Map<K, V>
/** Elements by key. */
fun <K, V> IntArray.associateBy(keySelector: (Int) -> K, valueTransform: (Int) -> V): Map<K, V>
/** Elements by key. */
fun <K, V> LongArray.associateBy(keySelector: (Long) -> K, valueTransform: (Long) -> V): Map<K, V>
/** Elements by key. */
fun <K, V> DoubleArray.associateBy(keySelector: (Double) -> K, valueTransform: (Double) -> V): Map<K, V>
/** Elements by key. */
fun <K, V> CharArray.associateBy(keySelector: (Char) -> K, valueTransform: (Char) -> V): Map<K, V>
fun <T, K, M: MutableMap<in K, in T>> Array<out T>.associateByTo(destination: M, keySelector: (T) -> K): M
fun <K, M: MutableMap<in K, in Byte>> ByteArray.associateByTo(destination: M, keySelector: (Byte) -> K): M
fun <K, M: MutableMap<in K, in Int>> IntArray.associateByTo(destination: M, keySelector: (Int) -> K): M
fun <K, M: MutableMap<in K, in Long>> LongArray.associateByTo(destination: M, keySelector: (Long) -> K): M
fun <K, M: MutableMap<in K, in Double>> DoubleArray.associateByTo(destination: M, keySelector: (Double) -> K): M
fun <K, M: MutableMap<in K, in Char>> CharArray.associateByTo(destination: M, keySelector: (Char) -> K): M
fun <T, K, V, M: MutableMap<in K, in V>> Array<out T>.associateByTo(destination: M, keySelector: (T) -> K, valueTransform: (T) -> V): M
fun <K, V, M: MutableMap<in K, in V>> ByteArray.associateByTo(destination: M, keySelector: (Byte) -> K, valueTransform: (Byte) -> V): M
fun <K, V, M: MutableMap<in K, in V>> IntArray.associateByTo(destination: M, keySelector: (Int) -> K, valueTransform: (Int) -> V): M
fun <K, V, M: MutableMap<in K, in V>> LongArray.associateByTo(destination: M, keySelector: (Long) -> K, valueTransform: (Long) -> V): M
fun <K, V, M: MutableMap<in K, in V>> DoubleArray.associateByTo(destination: M, keySelector: (Double) -> K, valueTransform: (Double) -> V): M
fun <K, V, M: MutableMap<in K, in V>> CharArray.associateByTo(destination: M, keySelector: (Char) -> K, valueTransform: (Char) -> V): M
fun <T, K, V, M: MutableMap<in K, in V>> Array<out T>.associateTo(destination: M, transform: (T) -> Pair<K, V>): M
fun <K, V, M: MutableMap<in K, in V>> ByteArray.associateTo(destination: M, transform: (Byte) -> Pair<K, V>): M
fun <K, V, M: MutableMap<in K, in V>> IntArray.associateTo(destination: M, transform: (Int) -> Pair<K, V>): M
fun <K, V, M: MutableMap<in K, in V>> LongArray.associateTo(destination: M, transform: (Long) -> Pair<K, V>): M
fun <K, V, M: MutableMap<in K, in V>> DoubleArray.associateTo(destination: M, transform: (Double) -> Pair<K, V>): M
fun <K, V, M: MutableMap<in K, in V>> CharArray.associateTo(destination: M, transform: (Char) -> Pair<K, V>): M
/** What the function gives, by element. */
fun <K, V> Array<out K>.associateWith(valueSelector: (K) -> V): Map<K, V>
/** What the function gives, by element. */
fun <V> ByteArray.associateWith(valueSelector: (Byte) -> V): Map<Byte, V>
/** What the function gives, by element. */
fun <V> IntArray.associateWith(valueSelector: (Int) -> V): Map<Int, V>
/** What the function gives, by element. */
fun <V> LongArray.associateWith(valueSelector: (Long) -> V): Map<Long, V>
/** What the function gives, by element. */
fun <V> DoubleArray.associateWith(valueSelector: (Double) -> V): Map<Double, V>
/** What the function gives, by element. */
fun <V> CharArray.associateWith(valueSelector: (Char) -> V): Map<Char, V>
fun <K, V, M: MutableMap<in K, in V>> Array<out K>.associateWithTo(destination: M, valueSelector: (K) -> V): M
fun <V, M: MutableMap<in Byte, in V>> ByteArray.associateWithTo(destination: M, valueSelector: (Byte) -> V): M
fun <V, M: MutableMap<in Int, in V>> IntArray.associateWithTo(destination: M, valueSelector: (Int) -> V): M
fun <V, M: MutableMap<in Long, in V>> LongArray.associateWithTo(destination: M, valueSelector: (Long) -> V): M
fun <V, M: MutableMap<in Double, in V>> DoubleArray.associateWithTo(destination: M, valueSelector: (Double) -> V): M
fun <V, M: MutableMap<in Char, in V>> CharArray.associateWithTo(destination: M, valueSelector: (Char) -> V): M
fun <T, C: MutableCollection<in T>> Array<out T>.toCollection(destination: C): C
fun <C: MutableCollection<in Byte>> ByteArray.toCollection(destination: C): C
fun <C: MutableCollection<in Int>> IntArray.toCollection(destination: C): C
fun <C: MutableCollection<in Long>> LongArray.toCollection(destination: C): C
fun <C: MutableCollection<in Double>> DoubleArray.toCollection(destination: C): C
fun <C: MutableCollection<in Char>> CharArray.toCollection(destination: C): C
fun <T> Array<out T>.toHashSet(): HashSet<T>
fun ByteArray.toHashSet(): HashSet<Byte>
fun IntArray.toHashSet(): HashSet<Int>
fun LongArray.toHashSet(): HashSet<Long>
fun DoubleArray.toHashSet(): HashSet<Double>
fun CharArray.toHashSet(): HashSet<Char>
/** The elements as a list. */
fun <T> Array<out T>.toList(): List<T>
/** The elements as a list. */
fun ByteArray.toList(): List<Byte>
/** The elements as a list. */
fun IntArray.toList(): List<Int>
/** The elements as a list. */
fun LongArray.toList(): List<Long>
/** The elements as a list. */
fun DoubleArray.toList(): List<Double>
/** The elements as a list. */
fun CharArray.toList(): List<Char>
fun <T> Array<out T>.toMutableList(): MutableList<T>
fun ByteArray.toMutableList(): MutableList<Byte>
fun IntArray.toMutableList(): MutableList<Int>
fun LongArray.toMutableList(): MutableList<Long>
fun DoubleArray.toMutableList(): MutableList<Double>
fun CharArray.toMutableList(): MutableList<Char>
/** The elements as a set. */
fun <T> Array<out T>.toSet(): Set<T>
/** The elements as a set. */
fun ByteArray.toSet(): Set<Byte>
/** The elements as a set. */
fun IntArray.toSet(): Set<Int>
/** The elements as a set. */
fun LongArray.toSet(): Set<Long>
/** The elements as a set. */
fun DoubleArray.toSet(): Set<Double>
/** The elements as a set. */
fun CharArray.toSet(): Set<Char>
/** What the function gives for each element, one after the other. */
fun <T, R> Array<out T>.flatMap(transform: (T) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <R> ByteArray.flatMap(transform: (Byte) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <R> IntArray.flatMap(transform: (Int) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <R> LongArray.flatMap(transform: (Long) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <R> DoubleArray.flatMap(transform: (Double) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <R> CharArray.flatMap(transform: (Char) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <T, R> Array<out T>.flatMap(transform: (T) -> Sequence<R>): List<R>
fun <T, R> Array<out T>.flatMapIndexed(transform: (index: Int, T) -> Iterable<R>): List<R>
fun <R> ByteArray.flatMapIndexed(transform: (index: Int, Byte) -> Iterable<R>): List<R>
fun <R> IntArray.flatMapIndexed(transform: (index: Int, Int) -> Iterable<R>): List<R>
fun <R> LongArray.flatMapIndexed(transform: (index: Int, Long) -> Iterable<R>): List<R>
fun <R> DoubleArray.flatMapIndexed(transform: (index: Int, Double) -> Iterable<R>): List<R>
fun <R> CharArray.flatMapIndexed(transform: (index: Int, Char) -> Iterable<R>): List<R>
fun <T, R> Array<out T>.flatMapIndexed(transform: (index: Int, T) -> Sequence<R>): List<R>
fun <T, R, C: MutableCollection<in R>> Array<out T>.flatMapIndexedTo(destination: C, transform: (index: Int, T) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> ByteArray.flatMapIndexedTo(destination: C, transform: (index: Int, Byte) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> IntArray.flatMapIndexedTo(destination: C, transform: (index: Int, Int) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> LongArray.flatMapIndexedTo(destination: C, transform: (index: Int, Long) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> DoubleArray.flatMapIndexedTo(destination: C, transform: (index: Int, Double) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> CharArray.flatMapIndexedTo(destination: C, transform: (index: Int, Char) -> Iterable<R>): C
fun <T, R, C: MutableCollection<in R>> Array<out T>.flatMapIndexedTo(destination: C, transform: (index: Int, T) -> Sequence<R>): C
fun <T, R, C: MutableCollection<in R>> Array<out T>.flatMapTo(destination: C, transform: (T) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> ByteArray.flatMapTo(destination: C, transform: (Byte) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> IntArray.flatMapTo(destination: C, transform: (Int) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> LongArray.flatMapTo(destination: C, transform: (Long) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> DoubleArray.flatMapTo(destination: C, transform: (Double) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> CharArray.flatMapTo(destination: C, transform: (Char) -> Iterable<R>): C
fun <T, R, C: MutableCollection<in R>> Array<out T>.flatMapTo(destination: C, transform: (T) -> Sequence<R>): C
/** Lists of elements by key. */
fun <T, K> Array<out T>.groupBy(keySelector: (T) -> K): Map<K, List<T>>
/** Lists of elements by key. */
fun <K> ByteArray.groupBy(keySelector: (Byte) -> K): Map<K, List<Byte>>
/** Lists of elements by key. */
fun <K> IntArray.groupBy(keySelector: (Int) -> K): Map<K, List<Int>>
/** Lists of elements by key. */
fun <K> LongArray.groupBy(keySelector: (Long) -> K): Map<K, List<Long>>
/** Lists of elements by key. */
fun <K> DoubleArray.groupBy(keySelector: (Double) -> K): Map<K, List<Double>>
/** Lists of elements by key. */
fun <K> CharArray.groupBy(keySelector: (Char) -> K): Map<K, List<Char>>
/** Lists of elements by key. */
fun <T, K, V> Array<out T>.groupBy(keySelector: (T) -> K, valueTransform: (T) -> V): Map<K, List<V>>
/** Lists of elements by key. */
fun <K, V> ByteArray.groupBy(keySelector: (Byte) -> K, valueTransform: (Byte) -> V): Map<K, List<V>>
/** Lists of elements by key. */
fun <K, V> IntArray.groupBy(keySelector: (Int) -> K, valueTransform: (Int) -> V): Map<K, List<V>>
/** Lists of elements by key. */
fun <K, V> LongArray.groupBy(keySelector: (Long) -> K, valueTransform: (Long) -> V): Map<K, List<V>>
/** Lists of elements by key. */
fun <K, V> DoubleArray.groupBy(keySelector: (Double) -> K, valueTransform: (Double) -> V): Map<K, List<V>>
/** Lists of elements by key. */
fun <K, V> CharArray.groupBy(keySelector: (Char) -> K, valueTransform: (Char) -> V): Map<K, List<V>>
fun <T, K, M: MutableMap<in K, MutableList<T>>> Array<out T>.groupByTo(destination: M, keySelector: (T) -> K): M
fun <K, M: MutableMap<in K, MutableList<Byte>>> ByteArray.groupByTo(destination: M, keySelector: (Byte) -> K): M
fun <K, M: MutableMap<in K, MutableList<Int>>> IntArray.groupByTo(destination: M, keySelector: (Int) -> K): M
fun <K, M: MutableMap<in K, MutableList<Long>>> LongArray.groupByTo(destination: M, keySelector: (Long) -> K): M
fun <K, M: MutableMap<in K, MutableList<Double>>> DoubleArray.groupByTo(destination: M, keySelector: (Double) -> K): M
fun <K, M: MutableMap<in K, MutableList<Char>>> CharArray.groupByTo(destination: M, keySelector: (Char) -> K): M
fun <T, K, V, M: MutableMap<in K, MutableList<V>>> Array<out T>.groupByTo(destination: M, keySelector: (T) -> K, valueTransform: (T) -> V): M
fun <K, V, M: MutableMap<in K, MutableList<V>>> ByteArray.groupByTo(destination: M, keySelector: (Byte) -> K, valueTransform: (Byte) -> V): M
fun <K, V, M: MutableMap<in K, MutableList<V>>> IntArray.groupByTo(destination: M, keySelector: (Int) -> K, valueTransform: (Int) -> V): M
fun <K, V, M: MutableMap<in K, MutableList<V>>> LongArray.groupByTo(destination: M, keySelector: (Long) -> K, valueTransform: (Long) -> V): M
fun <K, V, M: MutableMap<in K, MutableList<V>>> DoubleArray.groupByTo(destination: M, keySelector: (Double) -> K, valueTransform: (Double) -> V): M
fun <K, V, M: MutableMap<in K, MutableList<V>>> CharArray.groupByTo(destination: M, keySelector: (Char) -> K, valueTransform: (Char) -> V): M
fun <T, K> Array<out T>.groupingBy(keySelector: (T) -> K): Grouping<T, K>
/** What the function gives for each element. */
fun <T, R> Array<out T>.map(transform: (T) -> R): List<R>
/** What the function gives for each element. */
fun <R> ByteArray.map(transform: (Byte) -> R): List<R>
/** What the function gives for each element. */
fun <R> IntArray.map(transform: (Int) -> R): List<R>
/** What the function gives for each element. */
fun <R> LongArray.map(transform: (Long) -> R): List<R>
/** What the function gives for each element. */
fun <R> DoubleArray.map(transform: (Double) -> R): List<R>
/** What the function gives for each element. */
fun <R> CharArray.map(transform: (Char) -> R): List<R>
fun <T, R> Array<out T>.mapIndexed(transform: (index: Int, T) -> R): List<R>
fun <R> ByteArray.mapIndexed(transform: (index: Int, Byte) -> R): List<R>
fun <R> IntArray.mapIndexed(transform: (index: Int, Int) -> R): List<R>
fun <R> LongArray.mapIndexed(transform: (index: Int, Long) -> R): List<R>
fun <R> DoubleArray.mapIndexed(transform: (index: Int, Double) -> R): List<R>
fun <R> CharArray.mapIndexed(transform: (index: Int, Char) -> R): List<R>
fun <T, R: Any> Array<out T>.mapIndexedNotNull(transform: (index: Int, T) -> R?): List<R>
fun <T, R: Any, C: MutableCollection<in R>> Array<out T>.mapIndexedNotNullTo(destination: C, transform: (index: Int, T) -> R?): C
fun <T, R, C: MutableCollection<in R>> Array<out T>.mapIndexedTo(destination: C, transform: (index: Int, T) -> R): C
fun <R, C: MutableCollection<in R>> ByteArray.mapIndexedTo(destination: C, transform: (index: Int, Byte) -> R): C
fun <R, C: MutableCollection<in R>> IntArray.mapIndexedTo(destination: C, transform: (index: Int, Int) -> R): C
fun <R, C: MutableCollection<in R>> LongArray.mapIndexedTo(destination: C, transform: (index: Int, Long) -> R): C
fun <R, C: MutableCollection<in R>> DoubleArray.mapIndexedTo(destination: C, transform: (index: Int, Double) -> R): C
fun <R, C: MutableCollection<in R>> CharArray.mapIndexedTo(destination: C, transform: (index: Int, Char) -> R): C
fun <T, R: Any> Array<out T>.mapNotNull(transform: (T) -> R?): List<R>
fun <T, R: Any, C: MutableCollection<in R>> Array<out T>.mapNotNullTo(destination: C, transform: (T) -> R?): C
fun <T, R, C: MutableCollection<in R>> Array<out T>.mapTo(destination: C, transform: (T) -> R): C
fun <R, C: MutableCollection<in R>> ByteArray.mapTo(destination: C, transform: (Byte) -> R): C
fun <R, C: MutableCollection<in R>> IntArray.mapTo(destination: C, transform: (Int) -> R): C
fun <R, C: MutableCollection<in R>> LongArray.mapTo(destination: C, transform: (Long) -> R): C
fun <R, C: MutableCollection<in R>> DoubleArray.mapTo(destination: C, transform: (Double) -> R): C
fun <R, C: MutableCollection<in R>> CharArray.mapTo(destination: C, transform: (Char) -> R): C
fun <T> Array<out T>.withIndex(): Iterable<IndexedValue<T>>
fun ByteArray.withIndex(): Iterable<IndexedValue<Byte>>
fun IntArray.withIndex(): Iterable<IndexedValue<Int>>
fun LongArray.withIndex(): Iterable<IndexedValue<Long>>
fun DoubleArray.withIndex(): Iterable<IndexedValue<Double>>
fun CharArray.withIndex(): Iterable<IndexedValue<Char>>
fun <T> Array<out T>.distinct(): List<T>
fun ByteArray.distinct(): List<Byte>
fun IntArray.distinct(): List<Int>
fun LongArray.distinct(): List<Long>
fun DoubleArray.distinct(): List<Double>
fun CharArray.distinct(): List<Char>
fun <T, K> Array<out T>.distinctBy(selector: (T) -> K): List<T>
fun <K> ByteArray.distinctBy(selector: (Byte) -> K): List<Byte>
fun <K> IntArray.distinctBy(selector: (Int) -> K): List<Int>
fun <K> LongArray.distinctBy(selector: (Long) -> K): List<Long>
fun <K> DoubleArray.distinctBy(selector: (Double) -> K): List<Double>
fun <K> CharArray.distinctBy(selector: (Char) -> K): List<Char>
infix fun <T> Array<out T>.intersect(other: Iterable<T>): Set<T>
infix fun ByteArray.intersect(other: Iterable<Byte>): Set<Byte>
infix fun IntArray.intersect(other: Iterable<Int>): Set<Int>
infix fun LongArray.intersect(other: Iterable<Long>): Set<Long>
infix fun DoubleArray.intersect(other: Iterable<Double>): Set<Double>
infix fun CharArray.intersect(other: Iterable<Char>): Set<Char>
infix fun <T> Array<out T>.subtract(other: Iterable<T>): Set<T>
infix fun ByteArray.subtract(other: Iterable<Byte>): Set<Byte>
infix fun IntArray.subtract(other: Iterable<Int>): Set<Int>
infix fun LongArray.subtract(other: Iterable<Long>): Set<Long>
infix fun DoubleArray.subtract(other: Iterable<Double>): Set<Double>
infix fun CharArray.subtract(other: Iterable<Char>): Set<Char>
fun <T> Array<out T>.toMutableSet(): MutableSet<T>
fun ByteArray.toMutableSet(): MutableSet<Byte>
fun IntArray.toMutableSet(): MutableSet<Int>
fun LongArray.toMutableSet(): MutableSet<Long>
fun DoubleArray.toMutableSet(): MutableSet<Double>
fun CharArray.toMutableSet(): MutableSet<Char>
infix fun <T> Array<out T>.union(other: Iterable<T>): Set<T>
infix fun ByteArray.union(other: Iterable<Byte>): Set<Byte>
infix fun IntArray.union(other: Iterable<Int>): Set<Int>
infix fun LongArray.union(other: Iterable<Long>): Set<Long>
infix fun DoubleArray.union(other: Iterable<Double>): Set<Double>
infix fun CharArray.union(other: Iterable<Char>): Set<Char>
/** Does the test hold for every element? */
fun <T> Array<out T>.all(predicate: (T) -> Boolean): Boolean
/** Does the test hold for every element? */
fun ByteArray.all(predicate: (Byte) -> Boolean): Boolean
/** Does the test hold for every element? */
fun IntArray.all(predicate: (Int) -> Boolean): Boolean
/** Does the test hold for every element? */
fun LongArray.all(predicate: (Long) -> Boolean): Boolean
/** Does the test hold for every element? */
fun DoubleArray.all(predicate: (Double) -> Boolean): Boolean
/** Does the test hold for every element? */
fun CharArray.all(predicate: (Char) -> Boolean): Boolean
/** Does the test hold for an element? */
fun <T> Array<out T>.any(): Boolean
/** Does the test hold for an element? */
fun ByteArray.any(): Boolean
/** Does the test hold for an element? */
fun IntArray.any(): Boolean
/** Does the test hold for an element? */
fun LongArray.any(): Boolean
/** Does the test hold for an element? */
fun DoubleArray.any(): Boolean
/** Does the test hold for an element? */
fun CharArray.any(): Boolean
/** Does the test hold for an element? */
fun <T> Array<out T>.any(predicate: (T) -> Boolean): Boolean
/** Does the test hold for an element? */
fun ByteArray.any(predicate: (Byte) -> Boolean): Boolean
/** Does the test hold for an element? */
fun IntArray.any(predicate: (Int) -> Boolean): Boolean
/** Does the test hold for an element? */
fun LongArray.any(predicate: (Long) -> Boolean): Boolean
/** Does the test hold for an element? */
fun DoubleArray.any(predicate: (Double) -> Boolean): Boolean
/** Does the test hold for an element? */
fun CharArray.any(predicate: (Char) -> Boolean): Boolean
fun <T> Array<out T>.count(): Int
fun ByteArray.count(): Int
fun IntArray.count(): Int
fun LongArray.count(): Int
fun DoubleArray.count(): Int
fun CharArray.count(): Int
fun <T> Array<out T>.count(predicate: (T) -> Boolean): Int
fun ByteArray.count(predicate: (Byte) -> Boolean): Int
fun IntArray.count(predicate: (Int) -> Boolean): Int
fun LongArray.count(predicate: (Long) -> Boolean): Int
fun DoubleArray.count(predicate: (Double) -> Boolean): Int
fun CharArray.count(predicate: (Char) -> Boolean): Int
/** Sums up from a first value. */
fun <T, R> Array<out T>.fold(initial: R, operation: (acc: R, T) -> R): R
/** Sums up from a first value. */
fun <R> ByteArray.fold(initial: R, operation: (acc: R, Byte) -> R): R
/** Sums up from a first value. */
fun <R> IntArray.fold(initial: R, operation: (acc: R, Int) -> R): R
/** Sums up from a first value. */
fun <R> LongArray.fold(initial: R, operation: (acc: R, Long) -> R): R
/** Sums up from a first value. */
fun <R> DoubleArray.fold(initial: R, operation: (acc: R, Double) -> R): R
/** Sums up from a first value. */
fun <R> CharArray.fold(initial: R, operation: (acc: R, Char) -> R): R
fun <T, R> Array<out T>.foldIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): R
fun <R> ByteArray.foldIndexed(initial: R, operation: (index: Int, acc: R, Byte) -> R): R
fun <R> IntArray.foldIndexed(initial: R, operation: (index: Int, acc: R, Int) -> R): R
fun <R> LongArray.foldIndexed(initial: R, operation: (index: Int, acc: R, Long) -> R): R
fun <R> DoubleArray.foldIndexed(initial: R, operation: (index: Int, acc: R, Double) -> R): R
fun <R> CharArray.foldIndexed(initial: R, operation: (index: Int, acc: R, Char) -> R): R
fun <T, R> Array<out T>.foldRight(initial: R, operation: (T, acc: R) -> R): R
fun <R> ByteArray.foldRight(initial: R, operation: (Byte, acc: R) -> R): R
fun <R> IntArray.foldRight(initial: R, operation: (Int, acc: R) -> R): R
fun <R> LongArray.foldRight(initial: R, operation: (Long, acc: R) -> R): R
fun <R> DoubleArray.foldRight(initial: R, operation: (Double, acc: R) -> R): R
fun <R> CharArray.foldRight(initial: R, operation: (Char, acc: R) -> R): R
fun <T, R> Array<out T>.foldRightIndexed(initial: R, operation: (index: Int, T, acc: R) -> R): R
fun <R> ByteArray.foldRightIndexed(initial: R, operation: (index: Int, Byte, acc: R) -> R): R
fun <R> IntArray.foldRightIndexed(initial: R, operation: (index: Int, Int, acc: R) -> R): R
fun <R> LongArray.foldRightIndexed(initial: R, operation: (index: Int, Long, acc: R) -> R): R
fun <R> DoubleArray.foldRightIndexed(initial: R, operation: (index: Int, Double, acc: R) -> R): R
fun <R> CharArray.foldRightIndexed(initial: R, operation: (index: Int, Char, acc: R) -> R): R
/** Runs the block for each element. */
fun <T> Array<out T>.forEach(action: (T) -> Unit): Unit
/** Runs the block for each element. */
fun ByteArray.forEach(action: (Byte) -> Unit): Unit
/** Runs the block for each element. */
fun IntArray.forEach(action: (Int) -> Unit): Unit
/** Runs the block for each element. */
fun LongArray.forEach(action: (Long) -> Unit): Unit
/** Runs the block for each element. */
fun DoubleArray.forEach(action: (Double) -> Unit): Unit
/** Runs the block for each element. */
fun CharArray.forEach(action: (Char) -> Unit): Unit
/** Runs the block for each element with its position. */
fun <T> Array<out T>.forEachIndexed(action: (index: Int, T) -> Unit): Unit
/** Runs the block for each element with its position. */
fun ByteArray.forEachIndexed(action: (index: Int, Byte) -> Unit): Unit
/** Runs the block for each element with its position. */
fun IntArray.forEachIndexed(action: (index: Int, Int) -> Unit): Unit
/** Runs the block for each element with its position. */
fun LongArray.forEachIndexed(action: (index: Int, Long) -> Unit): Unit
/** Runs the block for each element with its position. */
fun DoubleArray.forEachIndexed(action: (index: Int, Double) -> Unit): Unit
/** Runs the block for each element with its position. */
fun CharArray.forEachIndexed(action: (index: Int, Char) -> Unit): Unit
fun Array<out Double>.max(): Double
fun Array<out Float>.max(): Float
fun <T: Comparable<T>> Array<out T>.max(): T
fun ByteArray.max(): Byte
fun IntArray.max(): Int
fun LongArray.max(): Long
fun DoubleArray.max(): Double
fun CharArray.max(): Char
fun <T, R: Comparable<R>> Array<out T>.maxBy(selector: (T) -> R): T
fun <R: Comparable<R>> ByteArray.maxBy(selector: (Byte) -> R): Byte
fun <R: Comparable<R>> IntArray.maxBy(selector: (Int) -> R): Int
fun <R: Comparable<R>> LongArray.maxBy(selector: (Long) -> R): Long
fun <R: Comparable<R>> DoubleArray.maxBy(selector: (Double) -> R): Double
fun <R: Comparable<R>> CharArray.maxBy(selector: (Char) -> R): Char
fun <T, R: Comparable<R>> Array<out T>.maxByOrNull(selector: (T) -> R): T?
fun <R: Comparable<R>> ByteArray.maxByOrNull(selector: (Byte) -> R): Byte?
fun <R: Comparable<R>> IntArray.maxByOrNull(selector: (Int) -> R): Int?
fun <R: Comparable<R>> LongArray.maxByOrNull(selector: (Long) -> R): Long?
fun <R: Comparable<R>> DoubleArray.maxByOrNull(selector: (Double) -> R): Double?
fun <R: Comparable<R>> CharArray.maxByOrNull(selector: (Char) -> R): Char?
fun <T> Array<out T>.maxOf(selector: (T) -> Double): Double
fun ByteArray.maxOf(selector: (Byte) -> Double): Double
fun IntArray.maxOf(selector: (Int) -> Double): Double
fun LongArray.maxOf(selector: (Long) -> Double): Double
fun DoubleArray.maxOf(selector: (Double) -> Double): Double
fun CharArray.maxOf(selector: (Char) -> Double): Double
fun <T> Array<out T>.maxOf(selector: (T) -> Float): Float
fun ByteArray.maxOf(selector: (Byte) -> Float): Float
fun IntArray.maxOf(selector: (Int) -> Float): Float
fun LongArray.maxOf(selector: (Long) -> Float): Float
fun DoubleArray.maxOf(selector: (Double) -> Float): Float
fun CharArray.maxOf(selector: (Char) -> Float): Float
fun <T, R: Comparable<R>> Array<out T>.maxOf(selector: (T) -> R): R
fun <R: Comparable<R>> ByteArray.maxOf(selector: (Byte) -> R): R
fun <R: Comparable<R>> IntArray.maxOf(selector: (Int) -> R): R
fun <R: Comparable<R>> LongArray.maxOf(selector: (Long) -> R): R
fun <R: Comparable<R>> DoubleArray.maxOf(selector: (Double) -> R): R
fun <R: Comparable<R>> CharArray.maxOf(selector: (Char) -> R): R
fun <T> Array<out T>.maxOfOrNull(selector: (T) -> Double): Double?
fun ByteArray.maxOfOrNull(selector: (Byte) -> Double): Double?
fun IntArray.maxOfOrNull(selector: (Int) -> Double): Double?
fun LongArray.maxOfOrNull(selector: (Long) -> Double): Double?
fun DoubleArray.maxOfOrNull(selector: (Double) -> Double): Double?
fun CharArray.maxOfOrNull(selector: (Char) -> Double): Double?
fun <T> Array<out T>.maxOfOrNull(selector: (T) -> Float): Float?
fun ByteArray.maxOfOrNull(selector: (Byte) -> Float): Float?
fun IntArray.maxOfOrNull(selector: (Int) -> Float): Float?
fun LongArray.maxOfOrNull(selector: (Long) -> Float): Float?
fun DoubleArray.maxOfOrNull(selector: (Double) -> Float): Float?
fun CharArray.maxOfOrNull(selector: (Char) -> Float): Float?
fun <T, R: Comparable<R>> Array<out T>.maxOfOrNull(selector: (T) -> R): R?
fun <R: Comparable<R>> ByteArray.maxOfOrNull(selector: (Byte) -> R): R?
fun <R: Comparable<R>> IntArray.maxOfOrNull(selector: (Int) -> R): R?
fun <R: Comparable<R>> LongArray.maxOfOrNull(selector: (Long) -> R): R?
fun <R: Comparable<R>> DoubleArray.maxOfOrNull(selector: (Double) -> R): R?
fun <R: Comparable<R>> CharArray.maxOfOrNull(selector: (Char) -> R): R?
fun <T, R> Array<out T>.maxOfWith(comparator: Comparator<in R>, selector: (T) -> R): R
fun <R> ByteArray.maxOfWith(comparator: Comparator<in R>, selector: (Byte) -> R): R
fun <R> IntArray.maxOfWith(comparator: Comparator<in R>, selector: (Int) -> R): R
fun <R> LongArray.maxOfWith(comparator: Comparator<in R>, selector: (Long) -> R): R
fun <R> DoubleArray.maxOfWith(comparator: Comparator<in R>, selector: (Double) -> R): R
fun <R> CharArray.maxOfWith(comparator: Comparator<in R>, selector: (Char) -> R): R
fun <T, R> Array<out T>.maxOfWithOrNull(comparator: Comparator<in R>, selector: (T) -> R): R?
fun <R> ByteArray.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Byte) -> R): R?
fun <R> IntArray.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Int) -> R): R?
fun <R> LongArray.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Long) -> R): R?
fun <R> DoubleArray.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Double) -> R): R?
fun <R> CharArray.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Char) -> R): R?
fun Array<out Double>.maxOrNull(): Double?
fun Array<out Float>.maxOrNull(): Float?
fun <T: Comparable<T>> Array<out T>.maxOrNull(): T?
fun ByteArray.maxOrNull(): Byte?
fun IntArray.maxOrNull(): Int?
fun LongArray.maxOrNull(): Long?
fun DoubleArray.maxOrNull(): Double?
fun CharArray.maxOrNull(): Char?
fun <T> Array<out T>.maxWith(comparator: Comparator<in T>): T
fun ByteArray.maxWith(comparator: Comparator<in Byte>): Byte
fun IntArray.maxWith(comparator: Comparator<in Int>): Int
fun LongArray.maxWith(comparator: Comparator<in Long>): Long
fun DoubleArray.maxWith(comparator: Comparator<in Double>): Double
fun CharArray.maxWith(comparator: Comparator<in Char>): Char
fun <T> Array<out T>.maxWithOrNull(comparator: Comparator<in T>): T?
fun ByteArray.maxWithOrNull(comparator: Comparator<in Byte>): Byte?
fun IntArray.maxWithOrNull(comparator: Comparator<in Int>): Int?
fun LongArray.maxWithOrNull(comparator: Comparator<in Long>): Long?
fun DoubleArray.maxWithOrNull(comparator: Comparator<in Double>): Double?
fun CharArray.maxWithOrNull(comparator: Comparator<in Char>): Char?
fun Array<out Double>.min(): Double
fun Array<out Float>.min(): Float
fun <T: Comparable<T>> Array<out T>.min(): T
fun ByteArray.min(): Byte
fun IntArray.min(): Int
fun LongArray.min(): Long
fun DoubleArray.min(): Double
fun CharArray.min(): Char
fun <T, R: Comparable<R>> Array<out T>.minBy(selector: (T) -> R): T
fun <R: Comparable<R>> ByteArray.minBy(selector: (Byte) -> R): Byte
fun <R: Comparable<R>> IntArray.minBy(selector: (Int) -> R): Int
fun <R: Comparable<R>> LongArray.minBy(selector: (Long) -> R): Long
fun <R: Comparable<R>> DoubleArray.minBy(selector: (Double) -> R): Double
fun <R: Comparable<R>> CharArray.minBy(selector: (Char) -> R): Char
fun <T, R: Comparable<R>> Array<out T>.minByOrNull(selector: (T) -> R): T?
fun <R: Comparable<R>> ByteArray.minByOrNull(selector: (Byte) -> R): Byte?
fun <R: Comparable<R>> IntArray.minByOrNull(selector: (Int) -> R): Int?
fun <R: Comparable<R>> LongArray.minByOrNull(selector: (Long) -> R): Long?
fun <R: Comparable<R>> DoubleArray.minByOrNull(selector: (Double) -> R): Double?
fun <R: Comparable<R>> CharArray.minByOrNull(selector: (Char) -> R): Char?
fun <T> Array<out T>.minOf(selector: (T) -> Double): Double
fun ByteArray.minOf(selector: (Byte) -> Double): Double
fun IntArray.minOf(selector: (Int) -> Double): Double
fun LongArray.minOf(selector: (Long) -> Double): Double
fun DoubleArray.minOf(selector: (Double) -> Double): Double
fun CharArray.minOf(selector: (Char) -> Double): Double
fun <T> Array<out T>.minOf(selector: (T) -> Float): Float
fun ByteArray.minOf(selector: (Byte) -> Float): Float
fun IntArray.minOf(selector: (Int) -> Float): Float
fun LongArray.minOf(selector: (Long) -> Float): Float
fun DoubleArray.minOf(selector: (Double) -> Float): Float
fun CharArray.minOf(selector: (Char) -> Float): Float
fun <T, R: Comparable<R>> Array<out T>.minOf(selector: (T) -> R): R
fun <R: Comparable<R>> ByteArray.minOf(selector: (Byte) -> R): R
fun <R: Comparable<R>> IntArray.minOf(selector: (Int) -> R): R
fun <R: Comparable<R>> LongArray.minOf(selector: (Long) -> R): R
fun <R: Comparable<R>> DoubleArray.minOf(selector: (Double) -> R): R
fun <R: Comparable<R>> CharArray.minOf(selector: (Char) -> R): R
fun <T> Array<out T>.minOfOrNull(selector: (T) -> Double): Double?
fun ByteArray.minOfOrNull(selector: (Byte) -> Double): Double?
fun IntArray.minOfOrNull(selector: (Int) -> Double): Double?
fun LongArray.minOfOrNull(selector: (Long) -> Double): Double?
fun DoubleArray.minOfOrNull(selector: (Double) -> Double): Double?
fun CharArray.minOfOrNull(selector: (Char) -> Double): Double?
fun <T> Array<out T>.minOfOrNull(selector: (T) -> Float): Float?
fun ByteArray.minOfOrNull(selector: (Byte) -> Float): Float?
fun IntArray.minOfOrNull(selector: (Int) -> Float): Float?
fun LongArray.minOfOrNull(selector: (Long) -> Float): Float?
fun DoubleArray.minOfOrNull(selector: (Double) -> Float): Float?
fun CharArray.minOfOrNull(selector: (Char) -> Float): Float?
fun <T, R: Comparable<R>> Array<out T>.minOfOrNull(selector: (T) -> R): R?
fun <R: Comparable<R>> ByteArray.minOfOrNull(selector: (Byte) -> R): R?
fun <R: Comparable<R>> IntArray.minOfOrNull(selector: (Int) -> R): R?
fun <R: Comparable<R>> LongArray.minOfOrNull(selector: (Long) -> R): R?
fun <R: Comparable<R>> DoubleArray.minOfOrNull(selector: (Double) -> R): R?
fun <R: Comparable<R>> CharArray.minOfOrNull(selector: (Char) -> R): R?
fun <T, R> Array<out T>.minOfWith(comparator: Comparator<in R>, selector: (T) -> R): R
fun <R> ByteArray.minOfWith(comparator: Comparator<in R>, selector: (Byte) -> R): R
fun <R> IntArray.minOfWith(comparator: Comparator<in R>, selector: (Int) -> R): R
fun <R> LongArray.minOfWith(comparator: Comparator<in R>, selector: (Long) -> R): R
fun <R> DoubleArray.minOfWith(comparator: Comparator<in R>, selector: (Double) -> R): R
fun <R> CharArray.minOfWith(comparator: Comparator<in R>, selector: (Char) -> R): R
fun <T, R> Array<out T>.minOfWithOrNull(comparator: Comparator<in R>, selector: (T) -> R): R?
fun <R> ByteArray.minOfWithOrNull(comparator: Comparator<in R>, selector: (Byte) -> R): R?
fun <R> IntArray.minOfWithOrNull(comparator: Comparator<in R>, selector: (Int) -> R): R?
fun <R> LongArray.minOfWithOrNull(comparator: Comparator<in R>, selector: (Long) -> R): R?
fun <R> DoubleArray.minOfWithOrNull(comparator: Comparator<in R>, selector: (Double) -> R): R?
fun <R> CharArray.minOfWithOrNull(comparator: Comparator<in R>, selector: (Char) -> R): R?
fun Array<out Double>.minOrNull(): Double?
fun Array<out Float>.minOrNull(): Float?
fun <T: Comparable<T>> Array<out T>.minOrNull(): T?
fun ByteArray.minOrNull(): Byte?
fun IntArray.minOrNull(): Int?
fun LongArray.minOrNull(): Long?
fun DoubleArray.minOrNull(): Double?
fun CharArray.minOrNull(): Char?
fun <T> Array<out T>.minWith(comparator: Comparator<in T>): T
fun ByteArray.minWith(comparator: Comparator<in Byte>): Byte
fun IntArray.minWith(comparator: Comparator<in Int>): Int
fun LongArray.minWith(comparator: Comparator<in Long>): Long
fun DoubleArray.minWith(comparator: Comparator<in Double>): Double
fun CharArray.minWith(comparator: Comparator<in Char>): Char
fun <T> Array<out T>.minWithOrNull(comparator: Comparator<in T>): T?
fun ByteArray.minWithOrNull(comparator: Comparator<in Byte>): Byte?
fun IntArray.minWithOrNull(comparator: Comparator<in Int>): Int?
fun LongArray.minWithOrNull(comparator: Comparator<in Long>): Long?
fun DoubleArray.minWithOrNull(comparator: Comparator<in Double>): Double?
fun CharArray.minWithOrNull(comparator: Comparator<in Char>): Char?
/** Does the test hold for no element? */
fun <T> Array<out T>.none(): Boolean
/** Does the test hold for no element? */
fun ByteArray.none(): Boolean
/** Does the test hold for no element? */
fun IntArray.none(): Boolean
/** Does the test hold for no element? */
fun LongArray.none(): Boolean
/** Does the test hold for no element? */
fun DoubleArray.none(): Boolean
/** Does the test hold for no element? */
fun CharArray.none(): Boolean
/** Does the test hold for no element? */
fun <T> Array<out T>.none(predicate: (T) -> Boolean): Boolean
/** Does the test hold for no element? */
fun ByteArray.none(predicate: (Byte) -> Boolean): Boolean
/** Does the test hold for no element? */
fun IntArray.none(predicate: (Int) -> Boolean): Boolean
/** Does the test hold for no element? */
fun LongArray.none(predicate: (Long) -> Boolean): Boolean
/** Does the test hold for no element? */
fun DoubleArray.none(predicate: (Double) -> Boolean): Boolean
/** Does the test hold for no element? */
fun CharArray.none(predicate: (Char) -> Boolean): Boolean
fun <T> Array<out T>.onEach(action: (T) -> Unit): Array<out T>
fun ByteArray.onEach(action: (Byte) -> Unit): ByteArray
fun IntArray.onEach(action: (Int) -> Unit): IntArray
fun LongArray.onEach(action: (Long) -> Unit): LongArray
fun DoubleArray.onEach(action: (Double) -> Unit): DoubleArray
fun CharArray.onEach(action: (Char) -> Unit): CharArray
fun <T> Array<out T>.onEachIndexed(action: (index: Int, T) -> Unit): Array<out T>
fun ByteArray.onEachIndexed(action: (index: Int, Byte) -> Unit): ByteArray
fun IntArray.onEachIndexed(action: (index: Int, Int) -> Unit): IntArray
fun LongArray.onEachIndexed(action: (index: Int, Long) -> Unit): LongArray
fun DoubleArray.onEachIndexed(action: (index: Int, Double) -> Unit): DoubleArray
fun CharArray.onEachIndexed(action: (index: Int, Char) -> Unit): CharArray
fun <S, T: S> Array<out T>.reduce(operation: (acc: S, T) -> S): S
/** Sums up from the first element. */
fun ByteArray.reduce(operation: (acc: Byte, Byte) -> Byte): Byte
/** Sums up from the first element. */
fun IntArray.reduce(operation: (acc: Int, Int) -> Int): Int
/** Sums up from the first element. */
fun LongArray.reduce(operation: (acc: Long, Long) -> Long): Long
/** Sums up from the first element. */
fun DoubleArray.reduce(operation: (acc: Double, Double) -> Double): Double
/** Sums up from the first element. */
fun CharArray.reduce(operation: (acc: Char, Char) -> Char): Char
fun <S, T: S> Array<out T>.reduceIndexed(operation: (index: Int, acc: S, T) -> S): S
fun ByteArray.reduceIndexed(operation: (index: Int, acc: Byte, Byte) -> Byte): Byte
fun IntArray.reduceIndexed(operation: (index: Int, acc: Int, Int) -> Int): Int
fun LongArray.reduceIndexed(operation: (index: Int, acc: Long, Long) -> Long): Long
fun DoubleArray.reduceIndexed(operation: (index: Int, acc: Double, Double) -> Double): Double
fun CharArray.reduceIndexed(operation: (index: Int, acc: Char, Char) -> Char): Char
fun <S, T: S> Array<out T>.reduceIndexedOrNull(operation: (index: Int, acc: S, T) -> S): S?
fun ByteArray.reduceIndexedOrNull(operation: (index: Int, acc: Byte, Byte) -> Byte): Byte?
fun IntArray.reduceIndexedOrNull(operation: (index: Int, acc: Int, Int) -> Int): Int?
fun LongArray.reduceIndexedOrNull(operation: (index: Int, acc: Long, Long) -> Long): Long?
fun DoubleArray.reduceIndexedOrNull(operation: (index: Int, acc: Double, Double) -> Double): Double?
fun CharArray.reduceIndexedOrNull(operation: (index: Int, acc: Char, Char) -> Char): Char?
fun <S, T: S> Array<out T>.reduceOrNull(operation: (acc: S, T) -> S): S?
fun ByteArray.reduceOrNull(operation: (acc: Byte, Byte) -> Byte): Byte?
fun IntArray.reduceOrNull(operation: (acc: Int, Int) -> Int): Int?
fun LongArray.reduceOrNull(operation: (acc: Long, Long) -> Long): Long?
fun DoubleArray.reduceOrNull(operation: (acc: Double, Double) -> Double): Double?
fun CharArray.reduceOrNull(operation: (acc: Char, Char) -> Char): Char?
fun <S, T: S> Array<out T>.reduceRight(operation: (T, acc: S) -> S): S
fun ByteArray.reduceRight(operation: (Byte, acc: Byte) -> Byte): Byte
fun IntArray.reduceRight(operation: (Int, acc: Int) -> Int): Int
fun LongArray.reduceRight(operation: (Long, acc: Long) -> Long): Long
fun DoubleArray.reduceRight(operation: (Double, acc: Double) -> Double): Double
fun CharArray.reduceRight(operation: (Char, acc: Char) -> Char): Char
fun <S, T: S> Array<out T>.reduceRightIndexed(operation: (index: Int, T, acc: S) -> S): S
fun ByteArray.reduceRightIndexed(operation: (index: Int, Byte, acc: Byte) -> Byte): Byte
fun IntArray.reduceRightIndexed(operation: (index: Int, Int, acc: Int) -> Int): Int
fun LongArray.reduceRightIndexed(operation: (index: Int, Long, acc: Long) -> Long): Long
fun DoubleArray.reduceRightIndexed(operation: (index: Int, Double, acc: Double) -> Double): Double
fun CharArray.reduceRightIndexed(operation: (index: Int, Char, acc: Char) -> Char): Char
fun <S, T: S> Array<out T>.reduceRightIndexedOrNull(operation: (index: Int, T, acc: S) -> S): S?
fun ByteArray.reduceRightIndexedOrNull(operation: (index: Int, Byte, acc: Byte) -> Byte): Byte?
fun IntArray.reduceRightIndexedOrNull(operation: (index: Int, Int, acc: Int) -> Int): Int?
fun LongArray.reduceRightIndexedOrNull(operation: (index: Int, Long, acc: Long) -> Long): Long?
fun DoubleArray.reduceRightIndexedOrNull(operation: (index: Int, Double, acc: Double) -> Double): Double?
fun CharArray.reduceRightIndexedOrNull(operation: (index: Int, Char, acc: Char) -> Char): Char?
fun <S, T: S> Array<out T>.reduceRightOrNull(operation: (T, acc: S) -> S): S?
fun ByteArray.reduceRightOrNull(operation: (Byte, acc: Byte) -> Byte): Byte?
fun IntArray.reduceRightOrNull(operation: (Int, acc: Int) -> Int): Int?
fun LongArray.reduceRightOrNull(operation: (Long, acc: Long) -> Long): Long?
fun DoubleArray.reduceRightOrNull(operation: (Double, acc: Double) -> Double): Double?
fun CharArray.reduceRightOrNull(operation: (Char, acc: Char) -> Char): Char?
fun <T, R> Array<out T>.runningFold(initial: R, operation: (acc: R, T) -> R): List<R>
fun <R> ByteArray.runningFold(initial: R, operation: (acc: R, Byte) -> R): List<R>
fun <R> IntArray.runningFold(initial: R, operation: (acc: R, Int) -> R): List<R>
fun <R> LongArray.runningFold(initial: R, operation: (acc: R, Long) -> R): List<R>
fun <R> DoubleArray.runningFold(initial: R, operation: (acc: R, Double) -> R): List<R>
fun <R> CharArray.runningFold(initial: R, operation: (acc: R, Char) -> R): List<R>
fun <T, R> Array<out T>.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): List<R>
fun <R> ByteArray.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, Byte) -> R): List<R>
fun <R> IntArray.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, Int) -> R): List<R>
fun <R> LongArray.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, Long) -> R): List<R>
fun <R> DoubleArray.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, Double) -> R): List<R>
fun <R> CharArray.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, Char) -> R): List<R>
fun <S, T: S> Array<out T>.runningReduce(operation: (acc: S, T) -> S): List<S>
fun ByteArray.runningReduce(operation: (acc: Byte, Byte) -> Byte): List<Byte>
fun IntArray.runningReduce(operation: (acc: Int, Int) -> Int): List<Int>
fun LongArray.runningReduce(operation: (acc: Long, Long) -> Long): List<Long>
fun DoubleArray.runningReduce(operation: (acc: Double, Double) -> Double): List<Double>
fun CharArray.runningReduce(operation: (acc: Char, Char) -> Char): List<Char>
fun <S, T: S> Array<out T>.runningReduceIndexed(operation: (index: Int, acc: S, T) -> S): List<S>
fun ByteArray.runningReduceIndexed(operation: (index: Int, acc: Byte, Byte) -> Byte): List<Byte>
fun IntArray.runningReduceIndexed(operation: (index: Int, acc: Int, Int) -> Int): List<Int>
fun LongArray.runningReduceIndexed(operation: (index: Int, acc: Long, Long) -> Long): List<Long>
fun DoubleArray.runningReduceIndexed(operation: (index: Int, acc: Double, Double) -> Double): List<Double>
fun CharArray.runningReduceIndexed(operation: (index: Int, acc: Char, Char) -> Char): List<Char>
fun <T, R> Array<out T>.scan(initial: R, operation: (acc: R, T) -> R): List<R>
fun <R> ByteArray.scan(initial: R, operation: (acc: R, Byte) -> R): List<R>
fun <R> IntArray.scan(initial: R, operation: (acc: R, Int) -> R): List<R>
fun <R> LongArray.scan(initial: R, operation: (acc: R, Long) -> R): List<R>
fun <R> DoubleArray.scan(initial: R, operation: (acc: R, Double) -> R): List<R>
fun <R> CharArray.scan(initial: R, operation: (acc: R, Char) -> R): List<R>
fun <T, R> Array<out T>.scanIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): List<R>
fun <R> ByteArray.scanIndexed(initial: R, operation: (index: Int, acc: R, Byte) -> R): List<R>
fun <R> IntArray.scanIndexed(initial: R, operation: (index: Int, acc: R, Int) -> R): List<R>
fun <R> LongArray.scanIndexed(initial: R, operation: (index: Int, acc: R, Long) -> R): List<R>
fun <R> DoubleArray.scanIndexed(initial: R, operation: (index: Int, acc: R, Double) -> R): List<R>
fun <R> CharArray.scanIndexed(initial: R, operation: (index: Int, acc: R, Char) -> R): List<R>
fun <T> Array<out T>.sumOf(selector: (T) -> Double): Double
fun ByteArray.sumOf(selector: (Byte) -> Double): Double
fun IntArray.sumOf(selector: (Int) -> Double): Double
fun LongArray.sumOf(selector: (Long) -> Double): Double
fun DoubleArray.sumOf(selector: (Double) -> Double): Double
fun CharArray.sumOf(selector: (Char) -> Double): Double
fun <T> Array<out T>.sumOf(selector: (T) -> Int): Int
fun ByteArray.sumOf(selector: (Byte) -> Int): Int
fun IntArray.sumOf(selector: (Int) -> Int): Int
fun LongArray.sumOf(selector: (Long) -> Int): Int
fun DoubleArray.sumOf(selector: (Double) -> Int): Int
fun CharArray.sumOf(selector: (Char) -> Int): Int
fun <T> Array<out T>.sumOf(selector: (T) -> Long): Long
fun ByteArray.sumOf(selector: (Byte) -> Long): Long
fun IntArray.sumOf(selector: (Int) -> Long): Long
fun LongArray.sumOf(selector: (Long) -> Long): Long
fun DoubleArray.sumOf(selector: (Double) -> Long): Long
fun CharArray.sumOf(selector: (Char) -> Long): Long
fun <T> Array<out T>.sumOf(selector: (T) -> UInt): UInt
fun ByteArray.sumOf(selector: (Byte) -> UInt): UInt
fun IntArray.sumOf(selector: (Int) -> UInt): UInt
fun LongArray.sumOf(selector: (Long) -> UInt): UInt
fun DoubleArray.sumOf(selector: (Double) -> UInt): UInt
fun CharArray.sumOf(selector: (Char) -> UInt): UInt
fun <T> Array<out T>.sumOf(selector: (T) -> ULong): ULong
fun ByteArray.sumOf(selector: (Byte) -> ULong): ULong
fun IntArray.sumOf(selector: (Int) -> ULong): ULong
fun LongArray.sumOf(selector: (Long) -> ULong): ULong
fun DoubleArray.sumOf(selector: (Double) -> ULong): ULong
fun CharArray.sumOf(selector: (Char) -> ULong): ULong
fun <T: Any> Array<T?>.requireNoNulls(): Array<T>
fun <T> Array<out T>.partition(predicate: (T) -> Boolean): Pair<List<T>, List<T>>
fun ByteArray.partition(predicate: (Byte) -> Boolean): Pair<List<Byte>, List<Byte>>
fun IntArray.partition(predicate: (Int) -> Boolean): Pair<List<Int>, List<Int>>
fun LongArray.partition(predicate: (Long) -> Boolean): Pair<List<Long>, List<Long>>
fun DoubleArray.partition(predicate: (Double) -> Boolean): Pair<List<Double>, List<Double>>
fun CharArray.partition(predicate: (Char) -> Boolean): Pair<List<Char>, List<Char>>
/** Pairs of the elements of both. */
infix fun <T, R> Array<out T>.zip(other: Array<out R>): List<Pair<T, R>>
/** Pairs of the elements of both. */
infix fun <R> ByteArray.zip(other: Array<out R>): List<Pair<Byte, R>>
/** Pairs of the elements of both. */
infix fun <R> IntArray.zip(other: Array<out R>): List<Pair<Int, R>>
/** Pairs of the elements of both. */
infix fun <R> LongArray.zip(other: Array<out R>): List<Pair<Long, R>>
/** Pairs of the elements of both. */
infix fun <R> DoubleArray.zip(other: Array<out R>): List<Pair<Double, R>>
/** Pairs of the elements of both. */
infix fun <R> CharArray.zip(other: Array<out R>): List<Pair<Char, R>>
/** Pairs of the elements of both. */
fun <T, R, V> Array<out T>.zip(other: Array<out R>, transform: (a: T, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> ByteArray.zip(other: Array<out R>, transform: (a: Byte, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> IntArray.zip(other: Array<out R>, transform: (a: Int, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> LongArray.zip(other: Array<out R>, transform: (a: Long, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> DoubleArray.zip(other: Array<out R>, transform: (a: Double, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> CharArray.zip(other: Array<out R>, transform: (a: Char, b: R) -> V): List<V>
/** Pairs of the elements of both. */
infix fun <T, R> Array<out T>.zip(other: Iterable<R>): List<Pair<T, R>>
/** Pairs of the elements of both. */
infix fun <R> ByteArray.zip(other: Iterable<R>): List<Pair<Byte, R>>
/** Pairs of the elements of both. */
infix fun <R> IntArray.zip(other: Iterable<R>): List<Pair<Int, R>>
/** Pairs of the elements of both. */
infix fun <R> LongArray.zip(other: Iterable<R>): List<Pair<Long, R>>
/** Pairs of the elements of both. */
infix fun <R> DoubleArray.zip(other: Iterable<R>): List<Pair<Double, R>>
/** Pairs of the elements of both. */
infix fun <R> CharArray.zip(other: Iterable<R>): List<Pair<Char, R>>
/** Pairs of the elements of both. */
fun <T, R, V> Array<out T>.zip(other: Iterable<R>, transform: (a: T, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> ByteArray.zip(other: Iterable<R>, transform: (a: Byte, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> IntArray.zip(other: Iterable<R>, transform: (a: Int, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> LongArray.zip(other: Iterable<R>, transform: (a: Long, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> DoubleArray.zip(other: Iterable<R>, transform: (a: Double, b: R) -> V): List<V>
/** Pairs of the elements of both. */
fun <R, V> CharArray.zip(other: Iterable<R>, transform: (a: Char, b: R) -> V): List<V>
/** Pairs of the elements of both. */
infix fun ByteArray.zip(other: ByteArray): List<Pair<Byte, Byte>>
/** Pairs of the elements of both. */
infix fun IntArray.zip(other: IntArray): List<Pair<Int, Int>>
/** Pairs of the elements of both. */
infix fun LongArray.zip(other: LongArray): List<Pair<Long, Long>>
/** Pairs of the elements of both. */
infix fun DoubleArray.zip(other: DoubleArray): List<Pair<Double, Double>>
/** Pairs of the elements of both. */
infix fun CharArray.zip(other: CharArray): List<Pair<Char, Char>>
/** Pairs of the elements of both. */
fun <V> ByteArray.zip(other: ByteArray, transform: (a: Byte, b: Byte) -> V): List<V>
/** Pairs of the elements of both. */
fun <V> IntArray.zip(other: IntArray, transform: (a: Int, b: Int) -> V): List<V>
/** Pairs of the elements of both. */
fun <V> LongArray.zip(other: LongArray, transform: (a: Long, b: Long) -> V): List<V>
/** Pairs of the elements of both. */
fun <V> DoubleArray.zip(other: DoubleArray, transform: (a: Double, b: Double) -> V): List<V>
/** Pairs of the elements of both. */
fun <V> CharArray.zip(other: CharArray, transform: (a: Char, b: Char) -> V): List<V>
fun <T, A: Appendable> Array<out T>.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((T) -> CharSequence)? = null): A
fun <A: Appendable> ByteArray.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Byte) -> CharSequence)? = null): A
fun <A: Appendable> IntArray.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Int) -> CharSequence)? = null): A
fun <A: Appendable> LongArray.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Long) -> CharSequence)? = null): A
fun <A: Appendable> DoubleArray.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Double) -> CharSequence)? = null): A
fun <A: Appendable> CharArray.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Char) -> CharSequence)? = null): A
/** The elements as one text. */
fun <T> Array<out T>.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((T) -> CharSequence)? = null): String
/** The elements as one text. */
fun ByteArray.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Byte) -> CharSequence)? = null): String
/** The elements as one text. */
fun IntArray.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Int) -> CharSequence)? = null): String
/** The elements as one text. */
fun LongArray.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Long) -> CharSequence)? = null): String
/** The elements as one text. */
fun DoubleArray.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Double) -> CharSequence)? = null): String
/** The elements as one text. */
fun CharArray.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((Char) -> CharSequence)? = null): String
fun <T> Array<out T>.asIterable(): Iterable<T>
fun ByteArray.asIterable(): Iterable<Byte>
fun IntArray.asIterable(): Iterable<Int>
fun LongArray.asIterable(): Iterable<Long>
fun DoubleArray.asIterable(): Iterable<Double>
fun CharArray.asIterable(): Iterable<Char>
/** The elements, gone through when they are asked for. */
fun <T> Array<out T>.asSequence(): Sequence<T>
/** The elements, gone through when they are asked for. */
fun ByteArray.asSequence(): Sequence<Byte>
/** The elements, gone through when they are asked for. */
fun IntArray.asSequence(): Sequence<Int>
/** The elements, gone through when they are asked for. */
fun LongArray.asSequence(): Sequence<Long>
/** The elements, gone through when they are asked for. */
fun DoubleArray.asSequence(): Sequence<Double>
/** The elements, gone through when they are asked for. */
fun CharArray.asSequence(): Sequence<Char>
fun Array<out Byte>.average(): Double
fun Array<out Short>.average(): Double
fun Array<out Int>.average(): Double
fun Array<out Long>.average(): Double
fun Array<out Float>.average(): Double
fun Array<out Double>.average(): Double
fun ByteArray.average(): Double
fun IntArray.average(): Double
fun LongArray.average(): Double
fun DoubleArray.average(): Double
fun Array<out Byte>.sum(): Int
fun Array<out Short>.sum(): Int
fun Array<out Int>.sum(): Int
fun Array<out Long>.sum(): Long
fun Array<out Float>.sum(): Float
fun Array<out Double>.sum(): Double
fun ByteArray.sum(): Int
fun IntArray.sum(): Int
fun LongArray.sum(): Long
fun DoubleArray.sum(): Double
operator fun <T> List<T>.component1(): T
operator fun <T> List<T>.component2(): T
operator fun <T> List<T>.component3(): T
operator fun <T> List<T>.component4(): T
operator fun <T> List<T>.component5(): T
operator fun <T> Iterable<T>.contains(element: T): Boolean
fun <T> Iterable<T>.elementAt(index: Int): T
fun <T> List<T>.elementAt(index: Int): T
fun <T> Iterable<T>.elementAtOrElse(index: Int, defaultValue: (Int) -> T): T
fun <T> List<T>.elementAtOrElse(index: Int, defaultValue: (Int) -> T): T
fun <T> Iterable<T>.elementAtOrNull(index: Int): T?
fun <T> List<T>.elementAtOrNull(index: Int): T?
/** The first element for which the test holds, else null. */
fun <T> Iterable<T>.find(predicate: (T) -> Boolean): T?
fun <T> Iterable<T>.findLast(predicate: (T) -> Boolean): T?
fun <T> List<T>.findLast(predicate: (T) -> Boolean): T?
/** The first element, or the first for which the test holds. */
fun <T> Iterable<T>.first(): T
/** The first element, or the first for which the test holds. */
fun <T> List<T>.first(): T
/** The first element, or the first for which the test holds. */
fun <T> Iterable<T>.first(predicate: (T) -> Boolean): T
fun <T, R: Any> Iterable<T>.firstNotNullOf(transform: (T) -> R?): R
fun <T, R: Any> Iterable<T>.firstNotNullOfOrNull(transform: (T) -> R?): R?
/** The first element, or null where there is none. */
fun <T> Iterable<T>.firstOrNull(): T?
/** The first element, or null where there is none. */
fun <T> List<T>.firstOrNull(): T?
/** The first element, or null where there is none. */
fun <T> Iterable<T>.firstOrNull(predicate: (T) -> Boolean): T?
fun <T> List<T>.getOrElse(index: Int, defaultValue: (Int) -> T): T
fun <T> List<T>.getOrNull(index: Int): T?
fun <T> Iterable<T>.indexOf(element: T): Int
fun <T> List<T>.indexOf(element: T): Int
fun <T> Iterable<T>.indexOfFirst(predicate: (T) -> Boolean): Int
fun <T> List<T>.indexOfFirst(predicate: (T) -> Boolean): Int
fun <T> Iterable<T>.indexOfLast(predicate: (T) -> Boolean): Int
fun <T> List<T>.indexOfLast(predicate: (T) -> Boolean): Int
/** The last element, or the last for which the test holds. */
fun <T> Iterable<T>.last(): T
/** The last element, or the last for which the test holds. */
fun <T> List<T>.last(): T
/** The last element, or the last for which the test holds. */
fun <T> Iterable<T>.last(predicate: (T) -> Boolean): T
/** The last element, or the last for which the test holds. */
fun <T> List<T>.last(predicate: (T) -> Boolean): T
fun <T> Iterable<T>.lastIndexOf(element: T): Int
fun <T> List<T>.lastIndexOf(element: T): Int
fun <T> Iterable<T>.lastOrNull(): T?
fun <T> List<T>.lastOrNull(): T?
fun <T> Iterable<T>.lastOrNull(predicate: (T) -> Boolean): T?
fun <T> List<T>.lastOrNull(predicate: (T) -> Boolean): T?
fun <T> Collection<T>.random(): T
fun <T> Collection<T>.random(random: Random): T
fun <T> Collection<T>.randomOrNull(): T?
fun <T> Collection<T>.randomOrNull(random: Random): T?
fun <T> Iterable<T>.single(): T
fun <T> List<T>.single(): T
fun <T> Iterable<T>.single(predicate: (T) -> Boolean): T
fun <T> Iterable<T>.singleOrNull(): T?
fun <T> List<T>.singleOrNull(): T?
fun <T> Iterable<T>.singleOrNull(predicate: (T) -> Boolean): T?
fun <T> Iterable<T>.drop(n: Int): List<T>
fun <T> List<T>.dropLast(n: Int): List<T>
fun <T> List<T>.dropLastWhile(predicate: (T) -> Boolean): List<T>
fun <T> Iterable<T>.dropWhile(predicate: (T) -> Boolean): List<T>
/** The elements for which the test holds. */
fun <T> Iterable<T>.filter(predicate: (T) -> Boolean): List<T>
fun <T> Iterable<T>.filterIndexed(predicate: (index: Int, T) -> Boolean): List<T>
fun <T, C: MutableCollection<in T>> Iterable<T>.filterIndexedTo(destination: C, predicate: (index: Int, T) -> Boolean): C
/** The elements that are of the type. */
fun <reified R> Iterable<*>.filterIsInstance(): List<R>
fun <reified R, C: MutableCollection<in R>> Iterable<*>.filterIsInstanceTo(destination: C): C
/** The elements for which the test does not hold. */
fun <T> Iterable<T>.filterNot(predicate: (T) -> Boolean): List<T>
fun <T: Any> Iterable<T?>.filterNotNull(): List<T>
fun <C: MutableCollection<in T>, T: Any> Iterable<T?>.filterNotNullTo(destination: C): C
fun <T, C: MutableCollection<in T>> Iterable<T>.filterNotTo(destination: C, predicate: (T) -> Boolean): C
fun <T, C: MutableCollection<in T>> Iterable<T>.filterTo(destination: C, predicate: (T) -> Boolean): C
fun <T> List<T>.slice(indices: IntRange): List<T>
fun <T> List<T>.slice(indices: Iterable<Int>): List<T>
fun <T> Iterable<T>.take(n: Int): List<T>
fun <T> List<T>.takeLast(n: Int): List<T>
fun <T> List<T>.takeLastWhile(predicate: (T) -> Boolean): List<T>
fun <T> Iterable<T>.takeWhile(predicate: (T) -> Boolean): List<T>
fun <T> Iterable<T>.reversed(): List<T>
fun <T> MutableList<T>.shuffle(random: Random): Unit
fun <T, R: Comparable<R>> MutableList<T>.sortBy(selector: (T) -> R?): Unit
fun <T, R: Comparable<R>> MutableList<T>.sortByDescending(selector: (T) -> R?): Unit
fun <T: Comparable<T>> MutableList<T>.sortDescending(): Unit
fun <T: Comparable<T>> Iterable<T>.sorted(): List<T>
fun <T, R: Comparable<R>> Iterable<T>.sortedBy(selector: (T) -> R?): List<T>
fun <T, R: Comparable<R>> Iterable<T>.sortedByDescending(selector: (T) -> R?): List<T>
fun <T: Comparable<T>> Iterable<T>.sortedDescending(): List<T>
fun <T> Iterable<T>.sortedWith(comparator: Comparator<in T>): List<T>
fun Collection<Byte>.toByteArray(): ByteArray
fun Collection<Char>.toCharArray(): CharArray
fun Collection<Double>.toDoubleArray(): DoubleArray
fun Collection<Int>.toIntArray(): IntArray
fun Collection<Long>.toLongArray(): LongArray
fun <T, K, V> Iterable<T>.associate(transform: (T) -> Pair<K, V>): Map<K, V>
/** Elements by key. */
fun <T, K> Iterable<T>.associateBy(keySelector: (T) -> K): Map<K, T>
/** Elements by key. */
fun <T, K, V> Iterable<T>.associateBy(keySelector: (T) -> K, valueTransform: (T) -> V): Map<K, V>
fun <T, K, M: MutableMap<in K, in T>> Iterable<T>.associateByTo(destination: M, keySelector: (T) -> K): M
fun <T, K, V, M: MutableMap<in K, in V>> Iterable<T>.associateByTo(destination: M, keySelector: (T) -> K, valueTransform: (T) -> V): M
fun <T, K, V, M: MutableMap<in K, in V>> Iterable<T>.associateTo(destination: M, transform: (T) -> Pair<K, V>): M
/** What the function gives, by element. */
fun <K, V> Iterable<K>.associateWith(valueSelector: (K) -> V): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Iterable<K>.associateWithTo(destination: M, valueSelector: (K) -> V): M
fun <T, C: MutableCollection<in T>> Iterable<T>.toCollection(destination: C): C
fun <T> Iterable<T>.toHashSet(): HashSet<T>
/** The elements as a list. */
fun <T> Iterable<T>.toList(): List<T>
fun <T> Iterable<T>.toMutableList(): MutableList<T>
fun <T> Collection<T>.toMutableList(): MutableList<T>
/** The elements as a set. */
fun <T> Iterable<T>.toSet(): Set<T>
/** What the function gives for each element, one after the other. */
fun <T, R> Iterable<T>.flatMap(transform: (T) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <T, R> Iterable<T>.flatMap(transform: (T) -> Sequence<R>): List<R>
fun <T, R> Iterable<T>.flatMapIndexed(transform: (index: Int, T) -> Iterable<R>): List<R>
fun <T, R> Iterable<T>.flatMapIndexed(transform: (index: Int, T) -> Sequence<R>): List<R>
fun <T, R, C: MutableCollection<in R>> Iterable<T>.flatMapIndexedTo(destination: C, transform: (index: Int, T) -> Iterable<R>): C
fun <T, R, C: MutableCollection<in R>> Iterable<T>.flatMapIndexedTo(destination: C, transform: (index: Int, T) -> Sequence<R>): C
fun <T, R, C: MutableCollection<in R>> Iterable<T>.flatMapTo(destination: C, transform: (T) -> Iterable<R>): C
fun <T, R, C: MutableCollection<in R>> Iterable<T>.flatMapTo(destination: C, transform: (T) -> Sequence<R>): C
/** Lists of elements by key. */
fun <T, K> Iterable<T>.groupBy(keySelector: (T) -> K): Map<K, List<T>>
/** Lists of elements by key. */
fun <T, K, V> Iterable<T>.groupBy(keySelector: (T) -> K, valueTransform: (T) -> V): Map<K, List<V>>
fun <T, K, M: MutableMap<in K, MutableList<T>>> Iterable<T>.groupByTo(destination: M, keySelector: (T) -> K): M
fun <T, K, V, M: MutableMap<in K, MutableList<V>>> Iterable<T>.groupByTo(destination: M, keySelector: (T) -> K, valueTransform: (T) -> V): M
fun <T, K> Iterable<T>.groupingBy(keySelector: (T) -> K): Grouping<T, K>
/** What the function gives for each element. */
fun <T, R> Iterable<T>.map(transform: (T) -> R): List<R>
fun <T, R> Iterable<T>.mapIndexed(transform: (index: Int, T) -> R): List<R>
fun <T, R: Any> Iterable<T>.mapIndexedNotNull(transform: (index: Int, T) -> R?): List<R>
fun <T, R: Any, C: MutableCollection<in R>> Iterable<T>.mapIndexedNotNullTo(destination: C, transform: (index: Int, T) -> R?): C
fun <T, R, C: MutableCollection<in R>> Iterable<T>.mapIndexedTo(destination: C, transform: (index: Int, T) -> R): C
fun <T, R: Any> Iterable<T>.mapNotNull(transform: (T) -> R?): List<R>
fun <T, R: Any, C: MutableCollection<in R>> Iterable<T>.mapNotNullTo(destination: C, transform: (T) -> R?): C
fun <T, R, C: MutableCollection<in R>> Iterable<T>.mapTo(destination: C, transform: (T) -> R): C
fun <T> Iterable<T>.withIndex(): Iterable<IndexedValue<T>>
fun <T> Iterable<T>.distinct(): List<T>
fun <T, K> Iterable<T>.distinctBy(selector: (T) -> K): List<T>
infix fun <T> Iterable<T>.intersect(other: Iterable<T>): Set<T>
infix fun <T> Iterable<T>.subtract(other: Iterable<T>): Set<T>
fun <T> Iterable<T>.toMutableSet(): MutableSet<T>
infix fun <T> Iterable<T>.union(other: Iterable<T>): Set<T>
/** Does the test hold for every element? */
fun <T> Iterable<T>.all(predicate: (T) -> Boolean): Boolean
/** Does the test hold for an element? */
fun <T> Iterable<T>.any(): Boolean
/** Does the test hold for an element? */
fun <T> Iterable<T>.any(predicate: (T) -> Boolean): Boolean
fun <T> Iterable<T>.count(): Int
fun <T> Collection<T>.count(): Int
fun <T> Iterable<T>.count(predicate: (T) -> Boolean): Int
/** Sums up from a first value. */
fun <T, R> Iterable<T>.fold(initial: R, operation: (acc: R, T) -> R): R
fun <T, R> Iterable<T>.foldIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): R
fun <T, R> List<T>.foldRight(initial: R, operation: (T, acc: R) -> R): R
fun <T, R> List<T>.foldRightIndexed(initial: R, operation: (index: Int, T, acc: R) -> R): R
/** Runs the block for each element. */
fun <T> Iterable<T>.forEach(action: (T) -> Unit): Unit
/** Runs the block for each element with its position. */
fun <T> Iterable<T>.forEachIndexed(action: (index: Int, T) -> Unit): Unit
fun Iterable<Double>.max(): Double
fun Iterable<Float>.max(): Float
fun <T: Comparable<T>> Iterable<T>.max(): T
fun <T, R: Comparable<R>> Iterable<T>.maxBy(selector: (T) -> R): T
fun <T, R: Comparable<R>> Iterable<T>.maxByOrNull(selector: (T) -> R): T?
fun <T> Iterable<T>.maxOf(selector: (T) -> Double): Double
fun <T> Iterable<T>.maxOf(selector: (T) -> Float): Float
fun <T, R: Comparable<R>> Iterable<T>.maxOf(selector: (T) -> R): R
fun <T> Iterable<T>.maxOfOrNull(selector: (T) -> Double): Double?
fun <T> Iterable<T>.maxOfOrNull(selector: (T) -> Float): Float?
fun <T, R: Comparable<R>> Iterable<T>.maxOfOrNull(selector: (T) -> R): R?
fun <T, R> Iterable<T>.maxOfWith(comparator: Comparator<in R>, selector: (T) -> R): R
fun <T, R> Iterable<T>.maxOfWithOrNull(comparator: Comparator<in R>, selector: (T) -> R): R?
fun Iterable<Double>.maxOrNull(): Double?
fun Iterable<Float>.maxOrNull(): Float?
fun <T: Comparable<T>> Iterable<T>.maxOrNull(): T?
fun <T> Iterable<T>.maxWith(comparator: Comparator<in T>): T
fun <T> Iterable<T>.maxWithOrNull(comparator: Comparator<in T>): T?
fun Iterable<Double>.min(): Double
fun Iterable<Float>.min(): Float
fun <T: Comparable<T>> Iterable<T>.min(): T
fun <T, R: Comparable<R>> Iterable<T>.minBy(selector: (T) -> R): T
fun <T, R: Comparable<R>> Iterable<T>.minByOrNull(selector: (T) -> R): T?
fun <T> Iterable<T>.minOf(selector: (T) -> Double): Double
fun <T> Iterable<T>.minOf(selector: (T) -> Float): Float
fun <T, R: Comparable<R>> Iterable<T>.minOf(selector: (T) -> R): R
fun <T> Iterable<T>.minOfOrNull(selector: (T) -> Double): Double?
fun <T> Iterable<T>.minOfOrNull(selector: (T) -> Float): Float?
fun <T, R: Comparable<R>> Iterable<T>.minOfOrNull(selector: (T) -> R): R?
fun <T, R> Iterable<T>.minOfWith(comparator: Comparator<in R>, selector: (T) -> R): R
fun <T, R> Iterable<T>.minOfWithOrNull(comparator: Comparator<in R>, selector: (T) -> R): R?
fun Iterable<Double>.minOrNull(): Double?
fun Iterable<Float>.minOrNull(): Float?
fun <T: Comparable<T>> Iterable<T>.minOrNull(): T?
fun <T> Iterable<T>.minWith(comparator: Comparator<in T>): T
fun <T> Iterable<T>.minWithOrNull(comparator: Comparator<in T>): T?
/** Does the test hold for no element? */
fun <T> Iterable<T>.none(): Boolean
/** Does the test hold for no element? */
fun <T> Iterable<T>.none(predicate: (T) -> Boolean): Boolean
fun <T, C: Iterable<T>> C.onEach(action: (T) -> Unit): C
fun <T, C: Iterable<T>> C.onEachIndexed(action: (index: Int, T) -> Unit): C
fun <S, T: S> Iterable<T>.reduce(operation: (acc: S, T) -> S): S
fun <S, T: S> Iterable<T>.reduceIndexed(operation: (index: Int, acc: S, T) -> S): S
fun <S, T: S> Iterable<T>.reduceIndexedOrNull(operation: (index: Int, acc: S, T) -> S): S?
fun <S, T: S> Iterable<T>.reduceOrNull(operation: (acc: S, T) -> S): S?
fun <S, T: S> List<T>.reduceRight(operation: (T, acc: S) -> S): S
fun <S, T: S> List<T>.reduceRightIndexed(operation: (index: Int, T, acc: S) -> S): S
fun <S, T: S> List<T>.reduceRightIndexedOrNull(operation: (index: Int, T, acc: S) -> S): S?
fun <S, T: S> List<T>.reduceRightOrNull(operation: (T, acc: S) -> S): S?
fun <T, R> Iterable<T>.runningFold(initial: R, operation: (acc: R, T) -> R): List<R>
fun <T, R> Iterable<T>.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): List<R>
fun <S, T: S> Iterable<T>.runningReduce(operation: (acc: S, T) -> S): List<S>
fun <S, T: S> Iterable<T>.runningReduceIndexed(operation: (index: Int, acc: S, T) -> S): List<S>
fun <T, R> Iterable<T>.scan(initial: R, operation: (acc: R, T) -> R): List<R>
fun <T, R> Iterable<T>.scanIndexed(initial: R, operation: (index: Int, acc: R, T) -> R): List<R>
fun <T> Iterable<T>.sumOf(selector: (T) -> Double): Double
fun <T> Iterable<T>.sumOf(selector: (T) -> Int): Int
fun <T> Iterable<T>.sumOf(selector: (T) -> Long): Long
fun <T> Iterable<T>.sumOf(selector: (T) -> UInt): UInt
fun <T> Iterable<T>.sumOf(selector: (T) -> ULong): ULong
fun <T: Any> Iterable<T?>.requireNoNulls(): Iterable<T>
fun <T: Any> List<T?>.requireNoNulls(): List<T>
fun <T> Iterable<T>.chunked(size: Int): List<List<T>>
fun <T, R> Iterable<T>.chunked(size: Int, transform: (List<T>) -> R): List<R>
operator fun <T> Iterable<T>.minus(element: T): List<T>
operator fun <T> Iterable<T>.minus(elements: Array<out T>): List<T>
operator fun <T> Iterable<T>.minus(elements: Iterable<T>): List<T>
operator fun <T> Iterable<T>.minus(elements: Sequence<T>): List<T>
fun <T> Iterable<T>.minusElement(element: T): List<T>
fun <T> Iterable<T>.partition(predicate: (T) -> Boolean): Pair<List<T>, List<T>>
operator fun <T> Iterable<T>.plus(element: T): List<T>
operator fun <T> Collection<T>.plus(element: T): List<T>
operator fun <T> Iterable<T>.plus(elements: Array<out T>): List<T>
operator fun <T> Collection<T>.plus(elements: Array<out T>): List<T>
operator fun <T> Iterable<T>.plus(elements: Iterable<T>): List<T>
operator fun <T> Collection<T>.plus(elements: Iterable<T>): List<T>
operator fun <T> Iterable<T>.plus(elements: Sequence<T>): List<T>
operator fun <T> Collection<T>.plus(elements: Sequence<T>): List<T>
fun <T> Iterable<T>.plusElement(element: T): List<T>
fun <T> Collection<T>.plusElement(element: T): List<T>
fun <T> Iterable<T>.windowed(size: Int, step: Int = 1, partialWindows: Boolean = false): List<List<T>>
fun <T, R> Iterable<T>.windowed(size: Int, step: Int = 1, partialWindows: Boolean = false, transform: (List<T>) -> R): List<R>
/** Pairs of the elements of both. */
infix fun <T, R> Iterable<T>.zip(other: Array<out R>): List<Pair<T, R>>
/** Pairs of the elements of both. */
fun <T, R, V> Iterable<T>.zip(other: Array<out R>, transform: (a: T, b: R) -> V): List<V>
/** Pairs of the elements of both. */
infix fun <T, R> Iterable<T>.zip(other: Iterable<R>): List<Pair<T, R>>
/** Pairs of the elements of both. */
fun <T, R, V> Iterable<T>.zip(other: Iterable<R>, transform: (a: T, b: R) -> V): List<V>
fun <T> Iterable<T>.zipWithNext(): List<Pair<T, T>>
fun <T, R> Iterable<T>.zipWithNext(transform: (a: T, b: T) -> R): List<R>
fun <T, A: Appendable> Iterable<T>.joinTo(buffer: A, separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((T) -> CharSequence)? = null): A
/** The elements as one text. */
fun <T> Iterable<T>.joinToString(separator: CharSequence = ", ", prefix: CharSequence = "", postfix: CharSequence = "", limit: Int = null, truncated: CharSequence = "...", transform: ((T) -> CharSequence)? = null): String
fun <T> Iterable<T>.asIterable(): Iterable<T>
/** The elements, gone through when they are asked for. */
fun <T> Iterable<T>.asSequence(): Sequence<T>
fun Iterable<Byte>.average(): Double
fun Iterable<Short>.average(): Double
fun Iterable<Int>.average(): Double
fun Iterable<Long>.average(): Double
fun Iterable<Float>.average(): Double
fun Iterable<Double>.average(): Double
fun Iterable<Byte>.sum(): Int
fun Iterable<Short>.sum(): Int
fun Iterable<Int>.sum(): Int
fun Iterable<Long>.sum(): Long
fun Iterable<Float>.sum(): Float
fun Iterable<Double>.sum(): Double
fun <K, V, R: Any> Map<out K, V>.firstNotNullOf(transform: (Map.Entry<K, V>) -> R?): R
fun <K, V, R: Any> Map<out K, V>.firstNotNullOfOrNull(transform: (Map.Entry<K, V>) -> R?): R?
/** The elements as a list. */
fun <K, V> Map<out K, V>.toList(): List<Pair<K, V>>
/** What the function gives for each element, one after the other. */
fun <K, V, R> Map<out K, V>.flatMap(transform: (Map.Entry<K, V>) -> Iterable<R>): List<R>
/** What the function gives for each element, one after the other. */
fun <K, V, R> Map<out K, V>.flatMap(transform: (Map.Entry<K, V>) -> Sequence<R>): List<R>
fun <K, V, R, C: MutableCollection<in R>> Map<out K, V>.flatMapTo(destination: C, transform: (Map.Entry<K, V>) -> Iterable<R>): C
fun <K, V, R, C: MutableCollection<in R>> Map<out K, V>.flatMapTo(destination: C, transform: (Map.Entry<K, V>) -> Sequence<R>): C
/** What the function gives for each element. */
fun <K, V, R> Map<out K, V>.map(transform: (Map.Entry<K, V>) -> R): List<R>
fun <K, V, R: Any> Map<out K, V>.mapNotNull(transform: (Map.Entry<K, V>) -> R?): List<R>
fun <K, V, R: Any, C: MutableCollection<in R>> Map<out K, V>.mapNotNullTo(destination: C, transform: (Map.Entry<K, V>) -> R?): C
fun <K, V, R, C: MutableCollection<in R>> Map<out K, V>.mapTo(destination: C, transform: (Map.Entry<K, V>) -> R): C
/** Does the test hold for every element? */
fun <K, V> Map<out K, V>.all(predicate: (Map.Entry<K, V>) -> Boolean): Boolean
/** Does the test hold for an element? */
fun <K, V> Map<out K, V>.any(): Boolean
/** Does the test hold for an element? */
fun <K, V> Map<out K, V>.any(predicate: (Map.Entry<K, V>) -> Boolean): Boolean
fun <K, V> Map<out K, V>.count(): Int
fun <K, V> Map<out K, V>.count(predicate: (Map.Entry<K, V>) -> Boolean): Int
/** Runs the block for each element. */
fun <K, V> Map<out K, V>.forEach(action: (Map.Entry<K, V>) -> Unit): Unit
fun <K, V, R: Comparable<R>> Map<out K, V>.maxBy(selector: (Map.Entry<K, V>) -> R): Map.Entry<K, V>
fun <K, V, R: Comparable<R>> Map<out K, V>.maxByOrNull(selector: (Map.Entry<K, V>) -> R): Map.Entry<K, V>?
fun <K, V> Map<out K, V>.maxOf(selector: (Map.Entry<K, V>) -> Double): Double
fun <K, V> Map<out K, V>.maxOf(selector: (Map.Entry<K, V>) -> Float): Float
fun <K, V, R: Comparable<R>> Map<out K, V>.maxOf(selector: (Map.Entry<K, V>) -> R): R
fun <K, V> Map<out K, V>.maxOfOrNull(selector: (Map.Entry<K, V>) -> Double): Double?
fun <K, V> Map<out K, V>.maxOfOrNull(selector: (Map.Entry<K, V>) -> Float): Float?
fun <K, V, R: Comparable<R>> Map<out K, V>.maxOfOrNull(selector: (Map.Entry<K, V>) -> R): R?
fun <K, V, R> Map<out K, V>.maxOfWith(comparator: Comparator<in R>, selector: (Map.Entry<K, V>) -> R): R
fun <K, V, R> Map<out K, V>.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Map.Entry<K, V>) -> R): R?
fun <K, V> Map<out K, V>.maxWith(comparator: Comparator<in Map.Entry<K, V>>): Map.Entry<K, V>
fun <K, V> Map<out K, V>.maxWithOrNull(comparator: Comparator<in Map.Entry<K, V>>): Map.Entry<K, V>?
fun <K, V, R: Comparable<R>> Map<out K, V>.minBy(selector: (Map.Entry<K, V>) -> R): Map.Entry<K, V>
fun <K, V, R: Comparable<R>> Map<out K, V>.minByOrNull(selector: (Map.Entry<K, V>) -> R): Map.Entry<K, V>?
fun <K, V> Map<out K, V>.minOf(selector: (Map.Entry<K, V>) -> Double): Double
fun <K, V> Map<out K, V>.minOf(selector: (Map.Entry<K, V>) -> Float): Float
fun <K, V, R: Comparable<R>> Map<out K, V>.minOf(selector: (Map.Entry<K, V>) -> R): R
fun <K, V> Map<out K, V>.minOfOrNull(selector: (Map.Entry<K, V>) -> Double): Double?
fun <K, V> Map<out K, V>.minOfOrNull(selector: (Map.Entry<K, V>) -> Float): Float?
fun <K, V, R: Comparable<R>> Map<out K, V>.minOfOrNull(selector: (Map.Entry<K, V>) -> R): R?
fun <K, V, R> Map<out K, V>.minOfWith(comparator: Comparator<in R>, selector: (Map.Entry<K, V>) -> R): R
fun <K, V, R> Map<out K, V>.minOfWithOrNull(comparator: Comparator<in R>, selector: (Map.Entry<K, V>) -> R): R?
fun <K, V> Map<out K, V>.minWith(comparator: Comparator<in Map.Entry<K, V>>): Map.Entry<K, V>
fun <K, V> Map<out K, V>.minWithOrNull(comparator: Comparator<in Map.Entry<K, V>>): Map.Entry<K, V>?
/** Does the test hold for no element? */
fun <K, V> Map<out K, V>.none(): Boolean
/** Does the test hold for no element? */
fun <K, V> Map<out K, V>.none(predicate: (Map.Entry<K, V>) -> Boolean): Boolean
fun <K, V, M: Map<out K, V>> M.onEach(action: (Map.Entry<K, V>) -> Unit): M
fun <K, V, M: Map<out K, V>> M.onEachIndexed(action: (index: Int, Map.Entry<K, V>) -> Unit): M
fun <K, V> Map<out K, V>.asIterable(): Iterable<Map.Entry<K, V>>
/** The elements, gone through when they are asked for. */
fun <K, V> Map<out K, V>.asSequence(): Sequence<Map.Entry<K, V>>
operator fun <T> Set<T>.minus(element: T): Set<T>
operator fun <T> Set<T>.minus(elements: Array<out T>): Set<T>
operator fun <T> Set<T>.minus(elements: Iterable<T>): Set<T>
operator fun <T> Set<T>.minus(elements: Sequence<T>): Set<T>
fun <T> Set<T>.minusElement(element: T): Set<T>
operator fun <T> Set<T>.plus(element: T): Set<T>
operator fun <T> Set<T>.plus(elements: Array<out T>): Set<T>
operator fun <T> Set<T>.plus(elements: Iterable<T>): Set<T>
operator fun <T> Set<T>.plus(elements: Sequence<T>): Set<T>
fun <T> Set<T>.plusElement(element: T): Set<T>
fun Iterable<UInt>.sum(): UInt
fun Iterable<ULong>.sum(): ULong
abstract class AbstractCollection<out E> protected constructor(): Collection<E> {
    abstract override val size: Int
    abstract override fun iterator(): Iterator<E>
    override fun contains(element: E): Boolean
    override fun containsAll(elements: Collection<E>): Boolean
    override fun isEmpty(): Boolean
    override fun toString(): String
    protected open fun toArray(): Array<Any?>
    protected open fun <T> toArray(array: Array<T>): Array<T>
}
abstract class AbstractIterator<T>: Iterator<T> {
    override fun hasNext(): Boolean
    override fun next(): T
    abstract protected fun computeNext(): Unit
    protected fun setNext(value: T): Unit
    protected fun done()
}
abstract class AbstractList<out E> protected constructor(): AbstractCollection<E>(), List<E> {
    abstract override val size: Int
    abstract override fun get(index: Int): E
    override fun iterator(): Iterator<E>
    override fun indexOf(element: E): Int
    override fun lastIndexOf(element: E): Int
    override fun listIterator(): ListIterator<E>
    override fun listIterator(index: Int): ListIterator<E>
    override fun subList(fromIndex: Int, toIndex: Int): List<E>
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
}
abstract class AbstractMap<K, out V> protected constructor(): Map<K, V> {
    override fun containsKey(key: K): Boolean
    override fun containsValue(value: V): Boolean
    override fun equals(other: Any?): Boolean
    override operator fun get(key: K): V?
    override fun hashCode(): Int
    override fun isEmpty(): Boolean
    override val size: Int
    override val keys: Set<K>
    override fun toString(): String
    override val values: Collection<V>
}
abstract class AbstractSet<out E> protected constructor(): AbstractCollection<E>(), Set<E> {
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
}
/** A list that is quick at both ends. */
class ArrayDeque<E>: AbstractMutableList<E> {
    override var size: Int
    constructor(initialCapacity: Int)
    constructor()
    constructor(elements: Collection<E>)
    override fun isEmpty(): Boolean
    fun first(): E
    fun firstOrNull(): E?
    fun last(): E
    fun lastOrNull(): E?
    fun addFirst(element: E)
    fun addLast(element: E)
    fun removeFirst(): E
    fun removeFirstOrNull(): E?
    fun removeLast(): E
    fun removeLastOrNull(): E?
    override fun add(element: E): Boolean
    override fun add(index: Int, element: E)
    override fun addAll(elements: Collection<E>): Boolean
    override fun addAll(index: Int, elements: Collection<E>): Boolean
    override fun get(index: Int): E
    override fun set(index: Int, element: E): E
    override fun contains(element: E): Boolean
    override fun indexOf(element: E): Int
    override fun lastIndexOf(element: E): Int
    override fun remove(element: E): Boolean
    override fun removeAt(index: Int): E
    override fun removeAll(elements: Collection<E>): Boolean
    override fun retainAll(elements: Collection<E>): Boolean
    override fun clear()
    override fun <T> toArray(array: Array<T>): Array<T>
    override fun toArray(): Array<Any?>
}
fun <T> Array<out Array<out T>>.flatten(): List<T>
fun <T, R> Array<out Pair<T, R>>.unzip(): Pair<List<T>, List<R>>
fun Array<*>?.isNullOrEmpty(): Boolean
fun <C, R> C.ifEmpty(defaultValue: () -> R): R where C: Array<*>, C: R
/** A list without values. */
fun <T> emptyList(): List<T>
/** A list of these values. */
fun <T> listOf(vararg elements: T): List<T>
fun <T> listOf(): List<T>
/** A list of these values that can be changed. */
fun <T> mutableListOf(): MutableList<T>
fun <T> arrayListOf(): ArrayList<T>
/** A list of these values that can be changed. */
fun <T> mutableListOf(vararg elements: T): MutableList<T>
fun <T> arrayListOf(vararg elements: T): ArrayList<T>
fun <T: Any> listOfNotNull(element: T?): List<T>
fun <T: Any> listOfNotNull(vararg elements: T?): List<T>
/** Values in an order, by position. */
fun <T> List(size: Int, init: (index: Int) -> T): List<T>
/** A list that can be changed. */
fun <T> MutableList(size: Int, init: (index: Int) -> T): MutableList<T>
/** A list as the block fills it. */
fun <E> buildList(builderAction: MutableList<E>.() -> Unit): List<E>
/** A list as the block fills it. */
fun <E> buildList(capacity: Int, builderAction: MutableList<E>.() -> Unit): List<E>
val Collection<*>.indices: IntRange
val <T> List<T>.lastIndex: Int
fun <T> Collection<T>.isNotEmpty(): Boolean
fun <T> Collection<T>?.isNullOrEmpty(): Boolean
fun <T> Collection<T>?.orEmpty(): Collection<T>
fun <T> List<T>?.orEmpty(): List<T>
fun <C, R> C.ifEmpty(defaultValue: () -> R): R where C: Collection<*>, C: R
fun <T> Collection<T>.containsAll(elements: Collection<T>): Boolean
fun <T> Iterable<T>.shuffled(random: Random): List<T>
fun <T: Comparable<T>> List<T?>.binarySearch(element: T?, fromIndex: Int = 0, toIndex: Int = null): Int
fun <T> List<T>.binarySearch(element: T, comparator: Comparator<in T>, fromIndex: Int = 0, toIndex: Int = null): Int
fun <T, K: Comparable<K>> List<T>.binarySearchBy(key: K?, fromIndex: Int = 0, toIndex: Int = null, selector: (T) -> K?): Int
fun <T> List<T>.binarySearch(fromIndex: Int = 0, toIndex: Int = null, comparison: (T) -> Int): Int
fun <T> MutableList<T>.fill(value: T): Unit
fun <T> MutableList<T>.shuffle(): Unit
/** Elements with the key each belongs to. */
interface Grouping<T, out K> {
    fun sourceIterator(): Iterator<T>
    fun keyOf(element: T): K
}
fun <T, K, R> Grouping<T, K>.aggregate(operation: (key: K, accumulator: R?, element: T, first: Boolean) -> R): Map<K, R>
fun <T, K, R, M: MutableMap<in K, R>> Grouping<T, K>.aggregateTo(destination: M, operation: (key: K, accumulator: R?, element: T, first: Boolean) -> R): M
/** Sums up from a first value. */
fun <T, K, R> Grouping<T, K>.fold(initialValueSelector: (key: K, element: T) -> R, operation: (key: K, accumulator: R, element: T) -> R): Map<K, R>
fun <T, K, R, M: MutableMap<in K, R>> Grouping<T, K>.foldTo(destination: M, initialValueSelector: (key: K, element: T) -> R, operation: (key: K, accumulator: R, element: T) -> R): M
/** Sums up from a first value. */
fun <T, K, R> Grouping<T, K>.fold(initialValue: R, operation: (accumulator: R, element: T) -> R): Map<K, R>
fun <T, K, R, M: MutableMap<in K, R>> Grouping<T, K>.foldTo(destination: M, initialValue: R, operation: (accumulator: R, element: T) -> R): M
fun <S, T: S, K> Grouping<T, K>.reduce(operation: (key: K, accumulator: S, element: T) -> S): Map<K, S>
fun <S, T: S, K, M: MutableMap<in K, S>> Grouping<T, K>.reduceTo(destination: M, operation: (key: K, accumulator: S, element: T) -> S): M
fun <T, K, M: MutableMap<in K, Int>> Grouping<T, K>.eachCountTo(destination: M): M
fun <T, K, M: MutableMap<in K, Int>> Grouping<T, K>.eachSumOfTo(destination: M, valueSelector: (T) -> Int): M
data class IndexedValue<out T>(val index: Int, val value: T)
/** What a `for` can go through. */
fun <T> Iterable(iterator: () -> Iterator<T>): Iterable<T>
fun <T> Iterable<Iterable<T>>.flatten(): List<T>
fun <T, R> Iterable<Pair<T, R>>.unzip(): Pair<List<T>, List<R>>
operator fun <T> Iterator<T>.iterator(): Iterator<T>
fun <T> Iterator<T>.withIndex(): Iterator<IndexedValue<T>>
/** Runs the block for each element. */
fun <T> Iterator<T>.forEach(operation: (T) -> Unit): Unit
operator fun <V, V1: V> Map<in String, V>.getValue(thisRef: Any?, property: KProperty<*>): V1
operator fun <V, V1: V> MutableMap<in String, out V>.getValue(thisRef: Any?, property: KProperty<*>): V1
operator fun <V> MutableMap<in String, in V>.setValue(thisRef: Any?, property: KProperty<*>, value: V)
fun <K, V> Map<K, V>.withDefault(defaultValue: (key: K) -> V): Map<K, V>
fun <K, V> MutableMap<K, V>.withDefault(defaultValue: (key: K) -> V): MutableMap<K, V>
fun <K, V> emptyMap(): Map<K, V>
/** A map of these pairs. */
fun <K, V> mapOf(vararg pairs: Pair<K, V>): Map<K, V>
fun <K, V> mapOf(): Map<K, V>
/** A map of these pairs that can be changed. */
fun <K, V> mutableMapOf(): MutableMap<K, V>
/** A map of these pairs that can be changed. */
fun <K, V> mutableMapOf(vararg pairs: Pair<K, V>): MutableMap<K, V>
fun <K, V> hashMapOf(): HashMap<K, V>
fun <K, V> hashMapOf(vararg pairs: Pair<K, V>): HashMap<K, V>
fun <K, V> linkedMapOf(): LinkedHashMap<K, V>
fun <K, V> linkedMapOf(vararg pairs: Pair<K, V>): LinkedHashMap<K, V>
fun <K, V> buildMap(builderAction: MutableMap<K, V>.() -> Unit): Map<K, V>
fun <K, V> buildMap(capacity: Int, builderAction: MutableMap<K, V>.() -> Unit): Map<K, V>
fun <K, V> Map<out K, V>.isNotEmpty(): Boolean
fun <K, V> Map<out K, V>?.isNullOrEmpty(): Boolean
fun <K, V> Map<K, V>?.orEmpty(): Map<K, V>
fun <M, R> M.ifEmpty(defaultValue: () -> R): R where M: Map<*, *>, M: R
operator fun <K, V> Map<out K, V>.contains(key: K): Boolean
operator fun <K, V> Map<out K, V>.get(key: K): V?
operator fun <K, V> MutableMap<K, V>.set(key: K, value: V): Unit
fun <K> Map<out K, *>.containsKey(key: K): Boolean
fun <K, V> Map<K, V>.containsValue(value: V): Boolean
fun <K, V> MutableMap<out K, V>.remove(key: K): V?
operator fun <K, V> Map.Entry<K, V>.component1(): K
operator fun <K, V> Map.Entry<K, V>.component2(): V
fun <K, V> Map.Entry<K, V>.toPair(): Pair<K, V>
fun <K, V> Map<K, V>.getOrElse(key: K, defaultValue: () -> V): V
fun <K, V> Map<K, V>.getValue(key: K): V
/** The value of a key; makes one and keeps it where there is none. */
fun <K, V> MutableMap<K, V>.getOrPut(key: K, defaultValue: () -> V): V
operator fun <K, V> Map<out K, V>.iterator(): Iterator<Map.Entry<K, V>>
operator fun <K, V> MutableMap<K, V>.iterator(): MutableIterator<MutableMap.MutableEntry<K, V>>
fun <K, V, R, M: MutableMap<in K, in R>> Map<out K, V>.mapValuesTo(destination: M, transform: (Map.Entry<K, V>) -> R): M
fun <K, V, R, M: MutableMap<in R, in V>> Map<out K, V>.mapKeysTo(destination: M, transform: (Map.Entry<K, V>) -> R): M
fun <K, V> MutableMap<in K, in V>.putAll(pairs: Array<out Pair<K, V>>): Unit
fun <K, V> MutableMap<in K, in V>.putAll(pairs: Iterable<Pair<K, V>>): Unit
fun <K, V> MutableMap<in K, in V>.putAll(pairs: Sequence<Pair<K, V>>): Unit
/** The map with what the function gives for each entry. */
fun <K, V, R> Map<out K, V>.mapValues(transform: (Map.Entry<K, V>) -> R): Map<K, R>
fun <K, V, R> Map<out K, V>.mapKeys(transform: (Map.Entry<K, V>) -> R): Map<R, V>
fun <K, V> Map<out K, V>.filterKeys(predicate: (K) -> Boolean): Map<K, V>
fun <K, V> Map<out K, V>.filterValues(predicate: (V) -> Boolean): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Map<out K, V>.filterTo(destination: M, predicate: (Map.Entry<K, V>) -> Boolean): M
/** The elements for which the test holds. */
fun <K, V> Map<out K, V>.filter(predicate: (Map.Entry<K, V>) -> Boolean): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Map<out K, V>.filterNotTo(destination: M, predicate: (Map.Entry<K, V>) -> Boolean): M
/** The elements for which the test does not hold. */
fun <K, V> Map<out K, V>.filterNot(predicate: (Map.Entry<K, V>) -> Boolean): Map<K, V>
fun <K, V> Iterable<Pair<K, V>>.toMap(): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Iterable<Pair<K, V>>.toMap(destination: M): M
fun <K, V> Array<out Pair<K, V>>.toMap(): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Array<out Pair<K, V>>.toMap(destination: M): M
fun <K, V> Sequence<Pair<K, V>>.toMap(): Map<K, V>
fun <K, V, M: MutableMap<in K, in V>> Sequence<Pair<K, V>>.toMap(destination: M): M
fun <K, V> Map<out K, V>.toMap(): Map<K, V>
fun <K, V> Map<out K, V>.toMutableMap(): MutableMap<K, V>
fun <K, V, M: MutableMap<in K, in V>> Map<out K, V>.toMap(destination: M): M
operator fun <K, V> Map<out K, V>.plus(pair: Pair<K, V>): Map<K, V>
operator fun <K, V> Map<out K, V>.plus(pairs: Iterable<Pair<K, V>>): Map<K, V>
operator fun <K, V> Map<out K, V>.plus(pairs: Array<out Pair<K, V>>): Map<K, V>
operator fun <K, V> Map<out K, V>.plus(pairs: Sequence<Pair<K, V>>): Map<K, V>
operator fun <K, V> Map<out K, V>.plus(map: Map<out K, V>): Map<K, V>
operator fun <K, V> MutableMap<in K, in V>.plusAssign(pair: Pair<K, V>)
operator fun <K, V> MutableMap<in K, in V>.plusAssign(pairs: Iterable<Pair<K, V>>)
operator fun <K, V> MutableMap<in K, in V>.plusAssign(pairs: Array<out Pair<K, V>>)
operator fun <K, V> MutableMap<in K, in V>.plusAssign(pairs: Sequence<Pair<K, V>>)
operator fun <K, V> MutableMap<in K, in V>.plusAssign(map: Map<K, V>)
operator fun <K, V> Map<out K, V>.minus(key: K): Map<K, V>
operator fun <K, V> Map<out K, V>.minus(keys: Iterable<K>): Map<K, V>
operator fun <K, V> Map<out K, V>.minus(keys: Array<out K>): Map<K, V>
operator fun <K, V> Map<out K, V>.minus(keys: Sequence<K>): Map<K, V>
operator fun <K, V> MutableMap<K, V>.minusAssign(key: K)
operator fun <K, V> MutableMap<K, V>.minusAssign(keys: Iterable<K>)
operator fun <K, V> MutableMap<K, V>.minusAssign(keys: Array<out K>)
operator fun <K, V> MutableMap<K, V>.minusAssign(keys: Sequence<K>)
fun <T> MutableCollection<out T>.remove(element: T): Boolean
fun <T> MutableCollection<out T>.removeAll(elements: Collection<T>): Boolean
fun <T> MutableCollection<out T>.retainAll(elements: Collection<T>): Boolean
operator fun <T> MutableCollection<in T>.plusAssign(element: T)
operator fun <T> MutableCollection<in T>.plusAssign(elements: Iterable<T>)
operator fun <T> MutableCollection<in T>.plusAssign(elements: Array<T>)
operator fun <T> MutableCollection<in T>.plusAssign(elements: Sequence<T>)
operator fun <T> MutableCollection<in T>.minusAssign(element: T)
operator fun <T> MutableCollection<in T>.minusAssign(elements: Iterable<T>)
operator fun <T> MutableCollection<in T>.minusAssign(elements: Array<T>)
operator fun <T> MutableCollection<in T>.minusAssign(elements: Sequence<T>)
fun <T> MutableCollection<in T>.addAll(elements: Iterable<T>): Boolean
fun <T> MutableCollection<in T>.addAll(elements: Sequence<T>): Boolean
fun <T> MutableCollection<in T>.addAll(elements: Array<out T>): Boolean
fun <T> MutableCollection<in T>.removeAll(elements: Iterable<T>): Boolean
fun <T> MutableCollection<in T>.removeAll(elements: Sequence<T>): Boolean
fun <T> MutableCollection<in T>.removeAll(elements: Array<out T>): Boolean
fun <T> MutableCollection<in T>.retainAll(elements: Iterable<T>): Boolean
fun <T> MutableCollection<in T>.retainAll(elements: Array<out T>): Boolean
fun <T> MutableCollection<in T>.retainAll(elements: Sequence<T>): Boolean
fun <T> MutableIterable<T>.removeAll(predicate: (T) -> Boolean): Boolean
fun <T> MutableIterable<T>.retainAll(predicate: (T) -> Boolean): Boolean
fun <T> MutableList<T>.removeFirst(): T
fun <T> MutableList<T>.removeFirstOrNull(): T?
fun <T> MutableList<T>.removeLast(): T
fun <T> MutableList<T>.removeLastOrNull(): T?
fun <T> MutableList<T>.removeAll(predicate: (T) -> Boolean): Boolean
fun <T> MutableList<T>.retainAll(predicate: (T) -> Boolean): Boolean
abstract class ByteIterator: Iterator<Byte> {
    override fun next()
    abstract fun nextByte(): Byte
}
abstract class CharIterator: Iterator<Char> {
    override fun next()
    abstract fun nextChar(): Char
}
abstract class ShortIterator: Iterator<Short> {
    override fun next()
    abstract fun nextShort(): Short
}
abstract class IntIterator: Iterator<Int> {
    override fun next()
    abstract fun nextInt(): Int
}
abstract class LongIterator: Iterator<Long> {
    override fun next()
    abstract fun nextLong(): Long
}
abstract class FloatIterator: Iterator<Float> {
    override fun next()
    abstract fun nextFloat(): Float
}
abstract class DoubleIterator: Iterator<Double> {
    override fun next()
    abstract fun nextDouble(): Double
}
abstract class BooleanIterator: Iterator<Boolean> {
    override fun next()
    abstract fun nextBoolean(): Boolean
}
fun <T> List<T>.asReversed(): List<T>
fun <T> MutableList<T>.asReversed(): MutableList<T>
fun <T> emptySet(): Set<T>
/** A set of these values. */
fun <T> setOf(vararg elements: T): Set<T>
fun <T> setOf(): Set<T>
/** A set of these values that can be changed. */
fun <T> mutableSetOf(): MutableSet<T>
/** A set of these values that can be changed. */
fun <T> mutableSetOf(vararg elements: T): MutableSet<T>
fun <T> hashSetOf(): HashSet<T>
fun <T> hashSetOf(vararg elements: T): HashSet<T>
fun <T> linkedSetOf(): LinkedHashSet<T>
fun <T> linkedSetOf(vararg elements: T): LinkedHashSet<T>
fun <T: Any> setOfNotNull(element: T?): Set<T>
fun <T: Any> setOfNotNull(vararg elements: T?): Set<T>
fun <E> buildSet(builderAction: MutableSet<E>.() -> Unit): Set<E>
fun <E> buildSet(capacity: Int, builderAction: MutableSet<E>.() -> Unit): Set<E>
fun <T> Set<T>?.orEmpty(): Set<T>
