package java.util;

import java.io.Closeable;
import java.io.File;
import java.io.FileNotFoundException;
import java.io.Flushable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.Reader;
import java.io.Serializable;
import java.io.UnsupportedEncodingException;
import java.io.Writer;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.nio.LongBuffer;
import java.nio.channels.ReadableByteChannel;
import java.nio.charset.Charset;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.BinaryOperator;
import java.util.function.Consumer;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import java.util.function.IntBinaryOperator;
import java.util.function.IntConsumer;
import java.util.function.IntFunction;
import java.util.function.IntSupplier;
import java.util.function.IntToDoubleFunction;
import java.util.function.IntToLongFunction;
import java.util.function.IntUnaryOperator;
import java.util.function.LongBinaryOperator;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/** The base of collections. */
public abstract class AbstractCollection<E> implements Collection<E> {
    protected AbstractCollection() { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void clear();
    public boolean contains(Object object);
    public boolean containsAll(Collection<?> items);
    public boolean isEmpty();
    public abstract Iterator<E> iterator();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean retainAll(Collection<?> items);
    public abstract int size();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** The base of lists. */
public abstract class AbstractList<E> extends AbstractCollection<E> implements List<E> {
    protected int modCount;
    protected AbstractList() { }
    public boolean add(E value);
    public void add(int number, E value);
    public boolean addAll(int number, Collection<? extends E> items);
    public void clear();
    public abstract E get(int number);
    public int indexOf(Object object);
    public Iterator<E> iterator();
    public int lastIndexOf(Object object);
    public ListIterator<E> listIterator();
    public ListIterator<E> listIterator(int number);
    public E remove(int number);
    protected void removeRange(int number, int number2);
    public E set(int number, E value);
    public List<E> subList(int number, int number2);
}

/** The base of maps. */
public abstract class AbstractMap<K, V> implements Map<K, V> {
    protected AbstractMap() { }
    public void clear();
    protected Object clone() throws CloneNotSupportedException;
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public abstract Set<Map.Entry<K, V>> entrySet();
    public V get(Object object);
    public boolean isEmpty();
    public Set<K> keySet();
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V remove(Object object);
    public int size();
    public Collection<V> values();
    public static class SimpleEntry<K, V> implements Map.Entry<K, V>, Serializable {
        public SimpleEntry(Map.Entry<? extends K, ? extends V> entry) { }
        public SimpleEntry(K value, V value2) { }
        public K getKey();
        public V getValue();
        public V setValue(V value);
    }
    public static class SimpleImmutableEntry<K, V> implements Map.Entry<K, V>, Serializable {
        public SimpleImmutableEntry(Map.Entry<? extends K, ? extends V> entry) { }
        public SimpleImmutableEntry(K value, V value2) { }
        public K getKey();
        public V getValue();
        public V setValue(V value);
    }
}

/** The base of queues. */
public abstract class AbstractQueue<E> extends AbstractCollection<E> implements Queue<E> {
    protected AbstractQueue() { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void clear();
    public E element();
    public E remove();
}

/** The base of linked lists. */
public abstract class AbstractSequentialList<E> extends AbstractList<E> {
    protected AbstractSequentialList() { }
    public void add(int number, E value);
    public boolean addAll(int number, Collection<? extends E> items);
    public E get(int number);
    public Iterator<E> iterator();
    public abstract ListIterator<E> listIterator(int number);
    public E remove(int number);
    public E set(int number, E value);
}

/** The base of sets. */
public abstract class AbstractSet<E> extends AbstractCollection<E> implements Set<E> {
    protected AbstractSet() { }
    public boolean removeAll(Collection<?> items);
}

/** A queue with two ends in an array. */
public class ArrayDeque<E> extends AbstractCollection<E> implements Deque<E>, Cloneable, Serializable {
    public ArrayDeque() { }
    public ArrayDeque(int number) { }
    public ArrayDeque(Collection<? extends E> items) { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void addFirst(E value);
    public void addLast(E value);
    public void clear();
    public ArrayDeque<E> clone();
    public boolean contains(Object object);
    public Iterator<E> descendingIterator();
    public E element();
    public void forEach(Consumer<? super E> action);
    public E getFirst();
    public E getLast();
    public boolean isEmpty();
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offerFirst(E value);
    public boolean offerLast(E value);
    public E peek();
    public E peekFirst();
    public E peekLast();
    public E poll();
    public E pollFirst();
    public E pollLast();
    public E pop();
    public void push(E value);
    public E remove();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public E removeFirst();
    public boolean removeFirstOccurrence(Object object);
    public boolean removeIf(Predicate<? super E> condition);
    public E removeLast();
    public boolean removeLastOccurrence(Object object);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A list in an array. */
public class ArrayList<E> extends AbstractList<E> implements List<E>, RandomAccess, Cloneable, Serializable {
    public ArrayList() { }
    public ArrayList(int number) { }
    public ArrayList(Collection<? extends E> items) { }
    public boolean add(E value);
    public void add(int number, E value);
    public boolean addAll(Collection<? extends E> items);
    public boolean addAll(int number, Collection<? extends E> items);
    public void clear();
    public Object clone();
    public boolean contains(Object object);
    public void ensureCapacity(int number);
    public void forEach(Consumer<? super E> action);
    public E get(int number);
    public int indexOf(Object object);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public int lastIndexOf(Object object);
    public ListIterator<E> listIterator();
    public ListIterator<E> listIterator(int number);
    public E remove(int number);
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    protected void removeRange(int number, int number2);
    public void replaceAll(UnaryOperator<E> function);
    public boolean retainAll(Collection<?> items);
    public E set(int number, E value);
    public int size();
    public void sort(Comparator<? super E> order);
    public Spliterator<E> spliterator();
    public List<E> subList(int number, int number2);
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
    public void trimToSize();
}

/** Functions on arrays. */
public class Arrays {
    /** A list backed by the array. */
    public static <T> List<T> asList(T... items);
    public static int binarySearch(byte[] items, byte number);
    public static int binarySearch(char[] items, char letter);
    public static int binarySearch(double[] items, double number);
    public static int binarySearch(float[] items, float number);
    public static int binarySearch(int[] items, int number);
    public static int binarySearch(Object[] items, Object object);
    public static int binarySearch(long[] items, long number);
    public static int binarySearch(short[] items, short number);
    public static <T> int binarySearch(T[] items, T value, Comparator<? super T> order);
    public static int binarySearch(byte[] items, int number, int number2, byte number3);
    public static int binarySearch(char[] items, int number, int number2, char letter);
    public static int binarySearch(double[] items, int number, int number2, double number3);
    public static int binarySearch(float[] items, int number, int number2, float number3);
    public static int binarySearch(int[] items, int number, int number2, int number3);
    public static int binarySearch(Object[] items, int number, int number2, Object object);
    public static int binarySearch(long[] items, int number, int number2, long number3);
    public static int binarySearch(short[] items, int number, int number2, short number3);
    public static <T> int binarySearch(T[] items, int number, int number2, T value, Comparator<? super T> order);
    public static <T extends Comparable<? super T>> int compare(T[] items, T[] items2);
    public static int compare(boolean[] items, boolean[] items2);
    public static int compare(byte[] items, byte[] items2);
    public static int compare(char[] items, char[] items2);
    public static int compare(double[] items, double[] items2);
    public static int compare(float[] items, float[] items2);
    public static int compare(int[] items, int[] items2);
    public static int compare(long[] items, long[] items2);
    public static int compare(short[] items, short[] items2);
    public static <T> int compare(T[] items, T[] items2, Comparator<? super T> order);
    public static <T extends Comparable<? super T>> int compare(T[] items, int number, int number2, T[] items2, int number3, int number4);
    public static int compare(boolean[] items, int number, int number2, boolean[] items2, int number3, int number4);
    public static int compare(byte[] items, int number, int number2, byte[] items2, int number3, int number4);
    public static int compare(char[] items, int number, int number2, char[] items2, int number3, int number4);
    public static int compare(double[] items, int number, int number2, double[] items2, int number3, int number4);
    public static int compare(float[] items, int number, int number2, float[] items2, int number3, int number4);
    public static int compare(int[] items, int number, int number2, int[] items2, int number3, int number4);
    public static int compare(long[] items, int number, int number2, long[] items2, int number3, int number4);
    public static int compare(short[] items, int number, int number2, short[] items2, int number3, int number4);
    public static <T> int compare(T[] items, int number, int number2, T[] items2, int number3, int number4, Comparator<? super T> order);
    public static int compareUnsigned(byte[] items, byte[] items2);
    public static int compareUnsigned(int[] items, int[] items2);
    public static int compareUnsigned(long[] items, long[] items2);
    public static int compareUnsigned(short[] items, short[] items2);
    public static int compareUnsigned(byte[] items, int number, int number2, byte[] items2, int number3, int number4);
    public static int compareUnsigned(int[] items, int number, int number2, int[] items2, int number3, int number4);
    public static int compareUnsigned(long[] items, int number, int number2, long[] items2, int number3, int number4);
    public static int compareUnsigned(short[] items, int number, int number2, short[] items2, int number3, int number4);
    /** A copy of another length. */
    public static <T> T[] copyOf(T[] items, int number);
    public static boolean[] copyOf(boolean[] items, int number);
    public static byte[] copyOf(byte[] items, int number);
    public static char[] copyOf(char[] items, int number);
    public static double[] copyOf(double[] items, int number);
    public static float[] copyOf(float[] items, int number);
    public static int[] copyOf(int[] items, int number);
    public static long[] copyOf(long[] items, int number);
    public static short[] copyOf(short[] items, int number);
    public static <T, U> T[] copyOf(U[] items, int number, Class<? extends T[]> type);
    /** A copy of a part. */
    public static <T> T[] copyOfRange(T[] items, int number, int number2);
    public static boolean[] copyOfRange(boolean[] items, int number, int number2);
    public static byte[] copyOfRange(byte[] items, int number, int number2);
    public static char[] copyOfRange(char[] items, int number, int number2);
    public static double[] copyOfRange(double[] items, int number, int number2);
    public static float[] copyOfRange(float[] items, int number, int number2);
    public static int[] copyOfRange(int[] items, int number, int number2);
    public static long[] copyOfRange(long[] items, int number, int number2);
    public static short[] copyOfRange(short[] items, int number, int number2);
    public static <T, U> T[] copyOfRange(U[] items, int number, int number2, Class<? extends T[]> type);
    public static boolean deepEquals(Object[] items, Object[] items2);
    public static int deepHashCode(Object[] items);
    public static String deepToString(Object[] items);
    /** Are all elements equal? */
    public static boolean equals(boolean[] items, boolean[] items2);
    public static boolean equals(byte[] items, byte[] items2);
    public static boolean equals(char[] items, char[] items2);
    public static boolean equals(double[] items, double[] items2);
    public static boolean equals(float[] items, float[] items2);
    public static boolean equals(int[] items, int[] items2);
    public static boolean equals(Object[] items, Object[] items2);
    public static boolean equals(long[] items, long[] items2);
    public static boolean equals(short[] items, short[] items2);
    public static <T> boolean equals(T[] items, T[] items2, Comparator<? super T> order);
    public static boolean equals(boolean[] items, int number, int number2, boolean[] items2, int number3, int number4);
    public static boolean equals(byte[] items, int number, int number2, byte[] items2, int number3, int number4);
    public static boolean equals(char[] items, int number, int number2, char[] items2, int number3, int number4);
    public static boolean equals(double[] items, int number, int number2, double[] items2, int number3, int number4);
    public static boolean equals(float[] items, int number, int number2, float[] items2, int number3, int number4);
    public static boolean equals(int[] items, int number, int number2, int[] items2, int number3, int number4);
    public static boolean equals(Object[] items, int number, int number2, Object[] items2, int number3, int number4);
    public static boolean equals(long[] items, int number, int number2, long[] items2, int number3, int number4);
    public static boolean equals(short[] items, int number, int number2, short[] items2, int number3, int number4);
    public static <T> boolean equals(T[] items, int number, int number2, T[] items2, int number3, int number4, Comparator<? super T> order);
    /** Sets every element. */
    public static void fill(boolean[] items, boolean flag);
    public static void fill(byte[] items, byte number);
    public static void fill(char[] items, char letter);
    public static void fill(double[] items, double number);
    public static void fill(float[] items, float number);
    public static void fill(int[] items, int number);
    public static void fill(Object[] items, Object object);
    public static void fill(long[] items, long number);
    public static void fill(short[] items, short number);
    public static void fill(boolean[] items, int number, int number2, boolean flag);
    public static void fill(byte[] items, int number, int number2, byte number3);
    public static void fill(char[] items, int number, int number2, char letter);
    public static void fill(double[] items, int number, int number2, double number3);
    public static void fill(float[] items, int number, int number2, float number3);
    public static void fill(int[] items, int number, int number2, int number3);
    public static void fill(Object[] items, int number, int number2, Object object);
    public static void fill(long[] items, int number, int number2, long number3);
    public static void fill(short[] items, int number, int number2, short number3);
    public static int hashCode(boolean[] items);
    public static int hashCode(byte[] items);
    public static int hashCode(char[] items);
    public static int hashCode(double[] items);
    public static int hashCode(float[] items);
    public static int hashCode(int[] items);
    public static int hashCode(Object[] items);
    public static int hashCode(long[] items);
    public static int hashCode(short[] items);
    public static int mismatch(boolean[] items, boolean[] items2);
    public static int mismatch(byte[] items, byte[] items2);
    public static int mismatch(char[] items, char[] items2);
    public static int mismatch(double[] items, double[] items2);
    public static int mismatch(float[] items, float[] items2);
    public static int mismatch(int[] items, int[] items2);
    public static int mismatch(Object[] items, Object[] items2);
    public static int mismatch(long[] items, long[] items2);
    public static int mismatch(short[] items, short[] items2);
    public static <T> int mismatch(T[] items, T[] items2, Comparator<? super T> order);
    public static int mismatch(boolean[] items, int number, int number2, boolean[] items2, int number3, int number4);
    public static int mismatch(byte[] items, int number, int number2, byte[] items2, int number3, int number4);
    public static int mismatch(char[] items, int number, int number2, char[] items2, int number3, int number4);
    public static int mismatch(double[] items, int number, int number2, double[] items2, int number3, int number4);
    public static int mismatch(float[] items, int number, int number2, float[] items2, int number3, int number4);
    public static int mismatch(int[] items, int number, int number2, int[] items2, int number3, int number4);
    public static int mismatch(Object[] items, int number, int number2, Object[] items2, int number3, int number4);
    public static int mismatch(long[] items, int number, int number2, long[] items2, int number3, int number4);
    public static int mismatch(short[] items, int number, int number2, short[] items2, int number3, int number4);
    public static <T> int mismatch(T[] items, int number, int number2, T[] items2, int number3, int number4, Comparator<? super T> order);
    public static <T> void parallelPrefix(T[] items, BinaryOperator<T> function);
    public static void parallelPrefix(double[] items, DoubleBinaryOperator function);
    public static void parallelPrefix(int[] items, IntBinaryOperator function);
    public static void parallelPrefix(long[] items, LongBinaryOperator function);
    public static <T> void parallelPrefix(T[] items, int number, int number2, BinaryOperator<T> function);
    public static void parallelPrefix(double[] items, int number, int number2, DoubleBinaryOperator function);
    public static void parallelPrefix(int[] items, int number, int number2, IntBinaryOperator function);
    public static void parallelPrefix(long[] items, int number, int number2, LongBinaryOperator function);
    public static <T> void parallelSetAll(T[] items, IntFunction<? extends T> function);
    public static void parallelSetAll(double[] items, IntToDoubleFunction function);
    public static void parallelSetAll(int[] items, IntUnaryOperator function);
    public static void parallelSetAll(long[] items, IntToLongFunction function);
    public static <T extends Comparable<? super T>> void parallelSort(T[] items);
    public static void parallelSort(byte[] items);
    public static void parallelSort(char[] items);
    public static void parallelSort(double[] items);
    public static void parallelSort(float[] items);
    public static void parallelSort(int[] items);
    public static void parallelSort(long[] items);
    public static void parallelSort(short[] items);
    public static <T> void parallelSort(T[] items, Comparator<? super T> order);
    public static <T extends Comparable<? super T>> void parallelSort(T[] items, int number, int number2);
    public static void parallelSort(byte[] items, int number, int number2);
    public static void parallelSort(char[] items, int number, int number2);
    public static void parallelSort(double[] items, int number, int number2);
    public static void parallelSort(float[] items, int number, int number2);
    public static void parallelSort(int[] items, int number, int number2);
    public static void parallelSort(long[] items, int number, int number2);
    public static void parallelSort(short[] items, int number, int number2);
    public static <T> void parallelSort(T[] items, int number, int number2, Comparator<? super T> order);
    public static <T> void setAll(T[] items, IntFunction<? extends T> function);
    public static void setAll(double[] items, IntToDoubleFunction function);
    public static void setAll(int[] items, IntUnaryOperator function);
    public static void setAll(long[] items, IntToLongFunction function);
    /** Sorts the array. */
    public static void sort(byte[] items);
    public static void sort(char[] items);
    public static void sort(double[] items);
    public static void sort(float[] items);
    public static void sort(int[] items);
    public static void sort(Object[] items);
    public static void sort(long[] items);
    public static void sort(short[] items);
    public static <T> void sort(T[] items, Comparator<? super T> order);
    public static void sort(byte[] items, int number, int number2);
    public static void sort(char[] items, int number, int number2);
    public static void sort(double[] items, int number, int number2);
    public static void sort(float[] items, int number, int number2);
    public static void sort(int[] items, int number, int number2);
    public static void sort(Object[] items, int number, int number2);
    public static void sort(long[] items, int number, int number2);
    public static void sort(short[] items, int number, int number2);
    public static <T> void sort(T[] items, int number, int number2, Comparator<? super T> order);
    public static <T> Spliterator<T> spliterator(T[] items);
    public static Spliterator.OfDouble spliterator(double[] items);
    public static Spliterator.OfInt spliterator(int[] items);
    public static Spliterator.OfLong spliterator(long[] items);
    public static <T> Spliterator<T> spliterator(T[] items, int number, int number2);
    public static Spliterator.OfDouble spliterator(double[] items, int number, int number2);
    public static Spliterator.OfInt spliterator(int[] items, int number, int number2);
    public static Spliterator.OfLong spliterator(long[] items, int number, int number2);
    /** The elements as a stream. */
    public static <T> Stream<T> stream(T[] items);
    public static DoubleStream stream(double[] items);
    public static IntStream stream(int[] items);
    public static LongStream stream(long[] items);
    public static <T> Stream<T> stream(T[] items, int number, int number2);
    public static DoubleStream stream(double[] items, int number, int number2);
    public static IntStream stream(int[] items, int number, int number2);
    public static LongStream stream(long[] items, int number, int number2);
    /** The elements as text. */
    public static String toString(boolean[] items);
    public static String toString(byte[] items);
    public static String toString(char[] items);
    public static String toString(double[] items);
    public static String toString(float[] items);
    public static String toString(int[] items);
    public static String toString(Object[] items);
    public static String toString(long[] items);
    public static String toString(short[] items);
}

/** Codes bytes as text. */
public class Base64 {
    public static Base64.Decoder getDecoder();
    public static Base64.Encoder getEncoder();
    public static Base64.Decoder getMimeDecoder();
    public static Base64.Encoder getMimeEncoder();
    public static Base64.Encoder getMimeEncoder(int number, byte[] items);
    public static Base64.Decoder getUrlDecoder();
    public static Base64.Encoder getUrlEncoder();
    public static class Decoder {
        public byte[] decode(byte[] items);
        public byte[] decode(String text);
        public ByteBuffer decode(ByteBuffer byteBuffer);
        public int decode(byte[] items, byte[] items2);
        public InputStream wrap(InputStream inputStream);
    }
    public static class Encoder {
        public byte[] encode(byte[] items);
        public ByteBuffer encode(ByteBuffer byteBuffer);
        public int encode(byte[] items, byte[] items2);
        public String encodeToString(byte[] items);
        public Base64.Encoder withoutPadding();
        public OutputStream wrap(OutputStream outputStream);
    }
}

/** A set of small numbers. */
public class BitSet implements Cloneable, Serializable {
    public BitSet() { }
    public BitSet(int number) { }
    public void and(BitSet bitSet);
    public void andNot(BitSet bitSet);
    public int cardinality();
    public void clear();
    public void clear(int number);
    public void clear(int number, int number2);
    public Object clone();
    public void flip(int number);
    public void flip(int number, int number2);
    public boolean get(int number);
    public BitSet get(int number, int number2);
    public boolean intersects(BitSet bitSet);
    public boolean isEmpty();
    public int length();
    public int nextClearBit(int number);
    public int nextSetBit(int number);
    public void or(BitSet bitSet);
    public int previousClearBit(int number);
    public int previousSetBit(int number);
    public void set(int number);
    public void set(int number, boolean flag);
    public void set(int number, int number2);
    public void set(int number, int number2, boolean flag);
    public int size();
    public IntStream stream();
    public byte[] toByteArray();
    public long[] toLongArray();
    public static BitSet valueOf(byte[] items);
    public static BitSet valueOf(ByteBuffer byteBuffer);
    public static BitSet valueOf(LongBuffer longBuffer);
    public static BitSet valueOf(long[] items);
    public void xor(BitSet bitSet);
}

/** A date in fields of a calendar. */
public abstract class Calendar implements Serializable, Cloneable, Comparable<Calendar> {
    public static final int ERA;
    public static final int YEAR;
    public static final int MONTH;
    public static final int WEEK_OF_YEAR;
    public static final int WEEK_OF_MONTH;
    public static final int DATE;
    public static final int DAY_OF_MONTH;
    public static final int DAY_OF_YEAR;
    public static final int DAY_OF_WEEK;
    public static final int DAY_OF_WEEK_IN_MONTH;
    public static final int AM_PM;
    public static final int HOUR;
    public static final int HOUR_OF_DAY;
    public static final int MINUTE;
    public static final int SECOND;
    public static final int MILLISECOND;
    public static final int ZONE_OFFSET;
    public static final int DST_OFFSET;
    public static final int FIELD_COUNT;
    public static final int SUNDAY;
    public static final int MONDAY;
    public static final int TUESDAY;
    public static final int WEDNESDAY;
    public static final int THURSDAY;
    public static final int FRIDAY;
    public static final int SATURDAY;
    public static final int JANUARY;
    public static final int FEBRUARY;
    public static final int MARCH;
    public static final int APRIL;
    public static final int MAY;
    public static final int JUNE;
    public static final int JULY;
    public static final int AUGUST;
    public static final int SEPTEMBER;
    public static final int OCTOBER;
    public static final int NOVEMBER;
    public static final int DECEMBER;
    public static final int UNDECIMBER;
    public static final int AM;
    public static final int PM;
    public static final int ALL_STYLES;
    public static final int SHORT;
    public static final int LONG;
    public static final int NARROW_FORMAT;
    public static final int NARROW_STANDALONE;
    public static final int SHORT_FORMAT;
    public static final int LONG_FORMAT;
    public static final int SHORT_STANDALONE;
    public static final int LONG_STANDALONE;
    protected int[] fields;
    protected boolean[] isSet;
    protected long time;
    protected boolean isTimeSet;
    protected boolean areFieldsSet;
    protected Calendar() { }
    protected Calendar(TimeZone timeZone, Locale locale) { }
    public abstract void add(int number, int number2);
    public boolean after(Object object);
    public boolean before(Object object);
    public final void clear();
    public final void clear(int number);
    public Object clone();
    public int compareTo(Calendar calendar);
    protected void complete();
    protected abstract void computeFields();
    protected abstract void computeTime();
    public int get(int number);
    public int getActualMaximum(int number);
    public int getActualMinimum(int number);
    public static Set<String> getAvailableCalendarTypes();
    public static Locale[] getAvailableLocales();
    public String getCalendarType();
    public String getDisplayName(int number, int number2, Locale locale);
    public Map<String, Integer> getDisplayNames(int number, int number2, Locale locale);
    public int getFirstDayOfWeek();
    public abstract int getGreatestMinimum(int number);
    public static Calendar getInstance();
    public static Calendar getInstance(Locale locale);
    public static Calendar getInstance(TimeZone timeZone);
    public static Calendar getInstance(TimeZone timeZone, Locale locale);
    public abstract int getLeastMaximum(int number);
    public abstract int getMaximum(int number);
    public int getMinimalDaysInFirstWeek();
    public abstract int getMinimum(int number);
    public final Date getTime();
    public long getTimeInMillis();
    public TimeZone getTimeZone();
    public int getWeekYear();
    public int getWeeksInWeekYear();
    protected final int internalGet(int number);
    public boolean isLenient();
    public final boolean isSet(int number);
    public boolean isWeekDateSupported();
    public abstract void roll(int number, boolean flag);
    public void roll(int number, int number2);
    public void set(int number, int number2);
    public final void set(int number, int number2, int number3);
    public final void set(int number, int number2, int number3, int number4, int number5);
    public final void set(int number, int number2, int number3, int number4, int number5, int number6);
    public void setFirstDayOfWeek(int number);
    public void setLenient(boolean flag);
    public void setMinimalDaysInFirstWeek(int number);
    public final void setTime(Date date);
    public void setTimeInMillis(long number);
    public void setTimeZone(TimeZone timeZone);
    public void setWeekDate(int number, int number2, int number3);
    public final Instant toInstant();
    public static class Builder {
        public Builder() { }
        public Calendar build();
        public Calendar.Builder set(int number, int number2);
        public Calendar.Builder setCalendarType(String text);
        public Calendar.Builder setDate(int number, int number2, int number3);
        public Calendar.Builder setFields(int... items);
        public Calendar.Builder setInstant(Date date);
        public Calendar.Builder setInstant(long number);
        public Calendar.Builder setLenient(boolean flag);
        public Calendar.Builder setLocale(Locale locale);
        public Calendar.Builder setTimeOfDay(int number, int number2, int number3);
        public Calendar.Builder setTimeOfDay(int number, int number2, int number3, int number4);
        public Calendar.Builder setTimeZone(TimeZone timeZone);
        public Calendar.Builder setWeekDate(int number, int number2, int number3);
        public Calendar.Builder setWeekDefinition(int number, int number2);
    }
}

/** A group of objects. */
public interface Collection<E> extends Iterable<E> {
    /** Adds an element. */
    boolean add(E value);
    /** Adds all elements of another. */
    boolean addAll(Collection<? extends E> items);
    /** Takes all out. */
    void clear();
    /** Is the element there? */
    boolean contains(Object object);
    boolean containsAll(Collection<?> items);
    boolean equals(Object object);
    int hashCode();
    /** Are there none? */
    boolean isEmpty();
    Iterator<E> iterator();
    default Stream<E> parallelStream() { }
    /** Takes an element out. */
    boolean remove(Object object);
    boolean removeAll(Collection<?> items);
    default boolean removeIf(Predicate<? super E> condition) { }
    boolean retainAll(Collection<?> items);
    /** The number of elements. */
    int size();
    default Spliterator<E> spliterator() { }
    /** The elements as a stream. */
    default Stream<E> stream() { }
    /** The elements as an array. */
    Object[] toArray();
    <T> T[] toArray(T[] items);
    default <T> T[] toArray(IntFunction<T[]> function) { }
}

/** Functions on collections. */
public class Collections {
    public static final Set EMPTY_SET;
    public static final List EMPTY_LIST;
    public static final Map EMPTY_MAP;
    public static <T> boolean addAll(Collection<? super T> items, T... items2);
    public static <T> Queue<T> asLifoQueue(Deque<T> deque);
    public static <T> int binarySearch(List<? extends Comparable<? super T>> list, T value);
    public static <T> int binarySearch(List<? extends T> list, T value, Comparator<? super T> order);
    public static <E> Collection<E> checkedCollection(Collection<E> items, Class<E> type);
    public static <E> List<E> checkedList(List<E> list, Class<E> type);
    public static <K, V> Map<K, V> checkedMap(Map<K, V> map, Class<K> type, Class<V> type2);
    public static <K, V> NavigableMap<K, V> checkedNavigableMap(NavigableMap<K, V> navigableMap, Class<K> type, Class<V> type2);
    public static <E> NavigableSet<E> checkedNavigableSet(NavigableSet<E> navigableSet, Class<E> type);
    public static <E> Queue<E> checkedQueue(Queue<E> queue, Class<E> type);
    public static <E> Set<E> checkedSet(Set<E> set, Class<E> type);
    public static <K, V> SortedMap<K, V> checkedSortedMap(SortedMap<K, V> sortedMap, Class<K> type, Class<V> type2);
    public static <E> SortedSet<E> checkedSortedSet(SortedSet<E> sortedSet, Class<E> type);
    public static <T> void copy(List<? super T> list, List<? extends T> list2);
    public static boolean disjoint(Collection<?> items, Collection<?> items2);
    public static <T> Enumeration<T> emptyEnumeration();
    public static <T> Iterator<T> emptyIterator();
    /** A list without elements. */
    public static final <T> List<T> emptyList();
    public static <T> ListIterator<T> emptyListIterator();
    public static final <K, V> Map<K, V> emptyMap();
    public static final <K, V> NavigableMap<K, V> emptyNavigableMap();
    public static <E> NavigableSet<E> emptyNavigableSet();
    public static final <T> Set<T> emptySet();
    public static final <K, V> SortedMap<K, V> emptySortedMap();
    public static <E> SortedSet<E> emptySortedSet();
    public static <T> Enumeration<T> enumeration(Collection<T> items);
    public static <T> void fill(List<? super T> list, T value);
    public static int frequency(Collection<?> items, Object object);
    public static int indexOfSubList(List<?> list, List<?> list2);
    public static int lastIndexOfSubList(List<?> list, List<?> list2);
    public static <T> ArrayList<T> list(Enumeration<T> enumeration);
    public static <T extends Comparable<? super T>> T max(Collection<? extends T> items);
    public static <T> T max(Collection<? extends T> items, Comparator<? super T> order);
    public static <T extends Comparable<? super T>> T min(Collection<? extends T> items);
    public static <T> T min(Collection<? extends T> items, Comparator<? super T> order);
    public static <T> List<T> nCopies(int number, T value);
    public static <E> Set<E> newSetFromMap(Map<E, Boolean> map);
    public static <T> boolean replaceAll(List<T> list, T value, T value2);
    public static void reverse(List<?> list);
    public static <T> Comparator<T> reverseOrder();
    public static <T> Comparator<T> reverseOrder(Comparator<T> order);
    public static void rotate(List<?> list, int number);
    public static void shuffle(List<?> list);
    public static void shuffle(List<?> list, Random random);
    public static <T> Set<T> singleton(T value);
    /** A list of one. */
    public static <T> List<T> singletonList(T value);
    public static <K, V> Map<K, V> singletonMap(K value, V value2);
    /** Sorts a list. */
    public static <T extends Comparable<? super T>> void sort(List<T> list);
    public static <T> void sort(List<T> list, Comparator<? super T> order);
    public static void swap(List<?> list, int number, int number2);
    public static <T> Collection<T> synchronizedCollection(Collection<T> items);
    public static <T> List<T> synchronizedList(List<T> list);
    /** A map for several threads. */
    public static <K, V> Map<K, V> synchronizedMap(Map<K, V> map);
    public static <K, V> NavigableMap<K, V> synchronizedNavigableMap(NavigableMap<K, V> navigableMap);
    public static <T> NavigableSet<T> synchronizedNavigableSet(NavigableSet<T> navigableSet);
    public static <T> Set<T> synchronizedSet(Set<T> set);
    public static <K, V> SortedMap<K, V> synchronizedSortedMap(SortedMap<K, V> sortedMap);
    public static <T> SortedSet<T> synchronizedSortedSet(SortedSet<T> sortedSet);
    public static <T> Collection<T> unmodifiableCollection(Collection<? extends T> items);
    /** A view that cannot be changed. */
    public static <T> List<T> unmodifiableList(List<? extends T> list);
    public static <K, V> Map<K, V> unmodifiableMap(Map<? extends K, ? extends V> map);
    public static <K, V> NavigableMap<K, V> unmodifiableNavigableMap(NavigableMap<K, ? extends V> navigableMap);
    public static <T> NavigableSet<T> unmodifiableNavigableSet(NavigableSet<T> navigableSet);
    public static <T> Set<T> unmodifiableSet(Set<? extends T> set);
    public static <K, V> SortedMap<K, V> unmodifiableSortedMap(SortedMap<K, ? extends V> sortedMap);
    public static <T> SortedSet<T> unmodifiableSortedSet(SortedSet<T> sortedSet);
}

/** An order of objects. */
public interface Comparator<T> {
    /** Before, equal or after. */
    int compare(T value, T value2);
    /** The order of what a function gives. */
    static <T, U extends Comparable<? super U>> Comparator<T> comparing(Function<? super T, ? extends U> function) { }
    static <T, U> Comparator<T> comparing(Function<? super T, ? extends U> function, Comparator<? super U> order) { }
    static <T> Comparator<T> comparingDouble(ToDoubleFunction<? super T> function) { }
    static <T> Comparator<T> comparingInt(ToIntFunction<? super T> function) { }
    static <T> Comparator<T> comparingLong(ToLongFunction<? super T> function) { }
    boolean equals(Object object);
    static <T extends Comparable<? super T>> Comparator<T> naturalOrder() { }
    static <T> Comparator<T> nullsFirst(Comparator<? super T> order) { }
    static <T> Comparator<T> nullsLast(Comparator<? super T> order) { }
    static <T extends Comparable<? super T>> Comparator<T> reverseOrder() { }
    /** The other way round. */
    default Comparator<T> reversed() { }
    /** A further order for what is equal. */
    default <U extends Comparable<? super U>> Comparator<T> thenComparing(Function<? super T, ? extends U> function) { }
    default Comparator<T> thenComparing(Comparator<? super T> order) { }
    default <U> Comparator<T> thenComparing(Function<? super T, ? extends U> function, Comparator<? super U> order) { }
    default Comparator<T> thenComparingDouble(ToDoubleFunction<? super T> function) { }
    default Comparator<T> thenComparingInt(ToIntFunction<? super T> function) { }
    default Comparator<T> thenComparingLong(ToLongFunction<? super T> function) { }
}

/** A collection changed while it was gone through. */
public class ConcurrentModificationException extends RuntimeException {
    public ConcurrentModificationException() { }
    public ConcurrentModificationException(String text) { }
    public ConcurrentModificationException(Throwable throwable) { }
    public ConcurrentModificationException(String text, Throwable throwable) { }
}

/** A currency. */
public final class Currency implements Serializable {
    public static Set<Currency> getAvailableCurrencies();
    public String getCurrencyCode();
    public int getDefaultFractionDigits();
    public String getDisplayName();
    public String getDisplayName(Locale locale);
    public static Currency getInstance(String text);
    public static Currency getInstance(Locale locale);
    public int getNumericCode();
    public String getNumericCodeAsString();
    public String getSymbol();
    public String getSymbol(Locale locale);
}

/** A moment, in milliseconds. */
public class Date implements Serializable, Cloneable, Comparable<Date> {
    public Date() { }
    public Date(String text) { }
    public Date(long number) { }
    public Date(int number, int number2, int number3) { }
    public Date(int number, int number2, int number3, int number4, int number5) { }
    public Date(int number, int number2, int number3, int number4, int number5, int number6) { }
    public static long UTC(int number, int number2, int number3, int number4, int number5, int number6);
    public boolean after(Date date);
    public boolean before(Date date);
    public Object clone();
    public int compareTo(Date date);
    public static Date from(Instant instant);
    public int getDate();
    public int getDay();
    public int getHours();
    public int getMinutes();
    public int getMonth();
    public int getSeconds();
    public long getTime();
    public int getTimezoneOffset();
    public int getYear();
    public static long parse(String text);
    public void setDate(int number);
    public void setHours(int number);
    public void setMinutes(int number);
    public void setMonth(int number);
    public void setSeconds(int number);
    public void setTime(long number);
    public void setYear(int number);
    public String toGMTString();
    public Instant toInstant();
    public String toLocaleString();
}

/** A queue with two ends. */
public interface Deque<E> extends Queue<E> {
    boolean add(E value);
    boolean addAll(Collection<? extends E> items);
    void addFirst(E value);
    void addLast(E value);
    boolean contains(Object object);
    Iterator<E> descendingIterator();
    E element();
    E getFirst();
    E getLast();
    Iterator<E> iterator();
    boolean offer(E value);
    boolean offerFirst(E value);
    boolean offerLast(E value);
    E peek();
    E peekFirst();
    E peekLast();
    E poll();
    E pollFirst();
    E pollLast();
    E pop();
    void push(E value);
    E remove();
    boolean remove(Object object);
    E removeFirst();
    boolean removeFirstOccurrence(Object object);
    E removeLast();
    boolean removeLastOccurrence(Object object);
    int size();
}

/** The base of old maps. */
public abstract class Dictionary<K, V> {
    public Dictionary() { }
    public abstract Enumeration<V> elements();
    public abstract V get(Object object);
    public abstract boolean isEmpty();
    public abstract Enumeration<K> keys();
    public abstract V put(K value, V value2);
    public abstract V remove(Object object);
    public abstract int size();
}

/** Count, sum, least and most of numbers. */
public class DoubleSummaryStatistics implements DoubleConsumer {
    public DoubleSummaryStatistics() { }
    public DoubleSummaryStatistics(long number, double number2, double number3, double number4) throws IllegalArgumentException { }
    public void accept(double number);
    public void combine(DoubleSummaryStatistics doubleSummaryStatistics);
    public final double getAverage();
    public final long getCount();
    public final double getMax();
    public final double getMin();
    public final double getSum();
}

/** A stack that is empty. */
public class EmptyStackException extends RuntimeException {
    public EmptyStackException() { }
}

/** A map whose keys are constants of an enum. */
public class EnumMap<K extends Enum<K>, V> extends AbstractMap<K, V> implements Serializable, Cloneable {
    public EnumMap(Class<K> type) { }
    public EnumMap(EnumMap<K, ? extends V> enumMap) { }
    public EnumMap(Map<K, ? extends V> map) { }
    public void clear();
    public EnumMap<K, V> clone();
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Set<Map.Entry<K, V>> entrySet();
    public V get(Object object);
    public Set<K> keySet();
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V remove(Object object);
    public int size();
    public Collection<V> values();
}

/** A set of constants of an enum. */
public abstract class EnumSet<E extends Enum<E>> extends AbstractSet<E> implements Cloneable, Serializable {
    public static <E extends Enum<E>> EnumSet<E> allOf(Class<E> type);
    public EnumSet<E> clone();
    public static <E extends Enum<E>> EnumSet<E> complementOf(EnumSet<E> enumSet);
    public static <E extends Enum<E>> EnumSet<E> copyOf(Collection<E> items);
    public static <E extends Enum<E>> EnumSet<E> copyOf(EnumSet<E> enumSet);
    public static <E extends Enum<E>> EnumSet<E> noneOf(Class<E> type);
    public static <E extends Enum<E>> EnumSet<E> of(E value);
    public static <E extends Enum<E>> EnumSet<E> of(E value, E value2);
    public static <E extends Enum<E>> EnumSet<E> of(E value, E... items);
    public static <E extends Enum<E>> EnumSet<E> of(E value, E value2, E value3);
    public static <E extends Enum<E>> EnumSet<E> of(E value, E value2, E value3, E value4);
    public static <E extends Enum<E>> EnumSet<E> of(E value, E value2, E value3, E value4, E value5);
    public static <E extends Enum<E>> EnumSet<E> range(E value, E value2);
}

/** Goes through an old collection. */
public interface Enumeration<E> {
    default Iterator<E> asIterator() { }
    boolean hasMoreElements();
    E nextElement();
}

/** Marks what is told of events. */
public interface EventListener {
}

/** The base of events. */
public class EventObject implements Serializable {
    protected Object source;
    public EventObject(Object object) { }
    public Object getSource();
}

/** What formats itself. */
public interface Formattable {
    void formatTo(Formatter formatter, int number, int number2, int number3);
}

/** Flags that a formattable object is given. */
public class FormattableFlags {
    public static final int LEFT_JUSTIFY;
    public static final int UPPERCASE;
    public static final int ALTERNATE;
}

/** Formats values by a pattern. */
public final class Formatter implements Closeable, Flushable {
    public Formatter() { }
    public Formatter(File file) throws FileNotFoundException { }
    public Formatter(OutputStream outputStream) { }
    public Formatter(PrintStream printStream) { }
    public Formatter(Appendable appendable) { }
    public Formatter(String text) throws FileNotFoundException { }
    public Formatter(Locale locale) { }
    public Formatter(File file, String text) throws FileNotFoundException, UnsupportedEncodingException { }
    public Formatter(OutputStream outputStream, String text) throws UnsupportedEncodingException { }
    public Formatter(Appendable appendable, Locale locale) { }
    public Formatter(String text, String text2) throws FileNotFoundException, UnsupportedEncodingException { }
    public Formatter(File file, String text, Locale locale) throws FileNotFoundException, UnsupportedEncodingException { }
    public Formatter(File file, Charset charset, Locale locale) throws IOException { }
    public Formatter(OutputStream outputStream, String text, Locale locale) throws UnsupportedEncodingException { }
    public Formatter(OutputStream outputStream, Charset charset, Locale locale) { }
    public Formatter(String text, String text2, Locale locale) throws FileNotFoundException, UnsupportedEncodingException { }
    public Formatter(String text, Charset charset, Locale locale) throws IOException { }
    public void close();
    public void flush();
    public Formatter format(String text, Object... items);
    public Formatter format(Locale locale, String text, Object... items);
    public IOException ioException();
    public Locale locale();
    public Appendable out();
    public enum BigDecimalLayoutForm {
        SCIENTIFIC, DECIMAL_FLOAT;
    }
}

/** The calendar in common use. */
public class GregorianCalendar extends Calendar {
    public static final int BC;
    public static final int AD;
    public GregorianCalendar() { }
    public GregorianCalendar(Locale locale) { }
    public GregorianCalendar(TimeZone timeZone) { }
    public GregorianCalendar(TimeZone timeZone, Locale locale) { }
    public GregorianCalendar(int number, int number2, int number3) { }
    public GregorianCalendar(int number, int number2, int number3, int number4, int number5) { }
    public GregorianCalendar(int number, int number2, int number3, int number4, int number5, int number6) { }
    public void add(int number, int number2);
    public Object clone();
    protected void computeFields();
    protected void computeTime();
    public static GregorianCalendar from(ZonedDateTime zonedDateTime);
    public int getActualMaximum(int number);
    public int getActualMinimum(int number);
    public String getCalendarType();
    public int getGreatestMinimum(int number);
    public final Date getGregorianChange();
    public int getLeastMaximum(int number);
    public int getMaximum(int number);
    public int getMinimum(int number);
    public TimeZone getTimeZone();
    public int getWeekYear();
    public int getWeeksInWeekYear();
    public boolean isLeapYear(int number);
    public final boolean isWeekDateSupported();
    public void roll(int number, boolean flag);
    public void roll(int number, int number2);
    public void setGregorianChange(Date date);
    public void setTimeZone(TimeZone timeZone);
    public void setWeekDate(int number, int number2, int number3);
    public ZonedDateTime toZonedDateTime();
}

/** A map by hash codes. */
public class HashMap<K, V> extends AbstractMap<K, V> implements Map<K, V>, Cloneable, Serializable {
    public HashMap() { }
    public HashMap(int number) { }
    public HashMap(Map<? extends K, ? extends V> map) { }
    public HashMap(int number, float number2) { }
    public void clear();
    public Object clone();
    public V compute(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public V computeIfAbsent(K value, Function<? super K, ? extends V> function);
    public V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Set<Map.Entry<K, V>> entrySet();
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public V getOrDefault(Object object, V value);
    public boolean isEmpty();
    public Set<K> keySet();
    public V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function);
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V putIfAbsent(K value, V value2);
    public V remove(Object object);
    public boolean remove(Object object, Object object2);
    public V replace(K value, V value2);
    public boolean replace(K value, V value2, V value3);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public int size();
    public Collection<V> values();
}

/** A set by hash codes. */
public class HashSet<E> extends AbstractSet<E> implements Set<E>, Cloneable, Serializable {
    public HashSet() { }
    public HashSet(int number) { }
    public HashSet(Collection<? extends E> items) { }
    public HashSet(int number, float number2) { }
    public boolean add(E value);
    public void clear();
    public Object clone();
    public boolean contains(Object object);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public boolean remove(Object object);
    public int size();
    public Spliterator<E> spliterator();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** An old map for several threads. */
public class Hashtable<K, V> extends Dictionary<K, V> implements Map<K, V>, Cloneable, Serializable {
    public Hashtable() { }
    public Hashtable(int number) { }
    public Hashtable(Map<? extends K, ? extends V> map) { }
    public Hashtable(int number, float number2) { }
    public void clear();
    public Object clone();
    public V compute(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public V computeIfAbsent(K value, Function<? super K, ? extends V> function);
    public V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public boolean contains(Object object);
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Enumeration<V> elements();
    public Set<Map.Entry<K, V>> entrySet();
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public V getOrDefault(Object object, V value);
    public boolean isEmpty();
    public Set<K> keySet();
    public Enumeration<K> keys();
    public V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function);
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V putIfAbsent(K value, V value2);
    protected void rehash();
    public V remove(Object object);
    public boolean remove(Object object, Object object2);
    public V replace(K value, V value2);
    public boolean replace(K value, V value2, V value3);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public int size();
    public Collection<V> values();
}

/** Codes bytes as hexadecimal text. */
public final class HexFormat {
    public String delimiter();
    public String formatHex(byte[] items);
    public <A extends Appendable> A formatHex(A value, byte[] items);
    public String formatHex(byte[] items, int number, int number2);
    public <A extends Appendable> A formatHex(A value, byte[] items, int number, int number2);
    public static int fromHexDigit(int number);
    public static int fromHexDigits(CharSequence text);
    public static int fromHexDigits(CharSequence text, int number, int number2);
    public static long fromHexDigitsToLong(CharSequence text);
    public static long fromHexDigitsToLong(CharSequence text, int number, int number2);
    public static boolean isHexDigit(int number);
    public boolean isUpperCase();
    public static HexFormat of();
    public static HexFormat ofDelimiter(String text);
    public byte[] parseHex(CharSequence text);
    public byte[] parseHex(char[] items, int number, int number2);
    public byte[] parseHex(CharSequence text, int number, int number2);
    public String prefix();
    public String suffix();
    public String toHexDigits(byte number);
    public String toHexDigits(char letter);
    public String toHexDigits(int number);
    public String toHexDigits(long number);
    public String toHexDigits(short number);
    public <A extends Appendable> A toHexDigits(A value, byte number);
    public String toHexDigits(long number, int number2);
    public char toHighHexDigit(int number);
    public char toLowHexDigit(int number);
    public HexFormat withDelimiter(String text);
    public HexFormat withLowerCase();
    public HexFormat withPrefix(String text);
    public HexFormat withSuffix(String text);
    public HexFormat withUpperCase();
}

/** A map that compares keys by identity. */
public class IdentityHashMap<K, V> extends AbstractMap<K, V> implements Map<K, V>, Serializable, Cloneable {
    public IdentityHashMap() { }
    public IdentityHashMap(int number) { }
    public IdentityHashMap(Map<? extends K, ? extends V> map) { }
    public void clear();
    public Object clone();
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Set<Map.Entry<K, V>> entrySet();
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public boolean isEmpty();
    public Set<K> keySet();
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V remove(Object object);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public int size();
    public Collection<V> values();
}

/** A pattern that cannot be used. */
public class IllegalFormatException extends IllegalArgumentException {
}

/** A text that names no locale. */
public class IllformedLocaleException extends RuntimeException {
    public IllformedLocaleException() { }
    public IllformedLocaleException(String text) { }
    public IllformedLocaleException(String text, int number) { }
    public int getErrorIndex();
}

/** A text that does not hold the value asked for. */
public class InputMismatchException extends NoSuchElementException {
    public InputMismatchException() { }
    public InputMismatchException(String text) { }
}

/** Count, sum, least and most of numbers. */
public class IntSummaryStatistics implements IntConsumer {
    public IntSummaryStatistics() { }
    public IntSummaryStatistics(long number, int number2, int number3, long number4) throws IllegalArgumentException { }
    public void accept(int number);
    public void combine(IntSummaryStatistics intSummaryStatistics);
    public final double getAverage();
    public final long getCount();
    public final int getMax();
    public final int getMin();
    public final long getSum();
}

/** Goes through a collection. */
public interface Iterator<E> {
    default void forEachRemaining(Consumer<? super E> action) { }
    /** Is there another one? */
    boolean hasNext();
    /** The next one. */
    E next();
    /** Takes out the last one that was given. */
    default void remove() { }
}

/** A hash map that keeps the order of insertion. */
public class LinkedHashMap<K, V> extends HashMap<K, V> implements Map<K, V> {
    public LinkedHashMap() { }
    public LinkedHashMap(int number) { }
    public LinkedHashMap(Map<? extends K, ? extends V> map) { }
    public LinkedHashMap(int number, float number2) { }
    public LinkedHashMap(int number, float number2, boolean flag) { }
    public void clear();
    public boolean containsValue(Object object);
    public Set<Map.Entry<K, V>> entrySet();
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public V getOrDefault(Object object, V value);
    public Set<K> keySet();
    protected boolean removeEldestEntry(Map.Entry<K, V> entry);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public Collection<V> values();
}

/** A hash set that keeps the order of insertion. */
public class LinkedHashSet<E> extends HashSet<E> implements Set<E>, Cloneable, Serializable {
    public LinkedHashSet() { }
    public LinkedHashSet(int number) { }
    public LinkedHashSet(Collection<? extends E> items) { }
    public LinkedHashSet(int number, float number2) { }
    public Spliterator<E> spliterator();
}

/** A list of links, also a queue with two ends. */
public class LinkedList<E> extends AbstractSequentialList<E> implements List<E>, Deque<E>, Cloneable, Serializable {
    public LinkedList() { }
    public LinkedList(Collection<? extends E> items) { }
    public boolean add(E value);
    public void add(int number, E value);
    public boolean addAll(Collection<? extends E> items);
    public boolean addAll(int number, Collection<? extends E> items);
    public void addFirst(E value);
    public void addLast(E value);
    public void clear();
    public Object clone();
    public boolean contains(Object object);
    public Iterator<E> descendingIterator();
    public E element();
    public E get(int number);
    public E getFirst();
    public E getLast();
    public int indexOf(Object object);
    public int lastIndexOf(Object object);
    public ListIterator<E> listIterator(int number);
    public boolean offer(E value);
    public boolean offerFirst(E value);
    public boolean offerLast(E value);
    public E peek();
    public E peekFirst();
    public E peekLast();
    public E poll();
    public E pollFirst();
    public E pollLast();
    public E pop();
    public void push(E value);
    public E remove();
    public E remove(int number);
    public boolean remove(Object object);
    public E removeFirst();
    public boolean removeFirstOccurrence(Object object);
    public E removeLast();
    public boolean removeLastOccurrence(Object object);
    public E set(int number, E value);
    public int size();
    public Spliterator<E> spliterator();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A collection in an order. */
public interface List<E> extends Collection<E> {
    /** Adds an element. */
    boolean add(E value);
    void add(int number, E value);
    boolean addAll(Collection<? extends E> items);
    boolean addAll(int number, Collection<? extends E> items);
    void clear();
    boolean contains(Object object);
    boolean containsAll(Collection<?> items);
    /** A copy that never changes. */
    static <E> List<E> copyOf(Collection<? extends E> items) { }
    boolean equals(Object object);
    /** The element at an index. */
    E get(int number);
    int hashCode();
    int indexOf(Object object);
    boolean isEmpty();
    Iterator<E> iterator();
    int lastIndexOf(Object object);
    ListIterator<E> listIterator();
    ListIterator<E> listIterator(int number);
    /** A list that never changes. */
    static <E> List<E> of() { }
    static <E> List<E> of(E value) { }
    static <E> List<E> of(E... items) { }
    static <E> List<E> of(E value, E value2) { }
    static <E> List<E> of(E value, E value2, E value3) { }
    static <E> List<E> of(E value, E value2, E value3, E value4) { }
    static <E> List<E> of(E value, E value2, E value3, E value4, E value5) { }
    static <E> List<E> of(E value, E value2, E value3, E value4, E value5, E value6) { }
    static <E> List<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7) { }
    static <E> List<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7, E value8) { }
    static <E> List<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7, E value8, E value9) { }
    static <E> List<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7, E value8, E value9, E value10) { }
    E remove(int number);
    boolean remove(Object object);
    boolean removeAll(Collection<?> items);
    default void replaceAll(UnaryOperator<E> function) { }
    boolean retainAll(Collection<?> items);
    /** Puts an element at an index. */
    E set(int number, E value);
    int size();
    /** Sorts by an order. */
    default void sort(Comparator<? super E> order) { }
    default Spliterator<E> spliterator() { }
    /** A part of the list. */
    List<E> subList(int number, int number2);
    Object[] toArray();
    <T> T[] toArray(T[] items);
}

/** Goes through a list in both ways. */
public interface ListIterator<E> extends Iterator<E> {
    void add(E value);
    boolean hasNext();
    boolean hasPrevious();
    E next();
    int nextIndex();
    E previous();
    int previousIndex();
    void remove();
    void set(E value);
}

/** A language and a region. */
public final class Locale implements Cloneable, Serializable {
    public static final Locale ENGLISH;
    public static final Locale FRENCH;
    public static final Locale GERMAN;
    public static final Locale ITALIAN;
    public static final Locale JAPANESE;
    public static final Locale KOREAN;
    public static final Locale CHINESE;
    public static final Locale SIMPLIFIED_CHINESE;
    public static final Locale TRADITIONAL_CHINESE;
    public static final Locale FRANCE;
    public static final Locale GERMANY;
    public static final Locale ITALY;
    public static final Locale JAPAN;
    public static final Locale KOREA;
    public static final Locale UK;
    public static final Locale US;
    public static final Locale CANADA;
    public static final Locale CANADA_FRENCH;
    public static final Locale ROOT;
    public static final Locale CHINA;
    public static final Locale PRC;
    public static final Locale TAIWAN;
    public static final char PRIVATE_USE_EXTENSION;
    public static final char UNICODE_LOCALE_EXTENSION;
    public Locale(String text) { }
    public Locale(String text, String text2) { }
    public Locale(String text, String text2, String text3) { }
    public Object clone();
    public static List<Locale> filter(List<Locale.LanguageRange> list, Collection<Locale> items);
    public static List<Locale> filter(List<Locale.LanguageRange> list, Collection<Locale> items, Locale.FilteringMode filteringMode);
    public static List<String> filterTags(List<Locale.LanguageRange> list, Collection<String> items);
    public static List<String> filterTags(List<Locale.LanguageRange> list, Collection<String> items, Locale.FilteringMode filteringMode);
    public static Locale forLanguageTag(String text);
    public static Locale[] getAvailableLocales();
    public String getCountry();
    public static Locale getDefault();
    public static Locale getDefault(Locale.Category category);
    public final String getDisplayCountry();
    public String getDisplayCountry(Locale locale);
    public final String getDisplayLanguage();
    public String getDisplayLanguage(Locale locale);
    public final String getDisplayName();
    public String getDisplayName(Locale locale);
    public String getDisplayScript();
    public String getDisplayScript(Locale locale);
    public final String getDisplayVariant();
    public String getDisplayVariant(Locale locale);
    public String getExtension(char letter);
    public Set<Character> getExtensionKeys();
    public String getISO3Country() throws MissingResourceException;
    public String getISO3Language() throws MissingResourceException;
    public static String[] getISOCountries();
    public static Set<String> getISOCountries(Locale.IsoCountryCode isoCountryCode);
    public static String[] getISOLanguages();
    public String getLanguage();
    public String getScript();
    public Set<String> getUnicodeLocaleAttributes();
    public Set<String> getUnicodeLocaleKeys();
    public String getUnicodeLocaleType(String text);
    public String getVariant();
    public boolean hasExtensions();
    public static Locale lookup(List<Locale.LanguageRange> list, Collection<Locale> items);
    public static String lookupTag(List<Locale.LanguageRange> list, Collection<String> items);
    public static void setDefault(Locale locale);
    public static void setDefault(Locale.Category category, Locale locale);
    public Locale stripExtensions();
    public String toLanguageTag();
    public static final class Builder {
        public Builder() { }
        public Locale.Builder addUnicodeLocaleAttribute(String text);
        public Locale build();
        public Locale.Builder clear();
        public Locale.Builder clearExtensions();
        public Locale.Builder removeUnicodeLocaleAttribute(String text);
        public Locale.Builder setExtension(char letter, String text);
        public Locale.Builder setLanguage(String text);
        public Locale.Builder setLanguageTag(String text);
        public Locale.Builder setLocale(Locale locale);
        public Locale.Builder setRegion(String text);
        public Locale.Builder setScript(String text);
        public Locale.Builder setUnicodeLocaleKeyword(String text, String text2);
        public Locale.Builder setVariant(String text);
    }
    public enum Category {
        DISPLAY, FORMAT;
    }
    public enum FilteringMode {
        AUTOSELECT_FILTERING, EXTENDED_FILTERING, IGNORE_EXTENDED_RANGES, MAP_EXTENDED_RANGES, REJECT_EXTENDED_RANGES;
    }
    public enum IsoCountryCode {
        PART1_ALPHA2, PART1_ALPHA3, PART3;
    }
    public static final class LanguageRange {
        public static final double MAX_WEIGHT;
        public static final double MIN_WEIGHT;
        public LanguageRange(String text) { }
        public LanguageRange(String text, double number) { }
        public String getRange();
        public double getWeight();
        public static List<Locale.LanguageRange> mapEquivalents(List<Locale.LanguageRange> list, Map<String, List<String>> map);
        public static List<Locale.LanguageRange> parse(String text);
        public static List<Locale.LanguageRange> parse(String text, Map<String, List<String>> map);
    }
}

/** Count, sum, least and most of numbers. */
public class LongSummaryStatistics implements LongConsumer, IntConsumer {
    public LongSummaryStatistics() { }
    public LongSummaryStatistics(long number, long number2, long number3, long number4) throws IllegalArgumentException { }
    public void accept(int number);
    public void accept(long number);
    public void combine(LongSummaryStatistics longSummaryStatistics);
    public final double getAverage();
    public final long getCount();
    public final long getMax();
    public final long getMin();
    public final long getSum();
}

/** Values by their keys. */
public interface Map<K, V> {
    void clear();
    default V compute(K value, BiFunction<? super K, ? super V, ? extends V> function) { }
    /** The value of a key, made where there is none. */
    default V computeIfAbsent(K value, Function<? super K, ? extends V> function) { }
    default V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function) { }
    /** Is there such a key? */
    boolean containsKey(Object object);
    boolean containsValue(Object object);
    static <K, V> Map<K, V> copyOf(Map<? extends K, ? extends V> map) { }
    static <K, V> Map.Entry<K, V> entry(K value, V value2) { }
    /** Keys with their values. */
    Set<Map.Entry<K, V>> entrySet();
    boolean equals(Object object);
    default void forEach(BiConsumer<? super K, ? super V> action) { }
    /** The value of a key, or `null`. */
    V get(Object object);
    /** The value of a key, or another one. */
    default V getOrDefault(Object object, V value) { }
    int hashCode();
    boolean isEmpty();
    /** The keys. */
    Set<K> keySet();
    /** Joins a value with the one there. */
    default V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function) { }
    /** A map that never changes. */
    static <K, V> Map<K, V> of() { }
    static <K, V> Map<K, V> of(K value, V value2) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8, K value9, V value10) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8, K value9, V value10, K value11, V value12) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8, K value9, V value10, K value11, V value12, K value13, V value14) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8, K value9, V value10, K value11, V value12, K value13, V value14, K value15, V value16) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8, K value9, V value10, K value11, V value12, K value13, V value14, K value15, V value16, K value17, V value18) { }
    static <K, V> Map<K, V> of(K value, V value2, K value3, V value4, K value5, V value6, K value7, V value8, K value9, V value10, K value11, V value12, K value13, V value14, K value15, V value16, K value17, V value18, K value19, V value20) { }
    static <K, V> Map<K, V> ofEntries(Map.Entry<? extends K, ? extends V>... items) { }
    /** Sets the value of a key. */
    V put(K value, V value2);
    void putAll(Map<? extends K, ? extends V> map);
    /** Sets the value where there is none. */
    default V putIfAbsent(K value, V value2) { }
    /** Takes a key out. */
    V remove(Object object);
    default boolean remove(Object object, Object object2) { }
    default V replace(K value, V value2) { }
    default boolean replace(K value, V value2, V value3) { }
    default void replaceAll(BiFunction<? super K, ? super V, ? extends V> function) { }
    int size();
    /** The values. */
    Collection<V> values();
    public interface Entry<K, V> {
        static <K extends Comparable<? super K>, V> Comparator<Map.Entry<K, V>> comparingByKey() { }
        static <K, V> Comparator<Map.Entry<K, V>> comparingByKey(Comparator<? super K> order) { }
        static <K, V extends Comparable<? super V>> Comparator<Map.Entry<K, V>> comparingByValue() { }
        static <K, V> Comparator<Map.Entry<K, V>> comparingByValue(Comparator<? super V> order) { }
        static <K, V> Map.Entry<K, V> copyOf(Map.Entry<? extends K, ? extends V> entry) { }
        boolean equals(Object object);
        K getKey();
        V getValue();
        int hashCode();
        V setValue(V value);
    }
}

