using System;
using System.Collections.Generic;
using System.Globalization;
using System.IO;
using System.Runtime.Serialization;

namespace System.Reflection
{
    /// <summary>Several members fit.</summary>
    public sealed class AmbiguousMatchException : SystemException
    {
        public AmbiguousMatchException() { }
        public AmbiguousMatchException(string message) { }
        public AmbiguousMatchException(string message, Exception inner) { }
    }

    /// <summary>A library of the running program.</summary>
    public abstract class Assembly : System.Runtime.InteropServices._Assembly, ICustomAttributeProvider, System.Security.IEvidenceFactory, ISerializable
    {
        protected Assembly() { }
        public virtual string CodeBase { get; }
        public virtual IEnumerable<CustomAttributeData> CustomAttributes { get; }
        public virtual IEnumerable<TypeInfo> DefinedTypes { get; }
        public virtual MethodInfo EntryPoint { get; }
        public virtual string EscapedCodeBase { get; }
        public virtual System.Security.Policy.Evidence Evidence { get; }
        public virtual IEnumerable<Type> ExportedTypes { get; }
        public virtual string FullName { get; }
        public virtual bool GlobalAssemblyCache { get; }
        public virtual long HostContext { get; }
        public virtual string ImageRuntimeVersion { get; }
        public virtual bool IsDynamic { get; }
        public bool IsFullyTrusted { get; }
        public virtual string Location { get; }
        public virtual Module ManifestModule { get; }
        public virtual IEnumerable<Module> Modules { get; }
        public virtual System.Security.PermissionSet PermissionSet { get; }
        public virtual bool ReflectionOnly { get; }
        public virtual System.Security.SecurityRuleSet SecurityRuleSet { get; }
        public virtual event ModuleResolveEventHandler ModuleResolve;
        public object CreateInstance(string typeName);
        public object CreateInstance(string typeName, bool ignoreCase);
        public virtual object CreateInstance(string typeName, bool ignoreCase, BindingFlags bindingAttr, Binder binder, object[] args, CultureInfo culture, object[] activationAttributes);
        public static string CreateQualifiedName(string assemblyName, string typeName);
        public static Assembly GetAssembly(Type type);
        public static Assembly GetCallingAssembly();
        public virtual object[] GetCustomAttributes(bool inherit);
        public virtual object[] GetCustomAttributes(Type attributeType, bool inherit);
        public virtual IList<CustomAttributeData> GetCustomAttributesData();
        public static Assembly GetEntryAssembly();
        public static Assembly GetExecutingAssembly();
        public virtual Type[] GetExportedTypes();
        public virtual FileStream GetFile(string name);
        public virtual FileStream[] GetFiles();
        public virtual FileStream[] GetFiles(bool getResourceModules);
        public virtual Type[] GetForwardedTypes();
        public Module[] GetLoadedModules();
        public virtual Module[] GetLoadedModules(bool getResourceModules);
        public virtual ManifestResourceInfo GetManifestResourceInfo(string resourceName);
        public virtual string[] GetManifestResourceNames();
        public virtual Stream GetManifestResourceStream(string name);
        public virtual Stream GetManifestResourceStream(Type type, string name);
        public virtual Module GetModule(string name);
        public Module[] GetModules();
        public virtual Module[] GetModules(bool getResourceModules);
        public virtual AssemblyName GetName();
        public virtual AssemblyName GetName(bool copiedName);
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public virtual AssemblyName[] GetReferencedAssemblies();
        public virtual Assembly GetSatelliteAssembly(CultureInfo culture);
        public virtual Assembly GetSatelliteAssembly(CultureInfo culture, Version version);
        public virtual Type GetType(string name);
        public virtual Type GetType(string name, bool throwOnError);
        public virtual Type GetType(string name, bool throwOnError, bool ignoreCase);
        public virtual Type[] GetTypes();
        public virtual bool IsDefined(Type attributeType, bool inherit);
        public static Assembly Load(byte[] rawAssembly);
        public static Assembly Load(AssemblyName assemblyRef);
        public static Assembly Load(string assemblyString);
        public static Assembly Load(byte[] rawAssembly, byte[] rawSymbolStore);
        public static Assembly Load(AssemblyName assemblyRef, System.Security.Policy.Evidence assemblySecurity);
        public static Assembly Load(string assemblyString, System.Security.Policy.Evidence assemblySecurity);
        public static Assembly Load(byte[] rawAssembly, byte[] rawSymbolStore, System.Security.Policy.Evidence securityEvidence);
        public static Assembly Load(byte[] rawAssembly, byte[] rawSymbolStore, System.Security.SecurityContextSource securityContextSource);
        public static Assembly LoadFile(string path);
        public static Assembly LoadFile(string path, System.Security.Policy.Evidence securityEvidence);
        public static Assembly LoadFrom(string assemblyFile);
        public static Assembly LoadFrom(string assemblyFile, System.Security.Policy.Evidence securityEvidence);
        public static Assembly LoadFrom(string assemblyFile, byte[] hashValue, System.Configuration.Assemblies.AssemblyHashAlgorithm hashAlgorithm);
        public static Assembly LoadFrom(string assemblyFile, System.Security.Policy.Evidence securityEvidence, byte[] hashValue, System.Configuration.Assemblies.AssemblyHashAlgorithm hashAlgorithm);
        public Module LoadModule(string moduleName, byte[] rawModule);
        public virtual Module LoadModule(string moduleName, byte[] rawModule, byte[] rawSymbolStore);
        public static Assembly LoadWithPartialName(string partialName);
        public static Assembly LoadWithPartialName(string partialName, System.Security.Policy.Evidence securityEvidence);
        public static Assembly ReflectionOnlyLoad(byte[] rawAssembly);
        public static Assembly ReflectionOnlyLoad(string assemblyString);
        public static Assembly ReflectionOnlyLoadFrom(string assemblyFile);
        public static Assembly UnsafeLoadFrom(string assemblyFile);
    }

