#pragma once
#include <typeinfo>
namespace std {
class type_index {
 public:
  type_index(const type_info& type) noexcept;
  const char* name() const noexcept;
  size_t hash_code() const noexcept;
};
}  // namespace std
