using System;
using System.Collections;
using System.Collections.Generic;
using System.IO;
using System.Runtime.Serialization;
using System.Text;
using System.Threading.Tasks;
using System.Xml.Schema;
using System.Xml.XPath;

namespace System.Xml
{
    /// <summary>How XML is laid out.</summary>
    public enum Formatting
    {
        None,
        Indented,
    }

    /// <summary>An attribute.</summary>
    public class XmlAttribute : XmlNode
    {
        public override string BaseURI { get; }
        public override string InnerText { set; }
        public override string InnerXml { set; }
        public override string LocalName { get; }
        public override string Name { get; }
        public override string NamespaceURI { get; }
        public override XmlNodeType NodeType { get; }
        public override XmlDocument OwnerDocument { get; }
        public virtual XmlElement OwnerElement { get; }
        public override XmlNode ParentNode { get; }
        public override string Prefix { get; set; }
        public override System.Xml.Schema.IXmlSchemaInfo SchemaInfo { get; }
        public virtual bool Specified { get; }
        public override string Value { get; set; }
        public override XmlNode AppendChild(XmlNode newChild);
        public override XmlNode CloneNode(bool deep);
        public override XmlNode InsertAfter(XmlNode newChild, XmlNode refChild);
        public override XmlNode InsertBefore(XmlNode newChild, XmlNode refChild);
        public override XmlNode PrependChild(XmlNode newChild);
        public override XmlNode RemoveChild(XmlNode oldChild);
        public override XmlNode ReplaceChild(XmlNode newChild, XmlNode oldChild);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>Attributes.</summary>
    public sealed class XmlAttributeCollection : XmlNamedNodeMap, ICollection
    {
        public XmlAttribute this[int i] { get; }
        public XmlAttribute this[string name] { get; }
        public XmlAttribute this[string localName, string namespaceURI] { get; }
        public XmlAttribute Append(XmlAttribute node);
        public void CopyTo(XmlAttribute[] array, int index);
        public XmlAttribute InsertAfter(XmlAttribute newNode, XmlAttribute refNode);
        public XmlAttribute InsertBefore(XmlAttribute newNode, XmlAttribute refNode);
        public XmlAttribute Prepend(XmlAttribute node);
        public XmlAttribute Remove(XmlAttribute node);
        public void RemoveAll();
        public XmlAttribute RemoveAt(int i);
        public override XmlNode SetNamedItem(XmlNode node);
    }

    /// <summary>A text as it stands.</summary>
    public class XmlCDataSection : XmlCharacterData
    {
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNodeType NodeType { get; }
        public override XmlNode ParentNode { get; }
        public override XmlNode PreviousText { get; }
        public override XmlNode CloneNode(bool deep);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>A comment.</summary>
    public class XmlComment : XmlCharacterData
    {
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNodeType NodeType { get; }
        public override XmlNode CloneNode(bool deep);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>Values as XML.</summary>
    public class XmlConvert
    {
        public XmlConvert() { }
        public static string DecodeName(string name);
        public static string EncodeLocalName(string name);
        public static string EncodeName(string name);
        public static string EncodeNmToken(string name);
        public static bool IsNCNameChar(char ch);
        public static bool IsPublicIdChar(char ch);
        public static bool IsStartNCNameChar(char ch);
        public static bool IsWhitespaceChar(char ch);
        public static bool IsXmlChar(char ch);
        public static bool IsXmlSurrogatePair(char lowChar, char highChar);
        public static bool ToBoolean(string s);
        public static byte ToByte(string s);
        public static char ToChar(string s);
        public static DateTime ToDateTime(string s);
        public static DateTime ToDateTime(string s, string format);
        public static DateTime ToDateTime(string s, string[] formats);
        public static DateTime ToDateTime(string s, XmlDateTimeSerializationMode dateTimeOption);
        public static DateTimeOffset ToDateTimeOffset(string s);
        public static DateTimeOffset ToDateTimeOffset(string s, string format);
        public static DateTimeOffset ToDateTimeOffset(string s, string[] formats);
        public static decimal ToDecimal(string s);
        public static double ToDouble(string s);
        public static Guid ToGuid(string s);
        public static short ToInt16(string s);
        public static int ToInt32(string s);
        public static long ToInt64(string s);
        public static sbyte ToSByte(string s);
        public static float ToSingle(string s);
        public static string ToString(bool value);
        public static string ToString(byte value);
        public static string ToString(char value);
        public static string ToString(double value);
        public static string ToString(short value);
        public static string ToString(int value);
        public static string ToString(long value);
        public static string ToString(sbyte value);
        public static string ToString(float value);
        public static string ToString(DateTime value);
        public static string ToString(DateTimeOffset value);
        public static string ToString(decimal value);
        public static string ToString(Guid value);
        public static string ToString(TimeSpan value);
        public static string ToString(ushort value);
        public static string ToString(uint value);
        public static string ToString(ulong value);
        public static string ToString(DateTime value, string format);
        public static string ToString(DateTime value, XmlDateTimeSerializationMode dateTimeOption);
        public static string ToString(DateTimeOffset value, string format);
        public static TimeSpan ToTimeSpan(string s);
        public static ushort ToUInt16(string s);
        public static uint ToUInt32(string s);
        public static ulong ToUInt64(string s);
        public static string VerifyNCName(string name);
        public static string VerifyNMTOKEN(string name);
        public static string VerifyName(string name);
        public static string VerifyPublicId(string publicId);
        public static string VerifyTOKEN(string token);
        public static string VerifyWhitespace(string content);
        public static string VerifyXmlChars(string content);
    }

