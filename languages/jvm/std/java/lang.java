package java.lang;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.Console;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.Serializable;
import java.io.UnsupportedEncodingException;
import java.lang.annotation.Annotation;
import java.lang.invoke.MethodType;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.GenericDeclaration;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.TypeVariable;
import java.net.URL;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.channels.Channel;
import java.nio.charset.Charset;
import java.util.Comparator;
import java.util.Enumeration;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.Spliterator;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What text can be appended to. */
public interface Appendable {
    Appendable append(char letter) throws IOException;
    Appendable append(CharSequence text) throws IOException;
    Appendable append(CharSequence text, int number, int number2) throws IOException;
}

/** An impossible calculation, such as division by zero. */
public class ArithmeticException extends RuntimeException {
    public ArithmeticException() { }
    public ArithmeticException(String text) { }
}

/** An index outside an array. */
public class ArrayIndexOutOfBoundsException extends IndexOutOfBoundsException {
    public ArrayIndexOutOfBoundsException() { }
    public ArrayIndexOutOfBoundsException(int number) { }
    public ArrayIndexOutOfBoundsException(String text) { }
}

/** A value of a wrong type for an array. */
public class ArrayStoreException extends RuntimeException {
    public ArrayStoreException() { }
    public ArrayStoreException(String text) { }
}

/** An assertion that failed. */
public class AssertionError extends Error {
    public AssertionError() { }
    public AssertionError(boolean flag) { }
    public AssertionError(char letter) { }
    public AssertionError(double number) { }
    public AssertionError(float number) { }
    public AssertionError(int number) { }
    public AssertionError(Object object) { }
    public AssertionError(long number) { }
    public AssertionError(String text, Throwable throwable) { }
}

/** What a `try` closes at its end. */
public interface AutoCloseable {
    void close() throws Exception;
}

/** A boxed `boolean`. */
public final class Boolean implements Serializable, Comparable<Boolean> {
    public static final Boolean TRUE;
    public static final Boolean FALSE;
    public static final Class<Boolean> TYPE;
    public Boolean(boolean flag) { }
    public Boolean(String text) { }
    public boolean booleanValue();
    public static int compare(boolean flag, boolean flag2);
    public int compareTo(Boolean boolean);
    public static boolean getBoolean(String text);
    public static int hashCode(boolean flag);
    public static boolean logicalAnd(boolean flag, boolean flag2);
    public static boolean logicalOr(boolean flag, boolean flag2);
    public static boolean logicalXor(boolean flag, boolean flag2);
    public static boolean parseBoolean(String text);
    public static String toString(boolean flag);
    public static Boolean valueOf(boolean flag);
    public static Boolean valueOf(String text);
}

/** A boxed `byte`. */
public final class Byte extends Number implements Comparable<Byte> {
    public static final byte MIN_VALUE;
    public static final byte MAX_VALUE;
    public static final Class<Byte> TYPE;
    public static final int SIZE;
    public static final int BYTES;
    public Byte(byte number) { }
    public Byte(String text) throws NumberFormatException { }
    public byte byteValue();
    public static int compare(byte number, byte number2);
    public int compareTo(Byte byte);
    public static int compareUnsigned(byte number, byte number2);
    public static Byte decode(String text) throws NumberFormatException;
    public double doubleValue();
    public float floatValue();
    public static int hashCode(byte number);
    public int intValue();
    public long longValue();
    public static byte parseByte(String text) throws NumberFormatException;
    public static byte parseByte(String text, int number) throws NumberFormatException;
    public short shortValue();
    public static String toString(byte number);
    public static int toUnsignedInt(byte number);
    public static long toUnsignedLong(byte number);
    public static Byte valueOf(byte number);
    public static Byte valueOf(String text) throws NumberFormatException;
    public static Byte valueOf(String text, int number) throws NumberFormatException;
}

/** Anything that reads like a text. */
public interface CharSequence {
    char charAt(int number);
    default IntStream chars() { }
    default IntStream codePoints() { }
    static int compare(CharSequence text, CharSequence text2) { }
    default boolean isEmpty() { }
    int length();
    CharSequence subSequence(int number, int number2);
    String toString();
}

