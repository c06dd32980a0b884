#pragma once
#include <initializer_list>
#include <utility>
#include <functional>
#include <memory>
namespace std {
/** Values by key, found by its hash. */
template <class Key, class T, class Hash = hash<Key>, class Equal = equal_to<Key>, class Allocator = allocator<pair<const Key, T>>>
class unordered_map {
 public:
  using key_type = Key;
  using mapped_type = T;
  using value_type = pair<const Key, T>;
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

  unordered_map();
  unordered_map(const unordered_map& other);
  unordered_map(unordered_map&& other);
  unordered_map(initializer_list<value_type> values);
  template <class Iterator> unordered_map(Iterator first, Iterator last);
  ~unordered_map();
  unordered_map& operator=(const unordered_map& other);
  unordered_map& operator=(unordered_map&& other);
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
  void swap(unordered_map& other) noexcept;
  /** Where the element of a key is; the end if there is none. */
  iterator find(const Key& key);
  const_iterator find(const Key& key) const;
  /** How many elements have that key. */
  size_type count(const Key& key) const;
  bool contains(const Key& key) const;
  pair<iterator, iterator> equal_range(const Key& key);
  void merge(unordered_map& other);
  /** The value of a key, made if there is none. */
  T& operator[](const Key& key);
  T& operator[](Key&& key);
  /** The value of a key; throws out_of_range if there is none. */
  T& at(const Key& key);
  const T& at(const Key& key) const;
  template <class... Args> pair<iterator, bool> try_emplace(const Key& key, Args&&... args);
  template <class V> pair<iterator, bool> insert_or_assign(const Key& key, V&& value);
  size_type bucket_count() const noexcept;
  float load_factor() const noexcept;
  void max_load_factor(float factor);
  void rehash(size_type count);
  void reserve(size_type count);
  Hash hash_function() const;
};
/** Values by key, several of one key. */
template <class Key, class T, class Hash = hash<Key>, class Equal = equal_to<Key>, class Allocator = allocator<pair<const Key, T>>>
class unordered_multimap {
 public:
  using key_type = Key;
  using mapped_type = T;
  using value_type = pair<const Key, T>;
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

  unordered_multimap();
  unordered_multimap(const unordered_multimap& other);
  unordered_multimap(unordered_multimap&& other);
  unordered_multimap(initializer_list<value_type> values);
  template <class Iterator> unordered_multimap(Iterator first, Iterator last);
  ~unordered_multimap();
  unordered_multimap& operator=(const unordered_multimap& other);
  unordered_multimap& operator=(unordered_multimap&& other);
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
  void swap(unordered_multimap& other) noexcept;
  /** Where the element of a key is; the end if there is none. */
  iterator find(const Key& key);
  const_iterator find(const Key& key) const;
  /** How many elements have that key. */
  size_type count(const Key& key) const;
  bool contains(const Key& key) const;
  pair<iterator, iterator> equal_range(const Key& key);
  void merge(unordered_multimap& other);
  size_type bucket_count() const noexcept;
  float load_factor() const noexcept;
  void max_load_factor(float factor);
  void rehash(size_type count);
  void reserve(size_type count);
  Hash hash_function() const;
};
}  // namespace std
