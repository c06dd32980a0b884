using System;
using System.Reflection;
using System.Runtime.Serialization;
using System.Security;
using System.Threading;

namespace System.Runtime.InteropServices
{
    /// <summary>How functions are called.</summary>
    public enum CallingConvention
    {
        Winapi,
        Cdecl,
        StdCall,
        ThisCall,
        FastCall,
    }

    /// <summary>How texts are passed.</summary>
    public enum CharSet
    {
        None,
        Ansi,
        Unicode,
        Auto,
    }

    /// <summary>Another component failed.</summary>
    public class COMException : ExternalException
    {
        public COMException() { }
        public COMException(string message) { }
        protected COMException(SerializationInfo info, StreamingContext context) { }
        public COMException(string message, int errorCode) { }
        public COMException(string message, Exception inner) { }
    }

    /// <summary>Shows a type to others.</summary>
    public sealed class ComVisibleAttribute : Attribute
    {
        public ComVisibleAttribute(bool visibility) { }
        public bool Value { get; }
    }

    /// <summary>The value of an argument that is left out.</summary>
    public sealed class DefaultParameterValueAttribute : Attribute
    {
        public DefaultParameterValueAttribute(object value) { }
        public object Value { get; }
    }

    /// <summary>A function of a library.</summary>
    public sealed class DllImportAttribute : Attribute
    {
        public bool BestFitMapping;
        public CallingConvention CallingConvention;
        public CharSet CharSet;
        public string EntryPoint;
        public bool ExactSpelling;
        public bool PreserveSig;
        public bool SetLastError;
        public bool ThrowOnUnmappableChar;
        public DllImportAttribute(string dllName) { }
        public string Value { get; }
    }

    /// <summary>Something outside failed.</summary>
    public class ExternalException : SystemException
    {
        public ExternalException() { }
        public ExternalException(string message) { }
        protected ExternalException(SerializationInfo info, StreamingContext context) { }
        public ExternalException(string message, int errorCode) { }
        public ExternalException(string message, Exception inner) { }
        public virtual int ErrorCode { get; }
    }

    /// <summary>Where a field lies.</summary>
    public sealed class FieldOffsetAttribute : Attribute
    {
        public FieldOffsetAttribute(int offset) { }
        public int Value { get; }
    }

    /// <summary>Keeps an object where it is.</summary>
    public struct GCHandle
    {
        public bool IsAllocated { get; }
        public object Target { get; set; }
        public IntPtr AddrOfPinnedObject();
        public static GCHandle Alloc(object value);
        public static GCHandle Alloc(object value, GCHandleType type);
        public void Free();
        public static GCHandle FromIntPtr(IntPtr value);
        public static IntPtr ToIntPtr(GCHandle value);
    }

    /// <summary>How an object is kept.</summary>
    public enum GCHandleType
    {
        Weak,
        WeakTrackResurrection,
        Normal,
        Pinned,
    }

    /// <summary>The identifier of a type.</summary>
    public sealed class GuidAttribute : Attribute
    {
        public GuidAttribute(string guid) { }
        public string Value { get; }
    }

    /// <summary>Marks what goes in.</summary>
    public sealed class InAttribute : Attribute
    {
        public InAttribute() { }
    }

    /// <summary>How structs lie in memory.</summary>
    public enum LayoutKind
    {
        Sequential,
        Explicit,
        Auto,
    }

