package java.util.concurrent.locks;

import java.io.Serializable;
import java.util.Collection;
import java.util.Date;
import java.util.concurrent.TimeUnit;

/** The base of locks. */
public abstract class AbstractQueuedSynchronizer extends AbstractOwnableSynchronizer implements Serializable {
    protected AbstractQueuedSynchronizer() { }
    public final void acquire(int number);
    public final void acquireInterruptibly(int number) throws InterruptedException;
    public final void acquireShared(int number);
    public final void acquireSharedInterruptibly(int number) throws InterruptedException;
    protected final boolean compareAndSetState(int number, int number2);
    public final Collection<Thread> getExclusiveQueuedThreads();
    public final Thread getFirstQueuedThread();
    public final int getQueueLength();
    public final Collection<Thread> getQueuedThreads();
    public final Collection<Thread> getSharedQueuedThreads();
    protected final int getState();
    public final int getWaitQueueLength(AbstractQueuedSynchronizer.ConditionObject conditionObject);
    public final Collection<Thread> getWaitingThreads(AbstractQueuedSynchronizer.ConditionObject conditionObject);
    public final boolean hasContended();
    public final boolean hasQueuedPredecessors();
    public final boolean hasQueuedThreads();
    public final boolean hasWaiters(AbstractQueuedSynchronizer.ConditionObject conditionObject);
    protected boolean isHeldExclusively();
    public final boolean isQueued(Thread thread);
    public final boolean owns(AbstractQueuedSynchronizer.ConditionObject conditionObject);
    public final boolean release(int number);
    public final boolean releaseShared(int number);
    protected final void setState(int number);
    protected boolean tryAcquire(int number);
    public final boolean tryAcquireNanos(int number, long number2) throws InterruptedException;
    protected int tryAcquireShared(int number);
    public final boolean tryAcquireSharedNanos(int number, long number2) throws InterruptedException;
    protected boolean tryRelease(int number);
    protected boolean tryReleaseShared(int number);
    public class ConditionObject implements Condition, Serializable {
        public ConditionObject(AbstractQueuedSynchronizer abstractQueuedSynchronizer) { }
        public final void await() throws InterruptedException;
        public final boolean await(long number, TimeUnit timeUnit) throws InterruptedException;
        public final long awaitNanos(long number) throws InterruptedException;
        public final void awaitUninterruptibly();
        public final boolean awaitUntil(Date date) throws InterruptedException;
        protected final int getWaitQueueLength();
        protected final Collection<Thread> getWaitingThreads();
        protected final boolean hasWaiters();
        public final void signal();
        public final void signalAll();
    }
}

/** Waits for something under a lock. */
public interface Condition {
    void await() throws InterruptedException;
    boolean await(long number, TimeUnit timeUnit) throws InterruptedException;
    long awaitNanos(long number) throws InterruptedException;
    void awaitUninterruptibly();
    boolean awaitUntil(Date date) throws InterruptedException;
    void signal();
    void signalAll();
}

/** A lock. */
public interface Lock {
    /** Takes the lock. */
    void lock();
    void lockInterruptibly() throws InterruptedException;
    Condition newCondition();
    /** Takes it if it is free. */
    boolean tryLock();
    boolean tryLock(long number, TimeUnit timeUnit) throws InterruptedException;
    /** Gives it back. */
    void unlock();
}

/** Parks and wakes threads. */
public class LockSupport {
    public static Object getBlocker(Thread thread);
    public static void park();
    public static void park(Object object);
    public static void parkNanos(long number);
    public static void parkNanos(Object object, long number);
    public static void parkUntil(long number);
    public static void parkUntil(Object object, long number);
    public static void setCurrentBlocker(Object object);
    public static void unpark(Thread thread);
}

/** A lock for readers and one for writers. */
public interface ReadWriteLock {
    Lock readLock();
    Lock writeLock();
}

