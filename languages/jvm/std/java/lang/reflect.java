package java.lang.reflect;

import java.io.Serializable;
import java.lang.annotation.Annotation;

/** The base of fields, methods and constructors. */
public class AccessibleObject implements AnnotatedElement {
    protected AccessibleObject() { }
    public final boolean canAccess(Object object);
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public Annotation[] getAnnotations();
    public <T extends Annotation> T[] getAnnotationsByType(Class<T> type);
    public <T extends Annotation> T getDeclaredAnnotation(Class<T> type);
    public Annotation[] getDeclaredAnnotations();
    public <T extends Annotation> T[] getDeclaredAnnotationsByType(Class<T> type);
    public boolean isAccessible();
    public boolean isAnnotationPresent(Class<? extends Annotation> type);
    public void setAccessible(boolean flag);
    public static void setAccessible(AccessibleObject[] items, boolean flag);
    public final boolean trySetAccessible();
}

/** What can have annotations. */
public interface AnnotatedElement {
    <T extends Annotation> T getAnnotation(Class<T> type);
    Annotation[] getAnnotations();
    default <T extends Annotation> T[] getAnnotationsByType(Class<T> type) { }
    default <T extends Annotation> T getDeclaredAnnotation(Class<T> type) { }
    Annotation[] getDeclaredAnnotations();
    default <T extends Annotation> T[] getDeclaredAnnotationsByType(Class<T> type) { }
    default boolean isAnnotationPresent(Class<? extends Annotation> type) { }
}

