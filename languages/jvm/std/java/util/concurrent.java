package java.util.concurrent;

import java.io.Serializable;
import java.security.PrivilegedAction;
import java.security.PrivilegedExceptionAction;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.AbstractCollection;
import java.util.AbstractMap;
import java.util.AbstractQueue;
import java.util.AbstractSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.Enumeration;
import java.util.Iterator;
import java.util.List;
import java.util.ListIterator;
import java.util.Map;
import java.util.NavigableMap;
import java.util.NavigableSet;
import java.util.Queue;
import java.util.Random;
import java.util.RandomAccess;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.Spliterator;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.DoubleBinaryOperator;
import java.util.function.Function;
import java.util.function.IntBinaryOperator;
import java.util.function.LongBinaryOperator;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntBiFunction;
import java.util.function.ToIntFunction;
import java.util.function.ToLongBiFunction;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** The base of executors. */
public abstract class AbstractExecutorService implements ExecutorService {
    public AbstractExecutorService() { }
    public <T> List<Future<T>> invokeAll(Collection<? extends Callable<T>> items) throws InterruptedException;
    public <T> List<Future<T>> invokeAll(Collection<? extends Callable<T>> items, long number, TimeUnit timeUnit) throws InterruptedException;
    public <T> T invokeAny(Collection<? extends Callable<T>> items) throws InterruptedException, ExecutionException;
    public <T> T invokeAny(Collection<? extends Callable<T>> items, long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    protected <T> RunnableFuture<T> newTaskFor(Callable<T> callable);
    protected <T> RunnableFuture<T> newTaskFor(Runnable runnable, T value);
    public <T> Future<T> submit(Callable<T> callable);
    public Future<?> submit(Runnable runnable);
    public <T> Future<T> submit(Runnable runnable, T value);
}

/** A waiting queue of fixed size. */
public class ArrayBlockingQueue<E> extends AbstractQueue<E> implements BlockingQueue<E>, Serializable {
    public ArrayBlockingQueue(int number) { }
    public ArrayBlockingQueue(int number, boolean flag) { }
    public ArrayBlockingQueue(int number, boolean flag, Collection<? extends E> items) { }
    public boolean add(E value);
    public void clear();
    public boolean contains(Object object);
    public int drainTo(Collection<? super E> items);
    public int drainTo(Collection<? super E> items, int number);
    public void forEach(Consumer<? super E> action);
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    public E peek();
    public E poll();
    public E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public void put(E value) throws InterruptedException;
    public int remainingCapacity();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public E take() throws InterruptedException;
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A queue with two ends that waits. */
public interface BlockingDeque<E> extends BlockingQueue<E>, Deque<E> {
    boolean add(E value);
    void addFirst(E value);
    void addLast(E value);
    boolean contains(Object object);
    E element();
    Iterator<E> iterator();
    boolean offer(E value);
    boolean offer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    boolean offerFirst(E value);
    boolean offerFirst(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    boolean offerLast(E value);
    boolean offerLast(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    E peek();
    E poll();
    E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    E pollFirst(long number, TimeUnit timeUnit) throws InterruptedException;
    E pollLast(long number, TimeUnit timeUnit) throws InterruptedException;
    void push(E value);
    void put(E value) throws InterruptedException;
    void putFirst(E value) throws InterruptedException;
    void putLast(E value) throws InterruptedException;
    E remove();
    boolean remove(Object object);
    boolean removeFirstOccurrence(Object object);
    boolean removeLastOccurrence(Object object);
    int size();
    E take() throws InterruptedException;
    E takeFirst() throws InterruptedException;
    E takeLast() throws InterruptedException;
}

/** A queue that waits for elements or space. */
public interface BlockingQueue<E> extends Queue<E> {
    boolean add(E value);
    boolean contains(Object object);
    int drainTo(Collection<? super E> items);
    int drainTo(Collection<? super E> items, int number);
    boolean offer(E value);
    boolean offer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    void put(E value) throws InterruptedException;
    int remainingCapacity();
    boolean remove(Object object);
    E take() throws InterruptedException;
}

/** A barrier that is broken. */
public class BrokenBarrierException extends Exception {
    public BrokenBarrierException() { }
    public BrokenBarrierException(String text) { }
}

/** A task that gives a result. */
public interface Callable<V> {
    V call() throws Exception;
}

/** A task was cancelled. */
public class CancellationException extends IllegalStateException {
    public CancellationException() { }
    public CancellationException(String text) { }
}

/** A future that can be completed and followed by steps. */
public class CompletableFuture<T> implements Future<T>, CompletionStage<T> {
    public CompletableFuture() { }
    public CompletableFuture<Void> acceptEither(CompletionStage<? extends T> completionStage, Consumer<? super T> action);
    public CompletableFuture<Void> acceptEitherAsync(CompletionStage<? extends T> completionStage, Consumer<? super T> action);
    public CompletableFuture<Void> acceptEitherAsync(CompletionStage<? extends T> completionStage, Consumer<? super T> action, Executor executor);
    public static CompletableFuture<Void> allOf(CompletableFuture<?>... items);
    public static CompletableFuture<Object> anyOf(CompletableFuture<?>... items);
    public <U> CompletableFuture<U> applyToEither(CompletionStage<? extends T> completionStage, Function<? super T, U> function);
    public <U> CompletableFuture<U> applyToEitherAsync(CompletionStage<? extends T> completionStage, Function<? super T, U> function);
    public <U> CompletableFuture<U> applyToEitherAsync(CompletionStage<? extends T> completionStage, Function<? super T, U> function, Executor executor);
    public boolean cancel(boolean flag);
    public boolean complete(T value);
    public CompletableFuture<T> completeAsync(Supplier<? extends T> supplier);
    public CompletableFuture<T> completeAsync(Supplier<? extends T> supplier, Executor executor);
    public boolean completeExceptionally(Throwable throwable);
    public CompletableFuture<T> completeOnTimeout(T value, long number, TimeUnit timeUnit);
    public static <U> CompletableFuture<U> completedFuture(U value);
    public static <U> CompletionStage<U> completedStage(U value);
    public CompletableFuture<T> copy();
    public Executor defaultExecutor();
    public static Executor delayedExecutor(long number, TimeUnit timeUnit);
    public static Executor delayedExecutor(long number, TimeUnit timeUnit, Executor executor);
    public CompletableFuture<T> exceptionally(Function<Throwable, ? extends T> function);
    public CompletableFuture<T> exceptionallyAsync(Function<Throwable, ? extends T> function);
    public CompletableFuture<T> exceptionallyAsync(Function<Throwable, ? extends T> function, Executor executor);
    public CompletableFuture<T> exceptionallyCompose(Function<Throwable, ? extends CompletionStage<T>> function);
    public CompletableFuture<T> exceptionallyComposeAsync(Function<Throwable, ? extends CompletionStage<T>> function);
    public CompletableFuture<T> exceptionallyComposeAsync(Function<Throwable, ? extends CompletionStage<T>> function, Executor executor);
    public static <U> CompletableFuture<U> failedFuture(Throwable throwable);
    public static <U> CompletionStage<U> failedStage(Throwable throwable);
    public T get() throws InterruptedException, ExecutionException;
    public T get(long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    public T getNow(T value);
    public int getNumberOfDependents();
    public <U> CompletableFuture<U> handle(BiFunction<? super T, Throwable, ? extends U> function);
    public <U> CompletableFuture<U> handleAsync(BiFunction<? super T, Throwable, ? extends U> function);
    public <U> CompletableFuture<U> handleAsync(BiFunction<? super T, Throwable, ? extends U> function, Executor executor);
    public boolean isCancelled();
    public boolean isCompletedExceptionally();
    public boolean isDone();
    public T join();
    public CompletionStage<T> minimalCompletionStage();
    public <U> CompletableFuture<U> newIncompleteFuture();
    public void obtrudeException(Throwable throwable);
    public void obtrudeValue(T value);
    public CompletableFuture<T> orTimeout(long number, TimeUnit timeUnit);
    public CompletableFuture<Void> runAfterBoth(CompletionStage<?> completionStage, Runnable runnable);
    public CompletableFuture<Void> runAfterBothAsync(CompletionStage<?> completionStage, Runnable runnable);
    public CompletableFuture<Void> runAfterBothAsync(CompletionStage<?> completionStage, Runnable runnable, Executor executor);
    public CompletableFuture<Void> runAfterEither(CompletionStage<?> completionStage, Runnable runnable);
    public CompletableFuture<Void> runAfterEitherAsync(CompletionStage<?> completionStage, Runnable runnable);
    public CompletableFuture<Void> runAfterEitherAsync(CompletionStage<?> completionStage, Runnable runnable, Executor executor);
    public static CompletableFuture<Void> runAsync(Runnable runnable);
    public static CompletableFuture<Void> runAsync(Runnable runnable, Executor executor);
    public static <U> CompletableFuture<U> supplyAsync(Supplier<U> supplier);
    public static <U> CompletableFuture<U> supplyAsync(Supplier<U> supplier, Executor executor);
    public CompletableFuture<Void> thenAccept(Consumer<? super T> action);
    public CompletableFuture<Void> thenAcceptAsync(Consumer<? super T> action);
    public CompletableFuture<Void> thenAcceptAsync(Consumer<? super T> action, Executor executor);
    public <U> CompletableFuture<Void> thenAcceptBoth(CompletionStage<? extends U> completionStage, BiConsumer<? super T, ? super U> action);
    public <U> CompletableFuture<Void> thenAcceptBothAsync(CompletionStage<? extends U> completionStage, BiConsumer<? super T, ? super U> action);
    public <U> CompletableFuture<Void> thenAcceptBothAsync(CompletionStage<? extends U> completionStage, BiConsumer<? super T, ? super U> action, Executor executor);
    public <U> CompletableFuture<U> thenApply(Function<? super T, ? extends U> function);
    public <U> CompletableFuture<U> thenApplyAsync(Function<? super T, ? extends U> function);
    public <U> CompletableFuture<U> thenApplyAsync(Function<? super T, ? extends U> function, Executor executor);
    public <U, V> CompletableFuture<V> thenCombine(CompletionStage<? extends U> completionStage, BiFunction<? super T, ? super U, ? extends V> function);
    public <U, V> CompletableFuture<V> thenCombineAsync(CompletionStage<? extends U> completionStage, BiFunction<? super T, ? super U, ? extends V> function);
    public <U, V> CompletableFuture<V> thenCombineAsync(CompletionStage<? extends U> completionStage, BiFunction<? super T, ? super U, ? extends V> function, Executor executor);
    public <U> CompletableFuture<U> thenCompose(Function<? super T, ? extends CompletionStage<U>> function);
    public <U> CompletableFuture<U> thenComposeAsync(Function<? super T, ? extends CompletionStage<U>> function);
    public <U> CompletableFuture<U> thenComposeAsync(Function<? super T, ? extends CompletionStage<U>> function, Executor executor);
    public CompletableFuture<Void> thenRun(Runnable runnable);
    public CompletableFuture<Void> thenRunAsync(Runnable runnable);
    public CompletableFuture<Void> thenRunAsync(Runnable runnable, Executor executor);
    public CompletableFuture<T> toCompletableFuture();
    public CompletableFuture<T> whenComplete(BiConsumer<? super T, ? super Throwable> action);
    public CompletableFuture<T> whenCompleteAsync(BiConsumer<? super T, ? super Throwable> action);
    public CompletableFuture<T> whenCompleteAsync(BiConsumer<? super T, ? super Throwable> action, Executor executor);
    public interface AsynchronousCompletionTask {
    }
}

/** A step threw. */
public class CompletionException extends RuntimeException {
    protected CompletionException() { }
    protected CompletionException(String text) { }
    public CompletionException(Throwable throwable) { }
    public CompletionException(String text, Throwable throwable) { }
}

/** Gives results in the order they come. */
public interface CompletionService<V> {
    Future<V> poll();
    Future<V> poll(long number, TimeUnit timeUnit) throws InterruptedException;
    Future<V> submit(Callable<V> callable);
    Future<V> submit(Runnable runnable, V value);
    Future<V> take() throws InterruptedException;
}

/** A step that follows others. */
public interface CompletionStage<T> {
    CompletionStage<Void> acceptEither(CompletionStage<? extends T> completionStage, Consumer<? super T> action);
    CompletionStage<Void> acceptEitherAsync(CompletionStage<? extends T> completionStage, Consumer<? super T> action);
    CompletionStage<Void> acceptEitherAsync(CompletionStage<? extends T> completionStage, Consumer<? super T> action, Executor executor);
    <U> CompletionStage<U> applyToEither(CompletionStage<? extends T> completionStage, Function<? super T, U> function);
    <U> CompletionStage<U> applyToEitherAsync(CompletionStage<? extends T> completionStage, Function<? super T, U> function);
    <U> CompletionStage<U> applyToEitherAsync(CompletionStage<? extends T> completionStage, Function<? super T, U> function, Executor executor);
    CompletionStage<T> exceptionally(Function<Throwable, ? extends T> function);
    default CompletionStage<T> exceptionallyAsync(Function<Throwable, ? extends T> function) { }
    default CompletionStage<T> exceptionallyAsync(Function<Throwable, ? extends T> function, Executor executor) { }
    default CompletionStage<T> exceptionallyCompose(Function<Throwable, ? extends CompletionStage<T>> function) { }
    default CompletionStage<T> exceptionallyComposeAsync(Function<Throwable, ? extends CompletionStage<T>> function) { }
    default CompletionStage<T> exceptionallyComposeAsync(Function<Throwable, ? extends CompletionStage<T>> function, Executor executor) { }
    <U> CompletionStage<U> handle(BiFunction<? super T, Throwable, ? extends U> function);
    <U> CompletionStage<U> handleAsync(BiFunction<? super T, Throwable, ? extends U> function);
    <U> CompletionStage<U> handleAsync(BiFunction<? super T, Throwable, ? extends U> function, Executor executor);
    CompletionStage<Void> runAfterBoth(CompletionStage<?> completionStage, Runnable runnable);
    CompletionStage<Void> runAfterBothAsync(CompletionStage<?> completionStage, Runnable runnable);
    CompletionStage<Void> runAfterBothAsync(CompletionStage<?> completionStage, Runnable runnable, Executor executor);
    CompletionStage<Void> runAfterEither(CompletionStage<?> completionStage, Runnable runnable);
    CompletionStage<Void> runAfterEitherAsync(CompletionStage<?> completionStage, Runnable runnable);
    CompletionStage<Void> runAfterEitherAsync(CompletionStage<?> completionStage, Runnable runnable, Executor executor);
    CompletionStage<Void> thenAccept(Consumer<? super T> action);
    CompletionStage<Void> thenAcceptAsync(Consumer<? super T> action);
    CompletionStage<Void> thenAcceptAsync(Consumer<? super T> action, Executor executor);
    <U> CompletionStage<Void> thenAcceptBoth(CompletionStage<? extends U> completionStage, BiConsumer<? super T, ? super U> action);
    <U> CompletionStage<Void> thenAcceptBothAsync(CompletionStage<? extends U> completionStage, BiConsumer<? super T, ? super U> action);
    <U> CompletionStage<Void> thenAcceptBothAsync(CompletionStage<? extends U> completionStage, BiConsumer<? super T, ? super U> action, Executor executor);
    <U> CompletionStage<U> thenApply(Function<? super T, ? extends U> function);
    <U> CompletionStage<U> thenApplyAsync(Function<? super T, ? extends U> function);
    <U> CompletionStage<U> thenApplyAsync(Function<? super T, ? extends U> function, Executor executor);
    <U, V> CompletionStage<V> thenCombine(CompletionStage<? extends U> completionStage, BiFunction<? super T, ? super U, ? extends V> function);
    <U, V> CompletionStage<V> thenCombineAsync(CompletionStage<? extends U> completionStage, BiFunction<? super T, ? super U, ? extends V> function);
    <U, V> CompletionStage<V> thenCombineAsync(CompletionStage<? extends U> completionStage, BiFunction<? super T, ? super U, ? extends V> function, Executor executor);
    <U> CompletionStage<U> thenCompose(Function<? super T, ? extends CompletionStage<U>> function);
    <U> CompletionStage<U> thenComposeAsync(Function<? super T, ? extends CompletionStage<U>> function);
    <U> CompletionStage<U> thenComposeAsync(Function<? super T, ? extends CompletionStage<U>> function, Executor executor);
    CompletionStage<Void> thenRun(Runnable runnable);
    CompletionStage<Void> thenRunAsync(Runnable runnable);
    CompletionStage<Void> thenRunAsync(Runnable runnable, Executor executor);
    CompletableFuture<T> toCompletableFuture();
    CompletionStage<T> whenComplete(BiConsumer<? super T, ? super Throwable> action);
    CompletionStage<T> whenCompleteAsync(BiConsumer<? super T, ? super Throwable> action);
    CompletionStage<T> whenCompleteAsync(BiConsumer<? super T, ? super Throwable> action, Executor executor);
}

/** A hash map for several threads. */
public class ConcurrentHashMap<K, V> extends AbstractMap<K, V> implements ConcurrentMap<K, V>, Serializable {
    public ConcurrentHashMap() { }
    public ConcurrentHashMap(int number) { }
    public ConcurrentHashMap(Map<? extends K, ? extends V> map) { }
    public ConcurrentHashMap(int number, float number2) { }
    public ConcurrentHashMap(int number, float number2, int number3) { }
    public void clear();
    public V compute(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public V computeIfAbsent(K value, Function<? super K, ? extends V> function);
    public V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public boolean contains(Object object);
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Enumeration<V> elements();
    public Set<Map.Entry<K, V>> entrySet();
    public void forEach(BiConsumer<? super K, ? super V> action);
    public void forEach(long number, BiConsumer<? super K, ? super V> action);
    public <U> void forEach(long number, BiFunction<? super K, ? super V, ? extends U> function, Consumer<? super U> action);
    public void forEachEntry(long number, Consumer<? super Map.Entry<K, V>> action);
    public <U> void forEachEntry(long number, Function<Map.Entry<K, V>, ? extends U> function, Consumer<? super U> action);
    public void forEachKey(long number, Consumer<? super K> action);
    public <U> void forEachKey(long number, Function<? super K, ? extends U> function, Consumer<? super U> action);
    public void forEachValue(long number, Consumer<? super V> action);
    public <U> void forEachValue(long number, Function<? super V, ? extends U> function, Consumer<? super U> action);
    public V get(Object object);
    public V getOrDefault(Object object, V value);
    public boolean isEmpty();
    public ConcurrentHashMap.KeySetView<K, V> keySet();
    public ConcurrentHashMap.KeySetView<K, V> keySet(V value);
    public Enumeration<K> keys();
    public long mappingCount();
    public V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function);
    public static <K> ConcurrentHashMap.KeySetView<K, Boolean> newKeySet();
    public static <K> ConcurrentHashMap.KeySetView<K, Boolean> newKeySet(int number);
    public V put(K value, V value2);
    public void putAll(Map<? extends K, ? extends V> map);
    public V putIfAbsent(K value, V value2);
    public <U> U reduce(long number, BiFunction<? super K, ? super V, ? extends U> function, BiFunction<? super U, ? super U, ? extends U> function2);
    public Map.Entry<K, V> reduceEntries(long number, BiFunction<Map.Entry<K, V>, Map.Entry<K, V>, ? extends Map.Entry<K, V>> function);
    public <U> U reduceEntries(long number, Function<Map.Entry<K, V>, ? extends U> function, BiFunction<? super U, ? super U, ? extends U> function2);
    public double reduceEntriesToDouble(long number, ToDoubleFunction<Map.Entry<K, V>> function, double number2, DoubleBinaryOperator function2);
    public int reduceEntriesToInt(long number, ToIntFunction<Map.Entry<K, V>> function, int number2, IntBinaryOperator function2);
    public long reduceEntriesToLong(long number, ToLongFunction<Map.Entry<K, V>> function, long number2, LongBinaryOperator function2);
    public K reduceKeys(long number, BiFunction<? super K, ? super K, ? extends K> function);
    public <U> U reduceKeys(long number, Function<? super K, ? extends U> function, BiFunction<? super U, ? super U, ? extends U> function2);
    public double reduceKeysToDouble(long number, ToDoubleFunction<? super K> function, double number2, DoubleBinaryOperator function2);
    public int reduceKeysToInt(long number, ToIntFunction<? super K> function, int number2, IntBinaryOperator function2);
    public long reduceKeysToLong(long number, ToLongFunction<? super K> function, long number2, LongBinaryOperator function2);
    public double reduceToDouble(long number, ToDoubleBiFunction<? super K, ? super V> function, double number2, DoubleBinaryOperator function2);
    public int reduceToInt(long number, ToIntBiFunction<? super K, ? super V> function, int number2, IntBinaryOperator function2);
    public long reduceToLong(long number, ToLongBiFunction<? super K, ? super V> function, long number2, LongBinaryOperator function2);
    public V reduceValues(long number, BiFunction<? super V, ? super V, ? extends V> function);
    public <U> U reduceValues(long number, Function<? super V, ? extends U> function, BiFunction<? super U, ? super U, ? extends U> function2);
    public double reduceValuesToDouble(long number, ToDoubleFunction<? super V> function, double number2, DoubleBinaryOperator function2);
    public int reduceValuesToInt(long number, ToIntFunction<? super V> function, int number2, IntBinaryOperator function2);
    public long reduceValuesToLong(long number, ToLongFunction<? super V> function, long number2, LongBinaryOperator function2);
    public V remove(Object object);
    public boolean remove(Object object, Object object2);
    public V replace(K value, V value2);
    public boolean replace(K value, V value2, V value3);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public <U> U search(long number, BiFunction<? super K, ? super V, ? extends U> function);
    public <U> U searchEntries(long number, Function<Map.Entry<K, V>, ? extends U> function);
    public <U> U searchKeys(long number, Function<? super K, ? extends U> function);
    public <U> U searchValues(long number, Function<? super V, ? extends U> function);
    public int size();
    public Collection<V> values();
    public static class KeySetView<K, V> implements Set<K>, Serializable {
        public boolean add(K value);
        public boolean addAll(Collection<? extends K> items);
        public boolean contains(Object object);
        public void forEach(Consumer<? super K> action);
        public V getMappedValue();
        public Iterator<K> iterator();
        public boolean remove(Object object);
        public Spliterator<K> spliterator();
    }
}

/** A queue with two ends for several threads. */
public class ConcurrentLinkedDeque<E> extends AbstractCollection<E> implements Deque<E>, Serializable {
    public ConcurrentLinkedDeque() { }
    public ConcurrentLinkedDeque(Collection<? extends E> items) { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void addFirst(E value);
    public void addLast(E value);
    public void clear();
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

/** A queue for several threads. */
public class ConcurrentLinkedQueue<E> extends AbstractQueue<E> implements Queue<E>, Serializable {
    public ConcurrentLinkedQueue() { }
    public ConcurrentLinkedQueue(Collection<? extends E> items) { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void clear();
    public boolean contains(Object object);
    public void forEach(Consumer<? super E> action);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public boolean offer(E value);
    public E peek();
    public E poll();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A map for several threads. */
public interface ConcurrentMap<K, V> extends Map<K, V> {
    default V compute(K value, BiFunction<? super K, ? super V, ? extends V> function) { }
    default V computeIfAbsent(K value, Function<? super K, ? extends V> function) { }
    default V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function) { }
    default void forEach(BiConsumer<? super K, ? super V> action) { }
    default V getOrDefault(Object object, V value) { }
    default V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function) { }
    V putIfAbsent(K value, V value2);
    boolean remove(Object object, Object object2);
    V replace(K value, V value2);
    boolean replace(K value, V value2, V value3);
    default void replaceAll(BiFunction<? super K, ? super V, ? extends V> function) { }
}

/** A sorted map for several threads. */
public interface ConcurrentNavigableMap<K, V> extends ConcurrentMap<K, V>, NavigableMap<K, V> {
    NavigableSet<K> descendingKeySet();
    ConcurrentNavigableMap<K, V> descendingMap();
    ConcurrentNavigableMap<K, V> headMap(K value);
    ConcurrentNavigableMap<K, V> headMap(K value, boolean flag);
    NavigableSet<K> keySet();
    NavigableSet<K> navigableKeySet();
    ConcurrentNavigableMap<K, V> subMap(K value, K value2);
    ConcurrentNavigableMap<K, V> subMap(K value, boolean flag, K value2, boolean flag2);
    ConcurrentNavigableMap<K, V> tailMap(K value);
    ConcurrentNavigableMap<K, V> tailMap(K value, boolean flag);
}

/** A sorted map for several threads. */
public class ConcurrentSkipListMap<K, V> extends AbstractMap<K, V> implements ConcurrentNavigableMap<K, V>, Cloneable, Serializable {
    public ConcurrentSkipListMap() { }
    public ConcurrentSkipListMap(Comparator<? super K> order) { }
    public ConcurrentSkipListMap(Map<? extends K, ? extends V> map) { }
    public ConcurrentSkipListMap(SortedMap<K, ? extends V> sortedMap) { }
    public Map.Entry<K, V> ceilingEntry(K value);
    public K ceilingKey(K value);
    public void clear();
    public ConcurrentSkipListMap<K, V> clone();
    public Comparator<? super K> comparator();
    public V compute(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public V computeIfAbsent(K value, Function<? super K, ? extends V> function);
    public V computeIfPresent(K value, BiFunction<? super K, ? super V, ? extends V> function);
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public NavigableSet<K> descendingKeySet();
    public ConcurrentNavigableMap<K, V> descendingMap();
    public Set<Map.Entry<K, V>> entrySet();
    public Map.Entry<K, V> firstEntry();
    public K firstKey();
    public Map.Entry<K, V> floorEntry(K value);
    public K floorKey(K value);
    public void forEach(BiConsumer<? super K, ? super V> action);
    public V get(Object object);
    public V getOrDefault(Object object, V value);
    public ConcurrentNavigableMap<K, V> headMap(K value);
    public ConcurrentNavigableMap<K, V> headMap(K value, boolean flag);
    public Map.Entry<K, V> higherEntry(K value);
    public K higherKey(K value);
    public boolean isEmpty();
    public NavigableSet<K> keySet();
    public Map.Entry<K, V> lastEntry();
    public K lastKey();
    public Map.Entry<K, V> lowerEntry(K value);
    public K lowerKey(K value);
    public V merge(K value, V value2, BiFunction<? super V, ? super V, ? extends V> function);
    public NavigableSet<K> navigableKeySet();
    public Map.Entry<K, V> pollFirstEntry();
    public Map.Entry<K, V> pollLastEntry();
    public V put(K value, V value2);
    public V putIfAbsent(K value, V value2);
    public V remove(Object object);
    public boolean remove(Object object, Object object2);
    public V replace(K value, V value2);
    public boolean replace(K value, V value2, V value3);
    public void replaceAll(BiFunction<? super K, ? super V, ? extends V> function);
    public int size();
    public ConcurrentNavigableMap<K, V> subMap(K value, K value2);
    public ConcurrentNavigableMap<K, V> subMap(K value, boolean flag, K value2, boolean flag2);
    public ConcurrentNavigableMap<K, V> tailMap(K value);
    public ConcurrentNavigableMap<K, V> tailMap(K value, boolean flag);
    public Collection<V> values();
}

/** A sorted set for several threads. */
public class ConcurrentSkipListSet<E> extends AbstractSet<E> implements NavigableSet<E>, Cloneable, Serializable {
    public ConcurrentSkipListSet() { }
    public ConcurrentSkipListSet(Collection<? extends E> items) { }
    public ConcurrentSkipListSet(Comparator<? super E> order) { }
    public ConcurrentSkipListSet(SortedSet<E> sortedSet) { }
    public boolean add(E value);
    public E ceiling(E value);
    public void clear();
    public ConcurrentSkipListSet<E> clone();
    public Comparator<? super E> comparator();
    public boolean contains(Object object);
    public Iterator<E> descendingIterator();
    public NavigableSet<E> descendingSet();
    public E first();
    public E floor(E value);
    public NavigableSet<E> headSet(E value);
    public NavigableSet<E> headSet(E value, boolean flag);
    public E higher(E value);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public E last();
    public E lower(E value);
    public E pollFirst();
    public E pollLast();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public NavigableSet<E> subSet(E value, E value2);
    public NavigableSet<E> subSet(E value, boolean flag, E value2, boolean flag2);
    public NavigableSet<E> tailSet(E value);
    public NavigableSet<E> tailSet(E value, boolean flag);
}

/** A list that is copied when it changes. */
public class CopyOnWriteArrayList<E> implements List<E>, RandomAccess, Cloneable, Serializable {
    public CopyOnWriteArrayList() { }
    public CopyOnWriteArrayList(E[] items) { }
    public CopyOnWriteArrayList(Collection<? extends E> items) { }
    public boolean add(E value);
    public void add(int number, E value);
    public boolean addAll(Collection<? extends E> items);
    public boolean addAll(int number, Collection<? extends E> items);
    public int addAllAbsent(Collection<? extends E> items);
    public boolean addIfAbsent(E value);
    public void clear();
    public Object clone();
    public boolean contains(Object object);
    public boolean containsAll(Collection<?> items);
    public void forEach(Consumer<? super E> action);
    public E get(int number);
    public int indexOf(Object object);
    public int indexOf(E value, int number);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public int lastIndexOf(Object object);
    public int lastIndexOf(E value, int number);
    public ListIterator<E> listIterator();
    public ListIterator<E> listIterator(int number);
    public E remove(int number);
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public void replaceAll(UnaryOperator<E> function);
    public boolean retainAll(Collection<?> items);
    public E set(int number, E value);
    public int size();
    public void sort(Comparator<? super E> order);
    public Spliterator<E> spliterator();
    public List<E> subList(int number, int number2);
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A set that is copied when it changes. */
public class CopyOnWriteArraySet<E> extends AbstractSet<E> implements Serializable {
    public CopyOnWriteArraySet() { }
    public CopyOnWriteArraySet(Collection<? extends E> items) { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void clear();
    public boolean contains(Object object);
    public boolean containsAll(Collection<?> items);
    public void forEach(Consumer<? super E> action);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** Waits until a count is down to zero. */
public class CountDownLatch {
    public CountDownLatch(int number) { }
    public void await() throws InterruptedException;
    public boolean await(long number, TimeUnit timeUnit) throws InterruptedException;
    public void countDown();
    public long getCount();
}

/** Lets threads wait for one another. */
public class CyclicBarrier {
    public CyclicBarrier(int number) { }
    public CyclicBarrier(int number, Runnable runnable) { }
    public int await() throws InterruptedException, BrokenBarrierException;
    public int await(long number, TimeUnit timeUnit) throws InterruptedException, BrokenBarrierException, TimeoutException;
    public int getNumberWaiting();
    public int getParties();
    public boolean isBroken();
    public void reset();
}

/** A queue whose elements wait for their time. */
public class DelayQueue<E extends Delayed> extends AbstractQueue<E> implements BlockingQueue<E> {
    public DelayQueue() { }
    public DelayQueue(Collection<? extends E> items) { }
    public boolean add(E value);
    public void clear();
    public int drainTo(Collection<? super E> items);
    public int drainTo(Collection<? super E> items, int number);
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offer(E value, long number, TimeUnit timeUnit);
    public E peek();
    public E poll();
    public E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public void put(E value);
    public int remainingCapacity();
    public boolean remove(Object object);
    public int size();
    public E take() throws InterruptedException;
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** What has to wait. */
public interface Delayed extends Comparable<Delayed> {
    long getDelay(TimeUnit timeUnit);
}

/** Lets two threads swap objects. */
public class Exchanger<V> {
    public Exchanger() { }
    public V exchange(V value) throws InterruptedException;
    public V exchange(V value, long number, TimeUnit timeUnit) throws InterruptedException, TimeoutException;
}

/** A task threw. */
public class ExecutionException extends Exception {
    protected ExecutionException() { }
    protected ExecutionException(String text) { }
    public ExecutionException(Throwable throwable) { }
    public ExecutionException(String text, Throwable throwable) { }
}

/** Runs tasks. */
public interface Executor {
    void execute(Runnable runnable);
}

/** Gives results of an executor in the order they come. */
public class ExecutorCompletionService<V> implements CompletionService<V> {
    public ExecutorCompletionService(Executor executor) { }
    public ExecutorCompletionService(Executor executor, BlockingQueue<Future<V>> blockingQueue) { }
    public Future<V> poll();
    public Future<V> poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public Future<V> submit(Callable<V> callable);
    public Future<V> submit(Runnable runnable, V value);
    public Future<V> take() throws InterruptedException;
}

/** Runs tasks and can be shut down. */
public interface ExecutorService extends Executor {
    boolean awaitTermination(long number, TimeUnit timeUnit) throws InterruptedException;
    /** Runs all tasks. */
    <T> List<Future<T>> invokeAll(Collection<? extends Callable<T>> items) throws InterruptedException;
    <T> List<Future<T>> invokeAll(Collection<? extends Callable<T>> items, long number, TimeUnit timeUnit) throws InterruptedException;
    <T> T invokeAny(Collection<? extends Callable<T>> items) throws InterruptedException, ExecutionException;
    <T> T invokeAny(Collection<? extends Callable<T>> items, long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    boolean isShutdown();
    boolean isTerminated();
    /** Takes no more tasks. */
    void shutdown();
    List<Runnable> shutdownNow();
    /** Hands in a task. */
    <T> Future<T> submit(Callable<T> callable);
    Future<?> submit(Runnable runnable);
    <T> Future<T> submit(Runnable runnable, T value);
}

/** Makes executors. */
public class Executors {
    public static Callable<Object> callable(Runnable runnable);
    public static Callable<Object> callable(PrivilegedAction<?> privilegedAction);
    public static Callable<Object> callable(PrivilegedExceptionAction<?> privilegedExceptionAction);
    public static <T> Callable<T> callable(Runnable runnable, T value);
    public static ThreadFactory defaultThreadFactory();
    public static ExecutorService newCachedThreadPool();
    public static ExecutorService newCachedThreadPool(ThreadFactory threadFactory);
    public static ExecutorService newFixedThreadPool(int number);
    public static ExecutorService newFixedThreadPool(int number, ThreadFactory threadFactory);
    public static ScheduledExecutorService newScheduledThreadPool(int number);
    public static ScheduledExecutorService newScheduledThreadPool(int number, ThreadFactory threadFactory);
    public static ExecutorService newSingleThreadExecutor();
    public static ExecutorService newSingleThreadExecutor(ThreadFactory threadFactory);
    public static ScheduledExecutorService newSingleThreadScheduledExecutor();
    public static ScheduledExecutorService newSingleThreadScheduledExecutor(ThreadFactory threadFactory);
    public static ExecutorService newWorkStealingPool();
    public static ExecutorService newWorkStealingPool(int number);
    public static <T> Callable<T> privilegedCallable(Callable<T> callable);
    public static <T> Callable<T> privilegedCallableUsingCurrentClassLoader(Callable<T> callable);
    public static ThreadFactory privilegedThreadFactory();
    public static ExecutorService unconfigurableExecutorService(ExecutorService executorService);
    public static ScheduledExecutorService unconfigurableScheduledExecutorService(ScheduledExecutorService scheduledExecutorService);
}

/** Runs tasks that split themselves. */
public class ForkJoinPool extends AbstractExecutorService {
    public static final ForkJoinPool.ForkJoinWorkerThreadFactory defaultForkJoinWorkerThreadFactory;
    public ForkJoinPool() { }
    public ForkJoinPool(int number) { }
    public ForkJoinPool(int number, ForkJoinPool.ForkJoinWorkerThreadFactory forkJoinWorkerThreadFactory, Thread.UncaughtExceptionHandler uncaughtExceptionHandler, boolean flag) { }
    public ForkJoinPool(int number, ForkJoinPool.ForkJoinWorkerThreadFactory forkJoinWorkerThreadFactory, Thread.UncaughtExceptionHandler uncaughtExceptionHandler, boolean flag, int number2, int number3, int number4, Predicate<? super ForkJoinPool> condition, long number5, TimeUnit timeUnit) { }
    public boolean awaitQuiescence(long number, TimeUnit timeUnit);
    public boolean awaitTermination(long number, TimeUnit timeUnit) throws InterruptedException;
    public static ForkJoinPool commonPool();
    protected int drainTasksTo(Collection<? super ForkJoinTask<?>> items);
    public void execute(Runnable runnable);
    public void execute(ForkJoinTask<?> forkJoinTask);
    public int getActiveThreadCount();
    public boolean getAsyncMode();
    public static int getCommonPoolParallelism();
    public ForkJoinPool.ForkJoinWorkerThreadFactory getFactory();
    public int getParallelism();
    public int getPoolSize();
    public int getQueuedSubmissionCount();
    public long getQueuedTaskCount();
    public int getRunningThreadCount();
    public long getStealCount();
    public Thread.UncaughtExceptionHandler getUncaughtExceptionHandler();
    public boolean hasQueuedSubmissions();
    public <T> T invoke(ForkJoinTask<T> forkJoinTask);
    public <T> List<Future<T>> invokeAll(Collection<? extends Callable<T>> items);
    public <T> List<Future<T>> invokeAll(Collection<? extends Callable<T>> items, long number, TimeUnit timeUnit) throws InterruptedException;
    public <T> T invokeAny(Collection<? extends Callable<T>> items) throws InterruptedException, ExecutionException;
    public <T> T invokeAny(Collection<? extends Callable<T>> items, long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    public boolean isQuiescent();
    public boolean isShutdown();
    public boolean isTerminated();
    public boolean isTerminating();
    public static void managedBlock(ForkJoinPool.ManagedBlocker managedBlocker) throws InterruptedException;
    protected <T> RunnableFuture<T> newTaskFor(Callable<T> callable);
    protected <T> RunnableFuture<T> newTaskFor(Runnable runnable, T value);
    protected ForkJoinTask<?> pollSubmission();
    public void shutdown();
    public List<Runnable> shutdownNow();
    public <T> ForkJoinTask<T> submit(Callable<T> callable);
    public <T> ForkJoinTask<T> submit(ForkJoinTask<T> forkJoinTask);
    public ForkJoinTask<?> submit(Runnable runnable);
    public <T> ForkJoinTask<T> submit(Runnable runnable, T value);
    public interface ForkJoinWorkerThreadFactory {
        ForkJoinWorkerThread newThread(ForkJoinPool forkJoinPool);
    }
    public interface ManagedBlocker {
        boolean block() throws InterruptedException;
        boolean isReleasable();
    }
}

/** A task that may split itself. */
public abstract class ForkJoinTask<V> implements Future<V>, Serializable {
    public ForkJoinTask() { }
    public static <T> ForkJoinTask<T> adapt(Callable<? extends T> callable);
    public static ForkJoinTask<?> adapt(Runnable runnable);
    public static <T> ForkJoinTask<T> adapt(Runnable runnable, T value);
    public boolean cancel(boolean flag);
    public final boolean compareAndSetForkJoinTaskTag(short number, short number2);
    public void complete(V value);
    public void completeExceptionally(Throwable throwable);
    protected abstract boolean exec();
    public final ForkJoinTask<V> fork();
    public final V get() throws InterruptedException, ExecutionException;
    public final V get(long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    public final Throwable getException();
    public final short getForkJoinTaskTag();
    public static ForkJoinPool getPool();
    public static int getQueuedTaskCount();
    public abstract V getRawResult();
    public static int getSurplusQueuedTaskCount();
    public static void helpQuiesce();
    public static boolean inForkJoinPool();
    public final V invoke();
    public static <T extends ForkJoinTask<?>> Collection<T> invokeAll(Collection<T> items);
    public static void invokeAll(ForkJoinTask<?>... items);
    public static void invokeAll(ForkJoinTask<?> forkJoinTask, ForkJoinTask<?> forkJoinTask2);
    public final boolean isCancelled();
    public final boolean isCompletedAbnormally();
    public final boolean isCompletedNormally();
    public final boolean isDone();
    public final V join();
    protected static ForkJoinTask<?> peekNextLocalTask();
    protected static ForkJoinTask<?> pollNextLocalTask();
    protected static ForkJoinTask<?> pollSubmission();
    protected static ForkJoinTask<?> pollTask();
    public final void quietlyComplete();
    public final void quietlyInvoke();
    public final void quietlyJoin();
    public void reinitialize();
    public final short setForkJoinTaskTag(short number);
    protected abstract void setRawResult(V value);
    public boolean tryUnfork();
}

/** A result that comes later. */
public interface Future<V> {
    /** Tries to cancel. */
    boolean cancel(boolean flag);
    /** Waits for the result. */
    V get() throws InterruptedException, ExecutionException;
    V get(long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    boolean isCancelled();
    /** Is it finished? */
    boolean isDone();
}

/** A task whose result can be waited for. */
public class FutureTask<V> implements RunnableFuture<V> {
    public FutureTask(Callable<V> callable) { }
    public FutureTask(Runnable runnable, V value) { }
    public boolean cancel(boolean flag);
    protected void done();
    public V get() throws InterruptedException, ExecutionException;
    public V get(long number, TimeUnit timeUnit) throws InterruptedException, ExecutionException, TimeoutException;
    public boolean isCancelled();
    public boolean isDone();
    public void run();
    protected boolean runAndReset();
    protected void set(V value);
    protected void setException(Throwable throwable);
}

/** A waiting queue with two ends. */
public class LinkedBlockingDeque<E> extends AbstractQueue<E> implements BlockingDeque<E>, Serializable {
    public LinkedBlockingDeque() { }
    public LinkedBlockingDeque(int number) { }
    public LinkedBlockingDeque(Collection<? extends E> items) { }
    public boolean add(E value);
    public boolean addAll(Collection<? extends E> items);
    public void addFirst(E value);
    public void addLast(E value);
    public void clear();
    public boolean contains(Object object);
    public Iterator<E> descendingIterator();
    public int drainTo(Collection<? super E> items);
    public int drainTo(Collection<? super E> items, int number);
    public E element();
    public void forEach(Consumer<? super E> action);
    public E getFirst();
    public E getLast();
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    public boolean offerFirst(E value);
    public boolean offerFirst(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    public boolean offerLast(E value);
    public boolean offerLast(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    public E peek();
    public E peekFirst();
    public E peekLast();
    public E poll();
    public E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public E pollFirst();
    public E pollFirst(long number, TimeUnit timeUnit) throws InterruptedException;
    public E pollLast();
    public E pollLast(long number, TimeUnit timeUnit) throws InterruptedException;
    public E pop();
    public void push(E value);
    public void put(E value) throws InterruptedException;
    public void putFirst(E value) throws InterruptedException;
    public void putLast(E value) throws InterruptedException;
    public int remainingCapacity();
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
    public E take() throws InterruptedException;
    public E takeFirst() throws InterruptedException;
    public E takeLast() throws InterruptedException;
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A waiting queue of links. */
public class LinkedBlockingQueue<E> extends AbstractQueue<E> implements BlockingQueue<E>, Serializable {
    public LinkedBlockingQueue() { }
    public LinkedBlockingQueue(int number) { }
    public LinkedBlockingQueue(Collection<? extends E> items) { }
    public void clear();
    public boolean contains(Object object);
    public int drainTo(Collection<? super E> items);
    public int drainTo(Collection<? super E> items, int number);
    public void forEach(Consumer<? super E> action);
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    public E peek();
    public E poll();
    public E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public void put(E value) throws InterruptedException;
    public int remainingCapacity();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public E take() throws InterruptedException;
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** Lets threads wait for one another in phases. */
public class Phaser {
    public Phaser() { }
    public Phaser(int number) { }
    public Phaser(Phaser phaser) { }
    public Phaser(Phaser phaser, int number) { }
    public int arrive();
    public int arriveAndAwaitAdvance();
    public int arriveAndDeregister();
    public int awaitAdvance(int number);
    public int awaitAdvanceInterruptibly(int number) throws InterruptedException;
    public int awaitAdvanceInterruptibly(int number, long number2, TimeUnit timeUnit) throws InterruptedException, TimeoutException;
    public int bulkRegister(int number);
    public void forceTermination();
    public int getArrivedParties();
    public Phaser getParent();
    public final int getPhase();
    public int getRegisteredParties();
    public Phaser getRoot();
    public int getUnarrivedParties();
    public boolean isTerminated();
    protected boolean onAdvance(int number, int number2);
    public int register();
}

/** A waiting queue by priority. */
public class PriorityBlockingQueue<E> extends AbstractQueue<E> implements BlockingQueue<E>, Serializable {
    public PriorityBlockingQueue() { }
    public PriorityBlockingQueue(int number) { }
    public PriorityBlockingQueue(Collection<? extends E> items) { }
    public PriorityBlockingQueue(int number, Comparator<? super E> order) { }
    public boolean add(E value);
    public void clear();
    public Comparator<? super E> comparator();
    public boolean contains(Object object);
    public int drainTo(Collection<? super E> items);
    public int drainTo(Collection<? super E> items, int number);
    public void forEach(Consumer<? super E> action);
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offer(E value, long number, TimeUnit timeUnit);
    public E peek();
    public E poll();
    public E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public void put(E value);
    public int remainingCapacity();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean removeIf(Predicate<? super E> condition);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public E take() throws InterruptedException;
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** A task that splits itself. */
public abstract class RecursiveAction extends ForkJoinTask<Void> {
    public RecursiveAction() { }
    protected abstract void compute();
    protected final boolean exec();
    public final Void getRawResult();
    protected final void setRawResult(Void void);
}

/** A task that splits itself and gives a result. */
public abstract class RecursiveTask<V> extends ForkJoinTask<V> {
    public RecursiveTask() { }
    protected abstract V compute();
    protected final boolean exec();
    public final V getRawResult();
    protected final void setRawResult(V value);
}

/** A task that was not taken. */
public class RejectedExecutionException extends RuntimeException {
    public RejectedExecutionException() { }
    public RejectedExecutionException(String text) { }
    public RejectedExecutionException(Throwable throwable) { }
    public RejectedExecutionException(String text, Throwable throwable) { }
}

/** Says what happens to tasks that are not taken. */
public interface RejectedExecutionHandler {
    void rejectedExecution(Runnable runnable, ThreadPoolExecutor threadPoolExecutor);
}

/** A future that can be run. */
public interface RunnableFuture<V> extends Runnable, Future<V> {
    void run();
}

/** Runs tasks later or again and again. */
public interface ScheduledExecutorService extends ExecutorService {
    <V> ScheduledFuture<V> schedule(Callable<V> callable, long number, TimeUnit timeUnit);
    ScheduledFuture<?> schedule(Runnable runnable, long number, TimeUnit timeUnit);
    ScheduledFuture<?> scheduleAtFixedRate(Runnable runnable, long number, long number2, TimeUnit timeUnit);
    ScheduledFuture<?> scheduleWithFixedDelay(Runnable runnable, long number, long number2, TimeUnit timeUnit);
}

/** A result of a task that runs later. */
public interface ScheduledFuture<V> extends Delayed, Future<V> {
}

/** Runs tasks later in a pool of threads. */
public class ScheduledThreadPoolExecutor extends ThreadPoolExecutor implements ScheduledExecutorService {
    public ScheduledThreadPoolExecutor(int number) { }
    public ScheduledThreadPoolExecutor(int number, RejectedExecutionHandler rejectedExecutionHandler) { }
    public ScheduledThreadPoolExecutor(int number, ThreadFactory threadFactory) { }
    public ScheduledThreadPoolExecutor(int number, ThreadFactory threadFactory, RejectedExecutionHandler rejectedExecutionHandler) { }
    protected <V> RunnableScheduledFuture<V> decorateTask(Runnable runnable, RunnableScheduledFuture<V> runnableScheduledFuture);
    protected <V> RunnableScheduledFuture<V> decorateTask(Callable<V> callable, RunnableScheduledFuture<V> runnableScheduledFuture);
    public void execute(Runnable runnable);
    public boolean getContinueExistingPeriodicTasksAfterShutdownPolicy();
    public boolean getExecuteExistingDelayedTasksAfterShutdownPolicy();
    public BlockingQueue<Runnable> getQueue();
    public boolean getRemoveOnCancelPolicy();
    public <V> ScheduledFuture<V> schedule(Callable<V> callable, long number, TimeUnit timeUnit);
    public ScheduledFuture<?> schedule(Runnable runnable, long number, TimeUnit timeUnit);
    public ScheduledFuture<?> scheduleAtFixedRate(Runnable runnable, long number, long number2, TimeUnit timeUnit);
    public ScheduledFuture<?> scheduleWithFixedDelay(Runnable runnable, long number, long number2, TimeUnit timeUnit);
    public void setContinueExistingPeriodicTasksAfterShutdownPolicy(boolean flag);
    public void setExecuteExistingDelayedTasksAfterShutdownPolicy(boolean flag);
    public void setRemoveOnCancelPolicy(boolean flag);
    public void shutdown();
    public List<Runnable> shutdownNow();
    public <T> Future<T> submit(Callable<T> callable);
    public Future<?> submit(Runnable runnable);
    public <T> Future<T> submit(Runnable runnable, T value);
}

/** Gives out a number of permits. */
public class Semaphore implements Serializable {
    public Semaphore(int number) { }
    public Semaphore(int number, boolean flag) { }
    public void acquire() throws InterruptedException;
    public void acquire(int number) throws InterruptedException;
    public void acquireUninterruptibly();
    public void acquireUninterruptibly(int number);
    public int availablePermits();
    public int drainPermits();
    public final int getQueueLength();
    protected Collection<Thread> getQueuedThreads();
    public final boolean hasQueuedThreads();
    public boolean isFair();
    protected void reducePermits(int number);
    public void release();
    public void release(int number);
    public boolean tryAcquire();
    public boolean tryAcquire(int number);
    public boolean tryAcquire(long number, TimeUnit timeUnit) throws InterruptedException;
    public boolean tryAcquire(int number, long number2, TimeUnit timeUnit) throws InterruptedException;
}

/** Hands elements from thread to thread. */
public class SynchronousQueue<E> extends AbstractQueue<E> implements BlockingQueue<E>, Serializable {
    public SynchronousQueue() { }
    public SynchronousQueue(boolean flag) { }
    public void clear();
    public boolean contains(Object object);
    public boolean containsAll(Collection<?> items);
    public int drainTo(Collection<? super E> items);
    public int drainTo(Collection<? super E> items, int number);
    public boolean isEmpty();
    public Iterator<E> iterator();
    public boolean offer(E value);
    public boolean offer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
    public E peek();
    public E poll();
    public E poll(long number, TimeUnit timeUnit) throws InterruptedException;
    public void put(E value) throws InterruptedException;
    public int remainingCapacity();
    public boolean remove(Object object);
    public boolean removeAll(Collection<?> items);
    public boolean retainAll(Collection<?> items);
    public int size();
    public Spliterator<E> spliterator();
    public E take() throws InterruptedException;
    public Object[] toArray();
    public <T> T[] toArray(T[] items);
}

/** Makes threads. */
public interface ThreadFactory {
    Thread newThread(Runnable runnable);
}

/** Random numbers for each thread. */
public class ThreadLocalRandom extends Random {
    public static ThreadLocalRandom current();
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
    public double nextDouble();
    public double nextDouble(double number);
    public double nextDouble(double number, double number2);
    public float nextFloat();
    public float nextFloat(float number);
    public float nextFloat(float number, float number2);
    public int nextInt();
    public int nextInt(int number);
    public int nextInt(int number, int number2);
    public long nextLong();
    public long nextLong(long number);
    public long nextLong(long number, long number2);
    public void setSeed(long number);
}

/** Runs tasks in a pool of threads. */
public class ThreadPoolExecutor extends AbstractExecutorService {
    public ThreadPoolExecutor(int number, int number2, long number3, TimeUnit timeUnit, BlockingQueue<Runnable> blockingQueue) { }
    public ThreadPoolExecutor(int number, int number2, long number3, TimeUnit timeUnit, BlockingQueue<Runnable> blockingQueue, RejectedExecutionHandler rejectedExecutionHandler) { }
    public ThreadPoolExecutor(int number, int number2, long number3, TimeUnit timeUnit, BlockingQueue<Runnable> blockingQueue, ThreadFactory threadFactory) { }
    public ThreadPoolExecutor(int number, int number2, long number3, TimeUnit timeUnit, BlockingQueue<Runnable> blockingQueue, ThreadFactory threadFactory, RejectedExecutionHandler rejectedExecutionHandler) { }
    protected void afterExecute(Runnable runnable, Throwable throwable);
    public void allowCoreThreadTimeOut(boolean flag);
    public boolean allowsCoreThreadTimeOut();
    public boolean awaitTermination(long number, TimeUnit timeUnit) throws InterruptedException;
    protected void beforeExecute(Thread thread, Runnable runnable);
    public void execute(Runnable runnable);
    public int getActiveCount();
    public long getCompletedTaskCount();
    public int getCorePoolSize();
    public long getKeepAliveTime(TimeUnit timeUnit);
    public int getLargestPoolSize();
    public int getMaximumPoolSize();
    public int getPoolSize();
    public BlockingQueue<Runnable> getQueue();
    public RejectedExecutionHandler getRejectedExecutionHandler();
    public long getTaskCount();
    public ThreadFactory getThreadFactory();
    public boolean isShutdown();
    public boolean isTerminated();
    public boolean isTerminating();
    public int prestartAllCoreThreads();
    public boolean prestartCoreThread();
    public void purge();
    public boolean remove(Runnable runnable);
    public void setCorePoolSize(int number);
    public void setKeepAliveTime(long number, TimeUnit timeUnit);
    public void setMaximumPoolSize(int number);
    public void setRejectedExecutionHandler(RejectedExecutionHandler rejectedExecutionHandler);
    public void setThreadFactory(ThreadFactory threadFactory);
    public void shutdown();
    public List<Runnable> shutdownNow();
    protected void terminated();
    public static class AbortPolicy implements RejectedExecutionHandler {
        public AbortPolicy() { }
        public void rejectedExecution(Runnable runnable, ThreadPoolExecutor threadPoolExecutor);
    }
    public static class CallerRunsPolicy implements RejectedExecutionHandler {
        public CallerRunsPolicy() { }
        public void rejectedExecution(Runnable runnable, ThreadPoolExecutor threadPoolExecutor);
    }
    public static class DiscardOldestPolicy implements RejectedExecutionHandler {
        public DiscardOldestPolicy() { }
        public void rejectedExecution(Runnable runnable, ThreadPoolExecutor threadPoolExecutor);
    }
    public static class DiscardPolicy implements RejectedExecutionHandler {
        public DiscardPolicy() { }
        public void rejectedExecution(Runnable runnable, ThreadPoolExecutor threadPoolExecutor);
    }
}

/** A unit of time. */
public enum TimeUnit {
    NANOSECONDS, MICROSECONDS, MILLISECONDS, SECONDS, MINUTES, HOURS, DAYS;
    public long convert(Duration duration);
    public long convert(long number, TimeUnit timeUnit);
    public static TimeUnit of(ChronoUnit chronoUnit);
    public void sleep(long number) throws InterruptedException;
    public void timedJoin(Thread thread, long number) throws InterruptedException;
    public void timedWait(Object object, long number) throws InterruptedException;
    public ChronoUnit toChronoUnit();
    public long toDays(long number);
    public long toHours(long number);
    public long toMicros(long number);
    public long toMillis(long number);
    public long toMinutes(long number);
    public long toNanos(long number);
    public long toSeconds(long number);
}

/** Something took too long. */
public class TimeoutException extends Exception {
    public TimeoutException() { }
    public TimeoutException(String text) { }
}

/** A queue whose producers may wait for consumers. */
public interface TransferQueue<E> extends BlockingQueue<E> {
    int getWaitingConsumerCount();
    boolean hasWaitingConsumer();
    void transfer(E value) throws InterruptedException;
    boolean tryTransfer(E value);
    boolean tryTransfer(E value, long number, TimeUnit timeUnit) throws InterruptedException;
}
