using System.IO;
using System.Runtime.Serialization;

namespace System.Runtime.Serialization.Formatters.Binary
{
    /// <summary>Objects as bytes.</summary>
    public sealed class BinaryFormatter : System.Runtime.Remoting.Messaging.IRemotingFormatter
    {
        public BinaryFormatter() { }
        public BinaryFormatter(System.Runtime.Serialization.ISurrogateSelector selector, StreamingContext context) { }
        public System.Runtime.Serialization.Formatters.FormatterAssemblyStyle AssemblyFormat { get; set; }
        public SerializationBinder Binder { get; set; }
        public StreamingContext Context { get; set; }
        public System.Runtime.Serialization.Formatters.TypeFilterLevel FilterLevel { get; set; }
        public System.Runtime.Serialization.ISurrogateSelector SurrogateSelector { get; set; }
        public System.Runtime.Serialization.Formatters.FormatterTypeStyle TypeFormat { get; set; }
        public object Deserialize(Stream serializationStream);
        public object Deserialize(Stream serializationStream, System.Runtime.Remoting.Messaging.HeaderHandler handler);
        public object DeserializeMethodResponse(Stream serializationStream, System.Runtime.Remoting.Messaging.HeaderHandler handler, System.Runtime.Remoting.Messaging.IMethodCallMessage methodCallMessage);
        public void Serialize(Stream serializationStream, object graph);
        public void Serialize(Stream serializationStream, object graph, System.Runtime.Remoting.Messaging.Header[] headers);
        public object UnsafeDeserialize(Stream serializationStream, System.Runtime.Remoting.Messaging.HeaderHandler handler);
        public object UnsafeDeserializeMethodResponse(Stream serializationStream, System.Runtime.Remoting.Messaging.HeaderHandler handler, System.Runtime.Remoting.Messaging.IMethodCallMessage methodCallMessage);
    }
}
