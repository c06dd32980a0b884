using System;
using System.Collections.Generic;
using System.Globalization;
using System.Runtime.InteropServices;
using System.Runtime.Serialization;
using System.Security.Principal;
using System.Threading.Tasks;

namespace System.Threading
{
    /// <summary>A value that goes along with work.</summary>
    public sealed class AsyncLocal<T>
    {
        public AsyncLocal() { }
        public AsyncLocal(Action<AsyncLocalValueChangedArgs<T>> valueChangedHandler) { }
        public T Value { get; set; }
    }

    /// <summary>Is waited for, by one at a time.</summary>
    public sealed class AutoResetEvent : EventWaitHandle
    {
        public AutoResetEvent(bool initialState) { }
    }

    /// <summary>Lets threads wait for one another.</summary>
    public class Barrier : IDisposable
    {
        public Barrier(int participantCount) { }
        public Barrier(int participantCount, Action<Barrier> postPhaseAction) { }
        public long CurrentPhaseNumber { get; }
        public int ParticipantCount { get; }
        public int ParticipantsRemaining { get; }
        public long AddParticipant();
        public long AddParticipants(int participantCount);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public void RemoveParticipant();
        public void RemoveParticipants(int participantCount);
        public void SignalAndWait();
        public bool SignalAndWait(int millisecondsTimeout);
        public bool SignalAndWait(TimeSpan timeout);
        public void SignalAndWait(CancellationToken cancellationToken);
        public bool SignalAndWait(int millisecondsTimeout, CancellationToken cancellationToken);
        public bool SignalAndWait(TimeSpan timeout, CancellationToken cancellationToken);
    }

    /// <summary>Says that something is to stop.</summary>
    public struct CancellationToken
    {
        public CancellationToken(bool canceled) { }
        public bool CanBeCanceled { get; }
        public bool IsCancellationRequested { get; }
        public static CancellationToken None { get; }
        public WaitHandle WaitHandle { get; }
        public bool Equals(CancellationToken other);
        public CancellationTokenRegistration Register(Action callback);
        public CancellationTokenRegistration Register(Action callback, bool useSynchronizationContext);
        public CancellationTokenRegistration Register(Action<object> callback, object state);
        public CancellationTokenRegistration Register(Action<object> callback, object state, bool useSynchronizationContext);
        public CancellationTokenRegistration Register(Action<object> callback, object state, bool useSynchronizationContext, bool useExecutionContext);
        public void ThrowIfCancellationRequested();
    }

    /// <summary>What is called at a stop.</summary>
    public struct CancellationTokenRegistration : IDisposable, IEquatable<CancellationTokenRegistration>, System.IAsyncDisposable
    {
        public CancellationToken Token { get; }
        public void Dispose();
        public System.Threading.Tasks.ValueTask DisposeAsync();
        public bool Equals(CancellationTokenRegistration other);
        public bool Unregister();
    }

    /// <summary>Stops what goes on.</summary>
    public class CancellationTokenSource : IDisposable
    {
        public CancellationTokenSource() { }
        public CancellationTokenSource(int millisecondsDelay) { }
        public CancellationTokenSource(TimeSpan delay) { }
        public bool IsCancellationRequested { get; }
        public CancellationToken Token { get; }
        public void Cancel();
        public void Cancel(bool throwOnFirstException);
        public void CancelAfter(int millisecondsDelay);
        public void CancelAfter(TimeSpan delay);
        public static CancellationTokenSource CreateLinkedTokenSource(params CancellationToken[] tokens);
        public static CancellationTokenSource CreateLinkedTokenSource(CancellationToken token1, CancellationToken token2);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
    }

    /// <summary>Waits until a count is down to zero.</summary>
    public class CountdownEvent : IDisposable
    {
        public CountdownEvent(int initialCount) { }
        public int CurrentCount { get; }
        public int InitialCount { get; }
        public bool IsSet { get; }
        public WaitHandle WaitHandle { get; }
        public void AddCount();
        public void AddCount(int signalCount);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public void Reset();
        public void Reset(int count);
        public bool Signal();
        public bool Signal(int signalCount);
        public bool TryAddCount();
        public bool TryAddCount(int signalCount);
        public void Wait();
        public bool Wait(int millisecondsTimeout);
        public bool Wait(TimeSpan timeout);
        public void Wait(CancellationToken cancellationToken);
        public bool Wait(int millisecondsTimeout, CancellationToken cancellationToken);
        public bool Wait(TimeSpan timeout, CancellationToken cancellationToken);
    }

