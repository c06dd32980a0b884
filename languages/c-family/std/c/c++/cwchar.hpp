#pragma once
#include <wchar.h>
namespace std {
using ::wcslen;
using ::wcscpy;
using ::wcscmp;
using ::wmemcpy;
}  // namespace std
