#pragma once
#include <type_traits>
#include <initializer_list>
namespace std {
struct piecewise_construct_t { explicit piecewise_construct_t() = default; };
inline constexpr piecewise_construct_t piecewise_construct{};
struct in_place_t { explicit in_place_t() = default; };
inline constexpr in_place_t in_place{};
/** Two values. */
template <class T1, class T2>
struct pair {
  using first_type = T1;
  using second_type = T2;
  T1 first;
  T2 second;
  pair();
  pair(const T1& first, const T2& second);
  template <class U1, class U2> pair(U1&& first, U2&& second);
  template <class U1, class U2> pair(const pair<U1, U2>& other);
  void swap(pair& other) noexcept;
};
template <class T1, class T2> bool operator==(const pair<T1, T2>& a, const pair<T1, T2>& b);
template <class T1, class T2> bool operator<(const pair<T1, T2>& a, const pair<T1, T2>& b);
/** Two values as a pair. */
template <class T1, class T2> pair<T1, T2> make_pair(T1&& first, T2&& second);
/** The value, free to be taken over. */
template <class T> constexpr T&& move(T& value) noexcept;
/** The value as it was given: kept or free to be taken over. */
template <class T> constexpr T&& forward(T& value) noexcept;
template <class T> constexpr const T& move_if_noexcept(T& value) noexcept;
/** Puts a new value in and gives the old one. */
template <class T, class U = T> T exchange(T& object, U&& value);
/** Exchanges two values. */
template <class T> void swap(T& a, T& b) noexcept;
/** A value of a type, for what is not evaluated. */
template <class T> T&& declval() noexcept;
template <class T> constexpr const T& as_const(T& value) noexcept;
template <class T, T... I> struct integer_sequence { using value_type = T; static constexpr size_t size() noexcept; };
template <size_t... I> using index_sequence = integer_sequence<size_t, I...>;
template <size_t N> using make_index_sequence = index_sequence<>;
template <class... T> using index_sequence_for = index_sequence<>;
}  // namespace std
