using System;
using System.Collections;
using System.Reflection;

namespace System.Runtime.Serialization
{
    /// <summary>Marks what is written by a contract.</summary>
    public sealed class DataContractAttribute : Attribute
    {
        public DataContractAttribute() { }
        public bool IsNameSetExplicitly { get; }
        public bool IsNamespaceSetExplicitly { get; }
        public bool IsReference { get; set; }
        public bool IsReferenceSetExplicitly { get; }
        public string Name { get; set; }
        public string Namespace { get; set; }
    }

    /// <summary>Marks a member of a contract.</summary>
    public sealed class DataMemberAttribute : Attribute
    {
        public DataMemberAttribute() { }
        public bool EmitDefaultValue { get; set; }
        public bool IsNameSetExplicitly { get; }
        public bool IsRequired { get; set; }
        public string Name { get; set; }
        public int Order { get; set; }
    }

    /// <summary>Marks a value of a contract.</summary>
    public sealed class EnumMemberAttribute : Attribute
    {
        public EnumMemberAttribute() { }
        public bool IsValueSetExplicitly { get; }
        public string Value { get; set; }
    }

    /// <summary>Makes types of values.</summary>
    public class FormatterConverter : IFormatterConverter
    {
        public FormatterConverter() { }
        public object Convert(object value, Type type);
        public object Convert(object value, TypeCode typeCode);
        public bool ToBoolean(object value);
        public byte ToByte(object value);
        public char ToChar(object value);
        public DateTime ToDateTime(object value);
        public decimal ToDecimal(object value);
        public double ToDouble(object value);
        public short ToInt16(object value);
        public int ToInt32(object value);
        public long ToInt64(object value);
        public sbyte ToSByte(object value);
        public float ToSingle(object value);
        public string ToString(object value);
        public ushort ToUInt16(object value);
        public uint ToUInt32(object value);
        public ulong ToUInt64(object value);
    }

    /// <summary>Makes objects without calling them.</summary>
    public static class FormatterServices
    {
        public static void CheckTypeSecurity(Type t, System.Runtime.Serialization.Formatters.TypeFilterLevel securityLevel);
        public static object[] GetObjectData(object obj, MemberInfo[] members);
        public static object GetSafeUninitializedObject(Type type);
        public static MemberInfo[] GetSerializableMembers(Type type);
        public static MemberInfo[] GetSerializableMembers(Type type, StreamingContext context);
        public static ISerializationSurrogate GetSurrogateForCyclicalReference(ISerializationSurrogate innerSurrogate);
        public static Type GetTypeFromAssembly(Assembly assem, string name);
        public static object GetUninitializedObject(Type type);
        public static object PopulateObjectMembers(object obj, MemberInfo[] members, object[] data);
    }

    /// <summary>Is told when an object is read.</summary>
    public interface IDeserializationCallback
    {
        void OnDeserialization(object sender);
    }

    /// <summary>Makes types of values.</summary>
    public interface IFormatterConverter
    {
        object Convert(object value, Type type);
        object Convert(object value, TypeCode typeCode);
        bool ToBoolean(object value);
        byte ToByte(object value);
        char ToChar(object value);
        DateTime ToDateTime(object value);
        decimal ToDecimal(object value);
        double ToDouble(object value);
        short ToInt16(object value);
        int ToInt32(object value);
        long ToInt64(object value);
        sbyte ToSByte(object value);
        float ToSingle(object value);
        string ToString(object value);
        ushort ToUInt16(object value);
        uint ToUInt32(object value);
        ulong ToUInt64(object value);
    }

    /// <summary>Marks what is not written.</summary>
    public sealed class IgnoreDataMemberAttribute : Attribute
    {
        public IgnoreDataMemberAttribute() { }
    }

    /// <summary>Writes itself as an object.</summary>
    public interface ISerializable
    {
        void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>Marks what is called after reading.</summary>
    public sealed class OnDeserializedAttribute : Attribute
    {
        public OnDeserializedAttribute() { }
    }

    /// <summary>Marks what is called before reading.</summary>
    public sealed class OnDeserializingAttribute : Attribute
    {
        public OnDeserializingAttribute() { }
    }