/** Makes and reads arrays of any type. */
public final class Array {
    public static Object get(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static boolean getBoolean(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static byte getByte(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static char getChar(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static double getDouble(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static float getFloat(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static int getInt(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static int getLength(Object object) throws IllegalArgumentException;
    public static long getLong(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static short getShort(Object object, int number) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static Object newInstance(Class<?> type, int number) throws NegativeArraySizeException;
    public static Object newInstance(Class<?> type, int... items) throws IllegalArgumentException, NegativeArraySizeException;
    public static void set(Object object, int number, Object object2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setBoolean(Object object, int number, boolean flag) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setByte(Object object, int number, byte number2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setChar(Object object, int number, char letter) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setDouble(Object object, int number, double number2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setFloat(Object object, int number, float number2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setInt(Object object, int number, int number2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setLong(Object object, int number, long number2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
    public static void setShort(Object object, int number, short number2) throws IllegalArgumentException, ArrayIndexOutOfBoundsException;
}

/** A constructor of the running program. */
public final class Constructor<T> extends Executable {
    public AnnotatedType getAnnotatedReceiverType();
    public AnnotatedType getAnnotatedReturnType();
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public Annotation[] getDeclaredAnnotations();
    public Class<T> getDeclaringClass();
    public Class<?>[] getExceptionTypes();
    public Type[] getGenericExceptionTypes();
    public Type[] getGenericParameterTypes();
    public int getModifiers();
    public String getName();
    public Annotation[][] getParameterAnnotations();
    public int getParameterCount();
    public Class<?>[] getParameterTypes();
    public TypeVariable<Constructor<T>>[] getTypeParameters();
    public boolean isSynthetic();
    public boolean isVarArgs();
    public T newInstance(Object... items) throws InstantiationException, IllegalAccessException, IllegalArgumentException, InvocationTargetException;
    public void setAccessible(boolean flag);
    public String toGenericString();
}

/** A method or constructor. */
public abstract class Executable extends AccessibleObject implements Member, GenericDeclaration {
    public AnnotatedType[] getAnnotatedExceptionTypes();
    public AnnotatedType[] getAnnotatedParameterTypes();
    public AnnotatedType getAnnotatedReceiverType();
    public abstract AnnotatedType getAnnotatedReturnType();
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public <T extends Annotation> T[] getAnnotationsByType(Class<T> type);
    public Annotation[] getDeclaredAnnotations();
    public abstract Class<?> getDeclaringClass();
    public abstract Class<?>[] getExceptionTypes();
    public Type[] getGenericExceptionTypes();
    public Type[] getGenericParameterTypes();
    public abstract int getModifiers();
    public abstract String getName();
    public abstract Annotation[][] getParameterAnnotations();
    public int getParameterCount();
    public abstract Class<?>[] getParameterTypes();
    public Parameter[] getParameters();
    public abstract TypeVariable<?>[] getTypeParameters();
    public boolean isSynthetic();
    public boolean isVarArgs();
    public abstract String toGenericString();
}

/** A field of the running program. */
public final class Field extends AccessibleObject implements Member {
    public Object get(Object object) throws IllegalArgumentException, IllegalAccessException;
    public AnnotatedType getAnnotatedType();
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public <T extends Annotation> T[] getAnnotationsByType(Class<T> type);
    public boolean getBoolean(Object object) throws IllegalArgumentException, IllegalAccessException;
    public byte getByte(Object object) throws IllegalArgumentException, IllegalAccessException;
    public char getChar(Object object) throws IllegalArgumentException, IllegalAccessException;
    public Annotation[] getDeclaredAnnotations();
    public Class<?> getDeclaringClass();
    public double getDouble(Object object) throws IllegalArgumentException, IllegalAccessException;
    public float getFloat(Object object) throws IllegalArgumentException, IllegalAccessException;
    public Type getGenericType();
    public int getInt(Object object) throws IllegalArgumentException, IllegalAccessException;
    public long getLong(Object object) throws IllegalArgumentException, IllegalAccessException;
    public int getModifiers();
    public String getName();
    public short getShort(Object object) throws IllegalArgumentException, IllegalAccessException;
    public Class<?> getType();
    public boolean isEnumConstant();
    public boolean isSynthetic();
    public void set(Object object, Object object2) throws IllegalArgumentException, IllegalAccessException;
    public void setAccessible(boolean flag);
    public void setBoolean(Object object, boolean flag) throws IllegalArgumentException, IllegalAccessException;
    public void setByte(Object object, byte number) throws IllegalArgumentException, IllegalAccessException;
    public void setChar(Object object, char letter) throws IllegalArgumentException, IllegalAccessException;
    public void setDouble(Object object, double number) throws IllegalArgumentException, IllegalAccessException;
    public void setFloat(Object object, float number) throws IllegalArgumentException, IllegalAccessException;
    public void setInt(Object object, int number) throws IllegalArgumentException, IllegalAccessException;
    public void setLong(Object object, long number) throws IllegalArgumentException, IllegalAccessException;
    public void setShort(Object object, short number) throws IllegalArgumentException, IllegalAccessException;
    public String toGenericString();
}

/** An array of a generic type. */
public interface GenericArrayType extends Type {
    Type getGenericComponentType();
}

/** What declares type parameters. */
public interface GenericDeclaration extends AnnotatedElement {
    TypeVariable<?>[] getTypeParameters();
}

/** Answers the calls of a proxy. */
public interface InvocationHandler {
    Object invoke(Object object, Method method, Object[] items) throws Throwable;
    static Object invokeDefault(Object object, Method method, Object... items) throws Throwable { }
}

/** A called method threw. */
public class InvocationTargetException extends ReflectiveOperationException {
    protected InvocationTargetException() { }
    public InvocationTargetException(Throwable throwable) { }
    public InvocationTargetException(Throwable throwable, String text) { }
    public Throwable getCause();
    public Throwable getTargetException();
}

/** A field, method or constructor. */
public interface Member {
    static int PUBLIC;
    static int DECLARED;
    Class<?> getDeclaringClass();
    int getModifiers();
    String getName();
    boolean isSynthetic();
}

/** A method of the running program. */
public final class Method extends Executable {
    public AnnotatedType getAnnotatedReturnType();
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public Annotation[] getDeclaredAnnotations();
    public Class<?> getDeclaringClass();
    public Object getDefaultValue();
    public Class<?>[] getExceptionTypes();
    public Type[] getGenericExceptionTypes();
    public Type[] getGenericParameterTypes();
    public Type getGenericReturnType();
    public int getModifiers();
    public String getName();
    public Annotation[][] getParameterAnnotations();
    public int getParameterCount();
    public Class<?>[] getParameterTypes();
    public Class<?> getReturnType();
    public TypeVariable<Method>[] getTypeParameters();
    public Object invoke(Object object, Object... items) throws IllegalAccessException, IllegalArgumentException, InvocationTargetException;
    public boolean isBridge();
    public boolean isDefault();
    public boolean isSynthetic();
    public boolean isVarArgs();
    public void setAccessible(boolean flag);
    public String toGenericString();
}

/** What the modifiers of a member mean. */
public class Modifier {
    public static final int PUBLIC;
    public static final int PRIVATE;
    public static final int PROTECTED;
    public static final int STATIC;
    public static final int FINAL;
    public static final int SYNCHRONIZED;
    public static final int VOLATILE;
    public static final int TRANSIENT;
    public static final int NATIVE;
    public static final int INTERFACE;
    public static final int ABSTRACT;
    public static final int STRICT;
    public static int classModifiers();
    public static int constructorModifiers();
    public static int fieldModifiers();
    public static int interfaceModifiers();
    public static boolean isAbstract(int number);
    public static boolean isFinal(int number);
    public static boolean isInterface(int number);
    public static boolean isNative(int number);
    public static boolean isPrivate(int number);
    public static boolean isProtected(int number);
    public static boolean isPublic(int number);
    public static boolean isStatic(int number);
    public static boolean isStrict(int number);
    public static boolean isSynchronized(int number);
    public static boolean isTransient(int number);
    public static boolean isVolatile(int number);
    public static int methodModifiers();
    public static int parameterModifiers();
    public static String toString(int number);
}

/** A parameter of a method. */
public final class Parameter implements AnnotatedElement {
    public AnnotatedType getAnnotatedType();
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public Annotation[] getAnnotations();
    public <T extends Annotation> T[] getAnnotationsByType(Class<T> type);
    public <T extends Annotation> T getDeclaredAnnotation(Class<T> type);
    public Annotation[] getDeclaredAnnotations();
    public <T extends Annotation> T[] getDeclaredAnnotationsByType(Class<T> type);
    public Executable getDeclaringExecutable();
    public int getModifiers();
    public String getName();
    public Type getParameterizedType();
    public Class<?> getType();
    public boolean isImplicit();
    public boolean isNamePresent();
    public boolean isSynthetic();
    public boolean isVarArgs();
}

/** A generic type with its arguments. */
public interface ParameterizedType extends Type {
    Type[] getActualTypeArguments();
    Type getOwnerType();
    Type getRawType();
}

/** Makes objects that implement interfaces by a handler. */
public class Proxy implements Serializable {
    protected InvocationHandler h;
    protected Proxy(InvocationHandler invocationHandler) { }
    public static InvocationHandler getInvocationHandler(Object object) throws IllegalArgumentException;
    public static Class<?> getProxyClass(ClassLoader classLoader, Class<?>... items) throws IllegalArgumentException;
    public static boolean isProxyClass(Class<?> type);
    public static Object newProxyInstance(ClassLoader classLoader, Class<?>[] items, InvocationHandler invocationHandler);
}

/** A component of a record. */
public final class RecordComponent implements AnnotatedElement {
    public Method getAccessor();
    public AnnotatedType getAnnotatedType();
    public <T extends Annotation> T getAnnotation(Class<T> type);
    public Annotation[] getAnnotations();
    public Annotation[] getDeclaredAnnotations();
    public Class<?> getDeclaringRecord();
    public String getGenericSignature();
    public Type getGenericType();
    public String getName();
    public Class<?> getType();
}

/** Any type of the language. */
public interface Type {
    default String getTypeName() { }
}

/** A type parameter. */
public interface TypeVariable<D extends GenericDeclaration> extends Type, AnnotatedElement {
    AnnotatedType[] getAnnotatedBounds();
    Type[] getBounds();
    D getGenericDeclaration();
    String getName();
}

/** A proxy threw what its interface does not declare. */
public class UndeclaredThrowableException extends RuntimeException {
    public UndeclaredThrowableException(Throwable throwable) { }
    public UndeclaredThrowableException(Throwable throwable, String text) { }
    public Throwable getUndeclaredThrowable();
}

/** A type argument that is left open. */
public interface WildcardType extends Type {
    Type[] getLowerBounds();
    Type[] getUpperBounds();
}
