using System;
using System.Collections;
using System.Collections.ObjectModel;
using System.Runtime.Serialization;

namespace System.Collections.Generic
{
    /// <summary>Compares elements.</summary>
    public abstract class Comparer<T> : IComparer<T>, IComparer
    {
        protected Comparer() { }
        public static Comparer<T> Default { get; }
        public abstract int Compare(T x, T y);
        public static Comparer<T> Create(Comparison<T> comparison);
    }

    /// <summary>Values by keys, by hashes.</summary>
    public class Dictionary<TKey, TValue> : IReadOnlyDictionary<TKey, TValue>, IDictionary, IDictionary<TKey, TValue>, IDeserializationCallback, ISerializable
    {
        public Dictionary() { }
        public Dictionary(int capacity) { }
        public Dictionary(IDictionary<TKey, TValue> dictionary) { }
        public Dictionary(IEnumerable<KeyValuePair<TKey, TValue>> collection) { }
        public Dictionary(IEqualityComparer<TKey> comparer) { }
        public Dictionary(int capacity, IEqualityComparer<TKey> comparer) { }
        public Dictionary(IDictionary<TKey, TValue> dictionary, IEqualityComparer<TKey> comparer) { }
        public Dictionary(IEnumerable<KeyValuePair<TKey, TValue>> collection, IEqualityComparer<TKey> comparer) { }
        protected Dictionary(SerializationInfo info, StreamingContext context) { }
        public IEqualityComparer<TKey> Comparer { get; }
        public int Count { get; }
        public TValue this[TKey key] { get; set; }
        /// <summary>The keys.</summary>
        public Dictionary<TKey, TValue>.KeyCollection Keys { get; }
        /// <summary>The values.</summary>
        public Dictionary<TKey, TValue>.ValueCollection Values { get; }
        /// <summary>Adds a key with its value.</summary>
        public void Add(TKey key, TValue value);
        public void Clear();
        /// <summary>Is there such a key?</summary>
        public bool ContainsKey(TKey key);
        public bool ContainsValue(TValue value);
        public int EnsureCapacity(int capacity);
        public Dictionary<TKey, TValue>.Enumerator GetEnumerator();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public virtual void OnDeserialization(object sender);
        /// <summary>Takes a key out.</summary>
        public bool Remove(TKey key);
        public bool Remove(TKey key, out TValue value);
        public void TrimExcess();
        public void TrimExcess(int capacity);
        public bool TryAdd(TKey key, TValue value);
        /// <summary>The value of a key, if there is one.</summary>
        public bool TryGetValue(TKey key, out TValue value);
        public struct Enumerator : IDictionaryEnumerator, IEnumerator<KeyValuePair<TKey, TValue>>
        {
            public KeyValuePair<TKey, TValue> Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
        public sealed class KeyCollection : ICollection, IReadOnlyCollection<TKey>, ICollection<TKey>
        {
            public KeyCollection(Dictionary<TKey, TValue> dictionary) { }
            public int Count { get; }
            public void CopyTo(TKey[] array, int index);
            public Dictionary<TKey, TValue>.KeyCollection.Enumerator GetEnumerator();
            public struct Enumerator : IEnumerator<TKey>
            {
                public TKey Current { get; }
                public void Dispose();
                public bool MoveNext();
            }
        }
        public sealed class ValueCollection : ICollection, IReadOnlyCollection<TValue>, ICollection<TValue>
        {
            public ValueCollection(Dictionary<TKey, TValue> dictionary) { }
            public int Count { get; }
            public void CopyTo(TValue[] array, int index);
            public Dictionary<TKey, TValue>.ValueCollection.Enumerator GetEnumerator();
            public struct Enumerator : IEnumerator<TValue>
            {
                public TValue Current { get; }
                public void Dispose();
                public bool MoveNext();
            }
        }
    }

    /// <summary>Compares elements for equality.</summary>
    public abstract class EqualityComparer<T> : IEqualityComparer, IEqualityComparer<T>
    {
        protected EqualityComparer() { }
        public static EqualityComparer<T> Default { get; }
        public abstract bool Equals(T x, T y);
        public abstract int GetHashCode(T obj);
    }

