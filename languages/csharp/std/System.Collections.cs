using System;
using System.Globalization;
using System.Runtime.Serialization;

namespace System.Collections
{
    /// <summary>A list of objects.</summary>
    public class ArrayList : IList, ICloneable
    {
        public ArrayList() { }
        public ArrayList(int capacity) { }
        public ArrayList(ICollection c) { }
        public virtual int Capacity { get; set; }
        public virtual int Count { get; }
        public virtual bool IsFixedSize { get; }
        public virtual bool IsReadOnly { get; }
        public virtual bool IsSynchronized { get; }
        public virtual object this[int index] { get; set; }
        public virtual object SyncRoot { get; }
        public static ArrayList Adapter(IList list);
        public virtual int Add(object value);
        public virtual void AddRange(ICollection c);
        public virtual int BinarySearch(object value);
        public virtual int BinarySearch(object value, IComparer comparer);
        public virtual int BinarySearch(int index, int count, object value, IComparer comparer);
        public virtual void Clear();
        public virtual object Clone();
        public virtual bool Contains(object item);
        public virtual void CopyTo(Array array);
        public virtual void CopyTo(Array array, int arrayIndex);
        public virtual void CopyTo(int index, Array array, int arrayIndex, int count);
        public static ArrayList FixedSize(ArrayList list);
        public static IList FixedSize(IList list);
        public virtual IEnumerator GetEnumerator();
        public virtual IEnumerator GetEnumerator(int index, int count);
        public virtual ArrayList GetRange(int index, int count);
        public virtual int IndexOf(object value);
        public virtual int IndexOf(object value, int startIndex);
        public virtual int IndexOf(object value, int startIndex, int count);
        public virtual void Insert(int index, object value);
        public virtual void InsertRange(int index, ICollection c);
        public virtual int LastIndexOf(object value);
        public virtual int LastIndexOf(object value, int startIndex);
        public virtual int LastIndexOf(object value, int startIndex, int count);
        public static ArrayList ReadOnly(ArrayList list);
        public static IList ReadOnly(IList list);
        public virtual void Remove(object obj);
        public virtual void RemoveAt(int index);
        public virtual void RemoveRange(int index, int count);
        public static ArrayList Repeat(object value, int count);
        public virtual void Reverse();
        public virtual void Reverse(int index, int count);
        public virtual void SetRange(int index, ICollection c);
        public virtual void Sort();
        public virtual void Sort(IComparer comparer);
        public virtual void Sort(int index, int count, IComparer comparer);
        public static ArrayList Synchronized(ArrayList list);
        public static IList Synchronized(IList list);
        public virtual object[] ToArray();
        public virtual Array ToArray(Type type);
        public virtual void TrimToSize();
    }

    /// <summary>Bits.</summary>
    public sealed class BitArray : ICollection, ICloneable
    {
        public BitArray(bool[] values) { }
        public BitArray(byte[] bytes) { }
        public BitArray(int length) { }
        public BitArray(int[] values) { }
        public BitArray(BitArray bits) { }
        public BitArray(int length, bool defaultValue) { }
        public int Count { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public bool this[int index] { get; set; }
        public int Length { get; set; }
        public object SyncRoot { get; }
        public BitArray And(BitArray value);
        public object Clone();
        public void CopyTo(Array array, int index);
        public bool Get(int index);
        public IEnumerator GetEnumerator();
        public BitArray LeftShift(int count);
        public BitArray Not();
        public BitArray Or(BitArray value);
        public BitArray RightShift(int count);
        public void Set(int index, bool value);
        public void SetAll(bool value);
        public BitArray Xor(BitArray value);
    }

    /// <summary>Compares texts whatever their case.</summary>
    public class CaseInsensitiveComparer : IComparer
    {
        public CaseInsensitiveComparer() { }
        public CaseInsensitiveComparer(CultureInfo culture) { }
        public static CaseInsensitiveComparer Default { get; }
        public static CaseInsensitiveComparer DefaultInvariant { get; }
        public int Compare(object a, object b);
    }

    /// <summary>The base of collections.</summary>
    public abstract class CollectionBase : IList
    {
        protected CollectionBase() { }
        protected CollectionBase(int capacity) { }
        public int Capacity { get; set; }
        public int Count { get; }
        protected ArrayList InnerList { get; }
        protected IList List { get; }
        public void Clear();
        public IEnumerator GetEnumerator();
        protected virtual void OnClear();
        protected virtual void OnClearComplete();
        protected virtual void OnInsert(int index, object value);
        protected virtual void OnInsertComplete(int index, object value);
        protected virtual void OnRemove(int index, object value);
        protected virtual void OnRemoveComplete(int index, object value);
        protected virtual void OnSet(int index, object oldValue, object newValue);
        protected virtual void OnSetComplete(int index, object oldValue, object newValue);
        protected virtual void OnValidate(object value);
        public void RemoveAt(int index);
    }