    /// <summary>Who made a library.</summary>
    public sealed class AssemblyCompanyAttribute : Attribute
    {
        public AssemblyCompanyAttribute(string company) { }
        public string Company { get; }
    }

    /// <summary>How a library was built.</summary>
    public sealed class AssemblyConfigurationAttribute : Attribute
    {
        public AssemblyConfigurationAttribute(string configuration) { }
        public string Configuration { get; }
    }

    /// <summary>The rights of a library.</summary>
    public sealed class AssemblyCopyrightAttribute : Attribute
    {
        public AssemblyCopyrightAttribute(string copyright) { }
        public string Copyright { get; }
    }

    /// <summary>The language of a library.</summary>
    public sealed class AssemblyCultureAttribute : Attribute
    {
        public AssemblyCultureAttribute(string culture) { }
        public string Culture { get; }
    }

    /// <summary>What a library is for.</summary>
    public sealed class AssemblyDescriptionAttribute : Attribute
    {
        public AssemblyDescriptionAttribute(string description) { }
        public string Description { get; }
    }

    /// <summary>The version of a file.</summary>
    public sealed class AssemblyFileVersionAttribute : Attribute
    {
        public AssemblyFileVersionAttribute(string version) { }
        public string Version { get; }
    }

    /// <summary>The name of a library.</summary>
    public sealed class AssemblyName : System.Runtime.InteropServices._AssemblyName, IDeserializationCallback, ISerializable, ICloneable
    {
        public AssemblyName() { }
        public AssemblyName(string assemblyName) { }
        public string CodeBase { get; set; }
        public AssemblyContentType ContentType { get; set; }
        public CultureInfo CultureInfo { get; set; }
        public string CultureName { get; set; }
        public string EscapedCodeBase { get; }
        public AssemblyNameFlags Flags { get; set; }
        public string FullName { get; }
        public System.Configuration.Assemblies.AssemblyHashAlgorithm HashAlgorithm { get; set; }
        public StrongNameKeyPair KeyPair { get; set; }
        public string Name { get; set; }
        public ProcessorArchitecture ProcessorArchitecture { get; set; }
        public Version Version { get; set; }
        public System.Configuration.Assemblies.AssemblyVersionCompatibility VersionCompatibility { get; set; }
        public object Clone();
        public static AssemblyName GetAssemblyName(string assemblyFile);
        public void GetObjectData(SerializationInfo info, StreamingContext context);
        public byte[] GetPublicKey();
        public byte[] GetPublicKeyToken();
        public void OnDeserialization(object sender);
        public static bool ReferenceMatchesDefinition(AssemblyName reference, AssemblyName definition);
        public void SetPublicKey(byte[] publicKey);
        public void SetPublicKeyToken(byte[] publicKeyToken);
    }

