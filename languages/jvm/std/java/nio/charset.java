package java.nio.charset;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.util.Locale;
import java.util.Set;
import java.util.SortedMap;

/** Text that cannot be coded. */
public class CharacterCodingException extends IOException {
    public CharacterCodingException() { }
}

/** A coding of text. */
public abstract class Charset implements Comparable<Charset> {
    protected Charset(String text, String[] items) { }
    public final Set<String> aliases();
    public static SortedMap<String, Charset> availableCharsets();
    public boolean canEncode();
    public final int compareTo(Charset charset);
    public abstract boolean contains(Charset charset);
    public final CharBuffer decode(ByteBuffer byteBuffer);
    public static Charset defaultCharset();
    public String displayName();
    public String displayName(Locale locale);
    public final ByteBuffer encode(String text);
    public final ByteBuffer encode(CharBuffer charBuffer);
    public static Charset forName(String text);
    public final boolean isRegistered();
    public static boolean isSupported(String text);
    public final String name();
    public abstract CharsetDecoder newDecoder();
    public abstract CharsetEncoder newEncoder();
}

/** Makes text of bytes. */
public abstract class CharsetDecoder {
    protected CharsetDecoder(Charset charset, float number, float number2) { }
    public final float averageCharsPerByte();
    public final Charset charset();
    public final CharBuffer decode(ByteBuffer byteBuffer) throws CharacterCodingException;
    public final CoderResult decode(ByteBuffer byteBuffer, CharBuffer charBuffer, boolean flag);
    protected abstract CoderResult decodeLoop(ByteBuffer byteBuffer, CharBuffer charBuffer);
    public Charset detectedCharset();
    public final CoderResult flush(CharBuffer charBuffer);
    protected CoderResult implFlush(CharBuffer charBuffer);
    protected void implOnMalformedInput(CodingErrorAction codingErrorAction);
    protected void implOnUnmappableCharacter(CodingErrorAction codingErrorAction);
    protected void implReplaceWith(String text);
    protected void implReset();
    public boolean isAutoDetecting();
    public boolean isCharsetDetected();
    public CodingErrorAction malformedInputAction();
    public final float maxCharsPerByte();
    public final CharsetDecoder onMalformedInput(CodingErrorAction codingErrorAction);
    public final CharsetDecoder onUnmappableCharacter(CodingErrorAction codingErrorAction);
    public final CharsetDecoder replaceWith(String text);
    public final String replacement();
    public final CharsetDecoder reset();
    public CodingErrorAction unmappableCharacterAction();
}

/** Makes bytes of text. */
public abstract class CharsetEncoder {
    protected CharsetEncoder(Charset charset, float number, float number2) { }
    protected CharsetEncoder(Charset charset, float number, float number2, byte[] items) { }
    public final float averageBytesPerChar();
    public boolean canEncode(char letter);
    public boolean canEncode(CharSequence text);
    public final Charset charset();
    public final ByteBuffer encode(CharBuffer charBuffer) throws CharacterCodingException;
    public final CoderResult encode(CharBuffer charBuffer, ByteBuffer byteBuffer, boolean flag);
    protected abstract CoderResult encodeLoop(CharBuffer charBuffer, ByteBuffer byteBuffer);
    public final CoderResult flush(ByteBuffer byteBuffer);
    protected CoderResult implFlush(ByteBuffer byteBuffer);
    protected void implOnMalformedInput(CodingErrorAction codingErrorAction);
    protected void implOnUnmappableCharacter(CodingErrorAction codingErrorAction);
    protected void implReplaceWith(byte[] items);
    protected void implReset();
    public boolean isLegalReplacement(byte[] items);
    public CodingErrorAction malformedInputAction();
    public final float maxBytesPerChar();
    public final CharsetEncoder onMalformedInput(CodingErrorAction codingErrorAction);
    public final CharsetEncoder onUnmappableCharacter(CodingErrorAction codingErrorAction);
    public final CharsetEncoder replaceWith(byte[] items);
    public final byte[] replacement();
    public final CharsetEncoder reset();
    public CodingErrorAction unmappableCharacterAction();
}

/** How coding ended. */
public class CoderResult {
    public static final CoderResult UNDERFLOW;
    public static final CoderResult OVERFLOW;
    public boolean isError();
    public boolean isMalformed();
    public boolean isOverflow();
    public boolean isUnderflow();
    public boolean isUnmappable();
    public int length();
    public static CoderResult malformedForLength(int number);
    public void throwException() throws CharacterCodingException;
    public static CoderResult unmappableForLength(int number);
}

/** What to do with what cannot be coded. */
public class CodingErrorAction {
    public static final CodingErrorAction IGNORE;
    public static final CodingErrorAction REPLACE;
    public static final CodingErrorAction REPORT;
}

/** A text that is no name of a coding. */
public class IllegalCharsetNameException extends IllegalArgumentException {
    public IllegalCharsetNameException(String text) { }
    public String getCharsetName();
}

/** Bytes that are no text. */
public class MalformedInputException extends CharacterCodingException {
    public MalformedInputException(int number) { }
    public int getInputLength();
    public String getMessage();
}

/** Codings that are always there. */
public final class StandardCharsets {
    public static final Charset US_ASCII;
    public static final Charset ISO_8859_1;
    public static final Charset UTF_8;
    public static final Charset UTF_16BE;
    public static final Charset UTF_16LE;
    public static final Charset UTF_16;
}

/** A letter that has no code. */
public class UnmappableCharacterException extends CharacterCodingException {
    public UnmappableCharacterException(int number) { }
    public int getInputLength();
    public String getMessage();
}

/** A coding that is not known. */
public class UnsupportedCharsetException extends IllegalArgumentException {
    public UnsupportedCharsetException(String text) { }
    public String getCharsetName();
}
