package kotlin.time

import java.util.concurrent.TimeUnit
import kotlin.annotation.AnnotationTarget.*
import kotlin.jvm.JvmInline
import kotlin.math.*
import kotlin.math.sign

fun java.time.Duration.toKotlinDuration(): Duration
fun Duration.toJavaDuration(): java.time.Duration
enum class DurationUnit(internal val timeUnit: TimeUnit) {
    NANOSECONDS,
    MICROSECONDS,
    MILLISECONDS,
    SECONDS,
    MINUTES,
    HOURS,
    DAYS;
}
fun DurationUnit.toTimeUnit(): TimeUnit
fun TimeUnit.toDurationUnit(): DurationUnit
value class Duration internal constructor(private val rawValue: Long): Comparable<Duration> {
    companion object {
        val ZERO: Duration
        val INFINITE: Duration
        fun convert(value: Double, sourceUnit: DurationUnit, targetUnit: DurationUnit): Double
        val Int.nanoseconds
        val Long.nanoseconds
        val Double.nanoseconds
        val Int.microseconds
        val Long.microseconds
        val Double.microseconds
        val Int.milliseconds
        val Long.milliseconds
        val Double.milliseconds
        val Int.seconds
        val Long.seconds
        val Double.seconds
        val Int.minutes
        val Long.minutes
        val Double.minutes
        val Int.hours
        val Long.hours
        val Double.hours
        val Int.days
        val Long.days
        val Double.days
        fun parse(value: String): Duration
        fun parseIsoString(value: String): Duration
        fun parseOrNull(value: String): Duration?
        fun parseIsoStringOrNull(value: String): Duration?
    }
    operator fun unaryMinus(): Duration
    operator fun plus(other: Duration): Duration
    operator fun minus(other: Duration): Duration
    operator fun times(scale: Int): Duration
    operator fun times(scale: Double): Duration
    operator fun div(scale: Int): Duration
    operator fun div(scale: Double): Duration
    operator fun div(other: Duration): Double
    fun isNegative(): Boolean
    fun isPositive(): Boolean
    fun isInfinite(): Boolean
    fun isFinite(): Boolean
    val absoluteValue: Duration
    override fun compareTo(other: Duration): Int
    fun <T> toComponents(action: (days: Long, hours: Int, minutes: Int, seconds: Int, nanoseconds: Int) -> T): T
    fun <T> toComponents(action: (hours: Long, minutes: Int, seconds: Int, nanoseconds: Int) -> T): T
    fun <T> toComponents(action: (minutes: Long, seconds: Int, nanoseconds: Int) -> T): T
    fun <T> toComponents(action: (seconds: Long, nanoseconds: Int) -> T): T
    fun toDouble(unit: DurationUnit): Double
    fun toLong(unit: DurationUnit): Long
    fun toInt(unit: DurationUnit): Int
    val inWholeDays: Long
    val inWholeHours: Long
    val inWholeMinutes: Long
    val inWholeSeconds: Long
    val inWholeMilliseconds: Long
    val inWholeMicroseconds: Long
    val inWholeNanoseconds: Long
    override fun toString(): String
    fun toString(unit: DurationUnit, decimals: Int = 0): String
    fun toIsoString(): String
}
fun Int.toDuration(unit: DurationUnit): Duration
fun Long.toDuration(unit: DurationUnit): Duration
fun Double.toDuration(unit: DurationUnit): Duration
operator fun Int.times(duration: Duration): Duration
operator fun Double.times(duration: Duration): Duration
annotation class ExperimentalTime
interface TimeSource {
    fun markNow(): TimeMark
    interface WithComparableMarks: TimeSource {
        override fun markNow(): ComparableTimeMark
    }
    object Monotonic: TimeSource.WithComparableMarks {
        override fun markNow(): ValueTimeMark
        override fun toString(): String
        value class ValueTimeMark internal constructor(internal val reading: ValueTimeMarkReading): ComparableTimeMark {
            override fun elapsedNow(): Duration
            override fun plus(duration: Duration): ValueTimeMark
            override fun minus(duration: Duration): ValueTimeMark
            override fun hasPassedNow(): Boolean
            override fun hasNotPassedNow(): Boolean
            override fun minus(other: ComparableTimeMark): Duration
            operator fun minus(other: ValueTimeMark): Duration
            operator fun compareTo(other: ValueTimeMark): Int
        }
    }
    companion object
}
interface TimeMark {
    abstract fun elapsedNow(): Duration
    operator fun plus(duration: Duration): TimeMark
    open operator fun minus(duration: Duration): TimeMark
    fun hasPassedNow(): Boolean
    fun hasNotPassedNow(): Boolean
}
interface ComparableTimeMark: TimeMark, Comparable<ComparableTimeMark> {
    abstract override operator fun plus(duration: Duration): ComparableTimeMark
    open override operator fun minus(duration: Duration): ComparableTimeMark
    operator fun minus(other: ComparableTimeMark): Duration
    override operator fun compareTo(other: ComparableTimeMark): Int
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
}
abstract class AbstractLongTimeSource(protected val unit: DurationUnit): TimeSource.WithComparableMarks {
    protected abstract fun read(): Long
    override fun markNow(): ComparableTimeMark
}
class TestTimeSource: AbstractLongTimeSource(unit = null) {
    override fun read(): Long
    operator fun plusAssign(duration: Duration)
}
fun measureTime(block: () -> Unit): Duration
fun TimeSource.measureTime(block: () -> Unit): Duration
fun TimeSource.Monotonic.measureTime(block: () -> Unit): Duration
data class TimedValue<T>(val value: T, val duration: Duration)
fun <T> measureTimedValue(block: () -> T): TimedValue<T>
fun <T> TimeSource.measureTimedValue(block: () -> T): TimedValue<T>
fun <T> TimeSource.Monotonic.measureTimedValue(block: () -> T): TimedValue<T>
