#pragma once
#include <cstddef>
namespace std {
/** What numbers of a type can be. */
template <class T>
class numeric_limits {
 public:
  static constexpr bool is_specialized = true;
  static constexpr bool is_signed = true;
  static constexpr bool is_integer = true;
  static constexpr bool has_infinity = false;
  static constexpr int digits = 31;
  static constexpr int digits10 = 9;
  static constexpr int max_digits10 = 0;
  static constexpr T min() noexcept;
  static constexpr T max() noexcept;
  static constexpr T lowest() noexcept;
  static constexpr T epsilon() noexcept;
  static constexpr T infinity() noexcept;
  static constexpr T quiet_NaN() noexcept;
  static constexpr T signaling_NaN() noexcept;
  static constexpr T denorm_min() noexcept;
};
}  // namespace std