    /// <summary>Is waited for until it is set.</summary>
    public class EventWaitHandle : WaitHandle
    {
        public EventWaitHandle(bool initialState, EventResetMode mode) { }
        public EventWaitHandle(bool initialState, EventResetMode mode, string name) { }
        public EventWaitHandle(bool initialState, EventResetMode mode, string name, out bool createdNew) { }
        public EventWaitHandle(bool initialState, EventResetMode mode, string name, out bool createdNew, System.Security.AccessControl.EventWaitHandleSecurity eventSecurity) { }
        public System.Security.AccessControl.EventWaitHandleSecurity GetAccessControl();
        public static EventWaitHandle OpenExisting(string name);
        public static EventWaitHandle OpenExisting(string name, System.Security.AccessControl.EventWaitHandleRights rights);
        public bool Reset();
        public bool Set();
        public void SetAccessControl(System.Security.AccessControl.EventWaitHandleSecurity eventSecurity);
        public static bool TryOpenExisting(string name, out EventWaitHandle result);
        public static bool TryOpenExisting(string name, System.Security.AccessControl.EventWaitHandleRights rights, out EventWaitHandle result);
    }

    /// <summary>What goes along with work.</summary>
    public sealed class ExecutionContext : IDisposable, ISerializable
    {
        public static ExecutionContext Capture();
        public ExecutionContext CreateCopy();
        public void Dispose();
        public void GetObjectData(SerializationInfo info, StreamingContext context);
        public static bool IsFlowSuppressed();
        public static void RestoreFlow();
        public static void Run(ExecutionContext executionContext, ContextCallback callback, object state);
        public static AsyncFlowControl SuppressFlow();
    }

    /// <summary>Changes numbers of several threads.</summary>
    public static class Interlocked
    {
        public static int Add(ref int location1, int value);
        public static long Add(ref long location1, long value);
        public static double CompareExchange(ref double location1, double value, double comparand);
        public static int CompareExchange(ref int location1, int value, int comparand);
        public static long CompareExchange(ref long location1, long value, long comparand);
        public static IntPtr CompareExchange(ref IntPtr location1, IntPtr value, IntPtr comparand);
        public static float CompareExchange(ref float location1, float value, float comparand);
        public static object CompareExchange(ref object location1, object value, object comparand);
        public static T CompareExchange<T>(ref T location1, T value, T comparand) where T : class;
        public static int Decrement(ref int location);
        public static long Decrement(ref long location);
        public static double Exchange(ref double location1, double value);
        public static int Exchange(ref int location1, int value);
        public static long Exchange(ref long location1, long value);
        public static IntPtr Exchange(ref IntPtr location1, IntPtr value);
        public static float Exchange(ref float location1, float value);
        public static object Exchange(ref object location1, object value);
        public static T Exchange<T>(ref T location1, T value) where T : class;
        public static int Increment(ref int location);
        public static long Increment(ref long location);
        public static void MemoryBarrier();
        public static void MemoryBarrierProcessWide();
        public static long Read(ref long location);
    }

    /// <summary>May a lock be taken again?</summary>
    public enum LockRecursionPolicy
    {
        NoRecursion,
        SupportsRecursion,
    }

    /// <summary>Is waited for until it is set.</summary>
    public sealed class ManualResetEvent : EventWaitHandle
    {
        public ManualResetEvent(bool initialState) { }
    }

