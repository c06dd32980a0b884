package java.util.concurrent.atomic;

import java.io.Serializable;
import java.util.function.BinaryOperator;
import java.util.function.IntBinaryOperator;
import java.util.function.IntUnaryOperator;
import java.util.function.LongBinaryOperator;
import java.util.function.LongUnaryOperator;
import java.util.function.UnaryOperator;

/** A `boolean` that several threads change. */
public class AtomicBoolean implements Serializable {
    public AtomicBoolean() { }
    public AtomicBoolean(boolean flag) { }
    public final boolean compareAndExchange(boolean flag, boolean flag2);
    public final boolean compareAndExchangeAcquire(boolean flag, boolean flag2);
    public final boolean compareAndExchangeRelease(boolean flag, boolean flag2);
    public final boolean compareAndSet(boolean flag, boolean flag2);
    public final boolean get();
    public final boolean getAcquire();
    public final boolean getAndSet(boolean flag);
    public final boolean getOpaque();
    public final boolean getPlain();
    public final void lazySet(boolean flag);
    public final void set(boolean flag);
    public final void setOpaque(boolean flag);
    public final void setPlain(boolean flag);
    public final void setRelease(boolean flag);
    public boolean weakCompareAndSet(boolean flag, boolean flag2);
    public final boolean weakCompareAndSetAcquire(boolean flag, boolean flag2);
    public boolean weakCompareAndSetPlain(boolean flag, boolean flag2);
    public final boolean weakCompareAndSetRelease(boolean flag, boolean flag2);
    public final boolean weakCompareAndSetVolatile(boolean flag, boolean flag2);
}

/** An `int` that several threads change. */
public class AtomicInteger extends Number implements Serializable {
    public AtomicInteger() { }
    public AtomicInteger(int number) { }
    public final int accumulateAndGet(int number, IntBinaryOperator function);
    public final int addAndGet(int number);
    public final int compareAndExchange(int number, int number2);
    public final int compareAndExchangeAcquire(int number, int number2);
    public final int compareAndExchangeRelease(int number, int number2);
    public final boolean compareAndSet(int number, int number2);
    public final int decrementAndGet();
    public double doubleValue();
    public float floatValue();
    public final int get();
    public final int getAcquire();
    public final int getAndAccumulate(int number, IntBinaryOperator function);
    public final int getAndAdd(int number);
    public final int getAndDecrement();
    public final int getAndIncrement();
    public final int getAndSet(int number);
    public final int getAndUpdate(IntUnaryOperator function);
    public final int getOpaque();
    public final int getPlain();
    public final int incrementAndGet();
    public int intValue();
    public final void lazySet(int number);
    public long longValue();
    public final void set(int number);
    public final void setOpaque(int number);
    public final void setPlain(int number);
    public final void setRelease(int number);
    public final int updateAndGet(IntUnaryOperator function);
    public final boolean weakCompareAndSet(int number, int number2);
    public final boolean weakCompareAndSetAcquire(int number, int number2);
    public final boolean weakCompareAndSetPlain(int number, int number2);
    public final boolean weakCompareAndSetRelease(int number, int number2);
    public final boolean weakCompareAndSetVolatile(int number, int number2);
}

