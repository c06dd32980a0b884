#pragma once
#include <utility>
#include <exception>
namespace std {
struct monostate {};
class bad_variant_access : public exception {};
inline constexpr size_t variant_npos = static_cast<size_t>(-1);
/** A value of one of several types. */
template <class... T>
class variant {
 public:
  variant();
  template <class U> variant(U&& value);
  template <class U> variant& operator=(U&& value);
  size_t index() const noexcept;
  bool valueless_by_exception() const noexcept;
  template <class U, class... Args> U& emplace(Args&&... args);
  void swap(variant& other);
};
/** Is the value of that type? */
template <class U, class... T> bool holds_alternative(const variant<T...>& value) noexcept;
template <class U, class... T> U& get(variant<T...>& value);
template <class U, class... T> const U& get(const variant<T...>& value);
template <class U, class... T> U* get_if(variant<T...>* value) noexcept;
/** Calls with the value that is there. */
template <class Visitor, class... V> decltype(auto) visit(Visitor&& visitor, V&&... values);
template <class T> struct variant_size : integral_constant<size_t, 0> {};
template <size_t I, class T> struct variant_alternative { using type = T; };
}  // namespace std
