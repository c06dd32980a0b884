#pragma once
#include <utility>
#include <typeinfo>
namespace std {
class bad_any_cast : public bad_cast {};
/** A value of any type. */
class any {
 public:
  any() noexcept;
  any(const any& other);
  template <class T> any(T&& value);
  template <class T> any& operator=(T&& value);
  template <class T, class... Args> T& emplace(Args&&... args);
  void reset() noexcept;
  bool has_value() const noexcept;
  const type_info& type() const noexcept;
};
template <class T> T any_cast(const any& value);
template <class T> T* any_cast(any* value) noexcept;
}  // namespace std
