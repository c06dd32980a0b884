#pragma once
#include <deque>
#include <vector>
#include <functional>
namespace std {
/** First in, first out. */
template <class T, class Container = deque<T>>
class queue {
 public:
  using value_type = T;
  using size_type = size_t;
  using reference = T&;
  using const_reference = const T&;
  queue();
  explicit queue(const Container& elements);
  bool empty() const;
  size_type size() const;
  reference front();
  const_reference front() const;
  reference back();
  const_reference back() const;
  void push(const T& value);
  void push(T&& value);
  template <class... Args> void emplace(Args&&... args);
  void pop();
  void swap(queue& other) noexcept;
};

/** The greatest comes out first. */
template <class T, class Container = vector<T>, class Compare = less<T>>
class priority_queue {
 public:
  using value_type = T;
  using size_type = size_t;
  using reference = T&;
  using const_reference = const T&;
  priority_queue();
  explicit priority_queue(const Container& elements);
  bool empty() const;
  size_type size() const;
  const_reference top() const;
  void push(const T& value);
  void push(T&& value);
  template <class... Args> void emplace(Args&&... args);
  void pop();
  void swap(priority_queue& other) noexcept;
};
}  // namespace std
