using System;
using System.Collections.Generic;
using System.IO;
using System.Runtime.Serialization;
using System.Threading;
using System.Threading.Tasks;
using System.Xml;
using System.Xml.Serialization;

namespace System.Xml.Linq
{
    /// <summary>An attribute.</summary>
    public class XAttribute : XObject
    {
        public XAttribute(XAttribute other) { }
        public XAttribute(XName name, object value) { }
        public static IEnumerable<XAttribute> EmptySequence { get; }
        public bool IsNamespaceDeclaration { get; }
        public XName Name { get; }
        public XAttribute NextAttribute { get; }
        public override XmlNodeType NodeType { get; }
        public XAttribute PreviousAttribute { get; }
        public string Value { get; set; }
        public void Remove();
        public void SetValue(object value);
    }

    /// <summary>A text as it stands.</summary>
    public class XCData : XText
    {
        public XCData(string value) { }
        public XCData(XCData other) { }
        public override XmlNodeType NodeType { get; }
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>A comment.</summary>
    public class XComment : XNode
    {
        public XComment(string value) { }
        public XComment(XComment other) { }
        public override XmlNodeType NodeType { get; }
        public string Value { get; set; }
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>Holds parts.</summary>
    public abstract class XContainer : XNode
    {
        public XNode FirstNode { get; }
        public XNode LastNode { get; }
        public void Add(object content);
        public void Add(params object[] content);
        public void AddFirst(object content);
        public void AddFirst(params object[] content);
        public XmlWriter CreateWriter();
        public IEnumerable<XNode> DescendantNodes();
        public IEnumerable<XElement> Descendants();
        public IEnumerable<XElement> Descendants(XName name);
        public XElement Element(XName name);
        public IEnumerable<XElement> Elements();
        public IEnumerable<XElement> Elements(XName name);
        public IEnumerable<XNode> Nodes();
        public void RemoveNodes();
        public void ReplaceNodes(object content);
        public void ReplaceNodes(params object[] content);
    }

    /// <summary>The head of a document.</summary>
    public class XDeclaration
    {
        public XDeclaration(XDeclaration other) { }
        public XDeclaration(string version, string encoding, string standalone) { }
        public string Encoding { get; set; }
        public string Standalone { get; set; }
        public string Version { get; set; }
    }

    /// <summary>A document of XML.</summary>
    public class XDocument : XContainer
    {
        public XDocument() { }
        public XDocument(params object[] content) { }
        public XDocument(XDocument other) { }
        public XDocument(XDeclaration declaration, params object[] content) { }
        public XDeclaration Declaration { get; set; }
        public XDocumentType DocumentType { get; }
        public override XmlNodeType NodeType { get; }
        public XElement Root { get; }
        public static XDocument Load(Stream stream);
        public static XDocument Load(TextReader textReader);
        public static XDocument Load(string uri);
        public static XDocument Load(XmlReader reader);
        public static XDocument Load(Stream stream, LoadOptions options);
        public static XDocument Load(TextReader textReader, LoadOptions options);
        public static XDocument Load(string uri, LoadOptions options);
        public static XDocument Load(XmlReader reader, LoadOptions options);
        public static Task<XDocument> LoadAsync(Stream stream, LoadOptions options, CancellationToken cancellationToken);
        public static Task<XDocument> LoadAsync(TextReader textReader, LoadOptions options, CancellationToken cancellationToken);
        public static Task<XDocument> LoadAsync(XmlReader reader, LoadOptions options, CancellationToken cancellationToken);
        public static XDocument Parse(string text);
        public static XDocument Parse(string text, LoadOptions options);
        public void Save(Stream stream);
        public void Save(TextWriter textWriter);
        public void Save(string fileName);
        public void Save(XmlWriter writer);
        public void Save(Stream stream, SaveOptions options);
        public void Save(TextWriter textWriter, SaveOptions options);
        public void Save(string fileName, SaveOptions options);
        public Task SaveAsync(XmlWriter writer, CancellationToken cancellationToken);
        public Task SaveAsync(Stream stream, SaveOptions options, CancellationToken cancellationToken);
        public Task SaveAsync(TextWriter textWriter, SaveOptions options, CancellationToken cancellationToken);
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>What a document is.</summary>
    public class XDocumentType : XNode
    {
        public XDocumentType(XDocumentType other) { }
        public XDocumentType(string name, string publicId, string systemId, string internalSubset) { }
        public string InternalSubset { get; set; }
        public string Name { get; set; }
        public override XmlNodeType NodeType { get; }
        public string PublicId { get; set; }
        public string SystemId { get; set; }
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>An element.</summary>
    public class XElement : XContainer, IXmlSerializable
    {
        public XElement(XElement other) { }
        public XElement(XName name) { }
        public XElement(XStreamingElement other) { }
        public XElement(XName name, object content) { }
        public XElement(XName name, params object[] content) { }
        public static IEnumerable<XElement> EmptySequence { get; }
        public XAttribute FirstAttribute { get; }
        public bool HasAttributes { get; }
        public bool HasElements { get; }
        public bool IsEmpty { get; }
        public XAttribute LastAttribute { get; }
        public XName Name { get; set; }
        public override XmlNodeType NodeType { get; }
        public string Value { get; set; }
        public IEnumerable<XElement> AncestorsAndSelf();
        public IEnumerable<XElement> AncestorsAndSelf(XName name);
        public XAttribute Attribute(XName name);
        public IEnumerable<XAttribute> Attributes();
        public IEnumerable<XAttribute> Attributes(XName name);
        public IEnumerable<XNode> DescendantNodesAndSelf();
        public IEnumerable<XElement> DescendantsAndSelf();
        public IEnumerable<XElement> DescendantsAndSelf(XName name);
        public XNamespace GetDefaultNamespace();
        public XNamespace GetNamespaceOfPrefix(string prefix);
        public string GetPrefixOfNamespace(XNamespace ns);
        public static XElement Load(Stream stream);
        public static XElement Load(TextReader textReader);
        public static XElement Load(string uri);
        public static XElement Load(XmlReader reader);
        public static XElement Load(Stream stream, LoadOptions options);
        public static XElement Load(TextReader textReader, LoadOptions options);
        public static XElement Load(string uri, LoadOptions options);
        public static XElement Load(XmlReader reader, LoadOptions options);
        public static Task<XElement> LoadAsync(Stream stream, LoadOptions options, CancellationToken cancellationToken);
        public static Task<XElement> LoadAsync(TextReader textReader, LoadOptions options, CancellationToken cancellationToken);
        public static Task<XElement> LoadAsync(XmlReader reader, LoadOptions options, CancellationToken cancellationToken);
        public static XElement Parse(string text);
        public static XElement Parse(string text, LoadOptions options);
        public void RemoveAll();
        public void RemoveAttributes();
        public void ReplaceAll(object content);
        public void ReplaceAll(params object[] content);
        public void ReplaceAttributes(object content);
        public void ReplaceAttributes(params object[] content);
        public void Save(Stream stream);
        public void Save(TextWriter textWriter);
        public void Save(string fileName);
        public void Save(XmlWriter writer);
        public void Save(Stream stream, SaveOptions options);
        public void Save(TextWriter textWriter, SaveOptions options);
        public void Save(string fileName, SaveOptions options);
        public Task SaveAsync(XmlWriter writer, CancellationToken cancellationToken);
        public Task SaveAsync(Stream stream, SaveOptions options, CancellationToken cancellationToken);
        public Task SaveAsync(TextWriter textWriter, SaveOptions options, CancellationToken cancellationToken);
        public void SetAttributeValue(XName name, object value);
        public void SetElementValue(XName name, object value);
        public void SetValue(object value);
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>A name.</summary>
    public sealed class XName : IEquatable<XName>, ISerializable
    {
        public string LocalName { get; }
        public XNamespace Namespace { get; }
        public string NamespaceName { get; }
        public static XName Get(string expandedName);
        public static XName Get(string localName, string namespaceName);
    }