    /// <summary>How moments are written.</summary>
    public enum XmlDateTimeSerializationMode
    {
        Local,
        Utc,
        Unspecified,
        RoundtripKind,
    }

    /// <summary>The head of a document.</summary>
    public class XmlDeclaration : XmlLinkedNode
    {
        public string Encoding { get; set; }
        public override string InnerText { get; set; }
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNodeType NodeType { get; }
        public string Standalone { get; set; }
        public override string Value { get; set; }
        public string Version { get; }
        public override XmlNode CloneNode(bool deep);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>A document of XML.</summary>
    public class XmlDocument : XmlNode
    {
        public XmlDocument() { }
        public XmlDocument(XmlNameTable nt) { }
        public override string BaseURI { get; }
        public XmlElement DocumentElement { get; }
        public virtual XmlDocumentType DocumentType { get; }
        public XmlImplementation Implementation { get; }
        public override string InnerText { set; }
        public override string InnerXml { get; set; }
        public override bool IsReadOnly { get; }
        public override string LocalName { get; }
        public override string Name { get; }
        public XmlNameTable NameTable { get; }
        public override XmlNodeType NodeType { get; }
        public override XmlDocument OwnerDocument { get; }
        public override XmlNode ParentNode { get; }
        public bool PreserveWhitespace { get; set; }
        public override System.Xml.Schema.IXmlSchemaInfo SchemaInfo { get; }
        public XmlSchemaSet Schemas { get; set; }
        public virtual XmlResolver XmlResolver { set; }
        public event XmlNodeChangedEventHandler NodeChanged;
        public event XmlNodeChangedEventHandler NodeChanging;
        public event XmlNodeChangedEventHandler NodeInserted;
        public event XmlNodeChangedEventHandler NodeInserting;
        public event XmlNodeChangedEventHandler NodeRemoved;
        public event XmlNodeChangedEventHandler NodeRemoving;
        public override XmlNode CloneNode(bool deep);
        public XmlAttribute CreateAttribute(string name);
        public XmlAttribute CreateAttribute(string qualifiedName, string namespaceURI);
        public virtual XmlAttribute CreateAttribute(string prefix, string localName, string namespaceURI);
        public virtual XmlCDataSection CreateCDataSection(string data);
        public virtual XmlComment CreateComment(string data);
        public virtual XmlDocumentFragment CreateDocumentFragment();
        public virtual XmlDocumentType CreateDocumentType(string name, string publicId, string systemId, string internalSubset);
        public XmlElement CreateElement(string name);
        public XmlElement CreateElement(string qualifiedName, string namespaceURI);
        public virtual XmlElement CreateElement(string prefix, string localName, string namespaceURI);
        public virtual XmlEntityReference CreateEntityReference(string name);
        public override XPathNavigator CreateNavigator();
        public virtual XmlNode CreateNode(string nodeTypeString, string name, string namespaceURI);
        public virtual XmlNode CreateNode(XmlNodeType type, string name, string namespaceURI);
        public virtual XmlNode CreateNode(XmlNodeType type, string prefix, string name, string namespaceURI);
        public virtual XmlProcessingInstruction CreateProcessingInstruction(string target, string data);
        public virtual XmlSignificantWhitespace CreateSignificantWhitespace(string text);
        public virtual XmlText CreateTextNode(string text);
        public virtual XmlWhitespace CreateWhitespace(string text);
        public virtual XmlDeclaration CreateXmlDeclaration(string version, string encoding, string standalone);
        public virtual XmlElement GetElementById(string elementId);
        public virtual XmlNodeList GetElementsByTagName(string name);
        public virtual XmlNodeList GetElementsByTagName(string localName, string namespaceURI);
        public virtual XmlNode ImportNode(XmlNode node, bool deep);
        public virtual void Load(Stream inStream);
        public virtual void Load(TextReader txtReader);
        public virtual void Load(string filename);
        public virtual void Load(XmlReader reader);
        public virtual void LoadXml(string xml);
        public virtual XmlNode ReadNode(XmlReader reader);
        public virtual void Save(Stream outStream);
        public virtual void Save(TextWriter writer);
        public virtual void Save(string filename);
        public virtual void Save(XmlWriter w);
        public void Validate(System.Xml.Schema.ValidationEventHandler validationEventHandler);
        public void Validate(System.Xml.Schema.ValidationEventHandler validationEventHandler, XmlNode nodeToValidate);
        public override void WriteContentTo(XmlWriter xw);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>What a document is.</summary>
    public class XmlDocumentType : XmlLinkedNode
    {
        public XmlNamedNodeMap Entities { get; }
        public string InternalSubset { get; }
        public override bool IsReadOnly { get; }
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNodeType NodeType { get; }
        public XmlNamedNodeMap Notations { get; }
        public string PublicId { get; }
        public string SystemId { get; }
        public override XmlNode CloneNode(bool deep);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>An element.</summary>
    public class XmlElement : XmlLinkedNode
    {
        public override XmlAttributeCollection Attributes { get; }
        public virtual bool HasAttributes { get; }
        public override string InnerText { get; set; }
        public override string InnerXml { get; set; }
        public bool IsEmpty { get; set; }
        public override string LocalName { get; }
        public override string Name { get; }
        public override string NamespaceURI { get; }
        public override XmlNode NextSibling { get; }
        public override XmlNodeType NodeType { get; }
        public override XmlDocument OwnerDocument { get; }
        public override XmlNode ParentNode { get; }
        public override string Prefix { get; set; }
        public override System.Xml.Schema.IXmlSchemaInfo SchemaInfo { get; }
        public override XmlNode CloneNode(bool deep);
        public virtual string GetAttribute(string name);
        public virtual string GetAttribute(string localName, string namespaceURI);
        public virtual XmlAttribute GetAttributeNode(string name);
        public virtual XmlAttribute GetAttributeNode(string localName, string namespaceURI);
        public virtual XmlNodeList GetElementsByTagName(string name);
        public virtual XmlNodeList GetElementsByTagName(string localName, string namespaceURI);
        public virtual bool HasAttribute(string name);
        public virtual bool HasAttribute(string localName, string namespaceURI);
        public override void RemoveAll();
        public virtual void RemoveAllAttributes();
        public virtual void RemoveAttribute(string name);
        public virtual void RemoveAttribute(string localName, string namespaceURI);
        public virtual XmlNode RemoveAttributeAt(int i);
        public virtual XmlAttribute RemoveAttributeNode(XmlAttribute oldAttr);
        public virtual XmlAttribute RemoveAttributeNode(string localName, string namespaceURI);
        public virtual void SetAttribute(string name, string value);
        public virtual string SetAttribute(string localName, string namespaceURI, string value);
        public virtual XmlAttribute SetAttributeNode(XmlAttribute newAttr);
        public virtual XmlAttribute SetAttributeNode(string localName, string namespaceURI);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>A text that is no XML.</summary>
    public class XmlException : SystemException
    {
        public XmlException() { }
        public XmlException(string message) { }
        protected XmlException(SerializationInfo info, StreamingContext context) { }
        public XmlException(string message, Exception innerException) { }
        public XmlException(string message, Exception innerException, int lineNumber, int linePosition) { }
        public int LineNumber { get; }
        public int LinePosition { get; }
        public override string Message { get; }
        public string SourceUri { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>Namespaces.</summary>
    public class XmlNamespaceManager : IEnumerable, IXmlNamespaceResolver
    {
        public XmlNamespaceManager(XmlNameTable nameTable) { }
        public virtual string DefaultNamespace { get; }
        public virtual XmlNameTable NameTable { get; }
        public virtual void AddNamespace(string prefix, string uri);
        public virtual IEnumerator GetEnumerator();
        public virtual IDictionary<string, string> GetNamespacesInScope(XmlNamespaceScope scope);
        public virtual bool HasNamespace(string prefix);
        public virtual string LookupNamespace(string prefix);
        public virtual string LookupPrefix(string uri);
        public virtual bool PopScope();
        public virtual void PushScope();
        public virtual void RemoveNamespace(string prefix, string uri);
    }

    /// <summary>A part of a document.</summary>
    public abstract class XmlNode : IEnumerable, System.Xml.XPath.IXPathNavigable, ICloneable
    {
        public virtual XmlAttributeCollection Attributes { get; }
        public virtual string BaseURI { get; }
        public virtual XmlNodeList ChildNodes { get; }
        public virtual XmlNode FirstChild { get; }
        public virtual bool HasChildNodes { get; }
        public virtual string InnerText { get; set; }
        public virtual string InnerXml { get; set; }
        public virtual bool IsReadOnly { get; }
        public virtual XmlElement this[string name] { get; }
        public virtual XmlElement this[string localname, string ns] { get; }
        public virtual XmlNode LastChild { get; }
        public abstract string LocalName { get; }
        public abstract string Name { get; }
        public virtual string NamespaceURI { get; }
        public virtual XmlNode NextSibling { get; }
        public abstract XmlNodeType NodeType { get; }
        public virtual string OuterXml { get; }
        public virtual XmlDocument OwnerDocument { get; }
        public virtual XmlNode ParentNode { get; }
        public virtual string Prefix { get; set; }
        public virtual XmlNode PreviousSibling { get; }
        public virtual XmlNode PreviousText { get; }
        public virtual System.Xml.Schema.IXmlSchemaInfo SchemaInfo { get; }
        public virtual string Value { get; set; }
        public virtual XmlNode AppendChild(XmlNode newChild);
        public virtual XmlNode Clone();
        public abstract XmlNode CloneNode(bool deep);
        public virtual XPathNavigator CreateNavigator();
        public IEnumerator GetEnumerator();
        public virtual string GetNamespaceOfPrefix(string prefix);
        public virtual string GetPrefixOfNamespace(string namespaceURI);
        public virtual XmlNode InsertAfter(XmlNode newChild, XmlNode refChild);
        public virtual XmlNode InsertBefore(XmlNode newChild, XmlNode refChild);
        public virtual void Normalize();
        public virtual XmlNode PrependChild(XmlNode newChild);
        public virtual void RemoveAll();
        public virtual XmlNode RemoveChild(XmlNode oldChild);
        public virtual XmlNode ReplaceChild(XmlNode newChild, XmlNode oldChild);
        public XmlNodeList SelectNodes(string xpath);
        public XmlNodeList SelectNodes(string xpath, XmlNamespaceManager nsmgr);
        public XmlNode SelectSingleNode(string xpath);
        public XmlNode SelectSingleNode(string xpath, XmlNamespaceManager nsmgr);
        public virtual bool Supports(string feature, string version);
        public abstract void WriteContentTo(XmlWriter w);
        public abstract void WriteTo(XmlWriter w);
    }

    /// <summary>Parts of a document.</summary>
    public abstract class XmlNodeList : IEnumerable, IDisposable
    {
        protected XmlNodeList() { }
        public abstract int Count { get; }
        public virtual XmlNode this[int i] { get; }
        public abstract IEnumerator GetEnumerator();
        public abstract XmlNode Item(int index);
        protected virtual void PrivateDisposeNodeList();
    }

    /// <summary>Kinds of parts.</summary>
    public enum XmlNodeType
    {
        None,
        Element,
        Attribute,
        Text,
        CDATA,
        EntityReference,
        Entity,
        ProcessingInstruction,
        Comment,
        Document,
        DocumentType,
        DocumentFragment,
        Notation,
        Whitespace,
        SignificantWhitespace,
        EndElement,
        EndEntity,
        XmlDeclaration,
    }

    /// <summary>A word for programs.</summary>
    public class XmlProcessingInstruction : XmlLinkedNode
    {
        public string Data { get; set; }
        public override string InnerText { get; set; }
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNodeType NodeType { get; }
        public string Target { get; }
        public override string Value { get; set; }
        public override XmlNode CloneNode(bool deep);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>A name with a namespace.</summary>
    public class XmlQualifiedName
    {
        public static XmlQualifiedName Empty;
        public XmlQualifiedName() { }
        public XmlQualifiedName(string name) { }
        public XmlQualifiedName(string name, string ns) { }
        public bool IsEmpty { get; }
        public string Name { get; }
        public string Namespace { get; }
        public static string ToString(string name, string ns);
    }

    /// <summary>Reads XML.</summary>
    public abstract class XmlReader : IDisposable
    {
        protected XmlReader() { }
        public abstract int AttributeCount { get; }
        public abstract string BaseURI { get; }
        public virtual bool CanReadBinaryContent { get; }
        public virtual bool CanReadValueChunk { get; }
        public virtual bool CanResolveEntity { get; }
        public abstract int Depth { get; }
        public abstract bool EOF { get; }
        public virtual bool HasAttributes { get; }
        public virtual bool HasValue { get; }
        public virtual bool IsDefault { get; }
        public abstract bool IsEmptyElement { get; }
        public virtual string this[int i] { get; }
        public virtual string this[string name] { get; }
        public virtual string this[string name, string namespaceURI] { get; }
        public abstract string LocalName { get; }
        public virtual string Name { get; }
        public abstract XmlNameTable NameTable { get; }
        public abstract string NamespaceURI { get; }
        public abstract XmlNodeType NodeType { get; }
        public abstract string Prefix { get; }
        public virtual char QuoteChar { get; }
        public abstract ReadState ReadState { get; }
        public virtual System.Xml.Schema.IXmlSchemaInfo SchemaInfo { get; }
        public virtual XmlReaderSettings Settings { get; }
        public abstract string Value { get; }
        public virtual Type ValueType { get; }
        public virtual string XmlLang { get; }
        public virtual XmlSpace XmlSpace { get; }
        public virtual void Close();
        public static XmlReader Create(Stream input);
        public static XmlReader Create(TextReader input);
        public static XmlReader Create(string inputUri);
        public static XmlReader Create(Stream input, XmlReaderSettings settings);
        public static XmlReader Create(TextReader input, XmlReaderSettings settings);
        public static XmlReader Create(string inputUri, XmlReaderSettings settings);
        public static XmlReader Create(XmlReader reader, XmlReaderSettings settings);
        public static XmlReader Create(Stream input, XmlReaderSettings settings, string baseUri);
        public static XmlReader Create(Stream input, XmlReaderSettings settings, XmlParserContext inputContext);
        public static XmlReader Create(TextReader input, XmlReaderSettings settings, string baseUri);
        public static XmlReader Create(TextReader input, XmlReaderSettings settings, XmlParserContext inputContext);
        public static XmlReader Create(string inputUri, XmlReaderSettings settings, XmlParserContext inputContext);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public abstract string GetAttribute(int i);
        public abstract string GetAttribute(string name);
        public abstract string GetAttribute(string name, string namespaceURI);
        public virtual Task<string> GetValueAsync();
        public static bool IsName(string str);
        public static bool IsNameToken(string str);
        public virtual bool IsStartElement();
        public virtual bool IsStartElement(string name);
        public virtual bool IsStartElement(string localname, string ns);
        public abstract string LookupNamespace(string prefix);
        public abstract bool MoveToAttribute(string name);
        public virtual void MoveToAttribute(int i);
        public abstract bool MoveToAttribute(string name, string ns);
        public virtual XmlNodeType MoveToContent();
        public virtual Task<XmlNodeType> MoveToContentAsync();
        public abstract bool MoveToElement();
        public abstract bool MoveToFirstAttribute();
        public abstract bool MoveToNextAttribute();
        public abstract bool Read();
        public virtual Task<bool> ReadAsync();
        public abstract bool ReadAttributeValue();
        public virtual object ReadContentAs(Type returnType, IXmlNamespaceResolver namespaceResolver);
        public virtual Task<object> ReadContentAsAsync(Type returnType, IXmlNamespaceResolver namespaceResolver);
        public virtual int ReadContentAsBase64(byte[] buffer, int index, int count);
        public virtual Task<int> ReadContentAsBase64Async(byte[] buffer, int index, int count);
        public virtual int ReadContentAsBinHex(byte[] buffer, int index, int count);
        public virtual Task<int> ReadContentAsBinHexAsync(byte[] buffer, int index, int count);
        public virtual bool ReadContentAsBoolean();
        public virtual DateTime ReadContentAsDateTime();
        public virtual DateTimeOffset ReadContentAsDateTimeOffset();
        public virtual decimal ReadContentAsDecimal();
        public virtual double ReadContentAsDouble();
        public virtual float ReadContentAsFloat();
        public virtual int ReadContentAsInt();
        public virtual long ReadContentAsLong();
        public virtual object ReadContentAsObject();
        public virtual Task<object> ReadContentAsObjectAsync();
        public virtual string ReadContentAsString();
        public virtual Task<string> ReadContentAsStringAsync();
        public virtual object ReadElementContentAs(Type returnType, IXmlNamespaceResolver namespaceResolver);
        public virtual object ReadElementContentAs(Type returnType, IXmlNamespaceResolver namespaceResolver, string localName, string namespaceURI);
        public virtual Task<object> ReadElementContentAsAsync(Type returnType, IXmlNamespaceResolver namespaceResolver);
        public virtual int ReadElementContentAsBase64(byte[] buffer, int index, int count);
        public virtual Task<int> ReadElementContentAsBase64Async(byte[] buffer, int index, int count);
        public virtual int ReadElementContentAsBinHex(byte[] buffer, int index, int count);
        public virtual Task<int> ReadElementContentAsBinHexAsync(byte[] buffer, int index, int count);
        public virtual bool ReadElementContentAsBoolean();
        public virtual bool ReadElementContentAsBoolean(string localName, string namespaceURI);
        public virtual DateTime ReadElementContentAsDateTime();
        public virtual DateTime ReadElementContentAsDateTime(string localName, string namespaceURI);
        public virtual decimal ReadElementContentAsDecimal();
        public virtual decimal ReadElementContentAsDecimal(string localName, string namespaceURI);
        public virtual double ReadElementContentAsDouble();
        public virtual double ReadElementContentAsDouble(string localName, string namespaceURI);
        public virtual float ReadElementContentAsFloat();
        public virtual float ReadElementContentAsFloat(string localName, string namespaceURI);
        public virtual int ReadElementContentAsInt();
        public virtual int ReadElementContentAsInt(string localName, string namespaceURI);
        public virtual long ReadElementContentAsLong();
        public virtual long ReadElementContentAsLong(string localName, string namespaceURI);
        public virtual object ReadElementContentAsObject();
        public virtual object ReadElementContentAsObject(string localName, string namespaceURI);
        public virtual Task<object> ReadElementContentAsObjectAsync();
        public virtual string ReadElementContentAsString();
        public virtual string ReadElementContentAsString(string localName, string namespaceURI);
        public virtual Task<string> ReadElementContentAsStringAsync();
        public virtual string ReadElementString();
        public virtual string ReadElementString(string name);
        public virtual string ReadElementString(string localname, string ns);
        public virtual void ReadEndElement();
        public virtual string ReadInnerXml();
        public virtual Task<string> ReadInnerXmlAsync();
        public virtual string ReadOuterXml();
        public virtual Task<string> ReadOuterXmlAsync();
        public virtual void ReadStartElement();
        public virtual void ReadStartElement(string name);
        public virtual void ReadStartElement(string localname, string ns);
        public virtual string ReadString();
        public virtual XmlReader ReadSubtree();
        public virtual bool ReadToDescendant(string name);
        public virtual bool ReadToDescendant(string localName, string namespaceURI);
        public virtual bool ReadToFollowing(string name);
        public virtual bool ReadToFollowing(string localName, string namespaceURI);
        public virtual bool ReadToNextSibling(string name);
        public virtual bool ReadToNextSibling(string localName, string namespaceURI);
        public virtual int ReadValueChunk(char[] buffer, int index, int count);
        public virtual Task<int> ReadValueChunkAsync(char[] buffer, int index, int count);
        public abstract void ResolveEntity();
        public virtual void Skip();
        public virtual Task SkipAsync();
    }

    /// <summary>How XML is read.</summary>
    public sealed class XmlReaderSettings
    {
        public XmlReaderSettings() { }
        public XmlReaderSettings(XmlResolver resolver) { }
        public bool Async { get; set; }
        public bool CheckCharacters { get; set; }
        public bool CloseInput { get; set; }
        public ConformanceLevel ConformanceLevel { get; set; }
        public DtdProcessing DtdProcessing { get; set; }
        public bool IgnoreComments { get; set; }
        public bool IgnoreProcessingInstructions { get; set; }
        public bool IgnoreWhitespace { get; set; }
        public int LineNumberOffset { get; set; }
        public int LinePositionOffset { get; set; }
        public long MaxCharactersFromEntities { get; set; }
        public long MaxCharactersInDocument { get; set; }
        public XmlNameTable NameTable { get; set; }
        public bool ProhibitDtd { get; set; }
        public XmlSchemaSet Schemas { get; set; }
        public System.Xml.Schema.XmlSchemaValidationFlags ValidationFlags { get; set; }
        public ValidationType ValidationType { get; set; }
        public XmlResolver XmlResolver { set; }
        public event System.Xml.Schema.ValidationEventHandler ValidationEventHandler;
        public XmlReaderSettings Clone();
        public void Reset();
    }

    /// <summary>A text of a document.</summary>
    public class XmlText : XmlCharacterData
    {
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNodeType NodeType { get; }
        public override XmlNode ParentNode { get; }
        public override XmlNode PreviousText { get; }
        public override string Value { get; set; }
        public override XmlNode CloneNode(bool deep);
        public virtual XmlText SplitText(int offset);
        public override void WriteContentTo(XmlWriter w);
        public override void WriteTo(XmlWriter w);
    }

    /// <summary>Reads XML.</summary>
    public class XmlTextReader : XmlReader, IXmlLineInfo, IXmlNamespaceResolver
    {
        protected XmlTextReader() { }
        public XmlTextReader(Stream input) { }
        public XmlTextReader(TextReader input) { }
        public XmlTextReader(string url) { }
        protected XmlTextReader(XmlNameTable nt) { }
        public XmlTextReader(Stream input, XmlNameTable nt) { }
        public XmlTextReader(TextReader input, XmlNameTable nt) { }
        public XmlTextReader(string url, Stream input) { }
        public XmlTextReader(string url, TextReader input) { }
        public XmlTextReader(string url, XmlNameTable nt) { }
        public XmlTextReader(Stream xmlFragment, XmlNodeType fragType, XmlParserContext context) { }
        public XmlTextReader(string url, Stream input, XmlNameTable nt) { }
        public XmlTextReader(string url, TextReader input, XmlNameTable nt) { }
        public XmlTextReader(string xmlFragment, XmlNodeType fragType, XmlParserContext context) { }
        public override int AttributeCount { get; }
        public override string BaseURI { get; }
        public override bool CanReadBinaryContent { get; }
        public override bool CanReadValueChunk { get; }
        public override bool CanResolveEntity { get; }
        public override int Depth { get; }
        public DtdProcessing DtdProcessing { get; set; }
        public override bool EOF { get; }
        public Encoding Encoding { get; }
        public EntityHandling EntityHandling { get; set; }
        public override bool HasValue { get; }
        public override bool IsDefault { get; }
        public override bool IsEmptyElement { get; }
        public int LineNumber { get; }
        public int LinePosition { get; }
        public override string LocalName { get; }
        public override string Name { get; }
        public override XmlNameTable NameTable { get; }
        public override string NamespaceURI { get; }
        public bool Namespaces { get; set; }
        public override XmlNodeType NodeType { get; }
        public bool Normalization { get; set; }
        public override string Prefix { get; }
        public bool ProhibitDtd { get; set; }
        public override char QuoteChar { get; }
        public override ReadState ReadState { get; }
        public override string Value { get; }
        public WhitespaceHandling WhitespaceHandling { get; set; }
        public override string XmlLang { get; }
        public XmlResolver XmlResolver { set; }
        public override XmlSpace XmlSpace { get; }
        public override void Close();
        public override string GetAttribute(int i);
        public override string GetAttribute(string name);
        public override string GetAttribute(string localName, string namespaceURI);
        public IDictionary<string, string> GetNamespacesInScope(XmlNamespaceScope scope);
        public TextReader GetRemainder();
        public bool HasLineInfo();
        public override string LookupNamespace(string prefix);
        public override bool MoveToAttribute(string name);
        public override void MoveToAttribute(int i);
        public override bool MoveToAttribute(string localName, string namespaceURI);
        public override bool MoveToElement();
        public override bool MoveToFirstAttribute();
        public override bool MoveToNextAttribute();
        public override bool Read();
        public override bool ReadAttributeValue();
        public int ReadBase64(byte[] array, int offset, int len);
        public int ReadBinHex(byte[] array, int offset, int len);
        public int ReadChars(char[] buffer, int index, int count);
        public override int ReadContentAsBase64(byte[] buffer, int index, int count);
        public override int ReadContentAsBinHex(byte[] buffer, int index, int count);
        public override int ReadElementContentAsBase64(byte[] buffer, int index, int count);
        public override int ReadElementContentAsBinHex(byte[] buffer, int index, int count);
        public override string ReadString();
        public void ResetState();
        public override void ResolveEntity();
        public override void Skip();
    }

    /// <summary>Writes XML.</summary>
    public class XmlTextWriter : XmlWriter
    {
        public XmlTextWriter(TextWriter w) { }
        public XmlTextWriter(Stream w, Encoding encoding) { }
        public XmlTextWriter(string filename, Encoding encoding) { }
        public Stream BaseStream { get; }
        public Formatting Formatting { get; set; }
        public char IndentChar { get; set; }
        public int Indentation { get; set; }
        public bool Namespaces { get; set; }
        public char QuoteChar { get; set; }
        public override WriteState WriteState { get; }
        public override string XmlLang { get; }
        public override XmlSpace XmlSpace { get; }
        public override void Close();
        public override void Flush();
        public override string LookupPrefix(string ns);
        public override void WriteBase64(byte[] buffer, int index, int count);
        public override void WriteBinHex(byte[] buffer, int index, int count);
        public override void WriteCData(string text);
        public override void WriteCharEntity(char ch);
        public override void WriteChars(char[] buffer, int index, int count);
        public override void WriteComment(string text);
        public override void WriteDocType(string name, string pubid, string sysid, string subset);
        public override void WriteEndAttribute();
        public override void WriteEndDocument();
        public override void WriteEndElement();
        public override void WriteEntityRef(string name);
        public override void WriteFullEndElement();
        public override void WriteName(string name);
        public override void WriteNmToken(string name);
        public override void WriteProcessingInstruction(string name, string text);
        public override void WriteQualifiedName(string localName, string ns);
        public override void WriteRaw(string data);
        public override void WriteRaw(char[] buffer, int index, int count);
        public override void WriteStartAttribute(string prefix, string localName, string ns);
        public override void WriteStartDocument();
        public override void WriteStartDocument(bool standalone);
        public override void WriteStartElement(string prefix, string localName, string ns);
        public override void WriteString(string text);
        public override void WriteSurrogateCharEntity(char lowChar, char highChar);
        public override void WriteWhitespace(string ws);
    }

    /// <summary>Writes XML.</summary>
    public abstract class XmlWriter : IDisposable
    {
        protected XmlWriter() { }
        public virtual XmlWriterSettings Settings { get; }
        public abstract WriteState WriteState { get; }
        public virtual string XmlLang { get; }
        public virtual XmlSpace XmlSpace { get; }
        public virtual void Close();
        public static XmlWriter Create(Stream output);
        public static XmlWriter Create(TextWriter output);
        public static XmlWriter Create(string outputFileName);
        public static XmlWriter Create(StringBuilder output);
        public static XmlWriter Create(XmlWriter output);
        public static XmlWriter Create(Stream output, XmlWriterSettings settings);
        public static XmlWriter Create(TextWriter output, XmlWriterSettings settings);
        public static XmlWriter Create(string outputFileName, XmlWriterSettings settings);
        public static XmlWriter Create(StringBuilder output, XmlWriterSettings settings);
        public static XmlWriter Create(XmlWriter output, XmlWriterSettings settings);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public abstract void Flush();
        public virtual Task FlushAsync();
        public abstract string LookupPrefix(string ns);
        public void WriteAttributeString(string localName, string value);
        public void WriteAttributeString(string localName, string ns, string value);
        public void WriteAttributeString(string prefix, string localName, string ns, string value);
        public Task WriteAttributeStringAsync(string prefix, string localName, string ns, string value);
        public virtual void WriteAttributes(XmlReader reader, bool defattr);
        public virtual Task WriteAttributesAsync(XmlReader reader, bool defattr);
        public abstract void WriteBase64(byte[] buffer, int index, int count);
        public virtual Task WriteBase64Async(byte[] buffer, int index, int count);
        public virtual void WriteBinHex(byte[] buffer, int index, int count);
        public virtual Task WriteBinHexAsync(byte[] buffer, int index, int count);
        public abstract void WriteCData(string text);
        public virtual Task WriteCDataAsync(string text);
        public abstract void WriteCharEntity(char ch);
        public virtual Task WriteCharEntityAsync(char ch);
        public abstract void WriteChars(char[] buffer, int index, int count);
        public virtual Task WriteCharsAsync(char[] buffer, int index, int count);
        public abstract void WriteComment(string text);
        public virtual Task WriteCommentAsync(string text);
        public abstract void WriteDocType(string name, string pubid, string sysid, string subset);
        public virtual Task WriteDocTypeAsync(string name, string pubid, string sysid, string subset);
        public void WriteElementString(string localName, string value);
        public void WriteElementString(string localName, string ns, string value);
        public void WriteElementString(string prefix, string localName, string ns, string value);
        public Task WriteElementStringAsync(string prefix, string localName, string ns, string value);
        public abstract void WriteEndAttribute();
        public abstract void WriteEndDocument();
        public virtual Task WriteEndDocumentAsync();
        public abstract void WriteEndElement();
        public virtual Task WriteEndElementAsync();
        public abstract void WriteEntityRef(string name);
        public virtual Task WriteEntityRefAsync(string name);
        public abstract void WriteFullEndElement();
        public virtual Task WriteFullEndElementAsync();
        public virtual void WriteName(string name);
        public virtual Task WriteNameAsync(string name);
        public virtual void WriteNmToken(string name);
        public virtual Task WriteNmTokenAsync(string name);
        public virtual void WriteNode(XPathNavigator navigator, bool defattr);
        public virtual void WriteNode(XmlReader reader, bool defattr);
        public virtual Task WriteNodeAsync(XPathNavigator navigator, bool defattr);
        public virtual Task WriteNodeAsync(XmlReader reader, bool defattr);
        public abstract void WriteProcessingInstruction(string name, string text);
        public virtual Task WriteProcessingInstructionAsync(string name, string text);
        public virtual void WriteQualifiedName(string localName, string ns);
        public virtual Task WriteQualifiedNameAsync(string localName, string ns);
        public abstract void WriteRaw(string data);
        public abstract void WriteRaw(char[] buffer, int index, int count);
        public virtual Task WriteRawAsync(string data);
        public virtual Task WriteRawAsync(char[] buffer, int index, int count);
        public void WriteStartAttribute(string localName);
        public void WriteStartAttribute(string localName, string ns);
        public abstract void WriteStartAttribute(string prefix, string localName, string ns);
        public abstract void WriteStartDocument();
        public abstract void WriteStartDocument(bool standalone);
        public virtual Task WriteStartDocumentAsync();
        public virtual Task WriteStartDocumentAsync(bool standalone);
        public void WriteStartElement(string localName);
        public void WriteStartElement(string localName, string ns);
        public abstract void WriteStartElement(string prefix, string localName, string ns);
        public virtual Task WriteStartElementAsync(string prefix, string localName, string ns);
        public abstract void WriteString(string text);
        public virtual Task WriteStringAsync(string text);
        public abstract void WriteSurrogateCharEntity(char lowChar, char highChar);
        public virtual Task WriteSurrogateCharEntityAsync(char lowChar, char highChar);
        public virtual void WriteValue(bool value);
        public virtual void WriteValue(double value);
        public virtual void WriteValue(int value);
        public virtual void WriteValue(long value);
        public virtual void WriteValue(float value);
        public virtual void WriteValue(DateTime value);
        public virtual void WriteValue(DateTimeOffset value);
        public virtual void WriteValue(decimal value);
        public virtual void WriteValue(object value);
        public virtual void WriteValue(string value);
        public abstract void WriteWhitespace(string ws);
        public virtual Task WriteWhitespaceAsync(string ws);
    }

    /// <summary>How XML is written.</summary>
    public sealed class XmlWriterSettings
    {
        public XmlWriterSettings() { }
        public bool Async { get; set; }
        public bool CheckCharacters { get; set; }
        public bool CloseOutput { get; set; }
        public ConformanceLevel ConformanceLevel { get; set; }
        public bool DoNotEscapeUriAttributes { get; set; }
        public Encoding Encoding { get; set; }
        public bool Indent { get; set; }
        public string IndentChars { get; set; }
        public NamespaceHandling NamespaceHandling { get; set; }
        public string NewLineChars { get; set; }
        public NewLineHandling NewLineHandling { get; set; }
        public bool NewLineOnAttributes { get; set; }
        public bool OmitXmlDeclaration { get; set; }
        public XmlOutputMethod OutputMethod { get; }
        public bool WriteEndDocumentOnClose { get; set; }
        public XmlWriterSettings Clone();
        public void Reset();
    }
}
