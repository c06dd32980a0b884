using System;
using System.Collections;
using System.Collections.Generic;
using System.Collections.Specialized;
using System.ComponentModel;

namespace System.Collections.ObjectModel
{
    /// <summary>The base of collections.</summary>
    public class Collection<T> : IReadOnlyList<T>, IList, IList<T>
    {
        public Collection() { }
        public Collection(IList<T> list) { }
        public int Count { get; }
        public T this[int index] { get; set; }
        protected IList<T> Items { get; }
        public void Add(T item);
        public void Clear();
        protected virtual void ClearItems();
        public bool Contains(T item);
        public void CopyTo(T[] array, int index);
        public IEnumerator<T> GetEnumerator();
        public int IndexOf(T item);
        public void Insert(int index, T item);
        protected virtual void InsertItem(int index, T item);
        public bool Remove(T item);
        public void RemoveAt(int index);
        protected virtual void RemoveItem(int index);
        protected virtual void SetItem(int index, T item);
    }

    /// <summary>A collection whose elements have keys.</summary>
    public abstract class KeyedCollection<TKey, TItem> : Collection<TItem>
    {
        protected KeyedCollection() { }
        protected KeyedCollection(IEqualityComparer<TKey> comparer) { }
        protected KeyedCollection(IEqualityComparer<TKey> comparer, int dictionaryCreationThreshold) { }
        public IEqualityComparer<TKey> Comparer { get; }
        protected IDictionary<TKey, TItem> Dictionary { get; }
        public TItem this[TKey key] { get; }
        protected void ChangeItemKey(TItem item, TKey newKey);
        protected override void ClearItems();
        public bool Contains(TKey key);
        protected abstract TKey GetKeyForItem(TItem item);
        protected override void InsertItem(int index, TItem item);
        public bool Remove(TKey key);
        protected override void RemoveItem(int index);
        protected override void SetItem(int index, TItem item);
        public bool TryGetValue(TKey key, out TItem item);
    }

    /// <summary>A collection that tells of changes.</summary>
    public class ObservableCollection<T> : Collection<T>, INotifyPropertyChanged, INotifyCollectionChanged
    {
        public ObservableCollection() { }
        public ObservableCollection(IEnumerable<T> collection) { }
        public ObservableCollection(List<T> list) { }
        public virtual event System.Collections.Specialized.NotifyCollectionChangedEventHandler CollectionChanged;
        protected virtual event PropertyChangedEventHandler PropertyChanged;
        protected IDisposable BlockReentrancy();
        protected void CheckReentrancy();
        protected override void ClearItems();
        protected override void InsertItem(int index, T item);
        public void Move(int oldIndex, int newIndex);
        protected virtual void MoveItem(int oldIndex, int newIndex);
        protected virtual void OnCollectionChanged(NotifyCollectionChangedEventArgs e);
        protected virtual void OnPropertyChanged(PropertyChangedEventArgs e);
        protected override void RemoveItem(int index);
        protected override void SetItem(int index, T item);
    }

    /// <summary>A collection that does not change.</summary>
    public class ReadOnlyCollection<T> : IReadOnlyList<T>, IList, IList<T>
    {
        public ReadOnlyCollection(IList<T> list) { }
        public int Count { get; }
        public T this[int index] { get; }
        protected IList<T> Items { get; }
        public bool Contains(T value);
        public void CopyTo(T[] array, int index);
        public IEnumerator<T> GetEnumerator();
        public int IndexOf(T value);
    }

    /// <summary>A dictionary that does not change.</summary>
    public class ReadOnlyDictionary<TKey, TValue> : IReadOnlyDictionary<TKey, TValue>, IDictionary, IDictionary<TKey, TValue>
    {
        public ReadOnlyDictionary(IDictionary<TKey, TValue> dictionary) { }
        public int Count { get; }
        protected IDictionary<TKey, TValue> Dictionary { get; }
        public TValue this[TKey key] { get; }
        public ReadOnlyDictionary<TKey, TValue>.KeyCollection Keys { get; }
        public ReadOnlyDictionary<TKey, TValue>.ValueCollection Values { get; }
        public bool ContainsKey(TKey key);
        public IEnumerator<KeyValuePair<TKey, TValue>> GetEnumerator();
        public bool TryGetValue(TKey key, out TValue value);
        public sealed class KeyCollection : ICollection, IReadOnlyCollection<TKey>, ICollection<TKey>
        {
            public int Count { get; }
            public void CopyTo(TKey[] array, int arrayIndex);
            public IEnumerator<TKey> GetEnumerator();
        }
        public sealed class ValueCollection : ICollection, IReadOnlyCollection<TValue>, ICollection<TValue>
        {
            public int Count { get; }
            public void CopyTo(TValue[] array, int arrayIndex);
            public IEnumerator<TValue> GetEnumerator();
        }
    }
}
