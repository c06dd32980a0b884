#pragma once
#include <locale.h>
namespace std {
using ::setlocale;
using ::localeconv;
using ::lconv;
}  // namespace std
