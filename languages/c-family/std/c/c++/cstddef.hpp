#pragma once
#include <stddef.h>
namespace std {
using ::size_t;
using ::ptrdiff_t;
using ::max_align_t;
using nullptr_t = decltype(nullptr);
enum class byte : unsigned char {};
}  // namespace std