/** A resource that is not there. */
public class MissingResourceException extends RuntimeException {
    public MissingResourceException(String text, String text2, String text3) { }
    public String getClassName();
    public String getKey();
}

/** A sorted map that finds neighbours. */
public interface NavigableMap<K, V> extends SortedMap<K, V> {
    Map.Entry<K, V> ceilingEntry(K value);
    K ceilingKey(K value);
    NavigableSet<K> descendingKeySet();
    NavigableMap<K, V> descendingMap();
    Map.Entry<K, V> firstEntry();
    Map.Entry<K, V> floorEntry(K value);
    K floorKey(K value);
    SortedMap<K, V> headMap(K value);
    NavigableMap<K, V> headMap(K value, boolean flag);
    Map.Entry<K, V> higherEntry(K value);
    K higherKey(K value);
    Map.Entry<K, V> lastEntry();
    Map.Entry<K, V> lowerEntry(K value);
    K lowerKey(K value);
    NavigableSet<K> navigableKeySet();
    Map.Entry<K, V> pollFirstEntry();
    Map.Entry<K, V> pollLastEntry();
    SortedMap<K, V> subMap(K value, K value2);
    NavigableMap<K, V> subMap(K value, boolean flag, K value2, boolean flag2);
    SortedMap<K, V> tailMap(K value);
    NavigableMap<K, V> tailMap(K value, boolean flag);
}

