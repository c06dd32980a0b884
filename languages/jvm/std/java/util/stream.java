package java.util.stream;

import java.util.Collection;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.IntSummaryStatistics;
import java.util.Iterator;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.PrimitiveIterator;
import java.util.Set;
import java.util.Spliterator;
import java.util.concurrent.ConcurrentMap;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.BinaryOperator;
import java.util.function.Consumer;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import java.util.function.DoubleSupplier;
import java.util.function.DoubleToIntFunction;
import java.util.function.DoubleToLongFunction;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.function.IntBinaryOperator;
import java.util.function.IntConsumer;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.function.IntSupplier;
import java.util.function.IntToDoubleFunction;
import java.util.function.IntToLongFunction;
import java.util.function.IntUnaryOperator;
import java.util.function.LongBinaryOperator;
import java.util.function.LongConsumer;
import java.util.function.LongFunction;
import java.util.function.LongPredicate;
import java.util.function.LongSupplier;
import java.util.function.LongToDoubleFunction;
import java.util.function.LongToIntFunction;
import java.util.function.LongUnaryOperator;
import java.util.function.ObjDoubleConsumer;
import java.util.function.ObjIntConsumer;
import java.util.function.ObjLongConsumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;

/** The base of streams. */
public interface BaseStream<T, S extends BaseStream<T, S>> extends AutoCloseable {
    void close();
    boolean isParallel();
    Iterator<T> iterator();
    S onClose(Runnable runnable);
    S parallel();
    S sequential();
    Spliterator<T> spliterator();
    S unordered();
}

/** Gathers the elements of a stream. */
public interface Collector<T, A, R> {
    BiConsumer<A, T> accumulator();
    Set<Collector.Characteristics> characteristics();
    BinaryOperator<A> combiner();
    Function<A, R> finisher();
    static <T, R> Collector<T, R, R> of(Supplier<R> supplier, BiConsumer<R, T> action, BinaryOperator<R> function, Collector.Characteristics... items) { }
    static <T, A, R> Collector<T, A, R> of(Supplier<A> supplier, BiConsumer<A, T> action, BinaryOperator<A> function, Function<A, R> function2, Collector.Characteristics... items) { }
    Supplier<A> supplier();
    public enum Characteristics {
        CONCURRENT, UNORDERED, IDENTITY_FINISH;
    }
}

