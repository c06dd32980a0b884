using System;
using System.Reflection;
using System.Runtime.Serialization;
using System.Security.Permissions;

namespace System.Security
{
    /// <summary>A text that is kept secret.</summary>
    public sealed class SecureString : IDisposable
    {
        public SecureString() { }
        public SecureString(char* value, int length) { }
        public int Length { get; }
        public void AppendChar(char c);
        public void Clear();
        public SecureString Copy();
        public void Dispose();
        public void InsertAt(int index, char c);
        public bool IsReadOnly();
        public void MakeReadOnly();
        public void RemoveAt(int index);
        public void SetAt(int index, char c);
    }

    /// <summary>Something that is not permitted.</summary>
    public class SecurityException : SystemException
    {
        public SecurityException() { }
        public SecurityException(string message) { }
        protected SecurityException(SerializationInfo info, StreamingContext context) { }
        public SecurityException(string message, Exception inner) { }
        public SecurityException(string message, Type type) { }
        public SecurityException(string message, Type type, string state) { }
        public SecurityException(string message, object deny, object permitOnly, MethodInfo method, object demanded, IPermission permThatFailed) { }
        public SecurityException(string message, AssemblyName assemblyName, PermissionSet grant, PermissionSet refused, MethodInfo method, SecurityAction action, object demanded, IPermission permThatFailed, System.Security.Policy.Evidence evidence) { }
        public SecurityAction Action { get; set; }
        public object Demanded { get; set; }
        public object DenySetInstance { get; set; }
        public AssemblyName FailedAssemblyInfo { get; set; }
        public IPermission FirstPermissionThatFailed { get; set; }
        public string GrantedSet { get; set; }
        public MethodInfo Method { get; set; }
        public string PermissionState { get; set; }
        public Type PermissionType { get; set; }
        public object PermitOnlySetInstance { get; set; }
        public string RefusedSet { get; set; }
        public string Url { get; set; }
        public SecurityZone Zone { get; set; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }
}
