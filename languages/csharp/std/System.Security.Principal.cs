using System;
using System.Collections.Generic;
using System.Runtime.Serialization;

namespace System.Security.Principal
{
    /// <summary>Who somebody is.</summary>
    public class GenericIdentity : System.Security.Claims.ClaimsIdentity
    {
        protected GenericIdentity(GenericIdentity identity) { }
        public GenericIdentity(string name) { }
        public GenericIdentity(string name, string type) { }
        public override string AuthenticationType { get; }
        public override IEnumerable<System.Security.Claims.Claim> Claims { get; }
        public override bool IsAuthenticated { get; }
        public override string Name { get; }
        public override System.Security.Claims.ClaimsIdentity Clone();
    }

    /// <summary>Somebody.</summary>
    public class GenericPrincipal : System.Security.Claims.ClaimsPrincipal
    {
        public GenericPrincipal(IIdentity identity, string[] roles) { }
        public override IIdentity Identity { get; }
        public override bool IsInRole(string role);
    }

    /// <summary>Who somebody is.</summary>
    public interface IIdentity
    {
        string AuthenticationType { get; }
        bool IsAuthenticated { get; }
        string Name { get; }
    }

    /// <summary>Somebody.</summary>
    public interface IPrincipal
    {
        IIdentity Identity { get; }
        bool IsInRole(string role);
    }

    /// <summary>A person of the system.</summary>
    public class WindowsIdentity : System.Security.Claims.ClaimsIdentity, IDisposable, IDeserializationCallback, ISerializable
    {
        public static string DefaultIssuer;
        public WindowsIdentity(IntPtr userToken) { }
        public WindowsIdentity(string sUserPrincipalName) { }
        public WindowsIdentity(IntPtr userToken, string type) { }
        public WindowsIdentity(SerializationInfo info, StreamingContext context) { }
        public WindowsIdentity(string sUserPrincipalName, string type) { }
        public WindowsIdentity(IntPtr userToken, string type, WindowsAccountType acctType) { }
        public WindowsIdentity(IntPtr userToken, string type, WindowsAccountType acctType, bool isAuthenticated) { }
        public Microsoft.Win32.SafeHandles.SafeAccessTokenHandle AccessToken { get; }
        public override string AuthenticationType { get; }
        public IdentityReferenceCollection Groups { get; }
        public TokenImpersonationLevel ImpersonationLevel { get; }
        public virtual bool IsAnonymous { get; }
        public override bool IsAuthenticated { get; }
        public virtual bool IsGuest { get; }
        public virtual bool IsSystem { get; }
        public override string Name { get; }
        public SecurityIdentifier Owner { get; }
        public virtual IntPtr Token { get; }
        public SecurityIdentifier User { get; }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public static WindowsIdentity GetAnonymous();
        public static WindowsIdentity GetCurrent();
        public static WindowsIdentity GetCurrent(bool ifImpersonating);
        public static WindowsIdentity GetCurrent(TokenAccessLevels desiredAccess);
        public virtual WindowsImpersonationContext Impersonate();
        public static WindowsImpersonationContext Impersonate(IntPtr userToken);
        public static T RunImpersonated<T>(Microsoft.Win32.SafeHandles.SafeAccessTokenHandle safeAccessTokenHandle, Func<T> func);
        public static void RunImpersonated(Microsoft.Win32.SafeHandles.SafeAccessTokenHandle safeAccessTokenHandle, Action action);
    }
}
