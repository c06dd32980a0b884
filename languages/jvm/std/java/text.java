package java.text;

import java.io.InvalidObjectException;
import java.io.Serializable;
import java.math.RoundingMode;
import java.util.Calendar;
import java.util.Comparator;
import java.util.Currency;
import java.util.Date;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;

/** Goes through a text with attributes. */
public interface AttributedCharacterIterator extends CharacterIterator {
    Set<AttributedCharacterIterator.Attribute> getAllAttributeKeys();
    Object getAttribute(AttributedCharacterIterator.Attribute attribute);
    Map<AttributedCharacterIterator.Attribute, Object> getAttributes();
    int getRunLimit();
    int getRunLimit(AttributedCharacterIterator.Attribute attribute);
    int getRunLimit(Set<? extends AttributedCharacterIterator.Attribute> set);
    int getRunStart();
    int getRunStart(AttributedCharacterIterator.Attribute attribute);
    int getRunStart(Set<? extends AttributedCharacterIterator.Attribute> set);
    public static class Attribute implements Serializable {
        public static final AttributedCharacterIterator.Attribute LANGUAGE;
        public static final AttributedCharacterIterator.Attribute READING;
        public static final AttributedCharacterIterator.Attribute INPUT_METHOD_SEGMENT;
        protected Attribute(String text) { }
        protected String getName();
        protected Object readResolve() throws InvalidObjectException;
    }
}

/** Finds words and sentences. */
public abstract class BreakIterator implements Cloneable {
    public static final int DONE;
    protected BreakIterator() { }
    public Object clone();
    public abstract int current();
    public abstract int first();
    public abstract int following(int number);
    public static Locale[] getAvailableLocales();
    public static BreakIterator getCharacterInstance();
    public static BreakIterator getCharacterInstance(Locale locale);
    public static BreakIterator getLineInstance();
    public static BreakIterator getLineInstance(Locale locale);
    public static BreakIterator getSentenceInstance();
    public static BreakIterator getSentenceInstance(Locale locale);
    public abstract CharacterIterator getText();
    public static BreakIterator getWordInstance();
    public static BreakIterator getWordInstance(Locale locale);
    public boolean isBoundary(int number);
    public abstract int last();
    public abstract int next();
    public abstract int next(int number);
    public int preceding(int number);
    public abstract int previous();
    public abstract void setText(CharacterIterator characterIterator);
    public void setText(String text);
}

/** Goes through a text. */
public interface CharacterIterator extends Cloneable {
    static char DONE;
    Object clone();
    char current();
    char first();
    int getBeginIndex();
    int getEndIndex();
    int getIndex();
    char last();
    char next();
    char previous();
    char setIndex(int number);
}