    /// <summary>A set by hashes.</summary>
    public class HashSet<T> : ISet<T>, IDeserializationCallback, ISerializable, IReadOnlyCollection<T>
    {
        public HashSet() { }
        public HashSet(int capacity) { }
        public HashSet(IEnumerable<T> collection) { }
        public HashSet(IEqualityComparer<T> comparer) { }
        public HashSet(int capacity, IEqualityComparer<T> comparer) { }
        public HashSet(IEnumerable<T> collection, IEqualityComparer<T> comparer) { }
        protected HashSet(SerializationInfo info, StreamingContext context) { }
        public IEqualityComparer<T> Comparer { get; }
        public int Count { get; }
        public bool Add(T item);
        public void Clear();
        public bool Contains(T item);
        public void CopyTo(T[] array);
        public void CopyTo(T[] array, int arrayIndex);
        public void CopyTo(T[] array, int arrayIndex, int count);
        public static IEqualityComparer<HashSet<T>> CreateSetComparer();
        public int EnsureCapacity(int capacity);
        public void ExceptWith(IEnumerable<T> other);
        public HashSet<T>.Enumerator GetEnumerator();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public void IntersectWith(IEnumerable<T> other);
        public bool IsProperSubsetOf(IEnumerable<T> other);
        public bool IsProperSupersetOf(IEnumerable<T> other);
        public bool IsSubsetOf(IEnumerable<T> other);
        public bool IsSupersetOf(IEnumerable<T> other);
        public virtual void OnDeserialization(object sender);
        public bool Overlaps(IEnumerable<T> other);
        public bool Remove(T item);
        public int RemoveWhere(Predicate<T> match);
        public bool SetEquals(IEnumerable<T> other);
        public void SymmetricExceptWith(IEnumerable<T> other);
        public void TrimExcess();
        public bool TryGetValue(T equalValue, out T actualValue);
        public void UnionWith(IEnumerable<T> other);
        public struct Enumerator : IEnumerator<T>
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }

    /// <summary>A group of elements.</summary>
    public interface ICollection<T> : IEnumerable<T>
    {
        int Count { get; }
        bool IsReadOnly { get; }
        void Add(T item);
        void Clear();
        bool Contains(T item);
        void CopyTo(T[] array, int arrayIndex);
        bool Remove(T item);
    }

    /// <summary>Compares elements.</summary>
    public interface IComparer<T>
    {
        int Compare(T x, T y);
    }

    /// <summary>Values by keys.</summary>
    public interface IDictionary<TKey, TValue> : ICollection<KeyValuePair<TKey, TValue>>
    {
        TValue this[TKey key] { get; set; }
        ICollection<TKey> Keys { get; }
        ICollection<TValue> Values { get; }
        void Add(TKey key, TValue value);
        bool ContainsKey(TKey key);
        bool Remove(TKey key);
        bool TryGetValue(TKey key, out TValue value);
    }

    /// <summary>Can be gone through.</summary>
    public interface IEnumerable<T> : IEnumerable
    {
        IEnumerator<T> GetEnumerator();
    }

    /// <summary>Goes through elements.</summary>
    public interface IEnumerator<T> : IEnumerator, IDisposable
    {
        T Current { get; }
    }

    /// <summary>Compares elements for equality.</summary>
    public interface IEqualityComparer<T>
    {
        bool Equals(T x, T y);
        int GetHashCode(T obj);
    }

    /// <summary>Elements by index.</summary>
    public interface IList<T> : ICollection<T>
    {
        T this[int index] { get; set; }
        int IndexOf(T item);
        void Insert(int index, T item);
        void RemoveAt(int index);
    }

    /// <summary>A group of elements that does not change.</summary>
    public interface IReadOnlyCollection<T> : IEnumerable<T>
    {
        int Count { get; }
    }

    /// <summary>Values by keys that do not change.</summary>
    public interface IReadOnlyDictionary<TKey, TValue> : IReadOnlyCollection<KeyValuePair<TKey, TValue>>
    {
        TValue this[TKey key] { get; }
        IEnumerable<TKey> Keys { get; }
        IEnumerable<TValue> Values { get; }
        bool ContainsKey(TKey key);
        bool TryGetValue(TKey key, out TValue value);
    }

    /// <summary>Elements by index that do not change.</summary>
    public interface IReadOnlyList<T> : IReadOnlyCollection<T>
    {
        T this[int index] { get; }
    }

