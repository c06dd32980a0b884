using System;
using System.IO;
using System.Reflection;
using System.Xml;
using System.Xml.Schema;

namespace System.Xml.Serialization
{
    /// <summary>Writes itself as XML.</summary>
    public interface IXmlSerializable
    {
        XmlSchema GetSchema();
        void ReadXml(XmlReader reader);
        void WriteXml(XmlWriter writer);
    }

    /// <summary>How a list is written.</summary>
    public class XmlArrayAttribute : Attribute
    {
        public XmlArrayAttribute() { }
        public XmlArrayAttribute(string elementName) { }
        public string ElementName { get; set; }
        public System.Xml.Schema.XmlSchemaForm Form { get; set; }
        public bool IsNullable { get; set; }
        public string Namespace { get; set; }
        public int Order { get; set; }
    }

    /// <summary>How an element is written.</summary>
    public class XmlArrayItemAttribute : Attribute
    {
        public XmlArrayItemAttribute() { }
        public XmlArrayItemAttribute(string elementName) { }
        public XmlArrayItemAttribute(Type type) { }
        public XmlArrayItemAttribute(string elementName, Type type) { }
        public string DataType { get; set; }
        public string ElementName { get; set; }
        public System.Xml.Schema.XmlSchemaForm Form { get; set; }
        public bool IsNullable { get; set; }
        public string Namespace { get; set; }
        public int NestingLevel { get; set; }
        public Type Type { get; set; }
    }

    /// <summary>How a member is written.</summary>
    public class XmlAttributeAttribute : Attribute
    {
        public XmlAttributeAttribute() { }
        public XmlAttributeAttribute(string attributeName) { }
        public XmlAttributeAttribute(Type type) { }
        public XmlAttributeAttribute(string attributeName, Type type) { }
        public string AttributeName { get; set; }
        public string DataType { get; set; }
        public System.Xml.Schema.XmlSchemaForm Form { get; set; }
        public string Namespace { get; set; }
        public Type Type { get; set; }
    }

    /// <summary>How a member is written.</summary>
    public class XmlElementAttribute : Attribute
    {
        public XmlElementAttribute() { }
        public XmlElementAttribute(string elementName) { }
        public XmlElementAttribute(Type type) { }
        public XmlElementAttribute(string elementName, Type type) { }
        public string DataType { get; set; }
        public string ElementName { get; set; }
        public System.Xml.Schema.XmlSchemaForm Form { get; set; }
        public bool IsNullable { get; set; }
        public string Namespace { get; set; }
        public int Order { get; set; }
        public Type Type { get; set; }
    }

    /// <summary>How a value is written.</summary>
    public class XmlEnumAttribute : Attribute
    {
        public XmlEnumAttribute() { }
        public XmlEnumAttribute(string name) { }
        public string Name { get; set; }
    }

    /// <summary>Marks what is not written.</summary>
    public class XmlIgnoreAttribute : Attribute
    {
        public XmlIgnoreAttribute() { }
    }

    /// <summary>How a type is written.</summary>
    public class XmlRootAttribute : Attribute
    {
        public XmlRootAttribute() { }
        public XmlRootAttribute(string elementName) { }
        public string DataType { get; set; }
        public string ElementName { get; set; }
        public bool IsNullable { get; set; }
        public string Namespace { get; set; }
    }

    /// <summary>Objects as XML.</summary>
    public class XmlSerializer
    {
        protected XmlSerializer() { }
        public XmlSerializer(Type type) { }
        public XmlSerializer(XmlTypeMapping xmlTypeMapping) { }
        public XmlSerializer(Type type, string defaultNamespace) { }
        public XmlSerializer(Type type, Type[] extraTypes) { }
        public XmlSerializer(Type type, XmlAttributeOverrides overrides) { }
        public XmlSerializer(Type type, XmlRootAttribute root) { }
        public XmlSerializer(Type type, XmlAttributeOverrides overrides, Type[] extraTypes, XmlRootAttribute root, string defaultNamespace) { }
        public XmlSerializer(Type type, XmlAttributeOverrides overrides, Type[] extraTypes, XmlRootAttribute root, string defaultNamespace, string location) { }
        public XmlSerializer(Type type, XmlAttributeOverrides overrides, Type[] extraTypes, XmlRootAttribute root, string defaultNamespace, string location, System.Security.Policy.Evidence evidence) { }
        public event XmlAttributeEventHandler UnknownAttribute;
        public event XmlElementEventHandler UnknownElement;
        public event XmlNodeEventHandler UnknownNode;
        public event UnreferencedObjectEventHandler UnreferencedObject;
        public virtual bool CanDeserialize(XmlReader xmlReader);
        protected virtual XmlSerializationReader CreateReader();
        protected virtual XmlSerializationWriter CreateWriter();
        public object Deserialize(Stream stream);
        public object Deserialize(TextReader textReader);
        protected virtual object Deserialize(XmlSerializationReader reader);
        public object Deserialize(XmlReader xmlReader);
        public object Deserialize(XmlReader xmlReader, string encodingStyle);
        public object Deserialize(XmlReader xmlReader, XmlDeserializationEvents events);
        public object Deserialize(XmlReader xmlReader, string encodingStyle, XmlDeserializationEvents events);
        public static XmlSerializer[] FromMappings(XmlMapping[] mappings);
        public static XmlSerializer[] FromMappings(XmlMapping[] mappings, System.Security.Policy.Evidence evidence);
        public static XmlSerializer[] FromMappings(XmlMapping[] mappings, Type type);
        public static XmlSerializer[] FromTypes(Type[] types);
        public static Assembly GenerateSerializer(Type[] types, XmlMapping[] mappings);
        public static Assembly GenerateSerializer(Type[] types, XmlMapping[] mappings, System.CodeDom.Compiler.CompilerParameters parameters);
        public static string GetXmlSerializerAssemblyName(Type type);
        public static string GetXmlSerializerAssemblyName(Type type, string defaultNamespace);
        public void Serialize(Stream stream, object o);
        public void Serialize(TextWriter textWriter, object o);
        protected virtual void Serialize(object o, XmlSerializationWriter writer);
        public void Serialize(XmlWriter xmlWriter, object o);
        public void Serialize(Stream stream, object o, XmlSerializerNamespaces namespaces);
        public void Serialize(TextWriter textWriter, object o, XmlSerializerNamespaces namespaces);
        public void Serialize(XmlWriter xmlWriter, object o, XmlSerializerNamespaces namespaces);
        public void Serialize(XmlWriter xmlWriter, object o, XmlSerializerNamespaces namespaces, string encodingStyle);
        public void Serialize(XmlWriter xmlWriter, object o, XmlSerializerNamespaces namespaces, string encodingStyle, string id);
    }

    /// <summary>How a type is written.</summary>
    public class XmlTypeAttribute : Attribute
    {
        public XmlTypeAttribute() { }
        public XmlTypeAttribute(string typeName) { }
        public bool AnonymousType { get; set; }
        public bool IncludeInSchema { get; set; }
        public string Namespace { get; set; }
        public string TypeName { get; set; }
    }
}
