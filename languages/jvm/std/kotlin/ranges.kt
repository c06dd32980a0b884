package kotlin.ranges

import kotlin.random.*

fun IntProgression.first(): Int
fun LongProgression.first(): Long
fun CharProgression.first(): Char
fun IntProgression.firstOrNull(): Int?
fun LongProgression.firstOrNull(): Long?
fun CharProgression.firstOrNull(): Char?
fun IntProgression.last(): Int
fun LongProgression.last(): Long
fun CharProgression.last(): Char
fun IntProgression.lastOrNull(): Int?
fun LongProgression.lastOrNull(): Long?
fun CharProgression.lastOrNull(): Char?
fun IntRange.random(): Int
fun LongRange.random(): Long
fun CharRange.random(): Char
fun IntRange.random(random: Random): Int
fun LongRange.random(random: Random): Long
fun CharRange.random(random: Random): Char
fun IntRange.randomOrNull(): Int?
fun LongRange.randomOrNull(): Long?
fun CharRange.randomOrNull(): Char?
fun IntRange.randomOrNull(random: Random): Int?
fun LongRange.randomOrNull(random: Random): Long?
fun CharRange.randomOrNull(random: Random): Char?
operator fun IntRange.contains(element: Int?): Boolean
operator fun LongRange.contains(element: Long?): Boolean
operator fun CharRange.contains(element: Char?): Boolean
operator fun ClosedRange<Int>.contains(value: Byte): Boolean
operator fun ClosedRange<Long>.contains(value: Byte): Boolean
operator fun ClosedRange<Short>.contains(value: Byte): Boolean
operator fun OpenEndRange<Int>.contains(value: Byte): Boolean
operator fun OpenEndRange<Long>.contains(value: Byte): Boolean
operator fun OpenEndRange<Short>.contains(value: Byte): Boolean
operator fun IntRange.contains(value: Byte): Boolean
operator fun LongRange.contains(value: Byte): Boolean
operator fun ClosedRange<Float>.contains(value: Double): Boolean
operator fun ClosedRange<Double>.contains(value: Float): Boolean
operator fun OpenEndRange<Double>.contains(value: Float): Boolean
operator fun ClosedRange<Long>.contains(value: Int): Boolean
operator fun ClosedRange<Byte>.contains(value: Int): Boolean
operator fun ClosedRange<Short>.contains(value: Int): Boolean
operator fun OpenEndRange<Long>.contains(value: Int): Boolean
operator fun OpenEndRange<Byte>.contains(value: Int): Boolean
operator fun OpenEndRange<Short>.contains(value: Int): Boolean
operator fun LongRange.contains(value: Int): Boolean
operator fun ClosedRange<Int>.contains(value: Long): Boolean
operator fun ClosedRange<Byte>.contains(value: Long): Boolean
operator fun ClosedRange<Short>.contains(value: Long): Boolean
operator fun OpenEndRange<Int>.contains(value: Long): Boolean
operator fun OpenEndRange<Byte>.contains(value: Long): Boolean
operator fun OpenEndRange<Short>.contains(value: Long): Boolean
operator fun IntRange.contains(value: Long): Boolean
operator fun ClosedRange<Int>.contains(value: Short): Boolean
operator fun ClosedRange<Long>.contains(value: Short): Boolean
operator fun ClosedRange<Byte>.contains(value: Short): Boolean
operator fun OpenEndRange<Int>.contains(value: Short): Boolean
operator fun OpenEndRange<Long>.contains(value: Short): Boolean
operator fun OpenEndRange<Byte>.contains(value: Short): Boolean
operator fun IntRange.contains(value: Short): Boolean
operator fun LongRange.contains(value: Short): Boolean
infix fun Int.downTo(to: Byte): IntProgression
infix fun Long.downTo(to: Byte): LongProgression
infix fun Byte.downTo(to: Byte): IntProgression
infix fun Short.downTo(to: Byte): IntProgression
infix fun Char.downTo(to: Char): CharProgression
infix fun Int.downTo(to: Int): IntProgression
infix fun Long.downTo(to: Int): LongProgression
infix fun Byte.downTo(to: Int): IntProgression
infix fun Short.downTo(to: Int): IntProgression
infix fun Int.downTo(to: Long): LongProgression
infix fun Long.downTo(to: Long): LongProgression
infix fun Byte.downTo(to: Long): LongProgression
infix fun Short.downTo(to: Long): LongProgression
infix fun Int.downTo(to: Short): IntProgression
infix fun Long.downTo(to: Short): LongProgression
infix fun Byte.downTo(to: Short): IntProgression
infix fun Short.downTo(to: Short): IntProgression
fun IntProgression.reversed(): IntProgression
fun LongProgression.reversed(): LongProgression
fun CharProgression.reversed(): CharProgression
infix fun IntProgression.step(step: Int): IntProgression
infix fun LongProgression.step(step: Long): LongProgression
infix fun CharProgression.step(step: Int): CharProgression
/** Numbers up to, but without, the last. */
infix fun Int.until(to: Byte): IntRange
/** Numbers up to, but without, the last. */
infix fun Long.until(to: Byte): LongRange
/** Numbers up to, but without, the last. */
infix fun Byte.until(to: Byte): IntRange
/** Numbers up to, but without, the last. */
infix fun Short.until(to: Byte): IntRange
/** Numbers up to, but without, the last. */
infix fun Char.until(to: Char): CharRange
/** Numbers up to, but without, the last. */
infix fun Int.until(to: Int): IntRange
/** Numbers up to, but without, the last. */
infix fun Long.until(to: Int): LongRange
/** Numbers up to, but without, the last. */
infix fun Byte.until(to: Int): IntRange
/** Numbers up to, but without, the last. */
infix fun Short.until(to: Int): IntRange
/** Numbers up to, but without, the last. */
infix fun Int.until(to: Long): LongRange
/** Numbers up to, but without, the last. */
infix fun Long.until(to: Long): LongRange
/** Numbers up to, but without, the last. */
infix fun Byte.until(to: Long): LongRange
/** Numbers up to, but without, the last. */
infix fun Short.until(to: Long): LongRange
/** Numbers up to, but without, the last. */
infix fun Int.until(to: Short): IntRange
/** Numbers up to, but without, the last. */
infix fun Long.until(to: Short): LongRange
/** Numbers up to, but without, the last. */
infix fun Byte.until(to: Short): IntRange
/** Numbers up to, but without, the last. */
infix fun Short.until(to: Short): IntRange
fun <T: Comparable<T>> T.coerceAtLeast(minimumValue: T): T
fun Byte.coerceAtLeast(minimumValue: Byte): Byte
fun Short.coerceAtLeast(minimumValue: Short): Short
fun Int.coerceAtLeast(minimumValue: Int): Int
fun Long.coerceAtLeast(minimumValue: Long): Long
fun Float.coerceAtLeast(minimumValue: Float): Float
fun Double.coerceAtLeast(minimumValue: Double): Double
fun <T: Comparable<T>> T.coerceAtMost(maximumValue: T): T
fun Byte.coerceAtMost(maximumValue: Byte): Byte
fun Short.coerceAtMost(maximumValue: Short): Short
fun Int.coerceAtMost(maximumValue: Int): Int
fun Long.coerceAtMost(maximumValue: Long): Long
fun Float.coerceAtMost(maximumValue: Float): Float
fun Double.coerceAtMost(maximumValue: Double): Double
fun <T: Comparable<T>> T.coerceIn(minimumValue: T?, maximumValue: T?): T
/** The value, not outside the limits. */
fun Byte.coerceIn(minimumValue: Byte, maximumValue: Byte): Byte
/** The value, not outside the limits. */
fun Short.coerceIn(minimumValue: Short, maximumValue: Short): Short
/** The value, not outside the limits. */
fun Int.coerceIn(minimumValue: Int, maximumValue: Int): Int
/** The value, not outside the limits. */
fun Long.coerceIn(minimumValue: Long, maximumValue: Long): Long
/** The value, not outside the limits. */
fun Float.coerceIn(minimumValue: Float, maximumValue: Float): Float
/** The value, not outside the limits. */
fun Double.coerceIn(minimumValue: Double, maximumValue: Double): Double
fun <T: Comparable<T>> T.coerceIn(range: ClosedFloatingPointRange<T>): T
fun <T: Comparable<T>> T.coerceIn(range: ClosedRange<T>): T
/** The value, not outside the limits. */
fun Int.coerceIn(range: ClosedRange<Int>): Int
/** The value, not outside the limits. */
fun Long.coerceIn(range: ClosedRange<Long>): Long
fun UIntProgression.first(): UInt
fun ULongProgression.first(): ULong
fun UIntProgression.firstOrNull(): UInt?
fun ULongProgression.firstOrNull(): ULong?
fun UIntProgression.last(): UInt
fun ULongProgression.last(): ULong
fun UIntProgression.lastOrNull(): UInt?
fun ULongProgression.lastOrNull(): ULong?
fun UIntRange.random(): UInt
fun ULongRange.random(): ULong
fun UIntRange.random(random: Random): UInt
fun ULongRange.random(random: Random): ULong
fun UIntRange.randomOrNull(): UInt?
fun ULongRange.randomOrNull(): ULong?
fun UIntRange.randomOrNull(random: Random): UInt?
fun ULongRange.randomOrNull(random: Random): ULong?
operator fun UIntRange.contains(element: UInt?): Boolean
operator fun ULongRange.contains(element: ULong?): Boolean
operator fun ULongRange.contains(value: UInt): Boolean
operator fun UIntRange.contains(value: ULong): Boolean
infix fun UInt.downTo(to: UInt): UIntProgression
infix fun ULong.downTo(to: ULong): ULongProgression
fun UIntProgression.reversed(): UIntProgression
fun ULongProgression.reversed(): ULongProgression
infix fun UIntProgression.step(step: Int): UIntProgression
infix fun ULongProgression.step(step: Long): ULongProgression
/** Numbers up to, but without, the last. */
infix fun UInt.until(to: UInt): UIntRange
/** Numbers up to, but without, the last. */
infix fun ULong.until(to: ULong): ULongRange
fun UInt.coerceAtLeast(minimumValue: UInt): UInt
fun ULong.coerceAtLeast(minimumValue: ULong): ULong
fun UInt.coerceAtMost(maximumValue: UInt): UInt
fun ULong.coerceAtMost(maximumValue: ULong): ULong
/** The value, not outside the limits. */
fun UInt.coerceIn(minimumValue: UInt, maximumValue: UInt): UInt
/** The value, not outside the limits. */
fun ULong.coerceIn(minimumValue: ULong, maximumValue: ULong): ULong
/** The value, not outside the limits. */
fun UInt.coerceIn(range: ClosedRange<UInt>): UInt
/** The value, not outside the limits. */
fun ULong.coerceIn(range: ClosedRange<ULong>): ULong
class UIntRange(start: UInt, endInclusive: UInt): UIntProgression(start, endInclusive, 1), ClosedRange<UInt>, OpenEndRange<UInt> {
    override val start: UInt
    override val endInclusive: UInt
    override fun contains(value: UInt): Boolean
    override fun isEmpty(): Boolean
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun toString(): String
    companion object {
        val EMPTY: UIntRange
    }
}
open class UIntProgression
class ULongRange(start: ULong, endInclusive: ULong): ULongProgression(start, endInclusive, 1), ClosedRange<ULong>, OpenEndRange<ULong> {
    override val start: ULong
    override val endInclusive: ULong
    override fun contains(value: ULong): Boolean
    override fun isEmpty(): Boolean
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun toString(): String
    companion object {
        val EMPTY: ULongRange
    }
}
open class ULongProgression
class CharRange(start: Char, endInclusive: Char): CharProgression(start, endInclusive, 1), ClosedRange<Char>, OpenEndRange<Char> {
    override val start: Char
    override val endInclusive: Char
    override fun contains(value: Char): Boolean
    override fun isEmpty(): Boolean
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun toString(): String
    companion object {
        val EMPTY: CharRange
    }
}
/** Numbers from one to another. */
class IntRange(start: Int, endInclusive: Int): IntProgression(start, endInclusive, 1), ClosedRange<Int>, OpenEndRange<Int> {
    override val start: Int
    override val endInclusive: Int
    override fun contains(value: Int): Boolean
    override fun isEmpty(): Boolean
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun toString(): String
    companion object {
        val EMPTY: IntRange
    }
}
class LongRange(start: Long, endInclusive: Long): LongProgression(start, endInclusive, 1), ClosedRange<Long>, OpenEndRange<Long> {
    override val start: Long
    override val endInclusive: Long
    override fun contains(value: Long): Boolean
    override fun isEmpty(): Boolean
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun toString(): String
    companion object {
        val EMPTY: LongRange
    }
}
open class CharProgression
val first: Char
val last: Char
val step: Int
override fun iterator(): CharIterator
open fun isEmpty(): Boolean
override fun equals(other: Any?): Boolean
override fun hashCode(): Int
override fun toString(): String
companion object {
    fun fromClosedRange(rangeStart: Char, rangeEnd: Char, step: Int): CharProgression
}
interface ClosedRange<T: Comparable<T>> {
    val start: T
    val endInclusive: T
    operator fun contains(value: T): Boolean
    fun isEmpty(): Boolean
}
interface OpenEndRange<T: Comparable<T>> {
    val start: T
    val endExclusive: T
    operator fun contains(value: T): Boolean
    fun isEmpty(): Boolean
}
operator fun <T: Comparable<T>> T.rangeTo(that: T): ClosedRange<T>
operator fun <T: Comparable<T>> T.rangeUntil(that: T): OpenEndRange<T>
interface ClosedFloatingPointRange<T: Comparable<T>>: ClosedRange<T> {
    override fun contains(value: T): Boolean
    override fun isEmpty(): Boolean
    fun lessThanOrEquals(a: T, b: T): Boolean
}
operator fun Double.rangeTo(that: Double): ClosedFloatingPointRange<Double>
operator fun Double.rangeUntil(that: Double): OpenEndRange<Double>
operator fun Float.rangeTo(that: Float): ClosedFloatingPointRange<Float>
operator fun Float.rangeUntil(that: Float): OpenEndRange<Float>
operator fun <T, R> R.contains(element: T?): Boolean where T: Any, R: ClosedRange<T>, R: Iterable<T>
operator fun <T, R> R.contains(element: T?): Boolean where T: Any, R: OpenEndRange<T>, R: Iterable<T>