/** A boxed `char`, and what kinds of letters there are. */
public final class Character implements Serializable, Comparable<Character> {
    public static final int MIN_RADIX;
    public static final int MAX_RADIX;
    public static final char MIN_VALUE;
    public static final char MAX_VALUE;
    public static final Class<Character> TYPE;
    public static final byte UNASSIGNED;
    public static final byte UPPERCASE_LETTER;
    public static final byte LOWERCASE_LETTER;
    public static final byte TITLECASE_LETTER;
    public static final byte MODIFIER_LETTER;
    public static final byte OTHER_LETTER;
    public static final byte NON_SPACING_MARK;
    public static final byte ENCLOSING_MARK;
    public static final byte COMBINING_SPACING_MARK;
    public static final byte DECIMAL_DIGIT_NUMBER;
    public static final byte LETTER_NUMBER;
    public static final byte OTHER_NUMBER;
    public static final byte SPACE_SEPARATOR;
    public static final byte LINE_SEPARATOR;
    public static final byte PARAGRAPH_SEPARATOR;
    public static final byte CONTROL;
    public static final byte FORMAT;
    public static final byte PRIVATE_USE;
    public static final byte SURROGATE;
    public static final byte DASH_PUNCTUATION;
    public static final byte START_PUNCTUATION;
    public static final byte END_PUNCTUATION;
    public static final byte CONNECTOR_PUNCTUATION;
    public static final byte OTHER_PUNCTUATION;
    public static final byte MATH_SYMBOL;
    public static final byte CURRENCY_SYMBOL;
    public static final byte MODIFIER_SYMBOL;
    public static final byte OTHER_SYMBOL;
    public static final byte INITIAL_QUOTE_PUNCTUATION;
    public static final byte FINAL_QUOTE_PUNCTUATION;
    public static final byte DIRECTIONALITY_UNDEFINED;
    public static final byte DIRECTIONALITY_LEFT_TO_RIGHT;
    public static final byte DIRECTIONALITY_RIGHT_TO_LEFT;
    public static final byte DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
    public static final byte DIRECTIONALITY_EUROPEAN_NUMBER;
    public static final byte DIRECTIONALITY_EUROPEAN_NUMBER_SEPARATOR;
    public static final byte DIRECTIONALITY_EUROPEAN_NUMBER_TERMINATOR;
    public static final byte DIRECTIONALITY_ARABIC_NUMBER;
    public static final byte DIRECTIONALITY_COMMON_NUMBER_SEPARATOR;
    public static final byte DIRECTIONALITY_NONSPACING_MARK;
    public static final byte DIRECTIONALITY_BOUNDARY_NEUTRAL;
    public static final byte DIRECTIONALITY_PARAGRAPH_SEPARATOR;
    public static final byte DIRECTIONALITY_SEGMENT_SEPARATOR;
    public static final byte DIRECTIONALITY_WHITESPACE;
    public static final byte DIRECTIONALITY_OTHER_NEUTRALS;
    public static final byte DIRECTIONALITY_LEFT_TO_RIGHT_EMBEDDING;
    public static final byte DIRECTIONALITY_LEFT_TO_RIGHT_OVERRIDE;
    public static final byte DIRECTIONALITY_RIGHT_TO_LEFT_EMBEDDING;
    public static final byte DIRECTIONALITY_RIGHT_TO_LEFT_OVERRIDE;
    public static final byte DIRECTIONALITY_POP_DIRECTIONAL_FORMAT;
    public static final byte DIRECTIONALITY_LEFT_TO_RIGHT_ISOLATE;
    public static final byte DIRECTIONALITY_RIGHT_TO_LEFT_ISOLATE;
    public static final byte DIRECTIONALITY_FIRST_STRONG_ISOLATE;
    public static final byte DIRECTIONALITY_POP_DIRECTIONAL_ISOLATE;
    public static final char MIN_HIGH_SURROGATE;
    public static final char MAX_HIGH_SURROGATE;
    public static final char MIN_LOW_SURROGATE;
    public static final char MAX_LOW_SURROGATE;
    public static final char MIN_SURROGATE;
    public static final char MAX_SURROGATE;
    public static final int MIN_SUPPLEMENTARY_CODE_POINT;
    public static final int MIN_CODE_POINT;
    public static final int MAX_CODE_POINT;
    public static final int SIZE;
    public static final int BYTES;
    public Character(char letter) { }
    public static int charCount(int number);
    public char charValue();
    public static int codePointAt(char[] items, int number);
    public static int codePointAt(CharSequence text, int number);
    public static int codePointAt(char[] items, int number, int number2);
    public static int codePointBefore(char[] items, int number);
    public static int codePointBefore(CharSequence text, int number);
    public static int codePointBefore(char[] items, int number, int number2);
    public static int codePointCount(char[] items, int number, int number2);
    public static int codePointCount(CharSequence text, int number, int number2);
    public static int codePointOf(String text);
    public static int compare(char letter, char letter2);
    public int compareTo(Character character);
    public static int digit(char letter, int number);
    public static int digit(int number, int number2);
    public static char forDigit(int number, int number2);
    public static byte getDirectionality(char letter);
    public static byte getDirectionality(int number);
    public static String getName(int number);
    public static int getNumericValue(char letter);
    public static int getNumericValue(int number);
    public static int getType(char letter);
    public static int getType(int number);
    public static int hashCode(char letter);
    public static char highSurrogate(int number);
    public static boolean isAlphabetic(int number);
    public static boolean isBmpCodePoint(int number);
    public static boolean isDefined(char letter);
    public static boolean isDefined(int number);
    public static boolean isDigit(char letter);
    public static boolean isDigit(int number);
    public static boolean isHighSurrogate(char letter);
    public static boolean isISOControl(char letter);
    public static boolean isISOControl(int number);
    public static boolean isIdentifierIgnorable(char letter);
    public static boolean isIdentifierIgnorable(int number);
    public static boolean isIdeographic(int number);
    public static boolean isJavaIdentifierPart(char letter);
    public static boolean isJavaIdentifierPart(int number);
    public static boolean isJavaIdentifierStart(char letter);
    public static boolean isJavaIdentifierStart(int number);
    public static boolean isJavaLetter(char letter);
    public static boolean isJavaLetterOrDigit(char letter);
    public static boolean isLetter(char letter);
    public static boolean isLetter(int number);
    public static boolean isLetterOrDigit(char letter);
    public static boolean isLetterOrDigit(int number);
    public static boolean isLowSurrogate(char letter);
    public static boolean isLowerCase(char letter);
    public static boolean isLowerCase(int number);
    public static boolean isMirrored(char letter);
    public static boolean isMirrored(int number);
    public static boolean isSpace(char letter);
    public static boolean isSpaceChar(char letter);
    public static boolean isSpaceChar(int number);
    public static boolean isSupplementaryCodePoint(int number);
    public static boolean isSurrogate(char letter);
    public static boolean isSurrogatePair(char letter, char letter2);
    public static boolean isTitleCase(char letter);
    public static boolean isTitleCase(int number);
    public static boolean isUnicodeIdentifierPart(char letter);
    public static boolean isUnicodeIdentifierPart(int number);
    public static boolean isUnicodeIdentifierStart(char letter);
    public static boolean isUnicodeIdentifierStart(int number);
    public static boolean isUpperCase(char letter);
    public static boolean isUpperCase(int number);
    public static boolean isValidCodePoint(int number);
    public static boolean isWhitespace(char letter);
    public static boolean isWhitespace(int number);
    public static char lowSurrogate(int number);
    public static int offsetByCodePoints(CharSequence text, int number, int number2);
    public static int offsetByCodePoints(char[] items, int number, int number2, int number3, int number4);
    public static char reverseBytes(char letter);
    public static char[] toChars(int number);
    public static int toChars(int number, char[] items, int number2);
    public static int toCodePoint(char letter, char letter2);
    public static char toLowerCase(char letter);
    public static int toLowerCase(int number);
    public static String toString(char letter);
    public static String toString(int number);
    public static char toTitleCase(char letter);
    public static int toTitleCase(int number);
    public static char toUpperCase(char letter);
    public static int toUpperCase(int number);
    public static Character valueOf(char letter);
    public static class Subset {
        protected Subset(String text) { }
    }
    public static final class UnicodeBlock extends Character.Subset {
        public static final Character.UnicodeBlock BASIC_LATIN;
        public static final Character.UnicodeBlock LATIN_1_SUPPLEMENT;
        public static final Character.UnicodeBlock LATIN_EXTENDED_A;
        public static final Character.UnicodeBlock LATIN_EXTENDED_B;
        public static final Character.UnicodeBlock IPA_EXTENSIONS;
        public static final Character.UnicodeBlock SPACING_MODIFIER_LETTERS;
        public static final Character.UnicodeBlock COMBINING_DIACRITICAL_MARKS;
        public static final Character.UnicodeBlock GREEK;
        public static final Character.UnicodeBlock CYRILLIC;
        public static final Character.UnicodeBlock ARMENIAN;
        public static final Character.UnicodeBlock HEBREW;
        public static final Character.UnicodeBlock ARABIC;
        public static final Character.UnicodeBlock DEVANAGARI;
        public static final Character.UnicodeBlock BENGALI;
        public static final Character.UnicodeBlock GURMUKHI;
        public static final Character.UnicodeBlock GUJARATI;
        public static final Character.UnicodeBlock ORIYA;
        public static final Character.UnicodeBlock TAMIL;
        public static final Character.UnicodeBlock TELUGU;
        public static final Character.UnicodeBlock KANNADA;
        public static final Character.UnicodeBlock MALAYALAM;
        public static final Character.UnicodeBlock THAI;
        public static final Character.UnicodeBlock LAO;
        public static final Character.UnicodeBlock TIBETAN;
        public static final Character.UnicodeBlock GEORGIAN;
        public static final Character.UnicodeBlock HANGUL_JAMO;
        public static final Character.UnicodeBlock LATIN_EXTENDED_ADDITIONAL;
        public static final Character.UnicodeBlock GREEK_EXTENDED;
        public static final Character.UnicodeBlock GENERAL_PUNCTUATION;
        public static final Character.UnicodeBlock SUPERSCRIPTS_AND_SUBSCRIPTS;
        public static final Character.UnicodeBlock CURRENCY_SYMBOLS;
        public static final Character.UnicodeBlock COMBINING_MARKS_FOR_SYMBOLS;
        public static final Character.UnicodeBlock LETTERLIKE_SYMBOLS;
        public static final Character.UnicodeBlock NUMBER_FORMS;
        public static final Character.UnicodeBlock ARROWS;
        public static final Character.UnicodeBlock MATHEMATICAL_OPERATORS;
        public static final Character.UnicodeBlock MISCELLANEOUS_TECHNICAL;
        public static final Character.UnicodeBlock CONTROL_PICTURES;
        public static final Character.UnicodeBlock OPTICAL_CHARACTER_RECOGNITION;
        public static final Character.UnicodeBlock ENCLOSED_ALPHANUMERICS;
        public static final Character.UnicodeBlock BOX_DRAWING;
        public static final Character.UnicodeBlock BLOCK_ELEMENTS;
        public static final Character.UnicodeBlock GEOMETRIC_SHAPES;
        public static final Character.UnicodeBlock MISCELLANEOUS_SYMBOLS;
        public static final Character.UnicodeBlock DINGBATS;
        public static final Character.UnicodeBlock CJK_SYMBOLS_AND_PUNCTUATION;
        public static final Character.UnicodeBlock HIRAGANA;
        public static final Character.UnicodeBlock KATAKANA;
        public static final Character.UnicodeBlock BOPOMOFO;
        public static final Character.UnicodeBlock HANGUL_COMPATIBILITY_JAMO;
        public static final Character.UnicodeBlock KANBUN;
        public static final Character.UnicodeBlock ENCLOSED_CJK_LETTERS_AND_MONTHS;
        public static final Character.UnicodeBlock CJK_COMPATIBILITY;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS;
        public static final Character.UnicodeBlock HANGUL_SYLLABLES;
        public static final Character.UnicodeBlock PRIVATE_USE_AREA;
        public static final Character.UnicodeBlock CJK_COMPATIBILITY_IDEOGRAPHS;
        public static final Character.UnicodeBlock ALPHABETIC_PRESENTATION_FORMS;
        public static final Character.UnicodeBlock ARABIC_PRESENTATION_FORMS_A;
        public static final Character.UnicodeBlock COMBINING_HALF_MARKS;
        public static final Character.UnicodeBlock CJK_COMPATIBILITY_FORMS;
        public static final Character.UnicodeBlock SMALL_FORM_VARIANTS;
        public static final Character.UnicodeBlock ARABIC_PRESENTATION_FORMS_B;
        public static final Character.UnicodeBlock HALFWIDTH_AND_FULLWIDTH_FORMS;
        public static final Character.UnicodeBlock SPECIALS;
        public static final Character.UnicodeBlock SURROGATES_AREA;
        public static final Character.UnicodeBlock SYRIAC;
        public static final Character.UnicodeBlock THAANA;
        public static final Character.UnicodeBlock SINHALA;
        public static final Character.UnicodeBlock MYANMAR;
        public static final Character.UnicodeBlock ETHIOPIC;
        public static final Character.UnicodeBlock CHEROKEE;
        public static final Character.UnicodeBlock UNIFIED_CANADIAN_ABORIGINAL_SYLLABICS;
        public static final Character.UnicodeBlock OGHAM;
        public static final Character.UnicodeBlock RUNIC;
        public static final Character.UnicodeBlock KHMER;
        public static final Character.UnicodeBlock MONGOLIAN;
        public static final Character.UnicodeBlock BRAILLE_PATTERNS;
        public static final Character.UnicodeBlock CJK_RADICALS_SUPPLEMENT;
        public static final Character.UnicodeBlock KANGXI_RADICALS;
        public static final Character.UnicodeBlock IDEOGRAPHIC_DESCRIPTION_CHARACTERS;
        public static final Character.UnicodeBlock BOPOMOFO_EXTENDED;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_A;
        public static final Character.UnicodeBlock YI_SYLLABLES;
        public static final Character.UnicodeBlock YI_RADICALS;
        public static final Character.UnicodeBlock CYRILLIC_SUPPLEMENTARY;
        public static final Character.UnicodeBlock TAGALOG;
        public static final Character.UnicodeBlock HANUNOO;
        public static final Character.UnicodeBlock BUHID;
        public static final Character.UnicodeBlock TAGBANWA;
        public static final Character.UnicodeBlock LIMBU;
        public static final Character.UnicodeBlock TAI_LE;
        public static final Character.UnicodeBlock KHMER_SYMBOLS;
        public static final Character.UnicodeBlock PHONETIC_EXTENSIONS;
        public static final Character.UnicodeBlock MISCELLANEOUS_MATHEMATICAL_SYMBOLS_A;
        public static final Character.UnicodeBlock SUPPLEMENTAL_ARROWS_A;
        public static final Character.UnicodeBlock SUPPLEMENTAL_ARROWS_B;
        public static final Character.UnicodeBlock MISCELLANEOUS_MATHEMATICAL_SYMBOLS_B;
        public static final Character.UnicodeBlock SUPPLEMENTAL_MATHEMATICAL_OPERATORS;
        public static final Character.UnicodeBlock MISCELLANEOUS_SYMBOLS_AND_ARROWS;
        public static final Character.UnicodeBlock KATAKANA_PHONETIC_EXTENSIONS;
        public static final Character.UnicodeBlock YIJING_HEXAGRAM_SYMBOLS;
        public static final Character.UnicodeBlock VARIATION_SELECTORS;
        public static final Character.UnicodeBlock LINEAR_B_SYLLABARY;
        public static final Character.UnicodeBlock LINEAR_B_IDEOGRAMS;
        public static final Character.UnicodeBlock AEGEAN_NUMBERS;
        public static final Character.UnicodeBlock OLD_ITALIC;
        public static final Character.UnicodeBlock GOTHIC;
        public static final Character.UnicodeBlock UGARITIC;
        public static final Character.UnicodeBlock DESERET;
        public static final Character.UnicodeBlock SHAVIAN;
        public static final Character.UnicodeBlock OSMANYA;
        public static final Character.UnicodeBlock CYPRIOT_SYLLABARY;
        public static final Character.UnicodeBlock BYZANTINE_MUSICAL_SYMBOLS;
        public static final Character.UnicodeBlock MUSICAL_SYMBOLS;
        public static final Character.UnicodeBlock TAI_XUAN_JING_SYMBOLS;
        public static final Character.UnicodeBlock MATHEMATICAL_ALPHANUMERIC_SYMBOLS;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_B;
        public static final Character.UnicodeBlock CJK_COMPATIBILITY_IDEOGRAPHS_SUPPLEMENT;
        public static final Character.UnicodeBlock TAGS;
        public static final Character.UnicodeBlock VARIATION_SELECTORS_SUPPLEMENT;
        public static final Character.UnicodeBlock SUPPLEMENTARY_PRIVATE_USE_AREA_A;
        public static final Character.UnicodeBlock SUPPLEMENTARY_PRIVATE_USE_AREA_B;
        public static final Character.UnicodeBlock HIGH_SURROGATES;
        public static final Character.UnicodeBlock HIGH_PRIVATE_USE_SURROGATES;
        public static final Character.UnicodeBlock LOW_SURROGATES;
        public static final Character.UnicodeBlock ARABIC_SUPPLEMENT;
        public static final Character.UnicodeBlock NKO;
        public static final Character.UnicodeBlock SAMARITAN;
        public static final Character.UnicodeBlock MANDAIC;
        public static final Character.UnicodeBlock ETHIOPIC_SUPPLEMENT;
        public static final Character.UnicodeBlock UNIFIED_CANADIAN_ABORIGINAL_SYLLABICS_EXTENDED;
        public static final Character.UnicodeBlock NEW_TAI_LUE;
        public static final Character.UnicodeBlock BUGINESE;
        public static final Character.UnicodeBlock TAI_THAM;
        public static final Character.UnicodeBlock BALINESE;
        public static final Character.UnicodeBlock SUNDANESE;
        public static final Character.UnicodeBlock BATAK;
        public static final Character.UnicodeBlock LEPCHA;
        public static final Character.UnicodeBlock OL_CHIKI;
        public static final Character.UnicodeBlock VEDIC_EXTENSIONS;
        public static final Character.UnicodeBlock PHONETIC_EXTENSIONS_SUPPLEMENT;
        public static final Character.UnicodeBlock COMBINING_DIACRITICAL_MARKS_SUPPLEMENT;
        public static final Character.UnicodeBlock GLAGOLITIC;
        public static final Character.UnicodeBlock LATIN_EXTENDED_C;
        public static final Character.UnicodeBlock COPTIC;
        public static final Character.UnicodeBlock GEORGIAN_SUPPLEMENT;
        public static final Character.UnicodeBlock TIFINAGH;
        public static final Character.UnicodeBlock ETHIOPIC_EXTENDED;
        public static final Character.UnicodeBlock CYRILLIC_EXTENDED_A;
        public static final Character.UnicodeBlock SUPPLEMENTAL_PUNCTUATION;
        public static final Character.UnicodeBlock CJK_STROKES;
        public static final Character.UnicodeBlock LISU;
        public static final Character.UnicodeBlock VAI;
        public static final Character.UnicodeBlock CYRILLIC_EXTENDED_B;
        public static final Character.UnicodeBlock BAMUM;
        public static final Character.UnicodeBlock MODIFIER_TONE_LETTERS;
        public static final Character.UnicodeBlock LATIN_EXTENDED_D;
        public static final Character.UnicodeBlock SYLOTI_NAGRI;
        public static final Character.UnicodeBlock COMMON_INDIC_NUMBER_FORMS;
        public static final Character.UnicodeBlock PHAGS_PA;
        public static final Character.UnicodeBlock SAURASHTRA;
        public static final Character.UnicodeBlock DEVANAGARI_EXTENDED;
        public static final Character.UnicodeBlock KAYAH_LI;
        public static final Character.UnicodeBlock REJANG;
        public static final Character.UnicodeBlock HANGUL_JAMO_EXTENDED_A;
        public static final Character.UnicodeBlock JAVANESE;
        public static final Character.UnicodeBlock CHAM;
        public static final Character.UnicodeBlock MYANMAR_EXTENDED_A;
        public static final Character.UnicodeBlock TAI_VIET;
        public static final Character.UnicodeBlock ETHIOPIC_EXTENDED_A;
        public static final Character.UnicodeBlock MEETEI_MAYEK;
        public static final Character.UnicodeBlock HANGUL_JAMO_EXTENDED_B;
        public static final Character.UnicodeBlock VERTICAL_FORMS;
        public static final Character.UnicodeBlock ANCIENT_GREEK_NUMBERS;
        public static final Character.UnicodeBlock ANCIENT_SYMBOLS;
        public static final Character.UnicodeBlock PHAISTOS_DISC;
        public static final Character.UnicodeBlock LYCIAN;
        public static final Character.UnicodeBlock CARIAN;
        public static final Character.UnicodeBlock OLD_PERSIAN;
        public static final Character.UnicodeBlock IMPERIAL_ARAMAIC;
        public static final Character.UnicodeBlock PHOENICIAN;
        public static final Character.UnicodeBlock LYDIAN;
        public static final Character.UnicodeBlock KHAROSHTHI;
        public static final Character.UnicodeBlock OLD_SOUTH_ARABIAN;
        public static final Character.UnicodeBlock AVESTAN;
        public static final Character.UnicodeBlock INSCRIPTIONAL_PARTHIAN;
        public static final Character.UnicodeBlock INSCRIPTIONAL_PAHLAVI;
        public static final Character.UnicodeBlock OLD_TURKIC;
        public static final Character.UnicodeBlock RUMI_NUMERAL_SYMBOLS;
        public static final Character.UnicodeBlock BRAHMI;
        public static final Character.UnicodeBlock KAITHI;
        public static final Character.UnicodeBlock CUNEIFORM;
        public static final Character.UnicodeBlock CUNEIFORM_NUMBERS_AND_PUNCTUATION;
        public static final Character.UnicodeBlock EGYPTIAN_HIEROGLYPHS;
        public static final Character.UnicodeBlock BAMUM_SUPPLEMENT;
        public static final Character.UnicodeBlock KANA_SUPPLEMENT;
        public static final Character.UnicodeBlock ANCIENT_GREEK_MUSICAL_NOTATION;
        public static final Character.UnicodeBlock COUNTING_ROD_NUMERALS;
        public static final Character.UnicodeBlock MAHJONG_TILES;
        public static final Character.UnicodeBlock DOMINO_TILES;
        public static final Character.UnicodeBlock PLAYING_CARDS;
        public static final Character.UnicodeBlock ENCLOSED_ALPHANUMERIC_SUPPLEMENT;
        public static final Character.UnicodeBlock ENCLOSED_IDEOGRAPHIC_SUPPLEMENT;
        public static final Character.UnicodeBlock MISCELLANEOUS_SYMBOLS_AND_PICTOGRAPHS;
        public static final Character.UnicodeBlock EMOTICONS;
        public static final Character.UnicodeBlock TRANSPORT_AND_MAP_SYMBOLS;
        public static final Character.UnicodeBlock ALCHEMICAL_SYMBOLS;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_C;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_D;
        public static final Character.UnicodeBlock ARABIC_EXTENDED_A;
        public static final Character.UnicodeBlock SUNDANESE_SUPPLEMENT;
        public static final Character.UnicodeBlock MEETEI_MAYEK_EXTENSIONS;
        public static final Character.UnicodeBlock MEROITIC_HIEROGLYPHS;
        public static final Character.UnicodeBlock MEROITIC_CURSIVE;
        public static final Character.UnicodeBlock SORA_SOMPENG;
        public static final Character.UnicodeBlock CHAKMA;
        public static final Character.UnicodeBlock SHARADA;
        public static final Character.UnicodeBlock TAKRI;
        public static final Character.UnicodeBlock MIAO;
        public static final Character.UnicodeBlock ARABIC_MATHEMATICAL_ALPHABETIC_SYMBOLS;
        public static final Character.UnicodeBlock COMBINING_DIACRITICAL_MARKS_EXTENDED;
        public static final Character.UnicodeBlock MYANMAR_EXTENDED_B;
        public static final Character.UnicodeBlock LATIN_EXTENDED_E;
        public static final Character.UnicodeBlock COPTIC_EPACT_NUMBERS;
        public static final Character.UnicodeBlock OLD_PERMIC;
        public static final Character.UnicodeBlock ELBASAN;
        public static final Character.UnicodeBlock CAUCASIAN_ALBANIAN;
        public static final Character.UnicodeBlock LINEAR_A;
        public static final Character.UnicodeBlock PALMYRENE;
        public static final Character.UnicodeBlock NABATAEAN;
        public static final Character.UnicodeBlock OLD_NORTH_ARABIAN;
        public static final Character.UnicodeBlock MANICHAEAN;
        public static final Character.UnicodeBlock PSALTER_PAHLAVI;
        public static final Character.UnicodeBlock MAHAJANI;
        public static final Character.UnicodeBlock SINHALA_ARCHAIC_NUMBERS;
        public static final Character.UnicodeBlock KHOJKI;
        public static final Character.UnicodeBlock KHUDAWADI;
        public static final Character.UnicodeBlock GRANTHA;
        public static final Character.UnicodeBlock TIRHUTA;
        public static final Character.UnicodeBlock SIDDHAM;
        public static final Character.UnicodeBlock MODI;
        public static final Character.UnicodeBlock WARANG_CITI;
        public static final Character.UnicodeBlock PAU_CIN_HAU;
        public static final Character.UnicodeBlock MRO;
        public static final Character.UnicodeBlock BASSA_VAH;
        public static final Character.UnicodeBlock PAHAWH_HMONG;
        public static final Character.UnicodeBlock DUPLOYAN;
        public static final Character.UnicodeBlock SHORTHAND_FORMAT_CONTROLS;
        public static final Character.UnicodeBlock MENDE_KIKAKUI;
        public static final Character.UnicodeBlock ORNAMENTAL_DINGBATS;
        public static final Character.UnicodeBlock GEOMETRIC_SHAPES_EXTENDED;
        public static final Character.UnicodeBlock SUPPLEMENTAL_ARROWS_C;
        public static final Character.UnicodeBlock CHEROKEE_SUPPLEMENT;
        public static final Character.UnicodeBlock HATRAN;
        public static final Character.UnicodeBlock OLD_HUNGARIAN;
        public static final Character.UnicodeBlock MULTANI;
        public static final Character.UnicodeBlock AHOM;
        public static final Character.UnicodeBlock EARLY_DYNASTIC_CUNEIFORM;
        public static final Character.UnicodeBlock ANATOLIAN_HIEROGLYPHS;
        public static final Character.UnicodeBlock SUTTON_SIGNWRITING;
        public static final Character.UnicodeBlock SUPPLEMENTAL_SYMBOLS_AND_PICTOGRAPHS;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_E;
        public static final Character.UnicodeBlock SYRIAC_SUPPLEMENT;
        public static final Character.UnicodeBlock CYRILLIC_EXTENDED_C;
        public static final Character.UnicodeBlock OSAGE;
        public static final Character.UnicodeBlock NEWA;
        public static final Character.UnicodeBlock MONGOLIAN_SUPPLEMENT;
        public static final Character.UnicodeBlock MARCHEN;
        public static final Character.UnicodeBlock IDEOGRAPHIC_SYMBOLS_AND_PUNCTUATION;
        public static final Character.UnicodeBlock TANGUT;
        public static final Character.UnicodeBlock TANGUT_COMPONENTS;
        public static final Character.UnicodeBlock KANA_EXTENDED_A;
        public static final Character.UnicodeBlock GLAGOLITIC_SUPPLEMENT;
        public static final Character.UnicodeBlock ADLAM;
        public static final Character.UnicodeBlock MASARAM_GONDI;
        public static final Character.UnicodeBlock ZANABAZAR_SQUARE;
        public static final Character.UnicodeBlock NUSHU;
        public static final Character.UnicodeBlock SOYOMBO;
        public static final Character.UnicodeBlock BHAIKSUKI;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_F;
        public static final Character.UnicodeBlock GEORGIAN_EXTENDED;
        public static final Character.UnicodeBlock HANIFI_ROHINGYA;
        public static final Character.UnicodeBlock OLD_SOGDIAN;
        public static final Character.UnicodeBlock SOGDIAN;
        public static final Character.UnicodeBlock DOGRA;
        public static final Character.UnicodeBlock GUNJALA_GONDI;
        public static final Character.UnicodeBlock MAKASAR;
        public static final Character.UnicodeBlock MEDEFAIDRIN;
        public static final Character.UnicodeBlock MAYAN_NUMERALS;
        public static final Character.UnicodeBlock INDIC_SIYAQ_NUMBERS;
        public static final Character.UnicodeBlock CHESS_SYMBOLS;
        public static final Character.UnicodeBlock ELYMAIC;
        public static final Character.UnicodeBlock NANDINAGARI;
        public static final Character.UnicodeBlock TAMIL_SUPPLEMENT;
        public static final Character.UnicodeBlock EGYPTIAN_HIEROGLYPH_FORMAT_CONTROLS;
        public static final Character.UnicodeBlock SMALL_KANA_EXTENSION;
        public static final Character.UnicodeBlock NYIAKENG_PUACHUE_HMONG;
        public static final Character.UnicodeBlock WANCHO;
        public static final Character.UnicodeBlock OTTOMAN_SIYAQ_NUMBERS;
        public static final Character.UnicodeBlock SYMBOLS_AND_PICTOGRAPHS_EXTENDED_A;
        public static final Character.UnicodeBlock YEZIDI;
        public static final Character.UnicodeBlock CHORASMIAN;
        public static final Character.UnicodeBlock DIVES_AKURU;
        public static final Character.UnicodeBlock LISU_SUPPLEMENT;
        public static final Character.UnicodeBlock KHITAN_SMALL_SCRIPT;
        public static final Character.UnicodeBlock TANGUT_SUPPLEMENT;
        public static final Character.UnicodeBlock SYMBOLS_FOR_LEGACY_COMPUTING;
        public static final Character.UnicodeBlock CJK_UNIFIED_IDEOGRAPHS_EXTENSION_G;
        public static final Character.UnicodeBlock forName(String text);
        public static Character.UnicodeBlock of(char letter);
        public static Character.UnicodeBlock of(int number);
    }
    public enum UnicodeScript {
        COMMON, LATIN, GREEK, CYRILLIC, ARMENIAN, HEBREW, ARABIC, SYRIAC, THAANA, DEVANAGARI, BENGALI, GURMUKHI, GUJARATI, ORIYA, TAMIL, TELUGU, KANNADA, MALAYALAM, SINHALA, THAI, LAO, TIBETAN, MYANMAR, GEORGIAN, HANGUL, ETHIOPIC, CHEROKEE, CANADIAN_ABORIGINAL, OGHAM, RUNIC, KHMER, MONGOLIAN, HIRAGANA, KATAKANA, BOPOMOFO, HAN, YI, OLD_ITALIC, GOTHIC, DESERET, INHERITED, TAGALOG, HANUNOO, BUHID, TAGBANWA, LIMBU, TAI_LE, LINEAR_B, UGARITIC, SHAVIAN, OSMANYA, CYPRIOT, BRAILLE, BUGINESE, COPTIC, NEW_TAI_LUE, GLAGOLITIC, TIFINAGH, SYLOTI_NAGRI, OLD_PERSIAN, KHAROSHTHI, BALINESE, CUNEIFORM, PHOENICIAN, PHAGS_PA, NKO, SUNDANESE, BATAK, LEPCHA, OL_CHIKI, VAI, SAURASHTRA, KAYAH_LI, REJANG, LYCIAN, CARIAN, LYDIAN, CHAM, TAI_THAM, TAI_VIET, AVESTAN, EGYPTIAN_HIEROGLYPHS, SAMARITAN, MANDAIC, LISU, BAMUM, JAVANESE, MEETEI_MAYEK, IMPERIAL_ARAMAIC, OLD_SOUTH_ARABIAN, INSCRIPTIONAL_PARTHIAN, INSCRIPTIONAL_PAHLAVI, OLD_TURKIC, BRAHMI, KAITHI, MEROITIC_HIEROGLYPHS, MEROITIC_CURSIVE, SORA_SOMPENG, CHAKMA, SHARADA, TAKRI, MIAO, CAUCASIAN_ALBANIAN, BASSA_VAH, DUPLOYAN, ELBASAN, GRANTHA, PAHAWH_HMONG, KHOJKI, LINEAR_A, MAHAJANI, MANICHAEAN, MENDE_KIKAKUI, MODI, MRO, OLD_NORTH_ARABIAN, NABATAEAN, PALMYRENE, PAU_CIN_HAU, OLD_PERMIC, PSALTER_PAHLAVI, SIDDHAM, KHUDAWADI, TIRHUTA, WARANG_CITI, AHOM, ANATOLIAN_HIEROGLYPHS, HATRAN, MULTANI, OLD_HUNGARIAN, SIGNWRITING, ADLAM, BHAIKSUKI, MARCHEN, NEWA, OSAGE, TANGUT, MASARAM_GONDI, NUSHU, SOYOMBO, ZANABAZAR_SQUARE, HANIFI_ROHINGYA, OLD_SOGDIAN, SOGDIAN, DOGRA, GUNJALA_GONDI, MAKASAR, MEDEFAIDRIN, ELYMAIC, NANDINAGARI, NYIAKENG_PUACHUE_HMONG, WANCHO, YEZIDI, CHORASMIAN, DIVES_AKURU, KHITAN_SMALL_SCRIPT, UNKNOWN;
        public static final Character.UnicodeScript forName(String text);
        public static Character.UnicodeScript of(int number);
    }
}