/** Common collectors. */
public final class Collectors {
    public static <T> Collector<T, ?, Double> averagingDouble(ToDoubleFunction<? super T> function);
    public static <T> Collector<T, ?, Double> averagingInt(ToIntFunction<? super T> function);
    public static <T> Collector<T, ?, Double> averagingLong(ToLongFunction<? super T> function);
    public static <T, A, R, RR> Collector<T, A, RR> collectingAndThen(Collector<T, A, R> collector, Function<R, RR> function);
    public static <T> Collector<T, ?, Long> counting();
    public static <T, A, R> Collector<T, ?, R> filtering(Predicate<? super T> condition, Collector<? super T, A, R> collector);
    public static <T, U, A, R> Collector<T, ?, R> flatMapping(Function<? super T, ? extends Stream<? extends U>> function, Collector<? super U, A, R> collector);
    public static <T, K> Collector<T, ?, Map<K, List<T>>> groupingBy(Function<? super T, ? extends K> function);
    public static <T, K, A, D> Collector<T, ?, Map<K, D>> groupingBy(Function<? super T, ? extends K> function, Collector<? super T, A, D> collector);
    public static <T, K, D, A, M extends Map<K, D>> Collector<T, ?, M> groupingBy(Function<? super T, ? extends K> function, Supplier<M> supplier, Collector<? super T, A, D> collector);
    public static <T, K> Collector<T, ?, ConcurrentMap<K, List<T>>> groupingByConcurrent(Function<? super T, ? extends K> function);
    public static <T, K, A, D> Collector<T, ?, ConcurrentMap<K, D>> groupingByConcurrent(Function<? super T, ? extends K> function, Collector<? super T, A, D> collector);
    public static <T, K, A, D, M extends ConcurrentMap<K, D>> Collector<T, ?, M> groupingByConcurrent(Function<? super T, ? extends K> function, Supplier<M> supplier, Collector<? super T, A, D> collector);
    public static Collector<CharSequence, ?, String> joining();
    public static Collector<CharSequence, ?, String> joining(CharSequence text);
    public static Collector<CharSequence, ?, String> joining(CharSequence text, CharSequence text2, CharSequence text3);
    public static <T, U, A, R> Collector<T, ?, R> mapping(Function<? super T, ? extends U> function, Collector<? super U, A, R> collector);
    public static <T> Collector<T, ?, Optional<T>> maxBy(Comparator<? super T> order);
    public static <T> Collector<T, ?, Optional<T>> minBy(Comparator<? super T> order);
    public static <T> Collector<T, ?, Map<Boolean, List<T>>> partitioningBy(Predicate<? super T> condition);
    public static <T, D, A> Collector<T, ?, Map<Boolean, D>> partitioningBy(Predicate<? super T> condition, Collector<? super T, A, D> collector);
    public static <T> Collector<T, ?, Optional<T>> reducing(BinaryOperator<T> function);
    public static <T> Collector<T, ?, T> reducing(T value, BinaryOperator<T> function);
    public static <T, U> Collector<T, ?, U> reducing(U value, Function<? super T, ? extends U> function, BinaryOperator<U> function2);
    public static <T> Collector<T, ?, DoubleSummaryStatistics> summarizingDouble(ToDoubleFunction<? super T> function);
    public static <T> Collector<T, ?, IntSummaryStatistics> summarizingInt(ToIntFunction<? super T> function);
    public static <T> Collector<T, ?, LongSummaryStatistics> summarizingLong(ToLongFunction<? super T> function);
    public static <T> Collector<T, ?, Double> summingDouble(ToDoubleFunction<? super T> function);
    public static <T> Collector<T, ?, Integer> summingInt(ToIntFunction<? super T> function);
    public static <T> Collector<T, ?, Long> summingLong(ToLongFunction<? super T> function);
    public static <T, R1, R2, R> Collector<T, ?, R> teeing(Collector<? super T, ?, R1> collector, Collector<? super T, ?, R2> collector2, BiFunction<? super R1, ? super R2, R> function);
    public static <T, C extends Collection<T>> Collector<T, ?, C> toCollection(Supplier<C> supplier);
    public static <T, K, U> Collector<T, ?, ConcurrentMap<K, U>> toConcurrentMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2);
    public static <T, K, U> Collector<T, ?, ConcurrentMap<K, U>> toConcurrentMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2, BinaryOperator<U> function3);
    public static <T, K, U, M extends ConcurrentMap<K, U>> Collector<T, ?, M> toConcurrentMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2, BinaryOperator<U> function3, Supplier<M> supplier);
    public static <T> Collector<T, ?, List<T>> toList();
    public static <T, K, U> Collector<T, ?, Map<K, U>> toMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2);
    public static <T, K, U> Collector<T, ?, Map<K, U>> toMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2, BinaryOperator<U> function3);
    public static <T, K, U, M extends Map<K, U>> Collector<T, ?, M> toMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2, BinaryOperator<U> function3, Supplier<M> supplier);
    public static <T> Collector<T, ?, Set<T>> toSet();
    public static <T> Collector<T, ?, List<T>> toUnmodifiableList();
    public static <T, K, U> Collector<T, ?, Map<K, U>> toUnmodifiableMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2);
    public static <T, K, U> Collector<T, ?, Map<K, U>> toUnmodifiableMap(Function<? super T, ? extends K> function, Function<? super T, ? extends U> function2, BinaryOperator<U> function3);
    public static <T> Collector<T, ?, Set<T>> toUnmodifiableSet();
}

