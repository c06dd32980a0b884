package java.lang.invoke;

import java.io.Serializable;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.Member;
import java.lang.reflect.Method;
import java.nio.ByteOrder;
import java.util.List;

/** A method that can be called directly. */
public abstract class MethodHandle {
    public MethodHandle asCollector(Class<?> type, int number);
    public MethodHandle asCollector(int number, Class<?> type, int number2);
    public MethodHandle asFixedArity();
    public MethodHandle asSpreader(Class<?> type, int number);
    public MethodHandle asSpreader(int number, Class<?> type, int number2);
    public MethodHandle asType(MethodType methodType);
    public MethodHandle asVarargsCollector(Class<?> type);
    public MethodHandle bindTo(Object object);
    public final Object invoke(Object... items) throws Throwable;
    public final Object invokeExact(Object... items) throws Throwable;
    public Object invokeWithArguments(Object... items) throws Throwable;
    public Object invokeWithArguments(List<?> list) throws Throwable;
    public boolean isVarargsCollector();
    public MethodType type();
    public MethodHandle withVarargs(boolean flag);
}

/** Finds and makes method handles. */
public class MethodHandles {
    public static MethodHandle arrayConstructor(Class<?> type) throws IllegalArgumentException;
    public static MethodHandle arrayElementGetter(Class<?> type) throws IllegalArgumentException;
    public static MethodHandle arrayElementSetter(Class<?> type) throws IllegalArgumentException;
    public static VarHandle arrayElementVarHandle(Class<?> type) throws IllegalArgumentException;
    public static MethodHandle arrayLength(Class<?> type) throws IllegalArgumentException;
    public static VarHandle byteArrayViewVarHandle(Class<?> type, ByteOrder byteOrder) throws IllegalArgumentException;
    public static VarHandle byteBufferViewVarHandle(Class<?> type, ByteOrder byteOrder) throws IllegalArgumentException;
    public static MethodHandle catchException(MethodHandle methodHandle, Class<? extends Throwable> type, MethodHandle methodHandle2);
    public static <T> T classData(MethodHandles.Lookup lookup, String text, Class<T> type) throws IllegalAccessException;
    public static <T> T classDataAt(MethodHandles.Lookup lookup, String text, Class<T> type, int number) throws IllegalAccessException;
    public static MethodHandle collectArguments(MethodHandle methodHandle, int number, MethodHandle methodHandle2);
    public static MethodHandle constant(Class<?> type, Object object);
    public static MethodHandle countedLoop(MethodHandle methodHandle, MethodHandle methodHandle2, MethodHandle methodHandle3);
    public static MethodHandle countedLoop(MethodHandle methodHandle, MethodHandle methodHandle2, MethodHandle methodHandle3, MethodHandle methodHandle4);
    public static MethodHandle doWhileLoop(MethodHandle methodHandle, MethodHandle methodHandle2, MethodHandle methodHandle3);
    public static MethodHandle dropArguments(MethodHandle methodHandle, int number, Class<?>... items);
    public static MethodHandle dropArguments(MethodHandle methodHandle, int number, List<Class<?>> list);
    public static MethodHandle dropArgumentsToMatch(MethodHandle methodHandle, int number, List<Class<?>> list, int number2);
    public static MethodHandle dropReturn(MethodHandle methodHandle);
    public static MethodHandle empty(MethodType methodType);
    public static MethodHandle exactInvoker(MethodType methodType);
    public static MethodHandle explicitCastArguments(MethodHandle methodHandle, MethodType methodType);
    public static MethodHandle filterArguments(MethodHandle methodHandle, int number, MethodHandle... items);
    public static MethodHandle filterReturnValue(MethodHandle methodHandle, MethodHandle methodHandle2);
    public static MethodHandle foldArguments(MethodHandle methodHandle, MethodHandle methodHandle2);
    public static MethodHandle foldArguments(MethodHandle methodHandle, int number, MethodHandle methodHandle2);
    public static MethodHandle guardWithTest(MethodHandle methodHandle, MethodHandle methodHandle2, MethodHandle methodHandle3);
    public static MethodHandle identity(Class<?> type);
    public static MethodHandle insertArguments(MethodHandle methodHandle, int number, Object... items);
    public static MethodHandle invoker(MethodType methodType);
    public static MethodHandle iteratedLoop(MethodHandle methodHandle, MethodHandle methodHandle2, MethodHandle methodHandle3);
    public static MethodHandles.Lookup lookup();
    public static MethodHandle loop(MethodHandle[]... items);
    public static MethodHandle permuteArguments(MethodHandle methodHandle, MethodType methodType, int... items);
    public static MethodHandles.Lookup privateLookupIn(Class<?> type, MethodHandles.Lookup lookup) throws IllegalAccessException;
    public static MethodHandles.Lookup publicLookup();
    public static <T extends Member> T reflectAs(Class<T> type, MethodHandle methodHandle);
    public static MethodHandle spreadInvoker(MethodType methodType, int number);
    public static MethodHandle tableSwitch(MethodHandle methodHandle, MethodHandle... items);
    public static MethodHandle throwException(Class<?> type, Class<? extends Throwable> type2);
    public static MethodHandle tryFinally(MethodHandle methodHandle, MethodHandle methodHandle2);
    public static MethodHandle varHandleExactInvoker(VarHandle.AccessMode accessMode, MethodType methodType);
    public static MethodHandle varHandleInvoker(VarHandle.AccessMode accessMode, MethodType methodType);
    public static MethodHandle whileLoop(MethodHandle methodHandle, MethodHandle methodHandle2, MethodHandle methodHandle3);
    public static MethodHandle zero(Class<?> type);
    public static final class Lookup {
        public static final int PUBLIC;
        public static final int PRIVATE;
        public static final int PROTECTED;
        public static final int PACKAGE;
        public static final int MODULE;
        public static final int UNCONDITIONAL;
        public static final int ORIGINAL;
        public Class<?> accessClass(Class<?> type) throws IllegalAccessException;
        public MethodHandle bind(Object object, String text, MethodType methodType) throws NoSuchMethodException, IllegalAccessException;
        public Class<?> defineClass(byte[] items) throws IllegalAccessException;
        public MethodHandles.Lookup defineHiddenClass(byte[] items, boolean flag, MethodHandles.Lookup.ClassOption... items2) throws IllegalAccessException;
        public MethodHandles.Lookup defineHiddenClassWithClassData(byte[] items, Object object, boolean flag, MethodHandles.Lookup.ClassOption... items2) throws IllegalAccessException;
        public MethodHandles.Lookup dropLookupMode(int number);
        public Class<?> ensureInitialized(Class<?> type) throws IllegalAccessException;
        public Class<?> findClass(String text) throws ClassNotFoundException, IllegalAccessException;
        public MethodHandle findConstructor(Class<?> type, MethodType methodType) throws NoSuchMethodException, IllegalAccessException;
        public MethodHandle findGetter(Class<?> type, String text, Class<?> type2) throws NoSuchFieldException, IllegalAccessException;
        public MethodHandle findSetter(Class<?> type, String text, Class<?> type2) throws NoSuchFieldException, IllegalAccessException;
        public MethodHandle findSpecial(Class<?> type, String text, MethodType methodType, Class<?> type2) throws NoSuchMethodException, IllegalAccessException;
        public MethodHandle findStatic(Class<?> type, String text, MethodType methodType) throws NoSuchMethodException, IllegalAccessException;
        public MethodHandle findStaticGetter(Class<?> type, String text, Class<?> type2) throws NoSuchFieldException, IllegalAccessException;
        public MethodHandle findStaticSetter(Class<?> type, String text, Class<?> type2) throws NoSuchFieldException, IllegalAccessException;
        public VarHandle findStaticVarHandle(Class<?> type, String text, Class<?> type2) throws NoSuchFieldException, IllegalAccessException;
        public VarHandle findVarHandle(Class<?> type, String text, Class<?> type2) throws NoSuchFieldException, IllegalAccessException;
        public MethodHandle findVirtual(Class<?> type, String text, MethodType methodType) throws NoSuchMethodException, IllegalAccessException;
        public boolean hasFullPrivilegeAccess();
        public boolean hasPrivateAccess();
        public MethodHandles.Lookup in(Class<?> type);
        public Class<?> lookupClass();
        public int lookupModes();
        public Class<?> previousLookupClass();
        public MethodHandleInfo revealDirect(MethodHandle methodHandle);
        public MethodHandle unreflect(Method method) throws IllegalAccessException;
        public MethodHandle unreflectConstructor(Constructor<?> constructor) throws IllegalAccessException;
        public MethodHandle unreflectGetter(Field field) throws IllegalAccessException;
        public MethodHandle unreflectSetter(Field field) throws IllegalAccessException;
        public MethodHandle unreflectSpecial(Method method, Class<?> type) throws IllegalAccessException;
        public VarHandle unreflectVarHandle(Field field) throws IllegalAccessException;
        public enum ClassOption {
            NESTMATE, STRONG;
        }
    }
}

