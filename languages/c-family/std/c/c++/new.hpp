#pragma once
#include <exception>
namespace std {
class bad_alloc : public exception {};
class bad_array_new_length : public bad_alloc {};
struct nothrow_t { explicit nothrow_t() = default; };
extern const nothrow_t nothrow;
enum class align_val_t : size_t {};
using new_handler = void (*)();
new_handler set_new_handler(new_handler handler) noexcept;
template <class T> constexpr T* launder(T* object) noexcept;
}  // namespace std