    /// <summary>Compares objects.</summary>
    public sealed class Comparer : ISerializable, IComparer
    {
        public static Comparer Default;
        public static Comparer DefaultInvariant;
        public Comparer(CultureInfo culture) { }
        public int Compare(object a, object b);
        public void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>The base of dictionaries.</summary>
    public abstract class DictionaryBase : IDictionary
    {
        protected DictionaryBase() { }
        public int Count { get; }
        protected IDictionary Dictionary { get; }
        protected Hashtable InnerHashtable { get; }
        public void Clear();
        public void CopyTo(Array array, int index);
        public IDictionaryEnumerator GetEnumerator();
        protected virtual void OnClear();
        protected virtual void OnClearComplete();
        protected virtual object OnGet(object key, object currentValue);
        protected virtual void OnInsert(object key, object value);
        protected virtual void OnInsertComplete(object key, object value);
        protected virtual void OnRemove(object key, object value);
        protected virtual void OnRemoveComplete(object key, object value);
        protected virtual void OnSet(object key, object oldValue, object newValue);
        protected virtual void OnSetComplete(object key, object oldValue, object newValue);
        protected virtual void OnValidate(object key, object value);
    }

    /// <summary>A key with its value.</summary>
    public struct DictionaryEntry
    {
        public DictionaryEntry(object key, object value) { }
        public object Key { get; set; }
        public object Value { get; set; }
        public void Deconstruct(out object key, out object value);
    }

    /// <summary>Values by keys, by hashes.</summary>
    public class Hashtable : IDictionary, IDeserializationCallback, ICloneable, ISerializable
    {
        public Hashtable() { }
        public Hashtable(int capacity) { }
        public Hashtable(IDictionary d) { }
        public Hashtable(IEqualityComparer equalityComparer) { }
        public Hashtable(int capacity, float loadFactor) { }
        public Hashtable(int capacity, IEqualityComparer equalityComparer) { }
        public Hashtable(IDictionary d, float loadFactor) { }
        public Hashtable(IDictionary d, IEqualityComparer equalityComparer) { }
        public Hashtable(IHashCodeProvider hcp, IComparer comparer) { }
        protected Hashtable(SerializationInfo info, StreamingContext context) { }
        public Hashtable(int capacity, float loadFactor, IEqualityComparer equalityComparer) { }
        public Hashtable(int capacity, IHashCodeProvider hcp, IComparer comparer) { }
        public Hashtable(IDictionary d, float loadFactor, IEqualityComparer equalityComparer) { }
        public Hashtable(IDictionary d, IHashCodeProvider hcp, IComparer comparer) { }
        public Hashtable(int capacity, float loadFactor, IHashCodeProvider hcp, IComparer comparer) { }
        public Hashtable(IDictionary d, float loadFactor, IHashCodeProvider hcp, IComparer comparer) { }
        public virtual int Count { get; }
        protected IEqualityComparer EqualityComparer { get; }
        public virtual bool IsFixedSize { get; }
        public virtual bool IsReadOnly { get; }
        public virtual bool IsSynchronized { get; }
        public virtual object this[object key] { get; set; }
        public virtual ICollection Keys { get; }
        public virtual object SyncRoot { get; }
        public virtual ICollection Values { get; }
        protected IComparer comparer { get; set; }
        protected IHashCodeProvider hcp { get; set; }
        public virtual void Add(object key, object value);
        public virtual void Clear();
        public virtual object Clone();
        public virtual bool Contains(object key);
        public virtual bool ContainsKey(object key);
        public virtual bool ContainsValue(object value);
        public virtual void CopyTo(Array array, int arrayIndex);
        public virtual IDictionaryEnumerator GetEnumerator();
        protected virtual int GetHash(object key);
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        protected virtual bool KeyEquals(object item, object key);
        public virtual void OnDeserialization(object sender);
        public virtual void Remove(object key);
        public static Hashtable Synchronized(Hashtable table);
    }

    /// <summary>A group of objects.</summary>
    public interface ICollection : IEnumerable
    {
        int Count { get; }
        bool IsSynchronized { get; }
        object SyncRoot { get; }
        void CopyTo(Array array, int index);
    }

    /// <summary>Compares objects.</summary>
    public interface IComparer
    {
        int Compare(object x, object y);
    }

    /// <summary>Values by keys.</summary>
    public interface IDictionary : ICollection
    {
        bool IsFixedSize { get; }
        bool IsReadOnly { get; }
        object this[object key] { get; set; }
        ICollection Keys { get; }
        ICollection Values { get; }
        void Add(object key, object value);
        void Clear();
        bool Contains(object key);
        IDictionaryEnumerator GetEnumerator();
        void Remove(object key);
    }

