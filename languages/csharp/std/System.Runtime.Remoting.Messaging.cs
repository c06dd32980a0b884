namespace System.Runtime.Remoting.Messaging
{
    /// <summary>Values that go along with calls.</summary>
    public sealed class CallContext
    {
        public static object HostContext { get; set; }
        public static void FreeNamedDataSlot(string name);
        public static object GetData(string name);
        public static Header[] GetHeaders();
        public static object LogicalGetData(string name);
        public static void LogicalSetData(string name, object data);
        public static void SetData(string name, object data);
        public static void SetHeaders(Header[] headers);
    }

    /// <summary>Goes along with calls.</summary>
    public interface ILogicalThreadAffinative
    {
    }
}