    /// <summary>Is waited for until it is set.</summary>
    public class ManualResetEventSlim : IDisposable
    {
        public ManualResetEventSlim() { }
        public ManualResetEventSlim(bool initialState) { }
        public ManualResetEventSlim(bool initialState, int spinCount) { }
        public bool IsSet { get; }
        public int SpinCount { get; }
        public WaitHandle WaitHandle { get; }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public void Reset();
        public void Set();
        public void Wait();
        public bool Wait(int millisecondsTimeout);
        public bool Wait(TimeSpan timeout);
        public void Wait(CancellationToken cancellationToken);
        public bool Wait(int millisecondsTimeout, CancellationToken cancellationToken);
        public bool Wait(TimeSpan timeout, CancellationToken cancellationToken);
    }

    /// <summary>Locks objects.</summary>
    public static class Monitor
    {
        public static void Enter(object obj);
        public static void Enter(object obj, ref bool lockTaken);
        public static void Exit(object obj);
        public static bool IsEntered(object obj);
        public static void Pulse(object obj);
        public static void PulseAll(object obj);
        public static bool TryEnter(object obj);
        public static bool TryEnter(object obj, int millisecondsTimeout);
        public static bool TryEnter(object obj, TimeSpan timeout);
        public static void TryEnter(object obj, ref bool lockTaken);
        public static void TryEnter(object obj, int millisecondsTimeout, ref bool lockTaken);
        public static void TryEnter(object obj, TimeSpan timeout, ref bool lockTaken);
        public static bool Wait(object obj);
        public static bool Wait(object obj, int millisecondsTimeout);
        public static bool Wait(object obj, TimeSpan timeout);
        public static bool Wait(object obj, int millisecondsTimeout, bool exitContext);
        public static bool Wait(object obj, TimeSpan timeout, bool exitContext);
    }

    /// <summary>A lock of the system.</summary>
    public sealed class Mutex : WaitHandle
    {
        public Mutex() { }
        public Mutex(bool initiallyOwned) { }
        public Mutex(bool initiallyOwned, string name) { }
        public Mutex(bool initiallyOwned, string name, out bool createdNew) { }
        public Mutex(bool initiallyOwned, string name, out bool createdNew, System.Security.AccessControl.MutexSecurity mutexSecurity) { }
        public System.Security.AccessControl.MutexSecurity GetAccessControl();
        public static Mutex OpenExisting(string name);
        public static Mutex OpenExisting(string name, System.Security.AccessControl.MutexRights rights);
        public void ReleaseMutex();
        public void SetAccessControl(System.Security.AccessControl.MutexSecurity mutexSecurity);
        public static bool TryOpenExisting(string name, out Mutex result);
        public static bool TryOpenExisting(string name, System.Security.AccessControl.MutexRights rights, out Mutex result);
    }

    /// <summary>What a thread does with a value.</summary>
    public delegate void ParameterizedThreadStart(object obj);

    /// <summary>A lock for readers and writers.</summary>
    public sealed class ReaderWriterLock : System.Runtime.ConstrainedExecution.CriticalFinalizerObject
    {
        public ReaderWriterLock() { }
        public bool IsReaderLockHeld { get; }
        public bool IsWriterLockHeld { get; }
        public int WriterSeqNum { get; }
        public void AcquireReaderLock(int millisecondsTimeout);
        public void AcquireReaderLock(TimeSpan timeout);
        public void AcquireWriterLock(int millisecondsTimeout);
        public void AcquireWriterLock(TimeSpan timeout);
        public bool AnyWritersSince(int seqNum);
        public void DowngradeFromWriterLock(ref LockCookie lockCookie);
        public LockCookie ReleaseLock();
        public void ReleaseReaderLock();
        public void ReleaseWriterLock();
        public void RestoreLock(ref LockCookie lockCookie);
        public LockCookie UpgradeToWriterLock(int millisecondsTimeout);
        public LockCookie UpgradeToWriterLock(TimeSpan timeout);
    }