/** A sorted set that finds neighbours. */
public interface NavigableSet<E> extends SortedSet<E> {
    E ceiling(E value);
    Iterator<E> descendingIterator();
    NavigableSet<E> descendingSet();
    E floor(E value);
    SortedSet<E> headSet(E value);
    NavigableSet<E> headSet(E value, boolean flag);
    E higher(E value);
    Iterator<E> iterator();
    E lower(E value);
    E pollFirst();
    E pollLast();
    SortedSet<E> subSet(E value, E value2);
    NavigableSet<E> subSet(E value, boolean flag, E value2, boolean flag2);
    SortedSet<E> tailSet(E value);
    NavigableSet<E> tailSet(E value, boolean flag);
}

/** There is no such element. */
public class NoSuchElementException extends RuntimeException {
    public NoSuchElementException() { }
    public NoSuchElementException(String text) { }
    public NoSuchElementException(Throwable throwable) { }
    public NoSuchElementException(String text, Throwable throwable) { }
}

/** Functions on objects that may be `null`. */
public final class Objects {
    public static int checkFromIndexSize(int number, int number2, int number3);
    public static long checkFromIndexSize(long number, long number2, long number3);
    public static int checkFromToIndex(int number, int number2, int number3);
    public static long checkFromToIndex(long number, long number2, long number3);
    public static int checkIndex(int number, int number2);
    public static long checkIndex(long number, long number2);
    public static <T> int compare(T value, T value2, Comparator<? super T> order);
    public static boolean deepEquals(Object object, Object object2);
    /** Are both the same, or both `null`? */
    public static boolean equals(Object object, Object object2);
    /** A hash code of several values. */
    public static int hash(Object... items);
    public static int hashCode(Object object);
    public static boolean isNull(Object object);
    public static boolean nonNull(Object object);
    /** The object; throws for `null`. */
    public static <T> T requireNonNull(T value);
    public static <T> T requireNonNull(T value, String text);
    public static <T> T requireNonNull(T value, Supplier<String> supplier);
    public static <T> T requireNonNullElse(T value, T value2);
    public static <T> T requireNonNullElseGet(T value, Supplier<? extends T> supplier);
    public static String toString(Object object);
    public static String toString(Object object, String text);
}

