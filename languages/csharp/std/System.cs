using System.Collections;
using System.Collections.Generic;
using System.Collections.ObjectModel;
using System.Globalization;
using System.IO;
using System.Reflection;
using System.Reflection.Emit;
using System.Runtime.InteropServices;
using System.Runtime.Serialization;
using System.Security.Principal;
using System.Text;
using System.Threading;

namespace System
{
    /// <summary>Memory that may not be used.</summary>
    public class AccessViolationException : SystemException
    {
        public AccessViolationException() { }
        public AccessViolationException(string message) { }
        protected AccessViolationException(SerializationInfo info, StreamingContext context) { }
        public AccessViolationException(string message, Exception innerException) { }
    }

    /// <summary>A function without a result.</summary>
    public delegate void Action();

    /// <summary>A function of one argument without a result.</summary>
    public delegate void Action<T>(T obj);

    /// <summary>A function of two arguments without a result.</summary>
    public delegate void Action<T1, T2>(T1 arg1, T2 arg2);

    /// <summary>A function of three arguments without a result.</summary>
    public delegate void Action<T1, T2, T3>(T1 arg1, T2 arg2, T3 arg3);

    /// <summary>A function of four arguments without a result.</summary>
    public delegate void Action<T1, T2, T3, T4>(T1 arg1, T2 arg2, T3 arg3, T4 arg4);