/** A class or interface of the running program. */
public final class Class<T> implements Serializable, GenericDeclaration, Type, AnnotatedElement, java.lang.invoke.TypeDescriptor.OfField<Class<?>> {
    public Class<?> arrayType();
    public <U> Class<? extends U> asSubclass(Class<U> type);
    public T cast(Object object);
    public Class<?> componentType();
    public String descriptorString();
    public boolean desiredAssertionStatus();
    public static Class<?> forName(String text) throws ClassNotFoundException;
    public static Class<?> forName(Module module, String text);
    public static Class<?> forName(String text, boolean flag, ClassLoader classLoader) throws ClassNotFoundException;
    public java.lang.reflect.AnnotatedType[] getAnnotatedInterfaces();
    public java.lang.reflect.AnnotatedType getAnnotatedSuperclass();
    public <A extends Annotation> A getAnnotation(Class<A> type);
    public Annotation[] getAnnotations();
    public <A extends Annotation> A[] getAnnotationsByType(Class<A> type);
    public String getCanonicalName();
    public ClassLoader getClassLoader();
    public Class<?>[] getClasses();
    public Class<?> getComponentType();
    public Constructor<T> getConstructor(Class<?>... items) throws NoSuchMethodException, SecurityException;
    public Constructor<?>[] getConstructors() throws SecurityException;
    public <A extends Annotation> A getDeclaredAnnotation(Class<A> type);
    public Annotation[] getDeclaredAnnotations();
    public <A extends Annotation> A[] getDeclaredAnnotationsByType(Class<A> type);
    public Class<?>[] getDeclaredClasses() throws SecurityException;
    public Constructor<T> getDeclaredConstructor(Class<?>... items) throws NoSuchMethodException, SecurityException;
    public Constructor<?>[] getDeclaredConstructors() throws SecurityException;
    public Field getDeclaredField(String text) throws NoSuchFieldException, SecurityException;
    public Field[] getDeclaredFields() throws SecurityException;
    public Method getDeclaredMethod(String text, Class<?>... items) throws NoSuchMethodException, SecurityException;
    public Method[] getDeclaredMethods() throws SecurityException;
    public Class<?> getDeclaringClass() throws SecurityException;
    public Class<?> getEnclosingClass() throws SecurityException;
    public Constructor<?> getEnclosingConstructor() throws SecurityException;
    public Method getEnclosingMethod() throws SecurityException;
    public T[] getEnumConstants();
    public Field getField(String text) throws NoSuchFieldException, SecurityException;
    public Field[] getFields() throws SecurityException;
    public Type[] getGenericInterfaces();
    public Type getGenericSuperclass();
    public Class<?>[] getInterfaces();
    public Method getMethod(String text, Class<?>... items) throws NoSuchMethodException, SecurityException;
    public Method[] getMethods() throws SecurityException;
    public int getModifiers();
    public Module getModule();
    public String getName();
    public Class<?> getNestHost();
    public Class<?>[] getNestMembers();
    public Package getPackage();
    public String getPackageName();
    public Class<?>[] getPermittedSubclasses();
    public java.security.ProtectionDomain getProtectionDomain();
    public RecordComponent[] getRecordComponents();
    public URL getResource(String text);
    public InputStream getResourceAsStream(String text);
    public Object[] getSigners();
    public String getSimpleName();
    public Class<? super T> getSuperclass();
    public String getTypeName();
    public TypeVariable<Class<T>>[] getTypeParameters();
    public boolean isAnnotation();
    public boolean isAnnotationPresent(Class<? extends Annotation> type);
    public boolean isAnonymousClass();
    public boolean isArray();
    public boolean isAssignableFrom(Class<?> type);
    public boolean isEnum();
    public boolean isHidden();
    public boolean isInstance(Object object);
    public boolean isInterface();
    public boolean isLocalClass();
    public boolean isMemberClass();
    public boolean isNestmateOf(Class<?> type);
    public boolean isPrimitive();
    public boolean isRecord();
    public boolean isSealed();
    public boolean isSynthetic();
    public T newInstance() throws InstantiationException, IllegalAccessException;
    public String toGenericString();
}