/** What tells its observers. */
public class Observable {
    public Observable() { }
    public void addObserver(Observer observer);
    protected void clearChanged();
    public int countObservers();
    public void deleteObserver(Observer observer);
    public void deleteObservers();
    public boolean hasChanged();
    public void notifyObservers();
    public void notifyObservers(Object object);
    protected void setChanged();
}

/** What is told of changes. */
public interface Observer {
    void update(Observable observable, Object object);
}

/** A value that may be missing. */
public final class Optional<T> {
    /** One without a value. */
    public static <T> Optional<T> empty();
    public Optional<T> filter(Predicate<? super T> condition);
    /** What a function that may give none makes of the value. */
    public <U> Optional<U> flatMap(Function<? super T, ? extends Optional<? extends U>> function);
    /** The value. */
    public T get();
    /** Does something with the value. */
    public void ifPresent(Consumer<? super T> action);
    public void ifPresentOrElse(Consumer<? super T> action, Runnable runnable);
    public boolean isEmpty();
    /** Is there a value? */
    public boolean isPresent();
    /** What a function makes of the value. */
    public <U> Optional<U> map(Function<? super T, ? extends U> function);
    /** One with a value. */
    public static <T> Optional<T> of(T value);
    /** One with a value, or none for `null`. */
    public static <T> Optional<T> ofNullable(T value);
    public Optional<T> or(Supplier<? extends Optional<? extends T>> supplier);
    /** The value, or another one. */
    public T orElse(T value);
    /** The value, or one that is made. */
    public T orElseGet(Supplier<? extends T> supplier);
    /** The value, or an exception. */
    public T orElseThrow();
    public <X extends Throwable> T orElseThrow(Supplier<? extends X> supplier) throws X;
    public Stream<T> stream();
}

