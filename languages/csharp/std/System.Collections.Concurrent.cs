using System;
using System.Collections;
using System.Collections.Generic;
using System.Threading;

namespace System.Collections.Concurrent
{
    /// <summary>A collection that waits.</summary>
    public class BlockingCollection<T> : IDisposable, ICollection, IReadOnlyCollection<T>
    {
        public BlockingCollection() { }
        public BlockingCollection(int boundedCapacity) { }
        public BlockingCollection(IProducerConsumerCollection<T> collection) { }
        public BlockingCollection(IProducerConsumerCollection<T> collection, int boundedCapacity) { }
        public int BoundedCapacity { get; }
        public int Count { get; }
        public bool IsAddingCompleted { get; }
        public bool IsCompleted { get; }
        public void Add(T item);
        public void Add(T item, CancellationToken cancellationToken);
        public static int AddToAny(BlockingCollection<T>[] collections, T item);
        public static int AddToAny(BlockingCollection<T>[] collections, T item, CancellationToken cancellationToken);
        public void CompleteAdding();
        public void CopyTo(T[] array, int index);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public IEnumerable<T> GetConsumingEnumerable();
        public IEnumerable<T> GetConsumingEnumerable(CancellationToken cancellationToken);
        public T Take();
        public T Take(CancellationToken cancellationToken);
        public static int TakeFromAny(BlockingCollection<T>[] collections, out T item);
        public static int TakeFromAny(BlockingCollection<T>[] collections, out T item, CancellationToken cancellationToken);
        public T[] ToArray();
        public bool TryAdd(T item);
        public bool TryAdd(T item, int millisecondsTimeout);
        public bool TryAdd(T item, TimeSpan timeout);
        public bool TryAdd(T item, int millisecondsTimeout, CancellationToken cancellationToken);
        public static int TryAddToAny(BlockingCollection<T>[] collections, T item);
        public static int TryAddToAny(BlockingCollection<T>[] collections, T item, int millisecondsTimeout);
        public static int TryAddToAny(BlockingCollection<T>[] collections, T item, TimeSpan timeout);
        public static int TryAddToAny(BlockingCollection<T>[] collections, T item, int millisecondsTimeout, CancellationToken cancellationToken);
        public bool TryTake(out T item);
        public bool TryTake(out T item, int millisecondsTimeout);
        public bool TryTake(out T item, TimeSpan timeout);
        public bool TryTake(out T item, int millisecondsTimeout, CancellationToken cancellationToken);
        public static int TryTakeFromAny(BlockingCollection<T>[] collections, out T item);
        public static int TryTakeFromAny(BlockingCollection<T>[] collections, out T item, int millisecondsTimeout);
        public static int TryTakeFromAny(BlockingCollection<T>[] collections, out T item, TimeSpan timeout);
        public static int TryTakeFromAny(BlockingCollection<T>[] collections, out T item, int millisecondsTimeout, CancellationToken cancellationToken);
    }

    /// <summary>Elements for several threads.</summary>
    public class ConcurrentBag<T> : IProducerConsumerCollection<T>, IReadOnlyCollection<T>
    {
        public ConcurrentBag() { }
        public ConcurrentBag(IEnumerable<T> collection) { }
        public int Count { get; }
        public bool IsEmpty { get; }
        public void Add(T item);
        public void Clear();
        public void CopyTo(T[] array, int index);
        public IEnumerator<T> GetEnumerator();
        public T[] ToArray();
        public bool TryPeek(out T result);
        public bool TryTake(out T result);
    }

    /// <summary>A dictionary for several threads.</summary>
    public class ConcurrentDictionary<TKey, TValue> : IReadOnlyDictionary<TKey, TValue>, IDictionary, IDictionary<TKey, TValue>
    {
        public ConcurrentDictionary() { }
        public ConcurrentDictionary(IEnumerable<KeyValuePair<TKey, TValue>> collection) { }
        public ConcurrentDictionary(IEqualityComparer<TKey> comparer) { }
        public ConcurrentDictionary(int concurrencyLevel, int capacity) { }
        public ConcurrentDictionary(IEnumerable<KeyValuePair<TKey, TValue>> collection, IEqualityComparer<TKey> comparer) { }
        public ConcurrentDictionary(int concurrencyLevel, int capacity, IEqualityComparer<TKey> comparer) { }
        public ConcurrentDictionary(int concurrencyLevel, IEnumerable<KeyValuePair<TKey, TValue>> collection, IEqualityComparer<TKey> comparer) { }
        public int Count { get; }
        public bool IsEmpty { get; }
        public TValue this[TKey key] { get; set; }
        public ICollection<TKey> Keys { get; }
        public ICollection<TValue> Values { get; }
        public TValue AddOrUpdate(TKey key, Func<TKey, TValue> addValueFactory, Func<TKey, TValue, TValue> updateValueFactory);
        public TValue AddOrUpdate(TKey key, TValue addValue, Func<TKey, TValue, TValue> updateValueFactory);
        public TValue AddOrUpdate<TArg>(TKey key, Func<TKey, TArg, TValue> addValueFactory, Func<TKey, TValue, TArg, TValue> updateValueFactory, TArg factoryArgument);
        public void Clear();
        public bool ContainsKey(TKey key);
        public IEnumerator<KeyValuePair<TKey, TValue>> GetEnumerator();
        public TValue GetOrAdd(TKey key, Func<TKey, TValue> valueFactory);
        public TValue GetOrAdd(TKey key, TValue value);
        public TValue GetOrAdd<TArg>(TKey key, Func<TKey, TArg, TValue> valueFactory, TArg factoryArgument);
        public KeyValuePair<TKey, TValue>[] ToArray();
        public bool TryAdd(TKey key, TValue value);
        public bool TryGetValue(TKey key, out TValue value);
        public bool TryRemove(TKey key, out TValue value);
        public bool TryUpdate(TKey key, TValue newValue, TValue comparisonValue);
    }

    /// <summary>A queue for several threads.</summary>
    public class ConcurrentQueue<T> : IProducerConsumerCollection<T>, IReadOnlyCollection<T>
    {
        public ConcurrentQueue() { }
        public ConcurrentQueue(IEnumerable<T> collection) { }
        public int Count { get; }
        public bool IsEmpty { get; }
        public void Clear();
        public void CopyTo(T[] array, int index);
        public void Enqueue(T item);
        public IEnumerator<T> GetEnumerator();
        public T[] ToArray();
        public bool TryDequeue(out T result);
        public bool TryPeek(out T result);
    }

    /// <summary>A stack for several threads.</summary>
    public class ConcurrentStack<T> : IProducerConsumerCollection<T>, IReadOnlyCollection<T>
    {
        public ConcurrentStack() { }
        public ConcurrentStack(IEnumerable<T> collection) { }
        public int Count { get; }
        public bool IsEmpty { get; }
        public void Clear();
        public void CopyTo(T[] array, int index);
        public IEnumerator<T> GetEnumerator();
        public void Push(T item);
        public void PushRange(T[] items);
        public void PushRange(T[] items, int startIndex, int count);
        public T[] ToArray();
        public bool TryPeek(out T result);
        public bool TryPop(out T result);
        public int TryPopRange(T[] items);
        public int TryPopRange(T[] items, int startIndex, int count);
    }
}
