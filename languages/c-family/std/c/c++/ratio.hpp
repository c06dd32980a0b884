#pragma once
#include <cstdint>
namespace std {
template <intmax_t N, intmax_t D = 1>
struct ratio {
  static constexpr intmax_t num = N;
  static constexpr intmax_t den = D;
};
using nano = ratio<1, 1000000000>;
using micro = ratio<1, 1000000>;
using milli = ratio<1, 1000>;
using kilo = ratio<1000>;
using mega = ratio<1000000>;
using giga = ratio<1000000000>;
}  // namespace std