/** A stream of `double`. */
public interface DoubleStream extends BaseStream<Double, DoubleStream> {
    boolean allMatch(DoublePredicate condition);
    boolean anyMatch(DoublePredicate condition);
    OptionalDouble average();
    Stream<Double> boxed();
    static DoubleStream.Builder builder() { }
    <R> R collect(Supplier<R> supplier, ObjDoubleConsumer<R> action, BiConsumer<R, R> action2);
    static DoubleStream concat(DoubleStream doubleStream, DoubleStream doubleStream2) { }
    long count();
    DoubleStream distinct();
    default DoubleStream dropWhile(DoublePredicate condition) { }
    static DoubleStream empty() { }
    DoubleStream filter(DoublePredicate condition);
    OptionalDouble findAny();
    OptionalDouble findFirst();
    DoubleStream flatMap(DoubleFunction<? extends DoubleStream> function);
    void forEach(DoubleConsumer action);
    void forEachOrdered(DoubleConsumer action);
    static DoubleStream generate(DoubleSupplier supplier) { }
    static DoubleStream iterate(double number, DoubleUnaryOperator function) { }
    static DoubleStream iterate(double number, DoublePredicate condition, DoubleUnaryOperator function) { }
    PrimitiveIterator.OfDouble iterator();
    DoubleStream limit(long number);
    DoubleStream map(DoubleUnaryOperator function);
    default DoubleStream mapMulti(DoubleStream.DoubleMapMultiConsumer doubleMapMultiConsumer) { }
    IntStream mapToInt(DoubleToIntFunction function);
    LongStream mapToLong(DoubleToLongFunction function);
    <U> Stream<U> mapToObj(DoubleFunction<? extends U> function);
    OptionalDouble max();
    OptionalDouble min();
    boolean noneMatch(DoublePredicate condition);
    static DoubleStream of(double number) { }
    static DoubleStream of(double... items) { }
    DoubleStream parallel();
    DoubleStream peek(DoubleConsumer action);
    OptionalDouble reduce(DoubleBinaryOperator function);
    double reduce(double number, DoubleBinaryOperator function);
    DoubleStream sequential();
    DoubleStream skip(long number);
    DoubleStream sorted();
    Spliterator.OfDouble spliterator();
    double sum();
    DoubleSummaryStatistics summaryStatistics();
    default DoubleStream takeWhile(DoublePredicate condition) { }
    double[] toArray();
    public interface Builder extends DoubleConsumer {
        void accept(double number);
        default DoubleStream.Builder add(double number) { }
        DoubleStream build();
    }
    public interface DoubleMapMultiConsumer {
        void accept(double number, DoubleConsumer action);
    }
}

/** A stream of `int`. */
public interface IntStream extends BaseStream<Integer, IntStream> {
    boolean allMatch(IntPredicate condition);
    boolean anyMatch(IntPredicate condition);
    DoubleStream asDoubleStream();
    LongStream asLongStream();
    OptionalDouble average();
    Stream<Integer> boxed();
    static IntStream.Builder builder() { }
    <R> R collect(Supplier<R> supplier, ObjIntConsumer<R> action, BiConsumer<R, R> action2);
    static IntStream concat(IntStream intStream, IntStream intStream2) { }
    long count();
    IntStream distinct();
    default IntStream dropWhile(IntPredicate condition) { }
    static IntStream empty() { }
    IntStream filter(IntPredicate condition);
    OptionalInt findAny();
    OptionalInt findFirst();
    IntStream flatMap(IntFunction<? extends IntStream> function);
    void forEach(IntConsumer action);
    void forEachOrdered(IntConsumer action);
    static IntStream generate(IntSupplier supplier) { }
    static IntStream iterate(int number, IntUnaryOperator function) { }
    static IntStream iterate(int number, IntPredicate condition, IntUnaryOperator function) { }
    PrimitiveIterator.OfInt iterator();
    IntStream limit(long number);
    IntStream map(IntUnaryOperator function);
    default IntStream mapMulti(IntStream.IntMapMultiConsumer intMapMultiConsumer) { }
    DoubleStream mapToDouble(IntToDoubleFunction function);
    LongStream mapToLong(IntToLongFunction function);
    <U> Stream<U> mapToObj(IntFunction<? extends U> function);
    OptionalInt max();
    OptionalInt min();
    boolean noneMatch(IntPredicate condition);
    static IntStream of(int number) { }
    static IntStream of(int... items) { }
    IntStream parallel();
    IntStream peek(IntConsumer action);
    static IntStream range(int number, int number2) { }
    static IntStream rangeClosed(int number, int number2) { }
    OptionalInt reduce(IntBinaryOperator function);
    int reduce(int number, IntBinaryOperator function);
    IntStream sequential();
    IntStream skip(long number);
    IntStream sorted();
    Spliterator.OfInt spliterator();
    int sum();
    IntSummaryStatistics summaryStatistics();
    default IntStream takeWhile(IntPredicate condition) { }
    int[] toArray();
    public interface Builder extends IntConsumer {
        void accept(int number);
        default IntStream.Builder add(int number) { }
        IntStream build();
    }
    public interface IntMapMultiConsumer {
        void accept(int number, IntConsumer action);
    }
}