/** A lock its owner may take again. */
public class ReentrantLock implements Lock, Serializable {
    public ReentrantLock() { }
    public ReentrantLock(boolean flag) { }
    public int getHoldCount();
    protected Thread getOwner();
    public final int getQueueLength();
    protected Collection<Thread> getQueuedThreads();
    public int getWaitQueueLength(Condition condition);
    protected Collection<Thread> getWaitingThreads(Condition condition);
    public final boolean hasQueuedThread(Thread thread);
    public final boolean hasQueuedThreads();
    public boolean hasWaiters(Condition condition);
    public final boolean isFair();
    public boolean isHeldByCurrentThread();
    public boolean isLocked();
    public void lock();
    public void lockInterruptibly() throws InterruptedException;
    public Condition newCondition();
    public boolean tryLock();
    public boolean tryLock(long number, TimeUnit timeUnit) throws InterruptedException;
    public void unlock();
}

/** A lock for readers and writers that owners may take again. */
public class ReentrantReadWriteLock implements ReadWriteLock, Serializable {
    public ReentrantReadWriteLock() { }
    public ReentrantReadWriteLock(boolean flag) { }
    protected Thread getOwner();
    public final int getQueueLength();
    protected Collection<Thread> getQueuedReaderThreads();
    protected Collection<Thread> getQueuedThreads();
    protected Collection<Thread> getQueuedWriterThreads();
    public int getReadHoldCount();
    public int getReadLockCount();
    public int getWaitQueueLength(Condition condition);
    protected Collection<Thread> getWaitingThreads(Condition condition);
    public int getWriteHoldCount();
    public final boolean hasQueuedThread(Thread thread);
    public final boolean hasQueuedThreads();
    public boolean hasWaiters(Condition condition);
    public final boolean isFair();
    public boolean isWriteLocked();
    public boolean isWriteLockedByCurrentThread();
    public ReentrantReadWriteLock.ReadLock readLock();
    public ReentrantReadWriteLock.WriteLock writeLock();
    public static class ReadLock implements Lock, Serializable {
        protected ReadLock(ReentrantReadWriteLock reentrantReadWriteLock) { }
        public void lock();
        public void lockInterruptibly() throws InterruptedException;
        public Condition newCondition();
        public boolean tryLock();
        public boolean tryLock(long number, TimeUnit timeUnit) throws InterruptedException;
        public void unlock();
    }
    public static class WriteLock implements Lock, Serializable {
        protected WriteLock(ReentrantReadWriteLock reentrantReadWriteLock) { }
        public int getHoldCount();
        public boolean isHeldByCurrentThread();
        public void lock();
        public void lockInterruptibly() throws InterruptedException;
        public Condition newCondition();
        public boolean tryLock();
        public boolean tryLock(long number, TimeUnit timeUnit) throws InterruptedException;
        public void unlock();
    }
}

/** A lock with optimistic reading. */
public class StampedLock implements Serializable {
    public StampedLock() { }
    public Lock asReadLock();
    public ReadWriteLock asReadWriteLock();
    public Lock asWriteLock();
    public int getReadLockCount();
    public static boolean isLockStamp(long number);
    public static boolean isOptimisticReadStamp(long number);
    public static boolean isReadLockStamp(long number);
    public boolean isReadLocked();
    public static boolean isWriteLockStamp(long number);
    public boolean isWriteLocked();
    public long readLock();
    public long readLockInterruptibly() throws InterruptedException;
    public long tryConvertToOptimisticRead(long number);
    public long tryConvertToReadLock(long number);
    public long tryConvertToWriteLock(long number);
    public long tryOptimisticRead();
    public long tryReadLock();
    public long tryReadLock(long number, TimeUnit timeUnit) throws InterruptedException;
    public boolean tryUnlockRead();
    public boolean tryUnlockWrite();
    public long tryWriteLock();
    public long tryWriteLock(long number, TimeUnit timeUnit) throws InterruptedException;
    public void unlock(long number);
    public void unlockRead(long number);
    public void unlockWrite(long number);
    public boolean validate(long number);
    public long writeLock();
    public long writeLockInterruptibly() throws InterruptedException;
}