/** A `double` that may be missing. */
public final class OptionalDouble {
    public static OptionalDouble empty();
    public double getAsDouble();
    public void ifPresent(DoubleConsumer action);
    public void ifPresentOrElse(DoubleConsumer action, Runnable runnable);
    public boolean isEmpty();
    public boolean isPresent();
    public static OptionalDouble of(double number);
    public double orElse(double number);
    public double orElseGet(DoubleSupplier supplier);
    public double orElseThrow();
    public <X extends Throwable> double orElseThrow(Supplier<? extends X> supplier) throws X;
    public DoubleStream stream();
}

/** An `int` that may be missing. */
public final class OptionalInt {
    public static OptionalInt empty();
    public int getAsInt();
    public void ifPresent(IntConsumer action);
    public void ifPresentOrElse(IntConsumer action, Runnable runnable);
    public boolean isEmpty();
    public boolean isPresent();
    public static OptionalInt of(int number);
    public int orElse(int number);
    public int orElseGet(IntSupplier supplier);
    public int orElseThrow();
    public <X extends Throwable> int orElseThrow(Supplier<? extends X> supplier) throws X;
    public IntStream stream();
}

/** A `long` that may be missing. */
public final class OptionalLong {
    public static OptionalLong empty();
    public long getAsLong();
    public void ifPresent(LongConsumer action);
    public void ifPresentOrElse(LongConsumer action, Runnable runnable);
    public boolean isEmpty();
    public boolean isPresent();
    public static OptionalLong of(long number);
    public long orElse(long number);
    public long orElseGet(LongSupplier supplier);
    public long orElseThrow();
    public <X extends Throwable> long orElseThrow(Supplier<? extends X> supplier) throws X;
    public LongStream stream();
}

