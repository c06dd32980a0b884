#pragma once
#include <string>
namespace std {
/** So many bits. */
template <size_t N>
class bitset {
 public:
  bitset() noexcept;
  bitset(unsigned long long bits) noexcept;
  explicit bitset(const string& bits);
  bool operator[](size_t at) const;
  bool test(size_t at) const;
  bool all() const noexcept;
  bool any() const noexcept;
  bool none() const noexcept;
  size_t count() const noexcept;
  size_t size() const noexcept;
  bitset& set() noexcept;
  bitset& set(size_t at, bool value = true);
  bitset& reset() noexcept;
  bitset& reset(size_t at);
  bitset& flip() noexcept;
  bitset& flip(size_t at);
  string to_string() const;
  unsigned long to_ulong() const;
  unsigned long long to_ullong() const;
};
}  // namespace std