    /// <summary>Elements without duplicates.</summary>
    public interface ISet<T> : ICollection<T>
    {
        bool Add(T item);
        void ExceptWith(IEnumerable<T> other);
        void IntersectWith(IEnumerable<T> other);
        bool IsProperSubsetOf(IEnumerable<T> other);
        bool IsProperSupersetOf(IEnumerable<T> other);
        bool IsSubsetOf(IEnumerable<T> other);
        bool IsSupersetOf(IEnumerable<T> other);
        bool Overlaps(IEnumerable<T> other);
        bool SetEquals(IEnumerable<T> other);
        void SymmetricExceptWith(IEnumerable<T> other);
        void UnionWith(IEnumerable<T> other);
    }

    /// <summary>A key that is not there.</summary>
    public class KeyNotFoundException : SystemException
    {
        public KeyNotFoundException() { }
        public KeyNotFoundException(string message) { }
        protected KeyNotFoundException(SerializationInfo info, StreamingContext context) { }
        public KeyNotFoundException(string message, Exception innerException) { }
    }

    /// <summary>A key with its value.</summary>
    public struct KeyValuePair<TKey, TValue>
    {
        public KeyValuePair(TKey key, TValue value) { }
        public TKey Key { get; }
        public TValue Value { get; }
        public void Deconstruct(out TKey key, out TValue value);
    }

    /// <summary>A list of links.</summary>
    public class LinkedList<T> : IDeserializationCallback, ICollection, ISerializable, IReadOnlyCollection<T>, ICollection<T>
    {
        public LinkedList() { }
        public LinkedList(IEnumerable<T> collection) { }
        protected LinkedList(SerializationInfo info, StreamingContext context) { }
        public int Count { get; }
        public LinkedListNode<T> First { get; }
        public LinkedListNode<T> Last { get; }
        public LinkedListNode<T> AddAfter(LinkedListNode<T> node, T value);
        public void AddAfter(LinkedListNode<T> node, LinkedListNode<T> newNode);
        public LinkedListNode<T> AddBefore(LinkedListNode<T> node, T value);
        public void AddBefore(LinkedListNode<T> node, LinkedListNode<T> newNode);
        public LinkedListNode<T> AddFirst(T value);
        public void AddFirst(LinkedListNode<T> node);
        public LinkedListNode<T> AddLast(T value);
        public void AddLast(LinkedListNode<T> node);
        public void Clear();
        public bool Contains(T value);
        public void CopyTo(T[] array, int index);
        public LinkedListNode<T> Find(T value);
        public LinkedListNode<T> FindLast(T value);
        public LinkedList<T>.Enumerator GetEnumerator();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public virtual void OnDeserialization(object sender);
        public bool Remove(T value);
        public void Remove(LinkedListNode<T> node);
        public void RemoveFirst();
        public void RemoveLast();
        public struct Enumerator : IDeserializationCallback, IEnumerator<T>, ISerializable
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }

    /// <summary>A link of a list.</summary>
    public sealed class LinkedListNode<T>
    {
        public LinkedListNode(T value) { }
        public LinkedList<T> List { get; }
        public LinkedListNode<T> Next { get; }
        public LinkedListNode<T> Previous { get; }
        public T Value { get; set; }
    }

    /// <summary>Elements in an order that grow.</summary>
    public class List<T> : IReadOnlyList<T>, IList, IList<T>
    {
        public List() { }
        public List(int capacity) { }
        public List(IEnumerable<T> collection) { }
        public int Capacity { get; set; }
        /// <summary>How many there are.</summary>
        public int Count { get; }
        public T this[int index] { get; set; }
        /// <summary>Adds an element.</summary>
        public void Add(T item);
        /// <summary>Adds elements.</summary>
        public void AddRange(IEnumerable<T> collection);
        public ReadOnlyCollection<T> AsReadOnly();
        public int BinarySearch(T item);
        public int BinarySearch(T item, IComparer<T> comparer);
        public int BinarySearch(int index, int count, T item, IComparer<T> comparer);
        /// <summary>Takes all out.</summary>
        public void Clear();
        /// <summary>Is the element there?</summary>
        public bool Contains(T item);
        public List<TOutput> ConvertAll<TOutput>(Converter<T, TOutput> converter);
        public void CopyTo(T[] array);
        public void CopyTo(T[] array, int arrayIndex);
        public void CopyTo(int index, T[] array, int arrayIndex, int count);
        public bool Exists(Predicate<T> match);
        public T Find(Predicate<T> match);
        public List<T> FindAll(Predicate<T> match);
        public int FindIndex(Predicate<T> match);
        public int FindIndex(int startIndex, Predicate<T> match);
        public int FindIndex(int startIndex, int count, Predicate<T> match);
        public T FindLast(Predicate<T> match);
        public int FindLastIndex(Predicate<T> match);
        public int FindLastIndex(int startIndex, Predicate<T> match);
        public int FindLastIndex(int startIndex, int count, Predicate<T> match);
        /// <summary>Does something with each.</summary>
        public void ForEach(Action<T> action);
        public List<T>.Enumerator GetEnumerator();
        public List<T> GetRange(int index, int count);
        public int IndexOf(T item);
        public int IndexOf(T item, int index);
        public int IndexOf(T item, int index, int count);
        /// <summary>Puts an element in.</summary>
        public void Insert(int index, T item);
        public void InsertRange(int index, IEnumerable<T> collection);
        public int LastIndexOf(T item);
        public int LastIndexOf(T item, int index);
        public int LastIndexOf(T item, int index, int count);
        /// <summary>Takes an element out.</summary>
        public bool Remove(T item);
        public int RemoveAll(Predicate<T> match);
        /// <summary>Takes the element at an index out.</summary>
        public void RemoveAt(int index);
        public void RemoveRange(int index, int count);
        public void Reverse();
        public void Reverse(int index, int count);
        /// <summary>Sorts.</summary>
        public void Sort();
        public void Sort(IComparer<T> comparer);
        public void Sort(Comparison<T> comparison);
        public void Sort(int index, int count, IComparer<T> comparer);
        public T[] ToArray();
        public void TrimExcess();
        public bool TrueForAll(Predicate<T> match);
        public struct Enumerator : IEnumerator<T>
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }

