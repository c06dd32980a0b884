package java.nio;

import java.io.IOException;
import java.util.stream.IntStream;

/** The base of buffers. */
public abstract class Buffer {
    public abstract Object array();
    public abstract int arrayOffset();
    public final int capacity();
    public Buffer clear();
    public abstract Buffer duplicate();
    public Buffer flip();
    public abstract boolean hasArray();
    public final boolean hasRemaining();
    public abstract boolean isDirect();
    public abstract boolean isReadOnly();
    public final int limit();
    public Buffer limit(int number);
    public Buffer mark();
    public final int position();
    public Buffer position(int number);
    public final int remaining();
    public Buffer reset();
    public Buffer rewind();
    public abstract Buffer slice();
    public abstract Buffer slice(int number, int number2);
}

/** A buffer that is full. */
public class BufferOverflowException extends RuntimeException {
    public BufferOverflowException() { }
}

/** A buffer that is empty. */
public class BufferUnderflowException extends RuntimeException {
    public BufferUnderflowException() { }
}

/** A buffer of bytes. */
public abstract class ByteBuffer extends Buffer implements Comparable<ByteBuffer> {
    public final ByteBuffer alignedSlice(int number);
    public final int alignmentOffset(int number, int number2);
    public static ByteBuffer allocate(int number);
    public static ByteBuffer allocateDirect(int number);
    public final byte[] array();
    public final int arrayOffset();
    public abstract CharBuffer asCharBuffer();
    public abstract DoubleBuffer asDoubleBuffer();
    public abstract FloatBuffer asFloatBuffer();
    public abstract IntBuffer asIntBuffer();
    public abstract LongBuffer asLongBuffer();
    public abstract ByteBuffer asReadOnlyBuffer();
    public abstract ShortBuffer asShortBuffer();
    public ByteBuffer clear();
    public abstract ByteBuffer compact();
    public int compareTo(ByteBuffer byteBuffer);
    public abstract ByteBuffer duplicate();
    public ByteBuffer flip();
    public abstract byte get();
    public abstract byte get(int number);
    public ByteBuffer get(byte[] items);
    public ByteBuffer get(int number, byte[] items);
    public ByteBuffer get(byte[] items, int number, int number2);
    public ByteBuffer get(int number, byte[] items, int number2, int number3);
    public abstract char getChar();
    public abstract char getChar(int number);
    public abstract double getDouble();
    public abstract double getDouble(int number);
    public abstract float getFloat();
    public abstract float getFloat(int number);
    public abstract int getInt();
    public abstract int getInt(int number);
    public abstract long getLong();
    public abstract long getLong(int number);
    public abstract short getShort();
    public abstract short getShort(int number);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public ByteBuffer limit(int number);
    public ByteBuffer mark();
    public int mismatch(ByteBuffer byteBuffer);
    public final ByteOrder order();
    public final ByteBuffer order(ByteOrder byteOrder);
    public ByteBuffer position(int number);
    public abstract ByteBuffer put(byte number);
    public final ByteBuffer put(byte[] items);
    public ByteBuffer put(ByteBuffer byteBuffer);
    public abstract ByteBuffer put(int number, byte number2);
    public ByteBuffer put(int number, byte[] items);
    public ByteBuffer put(byte[] items, int number, int number2);
    public ByteBuffer put(int number, byte[] items, int number2, int number3);
    public ByteBuffer put(int number, ByteBuffer byteBuffer, int number2, int number3);
    public abstract ByteBuffer putChar(char letter);
    public abstract ByteBuffer putChar(int number, char letter);
    public abstract ByteBuffer putDouble(double number);
    public abstract ByteBuffer putDouble(int number, double number2);
    public abstract ByteBuffer putFloat(float number);
    public abstract ByteBuffer putFloat(int number, float number2);
    public abstract ByteBuffer putInt(int number);
    public abstract ByteBuffer putInt(int number, int number2);
    public abstract ByteBuffer putLong(long number);
    public abstract ByteBuffer putLong(int number, long number2);
    public abstract ByteBuffer putShort(short number);
    public abstract ByteBuffer putShort(int number, short number2);
    public ByteBuffer reset();
    public ByteBuffer rewind();
    public abstract ByteBuffer slice();
    public abstract ByteBuffer slice(int number, int number2);
    public static ByteBuffer wrap(byte[] items);
    public static ByteBuffer wrap(byte[] items, int number, int number2);
}