/** An array of `int` that several threads change. */
public class AtomicIntegerArray implements Serializable {
    public AtomicIntegerArray(int number) { }
    public AtomicIntegerArray(int[] items) { }
    public final int accumulateAndGet(int number, int number2, IntBinaryOperator function);
    public final int addAndGet(int number, int number2);
    public final int compareAndExchange(int number, int number2, int number3);
    public final int compareAndExchangeAcquire(int number, int number2, int number3);
    public final int compareAndExchangeRelease(int number, int number2, int number3);
    public final boolean compareAndSet(int number, int number2, int number3);
    public final int decrementAndGet(int number);
    public final int get(int number);
    public final int getAcquire(int number);
    public final int getAndAccumulate(int number, int number2, IntBinaryOperator function);
    public final int getAndAdd(int number, int number2);
    public final int getAndDecrement(int number);
    public final int getAndIncrement(int number);
    public final int getAndSet(int number, int number2);
    public final int getAndUpdate(int number, IntUnaryOperator function);
    public final int getOpaque(int number);
    public final int getPlain(int number);
    public final int incrementAndGet(int number);
    public final void lazySet(int number, int number2);
    public final int length();
    public final void set(int number, int number2);
    public final void setOpaque(int number, int number2);
    public final void setPlain(int number, int number2);
    public final void setRelease(int number, int number2);
    public final int updateAndGet(int number, IntUnaryOperator function);
    public final boolean weakCompareAndSet(int number, int number2, int number3);
    public final boolean weakCompareAndSetAcquire(int number, int number2, int number3);
    public final boolean weakCompareAndSetPlain(int number, int number2, int number3);
    public final boolean weakCompareAndSetRelease(int number, int number2, int number3);
    public final boolean weakCompareAndSetVolatile(int number, int number2, int number3);
}

/** Changes an `int` field of several threads. */
public abstract class AtomicIntegerFieldUpdater<T> {
    protected AtomicIntegerFieldUpdater() { }
    public final int accumulateAndGet(T value, int number, IntBinaryOperator function);
    public int addAndGet(T value, int number);
    public abstract boolean compareAndSet(T value, int number, int number2);
    public int decrementAndGet(T value);
    public abstract int get(T value);
    public final int getAndAccumulate(T value, int number, IntBinaryOperator function);
    public int getAndAdd(T value, int number);
    public int getAndDecrement(T value);
    public int getAndIncrement(T value);
    public int getAndSet(T value, int number);
    public final int getAndUpdate(T value, IntUnaryOperator function);
    public int incrementAndGet(T value);
    public abstract void lazySet(T value, int number);
    public static <U> AtomicIntegerFieldUpdater<U> newUpdater(Class<U> type, String text);
    public abstract void set(T value, int number);
    public final int updateAndGet(T value, IntUnaryOperator function);
    public abstract boolean weakCompareAndSet(T value, int number, int number2);
}

/** A `long` that several threads change. */
public class AtomicLong extends Number implements Serializable {
    public AtomicLong() { }
    public AtomicLong(long number) { }
    public final long accumulateAndGet(long number, LongBinaryOperator function);
    public final long addAndGet(long number);
    public final long compareAndExchange(long number, long number2);
    public final long compareAndExchangeAcquire(long number, long number2);
    public final long compareAndExchangeRelease(long number, long number2);
    public final boolean compareAndSet(long number, long number2);
    public final long decrementAndGet();
    public double doubleValue();
    public float floatValue();
    public final long get();
    public final long getAcquire();
    public final long getAndAccumulate(long number, LongBinaryOperator function);
    public final long getAndAdd(long number);
    public final long getAndDecrement();
    public final long getAndIncrement();
    public final long getAndSet(long number);
    public final long getAndUpdate(LongUnaryOperator function);
    public final long getOpaque();
    public final long getPlain();
    public final long incrementAndGet();
    public int intValue();
    public final void lazySet(long number);
    public long longValue();
    public final void set(long number);
    public final void setOpaque(long number);
    public final void setPlain(long number);
    public final void setRelease(long number);
    public final long updateAndGet(LongUnaryOperator function);
    public final boolean weakCompareAndSet(long number, long number2);
    public final boolean weakCompareAndSetAcquire(long number, long number2);
    public final boolean weakCompareAndSetPlain(long number, long number2);
    public final boolean weakCompareAndSetRelease(long number, long number2);
    public final boolean weakCompareAndSetVolatile(long number, long number2);
}