/** Texts by ranges of numbers. */
public class ChoiceFormat extends NumberFormat {
    public ChoiceFormat(String text) { }
    public ChoiceFormat(double[] items, String[] items2) { }
    public void applyPattern(String text);
    public Object clone();
    public StringBuffer format(double number, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public StringBuffer format(long number, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public Object[] getFormats();
    public double[] getLimits();
    public static final double nextDouble(double number);
    public static double nextDouble(double number, boolean flag);
    public Number parse(String text, ParsePosition parsePosition);
    public static final double previousDouble(double number);
    public void setChoices(double[] items, String[] items2);
    public String toPattern();
}

/** Compares texts by the rules of a language. */
public abstract class Collator implements Comparator<Object>, Cloneable {
    public static final int PRIMARY;
    public static final int SECONDARY;
    public static final int TERTIARY;
    public static final int IDENTICAL;
    public static final int NO_DECOMPOSITION;
    public static final int CANONICAL_DECOMPOSITION;
    public static final int FULL_DECOMPOSITION;
    protected Collator() { }
    public Object clone();
    public abstract int compare(String text, String text2);
    public int compare(Object object, Object object2);
    public boolean equals(String text, String text2);
    public static Locale[] getAvailableLocales();
    public abstract CollationKey getCollationKey(String text);
    public int getDecomposition();
    public static Collator getInstance();
    public static Collator getInstance(Locale locale);
    public int getStrength();
    public void setDecomposition(int number);
    public void setStrength(int number);
}

/** Dates as text. */
public abstract class DateFormat extends Format {
    protected Calendar calendar;
    protected NumberFormat numberFormat;
    public static final int ERA_FIELD;
    public static final int YEAR_FIELD;
    public static final int MONTH_FIELD;
    public static final int DATE_FIELD;
    public static final int HOUR_OF_DAY1_FIELD;
    public static final int HOUR_OF_DAY0_FIELD;
    public static final int MINUTE_FIELD;
    public static final int SECOND_FIELD;
    public static final int MILLISECOND_FIELD;
    public static final int DAY_OF_WEEK_FIELD;
    public static final int DAY_OF_YEAR_FIELD;
    public static final int DAY_OF_WEEK_IN_MONTH_FIELD;
    public static final int WEEK_OF_YEAR_FIELD;
    public static final int WEEK_OF_MONTH_FIELD;
    public static final int AM_PM_FIELD;
    public static final int HOUR1_FIELD;
    public static final int HOUR0_FIELD;
    public static final int TIMEZONE_FIELD;
    public static final int FULL;
    public static final int LONG;
    public static final int MEDIUM;
    public static final int SHORT;
    public static final int DEFAULT;
    protected DateFormat() { }
    public Object clone();
    public final String format(Date date);
    public abstract StringBuffer format(Date date, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public final StringBuffer format(Object object, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public static Locale[] getAvailableLocales();
    public Calendar getCalendar();
    public static final DateFormat getDateInstance();
    public static final DateFormat getDateInstance(int number);
    public static final DateFormat getDateInstance(int number, Locale locale);
    public static final DateFormat getDateTimeInstance();
    public static final DateFormat getDateTimeInstance(int number, int number2);
    public static final DateFormat getDateTimeInstance(int number, int number2, Locale locale);
    public static final DateFormat getInstance();
    public NumberFormat getNumberFormat();
    public static final DateFormat getTimeInstance();
    public static final DateFormat getTimeInstance(int number);
    public static final DateFormat getTimeInstance(int number, Locale locale);
    public TimeZone getTimeZone();
    public boolean isLenient();
    public Date parse(String text) throws ParseException;
    public abstract Date parse(String text, ParsePosition parsePosition);
    public Object parseObject(String text, ParsePosition parsePosition);
    public void setCalendar(Calendar calendar);
    public void setLenient(boolean flag);
    public void setNumberFormat(NumberFormat numberFormat);
    public void setTimeZone(TimeZone timeZone);
    public static class Field extends Format.Field {
        public static final DateFormat.Field ERA;
        public static final DateFormat.Field YEAR;
        public static final DateFormat.Field MONTH;
        public static final DateFormat.Field DAY_OF_MONTH;
        public static final DateFormat.Field HOUR_OF_DAY1;
        public static final DateFormat.Field HOUR_OF_DAY0;
        public static final DateFormat.Field MINUTE;
        public static final DateFormat.Field SECOND;
        public static final DateFormat.Field MILLISECOND;
        public static final DateFormat.Field DAY_OF_WEEK;
        public static final DateFormat.Field DAY_OF_YEAR;
        public static final DateFormat.Field DAY_OF_WEEK_IN_MONTH;
        public static final DateFormat.Field WEEK_OF_YEAR;
        public static final DateFormat.Field WEEK_OF_MONTH;
        public static final DateFormat.Field AM_PM;
        public static final DateFormat.Field HOUR1;
        public static final DateFormat.Field HOUR0;
        public static final DateFormat.Field TIME_ZONE;
        protected Field(String text, int number) { }
        public int getCalendarField();
        public static DateFormat.Field ofCalendarField(int number);
        protected Object readResolve() throws InvalidObjectException;
    }
}

/** Names of months and days. */
public class DateFormatSymbols implements Serializable, Cloneable {
    public DateFormatSymbols() { }
    public DateFormatSymbols(Locale locale) { }
    public Object clone();
    public String[] getAmPmStrings();
    public static Locale[] getAvailableLocales();
    public String[] getEras();
    public static final DateFormatSymbols getInstance();
    public static final DateFormatSymbols getInstance(Locale locale);
    public String getLocalPatternChars();
    public String[] getMonths();
    public String[] getShortMonths();
    public String[] getShortWeekdays();
    public String[] getWeekdays();
    public String[][] getZoneStrings();
    public void setAmPmStrings(String[] items);
    public void setEras(String[] items);
    public void setLocalPatternChars(String text);
    public void setMonths(String[] items);
    public void setShortMonths(String[] items);
    public void setShortWeekdays(String[] items);
    public void setWeekdays(String[] items);
    public void setZoneStrings(String[][] items);
}

/** Numbers as text by a pattern. */
public class DecimalFormat extends NumberFormat {
    public DecimalFormat() { }
    public DecimalFormat(String text) { }
    public DecimalFormat(String text, DecimalFormatSymbols decimalFormatSymbols) { }
    public void applyLocalizedPattern(String text);
    public void applyPattern(String text);
    public Object clone();
    public final StringBuffer format(Object object, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public StringBuffer format(double number, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public StringBuffer format(long number, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public AttributedCharacterIterator formatToCharacterIterator(Object object);
    public Currency getCurrency();
    public DecimalFormatSymbols getDecimalFormatSymbols();
    public int getGroupingSize();
    public int getMaximumFractionDigits();
    public int getMaximumIntegerDigits();
    public int getMinimumFractionDigits();
    public int getMinimumIntegerDigits();
    public int getMultiplier();
    public String getNegativePrefix();
    public String getNegativeSuffix();
    public String getPositivePrefix();
    public String getPositiveSuffix();
    public RoundingMode getRoundingMode();
    public boolean isDecimalSeparatorAlwaysShown();
    public boolean isParseBigDecimal();
    public Number parse(String text, ParsePosition parsePosition);
    public void setCurrency(Currency currency);
    public void setDecimalFormatSymbols(DecimalFormatSymbols decimalFormatSymbols);
    public void setDecimalSeparatorAlwaysShown(boolean flag);
    public void setGroupingSize(int number);
    public void setGroupingUsed(boolean flag);
    public void setMaximumFractionDigits(int number);
    public void setMaximumIntegerDigits(int number);
    public void setMinimumFractionDigits(int number);
    public void setMinimumIntegerDigits(int number);
    public void setMultiplier(int number);
    public void setNegativePrefix(String text);
    public void setNegativeSuffix(String text);
    public void setParseBigDecimal(boolean flag);
    public void setPositivePrefix(String text);
    public void setPositiveSuffix(String text);
    public void setRoundingMode(RoundingMode roundingMode);
    public String toLocalizedPattern();
    public String toPattern();
}

/** Signs of numbers. */
public class DecimalFormatSymbols implements Cloneable, Serializable {
    public DecimalFormatSymbols() { }
    public DecimalFormatSymbols(Locale locale) { }
    public Object clone();
    public static Locale[] getAvailableLocales();
    public Currency getCurrency();
    public String getCurrencySymbol();
    public char getDecimalSeparator();
    public char getDigit();
    public String getExponentSeparator();
    public char getGroupingSeparator();
    public String getInfinity();
    public static final DecimalFormatSymbols getInstance();
    public static final DecimalFormatSymbols getInstance(Locale locale);
    public String getInternationalCurrencySymbol();
    public char getMinusSign();
    public char getMonetaryDecimalSeparator();
    public char getMonetaryGroupingSeparator();
    public String getNaN();
    public char getPatternSeparator();
    public char getPerMill();
    public char getPercent();
    public char getZeroDigit();
    public void setCurrency(Currency currency);
    public void setCurrencySymbol(String text);
    public void setDecimalSeparator(char letter);
    public void setDigit(char letter);
    public void setExponentSeparator(String text);
    public void setGroupingSeparator(char letter);
    public void setInfinity(String text);
    public void setInternationalCurrencySymbol(String text);
    public void setMinusSign(char letter);
    public void setMonetaryDecimalSeparator(char letter);
    public void setMonetaryGroupingSeparator(char letter);
    public void setNaN(String text);
    public void setPatternSeparator(char letter);
    public void setPerMill(char letter);
    public void setPercent(char letter);
    public void setZeroDigit(char letter);
}

/** Where a field stands in a text. */
public class FieldPosition {
    public FieldPosition(int number) { }
    public FieldPosition(Format.Field field) { }
    public FieldPosition(Format.Field field, int number) { }
    public int getBeginIndex();
    public int getEndIndex();
    public int getField();
    public Format.Field getFieldAttribute();
    public void setBeginIndex(int number);
    public void setEndIndex(int number);
}

/** The base of formats. */
public abstract class Format implements Serializable, Cloneable {
    protected Format() { }
    public Object clone();
    public final String format(Object object);
    public abstract StringBuffer format(Object object, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public AttributedCharacterIterator formatToCharacterIterator(Object object);
    public Object parseObject(String text) throws ParseException;
    public abstract Object parseObject(String text, ParsePosition parsePosition);
    public static class Field extends AttributedCharacterIterator.Attribute {
        protected Field(String text) { }
    }
}

/** Texts with values put in. */
public class MessageFormat extends Format {
    public MessageFormat(String text) { }
    public MessageFormat(String text, Locale locale) { }
    public void applyPattern(String text);
    public Object clone();
    public static String format(String text, Object... items);
    public final StringBuffer format(Object object, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public final StringBuffer format(Object[] items, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public AttributedCharacterIterator formatToCharacterIterator(Object object);
    public Format[] getFormats();
    public Format[] getFormatsByArgumentIndex();
    public Locale getLocale();
    public Object[] parse(String text) throws ParseException;
    public Object[] parse(String text, ParsePosition parsePosition);
    public Object parseObject(String text, ParsePosition parsePosition);
    public void setFormat(int number, Format format);
    public void setFormatByArgumentIndex(int number, Format format);
    public void setFormats(Format[] items);
    public void setFormatsByArgumentIndex(Format[] items);
    public void setLocale(Locale locale);
    public String toPattern();
    public static class Field extends Format.Field {
        public static final MessageFormat.Field ARGUMENT;
        protected Field(String text) { }
        protected Object readResolve() throws InvalidObjectException;
    }
}

/** Brings text into a normal form. */
public final class Normalizer {
    public static boolean isNormalized(CharSequence text, Normalizer.Form form);
    public static String normalize(CharSequence text, Normalizer.Form form);
    public enum Form {
        NFD, NFC, NFKD, NFKC;
    }
}

/** Numbers as text. */
public abstract class NumberFormat extends Format {
    public static final int INTEGER_FIELD;
    public static final int FRACTION_FIELD;
    protected NumberFormat() { }
    public Object clone();
    public final String format(double number);
    public final String format(long number);
    public abstract StringBuffer format(double number, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public abstract StringBuffer format(long number, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public StringBuffer format(Object object, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public static Locale[] getAvailableLocales();
    public static NumberFormat getCompactNumberInstance();
    public static NumberFormat getCompactNumberInstance(Locale locale, NumberFormat.Style style);
    public Currency getCurrency();
    public static final NumberFormat getCurrencyInstance();
    public static NumberFormat getCurrencyInstance(Locale locale);
    public static final NumberFormat getInstance();
    public static NumberFormat getInstance(Locale locale);
    public static final NumberFormat getIntegerInstance();
    public static NumberFormat getIntegerInstance(Locale locale);
    public int getMaximumFractionDigits();
    public int getMaximumIntegerDigits();
    public int getMinimumFractionDigits();
    public int getMinimumIntegerDigits();
    public static final NumberFormat getNumberInstance();
    public static NumberFormat getNumberInstance(Locale locale);
    public static final NumberFormat getPercentInstance();
    public static NumberFormat getPercentInstance(Locale locale);
    public RoundingMode getRoundingMode();
    public boolean isGroupingUsed();
    public boolean isParseIntegerOnly();
    public Number parse(String text) throws ParseException;
    public abstract Number parse(String text, ParsePosition parsePosition);
    public final Object parseObject(String text, ParsePosition parsePosition);
    public void setCurrency(Currency currency);
    public void setGroupingUsed(boolean flag);
    public void setMaximumFractionDigits(int number);
    public void setMaximumIntegerDigits(int number);
    public void setMinimumFractionDigits(int number);
    public void setMinimumIntegerDigits(int number);
    public void setParseIntegerOnly(boolean flag);
    public void setRoundingMode(RoundingMode roundingMode);
    public static class Field extends Format.Field {
        public static final NumberFormat.Field INTEGER;
        public static final NumberFormat.Field FRACTION;
        public static final NumberFormat.Field EXPONENT;
        public static final NumberFormat.Field DECIMAL_SEPARATOR;
        public static final NumberFormat.Field SIGN;
        public static final NumberFormat.Field GROUPING_SEPARATOR;
        public static final NumberFormat.Field EXPONENT_SYMBOL;
        public static final NumberFormat.Field PERCENT;
        public static final NumberFormat.Field PERMILLE;
        public static final NumberFormat.Field CURRENCY;
        public static final NumberFormat.Field EXPONENT_SIGN;
        public static final NumberFormat.Field PREFIX;
        public static final NumberFormat.Field SUFFIX;
        protected Field(String text) { }
        protected Object readResolve() throws InvalidObjectException;
    }
    public enum Style {
        SHORT, LONG;
    }
}

/** A text that cannot be read. */
public class ParseException extends Exception {
    public ParseException(String text, int number) { }
    public int getErrorOffset();
}

/** Where reading goes on. */
public class ParsePosition {
    public ParsePosition(int number) { }
    public int getErrorIndex();
    public int getIndex();
    public void setErrorIndex(int number);
    public void setIndex(int number);
}

/** Dates as text by a pattern. */
public class SimpleDateFormat extends DateFormat {
    public SimpleDateFormat() { }
    public SimpleDateFormat(String text) { }
    public SimpleDateFormat(String text, DateFormatSymbols dateFormatSymbols) { }
    public SimpleDateFormat(String text, Locale locale) { }
    public void applyLocalizedPattern(String text);
    public void applyPattern(String text);
    public Object clone();
    public StringBuffer format(Date date, StringBuffer stringBuffer, FieldPosition fieldPosition);
    public AttributedCharacterIterator formatToCharacterIterator(Object object);
    public Date get2DigitYearStart();
    public DateFormatSymbols getDateFormatSymbols();
    public Date parse(String text, ParsePosition parsePosition);
    public void set2DigitYearStart(Date date);
    public void setDateFormatSymbols(DateFormatSymbols dateFormatSymbols);
    public String toLocalizedPattern();
    public String toPattern();
}

/** Goes through a text. */
public final class StringCharacterIterator implements CharacterIterator {
    public StringCharacterIterator(String text) { }
    public StringCharacterIterator(String text, int number) { }
    public StringCharacterIterator(String text, int number, int number2, int number3) { }
    public Object clone();
    public char current();
    public char first();
    public int getBeginIndex();
    public int getEndIndex();
    public int getIndex();
    public char last();
    public char next();
    public char previous();
    public char setIndex(int number);
    public void setText(String text);
}