/** The order of bytes in numbers. */
public final class ByteOrder {
    public static final ByteOrder BIG_ENDIAN;
    public static final ByteOrder LITTLE_ENDIAN;
    public static ByteOrder nativeOrder();
}

/** A buffer of letters. */
public abstract class CharBuffer extends Buffer implements Comparable<CharBuffer>, Appendable, CharSequence, Readable {
    public static CharBuffer allocate(int number);
    public CharBuffer append(char letter);
    public CharBuffer append(CharSequence text);
    public CharBuffer append(CharSequence text, int number, int number2);
    public final char[] array();
    public final int arrayOffset();
    public abstract CharBuffer asReadOnlyBuffer();
    public final char charAt(int number);
    public IntStream chars();
    public final CharBuffer clear();
    public abstract CharBuffer compact();
    public int compareTo(CharBuffer charBuffer);
    public abstract CharBuffer duplicate();
    public final CharBuffer flip();
    public abstract char get();
    public abstract char get(int number);
    public CharBuffer get(char[] items);
    public CharBuffer get(int number, char[] items);
    public CharBuffer get(char[] items, int number, int number2);
    public CharBuffer get(int number, char[] items, int number2, int number3);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public final boolean isEmpty();
    public final int length();
    public final CharBuffer limit(int number);
    public final CharBuffer mark();
    public int mismatch(CharBuffer charBuffer);
    public abstract ByteOrder order();
    public final CharBuffer position(int number);
    public abstract CharBuffer put(char letter);
    public final CharBuffer put(char[] items);
    public final CharBuffer put(String text);
    public CharBuffer put(CharBuffer charBuffer);
    public abstract CharBuffer put(int number, char letter);
    public CharBuffer put(int number, char[] items);
    public CharBuffer put(char[] items, int number, int number2);
    public CharBuffer put(String text, int number, int number2);
    public CharBuffer put(int number, char[] items, int number2, int number3);
    public CharBuffer put(int number, CharBuffer charBuffer, int number2, int number3);
    public int read(CharBuffer charBuffer) throws IOException;
    public final CharBuffer reset();
    public final CharBuffer rewind();
    public abstract CharBuffer slice();
    public abstract CharBuffer slice(int number, int number2);
    public abstract CharBuffer subSequence(int number, int number2);
    public static CharBuffer wrap(char[] items);
    public static CharBuffer wrap(CharSequence text);
    public static CharBuffer wrap(char[] items, int number, int number2);
    public static CharBuffer wrap(CharSequence text, int number, int number2);
}

/** A buffer of `double`. */
public abstract class DoubleBuffer extends Buffer implements Comparable<DoubleBuffer> {
    public static DoubleBuffer allocate(int number);
    public final double[] array();
    public final int arrayOffset();
    public abstract DoubleBuffer asReadOnlyBuffer();
    public final DoubleBuffer clear();
    public abstract DoubleBuffer compact();
    public int compareTo(DoubleBuffer doubleBuffer);
    public abstract DoubleBuffer duplicate();
    public final DoubleBuffer flip();
    public abstract double get();
    public abstract double get(int number);
    public DoubleBuffer get(double[] items);
    public DoubleBuffer get(int number, double[] items);
    public DoubleBuffer get(double[] items, int number, int number2);
    public DoubleBuffer get(int number, double[] items, int number2, int number3);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public final DoubleBuffer limit(int number);
    public final DoubleBuffer mark();
    public int mismatch(DoubleBuffer doubleBuffer);
    public abstract ByteOrder order();
    public final DoubleBuffer position(int number);
    public abstract DoubleBuffer put(double number);
    public final DoubleBuffer put(double[] items);
    public DoubleBuffer put(DoubleBuffer doubleBuffer);
    public abstract DoubleBuffer put(int number, double number2);
    public DoubleBuffer put(int number, double[] items);
    public DoubleBuffer put(double[] items, int number, int number2);
    public DoubleBuffer put(int number, double[] items, int number2, int number3);
    public DoubleBuffer put(int number, DoubleBuffer doubleBuffer, int number2, int number3);
    public final DoubleBuffer reset();
    public final DoubleBuffer rewind();
    public abstract DoubleBuffer slice();
    public abstract DoubleBuffer slice(int number, int number2);
    public static DoubleBuffer wrap(double[] items);
    public static DoubleBuffer wrap(double[] items, int number, int number2);
}