/** A cast to a class the object is not of. */
public class ClassCastException extends RuntimeException {
    public ClassCastException() { }
    public ClassCastException(String text) { }
}

/** Loads classes and resources. */
public abstract class ClassLoader {
    protected ClassLoader() { }
    protected ClassLoader(ClassLoader classLoader) { }
    protected ClassLoader(String text, ClassLoader classLoader) { }
    public void clearAssertionStatus();
    protected final Class<?> defineClass(byte[] items, int number, int number2) throws ClassFormatError;
    protected final Class<?> defineClass(String text, ByteBuffer byteBuffer, java.security.ProtectionDomain protectionDomain) throws ClassFormatError;
    protected final Class<?> defineClass(String text, byte[] items, int number, int number2) throws ClassFormatError;
    protected final Class<?> defineClass(String text, byte[] items, int number, int number2, java.security.ProtectionDomain protectionDomain) throws ClassFormatError;
    protected Package definePackage(String text, String text2, String text3, String text4, String text5, String text6, String text7, URL uRL);
    protected Class<?> findClass(String text) throws ClassNotFoundException;
    protected Class<?> findClass(String text, String text2);
    protected String findLibrary(String text);
    protected final Class<?> findLoadedClass(String text);
    protected URL findResource(String text);
    protected URL findResource(String text, String text2) throws IOException;
    protected Enumeration<URL> findResources(String text) throws IOException;
    protected final Class<?> findSystemClass(String text) throws ClassNotFoundException;
    protected Object getClassLoadingLock(String text);
    public final Package getDefinedPackage(String text);
    public final Package[] getDefinedPackages();
    public String getName();
    protected Package getPackage(String text);
    protected Package[] getPackages();
    public final ClassLoader getParent();
    public static ClassLoader getPlatformClassLoader();
    public URL getResource(String text);
    public InputStream getResourceAsStream(String text);
    public Enumeration<URL> getResources(String text) throws IOException;
    public static ClassLoader getSystemClassLoader();
    public static URL getSystemResource(String text);
    public static InputStream getSystemResourceAsStream(String text);
    public static Enumeration<URL> getSystemResources(String text) throws IOException;
    public final Module getUnnamedModule();
    public final boolean isRegisteredAsParallelCapable();
    public Class<?> loadClass(String text) throws ClassNotFoundException;
    protected Class<?> loadClass(String text, boolean flag) throws ClassNotFoundException;
    protected static boolean registerAsParallelCapable();
    protected final void resolveClass(Class<?> type);
    public Stream<URL> resources(String text);
    public void setClassAssertionStatus(String text, boolean flag);
    public void setDefaultAssertionStatus(boolean flag);
    public void setPackageAssertionStatus(String text, boolean flag);
    protected final void setSigners(Class<?> type, Object[] items);
}

/** No class of that name. */
public class ClassNotFoundException extends ReflectiveOperationException {
    public ClassNotFoundException() { }
    public ClassNotFoundException(String text) { }
    public ClassNotFoundException(String text, Throwable throwable) { }
    public Throwable getException();
}

/** A value for each class. */
public abstract class ClassValue<T> {
    protected ClassValue() { }
    protected abstract T computeValue(Class<?> type);
    public T get(Class<?> type);
    public void remove(Class<?> type);
}

/** An object that cannot be cloned. */
public class CloneNotSupportedException extends Exception {
    public CloneNotSupportedException() { }
    public CloneNotSupportedException(String text) { }
}

/** Marks classes that may be cloned. */
public interface Cloneable {
}

/** What has a natural order. */
public interface Comparable<T> {
    int compareTo(T value);
}

/** Marks what should no longer be used. */
public @interface Deprecated {
    boolean forRemoval();
    String since();
}

