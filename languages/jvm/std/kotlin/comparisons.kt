package kotlin.comparisons

import kotlin.random.*

fun <T: Comparable<T>> maxOf(a: T, b: T): T
fun maxOf(a: Byte, b: Byte): Byte
fun maxOf(a: Short, b: Short): Short
fun maxOf(a: Int, b: Int): Int
fun maxOf(a: Long, b: Long): Long
fun maxOf(a: Float, b: Float): Float
fun maxOf(a: Double, b: Double): Double
fun <T: Comparable<T>> maxOf(a: T, b: T, c: T): T
fun maxOf(a: Byte, b: Byte, c: Byte): Byte
fun maxOf(a: Short, b: Short, c: Short): Short
fun maxOf(a: Int, b: Int, c: Int): Int
fun maxOf(a: Long, b: Long, c: Long): Long
fun maxOf(a: Float, b: Float, c: Float): Float
fun maxOf(a: Double, b: Double, c: Double): Double
fun <T: Comparable<T>> maxOf(a: T, vararg other: T): T
fun maxOf(a: Byte, vararg other: Byte): Byte
fun maxOf(a: Short, vararg other: Short): Short
fun maxOf(a: Int, vararg other: Int): Int
fun maxOf(a: Long, vararg other: Long): Long
fun maxOf(a: Float, vararg other: Float): Float
fun maxOf(a: Double, vararg other: Double): Double
fun <T: Comparable<T>> minOf(a: T, b: T): T
fun minOf(a: Byte, b: Byte): Byte
fun minOf(a: Short, b: Short): Short
fun minOf(a: Int, b: Int): Int
fun minOf(a: Long, b: Long): Long
fun minOf(a: Float, b: Float): Float
fun minOf(a: Double, b: Double): Double
fun <T: Comparable<T>> minOf(a: T, b: T, c: T): T
fun minOf(a: Byte, b: Byte, c: Byte): Byte
fun minOf(a: Short, b: Short, c: Short): Short
fun minOf(a: Int, b: Int, c: Int): Int
fun minOf(a: Long, b: Long, c: Long): Long
fun minOf(a: Float, b: Float, c: Float): Float
fun minOf(a: Double, b: Double, c: Double): Double
fun <T: Comparable<T>> minOf(a: T, vararg other: T): T
fun minOf(a: Byte, vararg other: Byte): Byte
fun minOf(a: Short, vararg other: Short): Short
fun minOf(a: Int, vararg other: Int): Int
fun minOf(a: Long, vararg other: Long): Long
fun minOf(a: Float, vararg other: Float): Float
fun minOf(a: Double, vararg other: Double): Double
fun <T> maxOf(a: T, b: T, c: T, comparator: Comparator<in T>): T
fun <T> maxOf(a: T, b: T, comparator: Comparator<in T>): T
fun <T> maxOf(a: T, vararg other: T, comparator: Comparator<in T>): T
fun <T> minOf(a: T, b: T, c: T, comparator: Comparator<in T>): T
fun <T> minOf(a: T, b: T, comparator: Comparator<in T>): T
fun <T> minOf(a: T, vararg other: T, comparator: Comparator<in T>): T
fun maxOf(a: UInt, b: UInt): UInt
fun maxOf(a: ULong, b: ULong): ULong
fun maxOf(a: UInt, b: UInt, c: UInt): UInt
fun maxOf(a: ULong, b: ULong, c: ULong): ULong
fun maxOf(a: UInt, vararg other: UInt): UInt
fun maxOf(a: ULong, vararg other: ULong): ULong
fun minOf(a: UInt, b: UInt): UInt
fun minOf(a: ULong, b: ULong): ULong
fun minOf(a: UInt, b: UInt, c: UInt): UInt
fun minOf(a: ULong, b: ULong, c: ULong): ULong
fun minOf(a: UInt, vararg other: UInt): UInt
fun minOf(a: ULong, vararg other: ULong): ULong
fun <T> compareValuesBy(a: T, b: T, vararg selectors: (T) -> Comparable<*>?): Int
fun <T> compareValuesBy(a: T, b: T, selector: (T) -> Comparable<*>?): Int
fun <T, K> compareValuesBy(a: T, b: T, comparator: Comparator<in K>, selector: (T) -> K): Int
fun <T: Comparable<*>> compareValues(a: T?, b: T?): Int
fun <T> compareBy(vararg selectors: (T) -> Comparable<*>?): Comparator<T>
fun <T> compareBy(selector: (T) -> Comparable<*>?): Comparator<T>
fun <T, K> compareBy(comparator: Comparator<in K>, selector: (T) -> K): Comparator<T>
fun <T> compareByDescending(selector: (T) -> Comparable<*>?): Comparator<T>
fun <T, K> compareByDescending(comparator: Comparator<in K>, selector: (T) -> K): Comparator<T>
fun <T> Comparator<T>.thenBy(selector: (T) -> Comparable<*>?): Comparator<T>
fun <T, K> Comparator<T>.thenBy(comparator: Comparator<in K>, selector: (T) -> K): Comparator<T>
fun <T> Comparator<T>.thenByDescending(selector: (T) -> Comparable<*>?): Comparator<T>
fun <T, K> Comparator<T>.thenByDescending(comparator: Comparator<in K>, selector: (T) -> K): Comparator<T>
fun <T> Comparator<T>.thenComparator(comparison: (a: T, b: T) -> Int): Comparator<T>
infix fun <T> Comparator<T>.then(comparator: Comparator<in T>): Comparator<T>
infix fun <T> Comparator<T>.thenDescending(comparator: Comparator<in T>): Comparator<T>
fun <T: Any> nullsFirst(comparator: Comparator<in T>): Comparator<T?>
fun <T: Comparable<T>> nullsFirst(): Comparator<T?>
fun <T: Any> nullsLast(comparator: Comparator<in T>): Comparator<T?>
fun <T: Comparable<T>> nullsLast(): Comparator<T?>
fun <T: Comparable<T>> naturalOrder(): Comparator<T>
fun <T: Comparable<T>> reverseOrder(): Comparator<T>
fun <T> Comparator<T>.reversed(): Comparator<T>