/** A buffer of `float`. */
public abstract class FloatBuffer extends Buffer implements Comparable<FloatBuffer> {
    public static FloatBuffer allocate(int number);
    public final float[] array();
    public final int arrayOffset();
    public abstract FloatBuffer asReadOnlyBuffer();
    public final FloatBuffer clear();
    public abstract FloatBuffer compact();
    public int compareTo(FloatBuffer floatBuffer);
    public abstract FloatBuffer duplicate();
    public final FloatBuffer flip();
    public abstract float get();
    public abstract float get(int number);
    public FloatBuffer get(float[] items);
    public FloatBuffer get(int number, float[] items);
    public FloatBuffer get(float[] items, int number, int number2);
    public FloatBuffer get(int number, float[] items, int number2, int number3);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public final FloatBuffer limit(int number);
    public final FloatBuffer mark();
    public int mismatch(FloatBuffer floatBuffer);
    public abstract ByteOrder order();
    public final FloatBuffer position(int number);
    public abstract FloatBuffer put(float number);
    public final FloatBuffer put(float[] items);
    public FloatBuffer put(FloatBuffer floatBuffer);
    public abstract FloatBuffer put(int number, float number2);
    public FloatBuffer put(int number, float[] items);
    public FloatBuffer put(float[] items, int number, int number2);
    public FloatBuffer put(int number, float[] items, int number2, int number3);
    public FloatBuffer put(int number, FloatBuffer floatBuffer, int number2, int number3);
    public final FloatBuffer reset();
    public final FloatBuffer rewind();
    public abstract FloatBuffer slice();
    public abstract FloatBuffer slice(int number, int number2);
    public static FloatBuffer wrap(float[] items);
    public static FloatBuffer wrap(float[] items, int number, int number2);
}

/** A buffer of `int`. */
public abstract class IntBuffer extends Buffer implements Comparable<IntBuffer> {
    public static IntBuffer allocate(int number);
    public final int[] array();
    public final int arrayOffset();
    public abstract IntBuffer asReadOnlyBuffer();
    public final IntBuffer clear();
    public abstract IntBuffer compact();
    public int compareTo(IntBuffer intBuffer);
    public abstract IntBuffer duplicate();
    public final IntBuffer flip();
    public abstract int get();
    public abstract int get(int number);
    public IntBuffer get(int[] items);
    public IntBuffer get(int number, int[] items);
    public IntBuffer get(int[] items, int number, int number2);
    public IntBuffer get(int number, int[] items, int number2, int number3);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public final IntBuffer limit(int number);
    public final IntBuffer mark();
    public int mismatch(IntBuffer intBuffer);
    public abstract ByteOrder order();
    public final IntBuffer position(int number);
    public abstract IntBuffer put(int number);
    public final IntBuffer put(int[] items);
    public IntBuffer put(IntBuffer intBuffer);
    public abstract IntBuffer put(int number, int number2);
    public IntBuffer put(int number, int[] items);
    public IntBuffer put(int[] items, int number, int number2);
    public IntBuffer put(int number, int[] items, int number2, int number3);
    public IntBuffer put(int number, IntBuffer intBuffer, int number2, int number3);
    public final IntBuffer reset();
    public final IntBuffer rewind();
    public abstract IntBuffer slice();
    public abstract IntBuffer slice(int number, int number2);
    public static IntBuffer wrap(int[] items);
    public static IntBuffer wrap(int[] items, int number, int number2);
}

