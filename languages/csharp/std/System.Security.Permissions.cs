namespace System.Security.Permissions
{
    /// <summary>A permission.</summary>
    public sealed class ReflectionPermission : System.Security.CodeAccessPermission, IUnrestrictedPermission
    {
        public ReflectionPermission(PermissionState state) { }
        public ReflectionPermission(ReflectionPermissionFlag flag) { }
        public ReflectionPermissionFlag Flags { get; set; }
        public override System.Security.IPermission Copy();
        public override void FromXml(System.Security.SecurityElement esd);
        public override System.Security.IPermission Intersect(System.Security.IPermission target);
        public override bool IsSubsetOf(System.Security.IPermission target);
        public bool IsUnrestricted();
        public override System.Security.SecurityElement ToXml();
        public override System.Security.IPermission Union(System.Security.IPermission other);
    }

    /// <summary>What is permitted.</summary>
    public enum ReflectionPermissionFlag
    {
        NoFlags,
        TypeInformation,
        MemberAccess,
        ReflectionEmit,
        AllFlags,
        RestrictedMemberAccess,
    }

    /// <summary>What is asked for.</summary>
    public enum SecurityAction
    {
        Demand,
        Assert,
        Deny,
        PermitOnly,
        LinkDemand,
        InheritanceDemand,
        RequestMinimum,
        RequestOptional,
        RequestRefuse,
    }

    /// <summary>A permission.</summary>
    public sealed class SecurityPermission : System.Security.CodeAccessPermission, IUnrestrictedPermission
    {
        public SecurityPermission(PermissionState state) { }
        public SecurityPermission(SecurityPermissionFlag flag) { }
        public SecurityPermissionFlag Flags { get; set; }
        public override System.Security.IPermission Copy();
        public override void FromXml(System.Security.SecurityElement esd);
        public override System.Security.IPermission Intersect(System.Security.IPermission target);
        public override bool IsSubsetOf(System.Security.IPermission target);
        public bool IsUnrestricted();
        public override System.Security.SecurityElement ToXml();
        public override System.Security.IPermission Union(System.Security.IPermission target);
    }

    /// <summary>A permission.</summary>
    public sealed class SecurityPermissionAttribute : CodeAccessSecurityAttribute
    {
        public SecurityPermissionAttribute(SecurityAction action) { }
        public bool Assertion { get; set; }
        public bool BindingRedirects { get; set; }
        public bool ControlAppDomain { get; set; }
        public bool ControlDomainPolicy { get; set; }
        public bool ControlEvidence { get; set; }
        public bool ControlPolicy { get; set; }
        public bool ControlPrincipal { get; set; }
        public bool ControlThread { get; set; }
        public bool Execution { get; set; }
        public SecurityPermissionFlag Flags { get; set; }
        public bool Infrastructure { get; set; }
        public bool RemotingConfiguration { get; set; }
        public bool SerializationFormatter { get; set; }
        public bool SkipVerification { get; set; }
        public bool UnmanagedCode { get; set; }
        public override System.Security.IPermission CreatePermission();
    }

    /// <summary>What is permitted.</summary>
    public enum SecurityPermissionFlag
    {
        NoFlags,
        Assertion,
        UnmanagedCode,
        SkipVerification,
        Execution,
        ControlThread,
        ControlEvidence,
        ControlPolicy,
        SerializationFormatter,
        ControlDomainPolicy,
        ControlPrincipal,
        ControlAppDomain,
        RemotingConfiguration,
        Infrastructure,
        BindingRedirects,
        AllFlags,
    }
}