    /// <summary>Marks what is called after writing.</summary>
    public sealed class OnSerializedAttribute : Attribute
    {
        public OnSerializedAttribute() { }
    }

    /// <summary>Marks what is called before writing.</summary>
    public sealed class OnSerializingAttribute : Attribute
    {
        public OnSerializingAttribute() { }
    }

    /// <summary>Marks a field that may be missing.</summary>
    public sealed class OptionalFieldAttribute : Attribute
    {
        public OptionalFieldAttribute() { }
        public int VersionAdded { get; set; }
    }

    /// <summary>Finds types of objects.</summary>
    public abstract class SerializationBinder
    {
        protected SerializationBinder() { }
        public virtual void BindToName(Type serializedType, out string assemblyName, out string typeName);
        public abstract Type BindToType(string assemblyName, string typeName);
    }

    /// <summary>A value of an object.</summary>
    public struct SerializationEntry
    {
        public string Name { get; }
        public Type ObjectType { get; }
        public object Value { get; }
    }

    /// <summary>An object that cannot be written or read.</summary>
    public class SerializationException : SystemException
    {
        public SerializationException() { }
        public SerializationException(string message) { }
        protected SerializationException(SerializationInfo info, StreamingContext context) { }
        public SerializationException(string message, Exception innerException) { }
    }

    /// <summary>What is written of an object.</summary>
    public sealed class SerializationInfo
    {
        public SerializationInfo(Type type, IFormatterConverter converter) { }
        public SerializationInfo(Type type, IFormatterConverter converter, bool requireSameTokenInPartialTrust) { }
        public string AssemblyName { get; set; }
        public string FullTypeName { get; set; }
        public bool IsAssemblyNameSetExplicit { get; }
        public bool IsFullTypeNameSetExplicit { get; }
        public int MemberCount { get; }
        public Type ObjectType { get; }
        public void AddValue(string name, bool value);
        public void AddValue(string name, byte value);
        public void AddValue(string name, char value);
        public void AddValue(string name, double value);
        public void AddValue(string name, short value);
        public void AddValue(string name, int value);
        public void AddValue(string name, long value);
        public void AddValue(string name, sbyte value);
        public void AddValue(string name, float value);
        public void AddValue(string name, DateTime value);
        public void AddValue(string name, decimal value);
        public void AddValue(string name, object value);
        public void AddValue(string name, ushort value);
        public void AddValue(string name, uint value);
        public void AddValue(string name, ulong value);
        public void AddValue(string name, object value, Type type);
        public bool GetBoolean(string name);
        public byte GetByte(string name);
        public char GetChar(string name);
        public DateTime GetDateTime(string name);
        public decimal GetDecimal(string name);
        public double GetDouble(string name);
        public SerializationInfoEnumerator GetEnumerator();
        public short GetInt16(string name);
        public int GetInt32(string name);
        public long GetInt64(string name);
        public sbyte GetSByte(string name);
        public float GetSingle(string name);
        public string GetString(string name);
        public ushort GetUInt16(string name);
        public uint GetUInt32(string name);
        public ulong GetUInt64(string name);
        public object GetValue(string name, Type type);
        public void SetType(Type type);
    }

    /// <summary>Goes through values of an object.</summary>
    public sealed class SerializationInfoEnumerator : IEnumerator
    {
        public SerializationEntry Current { get; }
        public string Name { get; }
        public Type ObjectType { get; }
        public object Value { get; }
        public bool MoveNext();
        public void Reset();
    }

    /// <summary>Where an object goes.</summary>
    public struct StreamingContext
    {
        public StreamingContext(StreamingContextStates state) { }
        public StreamingContext(StreamingContextStates state, object additional) { }
        public object Context { get; }
        public StreamingContextStates State { get; }
    }

    /// <summary>Where objects go.</summary>
    public enum StreamingContextStates
    {
        CrossProcess,
        CrossMachine,
        File,
        Persistence,
        Remoting,
        Other,
        Clone,
        CrossAppDomain,
        All,
    }
}