/** A buffer of `long`. */
public abstract class LongBuffer extends Buffer implements Comparable<LongBuffer> {
    public static LongBuffer allocate(int number);
    public final long[] array();
    public final int arrayOffset();
    public abstract LongBuffer asReadOnlyBuffer();
    public final LongBuffer clear();
    public abstract LongBuffer compact();
    public int compareTo(LongBuffer longBuffer);
    public abstract LongBuffer duplicate();
    public final LongBuffer flip();
    public abstract long get();
    public abstract long get(int number);
    public LongBuffer get(long[] items);
    public LongBuffer get(int number, long[] items);
    public LongBuffer get(long[] items, int number, int number2);
    public LongBuffer get(int number, long[] items, int number2, int number3);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public final LongBuffer limit(int number);
    public final LongBuffer mark();
    public int mismatch(LongBuffer longBuffer);
    public abstract ByteOrder order();
    public final LongBuffer position(int number);
    public abstract LongBuffer put(long number);
    public final LongBuffer put(long[] items);
    public LongBuffer put(LongBuffer longBuffer);
    public abstract LongBuffer put(int number, long number2);
    public LongBuffer put(int number, long[] items);
    public LongBuffer put(long[] items, int number, int number2);
    public LongBuffer put(int number, LongBuffer longBuffer, int number2, int number3);
    public LongBuffer put(int number, long[] items, int number2, int number3);
    public final LongBuffer reset();
    public final LongBuffer rewind();
    public abstract LongBuffer slice();
    public abstract LongBuffer slice(int number, int number2);
    public static LongBuffer wrap(long[] items);
    public static LongBuffer wrap(long[] items, int number, int number2);
}

/** A file in memory. */
public abstract class MappedByteBuffer extends ByteBuffer {
    public final MappedByteBuffer clear();
    public abstract MappedByteBuffer compact();
    public abstract MappedByteBuffer duplicate();
    public final MappedByteBuffer flip();
    public final MappedByteBuffer force();
    public final MappedByteBuffer force(int number, int number2);
    public final boolean isLoaded();
    public final MappedByteBuffer limit(int number);
    public final MappedByteBuffer load();
    public final MappedByteBuffer mark();
    public final MappedByteBuffer position(int number);
    public final MappedByteBuffer reset();
    public final MappedByteBuffer rewind();
    public abstract MappedByteBuffer slice();
    public abstract MappedByteBuffer slice(int number, int number2);
}

/** A buffer of `short`. */
public abstract class ShortBuffer extends Buffer implements Comparable<ShortBuffer> {
    public static ShortBuffer allocate(int number);
    public final short[] array();
    public final int arrayOffset();
    public abstract ShortBuffer asReadOnlyBuffer();
    public final ShortBuffer clear();
    public abstract ShortBuffer compact();
    public int compareTo(ShortBuffer shortBuffer);
    public abstract ShortBuffer duplicate();
    public final ShortBuffer flip();
    public abstract short get();
    public abstract short get(int number);
    public ShortBuffer get(short[] items);
    public ShortBuffer get(int number, short[] items);
    public ShortBuffer get(short[] items, int number, int number2);
    public ShortBuffer get(int number, short[] items, int number2, int number3);
    public final boolean hasArray();
    public abstract boolean isDirect();
    public final ShortBuffer limit(int number);
    public final ShortBuffer mark();
    public int mismatch(ShortBuffer shortBuffer);
    public abstract ByteOrder order();
    public final ShortBuffer position(int number);
    public abstract ShortBuffer put(short number);
    public final ShortBuffer put(short[] items);
    public ShortBuffer put(ShortBuffer shortBuffer);
    public abstract ShortBuffer put(int number, short number2);
    public ShortBuffer put(int number, short[] items);
    public ShortBuffer put(short[] items, int number, int number2);
    public ShortBuffer put(int number, ShortBuffer shortBuffer, int number2, int number3);
    public ShortBuffer put(int number, short[] items, int number2, int number3);
    public final ShortBuffer reset();
    public final ShortBuffer rewind();
    public abstract ShortBuffer slice();
    public abstract ShortBuffer slice(int number, int number2);
    public static ShortBuffer wrap(short[] items);
    public static ShortBuffer wrap(short[] items, int number, int number2);
}
