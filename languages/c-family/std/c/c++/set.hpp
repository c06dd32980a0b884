#pragma once
#include <initializer_list>
#include <utility>
#include <functional>
#include <memory>
namespace std {
/** Different values in order. */
template <class Key, class Compare = less<Key>, class Allocator = allocator<Key>>
class set {
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

  set();
  set(const set& other);
  set(set&& other);
  set(initializer_list<value_type> values);
  template <class Iterator> set(Iterator first, Iterator last);
  ~set();
  set& operator=(const set& other);
  set& operator=(set&& other);
  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  /** The last element's place, for walking backwards. */
  reverse_iterator rbegin() noexcept;
  const_reverse_iterator rbegin() const noexcept;
  reverse_iterator rend() noexcept;
  const_reverse_iterator rend() const noexcept;
  const_reverse_iterator crbegin() const noexcept;
  const_reverse_iterator crend() const noexcept;

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
  void swap(set& other) noexcept;
  /** Where the element of a key is; the end if there is none. */
  iterator find(const Key& key);
  const_iterator find(const Key& key) const;
  /** How many elements have that key. */
  size_type count(const Key& key) const;
  bool contains(const Key& key) const;
  pair<iterator, iterator> equal_range(const Key& key);
  void merge(set& other);
  /** The first element not before a key. */
  iterator lower_bound(const Key& key);
  const_iterator lower_bound(const Key& key) const;
  /** The first element behind a key. */
  iterator upper_bound(const Key& key);
  const_iterator upper_bound(const Key& key) const;
  Compare key_comp() const;
};
/** Values in order, some of them equal. */
template <class Key, class Compare = less<Key>, class Allocator = allocator<Key>>
class multiset {
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

  multiset();
  multiset(const multiset& other);
  multiset(multiset&& other);
  multiset(initializer_list<value_type> values);
  template <class Iterator> multiset(Iterator first, Iterator last);
  ~multiset();
  multiset& operator=(const multiset& other);
  multiset& operator=(multiset&& other);
  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  /** The last element's place, for walking backwards. */
  reverse_iterator rbegin() noexcept;
  const_reverse_iterator rbegin() const noexcept;
  reverse_iterator rend() noexcept;
  const_reverse_iterator rend() const noexcept;
  const_reverse_iterator crbegin() const noexcept;
  const_reverse_iterator crend() const noexcept;

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
  void swap(multiset& other) noexcept;
  /** Where the element of a key is; the end if there is none. */
  iterator find(const Key& key);
  const_iterator find(const Key& key) const;
  /** How many elements have that key. */
  size_type count(const Key& key) const;
  bool contains(const Key& key) const;
  pair<iterator, iterator> equal_range(const Key& key);
  void merge(multiset& other);
  /** The first element not before a key. */
  iterator lower_bound(const Key& key);
  const_iterator lower_bound(const Key& key) const;
  /** The first element behind a key. */
  iterator upper_bound(const Key& key);
  const_iterator upper_bound(const Key& key) const;
  Compare key_comp() const;
};
}  // namespace std