    /// <summary>What a library is part of.</summary>
    public sealed class AssemblyProductAttribute : Attribute
    {
        public AssemblyProductAttribute(string product) { }
        public string Product { get; }
    }

    /// <summary>The title of a library.</summary>
    public sealed class AssemblyTitleAttribute : Attribute
    {
        public AssemblyTitleAttribute(string title) { }
        public string Title { get; }
    }

    /// <summary>The marks of a library.</summary>
    public sealed class AssemblyTrademarkAttribute : Attribute
    {
        public AssemblyTrademarkAttribute(string trademark) { }
        public string Trademark { get; }
    }

    /// <summary>The version of a library.</summary>
    public sealed class AssemblyVersionAttribute : Attribute
    {
        public AssemblyVersionAttribute(string version) { }
        public string Version { get; }
    }

    /// <summary>Chooses members.</summary>
    public abstract class Binder
    {
        protected Binder() { }
        public abstract FieldInfo BindToField(BindingFlags bindingAttr, FieldInfo[] match, object value, CultureInfo culture);
        public abstract MethodBase BindToMethod(BindingFlags bindingAttr, MethodBase[] match, ref object[] args, ParameterModifier[] modifiers, CultureInfo culture, string[] names, out object state);
        public virtual bool CanChangeType(object value, Type type, CultureInfo culture);
        public abstract object ChangeType(object value, Type type, CultureInfo culture);
        public abstract void ReorderArgumentArray(ref object[] args, object state);
        public abstract MethodBase SelectMethod(BindingFlags bindingAttr, MethodBase[] match, Type[] types, ParameterModifier[] modifiers);
        public abstract PropertyInfo SelectProperty(BindingFlags bindingAttr, PropertyInfo[] match, Type returnType, Type[] indexes, ParameterModifier[] modifiers);
    }

    /// <summary>Which members are searched.</summary>
    public enum BindingFlags
    {
        Default,
        IgnoreCase,
        DeclaredOnly,
        Instance,
        Static,
        Public,
        NonPublic,
        FlattenHierarchy,
        InvokeMethod,
        CreateInstance,
        GetField,
        SetField,
        GetProperty,
        SetProperty,
        PutDispProperty,
        PutRefDispProperty,
        ExactBinding,
        SuppressChangeType,
        OptionalParamBinding,
        IgnoreReturn,
        DoNotWrapExceptions,
    }

    /// <summary>How a method is called.</summary>
    public enum CallingConventions
    {
        Standard,
        VarArgs,
        Any,
        HasThis,
        ExplicitThis,
    }

    /// <summary>A constructor.</summary>
    public abstract class ConstructorInfo : MethodBase
    {
        public static string ConstructorName;
        public static string TypeConstructorName;
        protected ConstructorInfo() { }
        public override MemberTypes MemberType { get; }
        public object Invoke(object[] parameters);
        public abstract object Invoke(BindingFlags invokeAttr, Binder binder, object[] parameters, CultureInfo culture);
    }