    /// <summary>A namespace.</summary>
    public sealed class XNamespace
    {
        public string NamespaceName { get; }
        public static XNamespace None { get; }
        public static XNamespace Xml { get; }
        public static XNamespace Xmlns { get; }
        public static XNamespace Get(string namespaceName);
        public XName GetName(string localName);
    }

    /// <summary>A part of a document.</summary>
    public abstract class XNode : XObject
    {
        public static XNodeDocumentOrderComparer DocumentOrderComparer { get; }
        public static XNodeEqualityComparer EqualityComparer { get; }
        public XNode NextNode { get; }
        public XNode PreviousNode { get; }
        public void AddAfterSelf(object content);
        public void AddAfterSelf(params object[] content);
        public void AddBeforeSelf(object content);
        public void AddBeforeSelf(params object[] content);
        public IEnumerable<XElement> Ancestors();
        public IEnumerable<XElement> Ancestors(XName name);
        public static int CompareDocumentOrder(XNode n1, XNode n2);
        public XmlReader CreateReader();
        public XmlReader CreateReader(ReaderOptions readerOptions);
        public static bool DeepEquals(XNode n1, XNode n2);
        public IEnumerable<XElement> ElementsAfterSelf();
        public IEnumerable<XElement> ElementsAfterSelf(XName name);
        public IEnumerable<XElement> ElementsBeforeSelf();
        public IEnumerable<XElement> ElementsBeforeSelf(XName name);
        public bool IsAfter(XNode node);
        public bool IsBefore(XNode node);
        public IEnumerable<XNode> NodesAfterSelf();
        public IEnumerable<XNode> NodesBeforeSelf();
        public static XNode ReadFrom(XmlReader reader);
        public static Task<XNode> ReadFromAsync(XmlReader reader, CancellationToken cancellationToken);
        public void Remove();
        public void ReplaceWith(object content);
        public void ReplaceWith(params object[] content);
        public string ToString(SaveOptions options);
        public abstract void WriteTo(XmlWriter writer);
        public abstract Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>The base of parts.</summary>
    public abstract class XObject : System.Xml.IXmlLineInfo
    {
        public string BaseUri { get; }
        public XDocument Document { get; }
        public abstract XmlNodeType NodeType { get; }
        public XElement Parent { get; }
        public event EventHandler<XObjectChangeEventArgs> Changed;
        public event EventHandler<XObjectChangeEventArgs> Changing;
        public void AddAnnotation(object annotation);
        public T Annotation<T>() where T : class;
        public object Annotation(Type type);
        public IEnumerable<T> Annotations<T>() where T : class;
        public IEnumerable<object> Annotations(Type type);
        public void RemoveAnnotations<T>() where T : class;
        public void RemoveAnnotations(Type type);
    }

    /// <summary>A word for programs.</summary>
    public class XProcessingInstruction : XNode
    {
        public XProcessingInstruction(XProcessingInstruction other) { }
        public XProcessingInstruction(string target, string data) { }
        public string Data { get; set; }
        public override XmlNodeType NodeType { get; }
        public string Target { get; set; }
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }

    /// <summary>A text.</summary>
    public class XText : XNode
    {
        public XText(string value) { }
        public XText(XText other) { }
        public override XmlNodeType NodeType { get; }
        public string Value { get; set; }
        public override void WriteTo(XmlWriter writer);
        public override Task WriteToAsync(XmlWriter writer, CancellationToken cancellationToken);
    }
}
