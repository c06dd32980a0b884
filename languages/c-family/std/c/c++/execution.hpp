#pragma once
namespace std {
namespace execution {
class sequenced_policy {};
class parallel_policy {};
inline constexpr sequenced_policy seq{};
inline constexpr parallel_policy par{};
}  // namespace execution
}  // namespace std