/** An array of `long` that several threads change. */
public class AtomicLongArray implements Serializable {
    public AtomicLongArray(int number) { }
    public AtomicLongArray(long[] items) { }
    public final long accumulateAndGet(int number, long number2, LongBinaryOperator function);
    public long addAndGet(int number, long number2);
    public final long compareAndExchange(int number, long number2, long number3);
    public final long compareAndExchangeAcquire(int number, long number2, long number3);
    public final long compareAndExchangeRelease(int number, long number2, long number3);
    public final boolean compareAndSet(int number, long number2, long number3);
    public final long decrementAndGet(int number);
    public final long get(int number);
    public final long getAcquire(int number);
    public final long getAndAccumulate(int number, long number2, LongBinaryOperator function);
    public final long getAndAdd(int number, long number2);
    public final long getAndDecrement(int number);
    public final long getAndIncrement(int number);
    public final long getAndSet(int number, long number2);
    public final long getAndUpdate(int number, LongUnaryOperator function);
    public final long getOpaque(int number);
    public final long getPlain(int number);
    public final long incrementAndGet(int number);
    public final void lazySet(int number, long number2);
    public final int length();
    public final void set(int number, long number2);
    public final void setOpaque(int number, long number2);
    public final void setPlain(int number, long number2);
    public final void setRelease(int number, long number2);
    public final long updateAndGet(int number, LongUnaryOperator function);
    public final boolean weakCompareAndSet(int number, long number2, long number3);
    public final boolean weakCompareAndSetAcquire(int number, long number2, long number3);
    public final boolean weakCompareAndSetPlain(int number, long number2, long number3);
    public final boolean weakCompareAndSetRelease(int number, long number2, long number3);
    public final boolean weakCompareAndSetVolatile(int number, long number2, long number3);
}

/** Changes a `long` field of several threads. */
public abstract class AtomicLongFieldUpdater<T> {
    protected AtomicLongFieldUpdater() { }
    public final long accumulateAndGet(T value, long number, LongBinaryOperator function);
    public long addAndGet(T value, long number);
    public abstract boolean compareAndSet(T value, long number, long number2);
    public long decrementAndGet(T value);
    public abstract long get(T value);
    public final long getAndAccumulate(T value, long number, LongBinaryOperator function);
    public long getAndAdd(T value, long number);
    public long getAndDecrement(T value);
    public long getAndIncrement(T value);
    public long getAndSet(T value, long number);
    public final long getAndUpdate(T value, LongUnaryOperator function);
    public long incrementAndGet(T value);
    public abstract void lazySet(T value, long number);
    public static <U> AtomicLongFieldUpdater<U> newUpdater(Class<U> type, String text);
    public abstract void set(T value, long number);
    public final long updateAndGet(T value, LongUnaryOperator function);
    public abstract boolean weakCompareAndSet(T value, long number, long number2);
}

/** A reference with a mark. */
public class AtomicMarkableReference<V> {
    public AtomicMarkableReference(V value, boolean flag) { }
    public boolean attemptMark(V value, boolean flag);
    public boolean compareAndSet(V value, V value2, boolean flag, boolean flag2);
    public V get(boolean[] items);
    public V getReference();
    public boolean isMarked();
    public void set(V value, boolean flag);
    public boolean weakCompareAndSet(V value, V value2, boolean flag, boolean flag2);
}

/** A reference that several threads change. */
public class AtomicReference<V> implements Serializable {
    public AtomicReference() { }
    public AtomicReference(V value) { }
    public final V accumulateAndGet(V value, BinaryOperator<V> function);
    public final V compareAndExchange(V value, V value2);
    public final V compareAndExchangeAcquire(V value, V value2);
    public final V compareAndExchangeRelease(V value, V value2);
    public final boolean compareAndSet(V value, V value2);
    public final V get();
    public final V getAcquire();
    public final V getAndAccumulate(V value, BinaryOperator<V> function);
    public final V getAndSet(V value);
    public final V getAndUpdate(UnaryOperator<V> function);
    public final V getOpaque();
    public final V getPlain();
    public final void lazySet(V value);
    public final void set(V value);
    public final void setOpaque(V value);
    public final void setPlain(V value);
    public final void setRelease(V value);
    public final V updateAndGet(UnaryOperator<V> function);
    public final boolean weakCompareAndSet(V value, V value2);
    public final boolean weakCompareAndSetAcquire(V value, V value2);
    public final boolean weakCompareAndSetPlain(V value, V value2);
    public final boolean weakCompareAndSetRelease(V value, V value2);
    public final boolean weakCompareAndSetVolatile(V value, V value2);
}