/** A boxed `double`, and what is done with such numbers. */
public final class Double extends Number implements Comparable<Double> {
    public static final double POSITIVE_INFINITY;
    public static final double NEGATIVE_INFINITY;
    public static final double NaN;
    public static final double MAX_VALUE;
    public static final double MIN_NORMAL;
    public static final double MIN_VALUE;
    public static final int MAX_EXPONENT;
    public static final int MIN_EXPONENT;
    public static final int SIZE;
    public static final int BYTES;
    public static final Class<Double> TYPE;
    public Double(double number) { }
    public Double(String text) throws NumberFormatException { }
    public byte byteValue();
    public static int compare(double number, double number2);
    public int compareTo(Double doubleValue);
    public static long doubleToLongBits(double number);
    public static long doubleToRawLongBits(double number);
    public double doubleValue();
    public float floatValue();
    public static int hashCode(double number);
    public int intValue();
    public static boolean isFinite(double number);
    public boolean isInfinite();
    public static boolean isInfinite(double number);
    public boolean isNaN();
    public static boolean isNaN(double number);
    public static double longBitsToDouble(long number);
    public long longValue();
    public static double max(double number, double number2);
    public static double min(double number, double number2);
    public static double parseDouble(String text) throws NumberFormatException;
    public short shortValue();
    public static double sum(double number, double number2);
    public static String toHexString(double number);
    public static String toString(double number);
    public static Double valueOf(double number);
    public static Double valueOf(String text) throws NumberFormatException;
}

/** The base of all enums. */
public abstract class Enum<E extends Enum<E>> implements Comparable<E>, Serializable {
    protected Enum(String text, int number) { }
    protected final Object clone() throws CloneNotSupportedException;
    public final int compareTo(E value);
    public final Class<E> getDeclaringClass();
    public final String name();
    public final int ordinal();
    public static <T extends Enum<T>> T valueOf(Class<T> type, String text);
    public static final class EnumDesc<E extends Enum<E>> extends java.lang.constant.DynamicConstantDesc<E> {
        public static <E extends Enum<E>> Enum.EnumDesc<E> of(java.lang.constant.ClassDesc classDesc, String text);
    }
}

/** An enum without that constant. */
public class EnumConstantNotPresentException extends RuntimeException {
    public EnumConstantNotPresentException(Class<? extends Enum> type, String text) { }
    public String constantName();
    public Class<? extends Enum> enumType();
}

/** Serious trouble that programs do not catch. */
public class Error extends Throwable {
    public Error() { }
    public Error(String text) { }
    public Error(Throwable throwable) { }
    public Error(String text, Throwable throwable) { }
    protected Error(String text, Throwable throwable, boolean flag, boolean flag2) { }
}

/** What a program may want to catch. */
public class Exception extends Throwable {
    public Exception() { }
    public Exception(String text) { }
    public Exception(Throwable throwable) { }
    public Exception(String text, Throwable throwable) { }
    protected Exception(String text, Throwable throwable, boolean flag, boolean flag2) { }
}

/** An exception while a class was set up. */
public class ExceptionInInitializerError extends LinkageError {
    public ExceptionInInitializerError() { }
    public ExceptionInInitializerError(String text) { }
    public ExceptionInInitializerError(Throwable throwable) { }
    public Throwable getException();
}

/** A boxed `float`. */
public final class Float extends Number implements Comparable<Float> {
    public static final float POSITIVE_INFINITY;
    public static final float NEGATIVE_INFINITY;
    public static final float NaN;
    public static final float MAX_VALUE;
    public static final float MIN_NORMAL;
    public static final float MIN_VALUE;
    public static final int MAX_EXPONENT;
    public static final int MIN_EXPONENT;
    public static final int SIZE;
    public static final int BYTES;
    public static final Class<Float> TYPE;
    public Float(double number) { }
    public Float(float number) { }
    public Float(String text) throws NumberFormatException { }
    public byte byteValue();
    public static int compare(float number, float number2);
    public int compareTo(Float floatValue);
    public double doubleValue();
    public static int floatToIntBits(float number);
    public static int floatToRawIntBits(float number);
    public float floatValue();
    public static int hashCode(float number);
    public static float intBitsToFloat(int number);
    public int intValue();
    public static boolean isFinite(float number);
    public boolean isInfinite();
    public static boolean isInfinite(float number);
    public boolean isNaN();
    public static boolean isNaN(float number);
    public long longValue();
    public static float max(float number, float number2);
    public static float min(float number, float number2);
    public static float parseFloat(String text) throws NumberFormatException;
    public short shortValue();
    public static float sum(float number, float number2);
    public static String toHexString(float number);
    public static String toString(float number);
    public static Float valueOf(float number);
    public static Float valueOf(String text) throws NumberFormatException;
}

/** Marks an interface with one open method. */
public @interface FunctionalInterface {
}

/** A member that may not be used from there. */
public class IllegalAccessException extends ReflectiveOperationException {
    public IllegalAccessException() { }
    public IllegalAccessException(String text) { }
}

/** A method was given a value it cannot take. */
public class IllegalArgumentException extends RuntimeException {
    public IllegalArgumentException() { }
    public IllegalArgumentException(String text) { }
    public IllegalArgumentException(Throwable throwable) { }
    public IllegalArgumentException(String text, Throwable throwable) { }
}

/** Waiting or notifying without owning the lock. */
public class IllegalMonitorStateException extends RuntimeException {
    public IllegalMonitorStateException() { }
    public IllegalMonitorStateException(String text) { }
}

/** A method was called at the wrong time. */
public class IllegalStateException extends RuntimeException {
    public IllegalStateException() { }
    public IllegalStateException(String text) { }
    public IllegalStateException(Throwable throwable) { }
    public IllegalStateException(String text, Throwable throwable) { }
}

/** An index outside its range. */
public class IndexOutOfBoundsException extends RuntimeException {
    public IndexOutOfBoundsException() { }
    public IndexOutOfBoundsException(int number) { }
    public IndexOutOfBoundsException(String text) { }
    public IndexOutOfBoundsException(long number) { }
}

/** A value for each thread that new threads begin with. */
public class InheritableThreadLocal<T> extends ThreadLocal<T> {
    public InheritableThreadLocal() { }
    protected T childValue(T value);
}

/** A class that has no instances. */
public class InstantiationException extends ReflectiveOperationException {
    public InstantiationException() { }
    public InstantiationException(String text) { }
}

/** A boxed `int`, and what is done with such numbers. */
public final class Integer extends Number implements Comparable<Integer> {
    public static final int MIN_VALUE;
    public static final int MAX_VALUE;
    public static final Class<Integer> TYPE;
    public static final int SIZE;
    public static final int BYTES;
    public Integer(int number) { }
    public Integer(String text) throws NumberFormatException { }
    public static int bitCount(int number);
    public byte byteValue();
    /** Before, equal or after. */
    public static int compare(int number, int number2);
    public int compareTo(Integer integer);
    public static int compareUnsigned(int number, int number2);
    public static Integer decode(String text) throws NumberFormatException;
    public static int divideUnsigned(int number, int number2);
    public double doubleValue();
    public float floatValue();
    public static Integer getInteger(String text);
    public static Integer getInteger(String text, int number);
    public static Integer getInteger(String text, Integer integer);
    public static int hashCode(int number);
    public static int highestOneBit(int number);
    public int intValue();
    public long longValue();
    public static int lowestOneBit(int number);
    public static int max(int number, int number2);
    public static int min(int number, int number2);
    public static int numberOfLeadingZeros(int number);
    public static int numberOfTrailingZeros(int number);
    /** The number of a text. */
    public static int parseInt(String text) throws NumberFormatException;
    public static int parseInt(String text, int number) throws NumberFormatException;
    public static int parseInt(CharSequence text, int number, int number2, int number3) throws NumberFormatException;
    public static int parseUnsignedInt(String text) throws NumberFormatException;
    public static int parseUnsignedInt(String text, int number) throws NumberFormatException;
    public static int parseUnsignedInt(CharSequence text, int number, int number2, int number3) throws NumberFormatException;
    public static int remainderUnsigned(int number, int number2);
    public static int reverse(int number);
    public static int reverseBytes(int number);
    public static int rotateLeft(int number, int number2);
    public static int rotateRight(int number, int number2);
    public short shortValue();
    public static int signum(int number);
    public static int sum(int number, int number2);
    public static String toBinaryString(int number);
    public static String toHexString(int number);
    public static String toOctalString(int number);
    /** The number as text. */
    public static String toString(int number);
    public static String toString(int number, int number2);
    public static long toUnsignedLong(int number);
    public static String toUnsignedString(int number);
    public static String toUnsignedString(int number, int number2);
    /** A boxed number. */
    public static Integer valueOf(int number);
    public static Integer valueOf(String text) throws NumberFormatException;
    public static Integer valueOf(String text, int number) throws NumberFormatException;
}

/** A waiting thread was interrupted. */
public class InterruptedException extends Exception {
    public InterruptedException() { }
    public InterruptedException(String text) { }
}

/** What a `for` can go through. */
public interface Iterable<T> {
    default void forEach(Consumer<? super T> action) { }
    Iterator<T> iterator();
    default Spliterator<T> spliterator() { }
}

/** Classes that do not fit together. */
public class LinkageError extends Error {
    public LinkageError() { }
    public LinkageError(String text) { }
    public LinkageError(String text, Throwable throwable) { }
}

/** A boxed `long`, and what is done with such numbers. */
public final class Long extends Number implements Comparable<Long> {
    public static final long MIN_VALUE;
    public static final long MAX_VALUE;
    public static final Class<Long> TYPE;
    public static final int SIZE;
    public static final int BYTES;
    public Long(String text) throws NumberFormatException { }
    public Long(long number) { }
    public static int bitCount(long number);
    public byte byteValue();
    public static int compare(long number, long number2);
    public int compareTo(Long long);
    public static int compareUnsigned(long number, long number2);
    public static Long decode(String text) throws NumberFormatException;
    public static long divideUnsigned(long number, long number2);
    public double doubleValue();
    public float floatValue();
    public static Long getLong(String text);
    public static Long getLong(String text, Long long);
    public static Long getLong(String text, long number);
    public static int hashCode(long number);
    public static long highestOneBit(long number);
    public int intValue();
    public long longValue();
    public static long lowestOneBit(long number);
    public static long max(long number, long number2);
    public static long min(long number, long number2);
    public static int numberOfLeadingZeros(long number);
    public static int numberOfTrailingZeros(long number);
    /** The number of a text. */
    public static long parseLong(String text) throws NumberFormatException;
    public static long parseLong(String text, int number) throws NumberFormatException;
    public static long parseLong(CharSequence text, int number, int number2, int number3) throws NumberFormatException;
    public static long parseUnsignedLong(String text) throws NumberFormatException;
    public static long parseUnsignedLong(String text, int number) throws NumberFormatException;
    public static long parseUnsignedLong(CharSequence text, int number, int number2, int number3) throws NumberFormatException;
    public static long remainderUnsigned(long number, long number2);
    public static long reverse(long number);
    public static long reverseBytes(long number);
    public static long rotateLeft(long number, int number2);
    public static long rotateRight(long number, int number2);
    public short shortValue();
    public static int signum(long number);
    public static long sum(long number, long number2);
    public static String toBinaryString(long number);
    public static String toHexString(long number);
    public static String toOctalString(long number);
    public static String toString(long number);
    public static String toString(long number, int number2);
    public static String toUnsignedString(long number);
    public static String toUnsignedString(long number, int number2);
    /** A boxed number. */
    public static Long valueOf(String text) throws NumberFormatException;
    public static Long valueOf(long number);
    public static Long valueOf(String text, int number) throws NumberFormatException;
}