    /// <summary>A lock for readers and writers.</summary>
    public class ReaderWriterLockSlim : IDisposable
    {
        public ReaderWriterLockSlim() { }
        public ReaderWriterLockSlim(LockRecursionPolicy recursionPolicy) { }
        public int CurrentReadCount { get; }
        public bool IsReadLockHeld { get; }
        public bool IsUpgradeableReadLockHeld { get; }
        public bool IsWriteLockHeld { get; }
        public LockRecursionPolicy RecursionPolicy { get; }
        public int RecursiveReadCount { get; }
        public int RecursiveUpgradeCount { get; }
        public int RecursiveWriteCount { get; }
        public int WaitingReadCount { get; }
        public int WaitingUpgradeCount { get; }
        public int WaitingWriteCount { get; }
        public void Dispose();
        public void EnterReadLock();
        public void EnterUpgradeableReadLock();
        public void EnterWriteLock();
        public void ExitReadLock();
        public void ExitUpgradeableReadLock();
        public void ExitWriteLock();
        public bool TryEnterReadLock(int millisecondsTimeout);
        public bool TryEnterReadLock(TimeSpan timeout);
        public bool TryEnterUpgradeableReadLock(int millisecondsTimeout);
        public bool TryEnterUpgradeableReadLock(TimeSpan timeout);
        public bool TryEnterWriteLock(int millisecondsTimeout);
        public bool TryEnterWriteLock(TimeSpan timeout);
    }

    /// <summary>Gives out a number of permits.</summary>
    public sealed class Semaphore : WaitHandle
    {
        public Semaphore(int initialCount, int maximumCount) { }
        public Semaphore(int initialCount, int maximumCount, string name) { }
        public Semaphore(int initialCount, int maximumCount, string name, out bool createdNew) { }
        public Semaphore(int initialCount, int maximumCount, string name, out bool createdNew, System.Security.AccessControl.SemaphoreSecurity semaphoreSecurity) { }
        public System.Security.AccessControl.SemaphoreSecurity GetAccessControl();
        public static Semaphore OpenExisting(string name);
        public static Semaphore OpenExisting(string name, System.Security.AccessControl.SemaphoreRights rights);
        public int Release();
        public int Release(int releaseCount);
        public void SetAccessControl(System.Security.AccessControl.SemaphoreSecurity semaphoreSecurity);
        public static bool TryOpenExisting(string name, out Semaphore result);
        public static bool TryOpenExisting(string name, System.Security.AccessControl.SemaphoreRights rights, out Semaphore result);
    }

    /// <summary>Gives out a number of permits.</summary>
    public class SemaphoreSlim : IDisposable
    {
        public SemaphoreSlim(int initialCount) { }
        public SemaphoreSlim(int initialCount, int maxCount) { }
        public WaitHandle AvailableWaitHandle { get; }
        public int CurrentCount { get; }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public int Release();
        public int Release(int releaseCount);
        public void Wait();
        public bool Wait(int millisecondsTimeout);
        public bool Wait(TimeSpan timeout);
        public void Wait(CancellationToken cancellationToken);
        public bool Wait(int millisecondsTimeout, CancellationToken cancellationToken);
        public bool Wait(TimeSpan timeout, CancellationToken cancellationToken);
        public Task WaitAsync();
        public Task WaitAsync(CancellationToken cancellationToken);
        public Task<bool> WaitAsync(int millisecondsTimeout);
        public Task<bool> WaitAsync(TimeSpan timeout);
        public Task<bool> WaitAsync(int millisecondsTimeout, CancellationToken cancellationToken);
        public Task<bool> WaitAsync(TimeSpan timeout, CancellationToken cancellationToken);
    }

    /// <summary>Work that is passed on.</summary>
    public delegate void SendOrPostCallback(object state);

    /// <summary>Where work goes on.</summary>
    public class SynchronizationContext
    {
        public SynchronizationContext() { }
        public static SynchronizationContext Current { get; }
        public virtual SynchronizationContext CreateCopy();
        public bool IsWaitNotificationRequired();
        public virtual void OperationCompleted();
        public virtual void OperationStarted();
        public virtual void Post(SendOrPostCallback d, object state);
        public virtual void Send(SendOrPostCallback d, object state);
        public static void SetSynchronizationContext(SynchronizationContext syncContext);
        protected void SetWaitNotificationRequired();
        public virtual int Wait(IntPtr[] waitHandles, bool waitAll, int millisecondsTimeout);
        protected static int WaitHelper(IntPtr[] waitHandles, bool waitAll, int millisecondsTimeout);
    }