    /// <summary>A queue.</summary>
    public class Queue<T> : ICollection, IReadOnlyCollection<T>
    {
        public Queue() { }
        public Queue(int capacity) { }
        public Queue(IEnumerable<T> collection) { }
        public int Count { get; }
        public void Clear();
        public bool Contains(T item);
        public void CopyTo(T[] array, int arrayIndex);
        public T Dequeue();
        public void Enqueue(T item);
        public Queue<T>.Enumerator GetEnumerator();
        public T Peek();
        public T[] ToArray();
        public void TrimExcess();
        public bool TryDequeue(out T result);
        public bool TryPeek(out T result);
        public struct Enumerator : IEnumerator<T>
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }

    /// <summary>Values by keys, in order.</summary>
    public class SortedDictionary<TKey, TValue> : IReadOnlyDictionary<TKey, TValue>, IDictionary, IDictionary<TKey, TValue>
    {
        public SortedDictionary() { }
        public SortedDictionary(IComparer<TKey> comparer) { }
        public SortedDictionary(IDictionary<TKey, TValue> dictionary) { }
        public SortedDictionary(IDictionary<TKey, TValue> dictionary, IComparer<TKey> comparer) { }
        public IComparer<TKey> Comparer { get; }
        public int Count { get; }
        public TValue this[TKey key] { get; set; }
        public SortedDictionary<TKey, TValue>.KeyCollection Keys { get; }
        public SortedDictionary<TKey, TValue>.ValueCollection Values { get; }
        public void Add(TKey key, TValue value);
        public void Clear();
        public bool ContainsKey(TKey key);
        public bool ContainsValue(TValue value);
        public void CopyTo(KeyValuePair<TKey, TValue>[] array, int index);
        public SortedDictionary<TKey, TValue>.Enumerator GetEnumerator();
        public bool Remove(TKey key);
        public bool TryGetValue(TKey key, out TValue value);
        public struct Enumerator : IDictionaryEnumerator, IEnumerator<KeyValuePair<TKey, TValue>>
        {
            public KeyValuePair<TKey, TValue> Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
        public sealed class KeyCollection : ICollection, IReadOnlyCollection<TKey>, ICollection<TKey>
        {
            public KeyCollection(SortedDictionary<TKey, TValue> dictionary) { }
            public int Count { get; }
            public void CopyTo(TKey[] array, int index);
            public SortedDictionary<TKey, TValue>.KeyCollection.Enumerator GetEnumerator();
            public struct Enumerator : IEnumerator<TKey>
            {
                public TKey Current { get; }
                public void Dispose();
                public bool MoveNext();
            }
        }
        public sealed class ValueCollection : ICollection, IReadOnlyCollection<TValue>, ICollection<TValue>
        {
            public ValueCollection(SortedDictionary<TKey, TValue> dictionary) { }
            public int Count { get; }
            public void CopyTo(TValue[] array, int index);
            public SortedDictionary<TKey, TValue>.ValueCollection.Enumerator GetEnumerator();
            public struct Enumerator : IEnumerator<TValue>
            {
                public TValue Current { get; }
                public void Dispose();
                public bool MoveNext();
            }
        }
    }

