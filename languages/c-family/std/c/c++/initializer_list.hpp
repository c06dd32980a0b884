#pragma once
#include <cstddef>
namespace std {
/** The values in braces. */
template <class T>
class initializer_list {
 public:
  using value_type = T;
  using size_type = size_t;
  using iterator = const T*;
  using const_iterator = const T*;
  initializer_list() noexcept;
  size_type size() const noexcept;
  const T* begin() const noexcept;
  const T* end() const noexcept;
 private:
  const T* values;
  size_t count;
};
}  // namespace std
