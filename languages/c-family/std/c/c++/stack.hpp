#pragma once
#include <deque>
namespace std {
/** Last in, first out. */
template <class T, class Container = deque<T>>
class stack {
 public:
  using value_type = T;
  using size_type = size_t;
  using reference = T&;
  using const_reference = const T&;
  stack();
  explicit stack(const Container& elements);
  bool empty() const;
  size_type size() const;
  reference top();
  const_reference top() const;
  void push(const T& value);
  void push(T&& value);
  template <class... Args> void emplace(Args&&... args);
  void pop();
  void swap(stack& other) noexcept;
};
}  // namespace std
