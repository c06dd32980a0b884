#pragma once
#include <utility>
#include <exception>
namespace std {
struct nullopt_t { explicit constexpr nullopt_t(int) {} };
/** No value. */
inline constexpr nullopt_t nullopt{0};
class bad_optional_access : public exception {};
/** A value that may be missing. */
template <class T>
class optional {
 public:
  using value_type = T;
  constexpr optional() noexcept;
  constexpr optional(nullopt_t) noexcept;
  optional(const optional& other);
  optional(optional&& other);
  template <class U> optional(U&& value);
  optional& operator=(nullopt_t) noexcept;
  optional& operator=(const optional& other);
  template <class U> optional& operator=(U&& value);
  T* operator->();
  const T* operator->() const;
  T& operator*();
  const T& operator*() const;
  explicit operator bool() const noexcept;
  bool has_value() const noexcept;
  /** The value; throws if it is missing. */
  T& value();
  const T& value() const;
  template <class U> T value_or(U&& other) const;
  void reset() noexcept;
  template <class... Args> T& emplace(Args&&... args);
  void swap(optional& other);
};
template <class T> optional<T> make_optional(T&& value);
}  // namespace std
