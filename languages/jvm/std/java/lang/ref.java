package java.lang.ref;

import java.util.concurrent.ThreadFactory;

/** Cleans up after objects that are gone. */
public final class Cleaner {
    public static Cleaner create();
    public static Cleaner create(ThreadFactory threadFactory);
    public Cleaner.Cleanable register(Object object, Runnable runnable);
    public interface Cleanable {
        void clean();
    }
}

/** A reference that tells when its object is gone. */
public class PhantomReference<T> extends Reference<T> {
    public PhantomReference(T value, ReferenceQueue<? super T> referenceQueue) { }
    public T get();
}

/** The base of references that do not keep an object. */
public abstract class Reference<T> {
    public void clear();
    protected Object clone() throws CloneNotSupportedException;
    public boolean enqueue();
    public T get();
    public boolean isEnqueued();
    public static void reachabilityFence(Object object);
    public final boolean refersTo(T value);
}

/** Where references go whose objects are gone. */
public class ReferenceQueue<T> {
    public ReferenceQueue() { }
    public Reference<? extends T> poll();
    public Reference<? extends T> remove() throws InterruptedException;
    public Reference<? extends T> remove(long number) throws IllegalArgumentException, InterruptedException;
}

/** A reference that is cleared when memory is short. */
public class SoftReference<T> extends Reference<T> {
    public SoftReference(T value) { }
    public SoftReference(T value, ReferenceQueue<? super T> referenceQueue) { }
    public T get();
}

/** A reference that does not keep its object. */
public class WeakReference<T> extends Reference<T> {
    public WeakReference(T value) { }
    public WeakReference(T value, ReferenceQueue<? super T> referenceQueue) { }
}