    /// <summary>Functions on attributes.</summary>
    public static class CustomAttributeExtensions
    {
        public static T GetCustomAttribute<T>(this Assembly element) where T : Attribute;
        public static T GetCustomAttribute<T>(this MemberInfo element) where T : Attribute;
        public static T GetCustomAttribute<T>(this Module element) where T : Attribute;
        public static T GetCustomAttribute<T>(this ParameterInfo element) where T : Attribute;
        public static Attribute GetCustomAttribute(this Assembly element, Type attributeType);
        public static Attribute GetCustomAttribute(this MemberInfo element, Type attributeType);
        public static Attribute GetCustomAttribute(this Module element, Type attributeType);
        public static Attribute GetCustomAttribute(this ParameterInfo element, Type attributeType);
        public static T GetCustomAttribute<T>(this MemberInfo element, bool inherit) where T : Attribute;
        public static T GetCustomAttribute<T>(this ParameterInfo element, bool inherit) where T : Attribute;
        public static Attribute GetCustomAttribute(this MemberInfo element, Type attributeType, bool inherit);
        public static Attribute GetCustomAttribute(this ParameterInfo element, Type attributeType, bool inherit);
        public static IEnumerable<Attribute> GetCustomAttributes(this Assembly element);
        public static IEnumerable<Attribute> GetCustomAttributes(this MemberInfo element);
        public static IEnumerable<Attribute> GetCustomAttributes(this Module element);
        public static IEnumerable<Attribute> GetCustomAttributes(this ParameterInfo element);
        public static IEnumerable<T> GetCustomAttributes<T>(this Assembly element) where T : Attribute;
        public static IEnumerable<T> GetCustomAttributes<T>(this MemberInfo element) where T : Attribute;
        public static IEnumerable<T> GetCustomAttributes<T>(this Module element) where T : Attribute;
        public static IEnumerable<T> GetCustomAttributes<T>(this ParameterInfo element) where T : Attribute;
        public static IEnumerable<Attribute> GetCustomAttributes(this Assembly element, Type attributeType);
        public static IEnumerable<Attribute> GetCustomAttributes(this MemberInfo element, bool inherit);
        public static IEnumerable<Attribute> GetCustomAttributes(this MemberInfo element, Type attributeType);
        public static IEnumerable<Attribute> GetCustomAttributes(this Module element, Type attributeType);
        public static IEnumerable<Attribute> GetCustomAttributes(this ParameterInfo element, bool inherit);
        public static IEnumerable<Attribute> GetCustomAttributes(this ParameterInfo element, Type attributeType);
        public static IEnumerable<T> GetCustomAttributes<T>(this MemberInfo element, bool inherit) where T : Attribute;
        public static IEnumerable<T> GetCustomAttributes<T>(this ParameterInfo element, bool inherit) where T : Attribute;
        public static IEnumerable<Attribute> GetCustomAttributes(this MemberInfo element, Type attributeType, bool inherit);
        public static IEnumerable<Attribute> GetCustomAttributes(this ParameterInfo element, Type attributeType, bool inherit);
        public static bool IsDefined(this Assembly element, Type attributeType);
        public static bool IsDefined(this MemberInfo element, Type attributeType);
        public static bool IsDefined(this Module element, Type attributeType);
        public static bool IsDefined(this ParameterInfo element, Type attributeType);
        public static bool IsDefined(this MemberInfo element, Type attributeType, bool inherit);
        public static bool IsDefined(this ParameterInfo element, Type attributeType, bool inherit);
    }

    /// <summary>The member that is meant by an index.</summary>
    public sealed class DefaultMemberAttribute : Attribute
    {
        public DefaultMemberAttribute(string memberName) { }
        public string MemberName { get; }
    }

    /// <summary>An event.</summary>
    public abstract class EventInfo : MemberInfo
    {
        protected EventInfo() { }
        public virtual MethodInfo AddMethod { get; }
        public abstract EventAttributes Attributes { get; }
        public virtual Type EventHandlerType { get; }
        public virtual bool IsMulticast { get; }
        public bool IsSpecialName { get; }
        public override MemberTypes MemberType { get; }
        public virtual MethodInfo RaiseMethod { get; }
        public virtual MethodInfo RemoveMethod { get; }
        public virtual void AddEventHandler(object target, Delegate handler);
        public MethodInfo GetAddMethod();
        public abstract MethodInfo GetAddMethod(bool nonPublic);
        public MethodInfo[] GetOtherMethods();
        public virtual MethodInfo[] GetOtherMethods(bool nonPublic);
        public MethodInfo GetRaiseMethod();
        public abstract MethodInfo GetRaiseMethod(bool nonPublic);
        public MethodInfo GetRemoveMethod();
        public abstract MethodInfo GetRemoveMethod(bool nonPublic);
        public virtual void RemoveEventHandler(object target, Delegate handler);
    }

    /// <summary>What a field is.</summary>
    public enum FieldAttributes
    {
        PrivateScope,
        Private,
        FamANDAssem,
        Assembly,
        Family,
        FamORAssem,
        Public,
        FieldAccessMask,
        Static,
        InitOnly,
        Literal,
        NotSerialized,
        HasFieldRVA,
        SpecialName,
        RTSpecialName,
        HasFieldMarshal,
        PinvokeImpl,
        HasDefault,
        ReservedMask,
    }

