using System;
using System.Collections.Generic;
using System.Collections.ObjectModel;
using System.Linq.Expressions;

namespace System.Runtime.CompilerServices
{
    /// <summary>Gives the file of the caller.</summary>
    public sealed class CallerFilePathAttribute : Attribute
    {
        public CallerFilePathAttribute() { }
    }

    /// <summary>Gives the line of the caller.</summary>
    public sealed class CallerLineNumberAttribute : Attribute
    {
        public CallerLineNumberAttribute() { }
    }

    /// <summary>Gives the name of the caller.</summary>
    public sealed class CallerMemberNameAttribute : Attribute
    {
        public CallerMemberNameAttribute() { }
    }

    /// <summary>A place of a dynamic call.</summary>
    public class CallSite
    {
        public CallSiteBinder Binder { get; }
        public static CallSite Create(Type delegateType, CallSiteBinder binder);
    }

    /// <summary>A place of a dynamic call.</summary>
    public class CallSite<T> : CallSite where T : class
    {
        public T Target;
        public T Update { get; }
        public static CallSite<T> Create(CallSiteBinder binder);
    }

    /// <summary>Finds what a dynamic call means.</summary>
    public abstract class CallSiteBinder
    {
        protected CallSiteBinder() { }
        public static System.Linq.Expressions.LabelTarget UpdateLabel { get; }
        public abstract Expression Bind(object[] args, ReadOnlyCollection<ParameterExpression> parameters, System.Linq.Expressions.LabelTarget returnLabel);
        public virtual T BindDelegate<T>(CallSite<T> site, object[] args) where T : class;
        protected void CacheTarget<T>(T target) where T : class;
    }

    /// <summary>Marks what the compiler wrote.</summary>
    public sealed class CompilerGeneratedAttribute : Attribute
    {
        public CompilerGeneratedAttribute() { }
    }

    /// <summary>Values by objects that are not kept.</summary>
    public sealed class ConditionalWeakTable<TKey, TValue> : IEnumerable<KeyValuePair<TKey, TValue>> where TKey : class where TValue : class
    {
        public ConditionalWeakTable() { }
        public void Add(TKey key, TValue value);
        public void AddOrUpdate(TKey key, TValue value);
        public void Clear();
        public TValue GetOrCreateValue(TKey key);
        public TValue GetValue(TKey key, ConditionalWeakTable<TKey, TValue>.CreateValueCallback createValueCallback);
        public bool Remove(TKey key);
        public bool TryGetValue(TKey key, out TValue value);
        public delegate TValue CreateValueCallback(TKey key);
    }

    /// <summary>Marks what is dynamic.</summary>
    public sealed class DynamicAttribute : Attribute
    {
        public DynamicAttribute() { }
        public DynamicAttribute(bool[] transformFlags) { }
        public IList<bool> TransformFlags { get; }
    }

    /// <summary>Marks an extension method.</summary>
    public sealed class ExtensionAttribute : Attribute
    {
        public ExtensionAttribute() { }
    }

    /// <summary>Is told of the end of work.</summary>
    public interface ICriticalNotifyCompletion : INotifyCompletion
    {
        void UnsafeOnCompleted(Action continuation);
    }

    /// <summary>Is told of the end of work.</summary>
    public interface INotifyCompletion
    {
        void OnCompleted(Action continuation);
    }

    /// <summary>Shows what is internal to another library.</summary>
    public sealed class InternalsVisibleToAttribute : Attribute
    {
        public InternalsVisibleToAttribute(string assemblyName) { }
        public bool AllInternalsVisible { get; set; }
        public string AssemblyName { get; }
    }

    /// <summary>How a method is compiled.</summary>
    public sealed class MethodImplAttribute : Attribute
    {
        public MethodCodeType MethodCodeType;
        public MethodImplAttribute() { }
        public MethodImplAttribute(short value) { }
        public MethodImplAttribute(MethodImplOptions methodImplOptions) { }
        public MethodImplOptions Value { get; }
    }

    /// <summary>How methods are compiled.</summary>
    public enum MethodImplOptions
    {
        Unmanaged,
        NoInlining,
        ForwardRef,
        Synchronized,
        NoOptimization,
        PreserveSig,
        AggressiveInlining,
        InternalCall,
    }

    /// <summary>Helps the running program.</summary>
    public static class RuntimeHelpers
    {
        public static int OffsetToStringData { get; }
        public static void EnsureSufficientExecutionStack();
        public static bool Equals(object o1, object o2);
        public static void ExecuteCodeWithGuaranteedCleanup(RuntimeHelpers.TryCode code, RuntimeHelpers.CleanupCode backoutCode, object userData);
        public static int GetHashCode(object o);
        public static object GetObjectValue(object obj);
        public static T[] GetSubArray<T>(T[] array, System.Range range);
        public static object GetUninitializedObject(Type type);
        public static void InitializeArray(Array array, System.RuntimeFieldHandle fldHandle);
        public static bool IsReferenceOrContainsReferences<T>();
        public static void PrepareConstrainedRegions();
        public static void PrepareConstrainedRegionsNoOP();
        public static void PrepareContractedDelegate(Delegate d);
        public static void PrepareDelegate(Delegate d);
        public static void PrepareMethod(System.RuntimeMethodHandle method);
        public static void PrepareMethod(System.RuntimeMethodHandle method, RuntimeTypeHandle[] instantiation);
        public static void ProbeForSufficientStack();
        public static void RunClassConstructor(RuntimeTypeHandle type);
        public static void RunModuleConstructor(System.ModuleHandle module);
        public static bool TryEnsureSufficientExecutionStack();
        public delegate void CleanupCode(object userData, bool exceptionThrown);
        public delegate void TryCode(object userData);
    }

    /// <summary>Waits for a task.</summary>
    public struct TaskAwaiter : ICriticalNotifyCompletion
    {
        public bool IsCompleted { get; }
        public void GetResult();
        public void OnCompleted(Action continuation);
        public void UnsafeOnCompleted(Action continuation);
    }

    /// <summary>Waits for the value of a task.</summary>
    public struct TaskAwaiter<TResult> : ICriticalNotifyCompletion
    {
        public bool IsCompleted { get; }
        public TResult GetResult();
        public void OnCompleted(Action continuation);
        public void UnsafeOnCompleted(Action continuation);
    }
}