/** Goes through numbers. */
public interface PrimitiveIterator<T, T_CONS> extends Iterator<T> {
    void forEachRemaining(T_CONS value);
    public interface OfDouble extends PrimitiveIterator<Double, DoubleConsumer> {
        default void forEachRemaining(Consumer<? super Double> action) { }
        default void forEachRemaining(DoubleConsumer action) { }
        default Double next() { }
        double nextDouble();
    }
    public interface OfInt extends PrimitiveIterator<Integer, IntConsumer> {
        default void forEachRemaining(Consumer<? super Integer> action) { }
        default void forEachRemaining(IntConsumer action) { }
        default Integer next() { }
        int nextInt();
    }
    public interface OfLong extends PrimitiveIterator<Long, LongConsumer> {
        default void forEachRemaining(Consumer<? super Long> action) { }
        default void forEachRemaining(LongConsumer action) { }
        default Long next() { }
        long nextLong();
    }
}

/** A queue by priority. */
public class PriorityQueue<E> extends AbstractQueue<E> implements Serializable {
    public PriorityQueue() { }
    public PriorityQueue(int number) { }
    public PriorityQueue(Collection<? extends E> items) { }
    public PriorityQueue(Comparator<? super E> order) { }
    public PriorityQueue(PriorityQueue<? extends E> priorityQueue) { }
    public PriorityQueue(SortedSet<? extends E> sortedSet) { }
    public PriorityQueue(int number, Comparator<? super E> order) { }
    public boolean add(E value);
    public void clear();
    public Comparator<? super E> comparator();
    public boolean contains(Object object);
    public void forEach(Consumer<? super E> action);
    public Iterator<E> iterator();
    public boolean offer(E value);
    public E peek();
    public E poll();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public boolean retainAll(Collection<?> items);
    public int size();
    public final Spliterator<E> spliterator();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** Settings as texts by keys. */
public class Properties extends Hashtable<Object, Object> {
    protected Properties defaults;
    public Properties() { }
    public Properties(int number) { }
    public Properties(Properties properties) { }
    public void clear();
    public Object clone();
    public Object compute(Object object, BiFunction<? super Object, ? super Object, ?> function);
    public Object computeIfAbsent(Object object, Function<? super Object, ?> function);
    public Object computeIfPresent(Object object, BiFunction<? super Object, ? super Object, ?> function);
    public boolean contains(Object object);
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Enumeration<Object> elements();
    public Set<Map.Entry<Object, Object>> entrySet();
    public void forEach(BiConsumer<? super Object, ? super Object> action);
    public Object get(Object object);
    public Object getOrDefault(Object object, Object object2);
    public String getProperty(String text);
    public String getProperty(String text, String text2);
    public boolean isEmpty();
    public Set<Object> keySet();
    public Enumeration<Object> keys();
    public void list(PrintStream printStream);
    public void list(PrintWriter printWriter);
    public void load(InputStream inputStream) throws IOException;
    public void load(Reader reader) throws IOException;
    public void loadFromXML(InputStream inputStream) throws IOException, InvalidPropertiesFormatException;
    public Object merge(Object object, Object object2, BiFunction<? super Object, ? super Object, ?> function);
    public Enumeration<?> propertyNames();
    public Object put(Object object, Object object2);
    public void putAll(Map<?, ?> map);
    public Object putIfAbsent(Object object, Object object2);
    protected void rehash();
    public Object remove(Object object);
    public boolean remove(Object object, Object object2);
    public Object replace(Object object, Object object2);
    public boolean replace(Object object, Object object2, Object object3);
    public void replaceAll(BiFunction<? super Object, ? super Object, ?> function);
    public void save(OutputStream outputStream, String text);
    public Object setProperty(String text, String text2);
    public int size();
    public void store(OutputStream outputStream, String text) throws IOException;
    public void store(Writer writer, String text) throws IOException;
    public void storeToXML(OutputStream outputStream, String text) throws IOException;
    public void storeToXML(OutputStream outputStream, String text, String text2) throws IOException;
    public void storeToXML(OutputStream outputStream, String text, Charset charset) throws IOException;
    public Set<String> stringPropertyNames();
    public Collection<Object> values();
}

/** A collection whose elements are taken at its head. */
public interface Queue<E> extends Collection<E> {
    boolean add(E value);
    E element();
    boolean offer(E value);
    E peek();
    E poll();
    E remove();
}

/** Random numbers. */
public class Random implements java.util.random.RandomGenerator, Serializable {
    public Random() { }
    public Random(long number) { }
    public DoubleStream doubles();
    public DoubleStream doubles(long number);
    public DoubleStream doubles(double number, double number2);
    public DoubleStream doubles(long number, double number2, double number3);
    public IntStream ints();
    public IntStream ints(long number);
    public IntStream ints(int number, int number2);
    public IntStream ints(long number, int number2, int number3);
    public LongStream longs();
    public LongStream longs(long number);
    public LongStream longs(long number, long number2);
    public LongStream longs(long number, long number2, long number3);
    protected int next(int number);
    public boolean nextBoolean();
    public void nextBytes(byte[] items);
    public double nextDouble();
    public float nextFloat();
    public double nextGaussian();
    public int nextInt();
    public int nextInt(int number);
    public long nextLong();
    public void setSeed(long number);
}

/** Marks lists that are fast by index. */
public interface RandomAccess {
}

/** Texts for a locale. */
public abstract class ResourceBundle {
    protected ResourceBundle parent;
    public ResourceBundle() { }
    public static final void clearCache();
    public static final void clearCache(ClassLoader classLoader);
    public boolean containsKey(String text);
    public String getBaseBundleName();
    public static final ResourceBundle getBundle(String text);
    public static final ResourceBundle getBundle(String text, Locale locale);
    public static final ResourceBundle getBundle(String text, ResourceBundle.Control control);
    public static ResourceBundle getBundle(String text, Module module);
    public static final ResourceBundle getBundle(String text, Locale locale, ResourceBundle.Control control);
    public static ResourceBundle getBundle(String text, Locale locale, ClassLoader classLoader);
    public static ResourceBundle getBundle(String text, Locale locale, Module module);
    public static ResourceBundle getBundle(String text, Locale locale, ClassLoader classLoader, ResourceBundle.Control control);
    public abstract Enumeration<String> getKeys();
    public Locale getLocale();
    public final Object getObject(String text);
    public final String getString(String text);
    public final String[] getStringArray(String text);
    protected abstract Object handleGetObject(String text);
    protected Set<String> handleKeySet();
    public Set<String> keySet();
    protected void setParent(ResourceBundle resourceBundle);
    public static class Control {
        public static final List<String> FORMAT_DEFAULT;
        public static final List<String> FORMAT_CLASS;
        public static final List<String> FORMAT_PROPERTIES;
        public static final long TTL_DONT_CACHE;
        public static final long TTL_NO_EXPIRATION_CONTROL;
        protected Control() { }
        public List<Locale> getCandidateLocales(String text, Locale locale);
        public static final ResourceBundle.Control getControl(List<String> list);
        public Locale getFallbackLocale(String text, Locale locale);
        public List<String> getFormats(String text);
        public static final ResourceBundle.Control getNoFallbackControl(List<String> list);
        public long getTimeToLive(String text, Locale locale);
        public boolean needsReload(String text, Locale locale, String text2, ClassLoader classLoader, ResourceBundle resourceBundle, long number);
        public ResourceBundle newBundle(String text, Locale locale, String text2, ClassLoader classLoader, boolean flag) throws IllegalAccessException, InstantiationException, IOException;
        public String toBundleName(String text, Locale locale);
        public final String toResourceName(String text, String text2);
    }
}

/** Takes a text apart into values. */
public final class Scanner implements Iterator<String>, Closeable {
    public Scanner(File file) throws FileNotFoundException { }
    public Scanner(InputStream inputStream) { }
    public Scanner(Readable readable) { }
    public Scanner(String text) { }
    public Scanner(ReadableByteChannel readableByteChannel) { }
    public Scanner(Path path) throws IOException { }
    public Scanner(File file, String text) throws FileNotFoundException { }
    public Scanner(File file, Charset charset) throws IOException { }
    public Scanner(InputStream inputStream, String text) { }
    public Scanner(InputStream inputStream, Charset charset) { }
    public Scanner(ReadableByteChannel readableByteChannel, String text) { }
    public Scanner(ReadableByteChannel readableByteChannel, Charset charset) { }
    public Scanner(Path path, String text) throws IOException { }
    public Scanner(Path path, Charset charset) throws IOException { }
    public void close();
    public Pattern delimiter();
    public Stream<MatchResult> findAll(String text);
    public Stream<MatchResult> findAll(Pattern pattern);
    public String findInLine(String text);
    public String findInLine(Pattern pattern);
    public String findWithinHorizon(String text, int number);
    public String findWithinHorizon(Pattern pattern, int number);
    public boolean hasNext();
    public boolean hasNext(String text);
    public boolean hasNext(Pattern pattern);
    public boolean hasNextBigDecimal();
    public boolean hasNextBigInteger();
    public boolean hasNextBigInteger(int number);
    public boolean hasNextBoolean();
    public boolean hasNextByte();
    public boolean hasNextByte(int number);
    public boolean hasNextDouble();
    public boolean hasNextFloat();
    public boolean hasNextInt();
    public boolean hasNextInt(int number);
    public boolean hasNextLine();
    public boolean hasNextLong();
    public boolean hasNextLong(int number);
    public boolean hasNextShort();
    public boolean hasNextShort(int number);
    public IOException ioException();
    public Locale locale();
    public MatchResult match();
    public String next();
    public String next(String text);
    public String next(Pattern pattern);
    public BigDecimal nextBigDecimal();
    public BigInteger nextBigInteger();
    public BigInteger nextBigInteger(int number);
    public boolean nextBoolean();
    public byte nextByte();
    public byte nextByte(int number);
    public double nextDouble();
    public float nextFloat();
    public int nextInt();
    public int nextInt(int number);
    public String nextLine();
    public long nextLong();
    public long nextLong(int number);
    public short nextShort();
    public short nextShort(int number);
    public int radix();
    public void remove();
    public Scanner reset();
    public Scanner skip(String text);
    public Scanner skip(Pattern pattern);
    public Stream<String> tokens();
    public Scanner useDelimiter(String text);
    public Scanner useDelimiter(Pattern pattern);
    public Scanner useLocale(Locale locale);
    public Scanner useRadix(int number);
}

/** Finds implementations of a service. */
public final class ServiceLoader<S> implements Iterable<S> {
    public Optional<S> findFirst();
    public Iterator<S> iterator();
    public static <S> ServiceLoader<S> load(Class<S> type);
    public static <S> ServiceLoader<S> load(Class<S> type, ClassLoader classLoader);
    public static <S> ServiceLoader<S> load(ModuleLayer moduleLayer, Class<S> type);
    public static <S> ServiceLoader<S> loadInstalled(Class<S> type);
    public void reload();
    public Stream<ServiceLoader.Provider<S>> stream();
    public interface Provider<S> extends Supplier<S> {
        S get();
        Class<? extends S> type();
    }
}

/** A collection without duplicates. */
public interface Set<E> extends Collection<E> {
    boolean add(E value);
    boolean addAll(Collection<? extends E> items);
    void clear();
    boolean contains(Object object);
    boolean containsAll(Collection<?> items);
    static <E> Set<E> copyOf(Collection<? extends E> items) { }
    boolean equals(Object object);
    int hashCode();
    boolean isEmpty();
    Iterator<E> iterator();
    static <E> Set<E> of() { }
    static <E> Set<E> of(E value) { }
    static <E> Set<E> of(E... items) { }
    static <E> Set<E> of(E value, E value2) { }
    static <E> Set<E> of(E value, E value2, E value3) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4, E value5) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4, E value5, E value6) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7, E value8) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7, E value8, E value9) { }
    static <E> Set<E> of(E value, E value2, E value3, E value4, E value5, E value6, E value7, E value8, E value9, E value10) { }
    boolean remove(Object object);
    boolean removeAll(Collection<?> items);
    boolean retainAll(Collection<?> items);
    int size();
    default Spliterator<E> spliterator() { }
    Object[] toArray();
    <T> T[] toArray(T[] items);
}