    /// <summary>A field.</summary>
    public abstract class FieldInfo : MemberInfo
    {
        protected FieldInfo() { }
        public abstract FieldAttributes Attributes { get; }
        public abstract System.RuntimeFieldHandle FieldHandle { get; }
        public abstract Type FieldType { get; }
        public bool IsAssembly { get; }
        public bool IsFamily { get; }
        public bool IsFamilyAndAssembly { get; }
        public bool IsFamilyOrAssembly { get; }
        public bool IsInitOnly { get; }
        public bool IsLiteral { get; }
        public bool IsNotSerialized { get; }
        public bool IsPinvokeImpl { get; }
        public bool IsPrivate { get; }
        public bool IsPublic { get; }
        public virtual bool IsSecurityCritical { get; }
        public virtual bool IsSecuritySafeCritical { get; }
        public virtual bool IsSecurityTransparent { get; }
        public bool IsSpecialName { get; }
        public bool IsStatic { get; }
        public override MemberTypes MemberType { get; }
        public static FieldInfo GetFieldFromHandle(System.RuntimeFieldHandle handle);
        public static FieldInfo GetFieldFromHandle(System.RuntimeFieldHandle handle, RuntimeTypeHandle declaringType);
        public virtual Type[] GetOptionalCustomModifiers();
        public virtual object GetRawConstantValue();
        public virtual Type[] GetRequiredCustomModifiers();
        public abstract object GetValue(object obj);
        public virtual object GetValueDirect(System.TypedReference obj);
        public void SetValue(object obj, object value);
        public abstract void SetValue(object obj, object value, BindingFlags invokeAttr, Binder binder, CultureInfo culture);
        public virtual void SetValueDirect(System.TypedReference obj, object value);
    }

    /// <summary>Has attributes.</summary>
    public interface ICustomAttributeProvider
    {
        object[] GetCustomAttributes(bool inherit);
        object[] GetCustomAttributes(Type attributeType, bool inherit);
        bool IsDefined(Type attributeType, bool inherit);
    }

    /// <summary>Gives types with their members.</summary>
    public static class IntrospectionExtensions
    {
        public static TypeInfo GetTypeInfo(this Type type);
    }

    /// <summary>A member of a type.</summary>
    public abstract class MemberInfo : ICustomAttributeProvider
    {
        protected MemberInfo() { }
        public virtual IEnumerable<CustomAttributeData> CustomAttributes { get; }
        public abstract Type DeclaringType { get; }
        public abstract MemberTypes MemberType { get; }
        public virtual int MetadataToken { get; }
        public virtual Module Module { get; }
        public abstract string Name { get; }
        public abstract Type ReflectedType { get; }
        public abstract object[] GetCustomAttributes(bool inherit);
        public abstract object[] GetCustomAttributes(Type attributeType, bool inherit);
        public virtual IList<CustomAttributeData> GetCustomAttributesData();
        public virtual bool HasSameMetadataDefinitionAs(MemberInfo other);
        public abstract bool IsDefined(Type attributeType, bool inherit);
    }

    /// <summary>Kinds of members.</summary>
    public enum MemberTypes
    {
        Constructor,
        Event,
        Field,
        Method,
        Property,
        TypeInfo,
        Custom,
        NestedType,
        All,
    }

    /// <summary>What a method is.</summary>
    public enum MethodAttributes
    {
        PrivateScope,
        ReuseSlot,
        Private,
        FamANDAssem,
        Assembly,
        Family,
        FamORAssem,
        Public,
        MemberAccessMask,
        UnmanagedExport,
        Static,
        Final,
        Virtual,
        HideBySig,
        NewSlot,
        VtableLayoutMask,
        CheckAccessOnOverride,
        Abstract,
        SpecialName,
        RTSpecialName,
        PinvokeImpl,
        HasSecurity,
        RequireSecObject,
        ReservedMask,
    }

