using System;
using System.Collections;
using System.Collections.Generic;
using System.IO;
using System.Xml;
using System.Xml.Schema;

namespace System.Xml.XPath
{
    /// <summary>A document that is asked.</summary>
    public class XPathDocument : IXPathNavigable
    {
        public XPathDocument(Stream stream) { }
        public XPathDocument(TextReader textReader) { }
        public XPathDocument(string uri) { }
        public XPathDocument(XmlReader reader) { }
        public XPathDocument(string uri, System.Xml.XmlSpace space) { }
        public XPathDocument(XmlReader reader, System.Xml.XmlSpace space) { }
        public XPathNavigator CreateNavigator();
    }

    /// <summary>Goes through a document.</summary>
    public abstract class XPathNavigator : XPathItem, System.Xml.IXmlNamespaceResolver, IXPathNavigable, ICloneable
    {
        protected XPathNavigator() { }
        public abstract string BaseURI { get; }
        public virtual bool CanEdit { get; }
        public virtual bool HasAttributes { get; }
        public virtual bool HasChildren { get; }
        public virtual string InnerXml { get; set; }
        public abstract bool IsEmptyElement { get; }
        public override bool IsNode { get; }
        public abstract string LocalName { get; }
        public abstract string Name { get; }
        public abstract System.Xml.XmlNameTable NameTable { get; }
        public abstract string NamespaceURI { get; }
        public static IEqualityComparer NavigatorComparer { get; }
        public abstract XPathNodeType NodeType { get; }
        public virtual string OuterXml { get; set; }
        public abstract string Prefix { get; }
        public virtual System.Xml.Schema.IXmlSchemaInfo SchemaInfo { get; }
        public override object TypedValue { get; }
        public virtual object UnderlyingObject { get; }
        public override bool ValueAsBoolean { get; }
        public override DateTime ValueAsDateTime { get; }
        public override double ValueAsDouble { get; }
        public override int ValueAsInt { get; }
        public override long ValueAsLong { get; }
        public override Type ValueType { get; }
        public virtual string XmlLang { get; }
        public override System.Xml.Schema.XmlSchemaType XmlType { get; }
        public virtual XmlWriter AppendChild();
        public virtual void AppendChild(string newChild);
        public virtual void AppendChild(XPathNavigator newChild);
        public virtual void AppendChild(XmlReader newChild);
        public virtual void AppendChildElement(string prefix, string localName, string namespaceURI, string value);
        public virtual bool CheckValidity(XmlSchemaSet schemas, System.Xml.Schema.ValidationEventHandler validationEventHandler);
        public abstract XPathNavigator Clone();
        public virtual System.Xml.XmlNodeOrder ComparePosition(XPathNavigator nav);
        public virtual XPathExpression Compile(string xpath);
        public virtual void CreateAttribute(string prefix, string localName, string namespaceURI, string value);
        public virtual XmlWriter CreateAttributes();
        public virtual XPathNavigator CreateNavigator();
        public virtual void DeleteRange(XPathNavigator lastSiblingToDelete);
        public virtual void DeleteSelf();
        public virtual object Evaluate(string xpath);
        public virtual object Evaluate(XPathExpression expr);
        public virtual object Evaluate(string xpath, System.Xml.IXmlNamespaceResolver resolver);
        public virtual object Evaluate(XPathExpression expr, XPathNodeIterator context);
        public virtual string GetAttribute(string localName, string namespaceURI);
        public virtual string GetNamespace(string name);
        public virtual IDictionary<string, string> GetNamespacesInScope(System.Xml.XmlNamespaceScope scope);
        public virtual XmlWriter InsertAfter();
        public virtual void InsertAfter(string newSibling);
        public virtual void InsertAfter(XPathNavigator newSibling);
        public virtual void InsertAfter(XmlReader newSibling);
        public virtual XmlWriter InsertBefore();
        public virtual void InsertBefore(string newSibling);
        public virtual void InsertBefore(XPathNavigator newSibling);
        public virtual void InsertBefore(XmlReader newSibling);
        public virtual void InsertElementAfter(string prefix, string localName, string namespaceURI, string value);
        public virtual void InsertElementBefore(string prefix, string localName, string namespaceURI, string value);
        public virtual bool IsDescendant(XPathNavigator nav);
        public abstract bool IsSamePosition(XPathNavigator other);
        public virtual string LookupNamespace(string prefix);
        public virtual string LookupPrefix(string namespaceURI);
        public virtual bool Matches(string xpath);
        public virtual bool Matches(XPathExpression expr);
        public abstract bool MoveTo(XPathNavigator other);
        public virtual bool MoveToAttribute(string localName, string namespaceURI);
        public virtual bool MoveToChild(XPathNodeType type);
        public virtual bool MoveToChild(string localName, string namespaceURI);
        public virtual bool MoveToFirst();
        public abstract bool MoveToFirstAttribute();
        public abstract bool MoveToFirstChild();
        public bool MoveToFirstNamespace();
        public abstract bool MoveToFirstNamespace(XPathNamespaceScope namespaceScope);
        public virtual bool MoveToFollowing(XPathNodeType type);
        public virtual bool MoveToFollowing(string localName, string namespaceURI);
        public virtual bool MoveToFollowing(XPathNodeType type, XPathNavigator end);
        public virtual bool MoveToFollowing(string localName, string namespaceURI, XPathNavigator end);
        public abstract bool MoveToId(string id);
        public virtual bool MoveToNamespace(string name);
        public abstract bool MoveToNext();
        public virtual bool MoveToNext(XPathNodeType type);
        public virtual bool MoveToNext(string localName, string namespaceURI);
        public abstract bool MoveToNextAttribute();
        public bool MoveToNextNamespace();
        public abstract bool MoveToNextNamespace(XPathNamespaceScope namespaceScope);
        public abstract bool MoveToParent();
        public abstract bool MoveToPrevious();
        public virtual void MoveToRoot();
        public virtual XmlWriter PrependChild();
        public virtual void PrependChild(string newChild);
        public virtual void PrependChild(XPathNavigator newChild);
        public virtual void PrependChild(XmlReader newChild);
        public virtual void PrependChildElement(string prefix, string localName, string namespaceURI, string value);
        public virtual XmlReader ReadSubtree();
        public virtual XmlWriter ReplaceRange(XPathNavigator lastSiblingToReplace);
        public virtual void ReplaceSelf(string newNode);
        public virtual void ReplaceSelf(XPathNavigator newNode);
        public virtual void ReplaceSelf(XmlReader newNode);
        public virtual XPathNodeIterator Select(string xpath);
        public virtual XPathNodeIterator Select(XPathExpression expr);
        public virtual XPathNodeIterator Select(string xpath, System.Xml.IXmlNamespaceResolver resolver);
        public virtual XPathNodeIterator SelectAncestors(XPathNodeType type, bool matchSelf);
        public virtual XPathNodeIterator SelectAncestors(string name, string namespaceURI, bool matchSelf);
        public virtual XPathNodeIterator SelectChildren(XPathNodeType type);
        public virtual XPathNodeIterator SelectChildren(string name, string namespaceURI);
        public virtual XPathNodeIterator SelectDescendants(XPathNodeType type, bool matchSelf);
        public virtual XPathNodeIterator SelectDescendants(string name, string namespaceURI, bool matchSelf);
        public virtual XPathNavigator SelectSingleNode(string xpath);
        public virtual XPathNavigator SelectSingleNode(XPathExpression expression);
        public virtual XPathNavigator SelectSingleNode(string xpath, System.Xml.IXmlNamespaceResolver resolver);
        public virtual void SetTypedValue(object typedValue);
        public virtual void SetValue(string value);
        public override object ValueAs(Type returnType, System.Xml.IXmlNamespaceResolver nsResolver);
        public virtual void WriteSubtree(XmlWriter writer);
    }
}