/** Parameters and result of a method handle. */
public final class MethodType implements TypeDescriptor.OfMethod<Class<?>, MethodType>, Serializable {
    public MethodType appendParameterTypes(Class<?>... items);
    public MethodType appendParameterTypes(List<Class<?>> list);
    public MethodType changeParameterType(int number, Class<?> type);
    public MethodType changeReturnType(Class<?> type);
    public String descriptorString();
    public MethodType dropParameterTypes(int number, int number2);
    public MethodType erase();
    public static MethodType fromMethodDescriptorString(String text, ClassLoader classLoader) throws IllegalArgumentException, TypeNotPresentException;
    public MethodType generic();
    public static MethodType genericMethodType(int number);
    public static MethodType genericMethodType(int number, boolean flag);
    public boolean hasPrimitives();
    public boolean hasWrappers();
    public MethodType insertParameterTypes(int number, Class<?>... items);
    public MethodType insertParameterTypes(int number, List<Class<?>> list);
    public Class<?> lastParameterType();
    public static MethodType methodType(Class<?> type);
    public static MethodType methodType(Class<?> type, Class<?> type2);
    public static MethodType methodType(Class<?> type, Class<?>[] items);
    public static MethodType methodType(Class<?> type, MethodType methodType);
    public static MethodType methodType(Class<?> type, List<Class<?>> list);
    public static MethodType methodType(Class<?> type, Class<?> type2, Class<?>... items);
    public Class<?>[] parameterArray();
    public int parameterCount();
    public List<Class<?>> parameterList();
    public Class<?> parameterType(int number);
    public Class<?> returnType();
    public String toMethodDescriptorString();
    public MethodType unwrap();
    public MethodType wrap();
}