    /// <summary>A method or constructor.</summary>
    public abstract class MethodBase : MemberInfo
    {
        protected MethodBase() { }
        public abstract MethodAttributes Attributes { get; }
        public virtual CallingConventions CallingConvention { get; }
        public virtual bool ContainsGenericParameters { get; }
        public bool IsAbstract { get; }
        public bool IsAssembly { get; }
        public virtual bool IsConstructedGenericMethod { get; }
        public bool IsConstructor { get; }
        public bool IsFamily { get; }
        public bool IsFamilyAndAssembly { get; }
        public bool IsFamilyOrAssembly { get; }
        public bool IsFinal { get; }
        public virtual bool IsGenericMethod { get; }
        public virtual bool IsGenericMethodDefinition { get; }
        public bool IsHideBySig { get; }
        public bool IsPrivate { get; }
        public bool IsPublic { get; }
        public virtual bool IsSecurityCritical { get; }
        public virtual bool IsSecuritySafeCritical { get; }
        public virtual bool IsSecurityTransparent { get; }
        public bool IsSpecialName { get; }
        public bool IsStatic { get; }
        public bool IsVirtual { get; }
        public abstract System.RuntimeMethodHandle MethodHandle { get; }
        public virtual MethodImplAttributes MethodImplementationFlags { get; }
        public static MethodBase GetCurrentMethod();
        public virtual Type[] GetGenericArguments();
        public virtual MethodBody GetMethodBody();
        public static MethodBase GetMethodFromHandle(System.RuntimeMethodHandle handle);
        public static MethodBase GetMethodFromHandle(System.RuntimeMethodHandle handle, RuntimeTypeHandle declaringType);
        public abstract MethodImplAttributes GetMethodImplementationFlags();
        public abstract ParameterInfo[] GetParameters();
        public object Invoke(object obj, object[] parameters);
        public abstract object Invoke(object obj, BindingFlags invokeAttr, Binder binder, object[] parameters, CultureInfo culture);
    }

    /// <summary>A method.</summary>
    public abstract class MethodInfo : MethodBase, System.Runtime.InteropServices._MethodInfo
    {
        protected MethodInfo() { }
        public override MemberTypes MemberType { get; }
        public virtual ParameterInfo ReturnParameter { get; }
        public virtual Type ReturnType { get; }
        public abstract ICustomAttributeProvider ReturnTypeCustomAttributes { get; }
        public virtual Delegate CreateDelegate(Type delegateType);
        public virtual Delegate CreateDelegate(Type delegateType, object target);
        public abstract MethodInfo GetBaseDefinition();
        public override Type[] GetGenericArguments();
        public virtual MethodInfo GetGenericMethodDefinition();
        public virtual MethodInfo MakeGenericMethod(params Type[] typeArguments);
    }