    /// <summary>A thread.</summary>
    public sealed class Thread : System.Runtime.ConstrainedExecution.CriticalFinalizerObject, System.Runtime.InteropServices._Thread
    {
        public Thread(ParameterizedThreadStart start) { }
        public Thread(ThreadStart start) { }
        public Thread(ParameterizedThreadStart start, int maxStackSize) { }
        public Thread(ThreadStart start, int maxStackSize) { }
        public ApartmentState ApartmentState { get; set; }
        public static System.Runtime.Remoting.Contexts.Context CurrentContext { get; }
        public CultureInfo CurrentCulture { get; set; }
        public static IPrincipal CurrentPrincipal { get; set; }
        public static Thread CurrentThread { get; }
        public CultureInfo CurrentUICulture { get; set; }
        public ExecutionContext ExecutionContext { get; }
        public bool IsAlive { get; }
        public bool IsBackground { get; set; }
        public bool IsThreadPoolThread { get; }
        public int ManagedThreadId { get; }
        public string Name { get; set; }
        public ThreadPriority Priority { get; set; }
        public ThreadState ThreadState { get; }
        public void Abort();
        public void Abort(object stateInfo);
        public static System.LocalDataStoreSlot AllocateDataSlot();
        public static System.LocalDataStoreSlot AllocateNamedDataSlot(string name);
        public static void BeginCriticalRegion();
        public static void BeginThreadAffinity();
        public void DisableComObjectEagerCleanup();
        public static void EndCriticalRegion();
        public static void EndThreadAffinity();
        public static void FreeNamedDataSlot(string name);
        public ApartmentState GetApartmentState();
        public CompressedStack GetCompressedStack();
        public static int GetCurrentProcessorId();
        public static object GetData(System.LocalDataStoreSlot slot);
        public static AppDomain GetDomain();
        public static int GetDomainID();
        public static System.LocalDataStoreSlot GetNamedDataSlot(string name);
        public void Interrupt();
        public void Join();
        public bool Join(int millisecondsTimeout);
        public bool Join(TimeSpan timeout);
        public static void MemoryBarrier();
        public static void ResetAbort();
        public void Resume();
        public void SetApartmentState(ApartmentState state);
        public void SetCompressedStack(CompressedStack stack);
        public static void SetData(System.LocalDataStoreSlot slot, object data);
        public static void Sleep(int millisecondsTimeout);
        public static void Sleep(TimeSpan timeout);
        public static void SpinWait(int iterations);
        public void Start();
        public void Start(object parameter);
        public void Suspend();
        public bool TrySetApartmentState(ApartmentState state);
        public static byte VolatileRead(ref byte address);
        public static double VolatileRead(ref double address);
        public static short VolatileRead(ref short address);
        public static int VolatileRead(ref int address);
        public static long VolatileRead(ref long address);
        public static IntPtr VolatileRead(ref IntPtr address);
        public static sbyte VolatileRead(ref sbyte address);
        public static float VolatileRead(ref float address);
        public static object VolatileRead(ref object address);
        public static ushort VolatileRead(ref ushort address);
        public static uint VolatileRead(ref uint address);
        public static ulong VolatileRead(ref ulong address);
        public static UIntPtr VolatileRead(ref UIntPtr address);
        public static void VolatileWrite(ref byte address, byte value);
        public static void VolatileWrite(ref double address, double value);
        public static void VolatileWrite(ref short address, short value);
        public static void VolatileWrite(ref int address, int value);
        public static void VolatileWrite(ref long address, long value);
        public static void VolatileWrite(ref IntPtr address, IntPtr value);
        public static void VolatileWrite(ref sbyte address, sbyte value);
        public static void VolatileWrite(ref float address, float value);
        public static void VolatileWrite(ref object address, object value);
        public static void VolatileWrite(ref ushort address, ushort value);
        public static void VolatileWrite(ref uint address, uint value);
        public static void VolatileWrite(ref ulong address, ulong value);
        public static void VolatileWrite(ref UIntPtr address, UIntPtr value);
        public static bool Yield();
    }

    /// <summary>A thread was ended.</summary>
    public sealed class ThreadAbortException : SystemException
    {
        public object ExceptionState { get; }
    }