/** A stream of `long`. */
public interface LongStream extends BaseStream<Long, LongStream> {
    boolean allMatch(LongPredicate condition);
    boolean anyMatch(LongPredicate condition);
    DoubleStream asDoubleStream();
    OptionalDouble average();
    Stream<Long> boxed();
    static LongStream.Builder builder() { }
    <R> R collect(Supplier<R> supplier, ObjLongConsumer<R> action, BiConsumer<R, R> action2);
    static LongStream concat(LongStream longStream, LongStream longStream2) { }
    long count();
    LongStream distinct();
    default LongStream dropWhile(LongPredicate condition) { }
    static LongStream empty() { }
    LongStream filter(LongPredicate condition);
    OptionalLong findAny();
    OptionalLong findFirst();
    LongStream flatMap(LongFunction<? extends LongStream> function);
    void forEach(LongConsumer action);
    void forEachOrdered(LongConsumer action);
    static LongStream generate(LongSupplier supplier) { }
    static LongStream iterate(long number, LongUnaryOperator function) { }
    static LongStream iterate(long number, LongPredicate condition, LongUnaryOperator function) { }
    PrimitiveIterator.OfLong iterator();
    LongStream limit(long number);
    LongStream map(LongUnaryOperator function);
    default LongStream mapMulti(LongStream.LongMapMultiConsumer longMapMultiConsumer) { }
    DoubleStream mapToDouble(LongToDoubleFunction function);
    IntStream mapToInt(LongToIntFunction function);
    <U> Stream<U> mapToObj(LongFunction<? extends U> function);
    OptionalLong max();
    OptionalLong min();
    boolean noneMatch(LongPredicate condition);
    static LongStream of(long number) { }
    static LongStream of(long... items) { }
    LongStream parallel();
    LongStream peek(LongConsumer action);
    static LongStream range(long number, long number2) { }
    static LongStream rangeClosed(long number, long number2) { }
    OptionalLong reduce(LongBinaryOperator function);
    long reduce(long number, LongBinaryOperator function);
    LongStream sequential();
    LongStream skip(long number);
    LongStream sorted();
    Spliterator.OfLong spliterator();
    long sum();
    LongSummaryStatistics summaryStatistics();
    default LongStream takeWhile(LongPredicate condition) { }
    long[] toArray();
    public interface Builder extends LongConsumer {
        void accept(long number);
        default LongStream.Builder add(long number) { }
        LongStream build();
    }
    public interface LongMapMultiConsumer {
        void accept(long number, LongConsumer action);
    }
}