/** A time zone with simple rules. */
public class SimpleTimeZone extends TimeZone {
    public static final int WALL_TIME;
    public static final int STANDARD_TIME;
    public static final int UTC_TIME;
    public SimpleTimeZone(int number, String text) { }
    public SimpleTimeZone(int number, String text, int number2, int number3, int number4, int number5, int number6, int number7, int number8, int number9) { }
    public SimpleTimeZone(int number, String text, int number2, int number3, int number4, int number5, int number6, int number7, int number8, int number9, int number10) { }
    public SimpleTimeZone(int number, String text, int number2, int number3, int number4, int number5, int number6, int number7, int number8, int number9, int number10, int number11, int number12) { }
    public Object clone();
    public int getDSTSavings();
    public int getOffset(long number);
    public int getOffset(int number, int number2, int number3, int number4, int number5, int number6);
    public int getRawOffset();
    public boolean hasSameRules(TimeZone timeZone);
    public boolean inDaylightTime(Date date);
    public boolean observesDaylightTime();
    public void setDSTSavings(int number);
    public void setEndRule(int number, int number2, int number3);
    public void setEndRule(int number, int number2, int number3, int number4);
    public void setEndRule(int number, int number2, int number3, int number4, boolean flag);
    public void setRawOffset(int number);
    public void setStartRule(int number, int number2, int number3);
    public void setStartRule(int number, int number2, int number3, int number4);
    public void setStartRule(int number, int number2, int number3, int number4, boolean flag);
    public void setStartYear(int number);
    public boolean useDaylightTime();
}

/** A map in the order of its keys. */
public interface SortedMap<K, V> extends Map<K, V> {
    Comparator<? super K> comparator();
    Set<Map.Entry<K, V>> entrySet();
    K firstKey();
    SortedMap<K, V> headMap(K value);
    Set<K> keySet();
    K lastKey();
    SortedMap<K, V> subMap(K value, K value2);
    SortedMap<K, V> tailMap(K value);
    Collection<V> values();
}

/** A set in the order of its elements. */
public interface SortedSet<E> extends Set<E> {
    Comparator<? super E> comparator();
    E first();
    SortedSet<E> headSet(E value);
    E last();
    default Spliterator<E> spliterator() { }
    SortedSet<E> subSet(E value, E value2);
    SortedSet<E> tailSet(E value);
}

/** Goes through elements, and can be split. */
public interface Spliterator<T> {
    static int ORDERED;
    static int DISTINCT;
    static int SORTED;
    static int SIZED;
    static int NONNULL;
    static int IMMUTABLE;
    static int CONCURRENT;
    static int SUBSIZED;
    int characteristics();
    long estimateSize();
    default void forEachRemaining(Consumer<? super T> action) { }
    default Comparator<? super T> getComparator() { }
    default long getExactSizeIfKnown() { }
    default boolean hasCharacteristics(int number) { }
    boolean tryAdvance(Consumer<? super T> action);
    Spliterator<T> trySplit();
    public interface OfDouble extends Spliterator.OfPrimitive<Double, DoubleConsumer, Spliterator.OfDouble> {
        default void forEachRemaining(Consumer<? super Double> action) { }
        default void forEachRemaining(DoubleConsumer action) { }
        boolean tryAdvance(DoubleConsumer action);
        default boolean tryAdvance(Consumer<? super Double> action) { }
        Spliterator.OfDouble trySplit();
    }
    public interface OfInt extends Spliterator.OfPrimitive<Integer, IntConsumer, Spliterator.OfInt> {
        default void forEachRemaining(Consumer<? super Integer> action) { }
        default void forEachRemaining(IntConsumer action) { }
        boolean tryAdvance(IntConsumer action);
        default boolean tryAdvance(Consumer<? super Integer> action) { }
        Spliterator.OfInt trySplit();
    }
    public interface OfLong extends Spliterator.OfPrimitive<Long, LongConsumer, Spliterator.OfLong> {
        default void forEachRemaining(Consumer<? super Long> action) { }
        default void forEachRemaining(LongConsumer action) { }
        boolean tryAdvance(LongConsumer action);
        default boolean tryAdvance(Consumer<? super Long> action) { }
        Spliterator.OfLong trySplit();
    }
    public interface OfPrimitive<T, T_CONS, T_SPLITR extends Spliterator.OfPrimitive<T, T_CONS, T_SPLITR>> extends Spliterator<T> {
        default void forEachRemaining(T_CONS value) { }
        boolean tryAdvance(T_CONS value);
        T_SPLITR trySplit();
    }
}

