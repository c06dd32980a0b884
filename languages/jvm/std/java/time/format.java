package java.time.format;

import java.text.Format;
import java.text.ParsePosition;
import java.time.DateTimeException;
import java.time.Period;
import java.time.ZoneId;
import java.time.temporal.TemporalAccessor;
import java.time.temporal.TemporalField;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Dates and times as text. */
public final class DateTimeFormatter {
    public static final DateTimeFormatter ISO_LOCAL_DATE;
    public static final DateTimeFormatter ISO_OFFSET_DATE;
    public static final DateTimeFormatter ISO_DATE;
    public static final DateTimeFormatter ISO_LOCAL_TIME;
    public static final DateTimeFormatter ISO_OFFSET_TIME;
    public static final DateTimeFormatter ISO_TIME;
    public static final DateTimeFormatter ISO_LOCAL_DATE_TIME;
    public static final DateTimeFormatter ISO_OFFSET_DATE_TIME;
    public static final DateTimeFormatter ISO_ZONED_DATE_TIME;
    public static final DateTimeFormatter ISO_DATE_TIME;
    public static final DateTimeFormatter ISO_ORDINAL_DATE;
    public static final DateTimeFormatter ISO_WEEK_DATE;
    public static final DateTimeFormatter ISO_INSTANT;
    public static final DateTimeFormatter BASIC_ISO_DATE;
    public static final DateTimeFormatter RFC_1123_DATE_TIME;
    public String format(TemporalAccessor temporalAccessor);
    public void formatTo(TemporalAccessor temporalAccessor, Appendable appendable);
    public java.time.chrono.Chronology getChronology();
    public DecimalStyle getDecimalStyle();
    public Locale getLocale();
    public Set<TemporalField> getResolverFields();
    public ResolverStyle getResolverStyle();
    public ZoneId getZone();
    public DateTimeFormatter localizedBy(Locale locale);
    public static DateTimeFormatter ofLocalizedDate(FormatStyle formatStyle);
    public static DateTimeFormatter ofLocalizedDateTime(FormatStyle formatStyle);
    public static DateTimeFormatter ofLocalizedDateTime(FormatStyle formatStyle, FormatStyle formatStyle2);
    public static DateTimeFormatter ofLocalizedTime(FormatStyle formatStyle);
    public static DateTimeFormatter ofPattern(String text);
    public static DateTimeFormatter ofPattern(String text, Locale locale);
    public TemporalAccessor parse(CharSequence text);
    public <T> T parse(CharSequence text, java.time.temporal.TemporalQuery<T> temporalQuery);
    public TemporalAccessor parse(CharSequence text, ParsePosition parsePosition);
    public TemporalAccessor parseBest(CharSequence text, java.time.temporal.TemporalQuery<?>... items);
    public TemporalAccessor parseUnresolved(CharSequence text, ParsePosition parsePosition);
    public static final java.time.temporal.TemporalQuery<Period> parsedExcessDays();
    public static final java.time.temporal.TemporalQuery<Boolean> parsedLeapSecond();
    public Format toFormat();
    public Format toFormat(java.time.temporal.TemporalQuery<?> temporalQuery);
    public DateTimeFormatter withChronology(java.time.chrono.Chronology chronology);
    public DateTimeFormatter withDecimalStyle(DecimalStyle decimalStyle);
    public DateTimeFormatter withLocale(Locale locale);
    public DateTimeFormatter withResolverFields(TemporalField... items);
    public DateTimeFormatter withResolverFields(Set<TemporalField> set);
    public DateTimeFormatter withResolverStyle(ResolverStyle resolverStyle);
    public DateTimeFormatter withZone(ZoneId zoneId);
}

/** Makes formats of dates and times. */
public final class DateTimeFormatterBuilder {
    public DateTimeFormatterBuilder() { }
    public DateTimeFormatterBuilder append(DateTimeFormatter dateTimeFormatter);
    public DateTimeFormatterBuilder appendChronologyId();
    public DateTimeFormatterBuilder appendChronologyText(TextStyle textStyle);
    public DateTimeFormatterBuilder appendDayPeriodText(TextStyle textStyle);
    public DateTimeFormatterBuilder appendFraction(TemporalField temporalField, int number, int number2, boolean flag);
    public DateTimeFormatterBuilder appendGenericZoneText(TextStyle textStyle);
    public DateTimeFormatterBuilder appendGenericZoneText(TextStyle textStyle, Set<ZoneId> set);
    public DateTimeFormatterBuilder appendInstant();
    public DateTimeFormatterBuilder appendInstant(int number);
    public DateTimeFormatterBuilder appendLiteral(char letter);
    public DateTimeFormatterBuilder appendLiteral(String text);
    public DateTimeFormatterBuilder appendLocalized(FormatStyle formatStyle, FormatStyle formatStyle2);
    public DateTimeFormatterBuilder appendLocalizedOffset(TextStyle textStyle);
    public DateTimeFormatterBuilder appendOffset(String text, String text2);
    public DateTimeFormatterBuilder appendOffsetId();
    public DateTimeFormatterBuilder appendOptional(DateTimeFormatter dateTimeFormatter);
    public DateTimeFormatterBuilder appendPattern(String text);
    public DateTimeFormatterBuilder appendText(TemporalField temporalField);
    public DateTimeFormatterBuilder appendText(TemporalField temporalField, TextStyle textStyle);
    public DateTimeFormatterBuilder appendText(TemporalField temporalField, Map<Long, String> map);
    public DateTimeFormatterBuilder appendValue(TemporalField temporalField);
    public DateTimeFormatterBuilder appendValue(TemporalField temporalField, int number);
    public DateTimeFormatterBuilder appendValue(TemporalField temporalField, int number, int number2, SignStyle signStyle);
    public DateTimeFormatterBuilder appendValueReduced(TemporalField temporalField, int number, int number2, int number3);
    public DateTimeFormatterBuilder appendValueReduced(TemporalField temporalField, int number, int number2, java.time.chrono.ChronoLocalDate chronoLocalDate);
    public DateTimeFormatterBuilder appendZoneId();
    public DateTimeFormatterBuilder appendZoneOrOffsetId();
    public DateTimeFormatterBuilder appendZoneRegionId();
    public DateTimeFormatterBuilder appendZoneText(TextStyle textStyle);
    public DateTimeFormatterBuilder appendZoneText(TextStyle textStyle, Set<ZoneId> set);
    public static String getLocalizedDateTimePattern(FormatStyle formatStyle, FormatStyle formatStyle2, java.time.chrono.Chronology chronology, Locale locale);
    public DateTimeFormatterBuilder optionalEnd();
    public DateTimeFormatterBuilder optionalStart();
    public DateTimeFormatterBuilder padNext(int number);
    public DateTimeFormatterBuilder padNext(int number, char letter);
    public DateTimeFormatterBuilder parseCaseInsensitive();
    public DateTimeFormatterBuilder parseCaseSensitive();
    public DateTimeFormatterBuilder parseDefaulting(TemporalField temporalField, long number);
    public DateTimeFormatterBuilder parseLenient();
    public DateTimeFormatterBuilder parseStrict();
    public DateTimeFormatter toFormatter();
    public DateTimeFormatter toFormatter(Locale locale);
}

/** A text that is no date or time. */
public class DateTimeParseException extends DateTimeException {
    public DateTimeParseException(String text, CharSequence text2, int number) { }
    public DateTimeParseException(String text, CharSequence text2, int number, Throwable throwable) { }
    public int getErrorIndex();
    public String getParsedString();
}

/** How long a text of a date is. */
public enum FormatStyle {
    FULL, LONG, MEDIUM, SHORT;
}
