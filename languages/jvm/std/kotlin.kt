package kotlin

import java.io.PrintStream
import java.io.PrintWriter
import java.io.StringWriter
import java.math.BigDecimal
import java.math.BigInteger
import java.math.MathContext
import java.math.RoundingMode
import kotlin.annotation.AnnotationRetention.*
import kotlin.annotation.AnnotationRetention.BINARY
import kotlin.annotation.AnnotationRetention.SOURCE
import kotlin.annotation.AnnotationTarget.*
import kotlin.coroutines.*
import kotlin.coroutines.intrinsics.*
import kotlin.experimental.*
import kotlin.experimental.ExperimentalTypeInference
import kotlin.jvm.*
import kotlin.jvm.JvmField
import kotlin.jvm.JvmInline
import kotlin.jvm.JvmName
import kotlin.jvm.internal.unsafe.*
import kotlin.math.sign
import kotlin.reflect.*
import kotlin.reflect.KClass
import kotlin.reflect.KProperty
import kotlin.reflect.KProperty0

fun <T: java.lang.AutoCloseable?, R> T.use(block: (T) -> R): R
/** The base of all annotations. */
interface Annotation
annotation class Deprecated(val message: String, val replaceWith: ReplaceWith = null, val level: DeprecationLevel = null)
annotation class DeprecatedSinceKotlin(val warningSince: String = "", val errorSince: String = "", val hiddenSince: String = "")
annotation class ReplaceWith(val expression: String, vararg val imports: String)
enum class DeprecationLevel {
    WARNING,
    ERROR,
    HIDDEN
}
annotation class ExtensionFunctionType
annotation class ContextFunctionTypeParams(val count: Int)
annotation class ParameterName(val name: String)
annotation class Suppress(vararg val names: String)
annotation class UnsafeVariance
annotation class SinceKotlin(val version: String)
annotation class DslMarker
annotation class PublishedApi
/** The root of all classes. */
open class Any {
    open operator fun equals(other: Any?): Boolean
    open fun hashCode(): Int
    open fun toString(): String
}
/** A list of fixed length. */
class Array<T> {
    constructor(size: Int, init: (Int) -> T)
    operator fun get(index: Int): T
    operator fun set(index: Int, value: T): Unit
    val size: Int
    operator fun iterator(): Iterator<T>
}
fun <reified T> emptyArray(): Array<T>
/** An array of bytes. */
class ByteArray(size: Int) {
    constructor(size: Int, init: (Int) -> Byte)
    operator fun get(index: Int): Byte
    operator fun set(index: Int, value: Byte): Unit
    val size: Int
    operator fun iterator(): ByteIterator
}
/** An array of characters. */
class CharArray(size: Int) {
    constructor(size: Int, init: (Int) -> Char)
    operator fun get(index: Int): Char
    operator fun set(index: Int, value: Char): Unit
    val size: Int
    operator fun iterator(): CharIterator
}
class ShortArray(size: Int) {
    constructor(size: Int, init: (Int) -> Short)
    operator fun get(index: Int): Short
    operator fun set(index: Int, value: Short): Unit
    val size: Int
    operator fun iterator(): ShortIterator
}
/** An array of `Int`. */
class IntArray(size: Int) {
    constructor(size: Int, init: (Int) -> Int)
    operator fun get(index: Int): Int
    operator fun set(index: Int, value: Int): Unit
    val size: Int
    operator fun iterator(): IntIterator
}
/** An array of `Long`. */
class LongArray(size: Int) {
    constructor(size: Int, init: (Int) -> Long)
    operator fun get(index: Int): Long
    operator fun set(index: Int, value: Long): Unit
    val size: Int
    operator fun iterator(): LongIterator
}
class FloatArray(size: Int) {
    constructor(size: Int, init: (Int) -> Float)
    operator fun get(index: Int): Float
    operator fun set(index: Int, value: Float): Unit
    val size: Int
    operator fun iterator(): FloatIterator
}
/** An array of `Double`. */
class DoubleArray(size: Int) {
    constructor(size: Int, init: (Int) -> Double)
    operator fun get(index: Int): Double
    operator fun set(index: Int, value: Double): Unit
    val size: Int
    operator fun iterator(): DoubleIterator
}
class BooleanArray(size: Int) {
    constructor(size: Int, init: (Int) -> Boolean)
    operator fun get(index: Int): Boolean
    operator fun set(index: Int, value: Boolean): Unit
    val size: Int
    operator fun iterator(): BooleanIterator
}
class Boolean private constructor(): Comparable<Boolean> {
    operator fun not(): Boolean
    infix fun and(other: Boolean): Boolean
    infix fun or(other: Boolean): Boolean
    infix fun xor(other: Boolean): Boolean
    override fun compareTo(other: Boolean): Int
    override fun equals(other: Any?): Boolean
    override fun toString(): String
    companion object
}
class Char private constructor(): Comparable<Char> {
    override fun compareTo(other: Char): Int
    operator fun plus(other: Int): Char
    operator fun minus(other: Char): Int
    operator fun minus(other: Int): Char
    operator fun inc(): Char
    operator fun dec(): Char
    operator fun rangeTo(other: Char): CharRange
    operator fun rangeUntil(other: Char): CharRange
    fun toChar(): Char
    override fun equals(other: Any?): Boolean
    override fun toString(): String
    companion object {
        const val MIN_VALUE: Char
        const val MAX_VALUE: Char
        const val MIN_HIGH_SURROGATE: Char
        const val MAX_HIGH_SURROGATE: Char
        const val MIN_LOW_SURROGATE: Char
        const val MAX_LOW_SURROGATE: Char
        const val MIN_SURROGATE: Char
        const val MAX_SURROGATE: Char
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
}
/** Anything that reads like a text. */
interface CharSequence {
    val length: Int
    operator fun get(index: Int): Char
    fun subSequence(startIndex: Int, endIndex: Int): CharSequence
}
/** What has a natural order. */
interface Comparable<in T> {
    operator fun compareTo(other: T): Int
}
/** The base of all enums. */
abstract class Enum<E: Enum<E>>(name: String, ordinal: Int): Comparable<E> {
    companion object
    val name: String
    val ordinal: Int
    override fun compareTo(other: E): Int
    protected fun clone(): Any
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun toString(): String
}
interface Function<out R>
open class KotlinNullPointerException: NullPointerException {
    constructor()
    constructor(message: String?): super(message)
}
fun Any?.toString(): String
operator fun String?.plus(other: Any?): String
fun <reified T> arrayOfNulls(size: Int): Array<T?>
fun <reified T> arrayOf(vararg elements: T): Array<T>
fun doubleArrayOf(vararg elements: Double): DoubleArray
fun longArrayOf(vararg elements: Long): LongArray
fun intArrayOf(vararg elements: Int): IntArray
fun charArrayOf(vararg elements: Char): CharArray
fun byteArrayOf(vararg elements: Byte): ByteArray
fun <reified T: Enum<T>> enumValues(): Array<T>
fun <reified T: Enum<T>> enumValueOf(name: String): T
annotation class Metadata(val kind: Int = 1, val metadataVersion: IntArray = null, val bytecodeVersion: IntArray = null, val data1: Array<String> = null, val data2: Array<String> = null, val extraString: String = "", val packageName: String = "", val extraInt: Int = 0)
open class NoWhenBranchMatchedException: RuntimeException {
    constructor()
    constructor(message: String?): super(message)
    constructor(message: String?, cause: Throwable?): super(message, cause)
    constructor(cause: Throwable?): super(cause)
}
class Nothing private constructor()
/** The base of the number classes. */
abstract class Number {
    abstract fun toDouble(): Double
    abstract fun toFloat(): Float
    abstract fun toLong(): Long
    abstract fun toInt(): Int
    abstract fun toShort(): Short
    abstract fun toByte(): Byte
}
class Byte private constructor(): Number(), Comparable<Byte> {
    companion object {
        const val MIN_VALUE: Byte
        const val MAX_VALUE: Byte
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    override operator fun compareTo(other: Byte): Int
    operator fun compareTo(other: Short): Int
    operator fun compareTo(other: Int): Int
    operator fun compareTo(other: Long): Int
    operator fun compareTo(other: Float): Int
    operator fun compareTo(other: Double): Int
    operator fun plus(other: Byte): Int
    operator fun plus(other: Short): Int
    operator fun plus(other: Int): Int
    operator fun plus(other: Long): Long
    operator fun plus(other: Float): Float
    operator fun plus(other: Double): Double
    operator fun minus(other: Byte): Int
    operator fun minus(other: Short): Int
    operator fun minus(other: Int): Int
    operator fun minus(other: Long): Long
    operator fun minus(other: Float): Float
    operator fun minus(other: Double): Double
    operator fun times(other: Byte): Int
    operator fun times(other: Short): Int
    operator fun times(other: Int): Int
    operator fun times(other: Long): Long
    operator fun times(other: Float): Float
    operator fun times(other: Double): Double
    operator fun div(other: Byte): Int
    operator fun div(other: Short): Int
    operator fun div(other: Int): Int
    operator fun div(other: Long): Long
    operator fun div(other: Float): Float
    operator fun div(other: Double): Double
    operator fun rem(other: Byte): Int
    operator fun rem(other: Short): Int
    operator fun rem(other: Int): Int
    operator fun rem(other: Long): Long
    operator fun rem(other: Float): Float
    operator fun rem(other: Double): Double
    operator fun inc(): Byte
    operator fun dec(): Byte
    operator fun unaryPlus(): Int
    operator fun unaryMinus(): Int
    operator fun rangeTo(other: Byte): IntRange
    operator fun rangeTo(other: Short): IntRange
    operator fun rangeTo(other: Int): IntRange
    operator fun rangeTo(other: Long): LongRange
    operator fun rangeUntil(other: Byte): IntRange
    operator fun rangeUntil(other: Short): IntRange
    operator fun rangeUntil(other: Int): IntRange
    operator fun rangeUntil(other: Long): LongRange
    override fun toByte(): Byte
    override fun toShort(): Short
    override fun toInt(): Int
    override fun toLong(): Long
    override fun toFloat(): Float
    override fun toDouble(): Double
    override fun toString(): String
    override fun equals(other: Any?): Boolean
}
class Short private constructor(): Number(), Comparable<Short> {
    companion object {
        const val MIN_VALUE: Short
        const val MAX_VALUE: Short
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: Byte): Int
    override operator fun compareTo(other: Short): Int
    operator fun compareTo(other: Int): Int
    operator fun compareTo(other: Long): Int
    operator fun compareTo(other: Float): Int
    operator fun compareTo(other: Double): Int
    operator fun plus(other: Byte): Int
    operator fun plus(other: Short): Int
    operator fun plus(other: Int): Int
    operator fun plus(other: Long): Long
    operator fun plus(other: Float): Float
    operator fun plus(other: Double): Double
    operator fun minus(other: Byte): Int
    operator fun minus(other: Short): Int
    operator fun minus(other: Int): Int
    operator fun minus(other: Long): Long
    operator fun minus(other: Float): Float
    operator fun minus(other: Double): Double
    operator fun times(other: Byte): Int
    operator fun times(other: Short): Int
    operator fun times(other: Int): Int
    operator fun times(other: Long): Long
    operator fun times(other: Float): Float
    operator fun times(other: Double): Double
    operator fun div(other: Byte): Int
    operator fun div(other: Short): Int
    operator fun div(other: Int): Int
    operator fun div(other: Long): Long
    operator fun div(other: Float): Float
    operator fun div(other: Double): Double
    operator fun rem(other: Byte): Int
    operator fun rem(other: Short): Int
    operator fun rem(other: Int): Int
    operator fun rem(other: Long): Long
    operator fun rem(other: Float): Float
    operator fun rem(other: Double): Double
    operator fun inc(): Short
    operator fun dec(): Short
    operator fun unaryPlus(): Int
    operator fun unaryMinus(): Int
    operator fun rangeTo(other: Byte): IntRange
    operator fun rangeTo(other: Short): IntRange
    operator fun rangeTo(other: Int): IntRange
    operator fun rangeTo(other: Long): LongRange
    operator fun rangeUntil(other: Byte): IntRange
    operator fun rangeUntil(other: Short): IntRange
    operator fun rangeUntil(other: Int): IntRange
    operator fun rangeUntil(other: Long): LongRange
    override fun toByte(): Byte
    override fun toShort(): Short
    override fun toInt(): Int
    override fun toLong(): Long
    override fun toFloat(): Float
    override fun toDouble(): Double
    override fun toString(): String
    override fun equals(other: Any?): Boolean
}
class Int private constructor(): Number(), Comparable<Int> {
    companion object {
        const val MIN_VALUE: Int
        const val MAX_VALUE: Int
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: Byte): Int
    operator fun compareTo(other: Short): Int
    override operator fun compareTo(other: Int): Int
    operator fun compareTo(other: Long): Int
    operator fun compareTo(other: Float): Int
    operator fun compareTo(other: Double): Int
    operator fun plus(other: Byte): Int
    operator fun plus(other: Short): Int
    operator fun plus(other: Int): Int
    operator fun plus(other: Long): Long
    operator fun plus(other: Float): Float
    operator fun plus(other: Double): Double
    operator fun minus(other: Byte): Int
    operator fun minus(other: Short): Int
    operator fun minus(other: Int): Int
    operator fun minus(other: Long): Long
    operator fun minus(other: Float): Float
    operator fun minus(other: Double): Double
    operator fun times(other: Byte): Int
    operator fun times(other: Short): Int
    operator fun times(other: Int): Int
    operator fun times(other: Long): Long
    operator fun times(other: Float): Float
    operator fun times(other: Double): Double
    operator fun div(other: Byte): Int
    operator fun div(other: Short): Int
    operator fun div(other: Int): Int
    operator fun div(other: Long): Long
    operator fun div(other: Float): Float
    operator fun div(other: Double): Double
    operator fun rem(other: Byte): Int
    operator fun rem(other: Short): Int
    operator fun rem(other: Int): Int
    operator fun rem(other: Long): Long
    operator fun rem(other: Float): Float
    operator fun rem(other: Double): Double
    operator fun inc(): Int
    operator fun dec(): Int
    operator fun unaryPlus(): Int
    operator fun unaryMinus(): Int
    operator fun rangeTo(other: Byte): IntRange
    operator fun rangeTo(other: Short): IntRange
    operator fun rangeTo(other: Int): IntRange
    operator fun rangeTo(other: Long): LongRange
    operator fun rangeUntil(other: Byte): IntRange
    operator fun rangeUntil(other: Short): IntRange
    operator fun rangeUntil(other: Int): IntRange
    operator fun rangeUntil(other: Long): LongRange
    infix fun shl(bitCount: Int): Int
    infix fun shr(bitCount: Int): Int
    infix fun ushr(bitCount: Int): Int
    infix fun and(other: Int): Int
    infix fun or(other: Int): Int
    infix fun xor(other: Int): Int
    fun inv(): Int
    override fun toByte(): Byte
    override fun toChar(): Char
    override fun toShort(): Short
    override fun toInt(): Int
    override fun toLong(): Long
    override fun toFloat(): Float
    override fun toDouble(): Double
    override fun toString(): String
    override fun equals(other: Any?): Boolean
}
class Long private constructor(): Number(), Comparable<Long> {
    companion object {
        const val MIN_VALUE: Long
        const val MAX_VALUE: Long
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: Byte): Int
    operator fun compareTo(other: Short): Int
    operator fun compareTo(other: Int): Int
    override operator fun compareTo(other: Long): Int
    operator fun compareTo(other: Float): Int
    operator fun compareTo(other: Double): Int
    operator fun plus(other: Byte): Long
    operator fun plus(other: Short): Long
    operator fun plus(other: Int): Long
    operator fun plus(other: Long): Long
    operator fun plus(other: Float): Float
    operator fun plus(other: Double): Double
    operator fun minus(other: Byte): Long
    operator fun minus(other: Short): Long
    operator fun minus(other: Int): Long
    operator fun minus(other: Long): Long
    operator fun minus(other: Float): Float
    operator fun minus(other: Double): Double
    operator fun times(other: Byte): Long
    operator fun times(other: Short): Long
    operator fun times(other: Int): Long
    operator fun times(other: Long): Long
    operator fun times(other: Float): Float
    operator fun times(other: Double): Double
    operator fun div(other: Byte): Long
    operator fun div(other: Short): Long
    operator fun div(other: Int): Long
    operator fun div(other: Long): Long
    operator fun div(other: Float): Float
    operator fun div(other: Double): Double
    operator fun rem(other: Byte): Long
    operator fun rem(other: Short): Long
    operator fun rem(other: Int): Long
    operator fun rem(other: Long): Long
    operator fun rem(other: Float): Float
    operator fun rem(other: Double): Double
    operator fun inc(): Long
    operator fun dec(): Long
    operator fun unaryPlus(): Long
    operator fun unaryMinus(): Long
    operator fun rangeTo(other: Byte): LongRange
    operator fun rangeTo(other: Short): LongRange
    operator fun rangeTo(other: Int): LongRange
    operator fun rangeTo(other: Long): LongRange
    operator fun rangeUntil(other: Byte): LongRange
    operator fun rangeUntil(other: Short): LongRange
    operator fun rangeUntil(other: Int): LongRange
    operator fun rangeUntil(other: Long): LongRange
    infix fun shl(bitCount: Int): Long
    infix fun shr(bitCount: Int): Long
    infix fun ushr(bitCount: Int): Long
    infix fun and(other: Long): Long
    infix fun or(other: Long): Long
    infix fun xor(other: Long): Long
    fun inv(): Long
    override fun toByte(): Byte
    override fun toShort(): Short
    override fun toInt(): Int
    override fun toLong(): Long
    override fun toFloat(): Float
    override fun toDouble(): Double
    override fun toString(): String
    override fun equals(other: Any?): Boolean
}
class Float private constructor(): Number(), Comparable<Float> {
    companion object {
        const val MIN_VALUE: Float
        const val MAX_VALUE: Float
        const val POSITIVE_INFINITY: Float
        const val NEGATIVE_INFINITY: Float
        const val NaN: Float
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: Byte): Int
    operator fun compareTo(other: Short): Int
    operator fun compareTo(other: Int): Int
    operator fun compareTo(other: Long): Int
    override operator fun compareTo(other: Float): Int
    operator fun compareTo(other: Double): Int
    operator fun plus(other: Byte): Float
    operator fun plus(other: Short): Float
    operator fun plus(other: Int): Float
    operator fun plus(other: Long): Float
    operator fun plus(other: Float): Float
    operator fun plus(other: Double): Double
    operator fun minus(other: Byte): Float
    operator fun minus(other: Short): Float
    operator fun minus(other: Int): Float
    operator fun minus(other: Long): Float
    operator fun minus(other: Float): Float
    operator fun minus(other: Double): Double
    operator fun times(other: Byte): Float
    operator fun times(other: Short): Float
    operator fun times(other: Int): Float
    operator fun times(other: Long): Float
    operator fun times(other: Float): Float
    operator fun times(other: Double): Double
    operator fun div(other: Byte): Float
    operator fun div(other: Short): Float
    operator fun div(other: Int): Float
    operator fun div(other: Long): Float
    operator fun div(other: Float): Float
    operator fun div(other: Double): Double
    operator fun rem(other: Byte): Float
    operator fun rem(other: Short): Float
    operator fun rem(other: Int): Float
    operator fun rem(other: Long): Float
    operator fun rem(other: Float): Float
    operator fun rem(other: Double): Double
    operator fun inc(): Float
    operator fun dec(): Float
    operator fun unaryPlus(): Float
    operator fun unaryMinus(): Float
    override fun toInt(): Int
    override fun toLong(): Long
    override fun toFloat(): Float
    override fun toDouble(): Double
    override fun toString(): String
    override fun equals(other: Any?): Boolean
}
class Double private constructor(): Number(), Comparable<Double> {
    companion object {
        const val MIN_VALUE: Double
        const val MAX_VALUE: Double
        const val POSITIVE_INFINITY: Double
        const val NEGATIVE_INFINITY: Double
        const val NaN: Double
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: Byte): Int
    operator fun compareTo(other: Short): Int
    operator fun compareTo(other: Int): Int
    operator fun compareTo(other: Long): Int
    operator fun compareTo(other: Float): Int
    override operator fun compareTo(other: Double): Int
    operator fun plus(other: Byte): Double
    operator fun plus(other: Short): Double
    operator fun plus(other: Int): Double
    operator fun plus(other: Long): Double
    operator fun plus(other: Float): Double
    operator fun plus(other: Double): Double
    operator fun minus(other: Byte): Double
    operator fun minus(other: Short): Double
    operator fun minus(other: Int): Double
    operator fun minus(other: Long): Double
    operator fun minus(other: Float): Double
    operator fun minus(other: Double): Double
    operator fun times(other: Byte): Double
    operator fun times(other: Short): Double
    operator fun times(other: Int): Double
    operator fun times(other: Long): Double
    operator fun times(other: Float): Double
    operator fun times(other: Double): Double
    operator fun div(other: Byte): Double
    operator fun div(other: Short): Double
    operator fun div(other: Int): Double
    operator fun div(other: Long): Double
    operator fun div(other: Float): Double
    operator fun div(other: Double): Double
    operator fun rem(other: Byte): Double
    operator fun rem(other: Short): Double
    operator fun rem(other: Int): Double
    operator fun rem(other: Long): Double
    operator fun rem(other: Float): Double
    operator fun rem(other: Double): Double
    operator fun inc(): Double
    operator fun dec(): Double
    operator fun unaryPlus(): Double
    operator fun unaryMinus(): Double
    override fun toInt(): Int
    override fun toLong(): Long
    override fun toFloat(): Float
    override fun toDouble(): Double
    override fun toString(): String
    override fun equals(other: Any?): Boolean
}
/** A text that never changes. */
class String: Comparable<String>, CharSequence {
    companion object
    operator fun plus(other: Any?): String
    override val length: Int
    override fun get(index: Int): Char
    override fun subSequence(startIndex: Int, endIndex: Int): CharSequence
    override fun compareTo(other: String): Int
    override fun equals(other: Any?): Boolean
    override fun toString(): String
}
/** The base of all that is thrown. */
open class Throwable(open val message: String?, open val cause: Throwable?) {
    constructor(message: String?): this(message, null)
    constructor(cause: Throwable?): this(cause?.toString(), cause)
    constructor(): this(null, null)
}
typealias Throws = kotlin.jvm.Throws
typealias Error = java.lang.Error
typealias Exception = java.lang.Exception
typealias RuntimeException = java.lang.RuntimeException
typealias IllegalArgumentException = java.lang.IllegalArgumentException
typealias IllegalStateException = java.lang.IllegalStateException
typealias IndexOutOfBoundsException = java.lang.IndexOutOfBoundsException
typealias UnsupportedOperationException = java.lang.UnsupportedOperationException
typealias ArithmeticException = java.lang.ArithmeticException
typealias NumberFormatException = java.lang.NumberFormatException
typealias NullPointerException = java.lang.NullPointerException
typealias ClassCastException = java.lang.ClassCastException
typealias AssertionError = java.lang.AssertionError
typealias NoSuchElementException = java.util.NoSuchElementException
typealias ConcurrentModificationException = java.util.ConcurrentModificationException
typealias Comparator<T> = java.util.Comparator<T>
open class TypeCastException: ClassCastException {
    constructor()
    constructor(message: String?): super(message)
}
class UninitializedPropertyAccessException: RuntimeException {
    constructor()
    constructor(message: String?): super(message)
    constructor(message: String?, cause: Throwable?): super(message, cause)
    constructor(cause: Throwable?): super(cause)
}
/** What a function gives that gives nothing. */
object Unit {
    override fun toString()
}
fun assert(value: Boolean)
fun assert(value: Boolean, lazyMessage: () -> Any)
operator fun BigDecimal.plus(other: BigDecimal): BigDecimal
operator fun BigDecimal.minus(other: BigDecimal): BigDecimal
operator fun BigDecimal.times(other: BigDecimal): BigDecimal
operator fun BigDecimal.div(other: BigDecimal): BigDecimal
operator fun BigDecimal.rem(other: BigDecimal): BigDecimal
operator fun BigDecimal.unaryMinus(): BigDecimal
operator fun BigDecimal.inc(): BigDecimal
operator fun BigDecimal.dec(): BigDecimal
fun Int.toBigDecimal(): BigDecimal
fun Int.toBigDecimal(mathContext: MathContext): BigDecimal
fun Long.toBigDecimal(): BigDecimal
fun Long.toBigDecimal(mathContext: MathContext): BigDecimal
fun Float.toBigDecimal(): BigDecimal
fun Float.toBigDecimal(mathContext: MathContext): BigDecimal
fun Double.toBigDecimal(): BigDecimal
fun Double.toBigDecimal(mathContext: MathContext): BigDecimal
operator fun BigInteger.plus(other: BigInteger): BigInteger
operator fun BigInteger.minus(other: BigInteger): BigInteger
operator fun BigInteger.times(other: BigInteger): BigInteger
operator fun BigInteger.div(other: BigInteger): BigInteger
operator fun BigInteger.rem(other: BigInteger): BigInteger
operator fun BigInteger.unaryMinus(): BigInteger
operator fun BigInteger.inc(): BigInteger
operator fun BigInteger.dec(): BigInteger
fun BigInteger.inv(): BigInteger
infix fun BigInteger.and(other: BigInteger): BigInteger
infix fun BigInteger.or(other: BigInteger): BigInteger
infix fun BigInteger.xor(other: BigInteger): BigInteger
infix fun BigInteger.shl(n: Int): BigInteger
infix fun BigInteger.shr(n: Int): BigInteger
fun Int.toBigInteger(): BigInteger
fun Long.toBigInteger(): BigInteger
fun BigInteger.toBigDecimal(): BigDecimal
fun BigInteger.toBigDecimal(scale: Int = 0, mathContext: MathContext = null): BigDecimal
fun Throwable.printStackTrace(): Unit
fun Throwable.printStackTrace(writer: PrintWriter): Unit
fun Throwable.printStackTrace(stream: PrintStream): Unit
val Throwable.stackTrace: Array<StackTraceElement>
fun Throwable.stackTraceToString(): String
fun Throwable.addSuppressed(exception: Throwable)
val Throwable.suppressedExceptions: List<Throwable>
/** A value that is made when it is first asked for. */
fun <T> lazy(initializer: () -> T): Lazy<T>
/** A value that is made when it is first asked for. */
fun <T> lazy(mode: LazyThreadSafetyMode, initializer: () -> T): Lazy<T>
/** A value that is made when it is first asked for. */
fun <T> lazy(lock: Any?, initializer: () -> T): Lazy<T>
fun Double.isNaN(): Boolean
fun Float.isNaN(): Boolean
fun Double.isInfinite(): Boolean
fun Float.isInfinite(): Boolean
fun Double.isFinite(): Boolean
fun Float.isFinite(): Boolean
fun Double.toBits(): Long
fun Double.toRawBits(): Long
fun Double.Companion.fromBits(bits: Long): Double
fun Float.toBits(): Int
fun Float.toRawBits(): Int
fun Float.Companion.fromBits(bits: Int): Float
fun Int.countOneBits(): Int
fun Int.countLeadingZeroBits(): Int
fun Int.countTrailingZeroBits(): Int
fun Int.takeHighestOneBit(): Int
fun Int.takeLowestOneBit(): Int
fun Int.rotateLeft(bitCount: Int): Int
fun Int.rotateRight(bitCount: Int): Int
fun Long.countOneBits(): Int
fun Long.countLeadingZeroBits(): Int
fun Long.countTrailingZeroBits(): Int
fun Long.takeHighestOneBit(): Long
fun Long.takeLowestOneBit(): Long
fun Long.rotateLeft(bitCount: Int): Long
fun Long.rotateRight(bitCount: Int): Long
/** Runs the block while it holds the lock. */
fun <R> synchronized(lock: Any, block: () -> R): R
/** What `use` closes at its end. */
interface AutoCloseable {
    fun close(): Unit
}
fun <T: AutoCloseable?, R> T.use(block: (T) -> R): R
/** One UTF-16 code unit. */
fun Char(code: Int): Char
val Char.code: Int
value class UByte internal constructor(internal val data: Byte): Comparable<UByte> {
    companion object {
        const val MIN_VALUE: UByte
        const val MAX_VALUE: UByte
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    override operator fun compareTo(other: UByte): Int
    operator fun compareTo(other: UShort): Int
    operator fun compareTo(other: UInt): Int
    operator fun compareTo(other: ULong): Int
    operator fun plus(other: UByte): UInt
    operator fun plus(other: UShort): UInt
    operator fun plus(other: UInt): UInt
    operator fun plus(other: ULong): ULong
    operator fun minus(other: UByte): UInt
    operator fun minus(other: UShort): UInt
    operator fun minus(other: UInt): UInt
    operator fun minus(other: ULong): ULong
    operator fun times(other: UByte): UInt
    operator fun times(other: UShort): UInt
    operator fun times(other: UInt): UInt
    operator fun times(other: ULong): ULong
    operator fun div(other: UByte): UInt
    operator fun div(other: UShort): UInt
    operator fun div(other: UInt): UInt
    operator fun div(other: ULong): ULong
    operator fun rem(other: UByte): UInt
    operator fun rem(other: UShort): UInt
    operator fun rem(other: UInt): UInt
    operator fun rem(other: ULong): ULong
    fun floorDiv(other: UByte): UInt
    fun floorDiv(other: UShort): UInt
    fun floorDiv(other: UInt): UInt
    fun floorDiv(other: ULong): ULong
    fun mod(other: UByte): UByte
    fun mod(other: UShort): UShort
    fun mod(other: UInt): UInt
    fun mod(other: ULong): ULong
    operator fun inc(): UByte
    operator fun dec(): UByte
    operator fun rangeTo(other: UByte): UIntRange
    operator fun rangeUntil(other: UByte): UIntRange
    infix fun and(other: UByte): UByte
    infix fun or(other: UByte): UByte
    infix fun xor(other: UByte): UByte
    fun inv(): UByte
    fun toByte(): Byte
    fun toShort(): Short
    fun toInt(): Int
    fun toLong(): Long
    fun toUByte(): UByte
    fun toUShort(): UShort
    fun toUInt(): UInt
    fun toULong(): ULong
    fun toFloat(): Float
    fun toDouble(): Double
    override fun toString(): String
}
value class UByteArray
value class UInt internal constructor(internal val data: Int): Comparable<UInt> {
    companion object {
        const val MIN_VALUE: UInt
        const val MAX_VALUE: UInt
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: UByte): Int
    operator fun compareTo(other: UShort): Int
    override operator fun compareTo(other: UInt): Int
    operator fun compareTo(other: ULong): Int
    operator fun plus(other: UByte): UInt
    operator fun plus(other: UShort): UInt
    operator fun plus(other: UInt): UInt
    operator fun plus(other: ULong): ULong
    operator fun minus(other: UByte): UInt
    operator fun minus(other: UShort): UInt
    operator fun minus(other: UInt): UInt
    operator fun minus(other: ULong): ULong
    operator fun times(other: UByte): UInt
    operator fun times(other: UShort): UInt
    operator fun times(other: UInt): UInt
    operator fun times(other: ULong): ULong
    operator fun div(other: UByte): UInt
    operator fun div(other: UShort): UInt
    operator fun div(other: UInt): UInt
    operator fun div(other: ULong): ULong
    operator fun rem(other: UByte): UInt
    operator fun rem(other: UShort): UInt
    operator fun rem(other: UInt): UInt
    operator fun rem(other: ULong): ULong
    fun floorDiv(other: UByte): UInt
    fun floorDiv(other: UShort): UInt
    fun floorDiv(other: UInt): UInt
    fun floorDiv(other: ULong): ULong
    fun mod(other: UByte): UByte
    fun mod(other: UShort): UShort
    fun mod(other: UInt): UInt
    fun mod(other: ULong): ULong
    operator fun inc(): UInt
    operator fun dec(): UInt
    operator fun rangeTo(other: UInt): UIntRange
    operator fun rangeUntil(other: UInt): UIntRange
    infix fun shl(bitCount: Int): UInt
    infix fun shr(bitCount: Int): UInt
    infix fun and(other: UInt): UInt
    infix fun or(other: UInt): UInt
    infix fun xor(other: UInt): UInt
    fun inv(): UInt
    fun toByte(): Byte
    fun toShort(): Short
    fun toInt(): Int
    fun toLong(): Long
    fun toUByte(): UByte
    fun toUShort(): UShort
    fun toUInt(): UInt
    fun toULong(): ULong
    fun toFloat(): Float
    fun toDouble(): Double
    override fun toString(): String
}
fun Byte.toUInt(): UInt
fun Short.toUInt(): UInt
fun Int.toUInt(): UInt
fun Long.toUInt(): UInt
fun Float.toUInt(): UInt
fun Double.toUInt(): UInt
value class UIntArray
value class ULong internal constructor(internal val data: Long): Comparable<ULong> {
    companion object {
        const val MIN_VALUE: ULong
        const val MAX_VALUE: ULong
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: UByte): Int
    operator fun compareTo(other: UShort): Int
    operator fun compareTo(other: UInt): Int
    override operator fun compareTo(other: ULong): Int
    operator fun plus(other: UByte): ULong
    operator fun plus(other: UShort): ULong
    operator fun plus(other: UInt): ULong
    operator fun plus(other: ULong): ULong
    operator fun minus(other: UByte): ULong
    operator fun minus(other: UShort): ULong
    operator fun minus(other: UInt): ULong
    operator fun minus(other: ULong): ULong
    operator fun times(other: UByte): ULong
    operator fun times(other: UShort): ULong
    operator fun times(other: UInt): ULong
    operator fun times(other: ULong): ULong
    operator fun div(other: UByte): ULong
    operator fun div(other: UShort): ULong
    operator fun div(other: UInt): ULong
    operator fun div(other: ULong): ULong
    operator fun rem(other: UByte): ULong
    operator fun rem(other: UShort): ULong
    operator fun rem(other: UInt): ULong
    operator fun rem(other: ULong): ULong
    fun floorDiv(other: UByte): ULong
    fun floorDiv(other: UShort): ULong
    fun floorDiv(other: UInt): ULong
    fun floorDiv(other: ULong): ULong
    fun mod(other: UByte): UByte
    fun mod(other: UShort): UShort
    fun mod(other: UInt): UInt
    fun mod(other: ULong): ULong
    operator fun inc(): ULong
    operator fun dec(): ULong
    operator fun rangeTo(other: ULong): ULongRange
    operator fun rangeUntil(other: ULong): ULongRange
    infix fun shl(bitCount: Int): ULong
    infix fun shr(bitCount: Int): ULong
    infix fun and(other: ULong): ULong
    infix fun or(other: ULong): ULong
    infix fun xor(other: ULong): ULong
    fun inv(): ULong
    fun toByte(): Byte
    fun toShort(): Short
    fun toInt(): Int
    fun toLong(): Long
    fun toUByte(): UByte
    fun toUShort(): UShort
    fun toUInt(): UInt
    fun toULong(): ULong
    fun toFloat(): Float
    fun toDouble(): Double
    override fun toString(): String
}
fun Byte.toULong(): ULong
fun Short.toULong(): ULong
fun Int.toULong(): ULong
fun Long.toULong(): ULong
fun Float.toULong(): ULong
fun Double.toULong(): ULong
value class ULongArray
fun UInt.countOneBits(): Int
fun UInt.countLeadingZeroBits(): Int
fun UInt.countTrailingZeroBits(): Int
fun UInt.takeHighestOneBit(): UInt
fun UInt.takeLowestOneBit(): UInt
fun UInt.rotateLeft(bitCount: Int): UInt
fun UInt.rotateRight(bitCount: Int): UInt
fun ULong.countOneBits(): Int
fun ULong.countLeadingZeroBits(): Int
fun ULong.countTrailingZeroBits(): Int
fun ULong.takeHighestOneBit(): ULong
fun ULong.takeLowestOneBit(): ULong
fun ULong.rotateLeft(bitCount: Int): ULong
fun ULong.rotateRight(bitCount: Int): ULong
value class UShort internal constructor(internal val data: Short): Comparable<UShort> {
    companion object {
        const val MIN_VALUE: UShort
        const val MAX_VALUE: UShort
        const val SIZE_BYTES: Int
        const val SIZE_BITS: Int
    }
    operator fun compareTo(other: UByte): Int
    override operator fun compareTo(other: UShort): Int
    operator fun compareTo(other: UInt): Int
    operator fun compareTo(other: ULong): Int
    operator fun plus(other: UByte): UInt
    operator fun plus(other: UShort): UInt
    operator fun plus(other: UInt): UInt
    operator fun plus(other: ULong): ULong
    operator fun minus(other: UByte): UInt
    operator fun minus(other: UShort): UInt
    operator fun minus(other: UInt): UInt
    operator fun minus(other: ULong): ULong
    operator fun times(other: UByte): UInt
    operator fun times(other: UShort): UInt
    operator fun times(other: UInt): UInt
    operator fun times(other: ULong): ULong
    operator fun div(other: UByte): UInt
    operator fun div(other: UShort): UInt
    operator fun div(other: UInt): UInt
    operator fun div(other: ULong): ULong
    operator fun rem(other: UByte): UInt
    operator fun rem(other: UShort): UInt
    operator fun rem(other: UInt): UInt
    operator fun rem(other: ULong): ULong
    fun floorDiv(other: UByte): UInt
    fun floorDiv(other: UShort): UInt
    fun floorDiv(other: UInt): UInt
    fun floorDiv(other: ULong): ULong
    fun mod(other: UByte): UByte
    fun mod(other: UShort): UShort
    fun mod(other: UInt): UInt
    fun mod(other: ULong): ULong
    operator fun inc(): UShort
    operator fun dec(): UShort
    operator fun rangeTo(other: UShort): UIntRange
    operator fun rangeUntil(other: UShort): UIntRange
    infix fun and(other: UShort): UShort
    infix fun or(other: UShort): UShort
    infix fun xor(other: UShort): UShort
    fun inv(): UShort
    fun toByte(): Byte
    fun toShort(): Short
    fun toInt(): Int
    fun toLong(): Long
    fun toUByte(): UByte
    fun toUShort(): UShort
    fun toUInt(): UInt
    fun toULong(): ULong
    fun toFloat(): Float
    fun toDouble(): Double
    override fun toString(): String
}
value class UShortArray
annotation class ExperimentalStdlibApi
annotation class BuilderInference
annotation class OverloadResolutionByLambdaReturnType
annotation class ExperimentalMultiplatform
annotation class OptionalExpectation
annotation class RequiresOptIn(val message: String = "", val level: Level = null) {
    enum class Level {
        WARNING,
        ERROR,
    }
}
annotation class OptIn(vararg val markerClass: KClass<out Annotation>)
annotation class ExperimentalSubclassOptIn
annotation class SubclassOptInRequired(val markerClass: KClass<out Annotation>)
annotation class ExperimentalUnsignedTypes
infix fun <T> Comparable<T>.compareTo(other: T): Int
operator fun <V> KProperty0<V>.getValue(thisRef: Any?, property: KProperty<*>): V
operator fun <V> KMutableProperty0<V>.setValue(thisRef: Any?, property: KProperty<*>, value: V)
operator fun <T, V> KProperty1<T, V>.getValue(thisRef: T, property: KProperty<*>): V
operator fun <T, V> KMutableProperty1<T, V>.setValue(thisRef: T, property: KProperty<*>, value: V)
class DeepRecursiveFunction<T, R>(internal val block: suspend DeepRecursiveScope<T, R>.(T) -> R)
operator fun <T, R> DeepRecursiveFunction<T, R>.invoke(value: T): R
sealed class DeepRecursiveScope<T, R> {
    abstract suspend fun callRecursive(value: T): R
    abstract suspend fun <U, S> DeepRecursiveFunction<U, S>.callRecursive(value: U): S
}
fun Byte.floorDiv(other: Byte): Int
fun Byte.mod(other: Byte): Byte
fun Byte.floorDiv(other: Short): Int
fun Byte.mod(other: Short): Short
fun Byte.floorDiv(other: Int): Int
fun Byte.mod(other: Int): Int
fun Byte.floorDiv(other: Long): Long
fun Byte.mod(other: Long): Long
fun Short.floorDiv(other: Byte): Int
fun Short.mod(other: Byte): Byte
fun Short.floorDiv(other: Short): Int
fun Short.mod(other: Short): Short
fun Short.floorDiv(other: Int): Int
fun Short.mod(other: Int): Int
fun Short.floorDiv(other: Long): Long
fun Short.mod(other: Long): Long
fun Int.floorDiv(other: Byte): Int
fun Int.mod(other: Byte): Byte
fun Int.floorDiv(other: Short): Int
fun Int.mod(other: Short): Short
fun Int.floorDiv(other: Int): Int
fun Int.mod(other: Int): Int
fun Int.floorDiv(other: Long): Long
fun Int.mod(other: Long): Long
fun Long.floorDiv(other: Byte): Long
fun Long.mod(other: Byte): Byte
fun Long.floorDiv(other: Short): Long
fun Long.mod(other: Short): Short
fun Long.floorDiv(other: Int): Long
fun Long.mod(other: Int): Int
fun Long.floorDiv(other: Long): Long
fun Long.mod(other: Long): Long
fun Float.mod(other: Float): Float
fun Float.mod(other: Double): Double
fun Double.mod(other: Float): Double
fun Double.mod(other: Double): Double
fun Any?.hashCode(): Int
class KotlinVersion(val major: Int, val minor: Int, val patch: Int): Comparable<KotlinVersion> {
    constructor(major: Int, minor: Int): this(major, minor, 0)
    override fun toString(): String
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
    override fun compareTo(other: KotlinVersion): Int
    fun isAtLeast(major: Int, minor: Int): Boolean
    fun isAtLeast(major: Int, minor: Int, patch: Int): Boolean
    companion object {
        const val MAX_COMPONENT_VALUE
        val CURRENT: KotlinVersion
    }
}
val KProperty0<*>.isInitialized: Boolean
/** A value that is made when it is first asked for. */
interface Lazy<out T> {
    val value: T
    fun isInitialized(): Boolean
}
fun <T> lazyOf(value: T): Lazy<T>
operator fun <T> Lazy<T>.getValue(thisRef: Any?, property: KProperty<*>): T
enum class LazyThreadSafetyMode {
    SYNCHRONIZED,
    PUBLICATION,
    NONE,
}
fun Byte.countOneBits(): Int
fun Byte.countLeadingZeroBits(): Int
fun Byte.countTrailingZeroBits(): Int
fun Byte.takeHighestOneBit(): Byte
fun Byte.takeLowestOneBit(): Byte
fun Byte.rotateLeft(bitCount: Int): Byte
fun Byte.rotateRight(bitCount: Int): Byte
fun Short.countOneBits(): Int
fun Short.countLeadingZeroBits(): Int
fun Short.countTrailingZeroBits(): Int
fun Short.takeHighestOneBit(): Short
fun Short.takeLowestOneBit(): Short
fun Short.rotateLeft(bitCount: Int): Short
fun Short.rotateRight(bitCount: Int): Short
/** Throws `IllegalArgumentException` where an argument is not as demanded. */
fun require(value: Boolean): Unit
/** Throws `IllegalArgumentException` where an argument is not as demanded. */
fun require(value: Boolean, lazyMessage: () -> Any): Unit
fun <T: Any> requireNotNull(value: T?): T
fun <T: Any> requireNotNull(value: T?, lazyMessage: () -> Any): T
/** Throws `IllegalStateException` where a state is not as demanded. */
fun check(value: Boolean): Unit
/** Throws `IllegalStateException` where a state is not as demanded. */
fun check(value: Boolean, lazyMessage: () -> Any): Unit
fun <T: Any> checkNotNull(value: T?): T
fun <T: Any> checkNotNull(value: T?, lazyMessage: () -> Any): T
/** Throws `IllegalStateException`. */
fun error(message: Any): Nothing
value class Result<out T> internal constructor(internal val value: Any?) {
    val isSuccess: Boolean
    val isFailure: Boolean
    fun getOrNull(): T?
    fun exceptionOrNull(): Throwable?
    override fun toString(): String
    companion object {
        fun <T> success(value: T): Result<T>
        fun <T> failure(exception: Throwable): Result<T>
    }
}
/** Runs the block; its result, or what it threw. */
fun <R> runCatching(block: () -> R): Result<R>
/** Runs the block; its result, or what it threw. */
fun <T, R> T.runCatching(block: T.() -> R): Result<R>
fun <T> Result<T>.getOrThrow(): T
fun <R, T: R> Result<T>.getOrElse(onFailure: (exception: Throwable) -> R): R
fun <R, T: R> Result<T>.getOrDefault(defaultValue: R): R
fun <R, T> Result<T>.fold(onSuccess: (value: T) -> R, onFailure: (exception: Throwable) -> R): R
fun <R, T> Result<T>.map(transform: (value: T) -> R): Result<R>
fun <R, T> Result<T>.mapCatching(transform: (value: T) -> R): Result<R>
fun <R, T: R> Result<T>.recover(transform: (exception: Throwable) -> R): Result<R>
fun <R, T: R> Result<T>.recoverCatching(transform: (exception: Throwable) -> R): Result<R>
fun <T> Result<T>.onFailure(action: (exception: Throwable) -> Unit): Result<T>
fun <T> Result<T>.onSuccess(action: (value: T) -> Unit): Result<T>
class NotImplementedError(message: String = "An operation is not implemented."): Error(message)
/** Throws `NotImplementedError`. */
fun TODO(): Nothing
/** Throws `NotImplementedError`. */
fun TODO(reason: String): Nothing
/** Runs the block on the receiver; gives the block's result. */
fun <R> run(block: () -> R): R
/** Runs the block on the receiver; gives the block's result. */
fun <T, R> T.run(block: T.() -> R): R
/** Runs the block on a value; gives the block's result. */
fun <T, R> with(receiver: T, block: T.() -> R): R
/** Runs the block on the receiver; gives the receiver. */
fun <T> T.apply(block: T.() -> Unit): T
/** Hands the receiver to the block; gives the receiver. */
fun <T> T.also(block: (T) -> Unit): T
/** Hands the receiver to the block; gives the block's result. */
fun <T, R> T.let(block: (T) -> R): R
/** The receiver where the test holds, else null. */
fun <T> T.takeIf(predicate: (T) -> Boolean): T?
/** The receiver where the test does not hold, else null. */
fun <T> T.takeUnless(predicate: (T) -> Boolean): T?
/** Runs the block so many times. */
fun repeat(times: Int, action: (Int) -> Unit)
/** Two values. */
data class Pair<out A, out B>(val first: A, val second: B) {
    override fun toString(): String
}
/** A pair of both. */
infix fun <A, B> A.to(that: B): Pair<A, B>
fun <T> Pair<T, T>.toList(): List<T>
/** Three values. */
data class Triple<out A, out B, out C>(val first: A, val second: B, val third: C) {
    override fun toString(): String
}
fun <T> Triple<T, T, T>.toList(): List<T>
