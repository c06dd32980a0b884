#pragma once
#include <initializer_list>
#include <utility>
#include <functional>
#include <memory>
namespace std {
/** Different values, found by their hash. */
template <class Key, class Hash = hash<Key>, class Equal = equal_to<Key>, class Allocator = allocator<Key>>
class unordered_set {
 public:
  using key_type = Key;
  using value_type = Key;
  using size_type = size_t;
  using difference_type = ptrdiff_t;
  using reference = value_type&;
  using const_reference = const value_type&;
  using pointer = value_type*;
  using const_pointer = const value_type*;
  using iterator = value_type*;
  using const_iterator = const value_type*;
  using reverse_iterator = value_type*;
  using const_reverse_iterator = const value_type*;

  unordered_set();
  unordered_set(const unordered_set& other);
  unordered_set(unordered_set&& other);
  unordered_set(initializer_list<value_type> values);
  template <class Iterator> unordered_set(Iterator first, Iterator last);
  ~unordered_set();
  unordered_set& operator=(const unordered_set& other);
  unordered_set& operator=(unordered_set&& other);
  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  /** How many elements it holds. */
  size_type size() const noexcept;
  size_type max_size() const noexcept;
  /** Does it hold nothing? */
  bool empty() const noexcept;

  void clear() noexcept;
  /** Puts an element in, if its key is new. */
  pair<iterator, bool> insert(const value_type& value);
  pair<iterator, bool> insert(value_type&& value);
  iterator insert(const_iterator near, const value_type& value);
  template <class Iterator> void insert(Iterator first, Iterator last);
  void insert(initializer_list<value_type> values);
  /** Makes an element, if its key is new. */
  template <class... Args> pair<iterator, bool> emplace(Args&&... args);
  template <class... Args> iterator emplace_hint(const_iterator near, Args&&... args);
  /** Takes elements out. */
  size_type erase(const Key& key);
  iterator erase(const_iterator place);
  iterator erase(const_iterator first, const_iterator last);
  void swap(unordered_set& other) noexcept;
  /** Where the element of a key is; the end if there is none. */
  iterator find(const Key& key);
  const_iterator find(const Key& key) const;
  /** How many elements have that key. */
  size_type count(const Key& key) const;
  bool contains(const Key& key) const;
  pair<iterator, iterator> equal_range(const Key& key);
  void merge(unordered_set& other);
  size_type bucket_count() const noexcept;
  float load_factor() const noexcept;
  void max_load_factor(float factor);
  void rehash(size_type count);
  void reserve(size_type count);
  Hash hash_function() const;
};
/** Values found by their hash, some of them equal. */
template <class Key, class Hash = hash<Key>, class Equal = equal_to<Key>, class Allocator = allocator<Key>>
class unordered_multiset {
 public:
  using key_type = Key;
  using value_type = Key;
  using size_type = size_t;
  using difference_type = ptrdiff_t;
  using reference = value_type&;
  using const_reference = const value_type&;
  using pointer = value_type*;
  using const_pointer = const value_type*;
  using iterator = value_type*;
  using const_iterator = const value_type*;
  using reverse_iterator = value_type*;
  using const_reverse_iterator = const value_type*;

  unordered_multiset();
  unordered_multiset(const unordered_multiset& other);
  unordered_multiset(unordered_multiset&& other);
  unordered_multiset(initializer_list<value_type> values);
  template <class Iterator> unordered_multiset(Iterator first, Iterator last);
  ~unordered_multiset();
  unordered_multiset& operator=(const unordered_multiset& other);
  unordered_multiset& operator=(unordered_multiset&& other);
  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  /** How many elements it holds. */
  size_type size() const noexcept;
  size_type max_size() const noexcept;
  /** Does it hold nothing? */
  bool empty() const noexcept;

  void clear() noexcept;
  /** Puts an element in, if its key is new. */
  iterator insert(const value_type& value);
  iterator insert(value_type&& value);
  iterator insert(const_iterator near, const value_type& value);
  template <class Iterator> void insert(Iterator first, Iterator last);
  void insert(initializer_list<value_type> values);
  /** Makes an element, if its key is new. */
  template <class... Args> iterator emplace(Args&&... args);
  template <class... Args> iterator emplace_hint(const_iterator near, Args&&... args);
  /** Takes elements out. */
  size_type erase(const Key& key);
  iterator erase(const_iterator place);
  iterator erase(const_iterator first, const_iterator last);
  void swap(unordered_multiset& other) noexcept;
  /** Where the element of a key is; the end if there is none. */
  iterator find(const Key& key);
  const_iterator find(const Key& key) const;
  /** How many elements have that key. */
  size_type count(const Key& key) const;
  bool contains(const Key& key) const;
  pair<iterator, iterator> equal_range(const Key& key);
  void merge(unordered_multiset& other);
  size_type bucket_count() const noexcept;
  float load_factor() const noexcept;
  void max_load_factor(float factor);
  void rehash(size_type count);
  void reserve(size_type count);
  Hash hash_function() const;
};
}  // namespace std