/** An array of references that several threads change. */
public class AtomicReferenceArray<E> implements Serializable {
    public AtomicReferenceArray(E[] items) { }
    public AtomicReferenceArray(int number) { }
    public final E accumulateAndGet(int number, E value, BinaryOperator<E> function);
    public final E compareAndExchange(int number, E value, E value2);
    public final E compareAndExchangeAcquire(int number, E value, E value2);
    public final E compareAndExchangeRelease(int number, E value, E value2);
    public final boolean compareAndSet(int number, E value, E value2);
    public final E get(int number);
    public final E getAcquire(int number);
    public final E getAndAccumulate(int number, E value, BinaryOperator<E> function);
    public final E getAndSet(int number, E value);
    public final E getAndUpdate(int number, UnaryOperator<E> function);
    public final E getOpaque(int number);
    public final E getPlain(int number);
    public final void lazySet(int number, E value);
    public final int length();
    public final void set(int number, E value);
    public final void setOpaque(int number, E value);
    public final void setPlain(int number, E value);
    public final void setRelease(int number, E value);
    public final E updateAndGet(int number, UnaryOperator<E> function);
    public final boolean weakCompareAndSet(int number, E value, E value2);
    public final boolean weakCompareAndSetAcquire(int number, E value, E value2);
    public final boolean weakCompareAndSetPlain(int number, E value, E value2);
    public final boolean weakCompareAndSetRelease(int number, E value, E value2);
    public final boolean weakCompareAndSetVolatile(int number, E value, E value2);
}

/** Changes a field of several threads. */
public abstract class AtomicReferenceFieldUpdater<T, V> {
    protected AtomicReferenceFieldUpdater() { }
    public final V accumulateAndGet(T value, V value2, BinaryOperator<V> function);
    public abstract boolean compareAndSet(T value, V value2, V value3);
    public abstract V get(T value);
    public final V getAndAccumulate(T value, V value2, BinaryOperator<V> function);
    public V getAndSet(T value, V value2);
    public final V getAndUpdate(T value, UnaryOperator<V> function);
    public abstract void lazySet(T value, V value2);
    public static <U, W> AtomicReferenceFieldUpdater<U, W> newUpdater(Class<U> type, Class<W> type2, String text);
    public abstract void set(T value, V value2);
    public final V updateAndGet(T value, UnaryOperator<V> function);
    public abstract boolean weakCompareAndSet(T value, V value2, V value3);
}

/** A reference with a number. */
public class AtomicStampedReference<V> {
    public AtomicStampedReference(V value, int number) { }
    public boolean attemptStamp(V value, int number);
    public boolean compareAndSet(V value, V value2, int number, int number2);
    public V get(int[] items);
    public V getReference();
    public int getStamp();
    public void set(V value, int number);
    public boolean weakCompareAndSet(V value, V value2, int number, int number2);
}

/** A sum that many threads add to. */
public class DoubleAdder extends Number implements Serializable {
    public DoubleAdder() { }
    public void add(double number);
    public double doubleValue();
    public float floatValue();
    public int intValue();
    public long longValue();
    public void reset();
    public double sum();
    public double sumThenReset();
}

/** A value that many threads add to by a function. */
public class LongAccumulator extends Number implements Serializable {
    public LongAccumulator(LongBinaryOperator function, long number) { }
    public void accumulate(long number);
    public double doubleValue();
    public float floatValue();
    public long get();
    public long getThenReset();
    public int intValue();
    public long longValue();
    public void reset();
}

/** A sum that many threads add to. */
public class LongAdder extends Number implements Serializable {
    public LongAdder() { }
    public void add(long number);
    public void decrement();
    public double doubleValue();
    public float floatValue();
    public void increment();
    public int intValue();
    public long longValue();
    public void reset();
    public long sum();
    public long sumThenReset();
}
