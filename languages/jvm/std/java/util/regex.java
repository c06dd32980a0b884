package java.util.regex;

import java.io.Serializable;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What was matched. */
public interface MatchResult {
    int end();
    int end(int number);
    String group();
    String group(int number);
    int groupCount();
    int start();
    int start(int number);
}

/** Matches a text with a pattern. */
public final class Matcher implements MatchResult {
    public Matcher appendReplacement(StringBuffer stringBuffer, String text);
    public Matcher appendReplacement(StringBuilder stringBuilder, String text);
    public StringBuffer appendTail(StringBuffer stringBuffer);
    public StringBuilder appendTail(StringBuilder stringBuilder);
    public int end();
    public int end(int number);
    public int end(String text);
    /** Finds the next match. */
    public boolean find();
    public boolean find(int number);
    /** What was matched. */
    public String group();
    public String group(int number);
    public String group(String text);
    public int groupCount();
    public boolean hasAnchoringBounds();
    public boolean hasTransparentBounds();
    public boolean hitEnd();
    public boolean lookingAt();
    /** Does the whole text match? */
    public boolean matches();
    public Pattern pattern();
    public static String quoteReplacement(String text);
    public Matcher region(int number, int number2);
    public int regionEnd();
    public int regionStart();
    public String replaceAll(String text);
    public String replaceAll(Function<MatchResult, String> function);
    public String replaceFirst(String text);
    public String replaceFirst(Function<MatchResult, String> function);
    public boolean requireEnd();
    public Matcher reset();
    public Matcher reset(CharSequence text);
    public Stream<MatchResult> results();
    public int start();
    public int start(int number);
    public int start(String text);
    public MatchResult toMatchResult();
    public Matcher useAnchoringBounds(boolean flag);
    public Matcher usePattern(Pattern pattern);
    public Matcher useTransparentBounds(boolean flag);
}

/** A regular expression. */
public final class Pattern implements Serializable {
    public static final int UNIX_LINES;
    public static final int CASE_INSENSITIVE;
    public static final int COMMENTS;
    public static final int MULTILINE;
    public static final int LITERAL;
    public static final int DOTALL;
    public static final int UNICODE_CASE;
    public static final int CANON_EQ;
    public static final int UNICODE_CHARACTER_CLASS;
    public Predicate<String> asMatchPredicate();
    public Predicate<String> asPredicate();
    /** A pattern of a text. */
    public static Pattern compile(String text);
    public static Pattern compile(String text, int number);
    public int flags();
    /** A matcher for a text. */
    public Matcher matcher(CharSequence text);
    public static boolean matches(String text, CharSequence text2);
    public String pattern();
    public static String quote(String text);
    public String[] split(CharSequence text);
    public String[] split(CharSequence text, int number);
    public Stream<String> splitAsStream(CharSequence text);
}

/** A text that is no regular expression. */
public class PatternSyntaxException extends IllegalArgumentException {
    public PatternSyntaxException(String text, String text2, int number) { }
    public String getDescription();
    public int getIndex();
    public String getMessage();
    public String getPattern();
}