/** Functions on numbers. */
public final class Math {
    public static final double E;
    public static final double PI;
    public static double IEEEremainder(double number, double number2);
    public static double abs(double number);
    public static float abs(float number);
    public static int abs(int number);
    public static long abs(long number);
    public static int absExact(int number);
    public static long absExact(long number);
    public static double acos(double number);
    public static int addExact(int number, int number2);
    public static long addExact(long number, long number2);
    public static double asin(double number);
    public static double atan(double number);
    public static double atan2(double number, double number2);
    public static double cbrt(double number);
    public static double ceil(double number);
    public static double copySign(double number, double number2);
    public static float copySign(float number, float number2);
    public static double cos(double number);
    public static double cosh(double number);
    public static int decrementExact(int number);
    public static long decrementExact(long number);
    public static double exp(double number);
    public static double expm1(double number);
    public static double floor(double number);
    public static int floorDiv(int number, int number2);
    public static long floorDiv(long number, int number2);
    public static long floorDiv(long number, long number2);
    public static int floorMod(int number, int number2);
    public static int floorMod(long number, int number2);
    public static long floorMod(long number, long number2);
    public static double fma(double number, double number2, double number3);
    public static float fma(float number, float number2, float number3);
    public static int getExponent(double number);
    public static int getExponent(float number);
    public static double hypot(double number, double number2);
    public static int incrementExact(int number);
    public static long incrementExact(long number);
    public static double log(double number);
    public static double log10(double number);
    public static double log1p(double number);
    public static double max(double number, double number2);
    public static float max(float number, float number2);
    public static int max(int number, int number2);
    public static long max(long number, long number2);
    public static double min(double number, double number2);
    public static float min(float number, float number2);
    public static int min(int number, int number2);
    public static long min(long number, long number2);
    public static int multiplyExact(int number, int number2);
    public static long multiplyExact(long number, int number2);
    public static long multiplyExact(long number, long number2);
    public static long multiplyFull(int number, int number2);
    public static long multiplyHigh(long number, long number2);
    public static int negateExact(int number);
    public static long negateExact(long number);
    public static double nextAfter(double number, double number2);
    public static float nextAfter(float number, double number2);
    public static double nextDown(double number);
    public static float nextDown(float number);
    public static double nextUp(double number);
    public static float nextUp(float number);
    public static double pow(double number, double number2);
    public static double random();
    public static double rint(double number);
    public static int round(float number);
    public static long round(double number);
    public static double scalb(double number, int number2);
    public static float scalb(float number, int number2);
    public static double signum(double number);
    public static float signum(float number);
    public static double sin(double number);
    public static double sinh(double number);
    public static double sqrt(double number);
    public static int subtractExact(int number, int number2);
    public static long subtractExact(long number, long number2);
    public static double tan(double number);
    public static double tanh(double number);
    public static double toDegrees(double number);
    public static int toIntExact(long number);
    public static double toRadians(double number);
    public static double ulp(double number);
    public static float ulp(float number);
}

/** A module of the running program. */
public final class Module implements AnnotatedElement {
    public Module addExports(String text, Module module);
    public Module addOpens(String text, Module module);
    public Module addReads(Module module);
    public Module addUses(Class<?> type);
    public boolean canRead(Module module);
    public boolean canUse(Class<?> type);
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public Annotation[] getAnnotations();
    public ClassLoader getClassLoader();
    public Annotation[] getDeclaredAnnotations();
    public java.lang.module.ModuleDescriptor getDescriptor();
    public ModuleLayer getLayer();
    public String getName();
    public Set<String> getPackages();
    public InputStream getResourceAsStream(String text) throws IOException;
    public boolean isExported(String text);
    public boolean isExported(String text, Module module);
    public boolean isNamed();
    public boolean isOpen(String text);
    public boolean isOpen(String text, Module module);
}

/** An array of negative size. */
public class NegativeArraySizeException extends RuntimeException {
    public NegativeArraySizeException() { }
    public NegativeArraySizeException(String text) { }
}

/** A class that was there when compiling. */
public class NoClassDefFoundError extends LinkageError {
    public NoClassDefFoundError() { }
    public NoClassDefFoundError(String text) { }
}

/** No field of that name. */
public class NoSuchFieldException extends ReflectiveOperationException {
    public NoSuchFieldException() { }
    public NoSuchFieldException(String text) { }
}

/** No method of that name and those parameters. */
public class NoSuchMethodException extends ReflectiveOperationException {
    public NoSuchMethodException() { }
    public NoSuchMethodException(String text) { }
}

/** `null` where an object is needed. */
public class NullPointerException extends RuntimeException {
    public NullPointerException() { }
    public NullPointerException(String text) { }
    public Throwable fillInStackTrace();
    public String getMessage();
}

/** The base of the number classes. */
public abstract class Number implements Serializable {
    public Number() { }
    public byte byteValue();
    public abstract double doubleValue();
    public abstract float floatValue();
    public abstract int intValue();
    public abstract long longValue();
    public short shortValue();
}

/** A text that is no number. */
public class NumberFormatException extends IllegalArgumentException {
    public NumberFormatException() { }
    public NumberFormatException(String text) { }
}

/** The root of all classes. */
public class Object {
    public Object() { }
    /** A copy. */
    protected Object clone() throws CloneNotSupportedException;
    /** Is it the same as another object? */
    public boolean equals(Object object);
    protected void finalize() throws Throwable;
    /** The class of the object. */
    public final Class<?> getClass();
    /** A number that is alike for equal objects. */
    public int hashCode();
    /** Wakes one thread that waits. */
    public final void notify();
    /** Wakes all threads that wait. */
    public final void notifyAll();
    /** The object as text. */
    public String toString();
    /** Waits until somebody notifies. */
    public final void wait() throws InterruptedException;
    public final void wait(long number) throws InterruptedException;
    public final void wait(long number, int number2) throws InterruptedException;
}

/** No memory is left. */
public class OutOfMemoryError extends VirtualMachineError {
    public OutOfMemoryError() { }
    public OutOfMemoryError(String text) { }
}

/** Marks a method that overrides one. */
public @interface Override {
}

/** A package of the running program. */
public class Package implements AnnotatedElement {
    public <A extends Annotation> A getAnnotation(Class<A> type);
    public Annotation[] getAnnotations();
    public <A extends Annotation> A[] getAnnotationsByType(Class<A> type);
    public <A extends Annotation> A getDeclaredAnnotation(Class<A> type);
    public Annotation[] getDeclaredAnnotations();
    public <A extends Annotation> A[] getDeclaredAnnotationsByType(Class<A> type);
    public String getImplementationTitle();
    public String getImplementationVendor();
    public String getImplementationVersion();
    public String getName();
    public static Package getPackage(String text);
    public static Package[] getPackages();
    public String getSpecificationTitle();
    public String getSpecificationVendor();
    public String getSpecificationVersion();
    public boolean isAnnotationPresent(Class<? extends Annotation> type);
    public boolean isCompatibleWith(String text) throws NumberFormatException;
    public boolean isSealed();
    public boolean isSealed(URL uRL);
}

/** A program that was started. */
public abstract class Process {
    public Process() { }
    public Stream<ProcessHandle> children();
    public Stream<ProcessHandle> descendants();
    public abstract void destroy();
    public Process destroyForcibly();
    public final BufferedReader errorReader();
    public final BufferedReader errorReader(Charset charset);
    public abstract int exitValue();
    public abstract InputStream getErrorStream();
    public abstract InputStream getInputStream();
    public abstract OutputStream getOutputStream();
    public ProcessHandle.Info info();
    public final BufferedReader inputReader();
    public final BufferedReader inputReader(Charset charset);
    public boolean isAlive();
    public CompletableFuture<Process> onExit();
    public final BufferedWriter outputWriter();
    public final BufferedWriter outputWriter(Charset charset);
    public long pid();
    public boolean supportsNormalTermination();
    public ProcessHandle toHandle();
    public abstract int waitFor() throws InterruptedException;
    public boolean waitFor(long number, TimeUnit timeUnit) throws InterruptedException;
}

/** Starts programs. */
public final class ProcessBuilder {
    public ProcessBuilder(String... items) { }
    public ProcessBuilder(List<String> list) { }
    public List<String> command();
    public ProcessBuilder command(String... items);
    public ProcessBuilder command(List<String> list);
    public File directory();
    public ProcessBuilder directory(File file);
    public Map<String, String> environment();
    public ProcessBuilder inheritIO();
    public ProcessBuilder.Redirect redirectError();
    public ProcessBuilder redirectError(File file);
    public ProcessBuilder redirectError(ProcessBuilder.Redirect redirect);
    public boolean redirectErrorStream();
    public ProcessBuilder redirectErrorStream(boolean flag);
    public ProcessBuilder.Redirect redirectInput();
    public ProcessBuilder redirectInput(File file);
    public ProcessBuilder redirectInput(ProcessBuilder.Redirect redirect);
    public ProcessBuilder.Redirect redirectOutput();
    public ProcessBuilder redirectOutput(File file);
    public ProcessBuilder redirectOutput(ProcessBuilder.Redirect redirect);
    public Process start() throws IOException;
    public static List<Process> startPipeline(List<ProcessBuilder> list) throws IOException;
    public static abstract class Redirect {
        public static final ProcessBuilder.Redirect PIPE;
        public static final ProcessBuilder.Redirect INHERIT;
        public static final ProcessBuilder.Redirect DISCARD;
        public static ProcessBuilder.Redirect appendTo(File file);
        public File file();
        public static ProcessBuilder.Redirect from(File file);
        public static ProcessBuilder.Redirect to(File file);
        public abstract ProcessBuilder.Redirect.Type type();
        public enum Type {
            PIPE, INHERIT, READ, WRITE, APPEND;
        }
    }
}

/** What text can be read from. */
public interface Readable {
    int read(CharBuffer charBuffer) throws IOException;
}

/** The base of all records. */
public abstract class Record {
    protected Record() { }
}

/** The base of what reflection throws. */
public class ReflectiveOperationException extends Exception {
    public ReflectiveOperationException() { }
    public ReflectiveOperationException(String text) { }
    public ReflectiveOperationException(Throwable throwable) { }
    public ReflectiveOperationException(String text, Throwable throwable) { }
}

/** Something that can be run. */
public interface Runnable {
    void run();
}

/** The running virtual machine. */
public class Runtime {
    public void addShutdownHook(Thread thread);
    public int availableProcessors();
    public Process exec(String text) throws IOException;
    public Process exec(String[] items) throws IOException;
    public Process exec(String text, String[] items) throws IOException;
    public Process exec(String[] items, String[] items2) throws IOException;
    public Process exec(String text, String[] items, File file) throws IOException;
    public Process exec(String[] items, String[] items2, File file) throws IOException;
    public void exit(int number);
    public long freeMemory();
    public void gc();
    public static Runtime getRuntime();
    public void halt(int number);
    public void load(String text);
    public void loadLibrary(String text);
    public long maxMemory();
    public boolean removeShutdownHook(Thread thread);
    public void runFinalization();
    public long totalMemory();
    public static Runtime.Version version();
    public static final class Version implements Comparable<Runtime.Version> {
        public Optional<Integer> build();
        public int compareTo(Runtime.Version version);
        public int compareToIgnoreOptional(Runtime.Version version);
        public boolean equalsIgnoreOptional(Object object);
        public int feature();
        public int interim();
        public int major();
        public int minor();
        public Optional<String> optional();
        public static Runtime.Version parse(String text);
        public int patch();
        public Optional<String> pre();
        public int security();
        public int update();
        public List<Integer> version();
    }
}

