using System;
using System.Collections;
using System.IO;
using System.Xml;

namespace System.Xml.Schema
{
    /// <summary>What is wrong with a document.</summary>
    public class ValidationEventArgs : EventArgs
    {
        public XmlSchemaException Exception { get; }
        public string Message { get; }
        public XmlSeverityType Severity { get; }
    }

    /// <summary>What a document may hold.</summary>
    public class XmlSchema : XmlSchemaObject
    {
        public static string InstanceNamespace;
        public static string Namespace;
        public XmlSchema() { }
        public XmlSchemaForm AttributeFormDefault { get; set; }
        public XmlSchemaObjectTable AttributeGroups { get; }
        public XmlSchemaObjectTable Attributes { get; }
        public XmlSchemaDerivationMethod BlockDefault { get; set; }
        public XmlSchemaForm ElementFormDefault { get; set; }
        public XmlSchemaObjectTable Elements { get; }
        public XmlSchemaDerivationMethod FinalDefault { get; set; }
        public XmlSchemaObjectTable Groups { get; }
        public string Id { get; set; }
        public XmlSchemaObjectCollection Includes { get; }
        public bool IsCompiled { get; }
        public XmlSchemaObjectCollection Items { get; }
        public XmlSchemaObjectTable Notations { get; }
        public XmlSchemaObjectTable SchemaTypes { get; }
        public string TargetNamespace { get; set; }
        public XmlAttribute[] UnhandledAttributes { get; set; }
        public string Version { get; set; }
        public void Compile(ValidationEventHandler validationEventHandler);
        public void Compile(ValidationEventHandler validationEventHandler, System.Xml.XmlResolver resolver);
        public static XmlSchema Read(Stream stream, ValidationEventHandler validationEventHandler);
        public static XmlSchema Read(TextReader reader, ValidationEventHandler validationEventHandler);
        public static XmlSchema Read(XmlReader reader, ValidationEventHandler validationEventHandler);
        public void Write(Stream stream);
        public void Write(TextWriter writer);
        public void Write(XmlWriter writer);
        public void Write(Stream stream, XmlNamespaceManager namespaceManager);
        public void Write(TextWriter writer, XmlNamespaceManager namespaceManager);
        public void Write(XmlWriter writer, XmlNamespaceManager namespaceManager);
    }

    /// <summary>What documents may hold.</summary>
    public class XmlSchemaSet
    {
        public XmlSchemaSet() { }
        public XmlSchemaSet(System.Xml.XmlNameTable nameTable) { }
        public XmlSchemaCompilationSettings CompilationSettings { get; set; }
        public int Count { get; }
        public XmlSchemaObjectTable GlobalAttributes { get; }
        public XmlSchemaObjectTable GlobalElements { get; }
        public XmlSchemaObjectTable GlobalTypes { get; }
        public bool IsCompiled { get; }
        public System.Xml.XmlNameTable NameTable { get; }
        public System.Xml.XmlResolver XmlResolver { set; }
        public event ValidationEventHandler ValidationEventHandler;
        public XmlSchema Add(XmlSchema schema);
        public void Add(XmlSchemaSet schemas);
        public XmlSchema Add(string targetNamespace, string schemaUri);
        public XmlSchema Add(string targetNamespace, XmlReader schemaDocument);
        public void Compile();
        public bool Contains(string targetNamespace);
        public bool Contains(XmlSchema schema);
        public void CopyTo(XmlSchema[] schemas, int index);
        public XmlSchema Remove(XmlSchema schema);
        public bool RemoveRecursive(XmlSchema schemaToRemove);
        public XmlSchema Reprocess(XmlSchema schema);
        public ICollection Schemas();
        public ICollection Schemas(string targetNamespace);
    }
}
