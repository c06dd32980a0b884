#pragma once
#include <utility>
namespace std {
/** Several values. */
template <class... T>
class tuple {
 public:
  constexpr tuple();
  explicit tuple(const T&... values);
  template <class... U> tuple(U&&... values);
  void swap(tuple& other) noexcept;
};
template <class T> struct tuple_size : integral_constant<size_t, 0> {};
template <size_t I, class T> struct tuple_element { using type = T; };
template <size_t I, class T> using tuple_element_t = typename tuple_element<I, T>::type;
/** The values as a tuple. */
template <class... T> tuple<T...> make_tuple(T&&... values);
/** Variables to be filled from a tuple. */
template <class... T> tuple<T&...> tie(T&... variables) noexcept;
template <class... T> tuple<T&&...> forward_as_tuple(T&&... values) noexcept;
template <class... T> tuple<> tuple_cat(T&&... tuples);
/** One of the values. */
template <size_t I, class... T> auto& get(tuple<T...>& values) noexcept;
template <size_t I, class A, class B> auto& get(pair<A, B>& values) noexcept;
/** Calls with the values as arguments. */
template <class F, class Tuple> decltype(auto) apply(F&& function, Tuple&& values);
struct ignore_t { template <class T> const ignore_t& operator=(T&&) const; };
inline constexpr ignore_t ignore{};
}  // namespace std