/** Makes spliterators. */
public final class Spliterators {
    public static Spliterator.OfDouble emptyDoubleSpliterator();
    public static Spliterator.OfInt emptyIntSpliterator();
    public static Spliterator.OfLong emptyLongSpliterator();
    public static <T> Spliterator<T> emptySpliterator();
    public static <T> Iterator<T> iterator(Spliterator<? extends T> spliterator);
    public static PrimitiveIterator.OfDouble iterator(Spliterator.OfDouble ofDouble);
    public static PrimitiveIterator.OfInt iterator(Spliterator.OfInt ofInt);
    public static PrimitiveIterator.OfLong iterator(Spliterator.OfLong ofLong);
    public static <T> Spliterator<T> spliterator(Object[] items, int number);
    public static <T> Spliterator<T> spliterator(Collection<? extends T> items, int number);
    public static Spliterator.OfDouble spliterator(double[] items, int number);
    public static Spliterator.OfInt spliterator(int[] items, int number);
    public static Spliterator.OfLong spliterator(long[] items, int number);
    public static <T> Spliterator<T> spliterator(Iterator<? extends T> iterator, long number, int number2);
    public static Spliterator.OfDouble spliterator(PrimitiveIterator.OfDouble ofDouble, long number, int number2);
    public static Spliterator.OfInt spliterator(PrimitiveIterator.OfInt ofInt, long number, int number2);
    public static Spliterator.OfLong spliterator(PrimitiveIterator.OfLong ofLong, long number, int number2);
    public static <T> Spliterator<T> spliterator(Object[] items, int number, int number2, int number3);
    public static Spliterator.OfDouble spliterator(double[] items, int number, int number2, int number3);
    public static Spliterator.OfInt spliterator(int[] items, int number, int number2, int number3);
    public static Spliterator.OfLong spliterator(long[] items, int number, int number2, int number3);
    public static <T> Spliterator<T> spliteratorUnknownSize(Iterator<? extends T> iterator, int number);
    public static Spliterator.OfDouble spliteratorUnknownSize(PrimitiveIterator.OfDouble ofDouble, int number);
    public static Spliterator.OfInt spliteratorUnknownSize(PrimitiveIterator.OfInt ofInt, int number);
    public static Spliterator.OfLong spliteratorUnknownSize(PrimitiveIterator.OfLong ofLong, int number);
    public static abstract class AbstractDoubleSpliterator implements Spliterator.OfDouble {
        protected AbstractDoubleSpliterator(long number, int number2) { }
        public int characteristics();
        public long estimateSize();
        public Spliterator.OfDouble trySplit();
    }
    public static abstract class AbstractIntSpliterator implements Spliterator.OfInt {
        protected AbstractIntSpliterator(long number, int number2) { }
        public int characteristics();
        public long estimateSize();
        public Spliterator.OfInt trySplit();
    }
    public static abstract class AbstractLongSpliterator implements Spliterator.OfLong {
        protected AbstractLongSpliterator(long number, int number2) { }
        public int characteristics();
        public long estimateSize();
        public Spliterator.OfLong trySplit();
    }
    public static abstract class AbstractSpliterator<T> implements Spliterator<T> {
        protected AbstractSpliterator(long number, int number2) { }
        public int characteristics();
        public long estimateSize();
        public Spliterator<T> trySplit();
    }
}

/** Random numbers for parallel work. */
public final class SplittableRandom implements java.util.random.RandomGenerator, java.util.random.RandomGenerator.SplittableGenerator {
    public SplittableRandom() { }
    public SplittableRandom(long number) { }
    public DoubleStream doubles();
    public DoubleStream doubles(long number);
    public DoubleStream doubles(double number, double number2);
    public DoubleStream doubles(long number, double number2, double number3);
    public IntStream ints();
    public IntStream ints(long number);
    public IntStream ints(int number, int number2);
    public IntStream ints(long number, int number2, int number3);
    public LongStream longs();
    public LongStream longs(long number);
    public LongStream longs(long number, long number2);
    public LongStream longs(long number, long number2, long number3);
    public void nextBytes(byte[] items);
    public int nextInt();
    public long nextLong();
    public SplittableRandom split();
    public SplittableRandom split(java.util.random.RandomGenerator.SplittableGenerator splittableGenerator);
    public Stream<java.util.random.RandomGenerator.SplittableGenerator> splits();
    public Stream<java.util.random.RandomGenerator.SplittableGenerator> splits(java.util.random.RandomGenerator.SplittableGenerator splittableGenerator);
    public Stream<java.util.random.RandomGenerator.SplittableGenerator> splits(long number);
    public Stream<java.util.random.RandomGenerator.SplittableGenerator> splits(long number, java.util.random.RandomGenerator.SplittableGenerator splittableGenerator);
}

/** An old stack. */
public class Stack<E> extends Vector<E> {
    public Stack() { }
    public boolean empty();
    public E peek();
    public E pop();
    public E push(E value);
    public int search(Object object);
}

/** Joins texts with a separator. */
public final class StringJoiner {
    public StringJoiner(CharSequence text) { }
    public StringJoiner(CharSequence text, CharSequence text2, CharSequence text3) { }
    public StringJoiner add(CharSequence text);
    public int length();
    public StringJoiner merge(StringJoiner stringJoiner);
    public StringJoiner setEmptyValue(CharSequence text);
}

/** Takes a text apart at delimiters. */
public class StringTokenizer implements Enumeration<Object> {
    public StringTokenizer(String text) { }
    public StringTokenizer(String text, String text2) { }
    public StringTokenizer(String text, String text2, boolean flag) { }
    public int countTokens();
    public boolean hasMoreElements();
    public boolean hasMoreTokens();
    public Object nextElement();
    public String nextToken();
    public String nextToken(String text);
}

/** A time zone. */
public abstract class TimeZone implements Serializable, Cloneable {
    public static final int SHORT;
    public static final int LONG;
    public TimeZone() { }
    public Object clone();
    public static String[] getAvailableIDs();
    public static String[] getAvailableIDs(int number);
    public int getDSTSavings();
    public static TimeZone getDefault();
    public final String getDisplayName();
    public final String getDisplayName(Locale locale);
    public final String getDisplayName(boolean flag, int number);
    public String getDisplayName(boolean flag, int number, Locale locale);
    public String getID();
    public int getOffset(long number);
    public abstract int getOffset(int number, int number2, int number3, int number4, int number5, int number6);
    public abstract int getRawOffset();
    public static TimeZone getTimeZone(ZoneId zoneId);
    public static TimeZone getTimeZone(String text);
    public boolean hasSameRules(TimeZone timeZone);
    public abstract boolean inDaylightTime(Date date);
    public boolean observesDaylightTime();
    public static void setDefault(TimeZone timeZone);
    public void setID(String text);
    public abstract void setRawOffset(int number);
    public ZoneId toZoneId();
    public abstract boolean useDaylightTime();
}

/** Runs tasks later. */
public class Timer {
    public Timer() { }
    public Timer(boolean flag) { }
    public Timer(String text) { }
    public Timer(String text, boolean flag) { }
    public void cancel();
    public int purge();
    public void schedule(TimerTask timerTask, Date date);
    public void schedule(TimerTask timerTask, long number);
    public void schedule(TimerTask timerTask, Date date, long number);
    public void schedule(TimerTask timerTask, long number, long number2);
    public void scheduleAtFixedRate(TimerTask timerTask, Date date, long number);
    public void scheduleAtFixedRate(TimerTask timerTask, long number, long number2);
}

/** A task of a timer. */
public abstract class TimerTask implements Runnable {
    protected TimerTask() { }
    public boolean cancel();
    public abstract void run();
    public long scheduledExecutionTime();
}

/** A map in the order of its keys. */
public class TreeMap<K, V> extends AbstractMap<K, V> implements NavigableMap<K, V>, Cloneable, Serializable {
    public TreeMap() { }
    public TreeMap(Comparator<? super K> order) { }
    public TreeMap(Map<? extends K, ? extends V> map) { }
    public TreeMap(SortedMap<K, ? extends V> sortedMap) { }
    public Map.Entry<K, V> ceilingEntry(K value);
    public K ceilingKey(K value);
    public void clear();
    public Object clone();
    public Comparator<? super K> comparator();
    public V compute(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public V computeIfAbsent(K value, Function<? super K, ? extends V> function);
    public V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public NavigableSet<K> descendingKeySet();
    public NavigableMap<K, V> descendingMap();
    public Set<Map.Entry<K, V>> entrySet();
    public Map.Entry<K, V> firstEntry();
    public K firstKey();
    public Map.Entry<K, V> floorEntry(K value);
    public K floorKey(K value);
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public SortedMap<K, V> headMap(K value);
    public NavigableMap<K, V> headMap(K value, boolean flag);
    public Map.Entry<K, V> higherEntry(K value);
    public K higherKey(K value);
    public Set<K> keySet();
    public Map.Entry<K, V> lastEntry();
    public K lastKey();
    public Map.Entry<K, V> lowerEntry(K value);
    public K lowerKey(K value);
    public V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function);
    public NavigableSet<K> navigableKeySet();
    public Map.Entry<K, V> pollFirstEntry();
    public Map.Entry<K, V> pollLastEntry();
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V putIfAbsent(K value, V value2);
    public V remove(Object object);
    public V replace(K value, V value2);
    public boolean replace(K value, V value2, V value3);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public int size();
    public SortedMap<K, V> subMap(K value, K value2);
    public NavigableMap<K, V> subMap(K value, boolean flag, K value2, boolean flag2);
    public SortedMap<K, V> tailMap(K value);
    public NavigableMap<K, V> tailMap(K value, boolean flag);
    public Collection<V> values();
}

/** A set in the order of its elements. */
public class TreeSet<E> extends AbstractSet<E> implements NavigableSet<E>, Cloneable, Serializable {
    public TreeSet() { }
    public TreeSet(Collection<? extends E> items) { }
    public TreeSet(Comparator<? super E> order) { }
    public TreeSet(SortedSet<E> sortedSet) { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public E ceiling(E value);
    public void clear();
    public Object clone();
    public Comparator<? super E> comparator();
    public boolean contains(Object object);
    public Iterator<E> descendingIterator();
    public NavigableSet<E> descendingSet();
    public E first();
    public E floor(E value);
    public SortedSet<E> headSet(E value);
    public NavigableSet<E> headSet(E value, boolean flag);
    public E higher(E value);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public E last();
    public E lower(E value);
    public E pollFirst();
    public E pollLast();
    public boolean remove(Object object);
    public int size();
    public Spliterator<E> spliterator();
    public SortedSet<E> subSet(E value, E value2);
    public NavigableSet<E> subSet(E value, boolean flag, E value2, boolean flag2);
    public SortedSet<E> tailSet(E value);
    public NavigableSet<E> tailSet(E value, boolean flag);
}

/** An identifier of 128 bits. */
public final class UUID implements Serializable, Comparable<UUID> {
    public UUID(long number, long number2) { }
    public int clockSequence();
    public int compareTo(UUID uUID);
    public static UUID fromString(String text);
    public long getLeastSignificantBits();
    public long getMostSignificantBits();
    public static UUID nameUUIDFromBytes(byte[] items);
    public long node();
    public static UUID randomUUID();
    public long timestamp();
    public int variant();
    public int version();
}

/** A pattern with an unknown conversion. */
public class UnknownFormatConversionException extends IllegalFormatException {
    public UnknownFormatConversionException(String text) { }
    public String getConversion();
    public String getMessage();
}

/** An old list for several threads. */
public class Vector<E> extends AbstractList<E> implements List<E>, RandomAccess, Cloneable, Serializable {
    protected Object[] elementData;
    protected int elementCount;
    protected int capacityIncrement;
    public Vector() { }
    public Vector(int number) { }
    public Vector(Collection<? extends E> items) { }
    public Vector(int number, int number2) { }
    public boolean add(E value);
    public void add(int number, E value);
    public boolean addAll(Collection<? extends E> items);
    public boolean addAll(int number, Collection<? extends E> items);
    public void addElement(E value);
    public int capacity();
    public void clear();
    public Object clone();
    public boolean contains(Object object);
    public boolean containsAll(Collection<?> items);
    public void copyInto(Object[] items);
    public E elementAt(int number);
    public Enumeration<E> elements();
    public void ensureCapacity(int number);
    public E firstElement();
    public void forEach(Consumer<? super E> action);
    public E get(int number);
    public int indexOf(Object object);
    public int indexOf(Object object, int number);
    public void insertElementAt(E value, int number);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public E lastElement();
    public int lastIndexOf(Object object);
    public int lastIndexOf(Object object, int number);
    public ListIterator<E> listIterator();
    public ListIterator<E> listIterator(int number);
    public boolean remove(Object object);
    public E remove(int number);
    public boolean removeAll(Collection<?> items);
    public void removeAllElements();
    public boolean removeElement(Object object);
    public void removeElementAt(int number);
    public boolean removeIf(Predicate<? super E> condition);
    protected void removeRange(int number, int number2);
    public void replaceAll(UnaryOperator<E> function);
    public boolean retainAll(Collection<?> items);
    public E set(int number, E value);
    public void setElementAt(E value, int number);
    public void setSize(int number);
    public int size();
    public void sort(Comparator<? super E> order);
    public Spliterator<E> spliterator();
    public List<E> subList(int number, int number2);
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
    public void trimToSize();
}

/** A map that does not keep its keys. */
public class WeakHashMap<K, V> extends AbstractMap<K, V> implements Map<K, V> {
    public WeakHashMap() { }
    public WeakHashMap(int number) { }
    public WeakHashMap(Map<? extends K, ? extends V> map) { }
    public WeakHashMap(int number, float number2) { }
    public void clear();
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Set<Map.Entry<K, V>> entrySet();
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public boolean isEmpty();
    public Set<K> keySet();
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V remove(Object object);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public int size();
    public Collection<V> values();
}
