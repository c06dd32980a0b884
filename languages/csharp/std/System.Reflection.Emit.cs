using System;
using System.Collections.Generic;
using System.Globalization;
using System.IO;
using System.Reflection;
using System.Runtime.InteropServices;
using System.Security.Permissions;

namespace System.Reflection.Emit
{
    /// <summary>Makes a library.</summary>
    public sealed class AssemblyBuilder : Assembly, System.Runtime.InteropServices._AssemblyBuilder
    {
        public override string CodeBase { get; }
        public override MethodInfo EntryPoint { get; }
        public override string EscapedCodeBase { get; }
        public override System.Security.Policy.Evidence Evidence { get; }
        public override string FullName { get; }
        public override bool GlobalAssemblyCache { get; }
        public override string ImageRuntimeVersion { get; }
        public override bool IsDynamic { get; }
        public override string Location { get; }
        public override Module ManifestModule { get; }
        public override bool ReflectionOnly { get; }
        public void AddResourceFile(string name, string fileName);
        public void AddResourceFile(string name, string fileName, System.Reflection.ResourceAttributes attribute);
        public static AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access);
        public static AssemblyBuilder DefineDynamicAssembly(AssemblyName name, AssemblyBuilderAccess access, IEnumerable<CustomAttributeBuilder> assemblyAttributes);
        public ModuleBuilder DefineDynamicModule(string name);
        public ModuleBuilder DefineDynamicModule(string name, bool emitSymbolInfo);
        public ModuleBuilder DefineDynamicModule(string name, string fileName);
        public ModuleBuilder DefineDynamicModule(string name, string fileName, bool emitSymbolInfo);
        public System.Resources.IResourceWriter DefineResource(string name, string description, string fileName);
        public System.Resources.IResourceWriter DefineResource(string name, string description, string fileName, System.Reflection.ResourceAttributes attribute);
        public void DefineUnmanagedResource(byte[] resource);
        public void DefineUnmanagedResource(string resourceFileName);
        public void DefineVersionInfoResource();
        public void DefineVersionInfoResource(string product, string productVersion, string company, string copyright, string trademark);
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public ModuleBuilder GetDynamicModule(string name);
        public override Type[] GetExportedTypes();
        public override FileStream GetFile(string name);
        public override FileStream[] GetFiles(bool getResourceModules);
        public override Module[] GetLoadedModules(bool getResourceModules);
        public override System.Reflection.ManifestResourceInfo GetManifestResourceInfo(string resourceName);
        public override string[] GetManifestResourceNames();
        public override Stream GetManifestResourceStream(string name);
        public override Stream GetManifestResourceStream(Type type, string name);
        public override Module GetModule(string name);
        public override Module[] GetModules(bool getResourceModules);
        public override AssemblyName GetName(bool copiedName);
        public override AssemblyName[] GetReferencedAssemblies();
        public override Assembly GetSatelliteAssembly(CultureInfo culture);
        public override Assembly GetSatelliteAssembly(CultureInfo culture, Version version);
        public override Type GetType(string name, bool throwOnError, bool ignoreCase);
        public override bool IsDefined(Type attributeType, bool inherit);
        public void Save(string assemblyFileName);
        public void Save(string assemblyFileName, System.Reflection.PortableExecutableKinds portableExecutableKind, System.Reflection.ImageFileMachine imageFileMachine);
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetEntryPoint(MethodInfo entryMethod);
        public void SetEntryPoint(MethodInfo entryMethod, PEFileKinds fileKind);
    }

    /// <summary>What is done with a made library.</summary>
    public enum AssemblyBuilderAccess
    {
        Run,
        Save,
        RunAndSave,
        ReflectionOnly,
        RunAndCollect,
    }

    /// <summary>Makes a constructor.</summary>
    public sealed class ConstructorBuilder : ConstructorInfo, System.Runtime.InteropServices._ConstructorBuilder
    {
        public override MethodAttributes Attributes { get; }
        public override CallingConventions CallingConvention { get; }
        public override Type DeclaringType { get; }
        public bool InitLocals { get; set; }
        public override System.RuntimeMethodHandle MethodHandle { get; }
        public override Module Module { get; }
        public override string Name { get; }
        public override Type ReflectedType { get; }
        public Type ReturnType { get; }
        public string Signature { get; }
        public void AddDeclarativeSecurity(SecurityAction action, System.Security.PermissionSet pset);
        public ParameterBuilder DefineParameter(int iSequence, System.Reflection.ParameterAttributes attributes, string strParamName);
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public ILGenerator GetILGenerator();
        public ILGenerator GetILGenerator(int streamSize);
        public override System.Reflection.MethodImplAttributes GetMethodImplementationFlags();
        public Module GetModule();
        public override ParameterInfo[] GetParameters();
        public MethodToken GetToken();
        public override object Invoke(BindingFlags invokeAttr, Binder binder, object[] parameters, CultureInfo culture);
        public override object Invoke(object obj, BindingFlags invokeAttr, Binder binder, object[] parameters, CultureInfo culture);
        public override bool IsDefined(Type attributeType, bool inherit);
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetImplementationFlags(System.Reflection.MethodImplAttributes attributes);
        public void SetMethodBody(byte[] il, int maxStack, byte[] localSignature, IEnumerable<ExceptionHandler> exceptionHandlers, IEnumerable<int> tokenFixups);
        public void SetSymCustomAttribute(string name, byte[] data);
    }

    /// <summary>Makes an attribute.</summary>
    public class CustomAttributeBuilder : System.Runtime.InteropServices._CustomAttributeBuilder
    {
        public CustomAttributeBuilder(ConstructorInfo con, object[] constructorArgs) { }
        public CustomAttributeBuilder(ConstructorInfo con, object[] constructorArgs, FieldInfo[] namedFields, object[] fieldValues) { }
        public CustomAttributeBuilder(ConstructorInfo con, object[] constructorArgs, PropertyInfo[] namedProperties, object[] propertyValues) { }
        public CustomAttributeBuilder(ConstructorInfo con, object[] constructorArgs, PropertyInfo[] namedProperties, object[] propertyValues, FieldInfo[] namedFields, object[] fieldValues) { }
    }

    /// <summary>A method made at run time.</summary>
    public sealed class DynamicMethod : MethodInfo
    {
        public DynamicMethod(string name, Type returnType, Type[] parameterTypes) { }
        public DynamicMethod(string name, Type returnType, Type[] parameterTypes, bool restrictedSkipVisibility) { }
        public DynamicMethod(string name, Type returnType, Type[] parameterTypes, Module m) { }
        public DynamicMethod(string name, Type returnType, Type[] parameterTypes, Type owner) { }
        public DynamicMethod(string name, Type returnType, Type[] parameterTypes, Module m, bool skipVisibility) { }
        public DynamicMethod(string name, Type returnType, Type[] parameterTypes, Type owner, bool skipVisibility) { }
        public DynamicMethod(string name, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, Module m, bool skipVisibility) { }
        public DynamicMethod(string name, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, Type owner, bool skipVisibility) { }
        public override MethodAttributes Attributes { get; }
        public override CallingConventions CallingConvention { get; }
        public override Type DeclaringType { get; }
        public bool InitLocals { get; set; }
        public override System.RuntimeMethodHandle MethodHandle { get; }
        public override Module Module { get; }
        public override string Name { get; }
        public override Type ReflectedType { get; }
        public override ParameterInfo ReturnParameter { get; }
        public override Type ReturnType { get; }
        public override ICustomAttributeProvider ReturnTypeCustomAttributes { get; }
        public override Delegate CreateDelegate(Type delegateType);
        public override Delegate CreateDelegate(Type delegateType, object target);
        public ParameterBuilder DefineParameter(int position, System.Reflection.ParameterAttributes attributes, string parameterName);
        public override MethodInfo GetBaseDefinition();
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public DynamicILInfo GetDynamicILInfo();
        public ILGenerator GetILGenerator();
        public ILGenerator GetILGenerator(int streamSize);
        public override System.Reflection.MethodImplAttributes GetMethodImplementationFlags();
        public override ParameterInfo[] GetParameters();
        public override object Invoke(object obj, BindingFlags invokeAttr, Binder binder, object[] parameters, CultureInfo culture);
        public override bool IsDefined(Type attributeType, bool inherit);
    }

    /// <summary>Makes a field.</summary>
    public sealed class FieldBuilder : FieldInfo, System.Runtime.InteropServices._FieldBuilder
    {
        public override FieldAttributes Attributes { get; }
        public override Type DeclaringType { get; }
        public override System.RuntimeFieldHandle FieldHandle { get; }
        public override Type FieldType { get; }
        public override int MetadataToken { get; }
        public override Module Module { get; }
        public override string Name { get; }
        public override Type ReflectedType { get; }
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public FieldToken GetToken();
        public override object GetValue(object obj);
        public override bool IsDefined(Type attributeType, bool inherit);
        public void SetConstant(object defaultValue);
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetMarshal(UnmanagedMarshal unmanagedMarshal);
        public void SetOffset(int iOffset);
        public override void SetValue(object obj, object val, BindingFlags invokeAttr, Binder binder, CultureInfo culture);
    }

    /// <summary>Writes code.</summary>
    public class ILGenerator : System.Runtime.InteropServices._ILGenerator
    {
        public virtual int ILOffset { get; }
        public virtual void BeginCatchBlock(Type exceptionType);
        public virtual void BeginExceptFilterBlock();
        public virtual Label BeginExceptionBlock();
        public virtual void BeginFaultBlock();
        public virtual void BeginFinallyBlock();
        public virtual void BeginScope();
        public virtual LocalBuilder DeclareLocal(Type localType);
        public virtual LocalBuilder DeclareLocal(Type localType, bool pinned);
        public virtual Label DefineLabel();
        public virtual void Emit(OpCode opcode);
        public virtual void Emit(OpCode opcode, byte arg);
        public virtual void Emit(OpCode opcode, double arg);
        public virtual void Emit(OpCode opcode, short arg);
        public virtual void Emit(OpCode opcode, int arg);
        public virtual void Emit(OpCode opcode, long arg);
        public void Emit(OpCode opcode, sbyte arg);
        public virtual void Emit(OpCode opcode, float arg);
        public virtual void Emit(OpCode opcode, ConstructorInfo con);
        public virtual void Emit(OpCode opcode, Label label);
        public virtual void Emit(OpCode opcode, Label[] labels);
        public virtual void Emit(OpCode opcode, LocalBuilder local);
        public virtual void Emit(OpCode opcode, SignatureHelper signature);
        public virtual void Emit(OpCode opcode, FieldInfo field);
        public virtual void Emit(OpCode opcode, MethodInfo meth);
        public virtual void Emit(OpCode opcode, string str);
        public virtual void Emit(OpCode opcode, Type cls);
        public virtual void EmitCall(OpCode opcode, MethodInfo methodInfo, Type[] optionalParameterTypes);
        public virtual void EmitCalli(OpCode opcode, CallingConvention unmanagedCallConv, Type returnType, Type[] parameterTypes);
        public virtual void EmitCalli(OpCode opcode, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, Type[] optionalParameterTypes);
        public virtual void EmitWriteLine(LocalBuilder localBuilder);
        public virtual void EmitWriteLine(FieldInfo fld);
        public virtual void EmitWriteLine(string value);
        public virtual void EndExceptionBlock();
        public virtual void EndScope();
        public virtual void MarkLabel(Label loc);
        public virtual void MarkSequencePoint(System.Diagnostics.SymbolStore.ISymbolDocumentWriter document, int startLine, int startColumn, int endLine, int endColumn);
        public virtual void ThrowException(Type excType);
        public virtual void UsingNamespace(string usingNamespace);
    }

    /// <summary>A place in code.</summary>
    public struct Label : IEquatable<Label>
    {
        public bool Equals(Label obj);
    }

    /// <summary>A variable in code.</summary>
    public sealed class LocalBuilder : System.Reflection.LocalVariableInfo, System.Runtime.InteropServices._LocalBuilder
    {
        public override bool IsPinned { get; }
        public override int LocalIndex { get; }
        public override Type LocalType { get; }
        public void SetLocalSymInfo(string name);
        public void SetLocalSymInfo(string name, int startOffset, int endOffset);
    }

    /// <summary>Makes a method.</summary>
    public sealed class MethodBuilder : MethodInfo, System.Runtime.InteropServices._MethodBuilder
    {
        public override MethodAttributes Attributes { get; }
        public override CallingConventions CallingConvention { get; }
        public override bool ContainsGenericParameters { get; }
        public override Type DeclaringType { get; }
        public bool InitLocals { get; set; }
        public override bool IsGenericMethod { get; }
        public override bool IsGenericMethodDefinition { get; }
        public override System.RuntimeMethodHandle MethodHandle { get; }
        public override Module Module { get; }
        public override string Name { get; }
        public override Type ReflectedType { get; }
        public override ParameterInfo ReturnParameter { get; }
        public override Type ReturnType { get; }
        public override ICustomAttributeProvider ReturnTypeCustomAttributes { get; }
        public string Signature { get; }
        public void AddDeclarativeSecurity(SecurityAction action, System.Security.PermissionSet pset);
        public void CreateMethodBody(byte[] il, int count);
        public GenericTypeParameterBuilder[] DefineGenericParameters(params string[] names);
        public ParameterBuilder DefineParameter(int position, System.Reflection.ParameterAttributes attributes, string strParamName);
        public override MethodInfo GetBaseDefinition();
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public override Type[] GetGenericArguments();
        public override MethodInfo GetGenericMethodDefinition();
        public ILGenerator GetILGenerator();
        public ILGenerator GetILGenerator(int size);
        public override System.Reflection.MethodImplAttributes GetMethodImplementationFlags();
        public Module GetModule();
        public override ParameterInfo[] GetParameters();
        public MethodToken GetToken();
        public override object Invoke(object obj, BindingFlags invokeAttr, Binder binder, object[] parameters, CultureInfo culture);
        public override bool IsDefined(Type attributeType, bool inherit);
        public override MethodInfo MakeGenericMethod(Type[] typeArguments);
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetImplementationFlags(System.Reflection.MethodImplAttributes attributes);
        public void SetMarshal(UnmanagedMarshal unmanagedMarshal);
        public void SetMethodBody(byte[] il, int maxStack, byte[] localSignature, IEnumerable<ExceptionHandler> exceptionHandlers, IEnumerable<int> tokenFixups);
        public void SetParameters(params Type[] parameterTypes);
        public void SetReturnType(Type returnType);
        public void SetSignature(Type returnType, Type[] returnTypeRequiredCustomModifiers, Type[] returnTypeOptionalCustomModifiers, Type[] parameterTypes, Type[][] parameterTypeRequiredCustomModifiers, Type[][] parameterTypeOptionalCustomModifiers);
        public void SetSymCustomAttribute(string name, byte[] data);
    }

    /// <summary>Makes a part of a library.</summary>
    public class ModuleBuilder : Module, System.Runtime.InteropServices._ModuleBuilder
    {
        public override Assembly Assembly { get; }
        public override string FullyQualifiedName { get; }
        public override int MetadataToken { get; }
        public override Guid ModuleVersionId { get; }
        public override string Name { get; }
        public override string ScopeName { get; }
        public void CreateGlobalFunctions();
        public System.Diagnostics.SymbolStore.ISymbolDocumentWriter DefineDocument(string url, Guid language, Guid languageVendor, Guid documentType);
        public EnumBuilder DefineEnum(string name, TypeAttributes visibility, Type underlyingType);
        public MethodBuilder DefineGlobalMethod(string name, MethodAttributes attributes, Type returnType, Type[] parameterTypes);
        public MethodBuilder DefineGlobalMethod(string name, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes);
        public MethodBuilder DefineGlobalMethod(string name, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] requiredReturnTypeCustomModifiers, Type[] optionalReturnTypeCustomModifiers, Type[] parameterTypes, Type[][] requiredParameterTypeCustomModifiers, Type[][] optionalParameterTypeCustomModifiers);
        public FieldBuilder DefineInitializedData(string name, byte[] data, FieldAttributes attributes);
        public void DefineManifestResource(string name, Stream stream, System.Reflection.ResourceAttributes attribute);
        public MethodBuilder DefinePInvokeMethod(string name, string dllName, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, CallingConvention nativeCallConv, CharSet nativeCharSet);
        public MethodBuilder DefinePInvokeMethod(string name, string dllName, string entryName, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, CallingConvention nativeCallConv, CharSet nativeCharSet);
        public System.Resources.IResourceWriter DefineResource(string name, string description);
        public System.Resources.IResourceWriter DefineResource(string name, string description, System.Reflection.ResourceAttributes attribute);
        public TypeBuilder DefineType(string name);
        public TypeBuilder DefineType(string name, TypeAttributes attr);
        public TypeBuilder DefineType(string name, TypeAttributes attr, Type parent);
        public TypeBuilder DefineType(string name, TypeAttributes attr, Type parent, int typesize);
        public TypeBuilder DefineType(string name, TypeAttributes attr, Type parent, PackingSize packsize);
        public TypeBuilder DefineType(string name, TypeAttributes attr, Type parent, Type[] interfaces);
        public TypeBuilder DefineType(string name, TypeAttributes attr, Type parent, PackingSize packingSize, int typesize);
        public FieldBuilder DefineUninitializedData(string name, int size, FieldAttributes attributes);
        public void DefineUnmanagedResource(byte[] resource);
        public void DefineUnmanagedResource(string resourceFileName);
        public MethodInfo GetArrayMethod(Type arrayClass, string methodName, CallingConventions callingConvention, Type returnType, Type[] parameterTypes);
        public MethodToken GetArrayMethodToken(Type arrayClass, string methodName, CallingConventions callingConvention, Type returnType, Type[] parameterTypes);
        public MethodToken GetConstructorToken(ConstructorInfo con);
        public MethodToken GetConstructorToken(ConstructorInfo constructor, IEnumerable<Type> optionalParameterTypes);
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public override FieldInfo GetField(string name, BindingFlags bindingAttr);
        public FieldToken GetFieldToken(FieldInfo field);
        public override FieldInfo[] GetFields(BindingFlags bindingFlags);
        protected override MethodInfo GetMethodImpl(string name, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public MethodToken GetMethodToken(MethodInfo method);
        public MethodToken GetMethodToken(MethodInfo method, IEnumerable<Type> optionalParameterTypes);
        public override MethodInfo[] GetMethods(BindingFlags bindingFlags);
        public SignatureToken GetSignatureToken(SignatureHelper sigHelper);
        public SignatureToken GetSignatureToken(byte[] sigBytes, int sigLength);
        public StringToken GetStringConstant(string str);
        public System.Diagnostics.SymbolStore.ISymbolWriter GetSymWriter();
        public override Type GetType(string className);
        public override Type GetType(string className, bool ignoreCase);
        public override Type GetType(string className, bool throwOnError, bool ignoreCase);
        public TypeToken GetTypeToken(string name);
        public TypeToken GetTypeToken(Type type);
        public override Type[] GetTypes();
        public override bool IsDefined(Type attributeType, bool inherit);
        public override bool IsResource();
        public bool IsTransient();
        public override FieldInfo ResolveField(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public override MemberInfo ResolveMember(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public override MethodBase ResolveMethod(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public override byte[] ResolveSignature(int metadataToken);
        public override string ResolveString(int metadataToken);
        public override Type ResolveType(int metadataToken, Type[] genericTypeArguments, Type[] genericMethodArguments);
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetSymCustomAttribute(string name, byte[] data);
        public void SetUserEntryPoint(MethodInfo entryPoint);
    }

    /// <summary>An instruction.</summary>
    public struct OpCode : IEquatable<OpCode>
    {
        public FlowControl FlowControl { get; }
        public string Name { get; }
        public OpCodeType OpCodeType { get; }
        public OperandType OperandType { get; }
        public int Size { get; }
        public StackBehaviour StackBehaviourPop { get; }
        public StackBehaviour StackBehaviourPush { get; }
        public short Value { get; }
        public bool Equals(OpCode obj);
    }

    /// <summary>Instructions.</summary>
    public class OpCodes
    {
        public static OpCode Add;
        public static OpCode Add_Ovf;
        public static OpCode Add_Ovf_Un;
        public static OpCode And;
        public static OpCode Arglist;
        public static OpCode Beq;
        public static OpCode Beq_S;
        public static OpCode Bge;
        public static OpCode Bge_S;
        public static OpCode Bge_Un;
        public static OpCode Bge_Un_S;
        public static OpCode Bgt;
        public static OpCode Bgt_S;
        public static OpCode Bgt_Un;
        public static OpCode Bgt_Un_S;
        public static OpCode Ble;
        public static OpCode Ble_S;
        public static OpCode Ble_Un;
        public static OpCode Ble_Un_S;
        public static OpCode Blt;
        public static OpCode Blt_S;
        public static OpCode Blt_Un;
        public static OpCode Blt_Un_S;
        public static OpCode Bne_Un;
        public static OpCode Bne_Un_S;
        public static OpCode Box;
        public static OpCode Br;
        public static OpCode Br_S;
        public static OpCode Break;
        public static OpCode Brfalse;
        public static OpCode Brfalse_S;
        public static OpCode Brtrue;
        public static OpCode Brtrue_S;
        public static OpCode Call;
        public static OpCode Calli;
        public static OpCode Callvirt;
        public static OpCode Castclass;
        public static OpCode Ceq;
        public static OpCode Cgt;
        public static OpCode Cgt_Un;
        public static OpCode Ckfinite;
        public static OpCode Clt;
        public static OpCode Clt_Un;
        public static OpCode Constrained;
        public static OpCode Conv_I;
        public static OpCode Conv_I1;
        public static OpCode Conv_I2;
        public static OpCode Conv_I4;
        public static OpCode Conv_I8;
        public static OpCode Conv_Ovf_I;
        public static OpCode Conv_Ovf_I1;
        public static OpCode Conv_Ovf_I1_Un;
        public static OpCode Conv_Ovf_I2;
        public static OpCode Conv_Ovf_I2_Un;
        public static OpCode Conv_Ovf_I4;
        public static OpCode Conv_Ovf_I4_Un;
        public static OpCode Conv_Ovf_I8;
        public static OpCode Conv_Ovf_I8_Un;
        public static OpCode Conv_Ovf_I_Un;
        public static OpCode Conv_Ovf_U;
        public static OpCode Conv_Ovf_U1;
        public static OpCode Conv_Ovf_U1_Un;
        public static OpCode Conv_Ovf_U2;
        public static OpCode Conv_Ovf_U2_Un;
        public static OpCode Conv_Ovf_U4;
        public static OpCode Conv_Ovf_U4_Un;
        public static OpCode Conv_Ovf_U8;
        public static OpCode Conv_Ovf_U8_Un;
        public static OpCode Conv_Ovf_U_Un;
        public static OpCode Conv_R4;
        public static OpCode Conv_R8;
        public static OpCode Conv_R_Un;
        public static OpCode Conv_U;
        public static OpCode Conv_U1;
        public static OpCode Conv_U2;
        public static OpCode Conv_U4;
        public static OpCode Conv_U8;
        public static OpCode Cpblk;
        public static OpCode Cpobj;
        public static OpCode Div;
        public static OpCode Div_Un;
        public static OpCode Dup;
        public static OpCode Endfilter;
        public static OpCode Endfinally;
        public static OpCode Initblk;
        public static OpCode Initobj;
        public static OpCode Isinst;
        public static OpCode Jmp;
        public static OpCode Ldarg;
        public static OpCode Ldarg_0;
        public static OpCode Ldarg_1;
        public static OpCode Ldarg_2;
        public static OpCode Ldarg_3;
        public static OpCode Ldarg_S;
        public static OpCode Ldarga;
        public static OpCode Ldarga_S;
        public static OpCode Ldc_I4;
        public static OpCode Ldc_I4_0;
        public static OpCode Ldc_I4_1;
        public static OpCode Ldc_I4_2;
        public static OpCode Ldc_I4_3;
        public static OpCode Ldc_I4_4;
        public static OpCode Ldc_I4_5;
        public static OpCode Ldc_I4_6;
        public static OpCode Ldc_I4_7;
        public static OpCode Ldc_I4_8;
        public static OpCode Ldc_I4_M1;
        public static OpCode Ldc_I4_S;
        public static OpCode Ldc_I8;
        public static OpCode Ldc_R4;
        public static OpCode Ldc_R8;
        public static OpCode Ldelem;
        public static OpCode Ldelem_I;
        public static OpCode Ldelem_I1;
        public static OpCode Ldelem_I2;
        public static OpCode Ldelem_I4;
        public static OpCode Ldelem_I8;
        public static OpCode Ldelem_R4;
        public static OpCode Ldelem_R8;
        public static OpCode Ldelem_Ref;
        public static OpCode Ldelem_U1;
        public static OpCode Ldelem_U2;
        public static OpCode Ldelem_U4;
        public static OpCode Ldelema;
        public static OpCode Ldfld;
        public static OpCode Ldflda;
        public static OpCode Ldftn;
        public static OpCode Ldind_I;
        public static OpCode Ldind_I1;
        public static OpCode Ldind_I2;
        public static OpCode Ldind_I4;
        public static OpCode Ldind_I8;
        public static OpCode Ldind_R4;
        public static OpCode Ldind_R8;
        public static OpCode Ldind_Ref;
        public static OpCode Ldind_U1;
        public static OpCode Ldind_U2;
        public static OpCode Ldind_U4;
        public static OpCode Ldlen;
        public static OpCode Ldloc;
        public static OpCode Ldloc_0;
        public static OpCode Ldloc_1;
        public static OpCode Ldloc_2;
        public static OpCode Ldloc_3;
        public static OpCode Ldloc_S;
        public static OpCode Ldloca;
        public static OpCode Ldloca_S;
        public static OpCode Ldnull;
        public static OpCode Ldobj;
        public static OpCode Ldsfld;
        public static OpCode Ldsflda;
        public static OpCode Ldstr;
        public static OpCode Ldtoken;
        public static OpCode Ldvirtftn;
        public static OpCode Leave;
        public static OpCode Leave_S;
        public static OpCode Localloc;
        public static OpCode Mkrefany;
        public static OpCode Mul;
        public static OpCode Mul_Ovf;
        public static OpCode Mul_Ovf_Un;
        public static OpCode Neg;
        public static OpCode Newarr;
        public static OpCode Newobj;
        public static OpCode Nop;
        public static OpCode Not;
        public static OpCode Or;
        public static OpCode Pop;
        public static OpCode Prefix1;
        public static OpCode Prefix2;
        public static OpCode Prefix3;
        public static OpCode Prefix4;
        public static OpCode Prefix5;
        public static OpCode Prefix6;
        public static OpCode Prefix7;
        public static OpCode Prefixref;
        public static OpCode Readonly;
        public static OpCode Refanytype;
        public static OpCode Refanyval;
        public static OpCode Rem;
        public static OpCode Rem_Un;
        public static OpCode Ret;
        public static OpCode Rethrow;
        public static OpCode Shl;
        public static OpCode Shr;
        public static OpCode Shr_Un;
        public static OpCode Sizeof;
        public static OpCode Starg;
        public static OpCode Starg_S;
        public static OpCode Stelem;
        public static OpCode Stelem_I;
        public static OpCode Stelem_I1;
        public static OpCode Stelem_I2;
        public static OpCode Stelem_I4;
        public static OpCode Stelem_I8;
        public static OpCode Stelem_R4;
        public static OpCode Stelem_R8;
        public static OpCode Stelem_Ref;
        public static OpCode Stfld;
        public static OpCode Stind_I;
        public static OpCode Stind_I1;
        public static OpCode Stind_I2;
        public static OpCode Stind_I4;
        public static OpCode Stind_I8;
        public static OpCode Stind_R4;
        public static OpCode Stind_R8;
        public static OpCode Stind_Ref;
        public static OpCode Stloc;
        public static OpCode Stloc_0;
        public static OpCode Stloc_1;
        public static OpCode Stloc_2;
        public static OpCode Stloc_3;
        public static OpCode Stloc_S;
        public static OpCode Stobj;
        public static OpCode Stsfld;
        public static OpCode Sub;
        public static OpCode Sub_Ovf;
        public static OpCode Sub_Ovf_Un;
        public static OpCode Switch;
        public static OpCode Tailcall;
        public static OpCode Throw;
        public static OpCode Unaligned;
        public static OpCode Unbox;
        public static OpCode Unbox_Any;
        public static OpCode Volatile;
        public static OpCode Xor;
        public static bool TakesSingleByteArgument(OpCode inst);
    }

    /// <summary>Makes a property.</summary>
    public sealed class PropertyBuilder : PropertyInfo, System.Runtime.InteropServices._PropertyBuilder
    {
        public override PropertyAttributes Attributes { get; }
        public override bool CanRead { get; }
        public override bool CanWrite { get; }
        public override Type DeclaringType { get; }
        public override Module Module { get; }
        public override string Name { get; }
        public PropertyToken PropertyToken { get; }
        public override Type PropertyType { get; }
        public override Type ReflectedType { get; }
        public void AddOtherMethod(MethodBuilder mdBuilder);
        public override MethodInfo[] GetAccessors(bool nonPublic);
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public override MethodInfo GetGetMethod(bool nonPublic);
        public override ParameterInfo[] GetIndexParameters();
        public override MethodInfo GetSetMethod(bool nonPublic);
        public override object GetValue(object obj, object[] index);
        public override object GetValue(object obj, BindingFlags invokeAttr, Binder binder, object[] index, CultureInfo culture);
        public override bool IsDefined(Type attributeType, bool inherit);
        public void SetConstant(object defaultValue);
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetGetMethod(MethodBuilder mdBuilder);
        public void SetSetMethod(MethodBuilder mdBuilder);
        public override void SetValue(object obj, object value, object[] index);
        public override void SetValue(object obj, object value, BindingFlags invokeAttr, Binder binder, object[] index, CultureInfo culture);
    }

    /// <summary>Makes a type.</summary>
    public sealed class TypeBuilder : TypeInfo, System.Runtime.InteropServices._TypeBuilder
    {
        public static int UnspecifiedTypeSize;
        public override Assembly Assembly { get; }
        public override string AssemblyQualifiedName { get; }
        public override Type BaseType { get; }
        public override bool ContainsGenericParameters { get; }
        public override MethodBase DeclaringMethod { get; }
        public override Type DeclaringType { get; }
        public override string FullName { get; }
        public override Guid GUID { get; }
        public override System.Reflection.GenericParameterAttributes GenericParameterAttributes { get; }
        public override int GenericParameterPosition { get; }
        public override bool IsConstructedGenericType { get; }
        public override bool IsGenericParameter { get; }
        public override bool IsGenericType { get; }
        public override bool IsGenericTypeDefinition { get; }
        public override bool IsTypeDefinition { get; }
        public override Module Module { get; }
        public override string Name { get; }
        public override string Namespace { get; }
        public PackingSize PackingSize { get; }
        public override Type ReflectedType { get; }
        public int Size { get; }
        public override RuntimeTypeHandle TypeHandle { get; }
        public TypeToken TypeToken { get; }
        public override Type UnderlyingSystemType { get; }
        public void AddDeclarativeSecurity(SecurityAction action, System.Security.PermissionSet pset);
        public void AddInterfaceImplementation(Type interfaceType);
        public Type CreateType();
        public TypeInfo CreateTypeInfo();
        public ConstructorBuilder DefineConstructor(MethodAttributes attributes, CallingConventions callingConvention, Type[] parameterTypes);
        public ConstructorBuilder DefineConstructor(MethodAttributes attributes, CallingConventions callingConvention, Type[] parameterTypes, Type[][] requiredCustomModifiers, Type[][] optionalCustomModifiers);
        public ConstructorBuilder DefineDefaultConstructor(MethodAttributes attributes);
        public EventBuilder DefineEvent(string name, System.Reflection.EventAttributes attributes, Type eventtype);
        public FieldBuilder DefineField(string fieldName, Type type, FieldAttributes attributes);
        public FieldBuilder DefineField(string fieldName, Type type, Type[] requiredCustomModifiers, Type[] optionalCustomModifiers, FieldAttributes attributes);
        public GenericTypeParameterBuilder[] DefineGenericParameters(params string[] names);
        public FieldBuilder DefineInitializedData(string name, byte[] data, FieldAttributes attributes);
        public MethodBuilder DefineMethod(string name, MethodAttributes attributes);
        public MethodBuilder DefineMethod(string name, MethodAttributes attributes, CallingConventions callingConvention);
        public MethodBuilder DefineMethod(string name, MethodAttributes attributes, Type returnType, Type[] parameterTypes);
        public MethodBuilder DefineMethod(string name, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes);
        public MethodBuilder DefineMethod(string name, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] returnTypeRequiredCustomModifiers, Type[] returnTypeOptionalCustomModifiers, Type[] parameterTypes, Type[][] parameterTypeRequiredCustomModifiers, Type[][] parameterTypeOptionalCustomModifiers);
        public void DefineMethodOverride(MethodInfo methodInfoBody, MethodInfo methodInfoDeclaration);
        public TypeBuilder DefineNestedType(string name);
        public TypeBuilder DefineNestedType(string name, TypeAttributes attr);
        public TypeBuilder DefineNestedType(string name, TypeAttributes attr, Type parent);
        public TypeBuilder DefineNestedType(string name, TypeAttributes attr, Type parent, int typeSize);
        public TypeBuilder DefineNestedType(string name, TypeAttributes attr, Type parent, PackingSize packSize);
        public TypeBuilder DefineNestedType(string name, TypeAttributes attr, Type parent, Type[] interfaces);
        public TypeBuilder DefineNestedType(string name, TypeAttributes attr, Type parent, PackingSize packSize, int typeSize);
        public MethodBuilder DefinePInvokeMethod(string name, string dllName, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, CallingConvention nativeCallConv, CharSet nativeCharSet);
        public MethodBuilder DefinePInvokeMethod(string name, string dllName, string entryName, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes, CallingConvention nativeCallConv, CharSet nativeCharSet);
        public MethodBuilder DefinePInvokeMethod(string name, string dllName, string entryName, MethodAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] returnTypeRequiredCustomModifiers, Type[] returnTypeOptionalCustomModifiers, Type[] parameterTypes, Type[][] parameterTypeRequiredCustomModifiers, Type[][] parameterTypeOptionalCustomModifiers, CallingConvention nativeCallConv, CharSet nativeCharSet);
        public PropertyBuilder DefineProperty(string name, PropertyAttributes attributes, Type returnType, Type[] parameterTypes);
        public PropertyBuilder DefineProperty(string name, PropertyAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] parameterTypes);
        public PropertyBuilder DefineProperty(string name, PropertyAttributes attributes, Type returnType, Type[] returnTypeRequiredCustomModifiers, Type[] returnTypeOptionalCustomModifiers, Type[] parameterTypes, Type[][] parameterTypeRequiredCustomModifiers, Type[][] parameterTypeOptionalCustomModifiers);
        public PropertyBuilder DefineProperty(string name, PropertyAttributes attributes, CallingConventions callingConvention, Type returnType, Type[] returnTypeRequiredCustomModifiers, Type[] returnTypeOptionalCustomModifiers, Type[] parameterTypes, Type[][] parameterTypeRequiredCustomModifiers, Type[][] parameterTypeOptionalCustomModifiers);
        public ConstructorBuilder DefineTypeInitializer();
        public FieldBuilder DefineUninitializedData(string name, int size, FieldAttributes attributes);
        protected override TypeAttributes GetAttributeFlagsImpl();
        public static ConstructorInfo GetConstructor(Type type, ConstructorInfo constructor);
        protected override ConstructorInfo GetConstructorImpl(BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public override ConstructorInfo[] GetConstructors(BindingFlags bindingAttr);
        public override object[] GetCustomAttributes(bool inherit);
        public override object[] GetCustomAttributes(Type attributeType, bool inherit);
        public override Type GetElementType();
        public override EventInfo GetEvent(string name, BindingFlags bindingAttr);
        public override EventInfo[] GetEvents();
        public override EventInfo[] GetEvents(BindingFlags bindingAttr);
        public override FieldInfo GetField(string name, BindingFlags bindingAttr);
        public static FieldInfo GetField(Type type, FieldInfo field);
        public override FieldInfo[] GetFields(BindingFlags bindingAttr);
        public override Type[] GetGenericArguments();
        public override Type GetGenericTypeDefinition();
        public override Type GetInterface(string name, bool ignoreCase);
        public override System.Reflection.InterfaceMapping GetInterfaceMap(Type interfaceType);
        public override Type[] GetInterfaces();
        public override MemberInfo[] GetMember(string name, MemberTypes type, BindingFlags bindingAttr);
        public override MemberInfo[] GetMembers(BindingFlags bindingAttr);
        public static MethodInfo GetMethod(Type type, MethodInfo method);
        protected override MethodInfo GetMethodImpl(string name, BindingFlags bindingAttr, Binder binder, CallingConventions callConvention, Type[] types, ParameterModifier[] modifiers);
        public override MethodInfo[] GetMethods(BindingFlags bindingAttr);
        public override Type GetNestedType(string name, BindingFlags bindingAttr);
        public override Type[] GetNestedTypes(BindingFlags bindingAttr);
        public override PropertyInfo[] GetProperties(BindingFlags bindingAttr);
        protected override PropertyInfo GetPropertyImpl(string name, BindingFlags bindingAttr, Binder binder, Type returnType, Type[] types, ParameterModifier[] modifiers);
        protected override bool HasElementTypeImpl();
        public override object InvokeMember(string name, BindingFlags invokeAttr, Binder binder, object target, object[] args, ParameterModifier[] modifiers, CultureInfo culture, string[] namedParameters);
        protected override bool IsArrayImpl();
        public override bool IsAssignableFrom(TypeInfo typeInfo);
        public override bool IsAssignableFrom(Type c);
        protected override bool IsByRefImpl();
        protected override bool IsCOMObjectImpl();
        public bool IsCreated();
        public override bool IsDefined(Type attributeType, bool inherit);
        protected override bool IsPointerImpl();
        protected override bool IsPrimitiveImpl();
        public override bool IsSubclassOf(Type c);
        protected override bool IsValueTypeImpl();
        public override Type MakeArrayType();
        public override Type MakeArrayType(int rank);
        public override Type MakeByRefType();
        public override Type MakeGenericType(Type[] typeArguments);
        public override Type MakePointerType();
        public void SetCustomAttribute(CustomAttributeBuilder customBuilder);
        public void SetCustomAttribute(ConstructorInfo con, byte[] binaryAttribute);
        public void SetParent(Type parent);
    }
}
