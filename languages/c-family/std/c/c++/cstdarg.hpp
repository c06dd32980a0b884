#pragma once
#include <stdarg.h>
namespace std {
using ::va_list;
}  // namespace std
