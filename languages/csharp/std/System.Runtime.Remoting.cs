using System;
using System.Reflection;
using System.Runtime.Serialization;

namespace System.Runtime.Remoting
{
    /// <summary>Where objects are.</summary>
    public static class RemotingConfiguration
    {
        public static string ApplicationId { get; }
        public static string ApplicationName { get; set; }
        public static CustomErrorsModes CustomErrorsMode { get; set; }
        public static string ProcessId { get; }
        public static void Configure(string filename);
        public static void Configure(string filename, bool ensureSecurity);
        public static bool CustomErrorsEnabled(bool isLocalRequest);
        public static ActivatedClientTypeEntry[] GetRegisteredActivatedClientTypes();
        public static ActivatedServiceTypeEntry[] GetRegisteredActivatedServiceTypes();
        public static WellKnownClientTypeEntry[] GetRegisteredWellKnownClientTypes();
        public static WellKnownServiceTypeEntry[] GetRegisteredWellKnownServiceTypes();
        public static bool IsActivationAllowed(Type svrType);
        public static ActivatedClientTypeEntry IsRemotelyActivatedClientType(Type svrType);
        public static ActivatedClientTypeEntry IsRemotelyActivatedClientType(string typeName, string assemblyName);
        public static WellKnownClientTypeEntry IsWellKnownClientType(Type svrType);
        public static WellKnownClientTypeEntry IsWellKnownClientType(string typeName, string assemblyName);
        public static void RegisterActivatedClientType(ActivatedClientTypeEntry entry);
        public static void RegisterActivatedClientType(Type type, string appUrl);
        public static void RegisterActivatedServiceType(ActivatedServiceTypeEntry entry);
        public static void RegisterActivatedServiceType(Type type);
        public static void RegisterWellKnownClientType(WellKnownClientTypeEntry entry);
        public static void RegisterWellKnownClientType(Type type, string objectUrl);
        public static void RegisterWellKnownServiceType(WellKnownServiceTypeEntry entry);
        public static void RegisterWellKnownServiceType(Type type, string objectUri, WellKnownObjectMode mode);
    }

    /// <summary>Objects elsewhere.</summary>
    public static class RemotingServices
    {
        public static object Connect(Type classToProxy, string url);
        public static object Connect(Type classToProxy, string url, object data);
        public static bool Disconnect(System.MarshalByRefObject obj);
        public static System.Runtime.Remoting.Messaging.IMethodReturnMessage ExecuteMessage(System.MarshalByRefObject target, System.Runtime.Remoting.Messaging.IMethodCallMessage reqMsg);
        public static System.Runtime.Remoting.Messaging.IMessageSink GetEnvoyChainForProxy(System.MarshalByRefObject obj);
        public static object GetLifetimeService(System.MarshalByRefObject obj);
        public static MethodBase GetMethodBaseFromMethodMessage(System.Runtime.Remoting.Messaging.IMethodMessage msg);
        public static ObjRef GetObjRefForProxy(System.MarshalByRefObject obj);
        public static void GetObjectData(object obj, SerializationInfo info, StreamingContext context);
        public static string GetObjectUri(System.MarshalByRefObject obj);
        public static System.Runtime.Remoting.Proxies.RealProxy GetRealProxy(object proxy);
        public static Type GetServerTypeForUri(string URI);
        public static string GetSessionIdForMethodMessage(System.Runtime.Remoting.Messaging.IMethodMessage msg);
        public static bool IsMethodOverloaded(System.Runtime.Remoting.Messaging.IMethodMessage msg);
        public static bool IsObjectOutOfAppDomain(object tp);
        public static bool IsObjectOutOfContext(object tp);
        public static bool IsOneWay(MethodBase method);
        public static bool IsTransparentProxy(object proxy);
        public static void LogRemotingStage(int stage);
        public static ObjRef Marshal(System.MarshalByRefObject Obj);
        public static ObjRef Marshal(System.MarshalByRefObject Obj, string URI);
        public static ObjRef Marshal(System.MarshalByRefObject Obj, string ObjURI, Type RequestedType);
        public static void SetObjectUriForMarshal(System.MarshalByRefObject obj, string uri);
        public static object Unmarshal(ObjRef objectRef);
        public static object Unmarshal(ObjRef objectRef, bool fRefine);
    }
}
