#pragma once
#include <initializer_list>
#include <memory>
#include <cstddef>
namespace std {
/** Elements in a row that grows at both ends. */
template <class T, class Allocator = allocator<T>>
class deque {
 public:
  using value_type = T;
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

  deque();
  explicit deque(size_type count);
  deque(size_type count, const T& value);
  template <class Iterator> deque(Iterator first, Iterator last);
  deque(const deque& other);
  deque(deque&& other);
  deque(initializer_list<T> values);
  ~deque();
  deque& operator=(const deque& other);
  deque& operator=(deque&& other);
  deque& operator=(initializer_list<T> values);
  /** Replaces all elements. */
  void assign(size_type count, const T& value);
  template <class Iterator> void assign(Iterator first, Iterator last);
  void assign(initializer_list<T> values);
  Allocator get_allocator() const noexcept;
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

  reference operator[](size_type index);
  const_reference operator[](size_type index) const;
  /** The element there; throws out_of_range if there is none. */
  reference at(size_type index);
  const_reference at(size_type index) const;

  /** The first element. */
  reference front();
  const_reference front() const;
  /** The last element. */
  reference back();
  const_reference back() const;

  /** Makes it longer or shorter. */
  void resize(size_type count);
  void resize(size_type count, const T& value);
  /** Takes all elements out. */
  void clear() noexcept;
  /** Adds an element behind the last. */
  void push_back(const T& value);
  void push_back(T&& value);
  /** Makes an element behind the last. */
  template <class... Args> reference emplace_back(Args&&... args);
  /** Takes the last element out. */
  void pop_back();
  /** Puts an element before a place. */
  iterator insert(const_iterator place, const T& value);
  iterator insert(const_iterator place, T&& value);
  iterator insert(const_iterator place, size_type count, const T& value);
  template <class Iterator> iterator insert(const_iterator place, Iterator first, Iterator last);
  iterator insert(const_iterator place, initializer_list<T> values);
  /** Makes an element before a place. */
  template <class... Args> iterator emplace(const_iterator place, Args&&... args);
  /** Takes elements out. */
  iterator erase(const_iterator place);
  iterator erase(const_iterator first, const_iterator last);
  void swap(deque& other) noexcept;
  /** Adds an element before the first. */
  void push_front(const T& value);
  void push_front(T&& value);
  template <class... Args> reference emplace_front(Args&&... args);
  /** Takes the first element out. */
  void pop_front();
};
template <class T, class A> bool operator==(const deque<T, A>& a, const deque<T, A>& b);
template <class T, class A> bool operator!=(const deque<T, A>& a, const deque<T, A>& b);
template <class T, class A> bool operator<(const deque<T, A>& a, const deque<T, A>& b);
}  // namespace std