    /// <summary>Memory of other languages.</summary>
    public static class Marshal
    {
        public static int SystemDefaultCharSize;
        public static int SystemMaxDBCSCharSize;
        public static int AddRef(IntPtr pUnk);
        public static IntPtr AllocCoTaskMem(int cb);
        public static IntPtr AllocHGlobal(int cb);
        public static IntPtr AllocHGlobal(IntPtr cb);
        public static bool AreComObjectsAvailableForCleanup();
        public static object BindToMoniker(string monikerName);
        public static void ChangeWrapperHandleStrength(object otp, bool fIsWeak);
        public static void CleanupUnusedObjectsInCurrentContext();
        public static void Copy(byte[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(char[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(double[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(short[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(int[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(long[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(IntPtr source, byte[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, char[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, double[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, short[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, int[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, long[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, IntPtr[] destination, int startIndex, int length);
        public static void Copy(IntPtr source, float[] destination, int startIndex, int length);
        public static void Copy(IntPtr[] source, int startIndex, IntPtr destination, int length);
        public static void Copy(float[] source, int startIndex, IntPtr destination, int length);
        public static IntPtr CreateAggregatedObject(IntPtr pOuter, object o);
        public static IntPtr CreateAggregatedObject<T>(IntPtr pOuter, T o);
        public static TWrapper CreateWrapperOfType<T, TWrapper>(T o);
        public static object CreateWrapperOfType(object o, Type t);
        public static void DestroyStructure<T>(IntPtr ptr);
        public static void DestroyStructure(IntPtr ptr, Type structuretype);
        public static int FinalReleaseComObject(object o);
        public static void FreeBSTR(IntPtr ptr);
        public static void FreeCoTaskMem(IntPtr ptr);
        public static void FreeHGlobal(IntPtr hglobal);
        public static Guid GenerateGuidForType(Type type);
        public static string GenerateProgIdForType(Type type);
        public static object GetActiveObject(string progID);
        public static IntPtr GetComInterfaceForObject<T, TInterface>(T o);
        public static IntPtr GetComInterfaceForObject(object o, Type T);
        public static IntPtr GetComInterfaceForObject(object o, Type T, CustomQueryInterfaceMode mode);
        public static IntPtr GetComInterfaceForObjectInContext(object o, Type t);
        public static object GetComObjectData(object obj, object key);
        public static int GetComSlotForMethodInfo(MemberInfo m);
        public static TDelegate GetDelegateForFunctionPointer<TDelegate>(IntPtr ptr);
        public static Delegate GetDelegateForFunctionPointer(IntPtr ptr, Type t);
        public static int GetEndComSlot(Type t);
        public static int GetExceptionCode();
        public static Exception GetExceptionForHR(int errorCode);
        public static Exception GetExceptionForHR(int errorCode, IntPtr errorInfo);
        public static IntPtr GetExceptionPointers();
        public static IntPtr GetFunctionPointerForDelegate(Delegate d);
        public static IntPtr GetFunctionPointerForDelegate<TDelegate>(TDelegate d);
        public static IntPtr GetHINSTANCE(Module m);
        public static int GetHRForException(Exception e);
        public static int GetHRForLastWin32Error();
        public static IntPtr GetIDispatchForObject(object o);
        public static IntPtr GetIDispatchForObjectInContext(object o);
        public static IntPtr GetITypeInfoForType(Type t);
        public static IntPtr GetIUnknownForObject(object o);
        public static IntPtr GetIUnknownForObjectInContext(object o);
        public static int GetLastWin32Error();
        public static IntPtr GetManagedThunkForUnmanagedMethodPtr(IntPtr pfnMethodToWrap, IntPtr pbSignature, int cbSignature);
        public static MemberInfo GetMethodInfoForComSlot(Type t, int slot, ref ComMemberType memberType);
        public static void GetNativeVariantForObject(object obj, IntPtr pDstNativeVariant);
        public static void GetNativeVariantForObject<T>(T obj, IntPtr pDstNativeVariant);
        public static object GetObjectForIUnknown(IntPtr pUnk);
        public static object GetObjectForNativeVariant(IntPtr pSrcNativeVariant);
        public static T GetObjectForNativeVariant<T>(IntPtr pSrcNativeVariant);
        public static object[] GetObjectsForNativeVariants(IntPtr aSrcNativeVariant, int cVars);
        public static T[] GetObjectsForNativeVariants<T>(IntPtr aSrcNativeVariant, int cVars);
        public static int GetStartComSlot(Type t);
        public static Thread GetThreadFromFiberCookie(int cookie);
        public static Type GetTypeForITypeInfo(IntPtr piTypeInfo);
        public static Type GetTypeFromCLSID(Guid clsid);
        public static string GetTypeInfoName(System.Runtime.InteropServices.ComTypes.ITypeInfo typeInfo);
        public static string GetTypeInfoName(UCOMITypeInfo pTI);
        public static Guid GetTypeLibGuid(System.Runtime.InteropServices.ComTypes.ITypeLib typelib);
        public static Guid GetTypeLibGuid(UCOMITypeLib pTLB);
        public static Guid GetTypeLibGuidForAssembly(Assembly asm);
        public static int GetTypeLibLcid(System.Runtime.InteropServices.ComTypes.ITypeLib typelib);
        public static int GetTypeLibLcid(UCOMITypeLib pTLB);
        public static string GetTypeLibName(System.Runtime.InteropServices.ComTypes.ITypeLib typelib);
        public static string GetTypeLibName(UCOMITypeLib pTLB);
        public static void GetTypeLibVersionForAssembly(Assembly inputAssembly, out int majorVersion, out int minorVersion);
        public static object GetTypedObjectForIUnknown(IntPtr pUnk, Type t);
        public static object GetUniqueObjectForIUnknown(IntPtr unknown);
        public static IntPtr GetUnmanagedThunkForManagedMethodPtr(IntPtr pfnMethodToWrap, IntPtr pbSignature, int cbSignature);
        public static bool IsComObject(object o);
        public static bool IsTypeVisibleFromCom(Type t);
        public static int NumParamBytes(MethodInfo m);
        public static IntPtr OffsetOf<T>(string fieldName);
        public static IntPtr OffsetOf(Type t, string fieldName);
        public static void Prelink(MethodInfo m);
        public static void PrelinkAll(Type c);
        public static string PtrToStringAnsi(IntPtr ptr);
        public static string PtrToStringAnsi(IntPtr ptr, int len);
        public static string PtrToStringAuto(IntPtr ptr);
        public static string PtrToStringAuto(IntPtr ptr, int len);
        public static string PtrToStringBSTR(IntPtr ptr);
        public static string PtrToStringUTF8(IntPtr ptr);
        public static string PtrToStringUTF8(IntPtr ptr, int byteLen);
        public static string PtrToStringUni(IntPtr ptr);
        public static string PtrToStringUni(IntPtr ptr, int len);
        public static T PtrToStructure<T>(IntPtr ptr);
        public static object PtrToStructure(IntPtr ptr, Type structureType);
        public static void PtrToStructure(IntPtr ptr, object structure);
        public static void PtrToStructure<T>(IntPtr ptr, T structure);
        public static int QueryInterface(IntPtr pUnk, ref Guid iid, out IntPtr ppv);
        public static IntPtr ReAllocCoTaskMem(IntPtr pv, int cb);
        public static IntPtr ReAllocHGlobal(IntPtr pv, IntPtr cb);
        public static byte ReadByte(IntPtr ptr);
        public static byte ReadByte(IntPtr ptr, int ofs);
        public static byte ReadByte(object ptr, int ofs);
        public static short ReadInt16(IntPtr ptr);
        public static short ReadInt16(IntPtr ptr, int ofs);
        public static short ReadInt16(object ptr, int ofs);
        public static int ReadInt32(IntPtr ptr);
        public static int ReadInt32(IntPtr ptr, int ofs);
        public static int ReadInt32(object ptr, int ofs);
        public static long ReadInt64(IntPtr ptr);
        public static long ReadInt64(IntPtr ptr, int ofs);
        public static long ReadInt64(object ptr, int ofs);
        public static IntPtr ReadIntPtr(IntPtr ptr);
        public static IntPtr ReadIntPtr(IntPtr ptr, int ofs);
        public static IntPtr ReadIntPtr(object ptr, int ofs);
        public static int Release(IntPtr pUnk);
        public static int ReleaseComObject(object o);
        public static void ReleaseThreadCache();
        public static IntPtr SecureStringToBSTR(SecureString s);
        public static IntPtr SecureStringToCoTaskMemAnsi(SecureString s);
        public static IntPtr SecureStringToCoTaskMemUnicode(SecureString s);
        public static IntPtr SecureStringToGlobalAllocAnsi(SecureString s);
        public static IntPtr SecureStringToGlobalAllocUnicode(SecureString s);
        public static bool SetComObjectData(object obj, object key, object data);
        public static int SizeOf<T>();
        public static int SizeOf(object structure);
        public static int SizeOf(Type t);
        public static int SizeOf<T>(T structure);
        public static IntPtr StringToAllocatedMemoryUTF8(string s);
        public static IntPtr StringToBSTR(string s);
        public static IntPtr StringToCoTaskMemAnsi(string s);
        public static IntPtr StringToCoTaskMemAuto(string s);
        public static IntPtr StringToCoTaskMemUTF8(string s);
        public static IntPtr StringToCoTaskMemUni(string s);
        public static IntPtr StringToHGlobalAnsi(string s);
        public static IntPtr StringToHGlobalAuto(string s);
        public static IntPtr StringToHGlobalUni(string s);
        public static void StructureToPtr(object structure, IntPtr ptr, bool fDeleteOld);
        public static void StructureToPtr<T>(T structure, IntPtr ptr, bool fDeleteOld);
        public static void ThrowExceptionForHR(int errorCode);
        public static void ThrowExceptionForHR(int errorCode, IntPtr errorInfo);
        public static IntPtr UnsafeAddrOfPinnedArrayElement(Array arr, int index);
        public static IntPtr UnsafeAddrOfPinnedArrayElement<T>(T[] arr, int index);
        public static void WriteByte(IntPtr ptr, byte val);
        public static void WriteByte(IntPtr ptr, int ofs, byte val);
        public static void WriteByte(object ptr, int ofs, byte val);
        public static void WriteInt16(IntPtr ptr, char val);
        public static void WriteInt16(IntPtr ptr, short val);
        public static void WriteInt16(IntPtr ptr, int ofs, char val);
        public static void WriteInt16(IntPtr ptr, int ofs, short val);
        public static void WriteInt16(object ptr, int ofs, char val);
        public static void WriteInt16(object ptr, int ofs, short val);
        public static void WriteInt32(IntPtr ptr, int val);
        public static void WriteInt32(IntPtr ptr, int ofs, int val);
        public static void WriteInt32(object ptr, int ofs, int val);
        public static void WriteInt64(IntPtr ptr, long val);
        public static void WriteInt64(IntPtr ptr, int ofs, long val);
        public static void WriteInt64(object ptr, int ofs, long val);
        public static void WriteIntPtr(IntPtr ptr, IntPtr val);
        public static void WriteIntPtr(IntPtr ptr, int ofs, IntPtr val);
        public static void WriteIntPtr(object ptr, int ofs, IntPtr val);
        public static void ZeroFreeBSTR(IntPtr s);
        public static void ZeroFreeCoTaskMemAnsi(IntPtr s);
        public static void ZeroFreeCoTaskMemUTF8(IntPtr s);
        public static void ZeroFreeCoTaskMemUnicode(IntPtr s);
        public static void ZeroFreeGlobalAllocAnsi(IntPtr s);
        public static void ZeroFreeGlobalAllocUnicode(IntPtr s);
    }

    /// <summary>How a value is passed.</summary>
    public sealed class MarshalAsAttribute : Attribute
    {
        public UnmanagedType ArraySubType;
        public int IidParameterIndex;
        public string MarshalCookie;
        public string MarshalType;
        public Type MarshalTypeRef;
        public VarEnum SafeArraySubType;
        public Type SafeArrayUserDefinedSubType;
        public int SizeConst;
        public short SizeParamIndex;
        public MarshalAsAttribute(short unmanagedType) { }
        public MarshalAsAttribute(UnmanagedType unmanagedType) { }
        public UnmanagedType Value { get; }
    }

    /// <summary>Marks an argument that may be left out.</summary>
    public sealed class OptionalAttribute : Attribute
    {
        public OptionalAttribute() { }
    }

    /// <summary>Marks what comes out.</summary>
    public sealed class OutAttribute : Attribute
    {
        public OutAttribute() { }
    }

    /// <summary>Keeps the result as it is.</summary>
    public sealed class PreserveSigAttribute : Attribute
    {
        public PreserveSigAttribute() { }
    }

    /// <summary>A handle that is given up.</summary>
    public abstract class SafeHandle : System.Runtime.ConstrainedExecution.CriticalFinalizerObject, IDisposable
    {
        protected IntPtr handle;
        protected SafeHandle(IntPtr invalidHandleValue, bool ownsHandle) { }
        public bool IsClosed { get; }
        public abstract bool IsInvalid { get; }
        public void Close();
        public void DangerousAddRef(ref bool success);
        public IntPtr DangerousGetHandle();
        public void DangerousRelease();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        protected abstract bool ReleaseHandle();
        protected void SetHandle(IntPtr handle);
        public void SetHandleAsInvalid();
    }

    /// <summary>How a struct lies in memory.</summary>
    public sealed class StructLayoutAttribute : Attribute
    {
        public CharSet CharSet;
        public int Pack;
        public int Size;
        public StructLayoutAttribute(short layoutKind) { }
        public StructLayoutAttribute(LayoutKind layoutKind) { }
        public LayoutKind Value { get; }
    }

    /// <summary>How a delegate is called from outside.</summary>
    public sealed class UnmanagedFunctionPointerAttribute : Attribute
    {
        public bool BestFitMapping;
        public CharSet CharSet;
        public bool SetLastError;
        public bool ThrowOnUnmappableChar;
        public UnmanagedFunctionPointerAttribute(CallingConvention callingConvention) { }
        public CallingConvention CallingConvention { get; }
    }

    /// <summary>Types of other languages.</summary>
    public enum UnmanagedType
    {
        Bool,
        I1,
        U1,
        I2,
        U2,
        I4,
        U4,
        I8,
        U8,
        R4,
        R8,
        Currency,
        BStr,
        LPStr,
        LPWStr,
        LPTStr,
        ByValTStr,
        IUnknown,
        IDispatch,
        Struct,
        Interface,
        SafeArray,
        ByValArray,
        SysInt,
        SysUInt,
        VBByRefStr,
        AnsiBStr,
        TBStr,
        VariantBool,
        FunctionPtr,
        AsAny,
        LPArray,
        LPStruct,
        CustomMarshaler,
        Error,
        IInspectable,
        HString,
        LPUTF8Str,
    }
}
