package java.util.function;

import java.util.Comparator;

/** Takes two values. */
public interface BiConsumer<T, U> {
    void accept(T value, U value2);
    default BiConsumer<T, U> andThen(BiConsumer<? super T, ? super U> action) { }
}

/** A function of two arguments. */
public interface BiFunction<T, U, R> {
    default <V> BiFunction<T, U, V> andThen(Function<? super R, ? extends V> function) { }
    R apply(T value, U value2);
}

/** Says yes or no of two values. */
public interface BiPredicate<T, U> {
    default BiPredicate<T, U> and(BiPredicate<? super T, ? super U> condition) { }
    default BiPredicate<T, U> negate() { }
    default BiPredicate<T, U> or(BiPredicate<? super T, ? super U> condition) { }
    boolean test(T value, U value2);
}

/** A function of two arguments whose result is of their type. */
public interface BinaryOperator<T> extends BiFunction<T, T, T> {
    static <T> BinaryOperator<T> maxBy(Comparator<? super T> order) { }
    static <T> BinaryOperator<T> minBy(Comparator<? super T> order) { }
}

/** Gives yes or no. */
public interface BooleanSupplier {
    boolean getAsBoolean();
}

/** Takes a value. */
public interface Consumer<T> {
    /** Takes the value. */
    void accept(T value);
    default Consumer<T> andThen(Consumer<? super T> action) { }
}

/** From two `double`s to one. */
public interface DoubleBinaryOperator {
    double applyAsDouble(double number, double number2);
}

/** Takes a `double`. */
public interface DoubleConsumer {
    void accept(double number);
    default DoubleConsumer andThen(DoubleConsumer action) { }
}

/** A function of a `double`. */
public interface DoubleFunction<R> {
    R apply(double number);
}

/** Says yes or no of a `double`. */
public interface DoublePredicate {
    default DoublePredicate and(DoublePredicate condition) { }
    default DoublePredicate negate() { }
    default DoublePredicate or(DoublePredicate condition) { }
    boolean test(double number);
}

/** Gives a `double`. */
public interface DoubleSupplier {
    double getAsDouble();
}

/** From `double` to `int`. */
public interface DoubleToIntFunction {
    int applyAsInt(double number);
}

/** From `double` to `long`. */
public interface DoubleToLongFunction {
    long applyAsLong(double number);
}

/** From `double` to `double`. */
public interface DoubleUnaryOperator {
    default DoubleUnaryOperator andThen(DoubleUnaryOperator function) { }
    double applyAsDouble(double number);
    default DoubleUnaryOperator compose(DoubleUnaryOperator function) { }
    static DoubleUnaryOperator identity() { }
}

/** A function of one argument. */
public interface Function<T, R> {
    /** Another function afterwards. */
    default <V> Function<T, V> andThen(Function<? super R, ? extends V> function) { }
    /** Calls the function. */
    R apply(T value);
    /** Another function before. */
    default <V> Function<V, R> compose(Function<? super V, ? extends T> function) { }
    /** Gives what it is given. */
    static <T> Function<T, T> identity() { }
}

/** From two `int`s to one. */
public interface IntBinaryOperator {
    int applyAsInt(int number, int number2);
}

/** Takes an `int`. */
public interface IntConsumer {
    void accept(int number);
    default IntConsumer andThen(IntConsumer action) { }
}

/** A function of an `int`. */
public interface IntFunction<R> {
    R apply(int number);
}

/** Says yes or no of an `int`. */
public interface IntPredicate {
    default IntPredicate and(IntPredicate condition) { }
    default IntPredicate negate() { }
    default IntPredicate or(IntPredicate condition) { }
    boolean test(int number);
}

/** Gives an `int`. */
public interface IntSupplier {
    int getAsInt();
}

/** From `int` to `double`. */
public interface IntToDoubleFunction {
    double applyAsDouble(int number);
}

/** From `int` to `long`. */
public interface IntToLongFunction {
    long applyAsLong(int number);
}

/** From `int` to `int`. */
public interface IntUnaryOperator {
    default IntUnaryOperator andThen(IntUnaryOperator function) { }
    int applyAsInt(int number);
    default IntUnaryOperator compose(IntUnaryOperator function) { }
    static IntUnaryOperator identity() { }
}

/** From two `long`s to one. */
public interface LongBinaryOperator {
    long applyAsLong(long number, long number2);
}

/** Takes a `long`. */
public interface LongConsumer {
    void accept(long number);
    default LongConsumer andThen(LongConsumer action) { }
}

/** A function of a `long`. */
public interface LongFunction<R> {
    R apply(long number);
}

/** Says yes or no of a `long`. */
public interface LongPredicate {
    default LongPredicate and(LongPredicate condition) { }
    default LongPredicate negate() { }
    default LongPredicate or(LongPredicate condition) { }
    boolean test(long number);
}

/** Gives a `long`. */
public interface LongSupplier {
    long getAsLong();
}

/** From `long` to `double`. */
public interface LongToDoubleFunction {
    double applyAsDouble(long number);
}

/** From `long` to `int`. */
public interface LongToIntFunction {
    int applyAsInt(long number);
}

/** From `long` to `long`. */
public interface LongUnaryOperator {
    default LongUnaryOperator andThen(LongUnaryOperator function) { }
    long applyAsLong(long number);
    default LongUnaryOperator compose(LongUnaryOperator function) { }
    static LongUnaryOperator identity() { }
}

/** Takes an object and a `double`. */
public interface ObjDoubleConsumer<T> {
    void accept(T value, double number);
}

/** Takes an object and an `int`. */
public interface ObjIntConsumer<T> {
    void accept(T value, int number);
}

/** Takes an object and a `long`. */
public interface ObjLongConsumer<T> {
    void accept(T value, long number);
}

/** Says yes or no of a value. */
public interface Predicate<T> {
    default Predicate<T> and(Predicate<? super T> condition) { }
    static <T> Predicate<T> isEqual(Object object) { }
    /** The opposite. */
    default Predicate<T> negate() { }
    static <T> Predicate<T> not(Predicate<? super T> condition) { }
    default Predicate<T> or(Predicate<? super T> condition) { }
    /** Says yes or no. */
    boolean test(T value);
}

/** Gives a value. */
public interface Supplier<T> {
    /** Gives the value. */
    T get();
}

/** A function of two arguments that gives a `double`. */
public interface ToDoubleBiFunction<T, U> {
    double applyAsDouble(T value, U value2);
}

/** A function that gives a `double`. */
public interface ToDoubleFunction<T> {
    double applyAsDouble(T value);
}

/** A function of two arguments that gives an `int`. */
public interface ToIntBiFunction<T, U> {
    int applyAsInt(T value, U value2);
}

/** A function that gives an `int`. */
public interface ToIntFunction<T> {
    int applyAsInt(T value);
}

/** A function of two arguments that gives a `long`. */
public interface ToLongBiFunction<T, U> {
    long applyAsLong(T value, U value2);
}

/** A function that gives a `long`. */
public interface ToLongFunction<T> {
    long applyAsLong(T value);
}

/** A function whose result is of the type of its argument. */
public interface UnaryOperator<T> extends Function<T, T> {
    static <T> UnaryOperator<T> identity() { }
}