/** Exceptions that need no declaration. */
public class RuntimeException extends Exception {
    public RuntimeException() { }
    public RuntimeException(String text) { }
    public RuntimeException(Throwable throwable) { }
    public RuntimeException(String text, Throwable throwable) { }
    protected RuntimeException(String text, Throwable throwable, boolean flag, boolean flag2) { }
}

/** Promises that open-ended arguments are used safely. */
public @interface SafeVarargs {
}

/** Something that is not permitted. */
public class SecurityException extends RuntimeException {
    public SecurityException() { }
    public SecurityException(String text) { }
    public SecurityException(Throwable throwable) { }
    public SecurityException(String text, Throwable throwable) { }
}

/** A boxed `short`. */
public final class Short extends Number implements Comparable<Short> {
    public static final short MIN_VALUE;
    public static final short MAX_VALUE;
    public static final Class<Short> TYPE;
    public static final int SIZE;
    public static final int BYTES;
    public Short(String text) throws NumberFormatException { }
    public Short(short number) { }
    public byte byteValue();
    public static int compare(short number, short number2);
    public int compareTo(Short short);
    public static int compareUnsigned(short number, short number2);
    public static Short decode(String text) throws NumberFormatException;
    public double doubleValue();
    public float floatValue();
    public static int hashCode(short number);
    public int intValue();
    public long longValue();
    public static short parseShort(String text) throws NumberFormatException;
    public static short parseShort(String text, int number) throws NumberFormatException;
    public static short reverseBytes(short number);
    public short shortValue();
    public static String toString(short number);
    public static int toUnsignedInt(short number);
    public static long toUnsignedLong(short number);
    public static Short valueOf(String text) throws NumberFormatException;
    public static Short valueOf(short number);
    public static Short valueOf(String text, int number) throws NumberFormatException;
}

/** Calls nested too deep. */
public class StackOverflowError extends VirtualMachineError {
    public StackOverflowError() { }
    public StackOverflowError(String text) { }
}

/** One call on the stack. */
public final class StackTraceElement implements Serializable {
    public StackTraceElement(String text, String text2, String text3, int number) { }
    public StackTraceElement(String text, String text2, String text3, String text4, String text5, String text6, int number) { }
    public String getClassLoaderName();
    public String getClassName();
    public String getFileName();
    public int getLineNumber();
    public String getMethodName();
    public String getModuleName();
    public String getModuleVersion();
    public boolean isNativeMethod();
}

/** Goes through the calls on the stack. */
public final class StackWalker {
    public void forEach(Consumer<? super StackWalker.StackFrame> action);
    public Class<?> getCallerClass();
    public static StackWalker getInstance();
    public static StackWalker getInstance(StackWalker.Option option);
    public static StackWalker getInstance(Set<StackWalker.Option> set);
    public static StackWalker getInstance(Set<StackWalker.Option> set, int number);
    public <T> T walk(Function<? super Stream<StackWalker.StackFrame>, ? extends T> function);
    public enum Option {
        RETAIN_CLASS_REFERENCE, SHOW_REFLECT_FRAMES, SHOW_HIDDEN_FRAMES;
    }
    public interface StackFrame {
        int getByteCodeIndex();
        String getClassName();
        Class<?> getDeclaringClass();
        default String getDescriptor() { }
        String getFileName();
        int getLineNumber();
        String getMethodName();
        default MethodType getMethodType() { }
        boolean isNativeMethod();
        StackTraceElement toStackTraceElement();
    }
}

/** Functions on numbers with the same result on every machine. */
public final class StrictMath {
    public static final double E;
    public static final double PI;
    public static double IEEEremainder(double number, double number2);
    public static double abs(double number);
    public static float abs(float number);
    public static int abs(int number);
    public static long abs(long number);
    public static int absExact(int number);
    public static long absExact(long number);
    public static double acos(double number);
    public static int addExact(int number, int number2);
    public static long addExact(long number, long number2);
    public static double asin(double number);
    public static double atan(double number);
    public static double atan2(double number, double number2);
    public static double cbrt(double number);
    public static double ceil(double number);
    public static double copySign(double number, double number2);
    public static float copySign(float number, float number2);
    public static double cos(double number);
    public static double cosh(double number);
    public static int decrementExact(int number);
    public static long decrementExact(long number);
    public static double exp(double number);
    public static double expm1(double number);
    public static double floor(double number);
    public static int floorDiv(int number, int number2);
    public static long floorDiv(long number, int number2);
    public static long floorDiv(long number, long number2);
    public static int floorMod(int number, int number2);
    public static int floorMod(long number, int number2);
    public static long floorMod(long number, long number2);
    public static double fma(double number, double number2, double number3);
    public static float fma(float number, float number2, float number3);
    public static int getExponent(double number);
    public static int getExponent(float number);
    public static double hypot(double number, double number2);
    public static int incrementExact(int number);
    public static long incrementExact(long number);
    public static double log(double number);
    public static double log10(double number);
    public static double log1p(double number);
    public static double max(double number, double number2);
    public static float max(float number, float number2);
    public static int max(int number, int number2);
    public static long max(long number, long number2);
    public static double min(double number, double number2);
    public static float min(float number, float number2);
    public static int min(int number, int number2);
    public static long min(long number, long number2);
    public static int multiplyExact(int number, int number2);
    public static long multiplyExact(long number, int number2);
    public static long multiplyExact(long number, long number2);
    public static long multiplyFull(int number, int number2);
    public static long multiplyHigh(long number, long number2);
    public static int negateExact(int number);
    public static long negateExact(long number);
    public static double nextAfter(double number, double number2);
    public static float nextAfter(float number, double number2);
    public static double nextDown(double number);
    public static float nextDown(float number);
    public static double nextUp(double number);
    public static float nextUp(float number);
    public static double pow(double number, double number2);
    public static double random();
    public static double rint(double number);
    public static int round(float number);
    public static long round(double number);
    public static double scalb(double number, int number2);
    public static float scalb(float number, int number2);
    public static double signum(double number);
    public static float signum(float number);
    public static double sin(double number);
    public static double sinh(double number);
    public static double sqrt(double number);
    public static int subtractExact(int number, int number2);
    public static long subtractExact(long number, long number2);
    public static double tan(double number);
    public static double tanh(double number);
    public static double toDegrees(double number);
    public static int toIntExact(long number);
    public static double toRadians(double number);
    public static double ulp(double number);
    public static float ulp(float number);
}

/** A text that never changes. */
public final class String implements Serializable, Comparable<String>, CharSequence {
    public static final Comparator<String> CASE_INSENSITIVE_ORDER;
    public String() { }
    public String(byte[] items) { }
    public String(char[] items) { }
    public String(String text) { }
    public String(StringBuffer stringBuffer) { }
    public String(StringBuilder stringBuilder) { }
    public String(byte[] items, int number) { }
    public String(byte[] items, String text) throws UnsupportedEncodingException { }
    public String(byte[] items, Charset charset) { }
    public String(byte[] items, int number, int number2) { }
    public String(char[] items, int number, int number2) { }
    public String(int[] items, int number, int number2) { }
    public String(byte[] items, int number, int number2, int number3) { }
    public String(byte[] items, int number, int number2, String text) throws UnsupportedEncodingException { }
    public String(byte[] items, int number, int number2, Charset charset) { }
    /** The letter at an index. */
    public char charAt(int number);
    public IntStream chars();
    public int codePointAt(int number);
    public int codePointBefore(int number);
    public int codePointCount(int number, int number2);
    public IntStream codePoints();
    /** Before, equal or after. */
    public int compareTo(String text);
    public int compareToIgnoreCase(String text);
    public String concat(String text);
    /** Does it hold the text? */
    public boolean contains(CharSequence text);
    public boolean contentEquals(CharSequence text);
    public boolean contentEquals(StringBuffer stringBuffer);
    public static String copyValueOf(char[] items);
    public static String copyValueOf(char[] items, int number, int number2);
    /** Does it end so? */
    public boolean endsWith(String text);
    public boolean equalsIgnoreCase(String text);
    /** Values put into a pattern. */
    public static String format(String text, Object... items);
    public static String format(Locale locale, String text, Object... items);
    public String formatted(Object... items);
    /** The text as bytes. */
    public byte[] getBytes();
    public byte[] getBytes(String text) throws UnsupportedEncodingException;
    public byte[] getBytes(Charset charset);
    public void getBytes(int number, int number2, byte[] items, int number3);
    public void getChars(int number, int number2, char[] items, int number3);
    public String indent(int number);
    /** Where something first stands; -1 if nowhere. */
    public int indexOf(int number);
    public int indexOf(String text);
    public int indexOf(int number, int number2);
    public int indexOf(String text, int number);
    /** The one text of its kind. */
    public String intern();
    /** Has it only white space? */
    public boolean isBlank();
    /** Has it no letters? */
    public boolean isEmpty();
    /** Texts with a separator between them. */
    public static String join(CharSequence text, CharSequence... items);
    public static String join(CharSequence text, Iterable<? extends CharSequence> items);
    /** Where something last stands; -1 if nowhere. */
    public int lastIndexOf(int number);
    public int lastIndexOf(String text);
    public int lastIndexOf(int number, int number2);
    public int lastIndexOf(String text, int number);
    /** The number of letters. */
    public int length();
    public Stream<String> lines();
    public boolean matches(String text);
    public int offsetByCodePoints(int number, int number2);
    public boolean regionMatches(int number, String text, int number2, int number3);
    public boolean regionMatches(boolean flag, int number, String text, int number2, int number3);
    public String repeat(int number);
    /** With one thing in place of another. */
    public String replace(char letter, char letter2);
    public String replace(CharSequence text, CharSequence text2);
    /** With matches of a regular expression replaced. */
    public String replaceAll(String text, String text2);
    public String replaceFirst(String text, String text2);
    /** The parts between matches of a regular expression. */
    public String[] split(String text);
    public String[] split(String text, int number);
    /** Does it begin so? */
    public boolean startsWith(String text);
    public boolean startsWith(String text, int number);
    /** Without white space at both ends. */
    public String strip();
    public String stripIndent();
    public String stripLeading();
    public String stripTrailing();
    public CharSequence subSequence(int number, int number2);
    /** The part between two indices. */
    public String substring(int number);
    public String substring(int number, int number2);
    /** The letters. */
    public char[] toCharArray();
    public String toLowerCase();
    public String toLowerCase(Locale locale);
    public String toUpperCase();
    public String toUpperCase(Locale locale);
    public <R> R transform(Function<? super String, ? extends R> function);
    public String translateEscapes();
    /** Without blanks at both ends. */
    public String trim();
    /** Any value as text. */
    public static String valueOf(boolean flag);
    public static String valueOf(char letter);
    public static String valueOf(char[] items);
    public static String valueOf(double number);
    public static String valueOf(float number);
    public static String valueOf(int number);
    public static String valueOf(Object object);
    public static String valueOf(long number);
    public static String valueOf(char[] items, int number, int number2);
}

