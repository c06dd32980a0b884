package java.time.temporal;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Fields of dates and times. */
public enum ChronoField implements TemporalField {
    NANO_OF_SECOND, NANO_OF_DAY, MICRO_OF_SECOND, MICRO_OF_DAY, MILLI_OF_SECOND, MILLI_OF_DAY, SECOND_OF_MINUTE, SECOND_OF_DAY, MINUTE_OF_HOUR, MINUTE_OF_DAY, HOUR_OF_AMPM, CLOCK_HOUR_OF_AMPM, HOUR_OF_DAY, CLOCK_HOUR_OF_DAY, AMPM_OF_DAY, DAY_OF_WEEK, ALIGNED_DAY_OF_WEEK_IN_MONTH, ALIGNED_DAY_OF_WEEK_IN_YEAR, DAY_OF_MONTH, DAY_OF_YEAR, EPOCH_DAY, ALIGNED_WEEK_OF_MONTH, ALIGNED_WEEK_OF_YEAR, MONTH_OF_YEAR, PROLEPTIC_MONTH, YEAR_OF_ERA, YEAR, ERA, INSTANT_SECONDS, OFFSET_SECONDS;
    public <R extends Temporal> R adjustInto(R value, long number);
    public int checkValidIntValue(long number);
    public long checkValidValue(long number);
    public TemporalUnit getBaseUnit();
    public String getDisplayName(Locale locale);
    public long getFrom(TemporalAccessor temporalAccessor);
    public TemporalUnit getRangeUnit();
    public boolean isDateBased();
    public boolean isSupportedBy(TemporalAccessor temporalAccessor);
    public boolean isTimeBased();
    public ValueRange range();
    public ValueRange rangeRefinedBy(TemporalAccessor temporalAccessor);
}

/** Units of dates and times. */
public enum ChronoUnit implements TemporalUnit {
    NANOS, MICROS, MILLIS, SECONDS, MINUTES, HOURS, HALF_DAYS, DAYS, WEEKS, MONTHS, YEARS, DECADES, CENTURIES, MILLENNIA, ERAS, FOREVER;
    public <R extends Temporal> R addTo(R value, long number);
    public long between(Temporal temporal, Temporal temporal2);
    public Duration getDuration();
    public boolean isDateBased();
    public boolean isDurationEstimated();
    public boolean isSupportedBy(Temporal temporal);
    public boolean isTimeBased();
}

/** A date or time that can be changed. */
public interface Temporal extends TemporalAccessor {
    boolean isSupported(TemporalUnit temporalUnit);
    default Temporal minus(TemporalAmount temporalAmount) { }
    default Temporal minus(long number, TemporalUnit temporalUnit) { }
    default Temporal plus(TemporalAmount temporalAmount) { }
    Temporal plus(long number, TemporalUnit temporalUnit);
    long until(Temporal temporal, TemporalUnit temporalUnit);
    default Temporal with(TemporalAdjuster temporalAdjuster) { }
    Temporal with(TemporalField temporalField, long number);
}

/** A date or time. */
public interface TemporalAccessor {
    default int get(TemporalField temporalField) { }
    long getLong(TemporalField temporalField);
    boolean isSupported(TemporalField temporalField);
    default <R> R query(TemporalQuery<R> temporalQuery) { }
    default ValueRange range(TemporalField temporalField) { }
}

/** Changes a date or time. */
public interface TemporalAdjuster {
    Temporal adjustInto(Temporal temporal);
}

/** Common changes of dates. */
public final class TemporalAdjusters {
    public static TemporalAdjuster dayOfWeekInMonth(int number, DayOfWeek dayOfWeek);
    public static TemporalAdjuster firstDayOfMonth();
    public static TemporalAdjuster firstDayOfNextMonth();
    public static TemporalAdjuster firstDayOfNextYear();
    public static TemporalAdjuster firstDayOfYear();
    public static TemporalAdjuster firstInMonth(DayOfWeek dayOfWeek);
    public static TemporalAdjuster lastDayOfMonth();
    public static TemporalAdjuster lastDayOfYear();
    public static TemporalAdjuster lastInMonth(DayOfWeek dayOfWeek);
    public static TemporalAdjuster next(DayOfWeek dayOfWeek);
    public static TemporalAdjuster nextOrSame(DayOfWeek dayOfWeek);
    public static TemporalAdjuster ofDateAdjuster(UnaryOperator<LocalDate> function);
    public static TemporalAdjuster previous(DayOfWeek dayOfWeek);
    public static TemporalAdjuster previousOrSame(DayOfWeek dayOfWeek);
}

/** A length of time. */
public interface TemporalAmount {
    Temporal addTo(Temporal temporal);
    long get(TemporalUnit temporalUnit);
    List<TemporalUnit> getUnits();
    Temporal subtractFrom(Temporal temporal);
}

/** A field of a date or time. */
public interface TemporalField {
    <R extends Temporal> R adjustInto(R value, long number);
    TemporalUnit getBaseUnit();
    default String getDisplayName(Locale locale) { }
    long getFrom(TemporalAccessor temporalAccessor);
    TemporalUnit getRangeUnit();
    boolean isDateBased();
    boolean isSupportedBy(TemporalAccessor temporalAccessor);
    boolean isTimeBased();
    ValueRange range();
    ValueRange rangeRefinedBy(TemporalAccessor temporalAccessor);
    default TemporalAccessor resolve(Map<TemporalField, Long> map, TemporalAccessor temporalAccessor, java.time.format.ResolverStyle resolverStyle) { }
    String toString();
}

/** A unit of time. */
public interface TemporalUnit {
    <R extends Temporal> R addTo(R value, long number);
    long between(Temporal temporal, Temporal temporal2);
    Duration getDuration();
    boolean isDateBased();
    boolean isDurationEstimated();
    default boolean isSupportedBy(Temporal temporal) { }
    boolean isTimeBased();
    String toString();
}