    /// <summary>A part of a library.</summary>
    public abstract class Module : ICustomAttributeProvider, ISerializable
    {
        public static TypeFilter FilterTypeName;
        public static TypeFilter FilterTypeNameIgnoreCase;
        protected Module() { }
        public virtual Assembly Assembly { get; }
        public virtual IEnumerable<CustomAttributeData> CustomAttributes { get; }
        public virtual string FullyQualifiedName { get; }
        public virtual int MDStreamVersion { get; }
        public virtual int MetadataToken { get; }
        public System.ModuleHandle ModuleHandle { get; }
        public virtual Guid ModuleVersionId { get; }
        public virtual string Name { get; }
        public virtual string ScopeName { get; }
        public virtual Type[] FindTypes(TypeFilter filter, object filterCriteria);
        public virtual object[] GetCustomAttributes(bool inherit);
        public virtual object[] GetCustomAttributes(Type attributeType, bool inherit);
        public virtual IList<CustomAttributeData> GetCustomAttributesData();
        public FieldInfo GetField(string name);
        public virtual FieldInfo GetField(string name, BindingFlags bindingAttr);
        public FieldInfo[] GetFields();
        public virtual FieldInfo[] GetFields(BindingFlags bindingFlags);
        public MethodInfo GetMethod(string name);
        public MethodInfo GetMethod(string name, Type[] types);
        public MethodInfo GetMethod(string name, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        protected virtual MethodInfo GetMethodImpl(string name, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public MethodInfo[] GetMethods();
        public virtual MethodInfo[] GetMethods(BindingFlags bindingFlags);
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public virtual void GetPEKind(out PortableExecutableKinds peKind, out ImageFileMachine machine);
        public virtual System.Security.Cryptography.X509Certificates.X509Certificate GetSignerCertificate();
        public virtual Type GetType(string className);
        public virtual Type GetType(string className, bool ignoreCase);
        public virtual Type GetType(string className, bool throwOnError, bool ignoreCase);
        public virtual Type[] GetTypes();
        public virtual bool IsDefined(Type attributeType, bool inherit);
        public virtual bool IsResource();
        public FieldInfo ResolveField(int metadataToken);
        public virtual FieldInfo ResolveField(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public MemberInfo ResolveMember(int metadataToken);
        public virtual MemberInfo ResolveMember(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public MethodBase ResolveMethod(int metadataToken);
        public virtual MethodBase ResolveMethod(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public virtual byte[] ResolveSignature(int metadataToken);
        public virtual string ResolveString(int metadataToken);
        public Type ResolveType(int metadataToken);
        public virtual Type ResolveType(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
    }

    /// <summary>A parameter.</summary>
    public class ParameterInfo : ICustomAttributeProvider, System.Runtime.Serialization.IObjectReference
    {
        protected ParameterAttributes AttrsImpl;
        protected Type ClassImpl;
        protected object DefaultValueImpl;
        protected MemberInfo MemberImpl;
        protected string NameImpl;
        protected int PositionImpl;
        protected ParameterInfo() { }
        public virtual ParameterAttributes Attributes { get; }
        public virtual IEnumerable<CustomAttributeData> CustomAttributes { get; }
        public virtual object DefaultValue { get; }
        public virtual bool HasDefaultValue { get; }
        public bool IsIn { get; }
        public bool IsLcid { get; }
        public bool IsOptional { get; }
        public bool IsOut { get; }
        public bool IsRetval { get; }
        public virtual MemberInfo Member { get; }
        public virtual int MetadataToken { get; }
        public virtual string Name { get; }
        public virtual Type ParameterType { get; }
        public virtual int Position { get; }
        public virtual object RawDefaultValue { get; }
        public virtual object[] GetCustomAttributes(bool inherit);
        public virtual object[] GetCustomAttributes(Type attributeType, bool inherit);
        public virtual IList<CustomAttributeData> GetCustomAttributesData();
        public virtual Type[] GetOptionalCustomModifiers();
        public object GetRealObject(StreamingContext context);
        public virtual Type[] GetRequiredCustomModifiers();
        public virtual bool IsDefined(Type attributeType, bool inherit);
    }

    /// <summary>What is passed by reference.</summary>
    public struct ParameterModifier
    {
        public ParameterModifier(int parameterCount) { }
        public bool this[int index] { get; set; }
    }

    /// <summary>What a property is.</summary>
    public enum PropertyAttributes
    {
        None,
        SpecialName,
        RTSpecialName,
        HasDefault,
        Reserved2,
        Reserved3,
        Reserved4,
        ReservedMask,
    }

    /// <summary>A property.</summary>
    public abstract class PropertyInfo : MemberInfo
    {
        protected PropertyInfo() { }
        public abstract PropertyAttributes Attributes { get; }
        public abstract bool CanRead { get; }
        public abstract bool CanWrite { get; }
        public virtual MethodInfo GetMethod { get; }
        public bool IsSpecialName { get; }
        public override MemberTypes MemberType { get; }
        public abstract Type PropertyType { get; }
        public virtual MethodInfo SetMethod { get; }
        public MethodInfo[] GetAccessors();
        public abstract MethodInfo[] GetAccessors(bool nonPublic);
        public virtual object GetConstantValue();
        public MethodInfo GetGetMethod();
        public abstract MethodInfo GetGetMethod(bool nonPublic);
        public abstract ParameterInfo[] GetIndexParameters();
        public virtual Type[] GetOptionalCustomModifiers();
        public virtual object GetRawConstantValue();
        public virtual Type[] GetRequiredCustomModifiers();
        public MethodInfo GetSetMethod();
        public abstract MethodInfo GetSetMethod(bool nonPublic);
        public object GetValue(object obj);
        public virtual object GetValue(object obj, object[] index);
        public abstract object GetValue(object obj, BindingFlags invokeAttr, Binder binder, object[] index, CultureInfo culture);
        public void SetValue(object obj, object value);
        public virtual void SetValue(object obj, object value, object[] index);
        public abstract void SetValue(object obj, object value, BindingFlags invokeAttr, Binder binder, object[] index, CultureInfo culture);
    }

    /// <summary>Types that cannot be loaded.</summary>
    public sealed class ReflectionTypeLoadException : SystemException
    {
        public ReflectionTypeLoadException(Type[] classes, Exception[] exceptions) { }
        public ReflectionTypeLoadException(Type[] classes, Exception[] exceptions, string message) { }
        public Exception[] LoaderExceptions { get; }
        public override string Message { get; }
        public Type[] Types { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>Functions on members.</summary>
    public static class RuntimeReflectionExtensions
    {
        public static MethodInfo GetMethodInfo(this Delegate del);
        public static MethodInfo GetRuntimeBaseDefinition(this MethodInfo method);
        public static EventInfo GetRuntimeEvent(this Type type, string name);
        public static IEnumerable<EventInfo> GetRuntimeEvents(this Type type);
        public static FieldInfo GetRuntimeField(this Type type, string name);
        public static IEnumerable<FieldInfo> GetRuntimeFields(this Type type);
        public static InterfaceMapping GetRuntimeInterfaceMap(this TypeInfo typeInfo, Type interfaceType);
        public static MethodInfo GetRuntimeMethod(this Type type, string name, Type[] parameters);
        public static IEnumerable<MethodInfo> GetRuntimeMethods(this Type type);
        public static IEnumerable<PropertyInfo> GetRuntimeProperties(this Type type);
        public static PropertyInfo GetRuntimeProperty(this Type type, string name);
    }

    /// <summary>A called method threw.</summary>
    public sealed class TargetInvocationException : ApplicationException
    {
        public TargetInvocationException(Exception inner) { }
        public TargetInvocationException(string message, Exception inner) { }
    }

    /// <summary>Too few or too many arguments.</summary>
    public sealed class TargetParameterCountException : ApplicationException
    {
        public TargetParameterCountException() { }
        public TargetParameterCountException(string message) { }
        public TargetParameterCountException(string message, Exception inner) { }
    }

    /// <summary>What a type is.</summary>
    public enum TypeAttributes
    {
        NotPublic,
        AutoLayout,
        AnsiClass,
        Class,
        Public,
        NestedPublic,
        NestedPrivate,
        NestedFamily,
        NestedAssembly,
        NestedFamANDAssem,
        VisibilityMask,
        NestedFamORAssem,
        SequentialLayout,
        ExplicitLayout,
        LayoutMask,
        Interface,
        ClassSemanticsMask,
        Abstract,
        Sealed,
        SpecialName,
        RTSpecialName,
        Import,
        Serializable,
        WindowsRuntime,
        UnicodeClass,
        AutoClass,
        StringFormatMask,
        CustomFormatClass,
        HasSecurity,
        ReservedMask,
        BeforeFieldInit,
        CustomFormatMask,
    }

    /// <summary>A type with its members.</summary>
    public abstract class TypeInfo : Type, IReflectableType
    {
        protected TypeInfo() { }
        public virtual IEnumerable<ConstructorInfo> DeclaredConstructors { get; }
        public virtual IEnumerable<EventInfo> DeclaredEvents { get; }
        public virtual IEnumerable<FieldInfo> DeclaredFields { get; }
        public virtual IEnumerable<MemberInfo> DeclaredMembers { get; }
        public virtual IEnumerable<MethodInfo> DeclaredMethods { get; }
        public virtual IEnumerable<TypeInfo> DeclaredNestedTypes { get; }
        public virtual IEnumerable<PropertyInfo> DeclaredProperties { get; }
        public virtual Type[] GenericTypeParameters { get; }
        public virtual IEnumerable<Type> ImplementedInterfaces { get; }
        public virtual Type AsType();
        public virtual EventInfo GetDeclaredEvent(string name);
        public virtual FieldInfo GetDeclaredField(string name);
        public virtual MethodInfo GetDeclaredMethod(string name);
        public virtual IEnumerable<MethodInfo> GetDeclaredMethods(string name);
        public virtual TypeInfo GetDeclaredNestedType(string name);
        public virtual PropertyInfo GetDeclaredProperty(string name);
        public virtual bool IsAssignableFrom(TypeInfo typeInfo);
    }
}