    /// <summary>Goes through keys and values.</summary>
    public interface IDictionaryEnumerator : IEnumerator
    {
        DictionaryEntry Entry { get; }
        object Key { get; }
        object Value { get; }
    }

    /// <summary>Can be gone through.</summary>
    public interface IEnumerable
    {
        IEnumerator GetEnumerator();
    }

    /// <summary>Goes through elements.</summary>
    public interface IEnumerator
    {
        object Current { get; }
        bool MoveNext();
        void Reset();
    }

    /// <summary>Compares objects for equality.</summary>
    public interface IEqualityComparer
    {
        bool Equals(object x, object y);
        int GetHashCode(object obj);
    }

    /// <summary>A group of objects by index.</summary>
    public interface IList : ICollection
    {
        bool IsFixedSize { get; }
        bool IsReadOnly { get; }
        object this[int index] { get; set; }
        int Add(object value);
        void Clear();
        bool Contains(object value);
        int IndexOf(object value);
        void Insert(int index, object value);
        void Remove(object value);
        void RemoveAt(int index);
    }

    /// <summary>Is ordered by its parts.</summary>
    public interface IStructuralComparable
    {
        int CompareTo(object other, IComparer comparer);
    }

    /// <summary>Is compared by its parts.</summary>
    public interface IStructuralEquatable
    {
        bool Equals(object other, IEqualityComparer comparer);
        int GetHashCode(IEqualityComparer comparer);
    }

    /// <summary>A queue of objects.</summary>
    public class Queue : ICollection, ICloneable
    {
        public Queue() { }
        public Queue(int capacity) { }
        public Queue(ICollection col) { }
        public Queue(int capacity, float growFactor) { }
        public virtual int Count { get; }
        public virtual bool IsSynchronized { get; }
        public virtual object SyncRoot { get; }
        public virtual void Clear();
        public virtual object Clone();
        public virtual bool Contains(object obj);
        public virtual void CopyTo(Array array, int index);
        public virtual object Dequeue();
        public virtual void Enqueue(object obj);
        public virtual IEnumerator GetEnumerator();
        public virtual object Peek();
        public static Queue Synchronized(Queue queue);
        public virtual object[] ToArray();
        public virtual void TrimToSize();
    }

    /// <summary>The base of collections that do not change.</summary>
    public abstract class ReadOnlyCollectionBase : ICollection
    {
        protected ReadOnlyCollectionBase() { }
        public virtual int Count { get; }
        protected ArrayList InnerList { get; }
        public virtual IEnumerator GetEnumerator();
    }

    /// <summary>Values by keys, in order.</summary>
    public class SortedList : IDictionary, ICloneable
    {
        public SortedList() { }
        public SortedList(int initialCapacity) { }
        public SortedList(IComparer comparer) { }
        public SortedList(IDictionary d) { }
        public SortedList(IComparer comparer, int capacity) { }
        public SortedList(IDictionary d, IComparer comparer) { }
        public virtual int Capacity { get; set; }
        public virtual int Count { get; }
        public virtual bool IsFixedSize { get; }
        public virtual bool IsReadOnly { get; }
        public virtual bool IsSynchronized { get; }
        public virtual object this[object key] { get; set; }
        public virtual ICollection Keys { get; }
        public virtual object SyncRoot { get; }
        public virtual ICollection Values { get; }
        public virtual void Add(object key, object value);
        public virtual void Clear();
        public virtual object Clone();
        public virtual bool Contains(object key);
        public virtual bool ContainsKey(object key);
        public virtual bool ContainsValue(object value);
        public virtual void CopyTo(Array array, int arrayIndex);
        public virtual object GetByIndex(int index);
        public virtual IDictionaryEnumerator GetEnumerator();
        public virtual object GetKey(int index);
        public virtual IList GetKeyList();
        public virtual IList GetValueList();
        public virtual int IndexOfKey(object key);
        public virtual int IndexOfValue(object value);
        public virtual void Remove(object key);
        public virtual void RemoveAt(int index);
        public virtual void SetByIndex(int index, object value);
        public static SortedList Synchronized(SortedList list);
        public virtual void TrimToSize();
    }

    /// <summary>A stack of objects.</summary>
    public class Stack : ICollection, ICloneable
    {
        public Stack() { }
        public Stack(int initialCapacity) { }
        public Stack(ICollection col) { }
        public virtual int Count { get; }
        public virtual bool IsSynchronized { get; }
        public virtual object SyncRoot { get; }
        public virtual void Clear();
        public virtual object Clone();
        public virtual bool Contains(object obj);
        public virtual void CopyTo(Array array, int index);
        public virtual IEnumerator GetEnumerator();
        public virtual object Peek();
        public virtual object Pop();
        public virtual void Push(object obj);
        public static Stack Synchronized(Stack stack);
        public virtual object[] ToArray();
    }
}
