package kotlin.text

import java.nio.ByteBuffer
import java.nio.CharBuffer
import java.nio.charset.*
import java.nio.charset.Charset
import java.nio.charset.CodingErrorAction
import java.util.Collections
import java.util.EnumSet
import java.util.Locale
import java.util.regex.Matcher
import java.util.regex.Pattern
import kotlin.jvm.JvmName
import kotlin.random.*

fun CharSequence.elementAt(index: Int): Char
fun CharSequence.toSortedSet(): java.util.SortedSet<Char>
fun CharSequence.sumOf(selector: (Char) -> java.math.BigDecimal): java.math.BigDecimal
fun CharSequence.sumOf(selector: (Char) -> java.math.BigInteger): java.math.BigInteger
enum class CharCategory(val value: Int, actual val code: String) {
    UNASSIGNED,
    UPPERCASE_LETTER,
    LOWERCASE_LETTER,
    TITLECASE_LETTER,
    MODIFIER_LETTER,
    OTHER_LETTER,
    NON_SPACING_MARK,
    ENCLOSING_MARK,
    COMBINING_SPACING_MARK,
    DECIMAL_DIGIT_NUMBER,
    LETTER_NUMBER,
    OTHER_NUMBER,
    SPACE_SEPARATOR,
    LINE_SEPARATOR,
    PARAGRAPH_SEPARATOR,
    CONTROL,
    FORMAT,
    PRIVATE_USE,
    SURROGATE,
    DASH_PUNCTUATION,
    START_PUNCTUATION,
    END_PUNCTUATION,
    CONNECTOR_PUNCTUATION,
    OTHER_PUNCTUATION,
    MATH_SYMBOL,
    CURRENCY_SYMBOL,
    MODIFIER_SYMBOL,
    OTHER_SYMBOL,
    INITIAL_QUOTE_PUNCTUATION,
    FINAL_QUOTE_PUNCTUATION;
    operator fun contains(char: Char): Boolean
    companion object {
        fun valueOf(category: Int): CharCategory
    }
}
enum class CharDirectionality(val value: Int) {
    UNDEFINED,
    LEFT_TO_RIGHT,
    RIGHT_TO_LEFT,
    RIGHT_TO_LEFT_ARABIC,
    EUROPEAN_NUMBER,
    EUROPEAN_NUMBER_SEPARATOR,
    EUROPEAN_NUMBER_TERMINATOR,
    ARABIC_NUMBER,
    COMMON_NUMBER_SEPARATOR,
    NONSPACING_MARK,
    BOUNDARY_NEUTRAL,
    PARAGRAPH_SEPARATOR,
    SEGMENT_SEPARATOR,
    WHITESPACE,
    OTHER_NEUTRALS,
    LEFT_TO_RIGHT_EMBEDDING,
    LEFT_TO_RIGHT_OVERRIDE,
    RIGHT_TO_LEFT_EMBEDDING,
    RIGHT_TO_LEFT_OVERRIDE,
    POP_DIRECTIONAL_FORMAT;
    companion object {
        fun valueOf(directionality: Int): CharDirectionality
    }
}
val Char.category: CharCategory
fun Char.isDefined(): Boolean
fun Char.isLetter(): Boolean
fun Char.isLetterOrDigit(): Boolean
fun Char.isDigit(): Boolean
fun Char.isIdentifierIgnorable(): Boolean
fun Char.isISOControl(): Boolean
fun Char.isJavaIdentifierPart(): Boolean
fun Char.isJavaIdentifierStart(): Boolean
fun Char.isWhitespace(): Boolean
fun Char.isUpperCase(): Boolean
fun Char.isLowerCase(): Boolean
fun Char.uppercaseChar(): Char
fun Char.uppercase(): String
fun Char.uppercase(locale: Locale): String
fun Char.lowercaseChar(): Char
fun Char.lowercase(): String
fun Char.lowercase(locale: Locale): String
fun Char.isTitleCase(): Boolean
fun Char.titlecaseChar(): Char
fun Char.titlecase(locale: Locale): String
val Char.directionality: CharDirectionality
fun Char.isHighSurrogate(): Boolean
fun Char.isLowSurrogate(): Boolean
fun charset(charsetName: String): Charset
object Charsets {
    val UTF_8: Charset
    val UTF_16: Charset
    val UTF_16BE: Charset
    val UTF_16LE: Charset
    val US_ASCII: Charset
    val ISO_8859_1: Charset
    val UTF_32: Charset
    val UTF_32LE: Charset
    val UTF_32BE: Charset
}
fun StringBuilder.clear(): StringBuilder
operator fun StringBuilder.set(index: Int, value: Char): Unit
fun StringBuilder.setRange(startIndex: Int, endIndex: Int, value: String): StringBuilder
fun StringBuilder.deleteAt(index: Int): StringBuilder
fun StringBuilder.deleteRange(startIndex: Int, endIndex: Int): StringBuilder
fun StringBuilder.toCharArray(destination: CharArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null)
fun StringBuilder.appendRange(value: CharArray, startIndex: Int, endIndex: Int): StringBuilder
fun StringBuilder.appendRange(value: CharSequence, startIndex: Int, endIndex: Int): StringBuilder
fun StringBuilder.insertRange(index: Int, value: CharArray, startIndex: Int, endIndex: Int): StringBuilder
fun StringBuilder.insertRange(index: Int, value: CharSequence, startIndex: Int, endIndex: Int): StringBuilder
fun StringBuilder.appendLine(value: StringBuffer?): StringBuilder
fun StringBuilder.appendLine(value: StringBuilder?): StringBuilder
fun StringBuilder.appendLine(value: Int): StringBuilder
fun StringBuilder.appendLine(value: Short): StringBuilder
fun StringBuilder.appendLine(value: Byte): StringBuilder
fun StringBuilder.appendLine(value: Long): StringBuilder
fun StringBuilder.appendLine(value: Float): StringBuilder
fun StringBuilder.appendLine(value: Double): StringBuilder
fun Byte.toString(radix: Int): String
fun Short.toString(radix: Int): String
fun Int.toString(radix: Int): String
fun Long.toString(radix: Int): String
fun String?.toBoolean(): Boolean
fun String.toByte(): Byte
fun String.toByte(radix: Int): Byte
fun String.toShort(): Short
fun String.toShort(radix: Int): Short
/** The number that is written, or an exception. */
fun String.toInt(): Int
/** The number that is written, or an exception. */
fun String.toInt(radix: Int): Int
fun String.toLong(): Long
fun String.toLong(radix: Int): Long
fun String.toFloat(): Float
fun String.toDouble(): Double
fun String.toFloatOrNull(): Float?
fun String.toDoubleOrNull(): Double?
fun String.toBigInteger(): java.math.BigInteger
fun String.toBigInteger(radix: Int): java.math.BigInteger
fun String.toBigIntegerOrNull(): java.math.BigInteger?
fun String.toBigIntegerOrNull(radix: Int): java.math.BigInteger?
fun String.toBigDecimal(): java.math.BigDecimal
fun String.toBigDecimal(mathContext: java.math.MathContext): java.math.BigDecimal
fun String.toBigDecimalOrNull(): java.math.BigDecimal?
fun String.toBigDecimalOrNull(mathContext: java.math.MathContext): java.math.BigDecimal?
fun String?.equals(other: String?, ignoreCase: Boolean = false): Boolean
/** The text with one part in place of another. */
fun String.replace(oldChar: Char, newChar: Char, ignoreCase: Boolean = false): String
/** The text with one part in place of another. */
fun String.replace(oldValue: String, newValue: String, ignoreCase: Boolean = false): String
fun String.replaceFirst(oldChar: Char, newChar: Char, ignoreCase: Boolean = false): String
fun String.replaceFirst(oldValue: String, newValue: String, ignoreCase: Boolean = false): String
fun String.uppercase(): String
fun String.lowercase(): String
fun CharArray.concatToString(): String
fun CharArray.concatToString(startIndex: Int = 0, endIndex: Int = null): String
fun String.toCharArray(startIndex: Int = 0, endIndex: Int = null): CharArray
fun ByteArray.decodeToString(): String
fun ByteArray.decodeToString(startIndex: Int = 0, endIndex: Int = null, throwOnInvalidSequence: Boolean = false): String
fun String.encodeToByteArray(): ByteArray
fun String.encodeToByteArray(startIndex: Int = 0, endIndex: Int = null, throwOnInvalidSequence: Boolean = false): ByteArray
fun String.toCharArray(): CharArray
fun String.toCharArray(destination: CharArray, destinationOffset: Int = 0, startIndex: Int = 0, endIndex: Int = null): CharArray
fun String.format(vararg args: Any?): String
fun String.Companion.format(format: String, vararg args: Any?): String
fun String.format(locale: Locale?, vararg args: Any?): String
fun String.Companion.format(locale: Locale?, format: String, vararg args: Any?): String
/** The parts between separators. */
fun CharSequence.split(regex: Pattern, limit: Int = 0): List<String>
fun String.substring(startIndex: Int): String
fun String.substring(startIndex: Int, endIndex: Int): String
/** Does the text begin so? */
fun String.startsWith(prefix: String, ignoreCase: Boolean = false): Boolean
/** Does the text begin so? */
fun String.startsWith(prefix: String, startIndex: Int, ignoreCase: Boolean = false): Boolean
/** Does the text end so? */
fun String.endsWith(suffix: String, ignoreCase: Boolean = false): Boolean
fun String(bytes: ByteArray, offset: Int, length: Int, charset: Charset): String
fun String(bytes: ByteArray, charset: Charset): String
fun String(bytes: ByteArray, offset: Int, length: Int): String
fun String(bytes: ByteArray): String
fun String(chars: CharArray): String
fun String(chars: CharArray, offset: Int, length: Int): String
fun String(codePoints: IntArray, offset: Int, length: Int): String
fun String(stringBuffer: java.lang.StringBuffer): String
fun String(stringBuilder: java.lang.StringBuilder): String
fun String.codePointAt(index: Int): Int
fun String.codePointBefore(index: Int): Int
fun String.codePointCount(beginIndex: Int, endIndex: Int): Int
fun String.compareTo(other: String, ignoreCase: Boolean = false): Int
fun String.contentEquals(charSequence: CharSequence): Boolean
fun String.contentEquals(stringBuilder: StringBuffer): Boolean
infix fun CharSequence?.contentEquals(other: CharSequence?): Boolean
fun CharSequence?.contentEquals(other: CharSequence?, ignoreCase: Boolean): Boolean
fun String.intern(): String
/** Is there nothing but white space? */
fun CharSequence.isBlank(): Boolean
fun String.offsetByCodePoints(index: Int, codePointOffset: Int): Int
fun CharSequence.regionMatches(thisOffset: Int, other: CharSequence, otherOffset: Int, length: Int, ignoreCase: Boolean = false): Boolean
fun String.regionMatches(thisOffset: Int, other: String, otherOffset: Int, length: Int, ignoreCase: Boolean = false): Boolean
fun String.lowercase(locale: Locale): String
fun String.uppercase(locale: Locale): String
fun String.toByteArray(charset: Charset = null): ByteArray
fun String.toPattern(flags: Int = 0): java.util.regex.Pattern
fun CharSequence.repeat(n: Int): String
val String.Companion.CASE_INSENSITIVE_ORDER: Comparator<String>
typealias Appendable = java.lang.Appendable
typealias StringBuilder = java.lang.StringBuilder
typealias CharacterCodingException = java.nio.charset.CharacterCodingException
enum class RegexOption(override val value: Int, override val mask: Int = null): FlagEnum {
    IGNORE_CASE,
    MULTILINE,
    LITERAL,
    UNIX_LINES,
    COMMENTS,
    DOT_MATCHES_ALL,
    CANON_EQ
}
data class MatchGroup(actual val value: String, val range: IntRange)
/** A regular expression. */
class Regex
operator fun MatchGroupCollection.get(name: String): MatchGroup?
fun java.util.regex.Pattern.toRegex(): Regex
fun CharSequence.elementAtOrElse(index: Int, defaultValue: (Int) -> Char): Char
fun CharSequence.elementAtOrNull(index: Int): Char?
fun CharSequence.find(predicate: (Char) -> Boolean): Char?
fun CharSequence.findLast(predicate: (Char) -> Boolean): Char?
fun CharSequence.first(): Char
fun CharSequence.first(predicate: (Char) -> Boolean): Char
fun <R: Any> CharSequence.firstNotNullOf(transform: (Char) -> R?): R
fun <R: Any> CharSequence.firstNotNullOfOrNull(transform: (Char) -> R?): R?
fun CharSequence.firstOrNull(): Char?
fun CharSequence.firstOrNull(predicate: (Char) -> Boolean): Char?
fun CharSequence.getOrElse(index: Int, defaultValue: (Int) -> Char): Char
fun CharSequence.getOrNull(index: Int): Char?
fun CharSequence.indexOfFirst(predicate: (Char) -> Boolean): Int
fun CharSequence.indexOfLast(predicate: (Char) -> Boolean): Int
fun CharSequence.last(): Char
fun CharSequence.last(predicate: (Char) -> Boolean): Char
fun CharSequence.lastOrNull(): Char?
fun CharSequence.lastOrNull(predicate: (Char) -> Boolean): Char?
fun CharSequence.random(): Char
fun CharSequence.random(random: Random): Char
fun CharSequence.randomOrNull(): Char?
fun CharSequence.randomOrNull(random: Random): Char?
fun CharSequence.single(): Char
fun CharSequence.single(predicate: (Char) -> Boolean): Char
fun CharSequence.singleOrNull(): Char?
fun CharSequence.singleOrNull(predicate: (Char) -> Boolean): Char?
fun CharSequence.drop(n: Int): CharSequence
fun String.drop(n: Int): String
fun CharSequence.dropLast(n: Int): CharSequence
fun String.dropLast(n: Int): String
fun CharSequence.dropLastWhile(predicate: (Char) -> Boolean): CharSequence
fun String.dropLastWhile(predicate: (Char) -> Boolean): String
fun CharSequence.dropWhile(predicate: (Char) -> Boolean): CharSequence
fun String.dropWhile(predicate: (Char) -> Boolean): String
fun CharSequence.filter(predicate: (Char) -> Boolean): CharSequence
fun String.filter(predicate: (Char) -> Boolean): String
fun CharSequence.filterIndexed(predicate: (index: Int, Char) -> Boolean): CharSequence
fun String.filterIndexed(predicate: (index: Int, Char) -> Boolean): String
fun <C: Appendable> CharSequence.filterIndexedTo(destination: C, predicate: (index: Int, Char) -> Boolean): C
fun CharSequence.filterNot(predicate: (Char) -> Boolean): CharSequence
fun String.filterNot(predicate: (Char) -> Boolean): String
fun <C: Appendable> CharSequence.filterNotTo(destination: C, predicate: (Char) -> Boolean): C
fun <C: Appendable> CharSequence.filterTo(destination: C, predicate: (Char) -> Boolean): C
fun CharSequence.slice(indices: IntRange): CharSequence
fun String.slice(indices: IntRange): String
fun CharSequence.slice(indices: Iterable<Int>): CharSequence
fun String.slice(indices: Iterable<Int>): String
fun CharSequence.take(n: Int): CharSequence
fun String.take(n: Int): String
fun CharSequence.takeLast(n: Int): CharSequence
fun String.takeLast(n: Int): String
fun CharSequence.takeLastWhile(predicate: (Char) -> Boolean): CharSequence
fun String.takeLastWhile(predicate: (Char) -> Boolean): String
fun CharSequence.takeWhile(predicate: (Char) -> Boolean): CharSequence
fun String.takeWhile(predicate: (Char) -> Boolean): String
fun CharSequence.reversed(): CharSequence
fun String.reversed(): String
fun <K, V> CharSequence.associate(transform: (Char) -> Pair<K, V>): Map<K, V>
fun <K> CharSequence.associateBy(keySelector: (Char) -> K): Map<K, Char>
fun <K, V> CharSequence.associateBy(keySelector: (Char) -> K, valueTransform: (Char) -> V): Map<K, V>
fun <K, M: MutableMap<in K, in Char>> CharSequence.associateByTo(destination: M, keySelector: (Char) -> K): M
fun <K, V, M: MutableMap<in K, in V>> CharSequence.associateByTo(destination: M, keySelector: (Char) -> K, valueTransform: (Char) -> V): M
fun <K, V, M: MutableMap<in K, in V>> CharSequence.associateTo(destination: M, transform: (Char) -> Pair<K, V>): M
fun <V> CharSequence.associateWith(valueSelector: (Char) -> V): Map<Char, V>
fun <V, M: MutableMap<in Char, in V>> CharSequence.associateWithTo(destination: M, valueSelector: (Char) -> V): M
fun <C: MutableCollection<in Char>> CharSequence.toCollection(destination: C): C
fun CharSequence.toHashSet(): HashSet<Char>
fun CharSequence.toList(): List<Char>
fun CharSequence.toMutableList(): MutableList<Char>
fun CharSequence.toSet(): Set<Char>
fun <R> CharSequence.flatMap(transform: (Char) -> Iterable<R>): List<R>
fun <R> CharSequence.flatMapIndexed(transform: (index: Int, Char) -> Iterable<R>): List<R>
fun <R, C: MutableCollection<in R>> CharSequence.flatMapIndexedTo(destination: C, transform: (index: Int, Char) -> Iterable<R>): C
fun <R, C: MutableCollection<in R>> CharSequence.flatMapTo(destination: C, transform: (Char) -> Iterable<R>): C
fun <K> CharSequence.groupBy(keySelector: (Char) -> K): Map<K, List<Char>>
fun <K, V> CharSequence.groupBy(keySelector: (Char) -> K, valueTransform: (Char) -> V): Map<K, List<V>>
fun <K, M: MutableMap<in K, MutableList<Char>>> CharSequence.groupByTo(destination: M, keySelector: (Char) -> K): M
fun <K, V, M: MutableMap<in K, MutableList<V>>> CharSequence.groupByTo(destination: M, keySelector: (Char) -> K, valueTransform: (Char) -> V): M
fun <K> CharSequence.groupingBy(keySelector: (Char) -> K): Grouping<Char, K>
fun <R> CharSequence.map(transform: (Char) -> R): List<R>
fun <R> CharSequence.mapIndexed(transform: (index: Int, Char) -> R): List<R>
fun <R: Any> CharSequence.mapIndexedNotNull(transform: (index: Int, Char) -> R?): List<R>
fun <R: Any, C: MutableCollection<in R>> CharSequence.mapIndexedNotNullTo(destination: C, transform: (index: Int, Char) -> R?): C
fun <R, C: MutableCollection<in R>> CharSequence.mapIndexedTo(destination: C, transform: (index: Int, Char) -> R): C
fun <R: Any> CharSequence.mapNotNull(transform: (Char) -> R?): List<R>
fun <R: Any, C: MutableCollection<in R>> CharSequence.mapNotNullTo(destination: C, transform: (Char) -> R?): C
fun <R, C: MutableCollection<in R>> CharSequence.mapTo(destination: C, transform: (Char) -> R): C
fun CharSequence.withIndex(): Iterable<IndexedValue<Char>>
fun CharSequence.all(predicate: (Char) -> Boolean): Boolean
fun CharSequence.any(): Boolean
fun CharSequence.any(predicate: (Char) -> Boolean): Boolean
fun CharSequence.count(): Int
fun CharSequence.count(predicate: (Char) -> Boolean): Int
fun <R> CharSequence.fold(initial: R, operation: (acc: R, Char) -> R): R
fun <R> CharSequence.foldIndexed(initial: R, operation: (index: Int, acc: R, Char) -> R): R
fun <R> CharSequence.foldRight(initial: R, operation: (Char, acc: R) -> R): R
fun <R> CharSequence.foldRightIndexed(initial: R, operation: (index: Int, Char, acc: R) -> R): R
fun CharSequence.forEach(action: (Char) -> Unit): Unit
fun CharSequence.forEachIndexed(action: (index: Int, Char) -> Unit): Unit
fun CharSequence.max(): Char
fun <R: Comparable<R>> CharSequence.maxBy(selector: (Char) -> R): Char
fun <R: Comparable<R>> CharSequence.maxByOrNull(selector: (Char) -> R): Char?
fun CharSequence.maxOf(selector: (Char) -> Double): Double
fun CharSequence.maxOf(selector: (Char) -> Float): Float
fun <R: Comparable<R>> CharSequence.maxOf(selector: (Char) -> R): R
fun CharSequence.maxOfOrNull(selector: (Char) -> Double): Double?
fun CharSequence.maxOfOrNull(selector: (Char) -> Float): Float?
fun <R: Comparable<R>> CharSequence.maxOfOrNull(selector: (Char) -> R): R?
fun <R> CharSequence.maxOfWith(comparator: Comparator<in R>, selector: (Char) -> R): R
fun <R> CharSequence.maxOfWithOrNull(comparator: Comparator<in R>, selector: (Char) -> R): R?
fun CharSequence.maxOrNull(): Char?
fun CharSequence.maxWith(comparator: Comparator<in Char>): Char
fun CharSequence.maxWithOrNull(comparator: Comparator<in Char>): Char?
fun CharSequence.min(): Char
fun <R: Comparable<R>> CharSequence.minBy(selector: (Char) -> R): Char
fun <R: Comparable<R>> CharSequence.minByOrNull(selector: (Char) -> R): Char?
fun CharSequence.minOf(selector: (Char) -> Double): Double
fun CharSequence.minOf(selector: (Char) -> Float): Float
fun <R: Comparable<R>> CharSequence.minOf(selector: (Char) -> R): R
fun CharSequence.minOfOrNull(selector: (Char) -> Double): Double?
fun CharSequence.minOfOrNull(selector: (Char) -> Float): Float?
fun <R: Comparable<R>> CharSequence.minOfOrNull(selector: (Char) -> R): R?
fun <R> CharSequence.minOfWith(comparator: Comparator<in R>, selector: (Char) -> R): R
fun <R> CharSequence.minOfWithOrNull(comparator: Comparator<in R>, selector: (Char) -> R): R?
fun CharSequence.minOrNull(): Char?
fun CharSequence.minWith(comparator: Comparator<in Char>): Char
fun CharSequence.minWithOrNull(comparator: Comparator<in Char>): Char?
fun CharSequence.none(): Boolean
fun CharSequence.none(predicate: (Char) -> Boolean): Boolean
fun <S: CharSequence> S.onEach(action: (Char) -> Unit): S
fun <S: CharSequence> S.onEachIndexed(action: (index: Int, Char) -> Unit): S
fun CharSequence.reduce(operation: (acc: Char, Char) -> Char): Char
fun CharSequence.reduceIndexed(operation: (index: Int, acc: Char, Char) -> Char): Char
fun CharSequence.reduceIndexedOrNull(operation: (index: Int, acc: Char, Char) -> Char): Char?
fun CharSequence.reduceOrNull(operation: (acc: Char, Char) -> Char): Char?
fun CharSequence.reduceRight(operation: (Char, acc: Char) -> Char): Char
fun CharSequence.reduceRightIndexed(operation: (index: Int, Char, acc: Char) -> Char): Char
fun CharSequence.reduceRightIndexedOrNull(operation: (index: Int, Char, acc: Char) -> Char): Char?
fun CharSequence.reduceRightOrNull(operation: (Char, acc: Char) -> Char): Char?
fun <R> CharSequence.runningFold(initial: R, operation: (acc: R, Char) -> R): List<R>
fun <R> CharSequence.runningFoldIndexed(initial: R, operation: (index: Int, acc: R, Char) -> R): List<R>
fun CharSequence.runningReduce(operation: (acc: Char, Char) -> Char): List<Char>
fun CharSequence.runningReduceIndexed(operation: (index: Int, acc: Char, Char) -> Char): List<Char>
fun <R> CharSequence.scan(initial: R, operation: (acc: R, Char) -> R): List<R>
fun <R> CharSequence.scanIndexed(initial: R, operation: (index: Int, acc: R, Char) -> R): List<R>
fun CharSequence.sumOf(selector: (Char) -> Double): Double
fun CharSequence.sumOf(selector: (Char) -> Int): Int
fun CharSequence.sumOf(selector: (Char) -> Long): Long
fun CharSequence.sumOf(selector: (Char) -> UInt): UInt
fun CharSequence.sumOf(selector: (Char) -> ULong): ULong
fun CharSequence.chunked(size: Int): List<String>
fun <R> CharSequence.chunked(size: Int, transform: (CharSequence) -> R): List<R>
fun CharSequence.chunkedSequence(size: Int): Sequence<String>
fun <R> CharSequence.chunkedSequence(size: Int, transform: (CharSequence) -> R): Sequence<R>
fun CharSequence.partition(predicate: (Char) -> Boolean): Pair<CharSequence, CharSequence>
fun String.partition(predicate: (Char) -> Boolean): Pair<String, String>
fun CharSequence.windowed(size: Int, step: Int = 1, partialWindows: Boolean = false): List<String>
fun <R> CharSequence.windowed(size: Int, step: Int = 1, partialWindows: Boolean = false, transform: (CharSequence) -> R): List<R>
fun CharSequence.windowedSequence(size: Int, step: Int = 1, partialWindows: Boolean = false): Sequence<String>
fun <R> CharSequence.windowedSequence(size: Int, step: Int = 1, partialWindows: Boolean = false, transform: (CharSequence) -> R): Sequence<R>
infix fun CharSequence.zip(other: CharSequence): List<Pair<Char, Char>>
fun <V> CharSequence.zip(other: CharSequence, transform: (a: Char, b: Char) -> V): List<V>
fun CharSequence.zipWithNext(): List<Pair<Char, Char>>
fun <R> CharSequence.zipWithNext(transform: (a: Char, b: Char) -> R): List<R>
fun CharSequence.asIterable(): Iterable<Char>
fun CharSequence.asSequence(): Sequence<Char>
fun UInt.toString(radix: Int): String
fun ULong.toString(radix: Int): String
fun String.toUInt(): UInt
fun String.toUInt(radix: Int): UInt
fun String.toULong(): ULong
fun String.toULong(radix: Int): ULong
fun String.toUIntOrNull(): UInt?
fun String.toUIntOrNull(radix: Int): UInt?
fun String.toULongOrNull(): ULong?
fun String.toULongOrNull(radix: Int): ULong?
fun <T: Appendable> T.appendRange(value: CharSequence, startIndex: Int, endIndex: Int): T
fun <T: Appendable> T.append(vararg value: CharSequence?): T
fun Appendable.appendLine(): Appendable
fun Appendable.appendLine(value: CharSequence?): Appendable
fun Appendable.appendLine(value: Char): Appendable
fun Char.digitToInt(): Int
fun Char.digitToInt(radix: Int): Int
fun Char.digitToIntOrNull(): Int?
fun Char.digitToIntOrNull(radix: Int): Int?
fun Int.digitToChar(): Char
fun Int.digitToChar(radix: Int): Char
fun Char.titlecase(): String
operator fun Char.plus(other: String): String
fun Char.equals(other: Char, ignoreCase: Boolean = false): Boolean
fun Char.isSurrogate(): Boolean
fun ByteArray.toHexString(format: HexFormat = null): String
fun ByteArray.toHexString(startIndex: Int = 0, endIndex: Int = null, format: HexFormat = null): String
fun String.hexToByteArray(format: HexFormat = null): ByteArray
fun Byte.toHexString(format: HexFormat = null): String
fun String.hexToByte(format: HexFormat = null): Byte
fun Short.toHexString(format: HexFormat = null): String
fun String.hexToShort(format: HexFormat = null): Short
fun Int.toHexString(format: HexFormat = null): String
fun String.hexToInt(format: HexFormat = null): Int
fun Long.toHexString(format: HexFormat = null): String
fun String.hexToLong(format: HexFormat = null): Long
class HexFormat internal constructor(val upperCase: Boolean, val bytes: BytesHexFormat, val number: NumberHexFormat) {
    override fun toString(): String
    class BytesHexFormat internal constructor(val bytesPerLine: Int, val bytesPerGroup: Int, val groupSeparator: String, val byteSeparator: String, val bytePrefix: String, val byteSuffix: String) {
        override fun toString(): String
        class Builder internal constructor() {
            var bytesPerLine: Int
            var bytesPerGroup: Int
            var groupSeparator: String
            var byteSeparator: String
            var bytePrefix: String
            var byteSuffix: String
        }
    }
    class NumberHexFormat internal constructor(val prefix: String, val suffix: String, val removeLeadingZeros: Boolean) {
        override fun toString(): String
        class Builder internal constructor() {
            var prefix: String
            var suffix: String
            var removeLeadingZeros: Boolean
        }
    }
    class Builder internal constructor() {
        var upperCase: Boolean
        val bytes: BytesHexFormat.Builder
        val number: NumberHexFormat.Builder
        fun bytes(builderAction: BytesHexFormat.Builder.() -> Unit)
        fun number(builderAction: NumberHexFormat.Builder.() -> Unit)
    }
    companion object {
        val Default: HexFormat
        val UpperCase: HexFormat
    }
}
fun HexFormat(builderAction: HexFormat.Builder.() -> Unit): HexFormat
fun String.trimMargin(marginPrefix: String = "|"): String
fun String.replaceIndentByMargin(newIndent: String = "", marginPrefix: String = "|"): String
/** The text without the indent that all lines share. */
fun String.trimIndent(): String
fun String.replaceIndent(newIndent: String = ""): String
fun String.prependIndent(indent: String = "    "): String
operator fun StringBuilder.set(index: Int, value: Char)
fun buildString(builderAction: StringBuilder.() -> Unit): String
/** A text as the block appends to it. */
fun buildString(capacity: Int, builderAction: StringBuilder.() -> Unit): String
fun StringBuilder.append(vararg value: String?): StringBuilder
fun StringBuilder.append(vararg value: Any?): StringBuilder
fun StringBuilder.appendLine(): StringBuilder
fun StringBuilder.appendLine(value: CharSequence?): StringBuilder
fun StringBuilder.appendLine(value: String?): StringBuilder
fun StringBuilder.appendLine(value: Any?): StringBuilder
fun StringBuilder.appendLine(value: CharArray): StringBuilder
fun StringBuilder.appendLine(value: Char): StringBuilder
fun StringBuilder.appendLine(value: Boolean): StringBuilder
fun String.toByteOrNull(): Byte?
fun String.toByteOrNull(radix: Int): Byte?
fun String.toShortOrNull(): Short?
fun String.toShortOrNull(radix: Int): Short?
/** The number that is written, or null. */
fun String.toIntOrNull(): Int?
/** The number that is written, or null. */
fun String.toIntOrNull(radix: Int): Int?
fun String.toLongOrNull(): Long?
fun String.toLongOrNull(radix: Int): Long?
fun CharSequence.trim(predicate: (Char) -> Boolean): CharSequence
/** The text without white space at its ends. */
fun String.trim(predicate: (Char) -> Boolean): String
fun CharSequence.trimStart(predicate: (Char) -> Boolean): CharSequence
fun String.trimStart(predicate: (Char) -> Boolean): String
fun CharSequence.trimEnd(predicate: (Char) -> Boolean): CharSequence
fun String.trimEnd(predicate: (Char) -> Boolean): String
/** The text without white space at its ends. */
fun CharSequence.trim(vararg chars: Char): CharSequence
/** The text without white space at its ends. */
fun String.trim(vararg chars: Char): String
fun CharSequence.trimStart(vararg chars: Char): CharSequence
fun String.trimStart(vararg chars: Char): String
fun CharSequence.trimEnd(vararg chars: Char): CharSequence
fun String.trimEnd(vararg chars: Char): String
/** The text without white space at its ends. */
fun CharSequence.trim(): CharSequence
/** The text without white space at its ends. */
fun String.trim(): String
fun CharSequence.trimStart(): CharSequence
fun String.trimStart(): String
fun CharSequence.trimEnd(): CharSequence
fun String.trimEnd(): String
fun CharSequence.padStart(length: Int, padChar: Char = ' '): CharSequence
fun String.padStart(length: Int, padChar: Char = ' '): String
fun CharSequence.padEnd(length: Int, padChar: Char = ' '): CharSequence
fun String.padEnd(length: Int, padChar: Char = ' '): String
fun CharSequence?.isNullOrEmpty(): Boolean
fun CharSequence.isEmpty(): Boolean
fun CharSequence.isNotEmpty(): Boolean
fun CharSequence.isNotBlank(): Boolean
fun CharSequence?.isNullOrBlank(): Boolean
operator fun CharSequence.iterator(): CharIterator
fun String?.orEmpty(): String
fun <C, R> C.ifEmpty(defaultValue: () -> R): R where C: CharSequence, C: R
fun <C, R> C.ifBlank(defaultValue: () -> R): R where C: CharSequence, C: R
val CharSequence.indices: IntRange
val CharSequence.lastIndex: Int
fun CharSequence.hasSurrogatePairAt(index: Int): Boolean
fun String.substring(range: IntRange): String
fun CharSequence.subSequence(range: IntRange): CharSequence
fun CharSequence.substring(startIndex: Int, endIndex: Int = null): String
fun CharSequence.substring(range: IntRange): String
/** The text before the first separator. */
fun String.substringBefore(delimiter: Char, missingDelimiterValue: String = null): String
/** The text before the first separator. */
fun String.substringBefore(delimiter: String, missingDelimiterValue: String = null): String
/** The text behind the first separator. */
fun String.substringAfter(delimiter: Char, missingDelimiterValue: String = null): String
/** The text behind the first separator. */
fun String.substringAfter(delimiter: String, missingDelimiterValue: String = null): String
fun String.substringBeforeLast(delimiter: Char, missingDelimiterValue: String = null): String
fun String.substringBeforeLast(delimiter: String, missingDelimiterValue: String = null): String
fun String.substringAfterLast(delimiter: Char, missingDelimiterValue: String = null): String
fun String.substringAfterLast(delimiter: String, missingDelimiterValue: String = null): String
fun CharSequence.replaceRange(startIndex: Int, endIndex: Int, replacement: CharSequence): CharSequence
fun String.replaceRange(startIndex: Int, endIndex: Int, replacement: CharSequence): String
fun CharSequence.replaceRange(range: IntRange, replacement: CharSequence): CharSequence
fun String.replaceRange(range: IntRange, replacement: CharSequence): String
fun CharSequence.removeRange(startIndex: Int, endIndex: Int): CharSequence
fun String.removeRange(startIndex: Int, endIndex: Int): String
fun CharSequence.removeRange(range: IntRange): CharSequence
fun String.removeRange(range: IntRange): String
fun CharSequence.removePrefix(prefix: CharSequence): CharSequence
fun String.removePrefix(prefix: CharSequence): String
fun CharSequence.removeSuffix(suffix: CharSequence): CharSequence
fun String.removeSuffix(suffix: CharSequence): String
fun CharSequence.removeSurrounding(prefix: CharSequence, suffix: CharSequence): CharSequence
fun String.removeSurrounding(prefix: CharSequence, suffix: CharSequence): String
fun CharSequence.removeSurrounding(delimiter: CharSequence): CharSequence
fun String.removeSurrounding(delimiter: CharSequence): String
fun String.replaceBefore(delimiter: Char, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceBefore(delimiter: String, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceAfter(delimiter: Char, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceAfter(delimiter: String, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceAfterLast(delimiter: String, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceAfterLast(delimiter: Char, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceBeforeLast(delimiter: Char, replacement: String, missingDelimiterValue: String = null): String
fun String.replaceBeforeLast(delimiter: String, replacement: String, missingDelimiterValue: String = null): String
/** The text with one part in place of another. */
fun CharSequence.replace(regex: Regex, replacement: String): String
/** The text with one part in place of another. */
fun CharSequence.replace(regex: Regex, transform: (MatchResult) -> CharSequence): String
fun CharSequence.replaceFirst(regex: Regex, replacement: String): String
fun String.replaceFirstChar(transform: (Char) -> Char): String
fun String.replaceFirstChar(transform: (Char) -> CharSequence): String
infix fun CharSequence.matches(regex: Regex): Boolean
/** Does the text begin so? */
fun CharSequence.startsWith(char: Char, ignoreCase: Boolean = false): Boolean
/** Does the text end so? */
fun CharSequence.endsWith(char: Char, ignoreCase: Boolean = false): Boolean
/** Does the text begin so? */
fun CharSequence.startsWith(prefix: CharSequence, ignoreCase: Boolean = false): Boolean
/** Does the text begin so? */
fun CharSequence.startsWith(prefix: CharSequence, startIndex: Int, ignoreCase: Boolean = false): Boolean
/** Does the text end so? */
fun CharSequence.endsWith(suffix: CharSequence, ignoreCase: Boolean = false): Boolean
fun CharSequence.commonPrefixWith(other: CharSequence, ignoreCase: Boolean = false): String
fun CharSequence.commonSuffixWith(other: CharSequence, ignoreCase: Boolean = false): String
fun CharSequence.indexOfAny(chars: CharArray, startIndex: Int = 0, ignoreCase: Boolean = false): Int
fun CharSequence.lastIndexOfAny(chars: CharArray, startIndex: Int = null, ignoreCase: Boolean = false): Int
fun CharSequence.findAnyOf(strings: Collection<String>, startIndex: Int = 0, ignoreCase: Boolean = false): Pair<Int, String>?
fun CharSequence.findLastAnyOf(strings: Collection<String>, startIndex: Int = null, ignoreCase: Boolean = false): Pair<Int, String>?
fun CharSequence.indexOfAny(strings: Collection<String>, startIndex: Int = 0, ignoreCase: Boolean = false): Int
fun CharSequence.lastIndexOfAny(strings: Collection<String>, startIndex: Int = null, ignoreCase: Boolean = false): Int
fun CharSequence.indexOf(char: Char, startIndex: Int = 0, ignoreCase: Boolean = false): Int
fun CharSequence.indexOf(string: String, startIndex: Int = 0, ignoreCase: Boolean = false): Int
fun CharSequence.lastIndexOf(char: Char, startIndex: Int = null, ignoreCase: Boolean = false): Int
fun CharSequence.lastIndexOf(string: String, startIndex: Int = null, ignoreCase: Boolean = false): Int
operator fun CharSequence.contains(other: CharSequence, ignoreCase: Boolean = false): Boolean
operator fun CharSequence.contains(char: Char, ignoreCase: Boolean = false): Boolean
operator fun CharSequence.contains(regex: Regex): Boolean
fun CharSequence.splitToSequence(vararg delimiters: String, ignoreCase: Boolean = false, limit: Int = 0): Sequence<String>
/** The parts between separators. */
fun CharSequence.split(vararg delimiters: String, ignoreCase: Boolean = false, limit: Int = 0): List<String>
fun CharSequence.splitToSequence(vararg delimiters: Char, ignoreCase: Boolean = false, limit: Int = 0): Sequence<String>
/** The parts between separators. */
fun CharSequence.split(vararg delimiters: Char, ignoreCase: Boolean = false, limit: Int = 0): List<String>
/** The parts between separators. */
fun CharSequence.split(regex: Regex, limit: Int = 0): List<String>
fun CharSequence.splitToSequence(regex: Regex, limit: Int = 0): Sequence<String>
fun CharSequence.lineSequence(): Sequence<String>
/** The lines of the text. */
fun CharSequence.lines(): List<String>
fun String.toBooleanStrict(): Boolean
fun String.toBooleanStrictOrNull(): Boolean?
object Typography {
    const val quote: Char
    const val dollar: Char
    const val amp: Char
    const val less: Char
    const val greater: Char
    const val nbsp: Char
    const val times: Char
    const val cent: Char
    const val pound: Char
    const val section: Char
    const val copyright: Char
    const val leftGuillemet: Char
    const val rightGuillemet: Char
    const val registered: Char
    const val degree: Char
    const val plusMinus: Char
    const val paragraph: Char
    const val middleDot: Char
    const val half: Char
    const val ndash: Char
    const val mdash: Char
    const val leftSingleQuote: Char
    const val rightSingleQuote: Char
    const val lowSingleQuote: Char
    const val leftDoubleQuote: Char
    const val rightDoubleQuote: Char
    const val lowDoubleQuote: Char
    const val dagger: Char
    const val doubleDagger: Char
    const val bullet: Char
    const val ellipsis: Char
    const val prime: Char
    const val doublePrime: Char
    const val euro: Char
    const val tm: Char
    const val almostEqual: Char
    const val notEqual: Char
    const val lessOrEqual: Char
    const val greaterOrEqual: Char
}
fun UInt.toHexString(format: HexFormat = null): String
fun String.hexToUInt(format: HexFormat = null): UInt
fun ULong.toHexString(format: HexFormat = null): String
fun String.hexToULong(format: HexFormat = null): ULong
interface MatchGroupCollection: Collection<MatchGroup?> {
    operator fun get(index: Int): MatchGroup?
}
interface MatchNamedGroupCollection: MatchGroupCollection {
    operator fun get(name: String): MatchGroup?
}
/** Where a regular expression was found. */
interface MatchResult {
    val range: IntRange
    val value: String
    val groups: MatchGroupCollection
    val groupValues: List<String>
    val destructured: Destructured
    fun next(): MatchResult?
    class Destructured internal constructor(val match: MatchResult) {
        operator fun component1(): String
        operator fun component2(): String
        operator fun component3(): String
        operator fun component4(): String
        operator fun component5(): String
        operator fun component6(): String
        operator fun component7(): String
        operator fun component8(): String
        operator fun component9(): String
        operator fun component10(): String
        fun toList(): List<String>
    }
}
fun String.toRegex(): Regex
fun String.toRegex(option: RegexOption): Regex
fun String.toRegex(options: Set<RegexOption>): Regex
