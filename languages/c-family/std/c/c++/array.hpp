#pragma once
#include <cstddef>
#include <utility>
namespace std {
/** So many elements in a row. */
template <class T, size_t N>
struct array {
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

  T elements[N ? N : 1];

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

  T* data() noexcept;
  const T* data() const noexcept;
  void fill(const T& value);
  void swap(array& other) noexcept;
};
}  // namespace std