/** A variable that can be read and written with memory order. */
public abstract class VarHandle {
    public final MethodType accessModeType(VarHandle.AccessMode accessMode);
    public static void acquireFence();
    public final Object compareAndExchange(Object... items);
    public final Object compareAndExchangeAcquire(Object... items);
    public final Object compareAndExchangeRelease(Object... items);
    public final boolean compareAndSet(Object... items);
    public List<Class<?>> coordinateTypes();
    public static void fullFence();
    public final Object get(Object... items);
    public final Object getAcquire(Object... items);
    public final Object getAndAdd(Object... items);
    public final Object getAndAddAcquire(Object... items);
    public final Object getAndAddRelease(Object... items);
    public final Object getAndBitwiseAnd(Object... items);
    public final Object getAndBitwiseAndAcquire(Object... items);
    public final Object getAndBitwiseAndRelease(Object... items);
    public final Object getAndBitwiseOr(Object... items);
    public final Object getAndBitwiseOrAcquire(Object... items);
    public final Object getAndBitwiseOrRelease(Object... items);
    public final Object getAndBitwiseXor(Object... items);
    public final Object getAndBitwiseXorAcquire(Object... items);
    public final Object getAndBitwiseXorRelease(Object... items);
    public final Object getAndSet(Object... items);
    public final Object getAndSetAcquire(Object... items);
    public final Object getAndSetRelease(Object... items);
    public final Object getOpaque(Object... items);
    public final Object getVolatile(Object... items);
    public boolean hasInvokeExactBehavior();
    public final boolean isAccessModeSupported(VarHandle.AccessMode accessMode);
    public static void loadLoadFence();
    public static void releaseFence();
    public final void set(Object... items);
    public final void setOpaque(Object... items);
    public final void setRelease(Object... items);
    public final void setVolatile(Object... items);
    public static void storeStoreFence();
    public MethodHandle toMethodHandle(VarHandle.AccessMode accessMode);
    public Class<?> varType();
    public final boolean weakCompareAndSet(Object... items);
    public final boolean weakCompareAndSetAcquire(Object... items);
    public final boolean weakCompareAndSetPlain(Object... items);
    public final boolean weakCompareAndSetRelease(Object... items);
    public abstract VarHandle withInvokeBehavior();
    public abstract VarHandle withInvokeExactBehavior();
    public enum AccessMode {
        GET, SET, GET_VOLATILE, SET_VOLATILE, GET_ACQUIRE, SET_RELEASE, GET_OPAQUE, SET_OPAQUE, COMPARE_AND_SET, COMPARE_AND_EXCHANGE, COMPARE_AND_EXCHANGE_ACQUIRE, COMPARE_AND_EXCHANGE_RELEASE, WEAK_COMPARE_AND_SET_PLAIN, WEAK_COMPARE_AND_SET, WEAK_COMPARE_AND_SET_ACQUIRE, WEAK_COMPARE_AND_SET_RELEASE, GET_AND_SET, GET_AND_SET_ACQUIRE, GET_AND_SET_RELEASE, GET_AND_ADD, GET_AND_ADD_ACQUIRE, GET_AND_ADD_RELEASE, GET_AND_BITWISE_OR, GET_AND_BITWISE_OR_RELEASE, GET_AND_BITWISE_OR_ACQUIRE, GET_AND_BITWISE_AND, GET_AND_BITWISE_AND_RELEASE, GET_AND_BITWISE_AND_ACQUIRE, GET_AND_BITWISE_XOR, GET_AND_BITWISE_XOR_RELEASE, GET_AND_BITWISE_XOR_ACQUIRE;
        public String methodName();
        public static VarHandle.AccessMode valueFromMethodName(String text);
    }
    public static final class VarHandleDesc extends java.lang.constant.DynamicConstantDesc<VarHandle> {
        public static VarHandle.VarHandleDesc ofArray(java.lang.constant.ClassDesc classDesc);
        public static VarHandle.VarHandleDesc ofField(java.lang.constant.ClassDesc classDesc, String text, java.lang.constant.ClassDesc classDesc2);
        public static VarHandle.VarHandleDesc ofStaticField(java.lang.constant.ClassDesc classDesc, String text, java.lang.constant.ClassDesc classDesc2);
        public java.lang.constant.ClassDesc varType();
    }
}
