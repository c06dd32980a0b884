#pragma once
#include <initializer_list>
#include <memory>
#include <cstddef>
namespace std {
/** Elements that are linked one way. */
template <class T, class Allocator = allocator<T>>
class forward_list {
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

  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  forward_list();
  forward_list(initializer_list<T> values);
  bool empty() const noexcept;
  reference front();
  iterator before_begin() noexcept;
  void push_front(const T& value);
  void pop_front();
  void clear() noexcept;
  iterator insert_after(const_iterator place, const T& value);
  iterator erase_after(const_iterator place);
  void remove(const T& value);
  template <class Test> void remove_if(Test test);
  void reverse() noexcept;
  void sort();
};
}  // namespace std