    /// <summary>A function of five arguments without a result.</summary>
    public delegate void Action<T1, T2, T3, T4, T5>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5);

    /// <summary>A function of six arguments without a result.</summary>
    public delegate void Action<T1, T2, T3, T4, T5, T6>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5, T6 arg6);

    /// <summary>A function of seven arguments without a result.</summary>
    public delegate void Action<T1, T2, T3, T4, T5, T6, T7>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5, T6 arg6, T7 arg7);

    /// <summary>A function of eight arguments without a result.</summary>
    public delegate void Action<T1, T2, T3, T4, T5, T6, T7, T8>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5, T6 arg6, T7 arg7, T8 arg8);

    /// <summary>Makes objects of types.</summary>
    public sealed class Activator : System.Runtime.InteropServices._Activator
    {
        public static System.Runtime.Remoting.ObjectHandle CreateComInstanceFrom(string assemblyName, string typeName);
        public static System.Runtime.Remoting.ObjectHandle CreateComInstanceFrom(string assemblyName, string typeName, byte[] hashValue, System.Configuration.Assemblies.AssemblyHashAlgorithm hashAlgorithm);
        public static T CreateInstance<T>();
        public static object CreateInstance(Type type);
        public static object CreateInstance(Type type, bool nonPublic);
        public static object CreateInstance(Type type, params object[] args);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName);
        public static object CreateInstance(Type type, object[] args, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(AppDomain domain, string assemblyName, string typeName);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName, object[] activationAttributes);
        public static object CreateInstance(Type type, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture);
        public static object CreateInstance(Type type, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(AppDomain domain, string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityInfo);
        public static System.Runtime.Remoting.ObjectHandle CreateInstance(AppDomain domain, string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(AppDomain domain, string assemblyFile, string typeName);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(AppDomain domain, string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityInfo);
        public static System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(AppDomain domain, string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityAttributes);
        public static object GetObject(Type type, string url);
        public static object GetObject(Type type, string url, object state);
    }

    /// <summary>Several exceptions.</summary>
    public class AggregateException : Exception
    {
        public AggregateException() { }
        public AggregateException(IEnumerable<Exception> innerExceptions) { }
        public AggregateException(params Exception[] innerExceptions) { }
        public AggregateException(string message) { }
        protected AggregateException(SerializationInfo info, StreamingContext context) { }
        public AggregateException(string message, IEnumerable<Exception> innerExceptions) { }
        public AggregateException(string message, Exception innerException) { }
        public AggregateException(string message, params Exception[] innerExceptions) { }
        public ReadOnlyCollection<Exception> InnerExceptions { get; }
        public override string Message { get; }
        public AggregateException Flatten();
        public override Exception GetBaseException();
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
        public void Handle(Func<Exception, bool> predicate);
    }

    /// <summary>A part of the process.</summary>
    public sealed class AppDomain : MarshalByRefObject, System.Security.IEvidenceFactory, _AppDomain
    {
        public ActivationContext ActivationContext { get; }
        public ApplicationIdentity ApplicationIdentity { get; }
        public System.Security.Policy.ApplicationTrust ApplicationTrust { get; }
        public string BaseDirectory { get; }
        public static AppDomain CurrentDomain { get; }
        public AppDomainManager DomainManager { get; }
        public string DynamicDirectory { get; }
        public System.Security.Policy.Evidence Evidence { get; }
        public string FriendlyName { get; }
        public int Id { get; }
        public bool IsFullyTrusted { get; }
        public bool IsHomogenous { get; }
        public static bool MonitoringIsEnabled { get; set; }
        public long MonitoringSurvivedMemorySize { get; }
        public static long MonitoringSurvivedProcessMemorySize { get; }
        public long MonitoringTotalAllocatedMemorySize { get; }
        public TimeSpan MonitoringTotalProcessorTime { get; }
        public System.Security.PermissionSet PermissionSet { get; }
        public string RelativeSearchPath { get; }
        public AppDomainSetup SetupInformation { get; }
        public bool ShadowCopyFiles { get; }
        public event AssemblyLoadEventHandler AssemblyLoad;
        public event ResolveEventHandler AssemblyResolve;
        public event EventHandler DomainUnload;
        public event EventHandler<System.Runtime.ExceptionServices.FirstChanceExceptionEventArgs> FirstChanceException;
        public event EventHandler ProcessExit;
        public event ResolveEventHandler ReflectionOnlyAssemblyResolve;
        public event ResolveEventHandler ResourceResolve;
        public event ResolveEventHandler TypeResolve;
        public event UnhandledExceptionEventHandler UnhandledException;
        public void AppendPrivatePath(string path);
        public string ApplyPolicy(string assemblyName);
        public void ClearPrivatePath();
        public void ClearShadowCopyPath();
        public System.Runtime.Remoting.ObjectHandle CreateComInstanceFrom(string assemblyName, string typeName);
        public System.Runtime.Remoting.ObjectHandle CreateComInstanceFrom(string assemblyFile, string typeName, byte[] hashValue, System.Configuration.Assemblies.AssemblyHashAlgorithm hashAlgorithm);
        public static AppDomain CreateDomain(string friendlyName);
        public static AppDomain CreateDomain(string friendlyName, System.Security.Policy.Evidence securityInfo);
        public static AppDomain CreateDomain(string friendlyName, System.Security.Policy.Evidence securityInfo, AppDomainSetup info);
        public static AppDomain CreateDomain(string friendlyName, System.Security.Policy.Evidence securityInfo, AppDomainSetup info, System.Security.PermissionSet grantSet, params System.Security.Policy.StrongName[] fullTrustAssemblies);
        public static AppDomain CreateDomain(string friendlyName, System.Security.Policy.Evidence securityInfo, string appBasePath, string appRelativeSearchPath, bool shadowCopyFiles);
        public static AppDomain CreateDomain(string friendlyName, System.Security.Policy.Evidence securityInfo, string appBasePath, string appRelativeSearchPath, bool shadowCopyFiles, AppDomainInitializer adInit, string[] adInitArgs);
        public System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName);
        public System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName, object[] activationAttributes);
        public System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public System.Runtime.Remoting.ObjectHandle CreateInstance(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityAttributes);
        public object CreateInstanceAndUnwrap(string assemblyName, string typeName);
        public object CreateInstanceAndUnwrap(string assemblyName, string typeName, object[] activationAttributes);
        public object CreateInstanceAndUnwrap(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public object CreateInstanceAndUnwrap(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityAttributes);
        public System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName);
        public System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName, object[] activationAttributes);
        public System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public System.Runtime.Remoting.ObjectHandle CreateInstanceFrom(string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityAttributes);
        public object CreateInstanceFromAndUnwrap(string assemblyName, string typeName);
        public object CreateInstanceFromAndUnwrap(string assemblyName, string typeName, object[] activationAttributes);
        public object CreateInstanceFromAndUnwrap(string assemblyFile, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public object CreateInstanceFromAndUnwrap(string assemblyName, string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes, System.Security.Policy.Evidence securityAttributes);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, IEnumerable<CustomAttributeBuilder> assemblyAttributes);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, System.Security.Policy.Evidence evidence);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, IEnumerable<CustomAttributeBuilder> assemblyAttributes, System.Security.SecurityContextSource securityContextSource);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir, System.Security.Policy.Evidence evidence);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, System.Security.PermissionSet requiredPermissions, System.Security.PermissionSet optionalPermissions, System.Security.PermissionSet refusedPermissions);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir, bool isSynchronized, IEnumerable<CustomAttributeBuilder> assemblyAttributes);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, System.Security.Policy.Evidence evidence, System.Security.PermissionSet requiredPermissions, System.Security.PermissionSet optionalPermissions, System.Security.PermissionSet refusedPermissions);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir, System.Security.PermissionSet requiredPermissions, System.Security.PermissionSet optionalPermissions, System.Security.PermissionSet refusedPermissions);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir, System.Security.Policy.Evidence evidence, System.Security.PermissionSet requiredPermissions, System.Security.PermissionSet optionalPermissions, System.Security.PermissionSet refusedPermissions);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir, System.Security.Policy.Evidence evidence, System.Security.PermissionSet requiredPermissions, System.Security.PermissionSet optionalPermissions, System.Security.PermissionSet refusedPermissions, bool isSynchronized);
        public AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, string dir, System.Security.Policy.Evidence evidence, System.Security.PermissionSet requiredPermissions, System.Security.PermissionSet optionalPermissions, System.Security.PermissionSet refusedPermissions, bool isSynchronized, IEnumerable<CustomAttributeBuilder> assemblyAttributes);
        public void DoCallBack(CrossAppDomainDelegate callBackDelegate);
        public int ExecuteAssembly(string assemblyFile);
        public int ExecuteAssembly(string assemblyFile, System.Security.Policy.Evidence assemblySecurity);
        public int ExecuteAssembly(string assemblyFile, string[] args);
        public int ExecuteAssembly(string assemblyFile, System.Security.Policy.Evidence assemblySecurity, string[] args);
        public int ExecuteAssembly(string assemblyFile, string[] args, byte[] hashValue, System.Configuration.Assemblies.AssemblyHashAlgorithm hashAlgorithm);
        public int ExecuteAssembly(string assemblyFile, System.Security.Policy.Evidence assemblySecurity, string[] args, byte[] hashValue, System.Configuration.Assemblies.AssemblyHashAlgorithm hashAlgorithm);
        public int ExecuteAssemblyByName(string assemblyName);
        public int ExecuteAssemblyByName(AssemblyName assemblyName, params string[] args);
        public int ExecuteAssemblyByName(string assemblyName, System.Security.Policy.Evidence assemblySecurity);
        public int ExecuteAssemblyByName(string assemblyName, params string[] args);
        public int ExecuteAssemblyByName(AssemblyName assemblyName, System.Security.Policy.Evidence assemblySecurity, params string[] args);
        public int ExecuteAssemblyByName(string assemblyName, System.Security.Policy.Evidence assemblySecurity, params string[] args);
        public Assembly[] GetAssemblies();
        public static int GetCurrentThreadId();
        public object GetData(string name);
        public Type GetType();
        public override object InitializeLifetimeService();
        public bool? IsCompatibilitySwitchSet(string value);
        public bool IsDefaultAppDomain();
        public bool IsFinalizingForUnload();
        public Assembly Load(byte[] rawAssembly);
        public Assembly Load(AssemblyName assemblyRef);
        public Assembly Load(string assemblyString);
        public Assembly Load(byte[] rawAssembly, byte[] rawSymbolStore);
        public Assembly Load(AssemblyName assemblyRef, System.Security.Policy.Evidence assemblySecurity);
        public Assembly Load(string assemblyString, System.Security.Policy.Evidence assemblySecurity);
        public Assembly Load(byte[] rawAssembly, byte[] rawSymbolStore, System.Security.Policy.Evidence securityEvidence);
        public Assembly[] ReflectionOnlyGetAssemblies();
        public void SetAppDomainPolicy(System.Security.Policy.PolicyLevel domainPolicy);
        public void SetCachePath(string path);
        public void SetData(string name, object data);
        public void SetData(string name, object data, System.Security.IPermission permission);
        public void SetDynamicBase(string path);
        public void SetPrincipalPolicy(System.Security.Principal.PrincipalPolicy policy);
        public void SetShadowCopyFiles();
        public void SetShadowCopyPath(string path);
        public void SetThreadPrincipal(IPrincipal principal);
        public static void Unload(AppDomain domain);
    }

    /// <summary>The base of exceptions of programs.</summary>
    public class ApplicationException : Exception
    {
        public ApplicationException() { }
        public ApplicationException(string message) { }
        protected ApplicationException(SerializationInfo info, StreamingContext context) { }
        public ApplicationException(string message, Exception innerException) { }
    }

    /// <summary>An argument that cannot be used.</summary>
    public class ArgumentException : SystemException
    {
        public ArgumentException() { }
        public ArgumentException(string message) { }
        protected ArgumentException(SerializationInfo info, StreamingContext context) { }
        public ArgumentException(string message, Exception innerException) { }
        public ArgumentException(string message, string paramName) { }
        public ArgumentException(string message, string paramName, Exception innerException) { }
        public override string Message { get; }
        public virtual string ParamName { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>An argument that is missing.</summary>
    public class ArgumentNullException : ArgumentException
    {
        public ArgumentNullException() { }
        public ArgumentNullException(string paramName) { }
        protected ArgumentNullException(SerializationInfo info, StreamingContext context) { }
        public ArgumentNullException(string message, Exception innerException) { }
        public ArgumentNullException(string paramName, string message) { }
    }

    /// <summary>An argument outside its range.</summary>
    public class ArgumentOutOfRangeException : ArgumentException
    {
        public ArgumentOutOfRangeException() { }
        public ArgumentOutOfRangeException(string paramName) { }
        protected ArgumentOutOfRangeException(SerializationInfo info, StreamingContext context) { }
        public ArgumentOutOfRangeException(string message, Exception innerException) { }
        public ArgumentOutOfRangeException(string paramName, string message) { }
        public ArgumentOutOfRangeException(string paramName, object actualValue, string message) { }
        public virtual object ActualValue { get; }
        public override string Message { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>A calculation that cannot be.</summary>
    public class ArithmeticException : SystemException
    {
        public ArithmeticException() { }
        public ArithmeticException(string message) { }
        protected ArithmeticException(SerializationInfo info, StreamingContext context) { }
        public ArithmeticException(string message, Exception innerException) { }
    }

    /// <summary>The base of all arrays.</summary>
    public abstract class Array : IList, IStructuralComparable, IStructuralEquatable, ICloneable
    {
        public bool IsFixedSize { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public int Length { get; }
        public long LongLength { get; }
        public int Rank { get; }
        public object SyncRoot { get; }
        public static ReadOnlyCollection<T> AsReadOnly<T>(T[] array);
        public static int BinarySearch(Array array, object value);
        public static int BinarySearch<T>(T[] array, T value);
        public static int BinarySearch(Array array, object value, IComparer comparer);
        public static int BinarySearch<T>(T[] array, T value, IComparer<T> comparer);
        public static int BinarySearch(Array array, int index, int length, object value);
        public static int BinarySearch<T>(T[] array, int index, int length, T value);
        public static int BinarySearch(Array array, int index, int length, object value, IComparer comparer);
        public static int BinarySearch<T>(T[] array, int index, int length, T value, IComparer<T> comparer);
        public static void Clear(Array array, int index, int length);
        public object Clone();
        public static void ConstrainedCopy(Array sourceArray, int sourceIndex, Array destinationArray, int destinationIndex, int length);
        public static TOutput[] ConvertAll<TInput, TOutput>(TInput[] array, Converter<TInput, TOutput> converter);
        public static void Copy(Array sourceArray, Array destinationArray, int length);
        public static void Copy(Array sourceArray, Array destinationArray, long length);
        public static void Copy(Array sourceArray, int sourceIndex, Array destinationArray, int destinationIndex, int length);
        public static void Copy(Array sourceArray, long sourceIndex, Array destinationArray, long destinationIndex, long length);
        public void CopyTo(Array array, int index);
        public void CopyTo(Array array, long index);
        public static Array CreateInstance(Type elementType, int length);
        public static Array CreateInstance(Type elementType, params int[] lengths);
        public static Array CreateInstance(Type elementType, params long[] lengths);
        public static Array CreateInstance(Type elementType, int length1, int length2);
        public static Array CreateInstance(Type elementType, int[] lengths, int[] lowerBounds);
        public static Array CreateInstance(Type elementType, int length1, int length2, int length3);
        public static T[] Empty<T>();
        public static bool Exists<T>(T[] array, Predicate<T> match);
        public static void Fill<T>(T[] array, T value);
        public static void Fill<T>(T[] array, T value, int startIndex, int count);
        public static T Find<T>(T[] array, Predicate<T> match);
        public static T[] FindAll<T>(T[] array, Predicate<T> match);
        public static int FindIndex<T>(T[] array, Predicate<T> match);
        public static int FindIndex<T>(T[] array, int startIndex, Predicate<T> match);
        public static int FindIndex<T>(T[] array, int startIndex, int count, Predicate<T> match);
        public static T FindLast<T>(T[] array, Predicate<T> match);
        public static int FindLastIndex<T>(T[] array, Predicate<T> match);
        public static int FindLastIndex<T>(T[] array, int startIndex, Predicate<T> match);
        public static int FindLastIndex<T>(T[] array, int startIndex, int count, Predicate<T> match);
        public static void ForEach<T>(T[] array, Action<T> action);
        public IEnumerator GetEnumerator();
        public int GetLength(int dimension);
        public long GetLongLength(int dimension);
        public int GetLowerBound(int dimension);
        public int GetUpperBound(int dimension);
        public object GetValue(int index);
        public object GetValue(params int[] indices);
        public object GetValue(long index);
        public object GetValue(params long[] indices);
        public object GetValue(int index1, int index2);
        public object GetValue(long index1, long index2);
        public object GetValue(int index1, int index2, int index3);
        public object GetValue(long index1, long index2, long index3);
        public static int IndexOf(Array array, object value);
        public static int IndexOf<T>(T[] array, T value);
        public static int IndexOf(Array array, object value, int startIndex);
        public static int IndexOf<T>(T[] array, T value, int startIndex);
        public static int IndexOf(Array array, object value, int startIndex, int count);
        public static int IndexOf<T>(T[] array, T value, int startIndex, int count);
        public void Initialize();
        public static int LastIndexOf(Array array, object value);
        public static int LastIndexOf<T>(T[] array, T value);
        public static int LastIndexOf(Array array, object value, int startIndex);
        public static int LastIndexOf<T>(T[] array, T value, int startIndex);
        public static int LastIndexOf(Array array, object value, int startIndex, int count);
        public static int LastIndexOf<T>(T[] array, T value, int startIndex, int count);
        public static void Resize<T>(ref T[] array, int newSize);
        public static void Reverse(Array array);
        public static void Reverse<T>(T[] array);
        public static void Reverse(Array array, int index, int length);
        public static void Reverse<T>(T[] array, int index, int length);
        public void SetValue(object value, int index);
        public void SetValue(object value, params int[] indices);
        public void SetValue(object value, long index);
        public void SetValue(object value, params long[] indices);
        public void SetValue(object value, int index1, int index2);
        public void SetValue(object value, long index1, long index2);
        public void SetValue(object value, int index1, int index2, int index3);
        public void SetValue(object value, long index1, long index2, long index3);
        public static void Sort(Array array);
        public static void Sort<T>(T[] array);
        public static void Sort(Array keys, Array items);
        public static void Sort(Array array, IComparer comparer);
        public static void Sort<TKey, TValue>(TKey[] keys, TValue[] items);
        public static void Sort<T>(T[] array, IComparer<T> comparer);
        public static void Sort<T>(T[] array, Comparison<T> comparison);
        public static void Sort(Array array, int index, int length);
        public static void Sort(Array keys, Array items, IComparer comparer);
        public static void Sort<TKey, TValue>(TKey[] keys, TValue[] items, IComparer<TKey> comparer);
        public static void Sort<T>(T[] array, int index, int length);
        public static void Sort(Array array, int index, int length, IComparer comparer);
        public static void Sort(Array keys, Array items, int index, int length);
        public static void Sort<TKey, TValue>(TKey[] keys, TValue[] items, int index, int length);
        public static void Sort<T>(T[] array, int index, int length, IComparer<T> comparer);
        public static void Sort(Array keys, Array items, int index, int length, IComparer comparer);
        public static void Sort<TKey, TValue>(TKey[] keys, TValue[] items, int index, int length, IComparer<TKey> comparer);
        public static bool TrueForAll<T>(T[] array, Predicate<T> match);
    }

    /// <summary>A part of an array.</summary>
    public struct ArraySegment<T> : IReadOnlyList<T>, IList<T>
    {
        public ArraySegment(T[] array) { }
        public ArraySegment(T[] array, int offset, int count) { }
        public T[] Array { get; }
        public int Count { get; }
        public static ArraySegment<T> Empty { get; }
        public T this[int index] { get; set; }
        public int Offset { get; }
        public void CopyTo(ArraySegment<T> destination);
        public void CopyTo(T[] destination);
        public void CopyTo(T[] destination, int destinationIndex);
        public bool Equals(ArraySegment<T> obj);
        public ArraySegment<T>.Enumerator GetEnumerator();
        public ArraySegment<T> Slice(int index);
        public ArraySegment<T> Slice(int index, int count);
        public T[] ToArray();
        public struct Enumerator : IEnumerator<T>
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }

    /// <summary>Is told of the end of work in the background.</summary>
    public delegate void AsyncCallback(IAsyncResult ar);

    /// <summary>The base of all attributes.</summary>
    public abstract class Attribute : System.Runtime.InteropServices._Attribute
    {
        protected Attribute() { }
        public virtual object TypeId { get; }
        public static Attribute GetCustomAttribute(Assembly element, Type attributeType);
        public static Attribute GetCustomAttribute(MemberInfo element, Type attributeType);
        public static Attribute GetCustomAttribute(Module element, Type attributeType);
        public static Attribute GetCustomAttribute(ParameterInfo element, Type attributeType);
        public static Attribute GetCustomAttribute(Assembly element, Type attributeType, bool inherit);
        public static Attribute GetCustomAttribute(MemberInfo element, Type attributeType, bool inherit);
        public static Attribute GetCustomAttribute(Module element, Type attributeType, bool inherit);
        public static Attribute GetCustomAttribute(ParameterInfo element, Type attributeType, bool inherit);
        public static Attribute[] GetCustomAttributes(Assembly element);
        public static Attribute[] GetCustomAttributes(MemberInfo element);
        public static Attribute[] GetCustomAttributes(Module element);
        public static Attribute[] GetCustomAttributes(ParameterInfo element);
        public static Attribute[] GetCustomAttributes(Assembly element, bool inherit);
        public static Attribute[] GetCustomAttributes(Assembly element, Type attributeType);
        public static Attribute[] GetCustomAttributes(MemberInfo element, bool inherit);
        public static Attribute[] GetCustomAttributes(MemberInfo element, Type type);
        public static Attribute[] GetCustomAttributes(Module element, bool inherit);
        public static Attribute[] GetCustomAttributes(Module element, Type attributeType);
        public static Attribute[] GetCustomAttributes(ParameterInfo element, bool inherit);
        public static Attribute[] GetCustomAttributes(ParameterInfo element, Type attributeType);
        public static Attribute[] GetCustomAttributes(Assembly element, Type attributeType, bool inherit);
        public static Attribute[] GetCustomAttributes(MemberInfo element, Type type, bool inherit);
        public static Attribute[] GetCustomAttributes(Module element, Type attributeType, bool inherit);
        public static Attribute[] GetCustomAttributes(ParameterInfo element, Type attributeType, bool inherit);
        public virtual bool IsDefaultAttribute();
        public static bool IsDefined(Assembly element, Type attributeType);
        public static bool IsDefined(MemberInfo element, Type attributeType);
        public static bool IsDefined(Module element, Type attributeType);
        public static bool IsDefined(ParameterInfo element, Type attributeType);
        public static bool IsDefined(Assembly element, Type attributeType, bool inherit);
        public static bool IsDefined(MemberInfo element, Type attributeType, bool inherit);
        public static bool IsDefined(Module element, Type attributeType, bool inherit);
        public static bool IsDefined(ParameterInfo element, Type attributeType, bool inherit);
        public virtual bool Match(object obj);
    }

    /// <summary>Where an attribute may stand.</summary>
    public enum AttributeTargets
    {
        Assembly,
        Module,
        Class,
        Struct,
        Enum,
        Constructor,
        Method,
        Property,
        Field,
        Event,
        Interface,
        Parameter,
        Delegate,
        ReturnValue,
        GenericParameter,
        All,
    }

    /// <summary>Says where an attribute may stand.</summary>
    public sealed class AttributeUsageAttribute : Attribute
    {
        public AttributeUsageAttribute(AttributeTargets validOn) { }
        public bool AllowMultiple { get; set; }
        public bool Inherited { get; set; }
        public AttributeTargets ValidOn { get; }
    }

    /// <summary>A file that is no program.</summary>
    public class BadImageFormatException : SystemException
    {
        public BadImageFormatException() { }
        public BadImageFormatException(string message) { }
        protected BadImageFormatException(SerializationInfo info, StreamingContext context) { }
        public BadImageFormatException(string message, Exception inner) { }
        public BadImageFormatException(string message, string fileName) { }
        public BadImageFormatException(string message, string fileName, Exception inner) { }
        public string FileName { get; }
        public string FusionLog { get; }
        public override string Message { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>Numbers as bytes.</summary>
    public static class BitConverter
    {
        public static bool IsLittleEndian;
        public static long DoubleToInt64Bits(double value);
        public static byte[] GetBytes(bool value);
        public static byte[] GetBytes(char value);
        public static byte[] GetBytes(double value);
        public static byte[] GetBytes(short value);
        public static byte[] GetBytes(int value);
        public static byte[] GetBytes(long value);
        public static byte[] GetBytes(float value);
        public static byte[] GetBytes(ushort value);
        public static byte[] GetBytes(uint value);
        public static byte[] GetBytes(ulong value);
        public static float Int32BitsToSingle(int value);
        public static double Int64BitsToDouble(long value);
        public static int SingleToInt32Bits(float value);
        public static bool ToBoolean(ReadOnlySpan<byte> value);
        public static bool ToBoolean(byte[] value, int startIndex);
        public static char ToChar(ReadOnlySpan<byte> value);
        public static char ToChar(byte[] value, int startIndex);
        public static double ToDouble(ReadOnlySpan<byte> value);
        public static double ToDouble(byte[] value, int startIndex);
        public static short ToInt16(ReadOnlySpan<byte> value);
        public static short ToInt16(byte[] value, int startIndex);
        public static int ToInt32(ReadOnlySpan<byte> value);
        public static int ToInt32(byte[] value, int startIndex);
        public static long ToInt64(ReadOnlySpan<byte> value);
        public static long ToInt64(byte[] value, int startIndex);
        public static float ToSingle(ReadOnlySpan<byte> value);
        public static float ToSingle(byte[] value, int startIndex);
        public static string ToString(byte[] value);
        public static string ToString(byte[] value, int startIndex);
        public static string ToString(byte[] value, int startIndex, int length);
        public static ushort ToUInt16(ReadOnlySpan<byte> value);
        public static ushort ToUInt16(byte[] value, int startIndex);
        public static uint ToUInt32(ReadOnlySpan<byte> value);
        public static uint ToUInt32(byte[] value, int startIndex);
        public static ulong ToUInt64(ReadOnlySpan<byte> value);
        public static ulong ToUInt64(byte[] value, int startIndex);
        public static bool TryWriteBytes(Span<byte> destination, bool value);
        public static bool TryWriteBytes(Span<byte> destination, char value);
        public static bool TryWriteBytes(Span<byte> destination, double value);
        public static bool TryWriteBytes(Span<byte> destination, short value);
        public static bool TryWriteBytes(Span<byte> destination, int value);
        public static bool TryWriteBytes(Span<byte> destination, long value);
        public static bool TryWriteBytes(Span<byte> destination, float value);
        public static bool TryWriteBytes(Span<byte> destination, ushort value);
        public static bool TryWriteBytes(Span<byte> destination, uint value);
        public static bool TryWriteBytes(Span<byte> destination, ulong value);
    }

    /// <summary>Yes or no.</summary>
    public struct Boolean : IComparable, IComparable<bool>, IConvertible, IEquatable<bool>
    {
        public static string FalseString;
        public static string TrueString;
        public int CompareTo(bool value);
        public int CompareTo(object obj);
        public bool Equals(bool obj);
        public TypeCode GetTypeCode();
        public static bool Parse(ReadOnlySpan<char> value);
        public static bool Parse(string value);
        public string ToString(IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten);
        public static bool TryParse(ReadOnlySpan<char> value, out bool result);
        public static bool TryParse(string value, out bool result);
    }

    /// <summary>Copies bytes.</summary>
    public static class Buffer
    {
        public static void BlockCopy(Array src, int srcOffset, Array dst, int dstOffset, int count);
        public static int ByteLength(Array array);
        public static byte GetByte(Array array, int index);
        public static void MemoryCopy(void* source, void* destination, long destinationSizeInBytes, long sourceBytesToCopy);
        public static void MemoryCopy(void* source, void* destination, ulong destinationSizeInBytes, ulong sourceBytesToCopy);
        public static void SetByte(Array array, int index, byte value);
    }

    /// <summary>A number of 8 bits without a sign.</summary>
    public struct Byte : IComparable, IComparable<byte>, IConvertible, IEquatable<byte>, IFormattable
    {
        public static byte MaxValue;
        public static byte MinValue;
        public int CompareTo(byte value);
        public int CompareTo(object value);
        public bool Equals(byte obj);
        public TypeCode GetTypeCode();
        public static byte Parse(string s);
        public static byte Parse(string s, NumberStyles style);
        public static byte Parse(string s, IFormatProvider provider);
        public static byte Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static byte Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out byte result);
        public static bool TryParse(string s, out byte result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out byte result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out byte result);
    }

    /// <summary>A letter.</summary>
    public struct Char : IComparable, IComparable<char>, IConvertible, IEquatable<char>
    {
        public static char MaxValue;
        public static char MinValue;
        public int CompareTo(char value);
        public int CompareTo(object value);
        public static string ConvertFromUtf32(int utf32);
        public static int ConvertToUtf32(char highSurrogate, char lowSurrogate);
        public static int ConvertToUtf32(string s, int index);
        public bool Equals(char obj);
        public static double GetNumericValue(char c);
        public static double GetNumericValue(string s, int index);
        public TypeCode GetTypeCode();
        public static UnicodeCategory GetUnicodeCategory(char c);
        public static UnicodeCategory GetUnicodeCategory(string s, int index);
        public static bool IsControl(char c);
        public static bool IsControl(string s, int index);
        public static bool IsDigit(char c);
        public static bool IsDigit(string s, int index);
        public static bool IsHighSurrogate(char c);
        public static bool IsHighSurrogate(string s, int index);
        public static bool IsLetter(char c);
        public static bool IsLetter(string s, int index);
        public static bool IsLetterOrDigit(char c);
        public static bool IsLetterOrDigit(string s, int index);
        public static bool IsLowSurrogate(char c);
        public static bool IsLowSurrogate(string s, int index);
        public static bool IsLower(char c);
        public static bool IsLower(string s, int index);
        public static bool IsNumber(char c);
        public static bool IsNumber(string s, int index);
        public static bool IsPunctuation(char c);
        public static bool IsPunctuation(string s, int index);
        public static bool IsSeparator(char c);
        public static bool IsSeparator(string s, int index);
        public static bool IsSurrogate(char c);
        public static bool IsSurrogate(string s, int index);
        public static bool IsSurrogatePair(char highSurrogate, char lowSurrogate);
        public static bool IsSurrogatePair(string s, int index);
        public static bool IsSymbol(char c);
        public static bool IsSymbol(string s, int index);
        public static bool IsUpper(char c);
        public static bool IsUpper(string s, int index);
        public static bool IsWhiteSpace(char c);
        public static bool IsWhiteSpace(string s, int index);
        public static char Parse(string s);
        public static char ToLower(char c);
        public static char ToLower(char c, CultureInfo culture);
        public static char ToLowerInvariant(char c);
        public static string ToString(char c);
        public string ToString(IFormatProvider provider);
        public static char ToUpper(char c);
        public static char ToUpper(char c, CultureInfo culture);
        public static char ToUpperInvariant(char c);
        public static bool TryParse(string s, out char result);
    }

    /// <summary>Says whether all languages can use it.</summary>
    public sealed class CLSCompliantAttribute : Attribute
    {
        public CLSCompliantAttribute(bool isCompliant) { }
        public bool IsCompliant { get; }
    }

    /// <summary>Compares two values.</summary>
    public delegate int Comparison<T>(T x, T y);

    /// <summary>The terminal.</summary>
    public static class Console
    {
        public static ConsoleColor BackgroundColor { get; set; }
        public static int BufferHeight { get; set; }
        public static int BufferWidth { get; set; }
        public static bool CapsLock { get; }
        public static int CursorLeft { get; set; }
        public static int CursorSize { get; set; }
        public static int CursorTop { get; set; }
        public static bool CursorVisible { get; set; }
        public static TextWriter Error { get; }
        public static ConsoleColor ForegroundColor { get; set; }
        public static TextReader In { get; }
        public static Encoding InputEncoding { get; set; }
        public static bool IsErrorRedirected { get; }
        public static bool IsInputRedirected { get; }
        public static bool IsOutputRedirected { get; }
        public static bool KeyAvailable { get; }
        public static int LargestWindowHeight { get; }
        public static int LargestWindowWidth { get; }
        public static bool NumberLock { get; }
        public static TextWriter Out { get; }
        public static Encoding OutputEncoding { get; set; }
        public static string Title { get; set; }
        public static bool TreatControlCAsInput { get; set; }
        public static int WindowHeight { get; set; }
        public static int WindowLeft { get; set; }
        public static int WindowTop { get; set; }
        public static int WindowWidth { get; set; }
        public static event ConsoleCancelEventHandler CancelKeyPress;
        public static void Beep();
        public static void Beep(int frequency, int duration);
        public static void Clear();
        public static void MoveBufferArea(int sourceLeft, int sourceTop, int sourceWidth, int sourceHeight, int targetLeft, int targetTop);
        public static void MoveBufferArea(int sourceLeft, int sourceTop, int sourceWidth, int sourceHeight, int targetLeft, int targetTop, char sourceChar, ConsoleColor sourceForeColor, ConsoleColor sourceBackColor);
        public static Stream OpenStandardError();
        public static Stream OpenStandardError(int bufferSize);
        public static Stream OpenStandardInput();
        public static Stream OpenStandardInput(int bufferSize);
        public static Stream OpenStandardOutput();
        public static Stream OpenStandardOutput(int bufferSize);
        public static int Read();
        public static ConsoleKeyInfo ReadKey();
        public static ConsoleKeyInfo ReadKey(bool intercept);
        /// <summary>Reads a line.</summary>
        public static string ReadLine();
        public static void ResetColor();
        public static void SetBufferSize(int width, int height);
        public static void SetCursorPosition(int left, int top);
        public static void SetError(TextWriter newError);
        public static void SetIn(TextReader newIn);
        public static void SetOut(TextWriter newOut);
        public static void SetWindowPosition(int left, int top);
        public static void SetWindowSize(int width, int height);
        /// <summary>Writes.</summary>
        public static void Write(bool value);
        public static void Write(char value);
        public static void Write(char[] buffer);
        public static void Write(double value);
        public static void Write(int value);
        public static void Write(long value);
        public static void Write(float value);
        public static void Write(decimal value);
        public static void Write(object value);
        public static void Write(string value);
        public static void Write(uint value);
        public static void Write(ulong value);
        public static void Write(string format, object arg0);
        public static void Write(string format, params object[] arg);
        public static void Write(char[] buffer, int index, int count);
        public static void Write(string format, object arg0, object arg1);
        public static void Write(string format, object arg0, object arg1, object arg2);
        public static void Write(string format, object arg0, object arg1, object arg2, object arg3);
        /// <summary>Writes a line.</summary>
        public static void WriteLine();
        public static void WriteLine(bool value);
        public static void WriteLine(char value);
        public static void WriteLine(char[] buffer);
        public static void WriteLine(double value);
        public static void WriteLine(int value);
        public static void WriteLine(long value);
        public static void WriteLine(float value);
        public static void WriteLine(decimal value);
        public static void WriteLine(object value);
        public static void WriteLine(string value);
        public static void WriteLine(uint value);
        public static void WriteLine(ulong value);
        public static void WriteLine(string format, object arg0);
        public static void WriteLine(string format, params object[] arg);
        public static void WriteLine(char[] buffer, int index, int count);
        public static void WriteLine(string format, object arg0, object arg1);
        public static void WriteLine(string format, object arg0, object arg1, object arg2);
        public static void WriteLine(string format, object arg0, object arg1, object arg2, object arg3);
    }

    /// <summary>Colours of the terminal.</summary>
    public enum ConsoleColor
    {
        Black,
        DarkBlue,
        DarkGreen,
        DarkCyan,
        DarkRed,
        DarkMagenta,
        DarkYellow,
        Gray,
        DarkGray,
        Blue,
        Green,
        Cyan,
        Red,
        Magenta,
        Yellow,
        White,
    }

    /// <summary>Keys.</summary>
    public enum ConsoleKey
    {
        Backspace,
        Tab,
        Clear,
        Enter,
        Pause,
        Escape,
        Spacebar,
        PageUp,
        PageDown,
        End,
        Home,
        LeftArrow,
        UpArrow,
        RightArrow,
        DownArrow,
        Select,
        Print,
        Execute,
        PrintScreen,
        Insert,
        Delete,
        Help,
        D0,
        D1,
        D2,
        D3,
        D4,
        D5,
        D6,
        D7,
        D8,
        D9,
        A,
        B,
        C,
        D,
        E,
        F,
        G,
        H,
        I,
        J,
        K,
        L,
        M,
        N,
        O,
        P,
        Q,
        R,
        S,
        T,
        U,
        V,
        W,
        X,
        Y,
        Z,
        LeftWindows,
        RightWindows,
        Applications,
        Sleep,
        NumPad0,
        NumPad1,
        NumPad2,
        NumPad3,
        NumPad4,
        NumPad5,
        NumPad6,
        NumPad7,
        NumPad8,
        NumPad9,
        Multiply,
        Add,
        Separator,
        Subtract,
        Decimal,
        Divide,
        F1,
        F2,
        F3,
        F4,
        F5,
        F6,
        F7,
        F8,
        F9,
        F10,
        F11,
        F12,
        F13,
        F14,
        F15,
        F16,
        F17,
        F18,
        F19,
        F20,
        F21,
        F22,
        F23,
        F24,
        BrowserBack,
        BrowserForward,
        BrowserRefresh,
        BrowserStop,
        BrowserSearch,
        BrowserFavorites,
        BrowserHome,
        VolumeMute,
        VolumeDown,
        VolumeUp,
        MediaNext,
        MediaPrevious,
        MediaStop,
        MediaPlay,
        LaunchMail,
        LaunchMediaSelect,
        LaunchApp1,
        LaunchApp2,
        Oem1,
        OemPlus,
        OemComma,
        OemMinus,
        OemPeriod,
        Oem2,
        Oem3,
        Oem4,
        Oem5,
        Oem6,
        Oem7,
        Oem8,
        Oem102,
        Process,
        Packet,
        Attention,
        CrSel,
        ExSel,
        EraseEndOfFile,
        Play,
        Zoom,
        NoName,
        Pa1,
        OemClear,
    }

    /// <summary>A key that was pressed.</summary>
    public struct ConsoleKeyInfo
    {
        public ConsoleKeyInfo(char keyChar, ConsoleKey key, bool shift, bool alt, bool control) { }
        public ConsoleKey Key { get; }
        public char KeyChar { get; }
        public ConsoleModifiers Modifiers { get; }
        public bool Equals(ConsoleKeyInfo obj);
    }

    /// <summary>Plain types of others.</summary>
    public static class Convert
    {
        public static object DBNull;
        public static object ChangeType(object value, Type conversionType);
        public static object ChangeType(object value, TypeCode typeCode);
        public static object ChangeType(object value, Type conversionType, IFormatProvider provider);
        public static object ChangeType(object value, TypeCode typeCode, IFormatProvider provider);
        public static byte[] FromBase64CharArray(char[] inArray, int offset, int length);
        public static byte[] FromBase64String(string s);
        public static TypeCode GetTypeCode(object value);
        public static bool IsDBNull(object value);
        public static int ToBase64CharArray(byte[] inArray, int offsetIn, int length, char[] outArray, int offsetOut);
        public static int ToBase64CharArray(byte[] inArray, int offsetIn, int length, char[] outArray, int offsetOut, Base64FormattingOptions options);
        public static string ToBase64String(byte[] inArray);
        public static string ToBase64String(byte[] inArray, Base64FormattingOptions options);
        public static string ToBase64String(ReadOnlySpan<byte> bytes, Base64FormattingOptions options = default(Base64FormattingOptions));
        public static string ToBase64String(byte[] inArray, int offset, int length);
        public static string ToBase64String(byte[] inArray, int offset, int length, Base64FormattingOptions options);
        public static bool ToBoolean(bool value);
        public static bool ToBoolean(byte value);
        public static bool ToBoolean(char value);
        public static bool ToBoolean(double value);
        public static bool ToBoolean(short value);
        public static bool ToBoolean(int value);
        public static bool ToBoolean(long value);
        public static bool ToBoolean(sbyte value);
        public static bool ToBoolean(float value);
        public static bool ToBoolean(DateTime value);
        public static bool ToBoolean(decimal value);
        public static bool ToBoolean(object value);
        public static bool ToBoolean(string value);
        public static bool ToBoolean(ushort value);
        public static bool ToBoolean(uint value);
        public static bool ToBoolean(ulong value);
        public static bool ToBoolean(object value, IFormatProvider provider);
        public static bool ToBoolean(string value, IFormatProvider provider);
        public static byte ToByte(bool value);
        public static byte ToByte(byte value);
        public static byte ToByte(char value);
        public static byte ToByte(double value);
        public static byte ToByte(short value);
        public static byte ToByte(int value);
        public static byte ToByte(long value);
        public static byte ToByte(sbyte value);
        public static byte ToByte(float value);
        public static byte ToByte(DateTime value);
        public static byte ToByte(decimal value);
        public static byte ToByte(object value);
        public static byte ToByte(string value);
        public static byte ToByte(ushort value);
        public static byte ToByte(uint value);
        public static byte ToByte(ulong value);
        public static byte ToByte(object value, IFormatProvider provider);
        public static byte ToByte(string value, int fromBase);
        public static byte ToByte(string value, IFormatProvider provider);
        public static char ToChar(bool value);
        public static char ToChar(byte value);
        public static char ToChar(char value);
        public static char ToChar(double value);
        public static char ToChar(short value);
        public static char ToChar(int value);
        public static char ToChar(long value);
        public static char ToChar(sbyte value);
        public static char ToChar(float value);
        public static char ToChar(DateTime value);
        public static char ToChar(decimal value);
        public static char ToChar(object value);
        public static char ToChar(string value);
        public static char ToChar(ushort value);
        public static char ToChar(uint value);
        public static char ToChar(ulong value);
        public static char ToChar(object value, IFormatProvider provider);
        public static char ToChar(string value, IFormatProvider provider);
        public static DateTime ToDateTime(bool value);
        public static DateTime ToDateTime(byte value);
        public static DateTime ToDateTime(char value);
        public static DateTime ToDateTime(double value);
        public static DateTime ToDateTime(short value);
        public static DateTime ToDateTime(int value);
        public static DateTime ToDateTime(long value);
        public static DateTime ToDateTime(sbyte value);
        public static DateTime ToDateTime(float value);
        public static DateTime ToDateTime(DateTime value);
        public static DateTime ToDateTime(decimal value);
        public static DateTime ToDateTime(object value);
        public static DateTime ToDateTime(string value);
        public static DateTime ToDateTime(ushort value);
        public static DateTime ToDateTime(uint value);
        public static DateTime ToDateTime(ulong value);
        public static DateTime ToDateTime(object value, IFormatProvider provider);
        public static DateTime ToDateTime(string value, IFormatProvider provider);
        public static decimal ToDecimal(bool value);
        public static decimal ToDecimal(byte value);
        public static decimal ToDecimal(char value);
        public static decimal ToDecimal(double value);
        public static decimal ToDecimal(short value);
        public static decimal ToDecimal(int value);
        public static decimal ToDecimal(long value);
        public static decimal ToDecimal(sbyte value);
        public static decimal ToDecimal(float value);
        public static decimal ToDecimal(DateTime value);
        public static decimal ToDecimal(decimal value);
        public static decimal ToDecimal(object value);
        public static decimal ToDecimal(string value);
        public static decimal ToDecimal(ushort value);
        public static decimal ToDecimal(uint value);
        public static decimal ToDecimal(ulong value);
        public static decimal ToDecimal(object value, IFormatProvider provider);
        public static decimal ToDecimal(string value, IFormatProvider provider);
        public static double ToDouble(bool value);
        public static double ToDouble(byte value);
        public static double ToDouble(char value);
        public static double ToDouble(double value);
        public static double ToDouble(short value);
        public static double ToDouble(int value);
        public static double ToDouble(long value);
        public static double ToDouble(sbyte value);
        public static double ToDouble(float value);
        public static double ToDouble(DateTime value);
        public static double ToDouble(decimal value);
        public static double ToDouble(object value);
        public static double ToDouble(string value);
        public static double ToDouble(ushort value);
        public static double ToDouble(uint value);
        public static double ToDouble(ulong value);
        public static double ToDouble(object value, IFormatProvider provider);
        public static double ToDouble(string value, IFormatProvider provider);
        public static short ToInt16(bool value);
        public static short ToInt16(byte value);
        public static short ToInt16(char value);
        public static short ToInt16(double value);
        public static short ToInt16(short value);
        public static short ToInt16(int value);
        public static short ToInt16(long value);
        public static short ToInt16(sbyte value);
        public static short ToInt16(float value);
        public static short ToInt16(DateTime value);
        public static short ToInt16(decimal value);
        public static short ToInt16(object value);
        public static short ToInt16(string value);
        public static short ToInt16(ushort value);
        public static short ToInt16(uint value);
        public static short ToInt16(ulong value);
        public static short ToInt16(object value, IFormatProvider provider);
        public static short ToInt16(string value, int fromBase);
        public static short ToInt16(string value, IFormatProvider provider);
        public static int ToInt32(bool value);
        public static int ToInt32(byte value);
        public static int ToInt32(char value);
        public static int ToInt32(double value);
        public static int ToInt32(short value);
        public static int ToInt32(int value);
        public static int ToInt32(long value);
        public static int ToInt32(sbyte value);
        public static int ToInt32(float value);
        public static int ToInt32(DateTime value);
        public static int ToInt32(decimal value);
        public static int ToInt32(object value);
        public static int ToInt32(string value);
        public static int ToInt32(ushort value);
        public static int ToInt32(uint value);
        public static int ToInt32(ulong value);
        public static int ToInt32(object value, IFormatProvider provider);
        public static int ToInt32(string value, int fromBase);
        public static int ToInt32(string value, IFormatProvider provider);
        public static long ToInt64(bool value);
        public static long ToInt64(byte value);
        public static long ToInt64(char value);
        public static long ToInt64(double value);
        public static long ToInt64(short value);
        public static long ToInt64(int value);
        public static long ToInt64(long value);
        public static long ToInt64(sbyte value);
        public static long ToInt64(float value);
        public static long ToInt64(DateTime value);
        public static long ToInt64(decimal value);
        public static long ToInt64(object value);
        public static long ToInt64(string value);
        public static long ToInt64(ushort value);
        public static long ToInt64(uint value);
        public static long ToInt64(ulong value);
        public static long ToInt64(object value, IFormatProvider provider);
        public static long ToInt64(string value, int fromBase);
        public static long ToInt64(string value, IFormatProvider provider);
        public static sbyte ToSByte(bool value);
        public static sbyte ToSByte(byte value);
        public static sbyte ToSByte(char value);
        public static sbyte ToSByte(double value);
        public static sbyte ToSByte(short value);
        public static sbyte ToSByte(int value);
        public static sbyte ToSByte(long value);
        public static sbyte ToSByte(sbyte value);
        public static sbyte ToSByte(float value);
        public static sbyte ToSByte(DateTime value);
        public static sbyte ToSByte(decimal value);
        public static sbyte ToSByte(object value);
        public static sbyte ToSByte(string value);
        public static sbyte ToSByte(ushort value);
        public static sbyte ToSByte(uint value);
        public static sbyte ToSByte(ulong value);
        public static sbyte ToSByte(object value, IFormatProvider provider);
        public static sbyte ToSByte(string value, int fromBase);
        public static sbyte ToSByte(string value, IFormatProvider provider);
        public static float ToSingle(bool value);
        public static float ToSingle(byte value);
        public static float ToSingle(char value);
        public static float ToSingle(double value);
        public static float ToSingle(short value);
        public static float ToSingle(int value);
        public static float ToSingle(long value);
        public static float ToSingle(sbyte value);
        public static float ToSingle(float value);
        public static float ToSingle(DateTime value);
        public static float ToSingle(decimal value);
        public static float ToSingle(object value);
        public static float ToSingle(string value);
        public static float ToSingle(ushort value);
        public static float ToSingle(uint value);
        public static float ToSingle(ulong value);
        public static float ToSingle(object value, IFormatProvider provider);
        public static float ToSingle(string value, IFormatProvider provider);
        public static string ToString(bool value);
        public static string ToString(byte value);
        public static string ToString(char value);
        public static string ToString(double value);
        public static string ToString(short value);
        public static string ToString(int value);
        public static string ToString(long value);
        public static string ToString(sbyte value);
        public static string ToString(float value);
        public static string ToString(DateTime value);
        public static string ToString(decimal value);
        public static string ToString(object value);
        public static string ToString(string value);
        public static string ToString(ushort value);
        public static string ToString(uint value);
        public static string ToString(ulong value);
        public static string ToString(bool value, IFormatProvider provider);
        public static string ToString(byte value, int toBase);
        public static string ToString(byte value, IFormatProvider provider);
        public static string ToString(char value, IFormatProvider provider);
        public static string ToString(double value, IFormatProvider provider);
        public static string ToString(short value, int toBase);
        public static string ToString(short value, IFormatProvider provider);
        public static string ToString(int value, int toBase);
        public static string ToString(int value, IFormatProvider provider);
        public static string ToString(long value, int toBase);
        public static string ToString(long value, IFormatProvider provider);
        public static string ToString(sbyte value, IFormatProvider provider);
        public static string ToString(float value, IFormatProvider provider);
        public static string ToString(DateTime value, IFormatProvider provider);
        public static string ToString(decimal value, IFormatProvider provider);
        public static string ToString(object value, IFormatProvider provider);
        public static string ToString(string value, IFormatProvider provider);
        public static string ToString(ushort value, IFormatProvider provider);
        public static string ToString(uint value, IFormatProvider provider);
        public static string ToString(ulong value, IFormatProvider provider);
        public static ushort ToUInt16(bool value);
        public static ushort ToUInt16(byte value);
        public static ushort ToUInt16(char value);
        public static ushort ToUInt16(double value);
        public static ushort ToUInt16(short value);
        public static ushort ToUInt16(int value);
        public static ushort ToUInt16(long value);
        public static ushort ToUInt16(sbyte value);
        public static ushort ToUInt16(float value);
        public static ushort ToUInt16(DateTime value);
        public static ushort ToUInt16(decimal value);
        public static ushort ToUInt16(object value);
        public static ushort ToUInt16(string value);
        public static ushort ToUInt16(ushort value);
        public static ushort ToUInt16(uint value);
        public static ushort ToUInt16(ulong value);
        public static ushort ToUInt16(object value, IFormatProvider provider);
        public static ushort ToUInt16(string value, int fromBase);
        public static ushort ToUInt16(string value, IFormatProvider provider);
        public static uint ToUInt32(bool value);
        public static uint ToUInt32(byte value);
        public static uint ToUInt32(char value);
        public static uint ToUInt32(double value);
        public static uint ToUInt32(short value);
        public static uint ToUInt32(int value);
        public static uint ToUInt32(long value);
        public static uint ToUInt32(sbyte value);
        public static uint ToUInt32(float value);
        public static uint ToUInt32(DateTime value);
        public static uint ToUInt32(decimal value);
        public static uint ToUInt32(object value);
        public static uint ToUInt32(string value);
        public static uint ToUInt32(ushort value);
        public static uint ToUInt32(uint value);
        public static uint ToUInt32(ulong value);
        public static uint ToUInt32(object value, IFormatProvider provider);
        public static uint ToUInt32(string value, int fromBase);
        public static uint ToUInt32(string value, IFormatProvider provider);
        public static ulong ToUInt64(bool value);
        public static ulong ToUInt64(byte value);
        public static ulong ToUInt64(char value);
        public static ulong ToUInt64(double value);
        public static ulong ToUInt64(short value);
        public static ulong ToUInt64(int value);
        public static ulong ToUInt64(long value);
        public static ulong ToUInt64(sbyte value);
        public static ulong ToUInt64(float value);
        public static ulong ToUInt64(DateTime value);
        public static ulong ToUInt64(decimal value);
        public static ulong ToUInt64(object value);
        public static ulong ToUInt64(string value);
        public static ulong ToUInt64(ushort value);
        public static ulong ToUInt64(uint value);
        public static ulong ToUInt64(ulong value);
        public static ulong ToUInt64(object value, IFormatProvider provider);
        public static ulong ToUInt64(string value, int fromBase);
        public static ulong ToUInt64(string value, IFormatProvider provider);
        public static bool TryFromBase64Chars(ReadOnlySpan<char> chars, Span<byte> bytes, out int bytesWritten);
        public static bool TryFromBase64String(string s, Span<byte> bytes, out int bytesWritten);
        public static bool TryToBase64Chars(ReadOnlySpan<byte> bytes, Span<char> chars, out int charsWritten, Base64FormattingOptions options = default(Base64FormattingOptions));
    }

    /// <summary>Makes one type of another.</summary>
    public delegate TOutput Converter<TInput, TOutput>(TInput input);

    /// <summary>A moment.</summary>
    public struct DateTime : IComparable, IComparable<DateTime>, IConvertible, IEquatable<DateTime>, IFormattable, ISerializable
    {
        public static DateTime MaxValue;
        public static DateTime MinValue;
        public static DateTime UnixEpoch;
        public DateTime(long ticks) { }
        public DateTime(long ticks, DateTimeKind kind) { }
        public DateTime(int year, int month, int day) { }
        public DateTime(int year, int month, int day, Calendar calendar) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second, int millisecond) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second, DateTimeKind kind) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second, Calendar calendar) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second, int millisecond, DateTimeKind kind) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second, int millisecond, Calendar calendar) { }
        public DateTime(int year, int month, int day, int hour, int minute, int second, int millisecond, Calendar calendar, DateTimeKind kind) { }
        public DateTime Date { get; }
        public int Day { get; }
        public DayOfWeek DayOfWeek { get; }
        public int DayOfYear { get; }
        public int Hour { get; }
        public DateTimeKind Kind { get; }
        public int Millisecond { get; }
        public int Minute { get; }
        public int Month { get; }
        public static DateTime Now { get; }
        public int Second { get; }
        public long Ticks { get; }
        public TimeSpan TimeOfDay { get; }
        public static DateTime Today { get; }
        public static DateTime UtcNow { get; }
        public int Year { get; }
        public DateTime Add(TimeSpan value);
        public DateTime AddDays(double value);
        public DateTime AddHours(double value);
        public DateTime AddMilliseconds(double value);
        public DateTime AddMinutes(double value);
        public DateTime AddMonths(int months);
        public DateTime AddSeconds(double value);
        public DateTime AddTicks(long value);
        public DateTime AddYears(int value);
        public static int Compare(DateTime t1, DateTime t2);
        public int CompareTo(DateTime value);
        public int CompareTo(object value);
        public static int DaysInMonth(int year, int month);
        public bool Equals(DateTime value);
        public static bool Equals(DateTime t1, DateTime t2);
        public static DateTime FromBinary(long dateData);
        public static DateTime FromFileTime(long fileTime);
        public static DateTime FromFileTimeUtc(long fileTime);
        public static DateTime FromOADate(double d);
        public string[] GetDateTimeFormats();
        public string[] GetDateTimeFormats(char format);
        public string[] GetDateTimeFormats(IFormatProvider provider);
        public string[] GetDateTimeFormats(char format, IFormatProvider provider);
        public TypeCode GetTypeCode();
        public bool IsDaylightSavingTime();
        public static bool IsLeapYear(int year);
        public static DateTime Parse(string s);
        public static DateTime Parse(string s, IFormatProvider provider);
        public static DateTime Parse(ReadOnlySpan<char> s, IFormatProvider provider = default(IFormatProvider), DateTimeStyles styles = default(DateTimeStyles));
        public static DateTime Parse(string s, IFormatProvider provider, DateTimeStyles styles);
        public static DateTime ParseExact(string s, string format, IFormatProvider provider);
        public static DateTime ParseExact(ReadOnlySpan<char> s, ReadOnlySpan<char> format, IFormatProvider provider, DateTimeStyles style = default(DateTimeStyles));
        public static DateTime ParseExact(ReadOnlySpan<char> s, string[] formats, IFormatProvider provider, DateTimeStyles style = default(DateTimeStyles));
        public static DateTime ParseExact(string s, string format, IFormatProvider provider, DateTimeStyles style);
        public static DateTime ParseExact(string s, string[] formats, IFormatProvider provider, DateTimeStyles style);
        public static DateTime SpecifyKind(DateTime value, DateTimeKind kind);
        public DateTime Subtract(TimeSpan value);
        public TimeSpan Subtract(DateTime value);
        public long ToBinary();
        public long ToFileTime();
        public long ToFileTimeUtc();
        public DateTime ToLocalTime();
        public string ToLongDateString();
        public string ToLongTimeString();
        public double ToOADate();
        public string ToShortDateString();
        public string ToShortTimeString();
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public DateTime ToUniversalTime();
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out DateTime result);
        public static bool TryParse(string s, out DateTime result);
        public static bool TryParse(ReadOnlySpan<char> s, IFormatProvider provider, DateTimeStyles styles, out DateTime result);
        public static bool TryParse(string s, IFormatProvider provider, DateTimeStyles styles, out DateTime result);
        public static bool TryParseExact(ReadOnlySpan<char> s, ReadOnlySpan<char> format, IFormatProvider provider, DateTimeStyles style, out DateTime result);
        public static bool TryParseExact(ReadOnlySpan<char> s, string[] formats, IFormatProvider provider, DateTimeStyles style, out DateTime result);
        public static bool TryParseExact(string s, string format, IFormatProvider provider, DateTimeStyles style, out DateTime result);
        public static bool TryParseExact(string s, string[] formats, IFormatProvider provider, DateTimeStyles style, out DateTime result);
    }

    /// <summary>Which clock a moment is of.</summary>
    public enum DateTimeKind
    {
        Unspecified,
        Utc,
        Local,
    }

    /// <summary>A moment with an offset.</summary>
    public struct DateTimeOffset : IComparable, IComparable<DateTimeOffset>, IEquatable<DateTimeOffset>, IDeserializationCallback, IFormattable, ISerializable
    {
        public static DateTimeOffset MaxValue;
        public static DateTimeOffset MinValue;
        public static DateTimeOffset UnixEpoch;
        public DateTimeOffset(DateTime dateTime) { }
        public DateTimeOffset(long ticks, TimeSpan offset) { }
        public DateTimeOffset(DateTime dateTime, TimeSpan offset) { }
        public DateTimeOffset(int year, int month, int day, int hour, int minute, int second, TimeSpan offset) { }
        public DateTimeOffset(int year, int month, int day, int hour, int minute, int second, int millisecond, TimeSpan offset) { }
        public DateTimeOffset(int year, int month, int day, int hour, int minute, int second, int millisecond, Calendar calendar, TimeSpan offset) { }
        public DateTime Date { get; }
        public DateTime DateTime { get; }
        public int Day { get; }
        public DayOfWeek DayOfWeek { get; }
        public int DayOfYear { get; }
        public int Hour { get; }
        public DateTime LocalDateTime { get; }
        public int Millisecond { get; }
        public int Minute { get; }
        public int Month { get; }
        public static DateTimeOffset Now { get; }
        public TimeSpan Offset { get; }
        public int Second { get; }
        public long Ticks { get; }
        public TimeSpan TimeOfDay { get; }
        public DateTime UtcDateTime { get; }
        public static DateTimeOffset UtcNow { get; }
        public long UtcTicks { get; }
        public int Year { get; }
        public DateTimeOffset Add(TimeSpan timeSpan);
        public DateTimeOffset AddDays(double days);
        public DateTimeOffset AddHours(double hours);
        public DateTimeOffset AddMilliseconds(double milliseconds);
        public DateTimeOffset AddMinutes(double minutes);
        public DateTimeOffset AddMonths(int months);
        public DateTimeOffset AddSeconds(double seconds);
        public DateTimeOffset AddTicks(long ticks);
        public DateTimeOffset AddYears(int years);
        public static int Compare(DateTimeOffset first, DateTimeOffset second);
        public int CompareTo(DateTimeOffset other);
        public bool Equals(DateTimeOffset other);
        public static bool Equals(DateTimeOffset first, DateTimeOffset second);
        public bool EqualsExact(DateTimeOffset other);
        public static DateTimeOffset FromFileTime(long fileTime);
        public static DateTimeOffset FromUnixTimeMilliseconds(long milliseconds);
        public static DateTimeOffset FromUnixTimeSeconds(long seconds);
        public static DateTimeOffset Parse(string input);
        public static DateTimeOffset Parse(string input, IFormatProvider formatProvider);
        public static DateTimeOffset Parse(ReadOnlySpan<char> input, IFormatProvider formatProvider = default(IFormatProvider), DateTimeStyles styles = default(DateTimeStyles));
        public static DateTimeOffset Parse(string input, IFormatProvider formatProvider, DateTimeStyles styles);
        public static DateTimeOffset ParseExact(string input, string format, IFormatProvider formatProvider);
        public static DateTimeOffset ParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format, IFormatProvider formatProvider, DateTimeStyles styles = default(DateTimeStyles));
        public static DateTimeOffset ParseExact(ReadOnlySpan<char> input, string[] formats, IFormatProvider formatProvider, DateTimeStyles styles = default(DateTimeStyles));
        public static DateTimeOffset ParseExact(string input, string format, IFormatProvider formatProvider, DateTimeStyles styles);
        public static DateTimeOffset ParseExact(string input, string[] formats, IFormatProvider formatProvider, DateTimeStyles styles);
        public DateTimeOffset Subtract(TimeSpan value);
        public TimeSpan Subtract(DateTimeOffset value);
        public long ToFileTime();
        public DateTimeOffset ToLocalTime();
        public DateTimeOffset ToOffset(TimeSpan offset);
        public string ToString(IFormatProvider formatProvider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider formatProvider);
        public DateTimeOffset ToUniversalTime();
        public long ToUnixTimeMilliseconds();
        public long ToUnixTimeSeconds();
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider formatProvider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> input, out DateTimeOffset result);
        public static bool TryParse(string input, out DateTimeOffset result);
        public static bool TryParse(ReadOnlySpan<char> input, IFormatProvider formatProvider, DateTimeStyles styles, out DateTimeOffset result);
        public static bool TryParse(string input, IFormatProvider formatProvider, DateTimeStyles styles, out DateTimeOffset result);
        public static bool TryParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format, IFormatProvider formatProvider, DateTimeStyles styles, out DateTimeOffset result);
        public static bool TryParseExact(ReadOnlySpan<char> input, string[] formats, IFormatProvider formatProvider, DateTimeStyles styles, out DateTimeOffset result);
        public static bool TryParseExact(string input, string format, IFormatProvider formatProvider, DateTimeStyles styles, out DateTimeOffset result);
        public static bool TryParseExact(string input, string[] formats, IFormatProvider formatProvider, DateTimeStyles styles, out DateTimeOffset result);
    }

    /// <summary>A day of the week.</summary>
    public enum DayOfWeek
    {
        Sunday,
        Monday,
        Tuesday,
        Wednesday,
        Thursday,
        Friday,
        Saturday,
    }

    /// <summary>Nothing, in a database.</summary>
    public sealed class DBNull : IConvertible, ISerializable
    {
        public static DBNull Value;
        public void GetObjectData(SerializationInfo info, StreamingContext context);
        public TypeCode GetTypeCode();
        public string ToString(IFormatProvider provider);
    }

    /// <summary>A decimal number.</summary>
    public struct Decimal : IComparable, IComparable<decimal>, IConvertible, IEquatable<decimal>, IDeserializationCallback, IFormattable
    {
        public static decimal MaxValue;
        public static decimal MinValue;
        public static decimal MinusOne;
        public static decimal One;
        public static decimal Zero;
        public Decimal(double value) { }
        public Decimal(int value) { }
        public Decimal(int[] bits) { }
        public Decimal(long value) { }
        public Decimal(float value) { }
        public Decimal(uint value) { }
        public Decimal(ulong value) { }
        public Decimal(int lo, int mid, int hi, bool isNegative, byte scale) { }
        public static decimal Add(decimal d1, decimal d2);
        public static decimal Ceiling(decimal d);
        public static int Compare(decimal d1, decimal d2);
        public int CompareTo(decimal value);
        public int CompareTo(object value);
        public static decimal Divide(decimal d1, decimal d2);
        public bool Equals(decimal value);
        public static bool Equals(decimal d1, decimal d2);
        public static decimal Floor(decimal d);
        public static decimal FromOACurrency(long cy);
        public static int[] GetBits(decimal d);
        public TypeCode GetTypeCode();
        public static decimal Multiply(decimal d1, decimal d2);
        public static decimal Negate(decimal d);
        public static decimal Parse(string s);
        public static decimal Parse(string s, NumberStyles style);
        public static decimal Parse(string s, IFormatProvider provider);
        public static decimal Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static decimal Parse(string s, NumberStyles style, IFormatProvider provider);
        public static decimal Remainder(decimal d1, decimal d2);
        public static decimal Round(decimal d);
        public static decimal Round(decimal d, int decimals);
        public static decimal Round(decimal d, MidpointRounding mode);
        public static decimal Round(decimal d, int decimals, MidpointRounding mode);
        public static decimal Subtract(decimal d1, decimal d2);
        public static byte ToByte(decimal value);
        public static double ToDouble(decimal d);
        public static short ToInt16(decimal value);
        public static int ToInt32(decimal d);
        public static long ToInt64(decimal d);
        public static long ToOACurrency(decimal value);
        public static sbyte ToSByte(decimal value);
        public static float ToSingle(decimal d);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public static ushort ToUInt16(decimal value);
        public static uint ToUInt32(decimal d);
        public static ulong ToUInt64(decimal d);
        public static decimal Truncate(decimal d);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out decimal result);
        public static bool TryParse(string s, out decimal result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out decimal result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out decimal result);
    }

    /// <summary>The base of all delegates.</summary>
    public abstract class Delegate : ISerializable, ICloneable
    {
        protected Delegate(object target, string method) { }
        protected Delegate(Type target, string method) { }
        public MethodInfo Method { get; }
        public object Target { get; }
        public virtual object Clone();
        public static Delegate Combine(params Delegate[] delegates);
        public static Delegate Combine(Delegate a, Delegate b);
        protected virtual Delegate CombineImpl(Delegate d);
        public static Delegate CreateDelegate(Type type, MethodInfo method);
        public static Delegate CreateDelegate(Type type, object firstArgument, MethodInfo method);
        public static Delegate CreateDelegate(Type type, object target, string method);
        public static Delegate CreateDelegate(Type type, MethodInfo method, bool throwOnBindFailure);
        public static Delegate CreateDelegate(Type type, Type target, string method);
        public static Delegate CreateDelegate(Type type, object firstArgument, MethodInfo method, bool throwOnBindFailure);
        public static Delegate CreateDelegate(Type type, object target, string method, bool ignoreCase);
        public static Delegate CreateDelegate(Type type, Type target, string method, bool ignoreCase);
        public static Delegate CreateDelegate(Type type, object target, string method, bool ignoreCase, bool throwOnBindFailure);
        public static Delegate CreateDelegate(Type type, Type target, string method, bool ignoreCase, bool throwOnBindFailure);
        public object DynamicInvoke(params object[] args);
        protected virtual object DynamicInvokeImpl(object[] args);
        public virtual Delegate[] GetInvocationList();
        protected virtual MethodInfo GetMethodImpl();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public static Delegate Remove(Delegate source, Delegate value);
        public static Delegate RemoveAll(Delegate source, Delegate value);
        protected virtual Delegate RemoveImpl(Delegate d);
    }

    /// <summary>A division by zero.</summary>
    public class DivideByZeroException : ArithmeticException
    {
        public DivideByZeroException() { }
        public DivideByZeroException(string message) { }
        protected DivideByZeroException(SerializationInfo info, StreamingContext context) { }
        public DivideByZeroException(string message, Exception innerException) { }
    }

    /// <summary>A library that is not there.</summary>
    public class DllNotFoundException : TypeLoadException
    {
        public DllNotFoundException() { }
        public DllNotFoundException(string message) { }
        protected DllNotFoundException(SerializationInfo info, StreamingContext context) { }
        public DllNotFoundException(string message, Exception inner) { }
    }

    /// <summary>A number of 64 bits with a fraction.</summary>
    public struct Double : IComparable, IComparable<double>, IConvertible, IEquatable<double>, IFormattable
    {
        public static double Epsilon;
        public static double MaxValue;
        public static double MinValue;
        public static double NaN;
        public static double NegativeInfinity;
        public static double PositiveInfinity;
        public int CompareTo(double value);
        public int CompareTo(object value);
        public bool Equals(double obj);
        public TypeCode GetTypeCode();
        public static bool IsFinite(double d);
        public static bool IsInfinity(double d);
        public static bool IsNaN(double d);
        public static bool IsNegative(double d);
        public static bool IsNegativeInfinity(double d);
        public static bool IsNormal(double d);
        public static bool IsPositiveInfinity(double d);
        public static bool IsSubnormal(double d);
        public static double Parse(string s);
        public static double Parse(string s, NumberStyles style);
        public static double Parse(string s, IFormatProvider provider);
        public static double Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static double Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out double result);
        public static bool TryParse(string s, out double result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out double result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out double result);
    }

    /// <summary>A library without that function.</summary>
    public class EntryPointNotFoundException : TypeLoadException
    {
        public EntryPointNotFoundException() { }
        public EntryPointNotFoundException(string message) { }
        protected EntryPointNotFoundException(SerializationInfo info, StreamingContext context) { }
        public EntryPointNotFoundException(string message, Exception inner) { }
    }

    /// <summary>The base of all enumerations.</summary>
    public abstract class Enum : IComparable, IConvertible, IFormattable
    {
        protected Enum() { }
        public int CompareTo(object target);
        public static string Format(Type enumType, object value, string format);
        public static string GetName(Type enumType, object value);
        public static string[] GetNames(Type enumType);
        public TypeCode GetTypeCode();
        public static Type GetUnderlyingType(Type enumType);
        public static Array GetValues(Type enumType);
        public bool HasFlag(Enum flag);
        public static bool IsDefined(Type enumType, object value);
        public static TEnum Parse<TEnum>(string value) where TEnum : struct;
        public static object Parse(Type enumType, string value);
        public static TEnum Parse<TEnum>(string value, bool ignoreCase) where TEnum : struct;
        public static object Parse(Type enumType, string value, bool ignoreCase);
        public static object ToObject(Type enumType, byte value);
        public static object ToObject(Type enumType, short value);
        public static object ToObject(Type enumType, int value);
        public static object ToObject(Type enumType, long value);
        public static object ToObject(Type enumType, sbyte value);
        public static object ToObject(Type enumType, object value);
        public static object ToObject(Type enumType, ushort value);
        public static object ToObject(Type enumType, uint value);
        public static object ToObject(Type enumType, ulong value);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public static bool TryParse<TEnum>(string value, out TEnum result) where TEnum : struct;
        public static bool TryParse(Type enumType, string value, out object result);
        public static bool TryParse<TEnum>(string value, bool ignoreCase, out TEnum result) where TEnum : struct;
        public static bool TryParse(Type enumType, string value, bool ignoreCase, out object result);
    }

    /// <summary>The environment of the process.</summary>
    public static class Environment
    {
        public static string CommandLine { get; }
        public static string CurrentDirectory { get; set; }
        public static int CurrentManagedThreadId { get; }
        public static int ExitCode { get; set; }
        public static bool HasShutdownStarted { get; }
        public static bool Is64BitOperatingSystem { get; }
        public static bool Is64BitProcess { get; }
        public static string MachineName { get; }
        public static string NewLine { get; }
        public static OperatingSystem OSVersion { get; }
        public static int ProcessorCount { get; }
        public static string StackTrace { get; }
        public static string SystemDirectory { get; }
        public static int SystemPageSize { get; }
        public static int TickCount { get; }
        public static string UserDomainName { get; }
        public static bool UserInteractive { get; }
        public static string UserName { get; }
        public static Version Version { get; }
        public static long WorkingSet { get; }
        public static void Exit(int exitCode);
        public static string ExpandEnvironmentVariables(string name);
        public static void FailFast(string message);
        public static void FailFast(string message, Exception exception);
        public static string[] GetCommandLineArgs();
        public static string GetEnvironmentVariable(string variable);
        public static string GetEnvironmentVariable(string variable, EnvironmentVariableTarget target);
        public static IDictionary GetEnvironmentVariables();
        public static IDictionary GetEnvironmentVariables(EnvironmentVariableTarget target);
        public static string GetFolderPath(Environment.SpecialFolder folder);
        public static string GetFolderPath(Environment.SpecialFolder folder, Environment.SpecialFolderOption option);
        public static string[] GetLogicalDrives();
        public static void SetEnvironmentVariable(string variable, string value);
        public static void SetEnvironmentVariable(string variable, string value, EnvironmentVariableTarget target);
        public enum SpecialFolder
        {
            Desktop,
            Programs,
            MyDocuments,
            Personal,
            Favorites,
            Startup,
            Recent,
            SendTo,
            StartMenu,
            MyMusic,
            MyVideos,
            DesktopDirectory,
            MyComputer,
            NetworkShortcuts,
            Fonts,
            Templates,
            CommonStartMenu,
            CommonPrograms,
            CommonStartup,
            CommonDesktopDirectory,
            ApplicationData,
            PrinterShortcuts,
            LocalApplicationData,
            InternetCache,
            Cookies,
            History,
            CommonApplicationData,
            Windows,
            System,
            ProgramFiles,
            MyPictures,
            UserProfile,
            SystemX86,
            ProgramFilesX86,
            CommonProgramFiles,
            CommonProgramFilesX86,
            CommonTemplates,
            CommonDocuments,
            CommonAdminTools,
            AdminTools,
            CommonMusic,
            CommonPictures,
            CommonVideos,
            Resources,
            LocalizedResources,
            CommonOemLinks,
            CDBurning,
        }
        public enum SpecialFolderOption
        {
            None,
            DoNotVerify,
            Create,
        }
    }

    /// <summary>What is told of an event.</summary>
    public class EventArgs
    {
        public static EventArgs Empty;
        public EventArgs() { }
    }

    /// <summary>Is told of an event.</summary>
    public delegate void EventHandler(object sender, EventArgs e);

    /// <summary>Is told of an event.</summary>
    public delegate void EventHandler<TEventArgs>(object sender, TEventArgs e);

    /// <summary>Something that went wrong.</summary>
    public class Exception : System.Runtime.InteropServices._Exception, ISerializable
    {
        public Exception() { }
        public Exception(string message) { }
        protected Exception(SerializationInfo info, StreamingContext context) { }
        public Exception(string message, Exception innerException) { }
        public virtual IDictionary Data { get; }
        public int HResult { get; set; }
        public virtual string HelpLink { get; set; }
        public Exception InnerException { get; }
        public virtual string Message { get; }
        public virtual string Source { get; set; }
        public virtual string StackTrace { get; }
        public MethodBase TargetSite { get; }
        protected event EventHandler<System.Runtime.Serialization.SafeSerializationEventArgs> SerializeObjectState;
        public virtual Exception GetBaseException();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public Type GetType();
    }

    /// <summary>Marks an enumeration whose values are joined.</summary>
    public class FlagsAttribute : Attribute
    {
        public FlagsAttribute() { }
    }

    /// <summary>A text that cannot be read.</summary>
    public class FormatException : SystemException
    {
        public FormatException() { }
        public FormatException(string message) { }
        protected FormatException(SerializationInfo info, StreamingContext context) { }
        public FormatException(string message, Exception innerException) { }
    }

    /// <summary>A function that gives a value.</summary>
    public delegate TResult Func<TResult>();

    /// <summary>A function of one argument.</summary>
    public delegate TResult Func<T, TResult>(T arg);

    /// <summary>A function of two arguments.</summary>
    public delegate TResult Func<T1, T2, TResult>(T1 arg1, T2 arg2);

    /// <summary>A function of three arguments.</summary>
    public delegate TResult Func<T1, T2, T3, TResult>(T1 arg1, T2 arg2, T3 arg3);

    /// <summary>A function of four arguments.</summary>
    public delegate TResult Func<T1, T2, T3, T4, TResult>(T1 arg1, T2 arg2, T3 arg3, T4 arg4);

    /// <summary>A function of five arguments.</summary>
    public delegate TResult Func<T1, T2, T3, T4, T5, TResult>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5);

    /// <summary>A function of six arguments.</summary>
    public delegate TResult Func<T1, T2, T3, T4, T5, T6, TResult>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5, T6 arg6);

    /// <summary>A function of seven arguments.</summary>
    public delegate TResult Func<T1, T2, T3, T4, T5, T6, T7, TResult>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5, T6 arg6, T7 arg7);

    /// <summary>A function of eight arguments.</summary>
    public delegate TResult Func<T1, T2, T3, T4, T5, T6, T7, T8, TResult>(T1 arg1, T2 arg2, T3 arg3, T4 arg4, T5 arg5, T6 arg6, T7 arg7, T8 arg8);

    /// <summary>The collector of what is no longer used.</summary>
    public static class GC
    {
        public static int MaxGeneration { get; }
        public static void AddMemoryPressure(long bytesAllocated);
        public static void CancelFullGCNotification();
        public static void Collect();
        public static void Collect(int generation);
        public static void Collect(int generation, GCCollectionMode mode);
        public static void Collect(int generation, GCCollectionMode mode, bool blocking);
        public static void Collect(int generation, GCCollectionMode mode, bool blocking, bool compacting);
        public static int CollectionCount(int generation);
        public static void EndNoGCRegion();
        public static long GetAllocatedBytesForCurrentThread();
        public static int GetGeneration(object obj);
        public static int GetGeneration(WeakReference wo);
        public static long GetTotalMemory(bool forceFullCollection);
        public static void KeepAlive(object obj);
        public static void ReRegisterForFinalize(object obj);
        public static void RegisterForFullGCNotification(int maxGenerationThreshold, int largeObjectHeapThreshold);
        public static void RemoveMemoryPressure(long bytesAllocated);
        public static void SuppressFinalize(object obj);
        public static bool TryStartNoGCRegion(long totalSize);
        public static bool TryStartNoGCRegion(long totalSize, bool disallowFullBlockingGC);
        public static bool TryStartNoGCRegion(long totalSize, long lohSize);
        public static bool TryStartNoGCRegion(long totalSize, long lohSize, bool disallowFullBlockingGC);
        public static GCNotificationStatus WaitForFullGCApproach();
        public static GCNotificationStatus WaitForFullGCApproach(int millisecondsTimeout);
        public static GCNotificationStatus WaitForFullGCComplete();
        public static GCNotificationStatus WaitForFullGCComplete(int millisecondsTimeout);
        public static void WaitForPendingFinalizers();
    }

    /// <summary>An identifier of 128 bits.</summary>
    public struct Guid : IComparable, IComparable<Guid>, IEquatable<Guid>, IFormattable
    {
        public static Guid Empty;
        public Guid(byte[] b) { }
        public Guid(ReadOnlySpan<byte> b) { }
        public Guid(string g) { }
        public Guid(int a, short b, short c, byte[] d) { }
        public Guid(int a, short b, short c, byte d, byte e, byte f, byte g, byte h, byte i, byte j, byte k) { }
        public Guid(uint a, ushort b, ushort c, byte d, byte e, byte f, byte g, byte h, byte i, byte j, byte k) { }
        public int CompareTo(Guid value);
        public int CompareTo(object value);
        public bool Equals(Guid g);
        public static Guid NewGuid();
        public static Guid Parse(ReadOnlySpan<char> input);
        public static Guid Parse(string input);
        public static Guid ParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format);
        public static Guid ParseExact(string input, string format);
        public byte[] ToByteArray();
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>));
        public static bool TryParse(ReadOnlySpan<char> input, out Guid result);
        public static bool TryParse(string input, out Guid result);
        public static bool TryParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format, out Guid result);
        public static bool TryParseExact(string input, string format, out Guid result);
        public bool TryWriteBytes(Span<byte> destination);
    }

    /// <summary>Work in the background.</summary>
    public interface IAsyncResult
    {
        object AsyncState { get; }
        WaitHandle AsyncWaitHandle { get; }
        bool CompletedSynchronously { get; }
        bool IsCompleted { get; }
    }

    /// <summary>Can be copied.</summary>
    public interface ICloneable
    {
        object Clone();
    }

    /// <summary>Has an order.</summary>
    public interface IComparable
    {
        int CompareTo(object obj);
    }

    /// <summary>Has an order.</summary>
    public interface IComparable<T>
    {
        int CompareTo(T other);
    }

    /// <summary>Becomes plain types.</summary>
    public interface IConvertible
    {
        TypeCode GetTypeCode();
        bool ToBoolean(IFormatProvider provider);
        byte ToByte(IFormatProvider provider);
        char ToChar(IFormatProvider provider);
        DateTime ToDateTime(IFormatProvider provider);
        decimal ToDecimal(IFormatProvider provider);
        double ToDouble(IFormatProvider provider);
        short ToInt16(IFormatProvider provider);
        int ToInt32(IFormatProvider provider);
        long ToInt64(IFormatProvider provider);
        sbyte ToSByte(IFormatProvider provider);
        float ToSingle(IFormatProvider provider);
        string ToString(IFormatProvider provider);
        object ToType(Type conversionType, IFormatProvider provider);
        ushort ToUInt16(IFormatProvider provider);
        uint ToUInt32(IFormatProvider provider);
        ulong ToUInt64(IFormatProvider provider);
    }

    /// <summary>Makes text in forms of its own.</summary>
    public interface ICustomFormatter
    {
        string Format(string format, object arg, IFormatProvider formatProvider);
    }

    /// <summary>Gives up what it holds.</summary>
    public interface IDisposable
    {
        void Dispose();
    }

    /// <summary>Can be compared for equality.</summary>
    public interface IEquatable<T>
    {
        bool Equals(T other);
    }

    /// <summary>Gives forms of text.</summary>
    public interface IFormatProvider
    {
        object GetFormat(Type formatType);
    }

    /// <summary>Becomes text in several forms.</summary>
    public interface IFormattable
    {
        string ToString(string format, IFormatProvider formatProvider);
    }

    /// <summary>An index outside an array.</summary>
    public sealed class IndexOutOfRangeException : SystemException
    {
        public IndexOutOfRangeException() { }
        public IndexOutOfRangeException(string message) { }
        public IndexOutOfRangeException(string message, Exception innerException) { }
    }

    /// <summary>A number of 16 bits.</summary>
    public struct Int16 : IComparable, IComparable<short>, IConvertible, IEquatable<short>, IFormattable
    {
        public static short MaxValue;
        public static short MinValue;
        public int CompareTo(short value);
        public int CompareTo(object value);
        public bool Equals(short obj);
        public TypeCode GetTypeCode();
        public static short Parse(string s);
        public static short Parse(string s, NumberStyles style);
        public static short Parse(string s, IFormatProvider provider);
        public static short Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static short Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out short result);
        public static bool TryParse(string s, out short result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out short result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out short result);
    }

    /// <summary>A number of 32 bits.</summary>
    public struct Int32 : IComparable, IComparable<int>, IConvertible, IEquatable<int>, IFormattable
    {
        public static int MaxValue;
        public static int MinValue;
        public int CompareTo(int value);
        public int CompareTo(object value);
        public bool Equals(int obj);
        public TypeCode GetTypeCode();
        public static int Parse(string s);
        public static int Parse(string s, NumberStyles style);
        public static int Parse(string s, IFormatProvider provider);
        public static int Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static int Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out int result);
        public static bool TryParse(string s, out int result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out int result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out int result);
    }

    /// <summary>A number of 64 bits.</summary>
    public struct Int64 : IComparable, IComparable<long>, IConvertible, IEquatable<long>, IFormattable
    {
        public static long MaxValue;
        public static long MinValue;
        public int CompareTo(long value);
        public int CompareTo(object value);
        public bool Equals(long obj);
        public TypeCode GetTypeCode();
        public static long Parse(string s);
        public static long Parse(string s, NumberStyles style);
        public static long Parse(string s, IFormatProvider provider);
        public static long Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static long Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out long result);
        public static bool TryParse(string s, out long result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out long result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out long result);
    }

    /// <summary>A pointer as a number.</summary>
    public struct IntPtr : IEquatable<IntPtr>, ISerializable
    {
        public static IntPtr Zero;
        public IntPtr(int value) { }
        public IntPtr(long value) { }
        public IntPtr(void* value) { }
        public static int Size { get; }
        public static IntPtr Add(IntPtr pointer, int offset);
        public static IntPtr Subtract(IntPtr pointer, int offset);
        public int ToInt32();
        public long ToInt64();
        public void* ToPointer();
        public string ToString(string format);
    }

    /// <summary>A cast that cannot be.</summary>
    public class InvalidCastException : SystemException
    {
        public InvalidCastException() { }
        public InvalidCastException(string message) { }
        protected InvalidCastException(SerializationInfo info, StreamingContext context) { }
        public InvalidCastException(string message, int errorCode) { }
        public InvalidCastException(string message, Exception innerException) { }
    }

    /// <summary>A call at the wrong time.</summary>
    public class InvalidOperationException : SystemException
    {
        public InvalidOperationException() { }
        public InvalidOperationException(string message) { }
        protected InvalidOperationException(SerializationInfo info, StreamingContext context) { }
        public InvalidOperationException(string message, Exception innerException) { }
    }

    /// <summary>Tells its observers.</summary>
    public interface IObservable<T>
    {
        IDisposable Subscribe(IObserver<T> observer);
    }

    /// <summary>Is told of values.</summary>
    public interface IObserver<T>
    {
        void OnCompleted();
        void OnError(Exception error);
        void OnNext(T value);
    }

    /// <summary>Is told how far something is.</summary>
    public interface IProgress<T>
    {
        void Report(T value);
    }

    /// <summary>Gives services.</summary>
    public interface IServiceProvider
    {
        object GetService(Type serviceType);
    }

    /// <summary>A value that is made when it is first used.</summary>
    public class Lazy<T>
    {
        public Lazy() { }
        public Lazy(bool isThreadSafe) { }
        public Lazy(Func<T> valueFactory) { }
        public Lazy(System.Threading.LazyThreadSafetyMode mode) { }
        public Lazy(T value) { }
        public Lazy(Func<T> valueFactory, bool isThreadSafe) { }
        public Lazy(Func<T> valueFactory, System.Threading.LazyThreadSafetyMode mode) { }
        public bool IsValueCreated { get; }
        public T Value { get; }
    }

    /// <summary>Functions on numbers.</summary>
    public static class Math
    {
        public static double E;
        public static double PI;
        public static double Abs(double value);
        public static short Abs(short value);
        public static int Abs(int value);
        public static long Abs(long value);
        public static sbyte Abs(sbyte value);
        public static float Abs(float value);
        public static decimal Abs(decimal value);
        public static double Acos(double d);
        public static double Acosh(double d);
        public static double Asin(double d);
        public static double Asinh(double d);
        public static double Atan(double d);
        public static double Atan2(double y, double x);
        public static double Atanh(double d);
        public static long BigMul(int a, int b);
        public static double Cbrt(double d);
        public static double Ceiling(double a);
        public static decimal Ceiling(decimal d);
        public static byte Clamp(byte value, byte min, byte max);
        public static double Clamp(double value, double min, double max);
        public static short Clamp(short value, short min, short max);
        public static int Clamp(int value, int min, int max);
        public static long Clamp(long value, long min, long max);
        public static sbyte Clamp(sbyte value, sbyte min, sbyte max);
        public static float Clamp(float value, float min, float max);
        public static decimal Clamp(decimal value, decimal min, decimal max);
        public static ushort Clamp(ushort value, ushort min, ushort max);
        public static uint Clamp(uint value, uint min, uint max);
        public static ulong Clamp(ulong value, ulong min, ulong max);
        public static double Cos(double d);
        public static double Cosh(double value);
        public static int DivRem(int a, int b, out int result);
        public static long DivRem(long a, long b, out long result);
        public static double Exp(double d);
        public static double Floor(double d);
        public static decimal Floor(decimal d);
        public static double IEEERemainder(double x, double y);
        public static double Log(double d);
        public static double Log(double a, double newBase);
        public static double Log10(double d);
        public static byte Max(byte val1, byte val2);
        public static double Max(double val1, double val2);
        public static short Max(short val1, short val2);
        public static int Max(int val1, int val2);
        public static long Max(long val1, long val2);
        public static sbyte Max(sbyte val1, sbyte val2);
        public static float Max(float val1, float val2);
        public static decimal Max(decimal val1, decimal val2);
        public static ushort Max(ushort val1, ushort val2);
        public static uint Max(uint val1, uint val2);
        public static ulong Max(ulong val1, ulong val2);
        public static byte Min(byte val1, byte val2);
        public static double Min(double val1, double val2);
        public static short Min(short val1, short val2);
        public static int Min(int val1, int val2);
        public static long Min(long val1, long val2);
        public static sbyte Min(sbyte val1, sbyte val2);
        public static float Min(float val1, float val2);
        public static decimal Min(decimal val1, decimal val2);
        public static ushort Min(ushort val1, ushort val2);
        public static uint Min(uint val1, uint val2);
        public static ulong Min(ulong val1, ulong val2);
        public static double Pow(double x, double y);
        public static double Round(double a);
        public static decimal Round(decimal d);
        public static double Round(double value, int digits);
        public static double Round(double value, MidpointRounding mode);
        public static decimal Round(decimal d, int decimals);
        public static decimal Round(decimal d, MidpointRounding mode);
        public static double Round(double value, int digits, MidpointRounding mode);
        public static decimal Round(decimal d, int decimals, MidpointRounding mode);
        public static int Sign(double value);
        public static int Sign(short value);
        public static int Sign(int value);
        public static int Sign(long value);
        public static int Sign(sbyte value);
        public static int Sign(float value);
        public static int Sign(decimal value);
        public static double Sin(double a);
        public static double Sinh(double value);
        public static double Sqrt(double d);
        public static double Tan(double a);
        public static double Tanh(double value);
        public static double Truncate(double d);
        public static decimal Truncate(decimal d);
    }

    /// <summary>A member that is not there.</summary>
    public class MissingMemberException : MemberAccessException
    {
        protected string ClassName;
        protected string MemberName;
        protected byte[] Signature;
        public MissingMemberException() { }
        public MissingMemberException(string message) { }
        protected MissingMemberException(SerializationInfo info, StreamingContext context) { }
        public MissingMemberException(string message, Exception inner) { }
        public MissingMemberException(string className, string memberName) { }
        public override string Message { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>A method that is not there.</summary>
    public class MissingMethodException : MissingMemberException
    {
        public MissingMethodException() { }
        public MissingMethodException(string message) { }
        protected MissingMethodException(SerializationInfo info, StreamingContext context) { }
        public MissingMethodException(string message, Exception inner) { }
        public MissingMethodException(string className, string methodName) { }
        public override string Message { get; }
    }

    /// <summary>A delegate that calls several functions.</summary>
    public abstract class MulticastDelegate : Delegate
    {
        protected MulticastDelegate(object target, string method) { }
        protected MulticastDelegate(Type target, string method) { }
        protected override Delegate CombineImpl(Delegate follow);
        protected override object DynamicInvokeImpl(object[] args);
        public override Delegate[] GetInvocationList();
        protected override MethodInfo GetMethodImpl();
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
        protected override Delegate RemoveImpl(Delegate value);
    }

    /// <summary>Marks a field that is not written.</summary>
    public sealed class NonSerializedAttribute : Attribute
    {
        public NonSerializedAttribute() { }
    }

    /// <summary>Something that is not written yet.</summary>
    public class NotImplementedException : SystemException
    {
        public NotImplementedException() { }
        public NotImplementedException(string message) { }
        protected NotImplementedException(SerializationInfo info, StreamingContext context) { }
        public NotImplementedException(string message, Exception inner) { }
    }

    /// <summary>Something that cannot be done.</summary>
    public class NotSupportedException : SystemException
    {
        public NotSupportedException() { }
        public NotSupportedException(string message) { }
        protected NotSupportedException(SerializationInfo info, StreamingContext context) { }
        public NotSupportedException(string message, Exception innerException) { }
    }

    /// <summary>Functions on values that may be missing.</summary>
    public static class Nullable
    {
        public static int Compare<T>(T? n1, T? n2) where T : struct;
        public static bool Equals<T>(T? n1, T? n2) where T : struct;
        public static Type GetUnderlyingType(Type nullableType);
    }

    /// <summary>A value that may be missing.</summary>
    public struct Nullable<T> where T : struct
    {
        public Nullable(T value) { }
        public bool HasValue { get; }
        public T Value { get; }
        public T GetValueOrDefault();
        public T GetValueOrDefault(T defaultValue);
    }

    /// <summary>Nothing where an object is needed.</summary>
    public class NullReferenceException : SystemException
    {
        public NullReferenceException() { }
        public NullReferenceException(string message) { }
        protected NullReferenceException(SerializationInfo info, StreamingContext context) { }
        public NullReferenceException(string message, Exception innerException) { }
    }

    /// <summary>The root of all classes.</summary>
    public class Object
    {
        public Object() { }
        /// <summary>Is it the same as another object?</summary>
        public virtual bool Equals(object obj);
        public static bool Equals(object objA, object objB);
        protected virtual void Finalize();
        /// <summary>A number that is alike for equal objects.</summary>
        public virtual int GetHashCode();
        /// <summary>The type of the object.</summary>
        public Type GetType();
        protected object MemberwiseClone();
        /// <summary>Are both the same object?</summary>
        public static bool ReferenceEquals(object objA, object objB);
        /// <summary>The object as text.</summary>
        public virtual string ToString();
    }

    /// <summary>An object that was given up.</summary>
    public class ObjectDisposedException : InvalidOperationException
    {
        public ObjectDisposedException(string objectName) { }
        protected ObjectDisposedException(SerializationInfo info, StreamingContext context) { }
        public ObjectDisposedException(string message, Exception innerException) { }
        public ObjectDisposedException(string objectName, string message) { }
        public override string Message { get; }
        public string ObjectName { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>Marks what should no longer be used.</summary>
    public sealed class ObsoleteAttribute : Attribute
    {
        public ObsoleteAttribute() { }
        public ObsoleteAttribute(string message) { }
        public ObsoleteAttribute(string message, bool error) { }
        public bool IsError { get; }
        public string Message { get; }
    }

    /// <summary>The system.</summary>
    public sealed class OperatingSystem : ICloneable, ISerializable
    {
        public OperatingSystem(PlatformID platform, Version version) { }
        public PlatformID Platform { get; }
        public string ServicePack { get; }
        public Version Version { get; }
        public string VersionString { get; }
        public object Clone();
        public void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>Something was stopped.</summary>
    public class OperationCanceledException : SystemException
    {
        public OperationCanceledException() { }
        public OperationCanceledException(string message) { }
        public OperationCanceledException(CancellationToken token) { }
        protected OperationCanceledException(SerializationInfo info, StreamingContext context) { }
        public OperationCanceledException(string message, Exception innerException) { }
        public OperationCanceledException(string message, CancellationToken token) { }
        public OperationCanceledException(string message, Exception innerException, CancellationToken token) { }
        public CancellationToken CancellationToken { get; }
    }

    /// <summary>No memory is left.</summary>
    public class OutOfMemoryException : SystemException
    {
        public OutOfMemoryException() { }
        public OutOfMemoryException(string message) { }
        protected OutOfMemoryException(SerializationInfo info, StreamingContext context) { }
        public OutOfMemoryException(string message, Exception innerException) { }
    }

    /// <summary>A number that does not fit.</summary>
    public class OverflowException : ArithmeticException
    {
        public OverflowException() { }
        public OverflowException(string message) { }
        protected OverflowException(SerializationInfo info, StreamingContext context) { }
        public OverflowException(string message, Exception innerException) { }
    }

    /// <summary>Marks an open-ended parameter.</summary>
    public sealed class ParamArrayAttribute : Attribute
    {
        public ParamArrayAttribute() { }
    }

    /// <summary>Kinds of systems.</summary>
    public enum PlatformID
    {
        Win32S,
        Win32Windows,
        Win32NT,
        WinCE,
        Unix,
        Xbox,
        MacOSX,
    }

    /// <summary>Something this system cannot do.</summary>
    public class PlatformNotSupportedException : NotSupportedException
    {
        public PlatformNotSupportedException() { }
        public PlatformNotSupportedException(string message) { }
        protected PlatformNotSupportedException(SerializationInfo info, StreamingContext context) { }
        public PlatformNotSupportedException(string message, Exception inner) { }
    }

    /// <summary>Says yes or no of a value.</summary>
    public delegate bool Predicate<T>(T obj);

    /// <summary>Tells how far something is.</summary>
    public class Progress<T> : IProgress<T>
    {
        public Progress() { }
        public Progress(Action<T> handler) { }
        public event EventHandler<T> ProgressChanged;
        protected virtual void OnReport(T value);
    }

    /// <summary>Random numbers.</summary>
    public class Random
    {
        public Random() { }
        public Random(int Seed) { }
        public virtual int Next();
        public virtual int Next(int maxValue);
        public virtual int Next(int minValue, int maxValue);
        public virtual void NextBytes(byte[] buffer);
        public virtual void NextBytes(Span<byte> buffer);
        public virtual double NextDouble();
        protected virtual double Sample();
    }

    /// <summary>An array of the wrong rank.</summary>
    public class RankException : SystemException
    {
        public RankException() { }
        public RankException(string message) { }
        protected RankException(SerializationInfo info, StreamingContext context) { }
        public RankException(string message, Exception innerException) { }
    }

    /// <summary>A handle on a type.</summary>
    public struct RuntimeTypeHandle : ISerializable
    {
        public IntPtr Value { get; }
        public bool Equals(RuntimeTypeHandle handle);
        public ModuleHandle GetModuleHandle();
        public void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>A number of 8 bits.</summary>
    public struct SByte : IComparable, IComparable<sbyte>, IConvertible, IEquatable<sbyte>, IFormattable
    {
        public static sbyte MaxValue;
        public static sbyte MinValue;
        public int CompareTo(sbyte value);
        public int CompareTo(object obj);
        public bool Equals(sbyte obj);
        public TypeCode GetTypeCode();
        public static sbyte Parse(string s);
        public static sbyte Parse(string s, NumberStyles style);
        public static sbyte Parse(string s, IFormatProvider provider);
        public static sbyte Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static sbyte Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out sbyte result);
        public static bool TryParse(string s, out sbyte result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out sbyte result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out sbyte result);
    }

    /// <summary>Marks what can be written as an object.</summary>
    public sealed class SerializableAttribute : Attribute
    {
        public SerializableAttribute() { }
    }

    /// <summary>A number of 32 bits with a fraction.</summary>
    public struct Single : IComparable, IComparable<float>, IConvertible, IEquatable<float>, IFormattable
    {
        public static float Epsilon;
        public static float MaxValue;
        public static float MinValue;
        public static float NaN;
        public static float NegativeInfinity;
        public static float PositiveInfinity;
        public int CompareTo(float value);
        public int CompareTo(object value);
        public bool Equals(float obj);
        public TypeCode GetTypeCode();
        public static bool IsFinite(float f);
        public static bool IsInfinity(float f);
        public static bool IsNaN(float f);
        public static bool IsNegative(float f);
        public static bool IsNegativeInfinity(float f);
        public static bool IsNormal(float f);
        public static bool IsPositiveInfinity(float f);
        public static bool IsSubnormal(float f);
        public static float Parse(string s);
        public static float Parse(string s, NumberStyles style);
        public static float Parse(string s, IFormatProvider provider);
        public static float Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static float Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out float result);
        public static bool TryParse(string s, out float result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out float result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out float result);
    }

    /// <summary>Calls nested too deep.</summary>
    public sealed class StackOverflowException : SystemException
    {
        public StackOverflowException() { }
        public StackOverflowException(string message) { }
        public StackOverflowException(string message, Exception innerException) { }
    }

    /// <summary>Marks a program whose windows want one thread.</summary>
    public sealed class STAThreadAttribute : Attribute
    {
        public STAThreadAttribute() { }
    }

    /// <summary>A text that never changes.</summary>
    public sealed class String : IComparable, IComparable<string>, IConvertible, IEquatable<string>, IEnumerable<char>, ICloneable
    {
        public static string Empty;
        public String(char* value) { }
        public String(char[] value) { }
        public String(sbyte* value) { }
        public String(ReadOnlySpan<char> value) { }
        public String(char c, int count) { }
        public String(char* value, int startIndex, int length) { }
        public String(char[] value, int startIndex, int length) { }
        public String(sbyte* value, int startIndex, int length) { }
        public String(sbyte* value, int startIndex, int length, Encoding enc) { }
        public char this[int index] { get; }
        /// <summary>The number of letters.</summary>
        public int Length { get; }
        public object Clone();
        /// <summary>Before, equal or after.</summary>
        public static int Compare(string strA, string strB);
        public static int Compare(string strA, string strB, bool ignoreCase);
        public static int Compare(string strA, string strB, StringComparison comparisonType);
        public static int Compare(string strA, string strB, bool ignoreCase, CultureInfo culture);
        public static int Compare(string strA, string strB, CultureInfo culture, System.Globalization.CompareOptions options);
        public static int Compare(string strA, int indexA, string strB, int indexB, int length);
        public static int Compare(string strA, int indexA, string strB, int indexB, int length, bool ignoreCase);
        public static int Compare(string strA, int indexA, string strB, int indexB, int length, StringComparison comparisonType);
        public static int Compare(string strA, int indexA, string strB, int indexB, int length, bool ignoreCase, CultureInfo culture);
        public static int Compare(string strA, int indexA, string strB, int indexB, int length, CultureInfo culture, System.Globalization.CompareOptions options);
        public static int CompareOrdinal(string strA, string strB);
        public static int CompareOrdinal(string strA, int indexA, string strB, int indexB, int length);
        public int CompareTo(object value);
        public int CompareTo(string strB);
        /// <summary>Texts one behind the other.</summary>
        public static string Concat(IEnumerable<string> values);
        public static string Concat(object arg0);
        public static string Concat(params object[] args);
        public static string Concat(params string[] values);
        public static string Concat<T>(IEnumerable<T> values);
        public static string Concat(object arg0, object arg1);
        public static string Concat(string str0, string str1);
        public static string Concat(object arg0, object arg1, object arg2);
        public static string Concat(string str0, string str1, string str2);
        public static string Concat(object arg0, object arg1, object arg2, object arg3);
        public static string Concat(string str0, string str1, string str2, string str3);
        /// <summary>Does it hold the text?</summary>
        public bool Contains(char value);
        public bool Contains(string value);
        public bool Contains(char value, StringComparison comparisonType);
        public bool Contains(string value, StringComparison comparisonType);
        public static string Copy(string str);
        public void CopyTo(int sourceIndex, char[] destination, int destinationIndex, int count);
        public static string Create<TState>(int length, TState state, System.Buffers.SpanAction<char, TState> action);
        /// <summary>Does it end so?</summary>
        public bool EndsWith(char value);
        public bool EndsWith(string value);
        public bool EndsWith(string value, StringComparison comparisonType);
        public bool EndsWith(string value, bool ignoreCase, CultureInfo culture);
        public bool Equals(string value);
        public static bool Equals(string a, string b);
        public bool Equals(string value, StringComparison comparisonType);
        public static bool Equals(string a, string b, StringComparison comparisonType);
        /// <summary>Values put into a pattern.</summary>
        public static string Format(string format, object arg0);
        public static string Format(string format, params object[] args);
        public static string Format(IFormatProvider provider, string format, object arg0);
        public static string Format(IFormatProvider provider, string format, params object[] args);
        public static string Format(string format, object arg0, object arg1);
        public static string Format(IFormatProvider provider, string format, object arg0, object arg1);
        public static string Format(string format, object arg0, object arg1, object arg2);
        public static string Format(IFormatProvider provider, string format, object arg0, object arg1, object arg2);
        public CharEnumerator GetEnumerator();
        public int GetHashCode(StringComparison comparisonType);
        public TypeCode GetTypeCode();
        /// <summary>Where something first stands; -1 if nowhere.</summary>
        public int IndexOf(char value);
        public int IndexOf(string value);
        public int IndexOf(char value, int startIndex);
        public int IndexOf(char value, StringComparison comparisonType);
        public int IndexOf(string value, int startIndex);
        public int IndexOf(string value, StringComparison comparisonType);
        public int IndexOf(char value, int startIndex, int count);
        public int IndexOf(string value, int startIndex, int count);
        public int IndexOf(string value, int startIndex, StringComparison comparisonType);
        public int IndexOf(string value, int startIndex, int count, StringComparison comparisonType);
        public int IndexOfAny(char[] anyOf);
        public int IndexOfAny(char[] anyOf, int startIndex);
        public int IndexOfAny(char[] anyOf, int startIndex, int count);
        public string Insert(int startIndex, string value);
        public static string Intern(string str);
        public static string IsInterned(string str);
        public bool IsNormalized();
        public bool IsNormalized(NormalizationForm normalizationForm);
        /// <summary>Is it missing or empty?</summary>
        public static bool IsNullOrEmpty(string value);
        /// <summary>Is it missing or blank?</summary>
        public static bool IsNullOrWhiteSpace(string value);
        /// <summary>Texts with a separator between them.</summary>
        public static string Join(char separator, params object[] values);
        public static string Join(char separator, params string[] value);
        public static string Join(string separator, IEnumerable<string> values);
        public static string Join(string separator, params object[] values);
        public static string Join(string separator, params string[] value);
        public static string Join<T>(char separator, IEnumerable<T> values);
        public static string Join<T>(string separator, IEnumerable<T> values);
        public static string Join(char separator, string[] value, int startIndex, int count);
        public static string Join(string separator, string[] value, int startIndex, int count);
        public int LastIndexOf(char value);
        public int LastIndexOf(string value);
        public int LastIndexOf(char value, int startIndex);
        public int LastIndexOf(string value, int startIndex);
        public int LastIndexOf(string value, StringComparison comparisonType);
        public int LastIndexOf(char value, int startIndex, int count);
        public int LastIndexOf(string value, int startIndex, int count);
        public int LastIndexOf(string value, int startIndex, StringComparison comparisonType);
        public int LastIndexOf(string value, int startIndex, int count, StringComparison comparisonType);
        public int LastIndexOfAny(char[] anyOf);
        public int LastIndexOfAny(char[] anyOf, int startIndex);
        public int LastIndexOfAny(char[] anyOf, int startIndex, int count);
        public string Normalize();
        public string Normalize(NormalizationForm normalizationForm);
        public string PadLeft(int totalWidth);
        public string PadLeft(int totalWidth, char paddingChar);
        public string PadRight(int totalWidth);
        public string PadRight(int totalWidth, char paddingChar);
        public string Remove(int startIndex);
        public string Remove(int startIndex, int count);
        /// <summary>With one thing in place of another.</summary>
        public string Replace(char oldChar, char newChar);
        public string Replace(string oldValue, string newValue);
        public string Replace(string oldValue, string newValue, StringComparison comparisonType);
        public string Replace(string oldValue, string newValue, bool ignoreCase, CultureInfo culture);
        /// <summary>The parts between separators.</summary>
        public string[] Split(params char[] separator);
        public string[] Split(char separator, StringSplitOptions options = default(StringSplitOptions));
        public string[] Split(char[] separator, int count);
        public string[] Split(char[] separator, StringSplitOptions options);
        public string[] Split(string separator, StringSplitOptions options = default(StringSplitOptions));
        public string[] Split(string[] separator, StringSplitOptions options);
        public string[] Split(char separator, int count, StringSplitOptions options = default(StringSplitOptions));
        public string[] Split(char[] separator, int count, StringSplitOptions options);
        public string[] Split(string separator, int count, StringSplitOptions options = default(StringSplitOptions));
        public string[] Split(string[] separator, int count, StringSplitOptions options);
        /// <summary>Does it begin so?</summary>
        public bool StartsWith(char value);
        public bool StartsWith(string value);
        public bool StartsWith(string value, StringComparison comparisonType);
        public bool StartsWith(string value, bool ignoreCase, CultureInfo culture);
        /// <summary>A part.</summary>
        public string Substring(int startIndex);
        public string Substring(int startIndex, int length);
        public char[] ToCharArray();
        public char[] ToCharArray(int startIndex, int length);
        /// <summary>In small letters.</summary>
        public string ToLower();
        public string ToLower(CultureInfo culture);
        public string ToLowerInvariant();
        public string ToString(IFormatProvider provider);
        /// <summary>In capital letters.</summary>
        public string ToUpper();
        public string ToUpper(CultureInfo culture);
        public string ToUpperInvariant();
        /// <summary>Without blanks at both ends.</summary>
        public string Trim();
        public string Trim(char trimChar);
        public string Trim(params char[] trimChars);
        public string TrimEnd();
        public string TrimEnd(char trimChar);
        public string TrimEnd(params char[] trimChars);
        public string TrimStart();
        public string TrimStart(char trimChar);
        public string TrimStart(params char[] trimChars);
    }

    /// <summary>Compares texts.</summary>
    public abstract class StringComparer : IComparer<string>, IEqualityComparer, IEqualityComparer<string>, IComparer
    {
        protected StringComparer() { }
        public static StringComparer CurrentCulture { get; }
        public static StringComparer CurrentCultureIgnoreCase { get; }
        public static StringComparer InvariantCulture { get; }
        public static StringComparer InvariantCultureIgnoreCase { get; }
        public static StringComparer Ordinal { get; }
        public static StringComparer OrdinalIgnoreCase { get; }
        public int Compare(object x, object y);
        public abstract int Compare(string x, string y);
        public static StringComparer Create(CultureInfo culture, bool ignoreCase);
        public static StringComparer Create(CultureInfo culture, System.Globalization.CompareOptions options);
        public bool Equals(object x, object y);
        public abstract bool Equals(string x, string y);
        public static StringComparer FromComparison(StringComparison comparisonType);
        public int GetHashCode(object obj);
        public abstract int GetHashCode(string obj);
    }

    /// <summary>How texts are compared.</summary>
    public enum StringComparison
    {
        CurrentCulture,
        CurrentCultureIgnoreCase,
        InvariantCulture,
        InvariantCultureIgnoreCase,
        Ordinal,
        OrdinalIgnoreCase,
    }

    /// <summary>How texts are split.</summary>
    public enum StringSplitOptions
    {
        None,
        RemoveEmptyEntries,
    }

    /// <summary>The base of exceptions of the library.</summary>
    public class SystemException : Exception
    {
        public SystemException() { }
        public SystemException(string message) { }
        protected SystemException(SerializationInfo info, StreamingContext context) { }
        public SystemException(string message, Exception innerException) { }
    }

    /// <summary>Marks a field with a value for each thread.</summary>
    public class ThreadStaticAttribute : Attribute
    {
        public ThreadStaticAttribute() { }
    }

    /// <summary>Something took too long.</summary>
    public class TimeoutException : SystemException
    {
        public TimeoutException() { }
        public TimeoutException(string message) { }
        protected TimeoutException(SerializationInfo info, StreamingContext context) { }
        public TimeoutException(string message, Exception innerException) { }
    }

    /// <summary>A length of time.</summary>
    public struct TimeSpan : IComparable, IComparable<TimeSpan>, IEquatable<TimeSpan>, IFormattable
    {
        public static TimeSpan MaxValue;
        public static TimeSpan MinValue;
        public static long TicksPerDay;
        public static long TicksPerHour;
        public static long TicksPerMillisecond;
        public static long TicksPerMinute;
        public static long TicksPerSecond;
        public static TimeSpan Zero;
        public TimeSpan(long ticks) { }
        public TimeSpan(int hours, int minutes, int seconds) { }
        public TimeSpan(int days, int hours, int minutes, int seconds) { }
        public TimeSpan(int days, int hours, int minutes, int seconds, int milliseconds) { }
        public int Days { get; }
        public int Hours { get; }
        public int Milliseconds { get; }
        public int Minutes { get; }
        public int Seconds { get; }
        public long Ticks { get; }
        public double TotalDays { get; }
        public double TotalHours { get; }
        public double TotalMilliseconds { get; }
        public double TotalMinutes { get; }
        public double TotalSeconds { get; }
        public TimeSpan Add(TimeSpan ts);
        public static int Compare(TimeSpan t1, TimeSpan t2);
        public int CompareTo(object value);
        public int CompareTo(TimeSpan value);
        public double Divide(TimeSpan ts);
        public TimeSpan Divide(double divisor);
        public TimeSpan Duration();
        public bool Equals(TimeSpan obj);
        public static bool Equals(TimeSpan t1, TimeSpan t2);
        public static TimeSpan FromDays(double value);
        public static TimeSpan FromHours(double value);
        public static TimeSpan FromMilliseconds(double value);
        public static TimeSpan FromMinutes(double value);
        public static TimeSpan FromSeconds(double value);
        public static TimeSpan FromTicks(long value);
        public TimeSpan Multiply(double factor);
        public TimeSpan Negate();
        public static TimeSpan Parse(string s);
        public static TimeSpan Parse(ReadOnlySpan<char> input, IFormatProvider formatProvider = default(IFormatProvider));
        public static TimeSpan Parse(string input, IFormatProvider formatProvider);
        public static TimeSpan ParseExact(string input, string format, IFormatProvider formatProvider);
        public static TimeSpan ParseExact(string input, string[] formats, IFormatProvider formatProvider);
        public static TimeSpan ParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles = default(System.Globalization.TimeSpanStyles));
        public static TimeSpan ParseExact(ReadOnlySpan<char> input, string[] formats, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles = default(System.Globalization.TimeSpanStyles));
        public static TimeSpan ParseExact(string input, string format, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles);
        public static TimeSpan ParseExact(string input, string[] formats, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles);
        public TimeSpan Subtract(TimeSpan ts);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider formatProvider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider formatProvider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out TimeSpan result);
        public static bool TryParse(string s, out TimeSpan result);
        public static bool TryParse(ReadOnlySpan<char> input, IFormatProvider formatProvider, out TimeSpan result);
        public static bool TryParse(string input, IFormatProvider formatProvider, out TimeSpan result);
        public static bool TryParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format, IFormatProvider formatProvider, out TimeSpan result);
        public static bool TryParseExact(ReadOnlySpan<char> input, string[] formats, IFormatProvider formatProvider, out TimeSpan result);
        public static bool TryParseExact(string input, string format, IFormatProvider formatProvider, out TimeSpan result);
        public static bool TryParseExact(string input, string[] formats, IFormatProvider formatProvider, out TimeSpan result);
        public static bool TryParseExact(ReadOnlySpan<char> input, ReadOnlySpan<char> format, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles, out TimeSpan result);
        public static bool TryParseExact(ReadOnlySpan<char> input, string[] formats, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles, out TimeSpan result);
        public static bool TryParseExact(string input, string format, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles, out TimeSpan result);
        public static bool TryParseExact(string input, string[] formats, IFormatProvider formatProvider, System.Globalization.TimeSpanStyles styles, out TimeSpan result);
    }

    /// <summary>A time zone.</summary>
    public sealed class TimeZoneInfo : IEquatable<TimeZoneInfo>, IDeserializationCallback, ISerializable
    {
        public TimeSpan BaseUtcOffset { get; }
        public string DaylightName { get; }
        public string DisplayName { get; }
        public string Id { get; }
        public static TimeZoneInfo Local { get; }
        public string StandardName { get; }
        public bool SupportsDaylightSavingTime { get; }
        public static TimeZoneInfo Utc { get; }
        public static void ClearCachedData();
        public static DateTime ConvertTime(DateTime dateTime, TimeZoneInfo destinationTimeZone);
        public static DateTimeOffset ConvertTime(DateTimeOffset dateTimeOffset, TimeZoneInfo destinationTimeZone);
        public static DateTime ConvertTime(DateTime dateTime, TimeZoneInfo sourceTimeZone, TimeZoneInfo destinationTimeZone);
        public static DateTime ConvertTimeBySystemTimeZoneId(DateTime dateTime, string destinationTimeZoneId);
        public static DateTimeOffset ConvertTimeBySystemTimeZoneId(DateTimeOffset dateTimeOffset, string destinationTimeZoneId);
        public static DateTime ConvertTimeBySystemTimeZoneId(DateTime dateTime, string sourceTimeZoneId, string destinationTimeZoneId);
        public static DateTime ConvertTimeFromUtc(DateTime dateTime, TimeZoneInfo destinationTimeZone);
        public static DateTime ConvertTimeToUtc(DateTime dateTime);
        public static DateTime ConvertTimeToUtc(DateTime dateTime, TimeZoneInfo sourceTimeZone);
        public static TimeZoneInfo CreateCustomTimeZone(string id, TimeSpan baseUtcOffset, string displayName, string standardDisplayName);
        public static TimeZoneInfo CreateCustomTimeZone(string id, TimeSpan baseUtcOffset, string displayName, string standardDisplayName, string daylightDisplayName, TimeZoneInfo.AdjustmentRule[] adjustmentRules);
        public static TimeZoneInfo CreateCustomTimeZone(string id, TimeSpan baseUtcOffset, string displayName, string standardDisplayName, string daylightDisplayName, TimeZoneInfo.AdjustmentRule[] adjustmentRules, bool disableDaylightSavingTime);
        public bool Equals(TimeZoneInfo other);
        public static TimeZoneInfo FindSystemTimeZoneById(string id);
        public static TimeZoneInfo FromSerializedString(string source);
        public TimeZoneInfo.AdjustmentRule[] GetAdjustmentRules();
        public TimeSpan[] GetAmbiguousTimeOffsets(DateTime dateTime);
        public TimeSpan[] GetAmbiguousTimeOffsets(DateTimeOffset dateTimeOffset);
        public static ReadOnlyCollection<TimeZoneInfo> GetSystemTimeZones();
        public TimeSpan GetUtcOffset(DateTime dateTime);
        public TimeSpan GetUtcOffset(DateTimeOffset dateTimeOffset);
        public bool HasSameRules(TimeZoneInfo other);
        public bool IsAmbiguousTime(DateTime dateTime);
        public bool IsAmbiguousTime(DateTimeOffset dateTimeOffset);
        public bool IsDaylightSavingTime(DateTime dateTime);
        public bool IsDaylightSavingTime(DateTimeOffset dateTimeOffset);
        public bool IsInvalidTime(DateTime dateTime);
        public string ToSerializedString();
        public sealed class AdjustmentRule : IEquatable<TimeZoneInfo.AdjustmentRule>, IDeserializationCallback, ISerializable
        {
            public DateTime DateEnd { get; }
            public DateTime DateStart { get; }
            public TimeSpan DaylightDelta { get; }
            public TimeZoneInfo.TransitionTime DaylightTransitionEnd { get; }
            public TimeZoneInfo.TransitionTime DaylightTransitionStart { get; }
            public static TimeZoneInfo.AdjustmentRule CreateAdjustmentRule(DateTime dateStart, DateTime dateEnd, TimeSpan daylightDelta, TimeZoneInfo.TransitionTime daylightTransitionStart, TimeZoneInfo.TransitionTime daylightTransitionEnd);
            public bool Equals(TimeZoneInfo.AdjustmentRule other);
        }
        public struct TransitionTime : IEquatable<TimeZoneInfo.TransitionTime>, IDeserializationCallback, ISerializable
        {
            public int Day { get; }
            public DayOfWeek DayOfWeek { get; }
            public bool IsFixedDateRule { get; }
            public int Month { get; }
            public DateTime TimeOfDay { get; }
            public int Week { get; }
            public static TimeZoneInfo.TransitionTime CreateFixedDateRule(DateTime timeOfDay, int month, int day);
            public static TimeZoneInfo.TransitionTime CreateFloatingDateRule(DateTime timeOfDay, int month, int week, DayOfWeek dayOfWeek);
            public bool Equals(TimeZoneInfo.TransitionTime other);
        }
    }

    /// <summary>Makes tuples.</summary>
    public static class Tuple
    {
        public static Tuple<T1> Create<T1>(T1 item1);
        public static Tuple<T1, T2> Create<T1, T2>(T1 item1, T2 item2);
        public static Tuple<T1, T2, T3> Create<T1, T2, T3>(T1 item1, T2 item2, T3 item3);
        public static Tuple<T1, T2, T3, T4> Create<T1, T2, T3, T4>(T1 item1, T2 item2, T3 item3, T4 item4);
        public static Tuple<T1, T2, T3, T4, T5> Create<T1, T2, T3, T4, T5>(T1 item1, T2 item2, T3 item3, T4 item4, T5 item5);
        public static Tuple<T1, T2, T3, T4, T5, T6> Create<T1, T2, T3, T4, T5, T6>(T1 item1, T2 item2, T3 item3, T4 item4, T5 item5, T6 item6);
        public static Tuple<T1, T2, T3, T4, T5, T6, T7> Create<T1, T2, T3, T4, T5, T6, T7>(T1 item1, T2 item2, T3 item3, T4 item4, T5 item5, T6 item6, T7 item7);
        public static Tuple<T1, T2, T3, T4, T5, T6, T7, Tuple<T8>> Create<T1, T2, T3, T4, T5, T6, T7, T8>(T1 item1, T2 item2, T3 item3, T4 item4, T5 item5, T6 item6, T7 item7, T8 item8);
    }

    /// <summary>One value.</summary>
    public class Tuple<T1> : IComparable, IStructuralComparable, IStructuralEquatable
    {
        public Tuple(T1 item1) { }
        public T1 Item1 { get; }
    }

    /// <summary>Two values.</summary>
    public class Tuple<T1, T2> : IComparable, IStructuralComparable, IStructuralEquatable
    {
        public Tuple(T1 item1, T2 item2) { }
        public T1 Item1 { get; }
        public T2 Item2 { get; }
    }

    /// <summary>Three values.</summary>
    public class Tuple<T1, T2, T3> : IComparable, IStructuralComparable, IStructuralEquatable
    {
        public Tuple(T1 item1, T2 item2, T3 item3) { }
        public T1 Item1 { get; }
        public T2 Item2 { get; }
        public T3 Item3 { get; }
    }

    /// <summary>Four values.</summary>
    public class Tuple<T1, T2, T3, T4> : IComparable, IStructuralComparable, IStructuralEquatable
    {
        public Tuple(T1 item1, T2 item2, T3 item3, T4 item4) { }
        public T1 Item1 { get; }
        public T2 Item2 { get; }
        public T3 Item3 { get; }
        public T4 Item4 { get; }
    }

    /// <summary>Five values.</summary>
    public class Tuple<T1, T2, T3, T4, T5> : IComparable, IStructuralComparable, IStructuralEquatable
    {
        public Tuple(T1 item1, T2 item2, T3 item3, T4 item4, T5 item5) { }
        public T1 Item1 { get; }
        public T2 Item2 { get; }
        public T3 Item3 { get; }
        public T4 Item4 { get; }
        public T5 Item5 { get; }
    }

    /// <summary>A type of the running program.</summary>
    public abstract class Type : MemberInfo, System.Reflection.IReflect, System.Runtime.InteropServices._Type
    {
        public static char Delimiter;
        public static Type[] EmptyTypes;
        public static System.Reflection.MemberFilter FilterAttribute;
        public static System.Reflection.MemberFilter FilterName;
        public static System.Reflection.MemberFilter FilterNameIgnoreCase;
        public static object Missing;
        protected Type() { }
        public abstract Assembly Assembly { get; }
        public abstract string AssemblyQualifiedName { get; }
        public TypeAttributes Attributes { get; }
        public abstract Type BaseType { get; }
        public virtual bool ContainsGenericParameters { get; }
        public virtual MethodBase DeclaringMethod { get; }
        public override Type DeclaringType { get; }
        public static Binder DefaultBinder { get; }
        public abstract string FullName { get; }
        public abstract Guid GUID { get; }
        public virtual System.Reflection.GenericParameterAttributes GenericParameterAttributes { get; }
        public virtual int GenericParameterPosition { get; }
        public virtual Type[] GenericTypeArguments { get; }
        public bool HasElementType { get; }
        public bool IsAbstract { get; }
        public bool IsAnsiClass { get; }
        public bool IsArray { get; }
        public bool IsAutoClass { get; }
        public bool IsAutoLayout { get; }
        public bool IsByRef { get; }
        public virtual bool IsByRefLike { get; }
        public bool IsCOMObject { get; }
        public bool IsClass { get; }
        public virtual bool IsCollectible { get; }
        public virtual bool IsConstructedGenericType { get; }
        public bool IsContextful { get; }
        public virtual bool IsEnum { get; }
        public bool IsExplicitLayout { get; }
        public virtual bool IsGenericMethodParameter { get; }
        public virtual bool IsGenericParameter { get; }
        public virtual bool IsGenericType { get; }
        public virtual bool IsGenericTypeDefinition { get; }
        public virtual bool IsGenericTypeParameter { get; }
        public bool IsImport { get; }
        public bool IsInterface { get; }
        public bool IsLayoutSequential { get; }
        public bool IsMarshalByRef { get; }
        public bool IsNested { get; }
        public bool IsNestedAssembly { get; }
        public bool IsNestedFamANDAssem { get; }
        public bool IsNestedFamORAssem { get; }
        public bool IsNestedFamily { get; }
        public bool IsNestedPrivate { get; }
        public bool IsNestedPublic { get; }
        public bool IsNotPublic { get; }
        public bool IsPointer { get; }
        public bool IsPrimitive { get; }
        public bool IsPublic { get; }
        public virtual bool IsSZArray { get; }
        public bool IsSealed { get; }
        public virtual bool IsSecurityCritical { get; }
        public virtual bool IsSecuritySafeCritical { get; }
        public virtual bool IsSecurityTransparent { get; }
        public virtual bool IsSerializable { get; }
        public virtual bool IsSignatureType { get; }
        public bool IsSpecialName { get; }
        public virtual bool IsTypeDefinition { get; }
        public bool IsUnicodeClass { get; }
        public bool IsValueType { get; }
        public virtual bool IsVariableBoundArray { get; }
        public bool IsVisible { get; }
        public override MemberTypes MemberType { get; }
        public abstract Module Module { get; }
        public abstract string Namespace { get; }
        public override Type ReflectedType { get; }
        public virtual StructLayoutAttribute StructLayoutAttribute { get; }
        public virtual RuntimeTypeHandle TypeHandle { get; }
        public ConstructorInfo TypeInitializer { get; }
        public abstract Type UnderlyingSystemType { get; }
        public virtual bool Equals(Type o);
        public virtual Type[] FindInterfaces(System.Reflection.TypeFilter filter, object filterCriteria);
        public virtual MemberInfo[] FindMembers(MemberTypes memberType, BindingFlags bindingAttr, System.Reflection.MemberFilter filter, object filterCriteria);
        public virtual int GetArrayRank();
        protected abstract TypeAttributes GetAttributeFlagsImpl();
        public ConstructorInfo GetConstructor(Type[] types);
        public ConstructorInfo GetConstructor(BindingFlags bindingAttr, Binder binder, Type[] types, ParameterModifier[] modifiers);
        public ConstructorInfo GetConstructor(BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        protected abstract ConstructorInfo GetConstructorImpl(BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public ConstructorInfo[] GetConstructors();
        public abstract ConstructorInfo[] GetConstructors(BindingFlags bindingAttr);
        public virtual MemberInfo[] GetDefaultMembers();
        public abstract Type GetElementType();
        public virtual string GetEnumName(object value);
        public virtual string[] GetEnumNames();
        public virtual Type GetEnumUnderlyingType();
        public virtual Array GetEnumValues();
        public EventInfo GetEvent(string name);
        public abstract EventInfo GetEvent(string name, BindingFlags bindingAttr);
        public virtual EventInfo[] GetEvents();
        public abstract EventInfo[] GetEvents(BindingFlags bindingAttr);
        public FieldInfo GetField(string name);
        public abstract FieldInfo GetField(string name, BindingFlags bindingAttr);
        public FieldInfo[] GetFields();
        public abstract FieldInfo[] GetFields(BindingFlags bindingAttr);
        public virtual Type[] GetGenericArguments();
        public virtual Type[] GetGenericParameterConstraints();
        public virtual Type GetGenericTypeDefinition();
        public Type GetInterface(string name);
        public abstract Type GetInterface(string name, bool ignoreCase);
        public virtual System.Reflection.InterfaceMapping GetInterfaceMap(Type interfaceType);
        public abstract Type[] GetInterfaces();
        public MemberInfo[] GetMember(string name);
        public virtual MemberInfo[] GetMember(string name, BindingFlags bindingAttr);
        public virtual MemberInfo[] GetMember(string name, MemberTypes type, BindingFlags bindingAttr);
        public MemberInfo[] GetMembers();
        public abstract MemberInfo[] GetMembers(BindingFlags bindingAttr);
        public MethodInfo GetMethod(string name);
        public MethodInfo GetMethod(string name, BindingFlags bindingAttr);
        public MethodInfo GetMethod(string name, Type[] types);
        public MethodInfo GetMethod(string name, int genericParameterCount, Type[] types);
        public MethodInfo GetMethod(string name, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo GetMethod(string name, int genericParameterCount, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo GetMethod(string name, BindingFlags bindingAttr, Binder binder, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo GetMethod(string name, int genericParameterCount, BindingFlags bindingAttr, Binder binder, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo GetMethod(string name, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo GetMethod(string name, int genericParameterCount, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        protected abstract MethodInfo GetMethodImpl(string name, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        protected virtual MethodInfo GetMethodImpl(string name, int genericParameterCount, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo[] GetMethods();
        public abstract MethodInfo[] GetMethods(BindingFlags bindingAttr);
        public Type GetNestedType(string name);
        public abstract Type GetNestedType(string name, BindingFlags bindingAttr);
        public Type[] GetNestedTypes();
        public abstract Type[] GetNestedTypes(BindingFlags bindingAttr);
        public PropertyInfo[] GetProperties();
        public abstract PropertyInfo[] GetProperties(BindingFlags bindingAttr);
        public PropertyInfo GetProperty(string name);
        public PropertyInfo GetProperty(string name, BindingFlags bindingAttr);
        public PropertyInfo GetProperty(string name, Type returnType);
        public PropertyInfo GetProperty(string name, Type[] types);
        public PropertyInfo GetProperty(string name, Type returnType, Type[] types);
        public PropertyInfo GetProperty(string name, Type returnType, Type[] types, ParameterModifier[] modifiers);
        public PropertyInfo GetProperty(string name, BindingFlags bindingAttr, Binder binder, Type returnType, Type[] types, ParameterModifier[] modifiers);
        protected abstract PropertyInfo GetPropertyImpl(string name, BindingFlags bindingAttr, Binder binder, Type returnType, Type[] types, ParameterModifier[] modifiers);
        public Type GetType();
        public static Type GetType(string typeName);
        public static Type GetType(string typeName, bool throwOnError);
        public static Type GetType(string typeName, bool throwOnError, bool ignoreCase);
        public static Type GetType(string typeName, Func<AssemblyName, Assembly> assemblyResolver, Func<Assembly, string, bool, Type> typeResolver);
        public static Type GetType(string typeName, Func<AssemblyName, Assembly> assemblyResolver, Func<Assembly, string, bool, Type> typeResolver, bool throwOnError);
        public static Type GetType(string typeName, Func<AssemblyName, Assembly> assemblyResolver, Func<Assembly, string, bool, Type> typeResolver, bool throwOnError, bool ignoreCase);
        public static Type[] GetTypeArray(object[] args);
        public static TypeCode GetTypeCode(Type type);
        protected virtual TypeCode GetTypeCodeImpl();
        public static Type GetTypeFromCLSID(Guid clsid);
        public static Type GetTypeFromCLSID(Guid clsid, bool throwOnError);
        public static Type GetTypeFromCLSID(Guid clsid, string server);
        public static Type GetTypeFromCLSID(Guid clsid, string server, bool throwOnError);
        public static Type GetTypeFromHandle(RuntimeTypeHandle handle);
        public static Type GetTypeFromProgID(string progID);
        public static Type GetTypeFromProgID(string progID, bool throwOnError);
        public static Type GetTypeFromProgID(string progID, string server);
        public static Type GetTypeFromProgID(string progID, string server, bool throwOnError);
        public static RuntimeTypeHandle GetTypeHandle(object o);
        protected abstract bool HasElementTypeImpl();
        public object InvokeMember(string name, BindingFlags invokeAttr, Binder binder, object target, object[] args);
        public object InvokeMember(string name, BindingFlags invokeAttr, Binder binder, object target, object[] args, CultureInfo culture);
        public abstract object InvokeMember(string name, BindingFlags invokeAttr, Binder binder, object target, object[] args, ParameterModifier[] modifiers, CultureInfo culture, string[] namedParameters);
        protected abstract bool IsArrayImpl();
        public virtual bool IsAssignableFrom(Type c);
        protected abstract bool IsByRefImpl();
        protected abstract bool IsCOMObjectImpl();
        protected virtual bool IsContextfulImpl();
        public virtual bool IsEnumDefined(object value);
        public virtual bool IsEquivalentTo(Type other);
        public virtual bool IsInstanceOfType(object o);
        protected virtual bool IsMarshalByRefImpl();
        protected abstract bool IsPointerImpl();
        protected abstract bool IsPrimitiveImpl();
        public virtual bool IsSubclassOf(Type c);
        protected virtual bool IsValueTypeImpl();
        public virtual Type MakeArrayType();
        public virtual Type MakeArrayType(int rank);
        public virtual Type MakeByRefType();
        public static Type MakeGenericMethodParameter(int position);
        public static Type MakeGenericSignatureType(Type genericTypeDefinition, params Type[] typeArguments);
        public virtual Type MakeGenericType(params Type[] typeArguments);
        public virtual Type MakePointerType();
        public static Type ReflectionOnlyGetType(string typeName, bool throwIfNotFound, bool ignoreCase);
    }

    /// <summary>Kinds of plain types.</summary>
    public enum TypeCode
    {
        Empty,
        Object,
        DBNull,
        Boolean,
        Char,
        SByte,
        Byte,
        Int16,
        UInt16,
        Int32,
        UInt32,
        Int64,
        UInt64,
        Single,
        Double,
        Decimal,
        DateTime,
        String,
    }

    /// <summary>A type that could not be set up.</summary>
    public sealed class TypeInitializationException : SystemException
    {
        public TypeInitializationException(string fullTypeName, Exception innerException) { }
        public string TypeName { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>A type that cannot be loaded.</summary>
    public class TypeLoadException : SystemException
    {
        public TypeLoadException() { }
        public TypeLoadException(string message) { }
        protected TypeLoadException(SerializationInfo info, StreamingContext context) { }
        public TypeLoadException(string message, Exception inner) { }
        public override string Message { get; }
        public string TypeName { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>A number of 16 bits without a sign.</summary>
    public struct UInt16 : IComparable, IComparable<ushort>, IConvertible, IEquatable<ushort>, IFormattable
    {
        public static ushort MaxValue;
        public static ushort MinValue;
        public int CompareTo(object value);
        public int CompareTo(ushort value);
        public bool Equals(ushort obj);
        public TypeCode GetTypeCode();
        public static ushort Parse(string s);
        public static ushort Parse(string s, NumberStyles style);
        public static ushort Parse(string s, IFormatProvider provider);
        public static ushort Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static ushort Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out ushort result);
        public static bool TryParse(string s, out ushort result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out ushort result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out ushort result);
    }

    /// <summary>A number of 32 bits without a sign.</summary>
    public struct UInt32 : IComparable, IComparable<uint>, IConvertible, IEquatable<uint>, IFormattable
    {
        public static uint MaxValue;
        public static uint MinValue;
        public int CompareTo(object value);
        public int CompareTo(uint value);
        public bool Equals(uint obj);
        public TypeCode GetTypeCode();
        public static uint Parse(string s);
        public static uint Parse(string s, NumberStyles style);
        public static uint Parse(string s, IFormatProvider provider);
        public static uint Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static uint Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out uint result);
        public static bool TryParse(string s, out uint result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out uint result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out uint result);
    }

    /// <summary>A number of 64 bits without a sign.</summary>
    public struct UInt64 : IComparable, IComparable<ulong>, IConvertible, IEquatable<ulong>, IFormattable
    {
        public static ulong MaxValue;
        public static ulong MinValue;
        public int CompareTo(object value);
        public int CompareTo(ulong value);
        public bool Equals(ulong obj);
        public TypeCode GetTypeCode();
        public static ulong Parse(string s);
        public static ulong Parse(string s, NumberStyles style);
        public static ulong Parse(string s, IFormatProvider provider);
        public static ulong Parse(ReadOnlySpan<char> s, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static ulong Parse(string s, NumberStyles style, IFormatProvider provider);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(Span<char> destination, out int charsWritten, ReadOnlySpan<char> format = default(ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(ReadOnlySpan<char> s, out ulong result);
        public static bool TryParse(string s, out ulong result);
        public static bool TryParse(ReadOnlySpan<char> s, NumberStyles style, IFormatProvider provider, out ulong result);
        public static bool TryParse(string s, NumberStyles style, IFormatProvider provider, out ulong result);
    }

    /// <summary>A pointer as a number without a sign.</summary>
    public struct UIntPtr : IEquatable<UIntPtr>, ISerializable
    {
        public static UIntPtr Zero;
        public UIntPtr(uint value) { }
        public UIntPtr(ulong value) { }
        public UIntPtr(void* value) { }
        public static int Size { get; }
        public static UIntPtr Add(UIntPtr pointer, int offset);
        public static UIntPtr Subtract(UIntPtr pointer, int offset);
        public void* ToPointer();
        public uint ToUInt32();
        public ulong ToUInt64();
    }

    /// <summary>Something that is not permitted.</summary>
    public class UnauthorizedAccessException : SystemException
    {
        public UnauthorizedAccessException() { }
        public UnauthorizedAccessException(string message) { }
        protected UnauthorizedAccessException(SerializationInfo info, StreamingContext context) { }
        public UnauthorizedAccessException(string message, Exception inner) { }
    }

    /// <summary>What is told of an exception nobody caught.</summary>
    public class UnhandledExceptionEventArgs : EventArgs
    {
        public UnhandledExceptionEventArgs(object exception, bool isTerminating) { }
        public object ExceptionObject { get; }
        public bool IsTerminating { get; }
    }

    /// <summary>An address.</summary>
    public class Uri : ISerializable
    {
        public static string SchemeDelimiter;
        public static string UriSchemeFile;
        public static string UriSchemeFtp;
        public static string UriSchemeGopher;
        public static string UriSchemeHttp;
        public static string UriSchemeHttps;
        public static string UriSchemeMailto;
        public static string UriSchemeNetPipe;
        public static string UriSchemeNetTcp;
        public static string UriSchemeNews;
        public static string UriSchemeNntp;
        public Uri(string uriString) { }
        protected Uri(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public Uri(string uriString, bool dontEscape) { }
        public Uri(string uriString, UriKind uriKind) { }
        public Uri(Uri baseUri, string relativeUri) { }
        public Uri(Uri baseUri, Uri relativeUri) { }
        public Uri(Uri baseUri, string relativeUri, bool dontEscape) { }
        public string AbsolutePath { get; }
        public string AbsoluteUri { get; }
        public string Authority { get; }
        public string DnsSafeHost { get; }
        public string Fragment { get; }
        public string Host { get; }
        public UriHostNameType HostNameType { get; }
        public string IdnHost { get; }
        public bool IsAbsoluteUri { get; }
        public bool IsDefaultPort { get; }
        public bool IsFile { get; }
        public bool IsLoopback { get; }
        public bool IsUnc { get; }
        public string LocalPath { get; }
        public string OriginalString { get; }
        public string PathAndQuery { get; }
        public int Port { get; }
        public string Query { get; }
        public string Scheme { get; }
        public string[] Segments { get; }
        public bool UserEscaped { get; }
        public string UserInfo { get; }
        protected virtual void Canonicalize();
        public static UriHostNameType CheckHostName(string name);
        public static bool CheckSchemeName(string schemeName);
        protected virtual void CheckSecurity();
        public static int Compare(Uri uri1, Uri uri2, UriComponents partsToCompare, UriFormat compareFormat, StringComparison comparisonType);
        protected virtual void Escape();
        public static string EscapeDataString(string stringToEscape);
        protected static string EscapeString(string str);
        public static string EscapeUriString(string stringToEscape);
        public static int FromHex(char digit);
        public string GetComponents(UriComponents components, UriFormat format);
        public string GetLeftPart(UriPartial part);
        protected void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
        public static string HexEscape(char character);
        public static char HexUnescape(string pattern, ref int index);
        protected virtual bool IsBadFileSystemCharacter(char character);
        public bool IsBaseOf(Uri uri);
        protected static bool IsExcludedCharacter(char character);
        public static bool IsHexDigit(char character);
        public static bool IsHexEncoding(string pattern, int index);
        protected virtual bool IsReservedCharacter(char character);
        public bool IsWellFormedOriginalString();
        public static bool IsWellFormedUriString(string uriString, UriKind uriKind);
        public string MakeRelative(Uri toUri);
        public Uri MakeRelativeUri(Uri uri);
        protected virtual void Parse();
        public static bool TryCreate(string uriString, UriKind uriKind, out Uri result);
        public static bool TryCreate(Uri baseUri, string relativeUri, out Uri result);
        public static bool TryCreate(Uri baseUri, Uri relativeUri, out Uri result);
        protected virtual string Unescape(string path);
        public static string UnescapeDataString(string stringToUnescape);
    }

    /// <summary>Makes addresses.</summary>
    public class UriBuilder
    {
        public UriBuilder() { }
        public UriBuilder(string uri) { }
        public UriBuilder(Uri uri) { }
        public UriBuilder(string schemeName, string hostName) { }
        public UriBuilder(string scheme, string host, int portNumber) { }
        public UriBuilder(string scheme, string host, int port, string pathValue) { }
        public UriBuilder(string scheme, string host, int port, string path, string extraValue) { }
        public string Fragment { get; set; }
        public string Host { get; set; }
        public string Password { get; set; }
        public string Path { get; set; }
        public int Port { get; set; }
        public string Query { get; set; }
        public string Scheme { get; set; }
        public Uri Uri { get; }
        public string UserName { get; set; }
    }

    /// <summary>A text that is no address.</summary>
    public class UriFormatException : FormatException
    {
        public UriFormatException() { }
        public UriFormatException(string textString) { }
        protected UriFormatException(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public UriFormatException(string textString, Exception e) { }
    }

    /// <summary>Kinds of addresses.</summary>
    public enum UriKind
    {
        RelativeOrAbsolute,
        Absolute,
        Relative,
    }

    /// <summary>The base of all structs.</summary>
    public abstract class ValueType
    {
        protected ValueType() { }
    }

    /// <summary>The number of a version.</summary>
    public sealed class Version : IComparable, IComparable<Version>, IEquatable<Version>, ICloneable
    {
        public Version() { }
        public Version(string version) { }
        public Version(int major, int minor) { }
        public Version(int major, int minor, int build) { }
        public Version(int major, int minor, int build, int revision) { }
        public int Build { get; }
        public int Major { get; }
        public short MajorRevision { get; }
        public int Minor { get; }
        public short MinorRevision { get; }
        public int Revision { get; }
        public object Clone();
        public int CompareTo(object version);
        public int CompareTo(Version value);
        public bool Equals(Version obj);
        public static Version Parse(ReadOnlySpan<char> input);
        public static Version Parse(string input);
        public string ToString(int fieldCount);
        public bool TryFormat(Span<char> destination, out int charsWritten);
        public bool TryFormat(Span<char> destination, int fieldCount, out int charsWritten);
        public static bool TryParse(ReadOnlySpan<char> input, out Version result);
        public static bool TryParse(string input, out Version result);
    }

    /// <summary>A reference that does not keep its object.</summary>
    public class WeakReference : ISerializable
    {
        public WeakReference(object target) { }
        public WeakReference(object target, bool trackResurrection) { }
        protected WeakReference(SerializationInfo info, StreamingContext context) { }
        public virtual bool IsAlive { get; }
        public virtual object Target { get; set; }
        public virtual bool TrackResurrection { get; }
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>A reference that does not keep its object.</summary>
    public sealed class WeakReference<T> : ISerializable where T : class
    {
        public WeakReference(T target) { }
        public WeakReference(T target, bool trackResurrection) { }
        public void GetObjectData(SerializationInfo info, StreamingContext context);
        public void SetTarget(T target);
        public bool TryGetTarget(out T target);
    }
}
