using System;
using System.Collections;
using System.Runtime.Serialization;

namespace System.Collections.Specialized
{
    /// <summary>A dictionary that grows.</summary>
    public class HybridDictionary : IDictionary
    {
        public HybridDictionary() { }
        public HybridDictionary(bool caseInsensitive) { }
        public HybridDictionary(int initialSize) { }
        public HybridDictionary(int initialSize, bool caseInsensitive) { }
        public int Count { get; }
        public bool IsFixedSize { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public object this[object key] { get; set; }
        public ICollection Keys { get; }
        public object SyncRoot { get; }
        public ICollection Values { get; }
        public void Add(object key, object value);
        public void Clear();
        public bool Contains(object key);
        public void CopyTo(Array array, int index);
        public IDictionaryEnumerator GetEnumerator();
        public void Remove(object key);
    }

    /// <summary>Tells of changes.</summary>
    public interface INotifyCollectionChanged
    {
        event NotifyCollectionChangedEventHandler CollectionChanged;
    }

    /// <summary>A small dictionary.</summary>
    public class ListDictionary : IDictionary
    {
        public ListDictionary() { }
        public ListDictionary(IComparer comparer) { }
        public int Count { get; }
        public bool IsFixedSize { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public object this[object key] { get; set; }
        public ICollection Keys { get; }
        public object SyncRoot { get; }
        public ICollection Values { get; }
        public void Add(object key, object value);
        public void Clear();
        public bool Contains(object key);
        public void CopyTo(Array array, int index);
        public IDictionaryEnumerator GetEnumerator();
        public void Remove(object key);
        public class DictionaryNode
        {
            public object key;
            public ListDictionary.DictionaryNode next;
            public object value;
            public DictionaryNode() { }
        }
    }

    /// <summary>Texts by names.</summary>
    public class NameValueCollection : NameObjectCollectionBase
    {
        public NameValueCollection() { }
        public NameValueCollection(int capacity) { }
        public NameValueCollection(IEqualityComparer equalityComparer) { }
        public NameValueCollection(NameValueCollection col) { }
        public NameValueCollection(int capacity, IEqualityComparer equalityComparer) { }
        public NameValueCollection(int capacity, NameValueCollection col) { }
        public NameValueCollection(System.Collections.IHashCodeProvider hashProvider, IComparer comparer) { }
        protected NameValueCollection(SerializationInfo info, StreamingContext context) { }
        public NameValueCollection(int capacity, System.Collections.IHashCodeProvider hashProvider, IComparer comparer) { }
        public virtual string[] AllKeys { get; }
        public string this[string name] { get; set; }
        public string this[int index] { get; }
        public void Add(NameValueCollection c);
        public virtual void Add(string name, string value);
        public virtual void Clear();
        public void CopyTo(Array dest, int index);
        public virtual string Get(int index);
        public virtual string Get(string name);
        public virtual string GetKey(int index);
        public virtual string[] GetValues(int index);
        public virtual string[] GetValues(string name);
        public bool HasKeys();
        protected void InvalidateCachedArrays();
        public virtual void Remove(string name);
        public virtual void Set(string name, string value);
    }

    /// <summary>Kinds of changes.</summary>
    public enum NotifyCollectionChangedAction
    {
        Add,
        Remove,
        Replace,
        Move,
        Reset,
    }

    /// <summary>What is told of a change.</summary>
    public class NotifyCollectionChangedEventArgs : EventArgs
    {
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, IList changedItems) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, object changedItem) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, IList changedItems, int startingIndex) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, IList newItems, IList oldItems) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, object changedItem, int index) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, object newItem, object oldItem) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, IList changedItems, int index, int oldIndex) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, IList newItems, IList oldItems, int startingIndex) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, object changedItem, int index, int oldIndex) { }
        public NotifyCollectionChangedEventArgs(NotifyCollectionChangedAction action, object newItem, object oldItem, int index) { }
        public NotifyCollectionChangedAction Action { get; }
        public IList NewItems { get; }
        public int NewStartingIndex { get; }
        public IList OldItems { get; }
        public int OldStartingIndex { get; }
    }

    /// <summary>Values by keys, as they were put in.</summary>
    public class OrderedDictionary : IOrderedDictionary, IDeserializationCallback, ISerializable
    {
        public OrderedDictionary() { }
        public OrderedDictionary(int capacity) { }
        public OrderedDictionary(IEqualityComparer comparer) { }
        public OrderedDictionary(int capacity, IEqualityComparer comparer) { }
        protected OrderedDictionary(SerializationInfo info, StreamingContext context) { }
        public int Count { get; }
        public bool IsReadOnly { get; }
        public object this[int index] { get; set; }
        public object this[object key] { get; set; }
        public ICollection Keys { get; }
        public ICollection Values { get; }
        public void Add(object key, object value);
        public OrderedDictionary AsReadOnly();
        public void Clear();
        public bool Contains(object key);
        public void CopyTo(Array array, int index);
        public virtual IDictionaryEnumerator GetEnumerator();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public void Insert(int index, object key, object value);
        protected virtual void OnDeserialization(object sender);
        public void Remove(object key);
        public void RemoveAt(int index);
    }

    /// <summary>Texts.</summary>
    public class StringCollection : IList
    {
        public StringCollection() { }
        public int Count { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public string this[int index] { get; set; }
        public object SyncRoot { get; }
        public int Add(string value);
        public void AddRange(string[] value);
        public void Clear();
        public bool Contains(string value);
        public void CopyTo(string[] array, int index);
        public StringEnumerator GetEnumerator();
        public int IndexOf(string value);
        public void Insert(int index, string value);
        public void Remove(string value);
        public void RemoveAt(int index);
    }

    /// <summary>Texts by texts.</summary>
    public class StringDictionary : IEnumerable
    {
        public StringDictionary() { }
        public virtual int Count { get; }
        public virtual bool IsSynchronized { get; }
        public virtual string this[string key] { get; set; }
        public virtual ICollection Keys { get; }
        public virtual object SyncRoot { get; }
        public virtual ICollection Values { get; }
        public virtual void Add(string key, string value);
        public virtual void Clear();
        public virtual bool ContainsKey(string key);
        public virtual bool ContainsValue(string value);
        public virtual void CopyTo(Array array, int index);
        public virtual IEnumerator GetEnumerator();
        public virtual void Remove(string key);
    }
}