/** A text that is put together; for several threads. */
public final class StringBuffer implements Serializable, Comparable<StringBuffer>, CharSequence {
    public StringBuffer() { }
    public StringBuffer(int number) { }
    public StringBuffer(CharSequence text) { }
    public StringBuffer(String text) { }
    public StringBuffer append(boolean flag);
    public StringBuffer append(char letter);
    public StringBuffer append(char[] items);
    public StringBuffer append(double number);
    public StringBuffer append(float number);
    public StringBuffer append(int number);
    public StringBuffer append(CharSequence text);
    public StringBuffer append(Object object);
    public StringBuffer append(String text);
    public StringBuffer append(StringBuffer stringBuffer);
    public StringBuffer append(long number);
    public StringBuffer append(char[] items, int number, int number2);
    public StringBuffer append(CharSequence text, int number, int number2);
    public StringBuffer appendCodePoint(int number);
    public int capacity();
    public char charAt(int number);
    public int codePointAt(int number);
    public int codePointBefore(int number);
    public int codePointCount(int number, int number2);
    public int compareTo(StringBuffer stringBuffer);
    public StringBuffer delete(int number, int number2);
    public StringBuffer deleteCharAt(int number);
    public void ensureCapacity(int number);
    public void getChars(int number, int number2, char[] items, int number3);
    public int indexOf(String text);
    public int indexOf(String text, int number);
    public StringBuffer insert(int number, boolean flag);
    public StringBuffer insert(int number, double number2);
    public StringBuffer insert(int number, float number2);
    public StringBuffer insert(int number, int number2);
    public StringBuffer insert(int number, CharSequence text);
    public StringBuffer insert(int number, long number2);
    public StringBuffer insert(int number, char letter);
    public StringBuffer insert(int number, char[] items);
    public StringBuffer insert(int number, Object object);
    public StringBuffer insert(int number, String text);
    public StringBuffer insert(int number, char[] items, int number2, int number3);
    public StringBuffer insert(int number, CharSequence text, int number2, int number3);
    public int lastIndexOf(String text);
    public int lastIndexOf(String text, int number);
    public int length();
    public int offsetByCodePoints(int number, int number2);
    public StringBuffer replace(int number, int number2, String text);
    public StringBuffer reverse();
    public void setCharAt(int number, char letter);
    public void setLength(int number);
    public CharSequence subSequence(int number, int number2);
    public String substring(int number);
    public String substring(int number, int number2);
    public void trimToSize();
}

/** A text that is put together; for one thread. */
public final class StringBuilder implements Serializable, Comparable<StringBuilder>, CharSequence {
    public StringBuilder() { }
    public StringBuilder(int number) { }
    public StringBuilder(CharSequence text) { }
    public StringBuilder(String text) { }
    /** Adds something at the end. */
    public StringBuilder append(boolean flag);
    public StringBuilder append(char letter);
    public StringBuilder append(char[] items);
    public StringBuilder append(double number);
    public StringBuilder append(float number);
    public StringBuilder append(int number);
    public StringBuilder append(CharSequence text);
    public StringBuilder append(Object object);
    public StringBuilder append(String text);
    public StringBuilder append(StringBuffer stringBuffer);
    public StringBuilder append(long number);
    public StringBuilder append(char[] items, int number, int number2);
    public StringBuilder append(CharSequence text, int number, int number2);
    public StringBuilder appendCodePoint(int number);
    public int compareTo(StringBuilder stringBuilder);
    public StringBuilder delete(int number, int number2);
    public StringBuilder deleteCharAt(int number);
    public int indexOf(String text);
    public int indexOf(String text, int number);
    /** Adds something at an index. */
    public StringBuilder insert(int number, boolean flag);
    public StringBuilder insert(int number, char letter);
    public StringBuilder insert(int number, char[] items);
    public StringBuilder insert(int number, double number2);
    public StringBuilder insert(int number, float number2);
    public StringBuilder insert(int number, int number2);
    public StringBuilder insert(int number, CharSequence text);
    public StringBuilder insert(int number, Object object);
    public StringBuilder insert(int number, String text);
    public StringBuilder insert(int number, long number2);
    public StringBuilder insert(int number, char[] items, int number2, int number3);
    public StringBuilder insert(int number, CharSequence text, int number2, int number3);
    public int lastIndexOf(String text);
    public int lastIndexOf(String text, int number);
    public StringBuilder replace(int number, int number2, String text);
    /** Turns the order round. */
    public StringBuilder reverse();
}

/** An index outside a text. */
public class StringIndexOutOfBoundsException extends IndexOutOfBoundsException {
    public StringIndexOutOfBoundsException() { }
    public StringIndexOutOfBoundsException(int number) { }
    public StringIndexOutOfBoundsException(String text) { }
}

/** Turns warnings of the compiler off. */
public @interface SuppressWarnings {
    String[] value();
}

/** Streams, properties, time and environment of the process. */
public final class System {
    /** Standard input. */
    public static final InputStream in;
    /** Standard output. */
    public static final PrintStream out;
    /** Standard error. */
    public static final PrintStream err;
    /** Copies a part of an array. */
    public static void arraycopy(Object object, int number, Object object2, int number2, int number3);
    public static String clearProperty(String text);
    public static Console console();
    /** The time in milliseconds since 1970. */
    public static long currentTimeMillis();
    /** Ends the program. */
    public static void exit(int number);
    public static void gc();
    public static System.Logger getLogger(String text);
    public static System.Logger getLogger(String text, ResourceBundle resourceBundle);
    public static Properties getProperties();
    /** A property of the process. */
    public static String getProperty(String text);
    public static String getProperty(String text, String text2);
    public static SecurityManager getSecurityManager();
    /** A variable of the environment. */
    public static Map<String, String> getenv();
    public static String getenv(String text);
    public static int identityHashCode(Object object);
    public static Channel inheritedChannel() throws IOException;
    public static String lineSeparator();
    public static void load(String text);
    public static void loadLibrary(String text);
    public static String mapLibraryName(String text);
    /** A time in nanoseconds, for measuring. */
    public static long nanoTime();
    public static void runFinalization();
    public static void setErr(PrintStream printStream);
    public static void setIn(InputStream inputStream);
    public static void setOut(PrintStream printStream);
    public static void setProperties(Properties properties);
    public static String setProperty(String text, String text2);
    public static void setSecurityManager(SecurityManager securityManager);
    public interface Logger {
        String getName();
        boolean isLoggable(System.Logger.Level level);
        default void log(System.Logger.Level level, Object object) { }
        default void log(System.Logger.Level level, String text) { }
        default void log(System.Logger.Level level, Supplier<String> supplier) { }
        default void log(System.Logger.Level level, String text, Object... items) { }
        default void log(System.Logger.Level level, String text, Throwable throwable) { }
        default void log(System.Logger.Level level, Supplier<String> supplier, Throwable throwable) { }
        void log(System.Logger.Level level, ResourceBundle resourceBundle, String text, Object... items);
        void log(System.Logger.Level level, ResourceBundle resourceBundle, String text, Throwable throwable);
        public enum Level {
            ALL, TRACE, DEBUG, INFO, WARNING, ERROR, OFF;
            public final String getName();
            public final int getSeverity();
        }
    }
    public static abstract class LoggerFinder {
        protected LoggerFinder() { }
        public System.Logger getLocalizedLogger(String text, ResourceBundle resourceBundle, Module module);
        public abstract System.Logger getLogger(String text, Module module);
        public static System.LoggerFinder getLoggerFinder();
    }
}

/** A thread of execution. */
public class Thread implements Runnable {
    public static final int MIN_PRIORITY;
    public static final int NORM_PRIORITY;
    public static final int MAX_PRIORITY;
    public Thread() { }
    public Thread(Runnable runnable) { }
    public Thread(String text) { }
    public Thread(Runnable runnable, String text) { }
    public Thread(ThreadGroup threadGroup, Runnable runnable) { }
    public Thread(ThreadGroup threadGroup, String text) { }
    public Thread(ThreadGroup threadGroup, Runnable runnable, String text) { }
    public Thread(ThreadGroup threadGroup, Runnable runnable, String text, long number) { }
    public Thread(ThreadGroup threadGroup, Runnable runnable, String text, long number, boolean flag) { }
    public static int activeCount();
    public final void checkAccess();
    protected Object clone() throws CloneNotSupportedException;
    public int countStackFrames();
    /** The thread that asks. */
    public static Thread currentThread();
    public static void dumpStack();
    public static int enumerate(Thread[] items);
    public static Map<Thread, StackTraceElement[]> getAllStackTraces();
    public ClassLoader getContextClassLoader();
    public static Thread.UncaughtExceptionHandler getDefaultUncaughtExceptionHandler();
    public long getId();
    public final String getName();
    public final int getPriority();
    public StackTraceElement[] getStackTrace();
    public Thread.State getState();
    public final ThreadGroup getThreadGroup();
    public Thread.UncaughtExceptionHandler getUncaughtExceptionHandler();
    public static boolean holdsLock(Object object);
    /** Asks it to stop waiting. */
    public void interrupt();
    public static boolean interrupted();
    public final boolean isAlive();
    public final boolean isDaemon();
    public boolean isInterrupted();
    /** Waits for its end. */
    public final void join() throws InterruptedException;
    public final void join(long number) throws InterruptedException;
    public final void join(long number, int number2) throws InterruptedException;
    public static void onSpinWait();
    public final void resume();
    public void run();
    public void setContextClassLoader(ClassLoader classLoader);
    public final void setDaemon(boolean flag);
    public static void setDefaultUncaughtExceptionHandler(Thread.UncaughtExceptionHandler uncaughtExceptionHandler);
    public final void setName(String text);
    public final void setPriority(int number);
    public void setUncaughtExceptionHandler(Thread.UncaughtExceptionHandler uncaughtExceptionHandler);
    /** Waits some time. */
    public static void sleep(long number) throws InterruptedException;
    public static void sleep(long number, int number2) throws InterruptedException;
    /** Begins to run. */
    public void start();
    public final void stop();
    public final void suspend();
    public static void yield();
    public enum State {
        NEW, RUNNABLE, BLOCKED, WAITING, TIMED_WAITING, TERMINATED;
    }
    public interface UncaughtExceptionHandler {
        void uncaughtException(Thread thread, Throwable throwable);
    }
}

/** A value for each thread. */
public class ThreadLocal<T> {
    public ThreadLocal() { }
    public T get();
    protected T initialValue();
    public void remove();
    public void set(T value);
    public static <S> ThreadLocal<S> withInitial(Supplier<? extends S> supplier);
}

/** What can be thrown. */
public class Throwable implements Serializable {
    public Throwable() { }
    public Throwable(String text) { }
    public Throwable(Throwable throwable) { }
    public Throwable(String text, Throwable throwable) { }
    protected Throwable(String text, Throwable throwable, boolean flag, boolean flag2) { }
    public final void addSuppressed(Throwable throwable);
    public Throwable fillInStackTrace();
    public Throwable getCause();
    public String getLocalizedMessage();
    public String getMessage();
    public StackTraceElement[] getStackTrace();
    public final Throwable[] getSuppressed();
    public Throwable initCause(Throwable throwable);
    public void printStackTrace();
    public void printStackTrace(PrintStream printStream);
    public void printStackTrace(PrintWriter printWriter);
    public void setStackTrace(StackTraceElement[] items);
}

/** A type that cannot be loaded. */
public class TypeNotPresentException extends RuntimeException {
    public TypeNotPresentException(String text, Throwable throwable) { }
    public String typeName();
}

/** An operation that is not there. */
public class UnsupportedOperationException extends RuntimeException {
    public UnsupportedOperationException() { }
    public UnsupportedOperationException(String text) { }
    public UnsupportedOperationException(Throwable throwable) { }
    public UnsupportedOperationException(String text, Throwable throwable) { }
}

/** The virtual machine cannot go on. */
public abstract class VirtualMachineError extends Error {
    public VirtualMachineError() { }
    public VirtualMachineError(String text) { }
    public VirtualMachineError(Throwable throwable) { }
    public VirtualMachineError(String text, Throwable throwable) { }
}

/** Stands where a type is needed and there is no value. */
public final class Void {
    public static final Class<Void> TYPE;
}