    /// <summary>Values by keys, in order.</summary>
    public class SortedList<TKey, TValue> : IReadOnlyDictionary<TKey, TValue>, IDictionary, IDictionary<TKey, TValue>
    {
        public SortedList() { }
        public SortedList(int capacity) { }
        public SortedList(IComparer<TKey> comparer) { }
        public SortedList(IDictionary<TKey, TValue> dictionary) { }
        public SortedList(int capacity, IComparer<TKey> comparer) { }
        public SortedList(IDictionary<TKey, TValue> dictionary, IComparer<TKey> comparer) { }
        public int Capacity { get; set; }
        public IComparer<TKey> Comparer { get; }
        public int Count { get; }
        public TValue this[TKey key] { get; set; }
        public IList<TKey> Keys { get; }
        public IList<TValue> Values { get; }
        public void Add(TKey key, TValue value);
        public void Clear();
        public bool ContainsKey(TKey key);
        public bool ContainsValue(TValue value);
        public IEnumerator<KeyValuePair<TKey, TValue>> GetEnumerator();
        public int IndexOfKey(TKey key);
        public int IndexOfValue(TValue value);
        public bool Remove(TKey key);
        public void RemoveAt(int index);
        public void TrimExcess();
        public bool TryGetValue(TKey key, out TValue value);
    }

    /// <summary>A set in order.</summary>
    public class SortedSet<T> : ISet<T>, IDeserializationCallback, ICollection, ISerializable, IReadOnlyCollection<T>
    {
        public SortedSet() { }
        public SortedSet(IComparer<T> comparer) { }
        public SortedSet(IEnumerable<T> collection) { }
        public SortedSet(IEnumerable<T> collection, IComparer<T> comparer) { }
        protected SortedSet(SerializationInfo info, StreamingContext context) { }
        public IComparer<T> Comparer { get; }
        public int Count { get; }
        public T Max { get; }
        public T Min { get; }
        public bool Add(T item);
        public virtual void Clear();
        public virtual bool Contains(T item);
        public void CopyTo(T[] array);
        public void CopyTo(T[] array, int index);
        public void CopyTo(T[] array, int index, int count);
        public static IEqualityComparer<SortedSet<T>> CreateSetComparer();
        public static IEqualityComparer<SortedSet<T>> CreateSetComparer(IEqualityComparer<T> memberEqualityComparer);
        public void ExceptWith(IEnumerable<T> other);
        public SortedSet<T>.Enumerator GetEnumerator();
        protected virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public virtual SortedSet<T> GetViewBetween(T lowerValue, T upperValue);
        public virtual void IntersectWith(IEnumerable<T> other);
        public bool IsProperSubsetOf(IEnumerable<T> other);
        public bool IsProperSupersetOf(IEnumerable<T> other);
        public bool IsSubsetOf(IEnumerable<T> other);
        public bool IsSupersetOf(IEnumerable<T> other);
        protected virtual void OnDeserialization(object sender);
        public bool Overlaps(IEnumerable<T> other);
        public bool Remove(T item);
        public int RemoveWhere(Predicate<T> match);
        public IEnumerable<T> Reverse();
        public bool SetEquals(IEnumerable<T> other);
        public void SymmetricExceptWith(IEnumerable<T> other);
        public bool TryGetValue(T equalValue, out T actualValue);
        public void UnionWith(IEnumerable<T> other);
        public struct Enumerator : IDeserializationCallback, IEnumerator<T>, ISerializable
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }

    /// <summary>A stack.</summary>
    public class Stack<T> : ICollection, IReadOnlyCollection<T>
    {
        public Stack() { }
        public Stack(int capacity) { }
        public Stack(IEnumerable<T> collection) { }
        public int Count { get; }
        public void Clear();
        public bool Contains(T item);
        public void CopyTo(T[] array, int arrayIndex);
        public Stack<T>.Enumerator GetEnumerator();
        public T Peek();
        public T Pop();
        public void Push(T item);
        public T[] ToArray();
        public void TrimExcess();
        public bool TryPeek(out T result);
        public bool TryPop(out T result);
        public struct Enumerator : IEnumerator<T>
        {
            public T Current { get; }
            public void Dispose();
            public bool MoveNext();
        }
    }
}