    /// <summary>A waiting thread was woken.</summary>
    public class ThreadInterruptedException : SystemException
    {
        public ThreadInterruptedException() { }
        public ThreadInterruptedException(string message) { }
        protected ThreadInterruptedException(SerializationInfo info, StreamingContext context) { }
        public ThreadInterruptedException(string message, Exception innerException) { }
    }

    /// <summary>A value for each thread.</summary>
    public class ThreadLocal<T> : IDisposable
    {
        public ThreadLocal() { }
        public ThreadLocal(bool trackAllValues) { }
        public ThreadLocal(Func<T> valueFactory) { }
        public ThreadLocal(Func<T> valueFactory, bool trackAllValues) { }
        public bool IsValueCreated { get; }
        public T Value { get; set; }
        public IList<T> Values { get; }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
    }

    /// <summary>Threads that wait for work.</summary>
    public static class ThreadPool
    {
        public static bool BindHandle(IntPtr osHandle);
        public static bool BindHandle(SafeHandle osHandle);
        public static void GetAvailableThreads(out int workerThreads, out int completionPortThreads);
        public static void GetMaxThreads(out int workerThreads, out int completionPortThreads);
        public static void GetMinThreads(out int workerThreads, out int completionPortThreads);
        public static bool QueueUserWorkItem(WaitCallback callBack);
        public static bool QueueUserWorkItem(WaitCallback callBack, object state);
        public static bool QueueUserWorkItem<TState>(Action<TState> callBack, TState state, bool preferLocal);
        public static RegisteredWaitHandle RegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, int millisecondsTimeOutInterval, bool executeOnlyOnce);
        public static RegisteredWaitHandle RegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, long millisecondsTimeOutInterval, bool executeOnlyOnce);
        public static RegisteredWaitHandle RegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, TimeSpan timeout, bool executeOnlyOnce);
        public static RegisteredWaitHandle RegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, uint millisecondsTimeOutInterval, bool executeOnlyOnce);
        public static bool SetMaxThreads(int workerThreads, int completionPortThreads);
        public static bool SetMinThreads(int workerThreads, int completionPortThreads);
        public static bool UnsafeQueueNativeOverlapped(NativeOverlapped* overlapped);
        public static bool UnsafeQueueUserWorkItem(WaitCallback callBack, object state);
        public static bool UnsafeQueueUserWorkItem<TState>(Action<TState> callBack, TState state, bool preferLocal);
        public static RegisteredWaitHandle UnsafeRegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, int millisecondsTimeOutInterval, bool executeOnlyOnce);
        public static RegisteredWaitHandle UnsafeRegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, long millisecondsTimeOutInterval, bool executeOnlyOnce);
        public static RegisteredWaitHandle UnsafeRegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, TimeSpan timeout, bool executeOnlyOnce);
        public static RegisteredWaitHandle UnsafeRegisterWaitForSingleObject(WaitHandle waitObject, WaitOrTimerCallback callBack, object state, uint millisecondsTimeOutInterval, bool executeOnlyOnce);
    }

    /// <summary>How important a thread is.</summary>
    public enum ThreadPriority
    {
        Lowest,
        BelowNormal,
        Normal,
        AboveNormal,
        Highest,
    }

    /// <summary>What a thread does.</summary>
    public delegate void ThreadStart();

    /// <summary>What a thread is doing.</summary>
    public enum ThreadState
    {
        Running,
        StopRequested,
        SuspendRequested,
        Background,
        Unstarted,
        Stopped,
        WaitSleepJoin,
        Suspended,
        AbortRequested,
        Aborted,
    }

    /// <summary>How long is waited.</summary>
    public static class Timeout
    {
        public static int Infinite;
        public static TimeSpan InfiniteTimeSpan;
    }

    /// <summary>Calls a function again and again.</summary>
    public sealed class Timer : System.MarshalByRefObject, IDisposable, System.IAsyncDisposable
    {
        public Timer(TimerCallback callback) { }
        public Timer(TimerCallback callback, object state, int dueTime, int period) { }
        public Timer(TimerCallback callback, object state, long dueTime, long period) { }
        public Timer(TimerCallback callback, object state, TimeSpan dueTime, TimeSpan period) { }
        public Timer(TimerCallback callback, object state, uint dueTime, uint period) { }
        public bool Change(int dueTime, int period);
        public bool Change(long dueTime, long period);
        public bool Change(TimeSpan dueTime, TimeSpan period);
        public bool Change(uint dueTime, uint period);
        public void Dispose();
        public bool Dispose(WaitHandle notifyObject);
        public System.Threading.Tasks.ValueTask DisposeAsync();
    }

    /// <summary>Is called by a timer.</summary>
    public delegate void TimerCallback(object state);

    /// <summary>Reads and writes in order.</summary>
    public static class Volatile
    {
        public static bool Read(ref bool location);
        public static byte Read(ref byte location);
        public static double Read(ref double location);
        public static short Read(ref short location);
        public static int Read(ref int location);
        public static long Read(ref long location);
        public static IntPtr Read(ref IntPtr location);
        public static sbyte Read(ref sbyte location);
        public static float Read(ref float location);
        public static T Read<T>(ref T location) where T : class;
        public static ushort Read(ref ushort location);
        public static uint Read(ref uint location);
        public static ulong Read(ref ulong location);
        public static UIntPtr Read(ref UIntPtr location);
        public static void Write(ref bool location, bool value);
        public static void Write(ref byte location, byte value);
        public static void Write(ref double location, double value);
        public static void Write(ref short location, short value);
        public static void Write(ref int location, int value);
        public static void Write(ref long location, long value);
        public static void Write(ref IntPtr location, IntPtr value);
        public static void Write(ref sbyte location, sbyte value);
        public static void Write(ref float location, float value);
        public static void Write(ref ushort location, ushort value);
        public static void Write(ref uint location, uint value);
        public static void Write(ref ulong location, ulong value);
        public static void Write(ref UIntPtr location, UIntPtr value);
        public static void Write<T>(ref T location, T value) where T : class;
    }

    /// <summary>Work for a thread.</summary>
    public delegate void WaitCallback(object state);

    /// <summary>Can be waited for.</summary>
    public abstract class WaitHandle : System.MarshalByRefObject, IDisposable
    {
        protected static IntPtr InvalidHandle;
        public static int WaitTimeout;
        protected WaitHandle() { }
        public virtual IntPtr Handle { get; set; }
        public Microsoft.Win32.SafeHandles.SafeWaitHandle SafeWaitHandle { get; set; }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool explicitDisposing);
        public static bool SignalAndWait(WaitHandle toSignal, WaitHandle toWaitOn);
        public static bool SignalAndWait(WaitHandle toSignal, WaitHandle toWaitOn, int millisecondsTimeout, bool exitContext);
        public static bool SignalAndWait(WaitHandle toSignal, WaitHandle toWaitOn, TimeSpan timeout, bool exitContext);
        public static bool WaitAll(WaitHandle[] waitHandles);
        public static bool WaitAll(WaitHandle[] waitHandles, int millisecondsTimeout);
        public static bool WaitAll(WaitHandle[] waitHandles, TimeSpan timeout);
        public static bool WaitAll(WaitHandle[] waitHandles, int millisecondsTimeout, bool exitContext);
        public static bool WaitAll(WaitHandle[] waitHandles, TimeSpan timeout, bool exitContext);
        public static int WaitAny(WaitHandle[] waitHandles);
        public static int WaitAny(WaitHandle[] waitHandles, int millisecondsTimeout);
        public static int WaitAny(WaitHandle[] waitHandles, TimeSpan timeout);
        public static int WaitAny(WaitHandle[] waitHandles, int millisecondsTimeout, bool exitContext);
        public static int WaitAny(WaitHandle[] waitHandles, TimeSpan timeout, bool exitContext);
        public virtual bool WaitOne();
        public virtual bool WaitOne(int millisecondsTimeout);
        public virtual bool WaitOne(TimeSpan timeout);
        public virtual bool WaitOne(int millisecondsTimeout, bool exitContext);
        public virtual bool WaitOne(TimeSpan timeout, bool exitContext);
    }
}