/** Elements that are worked on one after the other. */
public interface Stream<T> extends BaseStream<T, Stream<T>> {
    /** Do all fulfil the condition? */
    boolean allMatch(Predicate<? super T> condition);
    /** Does one fulfil the condition? */
    boolean anyMatch(Predicate<? super T> condition);
    static <T> Stream.Builder<T> builder() { }
    /** Gathers the elements. */
    <R, A> R collect(Collector<? super T, A, R> collector);
    <R> R collect(Supplier<R> supplier, BiConsumer<R, ? super T> action, BiConsumer<R, R> action2);
    static <T> Stream<T> concat(Stream<? extends T> stream, Stream<? extends T> stream2) { }
    /** How many there are. */
    long count();
    /** Without duplicates. */
    Stream<T> distinct();
    default Stream<T> dropWhile(Predicate<? super T> condition) { }
    static <T> Stream<T> empty() { }
    /** The elements that fulfil a condition. */
    Stream<T> filter(Predicate<? super T> condition);
    Optional<T> findAny();
    /** The first one, if any. */
    Optional<T> findFirst();
    /** The elements of the streams that a function makes. */
    <R> Stream<R> flatMap(Function<? super T, ? extends Stream<? extends R>> function);
    DoubleStream flatMapToDouble(Function<? super T, ? extends DoubleStream> function);
    IntStream flatMapToInt(Function<? super T, ? extends IntStream> function);
    LongStream flatMapToLong(Function<? super T, ? extends LongStream> function);
    /** Does something with each element. */
    void forEach(Consumer<? super T> action);
    void forEachOrdered(Consumer<? super T> action);
    static <T> Stream<T> generate(Supplier<? extends T> supplier) { }
    static <T> Stream<T> iterate(T value, UnaryOperator<T> function) { }
    static <T> Stream<T> iterate(T value, Predicate<? super T> condition, UnaryOperator<T> function) { }
    /** The first ones. */
    Stream<T> limit(long number);
    /** With a function applied to each element. */
    <R> Stream<R> map(Function<? super T, ? extends R> function);
    default <R> Stream<R> mapMulti(BiConsumer<? super T, ? super Consumer<R>> action) { }
    default DoubleStream mapMultiToDouble(BiConsumer<? super T, ? super DoubleConsumer> action) { }
    default IntStream mapMultiToInt(BiConsumer<? super T, ? super IntConsumer> action) { }
    default LongStream mapMultiToLong(BiConsumer<? super T, ? super LongConsumer> action) { }
    DoubleStream mapToDouble(ToDoubleFunction<? super T> function);
    IntStream mapToInt(ToIntFunction<? super T> function);
    LongStream mapToLong(ToLongFunction<? super T> function);
    Optional<T> max(Comparator<? super T> order);
    Optional<T> min(Comparator<? super T> order);
    boolean noneMatch(Predicate<? super T> condition);
    /** A stream of these. */
    static <T> Stream<T> of(T value) { }
    static <T> Stream<T> of(T... items) { }
    static <T> Stream<T> ofNullable(T value) { }
    Stream<T> peek(Consumer<? super T> action);
    /** Joins all elements into one. */
    Optional<T> reduce(BinaryOperator<T> function);
    T reduce(T value, BinaryOperator<T> function);
    <U> U reduce(U value, BiFunction<U, ? super T, U> function, BinaryOperator<U> function2);
    /** Without the first ones. */
    Stream<T> skip(long number);
    /** In order. */
    Stream<T> sorted();
    Stream<T> sorted(Comparator<? super T> order);
    default Stream<T> takeWhile(Predicate<? super T> condition) { }
    Object[] toArray();
    <A> A[] toArray(IntFunction<A[]> function);
    /** The elements as a list. */
    default List<T> toList() { }
    public interface Builder<T> extends Consumer<T> {
        void accept(T value);
        default Stream.Builder<T> add(T value) { }
        Stream<T> build();
    }
}

/** Makes streams. */
public final class StreamSupport {
    public static DoubleStream doubleStream(Spliterator.OfDouble ofDouble, boolean flag);
    public static DoubleStream doubleStream(Supplier<? extends Spliterator.OfDouble> supplier, int number, boolean flag);
    public static IntStream intStream(Spliterator.OfInt ofInt, boolean flag);
    public static IntStream intStream(Supplier<? extends Spliterator.OfInt> supplier, int number, boolean flag);
    public static LongStream longStream(Spliterator.OfLong ofLong, boolean flag);
    public static LongStream longStream(Supplier<? extends Spliterator.OfLong> supplier, int number, boolean flag);
    public static <T> Stream<T> stream(Spliterator<T> spliterator, boolean flag);
    public static <T> Stream<T> stream(Supplier<? extends Spliterator<T>> supplier, int number, boolean flag);
}
