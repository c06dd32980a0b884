#pragma once
#include <exception>
namespace std {
class type_info {
 public:
  virtual ~type_info();
  bool operator==(const type_info& other) const noexcept;
  bool operator!=(const type_info& other) const noexcept;
  bool before(const type_info& other) const noexcept;
  size_t hash_code() const noexcept;
  /** The name the compiler gives the type. */
  const char* name() const noexcept;
};
class bad_cast : public exception {};
class bad_typeid : public exception {};
}  // namespace std
